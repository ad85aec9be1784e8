<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Tree\FailureKind;

/**
 * How the programs of a language run, where languages differ: facts, each by its name. A language sets its own in one
 * definition in its folder; whoever runs a program asks for the fact and never which language it is.
 */
final readonly class Semantics
{
    /**
     * @param bool                  $typed               variables, parameters and fields keep their types: what is put in becomes one of that type, whole numbers have a size, lists and objects are copied
     * @param bool                  $streams             values are read from and written to streams, which keep how
     * @param bool                  $globalsFirst        variables of the whole program have their values before its first row
     * @param bool                  $owesValues          a function that is to give a value and ends without one is an error
     * @param bool                  $orderedSets         the members of a set stand in their order
     * @param bool                  $undefined           what was not given or is not kept is `undefined`, and what is given too much is let be
     * @param bool                  $nullBeside          there is a `null` beside what is undefined
     * @param bool                  $fillsGaps           what is shown behind a text fills the gaps in it
     * @param bool                  $onlyFractions       all numbers are of the one sort that has a point
     * @param bool                  $hoists              the functions of a body are there before its first row
     * @param bool                  $definesByRow        a function is there from the row on that defines it
     * @param bool                  $freshTurns          each turn of a loop has variables of its own, which functions made in it go on seeing
     * @param bool                  $liveLoops           a loop sees what is put into its list meanwhile
     * @param bool                  $lambdasSee          a function in a value sees what its variables become, and not what they were
     * @param bool                  $namesByVariable     a function without a name has that of the variable it is put into
     * @param bool                  $namesLambdas        a function without a name says that it has none
     * @param bool                  $logicGives          `and` and `or` give one of their sides
     * @param bool                  $lateChoice          what stands in for nothing is found only where it is wanted
     * @param bool                  $growsByPlace        what is put behind the end of a list makes it longer
     * @param bool                  $negativePlaces      places below 0 count from the end
     * @param bool                  $defaultsOnce        what stands for an argument left out is made once, when the function is
     * @param bool                  $tuples              values that stand together can't be changed
     * @param bool                  $growsInPlace        what is added to a list by `+=` is put into that list itself
     * @param bool                  $endlessWholes       whole numbers have no end, and their quotients are cut downwards
     * @param bool                  $basesByPrefix       a text says its number's base by itself
     * @param bool                  $truthsOfBits        bits of two truths are a truth
     * @param bool                  $forgetsFailures     the name of a failure is gone behind the rows that handle it
     * @param bool                  $showsKeys           a missing key is told as it would be shown in a list
     * @param FailureKind|null      $claim               what a claim that does not hold is raised as; null: it ends the program
     * @param bool                  $knowsFailures       an object that was raised tells its class as its name
     * @param bool                  $asksObjects         objects are asked by methods for what others are by themselves: to go over them by place, to show them in a list, for what their class shares
     * @param bool                  $plainFields         a class can be one of plain fields, without a constructor
     * @param bool                  $hashedSets          sets and their order are those of a table of hashes
     * @param bool                  $guardsMaps          a map that changes its size while it is gone over is an error
     * @param bool                  $spacedJson          JSON has blanks behind its signs and letters of ASCII alone, and whole numbers to their last digit
     * @param bool                  $countsWhole         a number with a point counts nothing: no turns of a loop, no letters
     * @param bool                  $strictTexts         texts are not made from other values, and what is asked of them is checked: signs to cut at, to fill up with, forms of numbers
     * @param bool                  $coerces             a value of another kind becomes the kind that is wanted
     * @param bool                  $sameByIdentity      a list or an object is found as itself alone
     * @param bool                  $namedPlaces         places of lists and texts, and members of sets, are names as those of objects are
     * @param bool                  $spreads             whatever can be gone over is taken apart into a list
     * @param bool                  $handsPlaces         a function handed to a list gets the place and the list as well
     * @param bool                  $numbersOnce         numbering a list ends where it ended at first
     * @param bool                  $closesLoops         what gives values in turn ends with the loop that is left
     * @param bool                  $signsOnLists        signs do with lists and texts what functions do elsewhere: `+=` and `|=` change them in their place, `*` repeats them, `%` gives a text its form
     * @param bool                  $changesGive         what changes a list in its place gives it as well
     * @param bool                  $classesAreFunctions a class is a function that makes its objects, and its methods are functions of an object
     * @param bool                  $emptyIsFalse        a list, a map or a text is false when nothing is in it
     * @param bool                  $lateDefaults        what stands for an argument left out is found at the call, among the parameters before it
     * @param bool                  $restLast            the parameter for all others is the last, and an object is never made without its parent's part
     * @param bool                  $remembers           a function can be told to remember what it gave
     * @param bool                  $bindsByHand         a function does not know its object by itself
     * @param bool                  $namesInLambdas      a name that gets a value in a function without a name is that function's own
     * @param bool                  $ordersObjects       objects stand in the order that their own sign for it gives
     * @param bool                  $saysAtExit          a program may say something where it is left
     * @param bool                  $namesArguments      arguments are given by the names of their parameters
     * @param bool                  $namesHide           a name of the program's hides one of the language's, and a class may stand in another
     * @param bool                  $elseOfTry           rows may stand behind an attempt that went well
     * @param bool                  $endsTry             rows may stand behind an attempt however it went, and one row of handlers is for several kinds of failures
     * @param bool                  $keepsOrder          a map keeps the order in which its keys were put in
     * @param string|null           $widest              what is raised for any failure, where its own name says nothing
     * @param string                $failurePrefix       stands before names of failures
     * @param int                   $depth               calls within calls, the program itself among them
     * @param string                $privateSign         stands before names that an object keeps to itself
     * @param array<string, string> $failures            names of failures by the kind of what stops a run
     * @param array<string, string> $says                what the machine says of a failure that its kind does not tell
     */
    public function __construct(
        public int $depth,
        public bool $typed = false,
        public bool $streams = false,
        public bool $globalsFirst = false,
        public bool $owesValues = false,
        public bool $orderedSets = false,
        public bool $undefined = false,
        public bool $nullBeside = false,
        public bool $fillsGaps = false,
        public bool $onlyFractions = false,
        public bool $hoists = false,
        public bool $definesByRow = false,
        public bool $freshTurns = false,
        public bool $liveLoops = false,
        public bool $lambdasSee = false,
        public bool $namesByVariable = false,
        public bool $namesLambdas = false,
        public bool $logicGives = false,
        public bool $lateChoice = false,
        public bool $growsByPlace = false,
        public bool $negativePlaces = false,
        public bool $defaultsOnce = false,
        public bool $tuples = false,
        public bool $growsInPlace = false,
        public bool $endlessWholes = false,
        public bool $basesByPrefix = false,
        public bool $truthsOfBits = false,
        public bool $forgetsFailures = false,
        public bool $showsKeys = false,
        public ?FailureKind $claim = null,
        public bool $knowsFailures = false,
        public bool $asksObjects = false,
        public bool $plainFields = false,
        public bool $hashedSets = false,
        public bool $guardsMaps = false,
        public bool $spacedJson = false,
        public bool $countsWhole = false,
        public bool $strictTexts = false,
        public bool $coerces = false,
        public bool $sameByIdentity = false,
        public bool $namedPlaces = false,
        public bool $spreads = false,
        public bool $handsPlaces = false,
        public bool $numbersOnce = false,
        public bool $closesLoops = false,
        public bool $signsOnLists = false,
        public bool $changesGive = false,
        public bool $classesAreFunctions = false,
        public bool $emptyIsFalse = false,
        public bool $lateDefaults = false,
        public bool $restLast = false,
        public bool $remembers = false,
        public bool $bindsByHand = false,
        public bool $namesInLambdas = false,
        public bool $ordersObjects = false,
        public bool $saysAtExit = false,
        public bool $namesArguments = false,
        public bool $namesHide = false,
        public bool $elseOfTry = false,
        public bool $endsTry = false,
        public bool $keepsOrder = false,
        public ?string $widest = null,
        public string $failurePrefix = '',
        public string $privateSign = '',
        public array $failures = [],
        public array $says = [],
    ) {
    }

    /**
     * What the machine says of a failure; null where its kind tells it.
     *
     * @param array<string, int|string> $parts by what stands for them in braces
     */
    public function says(string $failure, array $parts = []): ?string
    {
        $says = $this->says[$failure] ?? null;

        return null === $says ? null : strtr($says, array_combine(array_map(static fn (string $name): string => '{'.$name.'}', array_keys($parts)), array_map(strval(...), $parts)));
    }
}
