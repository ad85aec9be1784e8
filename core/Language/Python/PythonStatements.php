<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\NameUse;
use Scrivlet\Core\Language\Parsing\Vocabulary;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Rows of Python that hold no others: The Python Language Reference, chapter 7. */
abstract class PythonStatements extends PythonExpressions
{
    private const CHANGES = [
        '+=' => Operator::Add, '-=' => Operator::Subtract, '*=' => Operator::Multiply, '/=' => Operator::TrueDivide,
        '//=' => Operator::FloorDivide, '%=' => Operator::FloorRemainder, '**=' => Operator::Power,
    ];
    /** Libraries, and what courses use of them. */
    private const KNOWN = ['random' => ['randint', 'choice', 'random', 'shuffle', 'randrange', 'sample', 'choices', 'uniform', 'seed'], 'math' => ['sqrt', 'isqrt', 'floor', 'ceil', 'pi', 'sin', 'cos', 'radians', 'tan', 'asin', 'acos', 'atan', 'atan2', 'exp', 'log', 'log10', 'log2', 'hypot', 'dist', 'degrees', 'gcd', 'lcm', 'factorial', 'trunc', 'pow', 'fabs', 'inf', 'e', 'isnan', 'isclose', 'prod', 'comb', 'perm'], 'time' => ['sleep'], 'sys' => ['exit'], 'os' => ['remove', 'path'], 'dataclasses' => ['dataclass', 'field'], 're' => ['search', 'match', 'fullmatch', 'findall', 'sub', 'split'], 'string' => ['ascii_lowercase', 'ascii_uppercase', 'ascii_letters', 'digits', 'punctuation'], 'json' => ['dumps', 'loads'],
        'statistics' => ['mean', 'fmean', 'median', 'mode', 'stdev', 'pstdev', 'variance', 'pvariance'], 'collections' => ['Counter', 'defaultdict', 'deque', 'namedtuple', 'OrderedDict'], 'itertools' => ['permutations', 'combinations', 'product', 'accumulate', 'chain', 'groupby', 'count', 'zip_longest', 'cycle', 'islice', 'takewhile'],
        'bisect' => ['bisect', 'bisect_left', 'bisect_right', 'insort', 'insort_left', 'insort_right'], 'heapq' => ['heappush', 'heappop', 'heapify', 'nlargest', 'nsmallest'], 'functools' => ['lru_cache', 'cache', 'reduce', 'partial', 'wraps'], 'operator' => ['itemgetter', 'attrgetter', 'mul', 'add', 'sub', 'truediv', 'floordiv', 'mod', 'pow', 'lt', 'le', 'gt', 'ge', 'eq', 'ne'], 'abc' => ['ABC', 'abstractmethod'], 'enum' => ['Enum', 'auto'], 'copy' => ['copy', 'deepcopy'], 'typing' => ['List', 'Dict', 'Tuple', 'Set', 'Optional', 'Any', 'Union', 'Callable', 'Iterable', 'NamedTuple', 'ClassVar', 'Final', 'Sequence', 'Mapping', 'Iterator', 'Generator', 'Literal', 'Type', 'Generic', 'TypeVar'], '__future__' => ['annotations'], 'scrivlet' => null, DrawingModule::NAME => null];

    abstract protected function docstring(Expression $value, Token $token): ?Comment;

    /** Whether nothing that a library is brought in for is ever used: it does nothing then. */
    private function isBroughtInForNothing(): bool
    {
        for ($at = $this->at; $at < $this->until; ++$at) {
            $token = $this->tokens[$at];
            if ('*' === $token->text || TokenKind::Name === $token->kind && !$this->is('as', $at + 1 - $this->at) && $this->isUsedElsewhere($token->text, $at)) {
                return false;
            }
        }

        return true;
    }

    private function isUsedElsewhere(string $name, int $here): bool
    {
        foreach ($this->tokens as $at => $token) {
            if ($at !== $here && ($token->text === $name || TokenKind::Text === $token->kind && str_contains($token->text, $name))) {
                return true;
            }
        }

        return false;
    }

