<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\SlotType;

$variable = Slot::label('variable', SlotType::VariableName);

$typed = static fn (string $key, Kind $kind, string $en, string $fr, array $slots = [], ?string $icon = null): Entry => new Entry($key, $kind, ['en' => $en, 'fr' => $fr], $slots, icon: $icon, fromText: true); // @phpstan-ignore argument.type (the slots below are lists)
$amount = Slot::number('amount', 2);

$place = [Slot::any('target', 0), Slot::any('value', 0)];

return [
    new Entry('start', Kind::Start, ['en' => 'when the program starts', 'fr' => 'quand le programme démarre'], [], ['en' => 'The rows below run when you press Run.', 'fr' => "Les lignes qui suivent s'exécutent quand tu lances le programme."], Goes::Top),
    new Entry('repeat', Kind::Again, ['en' => 'repeat {times} times', 'fr' => 'répéter {times} fois'], [Slot::number('times', 4)], ['en' => 'The rows inside run that many times.', 'fr' => "Les lignes à l'intérieur s'exécutent ce nombre de fois."]),
    new Entry('count', Kind::Again, ['en' => 'count {variable} from {from} to {to} by {by}', 'fr' => 'compter {variable} de {from} à {to} par {by}'], [$variable, Slot::number('from', 1), Slot::number('to', 10), Slot::number('by', 1)], ['en' => 'The rows inside run once for each number; the last one is included.', 'fr' => "Les lignes à l'intérieur s'exécutent une fois par nombre ; le dernier est compris."]),
    new Entry('while', Kind::Again, ['en' => 'while {condition}', 'fr' => 'tant que {condition}'], [Slot::truth('condition')], ['en' => 'The rows inside run again as long as the condition holds.', 'fr' => "Les lignes à l'intérieur se répètent tant que la condition est vraie."]),
    new Entry('forever', Kind::Again, ['en' => 'repeat for ever', 'fr' => 'répéter sans fin'], [], ['en' => 'The rows inside run again and again; leave the loop to stop it.', 'fr' => "Les lignes à l'intérieur se répètent ; sors de la boucle pour l'arrêter."]),
    new Entry('break', Kind::Again, ['en' => 'leave the loop', 'fr' => 'sortir de la boucle'], [], ['en' => 'The innermost loop ends here.', 'fr' => 'La boucle la plus proche se termine ici.'], Goes::InLoop),
    new Entry('continue', Kind::Again, ['en' => 'go to the next turn', 'fr' => 'passer au tour suivant'], [], ['en' => 'The rest of this turn is left out.', 'fr' => 'Le reste de ce tour est sauté.'], Goes::InLoop),
    new Entry('if', Kind::Choose, ['en' => 'if {condition}', 'fr' => 'si {condition}'], [Slot::truth('condition')], ['en' => 'The rows inside run only when the condition holds.', 'fr' => "Les lignes à l'intérieur s'exécutent seulement si la condition est vraie."]),
    new Entry('else_if', Kind::Choose, ['en' => 'otherwise, if {condition}', 'fr' => 'sinon, si {condition}'], [Slot::truth('condition')], ['en' => 'Asked when no condition above held.', 'fr' => "Demandé quand aucune condition plus haut n'était vraie."], Goes::InBranch),
    new Entry('otherwise', Kind::Choose, ['en' => 'otherwise', 'fr' => 'sinon'], [], ['en' => 'The rows inside run when no condition above held.', 'fr' => "Les lignes à l'intérieur s'exécutent quand aucune condition plus haut n'était vraie."], Goes::InLastBranch),
    new Entry('set', Kind::Remember, ['en' => 'let {variable} be {value}', 'fr' => 'donner à {variable} la valeur {value}'], [$variable, Slot::any('value', 0)], ['en' => 'A variable is a name for a value; this gives it one.', 'fr' => 'Une variable est un nom pour une valeur ; ceci lui en donne une.']),
    new Entry('change', Kind::Remember, ['en' => 'change {variable} by {amount}', 'fr' => 'augmenter {variable} de {amount}'], [$variable, Slot::number('amount', 1)], ['en' => 'The variable becomes larger by this amount, or smaller by a negative one.', 'fr' => 'La variable augmente de cette quantité, ou diminue si elle est négative.']),
    new Entry('share', Kind::Remember, ['en' => "use the program's {variable}", 'fr' => 'utiliser le {variable} du programme'], [$variable], ['en' => 'Inside a function: the name means the variable of the whole program.', 'fr' => 'Dans une fonction : ce nom est la variable du programme entier.'], Goes::InFunction),
    new Entry('define', Kind::Own, ['en' => 'define {name} with {parameters}', 'fr' => 'définir {name} avec {parameters}'], [Slot::label('name', SlotType::NewName), Slot::label('parameters', SlotType::Parameters)], ['en' => 'A command of your own; the parameters are names for what it is given.', 'fr' => "Une commande à toi ; les paramètres sont des noms pour ce qu'on lui donne."], Goes::Top),
    new Entry('call', Kind::Own, ['en' => 'do {function}', 'fr' => 'faire {function}'], [Slot::label('function', SlotType::FunctionName)], ['en' => 'Runs the rows of a function of your own.', 'fr' => "Exécute les lignes d'une de tes fonctions."]),
    new Entry('return', Kind::Own, ['en' => 'give back {value}', 'fr' => 'rendre {value}'], [Slot::any('value', 0)], ['en' => 'The function ends here, and this is its value.', 'fr' => 'La fonction se termine ici, et ceci est sa valeur.'], Goes::InFunction),
    new Entry('leave', Kind::Own, ['en' => 'leave the function', 'fr' => 'quitter la fonction'], [], ['en' => 'The function ends here.', 'fr' => 'La fonction se termine ici.'], Goes::InFunction),
    new Entry('print', Kind::Say, ['en' => 'print {value}', 'fr' => 'afficher {value}'], [Slot::any('value', 'hello')], ['en' => 'Puts a line on the printout.', 'fr' => 'Ajoute une ligne à la sortie.']),
    new Entry('comment', Kind::Say, ['en' => '{text}', 'fr' => '{text}'], [Slot::label('text', SlotType::Remark)], ['en' => 'A remark for people; the program does not read it.', 'fr' => 'Une remarque pour les personnes ; le programme ne la lit pas.'], icon: 'message-square-text'),
    $typed('for_each', Kind::Again, 'for each {variable} of {over}', 'pour chaque {variable} de {over}', [$variable, Slot::any('over', 0)]),
    $typed('for', Kind::Again, 'for {variable} from {from}, while {condition}, changed by {amount}', 'pour {variable} à partir de {from}, tant que {condition}, changé de {amount}', [$variable, Slot::any('from', 0), Slot::truth('condition'), $amount]),
    $typed('do_while', Kind::Again, 'repeat, and again while {condition}', 'répéter, et encore tant que {condition}', [Slot::truth('condition')]),
    $typed('set_item', Kind::Remember, 'let {target} be {value}', 'donner à {target} la valeur {value}', $place),
    $typed('set_several', Kind::Remember, 'let at once', 'donner à la fois'),
    $typed('change_subtract', Kind::Remember, 'take {amount} from {variable}', 'retirer {amount} à {variable}', [$variable, $amount]),
    $typed('change_multiply', Kind::Remember, 'multiply {variable} by {amount}', 'multiplier {variable} par {amount}', [$variable, $amount]),
    $typed('change_divide', Kind::Remember, 'divide {variable} by {amount}', 'diviser {variable} par {amount}', [$variable, $amount]),
    $typed('change_floor_divide', Kind::Remember, 'divide {variable} by {amount}, rounded down', 'diviser {variable} par {amount}, arrondi en bas', [$variable, $amount]),
    $typed('change_trunc_divide', Kind::Remember, 'divide {variable} by {amount}, cut to whole', 'diviser {variable} par {amount}, coupé à l’entier', [$variable, $amount]),
    $typed('change_floor_remainder', Kind::Remember, 'keep of {variable} the remainder by {amount}', 'garder de {variable} le reste par {amount}', [$variable, $amount]),
    $typed('change_trunc_remainder', Kind::Remember, 'keep of {variable} the remainder by {amount}', 'garder de {variable} le reste par {amount}', [$variable, $amount]),
    $typed('change_power', Kind::Remember, 'raise {variable} to the power {amount}', 'élever {variable} à la puissance {amount}', [$variable, $amount]),
    $typed('change_join', Kind::Remember, 'add {amount} at the end of {variable}', 'ajouter {amount} à la fin de {variable}', [$variable, Slot::any('amount', 0)]),
    $typed('change_item_add', Kind::Remember, 'change {target} by {value}', 'augmenter {target} de {value}', $place),
    $typed('change_item_subtract', Kind::Remember, 'take {value} from {target}', 'retirer {value} à {target}', $place),
    $typed('change_item_multiply', Kind::Remember, 'multiply {target} by {value}', 'multiplier {target} par {value}', $place),
    $typed('change_item_divide', Kind::Remember, 'divide {target} by {value}', 'diviser {target} par {value}', $place),
    $typed('change_item_floor_divide', Kind::Remember, 'divide {target} by {value}, rounded down', 'diviser {target} par {value}, arrondi en bas', $place),
    $typed('change_item_trunc_divide', Kind::Remember, 'divide {target} by {value}, cut to whole', 'diviser {target} par {value}, coupé à l’entier', $place),
    $typed('change_item_floor_remainder', Kind::Remember, 'keep of {target} the remainder by {value}', 'garder de {target} le reste par {value}', $place),
    $typed('change_item_trunc_remainder', Kind::Remember, 'keep of {target} the remainder by {value}', 'garder de {target} le reste par {value}', $place),
    $typed('change_item_power', Kind::Remember, 'raise {target} to the power {value}', 'élever {target} à la puissance {value}', $place),
    $typed('change_item_join', Kind::Remember, 'add {value} at the end of {target}', 'ajouter {value} à la fin de {target}', $place),
    $typed('perform', Kind::Remember, '{value}', '{value}', [Slot::any('value', 0)]),
    $typed('print_on', Kind::Say, 'print {value}, staying on the line', 'afficher {value}, sans finir la ligne', [Slot::any('value', 'hello')]),
    $typed('import', Kind::Say, '{text}', '{text}', [Slot::label('text', SlotType::Remark)], 'package'),
    $typed('declare', Kind::Remember, 'name a variable {variable}', 'nommer une variable {variable}', [$variable]),
    $typed('pass', Kind::Say, 'do nothing', 'ne rien faire', [], 'minus'),
    $typed('unread', Kind::Say, '{text}', '{text}', [Slot::label('text', SlotType::Remark)], 'circle-help'),
];
