<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Values;

use Scrivlet\Core\Language\JavaScript\JavaScriptExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;

/** Functions of one value that stand where a value does. */
final class SmallFunctions
{
    /** How many tokens a row may have before a small function in it. */
    private const LONGEST_HEAD = 300;
    /** @var list<int>|null where functions without a name may begin, by their place among the tokens */
    private ?array $small = null;
    /** the first of them that stands behind where a row began that was asked for last */
    private int $nextSmall = 0;

    public function __construct(private readonly JavaScriptExpressions $parser)
    {
    }

    /** Whether what a function gives is in braces, or a function with braces stands in it, which sees its parameters. */
    public function holdsRows(int $index): bool
    {
        $depth = 0;
        if ('{' === ($this->parser->tokens[$index]->text ?? '')) {
            return !$this->onlyGives($index);
        }
        // Where a function within takes what is left, or has values for what is left out, it is one with rows as well.
        $takesMore = [];
        for (; $index < $this->parser->until && $depth >= 0; ++$index) {
            $text = $this->parser->tokens[$index]->text;
            if (TokenKind::Text === $this->parser->tokens[$index]->kind) {
                continue;
            }
            $last = $this->parser->tokens[$index - 1];
            if (0 === $depth && TokenKind::Keyword === $this->parser->tokens[$index]->kind && !\in_array($text, ['in', 'instanceof'], true)
                && (\in_array($last->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true) || \in_array($last->text, [')', ']', '}'], true))) {
                return false;
            }
            $isRows = '=>' === $text && ('{' === ($this->parser->tokens[$index + 1]->text ?? '') && !$this->onlyGives($index + 1) || isset($takesMore[$index - 1]));
            if ($isRows || 'function' === $text) {
                return true;
            }
            $closing = '(' === $text ? $this->parser->closingOf($index) : null;
            if (null !== $closing && '=>' === ($this->parser->tokens[$closing + 1]->text ?? '') && [] !== array_filter(\array_slice($this->parser->tokens, $index + 1, $closing - $index - 1), static fn (Token $token): bool => '=' === $token->text || '...' === $token->text)) {
                $takesMore[$closing] = true;
            }
            if (0 === $depth && (',' === $text || ';' === $text)) {
                return false;
            }
            $depth += \in_array($text, ['(', '[', '{'], true) ? 1 : (\in_array($text, [')', ']', '}'], true) ? -1 : 0);
        }

        return false;
    }

    /** Whether a function in brackets is called at once, and nothing stands behind that: `(async () => { … })();` */
    public function isCalledLast(): bool
    {
        $closing = '(' === ($this->parser->tokens[$this->parser->at - 1]->text ?? '') ? $this->parser->closingOf($this->parser->at - 1) : null;
        $end = null !== $closing && '(' === ($this->parser->tokens[$closing + 1]->text ?? '') ? $this->parser->closingOf($closing + 1) : null;

        return '' === $this->parser->scope && null !== $end && !isset($this->parser->tokens[$end + (';' === ($this->parser->tokens[$end + 1]->text ?? '') ? 2 : 1)]);
    }

    /** @param list<string> $names */
    public function arrow(array $names): Expression
    {
        ++$this->parser->at;

        return new Lambda($names, $this->parser->inLambda(fn (): Expression => $this->onlyGiven() ?? $this->printedValue() ?? $this->parser->giving(1), ...$names));
    }

    /** What a function gives whose one row gives something back: `{ return a - b; }`; null for a value without braces. */
    public function onlyGiven(): ?Expression
    {
        $opened = $this->parser->peek();
        if (null === $opened || '{' !== $opened->text || !$this->onlyGives($this->parser->at)) {
            return null;
        }
        $this->parser->at += 2;
        $value = $this->printedValue() ?? $this->parser->giving(1);
        $this->parser->accept(';');
        $this->parser->close($opened);

        return $value;
    }

