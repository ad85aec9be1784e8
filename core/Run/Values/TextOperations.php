<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Conversion;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\ClassDefinition;

/** What can be done with texts. */
trait TextOperations
{
    /** The bases that a form can name (Python, Format Specification Mini-Language). */
    protected const BASES = ['x' => 16, 'X' => 16, 'o' => 8, 'b' => 2];

    /** A text that an operation takes, which JavaScript makes of anything. */
    protected function word(mixed $value): string
    {
        return self::text_($value);
    }

    public static function text_(mixed $value): string
    {
        if (!\is_string($value)) {
            throw new RunError('not_a_text');
        }
        Room::spend(1 + (\strlen($value) >> 6));

        return $value;
    }

    public function upper(mixed $text): string
    {
        return mb_strtoupper(self::text_($text));
    }

    public function lower(mixed $text): string
    {
        return mb_strtolower(self::text_($text));
    }

    public function upperLetter(mixed $text): string
    {
        return $this->upper($text);
    }

    public function lowerLetter(mixed $text): string
    {
        return $this->lower($text);
    }

    public function title(mixed $text): string
    {
        // A word begins behind whatever is no letter (The Python Standard Library, "str.title").
        return (string) preg_replace_callback('/\p{L}+/u', static fn (array $word): string => mb_convert_case($word[0], \MB_CASE_TITLE), self::text_($text));
    }

    public function capitalized(mixed $text): string
    {
        $text = self::text_($text);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_strtolower(mb_substr($text, 1));
    }

    public function trimmed(mixed $text): string
    {
        return trim(self::text_($text), " \t\n\r\v\f");
    }

    public function trimmedOf(mixed $text, mixed $signs): string
    {
        return $this->trimmedRightOf($this->trimmedLeftOf($text, $signs), $signs);
    }

    public function trimmedLeftOf(mixed $text, mixed $signs): string
    {
        $signs = preg_quote(self::text_($signs), '/');

        return '' === $signs ? self::text_($text) : (string) preg_replace("/^[$signs]+/u", '', self::text_($text));
    }

    public function trimmedRightOf(mixed $text, mixed $signs): string
    {
        $signs = preg_quote(self::text_($signs), '/');

        return '' === $signs ? self::text_($text) : (string) preg_replace("/[$signs]+$/uD", '', self::text_($text));
    }

    /** The Python Standard Library 3.11, `str.splitlines`. */
    public function lines(mixed $text): ListValue
    {
        $text = (string) preg_replace('/(?:\r\n|[\n\r\v\f\x1c-\x1e\x{85}\x{2028}\x{2029}])\z/u', '', self::text_($text), 1, $count);

        return new ListValue('' === $text && 0 === $count ? [] : (preg_split('/\r\n|[\n\r\v\f\x1c-\x1e\x{85}\x{2028}\x{2029}]/u', $text) ?: []));
    }

    public function written(mixed $value): string
    {
        return $this->display($value);
    }

    public function swappedCase(mixed $text): string
    {
        return implode('', array_map(static fn (string $letter): string => mb_strtoupper($letter) === $letter ? mb_strtolower($letter) : mb_strtoupper($letter), mb_str_split(self::text_($text))));
    }

    /** The Python Standard Library 3.11, `str.istitle`. */
    public function isTitled(mixed $text): bool
    {
        $text = self::text_($text);

        return 1 === preg_match('/\p{Lu}|\p{Lt}/u', $text) && 1 !== preg_match('/(?<!\p{L})\p{Ll}|(?<=\p{L})[\p{Lu}\p{Lt}]/u', $text);
    }

    public function caseFolded(mixed $text): string
    {
        return mb_convert_case(self::text_($text), \MB_CASE_FOLD);
    }

    public function withoutStart(mixed $text, mixed $start): string
    {
        [$text, $start] = [self::text_($text), self::text_($start)];

        return str_starts_with($text, $start) ? substr($text, \strlen($start)) : $text;
    }

    public function withoutEnd(mixed $text, mixed $end): string
    {
        [$text, $end] = [self::text_($text), self::text_($end)];

        return '' !== $end && str_ends_with($text, $end) ? substr($text, 0, -\strlen($end)) : $text;
    }

