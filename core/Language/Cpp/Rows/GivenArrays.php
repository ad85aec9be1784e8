<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** Functions that give back an array which they made themselves: `int* squares(int n) { int* all = new int[n]; … return all; }`. */
final class GivenArrays
{
    /** @var array<string, bool> by function */
    private array $known = [];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** Whether all that a function gives are arrays that nothing else points at. */
    public function gives(string $function): bool
    {
        return $this->known[$function] ??= $this->givesNew($function);
    }

    /** Whether what follows is a call of such a function, and nothing else: `squares(8);`. */
    public function isCall(int $at): bool
    {
        $closing = TokenKind::Name === ($this->parser->tokens[$at]->kind ?? null) && '(' === $this->text($at + 1) ? $this->parser->partners[$at + 1] ?? null : null;

        return null !== $closing && ';' === $this->text($closing + 1) && $this->gives($this->text($at));
    }

    private function givesNew(string $function): bool
    {
        foreach ($this->parser->tokens as $at => $token) {
            $closing = $function === $token->text && '*' === $this->text($at - 1) && '*' !== $this->text($at - 2) && '(' === $this->text($at + 1) ? $this->parser->partners[$at + 1] ?? null : null;
            $end = null !== $closing && '{' === $this->text($closing + 1) ? $this->parser->partners[$closing + 1] ?? null : null;
            if (null !== $closing && null !== $end) {
                return $this->returnsNew($closing + 1, $end);
            }
        }

        return false;
    }

    private function returnsNew(int $from, int $end): bool
    {
        $made = [];
        $isNew = false;
        for ($at = $from; $at < $end; ++$at) {
            if ('*' === $this->text($at - 1) && '=' === $this->text($at + 1) && $this->isNewArray($at + 2)) {
                $made[$this->text($at)] = true;
            } elseif ('return' === $this->text($at)) {
                $isNew = $this->isNewArray($at + 1) || isset($made[$this->text($at + 1)]) && ';' === $this->text($at + 2);
                if (!$isNew) {
                    return false;
                }
            }
        }

        return $isNew;
    }

    private function isNewArray(int $at): bool
    {
        return 'new' === $this->text($at) && '[' === $this->text($at + 2);
    }

    private function text(int $at): string
    {
        return $this->parser->tokens[$at]->text ?? '';
    }
}
