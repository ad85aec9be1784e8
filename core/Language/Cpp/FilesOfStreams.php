<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Files as streams: `ifstream in("beds.txt");`, `out.open(name, ios::app);` (C++17, 30.9). */
trait FilesOfStreams
{
    /** Whether a type is that of a file. */
    private static function isFileStream(string $type): bool
    {
        return 1 === preg_match('/^[io]?fstream$/D', $type);
    }

    /** What opens a file, at the bracket before its name. */
    private function fileOpened(string $type, Token $token): Operation
    {
        $opened = $this->peek();
        if (null === $opened || !$this->accept('(') && !$this->accept('{')) {
            $this->fail('call_brackets', $token, ['name' => $type]);
        }
        $name = $this->expression();
        $words = [];
        for ($isMode = $this->accept(','); $isMode && !$this->is(')') && !$this->is('}') && null !== $word = $this->peek(); ++$this->at) {
            $words[] = $word->text;
        }
        $this->close($opened);
        $isIn = \in_array('in', $words, true);
        $isOut = \in_array('out', $words, true) || \in_array('app', $words, true);
        if ($isIn && $isOut || 'fstream' === $type && !$isIn && !$isOut || 'ifstream' === $type && $isOut || \in_array('ate', $words, true) || \in_array('binary', $words, true)) {
            $this->fail('unsupported', $token, ['what' => $type.'(…, …)']);
        }

        return new Operation('ifstream' === $type || $isIn ? OperationKey::FileIn : (\in_array('app', $words, true) ? OperationKey::FileMore : OperationKey::FileOut), [$name]);
    }

    /** `in.open("beds.txt");`, `in.close();` */
    private function fileRow(Token $token, int $start): ?Statement
    {
        $type = $this->types[$this->scope][$token->text] ?? $this->types[''][$token->text] ?? '';
        if (!self::isFileStream(rtrim($type, ' &'))) {
            return null;
        }
        $isCall = $this->is('.', 1) && $this->is('(', 3);
        if ($isCall && $this->is('open', 2) || $this->is('=', 1) && $this->is(rtrim($type, ' &'), 2)) {
            $this->at += 3;
            $value = $this->fileOpened(rtrim($type, ' &'), $token);
            $this->semicolon();
            $this->write($token->text, $token->offset);

            return $this->ended(new SetVariable($this->newId(), $token->text, $value), $start);
        }
        if ($isCall && $this->is('close', 2) && $this->is(')', 4)) {
            $this->at += 5;
            $this->semicolon();
            $this->read($token->text, $token->offset);

            return $this->ended(new Perform($this->newId(), new Operation(OperationKey::ClosedStream, [new VariableRead($token->text)])), $start);
        }

        return null;
    }

    /** A stream of a file, as it is declared: with a name, or without any yet. */
    private function fileDeclared(string $type, Token $name): Operation
    {
        if ($this->accept('=')) {
            $this->at += $this->is('std') && $this->is('::', 1) ? 2 : 0;
            $this->accept($type) || $this->fail('unsupported', $name, ['what' => "$type … = …"]);
        }

        return $this->is('(') || $this->is('{') ? $this->fileOpened($type, $name) : new Operation(OperationKey::TextStream, [new TextLiteral('')]);
    }
}
