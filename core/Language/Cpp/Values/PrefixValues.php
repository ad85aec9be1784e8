<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Values that a word or a sign before them makes: `new`, `sizeof`, casts. */
final class PrefixValues
{
    /** Bytes of a type on the machines of courses (C++17, 8.3.3). */
    private const SIZES = ['int' => 4, 'char' => 1, 'bool' => 1, 'double' => 8, 'float' => 4, 'long' => 8, 'short' => 2];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    public function ownPrefix(Token $token): ?Expression
    {
        if ('::' === $token->text && TokenKind::Name === $this->parser->peek(1)?->kind) {
            // A name of the outermost space.
            ++$this->parser->at;
            $name = $this->parser->peek() ?? $token;
            if (1 === preg_match('/\G\w+/', $this->parser->text, $original, 0, $name->offset) && $original[0] !== $name->text) {
                // Here it is another variable, which hides that one (C++17, 6.4.3.2).
                ++$this->parser->at;
                $this->parser->read($original[0], $name->offset);

                return $this->parser->postfix(new VariableRead($original[0]));
            }
            if ('' !== $this->parser->scope && isset($this->parser->declared[$this->parser->scope][$name->text])) {
                // A parameter of that name hides it, and keeps its name.
                $this->parser->fail('unsupported', $name, ['what' => "::$name->text"]);
            }

            return $this->parser->named($name);
        }
        switch ($token->text) {
            case '{':
                return $this->parser->braces->braced($token);
            case '[':
                return $this->parser->lambdas->lambda($token);
            case 'not':
                ++$this->parser->at;

                return new Unary(UnaryOperator::Not, $this->parser->expression(9));
            case 'string':
                return $this->parser->named($token);
            case 'sizeof':
                return $this->countedItems($token);
            case 'nullptr':
            case 'nullopt':
                ++$this->parser->at;

                return new NothingLiteral();
            case '*':
                return $this->parser->pointedValues->pointed($token);
            case 'int':
            case 'double':
            case 'float':
            case 'bool':
            case 'char':
            case 'long':
            case 'short':
            case 'unsigned':
                return $this->conversion($token);
            case 'dynamic_cast':
                return $this->parser->named($token);
            case 'static_cast':
                ++$this->parser->at;
                $this->parser->accept('<');
                $type = $this->parser->typeTexts->type() ?? $this->parser->fail('type_missing', $token, ['name' => '']);
                $this->parser->accept('>');
                $opened = $this->parser->peek();
                if (!$this->parser->accept('(') || null === $opened) {
                    $this->parser->fail('call_brackets', $token, ['name' => 'static_cast']);
                }
                $value = $this->parser->expression();
                $this->parser->close($opened);

                return $this->parser->postfix($this->parser->converted($type, $value, $token));
            case 'new':
                $class = $this->parser->peek(1);
                if (null !== $class && isset($this->parser->classes->parents[$class->text]) && $this->parser->is('[', 2) && '=' !== ($this->parser->tokens[$this->parser->at - 1]->text ?? '')) {
                    $this->parser->fail('unsupported', $token, ['what' => "new {$class->text}[]"]);
                }
                if (null !== $class && isset($this->parser->classes->parents[$class->text]) && !$this->parser->is('[', 2)) {
                    $this->parser->at += 2;
                    $opened = $this->parser->peek();

                    return $this->parser->postfix($this->parser->madeValues->madeOf($class, null !== $opened && ($this->parser->accept('(') || $this->parser->accept('{')) ? $this->parser->arguments($opened) : [], false));
                }
                if (TokenKind::Sign === $this->parser->peek(2)?->kind && '[' === $this->parser->sign(2) && '=' === ($this->parser->tokens[$this->parser->at - 1]->text ?? '') && ']' === ($this->parser->tokens[$this->parser->at - 2]->text ?? '')) {
                    // `rows[at] = new int[4]`: a row of what `new int*[3]` has made.
                    ++$this->parser->at;

                    return $this->parser->newArray($token);
                }
                if ('return' === ($this->parser->tokens[$this->parser->at - 1]->text ?? '') && '[' === $this->parser->sign(2) && $this->parser->givenArrays->gives($this->parser->scope)) {
                    ++$this->parser->at;

                    return $this->parser->newArray($token);
                }
                $this->parser->fail('unsupported', $token, ['what' => 'new']);
                // no break
            case 'this':
                if ('' !== $this->parser->class && $this->parser->is('->', 1)) {
                    ++$this->parser->at;

                    return $this->parser->postfix($this->parser->objectCalls->thisObject($token));
                }
                if ('' !== $this->parser->class && \in_array($this->parser->tokens[$this->parser->at - 1]->text ?? '', ['(', ',', '{', 'return', '=', '?', ':', '==', '!='], true)) {
                    ++$this->parser->at;

                    return new Operation(OperationKey::Itself, [$this->parser->objectCalls->thisObject($token)]);
                }
                $this->parser->fail('unsupported', $token, ['what' => 'this']);
                // no break
            case '&':
                $before = $this->parser->tokens[$this->parser->at - 1]->text ?? '';
                if (TokenKind::Name === $this->parser->peek(1)?->kind && isset($this->parser->symbols->functions[$this->parser->sign(1) ?? '']) && !$this->parser->is('(', 2) && !$this->parser->isVariable($this->parser->sign(1) ?? '')) {
                    // A function is handed over as itself (C++17, 8.3.1).
                    ++$this->parser->at;

                    return $this->parser->expression(9);
                }
                $pointed = $this->parser->is('(', 1) ? 2 : 1;
                $isPointed = $this->parser->is('*', $pointed) && TokenKind::Name === $this->parser->peek($pointed + 1)?->kind && isset($this->parser->iterators[$this->parser->sign($pointed + 1) ?? '']);
                if (($isPointed || TokenKind::Name === $this->parser->peek(1)?->kind) && \in_array($before, ['(', ',', '{', 'return', '=', '?', ':', '==', '!='], true)) {
                    // What is pointed at is handed over itself.
                    ++$this->parser->at;
                    $thing = $this->parser->expression(9);
                    $type = $thing instanceof VariableRead && '' === $this->parser->typeOf($thing) ? $this->parser->fieldTypesOf[$this->parser->class][$thing->name] ?? '' : $this->parser->typeOf($thing);
                    $isObject = null !== TypeNames::read($type)->class || 'return' === $before && isset($this->parser->classes->parents[rtrim($this->parser->gives, ' *')]) && str_ends_with($this->parser->gives, '*');
                    if ($isObject) {
                        return new Operation(OperationKey::Itself, [$thing]);
                    }
                    if ('(' === $before || ',' === $before) {
                        return $thing;
                    }
                }
                $this->parser->fail('unsupported', $token, ['what' => '&']);
                // no break
            case 'delete':
            case '~':
                $this->parser->fail('unsupported', $token, ['what' => $token->text]);
        }

        return null;
    }

