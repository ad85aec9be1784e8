<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\WhileLoop;

/** Python 3.11, as far as a school course goes (The Python Language Reference, chapters 7 and 8). */
final class PythonParser extends PythonStatements
{
    private const KEYWORDS = ['while', 'for', 'if', 'elif', 'else', 'def', 'return', 'import', 'from', 'break', 'continue', 'pass', 'global'];
    /** What other languages call it. */
    private const FOREIGN_WORDS = ['function' => 'def', 'func' => 'def', 'elseif' => 'elif', 'elsif' => 'elif', 'foreach' => 'for', 'until' => 'while', 'repeat' => 'for', 'unless' => 'if', 'define' => 'def', 'fun' => 'def'];

    /** @var list<LogicalLine> */
    private array $lines = [];
    private int $line = 0;

    public function rows(): Rows
    {
        $lines = new LogicalLines(PythonLexer::tokens($this->text));
        $this->lines = $lines->lines;
        $this->tokens = $lines->tokens;
        $this->partners = Partners::of($this->tokens);
        $this->announce();
        $imports = $this->leadingImports();
        $rows = $this->block(null);

        return new Rows($imports, $rows);
    }

    /** Functions may be called above their definition, so that their names are known first. */
    private function announce(): void
    {
        foreach ($this->lines as $line) {
            $name = $this->tokens[$line->from + 1] ?? null;
            if ($line->remark || 'def' !== $this->tokens[$line->from]->text || null === $name || TokenKind::Name !== $name->kind) {
                continue;
            }
            $this->functions[$name->text] = $this->signature($line->from + 2, $line->until);
        }
    }

    /** @return array{int, int}|null where the imports at the very top begin and end */
    private function leadingImports(): ?array
    {
        $start = $end = null;
        while (null !== ($line = $this->lines[$this->line] ?? null) && !$line->remark && \in_array($this->tokens[$line->from]->text, ['import', 'from'], true) && '' === $line->indent) {
            [$this->at, $this->until] = [$line->from, $line->until];
            try {
                $this->import();
                if (null !== $this->peek()) {
                    break;
                }
            } catch (ParseFailure) {
                break;
            }
            $start ??= $this->tokens[$line->from]->offset;
            $end = $this->endOffset();
            ++$this->line;
        }

        return null === $start || null === $end ? null : [$start, $end];
    }

