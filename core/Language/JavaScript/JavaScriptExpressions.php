<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Expressions: ECMAScript 2022, clause 13. */
abstract class JavaScriptExpressions extends BraceExpressions
{
    private const OPERATORS = [
        '||' => [2, Operator::Or], '&&' => [3, Operator::And],
        '===' => [4, Operator::Equal], '!==' => [4, Operator::NotEqual], '==' => [4, Operator::Equal], '!=' => [4, Operator::NotEqual],
        '<' => [5, Operator::Less], '<=' => [5, Operator::LessOrEqual], '>' => [5, Operator::Greater], '>=' => [5, Operator::GreaterOrEqual],
        '+' => [7, Operator::Add], '-' => [7, Operator::Subtract],
        '*' => [8, Operator::Multiply], '/' => [8, Operator::TrueDivide], '%' => [8, Operator::TruncRemainder],
    ];

    public function language(): Language
    {
        return Language::JavaScript;
    }

    protected function operators(): array
    {
        return self::OPERATORS;
    }

    protected function ownPrefix(Token $token): ?Expression
    {
        switch ($token->text) {
            case '[':
                return $this->postfix($this->list($token));
            case '{':
                return $this->postfix($this->map($token));
            case 'null':
            case 'undefined':
                ++$this->at;

                return new NothingLiteral('undefined' === $token->text);
            case 'new':
                return $this->newArray($token);
            case 'await':
                ++$this->at;

                return $this->expression(9);
            case 'typeof':
            case 'this':
            case 'function':
            case 'class':
            case 'super':
                $this->fail('unsupported', $token, ['what' => $token->text]);
                // no break
            case '/':
                $this->fail('unsupported', $token, ['what' => '/…/']);
                // no break
            case 'of':
            case 'from':
                return $this->named($token);
        }

        return null;
    }

    private function newArray(Token $token): Expression
    {
        $fitting = FittingKind::ofClass($this->sign(1) ?? '');
        if (null !== $fitting && $this->is('(', 2)) {
            $opened = $this->peek(2) ?? $token;
            $this->at += 3;
            $sockets = $this->arguments($opened);
            if (\count($sockets) !== $fitting->sockets()) {
                $this->fail(\count($sockets) < $fitting->sockets() ? 'few_arguments' : 'many_arguments', $opened, ['name' => $fitting->value, 'wanted' => $fitting->sockets(), 'given' => \count($sockets)]);
            }

            return $this->postfix(new Operation($fitting->value, array_map(static fn (Argument $argument): Expression => $argument->value, $sockets)));
        }
        if (!$this->is('Array', 1) || !$this->is('(', 2)) {
            $this->fail('unsupported', $token, ['what' => 'new '.($this->peek(1)->text ?? '')]);
        }
        $opened = $this->peek(2) ?? $token;
        $this->at += 3;
        $arguments = $this->arguments($opened);
        if (1 === \count($arguments) && $this->is('.') && $this->is('fill', 1) && null !== $fill = $this->peek(2)) {
            $this->at += 3;
            $values = $this->arguments($fill);

            return $this->postfix(new Operation('filled', [$arguments[0]->value, $values[0]->value ?? new NothingLiteral()]));
        }
        if ([] === $arguments) {
            return $this->postfix(new ListLiteral([]));
        }
        $this->fail('unsupported', $token, ['what' => 'new Array(…)']);
    }

