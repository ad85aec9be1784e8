<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

/** How a person wants to see things: kept in cookies, so that the page for signing in knows it too. */
final readonly class Preferences
{
    public const CHOICES = [
        'locale' => ['en', 'fr'],
        'theme' => ['auto', 'light', 'dark', 'contrast'],
        'size' => ['1', '2', '3', '4', '5'],
    ];
    private const DEFAULTS = ['theme' => 'auto', 'size' => '2'];

    public function __construct(private RequestStack $requests)
    {
    }

    public function theme(): string
    {
        return self::of($this->requests->getMainRequest(), 'theme');
    }

    public function size(): string
    {
        return self::of($this->requests->getMainRequest(), 'size');
    }

    public static function of(?Request $request, string $name): string
    {
        $value = $request?->cookies->getString("scrivlet_$name") ?? '';
        if (\in_array($value, self::CHOICES[$name] ?? [], true)) {
            return $value;
        }

        return 'locale' === $name ? ($request?->getPreferredLanguage(self::CHOICES['locale']) ?? 'en') : self::DEFAULTS[$name];
    }
}
