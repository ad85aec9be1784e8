<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\WhileLoop;

/**
 * What is seen when an object goes: at the end of the braces that it was declared in, the last one first (C++17, 9.6 and 15.4), or
 * where it is deleted. A row stands there that asks it. That is done only where it is certain which objects there are, and when
 * they go: those that are copied, kept in others, or left behind by a jump are refused.
 */
final class GoneObjects
{
    /** So many classes are looked through for each that says something when it goes. */
    private const MOST_CLASSES = 60;
    /** @var array<string, true> classes whose objects do something that is seen when they go */
    private array $seenGoing = [];
    /** @var list<string> objects that were declared in the braces that are open, in their order */
    public array $toGo = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * Rows between braces with what goes at their end, and before each jump out of them.
     *
     * @param list<Statement>        $rows
     * @param non-empty-list<string> $going in the order in which they go
     * @param array<string, true>    $there those that are there already as the rows begin
     *
     * @return list<Statement>
     */
    public function withGoing(array $rows, array $going, array $there): array
    {
        $last = BraceParser::lastRow($rows);
        $isLeft = self::leaves($last, false);
        $at = $this->parser->endOffset();
        $end = $rows[array_key_last($rows) ?? 0] ?? null;
        for ($index = \count($this->parser->cuts) - 1; $index >= 0; --$index) {
            // Behind the remarks that end the braces.
            if ($this->parser->cuts[$index]->id === $end?->id) {
                $at = max($at, $this->parser->cuts[$index]->end);
                break;
            }
        }
        $rows = $this->beforeJumps($rows, $going, $there, false);

        return $isLeft ? $rows : [...$rows, ...$this->goingAt($going, $at, $this->parser->parent)];
    }

    /**
     * @param list<string> $going
     *
     * @return list<Statement>
     */
    private function goingAt(array $going, int $at, int $parent): array
    {
        $made = [];
        foreach ($going as $name) {
            $this->parser->read($name, $at);
            $made[] = $this->goesAt(new VariableRead($name), $at, $parent);
        }

        return $made;
    }

    /** A row that stands nowhere in the text, where something goes. */
    public function goesAt(Expression $gone, int $at, int $parent): Perform
    {
        $row = new Perform($this->parser->newId(), new MethodCall($gone, ClassDefinition::GOES));
        $this->cutIn($row, $at, $parent);

        return $row;
    }

    /** Whether objects of any class say that they go. */
    public function doSay(): bool
    {
        return [] !== $this->seenGoing;
    }

    /** Whether objects of a class say that they go. */
    public function saysItGoes(string $class): bool
    {
        return null !== $this->goesLike($class);
    }