    /**
     * The rows of a body.
     *
     * @param LogicalLine|null $header the line that holds the body
     *
     * @return list<Statement>
     */
    private function block(?LogicalLine $header): array
    {
        $rows = [];
        $own = null;
        $outer = $header?->column() ?? -1;
        while (null !== $line = $this->lines[$this->line] ?? null) {
            $column = $line->column();
            if ($line->remark) {
                if (!$this->remarkBelongs($column, $outer)) {
                    break;
                }
                $rows[] = $this->comment($this->tokens[$line->from]);
                ++$this->line;
                continue;
            }
            if ($column <= $outer) {
                break;
            }
            if (null === $own) {
                $own = $line;
                if (null === $header && $column > 0) {
                    $this->indentMistake('indent_too_deep', $line, '');
                }
            } else {
                $this->checkIndent($line, $own, $header);
            }
            foreach ($this->logicalLine($line) as $row) {
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /** A remark goes with the rows below it, but for one that is set in as deep as the rows above. */
    private function remarkBelongs(int $column, int $outer): bool
    {
        if ($outer < 0) {
            return true;
        }
        $next = $this->codeFrom($this->line + 1);

        return null !== $next && $next->column() > $outer || $column > $outer;
    }

    private function checkIndent(LogicalLine $line, LogicalLine $own, ?LogicalLine $header): void
    {
        if ($line->indent === $own->indent) {
            return;
        }
        if ($line->column() === $own->column() || str_contains($line->indent, "\t") !== str_contains($own->indent, "\t") && '' !== $line->indent && '' !== $own->indent) {
            $this->indentMistake('tabs_and_spaces', $line, $own->indent);
        } elseif ($line->column() > $own->column()) {
            $this->indentMistake('indent_too_deep', $line, $own->indent);
        } else {
            $this->indentMistake('indent_uneven', $line, $own->indent);
        }
    }

    private function indentMistake(string $kind, LogicalLine $line, string $wanted): void
    {
        $this->mistake($kind, $line->offset, max(1, \strlen($line->indent)), ['wanted' => \strlen($wanted), 'given' => \strlen($line->indent)], [new Replacement($line->offset, \strlen($line->indent), $wanted)]);
    }

    /** @return list<Statement> the rows that stand on a logical line, with what they hold below it */
    private function logicalLine(LogicalLine $line): array
    {
        ++$this->line;
        [$this->at, $this->until] = [$line->from, $line->until];
        $rows = [];
        $below = $this->line;
        $outer = [$this->parent, $this->scope, $this->loops];
        while ($this->at < $this->until) {
            $start = $this->at;
            $mistakes = \count($this->mistakes);
            $cuts = \count($this->cuts);
            $depth = $this->depth;
            $ids = $this->ids;
            try {
                $made = $this->statement($line);
                $this->checked($made, $this->tokens[$start]->offset);
                array_push($rows, ...$made);
                if ($this->at < $this->until && !$this->accept(';')) {
                    $this->trailing($start);
                }
            } catch (ParseFailure $failure) {
                $this->depth = $depth;
                [$this->parent, $this->scope, $this->loops] = $outer;
                [$this->line, $this->until] = [$below, $line->until];
                self::cutTo($this->mistakes, $mistakes);
                self::cutTo($this->cuts, $cuts);
                $this->ids = $ids;
                $rows = \array_slice($rows, 0, \count(array_filter($rows, static fn (Statement $row): bool => $row->id <= $ids)));
                $this->mistakes[] = $failure->mistake;
                $rows[] = $this->unread($line, $start);
            }
        }

        return $rows;
    }

    /** Something stands behind a row that is complete. */
    private function trailing(int $start): never
    {
        $token = $this->peek();
        if (null !== $token && TokenKind::Sign === $token->kind && \in_array($token->text, [')', ']', '}'], true)) {
            $this->fail('extra_bracket', $token, [], [new Replacement($token->offset, 1, '')]);
        }
        if (null !== $token && '{' === $token->text) {
            $this->fail('foreign_word', $token, ['word' => '{', 'near' => ':'], [new Replacement($this->endOffset(), $token->offset + 1 - $this->endOffset(), ':')]);
        }
        if (null !== $token && ':' === $token->text && null === $this->peek(1)) {
            $this->fail('extra_colon', $token, [], [new Replacement($token->offset, 1, '')]);
        }
        if (null !== $token && TokenKind::Unread === $token->kind) {
            $this->strange($token);
        }
        if (null !== $token && (TokenKind::Name === $token->kind || TokenKind::Keyword === $token->kind) && $this->at > $start) {
            $this->fail('two_rows', $token, [], [new Replacement($this->endOffset(), $token->offset - $this->endOffset(), "\n".$this->lines[$this->line - 1]->indent)]);
        }
        $this->fail('unexpected', $token);
    }

    private function unread(LogicalLine $line, int $start): Unread
    {
        $this->silence($start, $line->until);
        $first = $this->tokens[$start];
        $last = $this->tokens[$line->until - 1];
        [$from, $end] = [$first->offset, $last->offset + \strlen($last->text)];
        $id = $this->newId();
        $this->cut($id, 'head', $from, $end);
        $this->at = $line->until;
        $body = null;
        $next = $this->nextCode();
        if (null !== $next && $next->column() > $line->column() && ':' === $last->text) {
            $body = $this->body($id, $line, true);
        }

        return new Unread($id, substr($this->text, $from, $end - $from), $this->language()->value, $body);
    }

    private function nextCode(): ?LogicalLine
    {
        return $this->codeFrom($this->line);
    }

    /** The first line from one on that is no remark. */
    private function codeFrom(int $index): ?LogicalLine
    {
        if (null === $this->code) {
            $this->code = [];
            $next = null;
            for ($at = \count($this->lines) - 1; $at >= 0; --$at) {
                $this->code[$at] = $next = $this->lines[$at]->remark ? $next : $this->lines[$at];
            }
        }

        return $this->code[$index] ?? null;
    }

    /** @var array<int, LogicalLine|null>|null by the number of a line, the first one from there on that is no remark */
    private ?array $code = null;

    /** The lines below a header that are set in deeper. */
    private function body(int $id, LogicalLine $header, bool $isLoop, string $name = 'body'): Block
    {
        $before = [$this->parent, $this->loops];
        $this->parent = $id;
        if ($isLoop) {
            $this->loops[] = $header->offset;
        }
        $next = $this->nextCode();
        ++$this->depth;
        if (null === $next || $next->column() <= $header->column()) {
            if (null === $next) {
                $this->mistake('body_missing', $header->offset + \strlen($header->indent), $this->endOffset() - $header->offset - \strlen($header->indent));
            } else {
                $this->mistake('indent_missing', $next->offset, max(1, \strlen($next->indent)), ['header' => $this->lineOf($header->offset)], [new Replacement($next->offset, \strlen($next->indent), $header->indent.$this->indentStep())]);
            }
            $rows = [];
        } else {
            $rows = $this->depth > Bounds::NESTING ? [$this->passedOver($header)] : $this->withoutPass($id, $this->block($header), $name);
        }
        --$this->depth;
        [$this->parent, $this->loops] = $before;

        return new Block($rows);
    }

    /** Lines that stand too deep are kept as they are. */
    private function passedOver(LogicalLine $header): Unread
    {
        $first = $last = null;
        while (null !== ($line = $this->lines[$this->line] ?? null) && ($line->remark || $line->column() > $header->column())) {
            $first ??= $line;
            $last = $line->remark ? $last : $line;
            ++$this->line;
        }
        \assert(null !== $first);
        $last ??= $first;
        while ($this->lines[$this->line - 1]->remark && $this->lines[$this->line - 1] !== $last) {
            --$this->line;
        }
        [$start, $final] = [$this->tokens[$first->from], $this->tokens[$last->until - 1]];
        $this->mistake('deep', $start->offset, \strlen($start->text));
        $this->silence($first->from, $last->until);
        $id = $this->newId();
        $end = $final->offset + \strlen($final->text);
        $this->cut($id, 'head', $start->offset, $end);

        return new Unread($id, substr($this->text, $start->offset, $end - $start->offset), $this->language()->value);
    }

    /** How the text sets in one step further. */
    private function indentStep(): string
    {
        return $this->step ??= $this->stepOfLines();
    }

    private ?string $step = null;

    private function stepOfLines(): string
    {
        foreach ($this->lines as $line) {
            if ('' !== $line->indent && !$line->remark) {
                return "\t" === $line->indent[0] ? "\t" : str_repeat(' ', min(8, \strlen($line->indent)));
            }
        }

        return '    ';
    }

    /**
     * The `pass` that a body without rows needs belongs to what holds the body.
     *
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    private function withoutPass(int $id, array $rows, string $name): array
    {
        $last = array_pop($rows);
        if (!$last instanceof Pass || [] !== array_filter($rows, static fn (Statement $row): bool => !$row instanceof Comment)) {
            return null === $last ? $rows : [...$rows, $last];
        }
        for ($index = \count($this->cuts) - 1; $index >= 0; --$index) {
            $cut = $this->cuts[$index];
            if ($cut->id === $last->id) {
                $this->cuts[$index] = new Cut($id, "$name-empty", $cut->start, $cut->end, $cut->parent, $cut->tight);
                break;
            }
        }

        return $rows;
    }

    /**
     * What follows the colon of a header: rows on the same line, or the lines below.
     *
     * @return array{bool, \Closure(): Block} whether the rows stand on the same line, and how to read them
     */
    private function suite(int $id, LogicalLine $header, bool $isLoop, string $name = 'body'): array
    {
        if ($this->at >= $this->until) {
            return [false, fn (): Block => $this->body($id, $header, $isLoop, $name)];
        }

        return [true, function () use ($id, $header, $isLoop, $name): Block {
            $before = [$this->parent, $this->loops];
            $this->parent = $id;
            if ($isLoop) {
                $this->loops[] = $header->offset;
            }
            $rows = [];
            do {
                foreach ($this->simple($header) as $row) {
                    $rows[] = $row;
                }
            } while ($this->accept(';') && null !== $this->peek());
            $rows = $this->withoutPass($id, $rows, $name);
            [$this->parent, $this->loops] = $before;

            return new Block($rows);
        }];
    }

    /** @return list<Statement> */
    private function statement(LogicalLine $line): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        $word = $this->keyword($token);

        return match ($word) {
            'while' => [$this->whileLoop($line)],
            'for' => [$this->forLoop($line)],
            'if' => [$this->conditional($line)],
            'def' => [$this->definition($line)],
            'elif', 'else' => $this->strayElse($line, $word),
            default => $this->simple($line),
        };
    }

    /** The keyword that begins a row, also where it is misspelt. */
    private function keyword(Token $token): ?string
    {
        if (TokenKind::Keyword === $token->kind) {
            return \in_array($token->text, ['class', 'try', 'with', 'async', 'except', 'finally', 'raise', 'assert', 'nonlocal', 'yield', 'await'], true)
                ? $this->fail('unsupported', $token, ['what' => $token->text])
                : $token->text;
        }
        $next = $this->peek(1);
        if (TokenKind::Name !== $token->kind || isset($this->functions[$token->text]) || $this->isVariable($token->text)) {
            return null;
        }
        if (null !== $next && ('=' === $next->text || '.' === $next->text || '+=' === $next->text || '[' === $next->text) && TokenKind::Sign === $next->kind) {
            return null;
        }
        $text = $token->text;
        $lower = strtolower($text);
        $ends = ':' === ($this->tokens[$this->until - 1]->text ?? '') || '{' === ($this->tokens[$this->until - 1]->text ?? '');
        $continues = null !== $next && (\in_array($next->kind, [TokenKind::Name, TokenKind::Keyword, TokenKind::Number, TokenKind::Text], true) || ':' === $next->text && null === $this->peek(2));
        $alone = null === $next && \in_array($lower, ['break', 'continue', 'pass', 'return'], true);
        if ('else' === $lower && null !== $next && 'if' === $next->text || $alone || $ends && ($continues || null !== $next && '(' === $next->text && \in_array($lower, self::KEYWORDS, true)) || $continues && \in_array($lower, ['return', 'import', 'from', 'global', 'for', 'while', 'if', 'def'], true)) {
            if (\in_array($lower, self::KEYWORDS, true)) {
                return $this->taken($token, $lower, 'capitals');
            }
        }
        if (isset(self::FOREIGN_WORDS[$lower]) && ($continues || $ends)) {
            return $this->taken($token, self::FOREIGN_WORDS[$lower], 'foreign_word');
        }
        foreach ($continues ? self::KEYWORDS : [] as $keyword) {
            if (self::isShuffled($lower, $keyword)) {
                return $this->taken($token, $keyword, 'misspelt_keyword');
            }
        }
        if ($continues || null === $next) {
            $near = Names::nearest($text, null === $next ? ['break', 'continue', 'pass', 'return'] : self::KEYWORDS);
            if (null !== $near && levenshtein($lower, $near) <= (\strlen($near) <= 3 ? 1 : 2) || null !== $near && self::isShuffled($lower, $near)) {
                return $this->taken($token, (string) $near, 'misspelt_keyword');
            }
            foreach (null === $next || !$ends ? [] : self::KEYWORDS as $keyword) {
                if (self::isShuffled($lower, $keyword)) {
                    return $this->taken($token, $keyword, 'misspelt_keyword');
                }
            }
        }

        return null;
    }

    /** The same letters in another order: `fro`, `esle`. */
    private static function isShuffled(string $word, string $keyword): bool
    {
        return $word !== $keyword && count_chars($word, 1) === count_chars($keyword, 1);
    }

    /** Notes the mistake, and reads on as if the right word stood there. */
    private function taken(Token $token, string $keyword, string $kind): string
    {
        $this->mistake($kind, $token->offset, \strlen($token->text), ['name' => $token->text, 'word' => $token->text, 'near' => $keyword], [new Replacement($token->offset, \strlen($token->text), $keyword)]);

        return $keyword;
    }

    /** A condition or another value in a header; what cannot be read is kept in its place. */
    private function header(): Expression
    {
        $start = $this->offset();
        $mistakes = \count($this->mistakes);
        $depth = $this->depth;
        $from = $this->at;
        try {
            $value = $this->value();
            if ($this->at < $this->until && !$this->is(':')) {
                $this->afterHeader();
            }

            return $value;
        } catch (ParseFailure $failure) {
            $this->depth = $depth;
            self::cutTo($this->mistakes, $mistakes);
            $this->mistakes[] = $failure->mistake;
            $end = $this->until;
            if (':' === ($this->tokens[$end - 1]->text ?? '')) {
                --$end;
            }
            $this->silence($from, $end);
            $this->at = max($from, $end);
            $last = $this->tokens[$this->at - 1];

            return new UnreadExpression(substr($this->text, $start, max(0, $last->offset + \strlen($last->text) - $start)));
        }
    }

    private function afterHeader(): void
    {
        $token = $this->peek();
        if (null === $token) {
            return;
        }
        if ('=' === $token->text) {
            $next = $this->peek(1);
            if (null !== $next && ('>' === $next->text || '<' === $next->text) && $next->offset === $token->offset + 1) {
                $this->fail('signs_swapped', $token, ['sign' => '='.$next->text, 'near' => $next->text.'='], [new Replacement($token->offset, 2, $next->text.'=')]);
            }
            $this->fail('assign_in_condition', $token, [], [new Replacement($token->offset, 1, '==')]);
        }
        if ('then' === $token->text || 'do' === $token->text || '{' === $token->text) {
            $start = $this->endOffset();
            $last = ':' === $this->tokens[$this->until - 1]->text ? '' : ':';
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => ':'], [new Replacement($start, $token->offset + \strlen($token->text) - $start, $last)]);
        }
        if (\in_array($token->text, [')', ']', '}'], true) && TokenKind::Sign === $token->kind) {
            $this->fail('extra_bracket', $token, [], [new Replacement($token->offset, 1, '')]);
        }
        if (TokenKind::Name === $token->kind && \in_array(strtolower($token->text), ['and', 'or'], true)) {
            $this->fail('capitals', $token, ['name' => $token->text, 'near' => strtolower($token->text)], [new Replacement($token->offset, \strlen($token->text), strtolower($token->text))]);
        }
        // What follows may stand on the line because only the colon is missing.
        if (\in_array($token->kind, [TokenKind::Name, TokenKind::Keyword], true) && $this->beginsRow()) {
            return;
        }
        $this->fail(\in_array($token->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true) ? 'operator_missing' : 'unexpected', $token);
    }

