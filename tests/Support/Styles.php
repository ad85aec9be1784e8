<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * The same program as other authors would write it. What is said stays the same wherever the machine takes the text; some
 * programs can't be written so (one that uses a function above its row, say), and then the machine has to be asked.
 */
final class Styles
{
    /** Those that leave no doubt, as they touch nothing but space, remarks, quotes and brackets. */
    public const SURE = ['line ends', 'blanks behind rows', 'tabs', 'two blanks', 'remarks behind rows', 'remarks before rows', 'other quotes', 'brackets around conditions', 'brackets around results', 'braces below', 'close together', 'empty rows'];

    /** @return array<string, \Closure(string): string> by name */
    public static function of(Language $language): array
    {
        $common = [
            'line ends' => static fn (string $text): string => str_replace("\n", "\r\n", $text),
            'blanks behind rows' => self::code($language, static fn (string $code): string => (string) preg_replace('/(?<=[^\s\\\\])$/m', ' ', $code)),
            'tabs' => self::code($language, static fn (string $code): string => (string) preg_replace_callback('/^ {4,}/m', static fn (array $match): string => str_repeat("\t", intdiv(\strlen($match[0]), 4)).str_repeat(' ', \strlen($match[0]) % 4), $code)),
            'two blanks' => self::code($language, static fn (string $code): string => 1 === preg_match('/^ {1,2}\S|^\t/m', $code) ? $code : (string) preg_replace_callback('/^ +/m', static fn (array $match): string => str_repeat(' ', intdiv(\strlen($match[0]), 2)), $code)),
            'empty rows' => self::code($language, static fn (string $code): string => (string) preg_replace('/(?<=[;{:])\n/', "\n\n", $code)),
            'close together' => self::code($language, static fn (string $code): string => (string) preg_replace('/(?<=[\w)\]\x02]) (\+|\*|<=|>=|==|===|!=|!==|&&|\|\||<|>|=) (?=[\w(\x01])/', '$1', $code)),
        ];

        return $common + (Language::Python === $language ? self::python() : self::braces($language) + (Language::JavaScript === $language ? self::javaScript() : self::cpp()));
    }

    /** @return array<string, \Closure(string): string> */
    private static function python(): array
    {
        $code = static fn (string $pattern, string $by): \Closure => self::code(Language::Python, static fn (string $code): string => (string) preg_replace($pattern, $by, $code));

        return [
            'remarks behind rows' => static fn (string $text): string => str_contains($text, "\\\n") ? $text : self::code(Language::Python, static fn (string $code): string => (string) preg_replace('/(?<=[\w)\]\x02:])$/m', '  # so', $code))($text),
            'other quotes' => self::texts(Language::Python, static fn (string $text): string => 1 === preg_match('/^(f?)"([^"\'\\\\\n]*)"$/D', $text, $match) ? "$match[1]'$match[2]'" : $text),
            'brackets around conditions' => $code('/^(\s*)(if|while|elif) ([^\n():#\x01]+):$/m', '$1$2 ($3):'),
            'brackets around results' => $code('/^(\s*)return ([^\n,\[({#\x01]+)$/m', '$1return ($2)'),
            'types behind functions' => $code('/^(\s*def \w+\([^()\n]*\)):/m', '$1 -> object:'),
            'types of numbers' => $code('/^(\s*)(\w+) = (\d+)$/m', '$1$2: int = $3'),
            'what a function does' => $code('/^(\s*)(def [^\n]*:)\n/m', "\$1\$2\n\$1    \"\"\"Does it.\n\n\$1    More of it.\n\$1    \"\"\"\n"),
            'changed in full' => $code('/^(\s*)(\w+) ([+\-*])= ([^\n(\[{]+)$/m', '$1$2 = $2 $3 ($4)'),
            'rows side by side' => $code('/^(\s*)(\w+ = [^\n\[\](){}:#]+)\n\1(\w+ = [^\n\[\](){}:#]+)$/m', '$1$2; $3'),
            'from nought' => $code('/\brange\((\w+)\)/', 'range(0, $1)'),
            'classes of objects' => $code('/^class (\w+):/m', 'class $1(object):'),
            'all in a function' => self::code(Language::Python, self::inMain(...)),
        ];
    }

