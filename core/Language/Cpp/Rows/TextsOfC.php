<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** Letters one behind the other, the last of which is none, are how C keeps a text (C++17, 20.4.2.1.5.1). */
final class TextsOfC
{
    /** What takes such a text, and gives letters to one. */
    private const TAKES = ['strlen' => true, 'strcpy' => true, 'strcat' => true, 'strcmp' => true, 'strncpy' => true, 'strncat' => true, 'strncmp' => true, 'sprintf' => true, 'snprintf' => true, 'strstr' => true, 'strchr' => true, 'puts' => true, 'atoi' => true, 'atof' => true];

    /** @var array<string, true> parameters that may get letters */
    public array $handed = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * What a parameter is that gets letters: a text, or a list of them.
     *
     * @param string $type what its letters are: `char`, `const char`
     */
    public function ofLetters(string $name, string $type): string
    {
        if (!$this->isTextOfC($name)) {
            return 'vector<char> &';
        }
        $this->handed += str_starts_with($type, 'const') ? [] : [$name => true];

        return str_starts_with($type, 'const') ? 'string' : 'string &';
    }

    /** Whether the rows of an array of letters are given as texts, or taken as such. */
    public function areTextsOfC(string $name, ?Token $braces): bool
    {
        if (null !== $braces) {
            return '{' === $braces->text && str_starts_with($this->parser->peek(1)->text ?? '', '"');
        }
        foreach ($this->parser->tokens as $index => $token) {
            $closing = $name === $token->text && '[' === ($this->parser->tokens[$index + 1]->text ?? '') ? $this->parser->partners[$index + 1] ?? null : null;
            $before = $this->parser->tokens[$index - 1]->text ?? '';
            if (null !== $closing && '[' !== ($this->parser->tokens[$closing + 1]->text ?? '') && (\in_array($before, ['<<', '>>'], true) || '(' === $before && isset(self::TAKES[$this->parser->tokens[$index - 2]->text ?? '']))) {
                return true;
            }
        }

        return false;
    }

    /** Whether the function whose parameters are read goes up to the letter that is none, or takes all letters at once. */
    private function isTextOfC(string $name): bool
    {
        for ($index = $this->parser->at; isset($this->parser->tokens[$index]) && '{' !== $this->parser->tokens[$index]->text && ';' !== $this->parser->tokens[$index]->text; ++$index) {
        }
        $end = $this->parser->partners[$index] ?? $index;
        for (; $index < $end; ++$index) {
            if ($name !== $this->parser->tokens[$index]->text || TokenKind::Name !== $this->parser->tokens[$index]->kind) {
                continue;
            }
            $before = $this->parser->tokens[$index - 1]->text;
            $closing = '[' === ($this->parser->tokens[$index + 1]->text ?? '') ? $this->parser->closingOf($index + 1) : null;
            if (null === $closing) {
                if ('<<' === $before || '(' === $before && isset(self::TAKES[$this->parser->tokens[$index - 2]->text ?? ''])) {
                    return true;
                }
                continue;
            }
            $behind = $this->parser->tokens[$closing + 1]->text ?? '';
            $with = \in_array($behind, ['==', '!='], true) ? $this->parser->tokens[$closing + 2]->text ?? '' : '';
            $isAsked = \in_array($before, [';', '(', '&&', '||', '!'], true) && \in_array($behind, [';', ')', '&&', '||'], true) && ('(' !== $before || 'while' === ($this->parser->tokens[$index - 2]->text ?? ''));
            if ($isAsked || '0' === $with || "'\\0'" === $with) {
                return true;
            }
        }

        return false;
    }
}