    /** The Python Standard Library 3.11, `str.expandtabs`: up to the next column that is a multiple. */
    public function tabsFilled(mixed $text, mixed $columns): string
    {
        $columns = static::integer($columns);
        [$filled, $column] = ['', 0];
        foreach (mb_str_split(self::text_($text)) as $letter) {
            $spaces = "\t" !== $letter || $columns <= 0 ? 0 : $columns - $column % $columns;
            $filled .= "\t" === $letter ? str_repeat(' ', $spaces) : $letter;
            $column = match ($letter) {
                "\n", "\r" => 0,
                "\t" => $column + $spaces,
                default => $column + 1,
            };
        }

        return $this->bounded($filled);
    }

    /** As `lines` cuts them. */
    public function linesKept(mixed $text): ListValue
    {
        return new ListValue(preg_split('/(?<=\r\n)|(?<=[\n\x0b\f\x1c-\x1e\x{85}\x{2028}\x{2029}])|(?<=\r)(?!\n)/u', self::text_($text), -1, \PREG_SPLIT_NO_EMPTY) ?: []);
    }

    public function splitLast(mixed $text, mixed $at, mixed $most): ListValue
    {
        [$text, $most] = [self::text_($text), static::integer($most)];
        $parts = $this->splitMost($text, $at, -1)->items;
        if ($most < 0 || \count($parts) <= $most) {
            return new ListValue($parts);
        }
        if (null !== $at) {
            return new ListValue([implode(self::text_($at), array_map(self::text_(...), \array_slice($parts, 0, \count($parts) - $most))), ...\array_slice($parts, \count($parts) - $most)]);
        }
        // Between words any blanks stand, which stay in what is not cut.
        preg_match_all('/\S+/u', $text, $words, \PREG_OFFSET_CAPTURE);
        $last = $words[0][\count($parts) - $most - 1] ?? ['', 0];

        return new ListValue([substr($text, 0, $last[1] + \strlen($last[0])), ...\array_slice($parts, \count($parts) - $most)]);
    }

    public function lastIndex(mixed $text, mixed $what): int|float
    {
        $at = $this->lastPosition(self::text_($text), $what);

        return $at < 0 ? throw new RunError('not_in_list', ['value' => mb_substr($this->text($what), 0, 30)], 'substring not found') : $at;
    }

    /** ECMA-402, 19.1.1, as the machines of this place order letters. */
    public function compared(mixed $one, mixed $other): int|float
    {
        $collator = new \Collator('en');

        return $this->count_((int) $collator->compare(self::text_($one), $this->word($other)));
    }

    public function trimmedLeft(mixed $text): string
    {
        return ltrim(self::text_($text), " \t\n\r\v\f");
    }

    public function trimmedRight(mixed $text): string
    {
        return rtrim(self::text_($text), " \t\n\r\v\f");
    }

    /** Zeros stand behind a sign. */
    public function zeroFilled(mixed $text, mixed $length): string
    {
        $text = self::text_($text);
        $sign = 1 === preg_match('/^[+-]/', $text) ? $text[0] : '';

        return $sign.str_repeat('0', max(0, $this->missing_($text, $length))).substr($text, \strlen($sign));
    }

    /** Of an odd number of spaces more stand on the left where the whole length is odd, too, as CPython puts them. */
    public function centred(mixed $text, mixed $length): string
    {
        $missing = max(0, $this->missing_($text, $length));
        $left = intdiv($missing, 2) + ($missing & static::integer($length) & 1);

        return str_repeat(' ', $left).self::text_($text).str_repeat(' ', $missing - $left);
    }

    public function words(mixed $text): ListValue
    {
        return new ListValue(preg_split('/\s+/', self::text_($text), -1, \PREG_SPLIT_NO_EMPTY) ?: []);
    }

    /** Parts of a text, of which the last is all that is left (The Python Standard Library, str.split). */
    public function splitMost(mixed $text, mixed $at, mixed $most): ListValue
    {
        [$text, $most] = [self::text_($text), static::integer($most)];
        if (null === $at) {
            $parts = preg_split('/\s+/u', ltrim($text), $most < 0 ? -1 : $most + 1) ?: [];

            return new ListValue(array_values(array_filter($most < 0 ? array_map(trim(...), $parts) : $parts, static fn (string $part): bool => '' !== $part)));
        }
        if ('' === self::text_($at)) {
            throw new RunError('empty_separator', [], 'empty separator');
        }

        return new ListValue(explode(self::text_($at), $text, $most < 0 ? \PHP_INT_MAX : $most + 1));
    }

