<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Scrivlet\Core\Words\Words;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

/** How a person wants to see things: kept in cookies, so that the page for signing in knows it too. */
final readonly class Preferences
{
    public const NAMES = ['locale', 'theme', 'size'];
    private const CHOICES = [
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

    /** @return array<string, string> the languages of the interface, each by its own name */
    public function locales(): array
    {
        $names = [];
        foreach (Words::locales() as $locale) {
            $names[$locale] = Words::in($locale)->raw('locale.name');
        }

        return $names;
    }

    /** @return list<string> */
    public static function choices(string $name): array
    {
        return 'locale' === $name ? Words::locales() : self::CHOICES[$name] ?? [];
    }

    public static function of(?Request $request, string $name): string
    {
        $value = $request?->cookies->getString("scrivlet_$name") ?? '';
        if (\in_array($value, self::choices($name), true)) {
            return $value;
        }

        return 'locale' === $name ? ($request?->getPreferredLanguage(Words::locales()) ?? 'en') : self::DEFAULTS[$name];
    }
}
