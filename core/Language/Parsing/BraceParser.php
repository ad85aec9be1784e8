<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** What JavaScript and C++ have in common: braces around rows, and round brackets around conditions. */
abstract class BraceParser extends ExpressionParser
{
    use DoneWhere;

    /** Signs that change what stands on their left; what divides is another one in each language. */
    protected const CHANGES = [
        '+=' => Operator::Add, '-=' => Operator::Subtract, '*=' => Operator::Multiply, '/=' => null,
        '%=' => Operator::TruncRemainder, '**=' => Operator::Power,
    ];
    private const KEYWORDS = ['while', 'for', 'if', 'else', 'do', 'switch', 'return', 'break', 'continue', 'try', 'throw', 'catch'];

    /** @var array<int, list<Token>> remarks that stand alone on their lines, by the token behind them */
    public array $remarksBefore = [];
    /** @var array<int, true> tokens that begin a line */
    public array $begins = [];
    /** How many more braces are opened than closed in the whole text. */
    private int $unclosed = 0;

    abstract protected function semicolonNeeded(): bool;

    /**
     * A row that begins with a keyword of one language alone, or declares something.
     *
     * @return list<Statement>|null
     */
    abstract protected function ownRow(Token $token): ?array;

    /**
     * `let`, `int`: reads what declares the variable of a `for`, and gives its type if the language names one.
     *
     * @phpstan-impure it tells whether the variable is one for all turns
     */
    abstract protected function loopVariable(): bool;

    abstract protected function division(): Operator;

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token> those that are read
     */
    protected function prepared(array $tokens): array
    {
        return $tokens;
    }

