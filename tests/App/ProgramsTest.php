<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program as Tree;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

final class ProgramsTest extends AppTestCase
{
    /**
     * @param array<string, mixed> $edit
     *
     * @return array<string, mixed>
     */
    private function edit(int $id, int $revision, array $edit, string $token, string $text = 'all'): array
    {
        return $this->post("/programs/$id/edits", ['revision' => $revision, 'view' => 'both', 'text' => $text, 'edit' => $edit], $token);
    }

    /** @return array<string, array<string, string>> the lines of each page by key */
    private function pages(int $id): array
    {
        $crawler = $this->browser->request('GET', "/programs/$id?view=both&text=all");
        self::assertResponseIsSuccessful();
        $pages = [];
        $crawler->filter('ol[data-page]')->each(static function (Crawler $page) use (&$pages): void {
            $page->children()->each(static function (Crawler $line) use ($page, &$pages): void {
                $pages[(string) $page->attr('data-page')][(string) $line->attr('data-key')] = trim($line->outerHtml());
            });
        });

        return $pages;
    }

    /** What an edit answers, put into the pages as the browser does it, gives the pages that a fresh load gives. */
    #[Group('long')]
    public function testTheChangedLinesGiveTheWholePages(): void
    {
        for ($seed = 1; $seed <= 8; ++$seed) {
            $tree = (new ProgramGenerator($seed * 31))->program();
            $id = $this->program(null, "Bed $seed", $tree)->id();
            $token = $this->token();
            $pages = $this->pages($id);
            $rows = $tree->script->body->statements;
            $last = $rows[\count($rows) - 1]->id;
            $switch = $rows[\count($rows) - 1]->off ? 'on' : 'off';
            $edits = [
                ['do' => 'insert', 'row' => 'repeat', 'parent' => $tree->script->id, 'body' => 'body', 'index' => 1],
                ['do' => 'insert', 'row' => 'define', 'parent' => 0, 'body' => 'functions', 'index' => 0],
                ['do' => 'duplicate', 'ids' => [$last]],
                ['do' => $switch, 'ids' => [$last]],
                ['do' => 'wrap', 'ids' => [$last], 'row' => 'if'],
                ['do' => 'undo'], ['do' => 'undo'], ['do' => 'redo'],
                ['do' => 'delete', 'ids' => [$last]],
                ['do' => 'return', 'to' => 1],
            ];
            $revision = 1;
            foreach ($edits as $edit) {
                $answer = $this->edit($id, $revision, $edit, $token);
                self::assertSame(200, $this->code(), json_encode([$edit, $answer]) ?: '');
                \assert(\is_int($answer['revision']) && \is_array($answer['order']) && \is_array($answer['changed']));
                self::assertSame(++$revision, $answer['revision']);
                foreach ($pages as $page => $lines) {
                    $next = [];
                    foreach ($answer['order'] as $key) {
                        $html = $answer['changed'][$page][$key] ?? null;
                        $next[$key] = null === $html ? $lines[$key] ?? "<li class=\"line vacant\" data-key=\"$key\"></li>" : trim((new Crawler("<!doctype html><html><body><ol>$html</ol></body></html>"))->filter('li')->outerHtml());
                    }
                    $pages[$page] = $next;
                }
                self::assertSame($this->pages($id), $pages, json_encode($edit) ?: '');
            }
        }
    }

    /** Which lines a window shows is kept for the pages of the last edit only; other pages and languages get theirs as well. */
    public function testAnEditAnswersForThePagesThatLieOpen(): void
    {
        $id = $this->program(null, 'Bed', Demos::programs()['dahlia-bed'])->id();
        $token = $this->token();
        $revision = 1;
        foreach (['python', 'python', 'cpp', 'all', 'all', 'python'] as $turn => $text) {
            $locale = $turn < 3 ? 'en' : 'fr';
            $this->browser->request('POST', '/preferences', ['_token' => $token, 'locale' => $locale, 'back' => '/']);
            $before = $this->browser->request('GET', "/programs/$id?view=both&text=$text")->filter('ol[data-page] > li')->each(static fn (Crawler $line): string => trim($line->outerHtml()));
            $answer = $this->edit($id, $revision, ['do' => 'insert', 'row' => 'nib.lift', 'parent' => 1, 'body' => 'body', 'index' => $turn], $token, $text);
            \assert(\is_int($answer['revision']) && \is_array($answer['changed']));
            $revision = $answer['revision'];
            $after = $this->browser->request('GET', "/programs/$id?view=both&text=$text")->filter('ol[data-page] > li')->each(static fn (Crawler $line): string => trim($line->outerHtml()));
            $sent = array_map(static fn (string $line): string => trim((new Crawler("<!doctype html><html><body><ol>$line</ol></body></html>"))->filter('li')->outerHtml()), array_merge(...array_map(array_values(...), array_values($answer['changed']))));
            self::assertEqualsCanonicalizing(array_values(array_diff($after, $before)), array_values(array_diff($sent, $before)), "$turn $text");
            self::assertLessThan(\count($after) / 3, \count($sent), 'only what changed is sent');
        }
    }

