<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Kind;

/** Phrases of chips; blanks are numbered by the order of the operands. */
$value = static fn (string $key, Kind $kind = Kind::Remember): Entry => new Entry($key, $kind, value: true);

return [
    $value('add'),
    $value('subtract'),
    $value('multiply'),
    $value('divide'),
    $value('floor_divide'),
    $value('floor_remainder'),
    $value('trunc_divide'),
    $value('trunc_remainder'),
    $value('power'),
    $value('join'),
    $value('equal', Kind::Choose),
    $value('not_equal', Kind::Choose),
    $value('less', Kind::Choose),
    $value('less_or_equal', Kind::Choose),
    $value('greater', Kind::Choose),
    $value('greater_or_equal', Kind::Choose),
    $value('and', Kind::Choose),
    $value('or', Kind::Choose),
    $value('not', Kind::Choose),
    $value('negate'),
    $value('true', Kind::Choose),
    $value('false', Kind::Choose),
    $value('nothing'),
    $value('list'),
    $value('map'),
    $value('item'),
    $value('slice'),
    $value('choice', Kind::Choose),
    $value('random'),
];
