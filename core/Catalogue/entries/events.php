<?php

declare(strict_types=1);

use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Catalogue\Slot;

return [
    new Entry('wait', Kind::Event, [Slot::number('seconds', 1, 'seconds', 0, 3600)], command: true, icon: 'hourglass', takesTime: true),
    new Entry('announce', Kind::Event, [Slot::any('message', 'ready')], command: true, icon: 'megaphone'),
    new Entry('on_announced', Kind::Event, [Slot::any('message', 'ready')], Goes::InScript),
    new Entry('when_announced', Kind::Event, [Slot::any('message', 'ready'), Slot::handler('handler')], command: true, fromText: true),
];
