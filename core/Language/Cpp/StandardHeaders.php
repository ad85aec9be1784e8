<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

/** The headers that every C++ has (ISO/IEC 14882:2020, 16.4.2.3, tables 24 and 25; D.10 for those of C), and ours. */
final class StandardHeaders
{
    private const OF_CPP = 'algorithm any array atomic barrier bit bitset charconv chrono codecvt compare complex concepts condition_variable coroutine deque '
        .'exception execution filesystem format forward_list fstream functional future initializer_list iomanip ios iosfwd iostream istream iterator '
        .'latch limits list locale map memory memory_resource mutex new numbers numeric optional ostream queue random ranges ratio regex '
        .'scoped_allocator semaphore set shared_mutex source_location span sstream stack stdexcept stop_token streambuf string string_view strstream '
        .'syncstream system_error thread tuple type_traits typeindex typeinfo unordered_map unordered_set utility valarray variant vector version';
    private const OF_C = 'assert complex ctype errno fenv float inttypes iso646 limits locale math setjmp signal stdalign stdarg stdbool stddef stdint stdio '
        .'stdlib string tgmath time uchar wchar wctype';

    /** @var array<string, true>|null */
    private static ?array $known = null;

    public static function has(string $name): bool
    {
        self::$known ??= array_fill_keys(self::all(), true);

        return isset(self::$known[$name]);
    }

    /** @return list<string> */
    public static function all(): array
    {
        $ofC = explode(' ', self::OF_C);

        return [
            ...explode(' ', self::OF_CPP),
            ...array_map(static fn (string $name): string => 'c'.$name, $ofC),
            ...array_map(static fn (string $name): string => $name.'.h', $ofC),
            'bits/stdc++.h', 'scrivlet.hpp',
        ];
    }
}
