<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

/** In plain words, a line that only one language wants: what it brings in, announces, frees or sets up. */
final readonly class LanguageLine
{
    /** Patterns by the phrase, in the order in which they are tried; their named parts are the gaps of the phrase. */
    private const FORMS = [
        'line.begins' => '/^\{/',
        'line.public' => '/^public\s*:/',
        'line.inside_only' => '/^(?:private|protected)\s*:/',
        'line.label' => '/^(?<name>\w+)\s*:\s*$/',
        'line.any_type' => '/^template\s*<\s*(?:typename|class)\s+(?<name>\w+)\s*>\s*$/',
        'line.from_fields' => '/^@(?:dataclasses\.)?dataclass\b/',
        'line.like_field' => '/^@(?:functools\.)?(?:cached_)?property\b/',
        'line.given' => '/^@(?<name>\w+)\.setter\b/',
        'line.without_object' => '/^@staticmethod\b/',
        'line.of_class' => '/^@classmethod\b/',
        'line.left_to_kinds' => '/^@(?:abc\.)?abstractmethod\b/',
        'line.through' => '/^@(?<name>[\w.]+)/',
        'strict' => '/use strict/',
        'using' => '/^using\s+(?:namespace\b|[\w:]+\s*;)/',
        'line.type_name' => '/^(?:using\s+(?<name>\w+)\s*=|typedef\b.*?\b(?<name2>\w+)\s*;|(?<name3>[A-Z]\w*)\s*=\s*[\w.]+\[)/',
        'line.macro' => '/^#\s*define\s+(?<name>\w+)/',
        'line.around' => '/^#\s*(?!include)|^ios(?:_base)?::sync_with_stdio|^std::ios|^cin\.tie|^cout\.tie/',
        'line.namespace' => '/^(?:inline\s+)?namespace\s+(?<name>\w+)/',
        'line.namespace_end' => '/^\}/',
        'line.digits' => '/^(?:std::)?cout\b.*\bsetprecision\(\s*(?<count>\w+)\s*\)/',
        'line.truths' => '/^(?:std::)?cout\b.*\bboolalpha\b/',
        'line.shown' => '/^(?:std::)?cout\b/',
        'line.chance' => '/^(?:std::)?srand\b/',
        'line.skip' => '/^(?:std::)?cin\.ignore\b/',
        'line.read_on' => '/^(?:std::)?cin\.clear\b/',
        'line.friend' => '/^friend\b.*\boperator\s*<<|^friend\b.*\boperator\s*>>/',
        'line.different' => '/\boperator\s*!=/',
        'line.operator' => '/\boperator\s*(?<name>\W+?)\s*\(/',
        'line.gone_plainly' => '/^(?:virtual\s+)?~\w+\(\)\s*(?:override\s*)?(?:\{\s*\}|=\s*default\s*;|;)/',
        'line.gone' => '/^(?:virtual\s+)?~\w+\(/',
        'line.free' => '/^delete\s*(?:\[\s*\])?\s*(?<name>[\w.>-]+)/',
        'line.other_name' => '/^(?:const\s+)?[\w:<>, ]+?\s*&\s*(?<name>\w+)\s*=\s*(?<value>\w+)\s*;/',
        'line.points' => '/^(?:const\s+)?[\w:<>, ]+?\s*\*\s*(?:const\s+)?(?<name>\w+)\s*=\s*&\s*(?<value>[\w.]+)\s*;/',
        'line.points_into' => '/^(?:const\s+)?[\w:<>, ]+?\s*(?:\*\s*(?:const\s+)?(?<name>\w+)\s*=\s*&|&\s*(?<name2>\w+)\s*=)\s*(?<value>\w+)\[/',
        'line.kept_between' => '/^static\s.*?(?<name>\w+)\s*=/',
        'line.twin' => '/(?<name>\w+)\s*\([^()]*\)\s*const\s*\{/',
        'line.ask_lines' => '/\bcreateInterface\b/',
        'line.ask_no_more' => '/\.close\(\)/',
        'line.kept_function' => '/^(?:std::)?function\s*<.*>\s*(?<name>\w+)\s*;/',
        'line.announced' => '/^(?!return\b)(?:[\w:<>,*&\[\]]+\s+)*[*&]?(?<name>\w+)\s*\([^()]*\)\s*(?:const\s*)?(?:noexcept\s*)?;/',
        'line.room' => '/^(?:static\s+|const\s+)*[\w:]+(?:<.*>)?[\s*&]+(?<name>\w+)\s*;/',
    ];
    private const BRINGS_IN = '/^(?:import|from|#\s*include|(?:const|let|var)\b.*\brequire\b)/';

    public function __construct(private Phrases $phrases)
    {
    }

    /** @param string $text one line, or several that belong together */
    public function phrase(string $text): string
    {
        $text = (string) preg_replace(['/^template\s*<[^>]*>\s*(?=\S)/', '/^[\w<>]+::(?=~)/'], '', trim($text));
        if (1 === preg_match(self::BRINGS_IN, $text)) {
            return $this->broughtIn($text);
        }
        foreach (self::FORMS as $phrase => $form) {
            if (1 === preg_match($form, $text, $found)) {
                return $this->phrases->fill($phrase, [
                    'name' => ($found['name'] ?? '').($found['name2'] ?? '').($found['name3'] ?? ''),
                    'value' => $found['value'] ?? '',
                    'count' => $found['count'] ?? '',
                ]);
            }
        }

        return $this->phrases->fill('around');
    }

    private function broughtIn(string $text): string
    {
        preg_match_all('/[\p{L}_][\p{L}\p{N}_]*/u', (string) preg_replace(['/(?:^|\s)\/\/.*$|\s#\s.*$/', '/\.(?:js|hpp|h|mjs)\b/'], '', $text), $match);
        $names = array_values(array_unique(array_diff($match[0], ['from', 'import', 'include', 'as', 'const', 'let', 'var', 'require', 'default'])));

        return [] === $names ? $this->phrases->fill('around') : $this->phrases->fill('import', ['names' => $this->phrases->all($names)]);
    }
}
