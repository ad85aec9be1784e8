<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;

/** Expressions as chips, in the words of a locale. */
final readonly class Chips
{
    public function __construct(private string $locale)
    {
    }

    public function of(Expression $expression, bool $inner = false): Chip
    {
        $operands = array_map(fn (Expression $operand): Chip => $this->of($operand, true), $expression->operands());

        return match (true) {
            $expression instanceof NumberLiteral => new Chip([Printer::number($expression->value)], false),
            $expression instanceof TextLiteral => new Chip([$inner ? '“'.$expression->value.'”' : $expression->value], false),
            $expression instanceof TruthLiteral => new Chip([$this->words($expression->value ? 'true' : 'false')], true),
            $expression instanceof VariableRead => new Chip([$expression->name], true),
            $expression instanceof Unary => new Chip($this->phrase($expression->operator->value, $operands), true),
            $expression instanceof Binary => new Chip($this->flattened($expression, $this->phrase($expression->operator->value, $operands)), true),
            $expression instanceof RandomWhole => new Chip($this->phrase('random', $operands), true),
            $expression instanceof CommandValue => new Chip($this->phrase($expression->command, $operands), true),
            $expression instanceof OwnValue => new Chip([$expression->function.($operands ? ' ' : ''), ...self::spaced($operands)], true),
            default => throw new \LogicException('No chip for '.$expression::class),
        };
    }

    public function ink(string $colour): string
    {
        return Ink::tryFrom($colour)?->words()[$this->locale] ?? $colour;
    }

    private function words(string $key): string
    {
        return Catalogue::get($key)->words[$this->locale];
    }

    /**
     * @param list<Chip> $operands
     *
     * @return list<string|Chip>
     */
    private function phrase(string $key, array $operands): array
    {
        $segments = [];
        foreach (Phrase::split($this->words($key)) as [$text, $slot]) {
            if ('' !== $text) {
                $segments[] = $text;
            }
            if (null !== $slot) {
                $segments[] = $operands[(int) $slot];
            }
        }

        return $segments;
    }

    /**
     * `a & b & c` stands in one box: the box of what groups from the left anyway is left out.
     *
     * @param list<string|Chip> $segments
     *
     * @return list<string|Chip>
     */
    private function flattened(Binary $expression, array $segments): array
    {
        $left = $expression->left;
        $first = $segments[0] ?? null;
        $groups = match ($expression->operator) {
            Operator::Join, Operator::Add, Operator::Multiply, Operator::And, Operator::Or => true,
            default => false,
        };
        if ($groups && $first instanceof Chip && $left instanceof Binary && $left->operator === $expression->operator) {
            return [...$first->segments, ...\array_slice($segments, 1)];
        }

        return $segments;
    }

    /**
     * @param list<Chip> $chips
     *
     * @return list<string|Chip>
     */
    private static function spaced(array $chips): array
    {
        $segments = [];
        foreach ($chips as $index => $chip) {
            if ($index > 0) {
                $segments[] = ', ';
            }
            $segments[] = $chip;
        }

        return $segments;
    }
}
