<?php

declare(strict_types=1);

$files = (new PhpCsFixer\Finder())->in([__DIR__.'/core', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/config', __DIR__.'/public'])->name('*.php');

return (new PhpCsFixer\Config())->setRiskyAllowed(true)->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')->setFinder($files)->setRules([
    '@Symfony' => true,
    '@Symfony:risky' => true,
    'declare_strict_types' => true,
    'no_superfluous_phpdoc_tags' => true,
    'phpdoc_summary' => false,
    'phpdoc_separation' => false,
    'single_line_throw' => false,
    'concat_space' => ['spacing' => 'none'],
    'phpdoc_to_comment' => false,
]);
