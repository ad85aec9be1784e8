<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What `Enum` does for a class of its kind (The Python Standard Library, enum), as methods of that class. */
final class EnumerationMethods
{
    /**
     * @param list<Expression> $members
     * @param bool             $isPlain whether the value of each member is a number
     * @param \Closure(): int  $newId
     *
     * @return list<FunctionDefinition>
     */
    public static function of(string $class, array $members, bool $isPlain, \Closure $newId): array
    {
        $self = new VariableRead('self');
        $field = static fn (string $name): Field => new Field($self, $name);
        $text = static fn (string $text): TextLiteral => new TextLiteral($text);
        $joined = static function (Expression ...$parts): Expression {
            $first = array_shift($parts) ?? new TextLiteral('');

            return array_reduce($parts, static fn (Expression $all, Expression $part): Expression => new Binary(Operator::Join, $all, $part), $first);
        };
        $written = static fn (Expression $value): Expression => $isPlain ? $value : new Operation(OperationKey::Written, [$value]);
        $give = static fn (Expression $value): Block => new Block([new GiveBack($newId(), $value)]);
        $sought = static function (string $field, string $by, Raise $else) use ($members, $newId): Block {
            $one = new VariableRead('one');
            $found = new Branch(new Binary(Operator::Equal, new Field($one, $field), new VariableRead($by)), new Block([new GiveBack($newId(), $one)]));

            return new Block([new EachLoop($newId(), ['one'], new ListLiteral($members), new Block([new Conditional($newId(), [$found])])), $else]);
        };
        $value = new VariableRead('value');

        return [
            new FunctionDefinition($newId(), $class.'.'.ClassDefinition::MAKES, ['self', 'name', 'value'], new Block([
                new SetItem($newId(), $field('name'), new VariableRead('name')),
                new SetItem($newId(), $field('value'), $value),
            ])),
            new FunctionDefinition($newId(), $class.'.'.ClassDefinition::SHOWS, ['self'], $give($joined($text("$class."), $field('name')))),
            new FunctionDefinition($newId(), $class.'.'.ClassDefinition::FORM, ['self'], $give($joined($text("<$class."), $field('name'), $text(': '), $written($field('value')), $text('>')))),
            new FunctionDefinition($newId(), $class.'.of_value', ['value'], $sought('value', 'value', new Raise($newId(), FailureKind::Value, $joined($written($value), $text(" is not a valid $class")))), sort: 'shared'),
            new FunctionDefinition($newId(), $class.'.of_name', ['name'], $sought('name', 'name', new Raise($newId(), FailureKind::Key, new VariableRead('name'))), sort: 'shared'),
        ];
    }

    /** Whether a class is such a one: all that it shares are objects of its own, with their names and values, and it makes and finds them as `Enum` does. */
    public static function areOf(ClassDefinition $class): bool
    {
        $bare = self::bareOf($class);
        if (null === $bare) {
            return false;
        }
        $own = [];
        foreach ($class->methods() as $method) {
            $own[$method->shortName()] = self::bare($method);
        }
        foreach ($bare as $name => $method) {
            $isMade = ($own[$name] ?? '') === $method;
            if (ClassDefinition::MAKES === $name ? !$isMade : isset($own[$name]) && !$isMade && !\in_array($name, [ClassDefinition::SHOWS, ClassDefinition::FORM], true)) {
                return false;
            }
        }

        return true;
    }

    /** Whether a method of such a class is one that `Enum` has already. */
    public static function has(ClassDefinition $class, FunctionDefinition $method): bool
    {
        return (self::bareOf($class)[$method->shortName()] ?? '') === self::bare($method);
    }

    /** @return array<string, string>|null by name, what `Enum` would have for a class; null where it shares anything but objects of its own */
    private static function bareOf(ClassDefinition $class): ?array
    {
        $members = [];
        $isPlain = true;
        foreach ($class->body->statements as $row) {
            if (!$row instanceof SetVariable || $row->off) {
                continue;
            }
            $made = $row->value;
            if (!$made instanceof MakeObject || $made->class !== $class->name || 2 !== \count($made->arguments) || $made->arguments[0] != new TextLiteral(substr($row->variable, \strlen($class->name) + 1))) {
                return null;
            }
            $members[] = new VariableRead($row->variable);
            $isPlain = $isPlain && $made->arguments[1] instanceof NumberLiteral;
        }
        if ([] === $members || '' !== $class->parent) {
            return null;
        }
        $bare = [];
        foreach (self::of($class->name, $members, $isPlain, static fn (): int => 0) as $method) {
            $bare[$method->shortName()] = self::bare($method);
        }

        return $bare;
    }

    /** A method without the numbers of its rows, to be compared. */
    private static function bare(FunctionDefinition $method): string
    {
        return (string) preg_replace('/s:2:"id";i:\d+;/', '', serialize($method));
    }
}
