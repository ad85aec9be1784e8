<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Expression;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Words\Words;

/**
 * Reads what a person types into a blank: `side * 2`, `size > 90 and not done`, `"petal " & number`.
 *
 * It takes the signs of all three languages and the words of the interface's languages, as blanks belong to none.
 */
final class ExpressionReader
{
    public const LONGEST = 20_000;

    private const TOKEN = '#\s*(?:(?<number>(?:\d+(?:\.\d*)?|\.\d+)(?:[eE][+-]?\d+)?)|(?<text>"(?:[^"\\\\]|\\\\.)*"|\'(?:[^\'\\\\]|\\\\.)*\')|(?<name>(?:nib|barrow|lantern|mower)\.[a-z_]+|'.Names::PATTERN.')|(?<sign>\*\*|//|==|!=|<>|<=|>=|&&|\|\||~/|~%|[-+*/%^&=<>!(),×÷−≠≤≥\[\]]))#uA';

    /** @var array<string, array{Operator, int}> sign or word to its meaning and its strength */
    private const BINARY = [
        'or' => [Operator::Or, 1], '||' => [Operator::Or, 1],
        'and' => [Operator::And, 2], '&&' => [Operator::And, 2],
        '=' => [Operator::Equal, 4], '==' => [Operator::Equal, 4],
        '!=' => [Operator::NotEqual, 4], '<>' => [Operator::NotEqual, 4], '≠' => [Operator::NotEqual, 4],
        '<' => [Operator::Less, 4], '<=' => [Operator::LessOrEqual, 4], '≤' => [Operator::LessOrEqual, 4],
        '>' => [Operator::Greater, 4], '>=' => [Operator::GreaterOrEqual, 4], '≥' => [Operator::GreaterOrEqual, 4],
        '&' => [Operator::Join, 5],
        '+' => [Operator::Add, 6], '-' => [Operator::Subtract, 6], '−' => [Operator::Subtract, 6],
        '*' => [Operator::Multiply, 7], '×' => [Operator::Multiply, 7],
        '/' => [Operator::TrueDivide, 7], '÷' => [Operator::TrueDivide, 7],
        '//' => [Operator::FloorDivide, 7], '%' => [Operator::FloorRemainder, 7],
        '~/' => [Operator::TruncDivide, 7], '~%' => [Operator::TruncRemainder, 7],
        '**' => [Operator::Power, 9], '^' => [Operator::Power, 9],
    ];
    private const NOT = ['not', '!'];
    private const TRUTHS = ['true' => true, 'True' => true, 'false' => false, 'False' => false];

    /** @var list<array{string, string}> kind and text */
    private array $tokens = [];
    private int $at = 0;
    private int $depth = 0;
    private ?string $unknown = null;

    private function __construct(private readonly BlankContext $context)
    {
    }

    /**
     * @throws Refusal that says what is wrong at which sign
     */
    public static function read(string $source, BlankContext $context): Expression
    {
        $reader = new self($context);
        $expression = $reader->whole($source);
        if (null !== $reader->unknown) {
            throw $reader->unknownName($reader->unknown);
        }

        return $expression;
    }

    /**
     * The same where any words may stand: what is no expression is a text, without quotes around it.
     *
     * @throws Refusal
     */
    public static function readAny(string $source, BlankContext $context): Expression
    {
        $reader = new self($context);
        try {
            $expression = $reader->whole($source);
        } catch (Refusal $refusal) {
            if (1 === preg_match('/^\s*["\']/', $source) || \in_array($refusal->key, ['blank.long', 'blank.empty', 'blank.large'], true)) {
                throw $refusal;
            }

            return new TextLiteral(trim($source));
        }
        if (null !== $reader->unknown && [] === $expression->operands() && !$expression instanceof OwnValue) {
            return new TextLiteral(trim($source));
        }
        if (null !== $reader->unknown) {
            throw $reader->unknownName($reader->unknown);
        }

        return $expression;
    }

    private function whole(string $source): Expression
    {
        if (mb_strlen($source) > self::LONGEST) {
            throw new Refusal('blank.long', ['longest' => self::LONGEST]);
        }
        $offset = 0;
        $source = rtrim($source);
        while ($offset < \strlen($source)) {
            if (1 !== preg_match(self::TOKEN, $source, $match, \PREG_UNMATCHED_AS_NULL, $offset)) {
                $rest = mb_substr(ltrim(substr($source, $offset)), 0, 1);
                throw new Refusal('"' === $rest || "'" === $rest ? 'blank.quote' : 'blank.sign', ['sign' => $rest]);
            }
            foreach (['number', 'text', 'name', 'sign'] as $kind) {
                if (isset($match[$kind])) {
                    $this->tokens[] = [$kind, 'name' === $kind ? self::meant($match[$kind]) : $match[$kind]];
                }
            }
            $offset += \strlen((string) $match[0]);
        }
        if ([] === $this->tokens) {
            throw new Refusal('blank.empty');
        }
        $expression = $this->expression(0);
        if (null !== $sign = $this->peek()) {
            throw new Refusal(')' === $sign ? 'blank.bracket' : 'blank.sign', ['sign' => $sign]);
        }

        return $expression;
    }

