<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Scene\Lawn\Lawn;
use Scrivlet\Core\Scene\Plot\Facing;
use Scrivlet\Core\Scene\Plot\Layout;
use Scrivlet\Core\Scene\Sheet\Drawing;
use Scrivlet\Core\Tree\Setting;

/** What a run leaves behind, as one small picture. */
final class Picture
{
    private const MOST_LINES = 9;

    /** The side of a cell of the plot, in the picture's own units. */
    private const CELL = 40;
    /** What stands in a cell, around its middle; as the player draws it. */
    private const GROUND = [
        Layout::HEDGE => '<rect x="-20" y="-20" width="40" height="40" rx="6" fill="#46703a"/><path d="M3 -9q5 -7 10 0q-5 6 -10 0M5 9q5 -7 10 0q-5 6 -10 0" fill="#5d8a4c"/><path d="M-14 -7q5 -7 10 0q-5 6 -10 0M-5 2q5 -7 10 0q-5 6 -10 0M-15 10q5 -7 10 0q-5 6 -10 0" fill="#39602f"/>',
        Layout::STONE => '<ellipse cx="0" cy="2" rx="14" ry="11" fill="#8b8f98"/><path d="M-9 -2q6 -7 14 -3" fill="none" stroke="#b5b9c1" stroke-width="2.5"/>',
        Layout::GATE => '<path d="M-15 15V-13M15 15V-13M-15 -6H15M-15 7H15M-5 -10V13M5 -10V13" fill="none" stroke="#9a5b21" stroke-width="3.5" stroke-linecap="round"/>',
        Layout::BED => self::BED, Layout::PLANTED_BED => self::BED,
    ];
    private const BED = '<rect x="-15" y="-15" width="30" height="30" rx="5" fill="#d8c4a6" stroke="#8a6a43" stroke-width="1.5" stroke-dasharray="4 3"/>';

    public static function svg(Setting $setting, Trace $trace): string
    {
        $first = Settings::layouts($setting)[0] ?? '';

        return match (SceneName::tryFrom($setting->scene)) {
            SceneName::Plot => self::plot(Layout::read($first), $trace),
            SceneName::Lantern => self::lantern($trace),
            SceneName::Lawn => self::lawn(Lawn::read($first), $trace),
            SceneName::Printout => self::printout($trace),
            default => Drawing::svg($trace),
        };
    }

    private static function plot(Layout $layout, Trace $trace): string
    {
        $marks = $seedlings = [];
        [$x, $y, $facing] = [$layout->x, $layout->y, $layout->facing];
        $place = static fn (int $column, int $row): string => \sprintf('<g transform="translate(%d %d)">', self::CELL * $column - self::CELL / 2, self::CELL * $row - self::CELL / 2);
        foreach ($layout->rows as $row => $signs) {
            foreach (str_split($signs) as $column => $sign) {
                $marks[] = $place($column + 1, $row + 1).'<path d="M-20 -20H20V20H-20Z" fill="'.(($column + $row) % 2 ? '#efe6d6' : '#f4ecdf').'"/>'.(self::GROUND[$sign] ?? '').'</g>';
                if (Layout::SEEDLING === $sign || Layout::PLANTED_BED === $sign) {
                    $seedlings[($column + 1).','.($row + 1)] = [$column + 1, $row + 1];
                }
            }
        }
        foreach ($trace->named() as $event) {
            /** @var array{do: string, x: int, y: int, facing: string} $event */
            switch ($event['do']) {
                case 'roll':
                    $marks[] = \sprintf('<path d="M%d %dL%d %d" stroke="#c4412b" stroke-width="3" opacity="0.5"/>', self::CELL * $x - 20, self::CELL * $y - 20, self::CELL * $event['x'] - 20, self::CELL * $event['y'] - 20);
                    [$x, $y] = [$event['x'], $event['y']];
                    break;
                case 'swing':
                    $facing = Facing::from($event['facing']);
                    break;
                case 'plant':
                    $seedlings["{$event['x']},{$event['y']}"] = [$event['x'], $event['y']];
                    break;
                case 'pick':
                    unset($seedlings["{$event['x']},{$event['y']}"]);
            }
        }
        foreach ($seedlings as [$column, $row]) {
            $marks[] = $place($column, $row).'<path d="M0 12V-3" stroke="#2f7d3f" stroke-width="2.5" fill="none"/><path d="M0 -2C-11 -3 -11 -12 -8 -13C-2 -12 0 -8 0 -2M0 -4C10 -6 10 -14 7 -15C2 -14 0 -9 0 -4" fill="#3f9a52"/></g>';
        }
        [$right, $down] = $facing->step();
        $marks[] = $place($x, $y).\sprintf('<g transform="rotate(%d)"><path d="M-9 -9H-18M-9 9H-18" stroke="#5a4630" stroke-width="3"/><path d="M-11 -10L7 -7V7L-11 10Z" fill="#c4412b" stroke="#7c2416" stroke-width="1.5"/><path d="M8 -3H17V3H8Z" fill="#33302c"/></g></g>', 0 !== $right ? ($right > 0 ? 0 : 180) : ($down > 0 ? 90 : 270));
        [$width, $height] = [self::CELL * \strlen($layout->rows[0]), self::CELL * \count($layout->rows)];

        return self::framed(-20, -20, $width + 40, $height + 40, '#ffffff', $marks);
    }

