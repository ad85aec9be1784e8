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
        $notation = $language->notation();
        $names = $isCalled && '' !== $notation->realFunctions ? $notation->realFunctions : $notation->realNames;
        // What is read somewhere is known: there it stands in the wrong place, which is a mistake.
        $index = SpellingIndex::of($language);
        $unread = array_diff_key(array_fill_keys(explode(' ', trim($names)), true), $index->functions, $index->methods, $index->properties);

        return $unread + ($isCalled && '' !== $notation->freeFunctions ? array_fill_keys(explode(' ', $notation->freeFunctions), true) : []);
    }
}