    public function conversion(Token $token): Expression
    {
        if ($this->parser->is('(', 1) && $this->parser->is('*', 2) && TokenKind::Name === $this->parser->peek(3)?->kind && $this->parser->is('[', 4)) {
            // Many functions, each of which is pointed at.
            $this->parser->fail('unsupported', $token, ['what' => "$token->text (*…[])(…)"]);
        }
        $type = $this->parser->typeTexts->type() ?? $token->text;
        $opened = $this->parser->peek();
        if (null !== $opened && \in_array([$opened->text, $this->parser->sign(1)], [['(', ')'], ['{', '}']], true)) {
            // `T()` and `int{}` are what a value of the type is when nothing is said (C++17, 8.2.3).
            $this->parser->at += 2;

            return $this->parser->postfix($this->parser->madeValues->empty("vector<$type>"));
        }
        if (null === $opened || '(' !== $opened->text && ('{' !== $opened->text || TokenKind::Sign !== $opened->kind)) {
            $last = $this->parser->tokens[$this->parser->at - 2] ?? null;
            if (\in_array($opened?->text, ['>', '>>'], true) && '<' === $last?->text) {
                // The type stands in what is made by it, which is not known here.
                $this->parser->fail('unsupported', $this->parser->tokens[$this->parser->at - 3] ?? $token, ['what' => ($this->parser->tokens[$this->parser->at - 3]->text ?? '').'<…>']);
            }
            $at = array_search($token, $this->parser->tokens, true);
            if ('(' === ($this->parser->tokens[(int) $at - 1]->text ?? '') && isset(TypeNames::PLAIN[$this->parser->tokens[(int) $at - 3]->text ?? ''])) {
                // `int f(int), g();` announces several functions in one row.
                $this->parser->fail('unsupported', $this->parser->tokens[(int) $at - 2] ?? $token, ['what' => ($this->parser->tokens[(int) $at - 2]->text ?? '')."($token->text), …"]);
            }
            if ('[' === $opened?->text || $token->end() === $token->offset) {
                $this->parser->fail('unsupported', $token, ['what' => "$token->text[]"]);
            }
            $this->parser->fail('type_as_value', $token, ['name' => $token->text]);
        }
        ++$this->parser->at;
        $value = $this->parser->expression();
        $this->parser->close($opened);

        return $this->parser->postfix($this->parser->converted($type, $value, $token));
    }

