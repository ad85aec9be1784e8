<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Cpp\CppLibraries;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * By what names a typed text calls what it brings in from modules (The Python Language Reference, 7.11): a printed row says `Counter`
 * where the text has `from collections import Counter`, and `rnd.choice` where it has `import random as rnd`. In a text of C++ that does
 * not open the namespace it says `std::string`.
 */
final class BroughtNames
{
    /** Names of the standard library besides those that a header of its own brings in here. */
    private const STD = [
        'string', 'shared_ptr', 'make_shared', 'unique_ptr', 'make_unique', 'cerr', 'clog', 'cin', 'cout', 'endl', 'pair', 'make_pair', 'tuple', 'make_tuple', 'get', 'tie', 'swap', 'max', 'min', 'set', 'map', 'vector',
        'runtime_error', 'logic_error', 'invalid_argument', 'out_of_range', 'exception', 'stringstream', 'istringstream', 'ostringstream', 'getline', 'to_string', 'stoi', 'stod', 'function', 'optional', 'nullopt', 'ostream', 'istream',
    ];

    /** @var array<string, string> the name in the text, by the module and the name in it: `collections.Counter` */
    private array $members = [];
    /** @var array<string, string> the name in the text, by that of the module */
    private array $modules = [];

    /** @var array<string, true> names of the standard library that stand behind `std::` in the text */
    private array $std = [];

    public function __construct(string $text, private readonly Language $language)
    {
        if ($language->notation()->typed) {
            $this->std($text);
        }
        if (!$language->notation()->indents) {
            return;
        }
        preg_match_all('/(*ANYCRLF)^[ \t]*from[ \t]+([\w.]+)[ \t]+import[ \t]+(\([^()]*\)|[^\r\n#;]+)/m', $text, $rows, \PREG_SET_ORDER);
        foreach ($rows as [, $module, $names]) {
            foreach (explode(',', trim($names, '() ')) as $name) {
                if (1 === preg_match('/^\s*(\w+)(?:\s+as\s+(\w+))?\s*$/D', $name, $match)) {
                    $this->members["$module.$match[1]"] = $match[2] ?? $match[1];
                }
            }
        }
        preg_match_all('/(*ANYCRLF)^[ \t]*import[ \t]+([^\r\n#;]+)/m', $text, $rows);
        foreach (explode(',', implode(',', $rows[1])) as $name) {
            if (1 === preg_match('/^\s*(\w+)\s+as\s+(\w+)\s*$/D', $name, $match)) {
                $this->modules[$match[1]] = $match[2];
            }
        }
    }

    /** Where no row opens the namespace, its names stand behind it (C++17, 20.5.1.1). */
    private function std(string $text): void
    {
        if (1 === preg_match('/(*ANYCRLF)^[ \t]*using\s+namespace\s+std\b/m', $text) || str_contains($text, 'scrivlet.hpp')) {
            return;
        }
        preg_match_all('/(?<!std::)\b\w+/', (string) preg_replace('/"(?:[^"\\\\\r\n]|\\\\.)*"|\/\/[^\r\n]*|#\s*include[^\r\n]*/', '', $text), $words);
        $ours = array_filter(CppLibraries::headers(), static fn (string $header): bool => 'scrivlet.hpp' === $header || 'cmath' === $header);
        $this->std = array_fill_keys(array_keys(array_diff_key(CppLibraries::headers() + array_fill_keys(self::STD, ''), $ours, array_fill_keys($words[0], true))), true);
    }

    /** A printed line as the text would say it. */
    public function in(string $line): string
    {
        if ([] !== $this->std) {
            return $this->qualified($line);
        }
        if ([] === $this->members && [] === $this->modules) {
            return $line;
        }
        $said = '';
        $tokens = $this->language->tokens($line);
        for ($at = 0; isset($tokens[$at]); ++$at) {
            $module = $tokens[$at]->text;
            $isOfModule = TokenKind::Name === $tokens[$at]->kind && '.' === ($tokens[$at + 1]->text ?? '') && '.' !== ($tokens[$at - 1]->text ?? '');
            $member = $isOfModule ? $this->members[$module.'.'.($tokens[$at + 2]->text ?? '')] ?? null : null;
            $said .= $member ?? ($isOfModule ? $this->modules[$module] ?? $module : $module);
            $at += null === $member ? 0 : 2;
        }

        return $said;
    }

    private function qualified(string $line): string
    {
        $said = $before = '';
        foreach ($this->language->tokens($line) as $token) {
            $isName = TokenKind::Name === $token->kind || TokenKind::Keyword === $token->kind;
            $said .= ($isName && isset($this->std[$token->text]) && !\in_array($before, ['.', '->', '::'], true) ? 'std::' : '').$token->text;
            $before = TokenKind::Space === $token->kind ? $before : $token->text;
        }

        return $said;
    }
}
