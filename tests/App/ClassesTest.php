<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Psr\Log\NullLogger;
use Scrivlet\App\Entity\Copy;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Deed;
use Scrivlet\App\Entity\Handout;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\MarginNote;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Trip;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Lesson\Workshop;
use Scrivlet\App\People\Post;
use Scrivlet\App\Register\Joining;
use Scrivlet\Core\Lesson\LessonFile;
use Scrivlet\Core\Tree\Program as Tree;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Routing\RouterInterface;

/** Classes: how pupils come in and back, what their teacher sees and does, and that nobody else does. */
final class ClassesTest extends AppTestCase
{
    private function schoolClass(?User $owner = null, string $name = '7b'): SchoolClass
    {
        $owner = $this->entities()->find(User::class, ($owner ?? $this->teacher)->id());
        \assert($owner instanceof User);
        static $count = 0;
        $signs = 'ACFHJKMPRTWXY3479';
        $class = new SchoolClass($owner, $name, 'ACF'.$signs[intdiv(++$count, 289) % 17].$signs[intdiv($count, 17) % 17].$signs[$count % 17], new \DateTimeImmutable('+3 months'));
        $this->entities()->persist($class);
        $this->entities()->flush();

        return $class;
    }

    private function course(SchoolClass $class): Course
    {
        $workshop = self::service(Workshop::class);
        \assert($workshop instanceof Workshop);
        $course = $workshop->copy(LessonFile::readCourse((string) file_get_contents(__DIR__.'/../../demo/courses/hedges.course.json')), $class->owner);
        $class->workOn($course, $this->lesson($course));
        $this->entities()->flush();

        return $course;
    }

    private function lesson(Course $course): Lesson
    {
        $lessons = self::service(LessonRepository::class);
        \assert($lessons instanceof LessonRepository);

        return $lessons->of($course)[0];
    }

    private function pupil(SchoolClass $class, string $name): Pupil
    {
        $joining = self::service(Joining::class);
        \assert($joining instanceof Joining);
        $class = $this->entities()->find(SchoolClass::class, $class->id());
        \assert($class instanceof SchoolClass);

        return $joining->join($class, $name, 'en');
    }

    /** Another browser than the teacher's. */
    private function stranger(): void
    {
        $this->browser->getCookieJar()->clear();
    }

    private function as(User $user): void
    {
        $this->stranger();
        $this->browser->loginUser($this->entities()->find(User::class, $user->id()) ?? throw new \LogicException('Nobody.'));
    }

    /** @param array<string, mixed> $fields */
    private function send(string $path, array $fields = []): void
    {
        $token = $this->browser->request('GET', '/privacy')->filter('meta[name=csrf]')->attr('content') ?? '';
        $this->browser->request('POST', $path, ['_token' => $token, ...$fields]);
    }

    private function joins(string $code, string $name): void
    {
        $this->send('/join', ['code' => $code, 'name' => $name]);
    }

    private function kept(string $table, string $where = '1'): int
    {
        $count = $this->entities()->getConnection()->fetchOne("SELECT COUNT(*) FROM $table WHERE $where");

        return is_numeric($count) ? (int) $count : -1;
    }

    public function testAPupilComesInWithTheCodeAndBackWithFourWords(): void
    {
        $class = $this->schoolClass();
        $this->stranger();
        $this->joins(strtolower($class->code()), "  Nettle\u{200b}  Stem ");
        self::assertResponseRedirects('/my-class?new=1');
        $page = $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', '7b');
        $key = trim($page->filter('[data-key]')->text());
        self::assertMatchesRegularExpression('/^[a-z]+( · [a-z]+){3}$/D', $key);
        self::assertSelectorTextContains('header', 'Nettle Stem');
        $this->stranger();
        $this->send('/join/back', ['key' => strtoupper(str_replace(' · ', ', ', $key))]);
        self::assertResponseRedirects('/my-class');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('header', 'Nettle Stem');
        $this->send('/join/back', ['key' => $key]);
        self::assertResponseRedirects('/my-class', null, 'who is in stays in');
    }

    public function testWhoIsNotLetInIsToldWhy(): void
    {
        $class = $this->schoolClass();
        $this->pupil($class, 'Cress');
        $this->stranger();
        foreach ([['XXXXXX', 'Dill', 'no class with this code'], ['', 'Dill', 'no class with this code'], [$class->code(), '', 'name you are known by'], [$class->code(), "\u{200b} \x00", 'name you are known by'], [$class->code(), 'CRESS', 'in this class already']] as [$code, $name, $says]) {
            $this->joins($code, $name);
            self::assertSame(422, $this->code(), "$code $name");
            self::assertSelectorTextContains('[data-notice=trouble]', $says);
        }
        self::assertSelectorExists('[name=name][value=CRESS]', 'nothing typed is lost');
        $this->entities()->getConnection()->executeStatement('UPDATE classes SET is_joinable = 0');
        $this->joins($class->code(), 'Dill');
        self::assertSelectorTextContains('[data-notice=trouble]', 'takes nobody in');
        $this->entities()->getConnection()->executeStatement("UPDATE classes SET is_joinable = 1, ends_on = '2020-01-01'");
        $this->joins($class->code(), 'Dill');
        self::assertSelectorTextContains('[data-notice=trouble]', 'takes nobody in');
        self::assertSame(1, $this->kept('pupils'));
    }

