<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Register\CopyRepository;

/** What one pupil has of a program that was handed out. */
#[ORM\Entity(repositoryClass: CopyRepository::class)]
#[ORM\Table(name: 'copies')]
#[ORM\UniqueConstraint(name: 'copies_one', columns: ['handout_id', 'pupil_id'])]
class Copy
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    /** Seconds at work on it. */
    #[ORM\Column]
    private int $seconds = 0;

    #[ORM\Column(name: 'run_count')]
    private int $runs = 0;

    /** The state that was collected; the pupil may go on with the program. */
    #[ORM\Column(name: 'collected_revision', nullable: true)]
    private ?int $collected = null;

    #[ORM\Column(name: 'changed_at', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $changedAt = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'handout_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Handout $handout,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'pupil_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Pupil $pupil,
        #[ORM\OneToOne]
        #[ORM\JoinColumn(name: 'program_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Program $program,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function seconds(): int
    {
        return $this->seconds;
    }

    public function runs(): int
    {
        return $this->runs;
    }

    public function ran(): void
    {
        ++$this->runs;
    }

    public function isBegun(): bool
    {
        return null !== $this->changedAt;
    }

    public function changedAt(): ?\DateTimeImmutable
    {
        return $this->changedAt;
    }

    public function touched(\DateTimeImmutable $now): void
    {
        $this->seconds += Work::worked($this->changedAt, $now);
        $this->changedAt = $now;
    }

    public function collected(): ?int
    {
        return $this->collected;
    }

    public function collect(?int $revision): void
    {
        $this->collected = $revision;
    }
}
