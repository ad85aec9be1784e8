<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\Model;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;

/** Writes the project file, `*.scrivlet.json`; its format is described in docs/project-file.md. */
final class ProjectWriter
{
    public const FORMAT = 'scrivlet';
    public const VERSION = 1;

    public static function write(string $name, Program $program): string
    {
        return self::json(['format' => self::FORMAT, 'version' => self::VERSION, 'name' => $name, 'program' => self::program($program)], true);
    }

    /** A program alone and on one line, with the ids of its rows, as it is kept. */
    public static function kept(Program $program): string
    {
        return self::json(self::program($program), false);
    }

    /** @param list<Statement> $rows */
    public static function rows(array $rows): string
    {
        return self::json(['format' => self::FORMAT, 'version' => self::VERSION, 'rows' => array_map(self::row(...), $rows)], false);
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data, bool $pretty): string
    {
        return json_encode($data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | ($pretty ? \JSON_PRETTY_PRINT : 0)).($pretty ? "\n" : '');
    }

    /** @return array<string, mixed> */
    private static function program(Program $program): array
    {
        return [
            'nextId' => $program->nextId,
            ...($program->setting == new Setting() ? [] : ['setting' => self::setting($program->setting)]),
            'functions' => array_map(self::row(...), $program->functions),
            'script' => self::row($program->script),
            ...([] === $program->below ? [] : ['below' => array_map(self::row(...), $program->below)]),
            ...([] === $program->handwriting ? [] : ['handwriting' => array_map(self::handwriting(...), $program->handwriting)]),
            ...([] === $program->hands ? [] : ['hands' => array_map(static fn (int $id, Hand $hand): array => [$id, $hand->value], array_keys($program->hands), $program->hands)]),
            ...([] === $program->models ? [] : ['models' => array_map(self::model(...), array_keys($program->models), $program->models)]),
        ];
    }

    /** @return array<string, mixed> */
    private static function setting(Setting $setting): array
    {
        return ['scene' => $setting->scene, ...([] === $setting->layouts ? [] : ['layouts' => $setting->layouts]), ...($setting->asks ? ['asks' => true] : [])];
    }

    /** @return array<string, mixed> */
    private static function model(int $id, Model $model): array
    {
        return ['id' => $id, 'language' => $model->language, ...(null === $model->row ? [] : ['row' => self::row($model->row)]), ...(null === $model->of ? [] : ['of' => $model->of])];
    }

    /** @return array<string, mixed> */
    private static function handwriting(Handwriting $handwriting): array
    {
        return [
            'text' => $handwriting->text,
            'pieces' => array_map(static fn (Piece $piece): array => [$piece->id, $piece->part, $piece->start, $piece->coreStart, $piece->coreEnd, $piece->fingerprint, $piece->parent, (int) $piece->tight], $handwriting->pieces),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(Statement $row): array
    {
        $data = ['id' => $row->id, 'row' => $row->entry()];
        if ($row->off) {
            $data['off'] = true;
        }
        if ($row instanceof FunctionDefinition) {
            $data = [...$data, 'name' => $row->name, 'parameters' => $row->parameters, 'body' => self::block($row->body)];
            if ([] !== $row->defaults) {
                $data['defaults'] = array_map(self::expression(...), $row->defaults);
            }

            return [] === $row->types ? $data : [...$data, 'types' => $row->types];
        }
        if ($row instanceof EachLoop) {
            return [...$data, 'variables' => $row->variables, 'over' => self::expression($row->over), 'body' => self::block($row->body)];
        }
        if ($row instanceof SetSeveral) {
            return [...$data, 'targets' => array_map(self::expression(...), $row->targets), 'values' => array_map(self::expression(...), $row->values)];
        }
        if ($row instanceof PrintLine && 1 !== \count($row->values)) {
            return [...$data, 'values' => array_map(self::expression(...), $row->values)];
        }
        if ($row instanceof OwnCall) {
            return [...$data, 'function' => $row->function, 'arguments' => array_map(self::expression(...), $row->arguments)];
        }
        if ($row instanceof Conditional) {
            $data['branches'] = [];
            foreach ($row->branches as $branch) {
                $data['branches'][] = ['condition' => self::expression($branch->condition), 'then' => self::block($branch->body)];
            }

            return null === $row->otherwise ? $data : [...$data, 'otherwise' => self::block($row->otherwise)];
        }

        $data += match (true) {
            $row instanceof Repeat => null === $row->turn ? [] : ['turn' => $row->turn],
            $row instanceof SetVariable => null === $row->declared ? [] : ['declared' => $row->declared],
            $row instanceof Declaration => null === $row->type ? [] : ['type' => $row->type],
            $row instanceof SetItem => null === $row->operator ? [] : ['operator' => $row->operator->value],
            $row instanceof ForLoop => ['operator' => $row->operator->value],
            $row instanceof Unread, $row instanceof Import => ['language' => $row->language],
            default => [],
        };

        return [...$data, ...$row->labels(), ...array_map(self::expression(...), $row->blanks()), ...array_map(self::block(...), $row->bodies())];
    }

    /** @return list<array<string, mixed>> */
    private static function block(Block $block): array
    {
        return array_map(self::row(...), $block->statements);
    }

    private static function expression(Expression $expression): mixed
    {
        return match (true) {
            $expression instanceof TextLiteral && $expression->letter => ['letter' => $expression->value],
            $expression instanceof NumberLiteral, $expression instanceof TextLiteral, $expression instanceof TruthLiteral => $expression->value,
            $expression instanceof VariableRead => ['variable' => $expression->name],
            $expression instanceof Unary, $expression instanceof Binary => ['operator' => $expression->operator->value, 'of' => self::operands($expression)],
            $expression instanceof RandomWhole => ['random' => self::operands($expression)],
            $expression instanceof FunctionReference => ['handler' => $expression->function],
            $expression instanceof CommandValue => ['command' => $expression->command, 'of' => self::operands($expression)],
            $expression instanceof OwnValue => ['function' => $expression->function, 'of' => self::operands($expression)],
            $expression instanceof Operation => ['operation' => $expression->key, 'of' => self::operands($expression)],
            $expression instanceof ListLiteral => ['list' => self::operands($expression)],
            $expression instanceof MapLiteral => ['map' => self::operands($expression)],
            $expression instanceof NothingLiteral => $expression->undefined ? ['undefined' => true] : null,
            $expression instanceof Item => ['item' => self::operands($expression)],
            $expression instanceof Slice => ['slice' => self::operands($expression)],
            $expression instanceof Choice => ['choice' => self::operands($expression)],
            $expression instanceof Collected => ['collect' => self::operands($expression), 'each' => $expression->variable],
            $expression instanceof Lambda => ['lambda' => $expression->parameters, 'of' => self::operands($expression)],
            $expression instanceof UnreadExpression => ['unread' => $expression->text],
            default => throw new \LogicException('Cannot write '.$expression::class),
        };
    }

    /** @return list<mixed> */
    private static function operands(Expression $expression): array
    {
        return array_map(self::expression(...), $expression->operands());
    }
}
