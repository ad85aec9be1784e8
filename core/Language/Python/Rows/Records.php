<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FieldDeclaration;

/**
 * `Point = namedtuple("Point", ["x", "y"])` and `class Point(NamedTuple)`: tuples whose places have names (The Python
 * Standard Library, collections and typing).
 */
final class Records
{
    /** @var array<string, list<string>|null> by class, the names of its places; null where the rows of the class say them */
    public array $records = [];

    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function announceRecords(): void
    {
        foreach ($this->parser->lines as $line) {
            if ($line->remark || 0 !== $line->column()) {
                continue;
            }
            [$name, $bracket] = [$this->parser->tokens[$line->from] ?? null, $line->from + 3];
            if ('class' === $name?->text && isset($this->parser->classes->parents[$this->parser->tokens[$line->from + 1]->text ?? '']) && 'NamedTuple' === ($this->parser->tokens[$bracket]->text ?? '')) {
                $this->records[$this->parser->tokens[$line->from + 1]->text] = null;
            }
            $bracket += 'collections' === ($this->parser->tokens[$line->from + 2]->text ?? '') && '.' === ($this->parser->tokens[$line->from + 3]->text ?? '') ? 2 : 0;
            if (TokenKind::Name !== $name?->kind || '=' !== ($this->parser->tokens[$line->from + 1]->text ?? '') || 'namedtuple' !== ($this->parser->tokens[$bracket - 1]->text ?? '') || '(' !== ($this->parser->tokens[$bracket]->text ?? '')) {
                continue;
            }
            $places = $this->placesAt($bracket, $name->text);
            if (null !== $places && $line->until === ($this->parser->partners[$bracket] ?? 0) + 1) {
                $this->records[$name->text] = $this->parser->classes->given[$name->text] = $places;
                $this->parser->classes->parents[$name->text] = '';
                $this->parser->classes->methods[$name->text] = [];
                foreach ($places as $place) {
                    $this->parser->classes->fieldNames[$place] = true;
                }
            }
        }
    }

    /** @return list<string>|null the names in `("Point", ["x", "y"])` or `("Point", "x y")`; null if it is written otherwise */
    private function placesAt(int $bracket, string $class): ?array
    {
        $inside = \array_slice($this->parser->tokens, $bracket + 1, ($this->parser->partners[$bracket] ?? $bracket) - $bracket - 1);
        $texts = array_values(array_filter($inside, static fn (Token $token): bool => TokenKind::Text === $token->kind));
        $signs = implode('', array_map(static fn (Token $token): string => TokenKind::Text === $token->kind ? 't' : $token->text, $inside));
        $said = array_map(static fn (Token $token): string => trim($token->text, '\'"'), $texts);
        if (1 !== preg_match('/^t,(?:t|\[t(?:,t)*+,?\]|\(t(?:,t)*+,?\))$/D', $signs) || $said[0] !== $class) {
            return null;
        }
        $names = preg_split('/[\s,]+/', trim(implode(' ', \array_slice($said, 1)))) ?: [];

        return [] === array_filter($names, static fn (string $name): bool => 1 !== preg_match('/^[A-Za-z]\w*$/D', $name)) && $names === array_unique($names) ? $names : null;
    }

    public function isRecord(): bool
    {
        return '' === $this->parser->scope && $this->parser->is('=', 1) && isset($this->records[$this->parser->sign() ?? '']) && ($this->parser->is('namedtuple', 2) || $this->parser->is('namedtuple', 4));
    }

    public function record(): ClassDefinition
    {
        $start = $this->parser->offset();
        $id = $this->parser->newId();
        $name = $this->parser->newName();
        $this->parser->at = $this->parser->until;
        $this->parser->cut($id, 'head', $start, $this->parser->endOffset());
        $rows = array_map(fn (string $place): FieldDeclaration => new FieldDeclaration($this->parser->newId(), $place, null, null), $this->records[$name->text] ?? []);
        $this->parser->atHead($rows, $id, $this->parser->endOffset());

        return new ClassDefinition($id, $name->text, ClassDefinition::RECORD, new Block($rows));
    }
}
