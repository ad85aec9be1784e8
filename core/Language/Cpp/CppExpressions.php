<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Expressions: C++17 (ISO/IEC 14882:2017), clause 8. */
abstract class CppExpressions extends BraceExpressions
{
    private const OPERATORS = [
        '||' => [2, Operator::Or], 'or' => [2, Operator::Or], '&&' => [3, Operator::And], 'and' => [3, Operator::And],
        '==' => [4, Operator::Equal], '!=' => [4, Operator::NotEqual],
        '<' => [5, Operator::Less], '<=' => [5, Operator::LessOrEqual], '>' => [5, Operator::Greater], '>=' => [5, Operator::GreaterOrEqual],
        '+' => [7, Operator::Add], '-' => [7, Operator::Subtract],
        '*' => [8, Operator::Multiply], '/' => [8, Operator::TruncDivide], '%' => [8, Operator::TruncRemainder],
    ];

    public function language(): Language
    {
        return Language::Cpp;
    }

    protected function operators(): array
    {
        return self::OPERATORS;
    }

    private const DEEPEST_TYPE = 12;
    private int $typesAround = 0;

    /** Reads a type, if one stands here, and gives its name with one space at most between its words. */
    /** @var array<string, string> types by the names that the text gave them (C++17, 10.1.3), enumerations among them */
    protected array $aliases = [];

    protected function type(): ?string
    {
        $start = $this->at;
        $words = [];
        while (\in_array($this->sign(), ['const', 'static', 'constexpr', 'unsigned', 'long', 'short', 'signed'], true)) {
            $words[] = (string) $this->sign();
            ++$this->at;
        }
        if ($this->is('std') && $this->is('::', 1)) {
            $this->at += 2;
        }
        $word = $this->sign();
        if (\in_array($word, ['int', 'double', 'float', 'bool', 'char', 'auto', 'void', 'string', 'size_t'], true) && !$this->isVariable((string) $word)) {
            $words[] = $word;
            ++$this->at;
        } elseif (null !== FittingKind::ofClass((string) $word) && TokenKind::Name === $this->peek(1)?->kind) {
            $words[] = (string) $word;
            ++$this->at;
        } elseif (isset($this->aliases[(string) $word]) && !$this->isVariable((string) $word)) {
            $words[] = $this->aliases[(string) $word];
            ++$this->at;
        } elseif (\in_array($word, ['vector', 'map', 'unordered_map', 'array', 'pair', 'optional'], true) && $this->is('<', 1)) {
            $this->at += 2;
            $inner = [];
            do {
                // Types within types within types are tried from each place where one could begin.
                $type = ++$this->typesAround > self::DEEPEST_TYPE ? null : $this->type();
                --$this->typesAround;
                if (null === $type && TokenKind::Number === $this->peek()?->kind) {
                    $type = $this->sign();
                    ++$this->at;
                }
                if (null === $type) {
                    $this->at = $start;

                    return null;
                }
                $inner[] = $type;
            } while ($this->accept(','));
            if ($this->is('>>')) {
                // Two types end here; the outer one takes the other half.
                $token = $this->tokens[$this->at];
                // @phpstan-ignore assign.propertyType (the token is there already)
                $this->tokens[$this->at] = new Token(TokenKind::Sign, '>', $token->offset + 1);
            } elseif (!$this->accept('>')) {
                $this->at = $start;

                return null;
            }
            $words[] = $word.'<'.implode(', ', $inner).'>';
        } elseif ([] === $words || ['const'] === $words || ['static'] === $words) {
            $this->at = $start;

            return null;
        }
        $type = implode(' ', array_diff($words, ['const', 'static', 'constexpr']));
        if ($this->is('&') && TokenKind::Name === $this->peek(1)?->kind || $this->is('&') && $this->is('[', 1)) {
            ++$this->at;
            $type = (\in_array('const', $words, true) ? 'const ' : '').$type.' &';
        } elseif ($this->is('*')) {
            $this->fail('unsupported', $this->peek(), ['what' => "$type *"]);
        }

        return $type;
    }

