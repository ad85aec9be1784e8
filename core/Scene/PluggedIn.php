<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Walk;

/** What a program plugs into the mower's sockets. */
final class PluggedIn
{
    /** @return list<array{row: int, name: string, kind: string, sockets: list<int>}> in its order; a socket that is no number is 0 */
    public static function of(Program $program): array
    {
        $fittings = [];
        foreach (Walk::live($program->script->body->statements) as $row) {
            $value = $row instanceof SetVariable ? $row->value : null;
            if ($row instanceof SetVariable && $value instanceof Operation && null !== FittingKind::tryFrom($value->key->value)) {
                $sockets = array_map(static fn ($socket): int => $socket instanceof NumberLiteral ? (int) $socket->value : 0, array_values($value->arguments));
                $fittings[] = ['row' => $row->id, 'name' => $row->variable, 'kind' => $value->key->value, 'sockets' => $sockets];
            }
        }

        return $fittings;
    }
}