    public function split(mixed $text, mixed $separator): ListValue
    {
        if ($separator instanceof PatternValue) {
            return $this->splitFitting(self::text_($text), $separator);
        }
        $separator = $this->word($separator);

        if ('' === $separator && $this->facts->strictTexts) {
            throw new RunError('empty_separator', [], 'empty separator');
        }

        return '' === $separator ? $this->letters($text) : new ListValue(explode($separator, self::text_($text)));
    }

    public function letters(mixed $text): ListValue
    {
        return new ListValue($this->facts->spreads && ($text instanceof ListValue || $text instanceof MapValue) ? $this->over($text) : mb_str_split(self::text_($text)));
    }

    public function joined(mixed $list, mixed $separator): string
    {
        $parts = [];
        foreach ($this->over($list) as $item) {
            $parts[] = $this->part($item);
        }

        return $this->bounded(implode($this->word($separator), $parts));
    }

    /** A list's item as a part of a joined text. */
    protected function part(mixed $item): string
    {
        return self::text_($item);
    }

    public function textFrom(mixed $text, mixed $from): string
    {
        $part = $this->slice(self::text_($text), $from, null);

        return \is_string($part) ? $part : '';
    }

    /** Nothing beyond the ends (ECMA-262, 22.1.3.2). */
    public function letterAt(mixed $text, mixed $at): string
    {
        $at = static::integer($at);

        return $at < 0 ? '' : mb_substr(self::text_($text), $at, 1);
    }

    public function textPart(mixed $text, mixed $from, mixed $count): string
    {
        $part = $this->slice(self::text_($text), $from, static::integer($from) + static::integer($count));

        return \is_string($part) ? $part : '';
    }

    /** Between two places in either order, those before the start being the start (ECMAScript 2022, 22.1.3.24). */
    public function substring(mixed $text, mixed $from, mixed $to): string
    {
        $size = mb_strlen(self::text_($text));
        [$from, $to] = [max(0, min($size, static::integer($from))), max(0, min($size, static::integer($to)))];
        $part = $this->slice(self::text_($text), min($from, $to), max($from, $to));

        return \is_string($part) ? $part : '';
    }

    public function withLetter(mixed $text, mixed $index, mixed $letter): string
    {
        $letters = mb_str_split(self::text_($text));
        $at = $this->place($index, \count($letters)) ?? throw new RunError('no_item', ['index' => static::integer($index), 'size' => \count($letters)]);
        $letters[$at] = \is_string($letter) ? $letter : $this->letter($letter);

        return implode('', $letters);
    }

    /** A text as C has it, which ends where a letter is nought, and grows by what is put behind it (C11, 7.1.1). */
    public function withLetterOfC(mixed $text, mixed $index, mixed $letter): string
    {
        [$text, $at] = [self::text_($text), static::integer($index)];
        $letter = \is_string($letter) ? $letter : $this->letter($letter);
        if ($at < 0) {
            throw new RunError('no_item', ['index' => $at, 'size' => mb_strlen($text)]);
        }
        $before = mb_substr($text, 0, $at);
        if ("\0" === $letter) {
            return $before;
        }

        return $this->bounded($before.str_repeat("\0", max(0, $at - mb_strlen($text))).$letter.mb_substr($text, $at + 1));
    }

    public function replaced(mixed $text, mixed $old, mixed $new): string
    {
        if ($old instanceof PatternValue) {
            return $this->replacedFitting(self::text_($text), $old, $new);
        }
        $old = $this->word($old);
        if ('' === $old) {
            $new = $this->word($new);

            return $this->bounded($new.implode($new, mb_str_split(self::text_($text))).$new);
        }

        return $this->bounded(str_replace($old, $this->word($new), self::text_($text)));
    }

