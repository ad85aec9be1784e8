<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Choice;
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
final class CasesOfMatch
{
    /** @var list<int> columns of the matches above that could not be read */
    private array $unreadMatches = [];

    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** Whether a line begins a `match`: it is a word like any other elsewhere. */
    public function isMatch(LogicalLine $line): bool
    {
        if (!$this->parser->is('match')) {
            return false;
        }
        $below = $this->parser->codeBelow();

        return ':' === ($this->parser->tokens[$this->parser->until - 1]->text ?? '') && $this->parser->until - $this->parser->at > 2
            && null !== $below && $below->column() > $line->column() && 'case' === $this->parser->tokens[$below->from]->text;
    }

    /** Whether a row that can't be read is a case of a `match` that could not be read either; such a `match` is remembered. */
    public function isCaseOfUnread(LogicalLine $line): bool
    {
        $this->unreadMatches = array_values(array_filter($this->unreadMatches, static fn (int $column): bool => $column < $line->column()));
        if ('match' === $this->parser->tokens[$line->from]->text) {
            $this->unreadMatches[] = $line->column();

            return false;
        }

        return [] !== $this->unreadMatches;
    }

    /** @return list<Statement> */
    public function matched(LogicalLine $line): array
    {
        $start = $this->parser->offset();
        $token = $this->parser->peek();
        $id = $this->parser->newId();
        ++$this->parser->at;
        $subject = $this->parser->expression();
        if ($this->parser->is(',')) {
            $this->parser->fail('unsupported', $token, ['what' => 'match …, …']);
        }
        $this->parser->headers->colon('match');
        $before = [];
        if (!$this->parser->isPlain($subject)) {
            $name = $this->parser->nameFor('matched');
            $this->parser->write($name, $start);
            $before[] = $row = new SetVariable($this->parser->newId(), $name, $subject);
            $this->parser->cut($row->id, 'head', $start, $start);
            $subject = new VariableRead($name);
        }
        $branches = [];
        $otherwise = null;
        while (null !== ($case = $this->parser->codeBelow()) && $case->column() > $line->column()) {
            if (null !== $otherwise || 'case' !== $this->parser->tokens[$case->from]->text) {
                $this->parser->fail('unsupported', $this->parser->tokens[$case->from], ['what' => 'match']);
            }
            ++$this->parser->line;
            [$this->parser->at, $this->parser->until] = [$case->from, $case->until];
            $from = [] === $branches ? $start : $this->parser->offset();
            ++$this->parser->at;
            /** @var array<string, Expression> $names */
            $names = [];
            $test = $this->fitsCase($subject, $names, true);
            if ($this->parser->accept('if')) {
                foreach (array_keys($names) as $name) {
                    $this->parser->write((string) $name, $this->parser->offset());
                }
                $guard = Walk::mapExpression($this->parser->expression(), static fn (Expression $part): Expression => $part instanceof VariableRead ? $names[$part->name] ?? $part : $part);
                $test = null === $test ? $guard : new Binary(Operator::And, $test, $guard);
            }
            $this->parser->headers->colon('case');
            $part = null === $test && [] !== $branches ? Conditional::OTHERWISE : ([] === $branches ? 'head' : 'then'.\count($branches));
            [$tight, $read] = $this->parser->suite($id, $case, false, null === $test ? Conditional::OTHERWISE : 'then'.\count($branches));
            $end = $this->parser->endOffset();
            $this->parser->headers->headEnd($id, $part, $from, $tight);
            $first = $this->namedParts($names);
            $this->parser->atHead($first, $id, $end);
            $body = $read();
            $body = [] === $first ? $body : new Block([...$first, ...$body->statements]);
            if (null === $test && [] !== $branches) {
                $otherwise = $body;
            } else {
                $branches[] = new Branch($test ?? new TruthLiteral(true), $body);
            }
        }
        if ([] === $branches) {
            $this->parser->fail('unsupported', $token, ['what' => 'match']);
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
            $this->parser->write((string) $name, $this->parser->offset());
        }
        $names = array_filter($names, static fn (Expression $value, string|int $name): bool => $value != new VariableRead((string) $name), \ARRAY_FILTER_USE_BOTH);
        if (1 >= \count($names)) {
            return array_map(fn (string $name, Expression $value): Statement => new SetVariable($this->parser->newId(), $name, $value), array_map(strval(...), array_keys($names)), array_values($names));
        }

        return [new SetSeveral($this->parser->newId(), array_map(static fn (string|int $name): Expression => new VariableRead((string) $name), array_keys($names)), array_values($names))];
    }

