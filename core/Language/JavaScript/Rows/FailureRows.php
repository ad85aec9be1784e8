<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What is thrown, and what catches it. */
final class FailureRows
{
    /** Whether the failure that was caught is known by what it says alone. */
    private bool $plainCaught = false;
    private ?bool $throwsBare = null;

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /**
     * What is caught, behind `catch`.
     *
     * @return array{list<FailureKind|string>, string} its kinds, and its name
     */
    public function caughtHere(): array
    {
        $opened = $this->parser->peek();
        if (null === $opened || !$this->parser->accept('(')) {
            return [[], ''];
        }
        if ($this->parser->is('{') && $this->parser->is('message', 1) && $this->parser->is('}', 2)) {
            // What a failure says is all that is kept of it.
            $this->parser->at += 3;
            $this->parser->close($opened);
            $this->parser->write('message', $opened->offset);
            $this->parser->declared[$this->parser->scope]['message'] = $this->plainCaught = true;

            return [[FailureKind::Any], 'message'];
        }
        if ($this->parser->patternValues->isPattern()) {
            return $this->caughtApart($opened);
        }
        $name = $this->parser->newName();
        $this->parser->write($name->text, $name->offset);
        $this->parser->close($opened);

        return [[FailureKind::Any], $name->text];
    }

    /**
     * `catch ({ name, message: says })`: what a failure says and is called, in names of their own.
     *
     * @return array{list<FailureKind>, string}
     */
    private function caughtApart(Token $opened): array
    {
        $all = $this->parser->nameFor('failure');
        $this->parser->accept('{');
        do {
            $part = $this->parser->peek();
            $isField = null !== $part && isset($this->parser->classes->setFields[$part->text]);
            if (null === $part || !$isField && !\in_array($part->text, ['name', 'message'], true)) {
                $this->parser->fail('unsupported', $opened, ['what' => 'catch ({ … })']);
            }
            ++$this->parser->at;
            $name = $this->parser->accept(':') ? $this->parser->newName() : $part;
            $this->parser->declared[$this->parser->scope][$name->text] = true;
            $this->parser->write($name->text, $name->offset);
            $this->parser->takenApart[] = new SetVariable($this->parser->newId(), $name->text, match ($part->text) {
                'name' => new Operation(OperationKey::FailureName, [new VariableRead($all)]),
                'message' => new VariableRead($all),
                default => new Operation(OperationKey::FailureField, [new VariableRead($all), new TextLiteral($part->text)]),
            });
        } while ($this->parser->accept(','));
        if (!$this->parser->accept('}')) {
            $this->parser->fail('unsupported', $opened, ['what' => 'catch ({ … })']);
        }
        $this->parser->close($opened);

        return [[FailureKind::Any], $all];
    }

