<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\Conversion;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\Spelled;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Python\Values\ClassCalls;
use Scrivlet\Core\Language\Python\Values\Comparisons;
use Scrivlet\Core\Language\Python\Values\Comprehensions;
use Scrivlet\Core\Language\Python\Values\FunctionNames;
use Scrivlet\Core\Language\Python\Values\HandedFunctions;
use Scrivlet\Core\Language\Python\Values\LibraryFunctions;
use Scrivlet\Core\Language\Python\Values\LibraryMethods;
use Scrivlet\Core\Language\Python\Values\LibraryModules;
use Scrivlet\Core\Language\Python\Values\MadePatterns;
use Scrivlet\Core\Language\Python\Values\TextLiterals;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
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

/** Expressions: The Python Language Reference, chapter 6. */
abstract class PythonExpressions extends ExpressionParser
{
    use OnlyOnce;
    /** @var list<FunctionDefinition>|null small functions that stand before the row that is read, without text of their own; null where none can stand */
    public ?array $ahead = null;

    public const OPERATORS = [
        'or' => [2, Operator::Or], 'and' => [3, Operator::And],
        '+' => [7, Operator::Add], '-' => [7, Operator::Subtract],
        '*' => [8, Operator::Multiply], '/' => [8, Operator::TrueDivide], '//' => [8, Operator::FloorDivide], '%' => [8, Operator::FloorRemainder],
    ];
    public const COMPARISONS = [
        '==' => Operator::Equal, '!=' => Operator::NotEqual, '<' => Operator::Less, '<=' => Operator::LessOrEqual,
        '>' => Operator::Greater, '>=' => Operator::GreaterOrEqual,
    ];
    private const LIBRARIES = ['dict', 'random', 'math', 'time', 'sys', 're', 'string', 'json', 'statistics', 'collections', 'itertools', 'functools', 'dataclasses', 'copy', 'operator', 'heapq', 'bisect', 'scrivlet', 'os'];
    /** Words of other languages, with Python's own. */
    private const FOREIGN = ['true' => 'True', 'false' => 'False', 'TRUE' => 'True', 'FALSE' => 'False', 'null' => 'None', 'nil' => 'None', 'none' => 'None', 'undefined' => 'None', 'NULL' => 'None', 'nullptr' => 'None'];

    public readonly TextLiterals $textLiterals;
    public readonly Comprehensions $comprehensions;
    public readonly FunctionNames $functionNames;
    public readonly LibraryFunctions $libraryFunctions;
    public readonly LibraryMethods $libraryMethods;
    public readonly ClassCalls $classCalls;
    public readonly LibraryModules $libraryModules;
    public readonly HandedFunctions $handedFunctions;
    public readonly MadePatterns $madePatterns;
    public readonly Comparisons $comparisons;

    /** @var array<string, string> what names from libraries stand for: `randint` for `random.randint` */
    public array $imported = [];
    /** @var array<string, true> names that the standard drawing module, or something of it that draws, has */
    public array $drawing = [];
    public bool $drawsFreely = false;
    /** @var array<string, bool> variables that hold a list wherever they get a value */
    public array $listNames = [];

    /** @var array<string, string> names for the class that a method belongs to */
    public array $ownClass = [];
    /** @var array<string, true> methods that are handed the class that they are asked of, which may be one of several */
    public array $ofSeveral = [];
    /** @var array<string, array<string, true>> methods that a class leaves to those that are kinds of it, by class */
    public array $leftOpen = [];
    /** The name for the class that the method being read is asked of, where that may be one of several. */
    public string $anyClass = '';

    /** Whether what is read stands for a value that a method may be called without. */
    public bool $inDefault = false;

