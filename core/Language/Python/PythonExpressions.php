<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\Conversion;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\NameUse;
use Scrivlet\Core\Language\Parsing\Spelled;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Expressions: The Python Language Reference, chapter 6. */
abstract class PythonExpressions extends ExpressionParser
{
    use FunctionsOfLibrary;
    use OnlyOnce;

    public const OPERATORS = [
        'or' => [2, Operator::Or], 'and' => [3, Operator::And],
        '+' => [7, Operator::Add], '-' => [7, Operator::Subtract],
        '*' => [8, Operator::Multiply], '/' => [8, Operator::TrueDivide], '//' => [8, Operator::FloorDivide], '%' => [8, Operator::FloorRemainder],
    ];
    private const COMPARISONS = [
        '==' => Operator::Equal, '!=' => Operator::NotEqual, '<' => Operator::Less, '<=' => Operator::LessOrEqual,
        '>' => Operator::Greater, '>=' => Operator::GreaterOrEqual,
    ];
    private const LIBRARIES = ['dict', 'random', 'math', 'time', 'sys', 're', 'string', 'json', 'statistics', 'collections', 'itertools', 'functools', 'copy', 'operator', 'heapq', 'bisect', 'scrivlet', 'os'];
    /** The Python Standard Library, string: String constants. */
    private const LETTERS = [
        'string.ascii_lowercase' => 'abcdefghijklmnopqrstuvwxyz', 'string.ascii_uppercase' => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ', 'string.ascii_letters' => 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ',
        'string.digits' => '0123456789', 'string.punctuation' => '!"#$%&\'()*+,-./:;<=>?@[\\]^_`{|}~',
    ];
    /** Words of other languages, with Python's own. */
    private const FOREIGN = ['true' => 'True', 'false' => 'False', 'TRUE' => 'True', 'FALSE' => 'False', 'null' => 'None', 'nil' => 'None', 'none' => 'None', 'undefined' => 'None', 'NULL' => 'None', 'nullptr' => 'None'];

    /** @var array<string, string> what names from libraries stand for: `randint` for `random.randint` */
    protected array $imported = [];
    /** @var array<string, true> names that the standard drawing module, or something of it that draws, has */
    protected array $drawing = [];
    protected bool $drawsFreely = false;
    private ?Expression $fill = null;
    /** @var array<string, bool> variables that hold a list wherever they get a value */
    protected array $listNames = [];

    public function language(): Language
    {
        return Language::Python;
    }

    protected function operators(): array
    {
        return self::OPERATORS;
    }

