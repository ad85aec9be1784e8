<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** What is in a file. All that a program has opened of it share it, and keep it when the file is removed. */
final class FileContent
{
    public string $text = '';
}