    protected function ownPrefix(Token $token): ?Expression
    {
        switch ($token->text) {
            case '{':
                return $this->braced($token);
            case '[':
                return $this->lambda($token);
            case 'not':
                ++$this->at;

                return new Unary(UnaryOperator::Not, $this->expression(9));
            case 'string':
                return $this->named($token);
            case 'sizeof':
                return $this->countedItems($token);
            case 'nullptr':
            case 'nullopt':
                ++$this->at;

                return new NothingLiteral();
            case '*':
                return $this->pointed($token);
            case 'int':
            case 'double':
            case 'float':
            case 'bool':
            case 'char':
            case 'long':
                return $this->conversion($token);
            case 'static_cast':
                ++$this->at;
                $this->accept('<');
                $type = $this->type() ?? $this->fail('type_missing', $token, ['name' => '']);
                $this->accept('>');
                $opened = $this->peek();
                if (!$this->accept('(') || null === $opened) {
                    $this->fail('call_brackets', $token, ['name' => 'static_cast']);
                }
                $value = $this->expression();
                $this->close($opened);

                return $this->postfix($this->converted($type, $value, $token));
            case 'new':
            case 'delete':
            case 'this':
            case '&':
            case '~':
                $this->fail('unsupported', $token, ['what' => $token->text]);
        }

        return null;
    }

    /** A literal with a suffix is a `long long`, whatever its size (C++17, 5.13.2). */
    protected function number(Token $token): Expression
    {
        $number = parent::number($token);

        return 1 === preg_match('/^\d[\d\']*[uU]?[lL]{1,2}[uU]?$/D', $token->text) && $number instanceof NumberLiteral && $number->value <= Types::LARGEST_WHOLE ? new Operation('to_long', [$number]) : $number;
    }

    private function conversion(Token $token): Expression
    {
        $type = $this->type() ?? $token->text;
        $opened = $this->peek();
        if (null === $opened || '(' !== $opened->text) {
            $this->fail('type_as_value', $token, ['name' => $token->text]);
        }
        ++$this->at;
        $value = $this->expression();
        $this->close($opened);

        return $this->postfix($this->converted($type, $value, $token));
    }

    private function converted(string $type, Expression $value, Token $token): Expression
    {
        $operation = match ($type) {
            'int', 'short', 'size_t', 'unsigned int' => 'to_whole',
            'long', 'long long', 'long int' => 'to_long',
            'double', 'float' => 'to_number',
            'bool' => 'to_truth',
            'char' => 'letter',
            'string' => 'to_text',
            default => $this->fail('unsupported', $token, ['what' => $type.'(…)']),
        };
        if ('letter' === $operation && $value instanceof Operation && \in_array($value->key, ['upper_letter', 'lower_letter'], true)) {
            return $value;
        }
        if ('to_whole' === $operation && $value instanceof Operation && \in_array($value->key, ['floor', 'ceiling'], true)) {
            return $value;
        }

        return new Operation($operation, [$value]);
    }

    /** `sizeof(beds) / sizeof(beds[0])` is how many items an array has. */
    private function countedItems(Token $token): Expression
    {
        $name = $this->peek(2);
        foreach (['sizeof', '(', null, ')', '/', 'sizeof', '(', $name?->text, '[', '0', ']', ')'] as $ahead => $wanted) {
            if (null !== $wanted && !$this->is($wanted, $ahead)) {
                $this->fail('unsupported', $token, ['what' => 'sizeof']);
            }
        }
        if (null === $name || TokenKind::Name !== $name->kind) {
            $this->fail('unsupported', $token, ['what' => 'sizeof']);
        }
        $this->at += 12;
        $this->read($name->text, $name->offset);

        return new Operation('length', [new VariableRead($name->text)]);
    }

