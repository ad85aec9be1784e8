<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Tree\Bounds;

/** The names a program has made up before the caret, those of other functions left out, and how its pieces follow each other. */
final class KnownNames
{
    /** A definition has not more pieces between its brackets; one whose bracket never closes is looked at no further. */
    private const LONGEST_DEFINITION = 8 * Bounds::PARAMETERS;

    /** Words behind which a kind of value gets its name. */
    private const MAKE_KINDS = ['class', 'struct', 'enum'];

    /** @var array<string, int> variables by name: where they stood last */
    public array $variables = [];
    /** @var array<string, int> how often each variable stands there */
    public array $counts = [];
    /** @var array<string, int> names that other functions have for their own */
    public array $elsewhere = [];
    /** @var array<string, list<string>> own functions by name: their parameters */
    public array $functions = [];
    /** @var array<string, int> what objects of own classes keep, by name: where it stood last */
    public array $fields = [];
    /** @var array<string, list<string>> methods of own classes by name: their parameters, without the object */
    public array $methods = [];
    /** @var array<string, int> classes, structures and kinds of the program's own, by name: where they stood last */
    public array $classes = [];
    /** @var array<string, int> what stood behind a point, or as the key of an object: where it stood last */
    public array $members = [];
    /** @var array<string, int> how often each own function was called */
    public array $calls = [];
    /** @var array<string, int> functions that were called or announced, but not defined yet, by name: where they stood last */
    public array $awaited = [];
    /** @var list<string> the parameters of the function whose definition stands last */
    public array $parameters = [];
    /** @var array<string, int> numbers and texts by how they are written: where they stood last */
    public array $literals = [];
    /** @var array<string, array<string, int>> how often a piece stood behind another */
    public array $pairs = [];
    /** @var array<string, array<string, int>> how often a piece stood behind two others */
    public array $triples = [];

    private readonly Library $library;
    /** @var array<int, true> offsets at which lines begin that are not indented */
    private readonly array $margin;

    private readonly Notation $notation;

    /**
     * @param list<Token> $tokens of the text, without spaces and remarks
     */
    public function __construct(array $tokens, Language $language, string $text)
    {
        $this->notation = $notation = $language->notation();
        $this->library = Library::of($language);
        preg_match_all('/(*ANYCRLF)^(?=\S)/m', $text, $match, \PREG_OFFSET_CAPTURE);
        $this->margin = array_fill_keys(array_column($match[0], 1), true);
        $regions = $this->regions($tokens);
        $here = $regions[array_key_last($regions) ?? -1] ?? 0;
        [$one, $two] = ["\n", "\n"];
        $depth = 0;
        $class = null;
        $isEnum = false;
        // In which region each function stands: what calls itself is not called for that.
        $bodies = [];
        foreach ($tokens as $index => $token) {
            if (\in_array($token->text, $notation->classWords, true)) {
                $class = $depth + 1;
            } elseif (null !== $class && '}' === $token->text && $depth === $class) {
                $class = null;
            }
            if (TokenKind::Name === $token->kind && (isset($this->classes[$token->text]) || \in_array(($tokens[$index - 1] ?? null)->text ?? '', self::MAKE_KINDS, true))) {
                $this->classes[$token->text] = $index;
            }
            $isEnum = $isEnum ? '}' !== $token->text && ';' !== $token->text : 'enum' === $token->text;
            // `RED,` between the braces of a kind, `RED = 1` in the body of a class.
            if (TokenKind::Name === $token->kind && ($isEnum ? !isset($this->classes[$token->text]) : $notation->indents && 0 === $regions[$index] && "\n" === $one && '=' === (($tokens[$index + 1] ?? null)->text ?? '') && !isset($this->margin[$token->offset]))) {
                $this->members[$token->text] = $index;
            }
            $this->member($tokens, $index, $class === $depth);
            $depth += '{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0);
            $text = TokenKind::NewLine === $token->kind ? "\n" : $token->text;
            $this->pairs[$one][$text] = ($this->pairs[$one][$text] ?? 0) + 1;
            $this->triples["$two $one"][$text] = ($this->triples["$two $one"][$text] ?? 0) + 1;
            [$two, $one] = [$one, $text];
            $next = ($tokens[$index + 1] ?? null)->text ?? '';
            $before = ($tokens[$index - 1] ?? null)->text ?? '';
            if (TokenKind::Number === $token->kind || TokenKind::Text === $token->kind) {
                $this->literals[$text] = $index;
            } elseif (TokenKind::Name === $token->kind && '.' !== $before && '::' !== $before) {
                $isMethod = $class === $depth || 'def' === $before && \in_array(($tokens[$index + 2] ?? null)->text ?? '', ['self', 'cls'], true);
                if (!$isMethod && '(' === $next && ('def' === $before || 'function' === $before || $notation->typed && self::isDefined($tokens[$index - 1] ?? null, $depth))) {
                    $this->functions[$text] = $this->parameters = $this->parameters($tokens, $index + 2);
                    $bodies[$text] = $regions[$index];
                    $isAnnounced = $notation->typed && $this->isAnnounced($tokens, $index + 1);
                    if ($isAnnounced) {
                        $this->awaited[$text] = $index;
                    } else {
                        unset($this->awaited[$text]);
                    }
                } elseif (isset($this->functions[$text]) && '(' === $next && ($regions[$index] !== $bodies[$text] || 0 === $regions[$index])) {
                    $this->calls[$text] = ($this->calls[$text] ?? 0) + 1;
                } elseif (!isset($this->variables[$text]) && !isset($this->elsewhere[$text]) && !$this->exists($before, $next)) {
                    if ('(' === $next && !$isMethod && 'new' !== $before && !isset($this->functions[$text]) && !isset($this->classes[$text]) && !isset($this->library->functions[$text]) && !isset($this->library->things[$text])) {
                        $this->awaited[$text] = $index;
                    }
                    continue;
                } elseif ($regions[$index] === $here || 0 === $regions[$index]) {
                    $this->variables[$text] = $index;
                    $this->counts[$text] = ($this->counts[$text] ?? 0) + 1;
                } else {
                    $this->elsewhere[$text] = $index;
                }
            }
        }
        $this->variables = array_diff_key($this->variables, $this->functions, $this->classes);
    }

