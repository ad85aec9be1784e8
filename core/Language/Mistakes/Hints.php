<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/**
 * What the real machine takes and a person hardly means. Each is said beside the program, which runs all the same.
 */
final readonly class Hints
{
    private const COMPARED = [Operator::Less, Operator::LessOrEqual, Operator::Greater, Operator::GreaterOrEqual, Operator::Subtract, Operator::TrueDivide, Operator::FloorDivide];

    /** @param array<string, true> $texts names that are texts for certain */
    private function __construct(private Types $types, private Language $language, private array $texts)
    {
    }

    /** @return list<Mistake> at the rows of the program's text in a language, in its order */
    public static function of(Analysis $analysis, Language $language): array
    {
        $hints = new self($analysis->types(), $language, self::texts($analysis->program));
        $program = $analysis->program;
        // What waits for events may change anything between two turns.
        $hasHandlers = [] !== array_filter(Walk::statements($program->parts()), static fn (Statement $row): bool => $row instanceof Handler);
        $byRow = [];
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                $found = $row->off ? null : $hints->ofRow($row, $part, $hasHandlers);
                if (null !== $found) {
                    $byRow["$row->id:head"] = $found;
                }
            }
        }
        $told = [];
        $offset = 0;
        foreach ($analysis->text($language)->lines as $line) {
            $begins = \strlen($line->text) - \strlen(ltrim($line->text));
            [$kind, $parameters] = $byRow[$line->anchor] ?? (!$language->semantics()->typed && self::givesPlus($line->text) ? ['plus_behind', []] : [null, []]);
            if (null !== $kind) {
                $told[] = new Mistake($kind, $offset + $begins, max(1, \strlen($line->text) - $begins), $parameters);
                unset($byRow[$line->anchor]);
            }
            $offset += \strlen($line->text) + 1;
        }

        return $told;
    }

    /** `x =+ 1` gives x the value 1. */
    private static function givesPlus(string $line): bool
    {
        return 1 === preg_match('/^\s*\w+ =\+ [\w(]/', $line);
    }

    /** @return array{string, array<string, string>}|null */
    private function ofRow(Statement $row, FunctionDefinition|Script $part, bool $hasHandlers): ?array
    {
        $unchanged = $hasHandlers || !$row instanceof WhileLoop && !$row instanceof DoWhile ? null : $this->unchanged($row->condition, $row->body->statements, $part);
        if (null !== $unchanged) {
            return ['same_turn', ['name' => $unchanged]];
        }
        $value = $row instanceof SetVariable && 1 === preg_match('/^(?:const )?(?:double|float)$/D', (string) $row->declared) ? $row->value : null;
        $value = $value instanceof Operation && OperationKey::ToNumber === $value->key ? $value->arguments[0] : $value;
        if ($this->language->semantics()->typed && $value instanceof Binary && \in_array($value->operator, [Operator::TruncDivide, Operator::FloorDivide], true) && $this->type($part, $value->left)->isWhole() && $this->type($part, $value->right)->isWhole()) {
            return ['whole_division', []];
        }
        foreach ($this->language->semantics()->typed ? [] : Walk::expressionsOf($row) as $value) {
            if (!$value instanceof Binary) {
                continue;
            }
            // Two values that stand there are compared to show what comes of it.
            $areGiven = $value->left instanceof TextLiteral || $value->right instanceof TextLiteral ? $value->left instanceof NumberLiteral || $value->right instanceof NumberLiteral : false;
            if ($areGiven || $row instanceof PrintLine || !($this->isText($value->left) && self::isNumber($value->right) || self::isNumber($value->left) && $this->isText($value->right))) {
                continue;
            }
            if (Operator::Equal === $value->operator || Operator::NotEqual === $value->operator) {
                return ['never_same', []];
            }
            if ($this->language->semantics()->strictTexts && \in_array($value->operator, self::COMPARED, true)) {
                return ['text_compared', []];
            }
        }

        return null;
    }

    /** Whether a value is a text for certain: it stands there, or its name never gets anything but texts and answers. */
    private function isText(Expression $value): bool
    {
        return $value instanceof TextLiteral && !$value->letter || $value instanceof VariableRead && isset($this->texts[$value->name]);
    }

    private static function isNumber(Expression $value): bool
    {
        return $value instanceof NumberLiteral || $value instanceof Operation && OperationKey::Length === $value->key;
    }

    /** @return array<string, true> names that get nothing but texts, wherever they get something */
    private static function texts(Program $program): array
    {
        $texts = $others = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $isText = $row instanceof SetVariable && ($row->value instanceof TextLiteral || $row->value instanceof Operation && OperationKey::Ask === $row->value->key);
            foreach ($row->assigned() as $name) {
                $isText ? $texts[$name] = true : $others[$name] = true;
            }
            foreach ($row instanceof FunctionDefinition ? $row->parameters : [] as $name) {
                $others[$name] = true;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                $others += $value instanceof Collected ? [$value->variable => true] : ($value instanceof Lambda ? array_fill_keys($value->parameters, true) : []);
            }
        }

        return array_diff_key($texts, $others);
    }

    private function type(FunctionDefinition|Script $part, Expression $value): StaticType
    {
        return $this->types->expression($part, $value);
    }

    /**
     * The names that a condition asks for, if it asks for nothing else and no row of the loop gives one a value, or ends it.
     *
     * @param list<Statement> $rows
     */
    private function unchanged(Expression $condition, array $rows, FunctionDefinition|Script $part): ?string
    {
        $names = [];
        foreach (Walk::expressions($condition) as $value) {
            if ($value instanceof VariableRead && ($this->type($part, $value)->isNumeric() || $this->type($part, $value)->isTextual())) {
                $names[$value->name] = true;
            } elseif (!$value instanceof Binary && !$value instanceof Unary && !$value instanceof NumberLiteral && !$value instanceof TextLiteral && !$value instanceof TruthLiteral) {
                return null;
            }
        }
        if ([] === $names) {
            return null;
        }
        foreach (Walk::statements($rows) as $row) {
            $isPlain = $row instanceof PrintLine || $row instanceof SetVariable || $row instanceof SetItem || $row instanceof Command || $row instanceof Comment || [] !== $row->bodies() && !$row instanceof FunctionDefinition || $row instanceof ChangeVariable;
            if (!$row->off && (!$isPlain || $row instanceof Perform || [] !== array_intersect_key($names, array_flip($row->assigned())))) {
                return null;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof OwnValue || $value instanceof MethodCall || $value instanceof Operation && str_starts_with($value->key->value, 'next_')) {
                    return null;
                }
            }
        }

        return implode(', ', array_keys($names));
    }
}
