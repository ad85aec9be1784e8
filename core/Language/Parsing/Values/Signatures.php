<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Values;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\ExpressionParser;

/** What functions take, as it is declared. */
final class Signatures
{
    /** The parameter for all that is given by a name that no other has, in the signature that was read last. */
    private string $namedRest = '';

    public function __construct(private readonly ExpressionParser $parser)
    {
    }

    /**
     * The parameters of a function, read ahead of its body.
     *
     * @param int      $at    the bracket that opens them
     * @param int|null $until the token behind the last one that may belong to them
     *
     * @return array{int, int, list<string>} fewest and most arguments, and the names
     */
    public function signature(int $at, ?int $until = null): array
    {
        $parameters = [];
        $defaults = $depth = 0;
        $rest = null;
        $this->namedRest = '';
        for ($until ??= \count($this->parser->tokens); $at < $until; ++$at) {
            $text = $this->parser->tokens[$at]->text;
            if (1 === $depth && ('{' === $text || '[' === $text) && \in_array($this->parser->tokens[$at - 1]->text, ['(', ','], true)) {
                // Names that take a parameter apart.
                $parameters[] = '';
            }
            $depth += \in_array($text, ['(', '[', '{'], true) ? 1 : (\in_array($text, [')', ']', '}'], true) ? -1 : 0);
            if (0 === $depth) {
                break;
            }
            if (1 === $depth && 'lambda' === $text && TokenKind::Keyword === $this->parser->tokens[$at]->kind) {
                // Its parameters are its own (The Python Language Reference, 6.14).
                while (isset($this->parser->tokens[$at + 1]) && ':' !== $this->parser->tokens[$at + 1]->text) {
                    ++$at;
                }
                continue;
            }
            $isRest = \in_array($this->parser->tokens[$at - 1]->text, ['*', '...'], true) && \in_array($this->parser->tokens[$at - 2]->text ?? '', ['(', ','], true);
            if (1 === $depth && TokenKind::Name === $this->parser->tokens[$at]->kind && ($isRest || \in_array($this->parser->tokens[$at - 1]->text, ['(', ','], true))) {
                $rest = $isRest ? \count($parameters) : $rest;
                $parameters[] = $text;
            } elseif (1 === $depth && TokenKind::Name === $this->parser->tokens[$at]->kind && '**' === $this->parser->tokens[$at - 1]->text && \in_array($this->parser->tokens[$at - 2]->text ?? '', ['(', ','], true)) {
                $this->namedRest = $parameters[] = $text;
                ++$defaults;
            } elseif (1 === $depth && '=' === $text) {
                ++$defaults;
            }
        }

        $this->parser->rest = $rest;

        return [\count($parameters) - $defaults - (null === $rest ? 0 : 1), null === $rest && '' === $this->namedRest ? \count($parameters) : ExpressionParser::UNLIMITED, $parameters];
    }

    /** Notes the signature of a function of the program's own. */
    public function announced_(string $name, int $at, ?int $until = null): void
    {
        $this->parser->symbols->functions[$name] = $this->signature($at, $until);
        if (null !== $this->parser->rest) {
            $this->parser->symbols->rests[$name] = $this->parser->rest;
        }
        if ('' !== $this->namedRest) {
            $this->parser->namedRests[$name] = $this->namedRest;
        }
    }
}
