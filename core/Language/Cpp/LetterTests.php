<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;

/**
 * `isalpha(letter)` is a number and no truth (C11, 7.4.1): anything but nought where it holds. Which number shows where it is
 * shown, reckoned with or kept as one; it is the one that the library of GNU gives; `isdigit` g++ reckons itself, as 0 or 1.
 */
final class LetterTests
{
    private const NUMBERS = ['is_letters' => 1024, 'is_upper' => 256, 'is_lower' => 512, 'is_space' => 8192, 'is_plain' => 8];

    public static function inRow(Statement $row): Statement
    {
        if ($row instanceof SetVariable && 1 === preg_match('/^(?:const )?(?:unsigned )?(?:int|long|short|long long|size_t|auto)$/D', (string) $row->declared)) {
            $made = self::asNumber($row->value);

            return $made === $row->value ? $row : $row->withBlank('value', $made);
        }
        if ($row instanceof ChangeVariable) {
            $made = self::asNumber($row->amount);

            return $made === $row->amount ? $row : new ChangeVariable($row->id, $row->variable, $made, $row->off, $row->operator);
        }
        foreach ($row instanceof PrintLine ? $row->blanks() : [] as $name => $value) {
            $made = self::asNumber($value);
            $row = $made === $value ? $row : $row->withBlank($name, $made);
        }

        return $row;
    }

    public static function inValue(Expression $value): Expression
    {
        if (!$value instanceof Binary || $value->operator->isLogic() || $value->left instanceof TruthLiteral || $value->right instanceof TruthLiteral) {
            return $value;
        }
        $sides = [self::asNumber($value->left), self::asNumber($value->right)];

        return $sides[0] === $value->left && $sides[1] === $value->right ? $value : new Binary($value->operator, $sides[0], $sides[1]);
    }

    private static function asNumber(Expression $value): Expression
    {
        $number = $value instanceof Operation ? self::NUMBERS[$value->key->value] ?? null : null;

        return null === $number ? $value : new Choice($value, new NumberLiteral($number), new NumberLiteral(0));
    }
}
