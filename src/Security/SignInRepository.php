<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\SignIn;
use Scrivlet\App\Entity\User;

/**
 * @extends ServiceEntityRepository<SignIn>
 */
final class SignInRepository extends ServiceEntityRepository
{
    private const SHOWN = 30;

    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, SignIn::class);
    }

    public function begin(string $key, User $user, string $address, string $browser): void
    {
        $this->getEntityManager()->persist(new SignIn($key, $user, new \DateTimeImmutable(), $address, mb_substr($browser, 0, SignIn::LONGEST_BROWSER)));
        $this->getEntityManager()->flush();
    }

    /** Asked for with every request, so that nothing but this is. */
    public function isGoingOn(string $key): bool
    {
        return false !== $this->getEntityManager()->getConnection()->fetchOne('SELECT 1 FROM sign_ins WHERE session_key = ?', [$key]);
    }

    public function end(string $key): void
    {
        $this->getEntityManager()->getConnection()->delete('sign_ins', ['session_key' => $key]);
    }

    public function endAll(User $user): void
    {
        $this->getEntityManager()->getConnection()->delete('sign_ins', ['user_id' => $user->id()]);
    }

    /** @return list<SignIn> the newest first */
    public function of(User $user): array
    {
        return $this->findBy(['user' => $user], ['beganAt' => 'DESC'], self::SHOWN);
    }
}
