<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** Cuts the tokens of a text into logical lines (The Python Language Reference, 2.1). */
final class LogicalLines
{
    /** What begins a row, and so ends a bracket that was left open on a line above. */
    private const BEGINS = ['def', 'while', 'return', 'import', 'elif', 'class', 'try', 'break', 'continue', 'pass', 'with', 'global'];

    /** @var list<Token> without spaces and ends of lines; remarks only where they stand alone on a line */
    public array $tokens = [];
    /** @var list<LogicalLine> */
    public array $lines = [];

    /** @param list<Token> $all */
    public function __construct(array $all)
    {
        // Where every line closes its own brackets, no bracket's partner has to be looked for.
        if (!$this->cut($all, null)) {
            $this->tokens = $this->lines = [];
            $this->cut($all, self::partners($all));
        }
    }

    /**
     * @param list<Token>           $all
     * @param array<int, true>|null $fits the brackets that have a partner; null if that is not known
     *
     * @return bool false if it has to be known
     */
    private function cut(array $all, ?array $fits): bool
    {
        $open = 0;
        $from = null;
        $indent = '';
        $lineOffset = 0;
        $isStart = true;
        foreach ($all as $index => $token) {
            if (TokenKind::NewLine === $token->kind) {
                if ($open > 0) {
                    if (null === $fits) {
                        return false;
                    }
                    continue;
                }
                if (null !== $from) {
                    $this->lines[] = new LogicalLine($from, \count($this->tokens), $indent, $lineOffset, false);
                    $from = null;
                }
                $isStart = true;
                $indent = '';
                $lineOffset = $token->offset + \strlen($token->text);
                continue;
            }
            if (TokenKind::Space === $token->kind) {
                if ($isStart) {
                    $indent .= str_contains($token->text, '\\') ? '' : $token->text;
                }
                continue;
            }
            if (TokenKind::Comment === $token->kind) {
                if ($isStart && 0 === $open) {
                    $this->tokens[] = $token;
                    $this->lines[] = new LogicalLine(\count($this->tokens) - 1, \count($this->tokens), $indent, $lineOffset, true);
                }
                continue;
            }
            $isStart = false;
            $from ??= \count($this->tokens);
            $this->tokens[] = $token;
            if (TokenKind::Sign === $token->kind) {
                $sign = $token->text;
                if (('(' === $sign || '[' === $sign || '{' === $sign) && (null === $fits || isset($fits[$index]))) {
                    ++$open;
                } elseif ((')' === $sign || ']' === $sign || '}' === $sign) && (null === $fits || isset($fits[$index])) && --$open < 0) {
                    return false;
                }
            }
        }
        if ($open > 0 && null === $fits) {
            return false;
        }
        if (null !== $from) {
            $this->lines[] = new LogicalLine($from, \count($this->tokens), $indent, $lineOffset, false);
        }

        return true;
    }

    /**
     * The brackets that have a partner before something begins that is surely a row of its own.
     *
     * @param list<Token> $all
     *
     * @return array<int, true>
     */
    private static function partners(array $all): array
    {
        $fits = [];
        $open = [];
        $isStart = true;
        foreach ($all as $index => $token) {
            if (TokenKind::NewLine === $token->kind) {
                $isStart = true;
                continue;
            }
            if (TokenKind::Space === $token->kind || TokenKind::Comment === $token->kind) {
                continue;
            }
            if ($isStart && [] !== $open && self::begins($all, $index)) {
                $open = [];
            }
            $isStart = false;
            if (TokenKind::Sign !== $token->kind) {
                continue;
            }
            if (\in_array($token->text, ['(', '[', '{'], true)) {
                $open[] = $index;
            } elseif (\in_array($token->text, [')', ']', '}'], true) && [] !== $open) {
                $fits[array_pop($open)] = true;
                $fits[$index] = true;
            }
        }

        return $fits;
    }

    /** @param list<Token> $all */
    private static function begins(array $all, int $index): bool
    {
        $token = $all[$index];
        if (TokenKind::Keyword === $token->kind && \in_array($token->text, self::BEGINS, true)) {
            return true;
        }
        $next = $all[$index + 1] ?? null;
        $behind = null !== $next && TokenKind::Space === $next->kind ? ($all[$index + 2] ?? null) : $next;
        if (TokenKind::Name === $token->kind && null !== $behind) {
            // `name = …` at the very left or after an indent, and `nib.…`: rows, but for a named argument on a line of its own.
            return 'nib' === $token->text && '.' === $behind->text || '=' === $behind->text && null !== $next && TokenKind::Space === $next->kind || 'print' === $token->text && '(' === $behind->text;
        }
        if (TokenKind::Keyword === $token->kind && \in_array($token->text, ['for', 'if', 'else'], true)) {
            return self::endsInColon($all, $index);
        }

        return false;
    }

    /** @param list<Token> $all */
    private static function endsInColon(array $all, int $index): bool
    {
        $last = null;
        for (; isset($all[$index]) && TokenKind::NewLine !== $all[$index]->kind; ++$index) {
            if (TokenKind::Space !== $all[$index]->kind && TokenKind::Comment !== $all[$index]->kind) {
                $last = $all[$index];
            }
        }

        return ':' === $last?->text;
    }
}
