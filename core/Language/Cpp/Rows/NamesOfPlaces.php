<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** Names that are declared for a place in a list, and rows that move it on. */
final class NamesOfPlaces
{
    /** Signs that a place may stand beside, where nothing else of it shows than how far it has come. */
    private const BESIDE = ['+', '-', '++', '--', '+=', '-=', '<', '>', '<=', '>=', '==', '!=', '[', '='];
    /** What takes a place and gives another one, or changes the list there. */
    private const TAKES_PLACE = ['next' => true, 'prev' => true, 'distance' => true, 'erase' => true, 'insert' => true];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * A name for such a place.
     *
     * @param array{Expression, Expression} $place
     */
    public function startedAt(string $name, array $place): Expression
    {
        $this->parser->iterators[$name] = ['spot', $place[1]];
        $this->parser->types[$this->parser->scope][$name] = 'int';

        return $place[0];
    }

    /** `int* p = beds;`, `const Bed* p = &beds[2];`: a pointer into an array that is moved on, or reckoned with; null for any other. */
    public function movedPointer(Token $token, Token $name): ?Statement
    {
        if (TokenKind::Name !== $name->kind) {
            return null;
        }
        $at = $this->parser->at;
        $mistakes = \count($this->parser->mistakes);
        $this->parser->at += 2;
        $isOfItem = $this->parser->accept('&');
        try {
            $value = $this->parser->expression($isOfItem ? 9 : 0);
        } catch (ParseFailure) {
            $value = null;
        }
        $place = match (true) {
            null === $value => null,
            $isOfItem => $value instanceof Item && $value->container instanceof VariableRead && isset($this->parser->arraySizes[$value->container->name]) ? [$value->index, $value->container] : null,
            default => $this->parser->places->placeOrArray($value),
        };
        if (null === $place || !$this->parser->is(';') || !$this->isOnlyPlace($name->text, $this->parser->at) || $isOfItem && !$this->isMovedOn($name->text, $this->parser->at)) {
            $this->parser->at = $at;
            Parser::cutTo($this->parser->mistakes, $mistakes);

            return null;
        }
        $this->parser->semicolon();
        $this->parser->write($name->text, $name->offset);
        $this->parser->declared[$this->parser->scope][$name->text] = true;

        return $this->parser->ended(new SetVariable($this->parser->newId(), $name->text, $this->startedAt($name->text, $place), false, 'int'), $token->offset);
    }

    /** Whether a pointer is more than another name for the one thing that it points at. */
    private function isMovedOn(string $name, int $from): bool
    {
        $depth = 0;
        for ($at = $from; isset($this->parser->tokens[$at]) && 0 <= $depth; ++$at) {
            $depth += TokenKind::Sign !== $this->parser->tokens[$at]->kind ? 0 : ['{' => 1, '}' => -1][$this->parser->tokens[$at]->text] ?? 0;
            if ($name === $this->parser->tokens[$at]->text && (\in_array($this->parser->tokens[$at + 1]->text ?? '', self::BESIDE, true) || \in_array($this->parser->tokens[$at - 1]->text, ['++', '--'], true))) {
                return true;
            }
        }

        return false;
    }

    /** `it = beds.erase(it);` takes out what stands there, and stays there. */
    public function erasedAt(Token $token): ?Statement
    {
        $place = TokenKind::Name === $token->kind ? $this->parser->places->placeIn(new VariableRead($token->text)) : null;
        if (null === $place) {
            return null;
        }
        $start = $this->parser->at;
        $this->parser->at += 2;
        $value = $this->parser->expression();
        if (!$value instanceof Operation || OperationKey::DropAt !== $value->key || $value->arguments != [$place[1], $place[0]]) {
            $this->parser->at = $start;

            return null;
        }
        $this->parser->semicolon();

        return $this->parser->ended(new Perform($this->parser->newId(), $value), $token->offset);
    }

    /** What a name for a place gets is another place in the same list. */
    public function movedTo(string $name, Expression $value): ?Expression
    {
        $place = $this->parser->places->placeOrArray($value);

        return null === $place || $place[1] != $this->parser->iterators[$name][1] ? null : $place[0];
    }

    /** Whether all that is done with a name from a token on, up to the end of its block, is what a place is for. */
    public function isOnlyPlace(string $name, int $from, int $until = \PHP_INT_MAX): bool
    {
        $depth = 0;
        for ($at = $from; isset($this->parser->tokens[$at]) && 0 <= $depth && $at <= $until; ++$at) {
            $token = $this->parser->tokens[$at];
            $depth += TokenKind::Sign !== $token->kind ? 0 : ['{' => 1, '}' => -1][$token->text] ?? 0;
            $before = $this->parser->tokens[$at - 1];
            if ($token->text !== $name || TokenKind::Name !== $token->kind || \in_array($before->text, ['.', '->', '::'], true)) {
                continue;
            }
            $next = $this->parser->tokens[$at + 1]->text ?? '';
            $isFollowed = '*' === $before->text && !$this->endsValue($at - 2) || '->' === $next || '[' === $next;
            $isTaken = \in_array($before->text, ['(', ','], true) && \in_array($next, [')', ','], true);
            $isGiven = $isTaken && isset(self::TAKES_PLACE[$this->takerOf($at - 1)]);
            $isBeside = \in_array($next, self::BESIDE, true) || \in_array($before->text, ['++', '--', '<', '>', '<=', '>=', '==', '!=', '-', '='], true);
            $isFar = '-' === $next && TokenKind::Name === ($this->parser->tokens[$at + 2]->kind ?? null);
            if (!$isFollowed && !$isGiven && !$isFar && (!$isBeside || '<<' === $before->text || 'return' === $before->text)) {
                return false;
            }
        }

        return true;
    }

    /** What is called with what stands behind a bracket or a comma. */
    private function takerOf(int $at): string
    {
        while ($at > 0 && (',' === $this->parser->tokens[$at]->text || ')' === $this->parser->tokens[$at]->text)) {
            $at = ')' === $this->parser->tokens[$at]->text ? ($this->parser->partners[$at] ?? $at) - 1 : $at - 1;
            while ($at > 0 && !\in_array($this->parser->tokens[$at]->text, [',', '(', ')', ';', '{'], true)) {
                --$at;
            }
        }

        return '(' === $this->parser->tokens[$at]->text ? $this->parser->tokens[$at - 1]->text ?? '' : '';
    }

    private function endsValue(int $at): bool
    {
        $token = $this->parser->tokens[$at];
        if (')' === $token->text && \in_array($this->parser->tokens[($this->parser->partners[$at] ?? 0) - 1]->text ?? '', ['if', 'while', 'for'], true)) {
            return false;
        }

        return \in_array($token->kind, [TokenKind::Name, TokenKind::Number], true) || ')' === $token->text || ']' === $token->text;
    }
}
