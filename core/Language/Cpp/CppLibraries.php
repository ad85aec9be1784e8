<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Libraries;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Typing\TypeNames;

/** Names that a text of C++ uses and that nothing at its top brings in. */
final class CppLibraries
{
    /** What each header declares, as far as courses go; the order is that in which they are told. */
    private const CPP = [
        'iostream' => ['cout', 'cin', 'endl', 'getline'],
        'vector' => ['vector'],
        'string' => ['string', 'to_string', 'stoi', 'stod', 'stol', 'stoll'],
        'map' => ['map'],
        'algorithm' => ['sort', 'reverse', 'count', 'find', 'shuffle'],
        'functional' => ['greater'],
        'cmath' => ['sqrt', 'pow', 'floor', 'ceil', 'round', 'fmod', 'trunc'],
        'iomanip' => ['setprecision', 'setw', 'setfill'],
        'tuple' => ['tie', 'make_tuple'],
        'scrivlet.hpp' => ['nib', 'barrow', 'lantern', 'mower', 'random_between', 'wait', 'announce', 'when_announced', 'DrivePair', 'SurfaceSensor', 'RangeSensor', 'Lamp'],
    ];
    /** Headers that GCC 12 brings in with another one. */
    private const WITHIN = [
        'iostream' => ['string', 'functional'], 'ostream' => ['string', 'functional'], 'istream' => ['string', 'functional'], 'iomanip' => ['string', 'functional'], 'sstream' => ['string', 'functional'],
        'fstream' => ['string', 'functional'], 'iterator' => ['string', 'functional'], 'stdexcept' => ['string', 'functional'], 'bitset' => ['string', 'functional'], 'complex' => ['string', 'functional', 'cmath'],
        'math.h' => ['cmath'], 'algorithm' => ['vector'], 'string' => ['functional'], 'vector' => ['functional'], 'map' => ['tuple', 'functional'], 'set' => ['functional'], 'stack' => ['functional'], 'deque' => ['functional'],
        'bits/stdc++.h' => ['iostream', 'vector', 'string', 'map', 'algorithm', 'cmath', 'tuple', 'iomanip', 'functional'], 'numeric' => ['functional'],
        'queue' => ['vector', 'functional'], 'memory' => ['string', 'tuple', 'functional'], 'regex' => ['vector', 'string', 'map', 'tuple', 'algorithm', 'functional'], 'thread' => ['string', 'tuple', 'functional'],
        'unordered_map' => ['tuple', 'functional'], 'unordered_set' => ['tuple', 'functional'],
        'random' => ['cmath', 'string', 'vector', 'algorithm', 'functional'], 'functional' => ['tuple', 'vector', 'algorithm'],
    ];

    /** How many signs before a name the row may begin that declares it. */
    private const FAR = 100;

    /** Functions of objects of the library. */
    private const OF_OBJECTS = ['getline', 'stoi', 'stod', 'stol', 'stoll', 'sort', 'reverse', 'count', 'find', 'shuffle', 'tie', 'make_tuple'];

    /**
     * Whether a call finds its function where the types of its arguments are declared (C++17, 6.4.2).
     *
     * @param list<Token> $tokens
     */
    private static function isFoundByArguments(array $tokens, int $at): bool
    {
        return \in_array($tokens[$at]->text, self::OF_OBJECTS, true) && '(' === ($tokens[$at + 1]->text ?? '') && TokenKind::Name === ($tokens[$at + 2]->kind ?? null);
    }

    /** @return array<string, string> the header that brings in each name of a library */
    public static function headers(): array
    {
        if ([] === self::$headers) {
            foreach (self::CPP as $header => $names) {
                self::$headers += array_fill_keys($names, $header);
            }
        }

        return self::$headers;
    }

    /** @var array<string, string> */
    private static array $headers = [];

