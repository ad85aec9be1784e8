<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** A piece of a line that is pointed at, in plain words. */
final class PlainPiece
{
    /** A piece that is longer is no piece. */
    public const LONGEST = 300;

    /** What stands in a blank of a row; null where there is no such blank. */
    public static function inBlank(Analysis $analysis, int $row, string $slot, string $locale): ?string
    {
        foreach ($analysis->program->scopes() as $part) {
            foreach (Walk::statements([$part]) as $statement) {
                if ($statement->id === $row && isset($statement->blanks()[$slot])) {
                    return self::said($statement->blanks()[$slot], $analysis, $part, $locale);
                }
            }
        }

        return null;
    }

    /** A piece of text that is a value by itself; null where it is none. */
    public static function ofText(string $text, Language $language, string $locale): ?string
    {
        $text = trim($text);
        if ('' === $text || \strlen($text) > self::LONGEST || 1 === preg_match('/[\r\n]/', $text)) {
            return null;
        }
        $read = $language->read(str_replace('{value}', $text, $language->notation()->value));
        $rows = array_values(array_filter(Walk::statements($read->program->parts()), static fn (Statement $row): bool => !$row instanceof Script));
        $row = $rows[0] ?? null;
        if (1 !== \count($rows) || !$row instanceof SetVariable) {
            return null;
        }
        foreach (Walk::expressions($row->value) as $value) {
            if ($value instanceof UnreadExpression) {
                return null;
            }
        }

        return self::said($row->value, new Analysis($read->program), $read->program->script, $locale);
    }

    private static function said(Expression $value, Analysis $analysis, FunctionDefinition|Script $part, string $locale): string
    {
        $phrases = new Phrases($locale);

        $said = $phrases->sentence((new PlainValue($phrases, $analysis->types(), $part))->noun($value));
        foreach (Walk::expressions($value) as $inner) {
            if ($inner instanceof VariableRead && str_starts_with($said, $inner->name) || $inner instanceof OwnValue && str_starts_with($said, $inner->function)) {
                // A name keeps its letters.
                return $said;
            }
        }

        return mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
    }
}
