<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

/** Types as C++ names them. */
final class TypeNames
{
    /** How many types are kept by their names: a text has few, a process reads many texts. */
    private const MOST_KNOWN = 500;

    /** @var array<string, StaticType> */
    private static array $known = [];

    /** Types of a number of bits that is told (C++17, 21.4.1), as they are without it on the machines of courses. */
    public const OF_BITS = ['int32_t' => 'int', 'uint32_t' => 'unsigned int', 'int64_t' => 'long long', 'uint64_t' => 'unsigned long long', 'ptrdiff_t' => 'long', 'uint' => 'unsigned int', 'int16_t' => 'short', 'uint16_t' => 'unsigned short', 'uint8_t' => 'unsigned char'];
    /** Words that begin the name of a plain type (C++17, 10.1.7.2). */
    public const PLAIN = ['int' => true, 'double' => true, 'float' => true, 'bool' => true, 'char' => true, 'auto' => true, 'long' => true, 'short' => true, 'unsigned' => true, 'signed' => true, 'size_t' => true] + self::OF_BITS;

    /**
     * How many bits a type has that is narrower than the one in which its numbers are reckoned with (C++17, 7.6 and 7.7): 32 for a
     * `float`, below zero for whole numbers without a sign, 0 for any other type.
     *
     * @return 0|32|16|-16|-8
     */
    public static function narrow(string $name): int
    {
        return match (trim((string) preg_replace(['/\b(?:const|static|constexpr|signed)\s+/', '/\s+int\b/'], '', $name))) {
            'float' => 32,
            'short' => 16,
            'unsigned short' => -16,
            'unsigned char' => -8,
            default => 0,
        };
    }

    /** Whether a type has nothing but names and the signs of types; no other is kept. */
    public static function isWritten(string $type): bool
    {
        return 1 === preg_match('/^[\w:<>, &*]+$/D', $type);
    }

    /** A type as its values have it, constant or by another name or not. */
    public static function bare(string $type): string
    {
        return trim(str_replace(['const ', '&'], '', $type));
    }

    /** A list that is declared as a stack or a queue is written as what it is kept in: all that is done to it can be done to that. */
    public static function plain(string $name): string
    {
        // What compares the members of a queue shows in what is asked of it.
        $name = (string) preg_replace('/\bpriority_queue ?< ?((?:[^<>,]|<[^<>]*>)+), ?vector ?<(?:[^<>]|<[^<>]*>)*>, ?(?:greater ?<(?:[^<>]|<[^<>]*>)*>|\w+) ?>/', 'vector<$1>', $name);

        return (string) preg_replace(['/\b(?:stack|queue|deque|priority_queue|multiset|initializer_list)(?= ?<)/', '/\bunique_ptr(?= ?<)/'], ['vector', 'shared_ptr'], $name);
    }

    public static function write(StaticType $type): string
    {
        return match ($type->kind) {
            TypeKind::Natural, TypeKind::Whole => 'int',
            TypeKind::LongNatural, TypeKind::Long => 'long long',
            TypeKind::Unsigned => 'unsigned int',
            TypeKind::UnsignedLong => 'unsigned long long',
            TypeKind::Number, TypeKind::Either, TypeKind::Unknown => 'double',
            TypeKind::Truth => 'bool',
            TypeKind::Text => 'string',
            TypeKind::Letter => 'char',
            TypeKind::List => [] !== $type->parts ? (2 === \count($type->parts) ? 'pair<' : 'tuple<').implode(', ', array_map(self::write(...), $type->parts)).'>' : 'vector<'.self::write($type->element ?? StaticType::unknown()).'>',
            TypeKind::Map => 'map<'.self::write($type->key ?? StaticType::unknown()).', '.self::write($type->element ?? StaticType::unknown()).'>',
            TypeKind::Set => 'set<'.self::write($type->element ?? StaticType::unknown()).'>',
            TypeKind::MaybeWhole => 'optional<int>',
            TypeKind::DrivePair => 'DrivePair',
            TypeKind::SurfaceSensor => 'SurfaceSensor',
            TypeKind::RangeSensor => 'RangeSensor',
            TypeKind::Lamp => 'Lamp',
            TypeKind::Object => "shared_ptr<$type->class>",
            TypeKind::Copied => (string) $type->class,
            TypeKind::Mixed, TypeKind::Function => 'auto',
        };
    }

    /** Whether each call of a template says a part of it. */
    public static function isOpen(string $type): bool
    {
        return 1 === preg_match('/\bauto\b/', $type);
    }

