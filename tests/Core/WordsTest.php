<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Words\Words;

final class WordsTest extends TestCase
{
    /** A made-up language: every message as in English, between angle quotes and in capitals but for its gaps. */
    public function testAFurtherLanguageIsAFolder(): void
    {
        $folder = sys_get_temp_dir().'/scrivlet-words-'.getmypid();
        mkdir("$folder/qq", 0777, true);
        $messages = ['locale.name' => 'Hedgerow', 'sign_in.title' => 'Rustle in', 'row.nib.forward' => 'rustle {steps} on', 'ink.moss' => 'mossle', 'mistake.renamed' => '{name}, in {line}: {near}!'];
        file_put_contents("$folder/qq/all.php", "<?php\n\nreturn ".var_export($messages, true).';');
        $script = <<<'PHP'
            require $argv[1].'/vendor/autoload.php';
            use Scrivlet\Core\Words\Words;
            $kernel = new Scrivlet\App\Kernel('test', false);
            $request = Symfony\Component\HttpFoundation\Request::create('/sign-in', cookies: ['scrivlet_locale' => 'qq']);
            echo json_encode([
                Words::locales(),
                Scrivlet\Core\Catalogue\Catalogue::get('nib.forward')->words('qq'),
                Scrivlet\Core\Catalogue\Ink::canonical('Mossle'),
                Words::in('qq')->say('mistake.renamed', ['name' => 'a', 'line' => 1200, 'near' => 'b']),
                Words::in('qq')->say('blank.arguments', ['name' => 'petal', 'wanted' => 1, 'given' => 2]),
                $kernel->handle($request)->getContent(),
            ]);
            PHP;
        $process = proc_open([\PHP_BINARY, '-r', $script, '--', \dirname(__DIR__, 2)], [1 => ['pipe', 'w'], 2 => ['file', "$folder/trouble", 'w']], $pipes, null, ['SCRIVLET_WORDS' => $folder, 'SCRIVLET_VAR' => "$folder/var", 'APP_SECRET' => 'only for tests', 'DATABASE_URL' => 'mysql://nobody@127.0.0.1:1/none', 'PATH' => (string) getenv('PATH')]);
        \assert(false !== $process);
        $said = json_decode((string) stream_get_contents($pipes[1]), true);
        $trouble = (string) file_get_contents("$folder/trouble");
        proc_close($process);
        exec('rm -rf '.escapeshellarg($folder));
        self::assertIsArray($said, $trouble);
        [$locales, $phrase, $ink, $renamed, $plural, $page] = $said;
        self::assertSame(['en', 'fr', 'qq'], $locales);
        self::assertSame('rustle {steps} on', $phrase);
        self::assertSame('moss', $ink);
        self::assertSame('a, in 1200: b!', $renamed, 'a line is no thousand');
        self::assertSame('petal wants 1 value, but there are 2. Add or take away some between its brackets.', $plural, 'what it lacks is said in English');
        self::assertIsString($page);
        self::assertStringContainsString('Rustle in', $page);
        self::assertStringContainsString('Hedgerow', $page, 'it can be chosen');
        self::assertStringContainsString('<html lang="qq"', $page);
    }

    /** A gap that nothing fills would stand on the screen in its braces. */
    public function testWhatStopsARunFillsEveryGapOfItsSentence(): void
    {
        $sentences = require \dirname(__DIR__, 2).'/words/en/sentences.php';
        self::assertIsArray($sentences);
        $seen = 0;
        foreach (glob(\dirname(__DIR__, 2).'/core/Run/{,*/}*.php', \GLOB_BRACE) ?: [] as $file) {
            preg_match_all("/new RunError\\('(\\w+)'(?:, (\\[[^\\]]*\\])|, ([^\\[)]))?/", (string) file_get_contents($file), $found, \PREG_SET_ORDER);
            foreach ($found as $error) {
                if (isset($error[3])) {
                    continue;
                }
                $sentence = $sentences["run.$error[1]"] ?? null;
                self::assertIsString($sentence, $error[1]);
                preg_match_all("/'(\\w+)' =>/", $error[2] ?? '', $given);
                preg_match_all('/\{(\w+)[,}]/', $sentence, $wanted);
                self::assertSame([], array_values(array_diff($wanted[1], $given[1])), "$file: $error[0]");
                ++$seen;
            }
        }
        self::assertGreaterThan(100, $seen);
    }

    public function testNumbersChooseBetweenOneAndMany(): void
    {
        $say = static fn (string $locale, int $wanted): string => Words::in($locale)->say('run.not_that_many', ['wanted' => $wanted, 'given' => 3]);
        self::assertSame('1 value is wanted here, but there are 3.', $say('en', 1));
        self::assertSame('2 values are wanted here, but there are 3.', $say('en', 2));
        self::assertSame('Il faut 0 valeur ici, mais il y en a 3.', $say('fr', 0));
    }

    public function testBracesOfProgramsStandInSentencesAsTheyAre(): void
    {
        foreach (Words::locales() as $locale) {
            foreach (Words::in($locale)->messages as $key => $message) {
                if (str_starts_with($key, 'operation.') || str_starts_with($key, 'plain.operation.')) {
                    continue;
                }
                $said = Words::in($locale)->say($key, ['name' => '{x}', 'near' => "it's"]);
                self::assertDoesNotMatchRegularExpression("/'[{}]'/", $said, $key);
            }
        }
    }
}
