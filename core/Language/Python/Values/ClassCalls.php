<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What is asked of classes, and of what stands above one. */
final class ClassCalls
{
    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /** `super().water(2)`: the method as the class above has it. */
    public function above(Token $token): Expression
    {
        $member = $this->parser->peek(1);
        $opened = $this->parser->peek(2);
        if ($this->parser->is('.') && null !== $member && isset($this->parser->classes->asked[$member->text]) && '(' !== $opened?->text && null !== $owner = $this->parser->classes->ownerOf($this->parser->classes->parents[$this->parser->class] ?? '', $member->text)) {
            $this->parser->at += 2;
            $this->parser->read($this->parser->itself, $token->offset);

            return new OwnValue("$owner.$member->text", [new VariableRead($this->parser->itself)]);
        }
        if (!$this->parser->is('.') || null === $member || null === $opened || '(' !== $opened->text) {
            $this->parser->fail('unsupported', $token, ['what' => 'super()']);
        }
        $this->parser->at += 3;
        $arguments = $this->parser->arguments($opened);
        $made = $this->ofClass($this->parser->classes->parents[$this->parser->class] ?? '', $member->text, $arguments);
        if (null === $made && '__init__' === $member->text && $this->parser->isRaised($this->parser->class)) {
            if (1 < \count($arguments)) {
                $this->parser->fail('unsupported', $member, ['what' => 'super().__init__(…, …)']);
            }

            return new Operation(OperationKey::SayFailing, [new VariableRead($this->parser->itself), $arguments[0]->value ?? new TextLiteral('')]);
        }

        return $made ?? ('__init__' === $member->text ? new NothingLiteral() : $this->parser->unknownMembers->unknownMethod($member, true));
    }

    /** @param list<Argument> $arguments */
    private function ofClass(string $class, string $method, array $arguments): OwnValue|MethodCall|null
    {
        $name = PythonNames::METHODS[$method] ?? $method;
        $owner = $this->parser->classes->ownerOf($class, $name);
        $this->parser->read($this->parser->itself, $this->parser->endOffset());
        if (null !== $owner && [] !== array_filter($arguments, static fn (Argument $argument): bool => \in_array($argument->name, ['*', '**'], true))) {
            // Which value is whose shows when it runs.
            return new MethodCall(new FunctionReference("$owner.$name"), MethodCall::CALL, [new VariableRead($this->parser->itself), ...$this->parser->namedArguments->handed($arguments)]);
        }

        return null === $owner ? null : new OwnValue("$owner.$name", [new VariableRead($this->parser->itself), ...$this->parser->namedArguments->inOrderOf($this->parser->classes->methods[$owner][$name][2], $arguments)]);
    }

    /** `cls(name)`, `cls.small(name)` in a method that is handed one of several classes. */
    public function ofAnyClass(Token $token): Expression
    {
        ++$this->parser->at;
        $class = new VariableRead($token->text);
        $this->parser->read($token->text, $token->offset);
        $opened = $this->parser->peek();
        if (null !== $opened && '(' === $opened->text) {
            ++$this->parser->at;
            $arguments = $this->parser->arguments($opened);
            $this->parser->namedArguments->refuseNames($arguments);

            return new MethodCall($class, MethodCall::CALL, $this->parser->namedArguments->handed($arguments));
        }
        if ($this->parser->is('.') && $this->parser->is('__name__', 1)) {
            $this->parser->at += 2;

            return new Operation(OperationKey::FunctionName, [$class]);
        }
        $member = $this->parser->is('.') ? $this->parser->peek(1) : null;
        $opened = $this->parser->peek(2);
        $owner = null === $member || '(' !== $opened?->text ? null : $this->parser->classes->ownerOf($this->parser->class, $member->text);
        if (null === $member || null === $opened || null === $owner || !isset($this->parser->ofSeveral["$owner.$member->text"])) {
            $this->parser->fail('unsupported', $token, ['what' => $token->text]);
        }
        $this->parser->at += 3;

        return new OwnValue("$owner.$member->text", [$class, ...$this->parser->namedArguments->inOrderOf($this->parser->classes->methods[$owner][$member->text][2], $this->parser->namedArguments->packed("$owner.$member->text", $this->parser->arguments($opened)))]);
    }

    /** @return list<string> what a class leaves open, so that no object can be made of it, in the order in which it is told */
    public function openIn(string $class): array
    {
        $open = [];
        for ($of = $class; '' !== $of; $of = $this->parser->classes->parents[$of] ?? '') {
            foreach (array_keys($this->parser->leftOpen[$of] ?? []) as $method) {
                if ($of === $this->parser->classes->ownerOf($class, $method)) {
                    $open[] = array_flip(PythonNames::METHODS)[$method] ?? $method;
                }
            }
        }
        sort($open);

        return 1 === preg_match('/\bABC(?:Meta)?\b/', $this->parser->text) ? $open : [];
    }
}
