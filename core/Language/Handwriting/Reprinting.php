<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;

/**
 * Which rows of a typed text have to be printed once some of them changed: those that have one text with a changed one, those that say
 * a name which the text does not, and what holds a row that is printed where the printed row would mean something else.
 */
final class Reprinting
{
    /** Words that begin a row and tell what it is. */
    private const WORDS = ['if', 'elif', 'else', 'for', 'while', 'do', 'switch', 'case', 'default', 'match', 'try', 'except', 'catch', 'finally', 'function', 'def', 'async', 'const', 'let', 'var', 'class', 'return', 'export', 'with', 'template', 'typedef', 'enum'];
    /** Words that leave what stands around them, by which that is. */
    private const LEAVING = ['break', 'continue'];

    /** @var array<int, true> rows that are printed */
    public array $printed = [];
    /** @var array<int, true> rows that are printed with all they hold */
    public array $whole = [];
    /** @var array<int, true> rows of which the text says that they are constant, and which are none any more */
    public array $unfixed = [];
    /** @var array<int, true> rows that are the value of an arrow, and stand there without a word or a semicolon */
    public array $inline = [];
    /** @var array<int, Statement> */
    private array $rows = [];
    /** @var array<int, array{Statement, string}> the row around each, and in which of its bodies */
    private array $around = [];
    /** @var array<int, int> the row behind each in the same body */
    private array $next = [];
    /** @var array<int, array<string, Piece>> by row and part */
    private array $pieces = [];
    /** @var array<int, array<string, bool>> whether a part of a row says what its piece does, by row and part */
    public array $same = [];
    /** @var \Closure(int): list<Line> how a row is printed */
    private \Closure $forms;

    /**
     * @param array<string, array{Piece, int}> $pieces by row and part, in the order of the text
     * @param \Closure(int): list<Line>        $forms  how a row is printed
     */
    public function __construct(array $pieces, Program $program, Fingerprints $fingerprints, private readonly string $text, TypedNames $names, private readonly Notation $notation, \Closure $forms)
    {
        $this->forms = $forms;
        [$groups, $lost, $heads] = SharedText::of($pieces, $program, $fingerprints);
        foreach ($pieces as [$piece]) {
            $this->pieces[$piece->id][$piece->part] = $piece;
        }
        $this->note($program->functions, null, '');
        $this->note($program->script->body->statements, null, '');
        $this->note($program->below, null, '');
        foreach ($this->decorated() as $group) {
            if (($this->next[$group[0]] ?? null) !== $group[1]) {
                $lost[\count($groups)] = true;
            }
            $groups[] = $group;
        }
        $changed = $this->changed($fingerprints);
        // What a decorator makes stays made by it, whatever else the head of its class says.
        $groups = array_filter($groups, fn (array $group): bool => !($this->rows[$group[0]] ?? null) instanceof ClassDefinition || !$this->isDecorated($group[0]));
        $lost = array_intersect_key($groups, $lost);
        if ([] === $changed && [] === $lost) {
            return;
        }
        $this->unfixed = $this->constants($changed);
        $this->printed = array_fill_keys(array_merge(...array_values($lost)), true) + $changed + $this->unfixed;
        $groups = [...array_values($groups), ...UnsaidNames::groups($program, $text, $names, $notation->typed)];
        do {
            $before = \count($this->printed) + \count($this->whole);
            $this->spread($groups);
            // What a rescue takes apart shows in its head.
            foreach ($heads as $holder => $ids) {
                if (($this->rows[$holder] ?? null) instanceof Attempt && [] !== array_intersect_key($this->printed, array_flip($ids))) {
                    $this->print($this->rows[$holder]);
                }
            }
            foreach ($this->printed as $id => $_) {
                $this->holders($id);
            }
        } while (\count($this->printed) + \count($this->whole) > $before);
        foreach ($this->printed as $id => $_) {
            $piece = isset($this->whole[$id]) || !isset($this->around[$id]) ? null : $this->opening(...$this->around[$id]);
            $this->inline += null !== $piece && str_ends_with($this->typed($piece), '=>') ? [$id => true] : [];
        }
    }

