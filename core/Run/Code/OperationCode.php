<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\GivenByName;
use Scrivlet\Core\Run\Values\Nothing;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Operations of the language. */
final class OperationCode
{
    /** What the parts of the mower can do. */
    private const OF_FITTINGS = [OperationKey::PairDrive, OperationKey::PairTravel, OperationKey::PairTurn, OperationKey::PairStop, OperationKey::LampShow, OperationKey::LampOff, OperationKey::Surface, OperationKey::Distance];
    /** @var array<string, bool> by operation, whether the program has it */
    private array $used = [];

    public function __construct(private readonly Compiler $compiler)
    {
    }

    /** In a text of JavaScript items that nothing is known of are sorted by their differences, which are numbers (ECMA-262, 13.8.2). */
    private function byNumbers(Operation $operation): Operation
    {
        if (!$this->compiler->facts->coerces || !isset($this->compiler->program->handwriting[$this->compiler->language->value]) || !\in_array($operation->key, [OperationKey::Sort, OperationKey::Sorted, OperationKey::SortDown, OperationKey::SortedDown], true)) {
            return $operation;
        }
        $item = $this->compiler->types->expression($this->compiler->part, $operation->arguments[0])->item();

        return $item->isNumeric() || $item->isTextual() ? $operation : $operation->key->byNumber($operation->arguments[0]);
    }

    /** @var array<string, list<string>> by operation, the names behind a point that JavaScript has for it; '' for other words */
    private static array $asked = [];

