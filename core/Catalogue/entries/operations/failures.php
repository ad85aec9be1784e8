<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// What is raised and caught.
return [
    new ValueOperation(OperationKey::SayFailing, 2, Result::Nothing, upTo: 3, python: 'super().__init__({1})', javaScript: 'super({1})'),
    new ValueOperation(OperationKey::FailureText, 1, Result::Text, python: 'str({0})', javaScript: '{0}.message', cpp: '{0}.what()'),
    new ValueOperation(OperationKey::FailureName, 1, Result::Text, python: 'type({0}).__name__', javaScript: '{0}.name'),
    new ValueOperation(OperationKey::FailureShown, 1, Result::Text, python: 'repr({0})', javaScript: 'String({0})'),
    new ValueOperation(OperationKey::FailureField, 2, Result::Unknown, javaScript: '{0}[{1}]'),
    new ValueOperation(OperationKey::FailureFirst, 1, Result::Unknown, python: '{0}.args[0]'),
    new ValueOperation(OperationKey::FailureValue, 1, Result::Unknown, javaScript: '{0}'),
    new ValueOperation(OperationKey::FailureItself, 1, Result::Unknown, javaScript: '{0}'),
    new ValueOperation(OperationKey::OfFailure, 2, Result::Truth, javaScript: '{0} instanceof {1}'),
    new ValueOperation(OperationKey::FailedAs, 2, Result::Truth, python: '{0} is {1}'),
];
