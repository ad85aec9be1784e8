<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\SpellingIndex;

/**
 * Names that the real machines have and nobody reads here yet: of Python's built-in functions, types and the modules of a course,
 * of JavaScript's global objects, of the headers of C++. Whoever writes one of them has made no mistake.
 */
final class RealNames
{
    /** The kinds of mistakes that say that nobody knows a name. */
    private const UNKNOWN = ['unknown_method', 'misspelt_method', 'unknown_property'];
    private const CALLED = ['unknown_function', 'misspelt_function', 'unknown_name', 'misspelt_name'];
    /** Methods, and members of modules. */
    private const PYTHON = ''
        .'_fields _make accumulate acos acosh altzone append as_integer_ratio ascii_letters ascii_lowercase ascii_uppercase asctime asin asinh astimezone '
        .'atan atan2 atanh betavariate bisect_left bisect_right bit_count bit_length cache cached_property capitalize capwords casefold cbrt '
        .'ceil center chain choice choices clear clock_getres clock_gettime clock_gettime_ns clock_settime clock_settime_ns cmp_to_key comb '
        .'combinations combinations_with_replacement combine compress conjugate copy copyright copysign correlation cosh count covariance '
        .'credits ctime cycle date daylight decode deepcopy defaultdict degrees denominator difference difference_update digits discard '
        .'dispatch_table dist dropwhile encode endswith erfc error exit exp2 expandtabs expm1 expovariate extend fabs factorial filterfalse '
        .'find floor fmean fmod fold format format_map frexp from_bytes fromhex fromisocalendar fromisoformat fromkeys fromordinal '
        .'fromtimestamp fsum gamma gammavariate gauss geometric_mean get_cache_token get_clock_info getrandbits getstate gmtime groupby '
        .'harmonic_mean hash hexdigits hour hypot imag index insert intersection intersection_update is_integer isalnum isalpha isascii '
        .'isclose isdecimal isdigit isdisjoint isfinite isidentifier isinf islice islower isnan isnumeric isocalendar isoformat isoweekday '
        .'isprintable isqrt isspace issubset issuperset istitle isupper items join keys ldexp lgamma license linear_regression ljust '
        .'localtime log10 log1p log2 lognormvariate lower lru_cache lstrip maketrans mean median median_grouped median_high median_low '
        .'microsecond minute mktime mode modf monotonic monotonic_ns month multimode namedtuple nextafter normalvariate numbers numerator '
        .'octdigits pairwise paretovariate partial partialmethod partition perf_counter perf_counter_ns perm permutations popitem pow '
        .'printable process_time process_time_ns prod product pstdev pthread_getcpuclockid punctuation pvariance quantiles quit radians '
        .'randbytes randint random randrange real recursive_repr reduce remainder remove removeprefix removesuffix repeat replace resolution '
        .'reverse rfind rindex rjust round rpartition rsplit rstrip sample second seed setdefault setstate shuffle singledispatch '
        .'singledispatchmethod sinh sleep sort split splitlines sqrt starmap startswith stdev strftime strip strptime struct_time sum '
        .'swapcase symmetric_difference symmetric_difference_update takewhile tanh thread_time thread_time_ns time time_ns timestamp '
        .'timetuple timetz timezone title to_bytes today toordinal total_ordering translate triangular trunc tzinfo tzname tzset uniform '
        .'union update update_wrapper upper utcfromtimestamp utcnow utcoffset utctimetuple values variance vonmisesvariate weekday '
        .'weibullvariate whitespace wraps year zfill zip_longest ';
    private const PYTHON_MORE = 'add_note appendleft args argv attrgetter bisect cache_clear cache_info close closed default_factory deque e elements encoding end environ errno exists exp expand extendleft findall finditer flags flush '
        .'fullmatch gcd getcwd glob group groupdict groups heapify heappop heappush heappushpop heapreplace inf insort insort_left insort_right is_dir is_file itemgetter iterdir joinpath lastgroup lcm limit_denominator listdir log '
        .'max maxlen maxsize mean methodcaller min mkdir mod most_common move_to_end mul name nan nlargest nsmallest parent pattern pi platform popleft quantize read read_text readable readline readlines rmdir rotate search seconds seek '
        .'send sin span start stdin stdout stem step string sub subn subtract suffix tan tau tee tell throw total total_seconds unlink value version walk with_name with_traceback write write_text writelines days microseconds cos ';
    private const PYTHON_CALLED = 'abs aiter all anext any ascii bin bool breakpoint bytearray bytes callable chr classmethod compile complex delattr dict dir divmod enumerate eval exec filter float format frozenset getattr globals hasattr hash help hex id input int isinstance issubclass iter len list locals map max memoryview min next object oct open ord pow print property range repr reversed round set setattr slice sorted staticmethod str sum super tuple type vars zip';
    private const JAVASCRIPT = ''
        .'setEncoding once emit resume pause pipe groupBy fromAsync setAttribute getAttribute preventDefault stringify '
        .'EPSILON LN10 LOG10E LOG2E MAX_SAFE_INTEGER MAX_VALUE MIN_SAFE_INTEGER MIN_VALUE NEGATIVE_INFINITY POSITIVE_INFINITY SQRT1_2 SQRT2 acos acosh '
        .'allSettled anchor apply asin asinh assign atan atan2 atanh atob bind blink bold btoa call catch cbrt ceil charAt charCodeAt clear clearInterval '
        .'clearTimeout clz32 codePointAt compile concat copyWithin cosh create decodeURIComponent defineProperties defineProperty delete dotAll '
        .'encodeURIComponent endsWith entries every exec expm1 fetch fill filter finally find findIndex findLast findLastIndex fixed flags flat flatMap floor '
        .'fontcolor fontsize forEach freeze from fromCharCode fromCodePoint fromEntries fround getDate getDay getFullYear getHours getMilliseconds getMinutes '
        .'getMonth getOwnPropertyDescriptor getOwnPropertyDescriptors getOwnPropertyNames getOwnPropertySymbols getPrototypeOf getSeconds getTime '
        .'getTimezoneOffset getUTCDate getUTCDay getUTCFullYear getUTCHours getUTCMilliseconds getUTCMinutes getUTCMonth getUTCSeconds getYear global '
        .'hasIndices hasOwn hasOwnProperty hypot ignoreCase imul includes indexOf isArray isExtensible isFinite isFrozen isInteger isNaN isPrototypeOf '
        .'isSafeInteger isSealed isWellFormed italics join keys lastIndexOf link localeCompare log10 log1p log2 match matchAll multiline next normalize padEnd '
        .'padStart parse parseFloat parseInt preventExtensions propertyIsEnumerable push queueMicrotask race random reduce reduceRight reject repeat replace '
        .'replaceAll requestAnimationFrame resolve return reverse round seal search setDate setFullYear setHours setImmediate setInterval setMilliseconds '
        .'setMinutes setMonth setPrototypeOf setSeconds setTime setTimeout setUTCDate setUTCFullYear setUTCHours setUTCMilliseconds setUTCMinutes setUTCMonth '
        .'setUTCSeconds setYear shift sign sinh slice small some sort source splice split sqrt startsWith sticky strike structuredClone substr substring tanh '
        .'test then toDateString toExponential toFixed toGMTString toISOString toJSON toLocaleDateString toLocaleLowerCase toLocaleString toLocaleTimeString '
        .'toLocaleUpperCase toLowerCase toPrecision toReversed toSorted toSpliced toString toTimeString toUTCString toUpperCase toWellFormed trim trimEnd '
        .'trimLeft trimRight trimStart trunc unicode unicodeSets unshift valueOf values with getElementById querySelector querySelectorAll createElement '
        .'addEventListener removeEventListener appendChild textContent innerHTML innerText setItem getItem removeItem classList stack cause description '
        .'table time timeEnd group groupEnd dir trace assert countReset ';
    private const JAVASCRIPT_CALLED = 'ArrayBuffer atob BigInt btoa clearInterval clearTimeout decodeURI decodeURIComponent encodeURI encodeURIComponent escape eval fetch globalThis Intl isFinite Proxy queueMicrotask Reflect requestAnimationFrame setImmediate setInterval setTimeout structuredClone Symbol Uint8Array unescape WeakMap WeakRef WeakSet';
    private const CPP = ''
        .'reset flush imbue join detach joinable lock unlock try_lock fetch_add flip to_ulong time_since_epoch insert_after before_begin erase_after setstate narrow widen message category splice remove_if '
        .'key_comp value_comp bucket_count load_factor rehash cbegin cend crend crbegin seekp owner_before push_heap '
        .'abort adjacent_difference adjacent_find advance allocate_shared apply async atexit atof atoi atol bad binary_search bind bsearch calloc capacity '
        .'cbrt clamp clock close contains copy_if copy_n copysign crbegin cref data declval difftime distance emplace emplace_hint empty ends_with equal equal_range '
        .'erf erfc exchange exclusive_scan expm1 extract fclose fdim fgets fill fill_n find_end find_first_not_of find_first_of find_if find_if_not '
        .'find_last_not_of find_last_of flags fma fopen for_each for_each_n forward fprintf free frexp from_chars gcd generate generate_n get get_if get_money '
        .'get_time getchar getenv gets good holds_alternative hypot ignore includes inclusive_scan inner_product inplace_merge insert_or_assign invoke iota '
        .'is_open is_sorted is_sorted_until isblank iscntrl isgraph isprint isxdigit iter_swap lcm ldexp lerp lexicographical_compare lgamma llround localtime '
        .'log1p lower_bound lrint lround make_shared make_unique malloc max_size mem_fn memcmp memcpy memmove memset merge midpoint minmax minmax_element '
        .'mismatch mktime modf nearbyint next_permutation nextafter nth_element open partial_sort partial_sum partition peek perror precision prev '
        .'prev_permutation put put_time putchar puts qsort quick_exit quoted rand rbegin rdstate read realloc reduce ref regex_match regex_replace '
        .'regex_search remainder remove_copy rend replace_copy replace_if reserve rint rotate rotate_copy sample scanf search search_n seekg set_difference '
        .'set_intersection set_symmetric_difference set_union setf shrink_to_fit shuffle size snprintf sprintf srand sscanf ssize stable_partition stable_sort '
        .'starts_with stof stold stoul stoull strcat strchr strcmp strcpy strftime strlen strncmp strncpy strstr strtod strtok strtol swap_ranges system tellg '
        .'eof exceptions fail gcount get_deleter has_value hash_code putback rdbuf release sync sync_with_stdio '
        .'tellp tie unget unique use_count wait wait_for '
        .'tgamma thread time to_chars to_wstring transform_reduce try_emplace unique_copy unsetf upper_bound visit width write ';
    /** Functions that are read of what courses give them, and take more: parts of an array, other containers. */
    private const CPP_CALLED = 'accumulate all_of any_of copy count count_if fill find find_if getline iota max_element memcmp memcpy memset min_element none_of remove remove_if replace reverse rotate sort stable_sort swap transform unique ';

