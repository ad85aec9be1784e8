<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unread;

/** Rows that cannot be read keep their text; what misled their author is told. */
final class UnreadRows
{
    private const KEYWORDS = ['while', 'for', 'if', 'else', 'do', 'switch', 'return', 'break', 'continue', 'try', 'throw', 'catch'];

    public function __construct(private readonly BraceParser $parser)
    {
    }

    /**
     * Forgets what was found since a state, and keeps what is wrong.
     *
     * @param array{int, int, int, int, string, list<int>} $state
     */
    public function givenUp(array $state, ParseFailure $failure): void
    {
        [$mistakes, $cuts, $this->parser->ids, $this->parser->parent, $this->parser->scope, $this->parser->loops] = $state;
        Parser::cutTo($this->parser->mistakes, $mistakes);
        Parser::cutTo($this->parser->cuts, $cuts);
        $this->parser->mistakes[] = $failure->mistake;
    }

    /** A row that stands too deep is kept as it is, with all that it holds. */
    public function passedOver(): Statement
    {
        $start = $this->parser->at;
        $this->parser->mistake('deep', $this->parser->tokens[$start]->offset, \strlen($this->parser->tokens[$start]->text));
        while (null !== $token = $this->parser->peek()) {
            $sign = TokenKind::Sign === $token->kind ? $token->text : '';
            if ('}' === $sign && $this->parser->at > $start) {
                break;
            }
            $this->parser->at = ('' !== $sign ? $this->parser->closingOf($this->parser->at) : null) ?? $this->parser->at;
            ++$this->parser->at;
            if (';' === $sign || '{' === $sign) {
                break;
            }
        }
        $this->parser->silence($start, $this->parser->at);
        $offset = $this->parser->tokens[$start]->offset;
        $row = new Unread($this->parser->newId(), substr($this->parser->text, $offset, $this->parser->endOffset() - $offset), $this->parser->language()->value);

        return $this->parser->ended($row, $offset);
    }

    /** Keeps a row that cannot be read: to its semicolon, or the end of its line, or the brace that opens or closes. */
    public function unread(int $start): Statement
    {
        $this->parser->at = $start;
        $open = 0;
        $isSwitch = $this->parser->is('switch');
        $isTemplate = $this->parser->notation->typed && $this->parser->is('template') && $this->parser->is('<', 1);
        for ($depth = 0; $isTemplate && null !== $sign = $this->parser->sign(); ++$this->parser->at) {
            // What it is a template of stands behind it, perhaps on a line of its own.
            $depth += ['<' => 1, '>' => -1][$sign] ?? 0;
            if (0 === $depth && '>' === $sign) {
                ++$this->parser->at;
                break;
            }
        }
        $headed = $isTemplate ? $this->parser->at : -1;
        // What a class holds is no rows of their own.
        $isWhole = $isTemplate || $this->parser->is('class');
        while (null !== $token = $this->parser->peek()) {
            if ($this->parser->at > $start && $this->parser->at !== $headed && isset($this->parser->begins[$this->parser->at]) && ($open <= 0 || $this->beginsRow())) {
                break;
            }
            $sign = TokenKind::Sign === $token->kind ? $token->text : '';
            if ('}' === $sign && $this->parser->at > $start && $open <= 0) {
                break;
            }
            $closing = '{' === $sign && $this->parser->at > $start && ($isSwitch || $isWhole || $this->opensClass() || \in_array($this->parser->tokens[$this->parser->at - 1]->text, ['=', '(', ',', ':', '[', '=>', 'return'], true)) ? $this->parser->closingOf($this->parser->at) : null;
            if (null !== $closing) {
                // What stands in a value, or in a `switch`, is no rows of their own.
                $this->parser->at = $closing + 1;
                if ($isSwitch || $isWhole) {
                    $this->parser->at += $isWhole && $this->parser->notation->typed && $this->parser->is(';') ? 1 : 0;
                    break;
                }
                continue;
            }
            $closing = '{' === $sign && !isset($this->parser->begins[$this->parser->at + 1]) ? $this->parser->closingOf($this->parser->at) : null;
            if (null !== $closing && $open <= 0 && !isset($this->parser->begins[$closing])) {
                // Rows between braces on one line are left together with what holds them.
                $this->parser->at = $closing + 1;
                continue;
            }
            ++$this->parser->at;
            $open += '(' === $sign || '[' === $sign ? 1 : (')' === $sign || ']' === $sign ? -1 : 0);
            if (';' === $sign && $open <= 0 || '{' === $sign && $this->opensBody()) {
                break;
            }
        }
        $this->parser->silence($start, $this->parser->at);
        $first = $this->parser->tokens[$start];
        $end = $this->parser->endOffset();
        $id = $this->parser->newId();
        $this->parser->cut($id, 'head', $first->offset, $end);
        $body = null;
        if ('{' === $this->parser->tokens[$this->parser->at - 1]->text && !$isSwitch && $this->opensBody()) {
            $body = $this->parser->bodyRows($id, $start, true, 'body');
            $this->parser->closeBrace($id, $start, 'close', ';');
        }

        return new Unread($id, substr($this->parser->text, $first->offset, $end - $first->offset), $this->parser->language()->value, $body);
    }

