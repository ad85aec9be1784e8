<?php

declare(strict_types=1);

namespace Scrivlet\App\Reference;

use Scrivlet\Core\Reference\Reference;

/** The entries of the reference under the headings of the drawer; what was looked for has one heading, the best first. */
final class ReferenceList
{
    /** @return array<string, list<array{key: string, title: string, kind: string}>> by the message of the heading; none where nothing is found */
    public static function of(Reference $reference, string $words): array
    {
        $list = [];
        foreach ($reference->search($words) as $key) {
            $heading = '' !== trim($words) ? 'reference.all' : $reference->heading($key);
            $list[$heading][] = ['key' => $key, 'title' => $reference->title($key), 'kind' => $reference->kind($key)->value];
        }

        return $list;
    }
}
