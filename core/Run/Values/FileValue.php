<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/**
 * A file that a program has opened, and what it may do. Reading takes a piece ahead, as CPython does (The Python Standard
 * Library, `io.DEFAULT_BUFFER_SIZE`): what another does with the file since then is seen behind that piece only.
 */
final class FileValue implements \JsonSerializable
{
    private const AHEAD = 8192;

    public bool $isClosed = false;
    /** Up to which byte pieces were taken. */
    private int $at = 0;
    private string $ahead = '';

    /**
     * @param 'r'|'w'|'a'                   $mode
     * @param (\Closure(bool): string)|null $typed what is typed in, where it is read from there: a line with its end, or all that is left
     */
    public function __construct(public readonly string $name, public readonly FileContent $content, public readonly string $mode, private readonly ?\Closure $typed = null)
    {
    }

    /** The next line with its end; the empty text behind the last. */
    public function line(): string
    {
        if (null !== $this->typed) {
            return ($this->typed)(false);
        }
        while (false === $end = strpos($this->ahead, "\n")) {
            $more = substr($this->content->text, $this->at, self::AHEAD);
            if ('' === $more) {
                $end = \strlen($this->ahead);
                break;
            }
            $this->at += \strlen($more);
            $this->ahead .= $more;
        }
        $line = substr($this->ahead, 0, $end + 1);
        $this->ahead = substr($this->ahead, $end + 1);

        return $line;
    }

    public function rest(): string
    {
        if (null !== $this->typed) {
            return ($this->typed)(true);
        }
        $rest = $this->ahead.substr($this->content->text, $this->at);
        $this->at = max($this->at, \strlen($this->content->text));
        $this->ahead = '';

        return $rest;
    }

    /** What a trace says of it. */
    public function jsonSerialize(): string
    {
        return $this->name;
    }
}