    private function peek(): ?string
    {
        return $this->tokens[$this->at][1] ?? null;
    }

    private function expression(int $around): Expression
    {
        if (++$this->depth > Bounds::NESTING) {
            throw new Refusal('blank.deep');
        }
        $left = $this->operand();
        $terms = 1;
        while (null !== ($sign = $this->peek()) && isset(self::BINARY[$sign]) && 'text' !== $this->tokens[$this->at][0]) {
            if (++$terms > Bounds::TERMS) {
                throw new Refusal('blank.deep');
            }
            [$operator, $strength] = self::BINARY[$sign];
            if ($strength < $around) {
                break;
            }
            ++$this->at;
            // Powers group from the right; a comparison of a comparison needs brackets, so nothing follows one.
            $right = $this->expression(Operator::Power === $operator ? 8 : $strength + 1);
            if (Operator::Add === $operator && (StaticType::text() === $this->context->type($left) || StaticType::text() === $this->context->type($right))) {
                $operator = Operator::Join;
            }
            $left = new Binary($operator, $left, $right);
        }
        --$this->depth;

        return $left;
    }

    private function operand(): Expression
    {
        [$kind, $text] = $this->tokens[$this->at] ?? throw new Refusal('blank.ends');
        ++$this->at;
        if ('number' === $kind) {
            return new NumberLiteral(self::number($text));
        }
        if ('text' === $kind) {
            return new TextLiteral(strtr(substr($text, 1, -1), ['\\n' => "\n", '\\t' => "\t", '\\"' => '"', "\\'" => "'", '\\\\' => '\\']));
        }
        if (\in_array($text, self::NOT, true)) {
            return new Unary(UnaryOperator::Not, $this->expression(3));
        }
        if ('-' === $text || '−' === $text) {
            $operand = $this->expression(8);

            return $operand instanceof NumberLiteral && ($operand->value > 0 || 0 === $operand->value)
                ? new NumberLiteral(-$operand->value)
                : new Unary(UnaryOperator::Negate, $operand);
        }
        if ('(' === $text) {
            $inner = $this->expression(0);
            if (')' !== $this->peek()) {
                throw new Refusal('blank.bracket', ['sign' => '(']);
            }
            ++$this->at;

            return $inner;
        }
        if ('[' === $text) {
            return new ListLiteral($this->items(']'));
        }
        if ('name' !== $kind || isset(self::BINARY[$text])) {
            throw new Refusal('blank.sign', ['sign' => $text]);
        }

        return $this->named($text);
    }

    /** @throws Refusal if the number is too large for a computer's number */
    public static function number(string $text): int|float
    {
        if (1 === preg_match('/^\d{1,18}$/D', $text)) {
            return (int) $text;
        }
        $value = (float) $text;
        if (is_infinite($value)) {
            throw new Refusal('blank.large');
        }

        return $value;
    }

    /** Words that stand for signs are taken in every language of the interface. */
    private static function meant(string $name): string
    {
        foreach (['or', 'and', 'not', 'true', 'false'] as $word) {
            if (\in_array($name, self::spelled($word), true)) {
                return $word;
            }
        }

        return $name;
    }

    /** @return list<string> a word in all languages of the interface */
    private static function spelled(string $word): array
    {
        return array_map(static fn (string $locale): string => Words::in($locale)->raw("spelling.$word"), Words::locales());
    }

