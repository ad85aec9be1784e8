<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Values and signs that JavaScript and C++ write alike. */
abstract class BraceExpressions extends BraceParser
{
    /** Words of other languages, with the right ones. */
    private const FOREIGN = ['True' => 'true', 'False' => 'false', 'TRUE' => 'true', 'FALSE' => 'false', 'None' => 'null', 'nil' => 'null', 'NULL' => 'null'];

    protected function foreignValue(Token $token): void
    {
        $near = self::FOREIGN[$token->text] ?? null;
        $isCpp = $this->notation->typed;
        if (null === $near || $this->isVariable($token->text) || $isCpp && 'NULL' === $token->text) {
            return;
        }
        $near = $isCpp && 'null' === $near ? 'nullptr' : $near;
        $kind = strtolower($token->text) === $near ? 'capitals' : 'foreign_word';
        $this->fail($kind, $token, ['name' => $token->text, 'word' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);
    }

    protected function prefix(Token $token): Expression
    {
        switch ($token->kind) {
            case TokenKind::Number:
                ++$this->at;

                return $this->postfix($this->number($token));
            case TokenKind::Text:
                ++$this->at;

                return $this->postfix($this->literal($token));
            case TokenKind::Name:
                $this->foreignValue($token);
                if ('not' === $token->text && !$this->isVariable('not')) {
                    $this->fail('foreign_word', $token, ['word' => 'not', 'near' => '!'], [new Replacement($token->offset, 3 + (int) (' ' === ($this->text[$token->offset + 3] ?? '')), '!')]);
                }

                return $this->named($token);
            case TokenKind::Unread:
                $this->strange($token);
        }
        switch ($token->text) {
            case '(':
                return $this->grouped($token);
            case '-':
                ++$this->at;

                return $this->negated($this->expression(9));
            case '+':
                ++$this->at;
                $operand = $this->expression(9);

                // JavaScript makes a number of what stands behind it (ECMA-262, 13.5.4).
                return $this->facts->coerces && !$operand instanceof NumberLiteral ? new Operation(OperationKey::ToNumber, [$operand]) : $operand;
            case '++':
            case '--':
                ++$this->at;
                $from = $this->offset();
                $target = $this->ownLength($this->expression(19));

                return $this->changedByMethod($target, '++' === $token->text ? Operator::Add : Operator::Subtract, $this->valueAsRow->stepFor($target)) ?? $this->givenInside(OperationKey::Given, $target, new Binary('++' === $token->text ? Operator::Add : Operator::Subtract, $target, $this->valueAsRow->stepFor($target)), $from);
            case '~':
                ++$this->at;

                return new Operation(OperationKey::BitNot, [$this->expression(9)]);
            case '!':
                ++$this->at;

                return new Unary(UnaryOperator::Not, $this->expression(9));
            case 'true':
            case 'false':
                ++$this->at;
                $truth = new TruthLiteral('true' === $token->text);

                return $this->is('.') ? $this->postfix($truth) : $truth;
        }
        $own = $this->ownPrefix($token);
        if (null !== $own) {
            return $own;
        }
        $before = $this->tokens[$this->at - 1] ?? null;
        if ('=' === $before?->text && ('<' === $token->text || '>' === $token->text)) {
            --$this->at;
            $this->signsMeant();
            ++$this->at;
        }
        if (null !== $before && \in_array($token->text, [')', ']', '}', ';', ','], true)) {
            $this->fail('value_missing', $token, ['after' => self::shown($before)]);
        }
        if (\in_array($token->text, $this->notation->valueWords, true)) {
            // These begin values as well.
            $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        $this->fail(TokenKind::Keyword === $token->kind ? 'keyword_as_value' : 'unexpected', $token);
    }

    abstract protected function ownPrefix(Token $token): ?Expression;

    abstract protected function literal(Token $token): Expression;

    protected function grouped(Token $opened): Expression
    {
        ++$this->at;
        $value = $this->giving();
        for ($steps = 1; $this->accept(','); ++$steps) {
            if ($steps > Bounds::NESTING) {
                $this->fail('deep');
            }
            // What stands before a comma is done, and what stands behind it is the value (ECMA-262, 13.16; C++17, 8.19).
            $value = new Operation(OperationKey::After, [$value, $this->giving()]);
        }
        $this->close($opened);

        return $this->postfix($value);
    }

    protected function number(Token $token): Expression
    {
        $text = $token->text;
        $next = $this->peek();
        if (null !== $next && TokenKind::Name === $next->kind && $next->offset === $token->offset + \strlen($token->text)) {
            $this->fail('number_and_letters', $token, ['text' => $token->text.$next->text]);
        }
        if (ctype_digit($text) && ('0' !== $text[0] || '0' === $text) && \strlen($text) <= 18) {
            return new NumberLiteral((int) $text);
        }
        $text = str_replace(['_', "'"], '', $text);
        if ('' !== $this->notation->endlessEnd && str_ends_with($text, $this->notation->endlessEnd)) {
            // A kind of numbers of its own, which shows its sign and mixes with no other (ECMAScript 2022, 6.1.6.2).
            $digits = substr($text, 0, -\strlen($this->notation->endlessEnd));

            return new Operation(OperationKey::ToBig, [ctype_digit($digits) && \strlen($digits) < 16 ? new NumberLiteral((int) $digits) : new TextLiteral($digits)]);
        }
        $text = (string) preg_replace('/[uUlL]+$/', '', $text);
        if (1 === preg_match('/^0[xX]/', $text)) {
            return new NumberLiteral(hexdec(substr($text, 2)));
        }
        if (1 === preg_match('/^0[bB]/', $text)) {
            return new NumberLiteral(bindec(substr($text, 2)));
        }
        if (1 === preg_match('/^0[oO]/', $text)) {
            return new NumberLiteral(octdec(substr($text, 2)));
        }
        if ($this->notation->typed && 1 === preg_match('/^0[0-7]+$/D', $text)) {
            // Digits to the base of eight (C++17, 5.13.2).
            return new NumberLiteral(octdec($text));
        }
        if (1 === preg_match('/^0\d/', $text) && ctype_digit($text)) {
            $this->fail('leading_zero', $token, ['number' => $text], [new Replacement($token->offset, \strlen($token->text), ltrim($text, '0') ?: '0')]);
        }
        if (ctype_digit($text)) {
            // What fits 64 bits is kept to the last digit.
            return new NumberLiteral($text === (string) (int) $text ? (int) $text : (float) $text);
        }

        return new NumberLiteral((float) rtrim($text, 'fF'));
    }

    /** `total += seeds++;` and `beds[next++] = 3;`: the variable changes when all else is done. */
    private function mayStep(): bool
    {
        return $this->isInRow && ($this->isInValue || ']' === $this->peek(1)?->text);
    }

    protected function special(Expression $left, int $around, int $offset): ?Expression
    {
        $sign = $this->sign();
        if ('?' === $sign && 1 >= $around) {
            ++$this->at;
            // Each of both may give something a value (ECMA-262, 13.14; C++17, 8.16).
            $then = $this->giving(1);
            if (!$this->accept(':')) {
                $this->fail('choice_colon');
            }

            return new Choice($left, $then, $this->giving(1));
        }
        if (('++' === $sign || '--' === $sign) && $left instanceof VariableRead && $this->mayStep()) {
            ++$this->at;
            $this->steps[] = [$left->name, '++' === $sign];

            return $left;
        }
        if (('++' === $sign || '--' === $sign) && !isset($this->begins[$this->at]) && (!$this->isRowAt($offset) || 0 < $around)) {
            ++$this->at;
            $left = $this->ownLength($left);

            return $this->changedByMethod($left, '++' === $sign ? Operator::Add : Operator::Subtract, $this->valueAsRow->stepFor($left)) ?? $this->givenInside(OperationKey::GivenAfter, $left, new Binary('++' === $sign ? Operator::Add : Operator::Subtract, $left, $this->valueAsRow->stepFor($left)), $offset);
        }
        if (null !== $made = $this->bitsOf($left, $around, $sign)) {
            return $made;
        }
        if ($around > 6 && ('<<' === $sign || '>>' === $sign) || $around > 3 && ('&' === $sign || '|' === $sign || '^' === $sign) && !$this->is($sign, 1)) {
            return null;
        }
        if (\in_array($sign, ['<<', '>>', '&', '|', '^', '->', '::'], true)) {
            $doubled = ['&' => '&&', '|' => '||'][$sign] ?? null;
            if (null !== $doubled) {
                $this->fail('foreign_word', null, ['word' => $sign, 'near' => $doubled], [new Replacement($this->offset(), 1, $doubled)]);
            }
            $this->fail('unsupported', null, ['what' => $sign]);
        }

        return null;
    }

    /** Shifts bind more strongly than comparisons, the other signs of bits more weakly (ECMA-262, 13.12; C++17, 8.11). */
    private function bitsOf(Expression $left, int $around, ?string $sign): ?Expression
    {
        if (('<<' === $sign || '>>' === $sign || '>>>' === $sign) && 6 >= $around) {
            return $this->bits($left, 7, ['<<', '>>', '>>>']);
        }
        $isTruth = $left instanceof Binary && ($left->operator->isComparison() || $left->operator->isLogic()) || $left instanceof Unary && UnaryOperator::Not === $left->operator;
        if (3 >= $around && !$isTruth && ('&' === $sign || '|' === $sign || '^' === $sign) && !$this->is($sign, 1)) {
            return $this->bits($left, 4, ['&', '|', '^']);
        }

        return null;
    }

    /** Only Python counts places from the end, which a literal below nought in an item means. */
    final public static function place(Expression $index): Expression
    {
        return $index instanceof NumberLiteral && $index->value < 0 ? new Unary(UnaryOperator::Negate, new NumberLiteral(-$index->value)) : $index;
    }

    protected function indexed(Expression $container, Token $opened): Expression
    {
        if ($this->is(']')) {
            $this->fail('value_missing', null, ['after' => '[']);
        }
        $index = $this->expression();
        $this->close($opened);

        return new Item($container, self::place($index));
    }

    public static function unescaped(string $text): string
    {
        return (string) preg_replace_callback('/\\\\(?:(\r\n|\n|\r)|x([0-9a-fA-F]{2})|u\{([0-9a-fA-F]+)\}|u([0-9a-fA-F]{4})|([0-7]{1,3})|([\\s\\S]))/', static function (array $match): string {
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

            return ['n' => "\n", 't' => "\t", 'r' => "\r", 'b' => "\x08", 'f' => "\f", 'v' => "\v"][$sign] ?? $sign;
        }, self::withPlainEnds($text));
    }

    /** The text between the quotes of a literal. */
    public function quoted(Token $token): string
    {
        $last = \strlen($token->text) - 1;
        if ($last > 0 && ('"' === $token->text[0] || "'" === $token->text[0]) && $token->text[$last] === $token->text[0] && \strlen($token->text) === strcspn($token->text, "\\\r")) {
            return substr($token->text, 1, -1);
        }
        if (1 === preg_match('/^(?:u8|[uUL])?R"([^(]*)\(([\s\S]*)/', $token->text, $raw)) {
            if (!str_ends_with($raw[2], ")$raw[1]\"")) {
                $this->fail('quote_missing', $token, ['quote' => ")$raw[1]\""], [new Replacement($token->offset + \strlen(rtrim($token->text)), 0, ")$raw[1]\"")]);
            }

            // What a raw literal says, it says as it stands (ISO/IEC 14882:2017, 5.13.5).
            return self::withPlainEnds(substr($raw[2], 0, -\strlen($raw[1]) - 2));
        }
        preg_match('/^[a-zA-Z0-9]*(["\'`])/', $token->text, $match);
        $quote = $match[1] ?? '"';
        $inner = substr($token->text, \strlen($match[0] ?? '"'));
        if (!str_ends_with($inner, $quote) || 1 === preg_match('/(?<!\\\\)(?:\\\\\\\\)*\\\\$/', substr($inner, 0, -1))) {
            $text = rtrim($token->text, "\r\n");
            preg_match('/[ \t]*[)\]};{]*[ \t]*(?:\/\/.*)?$/', $text, $tail);
            $length = \strlen($tail[0] ?? '');
            $this->fail('quote_missing', $token, ['quote' => $quote], [new Replacement($token->offset + \strlen($text) - $length, 0, $quote)]);
        }

        return self::unescaped(substr($inner, 0, -1));
    }

    public function comparison(string $sign): ?Operator
    {
        return [
            '==' => Operator::Equal, '===' => Operator::Equal, '!=' => Operator::NotEqual, '!==' => Operator::NotEqual,
            '<' => Operator::Less, '<=' => Operator::LessOrEqual, '>' => Operator::Greater, '>=' => Operator::GreaterOrEqual,
        ][$sign] ?? null;
    }

    public function embedded(string $source, int $base): Expression
    {
        $before = $this->begins;
        $this->begins = [];
        try {
            return parent::embedded($source, $base);
        } finally {
            $this->begins = $before;
        }
    }

    /**
     * Remembers the names that mean something only in a small function, and forgets them behind it.
     *
     * @param \Closure(): Expression $read
     */
    public function inLambda(\Closure $read, string ...$names): Expression
    {
        $known = $this->symbols->writes[$this->scope] ?? [];
        $declared = $this->declared[$this->scope] ?? [];
        $from = \count($this->symbols->reads);
        foreach ($names as $name) {
            $this->symbols->writes[$this->scope][$name] ??= 0;
            $this->declared[$this->scope][$name] = true;
        }
        $shadowed = $this->lambdaNames;
        $this->lambdaNames += array_fill_keys($names, true);
        [$isInRow, $this->isInRow] = [$this->isInRow, false];
        $value = $read();
        $this->isInRow = $isInRow;
        $this->lambdaNames = $shadowed;
        foreach ($this->symbols->reads as $index => $use) {
            if (\in_array($use->name, $names, true) && !isset($known[$use->name]) && $index >= $from) {
                unset($this->symbols->reads[$index]);
            }
        }
        $this->symbols->writes[$this->scope] = $known;
        $this->declared[$this->scope] = $declared;

        return $value;
    }
}
