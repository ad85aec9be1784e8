<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Tree\FailureKind;

$variable = Slot::label('variable', SlotType::VariableName);

$typed = static fn (string $key, Kind $kind, array $slots = [], ?string $icon = null): Entry => new Entry($key, $kind, $slots, icon: $icon, fromText: true); // @phpstan-ignore argument.type (the slots below are lists)
$amount = Slot::number('amount', 2);
$failures = array_map(static fn (FailureKind $kind): string => $kind->value, FailureKind::cases());

$place = [Slot::any('target', 0), Slot::any('value', 0)];

return [
    new Entry('start', Kind::Start, [], Goes::Top),
    new Entry('repeat', Kind::Again, [Slot::number('times', 4)]),
    new Entry('count', Kind::Again, [$variable, Slot::number('from', 1), Slot::number('to', 10), Slot::number('by', 1)]),
    new Entry('while', Kind::Again, [Slot::truth('condition')]),
    new Entry('forever', Kind::Again, []),
    new Entry('break', Kind::Again, [], Goes::InLoop),
    new Entry('continue', Kind::Again, [], Goes::InLoop),
    new Entry('if', Kind::Choose, [Slot::truth('condition')]),
    new Entry('else_if', Kind::Choose, [Slot::truth('condition')], Goes::InBranch),
    new Entry('otherwise', Kind::Choose, [], Goes::InLastBranch),
    new Entry('try', Kind::Choose, []),
    new Entry('raise', Kind::Choose, [Slot::choice('kinds', $failures), Slot::any('says', 'stop')]),
    new Entry('set', Kind::Remember, [$variable, Slot::any('value', 0)]),
    new Entry('change', Kind::Remember, [$variable, Slot::number('amount', 1)]),
    new Entry('share', Kind::Remember, [$variable], Goes::InFunction),
    new Entry('define', Kind::Own, [Slot::label('name', SlotType::NewName), Slot::label('parameters', SlotType::Parameters)], Goes::Top),
    new Entry('call', Kind::Own, [Slot::label('function', SlotType::FunctionName)]),
    new Entry('return', Kind::Own, [Slot::any('value', 0)], Goes::InFunction),
    new Entry('leave', Kind::Own, [], Goes::InFunction),
    new Entry('print', Kind::Say, [Slot::any('value', 'hello')]),
    new Entry('comment', Kind::Say, [Slot::label('text', SlotType::Remark)], icon: 'message-square-text'),
    $typed('class', Kind::Own, [Slot::label('name', SlotType::NewName)]),
    $typed('class_of', Kind::Own, [Slot::label('name', SlotType::NewName), Slot::label('parent', SlotType::NewName)]),
    $typed('class_record', Kind::Own, [Slot::label('name', SlotType::NewName)]),
    $typed('class_failure', Kind::Own, [Slot::label('name', SlotType::NewName), Slot::label('parent', SlotType::NewName)]),
    $typed('raise_object', Kind::Choose, [Slot::any('object', 'failure')]),
    $typed('method', Kind::Own, [Slot::label('name', SlotType::NewName)]),
    $typed('method_with', Kind::Own, [Slot::label('name', SlotType::NewName), Slot::label('parameters', SlotType::Parameters)]),
    $typed('keeps', Kind::Remember, [Slot::label('name', SlotType::NewName)]),
    $typed('keeps_first', Kind::Remember, [Slot::label('name', SlotType::NewName), Slot::any('value', 0)]),
    $typed('rescue', Kind::Choose, [Slot::choice('kinds', $failures)]),
    $typed('rescue_object', Kind::Choose, [Slot::choice('kinds', $failures), Slot::label('name', SlotType::VariableName)]),
    $typed('rescue_as', Kind::Choose, [Slot::choice('kinds', $failures), Slot::label('name', SlotType::VariableName)]),
    $typed('unfailed', Kind::Choose),
    $typed('finally', Kind::Choose),
    $typed('pass_on', Kind::Choose),
    $typed('claim', Kind::Choose, [Slot::truth('condition')]),
    $typed('claim_saying', Kind::Choose, [Slot::truth('condition'), Slot::any('says', 'stop')]),
    $typed('with', Kind::Remember, [$variable, Slot::any('value', 0)]),
    $typed('for_each', Kind::Again, [$variable, Slot::any('over', 0)]),
    $typed('for', Kind::Again, [$variable, Slot::any('from', 0), Slot::truth('condition'), $amount]),
    $typed('do_while', Kind::Again, [Slot::truth('condition')]),
    $typed('set_item', Kind::Remember, $place),
    $typed('set_several', Kind::Remember),
    $typed('change_subtract', Kind::Remember, [$variable, $amount]),
    $typed('change_multiply', Kind::Remember, [$variable, $amount]),
    $typed('change_divide', Kind::Remember, [$variable, $amount]),
    $typed('change_floor_divide', Kind::Remember, [$variable, $amount]),
    $typed('change_trunc_divide', Kind::Remember, [$variable, $amount]),
    $typed('change_floor_remainder', Kind::Remember, [$variable, $amount]),
    $typed('change_trunc_remainder', Kind::Remember, [$variable, $amount]),
    $typed('change_power', Kind::Remember, [$variable, $amount]),
    $typed('change_join', Kind::Remember, [$variable, Slot::any('amount', 0)]),
    $typed('change_item_add', Kind::Remember, $place),
    $typed('change_item_subtract', Kind::Remember, $place),
    $typed('change_item_multiply', Kind::Remember, $place),
    $typed('change_item_divide', Kind::Remember, $place),
    $typed('change_item_floor_divide', Kind::Remember, $place),
    $typed('change_item_trunc_divide', Kind::Remember, $place),
    $typed('change_item_floor_remainder', Kind::Remember, $place),
    $typed('change_item_trunc_remainder', Kind::Remember, $place),
    $typed('change_item_power', Kind::Remember, $place),
    $typed('change_item_join', Kind::Remember, $place),
    $typed('perform', Kind::Remember, [Slot::any('value', 0)]),
    $typed('print_on', Kind::Say, [Slot::any('value', 'hello')]),
    $typed('import', Kind::Say, [Slot::label('text', SlotType::Remark)], 'package'),
    $typed('declare', Kind::Remember, [$variable]),
    $typed('pass', Kind::Say, [], 'minus'),
    $typed('unread', Kind::Say, [Slot::label('text', SlotType::Remark)], 'circle-help'),
];
