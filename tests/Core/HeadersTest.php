<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Tests\Support\RealMachines;

/** What stands at the top of a printed text of C++. */
final class HeadersTest extends TestCase
{
    /** @return iterable<string, array{Language, string, list<string>}> */
    public static function tops(): iterable
    {
        yield 'what shows nothing of the library but what it shows with' => [Language::Python, "print(1)\n", ['#include <iostream>', 'using namespace std;']];
        yield 'a header for each thing' => [Language::Python, "beds = [3, 1]\nbeds.sort()\nname = \"fern\"\nprint(name, beds[0], max(1, 2, 3))\n", ['#include <iostream>', '#include <string>', '#include <vector>', '#include <algorithm>', 'using namespace std;']];
        yield 'what our library has alone' => [Language::Python, "print([1, 2])\n", ['#include "scrivlet.hpp"']];
        yield 'a thing that moves' => [Language::Python, "from scrivlet import nib\nnib.forward(10)\n", ['#include "scrivlet.hpp"']];
        yield 'what a text says brings in nothing' => [Language::Python, "print(\"vector map\")\n# list\n", ['#include <iostream>', 'using namespace std;']];
        yield 'what a variable is called brings in nothing' => [Language::JavaScript, "let queue = 3;\nconsole.log(queue);\n", ['#include <iostream>', 'using namespace std;']];
        yield 'a function of the program hides one of the library' => [Language::Python, "def accumulate(bed):\n    return bed + 1\n\n\nprint(accumulate(2))\n", ['#include <iostream>', 'using std::cout;', 'using std::endl;']];
    }

    /** @param list<string> $top */
    #[DataProvider('tops')]
    public function testTheTopBringsInWhatIsUsed(Language $language, string $text, array $top): void
    {
        $printed = Language::Cpp->print($language->read($text)->program)->text();
        self::assertSame($top, explode("\n", strstr($printed, "\n\n", true) ?: ''));
    }

    public function testAProgramThatIsStillToBeWrittenHasTheThingOfItsScene(): void
    {
        foreach (['sheet' => '#include "scrivlet.hpp"', 'printout' => "#include <iostream>\nusing namespace std;"] as $scene => $top) {
            self::assertStringStartsWith("$top\n\nint main() {", Language::Cpp->print(Program::empty()->withSetting(new Setting($scene)))->text());
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function rows(): iterable
    {
        yield 'one that moves the pen' => ['sheet', 'nib.forward', '#include "scrivlet.hpp"'];
        yield 'one that shows' => ['printout', 'print', '#include <iostream>'];
    }

    #[DataProvider('rows')]
    public function testARowThatIsAddedToATypedTextBringsInWhatItNeeds(string $scene, string $entry, string $wanted): void
    {
        $typed = "int main() {\n    int beds = 3;\n}\n";
        $program = Language::Cpp->read($typed)->program->withSetting(new Setting($scene));
        self::assertSame($typed, Language::Cpp->print($program)->text());
        $edited = (new Editor($program))->insert($program->script->id, 'body', 1, $entry)->program;
        self::assertStringStartsWith("$wanted\n", Language::Cpp->print($edited)->text());
        self::assertSame([], Language::Cpp->read(Language::Cpp->print($edited)->text())->mistakes);
    }

    /** The compiler is the judge: each alone, without our library beside it. */
    #[Group('body')]
    public function testTheStandardHeadersAreEnough(): void
    {
        $alone = 0;
        foreach ([...glob(__DIR__.'/../programs/*.py') ?: [], ...glob(__DIR__.'/../programs/*.js') ?: []] as $file) {
            $language = str_ends_with($file, '.py') ? Language::Python : Language::JavaScript;
            $reading = $language->read((string) file_get_contents($file));
            $printed = [] === $reading->mistakes ? Language::Cpp->print($reading->program)->text() : '"scrivlet.hpp"';
            if (!str_contains($printed, '"scrivlet.hpp"')) {
                self::assertSame('', RealMachines::refuses($printed, Language::Cpp), $file);
                ++$alone;
            }
        }
        self::assertGreaterThan(30, $alone);
    }
}
