<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** What may be taken out of a text to be filled in again. */
enum GapKind: string
{
    case Numbers = 'numbers';
    case Texts = 'texts';
    /** Names of what is called. */
    case Calls = 'calls';
    case Variables = 'variables';
    case Signs = 'signs';
    /** Of a loop, a condition, a function. */
    case Headers = 'headers';
    /** All that stands in the brackets of a call with several arguments. */
    case Arguments = 'arguments';

    private const COUNTED = ['+', '-', '*', '/', '%', '//', '**', '<', '>', '<=', '>=', '==', '!=', '===', '!==', '+=', '-=', '*=', '/=', '&&', '||', '!'];
    private const WORDS = ['and', 'or', 'not'];
    private const OBJECTS = ['nib', 'barrow', 'lantern', 'mower', 'Math', 'console', 'random', 'math', 'std', 'cout', 'endl', 'cin', 'main', 'scrivlet', 'i'];

    /** @return list<GapKind> what is taken out if nobody chooses */
    public static function usual(): array
    {
        return [self::Numbers, self::Texts, self::Calls];
    }

    /**
     * @param string $text in the language
     *
     * @return list<array{int, int}> where each piece of this kind begins, and its length, in bytes; imports are left whole
     */
    public function pieces(string $text, Language $language): array
    {
        return match ($this) {
            self::Headers => self::headers($text, $language),
            self::Arguments => self::arguments($text, $language),
            default => $this->tokens($text, $language),
        };
    }

    /** @return list<array{int, int}> */
    private function tokens(string $text, Language $language): array
    {
        $tokens = $language->tokens($text);
        $found = [];
        foreach ($tokens as $number => $token) {
            $isCalled = '(' === ($tokens[$number + 1] ?? null)?->text;
            $isOwn = TokenKind::Name === $token->kind && !$isCalled && '.' !== ($tokens[$number - 1] ?? null)?->text && '.' !== ($tokens[$number + 1] ?? null)?->text && !\in_array($token->text, self::OBJECTS, true);
            $fits = match ($this) {
                self::Numbers => TokenKind::Number === $token->kind,
                self::Texts => TokenKind::Text === $token->kind,
                self::Calls => TokenKind::Name === $token->kind && $isCalled,
                self::Variables => $isOwn,
                self::Signs => TokenKind::Sign === $token->kind && \in_array($token->text, self::COUNTED, true) || \in_array($token->text, self::WORDS, true),
                default => false,
            };
            if ($fits && !self::isImport($text, $token->offset)) {
                $found[] = [$token->offset, \strlen($token->text)];
            }
        }

        return $found;
    }

    /** @return list<array{int, int}> */
    private static function headers(string $text, Language $language): array
    {
        $pattern = $language->notation()->indents ? '/^[ \t]*\K(?:for|while|if|elif|def)\b[^\n]*:(?=[ \t]*$)/m' : '/^[ \t]*\K(?:for|while|if|function|void|int (?!main))\b[^\n]*\{(?=[ \t]*$)/m';
        preg_match_all($pattern, $text, $found, \PREG_OFFSET_CAPTURE);

        return array_map(static fn (array $one): array => [$one[1], \strlen($one[0])], $found[0]);
    }

    /** @return list<array{int, int}> */
    private static function arguments(string $text, Language $language): array
    {
        $tokens = $language->tokens($text);
        $found = [];
        foreach ($tokens as $number => $token) {
            if ('(' !== $token->text || TokenKind::Name !== ($tokens[$number - 1] ?? null)?->kind || self::isImport($text, $token->offset)) {
                continue;
            }
            $depth = $commas = 0;
            for ($at = $number; isset($tokens[$at]); ++$at) {
                $depth += \in_array($tokens[$at]->text, ['(', '[', '{'], true) ? 1 : (\in_array($tokens[$at]->text, [')', ']', '}'], true) ? -1 : 0);
                $commas += (int) (',' === $tokens[$at]->text && 1 === $depth);
                if (0 === $depth) {
                    break;
                }
            }
            $from = $token->offset + 1;
            $to = ($tokens[$at] ?? null)?->offset;
            if ($commas > 0 && null !== $to && !str_contains(substr($text, $from, $to - $from), "\n")) {
                $found[] = [$from, $to - $from];
            }
        }

        return $found;
    }

    private static function isImport(string $text, int $offset): bool
    {
        $line = substr($text, (int) strrpos(substr($text, 0, $offset), "\n"));

        return 1 === preg_match('/^\n?\s*(?:from|import|#include|using|const \{)/', $line);
    }
}
