<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Copy;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\BlockRow;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Page\TextLine;

/** What lies over every page of a pupil: what the teacher says to the class, and notes in the margin. */
final readonly class Layer
{
    /** How long it is said that something was handed out. */
    private const FRESH = '-90 minutes';

    public function __construct(private EntityManagerInterface $entities, private MarginNoteRepository $notes, private CopyRepository $copies, private Live $live)
    {
    }

    /** @return string by which a page knows whether it shows this already */
    public function digest(Pupil $pupil, string $locale): string
    {
        $notes = array_map(static fn ($note): int => $note->id(), $this->notes->open($pupil));
        $class = $pupil->class();

        return substr(hash('xxh128', json_encode([$class->id(), $class->said(), $class->stamp(), $class->lesson()?->id(), $notes, null !== $pupil->helpAt(), $locale], \JSON_THROW_ON_ERROR)), 0, 16);
    }

    /** @return array<string, mixed> */
    public function of(Pupil $pupil, string $locale, string $text = ''): array
    {
        $class = $pupil->class();
        $orders = $class->orders();

        return [
            'pupil' => $pupil, 'class' => $class, 'orders' => $orders, 'notes' => $this->notes->open($pupil), 'fresh' => $this->fresh($pupil), 'digest' => $this->digest($pupil, $locale),
            'language' => $this->language($pupil, $orders, $text),
            'channels' => [$this->live->ofClass($class), $this->live->ofPupil($pupil)],
            'lines' => 'program' === ($orders->gathered['kind'] ?? '') ? $this->lines($orders, $class->owner->id(), $locale, $text) : null,
        ];
    }

    /** @return list<Copy> what was handed out not long ago, and is not begun */
    private function fresh(Pupil $pupil): array
    {
        $since = new \DateTimeImmutable(self::FRESH);

        return \array_slice(array_values(array_filter($this->copies->ofPupil($pupil), static fn (Copy $copy): bool => !$copy->isBegun() && $copy->handout->handedAt() > $since)), 0, 2);
    }

    /** In which language the pupil does a rung to which the class is gathered. */
    private function language(Pupil $pupil, Orders $orders, string $text): string
    {
        $lesson = 'rung' === ($orders->gathered['kind'] ?? '') ? $this->entities->find(Lesson::class, $orders->gathered['lesson'] ?? 0) : null;
        $wanted = Language::tryFrom($pupil->learner->language($orders->gathered['course'] ?? 0) ?? $text) ?? Language::Python;
        $rung = $lesson?->lesson()->rung($orders->gathered['rung'] ?? 0);

        // A rung that somebody wrote is of one language.
        return (null === $lesson ? $wanted : ($rung?->written->language ?? $lesson->lesson()->language($wanted)))->value;
    }

    /** @return array{language: Language, lines: list<array{key: string, block: BlockRow|null, text: TextLine|null, plain: string}>}|null the teacher's program, to look at */
    private function lines(Orders $orders, int $owner, string $locale, string $text): ?array
    {
        $program = $this->entities->find(Program::class, $orders->gathered['program'] ?? 0);
        if (null === $program || $program->isDeleted() || $program->owner()->id() !== $owner) {
            return null;
        }
        // Whoever follows sees the language of the teacher, who talks about it.
        $language = Language::tryFrom($orders->light['language'] ?? '') ?? Language::tryFrom($text) ?? Language::Python;
        $lines = [];
        foreach ((new Spread(new Analysis(ProgramStore::program($program)), [$language], $locale))->rows as $row) {
            $line = $row['cells'][$language->value] ?? null;
            $block = $row['cells']['blocks'];
            $lines[] = ['key' => $row['key'], 'block' => $block instanceof BlockRow ? $block : null, 'text' => $line instanceof TextLine ? $line : null, 'plain' => ''];
        }

        return ['language' => $language, 'lines' => $lines];
    }
}
