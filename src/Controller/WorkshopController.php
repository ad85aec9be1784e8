<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Lesson\CourseRepository;
use Scrivlet\App\Lesson\CourseResolver;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Lesson\Workshop;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Security\CourseVoter;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Course as Document;
use Scrivlet\Core\Lesson\Lesson as LessonDocument;
use Scrivlet\Core\Lesson\LessonFile;
use Scrivlet\Core\Lesson\Proposal;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Words\Words;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Where a teacher makes courses: one's own, those of others to be copied, and files. */
#[Route('/workshop')]
#[IsGranted('ROLE_TEACHER')]
final class WorkshopController extends AbstractController
{
    public function __construct(private readonly CourseRepository $courses, private readonly LessonRepository $lessons, private readonly Workshop $workshop, private readonly EntityManagerInterface $entities, private readonly TranslatorInterface $translator)
    {
    }

    #[Route('', name: 'workshop', methods: ['GET'])]
    public function all(#[CurrentUser] User $user): Response
    {
        $own = $this->courses->of($user);
        $shared = $this->courses->sharedWith($user);

        return $this->render('workshop/workshop.html.twig', ['own' => $own, 'shared' => $shared, 'counts' => $this->lessons->counts(...$own, ...$shared)]);
    }

    #[Route('/courses', name: 'workshop_new', methods: ['POST'])]
    public function new(Request $request, #[CurrentUser] User $user): Response
    {
        return $this->redirectToRoute('workshop_course', ['course' => $this->workshop->course($user, self::line($request, 'title', LessonDocument::LONGEST_TITLE), $request->getLocale())->id()]);
    }

    /** A file of a course or a lesson; a lesson goes into the course that was worked on last. */
    #[Route('/open', name: 'workshop_open', methods: ['POST'])]
    public function open(Request $request, #[CurrentUser] User $user): Response
    {
        $file = $request->files->get('file');
        try {
            if (!$file instanceof UploadedFile || !$file->isValid()) {
                throw new Refusal('file.nothing');
            }
            if ($file->getSize() > LessonFile::LONGEST) {
                throw new Refusal('lesson.large', ['most' => intdiv(LessonFile::LONGEST, 1000)]);
            }
            $json = $file->getContent();
            if (LessonFile::isCourse($json)) {
                return $this->redirectToRoute('workshop_course', ['course' => $this->workshop->copy(LessonFile::readCourse($json), $user)->id()]);
            }

            return $this->redirectToRoute('workshop_lesson', ['lesson' => $this->workshop->add($this->workshop->current($user, $request->getLocale()), LessonFile::read($json))->id()]);
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));

            return $this->redirectToRoute('workshop');
        }
    }

    /** A lesson from a program, with the rungs that it gives. */
    #[Route('/make/{id}', name: 'workshop_make', requirements: ['id' => '\d+'], methods: ['POST'])]
    public function make(Request $request, Program $program, #[CurrentUser] User $user): Response
    {
        $tree = ProgramStore::program($program);
        if ($tree->hasUnread()) {
            throw new Refusal('lesson.unread');
        }
        $lesson = Proposal::of($tree->withoutTyping(), $program->name(), Language::cases(), $request->getLocale());

        return $this->redirectToRoute('workshop_lesson', ['lesson' => $this->workshop->add($this->workshop->current($user, $request->getLocale()), $lesson)->id()]);
    }

    #[Route('/courses/{course}', name: 'workshop_course', requirements: ['course' => '\d+'], defaults: [CourseResolver::NEEDS => CourseVoter::EDIT], methods: ['GET'])]
    public function course(Course $course): Response
    {
        return $this->render('workshop/course.html.twig', ['course' => $course, 'lessons' => $this->lessons->of($course), 'locales' => Words::locales()]);
    }

    #[Route('/courses/{course}', name: 'workshop_course_save', requirements: ['course' => '\d+'], defaults: [CourseResolver::NEEDS => CourseVoter::EDIT], methods: ['POST'])]
    public function save(Request $request, Course $course): Response
    {
        foreach (Words::locales() as $locale) {
            $title = self::line($request, "title_$locale", LessonDocument::LONGEST_TITLE);
            if ('' !== $title) {
                $course->say($locale, $title, self::line($request, "about_$locale", Document::LONGEST_ABOUT));
            }
        }
        $course->let($request->request->has('open'), $request->request->has('shared'));
        $this->entities->flush();
        $this->addFlash('done', $this->translator->trans('workshop.saved'));

        return $this->redirectToRoute('workshop_course', ['course' => $course->id()]);
    }

    #[Route('/courses/{course}/delete', name: 'workshop_course_delete', requirements: ['course' => '\d+'], defaults: [CourseResolver::NEEDS => CourseVoter::EDIT], methods: ['POST'])]
    public function delete(Request $request, Course $course): Response
    {
        $course->delete();
        $this->entities->flush();
        $this->addFlash('deleted', ['route' => 'workshop_course_restore', 'parameters' => ['course' => $course->id()], 'name' => $course->title($request->getLocale())]);

        return $this->redirectToRoute('workshop');
    }

    #[Route('/courses/{course}/restore', name: 'workshop_course_restore', requirements: ['course' => '\d+'], defaults: [CourseResolver::NEEDS => CourseVoter::EDIT], methods: ['POST'])]
    public function restore(Course $course): Response
    {
        $course->restore();
        $this->entities->flush();

        return $this->redirectToRoute('workshop_course', ['course' => $course->id()]);
    }

    #[Route('/courses/{course}/copy', name: 'workshop_course_copy', requirements: ['course' => '\d+'], defaults: [CourseResolver::NEEDS => CourseVoter::COPY], methods: ['POST'])]
    public function copy(Course $course, #[CurrentUser] User $user): Response
    {
        return $this->redirectToRoute('workshop_course', ['course' => $this->workshop->copy($this->lessons->document($course), $user)->id()]);
    }

    #[Route('/courses/{course}/file', name: 'workshop_course_file', requirements: ['course' => '\d+'], defaults: [CourseResolver::NEEDS => CourseVoter::COPY], methods: ['GET'])]
    public function takeFile(Request $request, Course $course): Response
    {
        return self::download(LessonFile::writeCourse($this->lessons->document($course)), $course->title($request->getLocale()), 'course');
    }

    public static function download(string $json, string $title, string $kind): Response
    {
        return new Response($json, 200, ['Content-Type' => 'application/json', 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Bundle::fileName($title).".$kind.json", "$kind.$kind.json")]);
    }

    private static function line(Request $request, string $name, int $longest): string
    {
        return mb_substr(trim((string) preg_replace('/[\x00-\x1f\x7f]+|\s+/u', ' ', mb_scrub($request->request->getString($name), 'UTF-8'))), 0, $longest);
    }
}
