<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** What holds for every request: its language, a token for everything that changes something, a strict policy. */
final readonly class RequestGuard
{
    public const TOKEN = 'act';
    /** Where texts are written the editor writes its own style sheet; this number, new for each answer, is what lets it. It also gives its elements sizes by attributes. */
    public const NONCE = 'style_nonce';
    private const EDITORS = ['desk', 'ladder', 'book_rung', 'workshop_rung'];

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    #[AsEventListener(priority: 20)]
    public function language(RequestEvent $event): void
    {
        $event->getRequest()->setLocale(Preferences::of($event->getRequest(), 'locale'));
        $event->getRequest()->attributes->set(self::NONCE, bin2hex(random_bytes(12)));
    }

    /** Controllers need not think of it: no form and no script changes anything without the token. */
    #[AsEventListener]
    public function token(ControllerEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe()) {
            return;
        }
        // PHP throws a body away that is larger than it takes, and the token in it.
        if ((int) $request->headers->get('Content-Length', '0') > UploadedFile::getMaxFilesize() && !$request->headers->has('X-Csrf-Token') && 0 === $request->request->count()) {
            throw new HttpException(413, 'Too large.');
        }
        $token = $request->headers->get('X-Csrf-Token') ?? $request->request->getString('_token');
        if (!$this->tokens->isTokenValid(new CsrfToken(self::TOKEN, $token))) {
            throw new AccessDeniedHttpException('The token of this page is missing or too old.');
        }
    }

    /** A script that is not signed in any more is told so, instead of getting the page for signing in. */
    #[AsEventListener]
    public function signedOut(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        if ($response instanceof RedirectResponse && 'fetch' === $event->getRequest()->headers->get('X-Requested-With') && str_ends_with($response->getTargetUrl(), '/sign-in')) {
            $event->setResponse(new JsonResponse(['signIn' => true], 401));
        }
    }

    /** Nobody is led to another site, whatever a form or an address says. */
    #[AsEventListener(priority: -10)]
    public function ownPaths(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        if (!$response instanceof RedirectResponse) {
            return;
        }
        $target = $response->getTargetUrl();
        $own = $event->getRequest()->getSchemeAndHttpHost();
        if (!str_starts_with($target, $own.'/') && 1 !== preg_match('~^/(?![/\\\\])~', $target)) {
            $response->setTargetUrl('/');
        }
    }

    #[AsEventListener]
    public function policy(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        $attributes = $event->getRequest()->attributes;
        $editor = \in_array($attributes->get('_route'), self::EDITORS, true) && $event->getResponse()->isSuccessful() ? " 'nonce-{$attributes->getString(self::NONCE)}'; style-src-attr 'unsafe-inline'" : '';
        $headers->set('Content-Security-Policy', "default-src 'none'; script-src 'self'; style-src 'self'$editor; font-src 'self'; img-src 'self' blob: data:; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'");
        // Nobody who comes to the machine later finds a page of this person in it, and going back shows what is so now.
        if (!$headers->hasCacheControlDirective('max-age') || !$event->getResponse()->headers->has('ETag')) {
            $headers->set('Cache-Control', 'no-store, private');
        }
        if ($event->getRequest()->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000; includeSubDomains');
        }
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=(), payment=(), usb=()');
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
    }
}
