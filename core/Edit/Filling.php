<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\ColourWords;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Language\Expression\BlankContext;
use Scrivlet\Core\Language\Expression\ExpressionReader;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Puts what a person typed into a blank, if it may stand there. */
final readonly class Filling
{
    public const LONGEST_REMARK = 500;

    public function __construct(private Program $program)
    {
    }

    /** @throws Refusal */
    public function fill(int $id, string $slot, string $source): Program
    {
        $statement = Locator::statement($this->program, $id) ?? throw new Refusal('edit.row_gone');
        if (1 === preg_match('/[\x00-\x08\x0b-\x1f\x7f]/', $source) || !mb_check_encoding($source, 'UTF-8')) {
            throw new Refusal('blank.control');
        }
        if (isset($statement->blanks()[$slot])) {
            $value = $this->expression($statement, $slot, $source);

            return Locator::change($this->program, $id, static fn (Statement $statement): Statement => $statement->withBlank($slot, $value));
        }
        if (!isset($statement->labels()[$slot])) {
            throw new Refusal('edit.row_gone');
        }

        return $this->label($statement, $slot, trim($source));
    }

    public static function slotType(Statement $statement, string $slot): SlotType
    {
        if ($statement instanceof Conditional) {
            return SlotType::Truth;
        }
        if ($statement instanceof OwnCall && 'function' !== $slot) {
            return SlotType::Any;
        }
        if ($statement instanceof Attempt) {
            return str_starts_with($slot, 'kinds') ? SlotType::Choice : SlotType::VariableName;
        }

        return Catalogue::get($statement->entry())->slot($slot)->type ?? SlotType::Any;
    }

    private function expression(Statement $statement, string $slot, string $source): Expression
    {
        $context = BlankContext::of($this->program, Locator::part($this->program, $statement->id), Types::of($this->program));
        $type = self::slotType($statement, $slot);
        if (SlotType::Colour === $type && null !== $colour = Ink::canonical($source) ?? ColourWords::nearest(trim($source, " \"'"))?->value) {
            return new TextLiteral($colour);
        }
        $choices = Catalogue::find($statement->entry())?->slot($slot);
        if (SlotType::Choice === $type && null !== $choices) {
            $chosen = $choices->chosen($source);
            if (null !== $chosen || !\in_array(trim($source), $context->variables, true)) {
                return new TextLiteral($chosen ?? throw new Refusal('blank.not_choice'));
            }
        }
        if (SlotType::Number === $type && null !== $chosen = $choices?->chosen($source)) {
            return new TextLiteral($chosen);
        }
        if (SlotType::Pattern === $type && 1 === preg_match('~^[#./]{0,60}$~D', trim($source))) {
            return new TextLiteral(trim($source));
        }
        $value = SlotType::Any === $type ? ExpressionReader::readAny($source, $context) : ExpressionReader::read($source, $context);
        $isTarget = $statement instanceof SetItem && 'target' === $slot || $statement instanceof SetSeveral && str_starts_with($slot, 'target');
        if ($isTarget && !$value instanceof Item && !($statement instanceof SetSeveral && $value instanceof VariableRead)) {
            throw new Refusal('blank.not_target');
        }
        self::check($value, $type, $context->type($value));
        $this->checkRange($statement, $slot, $value);

        return $value;
    }

    /** @throws Refusal */
    public static function check(Expression $value, SlotType $type, StaticType $static): void
    {
        $refused = match ($type) {
            SlotType::Number => \in_array($static, [StaticType::text(), StaticType::truth()], true) && !$value instanceof VariableRead && !$value instanceof OwnValue ? 'blank.not_number' : null,
            SlotType::Truth => StaticType::truth() !== $static && !$value instanceof VariableRead && !$value instanceof OwnValue ? 'blank.not_condition' : null,
            SlotType::Colour => $value instanceof VariableRead || $value instanceof OwnValue ? null : 'blank.not_colour',
            SlotType::Choice => $value instanceof TextLiteral || $value instanceof VariableRead || $value instanceof OwnValue ? null : 'blank.not_choice',
            default => null,
        };
        if (null !== $refused) {
            throw new Refusal($refused);
        }
        if ($value instanceof TextLiteral && mb_strlen($value->value) > ExpressionReader::LONGEST) {
            throw new Refusal('blank.long', ['longest' => ExpressionReader::LONGEST]);
        }
        foreach (Walk::expressions($value) as $inner) {
            if ($inner instanceof Unary && $inner->operand instanceof TextLiteral) {
                throw new Refusal('blank.not_number');
            }
        }
    }

    private function checkRange(Statement $statement, string $slot, Expression $value): void
    {
        $parameter = Catalogue::find($statement->entry())?->slot($slot);
        if (null === $parameter || null === $parameter->min || null === $parameter->max || !$value instanceof NumberLiteral) {
            return;
        }
        if ($value->value < $parameter->min || $value->value > $parameter->max) {
            throw new Refusal('blank.range', ['min' => (int) $parameter->min, 'max' => (int) $parameter->max]);
        }
    }

    private function label(Statement $statement, string $slot, string $source): Program
    {
        switch (self::slotType($statement, $slot)) {
            case SlotType::Remark:
                if (mb_strlen($source) > self::LONGEST_REMARK) {
                    throw new Refusal('blank.long', ['longest' => self::LONGEST_REMARK]);
                }
                $source = (string) preg_replace('/\s+/', ' ', $source);
                break;
            case SlotType::VariableName:
                Names::check($source);
                if (null !== $this->program->functionNamed($source)) {
                    throw new Refusal('name.function', ['name' => $source]);
                }
                break;
            case SlotType::Choice:
                $source = Catalogue::get('rescue')->slot('kinds')?->chosen($source) ?? throw new Refusal('blank.not_choice');
                break;
            case SlotType::FunctionName:
                return $this->callAnother($statement, $source);
            case SlotType::NewName:
                return $this->renameFunction($statement, $source);
            case SlotType::Parameters:
                return $this->changeParameters($statement, $source);
            default:
                throw new Refusal('edit.row_gone');
        }

        return Locator::change($this->program, $statement->id, static fn (Statement $statement): Statement => $statement->withLabel($slot, $source));
    }

    private function callAnother(Statement $statement, string $name): Program
    {
        $function = $this->program->functionNamed($name);
        if (null === $function || !$statement instanceof OwnCall) {
            $near = Names::nearest($name, array_map(static fn (FunctionDefinition $function): string => $function->name, $this->program->definitions()));
            throw null === $near ? new Refusal('name.no_function', ['name' => $name]) : new Refusal('name.no_function_near', ['name' => $name, 'near' => $near]);
        }
        $arguments = $this->arguments($statement->arguments, range(0, \count($function->parameters)));
        $call = new OwnCall($statement->id, $name, \array_slice($arguments, 0, \count($function->parameters)), $statement->off);

        return Locator::change($this->program, $statement->id, static fn (): Statement => $call);
    }

    private function renameFunction(Statement $statement, string $name): Program
    {
        Names::check($name);
        \assert($statement instanceof FunctionDefinition);
        $other = $this->program->functionNamed($name);
        if (null !== $other && $other->id !== $statement->id) {
            throw new Refusal('name.function', ['name' => $name]);
        }
        foreach (Walk::statements($this->program->parts()) as $row) {
            if (\in_array($name, $row->assigned(), true) || $row instanceof FunctionDefinition && \in_array($name, $row->parameters, true)) {
                throw new Refusal('name.variable', ['name' => $name]);
            }
        }
        $renamed = Locator::change($this->program, $statement->id, static fn (Statement $row): Statement => $row->withLabel('name', $name));

        return self::mapCalls($renamed, $statement->name, static fn (OwnCall|OwnValue $call): OwnCall|OwnValue => $call instanceof OwnCall ? new OwnCall($call->id, $name, $call->arguments, $call->off) : new OwnValue($name, $call->arguments));
    }

    /** Calls follow: an argument goes with its parameter, a new parameter gets the first value of a blank. */
    private function changeParameters(Statement $statement, string $source): Program
    {
        \assert($statement instanceof FunctionDefinition);
        $names = '' === $source ? [] : (preg_split('/[\s,;]+/u', $source, -1, \PREG_SPLIT_NO_EMPTY) ?: []);
        if (\count($names) > Bounds::PARAMETERS) {
            throw new Refusal('name.many', ['most' => Bounds::PARAMETERS]);
        }
        foreach ($names as $index => $name) {
            Names::check($name);
            if (null !== $this->program->functionNamed($name)) {
                throw new Refusal('name.function', ['name' => $name]);
            }
            if (\in_array($name, \array_slice($names, 0, $index), true)) {
                throw new Refusal('name.twice', ['name' => $name]);
            }
        }
        $old = $statement->parameters;
        $sources = [];
        foreach ($names as $index => $name) {
            $kept = array_search($name, $old, true);
            // A new name in the place of one that went is that parameter under another name.
            $sources[] = false !== $kept ? $kept : (isset($old[$index]) && !\in_array($old[$index], $names, true) ? $index : \count($old));
        }
        $renamed = [];
        foreach ($sources as $index => $from) {
            if (isset($old[$from]) && $old[$from] !== $names[$index]) {
                $renamed[$old[$from]] = $names[$index];
            }
        }
        $changed = Walk::map($statement, static function (Statement $row) use ($renamed): Statement {
            foreach ($row->blanks() as $slot => $value) {
                $row = $row->withBlank($slot, Walk::mapExpression($value, static fn (Expression $inner): Expression => $inner instanceof VariableRead && isset($renamed[$inner->name]) ? new VariableRead($renamed[$inner->name]) : $inner));
            }
            $variable = $row->labels()['variable'] ?? null;

            return null !== $variable && isset($renamed[$variable]) ? $row->withLabel('variable', $renamed[$variable]) : $row;
        })->withLabel('parameters', implode(', ', $names));
        $program = Locator::change($this->program, $statement->id, static fn (): Statement => $changed);

        return self::mapCalls($program, $statement->name, fn (OwnCall|OwnValue $call): OwnCall|OwnValue => $call instanceof OwnCall
            ? $call->withArguments($this->arguments($call->arguments, $sources))
            : new OwnValue($call->function, $this->arguments($call->arguments, $sources)));
    }

    /**
     * @param list<Expression> $arguments
     * @param list<int>        $sources   for each new argument the old one's index
     *
     * @return list<Expression>
     */
    private function arguments(array $arguments, array $sources): array
    {
        return array_map(static fn (int $index): Expression => $arguments[$index] ?? new NumberLiteral(10), $sources);
    }

    /** @param \Closure(OwnCall|OwnValue): (OwnCall|OwnValue) $change */
    private static function mapCalls(Program $program, string $name, \Closure $change): Program
    {
        $row = static function (Statement $row) use ($name, $change): Statement {
            foreach ($row->blanks() as $slot => $value) {
                $row = $row->withBlank($slot, Walk::mapExpression($value, static function (Expression $inner) use ($name, $change): Expression {
                    $changed = $inner instanceof OwnValue && $inner->function === $name ? $change($inner) : $inner;
                    \assert($changed instanceof Expression);

                    return $changed;
                }));
            }
            $changed = $row instanceof OwnCall && $row->function === $name ? $change($row) : $row;
            \assert($changed instanceof Statement);

            return $changed;
        };

        return $program
            ->withFunctions(array_map(static fn (Statement $statement): Statement => Walk::map($statement, $row), $program->functions))
            ->withBelow(array_map(static fn (Statement $statement): Statement => Walk::map($statement, $row), $program->below))
            ->withScript(Walk::map($program->script, $row));
    }
}
