<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Tree\FunctionDefinition;

/** The names of a text, which a sentence beside it keeps where reading has told two of the same name apart. */
final readonly class WrittenNames
{
    /** What names end with that reading has made. */
    private const TOLD_APART = ['/_?\d+$/D', '/'.FunctionDefinition::AS_WRITTEN.'(?:_\d+)?$/D', '/'.FunctionDefinition::OF.'\w+$/D'];

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
        foreach ($this->has($name) ? [] : self::TOLD_APART as $ending) {
            $base = (string) preg_replace($ending, '', $name);
            if ($base !== $name && $this->has($base)) {
                return $base;
            }
        }

        return $name;
    }
}
