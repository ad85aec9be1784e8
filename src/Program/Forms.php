<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;

/** Brings all that is kept to the form of today. Migrations do so after each change of the form. */
final readonly class Forms
{
    private const AT_ONCE = 100;

    public function __construct(private Connection $connection)
    {
    }

    /** Only what is of another form is read and written anew, so that a second go has nothing to do. */
    public function renew(): void
    {
        $last = 0;
        while ([] !== $programs = $this->connection->fetchAllAssociative('SELECT id, tree FROM programs WHERE id > ? ORDER BY id LIMIT '.self::AT_ONCE, [$last])) {
            foreach ($programs as $row) {
                $last = is_numeric($row['id']) ? (int) $row['id'] : 0;
                $tree = \is_string($row['tree']) ? $row['tree'] : '';
                if (!ProjectReader::isCurrent($tree)) {
                    $this->connection->executeStatement('UPDATE programs SET tree = ? WHERE id = ?', [ProjectWriter::kept(ProjectReader::kept($tree)), $last]);
                }
                $this->revisions($last);
            }
        }
    }

    private function revisions(int $program): void
    {
        $last = 0;
        while ([] !== $revisions = $this->connection->fetchAllAssociative('SELECT number, tree FROM revisions WHERE program_id = ? AND number > ? ORDER BY number LIMIT '.self::AT_ONCE, [$program, $last])) {
            foreach ($revisions as $row) {
                $last = is_numeric($row['number']) ? (int) $row['number'] : 0;
                $tree = \is_string($row['tree']) ? (string) gzuncompress($row['tree']) : '';
                if (!ProjectReader::isCurrent($tree)) {
                    $this->connection->executeStatement('UPDATE revisions SET tree = ? WHERE program_id = ? AND number = ?', [(string) gzcompress(ProjectWriter::kept(ProjectReader::kept($tree)), 1), $program, $last], [ParameterType::LARGE_OBJECT]);
                }
            }
        }
    }
}
