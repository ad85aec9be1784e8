<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Parsing\Vocabulary;

/**
 * Calls that take time and are not awaited: the program would go on at once. And `await` within a function that is not
 * `async`, which is no JavaScript (ECMA-262, 15.8 and 16.2).
 *
 * Functions of one expression are left alone: what they give is a promise, which whoever calls them can await.
 */
final class Awaiting
{
    /** @var list<Mistake> */
    private array $mistakes = [];
    /** @var list<array{bool, int, bool}> for each brace that is open: whether `await` may stand in it, where its function begins, and whether that was told */
    private array $around = [[true, 0, false]];
    private bool $hasFittings = false;
    /** @var array<string, true> methods of classes that give one */
    private array $promisingMethods = [];
    /** @var array<string, true> names that the text declares */
    private array $own = [];
    /** @var array<string, true> functions that give a promise */
    private array $promising;

    /**
     * @param list<Token>         $tokens  without spaces and remarks
     * @param array<string, true> $waiting own functions that wait
     * @param bool                $isApart whether own functions may go on beside others
     */
    private function __construct(private readonly array $tokens, array $waiting, bool $isApart)
    {
        $this->promising = $isApart ? [] : $waiting;
        foreach ($tokens as $at => $token) {
            if (\in_array($token->text, ['const', 'let', 'var', 'function', 'class'], true) && TokenKind::Keyword === $token->kind && isset($tokens[$at + 1])) {
                $this->own[$tokens[$at + 1]->text] = true;
            }
            $this->hasFittings = $this->hasFittings || TokenKind::Name === $token->kind && !isset($this->own[$token->text]) && null !== FittingKind::ofClass($token->text);
            if (!$isApart && 'async' === $token->text && TokenKind::Text !== $token->kind) {
                $name = $this->is($at + 1, 'function') ? $at + 2 : ($this->is($at - 1, '=') ? $at - 2 : -1);
                if ($this->is($at + 2, '(') && TokenKind::Name === ($tokens[$at + 1]->kind ?? null) && !$this->is($at - 1, '=')) {
                    $this->promisingMethods[$tokens[$at + 1]->text] = true;
                }
                if (TokenKind::Name === ($tokens[$name]->kind ?? null)) {
                    $this->promising[$tokens[$name]->text] = true;
                }
            }
        }
    }

    /**
     * @param list<Token>         $tokens
     * @param array<string, true> $waiting
     *
     * @return list<Mistake>
     */
    public static function mistakes(array $tokens, array $waiting, bool $isApart = false): array
    {
        $self = new self($tokens, $waiting, $isApart);
        foreach (array_keys($tokens) as $at) {
            $self->look($at);
        }

        return $self->mistakes;
    }

    private function look(int $at): void
    {
        if ($this->is($at, '{')) {
            $this->around[] = $this->opened($at);
        } elseif ($this->is($at, '}')) {
            if (\count($this->around) > 1) {
                array_pop($this->around);
            }
        } elseif ($this->is($at, 'await')) {
            $this->insideAsync($at);
        } elseif ($this->is($at, '(') && null !== ($from = $this->takesTime($at)) && !$this->is($from - 1, 'await') && !$this->isGivenOn($from) && !$this->isLast($from, $at)) {
            $this->notAwaited($from, $at - 1);
        }
    }

    /** @return array{bool, int, bool} */
    private function opened(int $at): array
    {
        $isArrow = $this->is($at - 1, '=>');
        $closing = $at - ($isArrow ? 2 : 1);
        if (!$this->is($closing, ')')) {
            return $isArrow ? $this->begun($closing) : $this->here();
        }
        for ($depth = 0, $open = $closing; $open >= 0; --$open) {
            $depth += $this->is($open, ')') ? 1 : ($this->is($open, '(') ? -1 : 0);
            if (0 === $depth) {
                break;
            }
        }
        if ($isArrow) {
            return $this->begun($open);
        }
        $word = $this->is($open - 1, 'function') ? $open - 1 : ($this->is($open - 2, 'function') ? $open - 2 : null);

        return null === $word ? $this->here() : $this->begun($word);
    }

    /** @return array{bool, int, bool} */
    private function begun(int $at): array
    {
        return [$this->is($at - 1, 'async'), $this->tokens[max(0, $at)]->offset, false];
    }

    /** @return int|null where a call begins that takes time */
    private function takesTime(int $opened): ?int
    {
        $name = $this->tokens[$opened - 1] ?? null;
        if (null === $name || TokenKind::Name !== $name->kind) {
            return null;
        }
        if (!$this->is($opened - 2, '.')) {
            $entry = Vocabulary::commands(Language::JavaScript)['sleep' === $name->text ? 'wait' : $name->text] ?? null;
            $isOwn = isset($this->promising[$name->text]);

            return !$this->is($opened - 2, 'function') && ($isOwn || true === $entry?->takesTime && !isset($this->own[$name->text])) ? $opened - 1 : null;
        }
        if (isset($this->promisingMethods[$name->text])) {
            return $this->beginOfChain($opened - 2);
        }
        $object = $this->tokens[$opened - 3] ?? null;
        if (null === $object || TokenKind::Name !== $object->kind || $this->is($opened - 4, '.')) {
            return null;
        }
        $entry = Vocabulary::commands(Language::JavaScript)["$object->text.$name->text"] ?? null;
        if (null !== $entry) {
            return $entry->takesTime ? $opened - 3 : null;
        }
        if (!$this->hasFittings) {
            // Without a machine in the program a method of such a name is somebody's own.
            return null;
        }
        $operation = SpellingIndex::of(Language::JavaScript)->methods[$name->text][0][0] ?? null;

        return null !== $operation && str_starts_with(ValueOperations::find($operation)->spellings['javascript'][0] ?? '', 'await ') ? $opened - 3 : null;
    }