    /** `*max_element(v.begin(), v.end())`; `*found` is what an optional holds. */
    private function pointed(Token $token): Expression
    {
        if (TokenKind::Name === $this->peek(1)?->kind && !$this->is('(', 2)) {
            ++$this->at;

            return $this->expression(9);
        }
        $name = $this->peek(1)->text ?? '';
        if (!\in_array($name, ['max_element', 'min_element'], true) || !$this->is('(', 2)) {
            $this->fail('unsupported', $token, ['what' => '*']);
        }
        $opened = $this->peek(2) ?? $token;
        $this->at += 3;
        $arguments = $this->arguments($opened);
        if (1 !== \count($arguments) || !$arguments[0]->all) {
            $this->fail('unsupported', $token, ['what' => '*'.$name]);
        }

        return $this->postfix(new Operation('max_element' === $name ? 'greatest' : 'least', [$arguments[0]->value]));
    }

    /** `{1, 2, 3}`, or `{{"a", 1}, {"b", 2}}` for a map. */
    protected function braced(Token $opened, ?string $type = null): Expression
    {
        ++$this->at;
        $items = [];
        $isMap = null !== $type && TypeNames::read($type)->isMap();
        while (!$this->is('}')) {
            $inner = $this->peek();
            if ($isMap && null !== $inner && '{' === $inner->text) {
                ++$this->at;
                $items[] = $this->expression();
                if (!$this->accept(',')) {
                    $this->fail('comma_missing');
                }
                $value = $this->peek();
                $items[] = null !== $value && '{' === $value->text ? $this->braced($value) : $this->expression();
                $this->close($inner);
            } elseif (null !== $inner && '{' === $inner->text) {
                $items[] = $this->braced($inner);
            } else {
                $items[] = $this->expression();
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);

        return $isMap ? new MapLiteral($items) : new ListLiteral($items);
    }

    private function lambda(Token $token): Expression
    {
        ++$this->at;
        while (!$this->is(']')) {
            if (null === $this->peek() || !\in_array($this->sign(), ['&', '=', ','], true)) {
                $this->fail('unsupported', $token, ['what' => '[…]']);
            }
            ++$this->at;
        }
        ++$this->at;
        $names = [];
        if ($this->accept('(')) {
            while (!$this->is(')')) {
                $this->type() ?? $this->fail('type_missing', $this->peek(), ['name' => $this->peek()->text ?? '']);
                $name = $this->peek();
                if (null === $name || TokenKind::Name !== $name->kind) {
                    $this->fail('name_missing', $name);
                }
                ++$this->at;
                $names[] = $name->text;
                if (!$this->accept(',')) {
                    break;
                }
            }
            $this->accept(')');
        }
        if (!$this->is('{') || !$this->is('return', 1)) {
            $this->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }
        $this->at += 2;
        $value = $this->inLambda(fn (): Expression => $this->expression(), ...$names);
        $this->accept(';');
        if (!$this->accept('}')) {
            $this->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }

        return new Lambda($names, $value);
    }

    protected function literal(Token $token): Expression
    {
        if ("'" === $token->text[0]) {
            $letter = $this->quoted($token);
            if (1 < mb_strlen($letter)) {
                $this->fail('letter_quotes', $token, [], [new Replacement($token->offset, 1, '"'), new Replacement($token->offset + \strlen($token->text) - 1, 1, '"')]);
            }

            return new TextLiteral($letter, true);
        }
        $text = $this->quoted($token);
        while (null !== ($next = $this->peek()) && TokenKind::Text === $next->kind && '"' === $next->text[0]) {
            ++$this->at;
            $text .= $this->quoted($next);
        }

        return new TextLiteral($text);
    }

    protected function grouped(Token $opened): Expression
    {
        // `(int) x`, a conversion in the style of C.
        $at = $this->at++;
        $type = $this->type();
        if (null !== $type && $this->accept(')')) {
            return $this->converted($type, $this->expression(9), $opened);
        }
        $this->at = $at;

        return parent::grouped($opened);
    }

    /** @var array<string, Expression> how many items each array of C was declared with */
    protected array $arraySizes = [];
    /** @var array<string, Expression|null> what constants were declared with */
    protected array $fixed = [];

    /** From its beginning, and as many as it was declared with: `a, a + N` are all items of an array of C. */
    private function areAllItems(Expression $one, ?Expression $two): bool
    {
        return $one instanceof VariableRead && isset($this->arraySizes[$one->name]) && $two instanceof Binary && Operator::Add === $two->operator && $two->left == $one && $this->known($two->right) == $this->known($this->arraySizes[$one->name]);
    }

    private function known(Expression $size): Expression
    {
        return $size instanceof VariableRead ? $this->fixed[$size->name] ?? $size : $size;
    }

    protected function collapsed(array $arguments): array
    {
        $collapsed = [];
        for ($index = 0; $index < \count($arguments); ++$index) {
            $one = $arguments[$index]->value;
            $two = $arguments[$index + 1]->value ?? null;
            if ($one instanceof Operation && 'begin' === $one->key && $two instanceof Operation && 'end' === $two->key && $one->arguments == $two->arguments) {
                $collapsed[] = new Argument($one->arguments[0], $arguments[$index]->offset, $arguments[++$index]->end, null, true);
                continue;
            }
            if ($this->areAllItems($one, $two)) {
                $collapsed[] = new Argument($one, $arguments[$index]->offset, $arguments[++$index]->end, null, true);
                continue;
            }
            $collapsed[] = $arguments[$index];
        }

        return $collapsed;
    }

    /** What was found is there if it is not the end; the remainder of a number by chance is one below the divisor. */
    protected function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        if (Operator::TruncRemainder === $operator && $left instanceof Operation && 'rand' === $left->key) {
            $last = $right instanceof NumberLiteral && \is_int($right->value) ? new NumberLiteral($right->value - 1) : new Binary(Operator::Subtract, $right, new NumberLiteral(1));

            return new RandomWhole(new NumberLiteral(0), $last);
        }
        // `rand() % 6 + 1` is a number from 1 to 6.
        if (Operator::Add === $operator && $left instanceof RandomWhole && $left->from == new NumberLiteral(0) && $left->to instanceof NumberLiteral && \is_int($left->to->value) && $right instanceof NumberLiteral && \is_int($right->value)) {
            return new RandomWhole($right, new NumberLiteral($left->to->value + $right->value));
        }
        $isSought = $left instanceof Operation && \in_array($left->key, ['found', 'position'], true) && $right instanceof Operation && 'end' === $right->key && $left->arguments[0] == $right->arguments[0];
        if ($isSought && (Operator::NotEqual === $operator || Operator::Equal === $operator)) {
            $contains = new Operation('contains', $left->arguments);

            return Operator::NotEqual === $operator ? $contains : new Unary(UnaryOperator::Not, $contains);
        }

        return parent::combine($operator, $left, $right, $at);
    }