    /** Libraries that come with each of them. */
    private const LIBRARIES = [
        'python' => ''
        .'abc aifc argparse array ast asynchat asyncio asyncore atexit audioop base64 bdb binascii bisect builtins bz2 cProfile calendar cgi cgitb chunk cmath cmd '
        .'code codecs codeop collections colorsys compileall concurrent configparser contextlib contextvars copy copyreg crypt csv ctypes curses dataclasses datetime dbm '
        .'decimal difflib dis distutils doctest email encodings ensurepip enum errno faulthandler fcntl filecmp fileinput fnmatch fractions ftplib functools gc genericpath '
        .'getopt getpass gettext glob graphlib grp gzip hashlib heapq hmac html http imaplib imghdr imp importlib inspect io ipaddress itertools json keyword lib2to3 '
        .'linecache locale logging lzma mailbox mailcap marshal math mimetypes mmap modulefinder msilib msvcrt multiprocessing netrc nis nntplib nt ntpath nturl2path numbers '
        .'opcode operator optparse os ossaudiodev pathlib pdb pickle pickletools pipes pkgutil platform plistlib poplib posix posixpath pprint profile pstats pty pwd '
        .'py_compile pyclbr pydoc pydoc_data pyexpat queue quopri random re readline reprlib resource rlcompleter runpy sched secrets select selectors shelve shlex shutil '
        .'signal site smtpd smtplib sndhdr socket socketserver spwd sqlite3 sre_compile sre_constants sre_parse ssl stat statistics string stringprep struct subprocess sunau '
        .'symtable sys sysconfig syslog tabnanny tarfile telnetlib tempfile termios textwrap threading time timeit tkinter token tokenize tomllib trace traceback '
        .'tracemalloc tty turtle types typing unicodedata unittest urllib uu uuid venv warnings wave weakref webbrowser winreg winsound wsgiref xdrlib xml xmlrpc '
        .'zipapp zipfile zipimport zlib zoneinfo ',
        'javascript' => ''
        .'assert async_hooks buffer child_process cluster console constants crypto dgram dns domain events fs http http2 https inspector module net os path perf_hooks process '
        .'punycode querystring readline repl stream string_decoder timers tls tty url util v8 vm worker_threads zlib ',
        'cpp' => ''
        .'algorithm any array atomic backward barrier bit bits bitset cassert ccomplex cctype cerrno cfenv cfloat charconv chrono cinttypes ciso646 climits clocale cmath '
        .'codecvt compare complex concepts condition_variable coroutine csetjmp csignal cstdalign cstdarg cstdbool cstddef cstdint cstdio cstdlib cstring ctgmath ctime cuchar '
        .'cwchar cwctype debug decimal deque exception execution expected experimental ext filesystem forward_list fstream functional future initializer_list iomanip ios '
        .'iosfwd iostream istream iterator latch limits list locale map memory memory_resource mutex new numbers numeric optional ostream parallel pstl queue random ranges '
        .'ratio regex scoped_allocator semaphore set shared_mutex source_location span spanstream sstream stack stacktrace stdexcept stop_token streambuf string string_view '
        .'syncstream system_error thread tr1 tr2 tuple type_traits typeindex typeinfo unordered_map unordered_set utility valarray variant vector version ',
    ];

