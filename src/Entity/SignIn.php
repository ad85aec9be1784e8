<?php

declare(strict_types=1);

namespace Scrivlet\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Scrivlet\App\Security\SignInRepository;

/** A session that is going on, as its person sees it and can end it. */
#[ORM\Entity(repositoryClass: SignInRepository::class, readOnly: true)]
#[ORM\Table(name: 'sign_ins')]
#[ORM\Index(name: 'sign_ins_user', columns: ['user_id'])]
class SignIn
{
    public const LONGEST_BROWSER = 160;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(name: 'session_key', length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        public readonly string $key,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(name: 'user_id', nullable: false, onDelete: 'CASCADE')]
        public readonly User $user,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $beganAt,
        #[ORM\Column(length: 64)]
        public readonly string $address,
        #[ORM\Column(length: self::LONGEST_BROWSER)]
        public readonly string $browser,
    ) {
    }
}
