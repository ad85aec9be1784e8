<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Tree\Program;

/** Whether an answer passes: nothing is marked by comparing letters where behaviour can decide. */
final class Marking
{
    private const LONGEST = 100_000;

    /** @param string $answer a text, or a list as JSON, as the kind of the rung asks */
    public static function of(Rung $rung, string $answer): Verdict
    {
        if (\strlen($answer) > self::LONGEST) {
            return self::failed('too_long', [], 0);
        }
        if ($rung->kind->asksForText()) {
            return self::text($rung, $answer);
        }
        $list = json_decode($answer, true, 8);
        if (!\is_array($list) || !array_is_list($list)) {
            return self::failed('no_list', [], 0);
        }

        if (RungKind::Pair === $rung->kind || RungKind::Foretell === $rung->kind) {
            return self::chosen($rung, $list);
        }
        $text = self::textOf($rung, $answer);

        return null === $text ? self::failed('no_list', [], 0) : self::text($rung, $text);
    }

    /** The text that an answer makes: itself, slips in their order, gaps filled; nothing if it is of another form. */
    public static function textOf(Rung $rung, string $answer): ?string
    {
        if ($rung->kind->asksForText()) {
            return $answer;
        }
        $list = json_decode($answer, true, 8);

        return match (true) {
            !\is_array($list) || !array_is_list($list) => null,
            RungKind::Sort === $rung->kind => self::sorted($rung, $list),
            RungKind::Fill === $rung->kind => self::filled($rung, $list),
            default => null,
        };
    }

    /** @param array<string, string|int> $parameters */
    private static function failed(string $kind, array $parameters, float $near, ?int $situation = null): Verdict
    {
        return new Verdict(false, [['kind' => $kind, 'parameters' => $parameters]], $near, $situation);
    }

    /** @param list<mixed> $list */
    private static function chosen(Rung $rung, array $list): Verdict
    {
        $same = \count(array_filter($rung->right, static fn (mixed $right, int $place): bool => ($list[$place] ?? null) === $right, \ARRAY_FILTER_USE_BOTH));
        $near = $same / max(1, \count($rung->right));
        foreach ($rung->right as $place => $right) {
            if (($list[$place] ?? null) !== $right) {
                return self::failed('wrong_choice', ['place' => $place + 1], $near);
            }
        }

        return \count($list) === \count($rung->right) ? new Verdict(true, [], 1) : self::failed('many_choices', [], $near);
    }

    /** @param list<mixed> $list of the number of a slip and its indent */
    private static function sorted(Rung $rung, array $list): ?string
    {
        $slips = \is_array($rung->question['slips'] ?? null) ? $rung->question['slips'] : [];
        $lines = $used = [];
        foreach ($list as $one) {
            [$number, $indent] = \is_array($one) ? [$one[0] ?? null, $one[1] ?? 0] : [$one, 0];
            $slip = \is_int($number) ? $slips[$number] ?? null : null;
            if (!\is_string($slip) || !\is_int($indent) || $indent < 0 || $indent > 40 || isset($used[$number])) {
                return null;
            }
            $used[$number] = true;
            $lines[] = str_repeat('    ', $indent).$slip;
        }

        return implode("\n", $lines)."\n";
    }

    /** @param list<mixed> $list what is written into each gap */
    private static function filled(Rung $rung, array $list): ?string
    {
        $parts = explode('▢', \is_string($rung->question['text'] ?? null) ? $rung->question['text'] : '');
        $text = $parts[0];
        foreach (\array_slice($parts, 1) as $place => $part) {
            $piece = $list[$place] ?? '';
            // A piece is a piece: what else stood on the line stays.
            if (!\is_string($piece) || \strlen($piece) > 200 || 1 === preg_match('/[\r\n]/', $piece)) {
                return null;
            }
            $text .= $piece.$part;
        }

        return $text;
    }

    private static function text(Rung $rung, string $text): Verdict
    {
        $near = Nearness::of($rung->model, $text);
        if ('' === trim($text)) {
            return self::failed('empty', [], 0);
        }
        $text = mb_scrub($text, 'UTF-8');
        $read = $rung->language->read($text);
        if ([] !== $read->mistakes) {
            return new Verdict(false, array_map(static fn (array $mistake): array => ['kind' => 'mistake.'.$mistake['kind'], 'parameters' => $mistake['parameters']], Report::lines($text, $read->mistakes)), $near);
        }
        $model = self::program($rung, $rung->model);
        $answer = self::program($rung, $text);
        foreach ($rung->situations as $number => $situation) {
            $wanted = Seen::of(Trial::run($model, $rung->language, $situation));
            $found = Seen::of(Trial::run($answer, $rung->language, $situation));
            if ($wanted !== $found) {
                return self::failed(...self::parting($wanted, $found, $situation->hidden, ['situation' => $number + 1, 'cases' => \count($rung->situations)]), near: min($near, 0.99), situation: $number);
            }
        }

        // What is asked besides is looked at in the rows alone: in a text that does the same.
        $missing = $rung->kind->asksForText() ? $rung->asked->missing($read->program) : [];

        return [] === $missing ? new Verdict(true, [], 1, rows: $rung->kind->asksForText() ? ['used' => Asked::rows($answer), 'model' => Asked::rows($model)] : null) : new Verdict(false, $missing, min($near, 0.99));
    }

    private static function program(Rung $rung, string $text): Program
    {
        return $rung->language->read($text)->program->withSetting($rung->setting);
    }

    /**
     * What is another first: that it stops, what is printed, the picture, the state; of what is printed the first line with
     * both sides. A hidden case is named and not shown.
     *
     * @param array<string, mixed> $wanted
     * @param array<string, mixed> $found
     * @param array<string, int>   $case   its number, and how many there are
     *
     * @return array{kind: string, parameters: array<string, string|int>}
     */
    private static function parting(array $wanted, array $found, bool $hidden, array $case): array
    {
        $kind = 'other_state';
        foreach (['error' => 'stops', 'ends' => 'never_ends', 'printed' => 'prints_other', 'strokes' => 'draws_other', 'marks' => 'draws_other', 'goals' => 'misses_goal'] as $what => $one) {
            if ($wanted[$what] !== $found[$what]) {
                $kind = $one;
                break;
            }
        }
        if ($hidden) {
            return ['kind' => 'hidden', 'parameters' => $case];
        }
        if ('prints_other' !== $kind || !\is_array($wanted['printed']) || !\is_array($found['printed'])) {
            return ['kind' => $kind, 'parameters' => $case];
        }
        for ($line = 0; ($wanted['printed'][$line] ?? null) === ($found['printed'][$line] ?? null);) {
            ++$line;
        }
        $side = static fn (mixed $text): string => \is_string($text) ? mb_substr($text, 0, 80) : '';
        [$yours, $other] = [$side($found['printed'][$line] ?? null), $side($wanted['printed'][$line] ?? null)];

        return ['kind' => match (true) {
            '' === $yours => 'prints_nothing',
            '' === $other => 'prints_too_much',
            default => 'prints_line',
        }, 'parameters' => [...$case, 'line' => $line + 1, 'found' => $yours, 'wanted' => $other]];
    }
}
