<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\VariableRead;

/** What is asked of an object from inside of its class, and of a class by its name. */
final class ObjectCalls
{
    /** @var array<string, true>|null names that may be given something in the list of a constructor, found when they are first asked for */
    private ?array $listed = null;

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    public function thisObject(Token $token): VariableRead
    {
        $this->parser->read($this->parser->itself, $token->offset);

        return new VariableRead($this->parser->itself);
    }

    /** A name in a method may be what its object keeps, or another method of it (C++17, 6.4.1). */
    public function ofObject(Token $token): ?Expression
    {
        $name = $token->text;
        // What a field begins with may be something that the class keeps.
        $isField = '' === $this->parser->scope && !$this->parser->is('(', 1);
        if ('' === $this->parser->class || !$isField && !$this->parser->isInMethod() || $this->parser->isOfMethod($name)) {
            return null;
        }
        $opened = $this->parser->peek(1);
        if ($this->parser->is('(', 1) && null !== $opened && null !== $owner = $this->parser->classes->ownerOf($this->parser->class, $name)) {
            $this->parser->at += 2;
            $arguments = $this->parser->arguments($opened);
            $name = $this->parser->methodMeant($this->parser->class, $name, $arguments);
            $owner = $this->parser->classes->ownerOf($this->parser->class, $name) ?? $owner;
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);

            return $this->parser->postfix(isset($this->parser->sharedMethods["$owner.$name"]) ? new OwnValue("$owner.$name", $values) : $this->parser->calledOf($this->thisObject($token), $name, $values, $this->parser->class) ?? new MethodCall($this->thisObject($token), $name, $values));
        }
        $static = $this->parser->classes->staticOf($this->parser->class, $name);
        if (null !== $static) {
            ++$this->parser->at;
            $this->parser->read($static, $token->offset);

            return $this->parser->postfix(new VariableRead($static));
        }
        for ($class = $this->parser->class; isset($this->parser->classes->parents[$class]); $class = $this->parser->classes->parents[$class]) {
            if (isset($this->parser->fieldsOf[$class][$name])) {
                if ($isField && !$this->isThereFirst($class, $name)) {
                    $this->parser->fail('unsupported', $token, ['what' => "… = $name"]);
                }
                ++$this->parser->at;

                return $this->parser->postfix(new Field($isField ? new VariableRead($this->parser->itself) : $this->thisObject($token), $name));
            }
        }

        return null;
    }

    /**
     * Whether a field has what it begins with before another field asks for it: what the list of a constructor gives it, or braces
     * do, comes in between (C++17, 15.6.2 and 11.6.1).
     */
    private function isThereFirst(string $class, string $field): bool
    {
        if ($class !== $this->parser->class || !isset($this->parser->classes->methods[$class][ClassDefinition::MAKES]) && !isset($this->parser->symbols->functions["$class.made"]) && !isset($this->parser->symbols->functions[$class.'.'.ClassDefinition::MAKES])) {
            return false;
        }
        if (null === $this->listed) {
            $this->listed = [];
            foreach ($this->parser->tokens as $at => $token) {
                $this->listed += \in_array($this->parser->tokens[$at - 1]->text ?? '', [':', ','], true) && \in_array($this->parser->tokens[$at + 1]->text ?? '', ['(', '{'], true) ? [$token->text => true] : [];
            }
        }

        return !isset($this->listed[$field]);
    }

    /** `Bed("rose")`, `Bed{"rose", 3}`, `Bed::made`, `make_shared<Bed>("rose")`. */
    public function ofClassNamed(Token $token): ?Expression
    {
        if ('make_shared' === $token->text && $this->parser->is('<', 1) && isset($this->parser->classes->parents[$this->parser->peek(2)->text ?? '']) && $this->parser->is('>', 3) && null !== $opened = $this->parser->peek(4)) {
            $class = $this->parser->peek(2) ?? $token;
            $this->parser->at += 5;

            return $this->parser->postfix($this->parser->madeValues->madeOf($class, $this->parser->arguments($opened), false));
        }
        if (!isset($this->parser->classes->parents[$token->text])) {
            return null;
        }
        $next = $this->parser->peek(1);
        if (null !== $next && ('(' === $next->text || '{' === $next->text)) {
            $this->parser->at += 2;

            return $this->parser->postfix($this->parser->madeValues->madeOf($token, $this->parser->arguments($next), true));
        }
        $member = $this->parser->peek(2);
        if ($this->parser->is('::', 1) && null !== $member) {
            $static = $this->parser->classes->staticOf($token->text, $member->text);
            $opened = $this->parser->peek(3);
            if (null !== $static) {
                $this->parser->at += 3;
                $this->parser->read($static, $member->offset);

                return $this->parser->postfix(new VariableRead($static));
            }
            $owner = $this->parser->classes->ownerOf($token->text, $member->text);
            if (null !== $owner && null !== $opened && '(' === $opened->text) {
                $this->parser->at += 4;
                $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));

                return $this->parser->postfix(new OwnValue("$owner.$member->text", isset($this->parser->sharedMethods["$owner.$member->text"]) ? $values : [$this->thisObject($token), ...$values]));
            }
        }

        return null;
    }

    /** `bed.Bed::tell(3)`: a method of the class that is named, whatever the object's own class says (C++17, 13.3). */
    public function ofNamedClass(Expression $receiver): ?OwnValue
    {
        [$class, $method, $opened] = [$this->parser->peek(), $this->parser->peek(2), $this->parser->peek(3)];
        if (null === $class || null === $method || null === $opened || !$this->parser->is('::', 1) || !isset($this->parser->classes->parents[$class->text]) || '(' !== $opened->text) {
            return null;
        }
        $meant = $this->parser->classes->ownerOf($class->text, $method->text);
        if (null === $meant || isset($this->parser->sharedMethods["$meant.$method->text"]) || isset($this->parser->waysByType[$method->text])) {
            return null;
        }
        $this->parser->at += 4;

        return new OwnValue("$meant.$method->text", [$receiver, ...array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened))]);
    }
}
