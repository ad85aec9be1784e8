<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\People\Deeds;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Register\ClassLists;
use Scrivlet\App\Register\Joining;
use Scrivlet\App\Register\Live;
use Scrivlet\App\Register\PupilRepository;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Register\NameList;
use Scrivlet\Core\Register\Roster;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Who is in a class: lists in and out, keys. */
#[Route('/classes/{class}', requirements: ['class' => '\d+'])]
final class PeopleController extends AbstractController
{
    private const LARGEST = 4_000_000;
    /** Of a ZIP at most. */
    private const TABLES = 20;

    public function __construct(private readonly PupilRepository $pupils, private readonly Joining $joining, private readonly ClassLists $lists, private readonly Deeds $deeds, private readonly Live $live)
    {
    }

    #[Route('/people', name: 'class_people', methods: ['GET'])]
    public function people(SchoolClass $class): Response
    {
        return $this->render('register/people.html.twig', ['class' => $class, 'pupils' => $this->pupils->of($class), 'report' => null]);
    }

    /** Names typed or pasted, or a file. */
    #[Route('/people', name: 'class_people_add', methods: ['POST'])]
    public function add(Request $request, SchoolClass $class): Response
    {
        try {
            $list = Roster::of(array_map($this->lists->table(...), self::texts($request)), $class->name());
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));

            return $this->redirectToRoute('class_people', ['class' => $class->id()]);
        }
        $taken = [];
        $left = $list->left;
        foreach ($list->people as $person) {
            try {
                $pupil = $this->joining->join($class, $person['name'], $request->getLocale(), null, $person['id']);
                $taken[] = ['name' => $pupil->name(), 'key' => $this->joining->key($pupil)];
            } catch (Refusal $refusal) {
                $left[] = ['row' => $person['row'], 'why' => $refusal->key, 'text' => $person['name'], 'parameters' => $refusal->parameters];
            }
        }
        usort($left, static fn (array $one, array $other): int => $one['row'] <=> $other['row']);
        if ([] !== $taken) {
            $this->deeds->note('pupils_added', $class->name().': '.\count($taken));
            $this->live->tellRegister($class, ['all' => true]);
        }
        $report = ['taken' => $taken, 'left' => array_map(static fn (array $one): array => [...$one, 'says' => Sentences::of($one['why'], $one['parameters'] ?? ['most' => NameList::MOST], $request->getLocale())], $left)];

        return $this->render('register/people.html.twig', ['class' => $class, 'pupils' => $this->pupils->of($class), 'report' => $report], new Response(status: [] === $taken ? 422 : 200));
    }

    /** @return list<string> what was typed, or stands in the files that were given; a ZIP is its tables */
    private static function texts(Request $request): array
    {
        $files = $request->files->all()['file'] ?? null;
        $texts = [];
        foreach (\is_array($files) ? $files : [$files] as $file) {
            if (!$file instanceof UploadedFile || !$file->isValid() || $file->getSize() > self::LARGEST) {
                continue;
            }
            $zip = new \ZipArchive();
            if (true !== $zip->open($file->getPathname(), \ZipArchive::RDONLY)) {
                $texts[] = $file->getContent();
                continue;
            }
            for ($at = 0; $at < min(self::TABLES, $zip->numFiles); ++$at) {
                $about = $zip->statIndex($at);
                if (false !== $about && str_ends_with(strtolower($about['name']), '.csv') && $about['size'] <= self::LARGEST) {
                    $texts[] = (string) $zip->getFromIndex($at);
                }
            }
            $zip->close();
        }

        return [] === $texts ? [$request->request->getString('names')] : $texts;
    }

    /** The keys of all, to be cut apart and given out. */
    #[Route('/keys', name: 'class_keys', methods: ['GET'])]
    public function keys(SchoolClass $class): Response
    {
        $this->deeds->note('keys_shown', $class->name());

        return $this->render('register/keys.html.twig', ['class' => $class, 'keys' => array_map(fn (Pupil $pupil): array => ['name' => $pupil->name(), 'key' => $this->joining->key($pupil)], $this->pupils->of($class))]);
    }

    #[Route('/people.{_format}', name: 'class_list', requirements: ['_format' => 'csv|zip'], methods: ['GET'])]
    public function list(Request $request, SchoolClass $class): Response
    {
        $format = $request->getRequestFormat();
        $this->deeds->note('list_out', $class->name());

        return new Response('zip' === $format ? $this->lists->oneRoster($class) : $this->lists->plain($class), 200, [
            'Content-Type' => 'zip' === $format ? 'application/zip' : 'text/csv; charset=utf-8',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Bundle::fileName($class->name()).".$format", "class.$format"),
        ]);
    }
}
