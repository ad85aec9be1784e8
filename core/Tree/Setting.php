<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Where a program runs: its scene, and how that is laid out. */
final readonly class Setting
{
    /**
     * @param string       $scene   name of a scene; what it means is for others to know
     * @param list<string> $layouts plain texts, each one arrangement of the scene; without any, the scene's own first one
     * @param bool         $asks    whether the text shows handlers as one waiting loop that asks
     */
    public function __construct(public string $scene = 'sheet', public array $layouts = [], public bool $asks = false)
    {
    }
}
