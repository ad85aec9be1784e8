<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\VariableRead;

/** Functions as values, and what they keep of what stands around (C++17, 8.1.5). */
final class Lambdas
{
    /** Methods of the library that change nothing. */
    private const ASKING = 'size|length|empty|count|find|rfind|at|front|back|top|begin|cbegin|end|cend|rbegin|rend|substr|contains|c_str|str|value|value_or|has_value|compare|lower_bound|upper_bound|what';
    /** Functions of the library that change what they are handed. */
    private const CHANGING = 'sort|stable_sort|reverse|rotate|fill|iota|shuffle|random_shuffle|transform|swap|iter_swap|unique|remove|remove_if|partition|next_permutation|prev_permutation|nth_element|getline|move|push_heap|pop_heap|make_heap';

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** @var array<string, list<bool>> for each function that was given to a name, which of its values are an `int` */
    public array $whole = [];

    public function lambda(Token $token): Expression
    {
        $copied = $this->copied($token);
        $name = $this->nameGiven();
        if (null !== $name && $this->parser->is('(')) {
            $this->whole[$name] = $this->wholeParameters();
        }
        $brace = $this->parser->is('(') ? ($this->parser->closingOf($this->parser->at) ?? $this->parser->at) + 1 : $this->parser->at;
        if ('{' !== ($this->parser->tokens[$brace]->text ?? '') || 'return' !== ($this->parser->tokens[$brace + 1]->text ?? '')) {
            return [] === $copied ? $this->parser->rowsLambda($token) : $this->parser->fail('unsupported', $token, ['what' => '[…]']);
        }
        if ([] === $copied && $this->givesWhatItChanges($brace)) {
            return $this->parser->rowsLambda($token);
        }
        if ((null !== $name || $this->divides($brace)) && $this->takesReals($this->parser->at)) {
            // What is handed over gets a point, which a small function says nowhere (C++17, 7.9).
            return [] === $copied && !$this->isCalledAtOnce($brace) ? $this->parser->rowsLambda($token) : $this->parser->fail('unsupported', $token, ['what' => '[…]']);
        }
        $names = [];
        $known = $this->parser->types[$this->parser->scope] ?? [];
        if ($this->parser->accept('(')) {
            while (!$this->parser->is(')')) {
                $type = $this->parser->typeTexts->type() ?? $this->parser->fail('type_missing', $this->parser->peek(), ['name' => $this->parser->peek()->text ?? '']);
                $name = $this->parser->peek();
                if (null !== $name && \in_array($name->text, [',', ')'], true)) {
                    // What is handed over there is not asked for.
                    $names[] = $this->parser->nameFor('unused');
                    $this->parser->accept(',');
                    continue;
                }
                if ('...' === $name?->text || '.' === $name?->text) {
                    $this->parser->fail('unsupported', $name, ['what' => '…']);
                }
                if (null === $name || TokenKind::Name !== $name->kind) {
                    $this->parser->fail('name_missing', $name);
                }
                ++$this->parser->at;
                $names[] = $name->text;
                $this->parser->types[$this->parser->scope][$name->text] = 1 === preg_match('/\bauto\b/', $type) ? '' : $type;
                if (!$this->parser->accept(',')) {
                    break;
                }
            }
            $this->parser->accept(')');
        }
        if (!$this->parser->is('{') || !$this->parser->is('return', 1)) {
            $this->parser->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }
        $this->parser->at += 2;
        $value = $this->parser->inLambda(fn (): Expression => $this->parser->expression(), ...$names);
        $this->parser->types[$this->parser->scope] = $known;
        $this->parser->accept(';');
        if (!$this->parser->accept('}')) {
            $this->parser->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }
        $made = new Lambda($names, $value);
        $copied = array_values(array_diff($copied, $names));
        foreach ($copied as $name) {
            $this->parser->read($name, $token->offset);
        }

        return [] === $copied ? $made : new MethodCall(new Lambda($copied, $made), MethodCall::CALL, array_map(function (string $name): Expression {
            $read = new VariableRead($name);
            $type = TypeNames::read($this->parser->typeOf($read));

            // What holds others is copied with them.
            return TypeKind::Copied === $type->kind || $type->isList() || $type->isMap() || $type->isSet() ? new Operation(OperationKey::DeepCopied, [$read]) : $read;
        }, $copied));
    }

