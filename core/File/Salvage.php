<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Unread;

/** What can still be had of a stored program whose tree cannot be read: its text, else the file itself as text. */
final class Salvage
{
    public static function of(mixed $data, string $json): Program
    {
        $written = \is_array($data) && \is_array($data['handwriting'] ?? null) ? $data['handwriting'] : [];
        foreach (array_reverse($written, true) as $name => $handwriting) {
            $language = Language::tryFrom((string) $name);
            if (null !== $language && \is_array($handwriting) && \is_string($handwriting['text'] ?? null)) {
                return $language->read($handwriting['text'])->program;
            }
        }

        return new Program([], new Script(1, new Block([new Unread(2, mb_scrub($json, 'UTF-8'), Language::Python->value)])), 3);
    }
}
