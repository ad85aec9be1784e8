<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\BracePrinter;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Language\Patterns;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
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
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Operators and literals: ECMAScript 2022, clauses 12 and 13. */
final class JavaScriptPrinter extends BracePrinter
{
    protected function language(): Language
    {
        return Language::JavaScript;
    }

    private const REQUIRED_FILES = 'require("fs")';
    /** Stands for the library of files, which no text has, until it is known how the program brings it in. */
    private const FILES = "\x04";

    private Waiting $waiting;

    protected function program(): void
    {
        $this->waiting = new Waiting($this->program);
        $body = $this->captured(function (): void {
            $this->enter($this->program->script);
            $this->outermost($this->program->functions);
            $this->part = $this->program->script;
            $this->rows($this->program->script->body);
            $this->outermost($this->program->below);
        });
        $names = array_values(array_diff($this->needed(), $this->imported()));
        $imports = [] === $names ? [] : ['import { '.implode(', ', $names).' } from "./scrivlet.js";'];
        $assigned = [];
        foreach ($this->program->rowsOf($this->program->script) as $row) {
            $assigned += array_fill_keys($row->assigned(), true);
        }
        foreach (array_keys(array_diff_key($this->types->scopes->globals, $assigned)) as $name) {
            if (!Scopes::isOfClass((string) $name)) {
                $imports[] = $this->declareEmpty((string) $name);
            }
        }
        $files = [];
        // A module has no `require` (Node.js, ECMAScript modules).
        $fs = [] === $names || $this->analysis->says('require') ? null : $this->makeUp('fs');
        foreach ($body as $index => $line) {
            if (str_contains($line->text, self::FILES)) {
                $body[$index] = new Line($line->anchor, str_replace(self::FILES, $fs ?? self::REQUIRED_FILES, $line->text));
                $files = null === $fs || str_starts_with(ltrim($line->text), '//') ? $files : ["import $fs from \"fs\";"];
            }
        }
        $this->imports([...$files, ...$imports]);
        $this->append($body);
    }

    /** @return list<string> the names that rows of the program import themselves */
    private function imported(): array
    {
        $names = [];
        foreach (Walk::statements($this->program->parts()) as $row) {
            if ($row instanceof Import && Language::JavaScript->value === $row->language) {
                preg_match_all('/\w+/', explode(' from', $row->text)[0], $match);
                $names = [...$names, ...$match[0]];
            }
        }

        return $names;
    }

    protected function signature(FunctionDefinition $function): string
    {
        $parameters = array_map(fn (string $name): string => ($name === $function->rest ? '...' : '').$this->name($name).(isset($function->defaults[$name]) ? ' = '.$this->expression($function->defaults[$name]) : ''), $function->isTied() ? \array_slice($function->parameters, 1) : $function->given());
        if ('' !== $function->class()) {
            $sort = '' === $function->sort && isset($this->waiting->functions[$function->name]) ? 'async' : $function->sort;

            return (['asked' => 'get ', 'shared' => 'static ', 'shared_asked' => 'static get ', 'set' => 'set ', 'async' => 'async '][$sort] ?? '').($function->handsOut() ? '*' : '').$this->methodName('set' === $function->sort ? substr($function->shortName(), 4) : $function->shortName()).'('.implode(', ', $parameters).')';
        }

        $async = $function->isAsync() || isset($this->waiting->functions[$function->name]) ? 'async ' : '';
        if ($this->sharesThis($function)) {
            return 'const '.$this->name($function->name)." = $async(".implode(', ', $parameters).') =>';
        }

        return $async.($function->handsOut() ? 'function* ' : 'function ').$this->name($function->name).'('.implode(', ', $parameters).')';
    }

    /** A function within a method that asks for its object: only one with an arrow has the `this` of what is around (ECMA-262, 10.2.1.2). */
    private function sharesThis(FunctionDefinition $function): bool
    {
        $itself = $this->itself();
        if ('' !== $function->class() || $function->isTied() || $function->handsOut() || null === $itself || 'this' !== ($this->said[$itself] ?? '')) {
            return false;
        }
        foreach (Walk::statements([$function]) as $row) {
            if (\in_array(new VariableRead($itself), Walk::expressionsOf($row), false)) {
                return true;
            }
        }

        return false;
    }

    protected function closes(FunctionDefinition $function): string
    {
        return $this->sharesThis($function) ? '};' : '}';
    }

    private function hasText(Expression $value): bool
    {
        $class = $this->type($value)->class;

        return null !== $class && [] !== $this->classes()->answering($class, ClassDefinition::SHOWS);
    }

