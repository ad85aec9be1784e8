<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/** Knows a browser again in which a person has signed in: by a signed number in a cookie, which lets nobody in. */
final readonly class KnownBrowser
{
    private const COOKIE = 'scrivlet_known';

    public function __construct(#[Autowire('%kernel.secret%')] private string $secret)
    {
    }

    /** The number of a browser in which the person of this name has signed in; null for others. */
    public function of(Request $request, string $name): ?string
    {
        [$number, $sign] = [...explode('.', $request->cookies->getString(self::COOKIE), 2), ''];

        return '' !== $number && hash_equals($this->sign($number, $name), $sign) ? $number : null;
    }

    public function cookie(Request $request, string $name): Cookie
    {
        $number = $this->of($request, $name) ?? bin2hex(random_bytes(12));

        return Cookie::create(self::COOKIE, $number.'.'.$this->sign($number, $name), '+1 year', '/', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }

    private function sign(string $number, string $name): string
    {
        return hash_hmac('sha256', "$number $name", $this->secret);
    }
}
