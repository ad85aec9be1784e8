<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// From one kind of value to another.
return [
    new ValueOperation(OperationKey::ToBig, 1, Result::Unknown, javaScript: 'BigInt({0})'),
    new ValueOperation(OperationKey::OneOf, 1, Result::Unknown, javaScript: "(typeof {0} === 'bigint' ? 1n : 1)"),
    new ValueOperation(OperationKey::Tabled, 1, Result::Text, upTo: 2, javaScript: 'tabled({*})'),
    new ValueOperation(OperationKey::Logged, 2, Result::Text, upTo: 12, javaScript: '{*}'),
    new ValueOperation(OperationKey::ToText, 1, Result::Text, python: 'str({0})', javaScript: ['String({0})', '{0}.toString()'], cpp: ['@to_text({0})', 'whole?to_string({0})', 'text?string({0})', 'letter?string(1, {0})']),
    new ValueOperation(OperationKey::Spelled, 1, Result::Text, python: 'format({0}, ".6f")', javaScript: '{0}.toFixed(6)', cpp: 'to_string({0})'),
    new ValueOperation(OperationKey::ToWhole, 1, Result::Whole, python: 'int({0})', javaScript: ['Math.trunc({0})', 'text?parseInt({0})'], cpp: ['int({0})', 'text?stoi({0})', 'letter?stoi(string(1, {0}))']),
    new ValueOperation(OperationKey::FromBase, 2, Result::Whole, python: 'int({0}, {1})', javaScript: 'parseInt({0}, {1})', cpp: 'stoi({0}, nullptr, {1})'),
    new ValueOperation(OperationKey::InBase, 2, Result::Text, python: '@in_base({0}, {1})', javaScript: '{0}.toString({1})', cpp: '@in_base({0}, {1})'),
    new ValueOperation(OperationKey::ToLong, 1, Result::Long, python: 'int({0})', javaScript: ['Math.trunc({0})', 'text?parseInt({0})'], cpp: ['static_cast<long long>({0})', 'text?stoll({0})', 'letter?stoll(string(1, {0}))', 'stol({0})']),
    new ValueOperation(OperationKey::ToUnsigned, 1, Result::Unsigned, python: 'int({0})', javaScript: 'Math.trunc({0})', cpp: 'static_cast<unsigned int>({0})'),
    new ValueOperation(OperationKey::ToUnsignedLong, 1, Result::UnsignedLong, python: 'int({0})', javaScript: 'Math.trunc({0})', cpp: 'static_cast<unsigned long long>({0})'),
    new ValueOperation(OperationKey::ToNumber, 1, Result::Number, python: 'float({0})', javaScript: ['Number({0})', 'text?Number({0})'], cpp: ['double({0})', 'text?stod({0})', 'letter?stod(string(1, {0}))']),
    new ValueOperation(OperationKey::LeadingNumber, 1, Result::Number, python: 'float({0})', javaScript: ['parseFloat({0})', 'Number.parseFloat({0})'], cpp: ['double({0})', 'text?stod({0})', 'letter?stod(string(1, {0}))']),
    new ValueOperation(OperationKey::WholeInFront, 1, Result::Whole, cpp: 'atoi(string({0}).c_str())'),
    new ValueOperation(OperationKey::NumberInFront, 1, Result::Number, cpp: 'atof(string({0}).c_str())'),
    new ValueOperation(OperationKey::ToTruth, 1, Result::Truth, python: 'bool({0})', javaScript: 'Boolean({0})', cpp: 'bool({0})'),
    new ValueOperation(OperationKey::Binary, 1, Result::Text, python: 'bin({0})'),
    new ValueOperation(OperationKey::Hexadecimal, 1, Result::Text, python: 'hex({0})'),
    new ValueOperation(OperationKey::Octal, 1, Result::Text, python: 'oct({0})'),
    new ValueOperation(OperationKey::Written, 1, Result::Text, python: 'repr({0})'),
];
