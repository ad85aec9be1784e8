<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;

/**
 * Functions that share a name with another thing of the program get one of their own here: those that stand in different
 * functions, and those that a decorator of the program stands above, whose name is that of what the decorator makes of them
 * (The Python Language Reference, 8.7).
 */
trait ToldApart
{
    /** @var array<int, true> the signs of decorators that are functions of the program, by their place among the tokens */
    private array $ownDecorators = [];
    /** @var array<string, true> names of functions that are those of what a decorator made */
    private array $writtenOver = [];

    private function tellApart(): void
    {
        $functions = $open = $above = $counts = [];
        foreach ($this->lines as $index => $line) {
            if ($line->remark) {
                continue;
            }
            while ([] !== $open && $open[\count($open) - 1][0] >= $line->column()) {
                array_pop($open);
            }
            [$word, $name] = [$this->tokens[$line->from]->text, $this->tokens[$line->from + 1] ?? null];
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
            if (null === $around && 1 === $counts[$name] && [] !== $above && [] === array_filter($above, fn (int $at): bool => !isset($own[$this->tokens[$at + 1]->text ?? '']))) {
                $this->readAs($this->lines[$index]->from + 1, $this->nameFor($name.FunctionDefinition::AS_WRITTEN));
                $this->writtenOver[$name] = true;
                $this->writes[''][$name] = $this->tokens[$above[0]]->offset;
                $this->ownDecorators += array_fill_keys($above, true);
            } elseif (null !== $around && -1 !== $around && 1 < $counts[$name]) {
                $this->renameWithin($around, $name);
            }
        }
    }

    /** Whether nothing asks what a decorator has made for its name, so that it need not have taken that of the function. */
    private function wrapsPlainly(): bool
    {
        foreach ($this->tokens as $at => $token) {
            $name = $this->tokens[$at - 2]->text ?? '';
            if (\in_array($token->text, ['__name__', '__doc__', '__wrapped__'], true) && isset($this->writtenOver[$name])) {
                return false;
            }
        }

        return true;
    }

    /** @param int $around the line where the function begins that a function of this name stands in */
    private function renameWithin(int $around, string $name): void
    {
        $end = \count($this->tokens);
        foreach (\array_slice($this->lines, $around + 1) as $line) {
            if (!$line->remark && $line->column() <= $this->lines[$around]->column()) {
                $end = $line->from;
                break;
            }
        }
        $places = [];
        for ($at = $this->lines[$around]->from; $at < $end; ++$at) {
            $token = $this->tokens[$at];
            if (TokenKind::Text === $token->kind && 1 === preg_match('/\b'.Names::asPattern($name).'\b/', $token->text)) {
                return;
            }
            $isNamed = '=' === ($this->tokens[$at + 1]->text ?? '') && \in_array($this->tokens[$at - 1]->text ?? '', ['(', ','], true);
            if ($name === $token->text && TokenKind::Name === $token->kind && '.' !== ($this->tokens[$at - 1]->text ?? '') && !$isNamed) {
                $places[] = $at;
            }
        }
        $own = $this->nameFor($name.FunctionDefinition::OF.$this->tokens[$this->lines[$around]->from + 1]->text);
        foreach ($places as $at) {
            $this->readAs($at, $own);
        }
    }

    /**
     * The decorators above a function, as the row that gives its name what they make of it, and the function.
     *
     * @return list<Statement>
     */
    private function decoratedByOwn(LogicalLine $line): array
    {
        $start = $this->offset();
        $id = $this->newId();
        $decorators = [];
        for ($next = $line; isset($this->ownDecorators[$this->at]) && null !== $next;) {
            ++$this->at;
            $decorators[] = $this->expression();
            if (null !== $this->peek()) {
                $this->fail('unexpected', $this->peek());
            }
            $end = $this->endOffset();
            $next = $this->codeBelow();
            ++$this->line;
            [$this->at, $this->until] = [$next->from ?? $this->until, $next->until ?? $this->until];
        }
        $alias = $this->peek(1)->text ?? '';
        $name = (string) preg_replace('/'.FunctionDefinition::AS_WRITTEN.'(?:_\d+)?$/D', '', $alias);
        if (null === $next || $next->column() !== $line->column() || !$this->is('def')) {
            $this->fail('unsupported', $this->tokens[$line->from], ['what' => '@'.($this->tokens[$line->from + 1]->text ?? '')]);
        }
        $made = array_reduce(array_reverse($decorators), static fn (Expression $function, Expression $decorator): Expression => $decorator instanceof FunctionReference
            ? new OwnValue($decorator->function, [$function])
            : new MethodCall($decorator, MethodCall::CALL, [$function]), new FunctionReference($alias));
        $this->cut($id, 'head', $start, $end ?? $start);
        $this->write($name, $start);

        return [new SetVariable($id, $name, $made), $this->definition($next)];
    }
}
