<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\CompleteInput;
use Scrivlet\App\Entity\Program;
use Scrivlet\Core\Completion\ArgumentCard;
use Scrivlet\Core\Completion\Completion;
use Scrivlet\Core\Completion\Suggestion;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What may be written at the caret. */
final class CompleteController extends AbstractController
{
    private const MOST = 60;

    #[Route('/programs/{id}/complete', name: 'desk_complete', requirements: ['id' => '\d+'], methods: ['POST'])]
    public function complete(Request $request, Program $program, #[MapRequestPayload] CompleteInput $input): JsonResponse
    {
        $found = Completion::after($input->before, $input->language(), $request->getLocale(), self::MOST);

        return new JsonResponse(['options' => array_map(static fn (Suggestion $one): array => ['label' => $one->label, 'insert' => $one->insert, 'kind' => $one->kind->value, 'detail' => $one->detail], $found)]);
    }

    /** What the brackets want that the caret stands in; nothing where it stands in none that are known. */
    #[Route('/programs/{id}/card', name: 'desk_card', requirements: ['id' => '\d+'], methods: ['POST'])]
    public function card(Request $request, Program $program, #[MapRequestPayload] CompleteInput $input): JsonResponse
    {
        return new JsonResponse(['card' => ArgumentCard::after($input->before, $input->language(), $request->getLocale())]);
    }
}
