<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Run\Values\MapValue;

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
        'ask' => ['answer'],
        'time' => ['at'],
        'sense' => ['what', 'answer'],
        'announce' => ['message'], 'complain' => ['text'],
        'roll' => ['x', 'y'],
        'swing' => ['facing'],
        'plant' => ['x', 'y', 'load'],
        'pick' => ['x', 'y', 'load'],
        'bump' => ['x', 'y'],
        'lamps' => ['rows'],
        'button' => ['button', 'down'],
        'daylight' => ['level'],
        'wheels' => ['left', 'right'],
        'pose' => ['x', 'y', 'heading'],
        'pile' => ['index', 'x', 'y'],
        'lamp' => ['socket', 'ink'],
    ];
    /** Where Trace::$calls says that another script goes on: this, less the number of the script. */
    public const SCRIPT = -2;
    /** So many items of a list are shown. */
    public const SHOWN = 100;
    private const MOST_EVENTS = 60_000;
    private const MOST_CHANGES = Limits::TRACED;
    /** Moments between two looks at the memory. */
    private const BREATH = 500;

    /** @var list<int> the row of each moment, an index into Routine::$rows */
    public array $steps = [];
    /** @var list<mixed> moment, variable (an index into Routine::$variables), value or what it is Held as; by threes */
    public array $changes = [];
    /**
     * @var list<mixed> what became of lists and maps: moment, number, one of the kinds below, and two more fields; by fives.
     *                  Items that are lists or maps themselves are Held.
     *                  list, tuple, map: it is known from here on, or is another one throughout: number of items, and the
     *                  first of them (of a map key and value by twos);
     *                  put: place and item; append: nothing and item; drop: its last item is gone; entry: key and item
     */
    public array $heap = [];
    /** @var array<int, \WeakReference<ListValue|MapValue>> by the number */
    private array $known = [];
    /** @var list<int> moment, function (an index into Routine::$functions), -1 for its end, or SCRIPT less a script's number; by twos */
    public array $calls = [];
    /** @var list<list<mixed>> what happened in the scene and on the printout: kind, moment, then the FIELDS of the kind */
    public array $events = [];
    /** @var list<int> moment, 1 if the condition asked in its row held, else 0; by twos */
    public array $truths = [];
    /** @var list<int> moment, milliseconds: the moments from which on the run's own time is another one; by twos */
    public array $times = [];
    public int $moment = 0;
    /** The moment behind which breathe() is to be called. */
    public int $stop;
    /** The run's own time, in milliseconds. */
    public int $now = 0;
    private int $told = 0;
    private int $script = 0;
    private int $printed = 0;
    private string $line = '';

    public function __construct(public readonly Limits $limits)
    {
        $this->stop = min($limits->steps, self::BREATH);
    }

    /**
     * Looks now and then whether the run may go on.
     *
     * @throws StepLimitReached|RunError if it has used up its steps or its memory
     */
    public function breathe(): void
    {
        if ($this->moment > $this->limits->steps) {
            throw new StepLimitReached();
        }
        if (\count($this->events) > self::MOST_EVENTS || \count($this->changes) > 3 * self::MOST_CHANGES || \count($this->heap) > 5 * self::MOST_CHANGES) {
            // What nobody could look at any more.
            throw new StepLimitReached();
        }
        Values\Room::check();
        $this->stop = min($this->limits->steps, $this->moment + self::BREATH);
    }

    /** What happens at another time than what happened before comes behind a note of the time. */
    public function happened(string $kind, mixed ...$fields): void
    {
        if ($this->told !== $this->now) {
            $this->told = $this->now;
            $this->events[] = ['time', $this->moment, $this->now];
        }
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

    /** Notes what a condition came to, and gives it on. */
    public function asked(mixed $truth): bool
    {
        // A function that should give a truth may come to its end without giving anything.
        $held = (bool) $truth;
        $this->truths[] = $this->moment;
        $this->truths[] = (int) $held;

        return $held;
    }

    /** A value as the trace keeps it. */
    public function held(mixed $value): mixed
    {
        if (!$value instanceof ListValue && !$value instanceof MapValue) {
            return $value;
        }
        $number = $value->number;
        if (null === $number) {
            $number = $value->number = \count($this->known);
            $this->known[] = \WeakReference::create($value);
            $this->whole($value);
        }

        return new Held($number);
    }

    /** @var list<mixed> what the script's own variables held when it was left, so that it is still there to be shown */
    public array $kept = [];

    /** The list or the map of a number, as long as the program has it. */
    public function object(int $number): ListValue|MapValue|null
    {
        return ($this->known[$number] ?? null)?->get();
    }

    public function whole(ListValue|MapValue $value): void
    {
        if ($value instanceof ListValue) {
            $first = array_map($this->held(...), \array_slice($value->items, 0, self::SHOWN));
            $this->became($value, $value->fixed ? 'tuple' : 'list', \count($value->items), $first);
        } elseif ('set' === $value->sort) {
            $this->became($value, 'set', \count($value->entries), array_map($this->held(...), \array_slice($value->members(), 0, self::SHOWN)));
        } else {
            $first = [];
            foreach (\array_slice($value->entries, 0, self::SHOWN) as [$key, $item]) {
                // What a failure says is kept under a name that no program has.
                array_push($first, MapValue::SAYS === $key ? ltrim(MapValue::SAYS, '@') : $this->held($key), $this->held($item));
            }
            $this->became($value, '' === $value->class ? 'map' : "object $value->class", \count($value->entries), $first);
        }
    }

    public function placed(ListValue $list, int $at): void
    {
        $this->became($list, 'put', $at, $this->held($list->items[$at] ?? null));
    }

    public function appended(ListValue $list): void
    {
        $this->became($list, 'append', null, $this->held($list->items[\count($list->items) - 1] ?? null));
    }

    public function dropped(ListValue $list): void
    {
        $this->became($list, 'drop', null, null);
    }

    /** @param bool $isNew whether the key was not there before; it may stand anywhere then */
    public function entry(MapValue $map, string $tag, bool $isNew): void
    {
        if ($isNew && array_key_last($map->entries) !== $tag) {
            $this->whole($map);
        } else {
            $key = $map->entries[$tag][0] ?? null;
            $this->became($map, 'entry', MapValue::SAYS === $key ? ltrim(MapValue::SAYS, '@') : $this->held($key), $this->held($map->entries[$tag][1] ?? null));
        }
    }

    private function became(ListValue|MapValue $value, string $kind, mixed $at, mixed $item): void
    {
        array_push($this->heap, $this->moment, $value->number, $kind, $at, $item);
    }

    public function passTo(int $milliseconds): void
    {
        $this->now = $milliseconds;
        $last = \count($this->times) - 2;
        if ($last >= 0 && $this->times[$last] === $this->moment + 1) {
            array_pop($this->times);
        } else {
            $this->times[] = $this->moment + 1;
        }
        $this->times[] = $milliseconds;
    }

    /** Another script goes on. */
    public function turn(int $script): void
    {
        if ($this->script !== $script) {
            $this->script = $script;
            $this->calls[] = $this->moment;
            $this->calls[] = self::SCRIPT - $script;
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

    /** What a program writes for who runs it, beside its printout. */
    public function complain(string $text): void
    {
        $this->endParts();
        $this->happened('complain', $text);
    }

    public function say(string $text): void
    {
        if ('' !== $text) {
            [$text, $this->line] = [$this->line.$text, ''];
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
