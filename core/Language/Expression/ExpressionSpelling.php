<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Expression;

use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Writes an expression the way ExpressionReader reads it. */
final class ExpressionSpelling
{
    public static function of(Expression $expression, int $around = 0): string
    {
        return match (true) {
            $expression instanceof NumberLiteral => self::bracket(Printer::number($expression->value), $expression->value < 0 ? 8 : 20, $around),
            $expression instanceof TextLiteral => '"'.strtr($expression->value, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\t" => '\\t']).'"',
            $expression instanceof TruthLiteral => $expression->value ? 'true' : 'false',
            $expression instanceof VariableRead => $expression->name,
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? self::bracket('not '.self::of($expression->operand, 3), 3, $around)
                : self::bracket('-'.self::of($expression->operand, 10), 8, $around),
            $expression instanceof Binary => self::binary($expression, $around),
            $expression instanceof RandomWhole => self::call('random', $expression->operands()),
            $expression instanceof CommandValue => self::call($expression->command, $expression->arguments),
            $expression instanceof OwnValue => self::call($expression->function, $expression->arguments),
            default => throw new \LogicException('No spelling for '.$expression::class),
        };
    }

    private static function binary(Binary $binary, int $around): string
    {
        [$sign, $left, $own, $right] = match ($binary->operator) {
            Operator::Or => ['or', 1, 1, 2],
            Operator::And => ['and', 2, 2, 3],
            Operator::Equal => ['=', 5, 4, 5],
            Operator::NotEqual => ['≠', 5, 4, 5],
            Operator::Less => ['<', 5, 4, 5],
            Operator::LessOrEqual => ['≤', 5, 4, 5],
            Operator::Greater => ['>', 5, 4, 5],
            Operator::GreaterOrEqual => ['≥', 5, 4, 5],
            Operator::Join => ['&', 5, 5, 6],
            Operator::Add => ['+', 6, 6, 7],
            Operator::Subtract => ['-', 6, 6, 7],
            Operator::Multiply => ['*', 7, 7, 8],
            Operator::TrueDivide => ['/', 7, 7, 8],
            Operator::FloorDivide => ['//', 7, 7, 8],
            Operator::FloorRemainder => ['%', 7, 7, 8],
            Operator::Power => ['**', 10, 9, 8],
        };

        return self::bracket(self::of($binary->left, $left)." $sign ".self::of($binary->right, $right), $own, $around);
    }

    /** @param list<Expression> $arguments */
    private static function call(string $name, array $arguments): string
    {
        return $name.'('.implode(', ', array_map(static fn (Expression $argument): string => self::of($argument), $arguments)).')';
    }

    private static function bracket(string $text, int $strength, int $around): string
    {
        return $strength < $around ? "($text)" : $text;
    }
}
