<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What may fail, what catches it, and what is raised. */
final class AttemptRows
{
    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function attempt(LogicalLine $line): Statement
    {
        $id = $this->parser->newId();
        $start = $this->parser->offset();
        $try = $this->parser->tokens[$line->from];
        ++$this->parser->at;
        $this->parser->headers->colon('try');
        [$tight, $read] = $this->parser->suite($id, $line, false, Attempt::BODY);
        $this->parser->headers->headEnd($id, 'head', $start, $tight);
        ++$this->parser->tries;
        try {
            $bodies = [Attempt::BODY => $read()];
        } finally {
            --$this->parser->tries;
        }
        $last = Attempt::BODY;
        $heads = [];
        while (!isset($bodies[Attempt::FINALLY]) && null !== $part = $this->partBelow($line, $id, isset($bodies[Attempt::OTHERWISE]) || [] === $heads)) {
            [$next, $word, $remarks] = $part;
            $bodies[$last] = new Block([...$bodies[$last]->statements, ...$remarks]);
            ++$this->parser->line;
            [$this->parser->at, $this->parser->until] = [$next->from, $next->until];
            $start = $this->parser->offset();
            ++$this->parser->at;
            $last = match ($word) {
                'except' => Attempt::bodyName(\count($heads)),
                'else' => Attempt::OTHERWISE,
                default => Attempt::FINALLY,
            };
            $caught = $this->parser->caught;
            if ('except' === $word) {
                try {
                    $heads[] = [$kinds, $name] = $this->caughtHere();
                } catch (ParseFailure $failure) {
                    // Its rows are read once more, by themselves: they may fail all the same.
                    $this->parser->unreadTries[] = [$try->offset, $this->parser->offset()];
                    throw $failure;
                }
                if ('' !== $name) {
                    $this->parser->caught[$name] = false;
                }
                if ([] !== $kinds && [] === array_filter($kinds, static fn (FailureKind|string $kind): bool => $kind instanceof FailureKind)) {
                    // An object, which can be asked for all it keeps.
                    unset($this->parser->caught[$name]);
                    $this->parser->keptFailures[$name] = true;
                }
                ++$this->parser->rescues;
            }
            $this->parser->headers->colon($word);
            [$tight, $read] = $this->parser->suite($id, $next, false, $last);
            $this->parser->headers->headEnd($id, $last, $start, $tight);
            try {
                $bodies[$last] = $read();
            } finally {
                $this->parser->caught = $caught;
                unset($this->parser->keptFailures[$name ?? '']);
                $this->parser->rescues -= 'except' === $word ? 1 : 0;
            }
        }
        if ([] === $heads && !isset($bodies[Attempt::FINALLY])) {
            $between = $this->rowBetween($line);
            if (null !== $between) {
                // Its `except` is further down, behind a row that should stand within.
                $this->parser->fail('row_in_try', $this->parser->tokens[$between->from], ['word' => 'try']);
            }
            $this->parser->fail('try_alone', $try);
        }
        $rescues = array_map(static fn (int $index): Rescue => new Rescue($heads[$index][0], $heads[$index][1], $bodies[Attempt::bodyName($index)]), array_keys($heads));

        return new Attempt($id, $bodies[Attempt::BODY], $rescues, $bodies[Attempt::OTHERWISE] ?? null, $bodies[Attempt::FINALLY] ?? null);
    }

