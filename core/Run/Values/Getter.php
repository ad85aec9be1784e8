<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** What a map of JavaScript finds whenever it is asked for a name. */
final readonly class Getter
{
    /** @param \Closure(): mixed $finds */
    public function __construct(public \Closure $finds)
    {
    }
}
