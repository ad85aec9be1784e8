<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\FunctionDefinition;

/** Functions of one name that stand in different functions get names of their own here: their blocks keep them apart (ECMAScript 2022, 14.2). */
trait InnerFunctionsToldApart
{
    private function tellInnerFunctionsApart(): void
    {
        $functions = $open = [];
        foreach ($this->tokens as $index => $token) {
            if (TokenKind::Sign === $token->kind && \in_array($token->text, ['{', '}'], true)) {
                '{' === $token->text ? $open[] = $index : array_pop($open);
                continue;
            }
            $name = $this->tokens[$index + 1] ?? null;
            $isFunction = 'function' === $token->text && '(' === ($this->tokens[$index + 2]->text ?? '') || \in_array($token->text, ['const', 'let', 'var'], true) && '=' === ($this->tokens[$index + 2]->text ?? '') && null !== $this->unnamedAt($index + 3);
            if (TokenKind::Keyword === $token->kind && TokenKind::Name === $name?->kind && $isFunction && \count($open) <= Bounds::NESTING) {
                $brace = $open[\count($open) - 1] ?? -1;
                $functions[$name->text][$brace] = ($functions[$name->text][$brace] ?? 0) + 1;
            }
        }
        $this->nameByVariables();
        foreach ($functions as $name => $braces) {
            foreach (1 < array_sum($braces) ? $braces : [] as $brace => $count) {
                if (-1 !== $brace && 1 === $count) {
                    $this->renameWithin($brace, (string) $name);
                }
            }
        }
    }

    /**
     * `const fall = function f(n) { … f(n - 1) … }`: within itself a function has its own name, too (ECMAScript 2022, 15.2.5). It is
     * read as that of the variable, which is the only other one it has.
     */
    private function nameByVariables(): void
    {
        foreach ($this->tokens as $at => $token) {
            $own = $this->tokens[$at + 1] ?? null;
            if ('function' !== $token->text || TokenKind::Keyword !== $token->kind || TokenKind::Name !== $own?->kind || '(' !== ($this->tokens[$at + 2]->text ?? '')) {
                continue;
            }
            $variable = '=' === ($this->tokens[$at - 1]->text ?? '') && \in_array($this->tokens[$at - 3]->text ?? '', ['const', 'let', 'var'], true) ? $this->tokens[$at - 2] : null;
            $isValue = \in_array($this->tokens[$at - 1]->text ?? '', ['=', '(', ',', 'return', ':', '=>', '[', '?'], true);
            $brace = ($this->partners[$at + 2] ?? $at) + 1;
            for ($inner = $brace; $isValue && $inner < ($this->partners[$brace] ?? $brace); ++$inner) {
                if ($own->text === $this->tokens[$inner]->text && TokenKind::Name === $this->tokens[$inner]->kind && '.' !== ($this->tokens[$inner - 1]->text ?? '')) {
                    null === $variable ? $this->selfNamed[$at] = true : $this->readAs($inner, $variable->text);
                }
            }
        }
    }

    /** @var array<int, true> functions in values that call themselves by a name of their own, by the place of their word */
    private array $selfNamed = [];

    private function renameWithin(int $brace, string $name): void
    {
        $places = [];
        for ($at = $brace; $at < ($this->partners[$brace] ?? $brace); ++$at) {
            $token = $this->tokens[$at];
            [$before, $after] = [$this->tokens[$at - 1]->text ?? '', $this->tokens[$at + 1]->text ?? ''];
            if (str_starts_with($token->text, '`') && 1 === preg_match('/\b'.Names::asPattern($name).'\b/', $token->text)) {
                return;
            }
            if ($name !== $token->text || TokenKind::Name !== $token->kind || \in_array($before, ['.', '?.'], true)) {
                continue;
            }
            if (':' === $after && '?' !== $before || \in_array($before, ['{', ','], true) && \in_array($after, [',', '}'], true)) {
                // It may be the name of an entry.
                return;
            }
            $places[] = $at;
        }
        $own = $this->nameFor($name.FunctionDefinition::OF.$this->functionAround($brace));
        foreach ($places as $at) {
            $this->readAs($at, $own);
        }
    }

    /** @var array<int, int>|null the token that opens what another closes */
    private ?array $openers = null;

    /** The name of the function whose brace it is, as far as one stands there. */
    private function functionAround(int $brace): string
    {
        $this->openers ??= array_flip($this->partners);
        $name = $this->tokens[($this->openers[$brace - 1] ?? 0) - 1] ?? null;

        return TokenKind::Name === $name?->kind ? $name->text : 'inner';
    }
}
