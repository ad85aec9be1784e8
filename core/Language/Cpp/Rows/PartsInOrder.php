<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * In which order the parts of an object are made, where something is seen of it: that of the class above, then the fields as they
 * are declared (C++17, 15.6.2). Here those of which nothing is said are made first of all; any other order is refused.
 */
final class PartsInOrder
{
    /** @var array<string, bool> */
    private array $seen = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * @param list<Statement> $first what stands behind the colon of a constructor
     */
    public function refuseOtherOrder(array $first, Token $name): void
    {
        $declared = $this->seenFields($this->parser->class);
        $given = [];
        foreach ($first as $row) {
            if ($row instanceof SetItem && $row->target instanceof Field && \in_array($row->target->name, $declared, true)) {
                $given[] = $row->target->name;
            }
        }
        if ([...array_diff($declared, $given), ...$given] !== $declared) {
            $this->parser->fail('unsupported', $name, ['what' => "$name->text(…) : …"]);
        }
    }

    /** A class whose parts are made before the one that it has of the class above, if both are seen. */
    public function refusePartsBeforeAbove(Token $class, string $above): void
    {
        // Of several ways of making it, it is not known here which one is taken.
        if (!isset($this->parser->makers->makers[$above]) && [] !== $this->seenFields($class->text) && ($this->isSeenMaking($above) || [] !== $this->seenFields($above))) {
            $this->parser->fail('unsupported', $class, ['what' => "class $class->text"]);
        }
    }

    /** @return list<string> fields that hold an object whose making is seen, in the order in which they are declared */
    private function seenFields(string $class): array
    {
        return array_map(strval(...), array_keys(array_filter($this->parser->fieldTypesOf[$class] ?? [], fn (string $type): bool => isset($this->parser->classes->parents[$type]) && $this->isSeenMaking($type))));
    }

    /**
     * What a constructor gives a field at once is the first that it has here; if it is seen that the machine made another one before,
     * behind the colon, that is refused (C++17, 15.6.2).
     *
     * @param list<Statement> $rows
     */
    public function refuseMadeTwice(array $rows, Token $name): void
    {
        foreach ($rows as $row) {
            if (!$row instanceof SetItem || !$row->target instanceof Field || !$row->target->object instanceof VariableRead || $this->parser->itself !== $row->target->object->name) {
                return;
            }
            $kind = $this->parser->fieldTypesOf[$this->parser->class][$row->target->name] ?? '';
            if ($row->value instanceof MakeObject && isset($this->parser->classes->parents[$kind]) && $this->isSeenMaking($kind)) {
                $this->parser->fail('unsupported', $name, ['what' => "{$row->target->name} = …"]);
            }
        }
    }

    /** Whether something is seen when an object of a class is made. */
    public function isSeenMaking(string $class): bool
    {
        return $this->seen[$class] ??= $this->seeksMaking($class);
    }

    private function seeksMaking(string $class): bool
    {
        foreach ($this->parser->tokens as $at => $token) {
            $closing = $class === $token->text && '(' === ($this->parser->tokens[$at + 1]->text ?? '') ? $this->parser->partners[$at + 1] ?? null : null;
            if (null === $closing || !\in_array($this->parser->tokens[$closing + 1]->text ?? '', ['{', ':'], true)) {
                continue;
            }
            for ($brace = $closing + 1; isset($this->parser->tokens[$brace]) && ('{' !== $this->parser->tokens[$brace]->text || ')' !== $this->parser->tokens[$brace - 1]->text && '}' !== $this->parser->tokens[$brace - 1]->text); ++$brace) {
                // Over brackets, and never back to where one opened.
                $brace = max($brace, $this->parser->partners[$brace] ?? $brace);
            }
            if (isset($this->parser->partners[$brace]) && $this->parser->methodRows->isSeenBetween($brace, $this->parser->partners[$brace])) {
                return true;
            }
        }

        return false;
    }
}
