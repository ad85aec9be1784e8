<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Cpp\Rows\Access;
use Scrivlet\Core\Language\Cpp\Rows\Announcements;
use Scrivlet\Core\Language\Cpp\Rows\ClassRows;
use Scrivlet\Core\Language\Cpp\Rows\ClassTemplates;
use Scrivlet\Core\Language\Cpp\Rows\CStyle;
use Scrivlet\Core\Language\Cpp\Rows\DeclarationRows;
use Scrivlet\Core\Language\Cpp\Rows\EachRows;
use Scrivlet\Core\Language\Cpp\Rows\FailureRows;
use Scrivlet\Core\Language\Cpp\Rows\FileStreams;
use Scrivlet\Core\Language\Cpp\Rows\FittingOverload;
use Scrivlet\Core\Language\Cpp\Rows\FreeOperators;
use Scrivlet\Core\Language\Cpp\Rows\FunctionRows;
use Scrivlet\Core\Language\Cpp\Rows\FunctionValues;
use Scrivlet\Core\Language\Cpp\Rows\GivenPlaces;
use Scrivlet\Core\Language\Cpp\Rows\GoneObjects;
use Scrivlet\Core\Language\Cpp\Rows\InitialValues;
use Scrivlet\Core\Language\Cpp\Rows\InnerNames;
use Scrivlet\Core\Language\Cpp\Rows\InputRows;
use Scrivlet\Core\Language\Cpp\Rows\LetterRows;
use Scrivlet\Core\Language\Cpp\Rows\LocalFunctions;
use Scrivlet\Core\Language\Cpp\Rows\MainFunction;
use Scrivlet\Core\Language\Cpp\Rows\Makers;
use Scrivlet\Core\Language\Cpp\Rows\MemoryRows;
use Scrivlet\Core\Language\Cpp\Rows\MethodRows;
use Scrivlet\Core\Language\Cpp\Rows\NamedValues;
use Scrivlet\Core\Language\Cpp\Rows\NamesOfPlaces;
use Scrivlet\Core\Language\Cpp\Rows\NamesOfTypes;
use Scrivlet\Core\Language\Cpp\Rows\OperatorNames;
use Scrivlet\Core\Language\Cpp\Rows\OutputRows;
use Scrivlet\Core\Language\Cpp\Rows\OwnedObjects;
use Scrivlet\Core\Language\Cpp\Rows\OwnReaders;
use Scrivlet\Core\Language\Cpp\Rows\ParentParts;
use Scrivlet\Core\Language\Cpp\Rows\PartsInOrder;
use Scrivlet\Core\Language\Cpp\Rows\Pointers;
use Scrivlet\Core\Language\Cpp\Rows\StreamOperators;
use Scrivlet\Core\Language\Cpp\Rows\TextsOfC;
use Scrivlet\Core\Language\Cpp\Rows\UnknownWords;
use Scrivlet\Core\Language\Cpp\Rows\UnseenRows;
use Scrivlet\Core\Language\Cpp\Rows\VirtualMethods;
use Scrivlet\Core\Language\Cpp\Rows\WholeLists;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Parsing\Spelled;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** C++17, as far as a school course goes (ISO/IEC 14882:2017, clauses 9 to 11). */
final class CppParser extends CppExpressions
{
    /** What signs ask of an object (C++17, 16.5). */
    public const OPERATORS = ['+' => '@add', '-' => '@subtract', '*' => '@multiply', '==' => '@equal', '<' => '@less', '>' => '@greater', '<=' => '@less_or_equal', '>=' => '@greater_or_equal', '/' => '@divide', '%' => '@floor_remainder', '[]' => '@item', '()' => '@called', ...self::CHANGING];
    /** Signs that change an object, which are methods of their own names elsewhere. */
    private const CHANGING = ['+=' => 'increase', '-=' => 'decrease', '*=' => 'scale', '/=' => 'share', '++' => 'advance', '--' => 'go_back'];

    public readonly MainFunction $mainFunction;
    public readonly Announcements $announcements;
    public readonly FittingOverload $fittingOverload;
    public readonly ClassRows $classRows;
    public readonly MethodRows $methodRows;
    public readonly ParentParts $parentParts;
    public readonly GivenPlaces $givenPlaces;
    public readonly NamedValues $namedValues;
    public readonly StreamOperators $streamOperators;
    public readonly DeclarationRows $declarationRows;
    public readonly InitialValues $initialValues;
    public readonly FunctionRows $functionRows;
    public readonly FunctionValues $functionValues;
    public readonly UnseenRows $unseenRows;
    public readonly FailureRows $failureRows;
    public readonly OutputRows $outputRows;
    public readonly InputRows $inputRows;
    public readonly EachRows $eachRows;
    public readonly UnknownWords $unknownWords;
    public readonly MemoryRows $memoryRows;
    public readonly LetterRows $letterRows;
    public readonly CStyle $cStyle;
    public readonly ClassTemplates $classTemplates;
    private readonly Access $access;
    public readonly GoneObjects $goneObjects;
    public readonly OwnedObjects $ownedObjects;
    public readonly PartsInOrder $partsInOrder;
    public readonly FileStreams $fileStreams;
    public readonly FreeOperators $freeOperators;
    public readonly OperatorNames $operatorNames;
    public readonly InnerNames $innerNames;
    public readonly Makers $makers;
    public readonly NamesOfPlaces $namesOfPlaces;
    public readonly NamesOfTypes $namesOfTypes;
    public readonly Pointers $pointers;
    public readonly TextsOfC $textsOfC;
    public readonly VirtualMethods $virtualMethods;
    public readonly WholeLists $wholeLists;
    public readonly OwnReaders $ownReaders;

    public bool $inMain = false;
    /** Where the function being read begins and ends. */
    public int $begun = 0;
    public int $ends = 0;

    /** @var array<string, list<string>> by function, and by method behind a point: the types of what it takes */
    public array $taken = [];

    /** @var array<string, true> names of methods, behind a point, that take other things in another class */
    public array $takesOthers = [];

    /** @var array<string, array<string, array{string, list<string>}>> functions that have one name, by it and by what they take: the name each has here, and its types */
    public array $overloads = [];

    /** @var array<int, int> where a method begins that another one does the work of, and its closing brace */
    public array $twins = [];

