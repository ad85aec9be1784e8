<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Chance.
return [
    new ValueOperation(OperationKey::Chance, 0, Result::Number, python: 'random.random()', javaScript: 'Math.random()', cpp: '@chance()'),
    new ValueOperation(OperationKey::Chosen, 1, Result::Item, python: 'random.choice({0})', javaScript: '@chosen({0})', cpp: '@chosen({0})'),
    new ValueOperation(OperationKey::Shuffle, 1, Result::Nothing, python: 'random.shuffle({0})', javaScript: '@shuffle({0})', cpp: '@shuffle({0})'),
    new ValueOperation(OperationKey::Sampled, 2, Result::Same, python: 'random.sample({0}, {1})'),
    new ValueOperation(OperationKey::Drawn, 2, Result::Same, python: 'random.choices({0}, k={1})'),
    new ValueOperation(OperationKey::Uniform, 2, Result::Number, python: 'random.uniform({0}, {1})'),
    new ValueOperation(OperationKey::Seeded, 1, Result::Nothing, python: 'random.seed({0})'),
    new ValueOperation(OperationKey::SeededThere, 1, Result::Nothing, cpp: 'srand({0})'),
];
