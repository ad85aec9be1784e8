<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

return [
    new Entry('wait', Kind::Event, ['en' => 'wait {seconds} seconds', 'fr' => 'attendre {seconds} secondes'], [Slot::number('seconds', 1, 'seconds', 0, 3600)], ['en' => 'The next row comes later; other scripts go on meanwhile.', 'fr' => 'La ligne suivante vient plus tard ; les autres scripts continuent.'], command: true, icon: 'hourglass', takesTime: true),
    new Entry('announce', Kind::Event, ['en' => 'announce {message}', 'fr' => 'annoncer {message}'], [Slot::any('message', 'ready')], ['en' => 'Starts all scripts that wait for this message.', 'fr' => 'Démarre tous les scripts qui attendent ce message.'], command: true, icon: 'megaphone'),
    new Entry('on_announced', Kind::Event, ['en' => 'when {message} is announced', 'fr' => 'quand {message} est annoncé'], [Slot::any('message', 'ready')], ['en' => 'The rows inside run each time some script announces the message.', 'fr' => 'Les lignes à l’intérieur s’exécutent chaque fois qu’un script annonce le message.'], Goes::InScript),
    new Entry('when_announced', Kind::Event, ['en' => 'when {message} is announced, do {handler}', 'fr' => 'quand {message} est annoncé, faire {handler}'], [Slot::any('message', 'ready'), Slot::handler('handler')], command: true, fromText: true),
];
