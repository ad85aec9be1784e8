<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Kind;

/** Phrases of chips; blanks are numbered by the order of the operands. */
$value = static fn (string $key, string $en, ?string $fr = null, Kind $kind = Kind::Remember): Entry => new Entry($key, $kind, ['en' => $en, 'fr' => $fr ?? $en], value: true);

return [
    $value('add', '{0} + {1}'),
    $value('subtract', '{0} − {1}'),
    $value('multiply', '{0} × {1}'),
    $value('divide', '{0} ÷ {1}'),
    $value('floor_divide', '{0} ÷ {1} rounded down', '{0} ÷ {1} arrondi en bas'),
    $value('floor_remainder', 'remainder of {0} ÷ {1}', 'reste de {0} ÷ {1}'),
    $value('trunc_divide', '{0} ÷ {1} cut to whole', '{0} ÷ {1} coupé à l’entier'),
    $value('trunc_remainder', 'remainder of {0} ÷ {1}, signed like {0}', 'reste de {0} ÷ {1}, du signe de {0}'),
    $value('power', '{0} to the power {1}', '{0} à la puissance {1}'),
    $value('join', '{0} & {1}'),
    $value('equal', '{0} = {1}', null, Kind::Choose),
    $value('not_equal', '{0} ≠ {1}', null, Kind::Choose),
    $value('less', '{0} < {1}', null, Kind::Choose),
    $value('less_or_equal', '{0} ≤ {1}', null, Kind::Choose),
    $value('greater', '{0} > {1}', null, Kind::Choose),
    $value('greater_or_equal', '{0} ≥ {1}', null, Kind::Choose),
    $value('and', '{0} and {1}', '{0} et {1}', Kind::Choose),
    $value('or', '{0} or {1}', '{0} ou {1}', Kind::Choose),
    $value('not', 'not {0}', 'non {0}', Kind::Choose),
    $value('negate', '−{0}'),
    $value('true', 'true', 'vrai', Kind::Choose),
    $value('false', 'false', 'faux', Kind::Choose),
    $value('nothing', 'nothing', 'rien'),
    $value('list', 'list', 'liste'),
    $value('map', 'map', 'table'),
    $value('item', 'item {1} of {0}', 'élément {1} de {0}'),
    $value('slice', '{0} from {1} until {2}', '{0} de {1} jusqu’à {2}'),
    $value('choice', '{1} if {0}, else {2}', '{1} si {0}, sinon {2}', Kind::Choose),
    $value('random', 'random {0} to {1}', 'hasard de {0} à {1}'),
];
