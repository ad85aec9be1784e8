<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Register\MarginNoteRepository;

/** What a teacher wrote beside a line of a pupil's. */
#[ORM\Entity(repositoryClass: MarginNoteRepository::class)]
#[ORM\Table(name: 'margin_notes')]
class MarginNote
{
    public const LONGEST = 500;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    /** When the pupil said that it is read. */
    #[ORM\Column(name: 'read_at', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $readAt = null;

    #[ORM\Column(name: 'made_at', type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $madeAt;

    /**
     * @param string $place  of the work: `program 12`, or `rung LESSON RUNG`
     * @param string $anchor of the line, by its row as the pages know it; empty where there are no rows
     * @param int    $line   from 1, as it was when it was written
     * @param string $quote  the line itself
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'pupil_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Pupil $pupil,
        #[ORM\Column(length: 40, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $place,
        #[ORM\Column(length: 40, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $anchor,
        #[ORM\Column]
        public readonly int $line,
        #[ORM\Column(length: 200)]
        public readonly string $quote,
        #[ORM\Column(length: self::LONGEST)]
        public readonly string $text,
    ) {
        $this->madeAt = new \DateTimeImmutable();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    public function isRead(): bool
    {
        return null !== $this->readAt;
    }

    public function read(): void
    {
        $this->readAt ??= new \DateTimeImmutable();
    }
}
