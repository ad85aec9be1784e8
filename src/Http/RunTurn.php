<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Doctrine\DBAL\Connection;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Learner\Learners;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
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

    private ?string $held = null;

    public function __construct(private readonly Connection $connection, private readonly Security $security, private readonly TranslatorInterface $translator, #[Autowire(service: 'limiter.guest_runs')] private readonly RateLimiterFactory $guestRuns)
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
        if (1 === self::number($this->connection->fetchOne('SELECT GET_LOCK(?, 0)', [$name]))) {
            $this->held = $name;

            return;
        }
        if ('GET' === $request->getMethod() && !$request->headers->has('X-Requested-With') && !$request->headers->has('HX-Request')) {
            // A page comes by itself as soon as it may.
            throw new TooManyRequestsHttpException(1, headers: ['Refresh' => '1']);
        }
        $message = $this->translator->trans('say.run_busy');
        $event->setController(static fn (): Response => new JsonResponse(['message' => $message], 429, ['Retry-After' => '1']));
    }

    #[AsEventListener]
    public function end(TerminateEvent $event): void
    {
        if (null !== $this->held) {
            $this->connection->executeQuery('SELECT RELEASE_LOCK(?)', [$this->held]);
            $this->held = null;
        }
    }

    private static function number(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}
