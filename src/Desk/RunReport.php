<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\MethodNames;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Held;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\RealError;
use Scrivlet\Core\Run\Values\FileValue;
use Scrivlet\Core\Scene\GoalState;
use Scrivlet\Core\Scene\Lawn\Fitting;

/** A run as the player in the browser takes it. */
final class RunReport
{
    /**
     * @param bool $onlySheet leaves out the values and calls of each moment
     *
     * @return array{rows: list<string>, steps: list<int>, changes: list<int|string>, heap: list<int|string|list<int|string>|null>, brackets: array<string, array{string, string}>, calls: list<int>, events: list<list<mixed>>, variables: list<array{name: string, function: string|null}>, functions: list<string>, length: int, ending: string, message: string|null, real: string|null, errorRow: string|null, times: list<int>, now: int, truths: list<int>, goals: list<array{words: string, met: bool}>, listens: bool}
     */
    public static function of(Outcome $outcome, string $locale, bool $onlySheet = false): array
    {
        $trace = $outcome->trace;
        $cell = static fn (mixed $value): int|string => match (true) {
            $value instanceof Held => $value->number,
            $value instanceof Fitting => '#'.$value->socket.(0 === $value->other ? '' : ' #'.$value->other),
            $value instanceof \Closure => 'ƒ',
            $value instanceof FileValue => $value->name,
            default => $outcome->values->display($value),
        };
        $changes = $heap = $objects = [];
        foreach ($onlySheet ? [] : $trace->changes as $index => $value) {
            $changes[] = 2 === $index % 3 ? $cell($value) : (\is_int($value) ? $value : 0);
        }
        for ($at = 0, $count = $onlySheet ? 0 : \count($trace->heap); $at < $count; $at += 5) {
            [$moment, $number, $kind, $place, $item] = [$trace->heap[$at], $trace->heap[$at + 1], $trace->heap[$at + 2], $trace->heap[$at + 3], $trace->heap[$at + 4]];
            if (\is_string($kind) && str_starts_with($kind, 'object ')) {
                $objects[$kind] = [substr($kind, 7).'(', ')'];
            }
            array_push($heap, $moment, $number, $kind, \is_int($place) && 'entry' !== $kind || null === $place ? $place : $cell($place), \is_array($item) ? array_map($cell, $item) : (null === $item && 'drop' === $kind ? null : $cell($item)));
        }
        $message = match (true) {
            null !== $outcome->error => Sentences::of('run.'.$outcome->error->kind, $outcome->error->parameters, $locale),
            Ending::Asks === $outcome->ending => Sentences::of('run.asks', [], $locale),
            $outcome->listens => Sentences::of('run.listens', [], $locale),
            'cut' === $outcome->ending->value => Sentences::of('run.cut', ['steps' => $trace->moment], $locale),
            default => null,
        };

        return [
            'rows' => $outcome->rows,
            'steps' => $trace->steps,
            'changes' => $changes,
            'heap' => $heap,
            'brackets' => ['list' => ['[', ']'], 'tuple' => ['(', ')'], 'map' => ['{', '}'], 'set' => ['{', '}'], ...$objects],
            'calls' => $onlySheet ? [] : $trace->calls,
            'events' => array_values(array_filter($trace->events, static fn (array $event): bool => 'sense' !== $event[0])),
            'variables' => array_map(static fn (array $variable): array => [...$variable, 'function' => null === $variable['function'] ? null : MethodNames::shown($outcome->values->language(), $variable['function'])], $outcome->variables),
            'functions' => array_map(static fn (string $function): string => MethodNames::shown($outcome->values->language(), $function), $outcome->functions),
            'length' => $trace->moment,
            'ending' => $outcome->ending->value,
            'message' => $message,
            'real' => null === $outcome->error ? null : RealError::of($outcome->error, $outcome->values->language()),
            'errorRow' => $outcome->errorRow,
            'times' => $trace->times,
            'now' => $trace->now,
            'truths' => $onlySheet ? [] : $trace->truths,
            'goals' => array_map(static fn (GoalState $goal): array => ['words' => Sentences::of($goal->sentence, $goal->parameters, $locale), 'met' => $goal->met], $outcome->goals),
            'listens' => $outcome->listens,
        ];
    }
}
