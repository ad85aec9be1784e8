<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Bounds;

/** What a variable, a parameter or a function may be called, so that all three languages take the name. */
final class Names
{
    /** Composed Latin letters only: the one form that CPython, Node.js and g++ all read as the same name. */
    public const PATTERN = '[A-Za-z_\x{C0}-\x{D6}\x{D8}-\x{F6}\x{F8}-\x{FF}][A-Za-z0-9_\x{C0}-\x{D6}\x{D8}-\x{F6}\x{F8}-\x{FF}]*';

    /** Besides the keywords of all three languages. */
    private const TAKEN = [
        // what our Python calls
        'print', 'range', 'int', 'str', 'float', 'bool', 'random', 'counted',
        // what our JavaScript calls, and what no module of it can declare
        'arguments', 'eval', 'console', 'Math', 'NaN', 'Infinity', 'process', 'randomBetween', 'floorDiv', 'floorMod',
        // what our C++ calls
        'main', 'std', 'cout', 'cin', 'endl', 'pow', 'floor_div', 'floor_mod', 'random_between', 'join', 'scrivlet',
        // our own objects
        'nib', 'barrow', 'lantern', 'mower', 'wait', 'announce', 'when_announced', 'sleep',
    ];

    /**
     * What the headers behind `scrivlet.hpp` put into the global namespace, where C++ keeps functions and the variables
     * they reach for: found by compiling each as a variable and as a function, with g++ 12. Inside of a function, and
     * so for the script's own variables, all of them are free.
     */
    private const GLOBAL_IN_CPP = 'abort abs acos acosh alloca asctime asin asinh asprintf atan atan2 atanh atexit atof atoi atol bsearch btowc '
        .'calloc cbrt ceil clearenv clearerr clock clone copysign cos cosh ctermid ctime cuserid daddl daylight ddivl '
        .'dfmal difftime div dmull dprintf drem dsqrtl dsubl duplocale dysize ecvt erf erfc exit exp exp2 expm1 fabs fadd '
        .'fclose fcloseall fcvt fdim fdiv fdopen feof ferror fflush ffma fgetc fgetpos fgets fgetwc fgetws fileno finite '
        .'flockfile floor fma fmax fmaximum fmaxmag fmemopen fmin fminimum fminmag fmod fmul fopen fprintf fputc fputs '
        .'fputwc fputws fread free freelocale freopen frexp fromfp fromfpx fscanf fseek fseeko fsetpos fsqrt fsub ftell '
        .'ftello fwide fwprintf fwrite fwscanf gamma gcvt getc getchar getcpu getdate getdelim getenv getline getloadavg '
        .'getpayload getpt getsubopt getw getwc getwchar gmtime grantpt hypot ilogb initstate isalnum isalpha isascii '
        .'isblank iscntrl isctype isdigit iseqsig isgraph isinff isinfl islower isnanf isnanl isprint ispunct isspace '
        .'isupper iswalnum iswalpha iswblank iswcntrl iswctype iswdigit iswgraph iswlower iswprint iswpunct iswspace '
        .'iswupper iswxdigit isxdigit iszero j0 j1 jn labs ldexp ldiv lgamma llabs lldiv llogb llrint llround localeconv '
        .'localtime log log2 logb lrint lround malloc mblen mbrlen mbrtowc mbsinit mbsnrtowcs mbsrtowcs mbstowcs mbtowc '
        .'mkdtemp mkostemp mkostemps mkstemp mkstemps mktemp mktime modf nan nanosleep nearbyint newlocale nextafter '
        .'nextdown nexttoward nextup pclose perror popen printf pselect ptsname putc putchar putenv puts putw putwc '
        .'putwchar qecvt qfcvt qgcvt qsort rand realloc realpath remainder remove remquo rename renameat renameat2 rewind '
        .'rint round roundeven rpmatch scalb scalbln scalbn scanf select setbuf setbuffer setenv setlinebuf setlocale '
        .'setns setpayload setstate setvbuf signgam sin sincos sinh snprintf sprintf sqrt srand srandom sscanf stderr '
        .'stdin stdout strfromd strfromf strfroml strftime strptime strtod strtof strtol strtold strtoq strtoul strtouq '
        .'swprintf swscanf system tan tanh tempnam tgamma time timegm timelocal timezone tmpfile tmpnam toascii tolower '
        .'totalorder toupper towctrans towlower towupper trunc tzname tzset ufromfp ufromfpx uint ulong ungetc ungetwc '
        .'unlockpt unsetenv unshare uselocale ushort valloc vasprintf vdprintf vfprintf vfscanf vfwprintf vfwscanf vprintf '
        .'vscanf vsnprintf vsprintf vsscanf vswprintf vswscanf vwprintf vwscanf wcpcpy wcpncpy wcrtomb wcscasecmp wcscat '
        .'wcschr wcschrnul wcscmp wcscoll wcscpy wcscspn wcsdup wcsftime wcslen wcsncat wcsncmp wcsncpy wcsnlen wcsnrtombs '
        .'wcspbrk wcsrchr wcsrtombs wcsspn wcsstr wcstod wcstof wcstok wcstol wcstold wcstombs wcstoq wcstoul wcstouq '
        .'wcswcs wcswidth wcsxfrm wctob wctomb wctrans wctype wcwidth wmemchr wmemcmp wmemcpy wmemmove wmempcpy wmemset '
        .'wprintf wscanf y0 y1 yn';

