<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Words\Words;

/**
 * Five hints for an answer as it stands, for the first place at which it parts from the model: where it is, what kind of
 * thing is wanted there, its plain words, the line with a gap, the line. Each says no more than its step.
 */
final class Hints
{
    public const STEPS = 5;

    /** @return array{says: string, at: int, line: string|null} what the step says; the place, from 1; with the last step, what belongs there */
    public static function step(Rung $rung, string $answer, int $step, string $locale): array
    {
        return $rung->kind->asksForText() ? self::ofText($rung, $answer, $step, $locale) : self::ofList($rung, $answer, $step, $locale);
    }

    /** @param array<string, string|int> $parameters */
    private static function say(string $locale, string $key, array $parameters = []): string
    {
        return Words::in($locale)->say("hint.$key", $parameters);
    }

    /** @return array{says: string, at: int, line: string|null} */
    private static function ofText(Rung $rung, string $answer, int $step, string $locale): array
    {
        $model = explode("\n", rtrim($rung->model, "\n"));
        $given = preg_split('/\r\n|\n|\r/', rtrim($answer)) ?: [];
        [$wanted, $found] = [self::saying($model, $rung->language), self::saying($given, $rung->language)];
        $same = 0;
        while (isset($wanted[$same], $found[$same]) && $wanted[$same][1] === $found[$same][1]) {
            ++$same;
        }
        // The place is one of the answer, whose lines the pupil sees: behind its last one where it has too few.
        $last = \count($found) - 1;
        $line = 1 + ($found[$same][0] ?? ($last < 0 ? self::filled($given) : max($found[$last][0] + 1, self::filled($given))));
        if (!isset($wanted[$same])) {
            return ['says' => self::say($locale, 'too_much', ['line' => $line]), 'at' => $line, 'line' => null];
        }
        $at = $wanted[$same][0];
        $says = match ($step) {
            1 => self::say($locale, 'where', ['line' => $line]),
            2 => self::say($locale, 'kind', ['line' => $line, 'kind' => self::kind($rung, $at, $locale)]),
            3 => self::say($locale, 'words', ['line' => $line, 'words' => self::words($rung, $at, $locale)]),
            4 => self::say($locale, 'gap', ['line' => $line, 'text' => self::gapped($model[$at])]),
            default => self::say($locale, 'line', ['line' => $line, 'text' => trim($model[$at])]),
        };

        return ['says' => $says, 'at' => $line, 'line' => self::STEPS === $step ? $model[$at] : null];
    }

    /** @param list<string> $lines */
    private static function filled(array $lines): int
    {
        return [''] === $lines ? 0 : \count($lines);
    }

    /**
     * The lines that say something to the machine: where each stands, and what counts of it. Blanks between words, blank
     * lines and remarks are a matter of taste; how deep a line is set in counts where the language reads it.
     *
     * @param list<string> $lines
     *
     * @return list<array{int, string}>
     */
    private static function saying(array $lines, Language $language): array
    {
        $found = $depths = [];
        foreach ($lines as $at => $line) {
            if (1 === preg_match($language->notation()->emptyLine(), $line)) {
                continue;
            }
            $plain = (string) preg_replace(['/("(?:[^"\\\\]|\\\\.)*"|\'(?:[^\'\\\\]|\\\\.)*\')(*SKIP)(*FAIL)|(?<=\w)\s+(?=\w)/u', '/("(?:[^"\\\\]|\\\\.)*"|\'(?:[^\'\\\\]|\\\\.)*\'|(?<=\w) (?=\w))(*SKIP)(*FAIL)|\s+/u'], [' ', ''], $line);
            if ($language->notation()->indents) {
                $indent = \strlen(str_replace("\t", '        ', substr($line, 0, \strlen($line) - \strlen(ltrim($line)))));
                $depths = array_values(array_filter($depths, static fn (int $outer): bool => $outer < $indent));
                $plain = str_repeat('>', \count($depths)).$plain;
                $depths[] = $indent;
            }
            $found[] = [$at, $plain];
        }

        return $found;
    }

    /** Of a line everything shows but its longest word or number. */
    private static function gapped(string $line): string
    {
        preg_match_all('/\w+/', $line, $words);
        usort($words[0], static fn (string $one, string $other): int => \strlen($other) <=> \strlen($one));
        $longest = $words[0][0] ?? '';

        return '' === $longest ? '…' : (string) preg_replace('/\b'.preg_quote($longest, '/').'\b/', '…', trim($line));
    }

    /** Under which heading the row of a line stands. */
    private static function kind(Rung $rung, int $at, string $locale): string
    {
        $analysis = new Analysis($rung->language->read($rung->model)->program);
        $row = (int) explode(':', $analysis->text($rung->language)->lines[$at]->anchor ?? '0')[0];
        foreach (Walk::statements($analysis->program->parts()) as $statement) {
            if ($statement instanceof Statement && $statement->id === $row) {
                $key = Uses::ofRow($statement)[0] ?? null;

                return null === $key || !Reference::has($key) ? '…' : Words::in($locale)->say((new Reference($locale))->heading($key));
            }
        }

        return '…';
    }

    private static function words(Rung $rung, int $at, string $locale): string
    {
        return PlainLines::of(new Analysis($rung->language->read($rung->model)->program), $rung->language, $locale)[$at] ?? '…';
    }

    /** @return array{says: string, at: int, line: string|null} */
    private static function ofList(Rung $rung, string $answer, int $step, string $locale): array
    {
        $given = json_decode($answer, true, 8);
        $given = \is_array($given) ? array_values($given) : [];
        $at = 0;
        while (isset($rung->right[$at]) && $rung->right[$at] === ($given[$at] ?? null)) {
            ++$at;
        }
        $right = $rung->right[$at] ?? null;
        if (null === $right) {
            return ['says' => self::say($locale, 'too_much', ['line' => $at + 1]), 'at' => $at + 1, 'line' => null];
        }
        $text = self::shown($rung, $right);
        $says = match ($step) {
            1 => self::say($locale, 'where_'.$rung->kind->value, ['place' => $at + 1]),
            2 => self::say($locale, 'begins', ['place' => $at + 1, 'text' => mb_substr($text, 0, 1)]),
            3 => self::say($locale, 'length', ['place' => $at + 1, 'count' => mb_strlen($text)]),
            4 => self::say($locale, 'half', ['place' => $at + 1, 'text' => mb_substr($text, 0, (int) ceil(mb_strlen($text) / 2)).'…']),
            default => self::say($locale, 'whole', ['place' => $at + 1, 'text' => $text]),
        };

        return ['says' => $says, 'at' => $at + 1, 'line' => self::STEPS === $step ? json_encode($right, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE) : null];
    }

    /** What a part of a right list stands for. */
    private static function shown(Rung $rung, mixed $right): string
    {
        $of = static function (string $name, int $number) use ($rung): string {
            $list = $rung->question[$name] ?? null;
            $text = \is_array($list) ? $list[$number] ?? '' : '';

            return \is_string($text) ? $text : '';
        };

        return match (true) {
            \is_string($right) => $right,
            RungKind::Pair === $rung->kind && \is_int($right) => $of('words', $right),
            RungKind::Foretell === $rung->kind && \is_int($right) => 'picture' !== ($rung->question['what'] ?? '') ? trim($of('choices', $right)) : '#'.($right + 1),
            \is_array($right) && \is_int($right[0] ?? null) => $of('slips', $right[0]),
            default => '',
        };
    }
}
