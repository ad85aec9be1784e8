<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
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
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/**
 * Random programs over the whole vocabulary that run to their end without an error in every language: divisors are
 * not zero, whole numbers stay far below 32 bits, and every loop has an end.
 */
final class ProgramGenerator
{
    private Randomizer $random;
    private int $id = 1;
    /** @var array<string, string> kind by name: whole, number, text or truth */
    private array $variables = [];
    /** @var array<string, string> the program's own variables, which functions may read */
    private array $globals = [];
    /** @var list<string> variables that hold a loop together and are not to be set inside of it */
    private array $guarded = [];
    /** @var array<string, array{int, bool}> parameters and whether it gives a value */
    private array $functions = [];
    private bool $inFunction = false;
    private bool $givesValue = false;
    private int $loops = 0;
    /** Going on with the next turn would never reach the end of a loop without a condition. */
    private bool $endless = false;
    private int $names = 0;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function program(): Program
    {
        $this->globals = $this->chance(60) ? ['score' => 'whole', 'slope' => 'number'] : [];
        $functions = [];
        for ($count = $this->pick([0, 0, 1, 2, 3]); $count > 0; --$count) {
            $functions[] = $this->definition();
        }
        $this->inFunction = false;
        $this->variables = [];
        $rows = [];
        foreach ($this->globals as $name => $kind) {
            $rows[] = new SetVariable($this->id++, $name, $this->value($kind, 0));
            $this->variables[$name] = $kind;
        }
        $rows = [...$rows, ...$this->rows(3, 8)];
        $script = new Script($this->id++, new Block($rows));

        return new Program($functions, $script, $this->id);
    }

    /** A program whose functions stand between the rows of its script, as people write them, each above its first call. */
    public function withFunctionsBetween(): Program
    {
        $program = $this->program();
        $rows = $program->script->body->statements;
        $names = array_map(static fn (FunctionDefinition $function): string => $function->name, $program->definitions());
        $most = 0;
        while (isset($rows[$most]) && [] === array_intersect($names, self::called($rows[$most]))) {
            ++$most;
        }
        $at = 0;
        foreach ($program->definitions() as $function) {
            $at = $this->between($at, $most);
            array_splice($rows, $at, 0, [$function]);
            ++$at;
            ++$most;
        }
        // What is printed first keeps the functions from standing above the script.
        array_unshift($rows, new PrintLine($program->nextId, [new TextLiteral('begin')]));

        return new Program([], new Script($program->script->id, new Block($rows)), $program->nextId + 1);
    }

    /** @return list<string> functions that a row calls, or one within it */
    private static function called(Statement $row): array
    {
        $called = [];
        foreach (Walk::statements([$row]) as $inner) {
            if ($inner instanceof OwnCall) {
                $called[] = $inner->function;
            }
            foreach (Walk::expressionsOf($inner) as $value) {
                if ($value instanceof OwnValue) {
                    $called[] = $value->function;
                }
            }
        }

        return $called;
    }

    /** An expression over the variables whole_a, number_b, text_c and truth_d. */
    public function expression(string $kind, int $depth): Expression
    {
        $this->variables = ['whole_a' => 'whole', 'number_b' => 'number', 'text_c' => 'text', 'truth_d' => 'truth'];

        return $this->value($kind, $depth);
    }

    private function definition(): FunctionDefinition
    {
        $name = ['lay_bed', 'arche', 'stitch'][\count($this->functions)];
        $this->inFunction = true;
        $this->givesValue = $this->chance(50);
        $parameters = \array_slice(['breadth', 'côté', 'depth'], 0, $this->between(0, 3));
        $this->variables = [...$this->globals, ...array_fill_keys($parameters, 'whole')];
        $rows = [];
        if (isset($this->globals['score']) && $this->chance(60)) {
            $rows[] = new ShareVariable($this->id++, 'score');
            $rows[] = new ChangeVariable($this->id++, 'score', new NumberLiteral($this->between(1, 5)));
        } elseif (isset($this->variables['score'])) {
            $this->guarded = ['score'];
        }
        $this->guarded[] = 'slope';
        $rows = [...$rows, ...$this->rows(2, 4)];
        if ($this->givesValue) {
            $rows[] = new GiveBack($this->id++, $this->value('whole', 2));
        }
        $this->guarded = [];
        $this->functions[$name] = [\count($parameters), $this->givesValue];

        return new FunctionDefinition($this->id++, $name, $parameters, new Block($rows));
    }

