<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** From a seed on, chance gives here what it gives on the real machine. */
final class ChanceTest extends TestCase
{
    private const SEEDS = 40;

    #[Group('long')]
    public function testPythonsChanceFromASeedOn(): void
    {
        $texts = [];
        foreach (self::seeds() as $seed) {
            [$few, $many, $step] = [random_int(1, 8), random_int(9, 400), random_int(1, 9)];
            $text = 0 === $seed % 3 ? '"bed '.$seed.'"' : (0 === $seed % 5 ? (string) $seed.'1234567890123456789' : (string) $seed);
            $texts["python $seed"] = [<<<PYTHON
                import random
                random.seed($text)
                print([random.randint(1, $many) for _ in range(8)], random.randrange($many), random.randrange(2, $many, $step))
                print(random.random(), random.uniform(-2, $few))
                beds = list(range($many))
                random.shuffle(beds)
                print(beds[:10], random.choice(beds), random.choice("garden"))
                print(random.sample(beds, $few), random.sample(range($many * 50), $few), random.choices(["pea", "bean", "leek"], k=$few))

                PYTHON, ''];
        }
        $this->compare(Language::Python, $texts);
    }

    #[Group('long')]
    public function testRandOfCppFromASeedOn(): void
    {
        $texts = [];
        foreach (self::seeds() as $seed) {
            $many = random_int(2, 1_000_000);
            $texts["cpp $seed"] = [<<<CPP
                #include <cstdlib>
                #include <iostream>
                using namespace std;
                int main() {
                    srand($seed);
                    for (int i = 0; i < 40; i++) {
                        cout << rand() % $many << " " << rand() % 6 + 1 << endl;
                    }
                }

                CPP, ''];
        }
        $this->compare(Language::Cpp, $texts);
    }

    /** @return list<int> */
    private static function seeds(): array
    {
        return [0, 1, ...array_map(static fn (): int => random_int(2, 2 ** 31 - 1), range(1, self::SEEDS))];
    }

    /** @param array<string, array{string, string}> $texts with their answers, none */
    private function compare(Language $language, array $texts): void
    {
        $there = RealMachines::texts($texts, $language, 1);
        foreach ($texts as $name => [$text]) {
            $reading = $language->read($text);
            self::assertSame([], $reading->mistakes, $text);
            $here = Runner::run($reading->program, $language, 1, new Limits(steps: Limits::UNTRACED), false)->trace->printout();
            self::assertNotSame('', $here);
            self::assertSame($there[$name]['printed'], $here, $text);
        }
    }
}
