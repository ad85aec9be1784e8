<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Python\PythonStatements;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;

/** Names that mean the variable around, and names that go. */
final class NameRows
{
    public function __construct(private readonly PythonStatements $parser)
    {
    }

    /** @return list<Statement> */
    public function share(): array
    {
        $token = $this->parser->peek();
        $start = $this->parser->offset();
        if ('' === $this->parser->scope) {
            $this->parser->fail('outside_function', $token);
        }
        $rows = [];
        do {
            ++$this->parser->at;
            $name = $this->parser->peek();
            if (null === $name || TokenKind::Name !== $name->kind) {
                $this->parser->fail('name_missing', $name);
            }
            $outer = $this->parser->symbols->around[$this->parser->scope] ?? '';
            $holder = $this->parser->symbols->holderOf($name->text, $outer);
            if ('nonlocal' === $token?->text && '' === $holder) {
                $this->parser->fail('' === $outer ? 'outside_function' : 'unknown_name', $name, ['name' => $name->text]);
            }
            if ('global' === $token?->text && '' !== $holder) {
                $this->parser->fail('unsupported', $token, ['what' => 'global … in def … in …']);
            }
            $this->parser->symbols->shares[$this->parser->scope][$name->text] = true;
            $this->parser->symbols->writes[$holder][$name->text] ??= $name->offset;
            $rows[] = new ShareVariable($this->parser->newId(), $name->text);
            ++$this->parser->at;
        } while ($this->parser->is(','));
        $this->parser->cutTogether($rows, $start);

        return $rows;
    }

    public function delete(): Statement
    {
        $token = $this->parser->peek();
        ++$this->parser->at;
        $row = $this->deleted($token);
        while ($this->parser->accept(',')) {
            // One after the other, from left to right (The Python Language Reference, 7.5).
            $this->parser->behind[] = $this->deleted($token);
        }

        return $row;
    }

    private function deleted(?Token $token): Statement
    {
        $target = $this->parser->expression();
        if ($target instanceof Slice) {
            $count = match (true) {
                $target->from instanceof NumberLiteral && $target->to instanceof NumberLiteral && 0 <= $target->from->value && $target->from->value <= $target->to->value => new NumberLiteral($target->to->value - $target->from->value),
                $target->to instanceof Binary && Operator::Add === $target->to->operator && $target->to->left == $target->from => $target->to->right,
                default => null,
            };
            if (null === $count) {
                // Nothing takes its place.
                return new Perform($this->parser->newId(), new Operation(OperationKey::PutRange, [$target->container, $target->from, $target->to, new ListLiteral([])]));
            }

            return new Perform($this->parser->newId(), new Operation(OperationKey::DropRange, [$target->container, $target->from, $count]));
        }
        if (!$target instanceof Item) {
            $this->parser->fail('unsupported', $token, ['what' => 'del']);
        }
        if ($target->index instanceof NumberLiteral && 0 === $target->index->value) {
            return new Perform($this->parser->newId(), new Operation(OperationKey::DropFirst, [$target->container]));
        }

        return new Perform($this->parser->newId(), new Operation(OperationKey::DropAt, [$target->container, $target->index]));
    }
}
