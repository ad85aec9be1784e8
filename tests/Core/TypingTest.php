<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Console\Console;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\Declarations;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\ProgramGenerator;

/** What is known of names and values before a program runs holds for every value that it has when it runs. */
final class TypingTest extends TestCase
{
    public function testTheTypesFormALattice(): void
    {
        $plain = array_map(StaticType::of(...), TypeKind::cases());
        $plain = array_values(array_filter($plain, static fn (StaticType $type): bool => !$type->isList() && !$type->isMap()));
        $types = [...$plain, StaticType::text()->join(StaticType::natural()), StaticType::listOf(StaticType::natural()), StaticType::listOf(StaticType::text()), StaticType::listOf(StaticType::listOf(StaticType::number())), StaticType::mapOf(StaticType::text(), StaticType::whole()), StaticType::mapOf(StaticType::natural(), StaticType::letter())];
        foreach ($types as $a) {
            self::assertSame($a, $a->join($a));
            self::assertSame($a, $a->join(StaticType::unknown()));
            self::assertSame(StaticType::mixed(), $a->join(StaticType::mixed()));
            foreach ($types as $b) {
                self::assertSame($a->join($b), $b->join($a), "$a, $b");
                self::assertSame($a->join($b), $a->join($a->join($b)));
                foreach ($types as $c) {
                    self::assertSame($a->join($b)->join($c), $a->join($b->join($c)), "$a, $b, $c");
                }
            }
        }
        self::assertSame(StaticType::whole(), StaticType::natural()->join(StaticType::whole()));
        $scalars = StaticType::text()->join(StaticType::natural());
        self::assertTrue($scalars->isMixed() && $scalars->isScalar);
        self::assertSame(StaticType::mixed(), $scalars->join(StaticType::listOf(StaticType::natural())));
    }

    public function testEveryValueOfARunFitsItsType(): void
    {
        $seen = 0;
        for ($seed = 1; $seed <= 200; ++$seed) {
            $program = (new ProgramGenerator($seed))->program();
            $analysis = new Analysis($program);
            $types = $analysis->types();
            $outcome = Runner::run($analysis, Language::Python, $seed);
            foreach (array_chunk($outcome->trace->changes, 3) as [, $slot, $value]) {
                $variable = $outcome->variables[(int) $slot];
                $part = null === $variable['function'] ? $program->script : $program->functionNamed($variable['function']);
                \assert(null !== $part);
                $type = $types->variable($part, $variable['name']);
                $fits = match ($type) {
                    StaticType::natural() => \is_int($value) && $value >= 0,
                    StaticType::whole() => \is_int($value),
                    StaticType::number() => \is_int($value) || \is_float($value),
                    StaticType::truth() => \is_bool($value),
                    StaticType::text() => \is_string($value),
                    StaticType::mixed() => true,
                    default => false,
                };
                self::assertTrue($fits, "seed $seed: {$variable['name']} is $type and got ".var_export($value, true));
                ++$seen;
            }
        }
        self::assertGreaterThan(1000, $seen);
    }

    /** A text that no compiler takes is not given: it is said what C++ has no type for. */
    public function testWhatHasNoTypeInCppIsRefusedInWords(): void
    {
        $folder = sys_get_temp_dir().'/scrivlet-typing-'.getmypid();
        mkdir($folder);
        $said = '';
        $console = new Console(static function (string $text) use (&$said): void { $said .= $text; }, static function (string $text) use (&$said): void { $said .= "! $text"; }, static fn (): string => '');
        $texts = [
            "plant = {\"name\": \"bean\", \"height\": 12}\nprint(plant[\"name\"])\n" => 'plant',
            "rows = [(\"pea\", 1.5), (\"kale\", 2)]\nfor name, price in rows:\n    print(name)\n" => 'rows',
            "def both(a, b):\n    return a + b\n\n\nprint(both(1, 2))\nprint(both(\"a\", \"b\"))\n" => 'a, b',
            "beds = []\nbeds.append(3)\nprint(beds)\n" => null,
        ];
        foreach ($texts as $text => $names) {
            file_put_contents("$folder/one.py", $text);
            $said = '';
            self::assertSame(null === $names ? 0 : 2, $console->run(['translate', "$folder/one.py", '--to=cpp']), $said);
            self::assertStringContainsString($names ?? 'int main()', $said);
            self::assertSame(null === $names, !str_starts_with($said, '!'));
            self::assertSame(0, $console->run(['translate', "$folder/one.py", '--to=javascript']));
        }
        unlink("$folder/one.py");
        rmdir($folder);
    }

    public function testEveryVariableIsDeclaredOnce(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            $program = (new ProgramGenerator($seed))->program();
            $scopes = Scopes::of($program);
            foreach ($program->scopes() as $part) {
                $declarations = new Declarations($part, $scopes, []);
                $declared = [];
                foreach (Walk::live([$part]) as $statement) {
                    if ($declarations->isAt($statement)) {
                        $declared[] = (string) $statement->assigns();
                    }
                    $declared = [...$declared, ...$declarations->before($statement)];
                }
                $expected = array_filter($scopes->ownVariables($part), static fn (string $name): bool => !$declarations->isInHeader($name) && Scopes::assignsWithin($part, $name));
                if ($part instanceof FunctionDefinition) {
                    $expected = array_diff($expected, $part->parameters);
                }
                sort($declared);
                sort($expected);
                self::assertSame($expected, $declared, "seed $seed");
            }
        }
    }

    public function testNamesAreCheckedForAllThreeLanguages(): void
    {
        foreach (['size', 'été', 'bed_2', 'Größe', 'x'] as $name) {
            self::assertSame($name, Names::check($name));
        }
        $wrong = ['' => 'name.empty', '2beds' => 'name.letters', 'two beds' => 'name.letters', 'bed-2' => 'name.letters', "e\u{301}t" => 'name.letters', '🌻' => 'name.letters', 'class' => 'name.taken', 'int' => 'name.taken', 'let' => 'name.taken', 'nib' => 'name.taken', '_x' => 'name.taken', 'a__b' => 'name.taken', str_repeat('a', 201) => 'name.long'];
        foreach ($wrong as $name => $key) {
            try {
                Names::check((string) $name);
                self::fail("$name was taken");
            } catch (Refusal $refusal) {
                self::assertSame($key, $refusal->key, (string) $name);
            }
        }
        $define = (new Editor(Program::empty()))->insert(0, 'functions', 0, 'define')->program;
        $set = (new Editor($define))->insert(1, 'body', 0, 'set')->program;
        $variable = $set->script->body->statements[0]->id;
        $local = (new Editor($set))->fill($variable, 'variable', 'time')->program;
        self::assertStringContainsString('int time = 0;', Language::Cpp->print($local)->text(), 'inside of main it is free');
        foreach ([static fn () => (new Editor($define))->fill($define->functions[0]->id, 'name', 'log'), static function () use ($local): void {
            $reached = (new Editor($local))->insert($local->functions[0]->id, 'body', 0, 'print');
            (new Editor($reached->program))->fill($reached->rows[0], 'value', 'time');
        }] as $outside) {
            try {
                $outside();
                self::fail('It was taken.');
            } catch (Refusal $refusal) {
                self::assertSame('name.taken', $refusal->key);
            }
        }
        self::assertSame('petals', Names::nearest('petlas', ['size', 'petals']));
        self::assertNull(Names::nearest('zebra', ['size', 'petals']));
    }
}
