<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\BlankView;
use Scrivlet\Core\Page\BlocksPage;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Reference\UsualMistakes;
use Scrivlet\Core\Tree\Program;

/** Makes rungs from a program: the same program, language, kind, situations and seed give the same rung. */
final class Ladder
{
    private const MOST_PAIRS = 8;
    private const CHOICES = 4;
    /** How many changes of a variable are to be followed at most. */
    private const LAST_VALUE = 6;
    private const STRANGERS = 2;
    /** Programs with a fault that are tried at most until one shows. */
    private const MOST_TRIED = 60;
    /** That are run in trying; counted, so that the same rung comes of it on every machine. */
    private const MOST_STEPS = 100_000;
    private const VARIATIONS = [FaultKind::TurnMore, FaultKind::OtherNumber, FaultKind::OtherStart, FaultKind::WrongBound, FaultKind::ArgumentOrder, FaultKind::OtherSign];

    private readonly Dice $dice;
    private readonly Analysis $analysis;
    private readonly string $model;
    /** @var list<string> */
    private readonly array $lines;
    private int $steps = 0;
    /** @var array<int, array<string, mixed>> what is seen of the program in each situation, as far as it was asked for */
    private array $seen = [];

    /** @param non-empty-list<Situation> $situations */
    private function __construct(private readonly Program $program, private readonly Language $language, private readonly array $situations, private readonly string $locale, int $seed)
    {
        $this->dice = new Dice($seed);
        $this->analysis = new Analysis($program);
        $this->model = $this->analysis->text($language)->text();
        $this->lines = explode("\n", rtrim($this->model, "\n"));
    }

    /**
     * @param non-empty-list<Situation> $situations
     * @param int                       $level      of help, by kind: how many places are filled in; how much of the ghost shows
     *                                              (4 all of it to 1 nothing); what is written from (4 rows of blocks, 3 and 2
     *                                              plain words, 1 the goal alone)
     * @param list<GapKind>             $gaps       what is taken out to be filled in; without any, what is usual
     *
     * @return Rung|null nothing where the program gives no such rung
     */
    public static function rung(Program $program, Language $language, RungKind $kind, array $situations, int $seed, string $locale, int $level = 3, array $gaps = []): ?Rung
    {
        $ladder = new self($program->withoutTyping(), $language, $situations, $locale, $seed);

        return match ($kind) {
            RungKind::Pair => $ladder->pair(),
            RungKind::Foretell => $ladder->foretell(),
            RungKind::Sort => $ladder->sort(),
            RungKind::Fill => $ladder->fill($level, [] === $gaps ? GapKind::usual() : $gaps),
            RungKind::Mend => $ladder->mend(),
            RungKind::Vary => $ladder->vary(),
            RungKind::Over => $ladder->made(RungKind::Over, ['ghost' => array_map(static fn (string $line): string => self::ghost($line, $level), $ladder->lines), 'goal' => $ladder->goal($program)]),
            RungKind::Write => $ladder->write($level),
            RungKind::Carry => $ladder->carry(),
        };
    }

    /**
     * @param array<string, mixed> $question
     * @param list<mixed>          $right
     */
    private function made(RungKind $kind, array $question, array $right = [], ?string $model = null): Rung
    {
        return new Rung($kind, $this->language, $this->program->setting, $question, $model ?? $this->model, $right, $this->situations);
    }

    /** @return list<string> the plain words of each line */
    private function says(): array
    {
        return PlainLines::of($this->analysis, $this->language, $this->locale);
    }

    /** @return array{picture: string, printed: string} what a program leaves in the first situation */
    private function goal(Program $program): array
    {
        return Trial::goal($program, $this->language, $this->situations[0]);
    }

    private function pair(): ?Rung
    {
        $pairs = [];
        foreach ($this->says() as $number => $says) {
            $line = trim($this->lines[$number] ?? '');
            $isTold = '' !== $says && 1 === preg_match('/\w/', $line) && !\in_array($says, array_column($pairs, 1), true) && !\in_array($line, array_column($pairs, 0), true);
            if ($isTold) {
                $pairs[] = [$line, $says];
            }
        }
        $pairs = \array_slice($this->dice->shuffled($pairs), 0, self::MOST_PAIRS);
        if (\count($pairs) < 2) {
            return null;
        }
        $order = $this->dice->shuffled(array_keys($pairs));
        $right = array_map(static fn (int $pair): int => (int) array_search($pair, $order, true), array_keys($pairs));

        return $this->made(RungKind::Pair, ['lines' => array_column($pairs, 0), 'words' => array_map(static fn (int $pair): string => $pairs[$pair][1], $order)], $right);
    }

