<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * The same program in the other idiom: instead of handlers for presses and light, one loop at its end that asks again
 * and again. Each handler's row stays itself, so that it faces the branch that it becomes.
 */
final class AskingLoop
{
    /** Seconds between two rounds, in which other scripts get their turn. */
    private const PAUSE = 0.05;

    /** The program as it is, if rows stand below a handler: they would come after a loop without an end. */
    public static function of(Program $program): Program
    {
        if ($program->script->body->statements !== self::withHandlersLast($program)->script->body->statements) {
            return $program;
        }
        $id = $program->nextId;
        $rows = $branches = [];
        $light = null;
        foreach ($program->script->body->statements as $row) {
            if (!$row instanceof Handler || $row->off || 'on_announced' === $row->event) {
                $rows[] = $row;
                continue;
            }
            if ('on_light' === $row->event) {
                $light ??= self::freeName($program);
            }
            $branches[] = new Conditional($row->id, [new Branch(self::condition($row, (string) $light), $row->body)]);
        }
        if ([] === $branches) {
            return $program;
        }
        $brightness = new CommandValue('lantern.brightness');
        if (null !== $light) {
            $rows[] = new SetVariable($id++, $light, $brightness);
            $branches[] = new SetVariable($id++, $light, $brightness);
        }
        $branches[] = new Command($id++, 'wait', ['seconds' => new NumberLiteral(self::PAUSE)]);
        $rows[] = new Forever($id++, new Block($branches));

        return $program->withScript($program->script->withBody('body', new Block($rows)))->withNextId($id);
    }

    /** The program with the handlers that become the loop below all other rows of the script. */
    public static function withHandlersLast(Program $program): Program
    {
        $becomes = static fn (Statement $row): bool => $row instanceof Handler && !$row->off && 'on_announced' !== $row->event;
        $rows = $program->script->body->statements;
        $last = array_filter($rows, $becomes);

        return $program->withScript($program->script->withBody('body', new Block([...array_values(array_filter($rows, static fn (Statement $row): bool => !$becomes($row))), ...array_values($last)])));
    }

    /**
     * The lines of rows that only the loop has stand with the rows of the program next to them.
     *
     * @param PrintedText $text of what of() gave
     */
    public static function anchored(PrintedText $text, Program $program): PrintedText
    {
        $lines = $waiting = [];
        $script = $program->script->id;
        foreach ($text->lines as $line) {
            $id = (int) $line->anchor;
            if ($id >= $program->nextId) {
                $waiting[] = $line->text;
                continue;
            }
            foreach ($waiting as $before) {
                $lines[] = new Line($id === $script ? $line->anchor : "$id:before", $before);
            }
            $waiting = [];
            $lines[] = $line;
        }
        foreach ($waiting as $after) {
            $lines[] = new Line("$script:close", $after);
        }

        return new PrintedText($lines);
    }

    private static function condition(Handler $handler, string $light): Expression
    {
        if ('on_tapped' === $handler->event) {
            return new CommandValue('lantern.tapped', [$handler->what]);
        }
        $isDarker = $handler->what instanceof TextLiteral && 'darker' === $handler->what->value;

        return new Binary($isDarker ? Operator::Less : Operator::Greater, new CommandValue('lantern.brightness'), new VariableRead($light));
    }

    private static function freeName(Program $program): string
    {
        $taken = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $taken += self::names($row);
        }
        $name = 'light';
        for ($number = 2; isset($taken[$name]); ++$number) {
            $name = "light_$number";
        }

        return $name;
    }

    /** @return array<string, true> */
    private static function names(Statement $row): array
    {
        return array_fill_keys($row->assigned(), true) + Typing\Scopes::mentionedByItself($row);
    }
}
