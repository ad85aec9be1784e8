<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Http\JsonBody;
use Scrivlet\App\Lesson\CourseRepository;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\App\Register\Activity;
use Scrivlet\App\Register\Board;
use Scrivlet\App\Register\ClassView;
use Scrivlet\App\Register\Live;
use Scrivlet\App\Register\Orders;
use Scrivlet\App\Register\Trips;
use Scrivlet\App\Security\CourseVoter;
use Scrivlet\App\Security\ProgramVoter;
use Scrivlet\Core\Language\Language;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The register of a class, and what is said from it to the whole class. */
#[Route('/classes/{class}', requirements: ['class' => '\d+'])]
final class RegisterController extends AbstractController
{
    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly CourseRepository $courses,
        private readonly LessonRepository $lessons,
        private readonly ProgramRepository $programs,
        private readonly Board $board,
        private readonly Trips $trips,
        private readonly Live $live,
    ) {
    }

    #[Route('', name: 'register', methods: ['GET'])]
    public function register(Request $request, SchoolClass $class, #[CurrentUser] User $user): Response
    {
        return $this->render('register/register.html.twig', [
            ...$this->shown($class),
            'trips' => $this->trips->of($class, $request->getLocale()),
            'courses' => $this->mayTeach($user),
            'lessons' => null === $class->course() ? [] : $this->lessons->of($class->course()),
            'channel' => $this->live->ofRegister($class),
            'programs' => $this->programs->onShelf($user, ''),
        ]);
    }

    /** All rows, for a page that did not hear of each. */
    #[Route('/rows', name: 'register_rows', methods: ['GET'])]
    public function rows(SchoolClass $class): Response
    {
        return $this->render('register/table.html.twig', $this->shown($class));
    }

    #[Route('/trips', name: 'register_trips', methods: ['GET'])]
    public function trips(Request $request, SchoolClass $class): Response
    {
        return $this->render('register/trips.html.twig', ['class' => $class, 'trips' => $this->trips->of($class, $request->getLocale())]);
    }

    /** The pictures of all, for everybody to see. */
    #[Route('/wall', name: 'class_wall', methods: ['GET'])]
    public function wall(Request $request, SchoolClass $class): Response
    {
        return $this->render('register/wall.html.twig', ['class' => $class, 'rows' => $this->board->rows($class), 'isNamed' => $request->query->getBoolean('names'), 'channel' => $this->live->ofRegister($class)]);
    }

    /** @return array<string, mixed> */
    private function shown(SchoolClass $class): array
    {
        return ['class' => $class, 'columns' => $this->board->columns($class), 'rows' => $this->board->rows($class), 'view' => Activity::view($class), 'orders' => $class->orders()];
    }

    /** @return list<Course> that this teacher can give to a class */
    private function mayTeach(User $user): array
    {
        $courses = [];
        foreach ([...$this->courses->of($user), ...$this->courses->open()] as $course) {
            $courses[$course->id()] = $course;
        }

        return array_values($courses);
    }

    /** What the class works on, and what stands across. */
    #[Route('/work', name: 'register_work', methods: ['POST'])]
    public function work(Request $request, SchoolClass $class): Response
    {
        $view = ClassView::tryFrom($request->request->getString('view')) ?? $class->view();
        $course = $class->course();
        $lesson = $class->lesson();
        if ($request->request->has('course')) {
            $course = $this->entities->find(Course::class, $request->request->getInt('course'));
            if (null !== $course && !$this->isGranted(CourseVoter::READ, $course)) {
                throw new NotFoundHttpException('No such course.');
            }
            $lesson = $course === $class->course() ? $lesson : null;
        }
        if ($request->request->has('lesson')) {
            $chosen = $this->entities->find(Lesson::class, $request->request->getInt('lesson'));
            $lesson = null !== $chosen && $chosen->course() === $course ? $chosen : null;
        }
        $class->workOn($course, $lesson ?? (null === $course ? null : $this->lessons->of($course)[0] ?? null));
        $class->show($view);
        $this->entities->flush();
        $this->live->tellClass($class);
        $this->live->tellRegister($class, ['all' => true]);

        return $this->redirectToRoute('register', ['class' => $class->id()]);
    }

    #[Route('/hold', name: 'register_hold', methods: ['POST'])]
    public function hold(Request $request, SchoolClass $class): Response
    {
        return $this->order($request, $class, $class->orders()->withHold($request->request->getBoolean('on')));
    }

    /** Brings everyone to one page; without any, lets them go again. */
    #[Route('/gather', name: 'register_gather', methods: ['POST'])]
    public function gather(Request $request, SchoolClass $class): Response
    {
        [$kind, $number] = [...explode(' ', $request->request->getString('to'), 2), ''];
        $gathered = match ($kind) {
            'program' => $this->toProgram((int) $number),
            'lesson' => $this->toLesson($class, (int) $number, $request->getLocale()),
            'rung' => $this->toRung($class, (int) $number, $request->getLocale()),
            default => null,
        };

        return $this->order($request, $class, $class->orders()->withGathered($gathered)->withFollow(null !== $gathered && 'program' === $gathered['kind'] && $class->orders()->follow));
    }

    /** @return array{kind: string, program: int, title: string} */
    private function toProgram(int $id): array
    {
        $program = $this->entities->find(Program::class, $id);
        if (null === $program || $program->isDeleted() || !$this->isGranted(ProgramVoter::USE, $program)) {
            throw new NotFoundHttpException('No such program.');
        }

        return ['kind' => 'program', 'program' => $id, 'title' => $program->name()];
    }

    /** @return array{kind: string, course: int, lesson: int, title: string} */
    private function toLesson(SchoolClass $class, int $id, string $locale): array
    {
        $lesson = $this->entities->find(Lesson::class, $id);
        if (null === $lesson || $lesson->isDeleted() || $lesson->course() !== $class->course()) {
            throw new NotFoundHttpException('No such lesson.');
        }

        return ['kind' => 'lesson', 'course' => $lesson->course()->id(), 'lesson' => $id, 'title' => $lesson->lesson()->title($locale)];
    }

    /** @return array{kind: string, course: int, lesson: int, rung: int, title: string} */
    private function toRung(SchoolClass $class, int $id, string $locale): array
    {
        $lesson = $class->lesson();
        if (null === $lesson?->lesson()->rung($id)) {
            throw new NotFoundHttpException('No such rung.');
        }

        return ['kind' => 'rung', 'course' => $lesson->course()->id(), 'lesson' => $lesson->id(), 'rung' => $id, 'title' => $lesson->lesson()->title($locale)];
    }

    /** Whether the line that is lit on the lectern is lit for everybody. */
    #[Route('/follow', name: 'register_follow', methods: ['POST'])]
    public function follow(Request $request, SchoolClass $class): Response
    {
        return $this->order($request, $class, $class->orders()->withFollow($request->request->getBoolean('on')));
    }

    /** The line to which the teacher points. */
    #[Route('/point', name: 'register_point', methods: ['POST'])]
    public function point(Request $request, SchoolClass $class): JsonResponse
    {
        $data = JsonBody::of($request);
        $orders = $class->orders();
        $language = Language::tryFrom(\is_string($data['language'] ?? null) ? $data['language'] : '');
        $key = \is_string($data['key'] ?? null) ? $data['key'] : '';
        if (!$orders->follow || null === $language || 1 !== preg_match('~^[\w:/@-]{1,40}$~D', $key)) {
            return new JsonResponse(['told' => false]);
        }
        $light = ['language' => $language->value, 'key' => $key];
        $class->order($orders->withLight($light));
        $this->entities->flush();
        $this->live->tellLight($class, $light);

        return new JsonResponse(['told' => true]);
    }

    private function order(Request $request, SchoolClass $class, Orders $orders): Response
    {
        $class->order($orders);
        $this->entities->flush();
        $this->live->tellClass($class);
        if ('true' === $request->headers->get('HX-Request')) {
            return $this->render('register/orders.html.twig', ['class' => $class, 'orders' => $orders, 'columns' => $this->board->columns($class)]);
        }
        if ('lectern' === $request->request->getString('from') && 'program' === ($orders->gathered['kind'] ?? '')) {
            return $this->redirectToRoute('lectern', ['id' => $orders->gathered['program'] ?? 0, 'class' => $class->id()]);
        }

        return $this->redirectToRoute('register', ['class' => $class->id()]);
    }
}
