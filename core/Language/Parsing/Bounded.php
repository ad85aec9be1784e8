<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\FoundAgain;
use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Mistakes\AtRunTime;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Keeps what a parser made within the bounds of a program, so that everything that is read can be stored: a row that is
 * beyond them stays as it was typed, unread, with a mistake at its place.
 */
final class Bounded
{
    /** @var array<int, Cut>|null the head of each row */
    private ?array $heads = null;
    /** @var array<string, true> functions that were met */
    private array $defined = [];
    /** @var array<string, true> classes that were met */
    private array $classes = [];

    private function __construct(private readonly Parser $parser, private readonly string $text)
    {
    }

    /** @return Program the same one, if it keeps within all bounds */
    public static function program(Program $program, Parser $parser, string $text): Program
    {
        $bounded = new self($parser, $text);
        $row = static fn (Statement $row): Statement => $bounded->row($row, false, false, true, 1);
        $script = $row($program->script);
        \assert($script instanceof Script);
        $functions = array_map($row, $program->functions);
        $below = array_map($row, $program->below);

        return $script === $program->script && $functions === $program->functions && $below === $program->below ? $program : $program->withFunctions($functions)->withScript($script)->withBelow($below);
    }

    /** Where the first row begins that is one too many; null if there are no more than a program may have. */
    public static function tooMany(Parser $parser): ?int
    {
        $heads = 0;
        foreach ($parser->cuts as $cut) {
            if ('head' === $cut->part && ++$heads > Bounds::ROWS) {
                return $cut->start;
            }
        }

        return null;
    }

    private function row(Statement $row, bool $inLoop, bool $inFunction, bool $outermost, int $depth): Statement
    {
        // What an unread header holds may have been a function.
        // And C++'s script is one.
        $row = $this->failing($row);
        $isFunction = $row instanceof FunctionDefinition || $row instanceof Unread || $row instanceof Script && $this->parser->notation->typed;
        // What is no class any more has no methods.
        $isClass = $row instanceof ClassDefinition && $outermost && $depth <= Bounds::NESTING && null === $this->names($row) && !isset($this->classes[$row->name]);
        if ($isClass) {
            $this->classes[$row->name] = true;
        }
        foreach ($row->bodies() as $name => $body) {
            $inner = [];
            $isSame = true;
            foreach ($body->statements as $statement) {
                $inner[] = $bounded = $this->row($statement, $inLoop || $row->isLoop(), $inFunction || $isFunction, $row instanceof Script || $isClass, $depth + 1);
                $isSame = $isSame && $bounded === $statement;
            }
            $row = $isSame ? $row : $row->withBody($name, new Block($inner));
        }
        if ($isFunction && $row instanceof FunctionDefinition && isset($this->defined[$row->name])) {
            if ($this->parser->notation->typed && '' !== $row->class()) {
                // Methods may share a name in C++; which of them is meant is told by how many values they take.
                return $this->unread($row, 'unsupported', ['what' => str_contains($row->name, '.@') ? 'operator …' : $row->name.'(…)'], $row->name);
            }

            return $this->unread($row, $this->parser->notation->typed ? 'overloaded' : 'defined_twice', ['name' => $row->name], $row->name);
        }
        if ($row instanceof ClassDefinition && !$isClass && null === $this->names($row) && $outermost) {
            return $this->unread($row, 'defined_twice', ['name' => $row->name], $row->name);
        }
        $this->defined += $row instanceof FunctionDefinition ? [$row->name => true] : [];
        $beyond = $depth > Bounds::NESTING ? ['deep', [], null] : $this->misplaced($row, $inLoop, $inFunction, $outermost) ?? $this->names($row);
        if (null !== $beyond) {
            return $this->unread($row, ...$beyond);
        }
        foreach ($row->blanks() as $name => $value) {
            $isPerformed = $row instanceof Perform || $row instanceof GiveBack && $value instanceof Operation && OperationKey::DoneWithEach === $value->key;
            $value = $this->withLength($value, $isPerformed);
            $row = $value === $row->blanks()[$name] ? $row : $row->withBlank($name, $value);
            $beyond = $this->value($value, $isPerformed) ?? $this->ofCpp($value);
            if (null === $beyond) {
                continue;
            }
            if ('in_place_value' === $beyond[0]) {
                // It has a value, if one that nobody means.
                $this->tell($this->cutOf($row->id, 'head'), ...$beyond);
                break;
            }
            if (!$row instanceof Conditional) {
                return $this->unread($row, ...$beyond);
            }
            $cut = $this->cutOf($row->id, 'condition0' === $name ? 'head' : 'then'.substr($name, \strlen('condition')));
            $this->tell($cut, ...$beyond);
            $row = $row->withBlank($name, new UnreadExpression(null === $cut ? '' : substr($this->text, $cut->start, $cut->end - $cut->start)));
        }

        return $row;
    }

