<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What reckons with a text as with its number, although a plus beside it joins: `++`, `--` and a minus in JavaScript (ECMA-262, 13.4 and 13.15.3). */
final class Reckoned
{
    private FunctionDefinition|Script $scope;

    /** @param array<int, true> $stepped rows written with `++` or `--` */
    private function __construct(Program $program, private readonly Types $types, private readonly array $stepped)
    {
        $this->scope = $program->script;
    }

    /**
     * The same program where no text is reckoned with.
     *
     * @param array<int, true> $stepped rows written with `++` or `--`
     */
    public static function program(Program $program, Types $types, array $stepped): Program
    {
        $reckoned = new self($program, $types, $stepped);
        $functions = array_map($reckoned->part(...), $program->functions);
        $below = array_map($reckoned->part(...), $program->below);
        $script = $reckoned->part($program->script);
        \assert($script instanceof Script);

        return $functions === $program->functions && $below === $program->below && $script === $program->script ? $program : $program->withFunctions($functions)->withScript($script)->withBelow($below);
    }

    private function part(Statement $part): Statement
    {
        $this->scope = $part instanceof FunctionDefinition || $part instanceof Script ? $part : $this->scope;

        return Walk::map($part, fn (Statement $row): Statement => $this->row($row));
    }

    private function row(Statement $row): Statement
    {
        if ($row instanceof ChangeVariable && Operator::Add === $row->operator && $row->amount instanceof NumberLiteral) {
            $type = $this->types->variable($this->scope, $row->variable);
            $isLess = $row->amount->value < 0;
            $amount = $isLess ? new NumberLiteral(-$row->amount->value) : $row->amount;
            if ($type->isTextual() && ($isLess || isset($this->stepped[$row->id]))) {
                return new SetVariable($row->id, $row->variable, new Binary($isLess ? Operator::Subtract : Operator::Add, new Operation(OperationKey::ToNumber, [new VariableRead($row->variable)]), $amount), $row->off);
            }

            return $row;
        }
        foreach ($row->blanks() as $name => $value) {
            $reckoned = Walk::mapExpression($value, $this->value(...));
            $row = $reckoned === $value ? $row : $row->withBlank($name, $reckoned);
        }

        return $row;
    }

    /** `++` behind a text gives the number that it was. */
    private function value(Expression $value): Expression
    {
        $change = $value instanceof Operation && OperationKey::GivenAfter === $value->key ? Given::change($value) : null;
        if (null === $change || Operator::Add !== $change->operator || !$change->left instanceof VariableRead || !$change->right instanceof NumberLiteral || !$this->types->variable($this->scope, $change->left->name)->isTextual()) {
            return $value;
        }

        return new Binary(Operator::Subtract, new Operation(OperationKey::Given, [$change->left, new Binary(Operator::Add, new Operation(OperationKey::ToNumber, [$change->left]), $change->right)]), $change->right);
    }
}
