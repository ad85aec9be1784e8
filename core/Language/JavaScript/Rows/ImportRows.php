<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;

/** What is brought in, by `import` and by `require`. */
final class ImportRows
{
    private const FILE_CALLS = [
        'readFileSync' => [OperationKey::FileText, 1], 'writeFileSync' => [OperationKey::FileTextPut, 2], 'appendFileSync' => [OperationKey::FileTextAdded, 2],
        'existsSync' => [OperationKey::FileThere, 1], 'unlinkSync' => [OperationKey::FileGone, 1], 'rmSync' => [OperationKey::FileGone, 1],
    ];
    /** @var array<string, string> names that stand for what the library can do, and which of it */
    public array $fileCalls = [];

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /** `{ readFileSync, existsSync as there }`, or with `:`, from the brace on: how many tokens it is long; null where other things are taken from the library. */
    private function fileCallsFrom(int $at): ?int
    {
        $found = [];
        for ($start = $at++; '}' !== ($this->parser->tokens[$at]->text ?? '}'); $at += ',' === ($this->parser->tokens[$at]->text ?? '') ? 1 : 0) {
            $call = $this->parser->tokens[$at]->text;
            $isRenamed = \in_array($this->parser->tokens[$at + 1]->text ?? '', ['as', ':'], true);
            $name = $this->parser->tokens[$at + ($isRenamed ? 2 : 0)] ?? null;
            if (!isset(self::FILE_CALLS[$call]) || TokenKind::Name !== $name?->kind) {
                return null;
            }
            $found[$name->text] = $call;
            $at += $isRenamed ? 3 : 1;
        }
        $this->fileCalls += $found;

        return $at + 1 - $start;
    }

    /**
     * All that is typed in is the file 0 (POSIX.1-2017, 2.5.1).
     *
     * @param list<Argument> $arguments
     */
    public function fileCallOf(string $call, array $arguments, Token $token): Expression
    {
        if (!isset(self::FILE_CALLS[$call])) {
            $this->parser->fail('unsupported', $token, ['what' => "fs.$call"]);
        }
        $file = $arguments[0]->value ?? null;
        if ('readFileSync' === $call && ($file == new NumberLiteral(0) || $file == new TextLiteral('/dev/stdin'))) {
            return new Operation(OperationKey::AllInput);
        }
        [$key, $wanted] = self::FILE_CALLS[$call];
        $form = $arguments[$wanted]->value ?? null;
        $form = $form instanceof MapLiteral && 2 === \count($form->entries) && $form->entries[0] == new TextLiteral('encoding') ? $form->entries[1] : $form;
        // Without a word for its letters a file is read as bytes, which are shown in another way.
        $isText = $form instanceof TextLiteral && \in_array(strtolower($form->value), ['utf8', 'utf-8', 'ascii', 'latin1'], true)
            || null === $form && ('readFileSync' !== $call || $this->parser->is('.') && $this->parser->is('toString', 1));
        if (!$isText || \count($arguments) < $wanted) {
            $this->parser->fail('unsupported', $token, ['what' => "$call(…)"]);
        }

        return new Operation($key, array_map(static fn (Argument $argument): Expression => $argument->value, \array_slice($arguments, 0, $wanted)));
    }

    /** Behind `import { readFileSync } from "fs"`; null where something else is brought in. */
    public function fileImport(): ?int
    {
        $closed = $this->parser->is('{', 1) ? ($this->parser->partners[$this->parser->at + 1] ?? 0) : 0;
        $isOfFiles = 0 < $closed && 'from' === ($this->parser->tokens[$closed + 1]->text ?? '') && \in_array($this->textIn($closed + 2), ['fs', 'node:fs'], true);

        return $isOfFiles && null !== $this->fileCallsFrom($this->parser->at + 1) ? $closed + 3 : null;
    }

    private function textIn(int $index): ?string
    {
        $token = $this->parser->tokens[$index] ?? null;

        return TokenKind::Text === $token?->kind && 1 === preg_match('/^(["\'])(.*)\1$/D', $token->text, $match) ? $match[2] : null;
    }

