<?php

declare(strict_types=1);

namespace Scrivlet\App\Lesson;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Lesson;
use Scrivlet\Core\Lesson\LessonFile;
use Scrivlet\Core\Lesson\LessonText;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Symfony\Component\HttpFoundation\InputBag;

/** What the workshop's page sends of a lesson: what it says, its languages, its cases, its stock. */
final class LessonForm
{
    /** Rows that any lesson may stock, in the order in which courses bring them. */
    private const ROWS = ['print', 'repeat', 'count', 'set', 'change', 'if', 'otherwise', 'else_if', 'while', 'forever', 'for_each', 'break', 'continue', 'define', 'call', 'return', 'set_item', 'wait', 'announce', 'on_announced'];

    /**
     * @param InputBag<string|int|float|bool> $form
     *
     * @throws Refusal where something is not what it has to be
     */
    public static function read(Lesson $lesson, InputBag $form, string $locale): Lesson
    {
        $text = $lesson->text($locale);
        $pages = array_values(array_filter(array_map(static fn (mixed $page): string => \is_string($page) ? $page : '', $form->all('pages')), static fn (string $page): bool => '' !== trim($page)));
        $languages = array_values(array_filter(Language::cases(), static fn (Language $one): bool => \in_array($one->value, $form->all('languages'), true)));
        $layouts = max(1, \count(Settings::layouts($lesson->model->setting)));
        $cases = [];
        foreach ($form->all('cases') as $case) {
            if (\is_array($case) && !isset($case['gone'])) {
                $layout = is_numeric($case['layout'] ?? null) ? (int) $case['layout'] : 0;
                $cases[] = new Situation(max(0, min($layouts - 1, $layout)), self::lines($case['answers'] ?? ''), self::lines($case['signals'] ?? ''), 1, isset($case['hidden']));
            }
        }
        $stock = match ($form->getString('stocked')) {
            'own' => self::own($lesson->model),
            'chosen' => array_values(array_filter($form->all('stock'), static fn (mixed $key): bool => \is_string($key) && null !== Catalogue::find($key))),
            default => null,
        };
        $written = $lesson->withText($locale, new LessonText($form->getString('title', $text->title), $form->getString('goal'), $pages, $text->program));
        // What a file of it would be refused for, its form is as well.
        $read = LessonFile::read(LessonFile::kept(new Lesson($written->texts, $lesson->model, [] === $cases ? $lesson->cases : $cases, $stock, [] === $languages ? $lesson->languages : $languages, $form->has('look'), $lesson->rungs)));
        if (!array_filter($read->cases, static fn (Situation $case): bool => !$case->hidden)) {
            throw new Refusal('workshop.all_hidden');
        }

        return $read;
    }

    /** @return list<string> the rows and commands of a program */
    public static function own(Program $program): array
    {
        return array_values(array_filter(Uses::in($program), static fn (string $key): bool => !str_starts_with($key, 'operation.')));
    }

    /** @return list<string> rows and commands that a lesson may stock: those of its scene, the usual ones, and its program's */
    public static function stockable(Program $program): array
    {
        $object = \Scrivlet\Core\Catalogue\SceneName::tryFrom($program->setting->scene)?->object();
        $scene = array_values(array_filter(array_map(static fn (\Scrivlet\Core\Catalogue\Entry $entry): ?string => null !== $object && $entry->command && $entry->object() === $object ? $entry->key : null, Catalogue::entries())));

        return array_values(array_unique([...$scene, ...array_filter(self::ROWS, static fn (string $key): bool => null !== Catalogue::find($key)), ...array_diff(self::own($program), ['start', 'comment', 'import', 'declare', 'pass'])]));
    }

    private static function lines(mixed $text): string
    {
        return \is_string($text) ? str_replace(["\r\n", "\r"], "\n", $text) : '';
    }
}
