<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Walk;

/**
 * Whether what a program catches is caught in another language as well. What a program raises itself is; what a machine
 * raises by itself is not: where Python stops at a place that is not there, JavaScript goes on.
 */
final class Failures
{
    /** Operations that fail on none of the machines, whatever they are given of the right kind. */
    private const SAFE = [OperationKey::Length, OperationKey::Upper, OperationKey::Lower, OperationKey::Trimmed, OperationKey::ToText, OperationKey::ToTruth, OperationKey::Ask, OperationKey::Contains, OperationKey::Append, OperationKey::Formatted, OperationKey::IsEmpty, OperationKey::IsNoNumber, 'starts_with', 'ends_with', OperationKey::Alike, OperationKey::Joined, OperationKey::AsList, OperationKey::Numbers, OperationKey::Rounded];

    /** @var array<string, bool> by function, whether a machine may fail in it */
    private array $known = [];

    private function __construct(private readonly Program $program, private readonly Language $other)
    {
    }

    public static function mayDiffer(Program $program, Language $other): bool
    {
        $failures = new self($program, $other);
        foreach (Walk::statements($program->parts()) as $row) {
            if ($row instanceof Attempt && !$row->off && $failures->differs($row)) {
                return true;
            }
        }

        return false;
    }

    private function differs(Attempt $attempt): bool
    {
        $isBrace = !$this->other->semantics()->elseOfTry;
        if (null !== $attempt->finally && !$this->other->semantics()->endsTry || null !== $attempt->otherwise && $isBrace && $this->mayFail($attempt->otherwise, true)) {
            return true;
        }
        $chosen = [];
        foreach ($attempt->rescues as $rescue) {
            foreach ($rescue->kinds as $kind) {
                if (\is_string($kind)) {
                    continue;
                }
                if (null === FailureNames::own($this->other, $kind)) {
                    return true;
                }
                $chosen[] = $kind;
            }
            if (1 < \count($rescue->kinds) && !$this->other->semantics()->endsTry) {
                return true;
            }
        }

        return $this->mayFail($attempt->body, false) || $this->raisesUnnamed(array_values(array_filter($chosen, static fn (FailureKind $kind): bool => FailureKind::Any !== $kind)));
    }

    /**
     * Whether something is raised that the other language has no name for, and that one of some kinds stands for.
     *
     * @param list<FailureKind> $chosen
     */
    private function raisesUnnamed(array $chosen): bool
    {
        foreach ([] === $chosen ? [] : Walk::statements($this->program->parts()) as $row) {
            if (!$row instanceof Raise || null !== FailureNames::own($this->other, $row->kind)) {
                continue;
            }
            foreach (Language::cases() as $language) {
                $name = FailureNames::own($language, $row->kind);
                if ($row->kind->isPlain() || null !== $name && FailureNames::catches($language, $name, $chosen)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param bool $orRaises whether what the rows raise themselves counts, too */
    private function mayFail(Block $block, bool $orRaises): bool
    {
        foreach (Walk::statements($block->statements) as $row) {
            if ($row instanceof Command || $row instanceof SetItem || $row instanceof SetSeveral || $orRaises && $row instanceof Raise || $row instanceof OwnCall && $this->functionFails($row->function)) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $expression) {
                if ($this->fails($expression)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function fails(Expression $expression): bool
    {
        return match (true) {
            $expression instanceof MethodCall, $expression instanceof MakeObject, $expression instanceof Field => true,
            $expression instanceof OwnValue => $this->functionFails($expression->function),
            $expression instanceof Operation => !\in_array($expression->key, self::SAFE, true),
            $expression instanceof Binary => $expression->operator->isArithmetic() && !\in_array($expression->operator, [Operator::Add, Operator::Subtract, Operator::Multiply, Operator::Join], true) && !($expression->right instanceof NumberLiteral && 0.0 !== (float) $expression->right->value),
            default => $expression instanceof Item || $expression instanceof Slice,
        };
    }

    private function functionFails(string $name): bool
    {
        if (!isset($this->known[$name])) {
            // A function that calls itself fails where the rest of it does.
            $this->known[$name] = false;
            $function = $this->program->functionNamed($name);
            $this->known[$name] = null === $function || $this->mayFail($function->body, false);
        }

        return $this->known[$name];
    }
}
