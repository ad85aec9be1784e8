<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Copy;
use Scrivlet\App\Entity\Learner;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Http\OneLine;
use Scrivlet\App\Learner\KeyWords;
use Scrivlet\App\Learner\LearnerRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Refusal;

/** How pupils come into a class, get keys, and go. */
final readonly class Joining
{
    public function __construct(
        private EntityManagerInterface $entities,
        private PupilRepository $pupils,
        private LearnerRepository $learners,
        private HandoutRepository $handouts,
        private CopyRepository $copies,
        private ProgramStore $store,
        private KeyWords $keys,
        private Live $live,
    ) {
    }

    /**
     * A name as it is kept: one line without control signs.
     *
     * @throws Refusal if nothing is left of it
     */
    public static function name(string $typed): string
    {
        $name = OneLine::of($typed, Learner::LONGEST_NAME);

        return '' === $name ? throw new Refusal('join.no_name') : $name;
    }

    /**
     * A new pupil of a class; a guest's work goes with them.
     *
     * @throws Refusal if the class takes nobody of that name, or nobody any more
     */
    public function join(SchoolClass $class, string $name, string $locale, ?Learner $guest = null, ?string $sourcedId = null): Pupil
    {
        $name = self::name($name);

        return $this->entities->wrapInTransaction(function () use ($class, $name, $locale, $guest, $sourcedId): Pupil {
            // Two who come at once under one name are asked one after the other.
            $this->entities->getConnection()->fetchOne('SELECT id FROM classes WHERE id = ? FOR UPDATE', [$class->id()]);
            if (null !== $this->pupils->named($class, $name)) {
                throw new Refusal('join.taken', ['name' => $name]);
            }
            if ($this->pupils->count(['class' => $class]) >= SchoolClass::MOST) {
                throw new Refusal('join.full', ['most' => SchoolClass::MOST]);
            }
            $user = new User('pupil-'.bin2hex(random_bytes(16)), $name, [User::PUPIL]);
            // No password is ever asked for, and none fits.
            $user->setPassword('!'.bin2hex(random_bytes(16)));
            $this->entities->persist($user);
            if (null === $guest) {
                $guest = $this->learner($locale);
                $this->entities->persist($guest);
            }
            $guest->joins($user);
            $pupil = new Pupil($class, $user, $guest, $sourcedId);
            $this->entities->persist($pupil);
            $this->entities->flush();
            foreach (array_reverse($this->handouts->of($class)) as $handout) {
                $this->entities->persist(new Copy($handout, $pupil, $this->store->create($user, $handout->name, ProjectReader::kept($handout->tree))));
            }
            $this->entities->flush();

            return $pupil;
        });
    }

    private function learner(string $locale): Learner
    {
        $seed = $this->freeSeed($locale);

        return new Learner(null, hash('sha256', $this->keys->cookie($seed)), $this->keys->hash($this->keys->of($seed, $locale)), $seed, $locale);
    }

    private function freeSeed(string $locale): string
    {
        do {
            $seed = bin2hex(random_bytes(16));
        } while (null !== $this->learners->findOneBy(['keyHash' => $this->keys->hash($this->keys->of($seed, $locale))]));

        return $seed;
    }

    /** @return list<string> the four words with which a pupil comes back */
    public function key(Pupil $pupil): array
    {
        return $this->keys->of($pupil->learner->seed(), $pupil->learner->locale);
    }

    /** Another key, where somebody else may know the old one: whoever is in with that is out. */
    public function newKey(Pupil $pupil): void
    {
        $seed = $this->freeSeed($pupil->learner->locale);
        $pupil->learner->giveKey($seed, $this->keys->hash($this->keys->of($seed, $pupil->learner->locale)));
        $pupil->user->endSessions();
        $this->entities->flush();
        $this->live->tellPupil($pupil);
    }

    /** @throws Refusal */
    public function rename(Pupil $pupil, string $typed): void
    {
        $name = self::name($typed);
        $same = $this->pupils->named($pupil->class(), $name);
        if (null !== $same && $same !== $pupil) {
            throw new Refusal('join.taken', ['name' => $name]);
        }
        $pupil->user->rename($name);
        $this->entities->flush();
    }

    /** @throws Refusal if the other class has somebody of that name, or is full */
    public function move(Pupil $pupil, SchoolClass $class): void
    {
        if (null !== $this->pupils->named($class, $pupil->name())) {
            throw new Refusal('join.taken', ['name' => $pupil->name()]);
        }
        if ($this->pupils->count(['class' => $class]) >= SchoolClass::MOST) {
            throw new Refusal('join.full', ['most' => SchoolClass::MOST]);
        }
        $before = $pupil->class();
        $channels = [$this->live->ofClass($before), $this->live->ofPupil($pupil)];
        // What was handed out in the old class stays on the shelf, as the pupil's own.
        foreach ($this->copies->ofPupil($pupil) as $copy) {
            $this->entities->remove($copy);
        }
        $pupil->moveTo($class);
        $before->moveChannels();
        foreach (array_reverse($this->handouts->of($class)) as $handout) {
            $this->entities->persist(new Copy($handout, $pupil, $this->store->create($pupil->user, $handout->name, ProjectReader::kept($handout->tree))));
        }
        $this->entities->flush();
        array_map($this->live->tellChannel(...), $channels);
    }

    /** A pupil with all that is kept of them, for good. */
    public function remove(Pupil $pupil): void
    {
        $class = $pupil->class();
        $channels = [$this->live->ofClass($class), $this->live->ofPupil($pupil)];
        $class->moveChannels();
        foreach ([$pupil, $pupil->learner, $pupil->user] as $kept) {
            $this->entities->remove($kept);
        }
        $this->entities->flush();
        array_map($this->live->tellChannel(...), $channels);
    }

    /** A class with all of its pupils, for good. */
    public function dissolve(SchoolClass $class): void
    {
        $connection = $this->entities->getConnection();
        $channel = $this->live->ofClass($class);
        $connection->transactional(static function () use ($connection, $class): void {
            $connection->executeStatement('DELETE users FROM users JOIN pupils ON pupils.user_id = users.id WHERE pupils.class_id = ?', [$class->id()]);
            $connection->executeStatement('DELETE FROM classes WHERE id = ?', [$class->id()]);
        });
        // What was read of them is no more.
        $this->entities->clear();
        $this->live->tellChannel($channel);
    }
}
