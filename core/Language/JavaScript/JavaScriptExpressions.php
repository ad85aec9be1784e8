<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\JavaScript\Values\LibraryFunctions;
use Scrivlet\Core\Language\JavaScript\Values\LibraryMethods;
use Scrivlet\Core\Language\JavaScript\Values\Literals;
use Scrivlet\Core\Language\JavaScript\Values\PatternValues;
use Scrivlet\Core\Language\JavaScript\Values\PrefixValues;
use Scrivlet\Core\Language\JavaScript\Values\SmallFunctions;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Expressions: ECMAScript 2022, clause 13. */
abstract class JavaScriptExpressions extends BraceExpressions
{
    public const OPERATORS = [
        '||' => [2, Operator::Or], '&&' => [3, Operator::And],
        '===' => [4, Operator::Equal], '!==' => [4, Operator::NotEqual], '==' => [4, Operator::Equal], '!=' => [4, Operator::NotEqual],
        '<' => [5, Operator::Less], '<=' => [5, Operator::LessOrEqual], '>' => [5, Operator::Greater], '>=' => [5, Operator::GreaterOrEqual],
        '+' => [7, Operator::Add], '-' => [7, Operator::Subtract],
        '*' => [8, Operator::Multiply], '/' => [8, Operator::TrueDivide], '%' => [8, Operator::TruncRemainder],
    ];

    /** What numbers can be (ECMA-262, 21.1.2). */
    private const LIMITS = [
        'MAX_SAFE_INTEGER' => 9007199254740991, 'MIN_SAFE_INTEGER' => -9007199254740991, 'MAX_VALUE' => \PHP_FLOAT_MAX, 'MIN_VALUE' => 5e-324, 'EPSILON' => \PHP_FLOAT_EPSILON,
    ];

    /** What every console can do (Console Living Standard, 1). */
    private const OF_CONSOLE = ['log' => true, 'info' => true, 'warn' => true, 'error' => true, 'debug' => true, 'table' => true, 'dir' => true, 'assert' => true, 'count' => true, 'group' => true, 'groupEnd' => true, 'time' => true, 'timeEnd' => true, 'trace' => true, 'clear' => true];
    public readonly PatternValues $patternValues;
    public readonly Literals $literals;
    public readonly PrefixValues $prefixValues;
    public readonly SmallFunctions $smallFunctions;
    public readonly LibraryFunctions $libraryFunctions;
    public readonly LibraryMethods $libraryMethods;

    /** @var array<string, true> fields that keep a method with its object */
    public array $arrowFields = [];
    /** @var array<string, true> names of what gives its items only once */
    public array $begun = [];

    /** @var array<string, bool> values that got a name only to be taken apart: whether each is a text */
    public array $takenTexts = [];

    /**
     * Whether functions that are not awaited go on beside others. A text that can be read without is one in which they
     * never do.
     */
    public bool $withPromises = false;

    /** @var array<string, bool> whether the text shows that objects keep functions under a name */
    private array $functionsByText = [];

