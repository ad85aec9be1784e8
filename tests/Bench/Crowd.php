<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Bench;

/** Many requests at once, as the browsers of a crowd send them. */
final class Crowd
{
    /** @param list<string> $headers */
    public static function handle(string $url, string $cookies, ?string $body = null, array $headers = []): \CurlHandle
    {
        $handle = curl_init();
        \assert('' !== $url);
        curl_setopt_array($handle, [\CURLOPT_URL => $url, \CURLOPT_RETURNTRANSFER => true, \CURLOPT_ENCODING => 'gzip', \CURLOPT_COOKIEFILE => '', \CURLOPT_HTTPHEADER => $headers]);
        if ('' !== $cookies) {
            curl_setopt($handle, \CURLOPT_COOKIE, $cookies);
        }
        if (null !== $body) {
            curl_setopt_array($handle, [\CURLOPT_POST => true, \CURLOPT_POSTFIELDS => $body]);
        }

        return $handle;
    }

    /**
     * @param list<\CurlHandle> $handles sent at once
     *
     * @return list<string> their answers
     */
    public static function together(array $handles): array
    {
        $multi = curl_multi_init();
        foreach ($handles as $handle) {
            curl_multi_add_handle($multi, $handle);
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);

        return array_map(static fn (\CurlHandle $handle): string => (string) curl_multi_getcontent($handle), $handles);
    }

    public static function cookies(\CurlHandle $handle, string $before = ''): string
    {
        $found = [];
        foreach ('' === $before ? [] : explode('; ', $before) as $pair) {
            $found[explode('=', $pair, 2)[0]] = $pair;
        }
        foreach (curl_getinfo($handle, \CURLINFO_COOKIELIST) as $line) {
            $parts = explode("\t", $line);
            $found[$parts[5]] = $parts[5].'='.$parts[6];
        }

        return implode('; ', $found);
    }

    /** @param array<string, mixed> $data */
    public static function post(Seat $seat, string $what, array $data): \CurlHandle
    {
        return self::handle("$seat->desk/$what", $seat->cookies, (string) json_encode($data), ['Content-Type: application/json', "X-Csrf-Token: $seat->token"]);
    }

    public static function typed(Seat $seat, string $text): \CurlHandle
    {
        return self::post($seat, 'edits', ['revision' => $seat->revision, 'view' => 'both', 'text' => 'python', 'edit' => ['do' => 'type', 'language' => 'python', 'text' => $text]]);
    }

    public static function found(string $pattern, string $text): string
    {
        return 1 === preg_match($pattern, $text, $match) ? $match[1] ?? '' : throw new \RuntimeException("$pattern is not in: ".substr($text, 0, 300));
    }

    /** @param list<float> $times */
    public static function share(array $times, float $share): float
    {
        sort($times);

        return [] === $times ? \NAN : $times[(int) floor($share * (\count($times) - 1))];
    }
}
