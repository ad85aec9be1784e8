<?php

declare(strict_types=1);

namespace Scrivlet\App\Device;

use Scrivlet\App\Entity\Program;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Where devices and desks listen: nginx keeps their connections, so that no PHP worker waits for anybody. Publishing
 * goes over a socket that only this machine has; listening needs the channel's name, which cannot be guessed.
 */
final readonly class Channels
{
    private const SECONDS = 2;

    public function __construct(#[Autowire('%env(default:events_socket:SCRIVLET_EVENTS)%')] private string $socket, #[Autowire('%kernel.secret%')] private string $secret)
    {
    }

    /** What a program's desk listens on. */
    public function ofProgram(Program $program): string
    {
        return $this->named('program '.$program->id());
    }

    /** A channel that nobody guesses who does not have the application's secret. */
    public function named(string $what): string
    {
        return substr(hash_hmac('sha256', $what, $this->secret), 0, 32);
    }

    /**
     * @param array<string, mixed> $data
     *
     * @return bool whether it was taken; somebody who listens later hears the last one
     */
    public function publish(string $channel, array $data): bool
    {
        $request = curl_init();
        curl_setopt_array($request, [
            \CURLOPT_URL => "http://localhost/publish/$channel",
            \CURLOPT_UNIX_SOCKET_PATH => '' === $this->socket ? null : $this->socket,
            \CURLOPT_POSTFIELDS => json_encode($data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE),
            \CURLOPT_HTTPHEADER => ['Content-Type: application/json'],
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT => self::SECONDS,
        ]);
        curl_exec($request);
        $status = curl_getinfo($request, \CURLINFO_RESPONSE_CODE);
        curl_close($request);

        return $status >= 200 && $status < 300;
    }
}
