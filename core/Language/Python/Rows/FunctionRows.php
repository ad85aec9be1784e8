<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Functions, their decorators, and what they give back. */
final class FunctionRows
{
    /** @var array<string, int>|null */
    private ?array $timesGiven = null;

    public function __construct(private readonly PythonParser $parser)
    {
    }

    /** What stands for a value that is left out is reckoned once, where the function is made (The Python Language Reference, 8.7); here when it is called. */
    private function onlyFixed(Expression $default, Token $parameter): void
    {
        // What a small function reads it finds when it is called, in either case.
        $own = $default instanceof Lambda ? [...$default->parameters, ...array_keys($this->timesGiven())] : [];
        foreach (Walk::expressions($default) as $read) {
            if (!$read instanceof VariableRead || \in_array($read->name, $own, true) && $read->name !== $parameter->text) {
                continue;
            }
            if (1 < ($this->timesGiven()[$read->name] ?? 0) || $read->name === $parameter->text) {
                $this->parser->fail('unsupported', $parameter, ['what' => "def …(… = $read->name)"]);
            }
        }
    }

    /** @return array<string, int> how many rows of the text give each name something */
    private function timesGiven(): array
    {
        if (null === $this->timesGiven) {
            $this->timesGiven = [];
            foreach ($this->parser->tokens as $at => $token) {
                if (TokenKind::Name !== $token->kind) {
                    continue;
                }
                $before = $this->parser->tokens[$at - 1]->text ?? '';
                $sign = $this->parser->tokens[$at + 1]->text ?? '';
                if ('=' === $sign && '(' !== $before && ',' !== $before || \in_array($sign, ['+=', '-=', '*=', '/=', '//=', '%='], true) || \in_array($before, ['for', 'global', 'nonlocal'], true)) {
                    $this->timesGiven[$token->text] = ($this->timesGiven[$token->text] ?? 0) + 1;
                }
            }
        }

        return $this->timesGiven;
    }

