<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Signals;

/** One case that an answer has to pass: a layout, what is pressed and answered, what chance gives. */
final readonly class Situation
{
    /** @param bool $hidden it is named where an answer fails it, and not shown */
    public function __construct(public int $layout = 0, public string $answers = '', public string $signals = '', public int $seed = 1, public bool $hidden = false)
    {
    }

    public function circumstances(): Circumstances
    {
        return new Circumstances(new Answers($this->answers), Signals::read($this->signals), $this->layout);
    }

    /** @return array{layout: int, answers: string, signals: string, seed: int, hidden: bool} */
    public function data(): array
    {
        return ['layout' => $this->layout, 'answers' => $this->answers, 'signals' => $this->signals, 'seed' => $this->seed, 'hidden' => $this->hidden];
    }

    /** @param array<mixed> $data */
    public static function of(array $data): self
    {
        $text = static fn (string $name): string => \is_string($data[$name] ?? null) ? $data[$name] : '';
        $number = static fn (string $name, int $default): int => \is_int($data[$name] ?? null) ? max(0, $data[$name]) : $default;

        return new self($number('layout', 0), $text('answers'), $text('signals'), $number('seed', 1), true === ($data['hidden'] ?? false));
    }
}
