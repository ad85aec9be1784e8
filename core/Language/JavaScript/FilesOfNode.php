<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;

/** Files, as a whole: `fs.readFileSync("beds.txt", "utf8")` (Node.js, File system). */
trait FilesOfNode
{
    private const FILE_CALLS = [
        'readFileSync' => [OperationKey::FileText, 1], 'writeFileSync' => [OperationKey::FileTextPut, 2], 'appendFileSync' => [OperationKey::FileTextAdded, 2],
        'existsSync' => [OperationKey::FileThere, 1], 'unlinkSync' => [OperationKey::FileGone, 1], 'rmSync' => [OperationKey::FileGone, 1],
    ];

    /** @var array<string, string> names that stand for what the library can do, and which of it */
    private array $fileCalls = [];

    /** `{ readFileSync, existsSync as there }`, or with `:`, from the brace on: how many tokens it is long; null where other things are taken from the library. */
    private function fileCallsFrom(int $at): ?int
    {
        $found = [];
        for ($start = $at++; '}' !== ($this->tokens[$at]->text ?? '}'); $at += ',' === ($this->tokens[$at]->text ?? '') ? 1 : 0) {
            $call = $this->tokens[$at]->text;
            $isRenamed = \in_array($this->tokens[$at + 1]->text ?? '', ['as', ':'], true);
            $name = $this->tokens[$at + ($isRenamed ? 2 : 0)] ?? null;
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
    protected function fileCallOf(string $call, array $arguments, Token $token): Expression
    {
        if (!isset(self::FILE_CALLS[$call])) {
            $this->fail('unsupported', $token, ['what' => "fs.$call"]);
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
            || null === $form && ('readFileSync' !== $call || $this->is('.') && $this->is('toString', 1));
        if (!$isText || \count($arguments) < $wanted) {
            $this->fail('unsupported', $token, ['what' => "$call(…)"]);
        }

        return new Operation($key, array_map(static fn (Argument $argument): Expression => $argument->value, \array_slice($arguments, 0, $wanted)));
    }
}
