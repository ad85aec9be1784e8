<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Lists, maps and sets, and loops within them. */
final class Comprehensions
{
    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    public function grouped(Token $opened): Expression
    {
        ++$this->parser->at;
        if ($this->parser->accept(')')) {
            return new Operation(OperationKey::AsTuple, [new ListLiteral([])]);
        }
        $collected = $this->collected($opened);
        if (null !== $collected) {
            return $collected;
        }
        if ($this->parser->is('*')) {
            $items = $this->items([], ')');
            $this->parser->close($opened);

            return new Operation(OperationKey::AsTuple, [$items]);
        }
        $value = $this->parser->expression();
        if (!$this->parser->is(',')) {
            $this->parser->close($opened);
            $back = $value instanceof Operation && OperationKey::Given === $value->key ? Given::change($value) : null;
            // `(n := n + 1) - 1` is what n was before.
            if (null !== $back && $back->right == new NumberLiteral(1) && $this->parser->is(Operator::Add === $back->operator ? '-' : '+') && $this->parser->is('1', 1)) {
                $this->parser->at += 2;

                return new Operation(OperationKey::GivenAfter, $value->arguments);
            }

            return $value;
        }
        ++$this->parser->at;
        $items = $this->items([$value], ')');
        $this->parser->close($opened);

        return new Operation(OperationKey::AsTuple, [$items]);
    }

    public function list(Token $opened): Expression
    {
        ++$this->parser->at;
        if ($this->parser->accept(']')) {
            return new ListLiteral([]);
        }
        $collected = $this->collected($opened);
        if (null !== $collected) {
            return $collected;
        }
        $items = $this->items([], ']');
        $this->parser->close($opened);

        return $items;
    }

