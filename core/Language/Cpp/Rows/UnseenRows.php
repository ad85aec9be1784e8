<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\VariableRead;

/**
 * Rows that change nothing that shows: `beds.reserve(9);` (C++17, 26.3.11.3), `cout.flush();` (30.7.5.6), `fflush(stdout);`,
 * `this_thread::sleep_for(…);` (33.3.3).
 */
final class UnseenRows
{
    private const METHODS = ['reserve' => true, 'shrink_to_fit' => true, 'flush' => true];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** How many signs a row has that begins here and shows nothing; null for any other. */
    public function signs(): ?int
    {
        $at = $this->parser->at + ($this->parser->is('std') && $this->parser->is('::', 1) ? 2 : 0);
        $text = fn (int $at): string => $this->parser->tokens[$at]->text ?? '';
        $open = match (true) {
            'fflush' === $text($at) && !isset($this->parser->symbols->functions['fflush']) => $at + 1,
            'this_thread' === $text($at) && '::' === $text($at + 1) && 'sleep_for' === $text($at + 2) => $at + 3,
            default => $this->behindMethod($at),
        };
        $closing = null === $open || '(' !== $text($open) ? null : $this->parser->closingOf($open);
        if (null === $closing || ';' !== $text($closing + 1)) {
            return null;
        }
        for ($inside = $open + 1; $inside < $closing; ++$inside) {
            if (\in_array($text($inside), ['=', '++', '--', '+=', '-='], true) || isset($this->parser->symbols->functions[$text($inside)])) {
                // Something may be done for it.
                return null;
            }
        }
        for ($named = $this->parser->at; $named < $closing; ++$named) {
            $token = $this->parser->tokens[$named];
            if (TokenKind::Name === $token->kind && !\in_array($text($named - 1), ['.', '->', '::'], true) && !\in_array($text($named + 1), ['::', '('], true) && !\in_array($token->text, ['cout', 'cerr', 'clog', 'stdout', 'stderr', 'std'], true) && !$this->isField($token->text)) {
                $this->parser->read($token->text, $token->offset);
            }
        }

        return $closing + 2 - $this->parser->at;
    }

    /** Where the bracket opens behind `beds.reserve`, `this->beds.reserve`, `cout.flush`. */
    private function behindMethod(int $at): ?int
    {
        $tokens = $this->parser->tokens;
        while (isset($tokens[$at]) && (TokenKind::Name === $tokens[$at]->kind || 'this' === $tokens[$at]->text) && \in_array($tokens[$at + 1]->text ?? '', ['.', '->'], true)) {
            $method = $tokens[$at + 2]->text ?? '';
            if ('(' === ($tokens[$at + 3]->text ?? '')) {
                $type = TypeNames::read($this->parser->typeOf(new VariableRead($tokens[$at]->text)))->class;

                return isset(self::METHODS[$method]) && !isset($this->parser->classes->methodNames[$method]) && !isset($this->parser->classes->parents[(string) $type]) ? $at + 3 : null;
            }
            $at += 2;
        }

        return null;
    }

    /** Whether the class that is read keeps a field of a name, or one above it does. */
    private function isField(string $name): bool
    {
        return [] !== array_filter([$this->parser->class, ...$this->parser->classes->above($this->parser->class)], fn (string $class): bool => isset($this->parser->fieldsOf[$class][$name]));
    }
}