    public function operation(Operation $operation): string
    {
        $over = $operation->arguments[0] ?? null;
        if ($over instanceof Collected && \in_array($operation->key, [OperationKey::AnyHolds, OperationKey::AllHold], true)) {
            return $this->compiler->smallFunctionCode->decided($over, OperationKey::AnyHolds === $operation->key);
        }
        if ($over instanceof Operation && OperationKey::Started === $over->key && $over->arguments[0] instanceof Collected && \in_array($operation->key, [OperationKey::NextItem, OperationKey::NextOr], true)) {
            return $this->compiler->smallFunctionCode->firstOf($over->arguments[0], $operation->arguments[1] ?? null);
        }
        if ($over instanceof Collected && OperationKey::Started === $operation->key) {
            return $this->compiler->smallFunctionCode->foundLater($over);
        }
        $operation = $this->byNumbers($operation);
        $method = $this->isConstantSet($operation) ? 'constantSet' : lcfirst(str_replace('_', '', ucwords($operation->key->value, '_')));
        $kind = FittingKind::tryFrom($operation->key->value);
        if (null !== $kind) {
            return '$this->plug(\\'.FittingKind::class."::$kind->name, ".$this->compiler->callCode->listed($operation->arguments).')';
        }
        if (\in_array($operation->key, self::OF_FITTINGS, true)) {
            return $this->ofFitting($operation, $method);
        }
        if (OperationKey::TextStream === $operation->key && $this->compiler->part instanceof FunctionDefinition && $operation === $this->compiler->part->showingStream()?->value) {
            return '$v->showingStream()';
        }
        $asked = $operation->arguments[0] ?? null;
        if ($this->compiler->facts->streams && $asked instanceof Operation && \in_array($asked->key, Compiler::WORDS, true) && \in_array($operation->key, [OperationKey::ToWhole, OperationKey::ToLong, OperationKey::ToNumber], true)) {
            return "\$v->$method(\$this->askNumber(".(OperationKey::ToNumber === $operation->key ? 'false' : 'true').'))';
        }
        if (OperationKey::NextOf === $operation->key || OperationKey::LineOf === $operation->key) {
            $stream = $this->compiler->expression($operation->arguments[0]);
            if (OperationKey::NextOf === $operation->key) {
                return '('.implode(' && ', array_map(fn (Expression $target): string => $this->nextAnswer($target, null, $stream), \array_slice($operation->arguments, 1))).')';
            }

            return $this->nextAnswer($operation->arguments[1], 'line', $stream, isset($operation->arguments[2]) ? $this->compiler->expression($operation->arguments[2]) : null);
        }
        if (\in_array($operation->key, [OperationKey::NextAnswer, OperationKey::NextLine, OperationKey::NextSign], true)) {
            $kind = [OperationKey::NextLine->value => 'line', OperationKey::NextSign->value => 'sign'][$operation->key->value] ?? null;

            return '('.implode(' && ', array_map(fn (Expression $target): string => $this->nextAnswer($target, $kind), $operation->arguments)).')';
        }
        if (OperationKey::Length === $operation->key && $this->compiler->facts->coerces) {
            $measured = $this->compiler->types->expression($this->compiler->part, $operation->arguments[0]);
            if (!$measured->isTextual() && !$measured->isList()) {
                $of = $this->compiler->expression($operation->arguments[0]);

                return '$v->lengthOf('.($this->compiler->facts->nullBeside ? "\$this->some($of, 'length')" : $of).')';
            }
        }
        if (OperationKey::After === $operation->key) {
            return '['.$this->compiler->callCode->listed($operation->arguments).'][1]';
        }
        if (OperationKey::Anew === $operation->key) {
            return $this->compiler->expression($operation->arguments[0]);
        }
        if (OperationKey::ByName === $operation->key) {
            return 'new \\'.GivenByName::class.'('.$this->compiler->callCode->listed($operation->arguments).')';
        }
        if (OperationKey::ByNames === $operation->key) {
            return '...$this->byNames('.$this->compiler->callCode->listed($operation->arguments).')';
        }
        if (OperationKey::NotTaken === $operation->key) {
            return '\\'.Nothing::class.'::NotTaken';
        }
        if (OperationKey::AllNamed === $operation->key) {
            return '$v->map([])';
        }
        if (OperationKey::Spread === $operation->key) {
            return '...$v->over('.$this->goneOver($operation->arguments[0]).')';
        }
        if (Given::is($operation)) {
            return $this->given($operation);
        }
        $isLate = OperationKey::ValueOr === $operation->key && $this->compiler->facts->lateChoice && ($or = $operation->arguments[2] ?? null) instanceof Expression && [] !== $or->operands();
        if (OperationKey::OrElse === $operation->key || $isLate) {
            // What stands behind `??` is found only where it is wanted (ECMA-262, 13.13).
            $found = $this->compiler->temporary();
            $operation = $isLate ? new Operation(OperationKey::OrElse, [new Item($operation->arguments[0], $operation->arguments[1]), $operation->arguments[2]]) : $operation;

            return "(null === ($found = {$this->compiler->expression($operation->arguments[0])}) || \\".Nothing::class."::Null === $found ? {$this->compiler->expression($operation->arguments[1])} : $found)";
        }
        $ofFailure = match ($operation->key) {
            OperationKey::FailureName => 'failureName',
            OperationKey::FailureShown => 'failureShown',
            OperationKey::FailureField => 'failureField',
            OperationKey::FailureValue => 'failureValue',
            OperationKey::FailureItself => 'failureItself',
            OperationKey::FailureFirst => 'failureFirst',
            default => null,
        };
        if (null !== $ofFailure) {
            return "\$this->$ofFailure(".($this->compiler->caught[array_key_last($this->compiler->caught) ?? 0] ?? 'null').implode('', array_map(fn (Expression $value): string => ', '.$this->compiler->expression($value), \array_slice($operation->arguments, 1))).')';
        }
        $object = \in_array($operation->key, [OperationKey::Ask, OperationKey::AskWord, OperationKey::NextWord, OperationKey::Chance, OperationKey::Chosen, OperationKey::Shuffle, OperationKey::Sampled, OperationKey::Drawn, OperationKey::Uniform, OperationKey::Seeded, OperationKey::SeededThere, OperationKey::Exit, OperationKey::CallsWithin, OperationKey::AllInput, OperationKey::TypedFile, OperationKey::SignTyped, OperationKey::SignAhead, OperationKey::Complain, OperationKey::Printed, OperationKey::Printer, OperationKey::ConsoleStream, OperationKey::AnswerStream, OperationKey::Maker, OperationKey::MakerOf, OperationKey::OpenClass, OperationKey::AnswersEnded, OperationKey::Clock, OperationKey::ClockTicks, OperationKey::Later, OperationKey::AgainAndAgain, OperationKey::CalledOff, OperationKey::Awaited, OperationKey::PromiseMade, OperationKey::PromiseKept, OperationKey::PromiseBroken, OperationKey::PromisesKept, OperationKey::PromisesSettled, OperationKey::PromisesRaced, OperationKey::PromiseThen, OperationKey::PromiseEither, OperationKey::PromiseCaught, OperationKey::PromiseFinally, OperationKey::FailureMade, OperationKey::OfFailure], true) ? '$this->' : '$v->';

        $isOfBits = \in_array($operation->key, OperationKey::OF_BITS, true);
        $wide = $isOfBits && ($this->compiler->numberCode->isWide($operation) || $this->compiler->numberCode->isUnsigned($operation)) ? ', true' : '';
        if ($this->compiler->facts->typed && ($isOfBits || \in_array($operation->key, [OperationKey::ToUnsigned, OperationKey::ToUnsignedLong], true)) && $this->compiler->numberCode->isUnsigned($operation)) {
            return $this->unsignedBits($operation, $method);
        }
        if (\in_array($operation->key, [OperationKey::ToWhole, OperationKey::ToLong], true) && $this->compiler->numberCode->isUnsigned($operation->arguments[0])) {
            return OperationKey::ToLong === $operation->key ? $this->compiler->expression($operation->arguments[0]) : "\$v->signedAgain({$this->compiler->expression($operation->arguments[0])})";
        }
        $last = $operation->arguments[\count($operation->arguments) - 1] ?? null;
        if ($this->compiler->facts->typed && null !== $last && \in_array($operation->key, [OperationKey::Append, OperationKey::Prepend, OperationKey::Insert], true)
            && StaticType::number() === $this->compiler->types->expression($this->compiler->part, $operation->arguments[0])->element && $this->compiler->types->expression($this->compiler->part, $last)->isWhole()) {
            $codes = array_map($this->compiler->expression(...), \array_slice($operation->arguments, 0, -1));

            return "\$v->$method(".implode(', ', [...$codes, '(float) '.$this->compiler->expression($last)]).')';
        }
        if (OperationKey::Spelled === $operation->key && $this->compiler->facts->typed && StaticType::number() === $this->compiler->types->expression($this->compiler->part, $operation->arguments[0])) {
            return "\$v->spelled((float) {$this->compiler->expression($operation->arguments[0])})";
        }
        if (\in_array($operation->key, [OperationKey::ToText, OperationKey::ToNumber], true) && $this->compiler->facts->typed && TypeKind::UnsignedLong === $this->compiler->types->expression($this->compiler->part, $operation->arguments[0])->kind) {
            return '$v->'.(OperationKey::ToText === $operation->key ? 'showUnsigned' : 'unsignedReal')."({$this->compiler->expression($operation->arguments[0])})";
        }

        if ($isOfBits && $this->compiler->facts->typed && [] !== array_filter($operation->arguments, fn (Expression $value): bool => TypeKind::Letter === $this->compiler->types->expression($this->compiler->part, $value)->kind)) {
            return "\$v->$method(".implode(', ', array_map(fn (Expression $value): string => TypeKind::Letter === $this->compiler->types->expression($this->compiler->part, $value)->kind ? "\$v->code({$this->compiler->expression($value)})" : $this->compiler->expression($value), $operation->arguments)).$wide.')';
        }

        $asks = $this->compiler->facts->nullBeside ? $this->askedFor($operation) : null;
        if (null !== $asks) {
            $codes = array_map($this->compiler->expression(...), \array_slice($operation->arguments, 1));

            return $object.$method.'('.implode(', ', ["\$this->some({$this->compiler->expression($operation->arguments[0])}, '$asks')", ...$codes]).')';
        }

        return $object.$method.'('.$this->compiler->callCode->listed($operation->arguments).$wide.')';
    }

