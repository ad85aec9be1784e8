<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Refusal;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Session\FlashBagAwareSessionInterface;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;

/** A refusal that no controller has answered is told in its words: to a script as such, on a page above the shelf. */
final class Refusals
{
    #[AsEventListener(priority: 40)]
    public function answer(ExceptionEvent $event): void
    {
        $refusal = $event->getThrowable();
        if (!$refusal instanceof Refusal) {
            return;
        }
        $request = $event->getRequest();
        $words = Sentences::of($refusal->key, $refusal->parameters, $request->getLocale());
        if ('fetch' === $request->headers->get('X-Requested-With')) {
            $event->setResponse(new JsonResponse(['message' => $words], 422));

            return;
        }
        $session = $request->hasSession() ? $request->getSession() : null;
        if ($session instanceof FlashBagAwareSessionInterface) {
            $session->getFlashBag()->add('trouble', $words);
        }
        $event->setResponse(new RedirectResponse(str_starts_with($request->getPathInfo(), '/books') ? '/books' : '/'));
    }
}
