<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Language\PrintedText;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;

/**
 * Prints a program that a person typed: each piece of the text as it was typed as long as its row says the same, and
 * the printed form, in the person's own indent, for rows that are new or changed.
 */
final class HandPrinter
{
    private string $out = '';
    /** @var list<array{int, string}> where in the text what belongs to an anchor begins */
    private array $marks = [];
    /** @var array<string, array{Piece, int}> piece and its end, by row and part */
    private array $pieces = [];
    /** @var array<int, list<Line>>|null the printed form by row */
    private ?array $canonical = null;
    /** @var list<string> lines of the printed form that bring in libraries */
    private array $prelude = [];
    private string $newLine;
    private string $unit;
    private bool $isPrinted = false;
    /** @var list<string> names of our library in the printed form */
    private array $needed = [];
    /** What was printed, line by line. */
    private string $said = '';
    /** @var array<int, true> rows that are printed with all they hold */
    private array $whole = [];
    /** @var array<int, array<string, bool>> whether a part of a row says what its piece does, by row and part */
    private array $same = [];
    /** @var array<int, true> rows that are constant no more */
    private array $unfixed = [];
    /** @var array<int, true> rows that are the value of an arrow */
    private array $inline = [];

    private readonly Program $program;
    private readonly Fingerprints $fingerprints;
    private readonly TypedNames $names;

    private function __construct(private readonly Analysis $analysis, private readonly Language $language, private readonly Handwriting $handwriting)
    {
        $this->program = $analysis->program;
        $this->fingerprints = $analysis->fingerprints;
        $this->names = new TypedNames($analysis->program, $handwriting->text, $language);
        $this->newLine = 1 === preg_match('/\r\n|\n|\r/', $handwriting->text, $match) ? $match[0] : "\n";
        $this->unit = 1 === preg_match('/(*ANYCRLF)^(\t|[ ]{1,8})[^\s]/m', $handwriting->text, $match) ? $match[1] : '    ';
        foreach ($handwriting->pieces as $index => $piece) {
            $this->pieces["$piece->id:$piece->part"] = [$piece, $handwriting->pieces[$index + 1]->start ?? \strlen($handwriting->text)];
        }
    }

    public static function print(Analysis $analysis, Language $language, Handwriting $handwriting): PrintedText
    {
        $printer = new self($analysis, $language, $handwriting);
        if (SharedText::saysTooLittle($printer->pieces, $analysis->program, $analysis->fingerprints)) {
            return $analysis->printed($language);
        }
        $printer->parted();
        $printer->program();
        $pieces = $language->notation()->indents || $printer->out === $handwriting->text ? null : BareBlocks::without($handwriting);
        if (null !== $pieces) {
            $printer = new self($analysis, $language, $handwriting);
            $printer->pieces = $pieces;
            $printer->parted();
            $printer->program();
        }

        return new PrintedText($printer->lines(), $printer->out);
    }

    /** Rows that had one text together are printed each by itself once something of them changed. */
    private function parted(): void
    {
        $reprinting = new Reprinting($this->pieces, $this->program, $this->fingerprints, $this->handwriting->text, $this->names, $this->language->notation(), fn (int $id): array => ($this->canonical ??= $this->printedForms())[$id] ?? []);
        $this->whole = $reprinting->whole;
        $this->same = $reprinting->same;
        $this->inline = $reprinting->inline;
        $this->unfixed = $reprinting->unfixed;
        foreach ($reprinting->printed as $id => $_) {
            if (isset($this->pieces["$id:head"])) {
                [$piece, $end] = $this->pieces["$id:head"];
                $this->pieces["$id:head"] = [new Piece($id, 'head', $piece->start, $piece->coreStart, $piece->coreEnd, -1, $piece->parent, $piece->tight), $end];
            }
        }
    }

    private function program(): void
    {
        $script = $this->program->script;
        $this->raw(0, 'prelude');
        foreach ($this->program->functions as $row) {
            $this->statement($row, '', null, false);
        }
        $this->raw($script->id, 'head');
        $hasBraces = isset($this->pieces["$script->id:head"]);
        $this->body($script, $script->body, $hasBraces ? $this->unit : '', null, false);
        $this->raw($script->id, 'close');
        foreach ($this->program->below as $row) {
            $this->statement($row, '', null, false);
        }
        $this->raw(0, 'end');
        if ($this->isPrinted) {
            $this->bringIn();
        }
    }

