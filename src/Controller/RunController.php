<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\RunInput;
use Scrivlet\App\Desk\RunReport;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Register\Activity;
use Scrivlet\App\Register\Told;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Refusal;
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
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Runs of a program, in the pool that is theirs. */
#[Route('/programs/{id}', requirements: ['id' => '\d+'])]
final class RunController extends AbstractController
{
    private const SHEET_STEPS = 20000;
    /** How long a run goes on behind the last signal, in milliseconds of its own time. */
    private const LISTENS = 60000;

    public function __construct(private readonly Activity $activity)
    {
    }

    #[Route('/run', name: 'desk_run', methods: ['POST'])]
    public function run(Request $request, Program $program, #[MapRequestPayload] RunInput $input): Response
    {
        $steps = min(Limits::TRACED, $input->steps ?? ($input->onlySheet ? self::SHEET_STEPS : Limits::TRACED));
        try {
            $circumstances = $input->circumstances();
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $request->getLocale())], 422);
        }
        $limits = new Limits(steps: $steps, milliseconds: min(Signals::LATEST * 1000, $circumstances->signals->last() + self::LISTENS));
        $analysis = new Analysis(ProgramStore::program($program));
        $language = $input->view()->runsAs();
        $outcome = Runner::run($analysis, $language, $input->seed, $limits, circumstances: $circumstances);
        $this->activity->onProgram($program, $language, isRun: true);
        if (null !== $outcome->error) {
            $this->activity->tripped(static fn (): array => Told::failure($analysis, $language, $outcome), $language, static fn (): string => $analysis->text($language)->text());
        }

        return self::streamed(RunReport::of($outcome, $request->getLocale(), $input->onlySheet));
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
    public function layouts(Request $request, Program $program, #[MapRequestPayload] RunInput $input): JsonResponse
    {
        $tree = ProgramStore::program($program);
        $marks = [];
        $layouts = array_keys(Settings::layouts($tree->setting));
        // All of them together take no longer than one long run.
        $steps = intdiv(Limits::UNTRACED, max(1, \count($layouts)));
        foreach ($layouts as $layout) {
            $outcome = Runner::run($tree, $input->view()->runsAs(), $input->seed, new Limits(steps: $steps, milliseconds: self::LISTENS), false, circumstances: new Circumstances(layout: $layout));
            $report = RunReport::of($outcome, $request->getLocale(), true);
            $marks[] = ['done' => Ending::Finished === $outcome->ending && [] === array_filter($report['goals'], static fn (array $goal): bool => !$goal['met']), 'message' => $report['message'], 'goals' => $report['goals']];
        }

        return new JsonResponse(['marks' => $marks]);
    }
}
