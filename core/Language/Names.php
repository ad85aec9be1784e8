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
        // keywords: C++17, 5.11, and what the standard headers put into the global namespace
        'alignas', 'alignof', 'and_eq', 'asm', 'auto', 'bitand', 'bitor', 'char', 'char16_t', 'char32_t', 'compl', 'const_cast', 'constexpr', 'decltype', 'double', 'dynamic_cast', 'explicit', 'extern', 'friend', 'goto', 'inline', 'long', 'mutable', 'namespace', 'noexcept', 'not_eq', 'nullptr', 'operator', 'or_eq', 'register', 'reinterpret_cast', 'short', 'signed', 'sizeof', 'static_assert', 'static_cast', 'struct', 'template', 'thread_local', 'typedef', 'typeid', 'typename', 'union', 'unsigned', 'using', 'virtual', 'volatile', 'wchar_t', 'xor', 'xor_eq', 'main', 'std', 'string', 'cout', 'cin', 'endl', 'pow', 'floor_div', 'floor_mod', 'random_between', 'join', 'scrivlet',
        'y0', 'y1', 'yn', 'j0', 'j1', 'jn', 'abs', 'acos', 'asin', 'atan', 'ceil', 'clock', 'cos', 'div', 'environ', 'erf', 'exit', 'exp', 'fabs', 'floor', 'fmod', 'free', 'gamma', 'hypot', 'index', 'isnan', 'labs', 'log', 'malloc', 'read', 'remove', 'rename', 'rint', 'round', 'signal', 'sin', 'sqrt', 'stdin', 'stdout', 'stderr', 'system', 'tan', 'time', 'tolower', 'toupper', 'trunc', 'unix', 'linux', 'write', 'link', 'access', 'dup', 'pipe', 'pause', 'sleep', 'select', 'send', 'wait', 'NULL', 'EOF', 'errno',
        // our own objects
        'nib', 'barrow', 'lantern', 'mower',
    ];

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

    /** Two underscores are the compiler's own in C++ (5.10). */
    public static function isTaken(string $name): bool
    {
        return \in_array($name, self::TAKEN, true) || str_starts_with($name, '_') || str_contains($name, '__');
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
            $distance = levenshtein(mb_strtolower($name), mb_strtolower($candidate));
            if ($distance < $least) {
                [$best, $least] = [$candidate, $distance];
            }
        }

        return $best;
    }
}
