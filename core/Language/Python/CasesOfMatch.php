<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** `match` and its cases as a row of branches that compare one value (The Python Language Reference, 8.6). */
trait CasesOfMatch
{
    /** Whether a line begins a `match`: it is a word like any other elsewhere. */
    private function isMatch(LogicalLine $line): bool
    {
        if (!$this->is('match')) {
            return false;
        }
        $below = $this->codeBelow();

        return ':' === ($this->tokens[$this->until - 1]->text ?? '') && $this->until - $this->at > 2
            && null !== $below && $below->column() > $line->column() && 'case' === $this->tokens[$below->from]->text;
    }

    /** @return list<Statement> */
    private function matched(LogicalLine $line): array
    {
        $start = $this->offset();
        $token = $this->peek();
        $id = $this->newId();
        ++$this->at;
        $subject = $this->expression();
        if ($this->is(',')) {
            $this->fail('unsupported', $token, ['what' => 'match …, …']);
        }
        $this->colon('match');
        $before = [];
        if (!$this->isPlain($subject)) {
            $name = $this->nameFor('matched');
            $this->write($name, $start);
            $before[] = $row = new SetVariable($this->newId(), $name, $subject);
            $this->cut($row->id, 'head', $start, $start);
            $subject = new VariableRead($name);
        }
        $branches = [];
        $otherwise = null;
        while (null !== ($case = $this->codeBelow()) && $case->column() > $line->column()) {
            if (null !== $otherwise || 'case' !== $this->tokens[$case->from]->text) {
                $this->fail('unsupported', $this->tokens[$case->from], ['what' => 'match']);
            }
            ++$this->line;
            [$this->at, $this->until] = [$case->from, $case->until];
            $from = [] === $branches ? $start : $this->offset();
            ++$this->at;
            /** @var array<string, Expression> $names */
            $names = [];
            $test = $this->fitsCase($subject, $names, true);
            if ($this->accept('if')) {
                foreach (array_keys($names) as $name) {
                    $this->write((string) $name, $this->offset());
                }
                $guard = Walk::mapExpression($this->expression(), static fn (Expression $part): Expression => $part instanceof VariableRead ? $names[$part->name] ?? $part : $part);
                $test = null === $test ? $guard : new Binary(Operator::And, $test, $guard);
            }
            $this->colon('case');
            $part = null === $test && [] !== $branches ? Conditional::OTHERWISE : ([] === $branches ? 'head' : 'then'.\count($branches));
            [$tight, $read] = $this->suite($id, $case, false, null === $test ? Conditional::OTHERWISE : 'then'.\count($branches));
            $end = $this->endOffset();
            $this->headEnd($id, $part, $from, $tight);
            $first = $this->namedParts($names);
            $this->atHead($first, $id, $end);
            $body = $read();
            $body = [] === $first ? $body : new Block([...$first, ...$body->statements]);
            if (null === $test && [] !== $branches) {
                $otherwise = $body;
            } else {
                $branches[] = new Branch($test ?? new TruthLiteral(true), $body);
            }
        }
        if ([] === $branches) {
            $this->fail('unsupported', $token, ['what' => 'match']);
        }

        return [...$before, new Conditional($id, $branches, $otherwise)];
    }

    /**
     * @param array<string, Expression> $names
     *
     * @return list<Statement>
     */
    private function namedParts(array $names): array
    {
        foreach (array_keys($names) as $name) {
            $this->write((string) $name, $this->offset());
        }
        $names = array_filter($names, static fn (Expression $value, string|int $name): bool => $value != new VariableRead((string) $name), \ARRAY_FILTER_USE_BOTH);
        if (1 >= \count($names)) {
            return array_map(fn (string $name, Expression $value): Statement => new SetVariable($this->newId(), $name, $value), array_map(strval(...), array_keys($names)), array_values($names));
        }

        return [new SetSeveral($this->newId(), array_map(static fn (string|int $name): Expression => new VariableRead((string) $name), array_keys($names)), array_values($names))];
    }

    /**
     * What has to hold so that a value fits a pattern; null where anything does.
     *
     * @param array<string, Expression> $names gets those that the pattern gives to parts of the value
     */
    private function fitsCase(Expression $value, array &$names, bool $isOutermost = false): ?Expression
    {
        $one = $this->onePattern($value, $names);
        if ($isOutermost && $this->is(',')) {
            $this->fail('unsupported', $this->peek(), ['what' => 'case …, …']);
        }
        while ($this->accept('|')) {
            $other = $this->onePattern($value, $names);
            $one = null === $one || null === $other ? null : new Binary(Operator::Or, $one, $other);
        }

        return $one;
    }

    /** @param array<string, Expression> $names */
    private function onePattern(Expression $value, array &$names): ?Expression
    {
        $token = $this->peek() ?? $this->fail('value_missing', null, ['after' => 'case']);
        if ('[' === $token->text || '(' === $token->text) {
            ++$this->at;

            return $this->sequencePattern($value, $names, '[' === $token->text ? ']' : ')');
        }
        if (TokenKind::Name === $token->kind && !$this->is('.', 1) && !$this->is('(', 1)) {
            ++$this->at;
            if ('_' !== $token->text) {
                $names[$token->text] = $value;
            }

            return null;
        }
        $kind = TokenKind::Name === $token->kind && $this->is('(', 1) && $this->is(')', 2) ? PythonNames::KINDS[$token->text] ?? null : null;
        if (null !== $kind) {
            $this->at += 3;

            return new KindTest($value, $kind);
        }
        if (TokenKind::Name === $token->kind && $this->is('(', 1) || '{' === $token->text) {
            $this->fail('unsupported', $token, ['what' => 'case '.$token->text.'…']);
        }

        return new Binary(Operator::Equal, $value, $this->expression(7));
    }

    /** @param array<string, Expression> $names */
    private function sequencePattern(Expression $value, array &$names, string $close): ?Expression
    {
        $tests = [];
        $count = 0;
        $star = null;
        for (; !$this->is($close); ++$count) {
            if ($this->accept('*')) {
                $star = $count;
                $name = $this->newName()->text;
                if ('_' !== $name) {
                    $names[$name] = new Slice($value, 0 === $count ? new NothingLiteral() : new NumberLiteral($count), new NothingLiteral());
                }
            } elseif (null !== $star) {
                $this->fail('unsupported', $this->peek(), ['what' => 'case [*…, …]']);
            } else {
                $tests[] = $this->fitsCase(new Item($value, new NumberLiteral($count)), $names);
            }
            if (!$this->accept(',')) {
                ++$count;
                break;
            }
        }
        if (!$this->accept($close)) {
            $this->fail('bracket_missing', null, ['opened' => ']' === $close ? '[' : '(', 'wanted' => $close]);
        }
        $length = new Operation('length', [$value]);
        $all = new Binary(Operator::And, new Unary(UnaryOperator::Not, new KindTest($value, '@text')), null === $star ? new Binary(Operator::Equal, $length, new NumberLiteral($count)) : new Binary(Operator::GreaterOrEqual, $length, new NumberLiteral($count - 1)));
        foreach (array_filter($tests) as $test) {
            $all = new Binary(Operator::And, $all, $test);
        }

        return $all;
    }
}
