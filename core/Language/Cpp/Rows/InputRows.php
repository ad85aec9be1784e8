<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** What is taken from `cin` and other streams. */
final class InputRows
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** @return list<Statement> */
    public function input(int $start): array
    {
        ++$this->parser->at;
        $rows = [];
        if ($this->parser->is('.') && $this->parser->is('(', 2) && ($this->parser->is('ignore', 1) || $this->parser->is('clear', 1) || $this->parser->is('get', 1) && $this->parser->is(')', 3))) {
            $this->parser->at = ($this->parser->closingOf($this->parser->at + 2) ?? $this->parser->at + 2) + 1;
            $this->parser->semicolon();

            return [$this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $start, $this->parser->endOffset() - $start), $this->parser->language()->value), $start)];
        }
        if ($this->parser->is('.') && $this->parser->is('get', 1) && $this->parser->is('(', 2)) {
            // `cin.get(sign);`
            --$this->parser->at;
            $read = $this->parser->value();
            $this->parser->semicolon();

            return [$this->parser->ended(new Perform($this->parser->newId(), $read), $start)];
        }
        if (!$this->parser->is('>>')) {
            $next = $this->parser->peek();
            $this->parser->fail('stream_signs', $next, ['name' => 'cin', 'near' => '>>'], null !== $next && '<<' === $next->text ? [new Replacement($next->offset, 2, '>>')] : []);
        }
        // Several in one row may be given in one line, which elsewhere is one answer.
        for ($ahead = 1; null !== $this->parser->peek($ahead) && !$this->parser->is('>>', $ahead) && !$this->parser->is(';', $ahead) && !isset($this->parser->begins[$this->parser->at + $ahead]); ++$ahead) {
        }
        $isOfSeveral = $this->parser->is('>>', $ahead);
        while ($this->parser->accept('>>')) {
            $token = $this->parser->peek();
            $target = $this->parser->givenPlaces->placeOf($this->parser->expression(8));
            $word = new Operation($isOfSeveral ? OperationKey::NextWord : OperationKey::AskWord);
            if ($target instanceof VariableRead) {
                $type = TypeNames::read($this->parser->types[$this->parser->scope][$target->name] ?? $this->parser->types[''][$target->name] ?? '');
                $value = $type->isWhole() ? new Operation($type->isWide() ? OperationKey::ToLong : OperationKey::ToWhole, [$word]) : (StaticType::number() === $type ? new Operation(OperationKey::ToNumber, [$word]) : $word);
                $this->parser->given($target->name, $start);
                $rows[] = new SetVariable($this->parser->newId(), $target->name, $value);
            } elseif ($target instanceof Field) {
                $type = TypeNames::read($this->parser->fieldTypes[$target->name] ?? '');
                $rows[] = new SetItem($this->parser->newId(), $target, $type->isTextual() || TypeKind::Unknown === $type->kind ? $word : new Operation(StaticType::number() === $type ? OperationKey::ToNumber : ($type->isWide() ? OperationKey::ToLong : OperationKey::ToWhole), [$word]));
            } elseif ($target instanceof Item) {
                $inner = $target;
                while ($inner instanceof Item) {
                    $inner = $inner->container;
                }
                $type = TypeNames::read($this->parser->typeOf($inner instanceof VariableRead ? $inner : $target));
                for (; null !== $type->element; $type = $type->element) {
                }
                $rows[] = new SetItem($this->parser->newId(), $target, $type->isTextual() ? $word : new Operation(StaticType::number() === $type ? OperationKey::ToNumber : ($type->isWide() ? OperationKey::ToLong : OperationKey::ToWhole), [$word]));
            } else {
                $this->parser->fail('assign_to_value', $token, ['text' => $token->text ?? '']);
            }
        }
        $this->parser->semicolon();
        $this->parser->cutTogether($rows, $start);

        return $rows;
    }

    public function getline(int $start): Statement
    {
        $this->parser->at += $this->parser->is('std', 2) ? 5 : 3;
        $this->parser->accept(',');
        $token = $this->parser->peek();
        $isName = TokenKind::Name === $token?->kind && $this->parser->is(')', 1);
        // In a method the name may be that of a field.
        $target = $this->parser->givenPlaces->placeOf($this->parser->expression(8));
        if ($target instanceof VariableRead && $isName) {
            $this->parser->given($target->name, $start);
            $row = new SetVariable($this->parser->newId(), $target->name, new Operation(OperationKey::Ask));
        } elseif (($target instanceof Item || $target instanceof Field) && $this->parser->is(')')) {
            $row = new SetItem($this->parser->newId(), $target, new Operation(OperationKey::Ask));
        } else {
            $this->parser->fail('unsupported', $token, ['what' => 'getline(…)']);
        }
        if (!$this->parser->accept(')')) {
            $this->parser->fail('unsupported', $token, ['what' => 'getline(…)']);
        }
        $this->parser->semicolon();

        return $this->parser->ended($row, $start);
    }

    /** @return list<Statement> `tie(a, b) = make_tuple(1, 2);` */
    public function tied(int $start): array
    {
        ++$this->parser->at;
        $opened = $this->parser->peek();
        if (null === $opened || !$this->parser->accept('(')) {
            $this->parser->fail('unexpected');
        }
        for ($at = $this->parser->at, $end = $this->parser->closingOf($at - 1) ?? $at; $at < $end; ++$at) {
            if ('ignore' === $this->parser->tokens[$at]->text && !$this->parser->isDeclared('ignore')) {
                // What nobody asks for goes to a name that stands nowhere (C++17, 23.5.3.4).
                for ($name = 'ignored', $count = 2; $this->parser->isDeclared($name) || 1 === preg_match('/\b'.$name.'\b/', $this->parser->text); $name = 'ignored'.$count++) {
                }
                array_splice($this->parser->tokens, $at, 1, [$this->parser->tokens[$at]->readAs($name, TokenKind::Name)]);
                $this->parser->declared[$this->parser->scope][$name] = true;
                $this->parser->types[$this->parser->scope][$name] = '';
                $this->parser->write($name, $this->parser->tokens[$at]->offset);
            }
        }
        $targets = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
        if (!$this->parser->accept('=')) {
            $this->parser->fail('unsupported', null, ['what' => 'tie(…)']);
        }
        $made = $this->parser->is('std') && $this->parser->is('::', 1) ? 2 : 0;
        if ($this->parser->is('taken_apart') && $this->parser->is('<', 1) && $this->parser->is('>', 3) && $this->parser->is('(', 4)) {
            // The items of a list, of which the library says how many there are.
            $this->parser->at += 4;
            $opened = $this->parser->peek() ?? $opened;
            ++$this->parser->at;
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
            $this->parser->semicolon();

            return [$this->parser->ended(new SetSeveral($this->parser->newId(), $targets, $values), $start)];
        }
        if (!\in_array($this->parser->sign($made), ['make_tuple', 'make_pair', 'tie'], true) || !$this->parser->is('(', $made + 1)) {
            $value = $this->parser->value();
            $this->parser->semicolon();

            return [$this->parser->ended(new SetSeveral($this->parser->newId(), $targets, [$value]), $start)];
        }
        $this->parser->at += $made + 1;
        $opened = $this->parser->peek() ?? $opened;
        ++$this->parser->at;
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
        $this->parser->semicolon();

        return [$this->parser->ended(new SetSeveral($this->parser->newId(), $targets, $values), $start)];
    }

    /**
     * `words >> pupil.name >> marks[0];`: what is read goes into variables first, which hold what was there as long as nothing is read.
     *
     * @return list<Statement>|null null where all that is read into are variables
     */
    public function keptFromStream(Token $stream): ?array
    {
        $start = $this->parser->at;
        ++$this->parser->at;
        $targets = [];
        while ($this->parser->accept('>>')) {
            $targets[] = $this->parser->givenPlaces->placeOf($this->parser->expression(8));
        }
        $isPlain = [] === array_filter($targets, static fn (Expression $target): bool => !$target instanceof VariableRead);
        $isKnown = [] === array_filter($targets, static fn (Expression $target): bool => !$target instanceof VariableRead && !$target instanceof Field && !$target instanceof Item);
        if ($isPlain || !$isKnown || !$this->parser->is(';')) {
            $this->parser->at = $start;

            return null;
        }
        $first = $last = $names = [];
        foreach ($targets as $target) {
            if ($target instanceof VariableRead) {
                $names[] = $target;
                $this->parser->write($target->name, $stream->offset);
                continue;
            }
            $name = $this->parser->nameFor('found');
            $type = $this->parser->typeOf($target);
            $this->parser->types[$this->parser->scope][$name] = $type;
            $this->parser->write($name, $stream->offset);
            $first[] = new SetVariable($this->parser->newId(), $name, $target, false, '' === $type ? null : $type);
            $last[] = new SetItem($this->parser->newId(), $target, new VariableRead($name));
            $names[] = new VariableRead($name);
        }
        $this->parser->read($stream->text, $stream->offset);
        $this->parser->semicolon();
        $rows = [...$first, new Perform($this->parser->newId(), new Operation(OperationKey::NextOf, [new VariableRead($stream->text), ...$names])), ...$last];
        $this->parser->cutTogether($rows, $stream->offset);

        return $rows;
    }
}
