<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Rows that run when something happens: from the moment on at which the row itself has run. */
final readonly class Handler extends Statement
{
    use HoldsBody;

    /** Each kind of happening by its row's entry: the command that waits for it, and the blank that says which one. */
    public const EVENTS = [
        'on_tapped' => ['lantern.when_tapped', 'button'],
        'on_light' => ['lantern.when_light', 'change'],
        'on_announced' => ['when_announced', 'message'],
    ];

    /** @param key-of<self::EVENTS> $event */
    public function __construct(public int $id, public string $event, public Expression $what, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return $this->event;
    }

    public function command(): string
    {
        return self::EVENTS[$this->event][0];
    }

    public function blanks(): array
    {
        return [self::EVENTS[$this->event][1] => $this->what];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with(['what' => $value]);
    }

    /** What Python, which has no functions of several rows without a name, calls it: `on_round`. */
    public function functionName(): string
    {
        $word = $this->what instanceof TextLiteral ? strtolower(trim((string) preg_replace('/[^A-Za-z0-9]+/', '_', $this->what->value), '_')) : '';

        return 'on_'.('' === $word ? 'message' : substr($word, 0, 30));
    }
}
