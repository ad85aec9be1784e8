<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Values;

use Scrivlet\Core\Language\JavaScript\JavaScriptExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\Shadows;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Patterns that take a value apart (ECMA-262, 14.3.3). */
final class PatternValues
{
    public function __construct(private readonly JavaScriptExpressions $parser)
    {
    }

    /** Whether names in braces or square brackets stand here, which get parts of something. */
    public function isPattern(int $ahead = 0): bool
    {
        return $this->parser->is('{', $ahead) || $this->parser->is('[', $ahead);
    }

    /**
     * `{ name, age: years = 9 }`, `[first, , ...rest]`: names that get parts of something (ECMA-262, 14.3.3).
     *
     * @return list<array{string, Expression, Token}> each name, what it gets, and where it stands
     */
    public function pattern(Expression $from): array
    {
        $opened = $this->parser->peek();
        if (null === $opened) {
            $this->parser->fail('name_missing');
        }
        ++$this->parser->at;
        $parts = $taken = [];
        for ($place = 0; !$this->parser->is(ExpressionParser::CLOSING[$opened->text] ?? ')'); ++$place) {
            if ('[' === $opened->text && $this->parser->accept(',')) {
                continue;
            }
            $isRest = $this->parser->accept('...');
            if ($isRest && '{' === $opened->text) {
                // All that was not taken by a name of its own.
                array_push($parts, ...$this->patternPart(new Operation(OperationKey::LeftOut, [$from, new ListLiteral($taken)])));
                break;
            }
            if ('[' === $opened->text) {
                $value = $isRest ? $this->restOf($from, $place) : new Item($from, new NumberLiteral($place));
                array_push($parts, ...$this->patternPart($value));
            } else {
                $key = $this->parser->peek();
                if (null === $key || !\in_array($key->kind, [TokenKind::Name, TokenKind::Keyword, TokenKind::Text], true)) {
                    $this->parser->fail('name_missing', $key);
                }
                $name = TokenKind::Text === $key->kind ? $this->parser->quoted($key) : Shadows::written($key, $this->parser->shadows);
                $taken[] = new TextLiteral($name);
                $value = match (true) {
                    isset($this->parser->classes->asked[$name]) => $this->parser->memberCalls->askedFor($from, $name),
                    isset($this->parser->classes->fieldNames[$name]) => new Field($from, $name),
                    // A text or a list has it as well as an object that was given one.
                    'length' === $name && 1 !== preg_match('/\blength\s*:/', $this->parser->text) => new Operation(OperationKey::Length, [$from]),
                    default => new Item($from, new TextLiteral($name)),
                };
                $this->parser->at += $this->parser->is(':', 1) ? 2 : 0;
                array_push($parts, ...$this->patternPart($value));
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);

        return $parts;
    }

    /** What is left over where a value is taken apart: a list, of a text as well (ECMAScript 2022, 14.3.3). */
    private function restOf(Expression $from, int $place): Expression
    {
        $rest = new Slice($from, new NumberLiteral($place), new NothingLiteral());
        $isText = $from instanceof VariableRead && (($this->parser->takenTexts[$from->name] ?? false) || 1 === preg_match('/\b(?:const|let|var)\s+'.Names::asPattern($from->name).'\s*=\s*(["\'`])[^\r\n]*?\1\s*(?:[;,]|$)/m', $this->parser->text));

        // Where the text does not show what is taken apart, its type does, or the run.
        return $isText ? new Operation(OperationKey::Letters, [$rest]) : new Operation(OperationKey::AsList, [$rest]);
    }

    /** @return list<array{string, Expression, Token}> */
    private function patternPart(Expression $value): array
    {
        if ($this->isPattern()) {
            $closing = $this->parser->closingOf($this->parser->at);
            if (null === $closing || '=' !== ($this->parser->tokens[$closing + 1]->text ?? '')) {
                return $this->pattern($value);
            }
            // What stands for it where it is left out is read before its parts are.
            [$start, $this->parser->at] = [$this->parser->at, $closing + 2];
            $default = $this->parser->expression(1);
            [$end, $this->parser->at] = [$this->parser->at, $start];
            $parts = $this->pattern(new Choice(new Binary(Operator::Equal, $value, new NothingLiteral(true)), $default, $value));
            $this->parser->at = $end;

            return $parts;
        }
        $name = $this->parser->newName();
        if ($this->parser->accept('=')) {
            $value = new Choice(new Binary(Operator::Equal, $value, new NothingLiteral(true)), $this->parser->expression(1), $value);
        }

        return [[$name->text, $value, $name]];
    }

    /** `([name, count]) => …`: the names stand for parts of what is given. */
    public function takingApart(int $closing): Expression
    {
        ++$this->parser->at;
        $parameters = $parts = $names = [];
        while ($this->parser->at < $closing) {
            if ($this->isPattern()) {
                $parameters[] = $taken = $this->parser->nameFor('taken');
                foreach ($this->pattern(new VariableRead($taken)) as [$name, $value]) {
                    $parts[$name] = $value;
                    $names[] = $name;
                }
            } else {
                $parameters[] = $names[] = $this->parser->newName('parameter_no_name')->text;
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        if ($this->parser->at !== $closing) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '(… '.($this->parser->sign() ?? '').' …) => …']);
        }
        $this->parser->at = $closing + 2;
        $value = $this->parser->inLambda(fn (): Expression => $this->parser->smallFunctions->onlyGiven() ?? $this->parser->smallFunctions->printedValue() ?? $this->parser->giving(1), ...$names);

        return new Lambda($parameters, Walk::mapExpression($value, static fn (Expression $part): Expression => match (true) {
            $part instanceof VariableRead && isset($parts[$part->name]) => $parts[$part->name],
            $part instanceof OwnValue && isset($parts[$part->function]) => new MethodCall($parts[$part->function], MethodCall::CALL, $part->arguments),
            default => $part,
        }));
    }
}
