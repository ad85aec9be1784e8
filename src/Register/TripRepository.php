<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Trip;

/** @extends ServiceEntityRepository<Trip> */
final class TripRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Trip::class);
    }

    private const MOMENT = '-5 minutes';
    /** Trips that are looked at, from the last one back. */
    private const MOST = 3000;

    /**
     * What a class tripped over since a moment.
     *
     * @return list<array{id: int, kind: string, pupil: int, name: string, at: string}> the last one first
     */
    public function since(SchoolClass $class, \DateTimeImmutable $since, ?Lesson $lesson = null): array
    {
        $query = $this->createQueryBuilder('trip')->select('trip.id, trip.kind, IDENTITY(trip.pupil) AS pupil, user.name AS name, trip.at AS at')->join('trip.pupil', 'child')->join('child.user', 'user')
            ->where('trip.class = :class')->andWhere('trip.at >= :since')->setParameter('class', $class)->setParameter('since', $since)->orderBy('trip.id', 'DESC')->setMaxResults(self::MOST);
        if (null !== $lesson) {
            $query->andWhere('trip.lesson = :lesson')->setParameter('lesson', $lesson);
        }
        /** @var list<array{id: int|string, kind: string, pupil: int|string, name: string, at: \DateTimeImmutable}> $rows */
        $rows = $query->getQuery()->getArrayResult();

        return array_map(static fn (array $row): array => ['id' => (int) $row['id'], 'kind' => $row['kind'], 'pupil' => (int) $row['pupil'], 'name' => $row['name'], 'at' => $row['at']->format(\DATE_ATOM)], $rows);
    }

    /** Whether the same was noted of the same text a moment ago: who presses twice trips once. */
    public function isJustNoted(Pupil $pupil, string $kind, string $text, \DateTimeImmutable $now): bool
    {
        return false !== $this->getEntityManager()->getConnection()->fetchOne('SELECT 1 FROM trips WHERE pupil_id = ? AND kind = ? AND at > ? AND text = ? LIMIT 1', [$pupil->id(), mb_substr($kind, 0, 80), $now->modify(self::MOMENT)->format('Y-m-d H:i:s'), $text]);
    }

    /** @return list<Trip> of one pupil, the last one first */
    public function ofPupil(Pupil $pupil, int $most): array
    {
        return $this->findBy(['pupil' => $pupil], ['id' => 'DESC'], $most);
    }
}
