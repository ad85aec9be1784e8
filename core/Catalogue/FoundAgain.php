<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Walk;

/** Values that are found a second time. */
final class FoundAgain
{
    /** That give another value each time, though they change nothing of the program. */
    private const OTHERS = [OperationKey::Ask, OperationKey::AskWord, OperationKey::NextWord, OperationKey::Chance, OperationKey::Chosen, OperationKey::FoundNext];

    /** Whether finding a value twice is the same as finding it once: nothing is done, and it is the same again. */
    public static function may(Expression $value): bool
    {
        foreach (Walk::expressions($value) as $part) {
            if ($part instanceof OwnValue || $part instanceof MethodCall || $part instanceof MakeObject || $part instanceof RandomWhole) {
                return false;
            }
            if ($part instanceof Operation && (\in_array($part->key, self::OTHERS, true) || true === ValueOperations::find($part->key)?->hasEffect())) {
                return false;
            }
        }

        return true;
    }
}
