<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use Doctrine\DBAL\Connection;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Learner\KeyWords;
use Scrivlet\App\Learner\Learners;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Lesson\Workshop;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Course as Document;
use Scrivlet\Core\Lesson\Lesson;
use Scrivlet\Core\Lesson\LessonText;
use Scrivlet\Core\Lesson\RungSetting;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

/** Books, with and without an account: what is there for whom, and that nobody reaches the work of another. */
final class BooksTest extends AppTestCase
{
    private const RIGHT = "seeds = int(input(\"Seeds? \"))\nprint(seeds * 3)\nprint(\"done\")\n";

    private function document(): Document
    {
        $program = Language::Python->read(self::RIGHT)->program;
        $program = $program->withSetting(new \Scrivlet\Core\Tree\Setting('printout'));
        $cases = [new Situation(answers: "4\n"), new Situation(answers: "9\n", hidden: true)];
        $lesson = new Lesson(['en' => new LessonText('Seeds', 'Say **three times** as many. <script>alert(1)</script> [link](javascript:alert(1))', ["### Read\n\n```python\nprint(6 * 7)\n```\n\n<img src=x onerror=alert(1)>"])], $program, $cases, null, [Language::Python, Language::Cpp], true, [
            new RungSetting(1, RungKind::Pair), new RungSetting(2, RungKind::Sort), new RungSetting(3, RungKind::Write, 1, 1),
        ]);

        return new Document(['en' => ['title' => 'Seed book', 'about' => 'Counting seeds']], [$lesson]);
    }

    private function course(bool $open = true, bool $shared = false, ?User $owner = null): Course
    {
        $workshop = self::service(Workshop::class);
        \assert($workshop instanceof Workshop);
        $owner = $this->entities()->find(User::class, ($owner ?? $this->teacher)->id());
        \assert($owner instanceof User);
        $course = $workshop->copy($this->document(), $owner);
        $course->let($open, $shared);
        $this->entities()->flush();

        return $course;
    }

    /** @return string the address of a rung of a course's only lesson */
    private function rung(Course $course, int $rung, string $language = 'python'): string
    {
        $lessons = self::service(LessonRepository::class);
        \assert($lessons instanceof LessonRepository);

        return "/books/{$course->id()}/{$lessons->findBy(['course' => $course->id()])[0]->id()}/$rung/$language";
    }

    private function guest(): void
    {
        $this->browser->getCookieJar()->clear();
    }

    protected function token(): string
    {
        return $this->browser->request('GET', '/books')->filter('meta[name=csrf]')->attr('content') ?? '';
    }

    private static function rows(string $table): int
    {
        $connection = self::service(Connection::class);
        \assert($connection instanceof Connection);
        $number = $connection->fetchOne("SELECT COUNT(*) FROM $table");

        return is_numeric($number) ? (int) $number : 0;
    }

    public function testAGuestReadsFailsPassesAndComesBackWithTheKey(): void
    {
        $course = $this->course();
        $this->guest();
        $address = $this->rung($course, 3);
        $this->browser->request('GET', "/books/{$course->id()}");
        self::assertSelectorTextContains('#book-title', 'Seed book');
        $this->browser->request('GET', $address);
        self::assertResponseIsSuccessful();
        self::assertSame(0, self::rows('learners'), 'who has done nothing leaves nothing');

        $marked = $this->post("$address/mark", ['answer' => "input(\"Seeds? \")\nprint(12)\nprint(\"done\")\n"]);
        self::assertFalse($marked['passed']);
        self::assertSame(['Case 2: This case is not shown here; in it something else happens.'], $marked['why']);
        self::assertNull($marked['run'], 'a hidden case is not shown');
        $key = $marked['key'];
        \assert(\is_array($key));
        self::assertCount(4, $key);
        $hint = $this->post("$address/hint", ['answer' => "input(\"Seeds? \")\nprint(12)\n", 'step' => 1]);
        self::assertSame('Look at line 1.', $hint['says']);
        self::assertTrue($this->post("$address/mark", ['answer' => self::RIGHT])['passed']);
        $this->post("$address/keep", ['answer' => "# later\n"]);

        $this->guest();
        $this->browser->request('GET', $address);
        self::assertStringNotContainsString('# later', (string) $this->browser->getResponse()->getContent(), 'another browser knows nothing');
        $this->browser->request('POST', '/books/key', ['_token' => $this->token(), 'key' => strtoupper(implode(' - ', array_filter($key, is_string(...))))]);
        self::assertResponseRedirects('/books');
        $this->browser->request('GET', $address);
        self::assertStringContainsString('# later', (string) $this->browser->getResponse()->getContent());
        self::assertSelectorTextContains('#guest-key', implode(' · ', array_filter($key, is_string(...))));
        self::assertSame(1, self::rows('learners'));
        self::assertSame(1, self::rows('works'));
    }

