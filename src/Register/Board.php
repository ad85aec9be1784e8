<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Entity\Copy;
use Scrivlet\App\Entity\Handout;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\Core\Lesson\RungSetting;
use Scrivlet\Core\Register\Standing;
use Symfony\Contracts\Cache\CacheInterface;

/** The register of a class: pupils down; the rungs of a lesson, or what was handed out, across. */
final readonly class Board
{
    public function __construct(private PupilRepository $pupils, private WorkRepository $works, private CopyRepository $copies, private HandoutRepository $handouts, private CacheInterface $cache)
    {
    }

    /** @return list<Column> what stands across */
    public function columns(SchoolClass $class): array
    {
        return ClassView::Programs === $class->view()
            ? array_map(static fn (Handout $handout): Column => new Column($handout->id(), null, $handout->name), $this->handouts->of($class))
            : $this->rungs($class->lesson());
    }

    /** @return list<Column> of a lesson, whose file need not be read again for each step of each pupil */
    private function rungs(?Lesson $lesson): array
    {
        return null === $lesson ? [] : $this->cache->get("rungs-{$lesson->id()}-{$lesson->revision()}-{$lesson->updatedAt()->getTimestamp()}", static fn (): array => array_map(static fn (RungSetting $rung): Column => new Column($rung->id, $rung->kind->value), $lesson->lesson()->rungs));
    }

    /** @return list<Row> */
    public function rows(SchoolClass $class): array
    {
        return $this->made($class, $this->pupils->of($class));
    }

    public function row(Pupil $pupil): Row
    {
        return $this->made($pupil->class(), [$pupil])[0];
    }

    /**
     * @param list<Pupil> $pupils
     *
     * @return list<Row>
     */
    private function made(SchoolClass $class, array $pupils): array
    {
        $now = new \DateTimeImmutable();
        $only = 1 === \count($pupils) ? $pupils[0] : null;
        $cells = ClassView::Programs === $class->view() ? $this->ofHandouts($class, $pupils, $only) : $this->ofLesson($class->lesson(), $pupils, $now);
        $rows = array_map(static fn (Pupil $pupil): Row => new Row($pupil, $cells[$pupil->id()] ?? [], $now), $pupils);
        usort($rows, static fn (Row $one, Row $other): int => strnatcasecmp($one->order(), $other->order()));

        return $rows;
    }

    /**
     * @param list<Pupil> $pupils
     *
     * @return array<int, array<int, Cell>> by pupil and rung
     */
    private function ofLesson(?Lesson $lesson, array $pupils, \DateTimeImmutable $now): array
    {
        if (null === $lesson) {
            return [];
        }
        $works = [];
        foreach ($this->works->of(array_map(static fn (Pupil $pupil): int => $pupil->learner->id(), $pupils), $lesson) as $work) {
            // Of a rung that was done in two languages the one counts in which it was passed, or that was touched last.
            $other = $works[$work->learner->id()][$work->rung] ?? null;
            if (null === $other || [$work->isPassed(), $work->changedAt()] > [$other->isPassed(), $other->changedAt()]) {
                $works[$work->learner->id()][$work->rung] = $work;
            }
        }
        $cells = [];
        foreach ($pupils as $pupil) {
            $place = $pupil->place();
            foreach ($this->rungs($lesson) as $rung) {
                $isHere = null !== $place && 'rung' === $place['kind'] && $place['lesson'] === $lesson->id() && $place['rung'] === $rung->id;
                $cells[$pupil->id()][$rung->id] = self::ofWork($works[$pupil->learner->id()][$rung->id] ?? null, $pupil, $isHere, $now);
            }
        }

        return $cells;
    }

    private static function ofWork(?Work $work, Pupil $pupil, bool $isHere, \DateTimeImmutable $now): Cell
    {
        $since = $pupil->mistakesSince();
        $standing = Standing::of(
            null !== $work && ($work->tries() > 0 || null !== $work->answer()),
            $work?->isPassed() ?? false,
            $work?->isSkipped() ?? false,
            $isHere,
            $work?->nearness() ?? [],
            $work?->seconds() ?? 0,
            $isHere && null !== $since ? $now->getTimestamp() - $since->getTimestamp() : null,
            null !== $pupil->helpAt(),
        );

        return new Cell($standing, $work?->tries() ?? 0, $work?->hints() ?? 0, $work?->seconds() ?? 0, $isHere);
    }

    /**
     * @param list<Pupil> $pupils
     *
     * @return array<int, array<int, Cell>> by pupil and what was handed out
     */
    private function ofHandouts(SchoolClass $class, array $pupils, ?Pupil $only): array
    {
        $now = new \DateTimeImmutable();
        $known = array_combine(array_map(static fn (Pupil $pupil): int => $pupil->id(), $pupils), $pupils);
        $cells = [];
        foreach (null === $only ? $this->copies->ofClass($class) : $this->copies->ofPupil($only) as $copy) {
            $pupil = $known[$copy->pupil->id()] ?? null;
            if (null !== $pupil) {
                $cells[$pupil->id()][$copy->handout->id()] = self::ofCopy($copy, $pupil, $now);
            }
        }

        return $cells;
    }

    private static function ofCopy(Copy $copy, Pupil $pupil, \DateTimeImmutable $now): Cell
    {
        $place = $pupil->place();
        $isHere = null !== $place && 'program' === $place['kind'] && $place['program'] === $copy->program->id();
        $since = $pupil->mistakesSince();
        $standing = Standing::of($copy->isBegun(), null !== $copy->collected(), false, $isHere, trouble: $isHere && null !== $since ? $now->getTimestamp() - $since->getTimestamp() : null, isHandUp: null !== $pupil->helpAt());

        return new Cell($standing, $copy->runs(), 0, $copy->seconds(), $isHere);
    }
}
