<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Vocabulary;
use Scrivlet\Core\Words\Words;

/** What the brackets that the caret stands in want. */
final readonly class ArgumentCard
{
    /**
     * @param string                                   $name       of what is called, as it is written
     * @param string                                   $does       what it does, in a sentence; for an own function, the remark above it or its docstring
     * @param list<array{name: string, about: string}> $parameters with their unit, range and choices
     * @param int                                      $at         the argument in hand, from 0
     * @param string                                   $wrong      why what stands there of it cannot be right; empty if nothing is known against it
     */
    private function __construct(public string $name, public string $does, public array $parameters, public int $at, public string $wrong = '')
    {
    }

    /** @return self|null nothing outside of brackets, and where it is not known what they want */
    public static function after(string $before, Language $language, string $locale): ?self
    {
        $before = Place::near($before);
        // While a number is typed, the brackets want what they wanted before it.
        $place = Place::after((string) preg_replace('/(?<![\w.])\d+\.?\d*$/D', '', $before), $language);
        if (null === $place->callee || \in_array($place->kind, [PlaceKind::Nowhere, PlaceKind::NewName], true)) {
            return null;
        }
        $entry = Vocabulary::commands($language)[$place->callee] ?? null;
        if (null !== $entry) {
            return new self($place->callee, $entry->docs($locale), array_map(static fn (Slot $slot): array => ['name' => $slot->name, 'about' => $slot->about($locale)], $entry->slots), $place->argument, self::wrong($entry->slots[$place->argument] ?? null, $before, $locale));
        }
        $names = new KnownNames($place->tokens, $language, $before);
        $parameters = $names->functions[$place->callee] ?? null;
        if (null !== $parameters) {
            return new self($place->callee, self::remark($before, $place->callee, $language), array_map(static fn (string $name): array => ['name' => $name, 'about' => ''], $parameters), $place->argument);
        }

        return self::ofLibrary($place, $language, $locale);
    }

    /** A number that its blank does not take is told while it is typed. */
    private static function wrong(?Slot $slot, string $before, string $locale): string
    {
        if (null === $slot || 1 !== preg_match('/[(,]\s*(-?\d+(?:\.\d+)?)$/D', $before, $match)) {
            return '';
        }
        $value = (float) $match[1];
        $isWrong = null !== $slot->min && $value < $slot->min || null !== $slot->max && $value > $slot->max;

        return $isWrong ? Words::in($locale)->say('card.wrong', ['value' => $match[1], 'range' => $slot->range($locale)]) : '';
    }

    private static function ofLibrary(Place $place, Language $language, string $locale): ?self
    {
        $parts = explode('.', $place->callee ?? '');
        $library = Library::of($language);
        $operation = 2 === \count($parts) ? $library->things[$parts[0]][$parts[1]] ?? $library->methodsOf(null)[$parts[1]] ?? null : $library->functions[$parts[0]] ?? null;
        if (null === $operation) {
            return null;
        }
        // What stands before the point is the first that the phrase names.
        $isMethod = 2 === \count($parts) && !isset($library->things[$parts[0]]);

        return new self($place->callee ?? '', $operation->phrase($locale), array_fill(0, max(0, $operation->most - ($isMethod ? 1 : 0)), ['name' => '…', 'about' => '']), $place->argument);
    }

    /** What a person wrote above a function, or at the top of it. */
    private static function remark(string $before, string $function, Language $language): string
    {
        $lines = preg_split('/\r\n|\n|\r/', $before) ?: [];
        $name = Names::asPattern($function);
        $defines = $language->notation()->indents ? '/^[ \t]*def[ \t]+'.$name.'\b/' : '/^[^"\'(){}]*\b'.$name.'[ \t]*\(/';
        $at = (int) array_key_first(preg_grep($defines, $lines) ?: []);
        $remark = [];
        for ($line = $at - 1; $line >= 0 && 1 === preg_match('/^[ \t]*(?:#|\/\/)[ \t]?(.*)$/', $lines[$line], $match); --$line) {
            $remark[] = $match[1];
        }
        if ([] === $remark && 1 === preg_match('/^[ \t]*("""|\'\'\')(.*?)(?:\1)?$/', $lines[$at + 1] ?? '', $match)) {
            $remark[] = $match[2];
        }

        return trim(implode(' ', array_reverse($remark)));
    }
}
