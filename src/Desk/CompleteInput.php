<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Bounds;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * What may be written behind a text is asked for with that text; in a row that is written by hand, with what was typed
 * of it, as the program has the lines before it.
 */
final readonly class CompleteInput
{
    public function __construct(
        #[Assert\Length(max: Bounds::TEXT)]
        public string $before = '',
        public string $language = 'python',
        public ?int $row = null,
        #[Assert\Length(max: 40)]
        public string $part = 'head',
    ) {
    }

    public function language(): Language
    {
        return Language::tryFrom($this->language) ?? Language::Python;
    }
}