    /** @param ''|'asked'|'shared'|'class'|'set'|'remembered'|'held' $sort */
    public function definition(LogicalLine $line, ?int $start = null, string $sort = ''): Statement
    {
        $start ??= $this->parser->offset();
        $id = $this->parser->newId();
        ++$this->parser->at;
        $name = $this->parser->newName();
        $outer = $this->parser->scope;
        if ('' === $outer && 1 !== $this->parser->parent && '' === $this->parser->class || '' !== $outer && isset($this->parser->symbols->doubled[$name->text])) {
            $this->parser->fail('unsupported', $name, ['what' => 'def … in …']);
        }
        $isMethod = '' !== $this->parser->class && '' === $outer;
        $isSpecial = str_starts_with($name->text, '__') && str_ends_with($name->text, '__') && PythonNames::OF_MATRICES !== $name->text;
        if ($isMethod && $isSpecial && !isset(PythonNames::METHODS[$name->text])) {
            $this->parser->fail('unsupported', $name, ['what' => $name->text]);
        }
        $full = !$isMethod ? $name->text : $this->parser->class.'.'.('set' === $sort ? "set_$name->text" : PythonNames::METHODS[$name->text] ?? $name->text);
        $parameters = [];
        $defaults = [];
        $rest = '';
        $this->parser->scope = $full;
        $this->parser->symbols->writes[$this->parser->scope] ??= [];
        if ('' !== $outer) {
            $this->parser->symbols->around[$full] = $outer;
        }
        $itself = $this->parser->itself;
        try {
            $opened = $this->parser->peek();
            if (null === $opened || '(' !== $opened->text) {
                $this->parser->fail('def_brackets', $name, ['name' => $name->text], [new Replacement($name->offset + \strlen($name->text), 0, '()')]);
            }
            ++$this->parser->at;
            if ('class' === $sort) {
                $sort = 'shared';
                if (isset($this->parser->ofSeveral[$full])) {
                    $this->parser->anyClass = $this->parser->peek()->text ?? '';
                } else {
                    // A class that no other is a kind of is always this one.
                    $this->parser->ownClass[$this->parser->newName('parameter_no_name')->text] = $this->parser->class;
                    $this->parser->accept(',');
                }
            }
            while (!$this->parser->is(')')) {
                if (null === $this->parser->peek()) {
                    $this->parser->neverClosed($opened);
                }
                if (($this->parser->is('*') || $this->parser->is('/')) && $this->parser->is(',', 1)) {
                    // What follows is given by name, or what stands before by place: nothing that the function itself sees.
                    $this->parser->at += 2;
                    continue;
                }
                $isRest = $this->parser->is('*');
                $isNamedRest = $this->parser->is('**');
                $this->parser->at += $isRest || $isNamedRest ? 1 : 0;
                $parameter = $this->parser->newName('parameter_no_name');
                $parameters[] = $parameter->text;
                if ($isNamedRest) {
                    $defaults[$parameter->text] = new Operation(OperationKey::AllNamed);
                }
                $rest = $isRest ? $parameter->text : $rest;
                $this->parser->write($parameter->text, $parameter->offset);
                if ($this->parser->accept(':')) {
                    $this->parser->annotation();
                }
                if ($this->parser->accept('=')) {
                    // It is reckoned where the class is made, in which its names need no class (The Python Language Reference, 8.7).
                    $this->parser->inDefault = $isMethod;
                    $defaults[$parameter->text] = $this->parser->expression();
                    $this->parser->inDefault = false;
                    $this->onlyFixed($defaults[$parameter->text], $parameter);
                }
                if (!$this->parser->accept(',')) {
                    break;
                }
            }
            $this->parser->close($opened);
            if ($isMethod && [] === $parameters && 'shared' !== $sort) {
                $end = $this->parser->endOffset();
                $this->parser->fail('self_missing', $name, ['name' => $name->text], [new Replacement($end - 1, 0, 'self')]);
            }
            $this->parser->itself = $isMethod ? $parameters[0] ?? 'self' : $itself;
            if ($this->parser->is('-') && $this->parser->is('>', 1) || $this->parser->is('->')) {
                $this->parser->at += $this->parser->is('->') ? 1 : 2;
                $this->parser->annotation();
            }
            $this->parser->headers->colon('def');
            [$tight, $read] = $this->parser->suite($id, $line, false);
            $begins = $this->parser->endOffset();
            $this->parser->headers->headEnd($id, 'head', $start, $tight);
            $loops = $this->parser->loops;
            $this->parser->loops = [];
            $made = $this->yieldsBelow($line) ? $this->parser->nameFor('yielded') : null;
            if (null !== $made) {
                $this->parser->yields[$full] = $made;
                $this->parser->write($made, $begins);
            }
            $body = $read();
            $body = null === $made ? $body : $this->parser->gathering_($body, $made, $id, $begins, 'held' === $sort);
            $this->parser->loops = $loops;
        } finally {
            $this->parser->scope = $outer;
            $this->parser->ownClass = [];
            $this->parser->anyClass = '';
        }

        if ('' === $this->parser->class && '' === $outer) {
            $this->parser->symbols->known[$name->text] ??= $name->offset;
        }
        if ($isMethod && '__exit__' === $name->text) {
            $body = $this->askingOfFailure($body, $parameters[1] ?? '');
        }
        if ($isMethod && '__exit__' === $name->text && ('' !== $rest && self::reads($body, $rest) || self::asksMore($body, $parameters[1] ?? '', $parameters[2] ?? '', $parameters[3] ?? ''))) {
            $this->parser->fail('unsupported', $name, ['what' => '__exit__']);
        }

        if ('held' === $sort && null === $made) {
            $this->parser->fail('unsupported', $name, ['what' => '@contextmanager']);
        }

        return new FunctionDefinition($id, $full, $parameters, $body, false, $defaults, [], $sort, $rest);
    }

