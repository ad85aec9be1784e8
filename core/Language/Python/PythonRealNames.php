<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

/** Names that Python has and that are not read here. */
final class PythonRealNames
{
    /** What is kept and can be done, and modules. */
    public const NAMES = ''
        .'Random SystemRandom ASCII DOTALL IGNORECASE MULTILINE VERBOSE I M S X _fields _make accumulate acos acosh altzone append as_integer_ratio ascii_letters ascii_lowercase ascii_uppercase asctime asin asinh astimezone '
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
        .'weibullvariate whitespace wraps year zfill zip_longest '
        .'add_note appendleft args argv attrgetter bisect cache_clear cache_info close closed default_factory deque e elements encoding end environ errno exists exp expand extendleft findall finditer flags flush '
        .'fullmatch gcd getcwd glob group groupdict groups heapify heappop heappush heappushpop heapreplace inf insort insort_left insort_right is_dir is_file itemgetter iterdir joinpath lastgroup lcm limit_denominator listdir log '
        .'max maxlen maxsize mean methodcaller min mkdir mod most_common move_to_end mul name nan nlargest nsmallest parent pattern pi platform popleft quantize read read_text readable readline readlines rmdir rotate search seconds seek '
        .'send sin span start stdin stdout stem step string sub subn subtract suffix tan tau tee tell throw total total_seconds unlink value version walk with_name with_traceback write write_text writelines days microseconds cos ';
    /** What is called by itself. */
    public const FUNCTIONS = 'abs aiter all anext any ascii bin bool breakpoint bytearray bytes callable chr classmethod compile complex delattr dict dir divmod enumerate eval exec filter float format frozenset getattr globals hasattr hash help hex id input int isinstance issubclass iter len list locals map max memoryview min next object oct open ord pow print property range repr reversed round set setattr slice sorted staticmethod str sum super tuple type vars zip';
}
