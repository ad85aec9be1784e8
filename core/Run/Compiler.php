<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\WhileLoop;

/**
 * Writes a program as PHP code, once, so that running it needs no walk over the tree.
 *
 * Nothing a person wrote gets into the code but numbers and quoted texts: variables and functions are numbered, and
 * what is called are methods of this namespace, fixed here. A run can reach nothing else.
 */
final class Compiler
{
    /** @var list<string> */
    public array $rows = [];
    /** @var list<array{name: string, function: string|null}> */
    public array $variables = [];
    /** @var list<string> */
    public array $functions = [];

    /** @var array<string, int> */
    private array $slots = [];
    private FunctionDefinition|Script $part;
    private int $temporaries = 0;

    /** @param bool $record whether each moment is kept, or only what happens in the scene */
    public function __construct(private readonly Program $program, private readonly Types $types, private readonly Language $language, private readonly bool $record)
    {
        $this->part = $program->script;
        foreach ($program->functions as $function) {
            $this->functions[] = $function->name;
        }
    }

    /** @return string PHP code that gives the name of a class of the kind Routine */
    public function compile(): string
    {
        $methods = '';
        foreach ($this->program->functions as $index => $function) {
            $this->part = $function;
            $methods .= $this->method("f$index", $function, $index);
        }
        $this->part = $this->program->script;
        $methods .= $this->method('run', $this->program->script, null);
        $globals = '';
        foreach ($this->slots as $key => $slot) {
            if (str_starts_with($key, Scopes::PROGRAM.':')) {
                $globals .= "private \$g$slot = null;\n";
            }
        }

        return 'return new class($trace, $values, $sheet, $chance) extends '.Routine::class." {\n".$globals.$methods.'};';
    }

    private function method(string $name, FunctionDefinition|Script $part, ?int $index): string
    {
        $parameters = [];
        $changes = $enter = $leave = '';
        foreach ($part instanceof FunctionDefinition ? $part->parameters : [] as $parameter) {
            $parameters[] = $this->variable($parameter);
            $changes .= $this->changed($parameter);
        }
        $this->temporaries = 0;
        $body = $this->block($part->body);
        if (null !== $index) {
            $enter = 'if (++$this->depth > $t->limits->depth) { throw new '.RunError::class."('deep_calls'); }\n"
                .($this->record ? "\$t->calls[] = \$t->moment; \$t->calls[] = $index;\n" : '').$changes;
            $leave = ' finally { --$this->depth;'.($this->record ? ' $t->calls[] = $t->moment; $t->calls[] = -1;' : '').' }';
        }
        $visible = null === $index ? 'public' : 'private';
        $result = null === $index ? ': void' : ': mixed';
        $end = null === $index ? '' : "return null;\n";

        return "$visible function $name(".implode(', ', $parameters).")$result {\n"
            ."\$t = \$this->trace; \$v = \$this->values; \$n = \$this->sheet; \$r = null;\n"
            .'try {'."\n".$enter.$body.$end.'}'
            .' catch ('.RunError::class.' $error) { $error->row ??= $r; throw $error; }'.$leave."\n}\n";
    }

    private function block(Block $block): string
    {
        $code = '';
        foreach ($block->statements as $statement) {
            if (!$statement->off) {
                $code .= $this->statement($statement);
            }
        }

        return $code;
    }

    private function step(Statement $statement, string $part = 'head'): string
    {
        $row = \count($this->rows);
        $this->rows[] = "$statement->id:$part";

        return $this->stepAt($row);
    }

    private function stepAt(int $row): string
    {
        return "\$r = $row; if (++\$t->moment > \$t->limits->steps) { throw new ".StepLimitReached::class.'(); }'
            .($this->record ? " \$t->steps[] = $row;" : '')."\n";
    }

    private function statement(Statement $statement): string
    {
        return match (true) {
            $statement instanceof Comment, $statement instanceof ShareVariable => '',
            $statement instanceof Command => $this->step($statement).'$n->'.$this->command($statement).";\n",
            $statement instanceof Repeat => $this->repeat($statement),
            $statement instanceof Count => $this->count($statement),
            $statement instanceof WhileLoop => 'while (true) {'."\n".$this->step($statement).'if (!'.$this->truth($statement->condition).") { break; }\n".$this->block($statement->body)."}\n",
            $statement instanceof Forever => 'while (true) {'."\n".$this->step($statement).$this->block($statement->body)."}\n",
            $statement instanceof Conditional => $this->conditional($statement, 0),
            $statement instanceof SetVariable => $this->step($statement).$this->assign($statement->variable, $this->expression($statement->value)),
            $statement instanceof ChangeVariable => $this->step($statement).$this->assign($statement->variable, '$v->add('.$this->read($statement->variable).', '.$this->expression($statement->amount).')'),
            $statement instanceof OwnCall => $this->step($statement).$this->call($statement->function, $statement->arguments).";\n",
            $statement instanceof GiveBack => $this->step($statement).'return '.$this->giveBack($statement->value).";\n",
            $statement instanceof LeaveFunction => $this->step($statement)."return null;\n",
            $statement instanceof BreakLoop => $this->step($statement)."break;\n",
            $statement instanceof ContinueLoop => $this->step($statement)."continue;\n",
            $statement instanceof PrintLine => $this->step($statement).'$t->print($v->show('.$this->expression($statement->value)."));\n",
            default => throw new \LogicException('Cannot run '.$statement::class),
        };
    }

