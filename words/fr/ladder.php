<?php

declare(strict_types=1);

// Ce qui se dit sur les barreaux d’une échelle : verdicts et indices.
return [
    'hint.where' => 'Regardez la ligne {line}.',
    'hint.kind' => 'La ligne {line} demande quelque chose de « {kind} ».',
    'hint.words' => 'Ligne {line} : {words}',
    'hint.gap' => 'La ligne {line} est {text}',
    'hint.line' => 'La ligne {line} est {text}',
    'hint.blank' => 'La ligne {line} est vide.',
    'hint.too_much' => 'À partir de la ligne {line} il y a trop.',
    'hint.where_pair' => 'Regardez la paire {place}.',
    'hint.where_foretell' => 'Parcourez le programme ligne par ligne, et notez ce que fait chacune.',
    'hint.where_sort' => 'Regardez la place {place}.',
    'hint.where_fill' => 'Regardez le trou {place}.',
    'hint.begins' => 'Le numéro {place} commence par « {text} ».',
    'hint.length' => 'Le numéro {place} a {count, plural, one {# signe} other {# signes}}.',
    'hint.half' => 'Le numéro {place} commence ainsi : {text}',
    'hint.whole' => 'Le numéro {place} est {text}',
    'ladder.no_rung' => 'Ce n’est pas un barreau d’échelle.',
    'ladder.version' => 'Ce barreau a une autre forme que celle que ce programme connaît.',
    'ladder.kind' => 'Ce genre de barreau n’existe pas : {kinds}.',
    'ladder.out' => '{folder} ne peut pas être écrit.',
    'mark.passed' => 'Il fait ce qu’il doit.',
    'mark.too_long' => 'La réponse est trop longue.',
    'mark.no_list' => 'La réponse n’est pas une liste de la forme que le barreau demande.',
    'mark.empty' => 'Il n’y a pas encore de réponse.',
    'mark.wrong_choice' => 'Le numéro {place} n’est pas encore juste.',
    'mark.many_choices' => 'Il y a plus de réponses que de places.',
    'mark.stops' => 'Dans le cas {situation} il s’arrête sur une erreur.',
    'mark.never_ends' => 'Dans le cas {situation} il continue sans fin, ou finit où il ne devrait pas.',
    'mark.prints_other' => 'Dans le cas {situation} il affiche autre chose.',
    'mark.draws_other' => 'Dans le cas {situation} l’image est une autre.',
    'mark.misses_goal' => 'Dans le cas {situation} un but n’est pas atteint.',
    'mark.other_state' => 'Dans le cas {situation} ce qui se trouve là à la fin est autre chose.',
];
