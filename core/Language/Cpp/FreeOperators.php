<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * `Bed operator+(const Bed& a, const Bed& b) { … }`: an operator that stands outside of the class that it is for, or as its
 * friend (C++17, 16.5). It is a method of the class of what it takes first.
 */
trait FreeOperators
{
    /** What only stands in a class (C++17, 16.5.4 and 16.5.5), or changes what it is asked of. */
    private const IN_CLASSES = ['@item', '@called', 'increase', 'decrease', 'scale', 'share', 'advance', 'go_back'];

    /** @var array<string, list<int>> by class and what an operator is called: the places of all that are foretold or defined, each once for its types */
    private array $freeOperators = [];

    private function announceFreeOperators(): void
    {
        $known = $made = [];
        foreach ($this->tokens as $at => $token) {
            $operator = 'operator' === $token->text ? $this->freeOperatorAt($at) : null;
            if (null === $operator || '!=' === $operator[0]) {
                continue;
            }
            [$name, $bracket, $class] = $operator;
            $types = implode('|', $this->typesAt($bracket) ?? []);
            if (!isset($known["$class.$name $types"])) {
                $known["$class.$name $types"] = true;
                $this->freeOperators["$class.$name"][] = $at;
            }
            $counted = $this->counted($bracket + 1, $this->partners[$bracket]);
            $takes = \count($counted[2]) - 1;
            if (isset($this->methods[$class][$name]) && 1 === \count($this->freeOperators["$class.$name"]) && !isset($made["$class.$name"])) {
                // The class has one of its own.
                $this->freeOperators["$class.$name"][] = -1;
            }
            $made["$class.$name"] = true;
            $this->methods[$class][$name] ??= [$takes, $takes, \array_slice(self::objectFirst($name, $counted[2]), 1)];
            $this->taken[".$name"] ??= \array_slice(self::objectFirst($name, $this->typesAt($bracket) ?? []), 1);
        }
    }

    /**
     * @return array{string, int, string}|null what an operator is called that stands outside of classes, the bracket of what it
     *                                         takes, and the class whose objects it takes first
     */
    private function freeOperatorAt(int $at): ?array
    {
        $operator = $this->operatorAt($at);
        $types = null === $operator ? [] : $this->typesAt($operator[1]) ?? [];
        $isOnTheRight = 2 === \count($types) && !isset($this->classes[$types[0]]) && isset($this->classes[$types[1]]);
        $class = $types[$isOnTheRight ? 1 : 0] ?? '';
        if (null === $operator || !isset($this->classes[$class]) || \in_array($operator[0], self::IN_CLASSES, true)) {
            return null;
        }
        // In a class the object itself stands on the left side, and is not among what is taken.
        $isOutside = 0 === $this->depthAt($at) || 'friend' === $this->firstOfRow($at);

        return match (true) {
            !$isOutside => null,
            $isOnTheRight => \in_array($operator[0], ['@add', '@multiply'], true) ? [['@add' => '@added_to', '@multiply' => '@multiplied_by'][$operator[0]], $operator[1], $class] : null,
            2 === \count($types) && '@negate' !== $operator[0] => [$operator[0], $operator[1], $class],
            1 === \count($types) && '@subtract' === $operator[0] => ['@negate', $operator[1], $class],
            default => null,
        };
    }

    /**
     * @template T
     *
     * @param list<T> $both what stands on the left of a sign, and on its right
     *
     * @return list<T> the object that is asked first
     */
    private static function objectFirst(string $name, array $both): array
    {
        return \in_array($name, ClassDefinition::ON_THE_RIGHT, true) ? array_reverse($both) : $both;
    }

    /** @var list<int>|null in how many braces each token stands that are none of a namespace; found once, as a text may have any number of operators */
    private ?array $depths = null;

