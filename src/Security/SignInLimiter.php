<?php

declare(strict_types=1);

namespace Scrivlet\App\Security;

use Symfony\Component\HttpFoundation\RateLimiter\AbstractRequestRateLimiter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Security\Http\SecurityRequestAttributes;

/** Slows down guessing of passwords, for one name and for one address; a whole class signs in from one address. */
final class SignInLimiter extends AbstractRequestRateLimiter
{
    public function __construct(private readonly RateLimiterFactory $byName, private readonly RateLimiterFactory $byAddress)
    {
    }

    protected function getLimiters(Request $request): array
    {
        $name = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME, '');
        $name = \is_string($name) ? mb_strtolower($name) : '';

        return [
            $this->byAddress->create($request->getClientIp()),
            $this->byName->create(hash('xxh128', $name.'-'.$request->getClientIp())),
        ];
    }
}
