<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Learner\Progress;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\People\Deeds;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Register\ClassLists;
use Scrivlet\App\Register\Marks;
use Scrivlet\App\Register\Told;
use Scrivlet\App\Register\TripRepository;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Lesson\Certificate;
use Scrivlet\Core\Print\Pdf;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What there is at the end: numbers of a class, a report of one pupil, certificates of all. */
#[Route('/classes/{class}', requirements: ['class' => '\d+'])]
final class MarksController extends AbstractController
{
    private const COLUMNS = ['passed', 'rungs', 'tries', 'hints', 'minutes', 'ink', 'overcome', 'begun', 'collected', 'handed'];
    private const TRIPS = 40;

    public function __construct(private readonly Marks $marks, private readonly Deeds $deeds)
    {
    }

    #[Route('/marks', name: 'class_marks', methods: ['GET'])]
    public function page(SchoolClass $class): Response
    {
        return $this->render('register/marks.html.twig', ['class' => $class, 'rows' => $this->marks->all($class), 'lessons' => $this->marks->lessons($class), 'columns' => self::COLUMNS]);
    }

    #[Route('/marks.csv', name: 'class_marks_csv', methods: ['GET'])]
    public function csv(Request $request, SchoolClass $class, ClassLists $lists): Response
    {
        $locale = $request->getLocale();
        $says = static fn (string $name): string => Sentences::of("marks.$name", [], $locale);
        $lessons = $this->marks->lessons($class);
        $titles = [];
        foreach ($lessons as $place => $lesson) {
            $titles[$lesson->id()] = ($place + 1).'. '.$lesson->lesson()->title($locale);
        }
        $rows = [];
        foreach ($this->marks->all($class) as $one) {
            $row = [$says('pupil') => $one['pupil']->name(), $says('id') => $one['pupil']->sourcedId() ?? ''];
            foreach (self::COLUMNS as $column) {
                $row[$says($column)] = (string) ($one[$column] ?? '');
            }
            foreach ($titles as $id => $title) {
                $row[$title] = $one['lessons'][$id]['passed'].'/'.$one['lessons'][$id]['rungs'];
            }
            $rows[] = $row;
        }
        $this->deeds->note('marks_out', $class->name());

        return self::download($lists->written($rows, [$says('pupil'), $says('id'), ...array_map($says, self::COLUMNS), ...array_values($titles)]), Bundle::fileName($class->name()).'.csv', 'text/csv; charset=utf-8');
    }

    #[Route('/pupils/{pupil}/report.{_format}', name: 'pupil_report', requirements: ['pupil' => '\d+', '_format' => 'html|pdf'], defaults: ['_format' => 'html'], methods: ['GET'])]
    public function report(Request $request, SchoolClass $class, Pupil $pupil, TripRepository $trips): Response
    {
        $locale = $request->getLocale();
        $kinds = [];
        foreach ($trips->ofPupil($pupil, self::TRIPS) as $trip) {
            $kinds[$trip->kind] ??= ['says' => Told::says($trip->kind, $trip->parameters, $locale), 'count' => 0];
            ++$kinds[$trip->kind]['count'];
        }
        uasort($kinds, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);
        $variables = ['class' => $class, 'pupil' => $pupil, 'mark' => $this->marks->of($pupil), 'lessons' => $this->marks->lessons($class), 'trips' => \array_slice($kinds, 0, 8), 'columns' => self::COLUMNS];
        if ('html' === $request->getRequestFormat()) {
            return $this->render('register/report.html.twig', $variables);
        }
        $this->deeds->note('report_out', $pupil->name());

        return self::download(Pdf::of($this->renderView('register/report_print.html.twig', $variables)), Bundle::fileName($pupil->name()).'.pdf', 'application/pdf');
    }

    /** The certificates of all who have done the course, a page each. */
    #[Route('/certificates.pdf', name: 'class_certificates', methods: ['GET'])]
    public function certificates(Request $request, SchoolClass $class, LessonRepository $lessons, WorkRepository $works): Response
    {
        $course = $class->course();
        $certificates = [];
        foreach ($this->marks->all($class) as $one) {
            if (null === $course) {
                break;
            }
            $learner = $one['pupil']->learner;
            $language = BookController::language($request, $course, $learner, $lessons->document($course)->languages());
            $progress = Progress::of($learner, $course, $language, $lessons, $works);
            if ($progress->isComplete()) {
                $certificates[] = new Certificate($one['pupil']->name(), $course->title($request->getLocale()), $language, $progress->passed(), $progress->last() ?? new \DateTimeImmutable(), $request->getLocale());
            }
        }
        if ([] === $certificates) {
            $this->addFlash('trouble', Sentences::of('marks.no_certificates', [], $request->getLocale()));

            return $this->redirectToRoute('class_marks', ['class' => $class->id()]);
        }

        return self::download(Pdf::of(Certificate::pages($certificates), true, false), Bundle::fileName($class->name()).'.pdf', 'application/pdf');
    }

    private static function download(string $content, string $name, string $type): Response
    {
        return new Response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name, 'class.'.pathinfo($name, \PATHINFO_EXTENSION))]);
    }
}
