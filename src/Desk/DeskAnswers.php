<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Edit\Revision;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Mistakes\Mistake;

/** What the desk is told with its page and with every edit. */
final class DeskAnswers
{
    /**
     * @param list<Mistake>|null $mistakes of the text, if it was just read
     *
     * @return array<string, mixed>|null the text of the one text page that is open
     */
    public static function typed(Analysis $analysis, DeskView $view, string $locale, ?array $mistakes = null): ?array
    {
        return 1 < \count($view->languages()) ? null : TypedText::of($analysis, $view->runsAs(), $locale, $mistakes);
    }

    /** @return array{canUndo: bool, canRedo: bool} */
    public static function ways(Revision $revision): array
    {
        return ['canUndo' => null !== $revision->undoTo, 'canRedo' => null !== $revision->redoTo];
    }
}
