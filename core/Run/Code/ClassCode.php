<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\Values\MapValue;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;

/** Classes, and objects that are made. */
final class ClassCode
{
    /** Objects that hold each other are no deeper than this. */
    private const DEEPEST_FIELDS = 20;

    public function __construct(private readonly Compiler $compiler)
    {
    }

    /** Code that says which function answers to which method of each class, and how many values it takes. */
    public function classes(): string
    {
        $classes = new Classes($this->compiler->program);
        $table = [];
        foreach ($classes->names() as $class) {
            $table[$class] = [];
            foreach ($classes->table($class) as $name => $function) {
                $definition = $this->compiler->program->functionNamed($function);
                $table[$class][$name] = ['f'.(int) array_search($function, $this->compiler->functions, true), \count($definition?->given() ?? []), \count($definition->defaults ?? []), null !== $definition && '' !== $definition->rest ? (int) array_search($definition->rest, $definition->given(), true) : null, true === $definition?->isShared(), $definition?->given() ?? [], CallCode::takesOthers($definition), 'asked' === $definition?->sort, null === $definition ? $function : $definition->class().'.'.(ClassDefinition::MAKES === $definition->shortName() ? '__init__' : $definition->shortName())];
            }
        }

        $ancestry = [];
        foreach ($classes->names() as $class) {
            $ancestry[$class] = $classes->ancestry($class);
        }

        $failing = array_map(static fn (string $class): ?FailureKind => $classes->failure($class), array_combine($classes->names(), $classes->names()));
        $failing = array_map(static fn (FailureKind $kind): string => $kind->value, array_filter($failing));

        $records = array_fill_keys(array_map(static fn (ClassDefinition $class): string => $class->name, array_filter($this->compiler->program->classes(), static fn (ClassDefinition $class): bool => ClassDefinition::RECORD === $class->parent)), true);

        $pointing = $this->compiler->facts->typed ? $this->pointing($classes) : [];

        $late = $this->compiler->facts->undefined ? $this->late($classes) : [];

        return [] === $table ? '' : ([] === $late ? '' : 'protected array $fieldsInTurn = '.var_export($late, true).";\n").([] === $pointing ? '' : 'protected array $pointing = '.var_export($pointing, true).";\n").([] === $records ? '' : 'protected array $records = '.var_export($records, true).";\n").'protected array $failing = '.var_export($failing, true).";\n".$this->beginnings().'protected array $classes = '.var_export($table, true).";\nprotected array \$ancestry = ".var_export($ancestry, true).";\n";
    }

    /**
     * What objects only point at, which a copy of them points at as well (C++17, 15.8.1).
     *
     * @return array<string, array<string, true>> by class, the tags of the fields
     */
    private function pointing(Classes $classes): array
    {
        $fields = [];
        foreach ($classes->names() as $name) {
            foreach ($classes->ancestry($name) as $class) {
                foreach ($this->compiler->program->classNamed($class)?->body->statements ?? [] as $row) {
                    if ($row instanceof FieldDeclaration && 1 === preg_match('/\*|_ptr\b/', (string) $row->type)) {
                        $fields[$name]["t$row->name"] = true;
                    }
                }
            }
        }

        return $fields;
    }

    /**
     * In JavaScript an object gets the fields of a class when those above it have made it (ECMA-262, 13.3.7.1 and 15.7.14).
     *
     * @return array<string, array{list<string>, list<string>}> by class, those whose fields it gets first, and those whose it gets last;
     *                                                          the others give theirs behind `super(…)`
     */
    private function late(Classes $classes): array
    {
        $late = [];
        foreach ($classes->names() as $name) {
            $chain = array_values(array_reverse($classes->ancestry($name)));
            $making = array_keys(array_filter($chain, $this->asksAbove(...)));
            $first = array_key_first(array_filter($chain, fn (string $class): bool => null !== $this->compiler->program->functionNamed($class.'.'.ClassDefinition::MAKES))) ?? \count($chain) - 1;
            $last = [] === $making ? $first : max($first, ...$making);
            $early = array_filter($chain, fn (string $class, int $place): bool => $place <= $first || $place <= $last && !$this->isGivenBehind($chain, $place), \ARRAY_FILTER_USE_BOTH);
            if (\count($early) < \count($chain)) {
                $late[$name] = [array_values($early), \array_slice($chain, $last + 1)];
            }
        }

        return $late;
    }