    /**
     * What has to hold so that a value fits a pattern; null where anything does.
     *
     * @param array<string, Expression> $names gets those that the pattern gives to parts of the value
     */
    private function fitsCase(Expression $value, array &$names, bool $isOutermost = false): ?Expression
    {
        $before = $names;
        $one = $this->onePattern($value, $names);
        if ($isOutermost && $this->parser->is(',')) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'case …, …']);
        }
        $fits = $one;
        while ($this->parser->accept('|')) {
            $own = $before;
            $other = $this->onePattern($value, $own);
            if (null === $fits) {
                continue;
            }
            foreach ($own as $name => $part) {
                // What a name gets depends on which of them fits (The Python Language Reference, 8.6.4.1).
                $names[$name] = isset($names[$name]) && $names[$name] != $part ? new Choice($fits, $names[$name], $part) : $part;
            }
            $one = $fits = null === $other ? null : new Binary(Operator::Or, $fits, $other);
        }

        if ($this->parser->accept('as')) {
            $names[$this->parser->newName()->text] = $value;
        }

        return $one;
    }

    private function closes(string $close): void
    {
        if (!$this->parser->accept($close)) {
            $this->parser->fail('bracket_missing', null, ['opened' => [')' => '(', ']' => '[', '}' => '{'][$close] ?? '', 'wanted' => $close]);
        }
    }

    /** Whether a bracket that opens here holds one pattern only, with no comma behind it (The Python Language Reference, 8.6.4.6). */
    private function isGroup(): bool
    {
        $depth = 0;
        for ($ahead = 0; null !== ($token = $this->parser->peek($ahead)); ++$ahead) {
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
        $token = $this->parser->peek() ?? $this->parser->fail('value_missing', null, ['after' => 'case']);
        if ('(' === $token->text && $this->isGroup()) {
            ++$this->parser->at;
            $inner = $this->fitsCase($value, $names);
            $this->closes(')');

            return $inner;
        }
        if ('[' === $token->text || '(' === $token->text) {
            ++$this->parser->at;

            return $this->sequencePattern($value, $names, '[' === $token->text ? ']' : ')');
        }
        if (TokenKind::Name === $token->kind && !$this->parser->is('.', 1) && !$this->parser->is('(', 1)) {
            ++$this->parser->at;
            if ('_' !== $token->text) {
                $names[$token->text] = $value;
            }

            return null;
        }
        if (TokenKind::Name === $token->kind && $this->parser->is('(', 1)) {
            $kind = PythonNames::KINDS[$token->text] ?? (isset($this->parser->classes->parents[$token->text]) ? $token->text : $this->parser->fail('unsupported', $token, ['what' => "case $token->text(…)"]));
            $this->parser->at += 2;

            return $this->classPattern($value, $names, $kind);
        }
        if ('{' === $token->text) {
            ++$this->parser->at;

            return $this->mapPattern($value, $names);
        }

        return new Binary(Operator::Equal, $value, $this->parser->expression(7));
    }

    /**
     * What objects keep by its name; a plain value itself (The Python Language Reference, 8.6.4.8).
     *
     * @param array<string, Expression> $names
     */
    private function classPattern(Expression $value, array &$names, string $kind): Expression
    {
        $all = new KindTest($value, $kind);
        while (!$this->parser->is(')')) {
            $field = $this->parser->peek();
            if (null !== $field && TokenKind::Name === $field->kind && $this->parser->is('=', 1)) {
                $this->parser->at += 2;
                $part = new Field($value, $field->text);
            } else {
                $part = str_starts_with($kind, '@') ? $value : $this->parser->fail('unsupported', $field, ['what' => "case $kind(…)"]);
            }
            $test = $this->fitsCase($part, $names);
            $all = null === $test ? $all : new Binary(Operator::And, $all, $test);
            if (!$this->parser->accept(',')) {
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
        while (!$this->parser->is('}')) {
            $token = $this->parser->peek();
            if ('**' === $token?->text) {
                $this->parser->fail('unsupported', $token, ['what' => 'case {**…}']);
            }
            $key = $this->parser->expression(7);
            if (!$this->parser->accept(':')) {
                $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'case {…']);
            }
            $all = new Binary(Operator::And, $all, new Operation(OperationKey::HasOwn, [$value, $key]));
            $test = $this->fitsCase(new Item($value, $key), $names);
            $all = null === $test ? $all : new Binary(Operator::And, $all, $test);
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->closes('}');

        return $all;
    }

    /** @param array<string, Expression> $names */
    private function sequencePattern(Expression $value, array &$names, string $close): Expression
    {
        $tests = [];
        $count = 0;
        $star = null;
        for (; !$this->parser->is($close); ++$count) {
            if ($this->parser->accept('*')) {
                $star = $count;
                $name = $this->parser->newName()->text;
                if ('_' !== $name) {
                    $names[$name] = new Slice($value, 0 === $count ? new NothingLiteral() : new NumberLiteral($count), new NothingLiteral());
                }
            } elseif (null !== $star) {
                $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'case [*…, …]']);
            } else {
                $tests[] = $this->fitsCase(new Item($value, new NumberLiteral($count)), $names);
            }
            if (!$this->parser->accept(',')) {
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
