<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Patterns.
return [
    new ValueOperation(OperationKey::Pattern, 2, Result::Pattern, javaScript: 'new RegExp({0}, {1})'),
    new ValueOperation(OperationKey::Fits, 2, Result::Truth, javaScript: '{1}.test({0})'),
    new ValueOperation(OperationKey::FoundNext, 2, Result::Texts, javaScript: '{1}.exec({0})'),
    new ValueOperation(OperationKey::Found, 2, Result::Texts, javaScript: '{0}.match({1})'),
    new ValueOperation(OperationKey::FoundAll, 2, Result::Pairs, javaScript: '{0}.matchAll({1})'),
    new ValueOperation(OperationKey::FoundPlace, 2, Result::Whole, javaScript: '{0}.search({1})'),
    new ValueOperation(OperationKey::SoughtAnywhere, 2, Result::MaybeFound, python: 're.search({0}, {1})'),
    new ValueOperation(OperationKey::SoughtAtStart, 2, Result::MaybeFound, python: 're.match({0}, {1})'),
    new ValueOperation(OperationKey::SoughtAsWhole, 2, Result::MaybeFound, python: 're.fullmatch({0}, {1})'),
    new ValueOperation(OperationKey::SoughtAll, 2, Result::Texts, python: 're.findall({0}, {1})'),
    new ValueOperation(OperationKey::SoughtEach, 2, Result::Pairs, python: 're.finditer({0}, {1})'),
    new ValueOperation(OperationKey::SoughtReplaced, 3, Result::Text, python: 're.sub({0}, {1}, {2})'),
    new ValueOperation(OperationKey::SoughtReplacedSome, 4, Result::Text, python: 're.sub({0}, {1}, {2}, {3})'),
    new ValueOperation(OperationKey::SoughtSplit, 2, Result::Texts, python: 're.split({0}, {1})'),
    new ValueOperation(OperationKey::WholeMatch, 1, Result::Text, python: '{0}.group()'),
    new ValueOperation(OperationKey::Group, 2, Result::Text, python: '{0}.group({1})'),
    new ValueOperation(OperationKey::Groups, 1, Result::Texts, python: '{0}.groups()'),
    new ValueOperation(OperationKey::BeginsAt, 1, Result::Natural, python: '{0}.start()'),
    new ValueOperation(OperationKey::EndsAt, 1, Result::Natural, python: '{0}.end()'),
];