    public function testAPictureIsMadeOnceForEachState(): void
    {
        $program = $this->program(null, 'Kite', Demos::programs()['kite']);
        $picture = fn (): string => $this->browser->request('GET', "/programs/{$program->id()}/picture.svg")->html();
        $first = $picture();
        $this->entities()->getConnection()->executeStatement("UPDATE pictures SET svg = '<svg/>' WHERE program_id = ?", [$program->id()]);
        self::assertStringNotContainsString('<svg/>', $first);
        self::assertNotSame($first, $picture(), 'what is kept is shown');
        $this->edit($program->id(), 1, ['do' => 'insert', 'row' => 'nib.forward', 'parent' => 1, 'body' => 'body', 'index' => 0], $this->token());
        self::assertStringContainsString('<line', $picture(), 'another state is drawn anew');
    }

    public function testAnEditFromAnOldRevisionIsRefusedAndBothCanBeKept(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $insert = static fn (string $row): array => ['do' => 'insert', 'row' => $row, 'parent' => 1, 'body' => 'body', 'index' => 0];
        $this->edit($id, 1, $insert('nib.lift'), $token);
        $answer = $this->edit($id, 1, $insert('nib.vanish'), $token);
        self::assertSame(409, $this->code());
        self::assertTrue($answer['conflict']);
        $copy = $this->post("/programs/$id/keep-both", ['revision' => 1, 'edits' => [$insert('nib.vanish'), ['do' => 'nonsense'], 7]], $token);
        \assert(\is_string($copy['address']));
        $this->browser->request('GET', $copy['address'].'/text/python');
        self::assertSame("from scrivlet import nib\n\nnib.vanish()\n", $this->browser->getResponse()->getContent());
        $this->browser->request('GET', "/programs/$id/text/python");
        self::assertSame("from scrivlet import nib\n\nnib.lift()\n", $this->browser->getResponse()->getContent());
    }

    public function testWhatIsNoEditGetsAnAnswerAndChangesNothing(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $wrong = [[], ['do' => 'dance'], ['do' => 'insert'], ['do' => 'fill', 'row' => 'x', 'slot' => 3], ['do' => 'move', 'ids' => ['a']], ['do' => 'undo'], ['do' => 'redo']];
        foreach ($wrong as $edit) {
            $this->edit($id, 1, $edit, $token);
            self::assertSame(400, $this->code(), json_encode($edit) ?: '');
        }
        $refused = [
            ['do' => 'delete', 'ids' => [77]], ['do' => 'delete', 'ids' => []], ['do' => 'delete', 'ids' => [1]],
            ['do' => 'insert', 'row' => 'break', 'parent' => 1, 'body' => 'body', 'index' => 0],
            ['do' => 'insert', 'row' => 'print', 'parent' => 1, 'body' => 'body', 'index' => -4],
            ['do' => 'insert', 'row' => 'print', 'parent' => 5, 'body' => 'body', 'index' => 0],
            ['do' => 'insert', 'row' => 'rm -rf', 'parent' => 1, 'body' => 'body', 'index' => 0],
            ['do' => 'paste', 'rows' => '<script>', 'parent' => 1, 'body' => 'body', 'index' => 0],
            ['do' => 'fill', 'row' => 1, 'slot' => 'steps', 'source' => '1'],
        ];
        foreach ($refused as $edit) {
            $answer = $this->edit($id, 1, $edit, $token);
            self::assertSame(422, $this->code(), json_encode($edit) ?: '');
            self::assertIsString($answer['message']);
            self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', $answer['message'], 'a sentence, not a key');
        }
        foreach (['', '[', '7', '"x"', str_repeat('[', 500)] as $rubbish) {
            $this->browser->request('POST', "/programs/$id/edits", [], [], ['HTTP_X_CSRF_TOKEN' => $token, 'CONTENT_TYPE' => 'application/json'], $rubbish);
            self::assertSame(400, $this->code());
        }
        $this->browser->request('GET', "/programs/$id/history");
        self::assertSelectorCount(1, 'ol > li');
    }

