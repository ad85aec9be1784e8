<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\DeskAnswers;
use Scrivlet\App\Desk\DeskView;
use Scrivlet\App\Desk\SettingReport;
use Scrivlet\App\Desk\SpreadRenderer;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Completion\KnownWords;
use Scrivlet\Core\Completion\Snippets;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Edit\Locator;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Handwriting\InPlace;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Statement;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

#[Route('/programs/{id}', requirements: ['id' => '\d+'])]
final class DeskController extends AbstractController
{
    public function __construct(private readonly SpreadRenderer $renderer, private readonly TranslatorInterface $translator)
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
            'wraps' => Editor::wrappers(),
            'inserts' => 'blocks' === $view->view || 'all' === $view->text ? [] : Snippets::of($view->runsAs()),
            'data' => ['revision' => $program->revision()->number, ...DeskAnswers::ways($program->revision()), ...$this->renderer->facts($spread), 'setting' => SettingReport::of($tree, $request->getLocale()), 'choices' => SettingReport::choices($request->getLocale()), 'answers' => SettingReport::answers($tree->setting->scene), 'cells' => SettingReport::cells(),  'typed' => DeskAnswers::typed($analysis, $view, $request->getLocale()), 'numbers' => $this->renderer->numbers($spread), 'words' => KnownWords::of($view->runsAs())],
        ]);
        foreach (['view', 'text'] as $name) {
            if ('' !== $request->query->getString($name)) {
                $response->headers->setCookie(Cookie::create("scrivlet_$name", $view->$name, '+1 year', '/', null, null, true, false, Cookie::SAMESITE_LAX));
            }
        }

        return $response;
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

    /** Rows for the clipboard. */
    #[Route('/rows', name: 'desk_rows', methods: ['GET'])]
    public function rows(Request $request, Program $program): JsonResponse
    {
        $tree = ProgramStore::program($program);
        $rows = array_map(static fn (string $id): ?Statement => Locator::statement($tree, (int) $id), \array_slice(explode(',', $request->query->getString('ids')), 0, 500));

        return new JsonResponse(['rows' => ProjectWriter::rows(array_values(array_filter($rows)))]);
    }
}
