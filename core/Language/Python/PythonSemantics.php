<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Tree\FailureKind;

/** How programs of Python run (The Python Language Reference 3.11). */
final class PythonSemantics
{
    /** Names of failures by the kind of what stops a run; what is not here only stops in this application. */
    private const FAILURES = [
        'no_file' => 'FileNotFoundError', 'file_closed' => 'ValueError', 'file_mode' => 'ValueError', 'file_no_reading' => 'UnsupportedOperation', 'file_no_writing' => 'UnsupportedOperation',
        'no_method' => 'AttributeError', 'no_field' => 'AttributeError', 'fixed_place' => 'AttributeError', 'no_place' => 'ValueError', 'no_json' => 'JSONDecodeError', 'no_data' => 'StatisticsError', 'no_group' => 'IndexError', 'unequal_letters' => 'ValueError', 'not_held' => 'TypeError', 'not_an_object' => 'TypeError', 'bad_pattern' => 're.error', 'negative_choice' => 'ValueError',
        'no_value' => 'NameError', 'empty_separator' => 'ValueError', 'no_more' => 'StopIteration', 'not_begun' => 'TypeError', 'open_class' => 'TypeError', 'makes_itself' => 'ValueError', 'size_changed' => 'RuntimeError', 'fixed_list' => 'TypeError', 'one_letter' => 'TypeError', 'no_whole_place' => 'TypeError', 'repeated_by' => 'TypeError', 'whole_wanted' => 'TypeError', 'not_formed' => 'TypeError', 'list_and_tuple' => 'TypeError', 'outside_of_function' => 'ValueError', 'no_base' => 'ValueError', 'division_by_zero' => 'ZeroDivisionError', 'deep_calls' => 'RecursionError', 'deep_values' => 'RecursionError', 'not_finite' => 'OverflowError', 'out_of_range' => 'ValueError',
        'no_ink' => 'ValueError', 'random_order' => 'ValueError', 'gives_nothing' => 'TypeError', 'not_a_number' => 'TypeError', 'too_large' => 'OverflowError', 'no_real_root' => 'ValueError',
        'count_by_zero' => 'ValueError', 'empty_list' => 'IndexError', 'sample_too_large' => 'ValueError', 'seed_kind' => 'TypeError', 'nothing_to_compare' => 'ValueError', 'few_arguments' => 'TypeError', 'many_arguments' => 'TypeError', 'no_such_parameter' => 'TypeError', 'parameter_given_twice' => 'TypeError', 'fixed_text' => 'TypeError', 'no_answer' => 'EOFError',
        'no_form' => 'ValueError', 'no_function' => 'TypeError', 'no_item' => 'IndexError', 'no_key' => 'KeyError', 'no_length' => 'TypeError', 'no_number' => 'ValueError', 'not_a_list' => 'TypeError', 'not_a_key' => 'TypeError', 'no_failure' => 'TypeError',
        'not_a_map' => 'TypeError', 'not_a_text' => 'TypeError', 'not_in_list' => 'ValueError', 'not_that_many' => 'ValueError', 'text_and_number' => 'TypeError', 'too_far' => 'ValueError',
        'bump_hedge' => 'RuntimeError', 'bump_stone' => 'RuntimeError', 'bump_edge' => 'RuntimeError', 'cell_taken' => 'RuntimeError', 'barrow_empty' => 'RuntimeError', 'nothing_to_pick' => 'RuntimeError', 'off_lawn' => 'RuntimeError', 'no_lamp' => 'ValueError', 'no_pattern' => 'ValueError', 'no_button' => 'ValueError', 'long_scroll' => 'ValueError', 'wide_show' => 'ValueError', 'no_speed' => 'ValueError', 'no_unit' => 'ValueError', 'no_socket' => 'ValueError', 'socket_taken' => 'ValueError',
    ];

    private static ?Semantics $facts = null;

    public static function facts(): Semantics
    {
        return self::$facts ??= new Semantics(
            // 1,000 with the program itself (The Python Standard Library, sys).
            depth: 999,
            definesByRow: true,
            liveLoops: true,
            lambdasSee: true,
            namesLambdas: true,
            logicGives: true,
            negativePlaces: true,
            defaultsOnce: true,
            tuples: true,
            growsInPlace: true,
            endlessWholes: true,
            basesByPrefix: true,
            truthsOfBits: true,
            forgetsFailures: true,
            showsKeys: true,
            claim: FailureKind::Claim,
            knowsFailures: true,
            asksObjects: true,
            plainFields: true,
            hashedSets: true,
            guardsMaps: true,
            spacedJson: true,
            countsWhole: true,
            strictTexts: true,
            signsOnLists: true,
            classesAreFunctions: true,
            emptyIsFalse: true,
            remembers: true,
            namesInLambdas: true,
            ordersObjects: true,
            saysAtExit: true,
            namesArguments: true,
            namesHide: true,
            elseOfTry: true,
            endsTry: true,
            keepsOrder: true,
            failures: self::FAILURES,
            says: [
                'name' => "name '{name}' is not defined",
                'uncalled' => "'{kind}' object is not callable",
                'many' => 'too many values to unpack (expected {wanted})',
                'few' => 'not enough values to unpack (expected {least}{wanted}, got {given})',
                'text place' => 'string index out of range',
                'tuple place' => 'tuple index out of range',
                'list place' => 'list index out of range',
                'list place set' => 'list assignment index out of range',
                'tuple place set' => 'tuple assignment index out of range',
                'text place set' => 'string assignment index out of range',
                'pop of nothing' => 'pop from empty list',
                'pop' => 'pop index out of range',
                'number' => 'could not convert string to float: {shown}',
                'busy' => 'generator already executing',
            ],
        );
    }
}
