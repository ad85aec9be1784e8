<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Refusal;

/** What a variable, a parameter or a function may be called, so that all three languages take the name. */
final class Names
{
    public const LONGEST = 40;

    /** Composed Latin letters only: the one form that CPython, Node.js and g++ all read as the same name. */
    public const PATTERN = '[A-Za-z_\x{C0}-\x{D6}\x{D8}-\x{F6}\x{F8}-\x{FF}][A-Za-z0-9_\x{C0}-\x{D6}\x{D8}-\x{F6}\x{F8}-\x{FF}]*';

    private const TAKEN = [
        // keywords: The Python Language Reference 2.3.1
        'False', 'None', 'True', 'and', 'as', 'assert', 'async', 'await', 'break', 'class', 'continue', 'def', 'del', 'elif', 'else', 'except', 'finally', 'for', 'from', 'global', 'if', 'import', 'in', 'is', 'lambda', 'nonlocal', 'not', 'or', 'pass', 'raise', 'return', 'try', 'while', 'with', 'yield',
        // what our Python calls
        'print', 'range', 'int', 'str', 'float', 'bool', 'random', 'counted',
        // reserved words: ECMAScript 2022, 12.7.2, with the names a module can't redeclare or our text uses
        'arguments', 'case', 'catch', 'const', 'debugger', 'default', 'delete', 'do', 'enum', 'eval', 'export', 'extends', 'false', 'function', 'implements', 'instanceof', 'interface', 'let', 'new', 'null', 'package', 'private', 'protected', 'public', 'static', 'super', 'switch', 'this', 'throw', 'true', 'typeof', 'undefined', 'var', 'void', 'console', 'Math', 'NaN', 'Infinity', 'process', 'randomBetween', 'floorDiv', 'floorMod',
        // keywords: C++17, 5.11, and what our C++ calls
        'alignas', 'alignof', 'and_eq', 'asm', 'auto', 'bitand', 'bitor', 'char', 'char16_t', 'char32_t', 'compl', 'const_cast', 'constexpr', 'decltype', 'double', 'dynamic_cast', 'explicit', 'extern', 'friend', 'goto', 'inline', 'long', 'mutable', 'namespace', 'noexcept', 'not_eq', 'nullptr', 'operator', 'or_eq', 'register', 'reinterpret_cast', 'short', 'signed', 'sizeof', 'static_assert', 'static_cast', 'struct', 'template', 'thread_local', 'typedef', 'typeid', 'typename', 'union', 'unsigned', 'using', 'virtual', 'volatile', 'wchar_t', 'xor', 'xor_eq', 'main', 'std', 'string', 'cout', 'cin', 'endl', 'pow', 'floor_div', 'floor_mod', 'random_between', 'join', 'scrivlet',
        // macros of C, which no scope hides
        'errno', 'NULL', 'EOF', 'WEOF', 'NAN', 'SNAN', 'INFINITY', 'BUFSIZ', 'M_PI', 'M_E', 'RAND_MAX', 'SIZE_MAX', 'EBUSY', 'EIO', 'ELOOP', 'ETIME', 'EPIPE', 'EFAULT', 'EROFS', 'EDOM', 'ERANGE',
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

    /** @throws Refusal */
    public static function check(string $name): string
    {
        if ('' === $name) {
            throw new Refusal('name.empty');
        }
        if (mb_strlen($name) > self::LONGEST) {
            throw new Refusal('name.long', ['longest' => self::LONGEST]);
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
        return \in_array($name, self::TAKEN, true) || str_starts_with($name, '_') || str_contains($name, '__');
    }

    /** Names that one language keeps for itself, so that a program from another one has to be printed with other names. */
    private const RESERVED = [
        'python' => 'False None True and as assert async await break class continue def del elif else except finally for from global if import in is lambda nonlocal not or pass raise return try while with yield print range int str float bool list len nib',
        'javascript' => 'arguments await break case catch class const continue debugger default delete do else enum eval export extends false finally for function if implements import in instanceof interface let new null package private protected public return static super switch this throw true try typeof undefined var void while with yield console Math Object Array String Number NaN Infinity process prompt nib',
        'cpp' => 'alignas alignof and and_eq asm auto bitand bitor bool break case catch char class compl const constexpr continue decltype default delete do double else enum explicit export extern false float for friend goto if inline int long mutable namespace new noexcept not not_eq nullptr operator or or_eq private protected public register return short signed sizeof static struct switch template this throw true try typedef typeid typename union unsigned using virtual void volatile while xor main std string vector map cout cin endl errno NULL EOF nib',
    ];

    /** @var array<string, array<string, true>> */
    private static array $reserved = [];

    public static function isReserved(Language $language, string $name): bool
    {
        self::$reserved[$language->value] ??= array_fill_keys(explode(' ', self::RESERVED[$language->value]), true);

        return isset(self::$reserved[$language->value][$name]);
    }

    /** Whether C++ has the name already where functions and the variables they reach for stand. */
    public static function isGlobalInCpp(string $name): bool
    {
        return \in_array($name, explode(' ', self::GLOBAL_IN_CPP.' '.self::IN_STD), true);
    }

    /** Names of the standard library that a variable outside of every function would be mistaken for. */
    private const IN_STD = 'advance any array begin bind bitset byte cbegin cend copy count crbegin cref data deque distance empty end equal exchange fill find forward function generate get greater hash hex includes invoke iota less lerp list lock map max merge min minus move next none_of oct optional pair partition plus prev queue rank ratio ref remove replace reverse rotate sample search set shuffle size sort stack string swap test tie transform tuple unique variant vector';

    /** Small letters without accents: a wrong accent is one mistake, not two bytes. */
    private static function plain(string $name): string
    {
        return strtr(mb_strtolower($name), ['à' => 'a', 'â' => 'a', 'ä' => 'a', 'ç' => 'c', 'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e', 'î' => 'i', 'ï' => 'i', 'ô' => 'o', 'ö' => 'o', 'ù' => 'u', 'û' => 'u', 'ü' => 'u']);
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
        foreach ($names as $candidate) {
            [$one, $other] = [self::plain($name), self::plain($candidate)];
            // Letters in another order are one slip of the hand.
            $distance = $one !== $other && count_chars($one, 1) === count_chars($other, 1) ? 1 : levenshtein($one, $other);
            if ($distance < $least) {
                [$best, $least] = [$candidate, $distance];
            }
        }

        return $best;
    }
}
