<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\ClassDefinition;

/**
 * What C++ has from C: `typedef struct { … } Bed;` names a class behind its braces (C++17, 10.1.3), `struct Bed bed;` says
 * again that it is one (10.1.7.3), and `#define SQUARE(x) ((x) * (x))` stands for other signs wherever it is called
 * (19.3). The signs are read as if they had been written the usual way.
 */
final class CStyle
{
    /** How many signs a class may have that its name stands behind. */
    private const FARTHEST = 600;
    /** How many signs a macro may be given. */
    private const GIVEN = 200;
    /** @var array<string, array{list<string>, list<Token>}> by name, the parameters of a macro and what it stands for */
    public array $macros = [];
    /** Where the row such as `#ifdef _WIN32` stands of which it can't be told what it leaves out; null where there is none. */
    public ?int $undecided = null;

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public function usual(array $tokens): array
    {
        if (1 === preg_match(Conditionals::SEEN, $this->parser->text)) {
            $decided = Conditionals::decided($tokens, $this->parser->text);
            $this->undecided = $decided instanceof Token ? $decided->offset : null;
            $tokens = $decided instanceof Token ? $tokens : $decided;
        }
        foreach (FittingKind::cases() as $part) {
            if (str_contains($this->parser->text, $part->name) && 1 === preg_match("/\\b(?:class|struct)\\s+$part->name\\b/", $this->parser->text)) {
                // A class of the program's own hides the part of a machine that is called the same.
                $own = $this->parser->nameFor($part->name.'_own');
                $tokens = array_map(static fn (Token $token): Token => $token->text === $part->name ? $token->readAs($own) : $token, $tokens);
            }
        }
        $tokens = 1 === preg_match(OtherSpellings::SEEN, $this->parser->text) ? OtherSpellings::usual($tokens) : $tokens;
        if (1 === preg_match(OverloadsByType::SEEN, $this->parser->text)) {
            $overloads = new OverloadsByType($tokens);
            $tokens = $overloads->told();
            $this->parser->waysByType = $overloads->ways;
        }
        $tokens = 1 === preg_match('/\bconst\s+void\s*\*/', $this->parser->text) ? SortedByC::asSorts($tokens) : $tokens;
        $tokens = 1 === preg_match('/\bnamespace\s+\w+\s*\{/', $this->parser->text) ? ApartNamespaces::named($tokens) : $tokens;
        $tokens = 1 === preg_match(KeptByFunctions::SEEN, $this->parser->text) ? KeptByFunctions::asVariables($tokens) : $tokens;
        $tokens = 1 === preg_match(DeducedTypes::SEEN, $this->parser->text) ? DeducedTypes::told($tokens) : $tokens;
        $tokens = 1 === preg_match('/\breturn\s*\(/', $this->parser->text) ? self::withoutBracketsOfResults($tokens) : $tokens;
        $tokens = 1 === preg_match('/\*\s*const\b|\b(?:min|max|swap)\s*<\s*\w/', $this->parser->text) ? self::withoutNeedless($tokens) : $tokens;
        $tokens = 1 === preg_match('/\btemplate\s*<[^>{]*\b(?:int|size_t|unsigned|bool)\s+\w/', $this->parser->text) ? NumbersOfTemplates::asNumbers($tokens) : $tokens;
        $tokens = 1 === preg_match('/\.\s*erase\s*\(\s*\w+\s*(?:\+\+\s*)?\)/', $this->parser->text) && 1 === preg_match('/\b(?:map|set)\s*</', $this->parser->text) ? ErasingLoops::asPlainLoops($tokens) : $tokens;
        if (1 === preg_match('~#\s*include\s*<(?:list|bits/stdc\+\+\.h)>~', $this->parser->text)) {
            // What is done to one is done to a queue with two ends (C++17, 26.3.10).
            $tokens = self::withOneKindOfList($tokens);
        }
        $tokens = 1 === preg_match('/\bauto\b[^;{}]*->/', $this->parser->text) ? self::withoutTrailingTypes($tokens) : $tokens;
        $tokens = 1 === preg_match('/\boperator\s*>>/', $this->parser->text) ? $this->parser->ownReaders->named($tokens) : $tokens;
        $tokens = 1 === preg_match('/\boperator\s*(?:\+\+|--|[a-z])/', $this->parser->text) ? OperatorNames::named($tokens) : $tokens;
        $tokens = 1 === preg_match('/\b(?:set|map)\s*<[^;{}()]*\bgreater\s*</', $this->parser->text) ? DescendingOnes::told($tokens) : $tokens;
        $tokens = 1 === preg_match('/\b(?:class|struct)\b/', $this->parser->text) && 1 === preg_match('/\bnew\s+\w+(?:\s*<[^;{}]*>)?\s*\*?\s*\[/', $this->parser->text) ? DynamicArrays::asLists($tokens) : $tokens;
        $tokens = 1 === preg_match('/\w\s*\*\s*\w+\s*[,)]|\[\s*\]\s*[,)]/', $this->parser->text) ? PointedArrays::asArrays($tokens) : $tokens;
        $tokens = 1 === preg_match('/\b(?:new|make_unique|make_shared)\b\s*<?\s*(?:std::)?(?:int|long|double|float|char|bool|string)\b\s*(?!\[)/', $this->parser->text) ? SingleCells::asObjects($tokens) : $tokens;
        $tokens = 1 === preg_match('/\*\s*\*\s*\w/', $this->parser->text) ? PointedPointers::asReferences($tokens) : $tokens;
        $tokens = 1 === preg_match('/\bwhat\s*\(\s*\)\s*(?:const\b|throw\b|noexcept\b|override\b|\{)/', $this->parser->text) ? self::withSaying($tokens) : $tokens;
        $tokens = str_contains($this->parser->text, '[[') ? self::withoutAttributes($tokens) : $tokens;
        $tokens = 1 === preg_match('/\b(?:typedef|using)\b[^;{]*(?:>\s*\w*\s*;|\(\s*\*)/', $this->parser->text) ? $this->parser->namesOfTypes->withoutNamesOfTypes($tokens) : $tokens;
        $tokens = 1 === preg_match('/\b(?:class|struct|enum)\b/', $this->parser->text) && 1 === preg_match('/\w\s*::\s*\w/', $this->parser->text) ? $this->parser->innerNames->withoutOuterNames($tokens) : $tokens;
        if (1 === preg_match('/\.\s*cr?(?:begin|end)\b/', $this->parser->text)) {
            // Nothing is changed through the places that these give, which are the same (C++17, 26.2.1).
            $tokens = array_map(static fn (Token $token): Token => TokenKind::Name === $token->kind && \in_array($token->text, ['cbegin', 'cend', 'crbegin', 'crend'], true) ? $token->readAs(substr($token->text, 1)) : $token, $tokens);
        }
        if (1 === preg_match('/(?<![.\w])c?r?(?:begin|end)\s*\(\s*\w+\s*\)/', $this->parser->text) && 1 !== preg_match('/\b\w+\s*[&*]?\s+(?:begin|end)\s*\([^()]*\)\s*(?:const\s*)?\{/', $this->parser->text)) {
            $tokens = self::withPlacesBehind($tokens);
        }
        $tokens = str_contains($this->parser->text, 'struct') || str_contains($this->parser->text, 'typedef') ? $this->structures($tokens) : $tokens;

        $tokens = 1 === preg_match('/\benum\b[^{;]*\{[^{}]*\}\s*\w/', $this->parser->text) ? self::withKindsApart($tokens) : $tokens;

        return 1 === preg_match('/#\s*define\s/', $this->parser->text) ? $this->withoutMacros($this->withoutOtherNames($tokens)) : $tokens;
    }

