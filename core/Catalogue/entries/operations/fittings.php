<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Parts of the mower.
return [
    new ValueOperation(OperationKey::DrivePair, 2, Result::DrivePair, python: '@DrivePair({0}, {1})', javaScript: 'new @DrivePair({0}, {1})', cpp: '@DrivePair({0}, {1})'),
    new ValueOperation(OperationKey::SurfaceSensor, 1, Result::SurfaceSensor, python: '@SurfaceSensor({0})', javaScript: 'new @SurfaceSensor({0})', cpp: '@SurfaceSensor({0})'),
    new ValueOperation(OperationKey::RangeSensor, 1, Result::RangeSensor, python: '@RangeSensor({0})', javaScript: 'new @RangeSensor({0})', cpp: '@RangeSensor({0})'),
    new ValueOperation(OperationKey::Lamp, 1, Result::Lamp, python: '@Lamp({0})', javaScript: 'new @Lamp({0})', cpp: '@Lamp({0})'),
    new ValueOperation(OperationKey::PairDrive, 3, Result::Nothing, python: '{0}.drive({1}, {2})', javaScript: '{0}.drive({1}, {2})', cpp: '{0}.drive({1}, {2})'),
    new ValueOperation(OperationKey::PairTravel, 3, Result::Nothing, python: '{0}.travel({1}, {2})', javaScript: 'await {0}.travel({1}, {2})', cpp: '{0}.travel({1}, {2})'),
    new ValueOperation(OperationKey::PairTurn, 2, Result::Nothing, python: '{0}.turn({1})', javaScript: 'await {0}.turn({1})', cpp: '{0}.turn({1})'),
    new ValueOperation(OperationKey::PairStop, 1, Result::Nothing, python: '{0}.stop()', javaScript: '{0}.stop()', cpp: '{0}.stop()'),
    new ValueOperation(OperationKey::LampShow, 2, Result::Nothing, python: '{0}.show({1})', javaScript: '{0}.show({1})', cpp: '{0}.show({1})'),
    new ValueOperation(OperationKey::LampOff, 1, Result::Nothing, python: '{0}.off()', javaScript: '{0}.off()', cpp: '{0}.off()'),
    new ValueOperation(OperationKey::Surface, 1, Result::Text, python: '{0}.surface()', javaScript: '{0}.surface()', cpp: '{0}.surface()'),
    new ValueOperation(OperationKey::Distance, 1, Result::MaybeWhole, python: '{0}.distance()', javaScript: '{0}.distance()', cpp: '{0}.distance()'),
];
