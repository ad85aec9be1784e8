<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\FormerNames;

/**
 * Files of the first two versions have other names for some commands. They are read as if they had been written with
 * those of today; of what a person typed nothing changes but the names themselves.
 */
final class Names2
{
    /** Members that only fittings have, whatever those are called. */
    private const OF_FITTINGS = ['drive_for' => 'travel', 'driveFor' => 'travel'];
    private const AT_ONCE = 'at once';

    /**
     * A program of such a file in the names of today.
     *
     * @param array<mixed> $data
     *
     * @return array<mixed>
     */
    public static function renamed(array $data): array
    {
        $written = \is_array($data['handwriting'] ?? null) ? $data['handwriting'] : [];
        unset($data['handwriting']);
        $data = self::inTree($data);
        foreach ($written as $name => $handwriting) {
            $language = Language::tryFrom((string) $name);
            $written[$name] = null === $language || !\is_array($handwriting) ? $handwriting : self::inHandwriting($handwriting, $language);
        }

        return [] === $written ? $data : [...$data, 'handwriting' => $written];
    }

    /**
     * @param array<mixed> $data
     *
     * @return array<mixed>
     */
    private static function inTree(array $data): array
    {
        if ('nib.speed' === ($data['row'] ?? null) && 0 === ($data['level'] ?? null)) {
            $data['level'] = self::AT_ONCE;
        }
        foreach ($data as $name => $value) {
            if (\is_array($value)) {
                $data[$name] = self::inTree($value);
            } elseif (\is_string($value) && \in_array($name, ['row', 'command', 'operation'], true)) {
                $data[$name] = FormerNames::KEYS[$value] ?? $value;
            }
        }
        $language = \is_string($data['language'] ?? null) ? Language::tryFrom($data['language']) : null;
        if (null !== $language && 'unread' === ($data['row'] ?? null) && \is_string($data['text'] ?? null)) {
            $data['text'] = self::replaced($data['text'], self::changes($data['text'], $language));
        }

        return $data;
    }

    /**
     * @param array<mixed> $handwriting
     *
     * @return array<mixed>
     */
    private static function inHandwriting(array $handwriting, Language $language): array
    {
        $text = $handwriting['text'] ?? null;
        if (!\is_string($text) || [] === $changes = self::changes($text, $language)) {
            return $handwriting;
        }
        $handwriting['text'] = self::replaced($text, $changes);
        $pieces = \is_array($handwriting['pieces'] ?? null) ? $handwriting['pieces'] : [];
        foreach ($pieces as $index => $piece) {
            // Where a piece begins, where what its row says does, and where that ends.
            if (!\is_array($piece)) {
                continue;
            }
            foreach ([2, 3, 4] as $field) {
                $place = $piece[$field] ?? null;
                if (\is_int($place)) {
                    $piece[$field] = $place + self::shift($changes, $place);
                }
            }
            $pieces[$index] = $piece;
        }
        $handwriting['pieces'] = $pieces;

        return $handwriting;
    }

    /** @return list<array{int, int, string}> where, how many bytes, and what stands there now */
    private static function changes(string $text, Language $language): array
    {
        $names = FormerNames::inTexts($language);
        $changes = [];
        $tokens = array_values(array_filter($language->tokens($text), static fn (Token $token): bool => TokenKind::Space !== $token->kind));
        foreach ($tokens as $at => $token) {
            if (TokenKind::Name !== $token->kind || '.' !== ($tokens[$at - 1]->text ?? '')) {
                continue;
            }
            $object = $tokens[$at - 2]->text ?? '';
            $new = $names["$object.$token->text"] ?? null;
            $now = null === $new ? self::OF_FITTINGS[$token->text] ?? null : substr($new, \strlen($object) + 1);
            if (null === $now) {
                continue;
            }
            $changes[] = [$token->offset, \strlen($token->text), $now];
            $level = $tokens[$at + 2] ?? null;
            if ('nib.pace' === $new && '0' === $level?->text && ')' === ($tokens[$at + 3]->text ?? '')) {
                $changes[] = [$level->offset, 1, '"'.self::AT_ONCE.'"'];
            }
        }

        return $changes;
    }

    /** @param list<array{int, int, string}> $changes in the order of the text */
    private static function replaced(string $text, array $changes): string
    {
        foreach (array_reverse($changes) as [$offset, $length, $now]) {
            $text = substr_replace($text, $now, $offset, $length);
        }

        return $text;
    }

    /** @param list<array{int, int, string}> $changes */
    private static function shift(array $changes, int $place): int
    {
        $shift = 0;
        foreach ($changes as [$offset, $length, $now]) {
            if ($offset >= $place) {
                break;
            }
            $shift += \strlen($now) - $length;
        }

        return $shift;
    }

    /** What a row said in the names of then, for fingerprints that were taken of it: plain data as text, in and out. */
    public static function before(string $said): string
    {
        $said = strtr($said, array_flip(FormerNames::KEYS));

        return str_contains($said, 'nib.speed') ? strtr($said, ['"\\"'.self::AT_ONCE.'\\""' => '"0"', '"level":"'.self::AT_ONCE.'"' => '"level":0']) : $said;
    }
}
