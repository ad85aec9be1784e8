<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;

/**
 * Which revisions are kept: the newest five hundred of a program; of older ones the last of each hour for a month, then
 * the last of each day; always the first one, those that were named, and the newest.
 */
final readonly class Thinning
{
    public const NEWEST = 500;
    private const HOURS_DAYS = 30;

    public function __construct(private Connection $connection)
    {
    }

    /** @return int how many were taken away */
    public function all(\DateTimeImmutable $now): int
    {
        $taken = 0;
        foreach ($this->connection->fetchFirstColumn('SELECT program_id FROM revisions GROUP BY program_id HAVING COUNT(*) > ?', [self::NEWEST]) as $program) {
            $taken += $this->program(is_numeric($program) ? (int) $program : 0, $now);
        }

        return $taken;
    }

    public function program(int $program, \DateTimeImmutable $now): int
    {
        /** @var list<array{number: int|string, made_at: string, name: string|null}> $revisions */
        $revisions = $this->connection->fetchAllAssociative('SELECT number, made_at, name FROM revisions WHERE program_id = ? ORDER BY number DESC', [$program]);
        $gone = self::gone($revisions, $now);
        foreach (array_chunk($gone, 500) as $numbers) {
            $this->connection->transactional(static function (Connection $connection) use ($program, $numbers): void {
                // Undo ends where its revision is no more.
                foreach (['undo_to', 'redo_to'] as $way) {
                    $connection->executeStatement("UPDATE revisions SET $way = NULL WHERE program_id = ? AND $way IN (?)", [$program, $numbers], [ParameterType::INTEGER, ArrayParameterType::INTEGER]);
                    $connection->executeStatement("UPDATE programs SET $way = NULL WHERE id = ? AND $way IN (?)", [$program, $numbers], [ParameterType::INTEGER, ArrayParameterType::INTEGER]);
                }
                $connection->executeStatement('DELETE FROM revisions WHERE program_id = ? AND number IN (?)', [$program, $numbers], [ParameterType::INTEGER, ArrayParameterType::INTEGER]);
            });
        }

        return \count($gone);
    }

    /**
     * @param list<array{number: int|string, made_at: string, name: string|null}> $revisions newest first
     *
     * @return list<int> the numbers of those that are kept no longer
     */
    public static function gone(array $revisions, \DateTimeImmutable $now): array
    {
        $monthAgo = $now->modify('-'.self::HOURS_DAYS.' days')->format('Y-m-d H:i:s');
        $gone = $seen = [];
        $last = \count($revisions) - 1;
        foreach ($revisions as $index => $revision) {
            $span = substr($revision['made_at'], 0, $revision['made_at'] > $monthAgo ? 13 : 10);
            if ($index >= self::NEWEST && $index < $last && null === $revision['name'] && isset($seen[$span])) {
                $gone[] = (int) $revision['number'];
            }
            $seen[$span] = true;
        }

        return $gone;
    }
}
