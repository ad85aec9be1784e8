<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Brick\Math\BigInteger;
use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Values\FileContent;
use Scrivlet\Core\Run\Values\FileValue;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Run\Values\MapValue;
use Scrivlet\Core\Run\Values\Nothing;
use Scrivlet\Core\Run\Values\Room;
use Scrivlet\Core\Run\Values\StreamValue;
use Scrivlet\Core\Run\Values\Values;
use Scrivlet\Core\Scene\Lawn\Fitting;
use Scrivlet\Core\Scene\Stage;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FailureKind;

/** A compiled program, ready to run once; what the Compiler writes is a class of this kind. */
abstract class Routine
{
    use Promising;

    protected int $depth = 0;
    /** Calls within calls that may be. */
    protected int $deepest;
    /** @var array<string, list<string>> by class, itself and what it is a kind of */
    protected array $ancestry = [];
    /** @var array<string, array{list<string>, list<string>}> by class, those whose fields its objects get before their constructor runs, and those whose they get behind it */
    protected array $fieldsInTurn = [];
    /** @var array<string, string> classes whose objects are raised, and the kind of failures that they are */
    protected array $failing = [];
    /** @var array<int, \Closure> functions of the program as values, by their numbers */
    protected array $handedOver = [];
    /** @var array<string, array<string, true>> by class, the tags of fields that only point at something */
    protected array $pointing = [];
    /** @var array<string, true> classes whose objects are tuples with names */
    protected array $records = [];
    /** @var array<string, array<string, array{string, int, int, int|null, bool, list<string>, string, bool, string}>> by class and method, what answers, how many values it takes, how many may be left out, which gets all the others, whether the class answers by itself, the names of what it takes, which of them gets what is given by other names, and whether it is written like a field */
    protected array $classes = [];

    final public function __construct(
        protected readonly Trace $trace,
        protected readonly Values $values,
        protected readonly Stage $stage,
        protected readonly Chance $chance,
        protected readonly Answers $answers,
    ) {
        $this->deepest = $trace->limits->depthIn($values->language());
        $values->asks = function (MapValue $object, string $method, mixed ...$arguments): mixed {
            return $this->sent($object, $method, $this->depth, ...$arguments);
        };
        $values->shares = $this->sharedBy(...);
        $values->pointing = $this->pointing;
        $values->readsAs = fn (MapValue $object, string $method): bool => $this->classes[$object->class][$method][7] ?? false;
        $values->comesFirst = fn (MapValue $one, MapValue $other, string $method): bool => $one->class !== $other->class && \in_array($one->class, $this->ancestry[$other->class] ?? [], true) && isset($this->classes[$other->class][$method]) && ($this->classes[$one->class][$method][0] ?? '') !== $this->classes[$other->class][$method][0];
        $values->knows = fn (MapValue $object, string $method): bool => isset($this->classes[$object->class][$method]);
    }

    /** @throws RunError|StepLimitReached */
    abstract public function run(): void;

    /** Reached where a variable is read that has no value. */
    final protected function missing(string $name): never
    {
        throw new RunError('no_value', ['name' => $name], $this->values->facts->says('name', ['name' => $name]));
    }

    /** @param list<string> $parameters */
    final protected function miscounted(string $name, array $parameters, int $needed, mixed ...$given): never
    {
        throw Miscounted::error($name, $parameters, $needed, \count($given));
    }

    final protected function raise(FailureKind $kind, mixed $says): never
    {
        $said = match (true) {
            FailureKind::Whole === $kind => (int) Values::number($says),
            // A key shows as Python writes it (The Python Standard Library 3.11, KeyError).
            FailureKind::Key === $kind && $this->values->facts->showsKeys && '' !== $says => $this->values->display($says),
            default => $this->values->text($says),
        };
        throw new RunError('raised', ['says' => mb_substr((string) $said, 0, 200)], $said, $kind);
    }

    /**
     * Fails with an object of a class of the program's own.
     */
    final protected function raiseObject(mixed $object, int $depth): never
    {
        if ($object instanceof MapValue && 'Error' === $object->made) {
            throw $this->errorOf($object);
        }
        if ($object instanceof MapValue && '' !== $object->class && $this->values->facts->typed && !isset($this->failing[$object->class])) {
            // C++ throws whatever is thrown (C++17, 18.1).
            $error = new RunError('raised', ['says' => $object->class], $object->class);
            $error->object = $object;
            throw $error;
        }
        if (!$object instanceof MapValue || !isset($this->failing[$object->class])) {
            throw new RunError('no_failure');
        }
        $error = new RunError('raised', ['says' => mb_substr($said = $this->values->failureText($object), 0, 200)], $said, FailureKind::from($this->failing[$object->class]));
        $error->object = $object;
        throw $error;
    }

