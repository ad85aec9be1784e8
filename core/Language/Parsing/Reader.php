<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Cpp\StreamForms;
use Scrivlet\Core\Language\Handwriting\Fingerprints;
use Scrivlet\Core\Language\Handwriting\Matching;
use Scrivlet\Core\Language\Handwriting\OffRows;
use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Checker;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Unbalanced;
use Scrivlet\Core\Language\Mistakes\UnreadWords;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;

/** Makes a program of a text: any text, and always one that prints as that text again. */
final class Reader
{
    /**
     * @param Analysis|null   $before what stood there before, so that rows that are still there stay themselves
     * @param array<int, int> $pinned ids of rows of which it is known where in the text they begin, by that place
     */
    public static function read(string $text, Language $language, ?Analysis $before = null, array $pinned = []): Reading
    {
        $reading = self::readOnce($text, $language, $before, $pinned, false);
        if (!$language->notation()->awaits || [] === $reading->mistakes || 1 !== preg_match('/\b(?:async|Promise|new\s+\w*Error)\b/', $text) || 1 === preg_match('/\bfrom\s*["\'][.\/]*scrivlet/', $text)) {
            // Who moves something on a scene means to wait for it.
            return $reading;
        }
        $again = self::readOnce($text, $language, $before, $pinned, true);

        // What stands further down is told where the first way reads no further.
        $isFurther = 'unsupported' === $reading->mistakes[0]->kind && ($again->mistakes[0]->offset ?? \PHP_INT_MAX) > $reading->mistakes[0]->offset;

        return $isFurther || \count($again->mistakes) < \count($reading->mistakes) ? $again : $reading;
    }

    private static function parser(string $text, Language $language): PythonParser|JavaScriptParser|CppParser
    {
        return match ($language) {
            Language::Python => new PythonParser($text),
            Language::JavaScript => new JavaScriptParser($text),
            Language::Cpp => new CppParser($text),
        };
    }

    /** @return array<string, string> names that a text declares again in braces of their own, by those that a program has for them */
    public static function shadows(string $text, Language $language): array
    {
        $parser = self::parser($text, $language);
        if (!$parser instanceof BraceParser) {
            return [];
        }
        try {
            $parser->tokenize();
        } catch (ParseFailure) {
            return [];
        }
        $ends = $begins = $names = [];
        foreach ($parser->tokens as $at => $token) {
            $ends[$token->end()] = $at;
            $begins[$token->offset] = $at;
        }
        foreach ($parser->shadows as $name => $shadows) {
            foreach ($shadows as [$from, $until, $other]) {
                $brace = $parser->partners[$ends[$until] ?? -1] ?? null;
                // Braces by themselves are no row, and what lasts stands elsewhere in a program: there the name would be said twice.
                $isBare = null !== $brace && \in_array($parser->tokens[$brace - 1]->text ?? '', [';', '{', '}', ''], true);
                $isLasting = 'static' === ($parser->tokens[($begins[$from] ?? 0) - 2]->text ?? '') || 'static' === ($parser->tokens[($begins[$from] ?? 0) - 3]->text ?? '');
                $names += $isBare || $isLasting ? [] : [$other => $name];
            }
        }

        return $names;
    }

