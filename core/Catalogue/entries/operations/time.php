<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// When time has passed.
return [
    new ValueOperation(OperationKey::Awaited, 1, Result::Unknown, javaScript: 'await {0}', changes: true),
    new ValueOperation(OperationKey::PromiseMade, 1, Result::Unknown, javaScript: 'new Promise({0})', changes: true),
    new ValueOperation(OperationKey::PromiseKept, 0, Result::Unknown, upTo: 1, javaScript: 'Promise.resolve({*})'),
    new ValueOperation(OperationKey::PromiseBroken, 1, Result::Unknown, javaScript: 'Promise.reject({0})', changes: true),
    new ValueOperation(OperationKey::PromisesKept, 1, Result::Unknown, javaScript: 'Promise.all({0})', changes: true),
    new ValueOperation(OperationKey::PromisesSettled, 1, Result::Unknown, javaScript: 'Promise.allSettled({0})', changes: true),
    new ValueOperation(OperationKey::PromisesRaced, 1, Result::Unknown, javaScript: 'Promise.race({0})', changes: true),
    new ValueOperation(OperationKey::PromiseThen, 2, Result::Unknown, javaScript: '{0}.then({1})', changes: true),
    new ValueOperation(OperationKey::PromiseEither, 3, Result::Unknown, javaScript: '{0}.then({1}, {2})', changes: true),
    new ValueOperation(OperationKey::PromiseCaught, 2, Result::Unknown, javaScript: '{0}.catch({1})', changes: true),
    new ValueOperation(OperationKey::PromiseFinally, 2, Result::Unknown, javaScript: '{0}.finally({1})', changes: true),
    new ValueOperation(OperationKey::FailureMade, 1, Result::Unknown, upTo: 3, javaScript: 'new {0}({1})'),
    new ValueOperation(OperationKey::Later, 2, Result::Natural, javaScript: 'setTimeout({0}, {1})', changes: true),
    new ValueOperation(OperationKey::Clock, 0, Result::Number, python: ['time.time()', 'time.perf_counter()', 'time.monotonic()']),
    new ValueOperation(OperationKey::ClockTicks, 0, Result::Number, javaScript: ['Date.now()', 'performance.now()']),
    new ValueOperation(OperationKey::AgainAndAgain, 2, Result::Natural, javaScript: 'setInterval({0}, {1})', changes: true),
    new ValueOperation(OperationKey::CalledOff, 1, Result::Nothing, javaScript: ['clearTimeout({0})', 'clearInterval({0})']),
];
