<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * What `fixed`, `setprecision`, `setw` and their like mean for each value that is printed (C++17, 30.7.5 and 27.4.5).
 *
 * `cout` keeps what it was told, so that a word in one row shows in all that run after it. The states in which each row
 * may run are found along all ways through the program, and each value has a form of its own then: `{:.2f}`. In a program
 * that would show a value now one way, now another, streams keep while it runs what they were told.
 */
final class StreamForms
{
    /** Stands in front of the words while a text is read. */
    public const WORD = 'stream_';
    /** Words that say how values are shown, with how many arguments. */
    public const WORDS = ['fixed' => 0, 'defaultfloat' => 0, 'setprecision' => 1, 'setfill' => 1, 'setw' => 1, 'left' => 0, 'right' => 0, 'boolalpha' => 0, 'noboolalpha' => 0, ...self::ASKED];
    /** Those that no form says: the stream is asked at each value how it shows it. */
    private const ASKED = ['hex' => 0, 'oct' => 0, 'dec' => 0, 'uppercase' => 0, 'nouppercase' => 0, 'showpos' => 0, 'internal' => 0, 'showbase' => 0, 'noshowbase' => 0, 'noshowpos' => 0, 'scientific' => 0, 'showpoint' => 0, 'noshowpoint' => 0];
    /** States only ever become less certain, one part of them at a time. */
    private const ROUNDS = 12;

    /** @var array<string, StreamState> by function, how it is entered and left */
    private array $entries = [];
    /** @var array<string, StreamState> */
    private array $exits = [];
    /** @var array<int, StreamState> by row */
    private array $states = [];
    /** @var list<StreamState> where the function being gone through returns */
    private array $returns = [];
    private bool $isUnsure = false;

    private function __construct(private readonly Types $types)
    {
    }

    /**
     * @param array<int, Cut> $cuts where the rows stand in the text
     *
     * @return Program the program without such words
     */
    public static function settle(Program $program, Types $types, array $cuts, string $text): Program
    {
        $shows = array_values(array_filter($program->definitions(), static fn (FunctionDefinition $function): bool => ClassDefinition::SHOWS === $function->shortName()));
        $used = self::used($program, $shows);
        $forms = new self($types);
        $isHanded = str_contains($text, 'ostream') && $forms->isHanded($program);
        if ([] === $used && (!$isHanded || !self::isTold($program))) {
            return $program;
        }
        foreach ($shows as $function) {
            foreach ($program->rowsOf($function) as $row) {
                $forms->showing[$row->id] = $function;
            }
        }
        $forms->telling = self::tellingFunctions($program);
        for ($round = 0, $before = null; $round < self::ROUNDS && $before != [$forms->entries, $forms->exits, $forms->states]; ++$round) {
            $before = [$forms->entries, $forms->exits, $forms->states];
            $forms->block($program->script->body->statements, new StreamState());
            foreach ($program->definitions() as $function) {
                $forms->returns = [];
                $end = $forms->block($function->body->statements, $forms->entries[$function->name] ?? new StreamState());
                $forms->exits[$function->name] = array_reduce($forms->returns, static fn (StreamState $one, StreamState $other): StreamState => $one->join($other), $end);
            }
        }
        $raw = [];
        foreach ($cuts as $cut) {
            $raw[$cut->id] ??= substr($text, $cut->start, $cut->end - $cut->start);
        }
        $each = static function (Statement $part, bool $isAsked) use ($forms, $raw, $program): Statement {
            $scope = $part instanceof FunctionDefinition ? $part : $program->script;

            return Walk::map($part, static fn (Statement $row): Statement => !$row instanceof PrintLine ? $forms->showingRow($row) : ($isAsked ? $forms->asking($row, $scope) : $forms->row($row, $scope, $raw[$row->id] ?? '')));
        };
        $all = static function (bool $isAsked) use ($each, $program): Program {
            $script = $each($program->script, $isAsked);
            \assert($script instanceof Script);

            return $program->withFunctions(array_map(static fn (Statement $part): Statement => $each($part, $isAsked), $program->functions))->withScript($script)->withBelow(array_map(static fn (Statement $part): Statement => $each($part, $isAsked), $program->below));
        };
        $settled = !$isHanded && [] === array_intersect_key($used, self::ASKED) && $forms->showsPlainly($shows, $used) ? $all(false) : null;

        return null === $settled || $forms->isUnsure ? $all(true) : $settled;
    }

