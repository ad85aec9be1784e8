<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Language\Language;

/** A row of lessons, to be opened as a book. */
final readonly class Course
{
    public const MOST_LESSONS = 60;
    public const LONGEST_ABOUT = 300;

    /**
     * @param non-empty-array<string, array{title: string, about: string}> $texts   by locale
     * @param list<Lesson>                                                 $lessons
     */
    public function __construct(public array $texts, public array $lessons)
    {
    }

    public function title(string $locale): string
    {
        return ($this->texts[$locale] ?? $this->texts[array_key_first($this->texts)])['title'];
    }

    public function about(string $locale): string
    {
        return ($this->texts[$locale] ?? $this->texts[array_key_first($this->texts)])['about'];
    }

    /** @return list<Language> in which at least one lesson can be worked on */
    public function languages(): array
    {
        return array_values(array_filter(Language::cases(), fn (Language $one): bool => [] !== array_filter($this->lessons, static fn (Lesson $lesson): bool => \in_array($one, $lesson->languages, true))));
    }
}