    /** @return list<Statement> */
    private function rows(int $depth, int $most): array
    {
        $rows = [];
        for ($count = $this->between(1, $most); $count > 0; --$count) {
            $rows = [...$rows, ...$this->row($depth)];
        }

        return $rows;
    }

    /**
     * A body, in which new variables live that are not to be read behind it: it may not have run.
     *
     * @return list<Statement>
     */
    private function body(int $depth, int $most = 4): array
    {
        $outside = $this->variables;
        $rows = $this->chance(5) ? [] : $this->rows($depth - 1, $most);
        $this->variables = array_intersect_key($this->variables, $outside);

        return $rows;
    }

    /** @return list<Statement> */
    private function row(int $depth): array
    {
        $off = $this->chance(4);
        $before = $this->variables;
        $rows = $depth > 0 && $this->chance(35) ? $this->holder($depth) : $this->simple();
        if ($off) {
            $this->variables = $before;
            $rows = array_map(static fn (Statement $row): Statement => $row->withOff(true), $rows);
        }

        return $rows;
    }

    /** @return list<Statement> */
    private function simple(): array
    {
        $kind = $this->between(1, 20);
        $settable = array_diff(array_keys($this->variables), $this->guarded);

        return match (true) {
            $kind <= 9 => [$this->command()],
            $kind <= 12 => [$this->assignment()],
            $kind <= 13 && [] !== $settable => $this->change($this->pick(array_values($settable))),
            $kind <= 15 && [] !== $this->functions => [$this->call()],
            16 === $kind => [new Comment($this->id++, $this->pick(['beds by the gate', 'Fernhollow: "été" \\', '# // /* */']))],
            17 === $kind && $this->loops > 0 => [new Conditional($this->id++, [new Branch($this->value('truth', 1), new Block([$this->endless || $this->chance(50) ? new BreakLoop($this->id++) : new ContinueLoop($this->id++)]))])],
            18 === $kind && $this->inFunction => [new Conditional($this->id++, [new Branch($this->value('truth', 1), new Block([$this->givesValue ? new GiveBack($this->id++, $this->value('whole', 1)) : new LeaveFunction($this->id++)]))])],
            default => [new PrintLine($this->id++, $this->value($this->pick(['whole', 'number', 'text', 'text', 'truth']), 2))],
        };
    }

    private function assignment(): SetVariable
    {
        $kind = $this->pick(['whole', 'whole', 'number', 'text', 'truth']);
        $known = array_diff(array_keys($this->variables, $kind, true), $this->guarded);
        $name = [] !== $known && $this->chance(60) ? $this->pick(array_values($known)) : $kind.++$this->names;
        $value = $this->value($kind, 2);
        if ('whole' === $kind) {
            $value = new Binary(Operator::FloorRemainder, $value, new NumberLiteral(997));
        }
        $this->variables[$name] = $kind;

        return new SetVariable($this->id++, $name, $value);
    }

    /** @return list<Statement> */
    private function change(string $name): array
    {
        return match ($this->variables[$name]) {
            'whole' => [
                new ChangeVariable($this->id++, $name, new NumberLiteral($this->between(-9, 9))),
                new SetVariable($this->id++, $name, new Binary(Operator::FloorRemainder, new VariableRead($name), new NumberLiteral(499))),
            ],
            'number' => [new ChangeVariable($this->id++, $name, new NumberLiteral($this->between(-90, 90) / 8))],
            default => [],
        };
    }

    /** @return list<Statement> */
    private function holder(int $depth): array
    {
        ++$this->loops;
        $rows = match ($this->between(1, 6)) {
            1, 2 => [new Repeat($this->id++, $this->chance(70) ? new NumberLiteral($this->between(0, 4)) : $this->small(), new Block($this->body($depth)))],
            3 => [$this->counting($depth)],
            4 => $this->whileLoop($depth),
            5 => [$this->foreverLoop($depth)],
            default => [],
        };
        --$this->loops;

        return [] === $rows ? [$this->conditional($depth)] : $rows;
    }

    private function small(): Expression
    {
        $divisor = $this->chance(50) ? Operator::FloorRemainder : Operator::TrueDivide;
        $whole = new Binary(Operator::FloorRemainder, $this->value('whole', 1), new NumberLiteral(5));

        return Operator::TrueDivide === $divisor ? new Binary($divisor, $whole, new NumberLiteral(2)) : $whole;
    }

