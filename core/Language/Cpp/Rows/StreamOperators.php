<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** An operator that shows an object. */
final class StreamOperators
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** @return array{string, string, string, int, int}|null the class, the names of the stream and the object, and where what is shown begins */
    private function streamHead(int $at): ?array
    {
        $text = function (int $ahead) use (&$at): string {
            return $this->parser->tokens[$at + $ahead]->text ?? '';
        };
        $from = $at;
        $at += 'friend' === $text(0) ? 1 : 0;
        $at += 'std' === $text(0) && '::' === $text(1) ? 2 : 0;
        if ('ostream' !== $text(0) || '&' !== $text(1) || 'operator' !== $text(2) || '<<' !== $text(3) || '(' !== $text(4)) {
            return null;
        }
        $at += 5;
        $at += 'std' === $text(0) && '::' === $text(1) ? 2 : 0;
        if ('ostream' !== $text(0) || '&' !== $text(1)) {
            return null;
        }
        $stream = ',' === $text(2) ? '' : $text(2);
        $at += '' === $stream ? 3 : 4;
        $at += 'const' === $text(0) ? 1 : 0;
        $class = $text(0);
        $at += '&' === $text(1) ? 2 : 1;
        $object = ')' === $text(0) ? '' : $text(0);
        $at += '' === $object ? 1 : 2;

        return isset($this->parser->classes->parents[$class]) && ')' === $this->parser->tokens[$at - 1]->text && 1 === preg_match('/^(?:[A-Za-z_]\w*)? (?:[A-Za-z_]\w*)?$/D', "$stream $object") ? [$class, $stream, $object, $at, $from] : null;
    }

    /** `ostream& operator<<(ostream& out, const Bed& bed) { out << bed.plant; return out; }`: the text of an object. */
    public function shownByStream(Token $token, int $start): ?Statement
    {
        $head = [] === $this->parser->classes->parents ? null : $this->streamHead($this->parser->at);
        if (null === $head) {
            return null;
        }
        [$class, $stream, $object, $this->parser->at] = $head;
        $id = $this->parser->newId();
        if ($this->parser->accept(';')) {
            return $this->parser->ended(new Import($id, substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
        }
        if ('' === $stream || '' === $object) {
            $this->parser->fail('unsupported', $token, ['what' => 'operator<<']);
        }
        $opened = $this->parser->peek();
        if (!$this->parser->accept('{') || null === $opened) {
            $this->parser->fail('brace_wanted', $this->parser->tokens[$this->parser->at - 1], ['word' => 'operator<<'], [new Replacement($this->parser->endOffset(), 0, ' {')]);
        }
        $this->parser->cut($id, 'head', $token->offset, $this->parser->endOffset());
        $full = "$class.".ClassDefinition::SHOWS;
        [$outerScope, $outerParent] = [$this->parser->scope, $this->parser->parent];
        [$this->parser->scope, $this->parser->parent] = [$full, $id];
        $this->parser->write($object, $token->offset);
        $this->parser->types[$full] = [$object => $class];
        if (!$this->onlyShows($opened, $stream)) {
            return $this->shownByRows($id, $start, $full, $object, $stream, $opened, [$outerScope, $outerParent]);
        }
        $row = $this->parser->newId();
        $first = $this->parser->offset();
        $value = null;
        for ($isReturned = false; !$isReturned;) {
            $isReturned = $this->parser->accept('return');
            if (!$this->parser->accept($stream)) {
                $this->parser->fail('unsupported', $token, ['what' => 'operator<<']);
            }
            while ($this->parser->accept('<<')) {
                if ($this->parser->accept('endl') || $this->parser->is('std') && $this->parser->is('::', 1) && $this->parser->is('endl', 2)) {
                    $this->parser->at += $this->parser->is('std') ? 3 : 0;
                    $part = new TextLiteral("\n");
                } else {
                    $part = $this->parser->outputRows->told() ?? $this->parser->expression(7);
                }
                $value = null === $value ? ($part instanceof TextLiteral ? $part : new Binary(Operator::Join, new TextLiteral(''), $part)) : new Binary(Operator::Join, $value, $part);
            }
            $this->parser->semicolon();
        }
        $this->parser->cut($row, 'head', $first, $this->parser->endOffset());
        [$this->parser->scope, $this->parser->parent] = [$outerScope, $outerParent];
        $this->parser->closeBrace($id, $start);

        return new FunctionDefinition($id, $full, [$object], new Block([new GiveBack($row, $value ?? new TextLiteral(''))]));
    }

    /** Whether all rows between braces put something into the stream. */
    private function onlyShows(Token $opened, string $stream): bool
    {
        $end = $this->parser->closingOf($this->parser->at - 1) ?? $this->parser->at;
        for ($at = $this->parser->at, $begins = true; $at < $end; ++$at) {
            $text = $this->parser->tokens[$at]->text;
            if ($begins && $text !== $stream && ('return' !== $text || $this->parser->tokens[$at + 1]->text !== $stream)) {
                return false;
            }
            $begins = ';' === $text;
        }

        return true;
    }

    /**
     * A text of an object that rows of any kind make: they put it into a stream in memory, whose text is the object's.
     *
     * @param array{string, int} $outer the scope and the row around
     */
    private function shownByRows(int $id, int $start, string $full, string $object, string $stream, Token $opened, array $outer): Statement
    {
        $end = $opened->offset + 1;
        $this->parser->types[$full][$stream] = 'ostringstream';
        $this->parser->declared[$full][$stream] = true;
        $this->parser->write($stream, $opened->offset);
        [$before, $this->parser->showing] = [$this->parser->showing, $stream];
        $begun = new SetVariable($this->parser->newId(), $stream, new Operation(OperationKey::TextStream, [new TextLiteral('')]), false, 'stringstream');
        $this->parser->cut($begun->id, 'head', $end, $end);
        $rows = $this->parser->block($start);
        $this->parser->showing = $before;
        [$this->parser->scope, $this->parser->parent] = $outer;
        $this->parser->closeBrace($id, $start);

        return new FunctionDefinition($id, $full, [$object], new Block([$begun, ...$rows]));
    }

    /** @return list<Statement> `return out << "]";`: the last of what shows an object */
    public function givenShown(int $start): array
    {
        ++$this->parser->at;
        $name = new VariableRead($this->parser->showing);
        $rows = [];
        if ($this->parser->is('<<', 1)) {
            $rows[] = $this->parser->outputRows->output($start, $name);
            $end = $this->parser->endOffset();
        } else {
            ++$this->parser->at;
            $this->parser->semicolon();
            $end = null;
        }
        $back = new GiveBack($this->parser->newId(), new Operation(OperationKey::StreamedText, [$name]));
        $this->parser->cut($back->id, 'head', $end ?? $start, $this->parser->endOffset());

        return [...$rows, $back];
    }
}
