<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\ValueOperation;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Language\Parsing\Vocabulary;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\TextLiteral;

/**
 * What may be written at the caret, best first: from the catalogue, what the language brings along, and the names and
 * types of the text before the caret, which may be broken. What stands behind the caret is not looked at, since names
 * are to be there before they are used.
 */
final class Completion
{
    /** Bytes of a text that is still read for its types while somebody types; in a longer one they stay unknown. */
    private const LONGEST_READ = 20_000;

    /** Names under which an object knows itself. */
    private const ITSELF = ['self', 'this'];
    /** What is asked of a value without brackets. */
    private const PROPERTIES = ['length', 'first', 'second', 'message', 'name'];

    private readonly Notation $notation;
    private readonly Place $place;
    private readonly KnownNames $names;
    private readonly Library $library;
    /** The piece before the caret, and the two before it, as `KnownNames` counts what follows them. */
    private readonly string $one;
    private readonly string $two;
    private ?Analysis $analysis = null;
    /** @var array<string, array{Suggestion, float}> by label, with how well they fit */
    private array $found = [];

    /** @param list<string>|null $stock */
    private function __construct(private readonly string $before, private readonly Language $language, private readonly string $locale, private readonly ?array $stock)
    {
        $this->notation = $language->notation();
        $this->place = Place::after($before, $language);
        $this->names = new KnownNames($this->place->tokens, $language, $before);
        $this->library = Library::of($language);
        $this->one = self::orLineEnd($this->place->before());
        $this->two = self::orLineEnd($this->place->before(2)).' '.$this->one;
    }

    private static function orLineEnd(string $piece): string
    {
        return '' === trim($piece) ? "\n" : $piece;
    }

    /**
     * @param list<string>|null $stock entries of the catalogue: of rows and commands no others are offered
     *
     * @return list<Suggestion> for the place behind a text, best first
     */
    public static function after(string $before, Language $language, string $locale, int $limit = 20, ?array $stock = null): array
    {
        return (new self(Place::near($before), $language, $locale, $stock))->best($limit);
    }

    private function isInStock(string $key): bool
    {
        return null === $this->stock || \in_array($key, $this->stock, true);
    }

    /** Whether a word of the language begins rows, none of which is in stock. */
    private function isLeftOut(string $word): bool
    {
        $rows = Usual::STOCKED[$word] ?? [];

        return [] !== $rows && [] === array_filter($rows, $this->isInStock(...));
    }

    /** @return list<Suggestion> */
    private function best(int $limit): array
    {
        match ($this->place->kind) {
            PlaceKind::Nowhere => null,
            PlaceKind::InText => $this->texts(),
            PlaceKind::Member => $this->members(),
            PlaceKind::Import => $this->imports(),
            PlaceKind::NewName => $this->newNames(),
            PlaceKind::Statement => $this->statement(),
            PlaceKind::Expression => $this->expression(),
        };
        $begun = mb_strtolower($this->place->begun);
        $ranked = [];
        foreach ($this->found as [$suggestion, $score]) {
            $label = mb_strtolower($suggestion->label);
            if ('' !== $begun && !str_starts_with($label, $begun)) {
                continue;
            }
            $ranked[] = [$suggestion, $score + ('' !== $begun && str_starts_with($suggestion->label, $this->place->begun) ? 1 : 0)];
        }
        usort($ranked, static fn (array $one, array $other): int => $other[1] <=> $one[1]);

        return array_map(static fn (array $one): Suggestion => $one[0], \array_slice($ranked, 0, $limit));
    }

    private function offer(string $label, SuggestionKind $kind, float $score, string $detail = '', ?string $insert = null): void
    {
        // Behind a bracket, a comma or a point stands anything, so that what stood there before says little.
        $pair = \in_array($this->one, ['(', ',', '.'], true) ? 1.2 : 4;
        $score += $pair * min(4, $this->names->pairs[$this->one][$label] ?? 0) ** 0.5 + 5 * min(4, $this->names->triples[$this->two][$label] ?? 0) ** 0.5;
        if (!isset($this->found[$label]) || $this->found[$label][1] < $score) {
            $this->found[$label] = [new Suggestion($label, $insert ?? $label, $kind, $detail), $score];
        }
    }

