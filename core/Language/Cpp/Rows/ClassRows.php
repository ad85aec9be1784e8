<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;

/** A class or structure, and its members. */
final class ClassRows
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** `Bed(const Bed&) = default;`: what the machine makes by itself is there without being said (C++17, 15.1). */
    private function madeByItself(int $closed, int $start): Statement
    {
        $this->parser->at = $closed + 3;
        $this->parser->semicolon();

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $start, $this->parser->endOffset() - $start), $this->parser->language()->value), $start);
    }

    /** @return list<Statement> */
    public function classDefinition(Token $token): array
    {
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $name = $this->parser->newName();
        $around = $this->parser->class;
        if ('' !== $this->parser->scope || '' === $around && 1 !== $this->parser->parent || !isset($this->parser->classes->parents[$name->text])) {
            $this->parser->fail('unsupported', $name, ['what' => "$token->text { … }"]);
        }
        $parent = '';
        $this->parser->accept('final');
        if ($this->parser->accept(':')) {
            $this->parser->accept('public');
            $this->parser->at += $this->parser->is('std') && $this->parser->is('::', 1) ? 2 : 0;
            $of = $this->parser->newName();
            $parent = $of->text;
            if ($this->parser->isFailure($parent) && ('exception' !== $parent || isset($this->parser->classes->methods[$name->text][ClassDefinition::SHOWS]))) {
                $parent = '@'.(FailureNames::kindOf($this->parser->language(), $parent)->value ?? '');
            } elseif (!isset($this->parser->classes->parents[$parent])) {
                $this->parser->fail('unsupported', $of, ['what' => "class … : $parent"]);
            }
        }
        $this->parser->braceAttempts->braceOf($token->text);
        $this->parser->accept('{');
        $this->parser->cut($id, 'head', $token->offset, $this->parser->endOffset());
        $this->announceFields($name->text);
        [$outer, $this->parser->parent, $this->parser->class] = [$this->parser->parent, $id, $name->text];
        $rows = [];
        $beside = null;
        try {
            while (null !== $this->parser->peek() && !$this->parser->is('}')) {
                array_push($rows, ...$this->parser->remarks());
                if (\in_array($this->parser->sign(), ['public', 'private', 'protected'], true) && $this->parser->is(':', 1)) {
                    $label = $this->parser->offset();
                    $this->parser->at += 2;
                    $beside = isset($this->parser->begins[$this->parser->at]) || $this->parser->is('}') ? null : $label;
                    continue;
                }
                $members = $this->parser->membersOrUnread();
                if (isset($beside, $members[0])) {
                    // `public: int beds;` is one row.
                    $this->parser->beginAt($members[0], $beside);
                }
                $beside = null;
                array_push($rows, ...$members);
            }
            array_push($rows, ...$this->parser->remarks());
        } finally {
            [$this->parser->parent, $this->parser->class] = [$outer, $around];
        }
        [$this->parser->parent, $this->parser->class] = [$id, $name->text];
        $this->parser->partsInOrder->refusePartsBeforeAbove($name, $parent);
        $unsaid = $this->parser->parentParts->constructor($name, $this->parser->endOffset());
        array_push($rows, ...null === $unsaid ? [] : [$unsaid]);
        $rows = $this->parser->goneObjects->withOwned($name, $rows, $this->parser->endOffset());
        [$this->parser->parent, $this->parser->class] = [$outer, $around];
        $beside = $this->parser->is('}') && !isset($this->parser->begins[$this->parser->at + 1]) ? $this->parser->peek(1) : null;
        $isDeclared = TokenKind::Name === $beside?->kind && \in_array($this->parser->sign(2), [';', ',', '=', '[', '{'], true);
        $this->parser->closeBrace($id, $start, 'close', $isDeclared ? '' : ';');
        $class = new ClassDefinition($id, $name->text, $parent, new Block($rows));

        // `struct Bed { … } first, second;` (C++17, 10.1.7.3)
        return $isDeclared && null !== $beside ? [$class, ...$this->parser->declarationRows->declared_($beside, $name->text, $this->parser->at)] : [$class];
    }

    /** The types of what a class keeps are known in all its methods, also in those that stand above (C++17, 6.3.7). */
    private function announceFields(string $class): void
    {
        $from = $this->parser->at;
        $until = $this->parser->closingOf($from - 1) ?? $this->parser->until;
        [$mistakes, $reads] = [\count($this->parser->mistakes), \count($this->parser->symbols->reads)];
        while ($this->parser->at < $until) {
            $begin = $this->parser->at;
            if ($this->parser->is(':', 1) && \in_array($this->parser->sign(), ['public', 'private', 'protected'], true)) {
                $this->parser->at += 2;
                continue;
            }
            while (\in_array($this->parser->sign(), ['static', 'inline', 'mutable'], true)) {
                ++$this->parser->at;
            }
            try {
                $type = $this->parser->typeTexts->type();
            } catch (ParseFailure) {
                $type = null;
            }
            while (null !== $type && null !== ($name = $this->parser->peek()) && TokenKind::Name === $name->kind && \in_array($this->parser->sign(1), [';', '=', '{', ',', '['], true)) {
                $kept = $type;
                for (++$this->parser->at; $this->parser->is('['); $this->parser->at = ($this->parser->closingOf($this->parser->at) ?? $this->parser->at) + 1) {
                    $kept = "vector<$kept>";
                }
                $this->parser->fieldTypes[$name->text] = $this->parser->fieldTypesOf[$class][$name->text] = $kept;
                $this->parser->at = $this->behindField($until);
                if (!$this->parser->accept(',')) {
                    break;
                }
            }
            $this->parser->at = $this->behindMember(max($begin, $this->parser->at - 1), $until);
        }
        Parser::cutTo($this->parser->mistakes, $mistakes);
        Parser::cutTo($this->parser->symbols->reads, $reads);
        $this->parser->at = $from;
    }

    /** Where what a field begins with ends. */
    private function behindField(int $until): int
    {
        for ($at = $this->parser->at; $at < $until && !\in_array($this->parser->tokens[$at]->text, [',', ';'], true); ++$at) {
            $at = $this->parser->closingOf($at) ?? $at;
        }

        return $at;
    }

    /** Where the next thing that a class keeps or can do begins. */
    private function behindMember(int $from, int $until): int
    {
        for ($at = $from; $at < $until; ++$at) {
            if (';' === $this->parser->tokens[$at]->text) {
                return $at + 1;
            }
            $isBrace = '{' === $this->parser->tokens[$at]->text;
            $at = $this->parser->closingOf($at) ?? $at;
            if ($isBrace && ';' !== ($this->parser->tokens[$at + 1]->text ?? '') && ',' !== ($this->parser->tokens[$at + 1]->text ?? '')) {
                return $at + 1;
            }
        }

        return $until;
    }

    /** @return list<Statement> what a class keeps or can do, up to the next of it */
    public function members(): array
    {
        $token = $this->parser->peek() ?? $this->parser->fail('empty');
        $start = $this->parser->at;
        if (isset($this->parser->twins[$start])) {
            return [$this->skippedTo($this->parser->twins[$start], $token)];
        }
        if ($this->parser->is('template')) {
            return $this->parser->functionRows->methodOfAnyType($token);
        }
        $shown = $this->parser->streamOperators->shownByStream($token, $start);
        if (null !== $shown) {
            return [$shown];
        }
        if (($this->parser->is('struct') || $this->parser->is('class')) && TokenKind::Name === $this->parser->peek(1)?->kind && ($this->parser->is('{', 2) || $this->parser->is(':', 2))) {
            return $this->classDefinition($token);
        }
        if ($this->parser->is('enum')) {
            return $this->parser->namedValues->enumeration($token->offset);
        }
        $isShared = $this->parser->is('static');
        while (\in_array($this->parser->sign(), ['virtual', 'inline', 'explicit', 'static'], true)) {
            ++$this->parser->at;
        }
        $closed = $this->parser->is($this->parser->class) && $this->parser->is('(', 1) ? $this->parser->closingOf($this->parser->at + 1) : null;
        if (null !== $closed && $closed > $this->parser->at + 2 && '=' === ($this->parser->tokens[$closed + 1]->text ?? '') && \in_array($this->parser->tokens[$closed + 2]->text ?? '', ['default', 'delete'], true)) {
            return [$this->madeByItself($closed, $token->offset)];
        }
        if ($this->parser->is($this->parser->class) && $this->parser->is('(', 1)) {
            $name = $this->parser->newName();

            return [$this->parser->methodRows->methodDefinition($token, 'void', $name, $start, false)];
        }
        if ($this->parser->is('using') && $this->parser->is('::', 2) && TokenKind::Name === $this->parser->peek(3)?->kind && $this->parser->is(';', 4)) {
            if (isset($this->parser->makers->makers[$this->parser->sign()]) || isset($this->parser->makers->makers[$this->parser->peek(1)->text ?? ''])) {
                $this->parser->fail('unsupported', $token, ['what' => 'using …::…;']);
            }
            // A class has what makes the one above it ready, anyhow.
            $this->parser->at += 5;

            return [$this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset)];
        }
        if ($this->parser->is('~') && $this->parser->is('(', 2)) {
            // When an object goes, nothing is seen of it here, unless it writes something.
            $tilde = $this->parser->at;
            $this->parser->at = ($this->parser->closingOf($this->parser->at + 2) ?? $this->parser->at) + 1;
            $end = $this->parser->is('{') ? $this->parser->closingOf($this->parser->at) : null;
            // One that is only announced is looked at where its rows are.
            if (null !== $end && !$this->parser->methodRows->isSeenBetween($this->parser->at, $end) || $this->parser->is('=') && $this->parser->is('default', 1) || $this->parser->is(';')) {
                $this->parser->at = null === $end ? $this->parser->at + ($this->parser->is(';') ? 0 : 2) : $end + 1;
                $this->parser->accept(';');

                return [$this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset)];
            }
            $this->parser->at = $tilde;
        }
        $destructor = $this->parser->goneObjects->destructor($token, $start);
        if (null !== $destructor) {
            return [$destructor];
        }
        if ($this->parser->is('~')) {
            $this->parser->fail('unsupported', $token, ['what' => '~'.$this->parser->class]);
        }
        $friend = $this->parser->freeOperators->friend($token);
        if (null !== $friend) {
            return [$friend];
        }
        if ($this->parser->is($this->parser->class) && $this->parser->is('&', 1) && $this->parser->is('operator', 2) && $this->parser->is('=', 3) && null !== ($closed = $this->parser->closingOf($this->parser->at + 4)) && '=' === ($this->parser->tokens[$closed + 1]->text ?? '')) {
            return [$this->madeByItself($closed, $token->offset)];
        }
        if ($this->parser->is('operator')) {
            // What makes a value of another type of an object.
            $this->parser->fail('unsupported', $token, ['what' => 'operator '.$this->parser->sign(1)]);
        }
        $type = $this->parser->typeTexts->type();
        if (null === $type) {
            $this->parser->functionRows->noType($token);
        }
        $operator = $this->parser->announcements->operatorAt($this->parser->at);
        if (null !== $operator && '!=' === $operator[0]) {
            $closing = (int) $this->parser->closingOf($operator[1]);
            for ($brace = $closing; $brace < $this->parser->until && !\in_array($this->parser->tokens[$brace]->text, ['{', ';'], true); ++$brace) {
            }

            return [$this->skippedTo('{' === ($this->parser->tokens[$brace]->text ?? '') ? (int) $this->parser->closingOf($brace) : $brace, $token)];
        }
        if (null !== $operator) {
            $sign = $this->parser->peek(1) ?? $token;
            $this->parser->at = $operator[1];

            return [$this->parser->methodRows->methodDefinition($token, $type, new Token(TokenKind::Name, $operator[0], $sign->offset), $start, false)];
        }
        if ($this->parser->is('operator')) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'operator'.($this->parser->peek(1)->text ?? '')]);
        }
        if ($this->parser->is('(', 1)) {
            return [$this->parser->methodRows->methodDefinition($token, $type, $this->parser->newName(), $start, $isShared)];
        }
        if (1 === preg_match('/^(?:[io]?stringstream|[io]?fstream|[io]stream)\b/', $type, $stream)) {
            // What is told to a stream is read by its name alone.
            $this->parser->fail('unsupported', $token, ['what' => "$stream[0] ".($this->parser->peek()->text ?? '')]);
        }
        if (str_ends_with($type, ' &') && !isset($this->parser->classes->parents[trim(substr($type, 0, -2))]) && !$isShared) {
            // It stands for what the caller keeps (C++17, 11.3.2).
            $this->parser->fail('unsupported', $token, ['what' => "$type ".($this->parser->peek()->text ?? '')]);
        }
        $rows = [];
        do {
            if (str_ends_with($type, ' *')) {
                $this->parser->accept('*');
            }
            $name = $this->parser->newName();
            $value = $this->parser->initialValues->filledUp($type, $this->parser->is('=') || $this->parser->is('{') ? $this->parser->initialValues->initializer($type, $name) : null);
            if (null !== $value) {
                $this->parser->firstValues[$this->parser->class] = true;
            }
            if (!$isShared && [] !== array_filter($this->parser->classes->above($this->parser->class), fn (string $parent): bool => isset($this->parser->fieldTypesOf[$parent][$name->text]))) {
                // It hides the one above, which goes on beside it (C++17, 6.3.10).
                $this->parser->fail('unsupported', $name, ['what' => "$type $name->text"]);
            }
            $kept = $type;
            if ($isShared && $this->parser->is('[') && $this->parser->is(']', 1) && !$this->parser->is('=', 2) && !$this->parser->is('{', 2)) {
                // How long it is shows where it is given, outside of the class (C++17, 12.2.3.2).
                $this->parser->at += 2;
                [$kept, $value] = ["vector<$type>", new ListLiteral([])];
            }
            if (null === $value && $this->parser->is('[')) {
                [$kept, $value] = $this->parser->initialValues->array($type);
                $this->parser->firstValues[$this->parser->class] = true;
            }
            if ($isShared) {
                $this->parser->write("{$this->parser->class}.$name->text", $name->offset);
                $this->parser->types['']["{$this->parser->class}.$name->text"] = $kept;
                // An object is made where it is given outside of the class.
                $value ??= isset($this->parser->classes->parents[$kept]) ? new NumberLiteral(0) : $this->parser->madeValues->empty("vector<$kept>");
            }
            $this->parser->fieldTypes[$name->text] = $this->parser->fieldTypesOf[$this->parser->class][$name->text] = $kept;
            $rows[] = $isShared ? new SetVariable($this->parser->newId(), "{$this->parser->class}.$name->text", $value, false, $kept) : new FieldDeclaration($this->parser->newId(), $name->text, $kept, $value);
        } while ($this->parser->accept(','));
        $this->parser->semicolon();
        $this->parser->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** What stands up to a sign, and says nothing. */
    public function skippedTo(int $last, Token $token): Statement
    {
        $this->parser->at = $last + 1;

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
    }
}
