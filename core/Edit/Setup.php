<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/** Plugs parts into the mower: each is a row at the top of the script that gives the part its name. */
final readonly class Setup
{
    public const SOCKETS = 8;

    public function __construct(private Program $program)
    {
    }

    /**
     * @param list<int> $sockets
     *
     * @throws Refusal
     */
    public function plug(FittingKind $kind, string $name, array $sockets): Edited
    {
        Names::check($name);
        $taken = [];
        foreach (Walk::statements($this->program->parts()) as $row) {
            if (\in_array($name, $row->assigned(), true) || null !== $this->program->functionNamed($name)) {
                throw new Refusal('name.variable', ['name' => $name]);
            }
            $taken += array_fill_keys(self::sockets($row), true);
        }
        foreach ($sockets as $index => $socket) {
            if ($socket < 1 || $socket > self::SOCKETS) {
                throw new Refusal('run.no_socket', ['most' => self::SOCKETS]);
            }
            if (isset($taken[$socket]) || \in_array($socket, \array_slice($sockets, 0, $index), true)) {
                throw new Refusal('run.socket_taken', ['socket' => $socket]);
            }
        }
        if (\count($sockets) !== $kind->sockets()) {
            throw new Refusal('run.no_socket', ['most' => self::SOCKETS]);
        }
        $body = $this->program->script->body->statements;
        $at = 0;
        foreach ($body as $index => $row) {
            $at = [] === self::sockets($row) ? $at : $index + 1;
        }
        $id = $this->program->nextId;
        $row = new SetVariable($id, $name, new Operation(OperationKey::from($kind->value), array_map(static fn (int $socket): NumberLiteral => new NumberLiteral($socket), $sockets)));
        $script = $this->program->script->withBody('body', (new Block($body))->splice($at, 0, [$row]));
        $program = $this->program->withScript($script)->withNextId($id + 1);
        Rules::check($program);

        return new Edited($program, 'insert', 'set', [$id], $id);
    }

    /** @return list<int> the sockets that a row plugs something into */
    private static function sockets(Statement $row): array
    {
        $value = $row instanceof SetVariable && !$row->off ? $row->value : null;
        if (!$value instanceof Operation || null === FittingKind::tryFrom($value->key->value)) {
            return [];
        }
        $sockets = [];
        foreach ($value->arguments as $socket) {
            $sockets[] = $socket instanceof NumberLiteral ? (int) $socket->value : 0;
        }

        return $sockets;
    }
}
