<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Types as they stand in the text. */
final class TypeTexts
{
    private const DEEPEST_TYPE = 12;
    private const MODIFIERS = ['const' => true, 'static' => true, 'constexpr' => true, 'inline' => true, 'unsigned' => true, 'long' => true, 'short' => true, 'signed' => true];
    private const PLAIN = [
        'int' => true, 'double' => true, 'float' => true, 'bool' => true, 'char' => true, 'auto' => true, 'void' => true, 'string' => true, 'size_t' => true, 'stringstream' => true, 'istringstream' => true,
        'ostringstream' => true, 'ostream' => true, 'istream' => true, 'ifstream' => true, 'ofstream' => true, 'fstream' => true,
    ];
    private const TEMPLATES = [
        'vector' => true, 'map' => true, 'unordered_map' => true, 'array' => true, 'pair' => true, 'tuple' => true, 'optional' => true, 'shared_ptr' => true, 'unique_ptr' => true, 'stack' => true, 'queue' => true,
        'deque' => true, 'priority_queue' => true, 'set' => true, 'unordered_set' => true, 'multiset' => true, 'initializer_list' => true,
    ];
    /** What a type may begin with, but for the classes and other names of the text's own. */
    private const BEGINNINGS = self::MODIFIERS + self::PLAIN + self::TEMPLATES + ['std' => true, 'function' => true, 'greater' => true];
    private int $typesAround = 0;
    /** @var array<int, Token> signs of which the first half ended an inner type, as they were */
    private array $halved = [];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** The template whose types are being read. */
    private function typeAround(): string
    {
        for ($at = $this->parser->at - 1, $depth = 0; $at > 0; --$at) {
            $depth += substr_count(($this->halved[$at] ?? $this->parser->tokens[$at])->text, '>') - ('<' === $this->parser->tokens[$at]->text ? 1 : 0);
            if ($depth < 0) {
                break;
            }
        }

        return $this->parser->tokens[max(0, $at - 1)]->text;
    }