    final protected function unclaimed(mixed $says): never
    {
        $kind = $this->values->facts->claim;
        throw null === $kind ? new RunError('unclaimed') : new RunError('unclaimed', [], $this->values->text($says), $kind);
    }

    /** What a class of the program shares; Absent where it shares nothing of that name. */
    protected function shared(string $name): mixed
    {
        return Absent::Value;
    }

    /** What the nearest class of an object shares under a name (The Python Language Reference, 3.3.2). */
    private function sharedBy(MapValue $object, string $name): mixed
    {
        foreach ($this->ancestry[$object->class] ?? [$object->class] as $class) {
            $value = $this->shared("$class.$name");
            if (Absent::Value !== $value) {
                return $value;
            }
        }

        return Absent::Value;
    }

    /** A new object; of a record, a tuple with names. */
    final protected function made(string $class, int $depth, mixed ...$arguments): MapValue|ListValue
    {
        $object = new MapValue($class);
        $this->makeReady($object, $depth, $arguments);
        if (isset($this->records[$class])) {
            $tuple = new ListValue(array_map(static fn (string $name): mixed => ($object->entries["t$name"] ?? throw new RunError('few_arguments'))[1], $object->order), true);
            [$tuple->made, $tuple->names] = [$class, $object->order];

            return $tuple;
        }
        $object->alike = [] !== $object->order && $this->values->isOfFields($object);

        return $object;
    }

    /** A new object that is copied wherever it is handed on. */
    final protected function madeCopied(string $class, int $depth, mixed ...$arguments): MapValue
    {
        $object = new MapValue($class);
        $object->copied = true;
        $this->makeReady($object, $depth, $arguments);

        return $object;
    }

    /** An object of which nothing is made yet but what its fields are from the start. */
    final protected function begun(string $class, int $depth): MapValue
    {
        Room::spend(1);
        $object = new MapValue($class);
        $object->copied = true;
        foreach (array_reverse($this->ancestry[$class] ?? []) as $above) {
            $this->begin($above, $object, $depth);
        }

        return $object;
    }

    /**
     * What nothing was given for is nought in an object without a maker of its own (C++17, 11.6.1).
     *
     * @param array<string, mixed> $fields nought for each, an array of the same form for an object within
     */
    final protected function zeroed(MapValue $object, array $fields): MapValue
    {
        foreach ($fields as $name => $nought) {
            $kept = $object->entries["t$name"][1] ?? null;
            if (\is_array($nought)) {
                /** @var array<string, mixed> $nought */
                $kept instanceof MapValue && $this->zeroed($kept, $nought);
            } elseif (!isset($object->entries["t$name"])) {
                $this->values->keep($object, $name, $nought);
            }
        }

        return $object;
    }

    /** @param array<mixed> $arguments */
    private function makeReady(MapValue $object, int $depth, array $arguments): void
    {
        Room::spend(1);
        [$first, $last] = $this->fieldsInTurn[$object->class] ?? [array_reverse($this->ancestry[$object->class] ?? []), []];
        foreach ($first as $class) {
            $this->begin($class, $object, $depth);
        }
        if (isset($this->failing[$object->class])) {
            $isOne = \count($arguments) <= 1 || $this->values->facts->undefined;
            $this->values->sayFailing($object, $isOne ? array_values($arguments)[0] ?? '' : new ListValue(array_values($arguments), true));
        }
        if (isset($this->classes[$object->class][ClassDefinition::MAKES])) {
            $this->sent($object, ClassDefinition::MAKES, $depth, ...$arguments);
        }
        foreach ($last as $class) {
            $this->begin($class, $object, $depth);
        }
        if (isset($this->classes[$object->class][ClassDefinition::MAKES]) || isset($this->failing[$object->class])) {
            return;
        }
        // Without such a method of its own, what is given goes to what the class keeps, in this order (C++17, 11.6.1).
        foreach (array_values($arguments) as $index => $argument) {
            if ($argument instanceof GivenByName) {
                $this->values->keep($object, \in_array($argument->name, $object->order, true) ? $argument->name : throw new RunError('few_arguments'), $argument->value);
                continue;
            }
            Absent::Value === $argument || $this->values->keep($object, $object->order[$index] ?? throw new RunError('few_arguments'), $argument);
        }
        if (isset($this->classes[$object->class][ClassDefinition::READIES])) {
            $this->sent($object, ClassDefinition::READIES, $depth);
        }
    }

    /** Gives a new object what its class says it keeps at first. */
    protected function begin(string $class, MapValue $o, int $d): void
    {
    }