    /**
     * @param array<int, int> $pinned
     * @param bool            $withPromises whether functions of JavaScript may go on beside others
     */
    private static function readOnce(string $text, Language $language, ?Analysis $before, array $pinned, bool $withPromises): Reading
    {
        $old = $before?->program;
        $parser = self::parser($text, $language);
        if ($parser instanceof JavaScriptParser) {
            $parser->withPromises = $withPromises;
        }
        $fingerprints = $before->fingerprints ?? new Fingerprints();
        try {
            $rows = $parser->rows();
            $tooMany = Bounded::tooMany($parser);
        } catch (TooManyRows $stopped) {
            $tooMany = $stopped->offset;
        }
        if (null !== $tooMany) {
            $analysis = new Analysis(Scenes::settled(self::unread($text, $language, $fingerprints), $old), $fingerprints);

            return new Reading(null === $before ? $analysis : Matching::keptWritings($analysis, $before, $language), [new Mistake('many_rows', $tooMany, 1, ['most' => Bounds::ROWS])]);
        }
        if (null !== $before) {
            [$rows, $parser->cuts] = OffRows::restored($rows, $parser->cuts, $before, $language, $parser->lastId());
        }
        if ($language->notation()->indents) {
            [$merged, $parser->cuts] = Handlers::merged($rows->rows, $parser->cuts);
            $rows = new Rows($rows->imports, $merged, $rows->above, $rows->below);
        }
        [$program, $types] = Meaning::settle(self::program($rows, $parser), $language, $parser->inPlace, $parser->outliving, $parser->stepped);
        if ($parser instanceof CppParser) {
            $program = StreamForms::settle($program, $types, $parser->cuts, $text);
        }
        $program = Bounded::program($program, $parser, $text);
        $scene = Scenes::settled($program, $old)->setting->scene;
        $mistakes = self::first($language, $text, [...(new Checker($parser, $program, $types, $language, $scene))->mistakes(), ...$parser->mistakesOf($program)]);
        $cuts = self::ordered($language->notation()->indents ? self::withEmptyBodies($parser->cuts, $program) : $parser->cuts, $rows, $text);
        $ids = null === $old ? [] : Matching::ids($old, $program, $fingerprints, self::pins($parser->cuts, $pinned, $program));
        $program = Matching::renumbered($program, $ids, null === $old ? $program->nextId : $old->nextId);
        $program = Scenes::settled($program->withHandwriting($language->value, self::handwriting($text, $cuts, $program, $ids, $fingerprints)), $old);
        $analysis = new Analysis($program, $fingerprints);
        $written = $analysis->text($language)->text();
        if ($written !== $text) {
            // What would not be written again letter for letter is left as it stands, and said so.
            $differs = min(\strlen($written ^ $text) - \strlen(ltrim($written ^ $text, "\0")), max(0, \strlen($text) - 1));
            $mistakes = [] === $mistakes ? [new Mistake('unsupported', $differs, 1, ['what' => mb_strcut(trim((string) strtok(substr($text, $differs), "\r\n")), 0, 30)])] : $mistakes;
            $analysis = new Analysis(Scenes::settled(self::unread($text, $language, $fingerprints), $old), $fingerprints);
        }

        $parser->release();

        return new Reading(null === $before ? $analysis : Matching::keptWritings($analysis, $before, $language), $mistakes);
    }

    private static function program(Rows $rows, Parser $parser): Program
    {
        $script = $rows->rows;
        $above = $rows->above;
        $below = $rows->below;
        // What stands in the braces of `main` stays there.
        if ([] === $above && [] === $below && !$parser instanceof CppParser) {
            $until = self::aboveScript($script);
            $above = \array_slice($script, 0, $until);
            $script = \array_slice($script, $until);
            if ($parser instanceof JavaScriptParser) {
                $from = self::belowScript($script);
                $below = \array_slice($script, $from);
                $script = \array_slice($script, 0, $from);
            }
        }
        $largest = 1;
        foreach (Walk::statements([...$above, ...$script, ...$below]) as $row) {
            $largest = max($largest, $row->id);
        }

        return new Program($above, new Script(1, new Block($script)), $largest + 1, $below);
    }

    /**
     * How many rows belong above the script: up to the last function, if all before it only name something.
     *
     * @param list<Statement> $rows
     */
    private static function aboveScript(array $rows): int
    {
        $until = 0;
        foreach ($rows as $index => $row) {
            if ($row instanceof FunctionDefinition || $row instanceof ClassDefinition) {
                $until = $index + 1;
            } elseif (!$row instanceof Comment && !$row instanceof Import && !($row instanceof SetVariable && self::isConstant($row->value))) {
                break;
            }
        }

        return $until;
    }

    /**
     * From which row on there are functions alone, if one of them is called above: JavaScript knows all of them from
     * the start (ECMA-262, 10.2.11).
     *
     * @param list<Statement> $rows
     */
    private static function belowScript(array $rows): int
    {
        $from = \count($rows);
        while ($from > 0 && ($rows[$from - 1] instanceof FunctionDefinition || $rows[$from - 1] instanceof Comment)) {
            --$from;
        }
        while ($from < \count($rows) && $rows[$from] instanceof Comment) {
            ++$from;
        }
        $names = [];
        foreach (\array_slice($rows, $from) as $row) {
            $names += $row instanceof FunctionDefinition ? [$row->name => true] : [];
        }
        foreach ([] === $names ? [] : Walk::statements(\array_slice($rows, 0, $from)) as $row) {
            if ($row instanceof OwnCall && isset($names[$row->function])) {
                return $from;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof OwnValue && isset($names[$value->function]) || $value instanceof FunctionReference && isset($names[$value->function])) {
                    return $from;
                }
            }
        }

