<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

/** Which header declares a name of the standard library that printed texts use (ISO/IEC 14882:2017, the synopses of each header). */
final class HeaderNames
{
    /** In the order in which they stand at the top. */
    private const NAMES = [
        'iostream' => ['cout', 'cin', 'cerr', 'clog', 'endl', 'boolalpha', 'noboolalpha', 'fixed', 'left', 'right', 'hex', 'oct', 'dec', 'ws', 'istream', 'ostream', 'ios', 'streamsize'],
        'iomanip' => ['setw', 'setprecision', 'setfill', 'quoted'],
        'fstream' => ['ifstream', 'ofstream', 'fstream'],
        'sstream' => ['stringstream', 'istringstream', 'ostringstream'],
        'string' => ['string', 'to_string', 'stoi', 'stol', 'stoll', 'stod', 'getline'],
        'cctype' => ['isalpha', 'isdigit', 'isalnum', 'isupper', 'islower', 'isspace', 'ispunct', 'toupper', 'tolower'],
        'vector' => ['vector'],
        'array' => ['array'],
        'bitset' => ['bitset'],
        'deque' => ['deque'],
        'list' => ['list'],
        'map' => ['map', 'multimap'],
        'set' => ['set', 'multiset'],
        'unordered_map' => ['unordered_map'],
        'unordered_set' => ['unordered_set'],
        'queue' => ['queue', 'priority_queue'],
        'stack' => ['stack'],
        'tuple' => ['tuple', 'make_tuple', 'tie'],
        'utility' => ['pair', 'make_pair', 'swap', 'move'],
        'optional' => ['optional', 'make_optional', 'nullopt'],
        'memory' => ['shared_ptr', 'make_shared', 'unique_ptr', 'make_unique', 'dynamic_pointer_cast', 'static_pointer_cast'],
        'functional' => ['function', 'greater', 'less'],
        'algorithm' => ['sort', 'stable_sort', 'reverse', 'rotate', 'count', 'count_if', 'find', 'find_if', 'min', 'max', 'clamp', 'min_element', 'max_element', 'minmax_element', 'all_of', 'any_of', 'none_of', 'lower_bound', 'upper_bound', 'binary_search', 'next_permutation', 'prev_permutation', 'remove', 'remove_if', 'unique', 'transform', 'copy', 'copy_if', 'fill', 'replace', 'equal', 'for_each'],
        'numeric' => ['accumulate', 'iota', 'gcd', 'lcm', 'partial_sum'],
        'iterator' => ['next', 'prev', 'distance', 'advance', 'back_inserter', 'begin', 'end'],
        'cmath' => ['sqrt', 'cbrt', 'pow', 'exp', 'log', 'log2', 'log10', 'floor', 'ceil', 'round', 'trunc', 'fmod', 'fabs', 'hypot', 'sin', 'cos', 'tan', 'asin', 'acos', 'atan', 'atan2', 'isnan', 'isfinite', 'isinf', 'M_PI', 'INFINITY', 'NAN', 'signbit', 'copysign'],
        'cstdlib' => ['abs', 'exit', 'rand', 'srand', 'atoi', 'atof', 'EXIT_SUCCESS', 'EXIT_FAILURE', 'RAND_MAX'],
        'ctime' => ['time'],
        'cassert' => ['assert'],
        'climits' => ['INT_MAX', 'INT_MIN', 'LLONG_MAX', 'LLONG_MIN', 'LONG_MAX', 'LONG_MIN', 'UINT_MAX', 'CHAR_MAX', 'CHAR_MIN'],
        'limits' => ['numeric_limits'],
        'exception' => ['exception'],
        'stdexcept' => ['runtime_error', 'logic_error', 'invalid_argument', 'out_of_range', 'domain_error', 'length_error', 'overflow_error', 'underflow_error', 'range_error'],
        'random' => ['mt19937', 'random_device', 'uniform_int_distribution', 'uniform_real_distribution'],
        'chrono' => ['chrono'],
    ];

    /** Names that no namespace holds: macros, and functions that C has as well. */
    public const OUTSIDE = ['assert', 'M_PI', 'INFINITY', 'NAN', 'INT_MAX', 'INT_MIN', 'LLONG_MAX', 'LLONG_MIN', 'LONG_MAX', 'LONG_MIN', 'UINT_MAX', 'CHAR_MAX', 'CHAR_MIN', 'EXIT_SUCCESS', 'EXIT_FAILURE', 'RAND_MAX'];

    /** @var array<string, string>|null */
    private static ?array $headers = null;

    /** @return array<string, string> the header by name */
    public static function headers(): array
    {
        if (null === self::$headers) {
            self::$headers = [];
            foreach (self::NAMES as $header => $names) {
                self::$headers += array_fill_keys($names, $header);
            }
        }

        return self::$headers;
    }

    /** @return list<string> all that are known, in their order */
    public static function all(): array
    {
        return array_keys(self::NAMES);
    }
}
