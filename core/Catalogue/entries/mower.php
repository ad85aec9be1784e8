<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, string $en, string $fr, array $slots, string $docEn, string $docFr): Entry => new Entry("mower.$name", Kind::Mower, ['en' => $en, 'fr' => $fr], $slots, ['en' => $docEn, 'fr' => $docFr], command: true, takesTime: in_array($name, ['travel', 'turn'], true));

return [
    $command('drive', 'drive, left wheel {left} %, right wheel {right} %', 'rouler, roue gauche {left} %, roue droite {right} %', [Slot::number('left', 50, 'percent', -100, 100), Slot::number('right', 50, 'percent', -100, 100)], 'Both wheels turn from now on; the mower rolls while the program waits.', 'Les deux roues tournent désormais ; la tondeuse roule pendant que le programme attend.'),
    $command('travel', 'travel {distance} at speed {speed} %', 'parcourir {distance} à la vitesse {speed} %', [Slot::number('distance', 40, 'cm', -1000, 1000), Slot::number('speed', 60, 'percent', -100, 100)], 'The mower goes this far and stops. Behind 0 it goes backwards.', 'La tondeuse parcourt cette distance et s’arrête. En dessous de 0, elle recule.'),
    $command('turn', 'turn the mower by {degrees} degrees', 'tourner la tondeuse de {degrees} degrés', [Slot::number('degrees', 90, 'degrees', -3600, 3600)], 'On the spot, anticlockwise; below 0 clockwise.', 'Sur place, dans le sens inverse des aiguilles ; en dessous de 0, dans leur sens.'),
    $command('stop', 'stop the mower', 'arrêter la tondeuse', [], 'Both wheels stand still.', 'Les deux roues s’arrêtent.'),
    $command('lamp', 'the mower’s lamp shines {colour}', 'la lampe de la tondeuse brille {colour}', [Slot::colour('colour', Ink::Marigold)], 'The mower’s own lamp.', 'La lampe de la tondeuse elle-même.'),
    $command('units', 'count lengths in {unit}', 'compter les longueurs en {unit}', [Slot::choice('unit', ['cm' => ['en' => 'centimetres', 'fr' => 'centimètres'], 'inches' => ['en' => 'inches', 'fr' => 'pouces']])], 'Distances of the mower from now on.', 'Les distances de la tondeuse désormais.'),
];
