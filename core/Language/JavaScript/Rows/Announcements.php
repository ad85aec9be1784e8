<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\SpellingIndex;

/** What a text declares anywhere is known before its rows are read. */
final class Announcements
{
    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    public function announce(): void
    {
        $this->announceClasses();
        $this->announceKeptFunctions();
        foreach ($this->parser->tokens as $index => $token) {
            $name = $this->parser->tokens[$index + 1] ?? null;
            $star = 'function' === $token->text && '*' === $name?->text ? 1 : 0;
            $name = $this->parser->tokens[$index + 1 + $star] ?? null;
            if (TokenKind::Keyword === $token->kind && 'function' === $token->text && null !== $name && TokenKind::Name === $name->kind && !isset($this->parser->madeByFunctions->makers[$name->text])) {
                if (isset($this->parser->symbols->functions[$name->text])) {
                    $this->parser->symbols->doubled[$name->text] = true;
                }
                $this->parser->signatures->announced_($name->text, $index + 2 + $star);
                $this->parser->leftOut->openedAt[$name->text] = $index + 2 + $star;
                $this->announceArguments($name->text, $index + 2 + $star);
            }
            $equals = $this->parser->tokens[$index + 2] ?? null;
            if (\in_array($token->text, ['const', 'let', 'var'], true) && null !== $name && '=' === $equals?->text) {
                $from = $this->parser->functionValues->unnamedAt($index + 3);
                $from ??= !$this->parser->withPromises && $this->parser->promiseRows->givesPromise($index + 3) ? $this->parser->functionValues->unnamedAt($index + 3, false) : null;
                if (null !== $from) {
                    if (isset($this->parser->symbols->functions[$name->text])) {
                        $this->parser->symbols->doubled[$name->text] = true;
                    }
                    if ('(' === $this->parser->tokens[$from]->text) {
                        $this->parser->signatures->announced_($name->text, $from);
                        $this->parser->leftOut->openedAt[$name->text] = $from;
                        $this->announceArguments($name->text, $from);
                    } else {
                        $this->parser->symbols->functions[$name->text] = [1, 1, [$this->parser->tokens[$from]->text]];
                    }
                }
            }
        }
    }

    private function announceArguments(string $name, int $bracket): void
    {
        if ($this->usesArguments($bracket)) {
            $this->parser->symbols->functions[$name] = [0, ExpressionParser::UNLIMITED, [JavaScriptParser::ALL_GIVEN]];
            $this->parser->symbols->rests[$name] = 0;
        }
    }

    /**
     * Objects may keep functions under names that lists and texts have, too: `{ push: (x) => items.push(x) }`. Which of both
     * is meant shows when it runs, but for what the text makes a list.
     */
    private function announceKeptFunctions(): void
    {
        $index = SpellingIndex::of($this->parser->language());
        foreach ($this->parser->tokens as $at => $token) {
            $before = $this->parser->tokens[$at - 1]->text ?? '';
            $after = $this->parser->tokens[$at + 1]->text ?? '';
            $closing = '(' === $token->text ? $this->parser->partners[$at] ?? $at : $at;
            $opensBody = \in_array($this->parser->tokens[$closing + 1]->text ?? '', ['=>', '{'], true) && !\in_array($before, ['if', 'for', 'while', 'switch'], true);
            for ($inner = $at; $inner <= $closing && $opensBody && ('(' === $token->text || '=>' === $after); ++$inner) {
                // The parameters of a function are names of their own.
                $this->parser->lists[$this->parser->tokens[$inner]->text] = false;
            }
            if (TokenKind::Name === $token->kind && '.' !== $before && '=' === $after) {
                $behind = '[' === ($this->parser->tokens[$at + 2]->text ?? '') ? $this->parser->tokens[($this->parser->partners[$at + 2] ?? $at) + 1]->text ?? '' : '.';
                $isList = !\in_array($behind, ['.', '?.', '['], true) && ($this->parser->lists[$token->text] ?? true);
                $this->parser->lists[$token->text] = $isList;
            }
            if (TokenKind::Name !== $token->kind || '{' !== $before && ',' !== $before || !isset($index->methods[$token->text]) && !\in_array($token->text, ['push', 'map', 'filter', 'forEach', 'sort', 'find'], true)) {
                continue;
            }
            $closing = '(' === $after ? $this->parser->partners[$at + 1] ?? $at : null;
            $isMethod = null !== $closing && '{' === ($this->parser->tokens[$closing + 1]->text ?? '');
            $value = $at + 2 + (int) ('async' === ($this->parser->tokens[$at + 2]->text ?? ''));
            $opens = '(' === ($this->parser->tokens[$value]->text ?? '') ? $this->parser->partners[$value] ?? $value : $value;
            // Kept under the name of a function of the text.
            $isShort = (',' === $after || '}' === $after) && (1 === preg_match('/\bfunction\s+'.Names::asPattern($token->text).'\s*\(/', $this->parser->text) || $this->parser->valueRows->isGivenFunction($token->text));
            if ($isMethod || $isShort || ':' === $after && ('function' === ($this->parser->tokens[$value]->text ?? '') || '=>' === ($this->parser->tokens[$opens + 1]->text ?? ''))) {
                $this->parser->classes->methodNames[$token->text] = true;
            }
        }
    }

