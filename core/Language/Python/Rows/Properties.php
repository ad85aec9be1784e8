<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Language\Python\Values\TextLiterals;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What looks like a field and asks a method, and what cannot be given another value (The Python Standard Library 3.11, property; dataclasses). */
final class Properties
{
    /** @var array<string, array{string, string}> the methods that are asked and that set, by class and name; '' for none */
    private array $made = [];
    /** @var array<string, true>|null */
    private ?array $fixed = null;

    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** `litres = property(get_litres, set_litres)` in a class. */
    public function announce(LogicalLine $line, string $class): void
    {
        $signs = array_map(fn (int $at): string => $this->parser->tokens[$at]->text, range($line->from, $line->until - 1));
        if (1 !== preg_match('/^(\w+)=property\((?:fget=)?(\w+)(?:,(?:fset=)?(\w+))?\)$/D', implode('', $signs), $parts)) {
            return;
        }
        [, $name, $asks] = $parts;
        $sets = $parts[3] ?? '';
        $methods = $this->parser->classes->methods[$class];
        $isPlain = [0, 0] === \array_slice($methods[$asks] ?? [], 0, 2) && ('' === $sets || [1, 1] === \array_slice($methods[$sets] ?? [], 0, 2));
        if (!$isPlain || isset($this->parser->classes->asked[$asks]) || isset($methods[$name]) || $sets !== "set_$name" && isset($methods["set_$name"])) {
            return;
        }
        $this->made["$class.$name"] = [$asks, $sets];
        $this->parser->classes->asked[$name] = true;
        $this->parser->classes->methods[$class][$name] = [0, 0, []];
        if ('' !== $sets) {
            $this->parser->classes->setters[$name] = true;
            $this->parser->classes->methods[$class]["set_$name"] = [1, 1, ['value']];
        }
    }

    public function has(string $class, string $name): bool
    {
        return isset($this->made["$class.$name"]);
    }

    /** @return list<FunctionDefinition>|null the methods that stand for it, where the row that begins here makes a property */
    public function methods(): ?array
    {
        $name = $this->parser->peek()->text ?? '';
        $class = $this->parser->class;
        [$asks, $sets] = $this->made["$class.$name"] ?? ['', ''];
        if ('' === $asks || '' !== $this->parser->scope || !$this->parser->is('=', 1)) {
            return null;
        }
        $this->parser->at = $this->parser->until;
        $self = new VariableRead('self');
        $made = [new FunctionDefinition($this->parser->newId(), "$class.$name", ['self'], new Block([new GiveBack($this->parser->newId(), new MethodCall($self, $asks, []))]), sort: 'asked')];
        if ('' !== $sets && "set_$name" !== $sets) {
            $row = new Perform($this->parser->newId(), new MethodCall($self, $sets, [new VariableRead('value')]));
            $made[] = new FunctionDefinition($this->parser->newId(), "$class.set_$name", ['self', 'value'], new Block([$row]), sort: 'set');
        }
        $end = $this->parser->endOffset();
        foreach ($made as $method) {
            $this->parser->enumerations->cutAtHead($method->body->statements, $method->id, $end);
        }

        return $made;
    }

    /**
     * What is given to a field that only asks, or that a frozen object keeps, fails when it runs, and not before.
     *
     * @param bool $isPlain whether the value can neither fail nor do anything
     */
    public function refused(Expression $target, bool $isPlain): ?Statement
    {
        if ($target instanceof Field && $this->isFixed($target->name)) {
            $says = new TextLiteral("cannot assign to field '$target->name'");
            $says = $target->object instanceof VariableRead ? $says : new Operation(OperationKey::After, [$target->object, $says]);

            return $isPlain ? new Raise($this->parser->newId(), FailureKind::Attribute, $says) : $this->parser->fail('unsupported', null, ['what' => '@dataclass']);
        }
        if (!$isPlain) {
            return null;
        }
        if ($target instanceof MethodCall && [] === $target->arguments && isset($this->parser->classes->asked[$target->method]) && $target->object instanceof VariableRead && $this->isOfProperty($target->object->name, $target->method)) {
            $class = new Operation(OperationKey::KindName, [$target->object]);

            return new Raise($this->parser->newId(), FailureKind::Attribute, TextLiterals::together([new TextLiteral("property '$target->method' of '"), $class, new TextLiteral("' object has no setter")]));
        }

        return null;
    }

    /** Whether what a name stands for has a property, as far as its rows show of which classes it is. */
    private function isOfProperty(string $name, string $property): bool
    {
        preg_match_all('/\b'.preg_quote($name, '/').'\s*=\s*(\w+)\s*\(/', $this->parser->text, $made);
        $classes = array_intersect($made[1], array_map(strval(...), array_keys($this->parser->classes->parents)));

        return [] === array_filter($classes, fn (string $class): bool => null === $this->parser->classes->ownerOf($class, $property));
    }

    /** Whether a field is one of frozen objects alone, and nothing asks what the failure is called. */
    public function isFixed(string $field): bool
    {
        if (null === $this->fixed) {
            $fixed = [];
            preg_match_all('/@(?:dataclasses\s*\.\s*)?dataclass\s*\([^()]*\bfrozen\s*=\s*True\b[^()]*\)\s*class\s+(\w+)/', $this->parser->text, $frozen);
            foreach ($this->parser->classes->given as $class => $names) {
                foreach ($names as $name) {
                    $fixed[$name] = ($fixed[$name] ?? true) && \in_array($class, $frozen[1], true);
                }
            }
            $isAsked = 1 === preg_match('/\b__?setattr(?:__)?\b/', $this->parser->text);
            preg_match_all('/\bexcept\b[^:\n]*\bas\s+(\w+)/', $this->parser->text, $caught);
            foreach (array_unique($caught[1]) as $name) {
                $name = Names::asPattern($name);
                $isAsked = $isAsked || 1 === preg_match("/\\b(?:type|repr)\\s*\\(\\s*$name\\b|\\b$name\\s*\\.\\s*__class__|\\{\\s*$name\\s*!r/", $this->parser->text);
            }
            $this->fixed = array_fill_keys(array_keys($isAsked ? [] : array_filter($fixed)), true);
        }

        return isset($this->fixed[$field]) && 1 !== preg_match('/\bself\s*\.\s*'.Names::asPattern($field).'\s*(?:[-+*\/%&|^]|\*\*|\/\/)?=(?!=)/', $this->parser->text);
    }
}
