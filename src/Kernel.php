<?php

declare(strict_types=1);

namespace Scrivlet\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** Everything that is written while the application runs lies in one folder; tests name another. */
    private function folder(): string
    {
        $folder = $_SERVER['SCRIVLET_VAR'] ?? null;

        return \is_string($folder) && '' !== $folder ? $folder : $this->getProjectDir().'/var';
    }

    public function getCacheDir(): string
    {
        return $this->folder().'/cache/'.$this->environment;
    }

    public function getLogDir(): string
    {
        return $this->folder().'/log';
    }
}
