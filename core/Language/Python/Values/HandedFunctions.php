<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Functions that are handed over by name and asked for several values each time (The Python Standard Library 3.11, map, operator). */
final class HandedFunctions
{
    private const SIGNS = [
        'mul' => Operator::Multiply, 'sub' => Operator::Subtract, 'truediv' => Operator::TrueDivide, 'floordiv' => Operator::FloorDivide, 'mod' => Operator::FloorRemainder,
        'pow' => Operator::Power, 'add' => Operator::Add, 'lt' => Operator::Less, 'le' => Operator::LessOrEqual, 'gt' => Operator::Greater, 'ge' => Operator::GreaterOrEqual,
        'eq' => Operator::Equal, 'ne' => Operator::NotEqual,
    ];
    private const OF_LANGUAGE = ['max', 'min', 'pow', 'round', 'divmod', 'int', 'isinstance', 'range', 'zip'];

    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /** The sign that a function of `operator` stands for, by its name with the module before it. */
    public static function sign(string $name): ?Operator
    {
        return str_starts_with($name, 'operator.') ? self::SIGNS[substr($name, 9)] ?? null : null;
    }

    /**
     * `map(max, xs, ys)`: of several lists, what stands at the same place in all; null where one list is gone through.
     */
    public function mappedOver(): ?Expression
    {
        $opened = $this->parser->peek(1);
        $closing = $this->parser->closingOf($this->parser->at + 1);
        $commas = 0;
        for ($at = $this->parser->at + 2; null !== $closing && $at < $closing; ++$at) {
            $commas += ',' === $this->parser->tokens[$at]->text && ')' !== $this->parser->tokens[$at + 1]->text ? 1 : 0;
            if ('lambda' === $this->parser->tokens[$at]->text && TokenKind::Keyword === $this->parser->tokens[$at]->kind) {
                for (; $at < $closing && ':' !== $this->parser->tokens[$at]->text; ++$at) {
                }
            }
            $isOpened = TokenKind::Sign === $this->parser->tokens[$at]->kind && \in_array($this->parser->tokens[$at]->text, ['(', '[', '{'], true);
            $at = $isOpened ? $this->parser->closingOf($at) ?? $closing : $at;
        }
        if (null === $opened || 2 > $commas) {
            return null;
        }
        $this->parser->at += 2;
        $token = $this->parser->peek() ?? $opened;
        $isSmall = 'lambda' === $token->text;
        $function = $isSmall ? $this->parser->expression() : null;
        $names = $isSmall ? [] : $this->dotted();
        $parameters = $function instanceof Lambda ? $function->parameters : array_map(static fn (int $place): string => "item_$place", range(1, $commas));
        if (!$this->parser->accept(',') || $isSmall && !$function instanceof Lambda || \count($parameters) !== $commas) {
            $this->parser->fail('unsupported', $opened, ['what' => 'map(…, …, …)']);
        }
        $arguments = $this->parser->arguments($opened);
        $lists = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $value = $function instanceof Lambda ? $function->value : $this->asked($names, array_map(static fn (string $name): VariableRead => new VariableRead($name), $parameters), $token);
        if (null === $value || \count($lists) !== $commas || [] !== array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name)) {
            $this->parser->fail('unsupported', $opened, ['what' => 'map(…, …, …)']);
        }
        $variable = ExpressionParser::pairIn($value, ...$lists);
        $parts = array_map(static fn (int $place): Expression => new Item(new VariableRead($variable), new NumberLiteral($place)), array_flip($parameters));
        $over = 2 === $commas ? new Operation(OperationKey::Paired, $lists) : new Operation(OperationKey::Turned, [new ListLiteral($lists)]);

