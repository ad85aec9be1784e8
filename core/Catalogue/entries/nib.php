<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, string $en, string $fr, array $slots, string $docEn, string $docFr): Entry => new Entry("nib.$name", Kind::Nib, ['en' => $en, 'fr' => $fr], $slots, ['en' => $docEn, 'fr' => $docFr], command: true);
$answer = static fn (string $name, string $en, string $fr, string $docEn, string $docFr): Entry => new Entry("nib.$name", Kind::Nib, ['en' => $en, 'fr' => $fr], [], ['en' => $docEn, 'fr' => $docFr], command: true, value: true);

$typed = static fn (string $name, string $en, string $fr, array $slots): Entry => new Entry("nib.$name", Kind::Nib, ['en' => $en, 'fr' => $fr], $slots, command: true, fromText: true); // @phpstan-ignore argument.type (the slots below are lists)

return [
    $command('forward', 'go forward {steps} steps', 'avancer de {steps} pas', [Slot::number('steps', 50, 'steps')], 'The nib goes the way it faces. Lowered, it draws a line.', 'La plume avance dans sa direction. Baissée, elle trace un trait.'),
    $command('back', 'go back {steps} steps', 'reculer de {steps} pas', [Slot::number('steps', 50, 'steps')], 'The nib goes backwards without turning round.', 'La plume recule sans se retourner.'),
    $command('left', 'turn left {degrees} degrees', 'tourner à gauche de {degrees} degrés', [Slot::number('degrees', 90, 'degrees')], 'The nib turns on the spot, anticlockwise.', 'La plume tourne sur place, dans le sens inverse des aiguilles.'),
    $command('right', 'turn right {degrees} degrees', 'tourner à droite de {degrees} degrés', [Slot::number('degrees', 90, 'degrees')], 'The nib turns on the spot, clockwise.', 'La plume tourne sur place, dans le sens des aiguilles.'),
    $command('move_to', 'go to x {x}, y {y}', 'aller à x {x}, y {y}', [Slot::number('x', 0, 'steps'), Slot::number('y', 0, 'steps')], 'The nib goes straight to a place; the middle of the sheet is 0, 0. Lowered, it draws a line.', 'La plume va tout droit à un endroit ; le milieu de la feuille est 0, 0. Baissée, elle trace un trait.'),
    $command('face', 'face {degrees} degrees', "s'orienter à {degrees} degrés", [Slot::number('degrees', 0, 'degrees')], 'The nib turns to a direction: 0 is right, 90 is up.', 'La plume se tourne vers une direction : 0 est à droite, 90 est en haut.'),
    $command('lift', 'lift the nib', 'lever la plume', [], 'From now on the nib moves without drawing.', 'La plume se déplace désormais sans tracer.'),
    $command('lower', 'lower the nib', 'baisser la plume', [], 'From now on the nib draws where it goes.', 'La plume trace désormais en se déplaçant.'),
    $command('ink', 'use ink {colour}', "prendre l'encre {colour}", [Slot::colour('colour', Ink::Plum)], 'The colour of the lines from now on: a name, or #rrggbb.', 'La couleur des traits à venir : un nom, ou #rrggbb.'),
    $command('shift_ink', 'shift the ink by {amount}', "décaler l'encre de {amount}", [Slot::number('amount', 20, 'degrees')], 'The ink moves on along the colour wheel; 360 is once round.', "L'encre avance sur la roue des couleurs ; 360 fait un tour."),
    $command('width', 'use width {size}', "prendre l'épaisseur {size}", [Slot::number('size', 3, 'steps', 0, 200)], 'How thick the lines are from now on.', "L'épaisseur des traits à venir."),
    $command('open_shape', 'open a shape filled {colour}', 'ouvrir une forme remplie {colour}', [Slot::colour('colour', Ink::Butter)], 'From here on the way of the nib is the edge of a filled shape.', "À partir d'ici, le chemin de la plume est le bord d'une forme remplie."),
    $command('close_shape', 'close the filled shape', 'fermer la forme remplie', [], 'The shape begun before is filled, beneath its lines.', 'La forme commencée avant est remplie, sous ses traits.'),
    $command('dot', 'make a dot of size {size}', 'faire un point de taille {size}', [Slot::number('size', 10, 'steps', 0, 1000)], 'A round spot of ink where the nib stands; the size is its diameter.', "Une tache ronde d'encre là où est la plume ; la taille est son diamètre."),
    $command('write', 'write {text}', 'écrire {text}', [Slot::any('text', 'hello')], 'Letters on the sheet, beginning where the nib stands.', 'Des lettres sur la feuille, à partir de la plume.'),
    $command('pace', 'go at pace {level}', "aller à l'allure {level}", [Slot::numberOr('level', 5, 1, 10, ['at once' => ['means' => 0.0, 'words' => ['en' => 'at once', 'fr' => 'tout de suite']]])], 'How fast the run is shown: from 1, slow, to 10, fast; “at once” shows its end.', "À quelle allure l'exécution se montre : de 1, lente, à 10, rapide ; « at once » en montre la fin."),
    $command('appear', 'the nib appears', 'la plume apparaît', [], 'The nib can be seen again.', 'La plume est visible à nouveau.'),
    $command('vanish', 'the nib vanishes', 'la plume disparaît', [], 'The nib is not shown; it goes on drawing.', "La plume n'est plus visible ; elle trace toujours."),
    $command('clear', 'clear the sheet', 'effacer la feuille', [], 'All that was drawn goes away; the nib stays where it is.', 'Tout ce qui était tracé disparaît ; la plume reste où elle est.'),
    $answer('x', 'nib x', 'x de la plume', 'How far right of the middle the nib stands.', 'De combien la plume est à droite du milieu.'),
    $answer('y', 'nib y', 'y de la plume', 'How far above the middle the nib stands.', 'De combien la plume est au-dessus du milieu.'),
    $answer('facing', 'nib facing', 'direction de la plume', 'Where the nib faces, from 0 to 360 degrees.', 'Où regarde la plume, de 0 à 360 degrés.'),
    // What typed programs for the standard drawing module bring along.
    $typed('circle', 'go along a circle of radius {radius} for {degrees} degrees', 'suivre un cercle de rayon {radius} sur {degrees} degrés', [Slot::number('radius', 50, 'steps'), Slot::number('degrees', 360, 'degrees')]),
    $typed('home', 'go back to the middle', 'revenir au milieu', []),
    $typed('reset', 'begin again with a clean sheet', 'recommencer sur une feuille vide', []),
];
