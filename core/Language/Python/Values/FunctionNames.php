<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Functions and methods that are handed over by their names. */
final class FunctionNames
{
    /** @var array<string, true>|null names that stand before a round bracket, found when they are first asked for */
    private ?array $called = null;

    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /** A function that a name stands for: `key=len`, `map(int, words)`. */
    public function functionNamed(string $name): ?Lambda
    {
        $item = new VariableRead('item');
        $key = ['len' => OperationKey::Length, 'str' => OperationKey::ToText, 'int' => OperationKey::ToWhole, 'float' => OperationKey::ToNumber, 'bool' => OperationKey::ToTruth, 'repr' => OperationKey::Written, 'abs' => OperationKey::Absolute, 'sum' => OperationKey::Total, 'sorted' => OperationKey::Sorted, 'str.lower' => OperationKey::Lower, 'str.upper' => OperationKey::Upper, 'str.strip' => OperationKey::Trimmed, 'ord' => OperationKey::Code, 'max' => OperationKey::Greatest, 'min' => OperationKey::Least, 'list' => OperationKey::AsList][$name] ?? null;

        return match (true) {
            isset($this->parser->classes->parents[$name]) && !$this->parser->isVariable($name) => new Lambda(['item'], new MakeObject($name, [$item])),
            isset($this->parser->symbols->functions[$name]), $this->parser->isVariable($name) => new Lambda(['item'], new OwnValue($name, [$item])),
            null !== $key => new Lambda(['item'], new Operation($key, [$item])),
            default => str_starts_with($name, 'str.') ? $this->methodOfTexts(substr($name, 4)) : null,
        };
    }

    /** Functions of Python that take one value, and that nothing but a call is spelled by. */
    private const OF_ONE_VALUE = ['tuple', 'set', 'dict', 'hex', 'bin', 'oct', 'chr', 'any', 'all', 'round', 'reversed', 'math.sqrt', 'math.floor', 'math.ceil', 'math.trunc', 'math.factorial', 'math.log2', 'math.log10', 'math.radians', 'math.degrees', 'math.sin', 'math.cos'];

    private function ofOneValue(string $name): ?Lambda
    {
        $item = new VariableRead('item');
        if (!\in_array($name, self::OF_ONE_VALUE, true)) {
            return null;
        }
        $key = ['round' => OperationKey::RoundedEven, 'tuple' => OperationKey::AsTuple, 'set' => OperationKey::SetOf][$name] ?? null;
        if (null !== $key) {
            return new Lambda(['item'], new Operation($key, [$item]));
        }
        foreach (SpellingIndex::of(Language::Python)->functions[$name] ?? [] as [$key, $order]) {
            if (['{0}'] === $order) {
                return new Lambda(['item'], new Operation($key, [$item]));
            }
        }

        return null;
    }

    /** `str.isalpha`: the method as a function of the text. */
    public function methodOfTexts(string $name): ?Lambda
    {
        foreach (SpellingIndex::of(Language::Python)->methods[$name] ?? [] as $spelled) {
            if (1 === \count($spelled[1])) {
                return new Lambda(['item'], new Operation($spelled[0], [new VariableRead('item')]));
            }
        }

        return null;
    }

    /** `key=numbers.count`, `map(", ".join, rows)`: a method of one value, as a function of that value. */
    public static function methodOf(Expression $object, string $name): ?Lambda
    {
        foreach (SpellingIndex::of(Language::Python)->methods[$name] ?? [] as [$key, $order]) {
            if (2 === \count($order) && true !== ValueOperations::find($key)?->hasEffect()) {
                $arguments = [$order[0] => $object, $order[1] => new VariableRead('item')];
                ksort($arguments);

                return new Lambda(['item'], new Operation($key, array_values($arguments)));
            }
        }

        return null;
    }

    /** Whether the row gives a name to a method, which is called by that name elsewhere: `add = beds.append`. */
    public function isKept(): bool
    {
        for ($from = $this->parser->at, $start = $this->parser->rowStart(); ($this->parser->tokens[$from - 1]->offset ?? -1) >= $start; --$from) {
        }
        $name = $this->parser->tokens[$from] ?? null;
        if (null !== $this->parser->peek() && !$this->parser->is(';') || TokenKind::Name !== $name?->kind || '=' !== ($this->parser->tokens[$from + 1]->text ?? '')) {
            return false;
        }
        if (null === $this->called) {
            $this->called = [];
            foreach ($this->parser->tokens as $at => $token) {
                $this->called += '(' === ($this->parser->tokens[$at + 1]->text ?? '') && '.' !== ($this->parser->tokens[$at - 1]->text ?? '') ? [$token->text => true] : [];
            }
        }

        return isset($this->called[$name->text]);
    }

