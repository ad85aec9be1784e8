<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Ladder\RungAnswers;
use Scrivlet\App\Ladder\RungInput;
use Scrivlet\App\Ladder\RungPage;
use Scrivlet\App\Lesson\CourseRepository;
use Scrivlet\App\Lesson\CourseResolver;
use Scrivlet\App\Lesson\LessonForm;
use Scrivlet\App\Lesson\Workshop;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\Quota;
use Scrivlet\App\Security\CourseVoter;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\GapKind;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Spoken;
use Scrivlet\Core\Ladder\Trial;
use Scrivlet\Core\Ladder\Verdict;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Lesson as Document;
use Scrivlet\Core\Lesson\LessonFile;
use Scrivlet\Core\Lesson\LessonText;
use Scrivlet\Core\Lesson\Proposal;
use Scrivlet\Core\Lesson\RungSetting;
use Scrivlet\Core\Lesson\Worksheet;
use Scrivlet\Core\Print\Pdf;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Settings;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Contracts\Translation\TranslatorInterface;

/** One lesson on the bench: what it says, its rungs, each to be tried, and what is printed of it. */
#[Route('/workshop/lessons/{lesson}', requirements: ['lesson' => '\d+'], defaults: [CourseResolver::NEEDS => CourseVoter::EDIT])]
#[IsGranted('ROLE_TEACHER')]
final class LessonController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly Workshop $workshop, private readonly CourseRepository $courses, private readonly TranslatorInterface $translator)
    {
    }

    #[Route('', name: 'workshop_lesson', methods: ['GET'])]
    public function lesson(Request $request, Lesson $lesson, ProgramRepository $programs, #[CurrentUser] User $user): Response
    {
        return $this->render('workshop/lesson.html.twig', [...$this->bench($request, $lesson), 'programs' => $programs->onShelf($user, ''), 'courses' => $this->courses->of($user)]);
    }

    /** What the page says of the lesson; sent by itself while somebody writes. */
    #[Route('', name: 'workshop_lesson_save', methods: ['POST'])]
    public function save(Request $request, Lesson $lesson): Response
    {
        $isScript = 'fetch' === $request->headers->get('X-Requested-With');
        // Another window has changed it meanwhile: what was written here stays on the page, and nothing is put over the other.
        if ($request->request->getInt('revision', $lesson->revision()) !== $lesson->revision()) {
            throw new Refusal('workshop.changed_elsewhere');
        }
        $changed = LessonForm::read($lesson->lesson(), $request->request, $request->getLocale());
        if (LessonFile::kept($changed) !== LessonFile::kept($lesson->lesson())) {
            $lesson->change($changed);
            $this->entities->flush();
        }

        return $isScript ? new JsonResponse(['revision' => $lesson->revision(), 'rungs' => $this->renderView('workshop/rungs.html.twig', $this->bench($request, $lesson))]) : $this->redirectToRoute('workshop_lesson', ['lesson' => $lesson->id()]);
    }

    /** One thing that is done to the rungs: moved, left out, made anew, changed, added. */
    #[Route('/rungs', name: 'workshop_rungs', methods: ['POST'])]
    public function rungs(Request $request, Lesson $lesson): Response
    {
        $document = $lesson->lesson();
        try {
            $changed = self::done($document, $request, $request->getLocale());
            if ($changed !== $document) {
                $lesson->change($changed);
                $this->entities->flush();
            }
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));
        }

        return 'true' === $request->headers->get('HX-Request') ? $this->render('workshop/rungs.html.twig', $this->bench($request, $lesson)) : $this->redirectToRoute('workshop_lesson', ['lesson' => $lesson->id()]);
    }

    #[Route('/propose', name: 'workshop_propose', methods: ['POST'])]
    public function propose(Request $request, Lesson $lesson): Response
    {
        $document = $lesson->lesson();
        $next = $document->nextId();
        // Numbers are not given twice, so that nobody's work is taken for work on another rung.
        $rungs = array_map(static fn (RungSetting $rung, int $place): RungSetting => $rung->withId($next + $place), $found = Proposal::rungs($document, $request->getLocale()), array_keys($found));
        $lesson->change($document->withRungs($rungs));
        $this->entities->flush();

        return $this->redirectToRoute('workshop_lesson', ['lesson' => $lesson->id()]);
    }

    /** Another program in the place of the lesson's. */
    #[Route('/program/{id}', name: 'workshop_lesson_program', requirements: ['id' => '\d+'], methods: ['POST'])]
    public function program(Request $request, Lesson $lesson, Program $program): Response
    {
        $tree = ProgramStore::program($program);
        if ($tree->hasUnread()) {
            throw new Refusal('lesson.unread');
        }
        $document = $lesson->lesson();
        $texts = array_map(static fn (LessonText $text): LessonText => new LessonText($text->title, $text->goal, $text->pages), $document->texts);
        $lesson->change(new Document($texts, $tree->withoutTyping(), Proposal::cases($tree), $document->stock, $document->languages, $document->look, $document->rungs));
        $this->entities->flush();

        return $this->redirectToRoute('workshop_lesson', ['lesson' => $lesson->id()]);
    }

    /** The lesson's program as one on the shelf, to work on it there. */
    #[Route('/to-shelf', name: 'workshop_to_shelf', methods: ['POST'])]
    public function toShelf(Request $request, Lesson $lesson, ProgramStore $store, Quota $quota, #[CurrentUser] User $user): Response
    {
        $quota->check($user);
        $document = $lesson->lesson();

        return $this->redirectToRoute('desk', ['id' => $store->create($user, mb_substr($document->title($request->getLocale()), 0, Program::LONGEST_NAME), $document->program($request->getLocale()))->id()]);
    }

    #[Route('/move', name: 'workshop_lesson_move', methods: ['POST'])]
    public function move(Request $request, Lesson $lesson): Response
    {
        if ($request->request->has('course')) {
            $course = $this->courses->find($request->request->getInt('course'));
            // A course of somebody else is told apart from none in no way.
            if (null === $course || !$this->isGranted(CourseVoter::EDIT, $course)) {
                throw new NotFoundHttpException('No such course.');
            }
            $this->workshop->moveTo($lesson, $course);

            return $this->redirectToRoute('workshop_lesson', ['lesson' => $lesson->id()]);
        }
        $this->workshop->move($lesson, 'up' === $request->request->getString('to') ? -1 : 1);

        return $this->redirectToRoute('workshop_course', ['course' => $lesson->course()->id()]);
    }

    #[Route('/copy', name: 'workshop_lesson_copy', methods: ['POST'])]
    public function copy(Lesson $lesson): Response
    {
        return $this->redirectToRoute('workshop_lesson', ['lesson' => $this->workshop->add($lesson->course(), $lesson->lesson())->id()]);
    }

    #[Route('/delete', name: 'workshop_lesson_delete', methods: ['POST'])]
    public function delete(Request $request, Lesson $lesson): Response
    {
        $lesson->delete();
        $this->entities->flush();
        $this->addFlash('deleted', ['route' => 'workshop_lesson_restore', 'parameters' => ['lesson' => $lesson->id()], 'name' => $lesson->lesson()->title($request->getLocale())]);

        return $this->redirectToRoute('workshop_course', ['course' => $lesson->course()->id()]);
    }

    #[Route('/restore', name: 'workshop_lesson_restore', methods: ['POST'])]
    public function restore(Lesson $lesson): Response
    {
        $lesson->restore();
        $this->entities->flush();

        return $this->redirectToRoute('workshop_course', ['course' => $lesson->course()->id()]);
    }

    #[Route('/file', name: 'workshop_lesson_file', methods: ['GET'])]
    public function takeFile(Request $request, Lesson $lesson): Response
    {
        return WorkshopController::download(LessonFile::write($lesson->lesson()), $lesson->lesson()->title($request->getLocale()), 'lesson');
    }

    #[Route('/{sheet}.pdf', name: 'workshop_sheet', requirements: ['sheet' => 'worksheet|answers'], methods: ['GET'])]
    public function sheet(Request $request, Lesson $lesson, string $sheet): Response
    {
        $language = $lesson->lesson()->language(Language::tryFrom($request->query->getString('in')) ?? Language::Python);
        $html = (new Worksheet($lesson->lesson(), $language, $request->getLocale(), 'answers' === $sheet))->html();
        $name = Bundle::fileName($lesson->lesson()->title($request->getLocale())).' '.$this->translator->trans("worksheet.file_$sheet").'.pdf';

        return new Response(Pdf::of($html), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name, "$sheet.pdf")]);
    }

    /** A rung, tried as a pupil would; nothing of it is kept. */
    #[Route('/rungs/{rung}/{language}', name: 'workshop_rung', requirements: ['rung' => '\d{1,9}'], methods: ['GET'])]
    public function rung(Request $request, Lesson $lesson, int $rung, Language $language): Response
    {
        $setting = $lesson->lesson()->rung($rung) ?? throw new NotFoundHttpException('No such rung.');
        $made = $setting->rung($lesson->lesson(), $language, $request->getLocale());
        $rungs = $lesson->lesson()->rungsIn($language);
        $at = array_search($setting, $rungs, true);

        return $this->render('workshop/try.html.twig', [
            ...(null === $made ? ['rung' => null, 'kind' => $setting->kind, 'language' => $language] : RungPage::of($made, $request->getLocale())),
            'lesson' => $lesson, 'setting_' => $setting, 'next' => \is_int($at) ? $rungs[$at + 1] ?? null : null, 'text' => $lesson->lesson()->text($request->getLocale()),
        ]);
    }

    #[Route('/rungs/{rung}/{language}/mark', name: 'workshop_rung_mark', requirements: ['rung' => '\d{1,9}'], methods: ['POST'])]
    public function mark(Request $request, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        $made = self::made($request, $lesson, $rung, $language);
        $verdict = Marking::of($made, $input->answer);

        return new JsonResponse(RungAnswers::of($made, $verdict, $input->answer, [$verdict->near], $request->getLocale()));
    }

    #[Route('/rungs/{rung}/{language}/try', name: 'workshop_rung_try', requirements: ['rung' => '\d{1,9}'], methods: ['POST'])]
    public function try(Request $request, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        return new JsonResponse(RungAnswers::tried(self::made($request, $lesson, $rung, $language), $input->answer, $request->getLocale()));
    }

    #[Route('/rungs/{rung}/{language}/hint', name: 'workshop_rung_hint', requirements: ['rung' => '\d{1,9}'], methods: ['POST'])]
    public function hint(Request $request, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        return new JsonResponse(['says' => RungAnswers::hint(self::made($request, $lesson, $rung, $language), $input->answer, $input->step, $request->getLocale())]);
    }

    private static function made(Request $request, Lesson $lesson, int $rung, Language $language): Rung
    {
        return $lesson->lesson()->rung($rung)?->rung($lesson->lesson(), $language, $request->getLocale()) ?? throw new NotFoundHttpException('No such rung.');
    }

    /** The lesson with one thing done to its rungs. */
    private static function done(Document $lesson, Request $request, string $locale): Document
    {
        $form = $request->request;
        $rungs = $lesson->rungs;
        $at = null;
        foreach ($rungs as $place => $rung) {
            if ($rung->id === $form->getInt('rung')) {
                $at = $place;
            }
        }
        $act = $form->getString('act');
        if ('add' === $act) {
            $kind = RungKind::tryFrom($form->getString('kind')) ?? throw new Refusal('ladder.kind', ['kinds' => implode(', ', array_column(RungKind::cases(), 'value'))]);
            if (\count($rungs) >= Document::MOST_RUNGS) {
                throw new Refusal('workshop.full_lesson', ['most' => Document::MOST_RUNGS]);
            }
            $same = \count(array_filter($rungs, static fn (RungSetting $one): bool => $one->kind === $kind));

            return $lesson->withRungs([...$rungs, Proposal::found($lesson, new RungSetting($lesson->nextId(), $kind, 1 + $same), $locale) ?? throw new Refusal('workshop.gives_none')]);
        }
        if (null === $at) {
            return $lesson;
        }
        $rung = $rungs[$at];
        $to = $at + ('up' === $act ? -1 : 1);
        switch ($act) {
            case 'up':
            case 'down':
                if (isset($rungs[$to])) {
                    [$rungs[$at], $rungs[$to]] = [$rungs[$to], $rungs[$at]];
                }
                break;
            case 'out':
                unset($rungs[$at]);
                break;
            case 'seed':
                $rungs[$at] = Proposal::found($lesson, $rung->withSeed($rung->seed + 1), $locale) ?? throw new Refusal('workshop.gives_none');
                break;
            case 'set':
                $constructs = array_values(array_filter(array_map(static fn (mixed $one): ?Construct => \is_string($one) ? Construct::tryFrom($one) : null, $form->all('constructs'))));
                $rows = $form->getString('rows');
                $gaps = array_values(array_filter(array_map(static fn (mixed $one): ?GapKind => \is_string($one) ? GapKind::tryFrom($one) : null, $form->all('gaps'))));
                $set = new RungSetting($rung->id, $rung->kind, $rung->seed, max(1, min(12, $form->getInt('level', $rung->level))), $constructs, is_numeric($rows) && (int) $rows > 0 ? min(Asked::MOST, (int) $rows) : null, $gaps, $rung->written);
                if ([] !== Proposal::missing($lesson, $set, $locale)) {
                    throw new Refusal('workshop.gives_none');
                }
                foreach (Spoken::of(new Verdict(false, (new Asked($set->constructs, $set->rows, $lesson->stock))->missing($lesson->program($locale)), 0), $locale) as $says) {
                    throw new Refusal('ladder.asks_too_much', ['says' => $says]);
                }
                $rungs[$at] = $set;
        }

        return $lesson->withRungs(array_values($rungs));
    }

    /** @return array<string, mixed> */
    private function bench(Request $request, Lesson $lesson): array
    {
        $locale = $request->getLocale();
        $document = $lesson->lesson();
        $program = $document->program($locale);

        return [
            'lesson' => $lesson, 'document' => $document, 'course' => $lesson->course(), 'text' => $document->text($locale), 'goal' => Trial::goal($program, $document->languages[0], $document->cases[0]),
            'kinds' => RungKind::cases(), 'languages' => Language::cases(), 'constructs' => Construct::cases(), 'gaps' => GapKind::cases(), 'usual' => GapKind::usual(), 'layouts' => array_keys(Settings::layouts($program->setting)),
            'scene' => $program->setting->scene, 'stockable' => LessonForm::stockable($program), 'reference' => new Reference($locale), 'own' => LessonForm::own($program),
        ];
    }
}
