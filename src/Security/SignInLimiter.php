<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Symfony\Component\HttpFoundation\RateLimiter\AbstractRequestRateLimiter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/**
 * Slows down guessing of passwords, for one name and for one address; a whole class signs in from one address.
 *
 * A browser in which a person has signed in before is counted apart, so that nobody who guesses at their name, not even
 * from the same room, locks them out.
 */
final class SignInLimiter extends AbstractRequestRateLimiter
{
    public function __construct(private readonly RateLimiterFactory $byName, private readonly RateLimiterFactory $byAddress, private readonly KnownBrowser $known)
    {
    }

    protected function getLimiters(Request $request): array
    {
        $name = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME, '');
        $name = UserRepository::normal(\is_string($name) ? $name : '');
        $browser = $this->known->of($request, $name);
        $by = null === $browser ? [$this->byAddress->create($request->getClientIp())] : [];

        return [...$by, $this->byName->create(hash('xxh128', $name.'-'.($browser ?? $request->getClientIp())))];
    }
}