    protected function isStream(string $sign): bool
    {
        return '<<' === $sign || '>>' === $sign;
    }

    protected function knows(string $object): bool
    {
        return 'std' === $object;
    }

    protected function named(Token $token): Expression
    {
        if ('std' === $token->text && $this->is('::', 1) && null !== $this->peek(2)) {
            $this->at += 2;
            $token = $this->peek() ?? $token;
        }
        if ('string' === $token->text && $this->is('::', 1) && $this->is('npos', 2)) {
            // What is not found has no place; counted from 0 there is none before the first.
            $this->at += 3;

            return new NumberLiteral(-1);
        }
        if ('string' === $token->text && $this->is('(', 1) && !$this->isVariable('string')) {
            ++$this->at;
            $opened = $this->peek() ?? $token;
            ++$this->at;
            $arguments = $this->arguments($opened);
            $first = $arguments[0]->value ?? new TextLiteral('');
            if (2 === \count($arguments)) {
                $times = $first;
                $letter = $arguments[1]->value;

                return $this->postfix($times instanceof NumberLiteral && 1 === $times->value ? new Operation('to_text', [$letter]) : new Operation('repeated', [$letter, $times]));
            }

            return $this->postfix($first instanceof TextLiteral ? $first : new Operation('to_text', [$first]));
        }
        $at = $this->at;
        if ('vector' === $token->text && $this->is('<', 1)) {
            $type = $this->type();
            if (null !== $type && $this->is('{')) {
                return $this->postfix($this->braced($this->peek() ?? $token, $type));
            }
            if (null !== $type && $this->is('(')) {
                $opened = $this->peek() ?? $token;
                ++$this->at;

                return $this->postfix($this->vector($type, $this->arguments($opened)));
            }
            $this->at = $at;
        }
        if ('map' === $token->text && $this->is('<', 1)) {
            $type = $this->type();
            if (null !== $type && $this->is('{')) {
                return $this->postfix($this->braced($this->peek() ?? $token, $type));
            }
            $this->at = $at;
        }
        if ('greater' === $token->text && $this->is('<', 1)) {
            $this->at += 2;
            if (!$this->is('>')) {
                $this->type();
            }
            $this->accept('>');
            $this->accept('(');
            $this->accept(')');

            return $this->transient('greater_first', []);
        }

        return parent::named($token);
    }