    public function testAStateGetsANameThatStaysWithIt(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $this->edit($id, 1, ['do' => 'insert', 'row' => 'print', 'parent' => 1, 'body' => 'body', 'index' => 0], $token);
        $name = function (int $number, string $name) use ($id, $token): void {
            $this->browser->request('POST', "/programs/$id/history/$number/name", ['_token' => $token, 'name' => $name]);
        };
        $name(1, "  <b>Empty</b>\n bed ".str_repeat('é', 100));
        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('li b', '<b>Empty</b> bed é');
        $shown = $this->browser->request('GET', "/programs/$id/history")->filter('ol b')->each(static fn (Crawler $kept): string => $kept->text());
        self::assertSame([mb_substr('<b>Empty</b> bed '.str_repeat('é', 100), 0, 80)], $shown);
        $this->browser->request('GET', "/programs/$id/compare");
        self::assertSelectorTextContains('optgroup option[value="version:1"]', 'bed');
        $name(1, ' ');
        self::assertSelectorNotExists('li b');
        $name(7, 'of nothing');
        self::assertSame(404, $this->code());
        $name(2, "\xff\0");
        self::assertResponseIsSuccessful();
    }

    public function testARunAnswersWithItsTrace(): void
    {
        $id = $this->program(null, 'Kite', Demos::programs()['kite'])->id();
        $report = $this->post("/programs/$id/run", ['seed' => 3, 'text' => 'cpp', 'view' => 'both']);
        self::assertResponseIsSuccessful();
        self::assertSame('finished', $report['ending']);
        \assert(\is_array($report['steps']) && \is_array($report['events']));
        self::assertCount((int) $report['length'], $report['steps']);
        self::assertContains('the kite flies', array_column(array_filter($report['events'], static fn (array $event): bool => 'print' === $event[0]), 2));
    }

    public function testTheShelfListsItsOwnersProgramsAndFindsThem(): void
    {
        $this->program(null, 'Bean rows');
        $this->program(null, '100% peas');
        $this->program($this->user('sorrel@fernhollow.example'), 'Bean rows of another');
        $names = fn (string $query): array => $this->browser->request('GET', "/$query")->filter('[data-program] [data-name]')->each(static fn (Crawler $name): string => $name->text());
        self::assertSame(['100% peas', 'Bean rows'], $names(''));
        self::assertSame(['Bean rows'], $names('?search=bean'));
        self::assertSame(['100% peas'], $names('?search=%25'));
        self::assertSame([], $names('?search='.urlencode("'; DROP TABLE programs; --")));
        $this->browser->request('GET', '/?search=bean', [], [], ['HTTP_HX_REQUEST' => 'true']);
        self::assertStringStartsNotWith('<!doctype', (string) $this->browser->getResponse()->getContent());
    }

    public function testNamesAreTrimmedLimitedAndNeverEmpty(): void
    {
        $id = $this->program()->id();
        foreach ([['  Pea   rows ', 'Pea rows'], ['', 'Pea rows'], ["\u{200b}\n", 'Pea rows'], [str_repeat('é', 300), str_repeat('é', 80)], ['<b>&amp;', '<b>&amp;']] as [$given, $kept]) {
            $this->browser->request('POST', "/programs/$id/rename", ['_token' => $this->token(), 'name' => $given]);
            self::assertResponseRedirects('/');
            self::assertSame($kept, $this->browser->request('GET', '/')->filter('[data-program] [data-name]')->text());
        }
    }

    public function testDeletingCanBeTakenBack(): void
    {
        $id = $this->program()->id();
        $this->browser->request('POST', "/programs/$id/delete", ['_token' => $this->token()]);
        self::assertCount(0, $this->browser->request('GET', '/')->filter('[data-program]'));
        $this->browser->request('GET', "/programs/$id");
        self::assertResponseRedirects('/');
        $this->browser->request('GET', '/');
        self::assertSelectorTextContains('#taken li', 'Bean rows', 'later, too, it can be found');
        $this->browser->request('POST', "/programs/$id/restore", ['_token' => $this->token()]);
        $this->browser->request('GET', '/');
        self::assertSelectorNotExists('#taken');
        self::assertCount(1, $this->browser->request('GET', '/')->filter('[data-program]'));
    }

