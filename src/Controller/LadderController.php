<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Program;
use Scrivlet\App\Ladder\LadderInput;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\Hints;
use Scrivlet\Core\Ladder\Ladder;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Ladder\Spoken;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Ladder\Verdict;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Scene\Settings;
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
    /** What a program is answered that asks, and pressed that listens. */
    private const ANSWERS = "12\n7\n5\n3\n2\n1\n";
    private const PRESSES = "0.5 tap round\n1 tap square\n2 light 10\n3 light 90\n";

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
            'program' => $program, 'kinds' => RungKind::cases(), 'kind' => $kind, 'language' => $language, 'languages' => Language::cases(), 'seed' => $seed, 'rung' => $rung,
            'gentler' => Support::gentler($kind), 'asked' => $asked, 'asks' => Spoken::asked($asked, $request->getLocale()), 'missing' => $missing, 'constructs' => Construct::cases(),
            'settings' => array_filter(['needs' => $needs, 'rows' => $rows, 'only' => $only]),
            'highlighter' => new Highlighter($language), 'from' => RungKind::Carry === $kind && null !== $rung && \is_string($rung->question['from']) ? Language::from($rung->question['from']) : null,
        ]);
    }

    #[Route('/mark', name: 'ladder_mark', methods: ['POST'])]
    public function mark(Request $request, Program $program, #[MapRequestPayload] LadderInput $input): JsonResponse
    {
        $verdict = Marking::of($this->asked($request, $program, $input), $input->answer);
        $why = \array_slice(Spoken::of($verdict, $request->getLocale()), 0, 5);

        if ($verdict->passed) {
            $why = [Sentences::of('mark.passed', [], $request->getLocale()), ...(null === $verdict->rows ? [] : [Sentences::of('mark.rows', $verdict->rows, $request->getLocale())])];
        }
        $tries = [...array_map(floatval(...), $input->tries), $verdict->near];
        $gentler = !$verdict->passed && Support::isStuck($tries) ? Support::gentler(RungKind::from($input->kind)) : null;

        return new JsonResponse(['passed' => $verdict->passed, 'why' => $why, 'near' => $verdict->near, 'gentler' => $gentler?->value]);
    }

    #[Route('/hint', name: 'ladder_hint', methods: ['POST'])]
    public function hint(Request $request, Program $program, #[MapRequestPayload] LadderInput $input): JsonResponse
    {
        return new JsonResponse(['says' => Hints::step($this->asked($request, $program, $input), $input->answer, max(1, min(Hints::STEPS, $input->step)), $request->getLocale())['says']]);
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
        $signals = SceneName::Lantern->value === $program->setting->scene ? self::PRESSES : '';
        $situations = array_map(static fn (int $layout): Situation => new Situation($layout, self::ANSWERS, $signals), array_keys(Settings::layouts($program->setting)) ?: [0]);

        $rung = Ladder::rung($program, $language, $kind, $situations, $seed, $locale);

        return $kind->asksForText() && [] === $asked->missing($program) ? $rung?->asking($asked) : $rung;
    }
}
