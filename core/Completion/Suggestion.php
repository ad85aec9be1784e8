<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

/** One thing that may be written at the caret. */
final readonly class Suggestion
{
    /**
     * @param string $label  what the piece begins with and is told by: `forward`
     * @param string $insert what is put in the place of what was typed of it: `forward(${50})`, `${…}` being a gap to be filled
     * @param string $detail in a few words what it is or does
     */
    public function __construct(public string $label, public string $insert, public SuggestionKind $kind, public string $detail = '')
    {
    }

    /** What is put in, its gaps filled with what they propose, its further lines set in like the first. */
    public function text(string $indent): string
    {
        return str_replace("\n", "\n$indent", (string) preg_replace('/\$\{([^{}]*)\}/', '$1', $this->insert));
    }
}