    /** Libraries that printed rows need and the typed text does not bring in. */
    private function bringIn(): void
    {
        $top = substr($this->out, 0, 4000);
        $lines = '';
        $prelude = $this->language->notation()->typed ? $this->headers() : $this->prelude;
        foreach ($prelude as $line) {
            if (str_contains($top, $line)) {
                continue;
            }
            preg_match_all('/\w+/', (string) preg_replace('/^from \w+|from ".*$/', '', $line), $names);
            $isModule = 1 === preg_match('/^import \w+$/', $line);
            $missing = [];
            foreach (array_diff($names[0], ['import', 'from', 'include']) as $name) {
                // `from collections import deque` does not bring in `collections`.
                $isThere = 1 === preg_match('/(*ANYCRLF)^(?:import|'.($isModule ? '' : 'from|').'#include|(?:const|let|var)\b(?=[^\r\n]*\brequire\())\b[^\r\n]*\b'.$name.'\b(?! +as)/m', $top);
                if (!$isThere && (str_starts_with($line, '#') || 1 === preg_match("/\\b$name\\b/", $this->said))) {
                    $missing[] = $name;
                }
            }
            if ([] !== $missing) {
                $lines .= (1 === preg_match('/^(.*\bimport )\{? ?[\w, ]+?( \} from .*)?$/D', $line, $match) && !$isModule ? $match[1].(isset($match[2]) ? '{ ' : '').implode(', ', $missing).($match[2] ?? '') : $line).$this->newLine;
            }
        }
        if ('' !== $lines) {
            $this->out = $lines.$this->out;
            $length = \strlen($lines);
            $this->marks = [[0, '0:prelude'], ...array_map(static fn (array $mark): array => [$mark[0] + $length, $mark[1]], $this->marks)];
        }
    }

    /** @return list<string> the headers that printed rows need: ours, or those of the language alone where that is enough */
    private function headers(): array
    {
        $isOurs = [] !== array_filter($this->needed, fn (string $name): bool => 1 === preg_match('/(?<!\w)'.preg_quote($name, '/').'(?!\w)/', $this->said));
        if ($isOurs) {
            return $this->prelude;
        }
        $tokens = array_values(array_filter($this->language->tokens($this->out, false), static fn (Token $token): bool => $token->isCode()));
        $headers = [];
        foreach ($this->language->missingLibraries($tokens, $this->out, $this->names->words()) as $mistake) {
            foreach ($mistake->fix as $fix) {
                $headers[] = rtrim($fix->text);
            }
        }

        return $headers;
    }

    /**
     * @param string                     $indent of the body's rows
     * @param array{string, string}|null $shift  the indent that a piece had where it was typed, and the one it gets
     */
    private function body(Statement $parent, Block $body, string $indent, ?array $shift, bool $forced): void
    {
        foreach ($body->statements as $row) {
            $piece = $forced ? null : ($this->pieces["$row->id:head"][0] ?? null);
            if (null !== $piece && $piece->parent === $parent->id && $this->startsLine($piece) && null === $shift) {
                $indent = $this->indentOf($piece);
                break;
            }
        }
        foreach ($body->statements as $row) {
            $this->statement($row, $indent, $shift, $forced, $parent->id);
        }
    }

    /** @param array{string, string}|null $shift */
    private function statement(Statement $row, string $indent, ?array $shift, bool $forced, ?int $parent = null): void
    {
        $found = $forced ? null : ($this->pieces["$row->id:head"] ?? null);
        $isTyped = null !== $found && ($this->saysTheSame($row, $found[0]) || $this->language->notation()->typed && TypedHeads::isShared($this->handwriting->text, $found[0]->coreStart));
        if (null !== $found && !$isTyped && $found[0]->coreStart === $found[0]->coreEnd && '}' === substr($this->handwriting->text, $found[0]->coreEnd, 1)) {
            // The step of a loop, whose place is that of the brace.
            $found = null;
        }
        if (null !== $found && null !== $parent && $found[0]->parent !== $parent && null === $shift && $this->startsLine($found[0])) {
            $shift = [$this->indentOf($found[0]), $indent];
        }
        if (null !== $shift && $isTyped) {
            $indent = $shift[1].substr($this->indentOf($found[0]), \strlen($shift[0]));
        } elseif (null !== $found && null === $shift && $this->startsLine($found[0])) {
            $indent = $this->indentOf($found[0]);
        }
        // What stood on one line with its rows is printed in full once something of it changed; and so is a function that stood in another row.
        $expands = !$isTyped && null !== $found && ($found[0]->tight || $this->language->notation()->indents && $found[0]->coreStart === $found[0]->coreEnd && $row instanceof FunctionDefinition && '' === $row->class());
        $forced = $forced || $expands || isset($this->whole[$row->id]);
        if ($isTyped) {
            $this->raw($row->id, 'head', $indent, $shift);
        } else {
            $this->printed($row->id, ['before', 'head', 'enter'], $indent, null !== $found && (!$found[0]->tight || isset($this->inline[$row->id])) ? $found : null);
        }
        if ($row->off) {
            if (!$isTyped) {
                $this->printedInside($row, $indent);
            }

            return;
        }
        if ($row instanceof Handler && $isTyped) {
            $this->part($row, 'enter', $indent.$this->unit, $shift, $forced);
        }
        $first = true;
        foreach ($row->bodies() as $name => $body) {
            if (!$first && ($row instanceof Conditional || $row instanceof Attempt)) {
                $this->part($row, $name, $indent, $shift, $forced);
            }
            $first = false;
            $inner = $indent.$this->unit;
            $this->body($row, $body, $inner, $shift, $forced);
            if ($body->isSilent()) {
                $this->part($row, "$name-empty", $inner, $shift, $forced);
            }
        }
        if ([] !== $row->bodies()) {
            if (!$isTyped) {
                $this->printed($row->id, ['after'], $indent, null);
            }
            $this->part($row, 'close', $indent, $shift, $forced);
        }
        if ($row instanceof FunctionDefinition && !$isTyped && null === $found) {
            $this->printed($row->id, ['gap'], $indent, null);
        }
    }

