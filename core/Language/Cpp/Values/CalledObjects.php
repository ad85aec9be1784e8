<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\VariableRead;

/** Objects that are handed to algorithms as functions are called as what their class says: `sort(beds.begin(), beds.end(), Fewer())` (C++17, 23.14.1). */
final class CalledObjects
{
    private const TAKEN_BY = ['sort', 'stable_sort', 'count_if', 'find_if', 'all_of', 'any_of', 'none_of', 'max_element', 'min_element', 'transform', 'for_each', 'remove_if', 'copy_if', 'accumulate', 'is_sorted', 'replace_if', 'unique'];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /**
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public function asFunctions(string $name, array $arguments): array
    {
        return \in_array($name, self::TAKEN_BY, true) ? array_map(fn (Argument $argument): Argument => null === ($function = $this->function($argument->value)) ? $argument : new Argument($function, $argument->offset, $argument->end, $argument->name), $arguments) : $arguments;
    }

    private function function(Expression $value): ?Lambda
    {
        $class = match (true) {
            $value instanceof MakeObject => $value->class,
            $value instanceof VariableRead => (string) TypeNames::read(TypeNames::bare($this->parser->typeOf($value)))->class,
            default => '',
        };
        $takes = $this->parser->classes->methods[$class]['@called'][1] ?? null;
        // One that changes itself is a copy of its own within an algorithm (C++17, 28.2).
        if (null === $takes || $value instanceof VariableRead && 1 !== preg_match('/\b'.Names::asPattern($class).'\b.*?operator\s*\(\s*\)\s*\([^()]*\)\s*const\b/s', $this->parser->text)) {
            return null;
        }
        $names = \array_slice(['one', 'other', 'third'], 0, $takes);

        return new Lambda($names, new MethodCall($value, '@called', array_map(static fn (string $name): VariableRead => new VariableRead($name), $names)));
    }
}
