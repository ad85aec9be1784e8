<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Ladder\RungAnswers;
use Scrivlet\App\Ladder\RungInput;
use Scrivlet\App\Ladder\RungPage;
use Scrivlet\App\Learner\Learners;
use Scrivlet\App\Learner\Progress;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Lesson\Explanation;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Register\Activity;
use Scrivlet\App\Register\Told;
use Scrivlet\App\Register\WorkStateRepository;
use Scrivlet\Core\Completion\Completion;
use Scrivlet\Core\Completion\Suggestion;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\RungSetting;
use Scrivlet\Core\Page\BlockRow;
use Scrivlet\Core\Page\Spread;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** One rung of a lesson, as a pupil works on it. Rungs are made anew each time: they are a function of the lesson. */
#[Route('/books/{course}/{lesson}/{rung}/{language}', requirements: ['course' => '\d+', 'lesson' => '\d+', 'rung' => '\d{1,9}', 'language' => 'python|javascript|cpp'])]
final class RungController extends AbstractController
{
    private const MOST_OPTIONS = 400;

    public function __construct(private readonly LessonRepository $lessons, private readonly WorkRepository $works, private readonly Learners $learners, private readonly EntityManagerInterface $entities, private readonly Activity $activity, private readonly WorkStateRepository $states)
    {
    }

    #[Route('', name: 'book_rung', methods: ['GET'])]
    public function rung(Request $request, Course $course, Lesson $lesson, int $rung, Language $language): Response
    {
        $locale = $request->getLocale();
        $setting = self::setting($lesson, $rung, $language);
        $made = $setting->rung($lesson->lesson(), $language, $locale);
        $learner = $this->learners->current($request);
        $progress = Progress::of($learner, $course, $language, $this->lessons, $this->works);
        $this->activity->onRung($lesson, $rung, $language);
        $after = $progress->after($lesson, $rung);
        $next = null === $after ? $progress->next() : ['lesson' => $lesson, 'rung' => $after];
        $text = $lesson->lesson()->text($locale);

        return $this->render('book/rung.html.twig', [
            ...(null === $made ? ['rung' => null, 'kind' => $setting->kind, 'language' => $language] : RungPage::of($made, $locale)),
            'course' => $course, 'lesson' => $lesson, 'setting_' => $setting, 'progress' => $progress, 'work' => $progress->work($lesson, $rung), 'next' => $next, 'text' => $text,
            'key' => null === $learner ? [] : $this->learners->key($learner), 'maySkip' => $progress->maySkip($lesson), 'mayLook' => $lesson->lesson()->look && null === $setting->written,
            'pages' => array_map(static fn (int $page): array => BookController::parts($lesson, $locale, $page, $language), [] === $text->pages ? [] : range(1, \count($text->pages))),
            'says' => Explanation::html($text->goal), 'gentler' => $this->gentler($lesson, $setting, $language),
        ]);
    }

    #[Route('/mark', name: 'book_rung_mark', methods: ['POST'])]
    public function mark(Request $request, Course $course, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        $made = self::made($request, $lesson, $rung, $language);
        $verdict = Marking::of($made, $input->answer);
        $work = $this->work($request, $lesson, $rung, $language);
        $work->marked($verdict, $input->answer);
        $this->entities->flush();
        $this->states->note($work, $input->answer, $verdict->near);
        $told = Told::verdict($verdict);
        $this->activity->onRung($lesson, $rung, $language, Told::onlyMistakes($told));
        if (!$verdict->passed) {
            $this->activity->tripped(static fn (): array => $told, $language, static fn (): string => Marking::textOf($made, $input->answer) ?? '', $lesson, $rung);
        }
        $progress = Progress::of($work->learner, $course, $language, $this->lessons, $this->works);

        return new JsonResponse([
            ...RungAnswers::of($made, $verdict, $input->answer, $work->nearness(), $request->getLocale()),
            'done' => $progress->done($lesson), 'maySkip' => $progress->maySkip($lesson), 'key' => $this->learners->key($work->learner),
        ]);
    }

    /** What an answer does, before it is checked. */
    #[Route('/try', name: 'book_rung_try', methods: ['POST'])]
    public function try(Request $request, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        return new JsonResponse(RungAnswers::tried(self::made($request, $lesson, $rung, $language), $input->answer, $request->getLocale()));
    }

    #[Route('/hint', name: 'book_rung_hint', methods: ['POST'])]
    public function hint(Request $request, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        $hint = RungAnswers::hint(self::made($request, $lesson, $rung, $language), $input->answer, $input->step, $request->getLocale());
        $this->work($request, $lesson, $rung, $language)->hinted();
        $this->entities->flush();
        $this->activity->onRung($lesson, $rung, $language);

        return new JsonResponse(['says' => $hint]);
    }

