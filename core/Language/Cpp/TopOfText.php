<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Program;

/**
 * What stands at the top of a printed text of C++: our own library where something of it is used, or where a program that is
 * still to be written has a thing to move; else the headers that declare what is used, and their namespace opened.
 */
final readonly class TopOfText
{
    /** Besides functions: things that our library has, and the form of one that shares its name with a word for streams. */
    private const OURS = ['DrivePair', 'SurfaceSensor', 'RangeSensor', 'Lamp', 'fixed('];
    /** What stands before a round bracket and is no function. */
    private const NO_CALLS = ['if', 'while', 'for', 'switch', 'catch', 'return', 'sizeof', 'int', 'double', 'bool', 'char', 'long', 'auto', 'main', 'operator', 'decltype', 'float', 'short', 'unsigned', 'throw'];

    /** @var array<string, true> the words that stand in the text, those before a round bracket with it */
    private array $words;
    /** @var list<string> names of the program that stand outside of every function */
    private array $outside;
    /** @var array<string, bool> names that the program gives a meaning */
    private array $own;

    /**
     * @param list<Line>          $lines     of the text below
     * @param array<string, bool> $taken     names of variables, parameters and functions
     * @param list<string>        $variables those that functions reach for
     */
    public function __construct(private Program $program, array $lines, array $taken, array $variables)
    {
        $functions = array_map(static fn (FunctionDefinition $function): string => $function->shortName(), $program->definitions());
        $classes = array_map(static fn (ClassDefinition $class): string => $class->name, $program->classes());
        $this->outside = [...$variables, ...$functions, ...$classes];
        $this->own = $taken + array_fill_keys([...$functions, ...$classes], true);
        // What literals and remarks say is none of it.
        $code = (string) preg_replace('/"(?:[^"\\\\\n]|\\\\.)*"|\'(?:[^\'\\\\\n]|\\\\.)+\'|\/\/.*$/m', '""', implode("\n", array_map(static fn (Line $line): string => $line->text, $lines)));
        preg_match_all('/(?<![\w.\x80-\xff]|->|::)(?:std::)?\K[A-Za-z][\w\x80-\xff]*+(?:\(|(?=<[^;()]*>\()|(?![\w\x80-\xff]))/', $code, $words);
        $this->words = array_fill_keys($words[0], true);
    }

    /** @return list<string> what is used that only our own library has */
    public function ours(): array
    {
        $known = HeaderNames::headers();
        $things = array_fill_keys([...SceneName::objects(), ...self::OURS], true);
        $ours = [];
        foreach ($this->words as $word => $_) {
            $name = rtrim((string) $word, '(');
            if (!isset($this->own[$name]) && (isset($things[$word]) || $name !== $word && !isset($known[$name]) && !\in_array($name, self::NO_CALLS, true))) {
                $ours[] = $name;
            }
        }

        return $ours;
    }

    /** @return list<string> with an empty one below; none where a row of the program brings in our library itself */
    public function lines(bool $needsOurs): array
    {
        foreach ($this->program->functions as $row) {
            if ($row instanceof Import && Language::Cpp->value === $row->language && str_contains($row->text, 'scrivlet.hpp')) {
                return [];
            }
        }
        $brought = BroughtIn::lines($this->program);
        $isEmpty = [] === $this->program->functions && [] === $this->program->script->body->statements;
        if ($needsOurs || $isEmpty && SceneName::Printout->value !== $this->program->setting->scene) {
            return ['#include "scrivlet.hpp"', ...$brought, ''];
        }

        return [...$this->standard($brought), ''];
    }

    /**
     * @param list<string> $brought what the program's own text brings in
     *
     * @return list<string>
     */
    private function standard(array $brought): array
    {
        $known = HeaderNames::headers();
        $words = array_map(static fn (string|int $word): string => rtrim((string) $word, '('), array_keys($this->words));
        $used = array_diff_key(array_intersect_key($known, array_fill_keys($words, true)), $this->own);
        $headers = array_fill_keys(['iostream', ...array_values($used)], true);
        $top = array_values(array_filter($brought, static fn (string $line): bool => str_starts_with($line, '#')));
        $hasAll = \in_array('#include <bits/stdc++.h>', $top, true);
        foreach (HeaderNames::all() as $header) {
            if (isset($headers[$header]) && !$hasAll && !\in_array("#include <$header>", $top, true)) {
                $top[] = "#include <$header>";
            }
        }
        $hiding = array_filter($this->outside, static fn (string $name): bool => isset($known[$name]) || Names::isGlobalInCpp($name));
        if ([] === $hiding) {
            return [...$top, 'using namespace std;'];
        }
        $opened = array_map(static fn (string $name): string => "using std::$name;", array_values(array_diff(array_keys($used), HeaderNames::OUTSIDE, $this->outside)));

        return array_values(array_unique([...$top, ...$brought, ...$opened]));
    }
}
