<?php

declare(strict_types=1);

namespace Scrivlet\App\People;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Invitation;

/** @extends ServiceEntityRepository<Invitation> */
final class InvitationRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Invitation::class);
    }

    /** The invitation of a link, if it stands yet. */
    public function ofToken(string $token): ?Invitation
    {
        $found = 1 === preg_match('/^[0-9a-f]{48}$/D', $token) ? $this->findOneBy(['hash' => hash('sha256', $token)]) : null;

        return null === $found || $found->endsAt < new \DateTimeImmutable() ? null : $found;
    }
}
