<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Desk\EditReader;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Trip;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Lesson\Workshop;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\Quota;
use Scrivlet\App\Register\Live;
use Scrivlet\App\Register\Told;
use Scrivlet\App\Security\CourseVoter;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Lesson;
use Scrivlet\Core\Lesson\RungSetting;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Program as Tree;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What a teacher makes of something that the class tripped over. Nobody's name goes with it. */
#[Route('/classes/{class}/trips/{trip}', requirements: ['class' => '\d+', 'trip' => '\d+'])]
final class TripController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entities)
    {
    }

    /** As a program of the teacher's own, on the lectern. */
    #[Route('/show', name: 'trip_show', methods: ['POST'])]
    public function show(Request $request, SchoolClass $class, Trip $trip, ProgramStore $store, Quota $quota, #[CurrentUser] User $user): Response
    {
        $language = Language::tryFrom($trip->language) ?? Language::Python;
        $name = mb_substr(Sentences::of('trips.example', ['says' => Told::says($trip->kind, $trip->parameters, $request->getLocale())], $request->getLocale()), 0, Program::LONGEST_NAME);
        try {
            $quota->check($user);
            $tree = Tree::empty();
            $setting = $trip->lesson?->lesson()->model->setting;
            $program = EditReader::typed(new Analysis(null === $setting ? $tree : $tree->withSetting($setting)), $language, $trip->text)->edited->program;
            $kept = $store->create($user, $name, $program);
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));

            return $this->redirectToRoute('register', ['class' => $class->id()]);
        }

        return $this->redirectToRoute('lectern', ['id' => $kept->id(), 'text' => $language->value, 'class' => $class->id()]);
    }

    /** As a rung to mend: the next one of the lesson where that is the teacher's own, else in a draft. */
    #[Route('/rung', name: 'trip_rung', methods: ['POST'])]
    public function rung(Request $request, SchoolClass $class, Trip $trip, Workshop $workshop, Live $live, #[CurrentUser] User $user): Response
    {
        $locale = $request->getLocale();
        $lesson = $trip->lesson;
        $document = $lesson?->lesson();
        $rung = null === $document ? null : self::mend($document, $trip, $locale);
        if (null === $lesson || null === $document || null === $rung) {
            $this->addFlash('trouble', Sentences::of('trips.no_rung', [], $locale));

            return $this->redirectToRoute('register', ['class' => $class->id()]);
        }
        $setting = new RungSetting($document->nextId(), RungKind::Mend, written: $rung);
        if ($this->isGranted(CourseVoter::EDIT, $lesson->course()) && \count($document->rungs) < Lesson::MOST_RUNGS) {
            $lesson->change($document->withRungs([...$document->rungs, $setting]));
            $this->entities->flush();
            $live->tellRegister($class, ['all' => true]);
            $this->addFlash('done', Sentences::of('trips.rung_added', ['title' => $document->title($locale)], $locale));

            return $this->redirectToRoute('register', ['class' => $class->id()]);
        }
        $draft = $workshop->add($workshop->current($user, $locale), $document->withRungs([$setting->withId(1)]));

        return $this->redirectToRoute('workshop_lesson', ['lesson' => $draft->id()]);
    }

    private static function mend(Lesson $lesson, Trip $trip, string $locale): ?Rung
    {
        $language = Language::tryFrom($trip->language) ?? Language::Python;
        if ('' === trim($trip->text) || !\in_array($language, $lesson->languages, true)) {
            return null;
        }
        $of = (new RungSetting(1, RungKind::Over))->rung($lesson, $language, $locale);

        return null === $of ? null : new Rung(RungKind::Mend, $language, $of->setting, ['text' => $trip->text, 'goal' => $of->question['goal'] ?? null], $of->model, [], $of->situations);
    }
}
