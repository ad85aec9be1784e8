<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Bench;

/** One person at the running application, signed in, with one connection that stays. */
final class Client
{
    private const PERSON = ['_username' => 'juniper@fernhollow.example', '_password' => 'garden-gate'];

    private readonly \CurlHandle $curl;
    private readonly string $token;

    public function __construct(private readonly string $address)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => '', \CURLOPT_ENCODING => 'gzip', \CURLOPT_FOLLOWLOCATION => true]);
        $signIn = self::found('/name="_csrf_token" value="([^"]+)"/', $this->request('/sign-in'));
        $shelf = $this->request('/sign-in', http_build_query([...self::PERSON, '_csrf_token' => $signIn]));
        $this->token = self::found('/name="csrf" content="([^"]+)"/', $shelf);
    }

    /**
     * @param string|array<string, mixed>|null $body    nothing for GET
     * @param list<string>                     $headers
     */
    public function request(string $path, string|array|null $body = null, array $headers = []): string
    {
        /** @var non-empty-string $url */
        $url = str_starts_with($path, 'http') ? $path : $this->address.$path;
        curl_setopt($this->curl, \CURLOPT_URL, $url);
        curl_setopt($this->curl, null === $body ? \CURLOPT_HTTPGET : \CURLOPT_POST, true);
        if (null !== $body) {
            curl_setopt($this->curl, \CURLOPT_POSTFIELDS, $body);
        }
        curl_setopt($this->curl, \CURLOPT_HTTPHEADER, $headers);

        return (string) curl_exec($this->curl);
    }

    /** Opens a project file. @return string the address of its desk */
    public function open(string $project): string
    {
        $file = tempnam(sys_get_temp_dir(), 'bench').'.scrivlet.json';
        file_put_contents($file, $project);
        $this->request('/programs/open', ['_token' => $this->token, 'files[]' => new \CURLFile($file, 'application/json', 'bench.scrivlet.json')]);
        unlink($file);

        return $this->here();
    }

    /** @return string the address of the new program's desk */
    public function begin(string $name): string
    {
        $this->request('/programs/new', ['_token' => $this->token, 'name' => $name]);

        return $this->here();
    }

    /**
     * @param array<string, mixed> $edit
     *
     * @return array{int, float} the revision that it made, and the milliseconds to its answer
     */
    public function edit(string $desk, int $revision, array $edit, string $text = 'python'): array
    {
        $body = (string) json_encode(['revision' => $revision, 'view' => 'both', 'text' => $text, 'edit' => $edit]);
        $before = hrtime(true);
        $answer = $this->request("$desk/edits", $body, ['Content-Type: application/json', "X-Csrf-Token: $this->token"]);
        $time = (hrtime(true) - $before) / 1e6;
        $revision = json_decode($answer, true)['revision'] ?? null;

        return [\is_int($revision) ? $revision : throw new \RuntimeException('The edit was refused: '.substr($answer, 0, 400)), $time];
    }

    /** The milliseconds to the smallest answer that the same application can give. */
    public function least(): float
    {
        $before = hrtime(true);
        $this->request('/health');

        return (hrtime(true) - $before) / 1e6;
    }

    public static function found(string $pattern, string $text): string
    {
        return 1 === preg_match($pattern, $text, $match) ? $match[1] ?? '' : throw new \RuntimeException("$pattern is not on the page.");
    }

    private function here(): string
    {
        return (string) curl_getinfo($this->curl, \CURLINFO_EFFECTIVE_URL);
    }
}
