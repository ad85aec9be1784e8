<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Program as Kept;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Edit\Revision;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Walk;

/** Keeps programs and every revision of them; revisions are only ever added. */
final readonly class ProgramStore
{
    private const TRIES = 4;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function create(User $owner, string $name, Program $program): Kept
    {
        $tree = ProjectWriter::kept($program);
        $kept = new Kept($owner, $name, $tree, self::rows($program));
        $this->entities->wrapInTransaction(function () use ($kept, $tree): void {
            $this->entities->persist($kept);
            $this->entities->flush();
            $this->add($kept->id(), Revision::first(), 'create', '', $tree);
        });

        return $kept;
    }

    /**
     * @throws RevisionConflict if the program has gone on since
     */
    public function save(Kept $kept, Revision $revision, Program $program, string $kind, string $what, ?string $editId = null): void
    {
        $tree = ProjectWriter::kept($program);
        $connection = $this->entities->getConnection();
        $write = function () use ($connection, $kept, $revision, $program, $kind, $what, $tree, $editId): void {
            $changed = $connection->executeStatement(
                'UPDATE programs SET tree = ?, row_count = ?, revision = ?, undo_to = ?, redo_to = ?, updated_at = ? WHERE id = ? AND revision = ?',
                [$tree, self::rows($program), $revision->number, $revision->undoTo, $revision->redoTo, self::now(), $kept->id(), $revision->number - 1],
            );
            if (1 !== $changed) {
                throw new RevisionConflict();
            }
            $this->add($kept->id(), $revision, $kind, $what, $tree, $editId);
        };
        self::again(static function () use ($connection, $write): void {
            $connection->transactional($write);
        });
    }

    /**
     * What the database gave up for another one's sake is tried again.
     *
     * @param \Closure(): void $do
     */
    private static function again(\Closure $do): void
    {
        for ($tries = 1;; ++$tries) {
            try {
                $do();

                return;
            } catch (UniqueConstraintViolationException) {
                throw new RevisionConflict();
            } catch (RetryableException $lost) {
                if ($tries >= self::TRIES) {
                    throw $lost;
                }
                usleep(random_int(5_000, 20_000) * $tries);
            }
        }
    }

    /** The revision that an edit made which was sent before; null if it did not come through. */
    public function made(Kept $kept, string $editId): ?int
    {
        return self::number($this->entities->getConnection()->fetchOne('SELECT number FROM revisions WHERE program_id = ? AND edit_id = ?', [$kept->id(), $editId]));
    }

    /** Takes over what another request has kept meanwhile. */
    public function refresh(Kept $kept): void
    {
        $this->entities->refresh($kept);
    }

    /** By which edit a revision was made. */
    public function editOf(Kept $kept, int $number): ?string
    {
        $id = $this->entities->getConnection()->fetchOne('SELECT edit_id FROM revisions WHERE program_id = ? AND number = ?', [$kept->id(), $number]);

        return \is_string($id) ? $id : null;
    }

    private function add(int $id, Revision $revision, string $kind, string $what, string $tree, ?string $editId = null): void
    {
        $this->entities->getConnection()->executeStatement(
            'INSERT INTO revisions (program_id, number, kind, what, tree, undo_to, redo_to, made_at, edit_id) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)',
            [$id, $revision->number, $kind, mb_substr($what, 0, 60), (string) gzcompress($tree, 1), $revision->undoTo, $revision->redoTo, self::now(), $editId],
            [4 => ParameterType::LARGE_OBJECT],
        );
    }

    private static function now(): string
    {
        return (new \DateTimeImmutable())->format('Y-m-d H:i:s');
    }

    private static function rows(Program $program): int
    {
        // The row that starts the program is on every page.
        return iterator_count(Walk::statements($program->parts())) - 1;
    }

    /** @return array{Revision, Program}|null */
    public function revision(Kept $kept, int $number): ?array
    {
        $row = $this->entities->getConnection()->fetchAssociative('SELECT tree, undo_to, redo_to FROM revisions WHERE program_id = ? AND number = ?', [$kept->id(), $number]);
        if (false === $row || !\is_string($row['tree'])) {
            return null;
        }

        return [new Revision($number, self::number($row['undo_to']), self::number($row['redo_to'])), ProjectReader::kept((string) gzuncompress($row['tree']))];
    }

    private static function number(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }

    /** A state with a name is never thinned out; one without any is like the others again. */
    public function nameState(Kept $kept, int $number, string $name): void
    {
        $this->entities->getConnection()->executeStatement('UPDATE revisions SET name = ? WHERE program_id = ? AND number = ?', ['' === $name ? null : $name, $kept->id(), $number]);
    }

    /** @return list<array{number: int, kind: string, what: string, madeAt: \DateTimeImmutable, name: string|null}> newest first */
    public function history(Kept $kept, int $most, int $before = \PHP_INT_MAX): array
    {
        $history = [];
        foreach ($this->entities->getConnection()->fetchAllAssociative('SELECT number, kind, what, made_at, name FROM revisions WHERE program_id = ? AND number < ? ORDER BY number DESC LIMIT '.$most, [$kept->id(), $before]) as $row) {
            /** @var array{number: int|string, kind: string, what: string, made_at: string, name: string|null} $row */
            $history[] = ['number' => (int) $row['number'], 'kind' => $row['kind'], 'what' => $row['what'], 'madeAt' => new \DateTimeImmutable($row['made_at']), 'name' => $row['name']];
        }

        return $history;
    }

    public static function program(Kept $kept): Program
    {
        return ProjectReader::kept($kept->tree());
    }
}
