<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Shadows;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Patterns;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

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
        if (TokenKind::Pattern === $token->kind) {
            ++$this->at;
            $end = (int) strrpos($token->text, '/');
            [$source, $flags] = [substr($token->text, 1, $end - 1), substr($token->text, $end + 1)];
            if (null === Patterns::javaScript($source, $flags)) {
                $this->fail('unsupported', $token, ['what' => $token->text]);
            }

            return $this->postfix(new Operation(OperationKey::Pattern, [new TextLiteral($source), new TextLiteral($flags)]));
        }
        switch ($token->text) {
            case '[':
                return $this->postfix($this->list($token));
            case '{':
                return $this->postfix($this->map($token));
            case 'null':
            case 'undefined':
                ++$this->at;

                $nothing = new NothingLiteral('undefined' === $token->text);

                return $this->is('?.') || $this->is('.') || $this->is('[') ? $this->postfix($nothing) : $nothing;
            case 'new':
                if ($this->is('.', 1) && $this->is('target', 2) && '' !== $this->class && $this->isVariable($this->itself) && ($this->isAskedForClass(3) || $this->is('.', 3) && $this->is('name', 4))) {
                    // In the function that makes an object it is the object's class (ECMAScript 2022, 13.3.12).
                    $this->at += $this->is('.', 3) ? 5 : 3;
                    $this->read($this->itself, $token->offset);

                    return new Operation(OperationKey::KindName, [new VariableRead($this->itself)]);
                }

                return $this->newArray($token);
            case 'delete':
                ++$this->at;
                $target = $this->expression(9);
                $target = $target instanceof MethodCall && $target->otherwise instanceof Item ? $target->otherwise : $target;
                if (!$target instanceof Item) {
                    $this->fail('unsupported', $token, ['what' => 'delete']);
                }

                // It gives whether nothing is there now, which is always so (ECMAScript 2022, 13.5.1.2).
                return new Operation(OperationKey::After, [new Operation(OperationKey::Forget, [$target->container, $target->index]), new TruthLiteral(true)]);
            case 'void':
                if (TokenKind::Number === $this->peek(1)?->kind) {
                    $this->at += 2;

                    return new NothingLiteral(true);
                }

                return null;
            case 'await':
                ++$this->at;
                $value = $this->expression(9);
                $isOfScene = $value instanceof CommandValue || $value instanceof Operation && str_starts_with(ValueOperations::find($value->key)->spellings['javascript'][0] ?? '', 'await ');

                return $this->withPromises && !$isOfScene ? new Operation(OperationKey::Awaited, [$value]) : $value;
            case 'this':
                if ('' !== $this->class && !$this->isVariable($this->itself) && str_contains($this->scope, '.')) {
                    // The class that is asked, which may be one of several.
                    $this->fail('unsupported', $token, ['what' => 'static … { … this … }']);
                }
                if ('' !== $this->class) {
                    ++$this->at;
                    $this->read($this->itself, $token->offset);

                    return $this->postfix(new VariableRead($this->itself));
                }
                if ($this->isVariable('this')) {
                    ++$this->at;
                    $this->read('this', $token->offset);

                    return $this->postfix(new VariableRead('this'));
                }
                $this->fail('unsupported', $token, ['what' => 'this']);
                // no break
            case 'super':
                if ('' !== $this->class) {
                    return $this->postfix($this->above($token));
                }
                $this->fail('unsupported', $token, ['what' => 'super']);
                // no break
            case 'typeof':
                return $this->typeOf();
            case 'function':
                return $this->postfix($this->unnamedValue());
            case 'class':
                $this->fail('unsupported', $token, ['what' => $token->text]);
                // no break
            case '/':
                $this->fail('unsupported', $token, ['what' => '/…/']);
                // no break
            case 'of':
            case 'from':
                return $this->named($token);
        }

        return null;
    }

    /** `super(name)`, `super.water(2)`: the method as the class above has it. */
    private function above(Token $token): Expression
    {
        ++$this->at;
        $member = $this->accept('.') ? $this->peek() : null;
        $this->at += null === $member ? 0 : 1;
        $opened = $this->peek();
        if (null !== $member && isset($this->asked[$member->text]) && !\in_array($opened?->text, ['(', '=', '+=', '-='], true) && null !== $owner = $this->ownerOf($this->classes[$this->class] ?? '', $member->text)) {
            $this->read($this->itself, $token->offset);

            return new OwnValue("$owner.$member->text", [new VariableRead($this->itself)]);
        }
        if (null === $opened || !$this->accept('(')) {
            $this->fail('unsupported', $token, ['what' => 'super']);
        }
        $arguments = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
        if (null === $member && null === $this->ownerOf($this->classes[$this->class] ?? '', ClassDefinition::MAKES) && $this->isRaised($this->class)) {
            $this->read($this->itself, $token->offset);

            return new Operation(OperationKey::SayFailing, [new VariableRead($this->itself), $arguments[0] ?? new TextLiteral('')]);
        }
        $name = null === $member ? ClassDefinition::MAKES : ('toString' === $member->text ? ClassDefinition::SHOWS : $member->text);
        $owner = $this->ownerOf($this->classes[$this->class] ?? '', $name);
        $this->read($this->itself, $token->offset);
        if (null === $owner) {
            return null === $member ? new NothingLiteral() : $this->unknownMethod($member, true);
        }

        return new OwnValue("$owner.$name", [new VariableRead($this->itself), ...$arguments]);
    }

    /** `typeof bed === "string"` asks for a kind. */
    public function typeOf(): Expression
    {
        ++$this->at;
        $name = $this->peek();
        $builtIn = null === $name || $this->is('.', 1) || $this->is('(', 1) || $this->is('[', 1) || $this->isVariable($name->text) || isset($this->functions[$name->text]) ? null : [
            'Math' => 'object', 'JSON' => 'object', 'console' => 'object', 'process' => 'object', 'Number' => 'function', 'String' => 'function', 'Boolean' => 'function', 'Array' => 'function', 'Object' => 'function', 'Date' => 'function', 'Map' => 'function',
            'Set' => 'function', 'Promise' => 'function', 'Error' => 'function', 'parseInt' => 'function', 'parseFloat' => 'function', 'isNaN' => 'function', 'setTimeout' => 'function', 'setInterval' => 'function', 'Symbol' => 'function', 'BigInt' => 'function', 'module' => 'object', 'exports' => 'object', 'require' => 'function', 'globalThis' => 'object',
        ][$name->text] ?? null;
        if (null !== $name && isset($this->classes[$name->text]) && !$this->is('.', 1) && !$this->is('(', 1) && !$this->isVariable($name->text)) {
            $builtIn = 'function';
        }
        if (null !== $builtIn) {
            ++$this->at;

            return new TextLiteral($builtIn);
        }
        if (TokenKind::Name === $name?->kind && !$this->is('.', 1) && !$this->is('(', 1) && $this->isOnlyAskedFor($name->text)) {
            // What is declared nowhere may be asked for its kind (ECMAScript 2022, 13.5.3).
            ++$this->at;

            return new TextLiteral('undefined');
        }
        $value = $this->expression(9);
        $isEqual = $this->is('===') || $this->is('==');
        $kind = $this->peek(1);
        if (!$isEqual && !$this->is('!==') && !$this->is('!=') || null === $kind || TokenKind::Text !== $kind->kind) {
            return new Operation(OperationKey::KindWord, [$value]);
        }
        $named = ['string' => '@text', 'number' => '@number', 'boolean' => '@truth'][trim($kind->text, '"\'')] ?? null;
        if (null === $named) {
            return new Operation(OperationKey::KindWord, [$value]);
        }
        $this->at += 2;
        $test = new KindTest($value, $named);

        return $isEqual ? $test : new Unary(UnaryOperator::Not, $test);
    }

    /** Whether a name stands nowhere but behind `typeof`, and is none of the machine's own. */
    private function isOnlyAskedFor(string $name): bool
    {
        // The tokens may be those of a template alone.
        $quoted = Names::asPattern($name);
        if ($this->isVariable($name) || isset($this->functions[$name]) || preg_match_all("/(?<![\\w$.])$quoted(?![\\w$])/", $this->text) > preg_match_all("/\\btypeof\\s+$quoted(?![\\w$])/", $this->text)) {
            return false;
        }

        // The classes of the library begin with a capital.
        return 1 !== preg_match('/^(?:[A-Z]|(?:globalThis|arguments|console|process|module|exports|require|structuredClone|performance|crypto|navigator)$)/', $name) && !RealNames::has($name, Language::JavaScript) && !isset(SpellingIndex::of(Language::JavaScript)->functions[$name]);
    }

    private function newArray(Token $token): Expression
    {
        $class = $this->peek(1);
        if (null !== $class && isset($this->classes[$class->text])) {
            $opened = $this->peek(2);
            ++$this->at;
            ++$this->at;
            $arguments = null !== $opened && $this->accept('(') ? $this->arguments($opened) : [];

            return $this->postfix($this->called($class, $arguments));
        }
        $fitting = FittingKind::ofClass($this->sign(1) ?? '');
        if (null !== $fitting && $this->is('(', 2)) {
            $opened = $this->peek(2) ?? $token;
            $this->at += 3;
            $sockets = $this->arguments($opened);
            if (\count($sockets) !== $fitting->sockets()) {
                $this->fail(\count($sockets) < $fitting->sockets() ? 'few_arguments' : 'many_arguments', $opened, ['name' => $fitting->value, 'wanted' => $fitting->sockets(), 'given' => \count($sockets)]);
            }

            return $this->postfix(new Operation(OperationKey::from($fitting->value), array_map(static fn (Argument $argument): Expression => $argument->value, $sockets)));
        }
        $failure = $this->withPromises && $this->is('(', 2) && $this->isFailure($this->sign(1) ?? '') ? $this->sign(1) : null;
        if (null !== $failure || $this->withPromises && $this->is('Promise', 1) && $this->is('(', 2)) {
            $opened = $this->peek(2) ?? $token;
            $this->at += 3;
            $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));

            return $this->postfix(null === $failure ? new Operation(OperationKey::PromiseMade, $given) : new Operation(OperationKey::FailureMade, [new TextLiteral($failure), ...\array_slice($given, 0, 1)]));
        }
        if ($this->is('Set', 1) || $this->is('Map', 1)) {
            $key = $this->is('Set', 1) ? OperationKey::SetOf : OperationKey::NewMap;
            $this->at += 2;
            $opened = $this->peek();
            $given = null !== $opened && $this->accept('(') ? $this->arguments($opened) : [];
            if (1 < \count($given)) {
                $this->fail('many_arguments', $token, ['name' => 'new', 'wanted' => 1, 'given' => \count($given)]);
            }

            return $this->postfix(new Operation($key, array_map(static fn (Argument $argument): Expression => $argument->value, $given)));
        }
        if ($this->is('RegExp', 1) && null !== ($opened = $this->peek(2)) && '(' === $opened->text) {
            $this->at += 3;
            $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));

            return $this->postfix(new Operation(OperationKey::Pattern, [$given[0] ?? new TextLiteral(''), $given[1] ?? new TextLiteral('')]));
        }
        if (!$this->is('Array', 1) || !$this->is('(', 2)) {
            $this->fail('unsupported', $token, ['what' => 'new '.($this->peek(1)->text ?? '')]);
        }
        $opened = $this->peek(2) ?? $token;
        $this->at += 3;
        $arguments = $this->arguments($opened);
        if (1 === \count($arguments) && $this->is('.') && $this->is('fill', 1) && null !== $fill = $this->peek(2)) {
            $this->at += 3;
            $values = $this->arguments($fill);

            return $this->postfix(new Operation(OperationKey::Filled, [$arguments[0]->value, $values[0]->value ?? new NothingLiteral()]));
        }
        if (1 !== \count($arguments) && [] === array_filter(array_column($arguments, 'name'))) {
            // Several are the items themselves (ECMA-262, 23.1.1.1).
            return $this->postfix(new ListLiteral(array_map(static fn (Argument $argument): Expression => $argument->value, $arguments)));
        }
        $this->fail('unsupported', $token, ['what' => 'new Array(…)']);
    }

    /** @var array<string, true> names of what gives its items only once */
    public array $begun = [];

    private function list(Token $opened): Expression
    {
        ++$this->at;
        $items = [];
        $spread = null;
        while (!$this->is(']')) {
            if ($this->is(',')) {
                // A place that is left out is none of a list here (ECMAScript 2022, 13.2.4).
                $this->fail('unsupported', $this->peek(), ['what' => '[ , ]']);
            }
            if ($this->accept('...')) {
                $more = $this->expression();
                $spread = null === $spread && [] === $items ? new Operation($more instanceof VariableRead && isset($this->begun[$more->name]) ? OperationKey::AsList : OperationKey::Copied, [$more])
                    : new Operation(OperationKey::Concatenated, [$this->gathered($spread, $items), $more]);
                $items = [];
            } else {
                $items[] = $this->expression();
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);
        if (null === $spread) {
            return new ListLiteral($items);
        }
        $all = $this->gathered($spread, $items);

        return $all instanceof Operation && OperationKey::Concatenated === $all->key && $all->arguments[0] instanceof Operation && OperationKey::Copied === $all->arguments[0]->key
            ? new Operation(OperationKey::Concatenated, [$all->arguments[0]->arguments[0], $all->arguments[1]])
            : $all;
    }

    /** @param list<Expression> $items */
    private function gathered(?Expression $spread, array $items): Expression
    {
        if (null === $spread) {
            return new ListLiteral($items);
        }

        return [] === $items ? $spread : new Operation(OperationKey::Concatenated, [$spread, new ListLiteral($items)]);
    }

    /** Whether names in braces or square brackets stand here, which get parts of something. */
    protected function isPattern(int $ahead = 0): bool
    {
        return $this->is('{', $ahead) || $this->is('[', $ahead);
    }

    /**
     * `{ name, age: years = 9 }`, `[first, , ...rest]`: names that get parts of something (ECMA-262, 14.3.3).
     *
     * @return list<array{string, Expression, Token}> each name, what it gets, and where it stands
     */
    protected function pattern(Expression $from): array
    {
        $opened = $this->peek();
        if (null === $opened) {
            $this->fail('name_missing');
        }
        ++$this->at;
        $parts = $taken = [];
        for ($place = 0; !$this->is(self::CLOSING[$opened->text] ?? ')'); ++$place) {
            if ('[' === $opened->text && $this->accept(',')) {
                continue;
            }
            $isRest = $this->accept('...');
            if ($isRest && '{' === $opened->text) {
                // All that was not taken by a name of its own.
                array_push($parts, ...$this->patternPart(new Operation(OperationKey::LeftOut, [$from, new ListLiteral($taken)])));
                break;
            }
            if ('[' === $opened->text) {
                $value = $isRest ? $this->restOf($from, $place) : new Item($from, new NumberLiteral($place));
                array_push($parts, ...$this->patternPart($value));
            } else {
                $key = $this->peek();
                if (null === $key || !\in_array($key->kind, [TokenKind::Name, TokenKind::Keyword, TokenKind::Text], true)) {
                    $this->fail('name_missing', $key);
                }
                $name = TokenKind::Text === $key->kind ? $this->quoted($key) : Shadows::written($key, $this->shadows);
                $taken[] = new TextLiteral($name);
                $value = match (true) {
                    isset($this->asked[$name]) => $this->askedFor($from, $name),
                    isset($this->fieldNames[$name]) => new Field($from, $name),
                    // A text or a list has it as well as an object that was given one.
                    'length' === $name && 1 !== preg_match('/\blength\s*:/', $this->text) => new Operation(OperationKey::Length, [$from]),
                    default => new Item($from, new TextLiteral($name)),
                };
                $this->at += $this->is(':', 1) ? 2 : 0;
                array_push($parts, ...$this->patternPart($value));
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);

        return $parts;
    }

    /** @var array<string, bool> values that got a name only to be taken apart: whether each is a text */
    protected array $takenTexts = [];

    /** What is left over where a value is taken apart: a list, of a text as well (ECMAScript 2022, 14.3.3). */
    private function restOf(Expression $from, int $place): Expression
    {
        $rest = new Slice($from, new NumberLiteral($place), new NothingLiteral());
        $isText = $from instanceof VariableRead && (($this->takenTexts[$from->name] ?? false) || 1 === preg_match('/\b(?:const|let|var)\s+'.Names::asPattern($from->name).'\s*=\s*(["\'`])[^\r\n]*?\1\s*(?:[;,]|$)/m', $this->text));

        // Where the text does not show what is taken apart, its type does, or the run.
        return $isText ? new Operation(OperationKey::Letters, [$rest]) : new Operation(OperationKey::AsList, [$rest]);
    }

    /** @return list<array{string, Expression, Token}> */
    private function patternPart(Expression $value): array
    {
        if ($this->isPattern()) {
            $closing = $this->closingOf($this->at);
            if (null === $closing || '=' !== ($this->tokens[$closing + 1]->text ?? '')) {
                return $this->pattern($value);
            }
            // What stands for it where it is left out is read before its parts are.
            [$start, $this->at] = [$this->at, $closing + 2];
            $default = $this->expression(1);
            [$end, $this->at] = [$this->at, $start];
            $parts = $this->pattern(new Choice(new Binary(Operator::Equal, $value, new NothingLiteral(true)), $default, $value));
            $this->at = $end;

            return $parts;
        }
        $name = $this->newName();
        if ($this->accept('=')) {
            $value = new Choice(new Binary(Operator::Equal, $value, new NothingLiteral(true)), $this->expression(1), $value);
        }

        return [[$name->text, $value, $name]];
    }

    /** A function with rows that stands in a value. */
    abstract protected function unnamedValue(): FunctionReference;

    /**
     * Whether functions that are not awaited go on beside others. A text that can be read without is one in which they
     * never do.
     */
    public bool $withPromises = false;

    /** A function that an object of its own keeps, which it knows as `this`. */
    abstract protected function methodValue(Token $name, bool $isGetter): FunctionReference;

    /** Whether `this` stands in a function. */
    abstract protected function saysThis(int $index): bool;

    private function map(Token $opened): Expression
    {
        ++$this->at;
        $entries = $parts = [];
        while (!$this->is('}')) {
            $key = $this->peek();
            if (null === $key) {
                $this->neverClosed($opened);
            }
            if ($this->accept('...')) {
                if ([] !== $entries) {
                    $parts[] = new MapLiteral($entries);
                    $entries = [];
                }
                $parts[] = $this->expression();
                if (!$this->accept(',')) {
                    break;
                }
                continue;
            }
            if ('*' === $key->text || 'set' === $key->text && $this->is('(', 2)) {
                $this->fail('unsupported', $key, ['what' => '{ '.$key->text.' …() { … } }']);
            }
            $isGetter = 'get' === $key->text && \in_array($this->peek(1)?->kind, [TokenKind::Name, TokenKind::Keyword], true) && $this->is('(', 2);
            if ($isGetter || 'async' !== $key->text && $this->is('(', 1) && (TokenKind::Name === $key->kind || TokenKind::Keyword === $key->kind)) {
                $this->at += (int) $isGetter;
                $name = $this->peek() ?? $key;
                $entries[] = new TextLiteral(Shadows::written($name, $this->shadows));
                $entries[] = $this->methodValue($name, $isGetter);
                if (!$this->accept(',')) {
                    break;
                }
                continue;
            }
            if (TokenKind::Name === $key->kind || TokenKind::Keyword === $key->kind) {
                ++$this->at;
                $entries[] = new TextLiteral(Shadows::written($key, $this->shadows));
                if ($this->is(',') || $this->is('}')) {
                    $this->read($key->text, $key->offset);
                    $entries[] = new VariableRead($key->text);
                    $this->accept(',');
                    continue;
                }
            } elseif ('[' === $key->text && TokenKind::Sign === $key->kind) {
                ++$this->at;
                $entries[] = $this->expression();
                $this->close($key);
            } else {
                $entries[] = $this->expression();
            }
            if (!$this->is(':') && 'set' === $key->text && TokenKind::Name === $this->peek()?->kind && $this->is('(', 1)) {
                $this->fail('unsupported', $key, ['what' => '{ set … }']);
            }
            if (!$this->accept(':')) {
                $this->fail('colon_in_map', null, [], [new Replacement($this->endOffset(), 0, ':')]);
            }
            $entries[] = $this->is('function') && $this->is('(', 1) && $this->saysThis($this->at) ? $this->methodValue($key, false) : $this->expression();
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);

        if ([] === $parts) {
            return new MapLiteral($entries);
        }
        if ([] !== $entries) {
            $parts[] = new MapLiteral($entries);
        }
        $map = array_shift($parts);

        return [] === $parts ? new Operation(OperationKey::Copied, [$map]) : array_reduce($parts, static fn (Expression $before, Expression $part): Expression => new Operation(OperationKey::Merged, [$before, $part]), $map);
    }

    protected function literal(Token $token): Expression
    {
        if ('`' !== $token->text[0]) {
            return new TextLiteral($this->quoted($token));
        }
        $inner = substr($token->text, 1, str_ends_with($token->text, '`') && 1 < \strlen($token->text) ? -1 : null);
        if (!str_ends_with($token->text, '`') || 1 === \strlen($token->text)) {
            $this->fail('quote_missing', $token, ['quote' => '`']);
        }
        $parts = [];
        $text = '';
        for ($at = 0; $at < \strlen($inner); ++$at) {
            if ('\\' === $inner[$at]) {
                $text .= $inner[$at].($inner[++$at] ?? '');
                continue;
            }
            if ('$' !== $inner[$at] || '{' !== ($inner[$at + 1] ?? '')) {
                $text .= $inner[$at];
                continue;
            }
            $depth = 1;
            $start = $at + 2;
            for ($end = $start; $end < \strlen($inner) && $depth > 0; ++$end) {
                $depth += '{' === $inner[$end] ? 1 : ('}' === $inner[$end] ? -1 : 0);
            }
            if ($depth > 0) {
                $this->failAt('bracket_missing', $token->offset + $at + 1, 2, ['opened' => '${', 'wanted' => '}']);
            }
            if ('' !== $text) {
                $parts[] = new TextLiteral(self::unescaped($text));
                $text = '';
            }
            $parts[] = $this->embedded(substr($inner, $start, $end - 1 - $start), $token->offset + 1 + $start);
            $at = $end - 1;
        }
        if ('' !== $text) {
            $parts[] = new TextLiteral(self::unescaped($text));
        }
        if ([] === $parts) {
            return new TextLiteral('');
        }
        $isAlone = 1 === \count($parts);
        $joined = array_shift($parts);
        foreach ($parts as $part) {
            $joined = new Binary(Operator::Join, $joined, $part);
        }

        return !$isAlone || $joined instanceof TextLiteral ? $joined : new Binary(Operator::Join, new TextLiteral(''), $joined);
    }

    protected function grouped(Token $opened): Expression
    {
        $closing = $this->closingOf($this->at);
        if (null !== $closing && '=>' === ($this->tokens[$closing + 1]->text ?? '') && $this->holdsRows($closing + 2)) {
            $printed = '' === $this->scope && [] !== $this->loops ? $this->onlyPrinting($closing) : null;
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
                return $this->takingApart($closing);
            }
            for ($index = $this->at + 1; $index < $closing; ++$index) {
                if (TokenKind::Name === $this->tokens[$index]->kind) {
                    $names[] = $this->tokens[$index]->text;
                }
            }
            $this->at = $closing + 1;

            return $this->arrow($names);
        }

        return parent::grouped($opened);
    }

    /** Whether what a function gives is in braces, or a function with braces stands in it, which sees its parameters. */
    private function holdsRows(int $index): bool
    {
        $depth = 0;
        if ('{' === ($this->tokens[$index]->text ?? '')) {
            return !$this->onlyGives($index);
        }
        // Where a function within takes what is left, or has values for what is left out, it is one with rows as well.
        $takesMore = [];
        for (; $index < $this->until && $depth >= 0; ++$index) {
            $text = $this->tokens[$index]->text;
            if (TokenKind::Text === $this->tokens[$index]->kind) {
                continue;
            }
            $last = $this->tokens[$index - 1];
            if (0 === $depth && TokenKind::Keyword === $this->tokens[$index]->kind && !\in_array($text, ['in', 'instanceof'], true)
                && (\in_array($last->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true) || \in_array($last->text, [')', ']', '}'], true))) {
                return false;
            }
            $isRows = '=>' === $text && ('{' === ($this->tokens[$index + 1]->text ?? '') && !$this->onlyGives($index + 1) || isset($takesMore[$index - 1]));
            if ($isRows || 'function' === $text) {
                return true;
            }
            $closing = '(' === $text ? $this->closingOf($index) : null;
            if (null !== $closing && '=>' === ($this->tokens[$closing + 1]->text ?? '') && [] !== array_filter(\array_slice($this->tokens, $index + 1, $closing - $index - 1), static fn (Token $token): bool => '=' === $token->text || '...' === $token->text)) {
                $takesMore[$closing] = true;
            }
            if (0 === $depth && (',' === $text || ';' === $text)) {
                return false;
            }
            $depth += \in_array($text, ['(', '[', '{'], true) ? 1 : (\in_array($text, [')', ']', '}'], true) ? -1 : 0);
        }

        return false;
    }

    /** What numbers can be (ECMA-262, 21.1.2). */
    private const LIMITS = [
        'MAX_SAFE_INTEGER' => 9007199254740991, 'MIN_SAFE_INTEGER' => -9007199254740991, 'MAX_VALUE' => \PHP_FLOAT_MAX, 'MIN_VALUE' => 5e-324, 'EPSILON' => \PHP_FLOAT_EPSILON,
    ];

    /** @return int|null where the parameters begin of a function that stands where a value may stand */
    abstract protected function unnamedAt(int $index, bool $isBraced = true): ?int;

    /** Whether a function in brackets is called at once, and nothing stands behind that: `(async () => { … })();` */
    private function isCalledLast(): bool
    {
        $closing = '(' === ($this->tokens[$this->at - 1]->text ?? '') ? $this->closingOf($this->at - 1) : null;
        $end = null !== $closing && '(' === ($this->tokens[$closing + 1]->text ?? '') ? $this->closingOf($closing + 1) : null;

        return '' === $this->scope && null !== $end && !isset($this->tokens[$end + (';' === ($this->tokens[$end + 1]->text ?? '') ? 2 : 1)]);
    }

    /** What a name of a library of the machine's own gives. */
    protected function ofLibrary(Token $token): ?Expression
    {
        return null;
    }

    protected function named(Token $token): Expression
    {
        if ('async' === $token->text && null !== $this->unnamedAt($this->at, false)) {
            // What is behind it would go on before it is done (ECMAScript 2022, 15.8.5).
            $this->withPromises || $this->isCalledLast() || $this->fail('unsupported', $token, ['what' => 'async']);

            return $this->unnamedValue();
        }
        $made = $this->ofLibrary($token);
        if (null !== $made) {
            return $made;
        }
        $limit = 'Number' === $token->text && $this->is('.', 1) ? self::LIMITS[$this->peek(2)->text ?? ''] ?? null : null;
        if (null !== $limit) {
            $this->at += 3;

            return new NumberLiteral($limit);
        }
        if ($this->is('=>', 1) && isset($this->operators()[$this->tokens[$this->at - 1]->text ?? ''])) {
            // No function without brackets stands behind a sign (ECMA-262, 15.3).
            ++$this->at;
            $this->signsMeant();
        }
        if ($this->is('=>', 1) && $this->holdsRows($this->at + 2)) {
            return $this->unnamedValue();
        }
        if ($this->is('=>', 1)) {
            ++$this->at;

            return $this->arrow([$token->text]);
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
            $this->fail('unsupported', $token, ['what' => 'console.'.($this->peek(2)->text ?? '')]);
        }
        if (isset($this->classes[$token->text]) && !$this->is('.', 1) && !$this->is('(', 1) && !$this->isVariable($token->text)) {
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

    /** `([name, count]) => …`: the names stand for parts of what is given. */
    private function takingApart(int $closing): Expression
    {
        ++$this->at;
        $parameters = $parts = $names = [];
        while ($this->at < $closing) {
            if ($this->isPattern()) {
                $parameters[] = $taken = $this->nameFor('taken');
                foreach ($this->pattern(new VariableRead($taken)) as [$name, $value]) {
                    $parts[$name] = $value;
                    $names[] = $name;
                }
            } else {
                $parameters[] = $names[] = $this->newName('parameter_no_name')->text;
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        if ($this->at !== $closing) {
            $this->fail('unsupported', $this->peek(), ['what' => '(… '.($this->sign() ?? '').' …) => …']);
        }
        $this->at = $closing + 2;
        $value = $this->inLambda(fn (): Expression => $this->onlyGiven() ?? $this->expression(1), ...$names);

        return new Lambda($parameters, Walk::mapExpression($value, static fn (Expression $part): Expression => $part instanceof VariableRead && isset($parts[$part->name]) ? $parts[$part->name] : $part));
    }

    /** @param list<string> $names */
    private function arrow(array $names): Expression
    {
        ++$this->at;

        return new Lambda($names, $this->inLambda(fn (): Expression => $this->onlyGiven() ?? $this->printedValue() ?? $this->giving(1), ...$names));
    }

    /** What a function gives whose one row gives something back: `{ return a - b; }`; null for a value without braces. */
    private function onlyGiven(): ?Expression
    {
        $opened = $this->peek();
        if (null === $opened || '{' !== $opened->text || !$this->onlyGives($this->at)) {
            return null;
        }
        $this->at += 2;
        $value = $this->printedValue() ?? $this->giving(1);
        $this->accept(';');
        $this->close($opened);

        return $value;
    }

    protected function mayReadSmall(ParseFailure $failure): bool
    {
        return 'unsupported' === $failure->mistake->kind && \in_array($failure->mistake->parameters['what'] ?? '', ['=> { … }', 'for … { => { … } }', 'from(…, …)', 'Array.from(…)'], true);
    }

    protected function mayHoldSmall(int $start): bool
    {
        $this->small ??= array_keys(array_filter($this->tokens, static fn (Token $token): bool => '=>' === $token->text || 'function' === $token->text));
        if (($this->small[$this->nextSmall] ?? -1) < $start || ($this->small[$this->nextSmall - 1] ?? -1) >= $start) {
            [$low, $high] = [0, \count($this->small)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                $this->small[$middle] < $start ? $low = $middle + 1 : $high = $middle;
            }
            $this->nextSmall = $low;
        }

        return isset($this->small[$this->nextSmall]) && $this->small[$this->nextSmall] - $start <= self::LONGEST_HEAD;
    }

    /** How many tokens a row may have before a small function in it. */
    private const LONGEST_HEAD = 300;
    /** @var list<int>|null where functions without a name may begin, by their place among the tokens */
    private ?array $small = null;
    /** the first of them that stands behind where a row began that was asked for last */
    private int $nextSmall = 0;

    /** Whether the braces that open at a token hold one row that gives something back, and nothing else. */
    private function onlyGives(int $brace): bool
    {
        $end = $this->readsSmall && 'return' === ($this->tokens[$brace + 1]->text ?? '') && !isset($this->begins[$brace + 2]) && ';' !== ($this->tokens[$brace + 2]->text ?? ';') ? $this->closingOf($brace) : null;
        if (null === $end || isset($this->remarksBefore[$end]) || isset($this->remarksBefore[$brace + 1])) {
            return false;
        }
        for ($at = $brace + 2; $at < $end; ++$at) {
            if (';' === $this->tokens[$at]->text && $at !== $end - 1 || $at > $brace + 2 && isset($this->begins[$at]) && \in_array($this->tokens[$at]->kind, [TokenKind::Name, TokenKind::Keyword], true)) {
                return false;
            }
            $at = $this->closingOf($at) ?? $at;
        }

        return true;
    }

    /** `(bed) => { console.log(bed); }` in a loop, which sees the variables of its turn: a function with that one row; null for any other. */
    private function onlyPrinting(int $closing): ?Lambda
    {
        $texts = array_map(static fn (Token $token): string => $token->text, \array_slice($this->tokens, $closing + 2, 5));
        $names = [];
        for ($index = $this->at + 1; $index < $closing; ++$index) {
            if (TokenKind::Name === $this->tokens[$index]->kind) {
                $names[] = $this->tokens[$index]->text;
            } elseif (',' !== $this->tokens[$index]->text) {
                return null;
            }
        }
        $end = ['{', 'console', '.', 'log', '('] === $texts ? $this->closingOf($closing + 6) : null;
        $brace = null === $end ? null : $end + (';' === ($this->tokens[$end + 1]->text ?? '') ? 2 : 1);
        if (null === $brace || '}' !== ($this->tokens[$brace]->text ?? '')) {
            return null;
        }
        $this->at = $closing + 3;
        $value = $this->inLambda(fn (): Expression => $this->printedValue() ?? new NothingLiteral(true), ...$names);
        $this->at = $brace + 1;

        return new Lambda($names, $value);
    }

    /** `() => console.log(bed)` shows something, and gives nothing back. */
    protected function printedValue(): ?Operation
    {
        $opened = $this->is('console') && $this->is('.', 1) && $this->is('log', 2) ? $this->peek(3) : null;
        if ('(' !== $opened?->text) {
            return null;
        }
        $this->at += 4;

        return new Operation(OperationKey::Printed, $this->handed($this->arguments($opened)));
    }

    /** What every console can do (Console Living Standard, 1). */
    private const OF_CONSOLE = ['log' => true, 'info' => true, 'warn' => true, 'error' => true, 'debug' => true, 'table' => true, 'dir' => true, 'assert' => true, 'count' => true, 'group' => true, 'groupEnd' => true, 'time' => true, 'timeEnd' => true, 'trace' => true, 'clear' => true];

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
    private function isAskedForClass(int $ahead): bool
    {
        return \in_array($this->sign($ahead), ['===', '!==', '==', '!='], true) && isset($this->classes[$this->sign($ahead + 1) ?? '']) && !$this->is('.', $ahead + 2) && !$this->is('(', $ahead + 2);
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
        if ('instanceof' === $sign && 5 >= $around && null !== $kind && isset($this->classes[$kind->text])) {
            $this->at += 2;

            return new KindTest($left, $kind->text);
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

        return parent::member($receiver);
    }

    /** Functions of the language's own that are handed over by their name: `rows.map(Object.values)`. */
    private function libraryFunction(): ?Lambda
    {
        $ends = $this->peek(3)?->text;
        $key = ')' === $ends || ',' === $ends ? [
            'Object.keys' => OperationKey::Keys, 'Object.values' => OperationKey::Values, 'Math.abs' => OperationKey::Absolute, 'Math.round' => OperationKey::Rounded, 'Math.floor' => OperationKey::Floor, 'Math.ceil' => OperationKey::Ceiling, 'Math.sqrt' => OperationKey::Root, 'Math.trunc' => OperationKey::ToWhole,
            'Number.isInteger' => OperationKey::IsWhole, 'Number.isNaN' => OperationKey::IsNan, 'JSON.stringify' => OperationKey::Json, 'JSON.parse' => OperationKey::FromJson,
        ][($this->peek()->text ?? '').($this->peek(1)->text ?? '').($this->peek(2)->text ?? '')] ?? null : null;
        $ends = $this->peek(1)?->text;
        $short = null === $key && (')' === $ends || ',' === $ends) && !$this->isVariable($this->peek()->text ?? '') ? ['String' => OperationKey::ToText, 'Number' => OperationKey::ToNumber, 'Boolean' => OperationKey::ToTruth][$this->peek()->text ?? ''] ?? null : null;
        $key ??= $short;
        if (null === $key) {
            return null;
        }
        $this->at += null === $short ? 3 : 1;

        return new Lambda(['item'], new Operation($key, [new VariableRead('item')]));
    }

    protected function argument(): Argument
    {
        $offset = $this->offset();
        $function = $this->libraryFunction();
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
        if ($receiver instanceof VariableRead && isset($this->classes[$receiver->name]) && !$this->isVariable($receiver->name)) {
            return null;
        }
        $opened = $this->is('.') && $this->is('bind', 1) ? $this->peek(2) : null;
        if (null === $opened || '(' !== $opened->text) {
            $this->fail('unsupported', $name, ['what' => "….$name->text"]);
        }
        $this->at += 3;
        $given = $this->arguments($opened);
        if (1 !== \count($given) || $given[0]->value != $receiver || !Given::isPlace($receiver)) {
            $this->fail('unsupported', $name, ['what' => "….$name->text.bind(…)"]);
        }

        return new Operation(OperationKey::MethodOf, [$receiver, new TextLiteral($name->text)]);
    }

    /** @var array<string, bool> whether the text shows that objects keep functions under a name */
    private array $functionsByText = [];

    protected function ofValue(Expression $receiver, Token $name, array $arguments): ?Expression
    {
        $quoted = Names::asPattern($name->text);
        $isFunction = $this->functionsByText[$name->text] ??= 1 === preg_match('/\b'.$quoted.'["\']?\s*:\s*(?:async\s+)?(?:function\b|\([^()]*\)\s*=>|\w+\s*=>|[A-Za-z_$][\w$.]*+(?:(?<=\.bind)\(\w+\))?\s*[,}])|\.\s*'.$quoted.'\s*=\s*(?:function\b|\([^()]*\)\s*=>|[A-Za-z_$][\w$.]*+\s*(?:=>|;|$))|[{,]\s*'.$quoted.'\s*\([^()]*\)\s*\{|[{,]\s*'.$quoted.'\s*[,}]/m', $this->text);
        // Names in square brackets may be any.
        $isFunction = $isFunction || $receiver instanceof VariableRead && 1 === preg_match('/\b'.Names::asPattern($receiver->name).'\s*\[[^\]\n]*\]\s*=[^=][^;\n]*(?:=>|\bfunction\b)/', $this->text);

        return $isFunction ? new MethodCall(new Item($receiver, new TextLiteral($name->text)), MethodCall::CALL, $this->handed($arguments)) : null;
    }

    protected function hasMembers(string $object): bool
    {
        return isset($this->classes[$object]);
    }

    /** @param list<Argument> $arguments */
    protected function memberCall(Token $object, Token $member, array $arguments): ?Expression
    {
        $owner = $this->ownerOf($object->text, $member->text);

        return null === $owner ? null : new OwnValue("$owner.$member->text", $this->handed($this->packed("$owner.$member->text", $arguments)));
    }

    protected function knows(string $object): bool
    {
        return \in_array($object, [...$this->withPromises ? ['Promise'] : [], 'Math', 'console', 'Object', 'String', 'Array', 'process', 'Number', 'JSON'], true);
    }

    protected function libraries(): array
    {
        return ['Math', 'console', 'Object', 'Array', 'JSON'];
    }

    protected function extraMembers(string $object): array
    {
        return ['console' => ['log', 'error', 'warn'], 'Math' => ['pow', 'min', 'max']][$object] ?? [];
    }

    protected function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $first = $values[0] ?? null;
        if ('console.error' === $name || 'console.warn' === $name) {
            $joined = array_shift($values) ?? new TextLiteral('');
            foreach ($values as $value) {
                $joined = new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $value);
            }

            return new Operation(OperationKey::Complain, [$joined]);
        }
        if (\in_array($name, ['console.log', 'console.info', 'console.debug'], true)) {
            foreach ($arguments as $argument) {
                if ($argument->value instanceof CommandValue && !Catalogue::get($argument->value->command)->value) {
                    $this->failAt('no_value', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->value->command]);
                }
            }

            if (1 < $count && $first instanceof TextLiteral && 1 === preg_match('/%[sdifjoOc]/', $first->value, $sign)) {
                // What follows goes into the gaps of the text (the Console standard, 2.2).
                $this->failAt('unsupported', $arguments[0]->offset, $arguments[0]->end - $arguments[0]->offset, ['what' => "console.log(\"$sign[0]\", …)"]);
            }

            foreach ($arguments as $argument) {
                $written = substr($this->text, $argument->offset, max(0, $argument->end - $argument->offset));
                if (1 === preg_match('/\.(?:(keys|values|entries)\(\s*\)|matchAll\([^()]*\))$/D', rtrim($written), $match) && !isset($this->methodNames[$match[1] ?? ''])) {
                    // What goes over something shows as that, not as what it goes over.
                    $this->failAt('unsupported', $argument->offset, max(1, \strlen($written)), ['what' => 'console.log(… .'.($match[1] ?? 'matchAll').'())']);
                }
            }

            return $this->transient(OperationKey::Console, $this->handed($arguments));
        }
        if (('Math.max' === $name || 'Math.min' === $name) && 0 === $count) {
            // Of nothing (ECMAScript 2022, 21.3.2.24).
            return 'Math.min' === $name ? new Operation(OperationKey::Infinity, []) : new Unary(UnaryOperator::Negate, new Operation(OperationKey::Infinity, []));
        }
        if ('Math.max' === $name || 'Math.min' === $name) {
            if (1 === $count && '...' === $arguments[0]->name) {
                return new Operation('Math.max' === $name ? OperationKey::Greatest : OperationKey::Least, [$first]);
            }

            if (\in_array('...', array_column($arguments, 'name'), true)) {
                return new Operation('Math.max' === $name ? OperationKey::Greatest : OperationKey::Least, [$this->inOneList($arguments)]);
            }

            return 2 <= $count ? new Operation('Math.max' === $name ? OperationKey::Larger : OperationKey::Smaller, $values) : null;
        }
        if ('Math.pow' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::Power, $first, $values[1]);
        }
        if ('String.fromCharCode' === $name && 1 < $count) {
            return new Operation(OperationKey::Joined, [new ListLiteral(array_map(static fn (Expression $value): Expression => new Operation(OperationKey::Letter, [$value]), $values)), new TextLiteral('')]);
        }
        if ('randomBetween' === $name && 2 === $count && null !== $first) {
            return new RandomWhole($first, $values[1]);
        }
        if (('floorDiv' === $name || 'floorMod' === $name) && 2 === $count && null !== $first) {
            return new Binary('floorDiv' === $name ? Operator::FloorDivide : Operator::FloorRemainder, $first, $values[1]);
        }
        if (('parseInt' === $name || 'Number.parseInt' === $name) && 2 === $count && null !== $first) {
            return $values[1] instanceof NumberLiteral && 10 === $values[1]->value ? new Operation(OperationKey::ToWhole, [$first]) : new Operation(OperationKey::FromBase, $values);
        }
        if ('Object.freeze' === $name && 1 === $count && null !== $first && null === $arguments[0]->name && 1 !== preg_match('/^\s*(["\'])use strict\1|^\s*(?:import|export)\b|\bclass\b/m', $this->text)) {
            // What is given to a frozen thing is lost without a word, where the language is not strict (ECMA-262, 10.1.9.2).
            return new Operation(OperationKey::Frozen, [$first]);
        }
        if ('Object.isFrozen' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::IsFrozen, [$first]);
        }
        if ('Object.assign' === $name && 1 < $count && null !== $first && !\in_array('...', array_column($arguments, 'name'), true)) {
            if ($first instanceof MapLiteral) {
                return array_reduce(\array_slice($values, 1), static fn (Expression $all, Expression $more): Expression => new Operation(OperationKey::Merged, [$all, $more]), $first);
            }

            return 2 === $count ? new Operation(OperationKey::After, [new Operation(OperationKey::Update, $values), $first]) : null;
        }
        if ('Array' === $name && 1 === $count && null !== $first) {
            // A list of so many places without anything in them can be gone over, but shows as what it is.
            $isSpread = '...' === ($this->textBefore('Array') ?? '');
            if ($isSpread && !$this->is('.') || $this->is('.') && ($this->is('keys', 1) || $this->is('join', 1))) {
                return new Operation(OperationKey::Filled, [$first, new NothingLiteral(true)]);
            }
        }
        if ('Array' === $name && 1 === $count && null !== $first && $this->is('.') && $this->is('fill', 1) && null !== $fill = $this->peek(2)) {
            $this->at += 3;

            return new Operation(OperationKey::Filled, [$first, $this->arguments($fill)[0]->value ?? new NothingLiteral()]);
        }
        if ('Array' === $name && !isset($this->functions['Array'])) {
            return 1 === $count || [] !== array_filter(array_column($arguments, 'name')) ? $this->fail('unsupported', $token, ['what' => 'Array(…)']) : new ListLiteral($values);
        }
        if ('Array.isArray' === $name && 1 === $count && null !== $first) {
            return new KindTest($first, '@list');
        }
        if ('Array.of' === $name && [] === array_filter(array_column($arguments, 'name'))) {
            return new ListLiteral($values);
        }
        if ('Array.from' === $name && 1 === $count && $first instanceof MapLiteral) {
            if (2 !== \count($first->entries) || $first->entries[0] != new TextLiteral('length')) {
                $this->fail('unsupported', $token, ['what' => 'Array.from({ … })']);
            }

            return new Operation(OperationKey::Filled, [$first->entries[1], new NothingLiteral(true)]);
        }
        if ('Array.from' === $name && 2 === $count && null !== $first && $values[1] instanceof Lambda) {
            return $this->madeList($first, $values[1], $token);
        }
        if ('require' === $name && 1 === $count && $first instanceof TextLiteral && \in_array($first->value, ['fs', 'node:fs'], true) && $this->is('.') && null !== ($call = $this->sign(1)) && $this->is('(', 2) && null !== $opened = $this->peek(2)) {
            $this->at += 3;

            return $this->fileCallOf($call, $this->arguments($opened), $token);
        }
        $timer = ['setTimeout' => OperationKey::Later, 'setInterval' => OperationKey::AgainAndAgain, 'clearTimeout' => OperationKey::CalledOff, 'clearInterval' => OperationKey::CalledOff][$name] ?? null;
        if (null !== $timer && null !== $first && !$first instanceof TextLiteral && (OperationKey::CalledOff !== $timer || 1 === $count)) {
            $given = \array_slice($values, 2);
            if ([] !== array_filter($given, static fn (Expression $value): bool => !$value instanceof NumberLiteral && !$value instanceof TextLiteral && !$value instanceof TruthLiteral)) {
                $this->fail('unsupported', $token, ['what' => $name.'(…, …, …)']);
            }
            if ([] !== $given) {
                $first = new Lambda([], $first instanceof FunctionReference ? new OwnValue($first->function, $given) : new MethodCall($first, MethodCall::CALL, $given));
            }

            return new Operation($timer, OperationKey::CalledOff === $timer ? $values : [$first, $values[1] ?? new NumberLiteral(0)]);
        }
        if (\in_array($name, ['alert', 'setTimeout', 'setInterval', 'fetch', 'require', 'eval'], true)) {
            $this->fail('unsupported', $token, ['what' => $name.'()']);
        }
        if ('print' === $name) {
            $this->fail('foreign_word', $token, ['word' => 'print', 'near' => 'console.log'], [new Replacement($token->offset, 5, 'console.log')]);
        }
        if ('len' === $name || 'str' === $name || 'int' === $name || 'range' === $name || 'input' === $name || 'float' === $name) {
            $near = ['len' => '.length', 'str' => 'String', 'int' => 'parseInt', 'range' => 'for (let i = 0; …)', 'input' => 'prompt', 'float' => 'parseFloat'][$name];
            $this->fail('foreign_word', $token, ['word' => $name, 'near' => $near], 1 === preg_match('/^[a-zA-Z]+$/D', $near) ? [new Replacement($token->offset, \strlen($name), $near)] : []);
        }

        return null;
    }

    protected function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        $second = $arguments[1]->value ?? null;
        if (isset($this->objectMethods[$name]) && ($receiver instanceof VariableRead && !$this->isListByText($receiver->name) || $receiver instanceof MethodCall)) {
            return new MethodCall(new Item($receiver, new TextLiteral($name)), MethodCall::CALL, $this->handed($arguments));
        }
        switch ($name) {
            case 'write':
                if ($receiver instanceof Item && $receiver->index instanceof TextLiteral && 'stdout' === $receiver->index->value && null !== $first) {
                    return $this->transient(OperationKey::Stdout, [$first]);
                }
                break;
            case 'at':
                if (1 === $count && null !== $first) {
                    return new Item($receiver, $this->fromEitherEnd($receiver, $first, $token));
                }
                break;
            case 'charAt':
                if (1 < $count) {
                    break;
                }
                $first ??= new NumberLiteral(0);

                // Beyond the ends it is an empty text (ECMA-262, 22.1.3.2).
                return $first instanceof NumberLiteral && \is_int($first->value) && $first->value >= 0 ? new Slice($receiver, 0 === $first->value ? new NothingLiteral() : $first, new NumberLiteral($first->value + 1)) : new Operation(OperationKey::LetterAt, [$receiver, $first]);
            case 'substring':
                if (null !== $first && null !== $second && !self::areInOrder($first, $second)) {
                    return new Operation(OperationKey::Substring, [$receiver, $first, $second]);
                }
                // no break
            case 'slice':
                if (null !== $first) {
                    return new Slice($receiver, $first instanceof NumberLiteral && 0 === $first->value && null === $second ? new NothingLiteral() : self::bare($first, null === $second), $second ?? new NothingLiteral());
                }

                return new Operation(OperationKey::Copied, [$receiver]);
            case 'sort':
                return $this->afterwards($this->sorted($receiver, $first, $token), $receiver);
            case 'reverse':
                $sorts = $receiver instanceof Operation && OperationKey::After === $receiver->key ? $receiver->arguments[0] : $receiver;
                if (0 === $count && $sorts instanceof Operation && \in_array($sorts->key, [OperationKey::SortAsTexts, OperationKey::SortedAsTexts], true)) {
                    // Texts, perhaps of numbers, the last first.
                    return $sorts === $receiver ? new Operation(OperationKey::Backwards, [$receiver]) : new Operation(OperationKey::After, [$sorts, new Operation(OperationKey::After, [new Operation(OperationKey::TurnRound, [$sorts->arguments[0]]), $sorts->arguments[0]])]);
                }
                $receiver = $receiver instanceof Operation && OperationKey::After === $receiver->key ? $receiver->arguments[0] : $receiver;
                if ($receiver instanceof Operation && OperationKey::Copied === $receiver->key) {
                    return new Operation(OperationKey::Backwards, $receiver->arguments);
                }
                $down = $receiver instanceof Operation ? [OperationKey::Sort->value => OperationKey::SortDown, OperationKey::Sorted->value => OperationKey::SortedDown][$receiver->key->value] ?? null : null;
                if (null !== $down && $receiver instanceof Operation) {
                    return $this->afterwards(new Operation($down, $receiver->arguments), $receiver->arguments[0]);
                }
                if (0 === $count) {
                    return $this->isFresh($receiver) ? new Operation(OperationKey::Backwards, [$receiver]) : $this->afterwards(new Operation(OperationKey::TurnRound, [$receiver]), $receiver);
                }
                break;
            case 'fill':
                if (0 < $count && $count < 4 && null !== $first) {
                    return $this->filledUp($receiver, $first, $arguments[1]->value ?? new NumberLiteral(0), $arguments[2]->value ?? null, $token);
                }
                break;
            case 'concat':
                if (0 < $count && [] === array_filter(array_column($arguments, 'name'))) {
                    // A list is put behind item by item, anything else as it is (ECMA-262, 23.1.3.2): where the text does not show which, its type tells.
                    return array_reduce($arguments, static fn (Expression $all, Argument $argument): Expression => new Operation($argument->value instanceof ListLiteral || $argument->value instanceof Collected ? OperationKey::Concatenated : OperationKey::WithItems, [$all, $argument->value]), $receiver);
                }
                break;
            case 'split':
                if (1 === $count && $first == new TextLiteral('')) {
                    return new Operation(OperationKey::Letters, [$receiver]);
                }
                if (2 === $count && null !== $first && $second instanceof NumberLiteral && $second->value >= 0) {
                    return new Slice(new Operation(OperationKey::Split, [$receiver, $first]), new NothingLiteral(), $second);
                }
                break;
            case 'join':
                if (0 === $count) {
                    return new Operation(OperationKey::Joined, [$receiver, new TextLiteral(',')]);
                }
                break;
            case 'toFixed':
                $first ??= new NumberLiteral(0);
                if ($first instanceof NumberLiteral && \is_int($first->value) && $first->value >= 0 && $first->value < 10) {
                    return new Operation(OperationKey::Formatted, [$receiver, new TextLiteral(".{$first->value}f")]);
                }
                break;
            case 'map':
            case 'filter':
            case 'some':
            case 'every':
                $lambda = $this->itemLambda($first);
                if (1 === $count && null !== $lambda) {
                    return match ($name) {
                        'some' => new Operation(OperationKey::AnyHolds, [$this->collected($receiver, $lambda, true)]),
                        'every' => new Operation(OperationKey::AllHold, [$this->collected($receiver, $lambda, true)]),
                        default => $this->collected($receiver, $lambda, 'map' === $name),
                    };
                }
                $both = $this->lambdaOf($first, 2);
                if ('map' === $name && null !== $both) {
                    return $this->numbered($receiver, $both);
                }
                if (1 !== $count || null === $first) {
                    $this->fail('unsupported', $token, ['what' => ".$name(…)"]);
                }

                return match ($name) {
                    'map' => new Operation(OperationKey::Mapped, [$receiver, $first]),
                    'filter' => new Operation(OperationKey::Sifted, [$receiver, $first]),
                    'some' => new Operation(OperationKey::AnyHolds, [new Operation(OperationKey::Mapped, [$receiver, $first])]),
                    'every' => new Operation(OperationKey::AllHold, [new Operation(OperationKey::Mapped, [$receiver, $first])]),
                };
            case 'reduce':
                $first = $this->lambdaOf($first, 2);
                if (2 === $count && null !== $first && null !== $second) {
                    $isSum = $first->value == new Binary(Operator::Add, new VariableRead($first->parameters[0]), new VariableRead($first->parameters[1])) && $second == new NumberLiteral(0);

                    return $isSum ? new Operation(OperationKey::Total, [$receiver]) : new Operation(OperationKey::Reduced, [$receiver, $first, $second]);
                }
                if (1 === $count && null !== $first) {
                    return new Operation(OperationKey::Folded, [$receiver, $first]);
                }
                $given = $arguments[0]->value ?? null;
                $called = $given instanceof VariableRead ? $given->name : ($given instanceof FunctionReference && 2 >= \count($this->functions[$given->function][2] ?? ['', '', '']) ? $given->function : null);
                if (1 === $count && null !== $called) {
                    return new Operation(OperationKey::Folded, [$receiver, new Lambda(['one', 'other'], new OwnValue($called, [new VariableRead('one'), new VariableRead('other')]))]);
                }
                if (2 === $count && null !== $second && null !== $given) {
                    return new Operation(OperationKey::ReducedNumbered, [$receiver, $given, $second]);
                }
                $this->fail('unsupported', $token, ['what' => '.reduce(…)']);
                // no break
            case 'flatMap':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::Flattened, [$this->collected($receiver, $lambda, true)]);
                }
                $both = $this->lambdaOf($first, 2);
                if (1 === $count && null !== $first) {
                    return new Operation(OperationKey::Flattened, [null !== $both ? $this->numbered($receiver, $both) : new Operation(OperationKey::Mapped, [$receiver, $first])]);
                }
                $this->fail('unsupported', $token, ['what' => '.flatMap(…)']);
                // no break
            case 'findIndex':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::FirstPlace, [$receiver, $lambda]);
                }
                $this->fail('unsupported', $token, ['what' => '.findIndex(…)']);
                // no break
            case 'findLast':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::FirstOf, [new Operation(OperationKey::Backwards, [$receiver]), $lambda]);
                }
                $this->fail('unsupported', $token, ['what' => '.findLast(…)']);
                // no break
            case 'find':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::FirstOf, [$receiver, $lambda]);
                }
                $this->fail('unsupported', $token, ['what' => '.find(…)']);
                // no break
            case 'next':
                if (0 === $count && $receiver instanceof Operation && \in_array($receiver->key, [OperationKey::Keys, OperationKey::Values, OperationKey::Entries, OperationKey::Numbered, OperationKey::KeysOf, OperationKey::ValuesOf], true)) {
                    return new Operation(OperationKey::NextStep, [new Operation(OperationKey::Started, [$receiver])]);
                }
                if (0 === $count && 1 !== preg_match('/\bnext\s*(?::|\([^()]*\)\s*\{)/', $this->text) && 1 === preg_match('/\bfunction\s*\*|(?:^|[{;,}])\s*(?:static\s+)?\*\s*[\w\[]|\[\s*Symbol\s*\.\s*iterator\s*\]\s*\(\s*\)/m', $this->text)) {
                    return new Operation(OperationKey::NextStep, [$receiver]);
                }
                break;
            case 'forEach':
                return 1 === $count && null !== $first ? new Operation(OperationKey::DoneWithEach, [$receiver, $first]) : $this->fail('unsupported', $token, ['what' => '.forEach(…)']);
            case 'padStart':
            case 'padEnd':
                if (1 === $count && null !== $first) {
                    return new Operation('padStart' === $name ? OperationKey::PaddedLeft : OperationKey::PaddedRight, [$receiver, $first, new TextLiteral(' ')]);
                }
                break;
            case 'push':
                if (1 === $count && '...' === $arguments[0]->name && null !== $first) {
                    return new Operation(OperationKey::Extend, [$receiver, $first]);
                }
                if (1 < $count && [] === array_filter(array_column($arguments, 'name'))) {
                    return new Operation(OperationKey::Extend, [$receiver, new ListLiteral(array_map(static fn (Argument $argument): Expression => $argument->value, $arguments))]);
                }
                break;
            case 'splice':
                if (2 === $count && null !== $first && null !== $second && [] === array_filter(array_column($arguments, 'name'))) {
                    // What was taken away is the value (ECMA-262, 23.1.3.31).
                    return new Operation(OperationKey::Spliced, [$receiver, $first, $second, new ListLiteral([])]);
                }
                if (2 < $count && (3 < $count || !($second instanceof NumberLiteral && 0 === $second->value)) && null !== $first && null !== $second && !\in_array('...', array_column(\array_slice($arguments, 0, 2), 'name'), true)) {
                    return new Operation(OperationKey::Spliced, [$receiver, $first, $second, $this->inOneList(\array_slice($arguments, 2))]);
                }
                break;
            case 'substr':
                if (null !== $first && 3 > $count) {
                    return null === $second ? new Operation(OperationKey::TailOf, [$receiver, $first]) : new Operation(OperationKey::PartOf, [$receiver, $first, $second]);
                }
                break;
            case 'toLocaleString':
                if (0 === $count || 1 === $count && $first instanceof TextLiteral && \in_array($first->value, ['en-US', 'en-GB', 'en'], true)) {
                    return new Operation(OperationKey::Localized, [$receiver]);
                }
                $this->fail('unsupported', $token, ['what' => '.toLocaleString(…)']);
                // no break
            case 'flat':
                if (1 === $count && $first instanceof VariableRead && 'Infinity' === $first->name || 1 === $count && $first instanceof NumberLiteral && ($first->value > 100 || \is_float($first->value) && is_infinite($first->value))) {
                    return new Operation(OperationKey::FlattenedDeep, [$receiver]);
                }
                if (1 === $count && $first instanceof NumberLiteral && \is_int($first->value) && 0 < $first->value) {
                    return array_reduce(range(1, $first->value), static fn (Expression $flat): Expression => new Operation(OperationKey::Flattened, [$flat]), $receiver);
                }
                break;
            case 'codePointAt':
            case 'charCodeAt':
                if (1 === $count && null !== $first) {
                    return new Operation(OperationKey::Code, [$first instanceof NumberLiteral && 0 === $first->value ? $receiver : new Item($receiver, $first)]);
                }
                break;
            case 'get':
                return 1 === $count && null !== $first ? new Operation(OperationKey::Got, [$receiver, $first]) : null;
            case 'set':
                return 2 === $count && null !== $first && null !== $second ? new Operation(OperationKey::PutFor, [$receiver, $first, $second]) : null;
            case 'has':
                return 1 === $count && null !== $first ? new Operation(OperationKey::Has, [$receiver, $first]) : null;
            case 'add':
                return 1 === $count && null !== $first ? new Operation(OperationKey::PutIn, [$receiver, $first]) : null;
            case 'delete':
                return 1 === $count && null !== $first ? new Operation(OperationKey::TakeOut, [$receiver, $first]) : null;
            case 'keys':
                return 0 === $count ? new Operation(OperationKey::KeysOf, [$receiver]) : null;
            case 'values':
                return 0 === $count ? new Operation(OperationKey::ValuesOf, [$receiver]) : null;
            case 'append':
            case 'push_back':
                $this->fail('foreign_word', $token, ['word' => $name, 'near' => 'push'], [new Replacement($token->offset, \strlen($name), 'push')]);
                // no break
            case 'upper':
            case 'lower':
                $near = 'upper' === $name ? 'toUpperCase' : 'toLowerCase';
                $this->fail('foreign_word', $token, ['word' => $name, 'near' => $near], [new Replacement($token->offset, \strlen($name), $near)]);
        }

        return null;
    }

    /** @param list<Argument> $arguments */
    abstract protected function fileCallOf(string $call, array $arguments, Token $token): Expression;

    /** `Array.from({ length: 3 }, (_, place) => …)`. */
    private function madeList(Expression $size, Lambda $lambda, Token $token): Expression
    {
        if (!$size instanceof MapLiteral && 1 === \count($lambda->parameters)) {
            return new Collected($lambda->value, $lambda->parameters[0], new Operation(OperationKey::Copied, [$size]));
        }
        if (!$size instanceof MapLiteral || 2 !== \count($size->entries) || $size->entries[0] != new TextLiteral('length')) {
            $this->fail('unsupported', $token, ['what' => 'Array.from(…)']);
        }

        return new Collected($lambda->value, $lambda->parameters[1] ?? 'turn', new Operation(OperationKey::Numbers, [new NumberLiteral(0), $size->entries[1], new NumberLiteral(1)]));
    }

    /** A function of one item: as it stands, or by its name. */
    private function itemLambda(?Expression $value): ?Lambda
    {
        if ($value instanceof Lambda) {
            return 1 === \count($value->parameters) ? $value : null;
        }
        $name = $value instanceof VariableRead ? $value->name : ($value instanceof FunctionReference && 1 === $this->functions[$value->function][1] ? $value->function : null);
        $item = new VariableRead('item');

        return match (true) {
            null === $name => null,
            !isset($this->functions[$name]) && $this->isVariable($name) => new Lambda(['item'], new OwnValue($name, [$item])),
            'Number' === $name => new Lambda(['item'], new Operation(OperationKey::ToNumber, [$item])),
            'String' === $name => new Lambda(['item'], new Operation(OperationKey::ToText, [$item])),
            'Boolean' === $name => new Lambda(['item'], new Operation(OperationKey::ToTruth, [$item])),
            isset($this->functions[$name]) => new Lambda(['item'], new OwnValue($name, [$item])),
            default => null,
        };
    }

    /** A function of several values, as it stands or by its name. */
    private function lambdaOf(?Expression $value, int $parameters): ?Lambda
    {
        if ($value instanceof Lambda) {
            return $parameters === \count($value->parameters) ? $value : null;
        }
        $name = $value instanceof FunctionReference ? $value->function : ($value instanceof VariableRead ? $value->name : '');
        if (!isset($this->functions[$name]) || $this->functions[$name][1] !== $parameters) {
            return null;
        }
        $names = \array_slice(['one', 'other', 'third'], 0, $parameters);

        return new Lambda($names, new OwnValue($name, array_map(static fn (string $each): Expression => new VariableRead($each), $names)));
    }

    /** `beds.map((bed, place) => …)`: over pairs of place and item. */
    private function numbered(Expression $over, Lambda $lambda): Expression
    {
        $pair = new VariableRead(self::pairIn($lambda->value));
        $put = static fn (Expression $part): Expression => $part instanceof VariableRead && \in_array($part->name, $lambda->parameters, true) ? new Item($pair, new NumberLiteral($part->name === $lambda->parameters[0] ? 1 : 0)) : $part;

        return new Collected(Walk::mapExpression($lambda->value, $put), $pair->name, new Operation(OperationKey::Numbered, [$over]));
    }

    /** Whether two places are known to stand in order, none before the start. */
    private static function areInOrder(Expression $from, Expression $to): bool
    {
        if ($from instanceof NumberLiteral && $to instanceof NumberLiteral) {
            return 0 <= $from->value && $from->value <= $to->value;
        }
        if ($from instanceof VariableRead) {
            return $to instanceof Binary && Operator::Add === $to->operator && $to->left == $from && $to->right instanceof NumberLiteral && $to->right->value >= 0 || $to instanceof Operation && OperationKey::Length === $to->key;
        }

        return $from instanceof NumberLiteral && 0 === $from->value && $to instanceof Operation && \in_array($to->key, [OperationKey::Length, OperationKey::Position], true);
    }

    /** As texts, or by a function that subtracts what is asked of two items. */
    private function sorted(Expression $receiver, ?Expression $compare, Token $token): Operation
    {
        $isCopy = $receiver instanceof Operation && OperationKey::Copied === $receiver->key;
        $list = $isCopy ? $receiver->arguments[0] : $receiver;
        $isCopy = $isCopy || $this->isFresh($receiver);
        if (null === $compare) {
            return new Operation($isCopy ? OperationKey::SortedAsTexts : OperationKey::SortAsTexts, [$list]);
        }
        $value = $compare instanceof Lambda && 2 === \count($compare->parameters) ? $compare->value : null;
        $with = $this->lambdaOf($compare, 2);
        if (null === $with && ($compare instanceof Field || $compare instanceof Item)) {
            $names = [$this->nameFor('one'), $this->nameFor('other')];
            $given = array_map(static fn (string $name): Expression => new VariableRead($name), $names);
            $owner = $compare instanceof Item && $compare->container instanceof VariableRead && $compare->index instanceof TextLiteral ? $this->ownerOf($compare->container->name, $compare->index->value) : null;
            $call = null === $owner || !$compare instanceof Item || !$compare->index instanceof TextLiteral ? new MethodCall($compare, MethodCall::CALL, $given) : new OwnValue($owner.'.'.$compare->index->value, $given);
            $with = new Lambda($names, $call);
        }
        if (!$compare instanceof Lambda || !$value instanceof Binary || Operator::Subtract !== $value->operator) {
            return null === $with ? $this->fail('unsupported', $token, ['what' => '.sort(…)']) : new Operation($isCopy ? OperationKey::SortedWith : OperationKey::SortWith, [$list, $with]);
        }
        [$one, $other] = $compare->parameters;
        $ofOne = static fn (Expression $side): Expression => Walk::mapExpression($side, static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $other ? new VariableRead($one) : $part);
        $isDown = $ofOne($value->left) != $value->left;
        if ($ofOne($value->left) != $ofOne($value->right) || $isDown === ($ofOne($value->right) != $value->right)) {
            return null === $with ? $this->fail('unsupported', $token, ['what' => '.sort(…)']) : new Operation($isCopy ? OperationKey::SortedWith : OperationKey::SortWith, [$list, $with]);
        }
        $by = $value->left instanceof VariableRead ? null : new Lambda([$one], $ofOne($value->left));

        return new Operation(OperationKey::ofOrder($isCopy, $isDown, null !== $by), null === $by ? [$list] : [$list, $by]);
    }

    /** What stands before the last name of this kind that was read. */
    private function textBefore(string $name): ?string
    {
        for ($index = $this->at - 1; $index > 0; --$index) {
            if ($this->tokens[$index]->text === $name) {
                return $this->tokens[$index - 1]->text;
            }
        }

        return null;
    }

    /** Whether a list was made where it stands, so that nobody else knows it. */
    private function isFresh(Expression $list): bool
    {
        return $list instanceof Collected || $list instanceof ListLiteral || $list instanceof Slice || $list instanceof Operation && !\in_array($list->key, [OperationKey::ValueOr, OperationKey::ValueOrPut, OperationKey::Got, OperationKey::OrElse, OperationKey::First, OperationKey::Last, OperationKey::Pop, OperationKey::Shift, OperationKey::PopAt, OperationKey::After, OperationKey::Spread], true) && !Given::is($list);
    }

    /** @var array<string, true> names under which objects of their own keep functions */
    protected array $objectMethods = [];

    /** Whether the text shows that a variable holds a list, a set or a map, which have methods of such names, too. */
    private function isListByText(string $name): bool
    {
        return 1 === preg_match('/\b'.Names::asPattern($name).'\s*=\s*(?:\[|new\b|Array\b)/', $this->text);
    }

    /** `beds.fill(0, 2)`: one value at each place from one to another (ECMAScript 2022, 23.1.3.7). */
    private function filledUp(Expression $list, Expression $value, Expression $from, ?Expression $until, Token $token): Expression
    {
        $start = $from instanceof NumberLiteral && \is_int($from->value) ? $from->value : null;
        if ($list instanceof ListLiteral && null !== $start && 0 <= $start && (null === $until || $until instanceof NumberLiteral && \is_int($until->value) && 0 <= $until->value) && ($value instanceof NumberLiteral || $value instanceof TextLiteral || $value instanceof TruthLiteral)) {
            // What was made just now has these items.
            $end = min(\count($list->items), $until instanceof NumberLiteral ? (int) $until->value : \count($list->items));

            return new ListLiteral(array_map(static fn (Expression $item, int $at): Expression => $at >= $start && $at < $end ? $value : $item, $list->items, array_keys($list->items)));
        }
        if (!$this->isSteady($list) || !Given::isPlace($list)) {
            $this->fail('unsupported', $token, ['what' => 'fill']);
        }

        return $this->afterwards(new Operation(OperationKey::FillUp, [$list, $value, $from, $until ?? new Operation(OperationKey::Length, [$list])]), $list);
    }

    /** `beds.at(-k)` counts from the end where the place is below nought, which only shows when it runs (ECMAScript 2022, 23.1.3.1). */
    private function fromEitherEnd(Expression $list, Expression $place, Token $token): Expression
    {
        if ($place instanceof NumberLiteral || $place instanceof Operation && OperationKey::Length === $place->key) {
            return $place;
        }
        if (!$this->isPlain($place) || !$this->isPlain($list)) {
            $this->fail('unsupported', $token, ['what' => '.at(…)']);
        }

        return new Choice(new Binary(Operator::Less, $place, new NumberLiteral(0)), new Binary(Operator::Add, new Operation(OperationKey::Length, [$list]), $place), $place);
    }

    /** What changes a list in place gives the list itself. */
    private function afterwards(Operation $changes, Expression $list): Operation
    {
        return Result::Nothing === ValueOperations::get($changes->key)->result ? new Operation(OperationKey::After, [$changes, $list]) : $changes;
    }

    /** `==` takes a text for the number that it spells, `===` does not. */
    protected function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
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

    /** A slice from the start needs no bound; with an end it has its zero. */
    private static function bare(Expression $from, bool $open): Expression
    {
        return !$open && $from instanceof NumberLiteral && 0 === $from->value ? new NothingLiteral() : $from;
    }

    private function collected(Expression $over, Lambda $lambda, bool $maps): Expression
    {
        $name = $lambda->parameters[0];
        $over = $over instanceof Operation && \in_array($over->key, [OperationKey::Keys, OperationKey::Copied, OperationKey::Letters], true) ? $over->arguments[0] : $over;
        if (!$maps) {
            return new Collected(new VariableRead($name), $name, $over, $lambda->value);
        }
        if ($over instanceof Collected && $over->value instanceof VariableRead && $over->value->name === $over->variable && $over->variable === $name) {
            return new Collected($lambda->value, $name, $over->over, $over->condition);
        }

        return new Collected($lambda->value, $name, $over);
    }

    /** `a?.b`: nothing where nothing is asked, for all that stands behind it (ECMA-262, 13.3.9). */
    protected function postfix(Expression $value): Expression
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
            $rest = new MethodCall($value, MethodCall::CALL, $this->handed($this->arguments($opened)));
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
        // What is given a value under the name of a method is the object's own.
        if (!$this->is('=') && isset(SpellingIndex::of(Language::JavaScript)->methods[$name]) && 1 !== preg_match('/\.\s*'.Names::asPattern($name).'\s*=[^=]/', $this->text)) {
            $end = $token->offset + \strlen($name);
            if (\in_array($this->sign(), ['===', '!==', '==', '!=', '&&', '||', '?'], true)) {
                // Whether there is such a method may be asked.
                $this->fail('unsupported', $token, ['what' => $name]);
            }
            $this->fail('call_brackets', $token, ['name' => $name], [new Replacement($end, 0, '()')]);
        }

        if (\in_array($this->sign(), ['?', '&&', '||', '===', '!==', '==', '!='], true) && RealNames::has($name, Language::JavaScript) && 1 !== preg_match('/\b'.Names::asPattern($name).'["\']?\s*[:,}]|\.\s*'.Names::asPattern($name).'\s*=[^=]/', $this->text)) {
            // Whether there is such a method may be asked.
            $this->fail('unsupported', $token, ['what' => $name]);
        }

        return new Item($receiver, new TextLiteral($name));
    }
}