    /** Whether the constructor of a class asks that of one above it. */
    private function asksAbove(string $class): bool
    {
        return null !== $this->madeAbove($class);
    }

    /** The class whose constructor that of another one asks first. */
    private function madeAbove(string $class): ?string
    {
        $maker = $this->compiler->program->functionNamed($class.'.'.ClassDefinition::MAKES);
        foreach ($maker->body->statements ?? [] as $row) {
            $above = $row instanceof OwnCall && !$row->off ? $this->compiler->program->functionNamed($row->function) : null;
            if (ClassDefinition::MAKES === $above?->shortName()) {
                return $above->class();
            }
        }

        return null;
    }

    /**
     * Whether a class further down in a chain gives its objects the fields of this one.
     *
     * @param list<string> $chain
     */
    private function isGivenBehind(array $chain, int $place): bool
    {
        foreach ($chain as $below => $class) {
            $above = $this->madeAbove($class);
            if ($below >= $place && null !== $above && (int) array_search($above, $chain, true) < $place) {
                return true;
            }
        }

        return false;
    }

    /** What follows `super(…)` in a constructor: the object gets the fields of its class. */
    public function behindSuper(OwnCall $call): string
    {
        $part = $this->compiler->part;
        $above = $this->compiler->facts->undefined && $part instanceof FunctionDefinition && ClassDefinition::MAKES === $part->shortName() ? $this->compiler->program->functionNamed($call->function) : null;
        if (ClassDefinition::MAKES !== $above?->shortName() || !$part instanceof FunctionDefinition || !isset($call->arguments[0]) || $above->class() !== $this->madeAbove($part->class())) {
            return '';
        }
        $code = '';
        foreach (array_reverse(($this->compiler->classTable ??= new Classes($this->compiler->program))->ancestry($part->class())) as $class) {
            $isBelow = isset($found) && [] !== array_filter($this->compiler->program->classNamed($class)?->body->statements ?? [], static fn (Statement $row): bool => $row instanceof FieldDeclaration && !$row->off);
            $code .= $isBelow ? '$this->begin('.var_export($class, true).', '.$this->compiler->expression($call->arguments[0]).", \$d);\n" : '';
            $found = $class === $above->class() ? true : ($found ?? null);
        }

        return $code;
    }

    /** Code that gives a new object what its class says it keeps at first. */
    private function beginnings(): string
    {
        $code = '';
        foreach ($this->compiler->program->classes() as $class) {
            $rows = '';
            foreach ($class->body->statements as $row) {
                if ($row instanceof FieldDeclaration && !$row->off) {
                    $before = $this->compiler->inner;
                    $this->compiler->inner[$this->compiler->program->itself()] = '$o';
                    $rows .= $this->beginning($row);
                    $this->compiler->inner = $before;
                }
            }
            $code .= '' === $rows ? '' : 'if ($class === '.var_export($class->name, true).") {\n$rows}\n";
        }
        if ('' === $code) {
            return '';
        }

        return 'protected function begin(string $class, \\'.MapValue::class.' $o, int $d): void {'."\n".'$t = $this->trace; $v = $this->values; $r = null;'."\n$code}\n";
    }

    private function beginning(FieldDeclaration $row): string
    {
        $type = null === $row->type ? StaticType::unknown() : TypeNames::read($row->type);
        $value = match (true) {
            null !== $row->value => $this->compiler->assignmentCode->kept($type, $this->compiler->expression($row->value), $row->value),
            TypeKind::Text === $type->kind => "''",
            [] !== $type->parts => self::emptyParts($type),
            $type->isList() => '$v->list([])',
            $type->isMap() => '$v->map([])',
            $type->isSet() => '$v->setOf()',
            // One that wants values gets them from what makes the object around it (C++17, 15.6.2).
            TypeKind::Copied === $type->kind && (($classes = new Classes($this->compiler->program))->wantsValues((string) $type->class) || $classes->isGivenFirst($row)) => 'null',
            TypeKind::Copied === $type->kind => $this->bare((string) $type->class),
            TypeKind::Object === $type->kind, null === $row->type => 'null',
            default => null,
        };

        return null === $value ? '$o->order[] = '.var_export($row->name, true).";\n" : '$o->order[] = '.var_export($row->name, true).";\n\$v->keep(\$o, ".var_export($row->name, true).", $value);\n";
    }

