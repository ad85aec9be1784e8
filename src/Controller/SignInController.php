<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Authentication\AuthenticationUtils;

final class SignInController extends AbstractController
{
    #[Route('/sign-in', name: 'sign_in', methods: ['GET', 'POST'])]
    public function signIn(AuthenticationUtils $utils): Response
    {
        if (null !== $this->getUser()) {
            return $this->redirectToRoute('shelf');
        }
        $error = $utils->getLastAuthenticationError();

        return $this->render('sign_in.html.twig', ['error' => $error, 'name' => $utils->getLastUsername()], new Response(null, null === $error ? 200 : 422));
    }

    #[Route('/health', name: 'health', methods: ['GET'])]
    public function health(): Response
    {
        return new Response('well', 200, ['Content-Type' => 'text/plain']);
    }
}
