<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Bench;

use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Tree\Program;

/** Programs of as many rows as are wanted: groups of eight, of which five stand in a loop. */
final class Rows
{
    public static function program(int $rows): Program
    {
        $body = [];
        for ($id = 1; $id <= $rows;) {
            $group = intdiv($id, 8);
            $body[] = ['id' => ++$id, 'row' => 'set', 'variable' => 'size', 'value' => $group];
            $body[] = ['id' => ++$id, 'row' => 'nib.move_to', 'x' => $group, 'y' => 0];
            $body[] = ['id' => ++$id, 'row' => 'repeat', 'times' => 4, 'body' => [
                ['id' => ++$id, 'row' => 'nib.forward', 'steps' => 50],
                ['id' => ++$id, 'row' => 'nib.left', 'degrees' => 90],
                ['id' => ++$id, 'row' => 'nib.ink', 'colour' => 'plum'],
                ['id' => ++$id, 'row' => 'change', 'variable' => 'size', 'amount' => 1],
                ['id' => ++$id, 'row' => 'print', 'value' => 'hello'],
            ]];
        }

        return ProjectReader::read((string) json_encode(['format' => 'scrivlet', 'version' => 3, 'name' => 'Rows', 'program' => ['nextId' => $id + 1, 'functions' => [], 'script' => ['id' => 1, 'row' => 'start', 'body' => $body]]]))[1];
    }
}