    /** What a sign asks of an object of the program's own is a method. */
    protected function binary(Binary $binary, int $around): string
    {
        $class = $this->type($binary->left)->class;
        $isUnequal = Operator::NotEqual === $binary->operator;
        $method = '@'.($isUnequal ? Operator::Equal : $binary->operator)->value;
        if (null === $class || $binary->right instanceof NothingLiteral || [] === $this->classes()->answering($class, $method)) {
            return parent::binary($binary, $around);
        }
        $call = new MethodCall($binary->left, $method, [$binary->right]);

        return $this->expression($isUnequal ? new Unary(UnaryOperator::Not, $call) : $call, $around);
    }

    private function kindTest(KindTest $test, int $around): string
    {
        $value = $this->expression($test->value, self::UNARY);
        $type = ['@number' => 'number', '@text' => 'string', '@truth' => 'boolean'][$test->kind] ?? null;
        if (\in_array($test->kind, ['@list', '@sequence', '@whole'], true)) {
            return ('@whole' === $test->kind ? 'Number.isInteger(' : 'Array.isArray(').$this->expression($test->value).')';
        }

        return $this->bracket(match (true) {
            null !== $type => "typeof $value === \"$type\"",
            // What is made by braces, and no list and no object of a class.
            '@map' === $test->kind => "$value?.constructor === Object",
            default => "$value instanceof ".('@set' === $test->kind ? 'Set' : $this->name($test->kind)),
        }, self::COMPARED - 1, $around);
    }

    private function methodName(string $name): string
    {
        return [
            ClassDefinition::MAKES => 'constructor', ClassDefinition::SHOWS => 'toString', ClassDefinition::FORM => 'toForm', '@equal' => 'equals', '@length' => 'count',
            '@add' => 'plus', '@subtract' => 'minus', '@multiply' => 'times', '@less' => 'isLess', '@iter' => '[Symbol.iterator]', '@next' => 'next',
        ][$name] ?? $this->member($name);
    }

    /** A name behind a point, with the sign that a typed text has before it (ECMA-262, 12.7.3). */
    private function member(string $name): string
    {
        return str_starts_with($name, '_') && $this->analysis->says($hidden = '#'.substr($name, 1)) ? $hidden : $name;
    }

    protected function ofClass(string $name): string
    {
        [$class, $own] = explode('.', $name, 2) + [1 => ''];

        return "$class.".$this->member($own);
    }

    protected function calledCommand(Entry $entry, array $arguments): string
    {
        return ($entry->takesTime ? 'await ' : '').parent::calledCommand($entry, $arguments);
    }

    /** @var array<string, true>|null */
    private ?array $handedOver = null;

    /** @return array<string, true> variables that get what a function gives back in their place */
    private function handedOver(): array
    {
        if (null === $this->handedOver) {
            $this->handedOver = [];
            foreach (Walk::statements($this->program->parts()) as $row) {
                $function = $row instanceof OwnCall ? $this->program->functionNamed($row->function) : null;
                if (!$row instanceof OwnCall || null === $function) {
                    continue;
                }
                foreach ($this->referencesOf($function) as $name) {
                    $argument = $row->arguments[(int) array_search($name, $function->parameters, true)] ?? null;
                    $this->handedOver += $argument instanceof VariableRead ? [$argument->name => true] : [];
                }
            }
        }

        return $this->handedOver;
    }

    protected function taken(array $targets): string
    {
        return '['.parent::taken($targets).']';
    }

    protected function givenOut(array $names): string
    {
        return '['.parent::givenOut($names).']';
    }

    /** Lists and maps are compared by what they hold, which no sign of JavaScript does. */
    protected function compare(Binary $binary, string $sign, int $around): string
    {
        $isByContent = \in_array($binary->operator, [Operator::Equal, Operator::NotEqual], true);
        $type = $this->type($binary->left);
        if (!$isByContent || !$type->isList() && !$type->isMap() || $binary->right instanceof NothingLiteral) {
            return parent::compare($binary, $sign, $around);
        }
        $call = $this->call($this->need('same'), [$binary->left, $binary->right]);

        return Operator::Equal === $binary->operator ? $call : '!'.$call;
    }

    /** What is not defined has the parameter's default. */
    protected function withDefaults(string $function, array $arguments): array
    {
        return $arguments;
    }

