<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;

/** Values in braces. */
final class Braces
{
    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** `{1, 2, 3}`, or `{{"a", 1}, {"b", 2}}` for a map. */
    public function braced(Token $opened, ?string $type = null): Expression
    {
        ++$this->parser->at;
        $items = [];
        $parts = null === $type ? [] : TypeNames::read($type)->parts;
        if ([] !== $parts) {
            return $this->bracedRecord($opened, $parts);
        }
        $isMap = null !== $type && TypeNames::read($type)->isMap();
        // What a template divides by its sort has to be of the sort that is said.
        $class = null === $type ? null : TypeNames::read($type)->item()->class;
        $isReal = null !== $type && TypeKind::Number === TypeNames::read($type)->item()->kind && str_contains($this->parser->text, 'template');
        while (!$this->parser->is('}')) {
            $inner = $this->parser->peek();
            if ($isMap && null !== $inner && '{' === $inner->text) {
                ++$this->parser->at;
                $items[] = $this->parser->expression();
                if (!$this->parser->accept(',')) {
                    $this->parser->fail('comma_missing');
                }
                $value = $this->parser->peek();
                $items[] = null !== $value && '{' === $value->text ? $this->bracedItem($value, $type) : $this->parser->expression();
                $this->parser->close($inner);
            } elseif ($isMap) {
                // Each entry is a pair (C++17, 26.4.4.2).
                $this->parser->fail('unexpected', $inner);
            } elseif (null !== $inner && '{' === $inner->text) {
                $items[] = $this->bracedItem($inner, $type);
            } else {
                $item = $this->parser->expression();
                $items[] = $isReal && $item instanceof NumberLiteral ? new NumberLiteral((float) $item->value) : (null === $class ? $item : $this->parser->asObjectOf($class, $item));
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);

        return $isMap ? new MapLiteral($items) : new ListLiteral($items);
    }

    /**
     * `{"bean", 3}` for a pair.
     *
     * @param list<StaticType> $parts
     */
    private function bracedRecord(Token $opened, array $parts): Expression
    {
        $values = [];
        foreach ($parts as $part) {
            $inner = $this->parser->peek();
            if ($this->parser->is('}')) {
                if (1 === \count($values) && !$values[0] instanceof NumberLiteral) {
                    // Another of its kind, which is copied (C++17, 23.4.2).
                    $this->parser->close($opened);

                    return $values[0];
                }
                $values[] = $this->parser->madeValues->empty('vector<'.TypeNames::write($part).'>');
                continue;
            }
            $values[] = null !== $inner && '{' === $inner->text ? $this->bracedItem($inner, 'vector<'.TypeNames::write($part).'>') : $this->parser->expression();
            $this->parser->accept(',');
        }
        $this->parser->close($opened);

        return new Operation(OperationKey::Record, $values);
    }

    /** Braces within braces: an object, where the list holds some. */
    private function bracedItem(Token $opened, ?string $type): Expression
    {
        $item = null === $type ? StaticType::unknown() : TypeNames::read($type)->item();
        if (TypeKind::Copied !== $item->kind || !isset($this->parser->classes->parents[(string) $item->class])) {
            return $this->braced($opened, null !== $type && ($item->isList() || $item->isMap() || $item->isSet()) ? TypeNames::write($item) : null);
        }
        ++$this->parser->at;

        return $this->parser->madeValues->madeOf(new Token(TokenKind::Name, (string) $item->class, $opened->offset), $this->parser->arguments($opened), true);
    }
}
