<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Rows\BraceAttempts;
use Scrivlet\Core\Language\Parsing\Rows\BraceConditions;
use Scrivlet\Core\Language\Parsing\Rows\BraceLoops;
use Scrivlet\Core\Language\Parsing\Rows\DoneWhere;
use Scrivlet\Core\Language\Parsing\Rows\Jumps;
use Scrivlet\Core\Language\Parsing\Rows\Switches;
use Scrivlet\Core\Language\Parsing\Rows\UnreadRows;
use Scrivlet\Core\Language\Parsing\Rows\ValueRows;
use Scrivlet\Core\Language\Parsing\Values\ValueAsRow;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What JavaScript and C++ have in common: braces around rows, and round brackets around conditions. */
abstract class BraceParser extends ExpressionParser
{
    /** Signs that change what stands on their left; what divides is another one in each language. */
    public const CHANGES = [
        '+=' => Operator::Add, '-=' => Operator::Subtract, '*=' => Operator::Multiply, '/=' => null,
        '%=' => Operator::TruncRemainder, '**=' => Operator::Power,
    ];
    public readonly BraceLoops $braceLoops;
    public readonly BraceConditions $braceConditions;
    public readonly BraceAttempts $braceAttempts;
    public readonly Switches $switches;
    public readonly Jumps $jumps;
    public readonly UnreadRows $unreadRows;
    public readonly ValueRows $valueRows;
    public readonly DoneWhere $doneWhere;

    /** @var array<int, list<Token>> remarks that stand alone on their lines, by the token behind them */
    public array $remarksBefore = [];
    /** @var array<int, true> tokens that begin a line */
    public array $begins = [];
    /** How many more braces are opened than closed in the whole text. */
    private int $unclosed = 0;

    /** How far in the line stands that opened the braces around the row. */
    private int $openedIn = -1;

    /** Whether a function whose one row gives something back is read as the small function that it is, and not as one with rows. */
    public bool $readsSmall = false;

    /** @var list<array{FunctionDefinition, int, int, int}> functions with rows that stand in the row being read, the end of the brace that opens each, the brace that closes it, and its end */
    public array $unnamed = [];
    /** @var array<string, true> functions that give a value back behind all that they hand out, by scope */
    public array $endsWithValue = [];

    /** Whether the variable of the `for` that is read is one for all its turns, and a function made in them sees it. */
    public bool $isOneForAll = false;

    /** @var array<string, array<string, true>> variables that the headers of loops declare, by scope */
    public array $ofLoops = [];

    /** How many braces that stand for themselves are around the row being read. */
    private int $bareBlocks = 0;

    /** @var array<string, true> what the outermost rows declare, in no block of their own */
    private array $outermost = [];

    /** @var array<string, array<string, true>> names that are declared, by scope */
    public array $declared = ['' => []];

    /** @var list<Statement> what takes apart what was caught last */
    public array $takenApart = [];

    /** @var list<int|null> functions around that are called for each item, by how many loops stand around their rows; null for another function */
    public array $turns = [];

    /** @var list<array{string, bool}> variables that are read in a row and changed by one behind it, and whether up */
    public array $steps = [];
    /** Whether a row is read that may change a variable behind itself, and in it what it gives. */
    public bool $isInRow = false;
    public bool $isInValue = false;

    /** Where the row begins that is being read: what stands there is changed by the row, not inside of it. */
    public int $rowBegins = -1;

    /** @var array<string, array<string, true>> names that get a value, by the scope of the row */
    public array $assigned = [];

    /** What may stand behind the row that is read, beside the end of its line. */
    private RowEnd $rowEnds = RowEnd::Semicolon;

    public function __construct(string $text)
    {
        parent::__construct($text);
        // `self` is a name like any other here, which a text may have for something else.
        $this->itself = array_values(array_filter(Program::NAMES_OF_ITSELF, static fn (string $name): bool => 1 !== preg_match("/\\b$name\\b/", $text)))[0] ?? Program::NAMES_OF_ITSELF[0];
        $this->braceLoops = new BraceLoops($this);
        $this->braceConditions = new BraceConditions($this);
        $this->braceAttempts = new BraceAttempts($this);
        $this->switches = new Switches($this);
        $this->jumps = new Jumps($this);
        $this->unreadRows = new UnreadRows($this);
        $this->valueRows = new ValueRows($this);
        $this->doneWhere = new DoneWhere($this);
    }

    abstract protected function semicolonNeeded(): bool;

    /**
     * A row that begins with a keyword of one language alone, or declares something.
     *
     * @return list<Statement>|null
     */
    abstract protected function ownRow(Token $token): ?array;

    /**
     * `let`, `int`: reads what declares the variable of a `for`, and gives its type if the language names one.
     *
     * @phpstan-impure it tells whether the variable is one for all turns
     */
    abstract public function loopVariable(): bool;

    abstract public function division(): Operator;

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token> those that are read
     */
    protected function prepared(array $tokens): array
    {
        return $tokens;
    }

