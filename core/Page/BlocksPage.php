<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Language\Expression\ExpressionSpelling;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Words\Words;

/** The blocks page of a program: its rows in words, and the places where rows may be put. */
final class BlocksPage
{
    /** The anchor of the place above all rows. */
    public const TOP = '0:prelude';

    /** @var list<BlockRow> */
    public array $rows = [];
    /** @var list<Place> */
    public array $places = [];

    private readonly Chips $chips;

    /** @param array<string, list<string|array{string, string}>> $turned rows that do not show in words; see TurnedRows */
    public function __construct(private readonly Program $program, private readonly string $locale, private readonly array $turned = [])
    {
        $this->chips = new Chips($locale);
        $functions = $program->functions;
        $this->place(self::TOP, 0, 0, 'functions', 0, [Goes::Top], null, $functions[0]->id ?? null);
        foreach ($functions as $index => $function) {
            $this->statement($function, [], false, false, false);
            $this->place($this->lastAnchor(), 0, 0, 'functions', $index + 1, [Goes::Top], $function->id, $functions[$index + 1]->id ?? null);
        }
        $this->add($program->script, 'head', 'start', [], false);
        $this->body($program->script, 'body', $program->script->body, [], false, false);
        foreach ($program->below as $row) {
            $this->statement($row, [], false, false, false);
        }
    }

    private function lastAnchor(): string
    {
        return $this->rows[array_key_last($this->rows) ?? 0]->anchor;
    }

    /** @param list<Bracket> $brackets of the rows in the body, the body's own last */
    private function body(Statement $parent, string $name, Block $body, array $brackets, bool $inLoop, bool $inFunction): void
    {
        $accepts = $this->accepts($parent, $name, $inLoop, $inFunction);
        $depth = \count($brackets);
        $rows = $body->statements;
        $this->place($this->lastAnchor(), $depth, $parent->id, $name, 0, $accepts, null, $rows[0]->id ?? null);
        if ([] === $rows && !$parent instanceof Script) {
            $this->rows[] = new BlockRow("$parent->id:$name-empty", $parent->id, 'empty', '', Kind::Say, '', self::hooked($brackets), [], $parent->off, false, Goes::Row->value);
        }
        foreach ($rows as $index => $row) {
            $isLast = $index === array_key_last($rows);
            $start = \count($this->rows);
            $this->statement($row, $brackets, $inLoop, $inFunction, $parent->off);
            if ($isLast) {
                $this->hook($start, $depth);
            }
            $this->place($this->lastAnchor(), $depth, $parent->id, $name, $index + 1, $accepts, $row->id, $rows[$index + 1]->id ?? null);
        }
    }

    /** Puts the hook at the end of the innermost bracket: on the last row that it runs beside. */
    private function hook(int $start, int $depth): void
    {
        $last = array_key_last($this->rows);
        if (null === $last || $last < $start || 0 === $depth) {
            return;
        }
        $row = $this->rows[$last];
        $brackets = $row->brackets;
        if (!isset($brackets[$depth - 1])) {
            return;
        }
        $brackets[$depth - 1] = new Bracket($brackets[$depth - 1]->kind, true);
        $this->rows[$last] = $row->with($brackets, $row->height);
    }

    /**
     * @param list<Bracket> $brackets
     *
     * @return list<Bracket>
     */
    private static function hooked(array $brackets): array
    {
        $last = array_key_last($brackets);
        if (null !== $last) {
            $brackets[$last] = new Bracket($brackets[$last]->kind, true);
        }

        return $brackets;
    }

    /** @return list<Goes> */
    private function accepts(Statement $parent, string $body, bool $inLoop, bool $inFunction): array
    {
        if ($parent instanceof ClassDefinition) {
            return [];
        }
        $accepts = $parent instanceof Script ? [Goes::Row, Goes::InScript] : [Goes::Row];
        if ($inLoop) {
            $accepts[] = Goes::InLoop;
        }
        if ($inFunction) {
            $accepts[] = Goes::InFunction;
        }
        if ($inLoop && $inFunction) {
            $accepts[] = Goes::InLoopInFunction;
        }
        if ($parent instanceof Conditional && null !== $branch = Conditional::branchOf($body)) {
            $accepts[] = Goes::InBranch;
            if (null === $parent->otherwise && $branch === array_key_last($parent->branches)) {
                $accepts[] = Goes::InLastBranch;
            }
        }

        return $accepts;
    }

