<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\KeyQuestion;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\ChangedParameters;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Operators and literals: C++17 (ISO/IEC 14882:2017), clauses 5 and 8. */
final class CppPrinter extends CppClassPrinter
{
    /** Operations whose second operand is a key or an item of the first. */
    private const ASKING = [OperationKey::Contains, OperationKey::Occurrences, OperationKey::Position, OperationKey::Index, OperationKey::Append, OperationKey::Prepend, OperationKey::ValueOr, OperationKey::ValueOrPut, OperationKey::Forget, OperationKey::PutIn, OperationKey::TakeOut];

    protected function language(): Language
    {
        return Language::Cpp;
    }

    protected function program(): void
    {
        $script = $this->program->script;
        foreach (array_keys($this->types->scopes->reachedInto) as $name) {
            if (Names::isGlobalInCpp((string) $name)) {
                $this->renamed[(string) $name] = true;
            }
        }
        foreach ($this->program->definitions() as $function) {
            if (Names::isGlobalInCpp($function->name) || 'main' === $function->name) {
                $this->renamed[$function->name] = true;
            }
        }
        $lines = $this->captured(fn () => $this->rowsOf($script));
        $top = new TopOfText($this->program, $lines, $this->taken, array_map(strval(...), array_keys($this->types->scopes->reachedInto)));
        array_map($this->need(...), $top->ours());
        foreach ($top->lines([] !== $this->needed()) as $line) {
            $this->line(null, '', $line);
        }
        $this->append($lines);
    }

    private function rowsOf(Script $script): void
    {
        $this->part = $script;
        $outside = [...$this->prototypes(), ...$this->globals()];
        foreach ([] === $outside ? [] : [...$outside, ''] as $line) {
            $this->line(null, '', $line);
        }
        $this->enter($script, array_diff_key($this->types->scopes->reachedInto, $this->assignedOutside()));
        // What a class has is there with the class, and gets another value only where rows run.
        $ofClasses = array_filter($this->program->functions, static fn (Statement $row): bool => $row instanceof SetVariable && Scopes::isOfClass($row->variable));
        $this->isOutside = true;
        $this->outermost(array_values(array_diff_key($this->program->functions, $ofClasses)));
        $this->isOutside = false;
        $this->line($script, 'head', 'int main() {');
        $this->inside(function () use ($ofClasses, $script): void {
            array_map($this->statement(...), $ofClasses);
            $this->rows($script->body);
        });
        $this->line($script, 'close', '}');
        $this->outermost($this->program->below);
    }

    /** @return array<string, true> variables that rows above the script give a value, which so stand outside of `main` */
    private function assignedOutside(): array
    {
        $names = [];
        foreach (Walk::live($this->program->functions) as $row) {
            $names += array_fill_keys($row->assigned(), true);
        }

        return $names;
    }

    /**
     * Functions that are called above their definition.
     *
     * @return list<string>
     */
    private function prototypes(): array
    {
        $early = CalledFunctions::early($this->program);
        $prototypes = [];
        $below = array_fill_keys(array_map(static fn (FunctionDefinition $function): string => $function->name, array_filter($this->program->below, static fn (Statement $row): bool => $row instanceof FunctionDefinition)), true);
        foreach ($this->program->definitions() as $function) {
            if ('' !== $function->class() && !$this->isStreamed($function) && !$this->isFree($function)) {
                // A class has its methods wherever they stand in it, and says itself which stand apart (C++17, 12.2).
                continue;
            }
            if (isset($early[$function->name]) && $this->isAmongRows($function)) {
                $prototypes[] = $this->functionType($function).' '.$this->name($function->name).';';
                $this->foretold[$function->name] = true;
            } elseif (isset($early[$function->name]) || isset($below[$function->name])) {
                $prototypes[] = $this->signature($function).';';
                $this->announced[$function->name] = true;
            }
        }

        return $prototypes;
    }

    /** @var array<string, true> functions with a prototype, which has the defaults of their parameters */
    private array $announced = [];

    /** @var array<string, true> functions between rows of the script that others call above them */
    private array $foretold = [];
    private bool $isOutside = false;

    /** Whether a function stands among rows, where C++ has small functions without names only (C++17, 8.1.5). */
    private function isAmongRows(FunctionDefinition $function): bool
    {
        return '' === $function->class() && (null !== $this->program->around($function) || \in_array($function, $this->program->script->body->statements, true));
    }

    /** Whether C++ could not tell from the rows alone what a function gives that is kept in a variable. */
    private function givesSeveralTypes(FunctionDefinition $function): bool
    {
        $types = [];
        foreach ($this->program->rowsOf($function) as $row) {
            if ($row instanceof GiveBack) {
                $types[$this->typed($this->types->expression($function, $row->value))] = true;
            }
        }

        return \count($types) > 1 || [] !== $types && !isset($types[$this->resultType($function)]) || [] !== $types && CalledFunctions::callsItself($this->program, $function);
    }

    /** What a variable is that holds the function. */
    private function functionType(FunctionDefinition $function): string
    {
        return 'function<'.$this->resultType($function).'('.implode(', ', array_map(fn (string $name): string => $this->parameterType($function, $name), $function->parameters)).')>';
    }

    /**
     * Variables of the program that functions reach for, but for those that a row above the script declares.
     *
     * @return list<string>
     */
    private function globals(): array
    {
        $globals = [];
        foreach (array_keys(array_diff_key($this->types->scopes->reachedInto, $this->assignedOutside())) as $name) {
            if (!Scopes::isOfClass((string) $name)) {
                $globals[] = $this->declareEmpty((string) $name);
            }
        }

        return $globals;
    }

    protected function signature(FunctionDefinition $function): string
    {
        if ($this->isStreamed($function)) {
            return ($this->isApart($function) ? '' : 'friend ').'ostream& operator<<(ostream& out, const '.$this->name($function->class()).'& '.$this->name($function->parameters[0] ?? 'it').')';
        }
        if ($this->isFree($function)) {
            $first = 'const '.$this->name($function->class()).'& '.$this->name($function->parameters[0] ?? '');

            return ($this->isApart($function) ? '' : 'friend ').$this->resultType($function).' '.MethodNames::of($function->shortName()).'('.implode(', ', [$first, ...\array_slice($this->parameters($function), 1)]).')';
        }
        if ('' !== $function->class()) {
            return $this->methodSignature($function);
        }

        return $this->resultType($function).' '.$this->name($function->name).'('.implode(', ', $this->parameters($function)).')';
    }

