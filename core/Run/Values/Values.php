<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Tree\ClassDefinition;

/** What operations mean and how values show in one language; a run uses one of them throughout. */
abstract class Values
{
    use CollectionOperations;
    use FileOperations;
    use FunctionOperations;
    use HeapOperations;
    use JsonOperations;
    use ListOperations;
    use MapOperations;
    use NumberOperations;
    use ObjectOperations;
    use OrderedPlaces;
    use PatternOperations;
    use PlaceOperations;
    use ScriptOperations;
    use SetOperations;
    use SortOperations;
    use StatisticsOperations;
    use SteppingOperations;
    use TextOperations;
    use Turning;

    protected const LONGEST = 20000;
    protected const MOST_ITEMS = 1_000_000;

    /** Where changes of lists and maps are told, while each moment is kept. */
    public ?Trace $trace = null;
    /** @var array<string, true> names under which objects keep what is their own alone */
    public array $hidden = [];

    public readonly Semantics $facts;

    final public function __construct()
    {
        $this->facts = $this->language()->semantics();
    }

    /** Whose values these are. */
    abstract public function language(): Language;

    /** The quotient cut towards zero. */
    public function truncDivide(mixed $a, mixed $b): int|float|BigInteger
    {
        $quotient = (float) static::numeric($this->divide($a, $b));

        return is_finite($quotient) ? $this->count_((int) $quotient) : $quotient;
    }

    /** What is left over by truncDivide. */
    public function truncRemainder(mixed $a, mixed $b): int|float|BigInteger
    {
        $a = static::numeric($a);
        $b = static::numeric($b);
        if (\is_int($a) && \is_int($b)) {
            return 0 === $b ? throw new RunError('division_by_zero') : $a % $b;
        }

        return fmod((float) $a, (float) $b);
    }

    /** A number of things, or a place. */
    abstract protected function count_(int $count): int|float;

    final protected function bounded(string $text): string
    {
        if (\strlen($text) > self::LONGEST) {
            throw new RunError('long_text', ['longest' => self::LONGEST]);
        }
        Room::spend(\strlen($text) >> 6);

        return $text;
    }

    /** Also of two texts, or two lists, where the program does not say which it is. */
    abstract public function add(mixed $a, mixed $b): mixed;

    abstract public function subtract(mixed $a, mixed $b): mixed;

    abstract public function multiply(mixed $a, mixed $b): mixed;

    abstract public function divide(mixed $a, mixed $b): mixed;

    abstract public function floorDivide(mixed $a, mixed $b): mixed;

    abstract public function floorRemainder(mixed $a, mixed $b): mixed;

    abstract public function power(mixed $a, mixed $b): mixed;

    abstract public function negate(mixed $a): mixed;

    /** The value as it is printed on a line of its own. */
    abstract public function show(mixed $value): string;

    /** The value as a part of a joined text. */
    public function text(mixed $value): string
    {
        return $this->show($value);
    }

    /** The value as a list of values names it: texts with quotes. */
    final public function display(mixed $value): string
    {
        if ($value instanceof MapValue && '' !== $value->class && $this->facts->asksObjects) {
            return $this->objectText($value, [ClassDefinition::FORM]);
        }

        return \is_string($value) ? $this->quoted($value) : $this->show($value);
    }

    /** What `type` calls a value's class (The Python Standard Library 3.11, Built-in Types). */
    protected static function className(mixed $value): string
    {
        return match (true) {
            $value instanceof MapValue && '' !== $value->class => $value->class,
            $value instanceof MapValue && 'Error' === $value->made && \is_string($value->entries['tname'][1] ?? null) => $value->entries['tname'][1],
            null === $value => 'NoneType',
            \is_string($value) => 'str',
            \is_bool($value) => 'bool',
            \is_float($value) => 'float',
            $value instanceof ListValue && [] !== $value->names => $value->made,
            $value instanceof ListValue => $value->fixed ? 'tuple' : 'list',
            $value instanceof MapValue => 'set' === $value->sort ? 'set' : 'dict',
            $value instanceof \Closure => 'function',
            $value instanceof FileValue => '_io.TextIOWrapper',
            default => 'int',
        };
    }

    /** What a failure of the program's own says. */
    public function sayFailing(mixed $object, mixed $says, mixed $options = null): void
    {
        $object instanceof MapValue ? $this->keep($object, MapValue::SAYS, $says) : throw new RunError('no_failure');
        $this->keepCause($object, $options);
    }

    /** What caused a failure, which is said beside its text (ECMAScript 2022, 20.5.8.1). */
    public function keepCause(MapValue $failure, mixed $options): void
    {
        if ($options instanceof MapValue && isset($options->entries['tcause'])) {
            $this->keep($failure, 'cause', $options->entries['tcause'][1]);
        }
    }

