<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;

/**
 * Words that the real machines know and nobody reads here yet. What is wrong on their lines may be nothing but that, so that it
 * is said of the word alone.
 */
final class UnreadWords
{
    /** By language: what stands for each, and how it is found in a line without texts and remarks. */
    private const WORDS = [
        'python' => ['async' => '\basync\b', 'asyncio' => '\basyncio\b'],
        'javascript' => [
            'async' => '\basync\b', 'Promise' => '\bPromise\b', 'document' => '\bdocument\s*\.', 'window' => '\bwindow\s*\.', 'localStorage' => '\b(?:local|session)Storage\b', 'fetch' => '\bfetch\s*\(',
            'arguments' => '\barguments\b', 'Symbol' => '\bSymbol\b', 'Proxy' => '\b(?:Proxy|Reflect|WeakMap|WeakSet|WeakRef)\b', 'new Date' => '\bDate\b', 'import … from' => '^\s*import\b(?!\s*\{)', 'static {' => '\bstatic\s*\{', 'Math.min()' => '\bMath\.(?:min|max)\(\s*\)',
            '(function …)()' => '^\s*[;!]?\s*\(\s*(?:async\s+)?function\b|^\s*;?\(\s*\(\)\s*=>|(?:\bfunction\b|=>).*[)}]\s*\)\s*\(',
        ],
        'cpp' => [
            'union' => '\bunion\b', 'R"(…)"' => '\b(?:u8|[uUL])?R\"', 'ws' => '>>\s*(?:std::)?ws\b', 'ifstream' => '\b(?:if|of|f)stream\b(?!>)', 'mt19937' => '\bmt19937(?:_64)?\b', 'uniform_int_distribution' => '\b(?:uniform_(?:int|real)|normal|bernoulli)_distribution\b', 'default_random_engine' => '\b(?:default_random_engine|minstd_rand0?)\b',
            'random_device' => '\brandom_device\b', 'variant' => '\bvariant\s*<|\bvisit\s*\(', 'thread' => '\b(?:thread|mutex|lock_guard|unique_lock|async|future)\b', 'regex' => '\bregex\w*\b', '= default' => '=\s*default\s*;', '= delete' => '=\s*delete\s*;', 'mutable' => '\bmutable\b',
            'template <…, int>' => '\btemplate\s*<[^>]{0,120}\b(?:int|size_t|unsigned|bool)\s+\w+', 'goto' => '\bgoto\b', 'concept' => '\b(?:concept|requires)\b', 'views' => '\b(?:ranges|views)::', 'typedef struct' => '\btypedef\s+struct\b', 'main … try' => '\bmain\s*\([^)]{0,120}\)\s*try\b', 'decltype' => '\bdecltype\b',
            'volatile' => '\b(?:volatile|alignas|asm|register)\b', 'chrono' => '\bchrono::',
        ],
    ];
    /** What is wrong with how a text looks, whatever it says. */
    private const OF_LOOKS = ['unsupported', 'quote_missing', 'indent_missing', 'indent_too_deep', 'indent_uneven', 'tabs_and_spaces', 'strange_sign', 'keyword_as_name', 'deep', 'many_rows'];

    /**
     * @param list<Mistake> $mistakes
     *
     * @return list<Mistake> the same; those on a line with such a word say that it can't be run yet
     */
    public static function told(array $mistakes, Language $language, string $text): array
    {
        if ([] === $mistakes) {
            return [];
        }
        $words = self::WORDS[$language->value];
        // What an unread row of C++ names stands unread wherever it is used.
        if ($language->semantics()->typed && 0 < preg_match_all('/^\s*#\s*define\s+(\w+)\(|\btypedef\s+struct\b[^{};]{0,80}\{[^{}]{0,800}\}\s*(\w+)|\btemplate\s*<[^>]{0,120}\b(?:int|size_t|unsigned|bool)\s+\w+[^>]{0,120}>\s*(?:class|struct)\s+(\w+)/m', $text, $names, \PREG_SET_ORDER)) {
            foreach ($names as $name) {
                $words[end($name)] = '\b'.end($name).'\b';
            }
        }

        $found = [];

        return array_map(static function (Mistake $mistake) use ($words, $text, $language, &$found): Mistake {
            if (\in_array($mistake->kind, self::OF_LOOKS, true)) {
                return $mistake;
            }
            $name = $mistake->parameters['name'] ?? null;
            if ('before_value' === $mistake->kind && \is_string($name) && $language->semantics()->hoists && 1 === preg_match('/\bvar\b[^;]{0,200}\b'.Names::asPattern($name).'\b/', $text)) {
                // It is there from the beginning, and undefined (ECMA-262, 14.3.2).
                return new Mistake('unsupported', $mistake->offset, $mistake->length, ['what' => "var $name"]);
            }
            $before = $mistake->offset > 0 ? strrpos($text, "\n", min(-1, $mistake->offset - \strlen($text) - 1)) : false;
            $begin = false === $before ? 0 : $before + 1;
            $word = $found[$begin] ??= self::on(substr($text, $begin, min(self::LONGEST, strcspn($text, "\n", $begin))), $words);

            return [] === $word ? $mistake : new Mistake('unsupported', $begin + $word[1], $word[2], ['what' => $word[0]]);
        }, $mistakes);
    }

    /** As much of a line as is looked at. */
    private const LONGEST = 1000;

    /**
     * @param array<string, string> $words
     *
     * @return array{}|array{string, int, int} the first word on a line, where it stands, and how long it is
     */
    private static function on(string $line, array $words): array
    {
        // Texts keep their length, so that what is found stands where it is.
        $bare = (string) preg_replace_callback('/"(?:\\\\.|[^"\\\\])*"|\'(?:\\\\.|[^\'\\\\])*\'/', static fn (array $text): string => $text[0][0].str_repeat(' ', \strlen($text[0]) - 2).$text[0][0], $line);
        $bare = (string) preg_replace('~//.*$|(?<!\w)#(?!\s*\w+\s).*$~', '', $bare);
        foreach ($words as $what => $pattern) {
            if (1 === preg_match("~$pattern~", $bare, $match, \PREG_OFFSET_CAPTURE)) {
                $said = ltrim($match[0][0]);

                return [(string) $what, $match[0][1] + \strlen($match[0][0]) - \strlen($said), max(1, \strlen(rtrim($said)))];
            }
        }

        return [];
    }
}
