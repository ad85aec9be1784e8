<?php

declare(strict_types=1);

namespace Scrivlet\App\People;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Deed;

/** @extends ServiceEntityRepository<Deed> */
final class DeedRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Deed::class);
    }

    /** Deeds are kept for so long. */
    public const KEPT = '-2 years';

    /** @return list<Deed> the last one first */
    public function last(int $most, int $before = \PHP_INT_MAX): array
    {
        /** @var list<Deed> $deeds */
        $deeds = $this->createQueryBuilder('deed')->where('deed.id < :before')->setParameter('before', $before)->orderBy('deed.id', 'DESC')->setMaxResults($most)->getQuery()->getResult();

        return $deeds;
    }
}
