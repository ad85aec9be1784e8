<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Streams of C++.
return [
    new ValueOperation(OperationKey::ConsoleStream, 0, Result::Stream, cpp: 'cout'),
    new ValueOperation(OperationKey::TextStream, 1, Result::Stream, cpp: 'stringstream({0})'),
    new ValueOperation(OperationKey::NextOf, 2, Result::Truth, upTo: 7, cpp: '({0} >> {1})'),
    new ValueOperation(OperationKey::LineOf, 2, Result::Truth, upTo: 3, cpp: 'getline({*})'),
    new ValueOperation(OperationKey::PutOn, 2, Result::Nothing, cpp: '{0} << {1}'),
    new ValueOperation(OperationKey::ToldForm, 1, Result::Text, upTo: 3, cpp: '{0}'),
    new ValueOperation(OperationKey::ShownFormed, 1, Result::Text, upTo: 3, cpp: '{0}'),
    new ValueOperation(OperationKey::StreamedText, 1, Result::Text, cpp: '{0}.str()'),
    new ValueOperation(OperationKey::StreamedSet, 2, Result::Nothing, cpp: '{0}.str({1})'),
];