    public function failureText(mixed $object): string
    {
        if (!$object instanceof MapValue) {
            return $this->text($object);
        }
        if ($this->facts->undefined) {
            // In JavaScript that is what its `message` holds, whatever it is as a text (ECMA-262, 20.5.3).
            $says = $object->entries['tmessage'][1] ?? $object->entries['t'.MapValue::SAYS][1] ?? '';
        } elseif (null !== $shown = $this->ownText($object)) {
            return $shown;
        } else {
            $says = $object->entries['t'.MapValue::SAYS][1] ?? '';
        }

        return \is_string($says) ? $says : $this->show($says);
    }

    /** An object as the text that its class makes of it; null where it makes none. */
    final public function ownText(MapValue $object): ?string
    {
        return $this->can($object, ClassDefinition::SHOWS) ? $this->text($this->asked($object, ClassDefinition::SHOWS)) : null;
    }

    public function kindName(mixed $value): string
    {
        return self::className($value);
    }

    public function kind(mixed $value): string
    {
        return "<class '".($value instanceof MapValue && '' !== $value->class ? '__main__.' : '').self::className($value)."'>";
    }

    /** ECMA-262, 13.5.3. */
    public function kindWord(mixed $value): string
    {
        return match (true) {
            null === $value => 'undefined',
            \is_string($value) => 'string',
            \is_bool($value) => 'boolean',
            $value instanceof \Closure => 'function',
            $value instanceof BigInteger => 'bigint',
            \is_int($value), \is_float($value) => 'number',
            default => 'object',
        };
    }

    protected function quoted(string $text): string
    {
        return '"'.$text.'"';
    }

    /** Texts or lists put together by `+`; null if these are numbers. */
    final protected function together(mixed $a, mixed $b): string|ListValue|null
    {
        if (\is_string($a) && \is_string($b)) {
            return $this->bounded($a.$b);
        }

        return $a instanceof ListValue && $b instanceof ListValue ? $this->concatenated($a, $b) : null;
    }

    final public function join(mixed $a, mixed $b, int $longest): string
    {
        $text = $this->text($a).$this->text($b);
        if (\strlen($text) > $longest) {
            throw new RunError('long_text', ['longest' => $longest]);
        }

        return $text;
    }

    public function equal(mixed $a, mixed $b): bool
    {
        if (null === $a || null === $b) {
            return $a === $b;
        }
        if ($a instanceof ListValue || $b instanceof ListValue || $a instanceof MapValue || $b instanceof MapValue) {
            return $this->sameThing($a, $b);
        }
        if (\is_string($a) || \is_string($b) || $a instanceof FileValue || $b instanceof FileValue) {
            return $a === $b;
        }
        if ($a instanceof \Closure && $b instanceof \Closure) {
            return $this->isSameFunction($a, $b);
        }

        return (\is_bool($a) ? (int) $a : $a) == (\is_bool($b) ? (int) $b : $b);
    }

    /** Whether two values are the same to JavaScript's `==`, which takes a text for the number it spells. */
    public function alike(mixed $a, mixed $b): bool
    {
        if (\is_string($a) !== \is_string($b) && (\is_int($a) || \is_float($a) || \is_int($b) || \is_float($b))) {
            [$text, $number] = \is_string($a) ? [$a, $b] : [$b, $a];

            return \is_string($text) && is_numeric(trim($text)) && (float) trim($text) === (float) self::number($number);
        }

        return $this->equal($a, $b);
    }

    public function same(mixed $a, mixed $b): bool
    {
        return $this->equal($a, $b);
    }

    /** Whether two values are one list, or one map; others are compared by what they are. */
    public function identical(mixed $a, mixed $b): bool
    {
        return \is_object($a) && \is_object($b) && !$a instanceof BigInteger ? $a === $b : $this->equal($a, $b);
    }

    private int $compared = 0;

