<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Cpp\References;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Loops over what a list, a map or a text holds, and by its places. */
final class EachRows
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    public function doneForEach(Token $token): ?Statement
    {
        $start = $this->parser->at;
        $this->parser->at += $this->parser->is('std') ? 2 : 0;
        $opened = $this->parser->peek(1);
        $closing = null === $opened || '(' !== $opened->text ? null : $this->parser->closingOf($this->parser->at + 1);
        if (null === $opened || null === $closing || isset($this->parser->symbols->functions['for_each'])) {
            $this->parser->at = $start;

            return null;
        }
        $this->parser->at += 2;
        $over = $this->allBetween($token);
        $id = $this->parser->newId();
        if ($this->parser->is('[') && null !== ($bracket = $this->parser->closingOf($this->parser->at)) && '(' === ($this->parser->tokens[$bracket + 1]->text ?? '')) {
            return $this->forEachByRows($id, $start, $bracket + 1, $opened, $over);
        }
        $name = $this->parser->peek();
        if (null === $name || TokenKind::Name !== $name->kind || !isset($this->parser->symbols->functions[$name->text]) || $this->parser->at + 1 !== $closing) {
            $this->parser->fail('unsupported', $token, ['what' => 'for_each']);
        }
        $item = $this->parser->nameFor('item');
        $this->parser->write($item, $token->offset);
        $row = new OwnCall($this->parser->newId(), $name->text, [new VariableRead($item)]);
        $this->parser->cut($id, 'head', $token->offset, $name->offset, true);
        [$outer, $this->parser->parent] = [$this->parser->parent, $id];
        $this->parser->cut($row->id, 'head', $name->offset, $name->end(), true);
        $this->parser->parent = $outer;
        $this->parser->read($name->text, $name->offset, true);
        ++$this->parser->at;
        $end = $this->parser->offset();
        $this->parser->close($opened);
        $this->parser->semicolon();
        $this->parser->cut($id, 'close', $end, $this->parser->endOffset());

        return new EachLoop($id, [$item], $over, new Block([$row]));
    }

    /** `copy(beds.begin(), beds.end(), ostream_iterator<int>(cout, " "));`: each item is written (C++17, 27.6.2). */
    public function writtenEach(Token $token): ?Statement
    {
        $start = $this->parser->at;
        $this->parser->at += $this->parser->is('std') ? 2 : 0;
        $opened = $this->parser->peek(1);
        $closing = '(' !== $opened?->text ? null : $this->parser->closingOf($this->parser->at + 1);
        $written = array_map(static fn (Token $one): string => $one->text, \array_slice($this->parser->tokens, $start, max(0, ($closing ?? $start) - $start)));
        if (null === $opened || null === $closing || !\in_array('ostream_iterator', $written, true) || isset($this->parser->symbols->functions['copy'])) {
            $this->parser->at = $start;

            return null;
        }
        $this->parser->at += 2;
        $over = $this->allBetween($token);
        $id = $this->parser->newId();
        $this->parser->at += $this->parser->is('std') ? 3 : 1;
        $this->parser->accept('<');
        $this->parser->typeTexts->type();
        $this->parser->accept('>');
        $bracket = $this->parser->peek() ?? $token;
        $this->parser->at += $this->parser->is('std', 1) ? 3 : 1;
        if (!$this->parser->accept('cout')) {
            $this->parser->fail('unsupported', $token, ['what' => 'ostream_iterator<…>(…)']);
        }
        $between = $this->parser->accept(',') ? $this->parser->expression() : new TextLiteral('');
        $this->parser->close($bracket);
        $this->parser->close($opened);
        $this->parser->semicolon();
        $item = $this->parser->nameFor('item');
        $this->parser->write($item, $token->offset);
        $end = $this->parser->endOffset();
        $this->parser->cut($id, 'head', $token->offset, $end, true);
        [$outer, $this->parser->parent] = [$this->parser->parent, $id];
        $row = new PrintLine($this->parser->newId(), [$between == new TextLiteral('') ? new VariableRead($item) : new Binary(Operator::Join, new VariableRead($item), $between)], false, false);
        $this->parser->cut($row->id, 'head', $end, $end, true);
        $this->parser->parent = $outer;
        $this->parser->cut($id, 'close', $end, $end);

        return new EachLoop($id, [$item], $over, new Block([$row]));
    }

    /** What lies between the first two values in brackets: all items of a list or a map. */
    private function allBetween(Token $token): Expression
    {
        $from = $this->parser->expression();
        $isTwo = $this->parser->accept(',');
        $until = $isTwo ? $this->parser->expression() : null;
        if (!$from instanceof Operation || OperationKey::Begin !== $from->key || !$until instanceof Operation || OperationKey::End !== $until->key || $from->arguments != $until->arguments || !$this->parser->accept(',')) {
            $this->parser->fail('unsupported', $token, ['what' => 'for_each']);
        }

        return $from->arguments[0];
    }

    private function forEachByRows(int $id, int $start, int $bracket, Token $opened, Expression $over): Statement
    {
        $closing = $this->parser->closingOf($bracket);
        $body = null === $closing ? null : $this->parser->closingOf($closing + 1);
        for ($at = $closing ?? 0; $at < $body; ++$at) {
            if ('return' === $this->parser->tokens[$at]->text) {
                $this->parser->fail('unsupported', $this->parser->tokens[$at], ['what' => 'for_each(… { return; })']);
            }
        }
        $this->parser->at = $bracket + 1;
        $offset = $this->parser->offset();
        $type = $this->parser->typeTexts->type();
        $name = $this->parser->peek();
        if (null === $body || null === $type || null === $name || TokenKind::Name !== $name->kind || !$this->parser->is(')', 1)) {
            $this->parser->fail('unsupported', $this->parser->tokens[$start], ['what' => 'for_each']);
        }
        ++$this->parser->at;

        return $this->overAll($id, $start, $this->parser->tokens[$bracket], $offset, $type, [$name->text], $over, $opened);
    }

    /** Whether the loop that is being read goes over a map from its last key to its first. */
    private bool $isTurned = false;

    /** A loop over items, if this is one. */
    public function eachLoop(int $id, int $start, Token $opened): ?Statement
    {
        [$at, $tokens] = [$this->parser->at, $this->parser->tokens];
        $offset = $this->parser->offset();
        $iterated = $this->iterated();
        if (null !== $iterated && $this->isAskedForPlace($iterated[0], $iterated[1])) {
            return $this->overPlaces($id, $start, $opened, $offset, ...$iterated);
        }
        if (null !== $iterated) {
            $loop = $this->overAll($id, $start, $opened, $offset, 'auto &', [$iterated[0]], $iterated[1], turned: $this->isTurned);
            $this->isTurned = false;

            return $loop;
        }
        [$this->parser->at, $this->parser->tokens] = [$at, $tokens];
        $this->parser->mayPoint = true;
        $type = $this->parser->typeTexts->type();
        $this->parser->mayPoint = false;
        $names = [];
        if (null !== $type && $this->parser->accept('[')) {
            while (null !== ($token = $this->parser->peek()) && TokenKind::Name === $token->kind) {
                ++$this->parser->at;
                $names[] = $token->text;
                $this->parser->accept(',');
            }
            $this->parser->accept(']');
        } elseif (null !== $type && TokenKind::Name === $this->parser->peek()?->kind) {
            $names[] = (string) $this->parser->sign();
            ++$this->parser->at;
        }
        if ([] === $names || !$this->parser->accept(':')) {
            $this->parser->at = $at;

            return null;
        }
        if (str_ends_with((string) $type, ' *') && !isset($this->parser->classes->parents[substr((string) $type, 0, -2)])) {
            $this->parser->fail('unsupported', $this->parser->tokens[$at], ['what' => (string) $type]);
        }
        $next = $this->parser->peek();
        $over = null !== $next && '{' === $next->text ? $this->parser->braces->braced($next) : $this->parser->value();

        return $this->overAll($id, $start, $opened, $offset, (string) $type, $names, $over);
    }

    /** @return array{string, Expression}|null the name of an iterator, and what it goes over: `for (auto it = v.begin(); it != v.end(); ++it)` */
    private function iterated(): ?array
    {
        $this->parser->mayPoint = true;
        $type = $this->parser->typeTexts->type();
        $this->parser->mayPoint = false;
        $name = $this->parser->peek();
        if (null === $type || null === $name || TokenKind::Name !== $name->kind || !$this->parser->is('=', 1)) {
            return null;
        }
        $length = 0;
        while (!\in_array($this->parser->sign(2 + $length), ['.', ';', null], true)) {
            ++$length;
        }
        $over = array_map(static fn (Token $token): string => $token->text, \array_slice($this->parser->tokens, $this->parser->at + 2, $length));
        $ends = ['begin' => 'end', 'cbegin' => 'cend', 'rbegin' => 'rend', 'crbegin' => 'crend'][$this->parser->sign(3 + $length) ?? ''] ?? null;
        if (null === $ends) {
            return null;
        }
        $wanted = ['(', ')', ';', $name->text, '!=', ...$over, '.', $ends, '(', ')', ';'];
        foreach ([...$wanted, ...($this->parser->is('++', 4 + $length + \count($wanted)) ? ['++', $name->text] : [$name->text, '++']), ')'] as $ahead => $text) {
            if (!$this->parser->is($text, 4 + $length + $ahead)) {
                return null;
            }
        }
        $this->parser->at += 2;
        [$until, $this->parser->until] = [$this->parser->until, $this->parser->at + $length];
        $value = $this->parser->expression();
        $this->parser->until = $until;
        $this->parser->at += 4 + \count($wanted);
        if (str_contains($ends, 'r')) {
            $kept = TypeNames::read($this->parser->typeOf($value));
            $this->isTurned = $kept->isMap() && References::isPlace($value);
            $value = match (true) {
                $this->isTurned => $value,
                $kept->isList(), $kept->isTextual() => new Operation(OperationKey::Backwards, [$value]),
                $this->parser->isOfType($value, 'set') => new Operation(OperationKey::Backwards, [new Operation(OperationKey::AsList, [$value])]),
                default => $this->parser->fail('unsupported', $name, ['what' => ".$ends()"]),
            };
        }
        $this->parser->iterators[$name->text] = ['item', $value];

        return [$name->text, $value];
    }

    /** Whether the rows behind a header ask for more of an iterator of a list than what it stands at: `it + 1 == list.end()`. */
    private function isAskedForPlace(string $name, Expression $over): bool
    {
        if (!$this->parser->places->isListOfPlaces($over)) {
            return false;
        }
        for ($at = $this->parser->at + 1, $end = $this->endOfRow($this->parser->at + 1); $at <= $end; ++$at) {
            if ($name === ($this->parser->tokens[$at]->text ?? '') && TokenKind::Name === $this->parser->tokens[$at]->kind && '->' !== ($this->parser->tokens[$at + 1]->text ?? '')) {
                $before = $this->parser->tokens[$at - 2];
                $isFollowed = '*' === $this->parser->tokens[$at - 1]->text && TokenKind::Name !== $before->kind && TokenKind::Number !== $before->kind && ')' !== $before->text && ']' !== $before->text;
                if (!$isFollowed) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A loop over the places of a list. */
    private function overPlaces(int $id, int $start, Token $opened, int $offset, string $name, Expression $over): Statement
    {
        $this->parser->iterators[$name] = ['spot', $over];
        $this->parser->write($name, $offset);
        $this->parser->declared[$this->parser->scope][$name] = true;
        $this->parser->ofLoops[$this->parser->scope][$name] = true;
        $this->parser->references[$this->parser->scope][$name] = false;
        $this->parser->types[$this->parser->scope][$name] = 'int';
        $this->parser->close($opened);
        $braced = $this->parser->opensBrace();
        $body = $this->parser->body($id, $start, 'head', 'body', true);
        if ($braced) {
            $this->parser->closeBrace($id, $start);
        }

        return new Count($id, $name, new NumberLiteral(0), ExpressionParser::less(new Operation(OperationKey::Length, [$over])), new NumberLiteral(1), $body);
    }

    /** @param non-empty-list<string> $names */
    private function overAll(int $id, int $start, Token $opened, int $offset, string $type, array $names, Expression $over, ?Token $call = null, bool $turned = false): Statement
    {
        $isReference = str_ends_with((string) $type, '&') && !str_starts_with((string) $type, 'const');
        $parts = null;
        $isHanded = $isReference && $this->isAnyHandedOver($names, $this->parser->at, $this->endOfRow($this->parser->at));
        if ($isReference && 1 < \count($names) && TypeNames::read($this->parser->typeOf($over))->isList()) {
            $end = $this->endOfRow($this->parser->at);
            $parts = null === $this->changeOf($names, $this->parser->at, $end) ? null : $this->partsOfItems($names, $over);
            null !== $parts || $this->unlessChanged($names, $this->parser->at, $end);
        }
        unset($this->parser->pairs[$names[0]]);
        if ('auto &' !== $type || 'item' !== ($this->parser->iterators[$names[0]][0] ?? '')) {
            unset($this->parser->iterators[$names[0]]);
        }
        $isMap = References::isPlace($over) && TypeNames::read($this->parser->typeOf($over))->isMap();
        if (1 === \count($names) && $isMap) {
            // An item of a map is a pair: its key is called `first`, its value `second`.
            $this->parser->pairs[$names[0]] = [$this->madeUp('key'), $this->madeUp('value')];
            $names = $this->parser->pairs[$names[0]];
        }
        $written = TypeNames::bare($type);
        foreach ($names as $index => $name) {
            $this->parser->write($name, $offset);
            $this->parser->declared[$this->parser->scope][$name] = true;
            $this->parser->ofLoops[$this->parser->scope][$name] = true;
            $this->parser->references[$this->parser->scope][$name] = false;
            $this->parser->types[$this->parser->scope][$name] = match (true) {
                // Of a pair of a map what lies there has the type of its values.
                $isMap => 1 === $index ? TypeNames::ofItem($this->parser->typeOf($over)) : '',
                'auto' !== $written => $written,
                1 < \count($names) => '',
                default => $this->parser->isText($over) ? 'char' : TypeNames::ofItem($this->parser->typeOf($over)),
            };
        }
        $this->parser->close($opened);
        $braced = $this->parser->opensBrace();
        $body = $this->parser->body($id, $start, 'head', 'body', true);
        if (null !== $call) {
            $this->parser->closeUnnamed($id, $start, $call);
        } elseif ($braced) {
            $this->parser->closeBrace($id, $start);
        }
        if ($over instanceof Operation && OperationKey::Keys === $over->key) {
            $over = $over->arguments[0];
        }
        if (2 === \count($names) && ($isMap || $over instanceof VariableRead && !TypeNames::read($this->parser->typeOf($over))->isList())) {
            $entries = new Operation(OperationKey::Entries, [$over]);

            return new EachLoop($id, $names, $turned ? new Operation(OperationKey::SortedDown, [$entries]) : $entries, $isReference && ($isHanded || References::areChanged($body, $names[1])) ? References::changed($body, $names[1], new Item($over, new VariableRead($names[0]))) : $body, false, $isReference);
        }
        if (null !== $parts) {
            foreach ($names as $index => $name) {
                $body = References::changed($body, $name, $parts[1][$index]);
            }

            return new Count($id, $parts[0], new NumberLiteral(0), ExpressionParser::less(new Operation(OperationKey::Length, [$over])), new NumberLiteral(1), $body);
        }
        if ($isReference && 1 === \count($names) && ($isHanded || References::areChanged($body, $names[0]))) {
            foreach (Walk::statements($body->statements) as $row) {
                // A loop counts with a variable, and not with an item.
                $row instanceof ForLoop && $row->variable === $names[0] && $this->parser->failAt('unsupported', $offset, \strlen($names[0]), ['what' => "for ($names[0] = …)"]);
            }
            References::isPlace($over) || $this->parser->failAt('unsupported', $offset, \strlen($names[0]), ['what' => "& $names[0] = …"]);
            $place = $this->madeUp('at');
            $last = ExpressionParser::less(new Operation(OperationKey::Length, [$over]));

            return new Count($id, $place, new NumberLiteral(0), $last, new NumberLiteral(1), References::changed($body, $names[0], new Item($over, new VariableRead($place))));
        }

        return new EachLoop($id, $names, $over, $body, false, $isReference || [] !== $this->parser->classes->parents && str_ends_with((string) $type, '&'));
    }

    /** Where the row that a header holds ends: its braces, or its semicolon. */
    public function endOfRow(int $at): int
    {
        while ($at < $this->parser->until && !\in_array($this->parser->tokens[$at]->text, ['{', ';'], true)) {
            ++$at;
        }

        return '{' === ($this->parser->tokens[$at]->text ?? '') ? $this->parser->partners[$at] ?? $this->parser->until : min($at + 1, $this->parser->until);
    }

    /**
     * Names by which something is taken apart may be other names for its parts, as long as none of them is changed.
     *
     * @param list<string> $names
     */
    public function unlessChanged(array $names, int $from, int $until): void
    {
        $token = $this->changeOf($names, $from, $until);
        if (null !== $token) {
            $this->parser->fail('unsupported', $token, ['what' => 'auto& […]']);
        }
    }

    /**
     * The places that the names of a loop over the parts of items stand for, which change what the list holds (C++17, 11.5).
     *
     * @param list<string> $names
     *
     * @return array{string, list<Item|Field>}|null the name of what counts the items, and a place by name; null where the parts are not known
     */
    private function partsOfItems(array $names, Expression $over): ?array
    {
        $kept = TypeNames::ofItem($this->parser->typeOf($over));
        $fields = array_values($this->parser->classes->given[$kept] ?? []);
        $isPair = 1 === preg_match('/^(?:pair|tuple|array)</', $kept);
        if (!References::isPlace($over) || !$isPair && \count($fields) !== \count($names)) {
            return null;
        }
        $place = $this->madeUp('at');
        $item = new Item($over, new VariableRead($place));

        return [$place, array_map(static fn (int $index): Item|Field => $isPair ? new Item($item, new NumberLiteral($index)) : new Field($item, $fields[$index]), array_keys($names))];
    }

    /**
     * Where something is done to one of several names that may change it.
     *
     * @param list<string> $names
     */
    private function changeOf(array $names, int $from, int $until): ?Token
    {
        for ($at = $from; $at < $until; ++$at) {
            $token = $this->parser->tokens[$at];
            if (TokenKind::Name !== $token->kind || !\in_array($token->text, $names, true)) {
                continue;
            }
            $next = $this->parser->tokens[$at + 1]->text ?? '';
            if (\in_array($next, ['=', '+=', '-=', '*=', '/=', '%=', '++', '--', '.', '['], true) || \in_array($this->parser->tokens[$at - 1]->text, ['++', '--', '>>'], true) || $this->isHandedOver($at)) {
                return $token;
            }
        }

        return null;
    }

    /** @param list<string> $names */
    private function isAnyHandedOver(array $names, int $from, int $until): bool
    {
        for ($at = $from; $at < $until; ++$at) {
            if (TokenKind::Name === $this->parser->tokens[$at]->kind && \in_array($this->parser->tokens[$at]->text, $names, true) && $this->isHandedOver($at)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a name, or the value of a pair, is handed to a function that may change what it stands for. */
    private function isHandedOver(int $at): bool
    {
        $behind = $at + ('.' === ($this->parser->tokens[$at + 1]->text ?? '') && 'second' === ($this->parser->tokens[$at + 2]->text ?? '') ? 3 : 1);
        if (!\in_array($this->parser->tokens[$at - 1]->text, ['(', ','], true) || !\in_array($this->parser->tokens[$behind]->text ?? '', [',', ')'], true)) {
            return false;
        }
        for ($open = $at - 1; $open > 0 && !\in_array($this->parser->tokens[$open]->text, ['(', ';', '{', '}'], true); --$open) {
        }
        $called = $this->parser->tokens[$open - 1] ?? null;
        if ('(' !== $this->parser->tokens[$open]->text || TokenKind::Name !== $called?->kind) {
            return false;
        }

        return \in_array($called->text, ['swap', 'getline', 'exchange', 'move'], true) || 1 === preg_match('/\b'.Names::asPattern($called->text).'\s*(?:=\s*\[[^\]]*\]\s*)?\((?:[^(){};]*,)?\s*(?!const\b)[\w:<>]+\s*&\s*\w/', $this->parser->text);
    }

    public function madeUp(string $wish): string
    {
        $names = array_fill_keys(array_map(static fn (Token $token): string => $token->text, $this->parser->tokens), true) + array_fill_keys(array_merge([], ...array_values($this->parser->pairs)), true);
        for ($number = 1, $name = $wish; isset($names[$name]); $name = $wish.++$number) {
        }

        return $name;
    }
}