        return \count($rows);
    }

    private static function isConstant(Expression $value): bool
    {
        return $value instanceof NumberLiteral || $value instanceof TextLiteral || $value instanceof TruthLiteral
            || $value instanceof ListLiteral && [] === array_filter($value->items, static fn (Expression $item): bool => !self::isConstant($item));
    }

    /**
     * At most one mistake a line, the first there; what follows from it stays silent.
     *
     * @param list<Mistake> $mistakes
     *
     * @return list<Mistake>
     */
    private static function first(Language $language, string $text, array $mistakes): array
    {
        $mistakes = UnreadWords::told(array_map(static fn (Mistake $mistake): Mistake => RealNames::told($mistake, $language), $mistakes), $language, $text);
        usort($mistakes, static fn (Mistake $a, Mistake $b): int => $a->offset <=> $b->offset);
        $kinds = array_column($mistakes, 'kind');
        if (\in_array('row_in_try', $kinds, true)) {
            // Its `except` has what it belongs to once that row is within.
            $mistakes = array_values(array_filter($mistakes, static fn (Mistake $mistake): bool => 'without_try' !== $mistake->kind));
            $kinds = array_column($mistakes, 'kind');
        }
        if (\in_array($kinds[0] ?? '', ['unsupported', 'brace_missing', ...self::DEPENDING], true) && !$language->notation()->indents) {
            // Where a bracket has no partner, everything around it is read as something else.
            $unbalanced = Unbalanced::of($language->tokens($text), $text);
            if (null !== $unbalanced) {
                return [] === array_diff(array_intersect($kinds, self::OF_BRACKETS), ['brace_missing']) ? [$unbalanced] : array_values(array_filter($mistakes, static fn (Mistake $mistake): bool => !\in_array($mistake->kind, ['unsupported', 'misspelt_name', 'misspelt_function', ...self::DEPENDING], true)));
            }
        }
        if (1 < \count($mistakes) && str_ends_with((string) ($mistakes[0]->parameters['what'] ?? ''), Parser::CAUGHT) && [] !== $others = array_filter($mistakes, static fn (Mistake $mistake): bool => !\in_array($mistake->kind, ['unsupported', ...self::DEPENDING], true))) {
            // What is asked of a failure is read with the rows around it.
            return array_values($others);
        }
        $unread = array_search('unsupported', $kinds, true);

        return false === $unread ? $mistakes : array_values(array_filter($mistakes, static fn (Mistake $mistake, int $index): bool => !\in_array($mistake->kind, $index < $unread ? self::OF_BODIES : self::DEPENDING, true), \ARRAY_FILTER_USE_BOTH));
    }

    /** What says already that a bracket or a quotation mark has no partner. */
    private const OF_BRACKETS = ['bracket_missing', 'extra_bracket', 'wrong_bracket', 'brace_missing', 'quote_missing', 'strange_sign'];
    /** What may be said of the rows of something that is not read for what stands further down in it. */
    private const OF_BODIES = ['outside_function', 'extra_brace'];
    /** What may only be said because something above is not read yet: its names, or where it ends. */
    private const DEPENDING = ['unknown_name', 'unknown_function', 'unknown_method', 'unknown_property', 'unknown_field', 'no_value', 'misspelt_method', 'misspelt_field', 'outside_function', 'extra_brace', 'many_arguments', 'few_arguments', 'no_such_parameter', 'await_missing', 'type_missing', 'main_missing', 'declared_twice', 'keyword_as_value', 'else_without_if', 'without_try', 'library_missing'];

    /**
     * A body that was left empty, or has remarks alone, was typed so: no `pass` is printed into it.
     *
     * @param array<int, Cut> $cuts
     *
     * @return array<int, Cut>
     */
    private static function withEmptyBodies(array $cuts, Program $program): array
    {
        /** @var array<string, int>|null $ends where the text of each part ends, and of all that a row holds */
        $ends = null;
        foreach (Walk::statements($program->parts()) as $row) {
            foreach ($row->bodies() as $name => $body) {
                if ($row instanceof Script || $row->off || !$body->isSilent()) {
                    continue;
                }
                if (null === $ends) {
                    $ends = [];
                    foreach ($cuts as $cut) {
                        $ends["$cut->id:$cut->part"] = $cut->end;
                        $ends[$cut->id] = max($ends[$cut->id] ?? 0, $cut->end);
                    }
                }
                $end = $ends["$row->id:$name"] ?? $ends["$row->id:head"] ?? null;
                if (null === $end || isset($ends["$row->id:$name-empty"])) {
                    continue;
                }
                foreach (Walk::statements($body->statements) as $inner) {
                    $end = max($end, $ends[$inner->id] ?? 0);
                }
                $cuts[] = new Cut($row->id, "$name-empty", $end, $end, $row->id);
            }
        }

        return $cuts;
    }

    /**
     * @param array<int, Cut> $cuts
     *
     * @return list<Cut>
     */
    private static function ordered(array $cuts, Rows $rows, string $text): array
    {
        if (null !== $rows->imports) {
            array_unshift($cuts, new Cut(0, 'prelude', $rows->imports[0], $rows->imports[1], 0));
        }
        usort($cuts, static fn (Cut $a, Cut $b): int => $a->start <=> $b->start ?: $a->end <=> $b->end);
        $cuts[] = new Cut(0, 'end', \strlen($text), \strlen($text), 0);

        return $cuts;
    }

    /**
     * @param array<int, Cut> $cuts
     * @param array<int, int> $pinned
     *
     * @return array<int, int> pinned ids by those that the parser gave
     */
    private static function pins(array $cuts, array $pinned, Program $program): array
    {
        if ([] === $pinned) {
            return [];
        }
        $starts = [];
        foreach ($cuts as $cut) {
            if ('head' === $cut->part) {
                $starts[$cut->start][] = $cut->id;
            }
        }
        $ids = [];
        foreach ($pinned as $start => $id) {
            if (isset($starts[$start])) {
                $ids[min($starts[$start])] = $id;
            }
        }
        unset($ids[$program->script->id]);

        return $ids;
    }

    /**
     * @param list<Cut>       $cuts
     * @param array<int, int> $ids  new ids by those that the parser gave
     */
    private static function handwriting(string $text, array $cuts, Program $program, array $ids, Fingerprints $fingerprints): Handwriting
    {
        $rows = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $rows[$row->id] = $row;
        }
        $pieces = [];
        $start = 0;
        $last = \count($cuts) - 1;
        foreach ($cuts as $index => $cut) {
            $id = $ids[$cut->id] ?? $cut->id;
            $row = $rows[$id] ?? null;
            $fingerprint = null === $row ? 0 : $fingerprints->of($row, $cut->part, $cut->tight);
            $pieces[] = new Piece($id, $cut->part, $start, $cut->start, $cut->end, $fingerprint, $ids[$cut->parent] ?? $cut->parent, $cut->tight);
            if ($index < $last) {
                $start = self::lineEnd($text, $cut->end, $cuts[$index + 1]->start);
            }
        }

        return new Handwriting($text, $pieces);
    }

    /** Where the line of a piece ends, if it does so before the next piece; else that one begins at its own start. */
    private static function lineEnd(string $text, int $end, int $next): int
    {
        $gap = substr($text, $end, $next - $end);
        // A remark over several lines that begins behind the row belongs to its line.
        if (1 === preg_match('~^(?:[^\r\n/]++|/(?!\*)|/\*(?:[^*]++|\*(?!/))*+\*/)*+(?:\r\n|\n|\r)~', $gap, $match)) {
            return $end + \strlen($match[0]);
        }

        return $next;
    }

    /** A text that nothing else could be made of. */
    private static function unread(string $text, Language $language, Fingerprints $fingerprints): Program
    {
        $row = new Unread(2, $text, $language->value);
        $length = \strlen($text);
        $piece = new Piece(2, 'head', 0, 0, $length, $fingerprints->of($row, 'head', false), 1);

        return new Program([], new Script(1, new Block([$row])), 3, [], [$language->value => new Handwriting($text, [$piece, new Piece(0, 'end', $length, $length, $length, 0)])]);
    }
}
