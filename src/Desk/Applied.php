<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Edit\Edited;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Mistakes\Mistake;

/** An edit that was carried out, with what was found out on the way. */
final readonly class Applied
{
    public Analysis $analysis;

    /** @param list<Mistake>|null $mistakes of the text that was typed, if one was */
    public function __construct(public Edited $edited, ?Analysis $analysis = null, public ?array $mistakes = null)
    {
        $this->analysis = $analysis ?? new Analysis($edited->program);
    }
}