    /** @param list<string> $contents */
    private function upload(array $contents, string $ending = 'scrivlet.json'): Crawler
    {
        $files = [];
        foreach ($contents as $index => $content) {
            $path = (string) tempnam(sys_get_temp_dir(), 'upload');
            file_put_contents($path, $content);
            $files[] = new UploadedFile($path, "bed$index.$ending", null, null, true);
        }
        $this->browser->request('POST', '/programs/open', ['_token' => $this->token()], ['files' => $files]);
        self::assertResponseRedirects();

        return $this->browser->followRedirect();
    }

    public function testUploadsAreOpenedOrExplained(): void
    {
        $good = ProjectWriter::write('From a file', Tree::empty());
        self::assertSame('From a file', $this->upload([$good])->filter('h1')->text());
        $this->browser->request('GET', '/');
        foreach (['' => 'no project file', 'rubbish' => 'no project file', "\xff\xfe\x00" => 'no project file', '{"format":"other"}' => 'no Scrivlet project', '{"format":"scrivlet","version":9}' => 'another version', '{"format":"scrivlet","version":1,"name":"x"}' => 'lacks “program”', str_repeat('x', 4_000_001) => 'too large'] as $content => $message) {
            self::assertStringContainsString($message, $this->upload([(string) $content])->filter('[data-notice=trouble]')->text());
        }
        $page = $this->upload([$good, 'rubbish', $good]);
        self::assertCount(1, $page->filter('[data-notice=trouble]'));
        self::assertStringContainsString('2 programs', $page->filter('[data-notice=done]')->text());
        $this->browser->request('POST', '/programs/open', ['_token' => $this->token()]);
        self::assertStringContainsString('No file', $this->browser->followRedirect()->filter('[data-notice=trouble]')->text());
    }

    /** A text stands on its own page, and its blocks beside it say what the text says. */
    public function testATextIsOpenedInItsOwnLanguage(): void
    {
        $texts = [
            'py' => ["beds = [1, 2]\nbeds[0] *= 3\n", 'Python', 'multiply item 0 of beds by 3'],
            'js' => ["const beds = [1, 2];\nbeds[1] -= 3;\n", 'JavaScript', 'take 3 from item 1 of beds'],
            'cpp' => ["#include <vector>\nusing namespace std;\nint main() {\n    vector<int> beds = {1, 2};\n    beds[0] += 3;\n}\n", 'C++', 'change item 0 of beds by 3'],
        ];
        foreach ($texts as $ending => [$text, $language, $words]) {
            $page = $this->upload([$text], $ending);
            self::assertStringContainsString($language, $page->filter('#spread')->text());
            self::assertStringContainsString($words, (string) preg_replace('/\s+/', ' ', $page->filter('#blocks')->text()));
        }
    }

    public function testTooLargeARequestIsExplained(): void
    {
        $this->browser->request('POST', '/programs/open', [], [], ['CONTENT_LENGTH' => '300000000', 'HTTP_CONTENT_LENGTH' => '300000000']);
        self::assertSame(413, $this->code());
        self::assertSelectorTextContains('h1', 'Too large');
    }

    public function testTypedTextIsReadKeptAndExplained(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $text = "from scrivlet import nib\r\n\r\nnib.fowrard( 5 )  # weit\r\n";
        $answer = $this->edit($id, 1, ['do' => 'type', 'language' => 'python', 'text' => $text], $token, 'python');
        self::assertSame(200, $this->code());
        \assert(\is_array($answer['typed']) && \is_array($answer['typed']['mistakes']) && \is_array($answer['typed']['mistakes'][0]));
        self::assertSame($text, $answer['typed']['text']);
        self::assertSame('misspelt_command', $answer['typed']['mistakes'][0]['kind']);
        self::assertSame(3, $answer['typed']['mistakes'][0]['line']);
        $this->browser->request('GET', "/programs/$id/text/python");
        self::assertSame($text, $this->browser->getResponse()->getContent());
        $run = $this->post("/programs/$id/run", ['view' => 'both', 'text' => 'python'], $token);
        self::assertSame(200, $this->code());
        self::assertStringContainsString('told beside it', (string) json_encode($run));
        foreach (["nib\0", str_repeat('x', 600_000)] as $wrong) {
            $this->edit($id, 2, ['do' => 'type', 'language' => 'python', 'text' => $wrong], $token, 'python');
            self::assertSame(422, $this->code());
        }
        $this->edit($id, 2, ['do' => 'type', 'language' => 'cobol', 'text' => ''], $token, 'python');
        self::assertSame(400, $this->code());
    }

