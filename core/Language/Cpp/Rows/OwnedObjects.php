<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * What goes with its owner: objects that `unique_ptr` points at, where they say that they go. They go with their variable, with
 * what holds them, and where their owner gets another one or is told to let go (C++17, 23.11.1).
 */
final class OwnedObjects
{
    private const HOLDING = 'vector|array|deque|list|map|stack|queue';
    /** What takes an object over that was just made. */
    private const TAKING = ['push_back', 'emplace_back', 'push', 'emplace', 'push_front', 'emplace_front', 'insert', 'reset', 'move'];

    /** What leaves all that is held where it is, or puts it in another order. */
    private const LEAVING = [
        OperationKey::Append, OperationKey::Insert, OperationKey::Swap, OperationKey::Sort, OperationKey::SortDown, OperationKey::SortBy, OperationKey::SortDownBy, OperationKey::SortWith, OperationKey::SortBefore,
    ];

    /** @var array<int, true> rows that were seen, by their ids */
    private array $seen = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Whether a type says that what it holds goes with it: the class of the objects, or null. */
    public static function classOwned(string $type): ?string
    {
        return 1 === preg_match('/^(?:const )?(?:(?:'.self::HOLDING.')<(?:\w+, ?)?)*unique_ptr<(\w+)>[> ]*$/D', $type, $match) ? $match[1] : null;
    }

    /** The type of an owner that says none itself, by the value that was just read: `auto bed = make_unique<Bed>();`, `auto other = move(bed);` */
    public function typeGiven(?Expression $value): ?string
    {
        if ($value instanceof Operation && OperationKey::Moved === $value->key) {
            $type = $this->parser->typeOf($value->arguments[0]);

            return null === self::classOwned($type) ? null : $type;
        }
        for ($at = $this->parser->at - 1; $value instanceof MakeObject && $at > 0 && '=' !== $this->parser->tokens[$at]->text; --$at) {
            if ('make_unique' === $this->parser->tokens[$at]->text || 'unique_ptr' === $this->parser->tokens[$at]->text) {
                return "unique_ptr<$value->class>";
            }
        }

        return null;
    }

    /** Whether `unique_ptr<Bed>` and `make_unique<Bed>(…)` stand where it is certain who has the object, by the place of its class. */
    public function isCertainAt(int $at): bool
    {
        $text = fn (int $place): string => $this->parser->tokens[$place]->text ?? '';
        if ('<' !== $text($at - 1) || !str_starts_with($text($at + 1), '>')) {
            return false;
        }
        $before = 'std' === $text($at - 4) ? $at - 5 : $at - 3;
        if ('make_unique' === $text($at - 2)) {
            $end = ($this->parser->partners[$at + 2] ?? $at) + 1;

            return '(' === $text($at + 2) && $this->isTakenOver($before, $end);
        }
        if ('unique_ptr' !== $text($at - 2)) {
            return false;
        }
        for ($end = $at + 1; '' !== $text($end) && '' === trim($text($end), '>'); ++$end) {
        }
        if ('&' === $text($end)) {
            return true;
        }
        if ('(' === $text($end) || '{' === $text($end)) {
            // One without a name.
            return $this->isTakenOver($before, ($this->parser->partners[$end] ?? $end) + 1);
        }
        $isName = TokenKind::Name === ($this->parser->tokens[$end]->kind ?? null) && 'operator' !== $text($end);
        if (!$isName || '(' !== $text($end + 1)) {
            return $isName && \in_array($text($end + 1), ['=', ';', '{', ',', ')'], true);
        }
        $closing = $this->parser->partners[$end + 1] ?? $end;

        // A variable, or a function that stands elsewhere as well.
        return \in_array($text($closing + 1), [';', ','], true) || $this->areCallsTakenOver($text($end), $end);
    }

