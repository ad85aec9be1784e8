<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Walk;

/** What is shown, a line or a part of one at a time. */
final class PrintCode
{
    public function __construct(private readonly Compiler $compiler)
    {
    }

    public function printLine(PrintLine $print): string
    {
        $streamed = $this->compiler->facts->streams ? $this->streamed($print) : null;
        if (null !== $streamed) {
            return $streamed;
        }
        if (CallCode::spreads($print->values)) {
            return '$t->'.($print->endsLine ? 'print' : 'say')."(\implode(' ', \array_map(\$v->show(...), [".$this->compiler->callCode->listed($print->values)."])));\n";
        }
        if (1 < \count($print->values) && $this->compiler->facts->fillsGaps && $this->mayHaveGaps($print->values[0])) {
            $text = '$v->logged('.implode(', ', array_map($this->compiler->expression(...), $print->values)).')';

            return $print->endsLine ? "\$t->print($text);\n" : "\$t->say($text);\n";
        }
        if (1 < \count($print->values) && $this->haveEffects(\array_slice($print->values, 1))) {
            // All values are found before the first is shown.
            $found = $parts = [];
            foreach ($print->values as $value) {
                $kept = $this->compiler->temporary();
                $found[] = "$kept = ".$this->compiler->expression($value).";\n";
                $parts[] = "\$v->show($kept)";
            }
            $text = implode(".' '.", $parts);

            return implode('', $found).($print->endsLine ? "\$t->print($text);\n" : "\$t->say($text);\n");
        }
        $parts = array_map($this->shown(...), $print->values);
        $text = [] === $parts ? "''" : implode(".' '.", $parts);

        return $print->endsLine ? "\$t->print($text);\n" : "\$t->say($text);\n";
    }

    /** Whether a value may be a text with gaps which those behind it fill: where it is no text that stands there. */
    private function mayHaveGaps(Expression $first): bool
    {
        $type = $this->compiler->types->expression($this->compiler->part, $first);

        return !$first instanceof TextLiteral && !$first instanceof Operation && ($type->isTextual() || TypeKind::Unknown === $type->kind);
    }

    public function joinable(Expression $value): string
    {
        return $this->isPlace($value) || $this->compiler->numberCode->isUnsigned($value) ? $this->shown($value) : $this->compiler->expression($value);
    }

    private function isPlace(Expression $value): bool
    {
        return $value instanceof Operation && \in_array($value->key, [OperationKey::Position, OperationKey::PositionFrom, OperationKey::LastPosition, OperationKey::FirstAmong, OperationKey::LastAmong, OperationKey::FirstApart, OperationKey::LastApart], true);
    }

    /** A value as it is shown; the place of what was not found is a very large number in C++ (C++17, 24.3.2). */
    private function shown(Expression $value): string
    {
        $code = $this->compiler->expression($value);

        $isPlace = $this->compiler->facts->typed && ($this->isPlace($value) || TypeKind::UnsignedLong === $this->compiler->types->expression($this->compiler->part, $value)->kind);

        return $isPlace ? "\$v->showUnsigned($code)" : "\$v->show($code)";
    }

    /** @param list<Expression> $values */
    private function haveEffects(array $values): bool
    {
        foreach ($values as $value) {
            foreach (Walk::expressions($value) as $inner) {
                if ($inner instanceof OwnValue || $inner instanceof MethodCall || $inner instanceof MakeObject || $inner instanceof Operation && true === ValueOperations::find($inner->key)?->hasEffect()) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * C++ writes each part before it finds the next one (C++17, 8.8), which shows where a part calls a function that
     * writes, too.
     */
    private function streamed(PrintLine $print): ?string
    {
        $parts = [];
        foreach ($print->values as $index => $value) {
            if ($index > 0) {
                $parts[] = new TextLiteral(' ');
            }
            $parts = [...$parts, ...self::joined($value)];
        }
        $calls = false;
        foreach (\array_slice($parts, 1) as $part) {
            foreach (Walk::expressions($part) as $inner) {
                $calls = $calls || $inner instanceof OwnValue || $inner instanceof MethodCall || $this->compiler->catches() && ($inner instanceof Operation || $inner instanceof Item);
            }
        }
        if (!$calls) {
            return null;
        }
        $code = '';
        foreach ($parts as $part) {
            $code .= '$t->part('.$this->shown($part).");\n";
        }

        return $code.($print->endsLine ? "\$t->print('');\n" : "\$t->endParts();\n");
    }

    /** @return list<Expression> */
    private static function joined(Expression $value): array
    {
        return $value instanceof Binary && Operator::Join === $value->operator ? [...self::joined($value->left), $value->right] : [$value];
    }
}
