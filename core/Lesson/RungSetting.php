<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\GapKind;
use Scrivlet\Core\Ladder\Ladder;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Language\Language;

/** How one rung of a lesson is made; or, where somebody wrote it, the rung itself. */
final readonly class RungSetting
{
    public const LARGEST_SEED = 999_999_999;

    /**
     * @param int             $id         stays the same however rungs are moved and changed, so that what a pupil has done stays with it
     * @param int             $level      of help, by kind: see `Ladder::rung`
     * @param list<Construct> $constructs asked for, of kinds that are answered by a text
     * @param int|null        $rows       at most
     * @param list<GapKind>   $gaps       what is taken out to be filled in; without any, what is usual
     * @param Rung|null       $written    taken as it is, whatever the program
     */
    public function __construct(
        public int $id,
        public RungKind $kind,
        public int $seed = 1,
        public int $level = 3,
        public array $constructs = [],
        public ?int $rows = null,
        public array $gaps = [],
        public ?Rung $written = null,
    ) {
    }

    public function withSeed(int $seed): self
    {
        return new self($this->id, $this->kind, max(0, min(self::LARGEST_SEED, $seed)), $this->level, $this->constructs, $this->rows, $this->gaps, $this->written);
    }

    public function withId(int $id): self
    {
        return new self($id, $this->kind, $this->seed, $this->level, $this->constructs, $this->rows, $this->gaps, $this->written);
    }

    /** The languages in which somebody can be asked this; a written rung is of one. */
    public function isIn(Language $language): bool
    {
        return null === $this->written || $this->written->language === $language;
    }

    /** @return Rung|null nothing where the program gives no such rung */
    public function rung(Lesson $lesson, Language $language, string $locale): ?Rung
    {
        if (null !== $this->written) {
            return $this->isIn($language) ? $this->written : null;
        }
        $program = $lesson->program($locale);
        if ($program->hasUnread()) {
            return null;
        }
        $rung = Ladder::rung($program, $language, $this->kind, $lesson->cases, $this->seed, $locale, $this->level, $this->gaps);

        return null !== $rung && $this->kind->asksForText() ? $rung->asking(new Asked($this->constructs, $this->rows, $lesson->stock)) : $rung;
    }
}