    protected function ownCall(string $function, array $arguments, int $around): string
    {
        $class = strstr($function, '.', true);
        if (false !== $class) {
            $method = substr($function, \strlen($class) + 1);
            $definition = $this->program->functionNamed($function);
            if (true === $definition?->isShared()) {
                return $this->name($class).'.'.$method.('shared' === $definition->sort ? '('.$this->listed($arguments).')' : '');
            }
            $isAbove = $this->part instanceof FunctionDefinition && null !== $this->part->itself() && ($arguments[0] ?? null) == new VariableRead($this->part->itself());
            if (ClassDefinition::MAKES === $method) {
                return 'super('.$this->listed(\array_slice($arguments, 1)).')';
            }

            if ($isAbove && 'asked' === $definition?->sort) {
                return "super.$method";
            }

            return $isAbove ? 'super.'.$this->methodName($method).'('.$this->listed(\array_slice($arguments, 1)).')' : $this->name($class).'.prototype.'.$this->methodName($method).'.call('.$this->listed($arguments).')';
        }
        $call = parent::ownCall($function, $arguments, $around);

        return $this->waiting->functions[$function] ?? false ? $this->bracket("await $call", self::UNARY, $around) : $call;
    }

    protected function handler(Handler $handler): void
    {
        $this->line($handler, 'head', $this->commandName(Catalogue::get($handler->command())).'('.$this->expression($handler->what).', '.($this->waiting->waits($handler->body->statements) ? 'async ' : '').'() => {');
        $this->inside(fn () => $this->rows($handler->body));
        $this->line($handler, 'close', '});');
    }

    protected function eachHeader(EachLoop $loop, bool $private): string
    {
        $over = $loop->over;
        $type = $this->type($over);
        if ($type->isMap()) {
            $over = new Operation(1 < \count($loop->variables) ? OperationKey::Entries : OperationKey::Keys, [$over]);
        }
        $names = array_map($this->name(...), $loop->variables);
        $kept = true;
        foreach ($loop->body->statements as $row) {
            foreach ($loop->variables as $name) {
                $kept = $kept && !Scopes::assignsWithin($row, $name);
            }
        }

        return ($kept ? 'const ' : 'let ').(1 === \count($names) ? $names[0] : '['.implode(', ', $names).']').' of '.$this->expression($over, self::CHOICE + 1);
    }

    /** The last place is there first. */
    protected function chain(SetSeveral $set): ?string
    {
        $arePlaces = [] === array_filter($set->targets, static fn (Expression $target): bool => $target instanceof VariableRead);

        return parent::chain($arePlaces ? new SetSeveral($set->id, array_reverse($set->targets), $set->values) : $set);
    }

    protected function setSeveral(SetSeveral $set): string
    {
        $chain = $this->chain($set);
        if (null !== $chain) {
            return $chain;
        }
        $values = 1 === \count($set->values) ? $this->expression($set->values[0]) : '['.$this->listed($set->values).']';

        $isFixed = [] === array_filter($set->targets, fn (Expression $target): bool => !$target instanceof VariableRead || !$this->declarations->isAssignedOnce($target->name));

        return ($this->declarations->isAt($set) ? ($isFixed ? 'const ' : 'let ') : '').'['.implode(', ', array_map($this->targetText(...), $set->targets)).'] = '.$values;
    }

    protected function declaration(Declaration $declaration): void
    {
        $this->line($declaration, 'head', 'let '.$this->name($declaration->variable).';');
    }

    protected function truncDivide(Binary $binary, int $around): string
    {
        return 'Math.trunc('.$this->infix($binary, '/', self::MULTIPLIED, 0).')';
    }

    protected function changeSign(Operator $operator, Expression $was, Expression $amount): ?string
    {
        return match (true) {
            Operator::Power === $operator => '**=',
            // A number behind a text makes a text (ECMAScript 2022, 13.15.3).
            Operator::Join === $operator && $this->type($was)->isTextual() && $this->type($amount)->isNumeric() => '+=',
            default => parent::changeSign($operator, $was, $amount),
        };
    }

    /** Whether a pattern can stand between two strokes (ECMA-262, 12.9.5). */
    private static function isLiteralPattern(string $source, string $flags): bool
    {
        return null !== Patterns::javaScript($source, $flags) && 1 === preg_match('~^(?![*])(?:[^/\\\\\[\r\n]|\\\\[^\r\n]|\[(?:[^\]\\\\\r\n]|\\\\[^\r\n])*+\])++$~D', $source);
    }

    private function entry(Expression $key, Expression $value): string
    {
        $sort = $value instanceof FunctionReference ? $this->program->functionNamed($value->function)?->sort : null;
        if ($value instanceof FunctionReference && 'set' === $sort) {
            return 'set '.$this->key($key).'(value) { '.$this->name($value->function).'.call(this, value); }';
        }

        return $value instanceof FunctionReference && 'asked' === $sort ? 'get '.$this->key($key).'() { return '.$this->name($value->function).'.call(this); }' : $this->key($key).': '.$this->expression($value);
    }

