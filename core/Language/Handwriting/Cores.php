<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;

/** What each row says in a text, without its indent, blank lines and remarks around it. */
final class Cores
{
    /** @return array<int, string> by row */
    public static function of(Analysis $analysis, Language $language): array
    {
        $cores = [];
        $script = $analysis->program->script->id;
        foreach ($analysis->text($language)->lines as $line) {
            [$id, $part] = explode(':', $line->anchor);
            if ('0' !== $id && 'above' !== $part && 'gap' !== $part && $script !== (int) $id) {
                $text = trim($line->text);
                $cores[(int) $id] = isset($cores[(int) $id]) ? $cores[(int) $id]."\n".$text : $text;
            }
        }

        return $cores;
    }
}
