<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Register\PupilRepository;

/** Somebody in a class: where they are just now, and what is in their way there. */
#[ORM\Entity(repositoryClass: PupilRepository::class)]
#[ORM\Table(name: 'pupils')]
#[ORM\UniqueConstraint(name: 'pupils_user', columns: ['user_id'])]
class Pupil
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Column(name: 'joined_at', type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $joinedAt;

    #[ORM\Column(name: 'seen_at', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $seenAt = null;

    /** Since when the hand is up. */
    #[ORM\Column(name: 'help_at', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $helpAt = null;

    /** @var array{kind: 'rung', lesson: int, rung: int, language: string}|array{kind: 'program', program: int, language: string}|null */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private ?array $place = null;

    #[ORM\Column(name: 'place_since', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $placeSince = null;

    /** @var list<array{kind: string, parameters: array<string, string|int>, line: int}> mistakes of the text as it is now */
    #[ORM\Column(type: Types::JSON)]
    private array $mistakes = [];

    /** Since when there is any. */
    #[ORM\Column(name: 'mistakes_since', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $mistakesSince = null;

    /** @param string|null $sourcedId what the school's own list calls this person */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'class_id', nullable: false, onDelete: 'CASCADE')]
        private SchoolClass $class,
        #[ORM\OneToOne]
        #[ORM\JoinColumn(name: 'user_id', nullable: false, onDelete: 'CASCADE')]
        public readonly User $user,
        #[ORM\OneToOne]
        #[ORM\JoinColumn(name: 'learner_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Learner $learner,
        #[ORM\Column(name: 'sourced_id', length: 64, nullable: true)]
        private ?string $sourcedId = null,
    ) {
        $this->joinedAt = new \DateTimeImmutable();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function name(): string
    {
        return $this->user->name();
    }

    public function class(): SchoolClass
    {
        return $this->class;
    }

    public function moveTo(SchoolClass $class): void
    {
        $this->class = $class;
    }

    public function sourcedId(): ?string
    {
        return $this->sourcedId;
    }

    public function isKnownAs(string $sourcedId): void
    {
        $this->sourcedId = $sourcedId;
    }

    public function joinedAt(): \DateTimeImmutable
    {
        return $this->joinedAt;
    }

    public function seenAt(): ?\DateTimeImmutable
    {
        return $this->seenAt;
    }

    public function helpAt(): ?\DateTimeImmutable
    {
        return $this->helpAt;
    }

    public function raiseHand(bool $up): void
    {
        $this->helpAt = $up ? $this->helpAt ?? new \DateTimeImmutable() : null;
    }

    /** @return array{kind: 'rung', lesson: int, rung: int, language: string}|array{kind: 'program', program: int, language: string}|null */
    public function place(): ?array
    {
        return $this->place;
    }

    public function placeSince(): ?\DateTimeImmutable
    {
        return $this->placeSince;
    }

    /** @param array{kind: 'rung', lesson: int, rung: int, language: string}|array{kind: 'program', program: int, language: string}|null $place */
    public function isAt(?array $place, \DateTimeImmutable $now): void
    {
        $this->seenAt = $now;
        if (null !== $place) {
            // Another language of the same program is the same place.
            $isSame = array_diff_key($place, ['language' => 0]) === array_diff_key($this->place ?? [], ['language' => 0]);
            $this->place = $place;
            if (!$isSame) {
                $this->placeSince = $now;
                $this->hasMistakes([], $now);
            }
        }
    }

    /** @return list<array{kind: string, parameters: array<string, string|int>, line: int}> */
    public function mistakes(): array
    {
        return $this->mistakes;
    }

    public function mistakesSince(): ?\DateTimeImmutable
    {
        return $this->mistakesSince;
    }

    /** @param list<array{kind: string, parameters: array<string, string|int>, line: int}> $mistakes */
    public function hasMistakes(array $mistakes, \DateTimeImmutable $now): void
    {
        $this->mistakes = \array_slice($mistakes, 0, 5);
        $this->mistakesSince = [] === $mistakes ? null : $this->mistakesSince ?? $now;
    }
}
