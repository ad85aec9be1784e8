<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Lexing;

final readonly class Token
{
    /** @param int $offset bytes before it */
    public function __construct(public TokenKind $kind, public string $text, public int $offset)
    {
    }

    /** Whether it says something to the machine. */
    public function isCode(): bool
    {
        return !\in_array($this->kind, [TokenKind::Space, TokenKind::NewLine, TokenKind::Comment], true);
    }
}
