<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Unread;

/** Lines that cannot be read keep their text. */
final class UnreadRows
{
    /** @var array<int, LogicalLine|null>|null by the number of a line, the first one from there on that is no remark */
    private ?array $code = null;

    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** @param LogicalLine|null $line whose rows below go with it */
    public function unread(int $start, ?LogicalLine $line): Unread
    {
        $this->parser->silence($start, $this->parser->until);
        $first = $this->parser->tokens[$start];
        $last = $this->parser->tokens[$this->parser->until - 1];
        [$from, $end] = [$first->offset, $last->end()];
        $id = $this->parser->newId();
        $this->parser->cut($id, 'head', $from, $end);
        $this->parser->at = $this->parser->until;
        $body = null;
        $next = $this->nextCode();
        if (null !== $line && null !== $next && $next->column() > $line->column() && ':' === $last->text) {
            $body = $this->parser->body($id, $line, true);
        }

        return new Unread($id, substr($this->parser->text, $from, $end - $from), $this->parser->language()->value, $body);
    }

    /** Lines that stand too deep are kept as they are. */
    public function passedOver(LogicalLine $header): Unread
    {
        $first = $last = null;
        while (null !== ($line = $this->parser->lines[$this->parser->line] ?? null) && ($line->remark || $line->column() > $header->column())) {
            $first ??= $line;
            $last = $line->remark ? $last : $line;
            ++$this->parser->line;
        }
        \assert(null !== $first);
        $last ??= $first;
        while ($this->parser->lines[$this->parser->line - 1]->remark && $this->parser->lines[$this->parser->line - 1] !== $last) {
            --$this->parser->line;
        }
        [$start, $final] = [$this->parser->tokens[$first->from], $this->parser->tokens[$last->until - 1]];
        $this->parser->mistake('deep', $start->offset, \strlen($start->text));
        $this->parser->silence($first->from, $last->until);
        $id = $this->parser->newId();
        $end = $final->offset + \strlen($final->text);
        $this->parser->cut($id, 'head', $start->offset, $end);

        return new Unread($id, substr($this->parser->text, $start->offset, $end - $start->offset), $this->parser->language()->value);
    }

    public function nextCode(): ?LogicalLine
    {
        return $this->codeFrom($this->parser->line);
    }

    /** The first line from one on that is no remark. */
    public function codeFrom(int $index): ?LogicalLine
    {
        if (null === $this->code) {
            $this->code = [];
            $next = null;
            for ($at = \count($this->parser->lines) - 1; $at >= 0; --$at) {
                $this->code[$at] = $next = $this->parser->lines[$at]->remark ? $next : $this->parser->lines[$at];
            }
        }

        return $this->code[$index] ?? null;
    }
}
