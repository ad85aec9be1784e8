<?php

declare(strict_types=1);

namespace Scrivlet\App\People;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Scrivlet\App\Entity\Invitation;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Http\OneLine;
use Scrivlet\App\Security\UserRepository;
use Scrivlet\Core\Refusal;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Links by which somebody chooses a password, once: the first one of an account, or another. */
final readonly class Invitations
{
    private const LASTS = '+7 days';

    public function __construct(private EntityManagerInterface $entities, private UserRepository $users, private InvitationRepository $invitations, private UrlGeneratorInterface $urls, private LoggerInterface $logger)
    {
    }

    /**
     * @param list<string> $roles
     *
     * @throws Refusal if that is no address, or somebody's already
     */
    public function person(string $email, string $name, array $roles): User
    {
        $email = UserRepository::normal($email);
        if ('' === $email || false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            throw new Refusal('people.no_email');
        }
        if (null !== $this->users->named($email)) {
            throw new Refusal('people.has_account', ['email' => $email]);
        }
        $name = OneLine::of($name, User::LONGEST_NAME);
        $user = new User($email, '' === $name ? explode('@', $email)[0] : $name, $roles);
        // No password fits until one is chosen.
        $user->setPassword('!'.bin2hex(random_bytes(16)));
        $this->entities->persist($user);
        $this->entities->flush();

        return $user;
    }

    /** @return string the link; it is shown once, and kept nowhere */
    public function link(User $user): string
    {
        foreach ($this->invitations->findBy(['user' => $user]) as $old) {
            $this->entities->remove($old);
        }
        $this->entities->flush();
        $token = bin2hex(random_bytes(24));
        $this->entities->persist(new Invitation($user, hash('sha256', $token), new \DateTimeImmutable(self::LASTS)));
        $this->entities->flush();
        $this->logger->info('A link to choose a password was made.', ['for' => $user->getUserIdentifier()]);

        return $this->urls->generate('invitation', ['token' => $token], UrlGeneratorInterface::ABSOLUTE_URL);
    }

    public function used(Invitation $invitation): void
    {
        $this->entities->remove($invitation);
        $this->entities->flush();
    }
}
