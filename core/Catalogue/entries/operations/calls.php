<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// What stands in calls, and values that are given on the way.
return [
    new ValueOperation(OperationKey::After, 2, Result::Second, javaScript: '{0}'),
    // Given to a function that is a value: one by its name, or all that a map holds.
    new ValueOperation(OperationKey::ByName, 2, Result::Unknown, python: '{0}={1}'),
    new ValueOperation(OperationKey::ByNames, 1, Result::Unknown, python: '**{0}'),
    new ValueOperation(OperationKey::AllNamed, 0, Result::Unknown, python: '{}', javaScript: '{}'),
    // A value that asks again for the place that it is put in, which is found for both: by calls that may do something.
    new ValueOperation(OperationKey::Anew, 1, Result::First, python: '{0}', javaScript: '{0}', cpp: '{0}'),
    new ValueOperation(OperationKey::Given, 2, Result::First, python: '({0} := {1})', javaScript: '({0} = {1})', cpp: '({0} = {1})', changes: true),
    new ValueOperation(OperationKey::GivenAfter, 2, Result::First, python: '({0} := {1})', javaScript: '({0} = {1})', cpp: '({0} = {1})', changes: true),
    new ValueOperation(OperationKey::Moved, 2, Result::First, cpp: 'move({0})', changes: true),
];
