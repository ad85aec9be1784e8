<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, array $slots): Entry => new Entry("lantern.$name", Kind::Lantern, $slots, command: true, takesTime: in_array($name, ['roll'], true));
// @phpstan-ignore argument.type
$answer = static fn (string $name, string $answers, array $slots): Entry => new Entry("lantern.$name", Kind::Lantern, $slots, command: true, value: true, answers: $answers);
$button = Slot::choice('button', ['round', 'square', 'both']);
$change = Slot::choice('change', ['darker', 'brighter']);

return [
    $command('shine', [Slot::any('value', 7)]),
    $command('roll', [Slot::any('text', 'welcome')]),
    $command('light', [Slot::number('x', 4, null, 0, 8), Slot::number('y', 2, null, 0, 4)]),
    $command('dark', [Slot::number('x', 4, null, 0, 8), Slot::number('y', 2, null, 0, 4)]),
    $command('pattern', [Slot::pattern('rows', '....#..../...###.../..#####../...###.../....#....')]),
    $command('clear', []),
    $answer('held', 'truth', [$button]),
    $answer('tapped', 'truth', [$button]),
    $answer('brightness', 'whole', []),
    new Entry('lantern.when_tapped', Kind::Event, [$button, Slot::handler('handler')], command: true, fromText: true),
    new Entry('lantern.when_light', Kind::Event, [$change, Slot::handler('handler')], command: true, fromText: true),
    new Entry('on_tapped', Kind::Event, [$button], Goes::InScript),
    new Entry('on_light', Kind::Event, [$change], Goes::InScript, icon: 'sun-dim'),
];
