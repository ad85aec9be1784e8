<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Run\Values\CppValues;
use Scrivlet\Core\Run\Values\JavaScriptValues;
use Scrivlet\Core\Run\Values\PythonValues;
use Scrivlet\Core\Run\Values\WrittenOverValues;
use Scrivlet\Core\Scene\Stage;
use Scrivlet\Core\Tree\Program;

/** Runs programs. A run is a function of program, language, seed and limits: the same ones give the same outcome. */
final class Runner
{
    /** Room for taking lists apart that hold lists that hold lists …: in bytes of the machine's own stack, taken only as far as needed. */
    private const STACK = 160 * 1024 * 1024;
    /** @var array<string, class-string<Routine>> by the digest of the code, the class that it made */
    private static array $loaded = [];

    /** @param Language $language whose values the program runs with */
    public static function run(Program|Analysis $program, Language $language, int $seed = 1, Limits $limits = new Limits(), bool $record = true, Circumstances $circumstances = new Circumstances()): Outcome
    {
        $analysis = $program instanceof Analysis ? $program : new Analysis($program);
        if (!$analysis->program->begins($language->value)) {
            $error = new RunError('unread');

            return new Outcome(Ending::Failed, new Trace($limits), [], [], [], new PythonValues(), $error, null);
        }
        ini_set('fiber.stack_size', (string) self::STACK);
        $fiber = new \Fiber(static fn (): Outcome => self::ran($analysis, $language, $seed, $limits, $record, $circumstances));
        $fiber->start();
        $outcome = $fiber->getReturn();
        \assert($outcome instanceof Outcome);

        return $outcome;
    }

    private static function ran(Analysis $analysis, Language $language, int $seed, Limits $limits, bool $record, Circumstances $circumstances): Outcome
    {
        $compiler = new Compiler($analysis, $language, $record);
        $code = $compiler->compile();
        $trace = new Trace($limits);
        $isOwnText = isset($analysis->program->handwriting[$language->value]);
        $values = match ($language) {
            Language::Python => new ($isOwnText ? PythonValues::class : WrittenOverValues::class)(),
            Language::JavaScript => new JavaScriptValues(),
            Language::Cpp => new CppValues(),
        };
        if ($values instanceof CppValues) {
            $classes = new Classes($analysis->program);
            foreach ($analysis->program->classes() as $class) {
                $values->fields[$class->name] = $classes->fields($class->name);
            }
        }
        $values->trace = $record ? $trace : null;
        $sign = $values->facts->privateSign;
        if ('' !== $sign && preg_match_all('/(?<!\w)'.$sign.'([A-Za-z_]\w*)/', $analysis->program->handwriting[$language->value]->text ?? '', $private)) {
            $values->hidden = array_fill_keys(array_map(static fn (string $name): string => "_$name", $private[1]), true);
        }
        $chance = new Chance($seed);
        $stage = new Stage($trace, $analysis->program->setting, $chance, $circumstances->signals, $circumstances->layout);
        $routine = self::load($code, $trace, $values, $stage, $chance, $circumstances->answers);
        Values\Room::begin($limits->memory, $limits->work);
        $ending = Ending::Finished;
        $error = $errorRow = null;
        $exit = 0;
        try {
            $stage->scheduler->run($routine->run(...));
        } catch (Left $left) {
            $exit = $left->exit;
        } catch (StepLimitReached) {
            $trace->moment = min($limits->steps, $trace->moment);
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
        } catch (\Error $fault) {
            // A mistake of this place must not take the run's printout from anybody; whoever looks after it reads the log.
            error_log((string) $fault);
            $ending = Ending::Failed;
            $error = new RunError('own_fault');
        }
        Values\Room::begin(\PHP_INT_MAX >> 1, $limits->work);
        $trace->endParts();
        $last = $record ? self::last($trace, $compiler->variables(), $values) : [];

        return new Outcome($ending, $trace, $compiler->rows, $compiler->variables(), $compiler->functions, $values, $error, $errorRow, $stage->goals(), $stage->scheduler->listens(), $last, $exit);
    }

    /**
     * @param list<array{name: string, function: string|null}> $variables
     *
     * @return array<string, string> the last values of the program's own variables, as they are shown
     */
    private static function last(Trace $trace, array $variables, Values\Values $values): array
    {
        $last = [];
        // No row of the program runs any more, not even for what an object shows as.
        [$asks, $knows] = [$values->asks, $values->knows];
        $values->asks = $values->knows = null;
        for ($at = \count($trace->changes) - 3; $at >= 0; $at -= 3) {
            $variable = $variables[\is_int($trace->changes[$at + 1]) ? $trace->changes[$at + 1] : -1] ?? null;
            if (null === $variable || null !== $variable['function'] || isset($last[$variable['name']])) {
                continue;
            }
            $value = $trace->changes[$at + 2];
            try {
                $last[$variable['name']] = $values->display($value instanceof Held ? $trace->object($value->number) : $value);
            } catch (RunError) {
                $last[$variable['name']] = '…';
            }
        }

        [$values->asks, $values->knows] = [$asks, $knows];

        return array_reverse($last);
    }

    /**
     * The code is the Compiler's alone; it sees these five objects and nothing else. What was loaded stays with PHP until
     * the process ends, so the same code is loaded once: the same program runs again for each answer that is tried.
     */
    private static function load(string $code, Trace $trace, Values\Values $values, Stage $stage, Chance $chance, Answers $answers): Routine
    {
        $key = hash('sha256', $code);
        if (isset(self::$loaded[$key])) {
            return new self::$loaded[$key]($trace, $values, $stage, $chance, $answers);
        }
        $routine = eval($code);
        \assert($routine instanceof Routine);
        // A default that is made once stays with its class, and would be seen by the next run.
        if (!str_contains($code, Compiler::MADE_ONCE)) {
            self::$loaded[$key] = $routine::class;
        }

        return $routine;
    }
}
