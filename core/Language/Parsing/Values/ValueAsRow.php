<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Values;

use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** A value that stands as a row of its own. */
final class ValueAsRow
{
    private ?bool $hasEndless = null;

    public function __construct(private readonly ExpressionParser $parser)
    {
    }

    /**
     * `tool.borrower = person`, where a method of the class is called for it; null where the target is something else.
     *
     * @param Operator|null $operator by which what is there is changed
     */
    public function throughSetter(Expression $target, ?Operator $operator, Expression $value): ?Statement
    {
        if (!$target instanceof MethodCall || [] !== $target->arguments || !isset($this->parser->classes->setters[$target->method])) {
            return null;
        }

        return new Perform($this->parser->newId(), new MethodCall($target->object, "set_$target->method", [null === $operator ? $value : new Binary($operator, $target, $value)]));
    }

    /** What `++` adds: one, of the kind that it is added to. */
    public function stepFor(Expression $target): Expression
    {
        $this->hasEndless ??= '' !== $this->parser->notation->endlessEnd && 1 === preg_match('/\d'.$this->parser->notation->endlessEnd.'\b|\bBigInt\b/', $this->parser->text);

        return $this->hasEndless ? new Operation(OperationKey::OneOf, [$target]) : new NumberLiteral(1);
    }

    /** `(x = 3)` alone is a row that sets. */
    public function givenAsRow(Operation $given): Statement
    {
        [$target, $value] = $given->arguments;
        $change = Given::change($given);
        if (!$target instanceof VariableRead) {
            return new SetItem($this->parser->newId(), $target, null === $change ? $value : $change->right, $change?->operator);
        }

        return null === $change ? new SetVariable($this->parser->newId(), $target->name, $value) : self::changedRow($this->parser->newId(), $target->name, $change->operator, $change->right);
    }

    /** `x -= 5` is the row “change x by −5”. */
    public static function changedRow(int $id, string $name, Operator $operator, Expression $amount): ChangeVariable
    {
        $isNegated = Operator::Subtract === $operator && $amount instanceof NumberLiteral && $amount->value > 0;

        return new ChangeVariable($id, $name, $isNegated ? new NumberLiteral(-$amount->value) : $amount, false, $isNegated ? Operator::Add : $operator);
    }

    /** @return list<Replacement> */
    public function unusedFix(Expression $value, int $offset, int $end): array
    {
        $text = substr($this->parser->text, $offset, $end - $offset);

        return ($value instanceof Binary && Operator::Equal === $value->operator || $value instanceof Operation && OperationKey::Alike === $value->key) && 1 === preg_match('/={2,3}/', $text, $match, \PREG_OFFSET_CAPTURE)
            ? [new Replacement($offset + $match[0][1], \strlen($match[0][0]), '=')]
            : [];
    }
}
