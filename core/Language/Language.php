<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Cpp\CppLexer;
use Scrivlet\Core\Language\Cpp\CppNotation;
use Scrivlet\Core\Language\Cpp\CppSemantics;
use Scrivlet\Core\Language\JavaScript\JavaScriptLexer;
use Scrivlet\Core\Language\JavaScript\JavaScriptNotation;
use Scrivlet\Core\Language\JavaScript\JavaScriptSemantics;
use Scrivlet\Core\Language\Parsing\Reader;
use Scrivlet\Core\Language\Parsing\Reading;
use Scrivlet\Core\Language\Python\PythonLexer;
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

    /** @return list<Lexing\Token> */
    public function tokens(string $text): array
    {
        return match ($this) {
            self::Python => PythonLexer::tokens($text),
            self::JavaScript => JavaScriptLexer::tokens($text),
            self::Cpp => CppLexer::tokens($text),
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
