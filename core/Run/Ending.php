<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** How a run ended. */
enum Ending: string
{
    case Finished = 'finished';
    case Cut = 'cut';
    case Failed = 'failed';
    /** The program asks, and nobody has answered yet. */
    case Asks = 'asks';
}
