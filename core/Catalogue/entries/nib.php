<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, array $slots): Entry => new Entry("nib.$name", Kind::Nib, $slots, command: true);
$answer = static fn (string $name): Entry => new Entry("nib.$name", Kind::Nib, [], command: true, value: true);

$typed = static fn (string $name, array $slots): Entry => new Entry("nib.$name", Kind::Nib, $slots, command: true, fromText: true); // @phpstan-ignore argument.type (the slots below are lists)

return [
    $command('forward', [Slot::number('steps', 50, 'steps')]),
    $command('back', [Slot::number('steps', 50, 'steps')]),
    $command('left', [Slot::number('degrees', 90, 'degrees')]),
    $command('right', [Slot::number('degrees', 90, 'degrees')]),
    $command('move_to', [Slot::number('x', 0, 'steps'), Slot::number('y', 0, 'steps')]),
    $command('face', [Slot::number('degrees', 0, 'degrees')]),
    $command('lift', []),
    $command('lower', []),
    $command('ink', [Slot::colour('colour', Ink::Plum)]),
    $command('shift_ink', [Slot::number('amount', 20, 'degrees')]),
    $command('width', [Slot::number('size', 3, 'steps', 0, 200)]),
    $command('open_shape', [Slot::colour('colour', Ink::Butter)]),
    $command('close_shape', []),
    $command('dot', [Slot::number('size', 10, 'steps', 0, 1000)]),
    $command('write', [Slot::any('text', 'hello')]),
    $command('pace', [Slot::numberOr('level', 5, 1, 10, ['at once' => 0.0])]),
    $command('appear', []),
    $command('vanish', []),
    $command('clear', []),
    $answer('x'),
    $answer('y'),
    $answer('facing'),
    // What typed programs for the standard drawing module bring along.
    $typed('circle', [Slot::number('radius', 50, 'steps'), Slot::number('degrees', 360, 'degrees')]),
    $typed('home', []),
    $typed('reset', []),
];
