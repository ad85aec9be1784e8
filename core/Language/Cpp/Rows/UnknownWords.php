<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;

/** Words that are misspelt where a row begins, and names that nothing declares. */
final class UnknownWords
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    public function misspeltType(Token $token): void
    {
        if (isset($this->parser->classes->parents[$token->text]) || isset($this->parser->symbols->functions[$token->text])) {
            return;
        }
        $length = \strlen($token->text);
        if (\in_array($token->text, ['let', 'var', 'const'], true)) {
            $this->parser->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'auto'], [new Replacement($token->offset, $length, 'auto')]);
        }
        if (\in_array($token->text, ['def', 'function', 'func'], true)) {
            $this->parser->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'void'], [new Replacement($token->offset, $length, 'void')]);
        }
        foreach (['int', 'double', 'bool', 'string', 'char', 'void', 'auto', 'return'] as $word) {
            if (count_chars($token->text, 1) === count_chars($word, 1)) {
                $this->parser->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $word], [new Replacement($token->offset, $length, $word)]);
            }
        }
        $near = Names::nearest($token->text, ['int', 'double', 'bool', 'string', 'char', 'void', 'auto', 'return', 'using']);
        if (null !== $near && (levenshtein($token->text, $near) <= 1 || \strlen($near) > 4 && levenshtein($token->text, $near) <= 2)) {
            $this->parser->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $near], [new Replacement($token->offset, $length, $near)]);
        }
    }

    /** A name gets a value without being declared. */
    public function undeclared(Token $name): void
    {
        if ('<' === ($this->parser->tokens[($this->parser->indexOf($name) ?? -1) + 1]->text ?? '') && RealNames::has($name->text, Language::Cpp)) {
            $this->parser->fail('unsupported', $name, ['what' => "$name->text<…>"]);
        }
        $near = Names::nearest($name->text, array_map(strval(...), [...array_keys($this->parser->declared[$this->parser->scope] ?? []), ...array_keys($this->parser->declared[''])]));
        if (null !== $near) {
            $this->parser->mistake('misspelt_name', $name->offset, \strlen($name->text), ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
        } else {
            $this->parser->mistake('type_missing', $name->offset, \strlen($name->text), ['name' => $name->text], $this->guessed($name));
        }
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->symbols->silenced[$name->text] = true;
    }

    /** @return list<Replacement> the type that the literal behind the name has */
    private function guessed(Token $name): array
    {
        $value = null;
        foreach ([0, 1, 2] as $ahead) {
            if ($this->parser->is('=', $ahead - 1) || '=' === ($this->parser->tokens[$this->parser->at + $ahead - 1]->text ?? '')) {
                $value = $this->parser->tokens[$this->parser->at + $ahead] ?? null;
                break;
            }
        }
        $type = match (true) {
            null === $value => 'int',
            TokenKind::Text === $value->kind => "'" === $value->text[0] ? 'char' : 'string',
            TokenKind::Number === $value->kind => str_contains($value->text, '.') ? 'double' : 'int',
            \in_array($value->text, ['true', 'false'], true) => 'bool',
            default => 'auto',
        };

        return [new Replacement($name->offset, 0, "$type ")];
    }
}
