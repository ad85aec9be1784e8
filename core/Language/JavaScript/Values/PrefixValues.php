<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Values;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\JavaScript\JavaScriptExpressions;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Patterns;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Values that a word or a sign before them makes: `new`, `typeof`, `super`, `await`. */
final class PrefixValues
{
    public function __construct(private readonly JavaScriptExpressions $parser)
    {
    }

    public function ownPrefix(Token $token): ?Expression
    {
        if (TokenKind::Pattern === $token->kind) {
            ++$this->parser->at;
            $end = (int) strrpos($token->text, '/');
            [$source, $flags] = [substr($token->text, 1, $end - 1), substr($token->text, $end + 1)];
            if (null === Patterns::javaScript($source, $flags)) {
                $this->parser->fail('unsupported', $token, ['what' => $token->text]);
            }

            return $this->parser->postfix(new Operation(OperationKey::Pattern, [new TextLiteral($source), new TextLiteral($flags)]));
        }
        switch ($token->text) {
            case '[':
                return $this->parser->postfix($this->parser->literals->list($token));
            case '{':
                return $this->parser->postfix($this->parser->literals->map($token));
            case 'null':
            case 'undefined':
                ++$this->parser->at;

                $nothing = new NothingLiteral('undefined' === $token->text);

                return $this->parser->is('?.') || $this->parser->is('.') || $this->parser->is('[') ? $this->parser->postfix($nothing) : $nothing;
            case 'new':
                if ($this->parser->is('.', 1) && $this->parser->is('target', 2) && '' !== $this->parser->class && $this->parser->isVariable($this->parser->itself) && ($this->parser->isAskedForClass(3) || $this->parser->is('.', 3) && $this->parser->is('name', 4))) {
                    // In the function that makes an object it is the object's class (ECMAScript 2022, 13.3.12).
                    $this->parser->at += $this->parser->is('.', 3) ? 5 : 3;
                    $this->parser->read($this->parser->itself, $token->offset);

                    return new Operation(OperationKey::KindName, [new VariableRead($this->parser->itself)]);
                }

                return $this->newArray($token);
            case 'delete':
                ++$this->parser->at;
                $target = $this->parser->expression(9);
                $target = $target instanceof MethodCall && $target->otherwise instanceof Item ? $target->otherwise : $target;
                if (!$target instanceof Item) {
                    $this->parser->fail('unsupported', $token, ['what' => 'delete']);
                }

                // It gives whether nothing is there now, which is always so (ECMAScript 2022, 13.5.1.2).
                return new Operation(OperationKey::After, [new Operation(OperationKey::Forget, [$target->container, $target->index]), new TruthLiteral(true)]);
            case 'void':
                if (TokenKind::Number === $this->parser->peek(1)?->kind) {
                    $this->parser->at += 2;

                    return new NothingLiteral(true);
                }

                return null;
            case 'await':
                ++$this->parser->at;
                $value = $this->parser->expression(9);
                $isOfScene = $value instanceof CommandValue || $value instanceof Operation && str_starts_with(ValueOperations::find($value->key)->spellings['javascript'][0] ?? '', 'await ');

                return $this->parser->withPromises && !$isOfScene ? new Operation(OperationKey::Awaited, [$value]) : $value;
            case 'this':
                if ('' !== $this->parser->class && !$this->parser->isVariable($this->parser->itself) && str_contains($this->parser->scope, '.')) {
                    // The class that is asked, which may be one of several.
                    $this->parser->fail('unsupported', $token, ['what' => 'static … { … this … }']);
                }
                if ('' !== $this->parser->class) {
                    ++$this->parser->at;
                    // What a field begins with is found when its object is made (ECMA-262, 15.7.10).
                    '' === $this->parser->scope || $this->parser->read($this->parser->itself, $token->offset);

                    return $this->parser->postfix(new VariableRead($this->parser->itself));
                }
                if ($this->parser->isVariable('this')) {
                    ++$this->parser->at;
                    $this->parser->read('this', $token->offset);

                    return $this->parser->postfix(new VariableRead('this'));
                }
                $this->parser->fail('unsupported', $token, ['what' => 'this']);
                // no break
            case 'super':
                if ('' !== $this->parser->class) {
                    return $this->parser->postfix($this->above($token));
                }
                $this->parser->fail('unsupported', $token, ['what' => 'super']);
                // no break
            case 'typeof':
                return $this->typeOf();
            case 'function':
                return $this->parser->postfix($this->parser->unnamedValue());
            case 'class':
                $this->parser->fail('unsupported', $token, ['what' => $token->text]);
                // no break
            case '/':
                $this->parser->fail('unsupported', $token, ['what' => '/…/']);
                // no break
            case 'of':
            case 'from':
                return $this->parser->named($token);
        }

        return null;
    }

