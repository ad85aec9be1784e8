<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Program;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\PictureRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Python\DrawingModule;
use Scrivlet\Core\Language\Python\DrawingModulePrinter;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Picture;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/programs/{id}', requirements: ['id' => '\d+'])]
final class TakeAwayController extends AbstractController
{
    private const PICTURE_STEPS = 20000;

    public function __construct(private readonly PictureRepository $pictures)
    {
    }

    #[Route('/text/{language}', name: 'take_text', requirements: ['language' => 'python|javascript|cpp'], methods: ['GET'])]
    public function text(Program $program, string $language): Response
    {
        $language = Language::from($language);

        return self::download($language->print(ProgramStore::program($program))->text(), preg_replace('/(?:\.|%2E)'.$language->extension().'$/i', '', Bundle::fileName($program->name())).'.'.$language->extension(), 'text/plain; charset=utf-8');
    }

    /** For Python's standard drawing module. */
    #[Route('/drawing-module', name: 'take_drawing_module', methods: ['GET'])]
    public function drawingModule(Request $request, Program $program): Response
    {
        try {
            return self::download(DrawingModulePrinter::text(ProgramStore::program($program)), Bundle::fileName($program->name()).'-'.DrawingModule::NAME.'.py', 'text/plain; charset=utf-8');
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));

            return $this->redirectToRoute('shelf');
        }
    }

    #[Route('/project', name: 'take_project', methods: ['GET'])]
    public function project(Program $program): Response
    {
        return self::download(ProjectWriter::write($program->name(), ProgramStore::program($program)), Bundle::fileName($program->name()).'.scrivlet.json', 'application/json');
    }

    #[Route('/drawing.svg', name: 'take_drawing', methods: ['GET'])]
    public function drawing(Request $request, Program $program): Response
    {
        return self::download(self::picture($program), Bundle::fileName($program->name()).'.svg', 'image/svg+xml');
    }

    /** The small picture of the shelf. */
    #[Route('/picture.svg', name: 'picture', methods: ['GET'])]
    public function small(Request $request, Program $program): Response
    {
        $response = new Response(headers: ['Content-Type' => 'image/svg+xml']);
        $response->setEtag($program->id().'-'.$program->revision()->number)->setPrivate()->setMaxAge(60);
        if (!$response->isNotModified($request)) {
            $response->setContent($this->pictures->of($program, static fn (): string => self::picture($program)));
        }

        return $response;
    }

    #[Route('/bundle.zip', name: 'take_bundle', methods: ['GET'])]
    public function bundle(Program $program, Bundle $bundle): Response
    {
        return self::download($bundle->zip($program->name(), ProgramStore::program($program)), Bundle::fileName($program->name()).'.zip', 'application/zip');
    }

    private static function picture(Program $program): string
    {
        return Picture::svg(ProgramStore::program($program)->setting, Runner::run(ProgramStore::program($program), Language::Python, 1, new Limits(steps: self::PICTURE_STEPS), false)->trace);
    }

    private static function download(string $content, string $name, string $type): Response
    {
        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }
}
