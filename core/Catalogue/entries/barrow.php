<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Kind;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, array $slots): Entry => new Entry("barrow.$name", Kind::Barrow, $slots, command: true);
// @phpstan-ignore argument.type
$answer = static fn (string $name, string $answers, array $slots): Entry => new Entry("barrow.$name", Kind::Barrow, $slots, command: true, value: true, answers: $answers);

return [
    $command('step', []),
    $command('turn_left', []),
    $command('turn_right', []),
    $command('plant', []),
    $command('pick', []),
    $answer('path_clear', 'truth', []),
    $answer('clear_left', 'truth', []),
    $answer('clear_right', 'truth', []),
    $answer('seedling_here', 'truth', []),
    $answer('at_gate', 'truth', []),
    $answer('facing', 'text', []),
    $answer('load', 'whole', []),
];
