<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
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

    public function __construct(private EntityManagerInterface $entities, private RevisionRepository $revisions)
    {
    }

    public function create(User $owner, string $name, Program $program): Kept
    {
        $tree = ProjectWriter::kept($program);
        $kept = new Kept($owner, $name, $tree, self::rows($program));
        $this->entities->wrapInTransaction(function () use ($kept, $tree): void {
            $this->entities->persist($kept);
            $this->entities->flush();
            $this->revisions->add($kept->id(), Revision::first(), 'create', '', $tree);
        });

        return $kept;
    }

    /**
     * @param string|null $shown digests of the lines that the window of this edit shows now
     *
     * @throws RevisionConflict if the program has gone on since
     */
    public function save(Kept $kept, Revision $revision, Program $program, string $kind, string $what, ?string $editId = null, ?string $shown = null): void
    {
        $tree = ProjectWriter::kept($program);
        $connection = $this->entities->getConnection();
        $write = function () use ($connection, $kept, $revision, $program, $kind, $what, $tree, $editId, $shown): void {
            $changed = $connection->executeStatement(
                'UPDATE programs SET tree = ?, row_count = ?, revision = ?, undo_to = ?, redo_to = ?, updated_at = ?, shown = ? WHERE id = ? AND revision = ?',
                [$tree, self::rows($program), $revision->number, $revision->undoTo, $revision->redoTo, (new \DateTimeImmutable())->format('Y-m-d H:i:s'), $shown, $kept->id(), $revision->number - 1],
            );
            if (1 !== $changed) {
                throw new RevisionConflict();
            }
            $this->revisions->add($kept->id(), $revision, $kind, $what, $tree, $editId);
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

    /** Takes over what another request has kept meanwhile. */
    public function refresh(Kept $kept): void
    {
        $this->entities->refresh($kept);
    }

    private static function rows(Program $program): int
    {
        // The row that starts the program is on every page.
        return iterator_count(Walk::statements($program->parts())) - 1;
    }

    public static function program(Kept $kept): Program
    {
        return ProjectReader::kept($kept->tree());
    }
}