    /** Whether `return` stands before what gives something another value: `return total += 2;`. */
    private function givesWhatItChanges(int $brace): bool
    {
        $end = $this->parser->partners[$brace] ?? $brace;
        for ($at = $brace + 2; $at < $end; ++$at) {
            $sign = $this->parser->tokens[$at]->text;
            if ('[' === $sign || '{' === $sign) {
                $at = $this->parser->partners[$at] ?? $at;
            } elseif (TokenKind::Sign === $this->parser->tokens[$at]->kind && \in_array($sign, ['=', '+=', '-=', '*=', '/=', '%=', '++', '--'], true)) {
                return true;
            }
        }

        return false;
    }

    /** The name that the function before whose brackets this stands is given to, if it is. */
    private function nameGiven(): ?string
    {
        for ($at = $this->parser->at - 1; $at > 0 && '[' !== $this->parser->tokens[$at]->text; --$at) {
        }

        return '=' === ($this->parser->tokens[$at - 1]->text ?? '') ? $this->parser->tokens[$at - 2]->text ?? null : null;
    }

    /** @return list<bool> whether each value that stands in the brackets here is an `int` */
    private function wholeParameters(): array
    {
        $words = [[]];
        $closing = $this->parser->closingOf($this->parser->at) ?? $this->parser->at;
        foreach (\array_slice($this->parser->tokens, $this->parser->at + 1, $closing - $this->parser->at - 1) as $token) {
            if (',' === $token->text) {
                $words[] = [];
            } elseif ('const' !== $token->text) {
                $words[\count($words) - 1][] = $token->text;
            }
        }

        return array_map(static fn (array $parameter): bool => 2 === \count($parameter) && 'int' === $parameter[0], $words);
    }

    private function isCalledAtOnce(int $brace): bool
    {
        return '(' === ($this->parser->tokens[($this->parser->partners[$brace] ?? $brace) + 1]->text ?? '');
    }

    private function divides(int $brace): bool
    {
        return [] !== array_filter(\array_slice($this->parser->tokens, $brace, ($this->parser->partners[$brace] ?? $brace) - $brace), static fn (Token $token): bool => '/' === $token->text);
    }

    /** Whether a function takes numbers with a point, by what stands in its brackets: `auto half = [](double n) { … }`. */
    public function takesReals(int $bracket): bool
    {
        $closing = '(' === ($this->parser->tokens[$bracket]->text ?? '') ? $this->parser->closingOf($bracket) : null;

        return null !== $closing && [] !== array_filter(\array_slice($this->parser->tokens, $bracket, $closing - $bracket), static fn (Token $token): bool => \in_array($token->text, ['double', 'float'], true));
    }

    /**
     * Reads what a function without a name catches, in its square brackets.
     *
     * @return list<string> the variables that it has as they were when it was made, and that change elsewhere
     */
    public function copied(Token $token): array
    {
        ++$this->parser->at;
        $byName = [];
        $takesAll = false;
        while (!$this->parser->is(']')) {
            $caught = $this->parser->is('&') && TokenKind::Name === $this->parser->peek(1)?->kind ? 2 : 1;
            $name = $this->parser->peek();
            $takesAll = $takesAll || $this->parser->is('=') && '[' === $this->parser->tokens[$this->parser->at - 1]->text;
            if (TokenKind::Name === $name?->kind && $this->parser->is('=', 1)) {
                // A variable of its own.
                $this->parser->fail('unsupported', $token, ['what' => '[…]']);
            }
            if (1 === $caught && TokenKind::Name === $name?->kind) {
                $byName[$name->text] = true;
            } elseif (null === $name || 1 === $caught && !\in_array($this->parser->sign(), ['&', '=', ',', 'this'], true)) {
                $this->parser->fail('unsupported', $token, ['what' => '[…]']);
            }
            $this->parser->at += $caught;
        }
        ++$this->parser->at;
        $brace = $this->parser->is('(') ? ($this->parser->closingOf($this->parser->at) ?? $this->parser->at) + 1 : $this->parser->at;
        while ($brace < $this->parser->until && !\in_array($this->parser->tokens[$brace]->text, ['{', ';'], true)) {
            ++$brace;
        }

        return $this->copiedIn($brace, $byName, $takesAll);
    }

