<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Run\Values\CppValues;
use Scrivlet\Core\Run\Values\JavaScriptValues;
use Scrivlet\Core\Run\Values\PythonValues;
use Scrivlet\Core\Scene\Sheet\Sheet;
use Scrivlet\Core\Tree\Program;

/** Runs programs. A run is a function of program, language, seed and limits: the same ones give the same outcome. */
final class Runner
{
    /** @param Language $language whose values the program runs with */
    public static function run(Program $program, Language $language, int $seed = 1, Limits $limits = new Limits(), bool $record = true, ?Types $types = null, Answers $answers = new Answers()): Outcome
    {
        if ($program->hasUnread()) {
            $error = new RunError('unread');

            return new Outcome(Ending::Failed, new Trace($limits), [], [], [], new PythonValues(), $error, null);
        }
        $compiler = new Compiler($program, $types ?? Types::of($program), $language, $record);
        $code = $compiler->compile();
        $trace = new Trace($limits);
        Values\Whole::begin();
        $values = match ($language) {
            Language::Python => new PythonValues(),
            Language::JavaScript => new JavaScriptValues(),
            Language::Cpp => new CppValues(),
        };
        $routine = self::load($code, $trace, $values, new Sheet($trace), new Chance($seed), $answers);
        $ending = Ending::Finished;
        $error = $errorRow = null;
        try {
            $routine->run();
        } catch (StepLimitReached) {
            $trace->moment = $limits->steps;
            $ending = Ending::Cut;
        } catch (RunError $caught) {
            $ending = Ending::Failed;
            $error = $caught;
            $errorRow = null === $caught->row ? null : $compiler->rows[$caught->row];
        }

        $trace->endParts();

        return new Outcome($ending, $trace, $compiler->rows, $compiler->variables, $compiler->functions, $values, $error, $errorRow);
    }

    /** The code is the Compiler's alone; it sees these five objects and nothing else. */
    private static function load(string $code, Trace $trace, Values\Values $values, Sheet $sheet, Chance $chance, Answers $answers): Routine
    {
        $routine = eval($code);
        \assert($routine instanceof Routine);

        return $routine;
    }
}
