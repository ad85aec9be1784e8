<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** `switch`: branches that compare one value, and those that run on into the next. */
final class Switches
{
    /** @var array<int, true> switches of which a case runs on, by where they stand: so one within another is not read again and again */
    private array $falling = [];

    public function __construct(private readonly BraceParser $parser)
    {
    }

    /**
     * A switch is a row of branches that compare one value; its breaks only end them.
     *
     * @return list<Statement>
     */
    public function switched(): array
    {
        $token = $this->parser->peek();
        if (isset($this->falling[$token->offset ?? 0])) {
            return [$this->fallingSwitch()];
        }
        $state = [\count($this->parser->mistakes), \count($this->parser->cuts), $this->parser->ids, $this->parser->parent, $this->parser->scope, $this->parser->loops, $this->parser->remarksBefore];
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $subject = $this->parser->braceConditions->condition('switch');
        if (!$this->parser->accept('{')) {
            $this->parser->fail('unsupported', $token, ['what' => 'switch']);
        }
        $ahead = $this->askedOnce($subject, $this->parser->tokens[$start]->offset);
        $branches = [];
        $otherwise = null;
        $isLeftInside = false;
        $offset = $this->parser->tokens[$start]->offset;
        while (!$this->parser->is('}')) {
            [$tests, $isDefault] = $this->caseTests($subject);
            // `case 0: default:` is for all others as well.
            if ([] === $tests && !$isDefault || null !== $otherwise) {
                $this->parser->fail('unsupported', $token, ['what' => 'switch']);
            }
            $part = $isDefault ? Conditional::OTHERWISE : ([] === $branches ? 'head' : 'then'.\count($branches));
            $isBraced = $this->parser->accept('{');
            $this->parser->cut($id, $part, $offset, $this->parser->endOffset());
            $this->parser->loops[] = $offset;
            $before = $this->parser->parent;
            $this->parser->parent = $id;
            $rows = $this->parser->block($start);
            $this->parser->parent = $before;
            array_pop($this->parser->loops);
            $offset = $this->parser->offset();
            if ($isBraced && !$this->parser->accept('}')) {
                $this->parser->fail('brace_missing', $token, ['line' => $this->parser->lineOf($offset)]);
            }
            $isLeft = $isBraced && $this->parser->accept('break');
            if ($isLeft) {
                $this->parser->semicolon();
            }
            $last = BraceParser::lastRow($rows);
            if ($last instanceof BreakLoop) {
                $offset = $this->closedBy($last, $rows) ?? $offset;
            } elseif (null !== $last && !$isLeft && !$this->parser->is('}') && !self::goesAway($last)) {
                return [$this->again($state, $start)];
            }
            $isLeftInside = $isLeftInside || self::leavesItself($rows);
            if ($isDefault) {
                $otherwise = new Block($rows);
            } else {
                $condition = array_shift($tests);
                foreach ($tests as $test) {
                    $condition = new Binary(Operator::Or, $condition ?? $test, $test);
                }
                $branches[] = new Branch($condition ?? new TruthLiteral(true), new Block($rows));
            }
        }
        ++$this->parser->at;
        $this->parser->cut($id, 'close', $offset, $this->parser->endOffset());
        if ([] === $branches) {
            $this->parser->fail('unsupported', $token, ['what' => 'switch']);
        }

        $choice = new Conditional($id, $branches, $otherwise);

        return [...$ahead, $isLeftInside ? $this->leftByBreaks($choice, $token, $offset) : $choice];
    }

    /**
     * Reads a switch once more, as one that no branches of a condition say.
     *
     * @param array{int, int, int, int, string, list<int>, array<int, list<Token>>} $state what was known where it begins
     */
    private function again(array $state, int $start): Statement
    {
        [$mistakes, $cuts, $this->parser->ids, $this->parser->parent, $this->parser->scope, $this->parser->loops, $this->parser->remarksBefore] = $state;
        Parser::cutTo($this->parser->mistakes, $mistakes);
        Parser::cutTo($this->parser->cuts, $cuts);
        $this->parser->at = $start;
        $this->falling[$this->parser->offset()] = true;

        return $this->fallingSwitch();
    }