    /** The most signs of a name that is searched for in a text: PCRE2 takes no pattern of over 64 kB. */
    private const MOST_SEARCHED = 10_000;

    /** A name as part of a pattern between slashes; what never fits, if it is longer than is searched for. */
    public static function asPattern(string $name): string
    {
        return \strlen($name) > self::MOST_SEARCHED ? '(?!)' : preg_quote($name, '/');
    }

    /** @throws Refusal */
    public static function check(string $name): string
    {
        if ('' === $name) {
            throw new Refusal('name.empty');
        }
        if (mb_strlen($name) > Bounds::NAME) {
            throw new Refusal('name.long', ['longest' => Bounds::NAME]);
        }
        if (1 !== preg_match('/^'.self::PATTERN.'$/uD', $name)) {
            throw new Refusal('name.letters', ['name' => $name]);
        }
        if (self::isTaken($name)) {
            throw new Refusal('name.taken', ['name' => $name, 'other' => $name.'_1']);
        }

        return $name;
    }

    /**
     * A name that C++ has to keep outside of every function.
     *
     * @throws Refusal
     */
    public static function checkOutside(string $name): void
    {
        if (\in_array($name, explode(' ', self::GLOBAL_IN_CPP), true)) {
            throw new Refusal('name.taken', ['name' => $name, 'other' => $name.'_1']);
        }
    }

    /** Two underscores are the compiler's own in C++ (5.10). */
    public static function isTaken(string $name): bool
    {
        foreach (Language::cases() as $language) {
            if (self::isKept($language, $name) || \in_array($name, $language->keywords(), true)) {
                return true;
            }
        }

        return \in_array($name, self::TAKEN, true) || str_starts_with($name, '_') || str_contains($name, '__');
    }

    /** Whether a language keeps a word for itself that is no keyword: no scope can give it another meaning (JavaScript: ECMA-262, 13.1.1). */
    public static function isKept(Language $language, string $name): bool
    {
        return \in_array($name, $language->notation()->kept, true);
    }

    /** Besides keywords, the names that a language's text needs itself, so that a program from another one has to be printed with other names. */
    private const RESERVED = [
        'python' => 'print range int str float bool list len',
        'javascript' => 'console Math Object Array String Number NaN Infinity process prompt',
        'cpp' => 'main std vector map cout cin endl',
    ];

    /** @var array<string, array<string, true>> */
    private static array $reserved = [];

    public static function isReserved(Language $language, string $name): bool
    {
        self::$reserved[$language->value] ??= array_fill_keys([...$language->keywords(), ...explode(' ', self::RESERVED[$language->value]), ...SceneName::objects()], true);

        return isset(self::$reserved[$language->value][$name]) || self::isKept($language, $name);
    }

