<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\FunctionDefinition;

/** Functions of one name that stand in different functions get names of their own here: their blocks keep them apart (ECMAScript 2022, 14.2). */
trait InnerFunctionsToldApart
{
    private function tellInnerFunctionsApart(): void
    {
        $functions = $counts = $open = [];
        foreach ($this->tokens as $index => $token) {
            if (TokenKind::Sign === $token->kind && \in_array($token->text, ['{', '}'], true)) {
                '{' === $token->text ? $open[] = $index : array_pop($open);
                continue;
            }
            $name = $this->tokens[$index + 1] ?? null;
            $isFunction = 'function' === $token->text && '(' === ($this->tokens[$index + 2]->text ?? '') || \in_array($token->text, ['const', 'let', 'var'], true) && '=' === ($this->tokens[$index + 2]->text ?? '') && null !== $this->unnamedAt($index + 3);
            if (TokenKind::Keyword === $token->kind && TokenKind::Name === $name?->kind && $isFunction) {
                $functions[] = [$name->text, $open[\count($open) - 1] ?? null];
                $counts[$name->text] = ($counts[$name->text] ?? 0) + 1;
            }
        }
        foreach ($functions as [$name, $brace]) {
            if (null !== $brace && 1 < $counts[$name] && 1 === \count(array_keys($functions, [$name, $brace], true))) {
                $this->renameWithin($brace, $name);
            }
        }
    }

    private function renameWithin(int $brace, string $name): void
    {
        $places = [];
        for ($at = $brace; $at < ($this->partners[$brace] ?? $brace); ++$at) {
            $token = $this->tokens[$at];
            [$before, $after] = [$this->tokens[$at - 1]->text ?? '', $this->tokens[$at + 1]->text ?? ''];
            if (str_starts_with($token->text, '`') && 1 === preg_match('/\b'.preg_quote($name, '/').'\b/', $token->text)) {
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

    /** The name of the function whose brace it is, as far as one stands there. */
    private function functionAround(int $brace): string
    {
        $opened = array_search($brace - 1, $this->partners, true);
        $name = \is_int($opened) ? $this->tokens[$opened - 1] ?? null : null;

        return TokenKind::Name === $name?->kind ? $name->text : 'inner';
    }
}
