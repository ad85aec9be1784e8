<?php

declare(strict_types=1);

namespace Scrivlet\App\Ladder;

use Symfony\Component\Validator\Constraints as Assert;

/** An answer to a rung, or the answer as it stands. */
final readonly class RungInput
{
    public function __construct(
        #[Assert\Length(max: 100_000)]
        public string $answer = '',
        public int $step = 1,
    ) {
    }
}
