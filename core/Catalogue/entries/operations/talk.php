<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

// What is asked and told, and the end of a program.
return [
    new ValueOperation(OperationKey::Ask, 0, Result::Text, upTo: 1, python: 'input({*})', javaScript: '@prompt({*})', cpp: '@ask({*})'),
    new ValueOperation(OperationKey::AskWord, 0, Result::Text, python: 'input()', javaScript: '@prompt()', cpp: '@ask_word()'),
    new ValueOperation(OperationKey::NextWord, 0, Result::Text, python: '@next_word()', javaScript: '@nextWord()', cpp: '@next_word()'),
    new ValueOperation(OperationKey::AllInput, 0, Result::Text, python: 'sys.stdin.read()', javaScript: 'require("fs").readFileSync(0, "utf8")'),
    new ValueOperation(OperationKey::TypedFile, 0, Result::Unknown, python: 'sys.stdin', changes: true),
    new ValueOperation(OperationKey::Exit, 0, Result::Nothing, upTo: 1, python: 'sys.exit({*})', javaScript: 'process.exit({*})', cpp: 'exit({0})'),
    // How deep calls may stand within each other; elsewhere that is no affair of the program's.
    new ValueOperation(OperationKey::CallsWithin, 1, Result::Nothing, python: 'sys.setrecursionlimit({0})'),
    new ValueOperation(OperationKey::AnswersEnded, 0, Result::Truth, cpp: 'cin.eof()'),
    // What shows values, as a value.
    new ValueOperation(OperationKey::Printer, 0, Result::Unknown, python: 'print', javaScript: 'console.log'),
    new ValueOperation(OperationKey::Printed, 0, Result::Empty, upTo: 9, python: 'print({*})', javaScript: 'console.log({*})', changes: true),
    new ValueOperation(OperationKey::Complain, 1, Result::Nothing, python: 'print({0}, file=sys.stderr)', javaScript: 'console.error({0})', cpp: 'cerr << {0} << endl'),
    new ValueOperation(OperationKey::NextAnswer, 1, Result::Truth, upTo: 6, cpp: 'cin >> {*}'),
    new ValueOperation(OperationKey::NextLine, 1, Result::Truth, cpp: 'getline(cin, {0})'),
    new ValueOperation(OperationKey::NextSign, 1, Result::Truth, cpp: 'cin.get({0})', changes: true),
    new ValueOperation(OperationKey::SignTyped, 0, Result::Whole, cpp: 'cin.get()', changes: true),
    new ValueOperation(OperationKey::SignAhead, 0, Result::Whole, cpp: 'cin.peek()'),
];
