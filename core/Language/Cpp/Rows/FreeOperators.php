<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
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
final class FreeOperators
{
    /** What only stands in a class (C++17, 16.5.4 and 16.5.5), or changes what it is asked of. */
    private const IN_CLASSES = ['@item', '@called', 'increase', 'decrease', 'scale', 'share', 'advance', 'go_back'];
    /** @var array<string, list<int>> by class and what an operator is called: the places of all that are foretold or defined, each once for its types */
    private array $freeOperators = [];
    /** @var list<int>|null in how many braces each token stands that are none of a namespace; found once, as a text may have any number of operators */
    private ?array $depths = null;

    public function __construct(private readonly CppParser $parser)
    {
    }

    public function announceFreeOperators(): void
    {
        $known = $made = [];
        foreach ($this->parser->tokens as $at => $token) {
            $operator = 'operator' === $token->text ? $this->freeOperatorAt($at) : null;
            if (null === $operator || '!=' === $operator[0]) {
                continue;
            }
            [$name, $bracket, $class] = $operator;
            $types = implode('|', $this->parser->announcements->typesAt($bracket) ?? []);
            if (!isset($known["$class.$name $types"])) {
                $known["$class.$name $types"] = true;
                $this->freeOperators["$class.$name"][] = $at;
            }
            $counted = $this->parser->announcements->counted($bracket + 1, $this->parser->partners[$bracket]);
            $takes = \count($counted[2]) - 1;
            if (isset($this->parser->classes->methods[$class][$name]) && 1 === \count($this->freeOperators["$class.$name"]) && !isset($made["$class.$name"])) {
                // The class has one of its own.
                $this->freeOperators["$class.$name"][] = -1;
            }
            $made["$class.$name"] = true;
            $this->parser->classes->methods[$class][$name] ??= [$takes, $takes, \array_slice(self::objectFirst($name, $counted[2]), 1)];
            $this->parser->taken["$class.$name"] ??= \array_slice(self::objectFirst($name, $this->parser->announcements->typesAt($bracket) ?? []), 1);
            $this->parser->taken[".$name"] ??= \array_slice(self::objectFirst($name, $this->parser->announcements->typesAt($bracket) ?? []), 1);
        }
    }

