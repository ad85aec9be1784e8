<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\LineStarts;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;

/**
 * What the parsers of all languages share: going over the tokens, noting where each row stands, and what is wrong.
 *
 * A parser gives rows for every text. Where it cannot read on, it notes one mistake, keeps the rest of the line as it
 * is, and goes on behind it.
 */
abstract class Parser
{
    /** Behind the name of a failure that is asked for more than is read. */
    public const CAUGHT = ' (except, catch)';

    /** What may be wrong with a name because nothing is known of what it stands for. */
    private const HANGING = ['unknown_method', 'misspelt_method', 'unknown_property', 'unknown_command', 'misspelt_command', 'few_arguments', 'many_arguments', 'foreign_word', 'unknown_field', 'misspelt_field', 'no_such_parameter', 'call_brackets', 'unsupported'];
    /** @var list<Token> without spaces, ends of lines and remarks */
    public array $tokens = [];
    public int $at = 0;
    /** The token behind the last one of what is being read. */
    public int $until = 0;
    public int $depth = 0;
    /** @var list<Mistake> */
    public array $mistakes = [];
    /** @var array<int, Cut> */
    public array $cuts = [];
    public int $ids = 1;
    public int $parent = 1;
    /** @var list<array{SceneName, Token}> */
    public array $ofScenes = [];
    public string $scope = '';
    /** @var array<string, bool> names of failures that were caught around what is being read, and whether they are the plain value thrown */
    public array $caught = [];
    /** @var array<string, true> names that hold a failure of the program's own where it was caught */
    public array $keptFailures = [];
    /** The class whose rows are being read, and what its object is called there. */
    public string $class = '';
    /** @var list<int> where something stands that stops the machine, which is tried on purpose */
    public array $meantToStop = [];
    public string $itself = 'self';
    /** How many attempts stand around what is being read: what may fail there is worth finding. */
    public int $tries = 0;
    /** How many rescues stand around what is being read. */
    public int $rescues = 0;
    /** @var list<int> */
    public array $loops = [];
    /** @var array<string, list<array{int, int, string}>> by name: from and until which offset it means another one, and which */
    public array $shadows = [];
    /** @var array<int, int> as Partners::of gives them */
    public array $partners = [];
    private ?LineStarts $lineStarts = null;
    private int $heads = 0;

    public readonly SymbolTable $symbols;
    public readonly ClassTable $classes;
    public readonly Semantics $facts;
    public readonly Notation $notation;

    /** @var array<string, true>|null what stands in the text, and the names that were made */
    private ?array $words = null;
    /** @var array<string, int> up to which number names were made of a word */
    private array $numbers = [];

    public function __construct(public readonly string $text)
    {
        $this->symbols = new SymbolTable();
        $this->classes = new ClassTable();
        $this->facts = $this->language()->semantics();
        $this->notation = $this->language()->notation();
    }

    abstract public function language(): Language;

    /** A parser and its parts hold each other, and wait for the collector of cycles: what is large goes at once. */
    public function release(): void
    {
        $this->tokens = $this->partners = $this->cuts = $this->symbols->reads = $this->symbols->wanted = [];
    }

    public function source(): string
    {
        return $this->text;
    }

    /** Whether what stands here runs in its turn, not when a function is called that it belongs to. */
    protected function runsInTurn(): bool
    {
        return '' === $this->scope;
    }

    /** @return list<array{SceneName, Token}> commands and parts of machines that belong to a scene, and where they stand */
    public function ofScenes(): array
    {
        $parts = [];
        foreach ($this->tokens as $token) {
            if (TokenKind::Name === $token->kind && null !== FittingKind::ofClass($token->text) && !isset($this->classes->parents[$token->text]) && !isset($this->symbols->functions[$token->text]) && !isset($this->symbols->silenced[$token->text])) {
                $parts[] = [SceneName::Lawn, $token];
            }
        }

        return [...$this->ofScenes, ...$parts];
    }

    /** @return list<Mistake> those that show only once the whole text is read, and that this language alone has */
    public function mistakesOf(Program $program): array
    {
        return [];
    }