    private function giveBack(Expression $value): string
    {
        \assert($this->part instanceof FunctionDefinition);

        return $this->kept($this->types->result($this->part->name), $this->expression($value));
    }

    private function repeat(Repeat $repeat): string
    {
        $row = \count($this->rows);
        $step = $this->step($repeat);
        $turn = $this->temporary();
        $times = $this->temporary();

        return $step."$times = \$v->whole(".$this->expression($repeat->times).");\n"
            ."for ($turn = 0; $turn < $times; ++$turn) {\nif ($turn > 0) { ".$this->stepAt($row).'}'."\n".$this->block($repeat->body)."}\n";
    }

    private function count(Count $count): string
    {
        $row = \count($this->rows);
        $step = $this->step($count);
        [$at, $to, $by, $first] = [$this->temporary(), $this->temporary(), $this->temporary(), $this->temporary()];
        $start = '$v->number('.$this->expression($count->from).')';
        if (Language::Cpp === $this->language && !($this->types->expression($this->part, $count->from)->isWhole() && $this->types->expression($this->part, $count->by)->isWhole())) {
            $start = "(float) $start";
        }

        return $step."$at = $start; $to = \$v->number(".$this->expression($count->to)."); $by = \$this->stride(\$v->number(".$this->expression($count->by).")); $first = true;\n"
            ."for (; $by > 0 ? $at <= $to : $at >= $to; $at = \$v->add($at, $by)) {\nif (!$first) { ".$this->stepAt($row)."} $first = false;\n"
            .$this->assign($count->variable, $at).$this->block($count->body)."}\n";
    }

    private function conditional(Conditional $conditional, int $index): string
    {
        $branch = $conditional->branches[$index];
        $code = $this->step($conditional, 0 === $index ? 'head' : "then$index").'if ('.$this->truth($branch->condition).") {\n".$this->block($branch->body).'}';
        if (isset($conditional->branches[$index + 1])) {
            return $code." else {\n".$this->conditional($conditional, $index + 1)."}\n";
        }

        return $code.(null === $conditional->otherwise ? "\n" : " else {\n".$this->block($conditional->otherwise)."}\n");
    }

    private function command(Command $command): string
    {
        $entry = Catalogue::get($command->command);
        $arguments = [];
        foreach ($entry->slots as $slot) {
            $value = $command->arguments[$slot->name];
            $arguments[] = match ($slot->type) {
                SlotType::Colour => '$v->colour('.$this->expression($value).')',
                SlotType::Number => '(float) '.($value instanceof NumberLiteral ? '('.$this->expression($value).')' : '$v->number('.$this->expression($value).')'),
                default => '$v->text('.$this->expression($value).')',
            };
        }

        return lcfirst(str_replace('_', '', ucwords($entry->method(), '_'))).'('.implode(', ', $arguments).')';
    }

    /** @param list<Expression> $arguments */
    private function call(string $function, array $arguments): string
    {
        $definition = $this->program->functionNamed($function) ?? throw new \LogicException("No function $function.");
        $passed = [];
        foreach ($arguments as $index => $argument) {
            $passed[] = $this->kept($this->types->variable($definition, $definition->parameters[$index]), $this->expression($argument));
        }

        return '$this->f'.array_search($function, $this->functions, true).'('.implode(', ', $passed).')';
    }

    private function variable(string $name): string
    {
        $owner = $this->types->scopes->owner($this->part, $name);
        $key = "$owner:$name";
        if (!isset($this->slots[$key])) {
            $this->slots[$key] = \count($this->variables);
            $this->variables[] = ['name' => $name, 'function' => $this->part instanceof FunctionDefinition && Scopes::PROGRAM !== $owner ? $this->part->name : null];
        }

        return Scopes::PROGRAM === $owner ? '$this->g'.$this->slots[$key] : '$l'.$this->slots[$key];
    }

