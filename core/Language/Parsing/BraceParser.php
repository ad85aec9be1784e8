<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** What JavaScript and C++ have in common: braces around rows, and round brackets around conditions. */
abstract class BraceParser extends ExpressionParser
{
    private const CHANGES = [
        '+=' => Operator::Add, '-=' => Operator::Subtract, '*=' => Operator::Multiply, '/=' => null,
        '%=' => Operator::TruncRemainder, '**=' => Operator::Power,
    ];
    private const KEYWORDS = ['while', 'for', 'if', 'else', 'do', 'switch', 'return', 'break', 'continue'];

    /** @var array<int, list<Token>> remarks that stand alone on their lines, by the token behind them */
    protected array $remarksBefore = [];
    /** @var array<int, true> tokens that begin a line */
    protected array $begins = [];
    /** How many more braces are opened than closed in the whole text. */
    private int $unclosed = 0;

    abstract protected function semicolonNeeded(): bool;

    /**
     * A row that begins with a keyword of one language alone, or declares something.
     *
     * @return list<Statement>|null
     */
    abstract protected function ownRow(Token $token): ?array;

    /** `let`, `int`: reads what declares the variable of a `for`, and gives its type if the language names one. */
    abstract protected function loopVariable(): bool;

    abstract protected function division(): Operator;

    protected function tokenize(): void
    {
        $isFresh = true;
        $pending = [];
        $begun = null;
        foreach ($this->language()->tokens($this->text) as $token) {
            if (TokenKind::NewLine === $token->kind) {
                $isFresh = true;
                $begun = null;
                continue;
            }
            if (TokenKind::Space === $token->kind) {
                continue;
            }
            if (TokenKind::Comment === $token->kind) {
                // Several remarks on one line are one.
                $token = null === $begun ? $token : new Token($token->kind, substr($this->text, $begun->offset, $token->offset - $begun->offset).$token->text, $begun->offset);
                $begun = null;
                if ($isFresh && $this->endsLine($token)) {
                    $pending[] = $token;
                } elseif ($isFresh) {
                    $begun = $token;
                }
                continue;
            }
            $begun = null;
            $index = \count($this->tokens);
            if ($isFresh) {
                $this->begins[$index] = true;
            }
            if ([] !== $pending) {
                $this->remarksBefore[$index] = $pending;
                $pending = [];
            }
            $this->tokens[] = $token;
            $isFresh = false;
            if (TokenKind::Sign === $token->kind) {
                $this->unclosed += '{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0);
            }
        }
        $this->partners = Partners::of($this->tokens);
        $this->shadows = Shadows::of($this->tokens, $this->begins, $this->partners, $this->language());
        if ([] !== $this->shadows) {
            $this->tokens = array_map(fn (Token $token): Token => Shadows::renamed($token, $this->shadows), $this->tokens);
        }
        $this->until = \count($this->tokens);
        if ([] !== $pending) {
            $this->remarksBefore[$this->until] = $pending;
        }
    }

    /** Whether nothing but space follows on the line. */
    private function endsLine(Token $token): bool
    {
        return 1 === preg_match('/\G[ \t]*(?:[\r\n]|\z)/', $this->text, $match, 0, $token->offset + \strlen($token->text));
    }

    /** @return list<Statement> */
    protected function remarks(): array
    {
        $rows = array_map($this->comment(...), $this->remarksBefore[$this->at] ?? []);
        unset($this->remarksBefore[$this->at]);

        return $rows;
    }

    /** How far in the line stands that opened the braces around the row. */
    private int $openedIn = -1;

    /**
     * Whether the brace behind a header is missing: rows that stand further in, and a brace below them that closes
     * nothing else.
     */
    private function lacksBrace(): bool
    {
        $header = $this->indentOf($this->at - 1);
        if (!isset($this->begins[$this->at]) || $header <= $this->openedIn || $this->at >= $this->until || $this->indentOf($this->at) <= $header) {
            return false;
        }
        for ($index = $this->at; $index < $this->until; ++$index) {
            if (isset($this->begins[$index]) && $this->indentOf($index) <= $header) {
                return '}' === $this->tokens[$index]->text && $this->indentOf($index) === $header;
            }
        }

        return false;
    }

    /** The column at which the line of a token begins. */
    protected function indentOf(int $index): int
    {
        $offset = $this->tokens[$index]->offset;
        $start = $this->lineStarts()->start($offset);

        return strspn($this->text, " \t", $start, $offset - $start);
    }

    /**
     * Rows up to a closing brace or the end.
     *
     * @param int|null $opener the token at which what holds the rows begins; null for the outermost rows
     *
     * @return list<Statement>
     */
    protected function block(?int $opener): array
    {
        $outer = $this->openedIn;
        $this->openedIn = null === $opener ? -1 : $this->indentOf($opener);
        try {
            return $this->rowsUntilBrace($opener);
        } finally {
            $this->openedIn = $outer;
        }
    }

    /** @return list<Statement> */
    private function rowsUntilBrace(?int $opener): array
    {
        $rows = [];
        while (true) {
            $token = $this->peek();
            if (null !== $opener && null !== $token && \in_array($token->text, ['case', 'default'], true) && TokenKind::Keyword === $token->kind) {
                // A remark above it is about what follows.
                return $rows;
            }
            foreach ($this->remarks() as $row) {
                $rows[] = $row;
            }
            if (null === $token) {
                return $rows;
            }
            if (TokenKind::Sign === $token->kind && '}' === $token->text) {
                if (null !== $opener) {
                    return $rows;
                }
                $rows[] = $this->extraBrace($token);
                continue;
            }
            if (null !== $opener && $this->unclosed > 0 && isset($this->begins[$this->at]) && $this->indentOf($this->at) <= $this->indentOf($opener) && !$this->isElse()) {
                return $rows;
            }
            foreach ($this->row() as $row) {
                $rows[] = $row;
            }
        }
    }