    /** Whether a name is that of a kind of failures in the language. */
    public function isFailure(string $name): bool
    {
        return null !== FailureNames::kindOf($this->language(), $name) && !isset($this->classes->parents[$name]);
    }

    /** Whether objects of a class of the program's own are raised. */
    public function isRaised(string $class): bool
    {
        for ($steps = \count($this->classes->parents); isset($this->classes->parents[$class]) && $steps >= 0; --$steps) {
            $class = $this->classes->parents[$class];
        }

        return $steps < \count($this->classes->parents) && $this->isFailure($class);
    }

    /** What making an object of each class takes is known once all classes are. */
    public function announceMakers(): void
    {
        foreach ($this->classes->parents as $class => $_) {
            $owner = $this->classes->ownerOf((string) $class, ClassDefinition::MAKES);
            $this->symbols->functions[$class] = null === $owner ? ($this->isRaised((string) $class) ? [0, 9, ['says']] : [0, \count($this->classes->given[$class] ?? []), $this->classes->given[$class] ?? []]) : $this->classes->methods[$owner][ClassDefinition::MAKES];
            foreach ($this->classes->methods[$class] ?? [] as $method => $_signature) {
                $this->classes->methodNames[$method] = true;
            }
        }
    }

    /** @return list<Mistake> names that nothing brings in */
    public function missingLibraries(): array
    {
        return $this->language()->missingLibraries($this->tokens, $this->text, array_merge($this->symbols->functions, $this->symbols->silenced, ...array_values($this->symbols->writes)));
    }

    public function lastId(): int
    {
        return $this->ids;
    }

    public function newId(): int
    {
        return ++$this->ids;
    }

    public function cut(int $id, string $part, int $start, int $end, bool $tight = false): void
    {
        if ('head' === $part && ++$this->heads > 2 * Bounds::ROWS) {
            // Nothing is gained by reading on; rows that were read twice are counted twice.
            throw new TooManyRows($start);
        }
        $this->cuts[] = new Cut($id, $part, $start, $end, $this->parent, $tight);
    }

    /** The text of a row begins further up. */
    public function beginAt(Statement $row, int $start): void
    {
        foreach ($this->cuts as $index => $cut) {
            if ($cut->id === $row->id && 'head' === $cut->part) {
                $this->cuts[$index] = new Cut($cut->id, 'head', $start, $cut->end, $cut->parent, $cut->tight);
            }
        }
    }

    /**
     * Rows that have one text together, up to here: it is that of the first, and the others stand behind it.
     *
     * @param list<Statement> $rows
     */
    public function cutTogether(array $rows, int $start): void
    {
        $end = $this->endOffset();
        foreach ($rows as $index => $row) {
            $this->cut($row->id, 'head', 0 === $index ? $start : $end, $end);
        }
    }

    /**
     * Rows that a header says, at the end of its text.
     *
     * @param list<Statement> $rows
     */
    public function atHead(array $rows, int $id, int $end): void
    {
        [$outer, $this->parent] = [$this->parent, $id];
        foreach ($rows as $row) {
            $this->cut($row->id, 'head', $end, $end);
        }
        $this->parent = $outer;
    }

    /** Reads a name of the text as another one. */
    public function readAs(int $at, string $name): void
    {
        // @phpstan-ignore assign.propertyType (the token is there already)
        $this->tokens[$at] = $this->tokens[$at]->readAs($name, TokenKind::Name);
    }

    /** A name that the text does not have yet. */
    public function nameFor(string $word): string
    {
        $this->words ??= array_fill_keys(array_map(static fn (Token $token): string => $token->text, $this->tokens), true);
        for ($number = $this->numbers[$word] ?? 1, $name = 1 === $number ? $word : $word.'_'.$number; isset($this->words[$name]); $name = $word.'_'.++$number) {
        }
        $this->words[$name] = true;
        $this->numbers[$word] = $number;

        return $name;
    }

    /** @phpstan-impure the place in the text moves on */
    public function peek(int $ahead = 0): ?Token
    {
        $at = $this->at + $ahead;

        return $at < $this->until ? $this->tokens[$at] : null;
    }

