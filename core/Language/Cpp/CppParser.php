<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\Conversion;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
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
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** C++17, as far as a school course goes (ISO/IEC 14882:2017, clauses 9 to 11). */
final class CppParser extends CppExpressions
{
    use ClassTemplates;
    use CStyle;
    use Destructors;
    use DoneForEach;
    use FilesOfStreams;
    use FreeOperators;
    use InnerNames;
    use Makers;
    use NamesOfPlaces;
    use NamesOfTypes;
    use OtherNames;
    use TextsOfC;
    use VirtualMethods;
    use WholeLists;

    private bool $inMain = false;
    /** Where the function being read begins and ends. */
    private int $begun = 0;
    private int $ends = 0;
    private bool $hasMain = false;

    public function rows(): Rows
    {
        $this->tokenize();
        $this->tokens = OverloadedMethods::renamed($this->tokens, $this->partners, $this->nameFor(...));
        $this->announce();
        $imports = $this->leading();
        $above = [];
        while (null !== $token = $this->peek()) {
            foreach ($this->remarks() as $row) {
                $above[] = $row;
            }
            if ($this->isMain()) {
                return $this->main($imports, $above);
            }
            foreach ($this->outermost($token) as $row) {
                $above[] = $row;
            }
        }
        foreach ($this->remarks() as $row) {
            $above[] = $row;
        }
        if ([] !== array_filter($above, static fn (Statement $row): bool => !$row instanceof Import && !$row instanceof Comment && !$row instanceof FunctionDefinition) || [] !== $above && [] === $this->mistakes) {
            $this->mainMissing();
        }

        return new Rows($imports, $above);
    }

    private function mainMissing(): void
    {
        if (!$this->hasMain && '' !== trim($this->text)) {
            $first = $this->cuts[0] ?? null;
            foreach ($this->cuts as $cut) {
                if (1 === $cut->parent) {
                    $first = $cut;
                }
            }
            $this->mistakes = [...array_filter($this->mistakes, static fn (Mistake $mistake): bool => 'outside_main' !== $mistake->kind)];
            $this->mistake('main_missing', $first->start ?? 0, max(1, ($first->end ?? 1) - ($first->start ?? 0)));
        }
    }

    /** @return list<Statement> a row outside of every function */
    private function outermost(Token $token): array
    {
        if ('}' === $token->text && TokenKind::Sign === $token->kind) {
            return $this->block(null);
        }

        return $this->row();
    }

    /**
     * @param array{int, int}|null $imports
     * @param list<Statement>      $above
     */
    private function main(?array $imports, array $above): Rows
    {
        $start = $this->at;
        $this->hasMain = true;
        $token = $this->tokens[$start];
        $type = $token->text;
        $this->at += 'main' === $type ? 2 : 3;
        if ('main' === $type) {
            $this->mistake('main_type', $token->offset, 4, ['name' => 'main'], [new Replacement($token->offset, 0, 'int ')]);
        } elseif ('int' !== $type) {
            $this->mistake('main_type', $token->offset, \strlen($type), ['name' => $type], [new Replacement($token->offset, \strlen($type), 'int')]);
        }
        while (!$this->is(')') && null !== $this->peek() && !$this->is('{')) {
            ++$this->at;
        }
        if (!$this->accept(')')) {
            $this->mistake('bracket_missing', $this->tokens[$start + 2]->offset, 1, ['opened' => '(', 'wanted' => ')'], [new Replacement($this->endOffset(), 0, ')')]);
        }
        if ($this->is(';') && $this->is('{', 1)) {
            $this->mistake('semicolon_after_header', $this->offset(), 1, ['word' => 'main'], [new Replacement($this->offset(), 1, '')]);
            ++$this->at;
        }
        if (!$this->accept('{')) {
            $this->mistake('brace_wanted', $token->offset, $this->endOffset() - $token->offset, ['word' => 'main'], [new Replacement($this->endOffset(), 0, ' {')]);
        }
        $this->cut(1, 'head', $token->offset, $this->endOffset());
        $this->inMain = true;
        try {
            $rows = $this->block($start);
        } catch (ParseFailure $failure) {
            // What goes at its end can't be told; the text stays as it is.
            $this->mistakes[] = $failure->mistake;
            $rows = [];
        }
        $this->inMain = false;
        $offset = $this->offset();
        $last = self::lastRow($rows);
        if ($last instanceof GiveBack) {
            // What `main` gives back closes it.
            $offset = $this->closedBy($last, $rows) ?? $offset;
        }
        if ($this->is('}')) {
            ++$this->at;
            $this->cut(1, 'close', $offset, $this->endOffset());
        } else {
            $this->missingBrace($start);
            if ($last instanceof GiveBack) {
                $this->cut(1, 'close', $offset, $this->endOffset());
            }
        }
        $below = [];
        while (null !== $token = $this->peek()) {
            foreach ($this->remarks() as $row) {
                $below[] = $row;
            }
            foreach ($this->outermost($token) as $row) {
                $below[] = $row;
            }
        }
        foreach ($this->remarks() as $row) {
            $below[] = $row;
        }

        [$imports, $above] = $this->withoutBareGlobals($imports, $above, $rows);

        return new Rows($imports, $rows, $above, $below);
    }

    /**
     * Variables that stand above the functions only because C++ wants them there, and prototypes, belong to the head of
     * the text: the script gives those variables their first values.
     *
     * @param array{int, int}|null $imports
     * @param list<Statement>      $above
     * @param list<Statement>      $script
     *
     * @return array{array{int, int}|null, list<Statement>}
     */
    private function withoutBareGlobals(?array $imports, array $above, array $script): array
    {
        $given = [];
        foreach ($script as $row) {
            $given += $row instanceof SetVariable ? [$row->variable => true] : [];
        }
        while (null !== $imports && [] !== $above) {
            $row = $above[0];
            $isBare = $row instanceof Declaration && isset($given[$row->variable])
                || $row instanceof SetVariable && isset($given[$row->variable]) && \in_array($row->value, [new NumberLiteral(0), new TextLiteral(''), new TruthLiteral(false)], false);
            $isPrototype = $row instanceof Import && (str_ends_with($row->text, ');') || 1 === preg_match('/^(?:std::)?function</', $row->text));
            if (!$isBare && !$isPrototype) {
                break;
            }
            foreach ($this->cuts as $index => $cut) {
                if ($cut->id === $row->id) {
                    $imports[1] = max($imports[1], $cut->end);
                    unset($this->cuts[$index]);
                }
            }
            $this->cuts = array_values($this->cuts);
            array_shift($above);
        }

        return [$imports, $above];
    }

    private function isMain(): bool
    {
        return $this->is('main', 1) && $this->is('(', 2) && \in_array($this->sign(), ['int', 'void'], true)
            || $this->is('main') && $this->is('(', 1) && '{' === ($this->tokens[($this->closingOf($this->at + 1) ?? $this->at) + 1]->text ?? '');
    }

    /** Functions may be called above their definition, where a prototype stands. */
    private function announce(): void
    {
        $this->announceClasses();
        $depth = 0;
        $anyTypes = [];
        foreach ($this->tokens as $index => $token) {
            if ('using' === $token->text && '=' === ($this->tokens[$index + 2]->text ?? '') || \in_array($token->text, ['enum', 'struct'], true)) {
                $anyTypes[$this->tokens[$index + ('class' === ($this->tokens[$index + 1]->text ?? '') ? 2 : 1)]->text ?? ''] = true;
            } elseif ('typedef' === $token->text) {
                for ($end = $index; isset($this->tokens[$end + 1]) && ';' !== $this->tokens[$end + 1]->text; ++$end) {
                }
                $anyTypes[$this->tokens[$end]->text] = true;
            }
            if (\in_array($token->text, ['typename', 'class'], true) && \in_array($this->tokens[$index - 1]->text ?? '', ['<', ','], true)) {
                $anyTypes[$this->tokens[$index + 1]->text ?? ''] = true;
            }
            $depth += TokenKind::Sign !== $token->kind ? 0 : ('{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0));
            $before = $this->tokens[$index - 1] ?? null;
            $after = $this->tokens[$index + 1] ?? null;
            if (TokenKind::Name === $token->kind && '=' === $after?->text && '[' === ($this->tokens[$index + 2]->text ?? '') && null !== $bracket = $this->closingOf($index + 2)) {
                $isFunction = 'auto' !== $before?->text || 'return' !== ($this->tokens[('(' === ($this->tokens[$bracket + 1]->text ?? '') ? $this->closingOf($bracket + 1) ?? $bracket : $bracket) + 2]->text ?? '');
                if ($isFunction && ('auto' === $before?->text || '>' === $before?->text || isset($this->functions[$token->text]))) {
                    $closed = '(' === ($this->tokens[$bracket + 1]->text ?? '') ? $this->closingOf($bracket + 1) : null;
                    $this->functions[$token->text] = null === $closed ? [0, 0, []] : $this->counted($bracket + 2, $closed);
                }
            }
            if ('function' === $token->text && '<' === $after?->text && 0 === $depth && null !== $foretold = $this->foretoldFrom($index)) {
                $this->functions[$foretold] = [0, 0, []];
            }
            if (TokenKind::Name !== $token->kind || '(' !== $after?->text || null === $before || 'main' === $token->text
                || !(isset(TypeNames::PLAIN[$before->text]) || 'void' === $before->text || 'string' === $before->text || isset($this->classes[$before->text]) || isset($anyTypes[$before->text]) || \in_array($before->text, ['>', '>>', '*', '&'], true) && 0 === $depth)) {
                continue;
            }
            $closing = $this->closingOf($index + 1);
            $next = null === $closing ? '' : ($this->tokens[$closing + 1]->text ?? '');
            if ('{' !== $next && ';' !== $next || null === $closing || ';' === $next && 0 < $depth) {
                continue;
            }
            $counted = $this->counted($index + 2, $closing);
            $name = $this->overload($token->text, $index + 1) ?? $token->text;
            $this->taken[$name] ??= $this->typesAt($index + 1) ?? [];
            $this->functions[$name] = [min($this->functions[$name][0] ?? 99, $counted[0]), $counted[1], $counted[2]];
        }
    }

    /** @return list<string>|null the types of the parameters between brackets, as they are written; one that is empty for none */
    private function typesAt(int $bracket): ?array
    {
        $closing = $this->partners[$bracket] ?? null;
        if (null === $closing) {
            return null;
        }
        $types = [''];
        $depth = 0;
        for ($at = $bracket + 1; $at < $closing; ++$at) {
            $text = $this->tokens[$at]->text;
            $depth += ['<' => 1, '>' => -1, '>>' => -2][$text] ?? 0;
            if (',' === $text && 0 === $depth) {
                $types[] = '';
            } elseif ('=' === $text && 0 === $depth) {
                while ($at + 1 < $closing && ',' !== $this->tokens[$at + 1]->text) {
                    ++$at;
                }
            } elseif (!\in_array($text, ['const', '&', '*', 'std', '::', '[', ']'], true) && !(TokenKind::Name === $this->tokens[$at]->kind && '' !== $types[\count($types) - 1] && 0 === $depth && \in_array($this->tokens[$at + 1]->text, [',', ')', '=', '['], true))) {
                $types[\count($types) - 1] .= $text;
            }
        }

        return $types;
    }

    /** The name under which a function is known here of which there are several (C++17, 16), by what it takes. */
    private function overload(string $name, int $bracket): ?string
    {
        $types = $this->typesAt($bracket);
        if (null === $types) {
            return null;
        }
        $key = implode('|', $types);
        if (!isset($this->overloads[$name][$key])) {
            $this->overloads[$name][$key] = [[] === ($this->overloads[$name] ?? []) ? $name : $this->nameFor($name), '' === $key ? [] : $types];
        }

        return $this->overloads[$name][$key][0];
    }

    protected function called(Token $token, array $arguments): Expression
    {
        $best = $this->fittest($this->overloads[$token->text] ?? [], $arguments);
        $arguments = $this->asTaken($best ?? $token->text, $arguments);

        return parent::called(null === $best || $best === $token->text ? $token : new Token($token->kind, $best, $token->offset), $arguments);
    }

    /** @var array<string, list<string>> by function, and by method behind a point: the types of what it takes */
    private array $taken = [];

    protected function asTaken(string $name, array $arguments): array
    {
        foreach ($arguments as $index => $argument) {
            $type = $this->taken[$name][$index] ?? '';
            if ('' !== $type && $argument->value instanceof ListLiteral) {
                $arguments[$index] = new Argument($this->inFieldsType($argument->value, TypeNames::read($type)), $argument->offset, $argument->end, $argument->name);
            } elseif ('' !== $type && !isset($this->takesOthers[$name])) {
                $arguments[$index] = new Argument($this->asObjectOf($type, $argument->value), $argument->offset, $argument->end, $argument->name);
            }
        }

        return $arguments;
    }

    /** A number or a text where an object is wanted whose class makes one of it (C++17, 15.3.1). */
    protected function asObjectOf(string $type, Expression $value): Expression
    {
        $class = trim((string) preg_replace('/^const\s*|[&\s]+$/', '', $type));
        $made = isset($this->classes[$class]) && \in_array($this->types_($value), ['int', 'double', 'string', 'char', 'bool', 'float'], true) ? $this->methods[$class][ClassDefinition::MAKES] ?? null : null;

        return null === $made || 1 < $made[0] || 1 > $made[1] ? $value : new MakeObject($class, [$value]);
    }

    protected function takenBy(string $class, string $operator): string
    {
        $owner = $this->ownerOf($class, $operator);

        return null === $owner ? '' : $this->taken["$owner.$operator"][0] ?? '';
    }

    /** @var array<string, true> names of methods, behind a point, that take other things in another class */
    private array $takesOthers = [];

    /**
     * @param array<string, array{string, list<string>}> $overloads what there is, and the types that each takes
     * @param list<Argument>                             $arguments
     */
    private function fittest(array $overloads, array $arguments): ?string
    {
        $best = null;
        $score = -99.0;
        foreach (1 < \count($overloads) ? $overloads : [] as [$name, $types]) {
            [$least, $most] = $this->functions[$name] ?? [0, 0];
            if (\count($arguments) < $least || \count($arguments) > $most) {
                continue;
            }
            $points = 0.0;
            foreach ($arguments as $index => $argument) {
                $points += $this->fitness($this->types_($argument->value), $types[$index] ?? '');
            }
            if ($points > $score) {
                [$best, $score] = [$name, $points];
            }
        }

        return $best;
    }

    /** How well a value of a type fits a parameter. */
    private function fitness(string $given, string $wanted): float
    {
        $numbers = ['int', 'double', 'float', 'long', 'longlong', 'bool', 'char', 'size_t', 'short'];

        return match (true) {
            '' === $given => 0.5,
            $given === $wanted, 'double' === $given && 'float' === $wanted => 2.0,
            \in_array($given, $numbers, true) && \in_array($wanted, $numbers, true) => 1.0,
            default => -10.0,
        };
    }

    /** The type of a value as far as the text shows it, without blanks; empty where it does not. */
    private function types_(Expression $value): string
    {
        return match (true) {
            $value instanceof NumberLiteral => \is_int($value->value) ? 'int' : 'double',
            $value instanceof TextLiteral => $value->letter ? 'char' : 'string',
            $value instanceof TruthLiteral => 'bool',
            $value instanceof VariableRead => str_replace([' ', '&', 'const', 'std::'], '', $this->typeOf($value)),
            $value instanceof MakeObject => $value->class,
            $value instanceof Binary && Operator::Join === $value->operator => 'string',
            $value instanceof Binary && $value->operator->isArithmetic() => \in_array('double', [$this->types_($value->left), $this->types_($value->right)], true) ? 'double' : $this->types_($value->left),
            $value instanceof Operation => ['text' => 'string', 'number' => 'double', 'whole' => 'int', 'natural' => 'int', 'truth' => 'bool', 'letter' => 'char'][ValueOperations::find($value->key)->result->value ?? ''] ?? '',
            default => '',
        };
    }

    /** @var array<string, array<string, array{string, list<string>}>> functions that have one name, by it and by what they take: the name each has here, and its types */
    private array $overloads = [];

    /** Classes may stand in so many others. */
    private const INSIDE = 3;

    /** What classes there are, and what their objects can do and keep. */
    private function announceClasses(): void
    {
        $around = [];
        foreach ($this->tokens as $index => $token) {
            $name = $this->tokens[$index + 1] ?? null;
            if (!\in_array($token->text, ['class', 'struct'], true) || TokenKind::Keyword !== $token->kind || null === $name || TokenKind::Name !== $name->kind || 'enum' === ($this->tokens[$index - 1]->text ?? '')) {
                continue;
            }
            $at = $index + 2;
            $parent = '';
            $at += 'final' === ($this->tokens[$at]->text ?? '') ? 1 : 0;
            if (':' === ($this->tokens[$at]->text ?? '')) {
                $at += \in_array($this->tokens[$at + 1]->text ?? '', ['public', 'private', 'protected'], true) ? 2 : 1;
                $at += 'std' === ($this->tokens[$at]->text ?? '') ? 2 : 0;
                $parent = $this->tokens[$at]->text ?? '';
                ++$at;
            }
            if ('{' !== ($this->tokens[$at]->text ?? '')) {
                continue;
            }
            $around = array_filter($around, static fn (int $end): bool => $end > $index);
            if (\count($around) > self::INSIDE) {
                continue;
            }
            $around[] = $this->partners[$at] ?? \count($this->tokens);
            $this->classes[$name->text] = isset($this->classes[$parent]) || $this->isFailure($parent) ? $parent : '';
            $this->methods[$name->text] = [];
            $this->fieldsOf[$name->text] = [];
            $this->announceMembers($name->text, $at + 1, $this->partners[$at] ?? \count($this->tokens));
            $this->announceVirtuals($name->text, $at + 1, $this->partners[$at] ?? \count($this->tokens));
        }
        foreach ($this->makers as $class => $makers) {
            if (1 === \count($makers)) {
                foreach ($makers as [$name]) {
                    unset($this->functions[$name]);
                }
                unset($this->makers[$class]);
                continue;
            }
            unset($this->methods[$class][ClassDefinition::MAKES]);
            foreach ($makers as [$name]) {
                $method = substr($name, \strlen($class) + 1);
                $this->methods[$class][$method] = $this->functions[$name];
                if (ClassDefinition::MAKES !== $method) {
                    $this->sharedMethods[$name] = true;
                }
            }
        }
        if ([] !== $this->classes) {
            $this->announceFreeOperators();
            $this->announceMakers();
        }
    }

    /** The type with which a member begins, as far as the text says it before any is read; nothing of pointers. */
    private function kindAt(int $at): string
    {
        $kind = '';
        for ($depth = 0; isset($this->tokens[$at]) && ($depth > 0 || '' === $kind || '<' === $this->tokens[$at]->text); ++$at) {
            $text = $this->tokens[$at]->text;
            $depth += ['<' => 1, '>' => -1, '>>' => -2][$text] ?? 0;
            if (\in_array($text, [';', '(', '{', '}'], true)) {
                return '';
            }
            $kind .= \in_array($text, ['const', 'std', '::'], true) ? '' : (',' === $text ? ', ' : $text);
        }

        return \in_array($this->tokens[$at]->text ?? '', ['*', '&'], true) ? '' : $kind;
    }

    /** @var array<int, int> where a method begins that another one does the work of, and its closing brace */
    private array $twins = [];

    /** Methods that stand in a class twice, for objects that may be changed and for others (C++17, 16.3.1), and do the same. */
    private function announceTwins(int $at, int $closing): void
    {
        $seen = [];
        for ($begin = $at; $at < $closing; ++$at) {
            $text = $this->tokens[$at]->text;
            if (\in_array($text, [';', ':', '}'], true)) {
                $begin = $at + 1;
            }
            if ('(' !== $text || null === $end = $this->partners[$at] ?? null) {
                continue;
            }
            $brace = $end + ('const' === ($this->tokens[$end + 1]->text ?? '') ? 2 : 1);
            $last = '{' === ($this->tokens[$brace]->text ?? '') ? $this->partners[$brace] ?? null : null;
            if (null === $last) {
                continue;
            }
            $isConst = $brace > $end + 1;
            $head = 'operator' === ($this->tokens[$at - 3]->text ?? '') ? $at - 3 : $at - 1;
            $key = implode(' ', array_map(static fn (Token $token): string => $token->text, [...\array_slice($this->tokens, $head, $end - $head + 1), ...\array_slice($this->tokens, $brace, $last - $brace + 1)]));
            if (isset($seen[$key]) && $seen[$key][0] !== $isConst) {
                [$first, $until] = $isConst ? [$begin, $last] : $seen[$key][1];
                $this->twins[$first] = $until;
            }
            $seen[$key] = [$isConst, [$begin, $last]];
            $begin = $last + 1;
            $at = $last;
        }
    }

    private function announceMembers(string $class, int $at, int $closing): void
    {
        $this->announceTwins($at, $closing);
        while ($at < $closing) {
            if (\in_array($this->tokens[$at]->text, ['public', 'private', 'protected'], true) && ':' === ($this->tokens[$at + 1]->text ?? '')) {
                $at += 2;
                continue;
            }
            if ('enum' === $this->tokens[$at]->text) {
                $this->announceInnerEnumeration($class, $at, $closing);
            }
            if (\in_array($this->tokens[$at]->text, ['struct', 'class', 'enum', 'union'], true) && null !== $behind = $this->behindInner($at, $closing)) {
                $at = $behind;
                continue;
            }
            if ('friend' === $this->tokens[$at]->text) {
                // It is no member.
                while ($at < $closing && !\in_array($this->tokens[$at]->text, [';', '{'], true)) {
                    ++$at;
                }
                // What closes the class has its partner above.
                $at = max($at, $this->partners[$at] ?? $at) + 1;
                continue;
            }
            $kind = $this->kindAt($at);
            // A member goes to its semicolon, or to the end of its braces.
            $isShared = $isMethod = false;
            $names = [];
            for (; $at < $closing && ';' !== $this->tokens[$at]->text; ++$at) {
                $token = $this->tokens[$at];
                $isShared = $isShared || 'static' === $token->text;
                $next = $this->tokens[$at + 1]->text ?? '';
                if (!$isMethod && null !== $operator = $this->operatorAt($at)) {
                    $isMethod = true;
                    $closed = $this->partners[$operator[1]] ?? $operator[1];
                    if ('!=' !== $operator[0]) {
                        $this->methods[$class][$operator[0]] ??= $this->counted($operator[1] + 1, $closed);
                        $this->taken["$class.$operator[0]"] ??= $this->typesAt($operator[1]) ?? [];
                    }
                    $at = $closed;
                } elseif ('(' === $next && !$isMethod && TokenKind::Name === $token->kind) {
                    $isMethod = true;
                    $closed = $this->partners[$at + 1] ?? $at + 1;
                    $method = $token->text === $class ? ClassDefinition::MAKES : $token->text;
                    $isDefault = ClassDefinition::MAKES === $method && $closed > $at + 2 && '=' === ($this->tokens[$closed + 1]->text ?? '') && \in_array($this->tokens[$closed + 2]->text ?? '', ['default', 'delete'], true);
                    if (ClassDefinition::MAKES === $method && !$isDefault && '~' !== ($this->tokens[$at - 1]->text ?? '')) {
                        $this->announceMaker($class, $at + 1);
                    }
                    if (!$isDefault && '~' !== ($this->tokens[$at - 1]->text ?? '')) {
                        $this->methods[$class][$method] ??= $this->counted($at + 2, $closed);
                        $taken = $this->typesAt($at + 1) ?? [];
                        if (isset($this->taken[".$method"]) && $taken !== $this->taken[".$method"]) {
                            $this->takesOthers[".$method"] = true;
                        }
                        $this->taken[".$method"] ??= $taken;
                        if ($isShared) {
                            $this->sharedMethods["$class.$method"] = true;
                        }
                    }
                    $at = $closed;
                } elseif ('operator' === $token->text && !$isMethod) {
                    // One that is not read, such as how an object is shown: what stands in its brackets is no field.
                    $isMethod = true;
                    while ($at + 1 < $closing && '(' !== $this->tokens[$at + 1]->text) {
                        ++$at;
                    }
                    // Where no bracket comes any more, the next one closes the class: its partner lies behind.
                    $at = max($at + 1, $this->partners[$at + 1] ?? 0);
                } elseif ('{' === $token->text) {
                    $at = $this->partners[$at] ?? $closing;
                    // What a constructor gives its fields, in braces, is no body yet.
                    if ($isMethod && !\in_array($this->tokens[$at + 1]->text ?? '', [',', '{'], true)) {
                        break;
                    }
                } elseif (!$isMethod && TokenKind::Name === $token->kind && \in_array($next, [';', ',', '=', '{', '['], true)) {
                    $names[] = $token->text;
                    while ($at + 1 < $closing && !\in_array($this->tokens[$at + 1]->text, [';', ','], true)) {
                        ++$at;
                        $at = \in_array($this->tokens[$at]->text, ['{', '(', '['], true) ? $this->partners[$at] ?? $at : $at;
                    }
                }
            }
            foreach ($isMethod ? [] : $names as $name) {
                if ($isShared) {
                    $this->statics[$class][$name] = true;
                } else {
                    $this->fieldNames[$name] = $this->fieldsOf[$class][$name] = true;
                    $this->fieldKinds["$class.$name"] = $kind;
                    $this->given[$class][] = $name;
                }
            }
            ++$at;
        }
    }

    /** `Bed(const Bed&) = default;`: what the machine makes by itself is there without being said (C++17, 15.1). */
    private function madeByItself(int $closed, int $start): Statement
    {
        $this->at = $closed + 3;
        $this->semicolon();

        return $this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start);
    }