    /** The row that stands between the rows of a `try` and its `except`, as far to the left as both. */
    private function rowBetween(LogicalLine $try): ?LogicalLine
    {
        $between = null;
        for ($index = $this->parser->line; null !== ($line = $this->parser->lines[$index] ?? null); ++$index) {
            if ($line->remark || $line->column() > $try->column()) {
                continue;
            }
            $word = $this->parser->tokens[$line->from]->text;
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
        $next = $this->parser->unreadRows->nextCode();
        if (null === $next || $next->column() !== $line->column()) {
            return null;
        }
        $first = $this->parser->tokens[$next->from];
        $words = $isLast ? ['except', 'finally'] : ['except', 'else', 'finally'];
        $word = $first->text;
        if (TokenKind::Name === $first->kind && ':' === $this->parser->tokens[$next->until - 1]->text && !$this->parser->isVariable($word) && !isset($this->parser->symbols->functions[$word])) {
            $near = 'catch' === strtolower($word) ? 'except' : Names::nearest(strtolower($word), $words);
            if (null !== $near && ('catch' === strtolower($word) || levenshtein(strtolower($word), $near) <= 2)) {
                $word = $this->parser->taken($first, $near, 'catch' === strtolower($word) ? 'foreign_word' : (strtolower($word) === $near ? 'capitals' : 'misspelt_keyword'));
            }
        }
        if (!\in_array($word, $words, true)) {
            return null;
        }
        $remarks = [];
        $before = $this->parser->parent;
        $this->parser->parent = $id;
        for (; $this->parser->lines[$this->parser->line] !== $next; ++$this->parser->line) {
            $remarks[] = $this->parser->comment($this->parser->tokens[$this->parser->lines[$this->parser->line]->from]);
        }
        $this->parser->parent = $before;

        return [$next, 'else' === $word ? 'else' : ('finally' === $word ? 'finally' : 'except'), $remarks];
    }

    /** @return array{list<FailureKind|string>, string} the kinds behind `except`, and the name behind `as` */
    public function caughtHere(): array
    {
        $kinds = [];
        if ($this->parser->accept('(')) {
            do {
                $kinds[] = $this->failureKind();
            } while ($this->parser->accept(',') && !$this->parser->is(')'));
            if (!$this->parser->accept(')')) {
                $this->parser->fail('unexpected');
            }
        } elseif (!$this->parser->is(':') && null !== $this->parser->peek()) {
            $kinds[] = $this->failureKind();
        }
        $name = '';
        if ([] !== $kinds && $this->parser->accept('as')) {
            $token = $this->parser->newName();
            $this->parser->write($token->text, $token->offset);
            $name = $token->text;
        }

        return ['' === $name && [FailureKind::Any] === $kinds ? [] : $kinds, $name];
    }

    /** `ValueError`, also where it is misspelt, or the name of a class of the program's own. */
    private function failureKind(): FailureKind|string
    {
        $token = $this->parser->peek();
        if (null === $token || TokenKind::Name !== $token->kind) {
            $this->parser->fail('name_missing', $token);
        }
        if ($this->parser->isRaised($token->text)) {
            ++$this->parser->at;

            return $token->text;
        }
        if ('json' === ($this->parser->aliases[$token->text] ?? $token->text) && $this->parser->is('.', 1) && $this->parser->is('JSONDecodeError', 2)) {
            $this->parser->at += 3;

            return FailureKind::Json;
        }
        $kind = FailureNames::kindOf($this->parser->language(), $token->text);
        if (null === $kind) {
            $near = Names::nearest($token->text, FailureNames::all($this->parser->language()));
            if (null === $near || RealNames::has($token->text, Language::Python) || levenshtein(strtolower($token->text), strtolower($near)) > 2) {
                $this->parser->fail('unsupported', $token, ['what' => $token->text]);
            }
            $this->parser->taken($token, $near, 'misspelt_keyword');
            $kind = FailureNames::kindOf($this->parser->language(), $near) ?? FailureKind::Any;
        }
        ++$this->parser->at;

        return $kind;
    }

    public function raise(Token $token): Statement
    {
        ++$this->parser->at;
        $name = $this->parser->peek();
        $isNamed = null !== $name && (false === ($this->parser->caught[$name->text] ?? null) || isset($this->parser->keptFailures[$name->text])) && (null === $this->parser->peek(1) || $this->parser->is(';', 1));
        if (null === $name || $this->parser->is(';') || $isNamed) {
            if (0 === $this->parser->rescues) {
                $this->parser->fail('nothing_caught', $token, ['word' => 'raise']);
            }
            $this->parser->at += $isNamed ? 1 : 0;

            return new PassOn($this->parser->newId());
        }
        if (TokenKind::Text === $name->kind) {
            $this->parser->fail('raise_text', $name, [], [new Replacement($name->offset + \strlen($name->text), 0, ')'), new Replacement($name->offset, 0, 'Exception(')]);
        }
        if ('SystemExit' === $name->text) {
            ++$this->parser->at;
            $opened = $this->parser->peek();
            $said = null !== $opened && $this->parser->accept('(') ? array_map(static fn (Argument $one): Expression => $one->value, $this->parser->arguments($opened)) : [];

            return new Perform($this->parser->newId(), new Operation(OperationKey::Exit, $said));
        }
        if ($this->parser->isRaised($name->text)) {
            $made = $this->parser->value();
            $this->cause();

            return new RaiseObject($this->parser->newId(), $made instanceof VariableRead || $made instanceof FunctionReference ? new MakeObject($name->text) : $made);
        }
        $kind = $this->failureKind();
        $isHeldUp = FailureKind::Interrupt === $kind && (1 === preg_match('/\bexcept\s*(?::|\(?[^:\n]*\b(?:Exception|BaseException)\b)/', $this->parser->text) || 1 !== preg_match('/\bexcept\s+\(?[^:\n]*KeyboardInterrupt\b/', $this->parser->text));
        if (\is_string($kind) || $isHeldUp) {
            // What stops a program is not among what `Exception` catches.
            $this->parser->fail('unsupported', $name, ['what' => "raise $name->text"]);
        }
        $says = new TextLiteral('');
        $opened = $this->parser->peek();
        if (null !== $opened && $this->parser->accept('(')) {
            $says = $this->parser->is(')') ? $says : $this->parser->value();
            if ($this->parser->is(',') && !$this->parser->is(')', 1)) {
                $this->parser->fail('unsupported', $name, ['what' => "$name->text(…, …)"]);
            }
            $this->parser->accept(',');
            $this->parser->close($opened);
        }
        $this->cause();

        return new Raise($this->parser->newId(), $kind, $says);
    }

    /** `raise … from error`: why it failed shows only where nobody catches it (The Python Language Reference, 7.8). */
    private function cause(): void
    {
        $from = $this->parser->peek();
        if (!$this->parser->accept('from')) {
            return;
        }
        $cause = $this->parser->peek();
        $ends = \in_array($this->parser->peek(1)?->text, [null, ';'], true);
        if (null === $cause || !$ends || TokenKind::Name !== $cause->kind && 'None' !== $cause->text) {
            $this->parser->fail('unsupported', $from, ['what' => 'raise … from …']);
        }
        if (TokenKind::Name === $cause->kind) {
            $this->parser->read($cause->text, $cause->offset);
        }
        ++$this->parser->at;
    }

    /** What a failure says that was caught under this name, which was read already. */
    public function saysOf(Token $name): Expression
    {
        if ($this->parser->is('.') && $this->parser->is('__class__', 1) && $this->parser->is('.', 2) && $this->parser->is('__name__', 3)) {
            $this->parser->at += 4;

            return new Operation(OperationKey::FailureName, [$this->parser->plainName($name)]);
        }
        if ($this->parser->is('.') && $this->parser->is('args', 1) && $this->parser->is('[', 2) && $this->parser->is('0', 3) && $this->parser->is(']', 4)) {
            $this->parser->at += 5;

            return $this->parser->postfix(new Operation(OperationKey::FailureFirst, [$this->parser->plainName($name)]));
        }
        // Elsewhere it is no text to Python, and would have to be made one by `str`.
        $before = $this->parser->tokens[$this->parser->at - 2] ?? null;
        $isAlone = null === $before && null === $this->parser->peek();
        $index = $this->parser->at - 2;
        for ($open = 0; $index >= 0 && ($open > 0 || '(' !== $this->parser->tokens[$index]->text); --$index) {
            $text = TokenKind::Sign === $this->parser->tokens[$index]->kind ? $this->parser->tokens[$index]->text : '';
            $open += \in_array($text, [')', ']', '}'], true) ? 1 : (\in_array($text, ['(', '[', '{'], true) ? -1 : 0);
            if ($open < 0) {
                break;
            }
        }
        $isGiven = null !== $before && \in_array($before->text, ['(', ','], true) && \in_array($this->parser->sign(), [')', ','], true) && null !== Names::nearest($this->parser->tokens[$index - 1]->text ?? '', ['print', 'str', 'format', 'repr']);
        // `"%s" % error` and `"%s, %s" % (what, error)` make it a text as well.
        $template = '%' === $before?->text ? $this->parser->at - 3 : (\in_array($before?->text, ['(', ','], true) && '%' === ($this->parser->tokens[$index - 1]->text ?? '') ? $index - 2 : -1);
        $isTemplate = TokenKind::Text === ($this->parser->tokens[$template] ?? null)?->kind && !\in_array($this->parser->sign(), ['.', '[', '('], true);
        if (!$isAlone && !$isGiven && !$isTemplate) {
            $this->parser->noFailure($name);
        }

        return $this->parser->plainName($name);
    }
}