    /** The token that closes a bracket, if it belongs to what is being read. */
    public function closingOf(int $index): ?int
    {
        $partner = $this->partners[$index] ?? null;

        return null === $partner || $partner < $index || $partner >= $this->until ? null : $partner;
    }

    /**
     * Takes back what was noted last; `array_splice` would go over the whole list.
     *
     * @template T
     *
     * @param array<int, T> $list
     *
     * @param-out ($list is list<T> ? list<T> : array<int, T>) $list
     */
    public static function cutTo(array &$list, int $count): void
    {
        while (\count($list) > $count) {
            array_pop($list);
        }
    }

    /** The place of a token that was met before. */
    public function indexOf(Token $token): ?int
    {
        [$low, $high] = [0, \count($this->tokens) - 1];
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->tokens[$middle] === $token) {
                return $middle;
            }
            if ($this->tokens[$middle]->offset < $token->offset) {
                $low = $middle + 1;
            } else {
                $high = $middle - 1;
            }
        }

        return null;
    }

    /**
     * The text of a token, if it is a sign, a keyword or a name; literals are never taken for signs.
     *
     * @phpstan-impure
     */
    public function sign(int $ahead = 0): ?string
    {
        $at = $this->at + $ahead;
        if ($at >= $this->until) {
            return null;
        }
        $token = $this->tokens[$at];

        return TokenKind::Text === $token->kind ? null : $token->text;
    }

    /** @phpstan-impure */
    public function is(string $sign, int $ahead = 0): bool
    {
        $at = $this->at + $ahead;

        return $at < $this->until && $this->tokens[$at]->text === $sign && TokenKind::Text !== $this->tokens[$at]->kind;
    }

    /** @phpstan-impure */
    public function accept(string $sign): bool
    {
        if ($this->is($sign)) {
            ++$this->at;

            return true;
        }

        return false;
    }

    /** Where the next token starts; behind the last one, where that ends. */
    public function offset(): int
    {
        return $this->peek()->offset ?? $this->endOffset();
    }

    /** Where the token before the next one ends. */
    public function endOffset(): int
    {
        return ($this->tokens[$this->at - 1] ?? null)?->end() ?? 0;
    }

    /**
     * @param array<string, string|int> $parameters
     * @param list<Replacement>         $fix
     */
    public function mistake(string $kind, int $offset, int $length, array $parameters = [], array $fix = []): void
    {
        $this->mistakes[] = new Mistake($kind, $offset, $length, $parameters, $fix);
    }

    /**
     * @param array<string, string|int> $parameters
     * @param list<Replacement>         $fix
     */
    public function fail(string $kind, ?Token $token = null, array $parameters = [], array $fix = []): never
    {
        $token ??= $this->peek();
        $offset = $token->offset ?? $this->endOffset();
        throw new ParseFailure(new Mistake($kind, $offset, null === $token ? 0 : \strlen($token->text), $parameters + ['sign' => self::shown($token)], $fix));
    }

    /**
     * The name that a row gives to something new.
     *
     * @param string $missing what is wrong if none stands there
     */
    public function newName(string $missing = 'name_missing'): Token
    {
        $name = $this->peek();
        if (null === $name || TokenKind::Name !== $name->kind) {
            if (null !== $name && ($name->end() === $name->offset || $this->at > 0 && $this->tokens[$this->at - 1]->end() === $this->tokens[$this->at - 1]->offset)) {
                // Another name for a type that is not read yet, written out.
                $this->fail('unsupported', $name, ['what' => '…<…>']);
            }
            $this->fail(TokenKind::Keyword === $name?->kind ? 'keyword_as_name' : $missing, $name, ['name' => $name->text ?? '']);
        }
        if (Names::isKept($this->language(), $name->text)) {
            $this->mistake('keyword_as_name', $name->offset, \strlen($name->text), ['name' => $name->text]);
        }
        ++$this->at;

        return $name;
    }

    protected static function shown(?Token $token): string
    {
        return null === $token ? '' : mb_strcut($token->text, 0, 30);
    }

    /** A sign that means nothing in the language; what a person meant by it can often be told. */
    public function strange(Token $token): never
    {
        $meant = strtr($token->text, ['“' => '"', '”' => '"', '„' => '"', '«' => '"', '»' => '"', '‘' => "'", '’' => "'", '−' => '-', '–' => '-', '—' => '-', '…' => '...', '×' => '*', '÷' => '/', "\u{a0}" => ' ', "\u{202f}" => ' ']);
        $fix = [];
        if ($meant !== $token->text) {
            // Where one such quote stands, the other one is not far.
            $line = substr($this->text, $token->offset, strcspn($this->text, "\r\n", $token->offset));
            foreach ('"' === $meant || "'" === $meant ? preg_split('/(?=[“”„«»‘’])/u', $line, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] : [] as [$part, $at]) {
                if (1 === preg_match('/^[“”„«»‘’]/u', $part, $match)) {
                    $fix[] = new Replacement($token->offset + $at, \strlen($match[0]), $meant);
                }
            }
            $fix = [] === $fix ? [new Replacement($token->offset, \strlen($token->text), $meant)] : $fix;
        }
        $this->fail('strange_sign', $token, [], $fix);
    }

    /** The line of an offset, counted from 1. */
    public function lineOf(int $offset): int
    {
        return $this->lineStarts()->line($offset);
    }

    protected function lineStarts(): LineStarts
    {
        return $this->lineStarts ??= new LineStarts($this->text);
    }

    public function write(string $name, int $offset): void
    {
        // What belongs to a class is the whole program's.
        $scope = isset($this->symbols->shares[$this->scope][$name]) || str_contains($name, '.') ? $this->symbols->holderOf($name, $this->symbols->around[$this->scope] ?? '') : $this->scope;
        $this->symbols->writes[$scope][$name] ??= $offset;
    }

    public function read(string $name, int $offset, bool $called = false): void
    {
        $this->symbols->reads[] = new NameUse($name, $offset, $this->scope, $called, $this->loops, $this->tries > 0);
    }

    /** Takes back where a row stands, because it belongs to another; gives where it began. */
    public function uncut(int $id): ?int
    {
        // It was made not long ago.
        for ($index = \count($this->cuts) - 1; $index >= 0; --$index) {
            $cut = $this->cuts[$index];
            if ($cut->id === $id) {
                array_splice($this->cuts, $index, 1);

                return $cut->start;
            }
        }

        return null;
    }

    /**
     * Whether something is wrong only as a name means nothing here that stands in what could not be read above. It may be
     * left unsaid where something else says why the program cannot run.
     *
     * @param array<string, true> $silenced
     */
    protected function hangsOnUnread(Mistake $mistake, int $from, int $until, array $silenced): bool
    {
        if (!\in_array($mistake->kind, self::HANGING, true)) {
            return false;
        }
        for ($index = $from; $index < $until; ++$index) {
            $token = $this->tokens[$index];
            if (TokenKind::Name === $token->kind && isset($silenced[$token->text])) {
                return true;
            }
        }

        return false;
    }

    /** Nothing is said of names that stand in what could not be read. */
    public function silence(int $from, int $until): void
    {
        for ($index = $from; $index < $until; ++$index) {
            $token = $this->tokens[$index];
            if (TokenKind::Name === $token->kind) {
                $this->symbols->silenced[$token->text] = true;
            }
        }
    }

    public function comment(Token $token): Statement
    {
        $comment = new Comment($this->newId(), $this->remark($token->text));
        $this->cut($comment->id, 'head', $token->offset, $token->offset + \strlen($token->text));

        return $comment;
    }

    /** What a remark says, without its signs. */
    protected function remark(string $text): string
    {
        if (str_starts_with($text, '/*')) {
            $text = (string) preg_replace('~^/\*+\s?|\s*\*/$~', '', $text);

            return (string) preg_replace('/[ \t]*\R[ \t]*\*?[ \t]?/', "\n", $text);
        }
        $text = (string) preg_replace('~^(?://|\#)[ ]?~', '', $text);

        return rtrim($text);
    }
}
