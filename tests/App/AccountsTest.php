<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use Scrivlet\App\Entity\User;
use Scrivlet\App\Security\KnownBrowser;
use Scrivlet\App\Security\UserRepository;
use Scrivlet\Tests\Support\Demos;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\HttpFoundation\Request;

/** Letting people in, and nobody else. */
final class AccountsTest extends AppTestCase
{
    private function command(string $name): CommandTester
    {
        \assert(null !== self::$kernel);

        return new CommandTester((new Application(self::$kernel))->find($name));
    }

    private function signIn(string $name, string $password): void
    {
        $page = $this->browser->request('GET', '/sign-in');
        $token = (string) $page->filter('[name=_csrf_token]')->attr('value');
        $this->browser->request('POST', '/sign-in', ['_username' => $name, '_password' => $password, '_csrf_token' => $token]);
        $this->browser->followRedirect();
    }

    private function isIn(): bool
    {
        return '/' === $this->browser->getRequest()->getPathInfo();
    }

    public function testAccountsAreMadeDisabledAndDeletedFromTheConsole(): void
    {
        $accounts = $this->command('scrivlet:account');
        self::assertSame(0, $accounts->execute(['action' => 'make', 'email' => 'Bramble@Fernhollow.example', '--name' => 'Bramble Reed']));
        self::assertSame(1, preg_match('/password: (\S+)/', $accounts->getDisplay(), $match));
        $password = $match[1] ?? '';
        self::assertSame(1, $accounts->execute(['action' => 'make', 'email' => 'bramble@fernhollow.example']), 'there is one already');
        $accounts->execute(['action' => 'list']);
        self::assertStringContainsString('ROLE_TEACHER', $accounts->getDisplay());

        $this->browser->getCookieJar()->clear();
        $this->signIn('BRAMBLE@fernhollow.example ', $password);
        self::assertTrue($this->isIn());
        $this->command('scrivlet:account')->execute(['action' => 'disable', 'email' => 'bramble@fernhollow.example']);
        $this->browser->request('GET', '/');
        self::assertResponseRedirects('http://localhost/sign-in', null, 'a session of a disabled person has ended');
        $this->signIn('bramble@fernhollow.example', $password);
        self::assertFalse($this->isIn());
        $this->command('scrivlet:account')->execute(['action' => 'enable', 'email' => 'bramble@fernhollow.example']);
        $this->signIn('bramble@fernhollow.example', $password);
        self::assertTrue($this->isIn());
        self::assertSame(0, $this->command('scrivlet:account')->execute(['action' => 'delete', 'email' => 'bramble@fernhollow.example', '--yes' => true]));
        self::assertNull($this->entities()->getRepository(User::class)->findOneBy(['email' => 'bramble@fernhollow.example']));
        self::assertSame(2, $this->command('scrivlet:account')->execute(['action' => 'dance', 'email' => 'x']));
    }

    public function testTheDemoPeopleAreNotForASchool(): void
    {
        $load = fn (): int => $this->command('doctrine:fixtures:load')->execute(['--append' => true, '--group' => ['demo']]);
        $programs = fn (): mixed => $this->entities()->getConnection()->fetchAllKeyValue("SELECT email, COUNT(programs.id) FROM users JOIN programs ON owner_id = users.id WHERE email LIKE '%@fernhollow.example' GROUP BY email ORDER BY email");
        self::assertSame(0, $load());
        $made = $programs();
        self::assertSame(0, $load());
        self::assertSame($made, $programs(), 'what is there is not made again');
        self::assertSame(['juniper@fernhollow.example' => \count(Demos::programs()), 'rowan@fernhollow.example' => 4], $made);
        // They come by a bundle that an installation without what is for development does not have.
        $require = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/composer.json'), true);
        self::assertIsArray($require);
        self::assertArrayHasKey('doctrine/doctrine-fixtures-bundle', $require['require-dev']);
        self::assertArrayNotHasKey('doctrine/doctrine-fixtures-bundle', $require['require']);
    }

    public function testAPersonChangesNameAndPasswordAndTakesAllAway(): void
    {
        $kale = $this->program(name: 'Row of kale')->id();
        // A shelf of many programs comes whole, too.
        $this->entities()->getConnection()->executeStatement(
            "INSERT INTO programs (owner_id, name, tree, row_count, revision, updated_at) SELECT owner_id, 'Row of beans', tree, row_count, 1, updated_at FROM programs p, seq_1_to_250 WHERE p.id = ?",
            [$kale],
        );
        $token = $this->token();
        foreach (['' => '[data-notice=trouble]', str_repeat('x', 81) => '[data-notice=trouble]', 'Hazel Moss' => '[data-notice=done]'] as $name => $shown) {
            $this->browser->request('POST', '/account/name', ['_token' => $token, 'name' => (string) $name]);
            $this->browser->followRedirect();
            self::assertSelectorExists($shown);
        }
        self::assertInputValueSame('name', 'Hazel Moss');
        $this->browser->request('GET', '/account/take-out');
        $file = (string) tempnam(sys_get_temp_dir(), 'all');
        file_put_contents($file, $this->browser->getInternalResponse()->getContent());
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $about = json_decode((string) $zip->getFromName('account.json'), true);
        \assert(\is_array($about) && \is_array($about['programs']) && \is_array($about['programs'][0]));
        self::assertSame('hazel@fernhollow.example', $about['email']);
        self::assertStringContainsString('"Row of kale"', (string) $zip->getFromName((string) $about['programs'][0]['file']));
        self::assertSame(1 + 251, $zip->count());
        self::assertStringContainsString('"Row of beans"', (string) $zip->getFromIndex(250));
        $zip->close();
        unlink($file);

        $this->browser->catchExceptions(false);
        foreach ([['wrong', 'a new and long one'], [self::PASSWORD, 'short']] as [$old, $new]) {
            $this->browser->request('POST', '/account/password', ['_token' => $token, 'old' => $old, 'new' => $new]);

            $this->browser->followRedirect();
            self::assertSelectorExists('[data-notice=trouble]');
        }
        $this->browser->request('POST', '/account/password', ['_token' => $token, 'old' => self::PASSWORD, 'new' => 'a new and long one']);
        $this->browser->followRedirect();
        self::assertSelectorExists('[data-notice=done]');
    }

