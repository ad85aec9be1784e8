<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Which of the functions of one name is meant, and what is made an object where one is wanted. */
final class FittingOverload
{
    private const PLAIN = ['int' => true, 'double' => true, 'float' => true, 'long' => true, 'longlong' => true, 'bool' => true, 'char' => true, 'size_t' => true, 'short' => true, 'string' => true];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * What is given, as what takes it has it: in some languages the type of a parameter says what braces make.
     *
     * @param string         $name      of a function, or of a method behind a point
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public function asTaken(string $name, array $arguments): array
    {
        foreach ($arguments as $index => $argument) {
            $type = $this->parser->taken[$name][$index] ?? '';
            if ('' !== $type && $argument->value instanceof ListLiteral) {
                $arguments[$index] = new Argument($this->parser->madeValues->inFieldsType($argument->value, TypeNames::read($type)), $argument->offset, $argument->end, $argument->name);
            } elseif ('' !== $type && !isset($this->parser->takesOthers[$name])) {
                $arguments[$index] = new Argument($this->asObjectOf($type, $argument->value), $argument->offset, $argument->end, $argument->name);
            }
        }

        return $arguments;
    }

    /** A number or a text where an object is wanted whose class makes one of it (C++17, 15.3.1). */
    public function asObjectOf(string $type, Expression $value): Expression
    {
        $class = trim((string) preg_replace('/^const\s*|[&\s]+$/', '', $type));
        if (!isset($this->parser->classes->parents[$class]) || !\in_array($this->types_($value), ['int', 'double', 'string', 'char', 'bool', 'float'], true)) {
            return $value;
        }
        $way = isset($this->parser->makers->makers[$class]) ? $this->parser->makers->makerOf($class, [new Argument($value, 0, 0)]) : null;
        if (null !== $way) {
            return new OwnValue($way, [$value]);
        }
        $made = $this->parser->classes->methods[$class][ClassDefinition::MAKES] ?? null;

        return null === $made || 1 < $made[0] || 1 > $made[1] ? $value : new MakeObject($class, [$value], true);
    }

    /** The type of what stands behind a sign that a class gives a meaning; '' for none. */
    public function takenBy(string $class, string $operator): string
    {
        $owner = $this->parser->classes->ownerOf($class, $operator);

        return null === $owner ? '' : $this->parser->taken["$owner.$operator"][0] ?? '';
    }

    /**
     * @param array<string, array{string, list<string>}> $overloads what there is, and the types that each takes
     * @param list<Argument>                             $arguments
     */
    public function fittest(array $overloads, array $arguments): ?string
    {
        $ways = [];
        foreach (1 < \count($overloads) ? $overloads : [] as [$name, $types]) {
            $ways[] = [$name, ...\array_slice($this->parser->symbols->functions[$name] ?? [0, 0], 0, 2), $types];
        }

        return $this->best($ways, $arguments);
    }

    /**
     * Which method of a class takes such values.
     *
     * @param string         $class     '' where the text does not show whose it is
     * @param list<string>   $names     by which the methods are known
     * @param list<Argument> $arguments
     */
    public function methodMeant(string $class, array $names, array $arguments): ?string
    {
        $ways = [];
        foreach ($names as $name) {
            $name = str_starts_with($name, 'operator') ? CppParser::OPERATORS[substr($name, 8)] ?? $name : $name;
            $owner = isset($this->parser->classes->parents[$class]) ? $this->parser->classes->ownerOf($class, $name) : array_key_first(array_filter($this->parser->classes->methods, static fn (array $methods): bool => isset($methods[$name])));
            $takes = null === $owner ? null : $this->parser->classes->methods[$owner][$name] ?? null;
            if (null !== $takes) {
                $ways[] = [$name, $takes[0], $takes[1], $this->parser->taken["$owner.$name"] ?? $this->parser->taken[".$name"] ?? []];
            }
        }

        return $this->best($ways, $arguments);
    }

