<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

/** The addresses of built scripts and styles; their names change with their contents. */
final class BuiltAssets
{
    /** @var array<string, array{file: string, css?: list<string>, imports?: list<string>}>|null */
    private ?array $manifest = null;

    public function __construct(private readonly string $publicFolder)
    {
    }

    public function script(string $entry): string
    {
        return '/build/'.$this->entry($entry)['file'];
    }

    /** @return list<string> those of the parts that it shares with other entries first */
    public function styles(string $entry): array
    {
        $part = $this->entry($entry);
        $files = [];
        foreach ($part['imports'] ?? [] as $import) {
            $files = [...$files, ...$this->manifest[$import]['css'] ?? []];
        }

        return array_map(static fn (string $file): string => "/build/$file", array_values(array_unique([...$files, ...$part['css'] ?? []])));
    }

    /** The icons as SVG symbols, for the page to hold. */
    public function icons(): string
    {
        return (string) @file_get_contents($this->publicFolder.'/build/icons.html');
    }

    /** @return array{file: string, css?: list<string>, imports?: list<string>} */
    private function entry(string $entry): array
    {
        if (null === $this->manifest) {
            $json = @file_get_contents($this->publicFolder.'/build/.vite/manifest.json');
            /** @var array<string, array{file: string, css?: list<string>, imports?: list<string>}> $manifest */
            $manifest = false === $json ? [] : json_decode($json, true, 8, \JSON_THROW_ON_ERROR);
            $this->manifest = $manifest;
        }

        return $this->manifest["assets/$entry"] ?? throw new \RuntimeException("assets/$entry is not built; run bin/start.");
    }
}
