<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Lesson\Library;
use Scrivlet\App\Lesson\Workshop;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\Quota;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\Trial;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Proposal;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Examples by scene, construct and difficulty: to be looked at, opened on the desk, and copied into the workshop. */
#[Route('/examples')]
final class ExamplesController extends AbstractController
{
    public function __construct(private readonly Library $library)
    {
    }

    #[Route('', name: 'examples', methods: ['GET'])]
    public function all(Request $request): Response
    {
        $scene = SceneName::tryFrom($request->query->getString('scene'));
        $construct = Construct::tryFrom($request->query->getString('construct'));
        $difficulty = $request->query->getInt('difficulty');
        $entries = array_filter($this->library->entries($request->getLocale()), static fn (array $entry): bool => (null === $scene || $entry['topics']->scene === $scene->value) && (null === $construct || \in_array($construct, $entry['topics']->constructs, true)) && ($difficulty < 1 || $entry['topics']->difficulty === $difficulty));

        return $this->render('examples/examples.html.twig', [
            'entries' => array_values($entries), 'scenes' => SceneName::cases(), 'constructs' => Construct::cases(), 'scene' => $scene, 'construct' => $construct, 'difficulty' => $difficulty,
            'courses' => array_map(static fn (\Scrivlet\Core\Lesson\Course $course): string => $course->title($request->getLocale()), $this->library->courses()),
        ]);
    }

    /** What an example leaves when it has run. */
    #[Route('/{kind}/{file}/{place}.svg', name: 'example_picture', requirements: ['kind' => 'program|lesson', 'file' => '[a-z0-9-]{1,60}', 'place' => '\d{1,2}'], methods: ['GET'])]
    public function picture(Request $request, string $kind, string $file, int $place): Response
    {
        $program = $this->found($kind, $file, $place, $request->getLocale())[1];
        $response = new Response(Trial::goal($program, Language::Python, Proposal::cases($program)[0])['picture'], 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, max-age=3600']);

        return $response->setEtag(hash('xxh128', (string) $response->getContent()));
    }

    #[Route('/{kind}/{file}/{place}/open', name: 'example_open', requirements: ['kind' => 'program|lesson', 'file' => '[a-z0-9-]{1,60}', 'place' => '\d{1,2}'], methods: ['POST'])]
    public function open(Request $request, string $kind, string $file, int $place, ProgramStore $store, Quota $quota, #[CurrentUser] User $user): Response
    {
        [$title, $program] = $this->found($kind, $file, $place, $request->getLocale());
        $quota->check($user);

        return $this->redirectToRoute('desk', ['id' => $store->create($user, mb_substr($title, 0, Program::LONGEST_NAME), $program)->id()]);
    }

    #[Route('/lesson/{file}/{place}/copy', name: 'example_copy_lesson', requirements: ['file' => '[a-z0-9-]{1,60}', 'place' => '\d{1,2}'], methods: ['POST'])]
    #[IsGranted('ROLE_TEACHER')]
    public function copy(Request $request, string $file, int $place, Workshop $workshop, #[CurrentUser] User $user): Response
    {
        $lesson = $this->library->lesson($file, $place) ?? throw new NotFoundHttpException('No such example.');

        return $this->redirectToRoute('workshop_lesson', ['lesson' => $workshop->add($workshop->current($user, $request->getLocale()), $lesson)->id()]);
    }

    #[Route('/course/{file}/copy', name: 'example_copy_course', requirements: ['file' => '[a-z0-9-]{1,60}'], methods: ['POST'])]
    #[IsGranted('ROLE_TEACHER')]
    public function copyCourse(string $file, Workshop $workshop, #[CurrentUser] User $user): Response
    {
        $course = $this->library->courses()[$file] ?? throw new NotFoundHttpException('No such example.');

        return $this->redirectToRoute('workshop_course', ['course' => $workshop->copy($course, $user)->id()]);
    }

    /** @return array{string, \Scrivlet\Core\Tree\Program} */
    private function found(string $kind, string $file, int $place, string $locale): array
    {
        $lesson = 'lesson' === $kind ? $this->library->lesson($file, $place) : null;

        return (null === $lesson ? $this->library->program($file) : [$lesson->title($locale), $lesson->program($locale)]) ?? throw new NotFoundHttpException('No such example.');
    }
}
