<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\People\DeedRepository;

/** What a teacher or an administrator did with people's data; kept in words of its own, so that it outlasts whom it is about. */
#[ORM\Entity(repositoryClass: DeedRepository::class, readOnly: true)]
#[ORM\Table(name: 'deeds')]
#[ORM\Index(name: 'deeds_at', columns: ['at'])]
class Deed
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::BIGINT, options: ['unsigned' => true])]
    private int|string|null $id = null;

    /**
     * @param string $who  the address of whoever did it; `console` for what was done there
     * @param string $did  the last part of a key of the words
     * @param string $whom a name, a class, or an address
     */
    public function __construct(
        #[ORM\Column(length: User::LONGEST_EMAIL)]
        public readonly string $who,
        #[ORM\Column(length: 40)]
        public readonly string $did,
        #[ORM\Column(length: User::LONGEST_EMAIL)]
        public readonly string $whom,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at = new \DateTimeImmutable(),
    ) {
    }

    public function id(): int
    {
        return (int) ($this->id ?? throw new \LogicException('Not saved yet.'));
    }
}