    /** What was written so far is there again in another browser. */
    #[Route('/keep', name: 'book_rung_keep', methods: ['POST'])]
    public function keep(Request $request, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        self::setting($lesson, $rung, $language);
        $work = $this->work($request, $lesson, $rung, $language);
        $work->keep($input->answer);
        $this->entities->flush();
        $this->states->note($work, $input->answer, null);
        $this->activity->onRung($lesson, $rung, $language);

        return new JsonResponse(['key' => $this->learners->key($work->learner)]);
    }

    /** The rows of blocks, which is noted. */
    #[Route('/look', name: 'book_rung_look', methods: ['POST'])]
    public function look(Request $request, Lesson $lesson, int $rung, Language $language): Response
    {
        $made = self::made($request, $lesson, $rung, $language);
        if (!$lesson->lesson()->look) {
            throw new NotFoundHttpException('Nothing to look at.');
        }
        $this->work($request, $lesson, $rung, $language)->looked();
        $this->entities->flush();
        $text = \in_array($made->kind, [RungKind::Mend, RungKind::Vary], true) && \is_string($made->question['text'] ?? null) ? $made->question['text'] : $made->model;
        $spread = new Spread(new Analysis($language->read($text)->program->withSetting($made->setting)), [$language], $request->getLocale());
        $rows = array_filter(array_map(static fn (array $row): mixed => $row['cells']['blocks'], $spread->rows), static fn (mixed $row): bool => $row instanceof BlockRow);

        return $this->render('rung/look.html.twig', ['rows' => array_values($rows)]);
    }

    #[Route('/skip', name: 'book_rung_skip', methods: ['POST'])]
    public function skip(Request $request, Course $course, Lesson $lesson, int $rung, Language $language): Response
    {
        $made = self::setting($lesson, $rung, $language)->rung($lesson->lesson(), $language, $request->getLocale());
        $progress = Progress::of($this->learners->current($request), $course, $language, $this->lessons, $this->works);
        if (null === $made || $progress->maySkip($lesson)) {
            $work = $this->work($request, $lesson, $rung, $language);
            null === $made ? $work->pass() : $work->skip();
            $this->entities->flush();
            $progress = Progress::of($work->learner, $course, $language, $this->lessons, $this->works);
        }
        $after = $progress->after($lesson, $rung);

        return null === $after ? $this->redirectToRoute('book', ['course' => $course->id()]) : $this->redirectToRoute('book_rung', ['course' => $course->id(), 'lesson' => $lesson->id(), 'rung' => $after->id, 'language' => $language->value]);
    }

    /** What may be written at the caret: of the commands of a scene, those of the lesson's stock alone. */
    #[Route('/complete', name: 'book_rung_complete', methods: ['POST'])]
    public function complete(Request $request, Lesson $lesson, int $rung, Language $language, #[MapRequestPayload] RungInput $input): JsonResponse
    {
        self::setting($lesson, $rung, $language);
        $found = Completion::after($input->answer, $language, $request->getLocale(), self::MOST_OPTIONS, $lesson->lesson()->stock);

        return new JsonResponse(['options' => array_map(static fn (Suggestion $one): array => ['label' => $one->label, 'insert' => $one->insert, 'kind' => $one->kind->value, 'detail' => $one->detail], $found)]);
    }

    private static function setting(Lesson $lesson, int $rung, Language $language): RungSetting
    {
        $document = $lesson->lesson();
        $setting = $document->rung($rung);
        if (null === $setting || !\in_array($language, $document->languages, true) || !$setting->isIn($language)) {
            throw new NotFoundHttpException('No such rung.');
        }

        return $setting;
    }

    private static function made(Request $request, Lesson $lesson, int $rung, Language $language): Rung
    {
        return self::setting($lesson, $rung, $language)->rung($lesson->lesson(), $language, $request->getLocale()) ?? throw new NotFoundHttpException('No such rung.');
    }

    /** The nearest rung of the lesson that gives more help. */
    private function gentler(Lesson $lesson, RungSetting $setting, Language $language): ?RungSetting
    {
        $kind = Support::gentler($setting->kind);
        while (null !== $kind) {
            foreach ($lesson->lesson()->rungsIn($language) as $one) {
                if ($one->kind === $kind) {
                    return $one;
                }
            }
            $kind = Support::gentler($kind);
        }

        return null;
    }

    private function work(Request $request, Lesson $lesson, int $rung, Language $language): Work
    {
        return $this->works->begun($this->learners->begun($request), $lesson, $rung, $language);
    }
}