    /** @param list<Bracket> $brackets */
    private function statement(Statement $statement, array $brackets, bool $inLoop, bool $inFunction, bool $off): void
    {
        $off = $off || $statement->off;
        $shown = $off ? $statement->withOff(true) : $statement;
        $start = \count($this->rows);
        if ($statement instanceof Conditional) {
            foreach ($statement->branches as $index => $branch) {
                $this->add($shown, 0 === $index ? 'head' : "then$index", 0 === $index ? 'if' : 'else_if', $brackets, true, $index);
                $this->body($shown, Conditional::bodyName($index), $branch->body, [...$brackets, new Bracket(Kind::Choose, false)], $inLoop, $inFunction);
            }
            if (null !== $statement->otherwise) {
                $this->add($shown, 'otherwise', 'otherwise', $brackets, true);
                $this->body($shown, Conditional::OTHERWISE, $statement->otherwise, [...$brackets, new Bracket(Kind::Choose, false)], $inLoop, $inFunction);
            }
        } elseif ($statement instanceof Attempt) {
            foreach ($statement->bodies() as $name => $body) {
                $rescue = Attempt::rescueOf($name);
                $key = match (true) {
                    null !== $rescue => $statement->rescues[$rescue]->entry(),
                    Attempt::BODY === $name => 'try',
                    default => $name,
                };
                $this->add($shown, Attempt::BODY === $name ? 'head' : $name, $key, $brackets, true, $rescue ?? 0);
                $this->body($shown, $name, $body, [...$brackets, new Bracket(Kind::Choose, false)], $inLoop, $inFunction);
            }
        } else {
            $this->add($shown, 'head', $statement instanceof FunctionDefinition || $statement instanceof SetItem || $statement instanceof Claim || $statement instanceof ClassDefinition || $statement instanceof FieldDeclaration ? $statement->phrase() : $statement->entry(), $brackets, [] !== $statement->bodies() && !$statement instanceof FunctionDefinition);
            foreach ($statement->bodies() as $name => $body) {
                $this->body($shown, $name, $body, [...$brackets, new Bracket(Catalogue::get($statement->entry())->kind, false)], $inLoop || $statement->isLoop(), $inFunction || $statement instanceof FunctionDefinition);
            }
        }
        $row = $this->rows[$start];
        // @phpstan-ignore assign.propertyType (the row is there already, so the list stays one)
        $this->rows[$start] = $row->with($row->brackets, \count($this->rows) - $start);
    }

    /** @param list<Bracket> $brackets */
    private function add(Statement $statement, string $part, string $key, array $brackets, bool $holds, int $branch = 0): void
    {
        $entry = Catalogue::get($key);
        $hand = $this->program->hands[$statement->id] ?? null;
        $turned = $this->turned["$statement->id:$part"] ?? null;
        $segments = null === $turned ? $this->phrase($statement, $entry, $branch) : $this->text($statement, $turned, $entry);
        $this->rows[] = new BlockRow("$statement->id:$part", $statement->id, $part, $key, $entry->kind, $entry->icon(), $brackets, $segments, $statement->off, $holds, self::goes($statement)->value, 1, null === $turned && Hand::Typed !== $hand ? null : $hand);
    }

    /**
     * The row's text in place of its words.
     *
     * @param list<string|array{string, string}> $turned
     *
     * @return list<string|BlankView>
     */
    private function text(Statement $statement, array $turned, Entry $entry): array
    {
        $segments = [];
        foreach ($turned as $segment) {
            if (\is_string($segment)) {
                $segments[] = $segment;
                continue;
            }
            [$slot, $text] = $segment;
            $blank = $this->blank($statement, $slot, $entry->slot($slot)->type ?? SlotType::Any);
            $segments[] = new BlankView($slot, $blank->type, $blank->source, new Chip([$text], false));
        }

        return $segments;
    }

    /** @return list<string|BlankView> */
    private function phrase(Statement $statement, Entry $entry, int $branch): array
    {
        $segments = [];
        foreach (Phrase::split($entry->words($this->locale)) as [$text, $slot]) {
            if ('' !== $text) {
                $segments[] = $text;
            }
            if (null !== $slot && $statement instanceof OwnCall && str_contains($statement->function, '.')) {
                $method = $this->program->functionNamed($statement->function);
                $segments[] = strstr($statement->function, '.', true).' · '.(null === $method ? substr((string) strstr($statement->function, '.'), 1) : $this->methodName($method));
            } elseif (null !== $slot && $statement instanceof FunctionDefinition && '' !== $statement->class()) {
                $segments[] = 'name' === $slot ? $this->methodName($statement) : implode(', ', $statement->given());
            } elseif (null !== $slot && ($statement instanceof ClassDefinition || $statement instanceof FieldDeclaration && 'name' === $slot)) {
                $label = $statement->labels()[$slot] ?? '';
                $segments[] = 'parent' === $slot && str_starts_with($label, '@') ? $this->kinds(substr($label, 1)) : $label;
            } elseif (null !== $slot) {
                $segments[] = $this->blank($statement, 'condition' === $slot && $statement instanceof Conditional || $statement instanceof Attempt ? "$slot$branch" : $slot, $entry->slot($slot)->type ?? SlotType::Any);
            }
        }
        if ($statement instanceof PrintLine) {
            foreach (\array_slice(array_keys($statement->blanks()), 1) as $slot) {
                $segments[] = ', ';
                $segments[] = $this->blank($statement, $slot, SlotType::Any);
            }
        }
        if ($statement instanceof SetSeveral) {
            foreach (array_keys($statement->blanks()) as $slot) {
                $segments[] = 'target0' === $slot ? ' ' : ('value0' === $slot ? ' = ' : ', ');
                $segments[] = $this->blank($statement, $slot, SlotType::Any);
            }
        }
        if ($statement instanceof OwnCall) {
            $function = $this->program->functionNamed($statement->function);
            $parameters = $function->parameters ?? [];
            // The object of a method goes without saying.
            $first = null === $function?->itself() ? 0 : 1;
            foreach (\array_slice(array_keys($statement->arguments), $first) as $index) {
                $segments[] = ($first === $index ? ' : ' : ', ').($parameters[$index] ?? '').' ';
                $segments[] = $this->blank($statement, "argument$index", SlotType::Any);
            }
        }

        return $segments;
    }