    /**
     * Notes what an object can do or keep.
     *
     * @param list<Token> $tokens
     * @param bool        $isMember whether the piece stands among the members of a class that has braces
     */
    private function member(array $tokens, int $index, bool $isMember): void
    {
        $token = $tokens[$index];
        if (TokenKind::Name !== $token->kind) {
            return;
        }
        $next = ($tokens[$index + 1] ?? null)->text ?? '';
        $before = ($tokens[$index - 1] ?? null)->text ?? '';
        $isPython = $this->notation->indents;
        if ($isPython ? 'def' === $before && !isset($this->margin[$tokens[$index - 1]->offset]) : $isMember && '(' === $next) {
            $this->parameters = \array_slice($this->parameters($tokens, $index + 2), $isPython ? 1 : 0);
            if (!str_starts_with($token->text, '__') && 'constructor' !== $token->text && !isset($this->classes[$token->text])) {
                $this->methods[$token->text] = $this->parameters;
            }
        } elseif ('(' !== $next && ('.' === $before || '->' === $before) && \in_array(($tokens[$index - 2] ?? null)->text ?? '', ['self', 'this'], true)
            || $isMember && $this->notation->typed && \in_array($next, [';', '=', '{'], true)) {
            $this->fields[$token->text] = $index;
        }
        $isOfLibrary = isset($this->library->things[($tokens[$index - 2] ?? null)->text ?? '']);
        if (!$isOfLibrary && ('.' === $before || '->' === $before) || ':' === $next && $this->notation->plainObjects && ('{' === $before || ',' === $before)) {
            $this->members[$token->text] = $index;
        }
    }

