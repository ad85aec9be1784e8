<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

/** How the texts of a language look, where languages differ: facts, each by its name, for whoever reads or makes pieces of text. */
final readonly class Notation
{
    /**
     * @param string                $remark        begins what only people read, to the end of the line
     * @param string                $itself        what an object calls itself in its class
     * @param list<string>          $truths        true and false
     * @param list<string>          $failureBehind what the name of a failure stands behind
     * @param list<string>          $classWords    begin a class
     * @param list<string>          $memberWords   begin a row in a class besides its methods
     * @param string                $value         a program that gives a value to `piece`, which stands in for `{value}`
     * @param string                $rowEnd        ends a row that is no block
     * @param string                $defines       stands before the name where a function is defined; '' where its type does
     * @param list<string>          $remarks       begin what only people read, each in its way
     * @param list<string>          $kept          words that are no keywords and that no scope can give another meaning
     * @param list<string>          $valueWords    begin values that are not read here
     * @param array<string, string> $methods       what methods are called that the language calls itself, by our key; `{class}` is the class's name
     * @param string                $textOf        makes a text of a number
     * @param string                $realNames     what the language has and is not read here, with spaces between; of functions called by themselves `$realFunctions`, where it is not the same
     * @param string                $freeFunctions what is read here as what lists can do, and called by itself besides
     * @param string                $endlessEnd    stands behind whole numbers without an end; '' where nothing does
     * @param bool                  $rowsMayEnd    a row may end with its line
     * @param bool                  $indents       a block is what is indented, and rows end with their lines
     * @param bool                  $typed         types stand before names, and a program begins at `main`
     * @param bool                  $camel         names have no low lines: their later words begin with a capital
     * @param bool                  $awaits        a function that takes time is waited for
     * @param bool                  $plainObjects  an object can be made of names and values without a class, `{name: value}`
     * @param string                $space         stands before names of the language's own library; '' where nothing does
     */
    public function __construct(
        public string $remark,
        public string $itself,
        public array $truths,
        public array $failureBehind,
        public array $classWords,
        public array $memberWords,
        public string $value,
        public array $remarks,
        public string $textOf,
        public string $realNames,
        public array $methods = [],
        public array $kept = [],
        public array $valueWords = [],
        public string $realFunctions = '',
        public string $freeFunctions = '',
        public string $endlessEnd = '',
        public bool $rowsMayEnd = false,
        public string $rowEnd = ';',
        public string $defines = '',
        public bool $indents = false,
        public bool $typed = false,
        public bool $camel = false,
        public bool $awaits = false,
        public bool $plainObjects = false,
        public string $space = '',
    ) {
    }

    /** What a line that only people read, or nobody, looks like. */
    public function emptyLine(): string
    {
        return '~^\s*(?:'.preg_quote($this->remark, '~').'.*)?$~';
    }
}
