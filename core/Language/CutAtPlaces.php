<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Parts of texts that end where something was looked for: where it is not found, C++ takes all the rest (C++17, 24.3.2.7.6),
 * the others leave out the last letter.
 */
final class CutAtPlaces
{
    private const SEARCHES = [OperationKey::Position, OperationKey::LastPosition, OperationKey::PositionFrom, OperationKey::FirstAmong, OperationKey::LastAmong, OperationKey::FirstApart, OperationKey::LastApart];

    /** @return string|null what says so, where nothing asks before whether it is found and where the two differ */
    public static function in(Program $program, Language $other): ?string
    {
        $found = $asked = [];
        $cuts = [];
        foreach (Walk::statements($program->parts()) as $row) {
            if ($row instanceof SetVariable && self::searches($row->value)) {
                $found[$row->variable] = true;
            }
            foreach ($row->off ? [] : Walk::expressionsOf($row) as $part) {
                foreach ($part instanceof Binary && $part->operator->isComparison() ? [$part->left, $part->right] : [] as $side) {
                    $asked[$side instanceof VariableRead ? $side->name : ''] = true;
                }
                if ($other->semantics()->typed ? $part instanceof Slice : $part instanceof Operation && OperationKey::TextPart === $part->key) {
                    $cuts[] = $part instanceof Slice ? $part->to : $part->operands()[2];
                }
            }
        }
        foreach ($cuts as $end) {
            if (self::searches($end) || $end instanceof VariableRead && isset($found[$end->name]) && !isset($asked[$end->name])) {
                return $other->semantics()->typed ? '[… : ….find(…)]' : '.substr(…, ….find(…))';
            }
        }

        return null;
    }

    private static function searches(Expression $value): bool
    {
        return $value instanceof Operation && \in_array($value->key, self::SEARCHES, true) || $value instanceof Binary && \in_array($value->operator, [Operator::Add, Operator::Subtract], true) && (self::searches($value->left) || self::searches($value->right));
    }
}
