<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

/** A whole program as text, with its row map. */
final readonly class PrintedText
{
    /** @param list<Line> $lines */
    public function __construct(public array $lines)
    {
    }

    public function text(): string
    {
        $text = '';
        foreach ($this->lines as $line) {
            $text .= $line->text."\n";
        }

        return $text;
    }
}
