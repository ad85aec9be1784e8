<?php

declare(strict_types=1);

namespace Scrivlet\Core\Reference;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\ValueOperation;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Language\Parsing\Vocabulary;
use Scrivlet\Core\Language\Unsayable;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Words\Words;

/** A card for everything that can be written: what it does, its blanks, its text, an example that runs, usual mistakes. */
final readonly class Reference
{
    public const OPERATION = 'operation.';
    /** What reading makes itself, and nobody writes: lines that cannot be read, and what an equals sign means to lists. */
    public const UNWRITTEN = ['unread', 'operation.same'];

    /** More words than these say no more of what somebody looks for. */
    private const MOST_WORDS = 8;

    public function __construct(private string $locale)
    {
    }

    /** @return list<string> in the order of the drawer, operations last */
    public static function keys(): array
    {
        $operations = array_map(static fn (string $key): string => self::OPERATION.$key, array_keys(ValueOperations::all()));

        return array_values(array_diff([...array_keys(Catalogue::entries()), ...$operations], self::UNWRITTEN));
    }

    public static function has(string $key): bool
    {
        return \in_array($key, self::keys(), true);
    }

    public static function operation(string $key): ?ValueOperation
    {
        return str_starts_with($key, self::OPERATION) ? ValueOperations::named(substr($key, \strlen(self::OPERATION))) : null;
    }

    public function title(string $key): string
    {
        $title = self::operation($key)?->phrase($this->locale) ?? (string) preg_replace('/^…$/', '', Catalogue::get($key)->phrase($this->locale));

        return '' === $title ? Words::in($this->locale)->say("reference.title.$key") : $title;
    }

    /** Whether it reckons or compares, and belongs to no scene. */
    public function isValue(string $key): bool
    {
        $entry = Catalogue::find($key);

        return null !== $entry && $entry->value && !$entry->command;
    }

    public function kind(string $key): Kind
    {
        return null === self::operation($key) ? Catalogue::get($key)->kind : Kind::Remember;
    }

    public function does(string $key): string
    {
        $operation = self::operation($key);

        return null === $operation ? Catalogue::get($key)->docs($this->locale) : Words::in($this->locale)->say('reference.gives.'.$operation->result->value);
    }

    /** @return list<array{name: string, about: string}> */
    public function blanks(string $key): array
    {
        return null === self::operation($key) ? array_map(fn (Slot $slot): array => ['name' => $slot->name, 'about' => '' === $slot->about($this->locale) ? Words::in($this->locale)->say("reference.type.{$slot->type->value}") : $slot->about($this->locale)], Catalogue::get($key)->slots) : [];
    }

    /** The message of the heading under which it stands. */
    public function heading(string $key): string
    {
        return match (true) {
            null !== self::operation($key) => 'reference.operations',
            $this->isValue($key) => 'reference.values',
            default => 'kind.'.$this->kind($key)->value,
        };
    }

    /**
     * The example as a language writes it.
     *
     * @return list<array{text: string, lit: bool}> the lines that the entry made are lit
     *
     * @throws \OutOfBoundsException if there is no such entry
     */
    public function text(string $key, Language $language): array
    {
        $example = Example::of($key);

        return self::lines((new Analysis($example->program))->text($language)->lines, self::rowsWith($key, $example));
    }

    /**
     * @param list<Line>          $lines
     * @param array<string, true> $lit   anchors
     *
     * @return list<array{text: string, lit: bool}>
     */
    private static function lines(array $lines, array $lit): array
    {
        return array_map(static fn (Line $line): array => ['text' => $line->text, 'lit' => isset($lit[$line->anchor])], $lines);
    }

    /** @throws \OutOfBoundsException if there is no such entry */
    public function card(string $key): ReferenceCard
    {
        $example = Example::of($key);
        $analysis = new Analysis($example->program);
        $lit = self::rowsWith($key, $example);
        $texts = $plain = $mistakes = [];
        foreach (Language::cases() as $language) {
            if ($language !== $example->language && Unsayable::hasNoText($example->program, $language)) {
                $texts[$language->value] = $mistakes[$language->value] = [];
                continue;
            }
            $texts[$language->value] = self::lines($analysis->text($language)->lines, $lit);
            $at = array_key_first(array_filter($texts[$language->value], static fn (array $line): bool => $line['lit']));
            $mistakes[$language->value] = null === $at ? [] : UsualMistakes::of(array_column($texts[$language->value], 'text'), $at, $language, $this->locale);
        }
        foreach (PlainLines::of($analysis, $example->language, $this->locale) as $number => $sentence) {
            if ($texts[$example->language->value][$number]['lit']) {
                $plain[] = $sentence;
            }
        }
        $kind = $this->kind($key);

        return new ReferenceCard($key, $kind->value, null === self::operation($key) ? Catalogue::get($key)->icon() : $kind->icon(), $this->title($key), $this->does($key), $this->blanks($key), $example, $texts, $plain, $mistakes);
    }

    /** @return array<string, true> the anchors of the lines that an entry has made */
    private static function rowsWith(string $key, Example $example): array
    {
        $lit = [];
        foreach (Walk::statements($example->program->parts()) as $row) {
            if ($row instanceof Script && 'start' === $key) {
                // It has a line of its own in C++ alone; elsewhere its rows stand for it.
                $lit += array_fill_keys(array_map(static fn (Statement $inner): string => "$inner->id:head", $row->body->statements), true);
            }
            if (\in_array($key, Uses::ofRow($row), true)) {
                $part = match ($key) {
                    'otherwise' => 'otherwise',
                    'else_if' => 'then1',
                    default => 'head',
                };
                $lit["$row->id:$part"] = true;
            }
        }

        return $lit;
    }

    /**
     * The entries that words of people find, best first; all where there are no words.
     *
     * @return list<string>
     */
    public function search(string $words): array
    {
        $wanted = \array_slice(array_unique(array_filter(explode(' ', self::folded($words)), static fn (string $word): bool => '' !== $word)), 0, self::MOST_WORDS);
        $found = [];
        $names = self::namesOfCommands();
        foreach (self::keys() as $order => $key) {
            $score = 0;
            $places = [[self::folded($this->title($key)), 12], [self::spellings($key, $names), 10], [self::folded($this->people($key)), 13], [self::folded($this->does($key)), 3]];
            foreach ($wanted as $word) {
                $best = 0;
                foreach ($places as [$text, $weight]) {
                    $fits = match (true) {
                        str_contains(" $text ", " $word ") => 3,
                        str_contains(" $text", " $word") => 2,
                        \strlen($word) > 2 && str_contains($text, $word) => 1,
                        default => 0,
                    };
                    $best = max($best, $fits * $weight);
                }
                if (0 === $best) {
                    continue 2;
                }
                $score += $best;
            }
            $found[$key] = $score * 1000 - $order;
        }
        arsort($found);

        return array_keys($found);
    }

    /** The words that people say for it besides its own. */
    private function people(string $key): string
    {
        $words = Words::in($this->locale);

        return $words->has("search.$key") ? $words->raw("search.$key") : '';
    }

    /**
     * How the languages write it, as single words.
     *
     * @param array<string, list<string>> $names
     */
    private static function spellings(string $key, array $names): string
    {
        $operation = self::operation($key);
        if (null !== $operation) {
            $spelled = implode(' ', array_merge(...array_values($operation->spellings)));

            return strtolower((string) preg_replace(['/^\d+\||\w+\?|\{[^}]*\}/', '/\W+/'], ' ', $spelled));
        }

        return strtolower(str_replace('.', ' ', implode(' ', [$key, ...$names[$key] ?? []])));
    }

    /** @return array<string, list<string>> by key, what the languages call the commands */
    private static function namesOfCommands(): array
    {
        $names = [];
        foreach (Language::cases() as $language) {
            foreach (Vocabulary::commands($language) as $name => $entry) {
                $names[$entry->key][] = (string) $name;
            }
        }

        return $names;
    }

    private static function folded(string $text): string
    {
        // Made once: making one takes longer than all the words that it then folds.
        static $plain;
        $plain ??= \Transliterator::create('NFD; [:Nonspacing Mark:] Remove; NFC; Lower');
        \assert($plain instanceof \Transliterator);

        return (string) preg_replace('/[^\p{L}\p{N}#%&*+\-\/<=>|!\[\]^]+/u', ' ', (string) $plain->transliterate(mb_scrub($text, 'UTF-8')));
    }
}
