<?php

declare(strict_types=1);

namespace Scrivlet\App\Learner;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Learner;

/** @extends ServiceEntityRepository<Learner> */
final class LearnerRepository extends ServiceEntityRepository
{
    /** How long the work of a guest is kept who does not come back. */
    public const KEPT = '-60 days';

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Learner::class);
    }

    /** @return int how many guests went */
    public function prune(\DateTimeImmutable $now): int
    {
        $gone = $this->createQueryBuilder('learner')->delete()->where('learner.user IS NULL')->andWhere('learner.seenAt < :before')->setParameter('before', $now->modify(self::KEPT))->getQuery()->execute();

        return \is_int($gone) ? $gone : 0;
    }
}
