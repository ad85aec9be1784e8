<?php

declare(strict_types=1);

namespace Scrivlet\App\People;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Register\Joining;

/** Takes a person away with all that is kept of them; of a teacher, the classes with their pupils as well. */
final readonly class Farewell
{
    public function __construct(private EntityManagerInterface $entities, private ClassRepository $classes, private Joining $joining)
    {
    }

    public function to(User $user): void
    {
        foreach ($this->classes->of($user) as $class) {
            $this->joining->dissolve($class);
        }
        $this->entities->remove($this->entities->find(User::class, $user->id()) ?? $user);
        $this->entities->flush();
    }
}