    /** What is thrown, behind `throw`, but for a name that was caught. */
    public function thrown(Token $token): Raise|RaiseObject
    {
        $name = $this->parser->peek($this->parser->is('new') ? 1 : 0);
        if (null !== $name && $this->parser->is('new') && $this->parser->isRaised($name->text)) {
            return new RaiseObject($this->parser->newId(), $this->parser->value());
        }
        $kind = null === $name ? null : FailureNames::kindOf($this->parser->language(), $name->text);
        if (!$this->parser->is('new') && null === $kind && $this->throwsBare($this->parser->at)) {
            return new Raise($this->parser->newId(), FailureKind::Bare, $this->parser->value());
        }
        if ($this->parser->withPromises && null !== $name && null === $kind && !$this->parser->is('new')) {
            // A failure that was made before.
            return new RaiseObject($this->parser->newId(), $this->parser->value());
        }
        if (null === $name || null === $kind) {
            $near = null === $name || !$this->parser->is('new') ? null : Names::nearest($name->text, FailureNames::all($this->parser->language()));
            if (null !== $near) {
                $this->parser->fail('misspelt_keyword', $name, ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
            }
            $this->parser->fail('unsupported', $token, ['what' => 'throw '.($this->parser->peek()->text ?? '')]);
        }
        $this->parser->at += $this->parser->is('new') ? 2 : 1;
        $opened = $this->parser->peek();
        $says = new TextLiteral('');
        if (null !== $opened && $this->parser->accept('(')) {
            $says = $this->parser->is(')') ? $says : $this->parser->value();
            if ($this->parser->accept(',') && $this->parser->is('{')) {
                $made = new Operation(OperationKey::FailureMade, [new TextLiteral($name->text), $says, $this->parser->value()]);
                $this->parser->close($opened);

                return new RaiseObject($this->parser->newId(), $made);
            }
            if (!$this->parser->is(')')) {
                $this->parser->fail('unsupported', $token, ['what' => 'new '.$name->text.'(…, …)']);
            }
            $this->parser->close($opened);
        }

        return new Raise($this->parser->newId(), $kind, $says);
    }

    /**
     * `if (error instanceof RangeError) { … } else { throw error; }` is all that the `catch` holds.
     *
     * @param  int                           $from the token that the part begins with
     * @return array{list<Rescue>, int}|null with the token at which the end of all begins
     */
    public function caughtByKind(int $id, int $from, string $name): ?array
    {
        $opened = $this->parser->at;
        $end = $this->parser->closingOf($opened);
        if (null === $end) {
            return null;
        }
        $guarded = $this->guardedKind($id, $from, $name);
        if (null !== $guarded) {
            return $guarded;
        }
        /** @var list<array{list<FailureKind|string>, int}> $heads the kinds, and the token that the body begins with */
        $heads = [];
        $at = $opened + 1;
        while ('if' === $this->parser->tokens[$at]->text && '(' === ($this->parser->tokens[$at + 1]->text ?? '')) {
            $kinds = [];
            ++$at;
            do {
                [$of, $word, $kind] = [$this->parser->tokens[$at + 1] ?? null, $this->parser->tokens[$at + 2] ?? null, $this->parser->tokens[$at + 3] ?? null];
                $found = $of?->text === $name && 'instanceof' === $word?->text && null !== $kind ? ($this->parser->isRaised($kind->text) ? $kind->text : FailureNames::kindOf($this->parser->language(), $kind->text)) : null;
                if (null === $found) {
                    return null;
                }
                $kinds[] = $found;
                $at += 4;
            } while ('||' === ($this->parser->tokens[$at]->text ?? ''));
            $closing = ')' === ($this->parser->tokens[$at]->text ?? '') ? $this->lastOfBody($at + 1, $end) : null;
            $heads[] = [$kinds, $at + 1];
            if ($closing === $end - 1) {
                // Whatever else was thrown is left alone.
                return $this->rescuesOf($id, $from, $name, $heads, $closing, $end);
            }
            if (null === $closing || 'else' !== ($this->parser->tokens[$closing + 1]->text ?? '')) {
                return null;
            }
            $at = $closing + 2;
        }
        $last = $this->lastOfBody($at, $end);
        if ([] !== $heads && 'throw' === ($this->parser->tokens[$at]->text ?? '') && $name === ($this->parser->tokens[$at + 1]->text ?? '') && $end === $at + (';' === ($this->parser->tokens[$at + 2]->text ?? '') ? 3 : 2)) {
            [$rescues, $from] = $this->rescuesOf($id, $from, $name, $heads, null, $end);
            $this->parser->at = $end;

            return [$rescues, $from];
        }
        if ([] === $heads || $last !== $end - 1) {
            return null;
        }
        $isBraced = '{' === $this->parser->tokens[$at]->text;
        $passesOn = $isBraced && 'throw' === $this->parser->tokens[$at + 1]->text && $name === $this->parser->tokens[$at + 2]->text && $last <= $at + 4;
        if (!$passesOn) {
            $heads[] = [[FailureKind::Any], $at];
        }
        [$rescues, $from] = $this->rescuesOf($id, $from, $name, $heads, null, $end);
        if ($passesOn) {
            $this->parser->at = $end;
        } elseif ($isBraced) {
            ++$this->parser->at;
        }

        return [$rescues, $from];
    }

    /**
     * `if (!(error instanceof RangeError)) throw error;` before all else: what stands below is for that kind alone.
     *
     * @return array{list<Rescue>, int}|null
     */
    private function guardedKind(int $id, int $from, string $name): ?array
    {
        foreach (['{', 'if', '(', '!', '(', $name, 'instanceof', null, ')', ')'] as $ahead => $text) {
            if (null !== $text && !$this->parser->is($text, $ahead)) {
                return null;
            }
        }
        $kind = $this->parser->peek(7)->text ?? '';
        $of = $this->parser->isRaised($kind) ? $kind : FailureNames::kindOf($this->parser->language(), $kind);
        $throws = $this->parser->is('{', 10) ? 11 : 10;
        if (null === $of || FailureKind::Any === $of || !$this->parser->is('throw', $throws) || !$this->parser->is($name, $throws + 1)) {
            return null;
        }
        $ahead = $throws + ($this->parser->is(';', $throws + 2) ? 3 : 2);
        if (11 === $throws && !$this->parser->is('}', $ahead) || !isset($this->parser->begins[$this->parser->at + $ahead])) {
            return null;
        }
        $opened = $this->parser->at;
        $this->parser->at += $ahead + ($throws - 10);
        $caught = $this->parser->caught;
        if (\is_string($of)) {
            unset($this->parser->caught[$name]);
            $this->parser->keptFailures[$name] = true;
        }
        $part = Attempt::bodyName(0);
        $this->parser->cut($id, $part, $this->parser->tokens[$from]->offset, $this->parser->endOffset());
        $rows = $this->parser->bodyRows($id, $opened, false, $part);
        $this->parser->caught = $caught;
        unset($this->parser->keptFailures[$name]);

        return [[new Rescue([$of], $name, $rows)], $this->parser->at];
    }

    /** The last token of a body: its brace, or the end of the one simple row that it is. */
    private function lastOfBody(int $at, int $end): ?int
    {
        $first = $this->parser->tokens[$at]->text ?? '';
        if ('{' === $first) {
            return $this->parser->closingOf($at);
        }
        if ($at >= $end || \in_array($first, ['if', 'for', 'while', 'do', 'switch', 'try', 'function', ';'], true)) {
            return null;
        }
        for ($from = $at; $at < $end && ';' !== $this->parser->tokens[$at]->text; $at = ($this->parser->closingOf($at) ?? $at) + 1) {
            if ($at > $from && isset($this->parser->begins[$at]) && \in_array($this->parser->tokens[$at]->kind, [TokenKind::Name, TokenKind::Keyword], true) && !\in_array($this->parser->tokens[$at]->text, ['instanceof', 'in'], true)) {
                // A row may end with its line (ECMAScript 2022, 12.10).
                return $at - 1;
            }
        }

        return $at < $end ? $at : $end - 1;
    }

    /**
     * @param list<array{list<FailureKind|string>, int}> $heads   the kinds, and the token that the body begins with
     * @param int|null                                   $closing the token behind which whatever else was thrown is left alone
     *
     * @return array{list<Rescue>, int}
     */
    private function rescuesOf(int $id, int $from, string $name, array $heads, ?int $closing, int $end): array
    {
        $rescues = [];
        foreach ($heads as $index => [$kinds, $brace]) {
            $part = "rescue$index";
            $this->parser->at = $brace;
            $isOf = [] === array_filter($kinds, static fn (FailureKind|string $kind): bool => $kind instanceof FailureKind);
            $caught = $this->parser->caught;
            if ($isOf) {
                // What is caught is an object, which can be asked for all it keeps.
                unset($this->parser->caught[$name]);
                $this->parser->keptFailures[$name] = true;
            }
            $rescues[] = new Rescue($kinds, $name, $this->parser->body($id, $from, $part, $part, false));
            $this->parser->caught = $caught;
            unset($this->parser->keptFailures[$name]);
            $from = $this->parser->at;
        }
        if (null !== $closing) {
            $this->parser->at = $from = $end;
            $behind = $this->parser->tokens[$closing]->offset + \strlen($this->parser->tokens[$closing]->text);
            $this->parser->cut($id, Attempt::bodyName(\count($rescues)), $behind - ('}' === $this->parser->tokens[$closing]->text ? 1 : 0), $behind);
            $rescues[] = new Rescue([FailureKind::Any], $name, new Block([]));
        }

        return [$rescues, $from];
    }

    /** Whether a failure whose name was just read is given to a function, or kept: `told.push(error)`; what shows it shows where it came from. */
    private function isHandedOn(): bool
    {
        $before = $this->parser->tokens[$this->parser->at - 2]->text ?? '';
        if (!\in_array($before, ['(', ',', '[', '=', ':', 'return', '=>'], true) || !\in_array($this->parser->sign() ?? '', [')', ',', ']', ';', '}', ''], true) && !isset($this->parser->begins[$this->parser->at])) {
            return false;
        }
        for ($at = $this->parser->at - 2, $depth = 0; $at > 0 && $depth >= 0 && \in_array($before, ['(', ','], true); --$at) {
            $text = $this->parser->tokens[$at]->text;
            $depth += \in_array($text, [')', ']', '}'], true) ? 1 : (\in_array($text, ['(', '[', '{'], true) ? -1 : 0);
        }

        return !\in_array($this->parser->tokens[$at]->text ?? '', ['log', 'error', 'warn', 'info', 'debug', 'String', 'if', 'while', 'switch'], true);
    }

    /** Whether the name that was read stands as a whole among what is complained of: `console.error("Oh:", error)`. */
    private function isComplained(): bool
    {
        if (!\in_array($this->parser->sign(), [')', ','], true)) {
            return false;
        }
        $before = $this->parser->tokens[$this->parser->at - 2]->text ?? '';
        for ($at = $this->parser->at - 2, $depth = 0; $at > 2 && \in_array($before, ['(', ','], true); --$at) {
            $text = $this->parser->tokens[$at]->text;
            $depth += \in_array($text, [')', ']', '}'], true) ? 1 : (\in_array($text, ['(', '[', '{'], true) ? -1 : 0);
            if ($depth < 0) {
                return '(' === $text && \in_array($this->parser->tokens[$at - 1]->text, ['error', 'warn'], true) && 'console' === $this->parser->tokens[$at - 3]->text;
            }
        }

        return false;
    }

    /** What a failure says that was caught under this name, which was read already. */
    public function saysOf(Token $name): Expression
    {
        if ('message' === $name->text && $this->plainCaught) {
            return $this->parser->plainName($name);
        }
        if ('typeof' === ($this->parser->tokens[$this->parser->at - 2]->text ?? '')) {
            return new Operation(OperationKey::FailureItself, [$this->parser->plainName($name)]);
        }
        if ($this->parser->is('?.') && \in_array($this->parser->sign(1), ['message', 'name', 'constructor'], true)) {
            // Something was thrown, if it is a failure.
            // @phpstan-ignore assign.propertyType (the token is there already)
            $this->parser->tokens[$this->parser->at] = $this->parser->tokens[$this->parser->at]->readAs('.');
        }
        $isOfMaker = $this->parser->is('.') && $this->parser->is('constructor', 1) && $this->parser->is('.', 2) && $this->parser->is('name', 3);
        if ($isOfMaker || $this->parser->is('.') && $this->parser->is('name', 1)) {
            $this->parser->at += $isOfMaker ? 4 : 2;
            if ($isOfMaker && $this->hasOwnKinds()) {
                // What one of the program's own calls itself is another thing.
                return new Operation(OperationKey::KindName, [new Operation(OperationKey::FailureItself, [$this->parser->plainName($name)])]);
            }

            return new Operation(OperationKey::FailureName, [$this->parser->plainName($name)]);
        }
        $kind = $this->parser->is('instanceof') ? $this->parser->peek(1) : null;
        if (null !== $kind && isset($this->parser->classes->parents[$kind->text])) {
            $this->parser->at += 2;

            return new KindTest(new Operation(OperationKey::FailureItself, [$this->parser->plainName($name)]), $kind->text);
        }
        if (null !== $kind && $this->parser->isFailure($kind->text)) {
            $this->parser->at += 2;
            if ('Error' !== $kind->text && $this->hasOwnKinds()) {
                // One of the program's own is one of that kind, too, whatever it calls itself.
                return new Operation(OperationKey::OfFailure, [new Operation(OperationKey::FailureItself, [$this->parser->plainName($name)]), new TextLiteral($kind->text)]);
            }

            return 'Error' === $kind->text ? new TruthLiteral(true) : new Binary(Operator::Equal, new Operation(OperationKey::FailureName, [$this->parser->plainName($name)]), new TextLiteral($kind->text));
        }
        if ($this->isMadeText()) {
            $this->parser->at += $this->parser->is('.') ? 4 : 0;

            return new Operation(OperationKey::FailureShown, [$this->parser->plainName($name)]);
        }
        if ($this->isComplained()) {
            // Behind that the machine tells the rows that led there, by the places of their files.
            return new Operation(OperationKey::FailureShown, [$this->parser->plainName($name)]);
        }
        if ($this->isHandedOn()) {
            return new Operation(OperationKey::FailureItself, [$this->parser->plainName($name)]);
        }
        if ($this->throwsAnyBare()) {
            if ($this->parser->is('.') && $this->parser->is('message', 1)) {
                $this->parser->at += 2;

                return new Operation(OperationKey::FailureField, [$this->parser->plainName($name), new TextLiteral('message')]);
            }
            if (!$this->parser->is('.')) {
                return new Operation(OperationKey::FailureValue, [$this->parser->plainName($name)]);
            }
        }
        $kept = $this->parser->is('.') ? $this->parser->peek(1) : null;
        if (TokenKind::Name === $kept?->kind && isset($this->parser->classes->setFields[$kept->text]) && \in_array($this->parser->sign(2), ['=', '+=', '-=', '*=', '/=', '++', '--'], true)) {
            return new Operation(OperationKey::FailureItself, [$this->parser->plainName($name)]);
        }
        if (null === $kept || 'message' !== $kept->text && (TokenKind::Name !== $kept->kind || !isset($this->parser->classes->fieldNames[$kept->text]) || $this->parser->is('(', 2) || $this->parser->is('=', 2))) {
            $this->parser->noFailure($name);
        }
        $this->parser->at += 2;

        return 'message' === $kept->text ? $this->parser->plainName($name) : new Operation(OperationKey::FailureField, [$this->parser->plainName($name), new TextLiteral($kept->text)]);
    }

    /** Whether the program has classes of failures of its own. */
    private function hasOwnKinds(): bool
    {
        return [] !== array_filter(array_keys($this->parser->classes->parents), fn (int|string $class): bool => $this->parser->isRaised((string) $class));
    }

    /** Whether a text stands where something is thrown: a literal, a template, or what begins with one. */
    private function throwsBare(int $at): bool
    {
        return TokenKind::Text === ($this->parser->tokens[$at]->kind ?? null);
    }

    private function throwsAnyBare(): bool
    {
        if (null === $this->throwsBare) {
            $this->throwsBare = false;
            foreach ($this->parser->tokens as $index => $token) {
                $this->throwsBare = $this->throwsBare || 'throw' === $token->text && TokenKind::Keyword === $token->kind && $this->throwsBare($index + 1);
            }
        }

        return $this->throwsBare;
    }

    /** Whether the name just read is made a text where it stands: in a template, beside a plus, by `String(…)` or `.toString()`. */
    private function isMadeText(): bool
    {
        if ($this->parser->is('.')) {
            return $this->parser->is('toString', 1) && $this->parser->is('(', 2) && $this->parser->is(')', 3);
        }
        $before = $this->parser->tokens[$this->parser->at - 2]->text ?? '';

        return 1 === \count($this->parser->tokens) || '+' === $before || $this->parser->is('+') || '(' === $before && 'String' === ($this->parser->tokens[$this->parser->at - 3]->text ?? '') && $this->parser->is(')');
    }
}