    private function slot(): ?Slot
    {
        return $this->entryCalled()?->slots[$this->place->argument] ?? null;
    }

    private function entryCalled(): ?Entry
    {
        return null === $this->place->callee ? null : Vocabulary::commands($this->language)[$this->place->callee] ?? null;
    }

    private function texts(): void
    {
        $slot = $this->slot();
        if (null !== $slot) {
            $default = $slot->default instanceof TextLiteral ? $slot->default->value : null;
            foreach ($slot->answers() as $index => $answer) {
                $this->offer($answer, SuggestionKind::Choice, 20 - $index * 0.1 + ($answer === $default ? 2 : 0), $slot->answerWord($answer, $this->locale));
            }
        }
        $last = max(1, \count($this->place->tokens));
        foreach ($this->names->literals as $literal => $at) {
            if (1 === preg_match('/^\w*(["\'`])(.*)\1$/s', (string) $literal, $match) && '' !== $match[2]) {
                $this->offer($match[2], SuggestionKind::Text, 5 + 5 * $at / $last);
            }
        }
    }

    private function members(): void
    {
        $thing = $this->place->receiver;
        $usual = array_flip(Usual::COMMANDS);
        foreach (Vocabulary::methods($this->language, $thing) as $index => $method) {
            $entry = Vocabulary::commands($this->language)["$thing.$method"];
            if (!$this->isInStock($entry->key)) {
                continue;
            }
            $this->offer($method, SuggestionKind::Command, 20 + ($this->ends($entry) ? 8 : 0) - 0.2 * ($usual[$entry->key] ?? \count($usual) + $index), $entry->phrase($this->locale), $this->called($method, $entry));
        }
        $index = 0;
        foreach ($this->library->things[$thing] ?? [] as $member => $operation) {
            $this->offer($member, SuggestionKind::Library, 20 - 0.1 * ++$index, $this->does($operation));
        }
        $isOpen = [] === $this->found;
        $this->ofObjects($thing, $isOpen);
        if ($isOpen && !\in_array($thing, self::ITSELF, true) && !isset($this->names->classes[$thing])) {
            $kind = $this->kindOf($thing);
            // An object of JavaScript has what it was given; a `Map` is asked for the rest.
            $this->methods('map' === $kind && $this->notation->plainObjects && [] !== $this->names->members ? null : $kind);
        }
        if ('std' === $thing) {
            foreach ([...Usual::STATEMENTS['cpp'], ...Usual::TYPES, ...Usual::FORMS, ...array_keys($this->library->functions)] as $name) {
                $this->offer((string) $name, SuggestionKind::Library, 10 - 0.1 * ++$index);
            }
        }
    }

    /** Whether a command ends what another has begun before the caret, and none has ended yet. */
    private function ends(Entry $entry): bool
    {
        $begins = Usual::ENDS[$entry->key] ?? null;
        if (null === $begins) {
            return false;
        }
        $named = array_flip(array_map(static fn (Entry $one): string => $one->key, Vocabulary::commands($this->language)));
        $done = fn (string $key): int => $this->names->pairs['.'][substr((string) strrchr('.'.($named[$key] ?? ''), '.'), 1)] ?? 0;

        // What was begun just now is not ended at once.
        return $done($begins) > $done($entry->key) && ($named[$begins] ?? '') !== $this->lastCommand();
    }

    /** The command of the row above: `nib.lift`. */
    private function lastCommand(): string
    {
        $isCalled = false;
        for ($back = 3; $back < 24; ++$back) {
            $isCalled = $isCalled || '(' === $this->place->before($back);
            if ($isCalled && '.' === $this->place->before($back)) {
                return $this->place->before($back + 1).'.'.$this->place->before($back - 1);
            }
        }

        return '';
    }

    /** Whether what is asked of a value here decides something: behind `if`, `while`, `not` and the like. */
    private function isAsked(): bool
    {
        $before = $this->place->before('(' === $this->place->before(3) ? 4 : 3);

        return \in_array($before, ['if', 'elif', 'while', 'and', 'or', 'not', '!', '&&', '||'], true);
    }