    /**
     * @param list<Token>          $tokens without spaces and remarks
     * @param array<string, mixed> $own    names that the text itself gives a meaning
     *
     * @return list<Mistake> the first use of each thing that is missing
     */
    public static function missing(array $tokens, string $text, array $own): array
    {
        preg_match_all('/(*ANYCRLF)^[ \t]*#\s*include\s*[<"]?([\w.\/+]+)[^\r\n]*(?:\r\n|\n|\r|$)/m', $text, $matches, \PREG_OFFSET_CAPTURE);
        $headers = [];
        $end = 0;
        foreach ($matches[1] as $index => [$header]) {
            $headers[$header] = true;
            foreach (self::WITHIN[$header] ?? [] as $within) {
                $headers[$within] = true;
            }
            $end = $matches[0][$index][1] + \strlen($matches[0][$index][0]);
        }
        if (isset($headers['scrivlet.hpp'])) {
            return [];
        }
        $isOpen = 1 === preg_match('/(*ANYCRLF)^[ \t]*using\s+namespace\s+std\b(?!\s*::)/m', $text);
        preg_match_all('/\busing\s+std\s*::\s*(\w+)/', $text, $opened);
        $isOpened = array_fill_keys($opened[1], true);
        $hasAll = isset($headers['bits/stdc++.h']);
        $known = self::headers();
        foreach ($tokens as $index => $token) {
            // What a class keeps or can do may have the name of a function of the library.
            $behindType = TokenKind::Name === ($tokens[$index - 1]->kind ?? null) && $tokens[$index - 1]->end() > $tokens[$index - 1]->offset;
            if (isset($known[$token->text]) && ($behindType || isset(TypeNames::PLAIN[$tokens[$index - 1]->text ?? '']) || \in_array($tokens[$index - 1]->text ?? '', ['void', 'string', '>', '&', '*'], true)) && \in_array($tokens[$index + 1]->text ?? '', [';', '=', '(', ',', '{', ')', '['], true)) {
                $own[$token->text] ??= true;
            }
            if (isset($known[$token->text]) && '>>' === ($tokens[$index - 1]->text ?? '') && '(' === ($tokens[$index + 1]->text ?? '')) {
                $own[$token->text] ??= true;
            }
            if (isset($known[$token->text]) && ',' === ($tokens[$index - 1]->text ?? '') && \in_array($tokens[$index + 1]->text ?? '', [';', ',', '=', '[', '{'], true)) {
                // `int front = 0, count = 0;`
                for ($at = $index - 1; $at > 0 && $index - $at < self::FAR && !\in_array($tokens[$at - 1]->text, [';', '{', '}', '('], true); --$at) {
                }
                $own += isset(TypeNames::PLAIN[$tokens[$at]->text]) ? [$token->text => true] : [];
            }
        }
        $mistakes = [];
        foreach ($tokens as $index => $token) {
            $header = TokenKind::Name === $token->kind || TokenKind::Keyword === $token->kind ? $known[$token->text] ?? null : null;
            $before = $tokens[$index - 1]->text ?? '';
            // What has no text was written another way.
            if (null === $header || $token->end() === $token->offset || isset($own[$token->text]) && ('::' !== $before || 'std' !== ($tokens[$index - 2]->text ?? '')) || '.' === $before || '->' === $before) {
                continue;
            }
            if (!isset($headers[$header]) && !$hasAll) {
                $headers[$header] = true;
                $mistakes[] = Libraries::mistake($token, '#include '.('scrivlet.hpp' === $header ? '"scrivlet.hpp"' : "<$header>"), $end);
            } elseif (!$isOpen && !isset($isOpened[$token->text]) && '::' !== $before && 'cmath' !== $header && 'scrivlet.hpp' !== $header && !self::isFoundByArguments($tokens, $index)) {
                $isOpen = true;
                $mistakes[] = new Mistake('namespace_missing', $token->offset, \strlen($token->text), ['name' => $token->text], [new Replacement($end, 0, "using namespace std;\n")]);
            }
        }

        return $mistakes;
    }
}
