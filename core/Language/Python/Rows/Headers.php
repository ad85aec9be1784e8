<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\UnreadExpression;

/** Headers of rows that hold others: their word, their value, their colon. */
final class Headers
{
    private const KEYWORDS = ['while', 'for', 'if', 'elif', 'else', 'def', 'return', 'import', 'from', 'break', 'continue', 'pass', 'global', 'nonlocal', 'try', 'raise', 'assert', 'class'];

    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** The keyword that begins a row, also where it is misspelt. */
    public function keyword(Token $token): ?string
    {
        if (TokenKind::Keyword === $token->kind) {
            return \in_array($token->text, ['async', 'await'], true)
                ? $this->parser->fail('unsupported', $token, ['what' => $token->text])
                : $token->text;
        }
        $next = $this->parser->peek(1);
        if (TokenKind::Name !== $token->kind || isset($this->parser->symbols->functions[$token->text]) || $this->parser->isVariable($token->text)) {
            return null;
        }
        if (null !== $next && ('=' === $next->text || '.' === $next->text || '+=' === $next->text || '[' === $next->text) && TokenKind::Sign === $next->kind) {
            return null;
        }
        $text = $token->text;
        $lower = strtolower($text);
        $ends = ':' === ($this->parser->tokens[$this->parser->until - 1]->text ?? '') || '{' === ($this->parser->tokens[$this->parser->until - 1]->text ?? '');
        $continues = null !== $next && (\in_array($next->kind, [TokenKind::Name, TokenKind::Keyword, TokenKind::Number, TokenKind::Text], true) || ':' === $next->text && null === $this->parser->peek(2));
        $alone = null === $next && \in_array($lower, ['break', 'continue', 'pass', 'return'], true);
        if ('else' === $lower && null !== $next && 'if' === $next->text || $alone || $ends && ($continues || null !== $next && '(' === $next->text && \in_array($lower, self::KEYWORDS, true)) || $continues && \in_array($lower, ['return', 'import', 'from', 'global', 'for', 'while', 'if', 'def'], true)) {
            if (\in_array($lower, self::KEYWORDS, true)) {
                return $this->parser->taken($token, $lower, 'capitals');
            }
        }
        if (isset(PythonParser::FOREIGN_WORDS[$lower]) && ($continues || $ends)) {
            return $this->parser->taken($token, PythonParser::FOREIGN_WORDS[$lower], 'foreign_word');
        }
        foreach ($continues ? self::KEYWORDS : [] as $keyword) {
            if (self::isShuffled($lower, $keyword)) {
                return $this->parser->taken($token, $keyword, 'misspelt_keyword');
            }
        }
        if ($continues || null === $next) {
            $near = Names::nearest($text, null === $next ? ['break', 'continue', 'pass', 'return'] : self::KEYWORDS);
            if (null !== $near && levenshtein($lower, $near) <= (\strlen($near) <= 3 ? 1 : 2) || null !== $near && self::isShuffled($lower, $near)) {
                return $this->parser->taken($token, (string) $near, 'misspelt_keyword');
            }
            foreach (null === $next || !$ends ? [] : self::KEYWORDS as $keyword) {
                if (self::isShuffled($lower, $keyword)) {
                    return $this->parser->taken($token, $keyword, 'misspelt_keyword');
                }
            }
        }

        return null;
    }

    /** The same letters in another order: `fro`, `esle`. */
    public static function isShuffled(string $word, string $keyword): bool
    {
        return $word !== $keyword && count_chars($word, 1) === count_chars($keyword, 1);
    }

