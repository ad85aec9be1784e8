<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Loops and values that go over letters as numbers. */
final class LetterRows
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** `for (char c = 'a'; c <= 'e'; c++)` goes over letters. */
    public function counting(ForLoop $loop): Statement
    {
        $condition = $loop->condition;
        if (!$condition instanceof Binary || !$this->goesOverLetters($loop->id, $loop->variable, $condition, $loop->operator, $loop->amount)) {
            return $loop;
        }

        return new EachLoop($loop->id, [$loop->variable], new Operation(OperationKey::LettersBetween, [$loop->from, $condition->right]), $loop->body);
    }

    /**
     * What a letter becomes by a step is a letter.
     *
     * @return array{Operator|null, Expression} as step() gives it, by what the variable holds
     */
    public function stepOf(int $id, string $variable, Expression $condition, ?Operator $operator, Expression $amount): array
    {
        if (null === $operator || !$this->isLetter($variable) || $this->goesOverLetters($id, $variable, $condition, $operator, $amount)) {
            return [$operator, $amount];
        }

        return [null, $this->kept($variable, new Binary($operator, new VariableRead($variable), $amount))];
    }

    private function goesOverLetters(int $id, string $variable, Expression $condition, Operator $operator, Expression $amount): bool
    {
        return !isset($this->parser->outliving[$id]) && $this->isLetter($variable) && $condition instanceof Binary && $condition->left instanceof VariableRead && $condition->left->name === $variable
            && Operator::LessOrEqual === $condition->operator && Operator::Add === $operator && $amount instanceof NumberLiteral && 1 === $amount->value;
    }

    /** Whether a number is reckoned from letters, which may be one again. */
    public function isOfLetters(Expression $value): bool
    {
        return $value instanceof Binary && $value->operator->isArithmetic() && [] !== array_filter(Walk::expressions($value), fn (Expression $part): bool => $part instanceof TextLiteral && $part->letter
            || $part instanceof VariableRead && $this->isLetter($part->name) || $part instanceof Operation && OperationKey::Code === $part->key);
    }

    public function isLetter(string $name): bool
    {
        return 'char' === ($this->parser->types[$this->parser->scope][$name] ?? $this->parser->types[''][$name] ?? null);
    }

    /** Whether a value is a letter, as far as its row says. */
    public function isOne(Expression $value): bool
    {
        $isText = fn (Expression $of): bool => $of instanceof Operation && Result::Text === ValueOperations::find($of->key)?->result || 1 === preg_match('/^(?:const )?(?:std::)?string\b/', $this->parser->typeOf($of));

        return match (true) {
            $value instanceof TextLiteral => $value->letter,
            $value instanceof VariableRead => $this->isLetter($value->name),
            $value instanceof Item && $isText($value->container) => true,
            $value instanceof Operation && \in_array($value->key, [OperationKey::First, OperationKey::Last], true) && $isText($value->arguments[0]) => true,
            $value instanceof Operation && \in_array($value->key, [OperationKey::First, OperationKey::Last, OperationKey::Least, OperationKey::Greatest], true) && 'char' === $this->parser->typeOfItem($this->parser->typeOf($value->arguments[0])) => true,
            $value instanceof Operation => \in_array($value->key, [OperationKey::Letter, OperationKey::UpperLetter, OperationKey::LowerLetter], true),
            default => 'char' === TypeNames::bare($this->parser->typeOf($value)),
        };
    }

    /** A `char` is a small number that is shown as a letter (C++17, 6.9.1). */
    public function kept(string $name, Expression $value): Expression
    {
        if ('spot' === ($this->parser->iterators[$name][0] ?? '')) {
            return $this->parser->namesOfPlaces->movedTo($name, $value) ?? $this->parser->fail('unsupported', $this->parser->tokens[$this->parser->at - 1], ['what' => "$name = …"]);
        }
        $among = $this->parser->keyPlaces->among(new VariableRead($name));
        if (null !== $among) {
            return $this->parser->keyPlaces->keyAt($value, $among) ?? $this->parser->fail('unsupported', $this->parser->tokens[$this->parser->at - 1], ['what' => "$name = …"]);
        }
        if ($this->isLetter($name)) {
            return $value instanceof Binary && $value->operator->isArithmetic() ? new Operation(OperationKey::Letter, [$value]) : $value;
        }

        return $this->parser->initialValues->asNumber($this->parser->types[$this->parser->scope][$name] ?? $this->parser->types[''][$name] ?? '', $value);
    }
}
