<?php

declare(strict_types=1);

namespace Scrivlet\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Cache\CacheItemPoolInterface;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Kernel;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Tree\Program as Tree;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** A teacher with a browser against the real application and the real database; each test is rolled back. */
abstract class AppTestCase extends WebTestCase
{
    protected const PASSWORD = 'hedge-and-gate';

    protected KernelBrowser $browser;
    protected User $teacher;

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }

    protected function setUp(): void
    {
        $this->browser = static::createClient();
        // Attempts of other tests are none of this one's.
        $attempts = self::service('cache.rate_limiter');
        \assert($attempts instanceof CacheItemPoolInterface);
        $attempts->clear();
        $this->teacher = $this->user('hazel@fernhollow.example');
        $this->browser->loginUser($this->teacher);
    }

    protected static function service(string $class): object
    {
        return static::getContainer()->get($class);
    }

    protected function entities(): EntityManagerInterface
    {
        $entities = self::service(EntityManagerInterface::class);
        \assert($entities instanceof EntityManagerInterface);

        return $entities;
    }

    /** @param non-empty-string $email */
    protected function user(string $email): User
    {
        $hasher = self::service(UserPasswordHasherInterface::class);
        \assert($hasher instanceof UserPasswordHasherInterface);
        $user = new User($email, 'Hazel Brook');
        $user->setPassword($hasher->hashPassword($user, self::PASSWORD));
        $this->entities()->persist($user);
        $this->entities()->flush();

        return $user;
    }

    protected function program(?User $owner = null, string $name = 'Bean rows', ?Tree $tree = null): Program
    {
        $store = self::service(ProgramStore::class);
        \assert($store instanceof ProgramStore);

        // Each request has a kernel of its own, and a person has to come from the one that is there now.
        $owner = $this->entities()->find(User::class, ($owner ?? $this->teacher)->id()) ?? throw new \LogicException('Nobody.');

        return $store->create($owner, $name, $tree ?? Tree::empty());
    }

    protected function token(): string
    {
        return $this->browser->request('GET', '/')->filter('meta[name=csrf]')->attr('content') ?? '';
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    protected function post(string $path, array $body, ?string $token = null): array
    {
        $this->browser->request('POST', $path, [], [], ['HTTP_X_CSRF_TOKEN' => $token ?? $this->token(), 'HTTP_X_REQUESTED_WITH' => 'fetch', 'CONTENT_TYPE' => 'application/json'], (string) json_encode($body));
        $answer = json_decode($this->browser->getInternalResponse()->getContent(), true);

        return \is_array($answer) ? $answer : [];
    }

    protected function code(): int
    {
        return $this->browser->getResponse()->getStatusCode();
    }
}