    /** @return array{list<Expression>, bool} what the labels above some rows ask of a value, and whether `default` is one of them */
    private function caseTests(Expression $subject): array
    {
        $tests = [];
        $isDefault = false;
        while ($this->parser->is('case') || $this->parser->is('default')) {
            if ($this->parser->accept('default')) {
                $isDefault = true;
            } else {
                ++$this->parser->at;
                $tests[] = new Binary(Operator::Equal, $subject, $this->parser->value());
            }
            if (!$this->parser->accept(':')) {
                $this->parser->fail('colon_missing', null, ['after' => 'case'], [new Replacement($this->parser->endOffset(), 0, ':')]);
            }
        }

        return [$tests, $isDefault];
    }

    /** Whether nothing runs behind a row. */
    private static function goesAway(Statement $row): bool
    {
        return $row instanceof GiveBack || $row instanceof LeaveFunction || $row instanceof ContinueLoop || $row instanceof Raise || $row instanceof RaiseObject || $row instanceof PassOn;
    }

    /**
     * A switch of which a case runs on into the next one (ECMA-262, 14.12.4; C++17, 9.4.2): each case is a branch of its own,
     * in a loop that runs once, and a variable remembers that the one above ran on.
     */
    private function fallingSwitch(): Statement
    {
        $token = $this->parser->peek();
        $begin = $this->parser->offset();
        $start = $this->parser->at++;
        $loop = $this->parser->newId();
        $subject = $this->parser->braceConditions->condition('switch');
        $this->parser->accept('{');
        $falls = $this->parser->nameFor('runs_on');
        $this->parser->cut($loop, 'head', $begin, $begin);
        [$outer, $this->parser->parent] = [$this->parser->parent, $loop];
        $rows = [$this->setInside($falls, new TruthLiteral(false), $begin), ...$this->askedOnce($subject, $begin)];
        $set = \count($rows);
        while (!$this->parser->is('}')) {
            $from = $set === \count($rows) ? $begin : $this->parser->offset();
            [$tests, $isDefault] = $this->caseTests($subject);
            if ([] === $tests && !$isDefault) {
                $this->parser->fail('unsupported', $token, ['what' => 'switch']);
            }
            $test = array_reduce($tests, static fn (?Expression $before, Expression $one): Expression => null === $before ? $one : new Binary(Operator::Or, $before, $one));
            $id = $this->parser->newId();
            $isBraced = $this->parser->accept('{');
            $this->parser->cut($id, 'head', $from, $this->parser->endOffset());
            $this->parser->loops[] = $begin;
            $this->parser->parent = $id;
            $inside = $this->parser->block($start);
            // Behind remarks that end its rows.
            $end = $isBraced ? $this->parser->offset() : max($this->parser->endOffset(), ...array_map(static fn (Cut $cut): int => $cut->end, \array_slice($this->parser->cuts, -1)));
            if ($isBraced && !$this->parser->accept('}')) {
                $this->parser->fail('brace_missing', $token, ['line' => $this->parser->lineOf($end)]);
            }
            if ($isBraced && $this->parser->accept('break')) {
                $this->parser->semicolon();
                $inside[] = $left = new BreakLoop($this->parser->newId());
                $this->parser->cut($left->id, 'head', $end, $end);
            }
            $last = BraceParser::lastRow($inside);
            if (!$this->parser->is('}') && ($isDefault || null !== $last && !$last instanceof BreakLoop && !self::goesAway($last))) {
                $isDefault && $this->parser->fail('unsupported', $token, ['what' => 'switch { default: … case … }']);
                $inside[] = $on = new SetVariable($this->parser->newId(), $falls, new TruthLiteral(true));
                $this->parser->cut($on->id, 'head', $end, $end);
            }
            $this->parser->parent = $loop;
            array_pop($this->parser->loops);
            $this->parser->cut($id, 'close', $end, $isBraced ? $this->parser->endOffset() : $end);
            $condition = $isDefault || null === $test ? new TruthLiteral(true) : ($set === \count($rows) ? $test : new Binary(Operator::Or, new VariableRead($falls), $test));
            $rows[] = new Conditional($id, [new Branch($condition, new Block($inside))], null);
        }
        $this->parser->parent = $outer;
        foreach (Walk::statements($rows) as $row) {
            if ($row instanceof ContinueLoop) {
                $this->parser->fail('unsupported', $token, ['what' => 'switch { … continue; … }']);
            }
        }
        $offset = $this->parser->offset();
        ++$this->parser->at;
        $this->parser->cut($loop, 'close', $offset, $this->parser->endOffset());

        return new DoWhile($loop, new TruthLiteral(false), new Block($rows));
    }