    protected function value(Expression $expression, int $around): string
    {
        return match (true) {
            $expression instanceof Operation && OperationKey::FailureValue === $expression->key => $this->caughtLast,
            $expression instanceof Operation && OperationKey::FailureShown === $expression->key => "String($this->caughtLast)",
            $expression instanceof NothingLiteral => $expression->undefined ? 'undefined' : 'null',
            $expression instanceof ListLiteral => '['.$this->listed($expression->items).']',
            $expression instanceof MapLiteral => $this->bracket([] === $expression->entries ? '{}' : '{ '.implode(', ', array_map(fn (array $pair): string => $this->entry($pair[0], $pair[1] ?? $pair[0]), array_chunk($expression->entries, 2))).' }', self::ATOM, $around),
            $expression instanceof MakeObject && null !== ($made = $expression->asMade()) => $this->expression($made, $around),
            $expression instanceof MakeObject => 'new '.$this->name($expression->class).'('.$this->listed($expression->arguments).')',
            $expression instanceof MethodCall && null !== $expression->leftOut() && [] === array_filter($expression->arguments, static fn (Expression $value): bool => [] !== $value->operands() || $value instanceof VariableRead) => $this->bracket(self::arrow(implode(', ', [...array_map($this->name(...), $expression->leftOut()[1]->parameters), ...array_map(fn (string $name, Expression $value): string => $this->name($name).' = '.$this->expression($value), $expression->leftOut()[0]->parameters, $expression->arguments)]), $this->expression($expression->leftOut()[1]->value)), 0, $around),
            $expression instanceof MethodCall && MethodCall::CALL === $expression->method => $this->operand($expression->object, self::POSTFIX).'('.$this->listed($expression->arguments).')',
            $expression instanceof MethodCall && $this->isSet($expression) => $this->operand($expression->object, self::POSTFIX).'.'.substr($expression->method, 4).' = '.$this->expression($expression->arguments[0]),
            $expression instanceof MethodCall && $this->waiting->isAwaited($expression) => $this->bracket('await '.$this->operand($expression->object, self::POSTFIX).'.'.$this->methodName($expression->method).'('.$this->listed($expression->arguments).')', self::UNARY, $around),
            $expression instanceof MethodCall => $this->operand($expression->object, self::POSTFIX).'.'.$this->methodName($expression->method).($this->isAsked($expression) ? '' : '('.$this->listed($expression->arguments).')'),
            $expression instanceof Field => $this->operand($expression->object, self::POSTFIX).'.'.$this->member($expression->name),
            $expression instanceof KindTest => $this->kindTest($expression, $around),
            $expression instanceof Item => $this->item($expression),
            $expression instanceof Slice => $this->operand($expression->container, self::POSTFIX).'.slice('.$this->listed(\array_slice([$expression->from instanceof NothingLiteral ? new NumberLiteral(0) : $expression->from, $expression->to], 0, $expression->to instanceof NothingLiteral ? 1 : 2)).')',
            $expression instanceof Choice => $this->bracket($this->expression($expression->condition, self::CHOICE + 1).' ? '.$this->expression($expression->then, self::CHOICE).' : '.$this->expression($expression->otherwise, self::CHOICE), self::CHOICE, $around),
            $expression instanceof Collected => $this->collected($expression),
            $expression instanceof Lambda => $this->bracket(self::arrow(implode(', ', array_map($this->name(...), $expression->parameters)), $this->asHanded($expression)), 0, $around),
            default => throw new \LogicException('No text for '.$expression::class),
        };
    }

    private function key(Expression $key): string
    {
        if ($key instanceof TextLiteral && 1 === preg_match('/^[A-Za-z_]\w*$/D', $key->value)) {
            return $key->value;
        }

        return $key instanceof TextLiteral || $key instanceof NumberLiteral ? $this->expression($key) : '['.$this->expression($key).']';
    }

    /** `at` only gives: a place counted from the end is put into by its number. */
    protected function itemTarget(SetItem $set): string
    {
        return $this->targetText($set->target);
    }

    private function targetText(Expression $target): string
    {
        return $this->expression($target instanceof Item && $target->index instanceof NumberLiteral && $target->index->value < 0 ? self::counted($target) : $target);
    }

    /** A brace behind the arrow would begin rows (ECMA-262, 15.3). */
    private static function arrow(string $parameters, string $value): string
    {
        return "($parameters) => ".(str_starts_with($value, '{') ? "($value)" : $value);
    }

    private function item(Item $item): string
    {
        $container = $this->operand($item->container, self::POSTFIX);
        if ($item->index instanceof NumberLiteral && $item->index->value < 0) {
            return $container.'.at('.$this->expression($item->index).')';
        }
        if ($item->index instanceof TextLiteral && 1 === preg_match('/^[A-Za-z_]\w*$/D', $item->index->value)) {
            return $container.'.'.$item->index->value;
        }

        return $container.'['.$this->expression($item->index).']';
    }