        return $this->parser->postfix(new Collected(Walk::mapExpression($value, static fn (Expression $part): Expression => $part instanceof VariableRead ? $parts[$part->name] ?? $part : $part), $variable, $over));
    }

    /** @return list<string> the names that stand here with points between them */
    public function dotted(): array
    {
        $names = [];
        do {
            $token = $this->parser->peek();
            if (null === $token || TokenKind::Name !== $token->kind) {
                return [];
            }
            $names[] = $token->text;
            ++$this->parser->at;
        } while ($this->parser->accept('.'));

        return $names;
    }

    /**
     * What a function gives for some values; null for what is not known.
     *
     * @param list<string>     $names  its name, behind the module that has it
     * @param list<Expression> $values
     */
    public function asked(array $names, array $values, Token $token): ?Expression
    {
        $name = $names[0] ?? '';
        if (2 === \count($names)) {
            $sign = $this->parser->isVariable($name) ? null : self::sign(($this->parser->aliases[$name] ?? $name).'.'.$names[1]);

            return null === $sign || 2 !== \count($values) ? null : new Binary($sign, $values[0], $values[1]);
        }
        if (1 !== \count($names)) {
            return null;
        }
        if (isset($this->parser->symbols->functions[$name]) || $this->parser->isVariable($name)) {
            $known = $this->parser->symbols->functions[$name] ?? null;
            $isFitting = null === $known || !isset($this->parser->symbols->rests[$name]) && $known[0] <= \count($values) && $known[1] >= \count($values);
            $isFitting && $this->parser->read($name, $token->offset);

            return $isFitting ? new OwnValue($name, $values) : null;
        }
        if (isset($this->parser->classes->parents[$name])) {
            return new MakeObject($name, $values);
        }
        $sign = self::sign($this->parser->imported[$name] ?? '');
        if (null !== $sign) {
            return 2 === \count($values) ? new Binary($sign, $values[0], $values[1]) : null;
        }

        return \in_array($name, self::OF_LANGUAGE, true) ? $this->parser->called(new Token(TokenKind::Name, $name, $token->offset), array_map(static fn (Expression $value): Argument => new Argument($value, $token->offset, $token->offset + \strlen($token->text)), $values)) : null;
    }

    /**
     * `partial(area, 3)`: a function with its first values given, and some by name. They are found when it is made (The Python
     * Standard Library 3.11, functools).
     */
    public function partial(Token $token): Expression
    {
        $opened = $this->parser->peek();
        if (null === $opened || !$this->parser->accept('(')) {
            $this->parser->fail('unsupported', $token, ['what' => 'functools.partial']);
        }
        $names = $this->dotted();
        $given = $this->parser->accept(',') ? $this->parser->arguments($opened) : [];
        $plain = array_filter($given, static fn (Argument $argument): bool => null === $argument->name);
        $named = array_column(array_filter($given, static fn (Argument $argument): bool => null !== $argument->name && !str_starts_with($argument->name, '*')), null, 'name');
        $function = 1 === \count($names) ? $names[0] : '';
        [$least, , $parameters] = $this->parser->symbols->functions[$function] ?? [2, 2, ['one', 'other']];
        $isOwn = isset($this->parser->symbols->functions[$function]) && !isset($this->parser->symbols->rests[$function]) && !isset($this->parser->classes->parents[$function]);
        $isKnown = $isOwn || [] === $named && 2 > \count($plain) && (null !== self::sign(2 === \count($names) ? ($this->parser->aliases[$names[0]] ?? $names[0]).'.'.$names[1] : $this->parser->imported[$function] ?? '') || 'pow' === $function);
        if (!$isKnown || [] === $given || \count($plain) + \count($named) !== \count($given) || \count($plain) > \count($parameters) || [] !== array_diff(array_keys($named), \array_slice($parameters, \count($plain)))) {
            $this->parser->fail('unsupported', $token, ['what' => 'functools.partial']);
        }
        $values = $left = $kept = [];
        foreach ($parameters as $index => $parameter) {
            $value = ($plain[$index] ?? $named[$parameter] ?? null)?->value;
            if (null === $value && $index >= $least) {
                // What has a default is left to it.
                break;
            }
            if (null === $value) {
                $left[] = $parameter;
                $values[] = new VariableRead($parameter);
            } elseif ($value instanceof NumberLiteral || $value instanceof TextLiteral || $value instanceof TruthLiteral) {
                $values[] = $value;
            } else {
                $kept[$parameter.'_given'] = $value;
                $values[] = new VariableRead($parameter.'_given');
            }
        }
        $made = $this->asked($names, $values, $token);
        if (null === $made || \count($plain) + \count($named) + \count($left) > \count($values)) {
            $this->parser->fail('unsupported', $token, ['what' => 'functools.partial']);
        }
        $made = new Lambda($left, $made);

        return [] === $kept ? $made : new MethodCall(new Lambda(array_keys($kept), $made), MethodCall::CALL, array_values($kept));
    }
}
