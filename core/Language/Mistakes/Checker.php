<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\LibraryValues;
use Scrivlet\Core\Language\Parsing\NameUse;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Parsing\Vocabulary;
use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Program;

/** Mistakes that only the whole program shows: names that mean nothing, and values that do not go together. */
final readonly class Checker
{
    /** What each language brings along beside the tables. */
    private const BUILT_IN = [
        'python' => ['print', 'range', 'list', 'dict', 'str', 'int', 'float', 'bool', 'len', 'input', 'nib', 'barrow', 'lantern', 'mower', 'random', 'math', 'time', 'scrivlet'],
        'javascript' => ['console', 'Math', 'Object', 'Array', 'String', 'Number', 'Boolean', 'parseInt', 'parseFloat', 'prompt', 'nib', 'barrow', 'lantern', 'mower', 'process', 'NaN', 'Infinity'],
        'cpp' => ['cout', 'cin', 'endl', 'nib', 'std', 'string', 'main', 'pow', 'getline', 'rand', 'nullopt', 'barrow', 'lantern', 'mower'],
    ];

    /** Functions of theirs that are no values here yet. */
    private const NO_VALUES = ['python' => ['print' => true, 'range' => true, 'dict' => true], 'javascript' => ['parseInt' => true], 'cpp' => []];

    private Semantics $facts;
    private Notation $notation;

    public function __construct(private ExpressionParser $parser, private Program $program, private Types $types, private Language $language, private string $scene)
    {
        $this->facts = $language->semantics();
        $this->notation = $language->notation();
    }

    /** @return list<Mistake> those that the parser found, and these */
    public function mistakes(): array
    {
        return [...$this->parser->mistakes, ...$this->names(), ...$this->sums(), ...$this->scenes(), ...$this->early(), ...$this->parser->missingLibraries()];
    }

    /** @return list<Mistake> */
    private function names(): array
    {
        $mistakes = $said = [];
        $builtIn = array_fill_keys(self::BUILT_IN[$this->language->value], true);
        foreach ($this->parser->symbols->reads as $use) {
            $name = $use->name;
            if (isset(self::NO_VALUES[$this->language->value][$name]) && !$use->called && !isset($said[$name]) && !isset($this->parser->symbols->writes[$this->parser->symbols->holderOf($name, $use->scope)][$name]) && !isset($this->parser->symbols->functions[$name])) {
                $mistakes[] = new Mistake('unsupported', $use->offset, \strlen($name), ['what' => $name]);
                $said[$name] = true;
            }
            if (isset($said[$name]) || isset($builtIn[$name]) || isset($this->parser->symbols->silenced[$name]) || isset($this->parser->symbols->functions[$name]) && !isset($this->parser->symbols->writes[''][$name])) {
                continue;
            }
            $holder = $this->parser->symbols->holderOf($name, $use->scope);
            $own = '' === $holder ? null : $this->parser->symbols->writes[$holder][$name] ?? null;
            $known = $own ?? $this->parser->symbols->writes[''][$name] ?? null;
            if (null === $known && !$use->called && null !== LibraryValues::named($name, $this->language)) {
                continue;
            }
            if (null === $known) {
                $mistake = $this->unknown($use);
                if ($use->tried && !$this->facts->typed && \in_array($mistake->kind, ['unknown_name', 'unknown_function'], true)) {
                    // That nothing has this name is what is tried.
                    continue;
                }
                $mistakes[] = $mistake;
                $said[$name] = true;
            } elseif (($holder === $use->scope || '' === $holder) && $this->isTooEarly($use, '' === $holder ? $this->parser->symbols->writes[$use->scope][$name] ?? null : $own)) {
                $mistakes[] = new Mistake('before_value', $use->offset, \strlen($name), ['name' => $name]);
                $said[$name] = true;
            }
        }

        return $mistakes;
    }

    /** A name that is read above the first row that gives it a value, with no loop around both. */
    private function isTooEarly(NameUse $use, ?int $written): bool
    {
        if (null === $written || $written <= $use->offset) {
            return false;
        }
        foreach ($use->loops as $loop) {
            if ($written > $loop) {
                return false;
            }
        }

        // A name may get its value in the condition of the choice before which it stands (The Python Language Reference, 6.13).
        return !isset($this->parser->symbols->functions[$use->name]) && 1 !== preg_match('/\G\w+\s*:=/', $this->parser->source(), $match, 0, $written);
    }

    private function unknown(NameUse $use): Mistake
    {
        $name = $use->name;
        $length = \strlen($name);
        $known = [
            ...array_keys($this->parser->symbols->writes[$use->scope] ?? []), ...array_keys($this->parser->symbols->writes['']), ...array_keys($this->parser->symbols->functions),
            ...self::BUILT_IN[$this->language->value],
        ];
        if ($use->called) {
            $known = [...$known, ...array_keys(SpellingIndex::of($this->language)->functions)];
        }
        if ($this->facts->typed && str_contains($use->scope, '.')) {
            // What its object keeps is there by its bare name.
            $known = [...$known, ...array_keys($this->parser->classes->fieldNames)];
        }
        $known = array_map(strval(...), $known);
        if ($this->facts->asksObjects && 1 === preg_match('/^__\w+__$/D', $name)) {
            // `__rmul__ = __mul__` gives a method another name.
            return new Mistake('unsupported', $use->offset, $length, ['what' => $name]);
        }
        if (str_contains($use->scope, '.') && !$this->facts->typed) {
            if (isset($this->parser->classes->fieldNames[$name])) {
                $itself = $this->notation->itself;

                return new Mistake('object_wanted', $use->offset, $length, ['name' => $name, 'near' => "$itself.$name"], [new Replacement($use->offset, 0, "$itself.")]);
            }
            if ('self' === $name && $name === $this->notation->itself) {
                return new Mistake('self_missing', $use->offset, $length, ['name' => substr($use->scope, 1 + (int) strpos($use->scope, '.'))]);
            }
        }
        if (!$use->called && (isset(SpellingIndex::of($this->language)->functions[$name]) || RealNames::isCalled($name, $this->language))) {
            // A function of the language's own, handed over or kept by its name.
            return new Mistake('unsupported', $use->offset, $length, ['what' => $name]);
        }
        if ($use->called && $this->facts->typed && 1 === preg_match('/(?<![.\w])'.Names::asPattern($name).'\s*\([^;{}]*\)\s*(?:const\s*|noexcept\s*|->\s*[\w:<>, ]+)*\{/', $this->parser->source())) {
            // The text has it, in rows that are not read yet.
            return new Mistake('unsupported', $use->offset, $length, ['what' => "$name(…)"]);
        }
        foreach ($known as $candidate) {
            if (strtolower($candidate) === strtolower($name)) {
                return new Mistake('capitals', $use->offset, $length, ['name' => $name, 'near' => $candidate], [new Replacement($use->offset, $length, $candidate)]);
            }
        }
        if (!$use->called && null !== Ink::tryFrom($name)) {
            return new Mistake('quotes_missing', $use->offset, $length, ['name' => $name], [new Replacement($use->offset, $length, "\"$name\"")]);
        }
        $near = Names::nearest($name, $known);
        if (null === $near && $use->called) {
            $command = Names::nearest($name, Vocabulary::methods($this->language, 'nib'));
            if (null !== $command) {
                return new Mistake('object_missing', $use->offset, $length, ['name' => $command, 'object' => 'nib'], [new Replacement($use->offset, $length, "nib.$command")]);
            }
        }
        if ('arguments' === $name && \in_array($name, $this->notation->kept, true) && '' !== $use->scope) {
            return new Mistake('unsupported', $use->offset, $length, ['what' => $name]);
        }
        if ($this->notation->indents && 1 === preg_match('/^[ \t]*from[ \t]+\w+[ \t]+import\b[^\n]*\b'.Names::asPattern($name).'\b/m', $this->parser->source())) {
            // It was brought in, and is given what is not read yet.
            return new Mistake('unsupported', $use->offset, $length, ['what' => $name.($use->called ? '(…)' : '')]);
        }
        if (null === $near || $length < 2) {
            return new Mistake($use->called ? 'unknown_function' : 'unknown_name', $use->offset, $length, ['name' => $name]);
        }

        return new Mistake($use->called ? 'misspelt_function' : 'misspelt_name', $use->offset, $length, ['name' => $name, 'near' => $near], [new Replacement($use->offset, $length, $near)]);
    }

    /** @return list<Mistake> calls of functions that are not known yet */
    private function early(): array
    {
        $mistakes = $said = [];
        foreach ($this->parser->symbols->wanted as $token) {
            if ($token->offset < ($this->parser->symbols->known[$token->text] ?? 0) && !isset($said[$token->text])) {
                $mistakes[] = new Mistake('called_early', $token->offset, \strlen($token->text), ['name' => $token->text]);
                $said[$token->text] = true;
            }
        }

        return $mistakes;
    }

    /** @return list<Mistake> */
    private function scenes(): array
    {
        $mistakes = [];
        foreach ($this->parser->ofScenes() as [$scene, $token]) {
            if ($scene->value !== $this->scene) {
                $mistakes[] = new Mistake('other_scene', $token->offset, \strlen($token->text), ['name' => $token->text, 'object' => (string) $scene->object()]);
            }
        }

        return $mistakes;
    }

    /** @return list<Mistake> */
    private function sums(): array
    {
        if ($this->facts->coerces) {
            return [];
        }
        $mistakes = [];
        foreach ($this->parser->sums as [$sum, $offset, $scope]) {
            $in = '' === $scope ? $this->program->script : ($this->program->functionNamed($scope) ?? $this->program->script);
            $left = $this->types->expression($in, $sum->left);
            $right = $this->types->expression($in, $sum->right);
            if (!$this->facts->typed && ($left->isTextual() && $right->isNumeric() || $left->isNumeric() && $right->isTextual())
                || $this->facts->typed && (TypeKind::Text === $left->kind && $right->isNumeric() || $left->isNumeric() && TypeKind::Text === $right->kind)) {
                $mistakes[] = new Mistake('text_and_number', $offset, 1, ['near' => $this->notation->textOf]);
            }
        }

        return $mistakes;
    }
}