    /**
     * A condition or another value in a header; what cannot be read is kept in its place.
     *
     * @param bool $several whether values with nothing but commas between them may stand there: `for beds in 3, 5, 8:`
     */
    public function header(bool $several = false): Expression
    {
        $start = $this->parser->offset();
        $mistakes = \count($this->parser->mistakes);
        $depth = $this->parser->depth;
        $from = $this->parser->at;
        try {
            $value = $this->parser->value();
            if ($several && $this->parser->is(',')) {
                $value = $this->parser->tupled($value);
            }
            if ($this->parser->at < $this->parser->until && !$this->parser->is(':')) {
                $this->afterHeader();
            }

            return $value;
        } catch (ParseFailure $failure) {
            $this->parser->depth = $depth;
            Parser::cutTo($this->parser->mistakes, $mistakes);
            $this->parser->mistakes[] = $failure->mistake;
            $end = $this->colonBehind($from);
            $this->parser->silence($from, $end);
            $this->parser->at = max($from, $end);
            $last = $this->parser->tokens[$this->parser->at - 1];

            return new UnreadExpression(substr($this->parser->text, $start, max(0, $last->offset + \strlen($last->text) - $start)));
        }
    }

    /** Where the colon stands that ends a header whose value begins at a token; the end of the line where there is none. */
    private function colonBehind(int $from): int
    {
        $until = $this->parser->until;
        if (':' === ($this->parser->tokens[$until - 1]->text ?? '')) {
            return $until - 1;
        }
        $lambdas = 0;
        for ($at = $from; $at < $until; ++$at) {
            $token = $this->parser->tokens[$at];
            $lambdas += 'lambda' === $token->text && TokenKind::Keyword === $token->kind ? 1 : 0;
            if (':' === $token->text && TokenKind::Sign === $token->kind && 0 > --$lambdas) {
                return $at;
            }
            $at = max($at, $this->parser->partners[$at] ?? $at);
        }

        return $until;
    }

    private function afterHeader(): void
    {
        $token = $this->parser->peek();
        if (null === $token) {
            return;
        }
        $this->parser->signsMeant();
        if ('=' === $token->text) {
            $this->parser->fail('assign_in_condition', $token, [], [new Replacement($token->offset, 1, '==')]);
        }
        if ('then' === $token->text || 'do' === $token->text || '{' === $token->text) {
            $start = $this->parser->endOffset();
            $last = ':' === $this->parser->tokens[$this->parser->until - 1]->text ? '' : ':';
            $this->parser->fail('foreign_word', $token, ['word' => $token->text, 'near' => ':'], [new Replacement($start, $token->offset + \strlen($token->text) - $start, $last)]);
        }
        if (\in_array($token->text, [')', ']', '}'], true) && TokenKind::Sign === $token->kind) {
            $this->parser->fail('extra_bracket', $token, [], [new Replacement($token->offset, 1, '')]);
        }
        if (TokenKind::Name === $token->kind && \in_array(strtolower($token->text), ['and', 'or'], true)) {
            $this->parser->fail('capitals', $token, ['name' => $token->text, 'near' => strtolower($token->text)], [new Replacement($token->offset, \strlen($token->text), strtolower($token->text))]);
        }
        // What follows may stand on the line because only the colon is missing.
        if (\in_array($token->kind, [TokenKind::Name, TokenKind::Keyword], true) && $this->beginsRow()) {
            return;
        }
        $this->parser->fail(\in_array($token->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true) ? 'operator_missing' : 'unexpected', $token);
    }

    public function beginsRow(): bool
    {
        $token = $this->parser->peek();

        return null !== $token && (isset($this->parser->objects[$token->text]) || \in_array($token->text, ['print', 'return', 'break', 'continue', 'pass'], true) || $this->parser->is('=', 1));
    }

    public function colon(string $after): void
    {
        if ($this->parser->accept(':')) {
            return;
        }
        $next = $this->parser->peek();
        if (null !== $next && ';' === $next->text) {
            ++$this->parser->at;
            $this->parser->mistake('colon_missing', $next->offset, 1, ['after' => $after], [new Replacement($next->offset, 1, ':')]);

            return;
        }
        $end = $this->parser->endOffset();
        $start = max(0, $end - 1);
        $this->parser->mistake('colon_missing', $start, 1, ['after' => $after], [new Replacement($end, 0, ':')]);
        if (null !== $next && !$this->beginsRow()) {
            $this->parser->at = $this->parser->until;
        }
    }

    public function headEnd(int $id, string $part, int $start, bool $tight): void
    {
        $this->parser->cut($id, $part, $start, $this->parser->endOffset(), $tight);
    }
}
