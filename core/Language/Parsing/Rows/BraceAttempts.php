<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Statement;

/** What may fail, and what is thrown. */
final class BraceAttempts
{
    public function __construct(private readonly BraceParser $parser)
    {
    }

    public function attempt(): Statement
    {
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $this->braceOf('try');
        ++$this->parser->tries;
        try {
            $body = $this->parser->body($id, $start, 'head', Attempt::BODY, false);
        } finally {
            --$this->parser->tries;
        }
        $rescues = [];
        $finally = null;
        $from = $start;
        $closing = null;
        while (true) {
            $isClosed = $this->parser->is('}');
            if (!$isClosed) {
                $this->parser->missingBrace($from);
            }
            $word = $this->parser->sign($isClosed ? 1 : 0);
            if ('catch' !== $word && 'finally' !== $word) {
                break;
            }
            [$from, $closing] = [$closing ?? $this->parser->at, null];
            $this->parser->at += $isClosed ? 2 : 1;
            if ('finally' === $word) {
                $this->braceOf('finally');
                $finally = $this->parser->body($id, $from, Attempt::FINALLY, Attempt::FINALLY, false);
                break;
            }
            [$kinds, $name] = $this->parser->caughtHere();
            $this->braceOf('catch');
            $caught = $this->parser->caught;
            $isObject = [] !== $kinds && \is_string($kinds[0]);
            if ($isObject) {
                $this->parser->keptFailures[$name] = true;
            }
            if ('' !== $name && !$isObject) {
                $this->parser->caught[$name] = [] !== $kinds && $kinds[0] instanceof FailureKind && $kinds[0]->isPlain();
            }
            ++$this->parser->rescues;
            try {
                $byKind = '' === $name ? null : $this->parser->caughtByKind($id, $from, $name);
                if (null !== $byKind) {
                    [$rescues, $closing] = $byKind;
                } else {
                    $part = Attempt::bodyName(\count($rescues));
                    [$first, $this->parser->takenApart] = [$this->parser->takenApart, []];
                    $this->parser->atHead($first, $id, $this->parser->offset() + 1);
                    $rows = $this->parser->body($id, $from, $part, $part, false);
                    $rescues[] = new Rescue($kinds, $name, [] === $first ? $rows : new Block([...$first, ...$rows->statements]));
                }
            } finally {
                $this->parser->caught = $caught;
                unset($this->parser->keptFailures[$name]);
                --$this->parser->rescues;
            }
        }
        if ([] === $rescues && null === $finally) {
            $this->parser->fail('try_alone', $this->parser->tokens[$start]);
        }
        if ($this->parser->accept('}')) {
            $this->parser->cut($id, 'close', $this->parser->tokens[$closing ?? $this->parser->at - 1]->offset, $this->parser->endOffset());
        }

        return new Attempt($id, $body, $rescues, null, $finally);
    }

    /** The brace behind what a word begins, which is still to be taken. */
    public function braceOf(string $word): void
    {
        if (!$this->parser->is('{')) {
            $end = $this->parser->endOffset();
            $this->parser->failAt('brace_wanted', max(0, $end - 1), 1, ['word' => $word], [new Replacement($end, 0, ' {')]);
        }
    }

    public function raise(Token $token): Statement
    {
        ++$this->parser->at;
        $name = $this->parser->peek();
        $isNamed = null !== $name && (false === ($this->parser->caught[$name->text] ?? null) || isset($this->parser->keptFailures[$name->text])) && ($this->parser->is(';', 1) || $this->parser->is('}', 1) || isset($this->parser->begins[$this->parser->at + 1]));
        if ($isNamed || $this->parser->is(';')) {
            if (0 === $this->parser->rescues) {
                $this->parser->fail('nothing_caught', $token, ['word' => 'throw']);
            }
            $this->parser->at += $isNamed ? 1 : 0;
            $this->parser->semicolon();

            return $this->parser->ended(new PassOn($this->parser->newId()), $token->offset);
        }
        $row = $this->parser->thrown($token);
        $this->parser->semicolon();

        return $this->parser->ended($row, $token->offset);
    }
}