    /** @var array<string, array<string, true>> by language */
    private static array $names = [];

    /** The same mistake; where it is none, what is not read yet. */
    public static function told(Mistake $mistake, Language $language): Mistake
    {
        $name = $mistake->parameters['name'] ?? null;
        if ('unknown_library' === $mistake->kind && \is_string($name)) {
            $isReal = str_contains(' '.self::LIBRARIES[$language->value].' ', ' '.(string) preg_replace('/^node:|[.\/].*$/', '', $name).' ');

            return $isReal ? new Mistake('unsupported', $mistake->offset, $mistake->length, ['what' => $name]) : $mistake;
        }
        $isCalled = \in_array($mistake->kind, self::CALLED, true);
        if (!\is_string($name) || !$isCalled && !\in_array($mistake->kind, self::UNKNOWN, true) || !isset(self::of($language, $isCalled)[$name])) {
            return $mistake;
        }

        return new Mistake('unsupported', $mistake->offset, $mistake->length, ['what' => $name]);
    }

    /** Whether a language has a function of its own under a name that is not read here. */
    public static function isCalled(string $name, Language $language): bool
    {
        return isset(self::of($language, true)[$name]);
    }

    /** Whether a language has something under a name that is not read here. */
    public static function has(string $name, Language $language): bool
    {
        return isset(self::of($language, false)[$name]);
    }

    /**
     * @param bool $isCalled by itself, not of a value or a module; or named so
     *
     * @return array<string, true>
     */
    private static function of(Language $language, bool $isCalled): array
    {
        return self::$names[$language->value.($isCalled ? ' called' : '')] ??= self::made($language, $isCalled);
    }

    /** @return array<string, true> */
    private static function made(Language $language, bool $isCalled): array
    {
        $names = match ($language) {
            Language::Python => $isCalled ? self::PYTHON_CALLED : self::PYTHON.self::PYTHON_MORE,
            Language::JavaScript => $isCalled ? self::JAVASCRIPT_CALLED : self::JAVASCRIPT,
            Language::Cpp => self::CPP,
        };
        // What is read somewhere is known: there it stands in the wrong place, which is a mistake.
        $index = SpellingIndex::of($language);
        $unread = array_diff_key(array_fill_keys(explode(' ', trim($names)), true), $index->functions, $index->methods, $index->properties);

        return $unread + (Language::Cpp === $language && $isCalled ? array_fill_keys(explode(' ', trim(self::CPP_CALLED)), true) : []);
    }
}
