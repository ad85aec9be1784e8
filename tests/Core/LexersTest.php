<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;

final class LexersTest extends TestCase
{
    private const CASES = 6000;

    /** Whatever the text: the tokens are the text, byte for byte. */
    private static function whole(Language $language, string $text): void
    {
        $together = '';
        foreach ($language->tokens($text) as $token) {
            self::assertSame(\strlen($together), $token->offset);
            self::assertNotSame('', $token->text);
            $together .= $token->text;
        }
        self::assertSame($text, $together);
    }

    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testPrintedTextHasNothingUnread(Language $language): void
    {
        $programs = Demos::programs();
        for ($seed = 1; $seed <= 100; ++$seed) {
            $programs[] = (new ProgramGenerator($seed))->program();
        }
        foreach ($programs as $program) {
            $text = $language->print($program)->text();
            self::whole($language, $text);
            $unread = array_filter($language->tokens($text), static fn (Token $token): bool => TokenKind::Unread === $token->kind);
            self::assertSame([], $unread);
        }
    }

    #[DataProvider('languages')]
    public function testNoByteIsLostOfAnyText(Language $language): void
    {
        $texts = array_values(array_map(static fn ($program): string => $language->print($program)->text(), Demos::programs()));
        $random = new Randomizer(new Mt19937(11));
        $pieces = ['"', "'", '`', '"""', "'''", '${', '}', '{', '\\', '\\"', "\r", "\r\n", "\n", '/*', '*/', '//', '#', '# include', 'f"', 'u8"', "\xff", "\xe2\x80", "\0", '🌻', '0x', '1e', "1'", '...', '=>', "\t", "\u{2028}"];
        for ($case = 0; $case < self::CASES; ++$case) {
            $text = $texts[$case % \count($texts)];
            for ($changes = $random->getInt(1, 4); $changes > 0; --$changes) {
                $at = $random->getInt(0, \strlen($text));
                $text = match ($random->getInt(1, 4)) {
                    1 => substr($text, 0, $at),
                    2 => substr_replace($text, $pieces[$random->getInt(0, \count($pieces) - 1)], $at, 0),
                    3 => substr_replace($text, '', $at, $random->getInt(1, 30)),
                    default => substr_replace($text, $random->getBytes(2), $at, 2),
                };
            }
            self::whole($language, $text);
        }
    }

    #[DataProvider('languages')]
    public function testMuchOfOneSignIsCutInTime(Language $language): void
    {
        foreach (['`', '${', '`${', '"', "'", '\\', '/*', '"""', '(', '#', "\\\n", 'a', '9', '1_', '.', "\r", "\xff", '{', '/'] as $sign) {
            self::whole($language, str_repeat($sign, 20000));
        }
    }

    /** @return iterable<string, array{Language, string, list<string>}> */
    public static function lines(): iterable
    {
        yield 'Python' => [Language::Python, "if size >= 1_0.5e3: # big\n\tprint(f'{x}', \"\"\"a\n\"b\"\"\")", ['keyword if', 'name size', 'sign >=', 'number 1_0.5e3', 'sign :', 'comment # big', "newline \n", 'name print', 'sign (', "text f'{x}'", 'sign ,', "text \"\"\"a\n\"b\"\"\"", 'sign )']];
        yield 'Python, an open quote' => [Language::Python, "a = 'bed\nb", ['name a', 'sign =', "text 'bed", "newline \n", 'name b']];
        yield 'JavaScript' => [Language::JavaScript, 'const $a = `x ${ {b: `}`} } y` ?? 1n; /* c', ['keyword const', 'name $a', 'sign =', 'text `x ${ {b: `}`} } y`', 'sign ??', 'number 1n', 'sign ;', 'comment /* c']];
        yield 'JavaScript, arrows' => [Language::JavaScript, 'bed=>bed!==x.y**2', ['name bed', 'sign =>', 'name bed', 'sign !==', 'name x', 'sign .', 'name y', 'sign **', 'number 2']];
        yield 'C++' => [Language::Cpp, "#include <x> // y\nint n = 1'000u; cout << 'a' << L\"b\";", ['directive #include <x> ', 'comment // y', "newline \n", 'keyword int', 'name n', 'sign =', "number 1'000u", 'sign ;', 'name cout', 'sign <<', "text 'a'", 'sign <<', 'text L"b"', 'sign ;']];
        yield 'C++, a comment that goes on' => [Language::Cpp, "// bed \\\nstill\nint", ["comment // bed \\\nstill", "newline \n", 'keyword int']];
        yield 'a sign of no language' => [Language::Python, 'a $ b', ['name a', 'unread $', 'name b']];
    }

    /** @param list<string> $expected kinds and texts, spaces left out */
    #[DataProvider('lines')]
    public function testTokensAreWhatTheLanguageSays(Language $language, string $text, array $expected): void
    {
        $tokens = array_filter($language->tokens($text), static fn (Token $token): bool => TokenKind::Space !== $token->kind);
        self::assertSame($expected, array_values(array_map(static fn (Token $token): string => $token->kind->value.' '.$token->text, $tokens)));
    }

    public function testLinesAreColoured(): void
    {
        self::assertSame([['k', 'for'], ['', ' '], ['v', 'turn'], ['', ' '], ['k', 'in'], ['', ' '], ['f', 'range'], ['', '('], ['n', '4'], ['', '):']], (new Highlighter(Language::Python))->tokens('for turn in range(4):'));
        self::assertSame([['', '    nib.'], ['f', 'ink'], ['', '('], ['s', '"plum"'], ['', ');']], (new Highlighter(Language::JavaScript))->tokens('    nib.ink("plum");'));
        self::assertSame([['k', '#include'], ['s', ' "scrivlet.hpp"']], (new Highlighter(Language::Cpp))->tokens('#include "scrivlet.hpp"'));
    }
}
