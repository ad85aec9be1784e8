<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\Core\Edit\Revision;

/** A program on somebody's shelf; its tree as it is now, and where its history stands. */
#[ORM\Entity(repositoryClass: ProgramRepository::class)]
#[ORM\Table(name: 'programs')]
#[ORM\Index(name: 'programs_of_owner', columns: ['owner_id', 'deleted_at', 'updated_at'])]
class Program
{
    use Deletable;

    public const LONGEST_NAME = 80;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    private ?int $id = null;

    #[ORM\Column]
    private int $revision = 1;

    #[ORM\Column(nullable: true)]
    private ?int $undoTo = null;

    #[ORM\Column(nullable: true)]
    private ?int $redoTo = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $updatedAt;

    #[ORM\Column(type: Types::TEXT, length: 16777215, nullable: true, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
    private ?string $shown = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private User $owner,
        #[ORM\Column(length: self::LONGEST_NAME)]
        private string $name,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        private string $tree,
        #[ORM\Column(name: 'row_count')]
        private int $rows,
    ) {
        $this->updatedAt = new \DateTimeImmutable();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function owner(): User
    {
        return $this->owner;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
        $this->updatedAt = new \DateTimeImmutable();
    }

    /** The tree as ProjectWriter::kept writes it. */
    public function tree(): string
    {
        return $this->tree;
    }

    /** Digests of the lines that the window of the last edit shows, as Digests writes them. */
    public function shown(): ?string
    {
        return $this->shown;
    }

    public function rows(): int
    {
        return $this->rows;
    }

    public function revision(): Revision
    {
        return new Revision($this->revision, $this->undoTo, $this->redoTo);
    }

    public function updatedAt(): \DateTimeImmutable
    {
        return $this->updatedAt;
    }
}
