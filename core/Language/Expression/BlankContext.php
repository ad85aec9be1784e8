<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Expression;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Walk;

/** The names that mean something where a blank stands. */
final readonly class BlankContext
{
    /**
     * @param list<string>       $variables
     * @param array<string, int> $functions number of parameters by name
     */
    private function __construct(public array $variables, public array $functions, private FunctionDefinition|Script $part, private Types $types)
    {
    }

    public static function of(Program $program, FunctionDefinition|Script $part, Types $types): self
    {
        $variables = [];
        foreach (Walk::statements([$program->script, ...($part instanceof Script ? [] : [$part])]) as $statement) {
            foreach ($statement instanceof ShareVariable ? [$statement->variable] : $statement->assigned() as $name) {
                $variables[$name] = true;
            }
        }
        foreach ($part instanceof FunctionDefinition ? $part->parameters : array_keys($types->scopes->globals) as $name) {
            $variables[$name] = true;
        }
        $functions = [];
        foreach ($program->definitions() as $function) {
            $functions[$function->name] = \count($function->parameters);
        }

        return new self(array_map(strval(...), array_keys($variables)), $functions, $part, $types);
    }

    public function type(Expression $expression): StaticType
    {
        return $this->types->expression($this->part, $expression);
    }
}
