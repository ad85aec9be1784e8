<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\VariableRead;

/** Classes of which objects are made in several ways (C++17, 15.1 and 16). */
final class Makers
{
    /** @var array<string, array<string, array{string, list<string>}>> by class of which objects are made in several ways, those ways by the types that each takes (C++17, 16) */
    public array $makers = [];
    /** @var array<string, array<string, array{string, list<string>}>> the same of every class, where it is made in one way as well */
    private array $all = [];

    /** @var array<string, true> classes of which it is seen when an object is made without anything given */
    private array $seen = [];

    /** The one of several ways to make an object that is being read, by its scope. */
    public ?string $making = null;

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Whether it would be seen if an object were made before the one that is meant. */
    public function isSeenMaking(string $class): bool
    {
        return isset($this->makers[$class], $this->seen[$class]);
    }

    /** @return list<string> the types that are taken where an object is made in one of several ways, or in the only one */
    public function typesTaken(string $class, ?string $way): array
    {
        $ways = array_values(array_filter($this->all[$class] ?? [], static fn (array $maker): bool => null === $way || $way === $maker[0]));

        return 1 === \count($ways) ? $ways[0][1] : [];
    }

    /** The class whose objects a function makes; '' for any other function. */
    public function classMadeBy(string $function): string
    {
        [$class] = explode('.', $function, 2);

        return \in_array($function, array_column($this->makers[$class] ?? [], 0), true) ? $class : '';
    }

    /** Notes one way in which objects of a class are made: without anything given, or by a function of the class. */
    public function announceMaker(string $class, int $bracket): void
    {
        $types = $this->parser->announcements->typesAt($bracket) ?? [];
        $key = implode('|', $types);
        $closing = $this->closingWhereDefined($class, $key, $this->parser->partners[$bracket] ?? $bracket);
        // One that leaves it to another one makes nothing itself (C++17, 15.6.2).
        $isLeft = ':' === ($this->parser->tokens[$closing + 1]->text ?? '') && $class === ($this->parser->tokens[$closing + 2]->text ?? '');
        $isPlain = '' === $key && !$isLeft && '' === ($this->parser->classes->parents[$class] ?? '') && ('=' === ($this->parser->tokens[$closing + 1]->text ?? '') || null !== $this->plainlyGiven($closing + 1));
        $this->seen += '' === $key && !$isLeft && !$isPlain ? [$class => true] : [];
        $name = $isPlain ? $class.'.'.ClassDefinition::MAKES : "$class.made".([] === ($this->makers[$class] ?? []) ? '' : '_'.(1 + \count($this->makers[$class])));
        $this->makers[$class][$key] = $this->all[$class][$key] = [$name, '' === $key ? [] : $types];
        $counted = $this->parser->announcements->counted($bracket + 1, $this->parser->partners[$bracket] ?? $bracket);
        $this->parser->symbols->functions[$name] = $counted;
    }

    /** Behind which bracket stands what is done: of one that is only announced in its class, that of its definition (C++17, 12.2.1). */
    private function closingWhereDefined(string $class, string $key, int $closing): int
    {
        foreach (';' === ($this->parser->tokens[$closing + 1]->text ?? '') ? $this->parser->tokens : [] as $at => $token) {
            $isApart = '::' === $token->text && $class === ($this->parser->tokens[$at - 1]->text ?? '') && $class === ($this->parser->tokens[$at + 1]->text ?? '') && '(' === ($this->parser->tokens[$at + 2]->text ?? '');
            if ($isApart && $key === implode('|', $this->parser->announcements->typesAt($at + 2) ?? [])) {
                return $this->parser->partners[$at + 2] ?? $closing;
            }
        }

        return $closing;
    }

    /** @return list<string> what an object of a class is made of, where it is made in one way of so many values; empty where in several */
    public function typesOf(string $class, int $count): array
    {
        $ways = array_filter($this->all[$class] ?? [], static fn (array $maker): bool => $count === \count($maker[1]));

        return 1 === \count($ways) ? array_values($ways)[0][1] : [];
    }

    /** How deep the lists of braces are nested that a class is made of: 0 where it is made of other things. */
    public function takesList(string $class): int
    {
        $depths = array_map(static fn (array $maker): int => 1 === \count($maker[1]) && str_starts_with($maker[1][0], 'initializer_list') ? substr_count($maker[1][0], 'initializer_list') : 0, array_values($this->all[$class] ?? []));

        return [] === $depths ? 0 : max($depths);
    }

    /** Whether a class is made of a list whose items are written in braces themselves: pairs, lists. */
    public function takesBraced(string $class): bool
    {
        foreach ($this->all[$class] ?? [] as [, $types]) {
            $item = 1 === \count($types) && 1 === preg_match('/^initializer_list<(.*)>$/D', trim($types[0]), $match) ? TypeNames::read($match[1]) : null;
            if (null !== $item && ($item->isList() || $item->isMap() || [] !== $item->parts)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The function that makes an object of what is given, of a class that makes them in several ways; null for any other.
     *
     * @param list<Argument> $arguments
     */
    public function makerOf(string $class, array $arguments): ?string
    {
        return [] === $arguments && str_ends_with($this->makers[$class][''][0] ?? '', '.'.ClassDefinition::MAKES) ? null : $this->parser->fittingOverload->fittest($this->makers[$class] ?? [], $arguments);
    }

    /**
     * The rows of one of several ways in which an object is made, which give it back at the end.
     */
    public function madeItself(Block $body, int $id): Block
    {
        $last = new GiveBack($this->parser->newId(), new VariableRead($this->parser->itself));
        $this->parser->atHead([$last], $id, $this->parser->is('}') ? $this->parser->offset() : $this->parser->endOffset());

        return new Block([...$body->statements, $last]);
    }

    /**
     * @param int $at where the rows begin of what makes an object, or what it gives to its fields before
     *
     * @return list<string>|null what gets a value there; null if more is done
     */
    private function plainlyGiven(int $at): ?array
    {
        $names = [];
        for ($brace = $at; isset($this->parser->tokens[$brace + 1]) && '{' !== $this->parser->tokens[$brace]->text; ++$brace) {
            $closing = $this->parser->partners[$brace + 1] ?? $brace;
            $behind = $this->parser->tokens[$closing + 1]->text ?? '';
            if (TokenKind::Name === $this->parser->tokens[$brace]->kind && \in_array($this->parser->tokens[$brace + 1]->text, ['(', '{'], true) && (',' === $behind || '{' === $behind)) {
                foreach (\array_slice($this->parser->tokens, $brace + 2, max(0, $closing - $brace - 2)) as $token) {
                    if (\in_array($token->text, ['++', '--'], true)) {
                        return null;
                    }
                }
                $names[] = $this->parser->tokens[$brace]->text;
                $brace = $closing;
            }
        }
        for ($index = $brace; $index < ($this->parser->partners[$brace] ?? $brace); ++$index) {
            $text = $this->parser->tokens[$index]->text;
            if (\in_array($text, ['(', '<<', '>>', '::', '++', '--', '+=', '-=', 'if', 'for', 'while'], true)) {
                return null;
            }
            if (TokenKind::Name === $this->parser->tokens[$index]->kind && '=' === ($this->parser->tokens[$index + 1]->text ?? '')) {
                $names[] = $text;
            }
        }

        return $names;
    }
}
