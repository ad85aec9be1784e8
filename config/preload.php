<?php

declare(strict_types=1);

/*
 * Loaded once, when php-fpm starts: every worker has the classes of the application and of core from then on, and no
 * request looks for their files. A changed class is known after php-fpm was started anew. Pools have not begun yet, so
 * that the folder that is written to stands in PHP's own settings, as `scrivlet.var`.
 */
$cache = (is_string($folder = get_cfg_var('scrivlet.var')) ? $folder : dirname(__DIR__).'/var').'/cache/prod';
$container = $cache.'/Scrivlet_App_KernelProdContainer.preload.php';
if (is_file($container)) {
    require $container;
    /** @var array<class-string, string> $classes */
    $classes = require dirname(__DIR__).'/vendor/composer/autoload_classmap.php';
    foreach ($classes as $class => $_file) {
        if (str_starts_with($class, 'Scrivlet\Core\\')) {
            class_exists($class);
        }
    }
}