    private function counting(int $depth): Count
    {
        $by = $this->pick([1, 1, 1, 2, -1, -3, 0.5]);
        $from = $this->between(-3, 6);
        $to = $by > 0 ? $from + $this->between(-1, 4) : $from - $this->between(-1, 4);
        $name = $this->chance(30) ? $this->pick(['index', 'time', 'y1', 'log']) : 'spot'.++$this->names;
        $this->variables[$name] = 'number';
        $this->guarded[] = $name;
        $end = $this->chance(70) ? new NumberLiteral($to) : new Binary(Operator::Add, $this->small(), new NumberLiteral(1));
        $body = $this->body($depth);
        array_pop($this->guarded);
        unset($this->variables[$name]);

        return new Count($this->id++, $name, new NumberLiteral($from), $end, new NumberLiteral($by), new Block($body));
    }

    /** @return list<Statement> */
    private function whileLoop(int $depth): array
    {
        $name = 'left_over'.++$this->names;
        $this->variables[$name] = 'whole';
        $this->guarded[] = $name;
        $set = new SetVariable($this->id++, $name, new NumberLiteral($this->between(0, 4)));
        $body = [new ChangeVariable($this->id++, $name, new NumberLiteral(-1)), ...$this->body($depth)];
        array_pop($this->guarded);
        $condition = new Binary(Operator::Greater, new VariableRead($name), new NumberLiteral(0));
        if ($this->chance(30)) {
            $condition = new Binary(Operator::And, $condition, $this->value('truth', 1));
        }

        return [$set, new WhileLoop($this->id++, $condition, new Block($body))];
    }

    private function foreverLoop(int $depth): Forever
    {
        $outer = $this->endless;
        $this->endless = true;
        $body = $this->chance(50) ? $this->body($depth, 2) : [];
        $this->endless = $outer;

        return new Forever($this->id++, new Block([...$body, new BreakLoop($this->id++)]));
    }

    private function conditional(int $depth): Conditional
    {
        $branches = [];
        for ($count = $this->pick([1, 1, 2, 3]); $count > 0; --$count) {
            $branches[] = new Branch($this->value('truth', 2), new Block($this->body($depth, 3)));
        }

        return new Conditional($this->id++, $branches, $this->chance(50) ? new Block($this->body($depth, 3)) : null);
    }

    private function command(): Command
    {
        do {
            $keys = array_keys(array_filter(Catalogue::entries(), static fn ($entry): bool => 'nib' === $entry->object() && !$entry->value));
            $entry = Catalogue::get($this->pick($keys));
        } while (\in_array($entry->key, ['nib.clear', 'nib.pace'], true) && $this->chance(70));
        $arguments = [];
        foreach ($entry->slots as $slot) {
            $arguments[$slot->name] = match (true) {
                SlotType::Colour === $slot->type => new TextLiteral($this->chance(80) ? $this->pick(Ink::cases())->value : $this->pick(['#0a7f3c', '#c01dab', '#777777'])),
                SlotType::Any === $slot->type => $this->value($this->pick(['text', 'whole']), 2),
                null !== $slot->max => new NumberLiteral($this->between((int) $slot->min, 9)),
                default => $this->value($this->pick(['whole', 'number']), [] === $arguments ? 2 : 0),
            };
        }

        return new Command($this->id++, $entry->key, $arguments);
    }

    private function call(): OwnCall
    {
        $name = $this->pick(array_keys($this->functions));

        return new OwnCall($this->id++, $name, $this->arguments($name));
    }

    /** @return list<Expression> */
    private function arguments(string $function): array
    {
        $arguments = [];
        for ($count = $this->functions[$function][0]; $count > 0; --$count) {
            // C++ does not say which argument is found first (C++17, 8.2.2), so that one alone may call or fall by chance.
            $arguments[] = new Binary(Operator::FloorRemainder, $this->value('whole', [] === $arguments ? 1 : 0), new NumberLiteral(101));
        }

        return $arguments;
    }

    private function value(string $kind, int $depth): Expression
    {
        $known = array_keys($this->variables, $kind, true);
        if ([] !== $known && $this->chance(35)) {
            return new VariableRead($this->pick($known));
        }

        return match ($kind) {
            'whole' => $this->whole($depth),
            'number' => $this->number($depth),
            'text' => $this->text($depth),
            default => $this->truth($depth),
        };
    }

