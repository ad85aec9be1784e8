<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/**
 * What happened in a run, moment by moment. Moment n is the n-th row that ran, counted from 1.
 *
 * The lists are flat, as a run writes to them all the time.
 */
final class Trace
{
    /** The fields of each kind of event, in their order. */
    public const FIELDS = [
        'stroke' => ['x1', 'y1', 'x2', 'y2', 'ink', 'width'],
        'move' => ['x', 'y'],
        'turn' => ['heading'],
        'pen' => ['down'],
        'ink' => ['ink'],
        'width' => ['width'],
        'fill_begin' => [],
        'fill' => ['ink', 'points'],
        'dot' => ['x', 'y', 'size', 'ink'],
        'write' => ['x', 'y', 'text', 'ink'],
        'speed' => ['level'],
        'show' => ['visible'],
        'clear' => [],
        'print' => ['text'],
        'say' => ['text'],
        'wait' => ['seconds'],
    ];

    /** @var list<int> the row of each moment, an index into Routine::$rows */
    public array $steps = [];
    /** @var list<mixed> moment, variable (an index into Routine::$variables), value; by threes */
    public array $changes = [];
    /** @var list<int> moment, function (an index into Routine::$functions) or -1 for its end; by twos */
    public array $calls = [];
    /** @var list<list<mixed>> what happened in the scene and on the printout: kind, moment, then the FIELDS of the kind */
    public array $events = [];
    public int $moment = 0;
    private int $printed = 0;
    private string $line = '';

    public function __construct(public readonly Limits $limits)
    {
    }

    public function happened(string $kind, mixed ...$fields): void
    {
        $this->events[] = [$kind, $this->moment, ...array_values($fields)];
    }

    /**
     * What happened, each by its names, as the trace files of the libraries have it.
     *
     * @return \Generator<int, array<string, mixed>>
     */
    public function named(): \Generator
    {
        foreach ($this->events as $event) {
            $kind = \is_string($event[0]) ? $event[0] : '';
            $named = ['do' => $kind];
            foreach (self::FIELDS[$kind] ?? [] as $index => $field) {
                $named[$field] = $event[$index + 2];
            }
            yield $named;
        }
    }

    public function print(string $text): void
    {
        $line = $this->line.$text;
        $this->line = '';
        $this->put('print', $line);
    }

    /** A part of a line that another part may still come in front of the end of. */
    public function part(string $text): void
    {
        $this->line .= $text;
    }

    /** What was written of a line that is not ended. */
    public function endParts(): void
    {
        if ('' !== $this->line) {
            $this->happened('say', $this->line);
            $this->line = '';
        }
    }

    /** Without the end of the line. */
    public function say(string $text): void
    {
        if ('' !== $text) {
            $this->put('say', $text);
        }
    }

    private function put(string $kind, string $text): void
    {
        $this->printed += \strlen($text) + 1;
        if ($this->printed > $this->limits->printed) {
            throw new RunError('printed_much');
        }
        $this->happened($kind, $text);
    }

    /** All that was printed, a line each. */
    public function printout(): string
    {
        $text = '';
        foreach ($this->events as $event) {
            if (('print' === $event[0] || 'say' === $event[0]) && \is_string($event[2])) {
                $text .= $event[2].('print' === $event[0] ? "\n" : '');
            }
        }

        return $text;
    }
}
