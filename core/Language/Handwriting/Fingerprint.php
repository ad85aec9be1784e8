<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;

/** A number that changes when what a part of a row says changes; a typed piece is shown as long as it is the same. */
final class Fingerprint
{
    /**
     * @param bool            $tight the piece stands on a line with what the row holds, so that it says what that is, too
     * @param array<int, int> $ids   other ids that rows had when the fingerprint was taken
     */
    public static function of(Statement $row, string $part, bool $tight, array $ids = []): int
    {
        if ($row->off) {
            return crc32(self::spelled($row));
        }
        $says = match (true) {
            'head' === $part && $row instanceof Conditional => $row->branches[0]->condition,
            'head' === $part && $row instanceof Script => '',
            'head' === $part => [$row->labels(), $row->blanks(), self::more($row)],
            $row instanceof Conditional && str_starts_with($part, 'then') => ($row->branches[(int) substr($part, 4)] ?? null)?->condition,
            'close' === $part || 'after' === $part => $row instanceof Conditional ? '' : $row->blanks(),
            default => '',
        };
        $held = [];
        foreach ($tight ? $row->bodies() : [] as $name => $body) {
            $held[$name] = array_map(static fn (Statement $inner): int => $ids[$inner->id] ?? $inner->id, $body->statements);
        }

        return crc32(self::spelled([$row::class, $part, $says, $held]));
    }

    private static function more(Statement $row): mixed
    {
        return match (true) {
            $row instanceof FunctionDefinition => $row->types,
            default => $row->entry(),
        };
    }

    /** What a row says by itself, for finding it again in a newer text. */
    public static function own(Statement $row): int
    {
        return crc32(self::spelled([$row::class, $row->labels(), $row->blanks()]));
    }

    /** A value as text that is the same for equal values, whether they share parts or not. */
    private static function spelled(mixed $value): string
    {
        if (\is_array($value)) {
            $text = '[';
            foreach ($value as $key => $inner) {
                $text .= $key.':'.self::spelled($inner).',';
            }

            return $text.']';
        }
        if ($value instanceof \UnitEnum) {
            return $value->name;
        }
        if (\is_object($value)) {
            return $value::class.self::spelled(get_object_vars($value));
        }

        return var_export($value, true);
    }
}