    /** Whether a function whose bracket stands there has no parameters, and asks for what it was given. */
    public function usesArguments(int $bracket): bool
    {
        $brace = $bracket + 2;
        if (')' !== ($this->parser->tokens[$bracket + 1]->text ?? '') || '{' !== ($this->parser->tokens[$brace]->text ?? '')) {
            return false;
        }

        return [] !== $this->namesOfArguments($brace);
    }

    /**
     * Where a function whose brace opens there says `arguments`; those of functions within are theirs (ECMA-262, 10.4.4).
     *
     * @return list<int>
     */
    public function namesOfArguments(int $brace): array
    {
        $found = [];
        for ($index = $brace, $end = $this->parser->partners[$brace] ?? $brace; $index < $end; ++$index) {
            $token = $this->parser->tokens[$index];
            if ('function' === $token->text && TokenKind::Keyword === $token->kind) {
                for ($inner = $index; $inner < $end && '(' !== $this->parser->tokens[$inner]->text; ++$inner) {
                }
                $inner = ($this->parser->partners[$inner] ?? $inner) + 1;
                $index = '{' === ($this->parser->tokens[$inner]->text ?? '') ? $this->parser->partners[$inner] ?? $index : $index;
            } elseif (TokenKind::Name === $token->kind && \in_array($token->text, ['arguments', JavaScriptParser::ALL_GIVEN], true)) {
                $found[] = $index;
            }
        }

        return $found;
    }

    private function isAskedInRow(int $at, string $class, string $name): bool
    {
        for (; isset($this->parser->tokens[$at]) && ';' !== $this->parser->tokens[$at]->text && !isset($this->parser->begins[$at]); ++$at) {
            if ($class === $this->parser->tokens[$at]->text && '.' === ($this->parser->tokens[$at + 1]->text ?? '') && $name === ($this->parser->tokens[$at + 2]->text ?? '')) {
                return true;
            }
        }

        return false;
    }

    /** What a class is given behind its braces, for all its objects: `Bed.count = 0;`. A function would be one of its methods. */
    private function announceGivenToClasses(): void
    {
        foreach ($this->parser->tokens as $at => $token) {
            $member = $this->parser->tokens[$at + 2] ?? null;
            $value = $this->parser->tokens[$at + 4]->text ?? '';
            if (!isset($this->parser->classes->parents[$token->text]) || TokenKind::Name !== $member?->kind || '.' !== $this->parser->tokens[$at + 1]->text || '=' !== ($this->parser->tokens[$at + 3]->text ?? '') || !isset($this->parser->begins[$at]) && !\in_array($this->parser->tokens[$at - 1]->text ?? '', [';', '{', '}'], true)) {
                continue;
            }
            $isFunction = 'function' === $value || 'async' === $value || '=>' === ($this->parser->tokens[$at + 5]->text ?? '') || '(' === $value && '=>' === ($this->parser->tokens[($this->parser->partners[$at + 4] ?? $at) + 1]->text ?? '');
            // What asks for it first means that of the class above.
            $asksFirst = null !== $this->parser->classes->staticOf($this->parser->classes->parents[$token->text], $member->text) && !isset($this->parser->classes->statics[$token->text][$member->text]) && $this->isAskedInRow($at + 4, $token->text, $member->text);
            if (!$isFunction && !$asksFirst && 'prototype' !== $member->text && !isset($this->parser->classes->methods[$token->text][$member->text])) {
                $this->parser->classes->statics[$token->text][$member->text] = true;
                // Nothing until then, which may be asked for.
                $this->parser->symbols->writes[''] += ["$token->text.$member->text" => 0];
            }
        }
    }