    /** What a value is asked for that may be nothing, by the one name that JavaScript has for it; null where nobody asks it. */
    private function askedFor(Operation $operation): ?string
    {
        $value = $operation->arguments[0] ?? null;
        $type = null === $value ? null : $this->compiler->types->expression($this->compiler->part, $value);
        if (null === $type || !\in_array($type->kind, [TypeKind::Unknown, TypeKind::Mixed, TypeKind::MaybeWhole], true)) {
            return null;
        }
        $names = self::$asked[$operation->key->value] ??= array_values(array_unique(array_map(static fn (string $spelling): string => 1 === preg_match('/^(?:\w+\?)?(?:\d+\|)?\{0(?::\d+)?\}\.(\w+)/', $spelling, $match) ? $match[1] : '', ValueOperations::find($operation->key)->spellings['javascript'] ?? [])));

        return 1 === \count($names) && '' !== $names[0] ? $names[0] : null;
    }

    /** Bits of a number without a sign. */
    private function unsignedBits(Operation $operation, string $method): string
    {
        $bits = NumberCode::bitsOf($this->compiler->types->expression($this->compiler->part, $operation));
        $operands = array_map(fn (Expression $value): string => $this->compiler->numberCode->unsigned($value, $bits), $operation->arguments);

        return match ($operation->key) {
            OperationKey::ToUnsigned, OperationKey::ToUnsignedLong => $operands[0],
            OperationKey::ShiftedRight => '$v->unsignedShiftRight('.implode(', ', $operands).", $bits)",
            default => "\$v->unsigned(\$v->$method(".implode(', ', $operands).", true), $bits)",
        };
    }

