<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Device\Channels;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;

/** What is told at once: to a class by its teacher, to one pupil, to the registers of a class. */
final readonly class Live
{
    public function __construct(private Channels $channels)
    {
    }

    public function ofClass(SchoolClass $class): string
    {
        return $this->channels->named("class {$class->id()} {$class->stamp()}");
    }

    public function ofPupil(Pupil $pupil): string
    {
        return $this->channels->named("pupil {$pupil->id()} {$pupil->class()->id()}");
    }

    public function ofRegister(SchoolClass $class): string
    {
        return $this->channels->named("register {$class->id()}");
    }

    /** Every pupil of the class looks again at what is said to it. */
    public function tellClass(SchoolClass $class): void
    {
        $this->channels->publish($this->ofClass($class), ['look' => $class->said()]);
    }

    /** @param array{language: string, key: string} $light */
    public function tellLight(SchoolClass $class, array $light): void
    {
        $this->channels->publish($this->ofClass($class), ['light' => $light, 'look' => $class->said()]);
    }

    public function tellPupil(Pupil $pupil): void
    {
        $this->tellChannel($this->ofPupil($pupil));
    }

    /** Whoever listens there looks again. */
    public function tellChannel(string $channel): void
    {
        $this->channels->publish($channel, ['look' => -1]);
    }

    /** @param array<string, mixed> $data */
    public function tellRegister(SchoolClass $class, array $data): void
    {
        $this->channels->publish($this->ofRegister($class), $data);
    }
}