    /** Whether a function gives one thing after another, of which a list has to be made first. */
    private function handsOut(string $name): bool
    {
        $function = $this->program->functionNamed($name);
        foreach (null === $function ? [] : Walk::statements($function->body->statements) as $row) {
            if ($row instanceof Perform && $row->value instanceof Operation && \in_array($row->value->key, [OperationKey::HandOut, OperationKey::HandOutAll], true)) {
                return true;
            }
        }

        return false;
    }

    private function collected(Collected $collected, string $way = 'map'): string
    {
        $name = $this->name($collected->variable);
        $over = $this->type($collected->over);
        $isHandedOut = $collected->over instanceof OwnValue && $this->handsOut($collected->over->function);
        $isStepped = $isHandedOut || $over->isTextual() || $over->isSet() || null !== $over->class || $collected->over instanceof Operation && \in_array($collected->over->key, [OperationKey::Numbered, OperationKey::KeysOf, OperationKey::ValuesOf], true);
        $text = $isStepped ? '[...'.$this->expression($collected->over).']' : ($this->operand($over->isMap() ? new Operation(OperationKey::Keys, [$collected->over]) : $collected->over, self::POSTFIX));
        $names = $this->types->itemOf($this->part, $collected);
        $inner = fn (Expression $value): string => $this->types->inside($names, fn (): string => $this->expression($value));
        if (null !== $collected->condition) {
            $text .= '.filter('.self::arrow($name, $inner($collected->condition)).')';
        }

        return 'map' === $way && $collected->value instanceof VariableRead && $collected->value->name === $collected->variable && null !== $collected->condition
            ? $text
            : "$text.$way(".self::arrow($name, $inner($collected->value)).')';
    }

    protected function operation(Operation $operation, int $around): string
    {
        if (OperationKey::FailureItself === $operation->key) {
            return $this->caughtLast;
        }
        if (OperationKey::FailureName === $operation->key) {
            return "$this->caughtLast.name";
        }
        if (OperationKey::FailureField === $operation->key && ($of = $operation->arguments[1]) instanceof TextLiteral) {
            return "$this->caughtLast.$of->value";
        }
        $this->noteHanded($operation);
        $method = \in_array($operation->key, [OperationKey::MethodOf, OperationKey::MethodAsked], true) ? $operation->arguments[1] : null;
        if ($method instanceof TextLiteral) {
            return $this->operand($operation->arguments[0], self::POSTFIX).'.'.$this->methodName($method->value).(OperationKey::MethodOf === $operation->key ? '.bind('.$this->expression($operation->arguments[0]).')' : '');
        }
        if (OperationKey::After === $operation->key && !$operation->arguments[1] instanceof NothingLiteral) {
            $changes = $operation->arguments[0];
            $givesLength = $changes instanceof Operation && \in_array($changes->key, [OperationKey::Append, OperationKey::Prepend, OperationKey::Extend], true) && $operation->arguments[1] == new Operation(OperationKey::Length, [$changes->arguments[0]]);

            return $givesLength ? $this->expression($changes, $around) : '('.$this->listed($operation->arguments).')';
        }
        $asked = $operation->arguments[0] ?? null;
        if (null !== $asked && OperationKey::Backwards === $operation->key && isset($this->program->handwriting[Language::JavaScript->value]) && $this->type($asked)->isTextual()) {
            // Whoever wrote it here turned a list of its letters.
            return '[...'.$this->expression($asked).'].reverse()';
        }
        if (null !== $asked && OperationKey::Copied === $operation->key && isset($this->program->handwriting[Language::JavaScript->value]) && $this->type($asked)->isSet()) {
            return '[...'.$this->expression($asked).']';
        }
        if (OperationKey::SayFailing === $operation->key && 3 === \count($operation->arguments)) {
            return 'super('.$this->listed(\array_slice($operation->arguments, 1)).')';
        }
        if (OperationKey::FailureMade === $operation->key && $asked instanceof TextLiteral) {
            return "new $asked->value(".$this->listed(\array_slice($operation->arguments, 1)).')';
        }
        if (null !== $asked && OperationKey::OfFailure === $operation->key && ($kind = $operation->arguments[1]) instanceof TextLiteral) {
            return $this->bracket($this->expression($asked, 6).' instanceof '.$kind->value, 5, $around);
        }
        if (null !== $asked && OperationKey::Length === $operation->key && null !== $this->type($asked)->class && !isset($this->program->handwriting[Language::JavaScript->value])) {
            return $this->expression(new MethodCall($asked, '@length'), $around);
        }
        if (null !== $asked && \in_array($operation->key, [OperationKey::Keys, OperationKey::Entries], true) && true === $this->type($asked)->key?->isNumeric()) {
            // Keys of objects are texts (ECMA-262, 6.1.7).
            return parent::operation($operation, self::POSTFIX).(OperationKey::Keys === $operation->key ? '.map(Number)' : '.map(([key, value]) => [Number(key), value])');
        }
        if (OperationKey::PutRange === $operation->key && $operation->arguments[1] instanceof NothingLiteral && $operation->arguments[2] instanceof NothingLiteral) {
            [$list, , , $items] = $operation->arguments;
            $given = $items instanceof ListLiteral ? ([] === $items->items ? '' : ', '.$this->listed($items->items)) : ', ...'.$this->expression($items);

            return $this->operand($list, self::POSTFIX).".splice(0, {$this->operand($list, self::POSTFIX)}.length$given)";
        }
        if (OperationKey::Spliced === $operation->key && $operation->arguments[3] == new ListLiteral([])) {
            return $this->operand($operation->arguments[0], self::POSTFIX).'.splice('.$this->listed(\array_slice($operation->arguments, 1, 2)).')';
        }
        if (\in_array($operation->key, [OperationKey::AnyHolds, OperationKey::AllHold], true) && $asked instanceof Collected && null === $asked->condition) {
            return $this->collected($asked, OperationKey::AnyHolds === $operation->key ? 'some' : 'every');
        }
        $otherwise = $operation->arguments[2] ?? null;
        if (null !== $asked && OperationKey::ValueOr === $operation->key && $otherwise instanceof NothingLiteral && $otherwise->undefined) {
            return $this->expression(new Item($asked, $operation->arguments[1]), $around);
        }
        $form = $operation->arguments[1] ?? null;
        if (OperationKey::Pattern === $operation->key && $asked instanceof TextLiteral && $form instanceof TextLiteral && self::isLiteralPattern($asked->value, $form->value)) {
            return "/$asked->value/$form->value";
        }
        if (OperationKey::Formatted === $operation->key && $form instanceof TextLiteral && 1 === preg_match('/^\.(\d)f$/D', $form->value, $match)) {
            return $this->operand($operation->arguments[0], self::POSTFIX).".toFixed($match[1])";
        }
        $text = parent::operation($operation, $around);

        return str_starts_with($text, self::REQUIRED_FILES) ? self::FILES.substr($text, \strlen(self::REQUIRED_FILES)) : $text;
    }

