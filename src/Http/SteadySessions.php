<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in the database that are not written with each request: their own note of when they were used last changes every few
 * minutes (`metadata_update_threshold`), and then they are written whole, with their time.
 */
final class SteadySessions extends PdoSessionHandler
{
    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return true;
    }
}
