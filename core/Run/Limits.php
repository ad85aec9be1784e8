<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** What a run may use up; every run has all of these limits. */
final readonly class Limits
{
    public function __construct(
        public int $steps = 100000,
        /** Calls within calls. */
        public int $depth = 800,
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
}
