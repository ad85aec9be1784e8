<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Language\Language;

/** Answers to a rung that are not the model's: as people write them who were not there when it was made. */
final class OtherAnswers
{
    /** The page as it is found. */
    public static function start(Rung $rung): string
    {
        return match ($rung->kind) {
            RungKind::Mend, RungKind::Vary => \is_string($rung->question['text'] ?? null) ? $rung->question['text'] : '',
            RungKind::Pair, RungKind::Foretell, RungKind::Sort, RungKind::Fill => '[]',
            default => '',
        };
    }

    public static function wrong(Rung $rung): string
    {
        $right = $rung->right;

        return match ($rung->kind) {
            RungKind::Pair => self::json([...\array_slice($right, 1), $right[0]]),
            RungKind::Foretell => self::json([1 - min(1, \is_int($right[0]) ? $right[0] : 0)]),
            RungKind::Sort => self::json(self::sorted($rung)),
            RungKind::Fill => self::json([...\array_slice($right, 0, -1), 'wrong']),
            default => self::without($rung),
        };
    }

    /** @return array<string, string> by the way in which they are other */
    public static function right(Rung $rung): array
    {
        if (!$rung->kind->asksForText()) {
            return [];
        }
        $mark = Language::Python === $rung->language ? '#' : '//';
        $lines = explode("\n", rtrim($rung->model));
        $ways = [
            'remarks and blank lines' => implode("\n", array_map(static fn (string $line): string => $line."   \n\n$mark so", $lines))."\n$mark done\n",
            'carriage returns' => str_replace("\n", "\r\n", $rung->model),
            'no space at the end' => rtrim($rung->model),
        ];
        // Every name that the program made up is another.
        preg_match_all('/\b(?:for \(?(?:let |const |int |string |double |const auto& |const auto &|auto )?|def |function |void )(\w+)/', $rung->model, $found);
        preg_match_all('/^\s*(?:let |const |int |double |string |auto |vector<\w+> )?([a-z]\w*) = /m', $rung->model, $set);
        $names = array_diff(array_unique([...$found[1], ...$set[1]]), ['main', 'int', 'let', 'const', 'auto', 'string', 'double']);
        $renamed = $rung->model;
        foreach (array_values($names) as $number => $name) {
            $renamed = (string) preg_replace('/(?<![.\w"])'.preg_quote($name, '/').'(?![\w"])/', "other$number", $renamed);
        }
        if ([] !== $names && $renamed !== $rung->model) {
            $ways['other names'] = $renamed;
        }
        if (Language::Python === $rung->language && str_contains($rung->model, "\n    ")) {
            $ways['set in by two'] = (string) preg_replace_callback('/^( +)/m', static fn (array $blanks): string => substr($blanks[1], \strlen($blanks[1]) >> 1), $rung->model);
        } elseif (Language::Python !== $rung->language && str_contains($rung->model, "\n    ")) {
            $ways['not set in'] = (string) preg_replace('/^ +/m', '', $rung->model);
        }

        return $ways;
    }

    /** The model without the first line that does something. */
    private static function without(Rung $rung): string
    {
        $lines = explode("\n", rtrim($rung->model));
        foreach ($lines as $at => $line) {
            if (self::does($line)) {
                unset($lines[$at]);
                break;
            }
        }

        return implode("\n", $lines)."\n";
    }

    private static function does(string $line): bool
    {
        return 1 === preg_match('/\w\(| = /', $line) && 1 !== preg_match('/[{:]\s*$|^\s*(?:def|function|void|import|from|#include|const \{)\b/', $line);
    }

    /** @return list<mixed> the slips in their order, without the first that does something */
    private static function sorted(Rung $rung): array
    {
        $slips = \is_array($rung->question['slips'] ?? null) ? $rung->question['slips'] : [];
        $right = $rung->right;
        foreach ($right as $at => $one) {
            $slip = \is_array($one) && \is_int($one[0] ?? null) ? $slips[$one[0]] ?? null : null;
            if (\is_string($slip) && self::does($slip)) {
                unset($right[$at]);
                break;
            }
        }

        return array_values($right);
    }

    /** @param list<mixed> $list */
    private static function json(array $list): string
    {
        return json_encode($list, \JSON_THROW_ON_ERROR);
    }
}
