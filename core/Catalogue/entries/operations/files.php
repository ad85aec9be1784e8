<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Files.
return [
    new ValueOperation(OperationKey::FileOpened, 1, Result::Unknown, upTo: 2, python: 'open({*})', changes: true),
    new ValueOperation(OperationKey::FileRead, 1, Result::Text, python: '{0}.read()', changes: true),
    new ValueOperation(OperationKey::FileLine, 1, Result::Text, python: '{0}.readline()', changes: true),
    new ValueOperation(OperationKey::FileLines, 1, Result::Texts, python: '{0}.readlines()', changes: true),
    new ValueOperation(OperationKey::FileWritten, 2, Result::Natural, python: '{0}.write({1})', changes: true),
    new ValueOperation(OperationKey::FileLinesWritten, 2, Result::Nothing, python: '{0}.writelines({1})'),
    new ValueOperation(OperationKey::FileClosed, 1, Result::Nothing, python: '{0}.close()'),
    new ValueOperation(OperationKey::FileThere, 1, Result::Truth, python: 'os.path.exists({0})', javaScript: 'require("fs").existsSync({0})'),
    new ValueOperation(OperationKey::FileGone, 1, Result::Nothing, python: 'os.remove({0})', javaScript: 'require("fs").unlinkSync({0})', cpp: 'remove({0})'),
    new ValueOperation(OperationKey::FileText, 1, Result::Text, javaScript: 'require("fs").readFileSync({0}, "utf8")'),
    new ValueOperation(OperationKey::FileTextPut, 2, Result::Nothing, javaScript: 'require("fs").writeFileSync({0}, {1})'),
    new ValueOperation(OperationKey::FileTextAdded, 2, Result::Nothing, javaScript: 'require("fs").appendFileSync({0}, {1})'),
];
