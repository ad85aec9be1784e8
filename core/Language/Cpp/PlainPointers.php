<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Walk;

/** `Bed* first = new Bed(3);`: pointers of the language itself, beside which those of the library can not stand. */
final class PlainPointers
{
    public static function areUsed(Program $program): bool
    {
        $areUsed = false;
        foreach (Walk::statements($program->parts()) as $row) {
            $types = match (true) {
                $row instanceof Declaration, $row instanceof FieldDeclaration => [$row->type],
                $row instanceof SetVariable => [$row->declared],
                $row instanceof FunctionDefinition => $row->types,
                default => [],
            };
            foreach ($types as $type) {
                if (1 === preg_match('/\b(?:shared|unique|weak)_ptr\b|\boptional\b/', (string) $type)) {
                    return false;
                }
                $areUsed = $areUsed || 1 === preg_match('/\b(?!char\b)\w+ ?\*/', (string) $type);
            }
        }

        return $areUsed;
    }
}
