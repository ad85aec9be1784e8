<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `template <typename T> class Basket` (C++17, 17.2): a class is read once, whatever it is made for. Where the whole text
 * makes it for one type, `T` is that type; where it makes it for several whose values never become each other by
 * themselves, `T` is whatever a value is. What stands in angle brackets behind its name is not read as part of a row.
 */
final class ClassTemplates
{
    /** How many signs a type may have in its angle brackets. */
    private const LONGEST = 30;
    /** Types whose values no other one of them becomes where it is put in. */
    private const APART = ['int', 'string', 'vector<int>', 'vector<string>'];
    /** @var array<string, array<string, string|null>> of each class template what its types are, null where they can't be told */
    public array $classTemplates = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * @param list<Token> $tokens of the whole text, spaces and remarks too
     *
     * @return list<Token> without the types that class templates are made for
     */
    public function prepared(array $tokens): array
    {
        $tokens = $this->parser->cStyle->usual($tokens);
        if (!str_contains($this->parser->text, 'template')) {
            return $tokens;
        }
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => isset($code[$at]) ? $tokens[$code[$at]]->text : '';
        $templates = self::namedTemplates($text, \count($code));
        if ([] === $templates) {
            return $tokens;
        }
        $names = array_fill_keys(array_merge(...array_values($templates)), true);
        $made = $gone = $halved = [];
        foreach (array_keys($code) as $at) {
            if (!isset($templates[$text($at)]) || '<' !== $text($at + 1) || null === $closing = self::closingAngle($text, $at + 1)) {
                continue;
            }
            [$end, $isShared, $types, $words] = $closing;
            foreach (range($at + 1, $end) as $index) {
                $gone[$code[$index]] = true;
            }
            if ($isShared) {
                $halved[$code[$end]] = true;
            }
            if ([] === array_intersect_key($names, $words)) {
                foreach ($templates[$text($at)] as $index => $parameter) {
                    $made[$text($at)][$parameter][$types[$index] ?? ''] = true;
                }
            }
        }
        foreach ($templates as $class => $parameters) {
            foreach ($parameters as $parameter) {
                $of = $made[$class][$parameter] ?? array_merge(...array_values(array_map(static fn (array $one): array => $one[$parameter] ?? [], $made)));
                $types = array_keys($of);
                $this->classTemplates[$class][$parameter] = match (true) {
                    1 === \count($types) => (string) $types[0],
                    [] === array_diff($types, self::APART) => 'auto',
                    default => null,
                };
            }
        }
        $kept = [];
        foreach ($tokens as $index => $token) {
            if (!isset($gone[$index])) {
                $kept[] = $token;
            } elseif (isset($halved[$index])) {
                $kept[] = new Token(TokenKind::Sign, '>', $token->offset + 1);
            }
        }

        return $kept;
    }

    /**
     * @param \Closure(int): string $text
     *
     * @return array<string, list<string>> the names of class templates, with those of their types
     */
    private static function namedTemplates(\Closure $text, int $count): array
    {
        $templates = [];
        for ($at = 0; $at < $count; ++$at) {
            if ('template' !== $text($at) || '<' !== $text($at + 1)) {
                continue;
            }
            $names = [];
            for ($at += 2; \in_array($text($at), ['typename', 'class'], true); $at += ',' === $text($at + 2) ? 3 : 2) {
                $names[] = $text($at + 1);
            }
            if ([] !== $names && '>' === $text($at) && \in_array($text($at + 1), ['class', 'struct'], true) && \in_array($text($at + 3), ['{', ':', 'final'], true)) {
                $templates[$text($at + 2)] = $names;
            }
        }

        return $templates;
    }

    /**
     * @param \Closure(int): string $text
     *
     * @return array{int, bool, list<string>, array<string, true>}|null where the bracket is closed that opens here, whether one around it is
     *                                                                  closed by the same sign, the types in it, and their words
     */
    private static function closingAngle(\Closure $text, int $at): ?array
    {
        $depth = 0;
        $types = [''];
        $words = [];
        for ($last = $at + self::LONGEST;; ++$at) {
            if ($at > $last) {
                return null;
            }
            $word = $text($at);
            $depth += ['<' => 1, '>' => -1, '>>' => -2][$word] ?? 0;
            if ($depth <= 0) {
                return [$at, $depth < 0, '>>' === $word && 0 === $depth ? [...\array_slice($types, 0, -1), $types[\count($types) - 1].'>'] : $types, $words];
            }
            if (1 === $depth && ',' === $word) {
                $types[] = '';
            } elseif (1 !== preg_match('/^(?:\w+|::|,|\*|<|>|>>)$/D', $word)) {
                return null;
            } elseif ('<' !== $word || 1 < $depth) {
                $types[\count($types) - 1] .= match (true) {
                    'std' === $word, '::' === $word => '',
                    ',' === $word => ', ',
                    '' !== $types[\count($types) - 1] && 1 === preg_match('/\w$/D', $types[\count($types) - 1]) && 1 === preg_match('/^\w/', $word) => " $word",
                    default => $word,
                };
                $words[$word] = true;
            }
        }
    }
}
