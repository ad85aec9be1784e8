<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

/** The names of a text, which a sentence beside it keeps where reading has told two of the same name apart. */
final readonly class WrittenNames
{
    /** @param array<int|string, true> $names */
    private function __construct(private array $names)
    {
    }

    public static function of(string $text): self
    {
        preg_match_all('/[\p{L}_$][\p{L}\p{N}_$]*/u', $text, $names);

        return new self(array_fill_keys($names[0], true));
    }

    public function has(string $name): bool
    {
        return isset($this->names[$name]);
    }

    /** The name as the text has it. */
    public function name(string $name): string
    {
        $base = (string) preg_replace('/_?\d+$/', '', $name);

        return !$this->has($name) && $this->has($base) ? $base : $name;
    }
}
