<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Vocabulary;
use Scrivlet\Core\Language\Python\Rows\AssignmentRows;
use Scrivlet\Core\Language\Python\Rows\DrawingRows;
use Scrivlet\Core\Language\Python\Rows\ImportRows;
use Scrivlet\Core\Language\Python\Rows\NameRows;
use Scrivlet\Core\Language\Python\Rows\PrintRows;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** Rows of Python that hold no others: The Python Language Reference, chapter 7. */
abstract class PythonStatements extends PythonExpressions
{
    public const CHANGES = [
        '+=' => Operator::Add, '-=' => Operator::Subtract, '*=' => Operator::Multiply, '/=' => Operator::TrueDivide,
        '//=' => Operator::FloorDivide, '%=' => Operator::FloorRemainder, '**=' => Operator::Power,
    ];
    public readonly ImportRows $importRows;
    public readonly NameRows $nameRows;
    public readonly DrawingRows $drawingRows;
    public readonly AssignmentRows $assignmentRows;
    public readonly PrintRows $printRows;

    /** @var list<Statement> rows that stand behind the one that is read, and have their text together with it */
    public array $behind = [];

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->importRows = new ImportRows($this);
        $this->nameRows = new NameRows($this);
        $this->drawingRows = new DrawingRows($this);
        $this->assignmentRows = new AssignmentRows($this);
        $this->printRows = new PrintRows($this);
    }

    /**
     * What fails when it runs, as what is given a value cannot be given another one.
     *
     * @param bool $isPlain whether the value can neither fail nor do anything
     */
    abstract public function refusedSetting(Expression $target, bool $isPlain): ?Statement;

    abstract protected function docstring(Expression $value, Token $token): ?Comment;

    protected function plain(Token $token): Statement
    {
        if ('print' === strtolower($token->text) && TokenKind::Name === $token->kind && !isset($this->symbols->functions[$token->text]) && !$this->isVariable($token->text) && !$this->is('=', 1)) {
            return $this->printRows->printed($token);
        }
        if ('sys' === $token->text && $this->is('.', 1) && $this->is('stdout', 2) && $this->is('.', 3) && !$this->isVariable('sys')) {
            $written = $this->printRows->writtenOut($token);
            if (null !== $written) {
                return $written;
            }
        }
        $window = $this->drawingRows->drawingSetup($token);
        if (null !== $window) {
            return $window;
        }
        $this->assignmentRows->foreignDeclaration($token);
        $start = $token->offset;
        $sign = $this->sign(1);
        if (TokenKind::Name === $token->kind && ('+' === $sign || '-' === $sign) && $this->is($sign, 2) && null === $this->peek(3)) {
            $end = $token->offset + \strlen($token->text);
            $this->fail('foreign_word', $this->peek(1), ['word' => $sign.$sign, 'near' => $sign.'= 1'], [new Replacement($end, ($this->peek(2)->offset ?? $end) + 1 - $end, ' '.$sign.'= 1')]);
        }
        $star = $this->accept('*') ? 0 : null;
        $first = $this->assignmentRows->target();
        $targets = [$first];
        while ($this->accept(',')) {
            if ($this->is('=') && 1 === \count($targets)) {
                // The one item of what holds no other.
                $this->fail('unsupported', $this->peek(), ['what' => '…, = …']);
            }
            if (null === $this->peek() || $this->is('=')) {
                break;
            }
            $star = $this->accept('*') ? \count($targets) : $star;
            $targets[] = $this->assignmentRows->target();
        }
        $sign = $this->sign();
        if (':' === $sign && 1 === \count($targets) && ($first instanceof VariableRead || $first instanceof Field) && \in_array($this->peek(1)?->kind, [TokenKind::Name, TokenKind::Text, TokenKind::Keyword], true)) {
            // What kind of values it will have says nothing to the machine (The Python Language Reference, 7.2.2).
            ++$this->at;
            $this->annotation();
            $sign = $this->sign();
            if ('=' !== $sign) {
                return new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value);
            }
        }
        if ('=' === $sign && null !== $star) {
            return $this->assignmentRows->gathering($targets, $star, $start);
        }
        if ('=' === $sign) {
            return $this->assignmentRows->assignment($targets, $start);
        }
        if (null !== $sign && isset(self::CHANGES[$sign]) && 1 === \count($targets)) {
            return $this->assignmentRows->changing($first, self::CHANGES[$sign], $start);
        }
        if (null !== $sign && isset(ChangedPlace::BY[$sign]) && 1 === \count($targets)) {
            ++$this->at;
            if ($first instanceof VariableRead) {
                $this->assignmentRows->changes($first->name, $start);
            }

            return $this->changedBy($first, ChangedPlace::BY[$sign], $this->value(), $start);
        }
        if (1 < \count($targets)) {
            $this->mistake('unused_result', $start, $this->endOffset() - $start, ['text' => substr($this->text, $start, min(40, $this->endOffset() - $start))]);

            return new Perform($this->newId(), new ListLiteral($targets));
        }
        if ($first instanceof NothingLiteral && 'super' === $token->text) {
            // The class above makes nothing of its objects.
            return new Pass($this->newId());
        }
        $docstring = $this->docstring($first, $token);
        if (null !== $docstring) {
            return $docstring;
        }
        $this->settleRead($first, $token);

        return $this->performed($first, $start, $this->endOffset());
    }

    /** A name alone on a line: a command of which the brackets are missing, or a value that is not used. */
    private function settleRead(Expression $value, Token $token): void
    {
        if (!$value instanceof VariableRead) {
            return;
        }
        $next = $this->peek();
        if (isset($this->symbols->functions[$value->name])) {
            $this->unread_($value->name, $token);
            $end = $token->offset + \strlen($token->text);
            $this->fail('call_brackets', $token, ['name' => $value->name], 0 === $this->symbols->functions[$value->name][0] && null === $next ? [new Replacement($end, 0, '()')] : []);
        }
        if (null !== $next && \in_array($next->kind, [TokenKind::Number, TokenKind::Text, TokenKind::Name], true) && !$this->isVariable($value->name)) {
            $this->unread_($value->name, $token);
            $entry = Vocabulary::withoutObject($this->language(), $value->name);
            if (null !== $entry) {
                $this->fail('object_missing', $token, ['name' => $value->name, 'object' => (string) $entry->object()], [new Replacement($token->offset, 0, $entry->object().'.')]);
            }
        }
    }

    protected function unread_(string $name, Token $token): void
    {
        foreach ($this->symbols->reads as $index => $use) {
            if ($use->offset === $token->offset && $use->name === $name) {
                unset($this->symbols->reads[$index]);
            }
        }
    }

    /** Values with commas between them are one tuple, without brackets too (The Python Language Reference, 6.16). */
    public function valueOrTuple(): Expression
    {
        return $this->accept('*') ? $this->tupled($this->expression(), true) : $this->tupled($this->value());
    }
}
