<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;

/** A model program, what is said of it, and the rungs that lead to writing it. */
final readonly class Lesson
{
    public const MOST_RUNGS = 40;
    public const MOST_CASES = 24;
    public const MOST_PAGES = 20;
    /** Letters of a page of explanation. */
    public const LONGEST_PAGE = 20_000;
    public const LONGEST_TITLE = 80;

    /**
     * @param non-empty-array<string, LessonText> $texts     by locale
     * @param Program                             $model     of every locale that has none of its own
     * @param non-empty-list<Situation>           $cases     that answers have to pass
     * @param list<string>|null                   $stock     entries of the catalogue that may be used; without one, all
     * @param non-empty-list<Language>            $languages
     * @param bool                                $look      whether somebody may look at the rows of blocks while writing
     * @param list<RungSetting>                   $rungs
     */
    public function __construct(
        public array $texts,
        public Program $model,
        public array $cases,
        public ?array $stock,
        public array $languages,
        public bool $look,
        public array $rungs,
    ) {
    }

    public function text(string $locale): LessonText
    {
        return $this->texts[$locale] ?? $this->texts[array_key_first($this->texts)];
    }

    public function title(string $locale): string
    {
        return $this->text($locale)->title;
    }

    public function program(string $locale): Program
    {
        return $this->text($locale)->program ?? $this->model;
    }

    /** In which of its languages somebody works who wants that one. */
    public function language(Language $wanted): Language
    {
        return \in_array($wanted, $this->languages, true) ? $wanted : $this->languages[0];
    }

    /** @return list<RungSetting> those that can be asked in a language */
    public function rungsIn(Language $language): array
    {
        return array_values(array_filter($this->rungs, static fn (RungSetting $rung): bool => $rung->isIn($language)));
    }

    public function rung(int $id): ?RungSetting
    {
        foreach ($this->rungs as $rung) {
            if ($rung->id === $id) {
                return $rung;
            }
        }

        return null;
    }

    public function nextId(): int
    {
        return 1 + max(0, ...array_map(static fn (RungSetting $rung): int => $rung->id, $this->rungs));
    }

    /** @param list<RungSetting> $rungs */
    public function withRungs(array $rungs): self
    {
        return new self($this->texts, $this->model, $this->cases, $this->stock, $this->languages, $this->look, $rungs);
    }

    public function withText(string $locale, LessonText $text): self
    {
        return new self([...$this->texts, $locale => $text], $this->model, $this->cases, $this->stock, $this->languages, $this->look, $this->rungs);
    }
}
