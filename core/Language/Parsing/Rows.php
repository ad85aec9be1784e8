<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Tree\Statement;

/** The rows of a text. */
final readonly class Rows
{
    /**
     * @param array{int, int}|null $imports where what brings in libraries at the very top begins and ends
     * @param list<Statement>      $rows    of the script, or of the whole text if the language has no script of its own
     * @param list<Statement>      $above   rows that stand above the script's own braces
     * @param list<Statement>      $below
     */
    public function __construct(public ?array $imports, public array $rows, public array $above = [], public array $below = [])
    {
    }
}