    private function saysTheSame(Statement $row, Piece $piece): bool
    {
        // What is printed with another row says nothing any more.
        return -1 !== $piece->fingerprint && ($this->same[$row->id][$piece->part] ?? $piece->fingerprint === $this->fingerprints->of($row, $piece->part, $piece->tight));
    }

    /** @param array{string, string}|null $shift */
    private function part(Statement $row, string $part, string $indent, ?array $shift, bool $forced): void
    {
        $found = $forced ? null : ($this->pieces["$row->id:$part"] ?? null);
        if (null !== $found && $this->saysTheSame($row, $found[0])) {
            $this->raw($row->id, $part, $indent, $shift);
        } elseif (!isset($this->pieces["$row->id:head"]) || $forced || null !== $found || 'close' !== $part) {
            $this->printed($row->id, [$part], $indent, $found);
        }
    }

    /** The rows of a row that is switched off, which stand as remarks. */
    private function printedInside(Statement $row, string $indent): void
    {
        foreach ($row->bodies() as $name => $body) {
            if ('body' !== $name && 'then0' !== $name) {
                $this->printed($row->id, [$name], $indent, null);
            }
            foreach ($body->statements as $inner) {
                $this->printed($inner->id, ['before', 'head', 'enter'], $indent, null);
                $this->printedInside($inner, $indent);
            }
            $this->printed($row->id, ["$name-empty"], $indent, null);
        }
        $this->printed($row->id, ['after', 'close'], $indent, null);
    }

    /** Whether nothing but space, or rows that do nothing, stands before a piece on its line. */
    private function startsLine(Piece $piece): bool
    {
        $text = $this->handwriting->text;
        $lead = self::withoutRemarks(substr($text, $piece->start, $piece->coreStart - $piece->start));
        $isFresh = 0 === $piece->start || "\n" === $text[$piece->start - 1] || "\r" === $text[$piece->start - 1];

        return $isFresh && '' === trim($lead, " \t\f\r\n;\xEF\xBB\xBF") || 1 === preg_match('/[\r\n][ \t\f;]*$/D', $lead);
    }

    private function indentOf(Piece $piece): string
    {
        $lead = self::withoutRemarks(substr($this->handwriting->text, $piece->start, $piece->coreStart - $piece->start));

        return 1 === preg_match('/([ \t]*)[ \t;]*$/D', $lead, $match) ? $match[1] : '';
    }

    /** What stands before a piece without the remarks beside it on its line, and the space behind them. */
    private static function withoutRemarks(string $lead): string
    {
        return str_contains($lead, '/*') ? (string) preg_replace('~(?:/\*(?:[^*]++|\*(?!/))*+\*/[ \t]*)++$~D', '', $lead) : $lead;
    }

