<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\Core\Lesson\Lesson as Document;
use Scrivlet\Core\Lesson\LessonFile;

/** A lesson of a course, kept as its file. */
#[ORM\Entity(repositoryClass: LessonRepository::class)]
#[ORM\Table(name: 'lessons')]
#[ORM\Index(name: 'lessons_place', columns: ['course_id', 'position'])]
class Lesson
{
    use Deletable;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Column(type: Types::TEXT, length: 4294967295)]
    private string $document;

    /** Counts changes, so that one made on an old page is not put over a newer one. */
    #[ORM\Column]
    private int $revision = 0;

    private ?Document $read = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'course_id', nullable: false, onDelete: 'CASCADE')]
        private Course $course,
        #[ORM\Column]
        private int $position,
        Document $lesson,
        #[ORM\Column(name: 'updated_at', type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $updatedAt = new \DateTimeImmutable(),
    ) {
        $this->document = LessonFile::kept($lesson);
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function course(): Course
    {
        return $this->course;
    }

    public function position(): int
    {
        return $this->position;
    }

    public function place(Course $course, int $position): void
    {
        $this->course = $course;
        $this->position = $position;
    }

    public function lesson(): Document
    {
        return $this->read ??= LessonFile::read($this->document);
    }

    public function change(Document $lesson): void
    {
        $this->document = LessonFile::kept($lesson);
        $this->read = $lesson;
        ++$this->revision;
        $this->updatedAt = new \DateTimeImmutable();
    }

    public function revision(): int
    {
        return $this->revision;
    }

    public function updatedAt(): \DateTimeImmutable
    {
        return $this->updatedAt;
    }
}
