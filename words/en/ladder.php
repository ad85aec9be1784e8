<?php

declare(strict_types=1);

// What is said on the rungs of a ladder: verdicts and hints.
return [
    'hint.where' => 'Look at line {line}.',
    'hint.kind' => 'Line {line} wants something of “{kind}”.',
    'hint.words' => 'Line {line}: {words}',
    'hint.gap' => 'Line {line} is {text}',
    'hint.line' => 'Line {line} is {text}',
    'hint.blank' => 'Line {line} is blank.',
    'hint.too_much' => 'From line {line} on there is too much.',
    'hint.where_pair' => 'Look at pair {place}.',
    'hint.where_foretell' => 'Go through the program row by row, and note what each one does.',
    'hint.where_sort' => 'Look at place {place}.',
    'hint.where_fill' => 'Look at gap {place}.',
    'hint.begins' => 'Number {place} begins with “{text}”.',
    'hint.length' => 'Number {place} has {count, plural, one {# sign} other {# signs}}.',
    'hint.half' => 'Number {place} begins so: {text}',
    'hint.whole' => 'Number {place} is {text}',
    'ladder.no_rung' => 'This is no rung of a ladder.',
    'ladder.version' => 'This rung is of another form than this program knows.',
    'ladder.kind' => 'There is no such kind of rung: {kinds}.',
    'ladder.out' => '{folder} cannot be written.',
    'mark.passed' => 'It does what it should.',
    'mark.too_long' => 'The answer is too long.',
    'mark.no_list' => 'The answer is no list of the form that the rung asks for.',
    'mark.empty' => 'There is no answer yet.',
    'mark.wrong_choice' => 'Number {place} is not right yet.',
    'mark.many_choices' => 'There are more answers than places.',
    'mark.stops' => 'In case {situation} it stops with an error.',
    'mark.never_ends' => 'In case {situation} it goes on without an end, or ends where it should not.',
    'mark.prints_other' => 'In case {situation} it prints something else.',
    'mark.draws_other' => 'In case {situation} the picture is another.',
    'mark.misses_goal' => 'In case {situation} a goal is not reached.',
    'mark.other_state' => 'In case {situation} what is there in the end is another.',
];
