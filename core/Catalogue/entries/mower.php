<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, array $slots): Entry => new Entry("mower.$name", Kind::Mower, $slots, command: true, takesTime: in_array($name, ['travel', 'turn'], true));

return [
    $command('drive', [Slot::number('left', 50, 'percent', -100, 100), Slot::number('right', 50, 'percent', -100, 100)]),
    $command('travel', [Slot::number('distance', 40, 'cm', -1000, 1000), Slot::number('speed', 60, 'percent', -100, 100)]),
    $command('turn', [Slot::number('degrees', 90, 'degrees', -3600, 3600)]),
    $command('stop', []),
    $command('lamp', [Slot::colour('colour', Ink::Marigold)]),
    $command('units', [Slot::choice('unit', ['cm', 'inches'])]),
];