    /** What is printed, or the picture that remains: the right one among what small changes of the program give; or a value on the way. */
    private function foretell(): ?Rung
    {
        // Of programs with something to follow every second rung asks for that.
        $isOfValue = 0 === $this->dice->below(2);
        $value = $isOfValue ? $this->foretellValue() : null;
        if (null !== $value) {
            return $value;
        }
        $right = $this->goal($this->program);
        $what = '' !== trim($right['printed']) ? 'printed' : 'picture';
        $choices = [$right[$what]];
        $left = fn (Program $program): array => array_diff_key(Trial::seen($program, $this->language, [$this->situations[0]])[0], ['ends' => true, 'error' => true]);
        $nothing = $left($this->language->read('')->program->withSetting($this->program->setting));
        foreach ($this->showing() as [, , $other]) {
            $wrong = $this->goal($other)[$what];
            // An empty picture fools nobody.
            if ($left($other) !== $nothing && '' !== trim($wrong) && !\in_array($wrong, $choices, true)) {
                $choices[] = $wrong;
            }
            if (self::CHOICES === \count($choices)) {
                break;
            }
        }
        if (\count($choices) < 2) {
            return null;
        }
        $shuffled = $this->dice->shuffled($choices);

        return $this->made(RungKind::Foretell, ['text' => $this->model, 'what' => $what, 'choices' => $shuffled], [(int) array_search($choices[0], $shuffled, true)]);
    }

    /** What a variable is after so many changes, among what it was and will be at neighbouring steps, and what small changes of the program make of it. */
    private function foretellValue(): ?Rung
    {
        $told = array_filter(self::values($this->program, $this->language, $this->situations[0]), static fn (array $values): bool => \count(array_unique($values)) >= self::CHOICES);
        if ([] === $told) {
            return null;
        }
        $name = $this->dice->shuffled(array_keys($told))[0];
        $values = $told[$name];
        $at = 1 + $this->dice->below(min(self::LAST_VALUE, \count($values) - 1));
        $choices = [$values[$at]];
        $near = array_map(static fn (int $by): ?string => $values[$at + $by] ?? null, [-1, 1, 2, -2]);
        foreach ($this->showing(self::VARIATIONS) as [, , $other]) {
            $near[] = self::values($other, $this->language, $this->situations[0])[$name][$at] ?? null;
            if (\count($near) > 2 * self::CHOICES) {
                break;
            }
        }
        // Two of what stands beside it in time come first, then what other programs make of it.
        foreach ([$near[0], $near[1], ...\array_slice($near, 4), $near[2], $near[3], ...$values] as $wrong) {
            if (null !== $wrong && !\in_array($wrong, $choices, true) && \count($choices) < self::CHOICES) {
                $choices[] = $wrong;
            }
        }
        $shuffled = $this->dice->shuffled($choices);

        return $this->made(RungKind::Foretell, ['text' => $this->model, 'what' => 'value', 'name' => $name, 'at' => $at + 1, 'choices' => $shuffled], [(int) array_search($choices[0], $shuffled, true)]);
    }

    /** @return array<string, list<string>> the values of each variable of the program itself, in their order, as they are shown */
    private static function values(Program $program, Language $language, Situation $situation): array
    {
        $outcome = Trial::run($program, $language, $situation, true);
        $values = [];
        foreach (array_chunk($outcome->trace->changes, 3) as [, $variable, $value]) {
            $known = \is_int($variable) ? $outcome->variables[$variable] ?? null : null;
            // Lists and parts have no value that stands on one line.
            if (null !== $known && null === $known['function'] && (\is_scalar($value) || $value instanceof BigInteger)) {
                $values[$known['name']][] = $outcome->values->display($value);
            }
        }

        return $values;
    }

    private function sort(): ?Rung
    {
        $own = array_values(array_filter($this->lines, static fn (string $line): bool => '' !== trim($line) && 1 !== preg_match('/^\s*(?:#(?!include)|\/\/)/', $line)));
        if (\count($own) < 3) {
            return null;
        }
        $cards = array_map(static fn (string $line): array => ['text' => trim($line), 'indent' => self::indent($line)], $own);
        $strangers = [];
        foreach ($this->dice->shuffled(array_keys($own)) as $at) {
            $slip = UsualMistakes::of($own, $at, $this->language, $this->locale)[0] ?? null;
            if (null !== $slip && !\in_array($slip['line'], array_column($cards, 'text'), true)) {
                $strangers[] = $slip['line'];
            }
            if (self::STRANGERS === \count($strangers)) {
                break;
            }
        }
        $texts = [...array_column($cards, 'text'), ...$strangers];
        $order = $this->dice->shuffled(array_keys($texts));
        $places = array_flip($order);
        $right = array_map(static fn (int $number): array => [$places[$number], $cards[$number]['indent']], array_keys($cards));

        return $this->made(RungKind::Sort, ['slips' => array_map(static fn (int $number): string => $texts[$number], $order), 'indents' => $this->language->notation()->indents, 'goal' => $this->goal($this->program)], $right);
    }

    private static function indent(string $line): int
    {
        return intdiv(\strlen($line) - \strlen(ltrim($line)), 4);
    }

