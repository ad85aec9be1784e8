<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Register\ClassView;
use Scrivlet\App\Register\Orders;

/** A class that a teacher has: its code to join, what it works on, and what the teacher says to all of it just now. */
#[ORM\Entity(repositoryClass: ClassRepository::class)]
#[ORM\Table(name: 'classes')]
#[ORM\UniqueConstraint(name: 'classes_code', columns: ['code'])]
#[ORM\Index(name: 'classes_end', columns: ['ends_on'])]
class SchoolClass
{
    public const LONGEST_NAME = 60;
    /** Pupils of one class at most. */
    public const MOST = 60;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Column(name: 'is_joinable')]
    private bool $isJoinable = true;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(name: 'course_id', nullable: true, onDelete: 'SET NULL')]
    private ?Course $course = null;

    /** What the register shows, and the class works on. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(name: 'lesson_id', nullable: true, onDelete: 'SET NULL')]
    private ?Lesson $lesson = null;

    #[ORM\Column(length: 16, enumType: ClassView::class, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
    private ClassView $view = ClassView::Lesson;

    /** @var array<string, mixed> as Orders writes them */
    #[ORM\Column(type: Types::JSON)]
    private array $orders = [];

    /** Counts what was said to the class, so that a pupil's page knows whether it has heard the last. */
    #[ORM\Column]
    private int $said = 0;

    /** Another number moves the class to other channels, where those who were removed hear nothing. */
    #[ORM\Column]
    private int $stamp = 0;

    #[ORM\Column(name: 'made_at', type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $madeAt;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'owner_id', nullable: false, onDelete: 'CASCADE')]
        public readonly User $owner,
        #[ORM\Column(length: self::LONGEST_NAME)]
        private string $name,
        #[ORM\Column(length: 8, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        private string $code,
        #[ORM\Column(name: 'ends_on', type: Types::DATE_IMMUTABLE)]
        private \DateTimeImmutable $endsOn,
    ) {
        $this->madeAt = new \DateTimeImmutable();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function code(): string
    {
        return $this->code;
    }

    public function recode(string $code): void
    {
        $this->code = $code;
    }

    public function isJoinable(): bool
    {
        return $this->isJoinable && !$this->isOver();
    }

    public function letJoin(bool $joinable): void
    {
        $this->isJoinable = $joinable;
    }

    public function endsOn(): \DateTimeImmutable
    {
        return $this->endsOn;
    }

    public function endOn(\DateTimeImmutable $day): void
    {
        $this->endsOn = $day;
    }

    public function isOver(): bool
    {
        return $this->endsOn->format('Y-m-d') < date('Y-m-d');
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    public function course(): ?Course
    {
        return null === $this->course || $this->course->isDeleted() ? null : $this->course;
    }

    public function lesson(): ?Lesson
    {
        return null === $this->lesson || $this->lesson->isDeleted() || $this->lesson->course() !== $this->course() ? null : $this->lesson;
    }

    public function workOn(?Course $course, ?Lesson $lesson): void
    {
        $this->course = $course;
        $this->lesson = $lesson;
    }

    public function view(): ClassView
    {
        return $this->view;
    }

    public function show(ClassView $view): void
    {
        $this->view = $view;
    }

    public function orders(): Orders
    {
        return Orders::read($this->orders);
    }

    public function order(Orders $orders): void
    {
        $this->orders = $orders->written();
        ++$this->said;
    }

    public function said(): int
    {
        return $this->said;
    }

    public function stamp(): int
    {
        return $this->stamp;
    }

    public function moveChannels(): void
    {
        ++$this->stamp;
    }
}
