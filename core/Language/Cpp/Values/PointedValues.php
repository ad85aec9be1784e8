<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\VariableRead;

/** What pointers and iterators point at, and where they are. */
final class PointedValues
{
    /** So many signs back a bracket is looked for that is open. */
    private const FARTHEST = 2000;

    /** What puts a thing of its own into something. */
    private const TAKING = ['push_back', 'emplace_back', 'push', 'insert', 'push_front', 'emplace', 'make_pair', 'make_tuple'];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    public function targetOf(string $name): ?Expression
    {
        return $this->parser->pointsAt[$this->parser->scope][$name] ?? null;
    }

    /** What an iterator points at: `*it`. */
    public function itemAt(string $iterator): Expression
    {
        [$sort, $of] = $this->parser->iterators[$iterator];

        return 'item' === $sort || 'key' === $sort && $this->parser->isOfType($of, '(?:unordered_)?set') ? new VariableRead($iterator) : new Item($of, new VariableRead($iterator));
    }

    /** `*max_element(v.begin(), v.end())`; `*found` is what an optional holds. */
    public function pointed(Token $token): Expression
    {
        $name = $this->parser->peek(1);
        if ('' !== $this->parser->class && 'this' === $name?->text) {
            $this->parser->at += 2;

            return $this->parser->postfix($this->parser->objectCalls->thisObject($name));
        }
        $target = null === $name || $this->parser->is('(', 2) ? null : $this->targetOf($name->text);
        if (null !== $target && null !== $name) {
            $this->parser->at += 2;
            $this->parser->read($name->text, $name->offset);

            return $this->parser->postfix($target);
        }
        $isStepped = null !== $name && \in_array($name->text, ['++', '--'], true) && isset($this->parser->iterators[$this->parser->sign(2) ?? '']);
        if (null !== $name && ($isStepped || isset($this->parser->iterators[$name->text]) && ($this->parser->is('++', 2) || $this->parser->is('--', 2)) || $this->parser->is('(', 1))) {
            [$at, $mistakes] = [$this->parser->at++, \count($this->parser->mistakes)];
            $place = $this->parser->expression(9);
            $item = $this->parser->keyPlaces->pointed($place) ?? $this->parser->places->atPlace($place);
            if (null !== $item) {
                return $this->parser->postfix($item);
            }
            $this->parser->at = $at;
            Parser::cutTo($this->parser->mistakes, $mistakes);
        }
        if (null !== $name && isset($this->parser->iterators[$name->text]) && !$this->parser->is('(', 2)) {
            $this->parser->at += 2;
            $this->parser->read($name->text, $name->offset);

            return $this->parser->postfix($this->itemAt($name->text));
        }
        if (null !== $name && TokenKind::Name === $name->kind && $this->parser->isVariable($name->text) && $this->parser->is('.', 2) && \in_array($this->parser->peek(3)?->text, ['begin', 'rbegin'], true) && $this->parser->is('(', 4) && $this->parser->is(')', 5)) {
            $isLast = $this->parser->is('rbegin', 3);
            $this->parser->at += 6;
            $this->parser->read($name->text, $name->offset);

            return $this->parser->postfix(new Operation($this->parser->isOfType(new VariableRead($name->text), '(?:unordered_|multi)?set') ? ($isLast ? OperationKey::Greatest : OperationKey::Least) : ($isLast ? OperationKey::Last : OperationKey::First), [new VariableRead($name->text)]));
        }
        if ($this->parser->is('std', 1) && $this->parser->is('::', 2)) {
            $this->parser->at += 2;
        }
        $of = $this->parser->peek(1);
        if (TokenKind::Name === $of?->kind && !$this->parser->is('(', 2)) {
            $last = $this->parser->at - 1;
            while ('(' === ($this->parser->tokens[$last]->text ?? '') && \in_array($this->parser->tokens[$last - 1]->text ?? '', ['(', '=', 'return', '{', ','], true)) {
                // Round brackets around it alone.
                --$last;
            }
            $before = $this->parser->tokens[$last]->text ?? '';
            $isTaken = \in_array($before, ['=', 'return', '{'], true) || '(' === $before && \in_array($this->parser->tokens[$last - 1]->text ?? '', self::TAKING, true) || '(' === $before && ($this->makesObject($last - 1) || '>' === ($this->parser->tokens[$last - 2]->text ?? '')) || ',' === $before && ($this->isInBraces($last) || $this->isInTaking($last));
            $around = $this->parser->at - 1 - $last;
            $isWhole = \in_array($this->parser->sign(2 + $around), [';', ')', '}', ','], true) && [] === array_filter(range(1, $around), fn (int $one): bool => 0 < $around && ')' !== $this->parser->sign(1 + $one));
            ++$this->parser->at;
            $thing = $this->parser->expression(9);
            if ($thing instanceof Operation && (OperationKey::Begin === $thing->key || OperationKey::Rbegin === $thing->key)) {
                $isSet = $this->parser->isOfType($thing->arguments[0], '(?:unordered_)?set');
                $ends = $isSet ? [OperationKey::Least, OperationKey::Greatest] : [OperationKey::First, OperationKey::Last];

                return $this->parser->postfix(new Operation($ends[(int) (OperationKey::Rbegin === $thing->key)], $thing->arguments));
            }

            $key = $this->parser->keyPlaces->pointed($thing);
            if (null !== $key) {
                return $this->parser->postfix($key);
            }

            if (TypeNames::read($this->parser->typeOf($thing))->isList()) {
                // An array of C stands for its first item (C++17, 7.2).
                return $this->parser->postfix(new Item($thing, new NumberLiteral(0)));
            }

            $giver = $thing instanceof MethodCall ? $thing->method : ($thing instanceof OwnValue ? $thing->function : null);
            if ($isTaken && null !== $giver && 0 === $around && \in_array($this->parser->sign(), [';', ')', '}', ','], true) && null !== TypeNames::read($this->parser->givenTypes->pointedTo($giver))->class) {
                return new Operation(OperationKey::Followed, [$thing]);
            }

            // What is pointed at is taken as a thing of its own (C++17, 8.3.1).
            return $isTaken && $isWhole && null !== TypeNames::read($this->parser->typeOf($thing))->class ? new Operation(OperationKey::Followed, [$thing]) : $thing;
        }
        $name = $this->parser->peek(1)->text ?? '';
        if (\in_array($name, ['find', 'find_if', 'lower_bound', 'upper_bound'], true) && null !== ($opened = $this->parser->peek(2)) && '(' === $opened->text && !isset($this->parser->symbols->functions[$name])) {
            // What is found; nothing is there where nothing is (C++17, 28.5.5).
            $this->parser->at += 3;
            $found = $this->parser->builtin($name, $this->parser->arguments($opened), $token);
            if ($found instanceof Operation && null !== $spot = self::spot($found)) {
                return $this->parser->postfix(new Item($spot->arguments[0], $spot));
            }
            if ($found instanceof Operation && \in_array($found->key, [OperationKey::Sought, OperationKey::SoughtIf], true)) {
                return $this->parser->postfix(new Item($found->arguments[0], new Operation(OperationKey::Sought === $found->key ? OperationKey::Position : OperationKey::FirstPlace, $found->arguments)));
            }
            $this->parser->fail('unsupported', $token, ['what' => '*'.$name]);
        }
        if (('next' === $name || 'prev' === $name) && $this->parser->is('(', 2) && !isset($this->parser->symbols->functions[$name])) {
            ++$this->parser->at;
            $beside = $this->parser->expression(9);
            $key = $this->parser->keyPlaces->pointed($beside);
            if (null !== $key) {
                return $this->parser->postfix($key);
            }
            $from = $beside instanceof Binary && $beside->left instanceof Operation ? $beside->left : null;
            if (!$beside instanceof Binary || null === $from || !TypeNames::read($this->parser->typeOf($from->arguments[0]))->isList()) {
                $this->parser->fail('unsupported', $token, ['what' => '*'.$name]);
            }

            return $this->parser->postfix(new Item($from->arguments[0], OperationKey::Begin === $from->key ? $beside->right : new Binary(Operator::Subtract, new Operation(OperationKey::Length, $from->arguments), $beside->right)));
        }
        if (!\in_array($name, ['max_element', 'min_element'], true) || !$this->parser->is('(', 2)) {
            $this->parser->fail('unsupported', $token, ['what' => '*']);
        }
        $opened = $this->parser->peek(2) ?? $token;
        $this->parser->at += 3;
        $arguments = $this->parser->arguments($opened);
        $part = 2 === \count($arguments) ? $this->parser->partsOfLists->partOfList($arguments) : null;
        $found = null === $part ? $this->parser->builtin($name, $arguments, $token) : $this->parser->partsOfLists->outermostOf($name, $part);
        $spot = null === $found ? null : self::spot($found);
        if (null !== $spot) {
            return $this->parser->postfix(new Item($spot->arguments[0], $spot));
        }
        if (!$found instanceof Operation || !\in_array($found->key, [OperationKey::GreatestPlace, OperationKey::LeastPlace], true)) {
            $this->parser->fail('unsupported', $token, ['what' => '*'.$name]);
        }

        return $this->parser->postfix(self::foundBy($found));
    }

