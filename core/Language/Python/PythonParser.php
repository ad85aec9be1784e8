<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Parsing\Yielding;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** Python 3.11, as far as a school course goes (The Python Language Reference, chapters 7 and 8). */
final class PythonParser extends PythonStatements
{
    use CasesOfMatch;
    use DataClasses;
    use Enumerations;
    use InnerClasses;
    use Records;
    use ToldApart;
    use Yielding;

    private const KEYWORDS = ['while', 'for', 'if', 'elif', 'else', 'def', 'return', 'import', 'from', 'break', 'continue', 'pass', 'global', 'nonlocal', 'try', 'raise', 'assert', 'class'];
    /** What other languages call it. */
    private const FOREIGN_WORDS = ['function' => 'def', 'func' => 'def', 'elseif' => 'elif', 'elsif' => 'elif', 'foreach' => 'for', 'until' => 'while', 'repeat' => 'for', 'unless' => 'if', 'define' => 'def', 'fun' => 'def'];

    /** @var list<LogicalLine> */
    private array $lines = [];
    private int $line = 0;

    public function rows(): Rows
    {
        $tokens = PythonLexer::tokens($this->text);
        $lines = new LogicalLines($tokens);
        $this->lines = $lines->lines;
        $this->tokens = $lines->tokens;
        $this->announceInnerClasses();
        if ([] !== array_filter($this->aroundClass)) {
            $lines = new LogicalLines($this->withInnerNames($tokens));
            $this->lines = $lines->lines;
            $this->tokens = $lines->tokens;
        }
        $this->partners = Partners::of($this->tokens);
        $this->tellApart();
        $this->announce();
        $imports = $this->leadingImports();
        $rows = $this->block(null);

        return new Rows($imports, $rows);
    }

    /** Functions may be called above their definition, so that their names are known first. */
    private function announce(): void
    {
        $decorator = $above = '';
        $ofClass = [];
        foreach ($this->lines as $index => $line) {
            $name = $this->tokens[$line->from + 1] ?? null;
            if ($line->remark) {
                continue;
            }
            $isDecorator = '@' === $this->tokens[$line->from]->text;
            if (!$isDecorator || 'abstractmethod' !== ($name->text ?? '')) {
                $isSetter = $isDecorator && 'setter' === ($this->tokens[$line->from + 3]->text ?? '');
                [$above, $decorator] = [$decorator, $isDecorator ? ($isSetter ? 'setter' : $name->text ?? '') : ''];
            }
            $word = $this->tokens[$line->from]->text;
            if ('=' === $name?->text && $line->until === $line->from + 3 && true === ($this->linesOfClasses[$index][1] ?? null)) {
                $this->announceAlso($this->linesOfClasses[$index][0], $word, $this->tokens[$line->from + 2]->text);
            }
            if (null === $name || TokenKind::Name !== $name->kind) {
                continue;
            }
            [$class, $isDirect] = $this->linesOfClasses[$index] ?? ['', true];
            if ('class' === $word && $isDirect && ('' !== $class || 0 === $line->column())) {
                $class = $name->text;
                $parent = $this->tokens[$line->from + 3] ?? null;
                $this->classes[$class] = '(' === ($this->tokens[$line->from + 2]->text ?? '') && null !== $parent && TokenKind::Name === $parent->kind && (isset($this->classes[$parent->text]) || $this->isFailure($parent->text)) ? $parent->text : '';
                $this->methods[$class] = [];
            } elseif ('def' === $word && '' !== $class && $isDirect) {
                [$least, $most, $parameters] = $this->signature($line->from + 2, $line->until);
                if ('setter' === $above) {
                    $this->setters[$name->text] = true;
                    $this->methods[$class]["set_$name->text"] = [1, 1, \array_slice($parameters, 1)];
                    continue;
                }
                if ('property' === $above) {
                    $this->asked[$name->text] = true;
                } elseif ('staticmethod' === $above || 'classmethod' === $above) {
                    $isOfClass = 'classmethod' === $above;
                    if ($isOfClass) {
                        $ofClass[] = [$class, $name->text];
                    }
                    if (null !== $this->rest) {
                        $this->rests["$class.$name->text"] = $this->rest - (int) $isOfClass;
                    }
                    $this->methods[$class][$name->text] = $isOfClass ? [max(0, $least - 1), max(0, $most - 1), \array_slice($parameters, 1)] : [$least, $most, $parameters];
                    continue;
                }
                $this->methods[$class][PythonNames::METHODS[$name->text] ?? $name->text] = [max(0, $least - 1), max(0, $most - 1), \array_slice($parameters, 1)];
            } elseif ('def' === $word) {
                if (isset($this->functions[$name->text])) {
                    $this->doubled[$name->text] = true;
                }
                $this->announced_($name->text, $line->from + 2, $line->until);
            }
        }
        $this->announceOfSeveral($ofClass);
        $this->announceAbstract();
        $this->announceStatics();
        $this->announceEnumerations();
        $this->announceRecords();
        if ([] !== $this->classes) {
            $this->announceMakers();
            $brackets = 0;
            foreach ($this->tokens as $index => $token) {
                $brackets += TokenKind::Sign !== $token->kind ? 0 : ['(' => 1, '[' => 1, '{' => 1, ')' => -1, ']' => -1, '}' => -1][$token->text] ?? 0;
                // `self.beds`, and `garden.beds = …` from outside.
                $isField = '.' === $token->text && 1 !== preg_match('/^__\w+__$/D', $this->tokens[$index + 1]->text ?? '') && TokenKind::Name === ($this->tokens[$index + 1]->kind ?? null) && '(' !== ($this->tokens[$index + 2]->text ?? '');
                $name = $this->tokens[$index + 1]->text ?? '';
                $isSet = '=' === ($this->tokens[$index + 2]->text ?? '') || 0 === $brackets && ',' === ($this->tokens[$index + 2]->text ?? '');
                $isKept = isset($this->classes[$this->tokens[$index - 1]->text ?? '']) || !$isSet && null !== $this->anyStatic($name);
                $sign = $this->tokens[$index + 2]->text ?? '';
                if ($isField && ('=' === $sign && '=' !== ($this->tokens[$index + 3]->text ?? '') || ',' === $sign && (0 === $brackets || !isset($this->methodNames[$name])) || str_ends_with($sign, '=') && !\in_array($sign, ['==', '!=', '<=', '>='], true) || ':' === $sign)) {
                    $this->setFields[$name] = true;
                }
                if ($isField && !$isKept && ('self' === ($this->tokens[$index - 1] ?? null)?->text || $isSet)) {
                    $this->fieldNames[$name] = true;
                }
            }
        }
    }

    /** @var array<string, true> classes whose annotated names are what each of their objects keeps */
    private array $madeOfFields = [];

    /** `count: int = 0` among the methods of a class that is no data class. */
    private function isGivenByType(LogicalLine $line): bool
    {
        if (':' !== ($this->tokens[$line->from + 1]->text ?? '')) {
            return false;
        }

        // Where a type stands there is no other sign like it.
        return [] !== array_filter(\array_slice($this->tokens, $line->from + 2, $line->until - $line->from - 2), static fn (Token $token): bool => '=' === $token->text);
    }

    /** What stands between the methods of a class is kept by the class. */
    private function announceStatics(): void
    {
        $above = '';
        foreach ([] === $this->classes ? [] : $this->lines as $index => $line) {
            if ($line->remark) {
                continue;
            }
            [$class, $isDirect] = $this->linesOfClasses[$index] ?? ['', true];
            $named = $isDirect && 'class' === $this->tokens[$line->from]->text ? $this->tokens[$line->from + 1]->text ?? '' : '';
            if (isset($this->classes[$named]) && ('dataclass' === $above || 'NamedTuple' === ($this->tokens[$line->from + 3]->text ?? ''))) {
                $this->madeOfFields[$named] = true;
            }
            $above = '@' === $this->tokens[$line->from]->text ? $this->tokens[$line->from + 1]->text ?? '' : '';
            if ('' !== $class && $isDirect) {
                if (TokenKind::Name === $this->tokens[$line->from]->kind && ':' === ($this->tokens[$line->from + 1]->text ?? '') && isset($this->madeOfFields[$class])) {
                    $this->fieldNames[$this->tokens[$line->from]->text] = true;
                    $this->given[$class][] = $this->tokens[$line->from]->text;
                    $this->setFields[$this->tokens[$line->from]->text] = true;
                } elseif (TokenKind::Name === $this->tokens[$line->from]->kind && ('=' === ($this->tokens[$line->from + 1]->text ?? '') || $this->isGivenByType($line))) {
                    $this->statics[$class][$this->tokens[$line->from]->text] = true;
                    for ($at = $line->from + 1; $at + 2 < $line->until; ++$at) {
                        // Rows may stand side by side.
                        if (';' === $this->tokens[$at]->text && TokenKind::Name === $this->tokens[$at + 1]->kind && '=' === $this->tokens[$at + 2]->text) {
                            $this->statics[$class][$this->tokens[$at + 1]->text] = true;
                        }
                    }
                }
            }
        }
    }

