<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * By what names a typed text calls what it brings in from modules (The Python Language Reference, 7.11): a printed row says `Counter`
 * where the text has `from collections import Counter`, and `rnd.choice` where it has `import random as rnd`.
 */
final class BroughtNames
{
    /** @var array<string, string> the name in the text, by the module and the name in it: `collections.Counter` */
    private array $members = [];
    /** @var array<string, string> the name in the text, by that of the module */
    private array $modules = [];

    public function __construct(string $text, private readonly Language $language)
    {
        if (!$language->notation()->indents) {
            return;
        }
        preg_match_all('/(*ANYCRLF)^[ \t]*from[ \t]+([\w.]+)[ \t]+import[ \t]+(\([^()]*\)|[^\r\n#;]+)/m', $text, $rows, \PREG_SET_ORDER);
        foreach ($rows as [, $module, $names]) {
            foreach (explode(',', trim($names, '() ')) as $name) {
                if (1 === preg_match('/^\s*(\w+)(?:\s+as\s+(\w+))?\s*$/D', $name, $match)) {
                    $this->members["$module.$match[1]"] = $match[2] ?? $match[1];
                }
            }
        }
        preg_match_all('/(*ANYCRLF)^[ \t]*import[ \t]+([^\r\n#;]+)/m', $text, $rows);
        foreach (explode(',', implode(',', $rows[1])) as $name) {
            if (1 === preg_match('/^\s*(\w+)\s+as\s+(\w+)\s*$/D', $name, $match)) {
                $this->modules[$match[1]] = $match[2];
            }
        }
    }

    /** A printed line as the text would say it. */
    public function in(string $line): string
    {
        if ([] === $this->members && [] === $this->modules) {
            return $line;
        }
        $said = '';
        $tokens = $this->language->tokens($line);
        for ($at = 0; isset($tokens[$at]); ++$at) {
            $module = $tokens[$at]->text;
            $isOfModule = TokenKind::Name === $tokens[$at]->kind && '.' === ($tokens[$at + 1]->text ?? '') && '.' !== ($tokens[$at - 1]->text ?? '');
            $member = $isOfModule ? $this->members[$module.'.'.($tokens[$at + 2]->text ?? '')] ?? null : null;
            $said .= $member ?? ($isOfModule ? $this->modules[$module] ?? $module : $module);
            $at += null === $member ? 0 : 2;
        }

        return $said;
    }
}