    /** What values of a kind can do, the usual first. */
    private function methods(?string $kind): void
    {
        $operations = $this->library->methodsOf($kind);
        $usual = Usual::METHODS[$this->language->value][$kind ?? 'any'] ?? [];
        $asked = strtolower(self::spoken($this->place->receiver));
        $decides = $this->isAsked();
        // In a row of its own stands what changes a value, elsewhere what gives one.
        $isRow = 1 === preg_match($this->notation->indents ? '/^\s*$|^:$/' : '/^$|^[;{})]$/', $this->place->before(3));
        $changes = Usual::CHANGE[$this->language->value];
        foreach ($usual as $index => $method) {
            // What is put together with values is the first that is wanted of a text with gaps.
            $isPattern = 'format' === $method && str_contains($asked, '{');
            $this->offer($method, SuggestionKind::Library, ($isPattern ? 20 : 13) + ($decides && \in_array($method, Usual::DECIDE, true) ? 6 : 0) + (\in_array($method, $changes, true) ? ($isRow ? 3 : -4) : 0) - 0.3 * $index, $this->does($operations[$method] ?? null), \in_array($method, self::PROPERTIES, true) ? null : $method.'(${})');
        }
        $further = 0;
        foreach ([] !== $usual && null !== $kind ? $this->library->methods[$kind] ?? [] : $operations as $method => $operation) {
            $this->offer((string) $method, SuggestionKind::Library, 3 - 0.05 * ++$further, $this->does($operation), $method.'(${})');
        }
    }

    /** What objects of the program's own classes keep and can do, where the name may stand for one. */
    private function ofObjects(string $receiver, bool $isOpen): void
    {
        $kind = $this->type($receiver)?->kind;
        $isItself = \in_array($receiver, self::ITSELF, true);
        $isObject = $isItself || \in_array($kind, [TypeKind::Object, TypeKind::Copied], true) || isset($this->names->classes[$receiver]);
        $mayBe = null === $kind || TypeKind::Unknown === $kind || TypeKind::Mixed === $kind || TypeKind::Map === $kind && $this->notation->plainObjects;
        if (!$isObject && (!$isOpen || !$mayBe || null !== $this->kindOf($receiver) && TypeKind::Map !== $kind)) {
            return;
        }
        $last = max(1, \count($this->place->tokens));
        $base = $isObject ? 18 : (TypeKind::Map === $kind ? 14 : 11);
        foreach ($this->names->members as $name => $at) {
            $this->offer((string) $name, SuggestionKind::Variable, $base - 2 + 5 * $at / $last);
        }
        foreach ($this->names->fields as $name => $at) {
            $this->offer((string) $name, SuggestionKind::Variable, $base + 3 * $at / $last);
        }
        foreach ($this->names->methods as $name => $parameters) {
            $this->offer((string) $name, SuggestionKind::OwnFunction, $base - 0.5, '', self::withGaps((string) $name, $parameters));
        }
        // An object begins by keeping what it is made from.
        foreach ($isItself ? $this->names->parameters : [] as $index => $name) {
            $this->offer($name, SuggestionKind::Variable, $base + 1.5 - 0.2 * $index);
        }
    }

    /** The text before the point, where one stands there as it is. */
    private static function spoken(string $receiver): string
    {
        return str_starts_with($receiver, '"') ? $receiver : '';
    }

    /** What kind of value stands before the point, as far as that is known: text, list, map or part. */
    private function kindOf(string $receiver): ?string
    {
        if (isset(Usual::KINDS[$receiver])) {
            return Usual::KINDS[$receiver];
        }
        if (str_starts_with($receiver, '"')) {
            return 'text';
        }
        $kind = $this->type($receiver)?->kind;

        return match (true) {
            null === $kind || TypeKind::Unknown === $kind => null,
            TypeKind::Text === $kind, TypeKind::Letter === $kind => 'text',
            TypeKind::List === $kind => 'list',
            TypeKind::Map === $kind => 'map',
            \in_array($kind, [TypeKind::DrivePair, TypeKind::SurfaceSensor, TypeKind::RangeSensor, TypeKind::Lamp], true) => 'part',
            default => null,
        };
    }