    /**
     * The variables that a small function has as they were when it was made (C++17, 8.1.5.2), and that change elsewhere.
     *
     * @param int                 $brace  that opens its rows
     * @param array<string, true> $byName those that stand in its square brackets
     *
     * @return list<string>
     */
    private function copiedIn(int $brace, array $byName, bool $takesAll): array
    {
        if ([] === $byName && !$takesAll) {
            return [];
        }
        $copied = [];
        $end = $this->parser->partners[$brace] ?? $brace;
        [$from, $to] = [$this->parser->tokens[$brace]->offset ?? 0, $this->parser->tokens[$end]->offset ?? 0];
        // In the braces around it: a variable that is caught is one of theirs.
        [$opens, $closes] = [0, \strlen($this->parser->text)];
        for ($at = $brace - 1; $at >= 0; --$at) {
            if ('{' === $this->parser->tokens[$at]->text && ($this->parser->partners[$at] ?? 0) > $end) {
                [$opens, $closes] = [$this->parser->tokens[$at]->offset, $this->parser->tokens[$this->parser->partners[$at]]->offset];
            }
        }
        $outside = str_repeat(' ', $opens).substr($this->parser->text, $opens, $from - $opens).str_repeat(' ', $to - $from).substr($this->parser->text, $to, $closes - $to);
        for ($at = $brace; $at < $end; ++$at) {
            $name = $this->parser->tokens[$at]->text;
            if (TokenKind::Name !== $this->parser->tokens[$at]->kind || '.' === $this->parser->tokens[$at - 1]->text || !isset($byName[$name]) && (!$takesAll || !$this->parser->isVariable($name)) || isset($copied[$name])) {
                continue;
            }
            // It may be read under another name than it has in the text.
            $written = 1 === preg_match('/\G[\w\x80-\xff]+/', $this->parser->text, $match, 0, $this->parser->tokens[$at]->offset) ? Names::asPattern($match[0]) : Names::asPattern($name);
            $behind = '(?:(?:\.|->)\s*\w+\s*(?:\(\s*\)\s*)?|\[[^\]\n]*\]\s*)*';
            $changes = '/(?<![\w.>])'.$written.'\s*'.$behind.'(?:[-+*\/%]?=(?!=)|\+\+|--|(?:\.|->)\s*(?!(?:'.self::ASKING.')\b)\w+\s*\()|(?:\+\+|--)\s*'.$written.'\b|>>\s*'.$written.'\b|\bget\s*<[^>]*>\s*\(\s*'.$written.'\s*\)\s*[-+*\/%]?=(?!=)|\b(?:'.self::CHANGING.')\s*\([^;]*?(?<![\w.>])'.$written.'\b/';
            // Besides its first value it changes elsewhere, or here, and is looked at again behind it.
            $isLookedAt = 1 === preg_match('/(?<![\w.>])'.$written.'\b/', $outside, $match, 0, $to);
            if (1 < preg_match_all($changes, $outside) || 1 === preg_match($changes, $outside, $match, 0, $to) || $isLookedAt && 1 === preg_match($changes, substr($this->parser->text, $from, $to - $from))) {
                $copied[$name] = $name;
            }
        }

        return array_values($copied);
    }

    /** A function that has a name, as one that is written at its place. */
    public static function asLambda(FunctionReference|VariableRead $function): Lambda
    {
        $name = $function instanceof VariableRead && 'item' === $function->name ? 'value' : 'item';
        $item = new VariableRead($name);

        return new Lambda([$name], $function instanceof FunctionReference ? new OwnValue($function->function, [$item]) : new MethodCall($function, MethodCall::CALL, [$item]));
    }
}