    /** `super(name)`, `super.water(2)`: the method as the class above has it. */
    private function above(Token $token): Expression
    {
        ++$this->parser->at;
        $member = $this->parser->accept('.') ? $this->parser->peek() : null;
        $this->parser->at += null === $member ? 0 : 1;
        $opened = $this->parser->peek();
        if (null !== $member && isset($this->parser->classes->asked[$member->text]) && !\in_array($opened?->text, ['(', '=', '+=', '-='], true) && null !== $owner = $this->parser->classes->ownerOf($this->parser->classes->parents[$this->parser->class] ?? '', $member->text)) {
            $this->parser->read($this->parser->itself, $token->offset);

            return new OwnValue("$owner.$member->text", [new VariableRead($this->parser->itself)]);
        }
        if (null === $opened || !$this->parser->accept('(')) {
            $this->parser->fail('unsupported', $token, ['what' => 'super']);
        }
        $given = $this->parser->arguments($opened);
        if (null === $member && null === $this->parser->classes->ownerOf($this->parser->classes->parents[$this->parser->class] ?? '', ClassDefinition::MAKES) && $this->parser->isRaised($this->parser->class)) {
            $this->parser->read($this->parser->itself, $token->offset);

            $says = [] === $given ? [new TextLiteral('')] : $this->parser->namedArguments->handed($given);

            return new Operation(OperationKey::SayFailing, [new VariableRead($this->parser->itself), ...\array_slice($says, 0, 2)]);
        }
        $name = null === $member ? ClassDefinition::MAKES : ('toString' === $member->text ? ClassDefinition::SHOWS : $member->text);
        $owner = $this->parser->classes->ownerOf($this->parser->classes->parents[$this->parser->class] ?? '', $name);
        $this->parser->read($this->parser->itself, $token->offset);
        if (null === $owner) {
            return null === $member ? new NothingLiteral() : $this->parser->unknownMembers->unknownMethod($member, true);
        }

        $isSpread = $this->parser->namedArguments->isSpread("$owner.$name", $given);

        return new OwnValue("$owner.$name", [new VariableRead($this->parser->itself), ...$this->parser->namedArguments->handed($isSpread ? $given : $this->parser->namedArguments->packed("$owner.$name", $given))]);
    }