    /** @return array<string, \Closure(string): string> */
    private static function braces(Language $language): array
    {
        $code = static fn (string $pattern, string $by): \Closure => self::code($language, static fn (string $code): string => (string) preg_replace($pattern, $by, $code));

        return [
            'remarks behind rows' => $code('/(?<=[;{])[ \t]*$/m', ' // so'),
            'remarks before rows' => $code('/^(\s*)(return|if|for|while)\b/m', '$1/* here */ $2'),
            'brackets around conditions' => $code('/\b(if|while) \(([^(){};\n]+)\) \{/', '$1 (($2)) {'),
            'brackets around results' => $code('/\breturn ([^;\n{(\x01]+);/', 'return ($1);'),
            'braces below' => $code('/^([ \t]*)(.*\))[ \t]*\{[ \t]*$/m', "$1$2\n$1{"),
            'changed in full' => $code('/^(\s*)(\w+) ([+\-*])= ([^;\n]+);$/m', '$1$2 = $2 $3 ($4);'),
            'one more in full' => $code('/^(\s*)(\w+)\+\+;/m', '$1$2 += 1;'),
            'one more before' => $code('/(?<=; )(\w+)\+\+(?=\))/', '++$1'),
        ];
    }

    /** @return array<string, \Closure(string): string> */
    private static function javaScript(): array
    {
        $code = static fn (string $pattern, string $by): \Closure => self::code(Language::JavaScript, static fn (string $code): string => (string) preg_replace($pattern, $by, $code));

        return [
            'other quotes' => self::texts(Language::JavaScript, static fn (string $text): string => 1 === preg_match('/^"([^"\'\\\\\n]*)"$/D', $text, $match) ? "'$match[1]'" : $text),
            'templates for texts' => self::texts(Language::JavaScript, static fn (string $text): string => 1 === preg_match('/^"([^"`$\\\\\n]*)"$/D', $text, $match) ? "`$match[1]`" : $text),
            'no semicolons' => $code('/;[ \t]*$/m', ''),
            'strict' => static fn (string $text): string => "\"use strict\";\n$text",
            'functions as values' => self::code(Language::JavaScript, static fn (string $code): string => self::blocks($code, '/^function (\w+)(\([^()]*\)) \{/m', static fn (array $match, string $body): string => "const $match[1] = function $match[2] {{$body}};")),
            'arrows' => self::code(Language::JavaScript, static fn (string $code): string => self::blocks($code, '/^function (\w+)(\([^()]*\)) \{/m', static fn (array $match, string $body): string => "const $match[1] = $match[2] => {{$body}};")),
            'for each' => self::code(Language::JavaScript, static fn (string $code): string => self::blocks($code, '/for \(const (\w+) of (\w[\w.]*)\) \{/', static fn (array $match, string $body): ?string => 1 === preg_match('/\b(?:break|continue|return|await|yield)\b/', $body) ? null : "$match[2].forEach(($match[1]) => {{$body}});")),
            'small functions with braces' => $code('/(\(\w+(?:, \w+)*\) )=> ([^(){}\n;,\x01]+)\)/', '$1=> { return $2; })'),
            'variables of old' => $code('/\b(?:let|const) (?=\w)/', 'var '),
            'all in a function' => static fn (string $text): string => "function main() {\n$text\n}\nmain();\n",
            'all in a function called at once' => static fn (string $text): string => "(function () {\n$text\n})();\n",
        ];
    }

