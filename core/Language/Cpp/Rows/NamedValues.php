<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Cpp\StandardHeaders;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Directives, constants, further names of types, enumerations. */
final class NamedValues
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** @return array{int, int}|null */
    public function leading(): ?array
    {
        $start = $end = null;
        while (null !== ($token = $this->parser->peek()) && !isset($this->parser->remarksBefore[$this->parser->at]) && (TokenKind::Directive === $token->kind || 'using' === $token->text)) {
            if (TokenKind::Directive === $token->kind) {
                if (1 === preg_match('/^#\s*define\b/', $token->text)) {
                    break;
                }
                $this->directive($token);
                ++$this->parser->at;
            } elseif ($this->parser->is('namespace', 1) && $this->parser->is('std', 2)) {
                $this->parser->at += 3;
                $this->literals();
                if (!$this->parser->accept(';')) {
                    $end = $this->parser->endOffset();
                    $this->parser->mistake('semicolon_missing', $end - 1, 1, [], [new Replacement($end, 0, ';')]);
                }
            } else {
                break;
            }
            $start ??= $token->offset;
            $end = $this->parser->endOffset();
        }

        return null === $start || null === $end ? null : [$start, $end];
    }

    /** `using namespace std::string_literals;` brings in `"bean"s`, which are read without it (C++17, 24.3.5). */
    public function literals(): void
    {
        while ($this->parser->is('::') && 1 === preg_match('/^(?:\w+_)?literals$/D', $this->parser->sign(1) ?? '')) {
            $this->parser->at += 2;
        }
    }

    /** `#define BEDS 4`: a name for a number or a text is a constant. */
    public function definedConstant(Token $token): ?SetVariable
    {
        if (1 !== preg_match('/^#\s*define\s+([A-Za-z_]\w*)\s+(?:\((-?[\d.]+)\)|(-?[\d.]+)|"([^"\\\\]*)")\s*$/D', trim($token->text), $match, \PREG_UNMATCHED_AS_NULL)) {
            return null;
        }
        ++$this->parser->at;
        $number = $match[2] ?? $match[3] ?? '';
        $value = '' === $number ? new TextLiteral($match[4] ?? '') : new NumberLiteral(str_contains($number, '.') ? (float) $number : (int) $number);
        $type = '' === $number ? 'string' : (str_contains($number, '.') ? 'double' : 'int');

        return $this->constant($match[1], $type, $value, $token->offset);
    }

    private function constant(string $name, string $type, Expression $value, int $offset): SetVariable
    {
        $this->parser->types[$this->parser->scope][$name] = $type;
        $this->parser->declared[$this->parser->scope][$name] = $this->parser->constants[$this->parser->scope][$name] = true;
        $this->parser->fixed[$name] = $value;
        $this->parser->write($name, $offset);

        return new SetVariable($this->parser->newId(), $name, $value, false, $type);
    }

    /** `typedef long long number;` and `using number = long long;`: another name for a type, which no other language needs. */
    public function alias(int $start, bool $isUsing): Statement
    {
        ++$this->parser->at;
        $name = $isUsing ? $this->parser->peek() : null;
        $this->parser->at += $isUsing ? 2 : 0;
        $type = $this->parser->typeTexts->type();
        if (null !== $type && $this->parser->is('(') && $this->parser->is('*', 1)) {
            // What points at functions of this type (NamesOfTypes).
            while (null !== $this->parser->peek() && !$this->parser->is(';')) {
                ++$this->parser->at;
            }
            $this->parser->semicolon();

            return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $start, $this->parser->endOffset() - $start), $this->parser->language()->value), $start);
        }
        if (!$isUsing) {
            $name = $this->parser->peek();
            ++$this->parser->at;
        }
        if (null === $type || null === $name || TokenKind::Name !== $name->kind) {
            $this->parser->fail('unsupported', $name, ['what' => $isUsing ? 'using' : 'typedef']);
        }
        $this->parser->semicolon();
        $this->parser->aliases[$name->text] = $type;

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $start, $this->parser->endOffset() - $start), $this->parser->language()->value), $start);
    }

    /**
     * `enum Day { MON, TUE = 5, WED };`: a whole number for each name, one more than for the one before (C++17, 10.2).
     *
     * @return list<Statement>
     */
    public function enumeration(int $start): array
    {
        ++$this->parser->at;
        $isApart = $this->parser->accept('class') || $this->parser->accept('struct');
        $name = $this->parser->peek();
        if (null !== $name && TokenKind::Name === $name->kind) {
            ++$this->parser->at;
            $this->parser->aliases[$name->text] = 'int';
        }
        if ($this->parser->accept(':')) {
            // How much room its numbers take is seen nowhere, but where they are shown as letters (C++17, 7.6).
            $room = $this->parser->typeTexts->type();
            if (!$isApart && \in_array($room, ['char', 'unsigned char', 'signed char', 'uint8_t', 'int8_t', 'std::uint8_t', 'std::int8_t'], true)) {
                $this->parser->fail('unsupported', $name, ['what' => 'enum']);
            }
        }
        $opened = $this->parser->peek();
        // One whose names stand behind its own has to have one (C++17, 10.2).
        if (!$this->parser->accept('{') || null === $opened || ($isApart && TokenKind::Name !== $name?->kind)) {
            $this->parser->fail('unsupported', $name, ['what' => 'enum']);
        }
        $apart = $isApart ? $name?->text : null;
        $rows = [];
        $next = 0;
        while (null !== ($one = $this->parser->peek()) && TokenKind::Name === $one->kind) {
            ++$this->parser->at;
            if ($this->parser->accept('=')) {
                $value = $this->parser->value();
                $next = $this->wholeOf($value) ?? $this->parser->fail('unsupported', $one, ['what' => 'enum']);
            }
            // The names of an `enum class` stand behind its own (C++17, 10.2).
            $known = ('' === $this->parser->class ? '' : "{$this->parser->class}.").(null !== $apart ? $apart.'_'.$one->text : $one->text);
            if (null !== $apart) {
                $this->parser->enumerators["$apart::$one->text"] = $known;
            }
            $rows[] = $this->constant($known, 'int', new NumberLiteral($next++), $one->offset);
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);
        $this->parser->semicolon();
        $this->parser->cutTogether($rows, $start);

        return $rows;
    }

    /** What a constant value is, where it is a whole number: `1 << 3`, `'F'`, `First + 1` (C++17, 8.20). */
    private function wholeOf(Expression $value): ?int
    {
        if ($value instanceof TextLiteral) {
            return 1 === \strlen($value->value) ? \ord($value->value) : null;
        }
        if ($value instanceof VariableRead) {
            $fixed = $this->parser->fixed[$value->name] ?? null;

            return $fixed instanceof NumberLiteral && \is_int($fixed->value) ? $fixed->value : null;
        }
        $operands = array_map($this->wholeOf(...), $value->operands());
        [$left, $right] = [$operands[0] ?? null, $operands[1] ?? null];

        return match (true) {
            $value instanceof NumberLiteral => \is_int($value->value) ? $value->value : null,
            null === $left => null,
            $value instanceof Unary && UnaryOperator::Negate === $value->operator => -$left,
            null === $right => null,
            $value instanceof Operation && OperationKey::ShiftedLeft === $value->key && $right >= 0 && $right < 31 => $left << $right,
            $value instanceof Operation && OperationKey::BitOr === $value->key => $left | $right,
            $value instanceof Binary && Operator::Add === $value->operator => $left + $right,
            $value instanceof Binary && Operator::Subtract === $value->operator => $left - $right,
            default => null,
        };
    }

    /** Whether a name is asked for by `#ifdef` and the like, and nowhere else: then it stands for nothing. */
    private function standsInConditionsOnly(string $name): bool
    {
        foreach ($this->parser->tokens as $token) {
            if (TokenKind::Directive !== $token->kind && $token->text === $name) {
                return false;
            }
        }

        return true;
    }

    public function directive(Token $token): void
    {
        $text = trim($token->text);
        if (1 === preg_match('/^#\s*pragma\s+once$/D', $text) || 1 === preg_match('/^#\s*define\s+([A-Za-z_]\w*)$/D', $text, $match) && $this->standsInConditionsOnly($match[1]) || $token->offset !== $this->parser->cStyle->undecided && 1 === preg_match('/^#\s*(?:if|ifdef|ifndef|elif|else|endif)\b/', $text)) {
            return;
        }
        if (1 !== preg_match('/^#\s*include\s*(<[^>]*>|"[^"]*")\s*$/', $text, $match)) {
            if (1 === preg_match('/^#\s*include\s*[“”„«]/u', $text)) {
                $this->parser->mistake('strange_sign', $token->offset, \strlen($text), ['sign' => '“'], [new Replacement($token->offset, \strlen($text), (string) preg_replace('/[“”„«»]/u', '"', $text))]);

                return;
            }
            if (1 === preg_match('/^#\s*include\s*"[\w.]+$/', $text)) {
                $this->parser->mistake('quote_missing', $token->offset, \strlen($text), [], [new Replacement($token->offset + \strlen($text), 0, '"')]);

                return;
            }
            if (1 === preg_match('/^#\s*include\s*[<"]?([\w.]+)/', $text, $match)) {
                $this->parser->mistake('include_brackets', $token->offset, \strlen($text), ['name' => $match[1]], [new Replacement($token->offset, \strlen($text), "#include <$match[1]>")]);

                return;
            }
            if (1 === preg_match('/^#\s*(\w+)/', $text, $match) && 'include' !== $match[1] && levenshtein($match[1], 'include') <= 2) {
                $this->parser->mistake('misspelt_keyword', $token->offset, \strlen($text), ['name' => $match[1], 'near' => 'include'], [new Replacement($token->offset, \strlen($text), str_replace($match[1], 'include', $text))]);

                return;
            }
            $this->parser->mistake('unsupported', $token->offset, \strlen($text), ['what' => substr($text, 0, 20)]);

            return;
        }
        $name = substr($match[1], 1, -1);
        if (!StandardHeaders::has($name)) {
            $near = Names::nearest($name, StandardHeaders::all());
            $this->parser->mistake(null === $near ? 'unknown_library' : 'misspelt_library', $token->offset, \strlen($text), ['name' => $name, 'near' => $near ?? ''], null === $near ? [] : [new Replacement($token->offset, \strlen($text), str_replace($name, $near, $text))]);
        }
    }
}
