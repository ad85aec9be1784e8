<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

use Scrivlet\Core\Words\Words;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\Translation\Loader\LoaderInterface;
use Symfony\Component\Translation\MessageCatalogue;

/** Gives the application's translator the words that everything else speaks with. */
#[AutoconfigureTag('translation.loader', ['alias' => 'words'])]
final class WordsLoader implements LoaderInterface
{
    public function load(mixed $resource, string $locale, string $domain = 'messages'): MessageCatalogue
    {
        return new MessageCatalogue($locale, [$domain => Words::in($locale)->messages]);
    }
}
