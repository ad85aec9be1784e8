<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Python\EnumerationMethods;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/**
 * `class Size(Enum)`: a class whose objects are all made in it, each with its name and its value (The Python Standard
 * Library, enum). What the library does for such a class is written down as methods of it.
 */
final class Enumerations
{
    /** How many signs behind `isinstance` a class may stand. */
    private const FAR = 200;
    /** @var array<string, list<string>> by class, the names of its members */
    public array $enumerations = [];
    /** @var array<string, array<string, true>> by class, the signs with which the text asks it for a member */
    private array $membersAsked = [];
    /** The number that `auto()` gave last. */
    public int $numbered = 0;

    public function __construct(private readonly PythonParser $parser)
    {
    }

    public function announceEnumerations(): void
    {
        foreach ($this->parser->lines as $line) {
            [$class, $bracket] = [$this->parser->tokens[$line->from + 1]->text ?? '', $line->from + 2];
            if ('class' !== $this->parser->tokens[$line->from]->text || 0 !== $line->column() || !isset($this->parser->classes->parents[$class]) || '(' !== ($this->parser->tokens[$bracket]->text ?? '')) {
                continue;
            }
            $parent = implode('', array_map(static fn (Token $token): string => $token->text, \array_slice($this->parser->tokens, $bracket + 1, ($this->parser->partners[$bracket] ?? $bracket) - $bracket - 1)));
            if (\in_array($parent, ['Enum', 'enum.Enum'], true) && !isset($this->parser->classes->methods[$class][ClassDefinition::MAKES])) {
                $this->enumerations[$class] = array_map(strval(...), array_keys($this->parser->classes->statics[$class] ?? []));
            }
        }
        foreach ([] === $this->enumerations ? [] : $this->parser->tokens as $index => $token) {
            if (isset($this->enumerations[$token->text]) && 'class' !== ($this->parser->tokens[$index - 1]->text ?? '')) {
                $this->membersAsked[$token->text][$this->parser->tokens[$index + 1]->text ?? ''] = true;
            }
        }
        if ([] !== $this->enumerations) {
            foreach (['name', 'value'] as $field) {
                $this->parser->classes->fieldNames[$field] = $this->parser->classes->setFields[$field] = true;
            }
        }
    }

    /** A member of an enumeration that is asked for, or all of them. */
    public function enumerated(Token $token): ?Expression
    {
        if ('auto' === $token->text && 'enum.auto' === ($this->parser->imported['auto'] ?? '') && $this->parser->is('(', 1) && $this->parser->is(')', 2)) {
            $before = $this->parser->tokens[$this->parser->at - 3] ?? null;
            if (TokenKind::Number === $before?->kind && '=' === ($this->parser->tokens[$this->parser->at - 4]->text ?? '') && ctype_digit($before->text)) {
                // It goes on behind the value above (The Python Standard Library, enum.auto).
                $this->numbered = (int) $before->text;
            }
            $this->parser->at += 3;

            return new NumberLiteral(++$this->numbered);
        }
        if (!isset($this->enumerations[$token->text]) || $this->parser->is('.', 1) || $this->isKindAsked()) {
            return null;
        }
        $opened = $this->parser->peek(1);
        if (null !== $opened && ('(' === $opened->text || '[' === $opened->text)) {
            $this->parser->at += 2;
            $value = $this->parser->value();
            $this->parser->close($opened);

            return new OwnValue($token->text.('(' === $opened->text ? '.of_value' : '.of_name'), [$value]);
        }
        ++$this->parser->at;

        return $this->members($token->text);
    }

    /** Whether a name stands in the brackets of `isinstance`, where it is that of a class. */
    private function isKindAsked(): bool
    {
        $depth = 0;
        for ($at = $this->parser->at - 1; $at > max(0, $this->parser->at - self::FAR) && $depth >= 0; --$at) {
            $depth += ['(' => -1, ')' => 1][$this->parser->tokens[$at]->text] ?? 0;
            if ($depth < 0 && '(' === $this->parser->tokens[$at]->text && '' === trim($this->parser->tokens[$at - 1]->text, 'a..zA..Z_')) {
                return 'isinstance' === $this->parser->tokens[$at - 1]->text;
            }
        }

        return false;
    }

    private function members(string $class): ListLiteral
    {
        return new ListLiteral(array_map(static fn (string $name): VariableRead => new VariableRead("$class.$name"), $this->enumerations[$class] ?? []));
    }

    /**
     * @param list<Statement> $rows what stands in the class
     * @param int             $end  of its head
     *
     * @return list<Statement>
     */
    public function enumeration(int $id, Token $class, array $rows, int $end): array
    {
        $name = $class->text;
        $kept = [];
        $seen = [];
        $isPlain = true;
        foreach ($rows as $row) {
            if ($row instanceof SetVariable) {
                $key = serialize($row->value);
                if (isset($seen[$key])) {
                    // A second name for the same member.
                    $this->parser->fail('unsupported', $class, ['what' => 'Enum']);
                }
                $seen[$key] = true;
                $isPlain = $isPlain && $row->value instanceof NumberLiteral;
                $row = new SetVariable($row->id, $row->variable, new MakeObject($name, [new TextLiteral(substr($row->variable, \strlen($name) + 1)), $row->value]));
            }
            $kept[] = $row;
        }
        $this->parser->classes->methods[$name] += [ClassDefinition::SHOWS => [0, 0, []]];
        $made = EnumerationMethods::of($name, $this->members($name)->items, $isPlain, $this->parser->newId(...));
        $own = array_flip(array_map(static fn (Statement $row): string => $row instanceof FunctionDefinition ? $row->name : '', $rows));
        $wanted = ['of_value' => '(', 'of_name' => '['];
        $made = array_values(array_filter($made, fn (FunctionDefinition $method): bool => !isset($own[$method->name]) && (!isset($wanted[$method->shortName()]) || isset($this->membersAsked[$name][$wanted[$method->shortName()]]))));
        $this->cutAtHead($made, $id, $end);

        return [...$made, ...$kept];
    }

    /** @param list<Statement> $rows with all that stands in them */
    public function cutAtHead(array $rows, int $id, int $end): void
    {
        foreach ($rows as $row) {
            $this->parser->atHead([$row], $id, $end);
            foreach ($row->bodies() as $body) {
                $this->cutAtHead($body->statements, $row->id, $end);
            }
        }
    }
}
