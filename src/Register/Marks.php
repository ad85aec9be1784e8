<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Register\InkShare;

/** What each pupil has done, in numbers: of a course, lesson by lesson, and of what was handed out. */
final readonly class Marks
{
    public function __construct(private PupilRepository $pupils, private LessonRepository $lessons, private WorkRepository $works, private CopyRepository $copies, private TripRepository $trips)
    {
    }

    /** @return list<Lesson> of the course that the class works on */
    public function lessons(SchoolClass $class): array
    {
        return null === $class->course() ? [] : $this->lessons->of($class->course());
    }

    /** @return list<array<string, mixed>> a pupil each; see of() */
    public function all(SchoolClass $class): array
    {
        return array_map(fn (Pupil $pupil): array => $this->of($pupil), $this->pupils->of($class));
    }

    /**
     * @return array{pupil: Pupil, passed: int, rungs: int, tries: int, hints: int, minutes: int, overcome: int, ink: int|null, begun: int, collected: int, handed: int, lessons: array<int, array{passed: int, rungs: int, tries: int, hints: int, minutes: int}>, trips: int, last: \DateTimeImmutable|null}
     *                                                                                                                                                                                                                                                                                                         `ink`: percent of the lines written as text
     */
    public function of(Pupil $pupil): array
    {
        $class = $pupil->class();
        $sum = ['passed' => 0, 'rungs' => 0, 'tries' => 0, 'hints' => 0, 'minutes' => 0, 'overcome' => 0];
        $lessons = [];
        $last = null;
        [$typed, $lines] = [0, 0];
        foreach ($this->lessons($class) as $lesson) {
            $works = $this->works->of([$pupil->learner->id()], $lesson);
            $passed = array_unique(array_map(static fn (Work $work): int => $work->rung, array_filter($works, static fn (Work $work): bool => $work->isPassed())));
            $of = [
                'passed' => \count($passed), 'rungs' => \count($lesson->lesson()->rungs),
                'tries' => array_sum(array_map(static fn (Work $work): int => $work->tries(), $works)),
                'hints' => array_sum(array_map(static fn (Work $work): int => $work->hints(), $works)),
                'minutes' => (int) round(array_sum(array_map(static fn (Work $work): int => $work->seconds(), $works)) / 60),
            ];
            $lessons[$lesson->id()] = $of;
            foreach ($of as $name => $value) {
                $sum[$name] += $value;
            }
            $sum['overcome'] += \count(array_filter($works, static fn (Work $work): bool => $work->hasOvercome()));
            foreach ($works as $work) {
                $last = null === $last || $work->changedAt() > $last ? $work->changedAt() : $last;
            }
        }
        $copies = $this->copies->ofPupil($pupil);
        foreach ($copies as $copy) {
            $sum['minutes'] += (int) round($copy->seconds() / 60);
            if ($copy->isBegun()) {
                [$of, $all] = InkShare::of(ProgramStore::program($copy->program));
                $typed += $of;
                $lines += $all;
            }
        }

        return [
            'pupil' => $pupil, ...$sum, 'ink' => 0 === $lines ? null : (int) round(100 * $typed / $lines),
            'begun' => \count(array_filter($copies, static fn ($copy): bool => $copy->isBegun())), 'collected' => \count(array_filter($copies, static fn ($copy): bool => null !== $copy->collected())), 'handed' => \count($copies),
            'lessons' => $lessons, 'trips' => $this->trips->count(['pupil' => $pupil]), 'last' => $last,
        ];
    }
}
