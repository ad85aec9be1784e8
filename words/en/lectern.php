<?php

declare(strict_types=1);

// One program in front of the class.
return [
    'lectern' => 'Lectern',
    'lectern.keys' => 'Keys',
    'lectern.lines' => 'The program, line by line',
    'lectern.back' => 'back',
    'lectern.next' => 'next',
    'lectern.run' => 'one moment',
    'lectern.cover' => 'cover',
    'lectern.uncover' => 'uncover',
    'lectern.write' => 'write it out',
    'lectern.build' => 'build it up',
    'lectern.light' => 'light',
    'lectern.draw' => 'draw',
    'lectern.leave' => 'desk',
    'lectern.covered' => 'covered',
    'lectern.end' => 'The line ends what began above.',
    'lectern.open' => 'On the lectern',
];