    /** Whether C++ has the name already where functions and the variables they reach for stand. */
    public static function isGlobalInCpp(string $name): bool
    {
        return self::clashesInCpp($name, true, true);
    }

    /** @var array<string, 'always'|'library'|'std'>|null when a name can't be given again outside of every function */
    private static ?array $inCpp = null;

    /**
     * Whether a C++ text that was typed can't give the name to a variable outside of every function.
     *
     * @param bool $library whether it brings in `scrivlet.hpp`
     * @param bool $std     whether it opens the namespace `std`
     */
    public static function clashesInCpp(string $name, bool $library, bool $std): bool
    {
        self::$inCpp ??= array_fill_keys(explode(' ', self::GLOBAL_IN_CPP), 'always') + array_fill_keys(explode(' ', self::IN_LIBRARY), 'library') + array_fill_keys(explode(' ', self::IN_STD), 'std');

        return match (self::$inCpp[$name] ?? null) {
            'always' => true,
            'library' => $library,
            'std' => $library && $std,
            null => false,
        };
    }

    /** Names of the standard library that a variable outside of every function would be mistaken for. */
    private const IN_STD = 'advance any array begin bind bitset byte cbegin cend copy count crbegin cref data deque distance empty end equal exchange fill find forward function generate get greater hash hex includes invoke iota less lerp list lock map max merge min minus move next none_of oct optional pair partition plus prev queue rank ratio ref remove replace reverse rotate sample search set shuffle size sort stack string swap test tie transform tuple unique variant vector';

    /** Names of our own library that stand outside of every function. */
    private const IN_LIBRARY = 'alike first_place sort_with sorted_with all_hold announce any_holds ask ask_word backwards barrow capitalized centred chance chosen cin code common_divisor common_multiple collected concatenated contains copied cout ends extend_list factorial_of filtered first_among first_apart first_of fixed flattened floor_div floor_mod formatted getline greatest greatest_by in_base letter_at index_in is_digits is_letters is_lower is_plain is_space is_upper item join '
        .'joined keys lantern last_among last_apart last_position least least_by letters letters_between lower make_tuple map_of max_element merged min_element mower nib nullopt numbered numbers occurrences padded_left padded_right paired popped position radians random_between reduced remove_value repeated replaced replaced_first '
        .'bound_of fill_up put_range rounded rounded_even rounded_to shifted shuffle sign_of slice sort_as_texts sort_by sort_down_by sorted sorted_as_texts sorted_by sorted_down sorted_down_by split starts stepped stod stoi stoll taken_apart_at title to_degrees to_string to_text total trimmed trimmed_left trimmed_right update_map upper value_or values wait way_between when_announced with_letter words zero_filled endl';

    /** Small letters without accents: a wrong accent is one mistake, not two bytes. */
    private static function plain(string $name): string
    {
        return 1 !== preg_match('/[\x80-\xff]/', $name) ? strtolower($name) : strtr(mb_strtolower($name), ['à' => 'a', 'â' => 'a', 'ä' => 'a', 'ç' => 'c', 'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e', 'î' => 'i', 'ï' => 'i', 'ô' => 'o', 'ö' => 'o', 'ù' => 'u', 'û' => 'u', 'ü' => 'u']);
    }

    /**
     * The name nearest to a misspelt one.
     *
     * @param iterable<string> $names
     */
    public static function nearest(string $name, iterable $names): ?string
    {
        $best = null;
        $least = max(1, intdiv(mb_strlen($name), 3)) + 1;
        $one = self::plain($name);
        foreach ($names as $candidate) {
            $other = self::plain($candidate);
            // One letter is as near to every other one.
            if (1 === min(mb_strlen($name), mb_strlen($candidate)) && $one !== $other) {
                continue;
            }
            // So many letters more or less are as many steps at least.
            if (abs(\strlen($one) - \strlen($other)) >= $least) {
                continue;
            }
            // Letters in another order are one slip of the hand.
            $distance = $one !== $other && count_chars($one, 1) === count_chars($other, 1) ? 1 : levenshtein($one, $other);
            if ($distance < $least) {
                [$best, $least] = [$candidate, $distance];
            }
        }

        return $best;
    }
}
