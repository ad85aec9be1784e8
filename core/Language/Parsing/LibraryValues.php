<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\VariableRead;

/** Functions that a language brings, where their name alone stands: kept, put into a list, handed over. */
final class LibraryValues
{
    /** Those that take one value; what takes more is another thing by how much it is given. */
    private const OF_ONE = [
        'python' => [
            'len' => OperationKey::Length, 'str' => OperationKey::ToText, 'int' => OperationKey::ToWhole, 'float' => OperationKey::ToNumber, 'bool' => OperationKey::ToTruth, 'repr' => OperationKey::Written, 'abs' => OperationKey::Absolute, 'sum' => OperationKey::Total, 'sorted' => OperationKey::Sorted,
            'ord' => OperationKey::Code, 'chr' => OperationKey::Letter, 'list' => OperationKey::AsList, 'tuple' => OperationKey::AsTuple, 'set' => OperationKey::SetOf, 'round' => OperationKey::RoundedEven, 'any' => OperationKey::AnyHolds, 'all' => OperationKey::AllHold,
        ],
        'javascript' => ['String' => OperationKey::ToText, 'Number' => OperationKey::ToNumber, 'Boolean' => OperationKey::ToTruth, 'parseFloat' => OperationKey::LeadingNumber, 'isNaN' => OperationKey::IsNoNumber, 'isFinite' => OperationKey::IsFinite],
        'cpp' => [],
    ];

    private const OF_TWO = ['python' => ['pow' => Operator::Power], 'javascript' => [], 'cpp' => []];

    private const OF_ANY = ['python' => ['max' => OperationKey::LargestOf, 'min' => OperationKey::SmallestOf], 'javascript' => [], 'cpp' => []];

    public static function named(string $name, Language $language): ?Expression
    {
        $any = self::OF_ANY[$language->value][$name] ?? null;
        if (null !== $any) {
            return new Operation($any);
        }
        $operator = self::OF_TWO[$language->value][$name] ?? null;
        if (null !== $operator) {
            return new Lambda(['item', 'other'], new Binary($operator, new VariableRead('item'), new VariableRead('other')));
        }
        $key = self::OF_ONE[$language->value][$name] ?? null;

        return null === $key ? null : new Lambda(['item'], new Operation($key, [new VariableRead('item')]));
    }
}
