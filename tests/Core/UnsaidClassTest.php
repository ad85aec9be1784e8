<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\Strangers;

/** Texts that leave a class unsaid, as `int* kept = new int(8)` does: as typed, or printed in full, and never half of each. */
final class UnsaidClassTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (['cells', 'cells-given', 'cells-of-all-sorts', 'cells-reckoned-with'] as $name) {
            yield $name => [(string) file_get_contents(\dirname(__DIR__)."/strangers/twentysecond/$name.cpp")];
        }
    }

    #[DataProvider('files')]
    public function testWhatIsWrappedIsStillTheProgram(string $text): void
    {
        $read = Language::Cpp->read($text);
        self::assertSame([], $read->mistakes);
        self::assertSame($text, Language::Cpp->print($read->program)->text());
        $shown = Strangers::there(Language::Cpp, $text, '');
        self::assertNotSame('', $shown);
        $rows = $read->program->script->body->statements;
        $wrapped = (new Editor($read->program))->wrap([$rows[\count($rows) - 1]->id], 'if')->program;
        self::assertSame($shown, Strangers::there(Language::Cpp, Language::Cpp->print($wrapped)->text(), ''));
    }

    public function testWhatIsMovedStaysAsItWasTyped(): void
    {
        $text = "#include <iostream>\nusing namespace std;\nint main() {\n    int* kept = new int(8);\n    cout << *kept;\n    cout << 1;\n}\n";
        $program = Language::Cpp->read($text)->program;
        $rows = $program->script->body->statements;
        self::assertSame(str_replace("    cout << *kept;\n    cout << 1;\n", "    cout << 1;\n    cout << *kept;\n", $text), Language::Cpp->print((new Editor($program))->move([$rows[2]->id], $program->script->id, 'body', 1)->program)->text());
    }

    public function testPointersToNamedValuesStayWhatTheyAre(): void
    {
        $program = Language::Cpp->read("#include <iostream>\nusing namespace std;\nint main() {\n    int x = 3;\n    int* p = &x;\n    *p = 4;\n    cout << x;\n}\n")->program;
        self::assertSame([], $program->functions);
    }
}
