<?php

declare(strict_types=1);

namespace Scrivlet\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\App\Desk\EditReader;
use Scrivlet\App\Entity\Copy;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Handout;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\MarginNote;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\Trip;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Entity\WorkState;
use Scrivlet\App\Lesson\LessonRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Register\ClassRepository;
use Scrivlet\App\Register\CopyRepository;
use Scrivlet\App\Register\HandingOut;
use Scrivlet\App\Register\Joining;
use Scrivlet\App\Register\PupilRepository;
use Scrivlet\App\Register\Told;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Verdict;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\RungSetting;
use Scrivlet\Core\Reference\UsualMistakes;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;

/**
 * A class in the middle of a lesson: made-up pupils who came in one after the other, wrote with the usual slips, were told,
 * mended, and are now where they got to. What they are told is what the marking and the checker say.
 */
final class SchoolYear
{
    /** How often in a hundred a rung was not right at once. */
    private const SLIP = 45;

    private Randomizer $random;
    /** @var array<string, Verdict> by rung and answer: many pupils write the same */
    private array $verdicts = [];
    /** @var array<string, list<string>> wrong answers by rung */
    private array $slips = [];
    /** @var array<string, Rung|null> by lesson and rung */
    private array $rungs = [];
    /** @var list<array{string, string, Work|Program, int|string}> table, column, whose and what is written there behind everything else */
    private array $times = [];

    public function __construct(private readonly EntityManagerInterface $entities, private readonly ClassRepository $classes, private readonly PupilRepository $pupils, private readonly CopyRepository $copies, private readonly LessonRepository $lessons, private readonly Joining $joining, private readonly HandingOut $handing, private readonly ProgramStore $store)
    {
        $this->random = new Randomizer(new Mt19937(7));
    }

    /**
     * @param list<string> $names of the pupils
     * @param int          $at    the lesson in which the class is, from 0
     */
    public function of(User $teacher, string $name, array $names, Course $course, int $at, Language $language): SchoolClass
    {
        $class = new SchoolClass($teacher, $name, $this->classes->newCode(), new \DateTimeImmutable('+8 months'));
        $lessons = $this->lessons->of($course);
        $class->workOn($course, $lessons[$at]);
        $this->entities->persist($class);
        $this->entities->flush();
        foreach ($names as $number => $one) {
            $this->lived($this->joining->join($class, $one, 'en'), $this->lessons->of($course), $at, $language, $number, \count($names));
            $this->write();
            // What is written need not be looked through with the next one.
            $this->entities->clear();
            [$class, $course] = [$this->entities->find(SchoolClass::class, $class->id()), $this->entities->find(Course::class, $course->id())];
            \assert(null !== $class && null !== $course);
        }

        return $class;
    }

    /** @param list<Lesson> $lessons */
    private function lived(Pupil $pupil, array $lessons, int $at, Language $language, int $number, int $all): void
    {
        $now = new \DateTimeImmutable();
        $pupil->learner->choose($lessons[$at]->course()->id(), $language->value);
        // The lessons before were done in the weeks before; a few left something out.
        for ($before = 0; $before < $at; ++$before) {
            foreach ($lessons[$before]->lesson()->rungsIn($language) as $setting) {
                $rung = $this->rung($lessons[$before], $setting, $language);
                if (null !== $rung && $this->happens(94)) {
                    $this->works($pupil, $lessons[$before], $setting->id, $rung, $now->modify('-'.(7 * ($at - $before)).' days')->modify('+'.$this->random->getInt(0, 40).' minutes'), $this->happens(self::SLIP) ? 1 : 0, true);
                }
            }
        }
        // How far somebody is in the lesson in hand: most in the middle, a few in front, a few behind.
        $settings = $lessons[$at]->lesson()->rungsIn($language);
        $reached = min(\count($settings) - 1, max(0, (int) round(\count($settings) * ($number + 1) / ($all + 1) + $this->random->getInt(-2, 2))));
        $isStuck = 0 === $number % 7;
        $minutes = $isStuck ? $this->random->getInt(6, 11) : $this->random->getInt(0, 4);
        foreach (\array_slice($settings, 0, $reached + 1) as $place => $setting) {
            $rung = $this->rung($lessons[$at], $setting, $language);
            if (null === $rung) {
                continue;
            }
            $isHere = $place === $reached;
            $since = $now->modify('-'.($minutes + 4 * ($reached - $place)).' minutes');
            $this->works($pupil, $lessons[$at], $setting->id, $rung, $since, $isHere ? ($isStuck ? 5 : $this->random->getInt(0, 2)) : ($this->happens(self::SLIP) ? $this->random->getInt(1, 3) : 0), !$isHere);
            if ($isHere) {
                $pupil->isAt(['kind' => 'rung', 'lesson' => $lessons[$at]->id(), 'rung' => $setting->id, 'language' => $language->value], $since);
                if ($isStuck) {
                    $pupil->raiseHand(true);
                }
                $pupil->isAt(null, 5 === $number % 9 ? $now->modify('-40 minutes') : $now);
            }
        }
    }

