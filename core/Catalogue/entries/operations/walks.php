<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// What gives its items one after the other.
return [
    new ValueOperation(OperationKey::Started, 1, Result::List, python: 'iter({0})', javaScript: '{0}[Symbol.iterator]()'),
    new ValueOperation(OperationKey::CountedOn, 0, Result::Wholes, upTo: 2, python: 'itertools.count({*})'),
    new ValueOperation(OperationKey::AgainInTurn, 1, Result::List, python: 'itertools.cycle({0})'),
    new ValueOperation(OperationKey::TakenSome, 2, Result::List, python: 'itertools.islice({0}, {1})', changes: true),
    new ValueOperation(OperationKey::TakenWhile, 2, Result::List, python: 'itertools.takewhile({0}, {1})', changes: true),
    new ValueOperation(OperationKey::LeftWhile, 2, Result::List, python: 'itertools.dropwhile({0}, {1})'),
    new ValueOperation(OperationKey::PairsAlong, 1, Result::Lists, python: 'itertools.pairwise({0})'),
    new ValueOperation(OperationKey::ZippedLongest, 3, Result::Lists, python: 'itertools.zip_longest({0}, {1}, fillvalue={2})'),
    new ValueOperation(OperationKey::NextItem, 1, Result::Item, python: 'next({0})', changes: true),
    new ValueOperation(OperationKey::NextOr, 2, Result::Item, python: 'next({0}, {1})', changes: true),
    new ValueOperation(OperationKey::HandOut, 1, Result::Nothing, python: 'yield {0}', javaScript: 'yield {0}'),
    new ValueOperation(OperationKey::HandOutAll, 1, Result::Nothing, python: 'yield from {0}', javaScript: 'yield* {0}'),
    new ValueOperation(OperationKey::NextStep, 1, Result::Item, javaScript: '{0}.next()', changes: true),
];
