<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Device\DeviceRepository;

/** A device that is switched on somewhere, and shows a code by which programs find it. */
#[ORM\Entity(repositoryClass: DeviceRepository::class)]
#[ORM\Table(name: 'devices')]
#[ORM\UniqueConstraint(name: 'devices_code', columns: ['code'])]
#[ORM\Index(name: 'devices_opened', columns: ['opened_at'])]
class Device
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    /** The program that was sent last, which hears what becomes of it. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(name: 'program_id', nullable: true, onDelete: 'SET NULL')]
    private ?Program $program = null;

    /**
     * @param string $kind    lantern or lawn, as the scenes are called
     * @param string $channel what the device hears on; who knows it can listen, so that only the device is told
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'user_id', nullable: false, onDelete: 'CASCADE')]
        public readonly User $user,
        #[ORM\Column(length: 16, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $kind,
        #[ORM\Column(length: 8, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $code,
        #[ORM\Column(length: 32, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $channel,
        #[ORM\Column(name: 'opened_at', type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $openedAt,
    ) {
    }

    public function id(): ?int
    {
        return $this->id;
    }

    public function openedAt(): \DateTimeImmutable
    {
        return $this->openedAt;
    }

    public function program(): ?Program
    {
        return $this->program;
    }

    /** It is used, and kept for longer. */
    public function takes(Program $program, \DateTimeImmutable $now): void
    {
        $this->program = $program;
        $this->openedAt = $now;
    }

    public function opened(\DateTimeImmutable $now): void
    {
        $this->openedAt = $now;
    }
}