    /** So many of the first; all where the number is below nought (The Python Standard Library, str.replace). */
    public function replacedSome(mixed $text, mixed $old, mixed $new, mixed $most): string
    {
        $most = static::integer($most);
        if ($most < 0) {
            return $this->replaced($text, $old, $new);
        }
        [$text, $old, $new] = [self::text_($text), self::text_($old), self::text_($new)];
        $parts = '' === $old ? ['', ...mb_str_split($text), ''] : explode($old, $text);
        $made = array_shift($parts);
        foreach ($parts as $index => $part) {
            $made .= ($index < $most ? $new : $old).$part;
        }

        return $this->bounded($made);
    }

    public function replacedFirst(mixed $text, mixed $old, mixed $new): string
    {
        $text = self::text_($text);
        if ($old instanceof PatternValue) {
            return $this->replacedFitting($text, $old, $new);
        }
        $old = $this->word($old);
        $at = strpos($text, $old);

        return false === $at ? $text : substr_replace($text, $this->word($new), $at, \strlen($old));
    }

    /** A template filled with one value or with all of a tuple (The Python Standard Library, printf-style String Formatting). */
    public function percent(mixed $template, mixed $values): string
    {
        $given = $values instanceof ListValue && $values->fixed ? $values->items : [$values];
        $template = self::text_($template);
        if ($values instanceof MapValue && str_contains($template, '%(')) {
            // Each form names the key of its value.
            $given = [];
            $template = (string) preg_replace_callback('/%%|%\(([^()]*)\)/', function (array $form) use ($values, &$given): string {
                if (isset($form[1])) {
                    $given[] = $this->item($values, $form[1]);
                }

                return isset($form[1]) ? '%' : $form[0];
            }, $template);
        }
        $text = '';
        foreach (Conversion::pieces($template) as $piece) {
            if ('%%' === $piece || '%' !== $piece[0]) {
                $text .= '%%' === $piece ? '%' : $piece;
                continue;
            }
            $conversion = Conversion::of($piece) ?? throw new RunError('no_form', ['form' => $piece]);
            if ([] === $given) {
                throw new RunError('few_arguments');
            }
            $value = array_shift($given);
            if ($conversion->isWhole() && \is_string($value)) {
                throw new RunError('not_a_number', ['value' => mb_substr($value, 0, 30)], "%{$conversion->kind} format: a real number is required, not str");
            }
            $value = $conversion->isWhole() ? $this->toWhole($value) : $value;
            $text .= '' === $conversion->form() ? $this->show($value) : $this->formatted('s' === $conversion->kind ? $this->show($value) : $value, $conversion->form());
        }
        if ([] !== $given) {
            throw new RunError('few_arguments');
        }

        return $this->bounded($text);
    }

    /** Fields counted or numbered, filled with the items of a list (The Python Standard Library, Format String Syntax). */
    public function filledTemplate(mixed $template, mixed $values): string
    {
        $given = $this->over($values);
        $next = 0;

        return $this->bounded((string) preg_replace_callback('/\{\{|\}\}|\{(\d*)(?::([^{}]*))?\}/', function (array $field) use ($given, &$next): string {
            if ('{{' === $field[0] || '}}' === $field[0]) {
                return $field[0][0];
            }
            $place = '' === ($field[1] ?? '') ? $next++ : (int) $field[1];
            $value = \array_key_exists($place, $given) ? $given[$place] : throw new RunError('no_item', ['index' => $place, 'size' => \count($given)]);

            return '' === ($field[2] ?? '') ? $this->show($value) : $this->formatted($value, $field[2]);
        }, self::text_($template)));
    }

    public function letterTable(mixed $from, mixed $to = null, mixed $gone = ''): MapValue
    {
        if (null === $to) {
            $table = new MapValue();
            foreach (self::map_($from)->entries as [$letter, $becomes]) {
                $this->put($table, \is_string($letter) ? mb_ord($letter) : $letter, $becomes);
            }

            return $table;
        }
        [$from, $to] = [mb_str_split(self::text_($from)), mb_str_split(self::text_($to))];
        if (\count($from) !== \count($to)) {
            throw new RunError('unequal_letters', ['one' => \count($from), 'other' => \count($to)], 'the first two maketrans arguments must have equal length');
        }
        $table = new MapValue();
        foreach ($from as $index => $letter) {
            $this->put($table, mb_ord($letter), mb_ord($to[$index]));
        }
        foreach (mb_str_split(self::text_($gone)) as $letter) {
            $this->put($table, mb_ord($letter), null);
        }

        return $table;
    }

