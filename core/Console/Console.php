<?php

declare(strict_types=1);

namespace Scrivlet\Core\Console;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Compare\Comparison;
use Scrivlet\Core\Completion\Completion;
use Scrivlet\Core\Completion\Suggestion;
use Scrivlet\Core\Device\DeviceFile;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Ladder\Seen;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\AtRunTime;
use Scrivlet\Core\Language\Mistakes\Hints;
use Scrivlet\Core\Language\Mistakes\Mending;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Language\Python\DrawingModule;
use Scrivlet\Core\Language\Python\DrawingModulePrinter;
use Scrivlet\Core\Language\Unsayable;
use Scrivlet\Core\Page\BlankView;
use Scrivlet\Core\Page\BlocksPage;
use Scrivlet\Core\Phrasebook\Phrasebook;
use Scrivlet\Core\Phrasebook\PhrasebookHtml;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Print\Pdf;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Reference\ReferenceText;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\RealError;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Run\TraceFile;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Words\Words;

/** The command `bin/scrivlet`: programs on a terminal, without a database. Exit codes: 0 done, 1 error in the run, 2 cannot be read. */
final readonly class Console
{
    private const USAGE = <<<'TEXT'
        bin/scrivlet check FILE [--format=text|json]
            The mistakes in a text (.py, .js, .cpp). Exit code 0 if there are none, 1 if there are some.
        bin/scrivlet translate FILE --to=python|javascript|cpp|blocks|json|turtle
            The program in another language, on standard output; to its own language, the file as it is.
        bin/scrivlet run FILE [--as=python|javascript|cpp] [--input=FILE] [--trace=FILE] [--seed=N] [--max-steps=N]
            Runs a program and prints what it prints. A text runs with the values of its language, a project file
            with those of python if none is named. Standard input, or --input, has the answers.
            --trace writes what happened as JSON lines; --seed fixes what chance gives; --max-steps cuts the run.
        bin/scrivlet compare A B [--input=FILE] [--seed=N]
            Whether two programs do the same. Exit code 0 if they do, 1 if not.
        bin/scrivlet explain FILE [--line=N] [--locale=en|fr] [--format=text|json]
            What each line says in plain words, also where some cannot be read yet.
        bin/scrivlet complete FILE --at=LINE:COLUMN [--limit=N] [--locale=en|fr]
            What may be written before that column of that line, best first, as JSON. The text may be broken.
        bin/scrivlet reference [NAME] [--locale=en|fr]
            What there is to write, a line each; or the card of one: by its name, or by words that find it.
        bin/scrivlet phrasebook FILE|--scene=NAME [--languages=python,javascript,cpp] [--locale=en|fr] [--format=html|pdf]
            A chart of the commands of a program or a scene, words beside text, on standard output.
        bin/scrivlet pack FILE [--as=python|javascript|cpp]
            A program for the lantern or the mower as the file that the device takes, on standard output.
        bin/scrivlet device FILE [--input=FILE] [--signals=FILE] [--trace=FILE] [--seed=N]
            What the device does that takes this file: it runs the program alone and prints what it prints.
            --signals is a press script: `1.5 press round`, `2.5 tap square`, `3 light 40`, a line each.
        bin/scrivlet ladder FILE --language=python|javascript|cpp [--kinds=a,b] [--seed=N] [--input=FILE]… [--needs=loop,condition,variable,function,list] [--rows=N] [--only=ENTRIES] [--out=FOLDER] [--locale=en|fr]
            Exercises made from a program, as JSON: pair, foretell, sort, fill, mend, vary, over, write, carry. Several
            inputs are several cases to pass, as layouts are.
        bin/scrivlet mark RUNG.json ANSWER [--locale=en|fr]
            The verdict on an answer, a text or a list as JSON, as JSON: passed, why, hints. Exit code 0 passed, 1 not.
        bin/scrivlet print FILE.scrivlet.json --to=python|javascript|cpp
            A project file as text.
        FILE is a project (.scrivlet.json) or a text; exit code 2 if it can't be read.

        TEXT;

    /** Steps of a run that only shows how large numbers become. */
    private const TRIED = 200_000;

    /**
     * @param \Closure(string): mixed $out
     * @param \Closure(string): mixed $err
     * @param \Closure(): string      $in  all that standard input has
     */
    public function __construct(private \Closure $out, private \Closure $err, private \Closure $in)
    {
    }

    /** @param list<string> $arguments */
    public function run(array $arguments): int
    {
        $options = $files = $inputs = [];
        foreach ($arguments as $argument) {
            if (1 === preg_match('/^--([a-z-]+)(?:=(.*))?$/s', $argument, $match)) {
                $options[$match[1]] = $match[2] ?? '';
                if ('input' === $match[1]) {
                    $inputs[] = $match[2] ?? '';
                }
            } else {
                $files[] = $argument;
            }
        }
        $command = array_shift($files);
        $allowed = ['print' => ['to'], 'translate' => ['to'], 'check' => ['format'], 'compare' => ['input', 'seed'], 'complete' => ['at', 'limit', 'locale'], 'explain' => ['line', 'locale', 'format'], 'ladder' => ['language', 'kinds', 'seed', 'input', 'needs', 'rows', 'only', 'out', 'locale'], 'mark' => ['locale'], 'pack' => ['as'], 'device' => ['input', 'signals', 'trace', 'seed'], 'phrasebook' => ['scene', 'languages', 'locale', 'format'], 'reference' => ['locale'], 'run' => ['as', 'input', 'trace', 'seed', 'max-steps']][$command] ?? null;
        [$least, $most] = ['compare' => [2, 2], 'mark' => [2, 2], 'phrasebook' => [isset($options['scene']) ? 0 : 1, isset($options['scene']) ? 0 : 1], 'reference' => [0, 1]][$command] ?? [1, 1];
        if (null === $allowed || \count($files) < $least || \count($files) > $most || [] !== array_diff(array_keys($options), $allowed)) {
            ($this->err)(self::USAGE);

            return 2;
        }
        try {
            return match ($command) {
                'check' => $this->check($files[0], $options),
                'translate', 'print' => $this->translate($files[0], $options),
                'compare' => $this->compare($files[0], $files[1], $options),
                'complete' => $this->complete($files[0], $options),
                'explain' => $this->explain($files[0], $options),
                'ladder' => $this->ladder()->ladder($files[0], $options, $inputs),
                'mark' => $this->ladder()->mark($files[0], $files[1], $this->locale($options)),
                'pack' => $this->pack($files[0], $options),
                'device' => $this->device($files[0], $options),
                'phrasebook' => $this->phrasebook($files[0] ?? null, $options),
                'reference' => $this->reference($files[0] ?? null, $options),
                default => $this->execute($files[0], $options),
            };
        } catch (Refusal $refusal) {
            ($this->err)(Sentences::of($refusal->key, $refusal->parameters)."\n");

            return 2;
        }
    }

    private function ladder(): LadderCommands
    {
        return new LadderCommands($this->out, $this->content(...), $this->runnable(...));
    }

    private function content(string $file): string
    {
        $content = is_file($file) ? @file_get_contents($file) : false;
        if (false === $content) {
            throw new Refusal('file.unreadable', ['file' => $file]);
        }
        if (\strlen($content) > Bounds::TEXT && null !== Language::ofFile($file)) {
            throw new Refusal('file.long_text', ['most' => intdiv(Bounds::TEXT, 1000)]);
        }

        return $content;
    }

    private function languageOf(string $file): Language
    {
        return Language::ofFile($file) ?? throw new Refusal('console.ending', ['file' => $file]);
    }

    /**
     * A program that can run: a project file, or a text without mistakes.
     *
     * @param bool $mayFail whether a mistake that only shows as the row is reached is told, and no more
     */
    private function runnable(string $file, bool $mayFail = false): ?Program
    {
        $language = Language::ofFile($file);
        if (null === $language) {
            return ProjectReader::read($this->content($file))[1];
        }
        $content = $this->content($file);
        $reading = $language->read($content);
        if ([] === $reading->mistakes) {
            return $reading->program;
        }
        foreach (Report::lines($content, $reading->mistakes) as $mistake) {
            ($this->err)($this->told($mistake)."\n");
        }
        if ($mayFail && AtRunTime::begins($reading->program, $reading->mistakes, $language, $content)) {
            return $reading->program;
        }
        ($this->err)(Sentences::of('console.unread')."\n");

        return null;
    }

    /** @param array{kind: string, parameters: array<string, string|int>, ...} $mistake */
    private function told(array $mistake): string
    {
        return Sentences::of('mistake.'.$mistake['kind'], $mistake['parameters']);
    }

    /** @param array<string, string> $options */
    private function check(string $file, array $options): int
    {
        $content = $this->content($file);
        $language = $this->languageOf($file);
        $reading = $language->read($content);
        $report = Report::lines($content, Mending::proven($content, $language, $reading->mistakes));
        if ($this->wantsJson($options)) {
            $data = array_map(fn (array $mistake): array => ['id' => $mistake['kind'], 'line' => $mistake['line'], 'column' => $mistake['column'], 'length' => $mistake['length'], 'message' => $this->told($mistake), 'fix' => [] === $mistake['fix'] ? null : $mistake['fix']], $report);
            ($this->out)(self::json($data));
        } else {
            foreach ($report as $mistake) {
                ($this->out)("$file:{$mistake['line']}:{$mistake['column']}: {$this->told($mistake)} [{$mistake['kind']}]\n");
            }
            // What the real machine takes is no mistake.
            foreach ([] === $report ? Report::lines($content, Hints::of($reading->analysis, $language)) : [] as $hint) {
                ($this->out)("$file:{$hint['line']}:{$hint['column']}: ".Sentences::of('hint.'.$hint['kind'], $hint['parameters'])." [{$hint['kind']}]\n");
            }
        }

        return [] === $report ? 0 : 1;
    }

    /** @param array<string, string> $options */
    private function translate(string $file, array $options): int
    {
        $to = $options['to'] ?? '';
        $own = Language::ofFile($file);
        if (null !== $own && $own->value === $to) {
            $content = $this->content($file);
            ($this->out)($own->print($own->read($content)->program)->text());

            return 0;
        }
        $target = Language::tryFrom($to);
        if (null === $target && !\in_array($to, ['blocks', 'json', DrawingModule::NAME], true)) {
            throw new Refusal('console.language', ['option' => 'to']);
        }
        $program = $this->runnable($file);
        if (null === $program) {
            return 2;
        }
        $text = null === $target ? '' : Unsayable::text($program, $target);
        if (true === $target?->semantics()->typed && $this->growsTooLarge($program, $target, $own ?? Language::Python)) {
            throw new Refusal('console.too_large');
        }
        ($this->out)(match ($to) {
            'blocks' => self::blocks($program),
            DrawingModule::NAME => DrawingModulePrinter::text($program),
            'json' => ProjectWriter::write(pathinfo($file, \PATHINFO_FILENAME), $program),
            default => $text,
        });

        return 0;
    }

    /** Whether a number becomes larger than the language keeps it, as far as a short run without answers shows, and only there. */
    private function growsTooLarge(Program $program, Language $target, Language $own): bool
    {
        $limits = new Limits(steps: self::TRIED, milliseconds: 1000, work: self::TRIED);
        $outcome = Runner::run($program, $target, 1, $limits, false);

        return \in_array($outcome->error?->kind, ['too_large_int', 'too_large_long'], true) && $outcome->error->kind !== Runner::run($program, $own, 1, $limits, false)->error?->kind;
    }

    private static function blocks(Program $program): string
    {
        $text = '';
        foreach ((new BlocksPage($program, 'en'))->rows as $row) {
            $words = implode('', array_map(static fn (string|BlankView $segment): string => \is_string($segment) ? $segment : ($segment->chip?->words() ?? $segment->source), $row->segments));
            $text .= '' === $words ? '' : str_repeat('    ', \count($row->brackets)).($row->off ? '// ' : '').$words."\n";
        }

        return $text;
    }

    /** @param array<string, string> $options */
    private function compare(string $one, string $other, array $options): int
    {
        $programs = [$this->runnable($one, true), $this->runnable($other, true)];
        $outcomes = [];
        foreach ([$one, $other] as $index => $file) {
            $program = $programs[$index];
            if (null === $program) {
                return 2;
            }
            $outcomes[] = Runner::run($program, Language::ofFile($file) ?? Language::Python, $this->number($options, 'seed', 1, 0), new Limits(steps: Limits::TRACED), circumstances: new Circumstances($this->answers($options)));
        }
        $difference = Comparison::of($outcomes[0], $outcomes[1]);
        if (null === $difference) {
            ($this->out)(Sentences::of('console.same')."\n");

            return 0;
        }
        $told = static fn (?array $event): string => null === $event ? '∅' : (string) json_encode($event, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PARTIAL_OUTPUT_ON_ERROR);
        ($this->out)(Sentences::of('console.differ', ['moment' => $difference->moment, 'one' => $told($difference->one), 'other' => $told($difference->other)])."\n");
        if (Seen::of($outcomes[0]) === Seen::of($outcomes[1])) {
            ($this->out)(Sentences::of('console.looks_same')."\n");
        }

        return 1;
    }

    /** @param array<string, string> $options */
    private function explain(string $file, array $options): int
    {
        $locale = $this->locale($options);
        $only = isset($options['line']) ? $this->number($options, 'line', 1, 1) : null;
        $own = Language::ofFile($file);
        $program = $this->read($file);
        $lines = [];
        foreach (PlainLines::of(new Analysis($program), $own ?? Language::Python, $locale) as $index => $text) {
            if (null === $only || $only === $index + 1) {
                $lines[] = ['line' => $index + 1, 'text' => $text];
            }
        }
        if ([] === $lines && null !== $only) {
            throw new Refusal('console.no_line', ['line' => $only]);
        }
        if ($this->wantsJson($options)) {
            ($this->out)(self::json($lines));
        } else {
            foreach ($lines as $line) {
                ($this->out)("{$line['line']}: {$line['text']}\n");
            }
        }

        return 0;
    }

    /** @param array<string, string> $options */
    private function complete(string $file, array $options): int
    {
        $language = $this->languageOf($file);
        if (1 !== preg_match('/^([1-9]\d{0,8}):([1-9]\d{0,8})$/D', $options['at'] ?? '', $at)) {
            throw new Refusal('console.at');
        }
        $before = self::before($this->content($file), (int) $at[1], (int) $at[2]) ?? throw new Refusal('console.no_line', ['line' => (int) $at[1]]);
        $found = Completion::after($before, $language, $this->locale($options), $this->number($options, 'limit', 20, 1));
        $indent = 1 === preg_match('/(?:^|[\r\n])([ \t]*)[^\r\n]*$/D', $before, $match) ? $match[1] : '';
        ($this->out)(self::json(array_map(static fn (Suggestion $one): array => ['label' => $one->label, 'insert' => $one->text($indent), 'kind' => $one->kind->value, 'detail' => $one->detail], $found)));

        return 0;
    }

    /** @param array<string, string> $options */
    private function reference(?string $name, array $options): int
    {
        $locale = $this->locale($options);
        $reference = new Reference($locale);
        $found = null === $name ? Reference::keys() : (Reference::has($name) ? [$name] : $reference->search($name));
        if ([] === $found) {
            throw new Refusal('console.no_entry', ['name' => mb_scrub((string) $name, 'UTF-8')]);
        }
        if (null === $name) {
            foreach ($found as $key) {
                ($this->out)("$key: {$reference->title($key)}\n");
            }

            return 0;
        }
        ($this->out)(ReferenceText::of($reference->card($found[0]), $locale));

        return 0;
    }

    /** @param array<string, string> $options */
    private function pack(string $file, array $options): int
    {
        $program = $this->runnable($file);
        if (null === $program) {
            return 2;
        }
        ($this->out)(DeviceFile::pack($program, $this->language($options, 'as', (Language::ofFile($file) ?? Language::Python)->value), pathinfo($file, \PATHINFO_FILENAME))->hex());

        return 0;
    }

    /** @param array<string, string> $options */
    private function device(string $file, array $options): int
    {
        $device = DeviceFile::read($this->content($file));
        $signals = isset($options['signals']) ? Signals::read($this->content($options['signals'])) : new Signals();
        $circumstances = new Circumstances($this->answers($options), $signals);

        return $this->ran($device->program(), $device->language, $this->number($options, 'seed', 1, 0), new Limits(steps: Limits::TRACED), $options, $circumstances);
    }

    /** @param array<string, string> $options */
    private function phrasebook(?string $file, array $options): int
    {
        $locale = $this->locale($options);
        $languages = array_map(static fn (string $name): Language => Language::tryFrom($name) ?? throw new Refusal('console.language', ['option' => 'languages']), array_unique(explode(',', $options['languages'] ?? 'python,javascript,cpp')));
        if (!\in_array($options['format'] ?? 'html', ['html', 'pdf'], true)) {
            throw new Refusal('console.format');
        }
        if (null !== $file) {
            $book = Phrasebook::ofProgram($this->read($file), $locale);
            $title = Words::in($locale)->say('phrasebook.of_program', ['name' => mb_scrub(basename($file), 'UTF-8')]);
        } else {
            $scene = SceneName::tryFrom($options['scene'] ?? '') ?? throw new Refusal('console.scene', ['scenes' => implode(', ', array_column(SceneName::cases(), 'value'))]);
            $book = Phrasebook::ofScene($scene, $locale);
            $title = Words::in($locale)->say('phrasebook.of_scene', ['scene' => Words::in($locale)->say("scene.$scene->value")]);
        }
        $html = PhrasebookHtml::page($book, array_values($languages), $title);
        ($this->out)('pdf' === ($options['format'] ?? 'html') ? Pdf::of($html) : $html."\n");

        return 0;
    }

    /** A program also where its text has mistakes. */
    private function read(string $file): Program
    {
        return Language::ofFile($file)?->read($this->content($file))->program ?? ProjectReader::read($this->content($file))[1];
    }

    /** The text before a column of a line, both counted from 1, columns in letters; null where there is no such line. */
    private static function before(string $text, int $line, int $column): ?string
    {
        $lines = preg_split('/(\r\n|\n|\r)/', $text, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $own = $lines[2 * $line - 2] ?? null;
        if (null === $own) {
            return null;
        }
        $start = mb_check_encoding($own, 'UTF-8') ? mb_substr($own, 0, $column - 1) : substr($own, 0, $column - 1);

        return implode('', \array_slice($lines, 0, 2 * $line - 2)).$start;
    }

    /** @param array<string, string> $options */
    private function locale(array $options): string
    {
        $locale = $options['locale'] ?? Words::FALLBACK;

        return \in_array($locale, Words::locales(), true) ? $locale : throw new Refusal('console.locale', ['locales' => implode(', ', Words::locales())]);
    }

    /** @param array<string, string> $options */
    private function wantsJson(array $options): bool
    {
        return match ($options['format'] ?? 'text') {
            'json' => true,
            'text' => false,
            default => throw new Refusal('console.format'),
        };
    }

    /** @param list<array<string, mixed>> $data */
    private static function json(array $data): string
    {
        return json_encode($data, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE)."\n";
    }

    /** @param array<string, string> $options */
    private function answers(array $options): Answers
    {
        return new Answers(isset($options['input']) ? $this->content($options['input']) : ($this->in)());
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
    private function execute(string $file, array $options): int
    {
        $limits = new Limits(steps: $this->number($options, 'max-steps', isset($options['trace']) ? Limits::TRACED : Limits::UNTRACED, 1));
        $language = $this->language($options, 'as', (Language::ofFile($file) ?? Language::Python)->value);
        $seed = $this->number($options, 'seed', 1, 0);
        $program = $this->runnable($file, true);
        if (null === $program) {
            return 2;
        }

        return $this->ran($program, $language, $seed, $limits, $options, new Circumstances($this->answers($options)));
    }

    /** @param array<string, string> $options */
    private function ran(Program $program, Language $language, int $seed, Limits $limits, array $options, Circumstances $circumstances): int
    {
        $outcome = Runner::run($program, $language, $seed, $limits, isset($options['trace']), circumstances: $circumstances);
        ($this->out)($outcome->trace->printout());
        foreach ($outcome->trace->events as $event) {
            if ('complain' === $event[0]) {
                ($this->err)((\is_string($event[2]) ? $event[2] : '')."\n");
            }
        }
        if (isset($options['trace']) && false === @file_put_contents($options['trace'], TraceFile::lines($outcome))) {
            throw new Refusal('console.trace', ['file' => $options['trace']]);
        }
        if (Ending::Finished === $outcome->ending) {
            return $outcome->exit;
        }
        ($this->err)($this->complaint($program, $language, $outcome)."\n");

        return 1;
    }

    private function complaint(Program $program, Language $language, Outcome $outcome): string
    {
        if (null === $outcome->error) {
            return Sentences::of('run.cut', ['steps' => $outcome->trace->limits->steps]);
        }
        $real = RealError::of($outcome->error, $language);
        $said = Sentences::of('run.'.$outcome->error->kind, $outcome->error->parameters).(null === $real ? '' : " ($real)");
        foreach ($language->print($program)->lines as $index => $line) {
            if ($line->anchor === $outcome->errorRow) {
                return Sentences::of('console.row', ['line' => $index + 1, 'text' => trim($line->text)]).' '.$said;
            }
        }

        return $said;
    }
}
