<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\Language;

/** What the real machine calls a mistake that stops a run (The Python Standard Library 3.11, Built-in Exceptions; ECMAScript 2022, 20.5.5). */
final class RealError
{
    private const PYTHON = [
        'no_value' => 'NameError', 'division_by_zero' => 'ZeroDivisionError', 'deep_calls' => 'RecursionError', 'not_finite' => 'OverflowError', 'out_of_range' => 'ValueError',
        'no_ink' => 'ValueError', 'random_order' => 'ValueError', 'gives_nothing' => 'TypeError', 'not_a_number' => 'TypeError', 'too_large' => 'OverflowError', 'no_real_root' => 'ValueError',
        'count_by_zero' => 'ValueError', 'empty_list' => 'IndexError', 'nothing_to_compare' => 'ValueError', 'few_arguments' => 'TypeError', 'fixed_text' => 'TypeError', 'no_answer' => 'EOFError',
        'no_form' => 'ValueError', 'no_function' => 'TypeError', 'no_item' => 'IndexError', 'no_key' => 'KeyError', 'no_length' => 'TypeError', 'no_number' => 'ValueError', 'not_a_list' => 'TypeError',
        'not_a_map' => 'TypeError', 'not_a_pair' => 'TypeError', 'not_a_text' => 'TypeError', 'not_in_list' => 'ValueError', 'not_that_many' => 'ValueError', 'text_and_number' => 'TypeError', 'too_far' => 'ValueError',
    ];
    private const JAVASCRIPT = [
        'no_value' => 'ReferenceError', 'deep_calls' => 'RangeError', 'no_function' => 'TypeError', 'no_length' => 'TypeError', 'not_a_list' => 'TypeError', 'not_a_text' => 'TypeError', 'not_a_pair' => 'TypeError', 'gives_nothing' => 'TypeError',
    ];
    private const CPP = [
        'no_number' => 'std::invalid_argument', 'no_key' => 'std::out_of_range', 'no_item' => 'std::out_of_range', 'division_by_zero' => 'division by zero', 'too_large_int' => 'signed integer overflow', 'no_value' => 'uninitialized variable',
    ];

    /** @return string|null null for what only stops here: a limit of this place, or what the real machine lets pass */
    public static function named(string $kind, Language $language): ?string
    {
        return (match ($language) {
            Language::Python => self::PYTHON,
            Language::JavaScript => self::JAVASCRIPT,
            Language::Cpp => self::CPP,
        })[$kind] ?? null;
    }
}