    /**
     * @return array{string, int, string}|null what an operator is called that stands outside of classes, the bracket of what it
     *                                         takes, and the class whose objects it takes first
     */
    private function freeOperatorAt(int $at): ?array
    {
        $operator = $this->parser->announcements->operatorAt($at);
        $types = null === $operator ? [] : $this->parser->announcements->typesAt($operator[1]) ?? [];
        $isOnTheRight = 2 === \count($types) && !isset($this->parser->classes->parents[$types[0]]) && isset($this->parser->classes->parents[$types[1]]);
        $class = $types[$isOnTheRight ? 1 : 0] ?? '';
        if (null === $operator || !isset($this->parser->classes->parents[$class]) || \in_array($operator[0], self::IN_CLASSES, true)) {
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

    public function depthAt(int $at): int
    {
        if (null === $this->depths) {
            $this->depths = $open = [];
            foreach ($this->parser->tokens as $index => $token) {
                $isSign = TokenKind::Sign === $token->kind;
                if ($isSign && '}' === $token->text) {
                    array_pop($open);
                }
                $this->depths[] = [] === $open ? 0 : end($open);
                if ($isSign && '{' === $token->text) {
                    $open[] = ([] === $open ? 0 : end($open)) + ('namespace' === ($this->parser->tokens[$index - 2]->text ?? '') ? 0 : 1);
                }
            }
        }

        return $this->depths[$at] ?? 0;
    }

    private function firstOfRow(int $at): string
    {
        while ($at > 0 && !\in_array($this->parser->tokens[$at - 1]->text, [';', '{', '}', ':'], true)) {
            --$at;
        }

        return $this->parser->tokens[$at]->text;
    }

    /** Whether a sign has one meaning for objects of a class, which stands outside of it and takes both sides (C++17, 16.3.1.2). */
    public function takesBoth(string $class, string $name): bool
    {
        return 1 === \count($this->freeOperators["$class.$name"] ?? []) && $class === ($this->parser->taken["$class.$name"][0] ?? '');
    }

    /** The row that begins here behind its type, if it is an operator. */
    public function freeOperator(Token $token, string $type, int $start): ?Statement
    {
        if (!$this->parser->is('operator')) {
            return null;
        }
        $operator = $this->freeOperatorAt($this->parser->at);
        $sign = $this->parser->peek(1);
        if (null === $operator || '' !== $this->parser->scope || 1 < \count($this->freeOperators["$operator[2].$operator[0]"] ?? [])) {
            // Which of several is meant shows only in what stands beside it.
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'operator'.($sign->text ?? '')]);
        }
        $class = $operator[2];
        $closing = (int) $this->parser->closingOf($operator[1]);
        $brace = $closing + 1;
        if (';' === ($this->parser->tokens[$brace]->text ?? '') || '!=' === $operator[0] && '{' === ($this->parser->tokens[$brace]->text ?? '')) {
            // It is only foretold, or is what `==` is not.
            return $this->parser->classRows->skippedTo(';' === $this->parser->tokens[$brace]->text ? $brace : (int) $this->parser->closingOf($brace), $token);
        }
        $id = $this->parser->newId();
        $this->parser->at = $operator[1];
        $opened = $this->parser->peek() ?? $token;
        ++$this->parser->at;
        $this->parser->scope = $full = "$class.$operator[0]";
        try {
            [$parameters, $defaults, $types] = $this->parser->functionRows->parameters($opened);
            $parameters = self::objectFirst($operator[0], $parameters);
            $this->parser->gives = $type;
            if (!$this->parser->is('{')) {
                $this->parser->fail('brace_wanted', $this->parser->tokens[$this->parser->at - 1], ['word' => 'operator'.($sign->text ?? '')], [new Replacement($this->parser->endOffset(), 0, ' {')]);
            }
            $opening = $this->parser->peek()->offset ?? 0;
            $first = [];
            if (isset($types[$parameters[0]]) && 1 !== preg_match('/[&*]$/D', $types[$parameters[0]])) {
                // What it takes by value is a copy of its own.
                $first[] = new SetVariable($this->parser->newId(), $parameters[0], new VariableRead($parameters[0]));
                $this->parser->cut($first[0]->id, 'head', $opening + 1, $opening + 1);
            }
            $body = $this->parser->body($id, $start, 'head', 'body', false);
            $this->parser->closeBrace($id, $start);
        } finally {
            $this->parser->scope = '';
        }
        unset($types[$parameters[0]]);

        return new FunctionDefinition($id, $full, $parameters, $this->parser->shared($full, new Block([...$first, ...$body->statements])), false, $defaults, ['' => $type] + $types);
    }

    /** @return Statement|null `friend Bed operator+(Bed a, Bed b);`, `friend class Shed;`: who may see what is private, which makes no difference here */
    public function friend(Token $token): ?Statement
    {
        if (!$this->parser->is('friend')) {
            return null;
        }
        for ($end = $this->parser->at + 1; $end < $this->parser->until && !\in_array($this->parser->tokens[$end]->text, [';', '{'], true); ++$end) {
        }
        if (';' === ($this->parser->tokens[$end]->text ?? '')) {
            $this->parser->at = $end + 1;

            return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
        }
        $start = $this->parser->at;
        $class = $this->parser->class;
        ++$this->parser->at;
        $type = $this->parser->typeTexts->type();
        $made = null === $type ? null : $this->freeOperator($token, $type, $start);
        $this->parser->class = $class;

        return $made ?? $this->parser->fail('unsupported', $token, ['what' => 'friend '.($this->parser->peek()->text ?? '')]);
    }
}
