<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Walk;

/**
 * What a text of C++ brings in and names, for the same program printed anew: its headers, and the names of the standard library
 * that `scrivlet.hpp` leaves in it. One by one, as all of them together hide what ours is called.
 */
final class BroughtIn
{
    private const NAMES = ['array', 'bitset', 'boolalpha', 'cerr', 'clog', 'fixed', 'ifstream', 'initializer_list', 'istream', 'istringstream', 'left', 'make_pair', 'multiset', 'noboolalpha', 'numeric_limits', 'ofstream', 'ostream', 'ostringstream', 'pair', 'right', 'set', 'setfill', 'setprecision', 'setw', 'stringstream', 'tuple', 'ws'];

    /** Those whose headers `scrivlet.hpp` does not bring. */
    private const BY_HEADER = ['array' => 'array', 'bitset' => 'bitset', 'set' => 'set', 'multiset' => 'set'];

    /** @return list<string> */
    public static function lines(Program $program): array
    {
        $text = $program->handwriting[Language::Cpp->value]->text ?? '';
        preg_match_all('/(*ANYCRLF)^#[ \t]*include[ \t]*<[\w.\/]+>/m', $text, $headers);
        preg_match_all('/(?<![.\w]|->)(?:'.implode('|', self::NAMES).')\b/', $text, $names);
        if ([] !== array_intersect(['istringstream', 'ostringstream'], $names[0])) {
            // What is both stands for either.
            $names[0][] = 'stringstream';
        }
        $own = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $own += $row instanceof FunctionDefinition || $row instanceof ClassDefinition ? [$row->name => true] : [];
        }

        foreach (self::BY_HEADER as $name => $header) {
            $own += 1 === preg_match('/<(?:'.$header.'|bits\/stdc\+\+\.h)>/', implode(' ', $headers[0])) ? [] : [$name => true];
        }

        return [
            ...array_values(array_unique($headers[0])),
            ...array_map(static fn (string $name): string => "using std::$name;", array_values(array_filter(array_unique($names[0]), static fn (string $name): bool => !isset($own[$name])))),
        ];
    }
}
