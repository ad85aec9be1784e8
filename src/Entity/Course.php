<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Lesson\CourseRepository;

/** A row of lessons that somebody teaches. */
#[ORM\Entity(repositoryClass: CourseRepository::class)]
#[ORM\Table(name: 'courses')]
#[ORM\Index(name: 'courses_open', columns: ['is_open', 'deleted_at'])]
class Course
{
    use Deletable;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    /** Whether it is there for everybody who comes, without an account. */
    #[ORM\Column]
    private bool $isOpen = false;

    /** Whether other teachers may look at it and copy it. */
    #[ORM\Column]
    private bool $isShared = false;

    /** @param array<string, array{title: string, about: string}> $texts by locale */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'owner_id', nullable: false, onDelete: 'CASCADE')]
        public readonly User $owner,
        #[ORM\Column(type: Types::JSON)]
        private array $texts,
        #[ORM\Column(name: 'updated_at', type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $updatedAt = new \DateTimeImmutable(),
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    /** @return array<string, array{title: string, about: string}> */
    public function texts(): array
    {
        return $this->texts;
    }

    public function title(string $locale): string
    {
        return ($this->texts[$locale] ?? $this->texts[array_key_first($this->texts) ?? ''] ?? ['title' => ''])['title'];
    }

    public function about(string $locale): string
    {
        return ($this->texts[$locale] ?? $this->texts[array_key_first($this->texts) ?? ''] ?? ['about' => ''])['about'];
    }

    public function say(string $locale, string $title, string $about): void
    {
        $this->texts = [...$this->texts, $locale => ['title' => $title, 'about' => $about]];
        $this->updatedAt = new \DateTimeImmutable();
    }

    public function isOpen(): bool
    {
        return $this->isOpen;
    }

    public function isShared(): bool
    {
        return $this->isShared;
    }

    public function let(bool $open, bool $shared): void
    {
        $this->isOpen = $open;
        $this->isShared = $shared;
    }

    public function updatedAt(): \DateTimeImmutable
    {
        return $this->updatedAt;
    }
}
