<?php

declare(strict_types=1);

namespace Scrivlet\App\People;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Deed;
use Scrivlet\App\Entity\User;
use Symfony\Bundle\SecurityBundle\Security;

/** The log of what teachers and administrators do with people's data. */
final readonly class Deeds
{
    private const CONSOLE = 'console';

    public function __construct(private EntityManagerInterface $entities, private Security $security)
    {
    }

    public function note(string $did, string $whom): void
    {
        $user = $this->security->getUser();
        $this->entities->persist(new Deed($user instanceof User ? $user->getUserIdentifier() : self::CONSOLE, $did, mb_substr($whom, 0, User::LONGEST_EMAIL)));
        $this->entities->flush();
    }
}