    /** The type of a variable as the finished lines before the caret show it. */
    private function type(string $variable): ?StaticType
    {
        if (!isset($this->names->variables[$variable]) || \strlen($this->before) > self::LONGEST_READ) {
            return null;
        }
        $lines = substr($this->before, 0, max((int) strrpos($this->before, "\n"), (int) strrpos($this->before, "\r")));
        $this->analysis ??= new Analysis($this->language->read($lines)->program);
        $types = $this->analysis->types();
        foreach ([$this->analysis->program->script, ...array_reverse($this->analysis->program->definitions())] as $part) {
            $type = $types->variable($part, $variable);
            if (TypeKind::Unknown !== $type->kind) {
                return $type;
            }
        }

        return null;
    }

    private function imports(): void
    {
        $isPython = $this->notation->indents;
        if ('import' === $this->place->before() && 'from' === $this->place->before(3)) {
            $library = $this->place->before(2);
            foreach ('scrivlet' === $library ? SceneName::objects() : [...Usual::LIBRARIES[$library] ?? [], ...array_keys($this->library->things[$library] ?? [])] as $index => $name) {
                $this->offer((string) $name, SuggestionKind::Library, 10 - 0.1 * $index);
            }

            return;
        }
        foreach ($isPython ? ['scrivlet', ...array_keys(Usual::LIBRARIES)] : SceneName::objects() as $index => $name) {
            $this->offer($name, SuggestionKind::Library, 10 - 0.5 * $index);
        }
    }

    /** A name that the program makes up: usual ones for what is counted or gone through. */
    private function newNames(): void
    {
        $last = max(1, \count($this->place->tokens));
        if (':' === $this->one && $this->notation->indents) {
            $this->hints(20);
        }
        if ('for' === $this->one) {
            $this->variables(3);
        }
        foreach ('def' === $this->one ? Usual::SPECIAL : [] as $index => $name) {
            $this->offer($name, SuggestionKind::OwnFunction, ([] === $this->names->classes ? 0 : 4) - 0.2 * $index, '', $name.'(self${})');
        }
        foreach ('def' === $this->one ? $this->names->methods : [] as $name => $parameters) {
            $this->offer((string) $name, SuggestionKind::OwnFunction, 3, '', $name.'('.implode(', ', ['self', ...$parameters]).')');
        }
        foreach (\in_array($this->one, ['def', 'function', ...Place::TYPES], true) ? $this->names->awaited : [] as $name => $at) {
            $this->offer((string) $name, SuggestionKind::OwnFunction, 5 + 2 * $at / $last, implode(', ', $this->names->functions[$name] ?? []), self::withGaps((string) $name, $this->names->functions[$name] ?? []));
        }
        foreach ($this->names->elsewhere + $this->names->variables as $name => $at) {
            $this->offer((string) $name, SuggestionKind::Variable, 1 + 2 * $at / $last);
        }
        foreach (!$this->notation->indents || 'for' === $this->one ? Usual::NAMES[$this->language->value] : [] as $index => $name) {
            $this->offer($name, SuggestionKind::Variable, 3 - 0.3 * $index);
        }
        if ($this->notation->typed) {
            if (!isset($this->names->functions['main'])) {
                $this->offer('main', SuggestionKind::OwnFunction, 6);
            }
            foreach (Usual::TYPES as $index => $type) {
                $this->offer($type, SuggestionKind::Keyword, -0.1 * $index);
            }
        }
    }

    /** Types of parameters and results as Python names them, and the program's own. */
    private function hints(float $score): void
    {
        foreach (Usual::HINTS as $index => $name) {
            $this->offer($name, SuggestionKind::Keyword, $score - 0.3 * $index);
        }
        $this->kinds($score - 1);
    }

    /** The program's own classes, structures and kinds. */
    private function kinds(float $score): void
    {
        $last = max(1, \count($this->place->tokens));
        foreach ($this->names->classes as $name => $at) {
            $this->offer((string) $name, SuggestionKind::OwnFunction, $score + $at / $last);
        }
    }