    private function isTakenOver(int $before, int $end): bool
    {
        $sign = $this->parser->tokens[$before]->text ?? '';
        $behind = $this->parser->tokens[$end]->text ?? '';
        if (\in_array($sign, ['=', 'return'], true)) {
            return ';' === $behind || ',' === $behind;
        }
        if (!\in_array($sign, ['(', ','], true) || !\in_array($behind, [')', ','], true)) {
            return false;
        }
        for ($opened = $before; $opened > 0 && !\in_array($this->parser->tokens[$opened]->text, ['(', '{', '[', ';'], true); --$opened) {
            // Back over the brackets of what stands before it, and never forward.
            $opened = min($opened, $this->parser->partners[$opened] ?? $opened);
        }
        if ('(' !== $this->parser->tokens[$opened]->text) {
            return false;
        }
        $called = $opened - 1;
        if ('>' === ($this->parser->tokens[$called]->text ?? '')) {
            // `make_unique<Shelf>(…)`
            --$called;
        }
        $names = [$this->parser->tokens[$called]->text ?? '', $this->parser->tokens[$called - 1]->text ?? ''];

        return \in_array($names[0], self::TAKING, true) || $this->takesItself($names[0]) || $this->takesItself($names[1]);
    }

    /** Whether a function, or what makes objects of a class, takes an owner itself, and never refers to one. */
    private function takesItself(string $name): bool
    {
        $given = '/(?<![.\w])'.preg_quote($name, '/').'\s*\((?:[^;{}()]|\(\))*\bunique_ptr\s*<\s*\w+\s*>\s*';

        $isField = '/\bunique_ptr\s*<\s*\w+\s*>\s*'.preg_quote($name, '/').'\s*[;{=]/';
        if (1 !== preg_match('/^\w+$/D', $name)) {
            return false;
        }

        return 1 === preg_match($isField, $this->parser->text) || 1 === preg_match($given.'\w/', $this->parser->text) && 1 !== preg_match($given.'(?:const\s*)?&/', $this->parser->text);
    }

    /** Whether what a function gives is taken over wherever it is called. */
    private function areCallsTakenOver(string $name, int $defined): bool
    {
        foreach ($this->parser->tokens as $at => $token) {
            if ($name !== $token->text || $at === $defined || '(' !== ($this->parser->tokens[$at + 1]->text ?? '')) {
                continue;
            }
            for ($before = $at - 1; \in_array($this->parser->tokens[$before]->text ?? '', ['.', '->', '::'], true); $before -= 2) {
            }
            if (!$this->isTakenOver($before, ($this->parser->partners[$at + 1] ?? $at) + 1)) {
                return false;
            }
        }

        return true;
    }

    /**
     * The parameters by value before a brace that own what goes.
     *
     * @return list<string>
     */
    public function parametersBefore(int $brace): array
    {
        for ($closing = $brace - 1; \in_array($this->parser->tokens[$closing]->text ?? '', ['const', 'override', 'noexcept', 'final'], true); --$closing) {
        }
        $opened = ')' === ($this->parser->tokens[$closing]->text ?? '') ? $this->parser->partners[$closing] ?? null : null;
        $names = [];
        for ($at = $opened ?? $closing; $at < $closing; ++$at) {
            $name = $this->parser->tokens[$at + 4] ?? null;
            if ('unique_ptr' === $this->parser->tokens[$at]->text && '>' === ($this->parser->tokens[$at + 3]->text ?? '') && TokenKind::Name === $name?->kind && $this->parser->goneObjects->saysItGoes($this->parser->tokens[$at + 2]->text)) {
                $names[] = $name->text;
            }
        }

        return $names;
    }

    /**
     * What goes where a class that owns others goes, in the order in which it does: the last field first (C++17, 15.4).
     *
     * @return list<string> fields
     */
    public function fieldsOf(string $class): array
    {
        return array_reverse(array_keys(array_filter($this->parser->fieldTypesOf[$class] ?? [], fn (string $type): bool => $this->parser->goneObjects->saysItGoes(self::classOwned($type) ?? $type))));
    }

