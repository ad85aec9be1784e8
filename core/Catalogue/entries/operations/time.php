<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// When time has passed.
return [
    new ValueOperation(OperationKey::Later, 2, Result::Natural, javaScript: 'setTimeout({0}, {1})', changes: true),
    new ValueOperation(OperationKey::AgainAndAgain, 2, Result::Natural, javaScript: 'setInterval({0}, {1})', changes: true),
    new ValueOperation(OperationKey::CalledOff, 1, Result::Nothing, javaScript: ['clearTimeout({0})', 'clearInterval({0})']),
];