    /** @return list<string> names that a loop gives its turns, while what it goes through is being written */
    private function turns(): array
    {
        $names = [];
        $tokens = $this->place->tokens;
        $end = $this->notation->indents ? ['', ':'] : ['', ';', '{', '}'];
        for ($at = \count($tokens) - 1, $isBehind = false; $at >= 0 && !\in_array(trim($tokens[$at]->text), $end, true); --$at) {
            if ('for' === $tokens[$at]->text) {
                // Behind the brackets of its head it has its names.
                return $isBehind && ($this->notation->indents || !$this->isClosed($at + 1)) ? $names : [];
            }
            $isBehind = $isBehind || \in_array($tokens[$at]->text, ['in', 'of'], true);
            if ($isBehind) {
                $names[] = $tokens[$at]->text;
            }
        }

        return [];
    }

    /** Whether a bracket is closed again before the caret. */
    private function isClosed(int $at): bool
    {
        for ($depth = 0; $at < \count($this->place->tokens); ++$at) {
            $depth += '(' === $this->place->tokens[$at]->text ? 1 : (')' === $this->place->tokens[$at]->text ? -1 : 0);
            if (0 === $depth) {
                return true;
            }
        }

        return false;
    }

    private function variables(float $base): void
    {
        $last = max(1, \count($this->place->tokens));
        $turns = $this->turns();
        foreach ($this->names->variables as $name => $at) {
            if (!\in_array($name, SceneName::objects(), true)) {
                $isJustSaid = ',' === $this->place->before() && $name === $this->place->before(2);
                $isNew = 1 === ($this->names->counts[$name] ?? 0);
                $this->offer((string) $name, SuggestionKind::Variable, $base + 6 * $at / $last + ($isNew ? 2 : 0) - ($isJustSaid ? 5 : 0) - (\in_array($name, $turns, true) ? 12 : 0));
            }
        }
    }

    private function functions(float $score): void
    {
        foreach ($this->names->functions as $name => $parameters) {
            if ('main' === $name && $this->notation->typed) {
                continue;
            }
            // One that nothing has called yet was made to be called.
            $this->offer((string) $name, SuggestionKind::OwnFunction, $score + (isset($this->names->calls[$name]) ? 0 : 2), implode(', ', $parameters), self::withGaps((string) $name, $parameters));
        }
        $this->kinds($score);
    }

    private function statement(): void
    {
        $tokens = $this->place->tokens;
        $rank = 0;
        foreach ('for' === $this->place->callee ? Usual::IN_FOR[$this->language->value] : [] as $index => $word) {
            $this->offer($word, SuggestionKind::Keyword, 18 - $index);
        }
        foreach (Usual::STATEMENTS[$this->language->value] as $word) {
            $fits = match ($word) {
                'else', 'elif' => $this->follows('if', 'elif', 'else'),
                'return' => $this->notation->typed || [] !== $this->names->functions,
                'break', 'continue' => $this->follows('for', 'while', 'do'),
                'import', 'from', 'using' => \count($tokens) < 60,
                default => true,
            };
            if ($fits && !$this->isLeftOut($word)) {
                $construct = Usual::CONSTRUCTS[$this->language->value][$word] ?? null;
                $isKeyword = \in_array($word, $this->language->keywords(), true);
                $this->offer($word, null !== $construct ? SuggestionKind::Construct : ($isKeyword ? SuggestionKind::Keyword : SuggestionKind::Library), 9 - 0.25 * $rank, $this->says($word), $construct);
            }
            ++$rank;
        }
        $this->things(7);
        $this->variables(4);
        $this->functions(6);
        if ([] !== $this->names->classes) {
            foreach ($this->notation->memberWords as $index => $word) {
                $this->offer($word, SuggestionKind::Keyword, 5 - $index);
            }
            foreach ([$this->notation->itself] as $word) {
                $this->offer($word, SuggestionKind::Keyword, 6);
            }
            // A class may do by its own way what another does; Python says `def` before it.
            foreach ($this->notation->indents ? [] : $this->names->methods as $name => $parameters) {
                $this->offer((string) $name, SuggestionKind::OwnFunction, 2.5, implode(', ', $parameters), self::withGaps((string) $name, $parameters));
            }
        }
        // A row of Python makes a name by giving it a value; another function may have one of the kind.
        foreach ($this->notation->indents ? $this->names->elsewhere : [] as $name => $_at) {
            $this->offer((string) $name, SuggestionKind::Variable, 1.5);
        }
        $this->standard();
        foreach ($this->language->keywords() as $word) {
            if (!$this->isLeftOut($word)) {
                $this->offer($word, SuggestionKind::Keyword, 0);
            }
        }
        foreach (array_keys($this->library->functions) as $index => $name) {
            $this->offer((string) $name, SuggestionKind::Library, 1 - 0.001 * $index);
        }
    }

