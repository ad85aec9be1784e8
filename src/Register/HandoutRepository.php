<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Handout;
use Scrivlet\App\Entity\SchoolClass;

/** @extends ServiceEntityRepository<Handout> */
final class HandoutRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Handout::class);
    }

    /** @return list<Handout> the last one first */
    public function of(SchoolClass $class): array
    {
        return $this->findBy(['class' => $class], ['id' => 'DESC']);
    }
}
