<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Register\HandoutRepository;

/** A program that a class was given: each pupil has a copy. */
#[ORM\Entity(repositoryClass: HandoutRepository::class)]
#[ORM\Table(name: 'handouts')]
class Handout
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Column(name: 'handed_at', type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $handedAt;

    #[ORM\Column(name: 'collected_at', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $collectedAt = null;

    /** @param string $tree as ProjectWriter::kept writes it; pupils who come later get the same */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'class_id', nullable: false, onDelete: 'CASCADE')]
        public readonly SchoolClass $class,
        #[ORM\Column(length: Program::LONGEST_NAME)]
        public readonly string $name,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $tree,
    ) {
        $this->handedAt = new \DateTimeImmutable();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function handedAt(): \DateTimeImmutable
    {
        return $this->handedAt;
    }

    public function collectedAt(): ?\DateTimeImmutable
    {
        return $this->collectedAt;
    }

    public function collect(?\DateTimeImmutable $now): void
    {
        $this->collectedAt = $now;
    }
}