    private function changed(string $name): string
    {
        $variable = $this->variable($name);
        $slot = (int) preg_replace('/\D/', '', $variable);

        return $this->record ? "\$t->changes[] = \$t->moment; \$t->changes[] = $slot; \$t->changes[] = $variable;\n" : '';
    }

    private function assign(string $name, string $value): string
    {
        $owner = Scopes::PROGRAM === $this->types->scopes->owner($this->part, $name) ? $this->program->script : $this->part;

        return $this->variable($name).' = '.$this->kept($this->types->variable($owner, $name), $value).";\n".$this->changed($name);
    }

    private function read(string $name): string
    {
        return '('.$this->variable($name).' ?? $this->missing('.var_export($name, true).'))';
    }

    /** A `double` of C++ makes whole numbers to numbers with a point when they are put into it. */
    private function kept(StaticType $type, string $value): string
    {
        return Language::Cpp === $this->language && StaticType::Number === $type ? "(float) \$v->number($value)" : $value;
    }

    private function truth(Expression $condition): string
    {
        $code = $this->expression($condition);

        return StaticType::Truth === $this->types->expression($this->part, $condition) ? "($code)" : "\$v->truth($code)";
    }

    private function temporary(): string
    {
        return '$q'.$this->temporaries++;
    }

    private function expression(Expression $expression): string
    {
        return match (true) {
            $expression instanceof NumberLiteral => $this->number($expression->value),
            $expression instanceof TextLiteral => var_export($expression->value, true),
            $expression instanceof TruthLiteral => $expression->value ? 'true' : 'false',
            $expression instanceof VariableRead => $this->read($expression->name),
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? '!'.$this->truth($expression->operand)
                : '$v->negate('.$this->expression($expression->operand).')',
            $expression instanceof Binary => $this->binary($expression),
            $expression instanceof RandomWhole => (Language::JavaScript === $this->language ? '(float) ' : '').'$this->chance->between($v->whole('.$this->expression($expression->from).'), $v->whole('.$this->expression($expression->to).'))',
            $expression instanceof CommandValue => '$n->'.Catalogue::get($expression->command)->method(),
            $expression instanceof OwnValue => '$this->given('.$this->call($expression->function, $expression->arguments).', '.var_export($expression->function, true).')',
            default => throw new \LogicException('Cannot run '.$expression::class),
        };
    }

    private function number(int|float $value): string
    {
        $isFloat = Language::JavaScript === $this->language || Language::Cpp === $this->language && abs($value) > Types::LARGEST_WHOLE;

        return var_export($isFloat ? (float) $value : $value, true);
    }

    private function binary(Binary $binary): string
    {
        $left = $binary->left;
        $right = $binary->right;
        if ($binary->operator->isLogic()) {
            return $this->logic($binary);
        }
        $operands = $this->expression($left).', '.$this->expression($right);

        return match ($binary->operator) {
            Operator::Add => "\$v->add($operands)",
            Operator::Subtract => "\$v->subtract($operands)",
            Operator::Multiply => "\$v->multiply($operands)",
            Operator::TrueDivide => "\$v->divide($operands)",
            Operator::FloorDivide => "\$v->floorDivide($operands)",
            Operator::FloorRemainder => "\$v->floorRemainder($operands)",
            Operator::Power => "\$v->power($operands)",
            Operator::Join => "\$v->join($operands, \$t->limits->text)",
            Operator::Equal => "\$v->equal($operands)",
            Operator::NotEqual => "!\$v->equal($operands)",
            Operator::Less => "\$v->less($operands)",
            Operator::LessOrEqual => "\$v->lessOrEqual($operands)",
            Operator::Greater => "\$v->greater($operands)",
            Operator::GreaterOrEqual => "\$v->greaterOrEqual($operands)",
            default => throw new \LogicException('Cannot run '.$binary->operator->value),
        };
    }

    /** Python and JavaScript give one of the two values, C++ always true or false. */
    private function logic(Binary $binary): string
    {
        $isAnd = Operator::And === $binary->operator;
        $areTruths = StaticType::Truth === $this->types->expression($this->part, $binary->left) && StaticType::Truth === $this->types->expression($this->part, $binary->right);
        if ($areTruths || Language::Cpp === $this->language) {
            return '('.$this->truth($binary->left).($isAnd ? ' && ' : ' || ').$this->truth($binary->right).')';
        }
        $kept = $this->temporary();
        $test = '$v->truth('.$kept.' = '.$this->expression($binary->left).')';
        $other = $this->expression($binary->right);

        return $isAnd ? "($test ? $other : $kept)" : "($test ? $kept : $other)";
    }
}
