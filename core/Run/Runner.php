<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Run\Values\CppValues;
use Scrivlet\Core\Run\Values\JavaScriptValues;
use Scrivlet\Core\Run\Values\PythonValues;
use Scrivlet\Core\Scene\Stage;
use Scrivlet\Core\Tree\Program;

/** Runs programs. A run is a function of program, language, seed and limits: the same ones give the same outcome. */
final class Runner
{
    /** @param Language $language whose values the program runs with */
    public static function run(Program $program, Language $language, int $seed = 1, Limits $limits = new Limits(), bool $record = true, ?Types $types = null, Circumstances $circumstances = new Circumstances()): Outcome
    {
        if ($program->hasUnread()) {
            $error = new RunError('unread');

            return new Outcome(Ending::Failed, new Trace($limits), [], [], [], new PythonValues(), $error, null);
        }
        $compiler = new Compiler($program, $types ?? Types::of($program), $language, $record);
        $code = $compiler->compile();
        $trace = new Trace($limits);
        Values\Whole::begin();
        Values\Room::begin($limits->memory);
        $values = match ($language) {
            Language::Python => new PythonValues(),
            Language::JavaScript => new JavaScriptValues(),
            Language::Cpp => new CppValues(),
        };
        $chance = new Chance($seed);
        $stage = new Stage($trace, $program->setting, $chance, $circumstances->signals, $circumstances->layout);
        $routine = self::load($code, $trace, $values, $stage, $chance, $circumstances->answers);
        $ending = Ending::Finished;
        $error = $errorRow = null;
        try {
            $stage->scheduler->run($routine->run(...));
        } catch (StepLimitReached) {
            $trace->moment = $limits->steps;
            $ending = Ending::Cut;
        } catch (TimeLimitReached) {
            $ending = Ending::Cut;
            $error = new RunError('long_time', ['seconds' => intdiv($limits->milliseconds, 1000)]);
        } catch (AnswerWanted) {
            $ending = Ending::Asks;
        } catch (RunError $caught) {
            $ending = Ending::Failed;
            $error = $caught;
            $errorRow = null === $caught->row ? null : $compiler->rows[$caught->row];
        }

        $trace->endParts();

        return new Outcome($ending, $trace, $compiler->rows, $compiler->variables(), $compiler->functions, $values, $error, $errorRow, $stage->goals(), $stage->scheduler->listens());
    }

    /** The code is the Compiler's alone; it sees these five objects and nothing else. */
    private static function load(string $code, Trace $trace, Values\Values $values, Stage $stage, Chance $chance, Answers $answers): Routine
    {
        $routine = eval($code);
        \assert($routine instanceof Routine);

        return $routine;
    }
}
