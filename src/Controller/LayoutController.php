<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Desk\SettingReport;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Http\JsonBody;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Plot\Layout;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Setting;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Reads and changes a layout for the window in which it is drawn; nothing is kept by it. */
final class LayoutController extends AbstractController
{
    #[Route('/programs/{id}/layout', name: 'desk_layout', requirements: ['id' => '\d+'], methods: ['POST'])]
    public function change(Request $request, Program $program): JsonResponse
    {
        $data = JsonBody::of($request);
        $scene = SceneName::tryFrom(\is_string($data['scene'] ?? null) ? $data['scene'] : '') ?? SceneName::Plot;
        $text = \is_string($data['text'] ?? null) ? $data['text'] : '';
        $change = \is_array($data['change'] ?? null) ? $data['change'] : [];
        try {
            $text = Settings::checked(new Setting($scene->value, [$text]))->layouts[0];
            if (SceneName::Plot === $scene && [] !== $change) {
                $text = self::changed(Layout::read($text), $change)->write();
            }

            return new JsonResponse(['layout' => SettingReport::layout(new Setting($scene->value, [$text]), $text, $request->getLocale())]);
        } catch (Refusal $refusal) {
            return new JsonResponse(['message' => Sentences::of($refusal->key, $refusal->parameters, $request->getLocale())], 422);
        }
    }

    /**
     * @param array<mixed> $change
     *
     * @throws Refusal
     */
    private static function changed(Layout $layout, array $change): Layout
    {
        $number = static fn (string $name): int => \is_int($change[$name] ?? null) ? $change[$name] : 0;
        $words = static fn (string $name): string => \is_string($change[$name] ?? null) ? $change[$name] : '';

        return match ($change['do'] ?? null) {
            'put' => $layout->withSign($number('x'), $number('y'), $words('sign')),
            'resize' => $layout->resized($number('width'), $number('height')),
            'goal' => $layout->withGoal($words('goal'), true === ($change['wanted'] ?? null)),
            'load' => $layout->withLoad($number('load')),
            'name' => $layout->withName($words('name')),
            default => $layout,
        };
    }
}