    public function testCodesAndKeysCannotBeTriedOut(): void
    {
        $class = $this->schoolClass();
        $this->stranger();
        for ($try = 0; $try < 20; ++$try) {
            $this->joins('ACFHJ'.substr('ACFHJKMPRTWXY3479', $try % 17, 1), 'Dill');
            self::assertSame(422, $this->code(), "try $try");
        }
        $this->joins($class->code(), 'Dill');
        self::assertSame(429, $this->code(), 'even the right one has to wait now');
        self::assertSame(0, $this->kept('pupils'));
        $refused = false;
        for ($try = 0; $try < 45 && !$refused; ++$try) {
            $this->send('/join/back', ['key' => "alder birch cedar number$try"]);
            self::assertSame(422, $this->code());
            $refused = str_contains((string) $this->browser->getResponse()->getContent(), 'Too many keys');
        }
        self::assertTrue($refused);
    }

    public function testAWholeClassJoinsWithinAMinuteFromOneAddress(): void
    {
        $class = $this->schoolClass();
        for ($number = 0; $number < 32; ++$number) {
            $this->stranger();
            $this->joins($class->code(), "Pupil $number");
            self::assertResponseRedirects('/my-class?new=1', null, "pupil $number");
        }
        self::assertSame(32, $this->kept('pupils'));
    }

    public function testAGuestWhoJoinsKeepsTheirWork(): void
    {
        $class = $this->schoolClass();
        $course = $this->course($class);
        $course->let(true, false);
        $this->entities()->flush();
        $lesson = $this->lesson($course);
        $rung = $lesson->lesson()->rungs[0]->id;
        $this->stranger();
        $token = $this->browser->request('GET', '/books')->filter('meta[name=csrf]')->attr('content') ?? '';
        $this->post("/books/{$course->id()}/{$lesson->id()}/$rung/python/keep", ['answer' => '[0,1]'], $token);
        self::assertSame(200, $this->code());
        self::assertSame(1, $this->kept('works'));
        $this->joins($class->code(), 'Tansy');
        self::assertResponseRedirects('/my-class?new=1');
        $pupil = $this->entities()->getRepository(Pupil::class)->findOneBy([]);
        self::assertNotNull($pupil);
        self::assertSame(1, $this->kept('works', 'learner_id = '.$pupil->learner->id()));
        self::assertSame(1, $this->kept('learners'));
    }

