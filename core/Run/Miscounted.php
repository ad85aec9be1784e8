<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A function that is given more or fewer values than it takes, in the words of CPython (3.11). */
final class Miscounted
{
    /**
     * @param string       $name       as the machine calls the function, with its class
     * @param list<string> $parameters none that gathers what goes beyond the others
     * @param int          $needed     how many of the first have to be given
     */
    public static function error(string $name, array $parameters, int $needed, int $given): RunError
    {
        $takes = \count($parameters);
        if ($given > $takes) {
            $counted = $needed < $takes ? "from $needed to $takes positional arguments" : "$takes positional argument".(1 === $takes ? '' : 's');

            return new RunError('many_arguments', [], "$name() takes $counted but $given ".(1 === $given ? 'was' : 'were').' given');
        }
        $missing = array_map(static fn (string $one): string => "'$one'", \array_slice($parameters, $given, $needed - $given));
        $count = \count($missing);
        $last = array_pop($missing);
        $listed = [] === $missing ? $last : implode(', ', $missing).($count > 2 ? ',' : '')." and $last";

        return new RunError('few_arguments', [], "$name() missing $count required positional argument".(1 === $count ? '' : 's').": $listed");
    }
}
