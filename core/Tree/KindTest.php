<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Whether a value is of a kind: an object of a class, or of one that is a kind of it; or a text, a number, a list. */
final readonly class KindTest extends Expression
{
    /** What may be asked for beside the program's classes. */
    public const KINDS = ['@whole', '@number', '@text', '@truth', '@list', '@tuple', '@sequence', '@set', '@map'];

    /** @param string $kind the name of a class, or one of the kinds */
    public function __construct(public Expression $value, public string $kind)
    {
    }

    public function operands(): array
    {
        return [$this->value];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $this->kind);
    }
}
