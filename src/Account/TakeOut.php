<?php

declare(strict_types=1);

namespace Scrivlet\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\MarginNote;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\SignIn;
use Scrivlet\App\Entity\Trip;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Entity\WorkState;
use Scrivlet\App\Learner\LearnerRepository;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Lesson\CourseRepository;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\ProgramRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Register\MarginNoteRepository;
use Scrivlet\App\Register\PupilRepository;
use Scrivlet\App\Register\Told;
use Scrivlet\App\Register\TripRepository;
use Scrivlet\App\Register\WorkStateRepository;
use Scrivlet\App\Security\SignInRepository;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Lesson\LessonFile;
use Scrivlet\Core\Words\Words;

/** All that is kept of a person, as files that open anywhere: what is known of them, each program as a project, each course as its file, the work on lessons. */
final readonly class TakeOut
{
    private const AT_ONCE = 100;
    private const MOST = 5_000;

    public function __construct(private EntityManagerInterface $entities, private ProgramRepository $programs, private SignInRepository $signIns, private CourseRepository $courses, private LessonRepository $lessons, private LearnerRepository $learners, private WorkRepository $works, private PupilRepository $pupils, private MarginNoteRepository $notes, private TripRepository $trips, private WorkStateRepository $states)
    {
    }

    /** @return array<string, mixed> what a class knows of its pupil */
    private function ofPupil(User $user): array
    {
        $pupil = $this->pupils->ofUser($user);

        return null === $pupil ? [] : [
            'class' => $pupil->class()->name(), 'joined' => $pupil->joinedAt()->format(\DATE_ATOM), 'seen' => $pupil->seenAt()?->format(\DATE_ATOM), 'id' => $pupil->sourcedId(),
            'notes' => array_map(static fn (MarginNote $note): array => ['at' => $note->madeAt()->format(\DATE_ATOM), 'line' => $note->line, 'beside' => $note->quote, 'text' => $note->text, 'read' => $note->isRead()], $this->notes->ofPupil($pupil)),
            'tripped' => array_map(static fn (Trip $trip): array => ['at' => $trip->at->format(\DATE_ATOM), 'over' => Told::says($trip->kind, $trip->parameters, Words::FALLBACK), 'language' => $trip->language, 'line' => $trip->line, 'text' => $trip->text], $this->trips->ofPupil($pupil, self::MOST)),
            'states' => array_map(static fn (WorkState $state): array => ['at' => $state->at->format(\DATE_ATOM), 'lesson' => $state->work->lesson->lesson()->title(Words::FALLBACK), 'rung' => $state->work->rung, 'answer' => $state->answer, 'near' => $state->near], $this->states->ofLearner($pupil->learner, self::MOST)),
        ];
    }

    /** @return string the path of a ZIP; whoever asks for it takes it away */
    public function zip(User $user): string
    {
        $file = tempnam(sys_get_temp_dir(), 'scrivlet');
        $zip = new \ZipArchive();
        if (false === $file || true !== $zip->open($file, \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException('Cannot make a ZIP here.');
        }
        $list = [];
        foreach ($this->programs->allOf($user) as $program) {
            $name = 'programs/'.$program->id().'-'.Bundle::fileName($program->name()).'.scrivlet.json';
            $zip->addFromString($name, ProjectWriter::write($program->name(), ProgramStore::program($program)));
            $list[] = ['file' => $name, 'name' => $program->name(), 'changed' => $program->updatedAt()->format(\DATE_ATOM), 'deleted' => $program->isDeleted()];
            $this->entities->detach($program);
            if (0 === \count($list) % self::AT_ONCE) {
                // What was added lies in memory until the file is closed.
                $zip->close();
                $zip->open($file);
            }
        }
        foreach ($this->courses->of($user) as $course) {
            $zip->addFromString('courses/'.$course->id().'-'.Bundle::fileName($course->title(Words::FALLBACK)).'.course.json', LessonFile::writeCourse($this->lessons->document($course)));
        }
        $learner = $this->learners->findOneBy(['user' => $user]);
        $works = array_map(static fn (Work $work): array => [
            'lesson' => $work->lesson->lesson()->title(Words::FALLBACK), 'rung' => $work->rung, 'language' => $work->language, 'answer' => $work->answer(), 'passed' => $work->passedAt()?->format(\DATE_ATOM),
            'tries' => $work->tries(), 'hints' => $work->hints(), 'looks' => $work->looks(),
        ], null === $learner ? [] : $this->works->findBy(['learner' => $learner]));
        $sessions = array_map(static fn (SignIn $signIn): array => ['began_at' => $signIn->beganAt->format(\DATE_ATOM), 'address' => $signIn->address, 'browser' => $signIn->browser], $this->signIns->of($user));
        $about = ['email' => $user->getUserIdentifier(), 'name' => $user->name(), 'roles' => $user->getRoles(), 'made' => $user->madeAt()?->format(\DATE_ATOM), 'sessions' => $sessions, 'programs' => $list, 'work' => $works, ...$this->ofPupil($user)];
        $zip->addFromString('account.json', json_encode($about, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE)."\n");
        $zip->close();

        return $file;
    }
}
