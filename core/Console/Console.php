<?php

declare(strict_types=1);

namespace Scrivlet\Core\Console;

use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\TraceFile;
use Scrivlet\Core\Tree\Program;

/** The command `bin/scrivlet`: programs on a terminal, without a database. Exit codes: 0 done, 1 error in the run, 2 cannot be read. */
final readonly class Console
{
    private const USAGE = <<<'TEXT'
        bin/scrivlet print FILE.scrivlet.json --to=python|javascript|cpp
            The program as text, on standard output.
        bin/scrivlet run FILE.scrivlet.json [--as=python|javascript|cpp] [--trace=FILE] [--seed=N] [--max-steps=N]
            Runs the program and prints what it prints, with the values of a language (python if none is named).
            --trace writes what happened as JSON lines; --seed fixes what chance gives; --max-steps cuts the run.

        TEXT;

    /**
     * @param \Closure(string): mixed $out
     * @param \Closure(string): mixed $err
     */
    public function __construct(private \Closure $out, private \Closure $err)
    {
    }

    /** @param list<string> $arguments */
    public function run(array $arguments): int
    {
        $options = $files = [];
        foreach ($arguments as $argument) {
            if (1 === preg_match('/^--([a-z-]+)(?:=(.*))?$/s', $argument, $match)) {
                $options[$match[1]] = $match[2] ?? '';
            } else {
                $files[] = $argument;
            }
        }
        $command = array_shift($files);
        $allowed = ['print' => ['to'], 'run' => ['as', 'trace', 'seed', 'max-steps']][$command] ?? null;
        if (null === $allowed || 1 !== \count($files) || [] !== array_diff(array_keys($options), $allowed)) {
            ($this->err)(self::USAGE);

            return 2;
        }
        try {
            $program = $this->read($files[0]);

            return 'print' === $command ? $this->print($program, $options) : $this->execute($program, $options);
        } catch (Refusal $refusal) {
            ($this->err)(Sentences::of($refusal->key, $refusal->parameters)."\n");

            return 2;
        }
    }

    private function read(string $file): Program
    {
        $json = is_file($file) ? @file_get_contents($file) : false;
        if (false === $json) {
            throw new Refusal('file.unreadable', ['file' => $file]);
        }

        return ProjectReader::read($json)[1];
    }

    /** @param array<string, string> $options */
    private function language(array $options, string $name, string $default): Language
    {
        return Language::tryFrom($options[$name] ?? $default) ?? throw new Refusal('console.language', ['option' => $name]);
    }

    /** @param array<string, string> $options */
    private function number(array $options, string $name, int $default, int $least): int
    {
        $text = $options[$name] ?? (string) $default;
        if (1 !== preg_match('/^-?\d{1,15}$/D', $text) || (int) $text < $least) {
            throw new Refusal('console.number', ['option' => $name]);
        }

        return (int) $text;
    }

    /** @param array<string, string> $options */
    private function print(Program $program, array $options): int
    {
        ($this->out)($this->language($options, 'to', '')->print($program)->text());

        return 0;
    }

    /** @param array<string, string> $options */
    private function execute(Program $program, array $options): int
    {
        $limits = new Limits(steps: $this->number($options, 'max-steps', 1000000, 1));
        $language = $this->language($options, 'as', Language::Python->value);
        $outcome = Runner::run($program, $language, $this->number($options, 'seed', 1, 0), $limits, isset($options['trace']));
        ($this->out)($outcome->trace->printout());
        if (isset($options['trace']) && false === @file_put_contents($options['trace'], TraceFile::lines($outcome))) {
            throw new Refusal('console.trace', ['file' => $options['trace']]);
        }
        if (Ending::Finished === $outcome->ending) {
            return 0;
        }
        ($this->err)($this->complaint($program, $language, $outcome)."\n");

        return 1;
    }

    private function complaint(Program $program, Language $language, Outcome $outcome): string
    {
        if (null === $outcome->error) {
            return Sentences::of('run.cut', ['steps' => $outcome->trace->limits->steps]);
        }
        foreach ($language->print($program)->lines as $index => $line) {
            if ($line->anchor === $outcome->errorRow) {
                return Sentences::of('console.row', ['line' => $index + 1, 'text' => trim($line->text)]).' '.Sentences::of('run.'.$outcome->error->kind, $outcome->error->parameters);
            }
        }

        return Sentences::of('run.'.$outcome->error->kind, $outcome->error->parameters);
    }
}
