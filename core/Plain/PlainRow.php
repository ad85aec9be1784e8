<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;

/** A row, or one part of it, as one sentence without its full stop: "repeat the 2 lines below 4 times". */
final readonly class PlainRow
{
    private PlainValue $values;

    public function __construct(private Phrases $phrases, Types $types, FunctionDefinition|Script $part, ?WrittenNames $names = null)
    {
        $this->values = new PlainValue($phrases, $types, $part, $names);
    }

    /**
     * @param string $part  of the row, as in the anchors of lines
     * @param int    $lines how many lines below stand in it; 0 where all of it stands on one line
     */
    public function phrase(Statement $row, string $part, int $lines): string
    {
        $said = $this->unswitched($row, $part, ['below' => $this->phrases->count('below', $lines)]);

        return $row->off ? $this->phrases->fill('off', ['row' => $said]) : $said;
    }

    /** @param array<string, string> $said */
    private function unswitched(Statement $row, string $part, array $said): string
    {
        if ('close' === $part) {
            return $this->phrases->fill('end.'.match (true) {
                $row instanceof FunctionDefinition => 'function',
                $row instanceof Script => 'program',
                $row instanceof Handler => 'handler',
                $row instanceof Conditional => 'choice',
                $row instanceof Attempt => 'attempt',
                $row instanceof ClassDefinition => 'class',
                default => 'loop',
            });
        }
        if ($row instanceof Conditional) {
            $branch = 'head' === $part ? 0 : Conditional::branchOf($part);
            $condition = null === $branch ? null : ($row->branches[$branch] ?? null)?->condition;

            return null === $condition ? $this->phrases->fill('otherwise', $said) : $this->phrases->fill('head' === $part ? 'if' : 'else_if', [...$said, 'condition' => $this->values->condition($condition)]);
        }
        if ($row instanceof Attempt) {
            return $this->attempt($row, $part, $said);
        }
        foreach ($row->labels() as $name => $label) {
            $said[$name] = 'kinds' === $name ? $this->kinds($label) : ('parent' === $name && str_starts_with($label, '@') && ClassDefinition::RECORD !== $label ? $this->kinds(substr($label, 1)) : $label);
        }
        foreach (['variable', 'name'] as $name) {
            if (isset($said[$name])) {
                $said[$name] = $this->values->name($said[$name]);
            }
        }
        foreach ($row->blanks() as $name => $blank) {
            $said[$name] = 'condition' === $name ? $this->values->condition($blank) : $this->values->noun($blank);
        }

        return match (true) {
            $row instanceof Command => $this->values->command(Catalogue::get($row->command), $row->arguments),
            $row instanceof Handler => $this->phrases->fill('handler', [...$said, 'event' => $this->event($row)]),
            $row instanceof Comment => $this->remark($row->text),
            $row instanceof Import => (new LanguageLine($this->phrases))->phrase($row->text),
            $row instanceof FunctionDefinition => $this->definition($row, $said),
            $row instanceof SetVariable => $this->set($row, $said),
            $row instanceof Declaration => $this->phrases->fill(null === $row->type ? 'declare' : 'declare_typed', [...$said, 'type' => $this->type(TypeNames::read($row->type ?? ''))]),
            $row instanceof ChangeVariable && Operator::Add === $row->operator && $row->amount instanceof NumberLiteral && $row->amount->value < 0 => $this->phrases->fill('change_subtract', [...$said, 'amount' => $this->values->noun(new NumberLiteral(-$row->amount->value))]),
            $row instanceof SetItem, $row instanceof Claim, $row instanceof ClassDefinition, $row instanceof FieldDeclaration => $this->phrases->fill($row->phrase(), $said),
            $row instanceof SetSeveral => $this->several($row),
            $row instanceof PrintLine => $this->printing($row),
            $row instanceof OwnCall => $this->call($row->function, $row->arguments),
            $row instanceof Perform => $this->performed($row->value),
            $row instanceof Count => $this->phrases->fill($row->by instanceof NumberLiteral && 1.0 === (float) $row->by->value ? 'count_up' : 'count', $said),
            $row instanceof ForLoop => $this->phrases->fill('for', [...$said, 'change' => $this->phrases->fill(Operator::Add === $row->operator ? 'change' : 'change_'.$row->operator->value, ['variable' => $this->values->name($row->variable), 'amount' => $this->values->noun($row->amount)])]),
            $row instanceof Holding => $this->phrases->fill('with', [...$said, 'variable' => $this->values->name($row->variable)]),
            $row instanceof EachLoop => $this->phrases->fill('for_each', [...$said, 'variable' => $this->phrases->all(array_map($this->values->name(...), $row->variables))]),
            default => $this->phrases->fill($row->entry(), $said),
        };
    }

    /** @param array<string, string> $said */
    private function attempt(Attempt $row, string $part, array $said): string
    {
        $rescue = $row->rescues[Attempt::rescueOf($part) ?? -1] ?? null;
        if (null === $rescue) {
            return $this->phrases->fill('head' === $part ? 'try' : $part, $said);
        }

        return $this->phrases->fill($rescue->entry(), [...$said, 'name' => $rescue->name, 'kinds' => $this->kinds(implode(', ', array_map(Rescue::label(...), $rescue->kinds)))]);
    }

    private function methodName(FunctionDefinition $method): string
    {
        $name = $method->shortName();

        return str_starts_with($name, '@') ? $this->phrases->fill('method.'.substr($name, 1)) : $name;
    }

    private function kinds(string $kinds): string
    {
        $slot = Catalogue::get('rescue')->slot('kinds');

        return $this->phrases->all(array_map(fn (string $kind): string => str_starts_with($kind, '=') ? substr($kind, 1) : $this->values->inSlot($slot, new TextLiteral($kind)), '' === $kinds ? [FailureKind::Any->value] : explode(', ', $kinds)));
    }

    private function event(Handler $row): string
    {
        $slot = array_key_first($row->blanks()) ?? '';

        return $this->phrases->fill($row->event, [$slot => $this->values->inSlot(Catalogue::get($row->event)->slot($slot), $row->what)]);
    }

    private function remark(string $text): string
    {
        $text = trim($text);

        return '' === $text ? $this->phrases->fill('empty_remark') : $this->phrases->fill('comment', ['text' => $this->phrases->fill('quoted', ['text' => (string) preg_replace('/\s+/u', ' ', $text)])]);
    }

    /** @param array<string, string> $said */
    private function definition(FunctionDefinition $row, array $said): string
    {
        $parameters = [];
        foreach ($row->parameters as $parameter) {
            $default = $row->defaults[$parameter] ?? null;
            $typed = isset($row->types[$parameter]) ? $this->phrases->fill('typed', ['name' => $this->values->name($parameter), 'type' => $this->type(TypeNames::read($row->types[$parameter]))]) : $this->values->name($parameter);
            $parameters[] = null === $default ? $typed : $this->phrases->fill('default', ['parameter' => $typed, 'value' => $this->values->noun($default, true)]);
        }
        if ('' !== $row->class()) {
            $parameters = null === $row->itself() ? $parameters : \array_slice($parameters, 1);
            $said['name'] = $this->methodName($row);
        }
        $said['parameters'] = $this->phrases->all($parameters);
        $said['type'] = isset($row->types['']) ? $this->type(TypeNames::read($row->types[''])) : '';

        $form = ([] === $parameters ? 'define_plain' : 'define').('' === $row->class() && $this->values->isUnwritten($row->name) ? '_unnamed' : '');

        return $this->phrases->fill($form, $said).(isset($row->types['']) ? $this->phrases->fill('define_result', $said) : '');
    }

    /** @param array<string, string> $said */
    private function set(SetVariable $row, array $said): string
    {
        if (null !== $row->declared) {
            return $this->phrases->fill('set_typed', [...$said, 'type' => $this->type(TypeNames::read($row->declared))]);
        }
        $asked = $row->value instanceof Operation ? $row->value : null;
        $kind = match ($asked?->key) {
            OperationKey::ToWhole => '_whole',
            OperationKey::ToNumber => '_number',
            OperationKey::Ask => '',
            default => null,
        };
        $asked = OperationKey::Ask === $asked?->key ? $asked : ($asked?->arguments[0] ?? null);
        if (null === $kind || !$asked instanceof Operation || OperationKey::Ask !== $asked->key || 1 !== \count($asked->arguments)) {
            return $this->phrases->fill('set', $said);
        }

        return $this->phrases->fill("set_asked$kind", [...$said, 'question' => $this->values->noun($asked->arguments[0])]);
    }

    private function several(SetSeveral $row): string
    {
        $all = fn (array $values): string => $this->values->listed(array_values(array_filter($values, static fn (mixed $value): bool => $value instanceof Expression)));

        return $this->phrases->fill(\count($row->values) === \count($row->targets) ? 'set_several' : 'take_apart', ['targets' => $all($row->targets), 'values' => $all($row->values)]);
    }

    private function printing(PrintLine $row): string
    {
        $values = $row->values;
        $first = $values[0] ?? null;
        $said = 1 === \count($values) && $first instanceof Expression ? $this->values->noun($first) : $this->phrases->fill('spaced', ['items' => $this->values->listed($values)]);

        return $this->phrases->fill([] === $values ? 'print_empty' : $row->entry(), ['value' => $said]);
    }

    /** @param list<Expression> $arguments */
    private function call(string $function, array $arguments): string
    {
        return $this->phrases->fill([] === $arguments ? 'call' : 'call_with', ['function' => $this->values->function($function), 'arguments' => $this->values->listed($arguments)]);
    }

    private function performed(Expression $value): string
    {
        return match (true) {
            $value instanceof MethodCall => $this->values->asked($value, 'perform_method', 'call'),
            $value instanceof MakeObject => $this->phrases->fill('perform_making', ['value' => $this->values->noun($value)]),
            $value instanceof OwnValue => $this->call($value->function, $value->arguments),
            $value instanceof Operation && Result::Nothing === ValueOperations::get($value->key)->result => $this->values->operation($value),
            $value instanceof Operation && OperationKey::Ask === $value->key => $this->phrases->fill('ask', ['value' => $this->values->listed($value->arguments)]),
            default => $this->phrases->fill('perform', ['value' => $this->values->noun($value, $value instanceof Binary)]),
        };
    }

    private function type(StaticType $type): string
    {
        return match ($type->kind) {
            TypeKind::List => TypeKind::Unknown === $type->item()->kind ? $this->phrases->fill('type.plain_list') : $this->phrases->fill('type.list', ['items' => $this->type($type->item())]),
            TypeKind::Set => $this->phrases->fill('type.set', ['items' => $this->type($type->element ?? StaticType::unknown())]),
            TypeKind::Map => $this->phrases->fill('type.map', ['keys' => $this->type($type->key ?? StaticType::unknown()), 'items' => $this->type($type->element ?? StaticType::unknown())]),
            TypeKind::Object, TypeKind::Copied => (string) $type->class,
            default => $this->phrases->fill('type.'.$type->kind->name),
        };
    }
}
