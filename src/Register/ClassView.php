<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

/** What stands across in a register. */
enum ClassView: string
{
    case Lesson = 'lesson';
    case Programs = 'programs';
}