    /** @return array<string, \Closure(string): string> */
    private static function cpp(): array
    {
        $code = static fn (string $pattern, string $by): \Closure => self::code(Language::Cpp, static fn (string $code): string => (string) preg_replace($pattern, $by, $code));

        return [
            'ends of lines as letters' => static fn (string $text): string => (string) preg_replace('/<< endl\b/', '<< "\\n"', $text),
            'main takes nothing' => static fn (string $text): string => str_replace('int main() {', 'int main(void) {', $text),
            'main takes words' => static fn (string $text): string => str_replace('int main() {', 'int main(int argc, char* argv[]) {', $text),
            'types behind functions' => $code('/^(int|double|bool|string|char|void) (\w+)(\([^(){}]*\)) \{/m', 'auto $2$3 -> $1 {'),
            'values in braces' => $code('/^(\s*)(int|double|bool|string|char) (\w+) = ([^;,\n{(]+);/m', '$1$2 $3{$4};'),
            'values in brackets' => $code('/^(\s*)(int|double|bool|string|char) (\w+) = ([^;,\n{(]+);/m', '$1$2 $3($4);'),
            'classes for structures' => $code('/^struct (\w+) \{/m', "class $1 {\npublic:"),
            'types as they come' => $code('/for \((?:int|string|char|double) (\w+) : /', 'for (auto $1 : '),
        ];
    }

    /** Puts what is outside of functions and classes into `main`, as courses teach it. */
    private static function inMain(string $code): string
    {
        $above = $main = [];
        $isAbove = false;
        foreach (explode("\n", $code) as $row) {
            if (1 === preg_match('/^[^\s)\]}]/', $row)) {
                $isAbove = 1 === preg_match('/^(?:def|class|from|import|@)/', $row);
            }
            if ($isAbove) {
                $above[] = $row;
            } else {
                $main[] = '' === trim($row) ? $row : "    $row";
            }
        }

        return '' === trim(implode('', $main)) ? $code : implode("\n", $above)."\n\ndef main():\n".implode("\n", $main)."\n\n\nif __name__ == \"__main__\":\n    main()\n";
    }

    /**
     * What is in braces, with its head, from the last to the first.
     *
     * @param \Closure(array<int, string>, string): ?string $write gets the head's match and what is in the braces; null leaves it
     */
    private static function blocks(string $code, string $head, \Closure $write): string
    {
        preg_match_all($head, $code, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach (array_reverse($matches) as $match) {
            $opened = $match[0][1] + \strlen($match[0][0]);
            for ($depth = 1, $at = $opened; $at < \strlen($code) && $depth > 0; ++$at) {
                $depth += ['{' => 1, '}' => -1][$code[$at]] ?? 0;
            }
            $written = 0 === $depth ? $write(array_column($match, 0), substr($code, $opened, $at - 1 - $opened)) : null;
            $code = null === $written ? $code : substr($code, 0, $match[0][1]).$written.substr($code, $at);
        }

        return $code;
    }

    /**
     * Rewrites what is neither in quotes nor a remark; those stand as numbers between two signs meanwhile.
     *
     * @param \Closure(string): string $write
     *
     * @return \Closure(string): string
     */
    private static function code(Language $language, \Closure $write): \Closure
    {
        return static function (string $text) use ($language, $write): string {
            $kept = [];
            $code = '';
            foreach ($language->tokens($text) as $token) {
                if (\in_array($token->kind, [TokenKind::Text, TokenKind::Comment, TokenKind::Directive], true)) {
                    $code .= "\x01".\count($kept)."\x02";
                    $kept[] = $token->text;
                } else {
                    $code .= $token->text;
                }
            }

            return (string) preg_replace_callback('/\x01(\d+)\x02/', static fn (array $match): string => $kept[(int) $match[1]], $write($code));
        };
    }

    /**
     * @param \Closure(string): string $write what becomes of a literal
     *
     * @return \Closure(string): string
     */
    private static function texts(Language $language, \Closure $write): \Closure
    {
        return static fn (string $text): string => implode('', array_map(static fn ($token): string => TokenKind::Text === $token->kind ? $write($token->text) : $token->text, $language->tokens($text)));
    }
}
