<?php

declare(strict_types=1);

// Names: of the language itself, of inks, and the words of blanks.
return [
    'locale.name' => 'English',
    'ink.midnight' => 'midnight',
    'ink.sky' => 'sky',
    'ink.moss' => 'moss',
    'ink.leaf' => 'leaf',
    'ink.butter' => 'butter',
    'ink.marigold' => 'marigold',
    'ink.poppy' => 'poppy',
    'ink.rose' => 'rose',
    'ink.plum' => 'plum',
    'ink.soil' => 'soil',
    'ink.slate' => 'slate',
    'ink.chalk' => 'chalk',
    'spelling.or' => 'or',
    'spelling.and' => 'and',
    'spelling.not' => 'not',
    'spelling.true' => 'true',
    'spelling.false' => 'false',
    'spelling.random' => 'random',
    'unit.steps' => 'steps',
    'unit.degrees' => 'degrees',
    'unit.percent' => 'per cent',
    'unit.seconds' => 'seconds',
    'unit.cm' => 'centimetres',
    'card.wrong' => '{value} does not fit: {range}.',
    'card.range' => 'from {least} to {most}',
    'card.at_least' => 'at least {least}',
    'card.at_most' => 'at most {most}',
];
