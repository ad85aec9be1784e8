<?php

declare(strict_types=1);

namespace Scrivlet\App\Learner;

use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\RungSetting;

/** What somebody has done of a course in one language, and the one next thing to do. */
final readonly class Progress
{
    /**
     * @param list<Lesson>                 $lessons
     * @param array<int, array<int, Work>> $works   by lesson and rung
     */
    private function __construct(public Language $language, public array $lessons, private array $works)
    {
    }

    public static function of(?Learner $learner, Course $course, Language $language, LessonRepository $lessons, WorkRepository $works): self
    {
        $done = [];
        foreach (null === $learner ? [] : $works->inCourse($learner, $course, $language) as $work) {
            $done[$work->lesson->id()][$work->rung] = $work;
        }

        return new self($language, $lessons->of($course), $done);
    }

    public function work(Lesson $lesson, int $rung): ?Work
    {
        return $this->works[$lesson->id()][$rung] ?? null;
    }

    /** @return list<RungSetting> those of a lesson that are asked in this language; none where the lesson is of other languages */
    public function rungs(Lesson $lesson): array
    {
        $document = $lesson->lesson();

        return \in_array($this->language, $document->languages, true) ? $document->rungsIn($this->language) : [];
    }

    /** How many rungs are passed or passed over, and how many there are. */
    public function done(Lesson $lesson): int
    {
        return \count(array_filter($this->rungs($lesson), fn (RungSetting $rung): bool => $this->isDone($lesson, $rung)));
    }

    public function passed(): int
    {
        return array_sum(array_map(fn (Lesson $lesson): int => \count(array_filter($this->rungs($lesson), fn (RungSetting $rung): bool => $this->work($lesson, $rung->id)?->isPassed() ?? false)), $this->lessons));
    }

    public function all(): int
    {
        return array_sum(array_map(fn (Lesson $lesson): int => \count($this->rungs($lesson)), $this->lessons));
    }

    private function isDone(Lesson $lesson, RungSetting $rung): bool
    {
        $work = $this->work($lesson, $rung->id);

        return null !== $work && ($work->isPassed() || $work->isSkipped());
    }

    /** Everything is passed or passed over, and what is written alone is passed. */
    public function isComplete(): bool
    {
        return $this->all() > 0 && null === $this->next();
    }

    /** When the last rung was passed. */
    public function last(): ?\DateTimeImmutable
    {
        $times = [];
        foreach ($this->works as $works) {
            foreach ($works as $work) {
                if (null !== $work->passedAt()) {
                    $times[] = $work->passedAt();
                }
            }
        }

        return [] === $times ? null : max($times);
    }

    /** @return array{lesson: Lesson, rung: RungSetting}|null where to go on; nothing when all is done */
    public function next(): ?array
    {
        foreach ($this->lessons as $lesson) {
            $rung = $this->nextOf($lesson);
            if (null !== $rung) {
                return ['lesson' => $lesson, 'rung' => $rung];
            }
        }

        return null;
    }

    /** The first rung of a lesson that is not done, from where this pupil begins; else the first that is not done. */
    public function nextOf(Lesson $lesson): ?RungSetting
    {
        $open = array_values(array_filter($this->rungs($lesson), fn (RungSetting $rung): bool => !$this->isDone($lesson, $rung)));
        $begins = $this->begins($lesson);
        foreach ($open as $rung) {
            if (Support::helps($rung->kind) <= $begins) {
                return $rung;
            }
        }

        return $open[0] ?? null;
    }

    /** The rung behind one, in its lesson; else the next thing to do. */
    public function after(Lesson $lesson, int $id): ?RungSetting
    {
        $rungs = $this->rungs($lesson);
        foreach ($rungs as $place => $rung) {
            if ($rung->id === $id) {
                foreach (\array_slice($rungs, $place + 1) as $later) {
                    if (!$this->isDone($lesson, $later)) {
                        return $later;
                    }
                }
            }
        }

        return null;
    }

    /** With how much help somebody begins a lesson, from what they did in those before it. */
    public function begins(Lesson $lesson): int
    {
        $level = Support::MOST;
        foreach ($this->lessons as $before) {
            if ($before === $lesson) {
                break;
            }
            $passed = $this->tried($before);
            if (\count($passed) >= Support::SURE) {
                $level = Support::next($level, $passed);
            }
        }

        return $level;
    }

    public function maySkip(Lesson $lesson): bool
    {
        return Support::maySkip($this->tried($lesson));
    }

    /** @return list<array{tries: int, hints: int}> the rungs of a lesson that were passed, in the order in which they were */
    private function tried(Lesson $lesson): array
    {
        $passed = array_values(array_filter($this->works[$lesson->id()] ?? [], static fn (Work $work): bool => $work->isPassed() && $work->tries() > 0));

        return array_map(static fn (Work $work): array => ['tries' => $work->tries(), 'hints' => $work->hints()], $passed);
    }
}
