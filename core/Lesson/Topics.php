<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Tree\Program;

/** What a program is an example of: its scene, its constructs, and how much it asks of a reader. */
final readonly class Topics
{
    /** @param list<Construct> $constructs */
    private function __construct(public string $scene, public array $constructs, public int $difficulty, public int $rows)
    {
    }

    public static function of(Program $program): self
    {
        $missing = array_column((new Asked(Construct::cases()))->missing($program), 'kind');
        $constructs = array_values(array_filter(Construct::cases(), static fn (Construct $one): bool => !\in_array("needs_$one->value", $missing, true)));
        $rows = Asked::rows($program);
        $weight = $rows + 4 * \count($constructs) + (\in_array(Construct::Function_, $constructs, true) ? 4 : 0) + (\in_array(Construct::List_, $constructs, true) ? 4 : 0);

        return new self($program->setting->scene, $constructs, $weight < 12 ? 1 : ($weight < 26 ? 2 : 3), $rows);
    }
}
