<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** if, any number of else if, perhaps an else. Branch n has the blank `condition<n>` and the body `then<n>`. */
final readonly class Conditional extends Statement
{
    public const OTHERWISE = 'otherwise';

    /** @param non-empty-list<Branch> $branches */
    public function __construct(public int $id, public array $branches, public ?Block $otherwise = null, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'if';
    }

    public static function bodyName(int $branch): string
    {
        return "then$branch";
    }

    /** @return int|null the number of the branch whose body has this name, null for the otherwise */
    public static function branchOf(string $body): ?int
    {
        return str_starts_with($body, 'then') ? (int) substr($body, 4) : null;
    }

    public function blanks(): array
    {
        $blanks = [];
        foreach ($this->branches as $index => $branch) {
            $blanks["condition$index"] = $branch->condition;
        }

        return $blanks;
    }

    public function withBlank(string $name, Expression $value): static
    {
        $branches = $this->branches;
        $index = (int) substr($name, \strlen('condition'));
        $branches[$index] = new Branch($value, $branches[$index]->body);

        return $this->with(['branches' => $branches]);
    }

    public function bodies(): array
    {
        $bodies = [];
        foreach ($this->branches as $index => $branch) {
            $bodies[self::bodyName($index)] = $branch->body;
        }
        if (null !== $this->otherwise) {
            $bodies[self::OTHERWISE] = $this->otherwise;
        }

        return $bodies;
    }

    public function withBody(string $name, Block $body): static
    {
        $index = self::branchOf($name);
        if (null === $index) {
            return $this->with(['otherwise' => $body]);
        }
        $branches = $this->branches;
        $branches[$index] = new Branch($branches[$index]->condition, $body);

        return $this->with(['branches' => $branches]);
    }

    /** @param non-empty-list<Branch> $branches */
    public function withBranches(array $branches, ?Block $otherwise): self
    {
        return $this->with(['branches' => $branches, 'otherwise' => $otherwise]);
    }
}
