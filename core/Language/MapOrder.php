<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;

/**
 * Whether it shows in which order a map is gone through: Python and JavaScript keep the order in which keys came (The
 * Python Standard Library, Mapping Types), but JavaScript has whole numbers first, from the least on (ECMA-262, 10.1.11.1),
 * and C++ all keys from the least on (C++17, 26.4.4).
 */
final class MapOrder
{
    /** What does not ask in which order its items come. */
    private const ORDERLESS = [OperationKey::Sorted, OperationKey::SortedDown, OperationKey::Total, OperationKey::Least, OperationKey::Greatest, OperationKey::LeastOr, OperationKey::GreatestOr, OperationKey::Length, OperationKey::Size, OperationKey::IsEmpty, OperationKey::Contains, OperationKey::Has, OperationKey::SetOf, OperationKey::AnyHolds, OperationKey::AllHold, OperationKey::Counter, OperationKey::Copied, OperationKey::DeepCopied, OperationKey::Merged, OperationKey::Update];
    private const GONE_THROUGH = [OperationKey::Keys, OperationKey::Values, OperationKey::Entries, OperationKey::AsList, OperationKey::AsTuple, OperationKey::Numbered, OperationKey::Paired, OperationKey::Joined];

    private function __construct(private readonly Types $types, private readonly Language $other)
    {
    }

    public static function shows(Program $program, Language $other): bool
    {
        // What was typed in C++ has its order anyhow, and JavaScript has the same for numbers from nought on.
        if ($other->semantics()->keepsOrder || Language::isTyped($program)) {
            return false;
        }
        $order = new self(Types::of($program), $other);
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                if ($row->off) {
                    continue;
                }
                if ($row instanceof EachLoop && $order->differs($part, $row->over)) {
                    return true;
                }
                foreach ($row->blanks() as $value) {
                    if ($order->isSeen($part, $value)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private function isSeen(FunctionDefinition|Script $part, Expression $value, bool $isFree = false): bool
    {
        if (!$isFree && $value instanceof Operation && \in_array($value->key, self::GONE_THROUGH, true) && isset($value->arguments[0]) && $this->differs($part, $value->arguments[0])) {
            return true;
        }
        if (!$isFree && $value instanceof Collected && $this->differs($part, $value->over)) {
            return true;
        }
        $isFree = $value instanceof Operation && (\in_array($value->key, self::ORDERLESS, true) || $isFree && \in_array($value->key, self::GONE_THROUGH, true)) || $isFree && $value instanceof Collected;
        foreach ($value->operands() as $operand) {
            if ($this->isSeen($part, $operand, $isFree)) {
                return true;
            }
        }

        return false;
    }

    /** Whether something is a map, or its keys or values, that another language goes through in another order. */
    private function differs(FunctionDefinition|Script $part, Expression $over): bool
    {
        $map = $over instanceof Operation && \in_array($over->key, [OperationKey::Keys, OperationKey::Values, OperationKey::Entries], true) ? $over->arguments[0] : $over;
        $type = $this->types->expression($part, $map);

        return $type->isMap() && ($this->other->semantics()->orderedSets || ($type->key ?? StaticType::unknown())->isNumeric());
    }
}
