<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use Doctrine\DBAL\DriverManager;
use Psr\Cache\CacheItemPoolInterface;
use Scrivlet\App\Program\Quota;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program as Tree;
use Symfony\Component\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\KernelEvents;

/** Nobody takes up so much that others have to wait. */
final class FairnessTest extends AppTestCase
{
    public function testAPersonRunsOneProgramAtATimeAndEditsMeanwhile(): void
    {
        $id = $this->program(tree: Language::Python->read("print(6 * 7)\n", Tree::empty())->program)->id();
        $token = $this->token();
        // Another request of the same person, which runs a program now, holds this lock in a connection of its own.
        $other = DriverManager::getConnection($this->entities()->getConnection()->getParams());
        $other->executeQuery('SELECT GET_LOCK(?, 0)', ['scrivlet-run-'.$this->teacher->id()]);
        $answer = $this->post("/programs/$id/run", ['view' => 'both', 'text' => 'python'], $token);
        self::assertSame(429, $this->code());
        self::assertNotEmpty($answer['message'] ?? '');
        // A page is no message for scripts: it says so in words, and comes by itself.
        $this->browser->request('GET', "/programs/$id/ladder");
        self::assertSame(429, $this->code());
        self::assertSame('1', $this->browser->getResponse()->headers->get('Refresh'));
        self::assertSelectorTextContains('h1', 'One moment');
        $this->post("/programs/$id/edits", ['revision' => 1, 'view' => 'both', 'text' => 'python', 'edit' => ['do' => 'insert', 'row' => 'nib.lift', 'parent' => 1, 'body' => 'body', 'index' => 0]], $token);
        self::assertSame(200, $this->code());

        $other->executeQuery('SELECT RELEASE_LOCK(?)', ['scrivlet-run-'.$this->teacher->id()]);
        $codes = [];
        for ($run = 0; $run < 2; ++$run) {
            $this->post("/programs/$id/run", ['view' => 'both', 'text' => 'python'], $token);
            $codes[] = $this->code();
        }
        self::assertSame([200, 200], $codes, 'a run that has ended gives its turn away');

        // What is put in order behind an answer may have to wait for the machine: whoever has the answer does not.
        $isFree = [];
        $this->browser->disableReboot();
        $events = self::service('event_dispatcher');
        \assert($events instanceof EventDispatcherInterface);
        $events->addListener(KernelEvents::TERMINATE, function () use (&$isFree, $other): void {
            $isFree[] = (int) $other->fetchOne('SELECT IS_FREE_LOCK(?)', ['scrivlet-run-'.$this->teacher->id()]);
        }, 1000);
        $this->post("/programs/$id/layouts", ['view' => 'both', 'text' => 'python'], $token);
        self::assertSame([1], $isFree);
    }

    public function testThoseWhoRunWhatTakesLongWaitForEachOther(): void
    {
        $id = $this->program(tree: Language::Python->read("print(6 * 7)\n", Tree::empty())->program)->id();
        $token = $this->token();
        $other = DriverManager::getConnection($this->entities()->getConnection()->getParams());
        $other->executeQuery('SELECT GET_LOCK(?, 0)', ['scrivlet-heavy-1']);
        $run = function () use ($id, $token): int {
            $this->post("/programs/$id/run", ['view' => 'both', 'text' => 'python'], $token);

            return $this->code();
        };
        self::assertSame(200, $run(), 'whoever ran nothing long waits for nobody');
        $past = self::service('cache.app');
        \assert($past instanceof CacheItemPoolInterface);
        $name = 'scrivlet-run-'.$this->teacher->id();
        self::assertFalse($past->hasItem($name), 'a short run is forgotten');
        $past->save($past->getItem($name)->set(true));
        self::assertSame(429, $run());
        $other->executeQuery('SELECT RELEASE_LOCK(?)', ['scrivlet-heavy-1']);
        self::assertSame(200, $run());
        self::assertFalse($past->hasItem($name), 'who runs something short again is like all others');
    }

    public function testAShelfHasAnEndFarAway(): void
    {
        $program = $this->program();
        $token = $this->token();
        // One short of full, made as fast as the database can.
        $this->entities()->getConnection()->executeStatement(
            'INSERT INTO programs (owner_id, name, tree, row_count, revision, undo_to, redo_to, updated_at) SELECT owner_id, name, tree, row_count, 1, NULL, NULL, updated_at FROM programs p, seq_1_to_'.(Quota::PROGRAMS - 2).' WHERE p.id = ?',
            [$program->id()],
        );
        $this->browser->request('POST', '/programs/new', ['_token' => $token, 'name' => 'The last bed']);
        self::assertStringContainsString('/programs/', (string) $this->browser->getResponse()->headers->get('Location'));
        $this->browser->request('POST', '/programs/new', ['_token' => $token, 'name' => 'One bed more']);
        $this->browser->followRedirect();
        self::assertStringContainsString((string) Quota::PROGRAMS, str_replace([',', "\u{a0}"], '', $this->browser->getCrawler()->filter('[role=alert]')->text()));
        self::assertSame(Quota::PROGRAMS, (int) $this->entities()->getConnection()->fetchOne('SELECT COUNT(*) FROM programs WHERE owner_id = ?', [$this->teacher->id()]));
    }

    public function testNoHandEditsSoFast(): void
    {
        $id = $this->program()->id();
        $token = $this->token();
        $quota = self::service(Quota::class);
        \assert($quota instanceof Quota);
        for ($taken = 0; $quota->takesEdit($this->teacher); ++$taken) {
            self::assertLessThan(5_000, $taken);
        }
        self::assertGreaterThan(600, $taken, 'ten a second are let through');
        $this->post("/programs/$id/edits", ['revision' => 1, 'view' => 'both', 'text' => 'python', 'edit' => ['do' => 'insert', 'row' => 'nib.lift', 'parent' => 1, 'body' => 'body', 'index' => 0]], $token);
        self::assertSame(429, $this->code());
        self::assertTrue($this->browser->getResponse()->headers->has('Retry-After'));
    }
}