    /** Whether a name comes to be where these pieces stand around it; one that is only used is not there yet. */
    private function exists(string $before, string $next): bool
    {
        return \in_array($next, ['=', 'in', 'of', '=>', ':='], true)
            || \in_array($before, ['let', 'const', 'var', 'for', 'import', 'as', 'global', 'nonlocal', 'lambda', 'catch'], true)
            || \in_array($before, ['(', ',', '{', '['], true) && \in_array($next, [',', ')', ';', ':', '}', ']'], true)
            || ',' === $next && 1 === preg_match('/^\s*$/', $before)
            || ':' === $next && $this->notation->indents && 1 === preg_match('/^\s*$/', $before)
            || \in_array($before, ['*', '**', '...'], true) && (',' === $next || ')' === $next || ']' === $next)
            || $this->notation->typed && (\in_array($before, ['>', '>>', '&', '*'], true) || \in_array($before, Place::TYPES, true) || isset($this->classes[$before]));
    }

    /** Whether a name with brackets behind it is defined there, and not called: a type stands before it. */
    private static function isDefined(?Token $before, int $depth): bool
    {
        return null !== $before && (TokenKind::Keyword === $before->kind && !\in_array($before->text, ['return', 'else', 'case', 'new'], true) || '>' === $before->text && 0 === $depth);
    }

    /**
     * Whether a function is only announced: behind its brackets stands no body.
     *
     * @param list<Token> $tokens
     * @param int         $index  where its bracket stands
     */
    private function isAnnounced(array $tokens, int $index): bool
    {
        for ($end = $index + self::LONGEST_DEFINITION, $depth = 0; $index < $end && isset($tokens[$index]); ++$index) {
            $depth += '(' === $tokens[$index]->text ? 1 : (')' === $tokens[$index]->text ? -1 : 0);
            if (0 === $depth) {
                return ';' === (($tokens[$index + 1] ?? null)->text ?? '');
            }
        }

        return false;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<string>
     */
    private function parameters(array $tokens, int $index): array
    {
        $names = [];
        $name = null;
        $isDefault = false;
        for ($end = $index + self::LONGEST_DEFINITION; $index < $end && isset($tokens[$index]) && ')' !== $tokens[$index]->text; ++$index) {
            $token = $tokens[$index];
            if (',' === $token->text) {
                $names[] = $name;
                [$name, $isDefault] = [null, false];
            } elseif ('=' === $token->text) {
                $isDefault = true;
            } elseif (TokenKind::Name === $token->kind && !$isDefault) {
                $name = $token->text;
            }
        }
        $names[] = $name;

        return array_values(array_filter($names, static fn (?string $one): bool => null !== $one));
    }

    /**
     * In which function each piece stands; 0 outside of all.
     *
     * @param list<Token> $tokens
     *
     * @return list<int>
     */
    private function regions(array $tokens): array
    {
        return $this->notation->indents ? $this->indented($tokens) : $this->braced($tokens);
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<int>
     */
    private function indented(array $tokens): array
    {
        $regions = [];
        $region = $count = 0;
        $isOpening = false;
        $startsLine = true;
        foreach ($tokens as $token) {
            if ($startsLine && 'def' === $token->text) {
                $region = ++$count;
                $isOpening = true;
            } elseif ($startsLine && !$isOpening && $region > 0 && isset($this->margin[$token->offset])) {
                $region = 0;
            }
            $regions[] = $region;
            $startsLine = TokenKind::NewLine === $token->kind;
            $isOpening = $isOpening && !$startsLine;
        }

        return $regions;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<int>
     */
    private function braced(array $tokens): array
    {
        $regions = [];
        $depth = $count = $begin = 0;
        $isFunction = false;
        foreach ($tokens as $index => $token) {
            $regions[$index] = 0;
            if (0 === $depth && ('function' === $token->text || $this->notation->typed && '{' === $token->text && ')' === (($tokens[$index - 1] ?? null)->text ?? ''))) {
                $isFunction = true;
                ++$count;
                if ($this->notation->camel) {
                    $begin = $index;
                }
            }
            $depth += '{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0);
            if (0 === $depth && (';' === $token->text || '}' === $token->text)) {
                for ($inside = $begin; $isFunction && $inside <= $index; ++$inside) {
                    $regions[$inside] = $count;
                }
                $isFunction = false;
                $begin = $index + 1;
            }
        }
        for ($inside = $begin; $isFunction && $inside < \count($tokens); ++$inside) {
            $regions[$inside] = $count;
        }

        return array_values($regions);
    }
}
