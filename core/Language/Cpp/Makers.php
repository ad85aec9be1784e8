<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Classes of which objects are made in several ways (C++17, 15.1 and 16). */
trait Makers
{
    /** @var array<string, array<string, array{string, list<string>}>> by class of which objects are made in several ways, those ways by the types that each takes (C++17, 16) */
    private array $makers = [];

    /** @var array<string, list<string>|null> by class, as plainMaker gives it */
    private array $plainMakers = [];

    /** Notes one way in which objects of a class are made: without anything given, or by a function of the class. */
    private function announceMaker(string $class, int $bracket): void
    {
        $types = $this->typesAt($bracket) ?? [];
        $key = implode('|', $types);
        $name = '' === $key ? $class.'.'.ClassDefinition::MAKES : "$class.made".([] === ($this->makers[$class] ?? []) ? '' : '_'.(1 + \count($this->makers[$class])));
        $this->makers[$class][$key] = [$name, '' === $key ? [] : $types];
        $counted = $this->counted($bracket + 1, $this->partners[$bracket] ?? $bracket);
        $this->functions[$name] = $counted;
    }

    protected function makerOf(string $class, array $arguments): ?string
    {
        return $this->fittest($this->makers[$class] ?? [], $arguments);
    }

    /**
     * The rows of one of several ways in which an object is made, which give it back at the end.
     *
     * @param list<Statement> $first what it keeps from the start
     */
    private function madeItself(array $first, Block $body, int $id, Token $name): Block
    {
        foreach (Walk::statements($body->statements) as $row) {
            if ($row instanceof LeaveFunction) {
                $this->fail('unsupported', $name, ['what' => "$name->text(…) { return; }"]);
            }
        }
        $this->plainMakers[$this->class] ??= $this->plainMaker($this->class);
        $given = [];
        foreach ([...$first, ...$body->statements] as $row) {
            $given[] = $row instanceof SetItem && $row->target instanceof Field ? $row->target->name : '';
        }
        if ('' !== ($this->classes[$this->class] ?? '') || null === $this->plainMakers[$this->class] || [] !== array_diff($this->plainMakers[$this->class], $given)) {
            // What is made without anything given is made first: nothing of it may be left to see.
            $this->fail('unsupported', $name, ['what' => "$name->text(…), $name->text()"]);
        }
        $last = new GiveBack($this->newId(), new VariableRead($this->itself));
        $this->atHead([$last], $id, $this->is('}') ? $this->offset() : $this->endOffset());

        return new Block([...$body->statements, $last]);
    }

    /** @return list<string>|null what gets a value where an object is made without anything given; null if more is done then */
    private function plainMaker(string $class): ?array
    {
        $names = [];
        foreach (isset($this->makers[$class]['']) ? $this->tokens : [] as $at => $token) {
            if ($token->text !== $class || '(' !== ($this->tokens[$at + 1]->text ?? '') || ')' !== ($this->tokens[$at + 2]->text ?? '') || !\in_array($this->tokens[$at + 3]->text ?? '', ['{', ':'], true)) {
                continue;
            }
            for ($brace = $at + 3; isset($this->tokens[$brace + 1]) && '{' !== $this->tokens[$brace]->text; ++$brace) {
                $behind = $this->tokens[($this->partners[$brace + 1] ?? $brace) + 1]->text ?? '';
                if (TokenKind::Name === $this->tokens[$brace]->kind && \in_array($this->tokens[$brace + 1]->text, ['(', '{'], true) && (',' === $behind || '{' === $behind)) {
                    $names[] = $this->tokens[$brace]->text;
                    $brace = $this->partners[$brace + 1] ?? $brace;
                }
            }
            for ($index = $brace; $index < ($this->partners[$brace] ?? $brace); ++$index) {
                $text = $this->tokens[$index]->text;
                if (\in_array($text, ['(', '<<', '>>', '::', '++', '--', '+=', '-=', 'if', 'for', 'while'], true)) {
                    return null;
                }
                if (TokenKind::Name === $this->tokens[$index]->kind && '=' === ($this->tokens[$index + 1]->text ?? '')) {
                    $names[] = $text;
                }
            }
        }

        return $names;
    }
}
