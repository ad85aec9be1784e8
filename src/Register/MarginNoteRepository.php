<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\MarginNote;
use Scrivlet\App\Entity\Pupil;

/** @extends ServiceEntityRepository<MarginNote> */
final class MarginNoteRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, MarginNote::class);
    }

    /** @return list<MarginNote> those that the pupil has not put away yet */
    public function open(Pupil $pupil): array
    {
        return $this->findBy(['pupil' => $pupil, 'readAt' => null], ['id' => 'ASC']);
    }

    /** @return list<MarginNote> */
    public function ofPupil(Pupil $pupil): array
    {
        return $this->findBy(['pupil' => $pupil], ['id' => 'DESC'], 50);
    }
}
