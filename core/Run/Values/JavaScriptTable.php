<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** What `console.table` shows: a row for each item, a column for each name that any of them has (Node.js, Console, console.table). */
final class JavaScriptTable
{
    private const VALUES = 'Values';

    /** @var array<string, array<int, string>> cells by column and row */
    private array $columns = [];
    /** @var list<string> */
    private array $places = [];
    /** @var array<int, string> what is no row of cells, by row */
    private array $alone = [];

    /**
     * @param \Closure(mixed, int): string                           $inspect how a value shows in a cell, to so many levels
     * @param \Closure(mixed): string                                $name    how a key is called
     * @param \Closure(MapValue): array<string, array{mixed, mixed}> $shown   what is seen of a map or an object
     */
    public function __construct(private readonly \Closure $inspect, private readonly \Closure $name, private readonly \Closure $shown)
    {
    }

    /** @param list<string>|null $wanted the columns that are shown, all where nothing is said */
    public function of(ListValue|MapValue $table, ?array $wanted): string
    {
        if ($table instanceof MapValue && 'set' === $table->sort) {
            return $this->gone(array_map($this->cell(...), array_column(array_values($table->entries), 0)), null);
        }
        if ($table instanceof MapValue && 'Map' === $table->sort) {
            return $this->gone(array_map($this->cell(...), array_column(array_values($table->entries), 1)), array_map($this->cell(...), array_column(array_values($table->entries), 0)));
        }
        foreach ($this->entries($table) as [$key, $item]) {
            $this->row($key, $item, $wanted);
        }
        $columns = ['(index)' => $this->places];
        foreach ($this->columns as $name => $cells) {
            $columns[$name] = array_map(static fn (int $row): string => $cells[$row] ?? '', array_keys($this->places));
        }
        if ([] !== $this->alone) {
            $columns[self::VALUES] = array_map(fn (int $row): string => $this->alone[$row] ?? '', array_keys($this->places));
        }

        return self::drawn($columns);
    }

    /** @param list<string>|null $wanted */
    private function row(string $key, mixed $item, ?array $wanted): void
    {
        Room::spend(1);
        $row = \count($this->places);
        $this->places[] = $key;
        if (!$item instanceof ListValue && !$item instanceof MapValue) {
            $this->alone[$row] = $this->cell($item);

            return;
        }
        $cells = [];
        foreach ($this->entries($item) as [$name, $value]) {
            $cells[$name] = $value;
        }
        foreach ($wanted ?? array_map(strval(...), array_keys($cells)) as $name) {
            $this->columns[$name][$row] = \array_key_exists($name, $cells) ? $this->cell($cells[$name]) : '';
        }
    }

    /** @return list<array{string, mixed}> */
    private function entries(ListValue|MapValue $value): array
    {
        if ($value instanceof ListValue) {
            return array_map(static fn (int $place): array => [(string) $place, $value->items[$place]], array_keys($value->items));
        }

        return array_map(fn (array $entry): array => [($this->name)($entry[0]), $entry[1]], array_values(($this->shown)($value)));
    }

    private function cell(mixed $value): string
    {
        $isWide = $value instanceof MapValue && 2 < \count(($this->shown)($value));

        return ($this->inspect)($value, $isWide ? -1 : 0);
    }

    /**
     * What is gone through has numbers, and not places.
     *
     * @param list<string>      $values
     * @param list<string>|null $keys
     */
    private function gone(array $values, ?array $keys): string
    {
        $columns = ['(iteration index)' => array_map(strval(...), array_keys($values))];

        return self::drawn($columns + (null === $keys ? [] : ['Key' => $keys]) + [self::VALUES => $values]);
    }

    /** @param array<string, list<string>> $columns cells by the head of their column */
    private static function drawn(array $columns): string
    {
        $widths = [];
        foreach ($columns as $head => $cells) {
            $widths[] = 2 + max(mb_strwidth((string) $head), 0, ...array_map(mb_strwidth(...), $cells));
        }
        $line = static fn (string $left, string $middle, string $right): string => $left.implode($middle, array_map(static fn (int $width): string => str_repeat('─', $width), $widths)).$right;
        $rows = [];
        foreach (array_keys($columns[array_key_first($columns)] ?? []) as $at) {
            $rows[] = self::line(array_map(static fn (array $cells): string => $cells[$at] ?? '', array_values($columns)), $widths);
        }

        return implode("\n", [$line('┌', '┬', '┐'), self::line(array_map(strval(...), array_keys($columns)), $widths), $line('├', '┼', '┤'), ...$rows, $line('└', '┴', '┘')]);
    }

    /**
     * @param list<string> $cells
     * @param list<int>    $widths
     */
    private static function line(array $cells, array $widths): string
    {
        $filled = array_map(static fn (string $cell, int $width): string => " $cell".str_repeat(' ', $width - 1 - mb_strwidth($cell)), $cells, $widths);

        return '│'.implode('│', $filled).'│';
    }
}
