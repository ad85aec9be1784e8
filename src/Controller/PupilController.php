<?php

declare(strict_types=1);

namespace Scrivlet\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Account\TakeOut;
use Scrivlet\App\Entity\MarginNote;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Scrivlet\App\People\Deeds;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Register\Activity;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Register\CopyRepository;
use Scrivlet\App\Register\Joining;
use Scrivlet\App\Register\Live;
use Scrivlet\App\Register\MarginNoteRepository;
use Scrivlet\App\Register\PupilView;
use Scrivlet\App\Security\ClassVoter;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** One pupil, as their teacher sees them, and what the teacher does for them. */
#[Route('/classes/{class}/pupils/{pupil}', requirements: ['class' => '\d+', 'pupil' => '\d+'])]
final class PupilController extends AbstractController
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly PupilView $view, private readonly Live $live, private readonly Joining $joining, private readonly Deeds $deeds, private readonly MarginNoteRepository $notes)
    {
    }

    #[Route('', name: 'pupil', methods: ['GET'])]
    public function pupil(Request $request, SchoolClass $class, Pupil $pupil, ClassRepository $classes, CopyRepository $copies, #[CurrentUser] User $user): Response
    {
        $copy = $request->query->getInt('copy');
        $of = array_values(array_filter($copies->ofPupil($pupil), static fn ($one): bool => $one->handout->id() === $copy))[0] ?? null;
        $place = $pupil->place();
        $language = Language::tryFrom($place['language'] ?? '') ?? Language::Python;
        $shown = null === $of ? $this->view->of($pupil, $request->getLocale()) : $this->view->program($pupil, $of->program->id(), $language, $request->getLocale(), $of->collected());

        return $this->render('register/pupil.html.twig', [
            'class' => $class, 'pupil' => $pupil, 'shown' => $shown, 'notes' => $this->notes->ofPupil($pupil), 'channel' => $this->live->ofRegister($class),
            'others' => array_filter($classes->of($user), static fn (SchoolClass $one): bool => $one !== $class), 'copies' => $copies->ofPupil($pupil),
        ]);
    }

    /** The same, small, beside the register. */
    #[Route('/card', name: 'pupil_card', methods: ['GET'])]
    public function card(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        return $this->render('register/card.html.twig', ['class' => $class, 'pupil' => $pupil, 'shown' => $this->view->of($pupil, $request->getLocale()), 'notes' => $this->notes->open($pupil)]);
    }

    /** As it was at a moment. */
    #[Route('/moment', name: 'pupil_moment', methods: ['GET'])]
    public function moment(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        $at = $request->query->getInt('at');
        [$kind, $one, $two] = [...explode(' ', $request->query->getString('place')), '', ''];
        $language = Language::tryFrom($request->query->getString('language')) ?? Language::Python;
        $shown = match ($kind) {
            'program' => $this->view->program($pupil, (int) $one, $language, $request->getLocale(), $at ?: null),
            'rung' => $this->view->rung($pupil, (int) $one, (int) $two, $language, $request->getLocale(), $at ?: null),
            default => null,
        };

        return $this->render('register/moment.html.twig', ['class' => $class, 'pupil' => $pupil, 'shown' => $shown ?? throw new NotFoundHttpException('No such work.')]);
    }

    /** What the work draws just now, for the wall. */
    #[Route('/picture.svg', name: 'pupil_picture', methods: ['GET'])]
    public function picture(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        $svg = $this->view->picture($pupil, $request->getLocale());

        return new Response($svg ?? '<svg xmlns="http://www.w3.org/2000/svg" viewBox="-240 -180 480 360"/>', 200, ['Content-Type' => 'image/svg+xml']);
    }

    /** Writes beside a line of the pupil's; it is there at once. */
    #[Route('/notes', name: 'pupil_note', methods: ['POST'])]
    public function note(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        $text = mb_substr(trim(mb_scrub($request->request->getString('text'), 'UTF-8')), 0, MarginNote::LONGEST);
        $place = $request->request->getString('place');
        if ('' !== $text && 1 === preg_match('/^(?:program \d{1,10}|rung \d{1,10} \d{1,10})$/D', $place)) {
            $anchor = $request->request->getString('anchor');
            $line = max(0, min(100_000, $request->request->getInt('line')));
            $quote = mb_substr(trim(mb_scrub($request->request->getString('quote'), 'UTF-8')), 0, 200);
            $this->entities->persist(new MarginNote($pupil, $place, 1 === preg_match('~^[\w:/@-]{0,40}$~D', $anchor) ? $anchor : '', $line, $quote, $text));
            $this->entities->flush();
            $this->live->tellPupil($pupil);
        }

        return $this->after($request, $class, $pupil);
    }

    /** Takes a note back. */
    #[Route('/notes/{note}/delete', name: 'pupil_note_delete', requirements: ['note' => '\d+'], methods: ['POST'])]
    public function deleteNote(Request $request, SchoolClass $class, Pupil $pupil, MarginNote $note): Response
    {
        $this->entities->remove($note);
        $this->entities->flush();
        $this->live->tellPupil($pupil);

        return $this->after($request, $class, $pupil);
    }

    /** The teacher has been there: the hand is down. */
    #[Route('/helped', name: 'pupil_helped', methods: ['POST'])]
    public function helped(Request $request, SchoolClass $class, Pupil $pupil, Activity $activity): Response
    {
        $pupil->raiseHand(false);
        $this->entities->flush();
        $this->live->tellPupil($pupil);
        $activity->tell($pupil);

        return $this->after($request, $class, $pupil);
    }

    private function after(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        return 'card' === $request->request->getString('from') && 'true' === $request->headers->get('HX-Request')
            ? $this->card($request, $class, $pupil)
            : $this->redirectToRoute('pupil', ['class' => $class->id(), 'pupil' => $pupil->id()]);
    }

    #[Route('/rename', name: 'pupil_rename', methods: ['POST'])]
    public function rename(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        return $this->people($request, $class, function () use ($request, $pupil): string {
            $before = $pupil->name();
            $this->joining->rename($pupil, $request->request->getString('name'));
            $this->deeds->note('pupil_renamed', "$before → {$pupil->name()}");

            return 'class.renamed';
        }, $pupil);
    }

    #[Route('/key', name: 'pupil_key', methods: ['POST'])]
    public function key(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        $this->joining->newKey($pupil);
        $this->deeds->note('pupil_key', $pupil->name());

        return $this->render('register/keys.html.twig', ['class' => $class, 'keys' => [['name' => $pupil->name(), 'key' => $this->joining->key($pupil)]]]);
    }

    #[Route('/move', name: 'pupil_move', methods: ['POST'])]
    public function move(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        $to = $this->entities->find(SchoolClass::class, $request->request->getInt('to'));
        if (null === $to || !$this->isGranted(ClassVoter::TEACH, $to)) {
            throw new NotFoundHttpException('No such class.');
        }

        return $this->people($request, $class, function () use ($pupil, $to): string {
            $this->joining->move($pupil, $to);
            $this->deeds->note('pupil_moved', "{$pupil->name()} → {$to->name()}");

            return 'class.moved';
        }, $pupil);
    }

    #[Route('/remove', name: 'pupil_remove', methods: ['POST'])]
    public function remove(Request $request, SchoolClass $class, Pupil $pupil): Response
    {
        $name = $pupil->name();
        $this->joining->remove($pupil);
        $this->live->tellRegister($class, ['all' => true]);
        $this->deeds->note('pupil_deleted', $name);
        $this->addFlash('done', Sentences::of('class.removed', ['name' => $name], $request->getLocale()));

        return $this->redirectToRoute('class_people', ['class' => $class->id()]);
    }

    /** All that is kept of a pupil, as open files. */
    #[Route('/data.zip', name: 'pupil_data', methods: ['GET'])]
    public function data(SchoolClass $class, Pupil $pupil, TakeOut $takeOut): Response
    {
        $this->deeds->note('pupil_data', $pupil->name());

        return (new BinaryFileResponse($takeOut->zip($pupil->user), 200, ['Content-Type' => 'application/zip'], false))
            ->setContentDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Bundle::fileName($pupil->name()).'.zip', 'pupil.zip')
            ->deleteFileAfterSend();
    }

    /** @param \Closure(): string $do gives the key of what is said when it is done */
    private function people(Request $request, SchoolClass $class, \Closure $do, Pupil $pupil): Response
    {
        try {
            $said = $do();
            $this->live->tellRegister($class, ['all' => true]);
            $this->addFlash('done', Sentences::of($said, ['name' => $pupil->name()], $request->getLocale()));
        } catch (Refusal $refusal) {
            $this->addFlash('trouble', Sentences::of($refusal->key, $refusal->parameters, $request->getLocale()));
        }

        return $this->redirectToRoute('class_people', ['class' => $class->id()]);
    }
}
