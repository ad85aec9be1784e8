<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\UnreadExpression;

/** Conditions in brackets, and the rows that branch by them. */
final class BraceConditions
{
    public function __construct(private readonly BraceParser $parser)
    {
    }

    /** A condition in round brackets. */
    public function condition(string $word): Expression
    {
        $opened = $this->parser->peek();
        if (null === $opened || '(' !== $opened->text) {
            $brace = $this->parser->at;
            while ($brace < $this->parser->until && '{' !== $this->parser->tokens[$brace]->text && !isset($this->parser->begins[$brace])) {
                ++$brace;
            }
            $last = $this->parser->tokens[$brace - 1];
            $this->parser->fail('condition_brackets', $this->parser->tokens[$this->parser->at - 1], ['word' => $word], null === $opened ? [] : [new Replacement($last->offset + \strlen($last->text), 0, ')'), new Replacement($opened->offset, 0, '(')]);
        }
        ++$this->parser->at;
        $start = $this->parser->at;
        $from = $this->parser->offset();
        $mistakes = \count($this->parser->mistakes);
        $depth = $this->parser->depth;
        try {
            if ($this->parser->is(')')) {
                $this->parser->fail('condition_missing', $opened, ['word' => $word]);
            }
            $value = $this->parser->declaredInCondition() ?? $this->parser->value();
            if ($value instanceof Lambda) {
                $this->arrowForSign($start);
            }
            while ('switch' !== $word && $this->parser->accept(',')) {
                // What stands before a comma is done, and the last is asked (ECMA-262, 13.16; C++17, 8.19).
                $value = new Operation(OperationKey::After, [$value, $this->parser->value()]);
            }
            $this->afterCondition();
            if ($this->parser->is('{') && $this->opensBodyBehind()) {
                $end = $this->parser->endOffset();
                $this->parser->mistake('bracket_missing', $opened->offset, 1, ['opened' => '(', 'wanted' => ')'], [new Replacement($end, 0, ')')]);

                return $value;
            }
            $this->parser->close($opened);
            if ($this->parser->is(')')) {
                $this->parser->mistake('extra_bracket', $this->parser->offset(), 1, [], [new Replacement($this->parser->offset(), 1, '')]);
                ++$this->parser->at;
            }

            return $value;
        } catch (ParseFailure $failure) {
            $closing = $this->parser->closingOf($start - 1);
            if (null === $closing || isset($this->parser->begins[$closing]) && $closing > $start + 30) {
                throw $failure;
            }
            $this->parser->depth = $depth;
            Parser::cutTo($this->parser->mistakes, $mistakes);
            $this->parser->mistakes[] = $failure->mistake;
            $this->parser->silence($start, $closing);
            $this->parser->at = $closing + 1;

            return new UnreadExpression(substr($this->parser->text, $from, $this->parser->tokens[$closing]->offset - $from));
        }
    }

    /** Whether a line ends behind the brace at the place that is read. */
    private function opensBodyBehind(): bool
    {
        return isset($this->parser->begins[$this->parser->at + 1]) || $this->parser->at + 1 >= $this->parser->until;
    }

    /** An arrow in a condition is meant for the sign of a comparison. */
    public function arrowForSign(int $from): void
    {
        for ($index = $from; $index < $this->parser->at; ++$index) {
            $token = $this->parser->tokens[$index];
            if ('=>' === $token->text) {
                $this->parser->fail('signs_swapped', $token, ['sign' => '=>', 'near' => '>='], [new Replacement($token->offset, 2, '>=')]);
            }
        }
    }

    public function afterCondition(): void
    {
        $token = $this->parser->peek();
        if (null === $token || ')' === $token->text) {
            return;
        }
        $this->parser->signsMeant();
        if ('=' === $token->text) {
            $this->parser->fail('assign_in_condition', $token, [], [new Replacement($token->offset, 1, $this->parser->equals())]);
        }
        $this->parser->foreignLogic($token);
        if (\in_array($token->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true)) {
            $this->parser->fail('operator_missing', $token);
        }
    }

    public function conditional(): Statement
    {
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $branches = [];
        $otherwise = null;
        $part = 'head';
        for ($index = 0;; ++$index) {
            $condition = $this->condition('if');
            $braced = $this->parser->opensBrace();
            $body = $this->parser->body($id, $start, $part, "then$index", false);
            $branches[] = new Branch($condition, $body);
            $isClosed = $braced && $this->parser->is('}');
            if ($braced && !$isClosed) {
                $this->parser->missingBrace($start);
                if (!$this->parser->is('else')) {
                    return new Conditional($id, $branches, null);
                }
            }
            $else = $this->parser->at + ($isClosed ? 1 : 0);
            $elseToken = $this->parser->tokens[$else] ?? null;
            if (null === $elseToken || 'else' !== $elseToken->text) {
                if ($isClosed) {
                    $this->parser->closeBrace($id, $start);
                }
                break;
            }
            $from = $this->parser->at;
            $this->parser->at = $else + 1;
            if ($this->parser->is('if') && !isset($this->parser->begins[$this->parser->at])) {
                ++$this->parser->at;
                $part = 'then'.($index + 1);
                $start = $from;
                continue;
            }
            if ($this->parser->is('(') && '{' === ($this->parser->tokens[($this->parser->closingOf($this->parser->at) ?? $this->parser->at) + 1]->text ?? '')) {
                $this->parser->fail('else_condition', $elseToken, [], [new Replacement($elseToken->offset, 4, 'else if')]);
            }
            $braced = $this->parser->opensBrace();
            $otherwise = $this->parser->body($id, $from, Conditional::OTHERWISE, Conditional::OTHERWISE, false);
            if ($braced) {
                $this->parser->closeBrace($id, $from);
            }
            break;
        }

        return new Conditional($id, $branches, $otherwise);
    }
}