    /** @return array{string, array<string, string|int>, string|null}|null kind of mistake, its parameters, and the word at which it is */
    private function misplaced(Statement $row, bool $inLoop, bool $inFunction, bool $outermost): ?array
    {
        return match (true) {
            !$inLoop && ($row instanceof BreakLoop || $row instanceof ContinueLoop) => ['outside_loop', ['word' => $row instanceof BreakLoop ? 'break' : 'continue'], null],
            !$inFunction && ($row instanceof GiveBack || $row instanceof LeaveFunction || $row instanceof ShareVariable) => ['outside_function', [], null],
            !$outermost && ($row instanceof Handler || $row instanceof ClassDefinition) => ['unsupported', ['what' => 'def … def'], null],
            default => null,
        };
    }

    /** @return array{string, array<string, string|int>, string|null}|null */
    private function names(Statement $row): ?array
    {
        $names = match (true) {
            $row instanceof OwnCall => [$row->function],
            $row instanceof ShareVariable => [$row->variable],
            $row instanceof Repeat => null === $row->turn ? [] : [$row->turn],
            $row instanceof ClassDefinition, $row instanceof FieldDeclaration => [$row->name],
            default => $row->assigned(),
        };
        if ($row instanceof FunctionDefinition || $row instanceof EachLoop) {
            $parameters = $row instanceof FunctionDefinition ? $row->parameters : $row->variables;
            if (\count($parameters) > Bounds::PARAMETERS) {
                return ['many_parameters', ['most' => Bounds::PARAMETERS], $parameters[Bounds::PARAMETERS]];
            }
            $twice = $row instanceof FunctionDefinition ? self::twice($parameters) : null;
            if (null !== $twice) {
                return ['parameter_twice', ['name' => $twice], $twice];
            }
            $names = [...$parameters, ...($row instanceof FunctionDefinition ? [$row->shortName(), $row->class()] : [])];
        }

        return self::long($names);
    }

    /**
     * @param list<string> $names
     *
     * @return array{string, array<string, string|int>, string}|null
     */
    private static function long(array $names): ?array
    {
        foreach ($names as $name) {
            if (\strlen($name) > Bounds::NAME && mb_strlen($name) > Bounds::NAME) {
                return ['name_long', ['longest' => Bounds::NAME], $name];
            }
        }

        return null;
    }

    /** @param list<string> $names */
    private static function twice(array $names): ?string
    {
        foreach (array_count_values($names) as $name => $count) {
            if ($count > 1) {
                return (string) $name;
            }
        }

        return null;
    }

    /** What puts something into a list gives how long it is then, in JavaScript (ECMA-262, 23.1.3.23 and 23.1.3.37). */
    private function withLength(Expression $value, bool $mayGiveNothing): Expression
    {
        if (!$this->parser->facts->changesGive || [] === $value->operands()) {
            return $value;
        }
        $inner = $value instanceof Operation && OperationKey::After === $value->key || $mayGiveNothing && $value instanceof Choice;
        // What a function gives that is handed over is for whoever calls it, who mostly wants nothing.
        $isHanded = $value instanceof Operation || $value instanceof MethodCall || $value instanceof OwnValue;
        $operands = array_map(fn (Expression $operand): Expression => $isHanded && $operand instanceof Lambda ? $operand : $this->withLength($operand, $inner), $value->operands());
        $value = $operands === $value->operands() ? $value : $value->withOperands($operands);
        $isPushed = !$mayGiveNothing && $value instanceof Operation && \in_array($value->key, [OperationKey::Append, OperationKey::Prepend, OperationKey::Extend], true) && Given::isPlace($value->arguments[0]);

        if (!$isPushed) {
            return $value;
        }
        if (FoundAgain::may($value->arguments[0])) {
            return new Operation(OperationKey::After, [$value, new Operation(OperationKey::Length, [$value->arguments[0]])]);
        }
        // Which list it is is found once.
        $made = new VariableRead('made');

        return new MethodCall(new Lambda(['made'], new Operation(OperationKey::After, [new Operation($value->key, [$made, ...\array_slice($value->arguments, 1)]), new Operation(OperationKey::Length, [$made])])), MethodCall::CALL, [$value->arguments[0]]);
    }

