<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\BracePrinter;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Operators and literals: C++17 (ISO/IEC 14882:2017), clauses 5 and 8. */
final class CppPrinter extends BracePrinter
{
    protected function program(): void
    {
        $script = $this->program->script;
        $this->line(null, '', '#include "scrivlet.hpp"');
        $this->line(null, '', '');
        $outside = [...$this->prototypes(), ...$this->globals()];
        foreach ([] === $outside ? [] : [...$outside, ''] as $line) {
            $this->line(null, '', $line);
        }
        $this->functions();
        $this->enter($script, $this->types->scopes->reachedInto);
        $this->line($script, 'head', 'int main() {');
        $this->inside(fn () => $this->rows($script->body));
        $this->line($script, 'close', '}');
    }

    /**
     * Functions that are called above their definition.
     *
     * @return list<string>
     */
    private function prototypes(): array
    {
        $defined = $early = [];
        foreach ($this->program->functions as $function) {
            $defined[$function->name] = true;
            foreach (Walk::live([$function]) as $statement) {
                $called = $statement instanceof OwnCall ? [$statement->function] : [];
                foreach (Walk::expressionsOf($statement) as $expression) {
                    if ($expression instanceof OwnValue) {
                        $called[] = $expression->function;
                    }
                }
                foreach ($called as $name) {
                    if (!isset($defined[$name])) {
                        $early[$name] = true;
                    }
                }
            }
        }
        $prototypes = [];
        foreach ($this->program->functions as $function) {
            if (isset($early[$function->name])) {
                $prototypes[] = $this->signature($function).';';
            }
        }

        return $prototypes;
    }

    /**
     * Variables of the program that functions reach for.
     *
     * @return list<string>
     */
    private function globals(): array
    {
        $this->part = $this->program->script;

        return array_map(fn (int|string $name): string => $this->declareEmpty((string) $name), array_keys($this->types->scopes->reachedInto));
    }

    protected function signature(FunctionDefinition $function): string
    {
        $parameters = array_map(fn (string $name): string => self::typeName($this->types->variable($function, $name)).' '.$name, $function->parameters);
        $result = $function->givesValue() ? self::typeName($this->types->result($function->name)) : 'void';

        return "$result $function->name(".implode(', ', $parameters).')';
    }

    private static function typeName(StaticType $type): string
    {
        return match ($type) {
            StaticType::Natural, StaticType::Whole => 'int',
            StaticType::Number, StaticType::Unknown => 'double',
            StaticType::Truth => 'bool',
            StaticType::Text => 'string',
            StaticType::Mixed => 'auto',
        };
    }

    protected function leave(): string
    {
        return $this->part instanceof FunctionDefinition && $this->part->givesValue() ? 'return {}' : 'return';
    }

    protected function declareEmpty(string $name): string
    {
        $type = $this->types->variable($this->part, $name);
        $empty = match ($type) {
            StaticType::Truth => 'false',
            StaticType::Text => '""',
            default => '0',
        };

        return self::typeName($type)." $name = $empty;";
    }

    protected function declareFixed(string $name, Expression $value, bool $whole): string
    {
        $text = $this->expression($value);
        $isWhole = $this->type($value)->isWhole();

        return 'const '.($whole || $isWhole ? 'int' : 'double')." $name = ".($whole && !$isWhole ? $this->toWhole($text) : $text).';';
    }

    protected function counterType(bool $whole): string
    {
        return $whole ? 'int' : 'double';
    }

    protected function toWhole(string $number): string
    {
        return "int($number)";
    }

    protected function equalSign(bool $equal): string
    {
        return $equal ? '==' : '!=';
    }

    protected function condition(Expression $condition): string
    {
        return $condition instanceof VariableRead && StaticType::Text === $this->type($condition)
            ? '!'.$this->expression($condition).'.empty()'
            : $this->expression($condition);
    }

    protected function set(SetVariable $set): string
    {
        $type = $this->declarations->isAt($set) ? self::typeName($this->types->variable($this->part, $set->variable)).' ' : '';

        return $type.$set->variable.' = '.$this->expression($set->value);
    }

    protected function printLine(PrintLine $print): string
    {
        return 'cout << '.$this->expression($print->value, self::ADDED).' << endl';
    }

    protected function commandName(Entry $entry): string
    {
        return $entry->snakeName();
    }

    /** A backslash at the end of a line, even with spaces behind it, would draw the next line into the comment. */
    protected function remark(string $text): string
    {
        return parent::remark($text).(str_ends_with(rtrim($text), '\\') ? ' //' : '');
    }

    protected function quote(string $text): string
    {
        $escaped = strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\t" => '\\t', "\r" => '\\r']);

        // Three octal digits end by themselves; a hexadecimal escape would go on into the letters behind it.
        return '"'.preg_replace_callback('/[\x00-\x1f\x7f]/', static fn (array $match): string => \sprintf('\\%03o', \ord($match[0])), $escaped).'"';
    }

    /** Two whole numbers would be divided without the part behind the point. */
    protected function divide(Binary $binary, int $around): string
    {
        if (!$this->type($binary->left)->isWhole() || !$this->type($binary->right)->isWhole()) {
            return $this->infix($binary, '/', self::MULTIPLIED, $around);
        }
        $left = $this->expression($binary->left, self::MULTIPLIED);
        $right = $this->expression($binary->right, self::MULTIPLIED + 1);
        if ($binary->left instanceof NumberLiteral) {
            $left .= '.0';
        } elseif ($binary->right instanceof NumberLiteral) {
            $right .= '.0';
        } else {
            $left = 'double('.$this->expression($binary->left).')';
        }

        return $this->bracket("$left / $right", self::MULTIPLIED, $around);
    }

    protected function floorDivide(Binary $binary, int $around): string
    {
        return $this->areNatural($binary)
            ? $this->infix($binary, '/', self::MULTIPLIED, $around)
            : $this->call('floor_div', [$binary->left, $binary->right]);
    }

    protected function power(Binary $binary, int $around): string
    {
        return $this->call('pow', [$binary->left, $binary->right]);
    }

    /** Two literals side by side are no `string` yet, which `+` and `==` need on one side. */
    private function lifted(Expression $expression, int $around): string
    {
        return $expression instanceof TextLiteral ? 'string('.$this->quote($expression->value).')' : $this->expression($expression, $around);
    }

    protected function compare(Binary $binary, string $sign, int $around): string
    {
        return $this->bracket($this->lifted($binary->left, self::COMPARED).' '.$sign.' '.$this->expression($binary->right, self::COMPARED), self::COMPARED - 1, $around);
    }

    protected function joinTexts(Binary $binary, int $around): string
    {
        $parts = $this->joined($binary);
        if (!$this->allTexts($parts)) {
            return $this->call('join', $parts);
        }
        $left = $this->lifted($binary->left, self::ADDED);

        return $this->bracket($left.' + '.$this->expression($binary->right, self::ADDED + 1), self::ADDED, $around);
    }

    protected function libraryName(string $snake): string
    {
        return $snake;
    }

    protected function random(RandomWhole $random): string
    {
        return $this->call('random_between', [$random->from, $random->to]);
    }
}