    protected function resultType(FunctionDefinition $function): string
    {
        return $function->types[''] ?? ($function->givesValue() ? $this->typed($this->resultOf($function)) : 'void');
    }

    /** What nothing tells the type of is written as a `double`: where a function gives back that too, an `int` would cut its fraction off. */
    private function resultOf(FunctionDefinition $function): StaticType
    {
        $type = $this->types->result($function->name);
        foreach ($type->isWhole() ? Walk::live($function->body->statements) : [] as $row) {
            if ($row instanceof GiveBack && StaticType::unknown() === $this->types->expression($function, $row->value)) {
                return StaticType::number();
            }
        }

        return $type;
    }

    /** @return list<string> */
    private function parameters(FunctionDefinition $function): array
    {
        $parameters = [];
        foreach ($function->parameters as $name) {
            $default = isset($function->defaults[$name]) && !isset($this->announced[$function->name]) ? ' = '.$this->expression($function->defaults[$name]) : '';
            $parameters[] = ($function->types[$name] ?? $this->parameterType($function, $name)).' '.$this->name($name).$default;
        }

        return $parameters;
    }

    /** Lists that a function changes are handed over, not copied, as the other languages do. */
    protected function parameterType(FunctionDefinition $function, string $name): string
    {
        $type = $this->types->variable($function, $name);

        return $this->typed($type).(($type->isList() || $type->isMap()) && ChangedParameters::isChanged($this->program, $function, $name) ? ' &' : '');
    }

    /** Between rows of the script a function is a value with a name, as C++ has no functions inside of functions. */
    protected function definition(FunctionDefinition $function): void
    {
        if (!$this->isAmongRows($function)) {
            $before = $this->part;
            $this->part = $function;
            [$rows, $this->partMade] = $this->rowsAndPart($function);
            $this->part = $before;
            parent::definition($function->withBody('body', new Block($rows)));
            $this->partMade = null;

            return;
        }
        $before = [$this->part, $this->declarations];
        $this->enter($function, $this->types->scopes->globals);
        $type = match (true) {
            isset($this->foretold[$function->name]) => '',
            CalledFunctions::callsItself($this->program, $function) => $this->functionType($function).' ',
            default => 'auto ',
        };
        $result = $this->givesSeveralTypes($function) ? ' -> '.$this->resultType($function) : '';
        $this->line($function, 'head', $type.$this->name($function->name).' = [&]('.implode(', ', $this->parameters($function)).")$result {");
        $this->inside(fn () => $this->rows($function->body));
        $this->line($function, 'close', '};');
        [$this->part, $this->declarations] = $before;
    }

    protected function handler(Handler $handler): void
    {
        $this->line($handler, 'head', $this->commandName(Catalogue::get($handler->command())).'('.$this->expression($handler->what).', [] {');
        $this->inside(fn () => $this->rows($handler->body));
        $this->line($handler, 'close', '});');
    }

    protected function each(EachLoop $loop): void
    {
        $item = $this->type($loop->over)->element;
        if (2 > \count($loop->variables) || !$this->type($loop->over)->isList() || null === $item || !$item->isList() || [] !== $item->parts) {
            parent::each($loop);

            return;
        }
        // Lists are not taken apart by names in brackets, only what has a known number of parts is (C++17, 11.5).
        $taken = $this->makeUp('taken');
        $named = $this->namesItems($loop) ? '&' : '';
        $this->line($loop, 'head', 'for (auto'.$named." $taken : ".$this->lifted($loop->over, 0).') {');
        foreach ($loop->variables as $index => $name) {
            $type = $this->declarations->isInHeader($name, $loop->id) ? $this->typed($this->types->variable($this->part, $name)).$named.' ' : '';
            $this->inside(fn () => $this->line($loop, 'enter', $type.$this->name($name)." = {$taken}[$index];"));
        }
        $this->braces($loop, $loop->body);
    }

    protected function eachHeader(EachLoop $loop, bool $private): string
    {
        $over = $loop->over;
        $type = $this->type($over);
        $names = array_map($this->name(...), $loop->variables);
        if (1 < \count($names)) {
            $inner = $over instanceof Operation && OperationKey::Sorted === $over->key ? $over->arguments[0] : null;
            // A map has that order anyhow.
            $over = $inner instanceof Operation && OperationKey::Entries === $inner->key ? $inner : $over;
            $map = $over instanceof Operation && OperationKey::Entries === $over->key ? $over->arguments[0] : $over;
            $isTakenFrom = TakenFrom::goneOver($map, $loop);
            $text = $isTakenFrom ? $this->copyOf($map) : $this->expression($map);

            return 'auto '.($this->namesItems($loop) && !$isTakenFrom ? '&' : '').'['.implode(', ', $names).'] : '.$text;
        }
        $isTakenFrom = TakenFrom::goneOver($over, $loop);
        $text = match (true) {
            $type->isMap() => $this->need('keys').'('.$this->expression($over).')',
            $over instanceof ListLiteral => ([] === $over->items ? 'vector<int>' : '').'{'.$this->listed($over->items).'}',
            $isTakenFrom => $this->copyOf($over),
            default => $this->lifted($over, 0),
        };
        $item = $this->types->gone($this->part, $loop)[0];

        return $this->typed($private ? $this->types->variable($this->part, $loop->variables[0])->join($item) : $item).($this->namesItems($loop) && !$isTakenFrom ? '&' : '')." $names[0] : $text";
    }

    private function copyOf(Expression $value): string
    {
        return $this->typed($this->type($value)).'('.$this->expression($value).')';
    }

    /** Whether a loop is about the items themselves: a copy would keep what is changed in it for itself (C++17, 9.5.4). */
    private function namesItems(EachLoop $loop): bool
    {
        if ($loop->refers) {
            return true;
        }
        $last = $this->types->variable($this->part, $loop->variables[\count($loop->variables) - 1]);
        $of = $loop->over instanceof Operation && OperationKey::Entries === $loop->over->key ? $loop->over->arguments[0] : $loop->over;
        $isCopied = $of instanceof Operation && \in_array($of->key, [OperationKey::DeepCopied, OperationKey::Copied], true);

        return ($last->isList() || $last->isMap() || $last->isSet()) && !$isCopied && !$of instanceof ListLiteral && ChangedParameters::changesItems($this->program, $loop);
    }