    public function testNothingOfAGuestIsReachableByAnother(): void
    {
        $course = $this->course();
        $address = $this->rung($course, 3);
        $this->guest();
        $this->post("$address/mark", ['answer' => "mine = 1\n"]);
        $cookie = $this->browser->getCookieJar()->get(Learners::COOKIE)?->getValue() ?? '';
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', $cookie);
        $kept = self::service(Connection::class);
        \assert($kept instanceof Connection);
        self::assertStringNotContainsString($cookie, json_encode($kept->fetchAllAssociative('SELECT * FROM learners'), \JSON_THROW_ON_ERROR), 'only a hash is kept');
        foreach (['', str_repeat('0', 64), hash('sha256', $cookie), strrev($cookie), "$cookie'"] as $forged) {
            $this->guest();
            $this->browser->getCookieJar()->set(new \Symfony\Component\BrowserKit\Cookie(Learners::COOKIE, $forged));
            $this->browser->request('GET', $address);
            self::assertStringNotContainsString('mine = 1', (string) $this->browser->getResponse()->getContent());
        }
        $this->guest();
        foreach (['', 'one two three', 'apple apple apple apple', str_repeat('x ', 500), "é\xff"] as $wrong) {
            $this->browser->request('POST', '/books/key', ['_token' => $this->token(), 'key' => $wrong]);
            self::assertResponseRedirects('/books');
        }
        $this->browser->followRedirect();
        self::assertSelectorExists('[data-notice=trouble]');
        self::assertNull($this->browser->getCookieJar()->get(Learners::COOKIE));
    }

    public function testTwoFirstRequestsOfOnePageMakeOneGuestAndWhoLeavesIsNotKnownAgain(): void
    {
        $address = $this->rung($this->course(), 3);
        $this->guest();
        $token = $this->token();
        $key = $this->post("$address/keep", ['answer' => 'one'], $token)['key'];
        $this->browser->getCookieJar()->expire(Learners::COOKIE);
        self::assertSame($key, $this->post("$address/keep", ['answer' => 'two'], $token)['key'], 'the answer that set the cookie was not there yet');
        self::assertSame(1, self::rows('learners'));
        $this->browser->request('POST', '/books/leave', ['_token' => $token]);
        self::assertNotSame($key, $this->post("$address/keep", ['answer' => 'three'])['key']);
        self::assertSame(2, self::rows('learners'));
    }

    public function testKeysAreNotToBeGuessed(): void
    {
        $this->guest();
        $token = $this->token();
        for ($try = 0; $try < 41; ++$try) {
            $this->browser->request('POST', '/books/key', ['_token' => $token, 'key' => "acorn agent album alley$try"]);
        }
        $this->browser->followRedirect();
        self::assertStringContainsString('Too many keys', $this->browser->getCrawler()->filter('[data-notice=trouble]')->last()->text());
        $keys = self::service(KeyWords::class);
        \assert($keys instanceof KeyWords);
        $seen = [];
        foreach (['en', 'fr'] as $locale) {
            for ($seed = 0; $seed < 500; ++$seed) {
                $key = $keys->of((string) $seed, $locale);
                self::assertSame($key, $keys->typed(implode(', ', $key)));
                $seen[] = implode(' ', $key);
            }
        }
        self::assertCount(1000, array_unique($seen));
    }

