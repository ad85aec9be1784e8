<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Piece;

/**
 * Braces around rows that stand for themselves. They are no rows and lie before the pieces of others, so that they are
 * only right as long as the whole text is as it was typed.
 */
final class BareBlocks
{
    /**
     * The pieces without such braces, and without what stands in between them, whose names may be others outside.
     *
     * @return array<string, array{Piece, int}>|null piece and its end, by row and part; null where there are no such braces
     */
    public static function without(Handwriting $handwriting): ?array
    {
        $pieces = [];
        $depth = 0;
        $found = false;
        foreach ($handwriting->pieces as $index => $piece) {
            $lead = self::withoutRemarks(substr($handwriting->text, $piece->start, $piece->coreStart - $piece->start));
            $last = max((int) strrpos("\n$lead", '{'), (int) strrpos("\n$lead", '}'));
            $start = $piece->start;
            if ($last > 0) {
                $found = true;
                $depth += substr_count($lead, '{') - substr_count($lead, '}');
                preg_match('/\G[^\r\n]*(?:\r\n|\n|\r)?/', $lead, $rest, 0, $last);
                $start += $last + \strlen($rest[0] ?? '');
            }
            if ($depth < 0) {
                return null;
            }
            $isOutside = 0 === $depth;
            $end = $handwriting->pieces[$index + 1]->start ?? \strlen($handwriting->text);
            $trail = self::withoutRemarks(substr($handwriting->text, $piece->coreEnd, $end - $piece->coreEnd));
            $first = strcspn($trail, '{}');
            if ($first < \strlen($trail)) {
                $found = true;
                $depth += substr_count($trail, '{') - substr_count($trail, '}');
                $end = $piece->coreEnd + \strlen(rtrim(substr($trail, 0, $first)));
            }
            if ($depth < 0) {
                return null;
            }
            if ($isOutside) {
                $without = new Piece($piece->id, $piece->part, $start, $piece->coreStart, $piece->coreEnd, $piece->fingerprint, $piece->parent, $piece->tight);
                $pieces["$piece->id:$piece->part"] = [$without, $end];
            }
        }

        return $found && 0 === $depth ? $pieces : null;
    }

    private static function withoutRemarks(string $lead): string
    {
        return (string) preg_replace_callback('~//[^\r\n]*+|/\*(?:[^*]++|\*(?!/))*+\*/~', static fn (array $match): string => str_repeat(' ', \strlen($match[0])), $lead);
    }
}
