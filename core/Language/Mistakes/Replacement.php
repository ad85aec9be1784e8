<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

/** Some bytes of a text become others. */
final readonly class Replacement
{
    public function __construct(public int $offset, public int $length, public string $text)
    {
    }

    /** @param list<self> $replacements that do not overlap */
    public static function apply(string $text, array $replacements): string
    {
        usort($replacements, static fn (self $a, self $b): int => $b->offset <=> $a->offset);
        foreach ($replacements as $replacement) {
            $text = substr_replace($text, $replacement->text, $replacement->offset, $replacement->length);
        }

        return $text;
    }
}
