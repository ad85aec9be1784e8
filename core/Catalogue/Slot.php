<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Words\Words;

/** A blank of a row, or a parameter of a command. */
final readonly class Slot
{
    /**
     * @param string|null          $unit    what a number counts: steps or degrees
     * @param float|null           $min     smallest number a command takes
     * @param float|null           $max     largest number a command takes
     * @param list<string>         $choices what it takes
     * @param array<string, float> $means   the numbers that choices stand for, where it takes numbers, too
     */
    private function __construct(
        public string $name,
        public SlotType $type,
        public ?Expression $default = null,
        public ?string $unit = null,
        public ?float $min = null,
        public ?float $max = null,
        public array $choices = [],
        public array $means = [],
    ) {
    }

    public static function number(string $name, int|float $default, ?string $unit = null, ?float $min = null, ?float $max = null): self
    {
        return new self($name, SlotType::Number, new NumberLiteral($default), $unit, $min, $max);
    }

    /** @param non-empty-array<string, float> $means words that may stand in the place of a number, and what they mean */
    public static function numberOr(string $name, int|float $default, ?float $min, ?float $max, array $means): self
    {
        return new self($name, SlotType::Number, new NumberLiteral($default), null, $min, $max, array_keys($means), $means);
    }

    public static function any(string $name, int|string $default): self
    {
        return new self($name, SlotType::Any, \is_int($default) ? new NumberLiteral($default) : new TextLiteral($default));
    }

    public static function truth(string $name): self
    {
        return new self($name, SlotType::Truth, new TruthLiteral(true));
    }

    public static function colour(string $name, Ink $default): self
    {
        return new self($name, SlotType::Colour, new TextLiteral($default->value));
    }

    /** @param non-empty-list<string> $choices the first one stands in a new row */
    public static function choice(string $name, array $choices): self
    {
        return new self($name, SlotType::Choice, new TextLiteral($choices[0]), choices: $choices);
    }

    public static function pattern(string $name, string $default): self
    {
        return new self($name, SlotType::Pattern, new TextLiteral($default));
    }

    public static function handler(string $name): self
    {
        return new self($name, SlotType::Handler);
    }

    /** The nearest of the choices to what a person wrote in some language, if it is near at all. */
    public function chosen(string $text): ?string
    {
        $text = mb_strtolower(trim($text, " \t\"'"));
        foreach ($this->choices as $choice) {
            foreach ([$choice, ...array_map(fn (string $locale): string => mb_strtolower($this->word($choice, $locale)), Words::locales())] as $word) {
                if ($word === $text) {
                    return $choice;
                }
            }
        }

        return null;
    }

    /** @return list<string> the texts that may stand in it, where these are but a few */
    public function answers(): array
    {
        return SlotType::Colour === $this->type ? array_column(Ink::cases(), 'value') : $this->choices;
    }

    /** One of the answers as it shows. */
    public function answerWord(string $answer, string $locale): string
    {
        return SlotType::Colour === $this->type ? Ink::from($answer)->word($locale) : $this->word($answer, $locale);
    }

    /** What a number in it counts; empty where it counts nothing. */
    public function unitWord(string $locale): string
    {
        return null === $this->unit ? '' : Words::in($locale)->say("unit.$this->unit");
    }

    /** Its unit, range and choices in a few words; empty where anything may stand. */
    public function about(string $locale): string
    {
        $about = [];
        if (null !== $this->unit) {
            $about[] = $this->unitWord($locale);
        }
        if (null !== $this->min || null !== $this->max) {
            $about[] = $this->range($locale);
        }
        if ([] !== $this->answers()) {
            $about[] = implode(', ', array_map(static fn (string $answer): string => '"'.$answer.'"', $this->answers()));
        }

        return implode('; ', $about);
    }

    /** From where to where a number in it may be. */
    public function range(string $locale): string
    {
        $bounds = ['least' => (string) $this->min, 'most' => (string) $this->max];

        return Words::in($locale)->say(null === $this->max ? 'card.at_least' : (null === $this->min ? 'card.at_most' : 'card.range'), $bounds);
    }

    /** A choice as it shows. */
    public function word(string $choice, string $locale): string
    {
        return Words::in($locale)->raw("choice.$this->name.".str_replace(' ', '_', $choice));
    }

    public static function label(string $name, SlotType $type): self
    {
        return new self($name, $type);
    }
}
