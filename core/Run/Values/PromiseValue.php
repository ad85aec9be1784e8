<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** A promise of JavaScript (ECMA-262, 27.2): what will be there later, or how it fails. */
final class PromiseValue implements \JsonSerializable
{
    /** Whether it is settled: kept with a value, or broken by an error. */
    public bool $isSettled = false;
    public mixed $value = null;
    public ?RunError $error = null;
    /** Whether somebody sees to it that it fails. */
    public bool $isSeenTo = false;
    /** Whether it follows another promise by now, so that nothing else settles it. */
    public bool $isResolved = false;
    /** @var list<\Closure(): void> what waits for it */
    public array $reactions = [];

    /** What a trace says of it. */
    public function jsonSerialize(): string
    {
        return 'Promise';
    }
}
