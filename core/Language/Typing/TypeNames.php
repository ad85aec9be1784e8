<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

/** Types as C++ names them. */
final class TypeNames
{
    public static function write(StaticType $type): string
    {
        return match ($type->kind) {
            TypeKind::Natural, TypeKind::Whole => 'int',
            TypeKind::LongNatural, TypeKind::Long => 'long long',
            TypeKind::Number, TypeKind::Unknown => 'double',
            TypeKind::Truth => 'bool',
            TypeKind::Text => 'string',
            TypeKind::Letter => 'char',
            TypeKind::List => 'vector<'.self::write($type->element ?? StaticType::unknown()).'>',
            TypeKind::Map => 'map<'.self::write($type->key ?? StaticType::unknown()).', '.self::write($type->element ?? StaticType::unknown()).'>',
            TypeKind::MaybeWhole => 'optional<int>',
            TypeKind::DrivePair => 'DrivePair',
            TypeKind::SurfaceSensor => 'SurfaceSensor',
            TypeKind::RangeSensor => 'RangeSensor',
            TypeKind::Lamp => 'Lamp',
            TypeKind::Mixed, TypeKind::Function => 'auto',
        };
    }

    /** Unknown for a type that is not one of ours, and for `auto`. */
    public static function read(string $name): StaticType
    {
        $name = trim((string) preg_replace(['/^(?:const )?unsigned$/', '/\b(?:const|std::|unsigned|static|constexpr)\s*/', '/\s*&$/', '/\s+/'], ['int', '', '', ' '], $name));
        if (1 === preg_match('/^vector ?< ?(.*) ?>$/s', $name, $match) || 1 === preg_match('/^array ?< ?(.*), ?\w+ ?>$/s', $name, $match)) {
            return StaticType::listOf(self::read($match[1]));
        }
        if (1 === preg_match('/^(?:unordered_)?map ?< ?([^,<]+) ?, ?(.*) ?>$/s', $name, $match)) {
            return StaticType::mapOf(self::read($match[1]), self::read($match[2]));
        }

        return match ($name) {
            'int', 'short', 'size_t' => StaticType::whole(),
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
            default => StaticType::unknown(),
        };
    }
}
