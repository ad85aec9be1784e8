<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\Core\Ladder\Verdict;

/** What somebody has done on one rung in one language. */
#[ORM\Entity(repositoryClass: WorkRepository::class)]
#[ORM\Table(name: 'works')]
#[ORM\UniqueConstraint(name: 'works_one', columns: ['learner_id', 'lesson_id', 'rung', 'language'])]
class Work
{
    /** Tries whose nearness is kept, the last ones. */
    private const KEPT = 20;
    /** A pause that is longer is not work, in seconds. */
    private const LONGEST_PAUSE = 90;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::BIGINT, options: ['unsigned' => true])]
    private int|string|null $id = null;

    #[ORM\Column]
    private int $tries = 0;

    #[ORM\Column]
    private int $hints = 0;

    /** How often the rows of blocks were looked at. */
    #[ORM\Column]
    private int $looks = 0;

    /** @var list<float|int> */
    #[ORM\Column(type: Types::JSON)]
    private array $nearness = [];

    #[ORM\Column(type: Types::TEXT, length: 16777215, nullable: true)]
    private ?string $answer = null;

    #[ORM\Column(name: 'passed_at', type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $passedAt = null;

    #[ORM\Column(name: 'is_skipped')]
    private bool $isSkipped = false;

    /** Seconds at work on it. */
    #[ORM\Column(options: ['default' => 0])]
    private int $seconds = 0;

    /** Whether a mistake stood in the way at some try. */
    #[ORM\Column(name: 'had_mistakes', options: ['default' => false])]
    private bool $hadMistakes = false;

    /** Rows of the answer that passed. */
    #[ORM\Column(name: 'used_rows', nullable: true)]
    private ?int $rows = null;

    #[ORM\Column(name: 'changed_at', type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $changedAt;

    /** @param int $rung the number it has in its lesson */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'learner_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Learner $learner,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'lesson_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Lesson $lesson,
        #[ORM\Column]
        public readonly int $rung,
        #[ORM\Column(length: 16, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $language,
    ) {
        $this->changedAt = new \DateTimeImmutable();
    }

    public function id(): int|string|null
    {
        return $this->id;
    }

    /** @return int seconds of work between two moments; a long pause is none */
    public static function worked(?\DateTimeImmutable $before, \DateTimeImmutable $now): int
    {
        $passed = null === $before ? 0 : $now->getTimestamp() - $before->getTimestamp();

        return $passed >= 0 && $passed <= self::LONGEST_PAUSE ? $passed : 0;
    }

    public function marked(Verdict $verdict, string $answer): void
    {
        $this->keep($answer);
        $this->hadMistakes = $this->hadMistakes || [] !== array_filter($verdict->why, static fn (array $why): bool => str_starts_with($why['kind'], 'mistake.'));
        ++$this->tries;
        $this->nearness = \array_slice([...$this->nearness, $verdict->near], -self::KEPT);
        if ($verdict->passed) {
            $this->passedAt ??= $this->changedAt;
            $this->rows = $verdict->rows['used'] ?? $this->rows;
            $this->isSkipped = false;
        }
    }

    public function keep(string $answer): void
    {
        $this->answer = $answer;
        $now = new \DateTimeImmutable();
        $this->seconds += self::worked($this->changedAt, $now);
        $this->changedAt = $now;
    }

    public function hinted(): void
    {
        ++$this->hints;
    }

    public function looked(): void
    {
        ++$this->looks;
    }

    public function skip(): void
    {
        $this->isSkipped = null === $this->passedAt;
    }

    /** There is nothing to be done on it. */
    public function pass(): void
    {
        $this->passedAt ??= new \DateTimeImmutable();
    }

    public function isPassed(): bool
    {
        return null !== $this->passedAt;
    }

    public function passedAt(): ?\DateTimeImmutable
    {
        return $this->passedAt;
    }

    public function isSkipped(): bool
    {
        return $this->isSkipped;
    }

    public function answer(): ?string
    {
        return $this->answer;
    }

    public function tries(): int
    {
        return $this->tries;
    }

    public function hints(): int
    {
        return $this->hints;
    }

    public function looks(): int
    {
        return $this->looks;
    }

    public function seconds(): int
    {
        return $this->seconds;
    }

    /** Whether a mistake stood in the way, and it passed in the end. */
    public function hasOvercome(): bool
    {
        return $this->hadMistakes && null !== $this->passedAt;
    }

    public function rows(): ?int
    {
        return $this->rows;
    }

    /** @return list<float> of the last tries */
    public function nearness(): array
    {
        return array_map(floatval(...), $this->nearness);
    }

    public function changedAt(): \DateTimeImmutable
    {
        return $this->changedAt;
    }
}