    /** A method of one object, as a function of what else it takes. */
    public function keptMethod(Expression $object, string $name): ?Lambda
    {
        if (!$object instanceof VariableRead && !$object instanceof TextLiteral) {
            // It would be found at each call, and not once.
            return null;
        }
        if ('get' === $name) {
            return new Lambda(['item'], new Operation(OperationKey::ValueOr, [$object, new VariableRead('item'), new NothingLiteral()]));
        }
        foreach (SpellingIndex::of(Language::Python)->methods[$name] ?? [] as [$key, $order]) {
            if (2 >= \count($order)) {
                $arguments = [$order[0] => $object] + (isset($order[1]) ? [$order[1] => new VariableRead('item')] : []);
                ksort($arguments);

                return new Lambda(isset($order[1]) ? ['item'] : [], new Operation($key, array_values($arguments)));
            }
        }

        return null;
    }

    /** A function that is handed over: a lambda, or the name of a function. */
    public function function_(): ?Lambda
    {
        $token = $this->parser->peek();
        if (null === $token) {
            return null;
        }
        if ('lambda' === $token->text) {
            [$from, $ahead] = [$this->parser->at, $this->parser->ahead];
            $value = $this->parser->expression();
            $within = $value instanceof MethodCall && $value->object instanceof Lambda ? $value->object->value : null;
            if ($value instanceof MethodCall && $value->object instanceof Lambda && $within instanceof Lambda && [] !== $within->parameters && !self::mention($value->arguments, $within->parameters)) {
                // It is asked at once: what stands for an argument left out may be found then.
                return new Lambda($within->parameters, new MethodCall(new Lambda($value->object->parameters, $within->value), MethodCall::CALL, $value->arguments));
            }
            if (!$value instanceof Lambda) {
                [$this->parser->at, $this->parser->ahead] = [$from, $ahead];
            }

            return $value instanceof Lambda ? $value : null;
        }
        $ends = fn (int $ahead): bool => $this->parser->is(')', $ahead) || $this->parser->is(',', $ahead);
        if ($ends(1) && null !== $made = $this->functionNamed($token->text) ?? $this->ofOneValue($token->text)) {
            ++$this->parser->at;

            return $made;
        }
        if ($this->parser->is('.', 1) && $ends(3)) {
            $name = $token->text.'.'.($this->parser->peek(2)->text ?? '');
            $made = $this->functionNamed($name) ?? $this->ofOneValue($name);
            if (null === $made && $this->parser->is('get', 2) && TokenKind::Name === $token->kind) {
                $this->parser->read($token->text, $token->offset);
                $made = new Lambda(['item'], new Operation(OperationKey::ValueOr, [new VariableRead($token->text), new VariableRead('item'), new NothingLiteral()]));
            }
            $method = $this->parser->peek(2)->text ?? '';
            if (null === $made && $this->parser->isVariable($token->text) && isset($this->parser->classes->methodNames[$method]) && !isset($this->parser->classes->setFields[$method])) {
                $this->parser->read($token->text, $token->offset);
                $made = new Lambda(['item'], new MethodCall(new VariableRead($token->text), $method, [new VariableRead('item')]));
            }
            if (null === $made && $this->parser->isVariable($token->text) && null !== $made = self::methodOf(new VariableRead($token->text), $this->parser->peek(2)->text ?? '')) {
                $this->parser->read($token->text, $token->offset);
            }
            $this->parser->at += null === $made ? 0 : 3;

            return $made;
        }

        return null;
    }

    /** `key=…`: what things are put in order by; a parameter for it may be nothing, which leaves them as they are. */
    public function key(): ?Lambda
    {
        $name = $this->parser->peek()->text ?? '';
        $isOptional = $this->parser->isVariable($name) && 1 === preg_match('/\b'.preg_quote($name, '/').'\s*(?::[^,()=\n]*)?=\s*None\b/', $this->parser->text);
        $function = $this->function_();
        if (null === $function || !$isOptional || !$function->value instanceof OwnValue) {
            return $function;
        }
        $item = new VariableRead($function->parameters[0]);

        return new Lambda($function->parameters, new Choice(new Binary(Operator::Equal, new VariableRead($name), new NothingLiteral()), $item, $function->value));
    }

