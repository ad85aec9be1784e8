<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** What Python's own kinds of values keep and do under a name (The Python Standard Library, Built-in Types). */
final class BuiltInNames
{
    private const ALL = '__class__ __doc__ __eq__ __ge__ __gt__ __hash__ __init__ __le__ __lt__ __ne__ __repr__ __str__';
    private const OF = [
        'text' => 'capitalize casefold center count encode endswith expandtabs find format format_map index isalnum isalpha'
            .' isascii isdecimal isdigit isidentifier islower isnumeric isprintable isspace istitle isupper join ljust lower'
            .' lstrip maketrans partition removeprefix removesuffix replace rfind rindex rjust rpartition rsplit rstrip split'
            .' splitlines startswith strip swapcase title translate upper zfill __add__ __contains__ __getitem__ __iter__'
            .' __len__ __mul__',
        'list' => 'append clear copy count extend index insert pop remove reverse sort __add__ __contains__ __delitem__'
            .' __getitem__ __iter__ __len__ __mul__ __reversed__ __setitem__',
        'tuple' => 'count index __add__ __contains__ __getitem__ __iter__ __len__ __mul__',
        'map' => 'clear copy fromkeys get items keys pop popitem setdefault update values __contains__ __delitem__ __getitem__'
            .' __iter__ __len__ __reversed__ __setitem__',
        'set' => 'add clear copy difference difference_update discard intersection intersection_update isdisjoint issubset'
            .' issuperset pop remove symmetric_difference symmetric_difference_update union update __contains__ __iter__'
            .' __len__',
        'whole' => 'as_integer_ratio bit_count bit_length conjugate denominator from_bytes imag numerator real to_bytes __add__'
            .' __bool__ __float__ __int__ __mul__',
        'number' => 'as_integer_ratio conjugate fromhex hex imag is_integer real __add__ __bool__ __float__ __int__ __mul__',
        'nothing' => '__bool__',
    ];

    public static function areOfAll(string $name): bool
    {
        return \in_array($name, explode(' ', self::ALL), true);
    }

    /** @param 'text'|'list'|'tuple'|'map'|'set'|'whole'|'number'|'nothing' $kind */
    public static function has(string $kind, string $name): bool
    {
        return \in_array($name, explode(' ', self::ALL.' '.self::OF[$kind]), true);
    }
}
