<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Picture;
use Scrivlet\App\Entity\Program;

/**
 * @extends ServiceEntityRepository<Picture>
 */
final class PictureRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Picture::class);
    }

    /**
     * The picture of a program as it is; made only if the one that is kept is of another state.
     *
     * @param \Closure(): string $make
     */
    public function of(Program $program, \Closure $make): string
    {
        $revision = $program->revision()->number;
        $connection = $this->getEntityManager()->getConnection();
        $kept = $connection->fetchOne('SELECT svg FROM pictures WHERE program_id = ? AND revision = ?', [$program->id(), $revision]);
        if (\is_string($kept)) {
            return $kept;
        }
        $svg = $make();
        // Two windows may ask for it at the same time.
        $connection->executeStatement('REPLACE INTO pictures (program_id, revision, svg) VALUES (?, ?, ?)', [$program->id(), $revision, $svg]);

        return $svg;
    }
}
