<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\Answers;

/** A stream of C++: one in memory, from which can be read what is written to it (C++17, 30.8), or the console. */
final class StreamValue
{
    private Answers $reads;
    /** @var (\Closure(string): string)|null */
    private ?\Closure $told = null;
    public bool $isOpen;
    public readonly FormState $form;

    /**
     * @param (\Closure(string): void)|null $console where what is written goes, for the stream of the console, which keeps nothing
     * @param FormState|null                $form    that of the stream which it is another name of
     * @param bool                          $isThere whether there is what it reads and writes
     */
    public function __construct(private string $text, private readonly ?\Closure $console = null, ?FormState $form = null, public readonly bool $isThere = true)
    {
        $this->form = $form ?? new FormState();
        $this->isOpen = $isThere;
        $this->reads = new Answers($text);
    }

    /** @param \Closure(string): string $told hears of each thing that is read */
    public static function ofAnswers(Answers $answers, \Closure $told, FormState $form): self
    {
        $stream = new self('', null, $form);
        [$stream->reads, $stream->told] = [$answers, $told];

        return $stream;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function become(string $text): void
    {
        $this->text = $text;
        $this->reads = new Answers($text);
    }

    public function put(string $text): void
    {
        if (null !== $this->console) {
            ($this->console)($text);

            return;
        }
        $this->text .= $text;
        $this->reads = new Answers($this->reads->rest().$text);
    }

    /** @param 'line'|'whole'|'number'|'letter'|'word' $kind */
    public function next(string $kind): ?string
    {
        $found = $this->isOpen ? $this->reads->next_($kind) : null;

        return null === $found || null === $this->told ? $found : ($this->told)($found);
    }

    /** Whether reading found nothing that fits, so that nothing more is read (C++17, 30.5.5.4). */
    public function hasFailed(): bool
    {
        return !$this->isThere || $this->reads->hasFailed();
    }

    /** Whether reading met the end. */
    public function hasEnded(): bool
    {
        return $this->reads->hasEnded();
    }

    public function isErased(): bool
    {
        return $this->reads->isErased();
    }

    public function isMalformed(): bool
    {
        return $this->reads->isMalformed();
    }

    public function clear(): void
    {
        $this->reads->clear();
    }

    /** What stands before a sign, which is passed over. */
    public function until(string $sign): ?string
    {
        return $this->isOpen ? $this->reads->until($sign) : $this->next('line');
    }
}
