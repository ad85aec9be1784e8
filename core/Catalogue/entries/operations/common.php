<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// What texts, lists and others have in common.
return [
    new ValueOperation(OperationKey::Length, 1, Result::Natural, python: 'len({0})', javaScript: ['{0}.length', 'map?Object.keys({0}).length', 'set?{0}.size'], cpp: ['int({0}.size())', '{0}.size()', '{0}.length()']),
    new ValueOperation(OperationKey::Alike, 2, Result::Truth, python: '@alike({0}, {1})', javaScript: '4|{0:5} == {1:5}', cpp: '@alike({0}, {1})'),
    new ValueOperation(OperationKey::Same, 2, Result::Truth, python: '4|{0:5} == {1:5}', javaScript: '@same({0}, {1})', cpp: '4|{0:5} == {1:5}'),
    new ValueOperation(OperationKey::Identical, 2, Result::Truth, python: '4|{0:5} is {1:5}', javaScript: '4|{0:5} === {1:5}', cpp: '@identical({0}, {1})'),
    // Whether a value counts as true in Python, and in JavaScript.
    new ValueOperation(OperationKey::Holds, 1, Result::Truth, python: '{0:11}', javaScript: '@holds({0})'),
    new ValueOperation(OperationKey::IsThere, 1, Result::Truth, python: ['@is_there({0})', 'list?5|{0:6} is not None', 'map?5|{0:6} is not None', 'set?5|{0:6} is not None'], javaScript: '{0:11}'),
    new ValueOperation(OperationKey::IsEmpty, 1, Result::Truth, python: '5|len({0}) == 0', javaScript: ['5|{0}.length === 0', 'map?5|Object.keys({0}).length === 0', 'set?5|{0}.size === 0'], cpp: '{0}.empty()'),
    new ValueOperation(OperationKey::Contains, 2, Result::Truth, python: '5|{1:6} in {0:6}', javaScript: ['{0}.includes({1})', 'map?5|{1:6} in {0:6}', 'set?{0}.has({1})'], cpp: ['@contains({0}, {1})', 'map?5|{0}.count({1}) > 0']),
    new ValueOperation(OperationKey::Position, 2, Result::Whole, python: ['{0}.find({1})', 'list?@position({0}, {1})'], javaScript: '{0}.indexOf({1})', cpp: '@position({0}, {1})'),
    new ValueOperation(OperationKey::PositionFrom, 3, Result::Whole, python: '{0}.find({1}, {2})', javaScript: '{0}.indexOf({1}, {2})', cpp: 'int({0}.find({1}, {2}))'),
    new ValueOperation(OperationKey::Index, 2, Result::Natural, python: '{0}.index({1})', javaScript: '@indexIn({0}, {1})', cpp: '@index_in({0}, {1})'),
    new ValueOperation(OperationKey::Occurrences, 2, Result::Natural, python: '{0}.count({1})', javaScript: '@occurrences({0}, {1})', cpp: ['@occurrences({0}, {1})', 'list?int(count({0:all}, {1}))']),
    new ValueOperation(OperationKey::Repeated, 2, Result::Same, python: '8|{0:8} * {1:9}', javaScript: ['{0}.repeat({1})', 'list?@repeated({0}, {1})'], cpp: '@repeated({0}, {1})'),
    new ValueOperation(OperationKey::Backwards, 1, Result::Same, python: '{0}[::-1]', javaScript: ['@backwards({0})', 'list?[...{0}].reverse()'], cpp: '@backwards({0})'),
];
