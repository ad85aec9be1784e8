<?php

declare(strict_types=1);

// The letters that bring rows, from the words they have here, and their card.
return [
    'keys.title' => 'Keys that bring rows',
    'keys.here' => 'Shift and the letter puts the row in where the caret stands; only what may go there is shown. A small letter opens the list.',
    'keys.around' => 'The letter puts the row around the chosen ones.',
    'keys.others' => 'Tab: the next blank · Alt and an arrow: move the rows · Ctrl+D: once more · Ctrl+A: all rows here · F1: about the row · Ctrl+K: all commands · Ctrl+Enter: run, or stop · F10: one step',
    'key.repeat' => 'r',
    'key.count' => 'n',
    'key.while' => 'w',
    'key.forever' => 'f',
    'key.break' => 'b',
    'key.continue' => 't',
    'key.if' => 'i',
    'key.else_if' => 'e',
    'key.otherwise' => 'o',
    'key.set' => 'l',
    'key.change' => 'c',
    'key.share' => 'u',
    'key.define' => 'd',
    'key.return' => 'g',
    'key.print' => 'p',
    'key.comment' => '#',
    'key.on_announced' => 'm',
];