    /** The piece behind which the rows of a body begin. */
    private function opening(Statement $holder, string $body): ?Piece
    {
        return $this->pieces[$holder->id][array_key_first($holder->bodies()) === $body ? 'head' : $body] ?? null;
    }

    private function typed(Piece $piece): string
    {
        return trim(substr($this->text, $piece->coreStart, $piece->coreEnd - $piece->coreStart));
    }

    /** @return list<array{int, int}> rows that decorate the function below them, and that function */
    private function decorated(): array
    {
        $groups = [];
        $above = null;
        foreach ($this->notation->indents ? $this->pieces : [] as $id => $parts) {
            $head = $parts['head'] ?? null;
            $row = $this->rows[$id] ?? null;
            if (null === $head) {
                continue;
            }
            if (null !== $above && $row instanceof FunctionDefinition) {
                $groups[] = [$above, $id];
            }
            $above = '@' === ($this->text[$head->coreStart] ?? '') && !$row instanceof FunctionDefinition && !$row instanceof ClassDefinition ? $id : null;
        }

        return $groups;
    }

    /** @param list<Statement> $rows */
    private function note(array $rows, ?Statement $holder, string $body): void
    {
        foreach ($rows as $index => $row) {
            if (isset($rows[$index + 1])) {
                $this->next[$row->id] = $rows[$index + 1]->id;
            }
            $this->rows[$row->id] = $row;
            if (null !== $holder) {
                $this->around[$row->id] = [$holder, $body];
            }
            foreach ($row->bodies() as $name => $inner) {
                $this->note($inner->statements, $row, $name);
            }
        }
    }

    /** @return array<int, true> rows of which some part says something else than its text, or that have no text */
    private function changed(Fingerprints $fingerprints): array
    {
        $changed = [];
        foreach ($this->rows as $id => $row) {
            if (!isset($this->pieces[$id]['head'])) {
                $changed += $row instanceof ShareVariable ? [] : [$id => true];
                continue;
            }
            $isMoved = $this->pieces[$id]['head']->parent !== ($this->around[$id][0]->id ?? $this->pieces[$id]['head']->parent);
            if ($isMoved && [] !== $row->bodies() && !$this->isOfSameForm($id, 'head')) {
                // What it says hangs on where it stood: `else` behind a loop.
                $changed[$id] = true;
            }
            foreach ($this->pieces[$id] as $part => $piece) {
                $isSame = $piece->fingerprint === $fingerprints->of($row, $part, $piece->tight);
                $this->same[$id][$part] = $isSame;
                if (!$isSame) {
                    $changed[$id] = true;
                }
            }
        }

        return $changed;
    }

    /**
     * What the text calls constant is none any more once another row gives it a value (ECMA-262, 14.3.1; C++17, 10.1.7.1).
     *
     * @param array<int, true> $changed
     *
     * @return array<int, true>
     */
    private function constants(array $changed): array
    {
        if ($this->notation->indents) {
            return [];
        }
        $given = [];
        foreach ($changed as $id => $_) {
            foreach ($this->rows[$id]->assigned() as $name) {
                $given[$name][$id] = true;
            }
        }
        $constants = [];
        foreach ([] === $given ? [] : $this->rows as $id => $row) {
            $head = isset($changed[$id]) ? null : $this->pieces[$id]['head'] ?? null;
            if (null !== $head && 1 === preg_match('/\G(?:export\s+|static\s+)?(?:const|constexpr)\b/', $this->text, $match, 0, $head->coreStart) && [] !== array_intersect_key($given, array_fill_keys($row->assigned(), true))) {
                $constants[$id] = true;
            }
        }

        return $constants;
    }

