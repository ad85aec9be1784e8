<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\FunctionDefinition;

/** Functions of one name that stand in different functions get names of their own here: their blocks keep them apart (ECMAScript 2022, 14.2). */
final class InnerFunctions
{
    /** @var array<int, true> functions in values that call themselves by a name of their own, by the place of their word */
    public array $selfNamed = [];
    /** @var array<int, int>|null the token that opens what another closes */
    private ?array $openers = null;

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    public function tellInnerFunctionsApart(): void
    {
        $functions = $open = [];
        foreach ($this->parser->tokens as $index => $token) {
            if (TokenKind::Sign === $token->kind && \in_array($token->text, ['{', '}'], true)) {
                '{' === $token->text ? $open[] = $index : array_pop($open);
                continue;
            }
            $name = $this->parser->tokens[$index + 1] ?? null;
            $isFunction = 'function' === $token->text && '(' === ($this->parser->tokens[$index + 2]->text ?? '') || \in_array($token->text, ['const', 'let', 'var'], true) && '=' === ($this->parser->tokens[$index + 2]->text ?? '') && (null !== $this->parser->functionValues->unnamedAt($index + 3) || $this->isArrow($index + 3));
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

    /** Whether a small function begins here: `(n) => n * 2`, `n => n * 2`. */
    private function isArrow(int $at): bool
    {
        $closing = '(' === ($this->parser->tokens[$at]->text ?? '') ? $this->parser->partners[$at] ?? $at : $at;

        return '=>' === ($this->parser->tokens[$closing + 1]->text ?? '');
    }

    /**
     * `const fall = function f(n) { … f(n - 1) … }`: within itself a function has its own name, too (ECMAScript 2022, 15.2.5). It is
     * read as that of the variable, which is the only other one it has.
     */
    private function nameByVariables(): void
    {
        foreach ($this->parser->tokens as $at => $token) {
            $own = $this->parser->tokens[$at + 1] ?? null;
            if ('function' !== $token->text || TokenKind::Keyword !== $token->kind || TokenKind::Name !== $own?->kind || '(' !== ($this->parser->tokens[$at + 2]->text ?? '')) {
                continue;
            }
            $variable = '=' === ($this->parser->tokens[$at - 1]->text ?? '') && \in_array($this->parser->tokens[$at - 3]->text ?? '', ['const', 'let', 'var'], true) ? $this->parser->tokens[$at - 2] : null;
            $isValue = \in_array($this->parser->tokens[$at - 1]->text ?? '', ['=', '(', ',', 'return', ':', '=>', '[', '?'], true);
            $brace = ($this->parser->partners[$at + 2] ?? $at) + 1;
            for ($inner = $brace; $isValue && $inner < ($this->parser->partners[$brace] ?? $brace); ++$inner) {
                if ($own->text === $this->parser->tokens[$inner]->text && TokenKind::Name === $this->parser->tokens[$inner]->kind && '.' !== ($this->parser->tokens[$inner - 1]->text ?? '')) {
                    null === $variable ? $this->selfNamed[$at] = true : $this->parser->readAs($inner, $variable->text);
                }
            }
        }
    }

    private function renameWithin(int $brace, string $name): void
    {
        $places = [];
        for ($at = $brace; $at < ($this->parser->partners[$brace] ?? $brace); ++$at) {
            $token = $this->parser->tokens[$at];
            [$before, $after] = [$this->parser->tokens[$at - 1]->text ?? '', $this->parser->tokens[$at + 1]->text ?? ''];
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
        $own = $this->parser->nameFor($name.FunctionDefinition::OF.$this->functionAround($brace));
        foreach ($places as $at) {
            $this->parser->readAs($at, $own);
        }
    }

    /** The name of the function whose brace it is, as far as one stands there. */
    private function functionAround(int $brace): string
    {
        $this->openers ??= array_flip($this->parser->partners);
        $name = $this->parser->tokens[($this->openers[$brace - 1] ?? 0) - 1] ?? null;

        return TokenKind::Name === $name?->kind ? $name->text : 'inner';
    }
}
