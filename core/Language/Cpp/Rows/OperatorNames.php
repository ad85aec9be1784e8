<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * Operators of a class that are methods of their own names elsewhere: what stands behind its object, `operator++(int)`
 * (C++17, 16.5.7), and what makes a value of another type of it, `explicit operator double()` (15.3.2).
 */
final class OperatorNames
{
    private const MADE = ['double' => 'as_double', 'float' => 'as_double', 'int' => 'as_int', 'long' => 'as_int', 'string' => 'as_text', 'bool' => '@truth'];
    private const SIGNS = ['++' => 'advance_after', '--' => 'go_back_after'];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    public static function named(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => isset($code[$at]) ? $tokens[$code[$at]]->text : '';
        $put = [];
        foreach ($code as $at => $index) {
            if ('operator' !== $text($at)) {
                continue;
            }
            $name = self::SIGNS[$text($at + 1)] ?? null;
            $named = ')' === $text($at + 4) ? 4 : 5;
            if (null !== $name && '(' === $text($at + 2) && 'int' === $text($at + 3) && ')' === $text($at + $named)) {
                $put[$index] = [$tokens[$index]->readAs($name, TokenKind::Name)];
                $put[$code[$at + 1]] = $put[$code[$at + 3]] = $put[$code[$at + 4]] = [];
                $put[$code[$at + $named]] = [$tokens[$code[$at + $named]]];
                continue;
            }
            $type = 'std' === $text($at + 1) && '::' === $text($at + 2) ? $at + 3 : $at + 1;
            $made = self::MADE[$text($type)] ?? null;
            // Without the word it is made wherever another type is wanted, which is not followed here; a truth is asked for where it is.
            $isTold = 'explicit' === $text($at - 1) || 'bool' === $text($type);
            if (null !== $made && $isTold && '(' === $text($type + 1) && ')' === $text($type + 2)) {
                $put[$index] = [$tokens[$code[$type]], new Token(TokenKind::Name, $made, $tokens[$code[$type]]->end(), 0)];
                for ($gone = $at + 1; $gone <= $type; ++$gone) {
                    $put[$code[$gone]] = [];
                }
            }
        }
        $kept = [];
        foreach ($tokens as $index => $token) {
            array_push($kept, ...$put[$index] ?? [$token]);
        }

        return $kept;
    }

    /** The method that moves an object on, or back, for a sign that stands behind it; null where its class has none of its own. */
    public function behind(string $class, string $sign): ?string
    {
        return null !== $this->parser->classes->ownerOf($class, self::SIGNS[$sign] ?? '') ? self::SIGNS[$sign] : null;
    }

    /** The method that makes a value of a type of an object; null where its class has none of its own. */
    public function making(string $class, string $type): ?string
    {
        $made = self::MADE[$type] ?? '';

        return null !== $this->parser->classes->ownerOf($class, $made) ? $made : null;
    }
}
