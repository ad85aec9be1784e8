<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;

/**
 * The parameters by which a function of C++ changes variables of its caller. Other languages hand over values, so that
 * they give the new ones back.
 */
final class ReferenceParameters
{
    /** @return list<string> numbers, texts and truths only: lists and maps are shared in every language */
    public static function of(Program $program, FunctionDefinition $function, Types $types): array
    {
        $changed = [];
        foreach ($function->types as $name => $type) {
            $isReference = '' !== $name && str_ends_with($type, '&') && !str_starts_with($type, 'const') && 'ostream &' !== $type;
            if (!$isReference || null !== $types->variable($function, (string) $name)->element) {
                continue;
            }
            foreach ($program->rowsOf($function) as $row) {
                if (\in_array((string) $name, $row->assigned(), true)) {
                    $changed[] = (string) $name;
                    break;
                }
            }
        }

        return $changed;
    }
}
