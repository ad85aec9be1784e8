<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * The type of every variable, parameter and result, found by going over the program until nothing widens. A type
 * only ever widens along a lattice of height five, so that this ends.
 */
final class Types
{
    /** Larger whole numbers do not fit the `int` of C++; they are handled as numbers with a point. */
    public const LARGEST_WHOLE = 2147483647;

    /** @var array<string, StaticType> by owner and name */
    private array $variables = [];
    /** @var array<string, StaticType> by function name */
    private array $results = [];
    private bool $widened = true;

    private function __construct(private readonly Program $program, public readonly Scopes $scopes)
    {
    }

    public static function of(Program $program): self
    {
        $types = new self($program, Scopes::of($program));
        while ($types->widened) {
            $types->widened = false;
            foreach ($program->parts() as $part) {
                foreach (Walk::live([$part]) as $statement) {
                    $types->learn($part, $statement);
                }
            }
        }

        return $types;
    }

    public function variable(FunctionDefinition|Script $part, string $name): StaticType
    {
        return $this->variables[$this->scopes->owner($part, $name).':'.$name] ?? StaticType::Unknown;
    }

    /** What a function gives back; Unknown for one that gives nothing. */
    public function result(string $function): StaticType
    {
        return $this->results[$function] ?? StaticType::Unknown;
    }

    public function expression(FunctionDefinition|Script $part, Expression $expression): StaticType
    {
        return match (true) {
            $expression instanceof NumberLiteral => self::literal($expression->value),
            $expression instanceof TextLiteral => StaticType::Text,
            $expression instanceof TruthLiteral => StaticType::Truth,
            $expression instanceof VariableRead => $this->variable($part, $expression->name),
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? StaticType::Truth
                : $this->combined([$this->expression($part, $expression->operand)], StaticType::Whole),
            $expression instanceof Binary => $this->binary($part, $expression),
            $expression instanceof RandomWhole => StaticType::Natural === $this->expression($part, $expression->from) ? StaticType::Natural : StaticType::Whole,
            $expression instanceof OwnValue => $this->result($expression->function),
            default => StaticType::Number,
        };
    }

    private static function literal(int|float $value): StaticType
    {
        return match (true) {
            \is_float($value), abs($value) > self::LARGEST_WHOLE => StaticType::Number,
            $value >= 0 => StaticType::Natural,
            default => StaticType::Whole,
        };
    }

    private function binary(FunctionDefinition|Script $part, Binary $expression): StaticType
    {
        $operator = $expression->operator;
        if (!$operator->isArithmetic()) {
            return Operator::Join === $operator ? StaticType::Text : StaticType::Truth;
        }
        if (Operator::TrueDivide === $operator || Operator::Power === $operator) {
            return StaticType::Number;
        }
        $operands = [$this->expression($part, $expression->left), $this->expression($part, $expression->right)];

        return $this->combined($operands, Operator::Subtract === $operator ? StaticType::Whole : StaticType::Natural);
    }

    /** @param list<StaticType> $operands */
    private function combined(array $operands, StaticType $narrowest): StaticType
    {
        if (\in_array(StaticType::Unknown, $operands, true)) {
            return StaticType::Unknown;
        }
        foreach ($operands as $operand) {
            if (!$operand->isWhole()) {
                return StaticType::Number;
            }
            $narrowest = $narrowest->join($operand);
        }

        return $narrowest;
    }

    private function learn(FunctionDefinition|Script $part, Statement $statement): void
    {
        if ($statement instanceof SetVariable) {
            $this->widen($part, $statement->variable, $this->expression($part, $statement->value));
        } elseif ($statement instanceof ChangeVariable) {
            $sum = new Binary(Operator::Add, new VariableRead($statement->variable), $statement->amount);
            $this->widen($part, $statement->variable, $this->expression($part, $sum));
        } elseif ($statement instanceof Count) {
            $this->widen($part, $statement->variable, $this->counted($part, $statement));
        } elseif ($statement instanceof GiveBack && $part instanceof FunctionDefinition) {
            $this->widenIn($this->results, $part->name, $this->expression($part, $statement->value));
        } elseif ($statement instanceof OwnCall) {
            $this->pass($part, $statement->function, $statement->arguments);
        }
        foreach (Walk::expressionsOf($statement) as $expression) {
            if ($expression instanceof OwnValue) {
                $this->pass($part, $expression->function, $expression->arguments);
            }
        }
    }

    private function counted(FunctionDefinition|Script $part, Count $count): StaticType
    {
        $from = $this->expression($part, $count->from);
        $to = $this->expression($part, $count->to);
        $by = $this->expression($part, $count->by);
        if (StaticType::Unknown === $from || StaticType::Unknown === $by) {
            return StaticType::Unknown;
        }
        if (!$from->isWhole() || !$by->isWhole()) {
            return StaticType::Number;
        }
        $staysNatural = StaticType::Natural === $from && (StaticType::Natural === $by || StaticType::Natural === $to);

        return $staysNatural ? StaticType::Natural : StaticType::Whole;
    }

    /** @param list<Expression> $arguments */
    private function pass(FunctionDefinition|Script $part, string $function, array $arguments): void
    {
        $definition = $this->program->functionNamed($function);
        foreach ($definition->parameters ?? [] as $index => $parameter) {
            if (null !== $definition && isset($arguments[$index])) {
                $this->widen($definition, $parameter, $this->expression($part, $arguments[$index]));
            }
        }
    }

    private function widen(FunctionDefinition|Script $part, string $name, StaticType $type): void
    {
        $this->widenIn($this->variables, $this->scopes->owner($part, $name).':'.$name, $type);
    }

    /** @param array<string, StaticType> $types */
    private function widenIn(array &$types, string $key, StaticType $type): void
    {
        $old = $types[$key] ?? StaticType::Unknown;
        $new = $old->join($type);
        if ($new !== $old) {
            $types[$key] = $new;
            $this->widened = true;
        }
    }
}