    final protected function isKind(mixed $value, string $kind): bool
    {
        return match ($kind) {
            '@whole' => $this->values->facts->onlyFractions ? \is_float($value) && floor($value) === $value : \is_int($value) || \is_bool($value) || $value instanceof BigInteger,
            '@number' => \is_float($value),
            '@text' => \is_string($value),
            '@truth' => \is_bool($value),
            '@list' => $value instanceof ListValue && (!$value->fixed || !$this->values->facts->tuples),
            '@tuple' => $value instanceof ListValue && $value->fixed,
            '@sequence' => $value instanceof ListValue,
            '@set' => $value instanceof MapValue && 'set' === $value->sort,
            '@map' => $value instanceof MapValue && '' === $value->class && 'set' !== $value->sort,
            default => $value instanceof MapValue && \in_array($kind, $this->ancestry[$value->class] ?? [], true) || $value instanceof ListValue && [] !== $value->names && $kind === $value->made,
        };
    }

    /** What stands for a value that is left out. */
    private function leftOut(): ?Absent
    {
        return $this->values->facts->undefined ? null : Absent::Value;
    }

    /** What is asked for like a field: of a class that works it out, or of whatever keeps one of that name. */
    final protected function got(mixed $object, string $name, int $depth): mixed
    {
        $isKept = $object instanceof MapValue && !isset($this->classes[$object->class][$name]);

        return $isKept ? $this->values->field($object, $name) : $this->sent($object, $name, $depth);
    }

    /** What an object's method gives back. */
    final protected function sent(mixed $object, string $method, int $depth, mixed ...$arguments): mixed
    {
        return $this->sentWith($object, $method, $depth, array_values($arguments));
    }

    /** What is written like a field that gets a value: an object of a class without such a method keeps the value (ECMAScript 2022, 10.1.9). */
    final protected function keptBy(mixed $object, string $method, int $depth, mixed $value): mixed
    {
        if ($object instanceof MapValue && !isset($this->classes[$object->class][$method])) {
            $this->values->keep($object, substr($method, \strlen('set_')), $value);

            return null;
        }

        return $this->sent($object, $method, $depth, $value);
    }

    /**
     * @param list<mixed>  $arguments some of them given by name
     * @param int|null     $rest      the place of what gets all that goes beyond the others
     * @param list<string> $names     of what a method or a function takes
     * @param string       $others    the parameter for all that is given by other names, '' for none
     *
     * @return list<mixed> each in its place
     */
    private function inPlaces(array $arguments, ?int $rest, array $names, string $others): array
    {
        $named = array_filter($arguments, static fn (mixed $one): bool => $one instanceof GivenByName);
        $given = array_values(array_diff_key($arguments, $named));
        $given = null === $rest ? $given : $this->gathered($given, $rest);
        if ([] === $named && '' === $others) {
            return $given;
        }
        $given = GivenByName::inPlace($given, array_column($named, null, 'name'), $names, $others, $this->leftOut());
        if ('' !== $others) {
            $place = (int) array_search($others, $names, true);
            $given[$place] = $this->values->map(\is_array($given[$place]) ? array_values($given[$place]) : []);
        }

        return $given;
    }

    /**
     * @param list<mixed> $given  what there is in the places of parameters
     * @param int         $needed how many of the first have no default
     * @param int         $takes  how many parameters there are
     * @param int         $spare  how many of them have a default
     *
     * @throws RunError if one without a default is given nothing
     */
    private static function allGiven(array $given, int $needed, int $takes, int $spare): void
    {
        $absent = \count(array_keys($given, Absent::Value, true)) + max(0, $takes - \count($given));
        if ($absent > $spare || \in_array(Absent::Value, \array_slice($given, 0, $needed), true)) {
            throw new RunError('few_arguments');
        }
    }

    /**
     * @param list<mixed> $given
     *
     * @return list<mixed> what goes beyond a place in one list, which stands there
     */
    private function gathered(array $given, int $rest): array
    {
        return [...array_pad(\array_slice($given, 0, $rest), $rest, $this->leftOut()), new ListValue(\array_slice($given, $rest), $this->values->facts->tuples)];
    }

    /** @param list<mixed> $arguments among them variables themselves, where the method changes them for its caller */
    final protected function sentWith(mixed $object, string $method, int $depth, array $arguments): mixed
    {
        $class = $object instanceof MapValue ? $object->class : ($object instanceof ListValue && [] !== $object->names ? $object->made : null);
        $found = null === $class ? null : $this->classes[$class][$method] ?? null;
        if (null === $found) {
            return $this->asked($object, $method, $depth, $arguments);
        }
        [$function, $takes, $spare, $rest, $isShared, $names, $others] = $found;
        $whole = \count($arguments);
        $needed = $takes - $spare - (null === $rest ? 0 : 1);
        if ('' !== $others || [] !== $arguments && end($arguments) instanceof GivenByName) {
            $arguments = $this->inPlaces($arguments, $rest, $names, $others);
            self::allGiven($arguments, $needed, $takes, $spare);
        } elseif (null !== $rest) {
            if (\count($arguments) < $needed && !$this->values->facts->undefined) {
                throw new RunError('few_arguments');
            }
            $arguments = $this->gathered($arguments, $rest);
        }
        $given = \count($arguments);
        if ($given !== $takes && !$this->values->facts->undefined && ($given > $takes || $given < $needed)) {
            $self = $isShared ? 0 : 1;
            throw $whole === $given && null === $rest ? Miscounted::error($found[8], [...array_fill(0, $self, 'self'), ...$names], $needed + $self, $given + $self) : new RunError('few_arguments');
        }
        $missing = $this->values->facts->undefined ? null : Absent::Value;
        $handed = [];
        for ($index = 0; $index < $takes; ++$index) {
            if ($index < $given) {
                $handed[] = &$arguments[$index];
            } else {
                $handed[] = $missing;
            }
            if ($index < $needed && Absent::Value === $handed[$index]) {
                $handed[$index] = null;
            }
        }

        // What a class can do by itself is not handed the object that it is asked of (The Python Language Reference, 3.2; C++17, 12.2.3.1).
        return $isShared ? $this->{$function}($depth + 1, ...$handed) : $this->{$function}($depth + 1, $object, ...$handed);
    }

