<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Reference\UsualMistakes;
use Scrivlet\Core\Scene\Picture;
use Scrivlet\Core\Tree\Program;

/** Makes rungs from a program: the same program, language, kind, situations and seed give the same rung. */
final class Ladder
{
    private const MOST_PAIRS = 8;
    private const CHOICES = 4;
    private const STRANGERS = 2;
    /** Programs with a fault that are tried at most until one shows. */
    private const MOST_TRIED = 60;

    private readonly Dice $dice;
    private readonly Analysis $analysis;
    private readonly string $model;
    /** @var list<string> */
    private readonly array $lines;

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
     *
     * @return Rung|null nothing where the program gives no such rung
     */
    public static function rung(Program $program, Language $language, RungKind $kind, array $situations, int $seed, string $locale, int $level = 3): ?Rung
    {
        $ladder = new self($program->withoutTyping(), $language, $situations, $locale, $seed);

        return match ($kind) {
            RungKind::Pair => $ladder->pair(),
            RungKind::Foretell => $ladder->foretell(),
            RungKind::Sort => $ladder->sort(),
            RungKind::Fill => $ladder->fill($level),
            RungKind::Mend => $ladder->mend(),
            RungKind::Vary => $ladder->vary(),
            RungKind::Over => $ladder->made(RungKind::Over, ['ghost' => array_map(static fn (string $line): string => self::ghost($line, $level), $ladder->lines)]),
            RungKind::Write => $ladder->made(RungKind::Write, ['says' => $ladder->says(), 'goal' => $ladder->goal($program)]),
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
        $outcome = Trial::run($program, $this->language, $this->situations[0]);

        return ['picture' => Picture::svg($program->setting, $outcome->trace), 'printed' => $outcome->trace->printout()];
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

    /** What is printed, or the picture that remains: the right one among what small changes of the program give. */
    private function foretell(): ?Rung
    {
        $right = $this->goal($this->program);
        $what = '' !== trim($right['printed']) ? 'printed' : 'picture';
        $choices = [$right[$what]];
        foreach ($this->showing() as [, , $other]) {
            $wrong = $this->goal($other)[$what];
            if ('' !== trim($wrong) && !\in_array($wrong, $choices, true)) {
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

        return $this->made(RungKind::Sort, ['slips' => array_map(static fn (int $number): string => $texts[$number], $order), 'indents' => Language::Python === $this->language], $right);
    }

    private static function indent(string $line): int
    {
        return intdiv(\strlen($line) - \strlen(ltrim($line)), 4);
    }

    /** Numbers, names, texts and signs are taken out of the lines, and are to be written in again. */
    private function fill(int $gaps): ?Rung
    {
        $tokens = $this->language->tokens($this->model);
        $may = [];
        foreach ($tokens as $number => $token) {
            $isPiece = TokenKind::Number === $token->kind || TokenKind::Text === $token->kind || TokenKind::Name === $token->kind && '(' === ($tokens[$number + 1] ?? null)?->text;
            $line = substr($this->model, (int) strrpos(substr($this->model, 0, $token->offset), "\n"));
            if ($isPiece && 1 !== preg_match('/^\n?\s*(?:from|import|#include|using|const \{)/', $line)) {
                $may[] = $number;
            }
        }
        $chosen = [];
        $right = Trial::seen($this->program, $this->language, $this->situations);
        foreach ($this->dice->shuffled($may) as $number) {
            // What may be left out as well can be told from nothing.
            $without = $this->language->read(substr_replace($this->model, '', $tokens[$number]->offset, \strlen($tokens[$number]->text)));
            if ([] !== $without->mistakes || Trial::seen($without->program->withSetting($this->program->setting), $this->language, $this->situations) !== $right) {
                $chosen[] = $number;
            }
            if (\count($chosen) === max(1, $gaps)) {
                break;
            }
        }
        sort($chosen);
        if ([] === $chosen) {
            return null;
        }
        $text = '';
        $right = [];
        foreach ($tokens as $number => $token) {
            if (\in_array($number, $chosen, true)) {
                $text .= '▢';
                $right[] = $token->text;
            } else {
                $text .= $token->text;
            }
        }

        return $this->made(RungKind::Fill, ['text' => $text, 'gaps' => \count($right)], $right);
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
        foreach ($this->showing() as [$kind, , $other]) {
            $text = (new Analysis($other))->text($this->language)->text();
            $read = $this->asRead($text);
            $isVariation = \in_array($kind, [FaultKind::TurnMore, FaultKind::OtherNumber, FaultKind::OtherStart, FaultKind::WrongBound, FaultKind::ArgumentOrder, FaultKind::OtherSign], true);
            if ($isVariation && null !== $read && 'ended' === (Trial::seen($read, $this->language, [$this->situations[0]])[0]['ends'] ?? '')) {
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

        return Trial::seen($program, $this->language, $this->situations) === Trial::seen($this->program, $this->language, $this->situations) ? null : $program;
    }

    private function carry(): Rung
    {
        $from = Language::Python === $this->language ? Language::JavaScript : Language::Python;

        return $this->made(RungKind::Carry, ['from' => $from->value, 'text' => $this->analysis->text($from)->text(), 'goal' => $this->goal($this->program)]);
    }

    /** @return \Generator<int, array{FaultKind, int, Program}> programs with a fault that can be seen in some situation */
    private function showing(): \Generator
    {
        $right = Trial::seen($this->program, $this->language, $this->situations);
        foreach (\array_slice($this->dice->shuffled(Faults::of($this->program)), 0, self::MOST_TRIED) as $fault) {
            if (Trial::seen($fault[2], $this->language, $this->situations) !== $right) {
                yield $fault;
            }
        }
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
