<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Desk\SettingReport;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Security\ClassVoter;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\BlockRow;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Page\TextLine;
use Scrivlet\Core\Plain\PlainLines;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One program in front of the class, line by line. */
final class LecternController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entities)
    {
    }

    #[Route('/programs/{id}/lectern', name: 'lectern', requirements: ['id' => '\d+'], methods: ['GET'])]
    public function lectern(Request $request, Program $program): Response
    {
        $wanted = $request->query->getString('text', $request->cookies->getString('scrivlet_text'));
        $language = Language::tryFrom($wanted) ?? Language::Python;
        $tree = ProgramStore::program($program);
        $analysis = new Analysis($tree);
        $shown = ['language' => $language, 'lines' => self::lines($analysis, $language, $request->getLocale())];
        if ($request->query->has('lines')) {
            return $this->render('lectern/lines.html.twig', $shown);
        }

        return $this->render('lectern/lectern.html.twig', [
            ...$shown,
            'program' => $program,
            'languages' => Language::cases(),
            'inks' => Ink::cases(),
            'class' => $this->classOf($request),
            'setting' => SettingReport::of($tree, $request->getLocale()),
        ]);
    }

    /** The class in front of which the teacher stands. */
    private function classOf(Request $request): ?SchoolClass
    {
        $class = $this->entities->find(SchoolClass::class, $request->query->getInt('class'));

        return null !== $class && $this->isGranted(ClassVoter::TEACH, $class) ? $class : null;
    }

    /** @return list<array{key: string, block: BlockRow|null, text: TextLine|null, plain: string}> */
    private static function lines(Analysis $analysis, Language $language, string $locale): array
    {
        $plain = PlainLines::of($analysis, $language, $locale);
        $lines = [];
        foreach ((new Spread($analysis, [$language], $locale))->rows as $row) {
            [$block, $text] = [$row['cells']['blocks'], $row['cells'][$language->value] ?? null];
            $text = $text instanceof TextLine ? $text : null;
            $lines[] = ['key' => $row['key'], 'block' => $block instanceof BlockRow ? $block : null, 'text' => $text, 'plain' => null === $text ? '' : $plain[$text->number - 1] ?? ''];
        }

        return $lines;
    }
}
