<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Python\DrawingModule;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What modules of the standard library have. */
final class LibraryModules
{
    /** The Python Standard Library, string: String constants. */
    private const LETTERS = [
        'string.ascii_lowercase' => 'abcdefghijklmnopqrstuvwxyz', 'string.ascii_uppercase' => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ', 'string.ascii_letters' => 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ',
        'string.digits' => '0123456789', 'string.punctuation' => '!"#$%&\'()*+,-./:;<=>?@[\\]^_`{|}~',
    ];
    private ?Expression $fill = null;

    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /**
     * @param string $name   with the module before it
     * @param int    $length signs of the name as it stands
     */
    private function functionOfLibrary(string $name, int $length, Token $token): ?Expression
    {
        $member = str_starts_with($name, 'operator.') ? substr($name, 9) : null;
        $sign = HandedFunctions::sign($name);
        if (null !== $sign) {
            $this->parser->at += $length;
            [$one, $other] = [new VariableRead('one'), new VariableRead('other')];
            if (!$this->parser->is('(')) {
                return new Lambda(['one', 'other'], new Binary($sign, $one, $other));
            }
            $values = $this->valuesIn($token);

            return 2 === \count($values) ? $this->parser->postfix(new Binary($sign, $values[0], $values[1])) : $this->parser->fail('unsupported', $token, ['what' => "$member(…)"]);
        }
        $ofAll = 'itertools.chain' === $name && $this->parser->is('.', $length) && $this->parser->is('from_iterable', $length + 1) ? $length + 2 : null;
        $ofAll ??= 'itertools.chain' === ($this->parser->imported[$token->text] ?? '') && 3 === $length && $this->parser->is('from_iterable', 2) ? 3 : null;
        if (null !== $ofAll) {
            $this->parser->at += $ofAll;
            $values = $this->valuesIn($token);

            return 1 === \count($values) ? $this->parser->postfix(new Operation(OperationKey::ChainedAll, $values)) : $this->parser->fail('unsupported', $token, ['what' => 'chain.from_iterable(…)']);
        }
        if (!\in_array($member, ['itemgetter', 'attrgetter'], true) && 'functools.partial' !== $name) {
            return null;
        }
        $this->parser->at += $length;
        if ('functools.partial' === $name) {
            $function = $this->parser->handedFunctions->partial($token);

            return $this->parser->is('(') ? $this->parser->postfix(new MethodCall($function, MethodCall::CALL, $this->valuesIn($token))) : $function;
        }
        $item = new VariableRead('item');
        $got = [];
        foreach ($this->valuesIn($token) as $value) {
            if (!$value instanceof TextLiteral && !$value instanceof NumberLiteral || 'attrgetter' === $member && (!$value instanceof TextLiteral || 1 !== preg_match('/^[A-Za-z_]\w*$/D', $value->value))) {
                $this->parser->fail('unsupported', $token, ['what' => "$member(…)"]);
            }
            $got[] = 'attrgetter' === $member && $value instanceof TextLiteral ? new Field($item, $value->value) : new Item($item, $value);
        }
        if ([] === $got) {
            $this->parser->fail('unsupported', $token, ['what' => "$member(…)"]);
        }

        return new Lambda(['item'], 1 === \count($got) ? $got[0] : new Operation(OperationKey::AsTuple, [new ListLiteral($got)]));
    }

    /**
     * `json.load(file)` and `json.dump(value, file, …)`: what stands in a file, and what is written into one.
     *
     * @param list<Argument> $arguments
     */
    private function jsonInFile(string $name, array $arguments, Token $token): Expression
    {
        $place = 'json.load' === $name ? 0 : 1;
        $file = $arguments[$place] ?? null;
        if (null === $file || null !== $file->name || 0 === $place && 1 !== \count($arguments)) {
            $this->parser->fail('unsupported', $token, ['what' => "$name(…)"]);
        }
        if (0 === $place) {
            return new Operation(OperationKey::FromJson, [new Operation(OperationKey::FileRead, [$file->value])]);
        }
        unset($arguments[1]);
        $arguments = array_values($arguments);
        $text = 1 === \count($arguments) ? new Operation(OperationKey::JsonSpaced, [$arguments[0]->value]) : $this->parser->libraryFunctions->builtin('json.dumps', $arguments, $token);

        return null === $text ? $this->parser->fail('unsupported', $token, ['what' => "$name(…)"]) : new Operation(OperationKey::FileWritten, [$file->value, $text]);
    }

    /** @return list<Expression> */
    private function valuesIn(Token $token): array
    {
        $opened = $this->parser->peek();
        if (null === $opened || '(' !== $opened->text) {
            $this->parser->fail('unsupported', $token, ['what' => $token->text]);
        }
        ++$this->parser->at;

        return array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
    }

