<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Expression\BlankContext;
use Scrivlet\Core\Language\Expression\ExpressionReader;
use Scrivlet\Core\Language\Expression\ExpressionSpelling;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Words\Words;
use Scrivlet\Tests\Support\ProgramGenerator;

final class BlanksTest extends TestCase
{
    private static function context(): BlankContext
    {
        $program = new Program([], new Script(1, new Block([
            new SetVariable(2, 'whole_a', new NumberLiteral(1)),
            new SetVariable(3, 'number_b', new NumberLiteral(0.5)),
            new SetVariable(4, 'text_c', new TextLiteral('')),
            new SetVariable(5, 'truth_d', new TruthLiteral(true)),
        ])), 6);

        return BlankContext::of($program, $program->script, Types::of($program));
    }

    public function testWhatIsSpelledReadsBackAsTheSame(): void
    {
        $context = self::context();
        for ($seed = 1; $seed <= 3000; ++$seed) {
            foreach (['whole', 'number', 'text', 'truth'] as $kind) {
                $expression = (new ProgramGenerator($seed))->expression($kind, $seed % 5);
                foreach (Words::locales() as $locale) {
                    $spelled = ExpressionSpelling::of($expression, $locale);
                    self::assertEquals($expression, ExpressionReader::read($spelled, $context), $spelled);
                }
            }
        }
    }

    /** @return iterable<array{string, string}> */
    public static function mistakes(): iterable
    {
        yield ['', 'blank.empty'];
        yield ['   ', 'blank.empty'];
        yield ['1 +', 'blank.ends'];
        yield ['(1', 'blank.bracket'];
        yield ['1)', 'blank.bracket'];
        yield ['"open', 'blank.quote'];
        yield ['1 ? 2', 'blank.sign'];
        yield ['* 2', 'blank.sign'];
        yield ['whole_b', 'blank.unknown_near'];
        yield ['zebra', 'blank.unknown'];
        yield ['random(1)', 'blank.arguments'];
        yield ['1e309', 'blank.large'];
        yield [str_repeat('9', 400), 'blank.large'];
        yield [str_repeat('a', 20001), 'blank.long'];
        yield [str_repeat('(', 500).'1', 'blank.deep'];
        yield [str_repeat('1+', 1001).'1', 'blank.deep'];
        yield [str_repeat('-', 500).'1', 'blank.deep'];
        yield [str_repeat('not ', 400).'true', 'blank.deep'];
        yield ['🌻', 'blank.sign'];
        yield ["\xff", 'blank.sign'];
    }

    #[DataProvider('mistakes')]
    public function testAMistakeIsNamed(string $source, string $key): void
    {
        try {
            ExpressionReader::read($source, self::context());
            self::fail('It was read.');
        } catch (Refusal $refusal) {
            self::assertSame($key, $refusal->key);
        }
    }

    public function testWordsThatAreNoExpressionAreTextsWhereAnyValueMayStand(): void
    {
        foreach (['planted', 'well done!', "l'été", '3 beds', 'a (b'] as $words) {
            self::assertEquals(new TextLiteral($words), ExpressionReader::readAny($words, self::context()));
        }
        self::assertEquals(new NumberLiteral(-7), ExpressionReader::readAny('-7', self::context()));
        $this->expectException(Refusal::class);
        ExpressionReader::readAny('zebra * 2', self::context());
    }

    public function testSignsOfAllLanguagesAreTaken(): void
    {
        $same = [['1 ÷ 2', '1 / 2'], ['1 × 2', '1 * 2'], ['2 ^ 3', '2 ** 3'], ['1 == 2', '1 = 2'], ['1 <> 2', '1 != 2'], ['1 < 2 && !truth_d', '1 < 2 et non truth_d'], ['vrai', 'True'], ['text_c + 1', 'text_c & 1'], ['hasard(1, 2)', 'random(1, 2)']];
        foreach ($same as [$one, $other]) {
            self::assertEquals(ExpressionReader::read($one, self::context()), ExpressionReader::read($other, self::context()), $one);
        }
    }
}
