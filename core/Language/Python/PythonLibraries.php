<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Libraries;
use Scrivlet\Core\Language\Mistakes\Mistake;

/** Names that a text of Python uses and that nothing at its top brings in. */
final class PythonLibraries
{
    private const PYTHON = ['random', 'math', 'time'];
    private const OURS_IN_PYTHON = ['nib', 'barrow', 'lantern', 'mower', 'wait', 'announce', 'when_announced', 'DrivePair', 'SurfaceSensor', 'RangeSensor', 'Lamp'];

    /**
     * @param list<Token>          $tokens without spaces and remarks
     * @param array<string, mixed> $own    names that the text itself gives a meaning
     *
     * @return list<Mistake> the first use of each thing that is missing
     */
    public static function missing(array $tokens, array $own): array
    {
        $imported = $own;
        foreach ($tokens as $index => $token) {
            if ('import' === $token->text || ',' === $token->text || 'as' === $token->text) {
                $imported[$tokens[$index + 1]->text ?? ''] = 1;
            }
        }
        $mistakes = [];
        $all = isset($imported['*']);
        foreach ($tokens as $index => $token) {
            $isUsed = TokenKind::Name === $token->kind && !isset($imported[$token->text]) && \in_array($tokens[$index + 1]->text ?? '', ['.', '('], true) && '.' !== ($tokens[$index - 1]->text ?? '');
            if ($isUsed && !$all && \in_array($token->text, self::OURS_IN_PYTHON, true)) {
                $imported[$token->text] = 1;
                $mistakes[] = Libraries::mistake($token, "from scrivlet import $token->text", 0);
            }
            if (TokenKind::Name === $token->kind && '.' === ($tokens[$index + 1]->text ?? '') && \in_array($token->text, self::PYTHON, true) && !isset($imported[$token->text])) {
                $imported[$token->text] = 1;
                $mistakes[] = Libraries::mistake($token, "import $token->text", 0);
            }
        }

        return $mistakes;
    }
}
