<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\People\InvitationRepository;

/** A link that lets somebody choose a password, once. */
#[ORM\Entity(repositoryClass: InvitationRepository::class)]
#[ORM\Table(name: 'invitations')]
#[ORM\UniqueConstraint(name: 'invitations_hash', columns: ['hash'])]
class Invitation
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    /** @param string $hash of what stands in the link */
    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(name: 'user_id', nullable: false, onDelete: 'CASCADE')]
        public readonly User $user,
        #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $hash,
        #[ORM\Column(name: 'ends_at', type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $endsAt,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }
}
