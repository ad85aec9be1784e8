<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

/** What is known of a value before the program runs. Naturals are wholes, wholes are numbers. */
enum StaticType
{
    /** Nothing yet: the bottom of the lattice. */
    case Unknown;
    /** A whole number that is never negative, so that every language divides it alike. */
    case Natural;
    case Whole;
    case Number;
    case Truth;
    case Text;
    /** Values of several kinds. */
    case Mixed;

    /** The narrowest type that holds both. */
    public function join(self $other): self
    {
        if ($this === $other || self::Unknown === $other) {
            return $this;
        }
        if (self::Unknown === $this) {
            return $other;
        }
        if (!$this->isNumeric() || !$other->isNumeric()) {
            return self::Mixed;
        }

        return self::Number === $this || self::Number === $other ? self::Number : self::Whole;
    }

    public function isNumeric(): bool
    {
        return self::Number === $this || $this->isWhole();
    }

    public function isWhole(): bool
    {
        return self::Natural === $this || self::Whole === $this;
    }
}
