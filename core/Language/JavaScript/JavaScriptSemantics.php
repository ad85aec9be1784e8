<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Tree\FailureKind;

/** How programs of JavaScript run (ECMA-262, 13th edition, in Node.js). */
final class JavaScriptSemantics
{
    /** Names of failures by the kind of what stops a run; what is not here only stops in this application. */
    private const FAILURES = [
        'empty_list' => 'TypeError', 'not_begun' => 'TypeError', 'makes_itself' => 'TypeError', 'no_method' => 'TypeError', 'nothing_keeps' => 'TypeError', 'no_json' => 'SyntaxError', 'bad_pattern' => 'SyntaxError',
        'no_big' => 'SyntaxError', 'not_whole_big' => 'RangeError', 'mixed_big' => 'TypeError', 'big_by_nought' => 'RangeError', 'big_below_nought' => 'RangeError',
        'negative_count' => 'RangeError', 'fixed_list' => 'TypeError', 'no_value' => 'ReferenceError', 'deep_calls' => 'RangeError', 'no_function' => 'TypeError', 'no_length' => 'RangeError', 'no_form' => 'RangeError', 'no_base' => 'RangeError', 'not_a_list' => 'TypeError', 'not_a_map' => 'TypeError', 'not_a_text' => 'TypeError', 'gives_nothing' => 'TypeError',
        'no_file' => 'Error', 'bump_hedge' => 'Error', 'bump_stone' => 'Error', 'bump_edge' => 'Error', 'cell_taken' => 'Error', 'barrow_empty' => 'Error', 'nothing_to_pick' => 'Error', 'off_lawn' => 'Error', 'no_lamp' => 'RangeError', 'no_pattern' => 'RangeError', 'no_button' => 'RangeError', 'long_scroll' => 'RangeError', 'wide_show' => 'RangeError', 'no_speed' => 'RangeError', 'no_unit' => 'RangeError', 'no_socket' => 'RangeError', 'socket_taken' => 'RangeError',
    ];

    private static ?Semantics $facts = null;

    public static function facts(): Semantics
    {
        return self::$facts ??= new Semantics(
            depth: 10_000,
            undefined: true,
            nullBeside: true,
            fillsGaps: true,
            onlyFractions: true,
            hoists: true,
            freshTurns: true,
            liveLoops: true,
            lambdasSee: true,
            namesByVariable: true,
            logicGives: true,
            lateChoice: true,
            growsByPlace: true,
            claim: FailureKind::Any,
            coerces: true,
            sameByIdentity: true,
            namedPlaces: true,
            spreads: true,
            handsPlaces: true,
            numbersOnce: true,
            closesLoops: true,
            privateSign: '#',
            changesGive: true,
            lateDefaults: true,
            restLast: true,
            bindsByHand: true,
            endsTry: true,
            failures: self::FAILURES,
            says: [
                'name' => '{name} is not defined',
                'busy' => 'Generator is already running',
                'reduce' => 'Reduce of empty array with no initial value',
            ],
        );
    }
}
