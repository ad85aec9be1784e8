<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\Language;

/** What a run may use up; every run has all of these limits. */
final readonly class Limits
{
    /** Steps of a run that is written down, and of one that only shows what it prints. */
    public const TRACED = 1_000_000;
    public const UNTRACED = 20_000_000;

    public function __construct(
        public int $steps = self::TRACED,
        /** Calls within calls; as many as the language's own machine takes if nothing is said. */
        public ?int $depth = null,
        /** Letters of one text. */
        public int $text = 20000,
        /** Bytes of all printed lines. */
        public int $printed = 1000000,
        /** The run's own time. */
        public int $milliseconds = 120000,
        /** Bytes that values and the trace take together. */
        public int $memory = 64000000,
        /** Items gone over, and what takes as long. */
        public int $work = 12_000_000,
    ) {
    }

    /** Calls within calls as a language has them: CPython says its own error there (The Python Standard Library, sys). */
    public function depthIn(Language $language): int
    {
        return $this->depth ?? $language->semantics()->depth;
    }
}
