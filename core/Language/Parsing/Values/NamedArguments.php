<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Values;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;

/** Values that are given by name, or all at once, to functions of the program. */
final class NamedArguments
{
    public function __construct(private readonly ExpressionParser $parser)
    {
    }

    /**
     * What is given by names that no parameter has, in one map.
     *
     * @param list<string>   $parameters
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    private function withNamedRest(string $function, array $parameters, array $arguments): array
    {
        $name = $this->parser->namedRests[$function] ?? null;
        if (null === $name) {
            return $arguments;
        }
        $entries = $kept = [];
        $last = $arguments[array_key_last($arguments) ?? 0] ?? null;
        if ('**' === $last?->name && [] === array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name && !\in_array($argument->name, ['*', '**'], true))) {
            // They are handed on as a whole, in a map of their own (The Python Language Reference, 6.3.4).
            return [...\array_slice($arguments, 0, -1), new Argument(new Operation(OperationKey::Copied, [$last->value]), $last->offset, $last->end, $name)];
        }
        foreach ($arguments as $argument) {
            if ('**' === $argument->name) {
                $this->parser->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => '**…']);
            }
            if (null === $argument->name || '*' === $argument->name || $argument->name !== $name && \in_array($argument->name, $parameters, true)) {
                $kept[] = $argument;
            } else {
                array_push($entries, new TextLiteral($argument->name), $argument->value);
            }
        }

        return [...$kept, new Argument(new MapLiteral($entries), $this->parser->endOffset(), $this->parser->endOffset(), $name)];
    }

    /**
     * What is given to a function, all that goes beyond its own parameters in one list.
     *
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public function packed(string $function, array $arguments): array
    {
        $at = $this->parser->symbols->rests[$function] ?? null;
        if (null === $at) {
            return $arguments;
        }
        $given = array_values(array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name || '*' === $argument->name || '...' === $argument->name));
        $named = array_values(array_filter($arguments, static fn (Argument $argument): bool => !\in_array($argument, $given, true)));
        foreach (\array_slice($given, 0, $at) as $one) {
            if (null !== $one->name) {
                // How many of the first parameters it fills, and how much is left for the rest, shows only when it runs.
                $this->parser->failAt('unsupported', $one->offset, $one->end - $one->offset, ['what' => "{$one->name}…"]);
            }
        }
        $more = \array_slice($given, $at);
        $list = null;
        foreach ($more as $one) {
            $item = null === $one->name ? new ListLiteral([$one->value]) : new Operation(OperationKey::AsList, [$one->value]);
            $list = match (true) {
                null === $list => $item,
                $list instanceof ListLiteral && $item instanceof ListLiteral => new ListLiteral([...$list->items, ...$item->items]),
                default => new Operation(OperationKey::Concatenated, [$list, $item]),
            };
        }
        $list ??= new ListLiteral([]);
        $first = $more[0] ?? null;
        $last = $more[\count($more) - 1] ?? null;
        if (\count($given) < $at && [] === $named) {
            return $given;
        }
        // Behind parameters that are given by their names, or have a default, it needs its own.
        $rest = \count($given) < $at ? $this->parser->symbols->functions[$function][2][$at] ?? null : null;

        return [...\array_slice($given, 0, $at), new Argument($this->parser->facts->tuples ? new Operation(OperationKey::AsTuple, [$list]) : $list, $first->offset ?? $this->parser->endOffset(), $last->end ?? $this->parser->endOffset(), $rest), ...$named];
    }

    /**
     * The arguments of an own function in the order of its parameters.
     *
     * @param list<Argument> $arguments
     *
     * @return list<Expression>
     */
    public function ownArguments(Token $token, array $arguments): array
    {
        [$least, $most, $parameters] = $this->parser->symbols->functions[$token->text];
        $isSpread = [] !== array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name);
        for ($index = \count($arguments); !$isSpread && $index < $least && $this->parser->mayBeLeftOut($token->text, $index); ++$index) {
            $arguments[] = new Argument(new NothingLiteral(true), $token->offset, $token->offset + \strlen($token->text));
        }
        if (\count($arguments) < $least || \count($arguments) > $most) {
            $this->parser->mistake(\count($arguments) < $least ? 'few_arguments' : 'many_arguments', $token->offset, \strlen($token->text), ['name' => $token->text, 'wanted' => \count($arguments) < $least ? $least : $most, 'given' => \count($arguments)]);
        }

