<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** Texts and files as nobody of us would write them, made of those we have. */
final class Strange
{
    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** A few lines of a program with a few of its words doubled, swapped, taken away, made very long or nested deep. */
    public function text(Language $language, string $text): string
    {
        $lines = explode("\n", $text);
        $from = 0 === $this->random->getInt(0, 2) ? 0 : $this->random->getInt(0, \count($lines) - 1);
        $tokens = $language->tokens(implode("\n", \array_slice($lines, $from, $this->random->getInt(3, 20))));
        $words = array_map(static fn ($token): string => $token->text, $tokens);
        for ($change = $this->random->getInt(1, 4); $change > 0 && [] !== $words; --$change) {
            $at = $this->random->getInt(0, \count($words) - 1);
            $kind = ($tokens[$at] ?? null)?->kind;
            $words[$at] = match ($this->random->getInt(0, 11)) {
                0 => $words[$at].' '.$words[$at],
                1 => '',
                2 => $words[$this->random->getInt(0, \count($words) - 1)],
                3 => TokenKind::Name === $kind ? str_repeat($words[$at], 60) : $words[$at].' ',
                4 => TokenKind::Number === $kind ? ['1e400', '99999999999999999999', '0x', '1e-400', '.5', '5.', '1_000', '007'][$this->random->getInt(0, 7)] : $words[$at],
                5 => TokenKind::Number === $kind || TokenKind::Name === $kind ? implode([' + ', ' - ', ' and ', ' || ', '.', ', '][$this->random->getInt(0, 5)], array_fill(0, $this->random->getInt(20, 40), $words[$at])) : $words[$at],
                6 => str_repeat(['(', '[', '-', 'not ', '!', '{'][$open = $this->random->getInt(0, 5)], $count = $this->random->getInt(10, 40)).$words[$at].str_repeat([')', ']', '', '', '', '}'][$open], $count),
                7 => $words[$at].', '.$words[$at],
                8 => ' '.['if', 'for', 'def', 'return', 'break', 'lambda x, x: x', 'function', '=>', 'case', 'else', 'in', 'global', 'x', '"', "\f", ';'][$this->random->getInt(0, 15)].' ',
                9 => '='.$words[$at],
                10 => $words[$at]."\n".str_repeat(' ', $this->random->getInt(0, 9)),
                default => "('a', 2, 'b', {1: 2})",
            };
        }

        return implode('', $words);
    }

    /**
     * A project's data with parts of it in other places, of other kinds, or gone.
     *
     * @param array<mixed> $data
     *
     * @return array<mixed>
     */
    public function data(array $data): array
    {
        $parts = [];
        $collect = static function (array $data) use (&$collect, &$parts): void {
            foreach ($data as $key => $part) {
                $parts[] = [$key, $part];
                if (\is_array($part)) {
                    $collect($part);
                }
            }
        };
        $collect($data['program'] ?? $data);
        for ($change = $this->random->getInt(1, 3); $change > 0; --$change) {
            $left = $this->random->getInt(1, max(1, \count($parts)));
            $data = $this->changed($data, $left, $parts);
        }

        return $data;
    }

    /**
     * @param array<mixed>              $data
     * @param list<array{mixed, mixed}> $parts
     *
     * @return array<mixed>
     */
    private function changed(array $data, int &$left, array $parts): array
    {
        foreach ($data as $key => $part) {
            if (0 === --$left) {
                switch ($this->random->getInt(0, 4)) {
                    case 0:
                        $isList = array_is_list($data);
                        unset($data[$key]);

                        return $isList ? array_values($data) : $data;
                    case 1:
                        $data[$key] = [null, true, [], '', 'x', -1, 1.5, 'change_and', ['variable' => 'bed'], [1], '99999999999999999999', "\u{feff}", ['operator' => 'add', 'of' => [1]]][$this->random->getInt(0, 12)];

                        return $data;
                    case 2:
                        $data[$key] = [] === $parts ? null : $parts[$this->random->getInt(0, \count($parts) - 1)][1];

                        return $data;
                    case 3:
                        $data[[] === $parts ? 'x' : $parts[$this->random->getInt(0, \count($parts) - 1)][0]] = $part;

                        return $data;
                    default:
                        $data[$key] = \is_string($part) ? ['change_and', 'change_join', 'set_item', 'set_several', 'perform', 'lambda', 'unread', 'import', 'print', 'for_each', 'on_tapped', 'nib.open_shape', 'less', 'join', 'power'][$this->random->getInt(0, 14)] : [$part];

                        return $data;
                }
            }
            if (\is_array($part)) {
                $data[$key] = $this->changed($part, $left, $parts);
                if ($left <= 0) {
                    return $data;
                }
            }
        }

        return $data;
    }
}
