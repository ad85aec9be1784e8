<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Language\Language;

/** The body of programs written by hand, each a thing that a course would do. */
final class Programs
{
    /** @return array<string, array{Language, string, string}> language, text and answers by the file's name */
    public static function all(): array
    {
        return self::in('');
    }

    /** @return array<string, array{Language, string, string}> programs that say something which their own language alone can say */
    public static function only(): array
    {
        return self::in('only/');
    }

    /** @return array<string, array{Language, string, string}> */
    private static function in(string $folder): array
    {
        $programs = [];
        foreach (glob(\dirname(__DIR__)."/programs/$folder*.{py,js,cpp}", \GLOB_BRACE) ?: [] as $file) {
            $language = Language::ofFile($file) ?? throw new \LogicException($file);
            $answers = preg_replace('/\.\w+$/', '.in', $file);
            $programs[basename($file)] = [$language, (string) file_get_contents($file), is_file((string) $answers) ? (string) file_get_contents((string) $answers) : ''];
        }

        return $programs;
    }

    /**
     * Texts of demos and of the body, by language.
     *
     * @return list<array{Language, string}>
     */
    public static function texts(): array
    {
        $texts = [];
        foreach (self::all() as [$language, $text]) {
            $texts[] = [$language, $text];
        }
        foreach (Demos::programs() as $program) {
            foreach (Language::cases() as $language) {
                $texts[] = [$language, $language->print($program)->text()];
            }
        }

        return $texts;
    }
}
