<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/**
 * Rows that may fail, and what is done then. Rescue n has the body `rescue<n>`, the kinds of failures as the label
 * `kinds<n>` and the name for what the failure says as the label `name<n>`.
 */
final readonly class Attempt extends Statement
{
    public const BODY = 'body';
    public const OTHERWISE = 'unfailed';
    public const FINALLY = 'finally';

    /** @param list<Rescue> $rescues */
    public function __construct(public int $id, public Block $body, public array $rescues, public ?Block $otherwise = null, public ?Block $finally = null, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'try';
    }

    public static function bodyName(int $rescue): string
    {
        return "rescue$rescue";
    }

    /** @return int|null the number of the rescue whose body has this name */
    public static function rescueOf(string $body): ?int
    {
        return str_starts_with($body, 'rescue') ? (int) substr($body, 6) : null;
    }

    public function labels(): array
    {
        $labels = [];
        foreach ($this->rescues as $index => $rescue) {
            $labels["kinds$index"] = implode(', ', array_map(Rescue::label(...), $rescue->kinds));
            $labels["name$index"] = $rescue->name;
        }

        return $labels;
    }

    public function withLabel(string $name, string $value): static
    {
        $rescues = $this->rescues;
        $index = (int) preg_replace('/\D+/', '', $name);
        $rescue = $rescues[$index];
        $rescues[$index] = str_starts_with($name, 'name')
            ? new Rescue($rescue->kinds, $value, $rescue->body)
            : new Rescue('' === $value ? [] : array_map(Rescue::kind(...), explode(', ', $value)), $rescue->name, $rescue->body);

        return $this->with(['rescues' => $rescues]);
    }

    public function bodies(): array
    {
        $bodies = [self::BODY => $this->body];
        foreach ($this->rescues as $index => $rescue) {
            $bodies[self::bodyName($index)] = $rescue->body;
        }
        if (null !== $this->otherwise) {
            $bodies[self::OTHERWISE] = $this->otherwise;
        }
        if (null !== $this->finally) {
            $bodies[self::FINALLY] = $this->finally;
        }

        return $bodies;
    }

    public function withBody(string $name, Block $body): static
    {
        $index = self::rescueOf($name);
        if (null === $index) {
            return $this->with([self::OTHERWISE === $name ? 'otherwise' : $name => $body]);
        }
        $rescues = $this->rescues;
        $rescues[$index] = new Rescue($rescues[$index]->kinds, $rescues[$index]->name, $body);

        return $this->with(['rescues' => $rescues]);
    }

    /** Without one of its parts, which is none of the rows that may fail. */
    public function without(string $part): self
    {
        $index = self::rescueOf($part);
        if (null === $index) {
            return $this->with([self::OTHERWISE === $part ? 'otherwise' : 'finally' => null]);
        }
        $rescues = $this->rescues;
        array_splice($rescues, $index, 1);

        return $this->with(['rescues' => $rescues]);
    }

    protected function namedItself(): array
    {
        $names = [];
        foreach ($this->rescues as $rescue) {
            if ('' !== $rescue->name) {
                $names[$rescue->name] = true;
            }
        }

        return array_map(strval(...), array_keys($names));
    }
}
