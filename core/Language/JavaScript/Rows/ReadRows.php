<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Answers and lines that are asked for, in the forms that Node.js has for it. */
final class ReadRows
{
    /** @var array{int, string|null}|null where that row begins, which is the same for all handlers above it */
    private ?array $firstBelow = null;

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /** @return list<Statement>|null what is done with the lines that are typed in: asked for, gone over, or no longer read */
    public function readLines(Token $token): ?array
    {
        // What is typed in is there as a whole, too, where nobody takes it line by line.
        $isWhole = 'process' === $token->text && $this->parser->is('.', 1) && $this->parser->is('stdin', 2) && !$this->parser->isVariable('process');
        $point = $isWhole ? 3 : 1;
        if (!$isWhole && 'reader' !== ($this->parser->brought[$token->text] ?? '') || !$this->parser->is('.', $point)) {
            return null;
        }
        $verb = $this->parser->peek($point + 1);
        $opened = $this->parser->peek($point + 2);
        if (null === $verb || null === $opened || '(' !== $opened->text) {
            return null;
        }
        $start = $this->parser->at;
        if ('on' === $verb->text && null !== $later = $this->rowBelow($opened)) {
            // It runs before the first line is read.
            $this->parser->fail('unsupported', $verb, ['what' => ".on(…) … $later"]);
        }
        $over = $isWhole ? new ListLiteral([new Operation(OperationKey::AllInput)]) : new Operation(OperationKey::Lines, [new Operation(OperationKey::AllInput)]);
        [$each, $atEnd] = $isWhole ? ['data', 'end'] : ['line', 'close'];
        $head = 'on' === $verb->text && $each === $this->parser->textAt($point + 3) && $this->parser->is(',', $point + 4) ? $this->parser->eachRows->unnamedHead($this->parser->at + $point + 5) : null;
        if (null !== $head && 1 === \count($head[0])) {
            return [$this->parser->eachRows->forAll($token, $start, $opened, $head[0], $head[1], $over)];
        }
        $this->parser->at += $point + 3;
        if (\in_array($verb->text, $isWhole ? ['setEncoding', 'resume', 'pause'] : ['close', 'prompt', 'setPrompt'], true)) {
            $arguments = $this->parser->arguments($opened);
            if ([] !== $arguments && 'setEncoding' !== $verb->text) {
                $this->parser->fail('unsupported', $verb, ['what' => ".$verb->text(…)"]);
            }
            $this->parser->semicolon();
            if (!$isWhole && 'close' === $verb->text && !$this->endsHandler()) {
                // What waits for the end is done at once, before what stands below (Node.js, readline: rl.close()).
                $this->parser->fail('unsupported', $verb, ['what' => '.close()']);
            }
            $row = new Import($this->parser->newId(), rtrim(substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), "; \t"), $this->parser->language()->value);

            return [$this->parser->ended($row, $token->offset)];
        }
        $arguments = $this->parser->arguments($opened);
        $this->parser->semicolon();
        [$what, $does] = [$arguments[0]->value ?? null, $arguments[1]->value ?? null];
        if (!$isWhole && 'question' === $verb->text && null !== $what && null !== $does && 2 === \count($arguments)) {
            return [$this->parser->ended($this->handedTo($does, new Operation(OperationKey::Ask, [$what]), $verb), $token->offset)];
        }
        if ('on' === $verb->text && $what == new TextLiteral($each) && null !== $does) {
            $id = $this->parser->newId();
            $line = $this->parser->nameFor('line');
            $this->parser->write($line, $token->offset);
            $this->parser->declared[$this->parser->scope][$line] = true;
            $end = $this->parser->endOffset();
            $this->parser->cut($id, 'head', $token->offset, $end);
            $row = $this->handedTo($does, new VariableRead($line), $verb);
            $this->parser->atHead([$row], $id, $end);
            $this->parser->cut($id, 'close', $end, $end);

            return [new EachLoop($id, [$line], $over, new Block([$row]))];
        }
        if ('on' === $verb->text && $what == new TextLiteral($atEnd) && null !== $does) {
            return [$this->parser->ended($this->handedTo($does, null, $verb), $token->offset)];
        }
        $this->parser->fail('unsupported', $verb, ['what' => ".$verb->text(…)"]);
    }

    /** `return reader.close();` gives nothing back (Node.js, readline: rl.close()). */
    public function isClosedHere(): bool
    {
        $isClosed = 'reader' === ($this->parser->brought[$this->parser->sign() ?? ''] ?? '') && $this->parser->is('.', 1) && $this->parser->is('close', 2) && $this->parser->is('(', 3) && $this->parser->is(')', 4) && ($this->parser->is(';', 5) || $this->parser->is('}', 5) || isset($this->parser->begins[$this->parser->at + 5]));
        if (!$isClosed) {
            return false;
        }
        $this->parser->at += 5;
        if ($this->endsHandler()) {
            return true;
        }
        $this->parser->at -= 5;

        return false;
    }

    /** Whether nothing waits for the end of what is read, or what handles a line does nothing more behind this row. */
    private function endsHandler(): bool
    {
        $text = fn (int $at): string => $this->parser->tokens[$at]->text ?? '';
        $isOn = static fn (int $at, string $what): bool => 'on' === $text($at) && '(' === $text($at + 1) && $what === trim($text($at + 2), '"\'`');
        $places = array_keys($this->parser->tokens);
        if ([] === array_filter($places, static fn (int $at): bool => $isOn($at, 'close')) || [] === array_filter($places, static fn (int $at): bool => $isOn($at, 'line'))) {
            return true;
        }
        $around = array_filter($places, fn (int $at): bool => $isOn($at, 'line') && $at < $this->parser->at && ($this->parser->partners[$at + 1] ?? 0) > $this->parser->at);
        if ([] === $around) {
            return false;
        }
        $head = max($around);
        $end = $this->parser->partners[$head + 1] ?? -1;
        for ($at = $this->parser->at; $at < $end; ++$at) {
            if ('else' === $text($at)) {
                while ($at < $end && '{' !== $text($at) && ';' !== $text($at)) {
                    $at = ('(' === $text($at) ? $this->parser->partners[$at] ?? $at : $at) + 1;
                }
                $at = '{' === $text($at) ? $this->parser->partners[$at] ?? $at : $at;
            } elseif ('return' === $text($at) && \in_array($text($at + 1), ['}', ';'], true) && 1 === \count($this->opened($head, $at, true))) {
                return true;
            } elseif ('break' === $text($at)) {
                $left = array_filter($this->opened($head, $at, false), fn (int $brace): bool => \in_array($text(($this->parser->partners[$brace - 1] ?? 0) - 1), ['switch', 'for', 'while'], true));
                $at = [] === $left ? $at : $this->parser->partners[max($left)] ?? $at;
            } elseif (!\in_array($text($at), ['}', ';', 'return'], true)) {
                return false;
            }
        }

        return $end >= 0;
    }

    /**
     * The braces opened behind the token $from that are still open at the token $at, of functions alone or of all.
     *
     * @return list<int>
     */
    private function opened(int $from, int $at, bool $areFunctions): array
    {
        $open = [];
        for ($brace = $from; $brace < $at; ++$brace) {
            if ('{' !== $this->parser->tokens[$brace]->text || ($this->parser->partners[$brace] ?? 0) <= $at) {
                continue;
            }
            $head = ($this->parser->partners[$brace - 1] ?? $brace) - 1;
            $isFunction = '=>' === $this->parser->tokens[$brace - 1]->text || \in_array('function', [$this->parser->tokens[$head]->text ?? '', $this->parser->tokens[$head - 1]->text ?? ''], true);
            if (!$areFunctions || $isFunction) {
                $open[] = $brace;
            }
        }

        return $open;
    }

    /** What the first row below begins with that does something by itself; null if there are but further handlers and functions. */
    private function rowBelow(Token $opened): ?string
    {
        $closing = $this->parser->closingOf($this->parser->indexOf($opened) ?? $this->parser->at);
        if (null !== $closing && ')' !== $this->parser->tokens[$closing]->text) {
            // Where it ends is not known: a bracket in it has no partner.
            return null;
        }
        $at = ($closing ?? $this->parser->at) + 1;
        if (null !== $this->firstBelow && $at <= $this->firstBelow[0]) {
            return $this->firstBelow[1];
        }
        while (null !== $token = $this->parser->tokens[$at] ?? null) {
            if (';' === $token->text) {
                ++$at;
            } elseif ('function' === $token->text || 'async' === $token->text) {
                while ('{' !== ($this->parser->tokens[$at]->text ?? '{')) {
                    $at = ($this->parser->partners[$at] ?? $at) + 1;
                }
                $at = ($this->parser->partners[$at] ?? $at) + 1;
            } elseif ('reader' === ($this->parser->brought[$token->text] ?? '') && \in_array($this->parser->tokens[$at + 2]->text ?? '', ['on', 'prompt', 'setPrompt'], true)) {
                $at = ($this->parser->partners[$at + 3] ?? $at + 3) + 1;
            } elseif ('process' === $token->text && 'stdin' === ($this->parser->tokens[$at + 2]->text ?? '') && \in_array($this->parser->tokens[$at + 4]->text ?? '', ['on', 'setEncoding', 'resume'], true)) {
                $at = ($this->parser->partners[$at + 5] ?? $at + 5) + 1;
            } else {
                $this->firstBelow = [$at, mb_strcut($token->text, 0, 30)];

                return $this->firstBelow[1];
            }
        }
        $this->firstBelow = [\PHP_INT_MAX, null];

        return null;
    }

    public function handedTo(Expression $function, ?Expression $value, Token $token): Statement
    {
        $name = $function instanceof FunctionReference ? $function->function : ($function instanceof VariableRead && isset($this->parser->symbols->functions[$function->name]) ? $function->name : null);
        $given = null === $value ? [] : [$value];
        if ($function instanceof Lambda && \count($function->parameters) <= \count($given)) {
            $uses = array_filter(Walk::expressions($function->value), static fn (Expression $part): bool => $part instanceof VariableRead && $part->name === ($function->parameters[0] ?? ''));
            if (1 < \count($uses) && !$value instanceof VariableRead) {
                // What is found once would be found, or asked for, several times.
                $this->parser->fail('unsupported', $token, ['what' => ".$token->text(…)"]);
            }
            $put = static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === ($function->parameters[0] ?? '') ? $given[0] ?? $part : $part;
            $does = Walk::mapExpression($function->value, $put);

            return $this->parser->performed($does, $token->offset, $this->parser->endOffset());
        }

        return null === $name ? $this->parser->fail('unsupported', $token, ['what' => ".$token->text(…)"]) : new OwnCall($this->parser->newId(), $name, $given);
    }
}
