<?php

declare(strict_types=1);

// Names: of the language itself, of inks, and the words of blanks.
return [
    'locale.name' => 'Français',
    'ink.midnight' => 'minuit',
    'ink.sky' => 'ciel',
    'ink.moss' => 'mousse',
    'ink.leaf' => 'feuille',
    'ink.butter' => 'beurre',
    'ink.marigold' => 'souci',
    'ink.poppy' => 'coquelicot',
    'ink.rose' => 'rose',
    'ink.plum' => 'prune',
    'ink.soil' => 'terre',
    'ink.slate' => 'ardoise',
    'ink.chalk' => 'craie',
    'spelling.or' => 'ou',
    'spelling.and' => 'et',
    'spelling.not' => 'non',
    'spelling.true' => 'vrai',
    'spelling.false' => 'faux',
    'spelling.random' => 'hasard',
    'unit.steps' => 'pas',
    'unit.degrees' => 'degrés',
    'unit.percent' => 'pour cent',
    'unit.seconds' => 'secondes',
    'unit.cm' => 'centimètres',
    'card.wrong' => '{value} ne convient pas : {range}.',
    'card.range' => 'de {least} à {most}',
    'card.at_least' => 'au moins {least}',
    'card.at_most' => 'au plus {most}',
];
