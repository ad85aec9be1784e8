<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\Applied;
use Scrivlet\App\Desk\DeskView;
use Scrivlet\App\Desk\EditReader;
use Scrivlet\App\Desk\PartingReport;
use Scrivlet\App\Desk\RunReport;
use Scrivlet\App\Desk\SettingReport;
use Scrivlet\App\Desk\SpreadRenderer;
use Scrivlet\App\Desk\TypedText;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\Quota;
use Scrivlet\App\Program\RevisionConflict;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Compare\Parting;
use Scrivlet\Core\Compare\Seals;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Edit\Edited;
use Scrivlet\Core\Edit\Locator;
use Scrivlet\Core\Edit\Revision;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Handwriting\InPlace;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program as Tree;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Contracts\Translation\TranslatorInterface;

#[Route('/programs/{id}', requirements: ['id' => '\d+'])]
final class DeskController extends AbstractController
{
    private const RUN_STEPS = 600_000;
    private const SHEET_STEPS = 20000;
    private const LONGEST_ANSWERS = 10000;
    /** How long a run goes on behind the last signal, in milliseconds of its own time. */
    private const LISTENS = 60000;

    public function __construct(private readonly ProgramStore $store, private readonly SpreadRenderer $renderer, private readonly TranslatorInterface $translator, private readonly Quota $quota)
    {
    }

    #[Route('', name: 'desk', methods: ['GET'])]
    public function desk(Request $request, Program $program): Response
    {
        if ($program->isDeleted()) {
            $this->addFlash('trouble', $this->translator->trans('desk.was_deleted'));

            return $this->redirectToRoute('shelf');
        }
        $view = DeskView::of($request);
        $analysis = new Analysis($tree = ProgramStore::program($program));
        $spread = $this->renderer->spread($analysis, $view, $request->getLocale());
        $entries = array_filter(Catalogue::entries(), static fn ($entry): bool => !$entry->value && !$entry->fromText && !\in_array($entry->key, ['start', 'call'], true));
        $response = $this->render('desk/desk.html.twig', [
            'program' => $program,
            'view' => $view,
            'spread' => $spread,
            'pages' => $this->renderer->pages($spread),
            'entries' => $entries,
            'inks' => Ink::cases(),
            'scenes' => SceneName::cases(),
            'data' => ['revision' => $program->revision()->number, ...$this->state($program->revision()), ...$this->renderer->facts($spread), 'setting' => SettingReport::of($tree, $request->getLocale()), 'choices' => SettingReport::choices($request->getLocale()), 'typed' => self::typed($analysis, $view, $request->getLocale()), 'numbers' => $this->renderer->numbers($spread)],
        ]);
        foreach (['view', 'text'] as $name) {
            if ('' !== $request->query->getString($name)) {
                $response->headers->setCookie(Cookie::create("scrivlet_$name", $view->$name, '+1 year', '/', null, null, true, false, Cookie::SAMESITE_LAX));
            }
        }

        return $response;
    }

