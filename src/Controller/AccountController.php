<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Account\TakeOut;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Form\NameType;
use Scrivlet\App\Form\NewPasswordType;
use Scrivlet\App\People\Farewell;
use Scrivlet\App\Security\Passwords;
use Scrivlet\App\Security\SignInRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Contracts\Translation\TranslatorInterface;

/** What a person sees and changes of their own account. */
#[Route('/account')]
final class AccountController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly SignInRepository $signIns,
        private readonly Passwords $passwords,
        private readonly TranslatorInterface $translator,
        #[Autowire(service: 'limiter.sign_in_name')] private readonly RateLimiterFactory $tries,
    ) {
    }

    #[Route('', name: 'account', methods: ['GET'])]
    public function account(Request $request, #[CurrentUser] User $user): Response
    {
        return $this->render('account/account.html.twig', [
            'sessions' => $this->signIns->of($user),
            'current' => $request->getSession()->get('session_key'),
            'shortest' => Passwords::SHORTEST,
        ]);
    }

    #[Route('/name', name: 'account_name', methods: ['POST'])]
    public function name(Request $request, #[CurrentUser] User $user): Response
    {
        $form = $this->createForm(NameType::class, null, ['longest' => User::LONGEST_NAME])->submit($request->request->all());
        $name = $form->get('name')->getData();
        if (!$form->isValid() || !\is_string($name)) {
            return $this->back('trouble', 'account.needs_name');
        }
        $user->rename($name);
        $this->entities->flush();

        return $this->back('done', 'account.name_done');
    }

    #[Route('/password', name: 'account_password', methods: ['POST'])]
    public function password(Request $request, Security $security, #[CurrentUser] User $user): Response
    {
        $form = $this->createForm(NewPasswordType::class)->submit($request->request->all());
        [$old, $password] = [$form->get('old')->getData(), $form->get('new')->getData()];
        $trouble = $this->trouble($user, \is_string($old) ? $old : '');
        if (null !== $trouble) {
            return $this->back('trouble', $trouble);
        }
        if (!$form->isValid() || !\is_string($password)) {
            return $this->back('trouble', 'account.short_password');
        }
        $this->passwords->set($user, $password);
        $this->entities->flush();
        $this->endSessions($request, $user);
        // This session goes on; all others have ended.
        $security->login($user, 'form_login', 'main');

        return $this->back('done', 'account.password_done');
    }

    #[Route('/sessions', name: 'account_sessions', methods: ['POST'])]
    public function sessions(Request $request, Security $security, #[CurrentUser] User $user): Response
    {
        $user->endSessions();
        $this->entities->flush();
        $this->endSessions($request, $user);
        $security->login($user, 'form_login', 'main');

        return $this->back('done', 'account.sessions_done');
    }

    #[Route('/take-out', name: 'account_take_out', methods: ['GET'])]
    public function takeOut(TakeOut $takeOut, #[CurrentUser] User $user): Response
    {
        return (new BinaryFileResponse($takeOut->zip($user), 200, ['Content-Type' => 'application/zip'], false))
            ->setContentDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, 'scrivlet.zip')
            ->deleteFileAfterSend();
    }

    #[Route('/delete', name: 'account_delete', methods: ['POST'])]
    public function delete(Request $request, Security $security, Farewell $farewell, #[CurrentUser] User $user): Response
    {
        $trouble = $this->trouble($user, $request->request->getString('password'));
        if (null !== $trouble) {
            return $this->back('trouble', $trouble);
        }
        $security->logout(false);
        $farewell->to($user);

        return $this->redirectToRoute('sign_in');
    }

    /** Why a password is not taken as the person's own; whoever sits down at an open window does not guess it there. */
    private function trouble(User $user, string $password): ?string
    {
        $tries = $this->tries->create('account-'.$user->id());
        if (!$tries->consume()->isAccepted()) {
            return 'account.many_tries';
        }
        if (!$this->passwords->fits($user, $password)) {
            return 'account.wrong_password';
        }
        $tries->reset();

        return null;
    }

    private function endSessions(Request $request, User $user): void
    {
        $this->signIns->endAll($user);
        $request->getSession()->migrate(true);
    }

    private function back(string $kind, string $sentence): Response
    {
        $this->addFlash($kind, $this->translator->trans($sentence, ['shortest' => Passwords::SHORTEST]));

        return $this->redirectToRoute('account');
    }
}