    public function translated(mixed $text, mixed $table): string
    {
        $entries = self::map_($table)->entries;

        return implode('', array_map(static function (string $letter) use ($entries): string {
            $to = $entries[MapValue::tag(mb_ord($letter))] ?? null;

            return match (true) {
                null === $to => $letter,
                \is_int($to[1]) => (string) mb_chr($to[1]),
                default => \is_string($to[1]) ? $to[1] : '',
            };
        }, mb_str_split(self::text_($text))));
    }

    /** @return ListValue what stands before the first place of a part, the part, and what stands behind it */
    public function parted(mixed $text, mixed $part): ListValue
    {
        [$text, $part] = [self::text_($text), self::text_($part)];
        $at = '' === $part ? throw new RunError('no_form', ['form' => '']) : strpos($text, $part);

        return new ListValue(false === $at ? [$text, '', ''] : [substr($text, 0, $at), $part, substr($text, $at + \strlen($part))], true);
    }

    /** @return ListValue what stands before the last place of a part, the part, and what stands behind it */
    public function partedLast(mixed $text, mixed $part): ListValue
    {
        [$text, $part] = [self::text_($text), self::text_($part)];
        $at = '' === $part ? throw new RunError('no_form', ['form' => '']) : strrpos($text, $part);

        return new ListValue(false === $at ? ['', '', $text] : [substr($text, 0, $at), $part, substr($text, $at + \strlen($part))], true);
    }

    public function textStream(mixed $text): StreamValue
    {
        return new StreamValue(self::text_($text));
    }

    /** What gathers the text of an object that is put on the console's stream. */
    final public function showingStream(): StreamValue
    {
        return new StreamValue('', null, $this->formOf(null));
    }

    public function putOn(mixed $stream, mixed $text): void
    {
        self::stream_($stream)->put($this->bounded($this->text($text)));
    }

    private ?FormState $form = null;

    /** The difference of the first letters that differ, or else of the lengths, as libstdc++ gives it (C++17, 24.3.2.7.9). */
    public function orderOfTexts(mixed $one, mixed $other): int
    {
        [$one, $other] = [self::text_($one), self::text_($other)];
        $same = strspn($one ^ $other, "\0");

        return $same < min(\strlen($one), \strlen($other)) ? \ord($one[$same]) - \ord($other[$same]) : \strlen($one) - \strlen($other);
    }

    /** Rows of letters end with a nought, which is compared as well (C11, 7.24.4.2). */
    public function orderOfRows(mixed $one, mixed $other): int
    {
        return $this->orderOfTexts(self::text_($one)."\0", self::text_($other)."\0");
    }

    /** What is written to the console or to a stream of its own is shown in another way from here on. */
    public function toldForm(mixed $word, mixed $argument = null, mixed $stream = null): string
    {
        $this->formOf($stream)->told(self::text_($word), \is_int($argument) || \is_string($argument) ? $argument : (null === $argument ? null : static::integer($argument)));

        return '';
    }

    /** A value in the way of a stream, filled up to a width. */
    public function shownFormed(mixed $value, mixed $width = 0, mixed $stream = null): string
    {
        if (null === $stream && $value instanceof MapValue && $this->can($value, ClassDefinition::SHOWS)) {
            // The first piece that the object puts is filled up.
            $this->formOf($stream)->told('setw', min(1000, null === $width ? 0 : static::integer($width)));

            return $this->bounded($this->text($value));
        }

        return $this->bounded($this->formOf($stream)->shown($value, min(1000, null === $width ? 0 : static::integer($width)), fn (mixed $one, string $form): string => $this->formatted($one, $form), fn (mixed $one): string => $this->text($one)));
    }

    final public function formOf(mixed $stream): FormState
    {
        return $stream instanceof StreamValue ? $stream->form : $this->form ??= new FormState();
    }

    public function openStream(mixed $stream): bool
    {
        return self::stream_($stream)->isOpen;
    }

    public function failedStream(mixed $stream): bool
    {
        return self::stream_($stream)->hasFailed();
    }

    public function goodStream(mixed $stream): bool
    {
        $stream = self::stream_($stream);

        return !$stream->hasFailed() && !$stream->hasEnded();
    }

