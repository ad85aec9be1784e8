<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Words\Words;

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
            $expression instanceof TextLiteral => new Chip([$inner ? str_replace('{text}', self::inOneLine($expression->value), Words::in($this->locale)->raw('plain.quoted')) : self::inOneLine($expression->value)], false),
            $expression instanceof TruthLiteral => new Chip([$this->words($expression->value ? 'true' : 'false')], true),
            $expression instanceof VariableRead => new Chip([$expression->name], true),
            $expression instanceof Unary => new Chip($this->phrase($expression->operator->value, $operands), true),
            $expression instanceof Binary => new Chip($this->flattened($expression, $this->phrase($expression->operator->value, $operands)), true),
            $expression instanceof RandomWhole => new Chip($this->phrase('random', $operands), true),
            $expression instanceof CommandValue => new Chip($this->phrase($expression->command, $this->choices($expression, $operands)), true),
            $expression instanceof FunctionReference => new Chip([$expression->function], true),
            $expression instanceof MakeObject => new Chip([Words::in($this->locale)->raw('object.new').' '.$expression->class.($operands ? ' ' : ''), ...self::spaced($operands)], true),
            $expression instanceof MethodCall && null !== $expression->leftOut() => new Chip($this->withLeftOut($expression, \array_slice($operands, 1)), true),
            $expression instanceof MethodCall && MethodCall::CALL === $expression->method => new Chip([$operands[0], 1 < \count($operands) ? ' (' : ' ()', ...self::spaced(\array_slice($operands, 1)), ...(1 < \count($operands) ? [')'] : [])], true),
            $expression instanceof MethodCall => new Chip([$operands[0], ' · '.(ClassDefinition::GOES === $expression->method ? Words::in($this->locale)->raw('plain.method.gone') : $expression->method).(1 < \count($operands) ? ' ' : ''), ...self::spaced(\array_slice($operands, 1))], true),
            $expression instanceof Field => new Chip([$operands[0], ' · '.$expression->name], true),
            $expression instanceof KindTest => new Chip([$operands[0], ' '.Words::in($this->locale)->raw('object.is_kind').' '.$this->kind($expression->kind)], true),
            $expression instanceof OwnValue => new Chip([$expression->function.($operands ? ' ' : ''), ...self::spaced($operands)], true),
            $expression instanceof Operation => new Chip($this->operation($expression, $operands), true),
            $expression instanceof ListLiteral => new Chip(['[', ...self::spaced($operands), ']'], true),
            $expression instanceof MapLiteral => new Chip(['{', ...self::spaced($operands, ': '), '}'], true),
            $expression instanceof NothingLiteral => new Chip([$this->words('nothing')], true),
            $expression instanceof Item => new Chip($this->phrase('item', $operands), true),
            $expression instanceof Slice => new Chip($this->phrase($expression->form(), $operands), true),
            $expression instanceof Choice => new Chip($this->phrase('choice', $operands), true),
            $expression instanceof Collected => new Chip([$operands[0], ' | '.$expression->variable.' ← ', $operands[1], ...(isset($operands[2]) ? [' | ', $operands[2]] : [])], true),
            $expression instanceof Lambda => new Chip([implode(', ', $expression->parameters).' → ', $operands[0]], true),
            $expression instanceof UnreadExpression => new Chip([$expression->text], false),
            default => throw new \LogicException('No chip for '.$expression::class),
        };
    }

    /**
     * A small function and what stands for its values that are left out: `n, k = 5 → n + k`.
     *
     * @param list<Chip> $defaults
     *
     * @return list<string|Chip>
     */
    private function withLeftOut(MethodCall $made, array $defaults): array
    {
        [$outer, $within] = $made->leftOut() ?? throw new \LogicException('Nothing may be left out.');
        $segments = [implode(', ', $within->parameters)];
        foreach ($outer->parameters as $index => $name) {
            $segments[] = ('' === $segments[0] && 0 === $index ? '' : ', ')."$name = ";
            $segments[] = $defaults[$index];
        }

        return array_values(array_filter([...$segments, ' → ', $this->of($within->value, true)], static fn (string|Chip $segment): bool => '' !== $segment));
    }

    /** A class by its name, or a kind of values in words. */
    private function kind(string $kind): string
    {
        return str_starts_with($kind, '@') ? Words::in($this->locale)->raw('kind.'.substr($kind, 1)) : $kind;
    }

    /**
     * @param list<Chip> $operands
     *
     * @return list<Chip> with the words of choices in the place of what programs write
     */
    private function choices(CommandValue $value, array $operands): array
    {
        foreach (Catalogue::get($value->command)->slots as $index => $slot) {
            $operand = $value->arguments[$index] ?? null;
            if ([] !== $slot->choices && $operand instanceof TextLiteral) {
                $operands[$index] = new Chip([$this->choice($slot, $operand->value)], false);
            }
        }

        return array_values($operands);
    }

    public function choice(?Slot $slot, string $value): string
    {
        return null !== $slot && \in_array($value, $slot->choices, true) ? $slot->word($value, $this->locale) : $value;
    }

    public function ink(string $colour): string
    {
        return Ink::tryFrom($colour)?->word($this->locale) ?? $colour;
    }

    private function words(string $key): string
    {
        return Words::in($this->locale)->raw("row.$key");
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
                $segments[] = $operands[ctype_digit($slot) ? (int) $slot : (int) array_search($slot, array_column(Catalogue::get($key)->slots, 'name'), true)];
            }
        }

        return $segments;
    }

    /**
     * @param list<Chip> $operands
     *
     * @return list<string|Chip>
     */
    private function operation(Operation $operation, array $operands): array
    {
        $segments = [];
        foreach (Phrase::split(str_replace('{*}', '{9}', ValueOperations::get($operation->key)->words($this->locale))) as [$text, $slot]) {
            if ('' !== $text) {
                $segments[] = $text;
            }
            if ('9' === $slot) {
                $segments = [...$segments, ...self::spaced($operands)];
            } elseif (null !== $slot) {
                $segments[] = $operands[(int) $slot] ?? '…';
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
    private static function spaced(array $chips, string $odd = ', '): array
    {
        $segments = [];
        foreach ($chips as $index => $chip) {
            if ($index > 0) {
                $segments[] = 1 === $index % 2 ? $odd : ', ';
            }
            $segments[] = $chip;
        }

        return $segments;
    }

    /** A row is one line high: the ends of lines in a text and its tabs are signs there. */
    private static function inOneLine(string $text): string
    {
        return strtr($text, ["\n" => '↵', "\r" => '', "\t" => '⇥']);
    }
}
