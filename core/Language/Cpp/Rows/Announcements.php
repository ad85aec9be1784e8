<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\ClassDefinition;

/** What a text declares anywhere is known before its rows are read: functions, classes, what they keep and take. */
final class Announcements
{
    /** Classes may stand in so many others. */
    private const INSIDE = 3;

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Functions may be called above their definition, where a prototype stands. */
    public function announce(): void
    {
        $this->announceClasses();
        $depth = 0;
        $anyTypes = $spaces = [];
        foreach ($this->parser->tokens as $index => $token) {
            if ('using' === $token->text && '=' === ($this->parser->tokens[$index + 2]->text ?? '') || \in_array($token->text, ['enum', 'struct'], true)) {
                $anyTypes[$this->parser->tokens[$index + ('class' === ($this->parser->tokens[$index + 1]->text ?? '') ? 2 : 1)]->text ?? ''] = true;
            } elseif ('typedef' === $token->text) {
                for ($end = $index; isset($this->parser->tokens[$end + 1]) && ';' !== $this->parser->tokens[$end + 1]->text; ++$end) {
                }
                $anyTypes[$this->parser->tokens[$end]->text] = true;
            }
            if (\in_array($token->text, ['typename', 'class'], true) && \in_array($this->parser->tokens[$index - 1]->text ?? '', ['<', ','], true)) {
                $anyTypes[$this->parser->tokens[$index + 1]->text ?? ''] = true;
            }
            if ('{' === $token->text && 'namespace' === ($this->parser->tokens[$index - 2]->text ?? '')) {
                // What stands in a namespace stands outside of all functions, too.
                $spaces[$this->parser->closingOf($index) ?? -1] = true;
            } elseif (!isset($spaces[$index])) {
                $depth += TokenKind::Sign !== $token->kind ? 0 : ('{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0));
            }
            $before = $this->parser->tokens[$index - 1] ?? null;
            $after = $this->parser->tokens[$index + 1] ?? null;
            if (TokenKind::Name === $token->kind && '=' === $after?->text && '[' === ($this->parser->tokens[$index + 2]->text ?? '') && null !== $bracket = $this->parser->closingOf($index + 2)) {
                $isFunction = 'auto' !== $before?->text || !$this->parser->functionValues->isOneValue($bracket);
                if ($isFunction && ('auto' === $before?->text || '>' === $before?->text || isset($this->parser->symbols->functions[$token->text]))) {
                    $closed = '(' === ($this->parser->tokens[$bracket + 1]->text ?? '') ? $this->parser->closingOf($bracket + 1) : null;
                    $this->parser->symbols->functions[$token->text] = null === $closed ? [0, 0, []] : $this->counted($bracket + 2, $closed);
                }
            }
            if ('function' === $token->text && '<' === $after?->text && 0 === $depth && null !== $foretold = $this->foretoldFrom($index)) {
                $this->parser->symbols->functions[$foretold] = [0, 0, []];
            }
            if (TokenKind::Name !== $token->kind || '(' !== $after?->text || null === $before || 'main' === $token->text
                || !(isset(TypeNames::PLAIN[$before->text]) || 'void' === $before->text || 'string' === $before->text || isset($this->parser->classes->parents[$before->text]) || isset($anyTypes[$before->text]) || \in_array($before->text, ['>', '>>', '*', '&'], true) && 0 === $depth)) {
                continue;
            }
            $closing = $this->parser->closingOf($index + 1);
            $next = null === $closing ? '' : ($this->parser->tokens[$closing + 1]->text ?? '');
            if ('{' !== $next && ';' !== $next || null === $closing || ';' === $next && 0 < $depth) {
                continue;
            }
            $counted = $this->counted($index + 2, $closing);
            $name = $this->overload($token->text, $index + 1) ?? $token->text;
            $this->parser->taken[$name] ??= $this->typesAt($index + 1) ?? [];
            $this->parser->symbols->functions[$name] = [min($this->parser->symbols->functions[$name][0] ?? 99, $counted[0]), $counted[1], $counted[2]];
        }
    }

    /** The name under which a function is known here of which there are several (C++17, 16), by what it takes. */
    public function overload(string $name, int $bracket): ?string
    {
        $types = $this->typesAt($bracket);
        if (null === $types) {
            return null;
        }
        $key = implode('|', $types);
        if (!isset($this->parser->overloads[$name][$key])) {
            $this->parser->overloads[$name][$key] = [[] === ($this->parser->overloads[$name] ?? []) ? $name : $this->parser->nameFor($name), '' === $key ? [] : $types];
        }

        return $this->parser->overloads[$name][$key][0];
    }

    /** @return list<string>|null the types of the parameters between brackets, as they are written; one that is empty for none */
    public function typesAt(int $bracket): ?array
    {
        $closing = $this->parser->partners[$bracket] ?? null;
        if (null === $closing) {
            return null;
        }
        $types = [''];
        $depth = 0;
        for ($at = $bracket + 1; $at < $closing; ++$at) {
            $text = $this->parser->typeTexts->whole($at)->text;
            $depth += ['<' => 1, '>' => -1, '>>' => -2][$text] ?? 0;
            if (',' === $text && 0 === $depth) {
                $types[] = '';
            } elseif ('=' === $text && 0 === $depth) {
                while ($at + 1 < $closing && ',' !== $this->parser->tokens[$at + 1]->text) {
                    $at = $this->parser->closingOf($at + 1) ?? $at + 1;
                }
            } elseif (('*' === $text || '[' === $text) && 'char' === $types[\count($types) - 1]) {
                // Letters in a row are a text.
                $types[\count($types) - 1] = 'string';
            } elseif (!\in_array($text, ['const', '&', '*', 'std', '::', '[', ']'], true) && !(TokenKind::Name === $this->parser->tokens[$at]->kind && '' !== $types[\count($types) - 1] && 0 === $depth && \in_array($this->parser->tokens[$at + 1]->text, [',', ')', '=', '['], true))) {
                $types[\count($types) - 1] .= $text;
            }
        }

        return $types;
    }

    /** What classes there are, and what their objects can do and keep. */
    private function announceClasses(): void
    {
        $around = [];
        foreach ($this->parser->tokens as $index => $token) {
            $name = $this->parser->tokens[$index + 1] ?? null;
            if (!\in_array($token->text, ['class', 'struct'], true) || TokenKind::Keyword !== $token->kind || null === $name || TokenKind::Name !== $name->kind || 'enum' === ($this->parser->tokens[$index - 1]->text ?? '')) {
                continue;
            }
            $at = $index + 2;
            $parent = '';
            $at += 'final' === ($this->parser->tokens[$at]->text ?? '') ? 1 : 0;
            if (':' === ($this->parser->tokens[$at]->text ?? '')) {
                $at += \in_array($this->parser->tokens[$at + 1]->text ?? '', ['public', 'private', 'protected'], true) ? 2 : 1;
                $at += 'std' === ($this->parser->tokens[$at]->text ?? '') ? 2 : 0;
                $parent = $this->parser->tokens[$at]->text ?? '';
                ++$at;
            }
            if ('{' !== ($this->parser->tokens[$at]->text ?? '')) {
                continue;
            }
            $around = array_filter($around, static fn (int $end): bool => $end > $index);
            if (\count($around) > self::INSIDE) {
                continue;
            }
            $around[] = $this->parser->partners[$at] ?? \count($this->parser->tokens);
            $this->parser->classes->parents[$name->text] = isset($this->parser->classes->parents[$parent]) || $this->parser->isFailure($parent) ? $parent : '';
            $this->parser->classes->methods[$name->text] = [];
            $this->parser->fieldsOf[$name->text] = [];
            $this->announceMembers($name->text, $at + 1, $this->parser->partners[$at] ?? \count($this->parser->tokens));
            $this->parser->virtualMethods->announceVirtuals($name->text, $at + 1, $this->parser->partners[$at] ?? \count($this->parser->tokens));
        }
        foreach ($this->parser->makers->makers as $class => $makers) {
            if (1 === \count($makers)) {
                foreach ($makers as [$name]) {
                    unset($this->parser->symbols->functions[$name]);
                }
                unset($this->parser->makers->makers[$class]);
                continue;
            }
            unset($this->parser->classes->methods[$class][ClassDefinition::MAKES]);
            foreach ($makers as [$name]) {
                $method = substr($name, \strlen($class) + 1);
                $this->parser->classes->methods[$class][$method] = $this->parser->symbols->functions[$name];
                if (ClassDefinition::MAKES !== $method) {
                    $this->parser->sharedMethods[$name] = true;
                }
            }
        }
        $this->parser->parentParts->announce();
        if ([] !== $this->parser->classes->parents) {
            $this->parser->freeOperators->announceFreeOperators();
            $this->parser->announceMakers();
        }
    }

    /** The type with which a member begins, as far as the text says it before any is read; nothing of pointers. */
    private function kindAt(int $at): string
    {
        $kind = '';
        for ($depth = 0; isset($this->parser->tokens[$at]) && ($depth > 0 || '' === $kind || '<' === $this->parser->tokens[$at]->text); ++$at) {
            $text = $this->parser->tokens[$at]->text;
            $depth += ['<' => 1, '>' => -1, '>>' => -2][$text] ?? 0;
            if (\in_array($text, [';', '(', '{', '}'], true)) {
                return '';
            }
            $kind .= \in_array($text, ['const', 'std', '::'], true) ? '' : (',' === $text ? ', ' : $text);
        }

        return \in_array($this->parser->tokens[$at]->text ?? '', ['*', '&'], true) ? '' : $kind;
    }

    /** Methods that stand in a class twice, for objects that may be changed and for others (C++17, 16.3.1), and do the same. */
    private function announceTwins(int $at, int $closing): void
    {
        $seen = [];
        for ($begin = $at; $at < $closing; ++$at) {
            $text = $this->parser->tokens[$at]->text;
            if (\in_array($text, [';', ':', '}'], true)) {
                $begin = $at + 1;
            }
            if ('(' !== $text || null === $end = $this->parser->partners[$at] ?? null) {
                continue;
            }
            $brace = $end + ('const' === ($this->parser->tokens[$end + 1]->text ?? '') ? 2 : 1);
            $last = '{' === ($this->parser->tokens[$brace]->text ?? '') ? $this->parser->partners[$brace] ?? null : null;
            if (null === $last) {
                continue;
            }
            $isConst = $brace > $end + 1;
            $head = 'operator' === ($this->parser->tokens[$at - 3]->text ?? '') ? $at - 3 : $at - 1;
            $between = fn (int $from, int $until): string => implode(' ', array_map(static fn (Token $token): string => $token->text, \array_slice($this->parser->tokens, $from, $until - $from)));
            $key = $between($head, $end + 1);
            // A place that one of them looks for first is there for the other one, too, or nobody knows what it gives.
            $one = [$isConst, [$begin, $last], $between($brace + 1, $last), $between($this->parser->givenPlaces->behindGuards($brace + 1), $last)];
            $other = $seen[$key] ?? null;
            if (null !== $other && $other[0] !== $isConst) {
                [$constant, $free] = $isConst ? [$one, $other] : [$other, $one];
                // What lies outside of a list is looked for in vain in either form; nobody knows what the one without `at` gives.
                $asPlaces = preg_replace('/\. at \( ([^()]+) \)/', '[ $1 ]', $constant[2]);
                if ($constant[2] === $free[2] || $asPlaces === $free[2] || $constant[2] === $free[3] && !str_contains($constant[2], '. at (')) {
                    $this->parser->twins[$constant[1][0]] = $constant[1][1];
                }
            }
            $seen[$key] = $one;
            $begin = $last + 1;
            $at = $last;
        }
    }

    private function announceMembers(string $class, int $at, int $closing): void
    {
        $this->announceTwins($at, $closing);
        while ($at < $closing) {
            if (\in_array($this->parser->tokens[$at]->text, ['public', 'private', 'protected'], true) && ':' === ($this->parser->tokens[$at + 1]->text ?? '')) {
                $at += 2;
                continue;
            }
            if ('enum' === $this->parser->tokens[$at]->text) {
                $this->announceInnerEnumeration($class, $at, $closing);
            }
            if (\in_array($this->parser->tokens[$at]->text, ['struct', 'class', 'enum', 'union'], true) && null !== $behind = $this->behindInner($at, $closing)) {
                $at = $behind;
                continue;
            }
            if ('friend' === $this->parser->tokens[$at]->text) {
                // It is no member.
                while ($at < $closing && !\in_array($this->parser->tokens[$at]->text, [';', '{'], true)) {
                    ++$at;
                }
                // What closes the class has its partner above.
                $at = max($at, $this->parser->partners[$at] ?? $at) + 1;
                continue;
            }
            $kind = $this->kindAt($at);
            // A member goes to its semicolon, or to the end of its braces.
            $isShared = $isMethod = false;
            $names = [];
            for (; $at < $closing && ';' !== $this->parser->tokens[$at]->text; ++$at) {
                $token = $this->parser->tokens[$at];
                $isShared = $isShared || 'static' === $token->text;
                $next = $this->parser->tokens[$at + 1]->text ?? '';
                if (!$isMethod && null !== $operator = $this->operatorAt($at)) {
                    $isMethod = true;
                    $closed = $this->parser->partners[$operator[1]] ?? $operator[1];
                    if ('!=' !== $operator[0]) {
                        $this->parser->classes->methods[$class][$operator[0]] ??= $this->counted($operator[1] + 1, $closed);
                        $this->parser->taken["$class.$operator[0]"] ??= $this->typesAt($operator[1]) ?? [];
                    }
                    $at = $closed;
                } elseif ('(' === $next && !$isMethod && TokenKind::Name === $token->kind) {
                    $isMethod = true;
                    $closed = $this->parser->partners[$at + 1] ?? $at + 1;
                    $method = $token->text === $class ? ClassDefinition::MAKES : $token->text;
                    $isDefault = ClassDefinition::MAKES === $method && $closed > $at + 2 && '=' === ($this->parser->tokens[$closed + 1]->text ?? '') && \in_array($this->parser->tokens[$closed + 2]->text ?? '', ['default', 'delete'], true);
                    if (ClassDefinition::MAKES === $method && !$isDefault && '~' !== ($this->parser->tokens[$at - 1]->text ?? '')) {
                        $this->parser->makers->announceMaker($class, $at + 1);
                    }
                    if (!$isDefault && '~' !== ($this->parser->tokens[$at - 1]->text ?? '')) {
                        $this->parser->classes->methods[$class][$method] ??= $this->counted($at + 2, $closed);
                        $taken = $this->typesAt($at + 1) ?? [];
                        if (isset($this->parser->taken[".$method"]) && $taken !== $this->parser->taken[".$method"]) {
                            $this->parser->takesOthers[".$method"] = true;
                        }
                        $this->parser->taken[".$method"] ??= $taken;
                        if ($isShared) {
                            $this->parser->sharedMethods["$class.$method"] = true;
                        }
                    }
                    $at = $closed;
                } elseif ('operator' === $token->text && !$isMethod) {
                    // One that is not read, such as how an object is shown: what stands in its brackets is no field.
                    $isMethod = true;
                    while ($at + 1 < $closing && '(' !== $this->parser->tokens[$at + 1]->text) {
                        ++$at;
                    }
                    // Where no bracket comes any more, the next one closes the class: its partner lies behind.
                    $at = max($at + 1, $this->parser->partners[$at + 1] ?? 0);
                } elseif ('{' === $token->text) {
                    $at = $this->parser->partners[$at] ?? $closing;
                    // What a constructor gives its fields, in braces, is no body yet.
                    if ($isMethod && !\in_array($this->parser->tokens[$at + 1]->text ?? '', [',', '{'], true)) {
                        break;
                    }
                } elseif (!$isMethod && TokenKind::Name === $token->kind && \in_array($next, [';', ',', '=', '{', '['], true)) {
                    $names[] = $token->text;
                    while ($at + 1 < $closing && !\in_array($this->parser->tokens[$at + 1]->text, [';', ','], true)) {
                        ++$at;
                        $at = \in_array($this->parser->tokens[$at]->text, ['{', '(', '['], true) ? $this->parser->partners[$at] ?? $at : $at;
                    }
                }
            }
            foreach ($isMethod ? [] : $names as $name) {
                if ($isShared) {
                    $this->parser->classes->statics[$class][$name] = true;
                } else {
                    $this->parser->classes->fieldNames[$name] = $this->parser->fieldsOf[$class][$name] = true;
                    $this->parser->fieldKinds["$class.$name"] = $kind;
                    $this->parser->classes->given[$class][] = $name;
                }
            }
            ++$at;
        }
    }

    /** The names of an enumeration in a class are the class's own (C++17, 10.2). */
    private function announceInnerEnumeration(string $class, int $at, int $closing): void
    {
        $isApart = \in_array($this->parser->tokens[$at + 1]->text ?? '', ['class', 'struct'], true);
        $apart = $isApart ? ($this->parser->tokens[$at + 2]->text ?? '').'_' : '';
        while ($at < $closing && !\in_array($this->parser->tokens[$at]->text, ['{', ';'], true)) {
            ++$at;
        }
        for ($end = $this->parser->partners[$at] ?? $at; $at < $end; ++$at) {
            if (TokenKind::Name === $this->parser->tokens[$at]->kind && \in_array($this->parser->tokens[$at - 1]->text, ['{', ','], true)) {
                $this->parser->classes->statics[$class][$apart.$this->parser->tokens[$at]->text] = true;
            }
        }
    }

    /** Behind a type that stands in a class. */
    private function behindInner(int $at, int $closing): ?int
    {
        for (; $at < $closing && !\in_array($this->parser->tokens[$at]->text, [';', '(', '='], true); ++$at) {
            if ('{' === $this->parser->tokens[$at]->text) {
                $end = $this->parser->partners[$at] ?? $closing;

                return ';' === ($this->parser->tokens[$end + 1]->text ?? '') ? $end + 2 : null;
            }
        }

        return null;
    }

    /**
     * `operator+(`: what it is called here, and where the bracket of its parameters stands; `!=` is what `==` is not.
     *
     * @return array{string, int}|null
     */
    public function operatorAt(int $at): ?array
    {
        if ('operator' !== ($this->parser->tokens[$at]->text ?? '')) {
            return null;
        }
        $sign = $this->parser->tokens[$at + 1]->text ?? '';
        $isPair = '[' === $sign || '(' === $sign && ')' === ($this->parser->tokens[$at + 2]->text ?? '');
        $sign .= $isPair ? ['[' => ']', '(' => ')'][$sign] : '';
        $bracket = $at + ($isPair ? 3 : 2);
        $isEmpty = ')' === ($this->parser->tokens[$bracket + 1]->text ?? '');
        $name = '-' === $sign && $isEmpty ? '@negate' : ('!=' === $sign ? '!=' : CppParser::OPERATORS[$sign] ?? null);

        // What stands behind its object, `x++`, takes a number that nobody gives (C++17, 16.5.7).
        return null === $name || '(' !== ($this->parser->tokens[$bracket]->text ?? '') || \in_array($sign, ['++', '--'], true) && !$isEmpty ? null : [$name, $bracket];
    }

    /** @return array{int, int, list<string>} fewest and most arguments, and the names; an empty one where a parameter has none */
    public function counted(int $from, int $closing): array
    {
        $names = [];
        $defaults = 0;
        $tokens = $this->parser->tokens;
        while ($from < $closing) {
            [$name, $words, $depth] = ['', 0, 0];
            for ($at = $from; $at < $closing && !(',' === $tokens[$at]->text && 0 === $depth); ++$at) {
                $text = $tokens[$at]->text;
                $depth = max(0, $depth + (['<' => 1, '>' => -1, '>>' => -2][$text] ?? 0));
                if ('=' === $text) {
                    ++$defaults;
                    // What stands for a value that is left out may be a name, too.
                    while ($at + 1 < $closing && ',' !== $tokens[$at + 1]->text) {
                        $at = $this->parser->closingOf($at + 1) ?? $at + 1;
                    }
                } elseif (\in_array($text, ['(', '['], true)) {
                    // A function, `int (*of)(int)`, has its name there; else it says what one takes.
                    if ('(' === $text && '*' === $tokens[$at + 1]->text && TokenKind::Name === $tokens[$at + 2]->kind) {
                        $name = $tokens[$at + 2]->text;
                    }
                    $at = $this->parser->partners[$at] ?? $at;
                } elseif (0 === $depth && !\in_array($text, ['const', '&', '&&', '*', '::', 'std', 'struct'], true)) {
                    $name = TokenKind::Name === $tokens[$at]->kind && 0 < $words && '::' !== $tokens[$at - 1]->text ? $text : $name;
                    ++$words;
                }
            }
            if (1 < $words || 'void' !== $tokens[$from]->text || $at > $from + 1) {
                $names[] = $name;
            }
            $from = $at + 1;
        }

        return [\count($names) - $defaults, \count($names), $names];
    }

    /** The name of a function that stands above `main` as an empty variable. */
    private function foretoldFrom(int $index): ?string
    {
        while (isset($this->parser->tokens[$index + 2]) && !\in_array($this->parser->tokens[$index]->text, [';', '{', '='], true)) {
            if (TokenKind::Name === $this->parser->tokens[$index + 1]->kind && ';' === $this->parser->tokens[$index + 2]->text) {
                return $this->parser->tokens[$index + 1]->text;
            }
            ++$index;
        }

        return null;
    }
}
