<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Http\OneLine;
use Scrivlet\App\People\Deeds;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Register\Joining;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** A teacher's classes: making, naming, ending and deleting them, and the code to join. */
#[Route('/classes')]
final class ClassController extends AbstractController
{
    private const MOST = 60;
    /** How long a class goes on where nothing else is said, and at most. */
    private const USUAL = '+10 months';
    private const LONGEST = '+24 months';

    public function __construct(private readonly ClassRepository $classes, private readonly EntityManagerInterface $entities, private readonly Deeds $deeds)
    {
    }

    #[Route('', name: 'classes', methods: ['GET'])]
    public function classes(#[CurrentUser] User $user): Response
    {
        $classes = $this->classes->of($user);

        return $this->render('register/classes.html.twig', ['classes' => $classes, 'counts' => array_map($this->classes->pupils(...), $classes), 'usual' => new \DateTimeImmutable(self::USUAL)]);
    }

    #[Route('', name: 'class_new', methods: ['POST'])]
    public function new(Request $request, #[CurrentUser] User $user): Response
    {
        try {
            if (\count($this->classes->of($user)) >= self::MOST) {
                throw new Refusal('class.too_many', ['most' => self::MOST]);
            }
            $class = new SchoolClass($user, self::name($request), $this->classes->newCode(), self::day($request) ?? new \DateTimeImmutable(self::USUAL));
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));

            return $this->redirectToRoute('classes');
        }
        $this->entities->persist($class);
        $this->entities->flush();

        return $this->redirectToRoute('class_people', ['class' => $class->id()]);
    }

    #[Route('/{class}/settings', name: 'class_settings', requirements: ['class' => '\d+'], methods: ['POST'])]
    public function settings(Request $request, SchoolClass $class): Response
    {
        try {
            $class->rename(self::name($request));
            // A class that has ended can be renamed without going on.
            if ($request->request->getString('ends') !== $class->endsOn()->format('Y-m-d')) {
                $class->endOn(self::day($request) ?? $class->endsOn());
            }
            $class->letJoin($request->request->getBoolean('joinable'));
            $this->entities->flush();
            $this->addFlash('done', Sentences::of('class.kept', [], $request->getLocale()));
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));
        }

        return $this->redirectToRoute('class_people', ['class' => $class->id()]);
    }

    /** Another code, where the old one is known to others. */
    #[Route('/{class}/code', name: 'class_code', requirements: ['class' => '\d+'], methods: ['POST'])]
    public function code(SchoolClass $class): Response
    {
        $class->recode($this->classes->newCode());
        $this->entities->flush();

        return $this->redirectToRoute('class_people', ['class' => $class->id()]);
    }

    /** The code, as large as the wall is. */
    #[Route('/{class}/join', name: 'class_join', requirements: ['class' => '\d+'], methods: ['GET'])]
    public function join(Request $request, SchoolClass $class): Response
    {
        return $this->render('register/join_code.html.twig', ['class' => $class]);
    }

    #[Route('/{class}/delete', name: 'class_delete', requirements: ['class' => '\d+'], methods: ['POST'])]
    public function delete(Request $request, SchoolClass $class, Joining $joining): Response
    {
        if (OneLine::of($request->request->getString('name'), SchoolClass::LONGEST_NAME) !== $class->name()) {
            $this->addFlash('trouble', Sentences::of('class.delete_name', ['name' => $class->name()], $request->getLocale()));

            return $this->redirectToRoute('class_people', ['class' => $class->id()]);
        }
        $name = $class->name();
        $joining->dissolve($class);
        $this->deeds->note('class_deleted', $name);
        $this->addFlash('done', Sentences::of('class.deleted', ['name' => $name], $request->getLocale()));

        return $this->redirectToRoute('classes');
    }

    private static function name(Request $request): string
    {
        $name = OneLine::of($request->request->getString('name'), SchoolClass::LONGEST_NAME);

        return '' === $name ? throw new Refusal('class.no_name') : $name;
    }

    /** @throws Refusal if it is no day, or none that a class ends on */
    private static function day(Request $request): ?\DateTimeImmutable
    {
        $typed = trim($request->request->getString('ends'));
        if ('' === $typed) {
            return null;
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
        if (false === $day || $day->format('Y-m-d') !== $typed || $day < new \DateTimeImmutable('today') || $day > new \DateTimeImmutable(self::LONGEST)) {
            throw new Refusal('class.no_day');
        }

        return $day;
    }
}