        return $this->inOrderOf($parameters, $this->packed($token->text, $this->withNamedRest($token->text, $parameters, $arguments)));
    }

    /**
     * @param list<string>   $parameters
     * @param list<Argument> $arguments
     *
     * @return list<Expression>
     */
    public function inOrderOf(array $parameters, array $arguments): array
    {
        $values = [];
        $named = [];
        foreach ($arguments as $argument) {
            if (null === $argument->name) {
                $values[] = $argument->value;
            } elseif (\in_array($argument->name, $parameters, true)) {
                $named[$argument->name] = $argument->value;
            } elseif (\in_array($argument->name, ['*', '**', '...'], true)) {
                $this->parser->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => "{$argument->name}…"]);
            } else {
                $near = Names::nearest($argument->name, $parameters);
                $this->parser->failAt('no_such_parameter', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->name, 'near' => $near ?? ($parameters[0] ?? '')]);
            }
        }
        for ($index = \count($values); [] !== $named && $index < \count($parameters); ++$index) {
            // What is left out has its default, as has what is not defined in JavaScript (ECMA-262, 10.2.11).
            $values[] = $named[$parameters[$index]] ?? new NothingLiteral(true);
            unset($named[$parameters[$index]]);
        }

        return $values;
    }

    /**
     * Whether all items of a list are given to parameters of their own, not to the one for all the others.
     *
     * @param list<Argument> $arguments
     */
    public function isSpread(string $function, array $arguments): bool
    {
        foreach ($arguments as $index => $argument) {
            if (('*' === $argument->name || '...' === $argument->name) && $index < ($this->parser->symbols->rests[$function] ?? \PHP_INT_MAX)) {
                return true;
            }
            if ('**' === $argument->name && (!isset($this->parser->namedRests[$function]) || $index < \count($arguments) - 1 || [] !== array_diff(array_values(array_diff_key($this->parser->symbols->functions[$function][2] ?? [], isset($this->parser->symbols->rests[$function]) ? [$this->parser->symbols->rests[$function] => true] : [])), [$this->parser->namedRests[$function]]))) {
                // Some of it may be for parameters that have a name.
                return true;
            }
            if (null !== $argument->name && isset($this->parser->classes->parents[$function]) && ExpressionParser::UNLIMITED - 1 <= ($this->parser->symbols->functions[$function][1] ?? 0)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Argument> $arguments
     *
     * @return list<Expression> as they are handed over; all items of a list as values of their own
     */
    public function handed(array $arguments): array
    {
        return array_map(fn (Argument $argument): Expression => match (true) {
            '*' === $argument->name, '...' === $argument->name => new Operation(OperationKey::Spread, [$argument->value]),
            '**' === $argument->name => new Operation(OperationKey::ByNames, [$argument->value]),
            null !== $argument->name && $this->parser->facts->namesArguments => new Operation(OperationKey::ByName, [new TextLiteral($argument->name), $argument->value]),
            default => $argument->value,
        }, $arguments);
    }

    /**
     * Where nobody knows how many values are handed over in order, a name can't be given its place among them.
     *
     * @param list<Argument> $arguments
     */
    public function refuseNames(array $arguments): void
    {
        foreach ($arguments as $argument) {
            if (null !== $argument->name && '*' !== $argument->name && '...' !== $argument->name) {
                $this->parser->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => "*…, $argument->name=…"]);
            }
        }
    }
}
