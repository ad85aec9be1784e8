<?php

declare(strict_types=1);

namespace Scrivlet\App\Learner;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\RateLimiter\RateLimiterFactory;

/** Who is learning here: whoever is signed in, else the guest whom this browser knows. */
final class Learners
{
    public const COOKIE = 'scrivlet_guest';
    private const GIVEN = 'guest_cookie';
    private const KEPT = '+60 days';
    /** A guest's visit is noted once in so many seconds. */
    private const NOTED = 3600;

    public function __construct(
        private readonly LearnerRepository $learners,
        private readonly EntityManagerInterface $entities,
        private readonly Security $security,
        private readonly KeyWords $keys,
        #[Autowire(service: 'limiter.guest_new')] private readonly RateLimiterFactory $begins,
        #[Autowire(service: 'limiter.guest_key')] private readonly RateLimiterFactory $tries,
        #[Autowire(service: 'limiter.guest_keys')] private readonly RateLimiterFactory $allTries,
    ) {
    }

    /** Nobody, as long as a guest has done nothing. */
    public function current(Request $request): ?Learner
    {
        $user = $this->security->getUser();
        if ($user instanceof User) {
            return $this->learners->findOneBy(['user' => $user]);
        }
        $cookie = $request->cookies->getString(self::COOKIE);
        $learner = 1 === preg_match('/^[0-9a-f]{64}$/D', $cookie) ? $this->learners->findOneBy(['cookie' => hash('sha256', $cookie), 'user' => null]) : null;
        $now = new \DateTimeImmutable();
        if (null !== $learner && $now->getTimestamp() - $learner->seenAt()->getTimestamp() > self::NOTED) {
            $learner->seen($now);
            $this->entities->flush();
            $this->give($request, $learner);
        }

        return $learner;
    }

    /** @throws Refusal if too many begin from one address */
    public function begun(Request $request): Learner
    {
        $learner = $this->current($request);
        if (null !== $learner) {
            return $learner;
        }
        $user = $this->security->getUser();
        if (!$user instanceof User && !$this->begins->create($request->getClientIp() ?? '')->consume()->isAccepted()) {
            throw new Refusal('guest.too_many');
        }
        if ($user instanceof User) {
            return $this->once("user {$user->id()}", fn (): Learner => $this->learners->findOneBy(['user' => $user]) ?? $this->made(new Learner($user, null, null, bin2hex(random_bytes(16)), $request->getLocale())));
        }
        $session = $request->getSession();
        $session->start();
        // Of the browser's session, so that two first requests of one page make one guest.
        $seed = $this->keys->seed($session->getId());
        $learner = $this->once("guest $seed", fn (): Learner => $this->learners->findOneBy(['cookie' => hash('sha256', $this->keys->cookie($seed))]) ?? $this->made($this->guest($seed, $request->getLocale())));
        $this->give($request, $learner);

        return $learner;
    }

    private function guest(string $seed, string $locale): Learner
    {
        while (null !== $this->learners->findOneBy(['keyHash' => $this->keys->hash($this->keys->of($seed, $locale))])) {
            $seed = bin2hex(random_bytes(16));
        }

        return new Learner(null, hash('sha256', $this->keys->cookie($seed)), $this->keys->hash($this->keys->of($seed, $locale)), $seed, $locale);
    }

    private function made(Learner $learner): Learner
    {
        $this->entities->persist($learner);
        $this->entities->flush();

        return $learner;
    }

    /** @param \Closure(): Learner $make what is not to be done twice at once for the same person */
    private function once(string $who, \Closure $make): Learner
    {
        $lock = 'scrivlet-learner-'.substr(hash('sha256', $who), 0, 32);
        $connection = $this->entities->getConnection();
        $connection->fetchOne('SELECT GET_LOCK(?, 5)', [$lock]);
        try {
            return $make();
        } finally {
            $connection->fetchOne('SELECT RELEASE_LOCK(?)', [$lock]);
        }
    }

    /**
     * Whoever has the key of their work; a guest is known by this browser from now on, a pupil has to come in.
     *
     * @throws Refusal if it is none, or too many were tried
     */
    public function back(Request $request, string $key): Learner
    {
        if (!$this->tries->create($request->getClientIp() ?? '')->consume()->isAccepted() || !$this->allTries->create('all')->consume()->isAccepted()) {
            throw new Refusal('guest.too_many_keys');
        }
        $words = $this->keys->typed($key);
        $learner = null === $words ? null : $this->learners->findOneBy(['keyHash' => $this->keys->hash($words)]);
        if (null === $learner || true === $learner->user()?->isDisabled()) {
            throw new Refusal('guest.no_key');
        }
        $learner->seen(new \DateTimeImmutable());
        $this->entities->flush();
        if ($learner->isGuest()) {
            $this->give($request, $learner);
        }

        return $learner;
    }

    /** @return list<string> the words by which a guest comes back; none for whoever has an account */
    public function key(Learner $learner): array
    {
        return $learner->hasKey() ? $this->keys->of($learner->seed(), $learner->locale) : [];
    }

    /** Whoever was a guest in this browser is somebody with a name now. */
    public function forget(Request $request): void
    {
        $request->attributes->set(self::GIVEN, '');
    }

    /** This browser does not know its guest any more. */
    public function leave(Request $request): void
    {
        $request->attributes->set(self::GIVEN, '');
        // Whoever sits down next begins as somebody else.
        $request->getSession()->invalidate();
    }

    private function give(Request $request, Learner $learner): void
    {
        $request->attributes->set(self::GIVEN, $this->keys->cookie($learner->seed()));
    }

    #[AsEventListener]
    public function set(ResponseEvent $event): void
    {
        $cookie = $event->getRequest()->attributes->get(self::GIVEN);
        if (\is_string($cookie)) {
            $expires = '' === $cookie ? new \DateTimeImmutable('-1 day') : new \DateTimeImmutable(self::KEPT);
            $event->getResponse()->headers->setCookie(Cookie::create(self::COOKIE, $cookie, $expires)->withSecure($event->getRequest()->isSecure())->withHttpOnly()->withSameSite(Cookie::SAMESITE_LAX));
        }
    }
}