    private function list(Token $opened): Expression
    {
        ++$this->at;
        $items = [];
        $spread = null;
        while (!$this->is(']')) {
            if ($this->is(',')) {
                $this->fail('extra_comma', null, [], [new Replacement($this->offset(), 1, '')]);
            }
            if ($this->accept('...')) {
                $more = $this->expression();
                $spread = null === $spread && [] === $items ? new Operation('copied', [$more])
                    : new Operation('concatenated', [$this->gathered($spread, $items), $more]);
                $items = [];
            } else {
                $items[] = $this->expression();
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);
        if (null === $spread) {
            return new ListLiteral($items);
        }
        $all = $this->gathered($spread, $items);

        return $all instanceof Operation && 'concatenated' === $all->key && $all->arguments[0] instanceof Operation && 'copied' === $all->arguments[0]->key
            ? new Operation('concatenated', [$all->arguments[0]->arguments[0], $all->arguments[1]])
            : $all;
    }

    /** @param list<Expression> $items */
    private function gathered(?Expression $spread, array $items): Expression
    {
        if (null === $spread) {
            return new ListLiteral($items);
        }

        return [] === $items ? $spread : new Operation('concatenated', [$spread, new ListLiteral($items)]);
    }

    private function map(Token $opened): Expression
    {
        ++$this->at;
        $entries = $parts = [];
        while (!$this->is('}')) {
            $key = $this->peek();
            if (null === $key) {
                $this->neverClosed($opened);
            }
            if ($this->accept('...')) {
                if ([] !== $entries) {
                    $parts[] = new MapLiteral($entries);
                    $entries = [];
                }
                $parts[] = $this->expression();
                if (!$this->accept(',')) {
                    break;
                }
                continue;
            }
            if (TokenKind::Name === $key->kind || TokenKind::Keyword === $key->kind) {
                ++$this->at;
                $entries[] = new TextLiteral($key->text);
                if ($this->is(',') || $this->is('}')) {
                    $this->read($key->text, $key->offset);
                    $entries[] = new VariableRead($key->text);
                    $this->accept(',');
                    continue;
                }
            } elseif ('[' === $key->text && TokenKind::Sign === $key->kind) {
                ++$this->at;
                $entries[] = $this->expression();
                $this->close($key);
            } else {
                $entries[] = $this->expression();
            }
            if (!$this->accept(':')) {
                $this->fail('colon_in_map', null, [], [new Replacement($this->endOffset(), 0, ':')]);
            }
            $entries[] = $this->expression();
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);

        if ([] === $parts) {
            return new MapLiteral($entries);
        }
        if ([] !== $entries) {
            $parts[] = new MapLiteral($entries);
        }
        $map = array_shift($parts);

        return [] === $parts ? new Operation('copied', [$map]) : array_reduce($parts, static fn (Expression $before, Expression $part): Expression => new Operation('merged', [$before, $part]), $map);
    }

    protected function literal(Token $token): Expression
    {
        if ('`' !== $token->text[0]) {
            return new TextLiteral($this->quoted($token));
        }
        $inner = substr($token->text, 1, str_ends_with($token->text, '`') && 1 < \strlen($token->text) ? -1 : null);
        if (!str_ends_with($token->text, '`') || 1 === \strlen($token->text)) {
            $this->fail('quote_missing', $token, ['quote' => '`']);
        }
        $parts = [];
        $text = '';
        for ($at = 0; $at < \strlen($inner); ++$at) {
            if ('\\' === $inner[$at]) {
                $text .= $inner[$at].($inner[++$at] ?? '');
                continue;
            }
            if ('$' !== $inner[$at] || '{' !== ($inner[$at + 1] ?? '')) {
                $text .= $inner[$at];
                continue;
            }
            $depth = 1;
            $start = $at + 2;
            for ($end = $start; $end < \strlen($inner) && $depth > 0; ++$end) {
                $depth += '{' === $inner[$end] ? 1 : ('}' === $inner[$end] ? -1 : 0);
            }
            if ($depth > 0) {
                $this->failAt('bracket_missing', $token->offset + $at + 1, 2, ['opened' => '${', 'wanted' => '}']);
            }
            if ('' !== $text) {
                $parts[] = new TextLiteral(self::unescaped($text));
                $text = '';
            }
            $parts[] = $this->embedded(substr($inner, $start, $end - 1 - $start), $token->offset + 1 + $start);
            $at = $end - 1;
        }
        if ('' !== $text) {
            $parts[] = new TextLiteral(self::unescaped($text));
        }
        if ([] === $parts) {
            return new TextLiteral('');
        }
        $isAlone = 1 === \count($parts);
        $joined = array_shift($parts);
        foreach ($parts as $part) {
            $joined = new Binary(Operator::Join, $joined, $part);
        }

        return !$isAlone || $joined instanceof TextLiteral ? $joined : new Binary(Operator::Join, new TextLiteral(''), $joined);
    }

    protected function grouped(Token $opened): Expression
    {
        $closing = $this->closingOf($this->at);
        if (null !== $closing && '=>' === ($this->tokens[$closing + 1]->text ?? '')) {
            $names = [];
            for ($index = $this->at + 1; $index < $closing; ++$index) {
                if (\in_array($this->tokens[$index]->text, ['=', '...', '{', '['], true)) {
                    $this->fail('unsupported', $this->tokens[$index], ['what' => '(… '.$this->tokens[$index]->text.' …) => …']);
                }
                if (TokenKind::Name === $this->tokens[$index]->kind) {
                    $names[] = $this->tokens[$index]->text;
                }
            }
            $this->at = $closing + 1;

            return $this->arrow($names);
        }

        return parent::grouped($opened);
    }

    protected function named(Token $token): Expression
    {
        if ($this->is('=>', 1)) {
            ++$this->at;

            return $this->arrow([$token->text]);
        }

        return parent::named($token);
    }

    /** @param list<string> $names */
    private function arrow(array $names): Expression
    {
        $token = $this->peek();
        ++$this->at;
        if ($this->is('{')) {
            $this->fail('unsupported', $token, ['what' => '=> { … }']);
        }

        return new Lambda($names, $this->inLambda(fn (): Expression => $this->expression(1), ...$names));
    }

    protected function special(Expression $left, int $around, int $offset): ?Expression
    {
        $sign = $this->sign();
        if ('**' === $sign && 10 >= $around) {
            ++$this->at;

            return new Binary(Operator::Power, $left, $this->expression(9));
        }
        if ('??' === $sign && 2 >= $around) {
            $token = $this->peek();
            ++$this->at;
            $other = $this->expression(3);

            return $left instanceof Item ? new Operation('value_or', [$left->container, $left->index, $other]) : $this->fail('unsupported', $token, ['what' => '??']);
        }
        if ('in' === $sign && 5 >= $around) {
            ++$this->at;

            return new Operation('contains', [$this->expression(6), $left]);
        }

        return parent::special($left, $around, $offset);
    }

    protected function argument(): Argument
    {
        if ($this->is('...')) {
            $offset = $this->offset();
            ++$this->at;

            return new Argument($this->expression(), $offset, $this->endOffset(), '...');
        }

        return parent::argument();
    }

    protected function knows(string $object): bool
    {
        return \in_array($object, ['Math', 'console', 'Object', 'String', 'Array', 'process', 'Number'], true);
    }

    protected function extraMembers(string $object): array
    {
        return ['console' => ['log'], 'Math' => ['pow', 'min', 'max']][$object] ?? [];
    }

    protected function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $first = $values[0] ?? null;
        if ('console.log' === $name || 'console.info' === $name) {
            foreach ($arguments as $argument) {
                if ($argument->value instanceof CommandValue && !Catalogue::get($argument->value->command)->value) {
                    $this->failAt('no_value', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->value->command]);
                }
            }

            if (1 < $count && $first instanceof TextLiteral && 1 === preg_match('/%[sdifjoOc]/', $first->value, $sign)) {
                // What follows goes into the gaps of the text (the Console standard, 2.2).
                $this->failAt('unsupported', $arguments[0]->offset, $arguments[0]->end - $arguments[0]->offset, ['what' => "console.log(\"$sign[0]\", …)"]);
            }

            return $this->transient('console', $values);
        }
        if ('Math.max' === $name || 'Math.min' === $name) {
            if (1 === $count && '...' === $arguments[0]->name && null !== $first) {
                return new Operation('Math.max' === $name ? 'greatest' : 'least', [$first]);
            }

            return 2 <= $count ? new Operation('Math.max' === $name ? 'larger' : 'smaller', $values) : null;
        }
        if ('Math.pow' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::Power, $first, $values[1]);
        }
        if ('randomBetween' === $name && 2 === $count && null !== $first) {
            return new RandomWhole($first, $values[1]);
        }
        if (('floorDiv' === $name || 'floorMod' === $name) && 2 === $count && null !== $first) {
            return new Binary('floorDiv' === $name ? Operator::FloorDivide : Operator::FloorRemainder, $first, $values[1]);
        }
        if (('parseInt' === $name || 'Number.parseInt' === $name) && 2 === $count && null !== $first) {
            return $values[1] instanceof NumberLiteral && 10 === $values[1]->value ? new Operation('to_whole', [$first]) : new Operation('from_base', $values);
        }
        if ('Array' === $name && 1 === $count && null !== $first && $this->is('.') && $this->is('fill', 1) && null !== $fill = $this->peek(2)) {
            $this->at += 3;

            return new Operation('filled', [$first, $this->arguments($fill)[0]->value ?? new NothingLiteral()]);
        }
        if ('Array.from' === $name && 2 === $count && null !== $first && $values[1] instanceof Lambda) {
            return $this->madeList($first, $values[1], $token);
        }
        if (\in_array($name, ['alert', 'setTimeout', 'setInterval', 'fetch', 'require', 'eval'], true)) {
            $this->fail('unsupported', $token, ['what' => $name.'()']);
        }
        if ('print' === $name) {
            $this->fail('foreign_word', $token, ['word' => 'print', 'near' => 'console.log'], [new Replacement($token->offset, 5, 'console.log')]);
        }
        if ('len' === $name || 'str' === $name || 'int' === $name || 'range' === $name || 'input' === $name || 'float' === $name) {
            $near = ['len' => '.length', 'str' => 'String', 'int' => 'parseInt', 'range' => 'for (let i = 0; …)', 'input' => 'prompt', 'float' => 'parseFloat'][$name];
            $this->fail('foreign_word', $token, ['word' => $name, 'near' => $near], 1 === preg_match('/^[a-zA-Z]+$/D', $near) ? [new Replacement($token->offset, \strlen($name), $near)] : []);
        }

        return null;
    }

    protected function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        $second = $arguments[1]->value ?? null;
        switch ($name) {
            case 'write':
                if ($receiver instanceof Item && $receiver->index instanceof TextLiteral && 'stdout' === $receiver->index->value && null !== $first) {
                    return $this->transient('stdout', [$first]);
                }
                break;
            case 'at':
            case 'charAt':
                if (1 === $count && null !== $first) {
                    return new Item($receiver, $first);
                }
                break;
            case 'substring':
                if (null !== $first && null !== $second && !self::areInOrder($first, $second)) {
                    return new Operation('substring', [$receiver, $first, $second]);
                }
                // no break
            case 'slice':
                if (null !== $first) {
                    return new Slice($receiver, $first instanceof NumberLiteral && 0 === $first->value && null === $second ? new NothingLiteral() : self::bare($first, null === $second), $second ?? new NothingLiteral());
                }

                return new Operation('copied', [$receiver]);
            case 'sort':
                return $this->sorted($receiver, $first, $token);
            case 'reverse':
                if ($receiver instanceof Operation && 'copied' === $receiver->key) {
                    return new Operation('backwards', $receiver->arguments);
                }
                $down = $receiver instanceof Operation ? ['sort' => 'sort_down', 'sorted' => 'sorted_down', 'sort_as_texts' => 'sort_down', 'sorted_as_texts' => 'sorted_down'][$receiver->key] ?? null : null;
                if (null !== $down && $receiver instanceof Operation) {
                    return new Operation($down, $receiver->arguments);
                }
                break;
            case 'split':
                if (1 === $count && $first == new TextLiteral('')) {
                    return new Operation('letters', [$receiver]);
                }
                break;
            case 'join':
                if (0 === $count) {
                    return new Operation('joined', [$receiver, new TextLiteral(',')]);
                }
                break;
            case 'toFixed':
                if ($first instanceof NumberLiteral && \is_int($first->value) && $first->value >= 0 && $first->value < 10) {
                    return new Operation('formatted', [$receiver, new TextLiteral(".{$first->value}f")]);
                }
                break;
            case 'map':
            case 'filter':
            case 'some':
            case 'every':
                $lambda = $this->itemLambda($first);
                if (1 === $count && null !== $lambda) {
                    return match ($name) {
                        'some' => new Operation('any_holds', [$this->collected($receiver, $lambda, true)]),
                        'every' => new Operation('all_hold', [$this->collected($receiver, $lambda, true)]),
                        default => $this->collected($receiver, $lambda, 'map' === $name),
                    };
                }
                if ('map' === $name && $first instanceof Lambda && 2 === \count($first->parameters)) {
                    return $this->numbered($receiver, $first);
                }
                $this->fail('unsupported', $token, ['what' => ".$name(…)"]);
                // no break
            case 'reduce':
                if (2 === $count && $first instanceof Lambda && 2 === \count($first->parameters) && null !== $second) {
                    $isSum = $first->value == new Binary(Operator::Add, new VariableRead($first->parameters[0]), new VariableRead($first->parameters[1])) && $second == new NumberLiteral(0);

                    return $isSum ? new Operation('total', [$receiver]) : new Operation('reduced', [$receiver, $first, $second]);
                }
                $this->fail('unsupported', $token, ['what' => '.reduce(…)']);
                // no break
            case 'find':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation('first_of', [$receiver, $lambda]);
                }
                $this->fail('unsupported', $token, ['what' => '.find(…)']);
                // no break
            case 'forEach':
                $this->fail('unsupported', $token, ['what' => '.forEach(…)']);
                // no break
            case 'padStart':
            case 'padEnd':
                if (1 === $count && null !== $first) {
                    return new Operation('padStart' === $name ? 'padded_left' : 'padded_right', [$receiver, $first, new TextLiteral(' ')]);
                }
                break;
            case 'push':
                if (1 === $count && '...' === $arguments[0]->name && null !== $first) {
                    return new Operation('extend', [$receiver, $first]);
                }
                break;
            case 'splice':
                if (2 === $count && null !== $first && $second instanceof NumberLiteral && 1 === $second->value) {
                    return new Operation('drop_at', [$receiver, $first]);
                }
                if (2 < $count && !($second instanceof NumberLiteral && 0 === $second->value)) {
                    $this->fail('unsupported', $token, ['what' => '.splice(…)']);
                }
                break;
            case 'charCodeAt':
                if (1 === $count && null !== $first) {
                    return new Operation('code', [$first instanceof NumberLiteral && 0 === $first->value ? $receiver : new Item($receiver, $first)]);
                }
                break;
            case 'append':
            case 'push_back':
            case 'add':
                $this->fail('foreign_word', $token, ['word' => $name, 'near' => 'push'], [new Replacement($token->offset, \strlen($name), 'push')]);
                // no break
            case 'upper':
            case 'lower':
                $near = 'upper' === $name ? 'toUpperCase' : 'toLowerCase';
                $this->fail('foreign_word', $token, ['word' => $name, 'near' => $near], [new Replacement($token->offset, \strlen($name), $near)]);
        }

        return null;
    }

    /** `Array.from({ length: 3 }, (_, place) => …)`. */
    private function madeList(Expression $size, Lambda $lambda, Token $token): Expression
    {
        if (!$size instanceof MapLiteral || 2 !== \count($size->entries) || $size->entries[0] != new TextLiteral('length')) {
            $this->fail('unsupported', $token, ['what' => 'Array.from(…)']);
        }

        return new Collected($lambda->value, $lambda->parameters[1] ?? 'turn', new Operation('numbers', [new NumberLiteral(0), $size->entries[1], new NumberLiteral(1)]));
    }

    /** A function of one item: as it stands, or by its name. */
    private function itemLambda(?Expression $value): ?Lambda
    {
        if ($value instanceof Lambda) {
            return 1 === \count($value->parameters) ? $value : null;
        }
        $name = $value instanceof VariableRead ? $value->name : null;
        $item = new VariableRead('item');

        return match (true) {
            null === $name => null,
            !isset($this->functions[$name]) && $this->isVariable($name) => new Lambda(['item'], new OwnValue($name, [$item])),
            'Number' === $name => new Lambda(['item'], new Operation('to_number', [$item])),
            'String' === $name => new Lambda(['item'], new Operation('to_text', [$item])),
            'Boolean' === $name => new Lambda(['item'], new Operation('to_truth', [$item])),
            isset($this->functions[$name]) => new Lambda(['item'], new OwnValue($name, [$item])),
            default => null,
        };
    }

    /** `beds.map((bed, place) => …)`: over pairs of place and item. */
    private function numbered(Expression $over, Lambda $lambda): Expression
    {
        $pair = new VariableRead('pair');
        $put = static fn (Expression $part): Expression => $part instanceof VariableRead && \in_array($part->name, $lambda->parameters, true) ? new Item($pair, new NumberLiteral($part->name === $lambda->parameters[0] ? 1 : 0)) : $part;

        return new Collected(Walk::mapExpression($lambda->value, $put), 'pair', new Operation('numbered', [$over]));
    }

    /** Whether two places are known to stand in order, none before the start. */
    private static function areInOrder(Expression $from, Expression $to): bool
    {
        if ($from instanceof NumberLiteral && $to instanceof NumberLiteral) {
            return 0 <= $from->value && $from->value <= $to->value;
        }
        if ($from instanceof VariableRead) {
            return $to instanceof Binary && Operator::Add === $to->operator && $to->left == $from && $to->right instanceof NumberLiteral && $to->right->value >= 0 || $to instanceof Operation && 'length' === $to->key;
        }

        return $from instanceof NumberLiteral && 0 === $from->value && $to instanceof Operation && \in_array($to->key, ['length', 'position'], true);
    }

    /** As texts, or by a function that subtracts what is asked of two items. */
    private function sorted(Expression $receiver, ?Expression $compare, Token $token): Operation
    {
        $isCopy = $receiver instanceof Operation && 'copied' === $receiver->key;
        $list = $isCopy ? $receiver->arguments[0] : $receiver;
        if (null === $compare) {
            return new Operation($isCopy ? 'sorted_as_texts' : 'sort_as_texts', [$list]);
        }
        $value = $compare instanceof Lambda && 2 === \count($compare->parameters) ? $compare->value : null;
        if (!$compare instanceof Lambda || !$value instanceof Binary || Operator::Subtract !== $value->operator) {
            $this->fail('unsupported', $token, ['what' => '.sort(…)']);
        }
        [$one, $other] = $compare->parameters;
        $ofOne = static fn (Expression $side): Expression => Walk::mapExpression($side, static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $other ? new VariableRead($one) : $part);
        $isDown = $ofOne($value->left) != $value->left;
        if ($ofOne($value->left) != $ofOne($value->right) || $isDown === ($ofOne($value->right) != $value->right)) {
            $this->fail('unsupported', $token, ['what' => '.sort(…)']);
        }
        $key = ($isCopy ? 'sorted' : 'sort').($isDown ? '_down' : '');

        return $value->left instanceof VariableRead ? new Operation($key, [$list]) : new Operation($key.'_by', [$list, new Lambda([$one], $ofOne($value->left))]);
    }

    /** `==` takes a text for the number that it spells, `===` does not. */
    protected function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        if ((Operator::Equal === $operator || Operator::NotEqual === $operator) && '=' !== ($this->text[$at + 2] ?? '')) {
            $alike = new Operation('alike', [$left, $right]);

            return Operator::Equal === $operator ? $alike : new Unary(UnaryOperator::Not, $alike);
        }

        return parent::combine($operator, $left, $right, $at);
    }

    /** Nought keeps its sign. */
    protected function negated(Expression $operand): Expression
    {
        return $operand instanceof NumberLiteral && 0 === $operand->value ? new Unary(UnaryOperator::Negate, $operand) : parent::negated($operand);
    }

    /** A slice from the start needs no bound; with an end it has its zero. */
    private static function bare(Expression $from, bool $open): Expression
    {
        return !$open && $from instanceof NumberLiteral && 0 === $from->value ? new NothingLiteral() : $from;
    }

    private function collected(Expression $over, Lambda $lambda, bool $maps): Expression
    {
        $name = $lambda->parameters[0];
        $over = $over instanceof Operation && \in_array($over->key, ['keys', 'copied', 'letters'], true) ? $over->arguments[0] : $over;
        if (!$maps) {
            return new Collected(new VariableRead($name), $name, $over, $lambda->value);
        }
        if ($over instanceof Collected && $over->value instanceof VariableRead && $over->value->name === $over->variable && $over->variable === $name) {
            return new Collected($lambda->value, $name, $over->over, $over->condition);
        }

        return new Collected($lambda->value, $name, $over);
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        if (\in_array($name, ['size', 'len', 'Length'], true) && 1 !== preg_match('/\b'.$name.'\s*:|\.'.$name.'\s*=[^=]/', $this->text)) {
            $this->fail('Length' === $name ? 'capitals' : 'foreign_word', $token, ['name' => $name, 'word' => '.'.$name, 'near' => 'length'], [new Replacement($token->offset, \strlen($name), 'length')]);
        }
        if ('length' !== $name && (levenshtein($name, 'length') <= 2 || count_chars($name, 1) === count_chars('length', 1)) && 1 !== preg_match('/\b'.$name.'\s*:/', $this->text)) {
            $this->fail('misspelt_method', $token, ['name' => $name, 'near' => 'length'], [new Replacement($token->offset, \strlen($name), 'length')]);
        }
        if (isset(SpellingIndex::of(Language::JavaScript)->methods[$name])) {
            $end = $token->offset + \strlen($name);
            $this->fail('call_brackets', $token, ['name' => $name], [new Replacement($end, 0, '()')]);
        }

        return new Item($receiver, new TextLiteral($name));
    }
}
