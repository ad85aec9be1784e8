<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Values;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Language\JavaScript\JavaScriptExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Functions of the language and of its modules. */
final class LibraryFunctions
{
    public function __construct(private readonly JavaScriptExpressions $parser)
    {
    }

    /**
     * What a call of a function means that no table has.
     *
     * @param list<Argument> $arguments
     */
    public function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $first = $values[0] ?? null;
        if ('console.error' === $name || 'console.warn' === $name) {
            $joined = array_shift($values) ?? new TextLiteral('');
            foreach ($values as $value) {
                $joined = new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $value);
            }

            return new Operation(OperationKey::Complain, [$joined]);
        }
        if ('console.table' === $name && (1 === $count || 2 === $count)) {
            return $this->parser->transient(OperationKey::Console, [new Operation(OperationKey::Tabled, $values)]);
        }
        if (\in_array($name, ['console.log', 'console.info', 'console.debug'], true)) {
            foreach ($arguments as $argument) {
                if ($argument->value instanceof CommandValue && !Catalogue::get($argument->value->command)->value) {
                    $this->parser->failAt('no_value', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->value->command]);
                }
            }

            $isFormed = 1 < $count && $first instanceof TextLiteral && 1 === preg_match('/%[sdifjoOc%]/', $first->value);
            if ($isFormed && (12 < $count || str_contains($first->value, '%o') || [] !== array_filter(array_column($arguments, 'name')))) {
                $this->parser->failAt('unsupported', $arguments[0]->offset, $arguments[0]->end - $arguments[0]->offset, ['what' => 'console.log("%…", …)']);
            }

            foreach ($arguments as $argument) {
                $written = substr($this->parser->text, $argument->offset, max(0, $argument->end - $argument->offset));
                if (1 === preg_match('/\.(?:(keys|values|entries)\(\s*\)|matchAll\([^()]*\))$/D', rtrim($written), $match) && !isset($this->parser->classes->methodNames[$match[1] ?? ''])) {
                    // What goes over something shows as that, not as what it goes over.
                    $this->parser->failAt('unsupported', $argument->offset, max(1, \strlen($written)), ['what' => 'console.log(… .'.($match[1] ?? 'matchAll').'())']);
                }
            }

            // What follows goes into the gaps of the text (the Console standard, 2.2).
            return $this->parser->transient(OperationKey::Console, $isFormed ? [new Operation(OperationKey::Logged, $values)] : $this->parser->namedArguments->handed($arguments));
        }
        if (('Math.max' === $name || 'Math.min' === $name) && 0 === $count) {
            // Of nothing (ECMAScript 2022, 21.3.2.24).
            return 'Math.min' === $name ? new Operation(OperationKey::Infinity, []) : new Unary(UnaryOperator::Negate, new Operation(OperationKey::Infinity, []));
        }
        if ('Math.max' === $name || 'Math.min' === $name) {
            if (1 === $count && '...' === $arguments[0]->name) {
                return new Operation('Math.max' === $name ? OperationKey::Greatest : OperationKey::Least, [$first]);
            }

            if (\in_array('...', array_column($arguments, 'name'), true)) {
                return new Operation('Math.max' === $name ? OperationKey::Greatest : OperationKey::Least, [$this->parser->inOneList($arguments)]);
            }

            return 2 <= $count ? new Operation('Math.max' === $name ? OperationKey::Larger : OperationKey::Smaller, $values) : null;
        }
        if ('isFinite' === $name && 1 === $count && null !== $first && !isset($this->parser->symbols->functions['isFinite'])) {
            // Of what is made a number first (ECMA-262, 19.2.2).
            return new Operation(OperationKey::IsFinite, [new Operation(OperationKey::ToNumber, [$first])]);
        }
        if ('Math.pow' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::Power, $first, $values[1]);
        }
        if ('String.fromCharCode' === $name && 1 < $count) {
            return new Operation(OperationKey::Joined, [new ListLiteral(array_map(static fn (Expression $value): Expression => new Operation(OperationKey::Letter, [$value]), $values)), new TextLiteral('')]);
        }
        if ('randomBetween' === $name && 2 === $count && null !== $first) {
            return new RandomWhole($first, $values[1]);
        }
        if (('floorDiv' === $name || 'floorMod' === $name) && 2 === $count && null !== $first) {
            return new Binary('floorDiv' === $name ? Operator::FloorDivide : Operator::FloorRemainder, $first, $values[1]);
        }
        if (('parseInt' === $name || 'Number.parseInt' === $name) && 2 === $count && null !== $first) {
            return $values[1] instanceof NumberLiteral && 10 === $values[1]->value ? new Operation(OperationKey::ToWhole, [$first]) : new Operation(OperationKey::FromBase, $values);
        }
        if ('Number.parseInt' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::ToWhole, [$first]);
        }
        if ('Object.freeze' === $name && 1 === $count && null !== $first && null === $arguments[0]->name && !$this->parser->isStrict() && 1 !== preg_match('/\bclass\b/', $this->parser->text)) {
            // What is given to a frozen thing is lost without a word, where the language is not strict (ECMA-262, 10.1.9.2).
            return new Operation(OperationKey::Frozen, [$first]);
        }
        if ('Object.isFrozen' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::IsFrozen, [$first]);
        }
        if ('Object.assign' === $name && 1 < $count && null !== $first && !\in_array('...', array_column($arguments, 'name'), true)) {
            if ($first instanceof MapLiteral) {
                return array_reduce(\array_slice($values, 1), static fn (Expression $all, Expression $more): Expression => new Operation(OperationKey::Merged, [$all, $more]), $first);
            }

            if (2 !== $count) {
                return null;
            }
            // What is given more is found once, and is what is given back (ECMA-262, 20.1.2.1).
            $isPlace = $first instanceof VariableRead || $this->parser->isSteady($first);
            $target = $isPlace ? $first : new VariableRead('made');
            $given = new Operation(OperationKey::After, [new Operation(OperationKey::Update, [$target, $values[1]]), $target]);

            return $isPlace ? $given : new MethodCall(new Lambda(['made'], $given), MethodCall::CALL, [$first]);
        }
        if ('Array' === $name && 1 === $count && null !== $first) {
            // A list of so many places without anything in them can be gone over, but shows as what it is.
            $isSpread = '...' === ($this->textBefore('Array') ?? '');
            if ($isSpread && !$this->parser->is('.') || $this->parser->is('.') && ($this->parser->is('keys', 1) || $this->parser->is('join', 1))) {
                return new Operation(OperationKey::Filled, [$first, new NothingLiteral(true)]);
            }
        }
        if ('Array' === $name && 1 === $count && null !== $first && $this->parser->is('.') && $this->parser->is('fill', 1) && null !== $fill = $this->parser->peek(2)) {
            $this->parser->at += 3;

            return new Operation(OperationKey::Filled, [$first, $this->parser->arguments($fill)[0]->value ?? new NothingLiteral()]);
        }
        if ('Array' === $name && !isset($this->parser->symbols->functions['Array'])) {
            if ([] !== array_filter(array_column($arguments, 'name'))) {
                $this->parser->fail('unsupported', $token, ['what' => 'Array(…)']);
            }

            return 1 === $count ? new Operation(OperationKey::Gapped, $values) : new ListLiteral($values);
        }
        if ('Array.isArray' === $name && 1 === $count && null !== $first) {
            return new KindTest($first, '@list');
        }
        if ('Array.of' === $name && [] === array_filter(array_column($arguments, 'name'))) {
            return new ListLiteral($values);
        }
        if ('Array.from' === $name && 1 === $count && $first instanceof MapLiteral) {
            if (2 !== \count($first->entries) || $first->entries[0] != new TextLiteral('length')) {
                $this->parser->fail('unsupported', $token, ['what' => 'Array.from({ … })']);
            }

            return new Operation(OperationKey::Filled, [$first->entries[1], new NothingLiteral(true)]);
        }
        if ('Array.from' === $name && 2 === $count && null !== $first && $values[1] instanceof Lambda) {
            return $this->madeList($first, $values[1], $token);
        }
        if ('require' === $name && 1 === $count && $first instanceof TextLiteral && \in_array($first->value, ['fs', 'node:fs'], true) && $this->parser->is('.') && null !== ($call = $this->parser->sign(1)) && $this->parser->is('(', 2) && null !== $opened = $this->parser->peek(2)) {
            $this->parser->at += 3;

            return $this->parser->fileCallOf($call, $this->parser->arguments($opened), $token);
        }
        $timer = ['setTimeout' => OperationKey::Later, 'setInterval' => OperationKey::AgainAndAgain, 'clearTimeout' => OperationKey::CalledOff, 'clearInterval' => OperationKey::CalledOff][$name] ?? null;
        if (null !== $timer && null !== $first && !$first instanceof TextLiteral && (OperationKey::CalledOff !== $timer || 1 === $count)) {
            $given = \array_slice($values, 2);
            if ([] !== array_filter($given, static fn (Expression $value): bool => !$value instanceof NumberLiteral && !$value instanceof TextLiteral && !$value instanceof TruthLiteral)) {
                $this->parser->fail('unsupported', $token, ['what' => $name.'(…, …, …)']);
            }
            if ([] !== $given) {
                $first = new Lambda([], $first instanceof FunctionReference ? new OwnValue($first->function, $given) : new MethodCall($first, MethodCall::CALL, $given));
            }

            return new Operation($timer, OperationKey::CalledOff === $timer ? $values : [$first, $values[1] ?? new NumberLiteral(0)]);
        }
        if (\in_array($name, ['alert', 'setTimeout', 'setInterval', 'fetch', 'require', 'eval'], true)) {
            $this->parser->fail('unsupported', $token, ['what' => $name.'()']);
        }
        if ('print' === $name) {
            $this->parser->fail('foreign_word', $token, ['word' => 'print', 'near' => 'console.log'], [new Replacement($token->offset, 5, 'console.log')]);
        }
        if ('len' === $name || 'str' === $name || 'int' === $name || 'range' === $name || 'input' === $name || 'float' === $name) {
            $near = ['len' => '.length', 'str' => 'String', 'int' => 'parseInt', 'range' => 'for (let i = 0; …)', 'input' => 'prompt', 'float' => 'parseFloat'][$name];
            $this->parser->fail('foreign_word', $token, ['word' => $name, 'near' => $near], 1 === preg_match('/^[a-zA-Z]+$/D', $near) ? [new Replacement($token->offset, \strlen($name), $near)] : []);
        }

        return null;
    }

    /** `Array.from({ length: 3 }, (_, place) => …)`. */
    private function madeList(Expression $size, Lambda $lambda, Token $token): Expression
    {
        if (!$size instanceof MapLiteral && 1 === \count($lambda->parameters)) {
            return new Collected($lambda->value, $lambda->parameters[0], new Operation(OperationKey::Copied, [$size]));
        }
        if (!$size instanceof MapLiteral || 2 !== \count($size->entries) || $size->entries[0] != new TextLiteral('length')) {
            $this->parser->fail('unsupported', $token, ['what' => 'Array.from(…)']);
        }

        return new Collected($lambda->value, $lambda->parameters[1] ?? 'turn', new Operation(OperationKey::Numbers, [new NumberLiteral(0), $size->entries[1], new NumberLiteral(1)]));
    }

    /** Whether two places are known to stand in order, none before the start. */
    public static function areInOrder(Expression $from, Expression $to): bool
    {
        if ($from instanceof NumberLiteral && $to instanceof NumberLiteral) {
            return 0 <= $from->value && $from->value <= $to->value;
        }
        if ($from instanceof VariableRead) {
            return $to instanceof Binary && Operator::Add === $to->operator && $to->left == $from && $to->right instanceof NumberLiteral && $to->right->value >= 0 || $to instanceof Operation && OperationKey::Length === $to->key;
        }

        return $from instanceof NumberLiteral && 0 === $from->value && $to instanceof Operation && \in_array($to->key, [OperationKey::Length, OperationKey::Position], true);
    }

    /** What stands before the last name of this kind that was read. */
    private function textBefore(string $name): ?string
    {
        for ($index = $this->parser->at - 1; $index > 0; --$index) {
            if ($this->parser->tokens[$index]->text === $name) {
                return $this->parser->tokens[$index - 1]->text;
            }
        }

        return null;
    }

    /** Functions of the language's own that are handed over by their name: `rows.map(Object.values)`. */
    public function libraryFunction(): ?Lambda
    {
        $ends = $this->parser->peek(3)?->text;
        $key = ')' === $ends || ',' === $ends ? [
            'Object.keys' => OperationKey::Keys, 'Object.values' => OperationKey::Values, 'Math.abs' => OperationKey::Absolute, 'Math.round' => OperationKey::Rounded, 'Math.floor' => OperationKey::Floor, 'Math.ceil' => OperationKey::Ceiling, 'Math.sqrt' => OperationKey::Root, 'Math.trunc' => OperationKey::ToWhole,
            'Number.isInteger' => OperationKey::IsWhole, 'Number.isFinite' => OperationKey::IsFinite, 'Number.isNaN' => OperationKey::IsNan, 'JSON.stringify' => OperationKey::Json, 'JSON.parse' => OperationKey::FromJson,
        ][($this->parser->peek()->text ?? '').($this->parser->peek(1)->text ?? '').($this->parser->peek(2)->text ?? '')] ?? null : null;
        $ends = $this->parser->peek(1)?->text;
        $short = null === $key && (')' === $ends || ',' === $ends) && !$this->parser->isVariable($this->parser->peek()->text ?? '') ? ['String' => OperationKey::ToText, 'Number' => OperationKey::ToNumber, 'Boolean' => OperationKey::ToTruth][$this->parser->peek()->text ?? ''] ?? null : null;
        $key ??= $short;
        if (null === $key) {
            return null;
        }
        $this->parser->at += null === $short ? 3 : 1;

        return new Lambda(['item'], new Operation($key, [new VariableRead('item')]));
    }
}
