<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Handout;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\App\Register\CopyRepository;
use Scrivlet\App\Register\HandingOut;
use Scrivlet\App\Register\HandoutRepository;
use Scrivlet\Core\Console\Sentences;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Programs given to a class, and collected again; each step can be taken back. */
#[Route('/classes/{class}/handouts', requirements: ['class' => '\d+'])]
final class HandoutController extends AbstractController
{
    public function __construct(private readonly HandingOut $handing)
    {
    }

    #[Route('', name: 'class_handouts', methods: ['GET'])]
    public function all(SchoolClass $class, HandoutRepository $handouts, CopyRepository $copies, ProgramRepository $programs, #[CurrentUser] User $user): Response
    {
        $counts = [];
        foreach ($copies->ofClass($class) as $copy) {
            $of = $copy->handout->id();
            $counts[$of]['begun'] = ($counts[$of]['begun'] ?? 0) + ($copy->isBegun() ? 1 : 0);
            $counts[$of]['all'] = ($counts[$of]['all'] ?? 0) + 1;
        }

        return $this->render('register/handouts.html.twig', ['class' => $class, 'handouts' => $handouts->of($class), 'counts' => $counts, 'programs' => $programs->onShelf($user, '')]);
    }

    #[Route('', name: 'handout_new', methods: ['POST'])]
    public function new(Request $request, SchoolClass $class, ProgramRepository $programs, #[CurrentUser] User $user): Response
    {
        $program = $programs->onShelfOf($user, $request->request->getInt('program')) ?? throw new NotFoundHttpException('No such program.');
        $count = $this->handing->out($class, $program);

        return $this->done($request, $class, 'handouts.done', ['name' => $program->name(), 'count' => $count]);
    }

    /** Takes it back from all who have not begun with it. */
    #[Route('/{handout}/back', name: 'handout_back', requirements: ['handout' => '\d+'], methods: ['POST'])]
    public function back(Request $request, SchoolClass $class, Handout $handout): Response
    {
        $kept = $this->handing->back($handout);

        return $this->done($request, $class, 0 === $kept ? 'handouts.is_back' : 'handouts.is_back_but', ['name' => $handout->name, 'count' => $kept]);
    }

    #[Route('/{handout}/collect', name: 'handout_collect', requirements: ['handout' => '\d+'], methods: ['POST'])]
    public function collect(Request $request, SchoolClass $class, Handout $handout): Response
    {
        $on = $request->request->getBoolean('on', true);
        $count = $this->handing->collect($handout, $on);

        return $this->done($request, $class, $on ? 'handouts.collected_done' : 'handouts.given_again', ['name' => $handout->name, 'count' => $count]);
    }

    /** @param array<string, string|int> $parameters */
    private function done(Request $request, SchoolClass $class, string $says, array $parameters): Response
    {
        $this->addFlash('done', Sentences::of($says, $parameters, $request->getLocale()));

        return $this->redirectToRoute('class_handouts', ['class' => $class->id()]);
    }

    /** What was collected, or is there now, as files. */
    #[Route('/{handout}/all.zip', name: 'handout_zip', requirements: ['handout' => '\d+'], methods: ['GET'])]
    public function zip(SchoolClass $class, Handout $handout): Response
    {
        return new Response($this->handing->zip($handout), 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Bundle::fileName($handout->name).'.zip', 'handout.zip')]);
    }
}
