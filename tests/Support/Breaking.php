<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Language\Language;

/**
 * Breaks programs of the body in the ways pupils do, by rule: each rule knows the kind of its mistake and the line at
 * which it stands, without asking the checker. What it makes is kept as data in tests/broken.json.
 */
final class Breaking
{
    /** So many programs are broken by each rule. */
    private const EACH = 9;
    /** The whole line goes. */
    private const GONE = "\0";

    /** Rules that change one line: kind, pattern, what it becomes. */
    private const EVERYWHERE = [
        ['misspelt_command', '/\bnib\.forward\(/', 'nib.fowrard('],
        ['misspelt_command', '/\bnib\.left\(/', 'nib.letf('],
        ['misspelt_command', '/\bnib\.right\(/', 'nib.rihgt('],
        ['capitals', '/\bnib\.(?:forward|left|right)\(/', 'nib.{ucfirst}('],
        ['few_arguments', '/\bnib\.(forward|left|right)\([^()]+\)/', 'nib.$1()'],
        ['many_arguments', '/\bnib\.(forward|left|right)\(([^()]+)\)/', 'nib.$1($2, 7)'],
        ['call_brackets', '/\bnib\.(lift|lower)\(\)/', 'nib.$1'],
        ['no_such_choice', '/\bnib\.(ink|open_shape|openShape)\("(\w+)"\)/', 'nib.$1("$2e")'],
        ['quotes_missing', '/\bnib\.(ink|open_shape|openShape)\("(\w+)"\)/', 'nib.$1($2)'],
        ['wrong_kind_number', '/\bnib\.(forward|left|right)\((\d+)\)/', 'nib.$1("$2")'],
        ['strange_sign', '/"([^"\\\\]+)"/', '“$1”'],
        ['quote_missing', '/^([^"\']*)"([^"\\\\]+)"([^"\']*)$/', '$1"$2$3'],
        ['bracket_missing', '/^([^"\']*\b(?:nib\.\w+|print|range|append|push|log)\([^()"\']+)\)(;?)$/', '$1$2'],
        ['signs_swapped', '/([\w)]) <= ([\w(])/', '$1 =< $2'],
        ['signs_swapped', '/([\w)]) >= ([\w(])/', '$1 => $2'],
    ];

    private const PYTHON = [
        ['colon_missing', '/^(\s*(?:for|while|if|elif|else|def)\b.*):$/', '$1'],
        ['capitals', '/^(\s*)for\b/', '$1For'],
        ['capitals', '/^(\s*)while\b/', '$1While'],
        ['capitals', '/^(\s*)if\b/', '$1If'],
        ['capitals', '/^(\s*)print\(/', '$1Print('],
        ['capitals', '/\b(?:True|False)\b/', '{lcfirst}'],
        ['misspelt_keyword', '/^(\s*)while\b/', '$1whlie'],
        ['misspelt_keyword', '/^(\s*)for\b/', '$1fro'],
        ['misspelt_keyword', '/^def\b/', 'dfe'],
        ['misspelt_keyword', '/^(\s*)return\b/', '$1retrun'],
        ['misspelt_function', '/\bprint\(/', 'pritn('],
        ['misspelt_function', '/\brange\(/', 'rnage('],
        ['extra_bracket', '/^(\s*(?:print|nib\.\w+)\([^()]*\))$/', '$1)'],
        ['assign_in_condition', '/^(\s*(?:if|while|elif)\b[^=]*[^=<>!]) == /', '$1 = '],
        ['equals_for_assign', '/^(\s*\w+) = (?=[\w"])/', '$1 == '],
        ['else_if', '/^(\s*)elif\b/', '$1else if'],
        ['call_brackets', '/^(\s*)print\(([^()]+)\)$/', '$1print $2'],
        ['comma_missing', '/(\[\d+), /', '$1 '],
        ['range_missing', '/ in range\((\d+)\):/', ' in $1:'],
        ['range_around_list', '/^(\s*for \w+ in )(\w+s):$/', '$1range($2):'],
        ['in_missing', '/^(\s*for \w+) in /', '$1 '],
        ['foreign_word', '/^(\s*)(\w+) \+= 1$/', '$1$2++'],
        ['object_missing', '/\bnib\.(forward|left|right|lift|lower)\(/', '$1('],
        ['def_brackets', '/^def (\w+)\(\):$/', 'def $1:'],
        ['text_and_number', '/"(\w[^"]*)" \+ \w+/', '"$1" + 5'],
    ];