    /** @param list<Argument> $arguments */
    protected function vector(string $type, array $arguments): Expression
    {
        $first = $arguments[0]->value ?? null;
        if (null === $first) {
            return new ListLiteral([]);
        }

        return new Operation('filled', [$first, $arguments[1]->value ?? self::empty($type)]);
    }

    /** What a value of a type is when nothing is said. */
    protected static function empty(string $type): Expression
    {
        $element = TypeNames::read($type)->element;

        return match (true) {
            null === $element => new NumberLiteral(0),
            $element->isTextual() => new TextLiteral(''),
            $element->isList() => new ListLiteral([]),
            'Truth' === $element->kind->name => new TruthLiteral(false),
            'Number' === $element->kind->name => new NumberLiteral(0.0),
            default => new NumberLiteral(0),
        };
    }

    protected function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $first = $values[0] ?? null;
        $second = $values[1] ?? null;
        if ('pow' === $name && null !== $first && null !== $second && 2 === $count) {
            return new Binary(Operator::Power, $first, $second);
        }
        if ('to_string' === $name && 1 === $count && null !== $first) {
            return new Operation('spelled', [$first]);
        }
        if ('random_between' === $name && null !== $first && null !== $second) {
            return new RandomWhole($first, $second);
        }
        if (('floor' === $name || 'ceil' === $name) && 1 === $count && null !== $first) {
            // They give a number with a point (C++17, 29.9), which shows where it is divided.
            return new Operation('to_number', [new Operation('floor' === $name ? 'floor' : 'ceiling', [$first])]);
        }
        if ('fmod' === $name && null !== $first && null !== $second) {
            return new Binary(Operator::TruncRemainder, $first, $second);
        }
        if (('floor_div' === $name || 'floor_mod' === $name) && null !== $first && null !== $second) {
            return new Binary('floor_div' === $name ? Operator::FloorDivide : Operator::FloorRemainder, $first, $second);
        }
        if ('join' === $name && 2 <= $count) {
            $joined = $values[0];
            foreach (\array_slice($values, 1) as $value) {
                $joined = new Binary(Operator::Join, $joined, $value);
            }

            return $joined;
        }
        if ('item' === $name && null !== $first && null !== $second && 2 === $count) {
            return new Item($first, $second);
        }
        if ('slice' === $name && null !== $first && null !== $second) {
            return new Slice($first, $second instanceof NumberLiteral && 0 === $second->value ? new NothingLiteral() : $second, $values[2] ?? new NothingLiteral());
        }
        if (('collected' === $name || 'filtered' === $name) && 2 === $count && null !== $first && $second instanceof Lambda) {
            return $this->gathered($first, $second, 'collected' === $name);
        }
        if ('sort' === $name && 2 === $count && $arguments[0]->all && $second instanceof Operation && 'greater_first' === $second->key && null !== $first) {
            return new Operation('sort_down', [$first]);
        }
        if ('sort' === $name && 2 === $count && $first instanceof Operation && 'rbegin' === $first->key) {
            return new Operation('sort_down', $first->arguments);
        }
        if ('count' === $name && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return new Operation('occurrences', [$first, $second]);
        }
        if ('sort' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            return $this->sortedBy($first, $second, $token);
        }
        if ('swap' === $name && 2 === $count) {
            return $this->transient('swap', $values);
        }
        if ('getline' === $name) {
            $this->fail('unsupported', $token, ['what' => 'getline']);
        }
        if ('accumulate' === $name && 2 === $count && $arguments[0]->all && null !== $first) {
            return new Operation('total', [$first]);
        }
        if ('find' === $name && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return $this->transient('found', [$first, $second]);
        }
        if (('min' === $name || 'max' === $name) && 1 === $count && $first instanceof ListLiteral) {
            return new Operation('min' === $name ? 'smaller' : 'larger', $first->items);
        }
        if ('rand' === $name && 0 === $count && $this->is('%')) {
            return $this->transient('rand', []);
        }
        if (\in_array($name, ['printf', 'scanf', 'malloc', 'exit', 'system', 'rand', 'srand'], true)) {
            $this->fail('unsupported', $token, ['what' => $name.'()']);
        }
        if (\in_array($name, ['print', 'len', 'str', 'input', 'range'], true)) {
            $near = ['print' => 'cout << …', 'len' => '.size()', 'str' => 'to_string', 'input' => 'cin >>', 'range' => 'for (int i = 0; …)'][$name];
            $this->fail('foreign_word', $token, ['word' => $name, 'near' => $near], 'str' === $name ? [new Replacement($token->offset, 3, 'to_string')] : []);
        }