    private function isElse(): bool
    {
        return $this->is('else');
    }

    private function extraBrace(Token $token): Statement
    {
        $this->mistake('extra_brace', $token->offset, 1, [], [new Replacement($token->offset, 1, '')]);
        ++$this->at;
        $row = new Unread($this->newId(), '}', $this->language()->value);
        $this->cut($row->id, 'head', $token->offset, $token->offset + 1);

        return $row;
    }

    /** @return list<Statement> */
    protected function row(): array
    {
        $start = $this->at;
        if ($this->depth >= Bounds::NESTING) {
            return [$this->passedOver()];
        }
        $depth = $this->depth++;
        $state = [\count($this->mistakes), \count($this->cuts), $this->ids, $this->parent, $this->scope, $this->loops];
        try {
            $rows = $this->statement();
            $this->checked($rows, $this->tokens[$start]->offset);

            return $rows;
        } catch (ParseFailure $failure) {
            $this->depth = $depth + 1;
            [$mistakes, $cuts, $this->ids, $this->parent, $this->scope, $this->loops] = $state;
            self::cutTo($this->mistakes, $mistakes);
            self::cutTo($this->cuts, $cuts);
            $this->mistakes[] = $failure->mistake;

            return [$this->unread($start)];
        } finally {
            $this->depth = $depth;
        }
    }

    /** A row that stands too deep is kept as it is, with all that it holds. */
    private function passedOver(): Statement
    {
        $start = $this->at;
        $this->mistake('deep', $this->tokens[$start]->offset, \strlen($this->tokens[$start]->text));
        while (null !== $token = $this->peek()) {
            $sign = TokenKind::Sign === $token->kind ? $token->text : '';
            if ('}' === $sign && $this->at > $start) {
                break;
            }
            $this->at = ('' !== $sign ? $this->closingOf($this->at) : null) ?? $this->at;
            ++$this->at;
            if (';' === $sign || '{' === $sign) {
                break;
            }
        }
        $this->silence($start, $this->at);
        $offset = $this->tokens[$start]->offset;
        $row = new Unread($this->newId(), substr($this->text, $offset, $this->endOffset() - $offset), $this->language()->value);

        return $this->ended($row, $offset);
    }

    /** Keeps a row that cannot be read: to its semicolon, or the end of its line, or the brace that opens or closes. */
    private function unread(int $start): Statement
    {
        $this->at = $start;
        $open = 0;
        while (null !== $token = $this->peek()) {
            if ($this->at > $start && isset($this->begins[$this->at]) && ($open <= 0 || $this->beginsRow())) {
                break;
            }
            $sign = TokenKind::Sign === $token->kind ? $token->text : '';
            if ('}' === $sign && $this->at > $start && $open <= 0) {
                break;
            }
            ++$this->at;
            $open += '(' === $sign || '[' === $sign ? 1 : (')' === $sign || ']' === $sign ? -1 : 0);
            if (';' === $sign && $open <= 0 || '{' === $sign && $this->opensBody()) {
                break;
            }
        }
        $this->silence($start, $this->at);
        $first = $this->tokens[$start];
        $end = $this->endOffset();
        $id = $this->newId();
        $this->cut($id, 'head', $first->offset, $end);
        $body = null;
        if ('{' === $this->tokens[$this->at - 1]->text && $this->opensBody()) {
            $body = $this->bodyRows($id, $start, true, 'body');
            $this->closeBrace($id, $start, 'close', ';');
        }

        return new Unread($id, substr($this->text, $first->offset, $end - $first->offset), $this->language()->value, $body);
    }

    /** Whether a line begins behind the last token, as it does behind the brace of a body. */
    private function opensBody(): bool
    {
        return isset($this->begins[$this->at]) || $this->at >= $this->until;
    }

    protected function beginsRow(): bool
    {
        $token = $this->peek();

        return null !== $token && (TokenKind::Keyword === $token->kind && !\in_array($token->text, ['function', 'new', 'true', 'false', 'null', 'this', 'await', 'typeof', 'undefined'], true) || isset($this->objects[$token->text]) || '}' === $token->text);
    }

    /** @return list<Statement> */
    private function statement(): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        $own = $this->ownRow($token) ?? $this->handlerRow($token);
        if (null !== $own) {
            return $own;
        }

