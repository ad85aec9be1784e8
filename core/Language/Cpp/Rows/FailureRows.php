<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\TextLiteral;

/** What is thrown, and what catches it. */
final class FailureRows
{
    /** @var list<array{string, int, int, bool}> names, where they are known, and whether they are copies of an `exception` */
    private array $caught = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * What is caught, behind `catch`.
     *
     * @return array{list<FailureKind|string>, string} its kinds, and its name
     */
    public function caughtHere(): array
    {
        $opened = $this->parser->peek();
        if (null === $opened || !$this->parser->accept('(')) {
            $last = $this->parser->tokens[$this->parser->at - 1];
            $this->parser->fail('condition_brackets', $last, ['word' => 'catch']);
        }
        if ($this->parser->is('.') && $this->parser->is('.', 1) && $this->parser->is('.', 2) || $this->parser->is('...')) {
            $this->parser->at += $this->parser->is('...') ? 1 : 3;
            $this->parser->close($opened);

            return [[], ''];
        }
        $isConst = $this->parser->accept('const');
        $own = $this->parser->peek();
        if (null !== $own && isset($this->parser->classes->parents[$own->text])) {
            ++$this->parser->at;
            $kind = $own->text;
        } else {
            $ahead = $this->parser->is('std') && $this->parser->is('::', 1) ? 2 : 0;
            if ($this->parser->is('string', $ahead) && !isset($this->parser->classes->parents['string'])) {
                $this->parser->at += $ahead + 1;
                $kind = FailureKind::Letters;
            } else {
                $kind = $this->failureKind($isConst && $this->parser->is('char') && $this->parser->is('*', 1) ? 'char' : 'int');
            }
        }
        $this->parser->accept('const');
        $isCopied = !$this->parser->accept('&');
        $name = '';
        if (!$this->parser->is(')')) {
            $token = $this->parser->newName();
            $this->parser->write($token->text, $token->offset);
            $name = $token->text;
        }
        $this->parser->close($opened);
        if ('' !== $name) {
            $this->caught[] = [$name, $this->parser->at, $this->parser->partners[$this->parser->at] ?? $this->parser->at, $isCopied && FailureKind::Any === $kind];
        }

        return ['' === $name && FailureKind::Any === $kind ? [] : [$kind], $name];
    }

    /** @param 'char'|'int' $plain the only type that may stand here and is no failure */
    private function failureKind(string $plain): FailureKind
    {
        if ($this->parser->is($plain)) {
            $this->parser->at += 'char' === $plain ? 2 : 1;

            return 'char' === $plain ? FailureKind::Text : FailureKind::Whole;
        }
        if ($this->parser->is('std') && $this->parser->is('::', 1)) {
            $this->parser->at += 2;
        }
        $token = $this->parser->peek();
        $kind = null === $token ? null : FailureNames::kindOf($this->parser->language(), $token->text);
        if (null === $token || null === $kind) {
            $near = null === $token || TokenKind::Name !== $token->kind || RealNames::has($token->text, Language::Cpp) ? null : Names::nearest($token->text, FailureNames::all($this->parser->language()));
            if (null !== $token && null !== $near) {
                $this->parser->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);
            }
            $this->parser->fail('unsupported', $token, ['what' => $token->text ?? 'throw']);
        }
        ++$this->parser->at;

        return $kind;
    }

    /** What is thrown, behind `throw`, but for a name that was caught. */
    public function thrown(Token $token): Raise|RaiseObject
    {
        $value = $this->parser->peek();
        if (null !== $value && ($this->parser->isRaised($value->text) || isset($this->parser->classes->parents[$value->text]) && ($this->parser->is('(', 1) || $this->parser->is('{', 1)))) {
            return new RaiseObject($this->parser->newId(), $this->parser->value());
        }
        if (null !== $value && (TokenKind::Text === $value->kind || TokenKind::Number === $value->kind || $this->parser->is('-'))) {
            $value = $this->parser->value();
            $isText = $value instanceof TextLiteral && !$value->letter;
            if (!$isText && !($value instanceof NumberLiteral && \is_int($value->value))) {
                $this->parser->fail('unsupported', $token, ['what' => 'throw']);
            }

            return new Raise($this->parser->newId(), $isText ? FailureKind::Text : FailureKind::Whole, $value);
        }
        $ahead = $this->parser->is('std') && $this->parser->is('::', 1) ? 2 : 0;
        $isText = $this->parser->is('string', $ahead) && ($this->parser->is('(', $ahead + 1) || $this->parser->is('{', $ahead + 1)) || TokenKind::Name === $value?->kind && 'string' === trim(str_replace('const', '', $this->parser->types[$this->parser->scope][$value->text] ?? $this->parser->types[''][$value->text] ?? ''), ' &');
        if ($isText) {
            return new Raise($this->parser->newId(), FailureKind::Letters, $this->parser->value());
        }
        $kept = TokenKind::Name === $value?->kind && $this->parser->is(';', 1) ? $this->keptThrown($value) : null;
        if (null !== $kept) {
            return $kept;
        }
        $kind = $this->failureKind('int');
        $opened = $this->parser->peek();
        $says = new TextLiteral('');
        if (null !== $opened && ($this->parser->accept('(') || $this->parser->accept('{'))) {
            $says = $this->parser->is(')') || $this->parser->is('}') ? $says : $this->parser->value();
            $this->parser->close($opened);
        }

        return new Raise($this->parser->newId(), $kind, $says);
    }

    /** `throw code;`: a copy of what a variable holds (C++17, 18.1); null where that is nothing that can be thrown here. */
    private function keptThrown(Token $name): Raise|RaiseObject|null
    {
        $type = TypeNames::bare($this->parser->types[$this->parser->scope][$name->text] ?? $this->parser->types[''][$name->text] ?? '');
        if ('int' === $type) {
            return new Raise($this->parser->newId(), FailureKind::Whole, $this->parser->value());
        }

        return isset($this->parser->classes->parents[$type]) ? new RaiseObject($this->parser->newId(), new Operation(OperationKey::DeepCopied, [$this->parser->value()])) : null;
    }

    /** What a failure says that was caught under this name, which was read already. */
    public function saysOf(Token $name): Expression
    {
        if (!$this->parser->is('.') || !$this->parser->is('what', 1) || !$this->parser->is('(', 2) || !$this->parser->is(')', 3)) {
            $this->parser->noFailure($name);
        }
        $this->parser->at += 4;

        return $this->isBarelyCaught($name->text) ? new TextLiteral('std::exception') : $this->parser->plainName($name);
    }

    /** Whether a name has a copy of nothing but the `exception` in what was thrown (C++17, 18.3): it says its class alone. */
    private function isBarelyCaught(string $name): bool
    {
        $around = array_filter($this->caught, fn (array $caught): bool => $name === $caught[0] && $caught[1] <= $this->parser->at && $this->parser->at <= $caught[2]);

        return end($around)[3] ?? false;
    }
}