    /** Whether two lists or two maps hold the same. */
    protected function sameThing(mixed $a, mixed $b): bool
    {
        if ($this->facts->asksObjects && $a instanceof MapValue && $b instanceof MapValue && '' !== $a->class && null !== $this->comesFirst && null !== $this->asks && ($this->comesFirst)($a, $b, '@equal')) {
            // What is a kind of the other one is asked first (The Python Language Reference, 3.3.8).
            return $this->truth($this->asked($b, '@equal', $a));
        }
        if ((null === $a || null === $b) && $this->facts->typed) {
            // A pointer at nothing is no object that could be asked.
            return $a === $b;
        }
        if ($this->can($a, '@equal')) {
            return $this->truth($this->asked($a, '@equal', $b));
        }
        if ($a === $b) {
            return true;
        }
        if ($this->facts->asksObjects && $this->can($b, '@equal')) {
            // What says nothing of itself leaves it to the other one (The Python Language Reference, 3.3.1).
            return $this->truth($this->asked($b, '@equal', $a));
        }
        if ($a instanceof MapValue && $b instanceof MapValue && '' !== $a->class && $a->class === $b->class && $this->isOfFields($a)) {
            return [] === array_filter($a->order, fn (string $name): bool => !$this->equal($this->field($a, $name), $this->field($b, $name)));
        }
        if ($a instanceof MapValue && '' !== $a->class || $b instanceof MapValue && '' !== $b->class) {
            return false;
        }
        $this->compared = Depth::deeper($before = $this->compared);
        try {
            if ($a instanceof ListValue && $b instanceof ListValue) {
                return \count($a->items) === \count($b->items) && $a->fixed === $b->fixed && $this->sameItems($a, $b);
            }
            if (!$a instanceof MapValue || !$b instanceof MapValue || $a->sort !== $b->sort || \count($a->entries) !== \count($b->entries)) {
                return false;
            }
            Room::spend(\count($a->entries));
            foreach ($a->entries as $tag => [, $value]) {
                if (!isset($b->entries[$tag]) || !$this->equal($value, $b->entries[$tag][1])) {
                    return false;
                }
            }

            return true;
        } finally {
            $this->compared = $before;
        }
    }

    private function sameItems(ListValue $a, ListValue $b): bool
    {
        Room::spend(\count($a->items));
        foreach ($a->items as $index => $item) {
            if (!$this->equal($item, $b->items[$index])) {
                return false;
            }
        }

        return true;
    }

    final public function less(mixed $a, mixed $b): bool
    {
        if (\is_string($a) && \is_string($b)) {
            return strcmp($a, $b) < 0;
        }

        if ($a instanceof MapValue && 'set' === $a->sort) {
            return $this->isWithin($a, $b) && !$this->equal($a, $b);
        }
        if ($this->saysItself($a, $b)) {
            return $this->isBefore($a, $b);
        }
        $order = $this->order($a, $b);
        try {
            return null === $order ? $this->comparable($a) < $this->comparable($b) : $order < 0;
        } catch (RunError $why) {
            throw $this->unlike($why, '<', $a, $b);
        }
    }

    /** Why two values can't stand beside a sign, with what the real machine says of it. */
    protected function unlike(RunError $why, string $sign, mixed $a, mixed $b): RunError
    {
        return $why;
    }

    /** Why the second of two values can't stand before the first, told of the first before the second. */
    protected function toldTurned(RunError $why): RunError
    {
        return $why;
    }

    /** Whether one of two objects says itself that it is less, or the other that it is greater. */
    private function saysItself(mixed $a, mixed $b): bool
    {
        return ($a instanceof MapValue || $b instanceof MapValue) && ($this->can($a, '@less') || $this->can($b, '@greater'));
    }

    final public function lessOrEqual(mixed $a, mixed $b): bool
    {
        if (\is_string($a) && \is_string($b)) {
            return strcmp($a, $b) <= 0;
        }

        if ($a instanceof MapValue && 'set' === $a->sort) {
            return $this->isWithin($a, $b);
        }
        if ($this->can($a, '@less_or_equal') || $this->can($b, '@greater_or_equal')) {
            return $this->truth($this->can($a, '@less_or_equal') ? $this->asked($a, '@less_or_equal', $b) : $this->asked($b, '@greater_or_equal', $a));
        }
        $order = $this->order($a, $b);

        try {
            return null === $order ? $this->comparable($a) <= $this->comparable($b) : $order <= 0;
        } catch (RunError $why) {
            throw $this->unlike($why, '<=', $a, $b);
        }
    }

    /** How two values stand to each other that are compared in a way of their own; null if they are not. */
    protected function order(mixed $a, mixed $b): ?int
    {
        return null;
    }

    /** Lists are compared item by item, the first difference decides. */
    final protected function listOrder(ListValue $a, ListValue $b): int
    {
        $this->compared = Depth::deeper($before = $this->compared);
        try {
            foreach ($a->items as $index => $item) {
                if (!\array_key_exists($index, $b->items)) {
                    return 1;
                }
                if (!$this->equal($item, $b->items[$index])) {
                    return $this->less($item, $b->items[$index]) ? -1 : 1;
                }
                Room::spend(1);
            }

            return \count($a->items) <=> \count($b->items);
        } finally {
            $this->compared = $before;
        }
    }

    /** @var array<int, true> the lists and maps that are being shown, by PHP's numbers of objects */
    private array $showing = [];

