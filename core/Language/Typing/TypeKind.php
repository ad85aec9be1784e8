<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

enum TypeKind
{
    /** Nothing yet: the bottom of the lattice. */
    case Unknown;
    /** A whole number that is never negative, so that every language divides it alike. */
    case Natural;
    case Whole;
    /** Whole numbers of 64 bits, `long long`, which C++ alone keeps apart. */
    case LongNatural;
    case Long;
    /** Whole numbers without a sign, of 32 and of 64 bits, which begin again at zero in C++ alone. */
    case Unsigned;
    case UnsignedLong;
    case Number;
    /** A whole number in one call and any other in the next, which a template of C++ divides as either (C++17, 17.8). */
    case Either;
    case Truth;
    /** One letter, which only C++ keeps apart from a text. */
    case Letter;
    case Text;
    case List;
    case Map;
    /** Each thing once. */
    case Set;
    /** A small function as a value. */
    case Function;
    /** A whole number, or nothing. */
    case MaybeWhole;
    case DrivePair;
    case SurfaceSensor;
    case RangeSensor;
    case Lamp;
    /** An object of one of the program's own classes. */
    case Object;
    /** The same, copied wherever it is handed on. */
    case Copied;
    /** Values of several kinds. */
    case Mixed;
}