    /**
     * Pieces are taken out of the lines, and are to be written in again.
     *
     * @param list<GapKind> $kinds
     */
    private function fill(int $gaps, array $kinds): ?Rung
    {
        $may = array_merge(...array_map(fn (GapKind $kind): array => $kind->pieces($this->model, $this->language), $kinds));
        $chosen = [];
        foreach ($this->dice->shuffled($may) as [$offset, $length]) {
            $isFree = [] === array_filter($chosen, static fn (int $long, int $at): bool => $offset < $at + $long && $at < $offset + $length, \ARRAY_FILTER_USE_BOTH);
            // What may be left out as well can be told from nothing.
            $without = $isFree ? $this->language->read(substr_replace($this->model, '', $offset, $length)) : null;
            if (null !== $without && ([] !== $without->mistakes || $this->differs($without->program->withSetting($this->program->setting)))) {
                $chosen[$offset] = $length;
            }
            if (\count($chosen) === max(1, $gaps)) {
                break;
            }
        }
        ksort($chosen);
        if ([] === $chosen) {
            return null;
        }
        $text = $this->model;
        foreach (array_reverse($chosen, true) as $offset => $length) {
            $text = substr_replace($text, '▢', $offset, $length);
        }
        $right = array_map(fn (int $offset, int $length): string => substr($this->model, $offset, $length), array_keys($chosen), $chosen);

        return $this->made(RungKind::Fill, ['text' => $text, 'gaps' => \count($right), 'goal' => $this->goal($this->program)], $right);
    }

    private function mend(): ?Rung
    {
        foreach ($this->showing() as [$kind, , $other]) {
            $text = (new Analysis($other))->text($this->language)->text();
            if (null !== $this->asRead($text)) {
                return $this->made(RungKind::Mend, ['text' => $text, 'fault' => $kind->value, 'goal' => $this->goal($this->program)]);
            }
        }

        return null;
    }

    private function vary(): ?Rung
    {
        foreach ($this->showing(self::VARIATIONS) as [, , $other]) {
            $text = (new Analysis($other))->text($this->language)->text();
            $read = $this->asRead($text);
            if (null !== $read && 'ended' === (Trial::seen($read, $this->language, [$this->situations[0]])[0]['ends'] ?? '')) {
                return $this->made(RungKind::Vary, ['text' => $this->model, 'goal' => $this->goal($read)], [], $text);
            }
        }

        return null;
    }

    /** A changed program as its text is read, if it can be and what it changed is still to be seen then. */
    private function asRead(string $text): ?Program
    {
        $read = $this->language->read($text);
        if ($text === $this->model || [] !== $read->mistakes) {
            return null;
        }
        $program = $read->program->withSetting($this->program->setting);

        return $this->differs($program) ? $program : null;
    }

    private function write(int $level): Rung
    {
        $rows = [];
        foreach ($level >= 4 ? (new BlocksPage($this->program, $this->locale))->rows : [] as $row) {
            $words = array_map(static fn (string|BlankView $part): string => \is_string($part) ? $part : ($part->chip?->words() ?? $part->source), $row->segments);
            $rows[] = ['depth' => \count($row->brackets), 'text' => trim((string) preg_replace('/\s+/u', ' ', implode('', $words)))];
        }

        return $this->made(RungKind::Write, ['says' => $level >= 2 && $level < 4 ? $this->says() : [], 'rows' => array_values(array_filter($rows, static fn (array $row): bool => '' !== $row['text'])), 'goal' => $this->goal($this->program)]);
    }

    private function carry(): Rung
    {
        $from = $this->language->another();

        return $this->made(RungKind::Carry, ['from' => $from->value, 'text' => $this->analysis->text($from)->text(), 'goal' => $this->goal($this->program)]);
    }

    /**
     * @param list<FaultKind>|null $kinds all, if none are named
     *
     * @return \Generator<int, array{FaultKind, int, Program}> programs with a fault that can be seen in some situation
     */
    private function showing(?array $kinds = null): \Generator
    {
        $faults = array_filter(Faults::of($this->program), static fn (array $fault): bool => null === $kinds || \in_array($fault[0], $kinds, true));
        $this->steps = 0;
        foreach (\array_slice($this->dice->shuffled(array_values($faults)), 0, self::MOST_TRIED) as $fault) {
            if ($this->differs($fault[2])) {
                yield $fault;
            }
            if ($this->steps > self::MOST_STEPS) {
                return;
            }
        }
    }

    /**
     * Whether something else is to be seen of a program, in the first situation in which it is.
     *
     * @phpstan-impure it counts steps
     */
    private function differs(Program $other): bool
    {
        foreach ($this->situations as $at => $situation) {
            $outcome = Trial::run($other, $this->language, $situation);
            $this->steps += $outcome->trace->moment;
            $this->seen[$at] ??= Seen::of(Trial::run($this->program, $this->language, $situation));
            if (Seen::of($outcome) !== $this->seen[$at]) {
                return true;
            }
        }

        return false;
    }

    /** What shows through of a printed line: all of it, the beginnings of its words, the first letters, nothing. */
    private static function ghost(string $line, int $level): string
    {
        return match (true) {
            $level >= 4 => $line,
            3 === $level => (string) preg_replace_callback('/\w{3,}/', static fn (array $word): string => substr($word[0], 0, 2).str_repeat('·', \strlen($word[0]) - 2), $line),
            2 === $level => (string) preg_replace_callback('/^(\s*)(\S)(.*)$/', static fn (array $part): string => $part[1].$part[2].preg_replace('/\S/', '·', $part[3]), $line),
            default => '',
        };
    }
}