    /** @return array{string, array<string, string|int>, string|null}|null */
    private function value(Expression $value, bool $isPerformed = false): ?array
    {
        $waiting = [[$value, 1, $isPerformed]];
        while (null !== $next = array_pop($waiting)) {
            [$value, $depth, $mayGiveNothing] = $next;
            if ($depth > Bounds::NESTING) {
                return ['deep', [], null];
            }
            for ($terms = 1; $value instanceof Binary; $value = $value->left) {
                if (++$terms > Bounds::TERMS) {
                    return ['many_terms', ['most' => Bounds::TERMS], null];
                }
                // What changes a list gives nothing in Python, which `or` goes on from.
                $waiting[] = [$value->right, $depth + 1, $this->parser->notation->indents && $value->operator->isLogic()];
            }
            $beyond = match (true) {
                $value instanceof VariableRead => self::long([$value->name]),
                $value instanceof MethodCall => self::long([$value->method]),
                $value instanceof Field => self::long([$value->name]),
                $value instanceof OwnValue, $value instanceof FunctionReference => self::long([$value->function]),
                $value instanceof Collected => self::long([$value->variable]),
                $value instanceof Lambda => null !== ($twice = self::twice($value->parameters)) ? ['parameter_twice', ['name' => $twice], $twice]
                    : (\count($value->parameters) > Bounds::PARAMETERS ? ['many_parameters', ['most' => Bounds::PARAMETERS], null] : self::long($value->parameters)),
                $value instanceof Operation => match (true) {
                    true !== ValueOperations::find($value->key)?->takes(\count($value->arguments)) => ['gives_no_value', [], null],
                    // In JavaScript these give a value as well (ECMA-262, 24.2.3).
                    $this->parser->facts->changesGive && \in_array($value->key, [OperationKey::PutIn, OperationKey::TakeOut], true) => null,
                    !$mayGiveNothing && Result::Nothing === ValueOperations::get($value->key)->result => $this->parser->notation->typed || $this->parser->facts->changesGive ? ['unsupported', ['what' => ValueOperations::get($value->key)->example($this->parser->language()->value)], null] : ['in_place_value', [], null],
                    default => null,
                },
                $value instanceof CommandValue => true === Catalogue::find($value->command)?->value ? null : ['gives_no_value', [], null],
                default => null,
            };
            if (null !== $beyond) {
                return $beyond;
            }
            foreach ($value->operands() as $operand) {
                $waiting[] = [$operand, $depth + 1, $value instanceof Lambda || $value instanceof Operation && OperationKey::After === $value->key || $mayGiveNothing && $value instanceof Choice];
            }
        }

        return null;
    }

    /**
     * In C++ the place where a text was not found is a very large number.
     *
     * @return array{string, array<string, string|int>, string|null}|null
     */
    private function ofCpp(Expression $value): ?array
    {
        if (!$this->parser->notation->typed) {
            return null;
        }
        $isPlace = static fn (Expression $part): bool => $part instanceof Operation && OperationKey::Position === $part->key;
        $isOrder = static fn (Expression $part): bool => $part instanceof Binary && \in_array($part->operator, [Operator::Less, Operator::LessOrEqual, Operator::Greater, Operator::GreaterOrEqual], true);
        $found = false;
        foreach (Walk::expressions($value) as $part) {
            $found = $found || $isOrder($part) && $part instanceof Binary && ($isPlace($part->left) || $isPlace($part->right));
        }

        return $found ? ['find_as_number', [], 'find'] : null;
    }

