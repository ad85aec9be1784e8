<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/**
 * `move(beds)`: what is moved elsewhere is left as if there were nothing: pointers point nowhere, texts and containers are
 * empty (C++17, 23.11.1.2.1; for texts and containers as g++ has it). Where nobody looks at it again, it is the value itself.
 */
final class MovedValues
{
    /** What takes a value over for itself, whatever it is. */
    private const TAKING = ['push_back', 'push_front', 'push', 'emplace_back', 'emplace_front', 'emplace', 'insert', 'make_pair', 'make_tuple'];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** @param Token $word `move`, behind which the place was read */
    public function moved(Expression $place, Token $word): Expression
    {
        $place = $this->lastAsPlace($place);
        $type = TypeNames::read($this->parser->typeOf($place));
        $empty = self::emptyOf($type);
        $at = $this->parser->indexOf($word);
        $at = null !== $at && 'std' === $word->text ? $at + 2 : $at;
        if (TypeKind::Object === $type->kind && !Given::isPlace($place) && $this->parser->saysItGoes($type->class ?? '')) {
            $this->parser->fail('unsupported', $word, ['what' => 'move(…)']);
        }
        if (null === $empty || null === $at || !Given::isPlace($place) || $place instanceof VariableRead && !$this->isSeenAgain($place->name, $at) && !$this->parser->saysItGoes($type->class ?? '')) {
            return $place;
        }
        $scope = $this->parser->scope;
        // What stands around a small function would be taken away in there.
        $isAround = $place instanceof VariableRead && '' !== $scope && !isset($this->parser->declared[$scope][$place->name]) && !isset($this->parser->types[$scope][$place->name]);
        if ($isAround || !$this->isTakenOver($at, $type)) {
            $this->parser->fail('unsupported', $word, ['what' => 'move(…)']);
        }

        if ($place instanceof VariableRead) {
            $this->parser->write($place->name, $word->offset);
        }

        return new Operation(OperationKey::Moved, [$place, $empty]);
    }

    /** `beds.back()` where what is said of places is needed: the item before the end. */
    private function lastAsPlace(Expression $place): Expression
    {
        $list = $place instanceof Operation && OperationKey::Last === $place->key ? $place->arguments[0] : null;
        $isOwned = null !== $list && Given::isPlace($list) && $this->parser->saysItGoes(TypeNames::read($this->parser->typeOf($place))->class ?? '');

        return $isOwned ? new Item($list, new Binary(Operator::Subtract, new Operation(OperationKey::Length, [$list]), new NumberLiteral(1))) : $place;
    }

    private static function emptyOf(StaticType $type): ?Expression
    {
        return match (true) {
            TypeKind::Object === $type->kind => new NothingLiteral(),
            TypeKind::Text === $type->kind => new TextLiteral(''),
            $type->isList() && [] === $type->parts => new ListLiteral([]),
            $type->isMap() => new MapLiteral([]),
            default => null,
        };
    }

    /** Whether a variable is looked at behind this place in its function, or around it in a loop, before it gets another value. */
    private function isSeenAgain(string $name, int $at): bool
    {
        [$loop, $end] = $this->around($at);
        $closing = $this->parser->partners[$at + 1] ?? $at + 1;
        for ($index = $closing; $index < $end; ++$index) {
            if ($this->isVariable($name, $index)) {
                return !$this->isGivenAnew($index);
            }
        }
        for ($index = $loop; $index < $at; ++$index) {
            if ($this->isVariable($name, $index)) {
                // What each turn declares anew is none of the turn before.
                return !$this->isGivenAnew($index) && !$this->isDeclared($index);
            }
        }

        return false;
    }

