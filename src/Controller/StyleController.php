<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** All that repeats in the templates on one page, in the three themes; for development only. */
final class StyleController extends AbstractController
{
    #[Route('/style', name: 'style', methods: ['GET'], env: 'dev')]
    public function style(): Response
    {
        return $this->render('style/style.html.twig');
    }
}
