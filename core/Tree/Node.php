<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Copying a node with some of its parts changed; nodes themselves never change. */
abstract readonly class Node
{
    /** @param array<string, mixed> $changes constructor parameters by name */
    final protected function with(array $changes): static
    {
        $class = static::class;

        return new $class(...array_replace(get_object_vars($this), $changes));
    }
}
