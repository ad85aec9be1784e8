<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Copy;
use Scrivlet\App\Entity\Handout;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Program\Bundle;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\RevisionRepository;
use Scrivlet\App\Program\Zip;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;

/** Gives a class a program, and collects it: each pupil has a copy of their own, and what is collected is a state of it. */
final readonly class HandingOut
{
    public function __construct(private EntityManagerInterface $entities, private PupilRepository $pupils, private CopyRepository $copies, private ProgramStore $store, private RevisionRepository $revisions, private Live $live)
    {
    }

    /** @return int how many got it */
    public function out(SchoolClass $class, Program $program): int
    {
        $count = $this->entities->wrapInTransaction(function () use ($class, $program): int {
            $handout = new Handout($class, $program->name(), $program->tree());
            $this->entities->persist($handout);
            $this->entities->flush();
            $pupils = $this->pupils->of($class);
            foreach ($pupils as $pupil) {
                $this->entities->persist(new Copy($handout, $pupil, $this->store->create($pupil->user, $handout->name, ProjectReader::kept($handout->tree))));
            }
            $this->entities->flush();

            return \count($pupils);
        });
        $this->tell($class);

        return $count;
    }

    /** @return int how many keep it, since they have begun */
    public function back(Handout $handout): int
    {
        $kept = 0;
        foreach ($this->copies->findBy(['handout' => $handout]) as $copy) {
            if ($copy->isBegun()) {
                ++$kept;
            } else {
                $this->entities->remove($copy->program);
            }
        }
        $class = $handout->class;
        // What is kept is the pupils' own from now on.
        $this->entities->remove($handout);
        $this->entities->flush();
        $this->tell($class);

        return $kept;
    }

    /** @return int how many copies */
    public function collect(Handout $handout, bool $on): int
    {
        $copies = $this->copies->findBy(['handout' => $handout]);
        foreach ($copies as $copy) {
            $copy->collect($on ? $copy->program->revision()->number : null);
        }
        $handout->collect($on ? new \DateTimeImmutable() : null);
        $this->entities->flush();
        $this->tell($handout->class);

        return \count($copies);
    }

    private function tell(SchoolClass $class): void
    {
        $class->order($class->orders());
        $this->entities->flush();
        $this->live->tellClass($class);
        $this->live->tellRegister($class, ['all' => true]);
    }

    /** @return string a ZIP of projects, one a pupil, as collected or as they are */
    public function zip(Handout $handout): string
    {
        $files = ['about.txt' => "{$handout->name}\n{$handout->class->name()}\n".($handout->collectedAt() ?? $handout->handedAt())->format('Y-m-d H:i')."\n"];
        foreach ($this->copies->findBy(['handout' => $handout]) as $copy) {
            $tree = null === $copy->collected() ? null : ($this->revisions->at($copy->program, $copy->collected())[1] ?? null);
            $files[$copy->pupil->id().'-'.Bundle::fileName($copy->pupil->name()).'.scrivlet.json'] = ProjectWriter::write($handout->name, $tree ?? ProgramStore::program($copy->program));
        }

        return Zip::of($files);
    }
}