    private function whole(int $depth): Expression
    {
        $giving = array_keys(array_filter($this->functions, static fn (array $function): bool => $function[1]));
        if (0 === $depth || $this->chance(30)) {
            return new NumberLiteral($this->between(-20, 40));
        }

        return match ($this->between(1, 8)) {
            1, 2 => new Binary($this->pick([Operator::Add, Operator::Subtract]), $this->value('whole', $depth - 1), $this->value('whole', $depth - 1)),
            3 => new Binary(Operator::Multiply, $this->value('whole', $depth - 1), new NumberLiteral($this->between(-9, 9))),
            4 => new Binary(Operator::FloorDivide, $this->value('whole', $depth - 1), new NumberLiteral($this->pick([2, 3, 7, -4]))),
            5 => new Binary(Operator::FloorRemainder, $this->value('whole', $depth - 1), new NumberLiteral($this->pick([2, 3, 7, -4]))),
            6 => self::negated($this->value('whole', $depth - 1)),
            7 => new RandomWhole(new NumberLiteral($this->between(-5, 1)), new NumberLiteral($this->between(1, 30))),
            default => [] !== $giving ? (fn (string $name): Expression => new OwnValue($name, $this->arguments($name)))($this->pick($giving)) : new NumberLiteral($this->between(0, 9)),
        };
    }

    private static function negated(Expression $value): Expression
    {
        return $value instanceof NumberLiteral ? new NumberLiteral(-$value->value) : new Unary(UnaryOperator::Negate, $value);
    }

    private function number(int $depth): Expression
    {
        if (0 === $depth || $this->chance(30)) {
            return new NumberLiteral($this->between(-400, 800) / 16);
        }
        $operand = $this->pick(['whole', 'number']);

        return match ($this->between(1, 7)) {
            1 => new Binary(Operator::Add, $this->value('number', $depth - 1), $this->value($operand, $depth - 1)),
            2 => new Binary(Operator::Subtract, $this->value($operand, $depth - 1), $this->value('number', $depth - 1)),
            3 => new Binary(Operator::Multiply, $this->value('number', $depth - 1), new NumberLiteral($this->pick([0.5, 2, -1.25]))),
            4 => new Binary(Operator::TrueDivide, $this->value($operand, $depth - 1), new NumberLiteral($this->pick([2, 3, 8, -0.7]))),
            5 => new Binary($this->pick([Operator::FloorDivide, Operator::FloorRemainder]), $this->value('number', $depth - 1), new NumberLiteral($this->pick([0.1, 3, -2.5]))),
            6 => new CommandValue($this->pick(['nib.x', 'nib.y', 'nib.facing'])),
            default => new Binary(Operator::Power, new NumberLiteral($this->between(-6, 6)), new NumberLiteral($this->between(0, 3))),
        };
    }

    private function text(int $depth): Expression
    {
        if (0 === $depth || $this->chance(40)) {
            return new TextLiteral($this->pick(['dahlia', 'two beds', '', 'a "kite" \\ string', 'été {0} ${x} `y` %d', "tab\tnew", '🌻', "it's <b>&amp;</b>"]));
        }

        return new Binary(Operator::Join, $this->value($this->pick(['text', 'whole', 'number', 'truth']), $depth - 1), $this->value($this->pick(['text', 'whole', 'number']), $depth - 1));
    }

    private function truth(int $depth): Expression
    {
        if (0 === $depth) {
            return new TruthLiteral($this->chance(50));
        }
        $comparisons = [Operator::Equal, Operator::NotEqual, Operator::Less, Operator::LessOrEqual, Operator::Greater, Operator::GreaterOrEqual];
        $kind = $this->pick(['whole', 'number', 'text']);

        return match ($this->between(1, 6)) {
            1 => new Binary($this->pick([Operator::And, Operator::Or]), $this->value('truth', $depth - 1), $this->value('truth', $depth - 1)),
            2 => new Unary(UnaryOperator::Not, $this->value('truth', $depth - 1)),
            default => new Binary($this->pick($comparisons), $this->value($kind, $depth - 1), $this->value($kind, $depth - 1)),
        };
    }

    private function between(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    private function chance(int $percent): bool
    {
        return $this->between(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param list<T> $choices
     *
     * @return T
     */
    private function pick(array $choices): mixed
    {
        return $choices[$this->between(0, \count($choices) - 1)];
    }
}
