<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Python\PythonParser;

/** Classes that stand in others: `List.Node` and `self.Node` are names of them (The Python Language Reference, 8.8). */
final class InnerClasses
{
    /** @var array<int, array{string, bool}> by line: the class that it stands in, and whether it is one of its own rows */
    public array $linesOfClasses = [];
    /** @var array<string, string> by class, the one that it stands in; empty for those that stand for themselves */
    public array $aroundClass = [];

    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function announceInnerClasses(): void
    {
        /** @var list<array{string, int, int|null}> $open class, column of its head and of its rows */
        $open = [];
        foreach ($this->parser->lines as $index => $line) {
            if ($line->remark) {
                continue;
            }
            $column = $line->column();
            while ([] !== $open && $column <= $open[\count($open) - 1][1]) {
                array_pop($open);
            }
            $isDirect = 0 === $column;
            $inner = array_pop($open);
            if (null !== $inner) {
                $open[] = [$inner[0], $inner[1], $inner[2] ?? $column];
                $isDirect = $column === ($inner[2] ?? $column);
                $this->linesOfClasses[$index] = [$inner[0], $isDirect];
            }
            $name = $this->parser->tokens[$line->from + 1] ?? null;
            if ($isDirect && 'class' === $this->parser->tokens[$line->from]->text && TokenKind::Name === $name?->kind) {
                $this->aroundClass[$name->text] ??= $inner[0] ?? '';
                $open[] = [$name->text, $column, null];
            }
        }
    }

    /**
     * @param list<Token> $tokens of the whole text, spaces and remarks too
     *
     * @return list<Token> with each such name as one of its own
     */
    public function withInnerNames(array $tokens): array
    {
        $kept = [];
        foreach ($tokens as $token) {
            $last = \count($kept) - 1;
            $around = TokenKind::Name === $token->kind && '.' === ($kept[$last]->text ?? '') ? $this->aroundClass[$token->text] ?? '' : '';
            $before = $kept[$last - 1] ?? null;
            if ('' === $around || null === $before || !\in_array($before->text, [$around, 'self', 'cls'], true) || '.' === ($kept[$last - 2]->text ?? '')) {
                $kept[] = $token;
                continue;
            }
            array_splice($kept, -2, 2, [new Token(TokenKind::Name, $token->text, $before->offset, $token->end() - $before->offset)]);
        }

        return $kept;
    }
}
