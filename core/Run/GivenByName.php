<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A value that a function is given for a parameter by its name (The Python Language Reference, 6.3.4). */
final readonly class GivenByName
{
    public function __construct(public string $name, public mixed $value)
    {
    }

    /**
     * What a function takes, each in its parameter's place.
     *
     * @param list<mixed>         $given  those without a name, what goes beyond all parameters in one list already
     * @param array<string, self> $named
     * @param list<string>        $names  of all parameters
     * @param string              $others the parameter for all that is given by other names, '' for none
     * @param mixed               $absent what stands for a parameter that is given nothing
     *
     * @return list<mixed> in the place of `$others` a list of names and values by turns
     *
     * @throws RunError if no parameter has a name, or one is given twice
     */
    public static function inPlace(array $given, array $named, array $names, string $others, mixed $absent): array
    {
        $more = [];
        foreach ($named as $name => $one) {
            $place = $name === $others ? false : array_search($name, $names, true);
            if (false === $place) {
                '' === $others && throw new RunError('no_such_parameter', ['name' => $name]);
                array_push($more, $name, $one->value);
                continue;
            }
            if ($absent !== ($given[$place] ?? $absent)) {
                throw new RunError('parameter_given_twice', ['name' => $name]);
            }
            $given = array_pad($given, $place, $absent);
            $given[$place] = $one->value;
        }
        if ('' !== $others) {
            $place = (int) array_search($others, $names, true);
            $given = array_pad($given, $place, $absent);
            $given[$place] = $more;
        }

        return array_values($given);
    }
}
