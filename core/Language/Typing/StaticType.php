<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

/** What is known of a value before the program runs. There is one object of each type, so that `===` compares them. */
final class StaticType
{
    /** Deeper lists in lists are taken as mixed, so that finding types ends. */
    private const DEEPEST = 4;

    /** @var array<string, self> */
    private static array $all = [];

    /**
     * @param self|null  $element  of a list, or of the values of a map
     * @param self|null  $key      of a map
     * @param bool       $isScalar whether none of the kinds that are mixed holds others: texts, numbers, truths, nothing
     * @param list<self> $parts    of a list with a fixed number of items, each of a type of its own: a pair
     */
    private function __construct(public readonly TypeKind $kind, public readonly ?self $element = null, public readonly ?self $key = null, private readonly int $depth = 0, public readonly ?string $class = null, public readonly array $parts = [], public readonly bool $isScalar = false)
    {
    }

    /** @param non-empty-list<self> $parts */
    public static function tupleOf(array $parts): self
    {
        $depth = max(array_map(static fn (self $part): int => $part->depth, $parts));
        $element = array_reduce($parts, static fn (self $all, self $part): self => $all->join($part), self::unknown());

        return $depth >= self::DEEPEST ? self::mixed() : self::$all['('.implode(',', $parts).')'] ??= new self(TypeKind::List, $element, null, $depth + 1, null, $parts);
    }

    public static function of(TypeKind $kind): self
    {
        return self::$all[$kind->name] ??= new self($kind);
    }

    /** An object of a class of the program's own. */
    public static function object(string $class): self
    {
        return self::$all["@$class"] ??= new self(TypeKind::Object, null, null, 0, $class);
    }

    /** An object that is copied wherever it is handed on. */
    public static function copied(string $class): self
    {
        return self::$all["=$class"] ??= new self(TypeKind::Copied, null, null, 0, $class);
    }

    public static function unknown(): self
    {
        return self::of(TypeKind::Unknown);
    }

    public static function natural(): self
    {
        return self::of(TypeKind::Natural);
    }

    public static function whole(): self
    {
        return self::of(TypeKind::Whole);
    }

    public static function wholeOf(bool $natural, bool $wide): self
    {
        return self::of($wide ? ($natural ? TypeKind::LongNatural : TypeKind::Long) : ($natural ? TypeKind::Natural : TypeKind::Whole));
    }

    public static function number(): self
    {
        return self::of(TypeKind::Number);
    }

    public static function truth(): self
    {
        return self::of(TypeKind::Truth);
    }

    public static function text(): self
    {
        return self::of(TypeKind::Text);
    }

    public static function letter(): self
    {
        return self::of(TypeKind::Letter);
    }

    public static function mixed(): self
    {
        return self::of(TypeKind::Mixed);
    }

    /** Values of several kinds, none of which holds others. */
    private static function scalars(): self
    {
        return self::$all['scalars'] ??= new self(TypeKind::Mixed, isScalar: true);
    }

    private function isPlain(): bool
    {
        return $this->isScalar || $this->isNumeric() || $this->isTextual() || TypeKind::Truth === $this->kind || TypeKind::MaybeWhole === $this->kind;
    }

    /** Whether values of several kinds stand in it, at whatever depth: what C++ has no type for. */
    public function isMixed(): bool
    {
        return TypeKind::Mixed === $this->kind || [] === $this->parts && true === $this->element?->isMixed() || [] !== array_filter($this->parts, static fn (self $part): bool => $part->isMixed()) || true === $this->key?->isMixed();
    }

    public static function listOf(self $element): self
    {
        return $element->depth >= self::DEEPEST ? self::mixed() : self::$all["[$element]"] ??= new self(TypeKind::List, $element, null, $element->depth + 1);
    }

    public static function setOf(self $element): self
    {
        return $element->depth >= self::DEEPEST ? self::mixed() : self::$all["<$element>"] ??= new self(TypeKind::Set, $element, null, $element->depth + 1);
    }

    public function isSet(): bool
    {
        return TypeKind::Set === $this->kind;
    }

    public static function mapOf(self $key, self $element): self
    {
        return max($key->depth, $element->depth) >= self::DEEPEST ? self::mixed() : self::$all["{{$key}:$element}"] ??= new self(TypeKind::Map, $element, $key, max($key->depth, $element->depth) + 1);
    }

