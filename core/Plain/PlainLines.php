<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/** A program's text in plain words, line by line. */
final class PlainLines
{
    private const BRINGS_IN = '/^\s*(?:import|from|#\s*include|using|const|let|var)\b/';

    private readonly Phrases $phrases;
    /** @var array<int, Statement> rows by id */
    private array $rows = [];
    /** @var array<int, PlainRow> by row id: what says its sentences */
    private array $speakers = [];
    /** @var array<int, int> id of the row that holds it, by row id */
    private array $parents = [];
    /** @var array<int, list<array{int, string}>> rows and parts that have no line of their own, by the line they stand on */
    private array $sharing = [];
    /** @var list<Line> */
    private readonly array $lines;

    private function __construct(private readonly Analysis $analysis, Language $language, string $locale)
    {
        $this->phrases = new Phrases($locale);
        $this->lines = $analysis->text($language)->lines;
        foreach ($analysis->program->parts() as $part) {
            foreach (Walk::statements([$part]) as $row) {
                $this->rows[$row->id] = $row;
                foreach ($row->bodies() as $body) {
                    foreach ($body->statements as $inner) {
                        $this->parents[$inner->id] = $row->id;
                    }
                }
            }
        }
        $script = new PlainRow($this->phrases, $analysis->types(), $analysis->program->script);
        $this->speakers = array_fill_keys(array_keys($this->rows), $script);
        foreach ($analysis->program->definitions() as $function) {
            $speaker = new PlainRow($this->phrases, $analysis->types(), $function);
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

    /** Rows that begin within a line are read out with it. */
    private function share(): void
    {
        $first = [];
        foreach ($this->lines as $number => $line) {
            $first[$line->anchor] ??= $number;
        }
        $at = 0;
        foreach ($this->rows as $id => $row) {
            $own = $first["$id:head"] ?? null;
            if (null === $own && !$row instanceof Script) {
                $this->sharing[$at][] = [$id, 'head'];
            }
            $at = $own ?? $at;
        }
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
            $sentences[] = match (true) {
                null === $row, $row instanceof Script && 1 === preg_match(self::BRINGS_IN, $line->text) => $this->aroundRows($line->text),
                $line->anchor === $before => $this->phrases->sentence($this->phrases->fill('goes_on')),
                default => $this->sentence($row, $part, $number),
            };
            $before = $line->anchor;
        }

        return $sentences;
    }

    private function sentence(Statement $row, string $part, int $number): string
    {
        $said = $this->phrases->sentence($this->speakers[$row->id]->phrase($row, $this->part($row, $part), $this->below($row, $part, $number)));
        foreach ($this->sharing[$number] ?? [] as [$id, $inner]) {
            $said .= ' '.$this->phrases->sentence($this->speakers[$id]->phrase($this->rows[$id], $inner, 0));
        }

        return $said;
    }

    /** Parts that printers make for looks say what the row's head says. */
    private function part(Statement $row, string $part): string
    {
        return 'close' === $part || 'otherwise' === $part || str_starts_with($part, 'then') ? $part : 'head';
    }

    /** How many lines below stand in this part of the row: those that have words, and are not the ends of others. */
    private function below(Statement $row, string $part, int $number): int
    {
        $count = 0;
        for ($line = $number + 1; $line < \count($this->lines); ++$line) {
            [$id, $inner] = [...explode(':', $this->lines[$line]->anchor), ''];
            if (!$this->holds($row->id, (int) $id)) {
                if ($this->lines[$line]->anchor === "$row->id:$part" || '' === trim($this->lines[$line]->text)) {
                    continue;
                }
                break;
            }
            if ('close' !== $inner && '' !== trim($this->lines[$line]->text)) {
                ++$count;
            }
        }

        return $count;
    }

    private function holds(int $outer, int $inner): bool
    {
        while (isset($this->parents[$inner])) {
            $inner = $this->parents[$inner];
            if ($inner === $outer) {
                return true;
            }
        }

        return false;
    }

    /** What a language wants around the rows. */
    private function aroundRows(string $text): string
    {
        $speaker = new PlainRow($this->phrases, $this->analysis->types(), $this->analysis->program->script);

        return $this->phrases->sentence(1 === preg_match(self::BRINGS_IN, $text) ? $speaker->import($text) : $this->phrases->fill('around'));
    }
}
