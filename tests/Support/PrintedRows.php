<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\Program;

/** Typed texts of which some rows are printed, as they are once they were changed: here none says anything else than before. */
final class PrintedRows
{
    /** @return string the text with every third of its rows printed, from the first, second or third one on */
    public static function everyThird(Program $program, Language $language, int $from): string
    {
        $handwriting = $program->handwriting[$language->value] ?? throw new \LogicException('It was not typed.');
        $pieces = [];
        $row = $from;
        foreach ($handwriting->pieces as $piece) {
            $hasText = 'head' === $piece->part && $piece->coreEnd > $piece->coreStart;
            // No row says this.
            $pieces[] = $hasText && 0 === $row++ % 3 ? new Piece($piece->id, $piece->part, $piece->start, $piece->coreStart, $piece->coreEnd, -1, $piece->parent, $piece->tight) : $piece;
        }

        return $language->print($program->withHandwriting($language->value, new Handwriting($handwriting->text, $pieces)))->text();
    }
}