    public function tokenize(): void
    {
        $isFresh = true;
        $pending = [];
        $begun = null;
        $privateSign = $this->facts->privateSign;
        foreach ($this->prepared($this->language()->tokens($this->text, false)) as $token) {
            if (TokenKind::NewLine === $token->kind) {
                $isFresh = true;
                $begun = null;
                continue;
            }
            if (TokenKind::Space === $token->kind) {
                // What was prepared leaves some where it takes something away.
                continue;
            }
            if (TokenKind::Comment === $token->kind) {
                // Several remarks on one line are one.
                $token = null === $begun ? $token : new Token($token->kind, substr($this->text, $begun->offset, $token->offset - $begun->offset).$token->text, $begun->offset);
                $begun = null;
                if ($isFresh && $this->endsLine($token)) {
                    $pending[] = $token;
                } elseif ($isFresh) {
                    $begun = $token;
                }
                continue;
            }
            $begun = null;
            $last = $this->tokens[\count($this->tokens) - 1] ?? null;
            $private = $last?->text === $privateSign ? $this->privateName($last, $token) : null;
            if (null !== $private) {
                array_pop($this->tokens);
                $this->tokens[] = $private;
                continue;
            }
            $index = \count($this->tokens);
            if ($isFresh) {
                $this->begins[$index] = true;
            }
            if ([] !== $pending) {
                $this->remarksBefore[$index] = $pending;
                $pending = [];
            }
            $this->tokens[] = $token;
            $isFresh = false;
            if (TokenKind::Sign === $token->kind) {
                $this->unclosed += '{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0);
            }
        }
        $this->partners = Partners::of($this->tokens);
        $this->shadows = Shadows::of($this->tokens, $this->begins, $this->partners, $this->language());
        $this->tokens = Shadows::renamedAll($this->tokens, $this->shadows, $this->language());
        $this->until = \count($this->tokens);
        if ([] !== $pending) {
            $this->remarksBefore[$this->until] = $pending;
        }
    }

    /** Whether nothing but space follows on the line. */
    private function endsLine(Token $token): bool
    {
        return 1 === preg_match('/\G[ \t]*(?:[\r\n]|\z)/', $this->text, $match, 0, $token->offset + \strlen($token->text));
    }

    /** @return list<Statement> */
    public function remarks(): array
    {
        if (!isset($this->remarksBefore[$this->at])) {
            return [];
        }
        $rows = array_map($this->comment(...), $this->remarksBefore[$this->at]);
        unset($this->remarksBefore[$this->at]);

        return $rows;
    }

    /**
     * Whether the brace behind a header is missing: rows that stand further in, and a brace below them that closes
     * nothing else.
     */
    private function lacksBrace(): bool
    {
        $header = $this->indentOf($this->at - 1);
        if (!isset($this->begins[$this->at]) || $header <= $this->openedIn || $this->at >= $this->until || $this->indentOf($this->at) <= $header) {
            return false;
        }
        for ($index = $this->at; $index < $this->until; ++$index) {
            if (isset($this->begins[$index]) && $this->indentOf($index) <= $header) {
                return '}' === $this->tokens[$index]->text && $this->indentOf($index) === $header;
            }
        }

        return false;
    }

    /** The column at which the line of a token begins. */
    protected function indentOf(int $index): int
    {
        $offset = $this->tokens[$index]->offset;
        $start = $this->lineStarts()->start($offset);

        return strspn($this->text, " \t", $start, $offset - $start);
    }

    /**
     * Rows up to a closing brace or the end.
     *
     * @param int|null $opener the token at which what holds the rows begins; null for the outermost rows
     *
     * @return list<Statement>
     */
    public function block(?int $opener): array
    {
        $outer = $this->openedIn;
        $this->openedIn = null === $opener ? -1 : $this->indentOf($opener);
        try {
            return $this->rowsUntilBrace($opener);
        } finally {
            $this->openedIn = $outer;
        }
    }

    /** @return list<Statement> */
    private function rowsUntilBrace(?int $opener): array
    {
        $rows = [];
        while (true) {
            $token = $this->peek();
            if (null !== $opener && null !== $token && \in_array($token->text, ['case', 'default'], true) && TokenKind::Keyword === $token->kind) {
                // A remark above it is about what follows.
                return $rows;
            }
            foreach ($this->remarks() as $row) {
                $rows[] = $row;
            }
            if (null === $token) {
                return $rows;
            }
            if (TokenKind::Sign === $token->kind && '}' === $token->text) {
                if (null !== $opener) {
                    return $rows;
                }
                $rows[] = $this->unreadRows->extraBrace($token);
                continue;
            }
            if (null !== $opener && $this->unclosed > 0 && isset($this->begins[$this->at]) && $this->indentOf($this->at) <= $this->indentOf($opener) && !$this->isElse()) {
                return $rows;
            }
            if (TokenKind::Sign === $token->kind && ';' === $token->text) {
                // A row that does nothing (ECMAScript 2022, 14.4; C++17, 9.2).
                ++$this->at;
                continue;
            }
            foreach ($this->row() as $row) {
                $rows[] = $row;
            }
        }
    }

    private function isElse(): bool
    {
        return $this->is('else');
    }

    /** @return list<Statement> */
    protected function row(): array
    {
        $start = $this->at;
        if ($this->depth >= Bounds::NESTING) {
            return [$this->unreadRows->passedOver()];
        }
        $depth = $this->depth++;
        $state = [\count($this->mistakes), \count($this->cuts), $this->ids, $this->parent, $this->scope, $this->loops];
        // What is kept is written to next, and copied by that: only where a row may be read again.
        $known = !$this->readsSmall && $this->mayHoldSmall($start) ? [$this->declared, $this->assigned, $this->symbols->writes, $this->symbols->reads, $this->symbols->functions, $this->outermost] : null;
        [$outer, $this->unnamed] = [$this->unnamed, []];
        try {
            $rows = $this->statement();
            $rows = [] === $this->unnamed ? $rows : $this->behindUnnamed($rows, $this->tokens[$start]->offset);
            $this->checked($rows, $this->tokens[$start]->offset);

            return $rows;
        } catch (ParseFailure $failure) {
            $this->depth = $depth + 1;
            $this->unreadRows->givenUp($state, $failure);
            if (null !== $known && $this->mayReadSmall($failure)) {
                // Once more, with functions that only give something back as parts of the row.
                array_pop($this->mistakes);
                [$this->at, $this->depth, $this->readsSmall] = [$start, $depth, true];
                [$this->declared, $this->assigned, $this->symbols->writes, $this->symbols->reads, $this->symbols->functions, $this->outermost] = $known;
                try {
                    return $this->row();
                } finally {
                    $this->readsSmall = false;
                }
            }
            $before = $this->symbols->silenced;
            $row = $this->unreadRows->unread($start);
            $at = \count($this->mistakes) - 1;
            while ($at >= 0 && $failure->mistake !== $this->mistakes[$at]) {
                --$at;
            }
            if ($at >= 0 && 1 < \count($this->mistakes) && $this->hangsOnUnread($failure->mistake, $start, min($this->at, $start + 400), $before)) {
                array_splice($this->mistakes, $at, 1);
            }

            return [$row];
        } finally {
            $this->depth = $depth;
            $this->unnamed = $outer;
        }
    }

