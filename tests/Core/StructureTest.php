<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Words\Words;

/** What no compiler checks: the arrows between the parts, and that every sentence exists in every language. */
final class StructureTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Parts of core that may use each other; what is not named here may use Tree and Catalogue only. */
    private const ARROWS = [
        'Words' => ['Words'],
        'Tree' => ['Tree'],
        'Catalogue' => ['Catalogue', 'Tree', 'Words'],
        'Language' => ['Language', 'Tree', 'Catalogue', 'Words'],
        'Edit' => ['Edit', 'Tree', 'Catalogue', 'Language'],
        'Page' => ['Page', 'Tree', 'Catalogue', 'Language', 'Words'],
        'Run' => ['Run', 'Tree', 'Catalogue', 'Language', 'Scene'],
        'Scene' => ['Scene', 'Catalogue', 'Run', 'Tree'],
        'File' => ['File', 'Tree', 'Catalogue', 'Edit', 'Language', 'Scene'],
        'Compare' => ['Compare', 'Run', 'Tree', 'Language', 'Scene'],
        'Plain' => ['Plain', 'Tree', 'Catalogue', 'Language', 'Words'],
        'Completion' => ['Completion', 'Tree', 'Catalogue', 'Language', 'Words'],
        'Reference' => ['Reference', 'Plain', 'Tree', 'Catalogue', 'Language', 'Words'],
        'Phrasebook' => ['Phrasebook', 'Reference', 'Tree', 'Catalogue', 'Language', 'Words'],
        'Device' => ['Device', 'Tree', 'Catalogue', 'Language', 'Scene'],
        'Ladder' => ['Ladder', 'Page', 'Reference', 'Plain', 'Run', 'Scene', 'Tree', 'Catalogue', 'Language', 'Words'],
        'Print' => ['Print'],
        'Lesson' => ['Lesson', 'Ladder', 'File', 'Reference', 'Plain', 'Page', 'Run', 'Scene', 'Tree', 'Catalogue', 'Language', 'Words'],
        'Register' => ['Register', 'Ladder', 'Tree'],
        'Console' => ['Console', 'Print', 'Ladder', 'Catalogue', 'Device', 'Scene', 'Compare', 'Completion', 'File', 'Language', 'Page', 'Phrasebook', 'Plain', 'Reference', 'Run', 'Tree', 'Words'],
    ];

    public function testNoLineOfATemplateIsLongerThanAnybodyReads(): void
    {
        $lines = 0;
        $folder = \dirname(__DIR__, 2).'/templates';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            foreach (file((string) $file, \FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
                self::assertLessThanOrEqual(160, mb_strlen($line), $file.':'.($number + 1));
                ++$lines;
            }
        }
        self::assertGreaterThan(1000, $lines);
    }

    /** A parser or a printer that grows is taken apart by what it reads or writes. */
    public function testNoFileOfTheCoreHoldsEverything(): void
    {
        $seen = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.'/core', \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertLessThanOrEqual(1250, \count(file((string) $file) ?: []), (string) $file);
            ++$seen;
        }
        self::assertGreaterThan(400, $seen);
    }

    /** A name of C++ that is asked for by its word is one of those that are not read as plain names at once. */
    public function testEveryWordThatCppReadsInAWayOfItsOwnIsListed(): void
    {
        $parser = new \ReflectionClass(CppExpressions::class);
        $listed = $parser->getConstant('OWN_WORDS');
        self::assertIsArray($listed);
        $method = $parser->getMethod('namedByOwn');
        $lines = file((string) $parser->getFileName()) ?: [];
        $code = implode('', \array_slice($lines, $method->getStartLine() - 1, $method->getEndLine() - $method->getStartLine() + 1));
        preg_match_all('/\'(\w+)\' === \$(?:token->text|word)\b|in_array\(\$token->text, \[([^\]]*)\]|\$this->is\(\'(\w+)\'\)/', $code, $asked);
        $words = preg_split('/\W+/', implode(' ', array_merge(...\array_slice($asked, 1))), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        self::assertGreaterThan(25, \count($words));
        self::assertSame([], array_diff($words, array_keys($listed)));
    }

    public function testDependenciesPointOneWay(): void
    {
        $seen = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.'/core', \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $code = (string) file_get_contents($file->getPathname());
            $part = explode('/', str_replace(self::ROOT.'/core/', '', $file->getPathname()))[0];
            self::assertStringStartsWith("<?php\n\ndeclare(strict_types=1);\n", $code, $file->getPathname());
            self::assertDoesNotMatchRegularExpression('/(Symfony|Doctrine|Twig|Scrivlet\\\\App)\\\\/', $code, $file->getPathname());
            preg_match_all('/Scrivlet\\\\Core\\\\(\w+)\\\\\w+/', $code, $matches);
            foreach (array_unique($matches[1]) as $used) {
                if ('Refusal.php' !== $part) {
                    self::assertContains($used, self::ARROWS[$part], "$part uses $used in {$file->getFilename()}");
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(60, $seen);
    }

    public function testOnlyTheReaderOfBlanksIsSharedWithEditing(): void
    {
        foreach (glob(self::ROOT.'/core/Edit/*.php') ?: [] as $file) {
            preg_match_all('/use Scrivlet\\\\Core\\\\Language\\\\([\w\\\\]+);/', (string) file_get_contents($file), $matches);
            foreach ($matches[1] as $used) {
                self::assertMatchesRegularExpression('/^(Expression\\\\|Typing\\\\|Names$)/', $used, $file);
            }
        }
    }

    /** What differs between languages is a fact of their definitions; only what makes something of a language names it. */
    public function testNobodyAsksWhichLanguageItIs(): void
    {
        $asked = [];
        foreach (['core', 'src'] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT."/$folder", \FilesystemIterator::SKIP_DOTS)) as $file) {
                $path = substr((string) $file, \strlen(self::ROOT) + 1);
                if (1 === preg_match('~^core/Language/(?:Language\.php|Python/|JavaScript/|Cpp/)~', $path) || !str_ends_with($path, '.php')) {
                    continue;
                }
                foreach (file((string) $file) ?: [] as $number => $line) {
                    if (1 === preg_match('/[!=]== (?:Language::[A-Z]|\'(?:python|javascript|cpp)\')|(?:Language::(?:Python|JavaScript|Cpp)(?:->value)?|\'(?:python|javascript|cpp)\') (?:[!=]==|=> (?!new\b|\(array\)|[\[\'\d]))/', $line)) {
                        $asked[] = $path.':'.($number + 1).' '.trim($line);
                    }
                }
            }
        }
        self::assertSame([], $asked);
    }

    public function testEveryEntryOfTheCatalogueHasItsWordsInEveryLanguage(): void
    {
        $blanks = static function (string $words): array {
            preg_match_all('/\{\w+\}/', $words, $matches);
            sort($matches[0]);

            return $matches[0];
        };
        foreach (Catalogue::entries() as $key => $entry) {
            foreach (Words::locales() as $locale) {
                self::assertSame($blanks($entry->words('en')), $blanks($entry->words($locale)), "$key $locale");
                if (!$entry->value && !$entry->fromText) {
                    self::assertNotSame('', $entry->docs($locale), $key);
                }
            }
            foreach ($entry->fromText ? [] : $entry->slots as $slot) {
                self::assertContains("{{$slot->name}}", $blanks($entry->words('en')), $key);
            }
            foreach ($entry->slots as $slot) {
                foreach ($slot->choices as $choice) {
                    self::assertTrue(Words::in('en')->has("choice.$slot->name.".str_replace(' ', '_', $choice)), $choice);
                }
            }
        }
        foreach (ValueOperations::all() as $key => $operation) {
            self::assertTrue(Words::in('en')->has("operation.$key"));
        }
    }

    public function testEveryMessageExistsInEveryLanguage(): void
    {
        $english = Words::in('en')->messages;
        $gaps = static function (string $message): array {
            preg_match_all('/\{(\w+)[},]/', $message, $matches);
            $names = array_unique($matches[1]);
            sort($names);

            return $names;
        };
        foreach (Words::locales() as $locale) {
            self::assertSame(array_keys($english), array_keys(Words::in($locale)->messages), $locale);
            foreach (Words::in($locale)->messages as $key => $message) {
                if (!str_starts_with($key, 'operation.') && !str_starts_with($key, 'plain.operation.')) {
                    self::assertSame($message, (new \MessageFormatter($locale, $message))->getPattern(), "$locale $key");
                }
                self::assertSame($gaps($english[$key]), $gaps($message), "$locale $key");
            }
        }
        foreach (glob(self::ROOT.'/templates/{,*/}*.twig', \GLOB_BRACE) ?: [] as $file) {
            preg_match_all("/'([a-z_]+\\.[a-z_0-9.]+)'\\|trans/", (string) file_get_contents($file), $matches);
            foreach ($matches[1] as $key) {
                self::assertArrayHasKey($key, $english, $file);
            }
        }
    }

    /** No-break spaces stand where French sets them, so that no line begins with a colon. */
    public function testFrenchKeepsItsSignsTogether(): void
    {
        foreach (Words::in('fr')->messages as $key => $message) {
            self::assertDoesNotMatchRegularExpression('/« | »|[\p{L}\p{N}»] [;?!](?:\s|$)|[\p{L}\p{N}»] :(?:\s|$)/u', $message, $key);
        }
    }

    public function testEveryRefusalHasASentence(): void
    {
        $code = '';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.'/core', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $code .= file_get_contents((string) $file);
        }
        preg_match_all("/(?:Refusal|wrong)\\(\\s*'([a-z_.]+)'/", $code, $refusals);
        preg_match_all("/RunError(?:::class\\.\")?\\(\\\\?'([a-z_]+)/", $code, $errors);
        $keys = [...$refusals[1], ...array_map(static fn (string $kind): string => "run.$kind", $errors[1])];
        self::assertGreaterThan(50, \count($keys));
        foreach ($keys as $key) {
            self::assertArrayHasKey($key, Words::in('en')->messages);
        }
    }

    public function testTheLibrariesKnowTheSameInks(): void
    {
        foreach (['py', 'js', 'hpp'] as $ending) {
            $library = (string) file_get_contents(self::ROOT."/library/scrivlet.$ending");
            foreach (Ink::cases() as $ink) {
                self::assertMatchesRegularExpression("/\"?$ink->value\"?[:,] [(\\[]?\"{$ink->hex()}\", {$ink->hue()}\\b/", $library, "$ending $ink->value");
            }
        }
    }
}
