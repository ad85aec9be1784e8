<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\ClassDefinition;

/**
 * A call may give fewer values than there are parameters; the others are `undefined` (ECMAScript 2022, 10.2.11). It is
 * taken for meant where the function looks whether it got a value, or needs it in some cases only.
 */
final class LeftOut
{
    /** Signs beside a name by which a function asks whether there is a value, or has another one instead. */
    private const ASKS = ['!', 'typeof', '||', '??', '&&', '===', '!==', '==', '!=', '?', '||=', '??=', '?.'];
    /** @var array<string, int> by function, and by class for what makes its objects, where the bracket of the parameters opens */
    public array $openedAt = [];
    /** @var array<string, bool> what was found, by function and place */
    private array $hardlyNeeded = [];

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /** Whether a call of a function may do without the value at a place, though it has no default. */
    public function mayBeLeftOut(string $function, int $index): bool
    {
        return $this->hardlyNeeded["$function:$index"] ??= $this->isHardlyNeeded($function, $index);
    }

    private function isHardlyNeeded(string $function, int $index): bool
    {
        $owner = isset($this->parser->classes->parents[$function]) ? explode('.', (string) $this->parser->classes->ownerOf($function, ClassDefinition::MAKES))[0] : $function;
        $parameter = $this->parser->symbols->functions[$function][2][$index] ?? '';
        $bracket = $this->openedAt[$owner] ?? null;
        $closing = null === $bracket ? null : $this->parser->partners[$bracket] ?? null;
        if ('' === $parameter || null === $closing) {
            return false;
        }
        $from = $closing + ('=>' === ($this->parser->tokens[$closing + 1]->text ?? '') ? 2 : 1);
        $isBlock = '{' === ($this->parser->tokens[$from]->text ?? '');
        $until = $isBlock ? $this->parser->partners[$from] ?? $from : $this->endOfValue($from);
        $isNeeded = false;
        $inner = 0;
        for ($at = $isBlock ? $from + 1 : $from; $at < $until; ++$at) {
            $token = $this->parser->tokens[$at];
            $inner += TokenKind::Sign !== $token->kind ? 0 : (['{' => 1, '}' => -1][$token->text] ?? 0);
            $before = $this->parser->tokens[$at - 1]->text;
            $after = $this->parser->tokens[$at + 1]->text ?? '';
            if (TokenKind::Name !== $token->kind || $token->text !== $parameter || '.' === $before || '=' === $after || ':' === $after && '?' !== $before) {
                continue;
            }
            if (\in_array($before, self::ASKS, true) || \in_array($after, self::ASKS, true) || '(' === $before && ')' === $after && 'if' === $this->parser->tokens[$at - 2]->text) {
                return true;
            }
            // Beside what a failure says, it is looked at only if it is there.
            $isHandedUp = ',' === $before && ')' === $after && 'super' === ($this->parser->tokens[($this->parser->partners[$at + 1] ?? 0) - 1]->text ?? '');
            $isNeeded = $isNeeded || 0 === $inner && !$isHandedUp;
        }

        return !$isNeeded;
    }

    /** Behind the last token of a value that begins at one. */
    private function endOfValue(int $at): int
    {
        for ($first = $at; isset($this->parser->tokens[$at]) && !\in_array($this->parser->tokens[$at]->text, [';', ',', ')', ']', '}'], true) && ($at === $first || !isset($this->parser->begins[$at])); ++$at) {
            $at = max($at, $this->parser->partners[$at] ?? $at);
        }

        return $at;
    }
}
