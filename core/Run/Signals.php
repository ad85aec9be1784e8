<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Refusal;

/** What reaches a run from outside, in the order of time: a press script, which is a plain text of one signal a line. */
final readonly class Signals
{
    public const MOST = 500;
    /** How long a tapped button stays down, in milliseconds. */
    public const TAP = 200;
    public const BUTTONS = ['round', 'square'];
    public const LATEST = 3600;

    /** @param list<Signal> $list in the order of time */
    public function __construct(public array $list = [])
    {
    }

    /**
     * `1.5 press round`, `2 release round`, `2.5 tap square`, `3 light 40`; `both` means both buttons.
     *
     * @throws Refusal that names the line that is wrong
     */
    public static function read(string $text): self
    {
        $signals = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $index => $line) {
            if ('' === trim($line) || str_starts_with(trim($line), '//')) {
                continue;
            }
            if (1 !== preg_match('/^\s*(\d{1,4}(?:\.\d{1,3})?)\s+(?:(press|release|tap)\s+(round|square|both)|light\s+(\d{1,3}))\s*$/D', $line, $match)
                || (float) $match[1] > self::LATEST || (int) ($match[4] ?? 0) > 100) {
                throw new Refusal('signals.line', ['line' => $index + 1]);
            }
            $at = (int) round((float) $match[1] * 1000);
            [, , $kind, $button] = [...$match, '', '', ''];
            if ('' === $kind) {
                $signals[] = new Signal($at, Signal::LIGHT, (int) ($match[4] ?? 0));
            }
            foreach ('' === $kind ? [] : ('both' === $button ? self::BUTTONS : [$button]) as $one) {
                if ('release' !== $kind) {
                    $signals[] = new Signal($at, Signal::PRESS, $one);
                }
                if ('press' !== $kind) {
                    $signals[] = new Signal('tap' === $kind ? $at + self::TAP : $at, Signal::RELEASE, $one);
                }
            }
            if (\count($signals) > self::MOST) {
                throw new Refusal('signals.many', ['most' => self::MOST]);
            }
        }
        usort($signals, static fn (Signal $one, Signal $other): int => $one->at <=> $other->at);

        return new self($signals);
    }

    /** The text that read() reads as the same signals. */
    public function write(): string
    {
        return implode('', array_map(static fn (Signal $signal): string => rtrim(rtrim(number_format($signal->at / 1000, 3, '.', ''), '0'), '.')." $signal->kind $signal->what\n", $this->list));
    }

    /** When the last one comes, in milliseconds. */
    public function last(): int
    {
        return [] === $this->list ? 0 : $this->list[array_key_last($this->list)]->at;
    }
}
