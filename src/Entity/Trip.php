<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Register\TripRepository;

/** Something that a pupil tripped over: a mistake that stood when it was to run, a run that failed, an answer that was none. */
#[ORM\Entity(repositoryClass: TripRepository::class)]
#[ORM\Table(name: 'trips')]
#[ORM\Index(name: 'trips_class', columns: ['class_id', 'at'])]
class Trip
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::BIGINT, options: ['unsigned' => true])]
    private int|string|null $id = null;

    /**
     * @param string                    $kind       the key of what is said of it
     * @param array<string, string|int> $parameters
     * @param string                    $text       in which it was, as it was
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'class_id', nullable: false, onDelete: 'CASCADE')]
        public readonly SchoolClass $class,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'pupil_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Pupil $pupil,
        #[ORM\Column(length: 80)]
        public readonly string $kind,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $parameters,
        #[ORM\Column(length: 16, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $language,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $text,
        #[ORM\Column(nullable: true)]
        public readonly ?int $line,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'lesson_id', nullable: true, onDelete: 'SET NULL')]
        public readonly ?Lesson $lesson,
        #[ORM\Column(nullable: true)]
        public readonly ?int $rung,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at,
    ) {
    }

    public function id(): int
    {
        return (int) ($this->id ?? throw new \LogicException('Not saved yet.'));
    }
}