    private static function lantern(Trace $trace): string
    {
        $rows = array_fill(0, 5, '.........');
        foreach ($trace->named() as $event) {
            /** @var array{do: string, rows: list<string>} $event */
            if ('lamps' === $event['do'] && str_contains(implode('', $event['rows']), '#')) {
                $rows = $event['rows'];
            }
        }
        $marks = ['<rect x="0" y="0" width="100" height="60" rx="5" fill="#26242e" stroke="#6d5a3c" stroke-width="3"/>'];
        foreach ($rows as $row => $lamps) {
            foreach (str_split($lamps) as $column => $lamp) {
                $marks[] = \sprintf('<circle cx="%d" cy="%d" r="3.5" fill="%s"/>', 10 + 10 * $column, 10 + 10 * $row, '#' === $lamp ? '#ffcf4d' : '#3d3b46');
            }
        }

        return self::framed(-20, -23, 140, 105, '#e7e3da', $marks);
    }

    private static function lawn(Lawn $lawn, Trace $trace): string
    {
        $piles = $lawn->piles;
        $way = [[$lawn->x, $lawn->y]];
        foreach ($trace->named() as $event) {
            /** @var array{do: string, index: int, x: float, y: float} $event */
            if ('pose' === $event['do']) {
                $way[] = [$event['x'], $event['y']];
            } elseif ('pile' === $event['do']) {
                $piles[$event['index']] = [$event['x'], $event['y']];
            }
        }
        $marks = ['<circle r="150" fill="#f3ede0"/>', '<circle r="120" fill="#7dae5f"/>'];
        $marks[] = '<polyline fill="none" stroke="#22304f" stroke-width="3" opacity="0.6" points="'.implode(' ', array_map(static fn (array $place): string => \sprintf('%.1f,%.1f', $place[0], -$place[1]), $way)).'"/>';
        foreach ($piles as [$x, $y]) {
            $marks[] = \sprintf('<circle cx="%.1f" cy="%.1f" r="12" fill="#a8692b"/>', $x, -$y);
        }
        [$x, $y] = $way[\count($way) - 1];
        $marks[] = \sprintf('<circle cx="%.1f" cy="%.1f" r="12" fill="#c4412b"/>', $x, -$y);

        return self::framed(-216, -162, 432, 324, '#e4ddcd', $marks);
    }

    private static function printout(Trace $trace): string
    {
        $marks = [];
        foreach (\array_slice(explode("\n", rtrim($trace->printout(), "\n")), 0, self::MOST_LINES) as $index => $line) {
            $text = htmlspecialchars(mb_substr((string) preg_replace('/[\x00-\x1f]/', '', $line), 0, 34), \ENT_XML1);
            $marks[] = \sprintf('<text x="24" y="%d" font-family="monospace" font-size="20" fill="#22304f">%s</text>', 52 + 34 * $index, $text);
        }

        return self::framed(0, 0, 480, 360, '#ffffff', $marks);
    }

    /** @param list<string> $marks */
    private static function framed(int $x, int $y, int $width, int $height, string $ground, array $marks): string
    {
        return \sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="%d %d %d %d" width="480" height="360">', $x, $y, $width, $height)."\n"
            .\sprintf('<rect x="%d" y="%d" width="%d" height="%d" fill="%s"/>', $x - 500, $y - 500, $width + 1000, $height + 1000, $ground)."\n".implode("\n", $marks)."\n</svg>\n";
    }
}
