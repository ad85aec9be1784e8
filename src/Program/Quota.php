<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Doctrine\DBAL\Connection;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Refusal;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\RateLimiter\RateLimiterFactory;

/** How much one person may take up, far above what anybody needs. */
final readonly class Quota
{
    public const PROGRAMS = 2_000;
    /** Bytes of all programs as they are now. */
    public const BYTES = 200_000_000;

    public function __construct(private Connection $connection, #[Autowire(service: 'limiter.edits')] private RateLimiterFactory $edits)
    {
    }

    /** @throws Refusal if no more programs fit on the shelf */
    public function check(User $user): void
    {
        $row = $this->connection->fetchNumeric('SELECT COUNT(*), COALESCE(SUM(LENGTH(tree)), 0) FROM programs WHERE owner_id = ?', [$user->id()]);
        [$programs, $bytes] = array_map(static fn (mixed $number): int => is_numeric($number) ? (int) $number : 0, false === $row ? [0, 0] : $row);
        if ($programs >= self::PROGRAMS || $bytes >= self::BYTES) {
            throw new Refusal('shelf.full', ['most' => self::PROGRAMS]);
        }
    }

    /** Whether a person may send one more edit in this minute. */
    public function takesEdit(User $user): bool
    {
        return $this->edits->create((string) $user->id())->consume()->isAccepted();
    }
}