    protected function mayReadSmall(ParseFailure $failure): bool
    {
        return false;
    }

    /** Whether a row that begins at a token may have a function in it that can be read as a small one. */
    protected function mayHoldSmall(int $start): bool
    {
        return false;
    }

    /**
     * A function with rows that stands in a value is one of its own, above the row that the value belongs to; the text of that
     * row goes with it.
     *
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    public function behindUnnamed(array $rows, int $start): array
    {
        $end = $this->endOffset();
        if ('' === $this->scope && [] !== $this->loops && !$this->notation->typed) {
            $rows = $this->inTurns($rows);
        }
        foreach ($rows as $row) {
            if ([] !== $row->bodies()) {
                $this->failAt('unsupported', $start, 1, ['what' => '=> { … }']);
            }
            // Where it says how it catches what stands around, that is gone when the turn is (C++17, 6.8).
            foreach ('' === $this->scope && [] !== $this->loops && !$this->notation->typed ? Walk::expressionsOf($row) : [] as $value) {
                if ($value instanceof FunctionReference) {
                    // It would have to see the variables of this turn when it runs later.
                    $this->failAt('unsupported', $start, 1, ['what' => 'for … { => { … } }']);
                }
            }
            $this->uncut($row->id);
        }
        $definitions = [];
        foreach ($this->unnamed as $index => [$definition, $opened, $closing, $closed]) {
            $definitions[] = $definition;
            $this->cut($definition->id, 'head', $start, $opened);
            $start = isset($this->unnamed[$index + 1]) ? $closed : $end;
            $this->cut($definition->id, 'close', $closing, $start);
        }
        // Where no semicolon stands the function and the row end at one place, and the function comes first.
        foreach ($rows as $row) {
            $this->cut($row->id, 'head', $end, $end);
        }

        return [...$definitions, ...$rows];
    }

    /**
     * Rows in a loop outside of all functions, the functions in which go on seeing the variables of their turn.
     *
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    protected function inTurns(array $rows): array
    {
        return $rows;
    }

    /** @return list<Statement> what a class keeps or can do, up to the next of it */
    abstract protected function members(): array;

    /** @return list<Statement> what cannot be read of a class leaves the rest of it as it is */
    final public function membersOrUnread(): array
    {
        $start = $this->at;
        $state = [\count($this->mistakes), \count($this->cuts), $this->ids, $this->parent, $this->scope, $this->loops];
        try {
            return $this->members();
        } catch (ParseFailure $failure) {
            $this->unreadRows->givenUp($state, $failure);
            $this->scope = "$this->class.";
            $row = $this->unreadRows->unread($start);
            $this->scope = $state[4];

            return [$row];
        }
    }

    /**
     * @return list<Statement>
     *
     * @phpstan-impure the place in the text moves on, and functions are found in values
     */
    public function statement(): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        if ('{' === $token->text && TokenKind::Sign === $token->kind && $this->isBareBlock()) {
            return $this->bareBlock();
        }
        $isLabel = TokenKind::Name === $token->kind && $this->is(':', 1);
        if ($isLabel && $this->notation->rowsMayEnd && \in_array($this->sign(2), ['for', 'while', 'do'], true)) {
            return $this->jumps->labelled($token);
        }
        if ($isLabel && $this->notation->typed && $this->is(';', 2)) {
            // A label of nothing, which something may jump to.
            $this->fail('unsupported', $token, ['what' => "$token->text:"]);
        }
        if ($isLabel && $this->notation->typed && 'default' !== $token->text && !$this->jumps->jumpsTo($token->text)) {
            return $this->jumps->labelled($token);
        }
        if ($isLabel && \in_array($this->sign(2), ['for', 'while', 'do', 'switch', '{'], true)) {
            $this->fail('unsupported', $token, ['what' => "$token->text:"]);
        }
        $own = $this->joined($token, fn (Token $token): ?array => $this->ownRow($token) ?? $this->handlerRow($token));
        if (null !== $own) {
            return $own;
        }

