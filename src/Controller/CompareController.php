<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\CompareInput;
use Scrivlet\App\Desk\DeskView;
use Scrivlet\App\Desk\HistoryReport;
use Scrivlet\App\Desk\PartingReport;
use Scrivlet\App\Desk\SettingReport;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\RevisionRepository;
use Scrivlet\Core\Compare\Comparison;
use Scrivlet\Core\Ladder\Seen;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Plain\PlainChanges;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program as Tree;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Whether a program does the same as an earlier version of it, as itself in another language, or as another program. */
#[Route('/programs/{id}/compare', requirements: ['id' => '\d+'])]
final class CompareController extends AbstractController
{
    private const STEPS = 20000;
    private const MILLISECONDS = 60000;
    private const VERSIONS = 30;
    private const SEED = 1;

    public function __construct(private readonly RevisionRepository $revisions, private readonly ProgramRepository $programs)
    {
    }

    /** What the program can be compared with. */
    #[Route('', name: 'compare_choices', methods: ['GET'])]
    public function choices(Request $request, Program $program, #[CurrentUser] User $user): Response
    {
        return $this->render('desk/compare.html.twig', [
            'program' => $program,
            'versions' => HistoryReport::of(\array_slice($this->revisions->history($program, self::VERSIONS + 1), 1), $request->getLocale()),
            'others' => $this->programs->others($user, $program),
        ]);
    }

    #[Route('', name: 'compare', methods: ['POST'])]
    public function compare(Request $request, Program $program, #[CurrentUser] User $user, #[MapRequestPayload] CompareInput $input): JsonResponse
    {
        [$kind, $which] = $input->other();
        $language = DeskView::from($input->view, $input->text)->runsAs();
        $tree = ProgramStore::program($program);
        [$other, $otherLanguage] = match ($kind) {
            'language' => [$tree, Language::from($which)],
            'version' => [($this->revisions->at($program, (int) $which) ?? throw new NotFoundHttpException('No such revision.'))[1], $language],
            default => [$this->other((int) $which, $user), $language],
        };
        try {
            $signals = Signals::read($input->signals);
        } catch (Refusal) {
            $signals = new Signals();
        }
        // Both act on this program's layouts.
        $other = $other->withSetting($tree->setting);
        $layouts = [];
        foreach (array_keys(Settings::layouts($tree->setting)) ?: [0] as $layout) {
            $circumstances = static fn (): Circumstances => new Circumstances(new Answers($input->answers), $signals, $layout);
            $one = self::outcome($tree, $language, $circumstances());
            $two = self::outcome($other, $otherLanguage, $circumstances());
            $difference = Comparison::of($one, $two);
            $layouts[] = null === $difference ? ['same' => true] : ['same' => false, 'looksSame' => Seen::of($one) === Seen::of($two), 'sides' => PartingReport::sides($difference, $one, $two, $request->getLocale())];
        }
        $response = new JsonResponse();
        $response->setEncodingOptions(\JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_UNESCAPED_UNICODE);

        $changes = 'version' === $kind ? PlainChanges::between(new Analysis($other), new Analysis($tree), $language, $request->getLocale()) : [];

        return $response->setData(['layouts' => $layouts, 'changes' => $changes, 'setting' => SettingReport::of($tree, $request->getLocale())]);
    }

    private static function outcome(Tree $tree, Language $language, Circumstances $circumstances): Outcome
    {
        return Runner::run($tree, $language, self::SEED, new Limits(steps: self::STEPS, milliseconds: self::MILLISECONDS), circumstances: $circumstances);
    }

    private function other(int $id, User $user): Tree
    {
        $other = $this->programs->onShelfOf($user, $id);

        return ProgramStore::program($other ?? throw new NotFoundHttpException('No such program.'));
    }
}
