<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Python\PythonParser;

/**
 * `__water` within a class `Bed` is `_Bed__water` (The Python Language Reference, 6.2.1). As long as nothing but one class
 * says such a name, it may be called as it is written; where a class below has one too, or rows outside say either name, each
 * is called what Python calls it.
 */
final class PrivateNames
{
    private const PRIVATE = '/^__\w*[^\W_]_?$/D';
    /** @var array<string, true> names that are told apart by their class */
    private array $apart = [];
    /** @var array<int, string> the class around each line; '' where none is */
    private array $classes = [];

    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function tellApart(): void
    {
        if (!str_contains($this->parser->text, '__')) {
            return;
        }
        [$said, $parents] = $this->said();
        $isSaidOutside = fn (string $name): bool => isset($said[$name]['']) || 1 === preg_match('/\b_[^\W_]\w*?'.$name.'\b|(["\'])'.$name.'\1/', $this->parser->text);
        foreach ($said as $name => $classes) {
            if ($isSaidOutside($name) || self::areRelated(array_keys($classes), $parents)) {
                $this->apart[$name] = true;
            }
        }
        if ([] === $this->apart) {
            return;
        }
        $tokens = $this->parser->tokens;
        foreach ($this->parser->lines as $index => $line) {
            for ($at = $line->from; $at < $line->until; ++$at) {
                $tokens[$at] = $this->called($tokens[$at], $this->classes[$index]);
            }
        }
        $this->parser->tokens = array_values($tokens);
    }

    /**
     * @param list<Token> $tokens of a value within a text
     *
     * @return list<Token>
     */
    public function calledIn(array $tokens, string $class): array
    {
        return [] === $this->apart ? $tokens : array_map(fn (Token $token): Token => $this->called($token, $class), $tokens);
    }

    private function called(Token $token, string $class): Token
    {
        $around = ltrim($class, '_');

        return '' !== $around && TokenKind::Name === $token->kind && isset($this->apart[$token->text]) ? $token->readAs("_$around$token->text") : $token;
    }

    /** @return array{array<string, array<string, true>>, array<string, list<string>>} the classes that say each private name, '' for rows outside; and the names in the heads of classes */
    private function said(): array
    {
        $said = $parents = $open = [];
        foreach ($this->parser->lines as $index => $line) {
            while (!$line->remark && [] !== $open && $open[\count($open) - 1][0] >= $line->column()) {
                array_pop($open);
            }
            $class = [] === $open ? '' : $open[\count($open) - 1][1];
            $this->classes[$index] = $class;
            if ($line->remark) {
                continue;
            }
            $names = [];
            for ($at = $line->from; $at < $line->until; ++$at) {
                $token = $this->parser->tokens[$at];
                $found = match ($token->kind) {
                    TokenKind::Name => [$token->text],
                    TokenKind::Text => 0 < preg_match_all('/(?<=\.)__\w+/', $token->text, $match) ? $match[0] : [],
                    default => [],
                };
                array_push($names, ...$found);
                foreach ($found as $name) {
                    if (1 === preg_match(self::PRIVATE, $name)) {
                        $said[$name][$class] = true;
                    }
                }
            }
            if ('class' === $this->parser->tokens[$line->from]->text && isset($names[0])) {
                $parents[$names[0]] = \array_slice($names, 1);
                $open[] = [$line->column(), $names[0]];
            }
        }

        return [$said, $parents];
    }

    /**
     * @param list<string>                $classes
     * @param array<string, list<string>> $parents
     */
    private static function areRelated(array $classes, array $parents): bool
    {
        foreach ($classes as $class) {
            $above = $parents[$class] ?? [];
            for ($depth = 0; $depth < \count($parents) && [] !== $above; ++$depth) {
                if ([] !== array_intersect($above, $classes)) {
                    return true;
                }
                $above = array_merge(...array_map(static fn (string $parent): array => $parents[$parent] ?? [], $above));
            }
        }

        return false;
    }
}
