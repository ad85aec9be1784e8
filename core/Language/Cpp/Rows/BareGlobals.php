<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Variables that stand above the functions only because C++ wants them there, and prototypes, belong to the head of the text: the
 * script gives those variables their first values, before anything asks for them.
 */
final readonly class BareGlobals
{
    /** @var array<string, list<Statement>> what stands in functions, by their names without those of their classes */
    private array $functions;

    /**
     * @param list<Statement> $above
     * @param list<Statement> $script
     * @param list<Statement> $below
     */
    public function __construct(private CppParser $parser, private array $above, private array $script, array $below)
    {
        $functions = [];
        foreach (Walk::statements([...$above, ...$below]) as $row) {
            if ($row instanceof FunctionDefinition) {
                $functions[$row->shortName()][] = $row;
            } elseif ($row instanceof ClassDefinition) {
                // A class makes its objects without being called.
                $functions[$row->name] = $row->body->statements;
            }
        }
        $this->functions = $functions;
    }

    /**
     * @param array{int, int}|null $imports
     *
     * @return array{array{int, int}|null, list<Statement>, list<Statement>} where the head is, and the rows above and in the script without them
     */
    public function without(?array $imports): array
    {
        [$above, $script] = [$this->above, $this->script];
        while (null !== $imports && [] !== $above) {
            $row = $above[0];
            $type = $this->bare($row);
            $isPrototype = $row instanceof Import && (str_ends_with($row->text, ');') || 1 === preg_match('/^(?:std::)?function</', $row->text));
            if (null === $type && !$isPrototype) {
                break;
            }
            foreach ($this->parser->cuts as $index => $cut) {
                if ($cut->id === $row->id) {
                    $imports[1] = max($imports[1], $cut->end);
                    unset($this->parser->cuts[$index]);
                }
            }
            $this->parser->cuts = array_values($this->parser->cuts);
            array_shift($above);
            $at = $row instanceof Declaration || $row instanceof SetVariable ? $this->firstSet($row->variable) : null;
            if (null !== $at && $script[$at] instanceof SetVariable && '' !== $type) {
                // Its type is still the one that stands there.
                $script[$at] = $script[$at]->withDeclared($type);
            }
        }

        return [$imports, $above, $script];
    }

    /** The type of a variable that has no value of its own yet where the script gives it the first one; '' if none is said, null for any other row. */
    private function bare(Statement $row): ?string
    {
        [$name, $type] = match (true) {
            $row instanceof Declaration => [$row->variable, $row->type],
            $row instanceof SetVariable && \in_array($row->value, [new NumberLiteral(0), new NumberLiteral(0.0), new TextLiteral(''), new TruthLiteral(false)], false) => [$row->variable, $row->declared],
            default => [null, null],
        };

        return null === $name || null === $this->firstSet($name) ? null : (string) $type;
    }

    /** Which row of the script gives a variable its first value; null where something may ask for it before. */
    private function firstSet(string $name): ?int
    {
        $asking = $this->asking($name);
        foreach ($this->script as $at => $row) {
            $isSet = $row instanceof SetVariable && $row->variable === $name && !$row->off;
            if ($isSet && !$this->asks($row, $name, $asking, true)) {
                return $at;
            }
            foreach (Walk::statements([$row]) as $inner) {
                if ($this->asks($inner, $name, $asking, false)) {
                    return null;
                }
            }
        }

        return null;
    }

    /** @return array<string, true> the functions in which a variable is asked for or changed, themselves or in others that they call */
    private function asking(string $name): array
    {
        $asking = [];
        do {
            $before = \count($asking);
            foreach ($this->functions as $function => $bodies) {
                foreach (isset($asking[$function]) ? [] : Walk::statements($bodies) as $row) {
                    if ($this->asks($row, $name, $asking, false)) {
                        $asking[(string) $function] = true;
                        break;
                    }
                }
            }
        } while ($before < \count($asking));

        return $asking;
    }

    /** @param array<string, true> $asking */
    private function asks(Statement $row, string $name, array $asking, bool $isGiven): bool
    {
        if (!$isGiven && \in_array($name, $row->assigned(), true) || $row instanceof OwnCall && isset($asking[self::short($row->function)])) {
            return true;
        }
        foreach (Walk::expressionsOf($row) as $part) {
            $called = match (true) {
                $part instanceof OwnValue, $part instanceof FunctionReference => self::short($part->function),
                $part instanceof MethodCall => $part->method,
                $part instanceof MakeObject => $part->class,
                default => '',
            };
            if ($part instanceof VariableRead && $part->name === $name || isset($asking[$called])) {
                return true;
            }
        }

        return false;
    }

    private static function short(string $function): string
    {
        return ltrim((string) strrchr('.'.$function, '.'), '.');
    }
}
