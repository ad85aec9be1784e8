<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\Programs;

/** An edit of blocks is an edit of the typed text: what is taken away is gone from it, and nothing else is. */
#[Group('long')]
final class EditedTextTest extends TestCase
{
    #[DataProvider('programs')]
    public function testTheTextSaysWhatTheBlocksSay(Language $language, string $text): void
    {
        $program = $language->read($text, Program::empty())->program;
        foreach (Walk::statements($program->parts()) as $row) {
            // Without what a sign does to an object the row that has it says something else, which no compiler takes.
            $isSign = $row instanceof FunctionDefinition && str_contains($text, 'operator') && !str_contains($text, $row->shortName().'(') && ClassDefinition::MAKES !== $row->shortName();
            if ($row->id === $program->script->id || Language::Cpp === $language && $isSign) {
                continue;
            }
            try {
                $edited = (new Editor($program))->delete([$row->id])->program;
            } catch (Refusal) {
                continue;
            }
            $printed = $language->print($edited);
            $typed = $printed->text();
            $reading = $language->read($typed, Program::empty());
            if ([] === $reading->mistakes) {
                $wanted = self::kinds($edited);
                $found = self::kinds($reading->program);
                // A name that is set first where not all who use it know it is declared, with a value, above; bounds that are found once stand before their loop.
                $more = 1 + \count(array_filter($printed->lines, static fn (Line $line): bool => str_ends_with($line->anchor, ':before')));
                $found[SetVariable::class] -= min($more, max(0, $found[SetVariable::class] - $wanted[SetVariable::class]));
                // The parent's part of an object is made in C++ whether a row says so or not.
                if (Language::Cpp === $language && [] !== array_filter($edited->classes(), static fn (ClassDefinition $class): bool => '' !== $class->parent)) {
                    $found[OwnCall::class] = ($found[OwnCall::class] ?? 0) - min(1, max(0, ($found[OwnCall::class] ?? 0) - ($wanted[OwnCall::class] ?? 0)));
                    $wanted[OwnCall::class] ??= 0;
                    ksort($found);
                    ksort($wanted);
                }
                // A name that the language does without may be set for nothing now, where it has no text.
                $found[SetVariable::class] += min(self::unnamed($edited, $typed), max(0, $wanted[SetVariable::class] - $found[SetVariable::class]));
                self::assertSame($wanted, $found, "without row {$row->id}\n$typed");
            }
        }
        $this->addToAssertionCount(1);
    }

    /** How many rows set a name that was made for what a language says without one, such as that a loop was left. */
    private static function unnamed(Program $program, string $text): int
    {
        return \count(array_filter(Walk::statements($program->parts()), static fn (Statement $row): bool => $row instanceof SetVariable && 1 !== preg_match("/\\b$row->variable\\b/", $text)));
    }

    /** Whether a loop goes through its rows once, and is not left: it stands for a choice that was left from inside. */
    private static function isIdle(Statement $row): bool
    {
        return $row instanceof DoWhile && $row->condition instanceof TruthLiteral && !$row->condition->value && [] === array_filter(Walk::statements($row->body->statements), static fn (Statement $inner): bool => $inner instanceof BreakLoop);
    }

    /**
     * @return array<string, int> how many rows of each kind; loops are one kind, as one that no longer uses its counter repeats,
     *                            and so is all that sets something, as it is written in several ways; a lone `pass` is how an empty body is written
     */
    private static function kinds(Program $program): array
    {
        $kinds = [SetVariable::class => 0];
        $lone = [];
        foreach (Walk::statements($program->parts()) as $row) {
            foreach ($row->bodies() as $body) {
                $lone += 1 === \count($body->statements) ? [$body->statements[0]->id => true] : [];
            }
        }
        foreach (Walk::statements($program->parts()) as $row) {
            if (!self::isIdle($row) && !($row instanceof Pass && isset($lone[$row->id])) && !$row instanceof Comment && !$row instanceof Declaration && !$row instanceof ShareVariable && !$row instanceof Import && !$row instanceof GiveBack && $row->id !== $program->script->id) {
                $kind = match (true) {
                    $row instanceof Count, $row instanceof ForLoop, $row instanceof EachLoop => Repeat::class,
                    $row instanceof ChangeVariable, $row instanceof SetItem => SetVariable::class,
                    default => $row::class,
                };
                $kinds[$kind] = ($kinds[$kind] ?? 0) + 1;
            }
        }
        ksort($kinds);

        return $kinds;
    }

    /** @return array<string, array{Language, string}> */
    public static function programs(): array
    {
        return Programs::all() + Programs::only();
    }
}
