<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Catalogue\Slot;

/** Numbers that may be meant where one stands: by what they count, by what is called, or by those before them in a row. */
final class LikelyNumbers
{
    private const ANY = ['1', '2', '3', '0', '10', '5', '4', '7', '9', '6', '8'];
    /** What commands are usually given, by the unit of the argument. */
    private const BY_UNIT = [
        'degrees' => ['90', '120', '60', '45', '72', '144', '180', '135', '30'],
        'steps' => ['50', '60', '100', '20', '40', '10', '80', '30', '70'],
        'seconds' => ['1', '0.5', '0.1', '2', '0.01'],
        'cm' => ['20', '40', '50', '10', '100', '30'],
        'percent' => ['50', '100', '30', '60', '0'],
    ];
    /** What functions and methods are usually given, by name and argument. */
    private const BY_NAME = [
        'range' => [['5', '10', '3', '4', '1', '6', '2', '8', '20', '100', '101'], ['11', '6', '10', '101', '5'], ['2', '-1', '5', '10']],
        'randint' => [['1', '0'], ['6', '10', '100', '3', '20']],
        'randrange' => [['6', '10', '100', '1'], ['7', '10', '11', '101']],
        'random_between' => [['1', '0'], ['6', '10', '100', '3']],
        'sleep' => [['1', '0.5', '0.1', '2', '0.01']],
        'round' => [[], ['2', '1', '0', '3']],
        'toFixed' => [['2', '1', '0', '3']],
        'setprecision' => [['2', '1', '3', '4']],
        'setw' => [['5', '8', '4', '6', '10', '3', '2']],
        'zfill' => [['2', '3', '4', '5']],
        'center' => [['20', '10', '9', '30']],
        'rjust' => [['5', '8', '4', '10', '3']],
        'ljust' => [['10', '8', '12', '5']],
        'padStart' => [['2', '3', '5', '4', '8']],
        'padEnd' => [['10', '8', '12', '5']],
        'pow' => [['2', '10', '3'], ['2', '3', '0.5', '10']],
        'sqrt' => [['16', '2', '9', '25', '49']],
        'slice' => [['0', '1', '-1', '2'], ['3', '-1', '2', '1']],
        'splice' => [['1', '0', '2'], ['1', '0', '2']],
        'substr' => [['0', '1', '2'], ['3', '1', '2', '4']],
        'substring' => [['0', '1', '2'], ['3', '1', '2', '4']],
        'insert' => [['0', '1', '2']],
        'charCodeAt' => [['0', '1']],
        'charAt' => [['0', '1']],
        'at' => [['0', '-1', '1']],
        'get' => [[], ['0', '1']],
        'pop' => [['0', '-1', '1']],
        'divmod' => [[], ['60', '10', '2', '3600']],
    ];

    /**
     * Those that an argument of a command or of a function that is known takes.
     *
     * @param string|null $callee the call whose brackets the place stands in: `nib.forward`, `round`
     *
     * @return list<string> the likeliest first; empty where nothing is known
     */
    public static function of(?Slot $slot, ?string $callee, int $argument): array
    {
        if (null !== $slot?->unit) {
            return self::BY_UNIT[$slot->unit] ?? [];
        }
        $name = substr((string) strrchr('.'.$callee, '.'), 1);

        return self::BY_NAME[$name][$argument] ?? [];
    }

    /**
     * Those that go on a row of numbers, and then the small ones.
     *
     * @param list<float> $row the numbers that stand directly before, two at most, the last one last
     *
     * @return list<string>
     */
    public static function after(array $row): array
    {
        $last = end($row);
        if (false === $last) {
            return self::ANY;
        }
        $step = $last - ($row[\count($row) - 2] ?? $last);
        $next = 1.0 === $step || 0.0 === $step ? [$last + 1] : [$last + $step, $last + 1];
        if ($last >= 10) {
            // Measures lie near each other, and borders far apart.
            array_push($next, $last * 10, $last * 2, $last + 3, $last + 10, $last - 5);
        }
        $next = array_map(static fn (float $number): string => (string) round($number, 6), array_filter($next, static fn (float $number): bool => abs($number) < 1e9));

        // A small number goes on by itself; of great ones the next is seldom the one behind.
        return array_values(array_unique($last >= 10 ? ['1', '2', ...$next, ...self::ANY] : [...$next, ...self::ANY]));
    }
}