    protected function setSeveral(SetSeveral $set): string
    {
        $chain = $this->chain($set);
        if (null !== $chain) {
            return $chain;
        }
        [$first, $second] = [$set->targets[0], $set->targets[1] ?? $set->targets[0]];
        if (2 === \count($set->targets) && 2 === \count($set->values) && $first == $set->values[1] && $second == $set->values[0]) {
            return $this->call('swap', [$first, $second]);
        }

        if (1 === \count($set->values) && $this->declarations->isAt($set)) {
            return 'auto ['.$this->listed($set->targets).'] = '.$this->expression($set->values[0]);
        }

        if (1 === \count($set->values) && [] !== $this->type($set->values[0])->parts) {
            return 'tie('.$this->listed($set->targets).') = '.$this->expression($set->values[0]);
        }

        return 'tie('.$this->listed($set->targets).') = '.(1 === \count($set->values) ? $this->call($this->need('taken_apart').'<'.\count($set->targets).'>', $set->values) : 'make_tuple('.implode(', ', array_map(fn (Expression $value): string => $this->lifted($value, 0), $set->values)).')');
    }

    protected function declaration(Declaration $declaration): void
    {
        $this->line($declaration, 'head', ($declaration->type ?? $this->typed($this->types->variable($this->part, $declaration->variable))).' '.$this->name($declaration->variable).';');
    }

    protected function truncDivide(Binary $binary, int $around): string
    {
        return $this->type($binary->left)->isWhole() && $this->type($binary->right)->isWhole()
            ? $this->infix($binary, '/', self::MULTIPLIED, $around)
            : 'trunc('.$this->infix($binary, '/', self::MULTIPLIED, 0).')';
    }

    /** Numbers with a point have no `%` (C++17, 8.6). */
    protected function remainder(Binary $binary, int $around): string
    {
        return $this->type($binary->left)->isNumeric() && !$this->type($binary->left)->isWhole() || $this->type($binary->right)->isNumeric() && !$this->type($binary->right)->isWhole()
            ? $this->call('fmod', [$binary->left, $binary->right])
            : parent::remainder($binary, $around);
    }

    protected function changeSign(Operator $operator, Expression $was, Expression $amount): ?string
    {
        $wholes = $this->type($was)->isWhole() && $this->type($amount)->isWhole();

        return match ($operator) {
            Operator::TrueDivide => $wholes ? null : '/=',
            Operator::TruncRemainder => $wholes ? '%=' : null,
            Operator::TruncDivide => $wholes ? '/=' : null,
            Operator::FloorDivide => $wholes && $this->areNatural(new Binary($operator, $was, $amount)) ? '/=' : null,
            default => parent::changeSign($operator, $was, $amount),
        };
    }

    protected function value(Expression $expression, int $around): string
    {
        $object = $this->objectValue($expression, $around);
        if (null !== $object) {
            return $object;
        }

        return match (true) {
            $expression instanceof NothingLiteral => $this->hasPlainPointers() ? 'nullptr' : 'nullopt',
            $expression instanceof ListLiteral, $expression instanceof MapLiteral => $this->typed($this->type($expression)).$this->braced($expression),
            $expression instanceof Item => $this->item($expression),
            $expression instanceof Slice => $this->slice($expression),
            $expression instanceof Choice => $this->bracket($this->asked($expression->condition, self::CHOICE + 1).' ? '.$this->lifted($expression->then, self::CHOICE).' : '.$this->lifted($expression->otherwise, self::CHOICE), self::CHOICE, $around),
            $expression instanceof Collected => $this->collected($expression),
            $expression instanceof Lambda => $this->catching().'('.implode(', ', array_map(fn (string $name): string => 'auto '.$this->name($name), $expression->parameters)).') { return '.$this->asHanded($expression).'; }',
            default => throw new \LogicException('No text for '.$expression::class),
        };
    }

    /** What streams are told, and how wide a value is shown, stands among what is shown. */
    private function ofStream(Operation $operation): ?string
    {
        $of = $operation->arguments;
        if (OperationKey::ToldForm === $operation->key && $of[0] instanceof TextLiteral) {
            return 'std::'.$of[0]->value.(isset($of[1]) && !$of[1] instanceof NothingLiteral ? '('.$this->expression($of[1]).')' : '');
        }
        if (OperationKey::ShownFormed === $operation->key) {
            $value = $this->expression($of[0], self::ADDED);

            return isset($of[1]) && $of[1] != new NumberLiteral(0) ? 'std::setw('.$this->expression($of[1]).') << '.$value : $value;
        }

        return OperationKey::PutOn === $operation->key ? implode(' << ', array_map(fn (Expression $part): string => $this->expression($part, self::ADDED), [$of[0], ...$this->joined($of[1])])) : null;
    }

    /**
     * What is done with a part of a list where it stands: `sort(beds.begin() + 1, beds.end())`; null for what is not. In the other
     * languages a part may begin before the list and end behind it, which only the library's functions allow.
     */
    private function ofPart(Operation $operation): ?string
    {
        $of = $operation->arguments;
        $key = $operation->key;
        if (OperationKey::PutRange === $key) {
            [$list, $from, $to, $changed] = $of;
        } elseif (OperationKey::FillUp === $key || OperationKey::SortPartBefore === $key) {
            [$list, $changed, $from, $to] = $of;
        } else {
            return null;
        }
        $isPart = isset($this->program->handwriting[Language::Cpp->value]);
        $places = $isPart ? $this->placeBehind($list, $from).', '.$this->placeBehind($list, $to) : '';
        $isSame = $isPart && $changed instanceof Operation && 1 === \count($changed->arguments) && $changed->arguments[0] == new Slice($list, $from, $to);

        return match (true) {
            OperationKey::PutRange === $key && $from instanceof NothingLiteral && $to instanceof NothingLiteral => "{$this->expression($list)} = {$this->expression($changed)}",
            $isPart && OperationKey::FillUp === $key => "fill($places, {$this->expression($changed)})",
            $isPart && OperationKey::SortPartBefore === $key => "sort($places, {$this->expression($changed)})",
            $isSame && OperationKey::Sorted === $changed->key => "sort($places)",
            $isSame && OperationKey::SortedDown === $changed->key => "sort($places, greater<>())",
            $isSame && OperationKey::Backwards === $changed->key => "reverse($places)",
            OperationKey::PutRange === $key => $this->call($this->need('put_range'), [$list, $from instanceof NothingLiteral ? new NumberLiteral(0) : $from, $to instanceof NothingLiteral ? new Operation(OperationKey::Length, [$list]) : $to, $changed]),
            default => null,
        };
    }