        return match (TokenKind::Keyword === $token->kind ? $token->text : $this->unreadRows->misspelt($token)) {
            'while' => $this->jumps->leftFrom(fn (): array => [$this->braceLoops->whileLoop()]),
            'do' => $this->jumps->leftFrom(fn (): array => [$this->braceLoops->doWhile()]),
            'for' => $this->jumps->leftFrom($this->braceLoops->forLoop(...)),
            'if' => [$this->braceConditions->conditional()],
            'switch' => $this->jumps->leftFrom($this->switches->switched(...)),
            'else' => $this->fail('else_without_if', $token, ['word' => 'else']),
            'try' => [$this->braceAttempts->attempt()],
            'throw' => [$this->braceAttempts->raise($token)],
            'catch', 'finally' => $this->fail('without_try', $token, ['word' => $token->text]),
            'break', 'continue' => TokenKind::Name === ($label = $this->peek(1))?->kind && !isset($this->begins[$this->at + 1]) ? $this->jumps->leavingTo($token, $label->text) : [$this->jumps->leaving($token)],
            'return' => $this->giveBack($token),
            default => $this->joined($token, $this->valueRows->plainRows(...)) ?? [],
        };
    }

    /**
     * Rows behind each other that commas part, in which one value is found after the other (ECMA-262, 13.16; C++17, 8.19).
     *
     * @param callable(Token): (list<Statement>|null) $read
     *
     * @return list<Statement>|null
     */
    private function joined(Token $token, callable $read): ?array
    {
        $cuts = \count($this->cuts);
        [$outer, $this->rowEnds] = [$this->rowEnds, RowEnd::SemicolonOrComma];
        try {
            $rows = $read($token);
            if (null === $rows || !$this->is(',')) {
                return $rows;
            }
            while ($this->accept(',')) {
                $next = $this->peek() ?? $this->fail('unexpected');
                $rows = [...$rows, ...$this->ownRow($next) ?? $this->valueRows->plainRows($next)];
            }
        } finally {
            $this->rowEnds = $outer;
        }
        if (\count($rows) !== \count($this->cuts) - $cuts) {
            $this->fail('unsupported', $token, ['what' => '…, …']);
        }
        self::cutTo($this->cuts, $cuts);
        $this->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** @return list<Statement> what stands in the head of a loop, as rows that have no text yet */
    public function rowsOfHead(Token $token): array
    {
        $cuts = \count($this->cuts);
        [$outer, $this->rowEnds] = [$this->rowEnds, RowEnd::InHead];
        try {
            $rows = $this->ownRow($token) ?? $this->valueRows->plainRows($token);
        } finally {
            $this->rowEnds = $outer;
        }
        if (\count($rows) !== \count($this->cuts) - $cuts) {
            $this->fail('unsupported', $token, ['what' => 'for (…; …; …)']);
        }
        self::cutTo($this->cuts, $cuts);

        return $rows;
    }

    /** Whether braces hold rows, and are no list or map. */
    private function isBareBlock(): bool
    {
        $closing = $this->closingOf($this->at);
        $alone = null !== $closing && isset($this->begins[$this->at]) && (isset($this->begins[$closing + 1]) || $closing + 1 >= $this->until) && !$this->is(':', 2);
        for ($index = $this->at + 1; !$alone && null !== $closing && $index < $closing; ++$index) {
            if (';' === $this->tokens[$index]->text) {
                return $this->isInOneLine($closing);
            }
            $index = $this->partners[$index] ?? $index;
        }
        if (!$alone && null !== $closing && TokenKind::Keyword === $this->tokens[$this->at + 1]->kind && (!\in_array($this->tokens[$this->at + 2]->text, [':', ',', '}', '('], true) || \in_array($this->tokens[$this->at + 1]->text, ['if', 'for', 'while', 'switch'], true))) {
            return $this->isInOneLine($closing);
        }
        if ($alone && (!isset($this->begins[$this->at + 1]) || !isset($this->begins[$closing]))) {
            return $this->isInOneLine($closing);
        }

        return $alone;
    }

    /** Whether braces with rows stand in one line. */
    private function isInOneLine(int $closing): bool
    {
        for ($index = $this->at + 1; $index <= $closing; ++$index) {
            if (isset($this->begins[$index])) {
                $this->fail('unsupported', $this->peek(), ['what' => '{ … }']);
            }
        }

        return true;
    }

    /** @return list<Statement> the rows of braces that stand for themselves; names of their own are told apart before */
    private function bareBlock(): array
    {
        $start = $this->at++;
        ++$this->bareBlocks;
        try {
            $rows = $this->block($start);
        } finally {
            --$this->bareBlocks;
        }
        if (!$this->accept('}')) {
            $this->missingBrace($start);
        }

        return $rows;
    }

    /** The end of a simple row. */
    public function semicolon(): void
    {
        if ($this->rowEnds->isEndedBy($this->sign() ?? '') || $this->accept(';')) {
            return;
        }
        $next = $this->peek();
        $ends = null === $next || '}' === $next->text && TokenKind::Sign === $next->kind || isset($this->begins[$this->at]);
        $end = $this->endOffset();
        if ($ends && !$this->semicolonNeeded()) {
            return;
        }
        if ($ends) {
            $this->mistake('semicolon_missing', max(0, $end - 1), 1, [], [new Replacement($end, 0, ';')]);

            return;
        }
        if (\in_array($next->text, [')', ']'], true) && TokenKind::Sign === $next->kind) {
            $this->fail('extra_bracket', $next, [], [new Replacement($next->offset, 1, '')]);
        }
        if (':' === $next->text && isset($this->begins[$this->at + 1])) {
            if (isset($this->begins[$this->at - 1]) && TokenKind::Name === $this->tokens[$this->at - 1]->kind) {
                // A label: something jumps there.
                $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => $this->tokens[$this->at - 1]->text.':']);
            }
            $this->fail('foreign_word', $next, ['word' => ':', 'near' => '{ … }']);
        }
        if (TokenKind::Unread === $next->kind) {
            $this->strange($next);
        }
        if (\in_array($next->kind, [TokenKind::Name, TokenKind::Keyword], true)) {
            $word = ['and' => '&&', 'or' => '||', 'then' => '{'][$next->text] ?? null;
            if (null !== $word) {
                $this->fail('foreign_word', $next, ['word' => $next->text, 'near' => $word], [new Replacement($next->offset, \strlen($next->text), $word)]);
            }
            $before = $this->tokens[$this->at - 1] ?? null;
            if ($this->notation->typed && TokenKind::Name === $before?->kind && TokenKind::Name === $next->kind && RealNames::has($before->text, $this->language())) {
                // A type that is not read yet, and what is declared of it.
                $this->fail('unsupported', $before, ['what' => "$before->text $next->text"]);
            }
            $this->fail('two_rows', $next, [], [new Replacement($end, 0, ';')]);
        }
        $this->signsMeant();
        if (',' === $next->text) {
            // Several values in one row, the last of which counts (ECMA-262, 13.16; C++17, 8.19).
            $this->fail('unsupported', $next, ['what' => '…, …']);
        }
        if ($this->notation->typed && '(' === $next->text && ')' === $this->tokens[$this->at - 1]->text) {
            // What round brackets give may be called (C++17, 16.5.4).
            $this->fail('unsupported', $next, ['what' => '(…)(…)']);
        }
        $this->fail('unexpected', $next);
    }

    /** A row that is not closed most likely ends where its line does. */
    public function beforeEnd(): int
    {
        $index = $this->at;
        while ($index < $this->until && !isset($this->begins[$index]) && !\in_array($this->tokens[$index]->text, [';', '{'], true)) {
            ++$index;
        }
        $last = $this->tokens[max(0, $index - 1)];

        return $last->offset + \strlen($last->text);
    }

    /** A variable that a condition declares, with its value. */
    public function declaredInCondition(): ?Expression
    {
        return null;
    }

    public function foreignLogic(Token $token): void
    {
        $word = ['and' => '&&', 'or' => '||', 'AND' => '&&', 'OR' => '||', '&' => '&&', '|' => '||'][$token->text] ?? null;
        if (null !== $word) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => $word], [new Replacement($token->offset, \strlen($token->text), $word)]);
        }
    }

    /** The sign that compares two values. */
    abstract public function equals(): string;

    /**
     * Rows in braces, or one row alone.
     *
     * @param int    $start the first token of what holds them
     * @param string $part  the part of the row that begins there
     */
    public function body(int $id, int $start, string $part, string $name, bool $isLoop): Block
    {
        $offset = $this->tokens[$start]->offset;
        $next = $this->peek();
        if ($this->is(';') && 'do' !== $this->tokens[$start]->text && isset($this->begins[$this->at + 1]) && '{' === ($this->tokens[$this->at + 1]->text ?? '') || $this->is(';') && '{' === ($this->tokens[$this->at + 1]->text ?? '')) {
            $this->mistake('semicolon_after_header', $this->offset(), 1, ['word' => $this->tokens[$start]->text], [new Replacement($this->offset(), 1, '')]);
            ++$this->at;
        } elseif ($this->is(';')) {
            $isMeant = !isset($this->begins[$this->at + 1]) || $this->indentOf($this->at + 1) <= $this->indentOf($start) || '}' === ($this->tokens[$this->at + 1]->text ?? '}');
            $isSaid = 'else' === $this->tokens[$start]->text || 'else' === ($this->tokens[$this->at + 1]->text ?? '') || ' ' === ($this->text[$this->offset() - 1] ?? '');
            if ($isMeant && ($isLoop || $isSaid)) {
                // Nothing is set in below it: a body that does nothing is what was meant.
                ++$this->at;
                $this->cut($id, $part, $offset, $this->endOffset(), true);

                return new Block([]);
            }
            $this->fail('semicolon_after_header', $next, ['word' => $this->tokens[$start]->text], [new Replacement($this->offset(), 1, '')]);
        }
        if ($this->is(':')) {
            $this->fail('foreign_word', $next, ['word' => ':', 'near' => '{'], [new Replacement($this->offset(), 1, ' {')]);
        }
        if ($this->accept('{')) {
            $this->cut($id, $part, $offset, $this->endOffset());

            return $this->bodyRows($id, $start, $isLoop, $name);
        }
        if ($this->lacksBrace()) {
            $end = $this->endOffset();
            $this->mistake('brace_wanted', max(0, $end - 1), 1, ['word' => $this->tokens[$start]->text], [new Replacement($end, 0, ' {')]);
            $this->cut($id, $part, $offset, $end);

            return $this->bodyRows($id, $start, $isLoop, $name);
        }
        $next = $this->peek();
        if (null === $next || '}' === $next->text) {
            $this->fail('body_missing', $this->tokens[$start]);
        }
        if (isset($this->begins[$this->at]) && isset($this->remarksBefore[$this->at])) {
            $this->remarksBefore[$this->at] = [];
        }
        $this->cut($id, $part, $offset, $this->endOffset(), true);
        $before = [$this->parent, $this->loops];
        $this->parent = $id;
        if ($isLoop) {
            $this->loops[] = $offset;
        }
        $rows = $this->row();
        [$this->parent, $this->loops] = $before;

        return new Block($rows);
    }

    public function bodyRows(int $id, int $start, bool $isLoop, string $name): Block
    {
        $before = [$this->parent, $this->loops];
        $this->parent = $id;
        if ($isLoop) {
            $this->loops[] = $this->tokens[$start]->offset;
        }
        $rows = $this->block($start);
        [$this->parent, $this->loops] = $before;

        return new Block($rows);
    }

    /** The brace that closes a body; where it is missing, that is said at the last row in it. */
    public function closeBrace(int $id, int $start, string $part = 'close', string $behind = ''): void
    {
        if ($this->is('}')) {
            $offset = $this->offset();
            ++$this->at;
            if ('' !== $behind) {
                $this->accept($behind);
            }
            $this->cut($id, $part, $offset, $this->endOffset());

            return;
        }
        $this->missingBrace($start);
    }

    public function missingBrace(int $start): void
    {
        $end = $this->endOffset();
        $indent = str_repeat(' ', $this->indentOf($start));
        --$this->unclosed;
        $this->mistake('brace_missing', max(0, $end - 1), 1, ['line' => $this->lineOf($this->tokens[$start]->offset)], [new Replacement($end, 0, "\n$indent}")]);
    }

    public function opensBrace(): bool
    {
        if ($this->is('then') && !$this->isVariable('then') && !isset($this->symbols->functions['then'])) {
            $this->fail('foreign_word', $this->peek(), ['word' => 'then', 'near' => '{'], $this->is('{', 1) ? [new Replacement($this->offset(), 4, '')] : [new Replacement($this->offset(), 4, '{')]);
        }

        return $this->is('{') || $this->lacksBrace() || $this->is(';') && '{' === ($this->tokens[$this->at + 1]->text ?? '');
    }

    /** Passes over what a language says between `for` and its bracket of what is waited for. */
    public function passWaiting(): void
    {
    }

    /** What the variable of a `for` begins with. */
    public function startOf(Token $name, Expression $value): Expression
    {
        return $value;
    }

    /** @return array{Operator|null, Expression} as step() gives it, by what the variable holds */
    public function stepOf(int $id, string $variable, Expression $condition, ?Operator $operator, Expression $amount): array
    {
        return [$operator, $amount];
    }

    /** The variable of a loop is known from here on. */
    public function counted_(string $name): void
    {
        $this->ofLoops[$this->scope][$name] = true;
    }

    /** Whether the outermost rows declare a name a second time; what a block declares is its own (ECMA-262, 14.2; C++17, 6.3.3). */
    final public function isDeclaredTwice(string $name): bool
    {
        if ([] !== $this->loops || 1 !== $this->parent || 0 < $this->bareBlocks) {
            return false;
        }
        $isTwice = isset($this->outermost[$name]);
        $this->outermost[$name] = true;

        return $isTwice && !isset($this->ofLoops[$this->scope][$name]);
    }

    /** A loop that counts, if it counts numbers. */
    public function counting(ForLoop $loop): Statement
    {
        return $loop;
    }

    public function isDeclared(string $name): bool
    {
        for ($scope = $this->scope; '' !== $scope; $scope = $this->symbols->around[$scope] ?? '') {
            if (isset($this->declared[$scope][$name])) {
                return true;
            }
        }

        return isset($this->declared[''][$name]);
    }

    /** A name gets a value without being declared. */
    abstract public function undeclared(Token $name): void;

    /** A loop over items, if this is one. */
    abstract public function eachLoop(int $id, int $start, Token $opened): ?Statement;

    /**
     * What is caught, behind `catch`.
     *
     * @return array{list<FailureKind|string>, string} its kinds, and its name
     */
    abstract public function caughtHere(): array;

    /** What is thrown, behind `throw`, but for a name that was caught. */
    abstract public function thrown(Token $token): Raise|RaiseObject;

    /**
     * Catching by kind where one `catch` takes all.
     *
     * @param int $from the token that the part begins with
     *
     * @return array{list<Rescue>, int}|null with the token at which the end of all begins
     */
    public function caughtByKind(int $id, int $from, string $name): ?array
    {
        return null;
    }

    /** @param list<Statement> $rows */
    public static function lastRow(array $rows): ?Statement
    {
        foreach (array_reverse($rows) as $row) {
            if (!$row instanceof Comment) {
                return $row;
            }
        }

        return null;
    }

    public function ended(Statement $row, int $start): Statement
    {
        $held = $this->doneWhere->endedInOneRow($row, $start);
        if (null !== $held) {
            return $held;
        }
        $this->cut($row->id, 'head', $start, $this->endOffset());

        return $row;
    }

    /** Whether what is read may give something back. */
    protected function isInFunction(): bool
    {
        return '' !== $this->scope || [] !== $this->turns;
    }

    /** What a bare `return` gives back in the function being read, as the list in which it gathers what it yields. */
    protected function gatheredSoFar(): ?string
    {
        return null;
    }

    /** @return list<Statement> */
    private function giveBack(Token $token): array
    {
        if (!$this->isInFunction()) {
            $this->fail('outside_function', $token);
        }
        ++$this->at;
        $next = $this->peek();
        if ($this->is(';') || null === $next || '}' === $next->text || isset($this->begins[$this->at]) || $this->endsReading()) {
            $this->semicolon();
            if ([] !== $this->turns && null !== $turn = $this->turns[array_key_last($this->turns)]) {
                // A function that is called for each item ends its turn.
                return $turn === \count($this->loops) ? [$this->ended(new ContinueLoop($this->newId()), $token->offset)] : $this->fail('unsupported', $token, ['what' => '.forEach(… return …)']);
            }

            $made = $this->gatheredSoFar();

            return [$this->ended(null === $made ? new LeaveFunction($this->newId()) : new GiveBack($this->newId(), new VariableRead($made)), $token->offset)];
        }
        if (null !== $this->gatheredSoFar()) {
            // What comes with the last step, which nobody sees who goes over them (ECMA-262, 27.5.3.2).
            $this->endsWithValue[$this->scope] = true;
        }
        $turn = [] === $this->turns ? null : $this->turns[array_key_last($this->turns)];
        if (null !== $turn && $turn !== \count($this->loops)) {
            $this->fail('unsupported', $token, ['what' => '.forEach(… return …)']);
        }
        $start = $this->offset();
        $value = $this->valueGivenBack();
        $before = [];
        while (null === $turn && $this->accept(',')) {
            // All are found, the last one is given back (ECMA-262, 13.16; C++17, 8.19).
            $before = [...$before, ...$this->isSteady($value) ? [] : [$this->performed($value, $start, $this->endOffset())]];
            $start = $this->offset();
            $value = $this->valueGivenBack();
        }
        if (null !== $turn) {
            // Nobody gets what the turn gives back.
            $isPrinted = $value instanceof Operation && OperationKey::Printed === $value->key;
            $does = match (true) {
                $isPrinted => [new PrintLine($this->newId(), $value->arguments)],
                $this->isSteady($value) => [],
                default => [$this->performed($value, $start, $this->endOffset())],
            };
            $rows = [...$does, new ContinueLoop($this->newId())];
            $this->semicolon();
            $this->cutTogether($rows, $token->offset);

            return $rows;
        }
        $this->semicolon();
        if ([] !== $before) {
            $rows = [...$before, new GiveBack($this->newId(), $value)];
            $this->cutTogether($rows, $token->offset);

            return $rows;
        }

        return [$this->ended(new GiveBack($this->newId(), $value), $token->offset)];
    }

    /** What stands behind `return`; what the function gives may say what braces make. */
    protected function valueGivenBack(): Expression
    {
        return $this->giving();
    }

    /** Reads what stands before the braces of a function without a name: `() =>`, `[]`. */
    abstract protected function unnamedFunction(): bool;

    /**
     * `lantern.whenTapped("round", () => {`: rows that run when something happens.
     *
     * @return list<Statement>|null
     */
    private function handlerRow(Token $token): ?array
    {
        $start = $this->at;
        $name = isset($this->objects[$token->text]) ? $this->objects[$token->text].'.'.$this->sign(2) : $token->text;
        $entry = Vocabulary::commands($this->language())[$name] ?? null;
        if (null === $entry) {
            return null;
        }
        $event = null;
        foreach (Handler::EVENTS as $key => [$command]) {
            $event = $command === $entry->key ? $key : $event;
        }
        if (null === $event) {
            return null;
        }
        $this->at += str_contains($name, '.') ? 3 : 1;
        $opened = $this->peek() ?? $token;
        if (!$this->is('(')) {
            $this->at = $start;

            return null;
        }
        ++$this->at;
        $what = $this->argument();
        if (!$this->accept(',') || !$this->unnamedFunction() || !$this->is('{')) {
            $this->at = $start;

            return null;
        }
        if (1 !== $this->parent || '' !== $this->scope) {
            $this->fail('handler_inside', $token);
        }
        $id = $this->newId();
        $loops = $this->loops;
        $this->loops = [];
        $body = $this->body($id, $start, 'head', 'body', false);
        $this->loops = $loops;
        $this->closeUnnamed($id, $start, $opened);
        $this->sceneCalls->placed($entry, $this->tokens[$start + (str_contains($name, '.') ? 2 : 0)]);

        return [new Handler($id, $event, $this->sceneCalls->fitted($entry->slots[0], $what), $body)];
    }

    /** The end of a function without a name that was handed over: `});`. */
    public function closeUnnamed(int $id, int $start, Token $opened): void
    {
        if (!$this->is('}')) {
            $this->missingBrace($start);

            return;
        }
        $offset = $this->offset();
        ++$this->at;
        $this->close($opened);
        $this->semicolon();
        $this->cut($id, 'close', $offset, $this->endOffset());
    }

    /** Whether a name in a method is something that its object keeps. */
    public function isOfObject(string $name): bool
    {
        return false;
    }

    protected function isRowAt(int $offset): bool
    {
        return $offset === $this->rowBegins;
    }

    protected function argued(): Expression
    {
        return $this->giving();
    }

    /** A value that may give something a value itself: `x = 3`, `total += x`. */
    public function giving(int $strength = 0): Expression
    {
        $from = $this->offset();

        return $this->givenBehind($this->expression($strength), $from, $strength);
    }

    /** What stands behind a sign that gives a value, where another such sign follows: `x += y -= 3`. */
    public function givenBehind(Expression $value, int $from, int $strength = 0): Expression
    {
        $sign = $this->sign();
        $logic = ['||=' => Operator::Or, '&&=' => Operator::And][$sign ?? ''] ?? null;
        $key = '??=' === $sign ? OperationKey::OrElse : ChangedPlace::BY[$sign ?? ''] ?? null;
        if (null === $sign || isset($this->begins[$this->at]) || '=' !== $sign && null === $logic && null === $key && !\array_key_exists($sign, self::CHANGES) || !Given::isPlace($value = $this->ownLength($value))) {
            return $value;
        }
        ++$this->at;
        $behind = $this->giving($strength);
        if (null !== $logic || null !== $key) {
            return $this->givenInside(OperationKey::Given, $value, null === $logic ? new Operation($key ?? OperationKey::OrElse, [$value, $behind]) : new Binary($logic, $value, $behind), $from);
        }

        $changed = '=' === $sign ? null : $this->changedByMethod($value, self::CHANGES[$sign] ?? $this->division(), $behind);
        if (null !== $changed) {
            return $changed;
        }

        return $this->givenInside(OperationKey::Given, $value, '=' === $sign ? $this->anew($value, $behind) : new Binary(self::CHANGES[$sign] ?? $this->division(), $value, $behind), $from);
    }

    /** What changes an object in the way that its class says; null where no class says anything. */
    public function changedByMethod(Expression $target, Operator $operator, Expression $amount): ?MethodCall
    {
        return null;
    }

    /** What something gets behind `=`; what it is may say what braces make. */
    public function valueFor(Expression $target): Expression
    {
        return $this->value();
    }

    /** A value that changes something; what is changed must not do so itself, as it is found twice. */
    public function givenInside(OperationKey $key, Expression $target, Expression $value, int $from): Operation
    {
        $target = $this->placeOf($target);
        if (Given::isPlace($target) && Given::isIn($target)) {
            $this->failAt('unsupported', $from, max(1, $this->endOffset() - $from), ['what' => '…[…] = …']);
        }
        if (!Given::isPlace($target)) {
            $this->failNoPlace($target, $from, max(1, $this->endOffset() - $from));
        }
        if ($target instanceof VariableRead) {
            $this->given($target->name, $from);
        }

        return new Operation($key, [$target, $value]);
    }

    /** What takes the value that is given to what a call gives back. */
    public function placeOf(Expression $target): Expression
    {
        return $target;
    }

    /** What is written to is no place that is known: what a function gives may be one where it gives a reference (C++17, 8.2.2). */
    public function failNoPlace(Expression $target, int $start, int $length): never
    {
        $called = $target instanceof MethodCall ? $target->method : ($target instanceof OwnValue ? $target->function : '');
        $row = explode(';', strtok(substr($this->text, $start, 40), "\r\n") ?: '')[0];
        $text = trim((preg_split('~[-+*/%&|^]?=(?!=)|(?<=.)(?:\+\+|--)~', $row) ?: [$row])[0]);
        if ($this->notation->typed && ($target instanceof Choice || '(' === $text[0] && str_contains($this->text, 'operator')) || $this->notation->typed && '' !== $called && ('@' === $called[0] || 1 === preg_match('/&\s*(?:\w+::)?'.Names::asPattern($called).'\s*\(/', $this->text))) {
            $this->failAt('unsupported', $start, $length, ['what' => "$text = …"]);
        }
        if (!$this->notation->typed && ($target instanceof MapLiteral || $target instanceof ListLiteral)) {
            // What is taken apart is no mistake, wherever it stands (ECMA-262, 13.15.5).
            $this->failAt('unsupported', $start, $length, ['what' => $target instanceof MapLiteral ? '{…} = …' : '[…] = …']);
        }
        $this->failAt('assign_to_value', $start, $length, ['text' => $text]);
    }

    /** The place that a method gives which looks first whether it may; the method has to be asked before. */
    public function guardedPlace(MethodCall $call): ?Expression
    {
        return null;
    }

    /** The variable of a loop that gets its value only where the loop asks on: `for (int n; cin >> n;)`; null where there is none. */
    public function withoutValue(Token $name): ?Statement
    {
        return null;
    }

    /** Whether a variable holds where an object is, so that what is given to what it points at is given to the object. */
    public function isPointerToObject(VariableRead $variable): bool
    {
        return false;
    }

    /** A value as a variable keeps it. */
    public function kept(string $name, Expression $value): Expression
    {
        return $value;
    }

    /** An object may keep a number under the name that lists and texts have, too: `this.length = 0`. */
    public function ownLength(Expression $target): Expression
    {
        if ($target instanceof MethodCall && 'length' === $target->method && null !== $target->otherwise && null === $this->classes->ownerOf($this->class, 'length')) {
            $target = $target->otherwise;
        }
        $isOwn = $target instanceof Operation && OperationKey::Length === $target->key && $this->facts->namedPlaces && '' !== $this->class && $target->arguments[0] == new VariableRead($this->itself);

        return $isOwn ? new Field($target->arguments[0], 'length') : $target;
    }

    /** Whether a number is reckoned from letters, which may be one again. */
    public function isOfLetters(Expression $value): bool
    {
        return false;
    }

    /** Two words side by side at the start of a row. */
    abstract public function foreignRow(Token $token, Token $next): void;

    /** Names that a function gives a value without declaring them are those of what stands around it. */
    public function shared(string $scope, Block $body): Block
    {
        $rows = [];
        foreach (array_keys(array_diff_key($this->assigned[$scope] ?? [], $this->declared[$scope] ?? [])) as $name) {
            if (!str_contains((string) $name, '.')) {
                $rows[] = new ShareVariable($this->newId(), (string) $name);
            }
        }

        return [] === $rows ? $body : new Block([...$rows, ...$body->statements]);
    }

    public function given(string $name, int $offset): void
    {
        $scope = isset($this->declared[$this->scope][$name]) ? $this->scope : '';
        $this->symbols->writes[$scope][$name] ??= $offset;
        $this->assigned[$this->scope][$name] = true;
    }

    public function changed(Expression $target, Operator $operator, Expression $amount, int $start): Statement
    {
        if ($target instanceof VariableRead) {
            $this->assigned[$this->scope][$target->name] = true;

            return ValueAsRow::changedRow($this->newId(), $target->name, $operator, $amount);
        }
        $set = $this->valueAsRow->throughSetter($target, $operator, $amount);
        if (null !== $set) {
            return $set;
        }
        $target = $this->ownLength($target);
        if ($target instanceof Operation && OperationKey::Length === $target->key && $this->facts->namedPlaces) {
            return new Perform($this->newId(), new Operation(OperationKey::SetLength, [$target->arguments[0], new Binary($operator, $target, $amount)]));
        }
        if (!$target instanceof Item && !$target instanceof Field) {
            $this->failNoPlace($target, $start, max(1, $this->endOffset() - $start));
        }

        return new SetItem($this->newId(), $target, $amount, $operator);
    }

    /**
     * @phpstan-impure reading a row adds to them
     *
     * @return list<array{string, bool}>
     */
    public function takenSteps(): array
    {
        return $this->steps;
    }
}
