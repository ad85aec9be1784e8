<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Register\WorkStateRepository;

/** An answer on a rung as it was at a moment. */
#[ORM\Entity(repositoryClass: WorkStateRepository::class, readOnly: true)]
#[ORM\Table(name: 'work_states')]
class WorkState
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::BIGINT, options: ['unsigned' => true])]
    private int|string|null $id = null;

    /** @param float|null $near how near it was, from 0 to 1, where it was checked */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'work_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Work $work,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $answer,
        #[ORM\Column(nullable: true)]
        public readonly ?float $near,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at,
    ) {
    }

    public function id(): int
    {
        return (int) ($this->id ?? throw new \LogicException('Not saved yet.'));
    }
}