    /** Reads what brings in a library. */
    protected function import(): void
    {
        $isFrom = 'from' === $this->sign();
        ++$this->at;
        do {
            $module = $this->peek();
            if (null === $module || TokenKind::Name !== $module->kind) {
                $this->fail('name_missing', $module);
            }
            if (!\array_key_exists($module->text, self::KNOWN)) {
                $near = Names::nearest($module->text, array_keys(self::KNOWN));
                if (null !== $near && levenshtein($near, $module->text) <= 2) {
                    $this->fail('misspelt_library', $module, ['name' => $module->text, 'near' => $near], [new Replacement($module->offset, \strlen($module->text), $near)]);
                }
                if (\in_array($module->text, PythonNames::LIBRARIES, true)) {
                    if ($this->isBroughtInForNothing()) {
                        $this->at = $this->until;

                        return;
                    }
                    $this->silence($this->at, $this->until);
                    $this->fail('unsupported', $module, ['what' => ($isFrom ? 'from ' : 'import ').$module->text]);
                }
                $this->fail('unknown_library', $module, ['name' => $module->text]);
            }
            ++$this->at;
            if ($this->is('.')) {
                // A part of a library.
                $this->silence($this->at, $this->until);
                $this->fail('unsupported', $module, ['what' => ($isFrom ? 'from ' : 'import ').$module->text.'.'.($this->peek(1)->text ?? '')]);
            }
            $as = $module->text;
            if (!$isFrom && $this->accept('as')) {
                $as = $this->peek()->text ?? $this->fail('name_missing');
                ++$this->at;
            }
            if (DrawingModule::NAME === $module->text) {
                if (!$isFrom) {
                    $this->drawing[$as] = true;
                }
            } elseif ($as !== $module->text) {
                $this->aliases[$as] = $module->text;
                $this->silenced[$as] = true;
            }
        } while (!$isFrom && $this->accept(','));
        if (!$isFrom) {
            return;
        }
        if (!$this->accept('import')) {
            $this->fail('import_missing', null, ['name' => $module->text]);
        }
        // Names in brackets may stand on several lines (The Python Language Reference, 7.11).
        $opened = $this->peek();
        $isBracketed = $this->accept('(');
        do {
            if ($isBracketed && $this->is(')')) {
                break;
            }
            $name = $this->peek();
            if (DrawingModule::NAME === $module->text && null !== $name) {
                // Names of its classes are known wherever they make something.
                $this->drawsFreely = $this->drawsFreely || !\in_array($name->text, DrawingModule::MAKERS, true);
                ++$this->at;
                continue;
            }
            if (null !== $name && '*' === $name->text) {
                ++$this->at;
                foreach (self::KNOWN[$module->text] ?? [] as $member) {
                    $this->imported[$member] = "$module->text.$member";
                }
                continue;
            }
            if (null === $name || TokenKind::Name !== $name->kind) {
                $this->fail('name_missing', $name);
            }
            $known = self::KNOWN[$module->text];
            if (null !== $known && !\in_array($name->text, $known, true)) {
                $near = Names::nearest($name->text, $known);
                $isThere = \in_array($module->text, PythonNames::LIBRARIES, true) || RealNames::has($name->text, Language::Python);
                if (null === $near && $isThere && !$this->is('as', 1) && !$this->isUsedElsewhere($name->text, $this->at)) {
                    // It is brought in for nothing.
                    ++$this->at;
                    continue;
                }
                $this->fail(null === $near ? 'unsupported' : 'misspelt_method', $name, ['name' => $name->text, 'near' => $near ?? '', 'what' => "$module->text.$name->text"], null === $near ? [] : [new Replacement($name->offset, \strlen($name->text), $near)]);
            }
            ++$this->at;
            if (null !== $known) {
                $this->imported[$name->text] = "$module->text.$name->text";
            }
            if ($this->accept('as')) {
                $other = $this->newName();
                if (null === $known) {
                    $this->fail('unsupported', $name, ['what' => 'import … as …']);
                }
                unset($this->imported[$name->text]);
                $this->imported[$other->text] = "$module->text.$name->text";
                $this->silenced[$other->text] = true;
            }
        } while ($this->accept(','));
        if ($isBracketed && null !== $opened) {
            $this->close($opened);
        }
    }

    /** @return list<Statement> */
    protected function share(): array
    {
        $token = $this->peek();
        $start = $this->offset();
        if ('' === $this->scope) {
            $this->fail('outside_function', $token);
        }
        $rows = [];
        do {
            ++$this->at;
            $name = $this->peek();
            if (null === $name || TokenKind::Name !== $name->kind) {
                $this->fail('name_missing', $name);
            }
            $outer = $this->around[$this->scope] ?? '';
            $holder = $this->holderOf($name->text, $outer);
            if ('nonlocal' === $token?->text && '' === $holder) {
                $this->fail('' === $outer ? 'outside_function' : 'unknown_name', $name, ['name' => $name->text]);
            }
            if ('global' === $token?->text && '' !== $holder) {
                $this->fail('unsupported', $token, ['what' => 'global … in def … in …']);
            }
            $this->shares[$this->scope][$name->text] = true;
            $this->writes[$holder][$name->text] ??= $name->offset;
            $rows[] = new ShareVariable($this->newId(), $name->text);
            ++$this->at;
        } while ($this->is(','));
        $this->cutTogether($rows, $start);

        return $rows;
    }

