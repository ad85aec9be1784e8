<?php

declare(strict_types=1);

namespace Scrivlet\App\Learner;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Work;
use Scrivlet\Core\Language\Language;

/** @extends ServiceEntityRepository<Work> */
final class WorkRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Work::class);
    }

    public function one(Learner $learner, Lesson $lesson, int $rung, Language $language): ?Work
    {
        return $this->findOneBy(['learner' => $learner, 'lesson' => $lesson, 'rung' => $rung, 'language' => $language->value]);
    }

    /** The work on a rung, begun with this if there is none. */
    public function begun(Learner $learner, Lesson $lesson, int $rung, Language $language): Work
    {
        $work = $this->one($learner, $lesson, $rung, $language);
        if (null === $work) {
            $work = new Work($learner, $lesson, $rung, $language->value);
            $this->getEntityManager()->persist($work);
        }

        return $work;
    }

    /**
     * @param list<int> $learners
     *
     * @return list<Work> of a lesson, in whatever language
     */
    public function of(array $learners, Lesson $lesson): array
    {
        /** @var list<Work> $works */
        $works = $this->createQueryBuilder('work')->where('work.learner IN (:learners)')->andWhere('work.lesson = :lesson')->setParameter('learners', $learners)->setParameter('lesson', $lesson)->getQuery()->getResult();

        return $works;
    }

    /** @return list<Work> with something written in them, the last one first */
    public function last(Learner $learner, int $most): array
    {
        /** @var list<Work> $works */
        $works = $this->createQueryBuilder('work')->where('work.learner = :learner')->andWhere("work.answer <> ''")->setParameter('learner', $learner)->orderBy('work.changedAt', 'DESC')->addOrderBy('work.id', 'DESC')->setMaxResults($most)->getQuery()->getResult();

        return $works;
    }

    /** @return list<Work> of a course in a language, those that were passed first in front */
    public function inCourse(Learner $learner, Course $course, Language $language): array
    {
        /** @var list<Work> $works */
        $works = $this->createQueryBuilder('work')->join('work.lesson', 'lesson')->where('work.learner = :learner')->andWhere('work.language = :language')->andWhere('lesson.course = :course')
            ->setParameter('learner', $learner)->setParameter('language', $language->value)->setParameter('course', $course)->orderBy('work.passedAt')->addOrderBy('work.id')->getQuery()->getResult();

        return $works;
    }
}
