<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Words\Words;

/** All that is known of one kind of row or value; one entry is all a new command needs here. */
final readonly class Entry
{
    /**
     * @param string      $key       for a command its object and its name in Python: `nib.move_to`
     * @param list<Slot>  $slots
     * @param bool        $command   a scene's command: its text is a call in every language
     * @param bool        $value     it answers, and stands in a blank
     * @param string|null $icon      margin icon when it is not the kind's own
     * @param bool        $fromText  it comes from typed text alone, and is not in the drawer
     * @param bool        $takesTime the script waits until it is done
     * @param string|null $answers   what kind of value it gives when that is no number: truth, text, whole
     */
    public function __construct(
        public string $key,
        public Kind $kind,
        public array $slots = [],
        public Goes $goes = Goes::Row,
        public bool $command = false,
        public bool $value = false,
        public ?string $icon = null,
        public ?string $answers = null,
        public bool $fromText = false,
        public bool $takesTime = false,
    ) {
    }

    public function icon(): string
    {
        return $this->icon ?? $this->kind->icon();
    }

    /** The phrase with its blanks left open: `go forward … steps`. */
    public function phrase(string $locale): string
    {
        return trim((string) preg_replace('/\{\w+\}/', '…', $this->words($locale)));
    }

    /** The phrase; `{name}` is the blank of that name. */
    public function words(string $locale): string
    {
        return Words::in($locale)->raw("row.$this->key");
    }

    /** What it does, in one or two sentences; empty for what only typed text brings along. */
    public function docs(string $locale): string
    {
        $words = Words::in($locale);

        return $words->has("row.$this->key.docs") ? $words->raw("row.$this->key.docs") : '';
    }

    /** Words by which people look for it, besides its own. */
    public function people(string $locale): string
    {
        $words = Words::in($locale);

        return $words->has("search.$this->key") ? $words->raw("search.$this->key") : '';
    }

    /** The letter that brings it, if it has one; small. */
    public function letter(string $locale): ?string
    {
        $words = Words::in($locale);

        return $words->has("key.$this->key") ? $words->raw("key.$this->key") : null;
    }

    public function slot(string $name): ?Slot
    {
        foreach ($this->slots as $slot) {
            if ($slot->name === $name) {
                return $slot;
            }
        }

        return null;
    }

    /** `nib.move_to` as Python and C++ write it. */
    public function snakeName(): string
    {
        return $this->key;
    }

    /** `nib.moveTo` as JavaScript writes it. */
    public function camelName(): string
    {
        return lcfirst(str_replace(' ', '', ucwords(str_replace('_', ' ', $this->key))));
    }

    /** The command's own name, without its object: `move_to`. */
    public function method(): string
    {
        return str_contains($this->key, '.') ? explode('.', $this->key)[1] : $this->key;
    }

    /** The name before the point, if there is one: `nib`. */
    public function object(): ?string
    {
        return str_contains($this->key, '.') ? explode('.', $this->key)[0] : null;
    }
}
