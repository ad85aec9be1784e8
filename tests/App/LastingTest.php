<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use Doctrine\DBAL\Driver\AbstractException;
use Doctrine\DBAL\Exception\ConnectionLost;
use Scrivlet\App\Console\Prune;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Http\Unavailable;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\Thinning;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program as Tree;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** What was done stays done, once, whatever happens on the way. */
final class LastingTest extends AppTestCase
{
    /**
     * @param list<string> $mine
     *
     * @return array<string, mixed>
     */
    private function edit(int $id, int $revision, string $edit, string $token, array $mine = []): array
    {
        return $this->post("/programs/$id/edits", ['revision' => $revision, 'id' => $edit, 'mine' => $mine, 'view' => 'both', 'text' => 'python', 'edit' => ['do' => 'insert', 'row' => 'nib.lift', 'parent' => 1, 'body' => 'body', 'index' => 0]], $token);
    }

    public function testAnEditThatIsSentTwiceCountsOnce(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $first = $this->edit($id, 1, 'edit-0001', $token);
        self::assertSame(2, $first['revision']);
        $again = $this->edit($id, 1, 'edit-0001', $token);
        self::assertSame(200, $this->code());
        self::assertSame(2, $again['revision']);
        self::assertSame($first['select'], $again['select']);
        self::assertSame($first['order'], $again['order']);
        self::assertArrayHasKey($first['order'][1], $again['changed']['blocks'], 'every line is sent, whatever the window shows');
    }

    public function testAWindowKnowsItsOwnEditsWhoseAnswersWereLost(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $this->edit($id, 1, 'edit-0001', $token);
        $next = $this->edit($id, 1, 'edit-0002', $token, ['edit-0001', 'edit-0002']);
        self::assertSame(3, $next['revision']);
        $this->edit($id, 1, 'edit-0003', $token, ['edit-0009']);
        self::assertSame(409, $this->code());
    }

    public function testAProgramThatWasTakenAwaySaysSo(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $this->post("/programs/$id/delete", [], $token);
        self::assertStringContainsString('taken away', (string) $this->edit($id, 1, 'edit-0001', $token)['message']);
        self::assertSame(410, $this->code());
    }

    public function testWhatTheReaderOnceRefusedOpensAndIsMended(): void
    {
        $stored = '{"nextId":3,"functions":[{"id":2,"row":"define","name":"move","parameters":["x","x"],"body":[]}],"script":{"id":1,"row":"start","body":[]},"handwriting":{"python":{"text":"def move(x, x):\n    pass\n","pieces":[[2,"head",0,0,15,5,1,0],[2,"body-empty",16,20,24,5,2,0],[0,"end",25,25,25,0,0,0]]}}}';
        $id = $this->program()->id();
        $this->entities()->getConnection()->executeStatement('UPDATE programs SET tree = ? WHERE id = ?', [$stored, $id]);
        $this->entities()->clear();
        foreach (["/programs/$id", "/programs/$id/picture.svg", "/programs/$id/project", "/programs/$id/bundle.zip", "/programs/$id/text/python"] as $address) {
            $this->browser->request('GET', $address);
            self::assertSame(200, $this->code(), $address);
        }
        foreach (['this is no JSON', '{"script":5}', '[]', ''] as $broken) {
            self::assertNotSame([], ProjectReader::kept($broken)->script->body->statements);
        }
    }

    public function testADatabaseThatIsAwayAnswers503(): void
    {
        $listener = self::service(Unavailable::class);
        \assert($listener instanceof Unavailable && null !== self::$kernel);
        $lost = new ConnectionLost(new class('gone', null, 2006) extends AbstractException {}, null);
        foreach ([$lost, new \RuntimeException('around it', 0, $lost), self::gone()] as $error) {
            $event = new ExceptionEvent(self::$kernel, Request::create('/'), HttpKernelInterface::MAIN_REQUEST, $error);
            $listener->answer($event);
            self::assertSame(503, $event->getResponse()?->getStatusCode());
            self::assertNotNull($event->getResponse()->headers->get('Retry-After'));
        }
        $event = new ExceptionEvent(self::$kernel, Request::create('/'), HttpKernelInterface::MAIN_REQUEST, new \LogicException('a mistake of ours'));
        $listener->answer($event);
        self::assertNull($event->getResponse());
    }

    private static function gone(): \PDOException
    {
        $error = new \PDOException('server has gone away');
        $error->errorInfo = ['HY000', 2006, 'server has gone away'];

        return $error;
    }

    public function testTheHealthPageAsksTheDatabase(): void
    {
        $this->browser->request('GET', '/health');
        self::assertSame("well\n", $this->browser->getResponse()->getContent());
    }

    public function testRevisionsAreThinnedByTheRule(): void
    {
        $now = new \DateTimeImmutable('2026-11-27 12:00:00');
        $revisions = [];
        for ($number = 2000; $number >= 1; --$number) {
            // One every ten minutes, from now back.
            $revisions[] = ['number' => $number, 'made_at' => $now->modify('-'.(10 * (2000 - $number)).' minutes')->format('Y-m-d H:i:s'), 'name' => 700 === $number ? 'Sunflower' : null];
        }
        $gone = Thinning::gone($revisions, $now);
        $kept = array_values(array_diff(range(1, 2000), $gone));
        self::assertSame([], array_diff(range(1501, 2000), $kept), 'the newest five hundred');
        self::assertContains(700, $kept, 'a named one');
        self::assertContains(1, $kept, 'the first one');
        // Behind the newest, one of six is left.
        self::assertEqualsWithDelta(500 + 1500 / 6, \count($kept), 6);
        self::assertSame([], Thinning::gone(\array_slice($revisions, 0, Thinning::NEWEST), $now));
    }

    public function testProgramsDeletedLongAgoAreTakenAway(): void
    {
        $old = $this->program()->id();
        $new = $this->program()->id();
        $connection = $this->entities()->getConnection();
        $connection->executeStatement('UPDATE programs SET deleted_at = ? WHERE id = ?', [(new \DateTimeImmutable('-31 days'))->format('Y-m-d H:i:s'), $old]);
        $connection->executeStatement('UPDATE programs SET deleted_at = ? WHERE id = ?', [(new \DateTimeImmutable('-29 days'))->format('Y-m-d H:i:s'), $new]);
        \assert(null !== self::$kernel);
        $tester = new CommandTester((new Application(self::$kernel))->find('scrivlet:prune'));
        self::assertSame(0, $tester->execute([]));
        $this->entities()->clear();
        self::assertNull($this->entities()->find(Program::class, $old));
        self::assertNotNull($this->entities()->find(Program::class, $new));
        self::assertInstanceOf(Prune::class, self::service(Prune::class));
    }

    public function testAProgramNamedLikeTheLibraryKeepsItsFilesInTheBundle(): void
    {
        $id = $this->program(name: 'Scrivlet', tree: Language::Python->read("print(\"beans\")\n", Tree::empty())->program)->id();
        $this->browser->request('GET', "/programs/$id/bundle.zip");
        $file = (string) tempnam(sys_get_temp_dir(), 'bundle');
        file_put_contents($file, $this->browser->getResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        self::assertSame("print(\"beans\")\n", $zip->getFromName('scrivlet-program.py'));
        self::assertStringContainsString('library', (string) $zip->getFromName('scrivlet.py'));
        $zip->close();
        unlink($file);
    }

    public function testStoredProgramsAreInTheNewestForm(): void
    {
        $program = $this->program();
        self::assertTrue(ProjectReader::isCurrent($program->tree()));
        self::assertEquals(Tree::empty(), ProgramStore::program($program));
    }
}
