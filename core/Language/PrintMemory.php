<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Tree\Program;

/** Programs never change, so that what one prints as is found once while it is in use. */
final class PrintMemory
{
    /** @var \WeakMap<Program, array<string, PrintedText>>|null */
    private static ?\WeakMap $printed = null;

    /** @param \Closure(): PrintedText $print */
    public static function of(Program $program, Language $language, \Closure $print): PrintedText
    {
        /** @var \WeakMap<Program, array<string, PrintedText>> $printed */
        $printed = self::$printed ??= new \WeakMap();
        $known = $printed[$program] ?? [];
        if (!isset($known[$language->value])) {
            $known[$language->value] = $print();
            $printed[$program] = $known;
        }

        return $known[$language->value];
    }

    /** A program that differs from another in nothing that shows in a language prints as that does. */
    public static function alike(Program $program, Program $known, Language $language): void
    {
        $printed = self::$printed[$known][$language->value] ?? null;
        if (null !== $printed) {
            self::of($program, $language, static fn (): PrintedText => $printed);
        }
    }
}
