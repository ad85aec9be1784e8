<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** One of the program's own functions. */
final readonly class FunctionDefinition extends Statement
{
    use HoldsBody;

    /** What a name ends with that belongs to the function as it is written, while what was made of it has the name without. */
    public const AS_WRITTEN = '_as_written';
    /** What stands before the name of the function around it, in the name of one of several functions that are written with the same name. */
    public const OF = '_of_';

    /**
     * @param list<string>                                                                $parameters
     * @param array<string, Expression>                                                   $defaults   by parameter
     * @param array<string, string>                                                       $types      as C++ names them, by parameter, the result's under ''; only those that
     *                                                                                                differ from what the program shows without them
     * @param string                                                                      $rest       the parameter that gets a list of all that is given beyond the ones before it; '' for none
     * @param ''|'asked'|'shared'|'shared_asked'|'set'|'remembered'|'tied'|'async'|'held' $sort       of a method: `asked` is written like a field, `set` like one that gets a value, `shared` is its class's and
     *                                                                                                has no object; of a function: `remembered` is reckoned once for the same values, `tied` and `asked` know the object they are kept in,
     *                                                                                                `held` hands out one value to the rows of a `with` and goes on behind them
     */
    public function __construct(public int $id, public string $name, public array $parameters, public Block $body, public bool $off = false, public array $defaults = [], public array $types = [], public string $sort = '', public string $rest = '')
    {
    }

    public function entry(): string
    {
        return 'define';
    }

    public function labels(): array
    {
        return ['name' => $this->name, 'parameters' => implode(', ', $this->parameters)];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([
            $name => 'parameters' === $name ? ('' === $value ? [] : explode(', ', $value)) : $value,
        ]);
    }

    public function blanks(): array
    {
        $blanks = [];
        foreach ($this->defaults as $parameter => $default) {
            $blanks["default.$parameter"] = $default;
        }

        return $blanks;
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with(['defaults' => [...$this->defaults, substr($name, \strlen('default.')) => $value]]);
    }

    /** @param array<string, string> $types */
    public function withTypes(array $types): self
    {
        return $this->with(['types' => $types]);
    }

    /** The entry whose words say it. */
    public function phrase(): string
    {
        return '' === $this->class() ? 'define' : ([] === $this->given() ? 'method' : 'method_with');
    }

    /** The class whose method it is; '' for a function. */
    public function class(): string
    {
        return substr($this->name, 0, (int) strpos($this->name, '.'));
    }

    /** Whether it gives a promise, and goes on while others wait (ECMA-262, 15.8). */
    public function isAsync(): bool
    {
        return 'async' === $this->sort;
    }

    /** The row that begins the stream in which what an object shows is gathered; null where the function says it in one value. */
    public function showingStream(): ?SetVariable
    {
        $first = ClassDefinition::SHOWS === $this->shortName() ? $this->body->statements[0] ?? null : null;

        return $first instanceof SetVariable && $first->value instanceof Operation && OperationKey::TextStream === $first->value->key ? $first : null;
    }

    /** The parameter that is the method's object; null for a function. */
    public function itself(): ?string
    {
        return '' === $this->class() || $this->isShared() ? null : $this->parameters[0] ?? null;
    }

    /** Whether the method is its class's, and has no object. */
    public function isShared(): bool
    {
        return \in_array($this->sort, ['shared', 'shared_asked'], true);
    }

    /** Whether it is what any class calls by that name. */
    public function isMethod(string $name): bool
    {
        return '' !== $this->class() && $name === $this->shortName();
    }

    /** Whether the function belongs to the one object it is kept in (`{ tell() { return this.name; } }`), which is its first parameter. */
    public function isTied(): bool
    {
        return '' === $this->class() && \in_array($this->sort, ['tied', 'asked', 'set'], true);
    }

    /** @return list<string> the parameters that a caller gives values for */
    public function given(): array
    {
        return null === $this->itself() ? $this->parameters : \array_slice($this->parameters, 1);
    }

    /** A method's own name, without that of its class. */
    public function shortName(): string
    {
        $at = strpos($this->name, '.');

        return false === $at ? $this->name : substr($this->name, $at + 1);
    }

    /** Whether some row gives a value back. */
    public function givesValue(): bool
    {
        foreach (Walk::live($this->body->statements) as $statement) {
            if ($statement instanceof GiveBack) {
                return true;
            }
        }

        return $this->handsOut();
    }

    /** Whether it hands out one value after another, each when it is asked for. */
    public function handsOut(): bool
    {
        foreach (Walk::live($this->body->statements) as $statement) {
            if ($statement instanceof Perform && $statement->value instanceof Operation && \in_array($statement->value->key, [OperationKey::HandOut, OperationKey::HandOutAll], true)) {
                return true;
            }
        }

        return false;
    }
}
