<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\FailureKind;

/** What the real machine calls a mistake that stops a run (The Python Standard Library 3.11, Built-in Exceptions; ECMAScript 2022, 20.5.5). */
final class RealError
{
    private const PYTHON = [
        'no_file' => 'FileNotFoundError', 'file_closed' => 'ValueError', 'file_mode' => 'ValueError', 'file_no_reading' => 'UnsupportedOperation', 'file_no_writing' => 'UnsupportedOperation',
        'no_method' => 'AttributeError', 'no_field' => 'AttributeError', 'fixed_place' => 'AttributeError', 'no_place' => 'ValueError', 'no_json' => 'JSONDecodeError', 'no_data' => 'StatisticsError', 'no_group' => 'IndexError', 'bad_pattern' => 're.error', 'negative_choice' => 'ValueError',
        'no_value' => 'NameError', 'empty_separator' => 'ValueError', 'no_more' => 'StopIteration', 'not_begun' => 'TypeError', 'open_class' => 'TypeError', 'makes_itself' => 'ValueError', 'size_changed' => 'RuntimeError', 'fixed_list' => 'TypeError', 'one_letter' => 'TypeError', 'no_whole_place' => 'TypeError', 'outside_of_function' => 'ValueError', 'no_base' => 'ValueError', 'division_by_zero' => 'ZeroDivisionError', 'deep_calls' => 'RecursionError', 'deep_values' => 'RecursionError', 'not_finite' => 'OverflowError', 'out_of_range' => 'ValueError',
        'no_ink' => 'ValueError', 'random_order' => 'ValueError', 'gives_nothing' => 'TypeError', 'not_a_number' => 'TypeError', 'too_large' => 'OverflowError', 'no_real_root' => 'ValueError',
        'count_by_zero' => 'ValueError', 'empty_list' => 'IndexError', 'sample_too_large' => 'ValueError', 'seed_kind' => 'TypeError', 'nothing_to_compare' => 'ValueError', 'few_arguments' => 'TypeError', 'no_such_parameter' => 'TypeError', 'parameter_given_twice' => 'TypeError', 'fixed_text' => 'TypeError', 'no_answer' => 'EOFError',
        'no_form' => 'ValueError', 'no_function' => 'TypeError', 'no_item' => 'IndexError', 'no_key' => 'KeyError', 'no_length' => 'TypeError', 'no_number' => 'ValueError', 'not_a_list' => 'TypeError', 'not_a_key' => 'TypeError', 'no_failure' => 'TypeError',
        'not_a_map' => 'TypeError', 'not_a_text' => 'TypeError', 'not_in_list' => 'ValueError', 'not_that_many' => 'ValueError', 'text_and_number' => 'TypeError', 'too_far' => 'ValueError',
        'bump_hedge' => 'RuntimeError', 'bump_stone' => 'RuntimeError', 'bump_edge' => 'RuntimeError', 'cell_taken' => 'RuntimeError', 'barrow_empty' => 'RuntimeError', 'nothing_to_pick' => 'RuntimeError', 'off_lawn' => 'RuntimeError', 'no_lamp' => 'ValueError', 'no_pattern' => 'ValueError', 'no_button' => 'ValueError', 'long_scroll' => 'ValueError', 'wide_show' => 'ValueError', 'no_speed' => 'ValueError', 'no_unit' => 'ValueError', 'no_socket' => 'ValueError', 'socket_taken' => 'ValueError',
    ];
    private const JAVASCRIPT = [
        'empty_list' => 'TypeError', 'not_begun' => 'TypeError', 'makes_itself' => 'TypeError', 'no_method' => 'TypeError', 'nothing_keeps' => 'TypeError', 'no_json' => 'SyntaxError', 'bad_pattern' => 'SyntaxError',
        'negative_count' => 'RangeError', 'fixed_list' => 'TypeError', 'no_value' => 'ReferenceError', 'deep_calls' => 'RangeError', 'no_function' => 'TypeError', 'no_length' => 'TypeError', 'not_a_list' => 'TypeError', 'not_a_text' => 'TypeError', 'gives_nothing' => 'TypeError',
        'no_file' => 'Error', 'bump_hedge' => 'Error', 'bump_stone' => 'Error', 'bump_edge' => 'Error', 'cell_taken' => 'Error', 'barrow_empty' => 'Error', 'nothing_to_pick' => 'Error', 'off_lawn' => 'Error', 'no_lamp' => 'RangeError', 'no_pattern' => 'RangeError', 'no_button' => 'RangeError', 'long_scroll' => 'RangeError', 'wide_show' => 'RangeError', 'no_speed' => 'RangeError', 'no_unit' => 'RangeError', 'no_socket' => 'RangeError', 'socket_taken' => 'RangeError',
    ];
    private const CPP = [
        'unclaimed' => 'assertion', 'gives_nothing' => 'std::bad_optional_access', 'no_number' => 'std::invalid_argument', 'no_key' => 'std::out_of_range', 'no_item' => 'std::out_of_range', 'division_by_zero' => 'division by zero', 'no_base' => 'std::invalid_argument', 'too_many_digits' => 'std::out_of_range', 'too_large_int' => 'signed integer overflow', 'too_large_long' => 'signed integer overflow', 'no_value' => 'uninitialized variable',
        'bump_hedge' => 'std::runtime_error', 'bump_stone' => 'std::runtime_error', 'bump_edge' => 'std::runtime_error', 'cell_taken' => 'std::runtime_error', 'barrow_empty' => 'std::runtime_error', 'nothing_to_pick' => 'std::runtime_error', 'off_lawn' => 'std::runtime_error', 'no_lamp' => 'std::invalid_argument', 'no_pattern' => 'std::invalid_argument', 'no_button' => 'std::invalid_argument', 'long_scroll' => 'std::invalid_argument', 'wide_show' => 'std::invalid_argument', 'no_speed' => 'std::invalid_argument', 'no_unit' => 'std::invalid_argument', 'no_socket' => 'std::invalid_argument', 'socket_taken' => 'std::invalid_argument',
    ];

    /** @return string|null null for what only stops here: a limit of this place, or what the real machine lets pass */
    public static function of(RunError $error, Language $language): ?string
    {
        return match ($error->raised) {
            null => self::named($error->kind, $language),
            FailureKind::Text => 'const char*',
            FailureKind::Whole => 'int',
            FailureKind::Letters => 'string',
            FailureKind::Bare => 'string',
            default => (Language::Cpp === $language ? 'std::' : '').FailureNames::thrown($language, $error->raised),
        };
    }

    /** Whether the real machine lets a program catch it. */
    public static function isCaught(RunError $error, Language $language): bool
    {
        $name = self::of($error, $language);

        return null !== $name && (null !== $error->raised || Language::Cpp !== $language || str_starts_with($name, 'std::'));
    }

    private static function named(string $kind, Language $language): ?string
    {
        return (match ($language) {
            Language::Python => self::PYTHON,
            Language::JavaScript => self::JAVASCRIPT,
            Language::Cpp => self::CPP,
        })[$kind] ?? null;
    }
}