    protected function delete(): Statement
    {
        $token = $this->peek();
        ++$this->at;
        $row = $this->deleted($token);
        while ($this->accept(',')) {
            // One after the other, from left to right (The Python Language Reference, 7.5).
            $this->behind[] = $this->deleted($token);
        }

        return $row;
    }

    private function deleted(?Token $token): Statement
    {
        $target = $this->expression();
        if ($target instanceof Slice) {
            $count = match (true) {
                $target->from instanceof NumberLiteral && $target->to instanceof NumberLiteral && 0 <= $target->from->value && $target->from->value <= $target->to->value => new NumberLiteral($target->to->value - $target->from->value),
                $target->to instanceof Binary && Operator::Add === $target->to->operator && $target->to->left == $target->from => $target->to->right,
                default => null,
            };
            if (null === $count) {
                // Nothing takes its place.
                return new Perform($this->newId(), new Operation(OperationKey::PutRange, [$target->container, $target->from, $target->to, new ListLiteral([])]));
            }

            return new Perform($this->newId(), new Operation(OperationKey::DropRange, [$target->container, $target->from, $count]));
        }
        if (!$target instanceof Item) {
            $this->fail('unsupported', $token, ['what' => 'del']);
        }
        if ($target->index instanceof NumberLiteral && 0 === $target->index->value) {
            return new Perform($this->newId(), new Operation(OperationKey::DropFirst, [$target->container]));
        }

        return new Perform($this->newId(), new Operation(OperationKey::DropAt, [$target->container, $target->index]));
    }

