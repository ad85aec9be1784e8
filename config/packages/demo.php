<?php

declare(strict_types=1);

use Doctrine\Bundle\FixturesBundle\DoctrineFixturesBundle;
use Scrivlet\Demo\Fernhollow;
use Scrivlet\Demo\SchoolYear;
use Symfony\Component\DependencyInjection\Loader\Configurator\ContainerConfigurator;

// Where the bundle is not installed there are no demo people.
return static function (ContainerConfigurator $container): void {
    if (class_exists(DoctrineFixturesBundle::class)) {
        $services = $container->services()->defaults()->autowire()->autoconfigure();
        $services->set(Fernhollow::class);
        $services->set(SchoolYear::class);
    }
};
