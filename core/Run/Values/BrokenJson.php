<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/**
 * What is wrong with a text that is no JSON, in the words of CPython 3.11 (Lib/json/decoder.py, Modules/_json.c) and of V8
 * (src/json/json-parser.cc).
 */
final class BrokenJson
{
    private int $at = 0;

    private function __construct(private readonly string $text, private readonly bool $isPython)
    {
    }

    /** What the real machine says; null where nothing is found. */
    public static function says(string $text, bool $isPython): ?string
    {
        $broken = new self($text, $isPython);
        $wrong = $broken->spacedValue();

        return $wrong ?? ($broken->at < \strlen($text) ? $broken->fault('Extra data', 'Unexpected non-whitespace character after JSON', 'at') : null);
    }

    private function sign(): string
    {
        return $this->text[$this->at] ?? '';
    }

    private function space(): void
    {
        $this->at += strspn($this->text, " \t\r\n", $this->at);
    }

    private function spacedValue(): ?string
    {
        $this->space();
        $wrong = $this->value();
        $this->space();

        return $wrong;
    }

    private function fault(string $python, string $v8, string $at = 'in JSON at'): string
    {
        $before = substr($this->text, 0, $this->at);
        if (!$this->isPython) {
            return "$v8 $at position ".$this->units($before);
        }
        $line = strrpos($before, "\n");

        return \sprintf('%s: line %d column %d (char %d)', $python, substr_count($before, "\n") + 1, mb_strlen(false === $line ? $before : substr($before, $line + 1)) + 1, mb_strlen($before));
    }

    private function units(string $text): int
    {
        return intdiv(\strlen(mb_convert_encoding($text, 'UTF-16LE', 'UTF-8')), 2);
    }

    /** What V8 says of a sign that fits nowhere (JsonParser::ReportUnexpectedToken). */
    private function unexpected(): string
    {
        $rest = substr($this->text, $this->at);
        if ('' === $rest) {
            return 'Unexpected end of JSON input';
        }
        if (1 === preg_match('/^[-\d]/', $rest)) {
            return $this->fault('', 'Unexpected number');
        }
        if ('"' === $rest[0]) {
            return $this->fault('', 'Unexpected string');
        }
        if (\in_array($this->text, ['NaN', 'Infinity', 'undefined', '[object Object]'], true)) {
            return "\"$this->text\" is not valid JSON";
        }
        $sign = mb_substr($rest, 0, 1);
        [$place, $length] = [mb_strlen(substr($this->text, 0, $this->at)), mb_strlen($this->text)];
        $context = match (true) {
            $length <= 20 => "\"$this->text\"",
            $place < 10 => '"'.mb_substr($this->text, 0, $place + 10).'"...',
            $place < $length - 10 => '..."'.mb_substr($this->text, $place - 10, 20).'"...',
            default => '..."'.mb_substr($this->text, $place - 10).'"',
        };

        return "Unexpected token '$sign', $context is not valid JSON";
    }

    private function noValue(int $from): string
    {
        if ($this->isPython) {
            $this->at = $from;

            return $this->fault('Expecting value', '');
        }

        return $this->unexpected();
    }

    private function value(): ?string
    {
        $from = $this->at;
        foreach (['true', 'false', 'null', ...($this->isPython ? ['NaN', 'Infinity', '-Infinity'] : [])] as $word) {
            if ($word[0] === $this->sign() && ($this->isPython ? substr($this->text, $this->at, \strlen($word)) === $word : '-' !== $word[0])) {
                for ($place = 0; $place < \strlen($word) && $this->sign() === $word[$place]; ++$place) {
                    ++$this->at;
                }

                return $place < \strlen($word) ? $this->unexpected() : null;
            }
        }
        if (1 === preg_match('/[-\d]/A', $this->text, $match, 0, $this->at)) {
            return $this->number($from);
        }

        return match ($this->sign()) {
            '"' => $this->letters(),
            '[' => $this->items(),
            '{' => $this->entries(),
            default => $this->noValue($from),
        };
    }

    private function number(int $from): ?string
    {
        $isWhole = 1 === preg_match('/-?(?:0|[1-9]\d*)(\.\d+)?([eE][-+]?\d+)?/A', $this->text, $match, 0, $this->at);
        $this->at += $isWhole ? \strlen($match[0]) : 1;
        if (!$isWhole) {
            return $this->isPython ? $this->noValue($from) : $this->fault('', 'No number after minus sign');
        }
        if (!$this->isPython && ctype_digit($this->sign())) {
            return $this->unexpected();
        }
        if (!$this->isPython && '.' === $this->sign() && '' === ($match[1] ?? '')) {
            ++$this->at;

            return $this->fault('', 'Unterminated fractional number');
        }
        if (!$this->isPython && 'e' === strtolower($this->sign())) {
            $this->at += 1 + strspn($this->text, '+-', $this->at + 1, 1);

            return $this->fault('', 'Exponent part is missing a number');
        }

        return null;
    }

    private function letters(): ?string
    {
        $from = $this->at++;
        while ('"' !== $sign = $this->sign()) {
            if ('' === $sign) {
                $this->at = $this->isPython ? $from : $this->at;

                return $this->fault('Unterminated string starting at', 'Unterminated string');
            }
            if (\ord($sign) < 32) {
                return $this->fault('Invalid control character at', 'Bad control character in string literal');
            }
            if ('\\' === $sign && 1 !== preg_match('~\\\\(["\\\\/bfnrt]|u[0-9a-fA-F]{4})~A', $this->text, $match, 0, $this->at)) {
                $this->at += $this->isPython ? 0 : 1;

                return '' === $this->sign() ? $this->fault('Unterminated string starting at', 'Unterminated string') : $this->fault('Invalid \\escape', 'u' === $this->sign() ? 'Bad Unicode escape' : 'Bad escaped character');
            }
            $this->at += '\\' === $sign ? 2 : 1;
        }
        ++$this->at;

        return null;
    }

    private function items(): ?string
    {
        ++$this->at;
        $this->space();
        for ($isFirst = true; !($isFirst && ']' === $this->sign()); $isFirst = false) {
            $wrong = $this->spacedValue();
            if (null !== $wrong) {
                return $wrong;
            }
            if (']' === $this->sign()) {
                break;
            }
            if (',' !== $this->sign()) {
                return $this->fault("Expecting ',' delimiter", "Expected ',' or ']' after array element");
            }
            ++$this->at;
            $this->space();
        }
        ++$this->at;

        return null;
    }

    private function entries(): ?string
    {
        ++$this->at;
        $this->space();
        for ($isFirst = true; !($isFirst && '}' === $this->sign()); $isFirst = false) {
            if ('"' !== $this->sign()) {
                return $this->fault('Expecting property name enclosed in double quotes', $isFirst ? "Expected property name or '}'" : 'Expected double-quoted property name');
            }
            $wrong = $this->letters();
            $this->space();
            if (null === $wrong && ':' !== $this->sign()) {
                $wrong = $this->fault("Expecting ':' delimiter", "Expected ':' after property name");
            }
            if (null !== $wrong) {
                return $wrong;
            }
            ++$this->at;
            $wrong = $this->spacedValue();
            if (null !== $wrong) {
                return $wrong;
            }
            if ('}' === $this->sign()) {
                break;
            }
            if (',' !== $this->sign()) {
                return $this->fault("Expecting ',' delimiter", "Expected ',' or '}' after property value");
            }
            ++$this->at;
            $this->space();
        }
        ++$this->at;

        return null;
    }
}