    private function methodName(FunctionDefinition $method): string
    {
        $name = $method->shortName();

        return str_starts_with($name, '@') ? Words::in($this->locale)->raw('plain.method.'.substr($name, 1)) : $name;
    }

    /** Kinds of failures in words. */
    private function kinds(string $kinds): string
    {
        $slot = Catalogue::get('rescue')->slot('kinds');

        return implode(', ', array_map(fn (string $kind): string => str_starts_with($kind, '=') ? substr($kind, 1) : $this->chips->choice($slot, $kind), '' === $kinds ? [FailureKind::Any->value] : explode(', ', $kinds)));
    }

    private function blank(Statement $statement, string $slot, SlotType $type): BlankView
    {
        $value = $statement->blanks()[$slot] ?? null;
        if (null === $value) {
            $label = $statement->labels()[$slot] ?? '';
            if (SlotType::Choice === $type) {
                $words = $this->kinds($label);

                return new BlankView($slot, $type, $words, new Chip([$words], false));
            }

            // What the preprocessor leaves out is told by its first line.
            $isLong = $statement instanceof Import && str_contains($label, "\n");

            return new BlankView($slot, $type, $label, $isLong ? new Chip([strtok($label, "\r\n").' …'], false) : null);
        }
        if (SlotType::Colour === $type && $value instanceof TextLiteral) {
            $word = $this->chips->ink($value->value);

            return new BlankView($slot, $type, $word, new Chip([$word], false), Ink::tryFrom($value->value)?->hex() ?? $value->value);
        }
        if (SlotType::Choice === $type && $value instanceof TextLiteral) {
            $word = $this->chips->choice(Catalogue::get($statement->entry())->slot($slot), $value->value);

            return new BlankView($slot, $type, $word, new Chip([$word], false));
        }
        if (SlotType::Pattern === $type && $value instanceof TextLiteral) {
            return new BlankView($slot, $type, $value->value, new Chip([$value->value], false));
        }
        $source = ExpressionSpelling::of($value, $this->locale);
        if (SlotType::Any === $type && $value instanceof TextLiteral && 1 === preg_match('/^\p{L}[\p{L} ,.?!]*$/uD', $value->value)) {
            $source = $value->value;
        }

        return new BlankView($slot, $type, $source, $this->chips->of($value));
    }

    /** @param list<Goes> $accepts */
    private function place(string $anchor, int $depth, int $parent, string $body, int $index, array $accepts, ?int $before, ?int $after): void
    {
        $this->places[] = new Place($anchor, $depth, $parent, $body, $index, $accepts, $before, $after);
    }

    /** What a row needs around it wherever it is moved to. */
    public static function goes(Statement $statement): Goes
    {
        if ($statement instanceof FieldDeclaration || $statement instanceof FunctionDefinition && '' !== $statement->class()) {
            return Goes::InClass;
        }
        if ($statement instanceof FunctionDefinition || $statement instanceof ClassDefinition || $statement instanceof Script) {
            return Goes::Top;
        }
        if ($statement instanceof Handler) {
            return Goes::InScript;
        }
        [$loop, $function] = self::needs($statement);

        return Goes::within($loop, $function);
    }

    /** @return array{bool, bool} whether it needs a loop, a function around it */
    private static function needs(Statement $statement): array
    {
        $loop = $statement instanceof BreakLoop || $statement instanceof ContinueLoop;
        $function = Goes::InFunction === Catalogue::get($statement->entry())->goes;
        foreach ($statement->bodies() as $body) {
            foreach ($body->statements as $inner) {
                [$innerLoop, $innerFunction] = self::needs($inner);
                $loop = $loop || $innerLoop && !$statement->isLoop();
                $function = $function || $innerFunction;
            }
        }

        return [$loop, $function];
    }
}