    /**
     * A class with what goes with its objects because they own it.
     *
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    public function withOwned(Token $class, array $rows, int $at): array
    {
        $fields = $this->doSay() ? $this->parser->ownedObjects->fieldsOf($class->text) : [];
        if ([] === $fields) {
            return $rows;
        }
        if (!$this->isCertainWhenTheyGo($class->text)) {
            $this->parser->fail('unsupported', $class, ['what' => "~$class->text"]);
        }
        $name = $class->text.'.'.ClassDefinition::GOES;
        $own = array_key_first(array_filter($rows, static fn (Statement $row): bool => $row instanceof FunctionDefinition && $row->name === $name));
        $made = null === $own ? null : $rows[$own];
        $id = $made->id ?? $this->parser->newId();
        null === $made && $this->parser->cut($id, 'head', $at, $at);
        $body = $made instanceof FunctionDefinition ? $made->body->statements : [];
        $last = $body[\count($body) - 1] ?? null;
        $above = $this->goesLike($this->parser->classes->parents[$class->text] ?? '');
        $behind = $last instanceof OwnCall && "$above.".ClassDefinition::GOES === $last->function ? [$last] : [];
        $body = \array_slice($body, 0, \count($body) - \count($behind));
        $from = null === $made ? $at : $this->endOf($made->id);
        foreach ($fields as $field) {
            $body[] = $this->goesAt(new Field(new VariableRead($this->parser->itself), $field), $from, $id);
        }
        foreach ($behind as $row) {
            // Rows at one place stand there in the order in which they are cut.
            foreach (array_filter($this->parser->cuts, static fn (Cut $cut): bool => $cut->id === $row->id) as $index => $cut) {
                array_splice($this->parser->cuts, $index, 1);
                $this->parser->cuts[] = $cut;
            }
        }
        if (null === $made && null !== $above) {
            $behind[] = $this->aboveGoes($above, $at, $id);
        }
        $block = new Block([...$body, ...$behind]);
        $this->seenGoing[$class->text] = true;
        $this->parser->classes->methods[$class->text][ClassDefinition::GOES] = [0, 0, []];
        if (null !== $own && $made instanceof FunctionDefinition) {
            $rows[$own] = $made->withBody('body', $block);

            return array_values($rows);
        }

        return [...$rows, new FunctionDefinition($id, $name, [$this->parser->itself], $block)];
    }

    private static function leaves(?Statement $row, bool $isInLoop): bool
    {
        return $row instanceof GiveBack || $row instanceof LeaveFunction || !$isInLoop && ($row instanceof BreakLoop || $row instanceof ContinueLoop);
    }

    /**
     * @param list<Statement>     $rows
     * @param list<string>        $going in the order in which they go
     * @param array<string, true> $there those that were declared already
     *
     * @return list<Statement>
     */
    private function beforeJumps(array $rows, array $going, array &$there, bool $isInLoop): array
    {
        $made = [];
        foreach ($rows as $row) {
            if (self::leaves($row, $isInLoop)) {
                array_push($made, ...$this->withGone($row, array_values(array_filter($going, static fn (string $name): bool => isset($there[$name])))));
                continue;
            }
            foreach ($row->assigned() as $name) {
                $there += \in_array($name, $going, true) ? [$name => true] : [];
            }
            $isLoop = $row instanceof Count || $row instanceof ForLoop || $row instanceof EachLoop || $row instanceof WhileLoop || $row instanceof DoWhile || $row instanceof Forever || $row instanceof Repeat;
            foreach ($row instanceof FunctionDefinition ? [] : $row->bodies() as $name => $body) {
                $inner = $this->beforeJumps($body->statements, $going, $there, $isInLoop || $isLoop);
                $row = $inner === $body->statements ? $row : $row->withBody($name, new Block($inner));
            }
            $made[] = $row;
        }

        return $made;
    }

    /**
     * A row that jumps, behind what goes before it. What it gives back is found before anything goes (C++17, 9.6.3).
     *
     * @param list<string> $going
     *
     * @return list<Statement>
     */
    private function withGone(Statement $row, array $going): array
    {
        $index = array_key_last(array_filter($this->parser->cuts, static fn (Cut $cut): bool => $cut->id === $row->id && 'head' === $cut->part));
        if ([] === $going || null === $index) {
            return [$row];
        }
        $cut = $this->parser->cuts[$index];
        $value = $row instanceof GiveBack ? $row->value : null;
        if ($value instanceof VariableRead && null !== OwnedObjects::classOwned($this->parser->types[$this->parser->scope][$value->name] ?? '')) {
            // What is given back does not go.
            return $this->withGone($row->withBlank('value', new Operation(OperationKey::Moved, [$value, new NothingLiteral()])), $going);
        }
        if ($value instanceof VariableRead && \in_array($value->name, $going, true)) {
            // An object between braces may be copied where it is given back, or not.
            $this->parser->fail('unsupported', null, ['what' => "return $value->name"]);
        }
        if (null === $value || $value instanceof NumberLiteral || $value instanceof TextLiteral || $value instanceof TruthLiteral || $value instanceof VariableRead) {
            if ($cut->start === $cut->end) {
                // Rows at one place stand there in the order in which they are cut.
                array_splice($this->parser->cuts, $index, 1);
                $gone = $this->goingAt($going, $cut->start, $cut->parent);
                $this->parser->cuts[] = $cut;

                return [...$gone, $row];
            }

            return [...$this->goingAt($going, $cut->start, $cut->parent), $row];
        }
        $kept = $this->parser->nameFor('kept');
        $this->parser->declared[$this->parser->scope][$kept] = true;
        $this->parser->write($kept, $cut->start);
        $keeps = new SetVariable($this->parser->newId(), $kept, $value);
        $this->parser->cuts[$index] = new Cut($keeps->id, 'head', $cut->start, $cut->end, $cut->parent, $cut->tight);
        $gone = $this->goingAt($going, $cut->end, $cut->parent);
        $this->parser->cuts[] = new Cut($row->id, 'head', $cut->end, $cut->end, $cut->parent, $cut->tight);
        $this->parser->read($kept, $cut->end);

        return [$keeps, ...$gone, $row->withBlank('value', new VariableRead($kept))];
    }

