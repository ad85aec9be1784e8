<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Refusal;

/** The members of an object in a file, each refused by its name where it is not what it has to be. */
final readonly class Members
{
    /** @param array<mixed> $data */
    public function __construct(private array $data, private string $path = '')
    {
    }

    public static function decode(string $json, int $longest): self
    {
        if (\strlen($json) > $longest) {
            throw new Refusal('lesson.large', ['most' => intdiv($longest, 1000)]);
        }
        $data = json_decode($json, true, 512);
        if (!\is_array($data)) {
            throw new Refusal('lesson.no_json');
        }

        return new self($data);
    }

    public function has(string $name): bool
    {
        return isset($this->data[$name]);
    }

    public function text(string $name, int $longest, ?string $default = null): string
    {
        $text = $this->data[$name] ?? $default;
        if (!\is_string($text) || mb_strlen($text) > $longest) {
            throw $this->refused('text', $name, ['longest' => $longest]);
        }

        return self::plain($text);
    }

    public function number(string $name, int $least, int $most, ?int $default = null): int
    {
        $number = $this->data[$name] ?? $default;
        if (!\is_int($number) || $number < $least || $number > $most) {
            throw $this->refused('number', $name, ['least' => $least, 'most' => $most]);
        }

        return $number;
    }

    public function truth(string $name, bool $default): bool
    {
        $truth = $this->data[$name] ?? $default;

        return \is_bool($truth) ? $truth : throw $this->refused('truth', $name);
    }

    public function object(string $name): self
    {
        $object = $this->data[$name] ?? null;

        return \is_array($object) ? new self($object, $this->path.$name.'.') : throw $this->refused('object', $name);
    }

    /**
     * @template Case of \BackedEnum
     *
     * @param class-string<Case> $enum
     *
     * @return Case
     */
    public function choice(string $name, string $enum): \BackedEnum
    {
        $value = $this->data[$name] ?? null;

        return (\is_string($value) ? $enum::tryFrom($value) : null) ?? throw $this->refused('choice', $name, ['choices' => implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()))]);
    }

    /** @return list<self> */
    public function objects(string $name, int $most): array
    {
        $found = [];
        foreach ($this->items($name, $most) as $at => $item) {
            $found[] = \is_array($item) ? new self($item, "$this->path$name.".($at + 1).'.') : throw $this->refused('object', $name.'.'.($at + 1));
        }

        return $found;
    }

    /** @return list<string> */
    public function texts(string $name, int $most, int $longest): array
    {
        $found = [];
        foreach ($this->items($name, $most) as $at => $item) {
            $found[] = \is_string($item) && mb_strlen($item) <= $longest ? self::plain($item) : throw $this->refused('text', $name.'.'.($at + 1), ['longest' => $longest]);
        }

        return $found;
    }

    /** @return array<string, self> members that are objects, by their names */
    public function named(string $name, int $most): array
    {
        $found = [];
        $object = $this->data[$name] ?? null;
        if (!\is_array($object) || [] === $object || \count($object) > $most) {
            throw $this->refused('object', $name);
        }
        foreach ($object as $key => $item) {
            $found[(string) $key] = \is_array($item) ? new self($item, "$this->path$name.$key.") : throw $this->refused('object', "$name.$key");
        }

        return $found;
    }

    public function json(): string
    {
        return json_encode($this->data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION, 512);
    }

    /** @param array<string, string|int> $parameters */
    public function refused(string $what, string $name, array $parameters = []): Refusal
    {
        return new Refusal("lesson.member_$what", ['path' => mb_substr(mb_scrub($this->path.$name, 'UTF-8'), 0, 120), ...$parameters]);
    }

    /** @return list<mixed> */
    private function items(string $name, int $most): array
    {
        $list = $this->data[$name] ?? [];
        if (!\is_array($list) || !array_is_list($list) || \count($list) > $most) {
            throw $this->refused('list', $name, ['most' => $most]);
        }

        return $list;
    }

    /** Lines end by themselves, and nothing that cannot be seen comes in. */
    private static function plain(string $text): string
    {
        return (string) preg_replace('/[\x00-\x08\x0b-\x1f\x7f]/', '', str_replace(["\r\n", "\r"], "\n", $text));
    }
}
