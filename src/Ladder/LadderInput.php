<?php

declare(strict_types=1);

namespace Scrivlet\App\Ladder;

use Symfony\Component\Validator\Constraints as Assert;

/** An answer to a rung, or the answer as it stands for which a hint is wanted. */
final readonly class LadderInput
{
    public function __construct(
        public string $kind = '',
        public string $language = 'python',
        #[Assert\PositiveOrZero]
        public int $seed = 1,
        #[Assert\Length(max: 100_000)]
        public string $answer = '',
        public int $step = 1,
        /** @var list<string> */
        #[Assert\All([new Assert\Type('string')])]
        public array $needs = [],
        public int $rows = 0,
        public bool $only = false,
        /** @var list<float|int> how near the tries before this one came */
        #[Assert\Count(max: 1000)]
        #[Assert\All([new Assert\Type(['float', 'int'])])]
        public array $tries = [],
    ) {
    }
}
