<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Parsing\Yielding;
use Scrivlet\Core\Language\Python\Rows\Announcements;
use Scrivlet\Core\Language\Python\Rows\AttemptRows;
use Scrivlet\Core\Language\Python\Rows\CasesOfMatch;
use Scrivlet\Core\Language\Python\Rows\ClassRows;
use Scrivlet\Core\Language\Python\Rows\ConditionRows;
use Scrivlet\Core\Language\Python\Rows\DataClasses;
use Scrivlet\Core\Language\Python\Rows\Enumerations;
use Scrivlet\Core\Language\Python\Rows\FunctionRows;
use Scrivlet\Core\Language\Python\Rows\Headers;
use Scrivlet\Core\Language\Python\Rows\Indentation;
use Scrivlet\Core\Language\Python\Rows\InnerClasses;
use Scrivlet\Core\Language\Python\Rows\LoopRows;
use Scrivlet\Core\Language\Python\Rows\PrivateNames;
use Scrivlet\Core\Language\Python\Rows\Properties;
use Scrivlet\Core\Language\Python\Rows\Records;
use Scrivlet\Core\Language\Python\Rows\ToldApart;
use Scrivlet\Core\Language\Python\Rows\UnreadRows;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;

/** Python 3.11, as far as a school course goes (The Python Language Reference, chapters 7 and 8). */
final class PythonParser extends PythonStatements
{
    use Yielding;

    /** What other languages call it. */
    public const FOREIGN_WORDS = ['function' => 'def', 'func' => 'def', 'elseif' => 'elif', 'elsif' => 'elif', 'foreach' => 'for', 'until' => 'while', 'repeat' => 'for', 'unless' => 'if', 'define' => 'def', 'fun' => 'def'];

    public readonly Announcements $announcements;
    public readonly Indentation $indentation;
    public readonly UnreadRows $unreadRows;
    public readonly Headers $headers;
    public readonly LoopRows $loopRows;
    public readonly ConditionRows $conditionRows;
    public readonly AttemptRows $attemptRows;
    public readonly ClassRows $classRows;
    public readonly FunctionRows $functionRows;
    public readonly CasesOfMatch $casesOfMatch;
    public readonly DataClasses $dataClasses;
    public readonly Properties $properties;
    public readonly Enumerations $enumerations;
    public readonly InnerClasses $innerClasses;
    public readonly PrivateNames $privateNames;
    public readonly Records $records;
    public readonly ToldApart $toldApart;

    /** @var list<LogicalLine> */
    public array $lines = [];
    public int $line = 0;

    /** @var array<string, true> classes whose annotated names are what each of their objects keeps */
    public array $madeOfFields = [];

    /** The column of a `try` that could not be read, whose further parts are no rows of their own. */
    private ?int $tornTry = null;

    /** @var array<int, string> what remembers that a loop was left, for those with an `else`, by how deep they stand */
    public array $leaves = [];

    /** @var list<array{int, int}> from and until where rows stand in a `try` that can't be read as a whole */
    public array $unreadTries = [];

