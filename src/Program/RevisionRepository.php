<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\DBAL\ParameterType;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Program as Kept;
use Scrivlet\App\Entity\Revision as KeptRevision;
use Scrivlet\Core\Edit\Revision;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Tree\Program;

/**
 * States are read and written by plain statements: an edit asks for a column or two of one of them, and a state that
 * meanwhile exists must not close the entity manager.
 *
 * @extends ServiceEntityRepository<KeptRevision>
 */
final class RevisionRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, KeptRevision::class);
    }

    /** @param string $tree as ProjectWriter::kept writes it */
    public function add(int $program, Revision $revision, string $kind, string $what, string $tree, ?string $editId = null): void
    {
        $this->getEntityManager()->getConnection()->executeStatement(
            'INSERT INTO revisions (program_id, number, kind, what, tree, undo_to, redo_to, made_at, edit_id) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)',
            [$program, $revision->number, $kind, mb_substr($what, 0, 60), (string) gzcompress($tree, 1), $revision->undoTo, $revision->redoTo, (new \DateTimeImmutable())->format('Y-m-d H:i:s'), $editId],
            [4 => ParameterType::LARGE_OBJECT],
        );
    }

    /** @return array{Revision, Program}|null */
    public function at(Kept $kept, int $number): ?array
    {
        $row = $this->getEntityManager()->getConnection()->fetchAssociative('SELECT tree, undo_to, redo_to FROM revisions WHERE program_id = ? AND number = ?', [$kept->id(), $number]);
        if (false === $row || !\is_string($row['tree'])) {
            return null;
        }

        return [new Revision($number, self::number($row['undo_to']), self::number($row['redo_to'])), ProjectReader::kept((string) gzuncompress($row['tree']))];
    }

    /** The revision that an edit made which was sent before; null if it did not come through. */
    public function madeBy(Kept $kept, string $editId): ?int
    {
        return self::number($this->getEntityManager()->getConnection()->fetchOne('SELECT number FROM revisions WHERE program_id = ? AND edit_id = ?', [$kept->id(), $editId]));
    }

    /** By which edit a revision was made. */
    public function editOf(Kept $kept, int $number): ?string
    {
        $id = $this->getEntityManager()->getConnection()->fetchOne('SELECT edit_id FROM revisions WHERE program_id = ? AND number = ?', [$kept->id(), $number]);

        return \is_string($id) ? $id : null;
    }

    /** A state with a name is never thinned out; one without any is like the others again. */
    public function name(Kept $kept, int $number, string $name): void
    {
        $this->getEntityManager()->getConnection()->executeStatement('UPDATE revisions SET name = ? WHERE program_id = ? AND number = ?', ['' === $name ? null : $name, $kept->id(), $number]);
    }

    /** @return list<array{number: int, kind: string, what: string, madeAt: \DateTimeImmutable, name: string|null}> newest first */
    public function history(Kept $kept, int $most, int $before = \PHP_INT_MAX): array
    {
        /** @var list<array{number: int, kind: string, what: string, madeAt: \DateTimeImmutable, name: string|null}> $history */
        $history = $this->createQueryBuilder('revision')->select('revision.number, revision.kind, revision.what, revision.madeAt, revision.name')
            ->where('revision.program = :program AND revision.number < :before')->setParameter('program', $kept)->setParameter('before', $before)
            ->orderBy('revision.number', 'DESC')->setMaxResults($most)->getQuery()->getResult();

        return $history;
    }

    private static function number(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