    /** @var array<string, string> libraries by the names they were brought in with */
    public array $aliases = [];

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->textLiterals = new TextLiterals($this);
        $this->comprehensions = new Comprehensions($this);
        $this->functionNames = new FunctionNames($this);
        $this->libraryFunctions = new LibraryFunctions($this);
        $this->libraryMethods = new LibraryMethods($this);
        $this->classCalls = new ClassCalls($this);
        $this->libraryModules = new LibraryModules($this);
        $this->handedFunctions = new HandedFunctions($this);
        $this->madePatterns = new MadePatterns($this);
        $this->comparisons = new Comparisons($this);
    }

    public function language(): Language
    {
        return Language::Python;
    }

    protected function operators(): array
    {
        return self::OPERATORS;
    }

    protected function prefix(Token $token): Expression
    {
        switch ($token->kind) {
            case TokenKind::Number:
                ++$this->at;

                return $this->postfix($this->number($token));
            case TokenKind::Text:
                return $this->postfix($this->textLiterals->texts());
            case TokenKind::Name:
                if (isset(self::FOREIGN[$token->text]) && !$this->isVariable($token->text) && !$this->is('(', 1)) {
                    $this->foreign($token);
                }

                return $this->named($token);
            case TokenKind::Unread:
                $this->strange($token);
        }
        switch ($token->text) {
            case '(':
                return $this->postfix($this->comprehensions->grouped($token));
            case '[':
                return $this->postfix($this->comprehensions->list($token));
            case '{':
                return $this->postfix($this->comprehensions->map($token));
            case '-':
                ++$this->at;

                return $this->negated($this->expression(9));
            case '+':
                ++$this->at;

                return $this->expression(9);
            case '~':
                ++$this->at;

                return new Operation(OperationKey::BitNot, [$this->expression(9)]);
            case 'not':
                ++$this->at;

                return new Unary(UnaryOperator::Not, $this->expression(4));
            case 'True':
            case 'False':
                ++$this->at;

                $truth = new TruthLiteral('True' === $token->text);

                return $this->is('.') ? $this->postfix($truth) : $truth;
            case 'None':
                ++$this->at;

                return new NothingLiteral();
            case 'lambda':
                return $this->functionNames->lambda();
            case '!':
                $this->fail('foreign_word', $token, ['word' => '!', 'near' => 'not'], [new Replacement($token->offset, 1, 'not ')]);
                // no break
            case '=':
                $this->fail('value_missing', $token, ['after' => self::shown($this->tokens[$this->at - 1] ?? null)]);
                // no break
            case '++':
            case '--':
                $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => '+= 1']);
                // no break
            case 'await':
            case 'yield':
                $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        $before = $this->tokens[$this->at - 1] ?? null;
        if ('**' === $token->text && \in_array($before?->text, ['{', ',', '('], true)) {
            // All of a map in another one, or for names.
            $this->fail('unsupported', $token, ['what' => '**…']);
        }
        if (\in_array($token->text, [')', ']', '}', ':', ','], true) && null !== $before && $this->at > 0) {
            $this->fail('value_missing', $token, ['after' => self::shown($before)]);
        }
        $this->fail(TokenKind::Keyword === $token->kind ? 'keyword_as_value' : 'unexpected', $token);
    }

    private function foreign(Token $token): never
    {
        $near = self::FOREIGN[$token->text];
        $kind = strtolower($near) === strtolower($token->text) ? 'capitals' : 'foreign_word';
        $this->fail($kind, $token, ['name' => $token->text, 'word' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);
    }

    private function number(Token $token): Expression
    {
        $text = str_replace('_', '', $token->text);
        $next = $this->peek();
        if (null !== $next && TokenKind::Name === $next->kind && $next->offset === $token->offset + \strlen($token->text)) {
            if ('j' === $next->text) {
                $this->fail('unsupported', $token, ['what' => $token->text.'j']);
            }
            $this->fail('number_and_letters', $token, ['text' => $token->text.$next->text]);
        }
        if (ctype_digit($text) && '0' !== $text[0] && \strlen($text) <= 18) {
            return new NumberLiteral((int) $text);
        }
        if (1 === preg_match('/^0[xX]/', $text)) {
            return new NumberLiteral(hexdec(substr($text, 2)));
        }
        if (1 === preg_match('/^0[bB]/', $text)) {
            return new NumberLiteral(bindec(substr($text, 2)));
        }
        if (1 === preg_match('/^0\d/', $text) && ctype_digit($text) && '' !== trim($text, '0')) {
            $this->fail('leading_zero', $token, ['number' => $text], [new Replacement($token->offset, \strlen($token->text), ltrim($text, '0'))]);
        }
        if (1 === preg_match('/^0[oO][0-7]{1,20}$/D', $text)) {
            return new NumberLiteral((int) octdec(substr($text, 2)));
        }
        if (1 === preg_match('/[jJ]$/', $text) || 1 === preg_match('/^0[oO]/', $text)) {
            $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        if (ctype_digit($text)) {
            $digits = ltrim($text, '0') ?: '0';

            return $digits === (string) (int) $digits ? new NumberLiteral((int) $digits) : new Operation(OperationKey::ToWhole, [new TextLiteral($digits)]);
        }

        return new NumberLiteral((float) $text);
    }

    /** The keys of a map are a set beside `&`, `|`, `^` and `-` (The Python Standard Library, Dictionary view objects). */
    protected function asMembers(Expression $value): Expression
    {
        return $value instanceof Operation && OperationKey::Keys === $value->key ? new Operation(OperationKey::SetOf, [$value]) : $value;
    }

    /** `x in seen or seen.add(x)`: what changes a list, a set or a map in its place gives nothing (The Python Standard Library, Mutable Sequence Types). */
    private static function afterDone(Expression $value): Expression
    {
        return $value instanceof Operation && Result::Nothing === ValueOperations::find($value->key)?->result ? new Operation(OperationKey::After, [$value, new NothingLiteral()]) : $value;
    }

    /** A text before `%` is a template. */
    public function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        if ($operator->isLogic()) {
            [$left, $right] = [self::afterDone($left), self::afterDone($right)];
        }
        if (Operator::FloorRemainder !== $operator || !$left instanceof TextLiteral) {
            [$left, $right] = Operator::Subtract === $operator ? [$this->asMembers($left), $this->asMembers($right)] : [$left, $right];

            return parent::combine($operator, $left, $right, $at);
        }
        $isTuple = $right instanceof Operation && OperationKey::AsTuple === $right->key && $right->arguments[0] instanceof ListLiteral;
        $given = $isTuple ? $right->arguments[0]->items : [$right];
        if (!$isTuple && (str_contains($left->value, '%(') || 1 < preg_match_all('/%(?!%)/', str_replace('%%', '', $left->value)))) {
            return new Operation(OperationKey::Percent, [$left, $right]);
        }
        $parts = [];
        foreach (Conversion::pieces($left->value) as $piece) {
            if ('%%' === $piece || '%' !== $piece[0]) {
                $parts[] = new TextLiteral('%%' === $piece ? '%' : $piece);
                continue;
            }
            // `%r` shows what a text or a list is written like, and else as `%s` does.
            $isWritten = 'r' === $piece[-1];
            $conversion = Conversion::of($isWritten ? substr($piece, 0, -1).'s' : $piece);
            $value = array_shift($given);
            if (null !== $value && null !== $conversion && 'c' === $conversion->kind && '' === $conversion->form() && ($value instanceof NumberLiteral || $value instanceof TextLiteral && 1 === mb_strlen($value->value))) {
                // A letter, or the number of one (The Python Standard Library, printf-style String Formatting).
                $parts[] = $value instanceof NumberLiteral ? new Operation(OperationKey::Letter, [$value]) : $value;
                continue;
            }
            if (null === $value || null === $conversion || 'c' === $conversion->kind) {
                $this->failAt('unsupported', $at, 1, ['what' => "\"$piece\" %"]);
            }
            // `%d` cuts what stands behind the point off.
            if ($conversion->isWhole() && !($value instanceof NumberLiteral && \is_int($value->value))) {
                $value = new Operation(OperationKey::ToWhole, [$value]);
            }
            $value = $isWritten ? $this->asSaid(new Operation(OperationKey::Written, [$value])) : $value;
            $parts[] = '' === $conversion->form() ? $value : new Operation(OperationKey::Formatted, [$value, new TextLiteral($conversion->form())]);
        }
        if ([] !== $given) {
            $this->failAt('unsupported', $at, 1, ['what' => '… % …']);
        }

        return TextLiterals::together(TextLiterals::merged($parts));
    }

    /** Where the row begins that is being read. */
    abstract public function rowStart(): int;

    public function arguments(Token $opened): array
    {
        $offset = $this->offset();
        $collected = '(' === $opened->text && !$this->is(')') ? $this->comprehensions->collected($opened) : null;

        return null === $collected ? parent::arguments($opened) : [new Argument($collected, $offset, $this->endOffset() - 1)];
    }

    protected function special(Expression $left, int $around, int $offset): ?Expression
    {
        $sign = $this->sign();
        if ('**' === $sign) {
            if (10 < $around) {
                return null;
            }
            ++$this->at;

            return new Binary(Operator::Power, $left, $this->expression(9));
        }
        if ('@' === $sign && isset($this->classes->methodNames[PythonNames::OF_MATRICES])) {
            if (8 < $around) {
                return null;
            }
            // No value of the language's own has it (The Python Language Reference, 6.7).
            ++$this->at;

            return new MethodCall($left, PythonNames::OF_MATRICES, [$this->expression(9)]);
        }
        if (5 >= $around && (isset(self::COMPARISONS[$sign]) || 'in' === $sign || 'is' === $sign || 'not' === $sign && $this->is('in', 1))) {
            return $this->comparisons->comparison($left);
        }
        if ('if' === $sign && 1 >= $around) {
            ++$this->at;
            $condition = $this->expression(2);
            if (!$this->accept('else')) {
                $this->signsMeant();
                $this->fail('else_missing');
            }

            return new Choice($condition, $left, $this->expression(1));
        }
        if (\in_array($sign, ['&&', '||'], true) || '&' === $sign && $this->is('&', 1) || '|' === $sign && $this->is('|', 1)) {
            $token = $this->peek();
            $word = '&' === $sign[0] ? 'and' : 'or';
            $length = 2;
            $this->fail('foreign_word', $token, ['word' => $sign[0].$sign[0], 'near' => $word], [new Replacement($token->offset ?? 0, $length, $word)]);
        }
        if ('=' === $sign && $this->is('=', 1) || '===' === $sign) {
            $this->fail('foreign_word', null, ['word' => '===', 'near' => '==']);
        }
        if (6 >= $around && isset(self::BITS[$sign])) {
            return $this->bits($left, 7, array_keys(self::BITS));
        }
        if (':=' === $sign && $left instanceof VariableRead && 0 === $around) {
            ++$this->at;
            $this->write($left->name, $offset);

            return new Operation(OperationKey::Given, [$left, $this->expression()]);
        }
        if (\in_array($sign, [':=', '@'], true)) {
            $this->fail('unsupported', null, ['what' => $sign]);
        }

        return null;
    }

    /** Values with commas between them are a tuple, without brackets too (The Python Language Reference, 6.15). */
    public function tupled(Expression $first, bool $isStarred = false): Expression
    {
        $items = [new Argument($first, 0, 0, $isStarred ? '*' : null)];
        while ($this->accept(',')) {
            if (null === $this->peek() || $this->is(']') || $this->is(':')) {
                return new Operation(OperationKey::AsTuple, [$this->inOneTuple($items)]);
            }
            $star = $this->accept('*') ? '*' : null;
            $items[] = new Argument($this->expression(), 0, 0, $star);
        }

        return 1 === \count($items) && !$isStarred ? $first : new Operation(OperationKey::AsTuple, [$this->inOneTuple($items)]);
    }

    /**
     * Several values as one tuple, the next of which is taken apart: `*others`.
     *
     * @param list<Expression> $values those before it
     */
    public function withStarred(array $values): Expression
    {
        $items = array_map(static fn (Expression $value): Argument => new Argument($value, 0, 0), $values);
        do {
            $star = $this->accept('*') ? '*' : null;
            $items[] = new Argument($this->expression(), 0, 0, $star);
        } while ($this->accept(',') && null !== $this->peek());

        return new Operation(OperationKey::AsTuple, [$this->inOneTuple($items)]);
    }

    /** @param list<Argument> $items those that are taken apart by `*` among them (The Python Language Reference, 6.16) */
    public function inOneTuple(array $items): Expression
    {
        return [] === array_filter($items, static fn (Argument $item): bool => null !== $item->name) ? new ListLiteral(array_map(static fn (Argument $item): Expression => $item->value, $items)) : $this->inOneList($items);
    }

    protected function indexed(Expression $container, Token $opened): Expression
    {
        if ($this->accept(':')) {
            return $this->comparisons->sliced($container, new NothingLiteral(), $opened);
        }
        if ($this->is(']')) {
            $this->fail('value_missing', null, ['after' => '[']);
        }
        $index = $this->expression();
        if ($this->accept(':')) {
            return $this->comparisons->sliced($container, $index, $opened);
        }
        $index = $this->tupled($index);
        $this->close($opened);
        if ($index instanceof NumberLiteral && \is_float($index->value)) {
            $this->mistake('index_not_whole', $opened->offset, $this->endOffset() - $opened->offset);
        }

        return new Item($container, $index);
    }

    /** Whether what stands before brackets may be given a map for its parameters: a function that is a value, or one that gathers names. */
    private function mayTakeNames(string $name): bool
    {
        return isset($this->symbols->functions[$name]) || isset($this->classes->methodNames[PythonNames::METHODS[$name] ?? $name]) || $this->isVariable($name);
    }

    /** The name before the brackets in which the reading stands. */
    private function askedAround(): string
    {
        for ($index = $this->at - 1; $index > 0; --$index) {
            $text = $this->tokens[$index]->text;
            if (TokenKind::Sign === $this->tokens[$index]->kind && \in_array($text, [')', ']', '}'], true)) {
                $index = $this->partners[$index] ?? $index;
            } elseif ('(' === $text) {
                return $this->tokens[$index - 1]->text;
            }
        }

        return '';
    }

    protected function argument(): Argument
    {
        $offset = $this->offset();
        $name = $this->peek();
        if (null !== $name && TokenKind::Name === $name->kind && $this->is('=', 1) && !$this->is('=', 2)) {
            $this->at += 2;
            $start = $this->offset();
            $value = ('key' === $name->text ? $this->functionNames->key() : null) ?? $this->expression();

            return new Argument($value, $start, $this->endOffset(), $name->text);
        }
        if ($this->accept('*')) {
            $value = $this->expression();

            return new Argument($value, $offset, $this->endOffset(), '*');
        }
        if ($this->is('**')) {
            $around = $this->askedAround();
            if (!\in_array($around, ['format', '_replace'], true) && !$this->mayTakeNames($around)) {
                $this->fail('unsupported', null, ['what' => '**…']);
            }
            ++$this->at;

            return new Argument($this->expression(), $offset, $this->endOffset(), '**');
        }
        $value = $this->expression();

        return new Argument($value, $offset, $this->endOffset());
    }

    protected function knows(string $object): bool
    {
        return \in_array($object, self::LIBRARIES, true);
    }

    public function extraMembers(string $object): array
    {
        return 'random' === $object ? ['randint', 'randrange'] : [];
    }

    public function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        return $this->libraryFunctions->builtin($name, $arguments, $token);
    }

    public function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        return $this->libraryMethods->method($receiver, $name, $arguments, $token);
    }

    protected function member(Expression $receiver): Expression
    {
        if ($receiver instanceof VariableRead && isset($this->keptFailures[$receiver->name]) && $this->is('args') && $this->is('[', 1) && $this->is('0', 2) && $this->is(']', 3) && !isset($this->classes->fieldNames['args'])) {
            $this->at += 4;

            return new Operation(OperationKey::FailureFirst, [$receiver]);
        }
        if ($this->accept('__dict__')) {
            return new Operation(OperationKey::FieldsOf, [$receiver]);
        }
        if (!$this->is('__class__')) {
            $static = $receiver instanceof Operation && \in_array($receiver->key, [OperationKey::Kind, OperationKey::MakerOf], true) ? $this->unknownMembers->anyStatic($this->sign() ?? '') : null;
            if (null !== $static && [] !== array_intersect($this->classes->parents, [strstr($static, '.', true)])) {
                // Each class that is a kind of it may have one of its own (The Python Language Reference, 3.2).
                $this->fail('unsupported', null, ['what' => 'type(…).'.$this->sign()]);
            }

            return parent::member($receiver);
        }
        ++$this->at;
        if ($this->is('.') && $this->is('__name__', 1)) {
            $this->at += 2;

            return new Operation(OperationKey::KindName, [$receiver]);
        }

        return new Operation(OperationKey::MakerOf, [$receiver]);
    }

    protected function mayBeCalled(Expression $value): bool
    {
        return $value instanceof Operation && \in_array($value->key, [OperationKey::Kind, OperationKey::MakerOf], true) || parent::mayBeCalled($value);
    }

    /** `self.action(bed)`: what an object keeps may be a function. */
    public function ofValue(Expression $receiver, Token $name, array $arguments): ?Expression
    {
        return isset($this->classes->setFields[$name->text]) && isset($this->classes->fieldNames[$name->text]) && !$receiver instanceof TextLiteral ? new MethodCall(new Field($receiver, $name->text), MethodCall::CALL, $this->namedArguments->handed($arguments)) : null;
    }

    protected function methodAsValue(Expression $receiver, Token $name): ?Expression
    {
        $isClass = $receiver instanceof VariableRead && (isset($this->classes->parents[$receiver->name]) || isset($this->imported[$receiver->name])) && !$this->isVariable($receiver->name);

        return $isClass || $this->isOfLibrary($receiver) ? null : new Operation(OperationKey::MethodOf, [$receiver, new TextLiteral($name->text)]);
    }

    /** The text at the beginning of a class or a function, which says what it is for (The Python Language Reference, 3.2). */
    private function saidFor(Expression $receiver, Token $token): Expression
    {
        $name = $receiver instanceof VariableRead ? $receiver->name : ($receiver instanceof FunctionReference ? $receiver->function : '');
        if (1 !== preg_match('/^[ \t]*+(?:class|def)[ \t]++'.Names::asPattern($name).'\b[^\n#]*:[ \t]*+\R(?:[ \t]*+(?:#[^\n]*+)?+\R)*+[ \t]*+("""|\'\'\'|"|\')?/mu', $this->text, $match, \PREG_OFFSET_CAPTURE) || '' === $name) {
            $this->fail('unsupported', $token, ['what' => '__doc__']);
        }
        $quote = $match[1][0] ?? '';
        $from = (int) $match[0][1] + \strlen($match[0][0]);
        $until = '' === $quote ? false : strpos($this->text, $quote, $from);
        $said = false === $until ? '' : substr($this->text, $from, $until - $from);
        if (str_contains($said, '\\') || 1 === \strlen($quote) && str_contains($said, "\n")) {
            $this->fail('unsupported', $token, ['what' => '__doc__']);
        }

        return false === $until ? new NothingLiteral() : new TextLiteral($said);
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        if ($receiver instanceof VariableRead && $receiver->name === $this->itself && '' !== $this->class) {
            return new Field($receiver, $name);
        }
        $places = '_fields' === $name && $receiver instanceof VariableRead ? $this->classes->given[$receiver->name] ?? null : null;
        if (null !== $places) {
            // What the places of a record are called (The Python Standard Library, collections.namedtuple).
            return new Operation(OperationKey::AsTuple, [new ListLiteral(array_map(static fn (string $place): TextLiteral => new TextLiteral($place), $places))]);
        }
        if ('__name__' === $name && $receiver instanceof Operation && OperationKey::Kind === $receiver->key) {
            return new Operation(OperationKey::KindName, $receiver->arguments);
        }
        if ('__name__' === $name && $receiver instanceof VariableRead && isset($this->classes->parents[$receiver->name]) && !$this->isVariable($receiver->name)) {
            return new TextLiteral($receiver->name);
        }
        if ('__name__' === $name) {
            return new Operation(OperationKey::FunctionName, [$receiver]);
        }
        if ('__doc__' === $name) {
            return $this->saidFor($receiver, $token);
        }
        $made = $receiver instanceof VariableRead && 'str' === $receiver->name && !$this->isVariable('str') ? $this->functionNames->methodOfTexts($name) : null;
        if (null !== $made) {
            return $made;
        }
        if (\in_array($name, ['length', 'size'], true)) {
            $this->fail('foreign_word', $token, ['word' => '.'.$name, 'near' => 'len(…)']);
        }
        $methods = SpellingIndex::of(Language::Python)->methods;
        $handed = ($this->is(')') || $this->is(',')) && ($this->isPlain($receiver) || $receiver instanceof ListLiteral) ? FunctionNames::methodOf($receiver, $name) : null;
        if (null !== $handed) {
            return $handed;
        }
        if (isset($methods[$name]) && $this->functionNames->isKept()) {
            return $this->functionNames->keptMethod($receiver, $name) ?? $this->fail('unsupported', $token, ['what' => ".$name"]);
        }
        if (isset($methods[$name])) {
            $end = $token->offset + \strlen($name);
            if (($this->is(')') || $this->is(',')) && 1 < \count($methods[$name][0][1]) && true !== ValueOperations::find($methods[$name][0][0])?->hasEffect()) {
                $this->fail('unsupported', $token, ['what' => "….$name"]);
            }
            $this->fail('call_brackets', $token, ['name' => $name], 1 === \count($methods[$name][0][1]) ? [new Replacement($end, 0, '()')] : []);
        }

        return null;
    }

    public function plainName(Token $token): Expression
    {
        if ('NotImplemented' === $token->text && !$this->isVariable($token->text)) {
            // A method says so that another one is asked; as a value of any kind it is something else.
            str_contains($this->scope, '.@') || $this->fail('unsupported', $token, ['what' => $token->text]);

            return new Operation(OperationKey::NotTaken);
        }
        // A program is always run as itself here, and never taken in by another one.
        if ('__name__' === $token->text && $this->is('==') && '__main__' === $this->textBehind()) {
            $this->at += 2;

            return new TruthLiteral(true);
        }
        if ('print' === $token->text && !$this->isVariable('print') && !isset($this->symbols->functions['print'])) {
            return new Operation(OperationKey::Printer);
        }
        if (null !== FailureNames::kindOf($this->language(), $token->text) && !$this->isVariable($token->text) && !isset($this->classes->parents[$token->text]) && !$this->mayFail($token->offset)) {
            // Kinds of failures are values in Python, which rows that let go of something compare.
            return str_ends_with($this->scope, '.'.ClassDefinition::EXITS) ? new VariableRead($token->text) : $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        $property = SpellingIndex::of(Language::Python)->properties[$this->imported[$token->text] ?? ''] ?? null;
        if (null !== $property && !$this->isVariable($token->text)) {
            return new Operation($property);
        }

        if (\in_array($token->text, ['len', 'abs', 'sum', 'sorted', 'ord'], true) && !$this->isVariable($token->text) && !isset($this->symbols->functions[$token->text])) {
            return $this->functionNames->functionNamed($token->text) ?? parent::plainName($token);
        }

        return parent::plainName($token);
    }

    /** Whether the kind of a failure that is caught is shown only, and is one of those that Python calls by their names alone. */
    private function showsKinds(int $ahead): bool
    {
        $isAsked = \in_array($this->sign($ahead), ['.', '==', '!=', 'is', 'in', 'not', '(', '[', '='], true) || \in_array($this->tokens[$this->at - 1]->text ?? '', ['==', '!=', 'is', 'in', 'not', '=', 'return'], true);

        return !$isAsked && [] === array_filter(array_keys($this->classes->parents), fn (int|string $class): bool => $this->isRaised((string) $class)) && 1 !== preg_match('/\bimport\b[^\n]*\b(?:json|re|statistics|dataclasses)\b|\bfrom\s+(?:json|re|statistics|dataclasses)\b/', $this->text);
    }

    /** What a text says that stands behind the next token. */
    private function textBehind(): ?string
    {
        $token = $this->peek(1);

        return null !== $token && TokenKind::Text === $token->kind ? trim($token->text, '"\'') : null;
    }

    /** Passes over what kind of values something has (The Python Language Reference, 7.2.2 and 8.7). */
    public function annotation(): void
    {
        while (null !== $this->peek() && !\in_array($this->sign(), ['=', ',', ')', ':'], true)) {
            $this->at = ($this->closingOf($this->at) ?? $this->at) + 1;
        }
    }

    /** A member of an enumeration that is asked for, or all of them. */
    protected function enumerated(Token $token): ?Expression
    {
        return null;
    }

    /** A method that is handed its class may be asked of an object, whose class it is handed then. */
    public function calledOf(Expression $receiver, string $method, array $arguments, ?string $class = null): ?OwnValue
    {
        $owners = array_values(array_filter(array_keys($this->classes->parents), fn (string|int $of): bool => isset($this->classes->methods[$of][$method])));
        $isOfSeveral = [] !== array_filter($owners, fn (string|int $of): bool => isset($this->ofSeveral["$of.$method"]));
        if ($isOfSeveral && 1 < \count($owners)) {
            $this->fail('unsupported', $this->tokens[$this->at - 1] ?? null, ['what' => ".$method(…)"]);
        }

        return $isOfSeveral ? new OwnValue("$owners[0].$method", [new Operation(OperationKey::MakerOf, [$receiver]), ...$arguments]) : $this->ofClassItself($receiver, $method, $arguments);
    }

    public function named(Token $token): Expression
    {
        if (($this->inDefault || '' === $this->scope) && isset($this->classes->statics[$this->class][$token->text])) {
            ++$this->at;
            $this->read("$this->class.$token->text", $token->offset);

            return $this->postfix(new VariableRead("$this->class.$token->text"));
        }
        $caught = 'type' === $token->text && $this->is('(', 1) ? $this->peek(2) : null;
        if (null !== $caught && isset($this->caught[$caught->text]) && $this->is(')', 3)) {
            $isName = $this->is('.', 4) && $this->is('__name__', 5);
            if (!$isName && !$this->showsKinds(4)) {
                $this->noFailure($caught);
            }
            $this->at += $isName ? 6 : 4;
            $this->read($caught->text, $caught->offset);
            $name = new Operation(OperationKey::FailureName, [new VariableRead($caught->text)]);

            return $isName ? $name : new Binary(Operator::Join, new Binary(Operator::Join, new TextLiteral("<class '"), $name), new TextLiteral("'>"));
        }
        if ('sys' === $token->text && $this->is('.', 1) && ($this->is('stderr', 2) || $this->is('stdout', 2)) && !$this->is('.', 3)) {
            $this->at += 3;

            return $this->transient(OperationKey::Stream, [new TextLiteral($this->tokens[$this->at - 1]->text)]);
        }
        if ('sys' === $token->text && $this->is('.', 1) && $this->is('argv', 2) && !$this->isVariable('sys')) {
            // Nothing is given to a program that is run here.
            $this->at += 3;

            return $this->postfix(new ListLiteral([new TextLiteral('main.py')]));
        }
        $behind = $this->behindTyped($token);
        if (null !== $behind) {
            $this->at += $behind;
            if ($this->is('.') && $this->is('read', 1) && $this->is('(', 2) && $this->is(')', 3)) {
                $this->at += 4;

                return $this->postfix(new Operation(OperationKey::AllInput));
            }
            $typed = new Operation(OperationKey::TypedFile);
            if ($this->is('.') && $this->is('readline', 1) && !$this->is('(', 2)) {
                // The method itself, under another name.
                $this->at += 2;

                return new Lambda([], new Operation(OperationKey::FileLine, [$typed]));
            }

            return $this->postfix($typed);
        }
        if ('' !== $this->anyClass && $this->anyClass === $token->text) {
            return $this->postfix($this->classCalls->ofAnyClass($token));
        }
        if (isset($this->ownClass[$token->text])) {
            $token = new Token($token->kind, $this->ownClass[$token->text], $token->offset);
        }
        $member = $this->enumerated($token);
        if (null !== $member) {
            return $this->postfix($member);
        }
        $made = $this->madePatterns->of($token) ?? $this->libraryModules->ofStandardLibrary($token) ?? $this->libraryModules->ofFolder($token);
        if (null !== $made) {
            return $made;
        }
        $library = $this->is('.', 1) ? $this->aliases[$token->text] ?? null : null;
        if (null !== $library) {
            $token = new Token($token->kind, $library, $token->offset);
            // @phpstan-ignore assign.propertyType (the token is there already)
            $this->tokens[$this->at] = $token;
        }
        if (('map' === $token->text || 'filter' === $token->text) && $this->is('(', 1) && !isset($this->symbols->functions[$token->text]) && null !== $opened = $this->peek(1)) {
            $overSeveral = 'map' === $token->text ? $this->handedFunctions->mappedOver() : null;
            if (null !== $overSeveral) {
                return $overSeveral;
            }
            $at = $this->at;
            $this->at += 2;
            $offset = $this->offset();
            $function = $this->functionNames->function_();
            if (null !== $function && $this->accept(',')) {
                $over = $this->expression();
                $end = $this->endOffset();
                $this->close($opened);

                return $this->postfix($this->builtin($token->text, [new Argument($function, $offset, $end), new Argument($over, $offset, $end)], $token) ?? $over);
            }
            $this->at = $at;
        }

        return parent::named($token);
    }

    public function called(Token $token, array $arguments): Expression
    {
        if ('zip' === $token->text && 1 === \count($arguments) && '*' === $arguments[0]->name) {
            return new Operation(OperationKey::Turned, [$arguments[0]->value]);
        }
        if ('zip' === $token->text && 2 < \count($arguments)) {
            return new Operation(OperationKey::Turned, [new ListLiteral(array_map(static fn (Argument $argument): Expression => $argument->value, $arguments))]);
        }
        $isSpread = \in_array('*', array_column($arguments, 'name'), true) && !isset($this->symbols->functions[$token->text]) && !$this->isVariable($token->text);
        if ($isSpread && \in_array($token->text, ['max', 'min'], true) && [] === array_diff(array_filter(array_column($arguments, 'name')), ['*'])) {
            return new Operation('max' === $token->text ? OperationKey::Greatest : OperationKey::Least, [$this->inOneList($arguments)]);
        }
        if ($isSpread && 1 === \count($arguments) && 'itertools.chain' === ($this->imported[$token->text] ?? '')) {
            return new Operation(OperationKey::ChainedAll, [$arguments[0]->value]);
        }
        foreach ($arguments as $argument) {
            if ('*' === $argument->name && !isset($this->symbols->rests[$token->text]) && !isset($this->symbols->functions[$token->text]) && !$this->isVariable($token->text)) {
                $this->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => '*…']);
            }
        }
        $name = $token->text;
        $lower = strtolower($name);
        if ($name !== $lower && !isset($this->symbols->functions[$name]) && !$this->isVariable($name) && \in_array($lower, ['print', 'input', 'range', 'len', 'int', 'str', 'float'], true)) {
            $this->fail('capitals', $token, ['name' => $name, 'near' => $lower], [new Replacement($token->offset, \strlen($name), $lower)]);
        }
        if ('print' === $name && !isset($this->symbols->functions['print'])) {
            $this->fail('no_value', $token, ['name' => 'print']);
        }
        if (isset($this->symbols->functions[$name]) && ($this->drawsFreely || [] !== $this->drawing)) {
            // A parameter may get the name of a colour that the drawing module knows.
            $arguments = array_map(static fn (Argument $argument): Argument => new Argument(DrawingModule::colour($argument->value), $argument->offset, $argument->end, $argument->name), $arguments);
        }
        if ($this->drawsFreely && !isset($this->symbols->functions[$name]) && \in_array($name, DrawingModule::functions(), true)) {
            return $this->libraryModules->drawn($token, $arguments);
        }
        $full = $this->imported[$name] ?? null;
        if (null !== $full && !isset($this->symbols->functions[$name])) {
            $made = $this->builtin($name, $arguments, $token) ?? Spelled::match(SpellingIndex::of(Language::Python)->functions[$full] ?? [], $arguments, $this->text);
            if (null !== $made) {
                return $made;
            }
        }

        $open = isset($this->classes->parents[$token->text]) && !$this->isVariable($token->text) ? $this->classCalls->openIn($token->text) : [];
        if ([] !== $open) {
            $this->namedArguments->refuseNames($arguments);
            $says = "Can't instantiate abstract class $token->text with abstract method".(1 < \count($open) ? 's' : '').' '.implode(', ', $open);

            return new Operation(OperationKey::OpenClass, [new TextLiteral($token->text), new TextLiteral($says), ...$this->namedArguments->handed($arguments)]);
        }

        return parent::called($token, $arguments);
    }

    /**
     * What a method is given that a class is asked for: the object itself is the first of it, unless it needs none.
     *
     * @param list<string>   $parameters
     * @param list<Argument> $arguments
     *
     * @return list<Expression>
     */
    private function ofClass(string $method, array $parameters, array $arguments): array
    {
        $parameters = isset($this->sharedMethods[$method]) || isset($this->methodsOfClasses[$method]) ? $parameters : ['', ...$parameters];
        if ([] !== array_diff(array_filter(array_column($arguments, 'name')), $parameters)) {
            // Which of them gets what shows only when it is called.
            return $this->namedArguments->handed($arguments);
        }

        return $this->namedArguments->inOrderOf($parameters, $this->namedArguments->packed($method, $arguments));
    }

    protected function hasMembers(string $object): bool
    {
        return isset($this->drawing[$object]) || isset($this->classes->parents[$object]);
    }

    protected function memberCall(Token $object, Token $member, array $arguments): ?Expression
    {
        if (isset($this->classes->parents[$object->text])) {
            // The object itself is the first of what is given.
            $name = PythonNames::METHODS[$member->text] ?? $member->text;
            $owner = $this->classes->ownerOf($object->text, $name);
            if (null !== $owner && isset($this->ofSeveral["$owner.$name"])) {
                return new OwnValue("$owner.$name", [new Operation(OperationKey::Maker, [new TextLiteral($object->text)]), ...$this->namedArguments->inOrderOf($this->classes->methods[$owner][$name][2], $this->namedArguments->packed("$owner.$name", $arguments))]);
            }

            return null === $owner ? null : new OwnValue("$owner.$name", $this->ofClass("$owner.$name", $this->classes->methods[$owner][$name][2], $arguments));
        }

        return $this->libraryModules->drawn($member, $arguments);
    }

    /** @return int|null how many signs say that the lines are meant that are typed in: `sys.stdin`, `stdin` */
    private function behindTyped(Token $token): ?int
    {
        return match (true) {
            'sys' === $token->text && $this->is('.', 1) && $this->is('stdin', 2) && !$this->isVariable('sys') => 3,
            'stdin' === $token->text && 'sys.stdin' === ($this->imported['stdin'] ?? '') && !$this->isVariable('stdin') => 1,
            default => null,
        };
    }
}
