<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// JSON.
return [
    new ValueOperation(OperationKey::Json, 1, Result::Text, javaScript: 'JSON.stringify({0})'),
    new ValueOperation(OperationKey::JsonSpaced, 1, Result::Text, python: 'json.dumps({0})'),
    new ValueOperation(OperationKey::JsonLaidOut, 2, Result::Text, python: 'json.dumps({0}, indent={1})', javaScript: 'JSON.stringify({0}, null, {1})'),
    new ValueOperation(OperationKey::JsonFormed, 4, Result::Text, python: 'json.dumps({0}, indent={1}, sort_keys={2}, ensure_ascii={3})'),
    new ValueOperation(OperationKey::FromJson, 1, Result::Parsed, python: 'json.loads({0})', javaScript: 'JSON.parse({0})'),
];
