<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Conditional;

/** “Otherwise” is put between the rows of a branch only where nothing follows that branch. */
final class SplitBranchTest extends TestCase
{
    private const HEAD = "beds = 3\nif beds > 5:\n    print(\"many\")\n    print(\"beds\")\n";

    /** @return iterable<string, array{string, string, bool}> rows below, the body, and whether it may stand there */
    public static function places(): iterable
    {
        yield 'a branch alone' => ['', 'then0', true];
        yield 'above an otherwise' => ["else:\n    print(\"few\")\n", 'then0', false];
        yield 'above another condition' => ["elif beds > 1:\n    print(\"some\")\n    print(\"more\")\n", 'then0', false];
        yield 'below another condition' => ["elif beds > 1:\n    print(\"some\")\n    print(\"more\")\n", 'then1', true];
        yield 'between a condition and an otherwise' => ["elif beds > 1:\n    print(\"some\")\n    print(\"more\")\nelse:\n    print(\"few\")\n", 'then1', false];
    }

    #[DataProvider('places')]
    public function testOtherwiseStandsBehindTheLastBranchAlone(string $below, string $body, bool $may): void
    {
        $program = Language::Python->read(self::HEAD.$below)->program;
        $row = $program->script->body->statements[1];
        self::assertInstanceOf(Conditional::class, $row);
        $body = str_replace('then0', array_keys($row->bodies())[0], $body);
        $body = str_replace('then1', array_keys($row->bodies())[1] ?? $body, $body);
        try {
            $edited = (new Editor($program))->insert($row->id, $body, 1, 'otherwise')->program->script->body->statements[1];
            self::assertTrue($may);
            self::assertInstanceOf(Conditional::class, $edited);
            self::assertCount(1, $edited->otherwise->statements ?? []);
            self::assertCount(\count($row->branches), $edited->branches);
        } catch (Refusal $refusal) {
            self::assertSame('edit.has_otherwise', $refusal->key);
            self::assertFalse($may);
        }
    }
}
