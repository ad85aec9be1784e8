<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\VariableRead;

/**
 * `number = re.compile(r"\d+")`: a pattern that is kept, whose methods are the module's functions with the pattern before (The Python
 * Standard Library, re). It is its text here, so its name may stand for nothing else, and nowhere else.
 */
final class MadePatterns
{
    private const ASKED = [
        'search' => OperationKey::SoughtAnywhere, 'match' => OperationKey::SoughtAtStart, 'fullmatch' => OperationKey::SoughtAsWhole, 'findall' => OperationKey::SoughtAll,
        'finditer' => OperationKey::SoughtEach, 'sub' => OperationKey::SoughtReplaced, 'split' => OperationKey::SoughtSplit,
    ];
    /** @var array<string, true>|null names that patterns are kept under */
    private ?array $names = null;

    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    public function of(Token $token): ?Expression
    {
        if ($this->isMade($this->parser->at)) {
            $at = $this->parser->at;
            $opened = $this->parser->tokens[$at + 3];
            $this->parser->at += 4;
            $arguments = $this->parser->arguments($opened);
            $isKept = '=' === ($this->parser->tokens[$at - 1]->text ?? '') && isset($this->names()[$this->parser->tokens[$at - 2]->text ?? '']);
            if (1 !== \count($arguments) || null !== $arguments[0]->name || !$isKept && !$this->parser->is('.')) {
                $this->parser->fail('unsupported', $token, ['what' => 're.compile']);
            }

            return $isKept ? $arguments[0]->value : $this->asked($arguments[0]->value, $token);
        }
        if (!$this->parser->is('.', 1) || !isset($this->names()[$token->text])) {
            return null;
        }
        ++$this->parser->at;
        $this->parser->read($token->text, $token->offset);

        return $this->asked(new VariableRead($token->text), $token);
    }

    private function isMade(int $at): bool
    {
        $token = $this->parser->tokens[$at] ?? null;

        return null !== $token && 're' === ($this->parser->aliases[$token->text] ?? $token->text) && TokenKind::Name === $token->kind && '.' === ($this->parser->tokens[$at + 1]->text ?? '')
            && 'compile' === ($this->parser->tokens[$at + 2]->text ?? '') && '(' === ($this->parser->tokens[$at + 3]->text ?? '') && !$this->parser->isVariable($token->text);
    }

    private function asked(Expression $pattern, Token $token): Expression
    {
        $method = $this->parser->is('.') ? $this->parser->peek(1) : null;
        $key = self::ASKED[$method->text ?? ''] ?? null;
        $opened = $this->parser->peek(2);
        if (null === $method || null === $key || null === $opened || '(' !== $opened->text) {
            $this->parser->fail('unsupported', $token, ['what' => 're.compile(…).'.($method->text ?? '')]);
        }
        $this->parser->at += 3;
        $arguments = $this->parser->arguments($opened);
        if ((OperationKey::SoughtReplaced === $key ? 2 : 1) !== \count($arguments) || [] !== array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name)) {
            $this->parser->fail('unsupported', $token, ['what' => "re.compile(…).$method->text(…)"]);
        }

        return $this->parser->postfix(new Operation($key, [$pattern, ...array_map(static fn (Argument $argument): Expression => $argument->value, $arguments)]));
    }

    /** @return array<string, true> */
    private function names(): array
    {
        if (null !== $this->names) {
            return $this->names;
        }
        $this->names = $kept = [];
        foreach ($this->parser->tokens as $at => $token) {
            if ('compile' === $token->text && $this->isMade($at - 2) && '=' === ($this->parser->tokens[$at - 3]->text ?? '') && '.' !== ($this->parser->tokens[$at - 5]->text ?? '')) {
                $kept[$this->parser->tokens[$at - 4]->text ?? ''] = true;
            }
        }
        foreach ([] === $kept ? [] : $this->parser->tokens as $at => $token) {
            if (isset($kept[$token->text]) && TokenKind::Name === $token->kind) {
                $behind = $this->parser->tokens[$at + 1]->text ?? '';
                $isAsked = '.' === $behind && isset(self::ASKED[$this->parser->tokens[$at + 2]->text ?? '']) && '.' !== ($this->parser->tokens[$at - 1]->text ?? '');
                if (!$isAsked && !('=' === $behind && $this->isMade($at + 2))) {
                    unset($kept[$token->text]);
                }
            }
        }

        return $this->names = $kept;
    }
}
