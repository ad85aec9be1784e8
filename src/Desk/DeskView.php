<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Language\Language;
use Symfony\Component\HttpFoundation\Request;

/** Which pages lie open on the desk. */
final readonly class DeskView
{
    public const VIEWS = ['blocks', 'both', 'text'];
    public const TEXTS = ['python', 'javascript', 'cpp', 'all'];

    private function __construct(public string $view, public string $text)
    {
    }

    /** What the address says, else what was open last. */
    public static function of(Request $request): self
    {
        $view = $request->query->getString('view') ?: $request->cookies->getString('scrivlet_view');
        $text = $request->query->getString('text') ?: $request->cookies->getString('scrivlet_text');

        return self::from($view, $text);
    }

    public static function from(mixed $view, mixed $text): self
    {
        return new self(
            \is_string($view) && \in_array($view, self::VIEWS, true) ? $view : 'both',
            \is_string($text) && \in_array($text, self::TEXTS, true) ? $text : 'python',
        );
    }

    public function showsBlocks(): bool
    {
        return 'text' !== $this->view;
    }

    /** @return list<Language> the text pages, from left to right */
    public function languages(): array
    {
        if ('blocks' === $this->view) {
            return [];
        }

        return 'all' === $this->text ? Language::cases() : [Language::from($this->text)];
    }

    /** The language whose values a run has. */
    public function runsAs(): Language
    {
        return Language::tryFrom($this->text) ?? Language::Python;
    }
}
