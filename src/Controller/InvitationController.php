<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\People\InvitationRepository;
use Scrivlet\App\People\Invitations;
use Scrivlet\App\Security\Passwords;
use Scrivlet\App\Security\SignInRepository;
use Scrivlet\Core\Console\Sentences;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Where a link leads by which somebody chooses a password. */
#[Route('/invitation/{token}', requirements: ['token' => '[0-9a-f]{1,64}'])]
final class InvitationController extends AbstractController
{
    public function __construct(private readonly InvitationRepository $repository, private readonly Invitations $invitations)
    {
    }

    #[Route('', name: 'invitation', methods: ['GET'])]
    public function form(string $token): Response
    {
        $invitation = $this->repository->ofToken($token) ?? throw new NotFoundHttpException('No such invitation.');

        return $this->render('people/invitation.html.twig', ['token' => $token, 'person' => $invitation->user, 'trouble' => null, 'shortest' => Passwords::SHORTEST]);
    }

    #[Route('', name: 'invitation_use', methods: ['POST'])]
    public function use(Request $request, string $token, Passwords $passwords, SignInRepository $signIns, EntityManagerInterface $entities): Response
    {
        $invitation = $this->repository->ofToken($token) ?? throw new NotFoundHttpException('No such invitation.');
        $password = $request->request->getString('password');
        if (!Passwords::isLongEnough($password)) {
            return $this->render('people/invitation.html.twig', ['token' => $token, 'person' => $invitation->user, 'trouble' => Sentences::of('account.short_password', ['shortest' => Passwords::SHORTEST], $request->getLocale()), 'shortest' => Passwords::SHORTEST], new Response(status: 422));
        }
        $passwords->set($invitation->user, $password);
        $signIns->endAll($invitation->user);
        $entities->flush();
        $this->invitations->used($invitation);
        $this->addFlash('done', Sentences::of('people.password_chosen', [], $request->getLocale()));

        return $this->redirectToRoute('sign_in');
    }
}