    /** Rows of the standard drawing module for which the sheet has nothing, and what makes its objects: they stay as they are. */
    private function drawingSetup(Token $token): ?Statement
    {
        if ([] === $this->drawing && !$this->drawsFreely) {
            return null;
        }
        $makes = $this->is('=', 1) ? 2 : null;
        $at = $makes ?? 0;
        $object = $this->peek($at)->text ?? '';
        $isMember = isset($this->drawing[$object]) && $this->is('.', $at + 1);
        $function = $this->peek($isMember ? $at + 2 : $at);
        $opened = $isMember ? $at + 3 : $at + 1;
        if (null === $function || !$this->is('(', $opened) || !$isMember && !$this->drawsFreely) {
            return null;
        }
        if (null !== $makes && \in_array($function->text, DrawingModule::MAKERS, true)) {
            $this->drawing[$token->text] = true;
        } elseif (null !== $makes || !\in_array($function->text, DrawingModule::WITHOUT_EFFECT, true)) {
            return null;
        }
        $this->at += $opened;
        $bracket = $this->peek();
        \assert(null !== $bracket);
        ++$this->at;
        $arguments = $this->arguments($bracket);
        if ('fillcolor' === $function->text && isset($arguments[0])) {
            $this->filled($arguments[0]->value);
        }

        return new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value);
    }

    /** Names of colours that the drawing module knows, in what a variable gets. */
    private function coloured(Expression $value): Expression
    {
        if ([] === $this->drawing && !$this->drawsFreely) {
            return $value;
        }

        if ($value instanceof Operation && OperationKey::AsTuple === $value->key) {
            return $value->withOperands(array_map($this->coloured(...), $value->arguments));
        }

        return $value instanceof ListLiteral ? new ListLiteral(array_map(DrawingModule::colour(...), $value->items)) : DrawingModule::colour($value);
    }

    /** `sys.stdout.write(text)` prints without ending the line; nothing is kept back that `flush()` would have to bring out. */
    private function writtenOut(Token $token): ?Statement
    {
        $opened = $this->peek(5);
        if (null === $opened || '(' !== $opened->text || !$this->is('write', 4) && !($this->is('flush', 4) && $this->is(')', 6))) {
            return null;
        }
        $isText = $this->is('write', 4);
        $this->at += 6;
        $arguments = $this->arguments($opened);
        if (!$isText) {
            return new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value);
        }

        return 1 === \count($arguments) ? new PrintLine($this->newId(), [$arguments[0]->value], false, false) : $this->fail('unsupported', $token, ['what' => 'sys.stdout.write(…)']);
    }

    protected function plain(Token $token): Statement
    {
        if ('print' === strtolower($token->text) && TokenKind::Name === $token->kind && !isset($this->functions[$token->text]) && !$this->isVariable($token->text) && !$this->is('=', 1)) {
            return $this->printed($token);
        }
        if ('sys' === $token->text && $this->is('.', 1) && $this->is('stdout', 2) && $this->is('.', 3) && !$this->isVariable('sys')) {
            $written = $this->writtenOut($token);
            if (null !== $written) {
                return $written;
            }
        }
        $window = $this->drawingSetup($token);
        if (null !== $window) {
            return $window;
        }
        $this->foreignDeclaration($token);
        $start = $token->offset;
        $sign = $this->sign(1);
        if (TokenKind::Name === $token->kind && ('+' === $sign || '-' === $sign) && $this->is($sign, 2) && null === $this->peek(3)) {
            $end = $token->offset + \strlen($token->text);
            $this->fail('foreign_word', $this->peek(1), ['word' => $sign.$sign, 'near' => $sign.'= 1'], [new Replacement($end, ($this->peek(2)->offset ?? $end) + 1 - $end, ' '.$sign.'= 1')]);
        }
        $star = $this->accept('*') ? 0 : null;
        $first = $this->target();
        $targets = [$first];
        while ($this->accept(',')) {
            if ($this->is('=') && 1 === \count($targets)) {
                // The one item of what holds no other.
                $this->fail('unsupported', $this->peek(), ['what' => '…, = …']);
            }
            if (null === $this->peek() || $this->is('=')) {
                break;
            }
            $star = $this->accept('*') ? \count($targets) : $star;
            $targets[] = $this->target();
        }
        $sign = $this->sign();
        if (':' === $sign && 1 === \count($targets) && ($first instanceof VariableRead || $first instanceof Field) && \in_array($this->peek(1)?->kind, [TokenKind::Name, TokenKind::Text, TokenKind::Keyword], true)) {
            // What kind of values it will have says nothing to the machine (The Python Language Reference, 7.2.2).
            ++$this->at;
            $this->annotation();
            $sign = $this->sign();
            if ('=' !== $sign) {
                return new Import($this->newId(), substr($this->text, $start, $this->endOffset() - $start), $this->language()->value);
            }
        }
        if ('=' === $sign && null !== $star) {
            return $this->gathering($targets, $star, $start);
        }
        if ('=' === $sign) {
            return $this->assignment($targets, $start);
        }
        if (null !== $sign && isset(self::CHANGES[$sign]) && 1 === \count($targets)) {
            return $this->changing($first, self::CHANGES[$sign], $start);
        }
        if (null !== $sign && isset(self::CHANGED_BY[$sign]) && 1 === \count($targets)) {
            ++$this->at;
            if ($first instanceof VariableRead) {
                $this->changes($first->name, $start);
            }

            return $this->changedBy($first, self::CHANGED_BY[$sign], $this->value(), $start);
        }
        if (1 < \count($targets)) {
            $this->mistake('unused_result', $start, $this->endOffset() - $start, ['text' => substr($this->text, $start, min(40, $this->endOffset() - $start))]);

            return new Perform($this->newId(), new ListLiteral($targets));
        }
        if ($first instanceof NothingLiteral && 'super' === $token->text) {
            // The class above makes nothing of its objects.
            return new Pass($this->newId());
        }
        $docstring = $this->docstring($first, $token);
        if (null !== $docstring) {
            return $docstring;
        }
        $this->settleRead($first, $token);

        return $this->performed($first, $start, $this->endOffset());
    }

    /** A name alone on a line: a command of which the brackets are missing, or a value that is not used. */
    private function settleRead(Expression $value, Token $token): void
    {
        if (!$value instanceof VariableRead) {
            return;
        }
        $next = $this->peek();
        if (isset($this->functions[$value->name])) {
            $this->unread_($value->name, $token);
            $end = $token->offset + \strlen($token->text);
            $this->fail('call_brackets', $token, ['name' => $value->name], 0 === $this->functions[$value->name][0] && null === $next ? [new Replacement($end, 0, '()')] : []);
        }
        if (null !== $next && \in_array($next->kind, [TokenKind::Number, TokenKind::Text, TokenKind::Name], true) && !$this->isVariable($value->name)) {
            $this->unread_($value->name, $token);
            $entry = Vocabulary::withoutObject($this->language(), $value->name);
            if (null !== $entry) {
                $this->fail('object_missing', $token, ['name' => $value->name, 'object' => (string) $entry->object()], [new Replacement($token->offset, 0, $entry->object().'.')]);
            }
        }
    }

    protected function unread_(string $name, Token $token): void
    {
        foreach ($this->reads as $index => $use) {
            if ($use->offset === $token->offset && $use->name === $name) {
                unset($this->reads[$index]);
            }
        }
    }

    /** `let x = 5`, `int x = 5`: other languages say that a name is new. */
    private function foreignDeclaration(Token $token): void
    {
        $next = $this->peek(1);
        if (TokenKind::Name === $token->kind && null !== $next && TokenKind::Name === $next->kind && $this->is('=', 2) && \in_array($token->text, ['let', 'var', 'const', 'int', 'double', 'float', 'string', 'bool', 'auto', 'set', 'str', 'String'], true)) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => $next->text.' = …'], [new Replacement($token->offset, $next->offset - $token->offset, '')]);
        }
    }

    /** Something that may get a value; a name there is not yet read. */
    private function target(): Expression
    {
        $token = $this->peek();
        if (null !== $token && TokenKind::Name === $token->kind) {
            $next = $this->sign(1);
            if ('=' === $next || ',' === $next || ':' === $next && (TokenKind::Name === $this->peek(2)?->kind && $this->is('=', 3) || '' !== $this->class && '' === $this->scope)) {
                if ('=' === $next && $this->is('=', 2) && ($this->peek(1)->offset ?? 0) + 1 === ($this->peek(2)->offset ?? -1)) {
                    return $this->expression();
                }
                ++$this->at;

                return new VariableRead('' !== $this->class && '' === $this->scope ? "$this->class.$token->text" : $token->text);
            }
        }

        return $this->expression();
    }

    /** @var list<Statement> rows that stand behind the one that is read, and have their text together with it */
    protected array $behind = [];

    /** @param list<Expression> $targets */
    private function assignment(array $targets, int $start): Statement
    {
        $sign = $this->peek();
        ++$this->at;
        if (null === $this->peek()) {
            $this->fail('value_missing', null, ['after' => '=']);
        }
        if ($this->is('=')) {
            $this->fail('unexpected');
        }
        $from = $this->at;
        $value = $this->value();
        if (1 === \count($targets) && $targets[0] instanceof VariableRead) {
            $value = $this->onlyOnce($targets[0]->name, $value, $from);
        }
        if ($this->is(',') && null === $this->peek(1)) {
            ++$this->at;
            $value = new Operation(OperationKey::AsTuple, [new ListLiteral([$value])]);
        }
        $values = [$value];
        while ($this->accept(',')) {
            if (null === $this->peek()) {
                break;
            }
            $values[] = $this->value();
        }
        if ($this->is('=')) {
            return $this->chained($targets, $values, $start);
        }
        $only = $targets[0];
        $only = $only instanceof Operation && OperationKey::AsTuple === $only->key ? $only->arguments[0] : $only;
        if (1 === \count($targets) && $only instanceof ListLiteral && [] !== $only->items) {
            if (1 === \count($only->items)) {
                $this->failAt('unsupported', $start, max(1, $this->endOffset() - $start), ['what' => '[…] = …']);
            }
            // `(x, y) = point`, `[first, second] = beds`
            $targets = $only->items;
            $values = 1 === \count($values) && $values[0] instanceof Operation && OperationKey::AsTuple === $values[0]->key && $values[0]->arguments[0] instanceof ListLiteral ? $values[0]->arguments[0]->items : $values;
        }
        $set = 1 === \count($targets) && 1 === \count($values) ? $this->throughSetter($targets[0], null, $value) : null;
        if (null !== $set) {
            return $set;
        }
        if (1 === \count($targets) && $targets[0] instanceof Slice) {
            // `beds[1:3] = [4]`: the items between give way to others (The Python Language Reference, 7.2).
            $given = 1 === \count($values) ? $value : new ListLiteral($values);

            return new Perform($this->newId(), new Operation(OperationKey::PutRange, [$targets[0]->container, $targets[0]->from, $targets[0]->to, $given]));
        }
        if (1 === \count($targets) && $targets[0] instanceof Operation && OperationKey::Stepped === $targets[0]->key) {
            return new Perform($this->newId(), new Operation(OperationKey::PutStepped, [...$targets[0]->arguments, 1 === \count($values) ? $value : new ListLiteral($values)]));
        }
        $targets = 1 < \count($targets) ? $this->apart($targets, $start, $sign) : $targets;
        foreach ($targets as $target) {
            $this->given($target, $start, $sign);
        }
        if (1 === \count($targets)) {
            $value = 1 === \count($values) ? $value : new Operation(OperationKey::AsTuple, [new ListLiteral($values)]);
            $target = $targets[0];
            if ($target instanceof Item || $target instanceof Field) {
                return new SetItem($this->newId(), $target, $value);
            }

            $name = $target instanceof VariableRead ? $target->name : '';
            $this->listNames[$name] = $value instanceof ListLiteral && ($this->listNames[$name] ?? true);

            return new SetVariable($this->newId(), $name, $this->coloured($value));
        }
        if (1 < \count($values) && \count($values) !== \count($targets)) {
            $this->failAt('counts_differ', $start, $this->endOffset() - $start, ['wanted' => \count($targets), 'given' => \count($values)]);
        }

        return new SetSeveral($this->newId(), $targets, $values);
    }

    /**
     * `first, *rest = beds`: The Python Language Reference, 7.2.
     *
     * @param list<Expression> $targets
     */
    private function gathering(array $targets, int $star, int $start): Statement
    {
        $sign = $this->peek();
        ++$this->at;
        $value = $this->value();
        $values = [$value];
        while ($this->accept(',')) {
            $values[] = $this->value();
        }
        if (1 === \count($targets)) {
            $this->failAt('unsupported', $start, 1, ['what' => '*… = …']);
        }
        $targets = $this->apart($targets, $start, $sign);
        foreach ($targets as $target) {
            $this->given($target, $start, $sign);
        }
        $value = 1 === \count($values) ? $value : new ListLiteral($values);

        return new SetSeveral($this->newId(), $targets, [new Operation(OperationKey::Gathered, [$value, new NumberLiteral($star), new NumberLiteral(\count($targets))])]);
    }

    /**
     * `(a, b), c = …`: what is taken apart once more gets a name first, and is taken apart by a row behind.
     *
     * @param list<Expression> $targets
     *
     * @return list<Expression>
     */
    private function apart(array $targets, int $start, ?Token $sign): array
    {
        foreach ($targets as $index => $target) {
            $inner = $target instanceof Operation && OperationKey::AsTuple === $target->key ? $target->arguments[0] : $target;
            $star = null;
            if ($inner instanceof Operation && OperationKey::Concatenated === $inner->key && $inner->arguments[0] instanceof ListLiteral && $inner->arguments[1] instanceof Operation && OperationKey::AsList === $inner->arguments[1]->key) {
                // `(first, *others)`: what is behind the others is given to the last name.
                $star = \count($inner->arguments[0]->items);
                $inner = new ListLiteral([...$inner->arguments[0]->items, $inner->arguments[1]->arguments[0]]);
            }
            if (!$inner instanceof ListLiteral || [] === $inner->items) {
                continue;
            }
            $taken = $this->nameFor('taken');
            $this->write($taken, $start);
            $targets[$index] = new VariableRead($taken);
            $items = $this->apart($inner->items, $start, $sign);
            foreach ($items as $item) {
                $this->given($item, $start, $sign);
            }
            $value = new VariableRead($taken);
            array_unshift($this->behind, new SetSeveral($this->newId(), $items, [null === $star ? $value : new Operation(OperationKey::Gathered, [$value, new NumberLiteral($star), new NumberLiteral(\count($items))])]));
        }

        return array_values($targets);
    }

    /**
     * `a = b = 0`.
     *
     * @param list<Expression> $targets
     * @param list<Expression> $values
     */
    private function chained(array $targets, array $values, int $start): Statement
    {
        $all = [$targets[0], $values[0]];
        while ($this->accept('=')) {
            $all[] = $this->value();
        }
        $value = $this->tupled(array_pop($all));
        foreach ($all as $target) {
            $this->given($target, $start, null);
        }
        if (!$this->isPlain($value) && 2 === \count($all) && $all[0] instanceof VariableRead && $all[1] instanceof VariableRead && $all[0]->name !== $all[1]->name) {
            // The second gets what the first has.
            $this->reads = array_filter($this->reads, static fn (NameUse $use): bool => $use->offset < $start || $use->name !== $all[1]->name);
            $this->behind[] = new SetVariable($this->newId(), $all[1]->name, new VariableRead($all[0]->name));

            return new SetVariable($this->newId(), $all[0]->name, $value);
        }
        if (!$this->isPlain($value)) {
            $this->failAt('unsupported', $start, $this->endOffset() - $start, ['what' => 'a = b = …']);
        }
        foreach ($this->reads as $index => $use) {
            if ($use->offset >= $start && $all[1] instanceof VariableRead && $use->name === $all[1]->name) {
                unset($this->reads[$index]);
            }
        }

        return new SetSeveral($this->newId(), $all, array_fill(0, \count($all), $value));
    }

    /** Notes that a name has a value from here on; says so where something is no name. */
    public function given(Expression $target, int $start, ?Token $sign): void
    {
        if ($target instanceof VariableRead) {
            $this->write($target->name, $start);
        } elseif ($target instanceof CommandValue) {
            $this->failAt('assign_to_command', $start, ($sign->offset ?? $start + 1) - $start);
        } elseif (!$target instanceof Item && !$target instanceof Field) {
            $end = $sign->offset ?? $start + 1;
            if ($target instanceof ListLiteral || $target instanceof Operation && OperationKey::AsTuple === $target->key) {
                $this->failAt('unsupported', $start, max(1, $end - $start), ['what' => '(…), … = …']);
            }
            if ($target instanceof MethodCall && isset($this->asked[$target->method])) {
                // It fails when it runs, and not before.
                $this->failAt('unsupported', $start, max(1, $end - $start), ['what' => "….$target->method = …"]);
            }
            $isSwapped = $target instanceof NumberLiteral || $target instanceof TextLiteral;
            $this->failAt($isSwapped ? 'assign_swapped' : 'assign_to_value', $start, max(1, $end - $start), ['text' => trim(substr($this->text, $start, min(40, $end - $start)))]);
        }
    }

    /** Values with commas between them are one tuple, without brackets too (The Python Language Reference, 6.16). */
    protected function valueOrTuple(): Expression
    {
        return $this->tupled($this->value());
    }

    private function changing(Expression $target, Operator $operator, int $start): Statement
    {
        $sign = $this->peek();
        ++$this->at;
        $amount = $this->valueOrTuple();
        if ($target instanceof VariableRead) {
            if (Operator::Add === $operator) {
                $this->sums[] = [new Binary($operator, $target, $amount), $sign->offset ?? $start, $this->scope];
            }
            $this->changes($target->name, $start);

            return self::changedRow($this->newId(), $target->name, $operator, $amount);
        }
        $set = $this->throughSetter($target, $operator, $amount);
        if (null !== $set) {
            return $set;
        }
        if (!$target instanceof Item && !$target instanceof Field) {
            $this->given($target, $start, $sign);
        }

        return new SetItem($this->newId(), $target, $amount, $operator);
    }

    /** Changing a name makes it the function's own, as giving it a value does. */
    private function changes(string $name, int $offset): void
    {
        $this->write($name, $offset + 1);
    }

    private function printed(Token $token): Statement
    {
        if ('print' !== $token->text) {
            $this->fail('capitals', $token, ['name' => $token->text, 'near' => 'print'], [new Replacement($token->offset, \strlen($token->text), 'print')]);
        }
        $opened = $this->peek(1);
        $end = $token->offset + \strlen($token->text);
        if (null === $opened || '(' !== $opened->text || TokenKind::Sign !== $opened->kind) {
            $last = $this->tokens[$this->until - 1];
            $this->fail('call_brackets', $token, ['name' => 'print'], null === $opened ? [new Replacement($end, 0, '()')] : [new Replacement($last->offset + \strlen($last->text), 0, ')'), new Replacement($end, $opened->offset - $end, '(')]);
        }
        $this->at += 2;
        $values = [];
        $separator = new TextLiteral(' ');
        $ending = new TextLiteral("\n");
        $arguments = $this->arguments($opened);
        $isComplaint = false;
        foreach ($arguments as $index => $argument) {
            if ('file' === $argument->name && $argument->value instanceof Operation && OperationKey::Stream === $argument->value->key) {
                $isComplaint = new TextLiteral('stderr') == ($argument->value->arguments[0] ?? null);
                unset($arguments[$index]);
            } elseif ('file' === $argument->name) {
                $file = $argument->value;
                unset($arguments[$index]);
            }
        }
        $arguments = array_values($arguments);
        $isMixed = 1 < \count($plain = array_values(array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name || '*' === $argument->name))) && \in_array('*', array_column($plain, 'name'), true);
        foreach ($arguments as $argument) {
            if ($isMixed && \in_array($argument, $plain, true)) {
                $item = '*' === $argument->name ? new Collected(new Operation(OperationKey::ToText, [new VariableRead('item')]), 'item', $argument->value) : new ListLiteral([new Operation(OperationKey::ToText, [$argument->value])]);
                $together = isset($together) ? new Operation(OperationKey::Concatenated, [$together, $item]) : $item;
            } elseif ('*' === $argument->name && 1 === \count(array_filter($arguments, static fn (Argument $other): bool => !\in_array($other->name, ['sep', 'end'], true)))) {
                $spread = $argument->value;
            } elseif ('sep' === $argument->name) {
                $separator = $argument->value;
            } elseif ('flush' === $argument->name) {
                // When it is written does not show.
                $argument->value instanceof TruthLiteral || $this->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => 'flush=…']);
            } elseif ('end' === $argument->name) {
                $ending = $argument->value;
            } elseif (null !== $argument->name) {
                $near = Names::nearest($argument->name, ['sep', 'end']);
                $this->failAt('no_such_parameter', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->name, 'near' => $near ?? 'end']);
            } else {
                if ($argument->value instanceof Operation && OperationKey::Numbers === $argument->value->key && str_starts_with(substr($this->text, $argument->offset, 6), 'range')) {
                    // It shows as what it is, not as the numbers in it (The Python Standard Library, `range`).
                    $this->failAt('range_shown', $argument->offset, $argument->end - $argument->offset, [], [new Replacement($argument->offset, 0, 'list('), new Replacement($argument->end, 0, ')')]);
                }
                $view = $this->viewed($argument->value, $argument->offset);
                if ($view !== $argument->value) {
                    $values[] = $view;
                    continue;
                }
                if ($argument->value instanceof Operation && \in_array($argument->value->key, [OperationKey::Numbered, OperationKey::Paired, OperationKey::Turned], true) && !$this->isMadeList($argument->offset)) {
                    // They show as what they are (The Python Standard Library, `dict`).
                    $this->failAt('unsupported', $argument->offset, $argument->end - $argument->offset, ['what' => 'print('.mb_strcut(substr($this->text, $argument->offset, $argument->end - $argument->offset), 0, 30).')']);
                }
                if ($argument->value instanceof CommandValue && !Catalogue::get($argument->value->command)->value) {
                    $this->failAt('no_value', $argument->offset, $argument->end - $argument->offset, ['name' => $argument->value->command]);
                }
                $values[] = $argument->value;
            }
        }
        if (isset($together)) {
            $values = [new Operation(OperationKey::Joined, [$together, $separator])];
        }
        if (isset($spread)) {
            // All items in one line are as good as a text that joins them.
            $values = [new Operation(OperationKey::Joined, [new Collected(new Operation(OperationKey::ToText, [new VariableRead('item')]), 'item', $spread), $separator])];
        }
        if ($this->is('+') || $this->is(',')) {
            $this->fail('print_outside', null, [], []);
        }
        $endsLine = $ending instanceof TextLiteral && str_ends_with($ending->value, "\n");
        $rest = !$ending instanceof TextLiteral ? $ending : ($endsLine ? substr($ending->value, 0, -1) : $ending->value);
        if (1 < \count($values) && (!$separator instanceof TextLiteral || ' ' !== $separator->value)) {
            $joined = array_shift($values);
            foreach ($values as $value) {
                $joined = $separator instanceof TextLiteral && '' === $separator->value ? $joined : new Binary(Operator::Join, $joined, $separator);
                $joined = new Binary(Operator::Join, $joined, $value);
            }
            $values = [$joined];
        }
        if ('' !== $rest) {
            $last = array_pop($values);
            $rest = $rest instanceof Expression ? $rest : new TextLiteral($rest);
            $values[] = null === $last ? $rest : new Binary(Operator::Join, $last, $rest);
        }

        if (isset($file)) {
            // What would be printed is written to a file.
            $joined = new TextLiteral('');
            foreach ($values as $index => $value) {
                $shown = $value instanceof TextLiteral ? $value : new Operation(OperationKey::ToText, [$value]);
                $joined = 0 === $index ? $shown : new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $shown);
            }
            $joined = !$endsLine ? $joined : ([] === $values ? new TextLiteral("\n") : new Binary(Operator::Join, $joined, new TextLiteral("\n")));

            return new Perform($this->newId(), new Operation(OperationKey::FileWritten, [$file, $joined]));
        }
        if ($isComplaint) {
            $joined = array_shift($values) ?? new TextLiteral('');
            foreach ($values as $value) {
                $joined = new Binary(Operator::Join, new Binary(Operator::Join, $joined, new TextLiteral(' ')), $value);
            }

            return new Perform($this->newId(), new Operation(OperationKey::Complain, [$joined]));
        }

        return new PrintLine($this->newId(), $values, false, $endsLine);
    }
}