    /** Reads a type, if one stands here, and gives its name with one space at most between its words. */
    public function type(): ?string
    {
        if (0 === $this->typesAround && [] !== $this->halved) {
            $this->madeWhole();
        }
        $start = $this->parser->at;
        $words = [];
        $word = (string) $this->parser->sign();
        if ('decltype' === $word && 0 < $this->typesAround && 'priority_queue' === $this->typeAround() && $this->parser->is('(', 1) && $this->parser->is(')', 3)) {
            // Its members are compared by a small function, which its name says.
            $this->parser->at += 4;

            return $this->parser->tokens[$this->parser->at - 2]->text;
        }
        if (!isset(self::BEGINNINGS[$word]) && !isset($this->parser->classes->parents[$word]) && !isset($this->parser->aliases[$word]) && null === FittingKind::ofClass($word)) {
            return null;
        }
        while (isset(self::MODIFIERS[$word])) {
            $words[] = $word;
            ++$this->parser->at;
            $word = (string) $this->parser->sign();
        }
        if ('std' === $word && $this->parser->is('::', 1)) {
            $this->parser->at += 2;
            $word = (string) $this->parser->sign();
        }
        if ('function' === $word && $this->parser->functionType()) {
            // What it takes and gives shows where it is called.
            $this->parser->accept('&');

            return 'auto';
        }
        if ('greater' === $word && 0 < $this->typesAround && 'priority_queue' !== $around = $this->typeAround()) {
            // Its members stand the other way round (C++17, 26.4.4.1).
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => "$around<…, greater<…>>"]);
        }
        if ('greater' === $word && 0 < $this->typesAround && $this->parser->is('<', 1) && ($this->parser->is('>', 2) || $this->parser->is('>>', 2))) {
            // What is compared shows in the type around it (C++17, 23.14.7).
            $this->parser->at += $this->parser->is('>', 2) ? 3 : 2;
            if ($this->parser->is('>>')) {
                $this->halve();
            }

            return 'greater<int>';
        }
        if (isset(self::PLAIN[$word]) && !$this->parser->isVariable($word)) {
            $words[] = 'string' === $word ? $this->memberType(1) ?? $word : $word;
            ++$this->parser->at;
        } elseif (null !== FittingKind::ofClass($word) && TokenKind::Name === $this->parser->peek(1)?->kind) {
            $words[] = $word;
            ++$this->parser->at;
        } elseif (isset($this->parser->classes->parents[$word]) && !$this->parser->isVariable($word) && [] === array_intersect($words, ['unsigned', 'long', 'short', 'signed'])) {
            if ($this->parser->is('::', 1) && isset($this->parser->classes->parents[(string) $this->parser->sign(2)]) && $word !== $this->parser->sign(2)) {
                // One that stands in another one.
                $this->parser->at += 2;
                $word = $this->parser->sign();
            }
            $words[] = $word;
            ++$this->parser->at;
        } elseif (isset($this->parser->aliases[$word]) && !$this->parser->isVariable($word)) {
            $words[] = $this->parser->aliases[$word];
            ++$this->parser->at;
        } elseif ((isset(self::TEMPLATES[$word]) || 'greater' === $word && 0 < $this->typesAround) && $this->parser->is('<', 1)) {
            $this->parser->at += 2;
            $inner = [];
            do {
                // Types within types within types are tried from each place where one could begin.
                $type = ++$this->typesAround > self::DEEPEST_TYPE ? null : $this->type();
                --$this->typesAround;
                if (null === $type && TokenKind::Number === $this->parser->peek()?->kind) {
                    $type = $this->parser->sign();
                    ++$this->parser->at;
                }
                if (null === $type && 'array' === $word && isset($this->parser->spaces[$this->parser->sign() ?? '']) && $this->parser->is('::', 1)) {
                    $this->parser->at += 2;
                }
                $known = null === $type && 'array' === $word ? $this->known(new VariableRead($this->parser->sign() ?? '')) : null;
                if ($known instanceof NumberLiteral) {
                    $type = (string) $known->value;
                    ++$this->parser->at;
                }
                if (null === $type) {
                    $this->parser->at = $start;

                    return null;
                }
                $inner[] = $type;
            } while ($this->parser->accept(','));
            if ($this->parser->is('>>')) {
                $this->halve();
            } elseif (!$this->parser->accept('>')) {
                $this->parser->at = $start;

                return null;
            }
            $compared = \in_array($word, ['set', 'multiset', 'unordered_set'], true) ? $inner[1] ?? null : (\in_array($word, ['map', 'unordered_map'], true) ? $inner[2] ?? null : null);
            if (null !== $compared) {
                // Its members stand as that says (C++17, 26.4.4.1).
                $this->parser->fail('unsupported', $this->parser->tokens[$start], ['what' => "$word<…, $compared>"]);
            }
            $words[] = $this->memberType(0) ?? $word.'<'.implode(', ', $inner).'>';
        } elseif ([] === array_diff($words, ['const', 'static', 'inline', 'constexpr'])) {
            $this->parser->at = $start;

            return null;
        }
        $type = implode(' ', array_diff($words, ['const', 'static', 'constexpr', 'inline']));
        if ($this->parser->is('&') && (TokenKind::Name === $this->parser->peek(1)?->kind || \in_array($this->parser->sign(1), ['[', ',', ')'], true) || $this->parser->is('operator', 1))) {
            ++$this->parser->at;
            $type = (\in_array('const', $words, true) ? 'const ' : '').$type.' &';
        } elseif ($this->parser->is('*') && 'char' === $type && \in_array('const', $words, true)) {
            // A text of C is a text.
            ++$this->parser->at;
            $type = 'string';
        } elseif ($this->parser->is('*') && isset($this->parser->classes->parents[$type])) {
            ++$this->parser->at;
            // A pointer that the caller's own changes with: `Node*& head`.
            $type .= $this->parser->mayPoint && $this->parser->accept('&') ? ' * &' : ' *';
        } elseif ($this->parser->is('*') && 'auto' === $type && (':' === $this->parser->sign(2) || $this->parser->is('=', 2) && ($this->parser->is('&', 3) || $this->parser->is('new', 3) || $this->parser->is('dynamic_cast', 3) || $this->namesPointer($this->parser->peek(3))))) {
            // That it points at something, its value says as well (C++17, 10.1.7.4).
            ++$this->parser->at;
        } elseif ($this->parser->is('*') && $this->parser->mayPoint) {
            ++$this->parser->at;
            $type .= ' *';
        } elseif ($this->parser->is('*')) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => "$type *"]);
        }

        return $type;
    }

    /** Whether a word is the name of a pointer to an object. */
    private function namesPointer(?Token $name): bool
    {
        return TokenKind::Name === $name?->kind && str_ends_with($this->parser->typeOf(new VariableRead($name->text)), '*');
    }

    /** Two types end here: the outer one takes the other half. */
    public function halve(): void
    {
        $this->halved[$this->parser->at] = $this->parser->tokens[$this->parser->at];
        // @phpstan-ignore assign.propertyType (the token is there already)
        $this->parser->tokens[$this->parser->at] = new Token(TokenKind::Sign, '>', $this->parser->tokens[$this->parser->at]->offset + 1);
    }

    /** A token as it stands in the text, whatever was taken of it already. */
    public function whole(int $at): Token
    {
        return $this->halved[$at] ?? $this->parser->tokens[$at];
    }

    /** Puts back the signs from here on of which the first half ended an inner type: what is read once more is whole again. */
    public function madeWhole(): void
    {
        foreach ($this->halved as $at => $token) {
            if ($at >= $this->parser->at) {
                // @phpstan-ignore assign.propertyType (the token is there already)
                $this->parser->tokens[$at] = $token;
                unset($this->halved[$at]);
            }
        }
    }

    /** `string::size_type`, behind whose first word it stands then: `::` and what a container calls its places and its sizes (C++17, 26.2.1). */
    private function memberType(int $ahead): ?string
    {
        $name = $this->parser->is('::', $ahead) ? $this->parser->peek($ahead + 1)->text ?? '' : '';
        $type = match ($name) {
            'iterator', 'const_iterator', 'reverse_iterator', 'const_reverse_iterator' => 'auto',
            'size_type' => 'size_t',
            'difference_type' => 'long',
            default => null,
        };
        $this->parser->at += null === $type ? 0 : 2;

        return $type;
    }

    public function known(Expression $size): Expression
    {
        return $size instanceof VariableRead ? $this->parser->fixed[$size->name] ?? $size : $size;
    }
}
