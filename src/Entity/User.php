<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Security\UserRepository;
use Symfony\Component\Security\Core\User\EquatableInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

#[ORM\Entity(repositoryClass: UserRepository::class)]
#[ORM\Table(name: 'users')]
#[ORM\UniqueConstraint(name: 'users_email', columns: ['email'])]
class User implements UserInterface, PasswordAuthenticatedUserInterface, EquatableInterface
{
    public const PUPIL = 'ROLE_PUPIL';
    public const TEACHER = 'ROLE_TEACHER';
    public const ADMINISTRATOR = 'ROLE_ADMINISTRATOR';
    public const LONGEST_NAME = 80;
    public const LONGEST_EMAIL = 180;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    private ?int $id = null;

    #[ORM\Column]
    private string $password = '';

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $disabledAt = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $madeAt;

    /** Another number ends all sessions that have the old one. */
    #[ORM\Column]
    private int $sessionStamp = 0;

    /**
     * @param non-empty-string $email in the form of UserRepository::normal
     * @param list<string>     $roles
     */
    public function __construct(
        #[ORM\Column(length: self::LONGEST_EMAIL, options: ['collation' => 'utf8mb4_bin'])]
        private string $email,
        #[ORM\Column(length: self::LONGEST_NAME)]
        private string $name,
        #[ORM\Column(type: Types::JSON)]
        private array $roles = [self::TEACHER],
    ) {
        $this->madeAt = new \DateTimeImmutable();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function getUserIdentifier(): string
    {
        return $this->email;
    }

    public function getRoles(): array
    {
        return array_values(array_unique(['ROLE_USER', ...$this->roles]));
    }

    public function isPupil(): bool
    {
        return \in_array(self::PUPIL, $this->roles, true);
    }

    public function isTeacher(): bool
    {
        return \in_array(self::TEACHER, $this->roles, true);
    }

    public function isAdministrator(): bool
    {
        return \in_array(self::ADMINISTRATOR, $this->roles, true);
    }

    /** @param list<string> $roles */
    public function take(array $roles): void
    {
        if ($roles !== $this->roles) {
            $this->roles = $roles;
            $this->endSessions();
        }
    }

    public function getPassword(): string
    {
        return $this->password;
    }

    public function setPassword(string $hash): void
    {
        $this->password = $hash;
        $this->endSessions();
    }

    public function endSessions(): void
    {
        ++$this->sessionStamp;
    }

    public function disable(): void
    {
        $this->disabledAt = new \DateTimeImmutable();
        $this->endSessions();
    }

    public function enable(): void
    {
        $this->disabledAt = null;
    }

    public function isDisabled(): bool
    {
        return null !== $this->disabledAt;
    }

    public function madeAt(): ?\DateTimeImmutable
    {
        return $this->madeAt;
    }

    /** Whether a session still stands for the person as they are now. */
    public function isEqualTo(UserInterface $user): bool
    {
        return $user instanceof self && $user->id === $this->id && $user->sessionStamp === $this->sessionStamp && !$this->isDisabled() && !$user->isDisabled();
    }

    public function eraseCredentials(): void
    {
    }
}
