<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Signs that stand between values and are words, and slices. */
final class Comparisons
{
    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /** One comparison, or several in a row: `1 < x < 9` holds if each one does. */
    public function comparison(Expression $left): Expression
    {
        $all = null;
        $tests = [];
        for ($terms = 1;; ++$terms) {
            if ($terms > Bounds::TERMS) {
                $this->parser->fail('many_terms', null, ['most' => Bounds::TERMS]);
            }
            $sign = $this->parser->sign();
            $negates = false;
            if ('not' === $sign && $this->parser->is('in', 1)) {
                ++$this->parser->at;
                $sign = 'in';
                $negates = true;
            } elseif ('not' === $sign || null === $sign || !isset(PythonExpressions::COMPARISONS[$sign]) && 'in' !== $sign && 'is' !== $sign) {
                return 1 < \count($tests) ? $this->chained($tests) ?? $all ?? $left : $all ?? $left;
            }
            $token = $this->parser->peek();
            ++$this->parser->at;
            if ('is' === $sign && $this->parser->accept('not')) {
                $negates = true;
            }
            if ('=' === $this->parser->sign() && \in_array($sign, ['<', '>', '=', '!'], true)) {
                $this->parser->fail('signs_apart', $token);
            }
            $offset = $this->parser->offset();
            $right = $this->parser->expression(6);
            if (($right instanceof NothingLiteral || $left instanceof NothingLiteral) && isset(PythonExpressions::COMPARISONS[$sign]) && !\in_array($sign, ['==', '!='], true)) {
                $this->parser->mistake('compare_nothing', $offset, $this->parser->endOffset() - $offset);
            }
            if ('in' === $sign) {
                $test = new Operation(OperationKey::Contains, [$right, $left]);
                $test = $negates ? new Unary(UnaryOperator::Not, $test) : $test;
            } elseif ('is' === $sign) {
                $isPlain = static fn (Expression $side): bool => $side instanceof NothingLiteral;
                $kind = $this->ofKind($left, $right);
                $test = $isPlain($left) || $isPlain($right) || null !== $kind
                    ? new Binary($negates ? Operator::NotEqual : Operator::Equal, $kind[0] ?? $left, $kind[1] ?? $right)
                    : ($negates ? new Unary(UnaryOperator::Not, new Operation(OperationKey::Identical, [$left, $right])) : new Operation(OperationKey::Identical, [$left, $right]));
            } else {
                [$left, $right] = $this->ofKind($left, $right) ?? [$left, $right];
                $areSets = static fn (Expression $side): bool => $side instanceof Operation && \in_array($side->key, [OperationKey::Keys, OperationKey::SetOf], true);
                if (('==' === $sign || '!=' === $sign) && $areSets($left) && $areSets($right)) {
                    // The keys of a map are alike as those of a set are (The Python Standard Library, "Dictionary view objects").
                    [$left, $right] = array_map(static fn (Expression $side): Expression => $side instanceof Operation && OperationKey::Keys === $side->key ? new Operation(OperationKey::SetOf, [$side]) : $side, [$left, $right]);
                }
                $test = new Binary(PythonExpressions::COMPARISONS[$sign], $left, $right);
            }
            $all = null === $all ? $test : new Binary(Operator::And, $all, $test);
            $tests[] = [$left, $test, $right];
            $left = $right;
        }
    }

    /**
     * `1 < asked() < 9`: what stands between two signs is found once (The Python Language Reference, 6.10).
     *
     * @param non-empty-list<array{Expression, Expression, Expression}> $tests what is compared, how, and with what
     *
     * @return Expression|null null where finding it twice makes no difference
     */
    private function chained(array $tests): ?Expression
    {
        $between = array_map(static fn (array $test): Expression => $test[2], \array_slice($tests, 0, -1));
        if ([] === array_filter($between, fn (Expression $one): bool => !$this->parser->isSteady($one))) {
            return null;
        }
        [$left, $test, $right] = array_shift($tests);
        if ([] === $tests) {
            return $test;
        }
        [$one, $other] = [new VariableRead($this->parser->nameFor('left')), new VariableRead($this->parser->nameFor('between'))];
        // What follows has the same value on its left side.
        $tests[0] = [$other, self::beside($tests[0][1], $right, $other), $tests[0][2]];
        $rest = $this->chained($tests) ?? array_reduce(array_column($tests, 1), static fn (?Expression $all, Expression $next): Expression => null === $all ? $next : new Binary(Operator::And, $all, $next));
        $both = new Binary(Operator::And, self::beside(self::beside($test, $left, $one), $right, $other), $rest ?? $test);

        return new MethodCall(new Lambda([$one->name, $other->name], $both), MethodCall::CALL, [$left, $right]);
    }

    /** A comparison in which another value stands for one of the two. */
    private static function beside(Expression $test, Expression $was, Expression $value): Expression
    {
        return $test === $was ? $value : $test->withOperands(array_map(static fn (Expression $operand): Expression => $operand === $was ? $value : ($operand instanceof Operation || $operand instanceof Binary || $operand instanceof Unary ? self::within($operand, $was, $value) : $operand), $test->operands()));
    }

    /** In `not (x in all)` what is compared stands one further in. */
    private static function within(Expression $operand, Expression $was, Expression $value): Expression
    {
        $operands = array_map(static fn (Expression $inner): Expression => $inner === $was ? $value : $inner, $operand->operands());

        return $operands === $operand->operands() ? $operand : $operand->withOperands($operands);
    }

    /**
     * `type(bed) == str`: by the names of both.
     *
     * @return array{Expression, Expression}|null
     */
    private function ofKind(Expression $left, Expression $right): ?array
    {
        if (!$left instanceof Operation || OperationKey::Kind !== $left->key || !$right instanceof VariableRead || !isset($this->parser->classes->parents[$right->name]) && !\in_array($right->name, ['int', 'float', 'str', 'bool', 'list', 'dict', 'tuple', 'set'], true)) {
            return null;
        }

        return [new Operation(OperationKey::KindName, $left->arguments), new TextLiteral($right->name)];
    }

    public function sliced(Expression $container, Expression $from, Token $opened): Expression
    {
        $to = $this->parser->is(']') || $this->parser->is(':') ? new NothingLiteral() : $this->parser->expression();
        if ($this->parser->accept(':')) {
            $step = $this->parser->is(']') ? new NumberLiteral(1) : $this->parser->expression();
            $this->parser->close($opened);
            if ($step instanceof NumberLiteral && -1 === $step->value && $from instanceof NothingLiteral && $to instanceof NothingLiteral) {
                return new Operation(OperationKey::Backwards, [$container]);
            }

            return 1 == ($step instanceof NumberLiteral ? $step->value : 0) ? new Slice($container, $from, $to) : new Operation(OperationKey::Stepped, [$container, $from, $to, $step]);
        }
        $this->parser->close($opened);

        return new Slice($container, $from, $to);
    }
}
