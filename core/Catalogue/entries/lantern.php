<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

// @phpstan-ignore argument.type (the slots below are lists)
$command = static fn (string $name, string $en, string $fr, array $slots, string $docEn, string $docFr): Entry => new Entry("lantern.$name", Kind::Lantern, ['en' => $en, 'fr' => $fr], $slots, ['en' => $docEn, 'fr' => $docFr], command: true, takesTime: in_array($name, ['roll'], true));
// @phpstan-ignore argument.type
$answer = static fn (string $name, string $answers, string $en, string $fr, array $slots, string $docEn, string $docFr): Entry => new Entry("lantern.$name", Kind::Lantern, ['en' => $en, 'fr' => $fr], $slots, ['en' => $docEn, 'fr' => $docFr], command: true, value: true, answers: $answers);
$button = Slot::choice('button', ['round' => ['en' => 'round', 'fr' => 'rond'], 'square' => ['en' => 'square', 'fr' => 'carré'], 'both' => ['en' => 'both', 'fr' => 'les deux']]);
$change = Slot::choice('change', ['darker' => ['en' => 'darker', 'fr' => 'plus sombre'], 'brighter' => ['en' => 'brighter', 'fr' => 'plus clair']]);

return [
    $command('shine', 'shine {value}', 'éclairer {value}', [Slot::any('value', 7)], 'A number or a short text stands in the lamps; a longer one moves through them.', 'Un nombre ou un texte court tient dans les lampes ; un plus long y défile.'),
    $command('roll', 'roll {text} past', 'faire passer {text}', [Slot::any('text', 'welcome')], 'The text moves through the lamps from right to left; the next row waits for it.', 'Le texte traverse les lampes de droite à gauche ; la ligne suivante attend.'),
    $command('light', 'light the lamp at x {x}, y {y}', 'allumer la lampe à x {x}, y {y}', [Slot::number('x', 4, null, 0, 8), Slot::number('y', 2, null, 0, 4)], 'One of the 9 x 5 lamps; 0, 0 is at the top left.', 'L’une des 9 x 5 lampes ; 0, 0 est en haut à gauche.'),
    $command('dark', 'darken the lamp at x {x}, y {y}', 'éteindre la lampe à x {x}, y {y}', [Slot::number('x', 4, null, 0, 8), Slot::number('y', 2, null, 0, 4)], 'One of the 9 x 5 lamps; 0, 0 is at the top left.', 'L’une des 9 x 5 lampes ; 0, 0 est en haut à gauche.'),
    $command('pattern', 'show the pattern {rows}', 'montrer le motif {rows}', [Slot::pattern('rows', '....#..../...###.../..#####../...###.../....#....')], 'All lamps at once: five rows, # shines and . is dark.', 'Toutes les lampes à la fois : cinq rangs, # brille et . est éteinte.'),
    $command('clear', 'darken all lamps', 'éteindre toutes les lampes', [], 'No lamp shines any more.', 'Plus aucune lampe ne brille.'),
    $answer('held', 'truth', 'the {button} button is held', 'le bouton {button} est tenu', [$button], 'Whether the button is held down now.', 'Si le bouton est appuyé maintenant.'),
    $answer('tapped', 'truth', 'the {button} button was tapped', 'le bouton {button} a été touché', [$button], 'Whether it was tapped since you asked last.', 'S’il a été touché depuis la dernière demande.'),
    $answer('brightness', 'whole', 'brightness', 'luminosité', [], 'How bright it is around the lantern, from 0 to 100.', 'La luminosité autour de la lanterne, de 0 à 100.'),
    new Entry('lantern.when_tapped', Kind::Event, ['en' => 'when the {button} button is tapped, do {handler}', 'fr' => 'quand on touche le bouton {button}, faire {handler}'], [$button, Slot::handler('handler')], command: true, fromText: true),
    new Entry('lantern.when_light', Kind::Event, ['en' => 'when it gets {change}, do {handler}', 'fr' => 'quand il fait {change}, faire {handler}'], [$change, Slot::handler('handler')], command: true, fromText: true),
    new Entry('on_tapped', Kind::Event, ['en' => 'when the {button} button is tapped', 'fr' => 'quand on touche le bouton {button}'], [$button], ['en' => 'The rows inside run at each tap.', 'fr' => 'Les lignes à l’intérieur s’exécutent à chaque touche.'], Goes::InScript),
    new Entry('on_light', Kind::Event, ['en' => 'when it gets {change}', 'fr' => 'quand il fait {change}'], [$change], ['en' => 'The rows inside run each time the light changes that way.', 'fr' => 'Les lignes à l’intérieur s’exécutent à chaque changement de ce genre.'], Goes::InScript, icon: 'sun-dim'),
];
