<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Libraries;
use Scrivlet\Core\Language\Mistakes\Mistake;

/** Names that a text of JavaScript uses and that nothing at its top brings in. */
final class JavaScriptLibraries
{
    private const JAVASCRIPT = ['nib', 'barrow', 'lantern', 'mower', 'sleep', 'wait', 'announce', 'whenAnnounced', 'DrivePair', 'SurfaceSensor', 'RangeSensor', 'Lamp'];

    /**
     * @param list<Token>          $tokens without spaces and remarks
     * @param array<string, mixed> $own    names that the text itself gives a meaning
     *
     * @return list<Mistake> the first use of each thing that is missing
     */
    public static function missing(array $tokens, array $own): array
    {
        $imported = $own;
        $inside = false;
        foreach ($tokens as $token) {
            $inside = 'import' === $token->text || $inside && '}' !== $token->text;
            if ($inside) {
                $imported[$token->text] = 1;
            }
        }
        $mistakes = [];
        foreach ($tokens as $index => $token) {
            if (TokenKind::Name === $token->kind && \in_array($token->text, self::JAVASCRIPT, true) && !isset($imported[$token->text]) && \in_array($tokens[$index + 1]->text ?? '', ['.', '('], true)) {
                $imported[$token->text] = 1;
                $mistakes[] = Libraries::mistake($token, "import { $token->text } from \"./scrivlet.js\";", 0);
            }
        }

        return $mistakes;
    }
}
