<?php

declare(strict_types=1);

// Un programme devant la classe.
return [
    'lectern' => 'Lutrin',
    'lectern.keys' => 'Touches',
    'lectern.lines' => 'Le programme, ligne par ligne',
    'lectern.back' => 'retour',
    'lectern.next' => 'suite',
    'lectern.run' => 'un moment',
    'lectern.cover' => 'cacher',
    'lectern.uncover' => 'découvrir',
    'lectern.write' => 'écrire',
    'lectern.build' => 'construire',
    'lectern.light' => 'lumière',
    'lectern.draw' => 'dessiner',
    'lectern.leave' => 'bureau',
    'lectern.covered' => 'caché',
    'lectern.end' => 'La ligne finit ce qui a commencé plus haut.',
    'lectern.open' => 'Au lutrin',
];