    protected function declareEmpty(string $name): string
    {
        return 'let '.$this->name($name).';';
    }

    protected function declareFixed(string $name, Expression $value, bool $whole): string
    {
        $text = $this->expression($value);

        return "const $name = ".($whole && !$this->type($value)->isWhole() ? $this->toWhole($text) : $text).';';
    }

    protected function counterType(bool $whole): string
    {
        return 'let';
    }

    protected function toWhole(string $number): string
    {
        return "Math.trunc($number)";
    }

    protected function equalSign(bool $equal): string
    {
        return $equal ? '===' : '!==';
    }

    protected function set(SetVariable $set): string
    {
        $keyword = '';
        if ($this->declarations->isAt($set)) {
            $fixed = $this->declarations->isAssignedOnce($set->variable) && !isset($this->types->scopes->reachedInto[$set->variable]) && !isset($this->handedOver()[$set->variable]);
            $keyword = $fixed ? 'const ' : 'let ';
        }

        return $keyword.$this->name($set->variable).' = '.$this->expression($set->value);
    }

    protected function printLine(PrintLine $print): string
    {
        $only = 1 === \count($print->values) ? $print->values[0] : null;
        if ($print->endsLine && $only instanceof Operation && OperationKey::Tabled === $only->key) {
            return $this->call('console.table', $only->arguments);
        }
        if ($print->endsLine) {
            // What is shown of an object is its text, where its class has one.
            $values = array_map(fn (Expression $value): Expression => $this->hasText($value) ? new Operation(OperationKey::ToText, [$value]) : $value, $print->values);

            return $this->call('console.log', $values);
        }
        $joined = null;
        foreach ($print->values as $value) {
            $joined = null === $joined ? $value : new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $value);
        }
        $text = $joined ?? new TextLiteral('');