    /** @param list<list<int>> $groups */
    private function spread(array $groups): void
    {
        do {
            $before = \count($this->printed);
            foreach ($groups as $group) {
                foreach ($group as $id) {
                    if (isset($this->printed[$id])) {
                        $this->printed += array_fill_keys($group, true);
                        break;
                    }
                }
            }
        } while (\count($this->printed) > $before);
    }

    /** What a printed row asks of itself and of the rows around it. */
    private function holders(int $id): void
    {
        $row = $this->rows[$id] ?? null;
        if (null === $row) {
            return;
        }
        if (!isset($this->whole[$id]) && [] !== $row->bodies() && isset($this->pieces[$id]['head']) && ($this->pieces[$id]['head']->tight || !$this->fits($id))) {
            $this->print($row);
        }
        $lines = ($this->forms)($id);
        [$holder, $body] = $this->around[$id] ?? [null, ''];
        if ($holder instanceof ClassDefinition && !isset($this->whole[$holder->id]) && !$this->isSaid($holder)) {
            // What a function makes stands in no class.
            $this->print($holder);
        }
        for ($inside = $id; isset($this->around[$inside]); $inside = $outer->id) {
            [$outer] = $this->around[$inside];
            if (!isset($this->whole[$outer->id]) && $this->isOfOwnForm($outer->id)) {
                $this->print($outer);
            }
        }
        if (null !== $holder && !isset($this->whole[$holder->id]) && !$this->mayStandIn($row, $lines, $holder, $body)) {
            $this->print($holder);
        }
        $this->catching($id);
        if ([] === $row->bodies() && [] !== $lines && \in_array(self::word($lines[0]->text), self::LEAVING, true)) {
            for ($inside = $id; isset($this->around[$inside]); $inside = $holder->id) {
                [$holder] = $this->around[$inside];
                if ($holder instanceof FunctionDefinition) {
                    break;
                }
                if (($holder->isLoop() || $holder instanceof Conditional) && !$this->isOfSameForm($holder->id, 'head')) {
                    $this->print($holder);
                }
            }
        }
    }

    /** Whether a function of C++ says names in its head that nothing printed has: the stream of an operator, or the type of a template. */
    private function isOfOwnForm(int $id): bool
    {
        $head = $this->pieces[$id]['head'] ?? null;

        return $this->notation->typed && $this->rows[$id] instanceof FunctionDefinition && null !== $head && 1 === preg_match('/\G(?:template\b|[^{;]*\boperator\s*(?:<<|>>))/', $this->text, $match, 0, $head->coreStart);
    }

    /** What a rescue takes apart in its head has names of its own there, which no printed row in it says. */
    private function catching(int $id): void
    {
        for ($inside = $id; isset($this->around[$inside]); $inside = $holder->id) {
            [$holder, $body] = $this->around[$inside];
            $piece = $holder instanceof Attempt && null !== Attempt::rescueOf($body) ? $this->pieces[$holder->id][$body] ?? null : null;
            if (null !== $piece && 1 === preg_match('/catch\s*\(\s*\{/', $this->typed($piece))) {
                $this->print($holder);
            }
        }
    }

    private function print(Statement $row): void
    {
        $this->printed[$row->id] = $this->whole[$row->id] = true;
        foreach ($row->bodies() as $body) {
            array_map($this->print(...), $body->statements);
        }
    }

