<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Program;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Reference\ReferenceList;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Reference\Example;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Picture;
use Scrivlet\Core\Tree\Walk;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The reference as pages of its own, and as the leaf that opens on the desk. */
final class ReferenceController extends AbstractController
{
    /** Steps of an example that is run in its card, far above what any needs. */
    private const STEPS = 20_000;
    /** The example that shows a scene best. */
    private const SHOWN = ['sheet' => 'nib.shift_ink', 'plot' => 'barrow.plant', 'lantern' => 'lantern.pattern', 'lawn' => 'mower.turn', 'printout' => 'print'];
    /** What an example that asks is answered. */
    private const ANSWERS = "Juniper\n12\n";

    #[Route('/reference', name: 'reference', methods: ['GET'])]
    public function all(Request $request): Response
    {
        $words = $request->query->getString('q');
        $isList = $request->query->has('list');

        return $this->render($isList ? 'reference/list.html.twig' : 'reference/reference.html.twig', [
            ...$this->list($request, $words),
            ...($isList ? [] : $this->card($request, $request->query->has('q') ? null : 'repeat')),
        ]);
    }

    #[Route('/reference/{key}', name: 'reference_entry', requirements: ['key' => '[a-z][a-z0-9_.]*'], methods: ['GET'])]
    public function entry(Request $request, string $key): Response
    {
        if (!Reference::has($key)) {
            throw new NotFoundHttpException('No such entry.');
        }

        return $request->query->has('card')
            ? $this->render('reference/card.html.twig', [...$this->card($request, $key), 'onDesk' => $request->query->getBoolean('desk')])
            : $this->render('reference/reference.html.twig', [...$this->list($request, ''), ...$this->card($request, $key)]);
    }

    /** What the example of an entry does, as its card shows it. */
    #[Route('/reference/{key}/run', name: 'reference_run', requirements: ['key' => '[a-z][a-z0-9_.]*'], methods: ['GET'])]
    public function run(string $key): Response
    {
        if (!Reference::has($key)) {
            throw new NotFoundHttpException('No such entry.');
        }
        $example = Example::of($key);
        $outcome = Runner::run($example->program, $example->language, random_int(1, 1_000_000), new Limits(steps: self::STEPS), circumstances: new Circumstances(new Answers(self::ANSWERS)));

        return $this->render('reference/outcome.html.twig', [
            'printed' => $outcome->trace->printout(),
            'picture' => 'printout' === $example->program->setting->scene ? null : Picture::svg($example->program->setting, $outcome->trace),
        ]);
    }

    /** A scene as it looks when something has been done in it. */
    #[Route('/scenes/{scene}.svg', name: 'scene_picture', methods: ['GET'])]
    public function scene(SceneName $scene): Response
    {
        $example = Example::of(self::SHOWN[$scene->value]);
        $outcome = Runner::run($example->program, $example->language, 1, new Limits(steps: self::STEPS));

        return new Response(Picture::svg($example->program->setting, $outcome->trace), 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, max-age=86400']);
    }

    /** The leaf on the desk: for the row that is pointed at, else for the word, else all. */
    #[Route('/programs/{id}/reference', name: 'desk_reference', requirements: ['id' => '\d+'], methods: ['GET'])]
    public function onDesk(Request $request, Program $program): Response
    {
        $row = $request->query->getInt('row');
        $word = mb_substr($request->query->getString('word'), 0, 60);
        $keys = [];
        foreach (Walk::statements(ProgramStore::program($program)->parts()) as $statement) {
            if ($statement->id === $row) {
                $keys = array_values(array_filter(array_unique(Uses::ofRow($statement)), Reference::has(...)));
            }
        }
        $found = '' === $word ? [] : \array_slice((new Reference($request->getLocale()))->search($word), 0, 12);
        // What the word names on its line, before all else on that line; a word that the line does not use is looked for.
        $key = array_values(array_intersect($keys, $found))[0] ?? $keys[0] ?? $found[0] ?? null;

        return $this->render('reference/leaf.html.twig', [
            ...$this->list($request, [] === $keys && null !== $key ? $word : ''),
            ...$this->card($request, $key),
            'besides' => array_values(array_diff($keys, [$key])),
        ]);
    }

    /** @return array<string, mixed> */
    private function list(Request $request, string $words): array
    {
        return ['list' => ReferenceList::of(new Reference($request->getLocale()), $words), 'words' => $words, 'reference' => new Reference($request->getLocale())];
    }

    /** @return array<string, mixed> */
    private function card(Request $request, ?string $key): array
    {
        $highlighters = [];
        foreach (Language::cases() as $language) {
            $highlighters[$language->value] = new Highlighter($language);
        }

        return ['card' => null === $key ? null : (new Reference($request->getLocale()))->card($key), 'languages' => Language::cases(), 'highlighters' => $highlighters];
    }
}
