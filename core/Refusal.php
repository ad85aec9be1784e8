<?php

declare(strict_types=1);

namespace Scrivlet\Core;

/**
 * Something a person asked for cannot be done, in words for a person.
 *
 * The key names a sentence in the translations (domain `core`), the parameters are filled into it.
 */
class Refusal extends \RuntimeException
{
    /** @param array<string, string|int> $parameters */
    public function __construct(public readonly string $key, public readonly array $parameters = [])
    {
        parent::__construct($key.([] === $parameters ? '' : ' '.json_encode($parameters, \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE)));
    }
}
