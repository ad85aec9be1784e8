<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Http\OneLine;
use Scrivlet\App\Learner\Learners;
use Scrivlet\App\Learner\Progress;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Program\Bundle;
use Scrivlet\Core\Lesson\Certificate;
use Scrivlet\Core\Print\Pdf;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What was done in a course, as a page, as a drawing, and for paper. */
#[Route('/books/{course}/certificate', requirements: ['course' => '\d+'])]
final class CertificateController extends AbstractController
{
    public function __construct(private readonly LessonRepository $lessons, private readonly WorkRepository $works, private readonly Learners $learners, private readonly EntityManagerInterface $entities)
    {
    }

    #[Route('.{_format}', name: 'book_certificate', requirements: ['_format' => 'html|svg|pdf'], defaults: ['_format' => 'html'], methods: ['GET'])]
    public function certificate(Request $request, Course $course): Response
    {
        $learner = $this->learners->current($request);
        $progress = $this->progress($request, $course, $learner);
        if (null === $learner || !$progress->isComplete()) {
            return $this->redirectToRoute('book', ['course' => $course->id()]);
        }
        $certificate = new Certificate($learner->name(), $course->title($request->getLocale()), $progress->language, $progress->passed(), $progress->last() ?? new \DateTimeImmutable(), $request->getLocale());
        $format = $request->getRequestFormat();
        if ('html' === $format) {
            return $this->render('book/certificate.html.twig', ['course' => $course, 'certificate' => $certificate, 'learner' => $learner, 'key' => $this->learners->key($learner)]);
        }

        return new Response('pdf' === $format ? Pdf::of($certificate->html(), true, false) : $certificate->svg(), 200, [
            'Content-Type' => 'pdf' === $format ? 'application/pdf' : 'image/svg+xml',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Bundle::fileName($certificate->course).".$format", "certificate.$format"),
        ]);
    }

    /** The name that is to stand on it. */
    #[Route('/name', name: 'book_name', methods: ['POST'])]
    public function name(Request $request, Course $course): Response
    {
        $learner = $this->learners->begun($request);
        if ($learner->isGuest()) {
            $learner->call(OneLine::of($request->request->getString('name'), Learner::LONGEST_NAME));
            $this->entities->flush();
        }

        return $this->redirectToRoute('book_certificate', ['course' => $course->id()]);
    }

    private function progress(Request $request, Course $course, ?Learner $learner): Progress
    {
        $language = BookController::language($request, $course, $learner, $this->lessons->document($course)->languages());

        return Progress::of($learner, $course, $language, $this->lessons, $this->works);
    }
}
