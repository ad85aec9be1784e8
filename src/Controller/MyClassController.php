<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\MarginNote;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Learner\Progress;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Register\Activity;
use Scrivlet\App\Register\CopyRepository;
use Scrivlet\App\Register\Joining;
use Scrivlet\App\Register\Layer;
use Scrivlet\App\Register\PupilRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The class as one of its pupils sees it. */
#[Route('/my-class')]
final class MyClassController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly PupilRepository $pupils, private readonly Layer $layer, private readonly Activity $activity)
    {
    }

    #[Route('', name: 'my_class', methods: ['GET'])]
    public function page(Request $request, Joining $joining, CopyRepository $copies, LessonRepository $lessons, WorkRepository $works, #[CurrentUser] User $user): Response
    {
        $pupil = $this->pupil($user);
        $course = $pupil->class()->course();
        $progress = null;
        if (null !== $course) {
            $language = BookController::language($request, $course, $pupil->learner, $lessons->document($course)->languages());
            $progress = Progress::of($pupil->learner, $course, $language, $lessons, $works);
        }

        return $this->render('register/my_class.html.twig', [
            'pupil' => $pupil, 'key' => $joining->key($pupil), 'isNew' => $request->query->has('new'), 'course' => $course, 'progress' => $progress,
            'next' => $progress?->next(), 'copies' => $copies->ofPupil($pupil),
        ]);
    }

    /** What the teacher says just now; nothing where the page has it already. */
    #[Route('/layer', name: 'my_class_layer', methods: ['GET'])]
    public function layer(Request $request, #[CurrentUser] User $user): Response
    {
        $pupil = $this->pupil($user);
        $known = $this->layer->digest($pupil, $request->getLocale());
        if ($request->query->getString('known') === $known) {
            return new Response(status: 204);
        }

        return $this->render('register/layer.html.twig', $this->layer->of($pupil, $request->getLocale(), $request->cookies->getString('scrivlet_text')));
    }

    #[Route('/hand', name: 'my_class_hand', methods: ['POST'])]
    public function hand(Request $request, #[CurrentUser] User $user): Response
    {
        $pupil = $this->pupil($user);
        $pupil->raiseHand($request->request->getBoolean('up'));
        $this->entities->flush();
        $this->activity->tell($pupil);

        return 'fetch' === $request->headers->get('X-Requested-With')
            ? $this->render('register/layer.html.twig', $this->layer->of($pupil, $request->getLocale(), $request->cookies->getString('scrivlet_text')))
            : $this->redirectToRoute('my_class');
    }

    /** A note in the margin is read, and put away. */
    #[Route('/notes/{note}/read', name: 'my_class_read', requirements: ['note' => '\d+'], methods: ['POST'])]
    public function read(Request $request, int $note, #[CurrentUser] User $user): Response
    {
        $pupil = $this->pupil($user);
        $found = $this->entities->find(MarginNote::class, $note);
        if (null === $found || $found->pupil !== $pupil) {
            throw new NotFoundHttpException('No such note.');
        }
        $found->read();
        $this->entities->flush();

        return 'fetch' === $request->headers->get('X-Requested-With')
            ? $this->render('register/layer.html.twig', $this->layer->of($pupil, $request->getLocale(), $request->cookies->getString('scrivlet_text')))
            : $this->redirectToRoute('my_class');
    }

    private function pupil(User $user): Pupil
    {
        return $this->pupils->ofUser($user) ?? throw new NotFoundHttpException('In no class.');
    }
}
