<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Http\Preferences;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final class PreferencesController extends AbstractController
{
    #[Route('/preferences', name: 'preferences', methods: ['POST'])]
    public function __invoke(Request $request): Response
    {
        $back = $request->request->getString('back');
        // Only to an address of our own: a path, not another host.
        $response = $this->redirect(1 === preg_match('~^/(?![/\\\\])~', $back) ? $back : '/');
        foreach (Preferences::NAMES as $name) {
            $choices = Preferences::choices($name);
            $value = $request->request->getString($name);
            if (\in_array($value, $choices, true)) {
                $response->headers->setCookie(Cookie::create("scrivlet_$name", $value, '+1 year', '/', null, null, true, false, Cookie::SAMESITE_LAX));
            }
        }

        return $response;
    }
}