    /**
     * Code of a row that reads into a place of a program which asks how its reading went: what is not what was wanted stops
     * nothing, and the stream gives no more until it is cleared (C++17, 30.7.4.1); null for other rows.
     */
    public function readInto(Expression $target, Expression $value): ?string
    {
        $of = $value instanceof Operation && \in_array($value->key, [OperationKey::ToWhole, OperationKey::ToLong, OperationKey::ToNumber], true) ? $value->arguments[0] : $value;
        $isLine = $of instanceof Operation && OperationKey::Ask === $of->key && $of === $value && [] === $of->arguments;
        if (!$isLine && !($of instanceof Operation && \in_array($of->key, Compiler::WORDS, true)) || !$this->compiler->asksOfReading()) {
            return null;
        }

        if ($target instanceof VariableRead) {
            $this->compiler->places->ensure($this->compiler->part, $target->name);
        }

        return $this->nextAnswer($target, $isLine ? 'line' : null).";\n";
    }

    /** Reads into a variable, and gives whether there was something to read (C++17, 30.7.4.1). */
    private function nextAnswer(Expression $target, ?string $kind, ?string $stream = null, ?string $until = null): string
    {
        $type = $this->compiler->types->expression($this->compiler->part, $target);
        $kind = match (true) {
            null !== $kind => $kind,
            $type->isWhole() => 'whole',
            $type->isNumeric() => 'number',
            TypeKind::Letter === $type->kind => 'letter',
            default => 'word',
        };
        $kept = $this->compiler->temporary();
        $value = match ($kind) {
            'whole' => $this->compiler->assignmentCode->kept($type, "\$v->toWhole($kept)"),
            'number' => $this->compiler->assignmentCode->kept($type, "\$v->toNumber($kept)"),
            default => $kept,
        };
        // A place keeps what it is given by itself, and gives nothing back.
        $set = match (true) {
            $target instanceof VariableRead => fn (string $new): string => "(({$this->compiler->variable($target->name)} = $new) || true)",
            $target instanceof Field => fn (string $new): string => "(null === \$v->keep({$this->compiler->expression($target->object)}, ".var_export($target->name, true).", $new))",
            $target instanceof Item => fn (string $new): string => "(null === \$v->put({$this->compiler->expression($target->container)}, {$this->compiler->expression($target->index)}, $new))",
            self::isKeyed($target) => fn (string $new): string => "(null === \$v->put({$this->compiler->expression($target->operands()[0])}, {$this->compiler->expression($target->operands()[1])}, $new))",
            default => throw new \LogicException('Only a place is read into.'),
        };
        // A key is there before anything is read into its value (C++17, 26.4.4.3).
        $asked = self::isKeyed($target) ? '['.$this->compiler->expression($target).'] && ' : '';
        $told = $this->compiler->record && $target instanceof VariableRead ? "array_push(\$t->changes, \$t->moment, {$this->compiler->places->slot($this->compiler->part, $target->name)}, {$this->compiler->variable($target->name)}) > 0" : 'true';
        $failed = 'whole' === $kind || 'number' === $kind ? '('.(null === $stream ? '$this->answers' : $stream).'->isMalformed() && '.$set('whole' === $kind ? '0' : '0.0').' && false)' : ('line' === $kind ? '('.(null === $stream ? '$this->answers' : $stream).'->isErased() && '.$set("''").' && false)' : 'false');

        $found = match (true) {
            null !== $until => "{$stream}->until(\$v->text($until))",
            null !== $stream => "{$stream}->next('$kind')",
            default => "\$this->nextAnswer('$kind')",
        };

        return "($asked(null !== ($kept = $found) ? ({$set($value)} && $told) : $failed))";
    }

    /** Whether a value is what a map keeps under a key, which is made where it is not there. */
    private static function isKeyed(Expression $value): bool
    {
        return $value instanceof Operation && OperationKey::ValueOrPut === $value->key;
    }