    private const BRACES = [
        ['capitals', '/^(\s*)for\b/', '$1For'],
        ['capitals', '/^(\s*)while\b/', '$1While'],
        ['capitals', '/^(\s*)if\b/', '$1If'],
        ['capitals', '/\b(?:true|false)\b/', '{ucfirst}'],
        ['misspelt_keyword', '/^(\s*)while\b/', '$1whlie'],
        ['misspelt_keyword', '/^(\s*)for\b/', '$1fro'],
        ['misspelt_keyword', '/^(\s*)return\b/', '$1retrun'],
        ['brace_wanted', '/^(\s*(?:for|while|if)\b.*\)) \{$/', '$1'],
        ['extra_bracket', '/^(\s*nib\.\w+\([^()]*\));$/', '$1);'],
        ['semicolon_after_header', '/^(\s*(?:for|while|if) \(.*\)) \{$/', '$1; {'],
        ['foreign_word', '/\} else if \(/', '} elif ('],
        ['condition_brackets', '/^(\s*(?:if|while)) \(([^()]+)\) \{$/', '$1 $2 {'],
        ['for_semicolons', '/^(\s*for \([^;]+);/', '$1,'],
        ['comma_missing', '/([\[{]\d+), /', '$1 '],
        ['extra_bracket', '/^(\s*(?:if|while) \(.*\)) \{$/', '$1) {'],
        ['bracket_missing', '/^(\s*(?:if|while) \([^()]*)\) \{$/', '$1 {'],
        ['object_missing', '/^(\s*)nib\.(forward|left|right|lift|lower)\(/', '$1$2('],
    ];

    private const JAVASCRIPT = [
        ['capitals', '/^(\s*)let\b/', '$1Let'],
        ['capitals', '/^(\s*)const\b/', '$1Const'],
        ['capitals', '/\bconsole\.log\(/', 'Console.log('],
        ['misspelt_keyword', '/^function\b/', 'fucntion'],
        ['misspelt_method', '/\bconsole\.log\(/', 'console.lgo('],
        ['assign_in_condition', '/^(\s*(?:if|while)\b[^=]*[^=<>!]) === /', '$1 = '],
        ['equals_for_assign', '/^(\s*(?:let|const) \w+) = /', '$1 == '],
        ['let_missing', '/^(\s*)let (\w+) = /', '$1$2 = '],
        ['foreign_word', '/ && /', ' and '],
        ['foreign_word', '/^(\s*)console\.log\(/', '$1print('],
        ['quote_missing', '/^([^`]*)`([^`]*)`([^`]*)$/', '$1`$2$3'],
    ];

    private const CPP = [
        ['semicolon_missing', '/^(\s*(?:int|string|cout|nib|total|return|vector<\w+>)\b.*);$/', '$1'],
        ['type_missing', '/^(    )(?:int|double|string|bool) (\w+) = /', '$1$2 = '],
        ['capitals', '/^(\s*)int (?=\w+ =)/', '$1Int '],
        ['capitals', '/\bcout\b/', 'Cout'],
        ['misspelt_name', '/\bendl\b/', 'enld'],
        ['misspelt_command', '/\bcout\b/', 'cuot'],
        ['stream_signs', '/\bcout << /', 'cout >> '],
        ['stream_signs', '/\bcin >> /', 'cin << '],
        ['assign_in_condition', '/^(\s*(?:if|while) \([^=]*[^=<>!]) == /', '$1 = '],
        ['equals_for_assign', '/^(\s*(?:int|double|bool) \w+) = /', '$1 == '],
        ['wrong_type', '/^(\s*)int (\w+) = \d+;$/', '$1int $2 = "many";'],
        ['misspelt_library', '/^#include <iostream>$/', '#include <iosteam>'],
        ['include_brackets', '/^#include <(\w+)>$/', '#include $1'],
        ['main_type', '/^int main\(\)/', 'main()'],
        ['foreign_word', '/\bcout << (.*) << endl;$/', 'print($1);'],
    ];

    /** @return list<array{program: string, kind: string, line: int, at: int, was: string, is: string}> */
    public static function all(): array
    {
        $cases = [];
        foreach (Language::cases() as $language) {
            foreach (self::rules($language) as [$kind, $rule]) {
                $cases = [...$cases, ...self::byRule($language, $kind, $rule)];
            }
        }

        return $cases;
    }