    /** `typeof bed === "string"` asks for a kind. */
    public function typeOf(): Expression
    {
        ++$this->parser->at;
        $name = $this->parser->peek();
        $builtIn = null === $name || $this->parser->is('.', 1) || $this->parser->is('(', 1) || $this->parser->is('[', 1) || $this->parser->isVariable($name->text) || isset($this->parser->symbols->functions[$name->text]) ? null : [
            'Math' => 'object', 'JSON' => 'object', 'console' => 'object', 'process' => 'object', 'Number' => 'function', 'String' => 'function', 'Boolean' => 'function', 'Array' => 'function', 'Object' => 'function', 'Date' => 'function', 'Map' => 'function',
            'Set' => 'function', 'Promise' => 'function', 'Error' => 'function', 'parseInt' => 'function', 'parseFloat' => 'function', 'isNaN' => 'function', 'setTimeout' => 'function', 'setInterval' => 'function', 'Symbol' => 'function', 'BigInt' => 'function', 'module' => 'object', 'exports' => 'object', 'require' => 'function', 'globalThis' => 'object',
        ][$name->text] ?? null;
        if (null !== $name && isset($this->parser->classes->parents[$name->text]) && !$this->parser->is('.', 1) && !$this->parser->is('(', 1) && !$this->parser->isVariable($name->text)) {
            $builtIn = 'function';
        }
        if (null === $builtIn && 'prompt' === $name?->text && !$this->parser->isVariable('prompt') && 1 !== preg_match('/\bimport\b[^;]*\bprompt\b/', $this->parser->text) && !$this->parser->is('(', 1)) {
            // Node.js has none; a browser would.
            $builtIn = 'undefined';
        }
        if (null !== $builtIn) {
            ++$this->parser->at;

            return new TextLiteral($builtIn);
        }
        if (TokenKind::Name === $name?->kind && !$this->parser->is('.', 1) && !$this->parser->is('(', 1) && $this->isOnlyAskedFor($name->text)) {
            // What is declared nowhere may be asked for its kind (ECMAScript 2022, 13.5.3).
            ++$this->parser->at;

            return new TextLiteral('undefined');
        }
        if (TokenKind::Name === $name?->kind && !$this->parser->is('.', 1) && !$this->parser->is('(', 1) && !$this->parser->is('[', 1) && !$this->parser->isVariable($name->text) && !isset($this->parser->symbols->functions[$name->text]) && $this->isElsewhere($name->text)) {
            $this->parser->fail('unsupported', $name, ['what' => "typeof $name->text"]);
        }
        $value = $this->parser->expression(9);
        $isEqual = $this->parser->is('===') || $this->parser->is('==');
        $kind = $this->parser->peek(1);
        if (!$isEqual && !$this->parser->is('!==') && !$this->parser->is('!=') || null === $kind || TokenKind::Text !== $kind->kind) {
            return new Operation(OperationKey::KindWord, [$value]);
        }
        $named = ['string' => '@text', 'number' => '@number', 'boolean' => '@truth'][trim($kind->text, '"\'')] ?? null;
        if (null === $named) {
            return new Operation(OperationKey::KindWord, [$value]);
        }
        $this->parser->at += 2;
        $test = new KindTest($value, $named);

        return $isEqual ? $test : new Unary(UnaryOperator::Not, $test);
    }

    /** Whether a name is one of another function alone. */
    private function isElsewhere(string $name): bool
    {
        return [] !== array_filter($this->parser->symbols->writes, static fn (array $names): bool => isset($names[$name]));
    }

    /** Whether a name stands nowhere but behind `typeof`, and is none of the machine's own. */
    private function isOnlyAskedFor(string $name): bool
    {
        // The tokens may be those of a template alone.
        $quoted = Names::asPattern($name);
        $text = (string) preg_replace('/"(?:[^"\\\\\n]|\\\\.)*"|\'(?:[^\'\\\\\n]|\\\\.)*\'/', '""', $this->parser->text);
        if ($this->parser->isVariable($name) || isset($this->parser->symbols->functions[$name]) || preg_match_all("/(?<![\\w$.])$quoted(?![\\w$])/", $text) > preg_match_all("/\\btypeof\\s+$quoted(?![\\w$])/", $text)) {
            return false;
        }

        // The classes of the library begin with a capital.
        return 1 !== preg_match('/^(?:[A-Z]|(?:globalThis|arguments|console|process|module|exports|require|structuredClone|performance|crypto|navigator)$)/', $name) && !RealNames::has($name, Language::JavaScript) && !isset(SpellingIndex::of(Language::JavaScript)->functions[$name]);
    }

