<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What C does with memory: texts that are copied, stretches that are filled; how chance begins. */
final class MemoryRows
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** `strcpy(to, from);`, `strcat(to, more);` and the same with at most so many letters (C11, 7.24.2.3, 7.24.2.4, 7.24.3.1, 7.24.3.2) */
    public function textCopied(Token $token): Statement
    {
        $start = $token->offset;
        $opened = $this->parser->peek(1) ?? $token;
        $this->parser->at += 2;
        $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
        $target = $given[0] ?? null;
        $isSome = str_starts_with($token->text, 'strn');
        if (($isSome ? 3 : 2) !== \count($given) || $isSome && (!$this->parser->isSteady($given[1]) || !$this->parser->isSteady($given[2])) || !$target instanceof VariableRead && !$target instanceof Field && !$target instanceof Item) {
            $this->parser->fail('unsupported', $token, ['what' => "$token->text(…)"]);
        }
        $this->parser->semicolon();
        $isBehind = str_ends_with($token->text, 'cat');
        if ($isSome) {
            $first = new Slice($given[1], new NumberLiteral(0), $given[2]);
            // Where there are more letters than are copied, those that were there behind them stay.
            $given[1] = $isBehind ? $first : new Choice(new Binary(Operator::Less, new Operation(OperationKey::Length, [$given[1]]), $given[2]), $given[1], new Binary(Operator::Join, $first, new Slice($target, $given[2], new NothingLiteral())));
        }
        $value = $isBehind ? new Binary(Operator::Join, $target, $given[1]) : $given[1];
        if (!$target instanceof VariableRead) {
            return $this->parser->ended(new SetItem($this->parser->newId(), $target, $value), $start);
        }
        $this->parser->given($target->name, $start);

        return $this->parser->ended($isBehind ? new ChangeVariable($this->parser->newId(), $target->name, $given[1], false, Operator::Join) : new SetVariable($this->parser->newId(), $target->name, $value), $start);
    }

    /** `memset(places, -1, sizeof(places));`: all bits of a number are 0 or 1, whatever its type is (C11, 7.24.6.1). */
    public function memorySet(int $start): ?Statement
    {
        $name = $this->parser->peek(2);
        $isMinus = $this->parser->is('-', 4);
        $number = $this->parser->sign($isMinus ? 5 : 4);
        $ahead = $isMinus ? 6 : 5;
        $rest = implode('', array_map(fn (int $more): string => (string) $this->parser->sign($ahead + $more), range(0, 6)));
        if (null === $name || !isset($this->parser->arraySizes[$name->text]) || !\in_array(($isMinus ? '-' : '').$number, ['0', '-1', 'false', 'true'], true) || !str_starts_with($rest, ",sizeof($name->text));") && !str_starts_with($rest, ",sizeof$name->text);")) {
            return null;
        }
        $value = $isMinus ? new NumberLiteral(-1) : new NumberLiteral(0);
        $list = new VariableRead($name->text);
        $type = TypeNames::read($this->parser->typeOf($list));
        $inner = $type->item();
        if ($inner->isList() && null !== $inner->item()->element || TypeKind::Truth === ($inner->isList() ? $inner->item() : $inner)->kind && $isMinus) {
            return null;
        }
        if (TypeKind::Truth === ($inner->isList() ? $inner->item() : $inner)->kind) {
            $value = new TruthLiteral('true' === $number);
        } elseif ('true' === $number) {
            // Each byte of a number would be 1.
            return null;
        }
        $length = new Operation(OperationKey::Length, [$list]);
        $filled = new Operation(OperationKey::Filled, [$length, $value]);
        if ($inner->isList()) {
            $row = $this->parser->eachRows->madeUp('row');
            $filled = new Collected(new Operation(OperationKey::Filled, [new Operation(OperationKey::Length, [new VariableRead($row)]), $value]), $row, $list);
        }
        while (!$this->parser->is(';')) {
            ++$this->parser->at;
        }
        $this->parser->semicolon();
        $this->parser->write($name->text, $start);

        return $this->parser->ended(new SetVariable($this->parser->newId(), $name->text, $filled), $start);
    }

    /**
     * `*this = other;`: the object itself gets what another one has (C++17, 15.8.2), and `return *this = other;` gives it back then.
     *
     * @return list<Statement>
     */
    public function becomes(int $start, bool $isGiven): array
    {
        $this->parser->at += $isGiven ? 4 : 3;
        $value = $this->parser->value();
        $this->parser->semicolon();
        $fields = [];
        for ($class = $this->parser->class; '' !== $class && isset($this->parser->classes->parents[$class]); $class = $this->parser->classes->parents[$class]) {
            $fields = [...$this->parser->classes->given[$class] ?? [], ...$fields];
        }
        if ($value instanceof VariableRead) {
            $other = $value;
            $rows = [];
        } else {
            $name = $this->parser->nameFor('made');
            $this->parser->types[$this->parser->scope][$name] = $this->parser->class;
            $this->parser->write($name, $start);
            $other = new VariableRead($name);
            $rows = [new SetVariable($this->parser->newId(), $name, $value, false, $this->parser->class)];
        }
        foreach ($fields as $field) {
            $rows[] = new SetItem($this->parser->newId(), new Field(new VariableRead($this->parser->itself), $field), new Field($other, $field));
        }
        if ($isGiven) {
            $rows[] = new GiveBack($this->parser->newId(), new VariableRead($this->parser->itself));
        }
        $this->parser->cutTogether($rows, $start);

        return $rows;
    }

    /** Where numbers by chance begin says nothing where chance is the machine's own. */
    public function seeded(int $start): Statement
    {
        $closing = $this->parser->closingOf($this->parser->at + 1);
        if (null === $closing) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'srand']);
        }
        $clock = array_filter(\array_slice($this->parser->tokens, $this->parser->at, $closing - $this->parser->at), static fn (Token $token): bool => \in_array($token->text, ['time', 'clock', 'random_device', 'chrono', 'getpid'], true));
        if ([] === $clock) {
            // Behind a number that is known the same numbers come each time.
            $this->parser->at += 2;
            $seed = $this->parser->value();
            $this->parser->at = $closing + 1;
            $this->parser->semicolon();

            return $this->parser->ended(new Perform($this->parser->newId(), new Operation(OperationKey::SeededThere, [$seed])), $start);
        }
        $this->parser->at = $closing + 1;
        $this->parser->semicolon();

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $start, $this->parser->endOffset() - $start), $this->parser->language()->value), $start);
    }

    /**
     * `namespace garden { … }`: what stands in it is known by its own name.
     *
     * @return list<Statement>
     */
    public function ofNamespace(Token $token): array
    {
        $name = $this->parser->peek(1)->text ?? '';
        $brace = $this->parser->at + 2;
        $closing = $this->parser->closingOf($brace);
        if (null === $closing) {
            $this->parser->at = $brace;
            $this->parser->missingBrace($brace);
        }
        $this->parser->at = $brace + 1;
        $this->parser->spaces[$name] = true;
        $import = fn (int $from): Statement => $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $from, $this->parser->endOffset() - $from), $this->parser->language()->value), $from);
        $rows = [$import($token->offset)];
        [$until, $this->parser->until] = [$this->parser->until, (int) $closing];
        array_push($rows, ...$this->parser->block(null));
        $this->parser->until = $until;
        $from = $this->parser->offset();
        ++$this->parser->at;
        $rows[] = $import($from);

        return $rows;
    }
}