    private function placeBehind(Expression $list, Expression $steps): string
    {
        return $this->expression($list, self::POSTFIX).match (true) {
            $steps == new NumberLiteral(0) => '.begin()',
            $steps == new Operation(OperationKey::Length, [$list]) => '.end()',
            default => '.begin() + '.$this->operand($steps, 8),
        };
    }

    protected function operation(Operation $operation, int $around): string
    {
        $operation = LooseSorts::asStandard($operation);
        $this->noteHanded($operation);
        $each = $operation->arguments[0] ?? null;
        if (null !== $each && \in_array($operation->key, [OperationKey::Copied, OperationKey::DeepCopied], true) && isset($this->program->handwriting[Language::Cpp->value])) {
            // What is kept, given or handed over is a copy anyway (C++17, 11.6).
            return TypeKind::Object === $this->type($each)->kind && !($each instanceof VariableRead && $this->isItself($each)) ? $this->bracket('*'.$this->operand($each, self::POSTFIX), self::POSTFIX - 1, $around) : $this->expression($each, $around);
        }
        if (null !== $each && OperationKey::Identical === $operation->key && [] === array_filter($operation->arguments, fn (Expression $side): bool => TypeKind::Object !== $this->type($side)->kind)) {
            return $this->bracket(implode(' == ', array_map(fn (Expression $side): string => $this->expression($side, self::COMPARED), $operation->arguments)), self::COMPARED - 1, $around);
        }
        if ($each instanceof Collected && null === $each->condition && \in_array($operation->key, [OperationKey::AnyHolds, OperationKey::AllHold], true) && Given::isPlace($each->over) && ($this->type($each->over)->isList() || $this->type($each->over)->isSet())) {
            $over = $this->operand($each->over, self::POSTFIX);

            return (OperationKey::AnyHolds === $operation->key ? 'any_of' : 'all_of')."($over.begin(), $over.end(), {$this->expression(new Lambda([$each->variable], $each->value))})";
        }
        $stream = $this->ofStream($operation);
        if (null !== $stream) {
            return $stream;
        }
        if (OperationKey::NextAnswer === $operation->key || OperationKey::NextOf === $operation->key) {
            return $this->bracket((OperationKey::NextAnswer === $operation->key ? 'cin >> ' : '').implode(' >> ', array_map(fn (Expression $target): string => $this->expression($target), $operation->arguments)), 6, $around);
        }
        if (OperationKey::ValueOrPut === $operation->key && EmptyValues::is($operation->arguments[2])) {
            // A map has that for a key from the time that it is asked for it (C++17, 26.4.4.3).
            return $this->operand($operation->arguments[0], self::POSTFIX).'['.$this->expression($operation->arguments[1]).']';
        }
        if (OperationKey::After === $operation->key) {
            return '('.$this->listed($operation->arguments).')';
        }
        if (OperationKey::Record === $operation->key && 2 === \count($operation->arguments) && $this->analysis->says('pair') && !$this->analysis->says('tuple')) {
            return $this->call('make_pair', $operation->arguments);
        }
        $of = $operation->arguments[0] ?? null;
        if (OperationKey::SetOf === $operation->key && (null === $of || $of instanceof ListLiteral)) {
            return null === $of ? '{}' : $this->typed($this->type($operation)).'{'.$this->listed($of->items).'}';
        }
        $ofPart = $this->ofPart($operation);
        if (null !== $ofPart) {
            return $ofPart;
        }
        if (OperationKey::Exit === $operation->key && [] === $operation->arguments) {
            // It wants a number (C++17, 21.5).
            return 'exit(0)';
        }
        $first = $operation->arguments[0] ?? null;
        if (null !== $first && \in_array($operation->key, self::ASKING, true)) {
            $operation = new Operation($operation->key, [$first, $this->keyOf($first, $operation->arguments[1]), ...\array_slice($operation->arguments, 2)]);
        }
        $by = str_ends_with($operation->key->value, '_by') ? $operation->arguments[1] : null;
        if (null !== $first && $by instanceof Lambda && null !== $kept = ChosenValues::foundOrNothing($by->value)) {
            $operation = new Operation($operation->key, [$first, new Lambda($by->parameters, $kept)]);
        }
        if (\in_array($operation->key, [OperationKey::Smaller, OperationKey::Larger], true)) {
            return Extremes::of($operation->key, array_map(fn (Expression $value): string => $this->typed($this->type($value)), $operation->arguments), array_map(fn (Expression $value): string => $this->expression($value), $operation->arguments), $this->typed($this->type($operation)));
        }

        $many = ManyLetters::in($operation, $this->type(...), isset($this->program->handwriting[Language::Cpp->value]));
        if (null !== $many) {
            return "string({$this->expression($many[1])}, {$this->letterOf($many[0])})";
        }

        $filler = OperationKey::Filled === $operation->key ? $operation->arguments[1] : null;
        if (null !== $first && $filler instanceof TextLiteral && !$filler->letter) {
            // `vector(3, " ")` would hold pointers (C++17, 26.3.11.1, class template argument deduction).
            return 'vector<string>('.$this->listed([$first, $filler]).')';
        }
        $added = OperationKey::Append === $operation->key ? $operation->arguments[1] : null;
        if (null !== $first && ($added instanceof ListLiteral || $added instanceof MapLiteral) && [] === $this->type($first)->parts && null !== $kept = $this->type($first)->element) {
            return $this->expression($first, self::POSTFIX).'.push_back('.$this->given($added, $kept).')';
        }

        $nothing = OperationKey::ValueOrPut === $operation->key ? $operation->arguments[2] : null;
        if (null !== $first && ($nothing instanceof ListLiteral && [] === $nothing->items || $nothing instanceof MapLiteral && [] === $nothing->entries)) {
            // Square brackets put in what is missing, an empty one (C++17, 26.4.4.3).
            return $this->expression($first, self::POSTFIX).'['.$this->expression($operation->arguments[1]).']';
        }

        $more = OperationKey::Extend === $operation->key ? $operation->arguments[1] : null;
        if ($more instanceof ListLiteral && null !== $first) {
            $list = $this->expression($first, self::POSTFIX);

            return "$list.insert($list.end(), ".$this->braced($more).')';
        }
        if (null !== $more && !$more instanceof VariableRead) {
            return $this->call($this->need('extend_list'), $operation->arguments);
        }

        return OperationKey::ToLong === $operation->key && $first instanceof NumberLiteral && \is_int($first->value) && $first->value >= 0 ? $first->value.'LL' : parent::operation($operation, $around);
    }

