<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** Lists and maps as Node.js lays them out on the console: `util.inspect` with a line of 80 signs. */
final class JavaScriptInspection
{
    private const LINE = 80;
    /** So many levels of values go on one line, and four times as many columns stand side by side. */
    private const COMPACT = 3;
    private const DEEPEST = 2;
    private const MOST_ITEMS = 100;

    private int $indent = 0;
    private int $deepest = 0;
    /** @var array<int, true> the lists and maps around, by PHP's numbers of objects */
    private array $around = [];
    /** @var array<int, int> those that hold themselves, numbered as they are met again */
    private array $circular = [];

    /**
     * @param \Closure(mixed): string                                $plain  how a value shows that holds no others
     * @param \Closure(mixed): string                                $key
     * @param \Closure(MapValue): array<string, array{mixed, mixed}> $shown  what is seen of a map or an object
     * @param int                                                    $levels how many are shown below the outermost one
     * @param int                                                    $most   items of a list
     * @param int                                                    $width  of a line, in signs
     */
    public function __construct(private readonly \Closure $plain, private readonly \Closure $key, private readonly \Closure $shown, private readonly int $levels = self::DEEPEST, private readonly int $most = self::MOST_ITEMS, private readonly int $width = self::LINE)
    {
    }

    public function of(mixed $value, int $level = 0): string
    {
        if (!$value instanceof ListValue && !$value instanceof MapValue) {
            return ($this->plain)($value);
        }
        $number = spl_object_id($value);
        if (isset($this->around[$number])) {
            $this->circular[$number] ??= \count($this->circular) + 1;

            return "[Circular *{$this->circular[$number]}]";
        }
        $this->around[$number] = true;
        Room::spend(1);
        try {
            return $this->held($value, $level);
        } finally {
            unset($this->around[$number]);
        }
    }

    private function held(ListValue|MapValue $value, int $level): string
    {
        if ($value instanceof ListValue) {
            return [] === $value->items ? '[]' : ($level > $this->levels ? '[Array]' : $this->list($value, $level));
        }

        if ('' !== $value->sort) {
            return $this->collection($value, $level);
        }
        $class = '' === $value->class ? '' : "$value->class ";

        return [] === ($this->shown)($value) ? $class.'{}' : ($level > $this->levels ? '['.('' === $class ? 'Object' : $value->class).']' : $this->map($value, $level));
    }

    /** What stands before a list or a map that holds itself. */
    private function reference(ListValue|MapValue $value): string
    {
        $number = $this->circular[spl_object_id($value)] ?? null;

        return null === $number ? '' : "<ref *$number> ";
    }

    private function list(ListValue $list, int $level): string
    {
        $this->deepest = $level;
        $shown = [];
        $this->indent += 2;
        $gaps = [] === $list->gaps ? [] : $list->gaps();
        $empty = 0;
        foreach (\array_slice($list->items, 0, $this->most) as $place => $item) {
            if (isset($gaps[$place])) {
                ++$empty;
                if (!isset($gaps[$place + 1])) {
                    $shown[] = "<$empty empty item".(1 === $empty ? '' : 's').'>';
                    $empty = 0;
                }
                continue;
            }
            $shown[] = $this->of($item, $level + 1);
        }
        $this->indent -= 2;
        $more = \count($list->items) - $this->most;
        if ($more > 0) {
            $shown[] = "... $more more item".(1 === $more ? '' : 's');
        }
        if (null !== $list->found) {
            $this->indent += 2;
            array_push($shown, 'index: '.$list->found[0], 'input: '.$this->of($list->found[1], $level + 1), 'groups: '.(null === $list->found[2] ? 'undefined' : '[Object: null prototype] '.$this->of($list->found[2], $level + 1)));
            $this->indent -= 2;

            return $this->laidOut($shown, '[', ']', $level, true);
        }
        $rows = \count($shown) > 6 ? $this->columns($shown, $list, $more > 0) : $shown;

        return $this->laidOut($rows, $this->reference($list).'[', ']', $level, \count($rows) === \count($shown));
    }

