<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\ORM\QueryBuilder;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;

/**
 * @extends ServiceEntityRepository<Program>
 */
final class ProgramRepository extends ServiceEntityRepository
{
    private const SHELF = 200;
    private const TAKEN = 20;
    private const OTHERS = 100;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Program::class);
    }

    /** @return list<ShelfEntry> the newest first */
    public function onShelf(User $owner, string $search = ''): array
    {
        $query = $this->entriesOf($owner)->andWhere('program.deletedAt IS NULL')->orderBy('program.updatedAt', 'DESC')->addOrderBy('program.id', 'DESC')->setMaxResults(self::SHELF);
        if ('' !== $search) {
            $query->andWhere('program.name LIKE :search')->setParameter('search', '%'.addcslashes($search, '%_\\').'%');
        }

        return self::entries($query);
    }

    /** @return list<ShelfEntry> those that were taken from the shelf, the last first */
    public function taken(User $owner): array
    {
        return self::entries($this->entriesOf($owner)->andWhere('program.deletedAt IS NOT NULL')->orderBy('program.deletedAt', 'DESC')->setMaxResults(self::TAKEN));
    }

    /** @return list<ShelfEntry> the person's programs beside one of them */
    public function others(User $owner, Program $one): array
    {
        return self::entries($this->entriesOf($owner)->andWhere('program.deletedAt IS NULL AND program.id <> :one')->setParameter('one', $one->id())->orderBy('program.updatedAt', 'DESC')->setMaxResults(self::OTHERS));
    }

    public function onShelfOf(User $owner, int $id): ?Program
    {
        return $this->findOneBy(['id' => $id, 'owner' => $owner, 'deletedAt' => null]);
    }

    /** @return iterable<Program> all of a person's programs, one after the other */
    public function allOf(User $owner): iterable
    {
        /** @var iterable<Program> $programs */
        $programs = $this->createQueryBuilder('program')->where('program.owner = :owner')->setParameter('owner', $owner)->orderBy('program.id')->getQuery()->toIterable();

        return $programs;
    }

    private function entriesOf(User $owner): QueryBuilder
    {
        return $this->createQueryBuilder('program')->select('NEW '.ShelfEntry::class.'(program.id, program.name, program.rows, program.revision, program.updatedAt)')
            ->where('program.owner = :owner')->setParameter('owner', $owner);
    }

    /** @return list<ShelfEntry> */
    private static function entries(QueryBuilder $query): array
    {
        /** @var list<ShelfEntry> $entries */
        $entries = $query->getQuery()->getResult();

        return $entries;
    }
}