    /** Where what stands before a point begins: `this.beds[0].water` */
    private function beginOfChain(int $point): int
    {
        for ($at = $point - 1, $depth = 0; $at >= 0; --$at) {
            $depth += $this->is($at, ')') || $this->is($at, ']') ? 1 : ($this->is($at, '(') || $this->is($at, '[') ? -1 : 0);
            if (0 === $depth && !$this->is($at, '(') && !$this->is($at, '[')) {
                $isName = TokenKind::Name === $this->tokens[$at]->kind || $this->is($at, 'this') || $this->is($at, 'super');
                if (!$isName || !$this->is($at - 1, '.')) {
                    return $isName ? $at : $at + 1;
                }
                --$at;
            }
        }

        return $point - 1;
    }

    /** `() => wait(1)`, `return grow()`: whoever called gets the promise. */
    private function isGivenOn(int $from): bool
    {
        return $this->is($from - 1, '=>') || $this->is($from - 1, 'return') && \count($this->around) > 1 && $this->here()[0];
    }

    /** Whether nothing runs behind a call of an own function any more that would go on too early: `main();` at the end. */
    private function isLast(int $from, int $opened): bool
    {
        if (!isset($this->promising[$this->tokens[$opened - 1]->text]) || 1 !== \count($this->around) || $from > 0 && !\in_array($this->tokens[$from - 1]->text, [';', '}', ')'], true)) {
            return false;
        }
        for ($depth = 0, $at = $opened; isset($this->tokens[$at]); ++$at) {
            $depth += $this->is($at, '(') ? 1 : ($this->is($at, ')') ? -1 : 0);
            if (0 === $depth) {
                break;
            }
        }
        while ($this->is(++$at, '.') && $this->is($at + 2, '(')) {
            // What is done then belongs to it: `main().catch(console.error);`
            for ($depth = 0, $at += 2; isset($this->tokens[$at]); ++$at) {
                $depth += $this->is($at, '(') ? 1 : ($this->is($at, ')') ? -1 : 0);
                if (0 === $depth) {
                    break;
                }
            }
        }
        while ($this->is($at, ';')) {
            ++$at;
        }
        // Functions below are there from the start.
        while ($this->is($at, 'function') || $this->is($at, 'async') && $this->is($at + 1, 'function')) {
            for ($depth = 0; isset($this->tokens[$at]); ++$at) {
                $depth += $this->is($at, '{') ? 1 : ($this->is($at, '}') ? -1 : 0);
                if ($this->is($at, '}') && 0 === $depth) {
                    break;
                }
            }
            ++$at;
        }

        return !isset($this->tokens[$at]);
    }

    private function notAwaited(int $from, int $name): void
    {
        $fix = [new Replacement($this->tokens[$from]->offset, 0, 'await ')];
        $here = $this->here();
        if (!$here[0]) {
            $fix[] = new Replacement($here[1], 0, 'async ');
            $this->tell();
        }
        $this->mistakes[] = new Mistake('await_missing', $this->tokens[$from]->offset, $this->tokens[$name]->offset + \strlen($this->tokens[$name]->text) - $this->tokens[$from]->offset, ['name' => $this->tokens[$name]->text], $fix);
    }

    private function insideAsync(int $at): void
    {
        $here = $this->here();
        if (!$here[0] && !$here[2] && !$this->isInSmallFunction($at)) {
            $this->tell();
            $this->mistakes[] = new Mistake('async_missing', $this->tokens[$at]->offset, 5, [], [new Replacement($here[1], 0, 'async ')]);
        }
    }

    /** `async () => await wait(1)` */
    private function isInSmallFunction(int $at): bool
    {
        return $this->is($at - 1, '=>');
    }

    /** @return array{bool, int, bool} */
    private function here(): array
    {
        return end($this->around) ?: [true, 0, false];
    }

    /** One function is told of once: in it and in the braces within it. */
    private function tell(): void
    {
        $start = $this->here()[1];
        foreach ($this->around as $index => $brace) {
            if ($brace[1] === $start && !$brace[0]) {
                $this->around[$index][2] = true;
            }
        }
    }

    private function is(int $at, string $text): bool
    {
        return isset($this->tokens[$at]) && $this->tokens[$at]->text === $text && TokenKind::Text !== $this->tokens[$at]->kind;
    }
}
