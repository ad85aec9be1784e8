<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Lexing\Token;

/** Names of a program while its text is read: its functions, where names are given a value and asked for, and whose they are. */
final class SymbolTable
{
    /** @var array<string, array{int, int, list<string>}> fewest and most arguments and the parameters of own functions */
    public array $functions = [];
    /** @var array<string, int> by own function, the place of the parameter that gets all that is given beyond the ones before it */
    public array $rests = [];
    /** @var array<int, NameUse> */
    public array $reads = [];
    /** @var array<string, array<string, int>> where each scope's names are first given a value */
    public array $writes = ['' => []];
    /** @var array<string, int> where functions are first known that cannot be called above that place */
    public array $known = [];
    /** @var list<Token> names of own functions where they are called, or handed over, and have to be known */
    public array $wanted = [];
    /** @var array<string, true> names in rows that could not be read: nothing is said of them */
    public array $silenced = [];
    /** @var array<string, array<string, true>> names that mean the variable around, by function */
    public array $shares = [];
    /** @var array<string, string> the function inside of which a function stands */
    public array $around = [];
    /** @var array<string, true> names that several functions have, one of them inside of another */
    public array $doubled = [];

    /** The scope that a name belongs to, going outward from one. */
    public function holderOf(string $name, string $scope): string
    {
        while ('' !== $scope && !isset($this->writes[$scope][$name])) {
            $scope = $this->around[$scope] ?? '';
        }

        return $scope;
    }
}