    /**
     * `begin(beds)` is `beds.begin()` (C++17, 27.7).
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withPlacesBehind(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => $tokens[$code[$at] ?? -1]->text ?? '';
        $put = $gone = [];
        foreach ($code as $at => $index) {
            $name = 1 === preg_match('/^c?(r?(?:begin|end))$/D', $text($at), $match) ? $match[1] : '';
            $isOfStd = '::' === $text($at - 1) && 'std' === $text($at - 2);
            if ('' === $name || '(' !== $text($at + 1) || ')' !== $text($at + 3) || TokenKind::Name !== $tokens[$code[$at + 2]]->kind || \in_array($text($at - 1), ['.', '->', 'auto'], true) || '::' === $text($at - 1) && !$isOfStd) {
                continue;
            }
            $first = $tokens[$isOfStd ? $code[$at - 2] : $index];
            $list = $tokens[$code[$at + 2]];
            $put[$index] = [new Token(TokenKind::Name, $list->text, $first->offset, 0), new Token(TokenKind::Sign, '.', $first->offset, 0), new Token(TokenKind::Name, $name, $first->offset, 0)];
            $gone += array_fill_keys([...$isOfStd ? [$code[$at - 2], $code[$at - 1]] : [], $code[$at + 2]], true);
        }
        $kept = [];
        foreach ($tokens as $index => $token) {
            array_push($kept, ...isset($gone[$index]) ? [] : $put[$index] ?? [$token]);
        }

        return $kept;
    }

    /**
     * `return (a + b);`: brackets around all that is given back say nothing more.
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withoutBracketsOfResults(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        [$partners, $places, $gone] = [Partners::of($tokens), array_flip($code), []];
        foreach ($code as $at => $index) {
            if ('return' !== $tokens[$index]->text || '(' !== ($tokens[$code[$at + 1] ?? -1]->text ?? '')) {
                continue;
            }
            $close = $partners[$code[$at + 1]] ?? -1;
            if ($close > ($code[$at + 2] ?? $close) && ';' === ($tokens[$code[($places[$close] ?? -2) + 1] ?? -1]->text ?? '')) {
                $gone += [$code[$at + 1] => true, $close => true];
            }
        }

        return array_values(array_diff_key($tokens, $gone));
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withOneKindOfList(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        foreach ($code as $at => $index) {
            $isNamed = 'list' === $tokens[$index]->text && TokenKind::Name === $tokens[$index]->kind && '<' === ($tokens[$code[$at + 1] ?? -1]->text ?? '');
            // A number may have that name, and be compared with another one.
            if ($isNamed && \in_array($tokens[$code[$at + 3] ?? -1]->text ?? '', ['>', '>>', '<', '*', '::', ',', 'int', 'long', 'char'], true)) {
                $tokens[$index] = $tokens[$index]->readAs('deque');
            }
        }

        return array_values($tokens);
    }

    /**
     * `const char* const names[]`, of which nothing else is said than that they do not change, and `min<size_t>(4, n)`.
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withoutNeedless(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => $tokens[$code[$at] ?? -1]->text ?? '';
        $gone = [];
        foreach ($code as $at => $index) {
            if ('*' === $text($at) && 'const' === $text($at + 1) && TokenKind::Name === $tokens[$code[$at + 2] ?? $index]->kind) {
                $gone[$code[$at + 1]] = true;
            }
            $isChosen = \in_array($text($at), ['min', 'max', 'swap'], true) && '.' !== $text($at - 1) && '<' === $text($at + 1) && '>' === $text($at + 3) && '(' === $text($at + 4);
            if ($isChosen && \in_array($text($at + 2), ['int', 'size_t', 'long', 'unsigned', 'string'], true)) {
                $gone += [$code[$at + 1] => true, $code[$at + 2] => true, $code[$at + 3] => true];
            }
        }

        return array_values(array_diff_key($tokens, $gone));
    }

    /**
     * `auto main() -> int {`: the type of what is given back, where it usually stands (C++17, 11.3.5).
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withoutTrailingTypes(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        [$partners, $places, $gone, $put] = [Partners::of($tokens), array_flip($code), [], []];
        $text = static fn (int $at): string => $tokens[$code[$at] ?? -1]->text ?? '';
        foreach ($code as $at => $index) {
            if ('auto' !== $tokens[$index]->text || '(' !== $text($at + 2)) {
                continue;
            }
            $end = $places[$partners[$code[$at + 2]] ?? -1] ?? \count($code);
            for (++$end; \in_array($text($end), ['const', 'noexcept'], true); ++$end) {
            }
            for ($behind = $end + 1; 1 === preg_match('/^(?:\w+|::|<|>|>>|,|\*|&)$/D', $text($behind)) && !\in_array($text($behind), ['override', 'final', 'decltype'], true); ++$behind) {
            }
            if ('->' !== $text($end) || $behind === $end + 1 || !\in_array($text($behind), ['{', ';', 'override', 'final'], true)) {
                continue;
            }
            foreach (\array_slice($code, $end + 1, $behind - $end - 1) as $place => $of) {
                $put[$index][] = 0 === $place ? $tokens[$index]->readAs($tokens[$of]->text, $tokens[$of]->kind) : new Token($tokens[$of]->kind, $tokens[$of]->text, $tokens[$index]->end(), 0);
            }
            $gone += array_fill_keys(\array_slice($code, $end, $behind - $end), true);
        }
        $made = [];
        foreach ($tokens as $index => $token) {
            isset($gone[$index]) || array_push($made, ...$put[$index] ?? [$token]);
        }

        return $made;
    }

    /**
     * `[[fallthrough]]`, `[[nodiscard]]`: what is said to the compiler alone (C++17, 10.6).
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withoutAttributes(array $tokens): array
    {
        for ($at = 0, $count = \count($tokens); $at + 1 < $count; ++$at) {
            if ('[' !== $tokens[$at]->text || '[' !== $tokens[$at + 1]->text) {
                continue;
            }
            for ($end = $at + 2; $end + 1 < $count && $end < $at + 20 && !(']' === $tokens[$end]->text && ']' === $tokens[$end + 1]->text); ++$end) {
            }
            $first = TokenKind::Space === ($tokens[$at + 2]->kind ?? null) ? $at + 3 : $at + 2;
            if (']' === ($tokens[$end]->text ?? '') && TokenKind::Name === ($tokens[$first]->kind ?? null)) {
                for ($next = $end + 2; $next < $count && !$tokens[$next]->isCode(); ++$next) {
                }
                if ($next === $count) {
                    break;
                }
                // What stands behind it begins with it.
                $tokens[$next] = new Token($tokens[$next]->kind, $tokens[$next]->text, $tokens[$at]->offset, $tokens[$next]->end() - $tokens[$at]->offset);
                for ($gone = $at; $gone < $next; ++$gone) {
                    $tokens[$gone] = new Token(TokenKind::Space, '', $tokens[$at]->offset);
                }
            }
        }

        return array_values($tokens);
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private function structures(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => isset($code[$at]) ? $tokens[$code[$at]]->text : '';
        $named = $renamed = $put = $open = [];
        $isHead = false;
        for ($at = 0, $count = \count($code); $at < $count; ++$at) {
            if ('struct' === $text($at) && \in_array($text($at + 2), ['{', ':'], true)) {
                $named[$text($at + 1)] = true;
            }
            if ('{' === $text($at)) {
                $open[] = $isHead;
            } elseif ('}' === $text($at)) {
                array_pop($open);
            }
            $isHead = \in_array($text($at), ['struct', 'class'], true) || $isHead && !\in_array($text($at), [';', '(', '{', '}'], true);
            $isNamed = '{' === $text($at + 2);
            $end = 'struct' === $text($at) && 'typedef' !== $text($at - 1) && ($isNamed || '{' === $text($at + 1)) ? self::closingBrace($text, $at + ($isNamed ? 2 : 1), $count) : null;
            if (null !== $end && TokenKind::Name === ($tokens[$code[$end + 1] ?? -1]->kind ?? null)) {
                $tag = $isNamed ? $text($at + 1) : 'kind_of_'.$text($end + 1);
                if (!$isNamed) {
                    // `struct { int size; } bed;` names no class (C++17, 12.1): it gets a name after what is declared of it.
                    $put[$code[$at]] = [new Token(TokenKind::Name, $tag, $tokens[$code[$at]]->end(), 0)];
                }
                if (\in_array(true, $open, true)) {
                    // Within another class, what is declared of it is a field of that one.
                    $behind = $tokens[$code[$end]]->end();
                    $put[$code[$end]] = [new Token(TokenKind::Sign, ';', $behind, 0), new Token(TokenKind::Name, $tag, $behind, 0)];
                }
            }
            if ('typedef' !== $text($at) || !\in_array($text($at + 1), ['struct', 'enum'], true)) {
                continue;
            }
            $brace = '{' === $text($at + 2) ? $at + 2 : ('{' === $text($at + 3) ? $at + 3 : null);
            $end = null === $brace ? null : self::closingBrace($text, $brace, $count);
            if (null === $brace || null === $end || 1 !== preg_match('/^\w+$/D', $text($end + 1)) || ';' !== $text($end + 2)) {
                continue;
            }
            $name = $text($end + 1);
            $tag = $brace > $at + 2 ? $text($at + 2) : $name;
            $named[$name] = $named[$tag] = true;
            $tokens[$code[$at]] = $tokens[$code[$at]]->readAs($text($at + 1), TokenKind::Keyword);
            $tokens[$code[$at + 1]] = $tokens[$code[$at + 1]]->readAs($name, TokenKind::Name);
            foreach ($brace > $at + 2 ? [$at + 2, $end + 1] : [$end + 1] as $gone) {
                $tokens[$code[$gone]] = new Token(TokenKind::Space, '', $tokens[$code[$gone]]->offset);
            }
            $renamed[$tag] = $name;
        }
        for ($at = 0; $at < $count; ++$at) {
            if ('struct' === $text($at) && isset($named[$text($at + 1)]) && !\in_array($text($at + 2), ['{', ':', ';'], true)) {
                // The row begins where the word stands that is left out.
                $name = $tokens[$code[$at + 1]]->text;
                $tokens[$code[$at]] = new Token(TokenKind::Name, $renamed[$name] ?? $name, $tokens[$code[$at]]->offset);
                $tokens[$code[$at + 1]] = new Token(TokenKind::Space, '', $tokens[$code[$at + 1]]->offset);
            }
        }

        $kept = [];
        foreach ($tokens as $index => $token) {
            array_push($kept, $token, ...$put[$index] ?? []);
        }

        return $kept;
    }

    /**
     * `const char* what() const noexcept override { … }`: what a failure of the program's own says of itself (C++17, 21.8.2).
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withSaying(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => isset($code[$at]) && TokenKind::Text !== $tokens[$code[$at]]->kind ? $tokens[$code[$at]]->text : '';
        $gone = [];
        foreach (array_keys($code) as $at) {
            if ('what' !== $text($at) || '(' !== $text($at + 1) || ')' !== $text($at + 2) || !\in_array($text($at - 1), ['*', '::', 'string'], true)) {
                continue;
            }
            $tokens[$code[$at]] = $tokens[$code[$at]]->readAs(ClassDefinition::SHOWS);
            $throw = $at + 3 + ('const' === $text($at + 3) ? 1 : 0);
            if ('throw' === $text($throw) && '(' === $text($throw + 1) && ')' === $text($throw + 2)) {
                // It throws nothing, as was said before C++17.
                $gone += [$code[$throw] => true, $code[$throw + 1] => true, $code[$throw + 2] => true];
            }
        }

        return array_values(array_diff_key($tokens, $gone));
    }

    /**
     * `enum Kind { … } kind;` is `enum Kind { … }; Kind kind;` (C++17, 10.1.7.3).
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function withKindsApart(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => isset($code[$at]) ? $tokens[$code[$at]]->text : '';
        $put = [];
        for ($at = 0, $count = \count($code); $at < $count; ++$at) {
            if ('enum' !== $text($at) || 'typedef' === $text($at - 1)) {
                continue;
            }
            $named = \in_array($text($at + 1), ['class', 'struct'], true) ? $at + 2 : $at + 1;
            for ($brace = $named; $brace < $named + 6 && !\in_array($text($brace), ['{', ';', ''], true); ++$brace) {
            }
            $end = '{' === $text($brace) ? self::closingBrace($text, $brace, $count) : null;
            if (null !== $end && TokenKind::Name === $tokens[$code[$end + 1] ?? $code[$end]]->kind) {
                $offset = $tokens[$code[$end]]->end();
                $put[$code[$end]] = [new Token(TokenKind::Sign, ';', $offset, 0), '{' === $text($named) || ':' === $text($named) ? new Token(TokenKind::Keyword, 'int', $offset, 0) : new Token(TokenKind::Name, $text($named), $offset, 0)];
            }
        }
        $kept = [];
        foreach ($tokens as $index => $token) {
            array_push($kept, $token, ...$put[$index] ?? []);
        }

        return $kept;
    }

    /** @param \Closure(int): string $text */
    private static function closingBrace(\Closure $text, int $at, int $count): ?int
    {
        for ($depth = 0, $count = min($count, $at + self::FARTHEST); $at < $count; ++$at) {
            $depth += ['{' => 1, '}' => -1][$text($at)] ?? 0;
            if (0 === $depth) {
                return $at;
            }
        }

        return null;
    }

