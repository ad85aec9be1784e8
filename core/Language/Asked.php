<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** Which values of a row are only asked whether they are true, so that nobody sees what else they are. */
final class Asked
{
    /** @return list<Expression> with what is within `and`, `or` and `not` of them */
    public static function in(Statement $row): array
    {
        $asked = match (true) {
            $row instanceof WhileLoop, $row instanceof DoWhile, $row instanceof ForLoop => [$row->condition],
            $row instanceof Conditional => array_map(static fn ($branch): Expression => $branch->condition, array_values($row->branches)),
            default => [],
        };
        foreach (Walk::expressionsOf($row) as $part) {
            $condition = match (true) {
                $part instanceof Choice, $part instanceof Collected => $part->condition,
                $part instanceof Unary && UnaryOperator::Not === $part->operator => $part->operand,
                default => null,
            };
            if (null !== $condition) {
                $asked[] = $condition;
            }
        }

        return array_merge(...array_map(self::sides(...), $asked));
    }

    /** @return list<Expression> */
    private static function sides(Expression $asked): array
    {
        return $asked instanceof Binary && $asked->operator->isLogic() ? [$asked, ...self::sides($asked->left), ...self::sides($asked->right)] : [$asked];
    }
}