    public function endedStream(mixed $stream): bool
    {
        return self::stream_($stream)->hasEnded();
    }

    public function closedStream(mixed $stream): void
    {
        self::stream_($stream)->isOpen = false;
    }

    public function streamedText(mixed $stream): string
    {
        return self::stream_($stream)->text();
    }

    public function streamedSet(mixed $stream, mixed $text): void
    {
        self::stream_($stream)->become(self::text_($text));
    }

    public function streamCleared(mixed $stream): void
    {
        self::stream_($stream)->clear();
    }

    private static function stream_(mixed $stream): StreamValue
    {
        return $stream instanceof StreamValue ? $stream : throw new RunError('not_a_text');
    }

    public function centredWith(mixed $text, mixed $width, mixed $sign): string
    {
        $sign = self::text_($sign);
        if (1 !== mb_strlen($sign)) {
            throw new RunError('one_letter');
        }
        $text = self::text_($text);
        $missing = max(0, min(self::LONGEST, static::integer($width)) - mb_strlen($text));
        // CPython puts the odd one on the left where the width is odd.
        $left = intdiv($missing, 2) + ($missing & static::integer($width) & 1);

        return $this->bounded(str_repeat($sign, $left).$text.str_repeat($sign, $missing - $left));
    }

    public function starts(mixed $text, mixed $part): bool
    {
        // In Python it may be one of several.
        return $part instanceof ListValue && $part->fixed ? [] !== array_filter($part->items, fn (mixed $one): bool => $this->starts($text, $one)) : str_starts_with(self::text_($text), $this->word($part));
    }

    public function ends(mixed $text, mixed $part): bool
    {
        return $part instanceof ListValue && $part->fixed ? [] !== array_filter($part->items, fn (mixed $one): bool => $this->ends($text, $one)) : str_ends_with(self::text_($text), $this->word($part));
    }

    public function isDigits(mixed $text): bool
    {
        return 1 === preg_match('/^\d+$/D', self::text_($text));
    }

    public function isDecimal(mixed $text): bool
    {
        return 1 === preg_match('/^\p{Nd}+$/uD', self::text_($text));
    }

    public function isNumeric(mixed $text): bool
    {
        return 1 === preg_match('/^\p{N}+$/uD', self::text_($text));
    }

    public function isAscii(mixed $text): bool
    {
        return 1 === preg_match('/^[\x00-\x7f]*$/D', self::text_($text));
    }

    /** Whether it could be a name (The Python Language Reference, 2.3). */
    public function isName(mixed $text): bool
    {
        return 1 === preg_match('/^[\p{L}_][\p{L}\p{N}_]*$/uD', self::text_($text));
    }

    public function isLetters(mixed $text): bool
    {
        return 1 === preg_match('/^\p{L}+$/uD', self::text_($text));
    }

    public function isUpper(mixed $text): bool
    {
        $text = self::text_($text);

        return 1 === preg_match('/\p{Lu}/u', $text) && 1 !== preg_match('/\p{Ll}/u', $text);
    }

    public function isLower(mixed $text): bool
    {
        $text = self::text_($text);

        return 1 === preg_match('/\p{Ll}/u', $text) && 1 !== preg_match('/\p{Lu}/u', $text);
    }

    public function isSpace(mixed $text): bool
    {
        return 1 === preg_match('/^\s+$/D', self::text_($text));
    }

    public function isPlain(mixed $text): bool
    {
        return 1 === preg_match('/^[\p{L}\p{Nd}]+$/uD', self::text_($text));
    }

    public function lettersBetween(mixed $from, mixed $to): ListValue
    {
        [$from, $to] = [(int) mb_ord(self::text_($from)), (int) mb_ord(self::text_($to))];

        return new ListValue($from > $to ? [] : array_map(static fn (int $code): string => (string) mb_chr($code), range($from, min($to, $from + self::MOST_ITEMS))));
    }

    public function paddedLeft(mixed $text, mixed $length, mixed $with): string
    {
        return $this->padding($text, $length, $with).self::text_($text);
    }

    public function paddedRight(mixed $text, mixed $length, mixed $with): string
    {
        return self::text_($text).$this->padding($text, $length, $with);
    }

