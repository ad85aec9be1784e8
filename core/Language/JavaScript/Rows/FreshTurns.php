<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * A function with rows that is made in a loop goes on seeing the variables of its turn (ECMA-262, 14.7.4.4). Outside of all functions
 * it is one of its own, which is handed them: `() => { … }` in a loop over `bed` is `() => inner(bed)`.
 */
final class FreshTurns
{
    /** So many signs may stand between where the outermost loop begins and a function in it. */
    private const FARTHEST = 3000;

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /**
     * The function as it is handed what it sees of its turn; null where that can't be handed over.
     *
     * @param int $from where its own rows begin in the text
     *
     * @return array{FunctionDefinition, Lambda}|null
     */
    public function handed(FunctionDefinition $function, int $from, int $until): ?array
    {
        $seen = $written = [];
        foreach ($function->body->statements as $row) {
            foreach (Walk::statements([$row]) as $inner) {
                $written += array_fill_keys($inner->assigned(), true);
                foreach (Walk::expressionsOf($inner) as $value) {
                    $seen += $value instanceof VariableRead ? [$value->name => true] : [];
                }
            }
        }
        $declared = $this->ofLoop($from, $until);
        $ofTurn = array_map(strval(...), array_keys(array_diff_key(array_intersect_key($declared ?? [], $seen), array_fill_keys($function->parameters, true))));
        if (null === $declared || '' !== $function->sort || '' !== $function->rest || [] !== $function->defaults || [] !== array_intersect_key(array_fill_keys($ofTurn, true), $written)) {
            return null;
        }
        foreach ($ofTurn as $name) {
            $this->parser->symbols->writes[$function->name][$name] = 0;
        }
        $parameters = [...$ofTurn, ...$function->parameters];
        $this->parser->symbols->functions[$function->name] = [\count($parameters), \count($parameters), $parameters];
        $values = array_map(static fn (string $name): VariableRead => new VariableRead($name), $parameters);

        return [new FunctionDefinition($function->id, $function->name, $parameters, $function->body, $function->off), new Lambda($function->parameters, new OwnValue($function->name, $values))];
    }

    /** @return array<string, true>|null what the loops declare that are open here; null where one of them is no loop of the language's own */
    private function ofLoop(int $from, int $until): ?array
    {
        $names = [];
        $open = array_fill_keys($this->parser->loops, true);
        for ($at = $this->parser->at - 1; $at >= 0 && [] !== $open; --$at) {
            if ($at < $this->parser->at - self::FARTHEST) {
                return null;
            }
            $token = $this->parser->tokens[$at];
            if (isset($open[$token->offset]) && !\in_array($token->text, ['for', 'while', 'do'], true)) {
                $given = $this->givenForEach($at);
                if (null === $given) {
                    return null;
                }
                $names += $given;
            }
            unset($open[$token->offset]);
            $names += $from <= $token->offset && $token->offset < $until ? [] : $this->declaredAt($at);
        }

        return $names;
    }

    /** @return array<string, true>|null what the function of `beds.forEach((bed, place) => …)` is given, a row that begins here; null for another row */
    private function givenForEach(int $at): ?array
    {
        for (; isset($this->parser->tokens[$at]) && ';' !== $this->parser->tokens[$at]->text && '{' !== $this->parser->tokens[$at]->text; ++$at) {
            if ('forEach' !== $this->parser->tokens[$at]->text || '(' !== ($this->parser->tokens[$at + 1]->text ?? '')) {
                continue;
            }
            $head = 'function' === ($this->parser->tokens[$at + 2]->text ?? '') ? $at + 3 : $at + 2;
            $end = '(' === ($this->parser->tokens[$head]->text ?? '') ? $this->parser->partners[$head] ?? $head : $head;
            $names = [];
            for (; $head <= $end && isset($this->parser->tokens[$head]); ++$head) {
                $names += TokenKind::Name === $this->parser->tokens[$head]->kind ? [$this->parser->tokens[$head]->text => true] : [];
            }

            return $names;
        }

        return null;
    }

    /** @return array<string, true> names that are declared at a token; those of parts, `[key, { size }]`, too */
    private function declaredAt(int $at): array
    {
        $token = $this->parser->tokens[$at];
        $names = [];
        if (TokenKind::Keyword === $token->kind && \in_array($token->text, ['let', 'const'], true)) {
            $end = $this->parser->partners[$at + 1] ?? $at + 1;
            for ($inside = $at + 1; $inside <= $end; ++$inside) {
                $names += TokenKind::Name === $this->parser->tokens[$inside]->kind ? [$this->parser->tokens[$inside]->text => true] : [];
            }
            // `for (let i = 0, last = 3; …)`
            for ($next = $end + 1; isset($this->parser->tokens[$next]) && !\in_array($this->parser->tokens[$next]->text, [';', 'of', 'in', '{', '}'], true); ++$next) {
                $names += ',' === $this->parser->tokens[$next]->text && TokenKind::Name === ($this->parser->tokens[$next + 1]->kind ?? null) && '=' === ($this->parser->tokens[$next + 2]->text ?? '') ? [$this->parser->tokens[$next + 1]->text => true] : [];
                $next = max($next, $this->parser->partners[$next] ?? $next);
            }
        }

        return $names;
    }

    /** The row with a small function wherever it names the function that is handed what it sees. */
    public static function within(Statement $row, string $function, Lambda $small): Statement
    {
        $put = static function (Expression $value) use (&$put, $function, $small): Expression {
            if ($value instanceof FunctionReference && $value->function === $function) {
                return $small;
            }
            $operands = $value->operands();
            $made = array_map($put, $operands);

            return $made === $operands ? $value : $value->withOperands($made);
        };
        foreach ($row->blanks() as $name => $value) {
            $row = $row->withBlank($name, $put($value));
        }

        return $row;
    }
}
