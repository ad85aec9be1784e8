<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Cpp\CppLexer;
use Scrivlet\Core\Language\Cpp\CppPrinter;
use Scrivlet\Core\Language\JavaScript\JavaScriptLexer;
use Scrivlet\Core\Language\JavaScript\JavaScriptPrinter;
use Scrivlet\Core\Language\Python\PythonLexer;
use Scrivlet\Core\Language\Python\PythonPrinter;
use Scrivlet\Core\Language\Typing\Types;
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

    public function print(Program $program, ?Types $types = null): PrintedText
    {
        $types ??= Types::of($program);

        return (match ($this) {
            self::Python => new PythonPrinter($program, $types),
            self::JavaScript => new JavaScriptPrinter($program, $types),
            self::Cpp => new CppPrinter($program, $types),
        })->print();
    }
}
