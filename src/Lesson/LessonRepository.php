<?php

declare(strict_types=1);

namespace Scrivlet\App\Lesson;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\Core\Lesson\Course as Document;

/** @extends ServiceEntityRepository<Lesson> */
final class LessonRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Lesson::class);
    }

    /** @return list<Lesson> in their order */
    public function of(Course $course): array
    {
        return $this->findBy(['course' => $course, 'deletedAt' => null], ['position' => 'ASC', 'id' => 'ASC']);
    }

    /** @return array<int, int> how many lessons each of some courses has */
    public function counts(Course ...$courses): array
    {
        /** @var list<array{course: int|string, lessons: int|string}> $rows */
        $rows = $this->createQueryBuilder('lesson')->select('IDENTITY(lesson.course) AS course, COUNT(lesson.id) AS lessons')->where('lesson.course IN (:courses)')->andWhere('lesson.deletedAt IS NULL')
            ->setParameter('courses', $courses)->groupBy('lesson.course')->getQuery()->getArrayResult();
        $counts = [];
        foreach ($rows as $row) {
            $counts[(int) $row['course']] = (int) $row['lessons'];
        }

        return $counts;
    }

    public function document(Course $course): Document
    {
        $texts = $course->texts();
        \assert([] !== $texts);

        return new Document($texts, array_map(static fn (Lesson $lesson): \Scrivlet\Core\Lesson\Lesson => $lesson->lesson(), $this->of($course)));
    }
}
