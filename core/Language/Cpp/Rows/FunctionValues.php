<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** Functions that are kept in variables. */
final class FunctionValues
{
    /** @var array<string, string|null> what functions give that stand as empty variables above `main` */
    private array $foretold = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * A function between the rows of `main`, which C++ keeps in a variable: `function<void()> plant = [&]() { … };`
     * (C++17, 8.1.5 and 23.14.13.2). One that is called above it stands as an empty variable outside of `main`.
     *
     * @return list<Statement>|null
     */
    public function keptFunction(Token $token): ?array
    {
        $start = $this->parser->at;
        $isTyped = $this->functionType();
        $result = $isTyped ? $this->text_($start) : null;
        $isAuto = !$isTyped && $this->parser->accept('auto');
        $name = $this->parser->peek();
        if (null === $name || TokenKind::Name !== $name->kind) {
            $this->parser->at = $start;

            return null;
        }
        if ($isTyped && !$this->parser->inMain && $this->parser->is(';', 1)) {
            $this->parser->at += 2;
            $this->parser->symbols->known[$name->text] = $name->offset;
            $this->foretold[$name->text] = $result;

            return [$this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset)];
        }
        $bracket = $this->parser->is('=', 1) && $this->parser->is('[', 2) ? $this->parser->closingOf($this->parser->at + 2) : null;
        $brace = null === $bracket ? null : ('(' === ($this->parser->tokens[$bracket + 1]->text ?? '') ? $this->parser->closingOf($bracket + 1) : $bracket);
        $isOneValue = $isAuto && null !== $bracket && $this->isOneValue($bracket);
        if (null === $bracket || null === $brace || $isOneValue || !$isTyped && !$isAuto && !isset($this->foretold[$name->text])) {
            $this->parser->at = $start;

            return null;
        }
        if ('' !== $this->parser->scope || !$this->parser->inMain || 1 !== $this->parser->parent) {
            // Elsewhere it is a variable that keeps a function.
            $this->parser->at = $start;

            return null;
        }
        $this->parser->symbols->known[$name->text] ??= $name->offset;
        $id = $this->parser->newId();
        $this->parser->at += 2;
        if ([] !== $this->parser->lambdas->copied($name)) {
            $this->parser->fail('unsupported', $this->parser->tokens[$bracket - 1], ['what' => '[…]']);
        }
        $this->parser->scope = $name->text;
        [$parameters, $defaults, $types] = $this->parser->is('(') ? $this->parser->functionRows->parameters($this->parser->tokens[$this->parser->at++]) : [[], [], []];
        $this->parser->accept('mutable');
        $given = $this->parser->accept('->') ? $this->parser->typeTexts->type() : null;
        if ($this->parser->is('&')) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => "[…](…) -> $given&"]);
        }
        if (!$this->parser->is('{')) {
            $this->parser->fail('brace_wanted', $this->parser->tokens[$this->parser->at - 1], ['word' => $name->text], [new Replacement($this->parser->endOffset(), 0, ' {')]);
        }
        // What stands in braces behind its `return` is of the type that it says.
        [$gives, $this->parser->gives] = [$this->parser->gives, $given ?? $result ?? ''];
        $body = $this->parser->body($id, $start, 'head', 'body', false);
        [$this->parser->scope, $this->parser->gives] = ['', $gives];
        $offset = $this->parser->offset();
        if ($this->parser->accept('}')) {
            $this->parser->semicolon();
            $this->parser->cut($id, 'close', $offset, $this->parser->endOffset());
        } else {
            $this->parser->missingBrace($start);
        }
        $result = $given ?? $result ?? $this->foretold[$name->text] ?? null;

        return [new FunctionDefinition($id, $name->text, $parameters, $this->parser->shared($name->text, $body), false, $defaults, (null === $result ? [] : ['' => $result]) + $types)];
    }

    /**
     * Whether a function without a name is a small one, which gives one value and says nothing of what is handed to it.
     *
     * @param int $bracket the token that closes what it catches
     */
    public function isOneValue(int $bracket): bool
    {
        $closing = '(' === ($this->parser->tokens[$bracket + 1]->text ?? '') ? $this->parser->closingOf($bracket + 1) ?? $bracket : $bracket;

        return 'return' === ($this->parser->tokens[$closing + 2]->text ?? '') && !$this->mayLeaveOut($bracket) && !$this->parser->lambdas->takesReals($bracket + 1);
    }

    /** Whether something stands for an argument that is left out, behind what a function catches: `[](int a, int b = 2)`. */
    private function mayLeaveOut(int $bracket): bool
    {
        $closing = '(' === ($this->parser->tokens[$bracket + 1]->text ?? '') ? $this->parser->closingOf($bracket + 1) ?? $bracket : $bracket;
        for ($at = $bracket + 1; $at < $closing; ++$at) {
            if ('=' === $this->parser->tokens[$at]->text) {
                return true;
            }
        }

        return false;
    }

    /** `int (*of)(int, int) = add;`: a name for a function (C++17, 11.3.1). */
    public function pointedFunction(Token $token, string $result): Statement
    {
        $name = $this->parser->peek(2) ?? $token;
        $behind = $this->parser->closingOf($this->parser->at + 4);
        if (TokenKind::Name !== $name->kind || null === $behind || '=' !== ($this->parser->tokens[$behind + 1]->text ?? '')) {
            $this->parser->fail('unsupported', $token, ['what' => "$result (*$name->text)(…)"]);
        }
        $from = $this->parser->tokens[$this->parser->at + 4]->offset;
        $type = "function<$result".substr($this->parser->text, $from, $this->parser->tokens[$behind]->end() - $from).'>';
        $this->parser->at = $behind + 2;
        $this->parser->accept('&');
        $value = $this->parser->value();
        if (!$value instanceof FunctionReference && !($value instanceof VariableRead && isset($this->parser->symbols->functions[$value->name]))) {
            $this->parser->fail('unsupported', $token, ['what' => "$result (*$name->text)(…)"]);
        }
        $this->parser->types[$this->parser->scope][$name->text] = $type;
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->write($name->text, $name->offset);
        $this->parser->semicolon();

        return $this->parser->ended(new SetVariable($this->parser->newId(), $name->text, $value), $token->offset);
    }

    /** A function with rows that stands in a value: `[](int n) { … }`. */
    public function rowsLambda(Token $token): FunctionReference
    {
        $name = $this->parser->nameFor('inner');
        $id = $this->parser->newId();
        $outer = $this->parser->scope;
        $this->parser->symbols->writes[$name] ??= [];
        if ('' !== $outer) {
            $this->parser->symbols->around[$name] = $outer;
        }
        $this->parser->scope = $name;
        [$parameters, $defaults, $types] = $this->parser->is('(') ? $this->parser->functionRows->parameters($this->parser->tokens[$this->parser->at++]) : [[], [], []];
        // What stands around has the types that it has there.
        $this->parser->types[$name] = ($this->parser->types[$name] ?? []) + ($this->parser->types[$outer] ?? []);
        $this->parser->accept('mutable');
        $given = $this->parser->accept('->') ? $this->parser->typeTexts->type() : null;
        $brace = $this->parser->at;
        if (!$this->parser->accept('{')) {
            $this->parser->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }
        $begins = $this->parser->endOffset();
        [$loops, $this->parser->loops] = [$this->parser->loops, []];
        $state = [$this->parser->steps, $this->parser->isInRow, $this->parser->isInValue, $this->parser->parent, $this->parser->inMain];
        $this->parser->turns[] = null;
        $this->parser->parent = $id;
        $rows = new Block($this->parser->block($brace));
        array_pop($this->parser->turns);
        [$this->parser->steps, $this->parser->isInRow, $this->parser->isInValue, $this->parser->parent, $this->parser->inMain] = $state;
        $this->parser->loops = $loops;
        $this->parser->scope = $outer;
        $closing = $this->parser->offset();
        if (!$this->parser->accept('}')) {
            $this->parser->missingBrace($brace);
        }
        $this->parser->symbols->functions[$name] = [\count($parameters) - \count($defaults), \count($parameters), $parameters];
        $this->parser->unnamed[] = [new FunctionDefinition($id, $name, $parameters, $this->parser->shared($name, $rows), false, $defaults, (null === $given ? [] : ['' => $given]) + $types), $begins, $closing, $this->parser->endOffset()];

        return new FunctionReference($name);
    }

    /** `function<int(string)>` */
    public function functionType(): bool
    {
        $at = $this->parser->at;
        $word = $this->parser->sign();
        if ('std' !== $word && 'function' !== $word) {
            return false;
        }
        if ('std' === $word && $this->parser->is('::', 1)) {
            $this->parser->at += 2;
        }
        if ($this->parser->is('function') && $this->parser->is('<', 1)) {
            ++$this->parser->at;
            for ($depth = 0; null !== $token = $this->parser->peek(); ++$this->parser->at) {
                $depth += '<' === $token->text ? 1 : ('>' === $token->text ? -1 : ('>>' === $token->text ? -2 : 0));
                if (-1 === $depth) {
                    // The other half ends what is around.
                    $this->parser->typeTexts->halve();
                    --$this->parser->at;
                }
                if ($depth <= 0) {
                    ++$this->parser->at;
                    if (TypeNames::isWritten($this->text_($at))) {
                        return true;
                    }
                    break;
                }
            }
        }
        $this->parser->at = $at;

        return false;
    }

    /** A type that was just read, as it stands in the text. */
    private function text_(int $start): string
    {
        $type = substr($this->parser->text, $this->parser->tokens[$start]->offset, $this->parser->endOffset() - $this->parser->tokens[$start]->offset);

        return trim((string) preg_replace('/^.*?<|\(.*$/s', '', $type));
    }
}