    /**
     * @param list<array{string, int, int, list<string>}> $ways      each with its name, the fewest and most values it takes, and their types
     * @param list<Argument>                              $arguments
     */
    private function best(array $ways, array $arguments): ?string
    {
        $best = null;
        $score = -99.0;
        foreach ($ways as [$name, $least, $most, $types]) {
            if (\count($arguments) < $least || \count($arguments) > $most) {
                continue;
            }
            $points = 0.0;
            foreach ($arguments as $index => $argument) {
                $points += $argument->value instanceof ListLiteral ? self::fitnessOfList($types[$index] ?? '') : $this->fitness($this->types_($argument->value), $types[$index] ?? '');
            }
            if ($points > $score) {
                [$best, $score] = [$name, $points];
            }
        }

        return $best;
    }

    /**
     * Whether one of them takes such values, as far as the text shows what they are.
     *
     * @param array<string, array{string, list<string>}> $overloads
     * @param list<Argument>                             $arguments
     */
    public function fits(array $overloads, array $arguments): bool
    {
        foreach ($overloads as [$name, $types]) {
            [$least, $most] = $this->parser->symbols->functions[$name] ?? [0, 0];
            $wrong = array_filter($arguments, fn (Argument $argument, int $index): bool => !$argument->value instanceof ListLiteral && $this->isSurelyNo($this->types_($argument->value), $types[$index] ?? ''), \ARRAY_FILTER_USE_BOTH);
            if (\count($arguments) >= $least && \count($arguments) <= $most && [] === $wrong) {
                return true;
            }
        }

        return false;
    }

    /** Whether a value of a type never is one of another, both being numbers, texts or objects of classes of the program's own. */
    private function isSurelyNo(string $given, string $wanted): bool
    {
        $isKnown = fn (string $type): bool => isset(self::PLAIN[$type]) || isset($this->parser->classes->parents[$type]);

        return $isKnown($given) && $isKnown($wanted) && 0 > $this->fitness($given, $wanted);
    }

    /** Braces are no number, and no text (C++17, 16.3.3.1.5). */
    private static function fitnessOfList(string $wanted): float
    {
        return isset(self::PLAIN[$wanted]) ? -10.0 : 0.5;
    }

    /** How well a value of a type fits a parameter. */
    private function fitness(string $given, string $wanted): float
    {
        return match (true) {
            '' === $given => 0.5,
            $given === $wanted, 'double' === $given && 'float' === $wanted => 2.0,
            isset($this->parser->classes->parents[$given], $this->parser->classes->parents[$wanted]) => $this->isKindOf($given, $wanted) ? 1.5 : -10.0,
            'string' !== $given && 'string' !== $wanted && isset(self::PLAIN[$given], self::PLAIN[$wanted]) => 1.0,
            default => -10.0,
        };
    }

    private function isKindOf(string $class, string $wanted): bool
    {
        for ($steps = \count($this->parser->classes->parents); '' !== $class && $class !== $wanted && $steps > 0; --$steps) {
            $class = $this->parser->classes->parents[$class] ?? '';
        }

        return $class === $wanted;
    }

    /** Each side is asked once: a sum of many would be asked twice as often with each that joins it. */
    private function reckonedType(Binary $sum): string
    {
        $left = $this->types_($sum->left);

        return 'double' === $left || 'double' === $this->types_($sum->right) ? 'double' : $left;
    }

    /** The type of a value as far as the text shows it, without blanks; empty where it does not. */
    private function types_(Expression $value): string
    {
        return match (true) {
            $value instanceof NumberLiteral => \is_int($value->value) ? 'int' : 'double',
            $value instanceof TextLiteral => $value->letter ? 'char' : 'string',
            $value instanceof TruthLiteral => 'bool',
            $value instanceof VariableRead, $value instanceof Field, $value instanceof Item, $value instanceof OwnValue, $value instanceof MethodCall => str_replace([' ', '&', 'const', 'std::'], '', $this->parser->typeOf($value)),
            $value instanceof Choice => $this->types_($value->then),
            $value instanceof Binary && $value->operator->isComparison() => 'bool',
            $value instanceof MakeObject => $value->class,
            $value instanceof Binary && Operator::Join === $value->operator => 'string',
            $value instanceof Binary && $value->operator->isArithmetic() => $this->reckonedType($value),
            $value instanceof Operation => ['text' => 'string', 'number' => 'double', 'whole' => 'int', 'natural' => 'int', 'truth' => 'bool', 'letter' => 'char'][ValueOperations::find($value->key)->result->value ?? ''] ?? '',
            default => '',
        };
    }
}
