<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Learner\Learners;
use Scrivlet\App\Learner\Progress;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Lesson\CourseRepository;
use Scrivlet\App\Lesson\Explanation;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Register\ComingIn;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Ladder\Trial;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Picture;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Courses as books: which there are, their contents, the pages of a lesson. With or without an account. */
#[Route('/books')]
final class BookController extends AbstractController
{
    /** Steps of a piece of an explanation, far above what any needs. */
    private const STEPS = 20_000;

    public function __construct(private readonly CourseRepository $courses, private readonly LessonRepository $lessons, private readonly WorkRepository $works, private readonly Learners $learners, private readonly EntityManagerInterface $entities)
    {
    }

    #[Route('', name: 'books', methods: ['GET'])]
    public function books(Request $request, #[CurrentUser] ?User $user): Response
    {
        $learner = $this->learners->current($request);
        $books = [];
        foreach ([...$this->courses->open(), ...(null === $user ? [] : $this->courses->of($user))] as $course) {
            $document = $this->lessons->document($course);
            $language = self::language($request, $course, $learner, $document->languages());
            $books[$course->id()] ??= ['course' => $course, 'languages' => $document->languages(), 'progress' => Progress::of($learner, $course, $language, $this->lessons, $this->works)];
        }

        return $this->render('book/books.html.twig', ['books' => $books, 'key' => null === $learner ? [] : $this->learners->key($learner)]);
    }

    /** Back to one's work, on whatever machine. */
    #[Route('/key', name: 'books_key', methods: ['POST'])]
    public function key(Request $request, ComingIn $comingIn): Response
    {
        try {
            $learner = $this->learners->back($request, $request->request->getString('key'));
            if ($comingIn->learner($request, $learner)) {
                return $this->redirectToRoute('my_class');
            }
            $this->addFlash('done', Sentences::of('guest.back', ['key' => implode(' · ', $this->learners->key($learner))], $request->getLocale()));
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));
        }

        return $this->redirectToRoute('books');
    }

    /** Somebody else sits down at this machine. */
    #[Route('/leave', name: 'books_leave', methods: ['POST'])]
    public function leave(Request $request): Response
    {
        $this->learners->leave($request);

        return $this->redirectToRoute('books');
    }

    #[Route('/{course}', name: 'book', requirements: ['course' => '\d+'], methods: ['GET'])]
    public function contents(Request $request, Course $course): Response
    {
        return $this->render('book/contents.html.twig', $this->spread($request, $course, null));
    }

    #[Route('/{course}/language', name: 'book_language', requirements: ['course' => '\d+'], methods: ['POST'])]
    public function chooses(Request $request, Course $course): Response
    {
        $language = Language::tryFrom($request->request->getString('language'));
        if (null !== $language) {
            $this->learners->begun($request)->choose($course->id(), $language->value);
            $this->entities->flush();
        }

        return $this->redirectToRoute('book', ['course' => $course->id()]);
    }

    #[Route('/{course}/{lesson}', name: 'book_lesson', requirements: ['course' => '\d+', 'lesson' => '\d+'], methods: ['GET'])]
    public function lesson(Request $request, Course $course, Lesson $lesson): Response
    {
        return $this->render('book/contents.html.twig', $this->spread($request, $course, $lesson));
    }

    /** A page of explanation, in the place of the lesson's list. */
    #[Route('/{course}/{lesson}/pages/{page}', name: 'book_page', requirements: ['course' => '\d+', 'lesson' => '\d+', 'page' => '[1-9]\d?'], methods: ['GET'])]
    public function page(Request $request, Course $course, Lesson $lesson, int $page): Response
    {
        $pages = \count($lesson->lesson()->text($request->getLocale())->pages);
        if ($page > $pages) {
            throw new NotFoundHttpException('No such page.');
        }

        $spread = $this->spread($request, $course, $lesson);

        return $this->render('book/contents.html.twig', [...$spread, 'page' => $page, 'pages' => $pages, 'parts' => self::parts($lesson, $request->getLocale(), $page, $spread['progress']->language)]);
    }

    /** What a piece of an explanation does. */
    #[Route('/{course}/{lesson}/pieces/{number}', name: 'book_piece', requirements: ['course' => '\d+', 'lesson' => '\d+', 'number' => '\d{1,3}'], methods: ['GET'])]
    public function piece(Request $request, Course $course, Lesson $lesson, int $number): Response
    {
        $piece = Explanation::piece($lesson->lesson(), $request->getLocale(), $number) ?? throw new NotFoundHttpException('No such piece.');

        return $this->render('reference/outcome.html.twig', self::outcome($lesson, $piece));
    }

    /** @return list<array<string, mixed>> the parts of a page, with what the pictures among them draw */
    public static function parts(Lesson $lesson, string $locale, int $page, Language $language): array
    {
        return array_map(static function (array $part) use ($lesson): array {
            if (!isset($part['piece'])) {
                return $part;
            }
            $highlighter = new Highlighter($part['language']);

            return [...$part, ...($part['isPicture'] ? self::outcome($lesson, $part) : []), 'lines' => array_map($highlighter->tokens(...), explode("\n", rtrim($part['text'], "\n")))];
        }, Explanation::page($lesson->lesson(), $locale, $page, $language));
    }

    /**
     * @param array{language: Language, text: string} $piece
     *
     * @return array{printed: string, picture: string|null}
     */
    private static function outcome(Lesson $lesson, array $piece): array
    {
        $setting = $lesson->lesson()->model->setting;
        $program = $piece['language']->read($piece['text'])->program->withSetting($setting);
        $outcome = Runner::run($program, $piece['language'], 1, new Limits(steps: self::STEPS, milliseconds: Trial::LONG), circumstances: new Circumstances(new Answers($lesson->lesson()->cases[0]->answers)));

        return ['printed' => $outcome->trace->printout(), 'picture' => 'printout' === $setting->scene ? null : Picture::svg($setting, $outcome->trace)];
    }

    /** @return array{progress: Progress, ...} the contents on the left; on the right a lesson, the one to go on with if none is named */
    private function spread(Request $request, Course $course, ?Lesson $lesson): array
    {
        $learner = $this->learners->current($request);
        $document = $this->lessons->document($course);
        $language = self::language($request, $course, $learner, $document->languages());
        $progress = Progress::of($learner, $course, $language, $this->lessons, $this->works);
        $next = $progress->next();
        $lesson ??= $next['lesson'] ?? $progress->lessons[0] ?? null;
        $own = $lesson?->lesson();

        return [
            'course' => $course, 'document' => $document, 'learner' => $learner, 'key' => null === $learner ? [] : $this->learners->key($learner), 'language' => $language,
            'progress' => $progress, 'next' => $next, 'lesson' => $lesson, 'isOwner' => $this->isGranted('course.edit', $course),
            'text' => $own?->text($request->getLocale()), 'goal' => null === $own ? null : Trial::goal($own->program($request->getLocale()), $own->language($language), $own->cases[0]),
            'says' => null === $own ? '' : Explanation::html($own->text($request->getLocale())->goal),
            'begins' => null === $lesson ? Support::MOST : $progress->begins($lesson), 'page' => null,
        ];
    }

    /** @param list<Language> $languages of the course */
    public static function language(Request $request, Course $course, ?Learner $learner, array $languages): Language
    {
        foreach ([$learner?->language($course->id()), $request->cookies->getString('scrivlet_text')] as $wanted) {
            $language = Language::tryFrom($wanted ?? '');
            if (null !== $language && \in_array($language, $languages, true)) {
                return $language;
            }
        }

        return $languages[0] ?? Language::Python;
    }
}
