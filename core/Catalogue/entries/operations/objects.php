<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Objects, their fields and their kinds.
return [
    new ValueOperation(OperationKey::NamedAs, 2, Result::Same, python: '{0}'),
    new ValueOperation(OperationKey::FunctionName, 1, Result::Text, python: '{0}.__name__', javaScript: '{0}.name'),
    // A method as a value, with the object that it is asked of.
    new ValueOperation(OperationKey::MethodOf, 2, Result::Unknown, python: ['{0}.{1}'], javaScript: ['{0}.{1}.bind({0})']),
    // The same, where an object may have none of that name.
    new ValueOperation(OperationKey::MethodAsked, 2, Result::Unknown, python: ['getattr({0}, {1}, None)'], javaScript: ['{0}[{1}]']),
    new ValueOperation(OperationKey::IsFunction, 1, Result::Truth, python: 'callable({0})', javaScript: ['5|typeof {0:9} === "function"']),
    new ValueOperation(OperationKey::FieldOf, 2, Result::Item, python: 'getattr({0}, {1})', javaScript: '{0}[{1}]'),
    new ValueOperation(OperationKey::SetField, 3, Result::Nothing, python: 'setattr({0}, {1}, {2})', javaScript: '{0}[{1}] = {2}'),
    new ValueOperation(OperationKey::HasField, 2, Result::Truth, python: 'hasattr({0}, {1})'),
    new ValueOperation(OperationKey::WithPlaces, 2, Result::Unknown, python: '{0}._replace(**{1})'),
    new ValueOperation(OperationKey::AsPlaces, 1, Result::Unknown, python: '{0}._asdict()'),
    new ValueOperation(OperationKey::Frozen, 1, Result::First, javaScript: 'Object.freeze({0})', changes: true),
    new ValueOperation(OperationKey::IsFrozen, 1, Result::Truth, javaScript: 'Object.isFrozen({0})'),
    new ValueOperation(OperationKey::Followed, 1, Result::First, python: 'copy.copy({0})', javaScript: '@copied({0})', cpp: '*{0}'),
    new ValueOperation(OperationKey::Itself, 1, Result::First, python: '{0}', javaScript: '{0}', cpp: '&{0}'),
    new ValueOperation(OperationKey::KindName, 1, Result::Text, python: 'type({0}).__name__', javaScript: '{0}.constructor.name'),
    new ValueOperation(OperationKey::Kind, 1, Result::Text, python: 'type({0})'),
    new ValueOperation(OperationKey::KindWord, 1, Result::Text, javaScript: '9|typeof {0:9}'),
    new ValueOperation(OperationKey::OrElse, 2, Result::Join, python: '@or_else({0}, {1})', javaScript: '2|{0:3} ?? {1:3}'),
    new ValueOperation(OperationKey::Maker, 1, Result::Unknown, python: '{0}'),
    new ValueOperation(OperationKey::MakerOf, 1, Result::Unknown, python: 'type({0})'),
    new ValueOperation(OperationKey::OpenClass, 2, Result::Unknown, upTo: 9, python: '{0}'),
    new ValueOperation(OperationKey::DeepCopied, 1, Result::Same, python: 'copy.deepcopy({0})', javaScript: ['structuredClone({0})', 'objects?@copied({0})'], cpp: '@copied({0})'),
    new ValueOperation(OperationKey::NotTaken, 0, Result::Unknown, python: 'NotImplemented'),
    new ValueOperation(OperationKey::Hashed, 1, Result::Whole, python: 'hash({0})'),
];