    private function depthAt(int $at): int
    {
        if (null === $this->depths) {
            $this->depths = $open = [];
            foreach ($this->tokens as $index => $token) {
                $isSign = TokenKind::Sign === $token->kind;
                if ($isSign && '}' === $token->text) {
                    array_pop($open);
                }
                $this->depths[] = [] === $open ? 0 : end($open);
                if ($isSign && '{' === $token->text) {
                    $open[] = ([] === $open ? 0 : end($open)) + ('namespace' === ($this->tokens[$index - 2]->text ?? '') ? 0 : 1);
                }
            }
        }

        return $this->depths[$at] ?? 0;
    }

    private function firstOfRow(int $at): string
    {
        while ($at > 0 && !\in_array($this->tokens[$at - 1]->text, [';', '{', '}', ':'], true)) {
            --$at;
        }

        return $this->tokens[$at]->text;
    }

    /** The row that begins here behind its type, if it is an operator. */
    private function freeOperator(Token $token, string $type, int $start): ?Statement
    {
        if (!$this->is('operator')) {
            return null;
        }
        $operator = $this->freeOperatorAt($this->at);
        $sign = $this->peek(1);
        if (null === $operator || '' !== $this->scope || 1 < \count($this->freeOperators["$operator[2].$operator[0]"] ?? [])) {
            // Which of several is meant shows only in what stands beside it.
            $this->fail('unsupported', $this->peek(), ['what' => 'operator'.($sign->text ?? '')]);
        }
        $class = $operator[2];
        $closing = (int) $this->closingOf($operator[1]);
        $brace = $closing + 1;
        if (';' === ($this->tokens[$brace]->text ?? '') || '!=' === $operator[0] && '{' === ($this->tokens[$brace]->text ?? '')) {
            // It is only foretold, or is what `==` is not.
            return $this->skippedTo(';' === $this->tokens[$brace]->text ? $brace : (int) $this->closingOf($brace), $token);
        }
        $id = $this->newId();
        $this->at = $operator[1];
        $opened = $this->peek() ?? $token;
        ++$this->at;
        $this->scope = $full = "$class.$operator[0]";
        try {
            [$parameters, $defaults, $types] = $this->parameters($opened);
            $parameters = self::objectFirst($operator[0], $parameters);
            $this->gives = $type;
            if (!$this->is('{')) {
                $this->fail('brace_wanted', $this->tokens[$this->at - 1], ['word' => 'operator'.($sign->text ?? '')], [new Replacement($this->endOffset(), 0, ' {')]);
            }
            $opening = $this->peek()->offset ?? 0;
            $first = [];
            if (isset($types[$parameters[0]]) && 1 !== preg_match('/[&*]$/D', $types[$parameters[0]])) {
                // What it takes by value is a copy of its own.
                $first[] = new SetVariable($this->newId(), $parameters[0], new VariableRead($parameters[0]));
                $this->cut($first[0]->id, 'head', $opening + 1, $opening + 1);
            }
            $body = $this->body($id, $start, 'head', 'body', false);
            $this->closeBrace($id, $start);
        } finally {
            $this->scope = '';
        }
        unset($types[$parameters[0]]);

        return new FunctionDefinition($id, $full, $parameters, $this->shared($full, new Block([...$first, ...$body->statements])), false, $defaults, ['' => $type] + $types);
    }

    /** @return Statement|null `friend Bed operator+(Bed a, Bed b);`, `friend class Shed;`: who may see what is private, which makes no difference here */
    private function friend(Token $token): ?Statement
    {
        if (!$this->is('friend')) {
            return null;
        }
        for ($end = $this->at + 1; $end < $this->until && !\in_array($this->tokens[$end]->text, [';', '{'], true); ++$end) {
        }
        if (';' === ($this->tokens[$end]->text ?? '')) {
            $this->at = $end + 1;

            return $this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
        }
        $start = $this->at;
        $class = $this->class;
        ++$this->at;
        $type = $this->type();
        $made = null === $type ? null : $this->freeOperator($token, $type, $start);
        $this->class = $class;

        return $made ?? $this->fail('unsupported', $token, ['what' => 'friend '.($this->peek()->text ?? '')]);
    }
}
