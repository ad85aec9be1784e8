<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\BracePrinter;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\TextLiteral;

/** Operators and literals: ECMAScript 2022, clauses 12 and 13. */
final class JavaScriptPrinter extends BracePrinter
{
    protected function program(): void
    {
        $body = $this->captured(function (): void {
            $this->functions();
            $this->enter($this->program->script);
            $this->rows($this->program->script->body);
        });
        $names = $this->needed();
        $imports = [] === $names ? [] : ['import { '.implode(', ', $names).' } from "./scrivlet.js";'];
        foreach (array_keys($this->types->scopes->globals) as $name) {
            if (!Scopes::assignsWithin($this->program->script, (string) $name)) {
                $imports[] = $this->declareEmpty((string) $name);
            }
        }
        $this->imports($imports);
        $this->append($body);
    }

    protected function signature(FunctionDefinition $function): string
    {
        return "function $function->name(".implode(', ', $function->parameters).')';
    }

    protected function declareEmpty(string $name): string
    {
        return "let $name;";
    }

    protected function declareFixed(string $name, Expression $value, bool $whole): string
    {
        $text = $this->expression($value);

        return "const $name = ".($whole && !$this->type($value)->isWhole() ? $this->toWhole($text) : $text).';';
    }

    protected function counterType(bool $whole): string
    {
        return 'let';
    }

    protected function toWhole(string $number): string
    {
        return "Math.trunc($number)";
    }

    protected function equalSign(bool $equal): string
    {
        return $equal ? '===' : '!==';
    }

    protected function set(SetVariable $set): string
    {
        $keyword = '';
        if ($this->declarations->isAt($set)) {
            $fixed = $this->declarations->isAssignedOnce($set->variable) && !isset($this->types->scopes->reachedInto[$set->variable]);
            $keyword = $fixed ? 'const ' : 'let ';
        }

        return $keyword.$set->variable.' = '.$this->expression($set->value);
    }

    protected function printLine(PrintLine $print): string
    {
        return $this->call('console.log', [$print->value]);
    }

    protected function commandName(Entry $entry): string
    {
        $this->need('nib');

        return $entry->camelName();
    }

    protected function quote(string $text): string
    {
        return '"'.self::escape($text, ['"' => '\\"']).'"';
    }

    /** @param array<string, string> $quotes */
    private static function escape(string $text, array $quotes): string
    {
        $escaped = strtr($text, ['\\' => '\\\\', "\n" => '\\n', "\t" => '\\t', "\r" => '\\r', ...$quotes]);

        return (string) preg_replace_callback('/[\x00-\x1f\x7f]/', static fn (array $match): string => \sprintf('\\x%02x', \ord($match[0])), $escaped);
    }

    protected function divide(Binary $binary, int $around): string
    {
        return $this->infix($binary, '/', self::MULTIPLIED, $around);
    }

    protected function floorDivide(Binary $binary, int $around): string
    {
        if ($this->type($binary->left)->isWhole() && $this->type($binary->right)->isWhole()) {
            return 'Math.floor('.$this->infix($binary, '/', self::MULTIPLIED, 0).')';
        }

        return $this->call($this->libraryName('floor_div'), [$binary->left, $binary->right]);
    }

    protected function power(Binary $binary, int $around): string
    {
        return $this->bracket($this->expression($binary->left, self::RAISED + 1).' ** '.$this->expression($binary->right, self::UNARY), self::RAISED, $around);
    }

    protected function joinTexts(Binary $binary, int $around): string
    {
        $parts = $this->joined($binary);
        if ($this->allTexts($parts)) {
            return $this->infix($binary, '+', self::ADDED, $around);
        }
        $text = '';
        foreach ($parts as $part) {
            $text .= $part instanceof TextLiteral
                ? self::escape($part->value, ['`' => '\\`', '${' => '\\${'])
                : '${'.$this->expression($part).'}';
        }

        return '`'.$text.'`';
    }

    protected function libraryName(string $snake): string
    {
        return $this->need(lcfirst(str_replace('_', '', ucwords($snake, '_'))));
    }

    protected function random(RandomWhole $random): string
    {
        return $this->call($this->libraryName('random_between'), [$random->from, $random->to]);
    }
}
