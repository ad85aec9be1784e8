<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\VariableRead;

/** Functions that a language brings, where their name alone stands: kept, put into a list, handed over. */
final class LibraryValues
{
    /** Those that take one value; what takes more is another thing by how much it is given. */
    private const OF_ONE = [
        'python' => [
            'len' => 'length', 'str' => 'to_text', 'int' => 'to_whole', 'float' => 'to_number', 'bool' => 'to_truth', 'repr' => 'written', 'abs' => 'absolute', 'sum' => 'total', 'sorted' => 'sorted',
            'ord' => 'code', 'chr' => 'letter', 'list' => 'as_list', 'tuple' => 'as_tuple', 'set' => 'set_of', 'round' => 'rounded_even', 'any' => 'any_holds', 'all' => 'all_hold',
        ],
        'javascript' => ['String' => 'to_text', 'Number' => 'to_number', 'Boolean' => 'to_truth', 'parseFloat' => 'leading_number', 'isNaN' => 'is_no_number'],
        'cpp' => [],
    ];

    public static function named(string $name, Language $language): ?Lambda
    {
        $key = self::OF_ONE[$language->value][$name] ?? null;

        return null === $key ? null : new Lambda(['item'], new Operation($key, [new VariableRead('item')]));
    }
}
