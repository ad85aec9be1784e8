<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/** Which functions of a program wait, by themselves or by calling one that does: JavaScript has to say `async` and `await` there. */
final class Waiting
{
    /** @var array<string, true> */
    public array $functions = [];
    /** @var array<string, true> those that say so themselves, whose promises the program awaits, or not */
    public array $promising = [];
    /** @var array<string, true> the names of methods of which one waits */
    private array $methods = [];

    public function __construct(Program $program)
    {
        foreach ($program->definitions() as $function) {
            if ($function->isAsync()) {
                $this->promising[$function->name] = true;
            }
        }
        do {
            $before = \count($this->functions);
            foreach ($program->definitions() as $function) {
                if (!isset($this->functions[$function->name]) && !isset($this->promising[$function->name]) && $this->waits($function->body->statements)) {
                    $this->functions[$function->name] = true;
                    if ('' !== $function->class()) {
                        $this->methods[$function->shortName()] = true;
                    }
                }
            }
        } while (\count($this->functions) > $before);
    }

    public function isAwaited(MethodCall $call): bool
    {
        return isset($this->methods[$call->method]);
    }

    /** @param list<Statement> $rows */
    public function waits(array $rows): bool
    {
        foreach (Walk::live($rows) as $row) {
            if ($row instanceof Command && Catalogue::get($row->command)->takesTime || $row instanceof OwnCall && isset($this->functions[$row->function])) {
                return true;
            }
            foreach ($row->blanks() as $value) {
                if ($this->isWithin($value)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether something is waited for to find a value. */
    public function isWithin(Expression $value): bool
    {
        foreach (Walk::expressions($value) as $part) {
            if ($part instanceof OwnValue && isset($this->functions[$part->function])
                || $part instanceof MethodCall && $this->isAwaited($part)
                || $part instanceof Operation && str_starts_with(ValueOperations::find($part->key)->spellings['javascript'][0] ?? '', 'await ')) {
                return true;
            }
        }

        return false;
    }
}
