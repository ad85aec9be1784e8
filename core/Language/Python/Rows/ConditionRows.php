<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Statement;

/** Rows that branch by a condition, and `with`. */
final class ConditionRows
{
    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** `with open("beds.txt") as beds:` */
    public function holding(LogicalLine $line): Statement
    {
        $token = $this->parser->peek();
        $start = $this->parser->offset();
        $id = $this->parser->newId();
        ++$this->parser->at;
        $value = $this->parser->value();
        $isFile = $value instanceof Operation && OperationKey::FileOpened === $value->key;
        $isNamed = $this->parser->accept('as') && TokenKind::Name === $this->parser->peek()?->kind && $this->parser->is(':', 1);
        $isManaged = $value instanceof OwnValue && isset($this->parser->managers[$value->function]);
        if (!$isNamed && ($isFile || !$this->parser->is(':')) || !$isFile && !$isManaged && !isset($this->parser->classes->methodNames[ClassDefinition::ENTERS])) {
            $this->parser->fail('unsupported', $token, ['what' => 'with']);
        }
        $name = $isNamed ? $this->parser->newName() : new Token(TokenKind::Name, $this->parser->nameFor('held'), $this->parser->offset());
        $this->parser->write($name->text, $name->offset);
        $this->parser->headers->colon('with');
        [$tight, $read] = $this->parser->suite($id, $line, false);
        $this->parser->headers->headEnd($id, 'head', $start, $tight);

        // An object may end what fails in its rows.
        $this->parser->tries += $isFile ? 0 : 1;
        try {
            return new Holding($id, $name->text, $value, $read());
        } finally {
            $this->parser->tries -= $isFile ? 0 : 1;
        }
    }

    public function conditional(LogicalLine $line): Statement
    {
        $id = $this->parser->newId();
        $branches = [];
        $otherwise = null;
        $start = $this->parser->offset();
        ++$this->parser->at;
        $index = 0;
        while (true) {
            $condition = $this->parser->headers->header();
            $this->parser->headers->colon(0 === $index ? 'if' : 'elif');
            [$tight, $read] = $this->parser->suite($id, $line, false, "then$index");
            $this->parser->headers->headEnd($id, 0 === $index ? 'head' : "then$index", $start, $tight);
            $branches[] = new Branch($condition, $read());
            $next = $this->parser->lines[$this->parser->line] ?? null;
            while (null !== $next && $next->remark && $this->elseBelow($line)) {
                // A remark above an `else` stands in the branch above it.
                $last = array_pop($branches);
                $before = $this->parser->parent;
                $this->parser->parent = $id;
                $branches[] = new Branch($last->condition, new Block([...$last->body->statements, $this->parser->comment($this->parser->tokens[$next->from])]));
                $this->parser->parent = $before;
                ++$this->parser->line;
                $next = $this->parser->lines[$this->parser->line] ?? null;
            }
            $word = null === $next || $next->remark || $next->column() !== $line->column() ? null : $this->elseWord($next);
            if (null === $next || null === $word) {
                break;
            }
            ++$this->parser->line;
            [$this->parser->at, $this->parser->until] = [$next->from, $next->until];
            $start = $this->parser->offset();
            $this->parser->headers->keyword($this->parser->tokens[$next->from]);
            ++$this->parser->at;
            if ('elif' === $word) {
                ++$index;
                if ($this->parser->is('if') && 'else' === strtolower($this->parser->tokens[$next->from]->text)) {
                    $this->parser->mistake('else_if', $start, $this->parser->offset() + 2 - $start, [], [new Replacement($start, $this->parser->offset() + 2 - $start, 'elif')]);
                    ++$this->parser->at;
                }
                continue;
            }
            if (!$this->parser->is(':') && null !== $this->parser->peek() && !$this->parser->headers->beginsRow()) {
                $this->parser->mistake('else_condition', $this->parser->offset(), max(1, $this->parser->tokens[$this->parser->until - 1]->offset - $this->parser->offset()), [], [new Replacement($start, 4, 'elif')]);
                $this->parser->at = ':' === $this->parser->tokens[$this->parser->until - 1]->text ? $this->parser->until - 1 : $this->parser->until;
            }
            $this->parser->headers->colon('else');
            [$tight, $read] = $this->parser->suite($id, $next, false, Conditional::OTHERWISE);
            $this->parser->headers->headEnd($id, Conditional::OTHERWISE, $start, $tight);
            $otherwise = $read();
            break;
        }

        return new Conditional($id, $branches, $otherwise);
    }

    private function elseBelow(LogicalLine $line): bool
    {
        $next = $this->parser->unreadRows->nextCode();

        return null !== $next && $next->column() === $line->column() && null !== $this->elseWord($next);
    }

    /** @return 'elif'|'else'|null how a line goes on with a branch, also where it is misspelt */
    private function elseWord(LogicalLine $line): ?string
    {
        $first = $this->parser->tokens[$line->from];
        $word = strtolower($first->text);
        if ('else' === $word && $line->from + 1 < $line->until && 'if' === $this->parser->tokens[$line->from + 1]->text) {
            return 'elif';
        }
        if (TokenKind::Name === $first->kind && !\in_array($word, ['elif', 'else'], true) && ':' === $this->parser->tokens[$line->until - 1]->text && !$this->parser->isVariable($first->text) && !isset($this->parser->symbols->functions[$first->text])) {
            $alone = $line->until === $line->from + 2;
            if ($alone && (Headers::isShuffled($word, 'else') || levenshtein($word, 'else') <= 1)) {
                return 'else';
            }
            if (!$alone && (isset(PythonParser::FOREIGN_WORDS[$word]) && 'elif' === PythonParser::FOREIGN_WORDS[$word] || Headers::isShuffled($word, 'elif') || levenshtein($word, 'elif') <= 1 && 'if' !== $word)) {
                return 'elif';
            }
        }

        return 'elif' === $word || 'else' === $word ? $word : null;
    }

    /** @return list<Statement> */
    public function strayElse(LogicalLine $line, string $word): array
    {
        $token = $this->parser->peek();
        $this->parser->fail('else_without_if', $token, ['word' => $word]);
    }
}
