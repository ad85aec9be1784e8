<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Absent;
use Scrivlet\Core\Run\AnswerWanted;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\StepLimitReached;
use Scrivlet\Core\Run\TimeLimitReached;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What may fail, and what catches it. */
final class AttemptCode
{
    public function __construct(private readonly Compiler $compiler)
    {
    }

    /**
     * What failed is caught where the real machine would catch it, too; what ends a run passes through, and starts nothing
     * that runs in any case.
     */
    public function attempt(Attempt $attempt): string
    {
        [$failed, $through, $done] = [$this->compiler->temporary(), $this->compiler->temporary(), $this->compiler->temporary()];
        $code = $this->compiler->step($attempt)."{$done} = false; $through = false;\ntry {\ntry {\n".$this->compiler->perhaps($attempt->body)."$done = true;\n} catch (".RunError::class." $failed) {\n{$failed}->row ??= \$r;\n";
        $code .= "if (!\$this->mayCatch($failed)) { throw $failed; }\n";
        foreach ($attempt->rescues as $index => $rescue) {
            $kinds = implode(', ', array_map(static fn (FailureKind|string $kind): string => $kind instanceof FailureKind ? '\\'.FailureKind::class."::$kind->name" : var_export($kind, true), $rescue->kinds));
            $code .= "if (\$this->catches($failed, [$kinds])) {\n".$this->compiler->step($attempt, Attempt::bodyName($index));
            $code .= $this->compiler->places->perhaps(function () use ($rescue, $failed): string {
                $this->compiler->caught[] = $failed;
                $assign = '' === $rescue->name || !$rescue->takesObjects() && !self::saysItself($rescue) ? '' : $this->compiler->assignmentCode->assign($rescue->name, $rescue->takesObjects() ? "{$failed}->object" : "\$this->says($failed)");
                $rows = $assign.$this->compiler->block($rescue->body);
                array_pop($this->compiler->caught);
                // Python takes the name away again (The Python Language Reference, 8.4.1).
                $ended = '' !== $rescue->name && $this->compiler->facts->forgetsFailures ? $this->compiler->variable($rescue->name).' = \\'.Absent::class."::Value;\n" : '';

                return $rows.$ended;
            })."} else\n";
        }
        $code .= "{ throw $failed; }\n}\n";
        if (null !== $attempt->otherwise) {
            $code .= "if ($done) {\n".$this->compiler->perhaps($attempt->otherwise)."}\n";
        }
        if (null === $attempt->finally) {
            return $code."} finally {}\n";
        }

        return $code.'} catch ('.StepLimitReached::class.'|'.TimeLimitReached::class.'|'.AnswerWanted::class." \$e) { $through = true; throw \$e; }\n"
            ."finally {\nif (!$through) {\n".$this->compiler->perhaps($attempt->finally)."}\n}\n";
    }

    /** Whether the rows of a rescue ask for what the failure says, and not only what it is called or keeps. */
    private static function saysItself(Rescue $rescue): bool
    {
        $reads = 0;
        foreach (Walk::statements($rescue->body->statements) as $row) {
            if (\in_array($rescue->name, $row->assigned(), true) || $row instanceof FunctionDefinition) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $part) {
                $reads += match (true) {
                    $part instanceof VariableRead && $part->name === $rescue->name => 1,
                    $part instanceof Operation && str_starts_with($part->key->value, 'failure_') && OperationKey::FailureText !== $part->key && $part->arguments[0] == new VariableRead($rescue->name) => -1,
                    default => 0,
                };
            }
        }

        return 0 < $reads;
    }
}