    /**
     * What a text, a list or a map does where a class of the program's own has a method of that name besides.
     *
     * @param list<mixed> $arguments
     */
    private function asked(mixed $object, string $method, int $depth, array $arguments): mixed
    {
        if (ClassDefinition::GOES === $method) {
            // What holds others takes them along, as libstdc++ does it: lists the first one first, maps the last one; of the rest nothing is seen any more.
            $entries = $object instanceof MapValue && '' === $object->class ? $object->entries : [];
            usort($entries, static fn (array $one, array $other): int => \is_string($one[0]) && \is_string($other[0]) ? strcmp($other[0], $one[0]) : $other[0] <=> $one[0]);
            foreach ($object instanceof ListValue ? $object->items : array_column($entries, 1) as $held) {
                $this->sentWith($held, $method, $depth, []);
            }

            return null;
        }
        $kept = $object instanceof MapValue ? $object->entries["t$method"][1] ?? null : null;
        if ($kept instanceof \Closure) {
            // A function that the object keeps.
            return $this->callValue($this->values->calledOn($kept, $object), ...$arguments);
        }
        $key = \is_string($object) || $object instanceof ListValue || $object instanceof MapValue && '' === $object->class ? ValueOperations::ofMethod($this->values->language()->value, $method, \count($arguments)) : null;
        $does = null === $key ? null : [$this->values, lcfirst(str_replace('_', '', ucwords($key->value, '_')))];

        if (\is_callable($does)) {
            return $does($object, ...$arguments);
        }
        throw $this->values->facts->asksObjects || $this->values->keepsNothing($object) ? $this->values->noField($object, $method) : new RunError('no_method', ['name' => $method]);
    }

    final protected function mayCatch(RunError $error): bool
    {
        return RealError::isCaught($error, $this->values->language());
    }

    /** @param list<FailureKind|string> $kinds */
    final protected function catches(RunError $error, array $kinds): bool
    {
        $classes = array_filter($kinds, is_string(...));
        if ([] !== $classes) {
            if (null !== $error->object && [] !== array_intersect($classes, $this->ancestry[$error->object->class] ?? [])) {
                return true;
            }
            if (\count($classes) === \count($kinds)) {
                return false;
            }
        }
        $kinds = array_values(array_filter($kinds, static fn (FailureKind|string $kind): bool => $kind instanceof FailureKind));
        if (null !== $error->object && null === $error->raised && $this->values->facts->typed) {
            return [] === $kinds;
        }
        if (FailureKind::Bare === $error->raised) {
            return \in_array(FailureKind::Any, $kinds, true);
        }
        if (true === $error->raised?->isPlain()) {
            return [] === $kinds || \in_array($error->raised, $kinds, true);
        }
        $name = RealError::of($error, $this->values->language()) ?? '';

        return FailureNames::catches($this->values->language(), str_replace('std::', '', $name), $kinds);
    }

    /** What the language calls a failure that was caught. */
    final protected function failureName(?RunError $error): string
    {
        if (null === $error) {
            throw new RunError('says_unknown');
        }
        $name = null === $error->object ? RealError::of($error, $this->values->language()) : ($error->object->entries['tname'][1] ?? ($this->values->facts->knowsFailures ? $error->object->class : 'Error'));

        return \is_string($name) ? str_replace('std::', '', $name) : throw new RunError('says_unknown');
    }

    /**
     * A failure of JavaScript as a text: its name, and behind a colon what it says, if anything (ECMAScript 2022, 20.5.3.4); one of
     * Python as a program would make it (The Python Standard Library, BaseException).
     */
    final protected function failureShown(?RunError $error): string
    {
        if ($this->values->facts->knowsFailures) {
            return $this->failureWritten($error);
        }
        if (FailureKind::Bare === $error?->raised) {
            return (string) $this->says($error);
        }
        $own = null === $error?->object ? null : $this->values->ownText($error->object);
        if (null !== $own) {
            return $own;
        }
        $name = $this->failureName($error);
        $says = null === $error ? '' : (string) $this->says($error);

        return '' === $says || '' === $name ? $name.$says : "$name: $says";
    }

