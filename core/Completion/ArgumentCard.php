<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Language\Language;
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
     */
    private function __construct(public string $name, public string $does, public array $parameters, public int $at)
    {
    }

    /** @return self|null nothing outside of brackets, and where it is not known what they want */
    public static function after(string $before, Language $language, string $locale): ?self
    {
        $place = Place::after($before, $language);
        if (null === $place->callee || \in_array($place->kind, [PlaceKind::Nowhere, PlaceKind::NewName], true)) {
            return null;
        }
        $words = Words::in($locale);
        $entry = Vocabulary::commands($language)[$place->callee] ?? null;
        if (null !== $entry) {
            return new self($place->callee, $entry->docs($locale), array_map(static fn (Slot $slot): array => ['name' => $slot->name, 'about' => self::about($slot, $words, $locale)], $entry->slots), $place->argument);
        }
        $names = new KnownNames($place->tokens, $language, $before);
        $parameters = $names->functions[$place->callee] ?? null;
        if (null !== $parameters) {
            return new self($place->callee, self::remark($before, $place->callee, $language), array_map(static fn (string $name): array => ['name' => $name, 'about' => ''], $parameters), $place->argument);
        }

        return self::ofLibrary($place, $language, $locale);
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
        $does = (string) preg_replace('/\{[\d*]\}/', '…', $operation->words($locale));

        return new self($place->callee ?? '', $does, array_fill(0, max(0, $operation->most - ($isMethod ? 1 : 0)), ['name' => '…', 'about' => '']), $place->argument);
    }

    private static function about(Slot $slot, Words $words, string $locale): string
    {
        $about = [];
        if (null !== $slot->unit) {
            $about[] = $words->say("unit.$slot->unit");
        }
        if (null !== $slot->min || null !== $slot->max) {
            $about[] = match (true) {
                null === $slot->max => $words->say('card.at_least', ['least' => (string) $slot->min]),
                null === $slot->min => $words->say('card.at_most', ['most' => (string) $slot->max]),
                default => $words->say('card.range', ['least' => (string) $slot->min, 'most' => (string) $slot->max]),
            };
        }
        $choices = SlotType::Colour === $slot->type ? array_column(Ink::cases(), 'value') : $slot->choices;
        if ([] !== $choices) {
            $about[] = implode(', ', array_map(static fn (string $choice): string => '"'.$choice.'"', $choices));
        }

        return implode('; ', $about);
    }

    /** What a person wrote above a function, or at the top of it. */
    private static function remark(string $before, string $function, Language $language): string
    {
        $name = preg_quote($function, '/');
        $found = Language::Python === $language
            ? preg_match('/(?:^|\n)((?:[ \t]*#[^\n]*\n)*)[ \t]*def[ \t]+'.$name.'\b[^\n]*\n(?:[ \t]*(?:"""|\'\'\')(.*?)(?:"""|\'\'\'))?/s', $before, $match)
            : preg_match('/(?:^|\n)((?:[ \t]*\/\/[^\n]*\n)+)[^\n]*\b'.$name.'[ \t]*\(/', $before, $match);
        if (1 !== $found) {
            return '';
        }
        $text = '' === trim($match[2] ?? '') ? $match[1] : $match[2];

        return trim((string) preg_replace(['/^[ \t]*(?:#|\/\/)[ \t]?/m', '/\s+/'], ['', ' '], $text));
    }
}
