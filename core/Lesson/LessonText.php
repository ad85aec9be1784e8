<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Tree\Program;

/** What a lesson says in one language of people. */
final readonly class LessonText
{
    /**
     * @param string       $goal    Markdown
     * @param list<string> $pages   of explanation, Markdown
     * @param Program|null $program the model with names in this language, if it differs
     */
    public function __construct(public string $title, public string $goal = '', public array $pages = [], public ?Program $program = null)
    {
    }
}