    /** `~Bed() { cout << "gone"; }`, where it is certain when objects of the class go. */
    public function destructor(Token $token, int $start): ?Statement
    {
        if (!$this->parser->is('~') || !$this->parser->is($this->parser->class, 1) || !$this->parser->is('(', 2) || self::MOST_CLASSES < \count($this->parser->classes->parents) || !$this->isCertainWhenTheyGo($this->parser->class)) {
            return null;
        }
        $this->seenGoing[$this->parser->class] = true;
        $this->parser->classes->methods[$this->parser->class][ClassDefinition::GOES] = [0, 0, []];
        $this->parser->at += 2;
        $made = $this->parser->methodRows->methodDefinition($token, 'void', new Token(TokenKind::Name, ClassDefinition::GOES, $token->offset), $start, false);
        $above = $this->goesLike($this->parser->classes->parents[$this->parser->class] ?? '');
        if (!$made instanceof FunctionDefinition || null === $above) {
            return $made;
        }

        return $made->withBody('body', new Block([...$made->body->statements, $this->aboveGoes($above, $this->parser->endOffset() - 1, $made->id)]));
    }

    /** What an object has of the class above goes behind what it has itself. */
    private function aboveGoes(string $above, int $at, int $parent): OwnCall
    {
        $row = new OwnCall($this->parser->newId(), "$above.".ClassDefinition::GOES, [new VariableRead($this->parser->itself)]);
        $this->cutIn($row, $at, $parent);

        return $row;
    }

    private function cutIn(Statement $row, int $at, int $parent): void
    {
        [$outer, $this->parser->parent] = [$this->parser->parent, $parent];
        $this->parser->cut($row->id, 'head', $at, $at);
        $this->parser->parent = $outer;
    }

    /** Where the rows of what was read end, before the brace that closes them. */
    private function endOf(int $id): int
    {
        foreach ($this->parser->cuts as $cut) {
            if ($cut->id === $id && 'close' === $cut->part) {
                return $cut->start;
            }
        }

        return $this->parser->endOffset();
    }

    /** The class that says what is seen when objects of a class go, going up from it; null if nothing is. */
    private function goesLike(string $class): ?string
    {
        for ($steps = \count($this->parser->classes->parents); isset($this->parser->classes->parents[$class]) && $steps >= 0; --$steps) {
            if (isset($this->seenGoing[$class])) {
                return $class;
            }
            $class = $this->parser->classes->parents[$class];
        }

        return null;
    }