    protected function braced(ListLiteral|MapLiteral $literal): string
    {
        $inner = fn (Expression $value): string => $value instanceof ListLiteral || $value instanceof MapLiteral ? $this->braced($value) : $this->expression($value);
        if ($literal instanceof ListLiteral) {
            return '{'.implode(', ', array_map($inner, $literal->items)).'}';
        }

        return '{'.implode(', ', array_map(static fn (array $pair): string => '{'.$inner($pair[0]).', '.$inner($pair[1] ?? $pair[0]).'}', array_chunk($literal->entries, 2))).'}';
    }

    private function item(Item $item): string
    {
        if ($item->index instanceof NumberLiteral && $item->index->value < 0) {
            return $this->call($this->need('item'), [$item->container, $item->index]);
        }

        $container = $item->container instanceof TextLiteral ? $this->lifted($item->container, 0) : $this->expression($item->container, self::POSTFIX);
        $parts = $this->type($item->container)->parts;
        if ([] !== $parts && $item->index instanceof NumberLiteral && \is_int($item->index->value) && isset($parts[$item->index->value])) {
            return 2 === \count($parts) ? $container.(0 === $item->index->value ? '.first' : '.second') : "get<{$item->index->value}>(".$this->expression($item->container).')';
        }
        $index = $this->expression($this->keyOf($item->container, $item->index));

        // Square brackets would put a missing key in.
        return $this->type($item->container)->isMap() ? "$container.at($index)" : "{$container}[$index]";
    }

    protected function itemTarget(SetItem $set): string
    {
        if ($set->target instanceof Item && $set->target->index instanceof NumberLiteral && $set->target->index->value < 0 && $this->type($set->target->container)->isList()) {
            return $this->expression(self::counted($set->target));
        }

        return null === $set->operator ? $this->put($set->target) ?? parent::itemTarget($set) : parent::itemTarget($set);
    }

    /** The place of a key in a map, which may be missing; null for another place. */
    private function put(Expression $target): ?string
    {
        return $target instanceof Item && $this->type($target->container)->isMap() ? $this->expression($target->container, self::POSTFIX).'['.$this->expression($this->keyOf($target->container, $target->index)).']' : null;
    }

    protected function givenTarget(Operation $given): string
    {
        // What was there may be missing, unless it is asked for as such.
        return (null === Given::change($given) ? $this->put($given->arguments[0]) : null) ?? parent::givenTarget($given);
    }

    protected function change(Operation $given): ?Binary
    {
        $sum = $given->arguments[1];
        // The number of a letter changes, and so the letter (C++17, 8.2.6).
        if ($sum instanceof Binary && $sum->left == new Operation(OperationKey::Code, [$given->arguments[0]])) {
            return new Binary($sum->operator, $given->arguments[0], $sum->right);
        }

        return $sum instanceof Binary && $sum->operator->isArithmetic() && EmptyValues::beginsWithOne($given->arguments[0], $sum) ? $sum : parent::change($given);
    }

    protected function setItem(SetItem $set): string
    {
        $sum = $set->value;
        if (null === $set->operator && $sum instanceof Binary && EmptyValues::beginsWithOne($set->target, $sum)) {
            return $this->changed($this->itemTarget($set), $sum->left, $sum->operator, $sum->right);
        }

        $read = null === $set->operator ? $this->typedInto($this->itemTarget($set), $this->type($set->target), $sum) : null;
        if (null !== $read) {
            return $read;
        }
        $kept = $set->target instanceof Item && null === $set->operator ? $this->type($set->target->container)->element : null;

        return null === $kept || [] !== $this->type($set->target->container)->parts ? parent::setItem($set) : $this->changedPlace($set->target, $this->itemTarget($set), $sum) ?? $this->itemTarget($set).' = '.$this->given($sum, $kept);
    }

    /** @param list<Expression> $arguments */
    protected function ownCall(string $function, array $arguments, int $around): string
    {
        $made = $this->constructors()->classOf($function);
        if (null !== $made) {
            return $this->name($made).'('.$this->listed($arguments).')';
        }
        $definition = $this->program->functionNamed($function);
        if (null !== $definition && null !== $definition->itself() && isset($arguments[0]) && $arguments[0] instanceof VariableRead && $this->isItself($arguments[0])) {
            // `Bed::tell()`, of the class above.
            return $this->name($function).'('.$this->listed(\array_slice($arguments, 1)).')';
        }
        if (null !== $definition && null !== $definition->itself() && isset($arguments[0])) {
            // `bed.Bed::tell()`, where it is not what the object's own class says.
            return $this->pointed($arguments[0]).($this->type($arguments[0])->class === $definition->class() ? $this->name($definition->shortName()) : $this->name($function)).'('.$this->listed(\array_slice($arguments, 1)).')';
        }
        foreach (null === $definition || '' !== $definition->rest ? [] : $definition->parameters as $index => $name) {
            if (null !== $definition && isset($arguments[$index]) && !isset($definition->types[$name])) {
                $arguments[$index] = $this->fitting($this->types->variable($definition, $name), $arguments[$index]);
            }
        }

        return parent::ownCall($function, $arguments, $around);
    }

