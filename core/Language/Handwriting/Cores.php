<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;

/** What each row says in a text, without its indent, blank lines and remarks around it. */
final class Cores
{
    /** @return array<int, string> by row */
    public static function of(Program $program, Language $language): array
    {
        $cores = [];
        foreach ($language->print($program)->lines as $line) {
            [$id, $part] = explode(':', $line->anchor);
            if ('0' !== $id && 'above' !== $part && 'gap' !== $part && $program->script->id !== (int) $id) {
                $text = trim($line->text);
                $cores[(int) $id] = isset($cores[(int) $id]) ? $cores[(int) $id]."\n".$text : $text;
            }
        }

        return $cores;
    }
}