    /**
     * Rows that give an owner something else, or take owners out of what holds them: what it had goes.
     *
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    public function withChanges(array $rows): array
    {
        $made = [];
        foreach ($rows as $row) {
            foreach ($row instanceof FunctionDefinition || $row instanceof ClassDefinition ? [] : $row->bodies() as $name => $body) {
                $inner = $this->withChanges($body->statements);
                $row = $inner === $body->statements ? $row : $row->withBody($name, new Block($inner));
            }
            $isNew = !isset($this->seen[$row->id]);
            $this->seen[$row->id] = true;
            $index = $isNew ? array_key_last(array_filter($this->parser->cuts, static fn (Cut $cut): bool => $cut->id === $row->id && 'head' === $cut->part)) : null;
            array_push($made, ...null === $index ? [$row] : $this->changed($row, $index));
        }

        return $made;
    }

    /** @return list<Statement> */
    private function changed(Statement $row, int $index): array
    {
        $cut = $this->parser->cuts[$index];
        $operation = $row instanceof Perform && $row->value instanceof Operation ? $row->value : null;
        $held = $operation->arguments[0] ?? null;
        if (null !== $operation && null !== $held && !\in_array($operation->key, self::LEAVING, true) && $this->isOwner($held)) {
            $gone = match ($operation->key) {
                OperationKey::DropLast => new Operation(OperationKey::Last, [$held]),
                OperationKey::DropFirst => new Item($held, new NumberLiteral(0)),
                OperationKey::DropAt => new Item($held, $operation->arguments[1]),
                OperationKey::Forget => new Operation(OperationKey::ValueOr, [$held, $operation->arguments[1], new NothingLiteral()]),
                OperationKey::Clear => $held,
                default => $this->parser->fail('unsupported', null, ['what' => '~'.self::classOwned($this->parser->typeOf($held))]),
            };

            return [$this->parser->goneObjects->goesAt($gone, $cut->start, $cut->parent), $row];
        }
        [$place, $value] = match (true) {
            $row instanceof SetVariable => [new VariableRead($row->variable), $row->value],
            $row instanceof SetItem => [$row->target, $row->value],
            default => [null, null],
        };
        $from = substr($this->parser->text, $cut->start, 200);
        $isGivenAnew = 1 === preg_match($row instanceof SetVariable ? '/^\w+\s*(?:=(?!=)|\.\s*reset\s*\()/' : '/^[^;={}]+?\s*(?:=(?!=)|\.\s*reset\s*\()/', $from);
        if (!$isGivenAnew && 1 === preg_match('/^(?:this\s*->\s*)?\w+\s*\./', $from) && $place instanceof Expression && $this->isOwner($place)) {
            // What takes some of them out.
            $this->parser->fail('unsupported', null, ['what' => '~'.self::classOwned($this->parser->typeOf($place))]);
        }
        if (!$isGivenAnew || null === $value || !$place instanceof Expression || !Given::isPlace($place) || !$this->isOwner($place)) {
            return [$row];
        }
        // A map has nothing yet where it is asked for a new key.
        $had = $place instanceof Item && TypeNames::read($this->parser->typeOf($place->container))->isMap() ? new Operation(OperationKey::ValueOr, [$place->container, $place->index, new NothingLiteral()]) : $place;
        if ($value instanceof NothingLiteral) {
            return [$this->parser->goneObjects->goesAt($had, $cut->start, $cut->parent), $row];
        }
        // What it gets is made before what it had goes.
        $kept = $this->parser->nameFor('kept');
        $this->parser->declared[$this->parser->scope][$kept] = true;
        $this->parser->write($kept, $cut->start);
        $keeps = new SetVariable($this->parser->newId(), $kept, $value);
        $this->parser->cuts[$index] = new Cut($keeps->id, 'head', $cut->start, $cut->end, $cut->parent, $cut->tight);
        $gone = $this->parser->goneObjects->goesAt($had, $cut->end, $cut->parent);
        $this->parser->cuts[] = new Cut($row->id, 'head', $cut->end, $cut->end, $cut->parent, $cut->tight);
        $this->parser->read($kept, $cut->end);

        return [$keeps, $gone, $row->withBlank('value', new VariableRead($kept))];
    }

    private function isOwner(Expression $place): bool
    {
        $type = $this->parser->typeOf($place);
        if ('' === $type && $place instanceof Field) {
            $type = $this->parser->fieldTypesOf[$this->parser->class][$place->name] ?? '';
        }

        return $this->parser->goneObjects->saysItGoes(self::classOwned(trim($type, ' &')) ?? '');
    }
}
