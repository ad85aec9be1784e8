<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Language\Parsing\Spelled;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\TextLiteral;

/** What stands behind a point, and is called or not. */
final class MemberCalls
{
    public function __construct(private readonly ExpressionParser $parser)
    {
    }

    /** What a method works out that is written like a field; lists and texts have some of those names, and a plain object of JavaScript keeps what it was given. */
    public function askedFor(Expression $receiver, string $name): MethodCall
    {
        $property = SpellingIndex::of($this->parser->language())->properties[$name] ?? null;
        $otherwise = match (true) {
            null !== $property => new Operation($property, [$receiver]),
            $this->parser->facts->namedPlaces => new Item($receiver, new TextLiteral($name)),
            default => null,
        };

        return new MethodCall($receiver, $name, [], $otherwise);
    }

    /** @param list<Argument> $arguments */
    public function methodCall(Expression $receiver, Token $name, array $arguments): Expression
    {
        if (isset($this->parser->classes->methodNames[$name->text]) && !$receiver instanceof TextLiteral && !$this->parser->isOfLibrary($receiver)) {
            return $this->sent($receiver, $name, $arguments);
        }

        return $this->builtinCall($receiver, $name, $arguments);
    }

    /**
     * A method of the program's own; a list or a text may have one of that name, too, which its type tells.
     *
     * @param list<Argument> $arguments
     */
    private function sent(Expression $receiver, Token $name, array $arguments): Expression
    {
        $meant = $this->parser->methodMeant($receiver, $name->text, $arguments);
        $name = $meant === $name->text ? $name : new Token($name->kind, $meant, $name->offset);
        $arguments = $this->parser->asTakenBy($receiver, $name->text, $this->parser->asTaken('.'.$name->text, $arguments));
        $mistakes = \count($this->parser->mistakes);
        try {
            $otherwise = $this->builtinCall($receiver, $name, $arguments);
        } catch (ParseFailure) {
            $otherwise = null;
        }
        Parser::cutTo($this->parser->mistakes, $mistakes);
        $named = array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name);
        $values = $this->parser->namedArguments->handed($arguments);
        $named = array_filter($named, static fn (Argument $argument): bool => '*' !== $argument->name && '...' !== $argument->name);
        if ([] !== $named) {
            $signatures = array_values(array_filter(array_map(static fn (array $methods): ?array => $methods[$name->text] ?? null, $this->parser->classes->methods)));
            $isGathered = ExpressionParser::UNLIMITED - 1 <= ($signatures[0][1] ?? 0) || \count($named) < \count(array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name));
            // Where methods of one name take values in another order, it shows when it runs which of them is meant.
            $isOne = 1 >= \count(array_unique(array_map(static fn (array $signature): string => implode(' ', $signature[2]), $signatures)));
            $values = !$isGathered && ($isOne || !$this->parser->facts->namesArguments) ? $this->parser->namedArguments->inOrderOf($signatures[0][2] ?? [], $arguments) : $values;
        }

        return $this->parser->calledOf($receiver, $name->text, $values) ?? new MethodCall($receiver, $name->text, $values, $otherwise);
    }

    /** @param list<Argument> $arguments */
    private function builtinCall(Expression $receiver, Token $name, array $arguments): Expression
    {
        $made = $this->parser->method($receiver, $name->text, $arguments, $name);
        if (null !== $made) {
            return $made;
        }
        if ($receiver instanceof NothingLiteral) {
            // It is asked so that it fails.
            $this->parser->fail('unsupported', $name, ['what' => ".$name->text(…)"]);
        }
        $candidates = SpellingIndex::of($this->parser->language())->methods[$name->text] ?? [];
        $made = Spelled::match($candidates, [new Argument($receiver, 0, 0), ...$arguments], $this->parser->text);
        if (null !== $made) {
            return $made;
        }
        $kept = [] === $candidates ? null : $this->parser->ofValue($receiver, $name, $arguments);
        if (null !== $kept) {
            return $kept;
        }
        if ([] !== $candidates) {
            $this->parser->unknownMembers->miscounted($name, $name->text, \count($candidates[0][1]) - 1, $arguments);
        }

        return $this->parser->ofValue($receiver, $name, $arguments) ?? $this->parser->unknownMembers->unknownMember($receiver, $name, true);
    }
}