    private function named(string $name): Expression
    {
        if (isset(self::TRUTHS[$name])) {
            return new TruthLiteral(self::TRUTHS[$name]);
        }
        $called = '(' === $this->peek();
        $entry = self::command($name);
        $arguments = $called ? (null === $entry ? $this->arguments() : $this->commandArguments($entry)) : [];
        if ('random' === $name || \in_array($name, self::spelled('random'), true)) {
            $this->wants($name, 2, \count($arguments));

            return new RandomWhole($arguments[0], $arguments[1]);
        }
        if (null !== $entry && ($called || str_contains($name, '.'))) {
            $this->wants($name, \count($entry->slots), \count($arguments));

            return new CommandValue($entry->key, $arguments);
        }
        $known = \in_array($name, $this->context->variables, true);
        if ('nothing' === $name && !$called && !$known) {
            return new NothingLiteral();
        }
        if ($called) {
            $made = isset($this->context->functions[$name]) || $known ? null : self::made($name, $arguments);
            if (null !== $made) {
                return $made;
            }
            if (isset($this->context->functions[$name])) {
                $this->wants($name, $this->context->functions[$name], \count($arguments));
            } else {
                $this->unknown ??= $name;
            }

            return new OwnValue($name, $arguments);
        }
        if (!\in_array($name, $this->context->variables, true)) {
            $this->unknown ??= $name;
        }

        return new VariableRead($name);
    }

    /** A command that answers, with its object or without. */
    private static function command(string $name): ?Entry
    {
        foreach (str_contains($name, '.') ? [$name] : array_map(static fn (string $object): string => "$object.$name", SceneName::objects()) as $key) {
            $entry = Catalogue::find($key);
            if (true === $entry?->value) {
                return $entry;
            }
        }

        return null;
    }

    /** @return list<Expression> choices need no quotes around them */
    private function commandArguments(Entry $entry): array
    {
        $first = $this->tokens[$this->at + 1] ?? null;
        $chosen = null === $first || ')' !== ($this->tokens[$this->at + 2][1] ?? null) ? null : ($entry->slots[0] ?? null)?->chosen($first[1]);
        if (null !== $chosen) {
            $this->at += 3;

            return [new TextLiteral($chosen)];
        }

        return $this->arguments();
    }

    /**
     * What is written like a call and is a value of its own.
     *
     * @param list<Expression> $arguments
     */
    private static function made(string $name, array $arguments): ?Expression
    {
        $count = \count($arguments);
        $entry = ValueOperations::named($name);
        if (null !== $entry) {
            if ($count < $entry->least || $count > $entry->most) {
                throw new Refusal('blank.arguments', ['name' => $name, 'wanted' => $entry->least, 'given' => $count]);
            }

            return new Operation($entry->key, $arguments);
        }

        [$first, $second] = [$arguments[0] ?? null, $arguments[1] ?? null];

        return match (true) {
            'own' === $name && $first instanceof TextLiteral => new OwnValue($first->value, \array_slice($arguments, 1)),
            'new' === $name && $first instanceof TextLiteral => new MakeObject($first->value, \array_slice($arguments, 1)),
            'method' === $name && null !== $first && $second instanceof TextLiteral => new MethodCall($first, $second->value, \array_slice($arguments, 2)),
            'field' === $name && 2 === $count && null !== $first && $second instanceof TextLiteral => new Field($first, $second->value),
            'kind' === $name && 2 === $count && null !== $first && $second instanceof TextLiteral => new KindTest($first, $second->value),
            'map' === $name && 0 === $count % 2 => new MapLiteral($arguments),
            'item' === $name && 2 === $count => new Item($arguments[0], $arguments[1]),
            'slice' === $name && 3 === $count => new Slice($arguments[0], $arguments[1], $arguments[2]),
            'choice' === $name && 3 === $count => new Choice($arguments[0], $arguments[1], $arguments[2]),
            default => null,
        };
    }

    /** @return list<Expression> */
    private function arguments(): array
    {
        ++$this->at;

        return $this->items(')');
    }

    /** @return list<Expression> */
    private function items(string $closing): array
    {
        $arguments = [];
        if ($closing === $this->peek()) {
            ++$this->at;

            return [];
        }
        while (true) {
            $arguments[] = $this->expression(0);
            $sign = $this->peek();
            ++$this->at;
            if ($closing === $sign) {
                return $arguments;
            }
            if (',' !== $sign) {
                throw null === $sign ? new Refusal('blank.bracket', ['sign' => '(']) : new Refusal('blank.sign', ['sign' => $sign]);
            }
        }
    }

    private function wants(string $name, int $wanted, int $given): void
    {
        if ($wanted !== $given) {
            throw new Refusal('blank.arguments', ['name' => $name, 'wanted' => $wanted, 'given' => $given]);
        }
    }

    private function unknownName(string $name): Refusal
    {
        $nearest = Names::nearest($name, [...$this->context->variables, ...array_map(strval(...), array_keys($this->context->functions))]);

        return null === $nearest
            ? new Refusal('blank.unknown', ['name' => $name])
            : new Refusal('blank.unknown_near', ['name' => $name, 'near' => $nearest]);
    }
}
