<?php

declare(strict_types=1);

namespace Scrivlet\App\Lesson;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\User;

/** @extends ServiceEntityRepository<Course> */
final class CourseRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Course::class);
    }

    /** @return list<Course> that are there for everybody */
    public function open(): array
    {
        return $this->found($this->createQueryBuilder('course')->where('course.isOpen = true'));
    }

    /** @return list<Course> */
    public function of(User $owner): array
    {
        return $this->found($this->createQueryBuilder('course')->where('course.owner = :owner')->setParameter('owner', $owner));
    }

    /** @return list<Course> that other teachers let be copied */
    public function sharedWith(User $user): array
    {
        return $this->found($this->createQueryBuilder('course')->where('course.isShared = true')->andWhere('course.owner <> :user')->setParameter('user', $user));
    }

    /** @return list<Course> */
    private function found(QueryBuilder $query): array
    {
        /** @var list<Course> $courses */
        $courses = $query->andWhere('course.deletedAt IS NULL')->orderBy('course.id')->setMaxResults(200)->getQuery()->getResult();

        return $courses;
    }
}