    /** Changes a variable, an item or a field, and gives what it has now, or what it had before. */
    private function given(Operation $given): string
    {
        $outer = $this->compiler->foundOnce;
        $found = $this->compiler->assignmentCode->foundOnce(...$given->arguments);
        $code = $this->givenWith($given, implode('', array_map(static fn (string $one): string => "$one, ", $found)), \count($found));
        $this->compiler->foundOnce = $outer;

        return $code;
    }

    /** @param string $found what has to be found before, so many values */
    private function givenWith(Operation $given, string $found, int $count): string
    {
        [$target, $value] = $given->arguments;
        $before = OperationKey::Given === $given->key ? null : $this->compiler->temporary();
        $keeps = $found.(null === $before ? '' : "$before = ".$this->compiler->expression(self::before($target, $value)).', ');
        $code = $this->compiler->assignmentCode->kept($this->compiler->types->expression($this->compiler->part, $target), $this->compiler->expression($value), $value);
        if ($target instanceof VariableRead) {
            $code = $this->compiler->assignmentCode->cut($target->name, $code);
            $variable = $this->compiler->variable($target->name);
            $told = $this->compiler->record && !isset($this->compiler->inner[$target->name]) ? ", array_push(\$t->changes, \$t->moment, {$this->compiler->places->slot($this->compiler->part, $target->name)}, ".$this->compiler->assignmentCode->told($target->name, $variable).')' : '';

            return "[$keeps$variable = $code$told][$count]";
        }
        $after = $this->compiler->temporary();
        $place = $target instanceof Field ? var_export($target->name, true) : ($target instanceof Item ? $this->compiler->expression($target->index) : 'null');
        $holder = $target->operands()[0] ?? $target;
        $set = '$v->'.($target instanceof Field ? 'keep' : 'put').'('.$this->compiler->expression($holder).", $place, ".(null === $before ? "$after = " : '').$code.')';

        return null === $before ? "[$keeps$set, $after][".($count + 1).']' : "[$keeps$set][$count]";
    }

    /** What was there before it changed: what the sum begins with, which a map that has nothing there gives; of a letter not its code. */
    private static function before(Expression $target, Expression $value): Expression
    {
        $was = $value instanceof Binary ? $value->left : $target;

        return $was instanceof Operation && OperationKey::Code === $was->key ? $was->arguments[0] : $was;
    }

    /** What a loop goes over. */
    public function goneOver(Expression $over): string
    {
        if ($this->compiler->facts->undefined && $over instanceof VariableRead) {
            return '$this->toGoOver('.$this->compiler->expression($over).', '.var_export($over->name, true).')';
        }

        return $over instanceof Operation && $this->isConstantSet($over, 1) ? '$v->constantsGoneOver('.$this->compiler->callCode->listed($over->arguments).')' : $this->compiler->expression($over);
    }

    private function isConstantSet(Operation $operation, int $least = 3): bool
    {
        $items = OperationKey::SetOf === $operation->key && $this->compiler->facts->hashedSets ? $operation->arguments[0] ?? null : null;
        $isConstant = static function (Expression $value) use (&$isConstant): bool {
            return match (true) {
                $value instanceof NumberLiteral, $value instanceof TextLiteral, $value instanceof TruthLiteral, $value instanceof NothingLiteral => true,
                $value instanceof Unary, $value instanceof Binary => !\in_array(false, array_map($isConstant, $value->operands()), true),
                default => false,
            };
        };

        return $items instanceof ListLiteral && $least <= \count($items->items) && !\in_array(false, array_map($isConstant, $items->items), true);
    }

    private function ofFitting(Operation $operation, string $method): string
    {
        $arguments = [];
        foreach ($operation->arguments as $index => $argument) {
            $code = $this->compiler->expression($argument);
            $arguments[] = match (true) {
                0 === $index => $code,
                OperationKey::LampShow === $operation->key => "\$v->colour($code)",
                default => "(float) \$v->number($code)",
            };
        }

        $call = $this->compiler->commandCode->object('mower')."->$method(".implode(', ', $arguments).')';

        return OperationKey::Distance === $operation->key && $this->compiler->facts->nullBeside ? "($call ?? \\".Nothing::class.'::Null)' : $call;
    }

    public function uses(OperationKey ...$keys): bool
    {
        return $this->used[implode(' ', array_column($keys, 'value'))] ??= [] !== array_filter(Walk::statements($this->compiler->program->parts()), static fn (Statement $row): bool => [] !== array_filter(Walk::expressionsOf($row), static fn (Expression $part): bool => $part instanceof Operation && \in_array($part->key, $keys, true)));
    }
}
