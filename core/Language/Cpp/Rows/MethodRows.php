<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;

/** Methods, what makes an object, and those that are defined outside of their class. */
final class MethodRows
{
    /** @var array<string, true> methods whose rows were looked at already */
    private array $looked = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Whether what makes an object of another one of its class gives it what that one keeps, and does nothing else. */
    private function copiesPlainly(int $bracket): bool
    {
        $closing = $this->parser->partners[$bracket] ?? null;
        $from = null === $closing ? '' : Names::asPattern($this->parser->tokens[$closing - 1]->text);
        $written = '';
        for ($at = ($closing ?? $bracket) + 1; isset($this->parser->tokens[$at]) && !str_ends_with($written, '{}') && !str_ends_with($written, ';'); ++$at) {
            $written .= $this->parser->tokens[$at]->text;
        }

        return 1 === preg_match('/^(?::(?:(\w+)[({]'.$from.'\.\1[)}],?)+)\{\}$|^=(?:default|delete);$|^;$/D', $written);
    }

    public function methodDefinition(Token $token, string $type, Token $name, int $start, bool $isShared): Statement
    {
        $isMaker = $name->text === $this->parser->class;
        $id = $this->parser->newId();
        $opened = $this->parser->peek() ?? $token;
        if ($isMaker && [$this->parser->class] === $this->parser->announcements->typesAt($this->parser->at) && !$this->copiesPlainly($this->parser->at)) {
            // It is called wherever an object is copied, without a sign that says so (C++17, 15.8.1).
            $this->parser->fail('unsupported', $name, ['what' => "$name->text(const $name->text &)"]);
        }
        $ways = $isMaker ? $this->parser->makers->makers[$this->parser->class] ?? [] : [];
        $way = [] === $ways ? null : $ways[implode('|', $this->parser->announcements->typesAt($this->parser->at) ?? [])][0] ?? $this->parser->fail('unsupported', $name, ['what' => "$name->text(…)"]);
        $makesItself = null !== $way && !str_ends_with($way, '.'.ClassDefinition::MAKES);
        ++$this->parser->at;
        $this->parser->scope = $way ?? $this->parser->class.'.'.($isMaker ? ClassDefinition::MAKES : $name->text);
        $full = $this->parser->scope;
        $this->parser->makers->making = $makesItself ? $full : null;
        $known = [$this->parser->declared[$full] ?? [], $this->parser->symbols->writes[$full] ?? []];
        try {
            [$parameters, $defaults, $types] = $this->parser->functionRows->parameters($opened);
            $this->parser->gives = $type;
            if ($makesItself) {
                $this->parser->declared[$full][$this->parser->itself] = true;
                $this->parser->types[$full][$this->parser->itself] = $this->parser->class;
                $this->parser->write($this->parser->itself, $name->offset);
            } elseif (!$isShared) {
                array_unshift($parameters, $this->parser->itself);
                $this->parser->write($this->parser->itself, $name->offset);
            }
            while (\in_array($this->parser->sign(), ['const', 'override', 'final', 'noexcept'], true)) {
                ++$this->parser->at;
            }
            $types = $makesItself ? ['' => $this->parser->class] + $types : ($isMaker ? $types : ['' => $type] + $types);
            $isPure = $this->parser->is('=') && $this->parser->is('0', 1);
            $isDefault = $isMaker && $this->parser->is('=') && $this->parser->is('default', 1);
            $this->parser->at += $isPure || $isDefault ? 2 : 0;
            if ($this->parser->accept(';')) {
                if (!$isPure && !$isDefault) {
                    // What it does stands below, behind the name of the class, perhaps with other names.
                    [$this->parser->declared[$full], $this->parser->symbols->writes[$full]] = $known;
                    $this->parser->functionRows->foretell($full, $parameters, $defaults);

                    return $this->parser->ended(new Import($id, substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
                }
                $end = $this->parser->endOffset();
                $this->parser->cut($id, 'head', $token->offset, $end);
                $first = $isDefault ? $this->firstRows([], $makesItself, $id, $end, $name) : [];
                $body = $makesItself ? $this->parser->makers->madeItself(new Block(), $id) : new Block();

                return new FunctionDefinition($id, $full, $parameters, new Block([...$first, ...$body->statements]), false, $defaults, $types, $makesItself ? 'shared' : '');
            }
            $first = $isMaker && $this->parser->accept(':') ? $this->initialRows($id) : [];
            if ($isMaker) {
                $this->parser->partsInOrder->refuseOtherOrder($first, $name);
            }
            if (!$this->parser->is('{')) {
                $this->parser->functionRows->withoutTrailingType();
                $this->parser->fail('brace_wanted', $this->parser->tokens[$this->parser->at - 1], ['word' => $name->text], [new Replacement($this->parser->endOffset(), 0, ' {')]);
            }
            $loops = $this->parser->loops;
            $this->parser->loops = [];
            $opening = $this->parser->peek()?->end() ?? 0;
            $first = $isMaker ? $this->firstRows($first, $makesItself, $id, $opening, $name) : $first;
            $body = $this->parser->body($id, $start, 'head', 'body', false);
            $this->parser->loops = $loops;
            if ($makesItself) {
                $body = $this->parser->makers->madeItself($body, $id);
            }
            $this->parser->closeBrace($id, $start);
            if ($isMaker && !$makesItself) {
                $this->parser->partsInOrder->refuseMadeTwice($body->statements, $name);
            }
        } finally {
            $this->parser->scope = '';
        }

        $statements = array_values(array_filter($body->statements, static fn (Statement $row): bool => !$row instanceof Comment));
        $given = [] === array_filter(\array_slice($statements, 0, -1), static fn (Statement $row): bool => !self::isGuard($row)) ? $statements[\count($statements) - 1] ?? null : null;
        if ($given instanceof GiveBack && ($given->value instanceof Item || $given->value instanceof Field) && str_ends_with($this->parser->tokens[$start + 1]->text ?? '', '&')) {
            $this->parser->placesGiven[$full] = [$parameters, $given->value, 1 < \count($statements)];
        }

        return new FunctionDefinition($id, $full, $parameters, $this->parser->shared($full, new Block([...$first, ...$body->statements])), false, $this->parser->functionRows->withForetold($full, $parameters, $defaults), $types, $isShared || $makesItself ? 'shared' : '');
    }

    /**
     * What stands before the rows of a constructor: the object, what it has of the classes above, and what it keeps from the start.
     *
     * @param list<Statement> $initial as it is said
     *
     * @return list<Statement>
     */
    private function firstRows(array $initial, bool $makesItself, int $id, int $at, Token $name): array
    {
        $before = $this->parser->parent;
        $this->parser->parent = $id;
        $isLeft = ($initial[0] ?? null) instanceof SetVariable;
        $isSaid = [] !== array_filter($initial, static fn (Statement $row): bool => $row instanceof OwnCall || $row instanceof Perform && $row->value instanceof Operation && OperationKey::Overwrite === $row->value->key);
        $part = $isLeft || $isSaid ? null : $this->parser->parentParts->unsaid($this->parser->class, $name);
        $first = [
            ...$makesItself && !$isLeft ? [new SetVariable($this->parser->newId(), $this->parser->itself, new MakeObject($this->parser->class, [], true))] : [],
            ...null === $part ? [] : [$part],
            ...$initial,
        ];
        $this->parser->parent = $before;
        foreach ($first as $row) {
            $this->parser->cut($row->id, 'head', $at, $at);
        }

        return $first;
    }

    /** A row that throws something, or does nothing. */
    private static function isGuard(Statement $row): bool
    {
        return $row instanceof Conditional && [] === array_filter($row->bodies(), static fn (Block $body): bool => [] !== array_filter($body->statements, static fn (Statement $inner): bool => !$inner instanceof Raise && !$inner instanceof RaiseObject && !$inner instanceof Comment));
    }

    /**
     * `: beds(3, 0), name(4, '*')`: a list or a text of so many that are alike (C++17, 26.3.11.2 and 24.3.2.2).
     *
     * @param list<Expression> $values
     *
     * @return list<Expression>
     */
    private function itemsOf(string $kind, array $values): array
    {
        $isList = str_starts_with($kind, 'vector<');
        if (2 === \count($values)) {
            return match (true) {
                $isList => [new Operation(OperationKey::Filled, $values)],
                'string' === $kind => [new Operation(OperationKey::Repeated, [new Operation(OperationKey::ToText, [$values[1]]), $values[0]])],
                default => $values,
            };
        }
        $size = 1 === \count($values) && $isList ? $values[0] : null;
        $isNumber = $size instanceof NumberLiteral || $size instanceof Operation && \in_array(ValueOperations::find($size->key)?->result, [Result::Natural, Result::Whole, Result::Long, Result::Unsigned, Result::UnsignedLong], true) || $size instanceof Binary && $size->operator->isArithmetic() || null !== $size && TypeNames::read($this->parser->typeOf($size))->isWhole();

        return null !== $size && $isNumber ? [new Operation(OperationKey::Filled, [$size, $this->parser->madeValues->empty($kind)])] : $values;
    }

    /**
     * Whether what is given is an object of a class already, or points at one.
     *
     * @param list<Expression> $values
     */
    private function isOfKind(array $values, string $class): bool
    {
        $value = 1 === \count($values) ? $values[0] : null;

        return $value instanceof MakeObject || $value instanceof NothingLiteral || null !== $value && $class === TypeNames::read($this->parser->typeOf($value))->class;
    }

    /**
     * `: plant(name), water(0)`: what an object keeps from the start, and how the part of it is made that its parent has.
     *
     * @return list<Statement>
     */
    private function initialRows(int $id): array
    {
        $rows = [];
        $before = $this->parser->parent;
        $this->parser->parent = $id;
        do {
            $this->parser->at += $this->parser->is('std') && $this->parser->is('::', 1) ? 2 : 0;
            $name = $this->parser->newName();
            $opened = $this->parser->peek() ?? $name;
            $held = TypeNames::read($this->parser->fieldKinds["{$this->parser->class}.$name->text"] ?? '');
            if (!\in_array($this->parser->sign(1), ['}', ')', 'new'], true) && ($held->isList() || $held->isMap() || $held->isSet() || [] !== $held->parts)) {
                $value = $this->parser->initialValues->initializer($this->parser->fieldKinds["{$this->parser->class}.$name->text"], $name);
                $rows[] = new SetItem($this->parser->newId(), new Field($this->parser->objectCalls->thisObject($name), $name->text), $value ?? new ListLiteral([]));
                continue;
            }
            if (!$this->parser->accept('(') && !$this->parser->accept('{')) {
                $this->parser->fail('call_brackets', $name, ['name' => $name->text]);
            }
            $arguments = $this->parser->arguments($opened);
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
            $self = $this->parser->objectCalls->thisObject($name);
            if ($this->parser->isFailure($name->text) && !isset($this->parser->classes->fieldNames[$name->text])) {
                $rows[] = new Perform($this->parser->newId(), new Operation(OperationKey::SayFailing, [$self, $values[0] ?? new TextLiteral('')]));
            } elseif (isset($this->parser->classes->parents[$name->text]) && $this->parser->isRaised($name->text) && null === $this->parser->classes->ownerOf($name->text, ClassDefinition::MAKES)) {
                $this->parser->fail('unsupported', $name, ['what' => "$name->text(…)"]);
            } elseif ($name->text === $this->parser->class && str_contains($this->parser->scope, '.made')) {
                // Another way of making one makes it (C++17, 15.6.2).
                $way = $this->parser->makerOf($name->text, $arguments);
                $rows[] = new SetVariable($this->parser->newId(), $this->parser->itself, null === $way ? new MakeObject($name->text, $values, true) : new OwnValue($way, $values));
            } elseif ($name->text === $this->parser->class) {
                $this->parser->fail('unsupported', $name, ['what' => "$name->text(…)"]);
            } elseif (isset($this->parser->classes->parents[$name->text])) {
                $part = $this->parser->parentParts->made($name->text, $arguments, $self, $name);
                array_push($rows, ...null === $part ? [] : [$part]);
            } else {
                $kind = $this->parser->fieldKinds["{$this->parser->class}.$name->text"] ?? '';
                $values = $this->itemsOf($kind, $values);
                if (1 < \count($values) && !isset($this->parser->classes->parents[$kind])) {
                    $this->parser->fail('unsupported', $name, ['what' => "$name->text(…, …)"]);
                }
                if ($this->parser->makers->isSeenMaking($kind)) {
                    // Only this one is made, and no other before (C++17, 15.6.2).
                    $this->parser->fail('unsupported', $name, ['what' => "$name->text(…)"]);
                }
                $isMade = isset($this->parser->classes->parents[$kind]) && (isset($this->parser->makers->makers[$kind]) || null !== $this->parser->classes->ownerOf($kind, ClassDefinition::MAKES)) && !$this->isOfKind($values, $kind);
                $rows[] = new SetItem($this->parser->newId(), new Field($self, $name->text), $isMade ? $this->parser->madeValues->madeOf(new Token(TokenKind::Name, $kind, $name->offset), $arguments, true) : $values[0] ?? $this->nothingIn($kind, $name->text));
            }
        } while ($this->parser->accept(','));
        $this->parser->parent = $before;

        return $rows;
    }

    /** What a field has that is given nothing in its brackets (C++17, 11.6). */
    private function nothingIn(string $kind, string $name): Expression
    {
        if (1 === preg_match('/\*\s*'.Names::asPattern($name).'\s*[;,={]/', $this->parser->text)) {
            return new NothingLiteral();
        }

        return '' === $kind ? new NumberLiteral(0) : $this->parser->madeValues->empty("vector<$kind>");
    }

    /** `Bed::~Bed() { … }`: what is done when an object goes, if nothing is seen of it. */
    private function endsApart(Token $token): Statement
    {
        $brace = ($this->parser->closingOf($this->parser->at + 4) ?? $this->parser->at) + 1;
        $end = '{' === ($this->parser->tokens[$brace]->text ?? '') ? $this->parser->closingOf($brace) : null;
        $this->parser->class = $token->text;
        try {
            if (null === $end) {
                $this->parser->fail('unsupported', $token, ['what' => "~$token->text"]);
            }
            if ($this->isSeenBetween($brace, $end)) {
                $start = $this->parser->at;
                $this->parser->at += 2;
                // What makes objects stands below, and knows by then what is seen of them.
                $isAhead = \in_array('main', array_map(static fn (Token $one): string => $one->text, \array_slice($this->parser->tokens, $end)), true);

                return ($isAhead ? $this->parser->goneObjects->destructor($token, $start) : null) ?? $this->parser->fail('unsupported', $token, ['what' => "~$token->text"]);
            }
        } finally {
            $this->parser->class = '';
        }
        $this->parser->at = $end + 1;

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
    }

    /** `void Bed::pour(int litres) { … }`: a method whose class stands above. */
    public function definedApart(Token $token, int $start): ?Statement
    {
        if ([] === $this->parser->classes->parents || $this->parser->inMain || '' !== $this->parser->scope) {
            return null;
        }
        $isMaker = isset($this->parser->classes->parents[$token->text]) && $this->parser->is('::', 1);
        if ($isMaker && $this->parser->is('~', 2) && $this->parser->is('(', 4)) {
            return $this->endsApart($token);
        }
        $type = $isMaker ? 'void' : $this->parser->typeTexts->type();
        $class = $this->parser->peek();
        $operator = $this->parser->is('::', 1) ? $this->parser->announcements->operatorAt($this->parser->at + 2) : null;
        if (null === $type || null === $class || !isset($this->parser->classes->parents[$class->text]) || !$this->parser->is('::', 1) || !$this->parser->is('(', 3) && null === $operator) {
            $this->parser->at = $start;

            return null;
        }
        $this->parser->at += 2;
        $name = $this->parser->peek() ?? $class;
        ++$this->parser->at;
        if (null !== $operator) {
            $name = new Token(TokenKind::Name, $operator[0], $name->offset);
            $this->parser->at = $operator[1];
        }
        $this->parser->class = $class->text;
        try {
            return $this->methodDefinition($token, $type, $name, $start, isset($this->parser->sharedMethods["$class->text.$name->text"]));
        } finally {
            $this->parser->class = '';
        }
    }

    /** @return array{int, int}|null the braces of a method, where one alone has its name */
    private function bodyOf(string $method): ?array
    {
        $found = [];
        foreach ($this->parser->tokens as $at => $token) {
            if ($method === $token->text && '(' === ($this->parser->tokens[$at + 1]->text ?? '') && null !== $closing = $this->parser->partners[$at + 1] ?? null) {
                $brace = $closing + ('const' === ($this->parser->tokens[$closing + 1]->text ?? '') ? 2 : 1);
                if ('{' === ($this->parser->tokens[$brace]->text ?? '') && isset($this->parser->partners[$brace])) {
                    $found[] = [$brace, $this->parser->partners[$brace]];
                }
            }
        }

        return 1 === \count($found) ? $found[0] : null;
    }

    /** Whether what stands between two places writes something, or changes what a class or the program shares. */
    public function isSeenBetween(int $from, int $until): bool
    {
        for ($at = $from; $at < $until; ++$at) {
            $text = $this->parser->tokens[$at]->text;
            if ($at > $from && isset($this->parser->classes->methods[$this->parser->class][$text]) && '(' === ($this->parser->tokens[$at + 1]->text ?? '') && !\in_array($this->parser->tokens[$at - 1]->text, ['.', '->', '::'], true) && null !== $body = $this->bodyOf($text)) {
                if (!isset($this->looked[$text])) {
                    $this->looked[$text] = true;
                    if ($this->isSeenBetween(...$body)) {
                        return true;
                    }
                }
                continue;
            }
            if (\in_array($text, ['cout', 'cerr', 'clog', 'printf', 'puts', 'putchar'], true) || $this->parser->unknownMembers->isSharedByAny($text) || isset($this->parser->symbols->functions[$text]) && !isset($this->parser->classes->parents[$text]) || isset($this->parser->declared[''][$text])) {
                return true;
            }
        }

        return false;
    }
}
