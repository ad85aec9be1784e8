<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;

/** What a rung asks of an answer besides doing the same. */
final readonly class Asked
{
    public const MOST = 1_000;
    /** What nobody forbids. */
    public const ALWAYS = ['start', 'comment', 'pass', 'import', 'declare', 'share', 'unread'];

    /**
     * @param list<Construct>   $constructs that have to be there
     * @param int|null          $rows       the most rows, comments and imports not counted; null: any number
     * @param list<string>|null $allowed    entries of the catalogue that may be used, as Uses names them; null: all
     */
    public function __construct(public array $constructs = [], public ?int $rows = null, public ?array $allowed = null)
    {
    }

    public function isNothing(): bool
    {
        return [] === $this->constructs && null === $this->rows && null === $this->allowed;
    }

    /** @return list<array{kind: string, parameters: array<string, string|int>}> all that is in the way */
    public function missing(Program $program): array
    {
        $missing = [];
        foreach ($this->constructs as $construct) {
            if (!$construct->isIn($program)) {
                $missing[] = ['kind' => 'needs_'.$construct->value, 'parameters' => []];
            }
        }
        $rows = self::rows($program);
        if (null !== $this->rows && $rows > $this->rows) {
            $missing[] = ['kind' => 'too_many_rows', 'parameters' => ['rows' => $rows, 'most' => $this->rows]];
        }
        foreach (null === $this->allowed ? [] : array_filter(array_diff(Uses::in($program), $this->allowed, self::ALWAYS), self::isCounted(...)) as $key) {
            $missing[] = ['kind' => 'not_allowed', 'parameters' => ['key' => $key]];
        }

        return $missing;
    }

    /** How many rows a program has that do something; the same in each language, however its text is broken into lines. */
    public static function rows(Program $program): int
    {
        return \count(array_filter(Construct::live($program->parts()), static fn (Statement $row): bool => !$row instanceof Script && !$row instanceof Comment && !$row instanceof Import));
    }

    /** @return array{constructs: list<string>, rows: int|null, allowed: list<string>|null} */
    public function data(): array
    {
        return ['constructs' => array_map(static fn (Construct $one): string => $one->value, $this->constructs), 'rows' => $this->rows, 'allowed' => $this->allowed];
    }

    /** @param array<mixed> $data what is of no known form asks nothing */
    public static function of(array $data): self
    {
        $texts = static fn (mixed $list): array => array_values(array_filter(\is_array($list) ? $list : [], is_string(...)));
        $constructs = array_values(array_filter(array_map(Construct::tryFrom(...), $texts($data['constructs'] ?? null))));
        $rows = $data['rows'] ?? null;

        return new self($constructs, \is_int($rows) && $rows > 0 ? min(self::MOST, $rows) : null, \is_array($data['allowed'] ?? null) ? $texts($data['allowed']) : null);
    }

    /** Rows and commands are what a stock is of; how values are reckoned is everybody's own affair. */
    private static function isCounted(string $key): bool
    {
        $entry = Catalogue::find($key);

        return null !== $entry && (!$entry->value || $entry->command);
    }
}
