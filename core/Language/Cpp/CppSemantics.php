<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Semantics;

/** How programs of C++ run (C++17, ISO/IEC 14882:2017, as g++ makes them). */
final class CppSemantics
{
    /** Names of failures by the kind of what stops a run; what is not here only stops in this application. */
    private const FAILURES = [
        'unclaimed' => 'assertion', 'gives_nothing' => 'std::bad_optional_access', 'no_number' => 'std::invalid_argument', 'no_key' => 'std::out_of_range', 'no_item' => 'std::out_of_range', 'division_by_zero' => 'division by zero', 'no_base' => 'std::invalid_argument', 'too_many_digits' => 'std::out_of_range', 'too_large_int' => 'signed integer overflow', 'too_large_long' => 'signed integer overflow', 'no_value' => 'uninitialized variable',
        'bump_hedge' => 'std::runtime_error', 'bump_stone' => 'std::runtime_error', 'bump_edge' => 'std::runtime_error', 'cell_taken' => 'std::runtime_error', 'barrow_empty' => 'std::runtime_error', 'nothing_to_pick' => 'std::runtime_error', 'off_lawn' => 'std::runtime_error', 'no_lamp' => 'std::invalid_argument', 'no_pattern' => 'std::invalid_argument', 'no_button' => 'std::invalid_argument', 'long_scroll' => 'std::invalid_argument', 'wide_show' => 'std::invalid_argument', 'no_speed' => 'std::invalid_argument', 'no_unit' => 'std::invalid_argument', 'no_socket' => 'std::invalid_argument', 'socket_taken' => 'std::invalid_argument',
    ];

    private static ?Semantics $facts = null;

    public static function facts(): Semantics
    {
        return self::$facts ??= new Semantics(
            depth: 20_000,
            typed: true,
            streams: true,
            globalsFirst: true,
            owesValues: true,
            orderedSets: true,
            failurePrefix: 'std::',
            ordersObjects: true,
            widest: 'runtime_error',
            failures: self::FAILURES,
            says: [
                'text place' => 'basic_string::at: __n (which is {at}) >= this->size() (which is {size})',
                'list place' => 'vector::_M_range_check: __n (which is {at}) >= this->size() (which is {size})',
                'number' => 'stod',
                'key' => 'map::at',
                'busy' => 'generator already executing',
            ],
        );
    }
}
