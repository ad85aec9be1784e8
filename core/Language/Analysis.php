<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Cpp\CppPrinter;
use Scrivlet\Core\Language\Handwriting\Carried;
use Scrivlet\Core\Language\Handwriting\Fingerprints;
use Scrivlet\Core\Language\Handwriting\HandPrinter;
use Scrivlet\Core\Language\Handwriting\TypedNames;
use Scrivlet\Core\Language\JavaScript\JavaScriptPrinter;
use Scrivlet\Core\Language\Python\PythonPrinter;
use Scrivlet\Core\Language\Typing\Declarations;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;

/**
 * What is found out about one state of a program: scopes, types, declarations and texts. Each is found when it is
 * first asked for, and once; whoever works on a program's state hands its analysis on.
 */
final class Analysis
{
    private ?Types $types = null;
    /** @var array<string, Declarations> by part and what is declared elsewhere */
    private array $declarations = [];
    /** @var array<string, PrintedText> by language: as typed, where it was typed */
    private array $texts = [];
    /** @var array<string, PrintedText> by language: as the printer writes it */
    private array $printed = [];

    /** @var array<int, array<string, true>> names that the text of a row declares, by the row's id, where the rest of a typed text counts on it */
    private array $typed = [];
    /** What a typed text around what is printed says, in rows that are printed, too. */
    private ?TypedNames $names = null;

    public function __construct(public readonly Program $program, public readonly Fingerprints $fingerprints = new Fingerprints())
    {
    }

    public function types(): Types
    {
        return $this->types ??= Types::of($this->program);
    }

    public function scopes(): Scopes
    {
        return $this->types()->scopes;
    }

    /** @param array<string, true> $elsewhere variables that are declared outside of the part */
    public function declarations(FunctionDefinition|Script $part, array $elsewhere = []): Declarations
    {
        return $this->declarations[$part->id.':'.implode(',', array_keys($elsewhere))] ??= new Declarations($part, $this->scopes(), $elsewhere, $part instanceof Script ? $this->program->functions : [], $this->typed);
    }

    /** The program as text: as it was typed, where a person typed it in this language. */
    public function text(Language $language): PrintedText
    {
        return $this->texts[$language->value] ??= $this->written($language);
    }

    private function written(Language $language): PrintedText
    {
        $program = $this->program;
        $handwriting = $program->handwriting[$language->value] ?? null;
        if (null !== $handwriting) {
            return HandPrinter::print($this, $language, $handwriting);
        }
        $printed = $program->setting->asks ? AskingLoop::anchored((new self(AskingLoop::of($program)))->printed($language), $program) : $this->printed($language);

        return Carried::into($printed, $program, $language);
    }

    /** The program as this language's printer writes it, whatever a person typed. */
    public function printed(Language $language): PrintedText
    {
        return $this->printed[$language->value] ??= $this->marked($language, []);
    }

    /** @param list<int> $rows whose blanks are marked in the printed text; see Printer::BLANK */
    public function marked(Language $language, array $rows): PrintedText
    {
        return (match ($language) {
            Language::Python => new PythonPrinter($this),
            Language::JavaScript => new JavaScriptPrinter($this),
            Language::Cpp => new CppPrinter($this),
        })->print($rows);
    }

    /**
     * The program as the language's printer writes it for rows that stand in a typed text: they declare what their text does, and
     * names stay as they are there.
     *
     * @param array<int, array<string, true>> $typed names that the text of a row declares, by the row's id
     */
    public function printedBeside(array $typed, TypedNames $names, Language $language): PrintedText
    {
        $analysis = new self($this->program, $this->fingerprints);
        $analysis->types = $this->types();
        $analysis->typed = $typed;
        $analysis->names = $names;

        return $analysis->printed($language);
    }

    /** Whether a typed text around what is printed says a name, so that it can't be another one. */
    public function says(string $name): bool
    {
        return $this->names?->says($name) ?? false;
    }

    /** How a typed text around what is printed says a name, where it does so in another way. */
    public function spelled(string $name): ?string
    {
        return $this->names?->spelled($name);
    }

    /** Of the same program with other things around its rows and its text in one language, which therefore stays. */
    public function around(Program $program, Language $language): self
    {
        $analysis = new self($program, $this->fingerprints);
        $analysis->types = $this->types;
        $analysis->texts[$language->value] = $this->text($language);

        return $analysis;
    }
}
