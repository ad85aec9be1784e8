<?php

declare(strict_types=1);

// The chart of commands, on the screen and on paper.
return [
    'phrasebook' => 'Phrasebook',
    'phrasebook.about' => 'Words, and the text that says them. Names in brackets are blanks to fill in; what stands in quotes keeps them.',
    'phrasebook.words' => 'In words',
    'phrasebook.of_scene' => 'Phrasebook: {scene}',
    'phrasebook.of_language' => 'Phrasebook: the language',
    'phrasebook.of_program' => 'Phrasebook: {name}',
    'phrasebook.what' => 'Of what',
    'phrasebook.columns' => 'Columns',
    'phrasebook.language' => 'The language',
    'phrasebook.show' => 'Show it',
    'phrasebook.pdf' => 'As PDF, to print',
    'phrasebook.print' => 'Print',
    'phrasebook.program' => 'This program',
    'phrasebook.empty' => 'This program uses nothing yet.',
];
