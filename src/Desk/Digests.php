<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Page\TextLine;

/**
 * A few letters for each line that a window shows. Kept with the program they tell which lines the next edit changes,
 * without making the pages as they were.
 */
final readonly class Digests
{
    private const LETTERS = 10;

    /** @param array<string, string> $lines by key: the digests of its line on all pages, in the order of the pages */
    private function __construct(private array $lines)
    {
    }

    /** A window that shows nothing yet. */
    public static function none(): self
    {
        return new self([]);
    }

    public static function of(Spread $spread): self
    {
        $lines = [];
        foreach ($spread->rows as $row) {
            $digests = '';
            foreach ($row['cells'] as $cell) {
                // The number of a line stands in the spine, so that it does not make the line another.
                $says = $cell instanceof TextLine ? 'T'.$cell->text : serialize($cell);
                $digests .= substr(base64_encode(hash('xxh64', $says, true)), 0, self::LETTERS);
            }
            $lines[$row['key']] = $digests;
        }

        return new self($lines);
    }

    /** Whether a line shows the same on a page, the first one being 0. */
    public function isAlike(self $other, string $key, int $page): bool
    {
        $own = $this->lines[$key] ?? '';
        $at = $page * self::LETTERS;

        return isset($own[$at]) && 0 === substr_compare($own, substr($other->lines[$key] ?? '', $at, self::LETTERS), $at, self::LETTERS);
    }

    /** @param string $state of which program's revision they are, on which pages, in which language and by which code */
    public function written(string $state): string
    {
        $text = $state;
        foreach ($this->lines as $key => $digests) {
            $text .= "\n$key $digests";
        }

        return $text;
    }

    /** Null if what is kept is of another state. */
    public static function read(?string $kept, string $state): ?self
    {
        if (null === $kept || !str_starts_with($kept, "$state\n")) {
            return null;
        }
        $lines = [];
        foreach (explode("\n", substr($kept, \strlen($state) + 1)) as $line) {
            [$key, $digests] = explode(' ', $line, 2);
            $lines[$key] = $digests;
        }

        return new self($lines);
    }
}
