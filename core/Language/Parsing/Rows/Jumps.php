<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Rows that leave a loop, by a label or without one. */
final class Jumps
{
    /** @var array<string, int> how deep the loops stand that have a label, by the label */
    private array $labels = [];
    /** @var array<int, array<string, array{'break'|'continue', int}>> by how deep a loop stands, what remembers that it was left for one further out, how, and how deep that one stands */
    private array $jumps = [];

    public function __construct(private readonly BraceParser $parser)
    {
    }

    /** Whether a `goto` leads to a label, which means nothing else (C++17, 9.1). */
    public function jumpsTo(string $label): bool
    {
        foreach ($this->parser->tokens as $index => $token) {
            if ('goto' === $token->text && $label === ($this->parser->tokens[$index + 1]->text ?? '')) {
                return true;
            }
        }

        return false;
    }

    /**
     * `rows: for (…) { … }`, which loops inside of it may leave (ECMA-262, 14.13).
     *
     * @return list<Statement>
     */
    public function labelled(Token $token): array
    {
        $before = $this->labels;
        $this->labels[$token->text] = \count($this->parser->loops) + 1;
        $start = $this->parser->at;
        $this->parser->at += 2;
        $rows = $this->parser->statement();
        $this->labels = $before;
        $this->parser->beginAt($rows[0], $this->parser->tokens[$start]->offset);

        return $rows;
    }

    /**
     * A loop, with what remembers that it was left for a loop around it.
     *
     * @param \Closure(): list<Statement> $read
     *
     * @return list<Statement>
     */
    public function leftFrom(\Closure $read): array
    {
        $depth = \count($this->parser->loops) + 1;
        [$start, $before] = [$this->parser->offset(), $this->jumps[$depth] ?? null];
        $this->jumps[$depth] = [];
        $rows = $read();
        $first = $last = [];
        foreach ($this->jumps[$depth] as $flag => [$how, $target]) {
            $id = $this->parser->newId();
            $this->parser->cut($id, 'head', $end = $this->parser->endOffset(), $end);
            $parent = $this->parser->parent;
            $this->parser->parent = $id;
            $leaves = 'continue' === $how && $target === $depth - 1 ? new ContinueLoop($this->parser->newId()) : new BreakLoop($this->parser->newId());
            $this->parser->cut($leaves->id, 'head', $end, $end);
            $this->parser->parent = $parent;
            $this->parser->cut($id, 'close', $end, $end);
            $last[] = new Conditional($id, [new Branch(new VariableRead($flag), new Block([$leaves]))], null);
            if ($target === $depth - 1) {
                $first[] = $row = new SetVariable($this->parser->newId(), $flag, new TruthLiteral(false), false, $this->parser->notation->typed ? 'bool' : null);
                $this->parser->cut($row->id, 'head', $start, $start);
            }
        }
        unset($this->jumps[$depth]);
        if (null !== $before) {
            $this->jumps[$depth] = $before;
        }

        return [...$first, ...$rows, ...$last];
    }

    /**
     * `break rows;`: what leaves the loop here is remembered until the one with the label.
     *
     * @return list<Statement>
     */
    public function leavingTo(Token $token, string $label): array
    {
        $target = $this->labels[$label] ?? $this->parser->fail('unknown_name', $this->parser->peek(1), ['name' => $label]);
        $start = $token->offset;
        $this->parser->at += 2;
        $this->parser->semicolon();
        $isBreak = 'break' === $token->text;
        $depth = \count($this->parser->loops);
        if ($target === $depth) {
            return [$this->parser->ended($isBreak ? new BreakLoop($this->parser->newId()) : new ContinueLoop($this->parser->newId()), $start)];
        }
        $flag = $this->parser->nameFor($isBreak ? 'left' : 'skipped');
        $this->parser->write($flag, $start);
        $this->parser->declared[$this->parser->scope][$flag] = true;
        for ($level = $target + 1; $level <= $depth; ++$level) {
            $this->jumps[$level][$flag] = [$isBreak ? 'break' : 'continue', $target];
        }
        $set = $this->parser->ended(new SetVariable($this->parser->newId(), $flag, new TruthLiteral(true)), $start);
        $leaves = new BreakLoop($this->parser->newId());
        // A switch takes the last one of its rows away, and leaves the other one its text.
        $this->parser->cut($leaves->id, 'head', $this->parser->endOffset(), $this->parser->endOffset());

        return [$set, $leaves];
    }

    public function leaving(Token $token): Statement
    {
        if ([] === $this->parser->loops) {
            $this->parser->fail('outside_loop', $token, ['word' => $token->text]);
        }
        ++$this->parser->at;
        $label = $this->parser->peek();
        if (null !== $label && TokenKind::Name === $label->kind && !isset($this->parser->begins[$this->parser->at])) {
            $this->parser->fail('unsupported', $token, ['what' => "$token->text $label->text"]);
        }
        $this->parser->semicolon();
        $row = 'break' === $token->text ? new BreakLoop($this->parser->newId()) : new ContinueLoop($this->parser->newId());

        return $this->parser->ended($row, $token->offset);
    }
}
