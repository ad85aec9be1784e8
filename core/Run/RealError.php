<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\FailureKind;

/** What the real machine calls a mistake that stops a run (The Python Standard Library 3.11, Built-in Exceptions; ECMAScript 2022, 20.5.5). */
final class RealError
{
    /** @return string|null null for what only stops here: a limit of this place, or what the real machine lets pass */
    public static function of(RunError $error, Language $language): ?string
    {
        return match ($error->raised) {
            null => null === $error->object || '' === $error->object->class ? self::named($error->kind, $language) : $error->object->class,
            FailureKind::Text => 'const char*',
            FailureKind::Whole => 'int',
            FailureKind::Letters => 'string',
            FailureKind::Bare => 'string',
            default => $language->semantics()->failurePrefix.FailureNames::thrown($language, $error->raised),
        };
    }

    /** Whether the real machine lets a program catch it. */
    public static function isCaught(RunError $error, Language $language): bool
    {
        $name = self::of($error, $language);

        return null !== $name && (null !== $error->raised || null !== $error->object || str_starts_with($name, $language->semantics()->failurePrefix));
    }

    private static function named(string $kind, Language $language): ?string
    {
        return $language->semantics()->failures[$kind] ?? null;
    }
}
