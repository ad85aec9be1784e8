<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

/** A whole program as text, with its row map. */
final readonly class PrintedText
{
    /**
     * @param list<Line>   $lines
     * @param string|null  $typed  the text to the letter, where a person typed it
     * @param list<string> $needed names of our library that the printed lines say
     */
    public function __construct(public array $lines, private ?string $typed = null, public array $needed = [])
    {
    }

    public function text(): string
    {
        if (null !== $this->typed) {
            return $this->typed;
        }
        $text = '';
        foreach ($this->lines as $line) {
            $text .= $line->text."\n";
        }

        return $text;
    }
}