        return match (TokenKind::Keyword === $token->kind ? $token->text : $this->misspelt($token)) {
            'while' => [$this->whileLoop()],
            'do' => [$this->doWhile()],
            'for' => [$this->forLoop()],
            'if' => [$this->conditional()],
            'switch' => [$this->switched()],
            'else' => $this->fail('else_without_if', $token, ['word' => 'else']),
            'break', 'continue' => [$this->leaving($token)],
            'return' => [$this->giveBack($token)],
            default => $this->plainRows($token),
        };
    }

    /** The keyword that a row begins with when it is misspelt or has capitals. */
    private function misspelt(Token $token): ?string
    {
        $next = $this->peek(1);
        if (TokenKind::Name !== $token->kind || isset($this->functions[$token->text]) || $this->isVariable($token->text) || null === $next) {
            return null;
        }
        $lower = strtolower($token->text);
        $closing = '(' === $next->text && TokenKind::Sign === $next->kind ? $this->closingOf($this->at + 1) : null;
        $behind = null === $closing ? null : $this->tokens[$closing + 1] ?? null;
        $opens = null !== $behind && ('{' === $behind->text || !isset($this->begins[(int) $closing + 1]) && \in_array($behind->kind, [TokenKind::Name, TokenKind::Keyword], true)) || '{' === $next->text;
        $returns = !isset($this->begins[$this->at + 1]) && \in_array($next->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text, TokenKind::Keyword], true)
            && 'return' !== $lower && count_chars($lower, 1) === count_chars('return', 1);
        if ($returns) {
            $this->mistake('misspelt_keyword', $token->offset, \strlen($token->text), ['name' => $token->text, 'near' => 'return'], [new Replacement($token->offset, \strlen($token->text), 'return')]);

            return 'return';
        }
        $words = ['elif' => 'else if', 'elsif' => 'else if', 'elseif' => 'else if'];
        if (isset($words[$lower])) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'else if'], [new Replacement($token->offset, \strlen($token->text), 'else if')]);
        }
        if (!$opens && !(TokenKind::Name === $next->kind && !isset($this->begins[$this->at + 1])) && !('return' === $lower)) {
            return null;
        }
        foreach (self::KEYWORDS as $keyword) {
            if ($lower === $keyword) {
                $this->mistake('capitals', $token->offset, \strlen($token->text), ['name' => $token->text, 'near' => $keyword], [new Replacement($token->offset, \strlen($token->text), $keyword)]);

                return $keyword;
            }
        }
        $near = Names::nearest($lower, self::KEYWORDS);
        foreach (self::KEYWORDS as $keyword) {
            if (count_chars($lower, 1) === count_chars($keyword, 1)) {
                $near = $keyword;
            }
        }
        if (null !== $near && $opens && (levenshtein($lower, $near) <= 2)) {
            $this->mistake('misspelt_keyword', $token->offset, \strlen($token->text), ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);

            return $near;
        }

        return null;
    }

    /** The end of a simple row. */
    protected function semicolon(): void
    {
        if ($this->accept(';')) {
            return;
        }
        $next = $this->peek();
        $ends = null === $next || '}' === $next->text && TokenKind::Sign === $next->kind || isset($this->begins[$this->at]);
        $end = $this->endOffset();
        if ($ends && !$this->semicolonNeeded()) {
            return;
        }
        if ($ends) {
            $this->mistake('semicolon_missing', max(0, $end - 1), 1, [], [new Replacement($end, 0, ';')]);

            return;
        }
        if (\in_array($next->text, [')', ']'], true) && TokenKind::Sign === $next->kind) {
            $this->fail('extra_bracket', $next, [], [new Replacement($next->offset, 1, '')]);
        }
        if (':' === $next->text && isset($this->begins[$this->at + 1])) {
            $this->fail('foreign_word', $next, ['word' => ':', 'near' => '{ … }']);
        }
        if (TokenKind::Unread === $next->kind) {
            $this->strange($next);
        }
        if (\in_array($next->kind, [TokenKind::Name, TokenKind::Keyword], true)) {
            $word = ['and' => '&&', 'or' => '||', 'then' => '{'][$next->text] ?? null;
            if (null !== $word) {
                $this->fail('foreign_word', $next, ['word' => $next->text, 'near' => $word], [new Replacement($next->offset, \strlen($next->text), $word)]);
            }
            $this->fail('two_rows', $next, [], [new Replacement($end, 0, ';')]);
        }
        $this->fail('unexpected', $next);
    }

    /** A row that is not closed most likely ends where its line does. */
    protected function beforeEnd(): int
    {
        $index = $this->at;
        while ($index < $this->until && !isset($this->begins[$index]) && !\in_array($this->tokens[$index]->text, [';', '{'], true)) {
            ++$index;
        }
        $last = $this->tokens[max(0, $index - 1)];

        return $last->offset + \strlen($last->text);
    }

    /** A condition in round brackets. */
    protected function condition(string $word): Expression
    {
        $opened = $this->peek();
        if (null === $opened || '(' !== $opened->text) {
            $brace = $this->at;
            while ($brace < $this->until && '{' !== $this->tokens[$brace]->text && !isset($this->begins[$brace])) {
                ++$brace;
            }
            $last = $this->tokens[$brace - 1];
            $this->fail('condition_brackets', $this->tokens[$this->at - 1], ['word' => $word], null === $opened ? [] : [new Replacement($last->offset + \strlen($last->text), 0, ')'), new Replacement($opened->offset, 0, '(')]);
        }
        ++$this->at;
        $start = $this->at;
        $from = $this->offset();
        $mistakes = \count($this->mistakes);
        $depth = $this->depth;
        try {
            if ($this->is(')')) {
                $this->fail('condition_missing', $opened, ['word' => $word]);
            }
            $value = $this->value();
            if ($value instanceof Lambda) {
                $this->arrowForSign($start);
            }
            $this->afterCondition();
            if ($this->is('{') && $this->opensBodyBehind()) {
                $end = $this->endOffset();
                $this->mistake('bracket_missing', $opened->offset, 1, ['opened' => '(', 'wanted' => ')'], [new Replacement($end, 0, ')')]);

                return $value;
            }
            $this->close($opened);
            if ($this->is(')')) {
                $this->mistake('extra_bracket', $this->offset(), 1, [], [new Replacement($this->offset(), 1, '')]);
                ++$this->at;
            }

            return $value;
        } catch (ParseFailure $failure) {
            $closing = $this->closingOf($start - 1);
            if (null === $closing || isset($this->begins[$closing]) && $closing > $start + 30) {
                throw $failure;
            }
            $this->depth = $depth;
            self::cutTo($this->mistakes, $mistakes);
            $this->mistakes[] = $failure->mistake;
            $this->silence($start, $closing);
            $this->at = $closing + 1;

            return new UnreadExpression(substr($this->text, $from, $this->tokens[$closing]->offset - $from));
        }
    }

    /** Whether a line ends behind the brace at the place that is read. */
    private function opensBodyBehind(): bool
    {
        return isset($this->begins[$this->at + 1]) || $this->at + 1 >= $this->until;
    }

    /** An arrow in a condition is meant for the sign of a comparison. */
    private function arrowForSign(int $from): void
    {
        for ($index = $from; $index < $this->at; ++$index) {
            $token = $this->tokens[$index];
            if ('=>' === $token->text) {
                $this->fail('signs_swapped', $token, ['sign' => '=>', 'near' => '>='], [new Replacement($token->offset, 2, '>=')]);
            }
        }
    }

    private function afterCondition(): void
    {
        $token = $this->peek();
        if (null === $token || ')' === $token->text) {
            return;
        }
        if ('=' === $token->text) {
            $next = $this->peek(1);
            if (null !== $next && ('>' === $next->text || '<' === $next->text) && $next->offset === $token->offset + 1) {
                $this->fail('signs_swapped', $token, ['sign' => '='.$next->text, 'near' => $next->text.'='], [new Replacement($token->offset, 2, $next->text.'=')]);
            }
            $this->fail('assign_in_condition', $token, [], [new Replacement($token->offset, 1, $this->equals())]);
        }
        if ('=>' === $token->text) {
            $this->fail('signs_swapped', $token, ['sign' => '=>', 'near' => '>='], [new Replacement($token->offset, 2, '>=')]);
        }
        $word = ['and' => '&&', 'or' => '||', 'AND' => '&&', 'OR' => '||', '&' => '&&', '|' => '||'][$token->text] ?? null;
        if (null !== $word) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => $word], [new Replacement($token->offset, \strlen($token->text), $word)]);
        }
        if (\in_array($token->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true)) {
            $this->fail('operator_missing', $token);
        }
    }

    /** The sign that compares two values. */
    abstract protected function equals(): string;

    /**
     * Rows in braces, or one row alone.
     *
     * @param int    $start the first token of what holds them
     * @param string $part  the part of the row that begins there
     */
    protected function body(int $id, int $start, string $part, string $name, bool $isLoop): Block
    {
        $offset = $this->tokens[$start]->offset;
        $next = $this->peek();
        if ($this->is(';') && 'do' !== $this->tokens[$start]->text && isset($this->begins[$this->at + 1]) && '{' === ($this->tokens[$this->at + 1]->text ?? '') || $this->is(';') && '{' === ($this->tokens[$this->at + 1]->text ?? '')) {
            $this->mistake('semicolon_after_header', $this->offset(), 1, ['word' => $this->tokens[$start]->text], [new Replacement($this->offset(), 1, '')]);
            ++$this->at;
        } elseif ($this->is(';')) {
            $this->fail('semicolon_after_header', $next, ['word' => $this->tokens[$start]->text], [new Replacement($this->offset(), 1, '')]);
        }
        if ($this->is(':')) {
            $this->fail('foreign_word', $next, ['word' => ':', 'near' => '{'], [new Replacement($this->offset(), 1, ' {')]);
        }
        if ($this->accept('{')) {
            $this->cut($id, $part, $offset, $this->endOffset());

            return $this->bodyRows($id, $start, $isLoop, $name);
        }
        if ($this->lacksBrace()) {
            $end = $this->endOffset();
            $this->mistake('brace_wanted', max(0, $end - 1), 1, ['word' => $this->tokens[$start]->text], [new Replacement($end, 0, ' {')]);
            $this->cut($id, $part, $offset, $end);

            return $this->bodyRows($id, $start, $isLoop, $name);
        }
        $next = $this->peek();
        if (null === $next || '}' === $next->text) {
            $this->fail('body_missing', $this->tokens[$start]);
        }
        if (isset($this->begins[$this->at]) && isset($this->remarksBefore[$this->at])) {
            $this->remarksBefore[$this->at] = [];
        }
        $this->cut($id, $part, $offset, $this->endOffset(), true);
        $before = [$this->parent, $this->loops];
        $this->parent = $id;
        if ($isLoop) {
            $this->loops[] = $offset;
        }
        $rows = $this->row();
        [$this->parent, $this->loops] = $before;

        return new Block($rows);
    }

    protected function bodyRows(int $id, int $start, bool $isLoop, string $name): Block
    {
        $before = [$this->parent, $this->loops];
        $this->parent = $id;
        if ($isLoop) {
            $this->loops[] = $this->tokens[$start]->offset;
        }
        $rows = $this->block($start);
        [$this->parent, $this->loops] = $before;

        return new Block($rows);
    }

    /** The brace that closes a body; where it is missing, that is said at the last row in it. */
    protected function closeBrace(int $id, int $start, string $part = 'close', string $behind = ''): void
    {
        if ($this->is('}')) {
            $offset = $this->offset();
            ++$this->at;
            if ('' !== $behind) {
                $this->accept($behind);
            }
            $this->cut($id, $part, $offset, $this->endOffset());

            return;
        }
        $this->missingBrace($start);
    }

    protected function missingBrace(int $start): void
    {
        $end = $this->endOffset();
        $indent = str_repeat(' ', $this->indentOf($start));
        --$this->unclosed;
        $this->mistake('brace_missing', max(0, $end - 1), 1, ['line' => $this->lineOf($this->tokens[$start]->offset)], [new Replacement($end, 0, "\n$indent}")]);
    }

    private function whileLoop(): Statement
    {
        $start = $this->at++;
        $id = $this->newId();
        $condition = $this->condition('while');
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        if ($braced) {
            $this->closeBrace($id, $start);
        }

        return $condition instanceof TruthLiteral && $condition->value ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    protected function opensBrace(): bool
    {
        return $this->is('{') || $this->lacksBrace() || $this->is(';') && '{' === ($this->tokens[$this->at + 1]->text ?? '');
    }

    private function doWhile(): Statement
    {
        $start = $this->at++;
        $id = $this->newId();
        if (!$this->is('{')) {
            $this->fail('brace_wanted', null, ['word' => 'do']);
        }
        $body = $this->body($id, $start, 'head', 'body', true);
        if (!$this->is('}')) {
            $this->missingBrace($start);
            $this->fail('unexpected');
        }
        $offset = $this->offset();
        ++$this->at;
        if (!$this->accept('while')) {
            $this->fail('while_missing');
        }
        $condition = $this->condition('while');
        $this->semicolon();
        $this->cut($id, 'close', $offset, $this->endOffset());

        return new DoWhile($id, $condition, $body);
    }

    private function forLoop(): Statement
    {
        $start = $this->at++;
        $id = $this->newId();
        $opened = $this->peek();
        if (null === $opened || '(' !== $opened->text) {
            $this->fail('condition_brackets', $this->tokens[$start], ['word' => 'for']);
        }
        ++$this->at;
        $each = $this->eachLoop($id, $start, $opened);
        if (null !== $each) {
            return $each;
        }
        if ($this->is(';')) {
            return $this->withoutVariable($id, $start, $opened);
        }
        $isNew = $this->loopVariable();
        $name = $this->newName('for_three_parts');
        if (!$this->accept('=')) {
            $this->is('in') ? $this->fail('foreign_word', null, ['word' => 'for … in', 'near' => 'for … of']) : $this->fail('for_three_parts');
        }
        $from = $this->value();
        if ($isNew) {
            $this->write($name->text, $name->offset);
            $this->declared[$this->scope][$name->text] = true;
            $this->counted_($name->text);
        } elseif (!$this->isDeclared($name->text)) {
            $this->undeclared($name);
        }
        $this->part($opened);
        $asked = $this->at;
        $condition = $this->is(';') ? new TruthLiteral(true) : $this->value();
        if ($condition instanceof Lambda) {
            $this->arrowForSign($asked);
        }
        $this->afterPart();
        $this->part($opened);
        [$operator, $amount] = $this->step($name->text);
        $this->close($opened);
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        if ($braced) {
            $this->closeBrace($id, $start);
        }

        return $this->counting(new ForLoop($id, $name->text, $from, $condition, $operator, $amount, $body));
    }

    /** `for (;;)` and `for (; condition;)` are other loops in other words. */
    private function withoutVariable(int $id, int $start, Token $opened): Statement
    {
        ++$this->at;
        $condition = $this->is(';') ? null : $this->value();
        $this->part($opened);
        if (!$this->is(')')) {
            $this->fail('unsupported', $opened, ['what' => 'for (; …; …)']);
        }
        $this->close($opened);
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        if ($braced) {
            $this->closeBrace($id, $start);
        }

        return null === $condition ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    /** The variable of a loop is known from here on. */
    protected function counted_(string $name): void
    {
    }

    /** A loop that counts, if it counts numbers. */
    protected function counting(ForLoop $loop): Statement
    {
        return $loop;
    }

    /** @var array<string, array<string, true>> names that are declared, by scope */
    protected array $declared = ['' => []];

    protected function isDeclared(string $name): bool
    {
        return isset($this->declared[$this->scope][$name]) || isset($this->declared[''][$name]);
    }

    /** A name gets a value without being declared. */
    abstract protected function undeclared(Token $name): void;

    private function afterPart(): void
    {
        if ($this->is(';')) {
            return;
        }
        $this->afterCondition();
    }

    /** The semicolon between the parts of a `for`. */
    private function part(Token $opened): void
    {
        if ($this->accept(';')) {
            return;
        }
        if ($this->is(',')) {
            $this->fail('for_semicolons', null, [], [new Replacement($this->offset(), 1, ';')]);
        }
        $next = $this->peek();
        if (null !== $next && ')' !== $next->text) {
            $this->fail('for_semicolons', $next, [], [new Replacement($this->endOffset(), 0, ';')]);
        }
        $this->fail('for_three_parts', $opened);
    }

    /** @return array{Operator, Expression} how the variable of a `for` changes after each turn */
    private function step(string $variable): array
    {
        $prefix = $this->is('++') || $this->is('--') ? $this->sign() : null;
        if (null !== $prefix) {
            ++$this->at;
        }
        $name = $this->peek();
        if (null === $name || TokenKind::Name !== $name->kind) {
            $this->fail('for_three_parts', $name);
        }
        if ($name->text !== $variable) {
            $this->fail('for_other_variable', $name, ['name' => $name->text, 'near' => $variable], [new Replacement($name->offset, \strlen($name->text), $variable)]);
        }
        ++$this->at;
        $sign = $prefix ?? $this->sign();
        if (null === $prefix) {
            ++$this->at;
        }
        if ('++' === $sign || '--' === $sign) {
            return ['++' === $sign ? Operator::Add : Operator::Subtract, new NumberLiteral(1)];
        }
        if (null !== $sign && \array_key_exists($sign, self::CHANGES)) {
            return [self::CHANGES[$sign] ?? $this->division(), $this->value()];
        }
        if ('=' === $sign) {
            $value = $this->value();
            if ($value instanceof Binary && $value->left instanceof VariableRead && $value->left->name === $variable) {
                return [$value->operator, $value->right];
            }
        }
        --$this->at;
        $this->fail('for_three_parts');
    }

    /** A loop over items, if this is one. */
    abstract protected function eachLoop(int $id, int $start, Token $opened): ?Statement;

    private function conditional(): Statement
    {
        $start = $this->at++;
        $id = $this->newId();
        $branches = [];
        $otherwise = null;
        $part = 'head';
        for ($index = 0;; ++$index) {
            $condition = $this->condition('if');
            $braced = $this->opensBrace();
            $body = $this->body($id, $start, $part, "then$index", false);
            $branches[] = new Branch($condition, $body);
            $isClosed = $braced && $this->is('}');
            if ($braced && !$isClosed) {
                $this->missingBrace($start);
                if (!$this->is('else')) {
                    return new Conditional($id, $branches, null);
                }
            }
            $else = $this->at + ($isClosed ? 1 : 0);
            $elseToken = $this->tokens[$else] ?? null;
            if (null === $elseToken || 'else' !== $elseToken->text) {
                if ($isClosed) {
                    $this->closeBrace($id, $start);
                }
                break;
            }
            $from = $this->at;
            $this->at = $else + 1;
            if ($this->is('if') && !isset($this->begins[$this->at])) {
                ++$this->at;
                $part = 'then'.($index + 1);
                $start = $from;
                continue;
            }
            if ($this->is('(') && '{' === ($this->tokens[($this->closingOf($this->at) ?? $this->at) + 1]->text ?? '')) {
                $this->fail('else_condition', $elseToken, [], [new Replacement($elseToken->offset, 4, 'else if')]);
            }
            $braced = $this->opensBrace();
            $otherwise = $this->body($id, $from, Conditional::OTHERWISE, Conditional::OTHERWISE, false);
            if ($braced) {
                $this->closeBrace($id, $from);
            }
            break;
        }

        return new Conditional($id, $branches, $otherwise);
    }

    /** A switch is a row of branches that compare one value; its breaks only end them. */
    private function switched(): Statement
    {
        $token = $this->peek();
        $start = $this->at++;
        $id = $this->newId();
        $subject = $this->condition('switch');
        if (!$this->isPlain($subject) || !$this->accept('{')) {
            $this->fail('unsupported', $token, ['what' => 'switch']);
        }
        $branches = [];
        $otherwise = null;
        $offset = $this->tokens[$start]->offset;
        while (!$this->is('}')) {
            $tests = [];
            $isDefault = false;
            while ($this->is('case') || $this->is('default')) {
                if ($this->accept('default')) {
                    $isDefault = true;
                } else {
                    ++$this->at;
                    $tests[] = new Binary(Operator::Equal, $subject, $this->value());
                }
                if (!$this->accept(':')) {
                    $this->fail('colon_missing', null, ['after' => 'case'], [new Replacement($this->endOffset(), 0, ':')]);
                }
            }
            if ([] === $tests && !$isDefault || $isDefault && [] !== $tests || null !== $otherwise) {
                $this->fail('unsupported', $token, ['what' => 'switch']);
            }
            $part = $isDefault ? Conditional::OTHERWISE : ([] === $branches ? 'head' : 'then'.\count($branches));
            $isBraced = $this->accept('{');
            $this->cut($id, $part, $offset, $this->endOffset());
            $this->loops[] = $offset;
            $before = $this->parent;
            $this->parent = $id;
            $rows = $this->block($start);
            $this->parent = $before;
            array_pop($this->loops);
            $offset = $this->offset();
            if ($isBraced && !$this->accept('}')) {
                $this->fail('brace_missing', $token, ['line' => $this->lineOf($offset)]);
            }
            $isLeft = $isBraced && $this->accept('break');
            if ($isLeft) {
                $this->semicolon();
            }
            $last = self::lastRow($rows);
            if ($last instanceof BreakLoop) {
                $offset = $this->closedBy($last, $rows) ?? $offset;
            } elseif (null !== $last && !$isLeft && !$this->is('}') && !$last instanceof GiveBack && !$last instanceof LeaveFunction && !$last instanceof ContinueLoop) {
                $this->fail('break_missing', $this->tokens[$this->at - 1]);
            }
            foreach (Walk::statements($rows) as $row) {
                if ($row instanceof BreakLoop) {
                    $this->fail('unsupported', $token, ['what' => 'switch']);
                }
            }
            if ($isDefault) {
                $otherwise = new Block($rows);
            } else {
                $condition = array_shift($tests);
                foreach ($tests as $test) {
                    $condition = new Binary(Operator::Or, $condition ?? $test, $test);
                }
                $branches[] = new Branch($condition ?? new TruthLiteral(true), new Block($rows));
            }
        }
        ++$this->at;
        $this->cut($id, 'close', $offset, $this->endOffset());
        if ([] === $branches) {
            $this->fail('unsupported', $token, ['what' => 'switch']);
        }

        return new Conditional($id, $branches, $otherwise);
    }

    /** @param list<Statement> $rows */
    protected static function lastRow(array $rows): ?Statement
    {
        foreach (array_reverse($rows) as $row) {
            if (!$row instanceof Comment) {
                return $row;
            }
        }

        return null;
    }

    /**
     * Takes a last row away that belongs to what closes the rows, with the remarks behind it: they stay in its text.
     *
     * @param list<Statement> $rows
     *
     * @return int|null where its text begins
     */
    protected function closedBy(Statement $last, array &$rows): ?int
    {
        $at = (int) array_search($last, $rows, true);
        foreach (array_splice($rows, $at + 1) as $remark) {
            $this->uncut($remark->id);
        }
        array_pop($rows);

        return $this->uncut($last->id);
    }

    private function leaving(Token $token): Statement
    {
        if ([] === $this->loops) {
            $this->fail('outside_loop', $token, ['word' => $token->text]);
        }
        ++$this->at;
        $this->semicolon();
        $row = 'break' === $token->text ? new BreakLoop($this->newId()) : new ContinueLoop($this->newId());

        return $this->ended($row, $token->offset);
    }

    protected function ended(Statement $row, int $start): Statement
    {
        $this->cut($row->id, 'head', $start, $this->endOffset());

        return $row;
    }

    private function giveBack(Token $token): Statement
    {
        if ('' === $this->scope) {
            $this->fail('outside_function', $token);
        }
        ++$this->at;
        $next = $this->peek();
        if ($this->is(';') || null === $next || '}' === $next->text || isset($this->begins[$this->at])) {
            $this->semicolon();

            return $this->ended(new LeaveFunction($this->newId()), $token->offset);
        }
        $value = $this->value();
        $this->semicolon();

        return $this->ended(new GiveBack($this->newId(), $value), $token->offset);
    }

    /** Reads what stands before the braces of a function without a name: `() =>`, `[]`. */
    abstract protected function unnamedFunction(): bool;

    /**
     * `lantern.whenTapped("round", () => {`: rows that run when something happens.
     *
     * @return list<Statement>|null
     */
    private function handlerRow(Token $token): ?array
    {
        $start = $this->at;
        $name = isset($this->objects[$token->text]) ? $this->objects[$token->text].'.'.$this->sign(2) : $token->text;
        $entry = Vocabulary::commands($this->language())[$name] ?? null;
        $event = null;
        foreach (Handler::EVENTS as $key => [$command]) {
            $event = $command === $entry?->key ? $key : $event;
        }
        if (null === $entry || null === $event) {
            return null;
        }
        $this->at += str_contains($name, '.') ? 3 : 1;
        $opened = $this->peek() ?? $token;
        if (!$this->is('(')) {
            $this->at = $start;

            return null;
        }
        ++$this->at;
        $what = $this->argument();
        if (!$this->accept(',') || !$this->unnamedFunction() || !$this->is('{')) {
            $this->at = $start;

            return null;
        }
        if (1 !== $this->parent || '' !== $this->scope) {
            $this->fail('handler_inside', $token);
        }
        $id = $this->newId();
        $loops = $this->loops;
        $this->loops = [];
        $body = $this->body($id, $start, 'head', 'body', false);
        $this->loops = $loops;
        $this->closeUnnamed($id, $start, $opened);
        $this->placed($entry, $this->tokens[$start + (str_contains($name, '.') ? 2 : 0)]);

        return [new Handler($id, $event, $this->fitted($entry->slots[0], $what), $body)];
    }

    /** The end of a function without a name that was handed over: `});`. */
    protected function closeUnnamed(int $id, int $start, Token $opened): void
    {
        if (!$this->is('}')) {
            $this->missingBrace($start);

            return;
        }
        $offset = $this->offset();
        ++$this->at;
        $this->close($opened);
        $this->semicolon();
        $this->cut($id, 'close', $offset, $this->endOffset());
    }

    /** @var list<array{string, bool}> variables that are read in a row and changed by one behind it, and whether up */
    protected array $steps = [];
    /** Whether a row is read that may change a variable behind itself, and in it what it gives. */
    protected bool $isInRow = false;
    protected bool $isInValue = false;

    /** @return list<Statement> */
    protected function plainRows(Token $token): array
    {
        [$this->steps, $this->isInRow, $this->isInValue] = [[], true, false];
        try {
            $row = $this->plain($token);
        } finally {
            $this->isInRow = $this->isInValue = false;
        }
        $this->semicolon();
        $rows = [$this->ended($row, $token->offset)];
        foreach ($this->steps as [$name, $isUp]) {
            $end = $this->endOffset();
            if (!$this->isReadOnce($row, $name)) {
                $this->failAt('unsupported', $token->offset, max(1, $end - $token->offset), ['what' => '… '.($isUp ? '++' : '--')]);
            }
            $step = $this->changed(new VariableRead($name), $isUp ? Operator::Add : Operator::Subtract, new NumberLiteral(1), $token->offset);
            $this->cut($step->id, 'head', $end, $end);
            $rows[] = $step;
        }

        return $rows;
    }

    /** Whether nothing else in a row, and nothing that it calls, could see that a variable has changed already. */
    private function isReadOnce(Statement $row, string $name): bool
    {
        $reads = 0;
        foreach (Walk::expressionsOf($row) as $part) {
            $reads += (int) ($part instanceof VariableRead && $part->name === $name);
            if ($part instanceof OwnValue) {
                return false;
            }
        }

        return 1 === $reads && !\in_array($name, $row->assigned(), true) && !$row instanceof OwnCall;
    }

    protected function plain(Token $token): Statement
    {
        $start = $token->offset;
        if ($this->is('++') || $this->is('--')) {
            $sign = $this->sign();
            ++$this->at;

            return $this->changed($this->expression(9), '++' === $sign ? Operator::Add : Operator::Subtract, new NumberLiteral(1), $start);
        }
        if (TokenKind::Name === $token->kind && $this->is('=', 1)) {
            $this->at += 2;
            $this->noDouble();
            if (!$this->isDeclared($token->text)) {
                $this->undeclared($token);
            }
            $this->isInValue = true;
            $value = $this->kept($token->text, $this->value());
            $this->given($token->text, $start);
            if ($this->is('=')) {
                return $this->chained([new VariableRead($token->text), $value], $start);
            }

            return new SetVariable($this->newId(), $token->text, $value);
        }
        $target = $this->expression();
        $sign = $this->sign();
        if ('++' === $sign || '--' === $sign) {
            ++$this->at;

            return $this->changed($target, '++' === $sign ? Operator::Add : Operator::Subtract, new NumberLiteral(1), $start);
        }
        if (null !== $sign && \array_key_exists($sign, self::CHANGES)) {
            $at = $this->offset();
            ++$this->at;
            $operator = self::CHANGES[$sign] ?? $this->division();
            $this->isInValue = true;
            $value = $this->value();
            if (Operator::Add === $operator) {
                $this->sums[] = [new Binary($operator, $target, $value), $at, $this->scope];
            }

            return $this->changed($target, $operator, $value, $start);
        }
        if ('=' === $sign) {
            ++$this->at;
            $this->noDouble();
            $this->isInValue = true;
            $value = $this->value();
            if ($target instanceof Item) {
                return $this->is('=') ? $this->chained([$target, $value], $start) : new SetItem($this->newId(), $target, $value);
            }
            if ($target instanceof Operation && 'length' === $target->key && $value instanceof NumberLiteral && 0 === $value->value) {
                return new Perform($this->newId(), new Operation('clear', $target->arguments));
            }
            $length = max(1, $this->endOffset() - $start);
            $text = substr($this->text, $start, min(40, $length));
            $this->failAt($target instanceof CommandValue ? 'assign_to_command' : ($target instanceof NumberLiteral ? 'assign_swapped' : 'assign_to_value'), $start, $length, ['text' => trim(explode('=', $text)[0])]);
        }
        $this->alone($target, $token);
        if (null !== $this->peek() && !$this->is(';') && !isset($this->begins[$this->at]) && !$this->is('}')) {
            $this->semicolon();
        }

        return $this->performed($target, $start, $this->endOffset());
    }

    /** A value as a variable keeps it. */
    protected function kept(string $name, Expression $value): Expression
    {
        return $value;
    }

    /**
     * `a = b = 0`: each of them gets the value.
     *
     * @param list<Expression> $all what stands before each `=` so far
     */
    private function chained(array $all, int $start): Statement
    {
        while ($this->accept('=')) {
            $all[] = $this->value();
        }
        $value = array_pop($all) ?? new NumberLiteral(0);
        foreach ($all as $target) {
            if (!$target instanceof VariableRead && !$target instanceof Item) {
                $this->failAt('assign_to_value', $start, max(1, $this->endOffset() - $start), ['text' => trim(substr($this->text, $start, 20))]);
            }
            if ($target instanceof VariableRead) {
                $this->given($target->name, $start);
            }
        }
        if (!$this->isPlain($value)) {
            $this->failAt('unsupported', $start, max(1, $this->endOffset() - $start), ['what' => 'a = b = …']);
        }

        return new SetSeveral($this->newId(), $all, array_fill(0, \count($all), $value));
    }

    /** `= =` and `==` where one is meant. */
    private function noDouble(): void
    {
        if ($this->is('=')) {
            $this->fail('unexpected');
        }
    }

    /** A name alone is no row: the brackets of a call are missing, or the word means nothing here. */
    private function alone(Expression $target, Token $token): void
    {
        if (!$target instanceof VariableRead) {
            return;
        }
        $end = $token->offset + \strlen($token->text);
        if (isset($this->functions[$target->name])) {
            $this->fail('call_brackets', $token, ['name' => $target->name], 0 === $this->functions[$target->name][0] && ($this->is(';') || null === $this->peek()) ? [new Replacement($end, 0, '()')] : []);
        }
        $next = $this->peek();
        if (null !== $next && !isset($this->begins[$this->at]) && \in_array($next->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true)) {
            $this->foreignRow($token, $next);
        }
    }

    /** Two words side by side at the start of a row. */
    abstract protected function foreignRow(Token $token, Token $next): void;

    protected function given(string $name, int $offset): void
    {
        $scope = isset($this->declared[$this->scope][$name]) ? $this->scope : '';
        $this->writes[$scope][$name] ??= $offset;
        $this->assigned[$this->scope][$name] = true;
    }

    /** @var array<string, array<string, true>> names that get a value, by the scope of the row */
    protected array $assigned = [];

    protected function changed(Expression $target, Operator $operator, Expression $amount, int $start): Statement
    {
        if ($target instanceof VariableRead) {
            $this->assigned[$this->scope][$target->name] = true;
            $isNegated = Operator::Subtract === $operator && $amount instanceof NumberLiteral && $amount->value > 0;

            return new ChangeVariable($this->newId(), $target->name, $isNegated ? new NumberLiteral(-$amount->value) : $amount, false, $isNegated ? Operator::Add : $operator);
        }
        if (!$target instanceof Item) {
            $this->failAt('assign_to_value', $start, max(1, $this->endOffset() - $start), ['text' => trim(substr($this->text, $start, 20))]);
        }

        return new SetItem($this->newId(), $target, $amount, $operator);
    }
}