    /** A row with nothing but mistakes that the machine only meets as it comes there stops it there. */
    private function failing(Statement $row): Statement
    {
        // What is asked for first is in these heads alone.
        $isWhole = [] === $row->bodies() || $row instanceof Unread && 1 === preg_match('/^(?:if|while|for|with)\b/', $row->text);
        if ([] === $this->parser->mistakes && [] === $this->parser->meantToStop || $this->parser->notation->typed || $row instanceof Unread && (!$isWhole || 1 === preg_match('/^(?:def|class|function|async|export|@)/', $row->text))) {
            return $row;
        }
        if (!$isWhole) {
            return $this->withFailingBlanks($row);
        }
        $cut = $this->cutOf($row->id, 'head');
        if (null !== $cut && [] !== array_filter($this->parser->meantToStop, static fn (int $offset): bool => $offset >= $cut->start && $offset < $cut->end)) {
            // In the words of the machine, as it is caught.
            return new Raise($row->id, FailureKind::Type, new TextLiteral('Assignment to constant variable.'), $row->off);
        }
        [$failure, $isMeant] = null === $cut ? [null, false] : $this->failureIn($cut, $row instanceof Unread);
        if (null === $cut || null === $failure || !$row instanceof Unread && !$isMeant) {
            return $row;
        }

        return new Unread($row->id, substr($this->text, $cut->start, $cut->end - $cut->start), $this->parser->language()->value, $row instanceof Unread ? $row->body : null, $row->off, $failure);
    }

    private function withFailingBlanks(Statement $row): Statement
    {
        foreach ($row->blanks() as $name => $value) {
            $cut = $value instanceof UnreadExpression ? $this->cutOf($row->id, str_starts_with($name, 'condition') && '0' !== substr($name, -1) && $row instanceof Conditional ? 'then'.substr($name, \strlen('condition')) : 'head') : null;
            [$failure] = null === $cut ? [null] : $this->failureIn($cut, true);
            $row = null === $failure || !$value instanceof UnreadExpression ? $row : $row->withBlank($name, new UnreadExpression($value->text, $failure));
        }

        return $row;
    }

    /** @return array{FailureKind|null, bool} as what the machine stops in a stretch of the text, and whether it is read as meant */
    private function failureIn(Cut $cut, bool $isUnread): array
    {
        [$failure, $isMeant] = [null, false];
        foreach ($this->parser->mistakes as $mistake) {
            if ($mistake->offset < $cut->start || $mistake->offset >= $cut->end) {
                continue;
            }
            $one = AtRunTime::failure($mistake, $this->parser->language(), $this->text);
            if (null === $one) {
                return [null, false];
            }
            $failure ??= $one;
            $isMeant = $isMeant || \in_array($mistake->kind, AtRunTime::READ_AS_MEANT, true);
        }

        // What hangs on another row that can't be done is not told again.
        return [$failure ?? ($isUnread ? FailureKind::Name : null), $isMeant];
    }

    /** @param array<string, string|int> $parameters */
    private function unread(Statement $row, string $kind, array $parameters, ?string $word): Statement
    {
        $cut = $this->cutOf($row->id, 'head');
        if (null !== $cut || !$row instanceof ShareVariable) {
            $this->tell($cut, $kind, $parameters, $word);
        }
        $text = null === $cut ? '' : substr($this->text, $cut->start, $cut->end - $cut->start);
        $bodies = array_values($row->bodies());
        if ($row instanceof Import || $row instanceof Unread) {
            return $row;
        }

        return new Unread($row->id, $text, $this->parser->language()->value, $bodies[0] ?? null, $row->off);
    }

    /** @param array<string, string|int> $parameters */
    private function tell(?Cut $cut, string $kind, array $parameters, ?string $word): void
    {
        if (null === $cut) {
            return;
        }
        $first = null === $word ? false : strpos($this->text, $word, $cut->start);
        // The second time that a name stands there is the one too much.
        $again = 'parameter_twice' === $kind && false !== $first && 1 === preg_match('/(?<!\w)'.Names::asPattern((string) $word).'(?!\w)/', $this->text, $match, \PREG_OFFSET_CAPTURE, $first + \strlen((string) $word)) ? $match[0][1] : $first;
        $at = false === $again || $again >= $cut->end ? $cut->start : $again;
        $this->parser->mistakes[] = new Mistake($kind, $at, $at === $cut->start || null === $word ? $cut->end - $cut->start : \strlen($word), $parameters);
    }

    private function cutOf(int $id, string $part): ?Cut
    {
        if (null === $this->heads) {
            $this->heads = [];
            foreach ($this->parser->cuts as $cut) {
                if ('head' === $cut->part) {
                    $this->heads[$cut->id] = $cut;
                }
            }
        }
        if ('head' === $part) {
            return $this->heads[$id] ?? null;
        }
        foreach ($this->parser->cuts as $cut) {
            if ($cut->id === $id && $cut->part === $part) {
                return $cut;
            }
        }

        return null;
    }
}
