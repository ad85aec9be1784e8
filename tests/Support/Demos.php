<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Tree\Program;

final class Demos
{
    /** @return array<string, Program> by file name */
    public static function programs(): array
    {
        $programs = [];
        foreach (glob(__DIR__.'/../../demo/*.scrivlet.json') ?: [] as $file) {
            $programs[basename($file, '.scrivlet.json')] = ProjectReader::read((string) file_get_contents($file))[1];
        }

        return $programs;
    }
}
