<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\RunError;

/** Values as JSON, as each language lays it out, and back (ECMA-404; ECMA-262, 25.5; The Python Standard Library, json). */
trait JsonOperations
{
    public function json(mixed $value): mixed
    {
        return $this->bounded($this->jsonOf($value, '', [',', ':'], 0));
    }

    /** What nothing comes between but a comma and a blank. */
    public function jsonSpaced(mixed $value): string
    {
        return $this->bounded($this->jsonOf($value, '', [', ', ': '], 0));
    }

    public function jsonLaidOut(mixed $value, mixed $indent): string
    {
        $step = \is_string($indent) ? mb_substr($indent, 0, 10) : str_repeat(' ', max(0, min(10, static::integer($indent))));

        return $this->bounded($this->jsonOf($value, $step, [',', '' === $step ? ':' : ': '], 0));
    }

    private bool $sortsKeys = false;
    private bool $isAscii = true;

    /** With its keys in order, or with letters as they are (The Python Standard Library, json.dumps). */
    public function jsonFormed(mixed $value, mixed $indent, mixed $sorts, mixed $isAscii): string
    {
        [$this->sortsKeys, $this->isAscii] = [$this->truth($sorts), $this->truth($isAscii)];
        try {
            return null === $indent ? $this->jsonSpaced($value) : $this->jsonLaidOut($value, $indent);
        } finally {
            [$this->sortsKeys, $this->isAscii] = [false, true];
        }
    }

    /**
     * @param string                $step    how far each level is set in; '' for one line
     * @param array{string, string} $between what stands between items, and behind a key
     */
    private function jsonOf(mixed $value, string $step, array $between, int $depth): string
    {
        Room::spend(1);
        Depth::deeper($depth);
        $isPython = $this->facts->spacedJson;
        $value = $this->standsFor($value);
        if ($value instanceof ListValue) {
            $items = array_map(fn (mixed $item): string => $this->jsonOf($item, $step, $between, $depth + 1), $value->items);

            return self::jsonGroup('[', $items, ']', $step, $between[0], $depth);
        }
        if ($value instanceof MapValue && '' === $value->sort && ('' === $value->class || !$isPython)) {
            $items = [];
            $entries = $this->shown($value);
            if ($this->sortsKeys) {
                usort($entries, fn (array $one, array $other): int => $this->less($one[0], $other[0]) ? -1 : ($this->less($other[0], $one[0]) ? 1 : 0));
            }
            foreach ($entries as [$key, $item]) {
                $item = $this->standsFor($item instanceof Getter ? (null === $item->finds ? null : ($item->finds)()) : $item);
                if (!$isPython && (null === $item || $item instanceof \Closure)) {
                    continue;
                }
                $items[] = $this->jsonText(\is_string($key) ? $key : $this->jsonOf($key, '', $between, $depth + 1)).$between[1].$this->jsonOf($item, $step, $between, $depth + 1);
            }

            return self::jsonGroup('{', $items, '}', $step, $between[0], $depth);
        }

        return match (true) {
            \is_string($value) => $this->jsonText($value),
            \is_bool($value) => $value ? 'true' : 'false',
            // Nothing else stands for a function in a list of JavaScript (ECMA-262, 25.5.2.5).
            null === $value, Nothing::Null === $value, !$isPython && $value instanceof \Closure => 'null',
            \is_float($value) && !is_finite($value) => $isPython ? (is_nan($value) ? 'NaN' : ($value > 0 ? 'Infinity' : '-Infinity')) : 'null',
            $value instanceof BigInteger && !$isPython => throw new RunError('mixed_big', [], 'Do not know how to serialize a BigInt'),
            \is_int($value), \is_float($value), $value instanceof BigInteger => $this->text($value),
            $value instanceof MapValue && '' !== $value->sort && !$isPython => '{}',
            default => throw new RunError('no_json'),
        };
    }

    /** What an object says stands for it (ECMA-262, 25.5.2.4). */
    protected function standsFor(mixed $value): mixed
    {
        if (!$value instanceof MapValue || $this->facts->spacedJson) {
            return $value;
        }
        $says = $value->entries['ttoJSON'][1] ?? null;
        $says = $says instanceof \Closure ? $this->calledOn($says, $value) : null;

        return $says instanceof \Closure ? $says() : ($this->can($value, 'toJSON') ? $this->asked($value, 'toJSON') : $value);
    }

    /** @param list<string> $items */
    private static function jsonGroup(string $open, array $items, string $close, string $step, string $between, int $depth): string
    {
        if ('' === $step || [] === $items) {
            return $open.implode($between, $items).$close;
        }
        $line = "\n".str_repeat($step, $depth + 1);

        return $open.$line.implode(','.$line, $items)."\n".str_repeat($step, $depth).$close;
    }

    private function jsonText(string $text): string
    {
        $isAscii = $this->facts->spacedJson && $this->isAscii;
        $json = (string) json_encode($text, \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_LINE_TERMINATORS | \JSON_INVALID_UTF8_SUBSTITUTE | ($isAscii ? 0 : \JSON_UNESCAPED_UNICODE));

        return str_replace("\x7f", $isAscii ? '\\u007f' : "\x7f", $json);
    }

    public function fromJson(mixed $text): mixed
    {
        $text = self::text_($text);
        if ($this->facts->spacedJson && 1 === preg_match('/[-\d]\d{18,}(?![\d.eE])/', (string) preg_replace('/"(?:[^"\\\\]|\\\\.)*+"/s', '', $text))) {
            // It would have to be kept to its last digit.
            throw new RunError('large_number');
        }
        try {
            $data = json_decode($text, false, 200, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw new RunError('no_json', [], BrokenJson::says($text, $this->facts->spacedJson));
        }

        return $this->fromData($data);
    }

    private function fromData(mixed $data): mixed
    {
        Room::spend(1);
        if (\is_array($data)) {
            return new ListValue(array_values(array_map($this->fromData(...), $data)));
        }
        if ($data instanceof \stdClass) {
            $map = new MapValue();
            foreach (get_object_vars($data) as $key => $value) {
                $this->put($map, (string) $key, $this->fromData($value));
            }

            return $map;
        }

        return match (true) {
            null === $data => $this->facts->nullBeside ? Nothing::Null : null,
            \is_int($data) => $this->facts->onlyFractions ? (float) $data : $data,
            default => $data,
        };
    }
}
