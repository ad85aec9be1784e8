<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\TextLiteral;

/** The text of an entry with gaps to fill: what a press on a command writes. */
final class Snippets
{
    /** @return array<string, string> by entry; `${…}` is a gap */
    public static function of(Language $language): array
    {
        $snippets = [];
        foreach (Usual::CONSTRUCTS[$language->value] as $word => $construct) {
            $snippets[Usual::ROWS[$word]] ??= $construct;
        }
        $end = $language->notation()->rowEnd;
        $snippets += ['set' => ['python' => '${name} = ${0}', 'javascript' => 'let ${name} = ${0};', 'cpp' => 'int ${name} = ${0};'][$language->value], 'change' => "\${name} += \${1}$end", 'return' => "return \${value}$end", 'break' => "break$end", 'continue' => "continue$end"];
        $snippets['comment'] = $language->notation()->remark.' ${}';
        foreach (Catalogue::entries() as $entry) {
            if ($entry->command && !$entry->fromText) {
                $snippets[$entry->key] = self::call($entry, $language);
            }
        }

        return $snippets;
    }

    private static function call(Entry $entry, Language $language): string
    {
        $arguments = [];
        foreach ($entry->slots as $slot) {
            $arguments[] = match (true) {
                $slot->default instanceof NumberLiteral => '${'.Printer::number($slot->default->value).'}',
                $slot->default instanceof TextLiteral => '"${'.$slot->default->value.'}"',
                default => '${'.$slot->name.'}',
            };
        }
        $notation = $language->notation();
        $name = $notation->camel ? $entry->camelName() : $entry->snakeName();
        $awaits = $notation->awaits && $entry->takesTime ? 'await ' : '';

        return "$awaits$name(".implode(', ', $arguments).')'.($entry->value ? '' : $notation->rowEnd);
    }
}