    /** Whether the parts of a row that stay as they were typed go on with what is printed of it. */
    private function fits(int $id): bool
    {
        $head = $this->pieces[$id]['head'];
        if ($this->notation->indents && 1 === preg_match('/\G@\s*classmethod\b/', $this->text, $match, 0, $head->coreStart)) {
            // Its rows say `cls`, which nothing printed does.
            return false;
        }
        $printed = array_values(array_filter(($this->forms)($id), static fn (Line $line): bool => "$id:head" === $line->anchor))[0]->text ?? '';
        if ($this->isOfOwnForm($id) || $this->notation->typed && str_starts_with(ltrim($printed), 'static ') && 1 !== preg_match('/\Gstatic\b/', $this->text, $match, 0, $head->coreStart)) {
            // Where a class makes its objects in several ways, what a constructor does is printed as a function that gives one.
            return false;
        }
        foreach ($this->pieces[$id] as $part => $piece) {
            if (!$this->isOfSameForm($id, $part)) {
                return false;
            }
        }
        $close = $this->pieces[$id]['close'] ?? null;
        $isClosed = $this->notation->indents || null !== $close && $close->coreEnd > $close->coreStart;

        // What closes it when it is printed has no place in the text where nothing does.
        return $isClosed || [] === array_filter(($this->forms)($id), static fn (Line $line): bool => "$id:close" === $line->anchor);
    }

    /** Whether the text of a class says that it is one, and not a function that makes its objects. */
    private function isSaid(ClassDefinition $class): bool
    {
        $piece = $this->pieces[$class->id]['head'] ?? null;

        return null === $piece || $piece->coreEnd > $piece->coreStart;
    }

    private function isDecorated(int $class): bool
    {
        $head = $this->pieces[$class]['head'] ?? null;

        return $this->notation->indents && null !== $head && '@' === ($this->text[$head->coreStart] ?? '');
    }

    private function isOfSameForm(int $id, string $part): bool
    {
        $piece = $this->pieces[$id][$part] ?? null;
        $typed = null === $piece ? '' : $this->typed($piece);
        $lines = array_values(array_filter(($this->forms)($id), static fn (Line $line): bool => $line->anchor === "$id:$part"));
        if ('' === $typed || [] === $lines) {
            return '' === $typed;
        }
        $printed = trim($lines[\count($lines) - 1]->text);
        if ('close' === $part) {
            return preg_replace('/\s+/', '', $typed) === preg_replace('/\s+/', '', $printed);
        }
        [$one, $other] = [self::word($typed), self::word(trim($lines[0]->text))];

        return ($one === $other || !\in_array($one, self::WORDS, true) && !\in_array($other, self::WORDS, true)) && ('{' === $typed[-1]) === ('{' === $printed[-1]);
    }

    /** The word that a line begins with; both words for a class are one. */
    private static function word(string $line): string
    {
        return 1 === preg_match('/^[}\s]*(\w+)/', $line, $match) ? ('struct' === $match[1] ? 'class' : $match[1]) : '';
    }

    /**
     * Whether a printed row may stand in what is typed around it.
     *
     * @param list<Line> $lines
     */
    private function mayStandIn(Statement $row, array $lines, Statement $holder, string $body): bool
    {
        $piece = $this->opening($holder, $body);
        $typed = null === $piece ? '' : $this->typed($piece);
        if ('' === $typed || null === $piece) {
            return true;
        }
        $isShort = [] === $row->bodies() && 2 > \count($lines) && !$row->off;
        if ($this->notation->indents) {
            $unsaid = array_filter($holder->bodies()[$body]->statements, fn (Statement $inner): bool => !isset($this->pieces[$inner->id]['head']) || $this->pieces[$inner->id]['head']->coreEnd === $this->pieces[$inner->id]['head']->coreStart);

            return !$piece->tight || $isShort && [] === $unsaid;
        }
        if (str_ends_with($typed, '{') || str_ends_with($typed, ':')) {
            return true;
        }

        if (!$isShort || 1 !== \count($holder->bodies()[$body]->statements)) {
            return false;
        }
        $line = $lines[0]->text ?? '';

        // Behind an arrow stands a value, and no row.
        return !str_ends_with($typed, '=>') || 1 === preg_match('/^\s*(?!(?:let|const|var|throw|break|continue|import)\b)(?:return )?[^;]+;$/D', $line) && 1 !== preg_match('/^\s*return (?:await )?[^(\["\'\x60]*=[^=>]/', $line);
    }
}
