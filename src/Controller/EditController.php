<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\Applied;
use Scrivlet\App\Desk\DeskAnswers;
use Scrivlet\App\Desk\DeskView;
use Scrivlet\App\Desk\Digests;
use Scrivlet\App\Desk\EditReader;
use Scrivlet\App\Desk\PartingReport;
use Scrivlet\App\Desk\SettingReport;
use Scrivlet\App\Desk\SpreadRenderer;
use Scrivlet\App\Desk\TypedText;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Http\JsonBody;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\Quota;
use Scrivlet\App\Program\RevisionConflict;
use Scrivlet\App\Program\RevisionRepository;
use Scrivlet\App\Register\Activity;
use Scrivlet\App\Register\Told;
use Scrivlet\Core\Compare\Parting;
use Scrivlet\Core\Compare\Seals;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Edit\Edited;
use Scrivlet\Core\Edit\Revision;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Plain\PlainPiece;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Tree\Program as Tree;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Edits of a program, and what windows that fell behind do. */
#[Route('/programs/{id}', requirements: ['id' => '\d+'])]
final class EditController extends AbstractController
{
    public function __construct(private readonly ProgramStore $store, private readonly RevisionRepository $revisions, private readonly SpreadRenderer $renderer, private readonly TranslatorInterface $translator, private readonly Quota $quota, private readonly Activity $activity)
    {
    }

