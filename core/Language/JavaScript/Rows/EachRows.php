<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** Loops over all that something holds, as `for` and as calls of `forEach`. */
final class EachRows
{
    /** Up to which token no call of `forEach` was found in the row that was looked through last. */
    private int $noneBefore = 0;

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /**
     * `beds.forEach((bed) => { … });`: the same rows as those of a loop over the items.
     *
     * @return list<Statement>|null
     */
    public function forEach(Token $token, int $dot): ?array
    {
        $start = $this->parser->at;
        $head = $this->unnamedHead($dot + 3);
        $apart = null;
        if (null === $head && '(' === $this->parser->tokens[$dot + 3]->text && \in_array($this->parser->tokens[$dot + 4]->text ?? '', ['[', '{'], true)) {
            $closing = $this->parser->closingOf($dot + 3);
            $behind = ($this->parser->closingOf($dot + 4) ?? $dot) + 1;
            $place = ',' === ($this->parser->tokens[$behind]->text ?? '') && TokenKind::Name === ($this->parser->tokens[$behind + 1]->kind ?? null) ? $this->parser->tokens[$behind + 1]->text : null;
            if (null !== $closing && '=>' === ($this->parser->tokens[$closing + 1]->text ?? '') && $closing === $behind + (null === $place ? 0 : 2)) {
                $apart = $dot + 4;
                $head = [null === $place ? [$this->parser->nameFor('taken')] : [$this->parser->nameFor('taken'), $place], $closing + 2];
            }
        }
        if (null === $head) {
            return null;
        }
        [$names, $body] = $head;
        $opened = $this->parser->tokens[$dot + 2];
        [$until, $this->parser->until] = [$this->parser->until, $dot];
        $over = $this->parser->expression();
        $isAll = $this->parser->at === $dot;
        $this->parser->until = $until;
        if (!$isAll) {
            $this->parser->fail('unsupported', $opened, ['what' => '.forEach(…)']);
        }

        $parts = [];
        if (isset($names[2])) {
            // The third is the list itself (ECMA-262, 23.1.3.15).
            $over instanceof VariableRead || $this->parser->fail('unsupported', $opened, ['what' => '.forEach((…, …, …) => …)']);
            $parts = [[$names[2], $over, $token]];
            $names = [$names[0], $names[1]];
        }
        if (null !== $apart) {
            $this->parser->at = $apart;
            $parts = $this->parser->patternValues->pattern(new VariableRead($names[0]));
        }

        return [$this->forAll($token, $start, $opened, $names, $body, $over, $parts)];
    }

    /** @return array{non-empty-list<string>, int}|null the parameters of a function that stands in a call, and the token at which what it does begins */
    public function unnamedHead(int $index): ?array
    {
        $index += 'function' === ($this->parser->tokens[$index]->text ?? '') ? 1 : 0;
        $closing = '(' === ($this->parser->tokens[$index]->text ?? '') ? $this->parser->closingOf($index) : $index;
        if (null === $closing) {
            return null;
        }
        $names = [];
        for ($at = $index; $at <= $closing; ++$at) {
            if (TokenKind::Name === ($this->parser->tokens[$at]->kind ?? null)) {
                $names[] = $this->parser->tokens[$at]->text;
            } elseif (!\in_array($this->parser->tokens[$at]->text ?? '', ['(', ')', ','], true)) {
                return null;
            }
        }
        $body = $closing + ('=>' === ($this->parser->tokens[$closing + 1]->text ?? '') ? 2 : 1);
        if (!\in_array(\count($names), [1, 2, 3], true) || $body === $closing + 1 && '{' !== ($this->parser->tokens[$body]->text ?? '')) {
            return null;
        }

        return [$names, $body];
    }

    /**
     * What a function does with each item, as a loop.
     *
     * @param non-empty-list<string>                 $names of the item, and of its place
     * @param list<array{string, Expression, Token}> $apart names that get parts of the item
     */
    public function forAll(Token $token, int $start, Token $opened, array $names, int $body, Expression $over, array $apart = []): EachLoop
    {
        for ($at = $body, $end = '{' === ($this->parser->tokens[$body]->text ?? '') ? $this->parser->partners[$body] ?? $body : $body; 1 === \count($names) && $over instanceof VariableRead && $at < $end; ++$at) {
            if ($over->name === $this->parser->tokens[$at]->text && '.' === ($this->parser->tokens[$at + 1]->text ?? '') && \in_array($this->parser->tokens[$at + 2]->text ?? '', ['push', 'unshift'], true)) {
                // What is put behind meanwhile is not gone over (ECMAScript 2022, 23.1.3.15).
                $this->parser->fail('unsupported', $this->parser->tokens[$at], ['what' => "$over->name.forEach(… $over->name.{$this->parser->tokens[$at + 2]->text}(…))"]);
            }
        }
        $this->parser->at = $body;
        foreach ($names as $name) {
            $this->parser->write($name, $token->offset);
            $this->parser->declared[$this->parser->scope][$name] = true;
        }
        $id = $this->parser->newId();
        $first = $this->parser->functionRows->parts($apart, $token->offset);
        $end = $this->parser->is('{') ? $this->parser->offset() + 1 : $this->parser->endOffset();
        if ($this->parser->is('{')) {
            $this->parser->turns[] = \count($this->parser->loops) + 1;
            $rows = $this->parser->body($id, $start, 'head', 'body', true);
            array_pop($this->parser->turns);
            $this->parser->closeUnnamed($id, $start, $opened);
        } else {
            $rows = $this->oneValue($id, $token->offset, $opened);
        }

        $this->parser->atHead($first, $id, $end);
        $rows = [] === $first ? $rows : new Block([...$first, ...$rows->statements]);

        // A map hands its values over (ECMAScript 2022, 24.1.3.5), lists and sets their items.
        $one = 1 === preg_match('/\bnew\s+Map\b/', $this->parser->text) && !$over instanceof ListLiteral ? new Operation(OperationKey::ValuesOf, [$over]) : $over;

        return new EachLoop($id, array_reverse($names), 1 === \count($names) ? $one : new Operation(OperationKey::Numbered, [$over]), $rows);
    }

