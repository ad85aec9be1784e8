<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\DeskView;
use Scrivlet\App\Desk\RunReport;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Http\JsonBody;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Scene\Settings;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;

/** Runs of a program, in the pool that is theirs. */
#[Route('/programs/{id}', requirements: ['id' => '\d+'])]
final class RunController extends AbstractController
{
    private const RUN_STEPS = 600_000;
    private const SHEET_STEPS = 20000;
    private const LONGEST_ANSWERS = 10000;
    /** How long a run goes on behind the last signal, in milliseconds of its own time. */
    private const LISTENS = 60000;

    #[Route('/run', name: 'desk_run', methods: ['POST'])]
    public function run(Request $request, Program $program): Response
    {
        $data = JsonBody::of($request);
        $view = DeskView::from($data['view'] ?? null, $data['text'] ?? null);
        $seed = \is_int($data['seed'] ?? null) && $data['seed'] >= 0 ? $data['seed'] : 1;
        $onlySheet = true === ($data['onlySheet'] ?? null);
        $steps = \is_int($data['steps'] ?? null) ? max(1, min(self::RUN_STEPS, $data['steps'])) : ($onlySheet ? self::SHEET_STEPS : self::RUN_STEPS);
        $tree = ProgramStore::program($program);
        try {
            $signals = Signals::read(\is_string($data['signals'] ?? null) ? $data['signals'] : '');
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $request->getLocale())], 422);
        }
        $answers = \is_string($data['answers'] ?? null) ? mb_strcut($data['answers'], 0, self::LONGEST_ANSWERS) : '';
        $limits = new Limits(steps: $steps, milliseconds: min(Signals::LATEST * 1000, $signals->last() + self::LISTENS));
        $outcome = Runner::run($tree, $view->runsAs(), $seed, $limits, circumstances: new Circumstances(new Answers($answers, true), $signals, \is_int($data['layout'] ?? null) ? max(0, $data['layout']) : 0));

        return self::streamed(RunReport::of($outcome, $request->getLocale(), $onlySheet));
    }

    /**
     * A long run's answer is written member by member, so that it does not lie in memory twice.
     *
     * @param array<string, mixed> $data
     */
    private static function streamed(array $data): StreamedResponse
    {
        return new StreamedResponse(static function () use ($data): void {
            $sign = '{';
            foreach ($data as $name => $value) {
                echo $sign, json_encode($name), ':', json_encode($value, \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE);
                $sign = ',';
            }
            echo '}';
        }, 200, ['Content-Type' => 'application/json']);
    }

    /** Runs the program on each of its layouts. */
    #[Route('/layouts', name: 'desk_layouts', methods: ['POST'])]
    public function layouts(Request $request, Program $program): JsonResponse
    {
        $data = JsonBody::of($request);
        $view = DeskView::from($data['view'] ?? null, $data['text'] ?? null);
        $tree = ProgramStore::program($program);
        $marks = [];
        foreach (array_keys(Settings::layouts($tree->setting)) as $layout) {
            $outcome = Runner::run($tree, $view->runsAs(), \is_int($data['seed'] ?? null) ? $data['seed'] : 1, new Limits(steps: self::RUN_STEPS, milliseconds: self::LISTENS), false, circumstances: new Circumstances(layout: $layout));
            $report = RunReport::of($outcome, $request->getLocale(), true);
            $marks[] = ['done' => Ending::Finished === $outcome->ending && [] === array_filter($report['goals'], static fn (array $goal): bool => !$goal['met']), 'message' => $report['message'], 'goals' => $report['goals']];
        }

        return new JsonResponse(['marks' => $marks]);
    }
}
