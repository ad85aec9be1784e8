<?php

declare(strict_types=1);

namespace Scrivlet\Core\File;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;

/** What can still be had of a stored program whose tree cannot be read: its text, else the file itself as text. */
final class Salvage
{
    /** Whether a program keeps to what every parser of today keeps to. */
    public static function isSound(Program $program): bool
    {
        foreach (Walk::statements($program->parts()) as $row) {
            if ($row instanceof FunctionDefinition && \count(array_unique($row->parameters)) !== \count($row->parameters)) {
                return false;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                $isSound = match (true) {
                    $value instanceof Lambda => \count(array_unique($value->parameters)) === \count($value->parameters),
                    $value instanceof Operation => true === ValueOperations::find($value->key)?->takes(\count($value->arguments)),
                    default => true,
                };
                if (!$isSound) {
                    return false;
                }
            }
        }

        return true;
    }

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