    /** @var array<string, array{list<string>, Expression, bool}> what methods take, the place that they give back, and whether they look first whether there is one */
    public array $placesGiven = [];

    /** @var array<string, string> the word with which the declaration of a field begins, by class and name */
    public array $fieldKinds = [];

    /** The name of the stream that shows an object, while rows of any kind say what it shows. */
    public string $showing = '';

    /** @var array<string, array<string, bool>> names that are other names for what has one already, by scope */
    public array $references = [];

    /** @var array<string, array<string, true>> */
    public array $constants = [];

    /** @var array<string, array<int, Expression>> what prototypes give parameters, by function and place */
    public array $prototypes = [];

    private ?string $loopType = null;

    /** @var array<string, array<string, true>> pointers to letters, which are texts as long as they are not moved on */
    public array $ofLetters = [];

    private ?bool $tells = null;

    /** @var array<string, array{string, string}> variables for key and value, by the name of the pair */
    public array $pairs = [];

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->mainFunction = new MainFunction($this);
        $this->announcements = new Announcements($this);
        $this->fittingOverload = new FittingOverload($this);
        $this->classRows = new ClassRows($this);
        $this->methodRows = new MethodRows($this);
        $this->parentParts = new ParentParts($this);
        $this->givenPlaces = new GivenPlaces($this);
        $this->namedValues = new NamedValues($this);
        $this->streamOperators = new StreamOperators($this);
        $this->declarationRows = new DeclarationRows($this);
        $this->initialValues = new InitialValues($this);
        $this->functionRows = new FunctionRows($this);
        $this->functionValues = new FunctionValues($this);
        $this->failureRows = new FailureRows($this);
        $this->outputRows = new OutputRows($this);
        $this->inputRows = new InputRows($this);
        $this->eachRows = new EachRows($this);
        $this->unknownWords = new UnknownWords($this);
        $this->memoryRows = new MemoryRows($this);
        $this->letterRows = new LetterRows($this);
        $this->cStyle = new CStyle($this);
        $this->classTemplates = new ClassTemplates($this);
        $this->access = new Access($this);
        $this->goneObjects = new GoneObjects($this);
        $this->ownedObjects = new OwnedObjects($this);
        $this->partsInOrder = new PartsInOrder($this);
        $this->fileStreams = new FileStreams($this);
        $this->freeOperators = new FreeOperators($this);
        $this->operatorNames = new OperatorNames($this);
        $this->innerNames = new InnerNames();
        $this->makers = new Makers($this);
        $this->namesOfPlaces = new NamesOfPlaces($this);
        $this->namesOfTypes = new NamesOfTypes();
        $this->pointers = new Pointers($this);
        $this->textsOfC = new TextsOfC($this);
        $this->unseenRows = new UnseenRows($this);
        $this->virtualMethods = new VirtualMethods($this);
        $this->wholeLists = new WholeLists($this);
        $this->ownReaders = new OwnReaders($this);
    }

    public function rows(): Rows
    {
        $this->tokenize();
        $this->tokens = OverloadedMethods::renamed($this->tokens, $this->partners, $this->nameFor(...));
        $this->tokens = LocalFunctions::renamed($this->tokens, $this->partners, $this->nameFor(...));
        $this->announcements->announce();
        $imports = $this->namedValues->leading();
        $above = [];
        while (null !== $token = $this->peek()) {
            foreach ($this->remarks() as $row) {
                $above[] = $row;
            }
            if ($this->mainFunction->isMain()) {
                return $this->mainFunction->main($imports, $above);
            }
            foreach ($this->outermost($token) as $row) {
                $above[] = $row;
            }
        }
        foreach ($this->remarks() as $row) {
            $above[] = $row;
        }
        if ([] !== array_filter($above, static fn (Statement $row): bool => !$row instanceof Import && !$row instanceof Comment && !$row instanceof FunctionDefinition) || [] !== $above && [] === $this->mistakes) {
            $this->mainFunction->mainMissing();
        }

        return new Rows($imports, $above);
    }

    public function block(?int $opener): array
    {
        $before = \count($this->goneObjects->toGo);
        $named = \count($this->pointers->named);
        $handed = $this->goneObjects->doSay() ? $this->ownedObjects->parametersBefore($this->at - 1) : [];
        array_push($this->goneObjects->toGo, ...$handed);
        $rows = parent::block($opener);
        $rows = $this->goneObjects->doSay() ? $this->ownedObjects->withChanges($rows) : $rows;
        $rows = $this->pointers->withPlaces($rows, array_splice($this->pointers->named, $named));
        $going = array_splice($this->goneObjects->toGo, $before);

        return [] === $going ? $rows : $this->goneObjects->withGoing($rows, array_reverse($going), array_fill_keys($handed, true));
    }

    /** @return list<Statement> a row outside of every function */
    public function outermost(Token $token): array
    {
        if ('}' === $token->text && TokenKind::Sign === $token->kind) {
            return $this->block(null);
        }

        return $this->row();
    }

    public function called(Token $token, array $arguments): Expression
    {
        $ofLibrary = isset($this->overloads[$token->text]) ? $this->ofLibraryBesideOwn($token, $arguments) : null;
        if (null !== $ofLibrary) {
            return $ofLibrary;
        }
        if (isset($this->symbols->functions[$token->text]) && '' !== $this->scope && isset($this->types[$this->scope][$token->text]) && $token->text !== $this->scope) {
            // A parameter that a function of `main` is called like, too.
            $this->read($token->text, $token->offset);

            return new MethodCall(new VariableRead($token->text), MethodCall::CALL, $this->namedArguments->handed($arguments));
        }
        if (isset($this->symbols->functions[$token->text]) && [] !== array_filter($arguments, static fn (Argument $argument): bool => $argument->all)) {
            // Two places in a list, which only the library takes as what lies between them.
            $this->fail('unsupported', $token, ['what' => $token->text.'(…, …)']);
        }
        $best = $this->fittingOverload->fittest($this->overloads[$token->text] ?? [], $arguments);
        $arguments = $this->asTaken($best ?? $token->text, $arguments);

        return parent::called(null === $best || $best === $token->text ? $token : new Token($token->kind, $best, $token->offset), $arguments);
    }

    /**
     * A function of the library that is called like one of the program's own: its name says so, or none of the program's own takes
     * such values.
     *
     * @param list<Argument> $arguments
     */
    private function ofLibraryBesideOwn(Token $token, array $arguments): ?Expression
    {
        $isNamed = 1 === preg_match('/\bstd\s*::\s*$/D', substr($this->text, max(0, $token->offset - 40), min(40, $token->offset)));
        if (!$isNamed && $this->fittingOverload->fits($this->overloads[$token->text] ?? [], $arguments)) {
            return null;
        }

        return $this->builtin($token->text, $arguments, $token) ?? Spelled::match(SpellingIndex::of($this->language())->functions[$token->text] ?? [], $arguments, $this->text);
    }

    public function asTaken(string $name, array $arguments): array
    {
        return $this->fittingOverload->asTaken($name, $arguments);
    }

    public function methodMeant(Expression|string $object, string $method, array $arguments): string
    {
        if (!isset($this->waysByType[$method])) {
            return $method;
        }
        $isItself = '' !== $this->class && $object instanceof VariableRead && $this->itself === $object->name;
        $class = \is_string($object) ? $object : ($isItself ? $this->class : (string) TypeNames::read($this->typeOf($object))->class);

        return $this->fittingOverload->methodMeant($class, $this->waysByType[$method], $arguments) ?? $method;
    }

    public function asTakenBy(Expression $object, string $method, array $arguments): array
    {
        $name = $object instanceof VariableRead || $object instanceof Field ? $object->name : null;
        $class = null === $name ? null : $this->classTemplates->classOf($name);
        if (null === $class && [] !== $arguments && $this->classTemplates->isOpen($method)) {
            $this->fail('unsupported', null, ['what' => "….$method(…)"]);
        }

        return null === $class || null === $name ? $arguments : $this->classTemplates->asGiven($name, $class, $this->taken[".$method"] ?? [], $arguments);
    }

    /** A number or a text where an object is wanted whose class makes one of it (C++17, 15.3.1). */
    public function asObjectOf(string $type, Expression $value): Expression
    {
        return $this->fittingOverload->asObjectOf($type, $value);
    }

    protected function takenBy(string $class, string $operator): string
    {
        return $this->fittingOverload->takenBy($class, $operator);
    }

    protected function members(): array
    {
        return $this->classRows->members();
    }

    public function arguments(Token $opened): array
    {
        return array_map(fn (Argument $argument): Argument => $argument->value instanceof MethodCall ? new Argument($this->placeOf($argument->value), $argument->offset, $argument->end, $argument->name, $argument->all) : $argument, parent::arguments($opened));
    }

    /** What stands in square brackets behind an object is what its class says (C++17, 16.5.5). */
    protected function indexed(Expression $container, Token $opened): Expression
    {
        $isFollowed = ')' === ($this->tokens[$this->at - 2]->text ?? '');
        $item = parent::indexed($container, $opened);
        $class = $this->givenPlaces->classOf($container);
        // `(*beds)[2]`
        $class = $isFollowed && $container instanceof VariableRead ? rtrim($class, ' *') : $class;
        $place = $item instanceof Item && null !== $this->classes->ownerOf($class, '@item') ? $this->placeOf(new MethodCall($container, '@item', [$item->index])) : null;

        return null === $place || $place instanceof MethodCall ? $item : $place;
    }

    /** `bed.at(1, 2) = 3`: what a method gives that only tells a place, and gives it to be changed (C++17, 8.2.2). */
    public function placeOf(Expression $target): Expression
    {
        return $this->givenPlaces->placeOf($target);
    }

    protected function asLeftSide(string $class, string $operator, Expression $value): Expression
    {
        return $this->freeOperators->takesBoth($class, $operator) ? $this->asObjectOf($class, $value) : $value;
    }

    public function takesBraced(string $class): bool
    {
        return $this->makers->takesBraced($class);
    }

    public function typesTaken(string $class, ?string $way): array
    {
        return $this->makers->typesTaken($class, $way);
    }

    protected function classMadeBy(string $function): string
    {
        return $this->makers->classMadeBy($function);
    }

    public function takesList(string $class): int
    {
        return $this->makers->takesList($class);
    }

    protected function readByOwn(Token $stream): ?Expression
    {
        return $this->ownReaders->called($stream);
    }

    public function guardedPlace(MethodCall $call): ?Expression
    {
        return $this->givenPlaces->givenBy($call, true);
    }

    /** What keeps a backslash at the end of a line from drawing the next one into the remark is no part of it. */
    protected function remark(string $text): string
    {
        return (string) preg_replace('~(\\\\) //$~D', '$1', parent::remark($text));
    }

    protected function semicolonNeeded(): bool
    {
        return true;
    }

    public function equals(): string
    {
        return '==';
    }

    public function division(): Operator
    {
        return Operator::TruncDivide;
    }

    /** @phpstan-impure */
    public function statement(): array
    {
        return array_map($this->declarationRows->asItself(...), parent::statement());
    }

    protected function ownRow(Token $token): ?array
    {
        $start = $token->offset;
        $pointed = $this->is('.', 1) ? $this->declarationRows->pointedAnew($token) : null;
        if (null !== $pointed) {
            return [$this->ended($pointed, $start)];
        }
        if (TokenKind::Directive === $token->kind) {
            $constant = $this->namedValues->definedConstant($token);
            if (null !== $constant) {
                return [$this->ended($constant, $start)];
            }
            if (1 !== preg_match('/^\s*#\s*define\s+(\w+)(?:\(|\s+[A-Za-z_]\w*\s*(?:\/[\/*].*)?$)/sD', $token->text, $macro) || !isset($this->cStyle->macros[$macro[1]])) {
                $this->namedValues->directive($token);
            }
            ++$this->at;

            return [$this->ended(new Import($this->newId(), $token->text, $this->language()->value), $start)];
        }
        if (isset(TypeNames::PLAIN[$token->text]) && $this->is('(', 1) && $this->is('&', 2) && $this->is(')', 4) && $this->is('[', 5)) {
            // Another name for an array (C++17, 11.3.1).
            $this->fail('unsupported', $token, ['what' => "$token->text (&…)[…]"]);
        }
        if ('std' === $token->text && $this->is('::', 1) && \in_array($this->sign(2), ['cout', 'cin', 'cerr', 'clog', 'ios', 'ios_base', 'getline', 'printf', 'puts', 'putchar', 'tie', 'srand'], true)) {
            $this->at += 2;
            $token = $this->peek() ?? $token;
        }
        $next = $this->sign(1);
        $named = 'std' === $token->text && '::' === $next ? $this->peek(2) : null;
        if (null !== $named && \in_array(strtolower($named->text), ['cout', 'cin', 'cerr'], true)) {
            $this->fail('capitals', $named, ['name' => $named->text, 'near' => strtolower($named->text)], [new Replacement($named->offset, \strlen($named->text), strtolower($named->text))]);
        }
        $unseen = TokenKind::Name === $token->kind || 'this' === $token->text ? $this->unseenRows->signs() : null;
        if (null !== $unseen) {
            return [$this->skipped($start, $unseen)];
        }
        $isGiven = (int) ('return' === $token->text);
        if ('' !== $this->class && $this->is('*', $isGiven) && $this->is('this', 1 + $isGiven) && $this->is('=', 2 + $isGiven)) {
            return $this->memoryRows->becomes($start, 1 === $isGiven);
        }
        if ('::' === $next && isset($this->classes->parents[$token->text]) && $this->is('(', 3) && ($this->inMain || '' !== $this->scope)) {
            // What the parent does, or the class itself.
            $value = $this->value();
            $this->semicolon();

            return [$this->ended($value instanceof OwnValue ? new OwnCall($this->newId(), $value->function, $value->arguments) : new Perform($this->newId(), $value), $start)];
        }
        if ('::' === $next && isset($this->classes->statics[$token->text][$this->sign(2) ?? '']) && ($this->inMain || '' !== $this->scope)) {
            // `Bed::count += 2;` begins with no type.
            return null;
        }
        if ('return' === $token->text && '' !== $this->showing && $this->is($this->showing, 1)) {
            return $this->streamOperators->givenShown($start);
        }
        $erased = '=' === $next ? $this->namesOfPlaces->erasedAt($token) : null;
        if (null !== $erased) {
            return [$erased];
        }
        if ('copy' === $token->text || 'std' === $token->text && $this->is('copy', 2)) {
            $each = $this->eachRows->writtenEach($token);
            if (null !== $each) {
                return [$each];
            }
        }
        if ('for_each' === $token->text || 'std' === $token->text && $this->is('for_each', 2)) {
            $each = $this->eachRows->doneForEach($token);
            if (null !== $each) {
                return [$each];
            }
        }
        if ('(' === $next && $this->is('*', 2) && TokenKind::Name === $this->peek(3)?->kind && $this->is(')', 4) && $this->is('(', 5) && null !== $type = $this->typeTexts->type()) {
            return [$this->functionValues->pointedFunction($token, $type)];
        }
        $own = $this->ownReaders->rows($token);
        if (null !== $own) {
            return $own;
        }
        $kept = '>>' === $next && $this->readValues->isTextStream($token->text) ? $this->inputRows->keptFromStream($token) : null;
        if (null !== $kept) {
            return $kept;
        }
        if ('<<' === $next && $this->readValues->isTextStream($token->text)) {
            return [$this->outputRows->output($start, new VariableRead($token->text))];
        }
        $row = $this->fileStreams->fileRow($token, $start);
        if (null !== $row) {
            return [$row];
        }
        if ('.' === $next && $this->is('clear', 2) && $this->readValues->isTextStream($token->text) && $this->is('(', 3) && $this->is(')', 4)) {
            // What failed is asked again.
            $this->at += 5;
            $this->semicolon();

            return [$this->ended(new Perform($this->newId(), new Operation(OperationKey::StreamCleared, [new VariableRead($token->text)])), $start)];
        }
        switch ($token->text) {
            case 'cout':
            case 'cerr':
            case 'clog':
                return [$this->outputRows->output($start)];
            case 'cin':
                if ($this->is('.', 1) && $this->is('tie', 2) && null !== $closing = $this->closingOf($this->at + 3)) {
                    return [$this->skipped($start, $closing + 2 - $this->at)];
                }

                return $this->inputRows->input($start);
            case 'putchar':
                if ($this->is('(', 1) && !isset($this->symbols->functions['putchar'])) {
                    $opened = $this->tokens[$this->at + 1];
                    $this->at += 2;
                    $letter = $this->value();
                    $this->close($opened);
                    $this->semicolon();
                    $isLetter = $letter instanceof TextLiteral && $letter->letter || $letter instanceof VariableRead && $this->letterRows->isLetter($letter->name) || $letter instanceof Item || $letter instanceof Operation && \in_array($letter->key, [OperationKey::Letter, OperationKey::UpperLetter, OperationKey::LowerLetter], true);

                    return [$this->ended(new PrintLine($this->newId(), [$isLetter ? $letter : new Operation(OperationKey::Letter, [$letter])], false, false), $start)];
                }
                break;
            case 'system':
                if ($this->is('(', 1) && \in_array($this->sign(2) ?? $this->peek(2)?->text, ['"pause"', '"cls"'], true) && $this->is(')', 3)) {
                    // What waits for a key, and clears the window, where there is one.
                    $this->at += 4;
                    $this->semicolon();

                    return [$this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset)];
                }
                break;
            case 'printf':
            case 'puts':
                if ($this->is('(', 1) && !isset($this->symbols->functions[$token->text])) {
                    return [$this->outputRows->printsFormatted($token, $start)];
                }
                break;
            case 'sprintf':
            case 'snprintf':
                if ($this->is('(', 1) && !isset($this->symbols->functions[$token->text])) {
                    return [$this->outputRows->writesFormatted($token, $start)];
                }
                break;
            case 'getline':
                if ($this->is('(', 1) && ($this->is('cin', 2) || $this->is('std', 2) && $this->is('::', 3) && $this->is('cin', 4))) {
                    return [$this->inputRows->getline($start)];
                }
                break;
            case 'using':
                if (TokenKind::Name === $this->peek(1)?->kind && $this->is('=', 2)) {
                    return [$this->namedValues->alias($start, true)];
                }
                // `using namespace std;`, and `using std::cout;` for one name of it.
                $isName = ($this->is('std', 1) || isset($this->spaces[$this->sign(1) ?? ''])) && $this->is('::', 2) && (TokenKind::Name === $this->peek(3)?->kind || $this->is('string', 3));
                $isOfOwn = $this->is('namespace', 1) && isset($this->spaces[$this->sign(2) ?? '']);
                if (!$isName && !$isOfOwn && !($this->is('namespace', 1) && $this->is('std', 2))) {
                    $this->fail('unsupported', $token, ['what' => 'using']);
                }
                $this->at += $isName ? 4 : 3;
                $isName || $this->namedValues->literals();
                $this->semicolon();

                return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
            case 'delete':
                $deleted = $this->goneObjects->deleted($token);
                if (null !== $deleted) {
                    return [$deleted];
                }
                $this->goneObjects->refuseUnseenDelete($token);
                // What is no longer needed goes by itself here.
                $at = $this->is('[', 1) && $this->is(']', 2) ? 3 : 1;
                for ($end = $at; 1 === preg_match('/^(?:\w+|\.|->|\[|\]|\+|-|\*)$/D', (string) $this->sign($end)); ++$end) {
                }
                if ($end > $at && $this->is(';', $end)) {
                    $this->at += $end + 1;

                    return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
                }
                break;
            case '(':
                if ($this->is('void', 1) && $this->is(')', 2) && TokenKind::Name === $this->peek(3)?->kind && $this->is(';', 4)) {
                    // A value that is not wanted, said so.
                    $this->read($this->peek(3)->text ?? '', $start);

                    return [$this->skipped($start, 5)];
                }
                break;
            case 'ios':
            case 'ios_base':
                if ($this->is('::', 1) && $this->is('sync_with_stdio', 2) && null !== $closing = $this->closingOf($this->at + 3)) {
                    return [$this->skipped($start, $closing + 2 - $this->at)];
                }
                break;
            case 'static_assert':
                $closing = $this->is('(', 1) ? $this->closingOf($this->at + 1) : null;
                if (null !== $closing) {
                    // It holds, or the machine does not begin (C++17, 10).
                    $this->at = $closing + 1;
                    $this->semicolon();

                    return [$this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset)];
                }
                break;
            case 'typedef':
                return [$this->namedValues->alias($start, false)];
            case 'enum':
                return $this->namedValues->enumeration($start);
            case 'srand':
                if ($this->is('(', 1) && !isset($this->symbols->functions['srand'])) {
                    return [$this->memoryRows->seeded($start)];
                }
                break;
            case 'assert':
                if ($this->is('(', 1) && !isset($this->symbols->functions['assert'])) {
                    $opened = $this->tokens[$this->at + 1];
                    $this->at += 2;
                    $condition = $this->value();
                    $this->close($opened);
                    $this->semicolon();

                    return [$this->ended(new Claim($this->newId(), $condition), $start)];
                }
                break;
            case 'struct':
            case 'class':
                if (TokenKind::Name === $this->peek(1)?->kind) {
                    return $this->classRows->classDefinition($token);
                }
                $this->fail('unsupported', $token, ['what' => $token->text]);
                // no break
            case 'strcpy':
            case 'strcat':
            case 'strncpy':
            case 'strncat':
                if ($this->is('(', 1) && !isset($this->symbols->functions[$token->text])) {
                    return [$this->memoryRows->textCopied($token)];
                }
                break;
            case 'memset':
                $row = $this->memoryRows->memorySet($start);
                if (null !== $row) {
                    return [$row];
                }
                if ($this->is('(', 1) && !isset($this->symbols->functions['memset'])) {
                    $this->fail('unsupported', $token, ['what' => 'memset(…)']);
                }
                break;
            case 'template':
                return $this->functionRows->ofAnyType($token);
            case 'namespace':
                if (TokenKind::Name === $this->peek(1)?->kind && $this->is('{', 2) && '' === $this->scope && !$this->inMain) {
                    return $this->memoryRows->ofNamespace($token);
                }
                $this->fail('unsupported', $token, ['what' => 'namespace']);
                // no break
            case 'goto':
                $this->fail('unsupported', $token, ['what' => $token->text]);
                // no break
            case 'return':
                if ($this->inMain && '' === $this->scope) {
                    ++$this->at;
                    $value = $this->is(';') ? new NumberLiteral(0) : $this->value();
                    $this->semicolon();

                    return [$this->ended(new GiveBack($this->newId(), $value), $start)];
                }
                break;
            case 'tie':
                return $this->inputRows->tied($start);
        }
        $kept = $this->functionValues->keptFunction($token);
        if (null !== $kept) {
            return $kept;
        }
        $lower = strtolower($token->text);
        if (TokenKind::Name === $token->kind && $lower !== $token->text && \in_array($lower, ['int', 'double', 'bool', 'string', 'char', 'void', 'cout', 'cin', 'vector'], true)) {
            $this->fail('capitals', $token, ['name' => $token->text, 'near' => $lower], [new Replacement($start, \strlen($token->text), $lower)]);
        }
        if (TokenKind::Name === $token->kind && TokenKind::Name === $this->peek(1)?->kind && !isset($this->begins[$this->at + 1]) && !isset($this->aliases[$token->text])) {
            $this->unknownWords->misspeltType($token);
        }
        $at = $this->at;
        $shown = [] === $this->classes->parents || $this->inMain || '' !== $this->scope ? null : $this->streamOperators->shownByStream($token, $at);
        if (null !== $shown) {
            return [$shown];
        }
        $apart = $this->methodRows->definedApart($token, $at);
        if (null !== $apart) {
            return [$apart];
        }
        $shared = [] === $this->classes->parents ? null : $this->declarationRows->sharedValue($token);
        if (null !== $shared) {
            return [$shared];
        }
        $this->mayPoint = true;
        $type = $this->typeTexts->type();
        $this->mayPoint = false;
        if (null === $type || '(' === $this->sign() || '{' === $this->sign()) {
            $this->at = $at;

            $this->outputRows->nearCout($token);

            return null;
        }

        return $this->declarationRows->declared_($token, $type, $at);
    }

    protected function isInFunction(): bool
    {
        return parent::isInFunction() || $this->inMain;
    }

    /** A row of so many signs that does nothing that could be seen: it speeds up streams, or throws a value away. */
    private function skipped(int $start, int $signs): Statement
    {
        $this->at += $signs - 1;
        $this->semicolon();

        return $this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start);
    }

    public function declaredInCondition(): ?Expression
    {
        return $this->declarationRows->declaredInCondition();
    }

    public function valueFor(Expression $target): Expression
    {
        $opened = $this->peek();
        $type = null === $opened || '{' !== $opened->text || TokenKind::Sign !== $opened->kind ? '' : $this->typeOf($target);
        if (null === $opened || '' === $type) {
            $value = $this->value();

            return [] === $this->classes->parents ? $value : $this->asObjectOf($this->typeOf($target), $value);
        }

        return $this->initialValues->bracedAs($opened, $type);
    }

    protected function valueGivenBack(): Expression
    {
        $opened = $this->peek();
        if (str_starts_with($this->gives, 'optional<') && $this->is('{') && $this->is('}', 1)) {
            // An empty one (C++17, 23.6.3.1).
            $this->at += 2;

            return new NothingLiteral();
        }
        $known = TypeNames::read(trim($this->gives, '& '));

        return null !== $opened && '{' === $opened->text && ($known->isList() || $known->isMap() || $known->isSet()) ? $this->initialValues->bracedAs($opened, trim($this->gives, '& ')) : $this->asGiven(parent::valueGivenBack(), $known);
    }

    /** What a function gives is an object of the class that it says, where that can be made of it (C++17, 9.6.3). */
    private function asGiven(Expression $value, StaticType $type): Expression
    {
        if ([] === $this->classes->parents || TypeKind::Copied !== $type->kind) {
            return $value;
        }

        return $value instanceof ListLiteral ? $this->madeValues->inFieldsType($value, $type) : $this->asObjectOf((string) $type->class, $value);
    }

    protected function behindTypes(int $from): ?int
    {
        for ($until = $from; isset($this->tokens[$until + 1]) && '>' !== $this->tokens[$until]->text; ++$until) {
            if (\in_array($this->tokens[$until]->text, ['(', ')', ';', '{', '}', '<<', '>>', '&&', '||'], true)) {
                return null;
            }
        }

        return '(' === ($this->tokens[$until + 1]->text ?? '') && $this->functionRows->areTypes($from, $until) ? $until + 1 : null;
    }

    public function caughtHere(): array
    {
        return $this->failureRows->caughtHere();
    }

    public function thrown(Token $token): Raise|RaiseObject
    {
        return $this->failureRows->thrown($token);
    }

    protected function saysOf(Token $name): Expression
    {
        return $this->failureRows->saysOf($name);
    }

    public function rowsLambda(Token $token): FunctionReference
    {
        return $this->functionValues->rowsLambda($token);
    }

    /** `function<int(string)>` */
    public function functionType(): bool
    {
        return $this->functionValues->functionType();
    }

    /** C++ knows nothing that stands further down (C++17, 6.3.2). */
    protected function runsInTurn(): bool
    {
        return true;
    }

    protected function unnamedFunction(): bool
    {
        if (!$this->accept('[')) {
            return false;
        }
        $this->accept('&');
        $this->accept('=');

        return $this->accept(']') && (!$this->accept('(') || $this->accept(')'));
    }

    public function loopVariable(): bool
    {
        $this->mayPoint = true;
        $this->loopType = $this->typeTexts->type();
        $this->mayPoint = false;

        return null !== $this->loopType;
    }

    public function isPointerToObject(VariableRead $variable): bool
    {
        return TypeKind::Object === TypeNames::read($this->typeOf($variable))->kind;
    }

    public function withoutValue(Token $name): ?Statement
    {
        $type = (string) $this->loopType;
        // Its text is that of the loop.
        $cuts = \count($this->cuts);
        $at = $this->at--;
        $rows = 1 === preg_match('/[*&]$/', $type) ? [] : $this->declarationRows->declared_($name, $type, $this->at);
        $this->at = $at;
        self::cutTo($this->cuts, $cuts);

        return 1 === \count($rows) ? $rows[0] : null;
    }

    public function startOf(Token $name, Expression $value): Expression
    {
        unset($this->iterators[$name->text]);
        $isPointer = str_ends_with((string) $this->loopType, '*');
        $place = $isPointer ? $this->places->placeOrArray($value) : ('auto' === $this->loopType ? $this->places->placeIn($value) : null);
        $until = $this->at;
        while ($until < $this->until && ')' !== $this->tokens[$until]->text) {
            $until = ($this->closingOf($until) ?? $until) + 1;
        }
        if (null !== $place && $this->places->isListOfPlaces($place[1]) && $this->namesOfPlaces->isOnlyPlace($name->text, $this->at, $this->eachRows->endOfRow($until))) {
            $this->loopType = 'int';

            return $this->namesOfPlaces->startedAt($name->text, $place);
        }
        if (!$isPointer && 'string' === $this->loopType && 1 === preg_match('/\*\s*$/D', substr($this->text, max(0, $name->offset - 20), min(20, $name->offset)))) {
            if (!$value instanceof VariableRead || !$this->namesOfPlaces->isOnlyPlace($name->text, $this->at, $this->eachRows->endOfRow($until))) {
                $this->fail('unsupported', $name, ['what' => 'const char *']);
            }
            $this->loopType = 'int';

            return $this->namesOfPlaces->startedAt($name->text, [new NumberLiteral(0), $value]);
        }
        if ($isPointer && !isset($this->classes->parents[substr((string) $this->loopType, 0, -2)])) {
            $this->fail('unsupported', $name, ['what' => (string) $this->loopType]);
        }

        return $this->initialValues->asNumber((string) $this->loopType, $value);
    }

    public function isLetterValue(Expression $value): bool
    {
        return $this->letterRows->isOne($value);
    }

    public function counted_(string $name): void
    {
        $this->types[$this->scope][$name] = (string) $this->loopType;
        $this->references[$this->scope][$name] = false;
        parent::counted_($name);
    }

    /** `for (char c = 'a'; c <= 'e'; c++)` goes over letters. */
    public function counting(ForLoop $loop): Statement
    {
        return $this->letterRows->counting($loop);
    }

    /** What a letter becomes by a step is a letter. */
    public function stepOf(int $id, string $variable, Expression $condition, ?Operator $operator, Expression $amount): array
    {
        return $this->letterRows->stepOf($id, $variable, $condition, $operator, $amount);
    }

    public function isOfLetters(Expression $value): bool
    {
        return $this->letterRows->isOfLetters($value);
    }

    /** A `char` is a small number that is shown as a letter (C++17, 6.9.1). */
    public function kept(string $name, Expression $value): Expression
    {
        return $this->letterRows->kept($name, $value);
    }

    public function undeclared(Token $name): void
    {
        $this->unknownWords->undeclared($name);
    }

    public function given(string $name, int $offset): void
    {
        $this->declarationRows->mayChange($name, $offset);
        parent::given($name, $offset);
    }

    public function changed(Expression $target, Operator $operator, Expression $amount, int $start): Statement
    {
        $moved = $this->keyPlaces->moved($target, $operator, $amount);
        if (null !== $moved && $target instanceof VariableRead) {
            $this->assigned[$this->scope][$target->name] = true;

            return new SetVariable($this->newId(), $target->name, $moved);
        }
        if ($target instanceof VariableRead) {
            $this->declarationRows->mayChange($target->name, $start);
            if (NumberLiteral::class === $amount::class && TypeNames::read($this->typeOf($target))->isList()) {
                // A name of an array that moves on to its next item.
                $this->failAt('unsupported', $start, max(1, $this->endOffset() - $start), ['what' => "$target->name++"]);
            }
            if (isset($this->ofLetters[$this->scope][$target->name])) {
                $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => 'const char *']);
            }
        }
        $call = $this->changedByMethod($target, $operator, $amount);
        if (null !== $call) {
            return new Perform($this->newId(), $call);
        }

        if (($target instanceof Item || $target instanceof Field) && 'char' === $this->typeOf($target)) {
            return new SetItem($this->newId(), $target, new Operation(OperationKey::Letter, [new Binary($operator, $target, $amount)]));
        }
        if ($target instanceof VariableRead && $this->letterRows->isLetter($target->name)) {
            $this->assigned[$this->scope][$target->name] = true;

            return new SetVariable($this->newId(), $target->name, new Operation(OperationKey::Letter, [new Binary($operator, $target, $amount)]));
        }

        return parent::changed($target, $operator, $amount, $start);
    }

    public function givenInside(OperationKey $key, Expression $target, Expression $value, int $from): Operation
    {
        $beside = $value instanceof Binary && $value->left == $target && $target instanceof Operation ? $this->keyPlaces->beside(Operator::Add === $value->operator, $target) : null;
        if (null !== $beside) {
            // `--beds.end()`: what was only reckoned moves on itself.
            return $beside;
        }
        $moved = $value instanceof Binary && $value->left == $target ? $this->keyPlaces->moved($target, $value->operator, $value->right) : null;

        return parent::givenInside($key, $target, $moved ?? $value, $from);
    }

    public function changedByMethod(Expression $target, Operator $operator, Expression $amount): ?MethodCall
    {
        $method = [Operator::Add->value => 'increase', Operator::Subtract->value => 'decrease', Operator::Multiply->value => 'scale', Operator::TruncDivide->value => 'share'][$operator->value] ?? '';
        for ($changed = $target; $changed instanceof MethodCall && \in_array($changed->method, ['increase', 'decrease', 'scale', 'share'], true);) {
            $changed = $changed->object;
        }
        $class = '' !== $this->class && $changed == new VariableRead($this->itself) ? $this->class : (string) TypeNames::read($this->typeOf($changed))->class;
        if ($changed !== $target && 1 !== preg_match('/\b'.Names::asPattern($class).'\s*&\s*(?:\w+\s*::\s*)?operator\s*[-+*\/]=/', $this->text)) {
            // What changes an object gives another one.
            return null;
        }
        $isStep = $amount instanceof NumberLiteral && 1 === $amount->value && TokenKind::Number !== $this->tokens[$this->at - 1]->kind && null !== $this->classes->ownerOf($class, 'increase' === $method ? 'advance' : 'go_back');
        $behind = isset($this->classes->parents[$class]) ? $this->operatorNames->behind($class, $this->tokens[$this->at - 1]->text) : null;
        if (null !== $behind) {
            return new MethodCall($target, $behind, []);
        }
        if ($isStep) {
            $method = 'increase' === $method ? 'advance' : 'go_back';
        }

        return isset($this->classes->parents[$class]) && null !== $this->classes->ownerOf($class, $method) ? new MethodCall($target, $method, $isStep ? [] : [$this->asObjectOf($this->takenBy($class, $method), $amount)]) : null;
    }

    public function foreignRow(Token $token, Token $next): void
    {
        if (\in_array($token->text, ['print', 'echo'], true)) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'cout << …']);
        }
    }

    /** Whether the text has words that say how streams show values. */
    public function tellsForms(): bool
    {
        return $this->tells ??= [] !== array_filter($this->tokens, static fn (Token $token): bool => isset(StreamForms::WORDS[$token->text]) && 'setw' !== $token->text || 'precision' === $token->text);
    }

    public function eachLoop(int $id, int $start, Token $opened): ?Statement
    {
        return $this->eachRows->eachLoop($id, $start, $opened);
    }

    protected function bracedAs(Token $opened, string $type): Expression
    {
        return $this->initialValues->filledUp($type, $this->initialValues->bracedAs($opened, $type)) ?? $this->madeValues->empty("vector<$type>");
    }

    protected function ofArguments(string $type, array $arguments): Expression
    {
        return $this->initialValues->ofArguments($type, $arguments);
    }

    protected function isPair(Expression $value): bool
    {
        return $value instanceof VariableRead && (isset($this->pairs[$value->name]) || isset($this->iterators[$value->name])) || [] !== TypeNames::read($this->typeOf($value))->parts;
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        $pair = $receiver instanceof VariableRead ? $this->pairs[$receiver->name] ?? null : null;
        if (null !== $pair && $receiver instanceof VariableRead && ('first' === $name || 'second' === $name)) {
            $this->symbols->silenced[$receiver->name] = true;

            return new VariableRead($pair['first' === $name ? 0 : 1]);
        }

        if ('first' === $name || 'second' === $name) {
            if (!isset($this->classes->fieldNames[$name]) || $this->isPair($receiver)) {
                $iterator = $receiver instanceof VariableRead ? $this->iterators[$receiver->name] ?? null : null;
                if (null !== $iterator && 'key' === $iterator[0]) {
                    return 'first' === $name ? $receiver : new Item($iterator[1], $receiver);
                }

                return new Item($receiver, new NumberLiteral('first' === $name ? 0 : 1));
            }
        }

        return parent::property($receiver, $name, $token);
    }

    public function performed(Expression $value, int $offset, int $end): Statement
    {
        $where = $this->doneWhere->doneWhere($value, $offset, $end);
        if (null !== $where) {
            return $where;
        }
        if ($value instanceof Operation && null !== $edited = $this->wholeLists->edited($value)) {
            return $edited;
        }
        if ($value instanceof Operation && OperationKey::MapInserted === $value->key) {
            [$map, $key, $item] = $value->arguments;

            return new Perform($this->newId(), new Operation(OperationKey::ValueOrPut, [$map, $key, $item]));
        }
        $changed = $value instanceof Operation && OperationKey::Transformed === $value->key ? $this->wholeLists->transformed($value) : null;
        if (null !== $changed) {
            return $changed;
        }
        $all = $value instanceof Operation && str_starts_with($value->key->value, 'all_') ? $this->wholeLists->changedAll($value) : null;
        if (null !== $all) {
            return $all;
        }
        $swapped = $value instanceof Operation && OperationKey::Swap === $value->key ? $this->wholeLists->swappedLetters($value) : null;
        if (null !== $swapped) {
            return $swapped;
        }
        $ordered = $value instanceof Operation ? [OperationKey::Sort->value => OperationKey::Sorted, OperationKey::SortDown->value => OperationKey::SortedDown, OperationKey::SortBy->value => OperationKey::SortedBy, OperationKey::SortDownBy->value => OperationKey::SortedDownBy, OperationKey::TurnRound->value => OperationKey::Backwards][$value->key->value] ?? null : null;
        if ($value instanceof Operation && null !== $ordered && (($text = $value->arguments[0]) instanceof VariableRead || $text instanceof Item || $text instanceof Field) && 1 === preg_match('/^(?:std::)?string\b/', $this->typeOf($text))) {
            // The letters of a text stand in another order: it is one that is put together anew.
            $anew = OperationKey::Backwards === $ordered ? new Operation($ordered, [$text]) : new Operation(OperationKey::Joined, [new Operation($ordered, [new Operation(OperationKey::Letters, [$text]), ...\array_slice($value->arguments, 1)]), new TextLiteral('')]);

            return $text instanceof VariableRead ? new SetVariable($this->newId(), $text->name, $anew) : new SetItem($this->newId(), $text, $anew);
        }
        if ($value instanceof Operation && OperationKey::PutRange === $value->key && ($text = $value->arguments[0]) instanceof VariableRead && TypeNames::read($this->typeOf($text))->isTextual()) {
            // No letter of a text gives way here: it is one that is put together anew.
            [, $from, $to, $part] = $value->arguments;
            $before = $from == new NumberLiteral(0) ? $part : new Binary(Operator::Join, new Slice($text, new NumberLiteral(0), $from), $part);

            return new SetVariable($this->newId(), $text->name, $to == new Operation(OperationKey::Length, [$text]) ? $before : new Binary(Operator::Join, $before, new Slice($text, $to, new NothingLiteral())));
        }
        if ($value instanceof Operation && \in_array($value->key, [OperationKey::NextOf, OperationKey::LineOf, OperationKey::NextSign], true)) {
            return new Perform($this->newId(), $value);
        }
        if ($value instanceof Operation && OperationKey::Swap === $value->key) {
            if ([] !== array_filter([...Walk::expressions($value)], static fn (Expression $part): bool => $part instanceof OwnValue)) {
                // Both places are asked for once.
                $this->failAt('unsupported', $offset, max(1, $end - $offset), ['what' => 'swap(…)']);
            }

            return new SetSeveral($this->newId(), $this->wholeLists->afterGiven($value, $offset), array_reverse($value->arguments));
        }

        return parent::performed($value, $offset, $end);
    }

    public function shared(string $scope, Block $body): Block
    {
        foreach (Walk::statements($body->statements) as $row) {
            $letters = $row instanceof SetItem && $row->target instanceof Item && $row->target->container instanceof VariableRead ? $row->target->container->name : null;
            // A letter put into a text makes another text of it.
            foreach ([...$row->assigned(), ...null === $letters ? [] : [$letters]] as $name) {
                if (!isset($this->declared[$scope][$name]) && isset($this->declared[''][$name])) {
                    $this->assigned[$scope][$name] = true;
                }
            }
        }

        return parent::shared($scope, $body);
    }

    protected function gatheredSoFar(): ?string
    {
        // A constructor is left with the object that it makes (C++17, 15.1).
        return $this->scope === $this->makers->making ? $this->itself : null;
    }

    /**
     * @param list<Token> $tokens of the whole text, spaces and remarks too
     *
     * @return list<Token> without the types that class templates are made for
     */
    protected function prepared(array $tokens): array
    {
        return $this->classTemplates->prepared($tokens);
    }

    protected function checkAccess(Expression $receiver, Token $name): void
    {
        $this->access->check($receiver, $name);
    }

    public function typesOfTemplates(): array
    {
        return $this->classTemplates->single();
    }

    protected function madeByOwn(string $type, Expression $value): ?Expression
    {
        $class = [] === $this->classes->parents ? null : TypeNames::read($this->typeOf($value))->class;
        $method = null === $class ? null : $this->operatorNames->making($class, $type);

        if ('@truth' === $method) {
            return new Operation(OperationKey::ToTruth, [$value]);
        }

        return null === $method ? null : new MethodCall($value, $method, []);
    }

    public function makerOf(string $class, array $arguments): ?string
    {
        return $this->makers->makerOf($class, $arguments);
    }

    public function saysItGoes(string $class): bool
    {
        return $this->goneObjects->saysItGoes($class);
    }

    /** `int[4]` behind `new`: so many values, as they are when nothing is said, or as the braces say (C++17, 8.3.4). */
    public function newArray(Token $token): Expression
    {
        return $this->pointers->newArray($token);
    }

    /**
     * A call whose class shows where it is written, whatever the object turns out to be; null for any other.
     *
     * @param list<Expression> $arguments
     * @param string|null      $class     of the receiver, where it is known from elsewhere
     */
    public function calledOf(Expression $receiver, string $method, array $arguments, ?string $class = null): ?OwnValue
    {
        return $this->virtualMethods->calledOf($receiver, $method, $arguments, $class) ?? $this->ofClassItself($receiver, $method, $arguments);
    }
}
