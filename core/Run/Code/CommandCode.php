<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Scene\Lantern\Lantern;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\NumberLiteral;

/** Commands of the scenes, and what waits for them. */
final class CommandCode
{
    public function __construct(private readonly Compiler $compiler)
    {
    }

    public function objects(): string
    {
        return implode('', array_map(static fn (string $object): string => "\$$object = \$this->stage->$object();\n", array_keys($this->compiler->objects)));
    }

    /** @param list<Expression> $values */
    public function command(Entry $entry, array $values): string
    {
        $arguments = [];
        foreach ($entry->slots as $index => $slot) {
            $value = $values[$index];
            $arguments[] = match ($slot->type) {
                SlotType::Colour => '$v->colour('.$this->compiler->expression($value).')',
                SlotType::Number => [] !== $slot->means ? '$v->numberOr('.$this->compiler->expression($value).', '.var_export($slot->means, true).')' : '(float) '.($value instanceof NumberLiteral ? '('.$this->compiler->expression($value).')' : '$v->number('.$this->compiler->expression($value).')'),
                SlotType::Handler => $this->compiler->expression($value),
                default => '$v->text('.$this->compiler->expression($value).')',
            };
        }
        foreach (Handler::EVENTS as [$command]) {
            if ($entry->key === $command) {
                return $this->registration($command, $arguments[0], $arguments[1]);
            }
        }
        $method = lcfirst(str_replace('_', '', ucwords($entry->method(), '_')));
        $object = $entry->object();

        return (null === $object ? '$this' : $this->object($object))."->$method(".implode(', ', $arguments).')';
    }

    public function object(string $object): string
    {
        // What belongs to another scene complains where it is called.
        if (SceneName::ofObject($object)?->value !== $this->compiler->program->setting->scene) {
            return "\$this->stage->$object()";
        }
        $this->compiler->objects[$object] = true;

        return "\$$object";
    }

    private function registration(string $command, string $what, string $handle): string
    {
        $checked = 'lantern.when_tapped' === $command ? '\\'.Lantern::class."::button($what)" : $what;
        $object = SceneName::ofCommand($command)?->object();

        return (null === $object ? '' : $this->object($object).'; ').'$this->on('.var_export("$command ", true).".$checked, $handle)";
    }

    public function handler(Handler $handler): string
    {
        $this->compiler->handlers[] = $handler;
        $index = \count($this->compiler->handlers) - 1;

        return $this->registration($handler->command(), '$v->text('.$this->compiler->expression($handler->what).')', "\$this->h$index(...)").";\n";
    }
}
