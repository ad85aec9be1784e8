<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;

/** Precedences: The Python Language Reference, 6.17. */
final class PythonPrinter extends Printer
{
    private const NOT = 4;

    protected function program(): void
    {
        $body = $this->captured(function (): void {
            foreach ($this->program->functions as $function) {
                $this->part = $function;
                $this->line($function, 'head', 'def '.$function->name.'('.implode(', ', $function->parameters).'):');
                $this->suite($function, $function->body, 'body');
                $this->line($function, 'close', '');
                $this->line($function, 'gap', '');
            }
            $this->part = $this->program->script;
            foreach ($this->program->script->body->statements as $statement) {
                $this->statement($statement);
            }
        });
        $names = array_values(array_diff($this->needed(), ['random']));
        $random = \count($names) < \count($this->needed());
        // Even where a program calls nothing of it, the library seeds the chance and writes the trace.
        $library = [] === $names ? ($random ? ['import scrivlet'] : []) : ['from scrivlet import '.implode(', ', $names)];
        $this->imports([...($random ? ['import random'] : []), ...$library]);
        $this->append($body);
    }

    private function suite(Statement $statement, Block $body, string $name): void
    {
        $this->indented($body);
        if ($body->isSilent()) {
            $this->inside(fn () => $this->line($statement, "$name-empty", 'pass'));
        }
    }

    protected function repeat(Repeat $repeat): void
    {
        $turn = $this->makeUp('turn');
        $this->line($repeat, 'head', "for $turn in range(".$this->whole($repeat->times).'):');
        $this->suite($repeat, $repeat->body, 'body');
    }

    private function whole(Expression $expression): string
    {
        $text = $this->expression($expression);

        return $this->type($expression)->isWhole() ? $text : "int($text)";
    }

    protected function count(Count $count): void
    {
        $range = $this->range($count) ?? $this->call($this->need('counted'), [$count->from, $count->to, $count->by]);
        $this->line($count, 'head', "for $count->variable in $range:");
        $this->suite($count, $count->body, 'body');
    }

    /** `range`, where all is whole and the direction is known; its end is one past the last value. */
    private function range(Count $count): ?string
    {
        $by = $count->by instanceof NumberLiteral && \is_int($count->by->value) ? $count->by->value : 0;
        if (0 === $by || !$this->type($count->from)->isWhole() || !$this->type($count->to)->isWhole()) {
            return null;
        }
        $past = $by > 0 ? 1 : -1;
        $to = $count->to;
        $end = match (true) {
            $to instanceof NumberLiteral && \is_int($to->value) => self::number($to->value + $past),
            $to instanceof Binary && Operator::Subtract === $to->operator && 1 === $past && $to->right instanceof NumberLiteral && 1 === $to->right->value => $this->expression($to->left),
            default => $this->expression($to, self::ADDED).($past > 0 ? ' + 1' : ' - 1'),
        };
        $from = $this->expression($count->from);
        if (1 === $by) {
            return '0' === $from ? "range($end)" : "range($from, $end)";
        }

        return "range($from, $end, $by)";
    }

    protected function conditional(Conditional $conditional): void
    {
        foreach ($conditional->branches as $index => $branch) {
            $this->line($conditional, 0 === $index ? 'head' : "then$index", (0 === $index ? 'if ' : 'elif ').$this->condition($branch->condition).':');
            $this->suite($conditional, $branch->body, "then$index");
        }
        if (null !== $conditional->otherwise) {
            $this->line($conditional, 'otherwise', 'else:');
            $this->suite($conditional, $conditional->otherwise, 'otherwise');
        }
    }

    protected function loop(Statement $loop, string $condition, Block $body): void
    {
        $this->line($loop, 'head', "while $condition:");
        $this->suite($loop, $body, 'body');
    }

    protected function share(ShareVariable $share): void
    {
        $this->line($share, 'head', 'global '.$share->variable);
    }

    protected function end(): string
    {
        return '';
    }

    protected function remark(string $text): string
    {
        return '# '.$text;
    }

    protected function set(SetVariable $set): string
    {
        return $set->variable.' = '.$this->expression($set->value);
    }

    protected function printLine(PrintLine $print): string
    {
        return $this->call('print', [$print->value]);
    }

    protected function commandName(Entry $entry): string
    {
        $this->need('nib');

        return $entry->snakeName();
    }

    protected function truth(bool $value): string
    {
        return $value ? 'True' : 'False';
    }

    protected function quote(string $text): string
    {
        return '"'.self::escape($text).'"';
    }

    private static function escape(string $text): string
    {
        $escaped = strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\t" => '\\t', "\r" => '\\r']);

        return (string) preg_replace_callback('/[\x00-\x1f\x7f]/', static fn (array $match): string => \sprintf('\\x%02x', \ord($match[0])), $escaped);
    }

    protected function binary(Binary $binary, int $around): string
    {
        return match ($binary->operator) {
            Operator::Add => $this->infix($binary, '+', self::ADDED, $around),
            Operator::Subtract => $this->infix($binary, '-', self::ADDED, $around),
            Operator::Multiply => $this->infix($binary, '*', self::MULTIPLIED, $around),
            Operator::TrueDivide => $this->infix($binary, '/', self::MULTIPLIED, $around),
            Operator::FloorDivide => $this->infix($binary, '//', self::MULTIPLIED, $around),
            Operator::FloorRemainder => $this->infix($binary, '%', self::MULTIPLIED, $around),
            Operator::Power => $this->bracket($this->expression($binary->left, self::RAISED + 1).' ** '.$this->expression($binary->right, self::UNARY), self::RAISED, $around),
            Operator::Join => $this->joinTexts($binary, $around),
            Operator::Equal => $this->comparison($binary, '==', $around),
            Operator::NotEqual => $this->comparison($binary, '!=', $around),
            Operator::Less => $this->comparison($binary, '<', $around),
            Operator::LessOrEqual => $this->comparison($binary, '<=', $around),
            Operator::Greater => $this->comparison($binary, '>', $around),
            Operator::GreaterOrEqual => $this->comparison($binary, '>=', $around),
            Operator::And => $this->infix($binary, 'and', 3, $around),
            Operator::Or => $this->infix($binary, 'or', 2, $around),
        };
    }

    /** An f-string; before Python 3.12 no quote and no backslash may stand inside its braces. */
    private function joinTexts(Binary $binary, int $around): string
    {
        $parts = $this->joined($binary);
        if ($this->allTexts($parts)) {
            return $this->infix($binary, '+', self::ADDED, $around);
        }
        $text = '';
        foreach ($parts as $part) {
            if ($part instanceof TextLiteral) {
                $text .= strtr(self::escape($part->value), ['{' => '{{', '}' => '}}']);
                continue;
            }
            $printed = $this->expression($part);
            if (false !== strpbrk($printed, '"\'\\{')) {
                return $this->bracket(implode(' + ', array_map($this->asText(...), $parts)), self::ADDED, $around);
            }
            $text .= '{'.$printed.'}';
        }

        return 'f"'.$text.'"';
    }

    private function asText(Expression $value): string
    {
        return StaticType::Text === $this->type($value) ? $this->expression($value, self::ADDED + 1) : 'str('.$this->expression($value).')';
    }

    protected function not(Unary $not, int $around): string
    {
        return $this->bracket('not '.$this->expression($not->operand, self::NOT), self::NOT, $around);
    }

    protected function random(RandomWhole $random): string
    {
        return $this->need('random').'.randint('.$this->whole($random->from).', '.$this->whole($random->to).')';
    }
}