    private function beginsRow(): bool
    {
        $token = $this->peek();

        return null !== $token && (isset($this->objects[$token->text]) || \in_array($token->text, ['print', 'return', 'break', 'continue', 'pass'], true) || $this->is('=', 1));
    }

    private function colon(string $after): void
    {
        if ($this->accept(':')) {
            return;
        }
        $next = $this->peek();
        if (null !== $next && ';' === $next->text) {
            ++$this->at;
            $this->mistake('colon_missing', $next->offset, 1, ['after' => $after], [new Replacement($next->offset, 1, ':')]);

            return;
        }
        $end = $this->endOffset();
        $start = max(0, $end - 1);
        $this->mistake('colon_missing', $start, 1, ['after' => $after], [new Replacement($end, 0, ':')]);
        if (null !== $next && !$this->beginsRow()) {
            $this->at = $this->until;
        }
    }

    private function headEnd(int $id, string $part, int $start, bool $tight): void
    {
        $this->cut($id, $part, $start, $this->endOffset(), $tight);
    }

    private function whileLoop(LogicalLine $line): Statement
    {
        $start = $this->offset();
        $id = $this->newId();
        ++$this->at;
        $condition = $this->header();
        $this->colon('while');
        [$tight, $read] = $this->suite($id, $line, true);
        $this->headEnd($id, 'head', $start, $tight);
        $body = $read();
        $this->noElse('while', $line);

        return $condition instanceof TruthLiteral && $condition->value ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    private function noElse(string $word, LogicalLine $line): void
    {
        $next = $this->lines[$this->line] ?? null;
        if (null !== $next && !$next->remark && $next->column() === $line->column() && 'else' === $this->tokens[$next->from]->text) {
            $this->mistake('unsupported', $this->tokens[$next->from]->offset, 4, ['what' => "$word … else"]);
        }
    }

    private function forLoop(LogicalLine $line): Statement
    {
        $start = $this->offset();
        $id = $this->newId();
        ++$this->at;
        if ($this->is('each')) {
            $this->fail('foreign_word', null, ['word' => 'for each', 'near' => 'for'], [new Replacement($this->endOffset(), $this->offset() + 4 - $this->endOffset(), '')]);
        }
        if ($this->is('(') && TokenKind::Name === $this->peek(1)?->kind && ($this->is('in', 2) || $this->is('=', 2) || TokenKind::Name === $this->peek(2)?->kind)) {
            $this->fail('foreign_word', null, ['word' => 'for (', 'near' => 'for … in …:']);
        }
        $names = [];
        do {
            $token = $this->peek();
            if (null === $token || TokenKind::Name !== $token->kind) {
                $this->fail('name_missing', $token);
            }
            ++$this->at;
            $names[] = $token->text;
            $this->write($token->text, $token->offset);
        } while ($this->accept(','));
        if (!$this->accept('in')) {
            $next = $this->peek();
            if (null !== $next && ('=' === $next->text || 'of' === $next->text)) {
                $this->fail('foreign_word', $next, ['word' => $next->text, 'near' => 'in'], [new Replacement($next->offset, \strlen($next->text), 'in')]);
            }
            if (null !== $next && 'In' === $next->text) {
                $this->fail('capitals', $next, ['name' => 'In', 'near' => 'in'], [new Replacement($next->offset, 2, 'in')]);
            }
            $this->fail('in_missing', $next, ['name' => $names[0]], null === $next || ':' === $next->text ? [] : [new Replacement($next->offset, 0, 'in ')]);
        }
        $overStart = $this->offset();
        $over = $this->header();
        $overEnd = $this->endOffset();
        $over = $this->gone($over, $overStart, $overEnd);
        $this->colon('for');
        [$tight, $read] = $this->suite($id, $line, true);
        $this->headEnd($id, 'head', $start, $tight);
        $body = $read();
        $this->noElse('for', $line);
        if (1 === \count($names) && $over instanceof Operation && 'counted' === $over->key) {
            return new Count($id, $names[0], $over->arguments[0], $over->arguments[1], $over->arguments[2], $body);
        }
        if (1 === \count($names) && $over instanceof Operation && 'numbers' === $over->key) {
            $by = $over->arguments[2];
            if ($by instanceof NumberLiteral && \is_int($by->value) && 0 !== $by->value) {
                return new Count($id, $names[0], $over->arguments[0], self::less($over->arguments[1], $by->value > 0 ? 1 : -1), $by, $body);
            }
        }

        return new EachLoop($id, $names, $over, $body);
    }

    /** What a loop goes over has items; a number has none. */
    private function gone(Expression $over, int $start, int $end): Expression
    {
        if ($over instanceof NumberLiteral || $over instanceof Operation && \in_array($over->key, ['length', 'to_whole'], true)) {
            $this->mistake('range_missing', $start, $end - $start, ['text' => substr($this->text, $start, min(40, $end - $start))], [new Replacement($end, 0, ')'), new Replacement($start, 0, 'range(')]);

            return new Operation('numbers', [new NumberLiteral(0), $over, new NumberLiteral(1)]);
        }

        return $over;
    }

    private function conditional(LogicalLine $line): Statement
    {
        $id = $this->newId();
        $branches = [];
        $otherwise = null;
        $start = $this->offset();
        ++$this->at;
        $index = 0;
        while (true) {
            $condition = $this->header();
            $this->colon(0 === $index ? 'if' : 'elif');
            [$tight, $read] = $this->suite($id, $line, false, "then$index");
            $this->headEnd($id, 0 === $index ? 'head' : "then$index", $start, $tight);
            $branches[] = new Branch($condition, $read());
            $next = $this->lines[$this->line] ?? null;
            while (null !== $next && $next->remark && $this->elseBelow($line)) {
                // A remark above an `else` stands in the branch above it.
                $last = array_pop($branches);
                $before = $this->parent;
                $this->parent = $id;
                $branches[] = new Branch($last->condition, new Block([...$last->body->statements, $this->comment($this->tokens[$next->from])]));
                $this->parent = $before;
                ++$this->line;
                $next = $this->lines[$this->line] ?? null;
            }
            $word = null === $next || $next->remark || $next->column() !== $line->column() ? null : $this->elseWord($next);
            if (null === $next || null === $word) {
                break;
            }
            ++$this->line;
            [$this->at, $this->until] = [$next->from, $next->until];
            $start = $this->offset();
            $this->keyword($this->tokens[$next->from]);
            ++$this->at;
            if ('elif' === $word) {
                ++$index;
                if ($this->is('if') && 'else' === strtolower($this->tokens[$next->from]->text)) {
                    $this->mistake('else_if', $start, $this->offset() + 2 - $start, [], [new Replacement($start, $this->offset() + 2 - $start, 'elif')]);
                    ++$this->at;
                }
                continue;
            }
            if (!$this->is(':') && null !== $this->peek() && !$this->beginsRow()) {
                $this->mistake('else_condition', $this->offset(), max(1, $this->tokens[$this->until - 1]->offset - $this->offset()), [], [new Replacement($start, 4, 'elif')]);
                $this->at = ':' === $this->tokens[$this->until - 1]->text ? $this->until - 1 : $this->until;
            }
            $this->colon('else');
            [$tight, $read] = $this->suite($id, $next, false, Conditional::OTHERWISE);
            $this->headEnd($id, Conditional::OTHERWISE, $start, $tight);
            $otherwise = $read();
            break;
        }

        return new Conditional($id, $branches, $otherwise);
    }

    private function elseBelow(LogicalLine $line): bool
    {
        $next = $this->nextCode();

        return null !== $next && $next->column() === $line->column() && null !== $this->elseWord($next);
    }

    /** @return 'elif'|'else'|null how a line goes on with a branch, also where it is misspelt */
    private function elseWord(LogicalLine $line): ?string
    {
        $first = $this->tokens[$line->from];
        $word = strtolower($first->text);
        if ('else' === $word && $line->from + 1 < $line->until && 'if' === $this->tokens[$line->from + 1]->text) {
            return 'elif';
        }
        if (TokenKind::Name === $first->kind && !\in_array($word, ['elif', 'else'], true) && ':' === $this->tokens[$line->until - 1]->text && !$this->isVariable($first->text) && !isset($this->functions[$first->text])) {
            $alone = $line->until === $line->from + 2;
            if ($alone && (self::isShuffled($word, 'else') || levenshtein($word, 'else') <= 1)) {
                return 'else';
            }
            if (!$alone && (isset(self::FOREIGN_WORDS[$word]) && 'elif' === self::FOREIGN_WORDS[$word] || self::isShuffled($word, 'elif') || levenshtein($word, 'elif') <= 1 && 'if' !== $word)) {
                return 'elif';
            }
        }

        return 'elif' === $word || 'else' === $word ? $word : null;
    }

    /** @return list<Statement> */
    private function strayElse(LogicalLine $line, string $word): array
    {
        $token = $this->peek();
        $this->fail('else_without_if', $token, ['word' => $word]);
    }

    private function definition(LogicalLine $line): Statement
    {
        $start = $this->offset();
        $id = $this->newId();
        ++$this->at;
        $name = $this->newName();
        if ('' !== $this->scope || 1 !== $this->parent) {
            $this->fail('unsupported', $name, ['what' => 'def … in …']);
        }
        $parameters = [];
        $defaults = [];
        $this->scope = $name->text;
        $this->writes[$this->scope] ??= [];
        try {
            $opened = $this->peek();
            if (null === $opened || '(' !== $opened->text) {
                $this->fail('def_brackets', $name, ['name' => $name->text], [new Replacement($name->offset + \strlen($name->text), 0, '()')]);
            }
            ++$this->at;
            while (!$this->is(')')) {
                if (null === $this->peek()) {
                    $this->neverClosed($opened);
                }
                $parameter = $this->newName('parameter_no_name');
                $parameters[] = $parameter->text;
                $this->write($parameter->text, $parameter->offset);
                if ($this->accept(':')) {
                    $this->expression(1);
                }
                if ($this->accept('=')) {
                    $defaults[$parameter->text] = $this->expression();
                }
                if (!$this->accept(',')) {
                    break;
                }
            }
            $this->close($opened);
            if ($this->is('-') && $this->is('>', 1) || $this->is('->')) {
                $this->at += $this->is('->') ? 1 : 2;
                $this->expression(1);
            }
            $this->colon('def');
            [$tight, $read] = $this->suite($id, $line, false);
            $this->headEnd($id, 'head', $start, $tight);
            $loops = $this->loops;
            $this->loops = [];
            $body = $read();
            $this->loops = $loops;
        } finally {
            $this->scope = '';
        }

        $this->known[$name->text] ??= $name->offset;

        return new FunctionDefinition($id, $name->text, $parameters, $body, false, $defaults);
    }

    /** @return list<Statement> */
    protected function simple(LogicalLine $line): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        $start = $token->offset;
        $word = TokenKind::Keyword === $token->kind ? $token->text : ($this->keyword($token) ?? '');
        switch ($word) {
            case 'import':
            case 'from':
                $this->import();

                return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
            case 'pass':
                ++$this->at;

                return [$this->ended(new Pass($this->newId()), $start)];
            case 'break':
            case 'continue':
                if ([] === $this->loops) {
                    $this->fail('outside_loop', $token, ['word' => $word]);
                }
                ++$this->at;

                return [$this->ended('break' === $word ? new BreakLoop($this->newId()) : new ContinueLoop($this->newId()), $start)];
            case 'return':
                return [$this->ended($this->giveBack($token), $start)];
            case 'global':
                return $this->share();
            case 'del':
                return [$this->ended($this->delete(), $start)];
            case 'while':
            case 'for':
            case 'if':
            case 'def':
                $this->fail('two_rows', $token, [], [new Replacement($start, 0, "\n".$line->indent.$this->indentStep())]);
        }

        return [$this->ended($this->plain($token), $start)];
    }

    private function ended(Statement $row, int $start): Statement
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
        if (null === $this->peek() || $this->is(';')) {
            return new LeaveFunction($this->newId());
        }
        $value = $this->value();
        $values = [$value];
        while ($this->accept(',')) {
            $values[] = $this->value();
        }

        return new GiveBack($this->newId(), 1 === \count($values) ? $value : new Operation('as_tuple', [new ListLiteral($values)]));
    }

    protected function docstring(Expression $value, Token $token): ?Comment
    {
        return $value instanceof TextLiteral && 1 === preg_match('/^[rRuU]?("""|\'\'\')/', $token->text) ? new Comment($this->newId(), trim((string) preg_replace('/[ \t]*\R[ \t]*/', "\n", $value->value))) : null;
    }
}
