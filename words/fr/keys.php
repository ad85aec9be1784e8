<?php

declare(strict_types=1);

// Les lettres qui apportent des lignes, tirées de leurs mots d’ici, et leur carte.
return [
    'keys.title' => 'Touches qui apportent des lignes',
    'keys.here' => 'Maj et la lettre insèrent la ligne à l’endroit du curseur ; seul ce qui peut s’y trouver est montré. Une petite lettre ouvre la liste.',
    'keys.around' => 'La lettre met la ligne autour de celles qui sont choisies.',
    'keys.others' => 'Tab : le champ suivant · Alt et une flèche : déplacer les lignes · Ctrl+D : encore une fois · Ctrl+A : toutes les lignes d’ici · F1 : à propos de la ligne · Ctrl+K : toutes les commandes · Ctrl+Entrée : lancer ou arrêter · F10 : un pas',
    'key.repeat' => 'r',
    'key.count' => 'c',
    'key.while' => 't',
    'key.forever' => 'f',
    'key.break' => 'b',
    'key.continue' => 'p',
    'key.if' => 's',
    'key.else_if' => 'i',
    'key.otherwise' => 'n',
    'key.set' => 'v',
    'key.change' => 'm',
    'key.share' => 'u',
    'key.define' => 'd',
    'key.return' => 'e',
    'key.print' => 'a',
    'key.comment' => '#',
    'key.on_announced' => 'q',
];
