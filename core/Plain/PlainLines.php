<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Walk;

/** A program's text in plain words, line by line. */
final class PlainLines
{
    /** What stands above a row or at its side, on a line of its own. */
    private const ASIDE = '/^\s*(?:@\w[\w.]*(?:\(.*\))?\s*(?:#.*)?|template\s*<[^<>]*>\s*|(?:public|private|protected)\s*:\s*|(?!(?:else|try|finally|default)\b)\w+\s*:\s*|\{\s*(?:\/\/.*)?)$/';
    private const BRINGS_IN = '/^\s*(?:import|from|#\s*include|using|const|let|var)\b/';
    private const ENDS_WELL = '/^\s*return\s+(?:0|EXIT_SUCCESS)\s*;/';

    private readonly Phrases $phrases;
    private readonly LanguageLine $asides;
    private readonly WrittenNames $written;
    /** @var array<int, Statement> rows by id */
    private array $rows = [];
    /** @var array<int, PlainRow> by row id: what says its sentences */
    private array $speakers = [];
    /** @var array<int, array{int, string}> the row that holds it, and the part of that row, by row id */
    private array $parents = [];
    /** @var array<string, int> how many lines stand in a part of a row, by its anchor */
    private array $below = [];
    /** @var array<int, list<array{int, string}>> rows and parts that have no line of their own, by the line they stand on */
    private array $sharing = [];
    /** @var list<Line> */
    private readonly array $lines;

    private function __construct(private readonly Analysis $analysis, Language $language, string $locale)
    {
        $this->phrases = new Phrases($locale);
        $this->asides = new LanguageLine($this->phrases);
        $this->lines = $analysis->text($language)->lines;
        $this->written = WrittenNames::of($analysis->text($language)->text());
        foreach ($analysis->program->parts() as $part) {
            foreach (Walk::statements([$part]) as $row) {
                $this->rows[$row->id] = $row;
                foreach (array_keys($row->bodies()) as $number => $name) {
                    foreach ($row->bodies()[$name]->statements as $inner) {
                        $this->parents[$inner->id] = [$row->id, 0 === $number ? 'head' : $name];
                    }
                }
            }
        }
        $this->countBelow();
        $script = new PlainRow($this->phrases, $analysis->types(), $analysis->program->script, $this->written);
        $this->speakers = array_fill_keys(array_keys($this->rows), $script);
        foreach ($analysis->program->definitions() as $function) {
            $speaker = new PlainRow($this->phrases, $analysis->types(), $function, $this->written);
            foreach (Walk::statements([$function]) as $row) {
                $this->speakers[$row->id] = $speaker;
            }
        }
    }

    /** @return list<string> a sentence for each line of the text, empty for an empty line */
    public static function of(Analysis $analysis, Language $language, string $locale): array
    {
        $lines = new self($analysis, $language, $locale);
        // Only a person writes several rows on a line.
        if (isset($analysis->program->handwriting[$language->value])) {
            $lines->share();
        }

        return $lines->sentences();
    }

    /** What is said of a line that belongs to the one above it. */
    public static function goesOn(string $locale): string
    {
        $phrases = new Phrases($locale);

        return $phrases->sentence($phrases->fill('goes_on'));
    }

    /** Rows that begin within a line are read out with it. */
    private function share(): void
    {
        $first = [];
        foreach ($this->lines as $number => $line) {
            if (!$this->isAside($line)) {
                $first[$line->anchor] ??= $number;
            }
        }
        $at = 0;
        foreach ($this->rows as $id => $row) {
            $own = $first["$id:head"] ?? null;
            // Behind the row before it, or behind the part that holds it: `else print(2)`.
            $at = $own ?? max($at, $first[implode(':', $this->parents[$id] ?? [])] ?? 0);
            if (null === $own && !$row instanceof Script) {
                $this->sharing[$at][] = [$id, 'head'];
            }
        }
    }

    /** Whether a line says nothing of its row: a decorator that is a function of the program does. */
    private function isAside(Line $line): bool
    {
        return 1 === preg_match(self::ASIDE, $line->text) && !($this->rows[(int) $line->anchor] ?? null) instanceof SetVariable;
    }

    /** Whether reading has put it in, to remember what the text only means, by a name that no text has. */
    private function isUnwritten(Statement $row): bool
    {
        return $row instanceof SetVariable && $row->value instanceof TruthLiteral && !$this->written->has($row->variable);
    }

    /** @return list<string> */
    private function sentences(): array
    {
        $sentences = [];
        $before = '';
        foreach ($this->lines as $number => $line) {
            [$id, $part] = [...explode(':', $line->anchor), ''];
            $row = $this->rows[(int) $id] ?? null;
            if ('' === trim($line->text)) {
                $sentences[] = '';
                continue;
            }
            if ($this->isAside($line)) {
                $sentences[] = $this->phrases->sentence($this->asides->phrase($line->text));
                continue;
            }
            if ($row instanceof Conditional && 'head' !== $part && 1 === preg_match('/^\s*break\s*;?\s*$/', $line->text)) {
                $sentences[] = $this->phrases->sentence($this->phrases->fill('end.case'));
                continue;
            }
            $sentences[] = match (true) {
                null === $row, $row instanceof Script && 1 === preg_match(self::BRINGS_IN, $line->text) => $this->phrases->sentence($this->asides->phrase($line->text)),
                $row instanceof Script && 1 === preg_match(self::ENDS_WELL, $line->text) => $this->phrases->sentence($this->phrases->fill('line.ends_well')),
                $line->anchor === $before && 1 !== preg_match('/^\s*\}/', $line->text) => $this->phrases->sentence($this->phrases->fill('goes_on')),
                default => $this->sentence($row, self::part($row, $part), $number),
            };
            $before = $line->anchor;
        }

        return $sentences;
    }

    private function sentence(Statement $row, string $part, int $number): string
    {
        $rows = [[$row->id, $part], ...$this->sharing[$number] ?? []];
        $rows = array_values(array_filter($rows, fn (array $one): bool => !$this->isUnwritten($this->rows[$one[0]]))) ?: $rows;
        $said = [];
        foreach ($rows as $at => [$id, $inner]) {
            $said[] = $this->said($this->rows[$id], $inner, 0 === $at ? $this->below["$id:$inner"] ?? 0 : 0);
        }

        return implode(' ', $said);
    }

    private function said(Statement $row, string $part, int $lines): string
    {
        return $this->phrases->sentence($this->speakers[$row->id]->phrase($row, $part, $lines));
    }

    /** Parts that printers make for looks say what the row's head says. */
    private static function part(Statement $row, string $part): string
    {
        return $row instanceof Attempt || 'close' === $part || 'otherwise' === $part || str_starts_with($part, 'then') ? $part : 'head';
    }

    /** Counts the lines that stand in each part of each row: those that have words, and are not the ends of others. */
    private function countBelow(): void
    {
        foreach ($this->lines as $line) {
            [$id, $part] = [...explode(':', $line->anchor), ''];
            if ('close' === $part || '' === trim($line->text)) {
                continue;
            }
            for ($row = (int) $id; isset($this->parents[$row]); $row = $outer) {
                [$outer, $in] = $this->parents[$row];
                $this->below["$outer:$in"] = ($this->below["$outer:$in"] ?? 0) + 1;
            }
        }
    }
}
