<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Statement;

/** Functions, what they take, and templates of them. */
final class FunctionRows
{
    /** Types of the library that are not read yet (C++17, 20 to 33): whoever writes one has not forgotten it. */
    private const OTHER_TYPES = ['ostream', 'istream', 'iostream', 'ifstream', 'ofstream', 'fstream', 'streambuf', 'ios', 'complex', 'valarray', 'variant', 'any', 'string_view', 'span', 'regex', 'smatch', 'thread', 'mutex', 'atomic', 'future', 'promise', 'exception', 'initializer_list', 'forward_list', 'wstring', 'wchar_t', 'FILE', 'time_t', 'tm', 'mt19937', 'mt19937_64', 'random_device', 'default_random_engine', 'uniform_int_distribution', 'uniform_real_distribution', 'normal_distribution', 'bernoulli_distribution', 'duration', 'time_point', 'type_info', 'weak_ptr'];

    public function __construct(private readonly CppParser $parser)
    {
    }

    public function function(Token $token, string $type, Token $name, int $start): Statement
    {
        if ('' !== $this->parser->scope || $this->parser->inMain) {
            $this->parser->fail('unsupported', $name, ['what' => $name->text.'(…) { … } in { … }']);
        }
        ++$this->parser->at;
        $this->parser->symbols->known[$name->text] ??= $name->offset;
        $id = $this->parser->newId();
        $opened = $this->parser->peek() ?? $token;
        $full = $this->parser->announcements->overload($name->text, $this->parser->at) ?? $name->text;
        if ($full !== $name->text) {
            $name = new Token($name->kind, $full, $name->offset);
            $this->parser->symbols->known[$full] ??= $name->offset;
        }
        ++$this->parser->at;
        $this->parser->scope = $name->text;
        $this->parser->begun = $token->offset;
        [$parameters, $defaults, $types] = $this->parameters($opened);
        $this->parser->gives = $type;
        $this->parser->ends = $this->parser->tokens[$this->parser->closingOf($this->parser->at) ?? \count($this->parser->tokens) - 1]->offset;
        $types = ['' => $type] + $types;
        if ($this->parser->is(';') && !$this->parser->is('{', 1)) {
            ++$this->parser->at;
            $this->parser->scope = '';
            $this->foretell($name->text, $parameters, $defaults);

            return $this->parser->ended(new Import($id, substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
        }
        if (!$this->parser->is('{') && !$this->parser->is(';')) {
            $this->withoutTrailingType();
            $this->parser->fail('brace_wanted', $this->parser->tokens[$this->parser->at - 1], ['word' => $name->text], [new Replacement($this->parser->endOffset(), 0, ' {')]);
        }
        $body = $this->parser->body($id, $start, 'head', 'body', false);
        $this->parser->scope = '';
        $this->parser->closeBrace($id, $start);

        return new FunctionDefinition($id, $name->text, $parameters, $this->parser->shared($name->text, $body), false, $this->withForetold($name->text, $parameters, $defaults), $types);
    }

    /**
     * Notes what a prototype gives parameters, by their places: they may have other names there, or none (C++17, 11.3.6).
     *
     * @param list<string>              $parameters
     * @param array<string, Expression> $defaults
     */
    public function foretell(string $function, array $parameters, array $defaults): void
    {
        $this->parser->prototypes[$function] = [];
        foreach ($parameters as $place => $parameter) {
            if (isset($defaults[$parameter])) {
                $this->parser->prototypes[$function][$place] = $defaults[$parameter];
            }
        }
    }

    /**
     * @param list<string>              $parameters
     * @param array<string, Expression> $defaults
     *
     * @return array<string, Expression> with what a prototype gave them before
     */
    public function withForetold(string $function, array $parameters, array $defaults): array
    {
        foreach ($this->parser->prototypes[$function] ?? [] as $place => $value) {
            $defaults += isset($parameters[$place]) ? [$parameters[$place] => $value] : [];
        }

        return $defaults;
    }

    /**
     * The parameters of a function, behind their bracket, in the scope of the function.
     *
     * @return array{list<string>, array<string, Expression>, array<string, string>} names, defaults, types
     */
    public function parameters(Token $opened): array
    {
        $this->parser->declared[$this->parser->scope] = $this->parser->assigned[$this->parser->scope] = $this->parser->types[$this->parser->scope] = [];
        $parameters = [];
        $defaults = [];
        $types = [];
        while (!$this->parser->is(')')) {
            $parameter = $this->parser->peek();
            if (null === $parameter) {
                $this->parser->neverClosed($opened);
            }
            $isFixed = $this->parser->is('const');
            $this->parser->mayPoint = true;
            $parameterType = $this->parser->typeTexts->type();
            $this->parser->mayPoint = false;
            $parameter = $this->parser->peek();
            if (null !== $parameterType && $this->parser->is('(') && $this->parser->is('*', 1) && $this->parser->is(')', 3) && $this->parser->is('(', 4) && null !== $behind = $this->parser->closingOf($this->parser->at + 4)) {
                // A function, handed over: `int (*of)(int, int)`.
                $parameter = $this->parser->peek(2);
                $parameterType = 'auto';
                $this->parser->at = $behind;
                // @phpstan-ignore assign.propertyType (the token is there already)
                $this->parser->tokens[$behind] = $parameter ?? $this->parser->tokens[$behind];
            }
            if (null === $parameterType) {
                $this->noType($parameter);
            }
            if (str_ends_with($parameterType, ' *') && $this->parser->is('*') && TokenKind::Name === $this->parser->peek(1)?->kind && \in_array($this->parser->sign(2), [',', ')'], true)) {
                // Rows that were made one by one.
                ++$this->parser->at;
                $parameter = $this->parser->peek();
                $parameterType = 'vector<vector<'.substr($parameterType, 0, -2).'>> &';
            }
            if (null !== $parameter && \in_array($parameter->text, [',', ')', '='], true) && 'void' !== $parameterType) {
                // What is handed over there is not asked for; it has its place all the same.
                $parameters[] = $unused = $this->parser->nameFor('unused');
                $types[$unused] = $this->parser->types[$this->parser->scope][$unused] = $parameterType;
                $this->parser->write($unused, $parameter->offset);
                if ($this->parser->accept('=')) {
                    $defaults[$unused] = $this->parser->expression();
                }
            } elseif (null !== $parameter && TokenKind::Name === $parameter->kind) {
                ++$this->parser->at;
                $parameters[] = $parameter->text;
                unset($this->parser->arraySizes[$parameter->text], $this->parser->iterators[$parameter->text]);
                if (str_ends_with($parameterType, ' *') && !isset($this->parser->classes->parents[substr($parameterType, 0, -2)])) {
                    $parameterType = $this->parser->pointers->pointedAt($parameter->text, substr($parameterType, 0, -2));
                }
                while (null !== ($bracket = $this->parser->peek()) && $this->parser->accept('[')) {
                    // An array is handed over itself, never a copy of it.
                    $this->parser->is(']') || $this->parser->value();
                    $this->parser->close($bracket);
                    $of = TypeNames::bare($parameterType);
                    $parameterType = 'char' === $of && !$this->parser->is('[') ? $this->parser->textsOfC->ofLetters($parameter->text, $isFixed ? "const $of" : $of) : "vector<$of> &";
                }
                if (str_starts_with($parameterType, 'vector<') && '>' !== ($this->parser->tokens[$this->parser->at - 2]->text ?? '')) {
                    $this->parser->places->handedArrays[$this->parser->scope][$parameter->text] = true;
                }
                $types[$parameter->text] = $parameterType;
                $this->parser->types[$this->parser->scope][$parameter->text] = $parameterType;
                $this->parser->declared[$this->parser->scope][$parameter->text] = true;
                $this->parser->write($parameter->text, $parameter->offset);
                if ($this->parser->accept('=')) {
                    $defaults[$parameter->text] = $this->parser->madeValues->inFieldsType($this->parser->expression(), TypeNames::read(TypeNames::bare($parameterType)));
                }
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);

        return [$parameters, $defaults, $types];
    }

    /**
     * `template <typename T>` and the function below it, whose values may be of any type that its calls give it.
     *
     * @return list<Statement>
     */
    public function ofAnyType(Token $token): array
    {
        $start = $this->parser->at;
        $names = $this->typesNamed($token);
        $before = $this->parser->aliases;
        $first = $this->parser->peek();
        $class = null === $first ? '' : (\in_array($first->text, ['class', 'struct'], true) ? $this->parser->sign(1) : $this->classMeant());
        $types = $this->parser->classTemplates->classTemplates[$class] ?? array_fill_keys($names, 'auto');
        if (null === $first) {
            $this->parser->fail('unsupported', $token, ['what' => 'template']);
        }
        if (!\in_array($first->text, ['class', 'struct'], true)) {
            $types = (new OpenTypes($this->parser->tokens, $this->parser->closingOf(...)))->decided($this->parser->at, $names) + $types;
        }
        if (\in_array(null, $types, true)) {
            $this->parser->fail('unsupported', $token, ['what' => 'template']);
        }
        $this->parser->aliases = array_filter($types, is_string(...)) + $before;
        try {
            $head = new Token($first->kind, $first->text, $token->offset);
            if (\in_array($first->text, ['class', 'struct'], true)) {
                return $this->parser->classRows->classDefinition($head);
            }
            $apart = $this->parser->methodRows->definedApart($head, $this->parser->at);
            if (null !== $apart) {
                return [$apart];
            }
            $shown = [] === $this->parser->classes->parents ? null : $this->parser->streamOperators->shownByStream($head, $this->parser->at);
            if (null !== $shown) {
                return [$shown];
            }
            $type = $this->parser->typeTexts->type();
            $operator = null === $type ? null : $this->parser->freeOperators->freeOperator($head, $type, $this->parser->at);
            if (null !== $operator) {
                return [$operator];
            }
            if (null === $type || !$this->parser->is('(', 1)) {
                $this->parser->fail('unsupported', $token, ['what' => 'template']);
            }
            $name = $this->parser->newName();
            --$this->parser->at;

            return [$this->function($token, $type, $name, $start)];
        } finally {
            $this->parser->aliases = $before;
        }
    }

    /**
     * A method of any type: `template <typename T> void add(T bed)`.
     *
     * @return list<Statement>
     */
    public function methodOfAnyType(Token $token): array
    {
        $before = $this->parser->aliases;
        $this->parser->aliases = array_fill_keys($this->typesNamed($token), 'auto') + $before;
        try {
            $rows = $this->parser->classRows->members();
        } finally {
            $this->parser->aliases = $before;
        }
        if (isset($rows[0])) {
            $this->parser->beginAt($rows[0], $token->offset);
        }

        return $rows;
    }

    /** @return non-empty-list<string> what `template <typename T, typename U>` calls the types that it leaves open */
    private function typesNamed(Token $token): array
    {
        ++$this->parser->at;
        $names = [];
        if ($this->parser->accept('<')) {
            while (($this->parser->is('typename') || $this->parser->is('class')) && TokenKind::Name === $this->parser->peek(1)?->kind) {
                ++$this->parser->at;
                $names[] = $this->parser->newName()->text;
                $this->parser->accept(',');
            }
        }
        if ([] === $names || !$this->parser->accept('>')) {
            $this->parser->fail('unsupported', $token, ['what' => 'template']);
        }

        return $names;
    }

    /** The class whose method a row defines, before its type is read. */
    private function classMeant(): string
    {
        for ($at = $this->parser->at; isset($this->parser->tokens[$at + 1]) && !\in_array($this->parser->tokens[$at]->text, ['(', '{', ';'], true); ++$at) {
            if ('::' === $this->parser->tokens[$at + 1]->text && 'std' !== $this->parser->tokens[$at]->text) {
                return $this->parser->tokens[$at]->text;
            }
        }

        return '';
    }

    public function noType(?Token $token): never
    {
        $name = 'std' === $token?->text && $this->parser->is('::', 1) ? $this->parser->peek(2)->text ?? 'std' : $token->text ?? '';
        if ('std' === $token?->text || \in_array($name, self::OTHER_TYPES, true)) {
            $this->parser->fail('unsupported', $token, ['what' => $name]);
        }
        $this->parser->fail('type_missing', $token, ['name' => $name]);
    }

    /** Whether nothing but types stands between brackets. */
    public function areTypes(int $from, int $until): bool
    {
        $at = $this->parser->at;
        $this->parser->at = $from;
        $this->parser->mayPoint = true;
        do {
            $isType = null !== $this->parser->typeTexts->type();
            $this->parser->accept('&');
            $this->parser->at += TokenKind::Name === $this->parser->peek()?->kind ? 1 : 0;
            for ($isGiven = $this->parser->is('='); $isGiven && $this->parser->at < $until && !$this->parser->is(','); ++$this->parser->at) {
                $this->parser->at = $this->parser->closingOf($this->parser->at) ?? $this->parser->at;
            }
        } while ($isType && $this->parser->accept(','));
        $this->parser->mayPoint = false;
        $isType = $isType && $this->parser->at === $until;
        $this->parser->at = $at;

        return $isType;
    }

    /** Whether the round bracket behind a name begins parameters, not a value. */
    public function isFunction(): bool
    {
        $at = $this->parser->at;
        $this->parser->at += 2;
        $this->parser->mayPoint = true;
        $isFunction = $this->parser->is(')') || $this->parser->is('const') || null !== $this->parser->typeTexts->type() && TokenKind::Name === $this->parser->peek()?->kind;
        $this->parser->mayPoint = false;
        $this->parser->at = $at;
        $closing = $this->parser->closingOf($at + 1);
        $next = null === $closing ? null : ($this->parser->tokens[$closing + 1]->text ?? null);
        // A prototype need not name what it takes (C++17, 11.3.5).
        $isPrototype = ';' === $next && '' === $this->parser->scope && !$this->parser->inMain && $this->areTypes($at + 2, (int) $closing);

        return $isFunction || $isPrototype || '{' === $next;
    }

    /** `-> vector<int>` behind the brackets of a function. */
    public function withoutTrailingType(): void
    {
        $this->parser->is('->') && $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'auto … -> …']);
    }
}