    /** Whether a stream is told how to show values while the program runs. */
    private static function isTold(Program $program): bool
    {
        foreach (Walk::statements($program->parts()) as $row) {
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof Operation && OperationKey::ToldForm === $value->key) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether something is put on the stream under another name, and that is told how to show it, or asks how it does.
     */
    private function isHanded(Program $program): bool
    {
        foreach ($program->scopes() as $part) {
            $isShowing = $part instanceof FunctionDefinition && null !== $part->showingStream();
            // A stream that it is handed may be the console, or what an object is shown on.
            $taken = $part instanceof FunctionDefinition ? array_keys(array_filter($part->types, static fn (string $type): bool => 1 === preg_match('/^(?:std::)?ostream &$/D', $type))) : [];
            foreach ($program->rowsOf($part) as $row) {
                foreach (Walk::expressionsOf($row) as $value) {
                    if (!$value instanceof Operation) {
                        continue;
                    }
                    $on = OperationKey::ToldForm === $value->key ? $value->arguments[2] ?? null : null;
                    if ($on instanceof VariableRead && \in_array($on->name, $taken, true)) {
                        return true;
                    }
                    if (OperationKey::ConsoleStream === $value->key || $isShowing && OperationKey::ToldForm === $value->key) {
                        return true;
                    }
                    $type = $isShowing && OperationKey::ShownFormed === $value->key ? $this->types->expression($part, $value->arguments[0]) : null;
                    if (null !== $type && !$type->isTextual() && !$type->isWhole()) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @var array<string, true> functions that tell how values are shown, or call one that does */
    private array $telling = [];

    /** @return array<string, true> */
    private static function tellingFunctions(Program $program): array
    {
        $telling = $calls = [];
        foreach ($program->definitions() as $function) {
            foreach ($program->rowsOf($function) as $row) {
                $calls[$function->name][$row instanceof OwnCall ? $row->function : ''] = true;
                foreach (Walk::expressionsOf($row) as $value) {
                    if (null !== self::word($value) && 'setw' !== self::word($value)) {
                        $telling[$function->name] = true;
                    }
                    $calls[$function->name] += $value instanceof OwnValue ? [$value->function => true] : [];
                }
            }
        }
        do {
            $before = \count($telling);
            foreach ($calls as $name => $called) {
                if ([] !== array_intersect_key($called, $telling)) {
                    $telling[$name] = true;
                }
            }
        } while (\count($telling) > $before);

        return $telling;
    }

    /** @var array<int, FunctionDefinition> by row: the function that says what an object shows as, which the row stands in */
    private array $showing = [];

    /**
     * Whether what objects show as is the same whatever the stream was told before.
     *
     * @param list<FunctionDefinition> $shows
     * @param array<string, true>      $used
     */
    private function showsPlainly(array $shows, array $used): bool
    {
        foreach ($shows as $function) {
            $rows = $function->body->statements;
            foreach (1 === \count($rows) && $rows[0] instanceof GiveBack ? self::joined($rows[0]->value) : [] as $part) {
                $type = $this->types->expression($function, $part);
                if (null !== self::word($part) || !$type->isTextual() && !$type->isWhole()) {
                    return false;
                }
            }
        }

        return [] === $shows || !isset($used['setw']);
    }

    /** What an object shows as is put into the stream piece by piece, each in the form that the stream has then. */
    private function showingRow(Statement $row): Statement
    {
        $function = $this->showing[$row->id] ?? null;
        if (null === $function || !$row instanceof GiveBack) {
            return $row;
        }
        $shown = null;
        foreach (self::joined($row->value) as $part) {
            $part = $this->asKept($part, $function);
            $isNothing = $part instanceof TextLiteral && \in_array($part->value, ['', "\n"], true);
            $piece = $isNothing ? $part : (null === self::word($part) ? self::asked($part, null, null) : self::telling($part, null));
            $shown = null === $shown ? $piece : new Binary(Operator::Join, $shown, $piece);
        }

        return null === $shown ? $row : new GiveBack($row->id, $shown, $row->off);
    }

    /**
     * @param list<FunctionDefinition> $shows what objects show as
     *
     * @return array<string, true> the words that the program tells `cout`
     */
    private static function used(Program $program, array $shows): array
    {
        $used = [];
        $rows = [...iterator_to_array(Walk::statements($program->parts()), false), ...array_merge(...array_map($program->rowsOf(...), $shows), ...[[]])];
        foreach ($rows as $row) {
            foreach ($row instanceof PrintLine || $row instanceof GiveBack ? Walk::expressionsOf($row) : [] as $value) {
                $used += null === ($word = self::word($value)) ? [] : [$word => true];
            }
        }

        return $used;
    }

    /** What one value becomes for a stream that is asked how it shows it. */
    public static function asked(Expression $value, ?Expression $width, ?VariableRead $stream): Expression
    {
        return new Operation(OperationKey::ShownFormed, null === $stream ? [$value, ...null === $width ? [] : [$width]] : [$value, $width ?? new NumberLiteral(0), $stream]);
    }

    /** A word that a stream is told while the program runs; nothing is shown by it. */
    public static function telling(Expression $told, ?VariableRead $stream): Expression
    {
        $argument = $told instanceof Operation ? $told->arguments : [];

        return new Operation(OperationKey::ToldForm, [new TextLiteral((string) self::word($told)), ...[] === $argument && null !== $stream ? [new NothingLiteral()] : $argument, ...null === $stream ? [] : [$stream]]);
    }

    /** The width, where a word says one for the next value. */
    public static function width(Expression $told): ?Expression
    {
        return 'setw' === self::word($told) && $told instanceof Operation ? $told->arguments[0] : null;
    }

    private function asking(PrintLine $row, FunctionDefinition|Script $scope): Statement
    {
        $width = $joined = null;
        foreach ($this->parts($row) as $part) {
            $wide = self::width($part);
            if (null !== $wide) {
                $width = $wide;
                continue;
            }
            $part = $this->asKept($part, $scope);
            $isPlain = null === $width && ($part instanceof TextLiteral || TypeKind::Text === $this->types->expression($scope, $part)->kind);
            $shown = null !== self::word($part) ? self::telling($part, null) : ($isPlain ? $part : self::asked($part, $width, null));
            $width = null === self::word($part) ? null : $width;
            $joined = null === $joined ? $shown : new Binary(Operator::Join, $joined, $shown);
        }

        return new PrintLine($row->id, null === $joined ? [] : [$joined], $row->off, $row->endsLine);
    }

    /** A whole number that was put where a `double` stands is one. */
    private function asKept(Expression $part, FunctionDefinition|Script $scope): Expression
    {
        return null === self::word($part) && TypeKind::Number === $this->types->expression($scope, $part)->kind ? new Operation(OperationKey::ToNumber, [$part]) : $part;
    }

    private static function word(Expression $value): ?string
    {
        return $value instanceof Operation && str_starts_with($value->key->value, self::WORD) ? substr($value->key->value, \strlen(self::WORD)) : null;
    }

    /** @param list<Statement> $rows */
    private function block(array $rows, StreamState $state): StreamState
    {
        foreach ($rows as $row) {
            if ($row->off || $row instanceof FunctionDefinition) {
                continue;
            }
            $state = $this->called($row, $state);
            if ($row instanceof PrintLine) {
                $this->states[$row->id] = isset($this->states[$row->id]) ? $this->states[$row->id]->join($state) : $state;
                foreach ($this->parts($row) as $part) {
                    $state = $this->told($part, $state) ?? $state;
                }
            } elseif ($row instanceof GiveBack || $row instanceof LeaveFunction) {
                $this->returns[] = $state;
            }
            $after = $state;
            foreach ($row->bodies() as $body) {
                $once = $this->block($body->statements, $state);
                // A loop that tells how values are shown is taken to run once at least.
                $after = $row->isLoop() ? $this->block($body->statements, $state->join($once)) : $after->join($once);
            }
            $state = $after;
        }

        return $state;
    }

    /** What own functions that a row calls leave behind. */
    private function called(Statement $row, StreamState $state): StreamState
    {
        $names = $row instanceof OwnCall ? [$row->function] : [];
        foreach (Walk::expressionsOf($row) as $value) {
            if ($value instanceof OwnValue) {
                $names[] = $value->function;
            }
        }
        foreach ($names as $name) {
            $this->entries[$name] = isset($this->entries[$name]) ? $this->entries[$name]->join($state) : $state;
            // What tells nothing itself leaves it as it was, wherever it is called from.
            $state = isset($this->telling[$name]) ? $this->exits[$name] ?? $state : $state;
        }

        return $state;
    }

    private function told(Expression $part, StreamState $state): ?StreamState
    {
        $word = self::word($part);
        $argument = $part instanceof Operation ? $part->arguments[0] ?? null : null;

        // What a name or a sum says is known when it runs.
        return null === $word ? null : $state->after($word, $argument instanceof NumberLiteral ? (int) $argument->value : ($argument instanceof TextLiteral ? $argument->value : null));
    }

    /** @return list<Expression> all that is shown and told, in order, with the spaces between values */
    private function parts(PrintLine $row): array
    {
        $parts = [];
        foreach ($row->values as $index => $value) {
            if ($index > 0) {
                $parts[] = new TextLiteral(' ');
            }
            array_push($parts, ...self::joined($value));
        }

        return $parts;
    }

    /** @return list<Expression> */
    private static function joined(Expression $value): array
    {
        return $value instanceof Binary && Operator::Join === $value->operator ? [...self::joined($value->left), ...self::joined($value->right)] : [$value];
    }

    private function row(PrintLine $row, FunctionDefinition|Script $scope, string $raw): Statement
    {
        $state = $this->states[$row->id] ?? new StreamState();
        $values = [];
        $joined = $width = null;
        foreach ($row->values as $index => $value) {
            if ($index > 0 && null !== $joined) {
                $values[] = $joined;
                $joined = null;
            }
            foreach (self::joined($value) as $part) {
                $word = self::word($part);
                if ('setw' === $word && $part instanceof Operation) {
                    $width = $part->arguments[0];
                } elseif (null !== $word) {
                    $state = $this->told($part, $state) ?? $state;
                } else {
                    $shown = $this->shown($part, $state, $width, $scope);
                    if (null === $shown) {
                        $this->isUnsure = true;

                        return $row;
                    }
                    $joined = null === $joined ? $shown : new Binary(Operator::Join, $joined, $shown);
                    $width = null;
                }
            }
        }
        if (null !== $joined) {
            $values[] = $joined;
        }
        if ([] === $values && !$row->endsLine) {
            // Only words: nothing is shown, and no other language has such a row.
            return new Import($row->id, $raw, Language::Cpp->value, $row->off);
        }

        return new PrintLine($row->id, $values, $row->off, $row->endsLine);
    }

    /** A value as it is shown; null if that cannot be told. */
    private function shown(Expression $value, StreamState $state, ?Expression $width, FunctionDefinition|Script $scope): ?Expression
    {
        $type = $this->types->expression($scope, $value);
        $form = '';
        if (TypeKind::Number === $type->kind) {
            if (null === $state->fixed || null === $state->precision) {
                return null;
            }
            $form = $state->fixed ? ".{$state->precision}f" : (6 === $state->precision ? '' : ".{$state->precision}g");
        } elseif (\in_array($type->kind, [TypeKind::Unknown, TypeKind::Mixed, TypeKind::Either], true)) {
            if (false !== $state->fixed || 6 !== $state->precision || false !== $state->words) {
                // Whether a form is its own shows when it is there.
                return null;
            }
        } elseif (TypeKind::Truth === $type->kind) {
            if (null === $state->words) {
                return null;
            }
            $value = $state->words ? new Choice($value, new TextLiteral('true'), new TextLiteral('false')) : $value;
        }
        if (null === $width) {
            return '' === $form ? $value : new Operation(OperationKey::Formatted, [$value, new TextLiteral($form)]);
        }
        if (null === $state->fill || null === $state->left) {
            return null;
        }
        $sides = (' ' === $state->fill ? '' : $state->fill).(' ' === $state->fill && !$state->left && $type->isNumeric() ? '' : ($state->left ? '<' : '>'));
        if (TypeKind::Number === $type->kind && '' === $form) {
            // A number without a form of its own is shown as ever, and only moved.
            $value = new Operation(OperationKey::ToText, [$value]);
            $sides = '' === $sides ? '>' : $sides;
        }
        if ($width instanceof NumberLiteral) {
            return new Operation(OperationKey::Formatted, [$value, new TextLiteral($sides.$width->value.$form)]);
        }
        $whole = '' === $sides ? new Operation(OperationKey::ToText, [$width]) : new Binary(Operator::Join, new TextLiteral($sides), $width);

        return new Operation(OperationKey::Formatted, [$value, '' === $form ? $whole : new Binary(Operator::Join, $whole, new TextLiteral($form))]);
    }
}
