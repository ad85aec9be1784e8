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

    /**
     * Two small functions, one around the other, that is called where it stands: the inner one keeps what it is given there, for
     * those of its parameters that are left out.
     *
     * @return array{Lambda, Lambda}|null the outer one, whose parameters are those that may be left out, and the inner one
     */
    public function leftOut(): ?array
    {
        $within = self::CALL === $this->method && $this->object instanceof Lambda ? $this->object->value : null;

        return $this->object instanceof Lambda && $within instanceof Lambda && \count($this->object->parameters) === \count($this->arguments) && [] === array_intersect($this->object->parameters, $within->parameters) ? [$this->object, $within] : null;
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
