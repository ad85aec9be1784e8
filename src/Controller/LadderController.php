<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Program;
use Scrivlet\App\Ladder\LadderInput;
use Scrivlet\App\Ladder\RungAnswers;
use Scrivlet\App\Ladder\RungPage;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\Ladder;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Spoken;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Ladder\Verdict;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Proposal;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Tree\Program as Tree;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The ladder that a program gives, each rung to be tried as a pupil would. Rungs are made anew each time: they are a function of the program and the seed. */
#[Route('/programs/{id}/ladder', requirements: ['id' => '\d+'])]
final class LadderController extends AbstractController
{
    #[Route('', name: 'ladder', methods: ['GET'])]
    public function ladder(Request $request, Program $program): Response
    {
        $language = Language::tryFrom($request->query->getString('language')) ?? Language::Python;
        $kind = RungKind::tryFrom($request->query->getString('kind')) ?? RungKind::Pair;
        $seed = max(0, $request->query->getInt('seed', 1));
        $needs = array_values(array_filter($request->query->all('needs'), is_string(...)));
        [$rows, $only] = [max(0, min(Asked::MOST, $request->query->getInt('rows'))), $request->query->getBoolean('only')];
        $tree = ProgramStore::program($program);
        $asked = self::besides($tree, $needs, $rows, $only);
        $rung = self::made($tree, $language, $kind, $seed, $request->getLocale(), $asked);
        // What the program itself would not pass is not asked of anybody: it is said instead.
        $missing = Spoken::of(new Verdict(false, $asked->missing($tree), 0), $request->getLocale());

        return $this->render('ladder/ladder.html.twig', [
            ...(null === $rung ? [] : RungPage::of($rung, $request->getLocale())),
            'program' => $program, 'kinds' => RungKind::cases(), 'kind' => $kind, 'language' => $language, 'languages' => Language::cases(), 'seed' => $seed, 'rung' => $rung,
            'gentler' => Support::gentler($kind), 'asked' => $asked, 'asks' => Spoken::asked($asked, $request->getLocale()), 'missing' => $missing, 'constructs' => Construct::cases(),
            'settings' => array_filter(['needs' => $needs, 'rows' => $rows, 'only' => $only]),
        ]);
    }

    #[Route('/mark', name: 'ladder_mark', methods: ['POST'])]
    public function mark(Request $request, Program $program, #[MapRequestPayload] LadderInput $input): JsonResponse
    {
        $rung = $this->asked($request, $program, $input);
        $verdict = Marking::of($rung, $input->answer);

        return new JsonResponse(RungAnswers::of($rung, $verdict, $input->answer, [...array_map(floatval(...), $input->tries), $verdict->near], $request->getLocale()));
    }

    /** What an answer does, before it is checked. */
    #[Route('/try', name: 'ladder_try', methods: ['POST'])]
    public function try(Request $request, Program $program, #[MapRequestPayload] LadderInput $input): JsonResponse
    {
        return new JsonResponse(RungAnswers::tried($this->asked($request, $program, $input), $input->answer, $request->getLocale()));
    }

    #[Route('/hint', name: 'ladder_hint', methods: ['POST'])]
    public function hint(Request $request, Program $program, #[MapRequestPayload] LadderInput $input): JsonResponse
    {
        return new JsonResponse(['says' => RungAnswers::hint($this->asked($request, $program, $input), $input->answer, $input->step, $request->getLocale())]);
    }

    private function asked(Request $request, Program $program, LadderInput $input): Rung
    {
        $kind = RungKind::tryFrom($input->kind);
        $language = Language::tryFrom($input->language);
        $rung = null === $kind || null === $language ? null : self::made($tree = ProgramStore::program($program), $language, $kind, $input->seed, $request->getLocale(), self::besides($tree, $input->needs, $input->rows, $input->only));

        return $rung ?? throw new BadRequestHttpException('No such rung.');
    }

    /** @param list<string> $needs */
    private static function besides(Tree $program, array $needs, int $rows, bool $only): Asked
    {
        return Asked::of(['constructs' => $needs, 'rows' => $rows, 'allowed' => $only ? Uses::in($program) : null]);
    }

    private static function made(Tree $program, Language $language, RungKind $kind, int $seed, string $locale, Asked $asked): ?Rung
    {
        // What cannot be read gives no rungs.
        if ($program->hasUnread()) {
            return null;
        }
        $rung = Ladder::rung($program, $language, $kind, Proposal::cases($program), $seed, $locale);

        return $kind->asksForText() && [] === $asked->missing($program) ? $rung?->asking($asked) : $rung;
    }
}