    /**
     * A piece as it was typed.
     *
     * @param array{string, string}|null $shift
     */
    private function raw(int $id, string $part, string $indent = '', ?array $shift = null): void
    {
        $found = $this->pieces["$id:$part"] ?? null;
        if (null === $found) {
            return;
        }
        [$piece, $end] = $found;
        $text = substr($this->handwriting->text, $piece->start, $end - $piece->start);
        $lead = $piece->coreStart - $piece->start;
        $starts = $this->startsLine($piece);
        if ($starts && !$this->atLineStart()) {
            $this->out .= $this->newLine;
        } elseif (!$starts && $this->atLineStart() && $piece->coreEnd > $piece->coreStart && $piece->start > 0 && !\in_array($this->handwriting->text[$piece->start - 1], ["\n", "\r"], true)) {
            $text = $indent.substr($text, $lead);
            $lead = \strlen($indent);
        }
        if (null !== $shift && $starts && '' !== $text) {
            [$was, $is] = $shift;
            $lines = (string) preg_replace('/(*ANYCRLF)^'.preg_quote($was, '/').'/m', str_replace(['\\', '$'], ['\\\\', '\\$'], $is), $text);
            $lead += \strlen($is) - \strlen($was);
            $text = str_contains(substr($text, $lead), '"""') ? $is.ltrim($text) : $lines;
        }
        if (str_contains(substr($text, 0, max(0, $lead)), "\n") || str_contains(substr($text, 0, max(0, $lead)), "\r")) {
            $this->marks[] = [\strlen($this->out), 'head' === $part ? "$id:above" : "$id:$part"];
        }
        $this->marks[] = [\strlen($this->out) + max(0, $lead), "$id:$part"];
        $this->out .= $text;
    }

    private function atLineStart(): bool
    {
        $last = substr($this->out, -1);

        return '' === $last || "\n" === $last || "\r" === $last;
    }

    /**
     * Lines as the language prints them, in the place of a piece if there was one.
     *
     * @param list<string>           $parts
     * @param array{Piece, int}|null $found
     */
    private function printed(int $id, array $parts, string $indent, ?array $found): void
    {
        $this->canonical ??= $this->printedForms();
        $lines = array_values(array_filter($this->canonical[$id] ?? [], static fn (Line $line): bool => \in_array(explode(':', $line->anchor)[1], $parts, true)));
        $lines = $this->language->notation()->typed ? TypedHeads::withoutShared($lines, $this->handwriting->text) : $lines;
        if ([] === $lines) {
            $behind = null === $found ? '' : substr($this->handwriting->text, $found[0]->coreEnd, $found[1] - $found[0]->coreEnd);
            // What has no text in the language may stand before the end of a line all the same.
            $this->out .= !$this->atLineStart() && 1 === preg_match('/^[ \t]*[\r\n]/', $behind) ? $behind : '';

            return;
        }
        $this->isPrinted = $this->isPrinted || !$this->areRemarks($lines);
        $base = \strlen($lines[0]->text) - \strlen(ltrim($lines[0]->text));
        $lead = $trail = null;
        if (null !== $found) {
            [$piece, $end] = $found;
            $lead = substr($this->handwriting->text, $piece->start, $piece->coreStart - $piece->start);
            $trail = $this->trailOf($piece, $end, $lines);
            if (!isset($this->unfixed[$id])) {
                $lines = TypedHeads::of($lines, substr($this->handwriting->text, $piece->coreStart, $piece->coreEnd - $piece->coreStart), $this->language->notation());
            }
            if (!$this->startsLine($piece)) {
                $isTextless = $piece->coreStart === $piece->coreEnd;
                $lead = $this->atLineStart() ? $indent : ($isTextless ? null : '');
            } elseif (str_ends_with($lead, $was = $this->indentOf($piece))) {
                // It may stand in another row now.
                $lead = substr($lead, 0, \strlen($lead) - \strlen($was)).$indent;
            }
            if ($this->areRemarks($lines)) {
                // Behind the sign of a remark nothing else has a place in the line.
                $lead = $this->atLineStart() || $this->startsLine($piece) ? $lead : null;
                $trail = null !== $trail && 1 === preg_match('/[\r\n]/', $trail) ? $trail : null;
            }
        }
        if (null === $lead && !$this->atLineStart()) {
            $this->out = rtrim($this->out, " \t").$this->newLine;
        }
        if (isset($this->inline[$id])) {
            $value = (string) preg_replace('/^\s*(?:return )?|;$/D', '', $lines[0]->text);
            $lines[0] = new Line($lines[0]->anchor, str_starts_with($value, '{') ? "($value)" : $value);
            $trail = null !== $found ? substr($this->handwriting->text, $found[0]->coreEnd, $found[1] - $found[0]->coreEnd) : $trail;
        }
        foreach ($lines as $index => $line) {
            $this->said .= $line->text."\n";
            if (0 === $index && null !== $lead) {
                if (str_contains($lead, "\n")) {
                    $this->marks[] = [\strlen($this->out), "$id:above"];
                }
                $this->out .= $lead;
                $this->marks[] = [\strlen($this->out), $line->anchor];
                $this->out .= ltrim($line->text);
            } else {
                $this->marks[] = [\strlen($this->out), $line->anchor];
                $deeper = intdiv(max(0, \strlen($line->text) - \strlen(ltrim($line->text)) - $base), 4);
                $this->out .= '' === $line->text ? '' : $indent.str_repeat($this->unit, $deeper).ltrim($line->text);
            }
            $isLast = $index === \count($lines) - 1;
            $this->out .= $isLast && null !== $trail ? $trail : $this->newLine;
        }
    }

