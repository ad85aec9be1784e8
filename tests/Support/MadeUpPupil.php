<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Ladder\Hints;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Reference\UsualMistakes;

/**
 * Somebody who learns: writes what they have in mind with the usual mistakes at given rates, mends one at a time when told
 * that it is not right yet, and takes hints, one after the other, when they get no nearer.
 */
final readonly class MadeUpPupil
{
    private const MOST = 400;
    /** How often in a hundred a line, or a part of a list, is wrong at first. */
    private const SLIPS = 25;
    /** How often in a hundred a line is left out at first. */
    private const FORGETS = 10;
    /** How often in a hundred a look at the page finds what is wrong. */
    private const SEES = 40;

    private Randomizer $random;

    public function __construct(private Language $language, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return array{passed: bool, tries: int, hints: int, answer: string} */
    public function works(Rung $rung): array
    {
        return $rung->kind->asksForText() ? $this->writes($rung) : $this->lists($rung);
    }

    private function happens(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /** @return array{passed: bool, tries: int, hints: int, answer: string} */
    private function writes(Rung $rung): array
    {
        $model = explode("\n", rtrim($rung->model));
        $given = explode("\n", rtrim(OtherAnswers::start($rung)));
        $answer = [''] === $given ? [] : $given;
        if ([] === $answer) {
            foreach ($model as $at => $line) {
                $wrong = $this->happens(self::SLIPS) ? UsualMistakes::of($model, $at, $this->language, 'en')[0]['line'] ?? null : null;
                if (!$this->happens(self::FORGETS)) {
                    $answer[] = null === $wrong ? $line : substr($line, 0, \strlen($line) - \strlen(ltrim($line))).$wrong;
                }
            }
        }
        [$tries, $hints, $step, $near] = [0, 0, 0, []];
        while ($tries < self::MOST) {
            $text = implode("\n", $answer)."\n";
            $verdict = Marking::of($rung, $text);
            $near[] = $verdict->near;
            ++$tries;
            if ($verdict->passed) {
                return ['passed' => true, 'tries' => $tries, 'hints' => $hints, 'answer' => $text];
            }
            $step = Support::isStuck($near) || $step > 0 ? min(Hints::STEPS, $step + 1) : 0;
            if (0 === $step && !$this->happens(self::SEES)) {
                continue;
            }
            // Who sees it themselves mends the same place that a hint would name.
            $hint = Hints::step($rung, $text, Hints::STEPS, 'en');
            if ($step > 0) {
                ++$hints;
                // The earlier a hint is, the less often it is enough.
                if (!$this->happens(20 * $step)) {
                    continue;
                }
            }
            $answer = self::mended($answer, $hint);
            [$step, $near] = [0, []];
        }

        return ['passed' => false, 'tries' => $tries, 'hints' => $hints, 'answer' => implode("\n", $answer)];
    }

    /**
     * @param list<string>                                    $answer
     * @param array{says: string, at: int, line: string|null} $hint
     *
     * @return list<string>
     */
    private static function mended(array $answer, array $hint): array
    {
        $at = $hint['at'] - 1;
        if (null === $hint['line']) {
            return \array_slice($answer, 0, max(0, $at));
        }
        while (\count($answer) < $at) {
            $answer[] = '';
        }
        // What belongs there is put before a line that belongs further down, and takes the place of one that is nearly it.
        $isNear = isset($answer[$at]) && levenshtein(substr(trim($answer[$at]), 0, 200), substr(trim($hint['line']), 0, 200)) <= max(4, intdiv(\strlen(trim($hint['line'])), 3));
        array_splice($answer, $at, $isNear ? 1 : 0, [$hint['line']]);

        return $answer;
    }

    /** @return array{passed: bool, tries: int, hints: int, answer: string} */
    private function lists(Rung $rung): array
    {
        $answer = [];
        foreach ($rung->right as $at => $right) {
            // Who foretells guesses among what is offered; elsewhere one thing is taken for another.
            $others = RungKind::Foretell === $rung->kind && \is_array($rung->question['choices']) ? array_keys($rung->question['choices']) : $rung->right;
            $answer[$at] = $this->happens(self::SLIPS) ? $others[$this->random->getInt(0, \count($others) - 1)] : $right;
        }
        [$tries, $hints] = [0, 0];
        while ($tries < self::MOST) {
            $given = json_encode(array_values($answer), \JSON_THROW_ON_ERROR);
            ++$tries;
            if (Marking::of($rung, $given)->passed) {
                return ['passed' => true, 'tries' => $tries, 'hints' => $hints, 'answer' => $given];
            }
            if (!$this->happens(self::SEES)) {
                ++$hints;
            }
            $hint = Hints::step($rung, $given, Hints::STEPS, 'en');
            if (null === $hint['line']) {
                $answer = \array_slice($answer, 0, max(0, $hint['at'] - 1));
            } else {
                $right = json_decode($hint['line'], true);
                if (RungKind::Fill !== $rung->kind) {
                    // One thing lies in one place.
                    $answer = array_map(static fn (mixed $other): mixed => $other === $right ? null : $other, $answer);
                }
                $answer[$hint['at'] - 1] = $right;
            }
        }

        return ['passed' => false, 'tries' => $tries, 'hints' => $hints, 'answer' => json_encode($answer, \JSON_THROW_ON_ERROR)];
    }
}
