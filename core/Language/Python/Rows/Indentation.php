<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;

/** How far lines stand in, and what is wrong with it. */
final class Indentation
{
    private ?string $step = null;

    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** A remark goes with the rows below it, but for one that is set in as deep as the rows above. */
    public function remarkBelongs(int $column, int $outer): bool
    {
        if ($outer < 0) {
            return true;
        }
        $next = $this->parser->unreadRows->codeFrom($this->parser->line + 1);

        return null !== $next && $next->column() > $outer || $column > $outer;
    }

    public function checkIndent(LogicalLine $line, LogicalLine $own, ?LogicalLine $header): void
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

    public function indentMistake(string $kind, LogicalLine $line, string $wanted): void
    {
        $this->parser->mistake($kind, $line->offset, max(1, \strlen($line->indent)), ['wanted' => \strlen($wanted), 'given' => \strlen($line->indent)], [new Replacement($line->offset, \strlen($line->indent), $wanted)]);
    }

    /** How the text sets in one step further. */
    public function indentStep(): string
    {
        return $this->step ??= $this->stepOfLines();
    }

    private function stepOfLines(): string
    {
        foreach ($this->parser->lines as $line) {
            if ('' !== $line->indent && !$line->remark) {
                return "\t" === $line->indent[0] ? "\t" : str_repeat(' ', min(8, \strlen($line->indent)));
            }
        }

        return '    ';
    }
}
