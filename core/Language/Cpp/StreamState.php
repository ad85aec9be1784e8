<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

/** What `cout` was told about how it shows values; null where that depends on the way a run takes. */
final readonly class StreamState
{
    public function __construct(public ?bool $fixed = false, public ?int $precision = 6, public ?string $fill = ' ', public ?bool $left = false, public ?bool $words = false)
    {
    }

    public function join(self $other): self
    {
        return $this == $other ? $this : new self(
            $this->fixed === $other->fixed ? $this->fixed : null,
            $this->precision === $other->precision ? $this->precision : null,
            $this->fill === $other->fill ? $this->fill : null,
            $this->left === $other->left ? $this->left : null,
            $this->words === $other->words ? $this->words : null,
        );
    }

    /** After a word such as `fixed`, or null if it is none that lasts. */
    public function after(string $word, int|string|null $argument): ?self
    {
        return match ($word) {
            'fixed', 'defaultfloat' => new self('fixed' === $word, $this->precision, $this->fill, $this->left, $this->words),
            'setprecision' => new self($this->fixed, null === $argument ? null : (int) $argument, $this->fill, $this->left, $this->words),
            'setfill' => new self($this->fixed, $this->precision, null === $argument ? null : (string) $argument, $this->left, $this->words),
            'left', 'right' => new self($this->fixed, $this->precision, $this->fill, 'left' === $word, $this->words),
            'boolalpha', 'noboolalpha' => new self($this->fixed, $this->precision, $this->fill, $this->left, 'boolalpha' === $word),
            default => null,
        };
    }
}