    private function newArray(Token $token): Expression
    {
        $class = $this->parser->peek(1);
        if ('this' === $class?->text && '' !== $this->parser->class && !$this->parser->isVariable($this->parser->itself) && str_contains($this->parser->scope, '.') && !\in_array($this->parser->class, $this->parser->classes->parents, true)) {
            // The class itself, as none is a kind of it (ECMA-262, 13.3.5).
            $class = new Token(TokenKind::Name, $this->parser->class, $class->offset);
        }
        if (null !== $class && isset($this->parser->classes->parents[$class->text])) {
            $opened = $this->parser->peek(2);
            ++$this->parser->at;
            ++$this->parser->at;
            $arguments = null !== $opened && $this->parser->accept('(') ? $this->parser->arguments($opened) : [];

            return $this->parser->postfix($this->parser->called($class, $arguments));
        }
        $fitting = FittingKind::ofClass($this->parser->sign(1) ?? '');
        if (null !== $fitting && $this->parser->is('(', 2)) {
            $opened = $this->parser->peek(2) ?? $token;
            $this->parser->at += 3;
            $sockets = $this->parser->arguments($opened);
            if (\count($sockets) !== $fitting->sockets()) {
                $this->parser->fail(\count($sockets) < $fitting->sockets() ? 'few_arguments' : 'many_arguments', $opened, ['name' => $fitting->value, 'wanted' => $fitting->sockets(), 'given' => \count($sockets)]);
            }

            return $this->parser->postfix(new Operation(OperationKey::from($fitting->value), array_map(static fn (Argument $argument): Expression => $argument->value, $sockets)));
        }
        $failure = $this->parser->withPromises && $this->parser->is('(', 2) && $this->parser->isFailure($this->parser->sign(1) ?? '') ? $this->parser->sign(1) : null;
        if (null !== $failure || $this->parser->withPromises && $this->parser->is('Promise', 1) && $this->parser->is('(', 2)) {
            $opened = $this->parser->peek(2) ?? $token;
            $this->parser->at += 3;
            $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));

            return $this->parser->postfix(null === $failure ? new Operation(OperationKey::PromiseMade, $given) : new Operation(OperationKey::FailureMade, [new TextLiteral($failure), ...\array_slice($given, 0, 2)]));
        }
        if ($this->parser->is('Set', 1) || $this->parser->is('Map', 1)) {
            $key = $this->parser->is('Set', 1) ? OperationKey::SetOf : OperationKey::NewMap;
            $this->parser->at += 2;
            $opened = $this->parser->peek();
            $given = null !== $opened && $this->parser->accept('(') ? $this->parser->arguments($opened) : [];
            if (1 < \count($given)) {
                $this->parser->fail('many_arguments', $token, ['name' => 'new', 'wanted' => 1, 'given' => \count($given)]);
            }

            return $this->parser->postfix(new Operation($key, array_map(static fn (Argument $argument): Expression => $argument->value, $given)));
        }
        if ($this->parser->is('RegExp', 1) && null !== ($opened = $this->parser->peek(2)) && '(' === $opened->text) {
            $this->parser->at += 3;
            $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));

            return $this->parser->postfix(new Operation(OperationKey::Pattern, [$given[0] ?? new TextLiteral(''), $given[1] ?? new TextLiteral('')]));
        }
        if (!$this->parser->is('Array', 1) || !$this->parser->is('(', 2)) {
            $this->parser->fail('unsupported', $token, ['what' => 'new '.($this->parser->peek(1)->text ?? '')]);
        }
        $opened = $this->parser->peek(2) ?? $token;
        $this->parser->at += 3;
        $arguments = $this->parser->arguments($opened);
        if (1 === \count($arguments) && $this->parser->is('.') && $this->parser->is('fill', 1) && null !== $fill = $this->parser->peek(2)) {
            $this->parser->at += 3;
            $values = $this->parser->arguments($fill);

            return $this->parser->postfix(new Operation(OperationKey::Filled, [$arguments[0]->value, $values[0]->value ?? new NothingLiteral()]));
        }
        if (1 !== \count($arguments) && [] === array_filter(array_column($arguments, 'name'))) {
            // Several are the items themselves (ECMA-262, 23.1.1.1).
            return $this->parser->postfix(new ListLiteral(array_map(static fn (Argument $argument): Expression => $argument->value, $arguments)));
        }
        if ([] !== array_filter(array_column($arguments, 'name'))) {
            $this->parser->fail('unsupported', $token, ['what' => 'new Array(…)']);
        }

        return $this->parser->postfix(new Operation(OperationKey::Gapped, [$arguments[0]->value]));
    }
}
