<?php

declare(strict_types=1);

// Le tableau des commandes, à l’écran et sur papier.
return [
    'phrasebook' => 'Guide de conversation',
    'phrasebook.about' => 'Les mots, et le texte qui les dit. Les noms entre parenthèses sont des champs à remplir ; ce qui est entre guillemets les garde.',
    'phrasebook.words' => 'En mots',
    'phrasebook.of_scene' => 'Guide de conversation : {scene}',
    'phrasebook.of_language' => 'Guide de conversation : le langage',
    'phrasebook.of_program' => 'Guide de conversation : {name}',
    'phrasebook.what' => 'De quoi',
    'phrasebook.columns' => 'Colonnes',
    'phrasebook.language' => 'Le langage',
    'phrasebook.show' => 'Le montrer',
    'phrasebook.pdf' => 'En PDF, à imprimer',
    'phrasebook.print' => 'Imprimer',
    'phrasebook.program' => 'Ce programme',
    'phrasebook.empty' => 'Ce programme n’utilise encore rien.',
];