    private function slice(Slice $slice): string
    {
        $from = $slice->from instanceof NothingLiteral ? new NumberLiteral(0) : $slice->from;
        // Elsewhere `substr` stops where a text is shorter than that, which no slice does.
        if ($this->type($slice->container)->isTextual() && $from instanceof NumberLiteral && 0 === $from->value && $this->type($slice->to)->isNatural()) {
            return $this->lifted($slice->container, self::POSTFIX).'.substr('.$this->listed([$from, $slice->to]).')';
        }

        return $this->call('slice', $slice->to instanceof NothingLiteral ? [$slice->container, $from] : [$slice->container, $from, $slice->to]);
    }

    private function collected(Collected $collected): string
    {
        $names = $this->types->itemOf($this->part, $collected);
        $lambda = fn (Expression $value, bool $isAsked = false): string => $this->catching().'(auto '.$this->name($collected->variable).') { return '.$this->types->inside($names, fn (): string => $isAsked ? $this->asked($value, 0) : ($value instanceof TextLiteral ? $this->lifted($value, 0) : $this->expression($value))).'; }';
        $text = $this->lifted($this->type($collected->over)->isMap() ? new Operation(OperationKey::Keys, [$collected->over]) : $collected->over, 0);
        if (null !== $collected->condition) {
            $text = "filtered($text, ".$lambda($collected->condition, true).')';
        }

        return $collected->value instanceof VariableRead && $collected->value->name === $collected->variable && null !== $collected->condition
            ? $text
            : "collected($text, ".$lambda($collected->value).')';
    }

    protected function operand(Expression $operand, int $around): string
    {
        return self::POSTFIX === $around && $operand instanceof TextLiteral ? $this->lifted($operand, $around) : parent::operand($operand, $around);
    }

    protected function leave(): string
    {
        return $this->part instanceof FunctionDefinition && $this->part->givesValue() ? 'return {}' : 'return';
    }

    protected function declareEmpty(string $name): string
    {
        $type = $this->types->variable($this->part, $name);
        $empty = match ($type->kind) {
            TypeKind::Truth => ' = false',
            TypeKind::Text => ' = ""',
            TypeKind::List, TypeKind::Map, TypeKind::MaybeWhole, TypeKind::DrivePair, TypeKind::SurfaceSensor, TypeKind::RangeSensor, TypeKind::Lamp => '',
            TypeKind::Letter => " = ' '",
            default => ' = 0',
        };

        return $this->typed($type).' '.$this->name($name)."$empty;";
    }

    protected function declareFixed(string $name, Expression $value, bool $whole): string
    {
        $text = $this->expression($value);
        $isWhole = $this->type($value)->isWhole();

        return 'const '.($whole || $isWhole ? 'int' : 'double')." $name = ".($whole && !$isWhole ? $this->toWhole($text) : $text).';';
    }

    protected function counterType(bool $whole): string
    {
        return $whole ? 'int' : 'double';
    }

    protected function toWhole(string $number): string
    {
        return "int($number)";
    }

    protected function equalSign(bool $equal): string
    {
        return $equal ? '==' : '!=';
    }

    protected function condition(Expression $condition): string
    {
        return $this->asked($condition, 0);
    }

    /** A value as what is true or false: texts, lists and maps are so elsewhere, if anything is in them (C++17, 7.14). */
    private function asked(Expression $value, int $around): string
    {
        if ($value instanceof Unary && UnaryOperator::Not === $value->operator) {
            $inner = $this->asked($value->operand, self::RAISED);

            // What is asked first of all is whether anything is in it; not so is whether it is empty.
            return str_starts_with($inner, '(!') && str_ends_with($inner, '.empty())') ? substr($inner, 2, -1) : $this->bracket('!'.$inner, self::UNARY, $around);
        }
        if ($value instanceof Binary && $value->operator->isLogic()) {
            [$sign, $strength] = Operator::And === $value->operator ? ['&&', 3] : ['||', 2];

            return $this->bracket($this->asked($value->left, $strength)." $sign ".$this->asked($value->right, $strength + 1), $strength, $around);
        }
        $value = KeyQuestion::asked($value, $this->type(...));
        $found = ChosenValues::foundOrNothing($value);
        if (null !== $found) {
            return $this->bracket($this->expression(new Operation(OperationKey::Contains, [$found->container, $found->index])).' && '.$this->asked($found, 4), 3, $around);
        }
        $type = $this->type($value);

        return TypeKind::Text === $type->kind || $type->isList() || $type->isMap() || $type->isSet()
            ? $this->bracket('!'.($value instanceof TextLiteral ? $this->lifted($value, self::POSTFIX) : $this->expression($value, self::POSTFIX)).'.empty()', self::UNARY, $around)
            : $this->expression($value, $around);
    }

    protected function not(Unary $not, int $around): string
    {
        return $this->asked($not, $around);
    }

    protected function set(SetVariable $set): string
    {
        $value = $set->value;
        if ($value instanceof Operation && \in_array($value->key, [OperationKey::WithLetter, OperationKey::WithLetterOfC], true) && $value->arguments[0] == new VariableRead($set->variable)) {
            return $this->name($set->variable).'['.$this->expression($value->arguments[1]).'] = '.$this->letterOf($value->arguments[2]);
        }
        if (!$this->declarations->isAt($set)) {
            return $this->typedInto($this->name($set->variable), $this->types->variable($this->part, $set->variable), $value) ?? $this->name($set->variable).' = '.$this->given($value, $this->types->variable($this->part, $set->variable));
        }
        [$type, $value] = DeclaredValues::typed($set->declared ?? $this->typed($this->types->variable($this->part, $set->variable)), $value);
        $behind = DeclaredValues::behind($type, $value, fn (Expression $part): string => $this->expression($part));
        if (null !== $behind) {
            return "$type {$this->name($set->variable)}$behind";
        }
        $text = $value instanceof ListLiteral || $value instanceof MapLiteral ? $this->braced($value) : ('auto' === $type ? $this->lifted($value, 0) : $this->expression(null === $set->declared ? $this->fitting($this->types->variable($this->part, $set->variable), $value) : $value));

        return $type.' '.$this->name($set->variable).' = '.$text;
    }

    /** What is typed in goes into its place where the program was typed in C++; elsewhere each question is for a line of its own. */
    private function typedInto(string $place, StaticType $type, Expression $value): ?string
    {
        return isset($this->program->handwriting[Language::Cpp->value]) ? TypedIn::into($place, $type, $value) : null;
    }