    /** @return int|null the point before a call for each item that is all of a row */
    public function eachCall(): ?int
    {
        if ($this->parser->at < $this->noneBefore && ',' === ($this->parser->tokens[$this->parser->at - 1]->text ?? '')) {
            // Of several in one row the first has looked behind all of them.
            return null;
        }
        for ($at = $this->parser->at; $at < $this->parser->until; ++$at) {
            $token = $this->parser->tokens[$at];
            if ($at > $this->parser->at && isset($this->parser->begins[$at]) && '.' !== $token->text || TokenKind::Sign === $token->kind && \in_array($token->text, [';', '=', '=>', '}'], true) || '{' === $token->text && $at > $this->parser->at) {
                break;
            }
            if ('.' === $token->text && 'forEach' === ($this->parser->tokens[$at + 1]->text ?? '') && '(' === ($this->parser->tokens[$at + 2]->text ?? '')) {
                return $at === $this->parser->at ? null : $at;
            }
            $at = TokenKind::Sign === $token->kind ? $this->parser->closingOf($at) ?? $at : $at;
        }
        $this->noneBefore = $at;

        return null;
    }

    /** A body that is one call: `beds.forEach((bed) => console.log(bed));`. */
    private function oneValue(int $id, int $start, Token $opened): Block
    {
        $this->parser->cut($id, 'head', $start, $this->parser->endOffset(), true);
        $before = $this->parser->parent;
        $this->parser->parent = $id;
        $offset = $this->parser->offset();
        $row = $this->parser->performed($this->parser->giving(1), $offset, $this->parser->endOffset());
        $this->parser->cut($row->id, 'head', $offset, $this->parser->endOffset(), true);
        $this->parser->parent = $before;
        $end = $this->parser->offset();
        $this->parser->close($opened);
        $this->parser->semicolon();
        $this->parser->cut($id, 'close', $end, $this->parser->endOffset());

        return new Block([$row]);
    }