    public function __toString(): string
    {
        return match ($this->kind) {
            TypeKind::List => [] === $this->parts ? "[$this->element]" : '('.implode(',', $this->parts).')',
            TypeKind::Set => "<$this->element>",
            TypeKind::Map => "{{$this->key}:$this->element}",
            TypeKind::Object => "@$this->class",
            TypeKind::Copied => "=$this->class",
            TypeKind::Mixed => $this->isScalar ? 'Scalars' : 'Mixed',
            default => $this->kind->name,
        };
    }

    /**
     * The narrowest type that holds both.
     *
     * @param bool $isTemplate whether whole numbers stay what they are beside others
     */
    public function join(self $other, bool $isTemplate = false): self
    {
        if ($this === $other || TypeKind::Unknown === $other->kind) {
            return $this;
        }
        if (TypeKind::Unknown === $this->kind) {
            return $other;
        }
        if ($this->isNumeric() && $other->isNumeric()) {
            if (!$this->isWhole() || !$other->isWhole()) {
                return $isTemplate || TypeKind::Either === $this->kind || TypeKind::Either === $other->kind ? self::of(TypeKind::Either) : self::number();
            }

            foreach ([TypeKind::UnsignedLong, TypeKind::Long, TypeKind::Unsigned] as $kind) {
                // What C++ reckons in is the one of the higher rank (C++17, 8.0.11).
                if (TypeKind::Long !== $kind ? $this->kind === $kind || $other->kind === $kind : $this->isWide() || $other->isWide()) {
                    return TypeKind::Long === $kind ? self::wholeOf($this->isNatural() && $other->isNatural() && !$this->isUnsigned() && !$other->isUnsigned(), true) : self::of($kind);
                }
            }

            return self::wholeOf($this->isNatural() && $other->isNatural(), false);
        }
        if (TypeKind::MaybeWhole === $this->kind && $other->isWhole() || $this->isWhole() && TypeKind::MaybeWhole === $other->kind) {
            return self::of(TypeKind::MaybeWhole);
        }
        if (null !== $this->class && TypeKind::MaybeWhole === $other->kind) {
            return $this;
        }
        if (null !== $other->class && TypeKind::MaybeWhole === $this->kind) {
            return $other;
        }
        if ($this->isTextual() && $other->isTextual()) {
            return self::text();
        }
        if ([] !== $this->parts && \count($this->parts) === \count($other->parts)) {
            return self::tupleOf(array_map(static fn (self $one, self $two): self => $one->join($two, $isTemplate), $this->parts, $other->parts));
        }
        if (null !== $this->element && null !== $other->element && $this->kind === $other->kind) {
            $element = $this->element->join($other->element, $isTemplate);

            return $this->isSet() ? self::setOf($element) : (null === $this->key || null === $other->key ? self::listOf($element) : self::mapOf($this->key->join($other->key, $isTemplate), $element));
        }

        return $this->isPlain() && $other->isPlain() ? self::scalars() : self::mixed();
    }

    public function isNumeric(): bool
    {
        return TypeKind::Number === $this->kind || TypeKind::Either === $this->kind || $this->isWhole();
    }

    public function isWhole(): bool
    {
        return TypeKind::Natural === $this->kind || TypeKind::Whole === $this->kind || TypeKind::Unsigned === $this->kind || $this->isWide();
    }

    /** A whole number that is never negative. */
    public function isNatural(): bool
    {
        return TypeKind::Natural === $this->kind || TypeKind::LongNatural === $this->kind || $this->isUnsigned();
    }

    /** A whole number that C++ keeps in 64 bits. */
    public function isWide(): bool
    {
        return TypeKind::LongNatural === $this->kind || TypeKind::Long === $this->kind || TypeKind::UnsignedLong === $this->kind;
    }

    /** A whole number that begins again at zero in C++. */
    public function isUnsigned(): bool
    {
        return TypeKind::Unsigned === $this->kind || TypeKind::UnsignedLong === $this->kind;
    }

    public function isTextual(): bool
    {
        return TypeKind::Text === $this->kind || TypeKind::Letter === $this->kind;
    }

    public function isList(): bool
    {
        return TypeKind::List === $this->kind;
    }

    public function isMap(): bool
    {
        return TypeKind::Map === $this->kind;
    }

    /** What going over it, or asking for an item, gives. */
    public function item(): self
    {
        return match ($this->kind) {
            TypeKind::List, TypeKind::Map, TypeKind::Set => $this->element ?? self::unknown(),
            TypeKind::Text => self::letter(),
            default => self::unknown(),
        };
    }
}