    public function testNobodyGuessesAPasswordAtAnOpenWindow(): void
    {
        $token = $this->token();
        for ($try = 0; $try < 6; ++$try) {
            $this->browser->request('POST', '/account/delete', ['_token' => $token, 'password' => "guess $try"]);
            $this->browser->followRedirect();
        }
        // Not even the right one is taken now.
        $this->browser->request('POST', '/account/delete', ['_token' => $token, 'password' => self::PASSWORD]);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('[data-notice=trouble]', 'minute');
        self::assertNotNull($this->entities()->find(User::class, $this->teacher->id()));
    }

    public function testAPersonDeletesTheirAccountWithAllThatIsTheirs(): void
    {
        $id = $this->teacher->id();
        $program = $this->program()->id();
        $this->browser->request('POST', '/account/delete', ['_token' => $this->token(), 'password' => 'wrong']);
        self::assertNotFalse($this->entities()->getConnection()->fetchOne('SELECT 1 FROM users WHERE id = ?', [$id]));
        $this->browser->request('POST', '/account/delete', ['_token' => $this->token(), 'password' => self::PASSWORD]);
        $connection = $this->entities()->getConnection();
        self::assertFalse($connection->fetchOne('SELECT 1 FROM users WHERE id = ?', [$id]));
        self::assertFalse($connection->fetchOne('SELECT 1 FROM programs WHERE id = ?', [$program]));
        self::assertFalse($connection->fetchOne('SELECT 1 FROM revisions WHERE program_id = ?', [$program]));
    }

    public function testNamesAreComparedInOneWayOnly(): void
    {
        self::assertSame(UserRepository::normal(' HAZEL@Fernhollow.example'), UserRepository::normal('hazel@fernhollow.example'));
        $this->browser->getCookieJar()->clear();
        // The database takes no accent for the letter without it, so that no other spelling gets around the count of attempts.
        $this->signIn('házel@fernhollow.example', self::PASSWORD);
        self::assertFalse($this->isIn());
    }

    public function testNobodyWhoGuessesLocksAPersonOutOfTheirOwnBrowser(): void
    {
        $this->browser->getCookieJar()->clear();
        $this->signIn('hazel@fernhollow.example', self::PASSWORD);
        $own = $this->browser->getCookieJar()->get('scrivlet_known');
        self::assertNotNull($own);
        $this->browser->getCookieJar()->clear();
        for ($guess = 0; $guess < 7; ++$guess) {
            $this->signIn('hazel@fernhollow.example', "guess $guess");
        }
        self::assertSelectorTextContains('[data-notice=trouble]', 'Too many failed');
        $this->browser->getCookieJar()->clear();
        $this->browser->getCookieJar()->set($own);
        $this->signIn('hazel@fernhollow.example', self::PASSWORD);
        self::assertTrue($this->isIn());
        $known = self::service(KnownBrowser::class);
        \assert($known instanceof KnownBrowser);
        self::assertNull($known->of(Request::create('/', cookies: ['scrivlet_known' => 'forged.sign']), 'hazel@fernhollow.example'));
    }

    public function testPrivatePagesAreNotKeptAndNobodyIsLedElsewhere(): void
    {
        $id = $this->program()->id();
        foreach (['/', '/account', "/programs/$id", "/programs/$id/history"] as $address) {
            $this->browser->request('GET', $address);
            self::assertStringContainsString('no-store', (string) $this->browser->getResponse()->headers->get('Cache-Control'), $address);
        }
        $this->browser->request('GET', '/', [], [], ['HTTPS' => 'on']);
        self::assertNotNull($this->browser->getResponse()->headers->get('Strict-Transport-Security'));
        $this->browser->getCookieJar()->clear();
        $page = $this->browser->request('GET', '/sign-in');
        $this->browser->request('POST', '/sign-in', ['_username' => 'hazel@fernhollow.example', '_password' => self::PASSWORD, '_csrf_token' => (string) $page->filter('[name=_csrf_token]')->attr('value'), '_target_path' => 'https://elsewhere.example/']);
        self::assertStringStartsNotWith('https://elsewhere', (string) $this->browser->getResponse()->headers->get('Location'));
    }
}
