<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Python\LogicalLine;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * Functions that share a name with another thing of the program get one of their own here: those that stand in different
 * functions, and those that a decorator of the program stands above, whose name is that of what the decorator makes of them
 * (The Python Language Reference, 8.7).
 */
final class ToldApart
{
    /** @var array<int, true> the signs of decorators that are functions of the program, by their place among the tokens */
    public array $ownDecorators = [];
    /** @var array<string, true> names of functions that are those of what a decorator made */
    private array $writtenOver = [];

    /** @var array<string, string> functions that take the name of another one */
    private array $named = [];

    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function tellApart(): void
    {
        $functions = $open = $above = $counts = [];
        foreach ($this->parser->lines as $index => $line) {
            if ($line->remark) {
                continue;
            }
            while ([] !== $open && $open[\count($open) - 1][0] >= $line->column()) {
                array_pop($open);
            }
            [$word, $name] = [$this->parser->tokens[$line->from]->text, $this->parser->tokens[$line->from + 1] ?? null];
            if ('@' === $word) {
                $above[] = $line->from;
                continue;
            }
            if ('def' === $word && TokenKind::Name === $name?->kind) {
                $around = [] === $open ? null : $open[\count($open) - 1][1];
                $functions[] = [$index, $name->text, $around, $above];
                $counts[$name->text] = ($counts[$name->text] ?? 0) + (int) (-1 !== $around);
                $open[] = [$line->column(), $index];
            } elseif ('class' === $word) {
                $open[] = [$line->column(), -1];
            }
            $above = [];
        }
        $top = array_filter($functions, static fn (array $one): bool => null === $one[2]);
        $own = array_fill_keys(array_column($top, 1), true);
        foreach ($functions as [$index, $name, $around, $above]) {
            if (null === $around && 1 === $counts[$name] && [] !== $above && [] === array_filter($above, fn (int $at): bool => !isset($own[$this->parser->tokens[$at + 1]->text ?? '']))) {
                $this->parser->readAs($this->parser->lines[$index]->from + 1, $this->parser->nameFor($name.FunctionDefinition::AS_WRITTEN));
                $this->writtenOver[$name] = true;
                $this->parser->symbols->writes[''][$name] = $this->parser->tokens[$above[0]]->offset;
                $this->ownDecorators += array_fill_keys($above, true);
            } elseif (null !== $around && -1 !== $around && 1 < $counts[$name]) {
                $this->renameWithin($around, $name);
            }
        }
    }

    /**
     * What is made by a decorator takes the name of the function that it is made for (The Python Standard Library, functools.wraps).
     *
     * @param string $rest what stands behind `@wraps`, or behind the library's name
     */
    public function wraps(string $rest): bool
    {
        $isAsked = [] !== array_filter($this->parser->tokens, fn (Token $token, int $at): bool => \in_array($token->text, ['__doc__', '__wrapped__'], true) && isset($this->writtenOver[$this->parser->tokens[$at - 2]->text ?? '']), \ARRAY_FILTER_USE_BOTH);
        $next = $this->parser->codeBelow();
        if ($isAsked || null === $next || 1 !== preg_match('/\((\w+)\)$/D', $rest, $match)) {
            return false;
        }
        $this->named[$this->parser->tokens[$next->from + 1]->text ?? ''] = $match[1];

        return true;
    }

    /** A function that is given back under the name of another, where names of functions are asked for at all. */
    public function named(Expression $value): Expression
    {
        $of = $value instanceof VariableRead ? $this->named[$value->name] ?? null : null;
        if (null === $of || !str_contains($this->parser->text, '.__name__')) {
            return $value;
        }
        $this->parser->read($of, $this->parser->offset());

        return new Operation(OperationKey::NamedAs, [$value, new VariableRead($of)]);
    }

    /** @param int $around the line where the function begins that a function of this name stands in */
    private function renameWithin(int $around, string $name): void
    {
        $end = \count($this->parser->tokens);
        foreach (\array_slice($this->parser->lines, $around + 1) as $line) {
            if (!$line->remark && $line->column() <= $this->parser->lines[$around]->column()) {
                $end = $line->from;
                break;
            }
        }
        $places = [];
        for ($at = $this->parser->lines[$around]->from; $at < $end; ++$at) {
            $token = $this->parser->tokens[$at];
            if (TokenKind::Text === $token->kind && 1 === preg_match('/\b'.Names::asPattern($name).'\b/', $token->text)) {
                return;
            }
            $isNamed = '=' === ($this->parser->tokens[$at + 1]->text ?? '') && \in_array($this->parser->tokens[$at - 1]->text ?? '', ['(', ','], true);
            if ($name === $token->text && TokenKind::Name === $token->kind && '.' !== ($this->parser->tokens[$at - 1]->text ?? '') && !$isNamed) {
                $places[] = $at;
            }
        }
        $own = $this->parser->nameFor($name.FunctionDefinition::OF.$this->parser->tokens[$this->parser->lines[$around]->from + 1]->text);
        foreach ($places as $at) {
            $this->parser->readAs($at, $own);
        }
    }

    /**
     * The decorators above a function, as the row that gives its name what they make of it, and the function.
     *
     * @return list<Statement>
     */
    public function decoratedByOwn(LogicalLine $line): array
    {
        $start = $this->parser->offset();
        $id = $this->parser->newId();
        $decorators = [];
        for ($next = $line; isset($this->ownDecorators[$this->parser->at]) && null !== $next;) {
            ++$this->parser->at;
            $decorators[] = $this->parser->expression();
            if (null !== $this->parser->peek()) {
                $this->parser->fail('unexpected', $this->parser->peek());
            }
            $end = $this->parser->endOffset();
            $next = $this->parser->codeBelow();
            ++$this->parser->line;
            [$this->parser->at, $this->parser->until] = [$next->from ?? $this->parser->until, $next->until ?? $this->parser->until];
        }
        $alias = $this->parser->peek(1)->text ?? '';
        $name = (string) preg_replace('/'.FunctionDefinition::AS_WRITTEN.'(?:_\d+)?$/D', '', $alias);
        if (null === $next || $next->column() !== $line->column() || !$this->parser->is('def')) {
            $this->parser->fail('unsupported', $this->parser->tokens[$line->from], ['what' => '@'.($this->parser->tokens[$line->from + 1]->text ?? '')]);
        }
        $made = array_reduce(array_reverse($decorators), static fn (Expression $function, Expression $decorator): Expression => $decorator instanceof FunctionReference
            ? new OwnValue($decorator->function, [$function])
            : new MethodCall($decorator, MethodCall::CALL, [$function]), new FunctionReference($alias));
        $this->parser->cut($id, 'head', $start, $end ?? $start);
        $this->parser->write($name, $start);

        return [new SetVariable($id, $name, $made), $this->parser->functionRows->definition($next)];
    }
}