    public function testWhatIsNotOpenIsThereForItsOwnerAloneAndWhatIsSharedForTeachers(): void
    {
        $closed = $this->course(open: false);
        $address = $this->rung($closed, 3);
        $this->browser->request('GET', $address);
        self::assertResponseIsSuccessful();
        $other = $this->user('sorrel@fernhollow.example');
        $this->browser->loginUser($other);
        $this->areGone($address, "/books/{$closed->id()}", "/books/{$closed->id()}/certificate", "/workshop/courses/{$closed->id()}", "/workshop/courses/{$closed->id()}/file");
        self::assertSame([], $this->post("$address/mark", ['answer' => '']));
        $course = $this->entities()->find(Course::class, $closed->id());
        \assert($course instanceof Course);
        $course->let(false, true);
        $this->entities()->flush();
        $this->browser->request('GET', "/books/{$closed->id()}");
        self::assertResponseIsSuccessful();
        // To look at is not to change.
        $this->areGone("/workshop/courses/{$closed->id()}");
        $this->browser->request('POST', "/workshop/courses/{$closed->id()}/copy", ['_token' => $this->token()]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('#course-title', 'Seed book');
        $this->guest();
        $this->areGone("/books/{$closed->id()}");
        // A lesson is of its own course only.
        $open = $this->course();
        $this->areGone(str_replace("/books/{$closed->id()}/", "/books/{$open->id()}/", $address));
    }

    private function areGone(string ...$paths): void
    {
        foreach ($paths as $path) {
            $this->browser->request('GET', $path);
            self::assertSame(404, $this->code(), $path);
        }
    }

    public function testExplanationsBringNoHtmlOfTheirOwnAndTheirPiecesRunInTheLanguageOfTheReader(): void
    {
        $course = $this->course();
        $this->guest();
        $this->browser->request('GET', "/books/{$course->id()}");
        $html = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString('<strong>three times</strong>', $html);
        self::assertStringNotContainsString('alert(1)</script>', $html);
        self::assertStringNotContainsString('href="javascript', $html);
        $lesson = explode('/', $this->rung($course, 1))[3];
        $this->browser->request('POST', "/books/{$course->id()}/language", ['_token' => $this->token(), 'language' => 'cpp']);
        $this->browser->request('GET', "/books/{$course->id()}/$lesson/pages/1");
        self::assertSelectorTextContains('article', 'cout << 6 * 7');
        self::assertStringNotContainsString('<img src', (string) $this->browser->getResponse()->getContent());
        $this->browser->request('GET', "/books/{$course->id()}/$lesson/pieces/0");
        self::assertStringContainsString('42', (string) $this->browser->getResponse()->getContent());
        foreach (["/books/{$course->id()}/$lesson/pages/2", "/books/{$course->id()}/$lesson/pieces/7", "/books/{$course->id()}/$lesson/9/python", "/books/{$course->id()}/$lesson/1/javascript"] as $path) {
            $this->browser->request('GET', $path);
            self::assertSame(404, $this->code(), $path);
        }
    }

    public function testTheCertificateIsForWhoHasDoneEverything(): void
    {
        $course = $this->course();
        $this->guest();
        $this->browser->request('GET', "/books/{$course->id()}/certificate");
        self::assertResponseRedirects("/books/{$course->id()}");
        $lesson = $this->document()->lessons[0];
        foreach ($lesson->rungs as $setting) {
            $rung = $setting->rung($lesson, Language::Python, 'en');
            \assert(null !== $rung);
            $answer = $rung->kind->asksForText() ? $rung->model : json_encode($rung->right, \JSON_THROW_ON_ERROR);
            self::assertTrue($this->post($this->rung($course, $setting->id).'/mark', ['answer' => $answer])['passed']);
        }
        $this->browser->request('POST', "/books/{$course->id()}/certificate/name", ['_token' => $this->token(), 'name' => "  Wren\n<b>Alder</b>".str_repeat('x', 100)]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('#certificate', 'Wren <b>Alder</b>');
        self::assertSelectorTextContains('#certificate', '3 rungs');
        foreach (['svg' => '<svg', 'pdf' => '%PDF'] as $format => $begins) {
            $this->browser->request('GET', "/books/{$course->id()}/certificate.$format");
            self::assertStringStartsWith($begins, (string) $this->browser->getResponse()->getContent());
        }
    }

    public function testOnlyWhoIsSureMayPassOver(): void
    {
        $course = $this->course();
        $this->guest();
        $skip = fn () => $this->browser->request('POST', $this->rung($course, 3).'/skip', ['_token' => $this->token()]);
        $skip();
        self::assertSame(0, self::rows('works'));
        $lesson = $this->document()->lessons[0];
        foreach ([1, 2] as $id) {
            $rung = $lesson->rung($id)?->rung($lesson, Language::Python, 'en');
            \assert(null !== $rung);
            $last = $this->post($this->rung($course, $id).'/mark', ['answer' => json_encode($rung->right)]);
        }
        self::assertTrue($last['maySkip'] ?? false);
        $skip();
        self::assertResponseRedirects("/books/{$course->id()}");
        $this->browser->followRedirect();
        self::assertSelectorExists('#to-certificate');
    }

    public function testGuestsWhoDoNotComeBackAreRemovedWithTheirWork(): void
    {
        $course = $this->course();
        foreach ([1, 2] as $guest) {
            $this->guest();
            $this->post($this->rung($course, 3).'/keep', ['answer' => "# $guest\n"]);
        }
        $connection = self::service(Connection::class);
        \assert($connection instanceof Connection);
        $connection->executeStatement('UPDATE learners SET seen_at = ? ORDER BY id LIMIT 1', [(new \DateTimeImmutable('-61 days'))->format('Y-m-d H:i:s')]);
        \assert(null !== self::$kernel);
        $application = new Application(self::$kernel);
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        $tester->run(['command' => 'scrivlet:prune']);
        self::assertStringContainsString('guests: 1', $tester->getDisplay());
        self::assertSame(1, self::rows('learners'));
        self::assertSame(1, self::rows('works'));
    }

    public function testALessonComesFromAProgramAndIsChangedOnTheBench(): void
    {
        $program = $this->program(tree: Language::Python->read("from scrivlet import nib\nfor i in range(4):\n    nib.forward(50)\n    nib.left(90)\n")->program);
        $this->browser->request('POST', "/workshop/make/{$program->id()}", ['_token' => $this->token()]);
        $page = $this->browser->followRedirect();
        $address = (string) parse_url($this->browser->getRequest()->getUri(), \PHP_URL_PATH);
        $count = $page->filter('#rungs li[data-rung]')->count();
        self::assertGreaterThanOrEqual(7, $count);
        $first = (int) $page->filter('#rungs li[data-rung]')->attr('data-rung');
        $act = function (array $what) use ($address): void {
            $this->browser->request('POST', "$address/rungs", ['_token' => $this->token(), ...$what]);
            self::assertResponseRedirects($address);
            $this->browser->followRedirect();
        };
        $act(['act' => 'out', 'rung' => $first]);
        self::assertCount($count - 1, $this->browser->getCrawler()->filter('#rungs li[data-rung]'));
        $act(['act' => 'add', 'kind' => 'write']);
        $last = $this->browser->getCrawler()->filter('#rungs li[data-rung]')->last();
        self::assertSame((string) ($count + 1), $last->attr('data-rung'), 'a number is not given twice');
        $act(['act' => 'set', 'rung' => $count + 1, 'constructs' => ['loop'], 'rows' => '1', 'level' => '1']);
        self::assertSelectorTextContains('#rungs [data-notice=trouble]', 'The program itself would not pass');
        $act(['act' => 'set', 'rung' => $count + 1, 'constructs' => ['loop'], 'rows' => '3', 'level' => '1']);
        self::assertSelectorTextContains('#rungs li[data-rung="'.($count + 1).'"]', 'a loop');
        $act(['act' => 'up', 'rung' => $count + 1]);
        $act(['act' => 'seed', 'rung' => $count + 1]);
        $act(['act' => 'juggle', 'rung' => 'x']);

        $revision = (int) $this->browser->getCrawler()->filter('#rungs')->attr('data-revision');
        $save = function (array $form) use ($address): int {
            $this->browser->request('POST', $address, ['_token' => $this->token(), ...$form], [], ['HTTP_X_REQUESTED_WITH' => 'fetch']);

            return $this->code();
        };
        self::assertSame(200, $save(['revision' => $revision, 'title' => 'A square bed', 'goal' => 'Draw it.', 'languages' => ['cpp'], 'stocked' => 'own', 'pages' => ['One', '', 'Two']]));
        self::assertSame(422, $save(['revision' => $revision, 'title' => 'Older']), 'a window that is older changes nothing');
        $this->browser->request('GET', $address);
        self::assertSame('A square bed', $this->browser->getCrawler()->filter('[name=title]')->attr('value'));
        self::assertSame(422, $save(['revision' => $revision + 1, 'title' => str_repeat('x', 81)]));
        self::assertSame(422, $save(['revision' => $revision + 1, 'title' => 'Hidden', 'cases' => [['layout' => '0', 'answers' => '', 'hidden' => '1']]]));

        foreach (['file' => 'application/json', 'worksheet.pdf' => 'application/pdf', 'answers.pdf' => 'application/pdf'] as $what => $type) {
            $this->browser->request('GET', "$address/$what");
            self::assertSame($type, $this->browser->getResponse()->headers->get('Content-Type'), $what);
        }
        $this->browser->request('GET', "$address/rungs/".($count + 1).'/cpp');
        self::assertResponseIsSuccessful();
        $marked = $this->post("$address/rungs/".($count + 1).'/cpp/mark', ['answer' => "#include \"scrivlet.hpp\"\n\nint main() {\n    for (int i = 0; i < 4; i++) {\n        nib.forward(50);\n        nib.left(90);\n    }\n}\n"]);
        self::assertTrue($marked['passed']);
        self::assertSame(0, self::rows('works'), 'trying is not working');
        $this->browser->request('POST', "$address/delete", ['_token' => $this->token()]);
        $this->browser->followRedirect();
        self::assertSelectorExists('[data-notice=done] button');
        $this->browser->request('POST', "$address/restore", ['_token' => $this->token()]);
        $this->browser->request('GET', $address);
        self::assertResponseIsSuccessful();
    }

    public function testExamplesAreFoundByTopicAndOpened(): void
    {
        $this->browser->request('GET', '/examples');
        $all = $this->browser->getCrawler()->filter('[data-example]')->count();
        self::assertGreaterThan(40, $all);
        $this->browser->request('GET', '/examples?scene=plot&construct=loop');
        $some = $this->browser->getCrawler()->filter('[data-example]')->count();
        self::assertGreaterThan(3, $some);
        self::assertLessThan($all / 2, $some);
        $this->browser->request('GET', '/examples/lesson/meadow/3.svg');
        self::assertStringStartsWith('<svg', (string) $this->browser->getResponse()->getContent());
        $this->browser->request('POST', '/examples/lesson/hedges/2/open', ['_token' => $this->token()]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('title', 'As long as the path is clear');
        $this->browser->request('POST', '/examples/course/evening/copy', ['_token' => $this->token()]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('#course-title', 'Evening in the garden');
        foreach (['/examples/program/nothing/0.svg', '/examples/lesson/meadow/99.svg'] as $path) {
            $this->browser->request('GET', $path);
            self::assertSame(404, $this->code());
        }
    }
}