    /** @return array{int, int} where the outermost loop of the function begins in which this place lies, or the place itself; and where the function ends */
    private function around(int $at): array
    {
        $loop = $end = null;
        foreach ($this->parser->tokens as $brace => $token) {
            if ($brace >= $at) {
                break;
            }
            $closing = '{' === $token->text ? $this->parser->partners[$brace] ?? null : null;
            if (null === $closing || $closing < $at) {
                continue;
            }
            $head = $this->headOf($brace);
            if (null === $end && [] !== array_intersect($head, ['class', 'struct', 'namespace'])) {
                continue;
            }
            // The outermost: what stands in further braces is looked at behind them as well.
            $end ??= $closing;
            $loop ??= [] !== array_intersect($head, ['for', 'while', 'do']) ? $brace : null;
        }

        return [$loop ?? $at, $end ?? $this->endOfMaker($at)];
    }

    /** Where what makes an object ends, behind what it gives to fields: `Bed(string plant) : plant(move(plant)) { … }`. */
    private function endOfMaker(int $at): int
    {
        for ($index = $at; isset($this->parser->tokens[$index]) && ';' !== $this->parser->tokens[$index]->text; ++$index) {
            $isOpened = \in_array($this->parser->tokens[$index]->text, ['(', '{'], true);
            if ('{' === $this->parser->tokens[$index]->text && \in_array($this->parser->tokens[$index - 1]->text, [')', '}'], true)) {
                return $this->parser->partners[$index] ?? $index;
            }
            $index = $isOpened ? $this->parser->partners[$index] ?? $index : $index;
        }

        return $index;
    }

    /** @return list<string> the signs before a brace, back to where its row begins */
    private function headOf(int $brace): array
    {
        $head = [];
        for ($at = $brace - 1; $at >= 0 && !\in_array($this->parser->tokens[$at]->text, ['{', '}', ';'], true); --$at) {
            $head[] = $this->parser->tokens[$at]->text;
        }
        // The parts of `for (…; …; …)` are divided by semicolons.
        $open = ')' === ($this->parser->tokens[$brace - 1]->text ?? '') ? $this->parser->partners[$brace - 1] ?? null : null;

        return null === $open ? $head : [...$head, $this->parser->tokens[$open - 1]->text ?? ''];
    }

    private function isVariable(string $name, int $at): bool
    {
        return $name === $this->parser->tokens[$at]->text && !\in_array($this->parser->tokens[$at - 1]->text ?? '', ['.', '->', '::'], true);
    }

    private function isGivenAnew(int $at): bool
    {
        $next = $this->parser->tokens[$at + 1]->text ?? '';

        return '=' === $next && \in_array($this->parser->tokens[$at - 1]->text ?? '', [';', '{', '}', ')'], true) || '.' === $next && 'clear' === ($this->parser->tokens[$at + 2]->text ?? '');
    }

    private function isDeclared(int $at): bool
    {
        return !\in_array($this->parser->tokens[$at - 1]->text ?? '', ['(', ',', ';', '{', '}', '=', '!', '*', 'return', '<<', '>>', '&&', '||'], true);
    }

    /** Whether the text shows that what is moved becomes something else's own: it is given to a place, back, or to a container. */
    private function isTakenOver(int $at, StaticType $type): bool
    {
        $before = 'std' === ($this->parser->tokens[$at - 2]->text ?? '') ? $at - 3 : $at - 1;
        $sign = $this->parser->tokens[$before]->text ?? '';
        $called = $this->parser->tokens[$before - 1]->text ?? '';
        if (\in_array($sign, ['=', 'return'], true)) {
            return true;
        }
        if (TypeKind::Object === $type->kind) {
            // What only refers to it leaves it to its owner.
            $refers = '\b(?:unique|shared)_ptr\s*<[^;(){}]*>\s*(?:const\s*)?&';

            return '(' === $sign && \in_array($called, self::TAKING, true) || 1 !== preg_match('(' === $sign ? '/\b'.preg_quote($called, '/')."\s*\([^;{}]*$refers/" : "/$refers/", $this->parser->text);
        }

        return '(' === $sign && \in_array($called, self::TAKING, true) || '(' === $sign && 1 === preg_match('/^(?:\w|>)+$/D', $this->parser->tokens[$before - 2]->text ?? '') && !\in_array($this->parser->tokens[$before - 2]->text, ['return', 'else', 'throw', 'new'], true);
    }
}