    /** As much of the signs, again and again, as is missing (ECMA-262, 22.1.3.17.1). */
    private function padding(mixed $text, mixed $length, mixed $with): string
    {
        $with = $this->word($with);
        if ($this->facts->strictTexts && 1 !== mb_strlen($with)) {
            throw new RunError('one_letter');
        }
        $missing = max(0, $this->missing_($text, $length));

        return '' === $with ? '' : mb_substr(str_repeat($with, intdiv($missing, mb_strlen($with)) + 1), 0, $missing);
    }

    private function missing_(mixed $text, mixed $length): int
    {
        $wanted = static::integer($length);

        return $wanted > 2 ** 29 ? throw new RunError('long_text', ['longest' => self::LONGEST], 'Invalid string length') : min(self::LONGEST, $wanted) - mb_strlen(self::text_($text));
    }

    public function code(mixed $letter): int|float
    {
        $text = self::text_($letter);

        return '' === $text || $this->wantsOneLetter() && 1 !== mb_strlen($text) ? $this->noLetter() : $this->count_((int) mb_ord($text));
    }

    /** Whether the code of a longer text is a mistake. */
    protected function wantsOneLetter(): bool
    {
        return false;
    }

    /** The code of the first letter where there is none. */
    protected function noLetter(): int|float
    {
        return $this->count_(0);
    }

    public function letter(mixed $code): string
    {
        return \is_string($code) ? $code : (string) mb_chr(max(0, min(0x10FFFF, static::integer($code))));
    }

    /** Python's and `printf`'s forms for numbers and texts: fill, align, sign, width, comma, precision, type. */
    private static function inBaseOf(string $type, BigInteger $number, bool $isTold): string
    {
        $digits = $number->abs()->toBase(self::BASES[$type]);

        return ($number->isNegative() ? '-' : '').($isTold ? "0$type" : '').('X' === $type ? strtoupper($digits) : $digits);
    }

    public function formatted(mixed $value, mixed $form): string
    {
        if (1 !== preg_match('/^(?:(.)?([<>^=]))?([+ -])?(#)?(0)?(\d+)?([,_])?(?:\.(\d+))?([dfFgGsxXobeEc%])?$/uD', self::text_($form), $match, \PREG_UNMATCHED_AS_NULL)) {
            throw new RunError('no_form', ['form' => mb_substr(self::text_($form), 0, 20)]);
        }
        [, $fill, $align, $sign, $based, $zero, $width, $comma, $precision, $type] = [...$match, null, null, null, null, null, null, null, null, null];
        $isCapital = null !== $type && \in_array($type, ['F', 'E', 'G'], true);
        $type = $isCapital ? strtolower((string) $type) : $type;
        // Where a form is given, a truth value is a number (Python, bool is an int and has its __format__).
        $value = \is_bool($value) && '' !== $form ? (int) $value : $value;
        $isNumber = \is_int($value) || \is_float($value) || $value instanceof BigInteger;
        if (!$isNumber && null !== $type && 's' !== $type && !\is_bool($value)) {
            throw new RunError('not_a_number', ['value' => mb_substr($this->text($value), 0, 30)]);
        }
        if ('' !== $form && $this->facts->strictTexts) {
            $this->checkForm($value, null !== $sign || null !== $comma || '=' === $align, $type);
        }
        if ('c' === $type) {
            [$value, $type, $isNumber] = [$this->letter($value), null, false];
        }
        $isInBase = null !== $type && isset(self::BASES[$type]);
        if ('%' === $type && \is_float($value) && !is_finite($value)) {
            return $this->formatted($this->text($value).'%', null === $width ? '' : ($fill ?? ' ').($align ?? '>').$width);
        }
        if (\is_float($value) && !is_finite($value) || $value instanceof BigInteger && (null === $type || 'd' === $type)) {
            $type = $precision = null;
        }
        $text = match (true) {
            !$isNumber => null === $precision ? $this->text($value) : mb_substr($this->text($value), 0, (int) $precision),
            null !== $type && $isInBase => self::inBaseOf($type, $value instanceof BigInteger ? $value : BigInteger::of(static::integer($value)), null !== $based),
            '%' === $type => Decimal::fixed(static::numeric($value) * 100.0, null === $precision ? 6 : min(50, (int) $precision)).'%',
            'f' === $type => Decimal::fixed(static::numeric($value), null === $precision ? 6 : min(50, (int) $precision)),
            'e' === $type => Decimal::exponential((float) static::numeric($value), null === $precision ? 6 : min(50, (int) $precision)),
            'g' === $type => Decimal::general((float) static::numeric($value), null === $precision ? 6 : min(50, (int) $precision)),
            null === $type && null !== $precision && \is_float($value) => Decimal::general($value, min(50, (int) $precision), true),
            default => $this->text($value),
        };
        if (null !== $comma) {
            $size = $isInBase && 'd' !== $type ? 4 : 3;
            // Noughts that fill it up are told apart like its own digits.
            $wanted = null === $zero || null !== $align ? 0 : min(1000, (int) $width) - (null === $sign || '-' === $sign || str_starts_with($text, '-') ? 0 : 1);
            $text = (string) preg_replace_callback('/^([+ -]?(?:0[xXob])?)([0-9a-fA-F]+)(?=\.|%|e|$)(.*)/D', static function (array $number) use ($comma, $size, $wanted): string {
                for ($digits = strrev($number[2]); \strlen($told = $number[1].strrev(implode($comma, str_split($digits, $size))).$number[3]) < $wanted; $digits .= '0') {
                }

                return $told;
            }, $text);
        }
        $text = $isCapital ? strtoupper($text) : $text;
        if ($isNumber && !str_starts_with($text, '-') && ('+' === $sign || ' ' === $sign)) {
            $text = $sign.$text;
        }
        $missing = min(1000, (int) $width) - mb_strlen($text);
        if ($missing <= 0) {
            return $text;
        }
        if (null !== $zero && null === $align && $isNumber || '=' === $align) {
            $signs = 1 === preg_match(null === $based ? '/^[+ -]/' : '/^[+ -]?(?:0[xXob])?/', $text, $first) ? \strlen($first[0]) : 0;

            return substr($text, 0, $signs).str_repeat('=' === $align ? $fill ?? (null === $zero ? ' ' : '0') : '0', $missing).substr($text, $signs);
        }
        // A nought before the width fills, where no other sign does.
        $fill ??= null === $zero ? ' ' : '0';
        $left = match ($align ?? ($isNumber ? '>' : '<')) {
            '<' => 0,
            '^' => intdiv($missing, 2),
            default => $missing,
        };

        return str_repeat($fill, $left).$text.str_repeat($fill, $missing - $left);
    }