    /** Whether one of these words stands before the caret at all. */
    private function follows(string ...$words): bool
    {
        foreach ($this->place->tokens as $token) {
            if (\in_array($token->text, $words, true)) {
                return true;
            }
        }

        return false;
    }

    private function things(float $base): void
    {
        foreach (SceneName::objects() as $index => $thing) {
            if (null !== $this->stock && [] === preg_grep("/^$thing\\./", $this->stock)) {
                continue;
            }
            $isKnown = isset($this->names->variables[$thing]) || !$this->notation->indents && str_contains($this->before, 'scrivlet.');
            $this->offer($thing, SuggestionKind::Thing, $isKnown ? $base : -1 - $index);
        }
        foreach (array_keys($this->library->things) as $index => $thing) {
            if (!\in_array($thing, ['console'], true) || $this->notation->camel) {
                $isKnown = !$this->notation->indents || isset($this->names->variables[$thing]);
                $this->offer((string) $thing, SuggestionKind::Thing, ($isKnown ? 3 : -2) - 0.1 * $index);
            }
        }
    }

    /** `std`, where names of the standard library are written with it. */
    private function standard(): void
    {
        if ('' !== $this->notation->space && str_contains($this->before, $this->notation->space)) {
            $this->offer('std', SuggestionKind::Library, 8.5);
        }
    }

    /** Whether types stand here, between `<` and `>` of a template, or in brackets that can only be those of a function's parameters. */
    private function isInTemplate(): bool
    {
        $tokens = $this->place->tokens;
        if ('(' === $this->place->before() && ']' === $this->place->before(2)) {
            return \in_array($this->place->before(3), ['[', '&', '='], true);
        }
        for ($at = \count($tokens) - 1, $depth = 0; $at > 0 && !\in_array($tokens[$at]->text, [';', '{', '}', '<<'], true); --$at) {
            $depth += '>' === $tokens[$at]->text ? 1 : ('>>' === $tokens[$at]->text ? 2 : 0);
            if ('<' === $tokens[$at]->text && --$depth < 0) {
                return \in_array($tokens[$at - 1]->text, Usual::TEMPLATES, true);
            }
        }

        return false;
    }