    /** An object of which nothing is said, made by the function of its class for that where it has one (C++17, 11.6). */
    public function bare(string $class): string
    {
        foreach (null === $this->compiler->program->functionNamed($class.'.'.ClassDefinition::MAKES) ? $this->compiler->program->definitions() : [] as $function) {
            $first = $function->body->statements[0] ?? null;
            $isMaker = [] === $function->parameters && 'shared' === $function->sort && ClassDefinition::isMaker($class, $function->name);
            if ($isMaker && $first instanceof SetVariable && $first->variable === $this->compiler->program->itself()) {
                return $this->compiler->callCode->call($function->name, []);
            }
        }

        return '$this->madeCopied('.var_export($class, true).', $d)';
    }

    /** Pairs and tuples hold what stands for nothing from the start (C++17, 23.4.2). */
    private static function emptyParts(StaticType $type): string
    {
        $parts = array_map(static fn (StaticType $part): string => match (true) {
            [] !== $part->parts => self::emptyParts($part),
            $part->isTextual() => "''",
            $part->isList() => '$v->list([])',
            $part->isMap() => '$v->map([])',
            $part->isSet() => '$v->setOf()',
            TypeKind::Truth === $part->kind => 'false',
            $part->isNumeric() => '0',
            default => 'null',
        }, $type->parts);

        return '$v->record('.implode(', ', $parts).')';
    }

    /** A map; what it works out whenever it is asked for is tied to it. */
    public function mapLiteral(MapLiteral $literal): string
    {
        $found = $kept = [];
        $entries = [];
        foreach (array_chunk($literal->entries, 2) as [$key, $value]) {
            $value ??= new NothingLiteral();
            if ($key instanceof TextLiteral && $value instanceof FunctionReference && 'set' === $this->compiler->program->functionNamed($value->function)?->sort) {
                $name = var_export($key->value, true);
                $kept[] = "$name => ".$this->compiler->expression($value);
                \in_array($name, $found, true) || array_push($entries, $this->compiler->expression($key), 'null');
                continue;
            }
            array_push($entries, $this->compiler->expression($key), $this->withName($value, $key instanceof TextLiteral ? $key->value : ''));
            $function = $value instanceof FunctionReference ? $this->compiler->program->functionNamed($value->function) : null;
            if ($key instanceof TextLiteral && 'asked' === $function?->sort) {
                $found[] = var_export($key->value, true);
            }
        }

        $map = '$v->map(['.implode(', ', $entries).'])';

        return [] === $found && [] === $kept ? $map : "\$v->withGetters($map, [".implode(', ', $found).'], ['.implode(', ', $kept).'])';
    }

    public function newObject(MakeObject $made): string
    {
        if ($this->isBegun($made)) {
            return '$this->begun('.var_export($made->class, true).', $d)';
        }
        $like = $this->compiler->facts->typed && 1 === \count($made->arguments) ? $this->compiler->types->expression($this->compiler->part, $made->arguments[0]) : null;
        if (TypeKind::Copied === $like?->kind && $like->class === $made->class && !$this->takesLike($made->class)) {
            return '$v->likeThat('.$this->compiler->expression($made->arguments[0]).', '.var_export($made->copied, true).')';
        }

        $given = array_map($this->compiler->callCode->handedOver(...), $made->arguments);
        $classes = $this->compiler->classTable ??= new Classes($this->compiler->program);
        $maker = $classes->method($made->class, ClassDefinition::MAKES);
        foreach (!$this->compiler->facts->typed ? [] : (null === $maker ? $this->kindsOfFields($made->class) : $this->kindsTaken($maker)) as $index => $type) {
            if (isset($given[$index])) {
                $given[$index] = $this->compiler->assignmentCode->kept($type, $given[$index], $made->arguments[$index]);
            }
        }

        return ($made->copied ? '$this->madeCopied(' : '$this->made(').var_export($made->class, true).', $d'.CallCode::behind($made->arguments, $given).')';
    }