    /** Notes a variable that holds an object of its own. */
    public function noteGoing(string $type, string $name, ?Expression $value): void
    {
        if ([] === $this->seenGoing) {
            return;
        }
        $held = 'auto' === $type ? $this->parser->types[$this->parser->scope][$name] ?? '' : $type;
        if ('auto' === $type && null !== $owned = $this->parser->ownedObjects->typeGiven($value)) {
            $this->parser->types[$this->parser->scope][$name] = $held = $owned;
        }
        if ('auto' === $type && null !== $this->goesLike($held)) {
            $this->parser->fail('unsupported', null, ['what' => "auto $name = …"]);
        }
        if (null !== $this->goesLike($type) || null !== $this->goesLike(OwnedObjects::classOwned($held) ?? '')) {
            $this->toGo[] = $name;
        }
    }

    /** `delete bed;`, `delete beds[i];`, `delete this->bed;` */
    public function deleted(Token $token): ?Statement
    {
        $class = [] === $this->seenGoing ? null : $this->classDeleted();
        if (null === $class || null === $this->goesLike($class)) {
            return null;
        }
        ++$this->parser->at;
        $gone = $this->parser->expression();
        $this->parser->semicolon();

        return $this->parser->ended(new Perform($this->parser->newId(), new MethodCall($gone, ClassDefinition::GOES)), $token->offset);
    }

    /** Whether something goes here that is not known to say nothing. */
    public function refuseUnseenDelete(Token $token): void
    {
        if ([] !== $this->seenGoing && !isset($this->parser->classes->parents[$this->classDeleted() ?? ''])) {
            $this->parser->fail('unsupported', $token, ['what' => 'delete']);
        }
    }

    /** The class of what the text names behind `delete`; null where it says none. */
    private function classDeleted(): ?string
    {
        $name = $this->parser->peek(1);
        if (null === $name || TokenKind::Name !== $name->kind && 'this' !== $name->text) {
            return null;
        }
        $isField = 'this' === $name->text || !isset($this->parser->types[$this->parser->scope][$name->text]) && isset($this->parser->fieldTypesOf[$this->parser->class][$name->text]);
        $gone = $isField ? new VariableRead($this->parser->itself) : new VariableRead($name->text);
        if ($isField && 'this' !== $name->text) {
            $gone = new Field($gone, $name->text);
        }
        for ($at = 2; !$this->parser->is(';', $at); ++$at) {
            $closing = $this->parser->partners[$this->parser->at + $at] ?? null;
            if ($this->parser->is('[', $at) && null !== $closing) {
                $gone = new Item($gone, new NumberLiteral(0));
                $at = $closing - $this->parser->at;
            } elseif (($this->parser->is('->', $at) || $this->parser->is('.', $at)) && TokenKind::Name === ($field = $this->parser->peek($at + 1))?->kind) {
                $gone = new Field($gone, $field->text);
                ++$at;
            } else {
                return null;
            }
        }

        return trim($this->parser->typeOf($gone), ' *&');
    }