    /**
     * What may be another value when it is asked for a second time is kept under a name.
     *
     * @return list<SetVariable> the row that keeps it, if one is needed
     */
    private function askedOnce(Expression &$subject, int $offset): array
    {
        if ($this->parser->isPlain($subject)) {
            return [];
        }
        $row = $this->setInside($this->parser->nameFor('switched'), $subject, $offset);
        $subject = new VariableRead($row->variable);

        return [$row];
    }

    /** A row of its own for what the text has no row for. */
    private function setInside(string $name, Expression $value, int $offset): SetVariable
    {
        $this->parser->write($name, $offset);
        $this->parser->declared[$this->parser->scope][$name] = true;
        $row = new SetVariable($this->parser->newId(), $name, $value);
        $this->parser->cut($row->id, 'head', $offset, $offset);

        return $row;
    }

    /**
     * Whether rows leave the switch around them, not a loop in it.
     *
     * @param list<Statement> $rows
     */
    private static function leavesItself(array $rows): bool
    {
        foreach ($rows as $row) {
            if ($row instanceof BreakLoop) {
                return true;
            }
            foreach ($row->isLoop() || $row instanceof FunctionDefinition ? [] : $row->bodies() as $body) {
                if (self::leavesItself($body->statements)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A switch that is left from inside of its rows: the branches stand in a loop that runs once. */
    private function leftByBreaks(Conditional $choice, ?Token $token, int $end): Statement
    {
        foreach (Walk::statements([$choice]) as $row) {
            if ($row instanceof ContinueLoop) {
                $this->parser->fail('unsupported', $token, ['what' => 'switch { … continue; … }']);
            }
        }
        $loop = $this->parser->newId();
        $start = $token->offset ?? 0;
        foreach ($this->parser->cuts as $index => $cut) {
            if ($cut->id === $choice->id) {
                $this->parser->cuts[$index] = new Cut($cut->id, $cut->part, $cut->start, $cut->end, $loop, $cut->tight);
            }
        }
        $this->parser->cut($loop, 'head', $start, $start);
        $this->parser->cut($loop, 'close', $this->parser->endOffset(), $this->parser->endOffset());

        return new DoWhile($loop, new TruthLiteral(false), new Block([$choice]));
    }

    /**
     * Takes a last row away that belongs to what closes the rows, with the remarks behind it: they stay in its text.
     *
     * @param list<Statement> $rows
     *
     * @return int|null where its text begins
     */
    public function closedBy(Statement $last, array &$rows): ?int
    {
        $at = (int) array_search($last, $rows, true);
        foreach (array_splice($rows, $at + 1) as $remark) {
            $this->parser->uncut($remark->id);
        }
        array_pop($rows);
        $offset = $this->parser->uncut($last->id);
        if (null !== $offset) {
            $this->withRowsBefore($offset);
        }

        return $offset;
    }

    /** Rows without text of their own that stood before what is gone stand behind the row above it. */
    private function withRowsBefore(int $offset): void
    {
        $moved = array_filter($this->parser->cuts, static fn (Cut $cut): bool => 'head' === $cut->part && $cut->start === $offset && $cut->end === $offset);
        if ([] === $moved) {
            return;
        }
        $end = max(0, ...array_map(static fn (Cut $cut): int => $cut->start < $cut->end && $cut->end <= $offset ? $cut->end : 0, $this->parser->cuts));
        foreach ($moved as $index => $cut) {
            $this->parser->cuts[$index] = new Cut($cut->id, $cut->part, $end, $end, $cut->parent, $cut->tight);
        }
    }
}