    /** @var array<string, true> functions of which `with` holds what they hand out */
    public array $managers = [];
    /** @var array<string, string> methods by further names, which stand behind their class and a point */
    public array $namedAlso = [];

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->announcements = new Announcements($this);
        $this->indentation = new Indentation($this);
        $this->unreadRows = new UnreadRows($this);
        $this->headers = new Headers($this);
        $this->loopRows = new LoopRows($this);
        $this->conditionRows = new ConditionRows($this);
        $this->attemptRows = new AttemptRows($this);
        $this->classRows = new ClassRows($this);
        $this->functionRows = new FunctionRows($this);
        $this->casesOfMatch = new CasesOfMatch($this);
        $this->dataClasses = new DataClasses($this);
        $this->properties = new Properties($this);
        $this->enumerations = new Enumerations($this);
        $this->innerClasses = new InnerClasses($this);
        $this->privateNames = new PrivateNames($this);
        $this->records = new Records($this);
        $this->toldApart = new ToldApart($this);
    }

    public function rows(): Rows
    {
        $tokens = PythonLexer::tokens($this->text);
        $lines = new LogicalLines($tokens);
        $this->lines = $lines->lines;
        $this->tokens = $lines->tokens;
        $this->innerClasses->announceInnerClasses();
        if ([] !== array_filter($this->innerClasses->aroundClass)) {
            $lines = new LogicalLines($this->withInnerNames($tokens));
            $this->lines = $lines->lines;
            $this->tokens = $lines->tokens;
        }
        $this->partners = Partners::of($this->tokens);
        $this->privateNames->tellApart();
        $this->toldApart->tellApart();
        $this->announcements->announce();
        $imports = $this->leadingImports();
        $rows = $this->block(null);

        return new Rows($imports, $rows);
    }

    /** @return array{int, int}|null where the imports at the very top begin and end */
    private function leadingImports(): ?array
    {
        $start = $end = null;
        while (null !== ($line = $this->lines[$this->line] ?? null) && !$line->remark && \in_array($this->tokens[$line->from]->text, ['import', 'from'], true) && '' === $line->indent) {
            [$this->at, $this->until] = [$line->from, $line->until];
            try {
                $this->importRows->import();
                if (null !== $this->peek()) {
                    break;
                }
            } catch (ParseFailure) {
                break;
            }
            $start ??= $this->tokens[$line->from]->offset;
            $end = $this->endOffset();
            ++$this->line;
        }

        return null === $start || null === $end ? null : [$start, $end];
    }

    /**
     * The rows of a body.
     *
     * @param LogicalLine|null $header the line that holds the body
     *
     * @return list<Statement>
     */
    public function block(?LogicalLine $header): array
    {
        $rows = [];
        $own = null;
        $outer = $header?->column() ?? -1;
        while (null !== $line = $this->lines[$this->line] ?? null) {
            $column = $line->column();
            if ($line->remark) {
                if (!$this->indentation->remarkBelongs($column, $outer)) {
                    break;
                }
                $rows[] = $this->comment($this->tokens[$line->from]);
                ++$this->line;
                continue;
            }
            if ($column <= $outer) {
                break;
            }
            if (null === $own) {
                $own = $line;
                if (null === $header && $column > 0) {
                    $this->indentation->indentMistake('indent_too_deep', $line, '');
                }
            } else {
                $this->indentation->checkIndent($line, $own, $header);
            }
            foreach ($this->logicalLine($line) as $row) {
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /** @return list<Statement> the rows that stand on a logical line, with what they hold below it */
    private function logicalLine(LogicalLine $line): array
    {
        ++$this->line;
        [$this->at, $this->until] = [$line->from, $line->until];
        $rows = [];
        $below = $this->line;
        while ($this->at < $this->until) {
            $start = $this->at;
            $state = $this->state();
            $ids = $this->ids;
            try {
                $made = $this->statement($line);
                $this->checked($made, $this->tokens[$start]->offset);
                array_push($rows, ...$made);
                $this->tornTry = $line->column() > ($this->tornTry ?? -1) ? $this->tornTry : null;
                if ($this->at < $this->until && !$this->accept(';')) {
                    $this->trailing($start);
                }
            } catch (ParseFailure $failure) {
                $this->backTo($state);
                [$this->line, $this->until] = [$below, $line->until];
                $rows = \array_slice($rows, 0, \count(array_filter($rows, static fn (Statement $row): bool => $row->id <= $ids)));
                $isMatch = \in_array($this->tokens[$start]->text, ['match', 'case'], true);
                $isRest = \in_array($this->tokens[$start]->text, ['except', 'finally', 'else'], true) && $this->tornTry === $line->column();
                if ($isMatch && $this->casesOfMatch->isCaseOfUnread($line) || $isRest) {
                    // What is wrong is told of the whole, or of its first case.
                } else {
                    $this->tell($failure, $start);
                }
                $rows[] = $this->unreadRows->unread($start, $line);
                $this->tornTry = 'try' === $this->tokens[$start]->text || $isRest ? $line->column() : null;
            }
        }

        return $rows;
    }

    public function rowStart(): int
    {
        return $this->lines[max(0, $this->line - 1)]->offset ?? 0;
    }

    /** Something stands behind a row that is complete. */
    private function trailing(int $start): never
    {
        $token = $this->peek();
        if (null !== $token && TokenKind::Sign === $token->kind && \in_array($token->text, [')', ']', '}'], true)) {
            $this->fail('extra_bracket', $token, [], [new Replacement($token->offset, 1, '')]);
        }
        if (null !== $token && '{' === $token->text) {
            $this->fail('foreign_word', $token, ['word' => '{', 'near' => ':'], [new Replacement($this->endOffset(), $token->offset + 1 - $this->endOffset(), ':')]);
        }
        if (null !== $token && ':' === $token->text && null === $this->peek(1)) {
            $this->fail('extra_colon', $token, [], [new Replacement($token->offset, 1, '')]);
        }
        if (null !== $token && TokenKind::Unread === $token->kind) {
            $this->strange($token);
        }
        if (null !== $token && 'if' === $token->text && [] !== array_filter(\array_slice($this->tokens, $this->at, $this->until - $this->at), static fn (Token $one): bool => 'else' === $one->text)) {
            // `print(a) if ready else print(b)`: a row that chooses which of two it is.
            $this->fail('unsupported', $token, ['what' => '… if … else …']);
        }
        if (null !== $token && (TokenKind::Name === $token->kind || TokenKind::Keyword === $token->kind) && $this->at > $start) {
            $this->fail('two_rows', $token, [], [new Replacement($this->endOffset(), $token->offset - $this->endOffset(), "\n".$this->lines[$this->line - 1]->indent)]);
        }
        $this->fail('unexpected', $token);
    }

    /** @return array{int, int, int, int, int, string, list<int>} how far the rows before have come: those of a row that can't be read are taken back */
    private function state(): array
    {
        return [\count($this->mistakes), \count($this->cuts), $this->depth, $this->ids, $this->parent, $this->scope, $this->loops];
    }

    /** @param array{int, int, int, int, int, string, list<int>} $state */
    private function backTo(array $state): void
    {
        [$mistakes, $cuts, $this->depth, $this->ids, $this->parent, $this->scope, $this->loops] = $state;
        self::cutTo($this->mistakes, $mistakes);
        self::cutTo($this->cuts, $cuts);
    }

    /** Tells why a row could not be read, unless that only comes of another one. */
    private function tell(ParseFailure $failure, int $start): void
    {
        if ([] === $this->mistakes || !$this->hangsOnUnread($failure->mistake, $start, $this->until, $this->symbols->silenced)) {
            $this->mistakes[] = $failure->mistake;
        }
    }

    /** The lines below a header that are set in deeper. */
    public function body(int $id, LogicalLine $header, bool $isLoop, string $name = 'body'): Block
    {
        $before = [$this->parent, $this->loops];
        $this->parent = $id;
        if ($isLoop) {
            $this->loops[] = $header->offset;
        }
        $next = $this->unreadRows->nextCode();
        ++$this->depth;
        if (null === $next || $next->column() <= $header->column()) {
            if (null === $next) {
                $this->mistake('body_missing', $header->offset + \strlen($header->indent), $this->endOffset() - $header->offset - \strlen($header->indent));
            } else {
                $this->mistake('indent_missing', $next->offset, max(1, \strlen($next->indent)), ['header' => $this->lineOf($header->offset)], [new Replacement($next->offset, \strlen($next->indent), $header->indent.$this->indentation->indentStep())]);
            }
            $rows = [];
        } else {
            $rows = $this->depth > Bounds::NESTING ? [$this->unreadRows->passedOver($header)] : $this->withoutPass($id, $this->block($header), $name);
        }
        --$this->depth;
        [$this->parent, $this->loops] = $before;

        return new Block($rows);
    }

    /**
     * The `pass` that a body without rows needs belongs to what holds the body.
     *
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    private function withoutPass(int $id, array $rows, string $name): array
    {
        $last = array_pop($rows);
        if (!$last instanceof Pass || [] !== array_filter($rows, static fn (Statement $row): bool => !$row instanceof Comment)) {
            return null === $last ? $rows : [...$rows, $last];
        }
        for ($index = \count($this->cuts) - 1; $index >= 0; --$index) {
            $cut = $this->cuts[$index];
            if ($cut->id === $last->id) {
                $this->cuts[$index] = new Cut($id, "$name-empty", $cut->start, $cut->end, $cut->parent, $cut->tight);
                break;
            }
        }

        return $rows;
    }

    /**
     * A row on the line of its header. One that can't be read is left by itself: the header and what goes on below it stay
     * what they are.
     *
     * @return list<Statement>
     */
    private function besideHeader(LogicalLine $header): array
    {
        [$start, $line, $scope, $state] = [$this->at, $this->line, $this->scope, $this->state()];
        try {
            return $this->simple($header);
        } catch (ParseFailure $failure) {
            if ($line !== $this->line || $scope !== $this->scope || TokenKind::Keyword === $this->tokens[$start]->kind && !\in_array($this->tokens[$start]->text, ['return', 'raise', 'print'], true)) {
                throw $failure;
            }
            $this->backTo($state);
            $this->tell($failure, $start);

            return [$this->unreadRows->unread($start, null)];
        }
    }

    /**
     * What follows the colon of a header: rows on the same line, or the lines below.
     *
     * @return array{bool, \Closure(): Block} whether the rows stand on the same line, and how to read them
     */
    public function suite(int $id, LogicalLine $header, bool $isLoop, string $name = 'body'): array
    {
        if ($this->at >= $this->until) {
            return [false, fn (): Block => $this->body($id, $header, $isLoop, $name)];
        }

        return [true, function () use ($id, $header, $isLoop, $name): Block {
            $before = [$this->parent, $this->loops];
            $this->parent = $id;
            if ($isLoop) {
                $this->loops[] = $header->offset;
            }
            $rows = [];
            do {
                array_push($rows, ...$this->besideHeader($header));
            } while ($this->accept(';') && null !== $this->peek());
            $rows = $this->withoutPass($id, $rows, $name);
            [$this->parent, $this->loops] = $before;

            return new Block($rows);
        }];
    }

    /** @return list<Statement> */
    public function statement(LogicalLine $line): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        if (isset($this->toldApart->ownDecorators[$this->at])) {
            return $this->toldApart->decoratedByOwn($line);
        }
        $decorated = '@' === $token->text ? $this->decorated($line, $token) : null;
        if (null !== $decorated) {
            return [$decorated];
        }
        if ($this->records->isRecord()) {
            return [$this->records->record()];
        }
        if ($this->is('=', 1) && $this->isNameOfType()) {
            $this->symbols->silenced[$token->text] = true;
            $this->at = $this->until;

            return [$this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset)];
        }
        if ($this->casesOfMatch->isMatch($line)) {
            return $this->casesOfMatch->matched($line);
        }
        $word = $this->headers->keyword($token);

        return match ($word) {
            'while' => $this->loopRows->withElse($line, fn (): Statement => $this->loopRows->whileLoop($line)),
            'for' => $this->loopRows->withElse($line, fn (): Statement => $this->loopRows->forLoop($line)),
            'if' => [$this->conditionRows->conditional($line)],
            'def' => [$this->functionRows->definition($line)],
            'class' => [$this->classRows->classDefinition($line)],
            'try' => [$this->attemptRows->attempt($line)],
            'with' => [$this->conditionRows->holding($line)],
            'elif', 'else' => $this->conditionRows->strayElse($line, $word),
            'except', 'finally' => $this->fail('without_try', $token, ['word' => $word]),
            default => $this->simple($line),
        };
    }

    /** What stands below a decorator; null where a sign is none. */
    private function decorated(LogicalLine $line, Token $sign): ?Statement
    {
        $sort = $this->functionRows->decorator();
        if (null !== $sort) {
            return $this->functionRows->decorated($line, $sort);
        }
        $behind = $this->peek(1);
        if ('dataclass' === ($behind->text ?? '') && isset($this->imported['dataclass'])) {
            return $this->dataClasses->dataClass($line);
        }
        if ($this->dataClasses->isOrdered()) {
            return $this->dataClasses->ordered($line);
        }

        return TokenKind::Name === $behind?->kind ? $this->fail('unsupported', $sign, ['what' => "@$behind->text"]) : null;
    }

    /** Notes the mistake, and reads on as if the right word stood there. */
    public function taken(Token $token, string $keyword, string $kind): string
    {
        $this->mistake($kind, $token->offset, \strlen($token->text), ['name' => $token->text, 'word' => $token->text, 'near' => $keyword], [new Replacement($token->offset, \strlen($token->text), $keyword)]);

        return $keyword;
    }

    public function mayFail(int $offset): bool
    {
        return parent::mayFail($offset) || [] !== array_filter($this->unreadTries, static fn (array $range): bool => $range[0] <= $offset && $offset < $range[1]);
    }

    protected function saysOf(Token $name): Expression
    {
        return $this->attemptRows->saysOf($name);
    }

    /** The next line that is no remark; those above it belong to what it goes on with. */
    public function codeBelow(): ?LogicalLine
    {
        while (true === ($this->lines[$this->line]->remark ?? null)) {
            ++$this->line;
        }

        return $this->lines[$this->line] ?? null;
    }

    /** `Board = List[List[str]]`: another name for a type, which says nothing to the machine (The Python Standard Library, typing). */
    private function isNameOfType(): bool
    {
        $type = $this->peek(2);
        $isGeneric = null !== $type && (str_starts_with($this->imported[$type->text] ?? '', 'typing.') || \in_array($type->text, ['list', 'dict', 'tuple', 'set'], true) && !$this->isVariable($type->text));

        if ('' === $this->scope && '' === $this->class && null !== $type && 'typing.TypeVar' === ($this->imported[$type->text] ?? '') && $this->is('=', 1) && $this->is('(', 3)) {
            return $this->until === ($this->partners[$this->at + 3] ?? 0) + 1;
        }

        return '' === $this->scope && '' === $this->class && TokenKind::Name === $this->peek()?->kind && $this->is('=', 1) && $isGeneric && $this->is('[', 3) && $this->until === ($this->partners[$this->at + 3] ?? 0) + 1;
    }

    /** @return list<Statement> */
    protected function simple(LogicalLine $line): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        $start = $token->offset;
        if ($this->is('...') || $this->is('.') && $this->is('.', 1) && $this->is('.', 2)) {
            $this->at += $this->is('...') ? 1 : 3;

            return [$this->ended(new Pass($this->newId()), $start)];
        }
        $word = TokenKind::Keyword === $token->kind ? $token->text : ($this->headers->keyword($token) ?? '');
        switch ($word) {
            case 'import':
            case 'from':
                $this->importRows->import();

                return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
            case 'yield':
                return [$this->ended($this->yielded($token), $start)];
            case 'pass':
                ++$this->at;

                return [$this->ended(new Pass($this->newId()), $start)];
            case 'break':
            case 'continue':
                if ([] === $this->loops) {
                    $this->fail('outside_loop', $token, ['word' => $word]);
                }
                ++$this->at;
                $left = 'break' === $word ? $this->leaves[\count($this->loops)] ?? null : null;
                $rows = [];
                if (null !== $left) {
                    $rows[] = $row = new SetVariable($this->newId(), $left, new TruthLiteral(true));
                    $this->cut($row->id, 'head', $start, $start);
                }

                return [...$rows, $this->ended('break' === $word ? new BreakLoop($this->newId()) : new ContinueLoop($this->newId()), $start)];
            case 'return':
                return $this->withAhead(fn (): array => [$this->ended($this->functionRows->giveBack($token), $start)], $start);
            case 'nonlocal':
            case 'global':
                return $this->nameRows->share();
            case 'raise':
                return [$this->ended($this->attemptRows->raise($token), $start)];
            case 'assert':
                ++$this->at;
                $condition = $this->value();

                return [$this->ended(new Claim($this->newId(), $condition, $this->accept(',') ? $this->value() : null), $start)];
            case 'del':
                $this->behind = [];
                $rows = [$this->nameRows->delete(), ...$this->behind];
                $this->cutTogether($rows, $start);

                return $rows;
            case 'while':
            case 'for':
            case 'if':
            case 'def':
            case 'try':
                $this->fail('two_rows', $token, [], [new Replacement($start, 0, "\n".$line->indent.$this->indentation->indentStep())]);
        }

        if ('' !== $this->class && '' === $this->scope && TokenKind::Name === $token->kind && $this->is(':', 1) && isset($this->madeOfFields[$this->class])) {
            return [$this->ended($this->classRows->fieldDeclaration($token), $start)];
        }

        $property = '' === $this->class ? null : $this->properties->methods();
        if (null !== $property) {
            $this->cutTogether($property, $start);

            return $property;
        }

        $also = '' === $this->scope && $this->is('=', 1) ? $this->namedAlso["$this->class.$token->text"] ?? null : null;
        if (null !== $also && $this->until === $this->at + 3) {
            $this->at += 3;

            return [$this->ended($this->classRows->methodNamedAlso($token->text, $also), $start)];
        }

        if ('' !== $this->class && '' === $this->scope && TokenKind::Name === $token->kind && $this->is(':', 1) && !$this->announcements->isGivenByType($line)) {
            // What kind of value it will have says nothing to the machine, and gives it none.
            $this->at += 2;
            $this->annotation();

            return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
        }

        return $this->withAhead(function () use ($token, $start): array {
            $this->behind = [];
            $rows = [$this->plain($token), ...$this->behind];
            $this->cutTogether($rows, $start);

            return $rows;
        }, $start);
    }

    /**
     * Rows, and before them the functions that they hand over and that are more than a value: those have no text of their own.
     *
     * @param \Closure(): list<Statement> $read
     *
     * @return list<Statement>
     */
    private function withAhead(\Closure $read, int $start): array
    {
        $this->ahead = [];
        try {
            $rows = $read();
            $functions = $this->ahead ?? [];
        } finally {
            $this->ahead = null;
        }
        foreach ($functions as $function) {
            $this->cut($function->id, 'head', $start, $start);
            $this->enumerations->cutAtHead($function->body->statements, $function->id, $start);
        }

        return [...$functions, ...$rows];
    }

    public function ended(Statement $row, int $start): Statement
    {
        $this->cut($row->id, 'head', $start, $this->endOffset());

        return $row;
    }

    protected function valueYielded(): Expression
    {
        return $this->valueOrTuple();
    }

    public function yieldsAll(string $function): bool
    {
        return isset($this->yields[$function]);
    }

    protected function ownNames(): array
    {
        return array_map(strval(...), array_keys(array_diff_key($this->symbols->writes[$this->scope] ?? [], [$this->itself => true])));
    }

    public function refusedSetting(Expression $target, bool $isPlain): ?Statement
    {
        return $this->properties->refused($target, $isPlain);
    }

    protected function docstring(Expression $value, Token $token): ?Comment
    {
        // A text at the beginning of a body says what it is for, whatever its quotes (The Python Language Reference, 3.2).
        $before = $this->tokens[$this->at - 2] ?? null;
        $isFirst = null === $this->peek() && (null === $before || ':' === $before->text);

        return $value instanceof TextLiteral && ($isFirst || 1 === preg_match('/^[rRuU]?("""|\'\'\')/', $token->text)) ? new Comment($this->newId(), trim((string) preg_replace('/[ \t]*\R[ \t]*/', "\n", $value->value))) : null;
    }

    protected function enumerated(Token $token): ?Expression
    {
        return $this->enumerations->enumerated($token);
    }

    /**
     * @param list<Token> $tokens of the whole text, spaces and remarks too
     *
     * @return list<Token> with each such name as one of its own
     */
    protected function withInnerNames(array $tokens): array
    {
        return $this->privateNames->calledIn($this->innerClasses->withInnerNames($tokens), $this->class);
    }
}
