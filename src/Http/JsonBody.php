<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** What a script sends. */
final class JsonBody
{
    private const DEEPEST = 64;

    /**
     * @return array<mixed>
     *
     * @throws BadRequestHttpException if it is none
     */
    public static function of(Request $request): array
    {
        $data = json_decode($request->getContent(), true, self::DEEPEST);

        return \is_array($data) ? $data : throw new BadRequestHttpException('This is no JSON.');
    }
}