    /** `os.path.exists("beds.txt")`: there are files and no folders here, so that a path is a name. */
    public function ofFolder(Token $token): ?Expression
    {
        $isOfLibrary = 'os' === $token->text && $this->parser->is('.', 1) && $this->parser->is('path', 2) && $this->parser->is('.', 3) && !$this->parser->isVariable('os');
        if (!$isOfLibrary) {
            return null;
        }
        $opened = $this->parser->peek(5);
        if (!\in_array($this->parser->sign(4), ['exists', 'isfile'], true) || null === $opened || '(' !== $opened->text) {
            $this->parser->fail('unsupported', $token, ['what' => 'os.path.'.($this->parser->sign(4) ?? '')]);
        }
        $this->parser->at += 6;
        $given = $this->parser->namedArguments->handed($this->parser->arguments($opened));
        if (1 !== \count($given)) {
            $this->parser->fail('unsupported', $token, ['what' => 'os.path.exists(…)']);
        }

        return $this->parser->postfix(new Operation(OperationKey::FileThere, $given));
    }

    /** What a library of Python's gives that no table has: letters, maps with something for what is missing. */
    public function ofStandardLibrary(Token $token): ?Expression
    {
        if ($this->parser->isVariable($token->text) || isset($this->parser->symbols->functions[$token->text])) {
            return null;
        }
        $isMember = $this->parser->is('.', 1) && null !== $this->parser->peek(2);
        $name = $isMember ? ($this->parser->aliases[$token->text] ?? $token->text).'.'.($this->parser->peek(2)->text ?? '') : $this->parser->imported[$token->text] ?? '';
        $length = $isMember ? 3 : 1;
        if ('str' === $token->text && $isMember && $this->parser->is('maketrans', 2) && null !== ($opened = $this->parser->peek(3)) && '(' === $opened->text) {
            $this->parser->at += 4;
            $arguments = $this->parser->arguments($opened);
            if (1 > \count($arguments) || 3 < \count($arguments)) {
                $this->parser->fail('unsupported', $token, ['what' => 'str.maketrans(…)']);
            }

            return new Operation(OperationKey::LetterTable, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
        }
        if (isset(self::LETTERS[$name])) {
            $this->parser->at += $length;

            return $this->parser->postfix(new TextLiteral(self::LETTERS[$name]));
        }
        if ('math.tau' === $name) {
            // Twice as much, to the last bit (CPython, Include/pymath.h).
            $this->parser->at += $length;

            return $this->parser->postfix(new Binary(Operator::Multiply, new NumberLiteral(2), new Operation(OperationKey::Pi, [])));
        }
        $small = $this->functionOfLibrary($name, $length, $token);
        if (null !== $small) {
            return $small;
        }
        $opened = $this->parser->peek($length);
        if (\in_array($name, ['json.load', 'json.dump'], true) && null !== $opened && '(' === $opened->text) {
            $this->parser->at += $length + 1;

            return $this->parser->postfix($this->jsonInFile($name, $this->parser->arguments($opened), $token));
        }
        if ('collections.defaultdict' !== $name || null === $opened || '(' !== $opened->text) {
            return null;
        }
        $kind = $this->parser->peek($length + 1);
        if (null !== $kind && \in_array($kind->text, ['int', 'float', 'str', 'bool', 'list', 'dict', 'set'], true) && $this->parser->is(')', $length + 2)) {
            $this->parser->at += $length + 3;

            return $this->parser->postfix(new Operation(OperationKey::DefaultMap, [new TextLiteral($kind->text)]));
        }
        if (!$this->parser->is('lambda', $length + 1)) {
            $this->parser->fail('unsupported', $token, ['what' => 'defaultdict(…)']);
        }
        $this->parser->at += $length + 1;
        $makes = $this->parser->expression();
        $this->parser->close($opened);

        return $this->parser->postfix(new Operation(OperationKey::DefaultMap, [$makes]));
    }

    /** @param list<Argument> $arguments */
    public function drawn(Token $function, array $arguments): Expression
    {
        // How letters look and where they stand is the sheet's own.
        $values = array_map(static fn (Argument $argument): Expression => DrawingModule::colour($argument->value), array_values(array_filter($arguments, static fn (Argument $argument): bool => !\in_array($argument->name, ['font', 'align', 'move'], true))));
        $made = DrawingModule::meaning($function->text, $values, $this->fill ?? new TextLiteral('#000000'));
        if (null === $made) {
            if (!\in_array($function->text, DrawingModule::functions(), true)) {
                $near = Names::nearest($function->text, DrawingModule::functions());
                $this->parser->fail(null === $near ? 'unsupported' : 'misspelt_command', $function, ['name' => $function->text, 'near' => $near ?? '', 'what' => $function->text], null === $near ? [] : [new Replacement($function->offset, \strlen($function->text), $near)]);
            }
            $this->parser->fail([] === $values ? 'few_arguments' : 'many_arguments', $function, ['name' => $function->text, 'wanted' => 1, 'given' => \count($values)]);
        }
        if ('color' === $function->text) {
            $this->fill = $values[1] ?? $values[0];
        }

        return $made;
    }

    /** Shapes are filled with this colour from here on. */
    public function filled(Expression $colour): void
    {
        $this->fill = DrawingModule::colour($colour);
    }
}
