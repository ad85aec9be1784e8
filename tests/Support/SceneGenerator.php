<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Programs for the scenes beside the sheet, by chance and from a number, so that each comes again. */
final class SceneGenerator
{
    private int $id = 1;
    private int $state;
    private SceneName $scene;

    public function __construct(int $number)
    {
        $this->state = $number * 7919 + 13;
        $this->scene = [SceneName::Plot, SceneName::Lantern, SceneName::Lawn][$number % 3];
    }

    public function program(): Program
    {
        $rows = [$this->set('visits', new NumberLiteral(0))];
        if (SceneName::Lawn === $this->scene) {
            $rows[] = $this->set('wheels', new Operation(OperationKey::DrivePair, [new NumberLiteral(1), new NumberLiteral(2)]));
            $rows[] = $this->set('eye', new Operation(OperationKey::RangeSensor, [new NumberLiteral($this->pick([3, 4, 5, 6]))]));
            $rows[] = $this->set('edge', new Operation(OperationKey::SurfaceSensor, [new NumberLiteral(8)]));
        }
        if (SceneName::Lantern === $this->scene) {
            foreach ($this->pick([['round'], ['square', 'both'], ['round', 'square', 'both'], ['both']]) as $button) {
                $rows[] = new Handler($this->id(), 'on_tapped', new TextLiteral($button), $this->block(1));
            }
            if ($this->pick([true, false])) {
                $rows[] = new Handler($this->id(), 'on_light', new TextLiteral($this->pick(['darker', 'brighter'])), $this->block(1));
            }
        }
        $functions = [new FunctionDefinition($this->id(), 'tend', [], $this->block(1)->splice(0, 0, [new ShareVariable($this->id(), 'visits'), new ChangeVariable($this->id(), 'visits', new NumberLiteral(1))]))];
        $rows[] = new Handler($this->id(), 'on_announced', new TextLiteral('tea time'), $this->block(1));
        for ($row = $this->pick([4, 6, 8]); $row > 0; --$row) {
            $rows[] = $this->row(2);
        }
        $rows[] = new OwnCall($this->id(), 'tend', []);
        $rows[] = new PrintLine($this->id(), new VariableRead('visits'));
        $layouts = match ($this->scene) {
            SceneName::Plot => ["load: 4\n\n........\n.o.*....\n...>..*.\n.#...G..\n........\n"],
            SceneName::Lawn => ["mower: -20 10 30\npile: 30 40\npile: -60 -20\npile: 10 -70\n"],
            default => [],
        };

        return new Program($functions, new Script(1, new Block($rows)), $this->id + 1, setting: Settings::checked(new Setting($this->scene->value, $layouts)));
    }

    private function block(int $depth): Block
    {
        $rows = [];
        for ($row = $this->pick([1, 2, 3]); $row > 0; --$row) {
            $rows[] = $this->row($depth);
        }

        return new Block($rows);
    }

    private function row(int $depth): Statement
    {
        $kind = $this->next() % ($depth > 0 ? 10 : 7);

        return match (true) {
            0 === $kind => new Command($this->id(), 'wait', ['seconds' => new NumberLiteral($this->pick([0.1, 0.25, 0.5, 1, 2]))]),
            1 === $kind => new ChangeVariable($this->id(), 'visits', new NumberLiteral($this->pick([1, 2, 5]))),
            2 === $kind && 2 === $depth => new Command($this->id(), 'announce', ['message' => new TextLiteral('tea time')]),
            7 === $kind => new Repeat($this->id(), new NumberLiteral($this->pick([2, 3])), $this->block($depth - 1)),
            8 <= $kind => new Conditional($this->id(), [new Branch($this->condition(), $this->block($depth - 1))], $this->pick([null, $this->block($depth - 1)])),
            default => $this->command(),
        };
    }

    private function command(): Statement
    {
        $number = static fn (int|float $value): Expression => new NumberLiteral($value);
        if (SceneName::Lawn === $this->scene) {
            return match ($this->next() % 6) {
                0 => $this->of('mower.drive', ['left' => $number($this->pick([20, 50, -30])), 'right' => $number($this->pick([20, 60, 45]))]),
                1 => $this->of('mower.travel', ['distance' => $number($this->pick([10, 25.5, -15])), 'speed' => $number($this->pick([40, 90]))]),
                2 => $this->of('mower.turn', ['degrees' => $number($this->pick([90, -45, 30, 137]))]),
                3 => $this->of('mower.stop', []),
                4 => new Perform($this->id(), new Operation(OperationKey::PairTurn, [new VariableRead('wheels'), $number($this->pick([60, -120]))])),
                default => $this->of('mower.lamp', ['colour' => new TextLiteral($this->pick(['leaf', 'poppy']))]),
            };
        }
        if (SceneName::Plot === $this->scene) {
            return $this->of('barrow.'.$this->pick(['step', 'turn_left', 'turn_right', 'step', 'turn_left']), []);
        }

        return match ($this->next() % 5) {
            0 => $this->of('lantern.shine', ['value' => $this->pick([new VariableRead('visits'), new TextLiteral('a1'), new RandomWhole($number(1), $number(9))])]),
            1 => $this->of('lantern.roll', ['text' => new TextLiteral($this->pick(['Fern', 'ok?', 'été', '3 + 4']))]),
            2 => $this->of('lantern.light', ['x' => $number($this->pick([0, 4, 8])), 'y' => $number($this->pick([0, 2, 4]))]),
            3 => $this->of('lantern.pattern', ['rows' => new TextLiteral($this->pick(['#.#.#.#.#/.#.#', '....#', '###/###/###/###/###']))]),
            default => $this->of('lantern.clear', []),
        };
    }

    private function condition(): Expression
    {
        return match ($this->scene) {
            SceneName::Plot => new CommandValue('barrow.'.$this->pick(['path_clear', 'clear_left', 'clear_right', 'seedling_here', 'at_gate'])),
            SceneName::Lawn => $this->pick([
                new Binary(Operator::Equal, new Operation(OperationKey::Surface, [new VariableRead('edge')]), new TextLiteral('grass')),
                new Binary(Operator::Equal, new Operation(OperationKey::Distance, [new VariableRead('eye')]), new NothingLiteral()),
            ]),
            default => $this->pick([
                new CommandValue('lantern.'.$this->pick(['held', 'tapped']), [new TextLiteral($this->pick(['round', 'square', 'both']))]),
                new Binary(Operator::Less, new CommandValue('lantern.brightness'), new NumberLiteral(45)),
            ]),
        };
    }

    /** @param array<string, Expression> $arguments */
    private function of(string $command, array $arguments): Statement
    {
        return new Command($this->id(), $command, $arguments);
    }

    private function set(string $name, Expression $value): Statement
    {
        return new SetVariable($this->id(), $name, $value);
    }

    private function id(): int
    {
        return ++$this->id;
    }

    private function next(): int
    {
        $this->state = $this->state * 48271 % 2147483647;

        return intdiv($this->state, 7);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $choices
     *
     * @return T
     */
    private function pick(array $choices): mixed
    {
        return $choices[$this->next() % \count($choices)];
    }
}
