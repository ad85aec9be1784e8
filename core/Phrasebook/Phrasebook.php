<?php

declare(strict_types=1);

namespace Scrivlet\Core\Phrasebook;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Words\Words;

/** A chart of commands: what they are called in words, and how each language writes them. */
final readonly class Phrasebook
{
    /** What everybody asks of values first; all of it would be a book. */
    private const USUAL = ['length', 'contains', 'upper', 'lower', 'split', 'joined', 'to_text', 'to_whole', 'to_number', 'rounded_even', 'smaller', 'larger', 'append', 'insert', 'pop', 'remove', 'sort', 'sorted', 'total', 'least', 'greatest', 'chosen', 'shuffle', 'value_or', 'keys', 'ask'];

    /** @param array<string, list<Phrase>> $chapters by the message that is their heading */
    private function __construct(public array $chapters, public string $locale)
    {
    }

    /** A scene's commands, with the rows that go with every scene. */
    public static function ofScene(SceneName $scene, string $locale): self
    {
        $fits = static fn (Entry $entry): bool => !$entry->fromText && !self::isOfAnother($entry, $scene) && (!$entry->value || $entry->command);

        return self::made(array_keys(array_filter(Catalogue::entries(), $fits)), $locale);
    }

    /** The rows and values that go with every scene, and what is usually asked of values. */
    public static function ofLanguage(string $locale): self
    {
        $fits = static fn (Entry $entry): bool => !\in_array($entry->key, Reference::UNWRITTEN, true) && null === SceneName::ofCommand($entry->key) && !self::isOfAnother($entry, SceneName::Printout) && (!$entry->fromText || \in_array($entry->key, ['for_each', 'for', 'do_while', 'set_item'], true));

        return self::made([...array_keys(array_filter(Catalogue::entries(), $fits)), ...array_map(static fn (string $key): string => Reference::OPERATION.$key, self::USUAL)], $locale);
    }

    /** Just what a program uses. */
    public static function ofProgram(Program $program, string $locale): self
    {
        $used = Uses::in($program);

        return self::made(array_values(array_filter(Reference::keys(), static fn (string $key): bool => \in_array($key, $used, true))), $locale);
    }

    private static function isOfAnother(Entry $entry, SceneName $scene): bool
    {
        $own = SceneName::ofCommand($entry->key) ?? (\in_array($entry->key, ['on_tapped', 'on_light'], true) ? SceneName::Lantern : $scene);

        return $own !== $scene;
    }

    /** @param list<string> $keys as in the reference */
    private static function made(array $keys, string $locale): self
    {
        $reference = new Reference($locale);
        $chapters = [];
        foreach ($keys as $key) {
            if (\in_array($key, ['start', 'perform'], true)) {
                continue;
            }
            $chapters[$reference->heading($key)][] = new Phrase($key, $reference->title($key), $reference->blanks($key), self::texts($key, $reference));
        }

        return new self($chapters, $locale);
    }

    /** @return array<string, string> */
    private static function texts(string $key, Reference $reference): array
    {
        $entry = Catalogue::find($key);
        $texts = [];
        foreach (Language::cases() as $language) {
            $lines = array_values(array_filter($reference->text($key, $language), static fn (array $line): bool => $line['lit']));
            $texts[$language->value] = null !== $entry && $entry->command ? self::call($entry, $language) : trim($lines[0]['text'] ?? '');
        }

        return $texts;
    }

    /** A command with the names of its blanks: `nib.move_to(x, y)`; what stands in quotes keeps them. */
    private static function call(Entry $entry, Language $language): string
    {
        $notation = $language->notation();
        $name = $notation->camel ? $entry->camelName() : $entry->snakeName();
        $arguments = implode(', ', array_map(static fn (Slot $slot): string => \in_array($slot->type, [SlotType::Colour, SlotType::Choice, SlotType::Pattern], true) ? "\"$slot->name\"" : $slot->name, $entry->slots));
        $awaits = $notation->awaits && $entry->takesTime ? 'await ' : '';

        return "$awaits$name($arguments)".($entry->value ? '' : $notation->rowEnd);
    }

    /** The heading of a chapter as it shows. */
    public function heading(string $message): string
    {
        return Words::in($this->locale)->say($message);
    }

    /** The ink of a chapter. */
    public function kind(string $message): ?Kind
    {
        return Kind::tryFrom(substr($message, \strlen('kind.')));
    }
}
