<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What `operator` has as functions, and `functools.partial` (The Python Standard Library): each is a small function. */
trait FunctionsOfLibrary
{
    private const SIGNS = [
        'mul' => Operator::Multiply, 'sub' => Operator::Subtract, 'truediv' => Operator::TrueDivide, 'floordiv' => Operator::FloorDivide, 'mod' => Operator::FloorRemainder,
        'pow' => Operator::Power, 'add' => Operator::Add, 'lt' => Operator::Less, 'le' => Operator::LessOrEqual, 'gt' => Operator::Greater, 'ge' => Operator::GreaterOrEqual,
        'eq' => Operator::Equal, 'ne' => Operator::NotEqual,
    ];

    /**
     * @param string $name   with the module before it
     * @param int    $length signs of the name as it stands
     */
    private function functionOfLibrary(string $name, int $length, Token $token): ?Expression
    {
        $member = str_starts_with($name, 'operator.') ? substr($name, 9) : null;
        if (null !== $member && isset(self::SIGNS[$member])) {
            $this->at += $length;
            [$one, $other] = [new VariableRead('one'), new VariableRead('other')];
            if (!$this->is('(')) {
                return new Lambda(['one', 'other'], new Binary(self::SIGNS[$member], $one, $other));
            }
            $values = $this->valuesIn($token);

            return 2 === \count($values) ? $this->postfix(new Binary(self::SIGNS[$member], $values[0], $values[1])) : $this->fail('unsupported', $token, ['what' => "$member(…)"]);
        }
        if (!\in_array($member, ['itemgetter', 'attrgetter'], true) && 'functools.partial' !== $name) {
            return null;
        }
        $this->at += $length;
        if ('functools.partial' === $name) {
            $function = $this->partial($token);

            return $this->is('(') ? $this->postfix(new MethodCall($function, MethodCall::CALL, $this->valuesIn($token))) : $function;
        }
        $item = new VariableRead('item');
        $got = [];
        foreach ($this->valuesIn($token) as $value) {
            if (!$value instanceof TextLiteral && !$value instanceof NumberLiteral || 'attrgetter' === $member && (!$value instanceof TextLiteral || 1 !== preg_match('/^[A-Za-z_]\w*$/D', $value->value))) {
                $this->fail('unsupported', $token, ['what' => "$member(…)"]);
            }
            $got[] = 'attrgetter' === $member && $value instanceof TextLiteral ? new Field($item, $value->value) : new Item($item, $value);
        }
        if ([] === $got) {
            $this->fail('unsupported', $token, ['what' => "$member(…)"]);
        }

        return new Lambda(['item'], 1 === \count($got) ? $got[0] : new Operation(OperationKey::AsTuple, [new ListLiteral($got)]));
    }

    /** `partial(area, 3)`: the function with its first values given; those that may change later are refused. */
    private function partial(Token $token): Lambda
    {
        $opened = $this->peek();
        if (null === $opened || '(' !== $opened->text) {
            $this->fail('unsupported', $token, ['what' => 'functools.partial']);
        }
        ++$this->at;
        $function = $this->peek()->text ?? '';
        $parameters = $this->functions[$function][2] ?? null;
        $sign = self::SIGNS[str_starts_with($this->imported[$function] ?? '', 'operator.') ? $function : ''] ?? null;
        ++$this->at;
        $given = $this->accept(',') ? $this->arguments($opened) : [];
        $isPlain = [] === array_filter($given, static fn (Argument $argument): bool => !$argument->value instanceof NumberLiteral && !$argument->value instanceof TextLiteral && !$argument->value instanceof TruthLiteral || '*' === $argument->name || '**' === $argument->name);
        $plain = array_values(array_filter($given, static fn (Argument $argument): bool => null === $argument->name));
        $parameters = null !== $sign ? ['one', 'other'] : $parameters;
        if (null === $parameters || !$isPlain || [] === $given || isset($this->rests[$function]) || isset($this->classes[$function]) || \count($plain) > \count($parameters)) {
            $this->fail('unsupported', $token, ['what' => 'functools.partial']);
        }
        $values = [];
        $left = [];
        foreach ($parameters as $index => $parameter) {
            $named = array_values(array_filter($given, static fn (Argument $argument): bool => $argument->name === $parameter));
            $values[] = $plain[$index]->value ?? $named[0]->value ?? new VariableRead($parameter);
            if (!isset($plain[$index]) && [] === $named && $index < ($this->functions[$function][0] ?? 2)) {
                $left[] = $parameter;
            } elseif (!isset($plain[$index]) && [] === $named) {
                // What has a default is left to it.
                array_pop($values);
                break;
            }
        }

        return new Lambda($left, null !== $sign ? new Binary($sign, $values[0], $values[1]) : new OwnValue($function, $values));
    }

    /** @return list<Expression> */
    private function valuesIn(Token $token): array
    {
        $opened = $this->peek();
        if (null === $opened || '(' !== $opened->text) {
            $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        ++$this->at;

        return array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
    }
}