    /** What classes there are, and what their objects can do and keep. */
    private function announceClasses(): void
    {
        $ofClasses = [];
        foreach ($this->parser->tokens as $index => $token) {
            $name = $this->parser->tokens[$index + 1] ?? null;
            if ('class' !== $token->text || TokenKind::Keyword !== $token->kind || null === $name || TokenKind::Name !== $name->kind) {
                continue;
            }
            $isKind = 'extends' === ($this->parser->tokens[$index + 2]->text ?? '');
            $parent = $isKind ? $this->parser->tokens[$index + 3]->text ?? '' : '';
            $this->parser->classes->parents[$name->text] = isset($this->parser->classes->parents[$parent]) || $this->parser->isFailure($parent) ? $parent : '';
            $this->parser->classes->methods[$name->text] = [];
            $opened = $index + ($isKind ? 4 : 2);
            $closing = '{' === ($this->parser->tokens[$opened]->text ?? '') ? $this->parser->partners[$opened] ?? \count($this->parser->tokens) : $opened;
            for ($at = $opened + 1; $at < $closing; ++$at) {
                $member = $this->parser->tokens[$at];
                $next = $this->parser->tokens[$at + 1]->text ?? '';
                $isStatic = 'static' === $this->parser->tokens[$at - 1]->text;
                if ('*' === $member->text) {
                    continue;
                }
                if ($this->isIterator($at)) {
                    $member = new Token(TokenKind::Name, JavaScriptParser::ITERATOR, $member->offset);
                    $at += 4;
                    $next = '(';
                }
                if (\in_array($member->text, ['static', 'get', 'set', 'async'], true) && '(' !== $next && '=' !== $next && ';' !== $next) {
                    continue;
                }
                if ('set' === $this->parser->tokens[$at - 1]->text && '(' === $next) {
                    $this->parser->classes->setters[$member->text] = $this->parser->classes->asked[$member->text] = true;
                    $this->parser->classes->methods[$name->text]["set_$member->text"] = $this->parser->signatures->signature($at + 1);
                    $at = $this->bodyEnd($at + 1);
                    continue;
                }
                if ('get' === $this->parser->tokens[$at - 1]->text && 'static' === $this->parser->tokens[$at - 2]->text) {
                    $this->parser->staticAsked["$name->text.$member->text"] = true;
                } elseif ('get' === $this->parser->tokens[$at - 1]->text) {
                    $this->parser->classes->asked[$member->text] = true;
                }
                if ('(' === $next && \in_array($member->kind, [TokenKind::Name, TokenKind::Keyword], true)) {
                    if ('constructor' === $member->text) {
                        $this->parser->leftOut->openedAt[$name->text] = $at + 1;
                    }
                    $this->parser->classes->methods[$name->text][JavaScriptParser::METHODS[$member->text] ?? $member->text] = $this->parser->signatures->signature($at + 1);
                    if ($isStatic) {
                        $this->parser->sharedMethods["$name->text.$member->text"] = true;
                    }
                    if (null !== $this->parser->rest) {
                        $this->parser->symbols->rests["$name->text.".(JavaScriptParser::METHODS[$member->text] ?? $member->text)] = $this->parser->rest;
                    }
                    if ($isStatic || isset($this->parser->staticAsked["$name->text.$member->text"])) {
                        $ofClasses[$name->text][] = $at;
                    }
                } elseif (TokenKind::Name === $member->kind && ('=' === $next || ';' === $next)) {
                    if ($isStatic) {
                        $this->parser->classes->statics[$name->text][$member->text] = true;
                    } else {
                        $this->parser->classes->fieldNames[$member->text] = $this->parser->classes->setFields[$member->text] = true;
                    }
                }
                // On to the end of the member: its semicolon, its line, or the end of its braces.
                for (; $at < $closing && ';' !== $this->parser->tokens[$at]->text; ++$at) {
                    $isBody = '{' === $this->parser->tokens[$at]->text && '(' === $next;
                    $at = max($at, $this->parser->partners[$at] ?? $at);
                    if ($isBody || isset($this->parser->begins[$at + 1])) {
                        break;
                    }
                }
            }
        }
        $this->readItselfOfClasses($ofClasses);
        $this->parser->madeByFunctions->announceMakersOfObjects();
        $this->announceGivenToClasses();
        $this->announceFieldsOfFailures();
        if ([] === $this->parser->classes->parents) {
            return;
        }
        $this->parser->announceMakers();
        foreach ($this->parser->tokens as $index => $token) {
            if ('this' === $token->text && '.' === ($this->parser->tokens[$index + 1]->text ?? '') && '(' !== ($this->parser->tokens[$index + 3]->text ?? '') && 'length' !== ($this->parser->tokens[$index + 2]->text ?? '')) {
                $this->parser->classes->fieldNames[$this->parser->tokens[$index + 2]->text ?? ''] = true;
            }
            if ('Object' === $token->text && 'assign' === ($this->parser->tokens[$index + 2]->text ?? '') && 'this' === ($this->parser->tokens[$index + 4]->text ?? '') && '{' === ($this->parser->tokens[$index + 6]->text ?? '')) {
                for ($at = $index + 7; $at < ($this->parser->partners[$index + 6] ?? $at); ++$at) {
                    if (TokenKind::Name === $this->parser->tokens[$at]->kind && \in_array($this->parser->tokens[$at - 1]->text, ['{', ','], true)) {
                        $this->parser->classes->fieldNames[$this->parser->tokens[$at]->text] = $this->parser->classes->setFields[$this->parser->tokens[$at]->text] = true;
                    }
                }
            }
            $sign = $this->parser->tokens[$index + 2]->text ?? '';
            if ('.' === $token->text && (str_ends_with($sign, '=') && !\in_array($sign, ['==', '===', '!=', '!==', '<=', '>='], true) || '++' === $sign || '--' === $sign || ',' === $sign || ']' === $sign)) {
                $this->parser->classes->setFields[$this->parser->tokens[$index + 1]->text] = true;
            }
        }
    }

