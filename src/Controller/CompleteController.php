<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\CompleteInput;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Completion\ArgumentCard;
use Scrivlet\Core\Completion\Completion;
use Scrivlet\Core\Completion\Suggestion;
use Scrivlet\Core\Language\Analysis;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What may be written at the caret. */
final class CompleteController extends AbstractController
{
    private const MOST = 400;

    #[Route('/programs/{id}/complete', name: 'desk_complete', requirements: ['id' => '\d+'], methods: ['POST'])]
    public function complete(Request $request, Program $program, #[MapRequestPayload] CompleteInput $input): JsonResponse
    {
        $found = Completion::after(self::before($program, $input), $input->language(), $request->getLocale(), self::MOST);

        return new JsonResponse(['options' => array_map(static fn (Suggestion $one): array => ['label' => $one->label, 'insert' => $one->insert, 'kind' => $one->kind->value, 'detail' => $one->detail], $found)]);
    }

    /** The text before the caret: of the page, or of the program's lines and the row that is being written. */
    private static function before(Program $program, CompleteInput $input): string
    {
        if (null === $input->row) {
            return $input->before;
        }
        $before = '';
        foreach ((new Analysis(ProgramStore::program($program)))->text($input->language())->lines as $line) {
            if ($line->anchor === "$input->row:$input->part") {
                return $before.substr($line->text, 0, \strlen($line->text) - \strlen(ltrim($line->text))).$input->before;
            }
            $before .= $line->text."\n";
        }

        return $input->before;
    }

    /** What the brackets want that the caret stands in; nothing where it stands in none that are known. */
    #[Route('/programs/{id}/card', name: 'desk_card', requirements: ['id' => '\d+'], methods: ['POST'])]
    public function card(Request $request, Program $program, #[MapRequestPayload] CompleteInput $input): JsonResponse
    {
        return new JsonResponse(['card' => ArgumentCard::after(self::before($program, $input), $input->language(), $request->getLocale())]);
    }
}
