<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Copy;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;

/** @extends ServiceEntityRepository<Copy> */
final class CopyRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Copy::class);
    }

    /** @return list<Copy> */
    public function ofClass(SchoolClass $class): array
    {
        /** @var list<Copy> $copies */
        $copies = $this->createQueryBuilder('copy')->addSelect('handout')->join('copy.handout', 'handout')->where('handout.class = :class')->setParameter('class', $class)->getQuery()->getResult();

        return $copies;
    }

    /** @return list<Copy> the last one handed out first */
    public function ofPupil(Pupil $pupil): array
    {
        /** @var list<Copy> $copies */
        $copies = $this->createQueryBuilder('copy')->addSelect('handout', 'program')->join('copy.handout', 'handout')->join('copy.program', 'program')->where('copy.pupil = :pupil')->setParameter('pupil', $pupil)->orderBy('handout.id', 'DESC')->getQuery()->getResult();

        return $copies;
    }
}
