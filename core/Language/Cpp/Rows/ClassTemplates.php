<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

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
    /** Types whose values another one of them may become where it is put in, which is seen at the name of the object. */
    private const CONVERTED = ['int', 'double', 'float', 'char', 'bool', 'string', 'long', 'long long', 'vector<int>', 'vector<string>'];
    /** @var array<string, true> class templates that are made for types whose values become each other */
    private array $mixed = [];
    /** @var array<string, array<int, array<string, array<string, string>>>> by the name of an object, where the outermost braces begin that it is in, and its class template: what its types are there */
    private array $given = [];
    /** @var list<array{int, int}> where the outermost braces begin and end, in bytes */
    private array $braces = [];
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
        $made = $gone = $halved = $elsewhere = [];
        $this->braces = self::outermost($tokens);
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
                $behind = \in_array($text($end + 1), ['&', '*'], true) ? $end + 2 : $end + 1;
                $named = TokenKind::Name === ($tokens[$code[$behind] ?? -1] ?? null)?->kind && !$isShared ? $text($behind) : '';
                $named = '[' === $text($behind + 1) ? '' : $named;
                $isEmpty = 'new' === $text($at - 1) && '(' === $text($end + 1) && ')' === $text($end + 2);
                $known = \count($templates[$text($at)]) === \count($types) ? array_combine($templates[$text($at)], $types) : [];
                $within = $this->bracesAround($tokens[$code[$at]]->offset);
                if ('' === $named && !$isEmpty || [] === $known || '' !== $named && $known !== ($this->given[$named][$within][$text($at)] ?? $known)) {
                    $elsewhere[$text($at)] = true;
                } elseif ('' !== $named) {
                    $this->given[$named][$within][$text($at)] = $known;
                }
            }
        }
        foreach ($templates as $class => $parameters) {
            foreach ($parameters as $parameter) {
                $of = $made[$class][$parameter] ?? array_merge(...array_values(array_map(static fn (array $one): array => $one[$parameter] ?? [], $made)));
                $types = array_keys($of);
                $this->mixed += 1 < \count($types) && [] !== array_diff($types, self::APART) ? [$class => true] : [];
                $this->classTemplates[$class][$parameter] = match (true) {
                    1 === \count($types) => (string) $types[0],
                    [] === array_diff($types, self::APART), [] === $elsewhere && [] === array_diff($types, self::CONVERTED) && self::keepsApart($text, \count($code), $templates, $types) => 'auto',
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
     * @param list<Token> $tokens
     *
     * @return list<array{int, int}>
     */
    private static function outermost(array $tokens): array
    {
        [$found, $depth, $from] = [[], 0, 0];
        foreach ($tokens as $token) {
            if (TokenKind::Sign !== $token->kind || '{' !== $token->text && '}' !== $token->text) {
                continue;
            }
            $from = 0 === $depth ? $token->offset : $from;
            $depth += '{' === $token->text ? 1 : -1;
            if (0 === $depth) {
                $found[] = [$from, $token->offset];
            }
        }

        return $found;
    }

    private function bracesAround(int $offset): int
    {
        foreach ($this->braces as [$from, $until]) {
            if ($offset >= $from && $offset <= $until) {
                return $from;
            }
        }

        return -1;
    }

    /** @return array<string, array<string, string>> what an object of this name was made for, where the row stands that is read; by class template */
    private function givenTo(string $object): array
    {
        $all = $this->given[$object] ?? [];

        return [] === $all ? [] : $all[$this->bracesAround($this->parser->offset())] ?? $all[-1] ?? (1 === \count($all) ? reset($all) : []);
    }

    /**
     * What is given to an object, as the type has it that the object was made for.
     *
     * @param list<string>   $types     what takes it says of each
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public function asGiven(string $object, string $class, array $types, array $arguments): array
    {
        $known = $this->givenTo($object)[$class] ?? null;
        foreach (null === $known ? [] : $arguments as $index => $argument) {
            $wanted = $known[trim((string) preg_replace('/\bconst\b|[&\s]+/', '', $types[$index] ?? ''))] ?? '';
            if ($argument->value instanceof VariableRead && $wanted === $this->parser->typeOf($argument->value)) {
                // Perhaps it is the variable itself that is handed over.
                continue;
            }
            $value = match ($wanted) {
                'double', 'float' => $argument->value instanceof NumberLiteral ? new NumberLiteral((float) $argument->value->value) : new Operation(OperationKey::ToNumber, [$argument->value]),
                'int' => $argument->value instanceof NumberLiteral && \is_int($argument->value->value) ? $argument->value : new Operation(OperationKey::ToWhole, [$argument->value]),
                'char' => $argument->value instanceof TextLiteral || $argument->value instanceof VariableRead ? $argument->value : new Operation(OperationKey::Letter, [$argument->value]),
                'long', 'long long' => new Operation(OperationKey::ToLong, [$argument->value]),
                default => $argument->value,
            };
            $arguments[$index] = new Argument($value, $argument->offset, $argument->end, $argument->name, $argument->all);
        }

        return array_values($arguments);
    }

    /**
     * Whether nothing is done with a value in class templates, or given to what their objects keep, that is another thing for
     * another of the types: what is divided, what is there when nothing is said, fields that are given a value from outside.
     *
     * @param \Closure(int): string       $text
     * @param array<string, list<string>> $templates
     * @param list<string>                $types
     */
    private static function keepsApart(\Closure $text, int $count, array $templates, array $types): bool
    {
        $names = array_fill_keys(array_merge(...array_values($templates)), true);
        $isOfLetters = \in_array('char', $types, true);
        $fields = $given = [];
        for ($at = 0; $at < $count; ++$at) {
            if ('template' !== $text($at)) {
                if (\in_array($text($at), ['.', '->'], true) && \in_array($text($at + 2), ['=', '+=', '-=', '*=', '/=', '++', '--', '>>'], true)) {
                    $given[$text($at + 1)] = true;
                }
                continue;
            }
            $from = $at;
            while ($at < $count && !\in_array($text($at), ['{', ';'], true)) {
                ++$at;
            }
            $isPlain = 'struct' === $text($from + 4) || 'struct' === $text($from + 7);
            $class = $isPlain ? $text('struct' === $text($from + 4) ? $from + 5 : $from + 8) : '';
            $isMade = false;
            $ofClass = [];
            for (; $at < $count; ++$at) {
                if ('}' === $text($at)) {
                    array_pop($ofClass);
                } elseif ('{' === $text($at)) {
                    $ofClass[] = [] === $ofClass && 'template' === $text($from) && self::isOfClass($text, $from, $at) || \in_array($text($at - 2), ['struct', 'class'], true);
                }
                if ([] === $ofClass) {
                    break;
                }
                $isInRows = !$ofClass[\count($ofClass) - 1];
                $isMade = $isMade || $class === $text($at) && '(' === $text($at + 1);
                $isOpen = isset($names[$text($at)]);
                if (\in_array($text($at), ['/', '/='], true) && !self::isOfDouble($text, $at) || $isOfLetters && $isOpen && (\in_array($text($at + 1), ['(', '{'], true) || \in_array($text($at + 2), ['{', ';'], true) && $isInRows)) {
                    return false;
                }
                if ($isOpen && !$isInRows && 1 === preg_match('/^\w+$/D', $text($at + 1)) && '(' !== $text($at + 2)) {
                    $fields[$text($at + 1)] = true;
                }
            }
            if ($isPlain && !$isMade) {
                return false;
            }
        }

        return [] === array_intersect_key($fields, $given);
    }

    private static function isOfClass(\Closure $text, int $from, int $brace): bool
    {
        for ($at = $from; $at < $brace; ++$at) {
            if ('>' === $text($at) && \in_array($text($at + 1), ['class', 'struct'], true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a row has said before a sign that it reckons with numbers that have a point. */
    private static function isOfDouble(\Closure $text, int $at): bool
    {
        while ($at > 0 && !\in_array($text($at), [';', '{', '}', 'double'], true)) {
            --$at;
        }

        return 'double' === $text($at);
    }

    /** @return array<string, string> what stands for one type in all class templates that name it */
    public function single(): array
    {
        $found = [];
        foreach ($this->classTemplates as $types) {
            foreach ($types as $name => $type) {
                $found[$name][$type ?? 'auto'] = true;
            }
        }
        $single = array_filter($found, static fn (array $types): bool => 1 === \count($types) && !isset($types['auto']));

        return array_map(static fn (array $types): string => (string) key($types), $single);
    }

    /** Whether it has to show at the object what a method takes, as its class template is made for several types. */
    public function isOpen(string $method): bool
    {
        if (isset($this->mixed[$this->parser->class])) {
            return false;
        }

        return [] !== array_filter(array_keys($this->mixed), fn (string $class): bool => isset($this->parser->classes->methods[$class][$method]));
    }

    /** The class template that an object was made of; null where none is, or several are. */
    public function classOf(string $object): ?string
    {
        $classes = array_keys($this->givenTo($object));

        return 1 === \count($classes) ? $classes[0] : null;
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