    /** A loop over items, if this is one. */
    public function eachLoop(int $id, int $start, Token $opened): ?Statement
    {
        $isNew = $this->parser->is('let') || $this->parser->is('const') || $this->parser->is('var');
        if ($this->parser->is('var') && ($this->parser->is('of', 2) || $this->parser->is('in', 2)) && $this->parser->declarationRows->isSeenByFunction($this->parser->sign(1) ?? '', $this->parser->at + 2)) {
            $this->parser->fail('unsupported', $this->parser->peek(1), ['what' => 'for (var '.$this->parser->sign(1).' …) … => '.$this->parser->sign(1)]);
        }
        $ahead = $isNew ? 1 : 0;
        $names = [];
        $apart = null;
        if ($isNew && $this->parser->patternValues->isPattern(1) && null !== ($closing = $this->parser->closingOf($this->parser->at + 1)) && 'of' === ($this->parser->tokens[$closing + 1]->text ?? '') && !$this->isPlainAhead()) {
            ++$this->parser->at;
            // `[key, { … }]`: what stands for itself needs no name made up.
            $isPair = $this->parser->is('[') && TokenKind::Name === $this->parser->peek(1)?->kind && $this->parser->is(',', 2) && ($this->parser->is('{', 3) || $this->parser->is('[', 3)) && $closing === 1 + ($this->parser->closingOf($this->parser->at + 3) ?? 0);
            if ($isPair) {
                $names[] = $this->parser->tokens[$this->parser->at + 1]->text;
                $this->parser->at += 3;
            }
            $names[] = $taken = $this->parser->nameFor('taken');
            $apart = $this->parser->patternValues->pattern(new VariableRead($taken));
            $this->parser->at += $isPair ? 1 : 0;
            $ahead = $after = 0;
        } elseif ($this->parser->is('[', $ahead)) {
            for ($index = $ahead + 1; null !== ($token = $this->parser->peek($index)) && ']' !== $token->text; ++$index) {
                if (TokenKind::Name === $token->kind) {
                    $names[] = $token->text;
                }
            }
            $after = $index + 1;
            if ([] === $names) {
                // Nothing gets a name: a turn without one is no row here.
                $this->parser->fail('unsupported', $this->parser->peek($ahead), ['what' => 'for ([] of …)']);
            }
        } else {
            $token = $this->parser->peek($ahead);
            if (null === $token || TokenKind::Name !== $token->kind) {
                return null;
            }
            $names[] = $token->text;
            $after = $ahead + 1;
        }
        if (!$this->parser->is('of', $after) && !$this->parser->is('in', $after)) {
            return null;
        }
        $isIn = $this->parser->is('in', $after);
        $in = $this->parser->peek($after);
        $offset = $this->parser->offset();
        if (!$isNew && !$this->parser->isDeclared($names[0])) {
            $this->parser->mistake('let_missing', $offset, \strlen($names[0]), ['name' => $names[0]], [new Replacement($offset, 0, 'let ')]);
        }
        $this->parser->at += $after + 1;
        $overStart = $this->parser->offset();
        $over = $this->parser->value();
        if ($isIn && !$over instanceof MapLiteral && !$over instanceof ListLiteral && !$this->isWrittenOut($over) && $this->parser->madeByFunctions->givesToPrototypes() && !$this->asksForOwn($names[0], $overStart)) {
            // What is given to a prototype shows among the names of its objects (ECMAScript 2022, 14.7.5.9).
            $this->parser->fail('unsupported', $in, ['what' => 'for (… in …)']);
        }
        foreach ($names as $name) {
            if (!$isNew && $this->parser->isDeclared($name)) {
                $this->parser->given($name, $offset);
                continue;
            }
            $this->parser->write($name, $offset);
            isset($this->parser->declared[$this->parser->scope][$name]) || !$isNew || $this->parser->counted_($name);
            $this->parser->declared[$this->parser->scope][$name] = true;
        }
        if ($over instanceof Operation && OperationKey::Entries === $over->key && 1 === \count($names)) {
            $this->parser->failAt('unsupported', $overStart, $this->parser->endOffset() - $overStart, ['what' => 'for (… of Object.entries(…))']);
        }
        $this->parser->close($opened);
        $braced = $this->parser->opensBrace();
        $end = $braced ? $this->parser->offset() + 1 : $this->parser->endOffset();
        $rows = null === $apart ? [] : $this->parser->functionRows->parts($apart, $offset);
        $body = $this->parser->body($id, $start, 'head', 'body', true);
        if ([] !== $rows) {
            $this->parser->atHead($rows, $id, $end);
            $body = new Block([...$rows, ...$body->statements]);
        }
        if ($braced) {
            $this->parser->closeBrace($id, $start);
        }
        if ($isIn) {
            $over = new Operation(OperationKey::Keys, [$over]);
        }

        return new EachLoop($id, $names, $over, $body);
    }

    /** Whether a list of plain names stands behind the next token. */
    private function isPlainAhead(): bool
    {
        if (!$this->parser->is('[', 1)) {
            return false;
        }
        ++$this->parser->at;
        $isPlain = $this->parser->declarationRows->isPlainList();
        --$this->parser->at;

        return $isPlain;
    }

    /** Whether a variable holds what is written between braces, and never anything else. */
    private function isWrittenOut(Expression $over): bool
    {
        return $over instanceof VariableRead && 0 < ($given = preg_match_all('/(?<![\w.$])'.Names::asPattern($over->name).'\s*=(?!=)/', $this->parser->text)) && $given === preg_match_all('/(?<![\w.$])'.Names::asPattern($over->name).'\s*=\s*\{/', $this->parser->text);
    }

    /** Whether all that a loop does is done for the names of an object's own alone: `if (bed.hasOwnProperty(key)) …`. */
    private function asksForOwn(string $name, int $overStart): bool
    {
        $over = preg_replace('/\s+/', '', substr($this->parser->text, $overStart, $this->parser->endOffset() - $overStart));
        $at = $this->parser->at + 1;
        $brace = $this->parser->partners[$at] ?? null;
        $at += '{' === ($this->parser->tokens[$at]->text ?? '') && null !== $brace ? 1 : 0;
        $closing = 'if' === ($this->parser->tokens[$at]->text ?? '') ? $this->parser->partners[$at + 1] ?? null : null;
        if (null === $closing) {
            return false;
        }
        $asked = implode('', array_map(static fn (Token $token): string => $token->text, \array_slice($this->parser->tokens, $at + 2, $closing - $at - 2)));
        $last = '{' === ($this->parser->tokens[$closing + 1]->text ?? '') ? $this->parser->partners[$closing + 1] ?? $closing : $closing;
        for (; $last === $closing && isset($this->parser->tokens[$closing + 1]) && ';' !== $this->parser->tokens[$closing + 1]->text; ++$closing, ++$last) {
        }

        return \in_array($asked, ["$over.hasOwnProperty($name)", "Object.hasOwn($over,$name)"], true) && (null === $brace || \in_array($brace, [$last + 1, $last + 2], true));
    }
}
