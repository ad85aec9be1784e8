<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Bounds;
use Symfony\Component\Validator\Constraints as Assert;

/** What may be written behind a text is asked for with that text. */
final readonly class CompleteInput
{
    public function __construct(
        #[Assert\Length(max: Bounds::TEXT)]
        public string $before = '',
        public string $language = 'python',
    ) {
    }

    public function language(): Language
    {
        return Language::tryFrom($this->language) ?? Language::Python;
    }
}