    /**
     * What stood behind a piece up to the next one, where it can stand behind what is printed in its place, too.
     *
     * @param non-empty-list<Line> $lines
     */
    private function trailOf(Piece $piece, int $end, array $lines): ?string
    {
        $trail = substr($this->handwriting->text, $piece->coreEnd, $end - $piece->coreEnd);
        if (1 === preg_match('/^[ \t]*(;?)[ \t]*$/D', $trail, $match) && '' !== $trail && $end < \strlen($this->handwriting->text)) {
            // Another row goes on in the line.
            $opens = str_ends_with($lines[0]->text, '{') && isset($this->whole[$piece->id]) || str_ends_with($lines[0]->text, ':');

            return 1 === \count($lines) && !$opens ? (';' === $match[1] && str_ends_with($lines[0]->text, ';') ? ' ' : $trail) : null;
        }

        if ('' === $trail && 1 === preg_match('/\G[\r\n]/', $this->handwriting->text, $match, 0, $end)) {
            // What has no text of its own stands between it and the end of its line.
            return '';
        }

        return '' !== $trail && 1 === preg_match('/^;?[ \t]*(?:[\r\n]|$|#|\/\/|\/\*)/', $trail) ? ltrim($trail, ';') : null;
    }

    /** @param list<Line> $lines */
    private function areRemarks(array $lines): bool
    {
        $sign = $this->language->notation()->remark;

        return [] === array_filter($lines, static fn (Line $line): bool => !str_starts_with(ltrim($line->text), $sign));
    }

    /** @return array<int, list<Line>> */
    private function printedForms(): array
    {
        $forms = [];
        $names = new BroughtNames($this->handwriting->text, $this->language);
        $typed = TypedDeclarations::of($this->program, $this->handwriting, $this->language);
        $printed = $this->analysis->printedBeside($typed, $this->names, $this->language);
        $this->needed = $printed->needed;
        foreach ($printed->lines as $line) {
            $id = (int) $line->anchor;
            if (0 === $id || $this->program->script->id === $id) {
                if (1 === preg_match('/^(?:import|from|#include)\b/', $line->text)) {
                    $this->prelude[] = $line->text;
                }
                continue;
            }
            $forms[$id][] = new Line($line->anchor, $names->in($line->text));
        }

        return $forms;
    }

    /** @return list<Line> */
    private function lines(): array
    {
        $lines = [];
        $offset = 0;
        $mark = 0;
        $anchor = '0:prelude';
        foreach (preg_split('/\r\n|\n|\r/', $this->out, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$text, $offset]) {
            $own = null;
            while (isset($this->marks[$mark]) && $this->marks[$mark][0] <= $offset + \strlen($text)) {
                [$at, $name] = $this->marks[$mark];
                $isWhole = $at >= $offset;
                $anchor = $name;
                if ($isWhole && (null === $own || str_ends_with($own, ':above') && '' !== $text)) {
                    $own = $name;
                }
                ++$mark;
            }
            $lines[] = new Line($own ?? $anchor, $text);
        }
        if ('' === ($lines[\count($lines) - 1]->text ?? '') && 1 < \count($lines)) {
            array_pop($lines);
        }

        return $this->facingStart($lines);
    }

    /**
     * As in the printed form, the last import faces the row that starts the program, where the language has no line
     * of its own for that.
     *
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    private function facingStart(array $lines): array
    {
        $script = $this->program->script->id;
        if ([] !== $this->program->functions || isset($this->pieces["$script:head"])) {
            return $lines;
        }
        $last = null;
        foreach ($lines as $index => $line) {
            if ('0:prelude' === $line->anchor && '' !== trim($line->text)) {
                $last = $index;
            }
        }
        if (null !== $last) {
            $lines[$last] = new Line("$script:head", $lines[$last]->text);
        }

        return array_values($lines);
    }
}
