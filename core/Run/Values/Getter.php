<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** What a map of JavaScript finds whenever it is asked for a name. */
final readonly class Getter
{
    /**
     * @param (\Closure(): mixed)|null      $finds what stands there
     * @param (\Closure(mixed): mixed)|null $keeps what is done with a value that is put there
     */
    public function __construct(public ?\Closure $finds, public ?\Closure $keeps = null)
    {
    }
}