    private function expression(): void
    {
        $before = $this->place->before();
        if ('->' === $before && $this->notation->indents) {
            $this->hints(20);
        }
        $this->standard();
        if ($this->notation->typed) {
            if ($this->isInTemplate()) {
                foreach (Usual::TYPES as $index => $type) {
                    $this->offer($type, SuggestionKind::Keyword, 16 - 0.4 * $index);
                }
                $this->kinds(14);

                return;
            }
            foreach ('<<' === $before ? Usual::FORMS : [] as $index => $form) {
                $this->offer($form, SuggestionKind::Library, 4 - 0.1 * $index);
            }
            foreach (Usual::FORMS as $form) {
                $this->offer($form, SuggestionKind::Library, 0.5);
            }
        }
        if (null !== $this->place->callee && $this->notation->indents) {
            foreach ($this->names->functions[$this->place->callee] ?? [] as $index => $name) {
                $this->offer($name, SuggestionKind::Variable, 4.5 + ($index === $this->place->argument ? 1 : 0) - 0.1 * $index, $name.' = …', $name.'=${}');
            }
        }
        if (\in_array($before, ['new', 'extends', 'public', 'instanceof'], true)) {
            $this->kinds(20);
        }
        if ($this->wantsFailure($before)) {
            foreach (FailureNames::all($this->language) as $index => $name) {
                $this->offer($name, SuggestionKind::Library, 16 - 0.2 * $index);
            }
        }
        if ('for' === ($this->place->tokens[\count($this->place->tokens) - 2] ?? null)?->text && $this->notation->indents) {
            $this->offer('in', SuggestionKind::Keyword, 30);
        }
        $arguments = 'print' === $this->place->callee && 0 === $this->place->argument ? Usual::PRINTED : Usual::ARGUMENTS[$this->place->callee ?? ''] ?? [];
        foreach ($arguments as $index => $word) {
            $this->offer($word, SuggestionKind::Library, ('int' === $this->place->callee || 'float' === $this->place->callee ? 9 : 6) - 0.3 * $index);
        }
        foreach ($this->filled() as $index => $value) {
            $this->offer($value, SuggestionKind::Keyword, 12 - $index);
        }
        if ($this->notation->camel && 'import' === $this->rowBegins()) {
            $this->offer('from', SuggestionKind::Keyword, 20);
        }
        if ($this->notation->typed && $this->wantsType()) {
            foreach (Usual::TYPES as $index => $type) {
                $this->offer($type, SuggestionKind::Keyword, 16 - 0.4 * $index);
            }
        }
        $slot = $this->slot();
        if ($slot?->default instanceof NumberLiteral) {
            $this->offer(Printer::number($slot->default->value), SuggestionKind::Number, 7, $slot->unitWord($this->locale));
        }
        if (null !== $slot) {
            foreach ($slot->answers() as $index => $answer) {
                $this->offer('"'.$answer.'"', SuggestionKind::Choice, 18 - $index * 0.1, $slot->answerWord($answer, $this->locale));
            }
            // A choice may have got a name; it is not pushed out by the choices.
            if ([] !== $slot->answers()) {
                $near = $this->names->variables;
                arsort($near);
                foreach (\array_slice(array_keys(array_diff_key($near, array_fill_keys(SceneName::objects(), true))), 0, 2) as $index => $name) {
                    $this->offer((string) $name, SuggestionKind::Variable, 17.75 - 0.2 * $index);
                }
            }
        }
        foreach ('while' === $this->place->callee || 'while' === $before ? ['True', 'true'] : [] as $word) {
            if (\in_array($word, Usual::IN_VALUES[$this->language->value], true)) {
                $this->offer($word, SuggestionKind::Keyword, 8);
            }
        }
        $this->variables(5);
        $this->functions(\in_array($this->place->callee, ['print', 'console.log'], true) ? 5 : 4);
        $this->things(\in_array($before, ['if', 'while', 'not', 'and', 'or', '!', '&&', '||'], true) ? 8 : (null === $slot ? 4 : 0));
        $last = max(1, \count($this->place->tokens));
        $wantsText = 'in' !== $before;
        foreach ($this->names->literals as $literal => $at) {
            $literal = (string) $literal;
            $isText = 1 === preg_match('/["\'`]/', $literal);
            if (!$isText || $wantsText) {
                $this->offer($literal, $isText ? SuggestionKind::Text : SuggestionKind::Number, ($isText ? 0 : 2) + 3 * $at / $last);
            }
        }
        $this->numbers($slot);
        if (\in_array($before, ['in', 'range', ':'], true) && $this->notation->indents) {
            $this->offer('range', SuggestionKind::Library, 9);
        }
        $rank = 0;
        foreach ($this->library->functions as $name => $operation) {
            $this->offer((string) $name, SuggestionKind::Library, max(0.3, 3 - 0.08 * $rank) - 0.001 * $rank++, $this->does($operation), null === $operation ? null : $name.'(${})');
        }
        foreach (Usual::IN_VALUES[$this->language->value] as $index => $word) {
            $this->offer($word, SuggestionKind::Keyword, 2 - 0.1 * $index);
        }
        foreach ($this->language->keywords() as $word) {
            $this->offer($word, SuggestionKind::Keyword, -1);
        }
    }

