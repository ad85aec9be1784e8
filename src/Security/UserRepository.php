<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\User;
use Symfony\Bridge\Doctrine\Security\User\UserLoaderInterface;

/**
 * @extends ServiceEntityRepository<User>
 */
final class UserRepository extends ServiceEntityRepository implements UserLoaderInterface
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, User::class);
    }

    public function loadUserByIdentifier(string $identifier): ?User
    {
        $user = $this->findOneBy(['email' => self::normal($identifier)]);

        return null === $user || $user->isDisabled() ? null : $user;
    }

    public function named(string $email): ?User
    {
        return $this->findOneBy(['email' => self::normal($email)]);
    }

    /** @return list<User> teachers and administrators, by their names */
    public function staff(): array
    {
        return array_values(array_filter($this->findBy([], ['name' => 'ASC', 'id' => 'ASC']), static fn (User $user): bool => !$user->isPupil()));
    }

    /** A name as it is kept and compared, by the database and by whatever counts attempts: one spelling only. */
    public static function normal(string $email): string
    {
        return mb_substr(mb_strtolower(trim((string) (\Normalizer::normalize($email, \Normalizer::FORM_KC) ?: $email))), 0, User::LONGEST_EMAIL);
    }
}