    #[Route('/edits', name: 'desk_edit', methods: ['POST'])]
    public function edit(Request $request, Program $program): JsonResponse
    {
        $data = self::body($request);
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
        $made = null === $id ? null : $this->store->made($program, $id);
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
        if ($edited->program == $old) {
            $next = $revision;
        } else {
            try {
                $this->store->save($program, $next, $edited->program, $edited->kind, $edited->what, $id);
            } catch (RevisionConflict) {
                // The same edit, sent twice at the same time, has come through meanwhile.
                $made = null === $id ? null : $this->store->made($program, $id);
                if (null === $made) {
                    return $this->conflict($revision);
                }

                return $this->again($request, $data, $program, $made);
            }
        }

        return $this->answer($request, $data, $before, $applied, $next, $partings);
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
        $newest = [] === $own ? null : $this->store->editOf($program, $revision->number);

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
        $before = $this->store->revision($program, $made - 1)[1] ?? Tree::empty();
        $ids = static fn (Tree $tree): array => array_map(static fn (Statement $row): int => $row->id, iterator_to_array(Walk::statements($tree->parts()), false));
        $rows = array_values(array_diff($ids($tree), $ids($before)));

        // The window may show any earlier state, so that every line is sent.
        return $this->answer($request, $data, new Analysis(Tree::empty()), new Applied(new Edited($tree, 'again', '', $rows, $rows[0] ?? null)), $program->revision(), []);
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
     * @param array<mixed>  $data
     * @param list<Parting> $partings
     */
    private function answer(Request $request, array $data, Analysis $before, Applied $applied, Revision $next, array $partings): JsonResponse
    {
        $edited = $applied->edited;
        $view = DeskView::from($data['view'] ?? null, $data['text'] ?? null);
        $after = $this->renderer->spread($applied->analysis, $view, $request->getLocale());

        return new JsonResponse([
            'revision' => $next->number,
            ...$this->renderer->difference($this->renderer->spread($before, $view, $request->getLocale()), $after),
            ...$this->renderer->facts($after),
            'setting' => SettingReport::of($edited->program, $request->getLocale()),
            'typed' => self::typed($applied->analysis, $view, $request->getLocale(), $applied->mistakes),
            ...$this->state($next),
            'select' => $edited->rows,
            'focus' => $edited->focus,
            'partings' => 'seal' === $edited->kind ? array_map(static fn (Parting $parting): array => PartingReport::of($parting, $request->getLocale()), $partings) : null,
        ]);
    }

    /**
     * @param list<Mistake>|null $mistakes of the text, if it was just read
     *
     * @return array<string, mixed>|null the text of the one text page that is open
     */
    private static function typed(Analysis $analysis, DeskView $view, string $locale, ?array $mistakes = null): ?array
    {
        return 1 < \count($view->languages()) ? null : TypedText::of($analysis, $view->runsAs(), $locale, $mistakes);
    }

    /** Which of the mistakes that an edit was answered with can be mended, and how; asked for once the hand rests. */
    #[Route('/fixes', name: 'desk_fixes', methods: ['GET'])]
    public function fixes(Request $request, Program $program): JsonResponse
    {
        $view = DeskView::from('both', $request->query->getString('text'));

        return new JsonResponse(['revision' => $program->revision()->number, 'fixes' => TypedText::fixes(new Analysis(ProgramStore::program($program)), $view->runsAs())]);
    }

    /** @return array{canUndo: bool, canRedo: bool} */
    private function state(Revision $revision): array
    {
        return ['canUndo' => null !== $revision->undoTo, 'canRedo' => null !== $revision->redoTo];
    }

    private function conflict(Revision $revision): JsonResponse
    {
        return new JsonResponse(['conflict' => true, 'revision' => $revision->number, 'message' => $this->translator->trans('desk.conflict')], 409);
    }

    /** @return array{Revision, Applied} */
    private function travel(Program $program, Revision $revision, bool $back): array
    {
        $number = $back ? $revision->undoTo : $revision->redoTo;
        [$target, $tree] = (null === $number ? null : $this->store->revision($program, $number)) ?? throw new BadRequestHttpException('Nothing there.');

        return [$back ? $revision->undone($target) : $revision->redone($target), new Applied(new Edited($tree, $back ? 'undo' : 'redo', '', []))];
    }

    /** @return array{Revision, Applied} */
    private function comeBack(Program $program, Revision $revision, int $number): array
    {
        [, $tree] = $this->store->revision($program, $number) ?? throw new NotFoundHttpException('No such revision.');

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

    /** What a row says in text, for writing it by hand. */
    #[Route('/line', name: 'desk_line', methods: ['GET'])]
    public function line(Request $request, Program $program): JsonResponse
    {
        $language = Language::tryFrom($request->query->getString('language')) ?? Language::Python;
        try {
            return new JsonResponse(InPlace::line(ProgramStore::program($program), $language, $request->query->getInt('row'), $request->query->getString('part')));
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $request->getLocale())], 422);
        }
    }

    /** Where another tab was faster: what this one has, and its last edit, as a program of its own. */
    #[Route('/keep-both', name: 'desk_keep_both', methods: ['POST'])]
    public function keepBoth(Request $request, Program $program, #[CurrentUser] User $user): JsonResponse
    {
        $this->quota->check($user);
        $data = self::body($request);
        [, $tree] = $this->store->revision($program, \is_int($data['revision'] ?? null) ? $data['revision'] : 0) ?? throw new NotFoundHttpException('No such revision.');
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

    #[Route('/run', name: 'desk_run', methods: ['POST'])]
    public function run(Request $request, Program $program): Response
    {
        $data = self::body($request);
        $view = DeskView::from($data['view'] ?? null, $data['text'] ?? null);
        $seed = \is_int($data['seed'] ?? null) && $data['seed'] >= 0 ? $data['seed'] : 1;
        $onlySheet = true === ($data['onlySheet'] ?? null);
        $steps = \is_int($data['steps'] ?? null) ? max(1, min(self::RUN_STEPS, $data['steps'])) : ($onlySheet ? self::SHEET_STEPS : self::RUN_STEPS);
        $tree = ProgramStore::program($program);
        try {
            $signals = Signals::read(\is_string($data['signals'] ?? null) ? $data['signals'] : '');
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $request->getLocale())], 422);
        }
        $answers = \is_string($data['answers'] ?? null) ? mb_strcut($data['answers'], 0, self::LONGEST_ANSWERS) : '';
        $limits = new Limits(steps: $steps, milliseconds: min(Signals::LATEST * 1000, $signals->last() + self::LISTENS));
        $outcome = Runner::run($tree, $view->runsAs(), $seed, $limits, circumstances: new Circumstances(new Answers($answers, true), $signals, \is_int($data['layout'] ?? null) ? max(0, $data['layout']) : 0));

        return self::streamed(RunReport::of($outcome, $request->getLocale(), $onlySheet));
    }

    /**
     * A long run's answer is written member by member, so that it does not lie in memory twice.
     *
     * @param array<string, mixed> $data
     */
    private static function streamed(array $data): StreamedResponse
    {
        return new StreamedResponse(static function () use ($data): void {
            $sign = '{';
            foreach ($data as $name => $value) {
                echo $sign, json_encode($name), ':', json_encode($value, \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE);
                $sign = ',';
            }
            echo '}';
        }, 200, ['Content-Type' => 'application/json']);
    }

    /** Runs the program on each of its layouts. */
    #[Route('/layouts', name: 'desk_layouts', methods: ['POST'])]
    public function layouts(Request $request, Program $program): JsonResponse
    {
        $data = self::body($request);
        $view = DeskView::from($data['view'] ?? null, $data['text'] ?? null);
        $tree = ProgramStore::program($program);
        $marks = [];
        foreach (array_keys(Settings::layouts($tree->setting)) as $layout) {
            $outcome = Runner::run($tree, $view->runsAs(), \is_int($data['seed'] ?? null) ? $data['seed'] : 1, new Limits(steps: self::RUN_STEPS, milliseconds: self::LISTENS), false, circumstances: new Circumstances(layout: $layout));
            $report = RunReport::of($outcome, $request->getLocale(), true);
            $marks[] = ['done' => Ending::Finished === $outcome->ending && [] === array_filter($report['goals'], static fn (array $goal): bool => !$goal[1]), 'message' => $report['message'], 'goals' => $report['goals']];
        }

        return new JsonResponse(['marks' => $marks]);
    }

    /** Rows for the clipboard. */
    #[Route('/rows', name: 'desk_rows', methods: ['GET'])]
    public function rows(Request $request, Program $program): JsonResponse
    {
        $tree = ProgramStore::program($program);
        $rows = array_map(static fn (string $id): ?Statement => Locator::statement($tree, (int) $id), \array_slice(explode(',', $request->query->getString('ids')), 0, 500));

        return new JsonResponse(['rows' => ProjectWriter::rows(array_values(array_filter($rows)))]);
    }

    /** @return array<mixed> */
    private static function body(Request $request): array
    {
        $data = json_decode($request->getContent(), true, 64);

        return \is_array($data) ? $data : throw new BadRequestHttpException('This is no JSON.');
    }
}
