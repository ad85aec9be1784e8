<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// What gives its items one after the other.
return [
    new ValueOperation(OperationKey::Started, 1, Result::List, python: 'iter({0})', javaScript: '{0}[Symbol.iterator]()'),
    new ValueOperation(OperationKey::NextItem, 1, Result::Item, python: 'next({0})', changes: true),
    new ValueOperation(OperationKey::NextOr, 2, Result::Item, python: 'next({0}, {1})', changes: true),
    new ValueOperation(OperationKey::HandOut, 1, Result::Nothing, python: 'yield {0}', javaScript: 'yield {0}'),
    new ValueOperation(OperationKey::HandOutAll, 1, Result::Nothing, python: 'yield from {0}', javaScript: 'yield* {0}'),
    new ValueOperation(OperationKey::NextStep, 1, Result::Item, javaScript: '{0}.next()'),
];