    #[Group('long')]
    public function testARoleReachesItsOwnPagesAlone(): void
    {
        $class = $this->schoolClass();
        $pupil = $this->pupil($class, 'Cress');
        $other = $this->user('sorrel@fernhollow.example');
        $foreign = $this->schoolClass($other, 'Theirs');
        $theirs = $this->pupil($foreign, 'Dill');
        $note = new MarginNote($theirs, 'program 1', '', 1, '', 'Hello');
        $trip = new Trip($foreign, $theirs, 'mistake.unknown_word', [], 'python', 'x', 1, null, null, new \DateTimeImmutable());
        $handout = new Handout($foreign, 'Kite', '{}');
        foreach ([$note, $trip, $handout] as $one) {
            $this->entities()->persist($one);
        }
        $this->entities()->flush();
        $router = self::service('router');
        \assert($router instanceof RouterInterface);
        $routes = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            foreach ($route->getMethods() as $method) {
                $routes[] = [$name, $route->getPath(), $method];
            }
        }
        $places = static fn (string $path, int $class, int $pupil): string => strtr($path, ['{class}' => (string) $class, '{pupil}' => (string) $pupil, '{note}' => (string) $note->id(), '{trip}' => (string) $trip->id(), '{handout}' => (string) $handout->id(), '{person}' => '1', '{_format}' => 'csv', '.{_format}' => '']);
        // A teacher finds nothing of another teacher's class, under its own address or under their own class's.
        $seen = 0;
        foreach ($routes as [$name, $path, $method]) {
            if (str_starts_with($path, '/classes/{class}')) {
                foreach ([[$foreign->id(), $theirs->id()], [$class->id(), $theirs->id()], [999999999, 1]] as [$of, $whom]) {
                    if ($of === $class->id() && 1 !== preg_match('/\{(pupil|note|trip|handout)\}/', $path)) {
                        continue;
                    }
                    $this->as($this->teacher);
                    $this->browser->request($method, $places($path, $of, $whom), 'POST' === $method ? ['_token' => $this->token()] : []);
                    self::assertContains($this->code(), [404, 405], "$name $of");
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(40, $seen);
        // A pupil reaches no page of teachers or administrators, and no account.
        foreach ($routes as [$name, $path, $method]) {
            if (1 === preg_match('~^/(classes|workshop|people|account|examples/(lesson|course))~', $path)) {
                $this->as($pupil->user);
                $address = strtr($places($path, $class->id(), $pupil->id()), ['{course}' => '1', '{lesson}' => '1', '{id}' => '1', '{rung}' => '1', '{language}' => 'python', '{sheet}' => 'answers', '{file}' => 'meadow', '{place}' => '0']);
                $this->browser->request($method, $address, 'POST' === $method ? ['_token' => $this->token()] : []);
                self::assertSame(403, $this->code(), "$name as a pupil");
            }
        }
        // A teacher is no administrator, and in no class.
        foreach ($routes as [$name, $path, $method]) {
            if (1 === preg_match('~^/(people|my-class)~', $path)) {
                $this->as($this->teacher);
                $this->browser->request($method, $places($path, 1, 1), 'POST' === $method ? ['_token' => $this->token()] : []);
                self::assertSame(403, $this->code(), "$name as a teacher");
            }
        }
        // A pupil's note is put away by nobody else.
        $this->as($pupil->user);
        $this->send("/my-class/notes/{$note->id()}/read");
        self::assertSame(404, $this->code());
        // What one pupil has on the shelf is nothing that another finds.
        $program = $this->program($theirs->user);
        $this->browser->request('GET', "/programs/{$program->id()}");
        self::assertResponseStatusCodeSame(404);
    }

    public function testTheRegisterShowsWhatPupilsDo(): void
    {
        $class = $this->schoolClass();
        $course = $this->course($class);
        $lesson = $this->lesson($course);
        $pupil = $this->pupil($class, 'Cress');
        $write = $lesson->lesson()->rungs[\count($lesson->lesson()->rungs) - 1];
        $address = "/books/{$course->id()}/{$lesson->id()}/{$write->id}/python";
        $this->as($pupil->user);
        $this->browser->request('GET', $address);
        self::assertSame(200, $this->code(), 'a course that is not open is there for the class that works on it');
        for ($try = 0; $try < 5; ++$try) {
            $this->post("$address/mark", ['answer' => "whle True:\n    pass\n"]);
            self::assertSame(200, $this->code());
        }
        $this->as($this->teacher);
        $page = $this->browser->request('GET', "/classes/{$class->id()}");
        self::assertSame(200, $this->code());
        $row = $page->filter("tr[data-pupil=\"{$pupil->id()}\"]");
        self::assertNotNull($row->attr('data-stuck'));
        self::assertCount(\count($lesson->lesson()->rungs), $row->filter('[data-standing]'));
        self::assertCount(1, $row->filter('[data-standing=help]'));
        self::assertStringContainsString('5 tries', $row->filter('[data-standing=help]')->text());
        self::assertGreaterThan(0, $page->filter('[data-trip]')->count());
        $this->browser->request('GET', "/classes/{$class->id()}/pupils/{$pupil->id()}");
        self::assertSelectorTextContains('[data-lines]', 'whle True:');
        self::assertSelectorExists('[data-mistake]');
        $model = $write->rung($lesson->lesson(), \Scrivlet\Core\Language\Language::Python, 'en')?->model;
        $this->as($pupil->user);
        $this->post("$address/mark", ['answer' => $model]);
        $this->as($this->teacher);
        $row = $this->browser->request('GET', "/classes/{$class->id()}/rows")->filter("tr[data-pupil=\"{$pupil->id()}\"]");
        self::assertCount(1, $row->filter('[data-standing=done]'));
        self::assertNull($row->attr('data-stuck'));
        // What was tripped over becomes a rung, and an example on the lectern, without the pupil's name.
        $trip = $this->entities()->getRepository(Trip::class)->findOneBy([], ['id' => 'ASC']);
        self::assertNotNull($trip);
        $before = \count($this->entities()->find(Lesson::class, $lesson->id())?->lesson()->rungs ?? []);
        $this->send("/classes/{$class->id()}/trips/{$trip->id()}/rung");
        $added = $this->entities()->find(Lesson::class, $lesson->id())?->lesson()->rungs ?? [];
        self::assertCount($before + 1, $added);
        $last = $added[\count($added) - 1];
        self::assertStringContainsString('whle', (string) json_encode($last->written?->question));
        $this->send("/classes/{$class->id()}/trips/{$trip->id()}/show");
        self::assertMatchesRegularExpression('~/programs/\d+/lectern\?~', (string) $this->browser->getResponse()->headers->get('Location'));
        self::assertSame(0, $this->kept('programs', "name LIKE '%Cress%' OR tree LIKE '%Cress%'"));
    }

    public function testWhatIsSaidToTheClassIsOnEveryPageOfItsPupils(): void
    {
        $class = $this->schoolClass();
        $pupil = $this->pupil($class, 'Cress');
        $program = $this->program(null, 'Kite for all');
        $layer = function () use ($pupil): string {
            $this->as($pupil->user);
            $this->browser->request('GET', '/my-class/layer');

            return (string) $this->browser->getResponse()->getContent();
        };
        self::assertStringNotContainsString('class-hold', $layer());
        foreach ([['hold', ['on' => 1], 'id="class-hold"'], ['gather', ['to' => "program {$program->id()}"], 'Kite for all']] as [$what, $fields, $shown]) {
            $this->as($this->teacher);
            $this->send("/classes/{$class->id()}/$what", $fields);
            self::assertResponseRedirects("/classes/{$class->id()}");
            self::assertStringContainsString($shown, $layer());
            $this->browser->request('GET', '/');
            self::assertStringContainsString($shown, (string) $this->browser->getResponse()->getContent(), 'on the shelf as well');
        }
        // The page knows when nothing is new.
        $this->browser->request('GET', '/my-class/layer');
        $digest = $this->browser->getCrawler()->filter('#class-layer')->attr('data-digest');
        $this->browser->request('GET', "/my-class/layer?known=$digest");
        self::assertSame(204, $this->code());
        $this->as($this->teacher);
        $this->send("/classes/{$class->id()}/hold", ['on' => 0]);
        $this->send("/classes/{$class->id()}/gather", ['to' => '']);
        self::assertStringNotContainsString('class-hold', $layer());
        self::assertStringNotContainsString('Kite for all', $layer());
        // Nobody is gathered at what is not the teacher's to show.
        $other = $this->program($this->user('sorrel@fernhollow.example'), 'Secret');
        $this->as($this->teacher);
        foreach (["program {$other->id()}", 'program 999999999', 'lesson 1', 'rung 1'] as $to) {
            $this->send("/classes/{$class->id()}/gather", ['to' => $to]);
            self::assertSame(404, $this->code(), $to);
        }
    }

    public function testANoteInTheMarginIsThereUntilItIsReadOrTakenBack(): void
    {
        $class = $this->schoolClass();
        $pupil = $this->pupil($class, 'Cress');
        $program = $this->program($pupil->user);
        $this->as($this->teacher);
        foreach (['Look at line two <b>', 'And at this'] as $text) {
            $this->send("/classes/{$class->id()}/pupils/{$pupil->id()}/notes", ['text' => $text, 'place' => "program {$program->id()}", 'anchor' => '3:head', 'line' => 2, 'quote' => 'x = 1']);
        }
        $this->send("/classes/{$class->id()}/pupils/{$pupil->id()}/notes", ['text' => '', 'place' => "program {$program->id()}"]);
        $this->send("/classes/{$class->id()}/pupils/{$pupil->id()}/notes", ['text' => 'nowhere', 'place' => 'elsewhere']);
        self::assertSame(2, $this->kept('margin_notes'));
        $this->as($pupil->user);
        $page = $this->browser->request('GET', "/programs/{$program->id()}");
        self::assertCount(2, $page->filter('#class-notes [data-note]'));
        self::assertSame('3:head', $page->filter('#class-notes [data-note]')->attr('data-anchor'));
        self::assertStringContainsString('Look at line two &lt;b&gt;', $page->html());
        $first = (int) $page->filter('#class-notes [data-note]')->attr('data-note');
        $this->send("/my-class/notes/$first/read");
        $second = $first + 1;
        $this->as($this->teacher);
        $this->send("/classes/{$class->id()}/pupils/{$pupil->id()}/notes/$second/delete");
        $this->as($pupil->user);
        self::assertCount(0, $this->browser->request('GET', '/')->filter('#class-notes [data-note]'));
    }

    public function testWhatIsHandedOutComesBack(): void
    {
        $class = $this->schoolClass();
        $first = $this->pupil($class, 'Cress');
        $program = $this->program(null, 'Kite');
        $this->as($this->teacher);
        $this->send("/classes/{$class->id()}/handouts", ['program' => $program->id()]);
        $late = $this->pupil($class, 'Dill');
        self::assertSame(2, $this->kept('copies'), 'who comes later gets it as well');
        $copy = $this->entities()->getRepository(Copy::class)->findOneBy(['pupil' => $first->id()]);
        self::assertNotNull($copy);
        $this->as($first->user);
        $made = $this->post("/programs/{$copy->program->id()}/edits", ['revision' => 1, 'view' => 'both', 'text' => 'python', 'edit' => ['do' => 'insert', 'row' => 'repeat', 'parent' => Tree::empty()->script->id, 'body' => 'body', 'index' => 0]]);
        $this->as($this->teacher);
        $handout = $this->entities()->getRepository(Handout::class)->findOneBy(['class' => $class->id()]);
        self::assertNotNull($handout);
        $this->send("/classes/{$class->id()}/handouts/{$handout->id()}/collect", ['on' => 1]);
        self::assertSame(2, $this->kept('copies', 'collected_revision IS NOT NULL'));
        $this->browser->request('GET', "/classes/{$class->id()}/handouts/{$handout->id()}/all.zip");
        self::assertResponseHeaderSame('Content-Type', 'application/zip');
        $this->send("/classes/{$class->id()}/handouts/{$handout->id()}/collect", ['on' => 0]);
        self::assertSame(0, $this->kept('copies', 'collected_revision IS NOT NULL'));
        $this->send("/classes/{$class->id()}/handouts/{$handout->id()}/back");
        self::assertSame(0, $this->kept('handouts'));
        $begun = isset($made['revision']) ? 1 : 0;
        self::assertSame($begun, $this->kept('programs', "owner_id IN ({$first->user->id()}, {$late->user->id()})"), 'what is begun stays with its pupil: '.json_encode($made));
        self::assertSame(1, $begun);
    }

    public function testListsComeInAndGoOut(): void
    {
        $class = $this->schoolClass();
        $file = (string) tempnam(sys_get_temp_dir(), 'list');
        $take = function (string $text) use ($class, $file): \Symfony\Component\DomCrawler\Crawler {
            file_put_contents($file, $text);
            $token = $this->token();

            return $this->browser->request('POST', "/classes/{$class->id()}/people", ['_token' => $token], ['file' => new UploadedFile($file, 'users.csv', 'text/csv', null, true)]);
        };
        $page = $take("sourcedId,status,givenName,familyName,role\r\nu1,active,Ash,Grove,student\r\nu2,active,\"Birch, the\",Hill,student\r\nu3,active,Oak,Old,teacher\r\n,,,,\r\n");
        self::assertSelectorTextContains('[data-report]', '2 pupils');
        self::assertSelectorTextContains('[data-left]', 'Row 4, “u3, active, Oak, Old, teacher”: no pupil');
        self::assertCount(2, $page->filter('[data-report] li'));
        // What an office program wrote, with another sign between cells, in the letters of its machine.
        $take((string) mb_convert_encoding("Nom;Prénom\r\nPrêle;Zoé\r\n", 'Windows-1252', 'UTF-8'));
        self::assertSelectorTextContains('[data-report]', 'Zoé Prêle');
        $take((string) mb_convert_encoding("\u{feff}name\tclass\nElm\t7b\n", 'UTF-16LE', 'UTF-8'));
        self::assertSelectorTextContains('[data-report]', 'Elm');
        foreach (['', "\n\n", "\x00\x01\xff\xfe\x80", str_repeat('"', 999), '"never closed'] as $rubbish) {
            $take($rubbish);
            self::assertContains($this->code(), [200, 422], bin2hex(substr($rubbish, 0, 8)));
        }
        $take("name\n=HYPERLINK(1)\n");
        $this->browser->request('GET', "/classes/{$class->id()}/people.csv");
        $csv = (string) $this->browser->getResponse()->getContent();
        self::assertStringStartsWith("\u{feff}name,id,joined\r\n", $csv);
        self::assertStringContainsString('Ash Grove",u1,', $csv);
        self::assertDoesNotMatchRegularExpression('/^"?=HYPERLINK/m', $csv, 'no formula for an office program');
        $this->browser->request('GET', "/classes/{$class->id()}/people.zip");
        file_put_contents($file, (string) $this->browser->getResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        self::assertStringContainsString("oneroster.version,1.2\r\n", (string) $zip->getFromName('manifest.csv'));
        $users = (string) $zip->getFromName('users.csv');
        $enrolled = (string) $zip->getFromName('enrollments.csv');
        $pupils = $this->kept('pupils');
        self::assertSame($pupils + 1, substr_count($users, "\r\n"));
        self::assertSame($pupils + 1, substr_count($enrolled, "\r\n"));
        $zip->close();
        // What went out comes in again, elsewhere.
        $other = $this->schoolClass(null, '8a');
        file_put_contents($file, $users);
        $token = $this->token();
        $this->browser->request('POST', "/classes/{$other->id()}/people", ['_token' => $token], ['file' => new UploadedFile($file, 'users.csv', 'text/csv', null, true)]);
        self::assertSame($pupils, $this->kept('pupils', "class_id = {$other->id()}"));
        // The tables of a whole school: only those who are enrolled in this class come in.
        $school = $this->schoolClass(null, 'Hedges');
        $tables = ['users.csv' => "sourcedId,givenName,familyName,role\na,Ash,Grove,student\nb,Birch,Hill,student\nc,Cedar,Mead,student\n", 'enrollments.csv' => "sourcedId,classSourcedId,userSourcedId,role\n1,k1,a,student\n2,k2,b,student\n3,k2,c,student\n4,k2,t,teacher\n", 'classes.csv' => "sourcedId,title\nk1,Lawns\nk2,hedges\n"];
        $send = function (SchoolClass $into) use ($tables): void {
            $files = [];
            foreach ($tables as $name => $text) {
                $path = (string) tempnam(sys_get_temp_dir(), 'list');
                file_put_contents($path, $text);
                $files[] = new UploadedFile($path, $name, 'text/csv', null, true);
            }
            $token = $this->token();
            $this->browser->request('POST', "/classes/{$into->id()}/people", ['_token' => $token], ['file' => $files]);
        };
        $send($school);
        self::assertSelectorTextContains('[data-report]', 'Birch Hill');
        self::assertSame(2, $this->kept('pupils', "class_id = {$school->id()}"));
        $send($other);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[data-notice=trouble]', 'Lawns, hedges');
        unlink($file);
    }

    /** A class that is over gets another name without going on, and goes on where a day is given. */
    public function testAClassThatHasEndedIsRenamed(): void
    {
        $class = $this->schoolClass();
        $over = new \DateTimeImmutable('-3 days');
        $this->entities()->getConnection()->update('classes', ['ends_on' => $over->format('Y-m-d')], ['id' => $class->id()]);
        $this->entities()->clear();
        $this->as($this->teacher);
        $this->send("/classes/{$class->id()}/settings", ['name' => '7b of old', 'ends' => $over->format('Y-m-d')]);
        $this->browser->followRedirect();
        self::assertSelectorExists('[data-notice=done]');
        self::assertSame(1, $this->kept('classes', "id = {$class->id()} AND name = '7b of old' AND ends_on = '{$over->format('Y-m-d')}'"));
        $this->send("/classes/{$class->id()}/settings", ['name' => '7b of old', 'ends' => (new \DateTimeImmutable('-2 days'))->format('Y-m-d')]);
        $this->browser->followRedirect();
        self::assertSelectorExists('[data-notice=trouble]');
        $this->send("/classes/{$class->id()}/settings", ['name' => '7b', 'ends' => (new \DateTimeImmutable('+9 days'))->format('Y-m-d')]);
        self::assertSame(1, $this->kept('classes', "id = {$class->id()} AND ends_on > CURRENT_DATE AND name = '7b'"));
    }

    /** The four words of a pupil, typed where guests come back to their books, bring them into their class; that counts as one try. */
    public function testAPupilComesBackThroughTheBooks(): void
    {
        $class = $this->schoolClass();
        $pupil = $this->pupil($class, 'Tansy');
        $this->as($this->teacher);
        $key = trim($this->browser->request('GET', "/classes/{$class->id()}/keys")->filter('[data-key]')->last()->text());
        $this->stranger();
        $this->send('/books/key', ['key' => $key]);
        self::assertResponseRedirects('/my-class');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('body', $pupil->name());
    }

    public function testATeacherMindsTheirPupils(): void
    {
        $class = $this->schoolClass();
        $other = $this->schoolClass(null, '8a');
        $pupil = $this->pupil($class, 'Cress');
        $this->pupil($class, 'Dill');
        $of = "/classes/{$class->id()}/pupils/{$pupil->id()}";
        $this->as($this->teacher);
        $this->send("$of/rename", ['name' => 'Dill']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[data-notice=trouble]', 'already');
        $this->send("$of/rename", ['name' => 'Water Cress']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[data-notice=done]', 'Water Cress');
        // A new key opens, the old one does not, and whoever was in is out.
        $keys = fn (): string => trim($this->browser->request('GET', "/classes/{$class->id()}/keys")->filter('[data-key]')->last()->text());
        $old = $keys();
        $this->send("$of/key");
        $new = trim($this->browser->getCrawler()->filter('[data-key]')->text());
        self::assertNotSame($old, $new);
        $this->stranger();
        $this->send('/join/back', ['key' => $old]);
        self::assertSame(422, $this->code());
        $this->send('/join/back', ['key' => $new]);
        self::assertResponseRedirects('/my-class');
        $this->as($this->teacher);
        $this->send("$of/move", ['to' => $other->id()]);
        self::assertSame(1, $this->kept('pupils', "class_id = {$other->id()}"));
        // All data as open files; the log says who took it.
        $this->browser->request('GET', "/classes/{$other->id()}/pupils/{$pupil->id()}/data.zip");
        self::assertResponseHeaderSame('Content-Type', 'application/zip');
        $deeds = array_map(static fn (Deed $deed): string => $deed->did, $this->entities()->getRepository(Deed::class)->findAll());
        foreach (['pupil_renamed', 'keys_shown', 'pupil_key', 'pupil_moved', 'pupil_data'] as $did) {
            self::assertContains($did, $deeds);
        }
    }

    /** @return list<string> every table in which anything of somebody could be */
    private function tables(): array
    {
        return ['users', 'programs', 'revisions', 'pictures', 'learners', 'works', 'work_states', 'pupils', 'copies', 'margin_notes', 'trips', 'sign_ins', 'devices', 'classes', 'handouts'];
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        return array_combine($this->tables(), array_map(fn (string $table): int => $this->kept($table), $this->tables()));
    }

    public function testWhoIsDeletedIsGoneFromEveryTable(): void
    {
        $before = $this->counts();
        $class = $this->schoolClass();
        $empty = $this->counts();
        $course = $this->course($class);
        $lesson = $this->lesson($course);
        $pupils = [$this->pupil($class, 'Cress'), $this->pupil($class, 'Dill')];
        foreach ($pupils as $pupil) {
            $program = $this->program($pupil->user);
            $this->as($pupil->user);
            $this->browser->request('GET', "/programs/{$program->id()}/picture.svg");
            $this->post("/books/{$course->id()}/{$lesson->id()}/{$lesson->lesson()->rungs[\count($lesson->lesson()->rungs) - 1]->id}/python/mark", ['answer' => "prnt(1)\n"]);
            $this->as($this->teacher);
            $this->send("/classes/{$class->id()}/pupils/{$pupil->id()}/notes", ['text' => 'Look', 'place' => "program {$program->id()}", 'line' => 1]);
        }
        $full = $this->counts();
        foreach (['users', 'programs', 'revisions', 'learners', 'works', 'work_states', 'pupils', 'margin_notes', 'trips'] as $table) {
            self::assertGreaterThan($empty[$table], $full[$table], $table);
        }
        // All of it is in what is taken out.
        $this->browser->request('GET', "/classes/{$class->id()}/pupils/{$pupils[0]->id()}/data.zip");
        $response = $this->browser->getResponse();
        \assert($response instanceof BinaryFileResponse);
        $file = (string) tempnam(sys_get_temp_dir(), 'data');
        file_put_contents($file, $this->browser->getInternalResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $about = json_decode((string) $zip->getFromName('account.json'), true);
        \assert(\is_array($about));
        self::assertSame(['7b', 'Look', "prnt(1)\n", "prnt(1)\n"], [$about['class'], $about['notes'][0]['text'], $about['tripped'][0]['text'], $about['states'][0]['answer']]);
        $zip->close();
        unlink($file);
        $this->send("/classes/{$class->id()}/pupils/{$pupils[0]->id()}/remove");
        foreach (['pupils', 'works', 'margin_notes'] as $table) {
            self::assertSame($empty[$table] + 1, $this->kept($table), $table);
        }
        $this->send("/classes/{$class->id()}/delete", ['name' => 'wrong']);
        self::assertSame(1, $this->kept('classes', "id = {$class->id()}"), 'not by a slip');
        $this->send("/classes/{$class->id()}/delete", ['name' => '7b']);
        self::assertResponseRedirects('/classes');
        self::assertSame($before, $this->counts());
        self::assertSame(1, $this->kept('deeds', "did = 'class_deleted'"));
    }

    public function testClassesEnd(): void
    {
        $class = $this->schoolClass();
        $this->pupil($class, 'Cress');
        $stays = $this->schoolClass(null, 'Stays');
        $this->entities()->getConnection()->executeStatement('UPDATE classes SET ends_on = ? WHERE id = ?', [(new \DateTimeImmutable('-31 days'))->format('Y-m-d'), $class->id()]);
        $application = new Application(self::$kernel);
        $application->setAutoExit(false);
        $console = new ApplicationTester($application);
        $console->run(['command' => 'scrivlet:tidy', '--dry-run' => true]);
        self::assertSame(1, $this->kept('classes', "id = {$class->id()}"));
        $console->run(['command' => 'scrivlet:tidy']);
        self::assertStringContainsString('classes: 1', $console->getDisplay());
        self::assertSame([0, 1, 0], [$this->kept('classes', "id = {$class->id()}"), $this->kept('classes', "id = {$stays->id()}"), $this->kept('pupils')]);
        self::assertSame(0, $this->kept('users', "roles LIKE '%PUPIL%'"));
    }

    public function testMarksAndReports(): void
    {
        $class = $this->schoolClass();
        $course = $this->course($class);
        $lesson = $this->lesson($course);
        $pupil = $this->pupil($class, '=Cress');
        $this->pupil($class, 'Dill "the", Long');
        $this->as($pupil->user);
        $this->post("/books/{$course->id()}/{$lesson->id()}/{$lesson->lesson()->rungs[0]->id}/python/mark", ['answer' => '[]']);
        $this->as($this->teacher);
        $this->browser->request('GET', "/classes/{$class->id()}/marks");
        self::assertSame(200, $this->code());
        $this->browser->request('GET', "/classes/{$class->id()}/marks.csv");
        $csv = (string) $this->browser->getResponse()->getContent();
        self::assertStringStartsWith("\u{feff}", $csv);
        $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim(substr($csv, 3))));
        self::assertCount(3, $rows);
        self::assertCount(\count($rows[0]), $rows[1], 'as many cells as the head');
        self::assertStringStartsNotWith('=', (string) $rows[1][0]);
        self::assertSame('Dill "the", Long', $rows[2][0]);
        foreach (["/classes/{$class->id()}/pupils/{$pupil->id()}/report", "/classes/{$class->id()}/pupils/{$pupil->id()}/report.pdf"] as $address) {
            $this->browser->request('GET', $address);
            self::assertSame(200, $this->code(), $address);
        }
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
        $this->browser->request('GET', "/classes/{$class->id()}/certificates.pdf");
        self::assertResponseRedirects("/classes/{$class->id()}/marks", null, 'nobody has done the course');
        $this->entities()->getConnection()->executeStatement('DELETE FROM works');
        foreach ($this->lessonsOf($course) as $one) {
            foreach ($one->lesson()->rungs as $rung) {
                $this->entities()->getConnection()->insert('works', ['learner_id' => $pupil->learner->id(), 'lesson_id' => $one->id(), 'rung' => $rung->id, 'language' => 'python', 'tries' => 1, 'hints' => 0, 'looks' => 0, 'nearness' => '[1]', 'answer' => 'x', 'passed_at' => '2026-11-01 10:00:00', 'is_skipped' => 0, 'changed_at' => '2026-11-01 10:00:00', 'seconds' => 60]);
            }
        }
        $this->browser->request('GET', "/classes/{$class->id()}/certificates.pdf");
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
    }

    /** @return list<Lesson> */
    private function lessonsOf(Course $course): array
    {
        $lessons = self::service(LessonRepository::class);
        \assert($lessons instanceof LessonRepository);
        $course = $this->entities()->find(Course::class, $course->id());
        \assert($course instanceof Course);

        return $lessons->of($course);
    }

    public function testAnAdministratorInvitesTeachers(): void
    {
        $administrator = $this->entities()->find(User::class, $this->user('linden@fernhollow.example')->id());
        \assert($administrator instanceof User);
        $administrator->take([User::TEACHER, User::ADMINISTRATOR]);
        $this->entities()->flush();
        $this->as($administrator);
        $this->send('/people', ['email' => 'Rue@Fernhollow.example ', 'name' => 'Rue Hill']);
        self::assertSame(200, $this->code());
        $link = (string) parse_url(trim($this->browser->getCrawler()->filter('[data-link]')->text()), \PHP_URL_PATH);
        foreach (['rue@fernhollow.example', 'nonsense', ''] as $email) {
            $this->send('/people', ['email' => $email, 'name' => 'x']);
            self::assertResponseRedirects('/people', null, $email);
        }
        self::assertSame(0, $this->kept('invitations', "hash LIKE '%".basename($link)."%'"), 'the link itself is kept nowhere');
        $this->stranger();
        $this->browser->request('GET', $link);
        self::assertSelectorTextContains('#invitation', 'Rue Hill');
        $this->send($link, ['password' => 'short']);
        self::assertSame(422, $this->code());
        $this->send($link, ['password' => 'a-long-enough-password']);
        self::assertResponseRedirects('/sign-in');
        $this->browser->request('GET', $link);
        self::assertSame(404, $this->code(), 'once');
        $page = $this->browser->request('GET', '/sign-in');
        $this->browser->request('POST', '/sign-in', ['_username' => 'rue@fernhollow.example', '_password' => 'a-long-enough-password', '_csrf_token' => $page->filter('[name=_csrf_token]')->attr('value')]);
        self::assertResponseRedirects('http://localhost/');
        $rue = $this->entities()->getRepository(User::class)->findOneBy(['email' => 'rue@fernhollow.example']);
        self::assertNotNull($rue);
        $class = $this->schoolClass($rue, 'Theirs');
        $this->pupil($class, 'Cress');
        $this->as($administrator);
        $this->send("/people/{$rue->id()}/disable");
        self::assertTrue($this->entities()->find(User::class, $rue->id())?->isDisabled());
        $this->send("/people/{$rue->id()}/reset");
        self::assertSelectorExists('[data-link]');
        $this->send("/people/{$rue->id()}/delete", ['email' => 'other@fernhollow.example']);
        self::assertNotNull($this->entities()->find(User::class, $rue->id()));
        $this->send("/people/{$rue->id()}/delete", ['email' => 'RUE@fernhollow.example']);
        self::assertSame([0, 0, 0], [$this->kept('users', "email = 'rue@fernhollow.example'"), $this->kept('classes', "id = {$class->id()}"), $this->kept('pupils', "class_id = {$class->id()}")]);
        self::assertSame(0, $this->kept('users', "roles LIKE '%PUPIL%'"));
        $this->send("/people/{$administrator->id()}/delete", ['email' => 'linden@fernhollow.example']);
        self::assertNotNull($this->entities()->find(User::class, $administrator->id()), 'nobody deletes themselves by that page');
        $this->browser->request('GET', '/people');
        self::assertSelectorTextContains('#deeds', 'deleted rue@fernhollow.example');
    }

    public function testALinkIsSentWhereASchoolHasSaidHow(): void
    {
        $log = new NullLogger();
        $user = new User('rue@fernhollow.example', 'Rue Hill');
        self::assertFalse((new Post(null, null, $log))->isThere());
        self::assertFalse((new Post('null://null', '', $log))->invite($user, 'http://localhost/invitation/1', 'en'));
        self::assertTrue((new Post('null://null', 'school@fernhollow.example', $log))->invite($user, 'http://localhost/invitation/1', 'fr'));
        self::assertFalse((new Post('smtp://127.0.0.1:9', 'school@fernhollow.example', $log))->invite($user, 'http://localhost/invitation/1', 'en'), 'a mail server that is away stops nobody');
    }
}