    /** Whether objects of a class, and of those below it, are only ever declared in braces, made by `new`, pointed at and referred to. */
    private function isCertainWhenTheyGo(string $class): bool
    {
        $family = [$class => true];
        do {
            $before = \count($family);
            foreach ($this->parser->classes->parents as $name => $above) {
                $family += isset($family[$above]) || isset($family[$name]) && '' !== $above ? [$name => true, $above => true] : [];
            }
        } while ($before < \count($family));
        $ranges = $others = [];
        foreach ($this->parser->tokens as $at => $token) {
            $isOfNumber = 'static' === $token->text && !isset($this->parser->classes->parents[$this->parser->tokens[$at + ('const' === ($this->parser->tokens[$at + 1]->text ?? '') ? 2 : 1)]->text ?? '']);
            $isFailure = 'try' === $token->text || 'throw' === $token->text;
            if (\in_array($token->text, ['try', 'throw', 'goto', 'exit', 'abort', 'static', 'template'], true) && TokenKind::Text !== $token->kind && !$isOfNumber && !($isFailure && $this->areMadeInMain($family))) {
                return false;
            }
            if ('auto' === $token->text && '=' === ($this->parser->tokens[$at + 2]->text ?? '') && ('*' === ($this->parser->tokens[$at + 3]->text ?? '') || ';' === ($this->parser->tokens[$at + 4]->text ?? ''))) {
                // It may be a copy of one.
                return false;
            }
            if (isset($this->parser->classes->parents[$token->text]) && \in_array($this->parser->tokens[$at - 1]->text ?? '', ['class', 'struct'], true)) {
                for ($brace = $at; isset($this->parser->tokens[$brace]) && !\in_array($this->parser->tokens[$brace]->text, ['{', ';'], true); ++$brace) {
                }
                $range = [$at, $this->parser->partners[$brace] ?? $brace];
                isset($family[$token->text]) ? $ranges[] = $range : $others[] = $range;
            }
        }
        foreach ($this->parser->tokens as $at => $token) {
            $isIn = static fn (array $range): bool => $range[0] <= $at && $at <= $range[1];
            $within = array_filter($ranges, $isIn);
            if (isset($family[$token->text]) && TokenKind::Name === $token->kind && !$this->isCertainAt($at, [] !== $within, [] === $within && [] !== array_filter($others, $isIn))) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether all objects of some classes are declared in `main`, and none of them in what is tried: no failure takes one along.
     *
     * @param array<string, true> $family
     */
    private function areMadeInMain(array $family): bool
    {
        $main = $tried = [];
        foreach ($this->parser->tokens as $at => $token) {
            $closing = '(' === ($this->parser->tokens[$at + 1]->text ?? '') ? $this->parser->partners[$at + 1] ?? null : null;
            $brace = 'try' === $token->text ? $at + 1 : ('main' === $token->text && null !== $closing ? $closing + 1 : null);
            if (null !== $brace && isset($this->parser->partners[$brace])) {
                $range = [$brace, $this->parser->partners[$brace]];
                'try' === $token->text ? $tried[] = $range : $main[] = $range;
            }
            $isMade = isset($family[$token->text]) && \in_array($this->parser->tokens[$at - 1]->text ?? '', [';', '{', '}'], true) && TokenKind::Name === ($this->parser->tokens[$at + 1]->kind ?? null);
            $isIn = static fn (array $range): bool => $range[0] <= $at && $at <= $range[1];
            if ($isMade && ([] === array_filter($main, $isIn) || [] !== array_filter($tried, $isIn))) {
                return false;
            }
        }

        return true;
    }

    private function isCertainAt(int $at, bool $isWithin, bool $isInOther): bool
    {
        $text = fn (int $by): string => $this->parser->tokens[$at + $by]->text ?? '';

        return match (true) {
            \in_array($text(-1), ['class', 'struct', 'public', 'private', 'protected'], true) => true,
            'new' === $text(-1) => '[' !== $text(1),
            // What another class points at stays until that class says otherwise; what it holds goes with its objects.
            '*' === $text(1) => true,
            $this->parser->ownedObjects->isCertainAt($at) => true,
            $isInOther => \in_array($text(-1), [';', '{', '}', ':'], true) && TokenKind::Name === ($this->parser->tokens[$at + 1]->kind ?? null) && (\in_array($text(2), [';', ',', '{'], true) || '(' === $text(2) && 1 < $this->parser->freeOperators->depthAt($at)),
            '~' === $text(-1), '&' === $text(1), '::' === $text(1), '::' === $text(-1) && $text(-2) === $text(0) => true,
            // How one is made, and the part of the class above; but none that is made in a row and goes with it.
            $isWithin => \in_array($text(1), ['(', '{'], true) && !\in_array($text(-1), ['=', '(', 'return', '?', '<<', '+', '-', '*', '!', '&&', '||', '=='], true),
            default => \in_array($text(-1), [';', '{', '}'], true) && TokenKind::Name === ($this->parser->tokens[$at + 1]->kind ?? null) && \in_array($text(2), ['(', '{', ';', ','], true) && 0 < $this->parser->freeOperators->depthAt($at),
        };
    }
}
