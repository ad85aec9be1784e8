<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// Streams of C++.
return [
    new ValueOperation(OperationKey::ConsoleStream, 0, Result::Stream, cpp: 'cout'),
    new ValueOperation(OperationKey::AnswerStream, 0, Result::Stream, cpp: 'cin'),
    new ValueOperation(OperationKey::TextStream, 1, Result::Stream, cpp: 'stringstream({0})'),
    new ValueOperation(OperationKey::FileIn, 1, Result::Stream, cpp: 'ifstream({0})'),
    new ValueOperation(OperationKey::FileOut, 1, Result::Stream, cpp: 'ofstream({0})'),
    new ValueOperation(OperationKey::FileMore, 1, Result::Stream, cpp: 'ofstream({0}, ios::app)'),
    new ValueOperation(OperationKey::OpenStream, 1, Result::Truth, cpp: '{0}.is_open()'),
    new ValueOperation(OperationKey::FailedStream, 1, Result::Truth, cpp: '{0}.fail()'),
    new ValueOperation(OperationKey::GoodStream, 1, Result::Truth, cpp: '{0}.good()'),
    new ValueOperation(OperationKey::EndedStream, 1, Result::Truth, cpp: '{0}.eof()'),
    new ValueOperation(OperationKey::ClosedStream, 1, Result::Nothing, cpp: '{0}.close()'),
    new ValueOperation(OperationKey::NextOf, 2, Result::Truth, upTo: 7, cpp: '({0} >> {1})'),
    new ValueOperation(OperationKey::LineOf, 2, Result::Truth, upTo: 3, cpp: 'getline({*})'),
    new ValueOperation(OperationKey::PutOn, 2, Result::Nothing, cpp: '{0} << {1}'),
    new ValueOperation(OperationKey::ToldForm, 1, Result::Text, upTo: 3, cpp: '{0}'),
    new ValueOperation(OperationKey::ShownFormed, 1, Result::Text, upTo: 3, cpp: '{0}'),
    new ValueOperation(OperationKey::StreamedText, 1, Result::Text, cpp: '{0}.str()'),
    new ValueOperation(OperationKey::StreamedSet, 2, Result::Nothing, cpp: '{0}.str({1})'),
    new ValueOperation(OperationKey::StreamCleared, 1, Result::Nothing, cpp: '{0}.clear()'),
];
