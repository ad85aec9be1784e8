<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Catalogue\SlotType;

/** A place to fill in on a row. */
final readonly class BlankView
{
    /**
     * @param string      $source what a person edits: the expression or name as it is typed
     * @param Chip|null   $chip   how it shows; null for a name or a remark, which shows as it is
     * @param string|null $hex    the colour of an ink
     */
    public function __construct(public string $slot, public SlotType $type, public string $source, public ?Chip $chip, public ?string $hex = null)
    {
    }
}