    /** @return list<array{string, \Closure(list<string>, int): ?array{string, int}}> kind, and what gives a line as it becomes and where the mistake is seen, counted from 0 */
    public static function rules(Language $language): array
    {
        $patterns = [...self::EVERYWHERE, ...match ($language) {
            Language::Python => self::PYTHON,
            Language::JavaScript => [...self::BRACES, ...self::JAVASCRIPT],
            Language::Cpp => [...self::BRACES, ...self::CPP],
        }];
        $rules = array_map(static fn (array $pattern): array => [$pattern[0], static fn (array $lines, int $at): ?array => self::replaced($lines[$at], $pattern[1], $pattern[2], $at)], $patterns);
        foreach (self::placed($language) as $kind => $rule) {
            $rules[] = [$kind, $rule];
        }

        return $rules;
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> with a line as a rule makes it
     */
    public static function broken(array $lines, int $at, string $is): array
    {
        array_splice($lines, $at, 1, self::GONE === $is ? [] : [$is]);

        return $lines;
    }

    /** @return array{string, int}|null */
    private static function replaced(string $line, string $pattern, string $becomes, int $at): ?array
    {
        if (1 === preg_match('~^\s*(?://|#(?!include))~', $line)) {
            return null;
        }
        $done = preg_replace_callback($pattern, static function (array $match) use ($becomes): string {
            $name = substr((string) strrchr('.'.rtrim($match[0], '('), '.'), 1);

            return strtr($becomes, ['{ucfirst}' => ucfirst($name), '{lcfirst}' => lcfirst($name), '$1' => $match[1] ?? '', '$2' => $match[2] ?? '', '$3' => $match[3] ?? '']);
        }, $line, 1);

        return null === $done || $done === $line ? null : [$done, $at];
    }

    /**
     * Rules that look at more than the line: they give the line as it becomes, and where the mistake is seen.
     *
     * @return array<string, \Closure(list<string>, int): ?array{string, int}>
     */
    private static function placed(Language $language): array
    {
        $indent = static fn (string $line): int => \strlen($line) - \strlen(ltrim($line));
        $misspelt = static function (array $lines, int $at): ?array {
            // A variable with a long name, used in a row that does not give it a value.
            $line = $lines[$at];
            foreach (\array_slice($lines, 0, $at) as $before) {
                if (1 === preg_match('/^\s*(?:let |const |int |double |string )?([a-z]{5,}) = /', $before, $match)
                    && 1 === preg_match('/(?:print|log|<<|if|while|return|nib\.\w+)\W.*?(?<![\w."\'`])('.$match[1].')(?![\w(]| =[^=])/', $line, $use, \PREG_OFFSET_CAPTURE)
                    && 1 !== preg_match('/["\'`]/', substr($line, 0, $use[1][1]))) {
                    $name = $match[1];
                    $wrong = substr($name, 0, 2).$name[3].$name[2].substr($name, 4);

                    return $wrong === $name ? null : [substr($line, 0, $use[1][1]).$wrong.substr($line, $use[1][1] + \strlen($name)), $at];
                }
            }

            return null;
        };
        if (Language::Python === $language) {
            return [
                'misspelt_name' => $misspelt,
                'indent_missing' => static fn (array $lines, int $at): ?array => $at > 0 && str_ends_with($lines[$at - 1], ':') && 1 === preg_match('/^\s+\w/', $lines[$at])
                    ? [str_repeat(' ', $indent($lines[$at - 1])).ltrim($lines[$at]), $at] : null,
                'indent_too_deep' => static fn (array $lines, int $at): ?array => $at > 0 && '' !== $lines[$at] && '' !== trim($lines[$at - 1]) && $indent($lines[$at]) === $indent($lines[$at - 1]) && 1 === preg_match('/^\s*(?:print|nib)\b/', $lines[$at]) && 1 !== preg_match('/:$|^\s*#/', $lines[$at - 1])
                    ? ['    '.$lines[$at], $at] : null,
                'tabs_and_spaces' => static fn (array $lines, int $at): ?array => $at > 1 && str_starts_with($lines[$at], '    ') && str_starts_with($lines[$at - 1], '    ') && $indent($lines[$at]) === $indent($lines[$at - 1])
                    ? ["\t".substr($lines[$at], 4), $at] : null,
                'outside_loop' => static fn (array $lines, int $at): ?array => 1 === preg_match('/^print\(/', $lines[$at]) ? ['break', $at] : null,
            ];
        }
        $rules = [
            'misspelt_name' => $misspelt,
            'brace_missing' => static function (array $lines, int $at) use ($indent): ?array {
                // The brace that closes a loop or branch is gone; it is missed behind the last row that stands inside.
                if ('}' !== trim($lines[$at])) {
                    return null;
                }
                for ($above = $at - 1; $above >= 0; --$above) {
                    if ('' !== $lines[$above] && $indent($lines[$above]) <= $indent($lines[$at])) {
                        return str_ends_with($lines[$above], '{') && 1 === preg_match('/^\s*(?:for|while|if)\b/', $lines[$above]) ? [self::GONE, $at - 1] : null;
                    }
                }

                return null;
            },
            'extra_brace' => static fn (array $lines, int $at): ?array => '}' === $lines[$at] && $at === array_key_last($lines) ? ["}\n}", $at + 1] : null,
        ];
        if (Language::JavaScript === $language) {
            $rules['constant_assigned'] = static function (array $lines, int $at): ?array {
                if (1 !== preg_match('/^(\s*)let (\w+) = /', $lines[$at], $match)) {
                    return null;
                }
                foreach ($lines as $number => $line) {
                    if ($number > $at && 1 === preg_match('/(?<![\w.])'.$match[2].'(?: [-+*\/]?= |\+\+|--)/', $line)) {
                        return [$match[1].'const'.substr($lines[$at], \strlen($match[1]) + 3), $number];
                    }
                }

                return null;
            };
            $rules['library_missing'] = static function (array $lines, int $at): ?array {
                if (!str_starts_with($lines[$at], 'import { nib }')) {
                    return null;
                }
                foreach ($lines as $number => $line) {
                    if ($number > $at && str_contains($line, 'nib.')) {
                        return ['', $number];
                    }
                }

                return null;
            };
        } else {
            $rules['library_missing'] = static function (array $lines, int $at): ?array {
                $uses = ['#include <iostream>' => '/\b(?:cout|cin)\b/', '#include <vector>' => '/\bvector</', '#include <map>' => '/\bmap</'][$lines[$at]] ?? '/$./';
                foreach (\in_array('#include "scrivlet.hpp"', $lines, true) ? [] : $lines as $number => $line) {
                    if (1 === preg_match($uses, $line)) {
                        return ['', $number];
                    }
                }

                return null;
            };
            $rules['namespace_missing'] = static function (array $lines, int $at): ?array {
                foreach ('using namespace std;' === $lines[$at] && !\in_array('#include "scrivlet.hpp"', $lines, true) ? $lines : [] as $number => $line) {
                    if ($number > $at && 1 === preg_match('/\b(?:cout|cin|string|vector|map)\b/', $line)) {
                        return ['', $number];
                    }
                }

                return null;
            };
        }

        return $rules;
    }

    /**
     * @param \Closure(list<string>, int): ?array{string, int} $rule
     *
     * @return list<array{program: string, kind: string, line: int, at: int, was: string, is: string}>
     */
    private static function byRule(Language $language, string $kind, \Closure $rule): array
    {
        $cases = [];
        foreach (Programs::all() as $name => [$from, $text]) {
            $lines = explode("\n", rtrim($text, "\n"));
            foreach ($from === $language ? array_keys($lines) : [] as $at) {
                $broken = $rule($lines, $at);
                if (null !== $broken) {
                    $cases[] = ['program' => $name, 'kind' => $kind, 'line' => $broken[1] + 1, 'at' => $at + 1, 'was' => $lines[$at], 'is' => $broken[0]];
                    break;
                }
            }
        }
        // Evenly spread over the programs.
        $step = max(1, intdiv(\count($cases), self::EACH));

        return \array_slice(array_values(array_filter($cases, static fn (int $index): bool => 0 === $index % $step, \ARRAY_FILTER_USE_KEY)), 0, self::EACH);
    }

    /** @return list<array{program: string, kind: string, line: int, at: int, was: string, is: string}> */
    public static function kept(): array
    {
        /** @var list<array{program: string, kind: string, line: int, at: int, was: string, is: string}> $cases */
        $cases = json_decode((string) file_get_contents(\dirname(__DIR__).'/broken.json'), true, 8, \JSON_THROW_ON_ERROR);

        return $cases;
    }

    /** @param array{program: string, kind: string, line: int, at: int, was: string, is: string} $case */
    public static function text(array $case): string
    {
        [, $text] = Programs::all()[$case['program']];

        return implode("\n", self::broken(explode("\n", $text), $case['at'] - 1, $case['is']));
    }
}