    /**
     * `#define pb push_back`: a name that stands for another one (C++17, 19.3).
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private function withoutOtherNames(array $tokens): array
    {
        $names = [];
        foreach ($tokens as $at => $token) {
            if (TokenKind::Directive === $token->kind && 1 === preg_match('/^\s*#\s*define\s+([A-Za-z_]\w*)\s+([A-Za-z_]\w*)\s*(?:\/[\/*].*)?$/sD', $token->text, $match)) {
                $names[$match[1]] = $match[2];
                $this->macros[$match[1]] ??= [[], []];
            } elseif (TokenKind::Name === $token->kind && isset($names[$token->text])) {
                $named = $this->parser->language()->tokens($names[$token->text])[0] ?? $token;
                $tokens[$at] = $token->readAs($named->text, $named->kind);
            }
        }

        return array_values($tokens);
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private function withoutMacros(array $tokens): array
    {
        foreach ($tokens as $token) {
            if (TokenKind::Directive === $token->kind && 1 === preg_match('/^\s*#\s*define\s+([A-Za-z_]\w*)\(([\w\s,]*)\)\s*((?!for\b)[^{};#]*|for\s*\([^{}#]+\))$/D', rtrim($token->text), $match)) {
                $parameters = preg_split('/\s*,\s*/', trim($match[2])) ?: [];
                $body = array_values(array_filter($this->parser->language()->tokens($match[3]), static fn (Token $one): bool => $one->isCode()));
                if (\count($body) <= 60) {
                    $this->macros[$match[1]] = [$parameters, $body];
                }
            }
        }
        for ($round = 0; [] !== $this->macros && $round < 4; ++$round) {
            $made = $this->expanded($tokens);
            if (null === $made) {
                break;
            }
            $tokens = $made;
        }

        return $tokens;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<Token>|null null where no macro is called
     */
    private function expanded(array $tokens): ?array
    {
        $kept = [];
        $isFound = false;
        for ($at = 0, $count = \count($tokens); $at < $count; ++$at) {
            $token = $tokens[$at];
            $macro = TokenKind::Name === $token->kind ? $this->macros[$token->text] ?? null : null;
            for ($bracket = $at + 1; null !== $macro && TokenKind::Space === ($tokens[$bracket]->kind ?? null); ++$bracket) {
            }
            $call = null === $macro || '(' !== ($tokens[$bracket]->text ?? '') || \count($kept) > $count + self::FARTHEST ? null : self::valuesOf($tokens, $bracket);
            if (null === $macro || null === $call || \count($call[0]) !== \count($macro[0])) {
                $kept[] = $token;
                continue;
            }
            $isFound = true;
            [$arguments, $closing] = $call;
            $arguments = array_combine($macro[0], $arguments);
            $last = \count($macro[1]) - 1;
            foreach ($macro[1] as $index => $part) {
                if (TokenKind::Name === $part->kind && isset($arguments[$part->text])) {
                    array_push($kept, ...$arguments[$part->text]);
                } else {
                    $kept[] = new Token($part->kind, $part->text, $index === $last ? $tokens[$closing]->offset + 1 - \strlen($part->text) : $token->offset);
                }
            }
            $at = $closing;
        }

        return $isFound ? $kept : null;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return array{list<list<Token>>, int}|null what is given in brackets, and where they close
     */
    private static function valuesOf(array $tokens, int $bracket): ?array
    {
        $given = [[]];
        for ($depth = 0, $at = $bracket; isset($tokens[$at]) && $at < $bracket + self::GIVEN; ++$at) {
            $text = $tokens[$at]->text;
            $depth += ['(' => 1, '[' => 1, '{' => 1, ')' => -1, ']' => -1, '}' => -1][$text] ?? 0;
            if (0 === $depth) {
                return [$given, $at];
            }
            if (1 === $depth && ',' === $text) {
                $given[] = [];
            } elseif ($at > $bracket) {
                $given[\count($given) - 1][] = $tokens[$at];
            }
        }

        return null;
    }
}
