<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** What a person answers when a program asks: given beforehand, a line an answer. */
final class Answers
{
    private int $offset = 0;

    public function __construct(private readonly string $text = '')
    {
    }

    /** The rest of the line, without its end; null when all answers are used up. */
    public function line(): ?string
    {
        if ($this->offset >= \strlen($this->text)) {
            return null;
        }
        $end = strpos($this->text, "\n", $this->offset);
        $end = false === $end ? \strlen($this->text) : $end;
        $line = substr($this->text, $this->offset, $end - $this->offset);
        $this->offset = $end + 1;

        return rtrim($line, "\r");
    }

    /** The next word, over the ends of lines. */
    public function word(): ?string
    {
        if (1 !== preg_match('/\S+/', $this->text, $match, \PREG_OFFSET_CAPTURE, min($this->offset, \strlen($this->text)))) {
            return null;
        }
        $this->offset = $match[0][1] + \strlen($match[0][0]);

        return $match[0][0];
    }
}
