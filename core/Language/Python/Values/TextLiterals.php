<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Texts, with what is put into them. */
final class TextLiterals
{
    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /** Literal texts that stand side by side are one. */
    public function texts(): Expression
    {
        $joined = null;
        while (null !== ($token = $this->parser->peek()) && TokenKind::Text === $token->kind) {
            ++$this->parser->at;
            $text = $this->literal($token);
            $joined = match (true) {
                null === $joined => $text,
                $joined instanceof TextLiteral && $text instanceof TextLiteral => new TextLiteral($joined->value.$text->value),
                default => new Binary(Operator::Join, $joined, $text),
            };
        }

        return $joined ?? new TextLiteral('');
    }

    private function literal(Token $token): Expression
    {
        preg_match('/^([a-zA-Z]*)("""|\'\'\'|["\'])(.*)$/s', $token->text, $match);
        [, $prefix, $quote, $inner] = $match + ['', '', '"', ''];
        $prefix = strtolower($prefix);
        if (str_contains($prefix, 'b')) {
            $this->parser->fail('unsupported', $token, ['what' => 'b""']);
        }
        if (!str_ends_with($inner, $quote) || 1 === preg_match('/(?<!\\\\)(?:\\\\\\\\)*\\\\$/', substr($inner, 0, -\strlen($quote)))) {
            $this->unclosed($token, $quote);
        }
        $inner = substr($inner, 0, -\strlen($quote));
        $isRaw = str_contains($prefix, 'r');
        if (str_contains($prefix, 'f')) {
            return $this->formatted($inner, $token, $token->offset + \strlen($prefix) + \strlen($quote), $isRaw);
        }

        return new TextLiteral($isRaw ? ExpressionParser::withPlainEnds($inner) : self::unescaped($inner));
    }

    private function unclosed(Token $token, string $quote): never
    {
        $text = rtrim($token->text, "\r\n");
        $end = $token->offset + \strlen($text);
        // A quote that is missing most likely belongs before the closing brackets at the end of the row.
        preg_match('/[ \t]*[)\]}:]*[ \t]*(?:#.*)?$/', $text, $match);
        $open = substr_count($text, '(');
        $tail = $match[0] ?? '';
        $at = $end - \strlen($tail) + ($open > 0 ? min(\strlen($tail), $open) : 0);
        $this->parser->fail('quote_missing', $token, ['quote' => $quote], 1 === \strlen($quote) ? [new Replacement($at, 0, $quote)] : []);
    }

    public static function unescaped(string $text): string
    {
        return (string) preg_replace_callback('/\\\\(?:(\r\n|\n|\r)|x([0-9a-fA-F]{2})|u([0-9a-fA-F]{4})|U([0-9a-fA-F]{8})|([0-7]{1,3})|([\\s\\S]))/', static function (array $match): string {
            if ('' !== $match[1]) {
                return '';
            }
            foreach ([2, 3, 4] as $group) {
                if ('' !== ($match[$group] ?? '')) {
                    return (string) mb_chr((int) hexdec($match[$group]));
                }
            }
            if ('' !== ($match[5] ?? '')) {
                return (string) mb_chr((int) octdec($match[5]));
            }
            $sign = $match[6] ?? '';

            return ['n' => "\n", 't' => "\t", 'r' => "\r", 'a' => "\x07", 'b' => "\x08", 'f' => "\f", 'v' => "\v", '\\' => '\\', "'" => "'", '"' => '"'][$sign] ?? '\\'.$sign;
        }, ExpressionParser::withPlainEnds($text));
    }

    /** A formatted literal: The Python Language Reference, 2.4.3. */
    private function formatted(string $inner, Token $token, int $base, bool $isRaw): Expression
    {
        $parts = [];
        $text = '';
        $length = \strlen($inner);
        for ($at = 0; $at < $length; ++$at) {
            $sign = $inner[$at];
            if (('{' === $sign || '}' === $sign) && $sign === ($inner[$at + 1] ?? '')) {
                $text .= $sign;
                ++$at;
                continue;
            }
            if ('}' === $sign) {
                $this->parser->failAt('brace_alone', $base + $at, 1);
            }
            if ('{' !== $sign) {
                $text .= $sign;
                continue;
            }
            if ('' !== $text) {
                $parts[] = new TextLiteral($isRaw ? $text : self::unescaped($text));
                $text = '';
            }
            $from = $at + 1;
            [$value, $at] = $this->inBraces($inner, $from, $base);
            if (1 === preg_match('/^([^={}"\']*[^={}"\'<>!\s]\s*=\s*)[}:]/', substr($inner, $from), $shown)) {
                // `{size=}` shows what is asked for as well (The Python Language Reference, 2.4.3).
                $parts[] = new TextLiteral($shown[1]);
                $value = $value instanceof Operation && OperationKey::Formatted === $value->key ? $value : $this->parser->asSaid(new Operation(OperationKey::Written, [$value]));
            }
            $parts[] = $value;
        }
        if ('' !== $text) {
            $parts[] = new TextLiteral($isRaw ? $text : self::unescaped($text));
        }

        return self::together($parts);
    }

