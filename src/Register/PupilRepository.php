<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;

/** @extends ServiceEntityRepository<Pupil> */
final class PupilRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Pupil::class);
    }

    /** @return list<Pupil> in the order of their names */
    public function of(SchoolClass $class): array
    {
        /** @var list<Pupil> $pupils */
        $pupils = $this->createQueryBuilder('pupil')->addSelect('user', 'learner')->join('pupil.user', 'user')->join('pupil.learner', 'learner')->where('pupil.class = :class')->setParameter('class', $class)->orderBy('user.name')->addOrderBy('pupil.id')->getQuery()->getResult();

        return $pupils;
    }

    public function ofUser(User $user): ?Pupil
    {
        return $this->findOneBy(['user' => $user]);
    }

    public function named(SchoolClass $class, string $name): ?Pupil
    {
        foreach ($this->of($class) as $pupil) {
            if (self::plain($pupil->name()) === self::plain($name)) {
                return $pupil;
            }
        }

        return null;
    }

    /** Names that a teacher could not tell apart are one. */
    private static function plain(string $name): string
    {
        return mb_strtolower((string) (\Normalizer::normalize($name, \Normalizer::FORM_KC) ?: $name));
    }
}
