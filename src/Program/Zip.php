<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

/** Files in one. */
final class Zip
{
    /** @param iterable<string, string> $files contents by name */
    public static function of(iterable $files): string
    {
        $path = tempnam(sys_get_temp_dir(), 'scrivlet');
        $zip = new \ZipArchive();
        if (false === $path || true !== $zip->open($path, \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException('Cannot make a ZIP here.');
        }
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
        $content = (string) file_get_contents($path);
        unlink($path);

        return $content;
    }
}
