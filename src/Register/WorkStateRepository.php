<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Entity\WorkState;

/** @extends ServiceEntityRepository<WorkState> */
final class WorkStateRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, WorkState::class);
    }

    /** States of one work that are kept, the last ones. */
    private const KEPT = 300;
    /** States that were not checked stand so far apart at least, in seconds. */
    private const APART = 8;

    /** Keeps an answer as it is now; one that was kept just before is taken for the same thought. */
    public function note(Work $work, string $answer, ?float $near): void
    {
        $connection = $this->getEntityManager()->getConnection();
        $last = $connection->fetchAssociative('SELECT id, answer, near, at FROM work_states WHERE work_id = ? ORDER BY id DESC LIMIT 1', [$work->id()]);
        $now = new \DateTimeImmutable();
        if (false !== $last && $last['answer'] === $answer && (null === $near || null !== $last['near'])) {
            return;
        }
        $isSoon = false !== $last && null === $last['near'] && \is_string($last['at']) && $now->getTimestamp() - (new \DateTimeImmutable($last['at']))->getTimestamp() < self::APART;
        if (false !== $last && $isSoon) {
            $connection->update('work_states', ['answer' => $answer, 'near' => $near], ['id' => $last['id']]);

            return;
        }
        $connection->insert('work_states', ['work_id' => $work->id(), 'answer' => $answer, 'near' => $near, 'at' => $now->format('Y-m-d H:i:s')]);
        $too = $connection->fetchOne('SELECT id FROM work_states WHERE work_id = ? ORDER BY id DESC LIMIT 1 OFFSET '.self::KEPT, [$work->id()]);
        if (is_numeric($too)) {
            $connection->executeStatement('DELETE FROM work_states WHERE work_id = ? AND id <= ?', [$work->id(), (int) $too]);
        }
    }

    /** @return list<WorkState> the last one first */
    public function ofLearner(Learner $learner, int $most): array
    {
        /** @var list<WorkState> $states */
        $states = $this->createQueryBuilder('state')->join('state.work', 'work')->addSelect('work')->where('work.learner = :learner')->setParameter('learner', $learner)->orderBy('state.id', 'DESC')->setMaxResults($most)->getQuery()->getResult();

        return $states;
    }

    /** @return list<array{number: int, at: string, near: float|null}> without the answers, the first one first */
    public function list(Work $work): array
    {
        /** @var list<array{id: int|string, at: string, near: float|string|null}> $rows */
        $rows = $this->getEntityManager()->getConnection()->fetchAllAssociative('SELECT id, at, near FROM work_states WHERE work_id = ? ORDER BY id', [$work->id()]);

        return array_map(static fn (array $row): array => ['number' => (int) $row['id'], 'at' => $row['at'], 'near' => null === $row['near'] ? null : (float) $row['near']], $rows);
    }
}