    /** Whether a failure is named here, to be thrown or caught. */
    private function wantsFailure(string $before): bool
    {
        return \in_array($before, $this->notation->failureBehind, true) || \in_array($this->place->before(2).' '.$before, $this->notation->failureBehind, true)
            || $this->notation->indents && \in_array($before, ['(', ','], true) && 'except' === $this->rowBegins();
    }

    /** @return list<string> what a list of its kind is filled with here, other than numbers */
    private function filled(): array
    {
        if (',' === $this->one && \in_array(strtolower($this->place->before(2)), ['true', 'false'], true)) {
            return $this->notation->truths;
        }
        if (!$this->notation->typed || 1 !== $this->place->argument) {
            return [];
        }
        // `vector<bool> sown(rows, `
        $tokens = $this->place->tokens;
        for ($at = \count($tokens) - 1, $depth = 0; $at > 0 && $depth >= 0 && ';' !== $tokens[$at]->text; --$at) {
            $depth += '(' === $tokens[$at]->text ? -1 : (')' === $tokens[$at]->text ? 1 : 0);
        }

        return match (($tokens[$at - 1] ?? null)->text ?? '') {
            '>' => 'bool' === (($tokens[$at - 2] ?? null)->text ?? '') ? ['false', 'true'] : [],
            '>>' => ['vector'],
            default => [],
        };
    }

    private function numbers(?Slot $slot): void
    {
        foreach (LikelyNumbers::of($slot, $this->place->callee, $this->place->argument) as $index => $number) {
            $this->offer($number, SuggestionKind::Number, 6.5 - 0.25 * $index, $slot?->unitWord($this->locale) ?? '');
        }
        // Numbers stand beside numbers; otherwise few of them are to be foreseen.
        $row = [];
        for ($back = 1; $back <= 3 && ',' === $this->place->before($back) && is_numeric($this->place->before($back + 1)); $back += 2) {
            array_unshift($row, (float) $this->place->before($back + 1));
        }
        $isFirst = '[' === $this->one || null !== $this->place->callee && isset($this->names->functions[$this->place->callee]);
        $wants = [] !== $row || null === $slot && $isFirst;
        foreach (LikelyNumbers::after($row) as $index => $number) {
            $isJustSaid = [] !== $row && $number === $this->place->before(2);
            $this->offer($number, SuggestionKind::Number, ([] !== $row ? 9 : ($wants ? 6 : 3.5)) - ($wants ? 0.2 : 0.3) * $index - ($isJustSaid ? 6 : 0));
        }
    }

    /** Whether the caret stands where a function's definition has its parameters. */
    private function wantsType(): bool
    {
        $depth = 0;
        foreach ($this->place->tokens as $token) {
            $depth += '{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0);
        }

        return 0 === $depth && null !== $this->place->callee && \in_array($this->place->before(), ['(', ','], true);
    }

    /** The first piece of the row that the caret stands in. */
    private function rowBegins(): string
    {
        $first = '';
        for ($back = 1; !\in_array(trim($this->place->before($back)), ['', ';', '}'], true); ++$back) {
            $first = $this->place->before($back);
        }

        return $first;
    }

    /** What a construct does, in the words of its row. */
    private function says(string $word): string
    {
        $key = Usual::ROWS[$word] ?? null;

        return null === $key ? '' : Catalogue::get($key)->phrase($this->locale);
    }

    /** @param list<string> $parameters */
    private static function withGaps(string $name, array $parameters): string
    {
        return $name.'('.implode(', ', array_map(static fn (string $parameter): string => '${'.$parameter.'}', $parameters)).')';
    }

    private function does(?ValueOperation $operation): string
    {
        return $operation?->phrase($this->locale) ?? '';
    }

    private function called(string $method, Entry $entry): string
    {
        $arguments = [];
        foreach ($entry->slots as $slot) {
            $arguments[] = match (true) {
                $slot->default instanceof NumberLiteral => Printer::number($slot->default->value),
                $slot->default instanceof TextLiteral => '"'.$slot->default->value.'"',
                default => $slot->name,
            };
        }

        return self::withGaps($method, $arguments);
    }
}
