<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Sets.
return [
    new ValueOperation(OperationKey::SetOf, 0, Result::Set, upTo: 1, python: 'set({*})', javaScript: 'new Set({*})'),
    new ValueOperation(OperationKey::PutNew, 2, Result::Truth, python: '@put_new({0}, {1})', javaScript: '@putNew({0}, {1})', cpp: '{0}.insert({1}).second', changes: true),
    new ValueOperation(OperationKey::PutIn, 2, Result::Nothing, python: '{0}.add({1})', javaScript: '{0}.add({1})', cpp: '{0}.insert({1})'),
    new ValueOperation(OperationKey::TookAway, 2, Result::Natural, cpp: '{0}.erase({1})', changes: true),
    new ValueOperation(OperationKey::TakeOut, 2, Result::Nothing, python: '{0}.discard({1})', javaScript: '{0}.delete({1})', cpp: '{0}.erase({1})'),
    new ValueOperation(OperationKey::Union, 2, Result::Same, python: '1|{0:7} | {1:7}', javaScript: 'new Set([...{0}, ...{1}])'),
    new ValueOperation(OperationKey::SharedItems, 2, Result::Same, python: '1|{0:7} & {1:7}', javaScript: 'new Set([...{0}].filter((item) => {1}.has(item)))'),
    new ValueOperation(OperationKey::OtherItems, 2, Result::Same, python: '{0}.difference({1})', javaScript: 'new Set([...{0}].filter((item) => !{1}.has(item)))'),
    new ValueOperation(OperationKey::ApartItems, 2, Result::Same, python: '1|{0:7} ^ {1:7}'),
    new ValueOperation(OperationKey::IsWithin, 2, Result::Truth, python: '{0}.issubset({1})'),
    new ValueOperation(OperationKey::IsAround, 2, Result::Truth, python: '{0}.issuperset({1})'),
    new ValueOperation(OperationKey::Size, 1, Result::Natural, python: 'len({0})', javaScript: '{0}.size'),
    new ValueOperation(OperationKey::Has, 2, Result::Truth, python: '5|{1:6} in {0:6}', javaScript: '{0}.has({1})'),
];
