<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Walk;

/** Writes a program of the nib for Python's standard drawing module, so that it runs on any Python without our library. */
final class DrawingModulePrinter extends PythonPrinter
{
    /** @throws Refusal if the program does something that the module has nothing for */
    public static function text(Program $program): string
    {
        $each = static fn (Statement $part): Statement => Walk::map($part, self::coloured(...));
        $program = $program->withFunctions(array_map($each, $program->functions))->withScript(Walk::map($program->script, self::coloured(...)))->withBelow(array_map($each, $program->below));
        $text = 'import '.DrawingModule::NAME."\n";
        foreach ((new self(new Analysis($program)))->print()->lines as $line) {
            if (str_starts_with($line->text, 'from scrivlet import')) {
                throw new Refusal('file.needs_library', ['names' => substr($line->text, \strlen('from scrivlet import '))]);
            }
            $text .= 'import scrivlet' === $line->text ? '' : $line->text."\n";
        }

        return rtrim($text)."\n\n".DrawingModule::NAME.".done()\n";
    }

    /** With colours in place of the names of our inks. */
    private static function coloured(Statement $row): Statement
    {
        $ink = static fn (Expression $value): Expression => match (true) {
            $value instanceof ListLiteral => new ListLiteral(array_map(DrawingModule::ink(...), $value->items)),
            $value instanceof Operation && OperationKey::AsTuple === $value->key => $value->withOperands(array_map(static fn (Expression $list): Expression => $list instanceof ListLiteral ? new ListLiteral(array_map(DrawingModule::ink(...), $list->items)) : $list, $value->arguments)),
            default => DrawingModule::ink($value),
        };
        if ($row instanceof Command && 'nib.pace' === $row->command && ($row->blanks()['level'] ?? null) instanceof TextLiteral) {
            return $row->withBlank('level', new NumberLiteral(0));
        }
        foreach ($row instanceof SetVariable || $row instanceof Command && \in_array($row->command, ['nib.ink', 'nib.open_shape'], true) ? $row->blanks() : [] as $name => $value) {
            $row = $row->withBlank($name, $ink($value));
        }

        return $row;
    }

    protected function commandName(Entry $entry): string
    {
        $name = 'nib.open_shape' === $entry->key ? 'begin_fill' : DrawingModule::written($entry->key);

        return DrawingModule::NAME.'.'.($name ?? throw new Refusal('file.no_such_drawing', ['name' => $entry->snakeName()]));
    }

    protected function simpleBefore(Statement $statement): void
    {
        parent::simpleBefore($statement);
        if ($statement instanceof Command && 'nib.open_shape' === $statement->command) {
            $this->line($statement, 'before', DrawingModule::NAME.'.fillcolor('.$this->listed(array_values($statement->arguments)).')');
        }
    }

    protected function command(Command $command): string
    {
        return 'nib.open_shape' === $command->command ? DrawingModule::NAME.'.begin_fill()' : parent::command($command);
    }
}
