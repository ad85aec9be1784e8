<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Files as streams: `ifstream in("beds.txt");`, `out.open(name, ios::app);` (C++17, 30.9). */
final class FileStreams
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Whether a type is that of a file. */
    public static function isFileStream(string $type): bool
    {
        return 'fstream' === $type || 'ifstream' === $type || 'ofstream' === $type;
    }

    /** What opens a file, at the bracket before its name. */
    private function fileOpened(string $type, Token $token): Operation
    {
        $opened = $this->parser->peek();
        if (null === $opened || !$this->parser->accept('(') && !$this->parser->accept('{')) {
            $this->parser->fail('call_brackets', $token, ['name' => $type]);
        }
        $name = $this->parser->expression();
        $words = [];
        for ($isMode = $this->parser->accept(','); $isMode && !$this->parser->is(')') && !$this->parser->is('}') && null !== $word = $this->parser->peek(); ++$this->parser->at) {
            $words[] = $word->text;
        }
        $this->parser->close($opened);
        $isIn = \in_array('in', $words, true);
        $isOut = \in_array('out', $words, true) || \in_array('app', $words, true);
        if ($isIn && $isOut || 'fstream' === $type && !$isIn && !$isOut || 'ifstream' === $type && $isOut || \in_array('ate', $words, true) || \in_array('binary', $words, true)) {
            $this->parser->fail('unsupported', $token, ['what' => $type.'(…, …)']);
        }

        return new Operation('ifstream' === $type || $isIn ? OperationKey::FileIn : (\in_array('app', $words, true) ? OperationKey::FileMore : OperationKey::FileOut), [$name]);
    }

    /** `in.open("beds.txt");`, `in.close();` */
    public function fileRow(Token $token, int $start): ?Statement
    {
        $type = $this->parser->types[$this->parser->scope][$token->text] ?? $this->parser->types[''][$token->text] ?? '';
        if ('' === $type || !self::isFileStream(rtrim($type, ' &'))) {
            return null;
        }
        $isCall = $this->parser->is('.', 1) && $this->parser->is('(', 3);
        if ($isCall && $this->parser->is('open', 2) || $this->parser->is('=', 1) && $this->parser->is(rtrim($type, ' &'), 2)) {
            $this->parser->at += 3;
            $value = $this->fileOpened(rtrim($type, ' &'), $token);
            $this->parser->semicolon();
            $this->parser->write($token->text, $token->offset);

            return $this->parser->ended(new SetVariable($this->parser->newId(), $token->text, $value), $start);
        }
        if ($isCall && $this->parser->is('close', 2) && $this->parser->is(')', 4)) {
            $this->parser->at += 5;
            $this->parser->semicolon();
            $this->parser->read($token->text, $token->offset);

            return $this->parser->ended(new Perform($this->parser->newId(), new Operation(OperationKey::ClosedStream, [new VariableRead($token->text)])), $start);
        }

        return null;
    }

    /** A stream of a file, as it is declared: with a name, or without any yet. */
    public function fileDeclared(string $type, Token $name): Operation
    {
        if ($this->parser->accept('=')) {
            $this->parser->at += $this->parser->is('std') && $this->parser->is('::', 1) ? 2 : 0;
            $this->parser->accept($type) || $this->parser->fail('unsupported', $name, ['what' => "$type … = …"]);
        }

        return $this->parser->is('(') || $this->parser->is('{') ? $this->fileOpened($type, $name) : new Operation(OperationKey::TextStream, [new TextLiteral('')]);
    }
}
