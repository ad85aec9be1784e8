<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\HistoryReport;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Form\NameType;
use Scrivlet\App\Program\RevisionRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The states that a program had; those that got a name are kept for good. */
#[Route('/programs/{id}/history', requirements: ['id' => '\d+'])]
final class HistoryController extends AbstractController
{
    private const MOST = 100;

    public function __construct(private readonly RevisionRepository $revisions)
    {
    }

    #[Route('', name: 'desk_history', methods: ['GET'])]
    public function history(Request $request, Program $program): Response
    {
        $before = $request->query->getInt('before', \PHP_INT_MAX);

        return $this->render('desk/history.html.twig', [
            'program' => $program,
            'history' => HistoryReport::of($this->revisions->history($program, self::MOST, $before > 0 ? $before : \PHP_INT_MAX), $request->getLocale()),
            'most' => self::MOST,
            'isFirst' => !$request->query->has('before'),
        ]);
    }

    #[Route('/{number}/name', name: 'desk_name_state', requirements: ['number' => '\d+'], methods: ['POST'])]
    public function name(Request $request, Program $program, int $number): Response
    {
        $form = $this->createForm(NameType::class, null, ['longest' => Program::LONGEST_NAME, 'may_be_empty' => true, 'is_cut' => true])->submit($request->request->all());
        $name = $form->get('name')->getData();
        $this->revisions->name($program, $number, \is_string($name) ? $name : '');
        $state = HistoryReport::of($this->revisions->history($program, 1, $number + 1), $request->getLocale())[0] ?? null;
        if ($number !== ($state['number'] ?? null)) {
            throw new NotFoundHttpException('No such state.');
        }

        return $this->render('desk/state.html.twig', ['program' => $program, 'entry' => $state, 'isNamed' => true]);
    }
}