    protected function tokenize(): void
    {
        $isFresh = true;
        $pending = [];
        $begun = null;
        foreach ($this->prepared($this->language()->tokens($this->text)) as $token) {
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
            $last = $this->tokens[\count($this->tokens) - 1] ?? null;
            $private = $this->privateName($last, $token);
            if (null !== $private) {
                array_pop($this->tokens);
                $this->tokens[] = $private;
                continue;
            }
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
        $this->tokens = Shadows::renamedAll($this->tokens, $this->shadows, $this->language());
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
    public function remarks(): array
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
    public function block(?int $opener): array
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
            if (TokenKind::Sign === $token->kind && ';' === $token->text) {
                // A row that does nothing (ECMAScript 2022, 14.4; C++17, 9.2).
                ++$this->at;
                continue;
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
        // What is kept is written to next, and copied by that: only where a row may be read again.
        $known = !$this->readsSmall && $this->mayHoldSmall($start) ? [$this->declared, $this->assigned, $this->writes, $this->reads, $this->functions, $this->outermost] : null;
        [$outer, $this->unnamed] = [$this->unnamed, []];
        try {
            $rows = $this->statement();
            $rows = [] === $this->unnamed ? $rows : $this->behindUnnamed($rows, $this->tokens[$start]->offset);
            $this->checked($rows, $this->tokens[$start]->offset);

            return $rows;
        } catch (ParseFailure $failure) {
            $this->depth = $depth + 1;
            $this->givenUp($state, $failure);
            if (null !== $known && $this->mayReadSmall($failure)) {
                // Once more, with functions that only give something back as parts of the row.
                array_pop($this->mistakes);
                [$this->at, $this->depth, $this->readsSmall] = [$start, $depth, true];
                [$this->declared, $this->assigned, $this->writes, $this->reads, $this->functions, $this->outermost] = $known;
                try {
                    return $this->row();
                } finally {
                    $this->readsSmall = false;
                }
            }
            $before = $this->silenced;
            $row = $this->unread($start);
            $at = \count($this->mistakes) - 1;
            while ($at >= 0 && $failure->mistake !== $this->mistakes[$at]) {
                --$at;
            }
            if ($at >= 0 && 1 < \count($this->mistakes) && $this->hangsOnUnread($failure->mistake, $start, min($this->at, $start + 400), $before)) {
                array_splice($this->mistakes, $at, 1);
            }

            return [$row];
        } finally {
            $this->depth = $depth;
            $this->unnamed = $outer;
        }
    }

    /** Whether a function whose one row gives something back is read as the small function that it is, and not as one with rows. */
    protected bool $readsSmall = false;

    protected function mayReadSmall(ParseFailure $failure): bool
    {
        return false;
    }

    /** Whether a row that begins at a token may have a function in it that can be read as a small one. */
    protected function mayHoldSmall(int $start): bool
    {
        return false;
    }

    /** @var list<array{FunctionDefinition, int, int, int}> functions with rows that stand in the row being read, the end of the brace that opens each, the brace that closes it, and its end */
    public array $unnamed = [];

    /**
     * A function with rows that stands in a value is one of its own, above the row that the value belongs to; the text of that
     * row goes with it.
     *
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    protected function behindUnnamed(array $rows, int $start): array
    {
        $end = $this->endOffset();
        foreach ($rows as $row) {
            if ([] !== $row->bodies()) {
                $this->failAt('unsupported', $start, 1, ['what' => '=> { … }']);
            }
            foreach ('' === $this->scope && [] !== $this->loops ? Walk::expressionsOf($row) : [] as $value) {
                if ($value instanceof FunctionReference) {
                    // It would have to see the variables of this turn when it runs later.
                    $this->failAt('unsupported', $start, 1, ['what' => 'for … { => { … } }']);
                }
            }
            $this->uncut($row->id);
        }
        $definitions = [];
        foreach ($this->unnamed as $index => [$definition, $opened, $closing, $closed]) {
            $definitions[] = $definition;
            $this->cut($definition->id, 'head', $start, $opened);
            $start = isset($this->unnamed[$index + 1]) ? $closed : $end;
            $this->cut($definition->id, 'close', $closing, $start);
        }
        // Where no semicolon stands the function and the row end at one place, and the function comes first.
        foreach ($rows as $row) {
            $this->cut($row->id, 'head', $end, $end);
        }

        return [...$definitions, ...$rows];
    }

    /**
     * Forgets what was found since a state, and keeps what is wrong.
     *
     * @param array{int, int, int, int, string, list<int>} $state
     */
    private function givenUp(array $state, ParseFailure $failure): void
    {
        [$mistakes, $cuts, $this->ids, $this->parent, $this->scope, $this->loops] = $state;
        self::cutTo($this->mistakes, $mistakes);
        self::cutTo($this->cuts, $cuts);
        $this->mistakes[] = $failure->mistake;
    }

    /** @return list<Statement> what a class keeps or can do, up to the next of it */
    abstract protected function members(): array;

    /** @return list<Statement> what cannot be read of a class leaves the rest of it as it is */
    final public function membersOrUnread(): array
    {
        $start = $this->at;
        $state = [\count($this->mistakes), \count($this->cuts), $this->ids, $this->parent, $this->scope, $this->loops];
        try {
            return $this->members();
        } catch (ParseFailure $failure) {
            $this->givenUp($state, $failure);
            $this->scope = "$this->class.";
            $row = $this->unread($start);
            $this->scope = $state[4];

            return [$row];
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
    protected function unread(int $start): Statement
    {
        $this->at = $start;
        $open = 0;
        $isSwitch = $this->is('switch');
        while (null !== $token = $this->peek()) {
            if ($this->at > $start && isset($this->begins[$this->at]) && ($open <= 0 || $this->beginsRow())) {
                break;
            }
            $sign = TokenKind::Sign === $token->kind ? $token->text : '';
            if ('}' === $sign && $this->at > $start && $open <= 0) {
                break;
            }
            $closing = '{' === $sign && $this->at > $start && ($isSwitch || \in_array($this->tokens[$this->at - 1]->text, ['=', '(', ',', ':', '[', '=>', 'return'], true)) ? $this->closingOf($this->at) : null;
            if (null !== $closing) {
                // What stands in a value, or in a `switch`, is no rows of their own.
                $this->at = $closing + 1;
                if ($isSwitch) {
                    break;
                }
                continue;
            }
            $closing = '{' === $sign && !isset($this->begins[$this->at + 1]) ? $this->closingOf($this->at) : null;
            if (null !== $closing && $open <= 0 && !isset($this->begins[$closing])) {
                // Rows between braces on one line are left together with what holds them.
                $this->at = $closing + 1;
                continue;
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
        if ('{' === $this->tokens[$this->at - 1]->text && !$isSwitch && $this->opensBody()) {
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

    /**
     * @return list<Statement>
     *
     * @phpstan-impure the place in the text moves on, and functions are found in values
     */
    private function statement(): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        if ('{' === $token->text && TokenKind::Sign === $token->kind && $this->isBareBlock()) {
            return $this->bareBlock();
        }
        $isLabel = TokenKind::Name === $token->kind && $this->is(':', 1);
        if ($isLabel && $this->notation->rowsMayEnd && \in_array($this->sign(2), ['for', 'while', 'do'], true)) {
            return $this->labelled($token);
        }
        if ($isLabel && $this->notation->typed && 'default' !== $token->text && !$this->jumpsTo($token->text)) {
            return $this->labelled($token);
        }
        if ($isLabel && \in_array($this->sign(2), ['for', 'while', 'do', 'switch', '{'], true)) {
            $this->fail('unsupported', $token, ['what' => "$token->text:"]);
        }
        $own = $this->ownRow($token) ?? $this->handlerRow($token);
        if (null !== $own) {
            return $own;
        }

        return match (TokenKind::Keyword === $token->kind ? $token->text : $this->misspelt($token)) {
            'while' => $this->leftFrom(fn (): array => [$this->whileLoop()]),
            'do' => $this->leftFrom(fn (): array => [$this->doWhile()]),
            'for' => $this->leftFrom($this->forLoop(...)),
            'if' => [$this->conditional()],
            'switch' => $this->switched(),
            'else' => $this->fail('else_without_if', $token, ['word' => 'else']),
            'try' => [$this->attempt()],
            'throw' => [$this->raise($token)],
            'catch', 'finally' => $this->fail('without_try', $token, ['word' => $token->text]),
            'break', 'continue' => TokenKind::Name === ($label = $this->peek(1))?->kind && !isset($this->begins[$this->at + 1]) ? $this->leavingTo($token, $label->text) : [$this->leaving($token)],
            'return' => $this->giveBack($token),
            default => $this->plainRows($token),
        };
    }

    /** Whether braces hold rows, and are no list or map. */
    private function isBareBlock(): bool
    {
        $closing = $this->closingOf($this->at);
        $alone = null !== $closing && isset($this->begins[$this->at]) && (isset($this->begins[$closing + 1]) || $closing + 1 >= $this->until) && !$this->is(':', 2);
        for ($index = $this->at + 1; !$alone && null !== $closing && $index < $closing; ++$index) {
            if (';' === $this->tokens[$index]->text) {
                return $this->isInOneLine($closing);
            }
            $index = $this->partners[$index] ?? $index;
        }
        if (!$alone && null !== $closing && TokenKind::Keyword === $this->tokens[$this->at + 1]->kind && !\in_array($this->tokens[$this->at + 2]->text, [':', ',', '}', '('], true)) {
            return $this->isInOneLine($closing);
        }
        if ($alone && (!isset($this->begins[$this->at + 1]) || !isset($this->begins[$closing]))) {
            return $this->isInOneLine($closing);
        }

        return $alone;
    }

    /** Whether braces with rows stand in one line, without further ones. */
    private function isInOneLine(int $closing): bool
    {
        for ($index = $this->at + 1; $index <= $closing; ++$index) {
            if (isset($this->begins[$index]) || '{' === $this->tokens[$index]->text) {
                $this->fail('unsupported', $this->peek(), ['what' => '{ … }']);
            }
        }

        return true;
    }

    /** @return list<Statement> the rows of braces that stand for themselves; names of their own are told apart before */
    private function bareBlock(): array
    {
        $start = $this->at++;
        ++$this->bareBlocks;
        try {
            $rows = $this->block($start);
        } finally {
            --$this->bareBlocks;
        }
        if (!$this->accept('}')) {
            $this->missingBrace($start);
        }

        return $rows;
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
        // `For (let …` without braces behind it, and what differs in its capitals alone.
        $isHead = null !== $closing && (TokenKind::Keyword === ($this->tokens[$this->at + 2] ?? null)?->kind || \in_array($lower, self::KEYWORDS, true) && ';' !== $behind?->text);
        $opens = $isHead || null !== $behind && ('{' === $behind->text || !isset($this->begins[(int) $closing + 1]) && \in_array($behind->kind, [TokenKind::Name, TokenKind::Keyword], true)) || '{' === $next->text;
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
    public function semicolon(): void
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
            if (isset($this->begins[$this->at - 1]) && TokenKind::Name === $this->tokens[$this->at - 1]->kind) {
                // A label: something jumps there.
                $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => $this->tokens[$this->at - 1]->text.':']);
            }
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
        $this->signsMeant();
        if (',' === $next->text) {
            // Several values in one row, the last of which counts (ECMA-262, 13.16; C++17, 8.19).
            $this->fail('unsupported', $next, ['what' => '…, …']);
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
            $value = $this->declaredInCondition() ?? $this->value();
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

    /** A variable that a condition declares, with its value. */
    protected function declaredInCondition(): ?Expression
    {
        return null;
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

    protected function foreignLogic(Token $token): void
    {
        $word = ['and' => '&&', 'or' => '||', 'AND' => '&&', 'OR' => '||', '&' => '&&', '|' => '||'][$token->text] ?? null;
        if (null !== $word) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => $word], [new Replacement($token->offset, \strlen($token->text), $word)]);
        }
    }

    private function afterCondition(): void
    {
        $token = $this->peek();
        if (null === $token || ')' === $token->text) {
            return;
        }
        $this->signsMeant();
        if ('=' === $token->text) {
            $this->fail('assign_in_condition', $token, [], [new Replacement($token->offset, 1, $this->equals())]);
        }
        $this->foreignLogic($token);
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
    public function body(int $id, int $start, string $part, string $name, bool $isLoop): Block
    {
        $offset = $this->tokens[$start]->offset;
        $next = $this->peek();
        if ($this->is(';') && 'do' !== $this->tokens[$start]->text && isset($this->begins[$this->at + 1]) && '{' === ($this->tokens[$this->at + 1]->text ?? '') || $this->is(';') && '{' === ($this->tokens[$this->at + 1]->text ?? '')) {
            $this->mistake('semicolon_after_header', $this->offset(), 1, ['word' => $this->tokens[$start]->text], [new Replacement($this->offset(), 1, '')]);
            ++$this->at;
        } elseif ($this->is(';')) {
            $isMeant = !isset($this->begins[$this->at + 1]) || $this->indentOf($this->at + 1) <= $this->indentOf($start) || '}' === ($this->tokens[$this->at + 1]->text ?? '}');
            if ($isMeant && $isLoop) {
                // Nothing is set in below it: a body that does nothing is what was meant.
                ++$this->at;
                $this->cut($id, $part, $offset, $this->endOffset(), true);

                return new Block([]);
            }
            if ($isMeant && ' ' === ($this->text[$this->offset() - 1] ?? '')) {
                $this->fail('unsupported', $next, ['what' => $this->tokens[$start]->text.' (…) ;']);
            }
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
    public function closeBrace(int $id, int $start, string $part = 'close', string $behind = ''): void
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

    public function missingBrace(int $start): void
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

    public function opensBrace(): bool
    {
        if ($this->is('then') && !$this->isVariable('then') && !isset($this->functions['then'])) {
            $this->fail('foreign_word', $this->peek(), ['word' => 'then', 'near' => '{'], $this->is('{', 1) ? [new Replacement($this->offset(), 4, '')] : [new Replacement($this->offset(), 4, '{')]);
        }

        return $this->is('{') || $this->lacksBrace() || $this->is(';') && '{' === ($this->tokens[$this->at + 1]->text ?? '');
    }

    private function doWhile(): Statement
    {
        $start = $this->at++;
        $id = $this->newId();
        $isBraced = $this->is('{');
        $wanted = $this->at;
        $body = $this->body($id, $start, 'head', 'body', true);
        if (!$isBraced && !$this->is('while')) {
            $this->at = $wanted;
            $this->fail('brace_wanted', null, ['word' => 'do']);
        }
        if ($isBraced && !$this->is('}')) {
            $this->missingBrace($start);
            $this->fail('unexpected');
        }
        $offset = $this->offset();
        $this->at += $isBraced ? 1 : 0;
        if (!$this->accept('while')) {
            $this->fail('while_missing');
        }
        $condition = $this->condition('while');
        $this->semicolon();
        $this->cut($id, 'close', $offset, $this->endOffset());

        return new DoWhile($id, $condition, $body);
    }

    /** Passes over what a language says between `for` and its bracket of what is waited for. */
    protected function passWaiting(): void
    {
    }

    /** @return list<Statement> */
    private function forLoop(): array
    {
        $start = $this->at++;
        $id = $this->newId();
        $this->passWaiting();
        $opened = $this->peek();
        if (null === $opened || '(' !== $opened->text) {
            $this->fail('condition_brackets', $this->tokens[$start], ['word' => 'for']);
        }
        ++$this->at;
        $each = $this->eachLoop($id, $start, $opened);
        if (null !== $each) {
            return [$each];
        }
        if ($this->is(';')) {
            return [$this->withoutVariable($id, $start, $opened)];
        }
        $isStep = $this->is('++') || $this->is('--');
        $begin = $this->peek((int) $isStep);
        if (TokenKind::Name === $begin?->kind && ($isStep || $this->is('++', 1) || $this->is('--', 1) || \array_key_exists((string) $this->sign(1), self::CHANGES))) {
            // `for (n %= 7; …; …)`: what comes first changes a variable.
            [$operator, $amount] = $this->step($begin->text);
            $row = $this->changed(new VariableRead($begin->text), $operator ?? Operator::Add, $amount, $begin->offset)->withId($this->newId());
            $this->cut($row->id, 'head', $this->tokens[$start]->offset, $this->tokens[$start]->offset);
            if (!$this->is(';')) {
                $this->part($opened);
            }

            return [$row, $this->withoutVariable($id, $start, $opened)];
        }
        $isOld = $this->is('var');
        $this->isOneForAll = false;
        $isNew = $this->loopVariable();
        $isOneForAll = $this->isOneForAll;
        $this->outliving += $isNew && !$isOld ? [] : [$id => true];
        $name = $this->newName('for_three_parts');
        if ($isNew && $this->is(';') && [] !== array_filter([$this->at + 1, ...range($this->at + 1, ($this->closingOf($this->indexOf($opened) ?? 0) ?? $this->at) - 1)], fn (int $at): bool => ';' === ($this->tokens[$at]->text ?? ''))) {
            // All three parts are there; the variable only has no value yet.
            $this->fail('unsupported', $name, ['what' => "for (… $name->text; …)"]);
        }
        if (!$this->accept('=')) {
            $this->is('in') ? $this->fail('foreign_word', null, ['word' => 'for … in', 'near' => 'for … of']) : $this->fail('for_three_parts');
        }
        $from = $this->startOf($name, $this->value());
        $others = [];
        while ($this->is(',') && $this->is('=', 2)) {
            ++$this->at;
            $other = $this->newName('for_three_parts');
            ++$this->at;
            $others[] = [$other, $this->value()];
            $isNew ? $this->alsoCounts($other) : $this->given($other->text, $other->offset);
        }
        if ($isNew) {
            $this->write($name->text, $name->offset);
            $this->declared[$this->scope][$name->text] = true;
            $this->counted_($name->text);
        } elseif ($this->isDeclared($name->text)) {
            $this->given($name->text, $name->offset);
        } else {
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
        $first = $this->peek($this->is('++') || $this->is('--') ? 1 : 0);
        // Its step may stand in the condition, or among the rows (C++17, 9.5.3; ECMA-262, 14.7.4).
        $isStill = $this->is(')');
        $isOther = $isStill || null !== $first && $first->text !== $name->text && $this->isDeclared($first->text) && $this->isSteppedAhead($name->text) && \in_array($this->sign(1), ['=', '++', '--', '+=', '-='], true);
        [$operator, $amount] = $isOther ? [null, new NumberLiteral(0)] : $this->stepOf($id, $name->text, $condition, ...$this->step($name->text));
        $steps = [];
        while ($isOther && !$isStill && [] === $steps || $this->accept(',')) {
            $begins = $this->offset();
            $other = $this->peek($this->is('++') || $this->is('--') ? 1 : 0);
            [$otherOperator, $otherAmount] = $this->step(null === $other ? '' : $other->text);
            $steps[] = [$other ?? $opened, $otherOperator, $otherAmount, $begins];
        }
        $this->close($opened);
        $before = array_map(fn (array $one): Statement => $this->begun($one[0], $one[1], $start), $others);
        if ($isOneForAll) {
            $declared = new Declaration($this->newId(), $name->text);
            $this->cut($declared->id, 'head', $this->tokens[$start]->offset, $this->tokens[$start]->offset);
            array_unshift($before, $declared);
        }
        $first = null === $operator ? $this->begun($name, $from, $start) : null;
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        $last = null === $operator && !$isOther ? $this->stepped($name, new SetVariable(0, $name->text, $amount), $body, $id, $braced) : null;
        foreach ($steps as [$other, $otherOperator, $otherAmount, $begins]) {
            $body = new Block([...$body->statements, $this->stepped($other, null === $otherOperator ? new SetVariable(0, $other->text, $otherAmount) : $this->changed(new VariableRead($other->text), $otherOperator, $otherAmount, $begins), $body, $id, $braced)]);
        }
        if ($braced) {
            $this->closeBrace($id, $start);
        }
        if (null !== $first && (null !== $last || $isOther)) {
            return [...$before, $first, new WhileLoop($id, $condition, null === $last ? $body : new Block([...$body->statements, $last]))];
        }

        return [...$before, $this->counting(new ForLoop($id, $name->text, $from, $condition, $operator ?? Operator::Add, $amount, $body))];
    }

    /** Whether the variable of the `for` that is read is one for all its turns, and a function made in them sees it. */
    protected bool $isOneForAll = false;

    /** What the variable of a `for` begins with. */
    protected function startOf(Token $name, Expression $value): Expression
    {
        return $value;
    }

    /** @return array{Operator|null, Expression} as step() gives it, by what the variable holds */
    protected function stepOf(int $id, string $variable, Expression $condition, ?Operator $operator, Expression $amount): array
    {
        return [$operator, $amount];
    }

    /** Whether a variable stands in a step behind the first one. */
    private function isSteppedAhead(string $name): bool
    {
        for ($ahead = 1; !$this->is(')', $ahead) && null !== $this->peek($ahead); ++$ahead) {
            if ($this->is($name, $ahead) && ($this->is(',', $ahead - 1) || $this->is(',', $ahead - 2))) {
                return true;
            }
        }

        return false;
    }

    /** A further variable that the header of a loop declares. */
    private function alsoCounts(Token $name): void
    {
        $this->write($name->text, $name->offset);
        $this->declared[$this->scope][$name->text] = true;
        $this->counted_($name->text);
    }

    /** What stands before the loop where its step is no count: `for (Bed* bed = first; bed; bed = bed->next)`. */
    private function begun(Token $name, Expression $from, int $start): Statement
    {
        $row = new SetVariable($this->newId(), $name->text, $from);
        $offset = $this->tokens[$start]->offset;
        $this->cut($row->id, 'head', $offset, $offset);

        return $row;
    }

    /** The step of such a loop, behind all its rows. */
    private function stepped(Token $name, Statement $row, Block $body, int $id, bool $braced): Statement
    {
        foreach (Walk::statements($body->statements) as $inner) {
            if ($inner instanceof ContinueLoop) {
                $this->failAt('unsupported', $name->offset, \strlen($name->text), ['what' => 'for (…; …; '.$name->text.' = …) { continue; }']);
            }
        }
        $row = $row->withId($this->newId());
        // Behind remarks at the end of the rows.
        $end = $braced && $this->is('}') ? $this->offset() : $this->endOffset();
        $before = $this->parent;
        $this->parent = $id;
        $this->cut($row->id, 'head', $end, $end);
        $this->parent = $before;

        return $row;
    }

    private function withoutVariable(int $id, int $start, Token $opened): Statement
    {
        ++$this->at;
        $condition = $this->is(';') ? null : $this->value();
        $this->part($opened);
        $steps = [];
        while (!$this->is(')')) {
            $begins = $this->offset();
            $name = $this->peek($this->is('++') || $this->is('--') ? 1 : 0) ?? $opened;
            [$operator, $amount] = $this->step($name->text);
            $steps[] = [$name, $operator, $amount, $begins];
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        foreach ($steps as [$name, $operator, $amount, $begins]) {
            $body = new Block([...$body->statements, $this->stepped($name, null === $operator ? new SetVariable(0, $name->text, $amount) : $this->changed(new VariableRead($name->text), $operator, $amount, $begins), $body, $id, $braced)]);
        }
        if ($braced) {
            $this->closeBrace($id, $start);
        }

        return null === $condition ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    /** The variable of a loop is known from here on. */
    protected function counted_(string $name): void
    {
        $this->ofLoops[$this->scope][$name] = true;
    }

    /** @var array<string, array<string, true>> variables that the headers of loops declare, by scope */
    public array $ofLoops = [];

    /** How many braces that stand for themselves are around the row being read. */
    private int $bareBlocks = 0;

    /** @var array<string, true> what the outermost rows declare, in no block of their own */
    private array $outermost = [];

    /** Whether the outermost rows declare a name a second time; what a block declares is its own (ECMA-262, 14.2; C++17, 6.3.3). */
    final public function isDeclaredTwice(string $name): bool
    {
        if ([] !== $this->loops || 1 !== $this->parent || 0 < $this->bareBlocks) {
            return false;
        }
        $isTwice = isset($this->outermost[$name]);
        $this->outermost[$name] = true;

        return $isTwice && !isset($this->ofLoops[$this->scope][$name]);
    }

    /** A loop that counts, if it counts numbers. */
    protected function counting(ForLoop $loop): Statement
    {
        return $loop;
    }

    /** @var array<string, array<string, true>> names that are declared, by scope */
    public array $declared = ['' => []];

    protected function isDeclared(string $name): bool
    {
        for ($scope = $this->scope; '' !== $scope; $scope = $this->around[$scope] ?? '') {
            if (isset($this->declared[$scope][$name])) {
                return true;
            }
        }

        return isset($this->declared[''][$name]);
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

    /** @return array{Operator|null, Expression} how the variable of a `for` changes after each turn; null where it becomes another value */
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
        if (null !== $sign && isset(self::CHANGED_BY[$sign])) {
            return [null, new Operation(self::CHANGED_BY[$sign], [new VariableRead($name->text), $this->value()])];
        }
        if ('=' === $sign) {
            $value = $this->value();
            if ($value instanceof Binary && $value->left instanceof VariableRead && $value->left->name === $variable) {
                return [$value->operator, $value->right];
            }

            return [null, $value];
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

    /**
     * What is caught, behind `catch`.
     *
     * @return array{list<FailureKind|string>, string} its kinds, and its name
     */
    abstract protected function caughtHere(): array;

    /** What is thrown, behind `throw`, but for a name that was caught. */
    abstract protected function thrown(Token $token): Raise|RaiseObject;

    /**
     * Catching by kind where one `catch` takes all.
     *
     * @param int $from the token that the part begins with
     *
     * @return array{list<Rescue>, int}|null with the token at which the end of all begins
     */
    protected function caughtByKind(int $id, int $from, string $name): ?array
    {
        return null;
    }

    private function attempt(): Statement
    {
        $start = $this->at++;
        $id = $this->newId();
        $this->braceOf('try');
        ++$this->tries;
        try {
            $body = $this->body($id, $start, 'head', Attempt::BODY, false);
        } finally {
            --$this->tries;
        }
        $rescues = [];
        $finally = null;
        $from = $start;
        $closing = null;
        while (true) {
            $isClosed = $this->is('}');
            if (!$isClosed) {
                $this->missingBrace($from);
            }
            $word = $this->sign($isClosed ? 1 : 0);
            if ('catch' !== $word && 'finally' !== $word) {
                break;
            }
            [$from, $closing] = [$closing ?? $this->at, null];
            $this->at += $isClosed ? 2 : 1;
            if ('finally' === $word) {
                $this->braceOf('finally');
                $finally = $this->body($id, $from, Attempt::FINALLY, Attempt::FINALLY, false);
                break;
            }
            [$kinds, $name] = $this->caughtHere();
            $this->braceOf('catch');
            $caught = $this->caught;
            $isObject = [] !== $kinds && \is_string($kinds[0]);
            if ($isObject) {
                $this->keptFailures[$name] = true;
            }
            if ('' !== $name && !$isObject) {
                $this->caught[$name] = [] !== $kinds && $kinds[0] instanceof FailureKind && $kinds[0]->isPlain();
            }
            ++$this->rescues;
            try {
                $byKind = '' === $name ? null : $this->caughtByKind($id, $from, $name);
                if (null !== $byKind) {
                    [$rescues, $closing] = $byKind;
                } else {
                    $part = Attempt::bodyName(\count($rescues));
                    [$first, $this->takenApart] = [$this->takenApart, []];
                    $this->atHead($first, $id, $this->offset() + 1);
                    $rows = $this->body($id, $from, $part, $part, false);
                    $rescues[] = new Rescue($kinds, $name, [] === $first ? $rows : new Block([...$first, ...$rows->statements]));
                }
            } finally {
                $this->caught = $caught;
                unset($this->keptFailures[$name]);
                --$this->rescues;
            }
        }
        if ([] === $rescues && null === $finally) {
            $this->fail('try_alone', $this->tokens[$start]);
        }
        if ($this->accept('}')) {
            $this->cut($id, 'close', $this->tokens[$closing ?? $this->at - 1]->offset, $this->endOffset());
        }

        return new Attempt($id, $body, $rescues, null, $finally);
    }

    /** @var list<Statement> what takes apart what was caught last */
    protected array $takenApart = [];

    /** The brace behind what a word begins, which is still to be taken. */
    final public function braceOf(string $word): void
    {
        if (!$this->is('{')) {
            $end = $this->endOffset();
            $this->failAt('brace_wanted', max(0, $end - 1), 1, ['word' => $word], [new Replacement($end, 0, ' {')]);
        }
    }

    private function raise(Token $token): Statement
    {
        ++$this->at;
        $name = $this->peek();
        $isNamed = null !== $name && (false === ($this->caught[$name->text] ?? null) || isset($this->keptFailures[$name->text])) && ($this->is(';', 1) || $this->is('}', 1) || isset($this->begins[$this->at + 1]));
        if ($isNamed || $this->is(';')) {
            if (0 === $this->rescues) {
                $this->fail('nothing_caught', $token, ['word' => 'throw']);
            }
            $this->at += $isNamed ? 1 : 0;
            $this->semicolon();

            return $this->ended(new PassOn($this->newId()), $token->offset);
        }
        $row = $this->thrown($token);
        $this->semicolon();

        return $this->ended($row, $token->offset);
    }

    /**
     * A switch is a row of branches that compare one value; its breaks only end them.
     *
     * @return list<Statement>
     */
    private function switched(): array
    {
        $token = $this->peek();
        if (isset($this->falling[$token->offset ?? 0])) {
            return [$this->fallingSwitch()];
        }
        $state = [\count($this->mistakes), \count($this->cuts), $this->ids, $this->parent, $this->scope, $this->loops, $this->remarksBefore];
        $start = $this->at++;
        $id = $this->newId();
        $subject = $this->condition('switch');
        if (!$this->accept('{')) {
            $this->fail('unsupported', $token, ['what' => 'switch']);
        }
        $ahead = $this->askedOnce($subject, $this->tokens[$start]->offset);
        $branches = [];
        $otherwise = null;
        $isLeftInside = false;
        $offset = $this->tokens[$start]->offset;
        while (!$this->is('}')) {
            [$tests, $isDefault] = $this->caseTests($subject);
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
            } elseif (null !== $last && !$isLeft && !$this->is('}') && !self::goesAway($last)) {
                return [$this->again($state, $start)];
            }
            $isLeftInside = $isLeftInside || self::leavesItself($rows);
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

        $choice = new Conditional($id, $branches, $otherwise);

        return [...$ahead, $isLeftInside ? $this->leftByBreaks($choice, $token, $offset) : $choice];
    }

    /**
     * Reads a switch once more, as one that no branches of a condition say.
     *
     * @param array{int, int, int, int, string, list<int>, array<int, list<Token>>} $state what was known where it begins
     */
    private function again(array $state, int $start): Statement
    {
        [$mistakes, $cuts, $this->ids, $this->parent, $this->scope, $this->loops, $this->remarksBefore] = $state;
        self::cutTo($this->mistakes, $mistakes);
        self::cutTo($this->cuts, $cuts);
        $this->at = $start;
        $this->falling[$this->offset()] = true;

        return $this->fallingSwitch();
    }

    /** @var array<int, true> switches of which a case runs on, by where they stand: so one within another is not read again and again */
    private array $falling = [];

    /** @return array{list<Expression>, bool} what the labels above some rows ask of a value, and whether `default` is one of them */
    private function caseTests(Expression $subject): array
    {
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

        return [$tests, $isDefault];
    }

    /** Whether nothing runs behind a row. */
    private static function goesAway(Statement $row): bool
    {
        return $row instanceof GiveBack || $row instanceof LeaveFunction || $row instanceof ContinueLoop || $row instanceof Raise || $row instanceof RaiseObject || $row instanceof PassOn;
    }

    /**
     * A switch of which a case runs on into the next one (ECMA-262, 14.12.4; C++17, 9.4.2): each case is a branch of its own,
     * in a loop that runs once, and a variable remembers that the one above ran on.
     */
    private function fallingSwitch(): Statement
    {
        $token = $this->peek();
        $begin = $this->offset();
        $start = $this->at++;
        $loop = $this->newId();
        $subject = $this->condition('switch');
        $this->accept('{');
        $falls = $this->nameFor('runs_on');
        $this->cut($loop, 'head', $begin, $begin);
        [$outer, $this->parent] = [$this->parent, $loop];
        $rows = [$this->setInside($falls, new TruthLiteral(false), $begin), ...$this->askedOnce($subject, $begin)];
        $set = \count($rows);
        while (!$this->is('}')) {
            $from = $set === \count($rows) ? $begin : $this->offset();
            [$tests, $isDefault] = $this->caseTests($subject);
            if ([] === $tests && !$isDefault) {
                $this->fail('unsupported', $token, ['what' => 'switch']);
            }
            $test = array_reduce($tests, static fn (?Expression $before, Expression $one): Expression => null === $before ? $one : new Binary(Operator::Or, $before, $one));
            $id = $this->newId();
            $isBraced = $this->accept('{');
            $this->cut($id, 'head', $from, $this->endOffset());
            $this->loops[] = $begin;
            $this->parent = $id;
            $inside = $this->block($start);
            // Behind remarks that end its rows.
            $end = $isBraced ? $this->offset() : max($this->endOffset(), ...array_map(static fn (Cut $cut): int => $cut->end, \array_slice($this->cuts, -1)));
            if ($isBraced && !$this->accept('}')) {
                $this->fail('brace_missing', $token, ['line' => $this->lineOf($end)]);
            }
            if ($isBraced && $this->accept('break')) {
                $this->semicolon();
                $inside[] = $left = new BreakLoop($this->newId());
                $this->cut($left->id, 'head', $end, $end);
            }
            $last = self::lastRow($inside);
            if (!$this->is('}') && ($isDefault || null !== $last && !$last instanceof BreakLoop && !self::goesAway($last))) {
                $isDefault && $this->fail('unsupported', $token, ['what' => 'switch { default: … case … }']);
                $inside[] = $on = new SetVariable($this->newId(), $falls, new TruthLiteral(true));
                $this->cut($on->id, 'head', $end, $end);
            }
            $this->parent = $loop;
            array_pop($this->loops);
            $this->cut($id, 'close', $end, $isBraced ? $this->endOffset() : $end);
            $condition = $isDefault || null === $test ? new TruthLiteral(true) : ($set === \count($rows) ? $test : new Binary(Operator::Or, new VariableRead($falls), $test));
            $rows[] = new Conditional($id, [new Branch($condition, new Block($inside))], null);
        }
        $this->parent = $outer;
        foreach (Walk::statements($rows) as $row) {
            if ($row instanceof ContinueLoop) {
                $this->fail('unsupported', $token, ['what' => 'switch { … continue; … }']);
            }
        }
        $offset = $this->offset();
        ++$this->at;
        $this->cut($loop, 'close', $offset, $this->endOffset());

        return new DoWhile($loop, new TruthLiteral(false), new Block($rows));
    }

    /**
     * What may be another value when it is asked for a second time is kept under a name.
     *
     * @return list<SetVariable> the row that keeps it, if one is needed
     */
    private function askedOnce(Expression &$subject, int $offset): array
    {
        if ($this->isPlain($subject)) {
            return [];
        }
        $row = $this->setInside($this->nameFor('switched'), $subject, $offset);
        $subject = new VariableRead($row->variable);

        return [$row];
    }

    /** A row of its own for what the text has no row for. */
    private function setInside(string $name, Expression $value, int $offset): SetVariable
    {
        $this->write($name, $offset);
        $this->declared[$this->scope][$name] = true;
        $row = new SetVariable($this->newId(), $name, $value);
        $this->cut($row->id, 'head', $offset, $offset);

        return $row;
    }

    /**
     * Whether rows leave the switch around them, not a loop in it.
     *
     * @param list<Statement> $rows
     */
    private static function leavesItself(array $rows): bool
    {
        foreach ($rows as $row) {
            if ($row instanceof BreakLoop) {
                return true;
            }
            foreach ($row->isLoop() || $row instanceof FunctionDefinition ? [] : $row->bodies() as $body) {
                if (self::leavesItself($body->statements)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A switch that is left from inside of its rows: the branches stand in a loop that runs once. */
    private function leftByBreaks(Conditional $choice, ?Token $token, int $end): Statement
    {
        foreach (Walk::statements([$choice]) as $row) {
            if ($row instanceof ContinueLoop) {
                $this->fail('unsupported', $token, ['what' => 'switch { … continue; … }']);
            }
        }
        $loop = $this->newId();
        $start = $token->offset ?? 0;
        foreach ($this->cuts as $index => $cut) {
            if ($cut->id === $choice->id) {
                $this->cuts[$index] = new Cut($cut->id, $cut->part, $cut->start, $cut->end, $loop, $cut->tight);
            }
        }
        $this->cut($loop, 'head', $start, $start);
        $this->cut($loop, 'close', $this->endOffset(), $this->endOffset());

        return new DoWhile($loop, new TruthLiteral(false), new Block([$choice]));
    }

    /** @param list<Statement> $rows */
    public static function lastRow(array $rows): ?Statement
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
    public function closedBy(Statement $last, array &$rows): ?int
    {
        $at = (int) array_search($last, $rows, true);
        foreach (array_splice($rows, $at + 1) as $remark) {
            $this->uncut($remark->id);
        }
        array_pop($rows);

        return $this->uncut($last->id);
    }

    /** @var array<string, int> how deep the loops stand that have a label, by the label */
    private array $labels = [];
    /** @var array<int, array<string, array{'break'|'continue', int}>> by how deep a loop stands, what remembers that it was left for one further out, how, and how deep that one stands */
    private array $jumps = [];

    /** Whether a `goto` leads to a label, which means nothing else (C++17, 9.1). */
    private function jumpsTo(string $label): bool
    {
        foreach ($this->tokens as $index => $token) {
            if ('goto' === $token->text && $label === ($this->tokens[$index + 1]->text ?? '')) {
                return true;
            }
        }

        return false;
    }

    /**
     * `rows: for (…) { … }`, which loops inside of it may leave (ECMA-262, 14.13).
     *
     * @return list<Statement>
     */
    private function labelled(Token $token): array
    {
        $before = $this->labels;
        $this->labels[$token->text] = \count($this->loops) + 1;
        $start = $this->at;
        $this->at += 2;
        $rows = $this->statement();
        $this->labels = $before;
        $this->beginAt($rows[0], $this->tokens[$start]->offset);

        return $rows;
    }

    /**
     * A loop, with what remembers that it was left for a loop around it.
     *
     * @param \Closure(): list<Statement> $read
     *
     * @return list<Statement>
     */
    private function leftFrom(\Closure $read): array
    {
        $depth = \count($this->loops) + 1;
        [$start, $before] = [$this->offset(), $this->jumps[$depth] ?? null];
        $this->jumps[$depth] = [];
        $rows = $read();
        $first = $last = [];
        foreach ($this->jumps[$depth] as $flag => [$how, $target]) {
            $id = $this->newId();
            $this->cut($id, 'head', $end = $this->endOffset(), $end);
            $parent = $this->parent;
            $this->parent = $id;
            $leaves = 'continue' === $how && $target === $depth - 1 ? new ContinueLoop($this->newId()) : new BreakLoop($this->newId());
            $this->cut($leaves->id, 'head', $end, $end);
            $this->parent = $parent;
            $this->cut($id, 'close', $end, $end);
            $last[] = new Conditional($id, [new Branch(new VariableRead($flag), new Block([$leaves]))], null);
            if ($target === $depth - 1) {
                $first[] = $row = new SetVariable($this->newId(), $flag, new TruthLiteral(false), false, $this->notation->typed ? 'bool' : null);
                $this->cut($row->id, 'head', $start, $start);
            }
        }
        unset($this->jumps[$depth]);
        if (null !== $before) {
            $this->jumps[$depth] = $before;
        }

        return [...$first, ...$rows, ...$last];
    }

    /**
     * `break rows;`: what leaves the loop here is remembered until the one with the label.
     *
     * @return list<Statement>
     */
    private function leavingTo(Token $token, string $label): array
    {
        $target = $this->labels[$label] ?? $this->fail('unknown_name', $this->peek(1), ['name' => $label]);
        $start = $token->offset;
        $this->at += 2;
        $this->semicolon();
        $isBreak = 'break' === $token->text;
        $depth = \count($this->loops);
        if ($target === $depth) {
            return [$this->ended($isBreak ? new BreakLoop($this->newId()) : new ContinueLoop($this->newId()), $start)];
        }
        $flag = $this->nameFor($isBreak ? 'left' : 'skipped');
        $this->write($flag, $start);
        $this->declared[$this->scope][$flag] = true;
        for ($level = $target + 1; $level <= $depth; ++$level) {
            $this->jumps[$level][$flag] = [$isBreak ? 'break' : 'continue', $target];
        }
        $set = new SetVariable($this->newId(), $flag, new TruthLiteral(true));
        $this->cut($set->id, 'head', $start, $start);

        return [$set, $this->ended(new BreakLoop($this->newId()), $start)];
    }

    private function leaving(Token $token): Statement
    {
        if ([] === $this->loops) {
            $this->fail('outside_loop', $token, ['word' => $token->text]);
        }
        ++$this->at;
        $label = $this->peek();
        if (null !== $label && TokenKind::Name === $label->kind && !isset($this->begins[$this->at])) {
            $this->fail('unsupported', $token, ['what' => "$token->text $label->text"]);
        }
        $this->semicolon();
        $row = 'break' === $token->text ? new BreakLoop($this->newId()) : new ContinueLoop($this->newId());

        return $this->ended($row, $token->offset);
    }

    public function ended(Statement $row, int $start): Statement
    {
        $held = $this->endedInOneRow($row, $start);
        if (null !== $held) {
            return $held;
        }
        $this->cut($row->id, 'head', $start, $this->endOffset());

        return $row;
    }

    /** Whether what is read may give something back. */
    protected function isInFunction(): bool
    {
        return '' !== $this->scope || [] !== $this->turns;
    }

    /** The list in which the function being read gathers what it yields. */
    protected function gatheredSoFar(): ?string
    {
        return null;
    }

    /** @return list<Statement> */
    private function giveBack(Token $token): array
    {
        if (!$this->isInFunction()) {
            $this->fail('outside_function', $token);
        }
        ++$this->at;
        $next = $this->peek();
        if ($this->is(';') || null === $next || '}' === $next->text || isset($this->begins[$this->at])) {
            $this->semicolon();
            if ([] !== $this->turns && null !== $turn = $this->turns[array_key_last($this->turns)]) {
                // A function that is called for each item ends its turn.
                return $turn === \count($this->loops) ? [$this->ended(new ContinueLoop($this->newId()), $token->offset)] : $this->fail('unsupported', $token, ['what' => '.forEach(… return …)']);
            }

            $made = $this->gatheredSoFar();

            return [$this->ended(null === $made ? new LeaveFunction($this->newId()) : new GiveBack($this->newId(), new VariableRead($made)), $token->offset)];
        }
        if (null !== $this->gatheredSoFar()) {
            $this->fail('unsupported', $token, ['what' => 'function* … { return … }']);
        }
        $turn = [] === $this->turns ? null : $this->turns[array_key_last($this->turns)];
        if (null !== $turn && $turn !== \count($this->loops)) {
            $this->fail('unsupported', $token, ['what' => '.forEach(… return …)']);
        }
        $start = $this->offset();
        $value = $this->valueGivenBack();
        if (null !== $turn) {
            // Nobody gets what the turn gives back.
            $isPrinted = $value instanceof Operation && OperationKey::Printed === $value->key;
            $does = match (true) {
                $isPrinted => [new PrintLine($this->newId(), $value->arguments)],
                $this->isSteady($value) => [],
                default => [$this->performed($value, $start, $this->endOffset())],
            };
            $rows = [...$does, new ContinueLoop($this->newId())];
            $this->semicolon();
            $this->cutTogether($rows, $token->offset);

            return $rows;
        }
        $this->semicolon();

        return [$this->ended(new GiveBack($this->newId(), $value), $token->offset)];
    }

    /** What stands behind `return`; what the function gives may say what braces make. */
    protected function valueGivenBack(): Expression
    {
        return $this->giving();
    }

    /** @var list<int|null> functions around that are called for each item, by how many loops stand around their rows; null for another function */
    public array $turns = [];

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
    public function closeUnnamed(int $id, int $start, Token $opened): void
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
    public array $steps = [];
    /** Whether a row is read that may change a variable behind itself, and in it what it gives. */
    public bool $isInRow = false;
    public bool $isInValue = false;

    /**
     * @phpstan-impure reading a row adds to them
     *
     * @return list<array{string, bool}>
     */
    private function takenSteps(): array
    {
        return $this->steps;
    }

    /** @var array<int, true> rows in which a step is a value of its own, by where they stand: so one within another is not read again and again */
    private array $stepsInside = [];

    /** @return list<Statement> */
    protected function plainRows(Token $token): array
    {
        [$this->steps, $this->isInRow, $this->isInValue] = [[], !isset($this->stepsInside[$token->offset]), false];
        $from = $this->at;
        try {
            $row = $this->plain($token);
            foreach ($this->takenSteps() as [$name]) {
                if (!$this->isReadOnce($row, $name)) {
                    $this->stepsInside[$token->offset] = true;
                    [$this->steps, $this->isInRow, $this->at] = [[], false, $from];
                    $row = $this->plain($token);
                    break;
                }
            }
        } finally {
            $this->isInRow = $this->isInValue = false;
        }
        $this->semicolon();
        $rows = [$this->ended($row, $token->offset)];
        foreach ($this->steps as [$name, $isUp]) {
            $end = $this->endOffset();
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

    /** Whether a name in a method is something that its object keeps. */
    protected function isOfObject(string $name): bool
    {
        return false;
    }

    /** Where the row begins that is being read: what stands there is changed by the row, not inside of it. */
    private int $rowBegins = -1;

    protected function isRowAt(int $offset): bool
    {
        return $offset === $this->rowBegins;
    }

    protected function argued(): Expression
    {
        return $this->giving();
    }

    /** A value that may give something a value itself: `x = 3`, `total += x`. */
    protected function giving(int $strength = 0): Expression
    {
        $from = $this->offset();

        return $this->givenBehind($this->expression($strength), $from, $strength);
    }

    /** What stands behind a sign that gives a value, where another such sign follows: `x += y -= 3`. */
    protected function givenBehind(Expression $value, int $from, int $strength = 0): Expression
    {
        $sign = $this->sign();
        $logic = ['||=' => Operator::Or, '&&=' => Operator::And][$sign ?? ''] ?? null;
        if (null === $sign || !Given::isPlace($value) || isset($this->begins[$this->at]) || '=' !== $sign && null === $logic && '??=' !== $sign && !\array_key_exists($sign, self::CHANGES)) {
            return $value;
        }
        ++$this->at;
        $behind = $this->giving($strength);
        if (null !== $logic || '??=' === $sign) {
            return $this->givenInside(OperationKey::Given, $value, null === $logic ? new Operation(OperationKey::OrElse, [$value, $behind]) : new Binary($logic, $value, $behind), $from);
        }

        $changed = '=' === $sign ? null : $this->changedByMethod($value, self::CHANGES[$sign] ?? $this->division(), $behind);
        if (null !== $changed) {
            return $changed;
        }

        return $this->givenInside(OperationKey::Given, $value, '=' === $sign ? $behind : new Binary(self::CHANGES[$sign] ?? $this->division(), $value, $behind), $from);
    }

    /** What changes an object in the way that its class says; null where no class says anything. */
    protected function changedByMethod(Expression $target, Operator $operator, Expression $amount): ?MethodCall
    {
        return null;
    }

    /** What something gets behind `=`; what it is may say what braces make. */
    protected function valueFor(Expression $target): Expression
    {
        return $this->value();
    }

    /** A value that changes something; what is changed must not do so itself, as it is found twice. */
    public function givenInside(OperationKey $key, Expression $target, Expression $value, int $from): Operation
    {
        $target = $this->placeOf($target);
        if (!Given::isPlace($target) || Given::isIn($target)) {
            $this->failAt('assign_to_value', $from, max(1, $this->endOffset() - $from), ['text' => trim(substr($this->text, $from, 20))]);
        }
        if ($target instanceof VariableRead) {
            $this->given($target->name, $from);
        }

        return new Operation($key, [$target, $value]);
    }

    protected function plain(Token $token): Statement
    {
        $start = $token->offset;
        if ($this->is('++') || $this->is('--')) {
            $sign = $this->sign();
            ++$this->at;

            return $this->changed($this->expression(9), '++' === $sign ? Operator::Add : Operator::Subtract, new NumberLiteral(1), $start);
        }
        if (TokenKind::Name === $token->kind && $this->is('=', 1) && !$this->isOfObject($token->text)) {
            $this->at += 2;
            $this->noDouble();
            if (!$this->isDeclared($token->text)) {
                $this->undeclared($token);
            }
            $this->isInValue = true;
            $from = $this->offset();
            $value = $this->valueFor(new VariableRead($token->text));
            $value = $this->kept($token->text, $this->is('=') ? $value : $this->givenBehind($value, $from));
            $this->given($token->text, $start);
            if ($this->is('=')) {
                return $this->chained([new VariableRead($token->text), $value], $start);
            }

            return new SetVariable($this->newId(), $token->text, $value);
        }
        $before = $this->rowBegins;
        $this->rowBegins = $start;
        $target = $this->expression();
        $this->rowBegins = $before;
        $sign = $this->sign();
        $target = '=' === $sign || '++' === $sign || '--' === $sign || isset(self::CHANGES[$sign ?? '']) ? $this->placeOf($target) : $target;
        if ('++' === $sign || '--' === $sign) {
            ++$this->at;

            return $this->changed($target, '++' === $sign ? Operator::Add : Operator::Subtract, new NumberLiteral(1), $start);
        }
        if (null !== $sign && \array_key_exists($sign, self::CHANGES)) {
            $at = $this->offset();
            ++$this->at;
            $operator = self::CHANGES[$sign] ?? $this->division();
            $this->isInValue = true;
            $from = $this->offset();
            $value = $this->givenBehind($this->value(), $from);
            if (Operator::Add === $operator && !$this->isOfLetters($value)) {
                $this->sums[] = [new Binary($operator, $target, $value), $at, $this->scope];
            }

            return $this->changed($target, $operator, $value, $start);
        }
        if ('||=' === $sign || '&&=' === $sign) {
            ++$this->at;
            $this->isInValue = true;
            $value = new Binary('||=' === $sign ? Operator::Or : Operator::And, $target, $this->value());
            if ($target instanceof VariableRead) {
                $this->given($target->name, $start);

                return new SetVariable($this->newId(), $target->name, $value);
            }
            if ($target instanceof Item || $target instanceof Field) {
                return new SetItem($this->newId(), $target, $value);
            }
            $this->failAt('assign_to_value', $start, max(1, $this->endOffset() - $start), ['text' => trim(substr($this->text, $start, 20))]);
        }
        $key = self::CHANGED_BY[$sign ?? ''] ?? ('??=' === $sign && $this->facts->lateChoice ? OperationKey::OrElse : null);
        if (null !== $key) {
            ++$this->at;
            $this->isInValue = true;
            $row = $this->changedBy($target, $key, $this->value(), $start);
            if ($row instanceof SetVariable) {
                $this->given($row->variable, $start);
            }

            return $row;
        }
        if ('=' === $sign) {
            ++$this->at;
            $this->noDouble();
            $this->isInValue = true;
            $from = $this->offset();
            $value = $this->valueFor($target);
            // `a = b = c` are rows of their own.
            $value = $this->is('=') ? $value : $this->givenBehind($value, $from);
            if ($target instanceof VariableRead && str_contains($target->name, '.')) {
                return new SetVariable($this->newId(), $target->name, $value);
            }
            $set = $this->throughSetter($target, null, $value);
            if (null !== $set) {
                return $set;
            }
            if ($target instanceof VariableRead && '*' === $token->text) {
                // What a pointer points at.
                $this->given($target->name, $start);

                return new SetVariable($this->newId(), $target->name, $value);
            }
            $target = $this->ownLength($target);
            $kept = $target instanceof Item && $target->index instanceof TextLiteral ? $target->index->value : null;
            if (null !== $kept && $this->isFunctionByText($target->container)) {
                // A function that keeps something.
                $this->failAt('unsupported', $start, max(1, $this->endOffset() - $start), ['what' => "….$kept = …"]);
            }
            if ($target instanceof Item || $target instanceof Field) {
                return $this->is('=') ? $this->chained([$target, $value], $start) : new SetItem($this->newId(), $target, $value);
            }
            if ($target instanceof Operation && OperationKey::Length === $target->key && $value instanceof NumberLiteral && 0 === $value->value) {
                return new Perform($this->newId(), new Operation(OperationKey::Clear, $target->arguments));
            }
            if ($target instanceof Operation && OperationKey::Length === $target->key && $this->facts->namedPlaces) {
                $this->failAt('unsupported', $start, 1, ['what' => '.length = …']);
            }
            $length = max(1, $this->endOffset() - $start);
            $text = substr($this->text, $start, min(40, $length));
            $called = $target instanceof MethodCall ? $target->method : ($target instanceof OwnValue ? $target->function : '');
            if ($this->notation->typed && '' !== $called && ('@' === $called[0] || 1 === preg_match('/&\s*(?:\w+::)?'.Names::asPattern($called).'\s*\(/', $this->text))) {
                // A function may give a reference, which takes a value (C++17, 8.2.2).
                $this->failAt('unsupported', $start, $length, ['what' => trim(explode('=', $text)[0]).' = …']);
            }
            if ($target instanceof MethodCall && isset($this->asked[$target->method])) {
                $this->failAt('unsupported', $start, $length, ['what' => "….$target->method = …"]);
            }
            $this->failAt($target instanceof CommandValue ? 'assign_to_command' : ($target instanceof NumberLiteral ? 'assign_swapped' : 'assign_to_value'), $start, $length, ['text' => trim(explode('=', $text)[0])]);
        }
        $this->alone($target, $token);
        if (null !== $this->peek() && !$this->is(';') && !isset($this->begins[$this->at]) && !$this->is('}')) {
            $this->semicolon();
        }

        return $this->performed($target, $start, $this->endOffset());
    }

    /** What takes the value that is given to what a call gives back. */
    protected function placeOf(Expression $target): Expression
    {
        return $target;
    }

    /** A value as a variable keeps it. */
    protected function kept(string $name, Expression $value): Expression
    {
        return $value;
    }

    /** Whether the text gives a name to a function and to nothing else, as far as JavaScript goes. */
    private function isFunctionByText(Expression $value): bool
    {
        $name = $value instanceof VariableRead ? $value->name : ($value instanceof FunctionReference ? $value->function : null);

        return null !== $name && $this->facts->namedPlaces && !isset($this->classes[$name]) && $this->isGivenFunction($name);
    }

    /** Whether a name gets a function where it is declared: `const ask = (bed) => …`. */
    protected function isGivenFunction(string $name): bool
    {
        return 1 === preg_match('/\b(?:const|let|var)\s+'.Names::asPattern($name).'\s*=\s*(?:async\s*)?(?:function\b|\([^()]*\)\s*=>|\w+\s*=>)/', $this->text);
    }

    /** An object may keep a number under the name that lists and texts have, too: `this.length = 0`. */
    private function ownLength(Expression $target): Expression
    {
        if ($target instanceof MethodCall && 'length' === $target->method && null !== $target->otherwise && null === $this->ownerOf($this->class, 'length')) {
            $target = $target->otherwise;
        }
        $isOwn = $target instanceof Operation && OperationKey::Length === $target->key && $this->facts->namedPlaces && '' !== $this->class && $target->arguments[0] == new VariableRead($this->itself);

        return $isOwn ? new Field($target->arguments[0], 'length') : $target;
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
        $all = array_map($this->placeOf(...), $all);
        foreach ($all as $target) {
            if (!$target instanceof VariableRead && !$target instanceof Item && !$target instanceof Field) {
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

    /** Whether a number is reckoned from letters, which may be one again. */
    protected function isOfLetters(Expression $value): bool
    {
        return false;
    }

    /** Two words side by side at the start of a row. */
    abstract protected function foreignRow(Token $token, Token $next): void;

    /** Names that a function gives a value without declaring them are those of what stands around it. */
    public function shared(string $scope, Block $body): Block
    {
        $rows = [];
        foreach (array_keys(array_diff_key($this->assigned[$scope] ?? [], $this->declared[$scope] ?? [])) as $name) {
            if (!str_contains((string) $name, '.')) {
                $rows[] = new ShareVariable($this->newId(), (string) $name);
            }
        }

        return [] === $rows ? $body : new Block([...$rows, ...$body->statements]);
    }

    public function given(string $name, int $offset): void
    {
        $scope = isset($this->declared[$this->scope][$name]) ? $this->scope : '';
        $this->writes[$scope][$name] ??= $offset;
        $this->assigned[$this->scope][$name] = true;
    }

    /** @var array<string, array<string, true>> names that get a value, by the scope of the row */
    public array $assigned = [];

    protected function changed(Expression $target, Operator $operator, Expression $amount, int $start): Statement
    {
        if ($target instanceof VariableRead) {
            $this->assigned[$this->scope][$target->name] = true;

            return self::changedRow($this->newId(), $target->name, $operator, $amount);
        }
        $set = $this->throughSetter($target, $operator, $amount);
        if (null !== $set) {
            return $set;
        }
        $target = $this->ownLength($target);
        if (!$target instanceof Item && !$target instanceof Field) {
            $this->failAt('assign_to_value', $start, max(1, $this->endOffset() - $start), ['text' => trim(substr($this->text, $start, 20))]);
        }

        return new SetItem($this->newId(), $target, $amount, $operator);
    }
}
