<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A run as JSON lines; the format is described in docs/trace.md. */
final class TraceFile
{
    public static function lines(Outcome $outcome): string
    {
        $trace = $outcome->trace;
        $lines = '';
        $event = $change = $became = 0;
        $named = iterator_to_array($trace->named(), false);
        for ($moment = 0; $moment <= $trace->moment; ++$moment) {
            if ($moment > 0) {
                $lines .= self::line(['do' => 'step', 'step' => $moment, 'row' => $outcome->rows[$trace->steps[$moment - 1] ?? -1] ?? null]);
            }
            for (; $became < \count($trace->heap) && $trace->heap[$became] === $moment; $became += 5) {
                [, $number, $kind, $at, $item] = \array_slice($trace->heap, $became, 5);
                $lines .= self::line(['do' => $kind, 'object' => $number, 'at' => $at, 'item' => $item]);
            }
            for (; $change < \count($trace->changes) && $trace->changes[$change] === $moment; $change += 3) {
                $slot = $trace->changes[$change + 1];
                $lines .= self::line(['do' => 'value', 'name' => $outcome->variables[\is_int($slot) ? $slot : -1]['name'] ?? '', 'value' => $trace->changes[$change + 2]]);
            }
            for (; $event < \count($named) && $trace->events[$event][1] === $moment; ++$event) {
                $lines .= self::line($named[$event]);
            }
        }

        return $lines.self::line(['do' => $outcome->ending->value, 'kind' => $outcome->error?->kind, 'row' => $outcome->errorRow]);
    }

    /** @param array<string, mixed> $data */
    private static function line(array $data): string
    {
        return json_encode($data, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PARTIAL_OUTPUT_ON_ERROR)."\n";
    }
}