    public function testARowIsWrittenByHandSealedAndUndoneInOneStep(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $this->edit($id, 1, ['do' => 'insert', 'row' => 'nib.forward', 'parent' => 1, 'body' => 'body', 'index' => 0], $token, 'python');
        $this->browser->request('GET', "/programs/$id/line?row=2&part=head&language=cpp");
        self::assertSame(['text' => '', 'ghost' => 'nib.forward(50);'], json_decode((string) $this->browser->getResponse()->getContent(), true));
        $this->browser->request('GET', "/programs/$id/line?row=99&part=head&language=python");
        self::assertSame(422, $this->code());
        $write = ['do' => 'write', 'row' => 2, 'part' => 'head', 'language' => 'python'];
        $answer = $this->edit($id, 2, [...$write, 'text' => 'nib.forward(49)'], $token, 'python');
        self::assertSame([['typed' => 1, 'all' => 1], [2]], [$answer['ink'], $answer['unsealed']]);
        $this->edit($id, 3, ['do' => 'seal'], $token, 'python');
        self::assertSame(400, $this->code(), 'seals are run, and not where edits are');
        $seal = static fn (int $revision): array => ['revision' => $revision, 'view' => 'both', 'text' => 'python', 'edit' => ['do' => 'seal']];
        $answer = $this->post("/programs/$id/seals", $seal(3), $token);
        self::assertSame(3, $answer['revision'], 'what is not sealed is no revision');
        \assert(\is_array($answer['partings']) && \is_array($answer['partings'][0]));
        self::assertStringContainsString('(50, 0)', (string) json_encode($answer['partings'][0]));
        $this->edit($id, 3, [...$write, 'text' => 'nib.forward(5 * 10)'], $token, 'python');
        $answer = $this->post("/programs/$id/seals", $seal(4), $token);
        self::assertSame([5, []], [$answer['revision'], $answer['partings']]);
        self::assertSame([], $answer['unsealed']);
        $answer = $this->edit($id, 5, ['do' => 'undo'], $token, 'python');
        self::assertSame([2], $answer['unsealed'], 'undo passes over the seal');
        self::assertStringContainsString('nib.forward(49)', (string) json_encode($answer['typed']));
        foreach ([[...$write, 'text' => ' '], [...$write, 'row' => 77, 'text' => 'x'], [...$write, 'text' => "\xff"]] as $wrong) {
            $this->edit($id, 6, $wrong, $token, 'python');
            self::assertContains($this->code(), [400, 422]);
        }
        $answer = $this->edit($id, 6, ['do' => 'turn', 'ids' => [2], 'hand' => 'words'], $token, 'python');
        self::assertSame(['typed' => 0, 'all' => 1], $answer['ink']);
    }

    public function testACopyBecomesATextAndTheProgramStays(): void
    {
        $id = $this->program(null, 'Bean rows', Demos::programs()['kite'])->id();
        $this->browser->request('GET', "/programs/$id/text/cpp");
        $text = (string) $this->browser->getResponse()->getContent();
        $this->browser->request('POST', "/programs/$id/to-text/cpp", ['_token' => $this->token()]);
        $address = (string) $this->browser->getResponse()->headers->get('Location');
        self::assertMatchesRegularExpression('~^/programs/\d+\?view=text&text=cpp$~', $address);
        $this->browser->request('GET', strtok($address, '?').'/text/cpp');
        self::assertSame($text, (string) $this->browser->getResponse()->getContent());
        $this->browser->request('GET', "/programs/$id/drawing-module");
        self::assertSame(200, $this->code());
        self::assertStringStartsWith("import turtle\n", (string) $this->browser->getResponse()->getContent());
        $shifting = $this->program(null, 'Sunflower', Demos::programs()['sunflower'])->id();
        $this->browser->request('GET', "/programs/$shifting/drawing-module");
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[data-notice=trouble]', 'shift_ink');
    }

    public function testTheHistoryNamesWhatWasDone(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $this->edit($id, 1, ['do' => 'insert', 'row' => 'nib.forward', 'parent' => 1, 'body' => 'body', 'index' => 0], $token);
        $this->edit($id, 2, ['do' => 'wrap', 'ids' => [2], 'row' => 'repeat'], $token);
        $this->edit($id, 3, ['do' => 'undo'], $token);
        $page = $this->browser->request('GET', "/programs/$id/history");
        $done = $page->filter('li span:nth-child(2)')->each(static fn (Crawler $entry): string => $entry->text());
        self::assertSame(['undone', 'wrapped in: repeat … times', 'put in: go forward … steps', 'begun'], $done);
        self::assertSelectorCount(3, '[data-return]');
        $older = $this->browser->request('GET', "/programs/$id/history?before=2");
        self::assertCount(1, $older->filter('ol > li'));
    }