    /** @var array<string, true> names under which objects of their own keep functions */
    public array $objectMethods = [];

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->patternValues = new PatternValues($this);
        $this->literals = new Literals($this);
        $this->prefixValues = new PrefixValues($this);
        $this->smallFunctions = new SmallFunctions($this);
        $this->libraryFunctions = new LibraryFunctions($this);
        $this->libraryMethods = new LibraryMethods($this);
    }

    public function language(): Language
    {
        return Language::JavaScript;
    }

    protected function operators(): array
    {
        return self::OPERATORS;
    }

    protected function ownPrefix(Token $token): ?Expression
    {
        return $this->prefixValues->ownPrefix($token);
    }

    /** A function with rows that stands in a value. */
    abstract public function unnamedValue(): FunctionReference;

    /** Whether the whole text is read strictly (ECMA-262, 11.2.2); what stands in a class is so anyway. */
    public function isStrict(): bool
    {
        return 1 === preg_match('/^\s*(["\'])use strict\1|^\s*(?:import|export)\b/m', $this->text);
    }

    /**
     * A function that an object of its own keeps, which it knows as `this`.
     *
     * @param 'asked'|'tied'|'set' $sort
     */
    abstract public function methodValue(Token $name, string $sort): FunctionReference;

    abstract public function laterValue(Token $name): FunctionReference;

    /** Whether a function whose brace opens there says `arguments`. */
    abstract public function saysArguments(int $brace): bool;

    /** Whether `this` stands in a function. */
    abstract public function saysThis(int $index): bool;

    protected function literal(Token $token): Expression
    {
        return $this->literals->literal($token);
    }

    protected function grouped(Token $opened): Expression
    {
        $closing = $this->closingOf($this->at);
        if (null !== $closing && '=>' === ($this->tokens[$closing + 1]->text ?? '') && $this->smallFunctions->holdsRows($closing + 2)) {
            $printed = '' === $this->scope && [] !== $this->loops ? $this->smallFunctions->onlyPrinting($closing) : null;
            if (null !== $printed) {
                return $printed;
            }

            return $this->unnamedValue();
        }
        if (null !== $closing && '=>' === ($this->tokens[$closing + 1]->text ?? '')) {
            $names = [];
            $inside = array_map(static fn (Token $token): string => $token->text, \array_slice($this->tokens, $this->at + 1, $closing - $this->at - 1));
            if (\in_array('=', $inside, true) || \in_array('...', $inside, true)) {
                return $this->unnamedValue();
            }
            if (\in_array('{', $inside, true) || \in_array('[', $inside, true)) {
                return $this->patternValues->takingApart($closing);
            }
            for ($index = $this->at + 1; $index < $closing; ++$index) {
                if (TokenKind::Name === $this->tokens[$index]->kind) {
                    $names[] = $this->tokens[$index]->text;
                }
            }
            $this->at = $closing + 1;

            return $this->smallFunctions->arrow($names);
        }

        return parent::grouped($opened);
    }

    /** @return int|null where the parameters begin of a function that stands where a value may stand */
    abstract protected function unnamedAt(int $index, bool $isBraced = true): ?int;

    /** What a name of a library of the machine's own gives. */
    protected function ofLibrary(Token $token): ?Expression
    {
        return null;
    }

    public function named(Token $token): Expression
    {
        if ('async' === $token->text && null !== $this->unnamedAt($this->at, false)) {
            // What is behind it would go on before it is done (ECMAScript 2022, 15.8.5).
            $this->withPromises || $this->smallFunctions->isCalledLast() || $this->fail('unsupported', $token, ['what' => 'async']);

            return $this->unnamedValue();
        }
        $made = $this->ofLibrary($token) ?? $this->neverGiven($token);
        if (null !== $made) {
            return $made;
        }
        $limit = 'Number' === $token->text && $this->is('.', 1) ? self::LIMITS[$this->peek(2)->text ?? ''] ?? null : null;
        if (null !== $limit) {
            $this->at += 3;

            return new NumberLiteral($limit);
        }
        $next = $this->sign(1);
        if ('=>' === $next && isset($this->operators()[$this->tokens[$this->at - 1]->text ?? ''])) {
            // No function without brackets stands behind a sign (ECMA-262, 15.3).
            ++$this->at;
            $this->signsMeant();
        }
        if ('=>' === $next && $this->smallFunctions->holdsRows($this->at + 2)) {
            return $this->unnamedValue();
        }
        if ('=>' === $next) {
            ++$this->at;

            return $this->smallFunctions->arrow([$token->text]);
        }
        if ('Math' === $token->text && $this->is('.', 1) && \in_array($this->sign(2), ['max', 'min'], true) && $this->is('.', 3) && $this->is('apply', 4) && null !== ($opened = $this->peek(5)) && '(' === $opened->text) {
            // All items of a list are given to it (ECMAScript 2022, 20.2.3.1).
            $key = $this->is('max', 2) ? OperationKey::Greatest : OperationKey::Least;
            $this->at += 6;
            $given = $this->arguments($opened);
            if (2 === \count($given)) {
                return $this->postfix(new Operation($key, [$given[1]->value]));
            }
            $this->fail('unsupported', $token, ['what' => 'Math.….apply(…)']);
        }
        if ('console' === $token->text && $this->is('.', 1) && isset(self::OF_CONSOLE[$this->sign(2) ?? '']) && !$this->isVariable('console') && null !== $there = $this->askedIfThere(3)) {
            return $there;
        }
        if ('console' === $token->text && $this->is('.', 1) && !$this->is('(', 3) && TokenKind::Name === $this->peek(2)?->kind && !$this->isVariable('console')) {
            if ($this->is('log', 2) && !\in_array($this->sign(3), ['.', '[', '='], true)) {
                $this->at += 3;

                return new Operation(OperationKey::Printer);
            }
            if (($this->is('error', 2) || $this->is('warn', 2)) && ($this->is(')', 3) || $this->is(',', 3))) {
                $this->at += 3;

                // Of a failure it tells what it is.
                $value = new VariableRead('value');

                return new Lambda(['value'], new Operation(OperationKey::Complain, [$this->is('catch', -5) ? new Operation(OperationKey::ToText, [$value]) : $value]));
            }
            $this->fail('unsupported', $token, ['what' => 'console.'.($this->peek(2)->text ?? '')]);
        }
        if (isset($this->classes->parents[$token->text]) && !$this->is('.', 1) && !$this->is('(', 1) && !$this->isVariable($token->text)) {
            $before = [$this->tokens[$this->at - 2]->text ?? '', $this->tokens[$this->at - 1]->text ?? ''];
            if (('constructor' === $before[0] || 'target' === $before[0]) && \in_array($before[1], ['===', '!==', '==', '!='], true)) {
                // The class that made an object, by its name (ECMAScript 2022, 15.7.14).
                ++$this->at;

                return new TextLiteral($token->text);
            }
            // A class as a value.
            $this->fail('unsupported', $token, ['what' => $token->text]);
        }

        return parent::named($token);
    }

    protected function mayReadSmall(ParseFailure $failure): bool
    {
        return 'unsupported' === $failure->mistake->kind && \in_array($failure->mistake->parameters['what'] ?? '', ['=> { … }', 'for … { => { … } }', 'from(…, …)', 'Array.from(…)'], true);
    }

    protected function mayHoldSmall(int $start): bool
    {
        return $this->smallFunctions->mayHoldSmall($start);
    }

    /** `console.table && …`, `console.table === undefined`: what is there is only asked for; null where something is done with it. */
    private function askedIfThere(int $ahead): ?Expression
    {
        $sign = $this->sign($ahead);
        if (\in_array($sign, ['&&', '||', '?'], true)) {
            $this->at += $ahead;

            return new TruthLiteral(true);
        }
        if (!\in_array($sign, ['===', '!==', '==', '!='], true) || !$this->is('undefined', $ahead + 1)) {
            return null;
        }
        $this->at += $ahead + 2;

        return new TruthLiteral(str_starts_with($sign, '!'));
    }

    /** Whether a value is compared with a class of the program: `=== Bed`. */
    public function isAskedForClass(int $ahead): bool
    {
        return \in_array($this->sign($ahead), ['===', '!==', '==', '!='], true) && isset($this->classes->parents[$this->sign($ahead + 1) ?? '']) && !$this->is('.', $ahead + 2) && !$this->is('(', $ahead + 2);
    }

    protected function special(Expression $left, int $around, int $offset): ?Expression
    {
        $sign = $this->sign();
        if ('**' === $sign && 10 >= $around) {
            ++$this->at;

            return new Binary(Operator::Power, $left, $this->expression(9));
        }
        if ('??' === $sign && 2 >= $around) {
            ++$this->at;
            $other = $this->expression(3);

            // What stands behind is reckoned only where it is needed (ECMAScript 2022, 13.13).
            return $left instanceof Item && $this->isSteady($other) ? new Operation(OperationKey::ValueOr, [$left->container, $left->index, $other]) : new Operation(OperationKey::OrElse, [$left, $other]);
        }
        $kind = $this->peek(1);
        if ('instanceof' === $sign && 5 >= $around && null !== $kind && isset($this->classes->parents[$kind->text])) {
            $this->at += 2;

            return new KindTest($left, $kind->text);
        }
        if ('instanceof' === $sign && 5 >= $around && 'Array' === $kind?->text) {
            $this->at += 2;

            return new KindTest($left, '@list');
        }
        if ('instanceof' === $sign && 5 >= $around && null !== $kind && $this->isFailure($kind->text)) {
            $this->at += 2;

            return new Operation(OperationKey::OfFailure, [$left, new TextLiteral($kind->text)]);
        }
        if ('instanceof' === $sign && 5 >= $around && TokenKind::Name === $kind?->kind) {
            // A function that makes objects, or a kind of the language's own.
            $this->fail('unsupported', $kind, ['what' => "instanceof $kind->text"]);
        }
        if ('in' === $sign && 5 >= $around) {
            $sign = $this->peek();
            ++$this->at;
            $in = $this->expression(6);
            if ($this->isOfLibrary($in)) {
                // Of a list its places are asked (ECMAScript 2022, 13.10.2).
                $this->fail('unsupported', $sign, ['what' => 'in']);
            }

            return new Operation(OperationKey::Contains, [$in, $left]);
        }

        return parent::special($left, $around, $offset);
    }

    /** `bed.#water` is no program outside of classes, and `bed._water` another thing (ECMA-262, 13.3.1.1). */
    protected function checkAccess(Expression $receiver, Token $name): void
    {
        $isPrivate = '#' === $this->text[$name->offset];
        if ($isPrivate && '' === $this->class) {
            $this->mistake('private_member', $name->offset, \strlen($name->text), ['name' => '#'.substr($name->text, 1)]);
        } elseif (!$isPrivate && str_starts_with($name->text, '_') && 1 === preg_match('/(?:\.|^\s*|[;{}]\s*|\b(?:static|get|set|async)\s+)#'.preg_quote(substr($name->text, 1), '/').'\b/m', $this->text)) {
            $this->fail('unsupported', $name, ['what' => ".$name->text"]);
        }
    }

    protected function member(Expression $receiver): Expression
    {
        if ($this->is('constructor') && $this->is('.', 1) && $this->is('name', 2)) {
            $this->at += 3;

            return new Operation(OperationKey::KindName, [$receiver]);
        }
        if ($this->is('constructor') && $this->isAskedForClass(1)) {
            ++$this->at;

            return new Operation(OperationKey::KindName, [$receiver]);
        }

        $ofClass = $this->is('constructor') && $this->is('.', 1) && !$this->is('(', 3) ? $this->unknownMembers->anyStatic($this->sign(2) ?? '') : null;
        if (null !== $ofClass) {
            // `bed.constructor.count`: what the one class that has it keeps.
            $this->at += 3;
            $this->read($ofClass, $this->tokens[$this->at - 1]->offset);

            return new VariableRead($ofClass);
        }
        if ($this->is('constructor') && !isset($this->classes->fieldNames['constructor']) && [] !== $this->classes->parents) {
            $this->fail('unsupported', $this->peek(), ['what' => '.constructor']);
        }

        return parent::member($receiver);
    }

    protected function argument(): Argument
    {
        $offset = $this->offset();
        $function = $this->libraryFunctions->libraryFunction();
        if (null !== $function) {
            return new Argument($function, $offset, $this->endOffset());
        }
        if ($this->is('...')) {
            $offset = $this->offset();
            ++$this->at;

            return new Argument($this->expression(), $offset, $this->endOffset(), '...');
        }

        return parent::argument();
    }

    /** `bed.show.bind(bed)`: without its object a method has no `this` (ECMAScript 2022, 20.2.3.2). */
    protected function methodAsValue(Expression $receiver, Token $name): ?Expression
    {
        if ($receiver instanceof VariableRead && isset($this->classes->parents[$receiver->name]) && !$this->isVariable($receiver->name)) {
            return null;
        }
        $opened = $this->is('.') && $this->is('bind', 1) ? $this->peek(2) : null;
        if (isset($this->arrowFields[$name->text]) && (null === $opened || !$receiver instanceof VariableRead || $receiver->name !== $this->itself)) {
            return new Field($receiver, $name->text);
        }
        if (null === $opened || '(' !== $opened->text) {
            return $this->isOnlyLookedAt() ? new Operation(OperationKey::MethodAsked, [$receiver, new TextLiteral($name->text)]) : $this->fail('unsupported', $name, ['what' => "….$name->text"]);
        }
        $this->at += 3;
        $given = $this->arguments($opened);
        if (1 !== \count($given) || $given[0]->value != $receiver || !Given::isPlace($receiver)) {
            $this->fail('unsupported', $name, ['what' => "….$name->text.bind(…)"]);
        }

        return new Operation(OperationKey::MethodOf, [$receiver, new TextLiteral($name->text)]);
    }

    /** Whether what was read last, `bed` or `bed.water`, is asked for what it is and not called by another name later: `typeof bed.water`, `if (bed.water)`, `bed.water && …`. */
    private function isOnlyLookedAt(): bool
    {
        if (\in_array($this->sign(), ['&&', '||', '?', '===', '!==', '==', '!='], true) || $this->is('?.') && $this->is('(', 1)) {
            return true;
        }
        $first = $this->at - 1;
        while ($first >= 2 && \in_array($this->tokens[$first - 1]->text, ['.', '?.'], true)) {
            $first -= 2;
            $first = \in_array($this->tokens[$first]->text, [')', ']'], true) ? array_search($first, $this->partners, true) ?: 0 : $first;
        }
        $before = $this->tokens[$first - 1]->text ?? '';

        if ('=>' === $before && ')' === $this->sign()) {
            // `beds.find(bed => bed.water)`
            $taken = $first - 2;
            $taken = ')' === ($this->tokens[$taken]->text ?? '') ? (int) array_search($taken, $this->partners, true) : $taken;

            return '(' === ($this->tokens[$taken - 1]->text ?? '') && \in_array($this->tokens[$taken - 2]->text ?? '', ['find', 'findIndex', 'findLast', 'filter', 'some', 'every'], true);
        }

        return 'typeof' === $before || '!' === $before || '(' === $before && ')' === $this->sign() && \in_array($this->tokens[$first - 2]->text ?? '', ['if', 'while'], true);
    }

    public function ofValue(Expression $receiver, Token $name, array $arguments): ?Expression
    {
        $quoted = Names::asPattern($name->text);
        $isFunction = $this->functionsByText[$name->text] ??= 1 === preg_match('/\b'.$quoted.'["\']?\s*:\s*(?:async\s+)?(?:function\b|\([^()]*\)\s*=>|\w+\s*=>|[A-Za-z_$][\w$.]*+(?:(?<=\.bind)\(\w+\))?\s*[,}])|\.\s*'.$quoted.'\s*=\s*(?:function\b|\([^()]*\)\s*=>|[A-Za-z_$][\w$.]*+\s*(?:=>|;|$))|[{,]\s*'.$quoted.'\s*\([^()]*\)\s*\{|[{,]\s*'.$quoted.'\s*[,}]/m', $this->text);
        // Names in square brackets may be any.
        $isFunction = $isFunction || $receiver instanceof VariableRead && 1 === preg_match('/\b'.Names::asPattern($receiver->name).'\s*\[[^\]\n]*\]\s*=(?!=)[^;\n]*(?:=>|\bfunction\b)/', $this->text);

        return $isFunction ? new MethodCall(new Item($receiver, new TextLiteral($name->text)), MethodCall::CALL, $this->namedArguments->handed($arguments)) : null;
    }

    /** What a class was never given is undefined (ECMA-262, 13.3.2). */
    private function neverGiven(Token $class): ?Expression
    {
        $member = $this->is('.', 1) ? $this->peek(2) : null;
        $behind = $this->peek(3);
        if (TokenKind::Name !== $member?->kind || !isset($this->classes->parents[$class->text]) || $this->isVariable($class->text) || TokenKind::Sign === $behind?->kind && \in_array($behind->text, ['(', '?.', '=>'], true)) {
            return null;
        }
        $isKnown = null !== $this->classes->staticOf($class->text, $member->text) || null !== $this->classes->ownerOf($class->text, $member->text) || \in_array($member->text, ['name', 'prototype', 'length'], true);
        if ($isKnown || 1 === preg_match('/\b(?:this|[A-Z]\w*)\s*\.\s*'.Names::asPattern($member->text).'\s*(?:[-+*\/%&|^?]{0,3}=(?!=)|\+\+|--)/', $this->text)) {
            return null;
        }
        $this->at += 3;

        return $this->postfix(new NothingLiteral(true));
    }

    protected function hasMembers(string $object): bool
    {
        return isset($this->classes->parents[$object]);
    }

    /** @param list<Argument> $arguments */
    protected function memberCall(Token $object, Token $member, array $arguments): ?Expression
    {
        $owner = $this->classes->ownerOf($object->text, $member->text);

        $isSpread = null !== $owner && $this->namedArguments->isSpread("$owner.$member->text", $arguments);

        return null === $owner ? null : new OwnValue("$owner.$member->text", $this->namedArguments->handed($isSpread ? $arguments : $this->namedArguments->packed("$owner.$member->text", $arguments)));
    }

    protected function knows(string $object): bool
    {
        return \in_array($object, [...$this->withPromises ? ['Promise'] : [], 'Math', 'console', 'Object', 'String', 'Array', 'process', 'Number', 'JSON', 'Date', 'performance'], true);
    }

    protected function libraries(): array
    {
        return ['Math', 'console', 'Object', 'Array', 'JSON', 'Date', 'performance'];
    }

    public function extraMembers(string $object): array
    {
        return ['console' => ['log', 'error', 'warn'], 'Math' => ['pow', 'min', 'max']][$object] ?? [];
    }

    public function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        return $this->libraryFunctions->builtin($name, $arguments, $token);
    }

    public function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        return $this->libraryMethods->method($receiver, $name, $arguments, $token);
    }

    /** @param list<Argument> $arguments */
    abstract public function fileCallOf(string $call, array $arguments, Token $token): Expression;

    /** `==` takes a text for the number that it spells, `===` does not. */
    public function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        if ((Operator::Equal === $operator || Operator::NotEqual === $operator) && '=' !== ($this->text[$at + 2] ?? '')) {
            $alike = new Operation(OperationKey::Alike, [$left, $right]);

            return Operator::Equal === $operator ? $alike : new Unary(UnaryOperator::Not, $alike);
        }

        return parent::combine($operator, $left, $right, $at);
    }

    /** Nought keeps its sign. */
    protected function negated(Expression $operand): Expression
    {
        return $operand instanceof NumberLiteral && 0 === $operand->value ? new Unary(UnaryOperator::Negate, $operand) : parent::negated($operand);
    }

    /** `a?.b`: nothing where nothing is asked, for all that stands behind it (ECMA-262, 13.3.9). */
    public function postfix(Expression $value): Expression
    {
        $value = parent::postfix($value);
        if (!$this->is('?.')) {
            return $value;
        }
        $token = $this->peek();
        if (null === $token) {
            $this->fail('unsupported', $token, ['what' => '?.']);
        }
        ++$this->at;
        // What does something is asked once, and its value has a name for both.
        $once = Given::isIn($value) || !$this->isSteady($value) ? $this->nameFor('found') : null;
        [$asked, $value] = [$value, null === $once ? $value : new VariableRead($once)];
        $opened = $this->peek() ?? $token;
        if ($this->accept('[')) {
            $rest = $this->indexed($value, $opened);
        } elseif ($this->accept('(')) {
            $rest = new MethodCall($value, MethodCall::CALL, $this->namedArguments->handed($this->arguments($opened)));
        } else {
            $rest = $this->member($value);
        }

        $made = new Choice(new Operation(OperationKey::Alike, [$value, new NothingLiteral()]), new NothingLiteral(true), $this->postfix($rest));

        return null === $once ? $made : new MethodCall(new Lambda([$once], $made), MethodCall::CALL, [$asked]);
    }

    protected function indexed(Expression $container, Token $opened): Expression
    {
        foreach (['Symbol', '.', 'iterator', ']', '(', ')'] as $ahead => $text) {
            if (!$this->is($text, $ahead)) {
                return parent::indexed($container, $opened);
            }
        }
        // What hands out its items one after another (ECMAScript 2022, 23.1.3.36).
        $this->at += 6;

        return new Operation(OperationKey::Started, [$container]);
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        if ('message' === $name && $receiver instanceof VariableRead && (isset($this->keptFailures[$receiver->name]) || $receiver->name === $this->itself && $this->isRaised($this->class))) {
            return new Operation(OperationKey::FailureText, [$receiver]);
        }
        if (\in_array($name, ['size', 'len', 'Length'], true) && 1 !== preg_match('/\bnew\s+(?:Set|Map)\b/', $this->text) && 1 !== preg_match('/\b'.$name.'\s*:|\.'.$name.'\s*=[^=]|\bget\s+'.$name.'\s*\(/', $this->text)) {
            $this->fail('Length' === $name ? 'capitals' : 'foreign_word', $token, ['name' => $name, 'word' => '.'.$name, 'near' => 'length'], [new Replacement($token->offset, \strlen($name), 'length')]);
        }
        if ('length' !== $name && (levenshtein($name, 'length') <= 2 || count_chars($name, 1) === count_chars('length', 1)) && 1 !== preg_match('/\b'.$name.'\s*:/', $this->text)) {
            $this->fail('misspelt_method', $token, ['name' => $name, 'near' => 'length'], [new Replacement($token->offset, \strlen($name), 'length')]);
        }
        if (!$this->is('=') && isset(SpellingIndex::of(Language::JavaScript)->methods[$name]) && !$this->isKeptSomewhere($name)) {
            $end = $token->offset + \strlen($name);
            if (\in_array($this->sign(), ['===', '!==', '==', '!=', '&&', '||', '?'], true)) {
                // Whether there is such a method may be asked.
                $this->fail('unsupported', $token, ['what' => $name]);
            }
            $this->fail('call_brackets', $token, ['name' => $name], [new Replacement($end, 0, '()')]);
        }

        if (\in_array($this->sign(), ['?', '&&', '||', '===', '!==', '==', '!='], true) && RealNames::has($name, Language::JavaScript) && !$this->isKeptSomewhere($name)) {
            // Whether there is such a method may be asked.
            $this->fail('unsupported', $token, ['what' => $name]);
        }

        return new Item($receiver, new TextLiteral($name));
    }

    /** Whether the text keeps something under a name, which so is an object's own: `{ values: [] }`, `bed.values = []`. */
    private function isKeptSomewhere(string $name): bool
    {
        return 1 === preg_match('/(?<![\w.])'.Names::asPattern($name).'["\']?\s*[:,}]|\.\s*'.Names::asPattern($name).'\s*=[^=]/', $this->text);
    }
}
