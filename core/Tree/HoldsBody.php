<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** For statements that hold rows in one body, `$body`. */
trait HoldsBody
{
    public function bodies(): array
    {
        return ['body' => $this->body];
    }

    public function withBody(string $name, Block $body): static
    {
        return $this->with([$name => $body]);
    }
}