    /**
     * @param list<Expression> $values
     * @param list<string>     $names
     */
    private static function mention(array $values, array $names): bool
    {
        foreach ($values as $value) {
            foreach (Walk::expressions($value) as $part) {
                if ($part instanceof VariableRead && \in_array($part->name, $names, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    public function lambda(): Expression
    {
        ++$this->parser->at;
        $names = $given = [];
        $known = $this->parser->symbols->writes[$this->parser->scope] ?? [];
        while (null !== ($token = $this->parser->peek()) && TokenKind::Name === $token->kind) {
            ++$this->parser->at;
            if ($this->parser->accept('=')) {
                // It is as it was when the function was made (The Python Language Reference, 6.14 and 8.7).
                $given[$token->text] = $this->parser->expression();
            } else {
                $names[] = $token->text;
            }
            $this->parser->write($token->text, $token->offset);
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $all = $this->gatheringNames();
        if (!$this->parser->accept(':')) {
            $this->parser->fail('colon_missing', null, ['after' => 'lambda'], [new Replacement($this->parser->endOffset(), 0, ':')]);
        }
        $shadowed = $this->parser->lambdaNames;
        $own = [...$names, ...$all, ...array_map(strval(...), array_keys($given))];
        $this->parser->lambdaNames += array_fill_keys($own, true);
        $value = $this->printedValue() ?? $this->parser->expression();
        $this->parser->lambdaNames = $shadowed;
        $inside = [];
        Given::names($value, $inside);
        if ([] !== array_diff($inside, $own)) {
            // It would be a name of the small function's own (The Python Language Reference, 6.12).
            $this->parser->fail('unsupported', $token, ['what' => 'lambda …: (… := …)']);
        }
        foreach ($this->parser->symbols->reads as $index => $use) {
            if (\in_array($use->name, $own, true) && !isset($known[$use->name])) {
                unset($this->parser->symbols->reads[$index]);
            }
        }
        $this->parser->symbols->writes[$this->parser->scope] = $known;

        if ([] !== $all && $this->parser->is(')') && $this->parser->is('(', 1)) {
            // What is called at once is given as by a function that is known, which gathers nothing.
            $this->parser->fail('unsupported', $token, ['what' => 'lambda *…']);
        }
        if ([] !== $all) {
            return $this->function($names, $given, $all, $value);
        }
        $made = new Lambda($names, $value);

        return [] === $given ? $made : new MethodCall(new Lambda(array_map(strval(...), array_keys($given)), $made), MethodCall::CALL, array_values($given));
    }

    /**
     * `*bed, **more` at the end of what a small function is given (The Python Language Reference, 6.14).
     *
     * @return array<'*'|'**', string>
     */
    private function gatheringNames(): array
    {
        $all = [];
        while ($this->parser->is('*') || $this->parser->is('**')) {
            $sign = $this->parser->peek();
            $stars = '**' === $sign?->text ? '**' : '*';
            ++$this->parser->at;
            if (isset($all[$stars]) || isset($all['**']) || null === $this->parser->ahead || [] !== $this->parser->lambdaNames || TokenKind::Name !== $this->parser->peek()?->kind) {
                $this->parser->fail('unsupported', $sign, ['what' => "lambda {$stars}…"]);
            }
            $name = $this->parser->newName('parameter_no_name');
            $all[$stars] = $name->text;
            $this->parser->write($name->text, $name->offset);
            $this->parser->accept(',');
        }

        return $all;
    }

    /**
     * A small function that is given any number of values: a function before the row.
     *
     * @param list<string>              $names
     * @param array<string, Expression> $given what stands for one that is left out
     * @param array<'*'|'**', string>   $all
     */
    private function function(array $names, array $given, array $all, Expression $value): FunctionReference
    {
        $name = $this->parser->nameFor('inner');
        $parameters = [...$names, ...array_map(strval(...), array_keys($given)), ...array_values($all)];
        $defaults = $given + (isset($all['**']) ? [$all['**'] => new Operation(OperationKey::AllNamed)] : []);
        $this->parser->ahead[] = new FunctionDefinition($this->parser->newId(), $name, $parameters, new Block([new GiveBack($this->parser->newId(), $value)]), false, $defaults, [], '', $all['*'] ?? '');

        return new FunctionReference($name);
    }

    /** `lambda bed: print(bed)` shows something, and gives nothing back. */
    public function printedValue(): ?Operation
    {
        $token = $this->parser->peek();
        $opened = $this->parser->peek(1);
        if ('print' !== $token?->text || '(' !== $opened?->text || isset($this->parser->symbols->functions['print'])) {
            return null;
        }
        $this->parser->at += 2;
        $arguments = $this->parser->arguments($opened);
        if ([] !== array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name)) {
            $this->parser->fail('unsupported', $token, ['what' => 'lambda …: print(…)']);
        }

        return new Operation(OperationKey::Printed, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
    }
}