        return null;
    }

    /** `sort(…, [](int a, int b) { return a < b; })`: by what is asked of the first and then of the second. */
    private function sortedBy(Expression $list, Lambda $lambda, Token $token): Operation
    {
        [$one, $other] = [$lambda->parameters[0] ?? '', $lambda->parameters[1] ?? ''];
        $compared = $lambda->value;
        $isDown = $compared instanceof Binary && Operator::Greater === $compared->operator;
        if (!$compared instanceof Binary || !$isDown && Operator::Less !== $compared->operator || Walk::mapExpression($compared->right, static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $other ? new VariableRead($one) : $part) != $compared->left) {
            $this->fail('unsupported', $token, ['what' => 'sort(…, […])']);
        }

        return $compared->left instanceof VariableRead ? new Operation($isDown ? 'sort_down' : 'sort', [$list]) : new Operation($isDown ? 'sort_down_by' : 'sort_by', [$list, new Lambda([$one], $compared->left)]);
    }

    private function gathered(Expression $over, Lambda $lambda, bool $maps): Expression
    {
        $name = $lambda->parameters[0] ?? '';
        if (!$maps) {
            return new Collected(new VariableRead($name), $name, $over, $lambda->value);
        }

        return $over instanceof Collected && $over->value instanceof VariableRead && $over->value->name === $over->variable && $over->variable === $name
            ? new Collected($lambda->value, $name, $over->over, $over->condition)
            : new Collected($lambda->value, $name, $over);
    }

    protected function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        switch ($name) {
            case 'begin':
            case 'end':
            case 'rbegin':
            case 'rend':
                return 0 === $count ? $this->transient($name, [$receiver]) : null;
            case 'value':
            case 'c_str':
                return 0 === $count ? $receiver : null;
            case 'has_value':
                return 0 === $count ? new Binary(Operator::NotEqual, $receiver, new NothingLiteral()) : null;
            case 'at':
                return 1 === $count && null !== $first ? new Item($receiver, self::place($first), true) : null;
            case 'substr':
                if (2 === $count && $first instanceof NumberLiteral && 0 === $first->value) {
                    return new Slice($receiver, new NothingLiteral(), $arguments[1]->value);
                }

                return null;
            case 'erase':
                $from = null === $first ? null : self::behindFirst($first, $receiver);
                $to = 2 === $count ? self::behindFirst($arguments[1]->value, $receiver) : null;
                if (null !== $from && null !== $to) {
                    return new Operation('drop_range', [$receiver, $from, self::between($from, $to)]);
                }
                if (2 === $count && null !== $first && !$first instanceof Operation) {
                    return $this->transient('text_erased', [$receiver, $first, $arguments[1]->value]);
                }
                if (1 === $count && $first instanceof Operation && 'begin' === $first->key) {
                    return new Operation('drop_first', [$receiver]);
                }
                if (1 === $count && $first instanceof Binary && $first->left instanceof Operation && 'begin' === $first->left->key) {
                    return new Operation('drop_at', [$receiver, $first->right]);
                }

                return 1 === $count && null !== $first ? new Operation('forget', [$receiver, $first]) : null;
            case 'replace':
                return 3 === $count && null !== $first ? $this->transient('text_replaced', [$receiver, $first, $arguments[1]->value, $arguments[2]->value]) : null;
            case 'insert':
                if (2 === $count && ($first instanceof NumberLiteral || $first instanceof VariableRead)) {
                    return $this->transient('text_inserted', [$receiver, $first, $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof Operation && 'begin' === $first->key) {
                    return new Operation('prepend', [$receiver, $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof Operation && 'end' === $first->key && ($arguments[1]->all || $arguments[1]->value instanceof ListLiteral)) {
                    return new Operation('extend', [$receiver, $arguments[1]->value]);
                }

                return 2 === $count && $first instanceof Binary && $first->left instanceof Operation && 'begin' === $first->left->key
                    ? new Operation('insert', [$receiver, $first->right, $arguments[1]->value])
                    : null;
            case 'count':
                return 1 === $count && null !== $first ? new Operation('contains', [$receiver, $first]) : null;
            case 'find':
                return 1 === $count && null !== $first ? new Operation('position', [$receiver, $first]) : null;
            case 'push':
            case 'append':
                $this->fail('foreign_word', $token, ['word' => $name, 'near' => 'push_back'], [new Replacement($token->offset, \strlen($name), 'push_back')]);
                // no break
            case 'compare':
                $this->fail('unsupported', $token, ['what' => '.compare(…)']);
                // no break
            case 'length':
            case 'size':
                return 0 === $count ? new Operation('length', [$receiver]) : null;
        }

        return null;
    }

    /** How far behind its first item an iterator of a list stands: `list.begin() + 2`; null where it is no such one. */
    private static function behindFirst(Expression $iterator, Expression $list): ?Expression
    {
        if ($iterator instanceof Operation && $iterator->arguments == [$list]) {
            return match ($iterator->key) {
                'begin' => new NumberLiteral(0),
                'end' => new Operation('length', [$list]),
                default => null,
            };
        }
        if (!$iterator instanceof Binary || !\in_array($iterator->operator, [Operator::Add, Operator::Subtract], true)) {
            return null;
        }
        $before = self::behindFirst($iterator->left, $list);

        return match (true) {
            null === $before => null,
            $before instanceof NumberLiteral && 0.0 === (float) $before->value && Operator::Add === $iterator->operator => $iterator->right,
            default => new Binary($iterator->operator, $before, $iterator->right),
        };
    }

    /** How many items lie from one place to another: what is added to the first, where the second is written so. */
    private static function between(Expression $from, Expression $to): Expression
    {
        return match (true) {
            $from instanceof NumberLiteral && 0.0 === (float) $from->value => $to,
            $from instanceof NumberLiteral && $to instanceof NumberLiteral => new NumberLiteral($to->value - $from->value),
            $to instanceof Binary && Operator::Add === $to->operator && $to->left == $from => $to->right,
            default => new Binary(Operator::Subtract, $to, $from),
        };
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        $isMethod = isset(SpellingIndex::of(Language::Cpp)->methods[$name]) || \in_array($name, ['size', 'length', 'begin', 'end'], true);
        if ($isMethod) {
            $this->fail('call_brackets', $token, ['name' => $name], [new Replacement($token->offset + \strlen($name), 0, '()')]);
        }

        return null;
    }
}
