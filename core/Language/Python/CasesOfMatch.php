<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
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

    /** @var list<int> columns of the matches above that could not be read */
    private array $unreadMatches = [];

    /** Whether a row that can't be read is a case of a `match` that could not be read either; such a `match` is remembered. */
    private function isCaseOfUnread(LogicalLine $line): bool
    {
        $this->unreadMatches = array_values(array_filter($this->unreadMatches, static fn (int $column): bool => $column < $line->column()));
        if ('match' === $this->tokens[$line->from]->text) {
            $this->unreadMatches[] = $line->column();

            return false;
        }

        return [] !== $this->unreadMatches;
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

        if ($this->accept('as')) {
            $names[$this->newName()->text] = $value;
        }

        return $one;
    }

    private function closes(string $close): void
    {
        if (!$this->accept($close)) {
            $this->fail('bracket_missing', null, ['opened' => [')' => '(', ']' => '[', '}' => '{'][$close] ?? '', 'wanted' => $close]);
        }
    }

    /** Whether a bracket that opens here holds one pattern only, with no comma behind it (The Python Language Reference, 8.6.4.6). */
    private function isGroup(): bool
    {
        $depth = 0;
        for ($ahead = 0; null !== ($token = $this->peek($ahead)); ++$ahead) {
            $depth += \in_array($token->text, ['(', '[', '{'], true) ? 1 : (\in_array($token->text, [')', ']', '}'], true) ? -1 : 0);
            if (0 === $depth) {
                return 1 < $ahead;
            }
            if (1 === $depth && (',' === $token->text || '*' === $token->text)) {
                return false;
            }
        }

        return false;
    }

    /** @param array<string, Expression> $names */
    private function onePattern(Expression $value, array &$names): ?Expression
    {
        $token = $this->peek() ?? $this->fail('value_missing', null, ['after' => 'case']);
        if ('(' === $token->text && $this->isGroup()) {
            ++$this->at;
            $inner = $this->fitsCase($value, $names);
            $this->closes(')');

            return $inner;
        }
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
        if (TokenKind::Name === $token->kind && $this->is('(', 1)) {
            $kind = PythonNames::KINDS[$token->text] ?? (isset($this->classes[$token->text]) ? $token->text : $this->fail('unsupported', $token, ['what' => "case $token->text(…)"]));
            $this->at += 2;

            return $this->classPattern($value, $names, $kind);
        }
        if ('{' === $token->text) {
            ++$this->at;

            return $this->mapPattern($value, $names);
        }

        return new Binary(Operator::Equal, $value, $this->expression(7));
    }

    /**
     * What objects keep by its name; a plain value itself (The Python Language Reference, 8.6.4.8).
     *
     * @param array<string, Expression> $names
     */
    private function classPattern(Expression $value, array &$names, string $kind): Expression
    {
        $all = new KindTest($value, $kind);
        while (!$this->is(')')) {
            $field = $this->peek();
            if (null !== $field && TokenKind::Name === $field->kind && $this->is('=', 1)) {
                $this->at += 2;
                $part = new Field($value, $field->text);
            } else {
                $part = str_starts_with($kind, '@') ? $value : $this->fail('unsupported', $field, ['what' => "case $kind(…)"]);
            }
            $test = $this->fitsCase($part, $names);
            $all = null === $test ? $all : new Binary(Operator::And, $all, $test);
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->closes(')');

        return $all;
    }

    /**
     * A map that has these keys, and maybe others (The Python Language Reference, 8.6.4.7).
     *
     * @param array<string, Expression> $names
     */
    private function mapPattern(Expression $value, array &$names): Expression
    {
        $all = new KindTest($value, '@map');
        while (!$this->is('}')) {
            $token = $this->peek();
            if ('**' === $token?->text) {
                $this->fail('unsupported', $token, ['what' => 'case {**…}']);
            }
            $key = $this->expression(7);
            if (!$this->accept(':')) {
                $this->fail('unsupported', $this->peek(), ['what' => 'case {…']);
            }
            $all = new Binary(Operator::And, $all, new Operation(OperationKey::HasOwn, [$value, $key]));
            $test = $this->fitsCase(new Item($value, $key), $names);
            $all = null === $test ? $all : new Binary(Operator::And, $all, $test);
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->closes('}');

        return $all;
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
        $this->closes($close);
        $length = new Operation(OperationKey::Length, [$value]);
        $all = new Binary(Operator::And, new KindTest($value, '@sequence'), null === $star ? new Binary(Operator::Equal, $length, new NumberLiteral($count)) : new Binary(Operator::GreaterOrEqual, $length, new NumberLiteral($count - 1)));
        foreach (array_filter($tests) as $test) {
            $all = new Binary(Operator::And, $all, $test);
        }

        return $all;
    }
}
