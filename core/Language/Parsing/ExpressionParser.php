<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\FoundAgain;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Cpp\StreamForms;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Values\MemberCalls;
use Scrivlet\Core\Language\Parsing\Values\NamedArguments;
use Scrivlet\Core\Language\Parsing\Values\SceneCalls;
use Scrivlet\Core\Language\Parsing\Values\Signatures;
use Scrivlet\Core\Language\Parsing\Values\UnknownMembers;
use Scrivlet\Core\Language\Parsing\Values\ValueAsRow;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\ChangedPlace;
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
    /** Signs that give a name another value, made of the one that it has. */
    public const CHANGING_SIGN = '~^(?:[-+*/%&|^]|\*\*|//|<<|>>)=$~D';
    /** Closing brackets by their opening ones. */
    public const CLOSING = ['(' => ')', '[' => ']', '{' => '}'];

    /** Signs between the bits of two numbers, weakest first. */
    protected const BITS = ['|' => [1, OperationKey::BitOr], '^' => [2, OperationKey::BitXor], '&' => [3, OperationKey::BitAnd], '<<' => [4, OperationKey::ShiftedLeft], '>>' => [4, OperationKey::ShiftedRight], '>>>' => [4, OperationKey::ShiftedPlain]];

    /** How many values a function takes that gathers them. */
    public const UNLIMITED = 99;
    public readonly Signatures $signatures;
    public readonly NamedArguments $namedArguments;
    public readonly SceneCalls $sceneCalls;
    public readonly UnknownMembers $unknownMembers;
    public readonly MemberCalls $memberCalls;
    public readonly ValueAsRow $valueAsRow;

    /** @var list<array{Binary, int, string}> each plus, where its sign stands, and in whose scope */
    public array $sums = [];
    /** @var array<string, string> names that mean a command's object: `nib`, or what it was called on bringing it in */
    public array $objects = ['nib' => 'nib', 'barrow' => 'barrow', 'lantern' => 'lantern', 'mower' => 'mower'];

    /** Whether an operation was made that means something only in a certain place. */
    private bool $hasTransients = false;

    /** @var array<int, true> rows by which what a name stands for changes itself, if it can: `seen |= more` in Python */
    public array $inPlace = [];
    /** @var array<int, true> rows written with `++` or `--`, which reckon whatever they find (ECMA-262, 13.4) */
    public array $stepped = [];
    /** @var array<int, true> loops with a variable that is there behind them, too: `for (i = 0; …)` below `int i;` */
    public array $outliving = [];

    /** @var array<string, string> by function, its parameter for all that is given by other names */
    public array $namedRests = [];

    /** Where the parameter for all that is given beyond the others stands in the signature that was read last; null for none. */
    public ?int $rest = null;

    /** @var array<string, true> methods of classes that are written like what a class keeps, behind the class */
    public array $staticAsked = [];
    /** @var array<string, true> methods that have no object */
    public array $sharedMethods = [];
    /** @var array<string, true> methods that know the class they are asked of, by class and name */
    public array $methodsOfClasses = [];

    /** @var array<string, true> the parameters of the small functions around, which hide functions of these names */
    public array $lambdaNames = [];

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->signatures = new Signatures($this);
        $this->namedArguments = new NamedArguments($this);
        $this->sceneCalls = new SceneCalls($this);
        $this->unknownMembers = new UnknownMembers($this);
        $this->memberCalls = new MemberCalls($this);
        $this->valueAsRow = new ValueAsRow($this);
    }

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

    /**
     * An operation that the catalogue does not have, as it is only part of a row: the row that takes it in knows it.
     *
     * @param list<Expression> $arguments
     */
    public function transient(OperationKey $key, array $arguments): Operation
    {
        $this->hasTransients = true;

        return new Operation($key, $arguments);
    }

    /** `flags |= 4`. */
    public function changedBy(Expression $target, OperationKey $key, Expression $amount, int $start): Statement
    {
        $value = new Operation($key, [$target, $amount]);
        $id = $this->newId();
        $this->inPlace += $this->facts->signsOnLists ? [$id => true] : [];
        if ($target instanceof VariableRead) {
            return new SetVariable($id, $target->name, $value);
        }

        return $target instanceof Item || $target instanceof Field ? new SetItem($id, $target, $value) : $this->failAt('unexpected', $start, 1, ['sign' => '=']);
    }

    /** What stands beside a sign for sets, which may be the keys of a map. */
    protected function asMembers(Expression $value): Expression
    {
        return $value;
    }

    /**
     * A value and signs of bits behind it, each with its operand.
     *
     * @param int          $strength of the operands
     * @param list<string> $signs    that may stand there
     */
    protected function bits(Expression $left, int $strength, array $signs): Expression
    {
        $values = [$this->asMembers($left)];
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
            $values[] = $this->asMembers($this->expression($strength));
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
    abstract public function builtin(string $name, array $arguments, Token $token): ?Expression;

    /**
     * @param list<Argument> $arguments
     */
    abstract public function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression;

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

    public function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
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
    public function foreignLogic(Token $token): void
    {
    }

    /** `=>` and `=<` are meant for the signs of comparisons. */
    public function signsMeant(): void
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
    public function beforeEnd(): int
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
    public function postfix(Expression $value): Expression
    {
        for ($steps = 1;; ++$steps) {
            $token = $this->peek();
            if (null === $token || TokenKind::Sign !== $token->kind) {
                return $value;
            }
            if ($steps > Bounds::NESTING) {
                $this->fail('deep');
            }
            if ('.' === $token->text || '->' === $token->text && ([] !== $this->classes->parents || $this->notation->typed)) {
                ++$this->at;
                $value = $this->member($value);
            } elseif ('[' === $token->text) {
                ++$this->at;
                $value = $this->indexed($value, $token);
            } elseif ('(' === $token->text && $this->mayBeCalled($value)) {
                ++$this->at;
                $given = $this->namedArguments->handed($this->arguments($token));
                $value = $value instanceof FunctionReference && !isset($this->symbols->rests[$value->function]) ? new OwnValue($value->function, $given) : new MethodCall($value, MethodCall::CALL, $given);
            } else {
                return $value;
            }
        }
    }

    /** Whether a value may be a function, so that brackets behind it call it. */
    protected function mayBeCalled(Expression $value): bool
    {
        return $value instanceof Item || $value instanceof FunctionReference || $value instanceof MethodCall || $value instanceof Field || $value instanceof Lambda || $value instanceof MakeObject && null !== $this->classes->ownerOf($value->class, '@called')
            || $value instanceof Operation && \in_array($value->key, [OperationKey::Shift, OperationKey::Pop, OperationKey::PopAt, OperationKey::First, OperationKey::Last, OperationKey::ValueOr, OperationKey::OrElse, OperationKey::FieldOf, OperationKey::Got, OperationKey::FirstOf], true)
            || $value instanceof OwnValue || $value instanceof NothingLiteral && $this->tries > 0;
    }

    abstract protected function indexed(Expression $container, Token $opened): Expression;

    /** Tells of a member that its class keeps to itself, where another asks for it. */
    protected function checkAccess(Expression $receiver, Token $name): void
    {
    }

    protected function member(Expression $receiver): Expression
    {
        $name = $this->peek();
        if (null === $name || TokenKind::Name !== $name->kind && TokenKind::Keyword !== $name->kind) {
            $this->fail('name_missing', $name);
        }
        $this->checkAccess($receiver, $name);
        ++$this->at;
        $opened = $this->peek();
        if (null !== $opened && '(' === $opened->text && TokenKind::Sign === $opened->kind) {
            ++$this->at;
            $arguments = $this->arguments($opened);

            return $this->memberCalls->methodCall($receiver, $name, $arguments);
        }
        $isOwn = $receiver instanceof VariableRead && $receiver->name === $this->itself && '' !== $this->class;
        // Another class may be asked for what this one keeps.
        if (isset($this->classes->asked[$name->text]) && !$receiver instanceof TextLiteral && (!$isOwn || null !== $this->classes->ownerOf($this->class, $name->text) || !isset($this->classes->fieldNames[$name->text]))) {
            return $this->memberCalls->askedFor($receiver, $name->text);
        }
        // In JavaScript an object does not have what its class keeps (ECMA-262, 15.7.14).
        $static = $this->facts->undefined || isset($this->classes->fieldNames[$name->text]) ? null : $this->unknownMembers->anyStatic($name->text);
        if (null !== $static) {
            $this->read($static, $name->offset);

            return new VariableRead($static);
        }
        if ($isOwn) {
            $this->unknownMembers->checkField($name);
        }
        $isBound = $this->facts->bindsByHand && $this->is('.') && $this->is('bind', 1);
        $handed = isset($this->classes->methodNames[$name->text]) && ($isBound || !isset($this->classes->setFields[$name->text])) ? $this->methodAsValue($receiver, $name) : null;
        if (null !== $handed) {
            return $handed;
        }
        if ((isset($this->classes->fieldNames[$name->text]) || $this->facts->asksObjects && $this->unknownMembers->isSharedByAny($name->text)) && $this->unknownMembers->mayHaveFields($receiver)) {
            return new Field($receiver, $name->text);
        }
        $property = SpellingIndex::of($this->language())->properties[$name->text] ?? null;
        if (null !== $property) {
            return new Operation($property, [$receiver]);
        }

        return $this->property($receiver, $name->text, $name) ?? $this->unknownMembers->unknownMember($receiver, $name, false);
    }

    /** The ends of lines inside of a literal are the same, however a file writes them (The Python Language Reference, 2.1.2; ECMAScript 2022, 12.9.6.1). */
    public static function withPlainEnds(string $text): string
    {
        return str_contains($text, "\r") ? str_replace(["\r\n", "\r"], "\n", $text) : $text;
    }

    /** A method of the program's own that is not called: null where the language has no such value, or not here. */
    protected function methodAsValue(Expression $receiver, Token $name): ?Expression
    {
        return null;
    }

    /** Whether the text itself says that a value is no object of the program's own classes. */
    public function isOfLibrary(Expression $receiver): bool
    {
        return false;
    }

    /**
     * A call whose class shows where it is written, whatever the object turns out to be; null for any other.
     *
     * @param list<Expression> $arguments
     * @param string|null      $class     of the receiver, where it is known from elsewhere
     */
    public function calledOf(Expression $receiver, string $method, array $arguments, ?string $class = null): ?OwnValue
    {
        return null;
    }

    /**
     * A method that needs no object is its class's, whichever object it is asked of: other languages ask the class alone.
     *
     * @param list<Expression> $arguments
     */
    protected function ofClassItself(Expression $receiver, string $method, array $arguments): ?OwnValue
    {
        $owners = array_keys(array_filter($this->classes->methods, static fn (array $methods): bool => isset($methods[$method])));
        $full = 1 === \count($owners) && $receiver instanceof VariableRead && !isset(SpellingIndex::of($this->language())->methods[$method]) ? "$owners[0].$method" : '';

        return isset($this->sharedMethods[$full]) || isset($this->methodsOfClasses[$full]) ? new OwnValue($full, $arguments) : null;
    }

    /**
     * What is given, as what takes it has it: in some languages the type of a parameter says what braces make.
     *
     * @param string         $name      of a function, or of a method behind a point
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public function asTaken(string $name, array $arguments): array
    {
        return $arguments;
    }

    /**
     * How a method is known here, of several of one name that take other types.
     *
     * @param Expression|string $object    or its class
     * @param list<Argument>    $arguments
     */
    public function methodMeant(Expression|string $object, string $method, array $arguments): string
    {
        return $method;
    }

    /**
     * What is given, where it shows at the object what its method takes.
     *
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public function asTakenBy(Expression $object, string $method, array $arguments): array
    {
        return $arguments;
    }

    /**
     * A call of what something holds under a name, where the language writes that like a method.
     *
     * @param list<Argument> $arguments
     */
    public function ofValue(Expression $receiver, Token $name, array $arguments): ?Expression
    {
        return null;
    }

    /** A name, and what stands behind it. */
    public function named(Token $token): Expression
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
    public function isSteady(Expression $value): bool
    {
        return FoundAgain::may($value);
    }

    /** What a place gets, where its text finds the place once more to ask for what was there. */
    public function anew(Expression $target, Expression $value): Expression
    {
        return $this->isSteady($target) || !ChangedPlace::isAsked($target, $value) ? $value : new Operation(OperationKey::Anew, [$value]);
    }

    /** A text made of what a failure says is that; written as a program would write it, it is its kind with what it says. */
    public function asSaid(Expression $value): Expression
    {
        $of = $value instanceof Operation && \in_array($value->key, [OperationKey::ToText, OperationKey::Written], true) ? $value->arguments[0] ?? null : null;

        return match (true) {
            !$of instanceof VariableRead || !isset($this->caught[$of->name]) => $value,
            OperationKey::Written === $value->key => new Operation(OperationKey::FailureShown, [$of]),
            // `repr(str(error))` is about the text.
            'repr' === ($this->tokens[$this->at - 6]->text ?? '') && 'str' === $this->tokens[$this->at - 4]->text => $value,
            default => $of,
        };
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

    /** Whether what is typed in is read no further by what stands here, which is nothing else then. */
    protected function endsReading(): bool
    {
        return false;
    }

    public function isVariable(string $name): bool
    {
        return isset($this->symbols->writes[$this->symbols->holderOf($name, $this->scope)][$name]);
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
                return $this->sceneCalls->uncalled($object, $member);
            }
            ++$this->at;

            return $this->sceneCalls->command($this->objects[$object->text], $member, $this->arguments($opened), $object);
        }
        if ($isCall && $this->hasMembers($object->text)) {
            $this->at += 3;

            return $this->memberCall($object, $member, $this->arguments($opened)) ?? $this->sceneCalls->unknownCommand($object->text, $member);
        }
        $asked = $isCall || [] === $this->staticAsked ? null : $this->classes->ownerOf($object->text, $member->text);
        if (null !== $asked && isset($this->staticAsked["$asked.$member->text"])) {
            $this->at += 2;

            return new OwnValue("$asked.$member->text", []);
        }
        $static = $isCall ? null : $this->classes->staticOf($object->text, $member->text);
        $sign = TokenKind::Sign === $opened?->kind ? $opened->text : '';
        $isGiven = isset($this->classes->parents[$object->text]) && !isset($this->classes->statics[$object->text][$member->text]) && ('=' === $sign || 1 === preg_match(self::CHANGING_SIGN, $sign));
        if ($isGiven && (null !== $static || $this->facts->classesAreFunctions && $this->unknownMembers->isSharedByAny($member->text))) {
            // It gets one of its own there, and what it had from the class above is left as it is.
            $this->fail('unsupported', $object, ['what' => "$full = …"]);
        }
        if (null !== $static) {
            $this->at += 2;
            $this->read($static, $member->offset);

            return new VariableRead($static);
        }
        $owner = $isCall || [] === $this->sharedMethods ? null : $this->classes->ownerOf($object->text, $member->text);
        if (null !== $owner && isset($this->sharedMethods["$owner.$member->text"]) && !$this->isVariable($object->text)) {
            $this->at += 2;

            [$least, $most, $parameters] = $this->classes->methods[$owner][$member->text] ?? [0, -1, []];

            // As a small function it can be handed to whatever takes one.
            return $this->facts->classesAreFunctions && $least === $most ? new Lambda($parameters, new OwnValue("$owner.$member->text", array_map(static fn (string $name): VariableRead => new VariableRead($name), $parameters))) : new FunctionReference("$owner.$member->text");
        }
        $owner = $isCall || !$this->facts->classesAreFunctions ? null : $this->classes->ownerOf($object->text, $member->text);
        if (null !== $owner && 1 >= ($this->classes->methods[$owner][$member->text][1] ?? 9) && !isset($this->classes->asked[$member->text])) {
            // A method by its class, as a function of the object: `key=Bed.litres`.
            $this->at += 2;

            // What a class below says instead is not asked (The Python Language Reference, 3.2).
            $isSaidAnew = [] !== array_filter(array_keys($this->classes->parents), fn (int|string $below): bool => (string) $below !== $owner && isset($this->classes->methods[$below][$member->text]) && \in_array($owner, $this->classes->above((string) $below), true));

            return new Lambda(['one'], $isSaidAnew ? new OwnValue("$owner.$member->text", [new VariableRead('one')]) : new MethodCall(new VariableRead('one'), $member->text, []));
        }
        $index = SpellingIndex::of($this->language());
        if ($isCall && $this->knows($object->text)) {
            $this->at += 3;
            $arguments = $this->arguments($opened);
            $made = $this->builtin($full, $arguments, $member) ?? Spelled::match($index->functions[$full] ?? [], $arguments, $this->text);
            if (null === $made) {
                $this->sceneCalls->unknownMember($object, $member, $arguments);
            }

            return $made;
        }
        $ofTwo = !$isCall && 'Math' === $object->text && $this->knows('Math') && !isset($index->properties[$full]) && !$this->is('.', 2) ? ['pow' => true, 'atan2' => OperationKey::ArcTangent2][$member->text] ?? null : null;
        if (null !== $ofTwo) {
            $this->at += 2;
            $both = [new VariableRead('item'), new VariableRead('other')];

            return new Lambda(['item', 'other'], true === $ofTwo ? new Binary(Operator::Power, ...$both) : new Operation($ofTwo, $both));
        }
        if (!$isCall && 'Math' === $object->text && $this->knows('Math') && !isset($index->properties[$full]) && \in_array($member->text, ['min', 'max'], true) && !$this->is('.', 2)) {
            $this->at += 2;

            return new Operation('max' === $member->text ? OperationKey::LargestOf : OperationKey::SmallestOf);
        }
        if (!$isCall && 'Math' === $object->text && $this->knows('Math') && !isset($index->properties[$full]) && 'hypot' === $member->text && !$this->is('.', 2)) {
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
        $near = !$isCall || isset($this->symbols->functions[$object->text]) ? null : Names::nearest($object->text, $this->libraries());
        if (null !== $near) {
            $this->fail(strtolower($near) === strtolower($object->text) ? 'capitals' : 'misspelt_name', $object, ['name' => $object->text, 'near' => $near], [new Replacement($object->offset, \strlen($object->text), $near)]);
        }
        $meant = lcfirst($object->text);
        if ($meant !== $object->text && ($this->knows($meant) || isset($this->objects[$meant]))) {
            $this->fail('capitals', $object, ['name' => $object->text, 'near' => $meant], [new Replacement($object->offset, \strlen($meant), $meant)]);
        }

        return null;
    }

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

    /** @return list<string> */
    public function extraMembers(string $object): array
    {
        return [];
    }

    /** @param list<Argument> $arguments */
    public function called(Token $token, array $arguments): Expression
    {
        $name = $token->text;
        if (isset($this->lambdaNames[$name])) {
            $this->read($name, $token->offset);

            return new OwnValue($name, $this->namedArguments->handed($arguments));
        }
        if (isset($this->symbols->functions[$name])) {
            if ($this->runsInTurn()) {
                $this->symbols->wanted[] = $token;
            }

            if ((isset($this->symbols->rests[$name]) || isset($this->namedRests[$name])) && $this->isVariable($name)) {
                // A variable gathers when it is called, whatever a function within another one is called like it.
                $this->read($name, $token->offset);

                return new MethodCall(new VariableRead($name), MethodCall::CALL, $this->namedArguments->handed($arguments));
            }
            if ($this->namedArguments->isSpread($name, $arguments)) {
                if (isset($this->classes->parents[$name])) {
                    return new MakeObject($name, $this->namedArguments->handed($arguments));
                }
                $this->read($name, $token->offset, true);

                return new MethodCall(new FunctionReference($name), MethodCall::CALL, $this->namedArguments->handed($arguments));
            }
            $values = $this->namedArguments->ownArguments($token, $arguments);

            return isset($this->classes->parents[$name]) ? new MakeObject($name, $values) : new OwnValue($name, $values);
        }
        if ($this->isVariable($name)) {
            $this->read($name, $token->offset);
            $handed = $this->namedArguments->handed($arguments);

            return \count($handed) === \count(array_filter($handed, static fn (Expression $value): bool => !$value instanceof Operation || !\in_array($value->key, [OperationKey::Spread, OperationKey::ByName, OperationKey::ByNames], true))) ? new OwnValue($name, $handed) : new MethodCall(new VariableRead($name), MethodCall::CALL, $handed);
        }
        $made = $this->builtin($name, $arguments, $token);
        if (null !== $made) {
            return $made;
        }
        $entry = Vocabulary::commands($this->language())['sleep' === $name ? 'wait' : $name] ?? null;
        if (null !== $entry) {
            return $this->sceneCalls->commanded($entry, $token, $arguments);
        }
        $candidates = SpellingIndex::of($this->language())->functions[$name] ?? [];
        $made = Spelled::match($candidates, $arguments, $this->text);
        if (null !== $made) {
            return $made;
        }
        if ([] !== $candidates) {
            $this->unknownMembers->miscounted($token, $name, \count($candidates[0][1]), $arguments);
        }
        $entry = Vocabulary::withoutObject($this->language(), $name);
        if (null !== $entry) {
            $this->fail('object_missing', $token, ['name' => $name, 'object' => (string) $entry->object()], [new Replacement($token->offset, 0, $entry->object().'.')]);
        }
        $this->read($name, $token->offset, true);

        return new OwnValue($name, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
    }

    /** @return array<string, true> names that stand in values, and in what a call means of a list */
    private static function namesIn(Expression ...$inside): array
    {
        $names = [];
        foreach ($inside as $value) {
            foreach (Walk::expressions($value) as $part) {
                $names += match (true) {
                    $part instanceof VariableRead => [$part->name => true],
                    $part instanceof Collected => [$part->variable => true],
                    $part instanceof Lambda => array_fill_keys($part->parameters, true),
                    $part instanceof MethodCall && $part->otherwise instanceof Collected => [$part->otherwise->variable => true] + self::namesIn(...array_filter($part->otherwise->operands(), static fn (Expression $operand): bool => $operand !== $part->object)),
                    $part instanceof MethodCall && null !== $part->otherwise => self::namesIn(...array_filter($part->otherwise->operands(), static fn (Expression $operand): bool => $operand !== $part->object)),
                    default => [],
                };
            }
        }

        return $names;
    }

    /** A name for pairs that are gone over, which nothing inside has. */
    public static function pairIn(Expression ...$inside): string
    {
        $taken = self::namesIn(...$inside);
        for ($number = 1, $name = 'pair'; isset($taken[$name]); $name = 'pair_'.++$number) {
        }

        return $name;
    }

    /** @param list<Argument> $arguments those that spread a list among them */
    public function inOneList(array $arguments): Expression
    {
        $all = new ListLiteral([]);
        foreach ($arguments as $argument) {
            $part = '*' === $argument->name || '...' === $argument->name ? new Operation(OperationKey::AsList, [$argument->value]) : new ListLiteral([$argument->value]);
            $all = $all == new ListLiteral([]) ? $part : new Operation(OperationKey::Concatenated, [$all, $part]);
        }

        return $all;
    }

    /** Whether a call of a function may do without the value at a place, though it has no default. */
    public function mayBeLeftOut(string $function, int $index): bool
    {
        return false;
    }

    /** A row that is an expression alone. */
    public function performed(Expression $value, int $offset, int $end): Statement
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
            return new Perform($this->newId(), $this->isSteady($value->arguments[1]) ? $value->arguments[0] : $value);
        }
        if ($value instanceof Operation && Given::is($value)) {
            return $this->valueAsRow->givenAsRow($value);
        }
        if ($value instanceof Operation) {
            if (OperationKey::Spliced === $value->key && $value->arguments[3] == new ListLiteral([])) {
                $isOne = $value->arguments[2] == new NumberLiteral(1);

                return new Perform($this->newId(), new Operation($isOne ? OperationKey::DropAt : OperationKey::DropRange, \array_slice($value->arguments, 0, $isOne ? 2 : 3)));
            }
            if (OperationKey::Spliced === $value->key && $value->arguments[1] == new NumberLiteral(0) && $value->arguments[2] == new Operation(OperationKey::Length, [$value->arguments[0]])) {
                // All items give way to others.
                $items = $value->arguments[3];

                return new Perform($this->newId(), new Operation(OperationKey::PutRange, [$value->arguments[0], new NothingLiteral(), new NothingLiteral(), $items instanceof Operation && OperationKey::AsList === $items->key ? $items->arguments[0] : $items]));
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
            $this->symbols->silenced[$first->left->name] = true;
        }
        if ($value instanceof VariableRead && $this->mayFail($offset) && !$this->isVariable($value->name)) {
            // It is asked for so that it fails.
            return new Perform($this->newId(), $value);
        }
        if ($value instanceof Item && str_contains($this->text, 'defaultdict')) {
            // Such a map has what it is asked for from then on (The Python Standard Library, collections).
            return new Perform($this->newId(), $value);
        }
        $does = $isNew ? [] : array_filter(Walk::expressions($value), static fn (Expression $part): bool => $part instanceof OwnValue || $part instanceof MethodCall || $part instanceof MakeObject || $part instanceof Operation && true === ValueOperations::find($part->key)?->hasEffect());
        if ($this->mayFail($offset) && !$value instanceof VariableRead || [] !== $does || $value instanceof Operation && OperationKey::After === $value->key || $this->makesItself($value)) {
            return new Perform($this->newId(), $value);
        }
        $this->mistake($first instanceof Binary && Operator::Equal === $first->operator || $value instanceof Operation && OperationKey::Alike === $value->key ? 'equals_for_assign' : 'unused_result', $offset, $end - $offset, ['text' => mb_strcut(substr($this->text, $offset, $end - $offset), 0, 40)], $this->valueAsRow->unusedFix($first, $offset, $end));

        return new Perform($this->newId(), $value);
    }

    /** Whether what stands at a place may be meant to fail. */
    public function mayFail(int $offset): bool
    {
        return $this->tries > 0;
    }

    /** Whether asking for a value alone makes it be there. */
    protected function makesItself(Expression $value): bool
    {
        return false;
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
        return null !== $last && '' !== $this->facts->privateSign && $last->text === $this->facts->privateSign && TokenKind::Name === $token->kind && $last->offset === $token->offset - 1 ? new Token(TokenKind::Name, "_$token->text", $last->offset) : null;
    }

    /** What a language makes of values that have nothing but commas between them. */
    public function tupled(Expression $first): Expression
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
    public function embedded(string $source, int $base): Expression
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