    /**
     * A template and what is put into it: The Python Standard Library, `string`, Format String Syntax; fields without names and
     * numbers are counted.
     *
     * @param list<Argument> $arguments
     */
    public function templated(string $template, array $arguments, Token $token): Expression
    {
        $given = $named = $used = $parts = [];
        foreach ($arguments as $argument) {
            if ('**' === $argument->name && $argument->value instanceof VariableRead) {
                $entries = $argument->value;
            } elseif ('*' === $argument->name) {
                return new Operation(OperationKey::FilledTemplate, [new TextLiteral($template), 1 === \count($arguments) ? $argument->value : $this->parser->inOneList($arguments)]);
            } elseif (null === $argument->name) {
                $given[] = $argument->value;
            } else {
                $named[$argument->name] = $argument->value;
            }
        }
        $next = 0;
        foreach (preg_split('/(\{\{|\}\}|\{(?:[^{}]|\{\w*\})*\})/', $template, -1, \PREG_SPLIT_DELIM_CAPTURE | \PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            if ('{{' === $piece || '}}' === $piece) {
                $parts[] = new TextLiteral($piece[0]);
                continue;
            }
            if (1 !== preg_match('/^\{(\w*)((?:\.[A-Za-z_]\w*|\[\w+\])*)(![rs])?(?::((?:[^{}]|\{\w*\})*))?\}$/D', $piece, $field)) {
                // A brace alone, or forms that are given themselves.
                $parts[] = 1 === preg_match('/[{}]/', $piece) ? $this->parser->fail('unsupported', $token, ['what' => '.format()']) : new TextLiteral($piece);
                continue;
            }
            $key = '' === $field[1] ? (string) $next++ : $field[1];
            $value = ctype_digit($key) ? $given[(int) $key] ?? null : $named[$key] ?? (isset($entries) ? new Item($entries, new TextLiteral($key)) : null);
            $inside = $field[2];
            // What is reckoned once is not reckoned again for its second place.
            if (null === $value || isset($used[$key]) && !$value instanceof VariableRead && !$value instanceof Item && !$value instanceof NumberLiteral && !$value instanceof TextLiteral) {
                $this->parser->fail('unsupported', $token, ['what' => '.format()']);
            }
            if (!$value instanceof Item || isset($named[$key]) || ctype_digit($key)) {
                $used[$key] = true;
            }
            preg_match_all('/\.(\w+)|\[(\w+)\]/', $inside, $ways, \PREG_SET_ORDER);
            foreach ($ways as $way) {
                $at = $way[2] ?? '';
                $value = '' === $at ? $this->fieldOf($value, $way[1] ?? '') : new Item($value, ctype_digit($at) ? new NumberLiteral((int) $at) : new TextLiteral($at));
            }
            $value = '!r' === ($field[3] ?? '') ? $this->parser->asSaid(new Operation(OperationKey::Written, [$value])) : $value;
            $form = [];
            foreach (preg_split('/(\{\w*\})/', $field[4] ?? '', -1, \PREG_SPLIT_DELIM_CAPTURE | \PREG_SPLIT_NO_EMPTY) ?: [] as $of) {
                // A form may have parts that are given as well: `{:>{width}}`.
                $inner = '{' !== $of[0] ? null : ('{}' === $of ? (string) $next++ : substr($of, 1, -1));
                $formed = null === $inner ? new TextLiteral($of) : (ctype_digit($inner) ? $given[(int) $inner] ?? null : $named[$inner] ?? null);
                if (null === $formed || null !== $inner && !$formed instanceof VariableRead && !$formed instanceof NumberLiteral && isset($used[$inner])) {
                    $this->parser->fail('unsupported', $token, ['what' => '.format()']);
                }
                $used += null === $inner ? [] : [$inner => true];
                $form[] = $formed;
            }
            $parts[] = [] === $form ? $value : new Operation(OperationKey::Formatted, [$value, self::together($form)]);
        }
        // What is not put anywhere would be reckoned for nothing; nobody can say it in another language.
        if (\count($used) < \count($given) + \count($named)) {
            $this->parser->fail('unsupported', $token, ['what' => '.format()']);
        }

        return self::together(self::merged($parts));
    }

    /** What an object keeps, or answers where a method looks like a field. */
    private function fieldOf(Expression $object, string $name): Expression
    {
        return isset($this->parser->classes->asked[$name]) ? new MethodCall($object, $name, []) : new Field($object, $name);
    }

    /**
     * Plain texts side by side are one.
     *
     * @param list<Expression> $parts
     *
     * @return list<Expression>
     */
    public static function merged(array $parts): array
    {
        $merged = [];
        foreach ($parts as $part) {
            $last = array_pop($merged);
            if ($part instanceof TextLiteral && $last instanceof TextLiteral) {
                $part = new TextLiteral($last->value.$part->value);
            } elseif (null !== $last) {
                $merged[] = $last;
            }
            $merged[] = $part;
        }

        return $merged;
    }

    /** @param list<Expression> $parts of one text */
    public static function together(array $parts): Expression
    {
        if ([] === $parts) {
            return new TextLiteral('');
        }
        $isAlone = 1 === \count($parts);
        $joined = array_shift($parts);
        foreach ($parts as $part) {
            $joined = new Binary(Operator::Join, $joined, $part);
        }

        return !$isAlone || $joined instanceof TextLiteral || $joined instanceof Operation && OperationKey::Formatted === $joined->key ? $joined : new Binary(Operator::Join, new TextLiteral(''), $joined);
    }

    /** @return array{Expression, int} the value in the braces, and where they close */
    private function inBraces(string $inner, int $at, int $base): array
    {
        $start = $at;
        $depth = 0;
        $quote = null;
        for (; $at < \strlen($inner); ++$at) {
            $sign = $inner[$at];
            if (null !== $quote) {
                $quote = $sign === $quote ? null : $quote;
            } elseif ('"' === $sign || "'" === $sign) {
                $quote = $sign;
            } elseif (\in_array($sign, ['(', '[', '{'], true)) {
                ++$depth;
            } elseif (0 === $depth && ('}' === $sign || ':' === $sign || '!' === $sign && '=' !== ($inner[$at + 1] ?? ''))) {
                break;
            } elseif (\in_array($sign, [')', ']', '}'], true)) {
                --$depth;
            }
        }
        if ($at >= \strlen($inner)) {
            $this->parser->failAt('bracket_missing', $base + $start - 1, 1, ['opened' => '{', 'wanted' => '}']);
        }
        $value = $this->parser->libraryFunctions->viewed($this->parser->embedded((string) preg_replace('/(?<![=<>!])\s*=\s*$/D', '', substr($inner, $start, $at - $start)), $base + $start), $base + $start);
        if ('!' === $inner[$at]) {
            $conversion = ['!r' => OperationKey::Written, '!s' => OperationKey::ToText][substr($inner, $at, 2)] ?? null;
            if (null === $conversion || !\in_array($inner[$at + 2] ?? '', [':', '}'], true)) {
                $this->parser->failAt('unsupported', $base + $at, 2, ['what' => substr($inner, $at, 2)]);
            }
            $value = $this->parser->asSaid(new Operation($conversion, [$value]));
            $at += 2;
        }
        if (':' === $inner[$at]) {
            $end = $at;
            for ($depth = 0; $end < \strlen($inner) && ('}' !== $inner[$end] || $depth > 0); ++$end) {
                $depth += ['{' => 1, '}' => -1][$inner[$end]] ?? 0;
            }
            if ($end >= \strlen($inner)) {
                $this->parser->failAt('bracket_missing', $base + $start - 1, 1, ['opened' => '{', 'wanted' => '}']);
            }

            return [new Operation(OperationKey::Formatted, [$value, $this->form(substr($inner, $at + 1, $end - $at - 1), $base + $at + 1)]), $end];
        }

        return [$value, $at];
    }

    /** How a value is to be shown, in which values may stand themselves: `{name:<{width}}`. */
    private function form(string $form, int $base): Expression
    {
        $parts = [];
        $at = 0;
        foreach (preg_split('/(\{[^{}]*\})/', $form, -1, \PREG_SPLIT_DELIM_CAPTURE | \PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $parts[] = '{' === $part[0] ? $this->parser->embedded(substr($part, 1, -1), $base + $at + 1) : new TextLiteral($part);
            $at += \strlen($part);
        }

        return self::together($parts);
    }
}
