<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Trip;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Words\Words;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\Translation\LocaleSwitcher;
use Twig\Environment;

/**
 * What pupils do, for the register of their class. Controllers only say it; it is written down and told behind the answer,
 * so that nobody waits for it.
 *
 * @phpstan-type ToldOnce array{kind: string, parameters: array<string, string|int>, line?: int|null}
 */
final class Activity
{
    /** Letters of a text that is kept with a trip. */
    private const LONGEST = 20_000;

    /** A step that changes nothing that a register shows is written down once in so many seconds. */
    private const QUIET = 20;

    /** @var list<\Closure(Pupil, \DateTimeImmutable): void> */
    private array $noted = [];
    /** @var list<\Closure(Pupil, \DateTimeImmutable): void> what is left out with a step that is not written down */
    private array $counted = [];
    /** Whether somebody ran, answered or tripped. */
    private bool $isSeen = false;

    public function __construct(private readonly Security $security, private readonly EntityManagerInterface $entities, private readonly PupilRepository $pupils, private readonly CopyRepository $copies, private readonly TripRepository $trips, private readonly Board $board, private readonly Live $live, private readonly Environment $twig, private readonly LocaleSwitcher $locales, private readonly LoggerInterface $logger)
    {
    }

    /** @param list<ToldOnce>|null $mistakes of the text as it is now; null where that is not known */
    public function onRung(Lesson $lesson, int $rung, Language $language, ?array $mistakes = null): void
    {
        $this->isSeen = $this->isSeen || null !== $mistakes;
        $place = ['kind' => 'rung', 'lesson' => $lesson->id(), 'rung' => $rung, 'language' => $language->value];
        $this->noted[] = static function (Pupil $pupil, \DateTimeImmutable $now) use ($place, $mistakes): void {
            $pupil->isAt($place, $now);
            if (null !== $mistakes) {
                $pupil->hasMistakes(self::kept($mistakes), $now);
            }
        };
    }

    /** @param (\Closure(): list<ToldOnce>)|null $mistakes */
    public function onProgram(Program $program, Language $language, ?\Closure $mistakes = null, bool $isRun = false): void
    {
        $id = $program->id();
        $place = ['kind' => 'program', 'program' => $id, 'language' => $language->value];
        $this->isSeen = $this->isSeen || $isRun;
        $this->noted[] = static function (Pupil $pupil, \DateTimeImmutable $now) use ($place, $mistakes): void {
            $pupil->isAt($place, $now);
            if (null !== $mistakes) {
                $pupil->hasMistakes(self::kept($mistakes()), $now);
            }
        };
        $this->counted[] = function (Pupil $pupil, \DateTimeImmutable $now) use ($id, $isRun): void {
            $copy = $this->copies->findOneBy(['program' => $id, 'pupil' => $pupil]);
            $copy?->touched($now);
            if ($isRun) {
                $copy?->ran();
            }
        };
    }

    /**
     * What somebody tripped over.
     *
     * @param \Closure(): list<ToldOnce> $over
     * @param \Closure(): string         $text in which it was
     */
    public function tripped(\Closure $over, Language $language, \Closure $text, ?Lesson $lesson = null, ?int $rung = null): void
    {
        $this->isSeen = true;
        $this->counted[] = function (Pupil $pupil, \DateTimeImmutable $now) use ($over, $language, $text, $lesson, $rung): void {
            $known = [];
            $over = self::kept($over());
            // What could not run for its mistakes was tripped over by each of them.
            $over = [] !== $over && 'run.unread' === $over[0]['kind'] && [] !== $pupil->mistakes() ? $pupil->mistakes() : $over;
            $text = mb_substr($text(), 0, self::LONGEST);
            foreach ($over as $one) {
                if (!isset($known[$one['kind']]) && !$this->trips->isJustNoted($pupil, $one['kind'], $text, $now)) {
                    $known[$one['kind']] = true;
                    $line = 0 === $one['line'] ? null : $one['line'];
                    $this->entities->persist(new Trip($pupil->class(), $pupil, mb_substr($one['kind'], 0, 80), $one['parameters'], $language->value, $text, $line, $lesson, $rung, $now));
                }
            }
        };
    }

    /**
     * @param list<ToldOnce> $told
     *
     * @return list<array{kind: string, parameters: array<string, string|int>, line: int}>
     */
    private static function kept(array $told): array
    {
        return array_map(static fn (array $one): array => [
            'kind' => $one['kind'],
            'parameters' => array_map(static fn (string|int $value): string|int => \is_string($value) ? mb_substr($value, 0, 120) : $value, \array_slice($one['parameters'], 0, 12, true)),
            'line' => (int) ($one['line'] ?? $one['parameters']['line'] ?? 0),
        ], \array_slice($told, 0, 5));
    }

    #[AsEventListener(priority: 10)]
    public function write(TerminateEvent $event): void
    {
        [$noted, $counted, $isSeen] = [$this->noted, $this->counted, $this->isSeen];
        [$this->noted, $this->counted, $this->isSeen] = [[], [], false];
        $user = [] === $noted ? null : $this->security->getUser();
        if (!$user instanceof User || !$user->isPupil() || !$this->entities->isOpen()) {
            return;
        }
        try {
            $pupil = $this->pupils->ofUser($user);
            if (null === $pupil) {
                return;
            }
            $now = new \DateTimeImmutable();
            $before = [$pupil->place(), $pupil->mistakes()];
            $last = $pupil->seenAt();
            foreach ($noted as $note) {
                $note($pupil, $now);
            }
            if (!$isSeen && $before === [$pupil->place(), $pupil->mistakes()] && null !== $last && $now->getTimestamp() - $last->getTimestamp() < self::QUIET) {
                // The row is the same; only who looks at this pupil's work looks again.
                $this->live->tellRegister($pupil->class(), ['pupil' => $pupil->id()]);

                return;
            }
            foreach ($counted as $note) {
                $note($pupil, $now);
            }
            $this->entities->flush();
            $this->tell($pupil);
        } catch (\Doctrine\DBAL\Exception $trouble) {
            // The pupil's work is safe; the register will see it with the next step.
            $this->logger->error('A step of a pupil did not come to the register.', ['why' => $trouble->getMessage()]);
        }
    }

    /** Somebody has come in, and does nothing yet. */
    public function seen(Pupil $pupil): void
    {
        $pupil->isAt(null, new \DateTimeImmutable());
        $this->entities->flush();
    }

    /** The row of a pupil as it is now, to every register of the class, in each language. */
    public function tell(Pupil $pupil): void
    {
        $class = $pupil->class();
        $row = $this->board->row($pupil);
        $html = [];
        foreach (Words::locales() as $locale) {
            $html[$locale] = $this->locales->runWithLocale($locale, fn (): string => $this->twig->render('register/row.html.twig', ['row' => $row, 'class' => $class, 'columns' => $this->board->columns($class)]));
        }
        $this->live->tellRegister($class, ['pupil' => $pupil->id(), 'view' => self::view($class), 'html' => $html]);
    }

    /** What a register shows, so that a row of another view is not put into it. */
    public static function view(SchoolClass $class): string
    {
        return $class->view()->value.' '.($class->lesson()?->id() ?? 0);
    }
}
