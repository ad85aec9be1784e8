<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\ColourWords;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Cpp\StreamForms;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\RealArguments;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Expressions by precedence climbing, and what a call of a command or a function means in any language. */
abstract class ExpressionParser extends Parser
{
    /** Closing brackets by their opening ones. */
    protected const CLOSING = ['(' => ')', '[' => ']', '{' => '}'];

    /** @var list<array{Binary, int, string}> each plus, where its sign stands, and in whose scope */
    public array $sums = [];
    /** @var array<string, string> names that mean a command's object: `nib`, or what it was called on bringing it in */
    protected array $objects = ['nib' => 'nib', 'barrow' => 'barrow', 'lantern' => 'lantern', 'mower' => 'mower'];

    /** One less: `n - 1`, or the number itself. */
    public static function less(Expression $value, int $by = 1): Expression
    {
        if ($value instanceof NumberLiteral && \is_int($value->value)) {
            return new NumberLiteral($value->value - $by);
        }
        if ($value instanceof Binary && $value->right instanceof NumberLiteral && 1 === $value->right->value && (1 === $by && Operator::Add === $value->operator || -1 === $by && Operator::Subtract === $value->operator)) {
            return $value->left;
        }

        return new Binary(1 === $by ? Operator::Subtract : Operator::Add, $value, new NumberLiteral(1));
    }

    /** @return array<string, array{int, Operator}> strength and meaning of the signs between two values that group from the left */
    abstract protected function operators(): array;

    /** Whether an operation was made that means something only in a certain place. */
    private bool $hasTransients = false;

    /**
     * An operation that the catalogue does not have, as it is only part of a row: the row that takes it in knows it.
     *
     * @param list<Expression> $arguments
     */
    protected function transient(OperationKey $key, array $arguments): Operation
    {
        $this->hasTransients = true;

        return new Operation($key, $arguments);
    }

    /** Signs between the bits of two numbers, weakest first. */
    protected const BITS = ['|' => [1, OperationKey::BitOr], '^' => [2, OperationKey::BitXor], '&' => [3, OperationKey::BitAnd], '<<' => [4, OperationKey::ShiftedLeft], '>>' => [4, OperationKey::ShiftedRight], '>>>' => [4, OperationKey::ShiftedPlain]];

    /** Signs that change a value by an operation. */
    protected const CHANGED_BY = ['|=' => OperationKey::BitOr, '^=' => OperationKey::BitXor, '&=' => OperationKey::BitAnd, '<<=' => OperationKey::ShiftedLeft, '>>=' => OperationKey::ShiftedRight, '>>>=' => OperationKey::ShiftedPlain];

    /** @var array<int, true> rows by which what a name stands for changes itself, if it can: `seen |= more` in Python */
    public array $inPlace = [];
    /** @var array<int, true> loops with a variable that is there behind them, too: `for (i = 0; …)` below `int i;` */
    public array $outliving = [];

    /** `flags |= 4`. */
    protected function changedBy(Expression $target, OperationKey $key, Expression $amount, int $start): Statement
    {
        $value = new Operation($key, [$target, $amount]);
        $id = $this->newId();
        $this->inPlace += $this->facts->signsOnLists ? [$id => true] : [];
        if ($target instanceof VariableRead) {
            return new SetVariable($id, $target->name, $value);
        }

        return $target instanceof Item || $target instanceof Field ? new SetItem($id, $target, $value) : $this->failAt('unexpected', $start, 1, ['sign' => '=']);
    }

    /**
     * A value and signs of bits behind it, each with its operand.
     *
     * @param int          $strength of the operands
     * @param list<string> $signs    that may stand there
     */
    protected function bits(Expression $left, int $strength, array $signs): Expression
    {
        $values = [$left];
        /** @var list<array{int, OperationKey}> $waiting */
        $waiting = [];
        $fold = static function (int $least) use (&$values, &$waiting): void {
            while ([] !== $waiting && $waiting[\count($waiting) - 1][0] >= $least) {
                [, $key] = array_pop($waiting);
                $right = array_pop($values);
                $values[] = new Operation($key, [array_pop($values) ?? $right, $right]);
            }
        };
        while (null !== ($sign = $this->sign()) && \in_array($sign, $signs, true)) {
            $fold(self::BITS[$sign][0]);
            $waiting[] = self::BITS[$sign];
            ++$this->at;
            $values[] = $this->expression($strength);
        }
        $fold(0);

        return $values[0];
    }

    abstract protected function prefix(Token $token): Expression;

    /** Signs with rules of their own: `?:`, `in`, `**`; null if the next token is none of them, or binds too weakly. */
    abstract protected function special(Expression $left, int $around, int $offset): ?Expression;

    /**
     * What a call of a function means that no table has.
     *
     * @param list<Argument> $arguments
     */
    abstract protected function builtin(string $name, array $arguments, Token $token): ?Expression;

    /**
     * @param list<Argument> $arguments
     */
    abstract protected function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression;

    abstract protected function property(Expression $receiver, string $name, Token $token): ?Expression;

    public function expression(int $around = 0): Expression
    {
        if (++$this->depth > Bounds::NESTING) {
            $this->fail('deep');
        }
        $token = $this->peek() ?? $this->fail($this->at > 0 ? 'value_missing' : 'empty', null, ['after' => self::shown($this->tokens[$this->at - 1] ?? null)]);
        $offset = $token->offset;
        $left = $this->prefix($token);
        $operators = $this->operators();
        for ($terms = 1; null !== $sign = $this->sign(); ++$terms) {
            if ($terms > Bounds::TERMS) {
                $this->fail('many_terms', $token, ['most' => Bounds::TERMS]);
            }
            if (isset($operators[$sign])) {
                [$strength, $operator] = $operators[$sign];
                if ($strength < $around) {
                    break;
                }
                $at = $this->offset();
                ++$this->at;
                $right = $this->expression($strength + 1);
                $left = $this->combine($operator, $left, $right, $at);
                continue;
            }
            // What closes or divides a list ends every expression.
            $made = ')' === $sign || ',' === $sign || ']' === $sign ? null : $this->special($left, $around, $offset);
            if (null === $made) {
                break;
            }
            $left = $made;
        }
        --$this->depth;

        return $left;
    }

    protected function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        $binary = new Binary($operator, $left, $right);
        if (Operator::Add === $operator) {
            // What fails in an attempt may be meant to.
            if (0 === $this->tries) {
                // What a small function is given is none of the variables around it.
                if ([] === array_filter([] === $this->lambdaNames ? [] : Walk::expressions($binary), fn (Expression $part): bool => $part instanceof VariableRead && isset($this->lambdaNames[$part->name]))) {
                    $this->sums[] = [$binary, $at, $this->scope];
                }
            }
        }