    /**
     * Whether these are what `setw`, `setprecision` or `setfill` takes (C++17, 30.7.7).
     *
     * @param list<Expression> $values
     */
    private function areOfForm(string $word, array $values): bool
    {
        return 1 === \count($values) && ('setfill' !== $word || $values[0] instanceof TextLiteral || $this->isLetterOnly($values[0]));
    }

    /** The names of an enumeration in a class are the class's own (C++17, 10.2). */
    private function announceInnerEnumeration(string $class, int $at, int $closing): void
    {
        $isApart = \in_array($this->tokens[$at + 1]->text ?? '', ['class', 'struct'], true);
        $apart = $isApart ? ($this->tokens[$at + 2]->text ?? '').'_' : '';
        while ($at < $closing && !\in_array($this->tokens[$at]->text, ['{', ';'], true)) {
            ++$at;
        }
        for ($end = $this->partners[$at] ?? $at; $at < $end; ++$at) {
            if (TokenKind::Name === $this->tokens[$at]->kind && \in_array($this->tokens[$at - 1]->text, ['{', ','], true)) {
                $this->statics[$class][$apart.$this->tokens[$at]->text] = true;
            }
        }
    }

    /** Behind a type that stands in a class. */
    private function behindInner(int $at, int $closing): ?int
    {
        for (; $at < $closing && !\in_array($this->tokens[$at]->text, [';', '(', '='], true); ++$at) {
            if ('{' === $this->tokens[$at]->text) {
                $end = $this->partners[$at] ?? $closing;

                return ';' === ($this->tokens[$end + 1]->text ?? '') ? $end + 2 : null;
            }
        }

        return null;
    }

    /** @return list<Statement> */
    private function classDefinition(Token $token): array
    {
        $start = $this->at++;
        $id = $this->newId();
        $name = $this->newName();
        $around = $this->class;
        if ('' !== $this->scope || '' === $around && 1 !== $this->parent || !isset($this->classes[$name->text])) {
            $this->fail('unsupported', $name, ['what' => "$token->text { … }"]);
        }
        $parent = '';
        $this->accept('final');
        if ($this->accept(':')) {
            $this->accept('public');
            $this->at += $this->is('std') && $this->is('::', 1) ? 2 : 0;
            $of = $this->newName();
            $parent = $of->text;
            if ($this->isFailure($parent) && 'exception' !== $parent) {
                $parent = '@'.(FailureNames::kindOf($this->language(), $parent)->value ?? '');
            } elseif (!isset($this->classes[$parent])) {
                $this->fail('unsupported', $of, ['what' => "class … : $parent"]);
            }
        }
        $this->braceOf($token->text);
        $this->accept('{');
        $this->cut($id, 'head', $token->offset, $this->endOffset());
        [$outer, $this->parent, $this->class] = [$this->parent, $id, $name->text];
        $rows = [];
        $beside = null;
        try {
            while (null !== $this->peek() && !$this->is('}')) {
                array_push($rows, ...$this->remarks());
                if (\in_array($this->sign(), ['public', 'private', 'protected'], true) && $this->is(':', 1)) {
                    $label = $this->offset();
                    $this->at += 2;
                    $beside = isset($this->begins[$this->at]) || $this->is('}') ? null : $label;
                    continue;
                }
                $members = $this->membersOrUnread();
                if (isset($beside, $members[0])) {
                    // `public: int beds;` is one row.
                    $this->beginAt($members[0], $beside);
                }
                $beside = null;
                array_push($rows, ...$members);
            }
            array_push($rows, ...$this->remarks());
        } finally {
            [$this->parent, $this->class] = [$outer, $around];
        }
        $beside = $this->is('}') && !isset($this->begins[$this->at + 1]) ? $this->peek(1) : null;
        $isDeclared = TokenKind::Name === $beside?->kind && \in_array($this->sign(2), [';', ',', '=', '['], true);
        $this->closeBrace($id, $start, 'close', $isDeclared ? '' : ';');
        $class = new ClassDefinition($id, $name->text, $parent, new Block($rows));

        // `struct Bed { … } first, second;` (C++17, 10.1.7.3)
        return $isDeclared && null !== $beside ? [$class, ...$this->declared_($beside, $name->text, $this->at)] : [$class];
    }

    /** What signs ask of an object (C++17, 16.5). */
    private const OPERATORS = ['+' => '@add', '-' => '@subtract', '*' => '@multiply', '==' => '@equal', '<' => '@less', '>' => '@greater', '<=' => '@less_or_equal', '>=' => '@greater_or_equal', '/' => '@divide', '%' => '@floor_remainder', '[]' => '@item', '()' => '@called', ...self::CHANGING];
    /** Signs that change an object, which are methods of their own names elsewhere. */
    private const CHANGING = ['+=' => 'increase', '-=' => 'decrease', '*=' => 'scale', '/=' => 'share', '++' => 'advance', '--' => 'go_back'];

    /**
     * `operator+(`: what it is called here, and where the bracket of its parameters stands; `!=` is what `==` is not.
     *
     * @return array{string, int}|null
     */
    private function operatorAt(int $at): ?array
    {
        if ('operator' !== ($this->tokens[$at]->text ?? '')) {
            return null;
        }
        $sign = $this->tokens[$at + 1]->text ?? '';
        $isPair = '[' === $sign || '(' === $sign && ')' === ($this->tokens[$at + 2]->text ?? '');
        $sign .= $isPair ? ['[' => ']', '(' => ')'][$sign] : '';
        $bracket = $at + ($isPair ? 3 : 2);
        $isEmpty = ')' === ($this->tokens[$bracket + 1]->text ?? '');
        $name = '-' === $sign && $isEmpty ? '@negate' : ('!=' === $sign ? '!=' : self::OPERATORS[$sign] ?? null);

        // What stands behind its object, `x++`, takes a number that nobody gives (C++17, 16.5.7).
        return null === $name || '(' !== ($this->tokens[$bracket]->text ?? '') || \in_array($sign, ['++', '--'], true) && !$isEmpty ? null : [$name, $bracket];
    }

