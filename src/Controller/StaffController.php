<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\User;
use Scrivlet\App\People\DeedRepository;
use Scrivlet\App\People\Deeds;
use Scrivlet\App\People\Farewell;
use Scrivlet\App\People\Invitations;
use Scrivlet\App\People\Post;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Security\SignInRepository;
use Scrivlet\App\Security\UserRepository;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** An administrator's pages: the teachers of a school, and the log of what was done with people's data. */
#[Route('/people')]
final class StaffController extends AbstractController
{
    private const LOG = 100;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly UserRepository $users, private readonly Invitations $invitations, private readonly Post $post, private readonly Deeds $deeds, private readonly SignInRepository $signIns)
    {
    }

    #[Route('', name: 'people', methods: ['GET'])]
    public function people(ClassRepository $classes, DeedRepository $log): Response
    {
        return $this->page($classes, $log);
    }

    /** @param array{name: string, link: string, isSent: bool}|null $link */
    private function page(ClassRepository $classes, DeedRepository $log, ?array $link = null): Response
    {
        $staff = $this->users->staff();

        return $this->render('people/people.html.twig', ['staff' => $staff, 'counts' => array_map(static fn (User $user): int => \count($classes->of($user)), $staff), 'log' => $log->last(self::LOG), 'link' => $link]);
    }

    #[Route('', name: 'people_invite', methods: ['POST'])]
    public function invite(Request $request, ClassRepository $classes, DeedRepository $log): Response
    {
        try {
            $roles = $request->request->getBoolean('administrator') ? [User::TEACHER, User::ADMINISTRATOR] : [User::TEACHER];
            $person = $this->invitations->person($request->request->getString('email'), $request->request->getString('name'), $roles);
        } catch (Refusal $refusal) {
            return $this->back($request, 'trouble', $refusal->key, $refusal->parameters);
        }
        $this->deeds->note('invited', $person->getUserIdentifier());

        return $this->linked($request, $person, $classes, $log);
    }

    #[Route('/{person}/reset', name: 'people_reset', requirements: ['person' => '\d+'], methods: ['POST'])]
    public function reset(Request $request, int $person, ClassRepository $classes, DeedRepository $log): Response
    {
        $user = $this->found($person);
        $this->deeds->note('reset', $user->getUserIdentifier());

        return $this->linked($request, $user, $classes, $log);
    }

    private function linked(Request $request, User $user, ClassRepository $classes, DeedRepository $log): Response
    {
        $link = $this->invitations->link($user);

        return $this->page($classes, $log, ['name' => $user->name(), 'link' => $link, 'isSent' => $this->post->invite($user, $link, $request->getLocale())]);
    }

    #[Route('/{person}/disable', name: 'people_disable', requirements: ['person' => '\d+'], methods: ['POST'])]
    public function disable(Request $request, int $person, #[CurrentUser] User $self): Response
    {
        $user = $this->found($person);
        if ($user->id() === $self->id()) {
            return $this->back($request, 'trouble', 'people.not_self');
        }
        $user->isDisabled() ? $user->enable() : $user->disable();
        $this->entities->flush();
        $this->signIns->endAll($user);
        $this->deeds->note($user->isDisabled() ? 'disabled' : 'enabled', $user->getUserIdentifier());

        return $this->back($request, 'done', $user->isDisabled() ? 'people.disabled' : 'people.enabled', ['name' => $user->name()]);
    }

    #[Route('/{person}/administrator', name: 'people_administrator', requirements: ['person' => '\d+'], methods: ['POST'])]
    public function administrator(Request $request, int $person, #[CurrentUser] User $self): Response
    {
        $user = $this->found($person);
        if ($user->id() === $self->id()) {
            return $this->back($request, 'trouble', 'people.not_self');
        }
        $user->take($user->isAdministrator() ? [User::TEACHER] : [User::TEACHER, User::ADMINISTRATOR]);
        $this->entities->flush();
        $this->deeds->note($user->isAdministrator() ? 'made_administrator' : 'made_teacher', $user->getUserIdentifier());

        return $this->back($request, 'done', 'people.roles_done', ['name' => $user->name()]);
    }

    #[Route('/{person}/delete', name: 'people_delete', requirements: ['person' => '\d+'], methods: ['POST'])]
    public function delete(Request $request, int $person, Farewell $farewell, #[CurrentUser] User $self): Response
    {
        $user = $this->found($person);
        if ($user->id() === $self->id()) {
            return $this->back($request, 'trouble', 'people.not_self');
        }
        if (UserRepository::normal($request->request->getString('email')) !== $user->getUserIdentifier()) {
            return $this->back($request, 'trouble', 'people.delete_email', ['email' => $user->getUserIdentifier()]);
        }
        [$email, $name] = [$user->getUserIdentifier(), $user->name()];
        $farewell->to($user);
        $this->deeds->note('deleted', $email);

        return $this->back($request, 'done', 'people.deleted', ['name' => $name]);
    }

    private function found(int $id): User
    {
        $user = $id < 2147483648 ? $this->entities->find(User::class, $id) : null;
        if (null === $user || $user->isPupil()) {
            throw new NotFoundHttpException('No such person.');
        }

        return $user;
    }

    /** @param array<string, string|int> $parameters */
    private function back(Request $request, string $kind, string $says, array $parameters = []): Response
    {
        $this->addFlash($kind, Sentences::of($says, $parameters, $request->getLocale()));

        return $this->redirectToRoute('people');
    }
}
