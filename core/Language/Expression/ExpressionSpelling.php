<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Expression;

use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Words\Words;

/** Writes an expression the way ExpressionReader reads it. */
final readonly class ExpressionSpelling
{
    private function __construct(private string $locale)
    {
    }

    public static function of(Expression $expression, string $locale = 'en'): string
    {
        return (new self($locale))->spell($expression);
    }

    /** @param 'or'|'and'|'not'|'true'|'false'|'random' $word */
    private function word(string $word): string
    {
        return Words::in($this->locale)->raw("spelling.$word");
    }

    private function spell(Expression $expression, int $around = 0): string
    {
        return match (true) {
            $expression instanceof NumberLiteral => self::bracket(Printer::number($expression->value), $expression->value < 0 ? 8 : 20, $around),
            $expression instanceof TextLiteral => '"'.strtr($expression->value, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\t" => '\\t']).'"',
            $expression instanceof TruthLiteral => $this->word($expression->value ? 'true' : 'false'),
            $expression instanceof VariableRead => $expression->name,
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? self::bracket($this->word('not').' '.$this->spell($expression->operand, 3), 3, $around)
                : self::bracket('-'.$this->spell($expression->operand, 10), 8, $around),
            $expression instanceof Binary => $this->binary($expression, $around),
            $expression instanceof RandomWhole => $this->call($this->word('random'), $expression->operands()),
            $expression instanceof FunctionReference => $expression->function,
            $expression instanceof CommandValue => $this->call($expression->command, $expression->arguments),
            $expression instanceof OwnValue && str_contains($expression->function, '.') => $this->call('own', [new TextLiteral($expression->function), ...$expression->arguments]),
            $expression instanceof OwnValue => $this->call($expression->function, $expression->arguments),
            $expression instanceof MakeObject => $this->call('new', [new TextLiteral($expression->class), ...$expression->arguments]),
            $expression instanceof MethodCall => $this->call('method', [$expression->object, new TextLiteral($expression->method), ...$expression->arguments]),
            $expression instanceof Field => $this->call('field', [$expression->object, new TextLiteral($expression->name)]),
            $expression instanceof KindTest => $this->call('kind', [$expression->value, new TextLiteral($expression->kind)]),
            $expression instanceof Operation => $this->call($expression->key->value, $expression->arguments),
            $expression instanceof ListLiteral => '['.$this->listed($expression->items).']',
            $expression instanceof MapLiteral => $this->call('map', $expression->entries),
            $expression instanceof NothingLiteral => 'nothing',
            $expression instanceof Item => $this->call('item', $expression->operands()),
            $expression instanceof Slice => $this->call('slice', $expression->operands()),
            $expression instanceof Choice => $this->call('choice', $expression->operands()),
            $expression instanceof Collected => $this->call('collect', [$expression->value, new VariableRead($expression->variable), ...\array_slice($expression->operands(), 1)]),
            $expression instanceof Lambda => $this->call('lambda', [...array_map(static fn (string $name): Expression => new VariableRead($name), $expression->parameters), $expression->value]),
            $expression instanceof UnreadExpression => $expression->text,
            default => throw new \LogicException('No spelling for '.$expression::class),
        };
    }

    private function binary(Binary $binary, int $around): string
    {
        [$sign, $left, $own, $right] = match ($binary->operator) {
            Operator::Or => [$this->word('or'), 1, 1, 2],
            Operator::And => [$this->word('and'), 2, 2, 3],
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
            Operator::TruncDivide => ['~/', 7, 7, 8],
            Operator::TruncRemainder => ['~%', 7, 7, 8],
            Operator::Power => ['**', 10, 9, 8],
        };

        return self::bracket($this->spell($binary->left, $left)." $sign ".$this->spell($binary->right, $right), $own, $around);
    }

    /** @param list<Expression> $arguments */
    private function call(string $name, array $arguments): string
    {
        return $name.'('.$this->listed($arguments).')';
    }

    /** @param list<Expression> $arguments */
    private function listed(array $arguments): string
    {
        return implode(', ', array_map(fn (Expression $argument): string => $this->spell($argument), $arguments));
    }

    private static function bracket(string $text, int $strength, int $around): string
    {
        return $strength < $around ? "($text)" : $text;
    }
}