    /** The name for a library of the machine's own that is brought in here: `import fs from "fs";`, `import * as fs from "node:fs";`. */
    public function machineImport(): ?string
    {
        $isAll = $this->parser->is('*', 1) && $this->parser->is('as', 2);
        $name = $this->parser->peek($isAll ? 3 : 1);
        $file = $this->parser->is('from', $isAll ? 4 : 2) ? $this->parser->textAt($isAll ? 5 : 3) : null;

        return TokenKind::Name === $name?->kind && \in_array($file, ['fs', 'node:fs', 'readline', 'node:readline'], true) ? $name->text : null;
    }

    public function import(): void
    {
        ++$this->parser->at;
        $opened = $this->parser->peek();
        if (null === $opened || '{' !== $opened->text) {
            $this->parser->fail('import_braces', $opened);
        }
        ++$this->parser->at;
        while (!$this->parser->is('}')) {
            $name = $this->parser->peek();
            if (null === $name || TokenKind::Name !== $name->kind) {
                $this->parser->fail('name_missing', $name);
            }
            ++$this->parser->at;
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);
        if (!$this->parser->accept('from')) {
            $this->parser->fail('from_missing');
        }
        $file = $this->parser->peek();
        if (null !== $file && TokenKind::Unread === $file->kind) {
            $this->parser->strange($file);
        }
        if (null === $file || TokenKind::Text !== $file->kind) {
            $this->parser->fail('quotes_missing', $file, ['name' => './scrivlet.js']);
        }
        ++$this->parser->at;
        if (!\in_array($this->parser->quoted($file), ['./scrivlet.js', 'scrivlet', './scrivlet.mjs'], true)) {
            $this->parser->mistake('unknown_library', $file->offset, \strlen($file->text), ['name' => $this->parser->quoted($file)], [new Replacement($file->offset, \strlen($file->text), '"./scrivlet.js"')]);
        }
        $this->parser->semicolon();
    }

    /** `const fs = require("fs");`, `const reader = readline.createInterface({ … });`: no other language needs such rows. */
    public function broughtIn(Token $token): ?Import
    {
        $name = $this->parser->peek();
        $length = '{' === $name?->text && isset($this->parser->partners[$this->parser->at]) && 'require' === ($this->parser->tokens[$this->parser->partners[$this->parser->at] + 2]->text ?? '')
            && \in_array($this->textIn($this->parser->partners[$this->parser->at] + 4), ['fs', 'node:fs'], true) ? $this->fileCallsFrom($this->parser->at) : null;
        if (null !== $length) {
            $this->parser->at += $length + 5;
            $this->parser->semicolon();
            $row = new Import($this->parser->newId(), rtrim(substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset)), $this->parser->language()->value);
            $this->parser->ended($row, $token->offset);

            return $row;
        }
        $call = $this->parser->is('=', 1) ? $this->parser->peek(2) : null;
        if (null === $name || TokenKind::Name !== $name->kind || null === $call) {
            return null;
        }
        $at = $this->parser->at + 2;
        if ('require' === $call->text && $this->parser->is('(', 3) && TokenKind::Text === $this->parser->peek(4)?->kind && $this->parser->is(')', 5)) {
            $library = preg_replace('/^node:/', '', $this->parser->quoted($this->parser->peek(4) ?? $call));
            if ('fs' !== $library && 'readline' !== $library) {
                $this->parser->symbols->silenced[$name->text] = true;

                return null;
            }
            $at += 4;
            $isReader = 'readline' === $library && '.' === ($this->parser->tokens[$at]->text ?? '') && 'createInterface' === ($this->parser->tokens[$at + 1]->text ?? '');
            $this->parser->brought[$name->text] = $isReader ? 'reader' : $library;
        } elseif ('readline' === ($this->parser->brought[$call->text] ?? '') && $this->parser->is('.', 3) && $this->parser->is('createInterface', 4)) {
            $isReader = true;
            $this->parser->brought[$name->text] = 'reader';
            ++$at;
        } else {
            return null;
        }
        if ($isReader) {
            $closing = $this->parser->closingOf($at + 2);
            if (null === $closing) {
                return null;
            }
            $at = $closing + 1;
        }
        if (';' !== ($this->parser->tokens[$at]->text ?? ';') && !isset($this->parser->begins[$at])) {
            unset($this->parser->brought[$name->text]);

            return null;
        }
        $this->parser->at = $at;
        $this->parser->semicolon();
        $row = new Import($this->parser->newId(), rtrim(substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset)), $this->parser->language()->value);
        $this->parser->ended($row, $token->offset);

        return $row;
    }
}