    /** The item that stands at the place of the greatest or the least. */
    public static function foundBy(Operation $place): Operation
    {
        $isByItself = 1 === \count($place->arguments);
        $key = match (true) {
            OperationKey::GreatestPlace === $place->key => $isByItself ? OperationKey::Greatest : OperationKey::GreatestBy,
            default => $isByItself ? OperationKey::Least : OperationKey::LeastBy,
        };

        return new Operation($key, $place->arguments);
    }

    /** The place that `lower_bound` or `upper_bound` finds, or `max_element` by a function (C++17, 28.7.3 and 28.7.8); null for anything else. */
    public static function spot(Expression $value): ?Operation
    {
        $key = $value instanceof Operation ? [OperationKey::SpotBefore->value => OperationKey::PlaceBefore, OperationKey::SpotBehind->value => OperationKey::PlaceBehind, OperationKey::SpotGreatest->value => OperationKey::PlaceGreatest, OperationKey::SpotLeast->value => OperationKey::PlaceLeast][$value->key->value] ?? null : null;

        return null === $key || !$value instanceof Operation ? null : new Operation($key, $value->arguments);
    }

    /** Such a place, or the name of one. */
    public function spotOrName(Expression $value): ?Expression
    {
        return $value instanceof VariableRead && 'spot' === ($this->parser->iterators[$value->name][0] ?? '') ? $value : self::spot($value);
    }

