<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/**
 * Fingerprints as files of the first version have them: taken from what PHP's `var_export` made of the nodes' fields.
 * The fields stand here as they were, so that those files open whatever becomes of the nodes.
 */
final class Fingerprints1
{
    private const SPACE = '\\Scrivlet\\Core\\Tree\\';
    /** The fields of each node in the order in which they were written. */
    private const FIELDS = [
        'Binary' => 'operator left right', 'Block' => 'statements', 'Branch' => 'condition body', 'BreakLoop' => 'id off', 'ChangeVariable' => 'id off variable amount operator',
        'Choice' => 'condition then otherwise', 'Collected' => 'value variable over condition', 'Command' => 'id off command arguments', 'CommandValue' => 'command arguments',
        'Comment' => 'id off text', 'Conditional' => 'id off branches otherwise', 'ContinueLoop' => 'id off', 'Count' => 'id off variable from to by body', 'Declaration' => 'id off variable type',
        'DoWhile' => 'id off condition body', 'EachLoop' => 'id off variables over body', 'ForLoop' => 'id off variable from condition operator amount body', 'Forever' => 'id off body',
        'FunctionDefinition' => 'id off name parameters body defaults types', 'FunctionReference' => 'function', 'GiveBack' => 'id off value', 'Handler' => 'id off event what body',
        'Import' => 'id off text language', 'Item' => 'container index strict', 'Lambda' => 'parameters value', 'LeaveFunction' => 'id off', 'ListLiteral' => 'items', 'MapLiteral' => 'entries',
        'NothingLiteral' => 'undefined', 'NumberLiteral' => 'value', 'Operation' => 'key arguments', 'OwnCall' => 'id off function arguments', 'OwnValue' => 'function arguments', 'Pass' => 'id off',
        'Perform' => 'id off value', 'PrintLine' => 'id off values endsLine', 'RandomWhole' => 'from to', 'Repeat' => 'id off times body turn', 'Script' => 'id off body',
        'SetItem' => 'id off target value operator', 'SetSeveral' => 'id off targets values', 'SetVariable' => 'id off variable value declared', 'ShareVariable' => 'id off variable',
        'Slice' => 'container from to', 'TextLiteral' => 'value letter', 'TruthLiteral' => 'value', 'Unary' => 'operator operand', 'Unread' => 'id off text language body',
        'UnreadExpression' => 'text', 'VariableRead' => 'name', 'WhileLoop' => 'id off condition body',
    ];

    /** @param array<int, int> $ids the ids that rows have in the file, by those they got on reading */
    public static function of(Statement $row, string $part, bool $tight, array $ids): int
    {
        if ($row->off) {
            return crc32(Names2::before(self::exported($row, $ids)));
        }
        $says = match (true) {
            'head' === $part && $row instanceof Conditional => self::exported($row->branches[0]->condition, $ids),
            'head' === $part && $row instanceof Script => '',
            'head' === $part => [$row->labels(), self::blanks($row, $ids), $row instanceof FunctionDefinition ? $row->types : $row->entry()],
            $row instanceof Conditional && str_starts_with($part, 'then') => self::condition($row, (int) substr($part, 4), $ids),
            'enter' === $part && $row instanceof Handler => self::assigned($row),
            'close' === $part || 'after' === $part => $row instanceof Conditional ? '' : self::blanks($row, $ids),
            default => '',
        };
        $held = [];
        foreach ($tight ? $row->bodies() : [] as $name => $body) {
            $held[$name] = array_map(static fn (Statement $inner): int => $ids[$inner->id] ?? $inner->id, $body->statements);
        }

        return crc32(Names2::before(var_export([substr(self::SPACE, 1).self::name($row), $part, $says, $held], true)));
    }

    /** @param array<int, int> $ids */
    private static function condition(Conditional $row, int $branch, array $ids): string
    {
        return isset($row->branches[$branch]) ? self::exported($row->branches[$branch]->condition, $ids) : '';
    }

    /**
     * @param array<int, int> $ids
     *
     * @return array<string, string>
     */
    private static function blanks(Statement $row, array $ids): array
    {
        return array_map(static fn (Expression $value): string => self::exported($value, $ids), $row->blanks());
    }

    /** @return list<string> */
    private static function assigned(Handler $handler): array
    {
        $names = [];
        foreach (Walk::live($handler->body->statements) as $row) {
            $names = [...$names, ...$row->assigned()];
        }
        sort($names);

        return array_values(array_unique($names));
    }

    private static function name(object $node): string
    {
        return substr((string) strrchr($node::class, '\\'), 1);
    }

    /**
     * What `var_export` wrote.
     *
     * @param array<int, int> $ids
     */
    private static function exported(mixed $value, array $ids, int $level = 1): string
    {
        $space = str_repeat(' ', max(0, $level - 1));
        $start = $level > 1 ? "\n".$space : '';
        if (\is_array($value)) {
            $text = $start."array (\n";
            foreach ($value as $key => $item) {
                $text .= $space.'  '.(\is_int($key) ? $key : var_export($key, true)).' => '.self::exported($item, $ids, $level + 2).",\n";
            }

            return $text.$space.')';
        }
        // Operations were known by plain texts.
        $value = $value instanceof OperationKey ? $value->value : $value;
        if ($value instanceof \UnitEnum) {
            return $start.self::SPACE.self::name($value).'::'.$value->name;
        }
        if (!\is_object($value)) {
            return var_export($value, true);
        }
        $text = $start.self::SPACE.self::name($value)."::__set_state(array(\n";
        $fields = get_object_vars($value);
        foreach (explode(' ', self::FIELDS[self::name($value)] ?? '') as $field) {
            $now = $fields[$field] ?? null;
            $now = 'id' === $field && \is_int($now) ? $ids[$now] ?? $now : $now;
            $text .= $space.'   '.var_export($field, true).' => '.self::exported($now, $ids, $level + 2).",\n";
        }

        return $text.$space.'))';
    }
}
