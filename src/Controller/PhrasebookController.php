<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Program;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Phrasebook\Phrasebook;
use Scrivlet\Core\Phrasebook\PhrasebookHtml;
use Scrivlet\Core\Print\Pdf;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The chart of commands: of a scene, of the language, of a program; on the screen, and as PDF. */
final class PhrasebookController extends AbstractController
{
    private const LANGUAGE = 'language';

    public function __construct(private readonly TranslatorInterface $translator)
    {
    }

    #[Route('/phrasebook.{_format}', name: 'phrasebook', requirements: ['_format' => 'html|pdf'], defaults: ['_format' => 'html'], methods: ['GET'])]
    public function book(Request $request): Response
    {
        $of = $request->query->getString('of', SceneName::Sheet->value);
        $scene = SceneName::tryFrom($of) ?? (self::LANGUAGE === $of ? null : SceneName::Sheet);
        $book = null === $scene ? Phrasebook::ofLanguage($request->getLocale()) : Phrasebook::ofScene($scene, $request->getLocale());
        $title = null === $scene ? $this->translator->trans('phrasebook.of_language') : $this->translator->trans('phrasebook.of_scene', ['scene' => $this->translator->trans("scene.$scene->value")]);

        return $this->shown($request, $book, $title, ['of' => $scene->value ?? self::LANGUAGE, 'program' => null]);
    }

    #[Route('/programs/{id}/phrasebook.{_format}', name: 'program_phrasebook', requirements: ['id' => '\d+', '_format' => 'html|pdf'], defaults: ['_format' => 'html'], methods: ['GET'])]
    public function ofProgram(Request $request, Program $program): Response
    {
        $title = $this->translator->trans('phrasebook.of_program', ['name' => $program->name()]);

        return $this->shown($request, Phrasebook::ofProgram(ProgramStore::program($program), $request->getLocale()), $title, ['of' => null, 'program' => $program]);
    }

    /** @param array{of: string|null, program: Program|null} $what */
    private function shown(Request $request, Phrasebook $book, string $title, array $what): Response
    {
        $wanted = $request->query->all()['languages'] ?? [];
        $languages = array_values(array_filter(Language::cases(), static fn (Language $language): bool => \is_array($wanted) && \in_array($language->value, $wanted, true)));
        $languages = [] === $languages ? Language::cases() : $languages;
        if ('pdf' === $request->getRequestFormat()) {
            return new Response(Pdf::of(PhrasebookHtml::page($book, $languages, $title)), 200, [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Bundle::fileName($title).'.pdf', 'phrasebook.pdf'),
            ]);
        }
        $highlighters = [];
        foreach ($languages as $language) {
            $highlighters[$language->value] = new Highlighter($language);
        }

        return $this->render('phrasebook/phrasebook.html.twig', [...$what, 'book' => $book, 'title' => $title, 'languages' => $languages, 'all' => Language::cases(), 'scenes' => SceneName::cases(), 'highlighters' => $highlighters]);
    }
}
