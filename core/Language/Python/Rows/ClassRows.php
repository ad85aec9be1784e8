<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\VariableRead;

/** A class and what stands in it. */
final class ClassRows
{
    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function classDefinition(LogicalLine $line, ?int $start = null): Statement
    {
        $start ??= $this->parser->offset();
        $id = $this->parser->newId();
        ++$this->parser->at;
        $name = $this->parser->newName();
        $around = $this->parser->class;
        if ('' !== $this->parser->scope || '' === $around && (1 !== $this->parser->parent || $line->column() > 0) || $around !== ($this->parser->innerClasses->aroundClass[$name->text] ?? '')) {
            $this->parser->fail('unsupported', $name, ['what' => 'class … in …']);
        }
        $parent = '';
        $opened = $this->parser->peek();
        if (null !== $opened && $this->parser->accept('(')) {
            $of = $this->parser->peek();
            if (null !== $of && !$this->parser->is(')')) {
                ++$this->parser->at;
                $parent = 'object' === $of->text ? '' : $of->text;
                $parent = 'abc.ABC' === ($this->parser->imported[$parent] ?? '') ? '' : $parent;
                if ('typing.Generic' === ($this->parser->imported[$of->text] ?? '') && $this->parser->is('[') && null !== $closed = $this->parser->closingOf($this->parser->at)) {
                    // What it is of says nothing to the machine.
                    $this->parser->at = $closed + 1;
                    $parent = '';
                }
                if (\array_key_exists($name->text, $this->parser->records->records)) {
                    $parent = ClassDefinition::RECORD;
                } elseif (isset($this->parser->enumerations->enumerations[$name->text])) {
                    $this->parser->at += $this->parser->is('.') ? 2 : 0;
                    $parent = '';
                }
                if (ClassDefinition::RECORD === $parent) {
                    // Its name is the library's.
                } elseif ('' !== $parent && $this->parser->isFailure($parent)) {
                    $parent = '@'.(FailureNames::kindOf($this->parser->language(), $parent)->value ?? '');
                } elseif ('' !== $parent && !isset($this->parser->classes->parents[$parent])) {
                    $this->parser->fail('unsupported', $of, ['what' => "class …($parent)"]);
                }
                if ($this->parser->is(',') && null !== $this->parser->peek(1) && !$this->parser->is(')', 1)) {
                    // What several classes bring is found in an order of its own (The Python Language Reference, 3.3.3.1).
                    $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'class …(…, …)']);
                }
                $this->parser->accept(',');
            }
            $this->parser->close($opened);
        }
        $this->parser->headers->colon('class');
        [$tight, $read] = $this->parser->suite($id, $line, false);
        $this->parser->headers->headEnd($id, 'head', $start, $tight);
        $end = $this->parser->endOffset();
        $this->parser->class = $name->text;
        $this->parser->enumerations->numbered = 0;
        try {
            $body = $read();
        } finally {
            $this->parser->class = $around;
        }
        foreach ($body->statements as $row) {
            if (!$row instanceof FunctionDefinition && !$row instanceof ClassDefinition && !$row instanceof Comment && !$row instanceof Unread && !$row instanceof SetVariable && !$row instanceof FieldDeclaration && !$row instanceof Import && !$row instanceof Pass) {
                $cut = array_filter($this->parser->cuts, static fn (Cut $cut): bool => $cut->id === $row->id);
                $first = reset($cut);
                $this->parser->failAt('unsupported', false === $first ? $start : $first->start, false === $first ? 1 : $first->end - $first->start, ['what' => 'class …: … = …']);
            }
        }

        if (isset($this->parser->enumerations->enumerations[$name->text])) {
            $body = new Block($this->parser->enumerations->enumeration($id, $name, $body->statements, $end));
        }

        return new ClassDefinition($id, $name->text, $parent, $body);
    }

    /** `plant: str = "rose"` among the methods of a class. */
    public function fieldDeclaration(Token $name): Statement
    {
        $this->parser->at += 2;
        $type = $this->parser->peek();
        $this->parser->annotation();
        $value = $this->parser->accept('=') ? $this->parser->dataClasses->defaultOf($name) : null;

        return new FieldDeclaration($this->parser->newId(), $name->text, ['int' => 'int', 'str' => 'string', 'float' => 'double', 'bool' => 'bool'][$type->text ?? ''] ?? null, $value);
    }

    /** The row that says so: a method that calls the other. */
    public function methodNamedAlso(string $name, string $of): FunctionDefinition
    {
        foreach (array_keys($this->parser->classes->parents) as $below) {
            if ($below !== $this->parser->class && isset($this->parser->classes->methods[$below][$of]) && $this->isBelow($below, $this->parser->class)) {
                // The further name would stay that of the method here.
                $this->parser->fail('unsupported', $this->parser->tokens[$this->parser->at - 1], ['what' => "$name = …"]);
            }
        }
        $name = PythonNames::METHODS[$name] ?? $name;
        $parameters = $this->parser->classes->methods[$this->parser->class][$of][2];
        $itself = new VariableRead('self');
        $given = array_map(static fn (string $one): Expression => new VariableRead($one), $parameters);
        $row = new GiveBack($this->parser->newId(), match ($of) {
            '@add', '@multiply' => new Binary('@add' === $of ? Operator::Add : Operator::Multiply, $itself, $given[0] ?? $itself),
            ClassDefinition::SHOWS, ClassDefinition::FORM => new Operation(ClassDefinition::SHOWS === $of ? OperationKey::ToText : OperationKey::Written, [$itself]),
            default => new MethodCall($itself, $of, $given),
        });
        $made = new FunctionDefinition($this->parser->newId(), "{$this->parser->class}.$name", ['self', ...$parameters], new Block([$row]));
        $this->parser->enumerations->cutAtHead([$row], $made->id, $this->parser->tokens[$this->parser->until - 1]->end());

        return $made;
    }

    private function isBelow(string $class, string $above): bool
    {
        for ($seen = []; '' !== $class && !isset($seen[$class]); $class = $this->parser->classes->parents[$class] ?? '') {
            $seen[$class] = true;
            if ($class === $above) {
                return true;
            }
        }

        return false;
    }
}
