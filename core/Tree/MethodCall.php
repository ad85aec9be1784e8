<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What a method of an object gives back; which one is told by the object's class when it runs. */
final readonly class MethodCall extends Expression
{
    /** The method that a function which is a value has: being called. */
    public const CALL = '@call';

    /** An object that is called itself, as its class says what that does. */
    public const SIGN = '@called';

    /**
     * @param list<Expression> $arguments without the object
     * @param Expression|null  $otherwise while a text is read: what it means of a list, a map or a text, whose methods have such a name, too
     */
    public function __construct(public Expression $object, public string $method, public array $arguments = [], public ?Expression $otherwise = null)
    {
    }

    public function operands(): array
    {
        return [$this->object, ...$this->arguments];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $this->method, \array_slice($operands, 1), $this->otherwise);
    }
}
