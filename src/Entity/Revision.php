<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Program\RevisionRepository;

/** A state that a program had; never changed but for its name, and for undo that ends where a state is no more. */
#[ORM\Entity(repositoryClass: RevisionRepository::class, readOnly: true)]
#[ORM\Table(name: 'revisions')]
#[ORM\UniqueConstraint(name: 'revisions_edit', columns: ['program_id', 'edit_id'])]
class Revision
{
    /** @param resource|string $tree compressed, as ProgramStore packs it */
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'program_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Program $program,
        #[ORM\Id]
        #[ORM\Column]
        public readonly int $number,
        #[ORM\Column(length: 20)]
        public readonly string $kind,
        #[ORM\Column(length: 60)]
        public readonly string $what,
        #[ORM\Column(type: Types::BLOB, length: 16777215)]
        public readonly mixed $tree,
        #[ORM\Column(nullable: true)]
        public readonly ?int $undoTo,
        #[ORM\Column(nullable: true)]
        public readonly ?int $redoTo,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $madeAt,
        #[ORM\Column(length: 40, nullable: true, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly ?string $editId = null,
        #[ORM\Column(length: Program::LONGEST_NAME, nullable: true)]
        public readonly ?string $name = null,
    ) {
    }
}
