<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Which rows declare their variables in a typed text: a row that is printed in it does so exactly where it did, as the rest of the
 * text counts on it.
 */
final class TypedDeclarations
{
    private const WORDS = '/^(?:export\s+)?(?:let|const|var)\b/';
    private const HEADS = '/^(?:\w+\s*:\s*)*for\s*(?:await\s*)?\(\s*(?:let|const|var)\b/';
    /** A type stands before the name that it declares, with nothing but space, `*` or `&` between them (C++17, 11). */
    private const TYPED = '(?!(?:return|delete|throw|else|case|goto)\b)(?:[A-Za-z_][\w:]*(?:\s*<[^;=]*>)?\s+)*[A-Za-z_][\w:]*(?:\s*<[^;=]*>)?(?:\s*[&*]+\s*|\s+)';

    /** @return array<int, array<string, true>> the names that the text of a row declares, by the row's id */
    public static function of(Program $program, Handwriting $handwriting, Language $language): array
    {
        if ($language->notation()->indents) {
            return [];
        }
        $rows = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $rows[$row->id] = $row;
        }
        $declared = $kept = [];
        $end = -1;
        foreach ($handwriting->pieces as $index => $piece) {
            if ('close' === $piece->part && isset($kept[$piece->id])) {
                // A function that a variable keeps, which is a row behind it: `const sum = (...n) => { … };`.
                $end = $piece->coreEnd;
            }
            $row = 'head' === $piece->part ? $rows[$piece->id] ?? null : null;
            if (null === $row) {
                continue;
            }
            $text = substr($handwriting->text, $piece->coreStart, $piece->coreEnd - $piece->coreStart);
            // What has no text of its own belongs to that of the row above it: `let a = 1, b = 2;`.
            $isFollowing = '' === $text && $piece->coreStart === $end;
            $next = $handwriting->pieces[$index + 1] ?? null;
            if ('' === $text && null !== $next && $next->coreStart === $piece->coreStart) {
                // Or to that of the loop below it, the head of which begins with it.
                $text = substr($handwriting->text, $next->coreStart, $next->coreEnd - $next->coreStart);
                $text = str_starts_with($text, 'for') ? $text : '';
            }
            if ($row instanceof FunctionDefinition && 1 === preg_match(self::WORDS, $text)) {
                $kept[$row->id] = true;
            }
            if ($row instanceof FunctionDefinition) {
                // Its parameters may take apart what they are given.
                $end = $piece->coreEnd;
            }
            foreach (self::names($row) as $name) {
                if ($isFollowing || '' !== $text && self::declares($row, $text, $name, $language)) {
                    $declared[$row->id][$name] = true;
                    $end = $piece->coreEnd;
                }
            }
        }

        $typed = [];
        foreach ($handwriting->pieces as $piece) {
            $typed += 'head' === $piece->part ? [$piece->id => true] : [];
        }
        $everywhere = array_merge(...array_map(array_keys(...), array_values($declared)));
        self::within([...$program->functions, ...$program->script->body->statements, ...$program->below], array_fill_keys($everywhere, true), $typed, $declared, []);

        return $declared;
    }

    /**
     * A row that is new declares what the text declares only in other blocks.
     *
     * @param list<Statement>                 $rows       of one body
     * @param array<string, true>             $everywhere names that the text declares somewhere
     * @param array<int, true>                $typed      rows that have a text
     * @param array<int, array<string, true>> $declared   by row
     * @param array<string, true>             $seen       names that are declared around the rows
     */
    private static function within(array $rows, array $everywhere, array $typed, array &$declared, array $seen): void
    {
        foreach ($rows as $row) {
            foreach (isset($typed[$row->id]) || $row->off ? [] : self::names($row) as $name) {
                if (isset($everywhere[$name]) && !isset($seen[$name])) {
                    $declared[$row->id][$name] = true;
                }
            }
            $own = $declared[$row->id] ?? [];
            $inner = $seen + $own + ($row instanceof FunctionDefinition ? array_fill_keys($row->parameters, true) : []);
            foreach ($row->bodies() as $body) {
                self::within($body->statements, $everywhere, $typed, $declared, $inner);
            }
            // What the head of a loop declares is its own.
            $seen += $row->isLoop() ? [] : $own;
        }
    }

    private static function declares(Statement $row, string $text, string $name, Language $language): bool
    {
        if (!$language->notation()->typed) {
            // A function that is called for each item has its parameters for itself.
            return 1 === preg_match(self::WORDS, $text) || 1 === preg_match(self::HEADS, $text) || $row instanceof EachLoop && 1 !== preg_match('/^(?:\w+\s*:\s*)*for\b/', $text);
        }

        return 1 === preg_match('/^(?:for\s*\(\s*)?(?:'.self::TYPED.preg_quote($name, '/').'\b|(?:const\s+)?auto\s*&{0,2}\s*\[[^]]*\b'.preg_quote($name, '/').'\b)/', $text);
    }

    /** @return list<string> the variables that a row may declare */
    private static function names(Statement $row): array
    {
        return match (true) {
            $row instanceof SetVariable, $row instanceof Declaration, $row instanceof ForLoop, $row instanceof Count => [$row->variable],
            $row instanceof EachLoop => $row->variables,
            $row instanceof SetSeveral => array_values(array_map(static fn (VariableRead $target): string => $target->name, array_filter($row->targets, static fn ($target): bool => $target instanceof VariableRead))),
            default => [],
        };
    }
}