        return 'process.stdout.write('.($this->type($text)->isTextual() ? $this->expression($text) : 'String('.$this->expression($text).')').')';
    }

    protected function commandName(Entry $entry): string
    {
        $this->need($entry->object() ?? $entry->camelName());

        return $entry->camelName();
    }

    protected function quote(string $text): string
    {
        return '"'.self::escape($text, ['"' => '\\"']).'"';
    }

    /** @param array<string, string> $quotes */
    private static function escape(string $text, array $quotes): string
    {
        $escaped = strtr($text, ['\\' => '\\\\', "\n" => '\\n', "\t" => '\\t', "\r" => '\\r', ...$quotes]);

        return (string) preg_replace_callback('/[\x00-\x1f\x7f]/', static fn (array $match): string => \sprintf('\\x%02x', \ord($match[0])), $escaped);
    }

    protected function divide(Binary $binary, int $around): string
    {
        return $this->infix($binary, '/', self::MULTIPLIED, $around);
    }

    protected function floorDivide(Binary $binary, int $around): string
    {
        if ($this->type($binary->left)->isWhole() && $this->type($binary->right)->isWhole()) {
            return 'Math.floor('.$this->infix($binary, '/', self::MULTIPLIED, 0).')';
        }

        return $this->call($this->libraryName('floor_div'), [$binary->left, $binary->right]);
    }

    protected function power(Binary $binary, int $around): string
    {
        return $this->bracket($this->expression($binary->left, self::RAISED + 1).' ** '.$this->expression($binary->right, self::UNARY), self::RAISED, $around);
    }

    protected function joinTexts(Binary $binary, int $around): string
    {
        $parts = $this->joined($binary);
        if ($this->allTexts($parts)) {
            return $this->infix($binary, '+', self::ADDED, $around);
        }
        $text = '';
        foreach ($parts as $part) {
            $text .= $part instanceof TextLiteral
                ? self::escape($part->value, ['`' => '\\`', '${' => '\\${'])
                : '${'.$this->expression($part).'}';
        }

        return '`'.$text.'`';
    }

    protected function libraryName(string $snake): string
    {
        return $this->need(lcfirst(str_replace('_', '', ucwords($snake, '_'))));
    }

    protected function random(RandomWhole $random): string
    {
        return $this->call($this->libraryName('random_between'), [$random->from, $random->to]);
    }

    protected function catches(Rescue $rescue, string $name): string
    {
        return '' === $name ? '' : " ($name)";
    }

    protected function namesAll(): bool
    {
        return true;
    }

    protected function asks(string $name): string
    {
        return "$name.message";
    }

    private static function takesAll(Rescue $rescue): bool
    {
        foreach ($rescue->kinds as $kind) {
            if ($kind instanceof FailureKind && 'Error' === FailureNames::caught(Language::JavaScript, $kind)) {
                return true;
            }
        }

        return [] === $rescue->kinds;
    }

    /** One `catch` takes all, so that kinds are told apart within. */
    protected function attempt(Attempt $attempt): void
    {
        $isPlain = \count($attempt->rescues) <= 1;
        foreach ($attempt->rescues as $rescue) {
            $isPlain = $isPlain && self::takesAll($rescue);
        }
        if ($isPlain) {
            parent::attempt($attempt);

            return;
        }
        $this->line($attempt, 'head', 'try {');
        $this->inside(fn () => $this->rows($attempt->body));
        if (null !== $attempt->otherwise) {
            $this->inside(fn () => $this->rows($attempt->otherwise));
        }
        $names = array_values(array_unique(array_filter(array_map(static fn (Rescue $rescue): string => $rescue->name, $attempt->rescues))));
        $name = 1 === \count($names) ? $this->caughtAs(new Rescue([], $names[0], new Block())) : $this->makeUp('failure');
        $takesAll = false;
        foreach ($attempt->rescues as $index => $rescue) {
            $part = Attempt::bodyName($index);
            if (0 === $index) {
                $this->line($attempt, $part, "} catch ($name) {");
            }
            $takesAll = self::takesAll($rescue);
            $tests = array_unique(array_map(fn (FailureKind|string $kind): string => "$name instanceof ".(\is_string($kind) ? $this->name($kind) : FailureNames::caught(Language::JavaScript, $kind)), $rescue->kinds));
            $test = 'if ('.implode(' || ', $tests).') {';
            $this->inside(function () use ($attempt, $rescue, $part, $name, $index, $takesAll, $test): void {
                $this->line($attempt, $part, (0 === $index ? '' : '} else ').($takesAll ? (0 === $index ? 'if (true) {' : '{') : $test));
                $this->rescueRows($attempt, $rescue, $part, $name);
            });
            if ($takesAll) {
                break;
            }
        }
        $last = null === $attempt->finally ? 'close' : Attempt::FINALLY;
        $this->inside(function () use ($attempt, $name, $takesAll, $last): void {
            if (!$takesAll) {
                $this->line($attempt, $last, '} else {');
                $this->inside(fn () => $this->line($attempt, $last, "throw $name;"));
            }
            $this->line($attempt, $last, '}');
        });
        $this->lastly($attempt);
    }

    protected function raise(Raise $raise): string
    {
        $says = $raise->says instanceof TextLiteral && '' === $raise->says->value ? '' : $this->expression($raise->says);

        return FailureKind::Bare === $raise->kind ? 'throw '.$this->expression($raise->says) : 'throw new '.FailureNames::thrown(Language::JavaScript, $raise->kind)."($says)";
    }

    protected function raiseObject(RaiseObject $raise): string
    {
        return 'throw '.$this->expression($raise->object);
    }

    protected function passOn(): string
    {
        return "throw $this->caughtLast";
    }

    protected function claim(Claim $claim): string
    {
        return 'if ('.$this->expression(new Unary(UnaryOperator::Not, $claim->condition)).') throw new Error('.(null === $claim->says ? '' : $this->expression($claim->says)).')';
    }

    protected function classDefinition(ClassDefinition $class): void
    {
        $this->innerClasses($class);
        $this->line($class, 'head', 'class '.$this->name($class->name).('' === $class->parent ? '' : ' extends '.$this->parent($class)).' {');
        $rows = $this->rowsOfClass($class);
        foreach ($rows as $index => $row) {
            $this->inside(fn () => $row instanceof SetVariable && !$row->off ? $this->line($row, 'head', 'static '.substr($row->variable, \strlen($class->name) + 1).' = '.$this->expression($row->value).';') : $this->statement($row));
            if ($row instanceof FunctionDefinition && isset($rows[$index + 1])) {
                $this->line($row, 'gap', '');
            }
        }
        $this->maker($class);
        $this->line($class, 'close', '}');
    }

    /** Where objects are made from what their class says that it keeps, JavaScript wants a constructor for it. */
    private function maker(ClassDefinition $class): void
    {
        $classes = $this->classes();
        if (null !== $classes->method($class->name, ClassDefinition::MAKES) || null !== $classes->failure($class->name) || !$this->isMadeWithValues($classes, $class->name)) {
            return;
        }
        $parameters = $handed = $rows = [];
        foreach (array_reverse($classes->ancestry($class->name)) as $one) {
            foreach ($this->program->classNamed($one)->body->statements ?? [] as $field) {
                if (!$field instanceof FieldDeclaration || $field->off) {
                    continue;
                }
                $name = $this->name($field->name);
                $type = null === $field->type ? StaticType::unknown() : TypeNames::read($field->type);
                $first = $this->atFirst($field) ?? ($type->isNumeric() ? new NumberLiteral(0) : (TypeKind::Truth === $type->kind ? new TruthLiteral(false) : null));
                $parameters[] = $name.(null === $first ? '' : ' = '.$this->expression($first));
                $one === $class->name ? $rows[] = "this.$field->name = $name;" : $handed[] = $name;
            }
        }
        $this->line($class, 'gap', '');
        $this->inside(fn () => $this->line($class, 'close', 'constructor('.implode(', ', $parameters).') {'));
        foreach (['' === $class->parent ? [] : ['super('.implode(', ', $handed).');'], $rows] as $lines) {
            foreach ($lines as $line) {
                $this->inside(fn () => $this->inside(fn () => $this->line($class, 'close', $line)));
            }
        }
        $this->inside(fn () => $this->line($class, 'close', '}'));
    }

    private function isMadeWithValues(Classes $classes, string $class): bool
    {
        foreach (Walk::statements($this->program->parts()) as $row) {
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof MakeObject && [] !== $value->arguments && \in_array($class, $classes->ancestry($value->class), true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Nothing of an object is there before its parent made it (ECMA-262, 13.3.7.1). */
    protected function unsaidRows(FunctionDefinition $function): array
    {
        return $this->classes()->makesUnderParent($function) ? ['super();'] : [];
    }

    protected function definition(FunctionDefinition $function): void
    {
        $before = $this->said;
        $itself = $function->isTied() ? $function->parameters[0] ?? null : $function->itself();
        if (null !== $itself) {
            $this->said[$itself] = 'this';
        }
        parent::definition($function);
        $this->said = $before;
    }

    protected function giveBack(GiveBack $row): string
    {
        // It has to be one that steps (ECMA-262, 27.1.1).
        $isStepped = $this->part instanceof FunctionDefinition && $this->part->isMethod('@iter') && !$row->value instanceof MakeObject && !$row->value instanceof MapLiteral && !($row->value instanceof VariableRead && $row->value->name === $this->part->itself());

        return $isStepped ? 'return '.$this->operand($row->value, self::POSTFIX).'[Symbol.iterator]()' : $this->leftScript($row) ?? parent::giveBack($row);
    }

    /** Any word names a field, a keyword too (ECMA-262, 15.7: ClassElementName). */
    protected function field(FieldDeclaration $field): void
    {
        $value = $this->atFirst($field);
        $before = $this->said;
        // In a field's first value, too.
        $this->said[$this->program->itself()] = 'this';
        $this->line($field, 'head', $this->member($field->name).(null === $value ? '' : ' = '.$this->expression($value)).';');
        $this->said = $before;
    }
}
