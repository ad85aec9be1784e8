<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Lexing\Token;

/** Names that a text uses and that nothing at its top brings in. */
final class Libraries
{
    /** What is told of the first use of a thing; its line is put in at the offset. */
    public static function mistake(Token $token, string $line, int $offset): Mistake
    {
        return new Mistake('library_missing', $token->offset, \strlen($token->text), ['name' => $token->text, 'near' => $line], [new Replacement($offset, 0, "$line\n")]);
    }
}
