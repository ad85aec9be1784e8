<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Language\Language;

/** Expressions in the text of a language, of the operators and functions that a course meets. */
final class ExpressionGenerator
{
    /** Texts that a program of a course may have. */
    private const WORDS = ['bean', 'Kale', '', 'a', 'seed bed', 'leek-3', '42', ' pea '];
    private Randomizer $random;

    public function __construct(private readonly Language $language, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function any(): string
    {
        return match ($this->random->getInt(0, 9)) {
            0, 1, 2, 3 => $this->number(3),
            4, 5, 6 => $this->text(3),
            7, 8 => $this->truth(3),
            default => $this->list(2),
        };
    }

    /** @param list<string> $choices */
    private function one(array $choices): string
    {
        return $choices[$this->random->getInt(0, \count($choices) - 1)];
    }

    private function whole(): string
    {
        return (string) match ($this->random->getInt(0, 5)) {
            0 => $this->random->getInt(0, 3),
            1 => $this->random->getInt(-20, -1),
            2 => $this->random->getInt(100, 99999),
            default => $this->random->getInt(1, 12),
        };
    }

    private function decimal(): string
    {
        return $this->one(['0.5', '2.25', '-1.5', '0.1', '3.0', '1e3', '12.75', '0.2', '100.0']);
    }

    private function number(int $depth): string
    {
        if ($depth <= 0) {
            return 0 === $this->random->getInt(0, 3) ? $this->decimal() : $this->whole();
        }
        $a = fn (): string => $this->number($depth - 1);
        $pair = static fn (string $sign): string => '('.$a().") $sign (".$a().')';
        $shared = [
            static fn (): string => $pair('+'), static fn (): string => $pair('-'), static fn (): string => $pair('*'), static fn (): string => $pair('/'), static fn (): string => $pair('%'),
            static fn (): string => '-(1 + '.$a().')', fn (): string => $this->whole(), fn (): string => $this->decimal(),
        ];
        $own = match ($this->language) {
            Language::Python => [
                static fn (): string => $pair('//'), fn (): string => '('.$this->whole().') ** '.$this->random->getInt(0, 40), static fn (): string => 'abs('.$a().')', fn (): string => 'round('.$a().', '.$this->random->getInt(0, 3).')',
                static fn (): string => 'int('.$a().')', static fn (): string => 'float('.$a().')', fn (): string => 'len('.$this->text($depth - 1).')', static fn (): string => 'max('.$a().', '.$a().')', static fn (): string => 'min('.$a().', '.$a().')',
                fn (): string => 'len('.$this->list($depth - 1).')', static fn (): string => 'sum(['.$a().', '.$a().'])', fn (): string => '('.$this->text(1).').find('.$this->text(0).')', fn (): string => '('.$this->text(1).').count('.$this->text(0).')',
                fn (): string => '('.$a().' if '.$this->truth($depth - 1).' else '.$a().')', static fn (): string => 'round('.$a().')', fn (): string => 'int('.$this->one(['"12"', '" 7 "', '"-3"', '"x"', '"1.5"', '""']).')', fn (): string => 'float('.$this->one(['"2.5"', '"7"', '"x"', '"1e3"']).')',
            ],
            Language::JavaScript => [
                fn (): string => '('.$this->random->getInt(-9, 12).') ** '.$this->random->getInt(0, 12), static fn (): string => 'Math.floor('.$a().')', static fn (): string => 'Math.round('.$a().')', static fn (): string => 'Math.abs('.$a().')', static fn (): string => 'Math.max('.$a().', '.$a().')',
                static fn (): string => 'Math.sqrt('.$a().')', fn (): string => 'Number('.$this->one(['"12"', '" 7 "', '"x"', '""', '"1.5"']).')', fn (): string => 'parseInt('.$this->one(['"12px"', '"x"', '"7.9"']).')', fn (): string => '('.$this->text(1).').length',
                fn (): string => '('.$this->text(1).').indexOf('.$this->text(0).')', fn (): string => '('.$this->truth($depth - 1).' ? '.$a().' : '.$a().')', static fn (): string => 'Math.trunc('.$a().')', fn (): string => $this->list($depth - 1).'.length',
            ],
            Language::Cpp => [
                fn (): string => 'abs('.$this->whole().')', fn (): string => 'sqrt('.$this->random->getInt(0, 50).')', fn (): string => '('.$this->truth($depth - 1).' ? '.$this->whole().' : '.$this->whole().')', fn (): string => 'pow('.$this->random->getInt(1, 5).', '.$this->random->getInt(0, 5).')',
                fn (): string => 'max('.$this->whole().', '.$this->whole().')', fn (): string => 'stoi('.$this->one(['"12"', '"-3"', '"7x"']).')', fn (): string => 'floor('.$this->decimal().')',
            ],
        };
        if (Language::Cpp === $this->language) {
            // `%` is for whole numbers only, and a division by nought is no error that a program could catch.
            $whole = fn (): string => $this->whole();
            $shared = [
                static fn (): string => $pair('+'), static fn (): string => $pair('-'), static fn (): string => $pair('*'), fn (): string => '('.$a().') / '.$this->random->getInt(1, 9), fn (): string => '('.$whole().') % '.$this->random->getInt(1, 9),
                static fn (): string => '('.$a().') / 2.5', static fn (): string => '-('.$a().')', $whole,
            ];
        }

        $chosen = $this->random->getInt(0, 1) ? $shared : $own;

        return $chosen[$this->random->getInt(0, \count($chosen) - 1)]();
    }

    private function quote(string $text): string
    {
        return '"'.$text.'"';
    }

    private function text(int $depth): string
    {
        $word = $this->quote($this->one(self::WORDS));
        if ($depth <= 0) {
            return Language::Cpp === $this->language ? "string($word)" : $word;
        }
        $a = fn (): string => $this->text($depth - 1);
        $n = fn (): string => (string) $this->random->getInt(0, 6);

        return match ($this->language) {
            Language::Python => $this->one([
                $a().' + '.$a(), '('.$a().').upper()', '('.$a().').lower()', '('.$a().').strip()', '('.$a().').replace('.$this->quote('e').', '.$this->quote('E').')', 'str('.$this->number($depth - 1).')', 'str('.$this->truth($depth - 1).')', 'str('.$this->list($depth - 1).')',
                '('.$a().')['.$n().':'.$n().']', '('.$a().')[-'.$n().':]', '('.$a().')['.$n().']', '('.$a().') * '.$this->random->getInt(0, 3), '"-".join(['.$a().', '.$a().'])', 'f"{'.$this->number(1).':.2f}"', 'f"{'.$this->random->getInt(0, 99999).':>7}|"', 'f"<{'.$this->number($depth - 1).'}>"', '('.$a().').title()', '('.$a().')[::-1]',
            ]),
            Language::JavaScript => $this->one([
                $a().' + '.$a(), '('.$a().').toUpperCase()', '('.$a().').trim()', '('.$a().').slice('.$n().', '.$n().')', '('.$a().').slice(-'.$n().')', '('.$a().') + ('.$this->number($depth - 1).')', '`<${'.$this->number($depth - 1).'}>`', '('.$a().').replace("e", "E")', '('.$this->number(1).').toFixed(2)', '('.$a().').padStart('.$n().', "*")', '('.$a().').repeat('.$this->random->getInt(0, 3).')', '('.$a().').split("e").join("-")', 'String('.$this->truth($depth - 1).')',
            ]),
            Language::Cpp => $this->one([$a().' + '.$a(), '('.$a().').substr(0, '.$n().')', 'to_string('.$this->whole().')', 'string('.$this->quote($this->one(self::WORDS)).') + "!"']),
        };
    }

    private function truth(int $depth): string
    {
        [$yes, $no, $and, $or, $not] = Language::Python === $this->language ? ['True', 'False', 'and', 'or', 'not '] : ['true', 'false', '&&', '||', '!'];
        if ($depth <= 0) {
            return $this->one([$yes, $no]);
        }
        $compare = $this->one(Language::JavaScript === $this->language ? ['<', '<=', '>', '>=', '===', '!=='] : ['<', '<=', '>', '>=', '==', '!=']);

        return $this->one([
            '('.$this->number($depth - 1).") $compare (".$this->number($depth - 1).')', '('.$this->text($depth - 1).") $compare (".$this->text($depth - 1).')',
            '('.$this->truth($depth - 1).") $and (".$this->truth($depth - 1).')', '('.$this->truth($depth - 1).") $or (".$this->truth($depth - 1).')', $not.'('.$this->truth($depth - 1).')',
            ...match ($this->language) {
                Language::Python => ['('.$this->text(0).') in ('.$this->text($depth - 1).')', '('.$this->whole().') in '.$this->list($depth - 1), '1 < ('.$this->number($depth - 1).') < 9', '('.$this->text($depth - 1).').isdigit()', '('.$this->text($depth - 1).').startswith("b")'],
                Language::JavaScript => ['('.$this->text($depth - 1).').includes('.$this->text(0).')', '('.$this->text($depth - 1).').startsWith("b")', $this->list($depth - 1).'.includes('.$this->whole().')'],
                Language::Cpp => [],
            },
        ]);
    }

    private function list(int $depth): string
    {
        $items = [];
        for ($count = $this->random->getInt(0, 4); $count > 0; --$count) {
            $items[] = $this->number(min(1, $depth - 1));
        }
        $list = '['.implode(', ', $items).']';
        if (Language::Cpp === $this->language) {
            return $this->number(1);
        }
        if ($depth <= 1) {
            return $list;
        }

        return Language::Python === $this->language
            ? $this->one([$list, "sorted($list)", "{$list}[1:]", "$list + [7]", '[n * 2 for n in '.$list.']', "{$list}[::-1]", '('.$this->text(1).').split()', 'list(range('.$this->random->getInt(0, 5).'))', "$list * 2", '['.$this->text(0).', '.$this->truth(1).']'])
            : $this->one([$list, "{$list}.slice(1)", "{$list}.concat([7])", "{$list}.map((n) => n * 2)", "{$list}.filter((n) => n > 2)", '('.$this->text(1).').split(" ")', '['.$this->text(0).', '.$this->truth(1).']', "{$list}.reverse()"]);
    }
}
