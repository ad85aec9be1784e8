<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** What a person answers when a program asks: given beforehand, a line an answer. */
final class Answers
{
    private int $offset = 0;
    /** Whether reading met the end (C++17, 30.5.4.3). */
    private bool $hasEnded = false;

    /** @param bool $waits whether a person sits before the program, who may still answer */
    public function __construct(private readonly string $text = '', private readonly bool $waits = false)
    {
    }

    /**
     * The rest of the line, without its end.
     *
     * @throws RunError|AnswerWanted when all answers are used up
     */
    public function line(): string
    {
        $this->hasEnded = $this->offset >= \strlen($this->text);
        if ($this->hasEnded) {
            throw $this->waits ? new AnswerWanted() : new RunError('no_answer', [], 'EOF when reading a line');
        }
        $end = strpos($this->text, "\n", $this->offset);
        $this->hasEnded = false === $end;
        $end = false === $end ? \strlen($this->text) : $end;
        $line = substr($this->text, $this->offset, $end - $this->offset);
        $this->offset = $end + 1;

        return rtrim($line, "\r");
    }

    /**
     * The rest of the line with its end; the empty text behind the last one.
     *
     * @throws AnswerWanted when all answers are used up, and a person may give more
     */
    public function keptLine(): string
    {
        if (!$this->waits && $this->offset >= \strlen($this->text)) {
            return '';
        }
        $line = $this->line();

        return $line.($this->offset > \strlen($this->text) ? '' : "\n");
    }

    /**
     * All that is left of them.
     *
     * @throws AnswerWanted when there are none yet
     */
    public function rest(): string
    {
        if ($this->waits && $this->offset >= \strlen($this->text)) {
            throw new AnswerWanted();
        }
        $rest = substr($this->text, min($this->offset, \strlen($this->text)));
        $this->offset = \strlen($this->text);

        return $rest;
    }

    /** Whether something was read that was not what was wanted; the stream gives nothing more until it is cleared (C++17, 30.5.5.4). */
    private bool $failed = false;
    private bool $malformed = false;
    private bool $erased = false;

    /**
     * What comes next, if it is of a kind.
     *
     * @param 'line'|'whole'|'number'|'letter'|'word'|'sign' $kind
     *
     * @throws AnswerWanted when all answers are used up
     */
    public function next_(string $kind): ?string
    {
        $this->malformed = $this->erased = false;
        if ($this->failed) {
            return null;
        }
        $hadEnded = $this->hasEnded;
        try {
            $answer = match ($kind) {
                'line' => $this->line(),
                'word' => $this->word(),
                'letter' => $this->letter(),
                'sign' => $this->sign(),
                default => $this->number('whole' === $kind),
            };
        } catch (RunError) {
            $this->failed = true;
            $this->erased = 'line' === $kind && !$hadEnded;

            return null;
        }
        if (('whole' === $kind || 'number' === $kind) && !is_numeric($answer)) {
            // The sign at which it failed is still there.
            $this->offset -= \strlen($answer);
            $this->failed = $this->malformed = true;

            return null;
        }

        return $answer;
    }

    /** What stands before a sign, which is passed over, or all that is left where it does not come; null where nothing is left. */
    public function until(string $sign): ?string
    {
        if ($this->failed || $this->offset >= \strlen($this->text)) {
            return $this->next_('line');
        }
        $at = strpos($this->text, $sign, $this->offset);
        $this->hasEnded = false === $at;
        $part = substr($this->text, $this->offset, false === $at ? null : $at - $this->offset);
        $this->offset = false === $at ? \strlen($this->text) : $at + \strlen($sign);

        return $part;
    }

    /** Whether what is read into is empty now, as nothing was left for it; it was not looked for behind an end that was met (C++17, 24.3.3.9). */
    public function isErased(): bool
    {
        return $this->erased;
    }

    public function hasFailed(): bool
    {
        return $this->failed;
    }

    public function isMalformed(): bool
    {
        return $this->malformed;
    }

    public function clear(): void
    {
        $this->failed = $this->hasEnded = false;
    }

    public function hasEnded(): bool
    {
        return $this->hasEnded;
    }

    /** Passes over the rest of the line, its end too. */
    public function skipLine(): void
    {
        $end = strpos($this->text, "\n", min($this->offset, \strlen($this->text)));
        $this->offset = false === $end ? \strlen($this->text) : $end + 1;
    }

    /** Passes over the next sign, the end of a line too. */
    public function skip(): void
    {
        $this->offset += "\r\n" === substr($this->text, $this->offset, 2) ? 2 : 1;
    }

    /**
     * What C++'s streams take for a number: blanks before it, then as many signs as belong to one (C++17, [facet.num.get]).
     *
     * @throws RunError|AnswerWanted when all answers are used up
     */
    public function number(bool $isWhole): string
    {
        $pattern = $isWhole ? '[+-]?\d+' : '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';

        return $this->next("/\\G\\s*($pattern|\\S+)/");
    }

    /** @throws RunError|AnswerWanted when all answers are used up */
    public function letter(): string
    {
        $letter = $this->next('/\\G\\s*([\x00-\x7f]|[\xc2-\xf4][\x80-\xbf]+)/');
        // Nothing behind it was looked at.
        $this->hasEnded = false;

        return $letter;
    }

    /**
     * The next sign, blanks and the ends of lines too.
     *
     * @throws RunError|AnswerWanted when all answers are used up
     */
    private function sign(): string
    {
        $sign = $this->signAhead();
        $this->hasEnded = null === $sign;
        $this->offset += \strlen((string) $sign);

        return $sign ?? throw $this->waits ? new AnswerWanted() : new RunError('no_answer');
    }

    /** The sign that comes next, which stays there; null behind the last. */
    public function signAhead(): ?string
    {
        return 1 === preg_match('/\\G(?:[\x00-\x7f]|[\xc2-\xf4][\x80-\xbf]+)/', $this->text, $match, 0, min($this->offset, \strlen($this->text))) ? $match[0] : null;
    }

    private function next(string $pattern): string
    {
        if ('' === trim(substr($this->text, min($this->offset, \strlen($this->text)))) || 1 !== preg_match($pattern, $this->text, $match, 0, $this->offset)) {
            $this->hasEnded = true;
            throw $this->waits ? new AnswerWanted() : new RunError('no_answer');
        }
        $this->offset += \strlen($match[0]);
        // How far a number goes shows at the sign behind it.
        $this->hasEnded = ctype_digit(substr($match[1], -1)) && $this->offset >= \strlen($this->text);

        return $match[1];
    }

    /**
     * The next word, over the ends of lines.
     *
     * @throws RunError|AnswerWanted when all answers are used up
     */
    public function word(): string
    {
        if (1 !== preg_match('/\S+/', $this->text, $match, \PREG_OFFSET_CAPTURE, min($this->offset, \strlen($this->text)))) {
            $this->hasEnded = true;
            throw $this->waits ? new AnswerWanted() : new RunError('no_answer');
        }
        $this->offset = $match[0][1] + \strlen($match[0][0]);
        $this->hasEnded = $this->offset >= \strlen($this->text);

        return $match[0][0];
    }
}
