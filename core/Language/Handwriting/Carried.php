<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Language\PrintedText;
use Scrivlet\Core\Tree\Program;

/** Carries the remarks at the ends of lines, and the blank lines between rows, of a typed text into another language. */
final class Carried
{
    private const MOST_BLANK = 2;

    public static function into(PrintedText $printed, Program $program, Language $language): PrintedText
    {
        $typed = array_key_last($program->handwriting);
        if (null === $typed) {
            return $printed;
        }
        [$remarks, $blanks] = self::found($program, $typed);
        if ([] === $remarks && [] === $blanks) {
            return $printed;
        }
        $sign = $language->notation()->remark;
        $lines = [];
        foreach ($printed->lines as $line) {
            [$id, $part] = explode(':', $line->anchor);
            if ('before' === $part || 'head' === $part) {
                $isBlank = '' === trim($lines[\count($lines) - 1]->text ?? '');
                for ($count = $isBlank ? 0 : $blanks[(int) $id] ?? 0; $count > 0; --$count) {
                    $lines[] = new Line("$id:above", '');
                }
                unset($blanks[(int) $id]);
            }
            $remark = $remarks[$line->anchor] ?? null;
            unset($remarks[$line->anchor]);
            $lines[] = null === $remark ? $line : new Line($line->anchor, "$line->text  $sign $remark");
        }

        return new PrintedText($lines);
    }

    /** @return array{array<string, string>, array<int, int>} remarks by anchor, and how many blank lines stand above each row */
    private static function found(Program $program, string $typed): array
    {
        $remarks = $blanks = [];
        $handwriting = $program->handwriting[$typed];
        $signs = implode('|', array_map(static fn (string $sign): string => preg_quote($sign, '~'), Language::from($typed)->notation()->remarks));
        foreach ($handwriting->pieces as $index => $piece) {
            $lead = substr($handwriting->text, $piece->start, $piece->coreStart - $piece->start);
            if ('head' === $piece->part && $piece->start > 0 && $piece->id > 0) {
                $count = substr_count($lead, "\n") ?: substr_count($lead, "\r");
                if ($count > 0) {
                    $blanks[$piece->id] = min(self::MOST_BLANK, $count);
                }
            }
            $next = $handwriting->pieces[$index + 1] ?? null;
            $end = null === $next ? \strlen($handwriting->text) : $next->start;
            $trail = substr($handwriting->text, $piece->coreEnd, $end - $piece->coreEnd);
            if ($piece->coreEnd > $piece->coreStart && 1 === preg_match("~^[ \\t;]*(?:$signs)[ \\t]*([^\\r\\n]*)~", $trail, $match)) {
                $remark = rtrim((string) preg_replace('~\\*/\\s*$~', '', $match[1]), " \t\\");
                if ('' !== $remark) {
                    $remarks["$piece->id:$piece->part"] = $remark;
                }
            }
        }

        return [$remarks, $blanks];
    }
}
