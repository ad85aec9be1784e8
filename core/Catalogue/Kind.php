<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** What a row is about; the drawer groups by it, and it gives a row its margin icon and ink. */
enum Kind: string
{
    case Start = 'start';
    case Nib = 'nib';
    case Barrow = 'barrow';
    case Lantern = 'lantern';
    case Mower = 'mower';
    case Event = 'event';
    case Again = 'again';
    case Choose = 'choose';
    case Remember = 'remember';
    case Own = 'own';
    case Say = 'say';

    /** The scene to which alone it belongs. */
    public function scene(): ?SceneName
    {
        return SceneName::ofObject($this->value);
    }

    /** Name of the margin icon in the icon library. */
    public function icon(): string
    {
        return match ($this) {
            self::Start => 'sunrise',
            self::Nib => 'pen-tool',
            self::Barrow => 'sprout',
            self::Lantern => 'lamp',
            self::Mower => 'tractor',
            self::Event => 'bell',
            self::Again => 'repeat-2',
            self::Choose => 'split',
            self::Remember => 'box',
            self::Own => 'bookmark-plus',
            self::Say => 'message-circle',
        };
    }
}
