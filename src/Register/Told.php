<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Desk\TypedText;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Spoken;
use Scrivlet\Core\Ladder\Verdict;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Run\Outcome;

/**
 * What was said to somebody who tripped, by its key and what stands in it, so that it can be said again in any language.
 *
 * @phpstan-import-type ToldOnce from Activity
 */
final class Told
{
    private const MARK = 'mark.';
    private const MISTAKE = 'mistake.';

    /**
     * @param list<Mistake>|null $mistakes of the text, if it was just read
     *
     * @return list<ToldOnce>
     */
    public static function mistakes(Analysis $analysis, Language $language, ?array $mistakes): array
    {
        $mistakes ??= TypedText::mistakes($analysis, $language);

        return [] === $mistakes ? [] : array_map(static fn (array $one): array => ['kind' => self::MISTAKE.$one['kind'], 'parameters' => $one['parameters'], 'line' => $one['line']], Report::lines($analysis->text($language)->text(), $mistakes));
    }

    /** @return list<ToldOnce> why a run stopped */
    public static function failure(Analysis $analysis, Language $language, Outcome $outcome): array
    {
        $line = null;
        foreach (null === $outcome->errorRow ? [] : $analysis->text($language)->lines as $index => $one) {
            if ($one->anchor === $outcome->errorRow) {
                $line = $index + 1;
                break;
            }
        }

        return null === $outcome->error ? [] : [['kind' => 'run.'.$outcome->error->kind, 'parameters' => $outcome->error->parameters, 'line' => $line]];
    }

    /** @return list<ToldOnce> what is in the way of an answer */
    public static function verdict(Verdict $verdict): array
    {
        return array_map(static fn (array $why): array => ['kind' => str_starts_with($why['kind'], self::MISTAKE) ? $why['kind'] : self::MARK.$why['kind'], 'parameters' => $why['parameters']], $verdict->why);
    }

    /**
     * @param list<ToldOnce> $told
     *
     * @return list<ToldOnce>
     */
    public static function onlyMistakes(array $told): array
    {
        return array_values(array_filter($told, static fn (array $one): bool => str_starts_with($one['kind'], self::MISTAKE)));
    }

    /** @param array<string, string|int> $parameters */
    public static function says(string $kind, array $parameters, string $locale): string
    {
        return str_starts_with($kind, self::MARK)
            ? Spoken::of(new Verdict(false, [['kind' => substr($kind, \strlen(self::MARK)), 'parameters' => $parameters]], 0), $locale)[0]
            : Sentences::of($kind, $parameters, $locale);
    }
}
