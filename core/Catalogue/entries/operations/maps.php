<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Values by keys.
return [
    new ValueOperation(OperationKey::Update, 2, Result::Nothing, python: '{0}.update({1})', javaScript: 'Object.assign({0}, {1})', cpp: '@update_map({0}, {1})'),
    new ValueOperation(OperationKey::Refill, 2, Result::Nothing, python: '@refill({0}, {1})', javaScript: '@refill({0}, {1})', cpp: '{0} = {1}'),
    new ValueOperation(OperationKey::Exchange, 2, Result::Nothing, python: '@exchange({0}, {1})', javaScript: '@exchange({0}, {1})', cpp: '{0}.swap({1})'),
    new ValueOperation(OperationKey::KeyFrom, 2, Result::Key, cpp: '@key_from({0}, {1})'),
    new ValueOperation(OperationKey::KeyBehind, 2, Result::Key, cpp: '@key_behind({0}, {1})'),
    new ValueOperation(OperationKey::KeyBefore, 2, Result::Key, cpp: '@key_before({0}, {1})'),
    new ValueOperation(OperationKey::Descending, 1, Result::Same, cpp: 'descending({0})'),
    new ValueOperation(OperationKey::Overwrite, 2, Result::Nothing, cpp: '*{0} = {1}'),
    new ValueOperation(OperationKey::ValueOr, 3, Result::Value, python: '{0}.get({1}, {2})', javaScript: '2|{0}[{1}] ?? {2:3}', cpp: '@value_or({0}, {1}, {2})'),
    new ValueOperation(OperationKey::MapOf, 1, Result::MapOf, python: 'dict({0})', javaScript: 'Object.fromEntries({0})', cpp: '@map_of({0})'),
    new ValueOperation(OperationKey::PopOr, 3, Result::Value, python: '{0}.pop({1}, {2})', changes: true),
    new ValueOperation(OperationKey::KeyedAlike, 2, Result::MapOf, python: 'dict.fromkeys({0}, {1})'),
    new ValueOperation(OperationKey::ValueOrPut, 3, Result::Value, python: '{0}.setdefault({1}, {2})', javaScript: '@valueOrPut({0}, {1}, {2})', cpp: '@value_or_put({0}, {1}, {2})', changes: true),
    new ValueOperation(OperationKey::Merged, 2, Result::Same, python: '6|{0:6} | {1:7}', javaScript: '{ ...{0}, ...{1} }', cpp: '@merged({0}, {1})'),
    new ValueOperation(OperationKey::Keys, 1, Result::Keys, python: ['list({0}.keys())', '{0}.keys()'], javaScript: 'Object.keys({0})', cpp: '@keys({0})'),
    new ValueOperation(OperationKey::Values, 1, Result::Values, python: ['list({0}.values())', '{0}.values()'], javaScript: 'Object.values({0})', cpp: '@values({0})'),
    new ValueOperation(OperationKey::Entries, 1, Result::Pairs, python: '{0}.items()', javaScript: 'Object.entries({0})', cpp: '{0}'),
    new ValueOperation(OperationKey::FieldsOf, 1, Result::Parsed, python: ['vars({0})', '{0}.__dict__']),
    new ValueOperation(OperationKey::AsDict, 1, Result::Parsed, python: 'dataclasses.asdict({0})'),
    new ValueOperation(OperationKey::Forget, 2, Result::Nothing, python: 'del {0}[{1}]', javaScript: 'delete {0}[{1}]', cpp: '{0}.erase({1})'),
    new ValueOperation(OperationKey::TakenOut, 1, Result::Record, python: '{0}.popitem()', changes: true),
    new ValueOperation(OperationKey::TakenOutFirst, 1, Result::Record, python: '{0}.popitem(last=False)', changes: true),
    new ValueOperation(OperationKey::HasOwn, 2, Result::Truth, python: '5|{1:6} in {0:6}', javaScript: ['{0}.hasOwnProperty({1})', 'Object.hasOwn({0}, {1})']),
    new ValueOperation(OperationKey::NewMap, 0, Result::Table, upTo: 1, javaScript: 'new Map({*})'),
    new ValueOperation(OperationKey::Got, 2, Result::Item, javaScript: '{0}.get({1})'),
    new ValueOperation(OperationKey::PutFor, 3, Result::Same, javaScript: '{0}.set({1}, {2})', changes: true),
    new ValueOperation(OperationKey::KeysOf, 1, Result::Items, javaScript: '{0}.keys()'),
    new ValueOperation(OperationKey::ValuesOf, 1, Result::Items, javaScript: '{0}.values()'),
    new ValueOperation(OperationKey::Counter, 0, Result::Counts, upTo: 1, python: 'collections.Counter({*})'),
    new ValueOperation(OperationKey::MostCommon, 1, Result::Pairs, python: '{0}.most_common()'),
    new ValueOperation(OperationKey::MostCommonOf, 2, Result::Pairs, python: '{0}.most_common({1})'),
    new ValueOperation(OperationKey::OrderedMap, 0, Result::Same, upTo: 1, python: 'collections.OrderedDict({*})'),
    new ValueOperation(OperationKey::MovedToEnd, 2, Result::Nothing, python: '{0}.move_to_end({1})'),
    new ValueOperation(OperationKey::MovedToStart, 2, Result::Nothing, python: '{0}.move_to_end({1}, last=False)'),
    new ValueOperation(OperationKey::CountedOff, 2, Result::Nothing, python: '{0}.subtract({1})'),
    new ValueOperation(OperationKey::CountedItems, 1, Result::Keys, python: '{0}.elements()'),
    new ValueOperation(OperationKey::DefaultMap, 1, Result::Defaults, python: 'collections.defaultdict({0})'),
];
