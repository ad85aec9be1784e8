<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Cpp\CppLexer;
use Scrivlet\Core\Language\Cpp\CppLibraries;
use Scrivlet\Core\Language\Cpp\CppNotation;
use Scrivlet\Core\Language\Cpp\CppSemantics;
use Scrivlet\Core\Language\JavaScript\JavaScriptLexer;
use Scrivlet\Core\Language\JavaScript\JavaScriptLibraries;
use Scrivlet\Core\Language\JavaScript\JavaScriptNotation;
use Scrivlet\Core\Language\JavaScript\JavaScriptSemantics;
use Scrivlet\Core\Language\Parsing\Reader;
use Scrivlet\Core\Language\Parsing\Reading;
use Scrivlet\Core\Language\Python\PythonLexer;
use Scrivlet\Core\Language\Python\PythonLibraries;
use Scrivlet\Core\Language\Python\PythonNotation;
use Scrivlet\Core\Language\Python\PythonSemantics;
use Scrivlet\Core\Tree\Program;

enum Language: string
{
    case Python = 'python';
    case JavaScript = 'javascript';
    case Cpp = 'cpp';

    public function title(): string
    {
        return match ($this) {
            self::Python => 'Python',
            self::JavaScript => 'JavaScript',
            self::Cpp => 'C++',
        };
    }

    /** The ending of a file's name, without its dot. */
    public function extension(): string
    {
        return match ($this) {
            self::Python => 'py',
            self::JavaScript => 'js',
            self::Cpp => 'cpp',
        };
    }

    /**
     * @param bool $spaced with what stands between others and means nothing
     *
     * @return list<Lexing\Token>
     */
    public function tokens(string $text, bool $spaced = true): array
    {
        return match ($this) {
            self::Python => PythonLexer::tokens($text, $spaced),
            self::JavaScript => JavaScriptLexer::tokens($text, $spaced),
            self::Cpp => CppLexer::tokens($text, $spaced),
        };
    }

    /** @return list<string> */
    public function keywords(): array
    {
        return match ($this) {
            self::Python => PythonLexer::keywords(),
            self::JavaScript => JavaScriptLexer::keywords(),
            self::Cpp => CppLexer::keywords(),
        };
    }

    /** The first of the others. */
    public function another(): self
    {
        return self::cases()[self::cases()[0] === $this ? 1 : 0];
    }

    /** Whether a program is written by hand in a language whose variables keep their types. */
    public static function isTyped(Program $program): bool
    {
        foreach (self::cases() as $language) {
            if ($language->semantics()->typed && isset($program->handwriting[$language->value])) {
                return true;
            }
        }

        return false;
    }

    /** How its programs run. */
    public function semantics(): Semantics
    {
        return match ($this) {
            self::Python => PythonSemantics::facts(),
            self::JavaScript => JavaScriptSemantics::facts(),
            self::Cpp => CppSemantics::facts(),
        };
    }

    /** How its texts look. */
    public function notation(): Notation
    {
        return match ($this) {
            self::Python => PythonNotation::facts(),
            self::JavaScript => JavaScriptNotation::facts(),
            self::Cpp => CppNotation::facts(),
        };
    }

    /**
     * @param list<Lexing\Token>   $tokens without spaces and remarks
     * @param array<string, mixed> $own    names that the text itself gives a meaning
     *
     * @return list<Mistakes\Mistake> the first use of each thing that nothing at the top of the text brings in
     */
    public function missingLibraries(array $tokens, string $text, array $own): array
    {
        return match ($this) {
            self::Python => PythonLibraries::missing($tokens, $own),
            self::JavaScript => JavaScriptLibraries::missing($tokens, $own),
            self::Cpp => CppLibraries::missing($tokens, $text, $own),
        };
    }

    /** The program as text: as it was typed, where a person typed it in this language. */
    public function print(Program $program): PrintedText
    {
        return (new Analysis($program))->text($this);
    }

    public function read(string $text, ?Program $old = null): Reading
    {
        return Reader::read($text, $this, null === $old ? null : new Analysis($old));
    }

    /** The language of a file, by the ending of its name. */
    public static function ofFile(string $name): ?self
    {
        $ending = strtolower(pathinfo($name, \PATHINFO_EXTENSION));

        return match ($ending) {
            'py' => self::Python,
            'js', 'mjs' => self::JavaScript,
            'cpp', 'cc', 'cxx' => self::Cpp,
            default => null,
        };
    }

    /** As this language's printer writes it, whatever a person typed. */
    public function printPlainly(Program $program): PrintedText
    {
        return (new Analysis($program))->printed($this);
    }
}
