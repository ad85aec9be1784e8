<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Symfony\Component\Validator\Constraints as Assert;

/** What a program is compared with: itself in another language, as it was, or another program. */
final readonly class CompareInput
{
    public function __construct(
        #[Assert\NotBlank]
        #[Assert\Regex('/^(?:language:(?:python|javascript|cpp)|(?:version|program):\d{1,9})$/D')]
        public string $with,
        public string $view = 'both',
        public string $text = 'python',
        public string $answers = '',
        public string $signals = '',
    ) {
    }

    /** @return array{string, string} the kind, and which one */
    public function other(): array
    {
        [$kind, $which] = explode(':', $this->with, 2);

        return [$kind, $which];
    }
}
