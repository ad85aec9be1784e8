<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** What an object has of the classes above its own, which their constructors make first (C++17, 15.6.2). */
final class ParentParts
{
    /** @var array<string, true> classes without constructors whose objects have a part that one of several makes */
    private array $unsaid = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * The row that makes the part of a class of what is given for it; null where neither it nor one above makes anything.
     *
     * @param list<Argument> $arguments
     */
    public function made(string $class, array $arguments, Expression $object, Token $name): ?Statement
    {
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        foreach ([$class, ...$this->parser->classes->above($class)] as $maker) {
            if (isset($this->parser->makers->makers[$maker])) {
                $way = $this->parser->makerOf($maker, $arguments);
                if (null === $way && ([] !== $values || !isset($this->parser->makers->makers[$maker]['']))) {
                    $this->parser->fail('unsupported', $name, ['what' => "$name->text(…)"]);
                }

                // A part by one of several ways is an object by itself first: until it is made, it is one of its own class there, too (C++17, 15.7).
                return null === $way ? $this->call($maker, $object, []) : new Perform($this->parser->newId(), new Operation(OperationKey::Overwrite, [$object, new OwnValue($way, $values)]));
            }
            if (isset($this->parser->classes->methods[$maker][ClassDefinition::MAKES])) {
                return $this->call($maker, $object, $values);
            }
        }

        return null;
    }

    /** The row that makes the part above a class of which nothing is said. */
    public function unsaid(string $class, Token $name): ?Statement
    {
        $parent = $this->parser->classes->parents[$class] ?? '';
        $owner = $this->maker($parent);
        $least = isset($this->parser->makers->makers[$owner ?? '']) ? 0 : $this->parser->classes->methods[$owner ?? ''][ClassDefinition::MAKES][0] ?? 1;

        return null === $owner || 0 < $least ? null : $this->made($owner, [], new VariableRead($this->parser->itself), $name);
    }

    /** The class that has a constructor, going up from one; null if none has. */
    private function maker(string $class): ?string
    {
        foreach ([$class, ...$this->parser->classes->above($class)] as $above) {
            if (isset($this->parser->makers->makers[$above]) || isset($this->parser->classes->methods[$above][ClassDefinition::MAKES])) {
                return $above;
            }
        }

        return null;
    }

    /** Notes the classes that have no constructor, below one that makes its objects in several ways. */
    public function announce(): void
    {
        foreach (array_keys($this->parser->classes->parents) as $class) {
            $maker = $this->maker($class);
            $way = $this->parser->makers->makers[$maker ?? ''][''][0] ?? '';
            if (null !== $maker && $class !== $maker && '' !== $way && !str_ends_with($way, '.'.ClassDefinition::MAKES)) {
                $this->unsaid[$class] = true;
                $this->parser->classes->methods[$class][ClassDefinition::MAKES] = [0, 0, []];
            }
        }
    }

    /** The constructor that a class has without a word (C++17, 15.1), where something of it is to be seen; null for any other. */
    public function constructor(Token $class, int $at): ?FunctionDefinition
    {
        if (!isset($this->unsaid[$class->text])) {
            return null;
        }
        $id = $this->parser->newId();
        $this->parser->cut($id, 'head', $at, $at);
        $before = [$this->parser->scope, $this->parser->parent];
        [$this->parser->scope, $this->parser->parent] = [$class->text.'.'.ClassDefinition::MAKES, $id];
        $part = $this->unsaid($class->text, $class);
        foreach (null === $part ? [] : [$part] as $row) {
            $this->parser->cut($row->id, 'head', $at, $at);
        }
        [$this->parser->scope, $this->parser->parent] = $before;

        return new FunctionDefinition($id, $class->text.'.'.ClassDefinition::MAKES, [$this->parser->itself], new Block(null === $part ? [] : [$part]));
    }

    /** @param list<Expression> $values */
    private function call(string $maker, Expression $object, array $values): OwnCall
    {
        return new OwnCall($this->parser->newId(), $maker.'.'.ClassDefinition::MAKES, [$object, ...$values]);
    }
}
