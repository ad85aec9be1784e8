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
        foreach ($layout->rows as $row => $signs) {
            foreach (str_split($signs) as $column => $sign) {
                $fill = match ($sign) {
                    Layout::HEDGE => '#46703a',
                    Layout::STONE => '#8b8f98',
                    Layout::GATE => '#c98a3a',
                    Layout::BED, Layout::PLANTED_BED => '#d8c4a6',
                    default => '#f4ecdf',
                };
                $marks[] = \sprintf('<rect x="%d" y="%d" width="10" height="10" fill="%s"/>', 10 * $column, 10 * $row, $fill);
                if (Layout::SEEDLING === $sign || Layout::PLANTED_BED === $sign) {
                    $seedlings[($column + 1).','.($row + 1)] = [$column + 1, $row + 1];
                }
            }
        }
        foreach ($trace->named() as $event) {
            /** @var array{do: string, x: int, y: int, facing: string} $event */
            switch ($event['do']) {
                case 'roll':
                    $marks[] = \sprintf('<path d="M%d %dL%d %d" stroke="#c4412b" stroke-width="1" opacity="0.5"/>', 10 * $x - 5, 10 * $y - 5, 10 * $event['x'] - 5, 10 * $event['y'] - 5);
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
            $marks[] = \sprintf('<circle cx="%d" cy="%d" r="2.5" fill="#3f9a52"/>', 10 * $column - 5, 10 * $row - 5);
        }
        [$right, $down] = $facing->step();
        $marks[] = \sprintf('<circle cx="%d" cy="%d" r="3.5" fill="#c4412b"/><circle cx="%d" cy="%d" r="1.5" fill="#33302c"/>', 10 * $x - 5, 10 * $y - 5, 10 * $x - 5 + 3 * $right, 10 * $y - 5 + 3 * $down);
        [$width, $height] = [10 * \strlen($layout->rows[0]), 10 * \count($layout->rows)];

        return self::framed(-5, -5, $width + 10, $height + 10, '#ffffff', $marks);
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