    /** Whether what stands before a bracket makes an object: `new Bed(`, `make_unique<Bed>(`, `Bed copy(`. */
    private function makesObject(int $at): bool
    {
        $text = $this->parser->tokens[$at]->text ?? '';

        return isset($this->parser->classes->parents['>' === $text ? $this->parser->tokens[$at - 1]->text ?? '' : $text]) || isset($this->parser->classes->parents[$this->parser->tokens[$at - 1]->text ?? '']);
    }

    /** Whether a comma stands in the brackets of a call that puts what it is handed into something. */
    private function isInTaking(int $comma): bool
    {
        for ($at = $comma - 1; $at > 0 && $comma - $at < self::FARTHEST; --$at) {
            $text = $this->parser->tokens[$at]->text;
            if (isset($this->parser->partners[$at]) && $this->parser->partners[$at] < $at) {
                $at = $this->parser->partners[$at];
            } elseif ('(' === $text) {
                return \in_array($this->parser->tokens[$at - 1]->text, self::TAKING, true) || '>' === ($this->parser->tokens[$at - 2]->text ?? '');
            } elseif (\in_array($text, [';', '{', '}'], true)) {
                return false;
            }
        }

        return false;
    }

    /** Whether the innermost bracket that is open there holds a list. */
    private function isInBraces(int $at): bool
    {
        for ($last = max(0, $at - self::FARTHEST); $at > $last; --$at) {
            $text = $this->parser->tokens[$at]->text;
            if (\in_array($text, [')', ']', '}'], true)) {
                $at = $this->parser->partners[$at] ?? $at;
            } elseif (\in_array($text, ['(', '[', '{', ';'], true)) {
                return '{' === $text;
            }
        }

        return false;
    }

    /** Whether both sides of a sign are written as pointers at objects that say when they are equal. */
    public function arePointers(Expression $left, Expression $right, int $sign): bool
    {
        if (!isset($this->parser->classes->methodNames['@equal'])) {
            return false;
        }
        for ($at = $this->parser->at - 1; $at > 0 && $this->parser->tokens[$at]->offset > $sign; --$at) {
        }
        for ($from = $at - 1; $from > 1 && \in_array($this->parser->tokens[$from - 1]->text, ['.', '->'], true); $from -= 2) {
        }

        return $this->isPointer($left, $from - 1) && $this->isPointer($right, $at);
    }

    /** Whether what stands behind a token points at something, and is not followed there. */
    private function isPointer(Expression $value, int $before): bool
    {
        $around = [$this->parser->tokens[$before]->text ?? '', $this->parser->tokens[$before + 1]->text ?? ''];

        return !\in_array('*', $around, true) && ('this' === $around[1] || \in_array('&', $around, true) || 1 === preg_match('/\*(?: ?const)?(?: ?&)?$/D', $this->parser->typeOf($value)));
    }
}