    private function failureWritten(?RunError $error): string
    {
        if (null !== $error?->object) {
            return $this->values->written($error->object);
        }
        $name = $this->failureName($error);
        $says = null === $error ? '' : (string) $this->says($error);

        // A key that is missing is told as it is written.
        return '' === $says ? "$name()" : $name.'('.('KeyError' === $name ? $says : $this->values->written($says)).')';
    }

    /** What was thrown as it is; nobody shows another failure as the real machine does, with the rows that it came from. */
    final protected function failureValue(?RunError $error): mixed
    {
        return FailureKind::Bare === $error?->raised ? $this->says($error) : throw new RunError('says_unknown');
    }

    /** What was caught, to be kept or handed on: the object that was thrown, or one that tells the failure's name and what it says. */
    final protected function failureItself(?RunError $error): mixed
    {
        return match (true) {
            null === $error => throw new RunError('says_unknown'),
            null !== $error->object => $error->object,
            FailureKind::Bare === $error->raised => $this->says($error),
            // It is one object, whoever asks for it, and keeps what it is given.
            default => $error->object = $this->failureMade($this->failureName($error), (string) $this->says($error)),
        };
    }

    /** Whether a value is a failure of a kind of the language's own (ECMAScript 2022, 20.5). */
    final protected function ofFailure(mixed $value, string $kind): bool
    {
        if (!$value instanceof MapValue) {
            return false;
        }
        if ('Error' === $value->made) {
            return 'Error' === $kind || $kind === ($value->entries['tname'][1] ?? null);
        }
        $ancestry = $this->ancestry[$value->class] ?? [];

        $of = isset($this->failing[$value->class]) ? FailureNames::thrown($this->values->language(), FailureKind::from($this->failing[$value->class])) : null;

        return '' !== $value->class && (\in_array($kind, $ancestry, true) || $kind === $of || 'Error' === $kind && isset($value->entries['t'.MapValue::SAYS]));
    }

    /** What a failure of Python was made with: a key that is missing is told as it is written, not as it is. */
    final protected function failureFirst(?RunError $error): mixed
    {
        $first = $error?->object?->entries['t'.MapValue::SAYS][1] ?? null;
        if (null !== $first || null === $error) {
            // Several are kept together.
            return $first instanceof ListValue && $first->fixed ? $first->items[0] ?? throw new RunError('says_unknown') : $first ?? throw new RunError('says_unknown');
        }
        $says = (string) $this->says($error);
        if ('KeyError' !== $this->failureName($error)) {
            return '' === $says ? throw new RunError('says_unknown') : $says;
        }

        return match (true) {
            1 === preg_match('/^\'([^\'\\\\]*)\'$/sD', $says, $match) => $match[1],
            1 === preg_match('/^-?\d{1,18}$/D', $says) => (int) $says,
            default => throw new RunError('says_unknown'),
        };
    }

    /** What a failure of the program's own keeps; others keep nothing. */
    final protected function failureField(?RunError $error, string $name): mixed
    {
        if ('message' === $name && null !== $error && FailureKind::Bare !== $error->raised) {
            return $this->says($error);
        }

        return $error?->object?->entries["t$name"][1] ?? null;
    }

    final protected function answersEnded(): bool
    {
        return $this->answers->hasEnded();
    }

    final protected function printed(mixed ...$what): void
    {
        $this->trace->print(implode(' ', array_map($this->values->show(...), $what)));
    }

    /** About what a row takes on a real machine, in seconds. */
    private const SECONDS_A_ROW = 1e-6;
    /** How deep calls reach here, whatever a program allows itself. */
    private const DEEPEST = 20_000;
    private ?\Closure $prints = null;

    final protected function printer(): \Closure
    {
        return $this->prints ??= $this->printed(...);
    }

    private ?StreamValue $console = null;

    /** What is written to the console through another name for it. */
    final protected function consoleStream(): StreamValue
    {
        return $this->console ??= new StreamValue('', function (string $text): void {
            str_ends_with($text, "\n") ? $this->trace->print(substr($text, 0, -1)) : $this->trace->say($text);
        }, $this->values->formOf(null));
    }

    private ?FileValue $typed = null;

    /** What is typed in, as a file whose lines are read (The Python Standard Library, `sys.stdin`). */
    final protected function typedFile(): FileValue
    {
        return $this->typed ??= new FileValue('<stdin>', new FileContent(), 'r', fn (bool $isAll): string => $isAll ? $this->answers->rest() : $this->typedLine());
    }

    private function typedLine(): string
    {
        $line = $this->answers->keptLine();
        if ('' !== $line) {
            $this->answered(rtrim($line, "\n"));
        }

        return $line;
    }

