<?php

declare(strict_types=1);

namespace Scrivlet\App;

use Scrivlet\Core\Words\Words;
use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\Compiler\CompilerPassInterface;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel implements CompilerPassInterface
{
    use MicroKernelTrait;

    /** The translator has each language that there is a folder of words for. */
    public function process(ContainerBuilder $container): void
    {
        foreach (Words::locales() as $locale) {
            $container->getDefinition('translator.default')->addMethodCall('addResource', ['words', '', $locale, 'messages+intl-icu']);
        }
    }

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
