<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The rows that run when an attempt fails in one of some ways. */
final readonly class Rescue
{
    /**
     * @param list<FailureKind|string> $kinds none for whatever is thrown; a text is the name of a class of the program's own
     * @param string                   $name  the variable that keeps what the failure says, or the object that was raised; '' for none
     */
    public function __construct(public array $kinds, public string $name, public Block $body)
    {
    }

    /** The entry whose words say what it is for. */
    public function entry(): string
    {
        return '' === $this->name ? 'rescue' : ($this->takesObjects() ? 'rescue_object' : 'rescue_as');
    }

    /** Whether it takes objects of the program's own classes alone, which its name keeps. */
    public function takesObjects(): bool
    {
        return [] !== $this->kinds && [] === array_filter($this->kinds, static fn (FailureKind|string $kind): bool => $kind instanceof FailureKind);
    }

    /** How a kind is written in labels and files: `value`, `=TooHot`. */
    public static function label(FailureKind|string $kind): string
    {
        return $kind instanceof FailureKind ? $kind->value : "=$kind";
    }

    /** @throws \ValueError if there is no such kind */
    public static function kind(string $label): FailureKind|string
    {
        return str_starts_with($label, '=') ? substr($label, 1) : FailureKind::from($label);
    }

    /** @param FailureKind ...$kinds one at least */
    public function isOf(FailureKind ...$kinds): bool
    {
        return $this->kinds === $kinds;
    }
}
