<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Words\Words;

/** Verdicts in sentences. */
final class Spoken
{
    /** @return list<string> what is in the way; nothing if it passed */
    public static function of(Verdict $verdict, string $locale): array
    {
        $words = Words::in($locale);

        return array_map(static function (array $one) use ($words, $locale): string {
            $parameters = $one['parameters'];
            if (isset($parameters['key'])) {
                $key = (string) $parameters['key'];
                $parameters['title'] = Reference::has($key) ? (new Reference($locale))->title($key) : $key;
            }

            $says = $words->say(str_starts_with($one['kind'], 'mistake.') ? $one['kind'] : "mark.{$one['kind']}", $parameters);

            // Where there is one case only, nobody needs to know its number.
            return isset($parameters['situation']) && ($parameters['cases'] ?? 1) > 1 ? $words->say('mark.case', ['situation' => $parameters['situation'], 'says' => $says]) : $says;
        }, $verdict->why);
    }

    /** @return list<string> what is asked besides doing the same */
    public static function asked(Asked $asked, string $locale): array
    {
        $words = Words::in($locale);
        $lines = array_map(static fn (Construct $one): string => $words->say("asked.$one->value"), $asked->constructs);
        if (null !== $asked->rows) {
            $lines[] = $words->say('asked.rows', ['most' => $asked->rows]);
        }
        if (null !== $asked->allowed) {
            $reference = new Reference($locale);
            $lines[] = $words->say('asked.allowed', ['titles' => implode(' · ', array_map(static fn (string $key): string => Reference::has($key) ? $reference->title($key) : $key, array_values(array_diff($asked->allowed, Asked::ALWAYS))))]);
        }

        return $lines;
    }
}