        return $binary;
    }

    /** Whether finding a value twice does nothing else than finding it once, and gives no second list. */
    public function isPlain(Expression $value): bool
    {
        foreach (Walk::expressions($value) as $part) {
            $isPlain = $part instanceof NumberLiteral || $part instanceof TextLiteral || $part instanceof TruthLiteral || $part instanceof VariableRead || $part instanceof NothingLiteral
                || $part instanceof Unary || $part instanceof Binary || $part instanceof Item || $part instanceof Field || $part instanceof Operation && \in_array($part->key, [OperationKey::Length, OperationKey::ToWhole, OperationKey::ToNumber, OperationKey::ToText, OperationKey::Code, OperationKey::Letter, OperationKey::Upper, OperationKey::Lower, OperationKey::UpperLetter, OperationKey::LowerLetter, OperationKey::Absolute, OperationKey::Floor], true);
            if (!$isPlain) {
                return false;
            }
        }

        return true;
    }

    protected function negated(Expression $operand): Expression
    {
        return $operand instanceof NumberLiteral && ($operand->value > 0 || 0 === $operand->value)
            ? new NumberLiteral(-$operand->value)
            : new Unary(UnaryOperator::Negate, $operand);
    }

    /** Says of a word that joins conditions in another language what does so here. */
    protected function foreignLogic(Token $token): void
    {
    }

    /** `=>` and `=<` are meant for the signs of comparisons. */
    protected function signsMeant(): void
    {
        $token = $this->peek();
        $next = $this->peek(1);
        $meant = match (true) {
            '=>' === $token?->text => '>=',
            '=' === $token?->text && ('>' === $next?->text || '<' === $next?->text) && $next->offset === $token->offset + 1 => $next->text.'=',
            default => null,
        };
        if (null !== $token && null !== $meant) {
            $this->fail('signs_swapped', $token, ['sign' => strrev($meant), 'near' => $meant], [new Replacement($token->offset, 2, $meant)]);
        }
    }

    /** Reads the closing sign of what was opened; says where it is missing. */
    public function close(Token $opened): void
    {
        $closing = self::CLOSING[$opened->text];
        if ($this->accept($closing)) {
            return;
        }
        $next = $this->peek();
        if (null !== $next && \in_array($next->text, self::CLOSING, true) && TokenKind::Sign === $next->kind) {
            $this->fail('wrong_bracket', $next, ['wanted' => $closing, 'opened' => $opened->text], [new Replacement($next->offset, 1, $closing)]);
        }
        $this->signsMeant();
        $at = array_search($opened, $this->tokens, true);
        if ('=' === $next?->text && '(' === $opened->text && $this->notation->indents && TokenKind::Name !== ($this->tokens[(int) $at - 1] ?? null)?->kind && !\in_array($this->tokens[(int) $at - 1]->text ?? '', [')', ']'], true)) {
            $this->fail('assign_in_condition', $next, [], [new Replacement($next->offset, 1, '==')]);
        }
        if (TokenKind::Unread === $next?->kind) {
            $this->strange($next);
        }
        if (false !== $at && ($this->partners[$at] ?? 0) > $this->at && (\in_array($next?->text, ['(', '[', '='], true) || '`' === ($next->text[0] ?? ''))) {
            // It goes on in a way that is not read.
            $this->fail('unsupported', $next, ['what' => ($next->text[0] ?? '').'…']);
        }
        if (null !== $next && (TokenKind::Name === $next->kind || TokenKind::Number === $next->kind || TokenKind::Text === $next->kind)) {
            $this->foreignLogic($next);
            $this->fail('comma_missing', $next, [], [new Replacement($this->endOffset(), 0, ',')]);
        }
        $this->failAt('bracket_missing', $opened->offset, 1, ['wanted' => $closing, 'opened' => $opened->text], [new Replacement($this->beforeEnd(), 0, $closing)]);
    }

    /** Says that what was opened is not closed before the end. */
    public function neverClosed(Token $opened): never
    {
        $this->close($opened);
        throw new \LogicException('Something stands behind the end.');
    }

    /** Where a missing closing bracket goes: behind the last value of the row. */
    protected function beforeEnd(): int
    {
        $last = $this->tokens[$this->until - 1] ?? null;
        $end = null === $last ? $this->endOffset() : $last->offset + \strlen($last->text);

        return null !== $last && \in_array($last->text, [':', ';', '{'], true) && TokenKind::Sign === $last->kind ? $last->offset - (' ' === ($this->text[$last->offset - 1] ?? '') ? 1 : 0) : $end;
    }

    /**
     * @param array<string, string|int> $parameters
     * @param list<Replacement>         $fix
     */
    public function failAt(string $kind, int $offset, int $length, array $parameters = [], array $fix = []): never
    {
        throw new ParseFailure(new Mistake($kind, $offset, $length, $parameters, $fix));
    }

    /** @return list<Argument> after the opening bracket, up to and with the closing one */
    public function arguments(Token $opened): array
    {
        $closing = self::CLOSING[$opened->text] ?? $this->fail('unexpected', $opened);
        $arguments = [];
        while (!$this->is($closing)) {
            $next = $this->peek();
            if (null === $next) {
                $this->neverClosed($opened);
            }
            if ($this->is(',')) {
                $this->fail('extra_comma', $next, [], [new Replacement($this->offset(), 1, '')]);
            }
            $arguments[] = $this->argument();
            if (!$this->accept(',')) {
                break;
            }
        }
        $last = end($arguments);
        if ($this->is('=') && false !== $last && $last->value instanceof ListLiteral) {
            $this->fail('unsupported', $this->peek(), ['what' => '[…] = […]']);
        }
        $this->close($opened);

        return $this->collapsed($arguments);
    }

    /**
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    protected function collapsed(array $arguments): array
    {
        return $arguments;
    }

    protected function argument(): Argument
    {
        $offset = $this->offset();
        $value = $this->argued();

        return new Argument($value, $offset, $this->endOffset());
    }

    /** A value between the brackets of a call. */
    protected function argued(): Expression
    {
        return $this->expression();
    }

    /** What follows a value: calls, points and indexes. */
    protected function postfix(Expression $value): Expression
    {
        for ($steps = 1;; ++$steps) {
            $token = $this->peek();
            if (null === $token || TokenKind::Sign !== $token->kind) {
                return $value;
            }
            if ($steps > Bounds::NESTING) {
                $this->fail('deep');
            }
            if ('.' === $token->text || '->' === $token->text && ([] !== $this->classes || $this->notation->typed)) {
                ++$this->at;
                $value = $this->member($value);
            } elseif ('[' === $token->text) {
                ++$this->at;
                $value = $this->indexed($value, $token);
            } elseif ('(' === $token->text && $this->mayBeCalled($value)) {
                ++$this->at;
                $given = $this->handed($this->arguments($token));
                $value = $value instanceof FunctionReference ? new OwnValue($value->function, $given) : new MethodCall($value, MethodCall::CALL, $given);
            } else {
                return $value;
            }
        }
    }

    /**
     * The parameters of a function, read ahead of its body.
     *
     * @param int      $at    the bracket that opens them
     * @param int|null $until the token behind the last one that may belong to them
     *
     * @return array{int, int, list<string>} fewest and most arguments, and the names
     */
    protected function signature(int $at, ?int $until = null): array
    {
        $parameters = [];
        $defaults = $depth = 0;
        $rest = null;
        $this->namedRest = '';
        for ($until ??= \count($this->tokens); $at < $until; ++$at) {
            $text = $this->tokens[$at]->text;
            if (1 === $depth && ('{' === $text || '[' === $text) && \in_array($this->tokens[$at - 1]->text, ['(', ','], true)) {
                // Names that take a parameter apart.
                $parameters[] = '';
            }
            $depth += \in_array($text, ['(', '[', '{'], true) ? 1 : (\in_array($text, [')', ']', '}'], true) ? -1 : 0);
            if (0 === $depth) {
                break;
            }
            if (1 === $depth && 'lambda' === $text && TokenKind::Keyword === $this->tokens[$at]->kind) {
                // Its parameters are its own (The Python Language Reference, 6.14).
                while (isset($this->tokens[$at + 1]) && ':' !== $this->tokens[$at + 1]->text) {
                    ++$at;
                }
                continue;
            }
            $isRest = \in_array($this->tokens[$at - 1]->text, ['*', '...'], true) && \in_array($this->tokens[$at - 2]->text ?? '', ['(', ','], true);
            if (1 === $depth && TokenKind::Name === $this->tokens[$at]->kind && ($isRest || \in_array($this->tokens[$at - 1]->text, ['(', ','], true))) {
                $rest = $isRest ? \count($parameters) : $rest;
                $parameters[] = $text;
            } elseif (1 === $depth && TokenKind::Name === $this->tokens[$at]->kind && '**' === $this->tokens[$at - 1]->text && \in_array($this->tokens[$at - 2]->text ?? '', ['(', ','], true)) {
                $this->namedRest = $parameters[] = $text;
                ++$defaults;
            } elseif (1 === $depth && '=' === $text) {
                ++$defaults;
            }
        }

        $this->rest = $rest;

        return [\count($parameters) - $defaults - (null === $rest ? 0 : 1), null === $rest && '' === $this->namedRest ? \count($parameters) : self::UNLIMITED, $parameters];
    }

    /** How many values a function takes that gathers them. */
    protected const UNLIMITED = 99;

    /** The parameter for all that is given by a name that no other has, in the signature that was read last. */
    private string $namedRest = '';
    /** @var array<string, string> by function, its parameter for all that is given by other names */
    protected array $namedRests = [];

    /** Where the parameter for all that is given beyond the others stands in the signature that was read last; null for none. */
    protected ?int $rest = null;

    /** Notes the signature of a function of the program's own. */
    protected function announced_(string $name, int $at, ?int $until = null): void
    {
        $this->functions[$name] = $this->signature($at, $until);
        if (null !== $this->rest) {
            $this->rests[$name] = $this->rest;
        }
        if ('' !== $this->namedRest) {
            $this->namedRests[$name] = $this->namedRest;
        }
    }

    /**
     * What is given by names that no parameter has, in one map.
     *
     * @param list<string>   $parameters
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    private function withNamedRest(string $function, array $parameters, array $arguments): array
    {
        $name = $this->namedRests[$function] ?? null;
        if (null === $name) {
            return $arguments;
        }
        $entries = $kept = [];
        $last = $arguments[array_key_last($arguments) ?? 0] ?? null;
        if ('**' === $last?->name && [] === array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name && !\in_array($argument->name, ['*', '**'], true))) {
            // They are handed on as a whole, in a map of their own (The Python Language Reference, 6.3.4).
            return [...\array_slice($arguments, 0, -1), new Argument(new Operation(OperationKey::Copied, [$last->value]), $last->offset, $last->end, $name)];
        }
        foreach ($arguments as $argument) {
            if ('**' === $argument->name) {
                $this->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => '**…']);
            }
            if (null === $argument->name || '*' === $argument->name || $argument->name !== $name && \in_array($argument->name, $parameters, true)) {
                $kept[] = $argument;
            } else {
                array_push($entries, new TextLiteral($argument->name), $argument->value);
            }
        }

        return [...$kept, new Argument(new MapLiteral($entries), $this->endOffset(), $this->endOffset(), $name)];
    }

    /**
     * What is given to a function, all that goes beyond its own parameters in one list.
     *
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    protected function packed(string $function, array $arguments): array
    {
        $at = $this->rests[$function] ?? null;
        if (null === $at) {
            return $arguments;
        }
        $given = array_values(array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name || '*' === $argument->name || '...' === $argument->name));
        $named = array_values(array_filter($arguments, static fn (Argument $argument): bool => !\in_array($argument, $given, true)));
        $more = \array_slice($given, $at);
        $list = null;
        foreach ($more as $one) {
            $item = null === $one->name ? new ListLiteral([$one->value]) : new Operation(OperationKey::AsList, [$one->value]);
            $list = match (true) {
                null === $list => $item,
                $list instanceof ListLiteral && $item instanceof ListLiteral => new ListLiteral([...$list->items, ...$item->items]),
                default => new Operation(OperationKey::Concatenated, [$list, $item]),
            };
        }
        $list ??= new ListLiteral([]);
        $first = $more[0] ?? null;
        $last = $more[\count($more) - 1] ?? null;
        if (\count($given) < $at && [] === $named) {
            return $given;
        }
        // Behind parameters that are given by their names, or have a default, it needs its own.
        $rest = \count($given) < $at ? $this->functions[$function][2][$at] ?? null : null;

        return [...\array_slice($given, 0, $at), new Argument($this->facts->tuples ? new Operation(OperationKey::AsTuple, [$list]) : $list, $first->offset ?? $this->endOffset(), $last->end ?? $this->endOffset(), $rest), ...$named];
    }

    /** Whether a value may be a function, so that brackets behind it call it. */
    protected function mayBeCalled(Expression $value): bool
    {
        return $value instanceof Item || $value instanceof FunctionReference || $value instanceof MethodCall || $value instanceof Field || $value instanceof Lambda || $value instanceof MakeObject && null !== $this->ownerOf($value->class, '@called')
            || $value instanceof OwnValue;
    }

    abstract protected function indexed(Expression $container, Token $opened): Expression;

    protected function member(Expression $receiver): Expression
    {
        $name = $this->peek();
        if (null === $name || TokenKind::Name !== $name->kind && TokenKind::Keyword !== $name->kind) {
            $this->fail('name_missing', $name);
        }
        ++$this->at;
        $opened = $this->peek();
        if (null !== $opened && '(' === $opened->text && TokenKind::Sign === $opened->kind) {
            ++$this->at;
            $arguments = $this->arguments($opened);

            return $this->methodCall($receiver, $name, $arguments);
        }
        $isOwn = $receiver instanceof VariableRead && $receiver->name === $this->itself && '' !== $this->class;
        // Another class may be asked for what this one keeps.
        if (isset($this->asked[$name->text]) && !$receiver instanceof TextLiteral && (!$isOwn || null !== $this->ownerOf($this->class, $name->text) || !isset($this->fieldNames[$name->text]))) {
            return $this->askedFor($receiver, $name->text);
        }
        $static = isset($this->fieldNames[$name->text]) ? null : $this->anyStatic($name->text);
        if (null !== $static) {
            $this->read($static, $name->offset);

            return new VariableRead($static);
        }
        if ($isOwn) {
            $this->checkField($name);
        }
        $isBound = $this->facts->bindsByHand && $this->is('.') && $this->is('bind', 1);
        $handed = isset($this->methodNames[$name->text]) && ($isBound || !isset($this->setFields[$name->text])) ? $this->methodAsValue($receiver, $name) : null;
        if (null !== $handed) {
            return $handed;
        }
        if ((isset($this->fieldNames[$name->text]) || $this->facts->asksObjects && $this->isSharedByAny($name->text)) && $this->mayHaveFields($receiver)) {
            return new Field($receiver, $name->text);
        }
        $property = SpellingIndex::of($this->language())->properties[$name->text] ?? null;
        if (null !== $property) {
            return new Operation($property, [$receiver]);
        }

        return $this->property($receiver, $name->text, $name) ?? $this->unknownMethod($name, false);
    }

    /** The ends of lines inside of a literal are the same, however a file writes them (The Python Language Reference, 2.1.2; ECMAScript 2022, 12.9.6.1). */
    protected static function withPlainEnds(string $text): string
    {
        return str_contains($text, "\r") ? str_replace(["\r\n", "\r"], "\n", $text) : $text;
    }

    /** A method of the program's own that is not called: null where the language has no such value, or not here. */
    protected function methodAsValue(Expression $receiver, Token $name): ?Expression
    {
        return null;
    }

    /** What a method works out that is written like a field; lists and texts have some of those names, and a plain object of JavaScript keeps what it was given. */
    protected function askedFor(Expression $receiver, string $name): MethodCall
    {
        $property = SpellingIndex::of($this->language())->properties[$name] ?? null;
        $otherwise = match (true) {
            null !== $property => new Operation($property, [$receiver]),
            $this->facts->namedPlaces => new Item($receiver, new TextLiteral($name)),
            default => null,
        };

        return new MethodCall($receiver, $name, [], $otherwise);
    }

    /** @param list<Argument> $arguments */
    private function methodCall(Expression $receiver, Token $name, array $arguments): Expression
    {
        if (isset($this->methodNames[$name->text]) && !$receiver instanceof TextLiteral && !$this->isOfLibrary($receiver)) {
            return $this->sent($receiver, $name, $arguments);
        }

        return $this->builtinCall($receiver, $name, $arguments);
    }

    /** Whether the text itself says that a value is no object of the program's own classes. */
    protected function isOfLibrary(Expression $receiver): bool
    {
        return false;
    }

    /**
     * A method of the program's own; a list or a text may have one of that name, too, which its type tells.
     *
     * @param list<Argument> $arguments
     */
    private function sent(Expression $receiver, Token $name, array $arguments): Expression
    {
        $arguments = $this->asTaken('.'.$name->text, $arguments);
        $mistakes = \count($this->mistakes);
        try {
            $otherwise = $this->builtinCall($receiver, $name, $arguments);
        } catch (ParseFailure) {
            $otherwise = null;
        }
        self::cutTo($this->mistakes, $mistakes);
        $named = array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name);
        $values = $this->handed($arguments);
        $named = array_filter($named, static fn (Argument $argument): bool => '*' !== $argument->name && '...' !== $argument->name);
        if ([] !== $named) {
            $signatures = array_values(array_filter(array_map(static fn (array $methods): ?array => $methods[$name->text] ?? null, $this->methods)));
            $isGathered = self::UNLIMITED - 1 <= ($signatures[0][1] ?? 0) || \count($named) < \count(array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name));
            // Where methods of one name take values in another order, it shows when it runs which of them is meant.
            $isOne = 1 >= \count(array_unique(array_map(static fn (array $signature): string => implode(' ', $signature[2]), $signatures)));
            $values = !$isGathered && ($isOne || !$this->facts->namesArguments) ? $this->inOrderOf($signatures[0][2] ?? [], $arguments) : $values;
        }

        return $this->calledOf($receiver, $name->text, $values) ?? new MethodCall($receiver, $name->text, $values, $otherwise);
    }

    /**
     * A call whose class shows where it is written, whatever the object turns out to be; null for any other.
     *
     * @param list<Expression> $arguments
     * @param string|null      $class     of the receiver, where it is known from elsewhere
     */
    protected function calledOf(Expression $receiver, string $method, array $arguments, ?string $class = null): ?OwnValue
    {
        return null;
    }

    /**
     * What is given, as what takes it has it: in some languages the type of a parameter says what braces make.
     *
     * @param string         $name      of a function, or of a method behind a point
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    protected function asTaken(string $name, array $arguments): array
    {
        return $arguments;
    }

    /** @param list<Argument> $arguments */
    private function builtinCall(Expression $receiver, Token $name, array $arguments): Expression
    {
        $made = $this->method($receiver, $name->text, $arguments, $name);
        if (null !== $made) {
            return $made;
        }
        if ($receiver instanceof NothingLiteral) {
            // It is asked so that it fails.
            $this->fail('unsupported', $name, ['what' => ".$name->text(…)"]);
        }
        $candidates = SpellingIndex::of($this->language())->methods[$name->text] ?? [];
        $made = Spelled::match($candidates, [new Argument($receiver, 0, 0), ...$arguments], $this->text);
        if (null !== $made) {
            return $made;
        }
        $kept = [] === $candidates ? null : $this->ofValue($receiver, $name, $arguments);
        if (null !== $kept) {
            return $kept;
        }
        if ([] !== $candidates) {
            $this->miscounted($name, $name->text, \count($candidates[0][1]) - 1, $arguments);
        }

        return $this->ofValue($receiver, $name, $arguments) ?? $this->unknownMethod($name, true);
    }

    /**
     * What the language brings is given another number of values than is known here.
     *
     * @param list<Argument> $arguments
     */
    private function miscounted(Token $at, string $name, int $wanted, array $arguments): never
    {
        $given = \count($arguments);
        if (RealArguments::take($this->language(), $name, $arguments, $wanted)) {
            $this->fail('unsupported', $at, ['what' => $name.'('.implode(', ', array_fill(0, max(1, $given), '…')).')']);
        }
        $this->fail($given < $wanted ? 'few_arguments' : 'many_arguments', $at, ['name' => $name, 'wanted' => $wanted, 'given' => $given]);
    }

    /**
     * A call of what something holds under a name, where the language writes that like a method.
     *
     * @param list<Argument> $arguments
     */
    protected function ofValue(Expression $receiver, Token $name, array $arguments): ?Expression
    {
        return null;
    }

    protected function unknownMethod(Token $name, bool $called): never
    {
        if (isset($this->givenSomewhere()[$name->text])) {
            // What is given a value somewhere is no slip of the pen.
            $this->fail('unsupported', $name, ['what' => ".$name->text"]);
        }
        if (!$called && isset($this->methodNames[$name->text])) {
            // A method as a value, with the object that it is asked of.
            $this->fail('unsupported', $name, ['what' => "….$name->text"]);
        }
        if (1 === preg_match('/\[\s*(?:"[^"\n]*"|\'[^\'\n]*\')\s*\+|\[\s*`[^`]*\$\{/', $this->text)) {
            // Names that are put together while the program runs may be any.
            $this->fail('unsupported', $name, ['what' => ".$name->text"]);
        }
        $known = [...array_keys(SpellingIndex::of($this->language())->methods), ...array_keys(SpellingIndex::of($this->language())->properties)];
        $near = Names::nearest($name->text, array_map(strval(...), $known));
        if (null !== $near) {
            $this->fail('misspelt_method', $name, ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
        }
        if (1 === preg_match('/^__\w+__$/D', $name->text)) {
            // Names of this form are the machine's own.
            $this->fail('unsupported', $name, ['what' => $name->text]);
        }
        $this->fail($called ? 'unknown_method' : 'unknown_property', $name, ['name' => $name->text]);
    }

    /** @var array<string, true>|null names behind a point that the text gives a value */
    private ?array $givenSomewhere = null;

    /** @return array<string, true> found once, as any number of calls may ask for them */
    private function givenSomewhere(): array
    {
        if (null === $this->givenSomewhere) {
            $this->givenSomewhere = [];
            foreach ($this->tokens as $at => $token) {
                if ('.' === $token->text && \in_array($this->tokens[$at + 2]->text ?? '', ['=', '+='], true)) {
                    $this->givenSomewhere[$this->tokens[$at + 1]->text] = true;
                }
            }
        }

        return $this->givenSomewhere;
    }

    /** A name, and what stands behind it. */
    protected function named(Token $token): Expression
    {
        ++$this->at;
        $name = $token->text;
        $next = $this->peek();
        $sign = null !== $next && TokenKind::Sign === $next->kind ? $next->text : '';
        if (isset($this->caught[$name])) {
            return $this->postfix($this->caught[$name] ? $this->plainName($token) : $this->saysOf($token));
        }
        if ('(' === $sign && null !== $next) {
            ++$this->at;

            return $this->postfix($this->asSaid($this->called($token, $this->arguments($next))));
        }
        if ('.' === $sign && !$this->isVariable($name)) {
            $made = $this->path($token);
            if (null !== $made) {
                return $this->postfix($made);
            }
        }

        return $this->postfix($this->plainName($token));
    }

    /** Whether a value may be found twice. */
    protected function isSteady(Expression $value): bool
    {
        foreach (Walk::expressions($value) as $part) {
            if ($part instanceof OwnValue || $part instanceof MethodCall || $part instanceof MakeObject || $part instanceof Operation && (true === ValueOperations::find($part->key)?->hasEffect() || OperationKey::FoundNext === $part->key)) {
                return false;
            }
        }

        return true;
    }

    /** A text made of what a failure says is that. */
    protected function asSaid(Expression $value): Expression
    {
        $of = $value instanceof Operation && OperationKey::ToText === $value->key ? $value->arguments[0] ?? null : null;

        return $of instanceof VariableRead && isset($this->caught[$of->name]) ? $of : $value;
    }

    /** What some class keeps under a name, if one alone does. */
    protected function anyStatic(string $name): ?string
    {
        $found = [];
        foreach ($this->statics as $class => $names) {
            if (isset($names[$name])) {
                $found[] = "$class.$name";
            }
        }

        return 1 === \count($found) ? $found[0] : null;
    }

    /** Whether several classes share something under a name. */
    public function isSharedByAny(string $name): bool
    {
        foreach ($this->statics as $names) {
            if (isset($names[$name])) {
                return true;
            }
        }

        return false;
    }

    /** What an object is asked for is kept somewhere, or one slip of the hand away from what is. */
    private function checkField(Token $name): void
    {
        if ([] === $this->setFields || isset($this->setFields[$name->text]) || isset($this->methodNames[$name->text]) || $this->isSharedByAny($name->text)) {
            return;
        }
        if ($this->isRaised($this->class) && RealNames::has($name->text, $this->language())) {
            // What the language's own failures keep.
            $this->fail('unsupported', $name, ['what' => ".$name->text"]);
        }
        $near = Names::nearest($name->text, array_map(strval(...), array_keys($this->setFields)));
        $this->mistake(null === $near ? 'unknown_field' : 'misspelt_field', $name->offset, \strlen($name->text), ['name' => $name->text, 'near' => $near ?? ''], null === $near ? [] : [new Replacement($name->offset, \strlen($name->text), $near)]);
    }

    /** Whether something may be an object of one of the program's classes, as far as the text shows it. */
    protected function mayHaveFields(Expression $value): bool
    {
        return !$value instanceof TextLiteral;
    }

    /** What a failure says that was caught under this name, which was read already. */
    abstract protected function saysOf(Token $name): Expression;

    /** A failure can be asked for what it says, and for nothing else yet. */
    public function noFailure(Token $name): never
    {
        for ($at = $this->at - 1; null === $this->peek() && $at >= 0; --$at) {
            if ('(' === $this->tokens[$at]->text && TokenKind::Sign === $this->tokens[$at]->kind && !isset($this->partners[$at])) {
                $this->close($this->tokens[$at]);
            }
        }
        $this->fail('unsupported', $name, ['what' => $name->text.self::CAUGHT]);
    }

    public function plainName(Token $token): Expression
    {
        $property = SpellingIndex::of($this->language())->properties[$token->text] ?? null;
        if (null !== $property && !$this->isVariable($token->text) && !ctype_lower($token->text[0])) {
            return new Operation($property);
        }
        $this->read($token->text, $token->offset);

        return new VariableRead($token->text);
    }

    public function isVariable(string $name): bool
    {
        return isset($this->writes[$this->holderOf($name, $this->scope)][$name]);
    }

    /** `nib.forward(50)`, `math.pi`: a name of an object or a library, and one of its members. */
    private function path(Token $object): ?Expression
    {
        $member = $this->peek(1);
        if (null === $member || TokenKind::Name !== $member->kind && TokenKind::Keyword !== $member->kind) {
            return isset($this->objects[$object->text]) ? $this->fail('name_missing', $member ?? $this->peek()) : null;
        }
        $opened = $this->peek(2);
        $isCall = null !== $opened && TokenKind::Sign === $opened->kind && '(' === $opened->text;
        $full = $object->text.'.'.$member->text;
        if (isset($this->objects[$object->text])) {
            $this->at += 2;
            if (!$isCall) {
                return $this->uncalled($object, $member);
            }
            ++$this->at;

            return $this->command($this->objects[$object->text], $member, $this->arguments($opened), $object);
        }
        if ($isCall && $this->hasMembers($object->text)) {
            $this->at += 3;

            return $this->memberCall($object, $member, $this->arguments($opened)) ?? $this->unknownCommand($object->text, $member);
        }
        $asked = $isCall || [] === $this->staticAsked ? null : $this->ownerOf($object->text, $member->text);
        if (null !== $asked && isset($this->staticAsked["$asked.$member->text"])) {
            $this->at += 2;

            return new OwnValue("$asked.$member->text", []);
        }
        $static = $isCall ? null : $this->staticOf($object->text, $member->text);
        if (null !== $static) {
            $this->at += 2;
            $this->read($static, $member->offset);

            return new VariableRead($static);
        }
        $owner = $isCall || !$this->facts->classesAreFunctions ? null : $this->ownerOf($object->text, $member->text);
        if (null !== $owner && 1 >= ($this->methods[$owner][$member->text][1] ?? 9) && !isset($this->asked[$member->text])) {
            // A method by its class, as a function of the object: `key=Bed.litres`.
            $this->at += 2;

            return new Lambda(['one'], new MethodCall(new VariableRead('one'), $member->text, []));
        }
        $index = SpellingIndex::of($this->language());
        if ($isCall && $this->knows($object->text)) {
            $this->at += 3;
            $arguments = $this->arguments($opened);
            $made = $this->builtin($full, $arguments, $member) ?? Spelled::match($index->functions[$full] ?? [], $arguments, $this->text);
            if (null === $made) {
                $this->unknownMember($object, $member, $arguments);
            }

            return $made;
        }
        if (!$isCall && 'Math' === $object->text && $this->knows('Math') && !isset($index->properties[$full]) && \in_array($member->text, ['min', 'max', 'pow', 'hypot', 'atan2'], true) && !$this->is('.', 2)) {
            // One of several values, or of none, that is handed on.
            $this->fail('unsupported', $member, ['what' => $full]);
        }
        $spelled = !$isCall && $this->knows($object->text) && !isset($index->properties[$full]) ? $index->functions[$full][0] ?? null : null;
        if (null !== $spelled && 1 === \count($spelled[1]) && !\in_array($this->sign(2), ['.', '[', '='], true)) {
            // `Math.sqrt` and `math.sqrt` as values: functions of one value.
            $this->at += 2;

            return new Lambda(['item'], new Operation($spelled[0], [new VariableRead('item')]));
        }
        if (!$isCall && isset($index->properties[$full])) {
            $this->at += 2;

            return new Operation($index->properties[$full]);
        }
        $near = !$isCall || isset($this->functions[$object->text]) ? null : Names::nearest($object->text, $this->libraries());
        if (null !== $near) {
            $this->fail(strtolower($near) === strtolower($object->text) ? 'capitals' : 'misspelt_name', $object, ['name' => $object->text, 'near' => $near], [new Replacement($object->offset, \strlen($object->text), $near)]);
        }
        $meant = lcfirst($object->text);
        if ($meant !== $object->text && ($this->knows($meant) || isset($this->objects[$meant]))) {
            $this->fail('capitals', $object, ['name' => $object->text, 'near' => $meant], [new Replacement($object->offset, \strlen($meant), $meant)]);
        }

        return null;
    }

    /** @var array<string, true> methods of classes that are written like what a class keeps, behind the class */
    protected array $staticAsked = [];

    /** @return list<string> what is always there and has functions of its own */
    protected function libraries(): array
    {
        return [];
    }

    /** Whether a name means something with functions of its own language alone. */
    protected function hasMembers(string $object): bool
    {
        return false;
    }

    /** @param list<Argument> $arguments */
    protected function memberCall(Token $object, Token $member, array $arguments): ?Expression
    {
        return null;
    }

    /** Whether a name means a library whose functions the tables have. */
    abstract protected function knows(string $object): bool;

    /** @param list<Argument> $arguments */
    private function unknownMember(Token $object, Token $member, array $arguments): never
    {
        $known = [];
        $full = $object->text.'.'.$member->text;
        $index = SpellingIndex::of($this->language());
        if (isset($index->functions[$full])) {
            $this->miscounted($member, $member->text, \count($index->functions[$full][0][1]), $arguments);
        }
        foreach (array_keys($index->functions) as $name) {
            if (str_starts_with($name, $object->text.'.')) {
                $known[] = substr($name, \strlen($object->text) + 1);
            }
        }
        $near = Names::nearest($member->text, [...$known, ...$this->extraMembers($object->text)]);
        if (null !== $near) {
            $this->fail('misspelt_method', $member, ['name' => $member->text, 'near' => $near], [new Replacement($member->offset, \strlen($member->text), $near)]);
        }
        $this->fail('unsupported', $member, ['what' => $full]);
    }

    /** @return list<string> */
    protected function extraMembers(string $object): array
    {
        return [];
    }

    /** A command of which the brackets are missing. */
    private function uncalled(Token $object, Token $member): never
    {
        $full = $this->objects[$object->text].'.'.$member->text;
        $entry = Vocabulary::commands($this->language())[$full] ?? null;
        if (null === $entry) {
            $this->unknownCommand($this->objects[$object->text], $member);
        }
        $end = $member->offset + \strlen($member->text);
        $next = $this->peek();
        if (null !== $next && (TokenKind::Number === $next->kind || TokenKind::Text === $next->kind || TokenKind::Name === $next->kind)) {
            $last = $this->beforeEnd();
            $this->fail('call_brackets', $member, ['name' => $full], [new Replacement($last, 0, ')'), new Replacement($end, $next->offset - $end, '(')]);
        }
        $this->fail('call_brackets', $member, ['name' => $full], [] === $entry->slots ? [new Replacement($end, 0, '()')] : []);
    }

    protected function unknownCommand(string $object, Token $member): never
    {
        $name = $member->text;
        $renamed = FormerNames::inTexts($this->language())["$object.$name"] ?? null;
        if (null !== $renamed) {
            $near = substr($renamed, \strlen($object) + 1);
            $this->fail('renamed', $member, ['name' => $name, 'near' => $near], [new Replacement($member->offset, \strlen($name), $near)]);
        }
        $methods = Vocabulary::methods($this->language(), $object);
        foreach ($methods as $method) {
            if (strtolower(str_replace('_', '', $method)) === strtolower(str_replace('_', '', $name))) {
                $this->fail('capitals', $member, ['name' => $name, 'near' => $method], [new Replacement($member->offset, \strlen($name), $method)]);
            }
        }
        $near = Names::nearest($name, $methods);
        if (null !== $near) {
            $this->fail('misspelt_command', $member, ['name' => $name, 'near' => $near], [new Replacement($member->offset, \strlen($name), $near)]);
        }
        foreach (SceneName::objects() as $other) {
            if ($other !== $object && \in_array($name, Vocabulary::methods($this->language(), $other), true)) {
                $this->fail('other_scene', $member, ['name' => $name, 'object' => $other]);
            }
        }
        $this->fail('unknown_command', $member, ['name' => $name, 'object' => $object]);
    }

    /** @param list<Argument> $arguments */
    protected function command(string $object, Token $member, array $arguments, ?Token $start = null): Expression
    {
        $entry = Vocabulary::commands($this->language())["$object.$member->text"] ?? $this->unknownCommand($object, $member);

        return $this->commanded($entry, $member, $arguments);
    }

    /** @param list<Argument> $arguments */
    protected function commanded(Entry $entry, Token $member, array $arguments): Expression
    {
        $given = [];
        $order = array_map(static fn (Slot $slot): string => $slot->name, $entry->slots);
        foreach ($arguments as $index => $argument) {
            $name = $argument->name ?? $order[$index] ?? '';
            $given[$name] = $argument;
        }
        $wanted = \count($order);
        if (\count($arguments) !== $wanted || [] !== array_diff($order, array_keys($given))) {
            $fix = 0 === $wanted && [] !== $arguments ? [new Replacement($arguments[0]->offset, $arguments[\count($arguments) - 1]->end - $arguments[0]->offset, '')] : [];
            $this->fail(\count($arguments) < $wanted ? 'few_arguments' : 'many_arguments', $member, ['name' => $member->text, 'wanted' => $wanted, 'given' => \count($arguments)], $fix);
        }
        $values = [];
        foreach ($entry->slots as $slot) {
            $values[] = $this->fitted($slot, $given[$slot->name]);
        }

        $this->placed($entry, $member);

        return new CommandValue($entry->key, $values);
    }

    /** Notes of which scene a command is. */
    protected function placed(Entry $entry, Token $member): void
    {
        $scene = SceneName::ofCommand($entry->key);
        if (null !== $scene) {
            $this->ofScenes[] = [$scene, $member];
        }
    }

    protected function fitted(Slot $slot, Argument $argument): Expression
    {
        $value = $argument->value;
        $length = $argument->end - $argument->offset;
        if (SlotType::Choice === $slot->type) {
            return $this->oneOf($slot, $argument);
        }
        if (SlotType::Handler === $slot->type) {
            return $this->handedOver($argument);
        }
        if (SlotType::Colour === $slot->type) {
            if ($value instanceof TextLiteral) {
                $known = Ink::canonical($value->value);
                if (null === $known || null === Ink::tryFrom($value->value) && '#' !== $value->value[0]) {
                    $inks = array_map(static fn (Ink $ink): string => $ink->value, Ink::cases());
                    $near = $known ?? ColourWords::nearest($value->value)->value ?? Names::nearest($value->value, $inks);
                    $this->mistake('no_such_choice', $argument->offset, $length, ['name' => $value->value, 'near' => $near ?? $inks[0]], null === $near ? [] : [new Replacement($argument->offset, $length, '"'.$near.'"')]);
                }
            } elseif ($value instanceof NumberLiteral) {
                $this->mistake('wrong_kind_colour', $argument->offset, $length, ['name' => $slot->name]);
            } elseif ($value instanceof VariableRead && null !== ($ink = Ink::tryFrom($value->name) ?? ColourWords::nearest($value->name)) && !$this->isVariable($value->name)) {
                $this->silenced[$value->name] = true;
                $this->mistake('quotes_missing', $argument->offset, $length, ['name' => $ink->value], [new Replacement($argument->offset, $length, '"'.$ink->value.'"')]);
            }
        } elseif (SlotType::Number === $slot->type) {
            if ([] !== $slot->choices && $value instanceof TextLiteral) {
                return $this->oneOf($slot, $argument);
            }
            if ($value instanceof TextLiteral) {
                $isNumber = is_numeric($value->value);
                $this->mistake('wrong_kind_number', $argument->offset, $length, ['name' => $slot->name], $isNumber ? [new Replacement($argument->offset, $length, $value->value)] : []);
            } elseif ($value instanceof NumberLiteral && (null !== $slot->min && $value->value < $slot->min || null !== $slot->max && $value->value > $slot->max)) {
                $this->mistake('out_of_range', $argument->offset, $length, ['name' => $slot->name, 'min' => (int) $slot->min, 'max' => (int) $slot->max]);
            }
        }

        return $value;
    }

    private function oneOf(Slot $slot, Argument $argument): Expression
    {
        $value = $argument->value;
        $length = $argument->end - $argument->offset;
        $known = $slot->choices;
        if ($value instanceof TextLiteral && !\in_array($value->value, $known, true)) {
            $near = $slot->chosen($value->value) ?? Names::nearest($value->value, $known);
            $this->mistake('no_such_choice', $argument->offset, $length, ['name' => $value->value, 'near' => $near ?? $known[0]], null === $near ? [] : [new Replacement($argument->offset, $length, '"'.$near.'"')]);
        } elseif ($value instanceof VariableRead && \in_array($value->name, $known, true) && !$this->isVariable($value->name)) {
            $this->silenced[$value->name] = true;
            $this->mistake('quotes_missing', $argument->offset, $length, ['name' => $value->name], [new Replacement($argument->offset, $length, '"'.$value->name.'"')]);
        }

        return $value;
    }

    /** The name of a function, without brackets: it is not called here. */
    private function handedOver(Argument $argument): Expression
    {
        $value = $argument->value;
        if ($value instanceof VariableRead && isset($this->functions[$value->name])) {
            return new FunctionReference($value->name);
        }
        if ($value instanceof OwnValue && [] === $value->arguments) {
            $this->mistake('handler_called', $argument->offset, $argument->end - $argument->offset, ['name' => $value->function], [new Replacement($argument->end - 2, 2, '')]);

            return new FunctionReference($value->function);
        }
        $this->failAt('handler_wanted', $argument->offset, $argument->end - $argument->offset);
    }

    /**
     * Where nobody knows how many values are handed over in order, a name can't be given its place among them.
     *
     * @param list<Argument> $arguments
     */
    protected function refuseNames(array $arguments): void
    {
        foreach ($arguments as $argument) {
            if (null !== $argument->name && '*' !== $argument->name && '...' !== $argument->name) {
                $this->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => "*…, $argument->name=…"]);
            }
        }
    }

    /** @param list<Argument> $arguments */
    protected function called(Token $token, array $arguments): Expression
    {
        $name = $token->text;
        if (isset($this->lambdaNames[$name])) {
            $this->read($name, $token->offset);

            return new OwnValue($name, $this->handed($arguments));
        }
        if (isset($this->functions[$name])) {
            if ($this->runsInTurn()) {
                $this->wanted[] = $token;
            }

            if ($this->isSpread($name, $arguments)) {
                if (isset($this->classes[$name])) {
                    return new MakeObject($name, $this->handed($arguments));
                }
                $this->read($name, $token->offset, true);

                return new MethodCall(new FunctionReference($name), MethodCall::CALL, $this->handed($arguments));
            }
            $values = $this->ownArguments($token, $arguments);

            return isset($this->classes[$name]) ? new MakeObject($name, $values) : new OwnValue($name, $values);
        }
        if ($this->isVariable($name)) {
            $this->read($name, $token->offset);
            $handed = $this->handed($arguments);

            return \count($handed) === \count(array_filter($handed, static fn (Expression $value): bool => !$value instanceof Operation || !\in_array($value->key, [OperationKey::Spread, OperationKey::ByName, OperationKey::ByNames], true))) ? new OwnValue($name, $handed) : new MethodCall(new VariableRead($name), MethodCall::CALL, $handed);
        }
        $made = $this->builtin($name, $arguments, $token);
        if (null !== $made) {
            return $made;
        }
        $entry = Vocabulary::commands($this->language())['sleep' === $name ? 'wait' : $name] ?? null;
        if (null !== $entry) {
            return $this->commanded($entry, $token, $arguments);
        }
        $candidates = SpellingIndex::of($this->language())->functions[$name] ?? [];
        $made = Spelled::match($candidates, $arguments, $this->text);
        if (null !== $made) {
            return $made;
        }
        if ([] !== $candidates) {
            $this->miscounted($token, $name, \count($candidates[0][1]), $arguments);
        }
        $entry = Vocabulary::withoutObject($this->language(), $name);
        if (null !== $entry) {
            $this->fail('object_missing', $token, ['name' => $name, 'object' => (string) $entry->object()], [new Replacement($token->offset, 0, $entry->object().'.')]);
        }
        $this->read($name, $token->offset, true);

        return new OwnValue($name, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
    }

    /** A name for pairs that are gone over, which nothing inside has. */
    protected static function pairIn(Expression ...$inside): string
    {
        $taken = [];
        foreach ($inside as $value) {
            foreach (Walk::expressions($value) as $part) {
                $taken += match (true) {
                    $part instanceof VariableRead => [$part->name => true],
                    $part instanceof Collected => [$part->variable => true],
                    $part instanceof Lambda => array_fill_keys($part->parameters, true),
                    default => [],
                };
            }
        }
        for ($number = 1, $name = 'pair'; isset($taken[$name]); $name = 'pair_'.++$number) {
        }

        return $name;
    }

    /** @param list<Argument> $arguments those that spread a list among them */
    protected function inOneList(array $arguments): Expression
    {
        $all = new ListLiteral([]);
        foreach ($arguments as $argument) {
            $part = '*' === $argument->name || '...' === $argument->name ? new Operation(OperationKey::AsList, [$argument->value]) : new ListLiteral([$argument->value]);
            $all = $all == new ListLiteral([]) ? $part : new Operation(OperationKey::Concatenated, [$all, $part]);
        }

        return $all;
    }

    /** @var array<string, true> the parameters of the small functions around, which hide functions of these names */
    protected array $lambdaNames = [];

    /**
     * Whether all items of a list are given to parameters of their own, not to the one for all the others.
     *
     * @param list<Argument> $arguments
     */
    private function isSpread(string $function, array $arguments): bool
    {
        foreach ($arguments as $index => $argument) {
            if (('*' === $argument->name || '...' === $argument->name) && $index < ($this->rests[$function] ?? \PHP_INT_MAX)) {
                return true;
            }
            if ('**' === $argument->name && (!isset($this->namedRests[$function]) || $index < \count($arguments) - 1 || [] !== array_diff(array_values(array_diff_key($this->functions[$function][2] ?? [], isset($this->rests[$function]) ? [$this->rests[$function] => true] : [])), [$this->namedRests[$function]]))) {
                // Some of it may be for parameters that have a name.
                return true;
            }
            if (null !== $argument->name && isset($this->classes[$function]) && self::UNLIMITED - 1 <= ($this->functions[$function][1] ?? 0)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Argument> $arguments
     *
     * @return list<Expression> as they are handed over; all items of a list as values of their own
     */
    protected function handed(array $arguments): array
    {
        return array_map(fn (Argument $argument): Expression => match (true) {
            '*' === $argument->name, '...' === $argument->name => new Operation(OperationKey::Spread, [$argument->value]),
            '**' === $argument->name => new Operation(OperationKey::ByNames, [$argument->value]),
            null !== $argument->name && $this->facts->namesArguments => new Operation(OperationKey::ByName, [new TextLiteral($argument->name), $argument->value]),
            default => $argument->value,
        }, $arguments);
    }

    /** Whether a call of a function may do without the value at a place, though it has no default. */
    protected function mayBeLeftOut(string $function, int $index): bool
    {
        return false;
    }

    /**
     * The arguments of an own function in the order of its parameters.
     *
     * @param list<Argument> $arguments
     *
     * @return list<Expression>
     */
    private function ownArguments(Token $token, array $arguments): array
    {
        [$least, $most, $parameters] = $this->functions[$token->text];
        $isSpread = [] !== array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name);
        for ($index = \count($arguments); !$isSpread && $index < $least && $this->mayBeLeftOut($token->text, $index); ++$index) {
            $arguments[] = new Argument(new NothingLiteral(true), $token->offset, $token->offset + \strlen($token->text));
        }
        if (\count($arguments) < $least || \count($arguments) > $most) {
            $this->mistake(\count($arguments) < $least ? 'few_arguments' : 'many_arguments', $token->offset, \strlen($token->text), ['name' => $token->text, 'wanted' => \count($arguments) < $least ? $least : $most, 'given' => \count($arguments)]);
        }

        return $this->inOrderOf($parameters, $this->packed($token->text, $this->withNamedRest($token->text, $parameters, $arguments)));
    }

    /**
     * @param list<string>   $parameters
     * @param list<Argument> $arguments
     *
     * @return list<Expression>
     */
    protected function inOrderOf(array $parameters, array $arguments): array
    {
        $values = [];
        $named = [];
        foreach ($arguments as $argument) {
            if (null === $argument->name) {
                $values[] = $argument->value;
            } elseif (\in_array($argument->name, $parameters, true)) {
                $named[$argument->name] = $argument->value;
            } else {
                $near = Names::nearest($argument->name, $parameters);
                $this->failAt('no_such_parameter', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->name, 'near' => $near ?? ($parameters[0] ?? '')]);
            }
        }
        for ($index = \count($values); [] !== $named && $index < \count($parameters); ++$index) {
            // What is left out has its default, as has what is not defined in JavaScript (ECMA-262, 10.2.11).
            $values[] = $named[$parameters[$index]] ?? new NothingLiteral(true);
            unset($named[$parameters[$index]]);
        }

        return $values;
    }

    /** A row that is an expression alone. */
    protected function performed(Expression $value, int $offset, int $end): Statement
    {
        if ($value instanceof CommandValue) {
            $entry = Catalogue::get($value->command);
            if (!$entry->value) {
                return new Command($this->newId(), $entry->key, array_combine(array_map(static fn (Slot $slot): string => $slot->name, $entry->slots), $value->arguments));
            }
        }
        if ($value instanceof OwnValue) {
            return new OwnCall($this->newId(), $value->function, $value->arguments);
        }
        if ($value instanceof MethodCall || $value instanceof MakeObject) {
            return new Perform($this->newId(), $value);
        }
        if ($value instanceof Operation && OperationKey::After === $value->key && !($value->arguments[1] instanceof Operation && OperationKey::After === $value->arguments[1]->key)) {
            return new Perform($this->newId(), $value->arguments[0]);
        }
        if ($value instanceof Operation && Given::is($value)) {
            return $this->givenAsRow($value);
        }
        if ($value instanceof Operation) {
            if (OperationKey::Spliced === $value->key && $value->arguments[3] == new ListLiteral([])) {
                $isOne = $value->arguments[2] == new NumberLiteral(1);

                return new Perform($this->newId(), new Operation($isOne ? OperationKey::DropAt : OperationKey::DropRange, \array_slice($value->arguments, 0, $isOne ? 2 : 3)));
            }
            $shorter = [OperationKey::Pop->value => OperationKey::DropLast, OperationKey::Shift->value => OperationKey::DropFirst, OperationKey::PopAt->value => OperationKey::DropAt][$value->key->value] ?? null;
            if (null !== $shorter) {
                return new Perform($this->newId(), new Operation($shorter, $value->arguments));
            }
            if (true === ValueOperations::find($value->key)?->hasEffect() || OperationKey::Ask === $value->key) {
                return new Perform($this->newId(), $value);
            }
        }
        // `p == 3 if … else 4` compares first.
        $first = $value instanceof Choice ? $value->then : $value;
        $isNew = $first instanceof Binary && Operator::Equal === $first->operator && $first->left instanceof VariableRead && !$this->isVariable($first->left->name);
        if ($isNew) {
            $this->silenced[$first->left->name] = true;
        }
        if ($value instanceof VariableRead && $this->mayFail($offset) && !$this->isVariable($value->name)) {
            // It is asked for so that it fails.
            $this->failAt('unsupported', $offset, $end - $offset, ['what' => $value->name]);
        }
        if ($value instanceof Item && str_contains($this->text, 'defaultdict')) {
            // Such a map has what it is asked for from then on (The Python Standard Library, collections).
            return new Perform($this->newId(), $value);
        }
        $does = $isNew ? [] : array_filter(Walk::expressions($value), static fn (Expression $part): bool => $part instanceof OwnValue || $part instanceof MethodCall || $part instanceof MakeObject || $part instanceof Operation && true === ValueOperations::find($part->key)?->hasEffect());
        if ($this->mayFail($offset) && !$value instanceof VariableRead || [] !== $does || $value instanceof Operation && OperationKey::After === $value->key || $this->makesItself($value)) {
            return new Perform($this->newId(), $value);
        }
        $this->mistake($first instanceof Binary && Operator::Equal === $first->operator || $value instanceof Operation && OperationKey::Alike === $value->key ? 'equals_for_assign' : 'unused_result', $offset, $end - $offset, ['text' => mb_strcut(substr($this->text, $offset, $end - $offset), 0, 40)], $this->unusedFix($first, $offset, $end));

        return new Perform($this->newId(), $value);
    }

    /** Whether what stands at a place may be meant to fail. */
    protected function mayFail(int $offset): bool
    {
        return $this->tries > 0;
    }

    /** Whether asking for a value alone makes it be there. */
    protected function makesItself(Expression $value): bool
    {
        return false;
    }

    /**
     * `tool.borrower = person`, where a method of the class is called for it; null where the target is something else.
     *
     * @param Operator|null $operator by which what is there is changed
     */
    protected function throughSetter(Expression $target, ?Operator $operator, Expression $value): ?Statement
    {
        if (!$target instanceof MethodCall || [] !== $target->arguments || !isset($this->setters[$target->method])) {
            return null;
        }

        return new Perform($this->newId(), new MethodCall($target->object, "set_$target->method", [null === $operator ? $value : new Binary($operator, $target, $value)]));
    }

    /** `(x = 3)` alone is a row that sets. */
    private function givenAsRow(Operation $given): Statement
    {
        [$target, $value] = $given->arguments;
        $change = Given::change($given);
        if (!$target instanceof VariableRead) {
            return new SetItem($this->newId(), $target, null === $change ? $value : $change->right, $change?->operator);
        }

        return null === $change ? new SetVariable($this->newId(), $target->name, $value) : self::changedRow($this->newId(), $target->name, $change->operator, $change->right);
    }

    /** `x -= 5` is the row “change x by −5”. */
    final protected static function changedRow(int $id, string $name, Operator $operator, Expression $amount): ChangeVariable
    {
        $isNegated = Operator::Subtract === $operator && $amount instanceof NumberLiteral && $amount->value > 0;

        return new ChangeVariable($id, $name, $isNegated ? new NumberLiteral(-$amount->value) : $amount, false, $isNegated ? Operator::Add : $operator);
    }

    /** @return list<Replacement> */
    protected function unusedFix(Expression $value, int $offset, int $end): array
    {
        $text = substr($this->text, $offset, $end - $offset);

        return ($value instanceof Binary && Operator::Equal === $value->operator || $value instanceof Operation && OperationKey::Alike === $value->key) && 1 === preg_match('/={2,3}/', $text, $match, \PREG_OFFSET_CAPTURE)
            ? [new Replacement($offset + $match[0][1], \strlen($match[0][0]), '=')]
            : [];
    }

    /**
     * What only works at the start of a row, such as printing, is no value inside of one.
     *
     * @param list<Statement> $rows
     *
     * @throws ParseFailure
     */
    protected function checked(array $rows, int $offset): void
    {
        if (!$this->hasTransients) {
            return;
        }
        foreach ($rows as $row) {
            foreach (Walk::expressionsOf($row) as $expression) {
                // How a stream shows what follows is told among what it shows.
                if ($expression instanceof Operation && null === ValueOperations::find($expression->key) && !str_starts_with($expression->key->value, StreamForms::WORD)) {
                    $isIterator = \in_array($expression->key, [OperationKey::Begin, OperationKey::End, OperationKey::Rbegin, OperationKey::Rend], true);
                    $said = trim(substr($this->text, $offset, max(1, $this->endOffset() - $offset)));
                    $this->failAt('unsupported', $offset, max(1, $this->endOffset() - $offset), ['what' => $isIterator ? ".{$expression->key->value}()" : mb_strimwidth(mb_scrub($said, 'UTF-8'), 0, 30, '…')]);
                }
            }
        }
    }

    /** What only its class knows is a name like any other here. */
    final protected function privateName(?Token $last, Token $token): ?Token
    {
        return TokenKind::Name === $token->kind && '' !== $this->facts->privateSign && $last?->text === $this->facts->privateSign && $last->offset === $token->offset - 1 ? new Token(TokenKind::Name, "_$token->text", $last->offset) : null;
    }

    /** What a language makes of values that have nothing but commas between them. */
    protected function tupled(Expression $first): Expression
    {
        return $first;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<Token> with each name of a class that stands in another one as one of its own
     */
    protected function withInnerNames(array $tokens): array
    {
        return $tokens;
    }

    /** An expression inside of a literal text. */
    protected function embedded(string $source, int $base): Expression
    {
        $before = [$this->tokens, $this->at, $this->until, $this->partners];
        $this->tokens = [];
        foreach ($this->language()->tokens($source) as $token) {
            $private = $this->privateName($this->tokens[\count($this->tokens) - 1] ?? null, new Token($token->kind, $token->text, $token->offset + $base));
            if (null !== $private) {
                array_pop($this->tokens);
                $this->tokens[] = $private;
            } elseif ($token->isCode()) {
                $this->tokens[] = new Token($token->kind, $token->text, $token->offset + $base);
            }
        }
        $this->tokens = Shadows::renamedAll($this->withInnerNames($this->tokens), $this->shadows, $this->language());
        [$this->at, $this->until, $this->partners] = [0, \count($this->tokens), Partners::of($this->tokens)];
        try {
            if (0 === $this->until) {
                $this->failAt('value_missing', $base, \strlen($source), ['after' => '{']);
            }
            $value = $this->tupled($this->expression());
            if (null !== $this->peek()) {
                $this->fail('unexpected');
            }

            return $value;
        } finally {
            [$this->tokens, $this->at, $this->until, $this->partners] = $before;
        }
    }

    /** An expression that has to give a value: a command that only does something is none. */
    public function value(int $around = 0): Expression
    {
        $start = $this->offset();
        $value = $this->expression($around);
        if ($value instanceof CommandValue && !Catalogue::get($value->command)->value) {
            $this->failAt('no_value', $start, $this->endOffset() - $start, ['name' => $value->command]);
        }

        return $value;
    }
}
