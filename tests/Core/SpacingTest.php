<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\Spacing;

/** Blanks, empty lines, ends of lines, remarks and where braces stand are a matter of taste: they change nothing. */
#[Group('long')]
final class SpacingTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function ways(): array
    {
        return array_combine($names = array_keys(Spacing::ways()), array_map(static fn (string $name): array => [$name], $names));
    }

    /** @var array<string, array{list<string>, string}> kinds of mistakes and shape of each program as it was written */
    private static array $plain = [];

    /** @return array{list<string>, string} */
    private static function read(Language $language, string $text): array
    {
        $reading = $language->read($text);

        return [array_column($reading->mistakes, 'kind'), self::shape($reading->program)];
    }

    #[DataProvider('ways')]
    public function testSpacingChangesNothing(string $way): void
    {
        $changed = 0;
        foreach (Programs::all() + Programs::only() as $name => [$language, $text]) {
            $other = Spacing::ways()[$way]($language, $text);
            if ($other === $text) {
                continue;
            }
            $spaced = $language->read($other);
            [$kinds, $shape] = self::$plain[$name] ??= self::read($language, $text);
            self::assertSame($kinds, array_column($spaced->mistakes, 'kind'), "$name\n$other");
            self::assertSame($shape, self::shape($spaced->program), "$name\n$other");
            self::assertSame($other, $language->print($spaced->program)->text(), $name);
            ++$changed;
        }
        self::assertGreaterThan(40, $changed);
    }

    public function testTheLexersKnowNoOtherSpaceThanTheirLanguages(): void
    {
        foreach (Language::cases() as $language) {
            foreach ([" \n", "\t\r\n", "\f\r", "\v\n"] as $text) {
                $kinds = array_map(static fn ($token): TokenKind => $token->kind, $language->tokens($text));
                self::assertSame([TokenKind::Space, TokenKind::NewLine], $kinds, $language->value.' '.json_encode($text));
            }
        }
    }

    /** The tree without ids, remarks, and what only brings libraries in. */
    private static function shape(Program $program): string
    {
        $data = json_decode(ProjectWriter::kept(new Program($program->functions, $program->script, 1, $program->below)), true, 4096);
        $strip = static function (mixed $value) use (&$strip): mixed {
            if (!\is_array($value)) {
                return $value;
            }
            unset($value['id']);
            if (array_is_list($value)) {
                $value = array_values(array_filter($value, static fn (mixed $row): bool => !\is_array($row) || !\in_array($row['row'] ?? null, ['comment', 'import', 'pass'], true)));
            }

            $value = array_map($strip, $value);
            if ([] === ($value['below'] ?? null)) {
                unset($value['below']);
            }

            return $value;
        };

        return (string) json_encode($strip($data), \JSON_PRETTY_PRINT | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