    private function rung(Lesson $lesson, RungSetting $setting, Language $language): ?Rung
    {
        $key = "{$lesson->id()} $setting->id $language->value";
        if (!\array_key_exists($key, $this->rungs)) {
            $this->rungs[$key] = $setting->rung($lesson->lesson(), $language, 'en');
        }

        return $this->rungs[$key];
    }

    private function happens(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /** Plays the work on a rung: so many answers that are wrong, and the right one if it is found. */
    private function works(Pupil $pupil, Lesson $lesson, int $number, Rung $rung, \DateTimeImmutable $from, int $slips, bool $isFound): void
    {
        $wrong = $this->slips($lesson, $number, $rung);
        $answers = [];
        for ($slip = 0; $slip < $slips && [] !== $wrong; ++$slip) {
            $answers[] = $wrong[$this->random->getInt(0, \count($wrong) - 1)];
        }
        if ($isFound) {
            $answers[] = self::right($rung);
        }
        $work = new Work($pupil->learner, $lesson, $number, $rung->language->value);
        $this->entities->persist($work);
        $time = $from;
        if ([] === $answers) {
            $work->keep('');
        }
        $seconds = 0;
        foreach ($answers as $answer) {
            $verdict = $this->verdicts["{$lesson->id()} $number $answer"] ??= Marking::of($rung, $answer);
            $work->marked($verdict, $answer);
            $pause = $this->random->getInt(15, 80);
            $seconds += $pause;
            $time = $time->modify("+$pause seconds");
            $this->entities->persist(new WorkState($work, $answer, $verdict->near, $time));
            if ($verdict->passed) {
                $this->times[] = ['works', 'passed_at', $work, $time->format('Y-m-d H:i:s')];
                break;
            }
            if ($this->happens(35)) {
                $work->hinted();
            }
            foreach (\array_slice(Told::verdict($verdict), 0, 2) as $told) {
                $this->entities->persist(new Trip($pupil->class(), $pupil, $told['kind'], $told['parameters'], $rung->language->value, Marking::textOf($rung, $answer) ?? '', isset($told['parameters']['line']) ? (int) $told['parameters']['line'] : null, $lesson, $number, $time));
            }
            $pupil->hasMistakes([], $time);
            if (!$isFound) {
                $pupil->hasMistakes(array_map(static fn (array $one): array => ['kind' => $one['kind'], 'parameters' => $one['parameters'], 'line' => (int) ($one['parameters']['line'] ?? 0)], Told::onlyMistakes(Told::verdict($verdict))), $time);
            }
        }
        $this->times[] = ['works', 'changed_at', $work, $time->format('Y-m-d H:i:s')];
        $this->times[] = ['works', 'seconds', $work, $seconds];
    }

    private static function right(Rung $rung): string
    {
        return $rung->kind->asksForText() ? $rung->model : json_encode($rung->right, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }

    /** @return list<string> answers as people give them who are not there yet */
    private function slips(Lesson $lesson, int $number, Rung $rung): array
    {
        return $this->slips["{$lesson->id()} $number"] ??= $rung->kind->asksForText() ? self::slipped($rung) : $this->mixed($rung);
    }

    /** @return list<string> */
    private static function slipped(Rung $rung): array
    {
        $given = RungKind::Mend === $rung->kind || RungKind::Vary === $rung->kind ? $rung->question['text'] ?? '' : '';
        $lines = explode("\n", rtrim($rung->model, "\n"));
        $slips = \is_string($given) && '' !== $given ? [$given] : [implode("\n", \array_slice($lines, 0, -1))."\n"];
        foreach (array_keys($lines) as $at) {
            foreach (\array_slice(UsualMistakes::of($lines, $at, $rung->language, 'en'), 0, 2) as $mistake) {
                $indent = substr($lines[$at], 0, \strlen($lines[$at]) - \strlen(ltrim($lines[$at])));
                $slips[] = implode("\n", array_replace($lines, [$at => $indent.$mistake['line']]))."\n";
            }
        }

        return $slips;
    }

    /** @return list<string> the right list, in other orders */
    private function mixed(Rung $rung): array
    {
        $answers = [];
        for ($turn = 0; $turn < 3 && \count($rung->right) > 1; ++$turn) {
            $list = $this->random->shuffleArray($rung->right);
            if ($list !== $rung->right) {
                $answers[] = json_encode($list, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
            }
        }

        return $answers;
    }

    /** Hands a program out; most pupils have typed into it since, with a slip now and then. */
    public function handOut(SchoolClass $class, Program $kept, Language $language): void
    {
        $program = ProgramStore::program($kept);
        $this->handing->out($class, $kept);
        $handout = $this->entities->getRepository(Handout::class)->findOneBy(['class' => $class], ['id' => 'DESC']);
        $lines = explode("\n", rtrim($language->print($program)->text(), "\n"));
        $numbers = array_keys(array_filter($lines, static fn (string $line): bool => 1 === preg_match('/\(\d{2,}\)/', $line)));
        foreach ($this->copies->findBy(['handout' => $handout]) as $place => $copy) {
            if (0 !== $place % 3) {
                $this->typed($copy, $lines, $numbers, $language);
            }
        }
        $this->write();
    }

    /**
     * @param list<string> $lines
     * @param list<int>    $numbers the lines in which a number can be another one
     */
    private function typed(Copy $copy, array $lines, array $numbers, Language $language): void
    {
        $time = new \DateTimeImmutable('-'.$this->random->getInt(20, 28).' hours');
        for ($step = $this->random->getInt(3, 9); $step > 0 && [] !== $numbers; --$step) {
            $at = $numbers[$this->random->getInt(0, \count($numbers) - 1)];
            $lines[$at] = (string) preg_replace('/\(\d{2,}\)/', '('.(10 * $this->random->getInt(2, 14)).')', $lines[$at]);
            $slip = $this->happens(25) ? UsualMistakes::of(array_values($lines), $at, $language, 'en')[0]['line'] ?? null : null;
            foreach (null === $slip ? [$lines] : [array_replace($lines, [$at => substr($lines[$at], 0, \strlen($lines[$at]) - \strlen(ltrim($lines[$at]))).$slip]), $lines] as $text) {
                $time = $time->modify('+'.$this->random->getInt(9, 70).' seconds');
                $before = new Analysis(ProgramStore::program($copy->program));
                $applied = EditReader::typed($before, $language, implode("\n", $text)."\n");
                $this->store->save($copy->program, $copy->program->revision()->edited(), $applied->edited->program, $applied->edited->kind, $applied->edited->what);
                $this->store->refresh($copy->program);
                $this->entities->getConnection()->executeStatement('UPDATE revisions SET made_at = ? WHERE program_id = ? AND number = ?', [$time->format('Y-m-d H:i:s'), $copy->program->id(), $copy->program->revision()->number]);
                $copy->touched($time);
                $analysis = new Analysis($applied->edited->program);
                $outcome = Runner::run($analysis, $language, 1, new Limits(steps: 20_000));
                $copy->ran();
                if (null !== $outcome->error) {
                    foreach (Told::mistakes($analysis, $language, $applied->mistakes) ?: Told::failure($analysis, $language, $outcome) as $told) {
                        $this->entities->persist(new Trip($copy->pupil->class(), $copy->pupil, $told['kind'], $told['parameters'], $language->value, $analysis->text($language)->text(), $told['line'] ?? null, null, null, $time));
                    }
                }
            }
        }
        $this->times[] = ['programs', 'updated_at', $copy->program, $time->format('Y-m-d H:i:s')];
    }

    /** A note in the margin of a pupil who is stuck. */
    public function note(SchoolClass $class, string $text): void
    {
        foreach ($this->pupils->of($class) as $pupil) {
            $place = $pupil->place();
            if (null === $pupil->helpAt() || null === $place || 'rung' !== $place['kind']) {
                continue;
            }
            if (true === $this->entities->find(Lesson::class, $place['lesson'])?->lesson()->rung($place['rung'])?->kind->asksForText()) {
                $this->entities->persist(new MarginNote($pupil, "rung {$place['lesson']} {$place['rung']}", '', 2, '', $text));
                break;
            }
        }
        $this->entities->flush();
    }

    private function write(): void
    {
        $this->entities->flush();
        foreach ($this->times as [$table, $column, $whose, $value]) {
            $this->entities->getConnection()->executeStatement("UPDATE $table SET $column = ? WHERE id = ?", [$value, $whose->id()]);
        }
        $this->times = [];
    }

    /** Whenever the demo begins, the class is in the middle of its lesson. */
    public function goesOn(SchoolClass $class): void
    {
        $connection = $this->entities->getConnection();
        $last = $connection->fetchOne('SELECT TIMESTAMPDIFF(SECOND, MAX(seen_at), ?) FROM pupils WHERE class_id = ?', [date('Y-m-d H:i:s'), $class->id()]);
        $passed = is_numeric($last) ? (int) $last : 0;
        if ($passed > 300) {
            foreach (['seen_at', 'place_since', 'help_at', 'mistakes_since'] as $column) {
                $connection->executeStatement("UPDATE pupils SET $column = $column + INTERVAL ? SECOND WHERE class_id = ?", [$passed, $class->id()]);
            }
            $connection->executeStatement('UPDATE trips SET at = at + INTERVAL ? SECOND WHERE class_id = ?', [$passed, $class->id()]);
        }
    }
}
