<?php

declare(strict_types=1);

namespace Scrivlet\Core\Console;

use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\Hints;
use Scrivlet\Core\Ladder\Ladder;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Ladder\Spoken;
use Scrivlet\Core\Ladder\Verdict;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Words\Words;

/** `bin/scrivlet ladder` and `bin/scrivlet mark`. */
final readonly class LadderCommands
{
    /**
     * @param \Closure(string): mixed          $out
     * @param \Closure(string): string         $content  of a file
     * @param \Closure(string): (Program|null) $runnable a program that can run
     */
    public function __construct(private \Closure $out, private \Closure $content, private \Closure $runnable)
    {
    }

    /**
     * @param array<string, string> $options
     * @param list<string>          $inputs  files with answers, each a case
     */
    public function ladder(string $file, array $options, array $inputs): int
    {
        $language = Language::tryFrom($options['language'] ?? '') ?? throw new Refusal('console.language', ['option' => 'language']);
        $known = implode(', ', array_column(RungKind::cases(), 'value'));
        $kinds = isset($options['kinds']) ? array_map(static fn (string $kind): RungKind => RungKind::tryFrom(trim($kind)) ?? throw new Refusal('ladder.kind', ['kinds' => $known]), explode(',', $options['kinds'])) : RungKind::cases();
        if (1 !== preg_match('/^\d{1,15}$/D', $options['seed'] ?? '1')) {
            throw new Refusal('console.number', ['option' => 'seed']);
        }
        $program = ($this->runnable)($file);
        if (null === $program) {
            return 2;
        }
        $situations = [];
        foreach ([] === $inputs ? [''] : $inputs as $input) {
            foreach (array_keys(Settings::layouts($program->setting)) ?: [0] as $layout) {
                $situations[] = new Situation($layout, '' === $input ? '' : ($this->content)($input));
            }
        }
        $asked = self::asked($options, $program);
        $rungs = [];
        foreach ($kinds as $kind) {
            $rung = Ladder::rung($program, $language, $kind, $situations, (int) ($options['seed'] ?? '1'), $options['locale'] ?? Words::FALLBACK);
            if (null !== $rung) {
                $rungs[$kind->value] = $kind->asksForText() ? $rung->asking($asked) : $rung;
            }
        }
        $folder = $options['out'] ?? null;
        if (null === $folder) {
            ($this->out)('['.implode(",\n", array_map(static fn (Rung $rung): string => rtrim($rung->json()), $rungs))."]\n");

            return 0;
        }
        if (!is_dir($folder) && !@mkdir($folder, 0777, true)) {
            throw new Refusal('ladder.out', ['folder' => $folder]);
        }
        foreach ($rungs as $kind => $rung) {
            if (false === @file_put_contents("$folder/$kind.json", $rung->json())) {
                throw new Refusal('ladder.out', ['folder' => $folder]);
            }
            ($this->out)("$folder/$kind.json\n");
        }

        return 0;
    }

    /**
     * @param array<string, string> $options
     *
     * @throws Refusal where the program itself would not be let through
     */
    private static function asked(array $options, Program $program): Asked
    {
        $known = implode(', ', array_column(Construct::cases(), 'value'));
        $constructs = isset($options['needs']) ? array_map(static fn (string $one): Construct => Construct::tryFrom(trim($one)) ?? throw new Refusal('ladder.needs', ['constructs' => $known]), explode(',', $options['needs'])) : [];
        $rows = $options['rows'] ?? null;
        if (null !== $rows && (1 !== preg_match('/^\d{1,4}$/D', $rows) || (int) $rows < 1 || (int) $rows > Asked::MOST)) {
            throw new Refusal('console.number', ['option' => 'rows']);
        }
        $asked = new Asked($constructs, null === $rows ? null : (int) $rows, isset($options['only']) ? array_map(trim(...), explode(',', $options['only'])) : null);
        foreach (Spoken::of(new Verdict(false, $asked->missing($program), 0), $options['locale'] ?? Words::FALLBACK) as $says) {
            throw new Refusal('ladder.asks_too_much', ['says' => $says]);
        }

        return $asked;
    }

    public function mark(string $file, string $answer, string $locale): int
    {
        $rung = Rung::read(($this->content)($file));
        $text = ($this->content)($answer);
        $verdict = Marking::of($rung, $text);
        $why = Spoken::of($verdict, $locale);
        $hints = $verdict->passed ? [] : array_map(static fn (int $step): string => Hints::step($rung, $text, $step, $locale)['says'], range(1, Hints::STEPS));
        ($this->out)(json_encode(['passed' => $verdict->passed, 'why' => $why, 'hints' => $hints, 'near' => round($verdict->near, 3), ...(null === $verdict->rows ? [] : ['rows' => $verdict->rows])], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n");

        return $verdict->passed ? 0 : 1;
    }
}