    /** Whether an object is the one that a constructor makes, which itself says what is made of it for the classes above (C++17, 15.6.2). */
    private function isBegun(MakeObject $made): bool
    {
        $part = $this->compiler->part;
        if (!$this->compiler->facts->typed || !$made->copied || [] !== $made->arguments || !$part instanceof FunctionDefinition || !$part->isShared() || !ClassDefinition::isMaker($made->class, $part->name)) {
            return false;
        }

        return null !== ($this->compiler->classTable ??= new Classes($this->compiler->program))->method($made->class, ClassDefinition::MAKES);
    }

    /** @return array<int, StaticType> by place, the types of numbers, letters and truths that a constructor is handed by value */
    private function kindsTaken(FunctionDefinition $maker): array
    {
        $kinds = [];
        foreach ($maker->given() as $index => $parameter) {
            $type = $this->compiler->types->variable($maker, $parameter);
            if ($parameter !== $maker->rest && 1 !== preg_match('/[&*]$/D', $maker->types[$parameter] ?? '') && ($type->isNumeric() || \in_array($type->kind, [TypeKind::Letter, TypeKind::Truth], true))) {
                $kinds[$index] = $type;
            }
        }

        return $kinds;
    }

    /** @return array<int, StaticType> by place, the types of fields that are numbers with a point or hold some */
    private function kindsOfFields(string $class): array
    {
        $kinds = [];
        $place = 0;
        foreach ($this->compiler->program->classNamed($class)?->body->statements ?? [] as $row) {
            if ($row instanceof FieldDeclaration && !$row->off) {
                $type = null === $row->type ? StaticType::unknown() : TypeNames::read($row->type);
                $kinds += StaticType::number() === $type || $type->isList() || $type->isMap() ? [$place => $type] : [];
                ++$place;
            }
        }

        return $kinds;
    }

    /** Whether a class says itself how objects of it are made like others. */
    private function takesLike(string $class): bool
    {
        $maker = $this->compiler->program->functionNamed($class.'.'.ClassDefinition::MAKES);
        $taken = null === $maker ? null : $maker->types[$maker->parameters[1] ?? ''] ?? null;

        return null !== $taken && TypeNames::read($taken)->class === $class;
    }

    /**
     * What the fields of an object hold that nothing is given for, where C++ makes them nought.
     *
     * @param int $given how many of them get a value, from the first one on
     *
     * @return array<string, mixed>
     */
    public function nought(string $class, int $given = 0, int $depth = 0): array
    {
        $definition = $this->compiler->facts->typed ? $this->compiler->program->classNamed($class) : null;
        if (null === $definition || '' !== $definition->parent || null !== $this->compiler->program->functionNamed($class.'.'.ClassDefinition::MAKES) || $depth > self::DEEPEST_FIELDS) {
            return [];
        }
        $fields = [];
        foreach ($definition->body->statements as $row) {
            if (!$row instanceof FieldDeclaration || $row->off || 0 < $given--) {
                continue;
            }
            $type = null === $row->type || null !== $row->value ? StaticType::unknown() : TypeNames::read($row->type);
            $nought = match (true) {
                $type->isWhole() => 0,
                $type->isNumeric() => 0.0,
                StaticType::truth() === $type => false,
                TypeKind::Copied === $type->kind => $this->nought((string) $type->class, 0, $depth + 1),
                default => null,
            };
            $fields += null === $nought || [] === $nought ? [] : [$row->name => $nought];
        }

        return $fields;
    }

    /** In JavaScript a function is called as what it is first kept as (ECMAScript 2022, 8.4). */
    public function withName(Expression $value, string $name): string
    {
        $code = $this->compiler->expression($value);
        $function = $value instanceof FunctionReference ? $this->compiler->program->functionNamed($value->function) : null;
        $isUnnamed = $value instanceof Lambda || null !== $function && 1 === preg_match(Compiler::UNNAMED, $this->compiler->functionCode->nameWritten($function));
        // A method of an object is called as the object calls it.
        $isUnnamed = $isUnnamed || 'tied' === $function?->sort && 1 === preg_match('/^'.Names::asPattern($name).'_\d+$/D', $function->name);

        return $isUnnamed && '' !== $name && $this->compiler->facts->namesByVariable ? "\$v->named($code, ".var_export($name, true).')' : $code;
    }

    /** Whether other classes are made from a class. */
    public function isAbove(string $class): bool
    {
        foreach ($this->compiler->program->classes() as $other) {
            if ($other->parent === $class) {
                return true;
            }
        }

        return false;
    }
}
