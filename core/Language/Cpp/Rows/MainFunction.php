<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Statement;

/** The function that a program begins with, and what may stand outside of it. */
final class MainFunction
{
    private bool $hasMain = false;

    public function __construct(private readonly CppParser $parser)
    {
    }

    public function mainMissing(): void
    {
        if (!$this->hasMain && '' !== trim($this->parser->text)) {
            $first = $this->parser->cuts[0] ?? null;
            foreach ($this->parser->cuts as $cut) {
                if (1 === $cut->parent) {
                    $first = $cut;
                }
            }
            $this->parser->mistakes = [...array_filter($this->parser->mistakes, static fn (Mistake $mistake): bool => 'outside_main' !== $mistake->kind)];
            $this->parser->mistake('main_missing', $first->start ?? 0, max(1, ($first->end ?? 1) - ($first->start ?? 0)));
        }
    }

    /**
     * @param array{int, int}|null $imports
     * @param list<Statement>      $above
     */
    public function main(?array $imports, array $above): Rows
    {
        $start = $this->parser->at;
        $this->hasMain = true;
        $token = $this->parser->tokens[$start];
        $type = $token->text;
        $this->parser->at += 'main' === $type ? 2 : 3;
        if ('main' === $type) {
            $this->parser->mistake('main_type', $token->offset, 4, ['name' => 'main'], [new Replacement($token->offset, 0, 'int ')]);
        } elseif ('int' !== $type) {
            $this->parser->mistake('main_type', $token->offset, \strlen($type), ['name' => $type], [new Replacement($token->offset, \strlen($type), 'int')]);
        }
        while (!$this->parser->is(')') && null !== $this->parser->peek() && !$this->parser->is('{')) {
            ++$this->parser->at;
        }
        if (!$this->parser->accept(')')) {
            $this->parser->mistake('bracket_missing', $this->parser->tokens[$start + 2]->offset, 1, ['opened' => '(', 'wanted' => ')'], [new Replacement($this->parser->endOffset(), 0, ')')]);
        }
        if ($this->parser->is(';') && $this->parser->is('{', 1)) {
            $this->parser->mistake('semicolon_after_header', $this->parser->offset(), 1, ['word' => 'main'], [new Replacement($this->parser->offset(), 1, '')]);
            ++$this->parser->at;
        }
        if (!$this->parser->accept('{')) {
            $this->parser->mistake('brace_wanted', $token->offset, $this->parser->endOffset() - $token->offset, ['word' => 'main'], [new Replacement($this->parser->endOffset(), 0, ' {')]);
        }
        $this->parser->cut(1, 'head', $token->offset, $this->parser->endOffset());
        $this->parser->inMain = true;
        try {
            $rows = $this->parser->block($start);
        } catch (ParseFailure $failure) {
            // What goes at its end can't be told; the text stays as it is.
            $this->parser->mistakes[] = $failure->mistake;
            $rows = [];
        }
        $this->parser->inMain = false;
        $offset = $this->parser->offset();
        $last = BraceParser::lastRow($rows);
        $isDone = $last instanceof GiveBack && $last->value == new NumberLiteral(0);
        if ($isDone) {
            // That all went well is what `main` says in any case (C++17, 6.6.1).
            $offset = $this->parser->switches->closedBy($last, $rows) ?? $offset;
        }
        if ($this->parser->is('}')) {
            ++$this->parser->at;
            $this->parser->cut(1, 'close', $offset, $this->parser->endOffset());
        } else {
            $this->parser->missingBrace($start);
            if ($isDone) {
                $this->parser->cut(1, 'close', $offset, $this->parser->endOffset());
            }
        }
        $below = [];
        while (null !== $token = $this->parser->peek()) {
            foreach ($this->parser->remarks() as $row) {
                $below[] = $row;
            }
            foreach ($this->parser->outermost($token) as $row) {
                $below[] = $row;
            }
        }
        foreach ($this->parser->remarks() as $row) {
            $below[] = $row;
        }

        [$imports, $above, $rows] = (new BareGlobals($this->parser, $above, $rows, $below))->without($imports);

        return new Rows($imports, $rows, $above, $below);
    }

    public function isMain(): bool
    {
        return $this->parser->is('main', 1) && $this->parser->is('(', 2) && \in_array($this->parser->sign(), ['int', 'void'], true)
            || $this->parser->is('main') && $this->parser->is('(', 1) && '{' === ($this->parser->tokens[($this->parser->closingOf($this->parser->at + 1) ?? $this->parser->at) + 1]->text ?? '');
    }
}
