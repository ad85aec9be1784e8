<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Bench;

/** Where a person sits: what their browser knows. */
final class Seat
{
    public string $desk = '';
    public int $revision = 1;

    public function __construct(public readonly string $cookies, public readonly string $token)
    {
    }
}
