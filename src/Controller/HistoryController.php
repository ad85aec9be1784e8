<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\DeskView;
use Scrivlet\App\Desk\HistoryReport;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Form\NameType;
use Scrivlet\App\Program\RevisionRepository;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Plain\PlainChanges;
use Scrivlet\Core\Tree\Program as Tree;
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

    /** What a state changed of the one before it, in plain words. */
    #[Route('/{number}/changes', name: 'desk_state_changes', requirements: ['number' => '\d+'], methods: ['GET'])]
    public function changes(Request $request, Program $program, int $number): Response
    {
        [, $after] = $this->revisions->at($program, $number) ?? throw new NotFoundHttpException('No such state.');
        $before = $this->revisions->history($program, 1, $number)[0]['number'] ?? null;
        $old = null === $before ? Tree::empty() : ($this->revisions->at($program, $before)[1] ?? Tree::empty());
        $language = DeskView::of($request)->runsAs();

        return $this->render('desk/changes.html.twig', ['changes' => PlainChanges::between(new Analysis($old), new Analysis($after), $language, $request->getLocale())]);
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