    private static function reads(Block $body, string $name): bool
    {
        foreach (Walk::statements($body->statements) as $row) {
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof VariableRead && $value->name === $name) {
                    return true;
                }
            }
        }

        return false;
    }

    /** `kind is ValueError`: which kind of failure it was. */
    private function askingOfFailure(Block $body, string $kind): Block
    {
        $read = new VariableRead($kind);
        $isKind = fn (Expression $value): bool => $value instanceof VariableRead && (null !== FailureNames::kindOf($this->parser->language(), $value->name) || isset($this->parser->classes->parents[$value->name]));
        $asked = static function (Expression $value) use ($read, $isKind): Expression {
            $isSame = $value instanceof Operation && OperationKey::Identical === $value->key || $value instanceof Binary && \in_array($value->operator, [Operator::Equal, Operator::NotEqual], true);
            [$one, $other] = $isSame ? $value->operands() : [null, null];
            if (null === $other || $one != $read || !$isKind($other) || !$other instanceof VariableRead) {
                return $value;
            }
            $is = new Operation(OperationKey::FailedAs, [$read, new TextLiteral($other->name)]);

            return $value instanceof Binary && Operator::NotEqual === $value->operator ? new Unary(UnaryOperator::Not, $is) : $is;
        };

        return new Block(array_map(static fn (Statement $row): Statement => Walk::map($row, static function (Statement $part) use ($asked): Statement {
            foreach ($part->blanks() as $name => $value) {
                $new = Walk::mapExpression($value, $asked);
                $part = $new == $value ? $part : $part->withBlank($name, $new);
            }

            return $part;
        }), $body->statements));
    }

    /** Whether rows ask of what failed more than whether something did, and what it says. */
    private static function asksMore(Block $body, string $kind, string $says, string $trace): bool
    {
        $reads = 0;
        foreach (Walk::statements($body->statements) as $row) {
            $isAsked = static fn (Expression $value): bool => $value == new VariableRead($kind) || $value == new Unary(UnaryOperator::Not, new VariableRead($kind));
            $reads -= $row instanceof Conditional ? \count(array_filter($row->blanks(), $isAsked)) : 0;
            foreach (Walk::expressionsOf($row) as $value) {
                $reads += $value instanceof VariableRead && \in_array($value->name, [$kind, $trace], true) ? 1 : 0;
                // It is a text here, where it is no object of the program's own.
                $reads += $value instanceof Operation && \in_array($value->key, [OperationKey::Kind, OperationKey::KindName], true) && $value->arguments[0] == new VariableRead($says) ? 1 : 0;
                $reads += $value instanceof Binary && ($value->left == new VariableRead($says) && !$value->right instanceof NothingLiteral || $value->right == new VariableRead($says)) ? 1 : 0;
                $reads -= $value instanceof Binary && $value->left == new VariableRead($kind) && $value->right instanceof NothingLiteral ? 1 : 0;
                $reads -= $value instanceof Operation && \in_array($value->key, [OperationKey::FailedAs, OperationKey::FunctionName], true) && $value->arguments[0] == new VariableRead($kind) ? 1 : 0;
                $reads -= $value instanceof Choice && $isAsked($value->condition) ? 1 : 0;
            }
        }

        return 0 < $reads;
    }

    /** Whether the rows below a header yield something themselves. */
    private function yieldsBelow(LogicalLine $header): bool
    {
        for ($at = $header->from; $at < $header->until; ++$at) {
            // A body behind its header.
            if ('yield' === $this->parser->tokens[$at]->text && TokenKind::Keyword === $this->parser->tokens[$at]->kind) {
                return true;
            }
        }
        $inner = null;
        for ($index = $this->parser->line; null !== ($line = $this->parser->lines[$index] ?? null) && ($line->remark || $line->column() > $header->column()); ++$index) {
            $inner = null !== $inner && $line->column() <= $inner && !$line->remark ? null : $inner;
            if (null === $inner && 'def' === $this->parser->tokens[$line->from]->text) {
                $inner = $line->column();
            }
            for ($at = $line->from; null === $inner && $at < $line->until; ++$at) {
                if ('yield' === $this->parser->tokens[$at]->text && TokenKind::Keyword === $this->parser->tokens[$at]->kind) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return ''|'asked'|'shared'|'class'|'set'|'remembered'|'held'|null what a decorator makes of the function below it; null for one that means nothing here */
    public function decorator(): ?string
    {
        $name = $this->parser->peek(1)->text ?? '';
        $rest = '';
        for ($ahead = 2; null !== $token = $this->parser->peek($ahead); ++$ahead) {
            $rest .= $token->text;
        }
        if ('' !== $this->parser->class) {
            return match (true) {
                'property' === $name && '' === $rest => 'asked',
                'staticmethod' === $name && '' === $rest => 'shared',
                'classmethod' === $name && '' === $rest => 'class',
                'abstractmethod' === $name && '' === $rest => '',
                isset($this->parser->classes->setters[$name]) && '.setter' === $rest => 'set',
                default => null,
            };
        }
        $full = 'functools' === ($this->parser->aliases[$name] ?? $name) && !isset($this->parser->imported[$name]) ? 'functools'.$rest : ($this->parser->imported[$name] ?? '').$rest;
        if (str_starts_with($full, 'functools.wraps(')) {
            return $this->parser->toldApart->wraps($rest) ? '' : null;
        }

        if ('contextlib.contextmanager' === $full || 'contextlib' === ($this->parser->aliases[$name] ?? $name) && '.contextmanager' === $rest) {
            return 'held';
        }

        return 1 === preg_match('/^functools\.(?:cache|lru_cache(?:\((?:maxsize=)?(?:None|\d+)?\))?)$/D', $full) ? 'remembered' : null;
    }

    /**
     * `@property` and the method below it.
     *
     * @param ''|'asked'|'shared'|'class'|'set'|'remembered'|'held' $sort
     */
    public function decorated(LogicalLine $line, string $sort): Statement
    {
        $start = $this->parser->offset();
        $next = $this->parser->codeBelow();
        if (null === $next || $next->column() !== $line->column()) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '@'.($this->parser->peek(1)->text ?? '')]);
        }
        ++$this->parser->line;
        [$this->parser->at, $this->parser->until] = [$next->from, $next->until];
        $more = $this->parser->is('@') ? $this->decorator() : null;
        if (null !== $more) {
            $row = $this->decorated($next, '' === $more ? $sort : $more);
            $this->parser->beginAt($row, $start);

            return $row;
        }
        if (!$this->parser->is('def')) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '@'.($this->parser->peek(1)->text ?? '')]);
        }

        return $this->definition($next, $start, $sort);
    }

    public function giveBack(Token $token): Statement
    {
        if ('' === $this->parser->scope) {
            $this->parser->fail('outside_function', $token);
        }
        ++$this->parser->at;
        $made = $this->parser->yields[$this->parser->scope] ?? null;
        if (null !== $made && (null === $this->parser->peek() || $this->parser->is(';'))) {
            return new GiveBack($this->parser->newId(), new VariableRead($made));
        }
        if (null === $this->parser->peek() || $this->parser->is(';')) {
            return new LeaveFunction($this->parser->newId());
        }

        $value = $this->parser->toldApart->named($this->parser->valueOrTuple());
        if (null !== $made) {
            // What ends a generator is told to nobody but who asks the end itself for it (The Python Language Reference, 6.2.9).
            if (!$this->parser->isSteady($value) || 1 === preg_match('/=\s*\(?\s*yield\s+from\b|\.value\b/', $this->parser->text)) {
                $this->parser->fail('unsupported', $token, ['what' => 'yield … return …']);
            }

            return new GiveBack($this->parser->newId(), new VariableRead($made));
        }

        return new GiveBack($this->parser->newId(), $value);
    }
}
