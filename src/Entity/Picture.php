<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Program\PictureRepository;

/** What a program drew when it was last asked for its picture; made again once the program is another. */
#[ORM\Entity(repositoryClass: PictureRepository::class, readOnly: true)]
#[ORM\Table(name: 'pictures')]
class Picture
{
    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne]
        #[ORM\JoinColumn(name: 'program_id', nullable: false, onDelete: 'CASCADE')]
        public readonly Program $program,
        #[ORM\Column]
        public readonly int $revision,
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $svg,
    ) {
    }
}
