<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Psr\Log\LoggerInterface;
use Scrivlet\App\Entity\User;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/** What happens around signing in: failures are told to the log, and take as long for unknown names as for known ones. */
final readonly class SignInWatch
{
    /** Whoever is signed in for longer signs in again, in seconds. */
    public const LONGEST = 12 * 3600;
    private const BEGAN = 'signed_in_at';

    public function __construct(private LoggerInterface $logger, private PasswordHasherFactoryInterface $hashers, private KnownBrowser $known, private SignInRepository $signIns)
    {
    }

    #[AsEventListener]
    public function failed(LoginFailureEvent $event): void
    {
        $request = $event->getRequest();
        $name = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME) ?? $request->request->get('_username');
        for ($error = $event->getException(); null !== $error; $error = $error->getPrevious()) {
            if ($error instanceof UserNotFoundException) {
                // As much work as comparing a password would have been.
                $password = $request->request->get('_password');
                $this->hashers->getPasswordHasher(User::class)->verify(self::NOBODYS, \is_string($password) ? $password : '');
                break;
            }
        }
        $this->logger->warning('Signing in failed.', ['name' => \is_string($name) ? mb_substr($name, 0, 80) : '', 'address' => $request->getClientIp(), 'why' => $event->getException()->getMessageKey()]);
    }

    /** The hash of a text that nobody knows, as dear to compare with as any. */
    private const NOBODYS = '$2y$11$4Lw5YHcVP9kSBh1MPQ1kOeOHdiNlNdihy6o4MxQHedgyTbox6J4xO';

    #[AsEventListener]
    public function signedIn(LoginSuccessEvent $event): void
    {
        $user = $event->getUser();
        $session = $event->getRequest()->getSession();
        $session->set(self::BEGAN, time());
        if ($user instanceof User) {
            $event->getResponse()?->headers->setCookie($this->known->cookie($event->getRequest(), $user->getUserIdentifier()));
            $key = bin2hex(random_bytes(16));
            $session->set('session_key', $key);
            $this->signIns->begin($key, $user, (string) $event->getRequest()->getClientIp(), $event->getRequest()->headers->get('User-Agent') ?? '');
        }
    }

    #[AsEventListener]
    public function signedOut(LogoutEvent $event): void
    {
        $key = $event->getRequest()->hasSession() ? $event->getRequest()->getSession()->get('session_key') : null;
        if (\is_string($key)) {
            $this->signIns->end($key);
        }
    }

    /** Before the firewall, so that what is too old is nobody's session. */
    #[AsEventListener(priority: 10)]
    public function tooOld(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !$request->hasPreviousSession()) {
            return;
        }
        $session = $request->getSession();
        $began = $session->get(self::BEGAN);
        $key = $session->get('session_key');
        $isOver = \is_int($began) && time() - $began > self::LONGEST;
        if (!$isOver && \is_string($key)) {
            $isOver = !$this->signIns->isGoingOn($key);
        }
        if ($isOver) {
            $session->invalidate();
            $event->setResponse(new RedirectResponse('/sign-in'));
        }
    }
}
