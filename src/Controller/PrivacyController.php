<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is kept of whom, in plain words. */
final class PrivacyController extends AbstractController
{
    #[Route('/privacy', name: 'privacy', methods: ['GET'])]
    public function page(): Response
    {
        return $this->render('people/privacy.html.twig');
    }
}