    /** A set, or a map with keys of any kind. */
    private function collection(MapValue $value, int $level): string
    {
        $isSet = 'set' === $value->sort;
        $open = $this->reference($value).($isSet ? 'Set(' : 'Map(').\count($value->entries).') {';
        if ([] === $value->entries || $level > $this->levels) {
            return [] === $value->entries ? "$open}" : ($isSet ? '[Set]' : '[Map]');
        }
        $this->deepest = $level;
        $shown = [];
        $this->indent += 2;
        foreach ($value->entries as [$key, $item]) {
            $shown[] = $isSet ? $this->of($key, $level + 1) : $this->of($key, $level + 1).' => '.$this->of($item, $level + 1);
        }
        $this->indent -= 2;

        return $this->laidOut($shown, $open, '}', $level, true);
    }

    private function map(MapValue $map, int $level): string
    {
        $this->deepest = $level;
        $shown = [];
        $this->indent += 2;
        foreach (($this->shown)($map) as [$key, $value]) {
            $shown[] = ($this->key)($key).': '.$this->of($value, $level + 1);
        }
        $this->indent -= 2;

        return $this->laidOut($shown, $this->reference($map).('' === $map->class ? '' : "$map->class ").'{', '}', $level, true);
    }

    /** @param list<string> $rows */
    private function laidOut(array $rows, string $open, string $close, int $level, bool $mayFit): string
    {
        if ($mayFit && $this->deepest - $level < self::COMPACT) {
            $length = 2 * \count($rows) + $this->indent + \strlen($open) + 10;
            foreach ($rows as $row) {
                $length += mb_strlen($row);
            }
            if ($length <= $this->width && !str_contains(implode('', $rows), "\n")) {
                return "$open ".implode(', ', $rows)." $close";
            }
        }
        $margin = "\n".str_repeat(' ', $this->indent);

        return "$open$margin  ".implode(",$margin  ", $rows)."$margin$close";
    }

    /**
     * More than six items stand in columns.
     *
     * @param non-empty-list<string> $shown
     *
     * @return list<string>
     */
    private function columns(array $shown, ListValue $list, bool $hasMore): array
    {
        $count = \count($shown) - (int) $hasMore;
        $lengths = array_map(mb_strlen(...), \array_slice($shown, 0, $count));
        $total = array_sum($lengths) + 2 * $count;
        $longest = [] === $lengths ? 0 : max($lengths);
        $widest = $longest + 2;
        if ($widest * 3 + $this->indent >= self::LINE || $total / $widest <= 5 && $longest > 6) {
            return $shown;
        }
        $biased = max($widest - 3 - sqrt($widest - $total / \count($shown)), 1);
        $columns = (int) min(floor(sqrt(2.5 * $biased * $count) / $biased + 0.5), floor((self::LINE - $this->indent) / $widest), self::COMPACT * 4, 15);
        if ($columns <= 1) {
            return $shown;
        }
        $widths = [];
        for ($column = 0; $column < $columns; ++$column) {
            $width = 0;
            for ($at = $column; $at < $count; $at += $columns) {
                $width = max($width, $lengths[$at]);
            }
            $widths[] = $width + 2;
        }
        $areNumbers = [] === array_filter($list->items, static fn (mixed $item): bool => !\is_float($item) && !\is_int($item));
        $rows = [];
        for ($start = 0; $start < $count; $start += $columns) {
            $end = min($start + $columns, $count);
            $row = '';
            for ($at = $start; $at < $end - 1; ++$at) {
                $row .= self::padded($shown[$at].', ', $widths[$at - $start], $areNumbers);
            }
            $rows[] = $row.($areNumbers ? self::padded($shown[$at], $widths[$at - $start] - 2, true) : $shown[$at]);
        }
        if ($hasMore) {
            $rows[] = $shown[$count];
        }

        return $rows;
    }

    private static function padded(string $text, int $width, bool $left): string
    {
        $space = str_repeat(' ', max(0, $width - mb_strlen($text)));

        return $left ? $space.$text : $text.$space;
    }
}
