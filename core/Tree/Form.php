<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/**
 * Rows and values as plain data: what files hold, and what fingerprints are taken from. The form is the third one, as
 * docs/project-file.md describes it; a field that has its usual value is left out, so that a node may get new fields
 * without any stored program saying anything else.
 */
final class Form
{
    public const VERSION = 3;

    /** @return array<string, mixed> */
    public static function row(Statement $row): array
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

            return [...$data, ...([] === $row->types ? [] : ['types' => $row->types]), ...('' === $row->sort ? [] : ['sort' => $row->sort]), ...('' === $row->rest ? [] : ['rest' => $row->rest])];
        }
        if ($row instanceof EachLoop) {
            return [...$data, 'variables' => $row->variables, 'over' => self::expression($row->over), 'body' => self::block($row->body), ...($row->refers ? ['refers' => true] : [])];
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
        if ($row instanceof Attempt) {
            $data = [...$data, 'body' => self::block($row->body), 'rescues' => []];
            foreach ($row->rescues as $rescue) {
                $data['rescues'][] = [
                    ...([] === $rescue->kinds ? [] : ['kinds' => array_map(Rescue::label(...), $rescue->kinds)]),
                    ...('' === $rescue->name ? [] : ['name' => $rescue->name]),
                    'body' => self::block($rescue->body),
                ];
            }

            return [...$data, ...(null === $row->otherwise ? [] : ['unfailed' => self::block($row->otherwise)]), ...(null === $row->finally ? [] : ['finally' => self::block($row->finally)])];
        }
        if ($row instanceof Conditional) {
            $data['branches'] = [];
            foreach ($row->branches as $branch) {
                $data['branches'][] = ['condition' => self::expression($branch->condition), 'then' => self::block($branch->body)];
            }

            return null === $row->otherwise ? $data : [...$data, 'otherwise' => self::block($row->otherwise)];
        }

        $data += match (true) {
            $row instanceof FieldDeclaration => null === $row->type ? [] : ['type' => $row->type],
            $row instanceof Repeat => null === $row->turn ? [] : ['turn' => $row->turn],
            $row instanceof SetVariable => null === $row->declared ? [] : ['declared' => $row->declared],
            $row instanceof Declaration => null === $row->type ? [] : ['type' => $row->type],
            $row instanceof SetItem => null === $row->operator ? [] : ['operator' => $row->operator->value],
            $row instanceof ForLoop => ['operator' => $row->operator->value],
            $row instanceof Unread => ['language' => $row->language] + (null === $row->fails ? [] : ['fails' => $row->fails->value]),
            $row instanceof Import => ['language' => $row->language],
            default => [],
        };

        return [...$data, ...$row->labels(), ...array_map(self::expression(...), $row->blanks()), ...array_map(self::block(...), $row->bodies())];
    }

    /** @return list<array<string, mixed>> */
    public static function block(Block $block): array
    {
        return array_map(self::row(...), $block->statements);
    }

    public static function expression(Expression $expression): mixed
    {
        return match (true) {
            $expression instanceof TextLiteral && $expression->letter => ['letter' => $expression->value],
            $expression instanceof NumberLiteral => self::number($expression->value),
            $expression instanceof TextLiteral, $expression instanceof TruthLiteral => $expression->value,
            $expression instanceof VariableRead => ['variable' => $expression->name],
            $expression instanceof Binary => self::binary($expression),
            $expression instanceof Unary => ['operator' => $expression->operator->value, 'of' => self::operands($expression)],
            $expression instanceof RandomWhole => ['random' => self::operands($expression)],
            $expression instanceof FunctionReference => ['handler' => $expression->function],
            $expression instanceof CommandValue => ['command' => $expression->command, 'of' => self::operands($expression)],
            $expression instanceof OwnValue => ['function' => $expression->function, 'of' => self::operands($expression)],
            $expression instanceof Operation => ['operation' => $expression->key->value, 'of' => self::operands($expression)],
            $expression instanceof ListLiteral => ['list' => self::operands($expression)],
            $expression instanceof MapLiteral => ['map' => self::operands($expression)],
            $expression instanceof NothingLiteral => $expression->undefined ? ['undefined' => true] : null,
            $expression instanceof KindTest => ['kind' => $expression->kind, 'of' => self::operands($expression)],
            $expression instanceof Field => ['field' => $expression->name, 'of' => self::operands($expression)],
            $expression instanceof MakeObject => ['new' => $expression->class, 'of' => self::operands($expression), ...($expression->copied ? ['copied' => true] : [])],
            $expression instanceof MethodCall => ['method' => $expression->method, 'of' => self::operands($expression)],
            $expression instanceof Item => ['item' => self::operands($expression)],
            $expression instanceof Slice => ['slice' => self::operands($expression)],
            $expression instanceof Choice => ['choice' => self::operands($expression)],
            $expression instanceof Collected => ['collect' => self::operands($expression), 'each' => $expression->variable],
            $expression instanceof Lambda => ['lambda' => $expression->parameters, 'of' => self::operands($expression)],
            $expression instanceof UnreadExpression => ['unread' => $expression->text] + (null === $expression->fails ? [] : ['fails' => $expression->fails->value]),
            default => throw new \LogicException('Cannot write '.$expression::class),
        };
    }

    /** JSON has no number without end. */
    private static function number(int|float $value): mixed
    {
        return \is_float($value) && !is_finite($value) ? ['number' => is_nan($value) ? 'nan' : ($value > 0 ? 'infinity' : '-infinity')] : $value;
    }

    /** What groups from the left stands flat, however long it is: a value, then operator and value by twos. */
    private static function binary(Binary $binary): mixed
    {
        if (!$binary->left instanceof Binary) {
            return ['operator' => $binary->operator->value, 'of' => self::operands($binary)];
        }
        $chain = [];
        for ($left = $binary; $left instanceof Binary; $left = $left->left) {
            array_push($chain, self::expression($left->right), $left->operator->value);
        }
        $chain[] = self::expression($left);

        return ['chain' => array_reverse($chain)];
    }

    /** @return list<mixed> */
    private static function operands(Expression $expression): array
    {
        return array_map(self::expression(...), $expression->operands());
    }
}
