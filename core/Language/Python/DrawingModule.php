<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\TextLiteral;

/**
 * What the functions of Python's standard drawing module mean for the nib (The Python Standard Library 3.11, `turtle`).
 */
final class DrawingModule
{
    public const NAME = 'turtle';

    /** Functions of the module by the nib's command of the same arguments; the first one is what is written. */
    private const COMMANDS = [
        'nib.forward' => ['forward', 'fd'], 'nib.back' => ['back', 'bk', 'backward'], 'nib.left' => ['left', 'lt'], 'nib.right' => ['right', 'rt'],
        'nib.move_to' => ['goto', 'setpos', 'setposition'], 'nib.face' => ['setheading', 'seth'], 'nib.lift' => ['penup', 'pu', 'up'], 'nib.lower' => ['pendown', 'pd', 'down'],
        'nib.ink' => ['pencolor', 'color'], 'nib.width' => ['pensize', 'width'], 'nib.close_shape' => ['end_fill'], 'nib.dot' => ['dot'], 'nib.circle' => ['circle'],
        'nib.home' => ['home'], 'nib.reset' => ['reset', 'resetscreen'], 'nib.write' => ['write'], 'nib.pace' => ['speed'], 'nib.appear' => ['showturtle', 'st'], 'nib.vanish' => ['hideturtle', 'ht'],
        'nib.clear' => ['clear', 'clearscreen'], 'nib.x' => ['xcor'], 'nib.y' => ['ycor'], 'nib.facing' => ['heading'],
    ];
    /** Functions that the sheet has nothing for; their rows stay in the text and do nothing. */
    public const WITHOUT_EFFECT = ['fillcolor', 'shape', 'bgcolor', 'done', 'mainloop', 'exitonclick', 'title', 'setup', 'tracer', 'update', 'delay', 'screensize', 'shapesize', 'bye', 'hideturtles', 'mode', 'colormode', 'getscreen', 'listen', 'Screen'];
    /** What makes an object that draws, or the window. */
    public const MAKERS = ['Turtle', 'Pen', 'RawTurtle', 'Screen', 'getscreen'];
    private const SPEEDS = ['fastest' => 0, 'fast' => 10, 'normal' => 6, 'slow' => 3, 'slowest' => 1];
    /** Usual names of colours, as X11 has them. */
    private const COLOURS = [
        'black' => '#000000', 'white' => '#ffffff', 'red' => '#ff0000', 'green' => '#00ff00', 'blue' => '#0000ff', 'yellow' => '#ffff00', 'orange' => '#ffa500',
        'purple' => '#a020f0', 'pink' => '#ffc0cb', 'brown' => '#a52a2a', 'gray' => '#bebebe', 'grey' => '#bebebe', 'cyan' => '#00ffff', 'magenta' => '#ff00ff',
        'gold' => '#ffd700', 'violet' => '#ee82ee', 'turquoise' => '#40e0d0', 'navy' => '#000080', 'maroon' => '#b03060', 'darkgreen' => '#006400', 'dark green' => '#006400',
        'lightblue' => '#add8e6', 'light blue' => '#add8e6', 'lightgreen' => '#90ee90', 'light green' => '#90ee90', 'darkblue' => '#00008b', 'dark blue' => '#00008b',
        'skyblue' => '#87ceeb', 'sky blue' => '#87ceeb', 'forestgreen' => '#228b22', 'forest green' => '#228b22', 'indigo' => '#4b0082', 'coral' => '#ff7f50', 'salmon' => '#fa8072',
        'tan' => '#d2b48c', 'beige' => '#f5f5dc', 'lime' => '#00ff00', 'limegreen' => '#32cd32', 'olive' => '#808000', 'tomato' => '#ff6347', 'silver' => '#c0c0c0',
        'royalblue' => '#4169e1', 'dodgerblue' => '#1e90ff', 'seagreen' => '#2e8b57', 'orchid' => '#da70d6', 'khaki' => '#f0e68c', 'plum' => '#dda0dd', 'crimson' => '#dc143c', 'chocolate' => '#d2691e', 'ivory' => '#fffff0',
        'red1' => '#ff0000', 'red2' => '#ee0000', 'red3' => '#cd0000', 'red4' => '#8b0000', 'green1' => '#00ff00', 'green2' => '#00ee00', 'green3' => '#00cd00', 'green4' => '#008b00',
        'blue1' => '#0000ff', 'blue2' => '#0000ee', 'blue3' => '#0000cd', 'blue4' => '#00008b', 'yellow1' => '#ffff00', 'yellow2' => '#eeee00', 'yellow3' => '#cdcd00', 'yellow4' => '#8b8b00',
        'orange1' => '#ffa500', 'orange2' => '#ee9a00', 'orange3' => '#cd8500', 'orange4' => '#8b5a00', 'seagreen1' => '#54ff9f', 'seagreen2' => '#4eee94', 'seagreen3' => '#43cd80', 'seagreen4' => '#2e8b57',
        'orchid1' => '#ff83fa', 'orchid2' => '#ee7ae9', 'orchid3' => '#cd69c9', 'orchid4' => '#8b4789', 'royalblue1' => '#4876ff', 'royalblue2' => '#436eee', 'royalblue3' => '#3a5fcd', 'royalblue4' => '#27408b',
        'dodgerblue1' => '#1e90ff', 'dodgerblue2' => '#1c86ee', 'dodgerblue3' => '#1874cd', 'dodgerblue4' => '#104e8b',
    ];