    /** Unknown for a type that is not one of ours, and for `auto`. */
    public static function read(string $name): StaticType
    {
        if (\count(self::$known) > self::MOST_KNOWN) {
            self::$known = [];
        }

        return self::$known[$name] ??= self::readAnew($name);
    }

    private static function readAnew(string $name): StaticType
    {
        $name = trim((string) preg_replace(['/\b(?:const|std::|static|constexpr|signed(?= ))\s*/', '/\s*&$/', '/\s+/'], ['', '', ' '], $name));
        if (1 === preg_match('/^(?:vector|stack|queue|deque|priority_queue|multiset|initializer_list) ?< ?(.*) ?>$/s', $name, $match) || 1 === preg_match('/^array ?< ?(.*), ?\w+ ?>$/s', $name, $match)) {
            // What a queue keeps its members in, and what compares them, are no members.
            return StaticType::listOf(self::read(str_starts_with($name, 'priority_queue') ? self::parts($match[1])[0] ?? '' : $match[1]));
        }
        if (1 === preg_match('/^(?:pair|tuple) ?< ?(.*) ?>$/s', $name, $match) && [] !== $parts = self::parts($match[1])) {
            return StaticType::tupleOf(array_map(self::read(...), $parts));
        }
        if (1 === preg_match('/^(?:unordered_)?set ?< ?(.*) ?>$/s', $name, $match)) {
            return StaticType::setOf(self::read($match[1]));
        }
        if (1 === preg_match('/^(?:unordered_)?map ?< ?(.*) ?>$/s', $name, $match) && 2 === \count($parts = self::parts($match[1]))) {
            return StaticType::mapOf(self::read($parts[0]), self::read($parts[1]));
        }

        return match ($name) {
            'int', 'signed', 'short', 'short int', 'unsigned short', 'unsigned short int', 'unsigned char' => StaticType::whole(),
            'unsigned', 'unsigned int' => StaticType::of(TypeKind::Unsigned),
            'size_t', 'unsigned long', 'unsigned long long', 'unsigned long int', 'unsigned long long int' => StaticType::of(TypeKind::UnsignedLong),
            'long', 'long long', 'long int', 'long long int', 'int64_t' => StaticType::of(TypeKind::Long),
            'double', 'float' => StaticType::number(),
            'bool' => StaticType::truth(),
            'string' => StaticType::text(),
            'char' => StaticType::letter(),
            'optional<int>' => StaticType::of(TypeKind::MaybeWhole),
            'DrivePair' => StaticType::of(TypeKind::DrivePair),
            'SurfaceSensor' => StaticType::of(TypeKind::SurfaceSensor),
            'RangeSensor' => StaticType::of(TypeKind::RangeSensor),
            'Lamp' => StaticType::of(TypeKind::Lamp),
            default => self::ofClass($name),
        };
    }

    /** The type of what a list or a map of a type holds, as it is written; empty where it is none. */
    public static function ofItem(string $type): string
    {
        if (1 !== preg_match('/^(?:const )?(?:std::)?(vector|deque|array|list|initializer_list|priority_queue|(?:unordered_)?(?:map|set)) ?< ?(.*) ?>[ &]*$/s', $type, $match)) {
            return '';
        }
        $parts = self::parts($match[2]);

        return str_ends_with($match[1], 'map') ? $parts[1] ?? '' : $parts[0] ?? '';
    }

    /** @return list<string> types with commas between them, those within brackets left together */
    private static function parts(string $types): array
    {
        $parts = [];
        $depth = 0;
        $part = '';
        foreach (str_split($types) as $sign) {
            $depth += ['<' => 1, '>' => -1][$sign] ?? 0;
            if (',' === $sign && 0 === $depth) {
                $parts[] = trim($part);
                $part = '';
            } else {
                $part .= $sign;
            }
        }

        return '' === trim($part) ? $parts : [...$parts, trim($part)];
    }

    /** What is no type of the language may be a class of the program. */
    private static function ofClass(string $name): StaticType
    {
        if (1 === preg_match('/^(?:shared|unique)_ptr ?< ?(\w+) ?>$/D', $name, $match) || 1 === preg_match('/^(\w+) ?\*$/D', $name, $match)) {
            return StaticType::object($match[1]);
        }

        return 1 === preg_match('/^(?!auto$|void$|char$|[io]?stringstream$|ostream$|\w+_ptr$)[A-Za-z_]\w*$/D', $name) ? StaticType::copied($name) : StaticType::unknown();
    }
}
