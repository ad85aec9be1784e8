<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
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
    public function health(Connection $connection): Response
    {
        try {
            $connection->fetchOne('SELECT 1');
        } catch (Exception) {
            return new Response("no database\n", 503, ['Content-Type' => 'text/plain', 'Retry-After' => '2']);
        }

        return new Response("well\n", 200, ['Content-Type' => 'text/plain']);
    }
}
