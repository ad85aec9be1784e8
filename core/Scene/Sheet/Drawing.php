<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Sheet;

use Scrivlet\Core\Run\Trace;

/** What a run leaves on the sheet, as an SVG picture: the same letters as the libraries write to `drawing.svg`. */
final class Drawing
{
    /** Marks beyond this many are left out of a picture. */
    public const MOST_MARKS = 20000;

    public static function svg(Trace $trace): string
    {
        $marks = [];
        $open = null;
        foreach ($trace->named() as $event) {
            /** @var array{do: string, x1: float, y1: float, x2: float, y2: float, x: float, y: float, ink: string, width: float, size: float, text: string, points: list<array{float, float}>} $event */
            switch ($event['do']) {
                case 'clear':
                    $marks = null === $open ? [] : [''];
                    $open = null === $open ? null : 0;
                    break;
                case 'stroke':
                    $marks[] = '<line x1="'.Numeral::of($event['x1']).'" y1="'.Numeral::of(-$event['y1']).'" x2="'.Numeral::of($event['x2']).'" y2="'.Numeral::of(-$event['y2']).'" stroke="'.$event['ink'].'" stroke-width="'.Numeral::of($event['width']).'"/>';
                    break;
                case 'fill_begin':
                    $open = \count($marks);
                    $marks[] = '';
                    break;
                case 'fill':
                    $points = implode(' ', array_map(static fn (array $point): string => Numeral::of($point[0]).','.Numeral::of(-$point[1]), $event['points']));
                    $marks[$open ?? 0] = '<polygon points="'.$points.'" fill="'.$event['ink'].'"/>';
                    $open = null;
                    break;
                case 'dot':
                    $marks[] = '<circle cx="'.Numeral::of($event['x']).'" cy="'.Numeral::of(-$event['y']).'" r="'.Numeral::of($event['size'] / 2).'" fill="'.$event['ink'].'"/>';
                    break;
                case 'write':
                    $marks[] = '<text x="'.Numeral::of($event['x']).'" y="'.Numeral::of(-$event['y']).'" font-family="sans-serif" font-size="16" fill="'.$event['ink'].'">'.self::escape($event['text']).'</text>';
                    break;
            }
        }
        $marks = \array_slice(array_filter($marks, static fn (string $mark): bool => '' !== $mark), 0, self::MOST_MARKS);

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="-240 -180 480 360" width="480" height="360">'."\n"
            .'<rect x="-240" y="-180" width="480" height="360" fill="#ffffff"/>'."\n"
            .'<g stroke-linecap="round">'."\n".implode('', array_map(static fn (string $mark): string => $mark."\n", $marks))."</g>\n</svg>\n";
    }

    /** Characters that XML 1.0 has no place for are left out. */
    private static function escape(string $text): string
    {
        return strtr((string) preg_replace('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', '', $text), ['&' => '&amp;', '<' => '&lt;', '>' => '&gt;']);
    }
}
