<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\WhileLoop;

/** Loops, with what is done when they end by themselves. */
final class LoopRows
{
    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function whileLoop(LogicalLine $line): Statement
    {
        $start = $this->parser->offset();
        $id = $this->parser->newId();
        ++$this->parser->at;
        $condition = $this->parser->headers->header();
        $this->parser->headers->colon('while');
        [$tight, $read] = $this->parser->suite($id, $line, true);
        $this->parser->headers->headEnd($id, 'head', $start, $tight);
        $body = $read();

        return $condition instanceof TruthLiteral && $condition->value ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    /**
     * A loop and the `else` behind it, which runs if the loop was not left by `break` (The Python Language Reference, 8.2,
     * 8.3): a variable remembers it.
     *
     * @param \Closure(): Statement $read
     *
     * @return list<Statement>
     */
    public function withElse(LogicalLine $line, \Closure $read): array
    {
        $depth = \count($this->parser->loops) + 1;
        [$start, $before] = [$this->parser->offset(), $this->parser->leaves[$depth] ?? null];
        unset($this->parser->leaves[$depth]);
        if (!$this->hasElse($line)) {
            $rows = [$read()];
        } else {
            $left = $this->parser->nameFor('left_early');
            $this->parser->leaves[$depth] = $left;
            $this->parser->write($left, $start);
            $first = new SetVariable($this->parser->newId(), $left, new TruthLiteral(false));
            $this->parser->cut($first->id, 'head', $start, $start);
            $rows = [$first, $read(), $this->unlessLeft($line, $left)];
        }
        unset($this->parser->leaves[$depth]);
        if (null !== $before) {
            $this->parser->leaves[$depth] = $before;
        }

        return $rows;
    }

    /**
     * The names in brackets that a part of an item gets; brackets within have a name of their own, which is taken apart
     * behind.
     *
     * @return list<array{string, list<Expression>}>
     */
    private function namesWithin(Token $opened, string $of): array
    {
        ++$this->parser->at;
        $names = $within = [];
        while (null !== ($name = $this->parser->peek()) && (TokenKind::Name === $name->kind || '(' === $name->text)) {
            if ('(' === $name->text) {
                $part = $this->parser->nameFor('taken');
                $this->parser->write($part, $name->offset);
                $names[] = new VariableRead($part);
                $within = [...$within, ...$this->namesWithin($name, $part)];
            } else {
                ++$this->parser->at;
                $this->parser->write($name->text, $name->offset);
                $names[] = new VariableRead($name->text);
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        if (2 > \count($names)) {
            $this->parser->fail('unsupported', $opened, ['what' => 'for … (…) in']);
        }
        $this->parser->close($opened);

        return [[$of, $names], ...$within];
    }

    private function hasElse(LogicalLine $line): bool
    {
        for ($index = $this->parser->line; null !== $next = $this->parser->lines[$index] ?? null; ++$index) {
            if (!$next->remark && $next->column() <= $line->column()) {
                return $next->column() === $line->column() && 'else' === $this->parser->tokens[$next->from]->text && ':' === ($this->parser->tokens[$next->from + 1]->text ?? '');
            }
        }

        return false;
    }

    private function unlessLeft(LogicalLine $line, string $left): Statement
    {
        $else = $this->parser->codeBelow();
        \assert(null !== $else);
        ++$this->parser->line;
        [$this->parser->at, $this->parser->until] = [$else->from, $else->until];
        $start = $this->parser->offset();
        $id = $this->parser->newId();
        ++$this->parser->at;
        $this->parser->headers->colon('else');
        [$tight, $read] = $this->parser->suite($id, $line, false, 'then0');
        $this->parser->headers->headEnd($id, 'head', $start, $tight);

        return new Conditional($id, [new Branch(new Unary(UnaryOperator::Not, new VariableRead($left)), $read())], null);
    }

    public function forLoop(LogicalLine $line): Statement
    {
        $start = $this->parser->offset();
        $id = $this->parser->newId();
        ++$this->parser->at;
        if ($this->parser->is('each')) {
            $this->parser->fail('foreign_word', null, ['word' => 'for each', 'near' => 'for'], [new Replacement($this->parser->endOffset(), $this->parser->offset() + 4 - $this->parser->endOffset(), '')]);
        }
        if ($this->parser->is('(') && TokenKind::Name === $this->parser->peek(1)?->kind && ($this->parser->is('in', 2) || $this->parser->is('=', 2) || TokenKind::Name === $this->parser->peek(2)?->kind)) {
            $this->parser->fail('foreign_word', null, ['word' => 'for (', 'near' => 'for … in …:']);
        }
        $names = $apart = $others = [];
        $star = null;
        do {
            $star = $this->parser->accept('*') ? \count($names) : $star;
            $token = $this->parser->peek();
            if (null !== $token && '(' === $token->text) {
                // A pair within: it is taken apart at the head of the rows.
                $names[] = $name = $this->parser->nameFor('taken');
                $this->parser->write($name, $token->offset);
                $apart = [...$apart, ...$this->namesWithin($token, $name)];
                continue;
            }
            if ([] !== $names && 'in' === $token?->text) {
                // The one item of each.
                $this->parser->fail('unsupported', $token, ['what' => 'for …, in …']);
            }
            if (null === $token || TokenKind::Name !== $token->kind) {
                $this->parser->fail('name_missing', $token);
            }
            ++$this->parser->at;
            $names[] = $token->text;
            $this->parser->write($token->text, $token->offset);
        } while ($this->parser->accept(','));
        if (!$this->parser->accept('in')) {
            $next = $this->parser->peek();
            if (null !== $next && ('=' === $next->text || 'of' === $next->text)) {
                $this->parser->fail('foreign_word', $next, ['word' => $next->text, 'near' => 'in'], [new Replacement($next->offset, \strlen($next->text), 'in')]);
            }
            if (null !== $next && 'In' === $next->text) {
                $this->parser->fail('capitals', $next, ['name' => 'In', 'near' => 'in'], [new Replacement($next->offset, 2, 'in')]);
            }
            $this->parser->fail('in_missing', $next, ['name' => $names[0]], null === $next || ':' === $next->text ? [] : [new Replacement($next->offset, 0, 'in ')]);
        }
        if (null !== $star) {
            // `for name, *marks in pupils`: each is taken apart at the head of the rows.
            $each = $this->parser->nameFor('taken');
            $this->parser->write($each, $start);
            foreach ($names as $index => $name) {
                $behind = $index - \count($names);
                $others[] = [$name, match (true) {
                    $index < $star => new Item(new VariableRead($each), new NumberLiteral($index)),
                    $index > $star => new Item(new VariableRead($each), new NumberLiteral($behind)),
                    default => new Operation(OperationKey::AsList, [new Slice(new VariableRead($each), new NumberLiteral($index), -1 === $behind ? new NothingLiteral() : new NumberLiteral($behind + 1))]),
                }];
            }
            $names = [$each];
        }
        $overStart = $this->parser->offset();
        $over = $this->parser->headers->header(true);
        $overEnd = $this->parser->endOffset();
        $over = $this->gone($over, $overStart, $overEnd);
        $this->parser->headers->colon('for');
        [$tight, $read] = $this->parser->suite($id, $line, true);
        $end = $this->parser->endOffset();
        $this->parser->headers->headEnd($id, 'head', $start, $tight);
        $first = [
            ...array_map(fn (array $one): Statement => new SetVariable($this->parser->newId(), $one[0], $one[1]), $others),
            ...array_map(fn (array $one): Statement => new SetSeveral($this->parser->newId(), $one[1], [new VariableRead($one[0])]), $apart),
        ];
        $this->parser->atHead($first, $id, $end);
        $body = $read();
        $body = [] === $first ? $body : new Block([...$first, ...$body->statements]);
        if (1 === \count($names) && $over instanceof Operation && OperationKey::Counted === $over->key) {
            return new Count($id, $names[0], $over->arguments[0], $over->arguments[1], $over->arguments[2], $body);
        }
        if (1 === \count($names) && $over instanceof Operation && OperationKey::Numbers === $over->key) {
            $by = $over->arguments[2];
            if ($by instanceof NumberLiteral && \is_int($by->value) && 0 !== $by->value) {
                return new Count($id, $names[0], $over->arguments[0], ExpressionParser::less($over->arguments[1], $by->value > 0 ? 1 : -1), $by, $body);
            }
        }

        return new EachLoop($id, $names, $over, $body);
    }

    /** What a loop goes over has items; a number has none. */
    private function gone(Expression $over, int $start, int $end): Expression
    {
        if ($over instanceof NumberLiteral || $over instanceof Operation && \in_array($over->key, [OperationKey::Length, OperationKey::ToWhole], true)) {
            $this->parser->mistake('range_missing', $start, $end - $start, ['text' => substr($this->parser->text, $start, min(40, $end - $start))], [new Replacement($end, 0, ')'), new Replacement($start, 0, 'range(')]);

            return new Operation(OperationKey::Numbers, [new NumberLiteral(0), $over, new NumberLiteral(1)]);
        }

        return $over;
    }
}
