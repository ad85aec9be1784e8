<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// The bits of whole numbers.
return [
    new ValueOperation(OperationKey::BitAnd, 2, Result::Whole, python: '1|{0:7} & {1:7}', javaScript: '1|{0:7} & {1:7}', cpp: '1|{0:7} & {1:7}'),
    new ValueOperation(OperationKey::BitOr, 2, Result::Whole, python: '1|{0:7} | {1:7}', javaScript: '1|{0:7} | {1:7}', cpp: '1|{0:7} | {1:7}'),
    new ValueOperation(OperationKey::BitXor, 2, Result::Whole, python: '1|{0:7} ^ {1:7}', javaScript: '1|{0:7} ^ {1:7}', cpp: '1|{0:7} ^ {1:7}'),
    new ValueOperation(OperationKey::BitNot, 1, Result::Whole, python: '1|~{0:9}', javaScript: '1|~{0:9}', cpp: '1|~{0:9}'),
    new ValueOperation(OperationKey::BitCount, 1, Result::Natural, cpp: '__builtin_popcountll({0})'),
    new ValueOperation(OperationKey::BitLength, 1, Result::Whole, python: '{0}.bit_length()'),
    new ValueOperation(OperationKey::ShiftedLeft, 2, Result::Whole, python: '1|{0:7} << {1:7}', javaScript: '1|{0:7} << {1:7}', cpp: '1|{0:7} << {1:7}'),
    new ValueOperation(OperationKey::ShiftedRight, 2, Result::Whole, python: '1|{0:7} >> {1:7}', javaScript: '1|{0:7} >> {1:7}', cpp: '1|{0:7} >> {1:7}'),
    new ValueOperation(OperationKey::ShiftedPlain, 2, Result::Natural, javaScript: '1|{0:7} >>> {1:7}'),
];
