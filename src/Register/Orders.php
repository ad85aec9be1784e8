<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

/** What a teacher says to a whole class just now. Each is taken back by itself. */
final readonly class Orders
{
    /**
     * @param bool                                                                                           $hold     hands off the keyboards
     * @param array{kind: string, program?: int, course?: int, lesson?: int, rung?: int, title: string}|null $gathered the page to which all are brought
     * @param bool                                                                                           $follow   whether the line to which the teacher points is lit
     * @param array{language: string, key: string}|null                                                      $light    that line
     */
    public function __construct(public bool $hold = false, public ?array $gathered = null, public bool $follow = false, public ?array $light = null)
    {
    }

    /** @param array<string, mixed> $kept */
    public static function read(array $kept): self
    {
        $gathered = $kept['gathered'] ?? null;
        $light = $kept['light'] ?? null;
        $known = null;
        if (\is_array($gathered) && \is_string($gathered['kind'] ?? null) && \is_string($gathered['title'] ?? null)) {
            $known = ['kind' => $gathered['kind'], 'title' => $gathered['title']];
            foreach (['program', 'course', 'lesson', 'rung'] as $part) {
                if (\is_int($gathered[$part] ?? null)) {
                    $known[$part] = $gathered[$part];
                }
            }
        }

        return new self(
            true === ($kept['hold'] ?? false),
            $known,
            true === ($kept['follow'] ?? false),
            \is_array($light) && \is_string($light['language'] ?? null) && \is_string($light['key'] ?? null) ? ['language' => $light['language'], 'key' => $light['key']] : null,
        );
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return ['hold' => $this->hold, 'gathered' => $this->gathered, 'follow' => $this->follow, 'light' => $this->light];
    }

    public function withHold(bool $hold): self
    {
        return new self($hold, $this->gathered, $this->follow, $this->light);
    }

    /** @param array{kind: string, program?: int, course?: int, lesson?: int, rung?: int, title: string}|null $gathered */
    public function withGathered(?array $gathered): self
    {
        return new self($this->hold, $gathered, $this->follow, null);
    }

    public function withFollow(bool $follow): self
    {
        return new self($this->hold, $this->gathered, $follow, $follow ? $this->light : null);
    }

    /** @param array{language: string, key: string} $light */
    public function withLight(array $light): self
    {
        return new self($this->hold, $this->gathered, $this->follow, $light);
    }
}
