<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

/** Cuts a line of printed text into pieces with a class each: k keyword, f call, s text, n number, c comment, v name. */
final readonly class Highlighter
{
    private const KEYWORDS = [
        'python' => 'and break continue def elif else False for from global if import in not or pass return True while',
        'javascript' => 'break const continue else false for from function if import let return true while',
        'cpp' => 'auto bool break const continue double else false for if int return string true void while',
    ];

    /** Preprocessor lines look like keywords, objects of a library like plain text. */
    private const SHOWN_AS = ['p' => 'k', 'o' => ''];

    private string $pattern;

    public function __construct(Language $language)
    {
        $comment = Language::Python === $language ? '\#' : '//';
        $keywords = strtr(self::KEYWORDS[$language->value], ' ', '|');
        $include = Language::Cpp === $language ? '|(?<p>\#include\b)' : '';
        $this->pattern = "~(?<c>{$comment}.*)|(?<s>(?:\\bf)?\"(?:[^\"\\\\]|\\\\.)*\"|`(?:[^`\\\\]|\\\\.)*`)|(?<n>\\b\\d[\\d.]*(?:e[+-]?\\d+)?)|(?<k>\\b(?:{$keywords})\\b)|(?<o>\\b(?:nib|Math|console|random|cout|endl)\\b)|(?<f>".Names::PATTERN.'(?=\())|(?<v>'.Names::PATTERN.")$include~u";
    }

    /** @return list<array{string, string}> */
    public function tokens(string $line): array
    {
        $tokens = [];
        $offset = 0;
        preg_match_all($this->pattern, $line, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL);
        foreach ($matches as $match) {
            [$text, $at] = $match[0];
            if ($at > $offset) {
                $tokens[] = ['', substr($line, $offset, $at - $offset)];
            }
            foreach (['c', 's', 'n', 'k', 'o', 'f', 'v', 'p'] as $class) {
                if (isset($match[$class][0])) {
                    $tokens[] = [self::SHOWN_AS[$class] ?? $class, (string) $text];
                    break;
                }
            }
            $offset = $at + \strlen((string) $text);
        }
        if ($offset < \strlen($line)) {
            $tokens[] = ['', substr($line, $offset)];
        }

        return $tokens;
    }
}
