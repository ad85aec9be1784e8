<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;

/** What the heads of functions and methods say that they give back, wherever in the text they stand. */
final class GivenTypes
{
    private const BEFORE = ['static', 'virtual', 'inline', 'friend', 'constexpr', 'explicit'];
    /** @var array<string, list<array{int, int}>>|null by the name of a function, where what it gives begins, and where its name stands; found once */
    private ?array $heads = null;
    /** @var array<string, string> */
    private array $known = [];
    /** @var array<string, string> */
    private array $pointed = [];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** The type of what a function gives a pointer to; '' where it gives none, or nobody knows. */
    public function pointedTo(string $name): string
    {
        $this->of($name);

        return $this->pointed[substr($name, (int) strrpos('.'.$name, '.'))] ?? '';
    }

    /** The type that a function gives, as its head says it; '' where heads of one name say several, or none is there. */
    public function of(string $name): string
    {
        $name = substr($name, (int) strrpos('.'.$name, '.'));
        if (!isset($this->known[$name])) {
            // What is asked for while it is found out gives nothing.
            $this->known[$name] = '';
            $this->known[$name] = $this->found($name);
        }

        return $this->known[$name];
    }

    private function found(string $name): string
    {
        $types = [];
        $aliases = $this->parser->aliases;
        foreach (($this->heads ??= $this->heads())[$name] ?? [] as [$begin, $at]) {
            // A function that is a template itself, and no method of one that stands apart, has a `T` of its own.
            $hasOwn = '>' === ($this->parser->tokens[$begin - 1]->text ?? '') && '::' !== ($this->parser->tokens[$at + 1]->text ?? '');
            $this->parser->aliases = $hasOwn ? $aliases : $this->parser->typesOfTemplates() + $aliases;
            $types[$this->typeBetween($begin, $at)] = true;
        }
        $this->parser->aliases = $aliases;
        if (1 === \count($types) && str_ends_with($pointed = (string) array_key_first($types), '*')) {
            $this->pointed[$name] = trim($pointed, '* ');

            return '';
        }

        return 1 === \count($types) ? (string) array_key_first($types) : '';
    }

    private function typeBetween(int $begin, int $end): string
    {
        [$at, $mistakes, $reads] = [$this->parser->at, \count($this->parser->mistakes), \count($this->parser->symbols->reads)];
        $this->parser->at = $begin;
        try {
            $type = (string) $this->parser->typeTexts->type();
        } catch (ParseFailure) {
            $type = '';
        }
        $isAll = $this->parser->at === $end;
        $this->parser->at = $begin;
        $this->parser->typeTexts->madeWhole();
        $this->parser->at = $at;
        Parser::cutTo($this->parser->mistakes, $mistakes);
        Parser::cutTo($this->parser->symbols->reads, $reads);

        return $isAll && 'auto' !== $type && 'void' !== $type ? trim((string) preg_replace('/^const\s+|\s*&$/D', '', $type)) : '';
    }

    /** @return array<string, list<array{int, int}>> where what a function gives begins, and where its name stands */
    private function heads(): array
    {
        $heads = [];
        $begin = 0;
        foreach ($this->parser->tokens as $at => $token) {
            if (TokenKind::Sign === $token->kind && \in_array($token->text, [';', '{', '}', ':', ')'], true)) {
                $begin = $at + 1;
                continue;
            }
            $isSign = 'operator' === $token->text && '(' === ($this->parser->tokens[$at + 2]->text ?? '');
            if (!$isSign && (TokenKind::Name !== $token->kind || '(' !== ($this->parser->tokens[$at + 1]->text ?? '')) || $begin >= $at) {
                continue;
            }
            $from = $begin;
            if ('template' === $this->parser->tokens[$from]->text) {
                while ($from < $at && '>' !== $this->parser->tokens[$from]->text) {
                    ++$from;
                }
                ++$from;
            }
            while ($from < $at && \in_array($this->parser->tokens[$from]->text, self::BEFORE, true)) {
                ++$from;
            }
            $closing = $this->parser->partners[$at + ($isSign ? 2 : 1)] ?? $at;
            $isHead = \in_array($this->parser->tokens[$closing + 1]->text ?? '', ['{', ';', 'const', 'override', 'noexcept', 'final'], true);
            if ($isHead && $from < $at && $this->isType($from, $at) && !\in_array($this->parser->tokens[$from]->text, ['return', 'else', 'throw', 'case', 'new', 'delete', 'using', 'typedef'], true)) {
                $end = '::' === $this->parser->tokens[$at - 1]->text ? $at - 2 : $at;
                $heads[$token->text.($isSign ? $this->parser->tokens[$at + 1]->text : '')][] = [$from, $end];
            }
        }

        return $heads;
    }

    /** Whether nothing stands between but what types are written with. */
    private function isType(int $from, int $until): bool
    {
        foreach (\array_slice($this->parser->tokens, $from, $until - $from) as $token) {
            if (TokenKind::Sign === $token->kind && !\in_array($token->text, ['<', '>', '>>', ',', '::', '&', '*'], true)) {
                return false;
            }
        }

        return !\in_array($this->parser->tokens[$until - 1]->text, [',', '<'], true);
    }
}