    /** Whether a row that begins at a token may have a function in it that can be read as a small one. */
    public function mayHoldSmall(int $start): bool
    {
        $this->small ??= $this->functions();
        if (($this->small[$this->nextSmall] ?? -1) < $start || ($this->small[$this->nextSmall - 1] ?? -1) >= $start) {
            [$low, $high] = [0, \count($this->small)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                $this->small[$middle] < $start ? $low = $middle + 1 : $high = $middle;
            }
            $this->nextSmall = $low;
        }

        return isset($this->small[$this->nextSmall]) && $this->small[$this->nextSmall] - $start <= self::LONGEST_HEAD;
    }

    /** @return list<int> the tokens at which functions show */
    private function functions(): array
    {
        $found = [];
        foreach ($this->parser->tokens as $index => $token) {
            if ('=>' === $token->text || 'function' === $token->text) {
                $found[] = $index;
            }
        }

        return $found;
    }

    /** Whether the braces that open at a token hold one row that gives something back, and nothing else. */
    private function onlyGives(int $brace): bool
    {
        $end = $this->parser->readsSmall && 'return' === ($this->parser->tokens[$brace + 1]->text ?? '') && !isset($this->parser->begins[$brace + 2]) && ';' !== ($this->parser->tokens[$brace + 2]->text ?? ';') ? $this->parser->closingOf($brace) : null;
        if (null === $end || isset($this->parser->remarksBefore[$end]) || isset($this->parser->remarksBefore[$brace + 1])) {
            return false;
        }
        if (str_contains($this->parser->text, 'arguments') && 'function' === ($this->parser->tokens[$brace - 3]->text ?? '') && $this->parser->saysArguments($brace)) {
            // A small function takes what it says, and nothing else.
            return false;
        }
        for ($at = $brace + 2; $at < $end; ++$at) {
            if (';' === $this->parser->tokens[$at]->text && $at !== $end - 1 || $at > $brace + 2 && isset($this->parser->begins[$at]) && \in_array($this->parser->tokens[$at]->kind, [TokenKind::Name, TokenKind::Keyword], true)) {
                return false;
            }
            $at = $this->parser->closingOf($at) ?? $at;
        }

        return true;
    }

    /** `(bed) => { console.log(bed); }` in a loop, which sees the variables of its turn: a function with that one row; null for any other. */
    public function onlyPrinting(int $closing): ?Lambda
    {
        $texts = array_map(static fn (Token $token): string => $token->text, \array_slice($this->parser->tokens, $closing + 2, 5));
        $names = [];
        for ($index = $this->parser->at + 1; $index < $closing; ++$index) {
            if (TokenKind::Name === $this->parser->tokens[$index]->kind) {
                $names[] = $this->parser->tokens[$index]->text;
            } elseif (',' !== $this->parser->tokens[$index]->text) {
                return null;
            }
        }
        $end = ['{', 'console', '.', 'log', '('] === $texts ? $this->parser->closingOf($closing + 6) : null;
        $brace = null === $end ? null : $end + (';' === ($this->parser->tokens[$end + 1]->text ?? '') ? 2 : 1);
        if (null === $brace || '}' !== ($this->parser->tokens[$brace]->text ?? '')) {
            return null;
        }
        $this->parser->at = $closing + 3;
        $value = $this->parser->inLambda(fn (): Expression => $this->printedValue() ?? new NothingLiteral(true), ...$names);
        $this->parser->at = $brace + 1;

        return new Lambda($names, $value);
    }

    /** `() => console.log(bed)` shows something, and gives nothing back. */
    public function printedValue(): ?Operation
    {
        $opened = $this->parser->is('console') && $this->parser->is('.', 1) && $this->parser->is('log', 2) ? $this->parser->peek(3) : null;
        if ('(' !== $opened?->text) {
            return null;
        }
        $this->parser->at += 4;

        return new Operation(OperationKey::Printed, $this->parser->namedArguments->handed($this->parser->arguments($opened)));
    }
}
