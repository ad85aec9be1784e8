<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A class: its methods are the functions that its body holds, each named `<class>.<method>`. */
final readonly class ClassDefinition extends Statement
{
    use HoldsBody;

    /** The name of the method that makes a new object ready. */
    public const MAKES = '@new';
    /** The name of the method that gives the text as which an object shows. */
    public const SHOWS = '@text';

    /** The name of the method that says what an object does when it goes. */
    public const GOES = '@gone';
    /** The names of the methods that begin and end rows for which an object is held. */
    public const ENTERS = '@enter';
    public const EXITS = '@exit';
    /** The name of the method that goes on making an object of data when its fields have got their values. */
    public const READIES = '@ready';
    /** The name of the method that gives what an object shows as among others. */
    public const FORM = '@form';
    /** What stands for the parent of a class whose objects are tuples with names for their places. */
    public const RECORD = '@record';
    /** Methods that signs and functions of the language call, by what these do. */
    public const SPECIAL = [self::MAKES, self::SHOWS, self::FORM, '@equal', '@length', '@add', '@subtract', '@multiply', '@less', ...self::FURTHER];

    /** Those that Python alone has. */
    public const FURTHER = ['@divide', '@floor_divide', '@floor_remainder', '@power', '@negate', '@absolute', '@added_to', '@multiplied_by', '@subtracted_from', '@divided_into', '@number', '@whole', '@forget', '@less_or_equal', '@greater', '@greater_or_equal', '@iter', '@contains', '@item', '@put_item', '@truth', '@called', '@hash', '@next', self::ENTERS, self::EXITS, self::READIES, self::GOES];

    /** What a sign asks of the object on its right side, where the left one is none (The Python Language Reference, 3.3.8; C++17, 16.5.2). */
    public const ON_THE_RIGHT = [Operator::Add->value => '@added_to', Operator::Multiply->value => '@multiplied_by', Operator::Subtract->value => '@subtracted_from', Operator::TrueDivide->value => '@divided_into'];

    /** Whether a function makes objects of a class in one of several ways, by what it is called: `Bed.made`, `Bed.made_2`. */
    public static function isMaker(string $class, string $function): bool
    {
        return str_starts_with($function, "$class.made") && 1 === preg_match('/^(?:_\d+)?$/D', substr($function, \strlen("$class.made")));
    }

    /** @param string $parent the class that this one is a kind of, '' for none; `@` and a kind of failures for one whose objects are raised */
    public function __construct(public int $id, public string $name, public string $parent, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'class';
    }

    /** The entry whose words say it. */
    public function phrase(): string
    {
        return self::RECORD === $this->parent ? 'class_record' : $this->phraseOfKind();
    }

    private function phraseOfKind(): string
    {
        return '' === $this->parent ? 'class' : (null === $this->failure() ? 'class_of' : 'class_failure');
    }

    /** The kind of failures that its objects are, by its own row. */
    public function failure(): ?FailureKind
    {
        return str_starts_with($this->parent, '@') ? FailureKind::tryFrom(substr($this->parent, 1)) : null;
    }

    public function labels(): array
    {
        return ['name' => $this->name, ...('' === $this->parent ? [] : ['parent' => $this->parent])];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }

    /** @return list<self> those that stand in it, which C++ has */
    public function inner(): array
    {
        return array_values(array_filter($this->off ? [] : $this->body->statements, static fn (Statement $row): bool => $row instanceof self));
    }

    /** @return list<FunctionDefinition> those that are not switched off */
    public function methods(): array
    {
        $methods = [];
        foreach ($this->off ? [] : $this->body->statements as $row) {
            if ($row instanceof FunctionDefinition) {
                $methods[] = $row;
            }
        }

        return $methods;
    }
}