    /** Whether the brace is that of a class which is a value: `(Base) => class extends Base {` (ECMAScript 2022, 15.7). */
    private function opensClass(): bool
    {
        for ($at = $this->parser->at - 1; $at >= 0 && $this->parser->at - $at < 8; --$at) {
            $token = $this->parser->tokens[$at];
            if ('class' === $token->text) {
                return true;
            }
            if (TokenKind::Name !== $token->kind && !\in_array($token->text, ['extends', '.', '(', ')'], true)) {
                return false;
            }
        }

        return false;
    }

    /** Whether a line begins behind the last token, as it does behind the brace of a body. */
    private function opensBody(): bool
    {
        return isset($this->parser->begins[$this->parser->at]) || $this->parser->at >= $this->parser->until;
    }

    private function beginsRow(): bool
    {
        $token = $this->parser->peek();

        return null !== $token && (TokenKind::Keyword === $token->kind && !\in_array($token->text, ['function', 'new', 'true', 'false', 'null', 'this', 'await', 'typeof', 'undefined'], true) || isset($this->parser->objects[$token->text]) || '}' === $token->text);
    }

    /** The keyword that a row begins with when it is misspelt or has capitals. */
    public function misspelt(Token $token): ?string
    {
        $next = $this->parser->peek(1);
        if (TokenKind::Name !== $token->kind || isset($this->parser->symbols->functions[$token->text]) || $this->parser->isVariable($token->text) || null === $next) {
            return null;
        }
        $lower = strtolower($token->text);
        $closing = '(' === $next->text && TokenKind::Sign === $next->kind ? $this->parser->closingOf($this->parser->at + 1) : null;
        $behind = null === $closing ? null : $this->parser->tokens[$closing + 1] ?? null;
        // `For (let …` without braces behind it, and what differs in its capitals alone.
        $isHead = null !== $closing && (TokenKind::Keyword === ($this->parser->tokens[$this->parser->at + 2] ?? null)?->kind || \in_array($lower, self::KEYWORDS, true) && ';' !== $behind?->text);
        $opens = $isHead || null !== $behind && ('{' === $behind->text || !isset($this->parser->begins[(int) $closing + 1]) && \in_array($behind->kind, [TokenKind::Name, TokenKind::Keyword], true)) || '{' === $next->text;
        $returns = !isset($this->parser->begins[$this->parser->at + 1]) && \in_array($next->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text, TokenKind::Keyword], true)
            && 'return' !== $lower && count_chars($lower, 1) === count_chars('return', 1);
        if ($returns) {
            $this->parser->mistake('misspelt_keyword', $token->offset, \strlen($token->text), ['name' => $token->text, 'near' => 'return'], [new Replacement($token->offset, \strlen($token->text), 'return')]);

            return 'return';
        }
        $words = ['elif' => 'else if', 'elsif' => 'else if', 'elseif' => 'else if'];
        if (isset($words[$lower])) {
            $this->parser->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'else if'], [new Replacement($token->offset, \strlen($token->text), 'else if')]);
        }
        if (!$opens && !(TokenKind::Name === $next->kind && !isset($this->parser->begins[$this->parser->at + 1])) && !('return' === $lower)) {
            return null;
        }
        foreach (self::KEYWORDS as $keyword) {
            if ($lower === $keyword) {
                $this->parser->mistake('capitals', $token->offset, \strlen($token->text), ['name' => $token->text, 'near' => $keyword], [new Replacement($token->offset, \strlen($token->text), $keyword)]);

                return $keyword;
            }
        }
        $near = Names::nearest($lower, self::KEYWORDS);
        foreach (self::KEYWORDS as $keyword) {
            if (count_chars($lower, 1) === count_chars($keyword, 1)) {
                $near = $keyword;
            }
        }
        if (null !== $near && $opens && (levenshtein($lower, $near) <= 2)) {
            $this->parser->mistake('misspelt_keyword', $token->offset, \strlen($token->text), ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);

            return $near;
        }

        return null;
    }

    public function extraBrace(Token $token): Statement
    {
        $this->parser->mistake('extra_brace', $token->offset, 1, [], [new Replacement($token->offset, 1, '')]);
        ++$this->parser->at;
        $row = new Unread($this->parser->newId(), '}', $this->parser->language()->value);
        $this->parser->cut($row->id, 'head', $token->offset, $token->offset + 1);

        return $row;
    }
}