    /** @return array{int, int}|null where the imports at the very top begin and end */
    private function leadingImports(): ?array
    {
        $start = $end = null;
        while (null !== ($line = $this->lines[$this->line] ?? null) && !$line->remark && \in_array($this->tokens[$line->from]->text, ['import', 'from'], true) && '' === $line->indent) {
            [$this->at, $this->until] = [$line->from, $line->until];
            try {
                $this->import();
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
                if (!$this->remarkBelongs($column, $outer)) {
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
                    $this->indentMistake('indent_too_deep', $line, '');
                }
            } else {
                $this->checkIndent($line, $own, $header);
            }
            foreach ($this->logicalLine($line) as $row) {
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /** A remark goes with the rows below it, but for one that is set in as deep as the rows above. */
    private function remarkBelongs(int $column, int $outer): bool
    {
        if ($outer < 0) {
            return true;
        }
        $next = $this->codeFrom($this->line + 1);

        return null !== $next && $next->column() > $outer || $column > $outer;
    }

    private function checkIndent(LogicalLine $line, LogicalLine $own, ?LogicalLine $header): void
    {
        if ($line->indent === $own->indent) {
            return;
        }
        if ($line->column() === $own->column() || str_contains($line->indent, "\t") !== str_contains($own->indent, "\t") && '' !== $line->indent && '' !== $own->indent) {
            $this->indentMistake('tabs_and_spaces', $line, $own->indent);
        } elseif ($line->column() > $own->column()) {
            $this->indentMistake('indent_too_deep', $line, $own->indent);
        } else {
            $this->indentMistake('indent_uneven', $line, $own->indent);
        }
    }

    private function indentMistake(string $kind, LogicalLine $line, string $wanted): void
    {
        $this->mistake($kind, $line->offset, max(1, \strlen($line->indent)), ['wanted' => \strlen($wanted), 'given' => \strlen($line->indent)], [new Replacement($line->offset, \strlen($line->indent), $wanted)]);
    }

    /** The column of a `try` that could not be read, whose further parts are no rows of their own. */
    private ?int $tornTry = null;

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
                if ($isMatch && $this->isCaseOfUnread($line) || $isRest) {
                    // What is wrong is told of the whole, or of its first case.
                } else {
                    $this->tell($failure, $start);
                }
                $rows[] = $this->unread($start, $line);
                $this->tornTry = 'try' === $this->tokens[$start]->text || $isRest ? $line->column() : null;
            }
        }

        return $rows;
    }