    /** What has no forms, or not that one, where a language says so (The Python Standard Library, Format Specification Mini-Language). */
    protected function checkForm(mixed $value, bool $isOfNumbers, ?string $type): void
    {
    }

    public function fixed(mixed $value, mixed $digits): string
    {
        return Decimal::fixed((float) static::numeric($value), max(0, min(50, static::integer($digits))));
    }

    /**
     * A text with gaps that the values behind it fill, and what is left of them behind it (the Console standard, 2.2, and what
     * Node.js does where that leaves it open).
     */
    public function logged(mixed $form, mixed ...$values): string
    {
        if (!\is_string($form)) {
            return implode(' ', array_map($this->show(...), [$form, ...$values]));
        }
        $text = (string) preg_replace_callback('/%[sdifjOc%]/', function (array $gap) use (&$values): string {
            if ('%%' === $gap[0] || [] === $values) {
                return '%%' === $gap[0] ? '%' : $gap[0];
            }
            $value = array_shift($values);

            return match ($gap[0]) {
                '%c' => '',
                '%s' => $this->filledIn($value),
                '%j' => $this->text($this->json($value)),
                '%O' => \is_string($value) ? $this->display($value) : $this->show($value),
                '%d' => $this->show($value instanceof MapValue ? \NAN : $this->toNumber($value instanceof ListValue ? $this->text($value) : $value)),
                '%i' => $this->show($this->toWhole($this->text($value))),
                default => $this->show($this->leadingNumber($this->text($value))),
            };
        }, $form);

        return implode(' ', [$text, ...array_map($this->show(...), $values)]);
    }

    /** What a table of a value shows; only JavaScript draws one. */
    public function tabled(mixed $value, mixed $columns = null): string
    {
        return $this->show($value);
    }

    protected function filledIn(mixed $value): string
    {
        return $this->show($value);
    }
}
