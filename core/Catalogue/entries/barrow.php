<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Kind;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, string $en, string $fr, array $slots, string $docEn, string $docFr): Entry => new Entry("barrow.$name", Kind::Barrow, ['en' => $en, 'fr' => $fr], $slots, ['en' => $docEn, 'fr' => $docFr], command: true);
// @phpstan-ignore argument.type
$answer = static fn (string $name, string $answers, string $en, string $fr, array $slots, string $docEn, string $docFr): Entry => new Entry("barrow.$name", Kind::Barrow, ['en' => $en, 'fr' => $fr], $slots, ['en' => $docEn, 'fr' => $docFr], command: true, value: true, answers: $answers);

return [
    $command('step', 'push the barrow one step', 'pousser la brouette d’un pas', [], 'The barrow goes one cell the way it faces. A hedge, a stone or the edge stops it with a bump.', 'La brouette avance d’une case dans sa direction. Une haie, une pierre ou le bord l’arrête net.'),
    $command('turn_left', 'turn the barrow left', 'tourner la brouette à gauche', [], 'The barrow turns by a quarter on the spot.', 'La brouette fait un quart de tour sur place.'),
    $command('turn_right', 'turn the barrow right', 'tourner la brouette à droite', [], 'The barrow turns by a quarter on the spot.', 'La brouette fait un quart de tour sur place.'),
    $command('plant', 'plant a seedling', 'planter un plant', [], 'One seedling goes from the barrow into the cell below it.', 'Un plant passe de la brouette dans la case au-dessous.'),
    $command('pick', 'pick the seedling up', 'reprendre le plant', [], 'The seedling of this cell goes into the barrow.', 'Le plant de cette case passe dans la brouette.'),
    $answer('path_clear', 'truth', 'the path is clear', 'le chemin est libre', [], 'Whether the barrow could take a step now.', 'Si la brouette pourrait avancer d’un pas.'),
    $answer('clear_left', 'truth', 'it is clear on the left', 'c’est libre à gauche', [], 'Whether the cell to the left of the barrow is free.', 'Si la case à gauche de la brouette est libre.'),
    $answer('clear_right', 'truth', 'it is clear on the right', 'c’est libre à droite', [], 'Whether the cell to the right of the barrow is free.', 'Si la case à droite de la brouette est libre.'),
    $answer('seedling_here', 'truth', 'a seedling stands here', 'il y a un plant ici', [], 'Whether a seedling stands in this cell.', 'S’il y a un plant dans cette case.'),
    $answer('at_gate', 'truth', 'the barrow is at the gate', 'la brouette est au portillon', [], 'Whether the barrow stands at the gate.', 'Si la brouette est au portillon.'),
    $answer('facing', 'text', 'where the barrow faces', 'direction de la brouette', [], 'right, up, left or down, as a text.', 'right, up, left ou down : un texte.'),
    $answer('load', 'whole', 'seedlings in the barrow', 'plants dans la brouette', [], 'How many seedlings the barrow carries.', 'Combien de plants porte la brouette.'),
];