    /** Bytes of a variable; null where they can't be told. */
    private function sizeOf(VariableRead $variable): ?int
    {
        $type = $this->parser->typeOf($variable);
        if (!isset($this->parser->arraySizes[$variable->name])) {
            return self::SIZES[trim(str_replace(['const ', 'long long'], ['', 'long'], $type))] ?? null;
        }
        $count = $this->parser->typeTexts->known($this->parser->arraySizes[$variable->name]);
        $item = 'string' === $type ? 'char' : (1 === preg_match('/^vector<(\w+)>$/D', $type, $match) ? $match[1] : '');

        return $count instanceof NumberLiteral && isset(self::SIZES[$item]) ? (int) $count->value * self::SIZES[$item] : null;
    }

    /** `sizeof(beds) / sizeof(beds[0])` is how many items an array has. */
    private function countedItems(Token $token): Expression
    {
        if ($this->parser->is('(', 1) && $this->parser->is(')', 3) && !$this->parser->is('/', 4) && null !== $size = self::SIZES[$this->parser->peek(2)->text ?? ''] ?? null) {
            $this->parser->at += 4;

            return new NumberLiteral($size);
        }
        $name = $this->parser->peek(2);
        if (null !== $name && TokenKind::Name === $name->kind && $this->parser->is('(', 1) && $this->parser->is(')', 3) && !$this->parser->is('/', 4) && null !== $size = $this->sizeOf(new VariableRead($name->text))) {
            $this->parser->at += 4;

            return new NumberLiteral($size);
        }
        if (null !== $name && TokenKind::Name === $name->kind && $this->parser->is('(', 1) && $this->parser->is(')', 3) && $this->parser->is('/', 4) && $this->parser->is('sizeof', 5) && $this->parser->is('(', 6) && isset(self::SIZES[$this->parser->peek(7)->text ?? '']) && $this->parser->is(')', 8) && isset($this->parser->arraySizes[$name->text])) {
            $this->parser->at += 9;
            $this->parser->read($name->text, $name->offset);

            return new Operation(OperationKey::Length, [new VariableRead($name->text)]);
        }
        $isFollowed = $this->parser->is('*', 7);
        foreach (['sizeof', '(', null, ')', '/', 'sizeof', '(', ...$isFollowed ? ['*', $name?->text] : [$name?->text, '[', '0', ']'], ')'] as $ahead => $wanted) {
            if (null !== $wanted && !$this->parser->is($wanted, $ahead)) {
                $this->parser->fail('unsupported', $token, ['what' => 'sizeof']);
            }
        }
        if (null === $name || TokenKind::Name !== $name->kind || !isset($this->parser->arraySizes[$name->text])) {
            // What a function is handed is a pointer, which has a size of its own (C++17, 11.3.5).
            $this->parser->fail('unsupported', $token, ['what' => 'sizeof']);
        }
        $this->parser->at += $isFollowed ? 10 : 12;
        $this->parser->read($name->text, $name->offset);

        return new Operation(OperationKey::Length, [new VariableRead($name->text)]);
    }

    /** From its beginning, and as many as it was declared with: `a, a + N` are all items of an array of C. */
    private function areAllItems(Expression $one, ?Expression $two): bool
    {
        if (!$one instanceof VariableRead || !isset($this->parser->arraySizes[$one->name]) || !$two instanceof Binary || Operator::Add !== $two->operator || $two->left != $one) {
            return false;
        }

        return $this->parser->typeTexts->known($two->right) == $this->parser->typeTexts->known($this->parser->arraySizes[$one->name]) || $two->right instanceof VariableRead && ($this->parser->lengths[$two->right->name] ?? null) === $one->name;
    }

    /**
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public function collapsed(array $arguments): array
    {
        $collapsed = [];
        for ($index = 0; $index < \count($arguments); ++$index) {
            $one = $arguments[$index]->value;
            $two = $arguments[$index + 1]->value ?? null;
            if ($one instanceof Operation && OperationKey::Begin === $one->key && $two instanceof Operation && OperationKey::End === $two->key && $one->arguments == $two->arguments) {
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

    public function literal(Token $token): Expression
    {
        if ("'" === $token->text[0]) {
            $letter = $this->parser->quoted($token);
            if (1 < mb_strlen($letter)) {
                $this->parser->fail('letter_quotes', $token, [], [new Replacement($token->offset, 1, '"'), new Replacement($token->offset + \strlen($token->text) - 1, 1, '"')]);
            }

            return new TextLiteral($letter, true);
        }
        $text = $this->parser->quoted($token);
        while (null !== ($next = $this->parser->peek()) && TokenKind::Text === $next->kind && '"' === $next->text[0]) {
            ++$this->parser->at;
            $text .= $this->parser->quoted($next);
        }

        return new TextLiteral($text);
    }
}