    private ?StreamValue $asked = null;

    /** What is answered, through another name for it. */
    final protected function answerStream(): StreamValue
    {
        return $this->asked ??= StreamValue::ofAnswers($this->answers, fn (string $answer): string => $this->answered($answer), $this->values->formOf(null));
    }

    final protected function complain(mixed $what): void
    {
        $this->trace->complain($this->values->show($what));
    }

    /** What a name has for the rows for which something is held (The Python Language Reference, 8.5). */
    final protected function entered(mixed $held): mixed
    {
        return $this->values->entered($held);
    }

    /** Lets go of what was held; true if it ends what failed. */
    final protected function leaves(mixed $held, ?RunError $failed): bool
    {
        if ($held instanceof FileValue) {
            $this->values->fileClosed($held);

            return false;
        }
        if (null !== $failed && !$this->mayCatch($failed)) {
            // What ends a run asks nobody.
            return false;
        }
        if ($held instanceof ListValue) {
            return $held->goesOn($failed);
        }

        return $this->values->left($held, ...null === $failed ? [null, null] : [null === $failed->object && null === RealError::of($failed, $this->values->language()) ? true : $this->failureName($failed), $failed->object ?? $this->says($failed)]);
    }

    /** What the real machine says of it; a wrong word would be worse than none. */
    final protected function says(RunError $error): string|int
    {
        return $error->says ?? throw new RunError('says_unknown');
    }

    /** The value of a call, which must give one. */
    final protected function given(mixed $value, string $function): mixed
    {
        return $value ?? throw new RunError('gives_nothing', ['name' => $function]);
    }

    final protected function stride(int|float $by): int|float
    {
        return 0 == $by ? throw new RunError('count_by_zero') : $by;
    }

    /** A number from 0 up to, but without, 1. */
    final protected function chance(): float
    {
        return $this->chance->fraction();
    }

    final protected function chosen(mixed $value): mixed
    {
        $items = $this->values->over($value);

        return [] === $items ? throw new RunError('empty_list') : $items[$this->chance->between(0, \count($items) - 1)];
    }

    /** As deep as the program says, but not deeper than the languages reach here (The Python Standard Library, sys.setrecursionlimit). */
    final protected function callsWithin(mixed $many): void
    {
        $many = Values::whole($many);
        if ($many < 1) {
            throw new RunError('negative_choice', [], 'recursion limit must be greater or equal than 1');
        }
        $this->deepest = min($many, self::DEEPEST) - 1;
    }

    /** @throws Left */
    final protected function exit(mixed $with = null): never
    {
        if (\is_string($with)) {
            $this->trace->complain($this->values->text($with));
        }
        throw new Left(\is_string($with) ? 1 : (null === $with ? 0 : Values::whole($with) & 255));
    }

    /** The number of the next sign, or -1 behind the last (C++17, 30.7.4.3). */
    final protected function signTyped(): int
    {
        $sign = $this->answers->next_('sign');

        return null === $sign ? -1 : mb_ord($this->answered($sign));
    }

    final protected function signAhead(): int
    {
        $sign = $this->answers->hasFailed() ? null : $this->answers->signAhead();

        return null === $sign ? -1 : mb_ord($sign);
    }

    final protected function allInput(): string
    {
        return $this->answers->rest();
    }

    final protected function shuffle(mixed $value): void
    {
        $list = Values::list_($value);
        $items = $list->items;
        for ($at = \count($items) - 1; $at > 0; --$at) {
            $other = $this->chance->between(0, $at);
            [$items[$at], $items[$other]] = [$items[$other], $items[$at]];
        }
        $list->items = array_values($items);
    }

    final protected function seeded(mixed $seed): void
    {
        $seed = \is_float($seed) && floor($seed) === $seed && abs($seed) < 2 ** 53 ? (int) $seed : $seed;
        if (!\is_string($seed) && !\is_int($seed) && !$seed instanceof BigInteger) {
            throw new RunError('seed_kind');
        }
        $this->chance->begin(new MersenneTwister($seed));
    }

    final protected function seededThere(mixed $seed): void
    {
        $this->chance->begin(new AdditiveGenerator((int) Values::number($seed)));
    }

    final protected function uniform(mixed $from, mixed $to): float
    {
        return Values::number($from) + (Values::number($to) - Values::number($from)) * $this->chance->fraction();
    }

    final protected function drawn(mixed $value, mixed $many): ListValue
    {
        $items = $this->values->over($value);
        $chosen = [];
        for ($turn = Values::whole($many); $turn > 0; --$turn) {
            $chosen[] = [] === $items ? throw new RunError('empty_list') : $items[(int) floor($this->chance->fraction() * \count($items))];
        }

        return new ListValue($chosen);
    }

