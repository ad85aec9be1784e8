<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\Cache\Adapter\ApcuAdapter;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;

/**
 * Where edits are counted: in memory that all workers share, as a file written for each edit took a twentieth of its time.
 * PHP on the command line has no such memory; there the count lies in a file.
 */
final class EditCount
{
    private const NAMESPACE = 'scrivlet.edits';

    public static function pool(string $folder): CacheItemPoolInterface
    {
        return \function_exists('apcu_enabled') && apcu_enabled() ? new ApcuAdapter(self::NAMESPACE) : new FilesystemAdapter(self::NAMESPACE, 0, "$folder/pools/app");
    }
}