    /** Each edit a teacher can make, through the real application, and the text it leaves. */
    public function testEveryEditReachesTheProgram(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $put = static fn (string $row, int $parent, string $body, int $index): array => ['do' => 'insert', 'row' => $row, 'parent' => $parent, 'body' => $body, 'index' => $index];
        $steps = [
            [$put('repeat', 1, 'body', 0), "for turn in range(4):\n    pass"],
            [$put('nib.forward', 2, 'body', 0), "for turn in range(4):\n    nib.forward(50)"],
            [['do' => 'fill', 'row' => 3, 'slot' => 'steps', 'source' => '2 ^ 3'], "for turn in range(4):\n    nib.forward(2 ** 3)"],
            [['do' => 'wrap', 'ids' => [3], 'row' => 'if'], "for turn in range(4):\n    if True:\n        nib.forward(2 ** 3)"],
            [$put('otherwise', 4, 'then0', 1), "for turn in range(4):\n    if True:\n        nib.forward(2 ** 3)\n    else:\n        pass"],
            [['do' => 'move', 'ids' => [3], 'parent' => 4, 'body' => 'otherwise', 'index' => 0], "for turn in range(4):\n    if True:\n        pass\n    else:\n        nib.forward(2 ** 3)"],
            [['do' => 'unwrap', 'row' => 4, 'part' => 'otherwise'], "for turn in range(4):\n    if True:\n        nib.forward(2 ** 3)"],
            [$put('else_if', 4, 'then0', 1), "for turn in range(4):\n    if True:\n        nib.forward(2 ** 3)\n    elif True:\n        pass"],
            [['do' => 'delete-part', 'row' => 4, 'part' => 'then1'], "for turn in range(4):\n    if True:\n        nib.forward(2 ** 3)"],
            [['do' => 'off', 'ids' => [4]], "for turn in range(4):\n    # if True:\n    #     nib.forward(2 ** 3)\n    pass"],
            [['do' => 'on', 'ids' => [4]], "for turn in range(4):\n    if True:\n        nib.forward(2 ** 3)"],
            [['do' => 'unwrap', 'row' => 4, 'part' => 'head'], "for turn in range(4):\n    nib.forward(2 ** 3)"],
            [['do' => 'duplicate', 'ids' => [3]], "for turn in range(4):\n    nib.forward(2 ** 3)\n    nib.forward(2 ** 3)"],
            [['do' => 'delete', 'ids' => [3]], "for turn in range(4):\n    nib.forward(2 ** 3)"],
            [['do' => 'paste', 'rows' => '{"format":"scrivlet","version":1,"rows":[{"row":"break"}]}', 'parent' => 2, 'body' => 'body', 'index' => 0], "for turn in range(4):\n    break\n    nib.forward(2 ** 3)"],
        ];
        foreach ($steps as $index => [$edit, $text]) {
            $answer = $this->edit($id, $index + 1, $edit, $token);
            self::assertSame(200, $this->code(), json_encode([$edit, $answer]) ?: '');
            $this->browser->request('GET', "/programs/$id/text/python");
            $printed = (string) $this->browser->getResponse()->getContent();
            self::assertSame($text, trim(str_replace("from scrivlet import nib\n\n", '', $printed)), json_encode($edit) ?: '');
        }
    }

    public function testTheBundleHoldsAllThatIsPromised(): void
    {
        $id = $this->program(null, 'Été & kite', Demos::programs()['kite'])->id();
        $this->browser->request('GET', "/programs/$id/bundle.zip");
        $path = (string) tempnam(sys_get_temp_dir(), 'bundle');
        file_put_contents($path, (string) $this->browser->getResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        $names = [];
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $names[] = $zip->getNameIndex($index);
        }
        foreach (['py', 'js', 'cpp', 'scrivlet.json', 'svg'] as $ending) {
            self::assertContains("ete-kite.$ending", $names);
        }
        foreach (['py', 'js', 'hpp'] as $ending) {
            self::assertContains("library/scrivlet.$ending", $names);
        }
        foreach (Language::cases() as $language) {
            $this->browser->request('GET', "/programs/$id/text/$language->value");
            self::assertSame($zip->getFromName("ete-kite.{$language->extension()}"), $this->browser->getResponse()->getContent());
        }
    }
}
