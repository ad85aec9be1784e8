<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Learner\LearnerRepository;
use Scrivlet\Core\Register\NameList;

/** Whose work on lessons is kept: somebody signed in, or a guest, who is known by a cookie alone. */
#[ORM\Entity(repositoryClass: LearnerRepository::class)]
#[ORM\Table(name: 'learners')]
#[ORM\UniqueConstraint(name: 'learners_user', columns: ['user_id'])]
#[ORM\UniqueConstraint(name: 'learners_cookie', columns: ['cookie'])]
#[ORM\UniqueConstraint(name: 'learners_key', columns: ['key_hash'])]
#[ORM\Index(name: 'learners_seen', columns: ['seen_at'])]
class Learner
{
    public const LONGEST_NAME = NameList::LONGEST_NAME;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Column(length: self::LONGEST_NAME)]
    private string $name = '';

    /** @var array<int, string> the language that was chosen in each course */
    #[ORM\Column(type: Types::JSON)]
    private array $languages = [];

    #[ORM\Column(name: 'made_at', type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $madeAt;

    #[ORM\Column(name: 'seen_at', type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $seenAt;

    /**
     * @param string|null $cookie  hash of what a guest's browsers hold
     * @param string|null $keyHash of the key by which a guest comes back on another machine
     * @param string      $seed    of which, with the application's secret, cookie and key are made, so that the key can be shown again
     * @param string      $locale  of the key's words
     */
    public function __construct(
        #[ORM\OneToOne]
        #[ORM\JoinColumn(name: 'user_id', nullable: true, onDelete: 'CASCADE')]
        private ?User $user,
        #[ORM\Column(length: 64, nullable: true, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly ?string $cookie,
        #[ORM\Column(name: 'key_hash', length: 64, nullable: true, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        private ?string $keyHash,
        #[ORM\Column(length: 32, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        private string $seed,
        #[ORM\Column(length: 8, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $locale,
    ) {
        $this->madeAt = $this->seenAt = new \DateTimeImmutable();
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function user(): ?User
    {
        return $this->user;
    }

    /** A guest has joined a class: the work stays, and is a pupil's now. */
    public function joins(User $pupil): void
    {
        $this->user = $pupil;
        $this->name = '';
    }

    /** Whether this is somebody who comes back with a key. */
    public function hasKey(): bool
    {
        return null !== $this->keyHash;
    }

    public function seed(): string
    {
        return $this->seed;
    }

    /** Another key; the one before opens nothing any more. */
    public function giveKey(string $seed, string $hash): void
    {
        $this->seed = $seed;
        $this->keyHash = $hash;
    }

    public function isGuest(): bool
    {
        return null === $this->user;
    }

    public function name(): string
    {
        return $this->user?->name() ?? $this->name;
    }

    public function call(string $name): void
    {
        $this->name = $name;
    }

    public function language(int $course): ?string
    {
        return $this->languages[$course] ?? null;
    }

    public function choose(int $course, string $language): void
    {
        $this->languages[$course] = $language;
    }

    public function seenAt(): \DateTimeImmutable
    {
        return $this->seenAt;
    }

    public function seen(\DateTimeImmutable $now): void
    {
        $this->seenAt = $now;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }
}
