<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Entity\Pupil;
use Scrivlet\Core\Register\Standing;

/** A pupil's row of a register. */
final readonly class Row
{
    /** Who did nothing for so long is away, in seconds. */
    public const AWAY = 300;

    /** @param array<int, Cell> $cells by the id of what stands across */
    public function __construct(public Pupil $pupil, public array $cells, private \DateTimeImmutable $now)
    {
    }

    public function isAway(): bool
    {
        $seen = $this->pupil->seenAt();

        return null === $seen || $this->now->getTimestamp() - $seen->getTimestamp() > self::AWAY;
    }

    public function isStuck(): bool
    {
        if (null !== $this->pupil->helpAt()) {
            return true;
        }

        return !$this->isAway() && [] !== array_filter($this->cells, static fn (Cell $cell): bool => Standing::NeedsHelp === $cell->standing);
    }

    /** @return int|null minutes at where the pupil is; null for who is away */
    public function minutes(): ?int
    {
        $since = $this->pupil->placeSince();

        return $this->isAway() || null === $since ? null : intdiv($this->now->getTimestamp() - $since->getTimestamp(), 60);
    }

    /** Those who need help come first, the longest waiting of them in front; then all by their names. */
    public function order(): string
    {
        $since = $this->pupil->helpAt() ?? $this->pupil->placeSince() ?? $this->now;

        return ($this->isStuck() ? '0 '.$since->format('U') : '1').' '.mb_strtolower($this->pupil->name());
    }
}