    /** The function that is written for a command; null if the module has none. */
    public static function written(string $command): ?string
    {
        return self::COMMANDS[$command][0] ?? null;
    }

    /** @return list<string> */
    public static function functions(): array
    {
        return ['setx', 'sety', 'begin_fill', ...array_merge(...array_values(self::COMMANDS))];
    }

    /**
     * What a call means.
     *
     * @param list<Expression> $arguments
     * @param Expression       $fill      the colour that shapes are filled with from here on
     *
     * @return Expression|null null if the function is not known with so many arguments
     */
    public static function meaning(string $function, array $arguments, Expression $fill): ?Expression
    {
        $first = $arguments[0] ?? null;
        if ('begin_fill' === $function) {
            return [] === $arguments ? new CommandValue('nib.open_shape', [$fill]) : null;
        }
        if ('setx' === $function || 'sety' === $function) {
            $pair = 'setx' === $function ? [$first, new CommandValue('nib.y', [])] : [new CommandValue('nib.x', []), $first];

            return 1 === \count($arguments) && null !== $pair[0] && null !== $pair[1] ? new CommandValue('nib.move_to', [$pair[0], $pair[1]]) : null;
        }
        foreach (self::COMMANDS as $command => $names) {
            if (!\in_array($function, $names, true)) {
                continue;
            }
            if ('nib.circle' === $command && 1 === \count($arguments)) {
                $arguments[] = new NumberLiteral(360);
            }
            if ('color' === $function && 2 === \count($arguments)) {
                $arguments = [$arguments[0]];
            }
            if ('nib.pace' === $command && ($first instanceof TextLiteral || $first instanceof NumberLiteral)) {
                $speed = $first instanceof NumberLiteral ? $first->value : self::SPEEDS[$first->value] ?? null;
                // The module's 0 is its fastest, as is all above 10.
                $arguments = null === $speed ? [] : [$speed > 0.5 && $speed <= 10 ? new NumberLiteral($speed) : new TextLiteral('at once')];
            }

            return \count(Catalogue::get($command)->slots) === \count($arguments) ? new CommandValue($command, $arguments) : null;
        }

        return null;
    }

    /** A colour as the sheet knows it; other texts stay as they are. */
    public static function colour(Expression $value): Expression
    {
        $hex = $value instanceof TextLiteral ? self::COLOURS[strtolower($value->value)] ?? null : null;

        return null === $hex ? $value : new TextLiteral($hex);
    }

    /** An ink as the module knows it. */
    public static function ink(Expression $value): Expression
    {
        $ink = $value instanceof TextLiteral ? Ink::tryFrom($value->value) : null;

        return null === $ink ? $value : new TextLiteral($ink->hex());
    }
}
