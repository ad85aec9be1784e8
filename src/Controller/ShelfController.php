<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Desk\EditReader;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Form\NameType;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\Quota;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\Program as Tree;
use Scrivlet\Core\Tree\Setting;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Contracts\Translation\TranslatorInterface;

final class ShelfController extends AbstractController
{
    private const MOST_FILES = 20;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly ProgramRepository $programs, private readonly ProgramStore $store, private readonly TranslatorInterface $translator, private readonly Quota $quota)
    {
    }

    #[Route('/', name: 'shelf', methods: ['GET'])]
    public function shelf(Request $request, #[CurrentUser] User $user): Response
    {
        $search = mb_substr(trim($request->query->getString('search')), 0, 80);
        $variables = ['scenes' => SceneName::cases(), 'programs' => $this->programs->onShelf($user, $search), 'taken' => $this->programs->taken($user), 'search' => $search];

        return $this->render('true' === $request->headers->get('HX-Request') ? 'shelf/programs.html.twig' : 'shelf/shelf.html.twig', $variables);
    }

    #[Route('/programs/new', name: 'program_new', methods: ['POST'])]
    public function new(Request $request, #[CurrentUser] User $user): Response
    {
        $name = $this->name($request) ?: $this->translator->trans('shelf.unnamed');
        $this->quota->check($user);

        $scene = SceneName::tryFrom($request->request->getString('scene')) ?? SceneName::Sheet;

        return $this->redirectToRoute('desk', ['id' => $this->store->create($user, $name, Tree::empty()->withSetting(new Setting($scene->value)))->id()]);
    }

    #[Route('/programs/open', name: 'program_open', methods: ['POST'])]
    public function open(Request $request, #[CurrentUser] User $user): Response
    {
        $files = $request->files->all()['files'] ?? [];
        $files = \array_slice(array_filter(\is_array($files) ? $files : [$files], static fn (mixed $file): bool => $file instanceof UploadedFile), 0, self::MOST_FILES);
        $opened = [];
        $language = null;
        if ([] === $files) {
            $this->addFlash('trouble', Sentences::of('file.nothing', [], $request->getLocale()));
        }
        foreach ($files as $file) {
            // Names of files come in whatever encoding the machine has.
            $title = mb_substr(trim((string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', mb_scrub($file->getClientOriginalName(), 'UTF-8'))), 0, 60);
            try {
                if (!$file->isValid() || $file->getSize() > Bounds::FILE) {
                    throw new Refusal('file.large', ['most' => intdiv(Bounds::FILE, 1000)]);
                }
                $language = Language::ofFile($file->getClientOriginalName());
                [$name, $program] = null === $language ? ProjectReader::read($file->getContent()) : [$title, self::typed($file->getContent(), $language, new Setting(SceneName::Printout->value))];
                $this->quota->check($user);
                $opened[] = $this->store->create($user, $name ?: (preg_replace('/\.scrivlet\.json$/', '', $title) ?: $title), $program);
            } catch (Refusal $refusal) {
                $this->addFlash('trouble', $title.': '.Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));
            }
        }
        if (1 === \count($files) && 1 === \count($opened)) {
            return $this->redirectToRoute('desk', ['id' => $opened[0]->id()] + (null === $language ? [] : ['text' => $language->value]));
        }
        if ([] !== $opened) {
            $this->addFlash('done', $this->translator->trans('shelf.opened', ['count' => \count($opened)]));
        }

        return $this->redirectToRoute('shelf');
    }

    #[Route('/programs/{id}/rename', name: 'program_rename', methods: ['POST'])]
    public function rename(Request $request, Program $program): Response
    {
        $name = $this->name($request);
        if ('' === $name) {
            $this->addFlash('trouble', $this->translator->trans('shelf.needs_name'));
        } else {
            $program->rename($name);
            $this->entities->flush();
        }

        return $this->redirectToRoute('desk' === $request->request->getString('from') ? 'desk' : 'shelf', 'desk' === $request->request->getString('from') ? ['id' => $program->id()] : []);
    }

    #[Route('/programs/{id}/duplicate', name: 'program_duplicate', methods: ['POST'])]
    public function duplicate(Program $program, #[CurrentUser] User $user): Response
    {
        $name = mb_substr($this->translator->trans('shelf.copy_of', ['name' => $program->name()]), 0, Program::LONGEST_NAME);
        $this->quota->check($user);
        $copy = $this->store->create($user, $name, ProgramStore::program($program));
        $this->addFlash('done', $this->translator->trans('shelf.duplicated', ['name' => $copy->name()]));

        return $this->redirectToRoute('shelf');
    }

    /** A text of its own; the block program stays as it was. */
    #[Route('/programs/{id}/to-text/{language}', name: 'program_to_text', requirements: ['language' => 'python|javascript|cpp'], methods: ['POST'])]
    public function toText(Program $program, string $language, #[CurrentUser] User $user): Response
    {
        $language = Language::from($language);
        $text = $language->print(ProgramStore::program($program))->text();
        $name = mb_substr($program->name(), 0, Program::LONGEST_NAME - 1 - \strlen($language->title())).' '.$language->title();
        $this->quota->check($user);
        $copy = $this->store->create($user, $name, self::typed($text, $language, ProgramStore::program($program)->setting));

        return $this->redirectToRoute('desk', ['id' => $copy->id(), 'view' => 'text', 'text' => $language->value]);
    }

    /** @param Setting $setting where it runs, as far as the text itself names no scene */
    private static function typed(string $text, Language $language, Setting $setting): Tree
    {
        return EditReader::typed(new Analysis(Tree::empty()->withSetting($setting)), $language, $text)->edited->program;
    }

    #[Route('/programs/{id}/delete', name: 'program_delete', methods: ['POST'])]
    public function delete(Program $program): Response
    {
        $program->delete();
        $this->entities->flush();
        $this->addFlash('deleted', ['id' => $program->id(), 'name' => $program->name()]);

        return $this->redirectToRoute('shelf');
    }

    #[Route('/programs/{id}/restore', name: 'program_restore', methods: ['POST'])]
    public function restore(Program $program): Response
    {
        $program->restore();
        $this->entities->flush();

        return $this->redirectToRoute('shelf');
    }

    /** Empty if it is none. */
    private function name(Request $request): string
    {
        $form = $this->createForm(NameType::class, null, ['longest' => Program::LONGEST_NAME, 'is_cut' => true])->submit($request->request->all());
        $name = $form->get('name')->getData();

        return $form->isValid() && \is_string($name) ? $name : '';
    }
}