    /** So many of the items, none of them twice, drawn as CPython does (random.py, sample). */
    final protected function sampled(mixed $value, mixed $many): ListValue
    {
        $items = $this->values->over($value);
        [$left, $many] = [\count($items), Values::whole($many)];
        if ($many < 0 || $many > $left) {
            throw new RunError('sample_too_large', ['many' => $many, 'given' => $left]);
        }
        // Where few of many are wanted, places are drawn until they are new ones.
        $isSmall = $left <= 21 + ($many > 5 ? 4 ** (int) ceil(log($many * 3, 4)) : 0);
        $taken = $chosen = [];
        for ($turn = 0; $turn < $many; ++$turn) {
            do {
                $place = $this->chance->between(0, $isSmall ? $left - $turn - 1 : $left - 1);
            } while (!$isSmall && isset($taken[$place]));
            $taken[$place] = true;
            $chosen[] = $items[$place];
            if ($isSmall) {
                $items[$place] = $items[$left - $turn - 1];
            }
        }

        return new ListValue($chosen);
    }

    final protected function ask(mixed $prompt = ''): string
    {
        $this->trace->say($this->values->text($prompt));

        return $this->answered($this->answers->line());
    }

    final protected function askWord(): string
    {
        return $this->answered($this->answers->word());
    }

    /** One word of a line that may have several. */
    final protected function nextWord(): string
    {
        return $this->askWord();
    }

    final protected function askNumber(bool $isWhole): string
    {
        return $this->answered($this->answers->number($isWhole));
    }

    final protected function askLetter(): string
    {
        return $this->answered($this->answers->letter());
    }

    /**
     * What the stream has next; null once it has failed, or has nothing more.
     *
     * @param 'line'|'whole'|'number'|'letter'|'word'|'sign' $kind
     */
    final protected function nextAnswer(string $kind): ?string
    {
        $answer = $this->answers->next_($kind);

        return null === $answer ? null : $this->answered($answer);
    }

    private function answered(string $answer): string
    {
        $this->trace->happened('ask', $answer);

        return $answer;
    }

    /** Other scripts go on meanwhile. */
    private ?int $began = null;

    /**
     * Seconds on the clock: those at the start, those that the program has waited since, and a little for each row, so that
     * the same rows take the same time when they run once more.
     */
    final protected function clock(): float
    {
        return ($this->began ??= time()) + $this->trace->now / 1000 + $this->trace->moment * self::SECONDS_A_ROW;
    }

    final protected function clockTicks(): float
    {
        return floor($this->clock() * 1000);
    }

    final protected function wait(mixed $seconds): void
    {
        $number = (float) Values::number($seconds);
        if (!is_finite($number)) {
            throw new RunError('not_finite');
        }
        $depth = $this->depth;
        $this->stage->scheduler->wait((int) floor(min(max($number, 0.0), 1e6) * 1000 + 0.5));
        $this->depth = $depth;
    }

    final protected function announce(string $message): void
    {
        $this->trace->happened('announce', $message);
        $this->stage->scheduler->happen("when_announced $message");
    }

    /** @param \Closure(): mixed $handle */
    final protected function on(string $happening, mixed $handle): void
    {
        if (!$handle instanceof \Closure) {
            throw new RunError('no_function');
        }
        $this->stage->scheduler->on($happening, function () use ($handle): void {
            $this->depth = 0;
            $this->callValue($handle);
        });
    }

    final protected function plug(FittingKind $kind, mixed ...$sockets): Fitting
    {
        return $this->stage->mower()->plug($kind, ...array_map(static fn (mixed $socket): float => (float) Values::number($socket), array_values($sockets)));
    }

    /**
     * A function of the program as a value: JavaScript takes more and fewer values than it has parameters (ECMA-262, 10.2.11),
     * Python as many (The Python Language Reference, 6.3.4).
     *
     * @param \Closure(mixed...): mixed $function with how deep it is called before all
     * @param list<string>              $names    of its parameters, where they may be given by name
     * @param string                    $others   the parameter for all that is given by other names, "" for none
     */
    final protected function handed(\Closure $function, int $least, int $most, ?int $rest = null, array $names = [], string $others = ''): \Closure
    {
        $made = function (mixed ...$given) use ($function, $least, $most, $rest, $names, $others): mixed {
            $isNamed = [] !== $names && ('' !== $others || [] !== $given && end($given) instanceof GivenByName);
            if (!$isNamed && null !== $rest && \count($given) < $least - 1 && !$this->values->facts->undefined) {
                throw new RunError('few_arguments');
            }
            $given = array_values($given);
            $given = $isNamed || null !== $rest ? $this->inPlaces($given, $rest, $names, $isNamed ? $others : '') : $given;
            if ($isNamed) {
                self::allGiven($given, $least - (int) (null !== $rest), $most, $most - $least);
            }
            $count = \count($given);
            if ($this->values->facts->undefined) {
                $given = \array_slice(array_pad($given, $most, null), 0, $most);
            } elseif ($count < $least || $count > $most) {
                throw new RunError('few_arguments');
            }

            return $function($this->depth, ...$given);
        };
        if ($this->values->facts->undefined) {
            $this->values->takes($made, $least - (int) (null !== $rest));
        }
        if ([] !== $names) {
            $this->takesNames ??= new \WeakMap();
            $this->takesNames[$made] = true;
        }

        return $made;
    }

