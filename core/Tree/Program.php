<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A whole program: what stands before the script, mostly its own functions; the script that runs; functions below it. */
final readonly class Program extends Node
{
    /**
     * @param list<Statement>            $functions   rows above the script: functions, and between them remarks, imports and
     *                                                variables of the whole program, which run before the script
     * @param int                        $nextId      larger than every id in use, so that an id never comes back
     * @param list<Statement>            $below       rows below the script: functions, remarks
     * @param array<string, Handwriting> $handwriting texts that a person typed, by language
     * @param array<int, Hand>           $hands       rows that are not shown in words, by id
     * @param array<int, Model>          $models      what rows that were written in the place of printed ones have to do, by id
     */
    public function __construct(
        public array $functions,
        public Script $script,
        public int $nextId,
        public array $below = [],
        public array $handwriting = [],
        public array $hands = [],
        public array $models = [],
        public Setting $setting = new Setting(),
    ) {
    }

    public static function empty(): self
    {
        return new self([], new Script(1, new Block()), 2);
    }

    /** @param list<Statement> $functions */
    public function withFunctions(array $functions): self
    {
        return $this->with(['functions' => $functions]);
    }

    public function withScript(Script $script): self
    {
        return $this->with(['script' => $script]);
    }

    /** @param list<Statement> $below */
    public function withBelow(array $below): self
    {
        return $this->with(['below' => $below]);
    }

    public function withNextId(int $nextId): self
    {
        return $this->with(['nextId' => $nextId]);
    }

    public function withHandwriting(string $language, ?Handwriting $handwriting): self
    {
        $all = $this->handwriting;
        unset($all[$language]);

        return $this->with(['handwriting' => null === $handwriting ? $all : [...$all, $language => $handwriting]]);
    }

    /** The program alone, without what was typed of it. */
    public function withoutTyping(): self
    {
        return $this->with(['handwriting' => [], 'hands' => [], 'models' => []]);
    }

    /** @param array<int, Hand> $hands */
    public function withHands(array $hands): self
    {
        return $this->with(['hands' => $hands]);
    }

    /** @param array<int, Model> $models */
    public function withModels(array $models): self
    {
        return $this->with(['models' => $models]);
    }

    public function withSetting(Setting $setting): self
    {
        return $this->with(['setting' => $setting]);
    }

    /** @return list<int> rows that were written in the place of printed ones and are not proven to do the same */
    public function unsealed(): array
    {
        $hands = $this->hands;

        return array_values(array_filter(array_keys($this->models), fn (int $id): bool => null !== $this->models[$id]->row && Hand::Handwritten === ($hands[$id] ?? null)));
    }

    /** @return list<Statement> every row that stands in no other, from top to bottom */
    public function parts(): array
    {
        return [...$this->functions, $this->script, ...$this->below];
    }

    /** @return list<FunctionDefinition> the program's own functions, wherever they stand; each before those inside of it */
    public function definitions(): array
    {
        return Definitions::of($this)->all;
    }

    /** What a class calls its object, where no method says it otherwise: the first that names nothing else. */
    public const NAMES_OF_ITSELF = ['self', 'own', 'itself'];

    /** What the first values of fields call the object that they are for: what the methods of the program do. */
    public function itself(): string
    {
        $names = [];
        foreach ($this->definitions() as $function) {
            if ('' === $function->sort && null !== $itself = $function->itself()) {
                return $itself;
            }
            $names += array_fill_keys($function->parameters, true);
        }
        foreach (Walk::statements($this->parts()) as $row) {
            $names += $row instanceof SetVariable ? [$row->variable => true] : [];
        }

        return array_values(array_filter(self::NAMES_OF_ITSELF, static fn (string $name): bool => !isset($names[$name])))[0] ?? self::NAMES_OF_ITSELF[0];
    }

    /** The function or script inside of which a function stands; null for one that stands by itself, or in a class. */
    public function around(FunctionDefinition $function): FunctionDefinition|Script|null
    {
        return Definitions::of($this)->around[$function->id] ?? null;
    }

    /** Whether a function can be called by its name from a part: one inside of another is known within that alone. */
    public function sees(FunctionDefinition|Script $part, FunctionDefinition $function): bool
    {
        $around = $this->around($function);
        for ($from = $part; null !== $around && $from !== $around; $from = $from instanceof FunctionDefinition ? $this->around($from) : null) {
            if (null === $from) {
                return false;
            }
        }

        return true;
    }

    /** @return list<ClassDefinition> those that are not switched off, each behind those that stand in it */
    public function classes(): array
    {
        return Definitions::of($this)->classes;
    }

    /** @return list<FunctionDefinition|Script> what has variables of its own: each function, then the script */
    public function scopes(): array
    {
        return [...$this->definitions(), $this->script];
    }

    /**
     * The rows of a scope: the script's are also those around the functions.
     *
     * @return list<Statement> live rows, without those of functions inside
     */
    public function rowsOf(FunctionDefinition|Script $scope): array
    {
        return Walk::live($scope instanceof FunctionDefinition ? $scope->body->statements : [...$this->functions, ...$scope->body->statements, ...$this->below]);
    }

    /** Whether something in it could not be read, so that it cannot run. */
    public function hasUnread(): bool
    {
        foreach (Walk::statements($this->parts()) as $row) {
            if ($row instanceof Unread && !$row->off) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $expression) {
                if ($expression instanceof UnreadExpression) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether the machine of a language begins with it, and perhaps stops at what it has no sense of. */
    public function begins(string $language): bool
    {
        foreach (Walk::statements($this->parts()) as $row) {
            if ($row instanceof Unread && !$row->off && (null === $row->fails || $row->language !== $language)) {
                return false;
            }
            foreach (Walk::expressionsOf($row) as $expression) {
                if ($expression instanceof UnreadExpression && null === $expression->fails) {
                    return false;
                }
            }
        }

        return true;
    }

    public function classNamed(string $name): ?ClassDefinition
    {
        return Definitions::of($this)->classesByName[$name] ?? null;
    }

    public function functionNamed(string $name): ?FunctionDefinition
    {
        return Definitions::of($this)->byName[$name] ?? null;
    }
}
