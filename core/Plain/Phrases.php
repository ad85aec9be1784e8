<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Words\Words;

/**
 * Pieces of sentences in one language, put together. A phrase is looked for as `plain.<key>`, then as it shows on the
 * blocks page.
 */
final readonly class Phrases
{
    /** Stands where one phrase was put into another, until the sentence is whole: there words grow together (de le: du). */
    private const JOINT = "\x01";

    private Words $words;
    /** @var array<string, string> what words become where they meet, the meeting being marked by a joint */
    private array $contractions;

    public function __construct(public string $locale)
    {
        $this->words = Words::in($locale);
        $contractions = [];
        foreach (explode(';', $this->words->raw('plain.contractions')) as $contraction) {
            [$apart, $together] = [...explode('=', $contraction), ''];
            if ('' !== $together) {
                $contractions[str_replace('|', self::JOINT, $apart)] = $together;
            }
        }
        $this->contractions = $contractions;
    }

    /** @param array<int|string, string> $said by the gaps of the phrase */
    public function fill(string $key, array $said = []): string
    {
        $template = $this->raw($key);
        $gaps = [];
        foreach ($said as $name => $words) {
            $gaps['{'.$name.'}'] = $words;
        }

        return strtr($template, $gaps);
    }

    public function has(string $key): bool
    {
        return $this->words->has("plain.$key");
    }

    private function raw(string $key): string
    {
        foreach (["plain.$key", "row.$key", $key] as $one) {
            if ($this->words->has($one)) {
                return $this->words->raw($one);
            }
        }

        return $this->words->raw("plain.$key");
    }

    /** @param array<string, string> $said by the gaps of the phrase, which chooses its words by a number as well */
    public function count(string $key, int $count, array $said = []): string
    {
        return $this->words->say("plain.$key", [...$said, 'count' => $count]);
    }

    public function joint(string $phrase): string
    {
        return str_starts_with($phrase, self::JOINT) ? $phrase : self::JOINT.$phrase;
    }

    /** @param list<string> $items */
    public function all(array $items): string
    {
        $last = array_pop($items) ?? '';

        return [] === $items ? $last : $this->fill('and_last', ['items' => implode($this->raw('and_further'), $items), 'last' => $last]);
    }

    /** A whole sentence: a capital at its beginning, a full stop at its end. */
    public function sentence(string $phrase): string
    {
        $text = str_replace(self::JOINT, '', strtr($phrase, $this->contractions));
        // A name keeps its letters.
        $text = str_starts_with($phrase, self::JOINT) ? $text : mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);

        // A text that ends its own sentence ends this one, too.
        return 1 === preg_match('/[.!?…:](?:\x{a0}»|”)?$/u', $text) ? $text : $text.'.';
    }
}