    /** `error.code = 4` of what was made by `new Error(…)`, and what caused it: they can be asked for where it is caught. */
    private function announceFieldsOfFailures(): void
    {
        $failures = [];
        foreach ($this->parser->tokens as $index => $token) {
            $text = fn (int $by): string => $this->parser->tokens[$index + $by]->text ?? '';
            if ('new' === $token->text && $this->parser->isFailure($text(1)) && '(' === $text(2)) {
                $failures += '=' === $text(-1) ? [$text(-2) => true] : [];
            } elseif ('catch' === $token->text && '(' === $text(1) && ')' === $text(3)) {
                $failures[$text(2)] = true;
            } elseif (isset($failures[$token->text]) && '.' === $text(1) && '=' === $text(3) && TokenKind::Name === ($this->parser->tokens[$index + 2]->kind ?? null)) {
                $this->parser->classes->fieldNames[$text(2)] = $this->parser->classes->setFields[$text(2)] = true;
            } elseif ('cause' === $token->text && \in_array($text(-1), ['{', ','], true) && \in_array($text(1), [':', ',', '}'], true)) {
                $this->parser->classes->fieldNames['cause'] = $this->parser->classes->setFields['cause'] = true;
            }
        }
    }

    /** The end of what a member does, whose parameters begin at a bracket. */
    private function bodyEnd(int $bracket): int
    {
        $brace = ($this->parser->partners[$bracket] ?? $bracket) + 1;

        return $this->parser->partners[$brace] ?? $brace;
    }

    /**
     * `this` in a method of a class is the class (ECMAScript 2022, 13.3.6.2), where no other one could be asked for it.
     *
     * @param array<string, list<int>> $methods where they are named, by class
     */
    private function readItselfOfClasses(array $methods): void
    {
        foreach (array_diff_key($methods, array_flip($this->parser->classes->parents)) as $class => $starts) {
            foreach ($starts as $start) {
                for ($at = $start, $end = $this->bodyEnd($start + 1); $at < $end; ++$at) {
                    $token = $this->parser->tokens[$at];
                    if (TokenKind::Keyword === $token->kind && \in_array($token->text, ['function', 'class'], true)) {
                        // They have their own.
                        for (; $at < $end && '{' !== $this->parser->tokens[$at]->text; ++$at) {
                        }
                        $at = $this->parser->partners[$at] ?? $at;
                    } elseif (TokenKind::Keyword === $token->kind && 'this' === $token->text) {
                        $this->parser->readAs($at, $class);
                    }
                }
            }
        }
    }

    /** Whether `[Symbol.iterator](` stands at a place. */
    public function isIterator(int $at): bool
    {
        foreach (['[', 'Symbol', '.', 'iterator', ']', '('] as $ahead => $text) {
            if ($text !== ($this->parser->tokens[$at + $ahead]->text ?? '')) {
                return false;
            }
        }

        return true;
    }
}