    /**
     * Shows a list or a map, which may hold itself.
     *
     * @param \Closure(): string $show
     * @param string             $again what stands where it holds itself
     */
    final protected function shownWithin(ListValue|MapValue $value, \Closure $show, string $again): string
    {
        $number = spl_object_id($value);
        if (isset($this->showing[$number])) {
            return $again;
        }
        Depth::deeper(\count($this->showing));
        Room::spend(\count($value instanceof ListValue ? $value->items : $value->entries));
        $this->showing[$number] = true;
        try {
            return $show();
        } finally {
            unset($this->showing[$number]);
        }
    }

    /** A value that is compared by its size. */
    protected function comparable(mixed $value): int|float
    {
        return self::number($value);
    }

    final public function greater(mixed $a, mixed $b): bool
    {
        if ($a instanceof MapValue && $this->can($a, '@greater')) {
            // The one on the left is asked first (The Python Language Reference, 3.3.1).
            return $this->truth($this->asked($a, '@greater', $b));
        }
        try {
            return $this->less($b, $a);
        } catch (RunError $why) {
            throw $this->toldTurned($why);
        }
    }

    final public function greaterOrEqual(mixed $a, mixed $b): bool
    {
        if ($a instanceof MapValue && $this->can($a, '@greater_or_equal')) {
            return $this->truth($this->asked($a, '@greater_or_equal', $b));
        }
        try {
            return $this->lessOrEqual($b, $a);
        } catch (RunError $why) {
            throw $this->toldTurned($why);
        }
    }

    public function truth(mixed $value): bool
    {
        if ($value instanceof ListValue || $value instanceof MapValue) {
            return $this->listTruth($value);
        }
        if ($value instanceof StreamValue) {
            return !$value->hasFailed();
        }

        return \is_string($value) ? '' !== $value : (\is_float($value) ? 0.0 !== abs($value) : (bool) $value);
    }

    /** What Python takes for true: what is empty is not (The Python Standard Library, Truth Value Testing). */
    public function holds(mixed $value): bool
    {
        return $value instanceof ListValue || $value instanceof MapValue ? $this->holdsAny($value) : $this->truth($value);
    }

    /** What JavaScript takes for true: whatever holds others is (ECMA-262, 7.1.2). */
    public function isThere(mixed $value): bool
    {
        return $value instanceof ListValue || $value instanceof MapValue || $this->truth($value);
    }

    protected function listTruth(ListValue|MapValue $list): bool
    {
        return $this->holdsAny($list);
    }

    private function holdsAny(ListValue|MapValue $list): bool
    {
        if ($list instanceof MapValue && '' !== $list->class) {
            return !$this->can($list, '@length') || 0 != $this->length($list);
        }

        return [] !== ($list instanceof ListValue ? $list->items : $list->entries);
    }

    /**
     * A number for a command that takes words, too.
     *
     * @param array<string, float> $means the numbers that words stand for
     */
    final public static function numberOr(mixed $value, array $means): float
    {
        return \is_string($value) && isset($means[$value]) ? $means[$value] : (float) self::number($value);
    }

    /** A number for a command or a loop. */
    final public static function number(mixed $value): int|float
    {
        if (\is_int($value) || \is_float($value)) {
            return $value;
        }
        if (\is_bool($value)) {
            return (int) $value;
        }
        if ($value instanceof BigInteger) {
            // For a command, a place or a loop.
            return Whole::float($value);
        }
        if (null === $value) {
            throw new RunError('gives_nothing');
        }
        throw new RunError('not_a_number', ['value' => \is_string($value) ? mb_substr($value, 0, 30) : '']);
    }

    /** A number for what is done with values, which JavaScript makes of anything. */
    protected static function numeric(mixed $value): int|float
    {
        return self::number($value);
    }

    /** A place or a count for what is done with values. */
    protected static function integer(mixed $value): int
    {
        return self::whole($value);
    }

    /** Cut to a whole number, towards zero. */
    final public static function whole(mixed $value): int
    {
        $number = self::number($value);
        if (\is_float($number)) {
            if (!is_finite($number)) {
                throw new RunError('not_finite');
            }
            $number = (int) max(-9.0e18, min(9.0e18, $number));
        }

        return $number;
    }

    final public static function colour(mixed $value): string
    {
        return \is_string($value) ? $value : throw new RunError('no_ink', ['colour' => \is_scalar($value) ? (string) $value : '']);
    }

    /** The result of an operation on two whole numbers, which PHP makes a float where it is too large. */
    final protected static function exact(int|float $result, mixed $a, mixed $b): int|float
    {
        if (\is_float($result) && !\is_float($a) && !\is_float($b)) {
            throw new RunError('too_large');
        }

        return $result;
    }
}