    protected function members(): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        $start = $this->at;
        if (isset($this->twins[$start])) {
            return [$this->skippedTo($this->twins[$start], $token)];
        }
        $shown = $this->shownByStream($token, $start);
        if (null !== $shown) {
            return [$shown];
        }
        if (($this->is('struct') || $this->is('class')) && TokenKind::Name === $this->peek(1)?->kind && ($this->is('{', 2) || $this->is(':', 2))) {
            return $this->classDefinition($token);
        }
        if ($this->is('enum')) {
            return $this->enumeration($token->offset);
        }
        $isShared = $this->is('static');
        while (\in_array($this->sign(), ['virtual', 'inline', 'explicit', 'static'], true)) {
            ++$this->at;
        }
        $closed = $this->is($this->class) && $this->is('(', 1) ? $this->closingOf($this->at + 1) : null;
        if (null !== $closed && $closed > $this->at + 2 && '=' === ($this->tokens[$closed + 1]->text ?? '') && \in_array($this->tokens[$closed + 2]->text ?? '', ['default', 'delete'], true)) {
            return [$this->madeByItself($closed, $token->offset)];
        }
        if ($this->is($this->class) && $this->is('(', 1)) {
            $name = $this->newName();

            return [$this->methodDefinition($token, 'void', $name, $start, false)];
        }
        if ($this->is('using') && $this->is('::', 2) && TokenKind::Name === $this->peek(3)?->kind && $this->is(';', 4)) {
            // A class has what makes the one above it ready, anyhow.
            $this->at += 5;

            return [$this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset)];
        }
        if ($this->is('~') && $this->is('(', 2)) {
            // When an object goes, nothing is seen of it here, unless it writes something.
            $tilde = $this->at;
            $this->at = ($this->closingOf($this->at + 2) ?? $this->at) + 1;
            $end = $this->is('{') ? $this->closingOf($this->at) : null;
            // One that is only announced is looked at where its rows are.
            if (null !== $end && !$this->isSeenBetween($this->at, $end) || $this->is('=') && $this->is('default', 1) || $this->is(';')) {
                $this->at = null === $end ? $this->at + ($this->is(';') ? 0 : 2) : $end + 1;
                $this->accept(';');

                return [$this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset)];
            }
            $this->at = $tilde;
        }
        $destructor = $this->destructor($token, $start);
        if (null !== $destructor) {
            return [$destructor];
        }
        if ($this->is('~')) {
            $this->fail('unsupported', $token, ['what' => $token->text.($this->peek(1)->text ?? '')]);
        }
        $friend = $this->friend($token);
        if (null !== $friend) {
            return [$friend];
        }
        if ($this->is($this->class) && $this->is('&', 1) && $this->is('operator', 2) && $this->is('=', 3) && null !== ($closed = $this->closingOf($this->at + 4)) && '=' === ($this->tokens[$closed + 1]->text ?? '')) {
            return [$this->madeByItself($closed, $token->offset)];
        }
        if ($this->is('operator')) {
            // What makes a value of another type of an object.
            $this->fail('unsupported', $token, ['what' => 'operator '.$this->sign(1)]);
        }
        $type = $this->type();
        if (null === $type) {
            $this->noType($token);
        }
        $operator = $this->operatorAt($this->at);
        if (null !== $operator && '!=' === $operator[0]) {
            $closing = (int) $this->closingOf($operator[1]);
            for ($brace = $closing; $brace < $this->until && !\in_array($this->tokens[$brace]->text, ['{', ';'], true); ++$brace) {
            }

            return [$this->skippedTo('{' === ($this->tokens[$brace]->text ?? '') ? (int) $this->closingOf($brace) : $brace, $token)];
        }
        if (null !== $operator) {
            $sign = $this->peek(1) ?? $token;
            $this->at = $operator[1];

            return [$this->methodDefinition($token, $type, new Token(TokenKind::Name, $operator[0], $sign->offset), $start, false)];
        }
        if ($this->is('operator')) {
            $this->fail('unsupported', $this->peek(), ['what' => 'operator'.($this->peek(1)->text ?? '')]);
        }
        if ($this->is('(', 1)) {
            return [$this->methodDefinition($token, $type, $this->newName(), $start, $isShared)];
        }
        $rows = [];
        do {
            if (str_ends_with($type, ' *')) {
                $this->accept('*');
            }
            $name = $this->newName();
            $value = $this->filledUp($type, $this->is('=') || $this->is('{') ? $this->initializer($type, $name) : null);
            if (null !== $value) {
                $this->firstValues[$this->class] = true;
            }
            $kept = $type;
            if (null === $value && $this->is('[')) {
                [$kept, $value] = $this->array($type);
            }
            if ($isShared) {
                $this->write("$this->class.$name->text", $name->offset);
                $this->types['']["$this->class.$name->text"] = $kept;
                // An object is made where it is given outside of the class.
                $value ??= isset($this->classes[$kept]) ? new NumberLiteral(0) : $this->empty("vector<$kept>");
            }
            $this->fieldTypes[$name->text] = $kept;
            $rows[] = $isShared ? new SetVariable($this->newId(), "$this->class.$name->text", $value, false, $kept) : new FieldDeclaration($this->newId(), $name->text, $kept, $value);
        } while ($this->accept(','));
        $this->semicolon();
        $this->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** Whether what makes an object of another one of its class gives it what that one keeps, and does nothing else. */
    private function copiesPlainly(int $bracket): bool
    {
        $closing = $this->partners[$bracket] ?? null;
        $from = null === $closing ? '' : Names::asPattern($this->tokens[$closing - 1]->text);
        $written = '';
        for ($at = ($closing ?? $bracket) + 1; isset($this->tokens[$at]) && !str_ends_with($written, '{}') && !str_ends_with($written, ';'); ++$at) {
            $written .= $this->tokens[$at]->text;
        }

        return 1 === preg_match('/^(?::(?:(\w+)[({]'.$from.'\.\1[)}],?)+)\{\}$|^=(?:default|delete);$|^;$/D', $written);
    }

    private function methodDefinition(Token $token, string $type, Token $name, int $start, bool $isShared): Statement
    {
        $isMaker = $name->text === $this->class;
        $id = $this->newId();
        $opened = $this->peek() ?? $token;
        if ($isMaker && [$this->class] === $this->typesAt($this->at) && !$this->copiesPlainly($this->at)) {
            // It is called wherever an object is copied, without a sign that says so (C++17, 15.8.1).
            $this->fail('unsupported', $name, ['what' => "$name->text(const $name->text &)"]);
        }
        $ways = $isMaker ? $this->makers[$this->class] ?? [] : [];
        $way = [] === $ways ? null : $ways[implode('|', $this->typesAt($this->at) ?? [])][0] ?? $this->fail('unsupported', $name, ['what' => "$name->text(…)"]);
        $makesItself = null !== $way && !str_ends_with($way, '.'.ClassDefinition::MAKES);
        ++$this->at;
        $this->scope = $way ?? $this->class.'.'.($isMaker ? ClassDefinition::MAKES : $name->text);
        $full = $this->scope;
        $known = [$this->declared[$full] ?? [], $this->writes[$full] ?? []];
        try {
            [$parameters, $defaults, $types] = $this->parameters($opened);
            $this->gives = $type;
            if ($makesItself) {
                $this->declared[$full][$this->itself] = true;
                $this->types[$full][$this->itself] = $this->class;
                $this->write($this->itself, $name->offset);
            } elseif (!$isShared) {
                array_unshift($parameters, $this->itself);
                $this->write($this->itself, $name->offset);
            }
            while (\in_array($this->sign(), ['const', 'override', 'final', 'noexcept'], true)) {
                ++$this->at;
            }
            $types = $makesItself ? ['' => $this->class] + $types : ($isMaker ? $types : ['' => $type] + $types);
            $isPure = $this->is('=') && $this->is('0', 1);
            $isDefault = $isMaker && $this->is('=') && $this->is('default', 1);
            if ($isDefault && '' !== ($this->classes[$this->class] ?? '')) {
                $this->fail('unsupported', $name, ['what' => '= default']);
            }
            $this->at += $isPure || $isDefault ? 2 : 0;
            if ($this->accept(';')) {
                if (!$isPure && !$isDefault) {
                    // What it does stands below, behind the name of the class, perhaps with other names.
                    [$this->declared[$full], $this->writes[$full]] = $known;
                    $this->prototypes[$full] = $defaults;

                    return $this->ended(new Import($id, substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
                }
                $this->cut($id, 'head', $token->offset, $this->endOffset());

                return new FunctionDefinition($id, $full, $parameters, new Block(), false, $defaults, $types);
            }
            $first = $isMaker && $this->accept(':') ? $this->initialRows($id) : [];
            $above = $isMaker ? $this->ownerOf($this->classes[$this->class] ?? '', ClassDefinition::MAKES) : null;
            if (null !== $above && 0 === ($this->methods[$above][ClassDefinition::MAKES][0] ?? 0) && [] === array_filter($first, static fn (Statement $row): bool => $row instanceof OwnCall)) {
                // The parent's part is made first, without a word (C++17, 15.6.2).
                $before = $this->parent;
                $this->parent = $id;
                array_unshift($first, new OwnCall($this->newId(), $above.'.'.ClassDefinition::MAKES, [new VariableRead($this->itself)]));
                $this->parent = $before;
            }
            if (!$this->is('{')) {
                $this->withoutTrailingType();
                $this->fail('brace_wanted', $this->tokens[$this->at - 1], ['word' => $name->text], [new Replacement($this->endOffset(), 0, ' {')]);
            }
            $loops = $this->loops;
            $this->loops = [];
            $opening = $this->peek()->offset ?? 0;
            if ($makesItself) {
                array_unshift($first, new SetVariable($this->newId(), $this->itself, new MakeObject($this->class, [], true)));
            }
            foreach ($first as $row) {
                $this->cut($row->id, 'head', $opening + 1, $opening + 1);
            }
            $body = $this->body($id, $start, 'head', 'body', false);
            $this->loops = $loops;
            if ($makesItself) {
                $body = $this->madeItself($first, $body, $id, $name);
            }
            $this->closeBrace($id, $start);
        } finally {
            $this->scope = '';
        }

        $given = 1 === \count($body->statements) ? $body->statements[0] : null;
        if ($given instanceof GiveBack && ($given->value instanceof Item || $given->value instanceof Field) && str_ends_with($this->tokens[$start + 1]->text ?? '', '&')) {
            $this->placesGiven[$full] = [$parameters, $given->value];
        }

        return new FunctionDefinition($id, $full, $parameters, $this->shared($full, new Block([...$first, ...$body->statements])), false, $defaults + ($this->prototypes[$full] ?? []), $types, $isShared || $makesItself ? 'shared' : '');
    }

    private function classOf(Expression $value): string
    {
        return trim((string) preg_replace('/^const\b|&/', '', $this->typeOf($value)));
    }

    protected function arguments(Token $opened): array
    {
        return array_map(fn (Argument $argument): Argument => $argument->value instanceof MethodCall ? new Argument($this->placeOf($argument->value), $argument->offset, $argument->end, $argument->name, $argument->all) : $argument, parent::arguments($opened));
    }

    /** What stands in square brackets behind an object is what its class says (C++17, 16.5.5). */
    protected function indexed(Expression $container, Token $opened): Expression
    {
        $item = parent::indexed($container, $opened);
        $place = $item instanceof Item && null !== $this->ownerOf($this->classOf($container), '@item') ? $this->placeOf(new MethodCall($container, '@item', [$item->index])) : null;

        return null === $place || $place instanceof MethodCall ? $item : $place;
    }

    /** @var array<string, array{list<string>, Expression}> what methods take, and the place that they give back */
    private array $placesGiven = [];

    /** @var array<string, array{array{list<string>, Expression}|null}> what placeAhead found, once for each method, as it goes through the whole text */
    private array $placesAhead = [];

    /**
     * What a method that stands further down gives back, if it is a place: `double& at(int row) { return beds[row]; }`.
     *
     * @return array{list<string>, Expression}|null
     */
    private function placeAhead(string $class, string $method): ?array
    {
        $found = null;
        foreach ($this->tokens as $at => $token) {
            $bracket = '&' !== $token->text ? null : ($this->operatorAt($at + 1) ?? ['' => '', 0 => $this->tokens[$at + 1]->text ?? '', 1 => $at + 2]);
            if (null === $bracket || $method !== $bracket[0] || $at < $this->at || '(' !== ($this->tokens[$bracket[1]]->text ?? '') || 'const' === ($this->tokens[$at - 2]->text ?? '')) {
                continue;
            }
            $closing = $this->partners[$bracket[1]] ?? $at;
            if ('{' === ($this->tokens[$closing + 1]->text ?? '') && 'return' === ($this->tokens[$closing + 2]->text ?? '')) {
                if (null !== $found) {
                    // It is not known whose it is.
                    return null;
                }
                $found = [$bracket[1], $closing];
            }
        }
        if (null === $found) {
            return null;
        }
        $parameters = $this->counted($found[0] + 1, $found[1])[2];
        $before = [$this->at, $this->until, $this->scope, $this->class];
        $mistakes = \count($this->mistakes);
        [$this->at, $this->until, $this->scope, $this->class] = [$found[1] + 3, $this->partners[$found[1] + 1] ?? $found[1] + 3, "$class.$method", $class];
        $names = $this->declared[$this->scope] ?? [];
        $this->declared[$this->scope] = $names + array_fill_keys([$this->itself, ...$parameters], true);
        try {
            $place = $this->expression();
            $isAll = $this->is(';') && $this->at === $this->until - 1;
        } catch (ParseFailure) {
            [$place, $isAll] = [new NothingLiteral(), false];
        } finally {
            $this->declared[$this->scope] = $names;
            self::cutTo($this->mistakes, $mistakes);
            [$this->at, $this->until, $this->scope, $this->class] = $before;
        }

        return $isAll && ($place instanceof Item || $place instanceof Field) ? [[$this->itself, ...$parameters], $place] : null;
    }

    /** `bed.at(1, 2) = 3`: what a method gives that only tells a place, and gives it to be changed (C++17, 8.2.2). */
    protected function placeOf(Expression $target): Expression
    {
        if ($target instanceof Item && null !== $this->ownerOf($this->classOf($target->container), '@item')) {
            // What it gives is more than a place.
            $this->fail('unsupported', $this->peek(), ['what' => 'operator[] … = …']);
        }
        if (!$target instanceof MethodCall) {
            return $target;
        }
        $method = MethodCall::CALL === $target->method ? MethodCall::SIGN : $target->method;
        $of = $target->object == new VariableRead($this->itself) ? $this->class : $this->classOf($target->object);
        $owner = $this->ownerOf($of, $method);
        if (null === $owner) {
            return $target;
        }
        [$parameters, $place] = $this->placesGiven["$owner.$method"] ?? ($this->placesAhead["$owner.$method"] ??= [$this->placeAhead($owner, $method)])[0] ?? [[], null];
        foreach ($this->methods as $class => $methods) {
            if ($class !== $owner && isset($methods[$method]) && $this->ownerOf($this->classes[$class] ?? '', $method) === $owner) {
                // Which of both is meant shows when it runs.
                return $target;
            }
        }
        if (null === $place || \count($parameters) !== 1 + \count($target->arguments) || !$this->isPlain($target->object) || [] !== array_filter($target->arguments, fn (Expression $value): bool => !$this->isPlain($value))) {
            return $target;
        }
        $given = array_combine($parameters, [$target->object, ...$target->arguments]);

        return Walk::mapExpression($place, static fn (Expression $value): Expression => $value instanceof VariableRead ? $given[$value->name] ?? $value : $value);
    }

    /**
     * `: beds(3, 0), name(4, '*')`: a list or a text of so many that are alike (C++17, 26.3.11.2 and 24.3.2.2).
     *
     * @param list<Expression> $values
     *
     * @return list<Expression>
     */
    private function itemsOf(string $kind, array $values): array
    {
        $isList = str_starts_with($kind, 'vector<');
        if (2 === \count($values)) {
            return match (true) {
                $isList => [new Operation(OperationKey::Filled, $values)],
                'string' === $kind => [new Operation(OperationKey::Repeated, [new Operation(OperationKey::ToText, [$values[1]]), $values[0]])],
                default => $values,
            };
        }
        $size = 1 === \count($values) && $isList ? $values[0] : null;
        $isNumber = $size instanceof NumberLiteral || $size instanceof Binary && $size->operator->isArithmetic() || null !== $size && TypeNames::read($this->typeOf($size))->isWhole();

        return null !== $size && $isNumber ? [new Operation(OperationKey::Filled, [$size, $this->empty($kind)])] : $values;
    }

    /** @var array<string, string> the word with which the declaration of a field begins, by class and name */
    private array $fieldKinds = [];

    /**
     * Whether what is given is an object of a class already, or points at one.
     *
     * @param list<Expression> $values
     */
    private function isOfKind(array $values, string $class): bool
    {
        $value = 1 === \count($values) ? $values[0] : null;

        return $value instanceof MakeObject || $value instanceof NothingLiteral || null !== $value && $class === TypeNames::read($this->typeOf($value))->class;
    }

    /**
     * `: plant(name), water(0)`: what an object keeps from the start, and how the part of it is made that its parent has.
     *
     * @return list<Statement>
     */
    private function initialRows(int $id): array
    {
        $rows = [];
        $before = $this->parent;
        $this->parent = $id;
        do {
            $this->at += $this->is('std') && $this->is('::', 1) ? 2 : 0;
            $name = $this->newName();
            $opened = $this->peek() ?? $name;
            if (!$this->accept('(') && !$this->accept('{')) {
                $this->fail('call_brackets', $name, ['name' => $name->text]);
            }
            $arguments = $this->arguments($opened);
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
            $self = $this->thisObject($name);
            if ($this->isFailure($name->text) && !isset($this->fieldNames[$name->text])) {
                $rows[] = new Perform($this->newId(), new Operation(OperationKey::SayFailing, [$self, $values[0] ?? new TextLiteral('')]));
            } elseif (isset($this->classes[$name->text]) && $this->isRaised($name->text) && null === $this->ownerOf($name->text, ClassDefinition::MAKES)) {
                $this->fail('unsupported', $name, ['what' => "$name->text(…)"]);
            } elseif (isset($this->makers[$name->text]) && [] !== $values) {
                $this->fail('unsupported', $name, ['what' => "$name->text(…)"]);
            } elseif (isset($this->classes[$name->text])) {
                $owner = $this->ownerOf($name->text, ClassDefinition::MAKES);
                if (null !== $owner) {
                    $rows[] = new OwnCall($this->newId(), $owner.'.'.ClassDefinition::MAKES, [$self, ...$values]);
                }
            } else {
                $kind = $this->fieldKinds["$this->class.$name->text"] ?? '';
                $values = $this->itemsOf($kind, $values);
                $isMade = isset($this->classes[$kind]) && null !== $this->ownerOf($kind, ClassDefinition::MAKES) && !$this->isOfKind($values, $kind);
                $rows[] = new SetItem($this->newId(), new Field($self, $name->text), $isMade ? $this->madeOf(new Token(TokenKind::Name, $kind, $name->offset), $arguments, true) : $values[0] ?? new NumberLiteral(0));
            }
        } while ($this->accept(','));
        $this->parent = $before;

        return $rows;
    }

    /** @return array{int, int, list<string>} fewest and most arguments, and the names */
    private function counted(int $from, int $closing): array
    {
        $parameters = [];
        $defaults = 0;
        for ($at = $from; $at <= $closing; ++$at) {
            if (TokenKind::Name === $this->tokens[$at]->kind && \in_array($this->tokens[$at + 1]->text ?? '', [',', ')', '=', '['], true)) {
                $parameters[] = $this->tokens[$at]->text;
                if ('=' === $this->tokens[$at + 1]->text) {
                    ++$defaults;
                    // What stands for a value that is left out may be a name, too.
                    while ($at < $closing && ',' !== $this->tokens[$at]->text) {
                        $at = ($this->closingOf($at) ?? $at) + 1;
                    }
                }
            }
        }

        return [\count($parameters) - $defaults, \count($parameters), $parameters];
    }

    /** The name of a function that stands above `main` as an empty variable. */
    private function foretoldFrom(int $index): ?string
    {
        while (isset($this->tokens[$index + 2]) && !\in_array($this->tokens[$index]->text, [';', '{', '='], true)) {
            if (TokenKind::Name === $this->tokens[$index + 1]->kind && ';' === $this->tokens[$index + 2]->text) {
                return $this->tokens[$index + 1]->text;
            }
            ++$index;
        }

        return null;
    }

    /**
     * `*this = other;`: the object itself gets what another one has (C++17, 15.8.2).
     *
     * @return list<Statement>
     */
    private function becomes(int $start): array
    {
        $this->at += 3;
        $value = $this->value();
        $this->semicolon();
        $fields = [];
        for ($class = $this->class; '' !== $class && isset($this->classes[$class]); $class = $this->classes[$class]) {
            $fields = [...$this->given[$class] ?? [], ...$fields];
        }
        if ($value instanceof VariableRead) {
            $other = $value;
            $rows = [];
        } else {
            $name = $this->nameFor('made');
            $this->types[$this->scope][$name] = $this->class;
            $this->write($name, $start);
            $other = new VariableRead($name);
            $rows = [new SetVariable($this->newId(), $name, $value, false, $this->class)];
        }
        foreach ($fields as $field) {
            $rows[] = new SetItem($this->newId(), new Field(new VariableRead($this->itself), $field), new Field($other, $field));
        }
        $this->cutTogether($rows, $start);

        return $rows;
    }

    /** @return array{int, int}|null */
    private function leading(): ?array
    {
        $start = $end = null;
        while (null !== ($token = $this->peek()) && !isset($this->remarksBefore[$this->at]) && (TokenKind::Directive === $token->kind || 'using' === $token->text)) {
            if (TokenKind::Directive === $token->kind) {
                if (1 === preg_match('/^#\s*define\b/', $token->text)) {
                    break;
                }
                $this->directive($token);
                ++$this->at;
            } elseif ($this->is('namespace', 1) && $this->is('std', 2)) {
                $this->at += 3;
                if (!$this->accept(';')) {
                    $end = $this->endOffset();
                    $this->mistake('semicolon_missing', $end - 1, 1, [], [new Replacement($end, 0, ';')]);
                }
            } else {
                break;
            }
            $start ??= $token->offset;
            $end = $this->endOffset();
        }

        return null === $start || null === $end ? null : [$start, $end];
    }

    /** `#define BEDS 4`: a name for a number or a text is a constant. */
    private function definedConstant(Token $token): ?SetVariable
    {
        if (1 !== preg_match('/^#\s*define\s+([A-Za-z_]\w*)\s+(?:\((-?[\d.]+)\)|(-?[\d.]+)|"([^"\\\\]*)")\s*$/D', trim($token->text), $match, \PREG_UNMATCHED_AS_NULL)) {
            return null;
        }
        ++$this->at;
        $number = $match[2] ?? $match[3] ?? '';
        $value = '' === $number ? new TextLiteral($match[4] ?? '') : new NumberLiteral(str_contains($number, '.') ? (float) $number : (int) $number);
        $type = '' === $number ? 'string' : (str_contains($number, '.') ? 'double' : 'int');

        return $this->constant($match[1], $type, $value, $token->offset);
    }

    private function constant(string $name, string $type, Expression $value, int $offset): SetVariable
    {
        $this->types[$this->scope][$name] = $type;
        $this->declared[$this->scope][$name] = $this->constants[$this->scope][$name] = true;
        $this->fixed[$name] = $value;
        $this->write($name, $offset);

        return new SetVariable($this->newId(), $name, $value, false, $type);
    }

    /** `typedef long long number;` and `using number = long long;`: another name for a type, which no other language needs. */
    private function alias(int $start, bool $isUsing): Statement
    {
        ++$this->at;
        $name = $isUsing ? $this->peek() : null;
        $this->at += $isUsing ? 2 : 0;
        $type = $this->type();
        if (!$isUsing) {
            $name = $this->peek();
            ++$this->at;
        }
        if (null === $type || null === $name || TokenKind::Name !== $name->kind) {
            $this->fail('unsupported', $name, ['what' => $isUsing ? 'using' : 'typedef']);
        }
        $this->semicolon();
        $this->aliases[$name->text] = $type;

        return $this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start);
    }

    /** Where numbers by chance begin says nothing where chance is the machine's own. */
    private function seeded(int $start): Statement
    {
        $closing = $this->closingOf($this->at + 1);
        if (null === $closing) {
            $this->fail('unsupported', $this->peek(), ['what' => 'srand']);
        }
        $clock = array_filter(\array_slice($this->tokens, $this->at, $closing - $this->at), static fn (Token $token): bool => \in_array($token->text, ['time', 'clock', 'random_device', 'chrono', 'getpid'], true));
        if ([] === $clock) {
            // Behind a number that is known the same numbers come each time.
            $this->at += 2;
            $seed = $this->value();
            $this->at = $closing + 1;
            $this->semicolon();

            return $this->ended(new Perform($this->newId(), new Operation(OperationKey::SeededThere, [$seed])), $start);
        }
        $this->at = $closing + 1;
        $this->semicolon();

        return $this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start);
    }

    /**
     * `enum Day { MON, TUE = 5, WED };`: a whole number for each name, one more than for the one before (C++17, 10.2).
     *
     * @return list<Statement>
     */
    private function enumeration(int $start): array
    {
        ++$this->at;
        $isApart = $this->accept('class') || $this->accept('struct');
        $name = $this->peek();
        if (null !== $name && TokenKind::Name === $name->kind) {
            ++$this->at;
            $this->aliases[$name->text] = 'int';
        }
        $opened = $this->peek();
        // One whose names stand behind its own has to have one (C++17, 10.2).
        if (!$this->accept('{') || null === $opened || ($isApart && TokenKind::Name !== $name?->kind)) {
            $this->fail('unsupported', $name, ['what' => 'enum']);
        }
        $apart = $isApart ? $name?->text : null;
        $rows = [];
        $next = 0;
        while (null !== ($one = $this->peek()) && TokenKind::Name === $one->kind) {
            ++$this->at;
            if ($this->accept('=')) {
                $value = $this->value();
                $next = $value instanceof NumberLiteral && \is_int($value->value) ? $value->value : $this->fail('unsupported', $one, ['what' => 'enum']);
            }
            // The names of an `enum class` stand behind its own (C++17, 10.2).
            $known = ('' === $this->class ? '' : "$this->class.").(null !== $apart ? $apart.'_'.$one->text : $one->text);
            if (null !== $apart) {
                $this->enumerators["$apart::$one->text"] = $known;
            }
            $rows[] = $this->constant($known, 'int', new NumberLiteral($next++), $one->offset);
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);
        $this->semicolon();
        $this->cutTogether($rows, $start);

        return $rows;
    }

    private function directive(Token $token): void
    {
        $text = trim($token->text);
        if (1 !== preg_match('/^#\s*include\s*(<[^>]*>|"[^"]*")\s*$/', $text, $match)) {
            if (1 === preg_match('/^#\s*include\s*[“”„«]/u', $text)) {
                $this->mistake('strange_sign', $token->offset, \strlen($text), ['sign' => '“'], [new Replacement($token->offset, \strlen($text), (string) preg_replace('/[“”„«»]/u', '"', $text))]);

                return;
            }
            if (1 === preg_match('/^#\s*include\s*"[\w.]+$/', $text)) {
                $this->mistake('quote_missing', $token->offset, \strlen($text), [], [new Replacement($token->offset + \strlen($text), 0, '"')]);

                return;
            }
            if (1 === preg_match('/^#\s*include\s*[<"]?([\w.]+)/', $text, $match)) {
                $this->mistake('include_brackets', $token->offset, \strlen($text), ['name' => $match[1]], [new Replacement($token->offset, \strlen($text), "#include <$match[1]>")]);

                return;
            }
            if (1 === preg_match('/^#\s*(\w+)/', $text, $match) && 'include' !== $match[1] && levenshtein($match[1], 'include') <= 2) {
                $this->mistake('misspelt_keyword', $token->offset, \strlen($text), ['name' => $match[1], 'near' => 'include'], [new Replacement($token->offset, \strlen($text), str_replace($match[1], 'include', $text))]);

                return;
            }
            $this->mistake('unsupported', $token->offset, \strlen($text), ['what' => substr($text, 0, 20)]);

            return;
        }
        $name = substr($match[1], 1, -1);
        if (!StandardHeaders::has($name)) {
            $near = Names::nearest($name, StandardHeaders::all());
            $this->mistake(null === $near ? 'unknown_library' : 'misspelt_library', $token->offset, \strlen($text), ['name' => $name, 'near' => $near ?? ''], null === $near ? [] : [new Replacement($token->offset, \strlen($text), str_replace($name, $near, $text))]);
        }
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

    protected function equals(): string
    {
        return '==';
    }

    protected function division(): Operator
    {
        return Operator::TruncDivide;
    }

    /** `bed.reset();`, `bed.reset(new Bed());`: what a smart pointer points at from here on, perhaps nothing (C++17, 23.11.1.2). */
    private function pointedAnew(Token $token): ?SetVariable
    {
        $opened = $this->is('.', 1) && $this->is('reset', 2) ? $this->peek(3) : null;
        if ('(' !== $opened?->text || 1 !== preg_match('/^(?:std::)?(?:unique|shared)_ptr</', $this->types[$this->scope][$token->text] ?? $this->types[''][$token->text] ?? '')) {
            return null;
        }
        $this->at += 4;
        $given = $this->arguments($opened);
        $this->semicolon();
        $this->write($token->text, $token->offset);

        return new SetVariable($this->newId(), $token->text, $given[0]->value ?? new NothingLiteral());
    }

    protected function ownRow(Token $token): ?array
    {
        $start = $token->offset;
        $pointed = $this->pointedAnew($token);
        if (null !== $pointed) {
            return [$this->ended($pointed, $start)];
        }
        if (TokenKind::Directive === $token->kind) {
            $constant = $this->definedConstant($token);
            if (null !== $constant) {
                return [$this->ended($constant, $start)];
            }
            if (1 !== preg_match('/^\s*#\s*define\s+(\w+)(?:\(|\s+[A-Za-z_]\w*\s*(?:\/[\/*].*)?$)/sD', $token->text, $macro) || !isset($this->macros[$macro[1]])) {
                $this->directive($token);
            }
            ++$this->at;

            return [$this->ended(new Import($this->newId(), $token->text, $this->language()->value), $start)];
        }
        if ('std' === $token->text && $this->is('::', 1) && \in_array($this->sign(2), ['cout', 'cin', 'cerr', 'clog', 'ios', 'ios_base', 'getline', 'printf', 'puts', 'putchar'], true)) {
            $this->at += 2;
            $token = $this->peek() ?? $token;
        }
        $named = 'std' === $token->text && $this->is('::', 1) ? $this->peek(2) : null;
        if (null !== $named && \in_array(strtolower($named->text), ['cout', 'cin', 'cerr'], true)) {
            $this->fail('capitals', $named, ['name' => $named->text, 'near' => strtolower($named->text)], [new Replacement($named->offset, \strlen($named->text), strtolower($named->text))]);
        }
        if ('*' === $token->text && $this->is('this', 1) && $this->is('=', 2) && '' !== $this->class) {
            return $this->becomes($start);
        }
        if (isset($this->classes[$token->text]) && $this->is('::', 1) && $this->is('(', 3) && ($this->inMain || '' !== $this->scope)) {
            // What the parent does, or the class itself.
            $value = $this->value();
            $this->semicolon();

            return [$this->ended($value instanceof OwnValue ? new OwnCall($this->newId(), $value->function, $value->arguments) : new Perform($this->newId(), $value), $start)];
        }
        if ($this->is('::', 1) && isset($this->statics[$token->text][$this->sign(2) ?? '']) && ($this->inMain || '' !== $this->scope)) {
            // `Bed::count += 2;` begins with no type.
            return null;
        }
        if ('return' === $token->text && '' !== $this->showing && $this->is($this->showing, 1)) {
            return $this->givenShown($start);
        }
        $erased = $this->is('=', 1) ? $this->erasedAt($token) : null;
        if (null !== $erased) {
            return [$erased];
        }
        if ('for_each' === $token->text || 'std' === $token->text && $this->is('for_each', 2)) {
            $each = $this->doneForEach($token);
            if (null !== $each) {
                return [$each];
            }
        }
        $kept = $this->is('>>', 1) && $this->isTextStream($token->text) ? $this->keptFromStream($token) : null;
        if (null !== $kept) {
            return $kept;
        }
        if ($this->is('<<', 1) && $this->isTextStream($token->text)) {
            return [$this->output($start, new VariableRead($token->text))];
        }
        $row = $this->fileRow($token, $start);
        if (null !== $row) {
            return [$row];
        }
        if ($this->isTextStream($token->text) && $this->is('.', 1) && $this->is('clear', 2) && $this->is('(', 3) && $this->is(')', 4)) {
            // What failed is asked again.
            $this->at += 5;
            $this->semicolon();

            return [$this->ended(new Perform($this->newId(), new Operation(OperationKey::StreamedSet, [new VariableRead($token->text), new Operation(OperationKey::StreamedText, [new VariableRead($token->text)])])), $start)];
        }
        switch ($token->text) {
            case 'cout':
            case 'cerr':
            case 'clog':
                return [$this->output($start)];
            case 'cin':
                if ($this->is('.', 1) && $this->is('tie', 2) && null !== $closing = $this->closingOf($this->at + 3)) {
                    return [$this->skipped($start, $closing + 2 - $this->at)];
                }

                return $this->input($start);
            case 'putchar':
                if ($this->is('(', 1) && !isset($this->functions['putchar'])) {
                    $opened = $this->tokens[$this->at + 1];
                    $this->at += 2;
                    $letter = $this->value();
                    $this->close($opened);
                    $this->semicolon();
                    $isLetter = $letter instanceof TextLiteral && $letter->letter || $letter instanceof VariableRead && $this->isLetter($letter->name) || $letter instanceof Item || $letter instanceof Operation && \in_array($letter->key, [OperationKey::Letter, OperationKey::UpperLetter, OperationKey::LowerLetter], true);

                    return [$this->ended(new PrintLine($this->newId(), [$isLetter ? $letter : new Operation(OperationKey::Letter, [$letter])], false, false), $start)];
                }
                break;
            case 'printf':
            case 'puts':
                if ($this->is('(', 1) && !isset($this->functions[$token->text])) {
                    return [$this->printsFormatted($token, $start)];
                }
                break;
            case 'getline':
                if ($this->is('(', 1) && ($this->is('cin', 2) || $this->is('std', 2) && $this->is('::', 3) && $this->is('cin', 4))) {
                    return [$this->getline($start)];
                }
                break;
            case 'using':
                if (TokenKind::Name === $this->peek(1)?->kind && $this->is('=', 2)) {
                    return [$this->alias($start, true)];
                }
                // `using namespace std;`, and `using std::cout;` for one name of it.
                $isName = ($this->is('std', 1) || isset($this->spaces[$this->sign(1) ?? ''])) && $this->is('::', 2) && (TokenKind::Name === $this->peek(3)?->kind || $this->is('string', 3));
                $isOfOwn = $this->is('namespace', 1) && isset($this->spaces[$this->sign(2) ?? '']);
                if (!$isName && !$isOfOwn && !($this->is('namespace', 1) && $this->is('std', 2))) {
                    $this->fail('unsupported', $token, ['what' => 'using']);
                }
                $this->at += $isName ? 4 : 3;
                $this->semicolon();

                return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
            case 'delete':
                $deleted = $this->deleted($token);
                if (null !== $deleted) {
                    return [$deleted];
                }
                $this->refuseUnseenDelete($token);
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
            case 'typedef':
                return [$this->alias($start, false)];
            case 'enum':
                return $this->enumeration($start);
            case 'srand':
                if ($this->is('(', 1) && !isset($this->functions['srand'])) {
                    return [$this->seeded($start)];
                }
                break;
            case 'assert':
                if ($this->is('(', 1) && !isset($this->functions['assert'])) {
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
                    return $this->classDefinition($token);
                }
                $this->fail('unsupported', $token, ['what' => $token->text]);
                // no break
            case 'strcpy':
            case 'strcat':
                if ($this->is('(', 1) && !isset($this->functions[$token->text])) {
                    return [$this->textCopied($token)];
                }
                break;
            case 'memset':
                $row = $this->memorySet($start);
                if (null !== $row) {
                    return [$row];
                }
                if ($this->is('(', 1) && !isset($this->functions['memset'])) {
                    $this->fail('unsupported', $token, ['what' => 'memset(…)']);
                }
                break;
            case 'template':
                return $this->ofAnyType($token);
            case 'namespace':
                if (TokenKind::Name === $this->peek(1)?->kind && $this->is('{', 2) && '' === $this->scope && !$this->inMain) {
                    return $this->ofNamespace($token);
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
                return $this->tied($start);
        }
        $kept = $this->keptFunction($token);
        if (null !== $kept) {
            return $kept;
        }
        $lower = strtolower($token->text);
        if (TokenKind::Name === $token->kind && $lower !== $token->text && \in_array($lower, ['int', 'double', 'bool', 'string', 'char', 'void', 'cout', 'cin', 'vector'], true)) {
            $this->fail('capitals', $token, ['name' => $token->text, 'near' => $lower], [new Replacement($start, \strlen($token->text), $lower)]);
        }
        if (TokenKind::Name === $token->kind && TokenKind::Name === $this->peek(1)?->kind && !isset($this->begins[$this->at + 1]) && !isset($this->aliases[$token->text])) {
            $this->misspeltType($token);
        }
        $at = $this->at;
        $shown = [] === $this->classes || $this->inMain || '' !== $this->scope ? null : $this->shownByStream($token, $at);
        if (null !== $shown) {
            return [$shown];
        }
        $apart = $this->definedApart($token, $at);
        if (null !== $apart) {
            return [$apart];
        }
        $shared = [] === $this->classes ? null : $this->sharedValue($token);
        if (null !== $shared) {
            return [$shared];
        }
        $this->mayPoint = true;
        $type = $this->type();
        $this->mayPoint = false;
        if (null === $type || '(' === $this->sign() || '{' === $this->sign()) {
            $this->at = $at;

            $this->nearCout($token);

            return null;
        }

        return $this->declared_($token, $type, $at);
    }

    /** What stands up to a sign, and says nothing. */
    private function skippedTo(int $last, Token $token): Statement
    {
        $this->at = $last + 1;

        return $this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
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

    /** @var array<string, true> methods whose rows were looked at already */
    private array $looked = [];

    /** @return array{int, int}|null the braces of a method, where one alone has its name */
    private function bodyOf(string $method): ?array
    {
        $found = [];
        foreach ($this->tokens as $at => $token) {
            if ($method === $token->text && '(' === ($this->tokens[$at + 1]->text ?? '') && null !== $closing = $this->partners[$at + 1] ?? null) {
                $brace = $closing + ('const' === ($this->tokens[$closing + 1]->text ?? '') ? 2 : 1);
                if ('{' === ($this->tokens[$brace]->text ?? '') && isset($this->partners[$brace])) {
                    $found[] = [$brace, $this->partners[$brace]];
                }
            }
        }

        return 1 === \count($found) ? $found[0] : null;
    }

    /** Whether what stands between two places writes something, or changes what a class or the program shares. */
    private function isSeenBetween(int $from, int $until): bool
    {
        for ($at = $from; $at < $until; ++$at) {
            $text = $this->tokens[$at]->text;
            if ($at > $from && isset($this->methods[$this->class][$text]) && '(' === ($this->tokens[$at + 1]->text ?? '') && !\in_array($this->tokens[$at - 1]->text, ['.', '->', '::'], true) && null !== $body = $this->bodyOf($text)) {
                if (!isset($this->looked[$text])) {
                    $this->looked[$text] = true;
                    if ($this->isSeenBetween(...$body)) {
                        return true;
                    }
                }
                continue;
            }
            if (\in_array($text, ['cout', 'cerr', 'clog', 'printf', 'puts', 'putchar'], true) || $this->isSharedByAny($text) || isset($this->functions[$text]) && !isset($this->classes[$text]) || isset($this->declared[''][$text])) {
                return true;
            }
        }

        return false;
    }

    /** `int Animal::count = 0;`: what a class shares gets its value. */
    private function sharedValue(Token $token): ?Statement
    {
        [$at, $tokens] = [$this->at, $this->tokens];
        $this->mayPoint = true;
        $type = $this->type();
        $this->mayPoint = false;
        [$class, $name] = [$this->peek(), $this->peek(2)];
        if (null === $type || null === $class || null === $name || !isset($this->classes[$class->text]) || !$this->is('::', 1) || !$this->is('=', 3) && !$this->is(';', 3) || '' !== $this->scope || $this->inMain) {
            // Reading a type may have taken two signs apart.
            [$this->at, $this->tokens] = [$at, $tokens];

            return null;
        }
        $this->at += 3;
        $value = $this->accept('=') ? $this->value() : $this->empty("vector<$type>");
        $this->semicolon();

        return $this->ended(new SetVariable($this->newId(), "$class->text.$name->text", $value), $token->offset);
    }

    /** `Bed::~Bed() { … }`: what is done when an object goes, if nothing is seen of it. */
    private function endsApart(Token $token): Statement
    {
        $brace = ($this->closingOf($this->at + 4) ?? $this->at) + 1;
        $end = '{' === ($this->tokens[$brace]->text ?? '') ? $this->closingOf($brace) : null;
        $this->class = $token->text;
        try {
            if (null === $end || $this->isSeenBetween($brace, $end)) {
                $this->fail('unsupported', $token, ['what' => "~$token->text"]);
            }
        } finally {
            $this->class = '';
        }
        $this->at = $end + 1;

        return $this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
    }

    /** `void Bed::pour(int litres) { … }`: a method whose class stands above. */
    private function definedApart(Token $token, int $start): ?Statement
    {
        if ([] === $this->classes || $this->inMain || '' !== $this->scope) {
            return null;
        }
        $isMaker = isset($this->classes[$token->text]) && $this->is('::', 1);
        if ($isMaker && $this->is('~', 2) && $this->is('(', 4)) {
            return $this->endsApart($token);
        }
        $type = $isMaker ? 'void' : $this->type();
        $class = $this->peek();
        $operator = $this->is('::', 1) ? $this->operatorAt($this->at + 2) : null;
        if (null === $type || null === $class || !isset($this->classes[$class->text]) || !$this->is('::', 1) || !$this->is('(', 3) && null === $operator) {
            $this->at = $start;

            return null;
        }
        $this->at += 2;
        $name = $this->peek() ?? $class;
        ++$this->at;
        if (null !== $operator) {
            $name = new Token(TokenKind::Name, $operator[0], $name->offset);
            $this->at = $operator[1];
        }
        $this->class = $class->text;
        try {
            return $this->methodDefinition($token, $type, $name, $start, isset($this->sharedMethods["$class->text.$name->text"]));
        } finally {
            $this->class = '';
        }
    }

    /** @return array{string, string, string, int, int}|null the class, the names of the stream and the object, and where what is shown begins */
    private function streamHead(int $at): ?array
    {
        $text = function (int $ahead) use (&$at): string {
            return $this->tokens[$at + $ahead]->text ?? '';
        };
        $from = $at;
        $at += 'friend' === $text(0) ? 1 : 0;
        $at += 'std' === $text(0) && '::' === $text(1) ? 2 : 0;
        if ('ostream' !== $text(0) || '&' !== $text(1) || 'operator' !== $text(2) || '<<' !== $text(3) || '(' !== $text(4)) {
            return null;
        }
        $at += 5;
        $at += 'std' === $text(0) && '::' === $text(1) ? 2 : 0;
        if ('ostream' !== $text(0) || '&' !== $text(1)) {
            return null;
        }
        $stream = ',' === $text(2) ? '' : $text(2);
        $at += '' === $stream ? 3 : 4;
        $at += 'const' === $text(0) ? 1 : 0;
        $class = $text(0);
        $at += '&' === $text(1) ? 2 : 1;
        $object = ')' === $text(0) ? '' : $text(0);
        $at += '' === $object ? 1 : 2;

        return isset($this->classes[$class]) && ')' === $this->tokens[$at - 1]->text && 1 === preg_match('/^(?:[A-Za-z_]\w*)? (?:[A-Za-z_]\w*)?$/D', "$stream $object") ? [$class, $stream, $object, $at, $from] : null;
    }

    /** `ostream& operator<<(ostream& out, const Bed& bed) { out << bed.plant; return out; }`: the text of an object. */
    private function shownByStream(Token $token, int $start): ?Statement
    {
        $head = [] === $this->classes ? null : $this->streamHead($this->at);
        if (null === $head) {
            return null;
        }
        [$class, $stream, $object, $this->at] = $head;
        $id = $this->newId();
        if ($this->accept(';')) {
            return $this->ended(new Import($id, substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
        }
        if ('' === $stream || '' === $object) {
            $this->fail('unsupported', $token, ['what' => 'operator<<']);
        }
        $opened = $this->peek();
        if (!$this->accept('{') || null === $opened) {
            $this->fail('brace_wanted', $this->tokens[$this->at - 1], ['word' => 'operator<<'], [new Replacement($this->endOffset(), 0, ' {')]);
        }
        $this->cut($id, 'head', $token->offset, $this->endOffset());
        $full = "$class.".ClassDefinition::SHOWS;
        [$outerScope, $outerParent] = [$this->scope, $this->parent];
        [$this->scope, $this->parent] = [$full, $id];
        $this->write($object, $token->offset);
        $this->types[$full] = [$object => $class];
        if (!$this->onlyShows($opened, $stream)) {
            return $this->shownByRows($id, $start, $full, $object, $stream, $opened, [$outerScope, $outerParent]);
        }
        $row = $this->newId();
        $first = $this->offset();
        $value = null;
        for ($isReturned = false; !$isReturned;) {
            $isReturned = $this->accept('return');
            if (!$this->accept($stream)) {
                $this->fail('unsupported', $token, ['what' => 'operator<<']);
            }
            while ($this->accept('<<')) {
                if ($this->accept('endl') || $this->is('std') && $this->is('::', 1) && $this->is('endl', 2)) {
                    $this->at += $this->is('std') ? 3 : 0;
                    $part = new TextLiteral("\n");
                } else {
                    $part = $this->told() ?? $this->expression(7);
                }
                $value = null === $value ? ($part instanceof TextLiteral ? $part : new Binary(Operator::Join, new TextLiteral(''), $part)) : new Binary(Operator::Join, $value, $part);
            }
            $this->semicolon();
        }
        $this->cut($row, 'head', $first, $this->endOffset());
        [$this->scope, $this->parent] = [$outerScope, $outerParent];
        $this->closeBrace($id, $start);

        return new FunctionDefinition($id, $full, [$object], new Block([new GiveBack($row, $value ?? new TextLiteral(''))]));
    }

    /** Whether all rows between braces put something into the stream. */
    private function onlyShows(Token $opened, string $stream): bool
    {
        $end = $this->closingOf($this->at - 1) ?? $this->at;
        for ($at = $this->at, $begins = true; $at < $end; ++$at) {
            $text = $this->tokens[$at]->text;
            if ($begins && $text !== $stream && ('return' !== $text || $this->tokens[$at + 1]->text !== $stream)) {
                return false;
            }
            $begins = ';' === $text;
        }

        return true;
    }

    /** The name of the stream that shows an object, while rows of any kind say what it shows. */
    private string $showing = '';

    /**
     * A text of an object that rows of any kind make: they put it into a stream in memory, whose text is the object's.
     *
     * @param array{string, int} $outer the scope and the row around
     */
    private function shownByRows(int $id, int $start, string $full, string $object, string $stream, Token $opened, array $outer): Statement
    {
        $end = $opened->offset + 1;
        $this->types[$full][$stream] = 'ostringstream';
        $this->declared[$full][$stream] = true;
        $this->write($stream, $opened->offset);
        [$before, $this->showing] = [$this->showing, $stream];
        $begun = new SetVariable($this->newId(), $stream, new Operation(OperationKey::TextStream, [new TextLiteral('')]), false, 'stringstream');
        $this->cut($begun->id, 'head', $end, $end);
        $rows = $this->block($start);
        $this->showing = $before;
        [$this->scope, $this->parent] = $outer;
        $this->closeBrace($id, $start);

        return new FunctionDefinition($id, $full, [$object], new Block([$begun, ...$rows]));
    }

    /** @return list<Statement> `return out << "]";`: the last of what shows an object */
    private function givenShown(int $start): array
    {
        ++$this->at;
        $name = new VariableRead($this->showing);
        $rows = [];
        if ($this->is('<<', 1)) {
            $rows[] = $this->output($start, $name);
            $end = $this->endOffset();
        } else {
            ++$this->at;
            $this->semicolon();
            $end = null;
        }
        $back = new GiveBack($this->newId(), new Operation(OperationKey::StreamedText, [$name]));
        $this->cut($back->id, 'head', $end ?? $start, $this->endOffset());

        return [...$rows, $back];
    }

    /** Words that look like `cout`, and rows where none may be. */
    private function nearCout(Token $token): void
    {
        if (TokenKind::Name === $token->kind && ($this->is('<<', 1) || $this->is('>>', 1)) && !$this->isVariable($token->text)) {
            $near = $this->is('<<', 1) ? 'cout' : 'cin';
            $this->fail('misspelt_command', $token, ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);
        }
        if ('' === $this->scope && !$this->inMain && 1 === $this->parent) {
            $this->mistake('outside_main', $token->offset, \strlen($token->text));
        }
    }

    private function misspeltType(Token $token): void
    {
        if (isset($this->classes[$token->text]) || isset($this->functions[$token->text])) {
            return;
        }
        $length = \strlen($token->text);
        if (\in_array($token->text, ['let', 'var', 'const'], true)) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'auto'], [new Replacement($token->offset, $length, 'auto')]);
        }
        if (\in_array($token->text, ['def', 'function', 'func'], true)) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'void'], [new Replacement($token->offset, $length, 'void')]);
        }
        foreach (['int', 'double', 'bool', 'string', 'char', 'void', 'auto', 'return'] as $word) {
            if (count_chars($token->text, 1) === count_chars($word, 1)) {
                $this->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $word], [new Replacement($token->offset, $length, $word)]);
            }
        }
        $near = Names::nearest($token->text, ['int', 'double', 'bool', 'string', 'char', 'void', 'auto', 'return', 'using']);
        if (null !== $near && (levenshtein($token->text, $near) <= 1 || \strlen($near) > 4 && levenshtein($token->text, $near) <= 2)) {
            $this->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, $length, $near)]);
        }
    }

    /**
     * What follows a type: variables, a function, or the prototype of one.
     *
     * @return list<Statement>
     */
    private function declared_(Token $token, string $type, int $start): array
    {
        if ($this->is('[')) {
            return $this->declaredSeveral($token);
        }
        $operator = $this->freeOperator($token, $type, $start);
        if (null !== $operator) {
            return [$operator];
        }
        if ($this->is('(', 1) && $this->isFunction()) {
            $name = $this->newName();
            --$this->at;
            $function = $this->function($token, $type, $name, $start);
            $lasting = $this->lasting;
            $this->lasting = [];

            return [...$lasting, $function];
        }
        if ('static' === $token->text && '' !== $this->scope && !$this->isConstant($token)) {
            return [$this->lastingValue($token, $type)];
        }
        if (str_ends_with($type, ' *')) {
            $pointer = $this->pointer($token, $type);
            if (null !== $pointer) {
                return [$pointer];
            }
        }
        // A name that changes nothing sees what becomes of the other one all the same.
        $named = str_ends_with($type, '&') ? TypeNames::read(trim((string) preg_replace('/^const\s+/', '', $type), '& ')) : null;
        if (null !== $named && ($named->isNumeric() || $named->isTextual() || TypeKind::Truth === $named->kind || TypeKind::Unknown === $named->kind) && $this->is('=', 1) && TokenKind::Name === ($of = $this->peek(2))?->kind && $this->is(';', 3)) {
            return [$this->otherName($token, $of)];
        }
        if (null !== $named && !str_starts_with($type, 'const') && ($named->isNumeric() || $named->isTextual() || TypeKind::Truth === $named->kind)) {
            // Another name for a number, a text or a truth would have to change both.
            $this->fail('unsupported', $token, ['what' => trim($type, '& ').'& … = …']);
        }
        $rows = [];
        do {
            if (str_ends_with($type, ' *')) {
                // The star belongs to each name (C++17, 11.3.1).
                $this->accept('*');
            }
            if ([] !== $rows && $this->is('&')) {
                $this->fail('unsupported', $this->peek(), ['what' => '&'.($this->peek(1)->text ?? '').' = …']);
            }
            if ([] !== $rows && $this->is('*')) {
                $this->pointerBeside($token, $type);
                continue;
            }
            $name = $this->newName();
            if (!$this->inMain && '' === $this->scope && Names::clashesInCpp($name->text, ...$this->brought ??= [str_contains($this->text, '"scrivlet.hpp"'), str_contains($this->text, 'using namespace std;')])) {
                $this->mistake('name_of_library', $name->offset, \strlen($name->text), ['name' => $name->text]);
            }
            if ($this->isDeclaredTwice($name->text) && !isset($this->functions[$name->text])) {
                $this->mistake('declared_twice', $name->offset, \strlen($name->text), ['name' => $name->text], [new Replacement($token->offset, $name->offset - $token->offset, '')]);
            }
            unset($this->arraySizes[$name->text], $this->pairs[$name->text], $this->iterators[$name->text]);
            if ($this->is('[')) {
                [$kept, $value, $size] = $this->array($type);
                $this->arraySizes[$name->text] = $size;
            } else {
                [$kept, $value] = [$type, $this->filledUp($type, $this->initializer($type, $name))];
                // What may hold a value several times has them in their order (C++17, 26.4.7).
                $value = str_starts_with($type, 'multiset<') && null !== $value && $value != new ListLiteral([]) ? new Operation(OperationKey::Sorted, [$value]) : $value;
            }
            $this->types[$this->scope][$name->text] = 'auto' === $kept && null !== $value && '' !== $this->typeOf($value) ? $this->typeOf($value) : $kept;
            $this->declared[$this->scope][$name->text] = true;
            $head = substr($this->text, $token->offset, $name->offset - $token->offset);
            $this->noteGoing($kept, $name->text);
            if (str_contains($head, '*') && 'string' === $kept) {
                $this->ofLetters[$this->scope][$name->text] = true;
            } elseif (1 === preg_match('/\bconst(?:expr)?\b[^*]*$/D', $head)) {
                // What a pointer points at may be constant while the pointer is not (C++17, 11.3.1).
                $this->constants[$this->scope][$name->text] = true;
                $this->fixed[$name->text] = $value;
            }
            if ($value instanceof Operation && OperationKey::Length === $value->key && $value->arguments[0] instanceof VariableRead && 1 === preg_match_all('/(?<![\w.])'.Names::asPattern($name->text).'\s*(?:[-+*\/%]?=(?!=)|\+\+|--)|(?:\+\+|--|>>\s*|&)\s*'.Names::asPattern($name->text).'\b/', $this->text)) {
                $this->lengths[$name->text] = $value->arguments[0]->name;
            }
            $this->write($name->text, $name->offset);
            $this->references[$this->scope][$name->text] = null !== $named;
            $value = $this->asIterator($name->text, $type, $value);
            if (null === $value && '' === $this->scope && (!$this->inMain || 'static' === $token->text) && (TypeNames::read($kept)->isNumeric() || 'bool' === $kept)) {
                // What lasts as long as the program is nought before anything else (C++17, 6.6.2).
                $value = $this->empty("vector<$kept>");
            }
            $rows[] = null === $value ? new Declaration($this->newId(), $name->text, 'auto' === $kept ? null : $kept) : new SetVariable($this->newId(), $name->text, $value, false, $kept);
        } while ($this->accept(','));
        $this->semicolon();
        $this->cutTogether($rows, $token->offset);

        return $rows;
    }

    protected function declaredInCondition(): ?Expression
    {
        $at = $this->at;
        $type = $this->type();
        $name = $this->peek();
        if (null === $type || TokenKind::Name !== $name?->kind || !$this->is('=', 1)) {
            $this->at = $at;

            return null;
        }
        $this->at += 2;
        $value = $this->value();
        $this->declared[$this->scope][$name->text] = true;
        $this->types[$this->scope][$name->text] = 'auto' === $type ? '' : $type;
        $this->write($name->text, $name->offset);
        if (!$this->is(';')) {
            return $this->givenInside(OperationKey::Given, new VariableRead($name->text), $value, $name->offset);
        }
        // `if (int n = count(); n > 0)` (C++17, 9.4)
        $given = $this->givenInside(OperationKey::Given, new VariableRead($name->text), $this->asIterator($name->text, $type, $value) ?? $value, $name->offset);
        ++$this->at;

        return new Operation(OperationKey::After, [$given, $this->value()]);
    }

    /** `auto it = find(v.begin(), v.end(), 3)` is a place in a list, -1 for none; `m.find(key)` is a key, which may be missing. */
    private function asIterator(string $name, string $type, ?Expression $value): ?Expression
    {
        unset($this->iterators[$name]);
        $place = 'auto' !== $type || null === $value ? null : $this->placeIn($value);
        if (null !== $place && $this->isListOfPlaces($place[1]) && $this->isOnlyPlace($name, $this->at)) {
            return $this->startedAt($name, $place);
        }
        if ('auto' !== $type || !$value instanceof Operation) {
            return $value;
        }
        [$list, $what] = [$value->arguments[0] ?? null, $value->arguments[1] ?? null];
        $spot = self::spot($value);
        if (null !== $spot && null !== $list) {
            $this->iterators[$name] = ['spot', $list];
            $this->types[$this->scope][$name] = '';

            return $spot;
        }
        if (\in_array($value->key, [OperationKey::GreatestPlace, OperationKey::LeastPlace], true) && null !== $list) {
            $value = new Operation(OperationKey::Sought, [$list, $what = self::foundBy($value)]);
        }
        if (OperationKey::SoughtIf === $value->key && null !== $list) {
            $this->iterators[$name] = ['place', $list];
            $this->types[$this->scope][$name] = '';

            return new Operation(OperationKey::FirstPlace, $value->arguments);
        }
        if (null === $list || null === $what || OperationKey::Sought !== $value->key && (OperationKey::Position !== $value->key || !$this->isOfType($list, '(?:unordered_)?(?:map|set)'))) {
            return $value;
        }
        $this->iterators[$name] = [OperationKey::Sought === $value->key ? 'place' : 'key', $list];
        $this->types[$this->scope][$name] = '';

        return OperationKey::Sought === $value->key ? new Operation(OperationKey::Position, [$list, $what]) : $what;
    }

    /** @var array<string, array<string, bool>> names that are other names for what has one already, by scope */
    private array $references = [];

    /** What is given to a reference is given to what it stands for (C++17, 11.3.2). */
    private function mayChange(string $name, int $offset): void
    {
        if (isset($this->constants[$this->scope][$name]) || !isset($this->declared[$this->scope][$name]) && isset($this->constants[''][$name])) {
            $this->mistake('constant_assigned', $offset, \strlen($name), ['name' => $name]);
        } elseif ($this->references[$this->scope][$name] ?? false) {
            $this->mistake('unsupported', $offset, \strlen($name), ['what' => "& $name = …"]);
        }
    }

    /** @var array<string, array<string, true>> */
    private array $constants = [];
    /** @var array{bool, bool}|null whether the text brings in this project's library, and all names of the standard one */
    private ?array $brought = null;

    /**
     * An array of C is a list of a fixed size: `int beds[3] = {1, 2};` (C++17, 11.3.4 and 11.6.1).
     *
     * @return array{string, Expression, Expression} the type of the list, what it holds, and its size
     */
    private function array(string $type): array
    {
        $sizes = [];
        $name = $this->tokens[$this->at - 1]->text ?? '';
        while (null !== ($opened = $this->peek()) && $this->accept('[')) {
            $sizes[] = $this->is(']') ? null : $this->value();
            $this->close($opened);
        }
        $list = str_repeat('vector<', \count($sizes)).$type.str_repeat('>', \count($sizes));
        $braces = $this->accept('=') || $this->is('{') ? $this->peek() : null;
        if ('char' === $type && 1 === \count($sizes) && (null === $braces || TokenKind::Text === $braces->kind)) {
            // Letters in a row are a text (C++17, 11.6.2).
            $text = null === $braces ? new TextLiteral('') : $this->value();

            return ['string', $text, $sizes[0] ?? new NumberLiteral($text instanceof TextLiteral ? \strlen($text->value) + 1 : 0)];
        }
        if ('char' === $type && 2 === \count($sizes) && $this->areTextsOfC($name, $braces)) {
            // Rows of letters are texts.
            $given = null === $braces ? new ListLiteral([]) : $this->braced($braces, 'vector<string>');

            return ['vector<string>', self::sized($given, [null === $sizes[0] ? null : $this->known($sizes[0])], new TextLiteral('')), $sizes[0] ?? new NumberLiteral($given instanceof ListLiteral ? \count($given->items) : 0)];
        }
        if (null !== $braces && '{' !== $braces->text) {
            $this->fail('brace_wanted', $braces, ['word' => '[]']);
        }
        $given = null === $braces ? new ListLiteral([]) : $this->braced($braces, $list);
        if (null === $braces && \in_array(null, $sizes, true)) {
            $this->fail('value_missing', null, ['after' => '[']);
        }

        $letters = 'char' === $type && 1 === \count($sizes) && $given instanceof ListLiteral ? $given->items : [];
        $texts = array_filter(array_map(static fn (Expression $letter): ?string => $letter instanceof TextLiteral ? $letter->value : null, $letters), is_string(...));
        if ([] !== $texts && \count($texts) === \count($letters) && "\0" === end($texts)) {
            // Letters that end with a nought are a text of C.
            return ['string', new TextLiteral(implode('', \array_slice($texts, 0, -1))), $sizes[0] ?? new NumberLiteral(\count($texts))];
        }

        // How many more there are shows only where the size is known.
        $known = [] === ($given->items ?? []) ? $sizes : array_map(fn (?Expression $size): ?Expression => null === $size ? null : $this->known($size), $sizes);

        return [$list, self::sized($given, $known, $this->empty("vector<$type>")), $sizes[0] ?? new NumberLiteral($given instanceof ListLiteral ? \count($given->items) : 0)];
    }

    /** An `array<int, 4>` has all its items, whatever it is given at first (C++17, 26.3.7.1). */
    private function filledUp(string $type, ?Expression $value): ?Expression
    {
        if (null === $value && str_starts_with($type, 'optional<')) {
            return new NothingLiteral();
        }
        if (1 !== preg_match('/^array<(.*), ([0-9]++)>$/D', $type, $match) || null !== $value && !$value instanceof ListLiteral) {
            return $value;
        }
        $inner = $this->empty("vector<$match[1]>");
        $items = array_map(fn (Expression $item): Expression => $this->filledUp($match[1], $item) ?? $item, $value->items ?? []);

        return self::sized(new ListLiteral($items), [new NumberLiteral((int) $match[2])], $inner);
    }

    /** @param list<Expression|null> $sizes from the outermost one on */
    private static function sized(Expression $given, array $sizes, Expression $empty): Expression
    {
        $size = array_shift($sizes);
        $item = [] === $sizes ? $empty : self::sized(new ListLiteral([]), $sizes, $empty);
        $items = $given instanceof ListLiteral ? $given->items : [];
        if ([] !== $sizes) {
            $items = array_map(static fn (Expression $inner): Expression => self::sized($inner, $sizes, $empty), $items);
        }
        if (null === $size) {
            return new ListLiteral($items);
        }
        $isEmpty = [] === array_filter($items, static fn (Expression $inner): bool => $inner != $item);
        if ($isEmpty && (!$size instanceof NumberLiteral || \count($items) < $size->value)) {
            return new Operation(OperationKey::Filled, [$size, $item]);
        }
        $missing = $size instanceof NumberLiteral ? (int) $size->value - \count($items) : 0;

        if ($missing >= 1000) {
            return new Operation(OperationKey::Concatenated, [new ListLiteral($items), new Operation(OperationKey::Filled, [new NumberLiteral($missing), $item])]);
        }

        return new ListLiteral([...$items, ...array_fill(0, max(0, $missing), $item)]);
    }

    /**
     * `Bed bed;`, `Bed bed("rose");`, `Bed bed = {"rose", 3};`.
     *
     * @param bool $isOther whether it is another name for an object that is there, which may be of a class below it
     */
    private function objectOf(string $class, Token $name, bool $isOther): Expression
    {
        $isGiven = $this->accept('=');
        $opened = $this->peek();
        if (null !== $opened && ($this->is('{') || !$isGiven && $this->is('('))) {
            ++$this->at;
            $arguments = $this->arguments($opened);
            $empty = [] === $arguments && '{' === $opened->text ? $this->empty("vector<$class>") : null;

            return $empty ?? $this->madeOf(new Token(TokenKind::Name, $class, $name->offset), $arguments, true);
        }

        $value = $isGiven ? $this->value() : null;
        $kind = null === $value ? null : TypeNames::read($this->typeOf($value))->class;
        if (!$isOther && null !== $kind && $kind !== $class && isset($this->classes[$kind])) {
            // Only the part that the class above has is kept (C++17, 15.8.1).
            $this->fail('unsupported', $name, ['what' => "$class $name->text = …"]);
        }

        return null === $value ? $this->madeOf(new Token(TokenKind::Name, $class, $name->offset), [], true) : ($isOther ? $value : $this->asObjectOf($class, $value));
    }

    private static function setOf(ListLiteral $list): Operation
    {
        return new Operation(OperationKey::SetOf, [] === $list->items ? [] : [$list]);
    }

    protected function valueFor(Expression $target): Expression
    {
        $opened = $this->peek();
        $type = null === $opened || '{' !== $opened->text || TokenKind::Sign !== $opened->kind ? '' : $this->typeOf($target);
        if (null === $opened || '' === $type) {
            $value = $this->value();

            return [] === $this->classes ? $value : $this->asObjectOf($this->typeOf($target), $value);
        }

        return $this->bracedAs($opened, $type);
    }

    protected function valueGivenBack(): Expression
    {
        $opened = $this->peek();
        $known = TypeNames::read(trim($this->gives, '& '));

        return null !== $opened && '{' === $opened->text && ($known->isList() || $known->isMap() || $known->isSet()) ? $this->bracedAs($opened, trim($this->gives, '& ')) : parent::valueGivenBack();
    }

    private function bracedAs(Token $opened, string $type): Expression
    {
        $known = TypeNames::read($type);
        if (TypeKind::Copied === $known->kind && isset($this->classes[(string) $known->class])) {
            ++$this->at;
            $arguments = $this->arguments($opened);

            return [] === $arguments ? $this->empty("vector<$type>") : $this->madeOf(new Token(TokenKind::Name, (string) $known->class, $opened->offset), $arguments, true);
        }
        $value = $this->braced($opened, $type);

        return $value instanceof ListLiteral && $known->isSet() ? self::setOf($value) : $value;
    }

    private function initializer(string $type, Token $name): ?Expression
    {
        if (self::isFileStream($type)) {
            return $this->fileDeclared($type, $name);
        }
        $token = $this->peek();
        $class = TypeNames::read($type)->class;
        if (null !== $class && isset($this->classes[$class]) && TypeKind::Copied === TypeNames::read($type)->kind) {
            return $this->objectOf($class, $name, str_ends_with($type, '&'));
        }
        if ($this->accept('=')) {
            $opened = $this->peek();
            if (null === $opened || $this->is(';')) {
                $this->fail('value_missing', $opened, ['after' => '=']);
            }
            $offset = $this->offset();
            $isBraced = '{' === $opened->text && TokenKind::Sign === $opened->kind;
            $value = $isBraced ? $this->braced($opened, $type) : $this->value();
            if ($isBraced && $value instanceof ListLiteral && TypeNames::read($type)->isSet()) {
                return self::setOf($value);
            }
            $this->fits($type, $value, $offset);

            return $this->inType($type, $value);
        }
        if ($this->is('==')) {
            $this->fail('equals_for_assign', $this->peek(), ['text' => $name->text], [new Replacement($this->offset(), 2, '=')]);
        }
        if ($this->is('{') && null !== $token) {
            $list = $this->braced($token, $type);
            if ($list instanceof ListLiteral && TypeNames::read($type)->isSet()) {
                return self::setOf($list);
            }
            if ($list instanceof ListLiteral && null === TypeNames::read($type)->element) {
                return $this->inType($type, $list->items[0] ?? $this->empty("vector<$type>"));
            }

            return $list;
        }
        if (1 === preg_match('/^[io]?stringstream$/D', $type)) {
            $given = $this->is('(') || $this->is('{') ? $this->peek() : null;
            $this->at += null === $given ? 0 : 1;

            return new Operation(OperationKey::TextStream, [null === $given ? new TextLiteral('') : $this->arguments($given)[0]->value ?? new TextLiteral('')]);
        }
        if ($this->is('(') && null !== $token) {
            ++$this->at;
            $arguments = $this->arguments($token);
            if (TypeNames::read($type)->isList()) {
                return $this->vector($type, $arguments);
            }
            $fitting = FittingKind::ofClass($type);
            if (null !== $fitting && \count($arguments) === $fitting->sockets()) {
                return new Operation(OperationKey::from($fitting->value), array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
            }
            if ('string' === $type && 2 === \count($arguments) && $arguments[0]->value instanceof Operation && OperationKey::Rbegin === $arguments[0]->value->key) {
                return new Operation(OperationKey::Backwards, $arguments[0]->value->arguments);
            }
            if ('string' === $type && 2 === \count($arguments)) {
                return new Operation(OperationKey::Repeated, [$arguments[1]->value, $arguments[0]->value]);
            }

            return $this->inType($type, $arguments[0]->value ?? $this->empty("vector<$type>"));
        }

        // Lists, maps and texts are empty from the start (C++17, 11.6); a number has no value yet.
        $read = TypeNames::read($type);

        return match ($read->kind) {
            TypeKind::List => [] !== $read->parts ? $this->ofRecord($type, []) : new ListLiteral([]),
            TypeKind::Set => new Operation(OperationKey::SetOf),
            TypeKind::Map => new MapLiteral([]),
            TypeKind::Text => new TextLiteral(''),
            default => null,
        };
    }

    /** A literal list for a map is a map; a text in a `char` is a letter. */
    private function inType(string $type, Expression $value): Expression
    {
        if ($value instanceof ListLiteral && [] === $value->items && TypeNames::read($type)->isMap()) {
            return new MapLiteral([]);
        }

        if ('char' === $type) {
            return $value instanceof Binary && $value->operator->isArithmetic() ? new Operation(OperationKey::Letter, [$value]) : $value;
        }

        return $this->asNumber($type, $value);
    }

    /** A letter that a number is made of is its code (C++17, 7.8). */
    private function asNumber(string $type, Expression $value): Expression
    {
        $isLetter = $value instanceof TextLiteral && $value->letter || $value instanceof VariableRead && $this->isLetter($value->name)
            || $value instanceof Item && 1 === preg_match('/^(?:const )?(?:std::)?string\b/', $this->typeOf($value->container));

        return $isLetter && TypeNames::read($type)->isNumeric() ? new Operation(OperationKey::Code, [$value]) : $value;
    }

    private function fits(string $type, Expression $value, int $offset): void
    {
        $known = TypeNames::read($type);
        $length = max(1, $this->endOffset() - $offset);
        if ($known->isNumeric() && $value instanceof TextLiteral && !$value->letter || StaticType::text() === $known && $value instanceof NumberLiteral) {
            $fix = $value instanceof TextLiteral && is_numeric($value->value) ? [new Replacement($offset, $length, $value->value)] : ($value instanceof NumberLiteral ? [new Replacement($offset, $length, '"'.substr($this->text, $offset, $length).'"')] : []);
            $this->mistake('wrong_type', $offset, $length, ['name' => $type], $fix);
        }
        if ('char' === $type && $value instanceof TextLiteral && !$value->letter) {
            $this->mistake('char_quotes', $offset, $length, [], 1 === mb_strlen($value->value) ? [new Replacement($offset, $length, "'$value->value'")] : []);
        }
    }

    /** @return list<Statement> */
    private function declaredSeveral(Token $token): array
    {
        $opened = $this->peek() ?? $token;
        ++$this->at;
        $targets = [];
        while (null !== ($name = $this->peek()) && TokenKind::Name === $name->kind) {
            ++$this->at;
            $targets[] = new VariableRead($name->text);
            $this->declared[$this->scope][$name->text] = true;
            $this->types[$this->scope][$name->text] = '';
            $this->write($name->text, $name->offset);
            $this->accept(',');
        }
        $this->close($opened);
        if (!$this->accept('=') || [] === $targets) {
            $this->fail('value_missing', null, ['after' => ']']);
        }
        $value = $this->value();
        $this->semicolon();
        if ($value instanceof Operation && OperationKey::OuterPlaces === $value->key && 2 === \count($targets)) {
            return [$this->ended(new SetSeveral($this->newId(), $targets, $this->outerPlaces($value->arguments[0], $targets)), $token->offset)];
        }
        $head = substr($this->text, $token->offset, $opened->offset - $token->offset);
        if (str_contains($head, '&') && !str_contains($head, 'const')) {
            $this->unlessChanged(array_map(static fn (VariableRead $target): string => $target->name, $targets), $this->at, $this->until);
        }

        return [$this->ended(new SetSeveral($this->newId(), $targets, [$value]), $token->offset)];
    }

    /**
     * `auto [least, greatest] = minmax_element(…)`: the first of the least and the last of the greatest (C++17, 28.7.8).
     *
     * @param list<VariableRead> $names
     *
     * @return list<Expression>
     */
    private function outerPlaces(Expression $list, array $names): array
    {
        foreach ($names as $name) {
            $this->iterators[$name->name] = ['place', $list];
        }
        $fromBehind = new Operation(OperationKey::Position, [new Operation(OperationKey::Backwards, [$list]), new Operation(OperationKey::Greatest, [$list])]);

        return [
            new Operation(OperationKey::Position, [$list, new Operation(OperationKey::Least, [$list])]),
            new Binary(Operator::Subtract, new Binary(Operator::Subtract, new Operation(OperationKey::Length, [$list]), new NumberLiteral(1)), $fromBehind),
        ];
    }

    /**
     * Names by which something is taken apart may be other names for its parts, as long as none of them is changed.
     *
     * @param list<string> $names
     */
    private function unlessChanged(array $names, int $from, int $until): void
    {
        for ($at = $from; $at < $until; ++$at) {
            $token = $this->tokens[$at];
            if (TokenKind::Name !== $token->kind || !\in_array($token->text, $names, true)) {
                continue;
            }
            $next = $this->tokens[$at + 1]->text ?? '';
            if (\in_array($next, ['=', '+=', '-=', '*=', '/=', '%=', '++', '--', '.', '['], true) || \in_array($this->tokens[$at - 1]->text, ['++', '--'], true)) {
                $this->fail('unsupported', $token, ['what' => 'auto& […]']);
            }
        }
    }

    /** Where the row that a header holds ends: its braces, or its semicolon. */
    private function endOfRow(int $at): int
    {
        while ($at < $this->until && !\in_array($this->tokens[$at]->text, ['{', ';'], true)) {
            ++$at;
        }

        return '{' === ($this->tokens[$at]->text ?? '') ? $this->partners[$at] ?? $this->until : min($at + 1, $this->until);
    }

    /**
     * `template <typename T>` and the function below it, whose values may be of any type that its calls give it.
     *
     * @return list<Statement>
     */
    private function ofAnyType(Token $token): array
    {
        $start = $this->at;
        ++$this->at;
        $names = [];
        if ($this->accept('<')) {
            while ($this->is('typename') || $this->is('class')) {
                ++$this->at;
                $names[] = $this->newName()->text;
                $this->accept(',');
            }
        }
        if ([] === $names || !$this->accept('>')) {
            $this->fail('unsupported', $token, ['what' => 'template']);
        }
        $before = $this->aliases;
        $first = $this->peek();
        $class = null === $first ? '' : (\in_array($first->text, ['class', 'struct'], true) ? $this->sign(1) : $this->classMeant());
        $types = $this->classTemplates[$class] ?? array_fill_keys($names, 'auto');
        if (null === $first || \in_array(null, $types, true)) {
            $this->fail('unsupported', $token, ['what' => 'template']);
        }
        $this->aliases = array_filter($types, is_string(...)) + $before;
        try {
            $head = new Token($first->kind, $first->text, $token->offset);
            if (\in_array($first->text, ['class', 'struct'], true)) {
                return $this->classDefinition($head);
            }
            $apart = $this->definedApart($head, $this->at);
            if (null !== $apart) {
                return [$apart];
            }
            $type = $this->type();
            if (null === $type || !$this->is('(', 1)) {
                $this->fail('unsupported', $token, ['what' => 'template']);
            }
            $name = $this->newName();
            --$this->at;

            return [$this->function($token, $type, $name, $start)];
        } finally {
            $this->aliases = $before;
        }
    }

    /**
     * `words >> pupil.name >> marks[0];`: what is read goes into variables first, which hold what was there as long as nothing is read.
     *
     * @return list<Statement>|null null where all that is read into are variables
     */
    private function keptFromStream(Token $stream): ?array
    {
        $start = $this->at;
        ++$this->at;
        $targets = [];
        while ($this->accept('>>')) {
            $targets[] = $this->placeOf($this->expression(8));
        }
        $isPlain = [] === array_filter($targets, static fn (Expression $target): bool => !$target instanceof VariableRead);
        $isKnown = [] === array_filter($targets, static fn (Expression $target): bool => !$target instanceof VariableRead && !$target instanceof Field && !$target instanceof Item);
        if ($isPlain || !$isKnown || !$this->is(';')) {
            $this->at = $start;

            return null;
        }
        $first = $last = $names = [];
        foreach ($targets as $target) {
            if ($target instanceof VariableRead) {
                $names[] = $target;
                $this->write($target->name, $stream->offset);
                continue;
            }
            $name = $this->nameFor('found');
            $type = $this->typeOf($target);
            $this->types[$this->scope][$name] = $type;
            $this->write($name, $stream->offset);
            $first[] = new SetVariable($this->newId(), $name, $target, false, '' === $type ? null : $type);
            $last[] = new SetItem($this->newId(), $target, new VariableRead($name));
            $names[] = new VariableRead($name);
        }
        $this->read($stream->text, $stream->offset);
        $this->semicolon();
        $rows = [...$first, new Perform($this->newId(), new Operation(OperationKey::NextOf, [new VariableRead($stream->text), ...$names])), ...$last];
        $this->cutTogether($rows, $stream->offset);

        return $rows;
    }

    private function isLetterOnly(Expression $value): bool
    {
        return $value instanceof TextLiteral && $value->letter || $value instanceof VariableRead && $this->isLetter($value->name) || $value instanceof Operation && OperationKey::Letter === $value->key;
    }

    /** `strcpy(to, from);` and `strcat(to, more);` (C11, 7.24.2.3 and 7.24.3.1) */
    private function textCopied(Token $token): Statement
    {
        $start = $token->offset;
        $opened = $this->peek(1) ?? $token;
        $this->at += 2;
        $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
        $target = $given[0] ?? null;
        if (2 !== \count($given) || !$target instanceof VariableRead && !$target instanceof Field && !$target instanceof Item) {
            $this->fail('unsupported', $token, ['what' => "$token->text(…)"]);
        }
        $this->semicolon();
        $value = 'strcat' === $token->text ? new Binary(Operator::Join, $target, $given[1]) : $given[1];
        if (!$target instanceof VariableRead) {
            return $this->ended(new SetItem($this->newId(), $target, $value), $start);
        }
        $this->given($target->name, $start);

        return $this->ended('strcat' === $token->text ? new ChangeVariable($this->newId(), $target->name, $given[1], false, Operator::Join) : new SetVariable($this->newId(), $target->name, $value), $start);
    }

    /** `memset(places, -1, sizeof(places));`: all bits of a number are 0 or 1, whatever its type is (C11, 7.24.6.1). */
    private function memorySet(int $start): ?Statement
    {
        $name = $this->peek(2);
        $isMinus = $this->is('-', 4);
        $number = $this->sign($isMinus ? 5 : 4);
        $ahead = $isMinus ? 6 : 5;
        $rest = implode('', array_map(fn (int $more): string => (string) $this->sign($ahead + $more), range(0, 6)));
        if (null === $name || !isset($this->arraySizes[$name->text]) || !\in_array(($isMinus ? '-' : '').$number, ['0', '-1', 'false', 'true'], true) || !str_starts_with($rest, ",sizeof($name->text));") && !str_starts_with($rest, ",sizeof$name->text);")) {
            return null;
        }
        $value = $isMinus ? new NumberLiteral(-1) : new NumberLiteral(0);
        $list = new VariableRead($name->text);
        $type = TypeNames::read($this->typeOf($list));
        $inner = $type->item();
        if ($inner->isList() && null !== $inner->item()->element || TypeKind::Truth === ($inner->isList() ? $inner->item() : $inner)->kind && $isMinus) {
            return null;
        }
        if (TypeKind::Truth === ($inner->isList() ? $inner->item() : $inner)->kind) {
            $value = new TruthLiteral('true' === $number);
        } elseif ('true' === $number) {
            // Each byte of a number would be 1.
            return null;
        }
        $length = new Operation(OperationKey::Length, [$list]);
        $filled = new Operation(OperationKey::Filled, [$length, $value]);
        if ($inner->isList()) {
            $row = $this->madeUp('row');
            $filled = new Collected(new Operation(OperationKey::Filled, [new Operation(OperationKey::Length, [new VariableRead($row)]), $value]), $row, $list);
        }
        while (!$this->is(';')) {
            ++$this->at;
        }
        $this->semicolon();
        $this->write($name->text, $start);

        return $this->ended(new SetVariable($this->newId(), $name->text, $filled), $start);
    }

    /** The class whose method a row defines, before its type is read. */
    private function classMeant(): string
    {
        for ($at = $this->at; isset($this->tokens[$at + 1]) && !\in_array($this->tokens[$at]->text, ['(', '{', ';'], true); ++$at) {
            if ('::' === $this->tokens[$at + 1]->text && 'std' !== $this->tokens[$at]->text) {
                return $this->tokens[$at]->text;
            }
        }

        return '';
    }

    /**
     * `namespace garden { … }`: what stands in it is known by its own name.
     *
     * @return list<Statement>
     */
    private function ofNamespace(Token $token): array
    {
        $name = $this->peek(1)->text ?? '';
        $brace = $this->at + 2;
        $closing = $this->closingOf($brace);
        if (null === $closing) {
            $this->at = $brace;
            $this->missingBrace($brace);
        }
        $this->at = $brace + 1;
        $this->spaces[$name] = true;
        $import = fn (int $from): Statement => $this->ended(new Import($this->newId(), substr($this->text, $from, $this->endOffset() - $from), $this->language()->value), $from);
        $rows = [$import($token->offset)];
        [$until, $this->until] = [$this->until, (int) $closing];
        array_push($rows, ...$this->block(null));
        $this->until = $until;
        $from = $this->offset();
        ++$this->at;
        $rows[] = $import($from);

        return $rows;
    }

    protected function behindTypes(int $from): ?int
    {
        for ($until = $from; isset($this->tokens[$until + 1]) && '>' !== $this->tokens[$until]->text; ++$until) {
            if (\in_array($this->tokens[$until]->text, ['(', ')', ';', '{', '}', '<<', '>>', '&&', '||'], true)) {
                return null;
            }
        }

        return '(' === ($this->tokens[$until + 1]->text ?? '') && $this->areTypes($from, $until) ? $until + 1 : null;
    }

    /** Types of the library that are not read yet (C++17, 20 to 33): whoever writes one has not forgotten it. */
    private const OTHER_TYPES = ['ostream', 'istream', 'iostream', 'ifstream', 'ofstream', 'fstream', 'streambuf', 'ios', 'complex', 'valarray', 'variant', 'any', 'string_view', 'span', 'regex', 'smatch', 'thread', 'mutex', 'atomic', 'future', 'promise', 'exception', 'initializer_list', 'forward_list', 'wstring', 'wchar_t', 'FILE', 'time_t', 'tm', 'mt19937', 'mt19937_64', 'random_device', 'default_random_engine', 'uniform_int_distribution', 'uniform_real_distribution', 'normal_distribution', 'bernoulli_distribution', 'duration', 'time_point', 'type_info', 'weak_ptr'];

    private function noType(?Token $token): never
    {
        $name = 'std' === $token?->text && $this->is('::', 1) ? $this->peek(2)->text ?? 'std' : $token->text ?? '';
        if ('std' === $token?->text || \in_array($name, self::OTHER_TYPES, true)) {
            $this->fail('unsupported', $token, ['what' => $name]);
        }
        $this->fail('type_missing', $token, ['name' => $name]);
    }

    /** Whether nothing but types stands between brackets. */
    private function areTypes(int $from, int $until): bool
    {
        $at = $this->at;
        $this->at = $from;
        $this->mayPoint = true;
        do {
            $isType = null !== $this->type();
            $this->accept('&');
        } while ($isType && $this->accept(','));
        $this->mayPoint = false;
        $isType = $isType && $this->at === $until;
        $this->at = $at;

        return $isType;
    }

    /** Whether the round bracket behind a name begins parameters, not a value. */
    private function isFunction(): bool
    {
        $at = $this->at;
        $this->at += 2;
        $this->mayPoint = true;
        $isFunction = $this->is(')') || $this->is('const') || null !== $this->type() && TokenKind::Name === $this->peek()?->kind;
        $this->mayPoint = false;
        $this->at = $at;
        $closing = $this->closingOf($at + 1);
        $next = null === $closing ? null : ($this->tokens[$closing + 1]->text ?? null);
        // A prototype need not name what it takes (C++17, 11.3.5).
        $isPrototype = ';' === $next && '' === $this->scope && !$this->inMain && $this->areTypes($at + 2, (int) $closing);

        return $isFunction || $isPrototype || '{' === $next;
    }

    private function function(Token $token, string $type, Token $name, int $start): Statement
    {
        if ('' !== $this->scope || $this->inMain) {
            $this->fail('unsupported', $name, ['what' => $name->text.'(…) { … } in { … }']);
        }
        ++$this->at;
        $this->known[$name->text] ??= $name->offset;
        $id = $this->newId();
        $opened = $this->peek() ?? $token;
        $full = $this->overload($name->text, $this->at) ?? $name->text;
        if ($full !== $name->text) {
            $name = new Token($name->kind, $full, $name->offset);
            $this->known[$full] ??= $name->offset;
        }
        ++$this->at;
        $this->scope = $name->text;
        $this->begun = $token->offset;
        [$parameters, $defaults, $types] = $this->parameters($opened);
        $this->gives = $type;
        $this->ends = $this->tokens[$this->closingOf($this->at) ?? \count($this->tokens) - 1]->offset;
        $types = ['' => $type] + $types;
        if ($this->is(';') && !$this->is('{', 1)) {
            ++$this->at;
            $this->scope = '';
            $this->prototypes[$name->text] = $defaults;

            return $this->ended(new Import($id, substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
        }
        if (!$this->is('{') && !$this->is(';')) {
            $this->withoutTrailingType();
            $this->fail('brace_wanted', $this->tokens[$this->at - 1], ['word' => $name->text], [new Replacement($this->endOffset(), 0, ' {')]);
        }
        $body = $this->body($id, $start, 'head', 'body', false);
        $this->scope = '';
        $this->closeBrace($id, $start);

        return new FunctionDefinition($id, $name->text, $parameters, $this->shared($name->text, $body), false, $defaults + ($this->prototypes[$name->text] ?? []), $types);
    }

    protected function caughtHere(): array
    {
        $opened = $this->peek();
        if (null === $opened || !$this->accept('(')) {
            $last = $this->tokens[$this->at - 1];
            $this->fail('condition_brackets', $last, ['word' => 'catch']);
        }
        if ($this->is('.') && $this->is('.', 1) && $this->is('.', 2) || $this->is('...')) {
            $this->at += $this->is('...') ? 1 : 3;
            $this->close($opened);

            return [[], ''];
        }
        $isConst = $this->accept('const');
        $own = $this->peek();
        if (null !== $own && $this->isRaised($own->text)) {
            ++$this->at;
            $kind = $own->text;
        } else {
            $ahead = $this->is('std') && $this->is('::', 1) ? 2 : 0;
            if ($this->is('string', $ahead) && !isset($this->classes['string'])) {
                $this->at += $ahead + 1;
                $kind = FailureKind::Letters;
            } else {
                $kind = $this->failureKind($isConst && $this->is('char') && $this->is('*', 1) ? 'char' : 'int');
            }
        }
        $this->accept('const');
        $this->accept('&');
        $name = '';
        if (!$this->is(')')) {
            $token = $this->newName();
            $this->write($token->text, $token->offset);
            $name = $token->text;
        }
        $this->close($opened);

        return ['' === $name && FailureKind::Any === $kind ? [] : [$kind], $name];
    }

    /** @param 'char'|'int' $plain the only type that may stand here and is no failure */
    private function failureKind(string $plain): FailureKind
    {
        if ($this->is($plain)) {
            $this->at += 'char' === $plain ? 2 : 1;

            return 'char' === $plain ? FailureKind::Text : FailureKind::Whole;
        }
        if ($this->is('std') && $this->is('::', 1)) {
            $this->at += 2;
        }
        $token = $this->peek();
        $kind = null === $token ? null : FailureNames::kindOf($this->language(), $token->text);
        if (null === $token || null === $kind) {
            $near = null === $token || TokenKind::Name !== $token->kind || RealNames::has($token->text, Language::Cpp) ? null : Names::nearest($token->text, FailureNames::all($this->language()));
            if (null !== $token && null !== $near) {
                $this->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, \strlen($token->text), $near)]);
            }
            $this->fail('unsupported', $token, ['what' => $token->text ?? 'throw']);
        }
        ++$this->at;

        return $kind;
    }

    protected function thrown(Token $token): Raise|RaiseObject
    {
        $value = $this->peek();
        if (null !== $value && $this->isRaised($value->text)) {
            return new RaiseObject($this->newId(), $this->value());
        }
        if (null !== $value && (TokenKind::Text === $value->kind || TokenKind::Number === $value->kind || $this->is('-'))) {
            $value = $this->value();
            $isText = $value instanceof TextLiteral && !$value->letter;
            if (!$isText && !($value instanceof NumberLiteral && \is_int($value->value))) {
                $this->fail('unsupported', $token, ['what' => 'throw']);
            }

            return new Raise($this->newId(), $isText ? FailureKind::Text : FailureKind::Whole, $value);
        }
        $ahead = $this->is('std') && $this->is('::', 1) ? 2 : 0;
        $isText = $this->is('string', $ahead) && ($this->is('(', $ahead + 1) || $this->is('{', $ahead + 1)) || TokenKind::Name === $value?->kind && 'string' === trim(str_replace('const', '', $this->types[$this->scope][$value->text] ?? $this->types[''][$value->text] ?? ''), ' &');
        if ($isText) {
            return new Raise($this->newId(), FailureKind::Letters, $this->value());
        }
        $kind = $this->failureKind('int');
        $opened = $this->peek();
        $says = new TextLiteral('');
        if (null !== $opened && ($this->accept('(') || $this->accept('{'))) {
            $says = $this->is(')') || $this->is('}') ? $says : $this->value();
            $this->close($opened);
        }

        return new Raise($this->newId(), $kind, $says);
    }

    protected function saysOf(Token $name): Expression
    {
        if (!$this->is('.') || !$this->is('what', 1) || !$this->is('(', 2) || !$this->is(')', 3)) {
            $this->noFailure($name);
        }
        $this->at += 4;

        return $this->plainName($name);
    }

    /**
     * A function between the rows of `main`, which C++ keeps in a variable: `function<void()> plant = [&]() { … };`
     * (C++17, 8.1.5 and 23.14.13.2). One that is called above it stands as an empty variable outside of `main`.
     *
     * @return list<Statement>|null
     */
    private function keptFunction(Token $token): ?array
    {
        $start = $this->at;
        $isTyped = $this->functionType();
        $result = $isTyped ? $this->text_($start) : null;
        $isAuto = !$isTyped && $this->accept('auto');
        $name = $this->peek();
        if (null === $name || TokenKind::Name !== $name->kind) {
            $this->at = $start;

            return null;
        }
        if ($isTyped && !$this->inMain && $this->is(';', 1)) {
            $this->at += 2;
            $this->known[$name->text] = $name->offset;
            $this->foretold[$name->text] = $result;

            return [$this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset)];
        }
        $bracket = $this->is('=', 1) && $this->is('[', 2) ? $this->closingOf($this->at + 2) : null;
        $brace = null === $bracket ? null : ('(' === ($this->tokens[$bracket + 1]->text ?? '') ? $this->closingOf($bracket + 1) : $bracket);
        $isOneValue = $isAuto && 'return' === ($this->tokens[($brace ?? 0) + 2]->text ?? '');
        if (null === $bracket || null === $brace || $isOneValue || !$isTyped && !$isAuto && !isset($this->foretold[$name->text])) {
            $this->at = $start;

            return null;
        }
        if ('' !== $this->scope || !$this->inMain || 1 !== $this->parent) {
            $this->fail('unsupported', $name, ['what' => $name->text.'(…) { … } in { … }']);
        }
        $this->known[$name->text] ??= $name->offset;
        $id = $this->newId();
        $this->at += 2;
        if ([] !== $this->copied($name)) {
            $this->fail('unsupported', $this->tokens[$bracket - 1], ['what' => '[…]']);
        }
        $this->scope = $name->text;
        [$parameters, $defaults, $types] = $this->is('(') ? $this->parameters($this->tokens[$this->at++]) : [[], [], []];
        $this->accept('mutable');
        $given = $this->accept('->') ? $this->type() : null;
        if (!$this->is('{')) {
            $this->fail('brace_wanted', $this->tokens[$this->at - 1], ['word' => $name->text], [new Replacement($this->endOffset(), 0, ' {')]);
        }
        $body = $this->body($id, $start, 'head', 'body', false);
        $this->scope = '';
        $offset = $this->offset();
        if ($this->accept('}')) {
            $this->semicolon();
            $this->cut($id, 'close', $offset, $this->endOffset());
        } else {
            $this->missingBrace($start);
        }
        $result = $given ?? $result ?? $this->foretold[$name->text] ?? null;

        return [new FunctionDefinition($id, $name->text, $parameters, $this->shared($name->text, $body), false, $defaults, (null === $result ? [] : ['' => $result]) + $types)];
    }

    protected function rowsLambda(Token $token): FunctionReference
    {
        $name = $this->nameFor('inner');
        $id = $this->newId();
        $outer = $this->scope;
        $this->writes[$name] ??= [];
        if ('' !== $outer) {
            $this->around[$name] = $outer;
        }
        $this->scope = $name;
        [$parameters, $defaults, $types] = $this->is('(') ? $this->parameters($this->tokens[$this->at++]) : [[], [], []];
        $this->accept('mutable');
        $given = $this->accept('->') ? $this->type() : null;
        $brace = $this->at;
        if (!$this->accept('{')) {
            $this->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }
        $begins = $this->endOffset();
        [$loops, $this->loops] = [$this->loops, []];
        $state = [$this->steps, $this->isInRow, $this->isInValue, $this->parent, $this->inMain];
        $this->turns[] = null;
        $this->parent = $id;
        $rows = new Block($this->block($brace));
        array_pop($this->turns);
        [$this->steps, $this->isInRow, $this->isInValue, $this->parent, $this->inMain] = $state;
        $this->loops = $loops;
        $this->scope = $outer;
        $closing = $this->offset();
        if (!$this->accept('}')) {
            $this->missingBrace($brace);
        }
        $this->functions[$name] = [\count($parameters) - \count($defaults), \count($parameters), $parameters];
        $this->unnamed[] = [new FunctionDefinition($id, $name, $parameters, $this->shared($name, $rows), false, $defaults, (null === $given ? [] : ['' => $given]) + $types), $begins, $closing, $this->endOffset()];

        return new FunctionReference($name);
    }

    /** `function<int(string)>` */
    protected function functionType(): bool
    {
        $at = $this->at;
        if ($this->is('std') && $this->is('::', 1)) {
            $this->at += 2;
        }
        if ($this->is('function') && $this->is('<', 1)) {
            ++$this->at;
            for ($depth = 0; null !== $token = $this->peek(); ++$this->at) {
                $depth += '<' === $token->text ? 1 : ('>' === $token->text ? -1 : ('>>' === $token->text ? -2 : 0));
                if (-1 === $depth) {
                    // The other half ends what is around.
                    // @phpstan-ignore assign.propertyType (the token is there already)
                    $this->tokens[$this->at] = new Token(TokenKind::Sign, '>', $token->offset + 1);
                    --$this->at;
                }
                if ($depth <= 0) {
                    ++$this->at;
                    if (TypeNames::isWritten($this->text_($at))) {
                        return true;
                    }
                    break;
                }
            }
        }
        $this->at = $at;

        return false;
    }

    /** C++ knows nothing that stands further down (C++17, 6.3.2). */
    protected function runsInTurn(): bool
    {
        return true;
    }

    /** `-> vector<int>` behind the brackets of a function. */
    private function withoutTrailingType(): void
    {
        $this->is('->') && $this->fail('unsupported', $this->peek(), ['what' => 'auto … -> …']);
    }

    /** A type that was just read, as it stands in the text. */
    private function text_(int $start): string
    {
        $type = substr($this->text, $this->tokens[$start]->offset, $this->endOffset() - $this->tokens[$start]->offset);

        return trim((string) preg_replace('/^.*?<|\(.*$/s', '', $type));
    }

    /** @var array<string, string|null> what functions give that stand as empty variables above `main` */
    private array $foretold = [];

    /**
     * The parameters of a function, behind their bracket, in the scope of the function.
     *
     * @return array{list<string>, array<string, Expression>, array<string, string>} names, defaults, types
     */
    private function parameters(Token $opened): array
    {
        $this->declared[$this->scope] = $this->assigned[$this->scope] = $this->types[$this->scope] = [];
        $parameters = [];
        $defaults = [];
        $types = [];
        while (!$this->is(')')) {
            $parameter = $this->peek();
            if (null === $parameter) {
                $this->neverClosed($opened);
            }
            $isFixed = $this->is('const');
            $this->mayPoint = true;
            $parameterType = $this->type();
            $this->mayPoint = false;
            $parameter = $this->peek();
            if (null !== $parameterType && $this->is('(') && $this->is('*', 1) && $this->is(')', 3) && $this->is('(', 4) && null !== $behind = $this->closingOf($this->at + 4)) {
                // A function, handed over: `int (*of)(int, int)`.
                $parameter = $this->peek(2);
                $parameterType = 'auto';
                $this->at = $behind;
                // @phpstan-ignore assign.propertyType (the token is there already)
                $this->tokens[$behind] = $parameter ?? $this->tokens[$behind];
            }
            if (null === $parameterType) {
                $this->noType($parameter);
            }
            if (str_ends_with($parameterType, ' *') && $this->is('*') && TokenKind::Name === $this->peek(1)?->kind && \in_array($this->sign(2), [',', ')'], true)) {
                // Rows that were made one by one.
                ++$this->at;
                $parameter = $this->peek();
                $parameterType = 'vector<vector<'.substr($parameterType, 0, -2).'>> &';
            }
            if (null !== $parameter && TokenKind::Name === $parameter->kind) {
                ++$this->at;
                $parameters[] = $parameter->text;
                unset($this->arraySizes[$parameter->text], $this->iterators[$parameter->text]);
                if (str_ends_with($parameterType, ' *') && !isset($this->classes[substr($parameterType, 0, -2)])) {
                    $parameterType = $this->pointedAt($parameter->text, substr($parameterType, 0, -2));
                }
                while (null !== ($bracket = $this->peek()) && $this->accept('[')) {
                    // An array is handed over itself, never a copy of it.
                    $this->is(']') || $this->value();
                    $this->close($bracket);
                    $of = trim(str_replace(['const ', '&'], '', $parameterType));
                    $parameterType = 'char' === $of && !$this->is('[') ? $this->ofLetters($parameter->text, $isFixed ? "const $of" : $of) : "vector<$of> &";
                }
                if (str_starts_with($parameterType, 'vector<') && '>' !== ($this->tokens[$this->at - 2]->text ?? '')) {
                    $this->handedArrays[$this->scope][$parameter->text] = true;
                }
                $types[$parameter->text] = $parameterType;
                $this->types[$this->scope][$parameter->text] = $parameterType;
                $this->declared[$this->scope][$parameter->text] = true;
                $this->write($parameter->text, $parameter->offset);
                if ($this->accept('=')) {
                    $defaults[$parameter->text] = $this->expression();
                }
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);

        return [$parameters, $defaults, $types];
    }

    /** @var array<string, array<string, Expression>> what prototypes give parameters */
    private array $prototypes = [];

    protected function unnamedFunction(): bool
    {
        if (!$this->accept('[')) {
            return false;
        }
        $this->accept('&');
        $this->accept('=');

        return $this->accept(']') && (!$this->accept('(') || $this->accept(')'));
    }

    private ?string $loopType = null;

    protected function loopVariable(): bool
    {
        $this->mayPoint = true;
        $this->loopType = $this->type();
        $this->mayPoint = false;

        return null !== $this->loopType;
    }

    protected function startOf(Token $name, Expression $value): Expression
    {
        unset($this->iterators[$name->text]);
        $isPointer = str_ends_with((string) $this->loopType, '*');
        $place = $isPointer ? $this->placeOrArray($value) : ('auto' === $this->loopType ? $this->placeIn($value) : null);
        $until = $this->at;
        while ($until < $this->until && ')' !== $this->tokens[$until]->text) {
            $until = ($this->closingOf($until) ?? $until) + 1;
        }
        if (null !== $place && $this->isListOfPlaces($place[1]) && $this->isOnlyPlace($name->text, $this->at, $this->endOfRow($until))) {
            $this->loopType = 'int';

            return $this->startedAt($name->text, $place);
        }
        if ($isPointer && !isset($this->classes[substr((string) $this->loopType, 0, -2)])) {
            $this->fail('unsupported', $name, ['what' => (string) $this->loopType]);
        }

        return $value;
    }

    protected function counted_(string $name): void
    {
        $this->types[$this->scope][$name] = (string) $this->loopType;
        $this->references[$this->scope][$name] = false;
        parent::counted_($name);
    }

    /** `for (char c = 'a'; c <= 'e'; c++)` goes over letters. */
    protected function counting(ForLoop $loop): Statement
    {
        $condition = $loop->condition;
        if (!$condition instanceof Binary || !$this->goesOverLetters($loop->id, $loop->variable, $condition, $loop->operator, $loop->amount)) {
            return $loop;
        }

        return new EachLoop($loop->id, [$loop->variable], new Operation(OperationKey::LettersBetween, [$loop->from, $condition->right]), $loop->body);
    }

    /** What a letter becomes by a step is a letter. */
    protected function stepOf(int $id, string $variable, Expression $condition, ?Operator $operator, Expression $amount): array
    {
        if (null === $operator || !$this->isLetter($variable) || $this->goesOverLetters($id, $variable, $condition, $operator, $amount)) {
            return [$operator, $amount];
        }

        return [null, $this->kept($variable, new Binary($operator, new VariableRead($variable), $amount))];
    }

    private function goesOverLetters(int $id, string $variable, Expression $condition, Operator $operator, Expression $amount): bool
    {
        return !isset($this->outliving[$id]) && $this->isLetter($variable) && $condition instanceof Binary && $condition->left instanceof VariableRead && $condition->left->name === $variable
            && Operator::LessOrEqual === $condition->operator && Operator::Add === $operator && $amount instanceof NumberLiteral && 1 === $amount->value;
    }

    protected function isOfLetters(Expression $value): bool
    {
        return $value instanceof Binary && $value->operator->isArithmetic() && [] !== array_filter(Walk::expressions($value), fn (Expression $part): bool => $part instanceof TextLiteral && $part->letter
            || $part instanceof VariableRead && $this->isLetter($part->name) || $part instanceof Operation && OperationKey::Code === $part->key);
    }

    private function isLetter(string $name): bool
    {
        return 'char' === ($this->types[$this->scope][$name] ?? $this->types[''][$name] ?? null);
    }

    /** A `char` is a small number that is shown as a letter (C++17, 6.9.1). */
    protected function kept(string $name, Expression $value): Expression
    {
        if ('spot' === ($this->iterators[$name][0] ?? '')) {
            return $this->movedTo($name, $value) ?? $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => "$name = …"]);
        }
        if ($this->isLetter($name)) {
            return $value instanceof Binary && $value->operator->isArithmetic() ? new Operation(OperationKey::Letter, [$value]) : $value;
        }

        return $this->asNumber($this->types[$this->scope][$name] ?? $this->types[''][$name] ?? '', $value);
    }

    protected function undeclared(Token $name): void
    {
        if ('<' === ($this->tokens[($this->indexOf($name) ?? -1) + 1]->text ?? '') && RealNames::has($name->text, Language::Cpp)) {
            $this->fail('unsupported', $name, ['what' => "$name->text<…>"]);
        }
        $near = Names::nearest($name->text, array_map(strval(...), [...array_keys($this->declared[$this->scope] ?? []), ...array_keys($this->declared[''])]));
        if (null !== $near) {
            $this->mistake('misspelt_name', $name->offset, \strlen($name->text), ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
        } else {
            $this->mistake('type_missing', $name->offset, \strlen($name->text), ['name' => $name->text], $this->guessed($name));
        }
        $this->declared[$this->scope][$name->text] = true;
        $this->silenced[$name->text] = true;
    }

    /** @return list<Replacement> the type that the literal behind the name has */
    private function guessed(Token $name): array
    {
        $value = null;
        foreach ([0, 1, 2] as $ahead) {
            if ($this->is('=', $ahead - 1) || '=' === ($this->tokens[$this->at + $ahead - 1]->text ?? '')) {
                $value = $this->tokens[$this->at + $ahead] ?? null;
                break;
            }
        }
        $type = match (true) {
            null === $value => 'int',
            TokenKind::Text === $value->kind => "'" === $value->text[0] ? 'char' : 'string',
            TokenKind::Number === $value->kind => str_contains($value->text, '.') ? 'double' : 'int',
            \in_array($value->text, ['true', 'false'], true) => 'bool',
            default => 'auto',
        };

        return [new Replacement($name->offset, 0, "$type ")];
    }

    protected function given(string $name, int $offset): void
    {
        $this->mayChange($name, $offset);
        parent::given($name, $offset);
    }

    /** @var array<string, array<string, true>> pointers to letters, which are texts as long as they are not moved on */
    private array $ofLetters = [];

    protected function changed(Expression $target, Operator $operator, Expression $amount, int $start): Statement
    {
        if ($target instanceof VariableRead) {
            $this->mayChange($target->name, $start);
            if (isset($this->ofLetters[$this->scope][$target->name])) {
                $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => 'const char *']);
            }
        }
        $call = $this->changedByMethod($target, $operator, $amount);
        if (null !== $call) {
            return new Perform($this->newId(), $call);
        }

        if ($target instanceof VariableRead && $this->isLetter($target->name)) {
            return new SetVariable($this->newId(), $target->name, new Operation(OperationKey::Letter, [new Binary($operator, $target, $amount)]));
        }

        return parent::changed($target, $operator, $amount, $start);
    }

    protected function changedByMethod(Expression $target, Operator $operator, Expression $amount): ?MethodCall
    {
        $method = [Operator::Add->value => 'increase', Operator::Subtract->value => 'decrease', Operator::Multiply->value => 'scale', Operator::TruncDivide->value => 'share'][$operator->value] ?? '';
        $class = (string) TypeNames::read($this->typeOf($target))->class;
        $isStep = $amount instanceof NumberLiteral && 1 === $amount->value && TokenKind::Number !== $this->tokens[$this->at - 1]->kind && null !== $this->ownerOf($class, 'increase' === $method ? 'advance' : 'go_back');
        if ($isStep) {
            $method = 'increase' === $method ? 'advance' : 'go_back';
        }

        return isset($this->classes[$class]) && null !== $this->ownerOf($class, $method) ? new MethodCall($target, $method, $isStep ? [] : [$this->asObjectOf($this->takenBy($class, $method), $amount)]) : null;
    }

    protected function foreignRow(Token $token, Token $next): void
    {
        if (\in_array($token->text, ['print', 'echo'], true)) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'cout << …']);
        }
    }

    /** @param VariableRead|null $onto a stream in memory */
    private function output(int $start, ?VariableRead $onto = null): Statement
    {
        $isComplaint = null === $onto && !$this->is('cout');
        null === $onto || $this->read($onto->name, $start);
        ++$this->at;
        $parts = [];
        $width = null;
        $endsLine = false;
        if (!$this->is('<<')) {
            $next = $this->peek();
            if ($this->is('.') && null === $onto && !$isComplaint && null !== $told = $this->toldByMember()) {
                return $told;
            }
            if ($this->is('.')) {
                $this->fail('unsupported', $next, ['what' => 'cout.'.($this->peek(1)->text ?? '')]);
            }
            $wrong = null !== $next && \in_array($next->text, ['<', '>>', '>'], true);
            $this->fail('stream_signs', $next, ['name' => 'cout', 'near' => '<<'], $wrong ? [new Replacement($next->offset, \strlen($next->text), '<<')] : (null === $next ? [] : [new Replacement($next->offset, 0, '<< ')]));
        }
        while ($this->accept('<<')) {
            if (null === $this->peek() || $this->is(';')) {
                $this->fail('value_missing', $this->peek(), ['after' => '<<']);
            }
            if ($this->is('std') && $this->is('::', 1)) {
                $this->at += 2;
            }
            if ($this->is('endl')) {
                ++$this->at;
                if ($this->is('<<')) {
                    $parts[] = new TextLiteral("\n");
                    continue;
                }
                $endsLine = true;
                break;
            }
            $told = $this->told();
            if (null !== $told) {
                $isComplaint && $this->fail('unsupported', null, ['what' => 'cerr << …']);
                $wide = null === $onto ? null : StreamForms::width($told);
                $width = $wide ?? $width;
                if (null === $wide) {
                    $parts[] = null === $onto ? $told : StreamForms::telling($told, $onto);
                }
                continue;
            }
            $offset = $this->offset();
            $begins = $this->sign();
            $from = $this->at;
            $value = $this->expression(7);
            if ($value instanceof Operation && OperationKey::Contains === $value->key && $this->tellsForms() && [] !== array_filter(\array_slice($this->tokens, $from, $this->at - $from), static fn (Token $token): bool => 'count' === $token->text)) {
                // `count` gives a number, which no word for truths changes.
                $value = new Operation(OperationKey::ToWhole, [$value]);
            }
            if ($value instanceof Operation && \in_array($value->key, [OperationKey::UpperLetter, OperationKey::LowerLetter], true) && \in_array($begins, ['toupper', 'tolower'], true)) {
                // It gives an `int`, which the stream shows as one (C++17, 24.5.1; C11, 7.4.2).
                $value = new Operation(OperationKey::Code, [$value]);
            }
            if ($value instanceof VariableRead && $begins === $value->name && -8 === TypeNames::narrow($this->types[$this->scope][$value->name] ?? $this->types[''][$value->name] ?? '')) {
                // A number of a byte shows as a letter (C++17, 30.7.5.2.4).
                $value = new Operation(OperationKey::Letter, [$value]);
            }
            if ($value instanceof CommandValue && !Catalogue::get($value->command)->value) {
                $this->failAt('no_value', $offset, $this->endOffset() - $offset, ['name' => $value->command]);
            }
            if (null !== $this->comparison((string) $this->sign())) {
                $this->fail('stream_comparison', null, [], [new Replacement($offset, 0, '(')]);
            }
            if (null !== $onto && (null !== $width || !$value instanceof TextLiteral && $this->tellsForms())) {
                $value = StreamForms::asked($value, $width, $onto);
                $width = null;
            }
            if ($this->is('>>') || $this->is('<') || $this->is(',')) {
                $this->fail('stream_signs', $this->peek(), ['name' => 'cout', 'near' => '<<'], [new Replacement($this->offset(), \strlen((string) $this->sign()), '<<')]);
            }
            $parts[] = $value;
        }
        $next = $this->peek();
        if (null !== $next && !isset($this->begins[$this->at]) && (TokenKind::Text === $next->kind || TokenKind::Name === $next->kind || TokenKind::Number === $next->kind)) {
            $this->fail('stream_signs', $next, ['name' => 'cout', 'near' => '<<'], [new Replacement($next->offset, 0, '<< ')]);
        }
        $this->semicolon();
        $last = $parts[\count($parts) - 1] ?? null;
        if (!$endsLine && $last instanceof TextLiteral && str_ends_with($last->value, "\n") && !$last->letter) {
            array_pop($parts);
            $rest = substr($last->value, 0, -1);
            if ('' !== $rest) {
                $parts[] = new TextLiteral($rest);
            }
            $endsLine = true;
        }

        if ($isComplaint) {
            $said = $this->printed($parts);
            $joined = array_shift($said) ?? new TextLiteral('');
            foreach ($said as $value) {
                $joined = new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $value);
            }

            return $this->ended(new Perform($this->newId(), new Operation(OperationKey::Complain, [$joined])), $start);
        }
        if (null !== $onto) {
            $joined = new TextLiteral('');
            foreach ([...$parts, ...$endsLine ? [new TextLiteral("\n")] : []] as $part) {
                $joined = $joined == new TextLiteral('') && $part instanceof TextLiteral ? $part : new Binary(Operator::Join, $joined, $part);
            }

            return $this->ended(new Perform($this->newId(), new Operation(OperationKey::PutOn, [$onto, $joined])), $start);
        }

        return $this->ended(new PrintLine($this->newId(), $this->printed($parts), false, $endsLine), $start);
    }

    /** `printf("%d beds\n", beds)`, and `puts`, which ends its line by itself (C11, 7.21.6.1 and 7.21.7.9). */
    private function printsFormatted(Token $token, int $start): Statement
    {
        ++$this->at;
        $opened = $this->peek() ?? $token;
        ++$this->at;
        $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
        $this->semicolon();
        $template = array_shift($given);
        $isWhole = 'puts' === $token->text;
        if ($isWhole && null !== $template && [] === $given) {
            return $this->ended(new PrintLine($this->newId(), $this->printed([$template]), false, true), $start);
        }
        if (!$template instanceof TextLiteral || $isWhole) {
            $this->fail('unsupported', $token, ['what' => "$token->text()"]);
        }
        $parts = [];
        foreach (Conversion::pieces($template->value) as $piece) {
            $part = match (true) {
                '%%' === $piece => new TextLiteral('%'),
                '%' !== $piece[0] => new TextLiteral($piece),
                default => $this->converted($piece, array_shift($given)),
            };
            $last = array_pop($parts);
            if (('%' !== $piece[0] || '%%' === $piece) && $part instanceof TextLiteral && $last instanceof TextLiteral && !$last->letter) {
                $part = new TextLiteral($last->value.$part->value);
            } elseif (null !== $last) {
                $parts[] = $last;
            }
            $parts[] = $part ?? $this->fail('unsupported', $token, ['what' => "printf(\"$piece\")"]);
        }
        if ([] !== $given) {
            $this->fail('unsupported', $token, ['what' => 'printf()']);
        }
        $last = array_pop($parts);
        $endsLine = $last instanceof TextLiteral && str_ends_with($last->value, "\n");
        $rest = $endsLine ? new TextLiteral(substr($last->value, 0, -1)) : $last;
        if (null !== $rest && (!$rest instanceof TextLiteral || '' !== $rest->value)) {
            $parts[] = $rest;
        }

        return $this->ended(new PrintLine($this->newId(), $this->printed($parts), false, $endsLine), $start);
    }

    /** A value as one conversion shows it; nothing of what is not known here. */
    private function converted(string $piece, ?Expression $value): ?Expression
    {
        $conversion = Conversion::of($piece);
        if (null === $value || null === $conversion) {
            return null;
        }
        $isLetter = $value instanceof TextLiteral && $value->letter || $value instanceof VariableRead && $this->isLetter($value->name);
        $isLetter = $isLetter || $value instanceof Choice && $this->isLetterOnly($value->then) && $this->isLetterOnly($value->otherwise);
        if ('c' === $conversion->kind && !$isLetter && !$value instanceof Item) {
            return null;
        }
        if ($conversion->isWhole() && $isLetter) {
            $value = new Operation(OperationKey::Code, [$value]);
        }

        return '' === $conversion->form() ? $value : new Operation(OperationKey::Formatted, [$value, new TextLiteral($conversion->form())]);
    }

    /** A word that says how values are shown: `fixed`, `setw(5)`. */
    private function told(): ?Expression
    {
        if ($this->is('std') && $this->is('::', 1) && isset(StreamForms::WORDS[$this->sign(2) ?? ''])) {
            $this->at += 2;
        }
        $token = $this->peek();
        $word = (string) $this->sign();
        if (null === $token || $this->isVariable($word) || isset($this->functions[$word])) {
            return null;
        }
        if (\in_array($word, ['flush', 'internal', 'showbase'], true)) {
            $this->fail('unsupported', null, ['what' => $word]);
        }
        // `fixed(size, 2)` is the function of our own library.
        if (!isset(StreamForms::WORDS[$word]) || 'fixed' === $word && '(' === $this->peek(1)?->text) {
            return null;
        }
        ++$this->at;
        $values = [];
        if (1 === StreamForms::WORDS[$word]) {
            $opened = $this->peek();
            if (!$this->accept('(') || null === $opened) {
                $this->fail('call_brackets', $token, ['name' => $word]);
            }
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
            if (!$this->areOfForm($word, $values)) {
                $this->fail('unsupported', $token, ['what' => $word.'(…)']);
            }
        }

        return new Operation(OperationKey::from(StreamForms::WORD.$word), $values);
    }

    /** `cout.precision(3);` is what `cout << setprecision(3);` is (C++17, 30.5.3.2). */
    private function toldByMember(): ?PrintLine
    {
        $start = $this->tokens[$this->at - 1]->offset - ('::' === ($this->tokens[$this->at - 2]->text ?? '') ? 5 : 0);
        $word = ['precision' => 'setprecision', 'fill' => 'setfill'][$this->sign(1) ?? ''] ?? null;
        $opened = $this->peek(2);
        if (null === $word || '(' !== $opened?->text) {
            return null;
        }
        $this->at += 3;
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
        if (!$this->areOfForm($word, $values)) {
            $this->fail('unsupported', $opened, ['what' => 'cout.…(…)']);
        }
        $this->semicolon();
        $row = new PrintLine($this->newId(), [new Operation(OperationKey::from(StreamForms::WORD.$word), $values)], false, false);
        $this->ended($row, $start);

        return $row;
    }

    /** Whether the text has words that say how streams show values. */
    protected function tellsForms(): bool
    {
        return $this->tells ??= [] !== array_filter($this->tokens, static fn (Token $token): bool => isset(StreamForms::WORDS[$token->text]) && 'setw' !== $token->text || 'precision' === $token->text);
    }

    private ?bool $tells = null;

    /**
     * Values with a space between them are several; others are joined.
     *
     * @param list<Expression> $parts
     *
     * @return list<Expression>
     */
    private function printed(array $parts): array
    {
        $values = [];
        $joined = null;
        foreach ($parts as $index => $part) {
            $before = $parts[$index - 1] ?? null;
            $isSpace = $part instanceof TextLiteral && ' ' === $part->value && !$part->letter && !($before instanceof Operation && str_starts_with($before->key->value, StreamForms::WORD));
            if ($isSpace && null !== $joined && $index < \count($parts) - 1) {
                $values[] = $joined;
                $joined = null;
                continue;
            }
            $joined = null === $joined ? $part : new Binary(Operator::Join, $joined, $part);
        }

        return null === $joined ? $values : [...$values, $joined];
    }

    /** @return list<Statement> */
    private function input(int $start): array
    {
        ++$this->at;
        $rows = [];
        if ($this->is('.') && ($this->is('ignore', 1) || $this->is('clear', 1)) && $this->is('(', 2)) {
            $this->at = ($this->closingOf($this->at + 2) ?? $this->at + 2) + 1;
            $this->semicolon();

            return [$this->ended(new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value), $start)];
        }
        if (!$this->is('>>')) {
            $next = $this->peek();
            $this->fail('stream_signs', $next, ['name' => 'cin', 'near' => '>>'], null !== $next && '<<' === $next->text ? [new Replacement($next->offset, 2, '>>')] : []);
        }
        // Several in one row may be given in one line, which elsewhere is one answer.
        for ($ahead = 1; null !== $this->peek($ahead) && !$this->is('>>', $ahead) && !$this->is(';', $ahead) && !isset($this->begins[$this->at + $ahead]); ++$ahead) {
        }
        $isOfSeveral = $this->is('>>', $ahead);
        while ($this->accept('>>')) {
            $token = $this->peek();
            $target = $this->placeOf($this->expression(8));
            $word = new Operation($isOfSeveral ? OperationKey::NextWord : OperationKey::AskWord);
            if ($target instanceof VariableRead) {
                $type = TypeNames::read($this->types[$this->scope][$target->name] ?? $this->types[''][$target->name] ?? '');
                $value = $type->isWhole() ? new Operation($type->isWide() ? OperationKey::ToLong : OperationKey::ToWhole, [$word]) : (StaticType::number() === $type ? new Operation(OperationKey::ToNumber, [$word]) : $word);
                $this->given($target->name, $start);
                $rows[] = new SetVariable($this->newId(), $target->name, $value);
            } elseif ($target instanceof Field) {
                $type = TypeNames::read($this->fieldTypes[$target->name] ?? '');
                $rows[] = new SetItem($this->newId(), $target, $type->isTextual() || TypeKind::Unknown === $type->kind ? $word : new Operation(StaticType::number() === $type ? OperationKey::ToNumber : ($type->isWide() ? OperationKey::ToLong : OperationKey::ToWhole), [$word]));
            } elseif ($target instanceof Item) {
                $inner = $target;
                while ($inner instanceof Item) {
                    $inner = $inner->container;
                }
                $type = TypeNames::read($this->typeOf($inner instanceof VariableRead ? $inner : $target));
                for (; null !== $type->element; $type = $type->element) {
                }
                $rows[] = new SetItem($this->newId(), $target, $type->isTextual() ? $word : new Operation(StaticType::number() === $type ? OperationKey::ToNumber : ($type->isWide() ? OperationKey::ToLong : OperationKey::ToWhole), [$word]));
            } else {
                $this->fail('assign_to_value', $token, ['text' => $token->text ?? '']);
            }
        }
        $this->semicolon();
        $this->cutTogether($rows, $start);

        return $rows;
    }

    private function getline(int $start): Statement
    {
        $this->at += $this->is('std', 2) ? 5 : 3;
        $this->accept(',');
        $token = $this->peek();
        if (TokenKind::Name === $token?->kind && $this->is(')', 1)) {
            $name = $this->newName();
            $this->given($name->text, $start);
            $row = new SetVariable($this->newId(), $name->text, new Operation(OperationKey::Ask));
        } else {
            $target = $this->expression(8);
            if (!($target instanceof Item || $target instanceof Field) || !$this->is(')')) {
                $this->fail('unsupported', $token, ['what' => 'getline(…)']);
            }
            $row = new SetItem($this->newId(), $target, new Operation(OperationKey::Ask));
        }
        if (!$this->accept(')')) {
            $this->fail('unsupported', $token, ['what' => 'getline(…)']);
        }
        $this->semicolon();

        return $this->ended($row, $start);
    }

    /** @return list<Statement> `tie(a, b) = make_tuple(1, 2);` */
    private function tied(int $start): array
    {
        ++$this->at;
        $opened = $this->peek();
        if (null === $opened || !$this->accept('(')) {
            $this->fail('unexpected');
        }
        $targets = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
        if (!$this->accept('=') || !$this->is('make_tuple') || !$this->is('(', 1)) {
            $this->fail('unsupported', null, ['what' => 'tie(…)']);
        }
        ++$this->at;
        $opened = $this->peek() ?? $opened;
        ++$this->at;
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
        $this->semicolon();

        return [$this->ended(new SetSeveral($this->newId(), $targets, $values), $start)];
    }

    protected function eachLoop(int $id, int $start, Token $opened): ?Statement
    {
        [$at, $tokens] = [$this->at, $this->tokens];
        $offset = $this->offset();
        $iterated = $this->iterated();
        if (null !== $iterated && $this->isAskedForPlace($iterated[0], $iterated[1])) {
            return $this->overPlaces($id, $start, $opened, $offset, ...$iterated);
        }
        if (null !== $iterated) {
            return $this->overAll($id, $start, $opened, $offset, 'auto &', [$iterated[0]], $iterated[1]);
        }
        [$this->at, $this->tokens] = [$at, $tokens];
        $this->mayPoint = true;
        $type = $this->type();
        $this->mayPoint = false;
        $names = [];
        if (null !== $type && $this->accept('[')) {
            while (null !== ($token = $this->peek()) && TokenKind::Name === $token->kind) {
                ++$this->at;
                $names[] = $token->text;
                $this->accept(',');
            }
            $this->accept(']');
        } elseif (null !== $type && TokenKind::Name === $this->peek()?->kind) {
            $names[] = (string) $this->sign();
            ++$this->at;
        }
        if ([] === $names || !$this->accept(':')) {
            $this->at = $at;

            return null;
        }
        if (str_ends_with((string) $type, ' *') && !isset($this->classes[substr((string) $type, 0, -2)])) {
            $this->fail('unsupported', $this->tokens[$at], ['what' => (string) $type]);
        }
        $next = $this->peek();
        $over = null !== $next && '{' === $next->text ? $this->braced($next) : $this->value();

        return $this->overAll($id, $start, $opened, $offset, (string) $type, $names, $over);
    }

    /** @return array{string, Expression}|null the name of an iterator, and what it goes over: `for (auto it = v.begin(); it != v.end(); ++it)` */
    private function iterated(): ?array
    {
        $this->mayPoint = true;
        $type = $this->type();
        $this->mayPoint = false;
        $name = $this->peek();
        if (null === $type || null === $name || TokenKind::Name !== $name->kind || !$this->is('=', 1)) {
            return null;
        }
        $length = 0;
        while (!\in_array($this->sign(2 + $length), ['.', ';', null], true)) {
            ++$length;
        }
        $over = array_map(static fn (Token $token): string => $token->text, \array_slice($this->tokens, $this->at + 2, $length));
        $ends = ['begin' => 'end', 'cbegin' => 'cend', 'rbegin' => 'rend', 'crbegin' => 'crend'][$this->sign(3 + $length) ?? ''] ?? null;
        if (null === $ends) {
            return null;
        }
        $wanted = ['(', ')', ';', $name->text, '!=', ...$over, '.', $ends, '(', ')', ';'];
        foreach ([...$wanted, ...($this->is('++', 4 + $length + \count($wanted)) ? ['++', $name->text] : [$name->text, '++']), ')'] as $ahead => $text) {
            if (!$this->is($text, 4 + $length + $ahead)) {
                return null;
            }
        }
        $this->at += 2;
        [$until, $this->until] = [$this->until, $this->at + $length];
        $value = $this->expression();
        $this->until = $until;
        $this->at += 4 + \count($wanted);
        if (str_contains($ends, 'r')) {
            $value = TypeNames::read($this->typeOf($value))->isList() ? new Operation(OperationKey::Backwards, [$value]) : $this->fail('unsupported', $name, ['what' => ".$ends()"]);
        }
        $this->iterators[$name->text] = ['item', $value];

        return [$name->text, $value];
    }

    /** Whether the rows behind a header ask for more of an iterator of a list than what it stands at: `it + 1 == list.end()`. */
    private function isAskedForPlace(string $name, Expression $over): bool
    {
        if (!$this->isListOfPlaces($over)) {
            return false;
        }
        for ($at = $this->at + 1, $end = $this->endOfRow($this->at + 1); $at <= $end; ++$at) {
            if ($name === ($this->tokens[$at]->text ?? '') && TokenKind::Name === $this->tokens[$at]->kind && '->' !== ($this->tokens[$at + 1]->text ?? '')) {
                $before = $this->tokens[$at - 2];
                $isFollowed = '*' === $this->tokens[$at - 1]->text && TokenKind::Name !== $before->kind && TokenKind::Number !== $before->kind && ')' !== $before->text && ']' !== $before->text;
                if (!$isFollowed) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A loop over the places of a list. */
    private function overPlaces(int $id, int $start, Token $opened, int $offset, string $name, Expression $over): Statement
    {
        $this->iterators[$name] = ['spot', $over];
        $this->write($name, $offset);
        $this->declared[$this->scope][$name] = true;
        $this->ofLoops[$this->scope][$name] = true;
        $this->references[$this->scope][$name] = false;
        $this->types[$this->scope][$name] = 'int';
        $this->close($opened);
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        if ($braced) {
            $this->closeBrace($id, $start);
        }

        return new Count($id, $name, new NumberLiteral(0), self::less(new Operation(OperationKey::Length, [$over])), new NumberLiteral(1), $body);
    }

    /** @param non-empty-list<string> $names */
    private function overAll(int $id, int $start, Token $opened, int $offset, string $type, array $names, Expression $over, ?Token $call = null): Statement
    {
        $isReference = str_ends_with((string) $type, '&') && !str_starts_with((string) $type, 'const');
        if ($isReference && 1 < \count($names) && TypeNames::read($this->typeOf($over))->isList()) {
            $this->unlessChanged($names, $this->at, $this->endOfRow($this->at));
        }
        unset($this->pairs[$names[0]]);
        if ('auto &' !== $type || 'item' !== ($this->iterators[$names[0]][0] ?? '')) {
            unset($this->iterators[$names[0]]);
        }
        $isMap = References::isPlace($over) && TypeNames::read($this->typeOf($over))->isMap();
        if (1 === \count($names) && $isMap) {
            // An item of a map is a pair: its key is called `first`, its value `second`.
            $this->pairs[$names[0]] = [$this->madeUp('key'), $this->madeUp('value')];
            $names = $this->pairs[$names[0]];
        }
        $written = trim(str_replace(['const ', '&'], '', $type));
        foreach ($names as $index => $name) {
            $this->write($name, $offset);
            $this->declared[$this->scope][$name] = true;
            $this->ofLoops[$this->scope][$name] = true;
            $this->references[$this->scope][$name] = false;
            $this->types[$this->scope][$name] = match (true) {
                // Of a pair of a map what lies there has the type of its values.
                $isMap => 1 === $index ? TypeNames::ofItem($this->typeOf($over)) : '',
                'auto' !== $written => $written,
                1 < \count($names) => '',
                default => $this->isText($over) ? 'char' : TypeNames::ofItem($this->typeOf($over)),
            };
        }
        $this->close($opened);
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        if (null !== $call) {
            $this->closeUnnamed($id, $start, $call);
        } elseif ($braced) {
            $this->closeBrace($id, $start);
        }
        if ($over instanceof Operation && OperationKey::Keys === $over->key) {
            $over = $over->arguments[0];
        }
        if (2 === \count($names) && ($isMap || $over instanceof VariableRead && !TypeNames::read($this->typeOf($over))->isList())) {
            return new EachLoop($id, $names, new Operation(OperationKey::Entries, [$over]), $isReference && References::areChanged($body, $names[1]) ? References::changed($body, $names[1], new Item($over, new VariableRead($names[0]))) : $body, false, $isReference);
        }
        if ($isReference && 1 === \count($names) && References::areChanged($body, $names[0])) {
            References::isPlace($over) || $this->failAt('unsupported', $offset, \strlen($names[0]), ['what' => "& $names[0] = …"]);
            $place = $this->madeUp('at');
            $last = self::less(new Operation(OperationKey::Length, [$over]));

            return new Count($id, $place, new NumberLiteral(0), $last, new NumberLiteral(1), References::changed($body, $names[0], new Item($over, new VariableRead($place))));
        }

        return new EachLoop($id, $names, $over, $body, false, $isReference || [] !== $this->classes && str_ends_with((string) $type, '&'));
    }

    /** @var array<string, array{string, string}> variables for key and value, by the name of the pair */
    private array $pairs = [];

    private function madeUp(string $wish): string
    {
        $names = array_fill_keys(array_map(static fn (Token $token): string => $token->text, $this->tokens), true) + array_fill_keys(array_merge([], ...array_values($this->pairs)), true);
        for ($number = 1, $name = $wish; isset($names[$name]); $name = $wish.++$number) {
        }

        return $name;
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        $pair = $receiver instanceof VariableRead ? $this->pairs[$receiver->name] ?? null : null;
        if (null !== $pair && $receiver instanceof VariableRead && ('first' === $name || 'second' === $name)) {
            $this->silenced[$receiver->name] = true;

            return new VariableRead($pair['first' === $name ? 0 : 1]);
        }

        if ('first' === $name || 'second' === $name) {
            if (!isset($this->fieldNames[$name])) {
                $iterator = $receiver instanceof VariableRead ? $this->iterators[$receiver->name] ?? null : null;
                if (null !== $iterator && 'key' === $iterator[0]) {
                    return 'first' === $name ? $receiver : new Item($iterator[1], $receiver);
                }

                return new Item($receiver, new NumberLiteral('first' === $name ? 0 : 1));
            }
        }

        return parent::property($receiver, $name, $token);
    }

    protected function performed(Expression $value, int $offset, int $end): Statement
    {
        $where = $this->doneWhere($value, $offset, $end);
        if (null !== $where) {
            return $where;
        }
        if ($value instanceof Operation && null !== $edited = $this->edited($value)) {
            return $edited;
        }
        if ($value instanceof Operation && OperationKey::MapInserted === $value->key) {
            [$map, $key, $item] = $value->arguments;

            return new Perform($this->newId(), new Operation(OperationKey::ValueOrPut, [$map, $key, $item]));
        }
        $changed = $value instanceof Operation && OperationKey::Transformed === $value->key ? $this->transformed($value) : null;
        if (null !== $changed) {
            return $changed;
        }
        $all = $value instanceof Operation && str_starts_with($value->key->value, 'all_') ? $this->changedAll($value) : null;
        if (null !== $all) {
            return $all;
        }
        $swapped = $value instanceof Operation && OperationKey::Swap === $value->key ? $this->swappedLetters($value) : null;
        if (null !== $swapped) {
            return $swapped;
        }
        if ($value instanceof Operation && \in_array($value->key, [OperationKey::TurnRound, OperationKey::Sort], true) && ($text = $value->arguments[0]) instanceof VariableRead && 1 === preg_match('/^(?:std::)?string\b/', $this->typeOf($text))) {
            return new SetVariable($this->newId(), $text->name, OperationKey::Sort === $value->key ? new Operation(OperationKey::Joined, [new Operation(OperationKey::Sorted, [new Operation(OperationKey::Letters, [$text])]), new TextLiteral('')]) : new Operation(OperationKey::Backwards, [$text]));
        }
        if ($value instanceof Operation && OperationKey::PutRange === $value->key && ($text = $value->arguments[0]) instanceof VariableRead && TypeNames::read($this->typeOf($text))->isTextual()) {
            // No letter of a text gives way here: it is one that is put together anew.
            [, $from, $to, $part] = $value->arguments;
            $before = $from == new NumberLiteral(0) ? $part : new Binary(Operator::Join, new Slice($text, new NumberLiteral(0), $from), $part);

            return new SetVariable($this->newId(), $text->name, $to == new Operation(OperationKey::Length, [$text]) ? $before : new Binary(Operator::Join, $before, new Slice($text, $to, new NothingLiteral())));
        }
        if ($value instanceof Operation && \in_array($value->key, [OperationKey::NextOf, OperationKey::LineOf], true)) {
            return new Perform($this->newId(), $value);
        }
        if ($value instanceof Operation && OperationKey::Swap === $value->key) {
            return new SetSeveral($this->newId(), $this->afterGiven($value, $offset), array_reverse($value->arguments));
        }

        return parent::performed($value, $offset, $end);
    }
}
