<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Doctrine\DBAL\Connection;
use Psr\Cache\CacheItemPoolInterface;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Learner\Learners;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * One run a person at a time: who asks for another one meanwhile is told to wait, and holds up nobody else. The lock is
 * the database's, so that it holds over all PHP nodes, and goes with the connection of a run that was ended from outside.
 */
final class RunTurn
{
    private const ROUTES = [
        'desk_run', 'desk_layouts', 'desk_seal', 'compare', 'device_run', 'ladder', 'ladder_mark', 'ladder_try', 'ladder_hint',
        'book_rung', 'book_rung_mark', 'book_rung_try', 'book_rung_hint', 'workshop_rung', 'workshop_rung_mark', 'workshop_rung_try', 'workshop_rung_hint',
    ];

    /** Whoever's last run took more of the machine's time than this is a heavy one, in seconds; for so long is that remembered. */
    private const HEAVY = 0.8;
    private const REMEMBERED = 120;
    /** So many heavy ones run at once, so that there is always room for all the others. */
    private const HEAVY_AT_ONCE = 1;

    private ?string $held = null;
    private ?string $heavy = null;
    private float $began = 0;

    public function __construct(#[Autowire(service: 'cache.app')] private readonly CacheItemPoolInterface $past, private readonly Connection $connection, private readonly Security $security, private readonly TranslatorInterface $translator, #[Autowire(service: 'limiter.guest_runs')] private readonly RateLimiterFactory $guestRuns)
    {
    }

    #[AsEventListener(priority: -20)]
    public function begin(ControllerEvent $event): void
    {
        $request = $event->getRequest();
        if (!\in_array($request->attributes->get('_route'), self::ROUTES, true)) {
            return;
        }
        $user = $this->security->getUser();
        if (!$user instanceof User && !$this->guestRuns->create($request->getClientIp() ?? '')->consume()->isAccepted()) {
            throw new Refusal('guest.runs');
        }
        // A guest is known by the browser; one whose browser holds nothing shares a turn with all such of that address.
        $name = 'scrivlet-run-'.($user instanceof User ? (string) $user->id() : substr(hash('sha256', 'guest '.($request->cookies->getString(Learners::COOKIE) ?: $request->cookies->getString((string) session_name()) ?: $request->getClientIp())), 0, 32));
        if ($this->gets($name)) {
            $this->held = $name;
            if ($this->mayRun($name)) {
                return;
            }
            $this->leave();
        }
        if ('GET' === $request->getMethod() && !$request->headers->has('X-Requested-With') && !$request->headers->has('HX-Request')) {
            // A page comes by itself as soon as it may.
            throw new TooManyRequestsHttpException(1, headers: ['Refresh' => '1']);
        }
        $message = $this->translator->trans('say.run_busy');
        $event->setController(static fn (): Response => new JsonResponse(['message' => $message], 429, ['Retry-After' => '1']));
    }

    /** The turn is free before the last of the answer is under way: who has it may ask for the next run at once. */
    #[AsEventListener(priority: -1000)]
    public function answer(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $write = $response instanceof StreamedResponse ? $response->getCallback() : null;
        if ($response instanceof StreamedResponse && null !== $write) {
            $response->setCallback(function () use ($write): void {
                $write();
                $this->end();
            });
        } elseif ($event->isMainRequest()) {
            $this->end();
        }
    }

    #[AsEventListener(event: TerminateEvent::class)]
    public function end(): void
    {
        if (null !== $this->held) {
            // What was ended from outside never comes here, and stays remembered as what it was taken for at first.
            if (self::used() - $this->began < self::HEAVY) {
                $this->past->deleteItem($this->held);
            }
            $this->leave();
        }
    }

    /** Those who run what takes long wait for each other, and nobody else for them. */
    private function mayRun(string $name): bool
    {
        $last = $this->past->getItem($name);
        $slots = $last->isHit() ? array_map(static fn (int $slot): string => "scrivlet-heavy-$slot", range(1, self::HEAVY_AT_ONCE)) : [];
        shuffle($slots);
        foreach ($slots as $slot) {
            if ($this->gets($slot)) {
                $this->heavy = $slot;
                break;
            }
        }
        if ([] !== $slots && null === $this->heavy) {
            return false;
        }
        $this->began = self::used();
        // Taken for a heavy one until it has ended in time.
        $this->past->save($last->set(true)->expiresAfter(self::REMEMBERED));

        return true;
    }

    /** @return float seconds of the machine's time that this process has used; waiting counts nothing */
    private static function used(): float
    {
        $use = getrusage() ?: [];

        return ($use['ru_utime.tv_sec'] ?? 0) + ($use['ru_stime.tv_sec'] ?? 0) + (($use['ru_utime.tv_usec'] ?? 0) + ($use['ru_stime.tv_usec'] ?? 0)) / 1e6;
    }

    private function gets(string $lock): bool
    {
        return 1 === self::number($this->connection->fetchOne('SELECT GET_LOCK(?, 0)', [$lock]));
    }

    private function leave(): void
    {
        foreach ([$this->held, $this->heavy] as $lock) {
            if (null !== $lock) {
                $this->connection->executeQuery('SELECT RELEASE_LOCK(?)', [$lock]);
            }
        }
        $this->held = $this->heavy = null;
    }

    private static function number(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}
