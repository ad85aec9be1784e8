<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Lexing;

final readonly class Token
{
    /**
     * @param int      $offset  bytes before it
     * @param int|null $written how many bytes stand for it in the text, where it is read as something else; null for those of its own
     */
    public function __construct(public TokenKind $kind, public string $text, public int $offset, private ?int $written = null)
    {
    }

    /** Bytes before what stands behind it. */
    public function end(): int
    {
        return $this->offset + ($this->written ?? \strlen($this->text));
    }

    /** What stands in its place of the text, read as something else. */
    public function readAs(string $text, ?TokenKind $kind = null): self
    {
        return new self($kind ?? $this->kind, $text, $this->offset, $this->end() - $this->offset);
    }

    /** Whether it says something to the machine. */
    public function isCode(): bool
    {
        return !\in_array($this->kind, [TokenKind::Space, TokenKind::NewLine, TokenKind::Comment], true);
    }
}