    /** @var \WeakMap<\Closure, true>|null functions that know the names of their parameters */
    private ?\WeakMap $takesNames = null;

    /** @return list<GivenByName> */
    final protected function byNames(mixed $map): array
    {
        if (!$map instanceof MapValue) {
            throw new RunError('not_a_list');
        }

        return array_map(static fn (array $entry): GivenByName => new GivenByName(\is_string($entry[0]) ? $entry[0] : throw new RunError('not_a_text'), $entry[1]), array_values($map->entries));
    }

    /**
     * Calls a function when this turn is over and time has passed, in the order in which it was asked for (HTML, 8.6 Timers).
     *
     * @return float the number by which it can be called off
     */
    final protected function later(mixed $function, mixed $milliseconds): float
    {
        return $this->timed($function, $milliseconds, false);
    }

    final protected function againAndAgain(mixed $function, mixed $milliseconds): float
    {
        return $this->timed($function, $milliseconds, true);
    }

    final protected function calledOff(mixed $number): void
    {
        if (\is_float($number)) {
            $this->stage->scheduler->callOff((int) $number);
        }
    }

    private function timed(mixed $function, mixed $milliseconds, bool $isRepeated): float
    {
        if (!$function instanceof \Closure) {
            throw new RunError('no_function');
        }
        $wait = (float) Values::number($milliseconds);

        return (float) $this->stage->scheduler->later(function () use ($function): void {
            $this->depth = 0;
            $this->callValue($function);
        }, (int) (is_nan($wait) ? 1 : min(max($wait, 1), 1e9)), $isRepeated);
    }

    /** @var array<string, \Closure> what makes objects, by class */
    private array $makers = [];

    /** A class as a value: calling it makes an object. */
    final protected function maker(string $class): \Closure
    {
        if (!isset($this->makers[$class])) {
            $this->makers[$class] = $this->values->named(fn (mixed ...$arguments): mixed => $this->made($class, $this->depth, ...$arguments), $class);
            $this->takesNames ??= new \WeakMap();
            $this->takesNames[$this->makers[$class]] = true;
        }

        return $this->makers[$class];
    }

    /** Of a class that leaves methods open no object can be made. */
    final protected function openClass(string $class, string $says): never
    {
        throw new RunError('open_class', ['name' => $class], $says);
    }

    final protected function makerOf(mixed $object): \Closure
    {
        return $object instanceof MapValue && '' !== $object->class ? $this->maker($object->class) : throw new RunError('says_unknown');
    }

    /** What is called by its name, which is told where it is no function (as V8 says it). */
    final protected function toCall(mixed $function, string $name): mixed
    {
        return $function instanceof \Closure || $function instanceof MapValue ? $function : throw new RunError('no_function', [], "$name is not a function");
    }

    /** What a loop goes over by its name, which is told where it is nothing that could be gone over (as V8 says it). */
    final protected function toGoOver(mixed $value, string $name): mixed
    {
        return null === $value || \is_int($value) || \is_float($value) || \is_bool($value) || $value instanceof \Closure ? throw new RunError('not_a_list', [], "$name is not iterable") : $value;
    }

    /** What is asked for something by its name: nothing has nothing (ECMA-262, 7.3.3). */
    final protected function some(mixed $value, string $name): mixed
    {
        return null === $value || $value instanceof Nothing ? throw $this->values->noField($value, $name) : $value;
    }

    final protected function callValue(mixed $function, mixed ...$arguments): mixed
    {
        if ([] !== $arguments && end($arguments) instanceof GivenByName && $function instanceof \Closure && !isset($this->takesNames[$function])) {
            throw new RunError('names_not_taken');
        }
        if ($function instanceof MapValue && isset($this->classes[$function->class]['@called'])) {
            // An object that its class lets be called (The Python Language Reference, 3.3.6).
            return $this->sent($function, '@called', $this->depth, ...$arguments);
        }
        if (!$function instanceof \Closure) {
            throw new RunError('no_function', [], $this->values->facts->says('uncalled', ['kind' => $this->values->kindName($function)]));
        }
        if (++$this->depth > $this->deepest) {
            throw new RunError('deep_calls');
        }
        // Small functions may call each other within one row for ever.
        Room::spend(5);
        try {
            return $function(...$arguments);
        } catch (\ArgumentCountError) {
            throw new RunError('few_arguments');
        } finally {
            --$this->depth;
        }
    }
}