    /** A new list or map is of the type of what it is put into, and a letter a text where that is one. */
    private function given(Expression $value, StaticType $type): string
    {
        return ($value instanceof ListLiteral || $value instanceof MapLiteral) && ($type->isList() || $type->isMap()) ? $this->typed($type).$this->braced($value) : $this->expression($this->fitting($type, $value));
    }

    private function letterOf(Expression $value): string
    {
        return $value instanceof TextLiteral && 1 === \strlen($value->value) ? Quoted::letter($value->value) : $this->expression($value);
    }

    protected function giveBack(GiveBack $row): string
    {
        if ($this->part instanceof FunctionDefinition && null !== $this->constructors()->itself($this->part)) {
            return 'return';
        }
        if (!$this->part instanceof FunctionDefinition || !$this->isStreamed($this->part)) {
            $function = $this->part instanceof FunctionDefinition && !isset($this->part->types['']) ? $this->part : null;

            return null === $function ? parent::giveBack($row) : 'return '.$this->given($row->value, $this->resultOf($function));
        }
        $parts = array_filter($this->joined($row->value), static fn (Expression $part): bool => !$part instanceof TextLiteral || '' !== $part->value);

        return 'return out << '.implode(' << ', array_map(fn (Expression $part): string => $this->expression($part, self::ADDED), $parts));
    }

    protected function printLine(PrintLine $print): string
    {
        $parts = [];
        foreach ($print->values as $index => $value) {
            if ($index > 0) {
                $parts[] = '" "';
            }
            foreach ($this->joined($value) as $part) {
                $type = $this->type($part);
                if ($type->isList() || $type->isMap() || $type->isSet() || TypeKind::MaybeWhole === $type->kind) {
                    // C++ itself does not write them (C++17, 30.7.5.2).
                    $this->need('<<');
                }
                $parts[] = ShownParts::shortened($part, $this->expression($part, self::ADDED));
            }
        }

        return implode(' << ', ['cout', ...$parts, ...($print->endsLine ? ['endl'] : [])]);
    }

    protected function commandName(Entry $entry): string
    {
        $this->need(explode('.', $entry->snakeName())[0]);

        return $entry->snakeName();
    }

    /** A backslash at the end of a line, even with spaces behind it, would draw the next line into the comment. */
    protected function remark(string $text): string
    {
        return parent::remark($text).(str_ends_with(rtrim($text), '\\') ? ' //' : '');
    }

    protected function textLiteral(TextLiteral $text): string
    {
        return $text->letter ? Quoted::letter($text->value) : $this->quote($text->value);
    }

    protected function quote(string $text): string
    {
        return Quoted::text($text);
    }

    /** What counts or compares an optional number means what it holds. */
    protected function binary(Binary $binary, int $around): string
    {
        $has = KeyQuestion::of($binary, $this->type(...));
        if (null !== $has) {
            return $this->expression($has, $around);
        }
        if ($binary->operator->isLogic()) {
            return $this->logic($binary, $around);
        }
        if ($binary->left instanceof NothingLiteral || $binary->right instanceof NothingLiteral) {
            $other = $binary->left instanceof NothingLiteral ? $binary->right : $binary->left;

            return TypeKind::Object === $this->type($other)->kind && \in_array($binary->operator, [Operator::Equal, Operator::NotEqual], true) ? $this->bracket($this->operand($other, self::COMPARED).(Operator::Equal === $binary->operator ? ' == ' : ' != ').'nullptr', self::COMPARED, $around) : parent::binary($binary, $around);
        }

        return parent::binary(new Binary($binary->operator, $this->held($binary->left), $this->held($binary->right)), $around);
    }

    /** What is one of two values elsewhere is chosen here; numbers and truths are left as they stand, for C++ makes a truth of them (C++17, 8.14, 8.15). */
    private function logic(Binary $binary, int $around): string
    {
        $found = ChosenValues::foundOrNothing($binary->left);
        $left = $found ?? $binary->left;
        $right = $this->fitting($this->type($left), $binary->right);
        if (null !== $found && Operator::Or === $binary->operator && EmptyValues::isNothing($right) && $this->type($found)->isNumeric() === $this->type($right)->isNumeric()) {
            return $this->operation(new Operation(OperationKey::ValueOr, [$found->container, $found->index, $right]), $around);
        }
        if (!ChosenValues::are($binary->left, $this->type($left))) {
            return $this->asked($binary, $around);
        }
        [$then, $otherwise] = Operator::And === $binary->operator ? [$right, $left] : [$left, $right];

        return $this->bracket($this->asked($binary->left, self::CHOICE + 1).' ? '.$this->lifted($then, self::CHOICE).' : '.$this->lifted($otherwise, self::CHOICE), self::CHOICE, $around);
    }

    private function held(Expression $value): Expression
    {
        return TypeKind::MaybeWhole === $this->type($value)->kind ? new UnreadExpression($this->expression($value, self::POSTFIX).'.value()') : $value;
    }

    /** Two whole numbers would be divided without the part behind the point. */
    protected function divide(Binary $binary, int $around): string
    {
        if (!$this->type($binary->left)->isWhole() || !$this->type($binary->right)->isWhole()) {
            return $this->infix($binary, '/', self::MULTIPLIED, $around);
        }
        $left = $this->expression($binary->left, self::MULTIPLIED);
        $right = $this->expression($binary->right, self::MULTIPLIED + 1);
        if ($binary->left instanceof NumberLiteral) {
            $left .= '.0';
        } elseif ($binary->right instanceof NumberLiteral) {
            $right .= '.0';
        } else {
            $left = 'double('.$this->expression($binary->left).')';
        }

        return $this->bracket("$left / $right", self::MULTIPLIED, $around);
    }

    protected function floorDivide(Binary $binary, int $around): string
    {
        return $this->areNatural($binary)
            ? $this->infix($binary, '/', self::MULTIPLIED, $around)
            : $this->call('floor_div', [$binary->left, $binary->right]);
    }

    protected function power(Binary $binary, int $around): string
    {
        return $this->call('pow', [$binary->left, $binary->right]);
    }