    /**
     * Values up to a closing bracket; those of another list behind a star are put between them (The Python Language Reference, 6.2.5).
     *
     * @param list<Expression> $items that stand before
     */
    private function items(array $items, string $close): Expression
    {
        $spread = null;
        while (!$this->parser->is($close)) {
            if ($this->parser->is(',')) {
                $this->parser->fail('extra_comma', null, [], [new Replacement($this->parser->offset(), 1, '')]);
            }
            if ($this->parser->accept('*')) {
                $more = $this->parser->expression(6);
                $more = $more instanceof ListLiteral || $more instanceof Collected ? $more : new Operation(OperationKey::AsList, [$more]);
                $spread = null === $spread && [] === $items ? $more : new Operation(OperationKey::Concatenated, [null === $spread ? new ListLiteral($items) : ([] === $items ? $spread : new Operation(OperationKey::Concatenated, [$spread, new ListLiteral($items)])), $more]);
                $items = [];
            } else {
                $items[] = $this->parser->expression();
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        if (null !== $spread) {
            return [] === $items ? $spread : new Operation(OperationKey::Concatenated, [$spread, new ListLiteral($items)]);
        }

        return new ListLiteral($items);
    }

    /** `[value for name in list if condition]`: the name means something only inside. */
    public function collected(Token $opened): ?Expression
    {
        for ($ahead = 0; null !== ($token = $this->parser->peek($ahead)) && ('for' !== $token->text || TokenKind::Keyword !== $token->kind); ++$ahead) {
            if ('lambda' === $token->text && TokenKind::Keyword === $token->kind) {
                // Commas between its parameters are its own.
                while (null !== $this->parser->peek($ahead) && !$this->parser->is(':', $ahead)) {
                    $ahead = ($this->parser->is('(', $ahead) || $this->parser->is('[', $ahead) || $this->parser->is('{', $ahead) ? ($this->parser->closingOf($this->parser->at + $ahead) ?? $this->parser->until) - $this->parser->at : $ahead) + 1;
                }
                continue;
            }
            if (TokenKind::Sign !== $token->kind) {
                continue;
            }
            if (\in_array($token->text, ['(', '[', '{'], true)) {
                // Inner brackets are passed over at once, or nested ones would be gone over again and again.
                $closing = $this->parser->closingOf($this->parser->at + $ahead);
                if (null === $closing) {
                    return null;
                }
                $ahead = $closing - $this->parser->at;
            } elseif (\in_array($token->text, [')', ']', '}', ','], true)) {
                return null;
            }
        }
        if (null === $token) {
            return null;
        }
        for ($at = $this->parser->at, $end = $this->parser->closingOf($this->parser->indexOf($opened) ?? $at) ?? $at; $at < $end; ++$at) {
            if (':=' === $this->parser->tokens[$at]->text && TokenKind::Name === $this->parser->tokens[$at - 1]->kind) {
                // What a condition names stands before it, in the value (The Python Language Reference, 6.12).
                $this->parser->write($this->parser->tokens[$at - 1]->text, $opened->offset);
            }
        }
        $known = $this->parser->symbols->writes[$this->parser->scope] ?? [];
        $names = $this->namesOfLoops($ahead);
        foreach ($names as $name => $offset) {
            $this->parser->symbols->writes[$this->parser->scope][$name] ??= $offset;
        }
        [$ahead, $this->parser->ahead] = [$this->parser->ahead, null];
        $value = $this->parser->functionNames->printedValue() ?? $this->parser->expression(1);
        if ('{' === $opened->text) {
            $isSet = !$this->parser->accept(':');
            $value = $isSet ? $value : new ListLiteral([$value, $this->parser->expression(1)]);
        }
        $made = $this->loops_($value);
        $this->parser->ahead = $ahead;
        foreach ($this->parser->symbols->reads as $index => $use) {
            if (isset($names[$use->name]) && !isset($known[$use->name]) && $use->offset > $opened->offset) {
                unset($this->parser->symbols->reads[$index]);
            }
        }
        $this->parser->symbols->writes[$this->parser->scope] = $known;
        $this->parser->close($opened);

        return '{' === $opened->text ? new Operation($isSet ?? false ? OperationKey::SetOf : OperationKey::MapOf, [$made]) : $made;
    }

    /** @return array<string, int> the names that the loops of a comprehension give values, and where */
    private function namesOfLoops(int $ahead): array
    {
        $names = [];
        for (; null !== $token = $this->parser->peek($ahead); ++$ahead) {
            if (TokenKind::Sign === $token->kind && \in_array($token->text, [')', ']', '}'], true)) {
                break;
            }
            if (TokenKind::Sign === $token->kind && \in_array($token->text, ['(', '[', '{'], true)) {
                $ahead = ($this->parser->closingOf($this->parser->at + $ahead) ?? $this->parser->until) - $this->parser->at;
                continue;
            }
            for ($isLoop = 'for' === $token->text; $isLoop && null !== ($name = $this->parser->peek($ahead + 1)) && 'in' !== $name->text; ++$ahead) {
                if (TokenKind::Name === $name->kind) {
                    $names[$name->text] = $name->offset;
                }
            }
        }

        return $names;
    }

    /** `for name in list if condition`, perhaps with another such loop in it (The Python Language Reference, 6.2.4). */
    private function loops_(Expression $value): Expression
    {
        if (!$this->parser->accept('for')) {
            $this->parser->fail('unexpected');
        }
        $isGrouped = $this->parser->is('(') && (null === ($closing = $this->parser->closingOf($this->parser->at)) || 'in' === ($this->parser->tokens[$closing + 1]->text ?? ''));
        $this->parser->at += (int) $isGrouped;
        $pair = new VariableRead('pair');
        $names = $this->places_($pair);
        $isGrouped && $this->parser->accept(')');
        if ([] === $names || !$this->parser->accept('in')) {
            $this->parser->fail([] === $names ? 'name_missing' : 'in_missing');
        }
        if (self::seesTurns($value, $names, false)) {
            // All of them see the last turn (The Python Language Reference, 4.2.2).
            $this->parser->fail('unsupported', null, ['what' => 'lambda … for']);
        }
        // What stands before is meant by them, and not by a function of that name further down.
        $row = $this->parser->rowStart();
        $this->parser->symbols->wanted = array_values(array_filter($this->parser->symbols->wanted, static fn (Token $token): bool => $token->offset < $row || !isset($names[$token->text])));
        $over = $this->parser->expression(2);
        $condition = $this->parser->accept('if') ? $this->parser->expression(2) : null;
        while (null !== $condition && $this->parser->accept('if')) {
            $condition = new Binary(Operator::And, $condition, $this->parser->expression(2));
        }
        $inner = $this->parser->is('for') ? $this->loops_($value) : null;
        $value = $inner ?? $value;
        $variable = (string) array_key_first($names);
        if (1 < \count($names)) {
            $variable = ExpressionParser::pairIn(...array_filter([$value, $condition]));
            $renamed = static fn (Expression $part): Expression => $part == $pair ? new VariableRead($variable) : $part;
            $names = array_map(static fn (Expression $place): Expression => Walk::mapExpression($place, $renamed), $names);
            $put = static fn (Expression $part): Expression => $part instanceof VariableRead ? $names[$part->name] ?? $part : $part;
            $value = Walk::mapExpression($value, $put);
            $condition = null === $condition ? null : Walk::mapExpression($condition, $put);
        }
        $made = new Collected($value, $variable, $over, $condition);

        return null === $inner ? $made : new Operation(OperationKey::Flattened, [$made]);
    }

    /**
     * Whether a small function in a value reads what a loop gives to a name.
     *
     * @param array<string, mixed> $names
     */
    private static function seesTurns(Expression $value, array $names, bool $isInside): bool
    {
        if ($value instanceof VariableRead) {
            return $isInside && isset($names[$value->name]);
        }
        if ($value instanceof Lambda) {
            [$names, $isInside] = [array_diff_key($names, array_flip($value->parameters)), true];
        }
        // What is called there and then sees its own turn.
        $isKept = $isInside || $value instanceof ListLiteral || $value instanceof MapLiteral || $value instanceof MethodCall && $value->object instanceof Lambda || $value instanceof Operation && OperationKey::AsTuple === $value->key;
        foreach ($isKept ? $value->operands() : [] as $part) {
            if (self::seesTurns($part, $names, $isInside)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Names that get the parts of an item, `a, b` or `i, (a, b)`.
     *
     * @return array<string, Expression> which part each gets
     */
    private function places_(Expression $of): array
    {
        $names = [];
        for ($index = 0; null !== $name = $this->parser->peek(); ++$index) {
            if ($this->parser->is('(')) {
                ++$this->parser->at;
                $names += $this->places_(new Item($of, new NumberLiteral($index)));
                $this->parser->close($name);
            } elseif (TokenKind::Name === $name->kind) {
                ++$this->parser->at;
                $names[$name->text] = new Item($of, new NumberLiteral($index));
            } elseif ($this->parser->is('*') && TokenKind::Name === ($rest = $this->parser->peek(1))?->kind && !$this->parser->is(',', 2)) {
                // The last name gets all that is left, as a list (The Python Language Reference, 7.2).
                $this->parser->at += 2;
                $names[$rest->text] = new Operation(OperationKey::AsList, [new Slice($of, new NumberLiteral($index), new NothingLiteral())]);
            } else {
                break;
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }

        return $names;
    }

    public function map(Token $opened): Expression
    {
        ++$this->parser->at;
        $entries = [];
        $collected = $this->parser->is('}') ? null : $this->collected($opened);
        if (null !== $collected) {
            return $collected;
        }
        $before = null;
        while (!$this->parser->is('}')) {
            if ($this->parser->is('*') && null === $before && [] === $entries) {
                return $this->set([], $opened);
            }
            if ($this->parser->accept('**')) {
                // All of another map, which what stands behind it may replace (The Python Language Reference, 6.2.7).
                $other = $this->parser->expression();
                $made = null === $before ? ([] === $entries ? null : new MapLiteral($entries)) : ([] === $entries ? $before : new Operation(OperationKey::Merged, [$before, new MapLiteral($entries)]));
                $before = null === $made ? new Operation(OperationKey::Copied, [$other]) : new Operation(OperationKey::Merged, [$made, $other]);
                $entries = [];
                if (!$this->parser->accept(',')) {
                    break;
                }
                continue;
            }
            $entries[] = $this->parser->expression();
            if (null === $before && 1 === \count($entries) && ($this->parser->is(',') || $this->parser->is('}'))) {
                return $this->set($entries, $opened);
            }
            if (!$this->parser->accept(':')) {
                $this->parser->is(',') || $this->parser->is('}') ? $this->parser->fail('unexpected', $this->parser->peek()) : $this->parser->fail('colon_in_map', null, [], [new Replacement($this->parser->endOffset(), 0, ':')]);
            }
            $entries[] = $this->parser->expression();
            if ($this->parser->is('for')) {
                $this->parser->fail('unsupported', $opened, ['what' => '{… for …}']);
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);
        if (null !== $before) {
            return [] === $entries ? $before : new Operation(OperationKey::Merged, [$before, new MapLiteral($entries)]);
        }

        return new MapLiteral($entries);
    }

    /**
     * `{3, 5}`: The Python Language Reference, 6.2.6.
     *
     * @param list<Expression> $items
     */
    private function set(array $items, Token $opened): Operation
    {
        $all = array_map(static fn (Expression $item): Argument => new Argument($item, 0, 0), $items);
        while (([] === $all || $this->parser->accept(',')) && !$this->parser->is('}')) {
            $star = $this->parser->accept('*') ? '*' : null;
            $all[] = new Argument($this->parser->expression(), 0, 0, $star);
        }
        $this->parser->close($opened);

        return new Operation(OperationKey::SetOf, [$this->parser->inOneTuple($all)]);
    }
}