    protected function prefix(Token $token): Expression
    {
        switch ($token->kind) {
            case TokenKind::Number:
                ++$this->at;

                return $this->postfix($this->number($token));
            case TokenKind::Text:
                return $this->postfix($this->texts());
            case TokenKind::Name:
                if (isset(self::FOREIGN[$token->text]) && !$this->isVariable($token->text) && !$this->is('(', 1)) {
                    $this->foreign($token);
                }

                return $this->named($token);
            case TokenKind::Unread:
                $this->strange($token);
        }
        switch ($token->text) {
            case '(':
                return $this->postfix($this->grouped($token));
            case '[':
                return $this->postfix($this->list($token));
            case '{':
                return $this->postfix($this->map($token));
            case '-':
                ++$this->at;

                return $this->negated($this->expression(9));
            case '+':
                ++$this->at;

                return $this->expression(9);
            case '~':
                ++$this->at;

                return new Operation(OperationKey::BitNot, [$this->expression(9)]);
            case 'not':
                ++$this->at;

                return new Unary(UnaryOperator::Not, $this->expression(4));
            case 'True':
            case 'False':
                ++$this->at;

                return new TruthLiteral('True' === $token->text);
            case 'None':
                ++$this->at;

                return new NothingLiteral();
            case 'lambda':
                return $this->lambda();
            case '!':
                $this->fail('foreign_word', $token, ['word' => '!', 'near' => 'not'], [new Replacement($token->offset, 1, 'not ')]);
                // no break
            case '=':
                $this->fail('value_missing', $token, ['after' => self::shown($this->tokens[$this->at - 1] ?? null)]);
                // no break
            case '++':
            case '--':
                $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => '+= 1']);
                // no break
            case 'await':
            case 'yield':
                $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        $before = $this->tokens[$this->at - 1] ?? null;
        if ('**' === $token->text && \in_array($before?->text, ['{', ',', '('], true)) {
            // All of a map in another one, or for names.
            $this->fail('unsupported', $token, ['what' => '**…']);
        }
        if (\in_array($token->text, [')', ']', '}', ':', ','], true) && null !== $before && $this->at > 0) {
            $this->fail('value_missing', $token, ['after' => self::shown($before)]);
        }
        $this->fail(TokenKind::Keyword === $token->kind ? 'keyword_as_value' : 'unexpected', $token);
    }

    private function foreign(Token $token): never
    {
        $near = self::FOREIGN[$token->text];
        $kind = strtolower($near) === strtolower($token->text) ? 'capitals' : 'foreign_word';
        $this->fail($kind, $token, ['name' => $token->text, 'word' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);
    }

    private function number(Token $token): Expression
    {
        $text = str_replace('_', '', $token->text);
        $next = $this->peek();
        if (null !== $next && TokenKind::Name === $next->kind && $next->offset === $token->offset + \strlen($token->text)) {
            if ('j' === $next->text) {
                $this->fail('unsupported', $token, ['what' => $token->text.'j']);
            }
            $this->fail('number_and_letters', $token, ['text' => $token->text.$next->text]);
        }
        if (ctype_digit($text) && '0' !== $text[0] && \strlen($text) <= 18) {
            return new NumberLiteral((int) $text);
        }
        if (1 === preg_match('/^0[xX]/', $text)) {
            return new NumberLiteral(hexdec(substr($text, 2)));
        }
        if (1 === preg_match('/^0[bB]/', $text)) {
            return new NumberLiteral(bindec(substr($text, 2)));
        }
        if (1 === preg_match('/^0\d/', $text) && ctype_digit($text) && '' !== trim($text, '0')) {
            $this->fail('leading_zero', $token, ['number' => $text], [new Replacement($token->offset, \strlen($token->text), ltrim($text, '0'))]);
        }
        if (1 === preg_match('/^0[oO][0-7]{1,20}$/D', $text)) {
            return new NumberLiteral((int) octdec(substr($text, 2)));
        }
        if (1 === preg_match('/[jJ]$/', $text) || 1 === preg_match('/^0[oO]/', $text)) {
            $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        if (ctype_digit($text)) {
            $digits = ltrim($text, '0') ?: '0';

            return $digits === (string) (int) $digits ? new NumberLiteral((int) $digits) : new Operation(OperationKey::ToWhole, [new TextLiteral($digits)]);
        }

        return new NumberLiteral((float) $text);
    }

    /** Literal texts that stand side by side are one. */
    private function texts(): Expression
    {
        $joined = null;
        while (null !== ($token = $this->peek()) && TokenKind::Text === $token->kind) {
            ++$this->at;
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
            $this->fail('unsupported', $token, ['what' => 'b""']);
        }
        if (!str_ends_with($inner, $quote) || 1 === preg_match('/(?<!\\\\)(?:\\\\\\\\)*\\\\$/', substr($inner, 0, -\strlen($quote)))) {
            $this->unclosed($token, $quote);
        }
        $inner = substr($inner, 0, -\strlen($quote));
        $isRaw = str_contains($prefix, 'r');
        if (str_contains($prefix, 'f')) {
            return $this->formatted($inner, $token, $token->offset + \strlen($prefix) + \strlen($quote), $isRaw);
        }

        return new TextLiteral($isRaw ? self::withPlainEnds($inner) : self::unescaped($inner));
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
        $this->fail('quote_missing', $token, ['quote' => $quote], 1 === \strlen($quote) ? [new Replacement($at, 0, $quote)] : []);
    }

    private static function unescaped(string $text): string
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
        }, self::withPlainEnds($text));
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
                $this->failAt('brace_alone', $base + $at, 1);
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
                $value = $value instanceof Operation && OperationKey::Formatted === $value->key ? $value : new Operation(OperationKey::Written, [$value]);
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
     * numbers are counted, and none looks into a value.
     *
     * @param list<Argument> $arguments
     */
    private function templated(string $template, array $arguments, Token $token): Expression
    {
        $given = $named = $used = $parts = [];
        foreach ($arguments as $argument) {
            if ('**' === $argument->name && $argument->value instanceof VariableRead) {
                $entries = $argument->value;
            } elseif ('*' === $argument->name) {
                return new Operation(OperationKey::FilledTemplate, [new TextLiteral($template), 1 === \count($arguments) ? $argument->value : $this->inOneList($arguments)]);
            } elseif (null === $argument->name) {
                $given[] = $argument->value;
            } else {
                $named[$argument->name] = $argument->value;
            }
        }
        $next = 0;
        foreach (preg_split('/(\{\{|\}\}|\{[^{}]*\})/', $template, -1, \PREG_SPLIT_DELIM_CAPTURE | \PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            if ('{{' === $piece || '}}' === $piece) {
                $parts[] = new TextLiteral($piece[0]);
                continue;
            }
            if (1 !== preg_match('/^\{(\w*)(?::([^{}]*))?\}$/D', $piece, $field)) {
                // A brace alone, or a field that looks into its value.
                $parts[] = 1 === preg_match('/[{}]/', $piece) ? $this->fail('unsupported', $token, ['what' => '.format()']) : new TextLiteral($piece);
                continue;
            }
            $key = '' === $field[1] ? (string) $next++ : $field[1];
            $value = ctype_digit($key) ? $given[(int) $key] ?? null : $named[$key] ?? (isset($entries) ? new Item($entries, new TextLiteral($key)) : null);
            // What is reckoned once is not reckoned again for its second place.
            if (null === $value || isset($used[$key]) && !$value instanceof VariableRead && !$value instanceof Item && !$value instanceof NumberLiteral && !$value instanceof TextLiteral) {
                $this->fail('unsupported', $token, ['what' => '.format()']);
            }
            if (!$value instanceof Item || isset($named[$key]) || ctype_digit($key)) {
                $used[$key] = true;
            }
            $parts[] = '' === ($field[2] ?? '') ? $value : new Operation(OperationKey::Formatted, [$value, new TextLiteral($field[2])]);
        }
        // What is not put anywhere would be reckoned for nothing; nobody can say it in another language.
        if (\count($used) < \count($given) + \count($named)) {
            $this->fail('unsupported', $token, ['what' => '.format()']);
        }

        return self::together(self::merged($parts));
    }

    /**
     * What `next` takes the next item of; null where that is not known. Of a generator in brackets all items are found at once, which
     * nobody sees: no other place has it.
     */
    private function begun(Expression $items, int $offset): ?Expression
    {
        if ($items instanceof Operation && \in_array($items->key, [OperationKey::Started, OperationKey::CountedOn, OperationKey::AgainInTurn], true) || $items instanceof VariableRead && isset($this->begun[$items->name])) {
            return $items;
        }
        if ($items instanceof OwnValue && $this->yieldsAll($items->function)) {
            return new Operation(OperationKey::Started, [$items]);
        }
        if (($items instanceof VariableRead || $items instanceof Field || $items instanceof Item || $items instanceof OwnValue || $items instanceof MethodCall) && 1 === preg_match('/\byield\b|\biter\s*\(|(?<!\.)\b(?:count|cycle)\s*\(|\bitertools\s*\.\s*(?:count|cycle)\b/', $this->text)) {
            return $items;
        }

        return $items instanceof Collected && '[' !== ($this->text[$offset] ?? '') && self::isQuiet($items) ? new Operation(OperationKey::Started, [$items]) : null;
    }

    /** Whether nothing shows that items were found that nobody asked for: nothing of the program's own is called for them, and no text that is no number fails. */
    private static function isQuiet(Expression $value): bool
    {
        return [] === array_filter(Walk::expressions($value), static fn (Expression $one): bool => $one instanceof OwnValue || $one instanceof MethodCall || $one instanceof Operation && \in_array($one->key, [OperationKey::ToWhole, OperationKey::ToNumber], true));
    }

    /** A text before `%` is a template. */
    protected function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        if (Operator::FloorRemainder !== $operator || !$left instanceof TextLiteral) {
            return parent::combine($operator, $left, $right, $at);
        }
        $isTuple = $right instanceof Operation && OperationKey::AsTuple === $right->key && $right->arguments[0] instanceof ListLiteral;
        $given = $isTuple ? $right->arguments[0]->items : [$right];
        if (!$isTuple && 1 < preg_match_all('/%(?!%)/', str_replace('%%', '', $left->value))) {
            return new Operation(OperationKey::Percent, [$left, $right]);
        }
        $parts = [];
        foreach (Conversion::pieces($left->value) as $piece) {
            if ('%%' === $piece || '%' !== $piece[0]) {
                $parts[] = new TextLiteral('%%' === $piece ? '%' : $piece);
                continue;
            }
            // `%r` shows what a text or a list is written like, and else as `%s` does.
            $isWritten = 'r' === $piece[-1];
            $conversion = Conversion::of($isWritten ? substr($piece, 0, -1).'s' : $piece);
            $value = array_shift($given);
            if (null === $value || null === $conversion || 'c' === $conversion->kind) {
                $this->failAt('unsupported', $at, 1, ['what' => "\"$piece\" %"]);
            }
            // `%d` cuts what stands behind the point off.
            if ($conversion->isWhole() && !($value instanceof NumberLiteral && \is_int($value->value))) {
                $value = new Operation(OperationKey::ToWhole, [$value]);
            }
            $value = $isWritten ? new Operation(OperationKey::Written, [$value]) : $value;
            $parts[] = '' === $conversion->form() ? $value : new Operation(OperationKey::Formatted, [$value, new TextLiteral($conversion->form())]);
        }
        if ([] !== $given) {
            $this->failAt('unsupported', $at, 1, ['what' => '… % …']);
        }

        return self::together(self::merged($parts));
    }

    /**
     * Plain texts side by side are one.
     *
     * @param list<Expression> $parts
     *
     * @return list<Expression>
     */
    private static function merged(array $parts): array
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
    private static function together(array $parts): Expression
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
            $this->failAt('bracket_missing', $base + $start - 1, 1, ['opened' => '{', 'wanted' => '}']);
        }
        $value = $this->viewed($this->embedded((string) preg_replace('/(?<![=<>!])\s*=\s*$/D', '', substr($inner, $start, $at - $start)), $base + $start), $base + $start);
        if ('!' === $inner[$at]) {
            $conversion = ['!r' => OperationKey::Written, '!s' => OperationKey::ToText][substr($inner, $at, 2)] ?? null;
            if (null === $conversion || !\in_array($inner[$at + 2] ?? '', [':', '}'], true)) {
                $this->failAt('unsupported', $base + $at, 2, ['what' => substr($inner, $at, 2)]);
            }
            $value = new Operation($conversion, [$value]);
            $at += 2;
        }
        if (':' === $inner[$at]) {
            $end = $at;
            for ($depth = 0; $end < \strlen($inner) && ('}' !== $inner[$end] || $depth > 0); ++$end) {
                $depth += ['{' => 1, '}' => -1][$inner[$end]] ?? 0;
            }
            if ($end >= \strlen($inner)) {
                $this->failAt('bracket_missing', $base + $start - 1, 1, ['opened' => '{', 'wanted' => '}']);
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
            $parts[] = '{' === $part[0] ? $this->embedded(substr($part, 1, -1), $base + $at + 1) : new TextLiteral($part);
            $at += \strlen($part);
        }

        return self::together($parts);
    }

    private function grouped(Token $opened): Expression
    {
        ++$this->at;
        if ($this->accept(')')) {
            return new Operation(OperationKey::AsTuple, [new ListLiteral([])]);
        }
        $collected = $this->collected($opened);
        if (null !== $collected) {
            return $collected;
        }
        if ($this->is('*')) {
            $items = $this->items([], ')');
            $this->close($opened);

            return new Operation(OperationKey::AsTuple, [$items]);
        }
        $value = $this->expression();
        if (!$this->is(',')) {
            $this->close($opened);
            $back = $value instanceof Operation && OperationKey::Given === $value->key ? Given::change($value) : null;
            // `(n := n + 1) - 1` is what n was before.
            if (null !== $back && $back->right == new NumberLiteral(1) && $this->is(Operator::Add === $back->operator ? '-' : '+') && $this->is('1', 1)) {
                $this->at += 2;

                return new Operation(OperationKey::GivenAfter, $value->arguments);
            }

            return $value;
        }
        ++$this->at;
        $items = $this->items([$value], ')');
        $this->close($opened);

        return new Operation(OperationKey::AsTuple, [$items]);
    }

    private function list(Token $opened): Expression
    {
        ++$this->at;
        if ($this->accept(']')) {
            return new ListLiteral([]);
        }
        $collected = $this->collected($opened);
        if (null !== $collected) {
            return $collected;
        }
        $items = $this->items([], ']');
        $this->close($opened);

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
        while (!$this->is($close)) {
            if ($this->is(',')) {
                $this->fail('extra_comma', null, [], [new Replacement($this->offset(), 1, '')]);
            }
            if ($this->accept('*')) {
                $more = $this->expression(6);
                $more = $more instanceof ListLiteral || $more instanceof Collected ? $more : new Operation(OperationKey::AsList, [$more]);
                $spread = null === $spread && [] === $items ? $more : new Operation(OperationKey::Concatenated, [null === $spread ? new ListLiteral($items) : ([] === $items ? $spread : new Operation(OperationKey::Concatenated, [$spread, new ListLiteral($items)])), $more]);
                $items = [];
            } else {
                $items[] = $this->expression();
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        if (null !== $spread) {
            return [] === $items ? $spread : new Operation(OperationKey::Concatenated, [$spread, new ListLiteral($items)]);
        }

        return new ListLiteral($items);
    }

    /** `[value for name in list if condition]`: the name means something only inside. */
    private function collected(Token $opened): ?Expression
    {
        for ($ahead = 0; null !== ($token = $this->peek($ahead)) && ('for' !== $token->text || TokenKind::Keyword !== $token->kind); ++$ahead) {
            if ('lambda' === $token->text && TokenKind::Keyword === $token->kind) {
                // Commas between its parameters are its own.
                while (null !== $this->peek($ahead) && !$this->is(':', $ahead)) {
                    $ahead = ($this->is('(', $ahead) || $this->is('[', $ahead) || $this->is('{', $ahead) ? ($this->closingOf($this->at + $ahead) ?? $this->until) - $this->at : $ahead) + 1;
                }
                continue;
            }
            if (TokenKind::Sign !== $token->kind) {
                continue;
            }
            if (\in_array($token->text, ['(', '[', '{'], true)) {
                // Inner brackets are passed over at once, or nested ones would be gone over again and again.
                $closing = $this->closingOf($this->at + $ahead);
                if (null === $closing) {
                    return null;
                }
                $ahead = $closing - $this->at;
            } elseif (\in_array($token->text, [')', ']', '}', ','], true)) {
                return null;
            }
        }
        if (null === $token) {
            return null;
        }
        for ($at = $this->at, $end = $this->closingOf($this->indexOf($opened) ?? $at) ?? $at; $at < $end; ++$at) {
            if (':=' === $this->tokens[$at]->text && TokenKind::Name === $this->tokens[$at - 1]->kind) {
                // What a condition names stands before it, in the value (The Python Language Reference, 6.12).
                $this->write($this->tokens[$at - 1]->text, $opened->offset);
            }
        }
        $known = $this->writes[$this->scope] ?? [];
        $names = $this->namesOfLoops($ahead);
        foreach ($names as $name => $offset) {
            $this->writes[$this->scope][$name] ??= $offset;
        }
        $value = $this->printedValue() ?? $this->expression(1);
        if ('{' === $opened->text) {
            $isSet = !$this->accept(':');
            $value = $isSet ? $value : new ListLiteral([$value, $this->expression(1)]);
        }
        $made = $this->loops_($value);
        foreach ($this->reads as $index => $use) {
            if (isset($names[$use->name]) && !isset($known[$use->name]) && $use->offset > $opened->offset) {
                unset($this->reads[$index]);
            }
        }
        $this->writes[$this->scope] = $known;
        $this->close($opened);

        return '{' === $opened->text ? new Operation($isSet ?? false ? OperationKey::SetOf : OperationKey::MapOf, [$made]) : $made;
    }

    /** @return array<string, int> the names that the loops of a comprehension give values, and where */
    private function namesOfLoops(int $ahead): array
    {
        $names = [];
        for (; null !== $token = $this->peek($ahead); ++$ahead) {
            if (TokenKind::Sign === $token->kind && \in_array($token->text, [')', ']', '}'], true)) {
                break;
            }
            if (TokenKind::Sign === $token->kind && \in_array($token->text, ['(', '[', '{'], true)) {
                $ahead = ($this->closingOf($this->at + $ahead) ?? $this->until) - $this->at;
                continue;
            }
            for ($isLoop = 'for' === $token->text; $isLoop && null !== ($name = $this->peek($ahead + 1)) && 'in' !== $name->text; ++$ahead) {
                if (TokenKind::Name === $name->kind) {
                    $names[$name->text] = $name->offset;
                }
            }
        }

        return $names;
    }

    /** Where the row begins that is being read. */
    abstract protected function rowStart(): int;

    /** `for name in list if condition`, perhaps with another such loop in it (The Python Language Reference, 6.2.4). */
    private function loops_(Expression $value): Expression
    {
        if (!$this->accept('for')) {
            $this->fail('unexpected');
        }
        $isGrouped = $this->is('(') && (null === ($closing = $this->closingOf($this->at)) || 'in' === ($this->tokens[$closing + 1]->text ?? ''));
        $this->at += (int) $isGrouped;
        $pair = new VariableRead('pair');
        $names = $this->places_($pair);
        $isGrouped && $this->accept(')');
        if ([] === $names || !$this->accept('in')) {
            $this->fail([] === $names ? 'name_missing' : 'in_missing');
        }
        if (self::seesTurns($value, $names, false)) {
            // All of them see the last turn (The Python Language Reference, 4.2.2).
            $this->fail('unsupported', null, ['what' => 'lambda … for']);
        }
        // What stands before is meant by them, and not by a function of that name further down.
        $row = $this->rowStart();
        $this->wanted = array_values(array_filter($this->wanted, static fn (Token $token): bool => $token->offset < $row || !isset($names[$token->text])));
        $over = $this->expression(2);
        $condition = $this->accept('if') ? $this->expression(2) : null;
        while (null !== $condition && $this->accept('if')) {
            $condition = new Binary(Operator::And, $condition, $this->expression(2));
        }
        $inner = $this->is('for') ? $this->loops_($value) : null;
        $value = $inner ?? $value;
        $variable = (string) array_key_first($names);
        if (1 < \count($names)) {
            $variable = self::pairIn(...array_filter([$value, $condition]));
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
        for ($index = 0; null !== $name = $this->peek(); ++$index) {
            if ($this->is('(')) {
                ++$this->at;
                $names += $this->places_(new Item($of, new NumberLiteral($index)));
                $this->close($name);
            } elseif (TokenKind::Name === $name->kind) {
                ++$this->at;
                $names[$name->text] = new Item($of, new NumberLiteral($index));
            } elseif ($this->is('*') && TokenKind::Name === ($rest = $this->peek(1))?->kind && !$this->is(',', 2)) {
                // The last name gets all that is left, as a list (The Python Language Reference, 7.2).
                $this->at += 2;
                $names[$rest->text] = new Operation(OperationKey::AsList, [new Slice($of, new NumberLiteral($index), new NothingLiteral())]);
            } else {
                break;
            }
            if (!$this->accept(',')) {
                break;
            }
        }

        return $names;
    }

    /** A function that a name stands for: `key=len`, `map(int, words)`. */
    private function functionNamed(string $name): ?Lambda
    {
        $item = new VariableRead('item');
        $key = ['len' => OperationKey::Length, 'str' => OperationKey::ToText, 'int' => OperationKey::ToWhole, 'float' => OperationKey::ToNumber, 'bool' => OperationKey::ToTruth, 'repr' => OperationKey::Written, 'abs' => OperationKey::Absolute, 'sum' => OperationKey::Total, 'sorted' => OperationKey::Sorted, 'str.lower' => OperationKey::Lower, 'str.upper' => OperationKey::Upper, 'str.strip' => OperationKey::Trimmed, 'ord' => OperationKey::Code, 'max' => OperationKey::Greatest, 'min' => OperationKey::Least, 'list' => OperationKey::AsList][$name] ?? null;

        return match (true) {
            isset($this->classes[$name]) && !$this->isVariable($name) => new Lambda(['item'], new MakeObject($name, [$item])),
            isset($this->functions[$name]), $this->isVariable($name) => new Lambda(['item'], new OwnValue($name, [$item])),
            null !== $key => new Lambda(['item'], new Operation($key, [$item])),
            default => str_starts_with($name, 'str.') ? $this->methodOfTexts(substr($name, 4)) : null,
        };
    }

    /** `str.isalpha`: the method as a function of the text. */
    private function methodOfTexts(string $name): ?Lambda
    {
        foreach (SpellingIndex::of(Language::Python)->methods[$name] ?? [] as $spelled) {
            if (1 === \count($spelled[1])) {
                return new Lambda(['item'], new Operation($spelled[0], [new VariableRead('item')]));
            }
        }

        return null;
    }

    /** `key=numbers.count`, `map(", ".join, rows)`: a method of one value, as a function of that value. */
    private static function methodOf(Expression $object, string $name): ?Lambda
    {
        foreach (SpellingIndex::of(Language::Python)->methods[$name] ?? [] as [$key, $order]) {
            if (2 === \count($order) && true !== ValueOperations::find($key)?->hasEffect()) {
                $arguments = [$order[0] => $object, $order[1] => new VariableRead('item')];
                ksort($arguments);

                return new Lambda(['item'], new Operation($key, array_values($arguments)));
            }
        }

        return null;
    }

    /** A function that is handed over: a lambda, or the name of a function. */
    private function function_(): ?Lambda
    {
        $token = $this->peek();
        if (null === $token) {
            return null;
        }
        if ('lambda' === $token->text) {
            $value = $this->expression();

            return $value instanceof Lambda ? $value : null;
        }
        $ends = fn (int $ahead): bool => $this->is(')', $ahead) || $this->is(',', $ahead);
        if ($ends(1) && null !== $made = $this->functionNamed($token->text)) {
            ++$this->at;

            return $made;
        }
        if ($this->is('.', 1) && $ends(3)) {
            $made = $this->functionNamed($token->text.'.'.($this->peek(2)->text ?? ''));
            if (null === $made && $this->is('get', 2) && TokenKind::Name === $token->kind) {
                $this->read($token->text, $token->offset);
                $made = new Lambda(['item'], new Operation(OperationKey::ValueOr, [new VariableRead($token->text), new VariableRead('item'), new NothingLiteral()]));
            }
            $method = $this->peek(2)->text ?? '';
            if (null === $made && $this->isVariable($token->text) && isset($this->methodNames[$method]) && !isset($this->setFields[$method])) {
                $this->read($token->text, $token->offset);
                $made = new Lambda(['item'], new MethodCall(new VariableRead($token->text), $method, [new VariableRead('item')]));
            }
            if (null === $made && $this->isVariable($token->text) && null !== $made = self::methodOf(new VariableRead($token->text), $this->peek(2)->text ?? '')) {
                $this->read($token->text, $token->offset);
            }
            $this->at += null === $made ? 0 : 3;

            return $made;
        }

        return null;
    }

    public function arguments(Token $opened): array
    {
        $offset = $this->offset();
        $collected = '(' === $opened->text && !$this->is(')') ? $this->collected($opened) : null;

        return null === $collected ? parent::arguments($opened) : [new Argument($collected, $offset, $this->endOffset() - 1)];
    }

    private function map(Token $opened): Expression
    {
        ++$this->at;
        $entries = [];
        $collected = $this->is('}') ? null : $this->collected($opened);
        if (null !== $collected) {
            return $collected;
        }
        $before = null;
        while (!$this->is('}')) {
            if ($this->is('*')) {
                $this->fail('unsupported', $this->peek(), ['what' => '{*…}']);
            }
            if ($this->accept('**')) {
                // All of another map, which what stands behind it may replace (The Python Language Reference, 6.2.7).
                $other = $this->expression();
                $made = null === $before ? ([] === $entries ? null : new MapLiteral($entries)) : ([] === $entries ? $before : new Operation(OperationKey::Merged, [$before, new MapLiteral($entries)]));
                $before = null === $made ? new Operation(OperationKey::Copied, [$other]) : new Operation(OperationKey::Merged, [$made, $other]);
                $entries = [];
                if (!$this->accept(',')) {
                    break;
                }
                continue;
            }
            $entries[] = $this->expression();
            if (null === $before && 1 === \count($entries) && ($this->is(',') || $this->is('}'))) {
                return $this->set($entries, $opened);
            }
            if (!$this->accept(':')) {
                $this->is(',') || $this->is('}') ? $this->fail('unexpected', $this->peek()) : $this->fail('colon_in_map', null, [], [new Replacement($this->endOffset(), 0, ':')]);
            }
            $entries[] = $this->expression();
            if ($this->is('for')) {
                $this->fail('unsupported', $opened, ['what' => '{… for …}']);
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);
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
        while ($this->accept(',') && !$this->is('}')) {
            $items[] = $this->expression();
        }
        $this->close($opened);

        return new Operation(OperationKey::SetOf, [new ListLiteral($items)]);
    }

    /** `lambda bed: print(bed)` shows something, and gives nothing back. */
    private function printedValue(): ?Operation
    {
        $token = $this->peek();
        $opened = $this->peek(1);
        if ('print' !== $token?->text || '(' !== $opened?->text || isset($this->functions['print'])) {
            return null;
        }
        $this->at += 2;
        $arguments = $this->arguments($opened);
        if ([] !== array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name)) {
            $this->fail('unsupported', $token, ['what' => 'lambda …: print(…)']);
        }

        return new Operation(OperationKey::Printed, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
    }

    private function lambda(): Expression
    {
        ++$this->at;
        $names = $given = [];
        $known = $this->writes[$this->scope] ?? [];
        while (null !== ($token = $this->peek()) && TokenKind::Name === $token->kind) {
            ++$this->at;
            if ($this->accept('=')) {
                // It is as it was when the function was made (The Python Language Reference, 6.14 and 8.7).
                $given[$token->text] = $this->expression();
            } else {
                $names[] = $token->text;
            }
            $this->write($token->text, $token->offset);
            if (!$this->accept(',')) {
                break;
            }
        }
        if ($this->is('*') || $this->is('**')) {
            $this->fail('unsupported', $this->peek(), ['what' => 'lambda '.$this->sign().'…']);
        }
        if (!$this->accept(':')) {
            $this->fail('colon_missing', null, ['after' => 'lambda'], [new Replacement($this->endOffset(), 0, ':')]);
        }
        $shadowed = $this->lambdaNames;
        $own = [...$names, ...array_map(strval(...), array_keys($given))];
        $this->lambdaNames += array_fill_keys($own, true);
        $value = $this->printedValue() ?? $this->expression();
        $this->lambdaNames = $shadowed;
        foreach ($this->reads as $index => $use) {
            if (\in_array($use->name, $own, true) && !isset($known[$use->name])) {
                unset($this->reads[$index]);
            }
        }
        $this->writes[$this->scope] = $known;

        $made = new Lambda($names, $value);

        return [] === $given ? $made : new MethodCall(new Lambda(array_map(strval(...), array_keys($given)), $made), MethodCall::CALL, array_values($given));
    }

    protected function special(Expression $left, int $around, int $offset): ?Expression
    {
        $sign = $this->sign();
        if ('**' === $sign) {
            if (10 < $around) {
                return null;
            }
            ++$this->at;

            return new Binary(Operator::Power, $left, $this->expression(9));
        }
        if ('@' === $sign && isset($this->methodNames[PythonNames::OF_MATRICES])) {
            if (8 < $around) {
                return null;
            }
            // No value of the language's own has it (The Python Language Reference, 6.7).
            ++$this->at;

            return new MethodCall($left, PythonNames::OF_MATRICES, [$this->expression(9)]);
        }
        if (5 >= $around && (isset(self::COMPARISONS[$sign]) || 'in' === $sign || 'is' === $sign || 'not' === $sign && $this->is('in', 1))) {
            return $this->comparison($left);
        }
        if ('if' === $sign && 1 >= $around) {
            ++$this->at;
            $condition = $this->expression(2);
            if (!$this->accept('else')) {
                $this->signsMeant();
                $this->fail('else_missing');
            }

            return new Choice($condition, $left, $this->expression(1));
        }
        if (\in_array($sign, ['&&', '||'], true) || '&' === $sign && $this->is('&', 1) || '|' === $sign && $this->is('|', 1)) {
            $token = $this->peek();
            $word = '&' === $sign[0] ? 'and' : 'or';
            $length = 2;
            $this->fail('foreign_word', $token, ['word' => $sign[0].$sign[0], 'near' => $word], [new Replacement($token->offset ?? 0, $length, $word)]);
        }
        if ('=' === $sign && $this->is('=', 1) || '===' === $sign) {
            $this->fail('foreign_word', null, ['word' => '===', 'near' => '==']);
        }
        if (6 >= $around && isset(self::BITS[$sign])) {
            return $this->bits($left, 7, array_keys(self::BITS));
        }
        if (':=' === $sign && $left instanceof VariableRead && 0 === $around) {
            ++$this->at;
            $this->write($left->name, $offset);

            return new Operation(OperationKey::Given, [$left, $this->expression()]);
        }
        if (\in_array($sign, [':=', '@'], true)) {
            $this->fail('unsupported', null, ['what' => $sign]);
        }

        return null;
    }

    /** One comparison, or several in a row: `1 < x < 9` holds if each one does. */
    public function comparison(Expression $left): Expression
    {
        $all = null;
        for ($terms = 1;; ++$terms) {
            if ($terms > Bounds::TERMS) {
                $this->fail('many_terms', null, ['most' => Bounds::TERMS]);
            }
            $sign = $this->sign();
            $negates = false;
            if ('not' === $sign && $this->is('in', 1)) {
                ++$this->at;
                $sign = 'in';
                $negates = true;
            } elseif ('not' === $sign || null === $sign || !isset(self::COMPARISONS[$sign]) && 'in' !== $sign && 'is' !== $sign) {
                return $all ?? $left;
            }
            $token = $this->peek();
            ++$this->at;
            if ('is' === $sign && $this->accept('not')) {
                $negates = true;
            }
            if ('=' === $this->sign() && \in_array($sign, ['<', '>', '=', '!'], true)) {
                $this->fail('signs_apart', $token);
            }
            $offset = $this->offset();
            $right = $this->expression(6);
            if (($right instanceof NothingLiteral || $left instanceof NothingLiteral) && isset(self::COMPARISONS[$sign]) && !\in_array($sign, ['==', '!='], true)) {
                $this->mistake('compare_nothing', $offset, $this->endOffset() - $offset);
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
                $test = new Binary(self::COMPARISONS[$sign], $left, $right);
            }
            $all = null === $all ? $test : new Binary(Operator::And, $all, $test);
            $left = $right;
        }
    }

    /**
     * `type(bed) == str`: by the names of both.
     *
     * @return array{Expression, Expression}|null
     */
    private function ofKind(Expression $left, Expression $right): ?array
    {
        if (!$left instanceof Operation || OperationKey::Kind !== $left->key || !$right instanceof VariableRead || !isset($this->classes[$right->name]) && !\in_array($right->name, ['int', 'float', 'str', 'bool', 'list', 'dict', 'tuple', 'set'], true)) {
            return null;
        }

        return [new Operation(OperationKey::KindName, $left->arguments), new TextLiteral($right->name)];
    }

    /** Values with commas between them are a tuple, without brackets too (The Python Language Reference, 6.15). */
    protected function tupled(Expression $first): Expression
    {
        $items = [$first];
        while ($this->accept(',')) {
            if (null === $this->peek() || $this->is(']') || $this->is(':')) {
                return new Operation(OperationKey::AsTuple, [new ListLiteral($items)]);
            }
            $items[] = $this->expression();
        }

        return 1 === \count($items) ? $first : new Operation(OperationKey::AsTuple, [new ListLiteral($items)]);
    }

    protected function indexed(Expression $container, Token $opened): Expression
    {
        if ($this->accept(':')) {
            return $this->sliced($container, new NothingLiteral(), $opened);
        }
        if ($this->is(']')) {
            $this->fail('value_missing', null, ['after' => '[']);
        }
        $index = $this->expression();
        if ($this->accept(':')) {
            return $this->sliced($container, $index, $opened);
        }
        $index = $this->tupled($index);
        $this->close($opened);
        if ($index instanceof NumberLiteral && \is_float($index->value)) {
            $this->mistake('index_not_whole', $opened->offset, $this->endOffset() - $opened->offset);
        }

        return new Item($container, $index);
    }

    private function sliced(Expression $container, Expression $from, Token $opened): Expression
    {
        $to = $this->is(']') || $this->is(':') ? new NothingLiteral() : $this->expression();
        if ($this->accept(':')) {
            $step = $this->is(']') ? new NumberLiteral(1) : $this->expression();
            $this->close($opened);
            if ($step instanceof NumberLiteral && -1 === $step->value && $from instanceof NothingLiteral && $to instanceof NothingLiteral) {
                return new Operation(OperationKey::Backwards, [$container]);
            }

            return 1 == ($step instanceof NumberLiteral ? $step->value : 0) ? new Slice($container, $from, $to) : new Operation(OperationKey::Stepped, [$container, $from, $to, $step]);
        }
        $this->close($opened);

        return new Slice($container, $from, $to);
    }

    /** Whether what stands before brackets may be given a map for its parameters: a function that is a value, or one that gathers names. */
    private function mayTakeNames(string $name): bool
    {
        return isset($this->functions[$name]) || isset($this->methodNames[PythonNames::METHODS[$name] ?? $name]) || $this->isVariable($name);
    }

    /** The name before the brackets in which the reading stands. */
    private function askedAround(): string
    {
        for ($index = $this->at - 1; $index > 0; --$index) {
            $text = $this->tokens[$index]->text;
            if (TokenKind::Sign === $this->tokens[$index]->kind && \in_array($text, [')', ']', '}'], true)) {
                $index = $this->partners[$index] ?? $index;
            } elseif ('(' === $text) {
                return $this->tokens[$index - 1]->text;
            }
        }

        return '';
    }

    protected function argument(): Argument
    {
        $offset = $this->offset();
        $name = $this->peek();
        if (null !== $name && TokenKind::Name === $name->kind && $this->is('=', 1) && !$this->is('=', 2)) {
            $this->at += 2;
            $start = $this->offset();
            $value = ('key' === $name->text ? $this->function_() : null) ?? $this->expression();

            return new Argument($value, $start, $this->endOffset(), $name->text);
        }
        if ($this->accept('*')) {
            $value = $this->expression();

            return new Argument($value, $offset, $this->endOffset(), '*');
        }
        if ($this->is('**')) {
            $around = $this->askedAround();
            if (!\in_array($around, ['format', '_replace'], true) && !$this->mayTakeNames($around)) {
                $this->fail('unsupported', null, ['what' => '**…']);
            }
            ++$this->at;

            return new Argument($this->expression(), $offset, $this->endOffset(), '**');
        }
        $value = $this->expression();

        return new Argument($value, $offset, $this->endOffset());
    }

    protected function knows(string $object): bool
    {
        return \in_array($object, self::LIBRARIES, true);
    }

    protected function extraMembers(string $object): array
    {
        return 'random' === $object ? ['randint', 'randrange'] : [];
    }

    /** Whether `list(…)` stands there. */
    protected function isMadeList(int $offset): bool
    {
        return 1 === preg_match('/\Glist\s*\(/', $this->text, $match, 0, $offset);
    }

    /** The keys, values and entries of a map show as what they are (The Python Standard Library, dictionary view objects). */
    protected function viewed(Expression $value, int $offset): Expression
    {
        $view = !$value instanceof Operation || $this->isMadeList($offset) ? null : [OperationKey::Keys->value => 'dict_keys(', OperationKey::Values->value => 'dict_values(', OperationKey::Entries->value => 'dict_items('][$value->key->value] ?? null;

        return null === $view ? $value : new Binary(Operator::Join, new Binary(Operator::Join, new TextLiteral($view), new Operation(OperationKey::ToText, [$value])), new TextLiteral(')'));
    }

    protected function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $name = $this->imported[$name] ?? $name;
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        if ('dict' === $name && [] !== $arguments && [] === array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name || '*' === $argument->name)) {
            return new MapLiteral(array_merge(...array_map(static fn (Argument $argument): array => [new TextLiteral((string) $argument->name), $argument->value], $arguments)));
        }
        $named = [];
        foreach ($arguments as $argument) {
            if (null !== $argument->name) {
                $named[$argument->name] = $argument->value;
            }
        }
        if ([] !== $named) {
            return null === $first || null !== $arguments[0]->name ? null : $this->withNamed($name, $first, $named, $count - \count($named), array_map(static fn (Argument $argument): Expression => $argument->value, array_values(array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name))));
        }
        if ('str' === $name && null !== $first && 1 === $count && $first !== $view = $this->viewed($first, $arguments[0]->offset)) {
            return $view;
        }
        if ('hash' === $name && null !== $first && 1 === $count && str_ends_with($this->scope, '.@hash')) {
            return new Operation(OperationKey::Hashed, [$first]);
        }
        if ('collections.OrderedDict' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::OrderedMap, [$first instanceof MapLiteral ? $first : new Operation(OperationKey::MapOf, [$first])]);
        }
        if ('itertools.zip_longest' === $name && 2 === $count && null !== $first) {
            return new Operation(OperationKey::ZippedLongest, [$first, $arguments[1]->value, new NothingLiteral()]);
        }
        if ('itertools.groupby' === $name && null !== $first && 1 === $count) {
            return new Operation(OperationKey::Grouped, [$first, new Lambda(['item'], new VariableRead('item'))]);
        }
        if ('filter' === $name && 2 === $count && $first instanceof NothingLiteral) {
            return new Collected(new VariableRead('item'), 'item', $arguments[1]->value, new Operation(OperationKey::ToTruth, [new VariableRead('item')]));
        }
        if ('pow' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::Power, $first, $arguments[1]->value);
        }
        if ('functools.reduce' === $name && null !== $first && isset($arguments[1])) {
            $joins = $first instanceof Lambda && 2 === \count($first->parameters) || $first instanceof FunctionReference || $first instanceof VariableRead;

            return !$joins ? null : new Operation(2 === $count ? OperationKey::Folded : OperationKey::Reduced, [$arguments[1]->value, $first, ...2 === $count ? [] : [$arguments[2]->value ?? new NothingLiteral()]]);
        }
        if ('copy.copy' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Copied, [$first]);
        }
        if ('time.sleep' === $name) {
            return $this->commanded(Catalogue::get('wait'), $token, $arguments);
        }
        if (('random.randint' === $name || 'random.randrange' === $name) && null !== $first) {
            $last = $arguments[1]->value ?? null;
            if ('random.randint' === $name) {
                return 2 === $count && null !== $last ? new RandomWhole($first, $last) : $this->fail($count < 2 ? 'few_arguments' : 'many_arguments', $token, ['name' => 'randint', 'wanted' => 2, 'given' => $count]);
            }
            $until = $last ?? $first;
            if (2 < $count) {
                $step = $arguments[2]->value;
                if (3 < $count || !$first instanceof NumberLiteral || !$until instanceof NumberLiteral || !$step instanceof NumberLiteral || !\is_int($first->value) || !\is_int($until->value) || !\is_int($step->value) || $step->value < 1 || $until->value <= $first->value) {
                    $this->fail('unsupported', $token, ['what' => 'random.randrange(…, …, …)']);
                }
                $many = new Binary(Operator::Multiply, new RandomWhole(new NumberLiteral(0), new NumberLiteral(intdiv($until->value - $first->value - 1, $step->value))), $step);

                return 0 === $first->value ? $many : new Binary(Operator::Add, $first, $many);
            }

            return new RandomWhole(null === $last ? new NumberLiteral(0) : $first, self::less($until));
        }
        if ('list' === $name && 1 === $count && $first instanceof Operation && \in_array($first->key, [OperationKey::Numbers, OperationKey::Keys, OperationKey::Values], true)) {
            return $first;
        }
        if ('list' === $name && 1 === $count && null !== $first && !$first instanceof TextLiteral) {
            return $first instanceof Collected ? $first : new Operation(OperationKey::AsList, [$first]);
        }
        if (\in_array($name, ['list', 'dict', 'str'], true) && 0 === $count) {
            return match ($name) {
                'list' => new ListLiteral([]),
                'dict' => new MapLiteral([]),
                default => new TextLiteral(''),
            };
        }
        if ('range' === $name) {
            return $this->range($arguments, $token);
        }
        if ('counted' === $name && 3 === $count) {
            return $this->transient(OperationKey::Counted, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
        }
        if ('int' === $name && 1 === $count && $first instanceof Binary && Operator::TrueDivide === $first->operator) {
            return new Binary(Operator::TruncDivide, $first->left, $first->right);
        }
        if ('trunc_mod' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::TruncRemainder, $first, $arguments[1]->value);
        }
        if ('pow' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::Power, $first, $arguments[1]->value);
        }
        if ('divmod' === $name && 2 === $count && null !== $first && $this->isPlain($first) && $this->isPlain($arguments[1]->value)) {
            return new Operation(OperationKey::AsTuple, [new ListLiteral([new Binary(Operator::FloorDivide, $first, $arguments[1]->value), new Binary(Operator::FloorRemainder, $first, $arguments[1]->value)])]);
        }
        if ('math.pow' === $name && 2 === $count && null !== $first) {
            return new Operation(OperationKey::ToNumber, [new Binary(Operator::Power, $first, $arguments[1]->value)]);
        }
        if ('math.fabs' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::ToNumber, [new Operation(OperationKey::Absolute, [$first])]);
        }
        if ('dict.fromkeys' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::KeyedAlike, [$first, new NothingLiteral()]);
        }
        if ('math.isqrt' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::WholeRoot, [$first]);
        }
        if ('math.trunc' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::ToWhole, [$first]);
        }
        if (('map' === $name || 'filter' === $name) && 2 === $count && $first instanceof Lambda && 1 === \count($first->parameters)) {
            return 'map' === $name ? new Collected($first->value, $first->parameters[0], $arguments[1]->value) : new Collected(new VariableRead($first->parameters[0]), $first->parameters[0], $arguments[1]->value, $first->value);
        }
        if (('min' === $name || 'max' === $name) && 1 === $count && null !== $first) {
            return new Operation('min' === $name ? OperationKey::Least : OperationKey::Greatest, [$first]);
        }
        if ('reversed' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Backwards, [$first]);
        }
        if ('tuple' === $name && 0 === $count) {
            return new Operation(OperationKey::AsTuple, [new ListLiteral([])]);
        }
        if (('exit' === $name || 'quit' === $name) && 2 > $count) {
            return new Operation(OperationKey::Exit, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
        }
        if ('iter' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Started, [$first]);
        }
        if (1 === preg_match('/^bisect\.insort(_left|_right)?$/D', $name, $side) && 2 === $count && null !== $first && $this->isPlain($first) && $this->isPlain($arguments[1]->value)) {
            return new Operation(OperationKey::Insert, [$first, new Operation('_left' === ($side[1] ?? '') ? OperationKey::PlaceBefore : OperationKey::PlaceBehind, [$first, $arguments[1]->value]), $arguments[1]->value]);
        }
        if (('heapq.nlargest' === $name || 'heapq.nsmallest' === $name) && 2 === $count && null !== $first && null === $arguments[1]->name) {
            // The Python Standard Library, heapq: equivalent to the first of what is sorted.
            $many = $first instanceof NumberLiteral ? $first : new Operation(OperationKey::Larger, [new NumberLiteral(0), $first]);

            return new Slice(new Operation('heapq.nlargest' === $name ? OperationKey::SortedDown : OperationKey::Sorted, [$arguments[1]->value]), new NumberLiteral(0), $many);
        }
        $begun = 'next' === $name && null !== $first && 2 >= $count ? $this->begun($first, $arguments[0]->offset) : null;
        if (null !== $begun) {
            return new Operation(1 === $count ? OperationKey::NextItem : OperationKey::NextOr, [$begun, ...array_map(static fn (Argument $argument): Expression => $argument->value, \array_slice($arguments, 1))]);
        }
        $field = 'getattr' === $name || 'setattr' === $name ? $this->fieldNamed($name, $arguments) : null;
        if (null !== $field) {
            return $field;
        }
        if ('issubclass' === $name && 2 === $count && $first instanceof VariableRead && $arguments[1]->value instanceof VariableRead && isset($this->classes[$first->name], $this->classes[$arguments[1]->value->name])) {
            for ($class = $first->name; isset($this->classes[$class]) && $class !== $arguments[1]->value->name; $class = $this->classes[$class]) {
            }
            $this->reads = array_filter($this->reads, static fn (NameUse $use): bool => $use->offset < $arguments[0]->offset || $use->offset >= $arguments[1]->end);

            return new TruthLiteral($class === $arguments[1]->value->name);
        }
        if (\in_array($name, ['log', 'math.log'], true) && 2 === $count && null !== $first) {
            // CPython divides as well (Modules/mathmodule.c).
            return new Binary(Operator::TrueDivide, new Operation(OperationKey::Logarithm, [$first]), new Operation(OperationKey::Logarithm, [$arguments[1]->value]));
        }
        if ('sum' === $name && 2 === $count && null !== $first && (null === $arguments[1]->name || 'start' === $arguments[1]->name)) {
            return $arguments[1]->value == new ListLiteral([]) ? new Operation(OperationKey::Flattened, [$first]) : ($arguments[1]->value == new NumberLiteral(0) ? new Operation(OperationKey::Total, [$first]) : new Operation(OperationKey::TotalFrom, [$first, $arguments[1]->value]));
        }
        if ('super' === $name && '' !== $this->class && [] === $arguments) {
            return $this->above($token);
        }
        if ('set' === $name && 1 === $count && $first instanceof ListLiteral && 2 < \count($first->items)) {
            // A set in braces is another one than this where all in it is constant: its order can be another.
            return new Operation(OperationKey::SetOf, [new Operation(OperationKey::AsList, [$first])]);
        }
        $text = 'float' === $name && 1 === $count && $arguments[0]->value instanceof TextLiteral ? strtolower(trim($arguments[0]->value->value)) : '';
        if (1 === preg_match('/^([+-]?)inf(?:inity)?$/D', $text, $match)) {
            // The largest of all numbers, by its name as a text (The Python Standard Library, float).
            return '-' === $match[1] ? new Unary(UnaryOperator::Negate, new Operation(OperationKey::Infinity, [])) : new Operation(OperationKey::Infinity, []);
        }
        $kinds = 'isinstance' === $name && 2 === $count && $arguments[1]->value instanceof Operation && OperationKey::AsTuple === $arguments[1]->value->key && $arguments[1]->value->arguments[0] instanceof ListLiteral ? $arguments[1]->value->arguments[0]->items : [];
        if ([] !== $kinds && null !== $first && $this->isPlain($first)) {
            $tests = null;
            if (2 === \count($kinds) && [] === array_diff(array_map(static fn (Expression $kind): string => $kind instanceof VariableRead ? $kind->name : '', $kinds), ['list', 'tuple'])) {
                $this->reads = array_filter($this->reads, static fn (NameUse $use): bool => $use->offset < $arguments[1]->offset || $use->offset >= $arguments[1]->end);

                return new KindTest($first, '@sequence');
            }
            foreach ($kinds as $one) {
                $test = $one instanceof VariableRead ? (isset($this->classes[$one->name]) ? $one->name : PythonNames::KINDS[$one->name] ?? null) : null;
                if (null === $test) {
                    $this->fail('unsupported', $token, ['what' => 'isinstance(…, (…))']);
                }
                $tests = null === $tests ? new KindTest($first, $test) : new Binary(Operator::Or, $tests, new KindTest($first, $test));
            }
            $this->reads = array_filter($this->reads, static fn (NameUse $use): bool => $use->offset < $arguments[1]->offset || $use->offset >= $arguments[1]->end);

            return $tests;
        }
        if ('isinstance' === $name && 2 === $count && null !== $first && $arguments[1]->value instanceof VariableRead) {
            $kind = $arguments[1]->value->name;
            if (isset($this->classes[$kind]) || isset(PythonNames::KINDS[$kind])) {
                $this->reads = array_filter($this->reads, static fn (NameUse $use): bool => $use->offset !== $arguments[1]->offset);

                return new KindTest($first, isset($this->classes[$kind]) ? $kind : PythonNames::KINDS[$kind]);
            }
        }
        if ('open' === $name && null !== $first && 2 >= $count) {
            return $this->opened($first, $arguments[1]->value ?? null, $token);
        }
        if (\in_array($name, ['isinstance', 'eval', 'exec', 'getattr', 'setattr', 'super', 'map', 'filter', 'id', 'next', 'globals', 'locals', 'vars', 'dir', 'object', 'frozenset', 'bytes', 'complex', 'hash', 'slice', 'issubclass', 'property', 'memoryview', 'bytearray', 'breakpoint', 'help', 'compile', 'aiter', 'anext', 'delattr', 'ascii'], true) || null !== FailureNames::kindOf(Language::Python, $name) && !isset($this->classes[$name])) {
            $this->fail('unsupported', $token, ['what' => $name.'()']);
        }

        return null;
    }

    /**
     * Calls with arguments that have names.
     *
     * @param array<string, Expression> $named
     * @param int                       $plain  how many have none
     * @param list<Expression>          $values what stands in those
     */
    private function withNamed(string $name, Expression $first, array $named, int $plain, array $values = []): ?Expression
    {
        if ('open' === $name && 2 >= $plain && [] === array_diff(array_keys($named), ['mode', 'encoding', 'newline']) && !(isset($named['mode']) && 2 === $plain)) {
            return $this->opened($first, $named['mode'] ?? $values[1] ?? null, $this->tokens[$this->at - 1] ?? null);
        }
        if ('itertools.zip_longest' === $name && ['fillvalue'] === array_keys($named) && 2 === $plain) {
            return new Operation(OperationKey::ZippedLongest, [...$values, $named['fillvalue']]);
        }
        if ('itertools.groupby' === $name && ['key'] === array_keys($named)) {
            return new Operation(OperationKey::Grouped, [$first, $named['key']]);
        }
        if ('random.choices' === $name && isset($named['k']) && 1 === \count($named)) {
            return new Operation(OperationKey::Drawn, [$first, $named['k']]);
        }
        $key = $named['key'] ?? null;
        $reverse = $named['reverse'] ?? new TruthLiteral(false);
        if ('sorted' === $name && 1 === $plain && [] === array_diff(array_keys($named), ['key', 'reverse']) && $reverse instanceof TruthLiteral) {
            return $this->inOrder(true, $first, $key, $reverse->value);
        }
        if (('min' === $name || 'max' === $name) && 1 === $plain && ['default'] === array_keys($named) && $first instanceof Collected) {
            return new Operation('min' === $name ? OperationKey::LeastOr : OperationKey::GreatestOr, [$first, $named['default']]);
        }
        if (('min' === $name || 'max' === $name) && 1 === $plain && ['default'] === array_keys($named) && ($this->isPlain($first) || $first instanceof ListLiteral && [] === array_filter($first->items, fn (Expression $item): bool => !$this->isPlain($item)))) {
            return new Choice(new Operation(OperationKey::IsEmpty, [$first]), $named['default'], new Operation('min' === $name ? OperationKey::Least : OperationKey::Greatest, [$first]));
        }
        if (('min' === $name || 'max' === $name) && 1 === $plain && [] === array_diff(['key', 'default'], array_keys($named)) && 2 === \count($named) && $key instanceof Lambda && $this->isPlain($first)) {
            return new Choice(new Operation(OperationKey::IsEmpty, [$first]), $named['default'], new Operation('min' === $name ? OperationKey::LeastBy : OperationKey::GreatestBy, [$first, $key]));
        }
        if (('min' === $name || 'max' === $name) && isset($named['default'])) {
            $this->fail('unsupported', $this->tokens[$this->at - 1] ?? null, ['what' => "$name(…, default=…)"]);
        }
        if (('min' === $name || 'max' === $name) && ['key'] === array_keys($named) && $key instanceof Lambda) {
            return new Operation('min' === $name ? OperationKey::LeastBy : OperationKey::GreatestBy, [1 === $plain ? $first : new ListLiteral($values), $key]);
        }

        if ('json.dumps' === $name && ['indent'] === array_keys($named)) {
            return new Operation(OperationKey::JsonLaidOut, [$first, $named['indent']]);
        }
        if ('json.dumps' === $name && 1 === $plain && [] !== $named && [] === array_diff(array_keys($named), ['indent', 'sort_keys', 'ensure_ascii'])) {
            return new Operation(OperationKey::JsonFormed, [$first, $named['indent'] ?? new NothingLiteral(), $named['sort_keys'] ?? new TruthLiteral(false), $named['ensure_ascii'] ?? new TruthLiteral(true)]);
        }
        if ('itertools.product' === $name && $named === ['repeat' => $named['repeat'] ?? null] && $named['repeat'] == new NumberLiteral(2)) {
            return new Operation(OperationKey::Combined, [$first, $first]);
        }

        return 'enumerate' === $name && ['start'] === array_keys($named) ? new Operation(OperationKey::NumberedFrom, [$first, $named['start']]) : null;
    }

    private function inOrder(bool $isCopy, Expression $list, ?Expression $by, bool $down): ?Expression
    {
        $isText = $by instanceof Lambda && $by->value instanceof Operation && OperationKey::ToText === $by->value->key && $by->value->arguments[0] == new VariableRead($by->parameters[0] ?? '');
        if ($isText && !$down) {
            return new Operation($isCopy ? OperationKey::SortedAsTexts : OperationKey::SortAsTexts, [$list]);
        }

        return match (true) {
            null === $by => new Operation(OperationKey::ofOrder($isCopy, $down, false), [$list]),
            $by instanceof Lambda && 1 === \count($by->parameters) => new Operation(OperationKey::ofOrder($isCopy, $down, true), [$list, $by]),
            default => null,
        };
    }

    /** @param list<Argument> $arguments */
    private function range(array $arguments, Token $token): Expression
    {
        $count = \count($arguments);
        if ($count < 1 || $count > 3) {
            $this->fail(0 === $count ? 'few_arguments' : 'many_arguments', $token, ['name' => 'range', 'wanted' => 0 === $count ? 1 : 3, 'given' => $count]);
        }
        foreach ($arguments as $argument) {
            if ($argument->value instanceof TextLiteral) {
                $this->failAt('wrong_kind_number', $argument->offset, $argument->end - $argument->offset, ['name' => 'range']);
            }
            if ($argument->value instanceof ListLiteral || $argument->value instanceof VariableRead && ($this->listNames[$argument->value->name] ?? false)) {
                $start = $token->offset;
                $this->failAt('range_around_list', $start, $this->endOffset() - $start, [], [new Replacement($argument->end, $this->endOffset() - $argument->end, ''), new Replacement($start, $argument->offset - $start, '')]);
            }
            if ($argument->value instanceof NumberLiteral && \is_float($argument->value->value)) {
                $this->failAt('not_whole', $argument->offset, $argument->end - $argument->offset, ['name' => 'range']);
            }
        }
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);

        return new Operation(OperationKey::Numbers, match ($count) {
            1 => [new NumberLiteral(0), $values[0], new NumberLiteral(1)],
            2 => [$values[0], $values[1], new NumberLiteral(1)],
            default => $values,
        });
    }

    /**
     * What is given by names alone, as a map; null where something is given in order.
     *
     * @param list<Argument> $arguments
     */
    private static function byNames(array $arguments): ?MapLiteral
    {
        $entries = [];
        foreach ($arguments as $argument) {
            if (\in_array($argument->name, [null, '*', '**'], true)) {
                return null;
            }
            array_push($entries, new TextLiteral($argument->name), $argument->value);
        }

        return new MapLiteral($entries);
    }

    protected function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        if ('_replace' === $name && 1 === $count && '**' === $arguments[0]->name) {
            return new Operation(OperationKey::WithPlaces, [$receiver, $arguments[0]->value]);
        }
        if ('_replace' === $name && null !== $places = self::byNames($arguments)) {
            return new Operation(OperationKey::WithPlaces, [$receiver, $places]);
        }
        if ('update' === $name && 0 < $count && null !== $entries = self::byNames($arguments)) {
            return new Operation(OperationKey::Update, [$receiver, $entries]);
        }
        if ('get' === $name && 1 === $count) {
            return new Operation(OperationKey::ValueOr, [$receiver, $arguments[0]->value, new NothingLiteral()]);
        }
        if ('sort' === $name && 0 < $count) {
            $given = [];
            foreach ($arguments as $argument) {
                $given[$argument->name ?? ''] = $argument->value;
            }
            $reverse = $given['reverse'] ?? new TruthLiteral(false);
            $made = [] === array_diff(array_keys($given), ['key', 'reverse']) && $reverse instanceof TruthLiteral ? $this->inOrder(false, $receiver, $given['key'] ?? null, $reverse->value) : null;

            return $made ?? $this->fail('unsupported', $token, ['what' => '.sort(…)']);
        }
        if (('rjust' === $name || 'ljust' === $name) && 1 === $count) {
            return new Operation('rjust' === $name ? OperationKey::PaddedLeft : OperationKey::PaddedRight, [$receiver, $arguments[0]->value, new TextLiteral(' ')]);
        }
        $oneOf = \in_array($name, ['startswith', 'endswith'], true) && 1 === $count ? $arguments[0]->value : null;
        if ($oneOf instanceof Operation && OperationKey::AsTuple === $oneOf->key && ($texts = $oneOf->arguments[0]) instanceof ListLiteral && [] !== $texts->items && $this->isPlain($receiver)) {
            $asked = array_map(static fn (Expression $text): Expression => new Operation('startswith' === $name ? OperationKey::Starts : OperationKey::Ends, [$receiver, $text]), $texts->items);

            return array_reduce(\array_slice($asked, 1), static fn (Expression $any, Expression $one): Expression => new Binary(Operator::Or, $any, $one), $asked[0]);
        }
        if ('isdisjoint' === $name && 1 === $count) {
            return new Operation(OperationKey::IsEmpty, [new Operation(OperationKey::SharedItems, [$receiver, $arguments[0]->value])]);
        }
        $ofSets = ['union' => OperationKey::Union, 'intersection' => OperationKey::SharedItems, 'symmetric_difference' => OperationKey::ApartItems][$name] ?? null;
        if (null !== $ofSets && 1 === $count) {
            return new Operation($ofSets, [$receiver, $arguments[0]->value]);
        }
        if ('split' === $name && 0 < $count) {
            $given = [];
            foreach ($arguments as $index => $argument) {
                $given[$argument->name ?? ['sep', 'maxsplit'][$index] ?? ''] = $argument->value;
            }
            if (isset($given['maxsplit']) && [] === array_diff(array_keys($given), ['sep', 'maxsplit'])) {
                return new Operation(OperationKey::SplitMost, [$receiver, $given['sep'] ?? new NothingLiteral(), $given['maxsplit']]);
            }
        }
        if ('pop' === $name && 2 === $count) {
            return new Operation(OperationKey::PopOr, [$receiver, $arguments[0]->value, $arguments[1]->value]);
        }
        if ('format' === $name) {
            return $receiver instanceof TextLiteral ? $this->templated($receiver->value, $arguments, $token) : $this->fail('unsupported', $token, ['what' => '.format()']);
        }

        return null;
    }

    /**
     * `getattr(bed, "litres")`, with what stands for a field that is not there, and `setattr(bed, side, 3)`.
     *
     * @param list<Argument> $arguments
     */
    private function fieldNamed(string $function, array $arguments): ?Expression
    {
        [$object, $name, $other] = [$arguments[0]->value ?? null, $arguments[1]->value ?? null, $arguments[2]->value ?? null];
        if (null === $object || null === $name || 'setattr' === $function && null === $other || 3 < \count($arguments)) {
            return null;
        }
        if ('setattr' === $function) {
            return null === $other ? null : new Operation(OperationKey::SetField, [$object, $name, $other]);
        }
        $isKept = $name instanceof TextLiteral && isset($this->fieldNames[$name->value]);
        $read = $isKept ? new Field($object, $name->value) : new Operation(OperationKey::FieldOf, [$object, $name]);

        return null === $other ? $read : ($this->isPlain($object) && $this->isPlain($name) ? new Choice(new Operation(OperationKey::HasField, [$object, $name]), $read, $other) : null);
    }

    /** `super().water(2)`: the method as the class above has it. */
    private function above(Token $token): Expression
    {
        $member = $this->peek(1);
        $opened = $this->peek(2);
        if ($this->is('.') && null !== $member && isset($this->asked[$member->text]) && '(' !== $opened?->text && null !== $owner = $this->ownerOf($this->classes[$this->class] ?? '', $member->text)) {
            $this->at += 2;
            $this->read($this->itself, $token->offset);

            return new OwnValue("$owner.$member->text", [new VariableRead($this->itself)]);
        }
        if (!$this->is('.') || null === $member || null === $opened || '(' !== $opened->text) {
            $this->fail('unsupported', $token, ['what' => 'super()']);
        }
        $this->at += 3;
        $arguments = $this->arguments($opened);
        $made = $this->ofClass($this->classes[$this->class] ?? '', $member->text, $arguments);
        if (null === $made && '__init__' === $member->text && $this->isRaised($this->class)) {
            if (1 < \count($arguments)) {
                $this->fail('unsupported', $member, ['what' => 'super().__init__(…, …)']);
            }

            return new Operation(OperationKey::SayFailing, [new VariableRead($this->itself), $arguments[0]->value ?? new TextLiteral('')]);
        }

        return $made ?? ('__init__' === $member->text ? new NothingLiteral() : $this->unknownMethod($member, true));
    }

    /** @param list<Argument> $arguments */
    private function ofClass(string $class, string $method, array $arguments): ?OwnValue
    {
        $name = PythonNames::METHODS[$method] ?? $method;
        $owner = $this->ownerOf($class, $name);
        $this->read($this->itself, $this->endOffset());
        foreach ($arguments as $argument) {
            if ('**' === $argument->name) {
                // Which value is whose shows when it runs.
                $this->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => "super().$method(**…)"]);
            }
        }

        return null === $owner ? null : new OwnValue("$owner.$name", [new VariableRead($this->itself), ...$this->inOrderOf($this->methods[$owner][$name][2], $arguments)]);
    }

    protected function member(Expression $receiver): Expression
    {
        if (!$this->is('__class__')) {
            $static = $receiver instanceof Operation && \in_array($receiver->key, [OperationKey::Kind, OperationKey::MakerOf], true) ? $this->anyStatic($this->sign() ?? '') : null;
            if (null !== $static && [] !== array_intersect($this->classes, [strstr($static, '.', true)])) {
                // Each class that is a kind of it may have one of its own (The Python Language Reference, 3.2).
                $this->fail('unsupported', null, ['what' => 'type(…).'.$this->sign()]);
            }

            return parent::member($receiver);
        }
        ++$this->at;
        if ($this->is('.') && $this->is('__name__', 1)) {
            $this->at += 2;

            return new Operation(OperationKey::KindName, [$receiver]);
        }

        return new Operation(OperationKey::MakerOf, [$receiver]);
    }

    protected function mayBeCalled(Expression $value): bool
    {
        return $value instanceof Operation && \in_array($value->key, [OperationKey::Kind, OperationKey::MakerOf], true) || parent::mayBeCalled($value);
    }

    /** `self.action(bed)`: what an object keeps may be a function. */
    protected function ofValue(Expression $receiver, Token $name, array $arguments): ?Expression
    {
        return isset($this->setFields[$name->text]) && isset($this->fieldNames[$name->text]) && !$receiver instanceof TextLiteral ? new MethodCall(new Field($receiver, $name->text), MethodCall::CALL, $this->handed($arguments)) : null;
    }

    /** `os.path.exists("beds.txt")`: there are files and no folders here, so that a path is a name. */
    private function ofFolder(Token $token): ?Expression
    {
        $isOfLibrary = 'os' === $token->text && $this->is('.', 1) && $this->is('path', 2) && $this->is('.', 3) && !$this->isVariable('os');
        if (!$isOfLibrary) {
            return null;
        }
        $opened = $this->peek(5);
        if (!\in_array($this->sign(4), ['exists', 'isfile'], true) || null === $opened || '(' !== $opened->text) {
            $this->fail('unsupported', $token, ['what' => 'os.path.'.($this->sign(4) ?? '')]);
        }
        $this->at += 6;
        $given = $this->handed($this->arguments($opened));
        if (1 !== \count($given)) {
            $this->fail('unsupported', $token, ['what' => 'os.path.exists(…)']);
        }

        return $this->postfix(new Operation(OperationKey::FileThere, $given));
    }

    /** A file of letters; one of bytes, or one that is read and written at once, is none yet. */
    private function opened(Expression $name, ?Expression $mode, ?Token $token): Operation
    {
        if ($mode instanceof TextLiteral && 1 === preg_match('/[bx+U]/', $mode->value)) {
            $this->fail('unsupported', $token, ['what' => "open(…, \"$mode->value\")"]);
        }

        return new Operation(OperationKey::FileOpened, null === $mode ? [$name] : [$name, $mode]);
    }

    protected function methodAsValue(Expression $receiver, Token $name): ?Expression
    {
        $isClass = $receiver instanceof VariableRead && (isset($this->classes[$receiver->name]) || isset($this->imported[$receiver->name])) && !$this->isVariable($receiver->name);

        return $isClass || $this->isOfLibrary($receiver) ? null : new Operation(OperationKey::MethodOf, [$receiver, new TextLiteral($name->text)]);
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        if ($receiver instanceof VariableRead && $receiver->name === $this->itself && '' !== $this->class) {
            return new Field($receiver, $name);
        }
        if ('__name__' === $name && $receiver instanceof Operation && OperationKey::Kind === $receiver->key) {
            return new Operation(OperationKey::KindName, $receiver->arguments);
        }
        if ('__name__' === $name && $receiver instanceof VariableRead && isset($this->classes[$receiver->name]) && !$this->isVariable($receiver->name)) {
            return new TextLiteral($receiver->name);
        }
        if ('__name__' === $name) {
            return new Operation(OperationKey::FunctionName, [$receiver]);
        }
        $made = $receiver instanceof VariableRead && 'str' === $receiver->name && !$this->isVariable('str') ? $this->methodOfTexts($name) : null;
        if (null !== $made) {
            return $made;
        }
        if (\in_array($name, ['length', 'size'], true)) {
            $this->fail('foreign_word', $token, ['word' => '.'.$name, 'near' => 'len(…)']);
        }
        $methods = SpellingIndex::of(Language::Python)->methods;
        $handed = ($this->is(')') || $this->is(',')) && ($this->isPlain($receiver) || $receiver instanceof ListLiteral) ? self::methodOf($receiver, $name) : null;
        if (null !== $handed) {
            return $handed;
        }
        if (isset($methods[$name])) {
            $end = $token->offset + \strlen($name);
            $this->fail('call_brackets', $token, ['name' => $name], 1 === \count($methods[$name][0][1]) ? [new Replacement($end, 0, '()')] : []);
        }

        return null;
    }

    public function plainName(Token $token): Expression
    {
        if ('NotImplemented' === $token->text && !$this->isVariable($token->text)) {
            // A method says so that another one is asked; as a value of any kind it is something else.
            str_contains($this->scope, '.@') || $this->fail('unsupported', $token, ['what' => $token->text]);

            return new Operation(OperationKey::NotTaken);
        }
        // A program is always run as itself here, and never taken in by another one.
        if ('__name__' === $token->text && $this->is('==') && '__main__' === $this->textBehind()) {
            $this->at += 2;

            return new TruthLiteral(true);
        }
        if ('print' === $token->text && !$this->isVariable('print') && !isset($this->functions['print'])) {
            return new Operation(OperationKey::Printer);
        }
        $property = SpellingIndex::of(Language::Python)->properties[$this->imported[$token->text] ?? ''] ?? null;
        if (null !== $property && !$this->isVariable($token->text)) {
            return new Operation($property);
        }

        if (\in_array($token->text, ['len', 'abs', 'sum', 'sorted', 'ord'], true) && !$this->isVariable($token->text) && !isset($this->functions[$token->text])) {
            return $this->functionNamed($token->text) ?? parent::plainName($token);
        }

        return parent::plainName($token);
    }

    /** What a text says that stands behind the next token. */
    private function textBehind(): ?string
    {
        $token = $this->peek(1);

        return null !== $token && TokenKind::Text === $token->kind ? trim($token->text, '"\'') : null;
    }

    /** @var array<string, string> names for the class that a method belongs to */
    protected array $ownClass = [];
    /** @var array<string, true> methods that are handed the class that they are asked of, which may be one of several */
    protected array $ofSeveral = [];
    /** @var array<string, array<string, true>> methods that a class leaves to those that are kinds of it, by class */
    protected array $leftOpen = [];
    /** The name for the class that the method being read is asked of, where that may be one of several. */
    protected string $anyClass = '';

    /** Passes over what kind of values something has (The Python Language Reference, 7.2.2 and 8.7). */
    protected function annotation(): void
    {
        while (null !== $this->peek() && !\in_array($this->sign(), ['=', ',', ')', ':'], true)) {
            $this->at = ($this->closingOf($this->at) ?? $this->at) + 1;
        }
    }

    /** What a library of Python's gives that no table has: letters, maps with something for what is missing. */
    private function ofStandardLibrary(Token $token): ?Expression
    {
        if ($this->isVariable($token->text) || isset($this->functions[$token->text])) {
            return null;
        }
        $isMember = $this->is('.', 1) && null !== $this->peek(2);
        $name = $isMember ? ($this->aliases[$token->text] ?? $token->text).'.'.($this->peek(2)->text ?? '') : $this->imported[$token->text] ?? '';
        $length = $isMember ? 3 : 1;
        if ('str' === $token->text && $isMember && $this->is('maketrans', 2) && null !== ($opened = $this->peek(3)) && '(' === $opened->text) {
            $this->at += 4;
            $arguments = $this->arguments($opened);
            if (2 !== \count($arguments)) {
                $this->fail('unsupported', $token, ['what' => 'str.maketrans(…)']);
            }

            return new Operation(OperationKey::LetterTable, [$arguments[0]->value, $arguments[1]->value]);
        }
        if (isset(self::LETTERS[$name])) {
            $this->at += $length;

            return $this->postfix(new TextLiteral(self::LETTERS[$name]));
        }
        $small = $this->functionOfLibrary($name, $length, $token);
        if (null !== $small) {
            return $small;
        }
        $opened = $this->peek($length);
        if ('collections.defaultdict' !== $name || null === $opened || '(' !== $opened->text) {
            return null;
        }
        $kind = $this->peek($length + 1);
        if (null !== $kind && \in_array($kind->text, ['int', 'float', 'str', 'bool', 'list', 'dict', 'set'], true) && $this->is(')', $length + 2)) {
            $this->at += $length + 3;

            return $this->postfix(new Operation(OperationKey::DefaultMap, [new TextLiteral($kind->text)]));
        }
        if (!$this->is('lambda', $length + 1)) {
            $this->fail('unsupported', $token, ['what' => 'defaultdict(…)']);
        }
        $this->at += $length + 1;
        $makes = $this->expression();
        $this->close($opened);

        return $this->postfix(new Operation(OperationKey::DefaultMap, [$makes]));
    }

    /** A member of an enumeration that is asked for, or all of them. */
    protected function enumerated(Token $token): ?Expression
    {
        return null;
    }

    /** A method that is handed its class may be asked of an object, whose class it is handed then. */
    protected function calledOf(Expression $receiver, string $method, array $arguments, ?string $class = null): ?OwnValue
    {
        $owners = array_values(array_filter(array_keys($this->classes), fn (string|int $of): bool => isset($this->methods[$of][$method])));
        $isOfSeveral = [] !== array_filter($owners, fn (string|int $of): bool => isset($this->ofSeveral["$of.$method"]));
        if ($isOfSeveral && 1 < \count($owners)) {
            $this->fail('unsupported', $this->tokens[$this->at - 1] ?? null, ['what' => ".$method(…)"]);
        }

        return $isOfSeveral ? new OwnValue("$owners[0].$method", [new Operation(OperationKey::MakerOf, [$receiver]), ...$arguments]) : parent::calledOf($receiver, $method, $arguments, $class);
    }

    /** `cls(name)`, `cls.small(name)` in a method that is handed one of several classes. */
    private function ofAnyClass(Token $token): Expression
    {
        ++$this->at;
        $class = new VariableRead($token->text);
        $this->read($token->text, $token->offset);
        $opened = $this->peek();
        if (null !== $opened && '(' === $opened->text) {
            ++$this->at;
            $arguments = $this->arguments($opened);
            $this->refuseNames($arguments);

            return new MethodCall($class, MethodCall::CALL, $this->handed($arguments));
        }
        if ($this->is('.') && $this->is('__name__', 1)) {
            $this->at += 2;

            return new Operation(OperationKey::FunctionName, [$class]);
        }
        $member = $this->is('.') ? $this->peek(1) : null;
        $opened = $this->peek(2);
        $owner = null === $member || '(' !== $opened?->text ? null : $this->ownerOf($this->class, $member->text);
        if (null === $member || null === $opened || null === $owner || !isset($this->ofSeveral["$owner.$member->text"])) {
            $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        $this->at += 3;

        return new OwnValue("$owner.$member->text", [$class, ...$this->inOrderOf($this->methods[$owner][$member->text][2], $this->packed("$owner.$member->text", $this->arguments($opened)))]);
    }

    /** Whether what is read stands for a value that a method may be called without. */
    protected bool $inDefault = false;

    protected function named(Token $token): Expression
    {
        if (($this->inDefault || '' === $this->scope) && isset($this->statics[$this->class][$token->text])) {
            ++$this->at;
            $this->read("$this->class.$token->text", $token->offset);

            return $this->postfix(new VariableRead("$this->class.$token->text"));
        }
        $caught = 'type' === $token->text && $this->is('(', 1) ? $this->peek(2) : null;
        if (null !== $caught && isset($this->caught[$caught->text]) && $this->is(')', 3)) {
            if (!$this->is('.', 4) || !$this->is('__name__', 5)) {
                $this->noFailure($caught);
            }
            $this->at += 6;
            $this->read($caught->text, $caught->offset);

            return new Operation(OperationKey::FailureName, [new VariableRead($caught->text)]);
        }
        if ('sys' === $token->text && $this->is('.', 1) && ($this->is('stderr', 2) || $this->is('stdout', 2)) && !$this->is('.', 3)) {
            $this->at += 3;

            return $this->transient(OperationKey::Stream, [new TextLiteral($this->tokens[$this->at - 1]->text)]);
        }
        if ('sys' === $token->text && $this->is('.', 1) && $this->is('argv', 2) && !$this->isVariable('sys')) {
            // Nothing is given to a program that is run here.
            $this->at += 3;

            return $this->postfix(new ListLiteral([new TextLiteral('main.py')]));
        }
        if ('sys' === $token->text && $this->is('.', 1) && $this->is('stdin', 2) && !$this->isVariable('sys')) {
            if (!$this->is('.', 3) || !$this->is('read', 4) || !$this->is('(', 5) || !$this->is(')', 6)) {
                $this->fail('unsupported', $token, ['what' => 'sys.stdin']);
            }
            $this->at += 7;

            return $this->postfix(new Operation(OperationKey::AllInput));
        }
        if ('' !== $this->anyClass && $this->anyClass === $token->text) {
            return $this->postfix($this->ofAnyClass($token));
        }
        if (isset($this->ownClass[$token->text])) {
            $token = new Token($token->kind, $this->ownClass[$token->text], $token->offset);
        }
        $member = $this->enumerated($token);
        if (null !== $member) {
            return $this->postfix($member);
        }
        $made = $this->ofStandardLibrary($token) ?? $this->ofFolder($token);
        if (null !== $made) {
            return $made;
        }
        $library = $this->is('.', 1) ? $this->aliases[$token->text] ?? null : null;
        if (null !== $library) {
            $token = new Token($token->kind, $library, $token->offset);
            // @phpstan-ignore assign.propertyType (the token is there already)
            $this->tokens[$this->at] = $token;
        }
        if (('map' === $token->text || 'filter' === $token->text) && $this->is('(', 1) && !isset($this->functions[$token->text]) && null !== $opened = $this->peek(1)) {
            $at = $this->at;
            $this->at += 2;
            $offset = $this->offset();
            $function = $this->function_();
            if (null !== $function && $this->accept(',')) {
                $over = $this->expression();
                if ($this->is(',') && !$this->is(')', 1)) {
                    return $this->postfix($this->mappedPairs($function, $over, $opened));
                }
                $end = $this->endOffset();
                $this->close($opened);

                return $this->postfix($this->builtin($token->text, [new Argument($function, $offset, $end), new Argument($over, $offset, $end)], $token) ?? $over);
            }
            $this->at = $at;
        }

        return parent::named($token);
    }

    /** `map(lambda p, q: p + q, xs, ys)`: of two lists, what stands at the same place in both. */
    private function mappedPairs(Lambda $function, Expression $over, Token $opened): Expression
    {
        ++$this->at;
        $other = $this->expression();
        if (2 !== \count($function->parameters) || !$this->is(')')) {
            $this->fail('unsupported', $opened, ['what' => 'map(…, …, …)']);
        }
        $this->close($opened);
        $variable = self::pairIn($function->value);
        $parts = array_map(static fn (int $place): Expression => new Item(new VariableRead($variable), new NumberLiteral($place)), array_flip($function->parameters));

        return new Collected(Walk::mapExpression($function->value, static fn (Expression $part): Expression => $part instanceof VariableRead ? $parts[$part->name] ?? $part : $part), $variable, new Operation(OperationKey::Paired, [$over, $other]));
    }

    /** @var array<string, string> libraries by the names they were brought in with */
    public array $aliases = [];

    protected function called(Token $token, array $arguments): Expression
    {
        if ('zip' === $token->text && 1 === \count($arguments) && '*' === $arguments[0]->name) {
            return new Operation(OperationKey::Turned, [$arguments[0]->value]);
        }
        if ('zip' === $token->text && 2 < \count($arguments)) {
            return new Operation(OperationKey::Turned, [new ListLiteral(array_map(static fn (Argument $argument): Expression => $argument->value, $arguments))]);
        }
        foreach ($arguments as $argument) {
            if ('*' === $argument->name && !isset($this->rests[$token->text]) && !isset($this->functions[$token->text]) && !$this->isVariable($token->text)) {
                $this->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => '*…']);
            }
        }
        $name = $token->text;
        $lower = strtolower($name);
        if ($name !== $lower && !isset($this->functions[$name]) && !$this->isVariable($name) && \in_array($lower, ['print', 'input', 'range', 'len', 'int', 'str', 'float'], true)) {
            $this->fail('capitals', $token, ['name' => $name, 'near' => $lower], [new Replacement($token->offset, \strlen($name), $lower)]);
        }
        if ('print' === $name && !isset($this->functions['print'])) {
            $this->fail('no_value', $token, ['name' => 'print']);
        }
        if (isset($this->functions[$name]) && ($this->drawsFreely || [] !== $this->drawing)) {
            // A parameter may get the name of a colour that the drawing module knows.
            $arguments = array_map(static fn (Argument $argument): Argument => new Argument(DrawingModule::colour($argument->value), $argument->offset, $argument->end, $argument->name), $arguments);
        }
        if ($this->drawsFreely && !isset($this->functions[$name]) && \in_array($name, DrawingModule::functions(), true)) {
            return $this->drawn($token, $arguments);
        }
        $full = $this->imported[$name] ?? null;
        if (null !== $full && !isset($this->functions[$name])) {
            $made = $this->builtin($name, $arguments, $token) ?? Spelled::match(SpellingIndex::of(Language::Python)->functions[$full] ?? [], $arguments, $this->text);
            if (null !== $made) {
                return $made;
            }
        }

        $open = isset($this->classes[$token->text]) && !$this->isVariable($token->text) ? $this->openIn($token->text) : [];
        if ([] !== $open) {
            $this->refuseNames($arguments);
            $says = "Can't instantiate abstract class $token->text with abstract method".(1 < \count($open) ? 's' : '').' '.implode(', ', $open);

            return new Operation(OperationKey::OpenClass, [new TextLiteral($token->text), new TextLiteral($says), ...$this->handed($arguments)]);
        }

        return parent::called($token, $arguments);
    }

    /** @return list<string> what a class leaves open, so that no object can be made of it, in the order in which it is told */
    private function openIn(string $class): array
    {
        $open = [];
        for ($of = $class; '' !== $of; $of = $this->classes[$of] ?? '') {
            foreach (array_keys($this->leftOpen[$of] ?? []) as $method) {
                if ($of === $this->ownerOf($class, $method)) {
                    $open[] = array_flip(PythonNames::METHODS)[$method] ?? $method;
                }
            }
        }
        sort($open);

        return 1 === preg_match('/\bABC(?:Meta)?\b/', $this->text) ? $open : [];
    }

    protected function hasMembers(string $object): bool
    {
        return isset($this->drawing[$object]) || isset($this->classes[$object]);
    }

    protected function memberCall(Token $object, Token $member, array $arguments): ?Expression
    {
        if (isset($this->classes[$object->text])) {
            // The object itself is the first of what is given.
            $name = PythonNames::METHODS[$member->text] ?? $member->text;
            $owner = $this->ownerOf($object->text, $name);
            if (null !== $owner && isset($this->ofSeveral["$owner.$name"])) {
                return new OwnValue("$owner.$name", [new Operation(OperationKey::Maker, [new TextLiteral($object->text)]), ...$this->inOrderOf($this->methods[$owner][$name][2], $this->packed("$owner.$name", $arguments))]);
            }

            return null === $owner ? null : new OwnValue("$owner.$name", array_map(static fn (Argument $argument): Expression => $argument->value, $this->packed("$owner.$name", $arguments)));
        }

        return $this->drawn($member, $arguments);
    }

    /** @param list<Argument> $arguments */
    private function drawn(Token $function, array $arguments): Expression
    {
        // How letters look and where they stand is the sheet's own.
        $values = array_map(static fn (Argument $argument): Expression => DrawingModule::colour($argument->value), array_values(array_filter($arguments, static fn (Argument $argument): bool => !\in_array($argument->name, ['font', 'align', 'move'], true))));
        $made = DrawingModule::meaning($function->text, $values, $this->fill ?? new TextLiteral('#000000'));
        if (null === $made) {
            if (!\in_array($function->text, DrawingModule::functions(), true)) {
                $near = Names::nearest($function->text, DrawingModule::functions());
                $this->fail(null === $near ? 'unsupported' : 'misspelt_command', $function, ['name' => $function->text, 'near' => $near ?? '', 'what' => $function->text], null === $near ? [] : [new Replacement($function->offset, \strlen($function->text), $near)]);
            }
            $this->fail([] === $values ? 'few_arguments' : 'many_arguments', $function, ['name' => $function->text, 'wanted' => 1, 'given' => \count($values)]);
        }
        if ('color' === $function->text) {
            $this->fill = $values[1] ?? $values[0];
        }

        return $made;
    }

    /** Shapes are filled with this colour from here on. */
    protected function filled(Expression $colour): void
    {
        $this->fill = DrawingModule::colour($colour);
    }
}