    #[Route('/edits', name: 'desk_edit', methods: ['POST'])]
    public function edit(Request $request, Program $program): JsonResponse
    {
        $data = JsonBody::of($request);
        $edit = $data['edit'] ?? null;
        // Seals are run, so that they are taken where runs are, and nothing else is.
        if (!\is_array($edit) || ('seal' === ($edit['do'] ?? null)) !== ('desk_seal' === $request->attributes->get('_route'))) {
            throw new BadRequestHttpException('No edit.');
        }
        if ($program->isDeleted()) {
            return new JsonResponse(['message' => $this->translator->trans('desk.gone')], 410);
        }
        if (!$this->quota->takesEdit($program->owner())) {
            return new JsonResponse(['message' => $this->translator->trans('desk.many_edits')], 429, ['Retry-After' => '5']);
        }
        $revision = $program->revision();
        $id = \is_string($data['id'] ?? null) && 1 === preg_match('/^[0-9a-z-]{8,40}$/D', $data['id']) ? $data['id'] : null;
        $made = null === $id ? null : $this->revisions->madeBy($program, $id);
        if (null !== $made) {
            return $this->again($request, $data, $program, $made);
        }
        if (!$this->isNewest($program, $revision, $data)) {
            return $this->conflict($revision);
        }
        $before = new Analysis($old = ProgramStore::program($program));
        $partings = [];
        try {
            [$next, $applied] = match ($edit['do'] ?? null) {
                'undo' => $this->travel($program, $revision, true),
                'redo' => $this->travel($program, $revision, false),
                'seal' => $this->seal($revision, $old, $partings),
                'return' => $this->comeBack($program, $revision, \is_int($edit['to'] ?? null) ? $edit['to'] : 0),
                default => [$revision->edited(), EditReader::apply($before, $edit)],
            };
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $request->getLocale())], 422);
        }
        $edited = $applied->edited;
        $view = DeskView::from($data['view'] ?? null, $data['text'] ?? null);
        $locale = $request->getLocale();
        $known = Digests::read($program->shown(), $this->shownState($revision, $view, $locale)) ?? Digests::of($this->renderer->spread($before, $view, $locale));
        $after = $this->renderer->spread($applied->analysis, $view, $locale);
        $shown = Digests::of($after);
        if ($edited->program == $old) {
            $next = $revision;
        } else {
            try {
                $this->store->save($program, $next, $edited->program, $edited->kind, $edited->what, $id, $shown->written($this->shownState($next, $view, $locale)));
            } catch (RevisionConflict) {
                // The same edit, sent twice at the same time, has come through meanwhile.
                $made = null === $id ? null : $this->revisions->madeBy($program, $id);
                if (null === $made) {
                    return $this->conflict($revision);
                }

                return $this->again($request, $data, $program, $made);
            }
        }

        $this->activity->onProgram($program, $view->runsAs(), static fn (): array => Told::mistakes($applied->analysis, $view->runsAs(), $applied->mistakes));

        return $this->answer($applied, $view, $locale, $next, $partings, $after, $this->renderer->difference($known, $after, $shown));
    }

    /** Of which state the digests of lines are that are kept with a program. */
    private function shownState(Revision $revision, DeskView $view, string $locale): string
    {
        $code = $this->getParameter('container.build_id');
        \assert(\is_string($code));

        return "$revision->number $view->view $view->text $locale $code";
    }

    /**
     * Whether a window knows the newest revision; one that its own edit made may be newer than the last it heard of.
     *
     * @param array<mixed> $data
     */
    private function isNewest(Program $program, Revision $revision, array $data): bool
    {
        if (($data['revision'] ?? null) === $revision->number) {
            return true;
        }
        $own = \is_array($data['mine'] ?? null) ? $data['mine'] : [];
        $newest = [] === $own ? null : $this->revisions->editOf($program, $revision->number);

        return null !== $newest && \in_array($newest, $own, true);
    }

    /**
     * Answers an edit that came through before, although its answer did not.
     *
     * @param array<mixed> $data
     */
    private function again(Request $request, array $data, Program $program, int $made): JsonResponse
    {
        // It may have come through behind this request's back.
        $this->store->refresh($program);
        $tree = ProgramStore::program($program);
        $before = $this->revisions->at($program, $made - 1)[1] ?? Tree::empty();
        $ids = static fn (Tree $tree): array => array_map(static fn (Statement $row): int => $row->id, iterator_to_array(Walk::statements($tree->parts()), false));
        $rows = array_values(array_diff($ids($tree), $ids($before)));

        // The window may show any earlier state, so that every line is sent.
        $view = DeskView::from($data['view'] ?? null, $data['text'] ?? null);
        $applied = new Applied(new Edited($tree, 'again', '', $rows, $rows[0] ?? null));
        $after = $this->renderer->spread($applied->analysis, $view, $request->getLocale());

        return $this->answer($applied, $view, $request->getLocale(), $program->revision(), [], $after, $this->renderer->difference(Digests::none(), $after, Digests::of($after)));
    }

    /**
     * Runs the program with each row written by hand and with the printed one in its place; a run like any other, so that
     * it does not stand in the way of edits.
     */
    #[Route('/seals', name: 'desk_seal', methods: ['POST'])]
    public function seals(Request $request, Program $program): JsonResponse
    {
        return $this->edit($request, $program);
    }

    /**
     * @param list<Parting>        $partings
     * @param array<string, mixed> $difference as SpreadRenderer gives it
     */
    private function answer(Applied $applied, DeskView $view, string $locale, Revision $next, array $partings, Spread $after, array $difference): JsonResponse
    {
        $edited = $applied->edited;

        return new JsonResponse([
            'revision' => $next->number,
            ...$difference,
            ...$this->renderer->facts($after),
            'setting' => SettingReport::of($edited->program, $locale),
            'typed' => DeskAnswers::typed($applied->analysis, $view, $locale, $applied->mistakes),
            ...DeskAnswers::ways($next),
            'select' => $edited->rows,
            'focus' => $edited->focus,
            'partings' => 'seal' === $edited->kind ? array_map(static fn (Parting $parting): array => PartingReport::of($parting, $locale), $partings) : null,
        ]);
    }

    /** Which of the mistakes that an edit was answered with can be mended, and how; asked for once the hand rests. */
    #[Route('/fixes', name: 'desk_fixes', methods: ['GET'])]
    public function fixes(Request $request, Program $program): JsonResponse
    {
        $view = DeskView::from('both', $request->query->getString('text'));

        return new JsonResponse(['revision' => $program->revision()->number, 'fixes' => TypedText::fixes(new Analysis(ProgramStore::program($program)), $view->runsAs())]);
    }

    /** What the lines of the text page say in plain words, by the places they belong to; nothing where a line goes on. */
    #[Route('/plain', name: 'desk_plain', methods: ['GET'])]
    public function plain(Request $request, Program $program): JsonResponse
    {
        $view = DeskView::from('both', $request->query->getString('text'));
        $analysis = new Analysis(ProgramStore::program($program));
        $sentences = [];
        $goesOn = PlainLines::goesOn($request->getLocale());
        foreach (PlainLines::of($analysis, $view->runsAs(), $request->getLocale()) as $number => $sentence) {
            $sentences[$analysis->text($view->runsAs())->lines[$number]->anchor][] = $sentence === $goesOn ? '' : $sentence;
        }

        return new JsonResponse(['revision' => $program->revision()->number, 'sentences' => $sentences]);
    }

    /** One piece in plain words: what stands in a blank, or a value that was chosen in a text; nothing where it is none. */
    #[Route('/piece', name: 'desk_piece', methods: ['GET'])]
    public function piece(Request $request, Program $program): JsonResponse
    {
        $slot = $request->query->getString('slot');
        $says = '' !== $slot
            ? PlainPiece::inBlank(new Analysis(ProgramStore::program($program)), $request->query->getInt('row'), $slot, $request->getLocale())
            : PlainPiece::ofText($request->query->getString('piece'), DeskView::from('both', $request->query->getString('text'))->runsAs(), $request->getLocale());

        return new JsonResponse(['says' => $says ?? '']);
    }

    private function conflict(Revision $revision): JsonResponse
    {
        return new JsonResponse(['conflict' => true, 'revision' => $revision->number, 'message' => $this->translator->trans('desk.conflict')], 409);
    }

    /** @return array{Revision, Applied} */
    private function travel(Program $program, Revision $revision, bool $back): array
    {
        $number = $back ? $revision->undoTo : $revision->redoTo;
        [$target, $tree] = (null === $number ? null : $this->revisions->at($program, $number)) ?? throw new BadRequestHttpException('Nothing there.');

        return [$back ? $revision->undone($target) : $revision->redone($target), new Applied(new Edited($tree, $back ? 'undo' : 'redo', '', []))];
    }

    /** @return array{Revision, Applied} */
    private function comeBack(Program $program, Revision $revision, int $number): array
    {
        [, $tree] = $this->revisions->at($program, $number) ?? throw new NotFoundHttpException('No such revision.');

        return [$revision->edited(), new Applied(new Edited($tree, 'return', (string) $number, []))];
    }

    /**
     * Runs the program with each row written by hand and with the printed one in its place.
     *
     * @param list<Parting> $partings
     *
     * @return array{Revision, Applied}
     */
    private function seal(Revision $revision, Tree $tree, array &$partings): array
    {
        [$sealed, $partings] = Seals::judged($tree);

        return [$revision->noted(), new Applied(new Edited($sealed, 'seal', '', []))];
    }

    /** Where another tab was faster: what this one has, and its last edit, as a program of its own. */
    #[Route('/keep-both', name: 'desk_keep_both', methods: ['POST'])]
    public function keepBoth(Request $request, Program $program, #[CurrentUser] User $user): JsonResponse
    {
        $this->quota->check($user);
        $data = JsonBody::of($request);
        [, $tree] = $this->revisions->at($program, \is_int($data['revision'] ?? null) ? $data['revision'] : 0) ?? throw new NotFoundHttpException('No such revision.');
        foreach (\is_array($data['edits'] ?? null) ? \array_slice($data['edits'], 0, 200) : [] as $edit) {
            try {
                $tree = EditReader::apply(new Analysis($tree), \is_array($edit) ? $edit : [])->edited->program;
            } catch (Refusal|BadRequestHttpException) {
                // What could not be done here before can't be done in the copy either.
            }
        }
        $name = mb_substr($this->translator->trans('shelf.copy_of', ['name' => $program->name()]), 0, Program::LONGEST_NAME);

        return new JsonResponse(['address' => $this->generateUrl('desk', ['id' => $this->store->create($user, $name, $tree)->id()])]);
    }
}