    protected function rowStart(): int
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
        if ([] === $this->mistakes || !$this->hangsOnUnread($failure->mistake, $start, $this->until, $this->silenced)) {
            $this->mistakes[] = $failure->mistake;
        }
    }

    /** @param LogicalLine|null $line whose rows below go with it */
    private function unread(int $start, ?LogicalLine $line): Unread
    {
        $this->silence($start, $this->until);
        $first = $this->tokens[$start];
        $last = $this->tokens[$this->until - 1];
        [$from, $end] = [$first->offset, $last->end()];
        $id = $this->newId();
        $this->cut($id, 'head', $from, $end);
        $this->at = $this->until;
        $body = null;
        $next = $this->nextCode();
        if (null !== $line && null !== $next && $next->column() > $line->column() && ':' === $last->text) {
            $body = $this->body($id, $line, true);
        }

        return new Unread($id, substr($this->text, $from, $end - $from), $this->language()->value, $body);
    }

    private function nextCode(): ?LogicalLine
    {
        return $this->codeFrom($this->line);
    }

    /** The first line from one on that is no remark. */
    private function codeFrom(int $index): ?LogicalLine
    {
        if (null === $this->code) {
            $this->code = [];
            $next = null;
            for ($at = \count($this->lines) - 1; $at >= 0; --$at) {
                $this->code[$at] = $next = $this->lines[$at]->remark ? $next : $this->lines[$at];
            }
        }

        return $this->code[$index] ?? null;
    }

    /** @var array<int, LogicalLine|null>|null by the number of a line, the first one from there on that is no remark */
    private ?array $code = null;

    /** The lines below a header that are set in deeper. */
    public function body(int $id, LogicalLine $header, bool $isLoop, string $name = 'body'): Block
    {
        $before = [$this->parent, $this->loops];
        $this->parent = $id;
        if ($isLoop) {
            $this->loops[] = $header->offset;
        }
        $next = $this->nextCode();
        ++$this->depth;
        if (null === $next || $next->column() <= $header->column()) {
            if (null === $next) {
                $this->mistake('body_missing', $header->offset + \strlen($header->indent), $this->endOffset() - $header->offset - \strlen($header->indent));
            } else {
                $this->mistake('indent_missing', $next->offset, max(1, \strlen($next->indent)), ['header' => $this->lineOf($header->offset)], [new Replacement($next->offset, \strlen($next->indent), $header->indent.$this->indentStep())]);
            }
            $rows = [];
        } else {
            $rows = $this->depth > Bounds::NESTING ? [$this->passedOver($header)] : $this->withoutPass($id, $this->block($header), $name);
        }
        --$this->depth;
        [$this->parent, $this->loops] = $before;

        return new Block($rows);
    }

    /** Lines that stand too deep are kept as they are. */
    private function passedOver(LogicalLine $header): Unread
    {
        $first = $last = null;
        while (null !== ($line = $this->lines[$this->line] ?? null) && ($line->remark || $line->column() > $header->column())) {
            $first ??= $line;
            $last = $line->remark ? $last : $line;
            ++$this->line;
        }
        \assert(null !== $first);
        $last ??= $first;
        while ($this->lines[$this->line - 1]->remark && $this->lines[$this->line - 1] !== $last) {
            --$this->line;
        }
        [$start, $final] = [$this->tokens[$first->from], $this->tokens[$last->until - 1]];
        $this->mistake('deep', $start->offset, \strlen($start->text));
        $this->silence($first->from, $last->until);
        $id = $this->newId();
        $end = $final->offset + \strlen($final->text);
        $this->cut($id, 'head', $start->offset, $end);

        return new Unread($id, substr($this->text, $start->offset, $end - $start->offset), $this->language()->value);
    }

    /** How the text sets in one step further. */
    private function indentStep(): string
    {
        return $this->step ??= $this->stepOfLines();
    }

    private ?string $step = null;

    private function stepOfLines(): string
    {
        foreach ($this->lines as $line) {
            if ('' !== $line->indent && !$line->remark) {
                return "\t" === $line->indent[0] ? "\t" : str_repeat(' ', min(8, \strlen($line->indent)));
            }
        }

        return '    ';
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

            return [$this->unread($start, null)];
        }
    }

    /**
     * What follows the colon of a header: rows on the same line, or the lines below.
     *
     * @return array{bool, \Closure(): Block} whether the rows stand on the same line, and how to read them
     */
    private function suite(int $id, LogicalLine $header, bool $isLoop, string $name = 'body'): array
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
    private function statement(LogicalLine $line): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        if (isset($this->ownDecorators[$this->at])) {
            return $this->decoratedByOwn($line);
        }
        if ('@' === $token->text && null !== $sort = $this->decorator()) {
            return [$this->decorated($line, $sort)];
        }
        if ('@' === $token->text && 'dataclass' === ($this->peek(1)->text ?? '') && isset($this->imported['dataclass'])) {
            return [$this->dataClass($line)];
        }
        $behind = $this->peek(1);
        if ('@' === $token->text && TokenKind::Name === $behind?->kind) {
            $this->fail('unsupported', $token, ['what' => "@$behind->text"]);
        }
        if ($this->isRecord()) {
            return [$this->record()];
        }
        if ($this->isNameOfType()) {
            $this->silenced[$token->text] = true;
            $this->at = $this->until;

            return [$this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset)];
        }
        if ($this->isMatch($line)) {
            return $this->matched($line);
        }
        $word = $this->keyword($token);

        return match ($word) {
            'while' => $this->withElse($line, fn (): Statement => $this->whileLoop($line)),
            'for' => $this->withElse($line, fn (): Statement => $this->forLoop($line)),
            'if' => [$this->conditional($line)],
            'def' => [$this->definition($line)],
            'class' => [$this->classDefinition($line)],
            'try' => [$this->attempt($line)],
            'with' => [$this->holding($line)],
            'elif', 'else' => $this->strayElse($line, $word),
            'except', 'finally' => $this->fail('without_try', $token, ['word' => $word]),
            default => $this->simple($line),
        };
    }

    /** The keyword that begins a row, also where it is misspelt. */
    private function keyword(Token $token): ?string
    {
        if (TokenKind::Keyword === $token->kind) {
            return \in_array($token->text, ['async', 'await'], true)
                ? $this->fail('unsupported', $token, ['what' => $token->text])
                : $token->text;
        }
        $next = $this->peek(1);
        if (TokenKind::Name !== $token->kind || isset($this->functions[$token->text]) || $this->isVariable($token->text)) {
            return null;
        }
        if (null !== $next && ('=' === $next->text || '.' === $next->text || '+=' === $next->text || '[' === $next->text) && TokenKind::Sign === $next->kind) {
            return null;
        }
        $text = $token->text;
        $lower = strtolower($text);
        $ends = ':' === ($this->tokens[$this->until - 1]->text ?? '') || '{' === ($this->tokens[$this->until - 1]->text ?? '');
        $continues = null !== $next && (\in_array($next->kind, [TokenKind::Name, TokenKind::Keyword, TokenKind::Number, TokenKind::Text], true) || ':' === $next->text && null === $this->peek(2));
        $alone = null === $next && \in_array($lower, ['break', 'continue', 'pass', 'return'], true);
        if ('else' === $lower && null !== $next && 'if' === $next->text || $alone || $ends && ($continues || null !== $next && '(' === $next->text && \in_array($lower, self::KEYWORDS, true)) || $continues && \in_array($lower, ['return', 'import', 'from', 'global', 'for', 'while', 'if', 'def'], true)) {
            if (\in_array($lower, self::KEYWORDS, true)) {
                return $this->taken($token, $lower, 'capitals');
            }
        }
        if (isset(self::FOREIGN_WORDS[$lower]) && ($continues || $ends)) {
            return $this->taken($token, self::FOREIGN_WORDS[$lower], 'foreign_word');
        }
        foreach ($continues ? self::KEYWORDS : [] as $keyword) {
            if (self::isShuffled($lower, $keyword)) {
                return $this->taken($token, $keyword, 'misspelt_keyword');
            }
        }
        if ($continues || null === $next) {
            $near = Names::nearest($text, null === $next ? ['break', 'continue', 'pass', 'return'] : self::KEYWORDS);
            if (null !== $near && levenshtein($lower, $near) <= (\strlen($near) <= 3 ? 1 : 2) || null !== $near && self::isShuffled($lower, $near)) {
                return $this->taken($token, (string) $near, 'misspelt_keyword');
            }
            foreach (null === $next || !$ends ? [] : self::KEYWORDS as $keyword) {
                if (self::isShuffled($lower, $keyword)) {
                    return $this->taken($token, $keyword, 'misspelt_keyword');
                }
            }
        }

        return null;
    }

    /** The same letters in another order: `fro`, `esle`. */
    private static function isShuffled(string $word, string $keyword): bool
    {
        return $word !== $keyword && count_chars($word, 1) === count_chars($keyword, 1);
    }

    /** Notes the mistake, and reads on as if the right word stood there. */
    private function taken(Token $token, string $keyword, string $kind): string
    {
        $this->mistake($kind, $token->offset, \strlen($token->text), ['name' => $token->text, 'word' => $token->text, 'near' => $keyword], [new Replacement($token->offset, \strlen($token->text), $keyword)]);

        return $keyword;
    }

    /**
     * A condition or another value in a header; what cannot be read is kept in its place.
     *
     * @param bool $several whether values with nothing but commas between them may stand there: `for beds in 3, 5, 8:`
     */
    private function header(bool $several = false): Expression
    {
        $start = $this->offset();
        $mistakes = \count($this->mistakes);
        $depth = $this->depth;
        $from = $this->at;
        try {
            $value = $this->value();
            if ($several && $this->is(',')) {
                $value = $this->tupled($value);
            }
            if ($this->at < $this->until && !$this->is(':')) {
                $this->afterHeader();
            }

            return $value;
        } catch (ParseFailure $failure) {
            $this->depth = $depth;
            self::cutTo($this->mistakes, $mistakes);
            $this->mistakes[] = $failure->mistake;
            $end = $this->until;
            if (':' === ($this->tokens[$end - 1]->text ?? '')) {
                --$end;
            }
            $this->silence($from, $end);
            $this->at = max($from, $end);
            $last = $this->tokens[$this->at - 1];

            return new UnreadExpression(substr($this->text, $start, max(0, $last->offset + \strlen($last->text) - $start)));
        }
    }

    private function afterHeader(): void
    {
        $token = $this->peek();
        if (null === $token) {
            return;
        }
        $this->signsMeant();
        if ('=' === $token->text) {
            $this->fail('assign_in_condition', $token, [], [new Replacement($token->offset, 1, '==')]);
        }
        if ('then' === $token->text || 'do' === $token->text || '{' === $token->text) {
            $start = $this->endOffset();
            $last = ':' === $this->tokens[$this->until - 1]->text ? '' : ':';
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => ':'], [new Replacement($start, $token->offset + \strlen($token->text) - $start, $last)]);
        }
        if (\in_array($token->text, [')', ']', '}'], true) && TokenKind::Sign === $token->kind) {
            $this->fail('extra_bracket', $token, [], [new Replacement($token->offset, 1, '')]);
        }
        if (TokenKind::Name === $token->kind && \in_array(strtolower($token->text), ['and', 'or'], true)) {
            $this->fail('capitals', $token, ['name' => $token->text, 'near' => strtolower($token->text)], [new Replacement($token->offset, \strlen($token->text), strtolower($token->text))]);
        }
        // What follows may stand on the line because only the colon is missing.
        if (\in_array($token->kind, [TokenKind::Name, TokenKind::Keyword], true) && $this->beginsRow()) {
            return;
        }
        $this->fail(\in_array($token->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true) ? 'operator_missing' : 'unexpected', $token);
    }

    private function beginsRow(): bool
    {
        $token = $this->peek();

        return null !== $token && (isset($this->objects[$token->text]) || \in_array($token->text, ['print', 'return', 'break', 'continue', 'pass'], true) || $this->is('=', 1));
    }

    private function colon(string $after): void
    {
        if ($this->accept(':')) {
            return;
        }
        $next = $this->peek();
        if (null !== $next && ';' === $next->text) {
            ++$this->at;
            $this->mistake('colon_missing', $next->offset, 1, ['after' => $after], [new Replacement($next->offset, 1, ':')]);

            return;
        }
        $end = $this->endOffset();
        $start = max(0, $end - 1);
        $this->mistake('colon_missing', $start, 1, ['after' => $after], [new Replacement($end, 0, ':')]);
        if (null !== $next && !$this->beginsRow()) {
            $this->at = $this->until;
        }
    }

    private function headEnd(int $id, string $part, int $start, bool $tight): void
    {
        $this->cut($id, $part, $start, $this->endOffset(), $tight);
    }

    private function whileLoop(LogicalLine $line): Statement
    {
        $start = $this->offset();
        $id = $this->newId();
        ++$this->at;
        $condition = $this->header();
        $this->colon('while');
        [$tight, $read] = $this->suite($id, $line, true);
        $this->headEnd($id, 'head', $start, $tight);
        $body = $read();

        return $condition instanceof TruthLiteral && $condition->value ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    /** `with open("beds.txt") as beds:` */
    private function holding(LogicalLine $line): Statement
    {
        $token = $this->peek();
        $start = $this->offset();
        $id = $this->newId();
        ++$this->at;
        $value = $this->value();
        if (!$value instanceof Operation || OperationKey::FileOpened !== $value->key || !$this->accept('as') || TokenKind::Name !== $this->peek()?->kind || !$this->is(':', 1)) {
            $this->fail('unsupported', $token, ['what' => 'with']);
        }
        $name = $this->newName();
        $this->write($name->text, $name->offset);
        $this->colon('with');
        [$tight, $read] = $this->suite($id, $line, false);
        $this->headEnd($id, 'head', $start, $tight);

        return new Holding($id, $name->text, $value, $read());
    }

    /** @var array<int, string> what remembers that a loop was left, for those with an `else`, by how deep they stand */
    private array $leaves = [];

    /**
     * A loop and the `else` behind it, which runs if the loop was not left by `break` (The Python Language Reference, 8.2,
     * 8.3): a variable remembers it.
     *
     * @param \Closure(): Statement $read
     *
     * @return list<Statement>
     */
    private function withElse(LogicalLine $line, \Closure $read): array
    {
        $depth = \count($this->loops) + 1;
        [$start, $before] = [$this->offset(), $this->leaves[$depth] ?? null];
        unset($this->leaves[$depth]);
        if (!$this->hasElse($line)) {
            $rows = [$read()];
        } else {
            $left = $this->nameFor('left_early');
            $this->leaves[$depth] = $left;
            $this->write($left, $start);
            $first = new SetVariable($this->newId(), $left, new TruthLiteral(false));
            $this->cut($first->id, 'head', $start, $start);
            $rows = [$first, $read(), $this->unlessLeft($line, $left)];
        }
        unset($this->leaves[$depth]);
        if (null !== $before) {
            $this->leaves[$depth] = $before;
        }

        return $rows;
    }

    /** @return list<Expression> the names in brackets that a part of an item gets */
    private function namesWithin(Token $opened): array
    {
        ++$this->at;
        $names = [];
        while (null !== ($name = $this->peek()) && TokenKind::Name === $name->kind) {
            ++$this->at;
            $this->write($name->text, $name->offset);
            $names[] = new VariableRead($name->text);
            if (!$this->accept(',')) {
                break;
            }
        }
        if (2 > \count($names)) {
            $this->fail('unsupported', $opened, ['what' => 'for … (…) in']);
        }
        $this->close($opened);

        return $names;
    }

    private function hasElse(LogicalLine $line): bool
    {
        for ($index = $this->line; null !== $next = $this->lines[$index] ?? null; ++$index) {
            if (!$next->remark && $next->column() <= $line->column()) {
                return $next->column() === $line->column() && 'else' === $this->tokens[$next->from]->text && ':' === ($this->tokens[$next->from + 1]->text ?? '');
            }
        }

        return false;
    }

    private function unlessLeft(LogicalLine $line, string $left): Statement
    {
        $else = $this->codeBelow();
        \assert(null !== $else);
        ++$this->line;
        [$this->at, $this->until] = [$else->from, $else->until];
        $start = $this->offset();
        $id = $this->newId();
        ++$this->at;
        $this->colon('else');
        [$tight, $read] = $this->suite($id, $line, false, 'then0');
        $this->headEnd($id, 'head', $start, $tight);

        return new Conditional($id, [new Branch(new Unary(UnaryOperator::Not, new VariableRead($left)), $read())], null);
    }

    private function forLoop(LogicalLine $line): Statement
    {
        $start = $this->offset();
        $id = $this->newId();
        ++$this->at;
        if ($this->is('each')) {
            $this->fail('foreign_word', null, ['word' => 'for each', 'near' => 'for'], [new Replacement($this->endOffset(), $this->offset() + 4 - $this->endOffset(), '')]);
        }
        if ($this->is('(') && TokenKind::Name === $this->peek(1)?->kind && ($this->is('in', 2) || $this->is('=', 2) || TokenKind::Name === $this->peek(2)?->kind)) {
            $this->fail('foreign_word', null, ['word' => 'for (', 'near' => 'for … in …:']);
        }
        $names = $apart = $others = [];
        $star = null;
        do {
            $star = $this->accept('*') ? \count($names) : $star;
            $token = $this->peek();
            if (null !== $token && '(' === $token->text) {
                // A pair within: it is taken apart at the head of the rows.
                $names[] = $name = $this->nameFor('taken');
                $this->write($name, $token->offset);
                $apart[] = [$name, $this->namesWithin($token)];
                continue;
            }
            if ([] !== $names && 'in' === $token?->text) {
                // The one item of each.
                $this->fail('unsupported', $token, ['what' => 'for …, in …']);
            }
            if (null === $token || TokenKind::Name !== $token->kind) {
                $this->fail('name_missing', $token);
            }
            ++$this->at;
            $names[] = $token->text;
            $this->write($token->text, $token->offset);
        } while ($this->accept(','));
        if (!$this->accept('in')) {
            $next = $this->peek();
            if (null !== $next && ('=' === $next->text || 'of' === $next->text)) {
                $this->fail('foreign_word', $next, ['word' => $next->text, 'near' => 'in'], [new Replacement($next->offset, \strlen($next->text), 'in')]);
            }
            if (null !== $next && 'In' === $next->text) {
                $this->fail('capitals', $next, ['name' => 'In', 'near' => 'in'], [new Replacement($next->offset, 2, 'in')]);
            }
            $this->fail('in_missing', $next, ['name' => $names[0]], null === $next || ':' === $next->text ? [] : [new Replacement($next->offset, 0, 'in ')]);
        }
        if (null !== $star) {
            // `for name, *marks in pupils`: each is taken apart at the head of the rows.
            $each = $this->nameFor('taken');
            $this->write($each, $start);
            foreach ($names as $index => $name) {
                $behind = $index - \count($names);
                $others[] = [$name, match (true) {
                    $index < $star => new Item(new VariableRead($each), new NumberLiteral($index)),
                    $index > $star => new Item(new VariableRead($each), new NumberLiteral($behind)),
                    default => new Operation(OperationKey::AsList, [new Slice(new VariableRead($each), new NumberLiteral($index), -1 === $behind ? new NothingLiteral() : new NumberLiteral($behind + 1))]),
                }];
            }
            $names = [$each];
        }
        $overStart = $this->offset();
        $over = $this->header(true);
        $overEnd = $this->endOffset();
        $over = $this->gone($over, $overStart, $overEnd);
        $this->colon('for');
        [$tight, $read] = $this->suite($id, $line, true);
        $end = $this->endOffset();
        $this->headEnd($id, 'head', $start, $tight);
        $first = [
            ...array_map(fn (array $one): Statement => new SetVariable($this->newId(), $one[0], $one[1]), $others),
            ...array_map(fn (array $one): Statement => new SetSeveral($this->newId(), $one[1], [new VariableRead($one[0])]), $apart),
        ];
        $this->atHead($first, $id, $end);
        $body = $read();
        $body = [] === $first ? $body : new Block([...$first, ...$body->statements]);
        if (1 === \count($names) && $over instanceof Operation && OperationKey::Counted === $over->key) {
            return new Count($id, $names[0], $over->arguments[0], $over->arguments[1], $over->arguments[2], $body);
        }
        if (1 === \count($names) && $over instanceof Operation && OperationKey::Numbers === $over->key) {
            $by = $over->arguments[2];
            if ($by instanceof NumberLiteral && \is_int($by->value) && 0 !== $by->value) {
                return new Count($id, $names[0], $over->arguments[0], self::less($over->arguments[1], $by->value > 0 ? 1 : -1), $by, $body);
            }
        }

        return new EachLoop($id, $names, $over, $body);
    }

    /** What a loop goes over has items; a number has none. */
    private function gone(Expression $over, int $start, int $end): Expression
    {
        if ($over instanceof NumberLiteral || $over instanceof Operation && \in_array($over->key, [OperationKey::Length, OperationKey::ToWhole], true)) {
            $this->mistake('range_missing', $start, $end - $start, ['text' => substr($this->text, $start, min(40, $end - $start))], [new Replacement($end, 0, ')'), new Replacement($start, 0, 'range(')]);

            return new Operation(OperationKey::Numbers, [new NumberLiteral(0), $over, new NumberLiteral(1)]);
        }

        return $over;
    }

    private function conditional(LogicalLine $line): Statement
    {
        $id = $this->newId();
        $branches = [];
        $otherwise = null;
        $start = $this->offset();
        ++$this->at;
        $index = 0;
        while (true) {
            $condition = $this->header();
            $this->colon(0 === $index ? 'if' : 'elif');
            [$tight, $read] = $this->suite($id, $line, false, "then$index");
            $this->headEnd($id, 0 === $index ? 'head' : "then$index", $start, $tight);
            $branches[] = new Branch($condition, $read());
            $next = $this->lines[$this->line] ?? null;
            while (null !== $next && $next->remark && $this->elseBelow($line)) {
                // A remark above an `else` stands in the branch above it.
                $last = array_pop($branches);
                $before = $this->parent;
                $this->parent = $id;
                $branches[] = new Branch($last->condition, new Block([...$last->body->statements, $this->comment($this->tokens[$next->from])]));
                $this->parent = $before;
                ++$this->line;
                $next = $this->lines[$this->line] ?? null;
            }
            $word = null === $next || $next->remark || $next->column() !== $line->column() ? null : $this->elseWord($next);
            if (null === $next || null === $word) {
                break;
            }
            ++$this->line;
            [$this->at, $this->until] = [$next->from, $next->until];
            $start = $this->offset();
            $this->keyword($this->tokens[$next->from]);
            ++$this->at;
            if ('elif' === $word) {
                ++$index;
                if ($this->is('if') && 'else' === strtolower($this->tokens[$next->from]->text)) {
                    $this->mistake('else_if', $start, $this->offset() + 2 - $start, [], [new Replacement($start, $this->offset() + 2 - $start, 'elif')]);
                    ++$this->at;
                }
                continue;
            }
            if (!$this->is(':') && null !== $this->peek() && !$this->beginsRow()) {
                $this->mistake('else_condition', $this->offset(), max(1, $this->tokens[$this->until - 1]->offset - $this->offset()), [], [new Replacement($start, 4, 'elif')]);
                $this->at = ':' === $this->tokens[$this->until - 1]->text ? $this->until - 1 : $this->until;
            }
            $this->colon('else');
            [$tight, $read] = $this->suite($id, $next, false, Conditional::OTHERWISE);
            $this->headEnd($id, Conditional::OTHERWISE, $start, $tight);
            $otherwise = $read();
            break;
        }

        return new Conditional($id, $branches, $otherwise);
    }

    private function attempt(LogicalLine $line): Statement
    {
        $id = $this->newId();
        $start = $this->offset();
        $try = $this->tokens[$line->from];
        ++$this->at;
        $this->colon('try');
        [$tight, $read] = $this->suite($id, $line, false, Attempt::BODY);
        $this->headEnd($id, 'head', $start, $tight);
        ++$this->tries;
        try {
            $bodies = [Attempt::BODY => $read()];
        } finally {
            --$this->tries;
        }
        $last = Attempt::BODY;
        $heads = [];
        while (!isset($bodies[Attempt::FINALLY]) && null !== $part = $this->partBelow($line, $id, isset($bodies[Attempt::OTHERWISE]) || [] === $heads)) {
            [$next, $word, $remarks] = $part;
            $bodies[$last] = new Block([...$bodies[$last]->statements, ...$remarks]);
            ++$this->line;
            [$this->at, $this->until] = [$next->from, $next->until];
            $start = $this->offset();
            ++$this->at;
            $last = match ($word) {
                'except' => Attempt::bodyName(\count($heads)),
                'else' => Attempt::OTHERWISE,
                default => Attempt::FINALLY,
            };
            $caught = $this->caught;
            if ('except' === $word) {
                try {
                    $heads[] = [$kinds, $name] = $this->caughtHere();
                } catch (ParseFailure $failure) {
                    // Its rows are read once more, by themselves: they may fail all the same.
                    $this->unreadTries[] = [$try->offset, $this->offset()];
                    throw $failure;
                }
                if ('' !== $name) {
                    $this->caught[$name] = false;
                }
                if ([] !== $kinds && [] === array_filter($kinds, static fn (FailureKind|string $kind): bool => $kind instanceof FailureKind)) {
                    // An object, which can be asked for all it keeps.
                    unset($this->caught[$name]);
                    $this->keptFailures[$name] = true;
                }
                ++$this->rescues;
            }
            $this->colon($word);
            [$tight, $read] = $this->suite($id, $next, false, $last);
            $this->headEnd($id, $last, $start, $tight);
            try {
                $bodies[$last] = $read();
            } finally {
                $this->caught = $caught;
                unset($this->keptFailures[$name ?? '']);
                $this->rescues -= 'except' === $word ? 1 : 0;
            }
        }
        if ([] === $heads && !isset($bodies[Attempt::FINALLY])) {
            $between = $this->rowBetween($line);
            if (null !== $between) {
                // Its `except` is further down, behind a row that should stand within.
                $this->fail('row_in_try', $this->tokens[$between->from], ['word' => 'try']);
            }
            $this->fail('try_alone', $try);
        }
        $rescues = array_map(static fn (int $index): Rescue => new Rescue($heads[$index][0], $heads[$index][1], $bodies[Attempt::bodyName($index)]), array_keys($heads));

        return new Attempt($id, $bodies[Attempt::BODY], $rescues, $bodies[Attempt::OTHERWISE] ?? null, $bodies[Attempt::FINALLY] ?? null);
    }

    /** @var list<array{int, int}> from and until where rows stand in a `try` that can't be read as a whole */
    private array $unreadTries = [];

    protected function mayFail(int $offset): bool
    {
        return parent::mayFail($offset) || [] !== array_filter($this->unreadTries, static fn (array $range): bool => $range[0] <= $offset && $offset < $range[1]);
    }

    /** The row that stands between the rows of a `try` and its `except`, as far to the left as both. */
    private function rowBetween(LogicalLine $try): ?LogicalLine
    {
        $between = null;
        for ($index = $this->line; null !== ($line = $this->lines[$index] ?? null); ++$index) {
            if ($line->remark || $line->column() > $try->column()) {
                continue;
            }
            $word = $this->tokens[$line->from]->text;
            if ('except' === $word || 'finally' === $word) {
                return $between;
            }
            if ($line->column() < $try->column() || 'try' === $word) {
                return null;
            }
            $between ??= $line;
        }

        return null;
    }

    /**
     * The part of an attempt that begins below.
     *
     * @param bool $isLast whether nothing but `except` and `finally` may come
     *
     * @return array{LogicalLine, 'else'|'except'|'finally', list<Statement>}|null its line, its word, and remarks above it
     */
    private function partBelow(LogicalLine $line, int $id, bool $isLast): ?array
    {
        $next = $this->nextCode();
        if (null === $next || $next->column() !== $line->column()) {
            return null;
        }
        $first = $this->tokens[$next->from];
        $words = $isLast ? ['except', 'finally'] : ['except', 'else', 'finally'];
        $word = $first->text;
        if (TokenKind::Name === $first->kind && ':' === $this->tokens[$next->until - 1]->text && !$this->isVariable($word) && !isset($this->functions[$word])) {
            $near = 'catch' === strtolower($word) ? 'except' : Names::nearest(strtolower($word), $words);
            if (null !== $near && ('catch' === strtolower($word) || levenshtein(strtolower($word), $near) <= 2)) {
                $word = $this->taken($first, $near, 'catch' === strtolower($word) ? 'foreign_word' : (strtolower($word) === $near ? 'capitals' : 'misspelt_keyword'));
            }
        }
        if (!\in_array($word, $words, true)) {
            return null;
        }
        $remarks = [];
        $before = $this->parent;
        $this->parent = $id;
        for (; $this->lines[$this->line] !== $next; ++$this->line) {
            $remarks[] = $this->comment($this->tokens[$this->lines[$this->line]->from]);
        }
        $this->parent = $before;

        return [$next, 'else' === $word ? 'else' : ('finally' === $word ? 'finally' : 'except'), $remarks];
    }

    /** @return array{list<FailureKind|string>, string} the kinds behind `except`, and the name behind `as` */
    private function caughtHere(): array
    {
        $kinds = [];
        if ($this->accept('(')) {
            do {
                $kinds[] = $this->failureKind();
            } while ($this->accept(',') && !$this->is(')'));
            if (!$this->accept(')')) {
                $this->fail('unexpected');
            }
        } elseif (!$this->is(':') && null !== $this->peek()) {
            $kinds[] = $this->failureKind();
        }
        $name = '';
        if ([] !== $kinds && $this->accept('as')) {
            $token = $this->newName();
            $this->write($token->text, $token->offset);
            $name = $token->text;
        }

        return ['' === $name && [FailureKind::Any] === $kinds ? [] : $kinds, $name];
    }

    /** `ValueError`, also where it is misspelt, or the name of a class of the program's own. */
    private function failureKind(): FailureKind|string
    {
        $token = $this->peek();
        if (null === $token || TokenKind::Name !== $token->kind) {
            $this->fail('name_missing', $token);
        }
        if ($this->isRaised($token->text)) {
            ++$this->at;

            return $token->text;
        }
        $kind = FailureNames::kindOf($this->language(), $token->text);
        if (null === $kind) {
            $near = Names::nearest($token->text, FailureNames::all($this->language()));
            if (null === $near || RealNames::has($token->text, Language::Python) || levenshtein(strtolower($token->text), strtolower($near)) > 2) {
                $this->fail('unsupported', $token, ['what' => $token->text]);
            }
            $this->taken($token, $near, 'misspelt_keyword');
            $kind = FailureNames::kindOf($this->language(), $near) ?? FailureKind::Any;
        }
        ++$this->at;

        return $kind;
    }

    private function raise(Token $token): Statement
    {
        ++$this->at;
        $name = $this->peek();
        $isNamed = null !== $name && (false === ($this->caught[$name->text] ?? null) || isset($this->keptFailures[$name->text])) && (null === $this->peek(1) || $this->is(';', 1));
        if (null === $name || $this->is(';') || $isNamed) {
            if (0 === $this->rescues) {
                $this->fail('nothing_caught', $token, ['word' => 'raise']);
            }
            $this->at += $isNamed ? 1 : 0;

            return new PassOn($this->newId());
        }
        if (TokenKind::Text === $name->kind) {
            $this->fail('raise_text', $name, [], [new Replacement($name->offset + \strlen($name->text), 0, ')'), new Replacement($name->offset, 0, 'Exception(')]);
        }
        if ('SystemExit' === $name->text) {
            ++$this->at;
            $opened = $this->peek();
            $said = null !== $opened && $this->accept('(') ? array_map(static fn (Argument $one): Expression => $one->value, $this->arguments($opened)) : [];

            return new Perform($this->newId(), new Operation(OperationKey::Exit, $said));
        }
        if ($this->isRaised($name->text)) {
            $made = $this->value();
            $this->cause();

            return new RaiseObject($this->newId(), $made instanceof VariableRead || $made instanceof FunctionReference ? new MakeObject($name->text) : $made);
        }
        $kind = $this->failureKind();
        if (\is_string($kind) || FailureKind::Interrupt === $kind) {
            // What stops a program is not among what `Exception` catches.
            $this->fail('unsupported', $name, ['what' => "raise $name->text"]);
        }
        $says = new TextLiteral('');
        $opened = $this->peek();
        if (null !== $opened && $this->accept('(')) {
            $says = $this->is(')') ? $says : $this->value();
            $this->close($opened);
        }
        $this->cause();

        return new Raise($this->newId(), $kind, $says);
    }

    /** `raise … from error`: why it failed shows only where nobody catches it (The Python Language Reference, 7.8). */
    private function cause(): void
    {
        $from = $this->peek();
        if (!$this->accept('from')) {
            return;
        }
        $cause = $this->peek();
        $ends = \in_array($this->peek(1)?->text, [null, ';'], true);
        if (null === $cause || !$ends || TokenKind::Name !== $cause->kind && 'None' !== $cause->text) {
            $this->fail('unsupported', $from, ['what' => 'raise … from …']);
        }
        if (TokenKind::Name === $cause->kind) {
            $this->read($cause->text, $cause->offset);
        }
        ++$this->at;
    }

    protected function saysOf(Token $name): Expression
    {
        if ($this->is('.') && $this->is('__class__', 1) && $this->is('.', 2) && $this->is('__name__', 3)) {
            $this->at += 4;

            return new Operation(OperationKey::FailureName, [$this->plainName($name)]);
        }
        // Elsewhere it is no text to Python, and would have to be made one by `str`.
        $before = $this->tokens[$this->at - 2] ?? null;
        $isAlone = null === $before && null === $this->peek();
        $index = $this->at - 2;
        for ($open = 0; $index >= 0 && ($open > 0 || '(' !== $this->tokens[$index]->text); --$index) {
            $text = TokenKind::Sign === $this->tokens[$index]->kind ? $this->tokens[$index]->text : '';
            $open += \in_array($text, [')', ']', '}'], true) ? 1 : (\in_array($text, ['(', '[', '{'], true) ? -1 : 0);
            if ($open < 0) {
                break;
            }
        }
        $isGiven = null !== $before && \in_array($before->text, ['(', ','], true) && \in_array($this->sign(), [')', ','], true) && null !== Names::nearest($this->tokens[$index - 1]->text ?? '', ['print', 'str', 'format']);
        if (!$isAlone && !$isGiven) {
            $this->noFailure($name);
        }

        return $this->plainName($name);
    }

    private function elseBelow(LogicalLine $line): bool
    {
        $next = $this->nextCode();

        return null !== $next && $next->column() === $line->column() && null !== $this->elseWord($next);
    }

    /** @return 'elif'|'else'|null how a line goes on with a branch, also where it is misspelt */
    private function elseWord(LogicalLine $line): ?string
    {
        $first = $this->tokens[$line->from];
        $word = strtolower($first->text);
        if ('else' === $word && $line->from + 1 < $line->until && 'if' === $this->tokens[$line->from + 1]->text) {
            return 'elif';
        }
        if (TokenKind::Name === $first->kind && !\in_array($word, ['elif', 'else'], true) && ':' === $this->tokens[$line->until - 1]->text && !$this->isVariable($first->text) && !isset($this->functions[$first->text])) {
            $alone = $line->until === $line->from + 2;
            if ($alone && (self::isShuffled($word, 'else') || levenshtein($word, 'else') <= 1)) {
                return 'else';
            }
            if (!$alone && (isset(self::FOREIGN_WORDS[$word]) && 'elif' === self::FOREIGN_WORDS[$word] || self::isShuffled($word, 'elif') || levenshtein($word, 'elif') <= 1 && 'if' !== $word)) {
                return 'elif';
            }
        }

        return 'elif' === $word || 'else' === $word ? $word : null;
    }

    /** @return list<Statement> */
    private function strayElse(LogicalLine $line, string $word): array
    {
        $token = $this->peek();
        $this->fail('else_without_if', $token, ['word' => $word]);
    }

    /** Methods that a class leaves to those that are kinds of it (The Python Standard Library, abc). */
    private function announceAbstract(): void
    {
        $isLeft = false;
        foreach ($this->lines as $index => $line) {
            $first = $line->remark ? '' : $this->tokens[$line->from]->text;
            $name = $this->tokens[$line->from + 1]->text ?? '';
            $class = $this->linesOfClasses[$index][0] ?? '';
            if ('@' === $first) {
                $isLeft = $isLeft || 'abstractmethod' === $name || 'abc' === $name && 'abstractmethod' === ($this->tokens[$line->from + 3]->text ?? '');
            } elseif ('def' === $first) {
                if ($isLeft && isset($this->classes[$class])) {
                    $this->leftOpen[$class][PythonNames::METHODS[$name] ?? $name] = true;
                }
                $isLeft = false;
            }
        }
    }

    /**
     * Of the methods that are handed their class, those that are asked of one that is a kind of it.
     *
     * @param list<array{string, string}> $methods class and name
     */
    private function announceOfSeveral(array $methods): void
    {
        foreach ($methods as [$class, $method]) {
            if (!\in_array($class, $this->classes, true)) {
                continue;
            }
            foreach ($this->tokens as $index => $token) {
                if ($token->text === $method && '.' === ($this->tokens[$index - 1]->text ?? '') && $class !== ($this->tokens[$index - 2]->text ?? '')) {
                    $this->ofSeveral["$class.$method"] = true;
                }
            }
        }
    }

    /** @return ''|'asked'|'shared'|'class'|'set'|'remembered'|null what a decorator makes of the function below it; null for one that means nothing here */
    private function decorator(): ?string
    {
        $name = $this->peek(1)->text ?? '';
        $rest = '';
        for ($ahead = 2; null !== $token = $this->peek($ahead); ++$ahead) {
            $rest .= $token->text;
        }
        if ('' !== $this->class) {
            return match (true) {
                'property' === $name && '' === $rest => 'asked',
                'staticmethod' === $name && '' === $rest => 'shared',
                'classmethod' === $name && '' === $rest => 'class',
                'abstractmethod' === $name && '' === $rest => '',
                isset($this->setters[$name]) && '.setter' === $rest => 'set',
                default => null,
            };
        }
        $full = 'functools' === $name ? $name.$rest : ($this->imported[$name] ?? '').$rest;
        if (str_starts_with($full, 'functools.wraps(')) {
            return $this->wrapsPlainly() ? '' : null;
        }

        return 1 === preg_match('/^functools\.(?:cache|lru_cache(?:\((?:maxsize=)?(?:None|\d+)?\))?)$/D', $full) ? 'remembered' : null;
    }

    /**
     * `@property` and the method below it.
     *
     * @param ''|'asked'|'shared'|'class'|'set'|'remembered' $sort
     */
    private function decorated(LogicalLine $line, string $sort): Statement
    {
        $start = $this->offset();
        $next = $this->codeBelow();
        if (null === $next || $next->column() !== $line->column()) {
            $this->fail('unsupported', $this->peek(), ['what' => '@'.($this->peek(1)->text ?? '')]);
        }
        ++$this->line;
        [$this->at, $this->until] = [$next->from, $next->until];
        $more = $this->is('@') ? $this->decorator() : null;
        if (null !== $more) {
            $row = $this->decorated($next, '' === $more ? $sort : $more);
            $this->beginAt($row, $start);

            return $row;
        }
        if (!$this->is('def')) {
            $this->fail('unsupported', $this->peek(), ['what' => '@'.($this->peek(1)->text ?? '')]);
        }

        return $this->definition($next, $start, $sort);
    }

    /** The next line that is no remark; those above it belong to what it goes on with. */
    private function codeBelow(): ?LogicalLine
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

    /** `__radd__ = __add__` among the methods of a class: they can be called by the other name, too. */
    private function announceAlso(string $class, string $name, string $of): void
    {
        $of = PythonNames::METHODS[$of] ?? $of;
        [$least, $most, $parameters] = $this->methods[$class][$of] ?? [0, 0, null];
        $isKnown = (!str_starts_with($name, '__') || isset(PythonNames::METHODS[$name])) && (!str_starts_with($of, '@') || \in_array($of, ['@add', '@multiply', ClassDefinition::SHOWS, ClassDefinition::FORM], true));
        if ($isKnown && null !== $parameters && $least === $most && $most === \count($parameters) && !isset($this->asked[$of])) {
            $this->methods[$class][PythonNames::METHODS[$name] ?? $name] = [$least, $most, $parameters];
            $this->namedAlso["$class.$name"] = $of;
        }
    }

    /** @var array<string, string> methods by further names, which stand behind their class and a point */
    private array $namedAlso = [];

    private function isBelow(string $class, string $above): bool
    {
        for ($seen = []; '' !== $class && !isset($seen[$class]); $class = $this->classes[$class] ?? '') {
            $seen[$class] = true;
            if ($class === $above) {
                return true;
            }
        }

        return false;
    }

    /** The row that says so: a method that calls the other. */
    private function methodNamedAlso(string $name, string $of): FunctionDefinition
    {
        foreach (array_keys($this->classes) as $below) {
            if ($below !== $this->class && isset($this->methods[$below][$of]) && $this->isBelow($below, $this->class)) {
                // The further name would stay that of the method here.
                $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => "$name = …"]);
            }
        }
        $name = PythonNames::METHODS[$name] ?? $name;
        $parameters = $this->methods[$this->class][$of][2];
        $itself = new VariableRead('self');
        $given = array_map(static fn (string $one): Expression => new VariableRead($one), $parameters);
        $row = new GiveBack($this->newId(), match ($of) {
            '@add', '@multiply' => new Binary('@add' === $of ? Operator::Add : Operator::Multiply, $itself, $given[0] ?? $itself),
            ClassDefinition::SHOWS, ClassDefinition::FORM => new Operation(ClassDefinition::SHOWS === $of ? OperationKey::ToText : OperationKey::Written, [$itself]),
            default => new MethodCall($itself, $of, $given),
        });
        $made = new FunctionDefinition($this->newId(), "$this->class.$name", ['self', ...$parameters], new Block([$row]));
        $this->cutAtHead([$row], $made->id, $this->tokens[$this->until - 1]->end());

        return $made;
    }

    /** `plant: str = "rose"` among the methods of a class. */
    private function fieldDeclaration(Token $name): Statement
    {
        $this->at += 2;
        $type = $this->peek();
        $this->annotation();
        $value = $this->accept('=') ? $this->defaultOf($name) : null;

        return new FieldDeclaration($this->newId(), $name->text, ['int' => 'int', 'str' => 'string', 'float' => 'double', 'bool' => 'bool'][$type->text ?? ''] ?? null, $value);
    }

    private function classDefinition(LogicalLine $line, ?int $start = null): Statement
    {
        $start ??= $this->offset();
        $id = $this->newId();
        ++$this->at;
        $name = $this->newName();
        $around = $this->class;
        if ('' !== $this->scope || '' === $around && (1 !== $this->parent || $line->column() > 0) || $around !== ($this->aroundClass[$name->text] ?? '')) {
            $this->fail('unsupported', $name, ['what' => 'class … in …']);
        }
        $parent = '';
        $opened = $this->peek();
        if (null !== $opened && $this->accept('(')) {
            $of = $this->peek();
            if (null !== $of && !$this->is(')')) {
                ++$this->at;
                $parent = 'object' === $of->text ? '' : $of->text;
                $parent = 'abc.ABC' === ($this->imported[$parent] ?? '') ? '' : $parent;
                if ('typing.Generic' === ($this->imported[$of->text] ?? '') && $this->is('[') && null !== $closed = $this->closingOf($this->at)) {
                    // What it is of says nothing to the machine.
                    $this->at = $closed + 1;
                    $parent = '';
                }
                if (\array_key_exists($name->text, $this->records)) {
                    $parent = ClassDefinition::RECORD;
                } elseif (isset($this->enumerations[$name->text])) {
                    $this->at += $this->is('.') ? 2 : 0;
                    $parent = '';
                }
                if (ClassDefinition::RECORD === $parent) {
                    // Its name is the library's.
                } elseif ('' !== $parent && $this->isFailure($parent)) {
                    $parent = '@'.(FailureNames::kindOf($this->language(), $parent)->value ?? '');
                } elseif ('' !== $parent && !isset($this->classes[$parent])) {
                    $this->fail('unsupported', $of, ['what' => "class …($parent)"]);
                }
                if ($this->is(',') && null !== $this->peek(1) && !$this->is(')', 1)) {
                    // What several classes bring is found in an order of its own (The Python Language Reference, 3.3.3.1).
                    $this->fail('unsupported', $this->peek(), ['what' => 'class …(…, …)']);
                }
                $this->accept(',');
            }
            $this->close($opened);
        }
        $this->colon('class');
        [$tight, $read] = $this->suite($id, $line, false);
        $this->headEnd($id, 'head', $start, $tight);
        $end = $this->endOffset();
        $this->class = $name->text;
        $this->numbered = 0;
        try {
            $body = $read();
        } finally {
            $this->class = $around;
        }
        foreach ($body->statements as $row) {
            if (!$row instanceof FunctionDefinition && !$row instanceof ClassDefinition && !$row instanceof Comment && !$row instanceof Unread && !$row instanceof SetVariable && !$row instanceof FieldDeclaration && !$row instanceof Import && !$row instanceof Pass) {
                $cut = array_filter($this->cuts, static fn (Cut $cut): bool => $cut->id === $row->id);
                $first = reset($cut);
                $this->failAt('unsupported', false === $first ? $start : $first->start, false === $first ? 1 : $first->end - $first->start, ['what' => 'class …: … = …']);
            }
        }

        if (isset($this->enumerations[$name->text])) {
            $body = new Block($this->enumeration($id, $name, $body->statements, $end));
        }

        return new ClassDefinition($id, $name->text, $parent, $body);
    }

    /** What stands for a value that is left out is reckoned once, where the function is made (The Python Language Reference, 8.7); here when it is called. */
    private function onlyFixed(Expression $default, Token $parameter): void
    {
        foreach (Walk::expressions($default) as $read) {
            if (!$read instanceof VariableRead) {
                continue;
            }
            if (1 < ($this->timesGiven()[$read->name] ?? 0) || $read->name === $parameter->text) {
                $this->fail('unsupported', $parameter, ['what' => "def …(… = $read->name)"]);
            }
        }
    }

    /** @var array<string, int>|null */
    private ?array $timesGiven = null;

    /** @return array<string, int> how many rows of the text give each name something */
    private function timesGiven(): array
    {
        if (null === $this->timesGiven) {
            $this->timesGiven = [];
            foreach ($this->tokens as $at => $token) {
                if (TokenKind::Name !== $token->kind) {
                    continue;
                }
                $before = $this->tokens[$at - 1]->text ?? '';
                $sign = $this->tokens[$at + 1]->text ?? '';
                if ('=' === $sign && '(' !== $before && ',' !== $before || \in_array($sign, ['+=', '-=', '*=', '/=', '//=', '%='], true) || \in_array($before, ['for', 'global', 'nonlocal'], true)) {
                    $this->timesGiven[$token->text] = ($this->timesGiven[$token->text] ?? 0) + 1;
                }
            }
        }

        return $this->timesGiven;
    }

    /** @param ''|'asked'|'shared'|'class'|'set'|'remembered' $sort */
    private function definition(LogicalLine $line, ?int $start = null, string $sort = ''): Statement
    {
        $start ??= $this->offset();
        $id = $this->newId();
        ++$this->at;
        $name = $this->newName();
        $outer = $this->scope;
        if ('' === $outer && 1 !== $this->parent && '' === $this->class || '' !== $outer && isset($this->doubled[$name->text])) {
            $this->fail('unsupported', $name, ['what' => 'def … in …']);
        }
        $isMethod = '' !== $this->class && '' === $outer;
        $isSpecial = str_starts_with($name->text, '__') && str_ends_with($name->text, '__') && PythonNames::OF_MATRICES !== $name->text;
        if ($isMethod && $isSpecial && !isset(PythonNames::METHODS[$name->text])) {
            $this->fail('unsupported', $name, ['what' => $name->text]);
        }
        $full = !$isMethod ? $name->text : $this->class.'.'.('set' === $sort ? "set_$name->text" : PythonNames::METHODS[$name->text] ?? $name->text);
        $parameters = [];
        $defaults = [];
        $rest = '';
        $this->scope = $full;
        $this->writes[$this->scope] ??= [];
        if ('' !== $outer) {
            $this->around[$full] = $outer;
        }
        $itself = $this->itself;
        try {
            $opened = $this->peek();
            if (null === $opened || '(' !== $opened->text) {
                $this->fail('def_brackets', $name, ['name' => $name->text], [new Replacement($name->offset + \strlen($name->text), 0, '()')]);
            }
            ++$this->at;
            if ('class' === $sort) {
                $sort = 'shared';
                if (isset($this->ofSeveral[$full])) {
                    $this->anyClass = $this->peek()->text ?? '';
                } else {
                    // A class that no other is a kind of is always this one.
                    $this->ownClass[$this->newName('parameter_no_name')->text] = $this->class;
                    $this->accept(',');
                }
            }
            while (!$this->is(')')) {
                if (null === $this->peek()) {
                    $this->neverClosed($opened);
                }
                if (($this->is('*') || $this->is('/')) && $this->is(',', 1)) {
                    // What follows is given by name, or what stands before by place: nothing that the function itself sees.
                    $this->at += 2;
                    continue;
                }
                $isRest = $this->is('*');
                $isNamedRest = $this->is('**');
                $this->at += $isRest || $isNamedRest ? 1 : 0;
                $parameter = $this->newName('parameter_no_name');
                $parameters[] = $parameter->text;
                if ($isNamedRest) {
                    $defaults[$parameter->text] = new Operation(OperationKey::AllNamed);
                }
                $rest = $isRest ? $parameter->text : $rest;
                $this->write($parameter->text, $parameter->offset);
                if ($this->accept(':')) {
                    $this->annotation();
                }
                if ($this->accept('=')) {
                    // It is reckoned where the class is made, in which its names need no class (The Python Language Reference, 8.7).
                    $this->inDefault = $isMethod;
                    $defaults[$parameter->text] = $this->expression();
                    $this->inDefault = false;
                    $this->onlyFixed($defaults[$parameter->text], $parameter);
                }
                if (!$this->accept(',')) {
                    break;
                }
            }
            $this->close($opened);
            if ($isMethod && [] === $parameters && 'shared' !== $sort) {
                $end = $this->endOffset();
                $this->fail('self_missing', $name, ['name' => $name->text], [new Replacement($end - 1, 0, 'self')]);
            }
            $this->itself = $isMethod ? $parameters[0] ?? 'self' : $itself;
            if ($this->is('-') && $this->is('>', 1) || $this->is('->')) {
                $this->at += $this->is('->') ? 1 : 2;
                $this->annotation();
            }
            $this->colon('def');
            [$tight, $read] = $this->suite($id, $line, false);
            $begins = $this->endOffset();
            $this->headEnd($id, 'head', $start, $tight);
            $loops = $this->loops;
            $this->loops = [];
            $made = $this->yieldsBelow($line) ? $this->nameFor('yielded') : null;
            if (null !== $made) {
                $this->yields[$full] = $made;
                $this->write($made, $begins);
            }
            $body = $read();
            $body = null === $made ? $body : $this->gathering_($body, $made, $id, $begins, $name);
            $this->loops = $loops;
        } finally {
            $this->scope = $outer;
            $this->ownClass = [];
            $this->anyClass = '';
        }

        if ('' === $this->class && '' === $outer) {
            $this->known[$name->text] ??= $name->offset;
        }

        return new FunctionDefinition($id, $full, $parameters, $body, false, $defaults, [], $sort, $rest);
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
        $word = TokenKind::Keyword === $token->kind ? $token->text : ($this->keyword($token) ?? '');
        switch ($word) {
            case 'import':
            case 'from':
                $this->import();

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
                return [$this->ended($this->giveBack($token), $start)];
            case 'nonlocal':
            case 'global':
                return $this->share();
            case 'raise':
                return [$this->ended($this->raise($token), $start)];
            case 'assert':
                ++$this->at;
                $condition = $this->value();

                return [$this->ended(new Claim($this->newId(), $condition, $this->accept(',') ? $this->value() : null), $start)];
            case 'del':
                $this->behind = [];
                $rows = [$this->delete(), ...$this->behind];
                $this->cutTogether($rows, $start);

                return $rows;
            case 'while':
            case 'for':
            case 'if':
            case 'def':
            case 'try':
                $this->fail('two_rows', $token, [], [new Replacement($start, 0, "\n".$line->indent.$this->indentStep())]);
        }

        if ('' !== $this->class && '' === $this->scope && TokenKind::Name === $token->kind && $this->is(':', 1) && isset($this->madeOfFields[$this->class])) {
            return [$this->ended($this->fieldDeclaration($token), $start)];
        }

        $also = '' === $this->scope && $this->is('=', 1) ? $this->namedAlso["$this->class.$token->text"] ?? null : null;
        if (null !== $also && $this->until === $this->at + 3) {
            $this->at += 3;

            return [$this->ended($this->methodNamedAlso($token->text, $also), $start)];
        }

        if ('' !== $this->class && '' === $this->scope && TokenKind::Name === $token->kind && $this->is(':', 1) && !$this->isGivenByType($line)) {
            // What kind of value it will have says nothing to the machine, and gives it none.
            $this->at += 2;
            $this->annotation();

            return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
        }

        $this->behind = [];
        $rows = [$this->plain($token), ...$this->behind];
        $this->cutTogether($rows, $start);

        return $rows;
    }

    public function ended(Statement $row, int $start): Statement
    {
        $this->cut($row->id, 'head', $start, $this->endOffset());

        return $row;
    }

    private function giveBack(Token $token): Statement
    {
        if ('' === $this->scope) {
            $this->fail('outside_function', $token);
        }
        ++$this->at;
        $made = $this->yields[$this->scope] ?? null;
        if (null !== $made && (null === $this->peek() || $this->is(';'))) {
            return new GiveBack($this->newId(), new VariableRead($made));
        }
        if (null === $this->peek() || $this->is(';')) {
            return new LeaveFunction($this->newId());
        }

        return new GiveBack($this->newId(), $this->valueOrTuple());
    }

    protected function valueYielded(): Expression
    {
        return $this->valueOrTuple();
    }

    protected function yieldsAll(string $function): bool
    {
        return isset($this->yields[$function]);
    }

    protected function ownNames(): array
    {
        return array_map(strval(...), array_keys(array_diff_key($this->writes[$this->scope] ?? [], [$this->itself => true])));
    }

    /** Whether the rows below a header yield something themselves. */
    private function yieldsBelow(LogicalLine $header): bool
    {
        for ($at = $header->from; $at < $header->until; ++$at) {
            // A body behind its header.
            if ('yield' === $this->tokens[$at]->text && TokenKind::Keyword === $this->tokens[$at]->kind) {
                return true;
            }
        }
        $inner = null;
        for ($index = $this->line; null !== ($line = $this->lines[$index] ?? null) && ($line->remark || $line->column() > $header->column()); ++$index) {
            $inner = null !== $inner && $line->column() <= $inner && !$line->remark ? null : $inner;
            if (null === $inner && 'def' === $this->tokens[$line->from]->text) {
                $inner = $line->column();
            }
            for ($at = $line->from; null === $inner && $at < $line->until; ++$at) {
                if ('yield' === $this->tokens[$at]->text && TokenKind::Keyword === $this->tokens[$at]->kind) {
                    return true;
                }
            }
        }

        return false;
    }

    protected function docstring(Expression $value, Token $token): ?Comment
    {
        return $value instanceof TextLiteral && 1 === preg_match('/^[rRuU]?("""|\'\'\')/', $token->text) ? new Comment($this->newId(), trim((string) preg_replace('/[ \t]*\R[ \t]*/', "\n", $value->value))) : null;
    }
}
