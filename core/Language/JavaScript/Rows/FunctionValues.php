<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Statement;

/** Functions that are values. */
final class FunctionValues
{
    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /** @return int|null where the parameters begin of a function with rows that stands where a value may stand */
    public function unnamedAt(int $index, bool $isBraced = true): ?int
    {
        $begins = $this->parser->tokens[$index] ?? null;
        if (null === $begins || TokenKind::Name !== $begins->kind && !\in_array($begins->text, ['(', 'function', 'async'], true)) {
            return null;
        }
        $text = fn (int $at): string => $this->parser->tokens[$at]->text ?? '';
        $index += 'async' === $text($index) ? 1 : 0;
        if ('function' === $text($index)) {
            $index += '(' === $text($index + 1) ? 1 : 2;
            $closing = '(' === $text($index) ? $this->parser->closingOf($index) : null;

            return null !== $closing && '{' === $text($closing + 1) ? $index : null;
        }
        $closing = '(' === $text($index) ? $this->parser->closingOf($index) : (TokenKind::Name === ($this->parser->tokens[$index]->kind ?? null) ? $index : null);

        return null !== $closing && '=>' === $text($closing + 1) && (!$isBraced || '{' === $text($closing + 2)) ? $index : null;
    }

    /**
     * A function with rows that stands in a value: `(bed) => { … }`, `function (bed) { … }`.
     */
    public function unnamedValue(): FunctionReference
    {
        $own = isset($this->parser->innerFunctions->selfNamed[$this->parser->at]) ? $this->parser->peek(1)->text ?? '' : '';
        if ('' !== $own && (isset($this->parser->symbols->doubled[$own]) || $this->parser->isVariable($own))) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => "… = function $own(…) { … }"]);
        }
        $isAsync = $this->parser->withPromises && $this->parser->is('async');
        $this->parser->at = $this->unnamedAt($this->parser->at, false) ?? $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '=> { … }']);

        return $this->functionValue('' === $own ? $this->parser->nameFor('inner') : $own, [], $isAsync ? 'async' : '');
    }

    /**
     * A function that an object of its own keeps, which it knows as `this`.
     *
     * @param 'asked'|'tied'|'set' $sort
     */
    public function methodValue(Token $name, string $sort): FunctionReference
    {
        if ($this->parser->is('function')) {
            $this->parser->at = $this->unnamedAt($this->parser->at) ?? $this->parser->fail('unsupported', $name, ['what' => 'function … { … }']);
        } else {
            ++$this->parser->at;
            $closing = $this->parser->closingOf($this->parser->at);
            if (null === $closing || '{' !== ($this->parser->tokens[$closing + 1]->text ?? '')) {
                $this->parser->fail('unsupported', $name, ['what' => "{ $name->text(…) }"]);
            }
        }

        $this->parser->objectMethods[$name->text] = true;

        return $this->functionValue($this->parser->nameFor($name->text), ['this'], $sort);
    }

    /** `{ async load() { … } }`, where it does not ask for the object itself. */
    public function laterValue(Token $name): FunctionReference
    {
        ++$this->parser->at;
        $closing = $this->parser->closingOf($this->parser->at);
        if (null === $closing || '{' !== ($this->parser->tokens[$closing + 1]->text ?? '') || !$this->parser->withPromises || $this->saysThis($this->parser->at)) {
            $this->parser->fail('unsupported', $name, ['what' => "{ async $name->text(…) }"]);
        }

        $this->parser->objectMethods[$name->text] = true;

        return $this->functionValue($this->parser->nameFor($name->text), [], 'async');
    }

    /** Whether `this` stands in a function. */
    public function saysThis(int $index): bool
    {
        $brace = $this->unnamedAt($index) ?? $index;
        $brace = ($this->parser->closingOf($brace) ?? $brace) + 1;
        $end = $this->parser->tokens[$this->parser->partners[$brace] ?? $brace]->offset ?? 0;

        return 1 === preg_match('/\bthis\b/', substr($this->parser->text, $this->parser->tokens[$index]->offset, max(0, $end - $this->parser->tokens[$index]->offset)));
    }

    /**
     * @param list<string>                    $parameters those that are not written
     * @param ''|'asked'|'tied'|'async'|'set' $sort
     */
    public function functionValue(string $name, array $parameters, string $sort): FunctionReference
    {
        $first = $this->parser->peek();
        $id = $this->parser->newId();
        $outer = $this->parser->scope;
        $opened = $this->parser->peek() ?? $first;
        $isBare = TokenKind::Name === $opened?->kind;
        $isBare || ++$this->parser->at;
        $this->parser->functionRows->enter($name, $outer);
        $this->parser->scope = $name;
        foreach ($parameters as $parameter) {
            $this->parser->declared[$name][$parameter] = true;
            $this->parser->write($parameter, $opened->offset ?? 0);
        }
        [$defaults, $rest, $apart] = $this->parser->functionRows->parametersOf($parameters, $opened, false);
        $isBare || null === $opened || $this->parser->close($opened);
        $brace = $this->parser->at;
        if (!$this->parser->accept('=>') && '' === $sort && [] === $parameters && '' === $rest && [] !== $said = $this->parser->announcements->namesOfArguments($brace)) {
            $parameters[] = $rest = JavaScriptParser::ALL_GIVEN;
            $this->parser->declared[$name][$rest] = true;
            $this->parser->write($rest, $opened->offset ?? 0);
            foreach ($said as $index) {
                $this->parser->readAs($index, $rest);
            }
        }
        $brace = $this->parser->at;
        $isOneValue = !$this->parser->accept('{');
        $begins = $this->parser->endOffset();
        [$loops, $this->parser->loops] = [$this->parser->loops, []];
        $state = [$this->parser->steps, $this->parser->isInRow, $this->parser->isInValue, $this->parser->parent];
        // Its rows have steps of their own.
        [$this->parser->isInRow, $this->parser->isInValue] = [false, false];
        $this->parser->turns[] = null;
        $this->parser->parent = $id;
        $first = $this->parser->functionRows->parts($apart, $begins);
        $this->parser->atHead($first, $id, $begins);
        $rows = new Block([...$first, ...$isOneValue ? $this->onlyValue() : $this->parser->block($brace)]);
        array_pop($this->parser->turns);
        [$this->parser->steps, $this->parser->isInRow, $this->parser->isInValue, $this->parser->parent] = $state;
        $this->parser->loops = $loops;
        $this->parser->scope = $outer;
        $closing = $isOneValue ? $this->parser->endOffset() : $this->parser->offset();
        if (!$isOneValue && !$this->parser->accept('}')) {
            $this->parser->missingBrace($brace);
        }
        $this->parser->symbols->functions[$name] = [\count($parameters) - \count($defaults) - ('' === $rest ? 0 : 1), '' === $rest ? \count($parameters) : ExpressionParser::UNLIMITED, $parameters];
        if ('' !== $rest) {
            $this->parser->symbols->rests[$name] = (int) array_search($rest, $parameters, true);
        }
        $this->parser->unnamed[] = [new FunctionDefinition($id, $name, $parameters, $this->parser->shared($name, $rows), false, $defaults, [], $sort, $rest), $begins, $closing, $this->parser->endOffset()];

        return new FunctionReference($name);
    }

    /** @return list<Statement> what a function gives that has no braces: `(...all) => all.length` */
    private function onlyValue(): array
    {
        $start = $this->parser->offset();
        [$outer, $this->parser->unnamed] = [$this->parser->unnamed, []];
        $row = new GiveBack($this->parser->newId(), $this->parser->smallFunctions->printedValue() ?? $this->parser->giving(1));
        $this->parser->cut($row->id, 'head', $start, $this->parser->endOffset());
        $rows = [] === $this->parser->unnamed ? [$row] : $this->parser->behindUnnamed([$row], $start);
        $this->parser->unnamed = $outer;

        return $rows;
    }
}