    /** Two literals side by side are no `string` yet, which `+` and `==` need on one side. */
    private function lifted(Expression $expression, int $around): string
    {
        return match (true) {
            $expression instanceof TextLiteral && !$expression->letter => 'string('.$this->quote($expression->value).')',
            TypeKind::Letter === $this->type($expression)->kind => 'string(1, '.$this->expression($expression).')',
            default => $this->expression($expression, $around),
        };
    }

    protected function compare(Binary $binary, string $sign, int $around): string
    {
        foreach ([[$binary->left, $binary->right], [$binary->right, $binary->left]] as [$one, $other]) {
            if ($one instanceof TextLiteral && 1 === \strlen($one->value) && TypeKind::Letter === $this->type($other)->kind) {
                return $this->bracket(implode(" $sign ", array_map(fn (Expression $side): string => $side === $one ? Quoted::letter($one->value) : $this->expression($side, self::COMPARED), [$binary->left, $binary->right])), self::COMPARED - 1, $around);
            }
        }
        if (TypeKind::Letter === $this->type($binary->left)->kind && TypeKind::Letter === $this->type($binary->right)->kind) {
            return $this->comparison($binary, $sign, $around);
        }

        $right = TypeKind::Text === $this->type($binary->left)->kind ? $this->fitting($this->type($binary->left), $binary->right) : $binary->right;

        return $this->bracket($this->lifted($binary->left, self::COMPARED).' '.$sign.' '.$this->expression($right, self::COMPARED), self::COMPARED - 1, $around);
    }

    /** A key of a map, or an item of a list, as the type says that it keeps: a letter is no text there. */
    private function keyOf(Expression $container, Expression $key): Expression
    {
        $type = $this->type($container);

        return $type->isTextual() ? $key : $this->fitting($type->key ?? $type->element, $key);
    }

    private function fitting(?StaticType $wanted, Expression $value): Expression
    {
        return match (true) {
            TypeKind::Text === $wanted?->kind && TypeKind::Letter === $this->type($value)->kind => new Operation(OperationKey::ToText, [$value]),
            TypeKind::Letter === $wanted?->kind && $value instanceof TextLiteral && 1 === \strlen($value->value) => new TextLiteral($value->value, true),
            default => $value,
        };
    }

    protected function joinTexts(Binary $binary, int $around): string
    {
        $parts = $this->joined($binary);
        if (!$this->allTexts($parts)) {
            return $this->call('join', $parts);
        }
        $left = $this->lifted($binary->left, self::ADDED);

        return $this->bracket($left.' + '.$this->expression($binary->right, self::ADDED + 1), self::ADDED, $around);
    }

    protected function libraryName(string $snake): string
    {
        return $snake;
    }

    protected function random(RandomWhole $random): string
    {
        return $this->call('random_between', [$random->from, $random->to]);
    }

    protected function catches(Rescue $rescue, string $name): string
    {
        $kind = $rescue->kinds[0] ?? null;
        $behind = '' === $name ? '' : " $name";
        if (\is_string($kind)) {
            return ' (const '.$this->name($kind)."&$behind)";
        }

        return match (true) {
            null === $kind => ' (...)',
            FailureKind::Whole === $kind => " (int$behind)",
            FailureKind::Text === $kind => " (const char*$behind)",
            FailureKind::Letters === $kind => " (const string&$behind)",
            default => ' (const '.FailureNames::caught(Language::Cpp, $kind).'&'.$behind.')',
        };
    }

    protected function namesAll(): bool
    {
        return false;
    }

    protected function asks(string $name): string
    {
        return "string($name.what())";
    }

    /** C++ has one kind a `catch`, and no `finally`: what runs in any case stands behind. */
    protected function attempt(Attempt $attempt): void
    {
        $rescues = [];
        foreach ($attempt->rescues as $rescue) {
            $names = [];
            foreach ([] === $rescue->kinds ? [null] : $rescue->kinds as $kind) {
                $names[null === $kind ? '' : (\is_string($kind) ? "=$kind" : FailureNames::caught(Language::Cpp, $kind))] = $kind;
            }
            foreach ($names as $kind) {
                $rescues[] = new Rescue(null === $kind ? [] : [$kind], $rescue->name, $rescue->body);
            }
        }
        parent::attempt(new Attempt($attempt->id, $attempt->body, \count($rescues) === \count($attempt->rescues) ? $rescues : $attempt->rescues, $attempt->otherwise, $attempt->finally, $attempt->off));
    }

    protected function lastly(Attempt $attempt): void
    {
        if ([] === $attempt->rescues) {
            $this->line($attempt, Attempt::FINALLY, '} catch (...) {');
            $this->inside(fn () => $this->line($attempt, Attempt::FINALLY, 'throw;'));
        }
        $this->line($attempt, 'close', '}');
        if (null !== $attempt->finally) {
            $this->rows($attempt->finally);
        }
    }

    protected function raise(Raise $raise): string
    {
        $isMade = FailureKind::Letters === $raise->kind && $raise->says instanceof TextLiteral;

        return 'throw '.($isMade ? 'string('.$this->expression($raise->says).')' : ($raise->kind->isPlain() ? $this->expression($raise->says) : FailureNames::thrown(Language::Cpp, $raise->kind).'('.$this->expression($raise->says).')'));
    }

    protected function raiseObject(RaiseObject $raise): string
    {
        return 'throw '.$this->expression($raise->object);
    }

    protected function passOn(): string
    {
        return 'throw';
    }

    protected function claim(Claim $claim): string
    {
        return 'assert('.$this->expression($claim->condition).')';
    }

    /** What goes at the end of its braces needs no word; what is pointed at is deleted. */
    protected function plain(Statement $statement): void
    {
        $call = $statement instanceof Perform && $statement->value instanceof MethodCall && ClassDefinition::GOES === $statement->value->method ? $statement->value : null;
        if (null === $call) {
            parent::plain($statement);
        } elseif (TypeKind::Object === $this->type($call->object)->kind && $this->hasPlainPointers()) {
            $this->line($statement, 'head', 'delete '.$this->expression($call->object).';');
        }
    }

    /** Outside of functions there is nothing to catch (C++17, 8.1.5.2). */
    private function catching(): string
    {
        return $this->isOutside && $this->part instanceof Script ? '[]' : '[&]';
    }
}
